"""What is called ahead: where a tag, a stop of the music, a restart and the ending begin."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from fractions import Fraction
from math import ceil

from vamos.core.dance.away import starts_away
from vamos.core.dance.lines import Line, LineKind
from vamos.wording import words_of

tr = words_of(__name__)

#: So many beats are counted back.
_BACK = 4


def calls_of(lines: Sequence[Line]) -> list[tuple[Fraction, str]]:
    """Position and name of everything that is called, in order; where a wall is cut, what comes there stands first."""
    again = tr("restart")
    return sorted([*_named(lines), *((at, again) for at in restarts(lines))], key=lambda call: call[0])


def spoken_calls(lines: Sequence[Line]) -> list[tuple[Fraction, str]]:
    """What a voice calls before it comes: all of :func:`calls_of`, and each section that begins where learners who turn
    with the dancer cannot see the screen. Position and words, in order.
    """
    unseen = [(x.start, x.title) for x in lines if x.section is not None and starts_away(x)]
    called: dict[Fraction, list[str]] = {}
    for at, name in (*unseen, *calls_of(lines)):
        if name and name not in called.setdefault(at, []):
            called[at].append(name)
    return sorted((at, ", ".join(names)) for at, names in called.items())


def ticks(lines: Sequence[Line], start: Fraction, end: Fraction) -> list[tuple[Fraction, int]]:
    """(position, beats left) in [start, end) of what is counted back to where the music goes on after a held stop.

    Whole counts are counted anyway; these lie between them, a beat of the song apart, four at most.
    """
    found = []
    for stop in (s for line in lines for s in line.stops if s.held):
        span = stop.last_count
        for left in range(1, min(_BACK, ceil(span) - 1) + 1):
            at = stop.again - left / span
            # What is hardly later than the count itself is the count.
            if at - (stop.again - 1) >= Fraction(1, 4) / span and start <= at < end:
                found.append((at, left))
    return sorted(found)


def _named(lines: Sequence[Line]) -> Iterator[tuple[Fraction, str]]:
    for line in lines:
        if line.kind is LineKind.TAG:
            yield line.start, line.title or tr("tag")
        elif line.kind is LineKind.HOLD:
            yield line.start, tr("hold")
        elif line.kind is LineKind.ENDING:
            yield line.start, line.title or tr("ending")


def restarts(lines: Sequence[Line]) -> Iterator[Fraction]:
    """Where a wall that is shorter than the others is followed by another one."""
    walls: dict[int, list[Line]] = {}
    for line in lines:
        if line.wall is not None:
            walls.setdefault(line.wall, []).append(line)
    lengths = {wall: sum((x.length for x in parts), Fraction(0)) for wall, parts in walls.items()}
    for wall, parts in walls.items():
        if lengths[wall] < max(lengths.values()) and wall + 1 in walls:
            yield parts[-1].counts.end
