"""What is said once and danced again: repeat, the other side, so many times."""

from __future__ import annotations

from dataclasses import dataclass, replace
from fractions import Fraction
from math import ceil, floor

from vamos.core.dance.typed.around import SIDE_WORDS
from vamos.core.dance.typed.leading import OTHER
from vamos.core.dance.typed.lexicon import Lexicon
from vamos.core.dance.typed.state import State, mirrored
from vamos.core.dance.typed.tokens import Token
from vamos.core.model.dance import Doubt, Event, Kind

_GRAIN = Fraction(1, 96)


@dataclass(frozen=True, slots=True)
class Repeat:
    """Words that say nothing but that something is danced again: on the other side, beginning with a foot."""

    mirror: bool
    side: str


def repeat_in(tokens: list[Token], lexicon: Lexicon) -> Repeat | None:
    """The repeat that words are; None when they say anything else."""
    seen = mirror = False
    side, index = "", 0
    while index < len(tokens):
        token = tokens[index]
        if token.kind == "word":
            roles = ("repeat", "mirror", "lead", "side", "foot", "link", "and")
            atom = next((a for a in lexicon.at(tokens, index) if a.role in roles), None)
            if atom is None:
                return None
            if atom.role == "repeat":
                seen = True
            elif atom.role == "mirror":
                mirror = True
                seen = seen or atom.words in lexicon.alone
            elif atom.role in ("lead", "side", "foot") and atom.value in OTHER:
                side = atom.value
            index += atom.size
        elif token.kind in ("num", "from", "dash", "sep", "open", "close", "dot", "clock"):
            index += 1
        else:
            return None
    return Repeat(mirror, side) if seen else None


def end_of(events: tuple[Event, ...]) -> int:
    """The first whole count after events."""
    return max((floor(e.start + max(e.length, Fraction(1, 8)) - _GRAIN) + 1 for e in events), default=0)


def again(state: State, repeat: Repeat, source: tuple[int, int] | None, target: tuple[int, int] | None) -> State | None:
    """Once more what was danced: all of it, or counts ``source``; on counts ``target`` when these are said.

    Counts are numbers from 1. None when there is nothing to dance again.
    """
    events = state.events
    end = end_of(events)
    low = Fraction(floor(min((e.start for e in events), default=Fraction(0))))
    low = max(low, Fraction(0))
    if source is not None and target is not None:
        events = _from(events, source, target, end)
        low, at = Fraction(source[0] - 1), Fraction(target[0] - 1)
        rounds, rest = divmod(target[1] - target[0] + 1, source[1] - source[0] + 1)
        if events and (rest or rounds > 1):
            # More counts than are danced again: so many times, which is asked.
            state = state.asked(at, Doubt.COUNTS)
        size = source[1] - source[0] + 1
        events = tuple(replace(e, start=e.start + k * size) for k in range(max(1, rounds)) for e in events)
    elif target is not None:
        size = target[1] - target[0] + 1
        low = Fraction(0) if size >= end or end % size else Fraction(end - size)
        events = tuple(e for e in events if e.start >= low or size >= end)
        at = Fraction(target[0] - 1)
    elif source is not None:
        events = tuple(e for e in events if source[0] - 1 <= e.start < source[1])
        low, at = Fraction(source[0] - 1), Fraction(end)
    else:
        at = Fraction(end)
    if not events:
        return None
    lead = next((str(e.foot) for e in events if str(e.foot) in OTHER), "")
    mirror = repeat.mirror if not repeat.side or not lead else repeat.side != lead
    if not repeat.mirror and not repeat.side and lead and state.weight == lead:
        # The foot it began with bears the weight: the other side, and that is asked.
        mirror = True
        state = state.asked(at, Doubt.SIDE).dearer(0.2)
    for event in events:
        state = state.put(_moved(event, at - low, mirror))
    return state


def _from(events: tuple[Event, ...], source: tuple[int, int], target: tuple[int, int], end: int) -> tuple[Event, ...]:
    """What is danced on counts ``source`` of the eight that ``target`` lies in, else of the first."""
    eight = (target[0] - 1) // 8 * 8
    for base in (eight, 0):
        first, last = base + source[0] - 1, base + source[1]
        found = tuple(e for e in events if first <= e.start < last)
        if found and last <= end:
            return tuple(replace(e, start=e.start - base) for e in found)
    return ()


def times(state: State, events: tuple[Event, ...], number: int) -> State:
    """Events so many times in all; each round begins with the free foot, which is asked when turns go with it."""
    if number < 2 or not events:
        return state
    low = max(0, floor(min(e.start for e in events)))
    size = end_of(events) - low
    lead = next((str(e.foot) for e in events if str(e.foot) in OTHER), "")
    flips = bool(lead) and state.weight == lead
    for k in range(1, number):
        mirror = flips and k % 2 == 1
        for event in events:
            state = state.put(_moved(event, Fraction(k * size), mirror))
        if flips and any(e.turn != 0 for e in events):
            state = state.asked(Fraction(low + k * size), Doubt.SIDE)
    return state


def bare(state: State, places: list[tuple[Fraction, Fraction]], number: int) -> State:
    """Counts without words so many times."""
    last = places[-1]
    size = ceil(last[0] + last[1] - floor(places[0][0]))
    for k in range(number):
        for at, length in places:
            state = state.put(Event(at + k * size, length))
    return state


def other_side(events: tuple[Event, ...]) -> tuple[Event, ...]:
    """Events as they are danced on the other side."""
    return tuple(mirrored(event, _other_arm) for event in events)


def _moved(event: Event, by: Fraction, mirror: bool) -> Event:
    moved = replace(event, start=event.start + by)
    return mirrored(moved, _other_arm) if mirror else moved


def _other_arm(event: Event) -> Event:
    """“R arm up” on the other side."""
    if event.kind is not Kind.FREE:
        return event
    return replace(event, name=" ".join(SIDE_WORDS.get(word, word) for word in event.name.split(" ")))
