"""What each word of a line is taken for, so that it can be seen."""

from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum

from vamos.core.dance.typed.clean import cleaned
from vamos.core.dance.typed.lexicon import lexicon_for
from vamos.core.dance.typed.tokens import tokens_of


class WordIs(StrEnum):
    """What a word does in a line of moves."""

    COUNT = "count"
    RIGHT = "right"
    LEFT = "left"
    TURN = "turn"
    MOVE = "move"
    LINK = "link"
    #: Nobody knows it: it is kept as the name it is.
    NAME = "name"


@dataclass(frozen=True, slots=True)
class Word:
    """A word by the places of its letters in the line, and what it is taken for."""

    start: int
    end: int
    taken: WordIs


_KINDS = {
    "num": WordIs.COUNT,
    "amp": WordIs.COUNT,
    "nth": WordIs.COUNT,
    "times": WordIs.COUNT,
    "frac": WordIs.TURN,
    "deg": WordIs.TURN,
    "clock": WordIs.TURN,
}
_ROLES = (
    (("act", "figure", "hold", "hand", "repeat", "mirror"), WordIs.MOVE),
    (("turn", "size", "target"), WordIs.TURN),
    (("times",), WordIs.COUNT),
)


def words_taken(text: str) -> tuple[Word, ...]:
    """The words and counts of one line of moves, in their order; signs are left out."""
    lexicon, clean = lexicon_for({}), cleaned(text)
    tokens = tokens_of(clean.text, lexicon.known)
    out: list[Word] = []
    index = 0
    while index < len(tokens):
        token = tokens[index]
        size = 1
        kind = _KINDS.get(token.kind)
        if token.kind == "word":
            atoms = sorted(lexicon.at(tokens, index), key=lambda a: -a.size)
            size = atoms[0].size if atoms else 1
            kind = _of_word([(a.role, a.value) for a in atoms if a.size == size])
        if kind is not None:
            last = tokens[index + size - 1]
            out.append(Word(clean.at(token.start), clean.at(last.end - 1) + 1, kind))
        index += size
    return tuple(out)


def _of_word(roles: list[tuple[str, object]]) -> WordIs:
    if not roles:
        return WordIs.NAME
    sides = {value for role, value in roles if role in ("foot", "way", "side") and value in ("R", "L", "right", "left")}
    for several, kind in _ROLES:
        if any(role in several for role, _ in roles) and not sides:
            return kind
    if sides:
        return WordIs.RIGHT if sides <= {"R", "right"} else WordIs.LEFT
    return WordIs.LINK
