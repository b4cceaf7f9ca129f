"""Counts as people type them: ``1 & 2 3 & 4 5-6 hold 7 8``, with or without names.

Grammar, spaces between tokens optional where nothing is ambiguous::

    line    = [group {"," group}]
    group   = [words] counts
    counts  = {count | count "-" number | "hold" counts | "(" counts ")"}
    count   = number | "&" | "e" | "a" | "+" fraction | "[" number "]"
    words   = name [turn] [foot] ["(" kind ")"]
    turn    = size ["turn"] ("left" | "right")   size: ⅛ ¼ ½ ¾ 1/4 quarter half full …
    foot    = "R" | "L" | "both"

A number stands on the count; ``&``, ``e`` and ``a`` (or any fraction, ``+1/3``) follow the count
before them, at the front they are the pickup (``&`` is also written ``0&``). ``[3] &`` is the
``&`` of 3 with nothing on 3. A turn with no direction is kept as one that has to be asked for.
Set numbers (``2 2 3 4 …``, the first number names the eight) are read as the counts of that eight.
Words before counts name what is danced on them; a name that is a known step spreads over its
counts with its feet and turns.
"""

from __future__ import annotations

import re
from collections.abc import Mapping
from dataclasses import dataclass, replace
from fractions import Fraction

from vamos.core.dance.counts_typed import HOLD, NotationError, Reader, Slot, lengths, printed
from vamos.core.dance.facing import turn_words
from vamos.core.dance.steps import find_step, on_side, suggestions
from vamos.core.model.dance import Event, Foot, Kind, StepPattern
from vamos.core.time import Feel

_KIND = re.compile(r"\((" + "|".join(Kind) + r")\)")
_SIZES = {
    "1/8": 1, "⅛": 1, "eighth": 1, "1/4": 2, "¼": 2, "quarter": 2, "3/8": 3, "⅜": 3, "1/2": 4, "½": 4, "half": 4,
    "5/8": 5, "⅝": 5, "3/4": 6, "¾": 6, "7/8": 7, "⅞": 7, "full": 8, "1½": 12, "double": 16,
}  # fmt: skip
_ANY_SIZE = "|".join(map(re.escape, sorted(_SIZES, key=len, reverse=True)))
_TURN = re.compile(rf"(?:^|(?<=\s))({_ANY_SIZE})(\s+turn)?\s+(left|right)(?=\s|$)", re.IGNORECASE)
_UNDIRECTED = re.compile(rf"(?:^|(?<=\s))({_ANY_SIZE})(\s+turn)(?:\s+\?)?(?=\s|$)", re.IGNORECASE)
_KIND_WORDS = {
    Kind.TOUCH: [
        "touch",
        "tap",
        "point",
        "kick",
        "heel",
        "toe",
        "brush",
        "hitch",
        "hook",
        "flick",
        "sweep",
        "scuff",
        "dig",
        "swivel",
        "drag",
        "slide-touch",
        "fan",
    ],
    Kind.HOP: ["hop", "bounce"],
    Kind.TURN: ["pivot", "unwind", "spin"],
    Kind.HOLD: ["hold"],
    Kind.BREATH: ["breath", "breathe"],
}


def parse_line(
    text: str, feel: Feel = Feel.STRAIGHT, steps: Mapping[str, StepPattern] | None = None
) -> tuple[Event, ...]:
    """Events from a line of notation with or without names; raises :class:`NotationError`."""
    reader = Reader(text, feel)
    rows: list[tuple[_Words, list[Slot]]] = []
    while True:
        reader.space()
        words = _words(reader)
        slots = list(reader.slots())
        if words is not None and not slots:
            raise reader.fail(f"the counts of “{words.name}”")
        if slots:
            rows.append((words or _Words(), slots))
        reader.space()
        if reader.at >= len(text):
            break
        if text[reader.at] == ",":
            reader.at += 1
            continue
        if not slots or not (text[reader.at].isalpha() or text[reader.at] in "¼½¾⅛⅜⅝⅞"):
            raise reader.fail("a name, a count, a comma or the end")
    flat = lengths([s for _, slots in rows for s in slots])
    out: list[Event] = []
    for words, slots in rows:
        mine = flat[len(out) : len(out) + len(slots)]
        out += _named(words, mine, steps or {})
    return tuple(out)


