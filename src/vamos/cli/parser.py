"""The command line's words: subcommands, their arguments and help."""

from __future__ import annotations

import argparse
from collections.abc import Callable
from pathlib import Path

from vamos import __version__
from vamos.cli import commands, footage, lessons, serving, song
from vamos.cli.output import add_output
from vamos.wording import words_of

tr = words_of(__name__)


def parser() -> argparse.ArgumentParser:
    """All subcommands with their help."""
    top = argparse.ArgumentParser(
        prog="vamos",
        description=tr("Dance tutorials from a song and phone footage."),
        epilog=tr("Exit status: 0 done, 1 finished with problems that are listed, 2 cannot."),
    )
    top.add_argument("--version", action="version", version=f"Vamos {__version__}")
    top.add_argument("--quiet", action="store_true", help=tr("no progress on standard error"))
    subs = top.add_subparsers(dest="command", metavar="COMMAND")

    def add(name: str, run: Callable[..., int], text: str) -> argparse.ArgumentParser:
        sub = subs.add_parser(name, help=text, description=text)
        sub.set_defaults(run=run)
        return sub

    sub = add("desktop", commands.desktop, tr("put Vamos into the desktop’s menu; projects open with it"))
    sub.add_argument("--remove", action="store_true", help=tr("take it out again"))
    sub.add_argument("--share", type=Path, help=tr("the share folder; yours (~/.local/share) without it"))
    sub = add("open", commands.open_project, tr("open the window, with files or what was open last"))
    sub.add_argument("files", type=Path, nargs="*", metavar="FILE")
    sub = add("demo", commands.demo, tr("make the demo project, then open it"))
    sub.add_argument("folder", type=Path, nargs="?", help=tr("where to make it"))
    sub.add_argument("--no-window", action="store_true", help=tr("only make it and say where it is"))
    sub.add_argument(
        "--remake", action="store_true", help=tr("film its takes and play its song anew instead of copying")
    )
    sub.add_argument("--pack", type=Path, metavar="DIR", help=tr("write the demo's pack there as well, and verify it"))
    _of_song_and_dance(add)
    _of_the_main_job(add)
    _of_clips_and_packs(add)
    return top


Add = Callable[[str, Callable[..., int], str], argparse.ArgumentParser]


def _of_song_and_dance(add: Add) -> None:
    sub = add("grid", commands.grid, tr("find the beat grid of a song"))
    sub.add_argument("song", type=Path)
    sub.add_argument(
        "--to",
        type=Path,
        action="append",
        default=[],
        metavar="FILE",
        help=tr("write the beats as well, as .csv, .mid or .otio"),
    )
    _json(sub)
    sub = add("song", song.song, tr("what is known of a project’s song; its title, what is used of it, where it stops"))
    song.add_song(sub)
    _json(sub)
    sub = add("fit", commands.fit, tr("see how another song fits the dance of a project"))
    sub.add_argument("project", type=Path)
    sub.add_argument("song", type=Path)
    _json(sub)
    sub = add("dance", commands.dance, tr("read a count sheet and say all that follows from it"))
    sub.add_argument("sheet", type=Path, metavar="FILE", help=tr("a sheet as .csv, .json or .md, or a project"))
    sub.add_argument(
        "--words",
        metavar="WORDS",
        help=tr("short words of a project’s dance, such as “KBC = kick ball change, CS = coaster step”"),
    )
    _json(sub)
    sub = add("sheet", commands.sheet, tr("write the count sheet of a project or sheet"))
    sub.add_argument("sheet", type=Path, metavar="FILE", help=tr("a project, or a sheet as .csv, .json or .md"))
    sub.add_argument(
        "--to",
        type=Path,
        action="append",
        required=True,
        metavar="FILE",
        help=tr(".pdf, .md, .csv or .json; .svg is the wall map"),
    )


def _of_the_main_job(add: Add) -> None:
    sub = add("place", commands.place, tr("place takes on a song by their sound"))
    sub.add_argument("takes", type=Path, nargs="+", metavar="TAKE")
    sub.add_argument("--song", type=Path, required=True)
    _json(sub)
    sub = add("make", commands.make, tr("the whole main job: a pack from a song and takes, without questions"))
    sub.add_argument("song", type=Path)
    sub.add_argument("takes", type=Path, nargs="+", metavar="TAKE")
    sub.add_argument("--out", type=Path, required=True, metavar="DIR")
    sub.add_argument("--project", type=Path, metavar="FILE", help=tr("keep the project in this file as well"))
    add_output(sub)


