"""No side that was typed is lost: what a line says of right and left is compared with what is danced."""

from __future__ import annotations

from collections.abc import Iterable, Sequence

from vamos.core.dance.typed.around import SIDE_WORDS, side_word
from vamos.core.dance.typed.lexicon import Lexicon
from vamos.core.dance.typed.tokens import Token
from vamos.core.model.dance import Event

_ROLES = ("foot", "way", "side", "lead")
_SIDES = ("R", "L")


def sides_lost(lines: Sequence[Sequence[Token]], events: Iterable[Event], lexicon: Lexicon) -> set[str]:
    """R and L that stand in the lines and in no foot, turn or name of the events; a foot that is passed may."""
    return {s for line in lines for s in _said(list(line), lexicon)} - _danced(events)


def _said(line: list[Token], lexicon: Lexicon) -> set[str]:
    found: set[str] = set()
    passed, index = False, 0
    while index < len(line):
        token = line[index]
        atoms = lexicon.at(line, index) if token.kind == "word" else []
        if token.kind != "word":
            # “roll L over 2 counts 7-8 the same R” passes no foot.
            passed = passed and token.kind == "open"
        elif set(token.text) <= set(_SIDES):
            found |= set() if passed else set(token.text)
            passed = False
        else:
            sided = {a.value for a in atoms if a.role in _ROLES and a.value in _SIDES}
            found |= set() if passed else sided
            passed = any(a.role == "passed" for a in atoms) or (passed and not sided)
        index += max((a.size for a in atoms), default=1)
    return found


def _danced(events: Iterable[Event]) -> set[str]:
    out: set[str] = set()
    for event in events:
        foot = str(event.foot)
        out |= set(_SIDES) if foot == "both" or (event.turn is None or event.size) else {foot}
        if event.turn:
            out.add("R" if event.turn > 0 else "L")
        words = {w for text in (event.name, event.cue, event.unread) for w in text.lower().replace(",", " ").split()}
        out |= {s for s in _SIDES if side_word(s) in words or s.lower() in words}
        out |= {"R" if SIDE_WORDS.get(w) in ("left", "links") else "L" for w in words if w in SIDE_WORDS}
    return out
