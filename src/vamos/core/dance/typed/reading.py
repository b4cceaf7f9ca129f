"""What a typed line means: the events of its likeliest reading, what has to be asked, and the readings beside it."""

from __future__ import annotations

import itertools
import re
from collections.abc import Mapping
from dataclasses import dataclass, replace
from fractions import Fraction

from msgspec.structs import replace as changed

from vamos.core.dance.counts_typed import NotationError, Reader
from vamos.core.dance.typed.around import in_its_language, side_word
from vamos.core.dance.typed.clean import cleaned
from vamos.core.dance.typed.each_foot import each_foot
from vamos.core.dance.typed.how_long import each_long, lasting_to_end, lengths_behind, without_length
from vamos.core.dance.typed.kept import counts_between, counts_lost, crowded, sides_lost, turns_a_limb, words_lost
from vamos.core.dance.typed.laid_out import COUNT_WORDS, laid_out, total_ahead, total_of
from vamos.core.dance.typed.last_counted import last_counted
from vamos.core.dance.typed.leading import OTHER
from vamos.core.dance.typed.lexicon import Lexicon, lexicon_for
from vamos.core.dance.typed.line import Place, read_line
from vamos.core.dance.typed.rewritten import often_behind, parted, plain_counts, put_back, unglued, written_out_brackets
from vamos.core.dance.typed.said_on import SaidOn, as_said, said_on_counts
from vamos.core.dance.typed.state import State
from vamos.core.dance.typed.tokens import Token, tokens_of
from vamos.core.dance.typed.turn_steps import things_are_no_counts, turned_over_steps
from vamos.core.dance.typed.weight_said import WeightSaid, weight_first, weight_said
from vamos.core.model.dance import Doubt, Event, Kind, StepPattern
from vamos.core.time import Feel
from vamos.wording import words_of

tr = words_of(__name__)

#: A 1 that stands alone is a count that could not be placed.
_ONE = re.compile(r"(?<![\d/])1(?![\d/])")
#: Readings nearer than this that differ are both possible: it is asked.
NEAR = 0.12
#: Words, signs and numbers of one line of moves; nobody types one as long by hand.
LONGEST = 500
#: A reading that costs so much was not understood.
LOST = 3.0


@dataclass(frozen=True, slots=True)
class Typed:
    """A line that was read; ``readings`` are ways to read it that are as likely, ``cost`` is what speaks against it."""

    events: tuple[Event, ...]
    cost: float = 0.0
    readings: tuple[tuple[Event, ...], ...] = ()


#: A full turn in eighths; so many of the same in a row are asked about.
_WHOLE_TURN, _DIZZY = 8, 3


def read_typed(
    text: str,
    feel: Feel = Feel.STRAIGHT,
    own: Mapping[str, StepPattern] | None = None,
    weight: str = "",
    lay_out: bool = False,
) -> Typed:
    """The moves of a line as people type it; several lines go on from each other.

    ``weight`` is R or L where it is known what foot bears it before; ``lay_out`` puts known moves without any count one
    after the other. Raises NotationError when nothing in it can be placed on a count.
    """
    lexicon = lexicon_for(own or {})
    clean, said = said_on_counts(cleaned(text))
    clean, bears = weight_first(clean)
    weight = bears if bears in OTHER else weight
    clean, weights = weight_said(clean)
    counted = _only_counts(clean.text, feel)
    if counted is not None:
        return Typed(as_said(counted, said))
    parts = _lines(tokens_of(clean.text, lexicon.known))
    for line in parts:
        if len(line) > LONGEST:
            raise NotationError(text, clean.at(line[LONGEST].start), _shorter_wanted())
    lines = [_rewritten(line, lexicon) for line in parts]
    if not lines:
        return Typed(())
    if lay_out:
        lines = _often_first(lines, lexicon)
    starts = [Place(State(lead="R", weight=weight)), Place(State(cost=0.12, lead="L", weight=weight))]
    places = starts[:1] if weight else starts
    apart = total_of(lines)[0] is not None or total_ahead(lines)[0] is not None
    for tokens in [] if apart else lines:
        found = read_line(places, tokens, lexicon, feel)
        if not found:
            wrong = _first_wrong(places, tokens, lexicon, feel)
            raise NotationError(text, clean.at(wrong.start), _counts_wanted())
        before, places = places, _compared(found, weights, tokens, lines)
        if said:
            done = max((e.start for p in before for e in p.state.events), default=None)
            places = _with_said(places, said, tokens, lines, done)
    best = places[0].state
    if not best.events and lay_out and not _ONE.search(clean.text):
        danced = laid_out([p.state for p in starts], lines, lexicon)
        for one in weights:
            danced = sorted((s.said_to_end(one.foot) for s in danced), key=lambda s: s.cost)
        if danced:
            return _typed(danced[0], danced, lines, lexicon)
    if not best.events:
        first = lines[0][0]
        raise NotationError(text, clean.at(lines[-1][-1].end), _of_words(text, clean.at(first.start)))
    return _typed(best, [p.state for p in places], lines, lexicon)


