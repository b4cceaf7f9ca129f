"""How many gestures the beat grid needs until it is right, on the pieces detection gets wrong.

    .venv/bin/python -m bench.gestures [tuning|unseen|odd]

A gesture is one thing a teacher does in the window: "the dance starts here" on a count, half or
twice as fast (also two thirds, half again), half or twice as fast from a count on, a beat dragged
to its place, tapping along for sixteen counts (each tap 40 ms late, ± 15 ms). Right means beats
F > 0.97, starts of eights F > 0.9 (mir_eval, 70 ms) and the lead-in. The fewest gestures are looked
for by trying all of them, then all pairs, with the truth as the teacher's ear.
"""

from __future__ import annotations

import argparse
from collections.abc import Iterator
from concurrent.futures import ProcessPoolExecutor
from fractions import Fraction
from pathlib import Path

import numpy as np

from bench.grid import DEFAULT, eights_f, measure
from bench.scores import Piece, Truth, pieces, render
from vamos.core.model.song import Grid

MOST = 3


def right(grid: Grid, truth: Truth) -> tuple[bool, float]:
    beats = np.array([a.song_s for a in grid.anchors])
    eights = [a.song_s for a in grid.anchors if a.position % grid.line == 0]
    f, e = measure(beats, truth)["F"], eights_f(eights, truth)
    start = grid.time_map()(0)
    ear = truth.beats[truth.lead_in]
    starts = abs(start - ear) < 0.1
    return f > 0.97 and e > 0.9 and starts, f + e + starts


def gestures(grid: Grid, truth: Truth, wav: Path) -> Iterator[tuple[str, Grid]]:
    """Every gesture worth trying and the grid after it."""
    from vamos.core.edit import song as edit_song
    from vamos.core.grid.detect import grid_from_taps
    from vamos.core.model.project import Project
    from vamos.core.model.song import MediaRef, Song
    from vamos.core.time import CountRange
    from vamos.errors import VamosError

    project = Project(song=Song(MediaRef("x"), "x", grid))

    def after(edit) -> Grid | None:  # type: ignore[no-untyped-def]
        try:
            song = edit(project).song
        except VamosError:
            return None
        return song.grid

    clock = grid.time_map().inverse()
    start = truth.beats[truth.lead_in]
    here = round(clock(start))
    tries = [("the dance starts here", after(lambda p: edit_song.move_the_one(p, here)))]
    for factor in (Fraction(1, 2), Fraction(2), Fraction(2, 3), Fraction(3, 2)):
        tries.append((f"count × {factor}", after(lambda p, f=factor: edit_song.rescale_counts(p, f))))
    end = grid.range().end
    for eight in truth.eights[1:]:
        at = Fraction(round(clock(eight)))
        for factor in (Fraction(1, 2), Fraction(2)):
            if at < end:
                tries.append(
                    (
                        f"× {factor} from {at}",
                        after(lambda p, a=at, f=factor: edit_song.set_count_rate(p, CountRange(a, end), f)),
                    )
                )
    beats = np.array(truth.beats)
    rng = np.random.default_rng(1)
    for first, number in ((truth.lead_in, 16), (len(beats) // 2, 16), (0, len(beats))):
        taps = beats[first : first + number]
        if len(taps) >= 8:
            try:
                tapped, _ = grid_from_taps(wav, taps + 0.04 + rng.normal(0, 0.015, len(taps)))
            except VamosError:
                continue
            tries.append((f"tapped {number} counts from beat {first}", tapped))
    for eight in truth.eights:
        at = Fraction(round(clock(eight)))
        tries.append((f"drag {at}", after(lambda p, a=at, s=eight: edit_song.drag_beat(p, a, s))))
    yield from ((name, g) for name, g in tries if g is not None)


def one(task: tuple[Piece, Path]) -> tuple[str, int | None, list[str]]:
    from vamos.core.grid.detect import detect_grid

    piece, folder = task
    wav, truth = render(piece, folder)
    grid = detect_grid(wav)
    if right(grid, truth)[0]:
        return piece.name, 0, []
    states = [(right(grid, truth)[1], [], grid)]
    for number in range(1, MOST + 1):
        found = [
            (right(g, truth)[1], [*done, name], g, right(g, truth)[0])
            for _, done, state in states
            for name, g in gestures(state, truth, wav)
        ]
        good = [f for f in found if f[3]]
        if good:
            return piece.name, number, good[0][1]
        # The three most promising are tried further.
        states = [f[:3] for f in sorted(found, key=lambda f: -f[0])[:3]]
    return piece.name, None, states[0][1]


def main() -> None:
    parser = argparse.ArgumentParser()
    parser.add_argument("part", nargs="?", default="unseen", choices=("tuning", "unseen", "odd"))
    arguments = parser.parse_args()
    DEFAULT.mkdir(parents=True, exist_ok=True)
    with ProcessPoolExecutor(2) as pool:
        rows = list(pool.map(one, [(p, DEFAULT) for p in pieces(arguments.part)]))
    for name, number, done in rows:
        if number != 0:
            print(f"{name:22s} {number if number is not None else 'more than ' + str(MOST)}: {', '.join(done)}")
    for number in (0, 1, 2, 3, None):
        print(f"{number if number is not None else 'more'}: {sum(n == number for _, n, _ in rows)} of {len(rows)}")


if __name__ == "__main__":
    main()
