"""What a pack costs: CPU, wall and bytes beside one ffmpeg command line for each file, in one run on one input.

    .venv/bin/python -m bench.pack [--sections 16] [--folder DIR]

The demo's front take at 1080p is cut into so many eights, each mirrored at 100, 75 and 50 %, with the counts drawn over.
The peer does the same for each file by itself: seek, hflip, one overlay, setpts, atempo; the same codec, preset, quality
and distance of key frames, at the film's rate. Then the pack is written again unchanged, and with one clip changed. Memory is that of the writing process, at
its most.
"""

from __future__ import annotations

import argparse
import json
import os
import shutil
import subprocess
import sys
import tempfile
import time
from dataclasses import replace
from fractions import Fraction
from pathlib import Path

SPEEDS = (Fraction(1), Fraction(3, 4), Fraction(1, 2))


def cost(command: list[str]) -> tuple[float, float, float]:
    """CPU seconds, wall seconds and the most memory in MB of a command and all it starts."""
    start = time.perf_counter()
    quiet = subprocess.DEVNULL
    child = subprocess.Popen(command, stdin=quiet, stdout=quiet, stderr=quiet)
    _, status, used = os.wait4(child.pid, 0)
    wall = time.perf_counter() - start
    # A pack with something to check ends with 1.
    assert os.waitstatus_to_exitcode(status) in (0, 1), command
    return used.ru_utime + used.ru_stime, wall, used.ru_maxrss / 1024


def prepared(folder: Path, sections: int) -> tuple[Path, Path, Path]:
    """A project of one 1080p film without a dance, whose clips are its eights; the film and the song."""
    from vamos.core.document.files import save
    from vamos.core.edit.clips import choose
    from vamos.core.make import make_project
    from vamos.core.model.clip import Choice, RunThrough
    from vamos.core.plan.clips import plan_clips
    from vamos.demo.build import SONG, default_folder, make_demo

    demo = make_demo(default_folder()).parent
    film, song = folder / "front.mp4", folder / "song.wav"
    shutil.copyfile(demo / SONG, song)
    scale = ["-vf", "scale=1920:1080:flags=bicubic", "-c:v", "libx264", "-preset", "veryfast", "-crf", "18"]
    subprocess.run(["ffmpeg", "-v", "error", "-y", "-i", demo / "front.mp4", *scale, "-c:a", "copy", film], check=True)
    project, problems = make_project(song, [film], folder)
    assert not problems, problems
    for clip in plan_clips(project)[sections:]:
        project = choose(project, Choice(clip.key, left_out=True))
    project = replace(project, output=replace(project.output, speeds=SPEEDS, run_through=RunThrough(wanted=False)))
    save(project, folder / "bench.vamos")
    return folder / "bench.vamos", film, song


def peers(pack: Path, project: Path, film: Path, song: Path, out: Path) -> tuple[float, float]:
    """CPU and wall of one ffmpeg command line for each file of a pack."""
    from vamos.core.document.files import load
    from vamos.core.model.clip import Quality
    from vamos.core.pack.timeline import read_sources
    from vamos.core.render.encode import CRF

    plate = out / "plate.png"
    make = ["ffmpeg", "-v", "error", "-y", "-f", "lavfi", "-i", "color=c=black:s=288x288", "-frames:v", "1", plate]
    subprocess.run(make, check=True)
    the_pass = load(project).takes[0].passes[0]
    sources, cpu, wall = read_sources(pack), 0.0, 0.0
    for entry in json.loads((pack / "manifest.json").read_text())["clips"]:
        start, speed, length = float(sources[entry["file"]].clock(0.0)), entry["speed"], entry["duration_s"]
        video = f"[0:v]setpts=(PTS-STARTPTS)/{speed},fps=30,hflip[v];[v][2:v]overlay=1560:720[o]"
        sound = f"[1:a]atempo={speed}[a]"
        cut = ["-t", f"{length * speed}"]
        took = cost(
            [
                "ffmpeg",
                "-v",
                "error",
                "-y",
                "-ss",
                f"{start}",
                *cut,
                "-i",
                str(film),
                "-ss",
                f"{the_pass.clock(start)}",
                *cut,
                "-i",
                str(song),
                "-i",
                str(plate),
                "-filter_complex",
                f"{video};{sound}",
                "-map",
                "[o]",
                "-map",
                "[a]",
                "-c:v",
                "libx264",
                "-preset",
                "veryfast",
                "-crf",
                CRF[Quality.PHONE],
                "-profile:v",
                "high",
                "-g",
                "60",
                "-c:a",
                "aac",
                "-b:a",
                "160k",
                "-movflags",
                "+faststart",
                str(out / Path(entry["file"]).name),
            ]
        )
        cpu, wall = cpu + took[0], wall + took[1]
    return cpu, wall


def main() -> None:
    parser = argparse.ArgumentParser()
    parser.add_argument("--sections", type=int, default=16)
    parser.add_argument("--folder", type=Path, help="where to work; a new temporary one without it")
    arguments = parser.parse_args()
    with tempfile.TemporaryDirectory(prefix="vamos-bench-pack-", dir=arguments.folder) as name:
        folder = Path(name)
        project, film, song = prepared(folder, arguments.sections)
        pack = folder / "pack"
        command = [sys.executable, "-m", "vamos.cli", "--quiet", "pack", str(project), "--out", str(pack)]
        whole = cost(command)
        clips = json.loads((pack / "manifest.json").read_text())["clips"]
        seconds = sum(c["duration_s"] for c in clips)
        (folder / "peer").mkdir()
        peer = peers(pack, project, film, song, folder / "peer")
        again = cost(command)
        changed(project)
        one = cost(command)
        print(f"{len(clips)} files of {clips[0]['width']} × {clips[0]['height']}, {seconds:.0f} s of film")
        for title, (cpu, wall, most) in (("pack", whole), ("again", again), ("one clip changed", one)):
            print(
                f"{title:18s} {cpu:6.1f} s of CPU, {wall:6.1f} s; beside the peer: CPU × {cpu / peer[0]:.3f}, "
                f"wall × {wall / peer[1]:.3f}; at most {most:.0f} MB"
            )
        print(f"{'one ffmpeg a file':18s} {peer[0]:6.1f} s of CPU, {peer[1]:6.1f} s")
        sizes = [sum(p.stat().st_size for p in d.glob("*.mp4")) / 1e6 for d in (pack / "clips", folder / "peer")]
        print(f"{'bytes':18s} {sizes[0]:.1f} MB beside {sizes[1]:.1f} MB: × {sizes[0] / sizes[1]:.3f}")
        check = cost([sys.executable, "-m", "vamos.cli", "--quiet", "verify", str(pack)])
        print(
            f"{'verify':18s} {check[0]:6.1f} s of CPU, × {check[0] / whole[0]:.3f} of writing; at most {check[2]:.0f} MB"
        )


def changed(path: Path) -> None:
    """One clip gets a count more of run-out."""
    from vamos.core.document.files import load, save
    from vamos.core.edit.clips import choose
    from vamos.core.model.clip import Choice
    from vamos.core.plan.clips import plan_clips

    project = load(path)
    clip = plan_clips(project)[0]
    save(choose(project, Choice(clip.key, run_out=clip.run_out + 1)), path)


if __name__ == "__main__":
    main()