def _rewritten(line: list[Token], lexicon: Lexicon) -> list[Token]:
    words = unglued(plain_counts(_untitled(line, lexicon), lexicon), lexicon)
    words = things_are_no_counts(turned_over_steps(_each_foot_of_range(words, lexicon), lexicon))
    words = lengths_behind(each_long(written_out_brackets(last_counted(words))))
    return lasting_to_end(put_back(without_length(parted(often_behind(words)))), lexicon)


def _each_foot_of_range(line: list[Token], lexicon: Lexicon) -> list[Token]:
    """“1-8 step touch R, L, R, L”: counts in front alone, and the step behind them once for each foot."""
    first = next((k for k, t in enumerate(line) if t.kind == "word"), 0)
    if not first or any(t.text[:1].isdigit() for t in line[first:]):
        return line
    return [*line[:first], *each_foot(line[first:], lexicon)]


def _within(at: int, tokens: list[Token], lines: list[list[Token]]) -> bool:
    """Whether a place of the text belongs to a line, up to where the next one begins."""
    after = next((line[0].start for line in lines if line[0].start > tokens[0].start), None)
    return tokens[0].start < at and (after is None or at < after)


def _with_said(
    places: list[Place], said: tuple[SaidOn, ...], tokens: list[Token], lines: list[list[Token]], done: Fraction | None
) -> list[Place]:
    """Readings with what is said of counts in this line; all up to the count ``done`` belongs to the lines before."""
    mine = [one for one in said if _within(one.at, tokens, lines)]
    if not mine:
        return places
    out = []
    for place in places:
        new = [e.start for e in place.state.events if done is None or e.start > done]
        events = as_said(place.state.events, mine, min(new, default=Fraction(0)))
        out.append(changed(place, state=changed(place.state, events=events)))
    return out


def _compared(
    places: list[Place], weights: tuple[WeightSaid, ...], tokens: list[Token], lines: list[list[Token]]
) -> list[Place]:
    """Readings of a line beside where its weight is said to end, the cheapest first."""
    for said in weights:
        if _within(said.at, tokens, lines):
            places = [changed(p, state=p.state.said_to_end(said.foot)) for p in places]
    return sorted(places, key=lambda p: p.state.cost)


def _back(tokens: list[Token]) -> Token:
    """The number at which the counts of a line go back; its first sign where they do not."""
    last = 0
    for token in tokens:
        if token.kind == "num":
            if token.value <= last and token.value != 1:
                return token
            last = token.value
    return next((t for t in reversed(tokens) if t.kind == "num" and t.value == last), tokens[0])


def _first_wrong(places: list[Place], tokens: list[Token], lexicon: Lexicon, feel: Feel) -> Token:
    """The count up to which a line cannot be read; the last one where all of it is needed."""
    for end, token in enumerate(tokens):
        if token.kind == "num" and not read_line(places, tokens[: end + 1], lexicon, feel):
            return token
    return _back(tokens)


