"""How right songs are read, on music nothing was learned or fitted on, by class, beside librosa's tracker.

    .venv/bin/python -m bench.grid MUSIC [--part test] [--most N]

MUSIC is made by ``bench.music.corpus``: accompaniment in hundreds of grooves, scores and drum patterns, several sound
fonts, rooms and codecs; grooves and sound fonts of the part "test" are in no other part (``bench.music.split``).
Judged with mir_eval (C. Raffel et al., ISMIR 2014): F-measure (70 ms) and CMLt; octave: counted as fast as the truth;
meter, bar, line: at least six in ten of the bars and lines begun where they begin; start: the lead-in within a count;
error: median of signed and of absolute differences of matched beats, in ms.
"""

from __future__ import annotations

import argparse
import json
from collections.abc import Callable
from concurrent.futures import ProcessPoolExecutor
from fractions import Fraction
from pathlib import Path

import mir_eval
import numpy as np

from bench.learn.assemble import reliability
from bench.music.corpus import load
from vamos.core.grid.detect import grid_of
from vamos.core.model.song import Grid
from vamos.errors import MediaError

FIGURES = ("F", "CMLt", "octave", "meter", "bar", "line", "start")


def judged(grid: Grid, truth: dict) -> dict[str, float]:
    """All figures of one song."""
    times, place = np.array(truth["beats"]), np.array(truth["pos"])
    beats = np.array([a.song_s for a in grid.anchors])
    reference, estimated = mir_eval.beat.trim_beats(times, 3.0), mir_eval.beat.trim_beats(beats, 3.0)
    f = mir_eval.beat.f_measure(reference, estimated)
    continuity = mir_eval.beat.continuity(reference, estimated)
    nearest = np.abs(times[None] - beats[:, None]).argmin(axis=1)
    gaps = beats - times[nearest]
    near = np.abs(gaps) < 0.07
    line = int(truth["line"])

    def begins(of: int, mine: int) -> float:
        at = [
            k for k, a in enumerate(grid.anchors) if near[k] and (a.position - start_of(grid, a.position)) % mine == 0
        ]
        return float(np.mean([place[nearest[k]] % of == 0 for k in at])) if at else 0.0

    octave = float(f > 0.75 and abs(np.log2(grid.bpm() / truth["bpm"])) < 0.3)
    meter = float(grid.meter == truth["meter"])
    begin = int(truth["start"])
    started = abs(grid.time_map()(0) - times[begin]) < 0.6 * 60 / truth["bpm"] if begin >= 0 else np.nan
    return {
        "F": f,
        "CMLt": continuity[1],
        "octave": octave,
        "meter": meter,
        "bar": float(octave and meter and begins(truth["meter"], grid.meter) >= 0.6),
        "line": float(octave and meter and begins(line, grid.line) >= 0.6),
        "start": float(started),
        "bias": float(np.median(gaps[near]) * 1000) if near.any() else np.nan,
        "error": float(np.median(np.abs(gaps[near])) * 1000) if near.any() else np.nan,
        "sure": grid.confidence,
    }


def start_of(grid: Grid, position: Fraction) -> Fraction:
    """Where the lines a count belongs to are counted from."""
    part = grid.part_at(position)
    return part.position if part is not None else Fraction(0)


def one(path: Path) -> dict | None:
    truth = json.loads(path.with_suffix(".json").read_text())
    try:
        grid = grid_of(load(path), path)
    except MediaError:
        return None
    return judged(grid, truth) | {"truth": {k: truth[k] for k in ("bpm", "meter", "drums", "font", "groove", "oct_w")}}


CLASSES: dict[str, Callable[[dict], bool]] = {
    "all": lambda t: True,
    "octave undisputed": lambda t: t["oct_w"] == 1,
    "in three": lambda t: t["meter"] == 3,
    "in four": lambda t: t["meter"] == 4,
    "without drums": lambda t: not t["drums"],
    "under 80 a minute": lambda t: t["bpm"] < 80,
    "80 to 130": lambda t: 80 <= t["bpm"] < 130,
    "over 130": lambda t: t["bpm"] >= 130,
    "patterns of our own": lambda t: t["groove"].startswith("own"),
    "accompaniment library": lambda t: not t["groove"].startswith("own"),
}


def main() -> None:
    parser = argparse.ArgumentParser()
    parser.add_argument("music", type=Path)
    parser.add_argument("--part", default="test")
    parser.add_argument("--most", type=int, default=100000)
    args = parser.parse_args()
    chosen = [
        p.with_suffix(".npz")
        for p in sorted(args.music.glob("*.json"))
        if json.loads(p.read_text())["part"] == args.part and p.with_suffix(".npz").exists()
    ][: args.most]
    with ProcessPoolExecutor(2) as pool:
        rows = [r for r in pool.map(one, chosen, chunksize=8) if r is not None]
    print(f"{len(chosen)} songs, {len(chosen) - len(rows)} without a beat")
    print(f"{'':24}{'songs':>6}" + "".join(f"{n:>8}" for n in FIGURES) + f"{'bias':>8}{'error':>8}")
    for name, belongs in CLASSES.items():
        some = [r for r in rows if belongs(r["truth"])]
        if some:
            means = "".join(f"{np.nanmean([r[n] for r in some]):8.3f}" for n in FIGURES)
            late = "".join(f"{np.nanmedian([r[n] for r in some]):8.1f}" for n in ("bias", "error"))
            print(f"{name:24}{len(some):6}{means}{late}")
    sure = np.array([r["sure"] for r in rows])
    right = np.array([r["line"] for r in rows])
    print("how sure against how often octave, meter and line are right:")
    print("\n".join(reliability(sure, right)))


if __name__ == "__main__":
    main()
