"""Pulses that may be counted: the beats as they were found, twice or half as fast, off the beat, three for two."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction

import numpy as np
import numpy.typing as npt

from vamos.core.grid.spectra import FINE_RATE, Row
from vamos.core.grid.tempo import Floats

#: Nobody counts slower or faster than this, in counts a minute.
SLOWEST, FASTEST = 50.0, 215.0
#: A pulse needs so many counts to be judged.
FEWEST = 10
_REACH_S = 0.04


@dataclass(frozen=True, slots=True)
class Pulse:
    """Counts in seconds. Count ``k`` of it is beat ``shift + k / factor`` of those it was made from."""

    beats_s: Floats
    factor: Fraction
    shift: Fraction

    @property
    def bpm(self) -> float:
        return float(60 / np.median(np.diff(self.beats_s)))


#: How often a beat is counted, and at which part of a beat the count begins.
_KINDS = (
    (Fraction(1), Fraction(0)),
    (Fraction(1), Fraction(1, 2)),
    (Fraction(2), Fraction(0)),
    (Fraction(1, 2), Fraction(0)),
    (Fraction(1, 2), Fraction(1)),
    (Fraction(3, 2), Fraction(0)),
    (Fraction(3, 2), Fraction(1, 3)),
    (Fraction(2, 3), Fraction(0)),
    (Fraction(2, 3), Fraction(1, 2)),
    (Fraction(2, 3), Fraction(1)),
)


def pulses(beats_s: Floats, fine: Row) -> tuple[Pulse, ...]:
    """All pulses that people may step to, the beats themselves first where they are one of them."""
    found = []
    index = np.arange(len(beats_s), dtype=np.float64)
    for factor, shift in _KINDS:
        step = float(1 / factor)
        at = np.arange(float(shift), len(beats_s) - 1 + 1e-6, step)
        times = np.interp(at, index, beats_s)
        between = np.abs(at - np.round(at)) > 0.01
        times[between] = _onsets_near(times[between], fine)
        times = np.maximum.accumulate(times + 1e-6 * np.arange(len(times)))
        if len(times) >= FEWEST and SLOWEST <= 60 / np.median(np.diff(times)) <= FASTEST:
            found.append(Pulse(times, factor, shift))
    return tuple(found)


def _onsets_near(times_s: Floats, fine: Row) -> Floats:
    """Moments moved to the strongest onset within 40 ms, so that swung ones are met."""
    reach = int(_REACH_S * FINE_RATE)
    padded = np.pad(np.asarray(fine, dtype=np.float64), reach)
    centre = np.clip((times_s * FINE_RATE).round().astype(np.intp), 0, len(fine) - 1)
    window = np.lib.stride_tricks.sliding_window_view(padded, 2 * reach + 1)[centre]
    shape = np.exp(-0.5 * (np.arange(-reach, reach + 1) / (0.6 * reach)) ** 2)
    weighted = window * shape + 1e-9 * shape
    peak: npt.NDArray[np.intp] = weighted.argmax(axis=1)
    return np.asarray((centre - reach + peak - 0.5) / FINE_RATE)
