"""What is rewritten in a line before its counts are looked for: signs behind numbers, how often, signs for counts."""

from __future__ import annotations

from msgspec.structs import replace as changed

from vamos.core.dance.typed.count_runs import NUMBERS, UNTIL
from vamos.core.dance.typed.lexicon import Lexicon, slips
from vamos.core.dance.typed.tokens import Token

#: Words that only lead to the counts behind them.
BEFORE_COUNTS = ("on", "count", "counts", "cts", "ct", "beat", "beats", "auf", "zähler", "zählzeit")
_UNITS = (
    "steps",
    "step",
    "counts",
    "count",
    "beats",
    "schritten",
    "schritte",
    "zähler",
    "zählern",
    "zählzeiten",
    "pasos",
    "pas",
    "tiempos",
    "temps",
)
#: “sweep R over 2 counts”: how long it lasts.
LASTING = ("for", "over", "über", "für", "durante", "pendant", "su", "per", "por")
#: “turn on 4 counts” and “auf 4 Zählzeiten” say how long, “on count 4” when.
_ON = ("on", "auf")
_SEVERAL = ("counts", "beats", "cts", "zähler", "zählern", "zählzeiten")
COUNTS = (
    "counts",
    "count",
    "cts",
    "ct",
    "beats",
    "beat",
    "zähler",
    "zählern",
    "zählzeiten",
    "tiempos",
    "temps",
    "tempi",
    "tempos",
)
_TIMES = ("times", "mal", "veces", "fois", "volte", "vezes", "keer", "razy")
_OF = ("of", "von", "de")
_STEPS = ("steps", "schritte", "schritten", "pasos")


def without_number(tokens: list[Token]) -> list[Token]:
    """``1. walk`` and ``1 - walk``: the sign behind a count says nothing, nor does “in 4 steps”; “over 3 counts” and
    “3 times” are no counts.
    """
    if len(tokens) == 3 and _length_first(tokens):
        # “eight count hold”, “4 count freestyle”
        value = tokens[0].value or NUMBERS.get(tokens[0].lower, 0)
        return [tokens[2], changed(tokens[0], kind="lasts", value=value, end=tokens[1].end)]
    tokens = _said_once(tokens)
    tokens = [_as_number(t, after) for t, after in zip(tokens, [*tokens[1:], None], strict=True)]
    behind = any(t.kind == "num" for t in tokens[1:])
    if len(tokens) > 2 and tokens[0].kind == "num" and tokens[1].lower in _STEPS and tokens[0].value in range(2, 9):
        # “2 steps forward R L, chassé right 1 2 3&4”
        return without_number([changed(tokens[0], kind="times"), *tokens[1:]])
    if (
        len(tokens) > 2
        and tokens[0].kind == "num"
        and tokens[1].lower in COUNTS
        and tokens[2].kind == "word"
        and (tokens[2].lower in _OF or not (behind or any(t.kind == "sep" for t in tokens)))
    ):
        # “8 counts of marching in place”, “8 counts freestyle”
        lasts = changed(tokens[0], kind="lasts", end=tokens[1].end)
        return without_number([*tokens[2 + (tokens[2].lower in _OF) :], lasts])
    for k in range(len(tokens) - 2):
        number, what = tokens[k + 1], tokens[k + 2].lower
        value = number.value if number.kind == "num" else NUMBERS.get(number.lower, 0)
        # “over 2 counts”, “hold two counts”
        said = tokens[k].lower in LASTING or (tokens[k].lower in _ON and what in _SEVERAL and value > 1)
        slipped = value > 0 and len(what) > 4 and not slips(what).isdisjoint(COUNTS)
        if value and (what in COUNTS or slipped) and (said or (value > 1 and _plain(tokens[k]))):
            lasts = Token("lasts", number.text, number.start, tokens[k + 2].end, value)
            return without_number([*tokens[: k + (not said)], lasts, *tokens[k + 3 :]])
        if tokens[k].lower in ("in", "over", "über", "en") and number.kind == "num" and what in _UNITS:
            return without_number([*tokens[:k], *tokens[k + 3 :]])
        if number.kind == "num" and 2 <= number.value <= 8 and what in _TIMES:
            return without_number([*tokens[: k + 1], changed(number, kind="times"), *tokens[k + 3 :]])
        often = number.kind == "num" and 2 <= number.value <= 8 and what in _STEPS
        gone = often and tokens[k].kind == "sep" and max(_numbers(tokens[: k + 1]), default=0) >= number.value
        if often and (gone or _behind_counts(tokens[: k + 1])):
            # “1-4 3 Schritte nach vorn”, “1-4 2 steps forward R L, 2 steps back”
            return without_number([*tokens[: k + 1], changed(number, kind="times"), *tokens[k + 2 :]])
    counted = sum(t.kind == "num" for t in tokens) > 1
    for k in range(1, len(tokens) - 1 if counted else 0):
        # “walk forward 4 steps 1-4”: how often, and no count.
        if (
            tokens[k].kind == "num"
            and 2 <= tokens[k].value <= 8
            and tokens[k + 1].lower in _STEPS
            and _plain(tokens[k - 1])
        ):
            return without_number([*tokens[:k], changed(tokens[k], kind="times"), *tokens[k + 2 :]])
    again = _would_go_back(tokens)
    if again:
        tokens = [*tokens[:again], changed(tokens[again], kind="times"), *tokens[again + 1 :]]
    if len(tokens) > 2 and tokens[0].kind == "num":
        if tokens[1].kind == "dot" or (tokens[1].kind == "dash" and tokens[1].spaced and tokens[2].kind == "word"):
            return [tokens[0], *tokens[2:]]
        if tokens[1].kind == "close" and tokens[2].kind == "word":
            return [tokens[0], *tokens[2:]]
    return tokens


