"""Cells of a sheet, the same in CSV and Markdown: each is understood, or refused with what would be."""

from __future__ import annotations

import re
import unicodedata
from dataclasses import dataclass, replace
from fractions import Fraction

from vamos.core.dance.move_words import kind_of
from vamos.core.dance.turn_words import read_turn
from vamos.core.dance.typed.reading import read_typed
from vamos.core.model.dance import Dance, Doubt, Event, Foot, ItemKind, Kind
from vamos.core.time import Feel, as_count
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

#: No section has more counts, no sequence dances more: they are slips, and would be worked on for minutes.
LONGEST_SECTION, MOST_COUNTS, MOST_EVENTS = 512, 20_000, 20_000
_FEET = {
    "": Foot.NONE,
    "-": Foot.NONE,
    "none": Foot.NONE,
    "r": Foot.RIGHT,
    "rf": Foot.RIGHT,
    "right": Foot.RIGHT,
    "l": Foot.LEFT,
    "lf": Foot.LEFT,
    "left": Foot.LEFT,
    "both": Foot.BOTH,
    "b": Foot.BOTH,
}


@dataclass(frozen=True, slots=True)
class SheetRead:
    """A dance, and what was read otherwise than it stands or left aside, in sentences."""

    dance: Dance
    remarks: tuple[str, ...] = ()


def words(cell: str) -> str:
    """Text on one line, without control characters."""
    breaks = ("Cc", "Zl", "Zp")
    if not any(unicodedata.category(c) in breaks for c in cell):
        return cell
    plain = "".join(" " if unicodedata.category(c) in breaks else c for c in cell)
    return " ".join(plain.split())


def whole_number(cell: str, what: str, least: int, most: int) -> int:
    """A whole number in its limits."""
    text = cell.strip()
    if not re.fullmatch(r"[+-]?\d{1,9}", text):
        raise InputError(
            tr(
                "“{short}” is not {what}; write a whole number, {least} to {most}.",
                short=_short(cell),
                what=what,
                least=least,
                most=most,
            )
        )
    number = int(text)
    if not least <= number <= most:
        raise InputError(
            tr("{number} is not {what}; it is {least} to {most}.", number=number, what=what, least=least, most=most)
        )
    return number


def count_of(cell: str, what: str) -> Fraction:
    """An exact place or length in counts."""
    text = cell.strip()
    if not text:
        raise InputError(tr("the {what} is missing; write it in counts, such as 0, 3 or 7/2.", what=what))
    if len(text) > 16 or not re.fullmatch(r"[+-]?\d{1,6}(?:/\d{1,4}|[.,]\d{1,6})?", text):
        raise InputError(
            tr(
                "“{short}” is not a {what}; write it in counts, such as 0, 3, 7/2 or 3.5.",
                short=_short(cell),
                what=what,
            )
        )
    return as_count(text.replace(",", "."))


def foot_of(cell: str) -> Foot:
    foot = _FEET.get(cell.strip().lower())
    if foot is None:
        raise InputError(tr("“{short}” is not a foot; write R, L or both, or leave it empty.", short=_short(cell)))
    return foot


def kind_in(cell: str, name: str, foot: Foot) -> Kind:
    """The kind as it stands; where nothing stands, what the name usually is."""
    text = cell.strip().lower()
    if not text:
        return kind_of(name, foot)
    try:
        return Kind(text)
    except ValueError as error:
        known = ", ".join(Kind)
        raise InputError(
            tr("“{short}” is not a kind of move; the kinds are {known}.", short=_short(cell), known=known)
        ) from error


def doubt_of(cell: str) -> Doubt:
    """A question that was kept; raises InputError."""
    try:
        return Doubt(cell.strip().lower())
    except ValueError as error:
        raise InputError(tr("“{short}” is not a question that Vamos asks.", short=_short(cell))) from error


def feel_of(cell: str) -> Feel:
    text = cell.strip().lower()
    if not text:
        return Feel.STRAIGHT
    try:
        return Feel(text)
    except ValueError as error:
        raise InputError(
            tr("“{short}” is not a feel; it is {words}.", short=_short(cell), words=", ".join(Feel))
        ) from error


def read_name(name: str, foot: Foot, kind: Kind | None) -> Event:
    """What a cell says is danced, by the same reader as a typed line: its foot, its turn, its kind.

    A foot or a kind that stands in a cell of its own goes before what is found in the words.
    """
    plain = Event(Fraction(0), name=name, foot=foot, kind=kind if kind is not None else kind_of(name, foot))
    if not name or kind is not None:
        return plain
    try:
        found = read_typed(f"{name} 1").events
    except InputError:
        return plain
    if len(found) != 1:
        return plain
    (event,) = found
    if foot is not Foot.NONE and event.kind in (Kind.FREE, Kind.STEP, Kind.TOUCH):
        event = replace(event, kind=event.kind if event.kind is not Kind.FREE else kind_of(name, foot))
    guessed = event.doubt is Doubt.FOOT
    return replace(
        event,
        name=name if event.turn == 0 and not event.size else event.name or name,
        foot=foot if foot is not Foot.NONE or guessed else event.foot,
        kind=plain.kind if guessed and foot is Foot.NONE else event.kind,
        length=Fraction(1),
        doubt=Doubt.NONE if guessed else event.doubt,
    )


def turned(event: Event, cell: str) -> Event:
    """An event with the turn of a cell."""
    if not cell.strip():
        return event
    turn, size = read_turn(cell)
    return replace(event, turn=turn, size=size)


def bounded(dance: Dance) -> Dance:
    """The dance, when it can be danced in an evening; raises InputError."""
    longest = max((s for s in dance.sections), key=lambda s: s.length, default=None)
    if longest is not None and longest.length > LONGEST_SECTION:
        raise InputError(
            tr(
                "section “{name}” has {length} counts; at most {longest_section} can be read.",
                name=longest.name,
                length=longest.length,
                longest_section=LONGEST_SECTION,
            )
        )
    if sum(len(s.events) for s in dance.sections) > MOST_EVENTS:
        raise InputError(
            tr("it has more than {most_events} moves; that is not a count sheet.", most_events=MOST_EVENTS)
        )
    wall = sum(s.length for s in dance.wall_sections())
    lengths = {s.name: s.length for s in dance.sections}
    total = 0
    for item in dance.sequence:
        if item.kind is ItemKind.HOLD:
            total += item.counts
        else:
            total += sum(lengths[n] for n in item.sections) if item.sections else wall
            total += sum(p.counts for p in item.pauses)
    if total > MOST_COUNTS:
        raise InputError(
            tr(
                "its sequence dances {total} counts; at most {most_counts} can be read.",
                total=total,
                most_counts=MOST_COUNTS,
            )
        )
    return dance


def _short(cell: str) -> str:
    text = words(cell)
    return text if len(text) <= 40 else text[:37] + "…"