def _counts_wanted() -> str:
    return tr("a count after the one before, or 1 for the next set")


def _shorter_wanted() -> str:
    return tr("a new line for each eight; this one is too long to be moves")


def _of_words(text: str, start: int) -> str:
    return tr("the counts of “{number}”", number=text[start:].strip()[:40])


def _lines(tokens: list[Token]) -> list[list[Token]]:
    out: list[list[Token]] = [[]]
    for k, token in enumerate(tokens):
        shared = token.text == ";" and _counts_alone(tokens[k + 1 :]) and not _counted(out[-1])
        shared = shared or (token.text == ";" and not _counted(out[-1]))
        if token.kind == "nl" or (token.text == ";" and not shared and _counted(tokens[k + 1 :])):
            out.append([])
        else:
            out[-1].append(changed(token, text=",") if token.text == ";" else token)
    return [line for line in out if any(t.kind not in ("sep", "dash", "dot", "open", "close") for t in line)]


def _counted(tokens: list[Token]) -> bool:
    """Whether what stands up to the next end has counts of its own; “7-8: step R; ½ turn L” shares them."""
    end = next((k for k, t in enumerate(tokens) if t.kind == "nl" or t.text == ";"), len(tokens))
    return any(t.kind == "num" for t in tokens[:end])


def _often_first(lines: list[list[Token]], lexicon: Lexicon) -> list[list[Token]]:
    """“2 steps back R L, coaster R” without any count: the number says how often."""
    first = lines[0]
    long = [a for line in lines for a, b in itertools.pairwise(line) if b.lower in COUNT_WORDS and a is not first[0]]
    numbers = sum(t.kind == "num" and t not in long for line in lines for t in line)
    if numbers != 1 or len(first) < 2 or first[0].kind != "num" or first[1].kind != "word":
        return lines
    # “8 walks in a circle”: more than one of them is meant.
    words = list(itertools.takewhile(lambda t: t.kind == "word" and not lexicon.foot_of(t.lower), first[1:4]))
    moves = {"act", "figure", "hand", "turn"}
    several = any(t.lower.endswith("s") and _one(t.lower, lexicon) & moves for t in words)
    listed = len(first) > 3 and any(t.kind == "sep" for t in first)
    if not 2 <= first[0].value <= (16 if several else 4) or not (several or listed):
        return lines
    return [[changed(first[0], kind="times"), *first[1:]], *lines[1:]]


def _one(word: str, lexicon: Lexicon) -> set[str]:
    """The roles of what a word is several of; none for “cross” or “hands”."""
    return set() if word[:-1] in _BODY else lexicon.role_of(word[:-1])


_BODY = ("hand", "arm", "shoulder", "head", "hip", "knee", "heel", "toe", "finger", "elbow", "step")


def _counts_alone(tokens: list[Token]) -> bool:
    """“R foot: forward, side; 1 2”: what stands behind is counts and nothing else."""
    end = next((k for k, t in enumerate(tokens) if t.kind == "nl" or t.text == ";"), len(tokens))
    return end > 0 and all(t.kind in ("num", "amp", "dash", "sep", "dot") for t in tokens[:end])


def _untitled(line: list[Token], lexicon: Lexicon) -> list[Token]:
    """“Basic left: side L 5 …” says what follows and dances nothing itself."""
    end = next((k for k, t in enumerate(line) if t.text == ":"), 0)
    head, rest = line[:end], line[end + 1 :]
    # “On2” is a word with its number; other numbers are counts.
    words = "".join(f" {t.lower}" if t.spaced else t.lower for t in head).split()
    numbered = {k for k, t in enumerate(head) if t.kind == "num" and (not t.spaced or head[k - 1].lower == "on")}
    numbered |= {k for k, t in enumerate(head[:-1]) if t.kind == "num" and head[k + 1].lower in COUNT_WORDS}
    titled = all(t.kind == "word" or k in numbered for k, t in enumerate(head)) and (
        any(map(lexicon.is_title, words)) or (head[-1:] and head[-1].lower in COUNT_WORDS and len(head) > 2)
    )
    said = [t for t in rest if t.kind == "word"]
    # “sailor steps: R, L 1&2 3&4” says on which feet, and nothing else of what is danced.
    titled = titled and not all(lexicon.foot_of(t.lower) for t in said)
    return rest if titled and len(said) > 1 else line