def _length_first(tokens: list[Token]) -> bool:
    number = tokens[0].kind == "num" or NUMBERS.get(tokens[0].lower, 0) > 1
    return number and tokens[1].lower in ("count", "beat", "ct", "counts", "beats") and tokens[2].kind == "word"


def _as_number(token: Token, after: Token | None) -> Token:
    """“two steps to the left”: how often, and no two-step."""
    often = NUMBERS.get(token.lower, 0) if token.kind == "word" and after is not None and after.lower in _STEPS else 0
    return changed(token, kind="times", value=often) if 2 <= often <= 8 else token


def put_back(tokens: list[Token]) -> list[Token]:
    """“1& heel R & 2& heel L &”: two places a move, and the second is for the foot that is put back."""
    out: list[Token] = []
    both = False
    for k, token in enumerate(tokens):
        after = tokens[k + 1] if k + 1 < len(tokens) else None
        if token.kind == "num":
            both = after is not None and after.kind == "amp" and k + 2 < len(tokens) and tokens[k + 2].kind == "word"
        ends = after is None or after.kind in ("num", "sep", "nl")
        if both and token.kind == "amp" and ends and k and tokens[k - 1].kind == "word":
            out += [changed(token, kind="sep", text=","), changed(token, kind="word", text="together")]
            both = False
        else:
            out.append(token)
    return out


def written_out_brackets(tokens: list[Token]) -> list[Token]:
    """“2x (step R, touch L)”, “(step R, touch L) x2”: what stands in the bracket, so often."""
    for k, opened in enumerate(tokens):
        if opened.kind != "open":
            continue
        end = next((j for j in range(k, len(tokens)) if tokens[j].kind == "close"), 0)
        inside = tokens[k + 1 : end]
        ahead = k > 0 and tokens[k - 1].kind == "times"
        times = tokens[k - 1] if ahead else tokens[end + 1] if 0 < end < len(tokens) - 1 else opened
        several = any(t.kind == "sep" for t in inside) and not any(t.kind == "num" for t in inside)
        begins = k == int(ahead) or tokens[k - 1 - ahead].kind in ("sep", "num", "nl")
        if times.kind != "times" or not several or not begins or not 2 <= times.value <= 8:
            continue
        comma = Token("sep", ",", opened.start, opened.end)
        often = [t for _ in range(times.value) for t in (*inside, comma)][:-1]
        return [*tokens[: k - ahead], *often, *tokens[end + (1 if ahead else 2) :]]
    return tokens


def often_behind(tokens: list[Token]) -> list[Token]:
    """“5-8: 4 heel bounces”: behind the counts of a range and a colon a number says how often."""
    kinds = [t.kind for t in tokens]
    return [
        changed(t, kind="times")
        if k > 3
        and (kinds[k - 4 : k + 1], tokens[k - 1].text) == (["num", "dash", "num", "sep", "num"], ":")
        and tokens[k + 1 : k + 2]
        and tokens[k + 1].kind == "word"
        else t
        for k, t in enumerate(tokens)
    ]


def parted(tokens: list[Token]) -> list[Token]:
    """“Schritt nach rechts - LF kreuzt - Schritt”: a dash between spaces and words parts moves as a comma does."""
    out = []
    for k, token in enumerate(tokens):
        before, after = tokens[k - 1] if k else None, tokens[k + 1] if k + 1 < len(tokens) else None
        words = before is not None and before.kind in _ENDS and after is not None and after.kind in _BEGINS
        apart = token.kind == "dash" and token.spaced and after is not None and after.spaced
        if token.kind == "sep" and after is not None and after.lower in _MEANWHILE and k:
            # “…, dabei ¼ Drehung rechts” is said of the move before it.
            continue
        out.append(changed(token, kind="sep", text=",") if words and apart else token)
    return out


