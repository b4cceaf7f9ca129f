"""A line without counts: its moves one after the other, each as long as it usually is."""

from __future__ import annotations

from fractions import Fraction

from msgspec.structs import replace as changed

from vamos.core.dance.typed.count_runs import Slot
from vamos.core.dance.typed.each_foot import each_foot
from vamos.core.dance.typed.lexicon import Lexicon, plain
from vamos.core.dance.typed.line import LINES, WORDS
from vamos.core.dance.typed.move import Move
from vamos.core.dance.typed.moves import NO_MOVE, readings
from vamos.core.dance.typed.number_words import as_often
from vamos.core.dance.typed.repeats import Repeat, again, repeat_in
from vamos.core.dance.typed.rewritten import without_number
from vamos.core.dance.typed.rows import closed, led, length_of, one_a_side, struts, written_out
from vamos.core.dance.typed.share import share
from vamos.core.dance.typed.state import State
from vamos.core.dance.typed.tokens import Token
from vamos.core.model.dance import Doubt

#: Lines of dances are so long; another sum is asked for.
USUAL = (4, 6, 8, 12, 16, 24, 32)
#: Words that cost so much a move may be anything.
_CLEAR = 0.45
#: What turns the body only beside something else.
_BESIDE = ("free", "hand", "touch", "hop", "step")
#: Words behind a number that say how long all of a line is.
COUNT_WORDS = ("count", "counts", "cts", "ct", "beat", "beats", "zähler", "zählzeiten")
_THEN = ("then", "dann", "luego", "después", "puis", "ensuite")
#: Where both are said, a slow lasts two counts and a quick one (ballroom's count, common practice, no source).
_SLOW, _QUICK = ("slow", "langsam"), ("quick", "schnell")


def laid_out(starts: list[State], lines: list[list[Token]], lexicon: Lexicon) -> list[State]:
    """All ways the words of lines can be danced from 1 on, the cheapest first; none where a word is not known."""
    total, lines = total_ahead(lines)
    if total is None:
        total, lines = total_of(lines)
    # “3 stomps R L R” says itself how long it is.
    often = lines[0][0].kind == "times" and total is None
    usual = (*range(1, 9), *USUAL) if often else USUAL if total is None else (total,)
    words = [t for line in lines for t in (*as_often(_said(line, lexicon), lexicon), _comma(line[-1]))]
    words, once_more = _repeated(each_foot(words, lexicon), lexicon)
    found: list[State] = []
    for cost, moves in readings(words, lexicon)[:WORDS]:
        row = _each_side(_limbs(struts(led(written_out(moves))), lexicon))
        # “V step, R lead”: words that only say the first foot.
        again = any(m.times > 1 and m.size is not None and m.kind in _BESIDE for m in moves)
        cost -= NO_MOVE * (len(row) > 0 and any(m.led and not (m.kind or m.name) for m in moves))
        if not row or cost > _CLEAR * len(row) or not all(map(_known, row)):
            continue
        for start in starts:
            for extra, ways in _ways(row):
                danced = _danced(start.dearer(cost + extra), ways, usual, once_more, lexicon)
                # “bounce heels 3 times turning ¼”: once or each time.
                found += [s.asked(Fraction(0), Doubt.TURNS) for s in danced] if again else danced
    found.sort(key=lambda s: s.cost)
    return found[:LINES]


def _said(line: list[Token], lexicon: Lexicon) -> list[Token]:
    """“Rumba box left: side L, close R …”: what is said move by move is not danced twice. A foot alone stays."""
    if line[0].kind == "word" and (foot := lexicon.at(line, 0)) and foot[0].role == "foot":
        size = foot[0].size
        if len(line) > size and line[size].text == ":":
            return without_number(line)
    end = next((k for k, t in enumerate(line) if t.text == ":"), -1)
    rest = line[end + 1 :]
    return without_number(rest if sum(t.kind == "sep" for t in rest) > 1 else line)


def _comma(after: Token) -> Token:
    return Token("sep", ",", after.end, after.end)


def _known(move: Move) -> bool:
    """Whether a move is one; “walk walk” on one count is two, and only looks as if it made the sum come out."""
    twice = len(set(map(plain, move.name))) < len(move.name)
    turns = move.size is not None and bool(move.way)
    return (bool(move.kind or move.feet or move.name) or turns) and not move.unknown and not twice


def _limbs(row: list[Move], lexicon: Lexicon) -> list[Move]:
    """“hitch R knee”: what moves is no move of its own."""
    out: list[Move] = []
    for move in row:
        if out and move.kind == "hand" and not move.feet and set(map(plain, move.name)) <= lexicon.limbs:
            out[-1] = changed(out[-1], name=(*out[-1].name, *move.name))
        else:
            out.append(move)
    return out


