"""Clicks on the counts, placed to the sample; the 1 of a line is higher."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction
from functools import lru_cache
from math import ceil

import numpy as np

from vamos.core.dance.calls import ticks
from vamos.core.dance.lines import Line
from vamos.core.media.sound import Samples
from vamos.core.time import TimeMap

_HIGH_HZ, _LOW_HZ = 1760.0, 1108.7
_LENGTH_S = 0.045


@lru_cache(maxsize=4)
def click(high: bool, rate: int) -> Samples:
    """One click, mono."""
    t = np.arange(int(_LENGTH_S * rate)) / rate
    tone = np.sin(2 * np.pi * (_HIGH_HZ if high else _LOW_HZ) * t) * np.exp(-t * 90)
    return (0.7 * tone * np.minimum(1, t / 0.0008)).astype(np.float32)


def counts_between(lines: Sequence[Line], start: Fraction, end: Fraction) -> list[tuple[Fraction, bool]]:
    """Whole counts in [start, end) of the lines, each with whether it is a 1."""
    found = []
    for line in lines:
        for k in range(ceil(line.length)):
            position = line.start + k
            if start <= position < end:
                found.append((position, k == 0))
    return found


def clicks_between(lines: Sequence[Line], start: Fraction, end: Fraction) -> list[tuple[Fraction, bool]]:
    """As :func:`counts_between`, with the beats that are counted back to where the music goes on after a stop."""
    return sorted([*counts_between(lines, start, end), *((at, False) for at, _ in ticks(lines, start, end))])


def add_clicks(samples: Samples, rate: int, counts: Sequence[tuple[Fraction, bool]], counts_to_out: TimeMap) -> None:
    """Mix clicks into ``(frames, channels)`` in place; ``counts_to_out`` gives output seconds."""
    for position, one in counts:
        first = round(counts_to_out(position) * rate)
        if not 0 <= first < len(samples):
            continue
        tone = click(one, rate)[: len(samples) - first]
        samples[first : first + len(tone)] += tone[:, None]
