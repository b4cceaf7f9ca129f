"""The words of a move: which foot, which turn, what kind, and what is left as its name."""

from __future__ import annotations

import re
from dataclasses import dataclass, replace

from vamos.core.dance.steps import find_step
from vamos.core.dance.turn_words import find_turn
from vamos.core.model.dance import Foot, Kind
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

KIND = re.compile(r"\((" + "|".join(Kind) + r")\)")
_ALWAYS_TOUCH = ("touch", "tap", "kick", "point")
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


#: Moves whose feet change from count to count when one foot is named.
WALKING = ("walk", "walks", "walking", "march", "marches", "run", "runs", "step", "steps", "strut", "prance", "stride")
FEET = {
    "r": Foot.RIGHT,
    "rf": Foot.RIGHT,
    "right": Foot.RIGHT,
    "right foot": Foot.RIGHT,
    "l": Foot.LEFT,
    "lf": Foot.LEFT,
    "left": Foot.LEFT,
    "left foot": Foot.LEFT,
    "both": Foot.BOTH,
    "both feet": Foot.BOTH,
}
_FOOT_WORD = "|".join(sorted(FEET, key=len, reverse=True))
_FOOT_BEHIND = re.compile(rf"(?:^|\s)(?:on\s+(?:the\s+|your\s+)?)?({_FOOT_WORD})\s*$", re.IGNORECASE)
_FOOT_BEFORE = re.compile(rf"^\s*({_FOOT_WORD})(?=\s)", re.IGNORECASE)
_WAY = re.compile(r"\b(?:left|right)\b", re.IGNORECASE)
#: Feet one after another, for counts one after another: “sway R L R L 1 2 3 4”.
_FEET = re.compile(
    r"(?:(?<=\s)|^)(?<!over )(?<!behind )(?<!front of )(?<!to )(?<!beside )(?<!next to )(?<!across )"
    r"[RL](?:\s+[RL])+\s*$"
)
#: A foot inside the words of a move, but not the one that is passed.
_ONE_FOOT = re.compile(r"(?<![\w])(?<!over )(?<!behind )(?<!front of )(?<!to )(?<!beside )(?<!next to )[RL](?![\w])")
#: What stands before the foot that is passed, which is not the one that moves.
_PASSED = re.compile(r"\b(?:over|behind|front of|to|beside|next to|across)\s*(?:the|your)?$", re.IGNORECASE)
#: A remark in brackets, which stays with the words.
ASIDE = re.compile(r"\((?!hold\b)[a-z][^()]*\)", re.IGNORECASE)


@dataclass(frozen=True, slots=True)
class MoveWords:
    """What stands beside counts."""

    name: str = ""
    foot: Foot = Foot.NONE
    turn: int | None = 0
    kind: Kind | None = None
    size: int = 0
    times: int = 1
    feet: tuple[Foot, ...] = ()


def understood(words: str) -> MoveWords:
    """Name, foot, turn and kind in the words of a move."""
    kind: Kind | None = None
    if match := re.search(KIND.pattern + r"\s*$", words):
        kind = Kind(match.group(1))
        words = words[: match.start()]
    words = words.strip(" :;-–.")
    if feet := _FEET.search(words):
        row = tuple(FEET[f.lower()] for f in feet.group(0).split())
        return replace(understood(words[: feet.start()] or "step"), feet=row, kind=kind)
    whole = find_turn(words)
    foot = Foot.NONE
    behind, before = _FOOT_BEHIND.search(words), _FOOT_BEFORE.match(words)
    if behind is not None and _PASSED.search(words[: behind.start()]) and _ONE_FOOT.search(words[: behind.start()]):
        # “cross R over L”: the foot behind is the one that is passed.
        behind = None
    # “turn left” says a direction; “half turn L” a foot.
    if behind is not None and not _is_direction(words, behind):
        foot, words = FEET[behind.group(1).lower()], words[: behind.start()]
    elif before is not None and not _is_direction(words, before):
        foot, words = FEET[before.group(1).lower()], words[before.end() :]
    if _letter_turns(words):
        pass
    elif foot is Foot.NONE and (inside := _ONE_FOOT.findall(words)) and len(inside) == 1:
        # “cross R over L”: the foot that moves stands behind the move.
        foot, words = FEET[inside[0].lower()], _ONE_FOOT.sub(" ", words)
    elif _ONE_FOOT.search(words):
        raise InputError(
            tr("one foot for one move; “{words}” names more than one. Write each move with its own count", words=words)
        )
    if foot is not Foot.NONE or whole is None:
        whole = find_turn(words)
    words = " ".join(words.split())
    if whole is None or (whole.turn is None and find_step(words, {}) is not None):
        return MoveWords(words, foot, 0, kind)
    without_way = " ".join(_WAY.sub(" ", words).split())
    if whole.turn is not None and without_way != words and find_step(without_way, {}) is not None:
        return MoveWords(without_way, foot, whole.turn, kind)
    if whole.bare != words and find_step(whole.bare, {}) is not None:
        # “jazz box ¼ turn right” is the jazz box, turned.
        return MoveWords(whole.bare, foot, whole.turn, kind, whole.size)
    return MoveWords(whole.rest, foot, whole.turn, kind, whole.size)


def _letter_turns(words: str) -> bool:
    """Whether R or L inside the words is the way of a turn: “turn L 1/4”."""
    said, without = find_turn(words), find_turn(_ONE_FOOT.sub(" ", words))
    return said is not None and said.turn is not None and (without is None or without.turn is None)


def _is_direction(words: str, match: re.Match[str]) -> bool:
    """Whether right or left, as a whole word, goes with a turn and names no foot."""
    said = match.group(1).lower()
    if said not in ("right", "left"):
        return False
    with_it, without = find_turn(words), find_turn(words[: match.start()] + words[match.end() :])
    return with_it is not None and with_it != without


def kind_of(name: str, foot: Foot) -> Kind:
    """What a name usually does with the weight: the last word that says something decides."""
    if re.search(r"stomp\s+up$", name, re.IGNORECASE):
        return Kind.TOUCH
    for word in reversed(name.lower().replace("-", " ").split()):
        for kind, names in _KIND_WORDS.items():
            # Without a foot, heels, toes and fans are no touches: a paper fan opens too.
            if word in names and (foot is not Foot.NONE or kind is not Kind.TOUCH or word in _ALWAYS_TOUCH):
                return kind
    return Kind.STEP if foot is not Foot.NONE else Kind.FREE