def _each_side(row: list[Move]) -> list[Move]:
    """“hip bumps R R L L”: one to each side that is named."""
    out: list[Move] = []
    for move in row:
        several = one_a_side(move)
        out += several if len(several) > 1 and not move.feet and not move.lasts else [move]
    return out


def _ways(row: list[Move]) -> list[tuple[float, list[Move]]]:
    """A row as it stands, and with steps that end in what is said behind them, which is likelier."""
    whole = closed(row)
    ways = [(0.0, row)] if whole == row else [(0.0, whole), (0.4, row)]
    # “kick L and clap”: hands on the count of the foot before them.
    together: list[Move] = []
    for move in whole:
        if together and move.kind == "hand" and not move.feet:
            together[-1] = changed(together[-1], name=(*together[-1].name, *move.name))
        else:
            together.append(move)
    if len(together) < len(whole):
        ways.append((0.2, together))
    return ways


def _says(row: list[Move], words: tuple[str, ...]) -> bool:
    return any(plain(name).split(" ")[0] in words for move in row for name in move.name)


def total_of(lines: list[list[Token]]) -> tuple[int | None, list[list[Token]]]:
    """“… (8 counts)” at the end: how long all of it is, where no other number stands."""
    last = [t for t in lines[-1] if t.kind not in ("open", "close", "sep", "dot")]
    says = len(last) > 2 and last[-2].kind == "num" and last[-1].lower in COUNT_WORDS
    if not says or sum(t.kind == "num" for line in lines for t in line) != 1:
        return None, lines
    place = lines[-1].index(last[-2])
    if place < 1 or lines[-1][place - 1].kind not in ("open", "sep", "dash"):
        # “unwind over 3 counts” says how long the last move is.
        return None, lines
    kept = [t for t in lines[-1][:place] if t.kind != "open"]
    return last[-2].value, [*lines[:-1], kept]


def total_ahead(lines: list[list[Token]]) -> tuple[int | None, list[list[Token]]]:
    """“6 counts: rock step, triple”: how long all of it is, said in front."""
    first = lines[0]
    said = len(first) > 3 and first[0].kind == "num" and first[1].lower in COUNT_WORDS and first[2].text == ":"
    if said and sum(t.kind == "num" for line in lines for t in line) == 1:
        return first[0].value, [first[3:], *lines[1:]]
    return None, lines


def _repeated(words: list[Token], lexicon: Lexicon) -> tuple[list[Token], Repeat | None]:
    """“…, touch L; repeat to the left”: what is said to be danced again, and how."""
    seps = [k for k, t in enumerate(words[:-1]) if t.kind == "sep"]
    if not seps:
        return words, None
    last = words[seps[-1] + 1 : -1]
    repeat = repeat_in(last, lexicon) or (_then_on(last, lexicon) if len(seps) == 1 else None)
    return (words[: seps[-1] + 1], repeat) if repeat is not None else (words, None)


def _then_on(last: list[Token], lexicon: Lexicon) -> Repeat | None:
    """“Vine right, then left”: all of it once more, on that side."""
    foot = lexicon.foot_of(last[-1].lower) if len(last) > 1 else ""
    joined = all(any(a.role in ("and", "link") for a in lexicon.at(last, k)) for k in range(len(last) - 1))
    # “…, weight on R” says nothing of another round.
    return Repeat(False, foot) if joined and last and last[0].lower in _THEN and foot in ("R", "L") else None


def _danced(
    start: State, row: list[Move], usual: tuple[int, ...], once_more: Repeat | None, lexicon: Lexicon
) -> list[State]:
    beam, at = [start], Fraction(0)
    paced = _says(row, _SLOW) and _says(row, _QUICK)
    for before, move in zip([None, *row], row, strict=False):
        if move.kind == "pivot" and before is not None and before.kind in ("figure", "pivot") and not move.way:
            # “kick ball change, pivot half”: the step it turns on is sooner part of it.
            beam = [s.dearer(0.15) for s in beam]
        length = length_of(move) * (2 if paced and _says([move], _SLOW) else 1)
        slot = Slot(at, length if move.kind == "figure" or length > 1 else None)
        beam = sorted((s for state in beam for s in share(state, [move], [slot], lexicon)), key=lambda s: s.cost)[
            :LINES
        ]
        at += length
    if once_more is not None:
        at *= 2
        beam = [found for s in beam if (found := again(s, once_more, None, None)) is not None]
    return beam if at in usual else [s.asked(Fraction(0), Doubt.COUNTS).dearer(0.5) for s in beam]
