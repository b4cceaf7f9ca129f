"""“Full turn left in four steps”, “walk 3 steps making a half turn R”: one turn over several steps, not one each.

The turn stands on the first of them: it is done over all, and where one faces behind them is the same.
"""

from __future__ import annotations

import itertools
import re

from msgspec.structs import replace as changed

from vamos.core.dance.typed.count_runs import NUMBERS
from vamos.core.dance.typed.laid_out import COUNT_WORDS
from vamos.core.dance.typed.lexicon import Lexicon
from vamos.core.dance.typed.tokens import Token

#: Steps that are counted, and what is stepped where nothing else is said.
_NOUNS = {
    "steps": "step", "walks": "walk", "schritte": "schritt", "schritten": "schritt", "pasos": "paso", "pas": "pas",
    "stomps": "stomp", "bounces": "bounce", "jumps": "jump", "hops": "hop", "chugs": "chug", "paddles": "paddle",
    "pivots": "pivot",
}  # fmt: skip
_WALKED_ROUND = {
    "steps": "walk", "walks": "walk", "schritte": "gehen", "schritten": "gehen", "pasos": "camina", "pas": "marche",
}  # fmt: skip
#: Each of these turns, by an equal share.
_TURNING = ("jumps", "hops", "chugs", "paddles", "pivots")
_WALKED = ("walk", "walks", "walking", "march", "marching", "run", "gehen", "laufen", "geh", "lauf", "camina", "marche")
_JOINS = (
    *("in", "with", "over", "using", "making", "make", "to", "mit", "über", "en", "con", "avec", "around", "taking"),
    *("for", "while", "doing", "do", "on", "und", "and"),
)
_EACH = ("each", "every", "per", "jeweils", "je", "jedem", "cada", "chaque")


def turned_over_steps(line: list[Token], lexicon: Lexicon) -> list[Token]:
    """The line with such steps written one by one."""
    out: list[Token] = []
    for sep, group in itertools.groupby(line, lambda t: t.kind == "sep"):
        item = list(group)
        out += item if sep else _round(item, lexicon) or _over_steps(item, lexicon) or item
    return out


def _round(item: list[Token], lexicon: Lexicon) -> list[Token] | None:
    """“8 steps in a circle to the right 1-8”: one circle walked on all counts, not one each; else None."""
    circle = any(a.role == "turn" and a.value for k in range(len(item)) for a in lexicon.at(item, k))
    noun = next((k for k, t in enumerate(item) if t.lower in _WALKED_ROUND and k and _number(item, k - 1, lexicon)), 0)
    if not circle or not noun or _counts_in(item, noun - 1) not in (0, _number(item, noun - 1, lexicon)):
        return None
    walk = changed(item[noun], kind="word", text=_WALKED_ROUND[item[noun].lower])
    counts = _counts_ahead(item[: noun - 1])
    rest = [t for t in (*item[counts : noun - 1], *item[noun + 1 :]) if t.kind not in ("open", "close")]
    return [*item[:counts], walk, *rest]


