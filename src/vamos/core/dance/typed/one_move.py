"""One move on the counts it has: once, on each of them, as a known step on its own counts, or as a name."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from fractions import Fraction

from msgspec.structs import replace as changed

from vamos.core.dance.steps import goes_on, turn_alone
from vamos.core.dance.typed.count_runs import Slot
from vamos.core.dance.typed.leading import OTHER
from vamos.core.dance.typed.lexicon import Lexicon, plain
from vamos.core.dance.typed.move import Move
from vamos.core.dance.typed.rows import own_counts, sides_of
from vamos.core.dance.typed.state import Slots, State
from vamos.core.model.dance import Doubt, Event, Kind, StepPattern

ONE = Fraction(1)
#: Steps of which two counts are often said by themselves.
_HALVED = ("monterey",)


#: Verbs of a single step, where a foot is said.
_ONCE = ("step", "stomp", "stamp", "schritt", "paso", "pas", "passo")


class Written:
    """Counts as they are written, and the states that were found for the moves on them."""

    def __init__(self, state: State, slots: Sequence[Slot], lexicon: Lexicon):
        self.state, self.lexicon = state, lexicon
        self.slots = [s for s in slots if not s.rest]
        self.points: Slots = [(s.start, s.length or ONE) for s in self.slots]
        #: Ranges written out, a whole count each.
        self.whole: Slots = [
            (s.start + k, ONE) for s in self.slots for k in range(int(s.length) if s.length is not None else 1)
        ]
        self.ranged = any(s.length is not None for s in self.slots)
        self.one_range = len(self.slots) == 1 and self.slots[0].length is not None
        self.out: list[State] = []


class OneMove(Written):
    """The ways of one move; ``out`` holds what was found before, and what is found."""

    def __init__(self, state: State, slots: Sequence[Slot], lexicon: Lexicon, out: list[State]):
        super().__init__(state, slots, lexicon)
        self.out = out

    def add(self, move: Move) -> None:
        """Every way the move can stand on its counts, beside what was found before."""
        if move.kind == "hold":
            self._hold()
        elif move.kind == "figure" and move.figure is not None:
            self._figure(move, move.figure)
        else:
            self._plain(move)

    def _hold(self) -> None:
        points = self.points
        state = self.state
        for at, length in points:
            state = state.put(Event(at, length, "hold", kind=Kind.HOLD))
        if len(points) > 1 and not self.ranged:
            # “1 2 hold”: bare counts, then one that is held; or all of them held.
            other = self.state.dearer(0.1).asked(points[-1][0] + 1, Doubt.COUNTS)
            for at, length in points:
                other = other.put(Event(at, length))
            self.out.append(other.put(Event(Fraction(int(points[-1][0]) + 1), ONE, "hold", kind=Kind.HOLD)))
            if not self.state.events:
                state = state.asked(points[0][0], Doubt.COUNTS)
        self.out.append(state)

    def _figure(self, move: Move, pattern: StepPattern) -> None:
        moves, points, whole = len(pattern.events), self.points, self.whole
        if turn_alone(pattern.name) and len(whole) == 1:
            self.out.append(self.state.single(move, *points[0]))
            return
        if self.out:
            return
        if goes_on(pattern.name) and len(points) > moves:
            state = self.state
            foot = move.feet[0] if move.feet else move.side or state.free("R")
            for k, (at, length) in enumerate(points):
                one = changed(move, kind="step", figure=None, feet=(foot if k % 2 == 0 else OTHER.get(foot, foot),))
                state = state.single(one, at, length)
            self.out.append(state)
            return
        for row, cost in ((points, 0.0), (whole, 0.05)):
            if len(row) > moves and len(row) % moves == 0 and (row is points or self.ranged):
                self._again(move, [row[k : k + moves] for k in range(0, len(row), moves)], cost)
                if row is points:
                    break
        if self.one_range and not self.out:
            self._on_its_counts(move, pattern)
        row = whole if len(whole) > 1 else points
        if not self.out and len(row) == 2 and pattern.name.lower().startswith(_HALVED):
            # “5-6 Monterey ¼ R, 7-8 point L, together”: its first half.
            half = replace(pattern, events=pattern.events[:2], length=Fraction(2))
            self.out.append(self.state.dearer(0.1).figure(changed(move, figure=half), row))
        short = len(row) == moves - 1 and pattern.events[-1].kind is Kind.TOUCH
        if not self.out and short:
            self.out.append(self.state.dearer(0.2).figure(move, row))
        if not self.out:
            self._block(move, pattern)

    def _on_its_counts(self, move: Move, pattern: StepPattern) -> None:
        """A step in a range of its own length, or of that length several times."""
        length, start = self.slots[0].length, self.slots[0].start
        assert length is not None
        long = pattern.length
        for each in (long, long + 1 if long % 4 == 3 and long > 3 else long):
            if length % each == 0:
                rounds = int(length / each)
                self._again(move, [own_counts(pattern, start + k * each) for k in range(rounds)], 0.02)
                return

    def _again(self, move: Move, rounds: list[Slots], cost: float) -> None:
        """A step several times: each begins with the foot that is free; a turn that was said is asked for."""
        state = self.state.dearer(cost)
        turned = move.size is not None or move.turned
        for k, row in enumerate(rounds):
            if k == 0:
                state = state.figure(move, row)
                continue
            later = changed(move, feet=(), side="", row=False, name=move.name)
            state = (
                state.figure(later, row, lead=state.free(""), turns=True)
                if state.free("")
                else state.figure(later, row)
            )
        if turned and len(rounds) > 1:
            state = state.asked(rounds[0][0][0], Doubt.TURNS)
        self.out.append(state)

    def _block(self, move: Move, pattern: StepPattern) -> None:
        """A known step that does not fit its counts: its feet are not known, and it is asked."""
        state = self.state.dearer(1.5).asked(self.points[0][0], Doubt.COUNTS)
        turn, size = state.turn_of(move)
        for k, (at, length) in enumerate(self.points):
            this, far = (turn, size) if k == 0 else (0, 0)
            state = state.put(Event(at, length, " ".join(move.name), kind=Kind.STEP, turn=this, size=far))
        self.out.append(state)

    def _plain(self, move: Move) -> None:
        """One verb, or only a name, over the counts it has."""
        points, whole = self.points, self.whole
        if self.out and len(whole) == 1:
            return
        first = plain(move.name[0]) if move.name else ""
        words = {self.lexicon.base(w) for w in first.split()}
        walks = bool(words & self.lexicon.walks)
        # “slow drag” is one, however it goes.
        alternate = bool(words & self.lexicon.alternate) and move.kind != "touch"
        if move.unknown and not move.kind and not move.hand and len(whole) > 1 and not move.row:
            self._unknown_figure(move)
            return
        lasts = any(self.lexicon.base(plain(w)) in self.lexicon.lasting for w in move.name[:2])
        # “sways 1-4” are several.
        several = alternate and not move.feet and first.endswith("s") and self.lexicon.base(first) != first
        spread = self.one_range and (walks or several)
        row = whole if spread or len(sides_of(move)) == len(whole) else points
        if len(row) == 1:
            state = self.state.single(move, *row[0])
            ways = sum(plain(w) in self.lexicon.rows for w in move.name)
            if self.one_range and ways > 1 and len(whole) > 1:
                # “fan R toes out in out in 1-4”: one each, or all of it once.
                state = state.asked(row[0][0], Doubt.COUNTS)
            if move.kind in ("step", "touch") and len(whole) > 1 and not move.turns:
                # A step that fills its counts is likelier.
                state = state.dearer(0.8 if len(whole) > 2 else 0.15)
            unwinds = lasts
            if move.kind == "pivot" and len(whole) == 2 and not unwinds and self._stepped(move):
                return
            if move.kind == "pivot" and len(whole) > 1:
                state = state.dearer(0.3)
                # “pivot ¼ L 5-6”: a step before it is meant, or it is slow.
                state = state.asked(row[0][0], Doubt.COUNTS) if self.one_range else state
            if move.kind in ("step", "other") and self.one_range and len(whole) > 1 and not move.turns and not spread:
                state = state.asked(row[0][0], Doubt.COUNTS) if len(whole) > 2 else state
            self.out.append(state)
            return
        if self.out:
            return
        if move.kind == "pivot" or (lasts and not self.one_range and not move.row):
            # “6-7-8 unwind”, “sweep R 1 2”: one move that lasts so long.
            start, end = row[0][0], row[-1][0] + row[-1][1]
            self.out.append(self.state.dearer(0.1).single(move, start, end - start))
            return
        state = self.state
        sides = sides_of(move)
        for k, (at, length) in enumerate(row):
            foot = None
            if len(sides) == len(row):
                state = state.single(changed(move, name=(*move.name[: -len(sides)], sides[k])), at, length)
                continue
            if k and alternate and state.events[-1].foot.value in OTHER:
                foot = OTHER[state.events[-1].foot.value]
                if k == 1 and len(move.feet) == 1 and first in _ONCE:
                    # “step R (1, 2)”: a step that lasts two counts, or two of them.
                    state = state.asked(row[0][0], Doubt.COUNTS)
            elif k and move.kind in ("step", "touch", "hop") and move.feet:
                foot = move.feet[0]
                if move.kind == "step":
                    state = state.asked(at, Doubt.FOOT)
            state = state.single(move, at, length, foot, turns=k == 0)
        self.out.append(state)

    def _stepped(self, move: Move) -> bool:
        """“pivot ¼ L 5-6” where the foot it turns on is still free: the step before it is not said."""
        needed = OTHER.get(move.way, "")
        if move.feet or not needed or self.state.weight == needed:
            return False
        at = self.whole
        state = self.state.single(Move("step", feet=(needed,), name=("step",)), *at[0])
        self.out.append(state.single(move, *at[1]))
        return True

    def _unknown_figure(self, move: Move) -> None:
        """A name nobody knows over several counts: one move whose feet are not known, marked over all of them."""
        start, end = self.whole[0][0], self.whole[-1][0] + self.whole[-1][1]
        state = self.state.asked(start, Doubt.NAME)
        turn, size = state.turn_of(move)
        unread = ", ".join((*move.unknown, *move.slips))
        event = Event(start, end - start, " ".join(move.name), kind=Kind.STEP, turn=turn, size=size, unread=unread)
        self.out.append(state.put(event))
