"""Facing on a clock: 12:00 is the start wall, an eighth of a turn is 1½ hours."""

from __future__ import annotations

import re
from bisect import bisect_left
from collections.abc import Iterable
from dataclasses import dataclass
from fractions import Fraction
from functools import reduce
from itertools import accumulate
from math import gcd

from vamos.core.dance.who import roles_in
from vamos.core.memo import ByIdentity
from vamos.core.model.dance import Event, Section
from vamos.core.time import CountRange
from vamos.errors import InputError
from vamos.wording import marked, words_of

tr = words_of(__name__)


def clock_text(eighths: int) -> str:
    """A heading in eighths as a clock time: 0 → ``12:00``, 1 → ``1:30``, 6 → ``9:00``."""
    half_hours = (eighths % 8) * 3
    hour, half = divmod(half_hours, 2)
    return f"{hour or 12}:{'30' if half else '00'}"


def heading_of(clock: str) -> int | None:
    """A clock time as a heading in eighths: ``12:00`` → 0, ``1:30`` → 1, ``9`` → 6; empty → None.

    Raises InputError for a time no eighth of a turn faces.
    """
    text = clock.strip().lower().removesuffix("o'clock").strip()
    if not text:
        return None
    match = re.fullmatch(r"(\d{1,2})(?::(\d\d))?", text)
    half_hours = 2 * int(match.group(1)) + int(match.group(2) or 0) / 30 if match else -1.0
    if match is None or half_hours > 25 or half_hours % 3:
        raise InputError(
            tr("“{clock}” is not a facing; write 12:00, 1:30, 3:00 and so on, every hour and a half.", clock=clock)
        )
    return int(half_hours) // 3 % 8


def net_turn(section: Section, within: CountRange | None = None) -> int | None:
    """Signed eighths turned in a section, or None when a direction is unknown.

    ``within`` limits it to events that start in a range of counts of the section.
    """
    found = _turns_of(section)
    first, last = 0, len(found.starts)
    if within is not None:
        first, last = bisect_left(found.starts, within.start), bisect_left(found.starts, within.end)
    last = max(first, last)
    return found.turned[last] - found.turned[first] if found.unknown[last] == found.unknown[first] else None


def turns(section: Section | None) -> bool:
    """Whether anything in a section turns, known or not."""
    return section is not None and bool(_turns_of(section).starts)


@dataclass(frozen=True, slots=True)
class _Turns:
    """The events that turn, in their order: starts; eighths turned, turns still open and headings possible before
    each, and in all. Headings are those whatever the open turns are answered; empty once a turn's size is open.
    """

    events: list[Event]
    starts: list[Fraction]
    turned: list[int]
    unknown: list[int]
    headings: list[frozenset[int]]


def _running_turns(section: Section) -> _Turns:
    # Partners write their own turns; the heading is that of the first role.
    first = next(iter(roles_in(section.events)), "")
    turning = sorted((e for e in section.events if e.turn != 0 and e.role in ("", first)), key=lambda e: e.start)
    turned = list(accumulate((e.turn or 0 for e in turning), initial=0))
    unknown = list(accumulate((int(e.turn is None) for e in turning), initial=0))
    headings = list(accumulate((possible_turns(e) for e in turning), joined, initial=frozenset({0})))
    return _Turns(turning, [e.start for e in turning], turned, unknown, headings)


_turns_of = ByIdentity(_running_turns)


def possible_turns(event: Event) -> frozenset[int]:
    """Eighths a turn may go, modulo a full turn: one, two where the direction is open, none where the size is."""
    if event.turn is not None:
        return frozenset({event.turn % 8})
    return frozenset({event.size % 8, -event.size % 8}) if event.size else frozenset()


def joined(headings: frozenset[int], turned: frozenset[int]) -> frozenset[int]:
    """Headings possible after one of some turns from one of some headings."""
    return frozenset((h + t) % 8 for h in headings for t in turned)


def turned_to(section: Section, within: CountRange) -> frozenset[int]:
    """Eighths turned by a section's events that start in a range, modulo a full turn, by all readings of open turns.

    Empty when the size of a turn is open.
    """
    found = _turns_of(section)
    first, last = bisect_left(found.starts, within.start), bisect_left(found.starts, within.end)
    if first == 0:
        return found.headings[max(0, last)]
    return reduce(joined, map(possible_turns, found.events[first:last]), frozenset({0}))


def wall_count(net_eighths: int) -> int:
    """Walls before the dance faces 12:00 again: 8 / gcd(8, N)."""
    return 8 // gcd(8, net_eighths)


#: The type has quarters as signs, eighths not.
_FRACTIONS = {2: "¼", 4: "½", 6: "¾", 8: marked("full"), 12: "1½", 16: marked("double")}


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


def turn_said(turn: int | None, size: int = 0) -> str:
    """As :func:`turn_words`, for the eyes: in the language of this run."""
    if turn == 0:
        return ""
    eighths = abs(turn) if turn is not None else size
    of = tr(_FRACTIONS.get(eighths, f"{eighths}/8"))
    if turn is None:
        return tr("{size} turn ?", size=of) if size else tr("turn ?")
    return tr("{size} right", size=of) if turn > 0 else tr("{size} left", size=of)


def one_heading(headings: Iterable[int | None]) -> int | None:
    """The heading in eighths when all readings agree on it."""
    found = set(headings)
    return found.pop() if len(found) == 1 else None


def turned_on(heading: int | None, section: Section | None, within: CountRange) -> int | None:
    """The heading in eighths after some counts of a section; None once the size of a turn is open."""
    if heading is None or section is None:
        return heading
    turned = net_turn(section, within)
    return None if turned is None else (heading + turned) % 8


def way_to_front(heading: int) -> int:
    """The turn in signed eighths that ends at 12:00, the short way; a half goes right."""
    back = -heading % 8
    return back if back <= 4 else back - 8
