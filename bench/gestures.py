"""How many gestures a song needs until it is counted right, on music nothing was learned or fitted on.

    .venv/bin/python -m bench.gestures MUSIC [--most N]

A gesture is one thing a teacher does in the window: one of the three other readings offered, "this count is a 1",
"the dance starts here", half or twice as fast (also two thirds, half again), tapping along for sixteen counts (each
tap 40 ms late, ± 15 ms). Right means beats F > 0.9 and lines begun where lines begin (mir_eval, 70 ms), and, where it is
known, the dance starting within a count. The fewest are looked for by trying all of them, then all pairs, with the
truth as the teacher's ear.
"""

from __future__ import annotations

import argparse
import json
from collections import Counter
from collections.abc import Iterator
from concurrent.futures import ProcessPoolExecutor
from fractions import Fraction
from pathlib import Path

import numpy as np

from bench.grid import judged
from bench.music.corpus import load
from vamos.core.edit import song as edit
from vamos.core.grid.detect import grid_of, tapped_grid
from vamos.core.grid.spectra import Spectra
from vamos.core.model.project import Project
from vamos.core.model.song import Grid, MediaRef, Song
from vamos.errors import VamosError

MOST = 2
FACTORS = (Fraction(1, 2), Fraction(2), Fraction(2, 3), Fraction(3, 2))


def right(grid: Grid, truth: dict) -> bool:
    found = judged(grid, truth)
    return bool(found["F"] > 0.9 and found["line"] and (np.isnan(found["start"]) or found["start"]))


def gestures(grid: Grid, truth: dict, spectra: Spectra, taps: bool) -> Iterator[tuple[str, Grid]]:
    """Every gesture worth trying and the grid after it."""
    project = Project(song=Song(MediaRef("x"), "x", grid))
    clock = grid.time_map().inverse()
    times, place = np.array(truth["beats"]), np.array(truth["pos"])
    begin = int(truth["start"])
    start = times[begin] if begin >= 0 else times[int(np.flatnonzero(place == 0)[0])]
    here = round(clock(start))
    tries = [(f"reading {k + 1}", lambda p, n=k: edit.use_reading(p, n)) for k in range(min(3, len(grid.readings)))]
    tries.append(("the dance starts here", lambda p: edit.move_the_one(p, here)))
    tries += [(f"count × {f}", lambda p, x=f: edit.rescale_counts(p, x)) for f in FACTORS]
    for name, change in tries:
        try:
            found = change(project).grid
        except VamosError:
            continue
        if found is not None:
            yield name, found
    if taps:
        rng = np.random.default_rng(1)
        first = max(0, begin)
        hand = times[first : first + 16] + 0.04 + rng.normal(0, 0.015, len(times[first : first + 16]))
        try:
            yield "tapping along", tapped_grid(spectra, hand)[0]
        except VamosError:
            return


def one(path: Path) -> tuple[str, int | None, tuple[str, ...]]:
    truth = json.loads(path.with_suffix(".json").read_text())
    spectra = load(path)
    try:
        grid = grid_of(spectra, path)
    except VamosError:
        return path.stem, None, ()
    if right(grid, truth):
        return path.stem, 0, ()
    states: list[tuple[tuple[str, ...], Grid]] = [((), grid)]
    for number in range(1, MOST + 1):
        found = [
            ((*done, name), g)
            for done, state in states
            for name, g in gestures(state, truth, spectra, taps=number == 1)
        ]
        good = [done for done, g in found if right(g, truth)]
        if good:
            return path.stem, number, good[0]
        states = found
    return path.stem, None, ()


def main() -> None:
    parser = argparse.ArgumentParser()
    parser.add_argument("music", type=Path)
    parser.add_argument("--most", type=int, default=100000)
    args = parser.parse_args()
    chosen = [p for p in sorted(args.music.glob("*.json")) if json.loads(p.read_text())["part"] == "test"]
    with ProcessPoolExecutor(2) as pool:
        rows = list(pool.map(one, [p.with_suffix(".npz") for p in chosen[: args.most]], chunksize=8))
    for number in (*range(MOST + 1), None):
        share = np.mean([n == number for _, n, _ in rows])
        print(f"{number if number is not None else 'more'}: {share:.3f} of {len(rows)}")
    print("first gesture that helps:", Counter(done[0] for _, n, done in rows if n).most_common())


if __name__ == "__main__":
    main()