def _typed(best: State, states: list[State], lines: list[list[Token]], lexicon: Lexicon) -> Typed:
    doubts = list(best.doubts)
    sides = sides_lost(lines, best.events, lexicon) if not doubts else ()
    doubts += [(e.start, Doubt.COUNTS) for e in best.events if crowded(e, lexicon)]
    whole = [e for e in best.events if abs(e.turn or 0) >= _WHOLE_TURN]
    if len(whole) >= _DIZZY and len({e.name for e in whole}) == 1:
        # So many full turns in a row are sooner one over all counts.
        doubts.append((whole[1].start, Doubt.TURNS))
    between = counts_between(lines)
    # Three steps on three counts are meant so.
    doubts += [(e.start, Doubt.READINGS) for e in best.events if e.start in between and e.kind is not Kind.STEP]
    doubts += [(e.start, Doubt.TURNS) for e in best.events if turns_a_limb(e, lexicon)]
    others: list[tuple[Event, ...]] = []
    for other in states[1:]:
        where = _differ(best, other)
        asked = (where, Doubt.FOOT) in best.doubts
        # How long all of it is changes what follows.
        near = NEAR if best.events[-1].start == other.events[-1].start else 2 * NEAR
        if where is not None and not asked and other.cost - best.cost < near:
            doubts.append((where, Doubt.READINGS))
            others.append(_ordered(other.events))
    doubts += [(a.start, Doubt.COUNTS) for a, b in itertools.pairwise(_ordered(best.events)) if _at_once(a, b)]
    if best.cost >= LOST:
        doubts.append((best.events[0].start, Doubt.LINE))
    events = _doubted(in_its_language(_ordered(best.events), lines), doubts)
    if not {Doubt.LINE, Doubt.READINGS, Doubt.COUNTS} & {doubt for _, doubt in doubts}:
        gone = (*map(side_word, sides), *words_lost(lines, best.events, lexicon))
        gone = (*gone, *counts_lost(lines, best.events))
        events = _left_out(events, gone) if gone else events
    return Typed(events, best.cost, tuple(others))


def _left_out(events: tuple[Event, ...], words: tuple[str, ...]) -> tuple[Event, ...]:
    """Words that are danced nowhere are asked about at the first move that is sure."""
    at = next((k for k, e in enumerate(events) if not e.doubt), 0)
    return (*events[:at], replace(events[at], doubt=Doubt.LOST, unread=", ".join(words)), *events[at + 1 :])


def _at_once(one: Event, other: Event) -> bool:
    """Whether one dancer would move twice at once."""
    return (one.role, one.start) == (other.role, other.start) and Kind.FREE not in (one.kind, other.kind)


def _differ(one: State, other: State) -> Fraction | None:
    """The first count on which two readings differ in foot, weight or turn."""

    def seen(state: State) -> dict[tuple[Fraction, str], tuple[object, ...]]:
        moves = (Kind.STEP, Kind.TURN, Kind.HOP)
        return {(e.start, e.role): (e.foot, e.kind in moves, e.turn) for e in state.events if e.kind is not Kind.HOLD}

    a, b = seen(one), seen(other)
    return min((k[0] for k in a.keys() | b.keys() if a.get(k) != b.get(k)), default=None)


#: What is asked first where several things are open at one count.
_ORDER = (
    Doubt.LINE,
    Doubt.READINGS,
    Doubt.COUNTS,
    Doubt.FIGURE,
    Doubt.SIDE,
    Doubt.TURNS,
    Doubt.FOOT,
    Doubt.WEIGHT,
    Doubt.ASIDE,
    Doubt.NAME,
)


