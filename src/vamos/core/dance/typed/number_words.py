"""Numbers as words: “one step right, two together” counts, “two claps” and “three step turn” say how often."""

from __future__ import annotations

import itertools
from fractions import Fraction

from msgspec.structs import replace as changed

from vamos.core.dance.typed.count_runs import NUMBERS
from vamos.core.dance.typed.lexicon import Lexicon
from vamos.core.dance.typed.rewritten import BEFORE_COUNTS
from vamos.core.dance.typed.tokens import Token

#: Counts are said within so many.
_EIGHT = 8


def words_count(tokens: list[Token], last: Fraction) -> bool:
    """Whether the number words of a line without digits may be its counts; ``last`` is the count before it, from 0."""
    found = [k for k, t in enumerate(tokens) if _value(t)]
    values = [_value(tokens[k]) for k in found]
    if any(b <= a for a, b in itertools.pairwise(values)):
        return False
    following = (int(last) + 1) % _EIGHT + 1 if last >= 0 else 1
    goes_on = found[:1] == [0] and values[0] in (1, following)
    return goes_on or all(_stands_alone(tokens, k) for k in found)


def as_often(tokens: list[Token], lexicon: Lexicon) -> list[Token]:
    """The tokens with number words that say how often; with the name of a step one begins it is one word."""
    out: list[Token] = []
    k = 0
    while k < len(tokens):
        token, size = tokens[k], 1
        value = _value(token)
        if value > 1 and not _stands_alone(tokens, k):
            size = _begins_a_step(tokens, k, lexicon) or 1
            name = changed(token, text=" ".join(t.text for t in tokens[k : k + size]), end=tokens[k + size - 1].end)
            token = name if size > 1 else changed(token, kind="times", value=value)
        out.append(token)
        k += size
    return out


def _value(token: Token) -> int:
    return NUMBERS.get(token.lower, 0) if token.kind == "word" else 0


def _stands_alone(tokens: list[Token], k: int) -> bool:
    """“step R two,”, “on two”, “five six”: no thing stands behind the number."""
    after = tokens[k + 1] if k + 1 < len(tokens) else None
    led = k > 0 and tokens[k - 1].lower in BEFORE_COUNTS
    return led or after is None or after.kind != "word" or after.lower in NUMBERS or after.lower in ("and", "und")


def _begins_a_step(tokens: list[Token], k: int, lexicon: Lexicon) -> int:
    """How many words “three step turn” has; 0 for “two step touches”."""
    size = next((a.size for a in lexicon.at(tokens, k) if a.size > 1 and a.role != "times"), 0)
    behind = tokens[k + size].lower if k + size < len(tokens) else ""
    several = behind.endswith("s") and bool(lexicon.role_of(behind[:-1]))
    return 0 if several else size
