"""Facing on a clock: 12:00 is the start wall, an eighth of a turn is 1½ hours."""

from __future__ import annotations

from math import gcd

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
    total = 0
    for event in section.events:
        if within is not None and not within.contains(event.start):
            continue
        if event.turn is None:
            return None
        total += event.turn
    return total


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
