"""What is not even in a song: lines that begin before they are due, and pauses of the music."""

from __future__ import annotations

import itertools
from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from vamos.core.grid.spectra import FRAME_RATE, Spectra
from vamos.core.grid.tempo import Floats

#: Music quieter than this share of its usual loudness pauses.
_QUIET = 0.04
#: A pause is at least so many counts long.
_SHORTEST = 2


@dataclass(frozen=True, slots=True)
class Pause:
    """The music is silent from count ``first`` on for so many counts."""

    first: int
    counts: int


def irregular_lines(places: npt.NDArray[np.intp], lead_in: int, line: int) -> tuple[list[int], frozenset[int]]:
    """The counts on which lines begin from the lead-in on, and those of them that come before they are due.

    A line that is cut short must be followed by a whole one, or it is taken for a slip.
    """
    begins = [int(k) for k in np.flatnonzero(places == 0) if k >= lead_in]
    starts, odd = [lead_in], set()
    while starts[-1] + line < len(places):
        due = starts[-1] + line
        early = [k for k in begins if starts[-1] < k < due]
        whole = early and all(places[min(early[0] + j, len(places) - 1)] == j for j in range(line))
        if early and whole and places[min(due, len(places) - 1)] != 0:
            odd.add(early[0])
            starts.append(early[0])
        else:
            starts.append(due)
    return starts, frozenset(odd)


def pauses(spectra: Spectra, beats_s: Floats) -> list[Pause]:
    """Where the music pauses between its first and its last beat."""
    frames = np.clip((beats_s * FRAME_RATE).round().astype(np.intp), 0, len(spectra.loud) - 1)
    usual = float(np.median(spectra.loud[frames[0] : frames[-1] + 1])) if len(frames) else 0.0
    if usual <= 0:
        return []
    quiet = np.array(
        [float(spectra.loud[a : max(a + 1, b)].max()) < _QUIET * usual for a, b in itertools.pairwise(frames)]
    )
    found, k = [], 0
    while k < len(quiet):
        end = k
        while end < len(quiet) and quiet[end]:
            end += 1
        if end - k >= _SHORTEST and k > 0 and end < len(quiet):
            found.append(Pause(k, end - k))
        k = max(end, k + 1)
    return found
