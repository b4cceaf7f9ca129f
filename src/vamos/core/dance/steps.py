"""Common steps: default counts, feet with weight, net turn, in the words of this program.

Each is written for the right foot; the other side is the same with feet and turns swapped
(:func:`on_side`). They stand in ``typed/figures.toml``, each with other names and where it is from. Teachers
differ, so a dance may carry steps of its own that go before these.
"""

from __future__ import annotations

import tomllib
from collections.abc import Iterable, Iterator, Mapping
from dataclasses import replace
from fractions import Fraction
from functools import lru_cache
from importlib.resources import files
from itertools import pairwise
from math import ceil, floor
from typing import Any

from vamos.core.model.dance import Event, Foot, Kind, StepPattern

_SIZES = {"1/8": 1, "1/4": 2, "3/8": 3, "1/2": 4, "3/4": 6, "1/1": 8}
#: An open turn: how far and which way depends on what is said.
_OPEN = "?"
#: Words after a name that say where it goes and leave the step what it is.
_WHERETO = ("forward", "fwd", "back", "side", "left", "right", "diagonal", "in", "out", "place")
#: Parts of a count as the rows write them.
_PARTS = {"&": Fraction(1, 2), "e": Fraction(1, 4), "a": Fraction(3, 4)}
_TOUCHES = ("touch", "kick", "heel", "hitch", "scuff", "point", "toe", "drag", "sweep", "flick", "hook", "stays")
_HOPS = ("hop", "bounce")
_TURNS = ("pivot", "unwind")


@lru_cache(maxsize=1)
def library() -> Mapping[str, StepPattern]:
    """All common steps by name."""
    return {name: _step(name, row["moves"], row.get("over")) for name, row in _rows().items()}


@lru_cache(maxsize=1)
def _rows() -> dict[str, dict[str, Any]]:
    return tomllib.loads((files("vamos.core.dance.typed") / "figures.toml").read_text(encoding="utf-8"))


def other_names(name: str) -> tuple[str, ...]:
    """What else a common step is called."""
    return tuple(_rows().get(name, {}).get("also", ()))


def taught_differently(name: str) -> bool:
    """Whether teachers differ about a common step, so that it is asked."""
    return bool(_rows().get(name, {}).get("check"))


def usual_turn(name: str) -> int:
    """Which move of a common step makes a turn that is said beside it; beyond its end where that is the last."""
    return int(_rows().get(name, {}).get("turns", 99))


def turn_alone(name: str) -> bool:
    """Whether a common step is its turn alone where it has one count."""
    return bool(_rows().get(name, {}).get("alone"))


def goes_on(name: str) -> bool:
    """Whether a common step goes on, foot after foot, as long as its counts last."""
    return bool(_rows().get(name, {}).get("run"))


def _step(name: str, moves: str, over: int | None) -> StepPattern:
    events: list[Event] = []
    at = Fraction(-1)
    for move in moves.split(","):
        count, foot, *words = move.split()
        at = floor(at) + _PARTS[count] if count in _PARTS else Fraction(int(count) - 1)
        turn: int | None = 0
        if words[-1] == _OPEN:
            words.pop()
            turn = None
        elif words[-1].lstrip("-") in _SIZES:
            size = words.pop()
            turn = _SIZES[size.lstrip("-")] * (-1 if size.startswith("-") else 1)
        what = " ".join(w for w in words if w != "(stays)")
        events.append(Event(at, name=what or "step", cue="", foot=Foot(foot), kind=_kind(words), turn=turn))
    lengths = [b.start - a.start for a, b in pairwise(events)]
    # The last move fills its count: an ``&`` lasts to the next number.
    lengths.append(ceil(events[-1].start) - events[-1].start or Fraction(1))
    sized = tuple(replace(e, length=min(Fraction(1), n)) for e, n in zip(events, lengths, strict=True))
    return StepPattern(name, Fraction(over) if over else sized[-1].start + sized[-1].length, sized)


def _kind(words: Iterable[str]) -> Kind:
    plain = [w.strip("()") for w in words]
    if "stays" in plain or (plain and plain[0] in _TOUCHES):
        return Kind.TOUCH
    if any(w in _HOPS for w in plain):
        return Kind.HOP
    if any(w in _TURNS for w in plain):
        return Kind.TURN
    return Kind.STEP


def find_step(name: str, own: Mapping[str, StepPattern]) -> StepPattern | None:
    """The step of a name, a teacher's own before the common one.

    Case and hyphens do not matter, nor a direction behind the name (``shuffle fwd``), the word step, a plural, or
    another common name (``grapevine``, ``triple step``, ``sailor step``).
    """
    wanted = _plain(name)
    mine = {_plain(known): step for known, step in own.items()}
    while wanted:
        for form in _forms(wanted):
            step = mine.get(form) or _by_name().get(form)
            if step is not None:
                return step
        shorter, _, last = wanted.rpartition(" ")
        wanted = shorter if last in _WHERETO else ""
    return None


def first_move_alone(name: str, pattern: StepPattern) -> bool:
    """Whether a name is also that of the step's first move: “rock back” is the rock of a rock step."""
    said = set(_plain(name).split()) - set(_WHERETO)
    return said <= set(_plain(pattern.events[0].name).split())


def _forms(wanted: str) -> Iterator[str]:
    """A name, its singular, without the word step, and what else it is called."""
    for form in (wanted, wanted.removesuffix("s"), wanted.removesuffix(" steps").removesuffix(" step")):
        yield form
        if form in _called():
            yield _called()[form]


@lru_cache(maxsize=1)
def _by_name() -> dict[str, StepPattern]:
    """The common steps by their plain names."""
    return {_plain(known): step for known, step in reversed(list(library().items()))}


@lru_cache(maxsize=1)
def _called() -> dict[str, str]:
    """Other name → name."""
    return {_plain(also): name for name in _rows() for also in other_names(name)}


def _plain(name: str) -> str:
    return " ".join(name.lower().replace("-", " ").split())


def suggestions(typed: str, own: Mapping[str, StepPattern], most: int = 8) -> tuple[str, ...]:
    """Names that go on from what was typed, then names that contain it."""
    wanted = _plain(typed)
    names = list(dict.fromkeys([*own, *library()]))
    begin = [n for n in names if _plain(n).startswith(wanted)]
    inside = [n for n in names if wanted in _plain(n) and n not in begin]
    return tuple([*begin, *inside][:most]) if wanted else ()


_SWAP = {Foot.RIGHT: Foot.LEFT, Foot.LEFT: Foot.RIGHT, Foot.BOTH: Foot.BOTH, Foot.NONE: Foot.NONE}


def swapped(event: Event) -> Event:
    """The same on the other side: foot, turn and body angle swapped; an unknown turn stays unknown."""
    turn = None if event.turn is None else -event.turn
    return replace(event, foot=_SWAP[event.foot], turn=turn, angle=-event.angle)


def on_side(step: StepPattern, foot: Foot) -> StepPattern:
    """A step begun on the right or on the left foot."""
    if foot is not Foot.LEFT:
        return step
    return replace(step, events=tuple(swapped(e) for e in step.events))
