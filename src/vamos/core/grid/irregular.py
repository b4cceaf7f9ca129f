"""Lines of a song that begin before they are due."""

from __future__ import annotations

import numpy as np
import numpy.typing as npt


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
