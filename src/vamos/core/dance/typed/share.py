"""Moves on counts: every way they can stand on them, each with what speaks against it.

Cheapest first: one move a written count; one a whole count of a range; steps on their own counts inside a range; a step
again on the free foot; shared out evenly; else one block whose feet are not known and whose counts are asked.
"""

from __future__ import annotations

import itertools
from collections.abc import Sequence
from dataclasses import replace
from fractions import Fraction

from msgspec.structs import replace as changed

from vamos.core.dance.typed.count_runs import Slot
from vamos.core.dance.typed.leading import OTHER
from vamos.core.dance.typed.lexicon import Lexicon, plain
from vamos.core.dance.typed.move import Move
from vamos.core.dance.typed.one_move import ONE, OneMove, Written
from vamos.core.dance.typed.rows import (
    all_again,
    closed,
    led,
    length_of,
    otherwise,
    own_counts,
    size_of,
    spread,
    struts,
    turned_before,
    written_out,
)
from vamos.core.dance.typed.state import Slots, State
from vamos.core.model.dance import Doubt, Event, Kind, StepPattern

#: Kinds of moves that a foot named at the end of a row can lead.
_ROW = ("step", "other", "touch", "hop", "figure")


def share(state: State, moves: Sequence[Move], slots: Sequence[Slot], lexicon: Lexicon) -> list[State]:
    """All ways to put moves on counts, as states."""
    row = struts(led(written_out(moves)))
    if any(m.times > 1 and m.size is not None and m.kind in ("free", "hand", "touch", "hop") for m in moves) and slots:
        # “bounce twice making a ¼ turn”: once or each time.
        state = state.asked(slots[0].start, Doubt.TURNS)
    found = []
    if (joined := turned_before(row)) != row:
        found, state = _Sharing(state, joined, slots, lexicon).fitting(), state.dearer(0.2)
    found += _Sharing(state, row, slots, lexicon).all()
    if any(m.lasts for m in row):
        plainly = [changed(m, lasts=0) for m in row]
        found += _Sharing(state.dearer(0.3), plainly, slots, lexicon).all()
    whole = closed(row)
    if whole != row:
        found += _Sharing(state.dearer(0.1), whole, slots, lexicon).fitting()
    if whole_again := all_again(moves):
        found += _Sharing(state.dearer(0.1), led(written_out(whole_again)), slots, lexicon).fitting()
    if one_each := spread(moves):
        found += _Sharing(state.dearer(0.1), one_each, slots, lexicon).fitting()
    for cost, other in otherwise(row, state.events[-1] if state.events else None):
        found += _Sharing(state.dearer(cost), other, slots, lexicon).all()
    found = [s for s in found if _apart(s.events[len(state.events) :])] or found
    rests = [s for s in slots if s.rest]
    out = []
    for made in found:
        for rest in rests:
            made = made.put(Event(rest.start, ONE, "hold", kind=Kind.HOLD))
        out.append(made)
    return out


def _apart(events: Sequence[Event]) -> bool:
    """Whether no two moves of one dancer begin at once."""
    return len({(e.role, e.start) for e in events}) == len(events)


def _same_words(pattern: StepPattern, moves: Sequence[Move]) -> bool:
    """Whether moves are a step's own, said one by one: “ball step, cross, step” is more than its ball step."""
    own = [set(plain(e.name).split()) for e in pattern.events]
    said = [{w for name in m.name for w in plain(name).split()} for m in moves]
    return 2 * sum(bool(a & b) for a, b in zip(own, said, strict=False)) > len(moves)


