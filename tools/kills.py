"""Kills in the middle of the work, as many as wished: nothing may be lost, nothing half-written may be taken for whole.

.venv/bin/python tools/kills.py [COUNT] [SEED]

In turn, every work that writes: a pack, homework, the film of a lesson, saving, a take cut in two, another sound,
places, and what is kept of a song; the process is ended by SIGKILL at a random moment. After each, what is in its
place is whole (every checksum), the project can be read, JSON is there, all of it. At the end one undisturbed
run of each clears away what the killed ones left. Exit status 1 when anything was lost.
"""

from __future__ import annotations

import json
import os
import random
import shutil
import signal
import subprocess
import sys
import tempfile
import time
from collections import Counter
from collections.abc import Callable
from dataclasses import dataclass, replace
from fractions import Fraction
from pathlib import Path

from vamos.core.document.files import load, save
from vamos.core.edit.clips import choose
from vamos.core.model.clip import Choice, RunThrough
from vamos.core.pack.manifest import checksum, read_manifest
from vamos.core.plan.clips import plan_clips
from vamos.demo.build import SONG, default_folder, make_demo
from vamos.errors import VamosError

#: Saves a project with a growing name as fast as it can.
SAVES = """
import sys
from dataclasses import replace
from pathlib import Path
from vamos.core.document.files import load, save
path = Path(sys.argv[1]); project = load(path); number = 0
while True:
    number += 1
    save(replace(project, name=f"saved {number}"), path)
"""
TAKE = "front"


@dataclass(frozen=True)
class Work:
    """What is run and killed, what is done before it, and what must hold after it (words when it does not)."""

    name: str
    command: list[str]
    holds: Callable[[], str]
    before: Callable[[int], object] = lambda number: None
    #: Runs on until it is ended.
    endless: bool = False


def little_project(folder: Path) -> Path:
    """The demo with three small clips; what is written changes with each run, so that there is work."""
    demo = make_demo(default_folder())
    for file in demo.parent.iterdir():
        if file.is_file() and file != demo:
            os.symlink(file, folder / file.name)
    project = load(demo)
    for clip in plan_clips(project)[3:]:
        project = choose(project, Choice(clip.key, left_out=True))
    output = replace(project.output, speeds=(Fraction(1),), longest_side=160, run_through=RunThrough(wanted=False))
    short = replace(project.lesson, minutes=1.0)
    save(replace(project, output=output, lesson=short), folder / "little.vamos")
    return folder / "little.vamos"


def works(folder: Path, project: Path) -> list[Work]:
    """Every work that writes, on copies that lie beside each other."""
    original, edited = project.read_bytes(), folder / "edited.vamos"
    edited.write_bytes(original)
    heard, kept = folder / "places.json", folder / "cache"

    def vamos(*words: object) -> list[str]:
        return [sys.executable, "-m", "vamos.cli", "--quiet", *map(str, words)]

    def smaller(number: int) -> None:
        found = load(project)
        save(replace(found, output=replace(found.output, longest_side=150 + 2 * (number % 20))), project)

    def anew(_number: int) -> None:
        edited.write_bytes(original)

    def readable(path: Path) -> Callable[[], str]:
        return lambda: said(lambda: load(path))

    def films(name: str, *words: object) -> Work:
        return Work(name, vamos(*words, folder / name), lambda: whole(folder / name), smaller)

    song = folder / SONG
    cached = ["env", f"XDG_CACHE_HOME={kept}", *vamos("grid", song, "--json", folder / "grid.json")]
    return [
        films("pack", "pack", project, "--out"),
        Work("save", [sys.executable, "-c", SAVES, str(project)], readable(project), endless=True),
        films("homework", "lesson", project, "--homework"),
        Work("split", vamos("split", edited, TAKE, 8.5), readable(edited), anew),
        films("film", "lesson", project, "--film"),
        Work("sound", vamos("sound", edited, TAKE, folder / "back.mp4"), readable(edited), anew),
        Work("place", vamos("place", "--song", song, folder / "back.mp4", "--json", heard), lambda: parsed(heard)),
        Work("cache", cached, lambda: parsed(folder / "grid.json"), lambda _: shutil.rmtree(kept, ignore_errors=True)),
    ]


def said(read: Callable[[], object]) -> str:
    try:
        read()
    except VamosError as error:
        return str(error)
    return ""


def parsed(path: Path) -> str:
    """What is wrong with a JSON file that was there before the kill; nothing for a whole one."""
    try:
        json.loads(path.read_text(encoding="utf-8"))
    except (OSError, ValueError) as error:
        return f"{path.name}: {error}"
    return ""


def killed(command: list[str], rng: random.Random, longest_s: float) -> None:
    """Start a command and end it without a word at a random moment."""
    process = subprocess.Popen(command, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL, start_new_session=True)
    time.sleep(rng.uniform(0, longest_s))
    os.killpg(process.pid, signal.SIGKILL) if process.poll() is None else None
    process.wait()


def whole(pack: Path) -> str:
    """What is wrong with a pack that was there before the kill; nothing for a whole one."""
    try:
        manifest = read_manifest(pack)
    except VamosError as error:
        return str(error)
    wrong = [e.file for e in (*manifest.clips, *manifest.files) if checksum(pack / e.file) != e.sha256]
    return f"changed or missing: {', '.join(wrong)}" if wrong else ""


def undisturbed(work: Work) -> float:
    """Seconds of one run that nobody ends; 1 is fine, it says that something is to be looked at."""
    start = time.monotonic()
    done = subprocess.run(work.command, stdout=subprocess.DEVNULL, stderr=subprocess.PIPE, text=True)
    if done.returncode not in (0, 1):
        raise SystemExit(f"{work.name}: {done.stderr}")
    return time.monotonic() - start


def main() -> int:
    count = int(sys.argv[1]) if len(sys.argv) > 1 else 50
    rng = random.Random(int(sys.argv[2]) if len(sys.argv) > 2 else time.time_ns())
    folder = Path(tempfile.mkdtemp(prefix="vamos-kills-"))
    every = works(folder, little_project(folder))
    longest = {w.name: 2.0 if w.endless else undisturbed(w) for w in every}
    lost, done = [], Counter[str]()
    for number in range(count):
        work = every[number % len(every)]
        work.before(number)
        killed(work.command, rng, 1.1 * longest[work.name])
        done[work.name] += 1
        if words := work.holds():
            lost.append(f"kill {number}, {work.name}: {words}")
        if number % 20 == 19:
            print(f"{number + 1} kills, {len(lost)} losses so far", flush=True)
    for work in every:
        work.before(count)
        if not work.endless:
            undisturbed(work)
        if words := work.holds():
            lost.append(f"after all, {work.name}: {words}")
    save(load(folder / "little.vamos"), folder / "little.vamos")
    left = [str(p.relative_to(folder)) for p in folder.rglob(".*")]
    print(
        f"{count} kills ({', '.join(f'{n} {name}' for name, n in done.items())}), {len(lost)} losses; "
        f"left of killed runs after one undisturbed run of each: {len(left)}"
    )
    print("\n".join([*lost, *left]))
    if not lost and not left:
        shutil.rmtree(folder)
        return 0
    print(f"kept: {folder}")
    return 1


if __name__ == "__main__":
    sys.exit(main())
