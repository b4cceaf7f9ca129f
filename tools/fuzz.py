"""Damaged files, as many as wished: none may end in a fault, hang, or be changed.

.venv/bin/python tools/fuzz.py [COUNT] [SEED]

Songs, films, sheets and projects of the demo are cut, filled, overwritten and mixed; each is given to the command that
reads it. Exit status 0 to 2 is fine; 3 is a fault of Vamos, which is kept in a folder that is named at the end.
"""

from __future__ import annotations

import random
import shutil
import subprocess
import sys
import tempfile
from pathlib import Path

from vamos.demo.build import default_folder, make_demo

ROOT = Path(__file__).resolve().parent.parent
LONGEST_S = 60


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
    """Files of the demo, made short, and the command that reads each."""
    project = make_demo(default_folder())
    short = ["-v", "error", "-y", "-t", "8"]
    song, film, other = folder / "song.mp3", folder / "film.mp4", folder / "film.mkv"
    subprocess.run(["ffmpeg", *short, "-i", project.parent / "lantern street.wav", song], check=True)
    subprocess.run(["ffmpeg", *short, "-i", project.parent / "back.mp4", "-vf", "scale=160:-2", film], check=True)
    subprocess.run(["ffmpeg", *short, "-i", film, "-c", "copy", other], check=True)
    vamos = [sys.executable, "-m", "vamos.cli", "--quiet"]
    found = [(song, [*vamos, "grid"]), (film, [*vamos, "place", "--song", str(song)])]
    found.append((other, [*vamos, "place", "--song", str(song)]))
    for suffix in ("csv", "json", "md"):
        sheet = folder / f"sheet.{suffix}"
        subprocess.run([*vamos, "sheet", project, "--to", sheet], check=True)
        found.append((sheet, [*vamos, "dance"]))
    shutil.copy(project, folder / "p.vamos")
    return [*found, (folder / "p.vamos", [*vamos, "clips"])]


def main(count: int, seed: int) -> int:
    rng = random.Random(seed)
    kept = Path(tempfile.mkdtemp(prefix="vamos-fuzz-"))
    bad = 0
    with tempfile.TemporaryDirectory() as folder:
        files = sources(Path(folder))
        for number in range(count):
            source, command = files[number % len(files)]
            path = Path(folder) / f"damaged{source.suffix}"
            data = damaged(source.read_bytes(), rng)
            path.write_bytes(data)
            try:
                run = subprocess.run(
                    [*command, path], capture_output=True, text=True, timeout=LONGEST_S, check=False, cwd=ROOT
                )
                words = run.stderr[-600:] if run.returncode not in (0, 1, 2) or "Traceback" in run.stderr else ""
            except subprocess.TimeoutExpired:
                words = f"longer than {LONGEST_S} s"
            if path.read_bytes() != data:
                words = "the file was changed"
            if words:
                bad += 1
                shutil.copy(path, kept / f"{number}{source.suffix}")
                print(f"{number}{source.suffix}: {words}", flush=True)
    print(f"{count} files, {bad} faults" + (f", kept in {kept}" if bad else ""))
    if not bad:
        kept.rmdir()
    return 1 if bad else 0


if __name__ == "__main__":
    numbers = [int(a) for a in sys.argv[1:3]]
    sys.exit(main(*numbers, *(200, 1)[len(numbers) :]))
