"""``vamos song``: what is known of a project's song, its title, what is used of it, where it stops."""

from __future__ import annotations

import argparse
from dataclasses import replace
from pathlib import Path
from typing import Any

from vamos.cli.commands import grid_data
from vamos.cli.files import change, load, may_write, write_file, write_json
from vamos.cli.progress import Terminal
from vamos.core.dance.sung import place_said, sung_at
from vamos.core.edit.song import set_title, set_used, song_of
from vamos.core.edit.stops import mark_stop, set_stop
from vamos.core.edit.sung import clear_sung, set_sung, start_on, sung_called
from vamos.core.grid.said import stops_said
from vamos.core.media.sound import wav_bytes
from vamos.core.model.project import Project
from vamos.core.model.song import Grid, Sung
from vamos.core.open_document.facts import Facts
from vamos.core.render.click_track import around, click_track
from vamos.core.time import as_count
from vamos.core.time.counts import parts_of, seconds_of, time_text
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


def add_song(sub: argparse.ArgumentParser) -> None:
    """Its arguments."""
    sub.add_argument("project", type=Path)
    sub.add_argument("--title", metavar="WORDS", help=tr("what the song is called where students read it"))
    sub.add_argument("--from", dest="start", metavar="TIME", help=tr("use the song from here on, such as 0:07.5"))
    sub.add_argument("--to", dest="end", metavar="TIME", help=tr("use the song up to here; 0 is to its end"))
    sub.add_argument("--fade", metavar="SECONDS", help=tr("fade it out over so many seconds"))
    sub.add_argument(
        "--stop",
        nargs=3,
        action="append",
        default=[],
        metavar=("COUNT", "COUNTS", "BEATS"),
        help=tr("the music stops from COUNT on (0 is the first danced), COUNTS are danced, it lasts BEATS, such as 2½"),
    )
    sub.add_argument(
        "--word",
        nargs=2,
        action="append",
        default=[],
        metavar=("TIME", "WORDS"),
        help=tr("a word or sound is heard at TIME, such as 0:31.25 “lantern”"),
    )
    sub.add_argument("--no-word", action="append", default=[], metavar="WORDS", help=tr("take this word or sound away"))
    sub.add_argument("--start-on", metavar="WORDS", help=tr("the dance starts on this word or sound"))
    sub.add_argument(
        "--clicks", type=Path, metavar="FILE", help=tr("write the song with clicks, higher on its words, as .wav")
    )
    sub.add_argument("--no-music", action="store_true", help=tr("clicks alone, without the song"))
    sub.add_argument(
        "--around", nargs=2, metavar=("WORDS", "FILE"), help=tr("write three seconds around a word or sound, as .wav")
    )


def song(arguments: argparse.Namespace, _terminal: Terminal) -> int:
    """Change what is asked for, then say what is known."""
    path = arguments.project
    wished = any(x is not None for x in (arguments.title, arguments.start, arguments.end, arguments.fade))
    asked = wished or arguments.stop or arguments.word or arguments.no_word or arguments.start_on
    project = change(path, lambda p: _changed(p, arguments)) if asked else load(path)
    _write_sounds(project, arguments)
    data = song_data(project)
    if arguments.json:
        write_json(arguments.json, data)
        return 0
    for line in _said(project, data):
        print(line)
    return 0


def _changed(project: Project, arguments: argparse.Namespace) -> Project:
    if arguments.title is not None:
        project = set_title(project, arguments.title)
    used = song_of(project).used
    for name, text in (("start_s", arguments.start), ("end_s", arguments.end), ("fade_s", arguments.fade)):
        if text is not None:
            used = replace(used, **{name: seconds_of(text)})
    project = set_used(project, used)
    for position, counts, beats in arguments.stop:
        at = as_count(position)
        if not counts.isdecimal():
            raise InputError(tr("“{value}” is not a whole number of counts.", value=counts))
        if all(s.position != at for s in (project.grid.breaks if project.grid else ())):
            project = mark_stop(project, at, max(1, int(counts)))
        project = set_stop(project, at, int(counts), parts_of(beats))
    for words in arguments.no_word:
        project = clear_sung(project, sung_called(project, words))
    for time, words in arguments.word:
        project = set_sung(project, seconds_of(time), words)
    if arguments.start_on:
        project = start_on(project, sung_called(project, arguments.start_on))
    return project


def _write_sounds(project: Project, arguments: argparse.Namespace) -> None:
    """The click track, and what is around a word, that were asked for."""
    base, found = arguments.project.parent, song_of(project)
    if arguments.clicks:
        may_write(arguments.clicks)
        track = click_track(found, Facts(project).lines, base, music=not arguments.no_music)
        write_file(arguments.clicks, wav_bytes(track))
    if arguments.around:
        words, path = arguments.around
        write_file(Path(path), wav_bytes(around(found, sung_called(project, words), base)))


def song_data(project: Project) -> dict[str, Any]:
    """A project's song as the command line gives it; all times in song seconds."""
    found, grid = song_of(project), project.grid
    return {
        "title": found.title,
        "length_s": found.media.duration_s,
        "used": {
            "start_s": found.used.start_s,
            "end_s": found.used.end_s or found.media.duration_s,
            "fade_s": found.used.fade_s,
        },
        "count_1_s": None if grid is None else grid.time_map()(0),
        "grid": None if grid is None else grid_data(grid),
        "sung": [_sung_data(s, grid) for s in found.sung],
    }


def _sung_data(sung: Sung, grid: Grid | None) -> dict[str, Any]:
    """A word with its second; the count nearest to it, and how many counts later it is heard."""
    at = None if grid is None else sung_at(grid, sung)
    return {
        "song_s": sung.song_s,
        "words": sung.words,
        "position": None if at is None else float(at.position),
        "late": None if at is None else round(at.late, 3),
    }


def _said(project: Project, data: dict[str, Any]) -> list[str]:
    used, grid = data["used"], project.grid
    out = [data["title"] or tr("Song without a title")]
    out.append(
        tr(
            "Used from {start} to {end}, of {length}.",
            start=time_text(used["start_s"]),
            end=time_text(used["end_s"]),
            length=time_text(data["length_s"]),
        )
    )
    if used["fade_s"]:
        out.append(tr("Fades out over {seconds:g} s.", seconds=used["fade_s"]))
    if grid is not None:
        out.append(
            tr(
                "{bpm:.1f} a minute; count 1 after {lead_in} counts, at {time}.",
                bpm=grid.bpm(),
                lead_in=grid.lead_in,
                time=time_text(data["count_1_s"]),
            )
        )
        out += stops_said(grid)
        lines = Facts(project).lines
        out += [
            f"{time_text(s.song_s)} “{s.words}”: {place_said(sung_at(grid, s), lines)}." for s in song_of(project).sung
        ]
    return out
