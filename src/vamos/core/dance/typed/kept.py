"""Nothing that was typed is lost: what a line says is compared with what is danced."""

from __future__ import annotations

import itertools
from collections import Counter
from collections.abc import Iterable, Sequence
from fractions import Fraction

from vamos.core.dance.typed.around import MANNER, PARTS, SIDE_WORDS, side_word
from vamos.core.dance.typed.lexicon import Lexicon
from vamos.core.dance.typed.tokens import Token, tokens_of
from vamos.core.model.dance import Event, Foot, Kind

_ROLES = ("foot", "way", "side", "lead")
_SIDES = ("R", "L")
_ROUND = {"cw": "R", "clockwise": "R"} | dict.fromkeys(("ccw", "acw", "counterclockwise", "anticlockwise"), "L")
_AND = ("and", "then", "und", "dann", "y", "luego")
#: Last words of a step that passes the foot behind it, or leans towards it.
_PASSING = ("over", "behind", "front", "of", "weight", "on", "onto", "toward", "towards")
#: Roles of words that dance nothing of their own where they stand.
_NO_MOVES = {"foot", "turn", "repeat", "mirror", "link"}
#: “walk forward, 4 steps”: how many they are.
_SEVERAL = ("steps", "schritte", "pasos", "pas", "passi", "passos", "passen")
#: Roles of a verb that say where another one goes.
_PLACES = {"where", "passed", "side", "link"}


def sides_lost(lines: Sequence[Sequence[Token]], events: Iterable[Event], lexicon: Lexicon) -> list[str]:
    """R and L that stand in the lines, and in no foot, turn or name of the events; a foot that is passed may.

    So does one of them that is said of more moves than are danced with it.
    """
    danced = _danced(events)
    said: set[str] = set()
    times: Counter[str] = Counter()
    for line in lines:
        tokens = list(line)
        said |= {s for _item, s in _said(tokens, lexicon)}
        times.update(_each(_bare(tokens, lexicon), lexicon))
    return [s for s in _SIDES if (s in said and not danced[s]) or times[s] > danced[s]]


def _said(line: list[Token], lexicon: Lexicon) -> list[tuple[int, str]]:
    """R and L as they are said, each with the number of its item; a foot that is passed is none."""
    found: list[tuple[int, str]] = []
    passed, index, item = False, 0, 0
    while index < len(line):
        token = line[index]
        atoms = lexicon.at(line, index) if token.kind == "word" else []
        if token.kind != "word" or token.lower in _AND:
            item += token.kind not in ("dash", "frac", "deg")
            # “roll L over 2 counts 7-8 the same R” passes no foot.
            passed = passed and token.kind == "open"
        elif set(token.text) <= set(_SIDES):
            found += [] if passed else [(item, s) for s in token.text]
            passed = False
        else:
            sided = {str(a.value) for a in atoms if a.role in _ROLES and a.value in _SIDES}
            # “kreuz rechts über links” is no way, though it could be one.
            passes = any(a.role == "passed" for a in atoms) and len(sided) > 0
            found += [] if passed or passes else [(item, s) for s in sided]
            passed = any(a.role == "passed" or a.words.split()[-1] in _PASSING for a in atoms) or (passed and not sided)
        index += max((a.size for a in atoms), default=1)
    return found


def _bare(line: list[Token], lexicon: Lexicon) -> list[Token]:
    """A line without its brackets, and without the name in front of what it is made of."""
    colon = next((k for k, t in enumerate(line) if t.text == ":"), -1)
    if colon > 0 and _moves(line[colon:], lexicon):
        line = line[colon + 1 :]
    out: list[Token] = []
    inside = 0
    for token in line:
        inside += (token.kind == "open") - (token.kind == "close")
        out += [] if inside or token.kind == "close" else [token]
    return out


def _each(line: list[Token], lexicon: Lexicon) -> Counter[str]:
    """How often each side is said, once in every item: “step R to R side” says it once, “R L R” twice."""
    found: Counter[str] = Counter()
    for _number, item in itertools.groupby(_said(line, lexicon), key=lambda one: one[0]):
        sides = [s for _, s in item]
        row = len(sides) > 2 and all(a != b for a, b in itertools.pairwise(sides))
        found.update(sides if row else set(sides))
    return found


def _danced(events: Iterable[Event]) -> Counter[str]:
    out: Counter[str] = Counter()
    for event in events:
        foot = str(event.foot)
        out.update(_SIDES if foot == "both" or (event.turn is None or event.size) else [foot])
        if event.turn:
            out["R" if event.turn > 0 else "L"] += 1
        words = [w for text in (event.name, event.cue, event.unread) for w in text.lower().replace(",", " ").split()]
        out.update(s for s in _SIDES for w in words if w in (side_word(s), s.lower()))
        out.update(_ROUND[w] for w in words if w in _ROUND)
        out.update("R" if SIDE_WORDS.get(w) in ("left", "links") else "L" for w in words if w in SIDE_WORDS)
    return out


def words_lost(lines: Sequence[Sequence[Token]], events: Sequence[Event], lexicon: Lexicon) -> tuple[str, ...]:
    """Moves, holds and turns that are typed more often than they are danced, in the words of the line."""
    names = [{lexicon.base(w) for w in _words_of(e)} for e in events]
    typed = [word for line in lines for word in _typed(list(line), lexicon)]
    danced = {
        "hold": sum(e.kind is Kind.HOLD or "hold" in lexicon.role_of(e.name.split(" ")[0]) for e in events),
        "turn": sum(bool(e.turn is None or e.turn or e.size or e.angle) for e in events),
    }
    out: list[str] = []
    seen: Counter[str] = Counter()
    for role, text in typed:
        if role in danced:
            seen[role] += 1
            out += [text] if seen[role] > danced[role] else []
            continue
        whole = {lexicon.base(w) for w in text.split()}
        if role == "figure" and any(whole & name for name in names):
            continue
        for word in {w for w in whole if lexicon.role_of(w) & {"act", "hand"}}:
            seen[word] += 1
            out += [word] if seen[word] > sum(word in name for name in names) else []
    return tuple(dict.fromkeys(out))