class _Sharing(Written):
    def __init__(self, state: State, moves: Sequence[Move], slots: Sequence[Slot], lexicon: Lexicon):
        super().__init__(state, slots, lexicon)
        self.moves = list(moves)

    def all(self) -> list[State]:
        if not self.points:
            return []
        if not self.moves:
            state = self.state
            for at, length in self.points:
                state = state.put(Event(at, length))
            return [state]
        self._counted()
        if len(self.moves) == 1:
            OneMove(self.state, self.slots, self.lexicon, self.out).add(self.moves[0])
        elif not self.out:
            self._somehow()
        return self.out

    def fitting(self) -> list[State]:
        """Only where the counts tell which move stands where."""
        if self.points and self.moves:
            self._counted()
        return self.out

    # --- rows ----------------------------------------------------------------------------

    def _put(self, moves: Sequence[Move], places: Sequence[Slots], cost: float, doubt: Doubt = Doubt.NONE) -> None:
        state = self.state.dearer(cost)
        if doubt:
            state = state.asked(places[0][0][0], doubt)
        for place, move in zip(places, moves, strict=False):
            shortened = move.figure is not None and len(move.figure.events) == 1 < move.figure.length
            if move.kind == "figure" and (len(place) > 1 or shortened):
                state = state.figure(move, place)
            else:
                state = state.single(move, place[0][0], place[-1][0] + place[-1][1] - place[0][0])
        self.out.append(state)

    def _rows(self, places: Sequence[Slots], cost: float, doubt: Doubt = Doubt.NONE) -> None:
        """A row as it is written; and with the foot that is named at its end as the leading one."""
        moves = self.moves
        self._put(moves, places, cost, doubt)
        last = moves[-1]
        ends = len(moves) > 1 and not any(m.feet for m in moves[:-1]) and len(last.feet) == 1 and last.kind != "figure"
        # “rolling vine right, touch L” leads with the side it goes to.
        sided = moves[0].kind == "figure" and (moves[0].side or moves[0].way)
        if ends and not sided and all(m.kind in _ROW for m in moves):
            led = [changed(moves[0], feet=last.feet), *moves[1:-1], changed(last, feet=())]
            self._put(led, places, cost + (0.2 if moves[0].kind == "touch" else 0.05), doubt)

    def _cut(self, points: Slots) -> list[Slots]:
        out, at = [], 0
        for move in self.moves:
            out.append(points[at : at + size_of(move)])
            at += size_of(move)
        return out

    def _counted(self) -> None:
        """Where the counts tell which move stands where."""
        moves, points, whole = self.moves, self.points, self.whole
        total = sum(map(size_of, moves))
        if total == len(points) and not self.ranged:
            self._rows(self._cut(points), 0)
        if total == len(whole) and self.ranged:
            self._rows(self._cut(whole), 0.05)
        length = sum(map(length_of, moves), Fraction(0))
        if self.one_range and length == self.slots[0].length and length != total:
            places, at = [], self.slots[0].start
            for move in moves:
                places.append(own_counts(move.figure, at) if move.figure is not None else [(at, length_of(move))])
                at += length_of(move)
            self._rows(places, 0)
        self._replaced_touch(total)
        self._with_hands()
        self._said_again(total)

    def _replaced_touch(self, total: int) -> None:
        """“vine R ¼ R, scuff L”: what follows takes the place of the touch a step ends with."""
        first = self.moves[0]
        if len(self.moves) != 2 or first.figure is None or self.moves[1].kind not in (*_ROW[:4], "hand", "hold"):
            return
        last = first.figure.events[-1]
        # “side rock, recover with ¼ L”: what is said again says more of it.
        said_again = last.name == "recover" and self.lexicon.base(plain(self.moves[1].called)) == "recover"
        ends = last.kind is Kind.TOUCH or said_again
        # “jazz box R with a touch”: its last step is a touch then.
        if not ends and (self.moves[1].kind != "touch" or size_of(first) < 4 or not self._last_foot(first)):
            return
        for points in (self.points, self.whole):
            if total == len(points) + 1:
                short = replace(first.figure, events=first.figure.events[:-1])
                moves = [changed(first, figure=short), self.moves[1]]
                self._put(moves, [points[: size_of(first) - 1], points[size_of(first) - 1 :]], 0.1 if ends else 0.2)
                return

    def _last_foot(self, first: Move) -> bool:
        """Whether the foot said of a touch, if any, is the one the step before it ends on."""
        said = self.moves[1].feet
        lead = (first.feet or (first.side,))[0]
        assert first.figure is not None
        same = first.figure.events[0].foot == first.figure.events[-1].foot
        return not said or (bool(lead) and said[0] == (lead if same else OTHER[lead]))

    def _with_hands(self) -> None:
        """“rocking chair R with claps”: hands beside a step that fills its counts are words of it."""
        feet: list[Move] = []
        for move in self.moves:
            if feet and move.kind == "hand" and feet[-1].kind == "hold":
                # “hold and clap”: hands, and no step.
                feet[-1] = changed(move, name=(*feet[-1].name, *move.name))
            elif feet and move.kind == "hand" and not move.feet:
                feet[-1] = changed(feet[-1], name=(*feet[-1].name, *move.name))
            else:
                feet.append(move)
        if len(feet) == len(self.moves):
            return
        total = sum(map(size_of, feet))
        for points in (self.points, self.whole):
            if total == len(points):
                at = [sum(map(size_of, feet[:k])) for k in range(len(feet) + 1)]
                # “kick R kick L clap 1-4”: a move that lasts over several counts is seldom meant.
                long = self.ranged and points is self.points and len(self.whole) > total
                cost, doubt = (1.0, Doubt.COUNTS) if long else (0.15, Doubt.NONE)
                self._put(feet, [points[a:b] for a, b in itertools.pairwise(at)], cost, doubt)
                return

    def _said_again(self, total: int) -> None:
        """“vine R: side, behind, side, touch”: a step and its moves one by one."""
        first, rest = self.moves[0], self.moves[1:]
        if len(self.moves) < 3 or first.figure is None or size_of(first) != total - size_of(first):
            return
        points = self.points if len(self.points) == len(rest) else self.whole
        if len(points) != len(rest) or not _same_words(first.figure, rest):
            return
        lead = first.feet[:1] or ((first.side,) if first.side else ())
        moves = list(rest)
        if lead and not moves[0].feet:
            moves[0] = changed(moves[0], feet=lead)
        # What was not understood of the step is not forgotten with it.
        moves[0] = changed(moves[0], unknown=(*first.unknown, *moves[0].unknown), slips=(*first.slips, *moves[0].slips))
        # A turn said of the step as a whole lies on one of them, which is told nowhere.
        turned = first.turns and first.size is not None and not any(m.turns for m in moves)
        self._put(moves, [[p] for p in points], 0.1 if turned else 0, Doubt.TURNS if turned else Doubt.NONE)

    # --- whatever is left ----------------------------------------------------------------

    def _somehow(self) -> None:
        """Moves that fit their counts in no usual way: evenly, or as far as they go, and asked."""
        moves, points, whole = self.moves, self.points, self.whole
        total = sum(map(size_of, moves))
        figures = any(m.kind == "figure" for m in moves)
        length = self.slots[0].length if self.one_range else None
        if length is not None and length % len(moves) == 0 and not figures:
            each = length / len(moves)
            places = [[(self.slots[0].start + k * each, each)] for k in range(len(moves))]
            self._rows(places, 0.5, Doubt.COUNTS)
        elif length is not None and len(moves) < length and not figures:
            places = [[(self.slots[0].start + k, ONE)] for k in range(len(moves))]
            self._rows(places, 0.9, Doubt.COUNTS)
        elif len(points) == 1 and length is None:
            self._on_one_count()
        elif total < max(len(points), len(whole)):
            row = points if total < len(points) else whole
            before = len(self.out)
            self._rows(self._cut(row), 1.2 + 0.2 * abs(len(row) - total), Doubt.COUNTS)
            for k in range(before, len(self.out)):
                for at, long in row[total:]:
                    self.out[k] = self.out[k].put(Event(at, long))
        else:
            row = points if len(points) >= len(whole) else whole
            kept = list(row)[: len(moves)]
            self._put(moves[: len(kept)], [[p] for p in kept], 2 + 0.3 * len(moves), Doubt.COUNTS)

    def _on_one_count(self) -> None:
        """Several verbs on one count: the one that moves the body, with what the others say of it."""
        big = [m for m in self.moves if m.kind and m.kind != "hand"] or self.moves
        move = big[0]
        for other in self.moves:
            if other is not move:
                move = changed(
                    move,
                    size=move.size if move.size is not None else other.size,
                    way=move.way or other.way,
                    side=move.side or (other.side if other.size is not None else ""),
                    turned=move.turned or other.turned,
                    feet=move.feet or other.feet,
                    unknown=(*move.unknown, *other.unknown),
                )
        move = changed(move, name=tuple(word for m in self.moves for word in m.name))
        state = self.state.dearer(0.8 * (len(big) - 1)).single(move, *self.points[0])
        if len(big) > 1:
            state = state.asked(self.points[0][0], Doubt.COUNTS)
        self.out.append(state)
