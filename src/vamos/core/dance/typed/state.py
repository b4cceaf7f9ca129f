"""What is danced so far: feet, weight and heading after each move, what is to be asked, what was only a name."""

from __future__ import annotations

import re
from collections.abc import Callable
from dataclasses import replace
from fractions import Fraction

from msgspec import Struct
from msgspec.structs import replace as changed

from vamos.core.dance.steps import taught_differently, turn_alone, usual_turn
from vamos.core.dance.typed.around import SIDE_WORDS, side_word
from vamos.core.dance.typed.leading import LIFTS, OTHER, along, comes_down, in_order, on_side, other_way, own_way
from vamos.core.dance.typed.move import Move
from vamos.core.model.dance import Doubt, Event, Foot, Kind, StepPattern

_FOOT = {"R": Foot.RIGHT, "L": Foot.LEFT, "B": Foot.BOTH, "": Foot.NONE, "E": Foot.NONE}
_KINDS = {
    "step": Kind.STEP,
    "other": Kind.STEP,
    "touch": Kind.TOUCH,
    "hop": Kind.HOP,
    "landed": Kind.HOP,
    "pivot": Kind.TURN,
    "free": Kind.FREE,
    "hand": Kind.FREE,
    "hold": Kind.HOLD,
    "": Kind.FREE,
}
#: What speaks against a reading: a foot that bears the weight, one that was guessed.
BEARS, GUESSED = 1.2, 0.1
#: A foot that was said and finds no place.
UNSAID = 0.9

#: Words that would be read as a turn again.
_TURN_WORD = re.compile(r"(?:turn|turning|drehung|drehen|spin)$", re.IGNORECASE)

#: A foot that points somewhere, and where else it may.
_POINTED = re.compile(
    r"(?:points?|touch(?:es)?|taps?|tippt?|tippen|pointe|punta|toca|tocca)\b.*"
    r"\b(?:front|forward|fwd|back|behind|vorn?|vorne|hinten|devant|derrière|avant|arrière|adelante|atrás|avanti|dietro)$",
    re.IGNORECASE,
)
_ASIDE = re.compile(r"(?:side|seite?|lado|côté|lato)$", re.IGNORECASE)
#: Where a move to a side comes back to.
_MIDDLE = ("center", "centre", "middle", "mitte", "centro")
#: “heels out, heels in”: both of them.
_BOTH = re.compile(r"(?:heels|toes|fersen|spitzen)\s+(?:out|in|apart|together|auseinander|zusammen)$", re.IGNORECASE)
_TWIST = re.compile(r"(swivel|twist|fan)\b.*\b(?:heels|toes)\b", re.IGNORECASE)
_IN_OUT = re.compile(r"(?:in|out|up|down|cent(?:re|er))$", re.IGNORECASE)
_GOES = re.compile(r"(?:back|forward|fwd)$", re.IGNORECASE)

Slots = list[tuple[Fraction, Fraction]]