_MEANWHILE = ("dabei", "währenddessen")


def _leads(token: Token, lexicon: Lexicon) -> bool:
    """“Counts”, also with a slip of the finger."""
    word = token.lower
    slipped = len(word) > 4 and not lexicon.role_of(word) and not slips(word).isdisjoint(BEFORE_COUNTS)
    return word in BEFORE_COUNTS[1:] or slipped


def _own_of_range(tokens: list[Token]) -> list[Token]:
    """“5-8 clap on 5 and 7”: its own counts lie in the range before it, which says no more."""
    if [t.kind for t in tokens[:3]] != ["num", "dash", "num"]:
        return tokens
    on = next((k for k in range(4, len(tokens)) if tokens[k].lower in BEFORE_COUNTS), 0)
    behind = [t for t in tokens[on + 1 :] if t.kind not in ("sep", "amp") and t.lower not in ("and", "und", "y", "et")]
    inside = [t.value for t in behind if t.kind == "num"]
    first, last = tokens[0].value, tokens[2].value
    alone = on and inside and len(inside) == len(behind) and not any(t.kind == "num" for t in tokens[3:on])
    return tokens[3:] if alone and all(first <= n <= last for n in inside) else tokens


def plain_counts(tokens: list[Token], lexicon: Lexicon) -> list[Token]:
    """“Counts 1 to 4 step R (1) …”: the same as “1-4 step R (1) …”."""
    tokens = _own_of_range(tokens)
    listed_so = len(tokens) > 2 and tokens[2].lower in ("and", "und", "y", "et")
    if len(tokens) > 2 and tokens[1].kind == "num" and not listed_so and _leads(tokens[0], lexicon):
        tokens = tokens[1:]
    out = list(tokens)
    for k in range(1, len(out) - 1):
        ranged = out[k - 1].kind == "num" == out[k + 1].kind and out[k - 1].value < out[k + 1].value
        if ranged and out[k].lower in UNTIL:
            out[k] = changed(out[k], kind="dash", text="-", spaced=False)
    return out


def unglued(tokens: list[Token], lexicon: Lexicon) -> list[Token]:
    """“rockstep R”: words that were written as one."""
    out: list[Token] = []
    for token in tokens:
        parts = lexicon.parts_of(token.lower) if token.kind == "word" else None
        if parts is None:
            out.append(token)
            continue
        middle = token.start + len(parts[0])
        out.append(changed(token, text=token.text[: len(parts[0])], end=middle))
        out.append(changed(token, text=token.text[len(parts[0]) :], start=middle, spaced=True))
    return out


#: What stands before and behind a dash that parts moves.
_ENDS, _BEGINS = ("word", "close", "frac", "clock"), ("word", "open", "frac")


def _would_go_back(tokens: list[Token]) -> int:
    """Where the first number says how often, as counts would go back: “step R, 2 claps 1-3”; else 0."""
    first = next((k for k, t in enumerate(tokens) if t.kind == "num"), 0)
    later = next((t.value for t in tokens[first + 1 :] if t.kind == "num"), 9)
    if first < 2 or tokens[first - 1].kind != "sep" or not max(2, later) <= tokens[first].value <= 4:
        return 0
    named = tokens[first + 1].kind == "word" and tokens[first + 1].lower not in _UNITS
    return first if named else 0


def _behind_counts(tokens: list[Token]) -> bool:
    """Whether the counts of a move are whole at the end of tokens: a range, or a comma or colon behind them."""
    kinds = [t.kind for t in tokens]
    return kinds[-3:] == ["num", "dash", "num"] or (len(kinds) > 1 and kinds[-1] == "sep" and kinds[-2] == "num")


def _said_once(tokens: list[Token]) -> list[Token]:
    """“1-2 Step R to side (1), L behind (2)”: counts in front that stand again in brackets, each behind its move."""
    first = next((k for k, t in enumerate(tokens) if t.kind == "word"), 0)
    before, inside, k = _numbers(tokens[:first]), list[int](), first
    while k < len(tokens):
        end = next((j for j in range(k, len(tokens)) if tokens[j].kind == "close"), 0)
        if tokens[k].kind == "open" and end and all(t.kind in _COUNTING for t in tokens[k + 1 : end]):
            inside += _numbers(tokens[k + 1 : end])
            k = end
        elif tokens[k].kind == "num":
            return tokens
        k += 1
    return tokens[first:] if len(inside) > 1 and inside == before else tokens


_COUNTING = ("num", "amp", "dash", "sep")


