"""A line of a dance in all its readings, the cheapest first: groups of counts and words, counts before or behind."""

from __future__ import annotations

import itertools
from fractions import Fraction

from msgspec import Struct
from msgspec.structs import replace as changed

from vamos.core.dance.typed.count_runs import NUMBERS, Clock, Count, CountRun
from vamos.core.dance.typed.lexicon import Lexicon
from vamos.core.dance.typed.moves import readings
from vamos.core.dance.typed.number_words import as_often, words_count
from vamos.core.dance.typed.repeats import again, bare, end_of, repeat_in, times
from vamos.core.dance.typed.rewritten import (
    BEFORE_COUNTS,
    amp_items,
    feet_together,
    listed,
    with_source,
    without_number,
)
from vamos.core.dance.typed.share import share
from vamos.core.dance.typed.state import State
from vamos.core.dance.typed.tokens import Token
from vamos.core.model.dance import Doubt
from vamos.core.time import Feel

#: Readings of a line that go on to its next group, and readings of words that go on to their counts.
LINES, WORDS = 8, 6
#: Words that lead to how a step ends.
_ENDING = ("with", "ending", "finishing", "mit", "endend")
_SOFT = ("sep", "close", "open", "dash", "dot", "amp")


class Block(Struct, frozen=True):
    """A run of counts, or of words between counts."""

    counts: tuple[Count, ...]
    tokens: tuple[Token, ...]

    @property
    def is_counts(self) -> bool:
        return bool(self.counts)


class Group(Struct, frozen=True):
    """Words and the counts they are danced on; no counts when none are written."""

    counts: tuple[Count, ...]
    words: tuple[Token, ...]


class Place(Struct, frozen=True):
    """A state with where the counts of its line stand."""

    state: State
    offset: int = 0
    last: Fraction = Fraction(-2)


def read_line(before: list[Place], tokens: list[Token], lexicon: Lexicon, feel: Feel) -> list[Place]:
    """All readings of a line that goes on from others, the cheapest first."""
    tokens = with_source(feet_together(without_number(tokens), lexicon), lexicon)
    wordy = any(t.kind == "word" and t.lower not in (*NUMBERS, "and", "a", "e", "und", "on", "counts") for t in tokens)
    digits = any(t.kind == "num" for t in tokens)
    if wordy and not digits and not words_count(tokens, before[0].last):
        tokens = as_often(tokens, lexicon)
        ways = [(False, False)]
    else:
        ways = [(not digits or not wordy, False)]
    if wordy and any(a.kind == "amp" and a.spaced and b.kind == "word" for a, b in itertools.pairwise(tokens)):
        ways.append((False, True))
    # “touch L & clap 2”: hands go with what stands before them.
    clapped = any(a.kind == "amp" and "hand" in lexicon.role_of(b.text) for a, b in itertools.pairwise(tokens))
    links = 0.5 if clapped else 0.1
    written: list[tuple[float, list[Group]]] = [
        (cost, g) for spoken, amp in ways for cost, g in _costly(tokens, spoken, amp, links, lexicon)
    ]
    for other in (amp_items(tokens, lexicon), listed(tokens)):
        if other is not None:
            written += groupings(blocks(other, False, False), lexicon)
    out: list[Place] = []
    for place in before:
        for cost, groups in written:
            beam = [changed(place, state=place.state.dearer(cost))]
            for group in _halved(_gone_on(groups, lexicon), lexicon):
                beam = _group(beam, group, lexicon, feel)
            out += beam
    out.sort(key=lambda p: p.state.cost)
    return out[:LINES]


def _costly(
    tokens: list[Token], spoken: bool, amp: bool, links: float, lexicon: Lexicon
) -> list[tuple[float, list[Group]]]:
    return [(cost + (links if amp else 0), g) for cost, g in groupings(blocks(tokens, spoken, amp), lexicon)]