class State(Struct, frozen=True):
    """``weight`` is R, L, B or empty where it is not known; ``heading`` in eighths or None."""

    cost: float = 0.0
    events: tuple[Event, ...] = ()
    weight: str = ""
    heading: int | None = 0
    last: str = ""
    #: Questions and words taken only as a name, where they are.
    doubts: tuple[tuple[Fraction, Doubt], ...] = ()
    lead: str = ""
    role: str = ""

    def dearer(self, cost: float) -> State:
        return changed(self, cost=self.cost + cost)

    def asked(self, at: Fraction, doubt: Doubt) -> State:
        if (at, doubt) in self.doubts:
            return self
        return changed(self, doubts=(*self.doubts, (at, doubt)))

    def free(self, otherwise: str) -> str:
        """The foot that can move."""
        return OTHER.get(self.weight, otherwise)

    def put(self, event: Event) -> State:
        """The state after an event."""
        foot, kind = str(event.foot), event.kind
        foot = {"both": "B"}.get(foot, foot)
        weight, cost = self.weight, self.cost
        if kind in (Kind.STEP, Kind.TOUCH) and foot and foot == weight:
            cost += BEARS
        if kind is Kind.HOP and weight in OTHER and foot and foot != weight:
            cost += 0.3
        if kind in (Kind.STEP, Kind.TURN, Kind.HOP):
            weight = foot or ("" if kind is Kind.STEP else weight)
        elif kind is Kind.TOUCH and foot in OTHER and weight in ("", "B"):
            weight = OTHER[foot]
        heading = self.heading
        if event.turn is not None and heading is not None:
            heading = (heading + event.turn) % 8
        elif event.turn is None:
            heading = (heading + 4) % 8 if heading is not None and event.size == 4 else None
        return changed(
            self,
            cost=cost,
            events=(*self.events, event if event.role == self.role else replace(event, role=self.role)),
            weight=weight,
            heading=heading,
            last=foot or self.last,
        )

    def said_to_end(self, foot: str) -> State:
        """The state beside where the weight is said to be: known now, or in contradiction and asked."""
        if not self.events or foot == self.weight:
            return self
        last = self.events[-1]
        if not self.weight or last.kind is Kind.TURN:
            # An unwind or a turn on both feet: where it ends is said.
            turned = replace(last, foot=_FOOT[foot]) if last.kind is Kind.TURN else last
            return changed(self, events=(*self.events[:-1], turned), weight=foot)
        return self.asked(self.events[-1].start, Doubt.WEIGHT).dearer(BEARS / 2)

    # --- turns ---------------------------------------------------------------------------

    def turn_of(self, move: Move) -> tuple[int | None, int]:
        """(signed eighths, or None when it is open; how far when only that is known)."""
        way = move.way or (move.side if move.size is not None or move.turned else "")
        if move.target is not None and self.heading is not None and (move.turns or not move.kind):
            to_go = (move.target - self.heading) % 8
            if move.size is None and not move.turned and move.kind not in ("", "pivot") and not move.way:
                # “step R (12:00)”: a remark that is checked, no turn.
                return (0, 0) if to_go == 0 else self._towards(to_go, way)
            if move.size is None:
                return self._towards(to_go, way)
            if not way:
                signs = [s for s in (1, -1) if (s * move.size) % 8 == to_go]
                return (signs[0] * move.size, 0) if len(signs) == 1 else (None, move.size)
        if move.size is not None:
            return ((move.size if way == "R" else -move.size), 0) if way in OTHER else (None, move.size)
        if move.turned or move.kind == "pivot":
            return None, 0
        return 0, 0

    @staticmethod
    def _towards(to_go: int, way: str) -> tuple[int | None, int]:
        """To a wall: the way that was said, else the short one; half-way round it is open."""
        if way:
            return (to_go if way == "R" else to_go - 8 if to_go else 0), 0
        if to_go == 4:
            return None, 4
        return (to_go if to_go < 4 else to_go - 8), 0

    # --- moves ---------------------------------------------------------------------------

    def single(self, move: Move, at: Fraction, length: Fraction, foot: str | None = None, turns: bool = True) -> State:
        """One move on one count."""
        state = self._named(move, at, length)
        turn, size = state.turn_of(move) if turns else (0, 0)
        if foot is None:
            to_side = move.side if move.side and move.size is None and move.kind == "step" else ""
            foot = move.feet[0] if move.feet else to_side
            if len(set(move.feet)) > 1 and not {"B", "E"} & set(move.feet):
                state = state.asked(at, Doubt.FOOT).dearer(UNSAID)
        kind = move.kind
        if kind == "figure" and move.figure is not None:
            return state._figure_on_one(move, at, length, foot, turn, size)
        sided = state._goes_on_free(move) if not kind else ""
        if sided:
            # “swivel heels R 1, L 2”: a side alone goes on with what has no foot.
            move = changed(move, name=(sided,), feet=() if move.feet == ("B",) else move.feet)
            kind, foot = "free", "" if foot == "B" else foot
        before = self.events[-1] if self.events else None
        twisted = _TWIST.match(before.name) if before is not None and before.kind is Kind.FREE else None
        if twisted and kind == "touch" and tuple(map(str.lower, move.name)) in (("toes",), ("heels",)):
            # “swivel heels R, toes R”: they go on, and no toe touches.
            move, kind = changed(move, name=(twisted.group(1).lower(), *move.name), kind="free"), "free"
        if kind == "step" and not (foot or turn or size) and before is not None and before.kind is Kind.TOUCH:
            # “point R front, side, back”: that foot goes on pointing.
            goes_on = _POINTED.match(before.name) and _ASIDE.match(" ".join(move.name))
            kind, foot = ("touch", state.last) if goes_on else (kind, foot)
        if not kind and foot:
            # “spin full turn left on R”: on the foot that stands it is a turn of it.
            kind = "pivot" if move.turned and foot == state.weight else "step"
            state = state.dearer(0.1 if move.unknown else 0)
        if not kind and not foot and move.name and not move.unknown and not move.turns and not move.hand:
            # “touch out 1, in 2”: a way alone goes on with what was danced.
            before = state.events[-1] if state.events else None
            kind = "touch" if before is not None and before.kind is Kind.TOUCH else "step"
            if kind == "touch" and before is not None and LIFTS.match(before.name) and _GOES.match(" ".join(move.name)):
                # “step, kick, back, touch”: back steps, though one may kick again.
                kind, state = "step", state.asked(at, Doubt.READINGS)
            said = before.name.split(" ") if before is not None and before.kind is Kind.FREE else [""]
            limb = len(said) > 1 and said[0] in SIDE_WORDS and _IN_OUT.match(" ".join(move.name)) is not None
            if limb or said[-1] in SIDE_WORDS or (len(said) > 2 and said[0] in SIDE_WORDS):
                # “swivel heels R, center”, “R knee in, out, in”
                own = len(said) - (not limb or _IN_OUT.match(said[-1]) is not None)
                move = changed(move, name=(*said[:own], *move.name))
                kind = "free"
            foot = state.last if kind == "touch" else ""
            if before is not None and before.foot is Foot.BOTH and _IN_OUT.match(" ".join(move.name)):
                # “jump out, in”: both feet again.
                kind = "landed" if before.kind is Kind.HOP else kind
            if length > 1:
                # “vine R 1-4 and back 5-8” may be danced back, all of it.
                state = state.asked(at, Doubt.READINGS)
        if kind == "landed":
            # “land L” lands on one; whoever says no foot lands on both.
            foot, kind = (foot, "step") if foot in OTHER else ("B", kind)
        if kind == "touch" and not foot and _BOTH.match(" ".join(move.name)):
            foot = "B"
        if kind == "step" and not foot and comes_down(move, before):
            # “step on the ball 1, drop heel 2”: it bears the weight already.
            kind = "free"
        if kind in ("step", "touch", "hop", "other") and not foot:
            state, foot = state._foot_left_out(kind, at)
        if kind == "pivot" or (not kind and (move.turned or move.size is not None)):
            if not move.feet:
                foot = state.free("")
                if not foot and turn:
                    foot = "L" if turn < 0 else "R"
                elif turn and move.kind == "pivot" and foot == ("R" if turn < 0 else "L"):
                    # One pivots left on a right foot that stepped forward: sooner that step is part of it.
                    state = state.dearer(0.15)
            kind = "pivot"
        if kind in ("hold", "hand") or (kind == "free" and move.feet and not move.unknown):
            foot = "B" if kind == "free" and "B" in move.feet else ""
            if kind in ("free", "hand") and not foot and move.name[-1:] != tuple(map(side_word, move.feet)):
                # Which side it goes to is kept in its name.
                move = changed(move, name=(*move.name, *(side_word(f) for f in move.feet if f in OTHER)))
        if turn == 0 and not size and kind != "pivot":
            # “turn to 6:00 stepping R, L”: what no longer turns is not called so.
            move = changed(move, name=tuple(w for w in move.name if not _TURN_WORD.search(w)))
        name = " ".join(move.name) or ("step" if kind in ("step", "other") and foot else "")
        if kind == "pivot" and not move.kind:
            name = " ".join(move.name) or "turn"
        if move.each and not move.row:
            # “1/8 turn each step: R L R L”: on which of them is told nowhere.
            state = state.asked(at, Doubt.TURNS)
        event = Event(
            at,
            length,
            "hold" if kind == "hold" else name,
            foot=_FOOT[foot],
            kind=_KINDS[kind],
            turn=turn,
            size=size,
            unread=", ".join((*move.unknown, *move.slips)),
        )
        return state.put(event)

    def _goes_on_free(self, move: Move) -> str:
        """What a side alone goes on with: a move to a side that has no foot, also where it came back in between."""
        before = next((e for e in reversed(self.events) if e.name.lower().split(" ")[-1] not in _MIDDLE), None)
        words = before.name.split(" ") if before is not None and before.kind is Kind.FREE else [""]
        alone = len(move.feet) == 1 and not (move.name or move.unknown or move.turns or move.way)
        if not alone or SIDE_WORDS.keys().isdisjoint((words[0], words[-1])):
            return ""
        rest = " ".join(words[:-1] if words[-1] in SIDE_WORDS else words[1:])
        # “roll R shoulder 1, roll L shoulder 2, both 3”.
        return f"{rest} both" if move.feet == ("B",) else rest

    def _foot_left_out(self, kind: str, at: Fraction) -> tuple[State, str]:
        """The foot of a move that names none: the free one; a hop stays; what is not known stays so."""
        if kind == "hop":
            return self, self.weight if self.weight in OTHER else ""
        if kind == "other":
            if self.weight in OTHER:
                return self, OTHER[self.weight]
            return self, OTHER.get(self.last, "") if self.last in OTHER and self.weight != "B" else ""
        if self.weight in OTHER:
            return self, OTHER[self.weight]
        return self.asked(at, Doubt.FOOT).dearer(GUESSED), self.lead or "R"

    def _named(self, move: Move, at: Fraction, length: Fraction) -> State:
        """Words taken only as a name are asked about where they stand beside something that means more."""
        beside = move.feet or move.size is not None or move.way or move.side or move.times or move.turned
        # A letter alone is a foot in somebody's language.
        beside = beside or any(len(word) == 1 and word.isalpha() for word in move.unknown)
        if move.slips or (move.unknown and (beside or length > 1)):
            return self.asked(at, Doubt.NAME)
        return self

    def _figure_on_one(
        self, move: Move, at: Fraction, length: Fraction, foot: str, turn: int | None, size: int
    ) -> State:
        """A step of several moves on a single count: its turn alone, or a name whose counts are asked."""
        assert move.figure is not None
        name = " ".join(move.name)
        if turn_alone(move.figure.name):
            own = next((e for e in move.figure.events if e.turn != 0), None)
            if turn == 0 and not size:
                turn, size = None, abs(own.turn) if own is not None and own.turn else 0
                way = move.way or move.side or ("" if not move.feet else move.feet[0])
                if size and way in OTHER:
                    turn, size = (size if way == "R" else -size), 0
            ends = self.free("") or ("" if not turn else "L" if turn < 0 else "R")
            if move.feet and move.way:
                ends = move.feet[0]
            event = Event(at, length, name, foot=_FOOT[ends], kind=Kind.TURN, turn=turn, size=size)
            return self.dearer(0.1).put(event)
        state = self.asked(at, Doubt.COUNTS).dearer(1.5)
        return state.put(Event(at, length, name, kind=Kind.STEP, turn=turn, size=size))

    def figure(self, move: Move, slots: Slots, lead: str | None = None, turns: bool = True) -> State:
        """A known step on as many counts as it has moves; its feet follow from the leading one."""
        pattern = move.figure
        assert pattern is not None
        mine = along(move, pattern.events[: len(slots)])
        state = self._named(move, slots[0][0], Fraction(1))
        turn, size = state.turn_of(move) if turns else (0, 0)
        if lead is None:
            state, lead = state._lead(move, pattern, turn, slots[0][0])
        if taught_differently(pattern.name) or other_way(move, pattern):
            state = state.asked(slots[0][0], Doubt.FIGURE)
        given = move.feet if move.row and len(move.feet) == len(mine) else None
        if given is None and not in_order(move.feet, [on_side(e.foot, lead) for e in mine]):
            # A foot was said that the step has no place for: it is another step, or another foot.
            state = state.asked(slots[0][0], Doubt.FOOT).dearer(UNSAID)
        said = turn != 0 or bool(size)
        own = any(e.turn != 0 for e in mine)
        open_only = turn is None and not size
        if said and open_only and own and all(e.turn is not None for e in mine):
            # “rolling vine left”: how far is its own.
            said = False
        if (
            said
            and own
            and all(e.turn is not None for e in mine)
            and sum(e.turn or 0 for e in mine) == max(size, abs(turn or 0))
        ):
            # “rolling vine R (full turn)”: its own turns make that already.
            said = False
        if turn is None and size and own and all(e.turn is not None for e in mine) and mine[0].name != "step":
            # “R ¼ monterey”: as far as it was said, the way it always turns.
            turn, size = size * (1 if (sum(e.turn or 0 for e in mine) > 0) == (lead == "R") else -1), 0
        where = max(
            (k for k, e in enumerate(mine) if e.turn != 0), default=min(usual_turn(pattern.name), len(mine)) - 1
        )
        while where and not own and mine[where].kind is Kind.TOUCH:
            # “side together side touch ¼ L”: one turns on the step before the touch.
            where -= 1
        if said and not own and move.ahead:
            # “chassé R, ¼ R, chassé L”: before it, at its first step or at the last one of what was danced.
            where = 0
            state = state.asked(slots[0][0], Doubt.FIGURE) if state.events else state
        whole = len(mine) > 2 and all(e.start.denominator == 1 for e in mine)
        if said and not own and (where < len(mine) - 1 or whole) and max(size, abs(turn or 0)) > 2:
            # A half turn in a step whose turn is usually a quarter: teachers put it on other counts.
            state = state.asked(slots[where][0], Doubt.FIGURE)
        unread = ", ".join((*move.unknown, *move.slips))
        if given and own and not said and move.way in ("", lead) and mine[0].name == "step":
            # “full turn, L R”: its feet are said, and not which way; “full turn L, L R” begins on the other one.
            state = state.asked(slots[0][0], Doubt.TURNS)
        way = own_way(move, mine, lead)
        for k, ((at, length), event) in enumerate(zip(slots, mine, strict=True)):
            foot = given[k] if given else on_side(event.foot, lead)
            own_turn = event.turn if event.turn is None else event.turn * way
            this, far = ((turn, size) if k == where else (0, 0)) if said else (own_turn, 0)
            if not turns:
                this, far = 0, 0
            cue = " ".join(move.name) if k == 0 else ""
            moved = replace(
                event, start=at, length=length, cue=cue, foot=_FOOT[foot], turn=this, size=far, unread=unread
            )
            state = state.put(moved)
        return state.said_to_end(move.bears) if move.bears else state

    def _lead(self, move: Move, pattern: StepPattern, turn: int | None, at: Fraction) -> tuple[State, str]:
        """The foot a known step begins with: said, by its side, by its way, else the free one."""
        pivots = any(e.name in ("pivot", "unwind") for e in pattern.events)
        lead = move.feet[0] if move.feet and move.feet[0] in OTHER else ""
        if not lead and move.side and not (pivots and move.turns and not move.feet and move.size is not None):
            lead = move.side
        if pivots and move.way in OTHER and (not lead or (lead == move.way and len(move.feet) == 1)):
            return self, OTHER[move.way]
        if not lead and pivots and turn:
            return self, "R" if turn < 0 else "L"
        if not lead and move.way in OTHER and any(e.turn for e in pattern.events) and not pivots:
            lead = move.way
        if lead:
            return self, lead
        if self.weight in OTHER:
            return self, OTHER[self.weight]
        return self.asked(at, Doubt.FOOT).dearer(GUESSED), self.lead or (move.way if move.way in OTHER else "R")


def mirrored(event: Event, change: Callable[[Event], Event]) -> Event:
    """An event changed, with its foot and its turn on the other side."""
    swap = {Foot.RIGHT: Foot.LEFT, Foot.LEFT: Foot.RIGHT}
    turn = None if event.turn is None else -event.turn
    return change(replace(event, foot=swap.get(event.foot, event.foot), turn=turn, angle=-event.angle))