def _numbers(tokens: list[Token]) -> list[int]:
    """The whole counts among signs; a range written out."""
    out: list[int] = []
    for k, token in enumerate(tokens):
        if token.kind == "num":
            ranged = out and k and tokens[k - 1].kind == "dash"
            out += range(out[-1] + 1, token.value) if ranged else ()
            out.append(token.value)
    return out


def _plain(token: Token) -> bool:
    """A word that leads to no count."""
    return token.kind == "word" and token.lower not in (*BEFORE_COUNTS, "and", "und")


def with_source(tokens: list[Token], lexicon: Lexicon) -> list[Token]:
    """“7-8 repeat 5-6”: the counts behind the word say what is danced again, where those before it say when."""
    for k, token in enumerate(tokens):
        if token.kind != "word" or "repeat" not in lexicon.role_of(token.text) or not _own_counts(tokens[:k]):
            continue
        start = k + 1
        while start < len(tokens) and tokens[start].kind == "word" and _leads_on(tokens[start], lexicon):
            start += 1
        span = tokens[start : start + 3]
        if [t.kind for t in span] == ["num", "dash", "num"]:
            span = [changed(t, kind="from") if t.kind == "num" else t for t in span]
            return [*tokens[:start], *span, *tokens[start + 3 :]]
    return tokens


def _own_counts(tokens: list[Token]) -> bool:
    """Whether a range stands at the end that no move before it has: “vine R 1-4, 5-8 (repeat …)”."""
    plain = [t for t in tokens if t.text != ":"]
    before = plain[-4].kind if len(plain) > 3 else "nl"
    return [t.kind for t in plain[-3:]] == ["num", "dash", "num"] and before in ("sep", "nl", "dot")


def _leads_on(token: Token, lexicon: Lexicon) -> bool:
    """“repeat counts 1-4”, “same as 1-4”, “das gleiche wie 1-4”."""
    return token.lower in (*BEFORE_COUNTS, "as", "like") or bool({"link", "repeat"} & lexicon.role_of(token.text))


def feet_together(tokens: list[Token], lexicon: Lexicon) -> list[Token]:
    """“two steps forward (R, L)”: feet in a bracket are one row, whatever stands between them."""
    for start, opened in enumerate(tokens):
        if opened.kind != "open":
            continue
        end = next((k for k in range(start, len(tokens)) if tokens[k].kind == "close"), start)
        feet = [t for t in tokens[start + 1 : end] if t.kind != "sep"]
        if 1 < len(feet) < end - start - 1 and all(lexicon.foot_of(t.lower) for t in feet):
            return feet_together([*tokens[: start + 1], *feet, *tokens[end:]], lexicon)
    return tokens


def listed(tokens: list[Token]) -> list[Token] | None:
    """“on 1 and 2 walk R and L”: two counts, where one might count an & as well."""
    found = [
        k
        for k in range(2, len(tokens) - 1)
        if tokens[k].lower in ("and", "und", "y", "et")
        and tokens[k - 1].kind == "num" == tokens[k + 1].kind
        and tokens[k - 2].lower in BEFORE_COUNTS
    ]
    return [changed(t, kind="sep", text=",") if k in found else t for k, t in enumerate(tokens)] if found else None


def amp_items(tokens: list[Token], lexicon: Lexicon) -> list[Token] | None:
    """“1&2&3 R heel & L heel & R heel”: signs between moves that are as many as the & of the counts.

    Each is a foot put back where the moves and the signs together fill the counts, and a comma where the moves do.
    """
    first = next((k for k, t in enumerate(tokens) if t.kind == "word"), 0)
    counts, words = tokens[:first], tokens[first:]
    parts = sum(t.kind == "amp" for t in counts)
    amps = [k for k, t in enumerate(words) if t.kind == "amp" and k]
    inside = [k for k in amps if k < len(words) - 1]
    if not parts or not amps or any(t.kind in ("num", "open") for t in words) or counts[0].kind != "num":
        return None
    points = sum(t.kind in ("num", "amp") for t in counts)
    moves = 1 + len(inside) + sum(t.kind == "sep" for t in words[:-1])
    # “kick & ball change” is one figure; a foot behind each sign is a move of its own.
    feet = all("foot" in lexicon.role_of(words[k + 1].text) for k in inside)
    if moves + len(amps) == points and (len(amps) > 1 or feet):
        back = [Token("sep", ",", 0, 0), Token("word", "together", 0, 0), Token("sep", ",", 0, 0)]
    elif moves == points:
        back = [Token("sep", ",", 0, 0)]
    else:
        return None
    out = list(counts)
    for token in words:
        out += [changed(b, start=token.start, end=token.end) for b in back] if token.kind == "amp" else [token]
    return out
