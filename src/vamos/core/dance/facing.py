"""Facing on a clock: 12:00 is the start wall, an eighth of a turn is 1½ hours."""

from __future__ import annotations

from bisect import bisect_left
from fractions import Fraction
from itertools import accumulate
from math import gcd

from vamos.core.memo import ByIdentity
from vamos.core.model.dance import Section
from vamos.core.time import CountRange


def clock_text(eighths: int) -> str:
    """A heading in eighths as a clock time: 0 → ``12:00``, 1 → ``1:30``, 6 → ``9:00``."""
    half_hours = (eighths % 8) * 3
    hour, half = divmod(half_hours, 2)
    return f"{hour or 12}:{'30' if half else '00'}"


def net_turn(section: Section, within: CountRange | None = None) -> int | None:
    """Signed eighths turned in a section, or None when a direction is unknown.

    ``within`` limits it to events that start in a range of counts of the section.
    """
    starts, turned, unknown = _turns_of(section)
    first, last = 0, len(starts)
    if within is not None:
        first, last = bisect_left(starts, within.start), bisect_left(starts, within.end)
    last = max(first, last)
    return turned[last] - turned[first] if unknown[last] == unknown[first] else None


def turns(section: Section | None) -> bool:
    """Whether anything in a section turns, known or not."""
    return section is not None and bool(_turns_of(section)[0])


def _running_turns(section: Section) -> tuple[list[Fraction], list[int], list[int]]:
    """Starts of the events that turn, in order; eighths turned and unknown turns before each, and in all."""
    turning = sorted((e for e in section.events if e.turn != 0), key=lambda e: e.start)
    turned = list(accumulate((e.turn or 0 for e in turning), initial=0))
    unknown = list(accumulate((int(e.turn is None) for e in turning), initial=0))
    return [e.start for e in turning], turned, unknown


_turns_of = ByIdentity(_running_turns)


def wall_count(net_eighths: int) -> int:
    """Walls before the dance faces 12:00 again: 8 / gcd(8, N)."""
    return 8 // gcd(8, net_eighths)


#: The type has quarters as signs, eighths not.
_FRACTIONS = {2: "¼", 4: "½", 6: "¾", 8: "full", 12: "1½", 16: "double"}


def turn_text(eighths: int | None) -> str:
    """``½ left``, ``full right``; an unknown direction is a question mark."""
    if eighths is None:
        return "turn ?"
    size = _FRACTIONS.get(abs(eighths), f"{abs(eighths)}/8")
    return f"{size} {'right' if eighths > 0 else 'left'}"


def turn_words(turn: int | None, size: int) -> str:
    """A turn with or without a direction: ``½ left``, ``½ turn ?``; empty when nothing turns."""
    if turn is None:
        return f"{_FRACTIONS.get(size, f'{size}/8')} turn ?" if size else "turn ?"
    return turn_text(turn) if turn else ""


def way_to_front(heading: int) -> int:
    """The turn in signed eighths that ends at 12:00, the short way; a half goes right."""
    back = -heading % 8
    return back if back <= 4 else back - 8