@dataclass(frozen=True, slots=True)
class _Words:
    """What stands before counts."""

    name: str = ""
    foot: Foot = Foot.NONE
    turn: int | None = 0
    kind: Kind | None = None
    size: int = 0


def _words(reader: Reader) -> _Words | None:
    """Words up to the next count, comma or end."""
    text, start = reader.text, reader.at
    if start >= len(text) or (text[start].isdigit() and not _TURN.match(text, start)) or text[start] in "&(),[":
        return None
    if HOLD.match(text, start) or reader.is_part(start):
        return None
    end = start
    while end < len(text) and text[end] != ",":
        boundary = end == start or text[end - 1] in " \t)"
        size = boundary and next((s for s in _SIZES if text.startswith(s, end) and s[0].isdigit()), None)
        if size:
            end += len(size)
            continue
        if boundary and (text[end].isdigit() or text[end] == "[" or reader.is_part(end) or HOLD.match(text, end)):
            break
        if boundary and text[end] == "(" and not _KIND.match(text, end):
            break
        end += 1
    if end == start:
        return None
    reader.at = end
    return _understood(text[start:end])


def _understood(words: str) -> _Words:
    kind: Kind | None = None
    turn: int | None = 0
    if match := re.search(_KIND.pattern + r"\s*$", words):
        kind = Kind(match.group(1))
        words = words[: match.start()]
    foot = Foot.NONE
    if match := re.search(r"(?:^|\s)(R|L|both)\s*$", words):
        foot = Foot(match.group(1))
        words = words[: match.start()]
    size = 0
    if directed := list(_TURN.finditer(words)):
        match = directed[-1]
        turn = _SIZES[match.group(1).lower()] * (1 if match.group(3).lower() == "right" else -1)
        # “half turn left” keeps its name, “½ left” was only the turn.
        kept = f"{match.group(1)}{match.group(2)}" if match.group(2) else ""
        words = f"{words[: match.start()]} {kept} {words[match.end() :]}"
    elif match := _UNDIRECTED.search(words):
        turn, size = None, _SIZES[match.group(1).lower()]
        words = words.replace("?", " ")
    return _Words(" ".join(words.split()), foot, turn, kind, size)


def kind_of(name: str, foot: Foot) -> Kind:
    """What a name usually does with the weight: the last word that says something decides."""
    for word in reversed(name.lower().replace("-", " ").split()):
        for kind, names in _KIND_WORDS.items():
            if word in names:
                return kind
    return Kind.STEP if foot is not Foot.NONE else Kind.FREE


def _named(words: _Words, slots: tuple[Slot, ...], steps: Mapping[str, StepPattern]) -> list[Event]:
    pattern = find_step(words.name, steps) if words.name and words.foot is not Foot.BOTH else None
    danced = [s for s in slots if not s.hold]
    if pattern is not None and words.kind is None and len(pattern.events) == len(danced) > 1:
        return _spread(words, pattern, slots)
    out = []
    for k, slot in enumerate(slots):
        if slot.hold:
            out.append(Event(slot.start, slot.length, "hold", kind=Kind.HOLD))
            continue
        kind = words.kind or kind_of(words.name, words.foot)
        # A turn is made once, on the first count of the group.
        turn = words.turn if k == 0 else 0
        size = words.size if k == 0 else 0
        out.append(Event(slot.start, slot.length, words.name, foot=words.foot, kind=kind, turn=turn, size=size))
    return out


def _spread(words: _Words, pattern: StepPattern, slots: tuple[Slot, ...]) -> list[Event]:
    """A known step over its counts: feet, kinds and turns are the step's, on the side asked for."""
    side = on_side(pattern, words.foot if words.foot is not Foot.NONE else Foot.RIGHT)
    moves = iter(side.events)
    out = []
    for slot in slots:
        if slot.hold:
            out.append(Event(slot.start, slot.length, "hold", kind=Kind.HOLD))
            continue
        move = next(moves)
        cue = words.name if len(out) == 0 else ""
        out.append(replace(move, start=slot.start, length=slot.length, cue=cue))
    if words.turn or (words.turn is None and not any(e.turn for e in out)):
        # A turn that is said goes over the step's own, on the move that turns, else on the last.
        turning = [k for k, e in enumerate(out) if e.turn != 0] or [len(out) - 1]
        out = [
            replace(e, turn=words.turn, size=words.size) if k == turning[-1] else replace(e, turn=0)
            for k, e in enumerate(out)
        ]
    return out


