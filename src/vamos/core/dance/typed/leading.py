"""What a known step is danced with: the ways and the feet that were said beside those it has by itself."""

from __future__ import annotations

import re
from dataclasses import replace

from vamos.core.dance.typed.move import Move
from vamos.core.model.dance import Event, Foot, Kind, StepPattern

OTHER = {"R": "L", "L": "R"}

#: Words of going forward and back.
_WAYS = {
    "F": re.compile(r"\b(?:forwards?|fwd|fw|vor|vorwärts|adelante|avant|avanti)\b", re.IGNORECASE),
    "B": re.compile(r"\b(?:back|backwards?|bk|bwd|zurück|rückwärts|atrás|arrière|indietro)\b", re.IGNORECASE),
}


#: A foot in the air, which a way brings down.
LIFTS = re.compile(r"(?:kick|hitch|flick|hook|brush|scuff)", re.IGNORECASE)

#: What ends a strut, and the part of the foot it began on.
_DROPS = re.compile(r"(?:drop|lower|heel drop|toe drop|senk|absenk|absetz|bajar?)", re.IGNORECASE)
_ON_A_PART = re.compile(r"\b(?:toes?|heel|ball|spitze|hacke|ferse|ballen|punta|talón)\b", re.IGNORECASE)


def drops(move: Move, before: str) -> bool:
    """Whether a move brings down the rest of a foot that came down with one part: “drop heel” behind “toe back”."""
    return bool(move.name) and _DROPS.match(move.name[0]) is not None and _ON_A_PART.search(before) is not None


def comes_down(move: Move, before: Event | None) -> bool:
    """So it does with a foot that bears the weight already."""
    return before is not None and before.kind is Kind.STEP and drops(move, before.name)


def along(move: Move, mine: tuple[Event, ...]) -> tuple[Event, ...]:
    """The moves of “chassé forward”: where a step of side steps goes forward or back, nothing goes to the side."""
    said = any(words.search(word) for word in move.name for words in _WAYS.values())
    if not said or any(e.name not in ("side", "close") for e in mine):
        return mine
    return tuple(replace(e, name="step") if e.name == "side" else e for e in mine)


def other_way(move: Move, pattern: StepPattern) -> bool:
    """Whether “back” is said of a step that begins forward, or the other way round."""
    said = {way for word in move.name[1:] for way, words in _WAYS.items() if words.match(word)}
    first = next((e.name for e in pattern.events if _WAYS["F"].search(e.name) or _WAYS["B"].search(e.name)), "")
    own = {way for way, words in _WAYS.items() if words.search(first)}
    return bool(said) and bool(own) and not said & own


def own_way(move: Move, mine: tuple[Event, ...], lead: str) -> int:
    """1 where the turns of a known step go as they are listed, −1 where they go the other way.

    They follow the leading foot; where feet and a way were said that do not go together (“full turn right stepping L,
    R”), the feet are as said and so is the way.
    """
    usual = 1 if lead == "R" else -1
    said = move.way or (move.side if move.feet else "")
    total = sum(e.turn or 0 for e in mine)
    if not total or said not in OTHER or not move.feet:
        return usual
    return 1 if (total > 0) == (said == "R") else -1


def in_order(said: tuple[str, ...], danced: list[str]) -> bool:
    """Whether the feet that were said are danced: from the first on, or the first and the last."""
    if len(said) < 2 or {"B", "E"} & set(said):
        return True
    return danced[: len(said)] == list(said) or list(said) == [danced[0], danced[-1]]


def on_side(foot: Foot, lead: str) -> str:
    found = {Foot.RIGHT: "R", Foot.LEFT: "L", Foot.BOTH: "B", Foot.NONE: ""}[foot]
    return found if lead == "R" else OTHER.get(found, found)