def blocks(tokens: list[Token], spoken: bool, amp: bool) -> list[Block]:
    """Counts and words in turn."""
    out: list[Block] = []
    start = index = 0

    def flush(end: int) -> None:
        words = tokens[start:end]
        while end < len(tokens) and words and words[-1].kind == "word" and words[-1].lower in BEFORE_COUNTS:
            words.pop()
        if any(t.kind not in _SOFT for t in words):
            out.append(Block((), tuple(words)))

    while index < len(tokens):
        token = tokens[index]
        number = spoken and token.kind == "word" and token.lower in NUMBERS
        part = token.kind == "word" and token.lower in ("a", "and", "e", "und")
        if token.kind in ("num", "amp") or number or part:
            counts, after = CountRun(tokens, index, spoken, amp).read()
            if counts:
                flush(index)
                out.append(Block(tuple(counts), tuple(tokens[index:after])))
                index = start = after
                continue
        index += 1
    flush(len(tokens))
    return _before_the_first(out)


def _before_the_first(found: list[Block]) -> list[Block]:
    """``& step L, 5 point R``: an & in front is that before the first count."""
    later = next((b.counts[0] for b in found[1:] if b.is_counts), None)
    first = found[0].counts if found else ()
    if len(first) == 1 and first[0].kind == "alone" and later is not None and later.kind in ("n", "range"):
        value = later.first if later.kind == "range" else later.value
        return [changed(found[0], counts=(Count("before", value, first[0].part),)), *found[1:]]
    return found


def _lasting_first(blocks: list[Block]) -> list[Block]:
    """“body roll for 2 counts, snap on 4”: what says how long it is begins on 1, and what follows has its own count."""
    if len(blocks) < 2 or blocks[0].is_counts or blocks[1].counts[0].kind != "n":
        return blocks
    words = list(blocks[0].tokens)
    at = next((k for k, t in enumerate(words) if t.kind == "lasts"), -1)
    comma = at + 1 < len(words) and words[at + 1].kind == "sep"
    if at < 0 or not comma or words[at].value >= blocks[1].counts[0].value or len(words) == at + 2:
        return blocks
    own = Count("range", words[at].value, first=1)
    first = [Block((), tuple(words[:at])), Block((own,), (words[at],)), Block((), tuple(words[at + 2 :]))]
    return [*first, *blocks[1:]]


def groupings(blocks: list[Block], lexicon: Lexicon) -> list[tuple[float, list[Group]]]:
    """Which counts belong to which words: those before them, or those behind."""
    blocks = _lasting_first(blocks)
    if not any(b.is_counts for b in blocks):
        words = tuple(t for b in blocks for t in b.tokens)
        return [(0.0, [Group((), words)])] if words else []
    if not blocks[0].is_counts:
        return [_behind(blocks, lexicon)]
    out = [_first(blocks)]
    several = _several(blocks)
    if several is not None:
        cost, groups = _behind(several, lexicon)
        out.append((cost + (0.2 if blocks[-1].is_counts else 0.5), groups))
    if blocks[-1].is_counts and len(blocks) > 1:
        cost, groups = _behind(blocks, lexicon)
        out.append((cost + 0.4, groups))
    return out


def _several(blocks: list[Block]) -> list[Block] | None:
    """``2 paddle turns ¼ left 1 2 3 4``: the number in front may be how often."""
    counts = blocks[0].counts
    if len(blocks) < 3 or len(counts) != 1 or counts[0].kind != "n" or not 2 <= counts[0].value <= 8:
        return None
    if blocks[1].is_counts:
        return None
    number = changed(blocks[0].tokens[0], kind="times", value=counts[0].value)
    return [Block((), (number, *blocks[1].tokens)), *blocks[2:]]


def _first(blocks: list[Block]) -> tuple[float, list[Group]]:
    groups: list[Group] = []
    for block in blocks:
        if block.is_counts:
            groups.append(Group(block.counts, ()))
        else:
            groups[-1] = changed(groups[-1], words=(*groups[-1].words, *block.tokens))
    empty = sum(not g.words for g in groups)
    wordy = any(g.words for g in groups)
    return 0.15 + (0.6 * empty if wordy else 0), groups


def _behind(blocks: list[Block], lexicon: Lexicon) -> tuple[float, list[Group]]:
    groups: list[Group] = []
    words: tuple[Token, ...] = ()
    cost = 0.0
    for block in blocks:
        if not block.is_counts:
            words = (*words, *block.tokens)
            continue
        if not words and groups and groups[-1].counts:
            cost += 0.5
        groups.append(Group(block.counts, words))
        words = ()
    if words:
        extra, groups = _tail(groups, words, lexicon)
        cost += extra
    return cost, groups


