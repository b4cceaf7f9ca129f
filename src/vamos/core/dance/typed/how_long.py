"""Numbers that say how long a move is, and no counts: “(2 counts)”, “walk fwd 4, walk back 4”, “freestyle for 16”."""

from __future__ import annotations

import itertools
import re

from msgspec.structs import replace as changed

from vamos.core.dance.typed.count_runs import NUMBERS
from vamos.core.dance.typed.lexicon import Lexicon
from vamos.core.dance.typed.rewritten import BEFORE_COUNTS, COUNTS, LASTING
from vamos.core.dance.typed.tokens import Token

_GLUED = re.compile(r"\d{1,2}-(?:count|beat)")


def each_long(tokens: list[Token]) -> list[Token]:
    """“body roll right (2 counts), body roll left (2 counts)”: how long each of them lasts."""
    found = [
        k
        for k in range(len(tokens) - 3)
        if [t.kind for t in tokens[k : k + 4]] == ["open", "num", "word", "close"] and tokens[k + 2].lower in COUNTS
    ]
    if len(found) < 2 or sum(t.kind == "num" for t in tokens) != len(found):
        return tokens
    out: list[Token] = []
    for k, token in enumerate(tokens):
        inside = next((at for at in found if at <= k < at + 4), None)
        if inside is None:
            out.append(token)
        elif k == inside + 1:
            out.append(changed(token, kind="lasts"))
    return out


def lengths_behind(tokens: list[Token]) -> list[Token]:
    """“walk forward 4, walk back 4”: numbers that would go back say how long each move is; a range may stand behind."""
    ranged = [t.kind for t in tokens[-3:]] == ["num", "dash", "num"]
    line, behind = (tokens[:-3], tokens[-3:]) if ranged else (tokens, [])
    seps = [k for k, t in enumerate(line) if t.kind == "sep"]
    ends = [*(k - 1 for k in seps), len(line) - 1]
    at = [k for k, t in enumerate(line) if t.kind == "num"]
    values = [line[k].value for k in at]
    words = len(at) > 1 and all(line[k - 1].kind == "word" and line[k - 1].lower not in BEFORE_COUNTS for k in at if k)
    back = any(b <= a for a, b in itertools.pairwise(values)) and 1 not in values
    if at != ends or not words or at[0] == 0 or not back:
        return tokens
    if behind and behind[2].value - behind[0].value + 1 != sum(values):
        return tokens
    return [*(changed(t, kind="lasts") if t.kind == "num" else t for t in line), *behind]


def lasting_to_end(tokens: list[Token], lexicon: Lexicon) -> list[Token]:
    """“paddle turn full left in 4”, “freestyle for 16”: how long it lasts, where no other number stands."""
    ends = [t for t in tokens[-2:] if t.kind in ("num", "word")]
    alone = len(ends) == 2 and ends[1].kind == "num" and sum(t.kind == "num" for t in tokens) == 1
    if not alone or ends[1].value < 2 or ends[0].lower not in (*LASTING, "in", "en"):
        return tokens
    turns = any(t.kind in ("frac", "deg") or {"size", "turn"} & lexicon.role_of(t.text) for t in tokens[:-2])
    if ends[0].lower in ("in", "en", "su", "per", "por") and not turns:
        return tokens
    return [*tokens[:-2], changed(ends[1], kind="lasts", start=ends[0].start)]


def without_length(tokens: list[Token]) -> list[Token]:
    """“four-count vine right 1-4”: how long a step is, before it, says nothing where its counts stand as well."""
    for k, token in enumerate(tokens):
        others = any(t.kind == "num" for t in (*tokens[:k], *tokens[k + 1 :]))
        if others and _GLUED.fullmatch(token.lower):
            return [*tokens[:k], *tokens[k + 1 :]]
        end = k + 2 if k + 1 < len(tokens) and tokens[k + 1].kind == "dash" else k + 1
        before = [t.kind for t in tokens[max(0, k - 3) : k]]
        ranged = before[-1:] in (["dash"], ["amp"]) or (before[-1:] == ["num"] and before != ["num", "dash", "num"])
        number = (token.kind == "num" and not ranged) or token.lower in NUMBERS
        if not number or end + 1 >= len(tokens):
            continue
        if others and tokens[end].lower in ("count", "beat") and tokens[end + 1].kind == "word":
            return [*tokens[:k], *tokens[end + 1 :]]
    return tokens
