"""Songs as they are learned from and judged: pulses with evidence and truth, made by :mod:`bench.learn.dataset`."""

from __future__ import annotations

import json
from dataclasses import dataclass
from pathlib import Path

import numpy as np

from vamos.core.grid.evidence import recurrence

#: A pulse is right with an F-measure and an unbroken share above these.
RIGHT_F, RIGHT_LONGEST = 0.75, 0.6


@dataclass
class Song:
    """Rows, places in the line, start and tempo of each pulse; ``right`` is the one that is counted, −1 for none."""

    name: str
    truth: dict
    rows: list[np.ndarray]
    places: list[np.ndarray]
    starts: list[int]
    bpm: list[float]
    kinds: np.ndarray
    good: np.ndarray
    recurring: list[np.ndarray]
    right: int
    error: np.ndarray
    support: np.ndarray
    family: np.ndarray

    @property
    def meter(self) -> int:
        return int(self.truth["meter"])

    @property
    def weight(self) -> float:
        """How sure it is which octave is counted."""
        return float(self.truth["oct_w"]) if self.right >= 0 else 0.0

    def is_right(self, pulse: int) -> bool:
        return bool(self.good[pulse, 0] > RIGHT_F and self.good[pulse, 1] > RIGHT_LONGEST)


def load_songs(music: Path, data: Path, part: str) -> list[Song]:
    """The songs of a part: train, calibrate or test."""
    found = []
    for path in sorted(data.glob("*.npz")):
        truth = json.loads((music / f"{path.stem}.json").read_text())
        if truth["part"] != part:
            continue
        with np.load(path) as z:
            if "good" not in z:
                continue
            good = z["good"]
            count = len(good)
            rows = [z[f"x{k}"].astype(np.float32) for k in range(count)]
            fit = [k for k in range(count) if good[k, 0] > RIGHT_F and good[k, 1] > RIGHT_LONGEST]
            found.append(
                Song(
                    path.stem,
                    truth,
                    rows,
                    [z[f"place{k}"].astype(int) for k in range(count)],
                    [int(z[f"start{k}"]) for k in range(count)],
                    [float(x) for x in z["kinds"][:, 2]],
                    z["kinds"],
                    good,
                    [recurrence(x) for x in rows],
                    max(fit, key=lambda k: good[k].sum()) if fit else -1,
                    z["error"],
                    z["support"],
                    z["family"],
                )
            )
    return found
