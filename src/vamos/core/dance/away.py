"""Where learners who turn with the dancer cannot see the screen."""

from __future__ import annotations

from fractions import Fraction

from vamos.core.dance.lines import Line, even_pulse, headings_at, lines_of
from vamos.core.model.dance import Dance

#: Headings from which the screen is not seen, in eighths: three eighths to either side and the half turn; at a quarter
#: turn one sees it over the shoulder (common practice, no source).
AWAY = frozenset({3, 4, 5})


def counts_away(line: Line) -> tuple[int, ...]:
    """The counts of a line's section, from 1, on which a learner looks away from the screen.

    A turn whose direction is open counts as away when it may be: it is said rather than missed. After one whose size
    is open nothing is known. Where one stands is asked in the middle of the count: a turn on it is under way or done.
    """
    return tuple(
        int(line.first) + k + 1
        for k in range(int(line.length))
        if AWAY & set(headings_at(line, Fraction(2 * k + 1, 2)))
    )


def starts_away(line: Line) -> bool:
    """Whether a learner may look away from the screen when a line begins, so that it has to be called."""
    return bool(AWAY & set(headings_at(line, Fraction(0))))


def away_on_walls(dance: Dance) -> dict[int, dict[str, tuple[int, ...]]]:
    """For each wall that is danced, by its number, and each of its sections, by id: the counts danced looking away."""
    found: dict[int, dict[str, tuple[int, ...]]] = {}
    for line in lines_of(even_pulse(dance), dance):
        if line.wall is not None and line.section is not None:
            of = found.setdefault(line.wall, {})
            of[line.section.id] = (*of.get(line.section.id, ()), *counts_away(line))
    return found
