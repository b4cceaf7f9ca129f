"""“vine R, L”: a known step of several moves with a foot, and feet behind it: once for each of them."""

from __future__ import annotations

import itertools

from msgspec.structs import replace as changed

from vamos.core.dance.typed.lexicon import Lexicon
from vamos.core.dance.typed.tokens import Token
from vamos.core.model.dance import StepPattern


def each_foot(words: list[Token], lexicon: Lexicon) -> list[Token]:
    """The words with the step said anew for each foot; as they are where the feet could be those of its moves."""
    items = [list(g) for sep, g in itertools.groupby(words, lambda t: t.kind == "sep") if not sep]
    out: list[list[Token]] = []
    k = 0
    while k < len(items):
        feet = list(itertools.takewhile(lambda i: _is_foot(i, lexicon), items[k + 1 :]))
        step, moves = items[k], _moves(items[k], lexicon)
        # “kick ball cross (R, R, L)” has them in brackets: they are those of its moves.
        own = len(step) > 1 and _is_foot(step[-1:], lexicon) and all(t.text != "(" for t in step)
        out.append(step)
        if own and feet and moves > 1 and len(feet) + 1 != moves:
            for foot in feet:
                at = foot[0]
                said = [changed(t, start=at.start, end=at.start) for t in step[:-1]]
                out.append([*said, at])
        else:
            out += feet
        k += 1 + len(feet)
    if out == items:
        return words
    parted: list[Token] = []
    for item in out:
        comma = Token("sep", ",", item[0].start, item[0].start)
        parted += [comma, *item] if parted else item
    ends = [t for t in words[-1:] if t.kind == "sep"]
    return [*parted, *ends]


def _is_foot(item: list[Token], lexicon: Lexicon) -> bool:
    return len(item) == 1 and lexicon.foot_of(item[0].lower) in ("R", "L")


def _moves(item: list[Token], lexicon: Lexicon) -> int:
    """How many moves the known step of an item has; 0 for others."""
    found = [a.value for k in range(len(item)) for a in lexicon.at(item, k) if a.role == "figure"]
    return max((len(v.events) for v in found if isinstance(v, StepPattern)), default=0)
