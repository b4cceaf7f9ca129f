"""Damaged files, as many as wished: none may end in a fault, hang, or be changed.

.venv/bin/python tools/fuzz.py [COUNT] [SEED]

Songs, films, sheets, projects and packs of the demo, and what Vamos keeps beside them (profiles, locks, caches), are
cut, filled, overwritten and mixed; each is given to the command that reads it. Exit status 0 to 2 is fine; 3 is a fault
of Vamos, which is kept in a folder that is named at the end.
"""

from __future__ import annotations

import os
import random
import resource
import shutil
import signal
import subprocess
import sys
import tempfile
import traceback
from dataclasses import replace
from pathlib import Path

from vamos.cli.main import run as command
from vamos.core.document import lock
from vamos.core.document.files import load, save
from vamos.core.edit.clips import choose
from vamos.core.media import cache
from vamos.core.model.clip import Choice, RunThrough
from vamos.core.model.project import Output
from vamos.core.plan.clips import plan_clips
from vamos.core.plan.own_profiles import keep_profile, profiles_file
from vamos.demo.build import SONG, default_folder, make_demo

#: Seconds of work (looking for movement anew behind a damaged cache takes 20), and of waiting on a busy machine.
LONGEST_S, WAITED_S = 60, 600


def damaged(data: bytes, rng: random.Random) -> bytes:
    """Bytes with something done to them that disks, networks and people do."""
    out = bytearray(data)
    for _ in range(rng.randint(1, 4)):
        at = rng.randrange(len(out)) if out else 0
        size = rng.choice((1, 4, 64, 4096))
        what = rng.randrange(5)
        if what == 0:
            del out[at:]
        elif what == 1:
            out[at : at + size] = bytes(rng.randrange(256) for _ in range(min(size, len(out) - at)))
        elif what == 2:
            out[at : at + size] = bytes(min(size, len(out) - at))
        elif what == 3:
            out[at:at] = out[max(0, at - size) : at]
        else:
            del out[at : at + size]
    return bytes(out)


def sources(folder: Path) -> list[tuple[Path, list[str]]]:
    """Files of the demo, made short, and the command that reads each when its path is put behind it."""
    project = make_demo(default_folder())
    short = ["-v", "error", "-y", "-t", "8"]
    song, film, other = folder / "song.mp3", folder / "film.mp4", folder / "film.mkv"
    subprocess.run(["ffmpeg", *short, "-i", project.parent / SONG, song], check=True)
    subprocess.run(["ffmpeg", *short, "-i", project.parent / "back.mp4", "-vf", "scale=160:-2", film], check=True)
    subprocess.run(["ffmpeg", *short, "-i", film, "-c", "copy", other], check=True)
    found: list[tuple[Path, list[str]]] = [(song, ["grid"]), (film, ["place", "--song", str(song)])]
    found.append((other, ["place", "--song", str(song)]))
    for suffix in ("csv", "json", "md"):
        sheet = folder / f"sheet.{suffix}"
        tried(["sheet", str(project), "--to", str(sheet)], folder / "told")
        found.append((sheet, ["dance"]))
    shutil.copy(project, folder / "p.vamos")
    lines = folder / "sheet.txt"
    lines.write_text("Lantern walk\n32 counts, 4 walls\n1-4 vine R, touch L\n5-8 vine L, touch R\nRestart on wall 3\n")
    return [*found, (lines, ["dance"]), (folder / "p.vamos", ["clips"])]


def little(folder: Path) -> Path:
    """The demo with one take and two clips, so that its pack is soon written."""
    project, path = load(make_demo(folder)), folder / "little.vamos"
    project = replace(project, takes=project.takes[:1])
    for clip in plan_clips(project)[2:]:
        project = choose(project, Choice(clip.key, left_out=True))
    save(replace(project, output=replace(project.output, run_through=RunThrough(wanted=False))), path)
    return path


