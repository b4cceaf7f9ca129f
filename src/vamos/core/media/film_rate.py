"""How many pictures a second a film has, as the standard rate it is meant to have."""

from __future__ import annotations

from fractions import Fraction
from functools import lru_cache
from pathlib import Path

from vamos.core.media.probe import probe
from vamos.core.time import FrameRate
from vamos.errors import VamosError

#: Rates of films and phones; 23.976, 29.97 and 59.94 are n·1000/1001 (SMPTE ST 12-1).
_RATES = ((24000, 1001), (24, 1), (25, 1), (30000, 1001), (30, 1), (50, 1), (60000, 1001), (60, 1))
STANDARD = tuple(FrameRate(Fraction(n, d)) for n, d in _RATES)
USUAL = FrameRate.of(30)
#: A film slower than this is written at the usual rate, one faster than the fastest standard at that.
_SLOWEST = 20.0


def standard_rate(measured: float) -> FrameRate:
    """The standard rate nearest to a measured one."""
    if measured < _SLOWEST:
        return USUAL
    return min(STANDARD, key=lambda r: abs(float(r.per_second) - measured))


def film_rate(path: Path) -> FrameRate:
    """The rate clips of a film are written at; the usual one when it cannot be read."""
    try:
        return _rate(path, path.stat().st_mtime_ns)
    except (OSError, VamosError):
        return USUAL


@lru_cache(maxsize=256)
def _rate(path: Path, _changed_ns: int) -> FrameRate:
    return standard_rate(probe(path).nominal_rate)
