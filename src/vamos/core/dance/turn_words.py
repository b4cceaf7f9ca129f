"""Turns as people write them: how far and which way, in a move or in a cell of its own.

``½ left``, ``half turn right``, ``turn left ¼``, ``1 1/4 turn right``, ``full spin over the left shoulder``,
``pivot half``, ``¾ clockwise``. What is not said, how far or which way, is asked for and never taken as none.
"""

from __future__ import annotations

import re
from dataclasses import dataclass

from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

#: Sizes in eighths.
SIZES = {f"{k}/8": k for k in range(1, 33)} | {
    "1/8": 1, "⅛": 1, "eighth": 1, "1/4": 2, "¼": 2, "quarter": 2, "3/8": 3, "⅜": 3, "1/2": 4, "½": 4, "half": 4,
    "5/8": 5, "⅝": 5, "3/4": 6, "¾": 6, "three quarter": 6, "three quarters": 6, "7/8": 7, "⅞": 7, "full": 8,
    "whole": 8, "1¼": 10, "1 1/4": 10, "1 ¼": 10, "1½": 12, "1 1/2": 12, "1 ½": 12, "1¾": 14, "1 3/4": 14, "1 ¾": 14,
    "double": 16, "2 full": 16, "two full": 16,
}  # fmt: skip
_SIZE = "|".join(map(re.escape, sorted(SIZES, key=len, reverse=True)))
#: Words for turning; a size or a direction beside them is that of the turn.
VERBS = ("turn", "turning", "turns", "spin", "spinning", "pivot", "unwind", "rotate", "swivel turn")
_VERB = "|".join(map(re.escape, sorted(VERBS, key=len, reverse=True)))
_ONE_WAY = (
    r"(?:(?:over|around)\s+(?:the\s+|your\s+)?(?P<{0}s>left|right|L|R)\s+shoulder"
    r"|(?:to\s+(?:the\s+|your\s+)?)?(?P<{0}w>left|right)(?!\s+foot)"
    r"|(?P<{0}c>counter-?\s?clockwise|anti-?\s?clockwise|ccw|acw|clockwise|cw)\b)"
)
_TOWARDS = r"(?P<to>(?:to\s+)?(?:face|facing)\s+\d{1,2}(?::\d\d|\s*o'?clock)|to\s+\d{1,2}:\d\d)"
_EDGE = r"(?<![\w½¼¾⅛⅜⅝⅞/])"
_END = r"(?![\w½¼¾⅛⅜⅝⅞/])"
#: In the order in which they are tried; each names its size, direction and verb where it has them.
_FORMS = tuple(
    re.compile(_EDGE + form + _END, re.IGNORECASE)
    for form in (
        rf"(?P<size>{_SIZE})(?P<verb>\s+(?:{_VERB}))?\s+{_ONE_WAY.format('a')}",
        rf"(?P<verb>{_VERB})\s+(?P<size>{_SIZE})\s+{_ONE_WAY.format('a')}",
        rf"(?P<verb>{_VERB})\s+{_ONE_WAY.format('a')}\s+(?P<size>{_SIZE})",
        rf"(?P<verb>{_VERB})\s+(?P<letter>[RL])\s+(?P<size>{_SIZE})",
        rf"(?P<size>{_SIZE})(?P<verb>\s+(?:{_VERB}))(?:\s+{_TOWARDS})?(?:\s*\?)?",
        rf"(?P<verb>{_VERB})\s+(?P<size>{_SIZE})(?:\s*\?)?",
        rf"(?P<verb>{_VERB})\s+{_ONE_WAY.format('a')}",
        rf"(?P<verb>{_VERB})\s+{_TOWARDS}",
        rf"(?P<size>{_SIZE})\s+{_TOWARDS}",
    )
)
#: A turn by its verb alone: how far and which way is open.
_BARE = re.compile(_EDGE + rf"(?P<verb>{_VERB}|rolling turn)" + _END, re.IGNORECASE)


@dataclass(frozen=True, slots=True)
class TurnSaid:
    """A turn found in words: ``turn`` in eighths, None when the direction is open; ``size`` then as far as it goes,
    0 when that is open too. ``rest`` are the words without what was only the turn.
    """

    turn: int | None
    size: int
    rest: str
    #: The words without anything of the turn.
    bare: str = ""