def _of_clips_and_packs(add: Add) -> None:
    sub = add("clips", commands.clips, tr("list the clips that would be cut, with reasons and problems"))
    sub.add_argument("project", type=Path)
    sub.add_argument(
        "--own",
        nargs=3,
        metavar=("NAME", "FROM", "TO"),
        help=tr("first add a clip of your own to the project: counts from FROM up to TO, 0 is the first danced"),
    )
    sub.add_argument("--forget", metavar="NAME", help=tr("first take a clip of your own out of the project"))
    _json(sub)
    sub = add("shots", footage.shots, tr("what exists in which view, and what to film next"))
    sub.add_argument("project", type=Path)
    sub.add_argument("--to", type=Path, metavar="FILE", help=tr("write the list as .md or .csv"))
    sub.add_argument(
        "--leave-out", type=Path, metavar="FILE", help=tr("write what to leave out of the takes as .csv or .otio")
    )
    _json(sub)
    sub = add("lesson", lessons.lesson, tr("plan the lesson: steps, how often, how slow, how long, what to film"))
    lessons.add_lesson(sub)
    _json(sub)
    sub = add("find", lessons.find, tr("where something is danced, and which clips show it"))
    sub.add_argument("project", type=Path)
    sub.add_argument("words", nargs="+", help=tr("such as: half turn; 5&6; back view of the tag"))
    _json(sub)
    sub = add("framing", lessons.framing, tr("does the dancer stay in the picture: room, lens, travel, reach"))
    lessons.add_framing(sub)
    _json(sub)
    sub = add("filmed", lessons.filmed, tr("what was filmed when, and what is to be done again; it places takes"))
    lessons.add_filmed(sub)
    _json(sub)
    sub = add("movement", footage.movement, tr("look for holds danced through, late entries, hands out of the picture"))
    sub.add_argument("project", type=Path)
    _json(sub)
    sub = add("voice", footage.voice, tr("listen to the takes: where the voice says “one” over the song"))
    sub.add_argument("project", type=Path)
    sub.add_argument("--move", action="store_true", help=tr("move the 1 of the song to where it is said"))
    _json(sub)
    sub = add("sound", footage.sound, tr("listen to a take in a recording made beside it, and place it anew"))
    sub.add_argument("project", type=Path)
    sub.add_argument("take", help=tr("its name"))
    which = sub.add_mutually_exclusive_group(required=True)
    which.add_argument("recording", type=Path, nargs="?", help=tr("such as a voice memo of the same moment"))
    which.add_argument("--own", action="store_true", help=tr("the film’s own sound"))
    sub = add("split", footage.split, tr("treat what a film shows from a second on as a take of its own"))
    sub.add_argument("project", type=Path)
    sub.add_argument("take", help=tr("its name"))
    sub.add_argument("second", type=float)
    sub = add("pack", commands.pack, tr("write the pack of a project"))
    sub.add_argument("project", type=Path)
    where = sub.add_mutually_exclusive_group(required=True)
    where.add_argument("--out", type=Path, metavar="DIR")
    where.add_argument(
        "--estimate", action="store_true", help=tr("say how many files, how long and how large, write none")
    )
    add_output(sub)
    sub = add(
        "verify", commands.verify, tr("decode a pack and compare it with its list of files; or a page in one file")
    )
    sub.add_argument("folder", type=Path, metavar="DIR")
    _json(sub)
    sub = add("page", serving.page, tr("write the page of a pack as one file that holds its films"))
    sub.add_argument("folder", type=Path)
    sub.add_argument("--to", type=Path, required=True, metavar="FILE.html")
    sub.add_argument(
        "--section", action="append", default=[], metavar="NAME", help=tr("only this section; again for more")
    )
    sub = add("serve", serving.serve, tr("let phones in the same network watch a pack"))
    sub.add_argument("folder", type=Path)
    sub.add_argument("--port", type=int, default=0, help=tr("a port of this machine; 0 takes a free one"))
    sub.add_argument("--host", default="", help=tr("listen on this address of the machine only"))
    sub.add_argument("--minutes", type=float, default=0, help=tr("end by itself after so many minutes"))


def _json(sub: argparse.ArgumentParser) -> None:
    sub.add_argument("--json", metavar="FILE", help=tr("write the result as JSON; - is standard output"))