def counts_lost(lines: Sequence[Sequence[Token]], events: Sequence[Event]) -> tuple[str, ...]:
    """Counts that are typed and on which nothing is danced or held; how often and how long are no counts."""
    spans = [(e.start, e.start + e.length) for e in events]
    eights = {Fraction(e.start // 8 * 8) for e in events}
    out: list[str] = []
    for line in lines:
        for before, token, after in zip([None, *line], line, [*line[1:], None], strict=False):
            counts = token.kind == "num" and not (before is not None and before.kind in ("dash", "amp"))
            if not counts or (after is not None and after.kind == "word") or not token.value:
                continue
            at = [Fraction(token.value - 1), *(eight + (token.value - 1) % 8 for eight in eights)]
            if not any(first <= one < last for one in at for first, last in spans):
                out.append(token.text)
    return tuple(dict.fromkeys(out))


def _typed(line: list[Token], lexicon: Lexicon) -> list[tuple[str, str]]:
    """What a line says is danced, as (role, words); the name in front of what it is made of is left out."""
    found: list[tuple[str, str]] = []
    index = 0
    while index < len(line):
        token = line[index]
        atoms = lexicon.at(line, index) if token.kind == "word" else []
        size = max((a.size for a in atoms), default=1)
        roles = {a.role for a in atoms if a.size == size}
        if token.text == ":" and _moves(line[index:], lexicon):
            # “cross point cross point: R over, L side, …” is no name, but what is danced.
            found = found if len(found) > 2 and {role for role, _ in found} == {"move"} else []
        elif token.kind == "open" and found and found[-1][0] == "figure":
            # “shuffle (side, together, side)”: what it is made of.
            size = next((k for k, t in enumerate(line[index:]) if t.kind == "close"), 1)
        elif token.kind in ("frac", "deg"):
            found.append(("turn", token.text))
        elif "figure" in roles:
            found.append(("figure", atoms[0].words))
        elif "hold" in roles:
            found.append(("hold", atoms[0].words))
        elif roles & {"act", "hand"} and not roles & _NO_MOVES and token.lower not in _SEVERAL:
            found.append(("move", atoms[0].words))
        index += size
    return found


def _words_of(event: Event) -> list[str]:
    said = f"{event.name} {event.cue} {event.unread}".lower().replace("r-c", "rc")
    return said.replace("-", " ").replace(",", " ").split()


def _moves(tokens: list[Token], lexicon: Lexicon) -> bool:
    return any(t.kind == "word" and lexicon.role_of(t.text) & {"act", "figure", "hand"} for t in tokens)


def crowded(event: Event, lexicon: Lexicon) -> bool:
    """Whether two steps stand in the name of one move, or one in that of a move without a foot: “kick point”."""
    line = tokens_of(event.name, lexicon.known)
    found = {"apart": 0, "steps": 0, "known": 0, "hands": 0}
    index = 0
    while index < len(line):
        atoms = lexicon.at(line, index) if line[index].kind == "word" else []
        size = max((a.size for a in atoms), default=1)
        mine = [a for a in atoms if a.size == size]
        acts = {a.value for a in mine if a.role == "act"}
        roles = {a.role for a in mine}
        # “hook heel”, “step side”, “hips sway”: words of one move.
        step = bool(acts - {"free", "other"}) and mine[0].words not in (*MANNER, *PARTS)
        found["apart"] += step and not roles & _PLACES
        found["steps"] += step and "free" not in acts and lexicon.base(mine[0].words.split()[-1]) != "sway"
        found["known"] += "figure" in roles and not roles & {"act", "hand"}
        found["hands"] += "hand" in roles
        index += size
    if event.kind is not Kind.FREE:
        return found["apart"] > 1
    beside = found["known"] > 0 and found["apart"] + found["hands"] + found["known"] > 1
    return found["apart"] > 1 or found["steps"] > 0 or beside


def turns_a_limb(event: Event, lexicon: Lexicon) -> bool:
    """Whether hips, arms or a head go round and the dancer with them: “a circle of the hips”."""
    return bool(event.turn) and event.foot is Foot.NONE and any("hand" in lexicon.role_of(w) for w in _words_of(event))


def counts_between(lines: list[list[Token]]) -> list[Fraction]:
    """“1 2 3 clap, 5 6 7 clap”: where runs of counts begin whose move may be meant on the one that is left out."""
    runs: list[list[int]] = []
    danced = True
    for token in itertools.chain.from_iterable(lines):
        if token.kind == "num":
            if danced:
                runs.append([])
                danced = False
            runs[-1].append(int(token.text))
        elif token.kind == "word" and runs:
            danced = True
        elif token.kind != "sep":
            # Ranges and parts of counts say where each move is.
            return []
    # Words behind the last run: the counts stand in front.
    if not danced or lines[0][0].kind != "num":
        return []
    return [
        Fraction(run[0] - 1)
        for one, other in itertools.pairwise(runs)
        if len(one) == len(other) > 1 and other[0] == one[-1] + 2
        for run in (one, other)
    ]