def _over_steps(item: list[Token], lexicon: Lexicon) -> list[Token] | None:
    """The tokens of one item with its steps apart; None where it is no turn over counted steps."""
    size = _size(item, lexicon)
    if size is None or any(t.lower in _EACH or t.kind in ("open", "nl") for t in item):
        return None
    # A size and no step of its own: “full turn” is one of two steps elsewhere.
    place, words, eighths = size
    item = [*item[:place], changed(item[place], kind="frac", value=eighths), *item[place + words :]]
    noun = next((k for k, t in enumerate(item) if t.lower in _NOUNS and k), 0)
    at = next((k for k in (noun - 1, noun - 2) if k >= 0 and _number(item, k, lexicon)), -1) if noun else -1
    if at < 0 or at < place < noun:
        # “2 quarter pivots”: each of them is of that size.
        return None
    number, counts = _number(item, at, lexicon), _counts_ahead(item[:at])
    last = len(item) - _counts_ahead(item[::-1])
    before, between, behind = _without_joins(item[counts:at]), item[at + 1 : noun], item[noun + 1 : last]
    behind = _without_joins(behind[::-1])[::-1]
    feet = _feet(behind, number, lexicon)
    behind = behind[: len(behind) - len(feet)]
    noun_word = item[noun].lower
    if noun_word in _TURNING and not eighths % number:
        before = [changed(t, value=eighths // number) if t.kind == "frac" else t for t in before]
    walked = next((t.text for t in before if t.lower in _WALKED), _NOUNS[noun_word])
    step = changed(item[noun], kind="word", text=walked)
    said = any(t.lower in _WALKED for t in before)
    steps = [[*before, *between, *behind, *([] if said else [step]), *feet[:1]]]
    again = [*before, *between, *behind] if noun_word in _TURNING and not eighths % number else []
    steps += [[*again, step, *(between if not again else []), *feet[k : k + 1]] for k in range(1, number)]
    comma = changed(item[noun], kind="sep", text=",")
    return [*item[:counts], *steps[0], *(t for one in steps[1:] for t in (comma, *one)), *item[last:]]


#: Words before a number of things, which is no count: “shake in 4 pulses”, “with 2 bumps”.
_WITH = ("with", "using", "doing", "mit", "con", "avec")
#: “step in 3 cross 4” is a step on 3: behind these stand several things.
_IN = ("in", "over", "into", "über", "en")
_SEVERAL = re.compile(r"(?<!s)s$|en$|e$")
_COUNT_WORDS = (*COUNT_WORDS, "schläge", "temps", "tiempos")


def things_are_no_counts(line: list[Token]) -> list[Token]:
    """A number of things among words stays one of the words, where the counts of its item stand elsewhere."""
    out: list[Token] = []
    for sep, group in itertools.groupby(line, lambda t: t.kind == "sep"):
        item = list(group)
        skipped = -1
        counted = sep or not (_counts_ahead(item) or _counts_ahead(item[::-1]))
        for k, token in enumerate(item):
            thing = not counted and token.kind == "num" and 0 < k < len(item) - 1
            if thing and (last := _of_things(item, k)):
                if item[last].lower in _NOUNS and _counts_in(item) == int(token.text):
                    # “Walk forward in 4 steps” on four counts says the same twice.
                    out[-1:] = item[k + 1 : last]
                    skipped = last
                    continue
                # One word, so that it is written as it was typed and read so again.
                words = " ".join(t.text for t in item[k - 1 : last + 1])
                out[-1:] = [changed(item[k - 1], kind="word", text=words, end=item[last].end)]
                skipped = last
                continue
            if k > skipped:
                out.append(token)
    return out


def _of_things(item: list[Token], k: int) -> int:
    """The token that names what the number at a place counts (“4 steps”, “3 big steps”); 0 where it counts nothing."""
    before, things = item[k - 1].lower, range(k + 1, min(k + 3, len(item)))
    if any(item[n].kind != "word" or item[n].lower in _COUNT_WORDS for n in things[:1]):
        return 0
    several = [n for n in things if item[n].kind == "word" and _SEVERAL.search(item[n].lower)]
    if item[k].text != "1" and several and (before in _IN or before in _WITH):
        return several[0]
    return things[0] if before in _WITH else 0


def _counts_in(item: list[Token], number: int = -1) -> int:
    """How many whole counts an item has at its front or its end: ``1-4``, ``1 2 3 4``; ``number`` is none of them."""
    front = _counts_ahead(item[:number] if number >= 0 else item)
    ahead = item[:front] or item[len(item) - _counts_ahead(item[::-1]) :]
    numbers = [int(t.text) for t in ahead if t.kind == "num"]
    ranged = [t.kind for t in ahead] == ["num", "dash", "num"]
    return numbers[-1] - numbers[0] + 1 if ranged else len(numbers)


def _without_joins(tokens: list[Token]) -> list[Token]:
    """Tokens without words at their end that only join them to what follows."""
    while tokens and tokens[-1].lower in _JOINS:
        tokens = tokens[:-1]
    return tokens


def _number(item: list[Token], k: int, lexicon: Lexicon) -> int:
    token = item[k]
    found = token.value or (int(token.text) if token.text.isdecimal() else 0) if token.kind in ("num", "times") else 0
    said = (a.value for a in lexicon.at(item, k) if a.role == "times" and isinstance(a.value, int))
    found = found or NUMBERS.get(token.lower, 0) or next(said, 0)
    return found if 2 <= found <= 8 else 0


def _size(item: list[Token], lexicon: Lexicon) -> tuple[int, int, int] | None:
    """Where the one size of a turn is said, in how many words, and how many eighths it is."""
    found: list[tuple[int, int, int]] = []
    for k, token in enumerate(item):
        if found and k < found[-1][0] + found[-1][1]:
            continue
        if token.kind in ("frac", "deg"):
            found.append((k, 1, token.value))
        found += [(k, a.size, a.value) for a in lexicon.at(item, k) if a.role == "size" and isinstance(a.value, int)][
            :1
        ]
    return found[0] if len(found) == 1 else None


def _counts_ahead(item: list[Token]) -> int:
    """How many tokens in front are counts: “1-4”, “5 6 7 8”."""
    return next((k for k, t in enumerate(item) if t.kind not in ("num", "dash", "amp", "dot")), len(item))


def _feet(behind: list[Token], number: int, lexicon: Lexicon) -> list[Token]:
    """The feet of all steps, where they stand at the end."""
    feet = behind[len(behind) - number :] if len(behind) >= number else []
    return feet if feet and all(lexicon.foot_of(t.lower) in ("R", "L") for t in feet) else []