def kept_beside(folder: Path) -> list[tuple[Path, list[str]]]:
    """Files that are damaged where they lie, and the command that comes upon them there."""
    pack, project = folder / "pack", little(default_folder())
    vamos = [sys.executable, "-m", "vamos.cli", "--quiet"]
    options = ["--size", "160", "--profile", "page"]
    subprocess.run([*vamos, "pack", project, "--out", pack, *options], stderr=subprocess.DEVNULL, check=False)
    page = folder / "one.html"
    tried(["page", str(pack), "--to", str(page)], folder / "told")
    inside = [pack / n for n in ("manifest.json", "practise.html", "clips.otio", "summary.txt", "chapters.txt")]
    inside += sorted((pack / "sound").iterdir())[:1] + sorted((pack / "captions").iterdir())[:1]
    inside += sorted((pack / "clips").iterdir())[:1]
    found = [(path, ["verify", str(pack)]) for path in inside if path.is_file()]
    found.append((page, ["verify", str(page)]))
    keep_profile("mine", Output())
    found.append((profiles_file(), ["pack", str(project), "--profile", "mine", "--estimate"]))
    lock.hold(project)
    found.append((lock.place(project), ["song", str(project), "--title", "x"]))
    tried(["movement", str(project)], folder / "told")
    for kind in sorted(k for k in cache.folder().iterdir() if k.is_dir()):
        found += [(path, ["movement", str(project)]) for path in sorted(kind.iterdir())[:1]]
    return found


def run_vamos(arguments: list[str]) -> int:
    """The command in this process; its exit status."""
    try:
        return command(["--quiet", *arguments])
    except SystemExit as left:
        return int(left.code or 0)


def tried(arguments: list[str], told: Path) -> str:
    """Run the command in a process of its own, forked so that nothing is imported again; what is wrong, or nothing."""
    child = os.fork()
    if child == 0:
        where = os.open(told, os.O_WRONLY | os.O_CREAT | os.O_TRUNC)
        for stream in (1, 2):
            os.dup2(where, stream)
        resource.setrlimit(resource.RLIMIT_CPU, (LONGEST_S, LONGEST_S))
        signal.alarm(WAITED_S)
        status = 9
        try:
            status = run_vamos(arguments)
        except BaseException:
            traceback.print_exc()
        finally:
            sys.stdout.flush()
            sys.stderr.flush()
            os._exit(status)
    _, ended = os.waitpid(child, 0)
    words = told.read_text(errors="replace")
    if os.WIFSIGNALED(ended):
        late = os.WTERMSIG(ended) in (signal.SIGALRM, signal.SIGXCPU, signal.SIGKILL)
        return f"longer than {LONGEST_S} s" if late else f"ended by signal {os.WTERMSIG(ended)}"
    return words[-600:] if os.WEXITSTATUS(ended) not in (0, 1, 2) or "Traceback" in words else ""


def main(count: int, seed: int) -> int:
    rng = random.Random(seed)
    kept = Path(tempfile.mkdtemp(prefix="vamos-fuzz-"))
    bad = 0
    with tempfile.TemporaryDirectory() as name:
        folder = Path(name)
        for kind in ("CONFIG", "CACHE", "DATA"):
            os.environ[f"XDG_{kind}_HOME"] = str(folder / kind.lower())
        files, beside = sources(folder), kept_beside(folder)
        for number in range(count):
            inside = number % 4 == 3
            source, asked = beside[number // 4 % len(beside)] if inside else files[number % len(files)]
            whole = source.read_bytes()
            data = damaged(whole, rng)
            path = source if inside else folder / f"damaged{source.suffix}"
            path.write_bytes(data)
            words = tried(asked if inside else [*asked, str(path)], folder / "told")
            if not inside and path.read_bytes() != data:
                words = "the file was changed"
            if words:
                bad += 1
                (kept / f"{number}{source.suffix}").write_bytes(data)
                print(f"{number} {source.name}: {words}", flush=True)
            if inside:
                source.write_bytes(whole)
            if number % 200 == 199:
                print(f"{number + 1} tried", flush=True)
    print(f"{count} files, {bad} faults" + (f", kept in {kept}" if bad else ""))
    if not bad:
        kept.rmdir()
    return 1 if bad else 0


if __name__ == "__main__":
    numbers = [int(a) for a in sys.argv[1:3]]
    sys.exit(main(*numbers, *(200, 1)[len(numbers) :]))