def _doubted(events: tuple[Event, ...], doubts: list[tuple[Fraction, Doubt]]) -> tuple[Event, ...]:
    """Events with the question that is open at each."""
    out = list(events)
    for at, doubt in sorted(doubts, key=lambda d: _ORDER.index(d[1])):
        index = next((k for k, e in enumerate(out) if e.start >= at), len(out) - 1)
        if index >= 0 and not out[index].doubt:
            out[index] = replace(out[index], doubt=doubt)
    return tuple(out)


def _ordered(events: tuple[Event, ...]) -> tuple[Event, ...]:
    """In the order of their counts, each until the next one at most."""
    rows = sorted(events, key=lambda e: (e.role, e.start))
    out = [
        replace(e, length=min(e.length, after.start - e.start)) if after.role == e.role and after.start > e.start else e
        for e, after in zip(rows, [*rows[1:], *rows[-1:]], strict=False)
    ]
    return tuple(sorted(out, key=lambda e: e.start))


_NO_WORDS = re.compile(r"\b(?:hold|for|and|one|two|three|four|five|six|seven|eight|counts?|beats?)\b", re.IGNORECASE)


def _only_counts(text: str, feel: Feel) -> tuple[Event, ...] | None:
    """A line of nothing but counts, by the reader of counts; None when there is more in it, or it cannot be read."""
    if re.search(r"[^\W\d_]{2,}", _NO_WORDS.sub("", text)) or re.search(r"[xX×]|-\s*$|\s-\s", text):
        return None
    reader = Reader(text, feel)
    out: list[Event] = []
    try:
        while True:
            for slot in reader.slots():
                out.append(
                    Event(
                        slot.start, slot.length, "hold" if slot.hold else "", kind=Kind.HOLD if slot.hold else Kind.FREE
                    )
                )
            reader.space()
            if reader.at >= len(text):
                return _ordered(tuple(out)) if out else None
            if text[reader.at] != ",":
                return None
            reader.at += 1
    except NotationError:
        return None


def takes_a_foot(name: str, own: Mapping[str, StepPattern]) -> bool:
    """Whether a name without a foot would be read as a move that has one."""
    lexicon = lexicon_for(own)
    tokens = tokens_of(cleaned(name).text, lexicon.known)
    roles = {"act", "figure", "foot", "size", "way", "turn", "times", "repeat", "hold"}
    return any(a.role in roles for k, t in enumerate(tokens) if t.kind == "word" for a in lexicon.at(tokens, k)) or any(
        t.kind not in ("word", "dash", "open", "close", "sep", "dot") for t in tokens
    )


def known_person(words: str) -> bool:
    """Whether a name is one that partners and groups are called by."""
    lower, people = " ".join(words.lower().split()), lexicon_for({}).people
    return lower in people or lower.rstrip(" 0123456789") in people or len(lower) == 1


def may_be_role(words: str) -> bool:
    """Whether words before a colon can be who dances what follows: known people, or a name that is no move."""
    lexicon = lexicon_for({})
    lower = " ".join(words.lower().split())
    if lower in ("count", "counts", "cts", "beat", "beats", "zähler", "zählzeit"):
        return False
    if re.search(r"\d\s*(?:counts?|cts?|beats?|zähler)$", lower):
        # “swingout 8 counts: …” says how long it is, and who dances it to nobody.
        return False
    if lower in lexicon.people or lower in lexicon.lanes or lower.split()[0] in lexicon.people:
        return True
    if any(lexicon.is_title(word) for word in lower.replace("-", " ").split()):
        return False
    whole = " ".join(lower.split())
    if any(role == "where" for words in (whole, *whole.split()) for role, _ in lexicon.roles.get(words, ())):
        # “on the spot: stomp R, stomp L”, “stroll fwd: …” says where.
        return False
    roles = {"act", "figure", "foot", "size", "turn", "way", "side", "times", "repeat", "hold", "target"}
    tokens = tokens_of(cleaned(words).text, lexicon.known)
    return len(tokens) <= 3 and not any(
        a.role in roles for k, t in enumerate(tokens) if t.kind == "word" for a in lexicon.at(tokens, k)
    )
