"""How often sides are claimed to be called where nobody calls any: the takes of bench.counted, none of which has one.

    .venv/bin/python -m bench.sides [tuning|unseen] [--count N]

Each take stands as it would in a project: on the counting that is found in it, or, where none is, on an even pulse.
"""

from __future__ import annotations

import argparse
from concurrent.futures import ProcessPoolExecutor

import numpy as np

from bench.counted import FOLDER, KINDS, Counted, make
from vamos.core.align.counted import countings_in
from vamos.core.align.sides import sides_in
from vamos.core.align.voice_rises import RATE
from vamos.core.media.sound import read_sound
from vamos.core.time import TimeMap, TimeRange


def one(task: tuple[Counted, str]) -> tuple[str, int]:
    """Kind of the take and how many sides were claimed."""
    path, _, _ = make(task)
    sound = read_sound(path, RATE).mono()
    passes = [
        (TimeRange(float(c.times_s[0]), float(c.times_s[-1])), TimeMap.through(c.times_s, np.arange(len(c.times_s)) - c.first))
        for c in countings_in(sound)
    ] or [(TimeRange(0.0, len(sound) / RATE), TimeMap.line(0.0, 0.0, 2.0))]  # fmt: skip
    return task[0].kind, len(sides_in(sound, passes))


def main() -> None:
    parser = argparse.ArgumentParser()
    parser.add_argument("part", nargs="?", default="unseen", choices=("tuning", "unseen"))
    parser.add_argument("--count", type=int, default=50)
    arguments = parser.parse_args()
    FOLDER.mkdir(parents=True, exist_ok=True)
    first = {"tuning": 10_000, "unseen": 20_000}[arguments.part]
    cases = [
        Counted(f"s-{arguments.part}-{k:02d}", KINDS[k % len(KINDS)], first + 500 + k) for k in range(arguments.count)
    ]
    with ProcessPoolExecutor(2) as pool:
        rows = list(pool.map(one, [(c, arguments.part) for c in cases]))
    for kind in KINDS:
        mine = [n for k, n in rows if k == kind]
        print(f"{kind:13s} takes {len(mine)}, with sides claimed {sum(n > 0 for n in mine)}, claims {sum(mine)}")
    print(f"claimed where none is called: {sum(n > 0 for _, n in rows)} of {len(rows)} takes")


if __name__ == "__main__":
    main()
