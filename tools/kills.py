"""Kills in the middle of the work, as many as wished: nothing may be lost, nothing half-written may be taken for whole.

.venv/bin/python tools/kills.py [COUNT] [SEED]

In turn, a pack is written over an earlier one, and a project is saved again and again; the process is ended by SIGKILL
at a random moment. After each: the pack in its place is whole (every checksum), the project can be read and is one that
was saved. At the end one undisturbed run clears away what the killed ones left. Exit status 1 when anything was lost.
"""

from __future__ import annotations

import os
import random
import shutil
import signal
import subprocess
import sys
import tempfile
import time
from dataclasses import replace
from fractions import Fraction
from pathlib import Path

from vamos.core.document.files import load, save
from vamos.core.edit.clips import choose
from vamos.core.model.clip import Choice, RunThrough
from vamos.core.pack.manifest import checksum, read_manifest
from vamos.core.plan.clips import plan_clips
from vamos.demo.build import default_folder, make_demo
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


def little_project(folder: Path) -> Path:
    """The demo with three small clips; which ones are mirrored changes with each run, so that there is work."""
    demo = make_demo(default_folder())
    for file in demo.parent.iterdir():
        if file.is_file() and file != demo:
            os.symlink(file, folder / file.name)
    project = load(demo)
    for clip in plan_clips(project)[3:]:
        project = choose(project, Choice(clip.key, left_out=True))
    output = replace(project.output, speeds=(Fraction(1),), longest_side=160, run_through=RunThrough(wanted=False))
    save(replace(project, output=output), folder / "little.vamos")
    return folder / "little.vamos"


def killed(command: list[str], rng: random.Random, longest_s: float) -> None:
    """Start a command and end it without a word at a random moment."""
    process = subprocess.Popen(command, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL, start_new_session=True)
    time.sleep(rng.uniform(0, longest_s))
    os.killpg(process.pid, signal.SIGKILL)
    process.wait()


def whole(pack: Path) -> str:
    """What is wrong with a pack; nothing for a whole one."""
    try:
        manifest = read_manifest(pack)
    except VamosError as error:
        return str(error)
    wrong = [e.file for e in (*manifest.clips, *manifest.files) if checksum(pack / e.file) != e.sha256]
    return f"changed or missing: {', '.join(wrong)}" if wrong else ""


def main() -> int:
    count = int(sys.argv[1]) if len(sys.argv) > 1 else 50
    rng = random.Random(int(sys.argv[2]) if len(sys.argv) > 2 else time.time_ns())
    folder = Path(tempfile.mkdtemp(prefix="vamos-kills-"))
    project = little_project(folder)
    pack, lost = folder / "pack", []
    write = [sys.executable, "-m", "vamos.cli", "--quiet", "pack", str(project), "--out", str(pack)]
    start = time.monotonic()
    subprocess.run(write, check=True, stdout=subprocess.DEVNULL)
    longest = time.monotonic() - start
    for number in range(count):
        if number % 2:
            found = load(project)
            save(replace(found, output=replace(found.output, longest_side=150 + 2 * (number % 20))), project)
            killed(write, rng, 1.1 * longest)
            if words := whole(pack):
                lost.append(f"kill {number}: {words}")
        else:
            killed([sys.executable, "-c", SAVES, str(project)], rng, 2.0)
            try:
                load(project)
            except VamosError as error:
                lost.append(f"kill {number}: {error}")
    subprocess.run(write, check=True, stdout=subprocess.DEVNULL)
    save(load(project), project)
    left = [p.name for p in folder.iterdir() if p.name.startswith(".")]
    print(f"{count} kills, {len(lost)} losses; left of killed runs after one undisturbed run: {len(left)}")
    print("\n".join([*lost, *left]))
    if not lost and not left:
        shutil.rmtree(folder)
        return 0
    print(f"kept: {folder}")
    return 1


if __name__ == "__main__":
    sys.exit(main())
