"""A move or a known step over the counts it is given."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace
from fractions import Fraction

from vamos.core.dance.counts_typed import Slot, print_counts
from vamos.core.dance.move_words import WALKING, MoveWords, kind_of
from vamos.core.dance.steps import find_step, first_move_alone, on_side
from vamos.core.dance.turn_words import find_turn
from vamos.core.model.dance import Event, Foot, Kind, StepPattern
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


def named(words: MoveWords, slots: tuple[Slot, ...], steps: Mapping[str, StepPattern], one_count: bool) -> list[Event]:
    """The events of a group; raises InputError with what would fit."""
    pattern = find_step(words.name, steps) if words.name and words.foot is not Foot.BOTH else None
    danced = [s for s in slots if not s.hold]
    if pattern is not None and words.kind is None and len(pattern.events) > 1 and not one_count and danced:
        turned = find_turn(words.name)
        if words.feet and len(words.feet) == len(danced):
            return _moves(words, slots)
        whole = len(danced) > 1 or slots[0].length > 1 or bool(words.feet)
        if not whole and turned is None and first_move_alone(words.name, pattern):
            return _moves(words, slots)
        if whole or turned is None:
            return _step(words, pattern, slots, danced)
        # “pivot half” on one count is the turn itself.
        way = words.turn if words.turn else turned.turn
        words = replace(words, name=turned.rest, turn=way, size=0 if way else turned.size)
    return _moves(words, slots)


def _moves(words: MoveWords, slots: tuple[Slot, ...]) -> list[Event]:
    """The same move on each count, walking feet in turn."""
    slots = _shared_out(words, slots) if words.kind is None else slots
    if words.feet and len(words.feet) != len([s for s in slots if not s.hold]):
        raise InputError(
            tr(
                "as many counts as feet; {number} feet stand on {number2} counts",
                number=len(words.feet),
                number2=len(slots),
            )
        )
    walking = bool(words.name) and words.name.lower().split()[0] in WALKING and words.foot in (Foot.RIGHT, Foot.LEFT)
    out: list[Event] = []
    foot = words.foot
    for slot in slots:
        if slot.hold:
            out.append(Event(slot.start, slot.length, "hold", kind=Kind.HOLD))
            continue
        moved = sum(e.kind is not Kind.HOLD for e in out)
        first = not moved
        foot = words.feet[moved] if words.feet else foot
        # A turn is made once, on the first count of the group.
        turn, size = (words.turn, words.size) if first else (0, 0)
        kind = words.kind or kind_of(words.name, foot)
        out.append(Event(slot.start, slot.length, words.name, foot=foot, kind=kind, turn=turn, size=size))
        if walking and kind is Kind.STEP:
            foot = Foot.LEFT if foot is Foot.RIGHT else Foot.RIGHT
    return out


def _shared_out(words: MoveWords, slots: tuple[Slot, ...]) -> tuple[Slot, ...]:
    """``8 walks 1-16``, ``walk R 1-4``: a range shared out among the moves it is for."""
    if len(slots) != 1 or slots[0].hold or slots[0].length <= 1:
        return slots
    slot = slots[0]
    walks = words.name.lower().split()[:1] in (["walk"], ["walks"], ["march"], ["run"], ["runs"])
    number = words.times if words.times > 1 else int(slot.length) if walks and slot.length.denominator == 1 else 1
    each = slot.length / number
    if number == 1:
        return slots
    if each.denominator not in (1, 2):
        raise InputError(
            tr("counts that {number} moves share evenly, not {number2:g}", number=number, number2=float(slot.length))
        )
    return tuple(Slot(slot.start + k * each, each) for k in range(number))


def _step(words: MoveWords, pattern: StepPattern, slots: tuple[Slot, ...], danced: list[Slot]) -> list[Event]:
    """A known step over the counts it is given."""
    moves, count = len(pattern.events), len(danced)
    if count == 1 and slots[0].length > 1:
        # A step of seven counts is danced over eight.
        length = pattern.length + 1 if pattern.length % 4 == 3 and pattern.length > 3 else pattern.length
        rounds = slots[0].length / length
        if rounds.denominator == 1:
            slots = _own_slots(replace(pattern, length=length), slots[0].start, int(rounds))
            danced, count = list(slots), len(slots)
    if count == moves:
        return spread(words, pattern, slots)
    if count < moves and count > 1 and not any(s.hold for s in slots):
        return spread(words, replace(pattern, events=pattern.events[:count]), slots)
    if count % moves == 0 and count > moves:
        out: list[Event] = []
        foot = words.foot if words.foot is not Foot.NONE else Foot.RIGHT
        for k in range(count // moves):
            out += spread(replace(words, foot=foot), pattern, tuple(danced[k * moves : (k + 1) * moves]))
            stepped = [e.foot for e in out if e.kind in (Kind.STEP, Kind.TURN) and e.foot in (Foot.RIGHT, Foot.LEFT)]
            if stepped:
                # It goes on with the foot that is free.
                foot = Foot.LEFT if stepped[-1] is Foot.RIGHT else Foot.RIGHT
        holds = [Event(s.start, s.length, "hold", kind=Kind.HOLD) for s in slots if s.hold]
        return sorted([*out, *holds], key=lambda e: e.start)
    usual = print_counts(_own_slots(pattern, Fraction(0), 1))
    raise InputError(
        tr(
            "the counts of “{name}”, which has {moves} moves, such as {usual}; here stand {count}",
            name=words.name,
            moves=moves,
            usual=usual,
            count=count,
        )
    )


def _own_slots(pattern: StepPattern, start: Fraction, rounds: int) -> tuple[Slot, ...]:
    """A step on its own counts, so many times in a row."""
    return tuple(Slot(start + k * pattern.length + e.start, e.length) for k in range(rounds) for e in pattern.events)


def spread(words: MoveWords, pattern: StepPattern, slots: tuple[Slot, ...]) -> list[Event]:
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