def _tail(groups: list[Group], words: tuple[Token, ...], lexicon: Lexicon) -> tuple[float, list[Group]]:
    """Words behind the last counts: the side of a repeat, a foot or a way that is said late, times, a remark."""
    last = groups[-1] if groups else None
    listed = list(words)
    if last is not None and last.words and repeat_in(list(last.words), lexicon):
        together = [*last.words, *words]
        if repeat_in(together, lexicon):
            return 0.0, [*groups[:-1], changed(last, words=tuple(together))]
    if last is not None and repeat_in(listed, lexicon):
        return 0.0, [*groups, Group((), words)]
    if last is not None and last.words and _only_detail(listed, lexicon):
        return 0.0, [*groups[:-1], changed(last, words=(*last.words, *words))]
    if last is not None and last.words and words[0].lower in _ENDING:
        # “weave left 1-4, ending with a touch”: it belongs to what stands before the counts.
        return 0.6, [
            *groups[:-1],
            changed(last, words=(*last.words, changed(words[0], kind="sep", text=","), *words[1:])),
        ]
    if last is not None and len(words) <= 4 and any(t.kind == "times" for t in words):
        return 0.0, [*groups, Group((), words)]
    aside = all(
        t.kind in ("open", "close", "sep", "clock") or lexicon.role_of(t.text) <= {"link", "times"} for t in words
    )
    if last is not None and aside:
        return 0.0, [*groups, Group((), words)]
    return 2.5, [*groups, Group((), words)]


def _only_detail(tokens: list[Token], lexicon: Lexicon) -> bool:
    """Words that only say foot, side, way or size of what stands before."""
    index = 0
    while index < len(tokens):
        if tokens[index].kind in ("frac", "deg", "dash", "q", "open", "close"):
            index += 1
            continue
        roles = ("foot", "way", "side", "size", "turn", "link")
        atom = next((a for a in lexicon.at(tokens, index) if a.role in roles), None)
        if atom is None or tokens[index].kind != "word":
            return False
        index += atom.size
    return True


def _gone_on(groups: list[Group], lexicon: Lexicon) -> list[Group]:
    """“sailor R 1&2, L 3&4”: a foot with as many counts of its own dances what the one before it danced."""
    out: list[Group] = []
    for group in groups:
        words = [t for t in group.words if t.kind not in _SOFT]
        before = out[-1] if out else None
        if before is not None and words and len(group.counts) == len(before.counts) > 1:
            foot = _foot_alone(words, lexicon)
            sides = [k for k, t in enumerate(before.words) if foot and "foot" in lexicon.role_of(t.text)]
            if len(sides) == 1 and len([t for t in before.words if t.kind == "word"]) > 1:
                said = list(before.words)
                said[sides[0]] = changed(words[0], text=foot)
                group = changed(group, words=tuple(said))
        out.append(group)
    return out


def _halved(groups: list[Group], lexicon: Lexicon) -> list[Group]:
    """“side close side touch, and reverse 1-8”: what is danced again at the end has half of the counts."""
    out: list[Group] = []
    for group in groups:
        words, run = list(group.words), group.counts
        parts = [k for k, t in enumerate(words) if t.kind == "sep"]
        whole = len(run) == 1 and run[0].kind == "range" and (run[0].value - run[0].first) % 2 == 1
        danced = parts and any(t.kind == "word" for t in words[: parts[-1]])
        if not whole or not danced or repeat_in(words[parts[-1] + 1 :], lexicon) is None:
            out.append(group)
            continue
        middle = run[0].first + (run[0].value - run[0].first) // 2
        out.append(Group((changed(run[0], value=middle),), tuple(words[: parts[-1]])))
        # Its own counts are those that are free.
        out.append(Group((), tuple(words[parts[-1] + 1 :])))
    return out


def _foot_alone(words: list[Token], lexicon: Lexicon) -> str:
    """R or L where words are nothing but one foot."""
    found = [a for a in lexicon.at(words, 0) if a.role == "foot" and a.value in "RL"] if words[0].kind == "word" else []
    return str(found[0].value) if found and found[0].size == len(words) else ""


# --- a group -----------------------------------------------------------------------------------


