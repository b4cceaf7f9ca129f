"""Songs that stop and songs that slow down: are the counts after it still right, and is the stop measured?

    .venv/bin/python -m bench.stops [--part test] [--songs 30] [--first 0]

Made songs (``bench.music``: grooves and sound fonts of the part "test" are in no other part). *stops*: after a count the
band is silent for ½ to 6 beats in quarters of a beat; *slows* and *quickens*: from one tempo evenly to another, as 110
to 72. Figures: share of true beats outside the stop with a count within 70 ms, before and after (mir_eval's window);
share counted at the true pace to the end; re-entries found within 0.3 beats, lengths right within an eighth of a beat
(a single beat of silence is a rest and not claimed); stops claimed where there is none ("none": the same songs untouched).
"""

from __future__ import annotations

import argparse
from concurrent.futures import ProcessPoolExecutor
from pathlib import Path

import numpy as np

from bench.music import song as made
from bench.music import synth
from bench.music.corpus import features
from bench.music.effects import effects
from bench.music.split import FONTS
from vamos.core.grid.detect import grid_of
from vamos.errors import MediaError

KINDS = ("stops", "slows", "quickens", "none")


def play(seed: int, kind: str, part: str) -> tuple[np.ndarray, np.ndarray, list[tuple[int, float]]]:
    """Samples at 22.05 kHz, seconds of all counts, and (count after which it stops, beats of silence)."""
    r = np.random.default_rng([seed, KINDS.index(kind)])
    score = made._own(part, r)
    made._add_tune(score, r)
    counts, _, _ = made._places(score)
    length = 55.0
    gaps = np.full(len(counts), 60 / score.bpm)
    stops: list[tuple[int, float]] = []
    if kind in ("slows", "quickens"):
        share = float(r.uniform(0.6, 0.8))
        whole = int(length * score.bpm / 60 * (1 + share) / 2)
        ramp = np.clip((np.arange(len(counts)) - whole // 8) / (whole * 0.75), 0, 1)
        gaps = 60 / (score.bpm * (1 - (1 - share) * (ramp if kind == "slows" else 1 - ramp)))
    if kind == "stops":
        bar = score.counts_a_bar
        first = int(r.integers(5, 8))
        for after in np.array([first, first + int(r.integers(3, 7))]) * bar + int(r.choice([0, 0, bar - 1, 2])):
            stops.append((int(after), float(r.integers(2, 25)) / 4))
    for after, beats in stops:
        gaps[after] += beats * 60 / score.bpm
    at = np.concatenate([[0], np.cumsum(gaps[:-1])]) + 0.3
    out: list = [(-1.0, "prog", c, p, 0) for c, p in score.programs]
    held = {a for a, _ in stops}
    for count, what, channel, a, b in score.events:
        where = int(np.floor(count + 0.02))
        if where in held and count > where + 0.2 and what == "on":
            continue
        if where in held:
            second = float(at[where] + (count - where) * 60 / score.bpm)
        else:
            second = float(np.interp(count, counts, at))
        level = int(np.clip(b, 8, 127)) if what == "on" else b
        out.append((max(second, -0.5), what, channel, a, level))
    for after in held:
        # The band breaks off.
        second = float(at[after] + 0.9 * 60 / score.bpm)
        out += [(second, "off", c, a, 0) for _, what, c, a, _ in list(out) if what == "on" and c != 9]
    order = {"prog": 0, "cc": 1, "bend": 2, "off": 3, "on": 4}
    out.sort(key=lambda e: (e[0], order[e[1]]))
    samples, _ = effects(synth.render(out, length, str(r.choice(FONTS[part]))), r)
    return samples, at[at < length - 0.3], [s for s in stops if at[min(s[0] + 8, len(at) - 1)] < length]


def one(job: tuple[int, str, str]) -> dict | None:
    seed, kind, part = job
    samples, at, stops = play(seed, kind, part)
    try:
        grid = grid_of(features(samples), Path("song"))
    except MediaError:
        return None
    beats = np.array([a.song_s for a in grid.anchors])
    period = np.median(np.diff(at))
    found = {float(b.position): b for b in grid.breaks}
    clock, back = grid.time_map(), grid.time_map().inverse()
    edge = at[stops[0][0]] + 0.1 if stops else at[len(at) // 2]
    near = np.abs(at[:, None] - beats[None]).min(axis=1) < 0.07
    trim = (at > 3) & (at < beats[-1])
    tail = (at > at[-1] - 12) & (at < beats[-1])
    per = (back(at[tail][-1]) - back(at[tail][0])) / (tail.sum() - 1) if tail.sum() > 2 else np.nan
    head = (at > 3) & (at < edge)
    per_head = (back(at[head][-1]) - back(at[head][0])) / (head.sum() - 1)
    measured = right = 0
    for after, silent in stops:
        again = at[after + 1]
        hits = [b for b in found.values() if abs(clock(float(b.position + b.counts)) - again) < 0.3 * period]
        measured += bool(hits)
        # A song may be counted at twice the pace: the stop is compared in seconds.
        off = (again - clock(float(hits[0].position - 1)) - (silent + 1) * period) if hits else period
        right += bool(abs(off) <= 0.125 * period)
    return {
        "kind": kind,
        "seed": seed,
        "before": float(near[trim & (at < edge)].mean()),
        "after": float(near[trim & (at > edge)].mean()),
        "pace": float(abs(np.log2(per / per_head)) < 0.2),
        "stops": len(stops),
        "found": measured,
        "right": right,
        "claimed": len(found),
        "bpm": 60 / period,
        "heard": grid.bpm(),
    }


def main() -> None:
    parser = argparse.ArgumentParser(description=(__doc__ or "").split("\n")[0])
    parser.add_argument("--part", default="test")
    parser.add_argument("--songs", type=int, default=30)
    parser.add_argument("--first", type=int, default=0)
    parser.add_argument("--kinds", nargs="*", default=KINDS)
    parser.add_argument("--all", action="store_true")
    arguments = parser.parse_args()
    last = arguments.first + arguments.songs
    jobs = [(seed, kind, arguments.part) for kind in arguments.kinds for seed in range(arguments.first, last)]
    with ProcessPoolExecutor() as pool:
        results = [r for r in pool.map(one, jobs) if r]
    for kind in arguments.kinds:
        rows = [r for r in results if r["kind"] == kind]
        for r in rows if arguments.all else ():
            print({k: round(v, 2) if isinstance(v, float) else v for k, v in r.items()})
        total = sum(r["stops"] for r in rows)
        print(
            f"{kind:9s} {len(rows):3d} songs  before {np.mean([r['before'] for r in rows]):.2f}"
            f"  after {np.mean([r['after'] for r in rows]):.2f}  pace kept {np.mean([r['pace'] for r in rows]):.2f}"
            f"  stops {total}: re-entry found {sum(r['found'] for r in rows)}, length right"
            f" {sum(r['right'] for r in rows)}, claimed {sum(r['claimed'] for r in rows)}"
        )


if __name__ == "__main__":
    main()