def print_line(
    events: tuple[Event, ...], feel: Feel = Feel.STRAIGHT, steps: Mapping[str, StepPattern] | None = None
) -> str:
    """A line of notation in canonical form; reads back to the same events.

    Loss-free for what notation can say: counts, names, feet, turns, kinds, and known steps under
    their name. Lyric words, notes and the like are not written.
    """
    out: list[str] = []
    before: Fraction | None = None
    waiting = sorted(events, key=lambda e: e.start)
    while waiting:
        group = _group(waiting, steps or {}, feel)
        counts = []
        for event in group:
            counts.append(printed(event.start, event.length, event.kind is Kind.HOLD, feel, before))
            before = event.start
        out.append(" ".join([*_head(group), *counts]))
        waiting = waiting[len(group) :]
    return ", ".join(out)


def _group(waiting: list[Event], steps: Mapping[str, StepPattern], feel: Feel) -> list[Event]:
    """The events at the front that are one known step, or the first event alone."""
    first = waiting[0]
    pattern = find_step(first.cue, steps) if first.cue else None
    if pattern is None:
        return waiting[:1]
    group = waiting[: len(pattern.events)]
    slots = tuple(Slot(e.start, e.length) for e in group)
    side = first.foot if first.foot is not Foot.BOTH else Foot.NONE
    said = _spread(_Words(first.cue, side), pattern, slots) if len(group) == len(pattern.events) > 1 else []
    alike = [replace(e, note="", lyric="", easier="", harder="", caution="", role="", angle=0) for e in group]
    return group if said == alike else waiting[:1]


def _head(group: list[Event]) -> list[str]:
    """The words before the counts of a group."""
    event = group[0]
    if len(group) > 1:
        return [event.cue, str(event.foot)] if event.foot in (Foot.RIGHT, Foot.LEFT) else [event.cue]
    if event.kind is Kind.HOLD:
        return []
    words = [event.name] if event.name else []
    if event.turn or (event.turn is None and not _UNDIRECTED.search(event.name)):
        words.append(turn_words(event.turn, event.size))
    if event.foot is not Foot.NONE:
        words.append(str(event.foot))
    if words and event.kind is not kind_of(event.name, event.foot):
        words.append(f"({event.kind})")
    return words


def kept(old: tuple[Event, ...], new: tuple[Event, ...]) -> tuple[Event, ...]:
    """New events with what notation cannot say taken from the old ones on the same counts."""
    before = {(e.start, e.role): e for e in old}
    out = []
    for event in new:
        was = before.get((event.start, event.role))
        if was is not None:
            cue = event.cue or (was.cue if was.name == event.name else "")
            event = replace(
                event,
                cue=cue,
                angle=was.angle,
                lyric=was.lyric,
                note=was.note,
                easier=was.easier,
                harder=was.harder,
                caution=was.caution,
            )
        out.append(event)
    return tuple(out)


def suggest(text: str, feel: Feel, steps: Mapping[str, StepPattern]) -> str:
    """The text with its last, unfinished group made a known step on the next counts; empty when none fits."""
    head, comma, tail = text.rpartition(",")
    words = tail.strip()
    match = re.match(r"^([^\d,&]*?)\s*(R|L)?$", words)
    if match is None or len(match.group(1).strip()) < 2:
        return ""
    names = suggestions(match.group(1), steps, 1)
    pattern = find_step(names[0], steps) if names else None
    if pattern is None:
        return ""
    try:
        before = parse_line(head, feel, steps)
    except NotationError:
        return ""
    at = max((e.start + e.length for e in before), default=Fraction(0))
    start = Fraction(-(-at.numerator // at.denominator))
    foot = Foot(match.group(2) or _next_foot(before))
    side = on_side(pattern, foot)
    placed = tuple(
        replace(e, start=e.start + start, cue=pattern.name if k == 0 else "") for k, e in enumerate(side.events)
    )
    return f"{head}{comma}{' ' if comma else ''}{print_line(placed, feel, steps)}"


def _next_foot(events: tuple[Event, ...]) -> str:
    """The foot that is free after events: the other one than stepped last."""
    stepped = [e.foot for e in events if e.kind is Kind.STEP and e.foot in (Foot.RIGHT, Foot.LEFT)]
    return "L" if stepped and stepped[-1] is Foot.RIGHT else "R"