def _group(beam: list[Place], group: Group, lexicon: Lexicon, feel: Feel) -> list[Place]:
    """A group after each reading of what stands before it."""
    words = list(group.words)
    repeat = repeat_in(words, lexicon) if words else None
    said = readings(words, lexicon)[:WORDS] if words and not repeat else [(0.0, ())]
    out: list[Place] = []
    for place in beam:
        if repeat is not None and not place.state.events:
            # “repeat counts 1-2” and nothing before it.
            place = changed(place, state=place.state.asked(Fraction(0), Doubt.LINE).dearer(0.5))
        clock = Clock(feel, place.offset, place.last)
        if repeat is not None and place.state.events:
            found = _repeated(place, group, clock, lexicon)
            if found is not None:
                out.append(found)
                continue
        if not group.counts:
            out += _uncounted(place, words, lexicon)
            continue
        slots = clock.place(list(group.counts))
        if slots is None:
            continue
        number = _times_only(words, lexicon)
        if number:
            points = [(s.start, s.length or Fraction(1)) for s in slots if not s.rest]
            out.append(Place(bare(place.state, points, number), clock.offset, clock.last))
            continue
        for cost, moves in said:
            for state in share(place.state.dearer(cost), moves, slots, lexicon):
                out.append(Place(state, clock.offset, clock.last))
    out.sort(key=lambda p: p.state.cost)
    return _each_once(out)[: LINES + 2]


def _each_once(places: list[Place]) -> list[Place]:
    """Places whose moves and questions differ. Compared, as most moves are shared: a hash would go through all."""
    out: list[Place] = []
    for place in places:
        mine = place.state
        if not any(mine.events == p.state.events and mine.doubts == p.state.doubts for p in out):
            out.append(place)
    return out


def _repeated(place: Place, group: Group, clock: Clock, lexicon: Lexicon) -> Place | None:
    words = list(group.words)
    repeat = repeat_in(words, lexicon)
    assert repeat is not None
    state = place.state
    end = end_of(state.events)
    source = target = None
    numbers = [t.value for t in words if t.kind in ("num", "from")]
    slots = clock.place(list(group.counts)) if group.counts else None
    if slots and any(t.kind == "from" for t in words) and numbers[0] < numbers[1]:
        last = slots[-1].start + (slots[-1].length or 1)
        found = again(state, repeat, (numbers[0], numbers[1]), (int(slots[0].start) + 1, int(last)))
        return None if found is None else Place(found, clock.offset, clock.last)
    if group.counts:
        first = group.counts[0]
        if first.kind == "range":
            source = (first.first, first.value)
        else:
            slots = clock.place(list(group.counts)) or []
            target = (int(slots[0].start) + 1, int(slots[-1].start) + 1) if slots else None
    elif len(numbers) >= 2:
        source = (numbers[0], numbers[1])
    if source is not None and (source[0] > end or source[1] > end):
        source, target = None, source
    if target is not None and target[0] <= end:
        state = changed(state, events=tuple(e for e in state.events if e.start < target[0] - 1))
    found = again(state, repeat, source, target)
    if found is None:
        return None
    return Place(found, place.offset, max(e.start for e in found.events))


def _times_only(words: list[Token], lexicon: Lexicon) -> int:
    """How often, when words say only that."""
    number = 0
    for index, token in enumerate(words):
        if token.kind == "times":
            number = token.value
        elif token.kind == "word":
            atom = next((a for a in lexicon.at(words, index) if a.role in ("times", "link")), None)
            if atom is None:
                return 0
            number = atom.value if atom.role == "times" else number
        elif token.kind not in ("sep", "open", "close"):
            return 0
    return number


def _uncounted(place: Place, words: list[Token], lexicon: Lexicon) -> list[Place]:
    """Words without counts: everything before them so many times, a remark in brackets, or not understood."""
    state = place.state
    number = _times_only(words, lexicon)
    if number and state.events:
        found = times(state, state.events, number)
        return [Place(found, place.offset, max(e.start for e in found.events))]
    at = state.events[-1].start if state.events else Fraction(0)
    if state.events and any(t.kind == "open" for t in words):
        return [changed(place, state=state.dearer(0.3).asked(at, Doubt.ASIDE))]
    if not any(t.kind == "word" or t.kind in ("frac", "deg") for t in words):
        return [place]
    return [changed(place, state=state.dearer(3).asked(at, Doubt.LINE))]