def find_turn(words: str) -> TurnSaid | None:
    """The turn in the words of a move; None when none is spoken of."""
    for form in _FORMS:
        match = form.search(words)
        if match is not None:
            return _said(words, match)
    if words.strip().lower().rstrip("? ") in SIZES:
        return TurnSaid(None, SIZES[words.strip().lower().rstrip("? ")], "")
    return TurnSaid(None, 0, " ".join(words.replace("?", " ").split())) if _BARE.search(words) is not None else None


def _said(words: str, match: re.Match[str]) -> TurnSaid:
    found = match.groupdict()
    size = SIZES[" ".join(found["size"].lower().split())] if found.get("size") else 0
    way = direction_of(found)
    verb = (found.get("verb") or "").strip()
    # “half turn left” keeps its name, “½ left” was only the turn; where it goes to stays in the words.
    kept = (
        [found["size"] or "", verb]
        if found.get("size") and match.group(0).strip().startswith(found["size"])
        else [verb]
    )
    name = " ".join(x for x in (*kept, found.get("to") or "") if x) if verb or found.get("to") else ""
    rest = " ".join(f"{words[: match.start()]} {name} {words[match.end() :]}".split())
    if not size:
        # Which way is known, how far is not: the words stay until it is.
        return TurnSaid(None, 0, " ".join(words.replace("?", " ").split()))
    bare = " ".join(re.sub(r"\b(?:with\s+)?an?\s*$", "", words[: match.start()]).split() + words[match.end() :].split())
    return TurnSaid(None, size, rest, bare) if way is None else TurnSaid(size * way, 0, rest, bare)


def direction_of(found: dict[str, str | None]) -> int | None:
    """+1 to the right or clockwise, −1 to the left; None when it is open."""
    side = (found.get("as") or found.get("aw") or found.get("letter") or "").lower()
    if side:
        return 1 if side.startswith("r") else -1
    clock = (found.get("ac") or "").lower()
    if clock:
        return -1 if clock.startswith(("counter", "anti", "ccw", "acw")) else 1
    return None


_WAY_SAID = re.compile(_EDGE + _ONE_WAY.format("a") + _END, re.IGNORECASE)


def way_said(words: str) -> int | None:
    """Which way words turn, +1 to the right, −1 to the left; None when they do not say, or say both."""
    found = {direction_of(m.groupdict()) for m in _WAY_SAID.finditer(words)}
    return next(iter(found)) if len(found) == 1 else None


_CELL = re.compile(
    rf"(?:(?P<size>{_SIZE})\s*)?(?:(?:{_VERB})\s*)?(?:(?P<letter>[RL])\b|{_ONE_WAY.format('a')})?(?:\s*(?P<late>{_SIZE}))?\s*\??",
    re.IGNORECASE,
)


def read_turn(cell: str) -> tuple[int | None, int]:
    """A cell that holds a turn: (eighths or None, size where the direction is open).

    A whole number is eighths, ``?`` an open turn, R and L are the direction. Raises InputError for anything else.
    """
    text = " ".join(cell.split())
    if not text or text in ("0", "-", "–", "none", "no"):
        return 0, 0
    if re.fullmatch(r"[+-]?\d{1,3}\s*(?:°|degrees?|deg|grad)?", text):
        number = int(re.match(r"[+-]?\d+", text).group())  # type: ignore[union-attr]
        degrees = abs(number) >= 45 or not text.lstrip("+-").isdigit()
        if not degrees:
            return number, 0
        if number % 45 == 0:
            return number // 45, 0
    if text == "?":
        return None, 0
    match = _CELL.fullmatch(text)
    if match is None or not match.group(0).strip():
        raise InputError(
            tr(
                "“{cell}” is not understood as a turn; write it as ½ left, 1/4 R, half, left, or ? when it is open.",
                cell=cell,
            )
        )
    found = match.groupdict()
    said = found.get("size") or found.get("late")
    size = SIZES[" ".join(said.lower().split())] if said else 0
    way = direction_of(found)
    return (None, size) if way is None or not size else (size * way, 0)
