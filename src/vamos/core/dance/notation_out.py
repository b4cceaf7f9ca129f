"""Moves as a line of notation in canonical form, and what goes on from half a line."""

from __future__ import annotations

import re
from collections.abc import Mapping
from dataclasses import replace
from fractions import Fraction

from vamos.core.dance.counts_typed import NotationError, Slot, printed
from vamos.core.dance.facing import turn_words
from vamos.core.dance.move_counts import spread
from vamos.core.dance.move_words import MoveWords, kind_of
from vamos.core.dance.notation import parse_line
from vamos.core.dance.steps import find_step, on_side, suggestions
from vamos.core.dance.turn_words import find_turn
from vamos.core.dance.typed.around import SIDE_WORDS
from vamos.core.dance.typed.reading import takes_a_foot
from vamos.core.model.dance import Event, Foot, Kind, StepPattern
from vamos.core.time import Feel

#: A name that ends in a word for turning takes the size behind it.
_VERB_LAST = re.compile(r"(?:turn|spin|pivot|unwind|rotate)$", re.IGNORECASE)


def print_line(
    events: tuple[Event, ...],
    feel: Feel = Feel.STRAIGHT,
    steps: Mapping[str, StepPattern] | None = None,
    explicit: bool = False,
) -> str:
    """A line of notation in canonical form; reads back to the same events.

    Loss-free for what notation can say: counts, names, feet, turns, kinds, and known steps under
    their name. Lyric words, notes and the like are not written. ``explicit``: every move by itself and with its kind,
    for moves whose words would be read as others.
    """
    out: list[str] = []
    before: Fraction | None = None
    waiting = ordered = sorted(events, key=lambda e: e.start)
    while waiting:
        group = waiting[:1] if explicit else _group(waiting, steps or {}, feel)
        counts = []
        for event in group:
            later = ordered[ordered.index(event) + 1 :][:1]
            after = later[0].start if later else None
            counts.append(printed(event.start, event.length, event.kind is Kind.HOLD, feel, before, after))
            before = event.start
        out.append(" ".join([*_head(group, explicit), *counts]))
        waiting = waiting[len(group) :]
    return ", ".join(out)


def _group(waiting: list[Event], steps: Mapping[str, StepPattern], feel: Feel) -> list[Event]:
    """The events at the front that are one known step, or the first event alone."""
    first = waiting[0]
    pattern = find_step(first.cue, steps) if first.cue else None
    if pattern is None and first.turn != 0 and find_turn(first.name) is not None:
        # A turn over several counts: those after the first turn no more.
        still = replace(first, turn=0, size=0)
        end = 1
        while end < len(waiting) and replace(waiting[end], start=first.start, length=first.length) == still:
            end += 1
        return waiting[:end]
    if pattern is None:
        return waiting[:1]
    group = waiting[: len(pattern.events)]
    slots = tuple(Slot(e.start, e.length) for e in group)
    side = first.foot if first.foot is not Foot.BOTH else Foot.NONE
    said = spread(MoveWords(first.cue, side), pattern, slots) if len(group) == len(pattern.events) > 1 else []
    alike = [replace(e, note="", lyric="", easier="", harder="", caution="", role="", angle=0) for e in group]
    return group if said == alike else waiting[:1]


def _head(group: list[Event], explicit: bool) -> list[str]:
    """The words before the counts of a group."""
    event = group[0]
    if len(group) > 1 and event.cue:
        return [event.cue, str(event.foot)] if event.foot in (Foot.RIGHT, Foot.LEFT) else [event.cue]
    if event.kind is Kind.HOLD:
        return []
    words = [event.name] if event.name else []
    if event.turn is None and event.size and _VERB_LAST.search(event.name) and not _says_size(event):
        words.append(turn_words(None, event.size).split()[0])
    elif event.turn or (event.turn is None and not _says_size(event)):
        words.append(turn_words(event.turn, event.size))
    if event.foot is not Foot.NONE:
        words.append(str(event.foot))
    long_walk = event.length > 1 and event.name.lower().split()[:1] in (
        ["walk"],
        ["walks"],
        ["march"],
        ["run"],
        ["runs"],
    )
    footless = event.foot is Foot.NONE and bool(event.name) and event.turn == 0 and takes_a_foot(event.name, {})
    # “swivel heels right” is read as it stands.
    sided = event.kind is Kind.FREE and event.foot is Foot.NONE and event.name.split(" ")[-1] in SIDE_WORDS
    if sided and not explicit:
        return words
    if words and (explicit or long_walk or footless or event.kind is not kind_of(event.name, event.foot)):
        words.append(f"({event.kind})")
    return words


def _says_size(event: Event) -> bool:
    """Whether an open turn is read back from the name alone."""
    found = find_turn(event.name)
    return found is not None and found.turn is None and found.size == event.size


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
