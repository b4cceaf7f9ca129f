"""Moves as people type them: ``vine R 1-4, rock L 5, recover R 6, ½ turn left 7 8``; read and printed.

A group is words and the counts they fall on, either first: ``walk R 1``, ``1 walk R``; groups stand apart by commas, or
simply follow each other. Counts are read by :mod:`vamos.core.dance.counts_typed`, turns by
:mod:`vamos.core.dance.turn_words`. A foot stands before or after the move (R, right, r, both) and is the first one:
walking steps change feet, ``walk R 1 2 3 4``. A name that is a known step spreads over its counts with its feet and
turns, also over a range (``vine R 1-4``), its first moves over fewer counts, again on the other side over twice as
many. ``8 walks 1-16``, ``kick ball change R 1&2 x2``, ``again``, ``again mirrored``, ``repeat 1-4`` say things once.
Any other name stays as it is typed. What is open (which way, how far) is kept as a question.
"""

from __future__ import annotations

import re
from collections.abc import Mapping
from dataclasses import dataclass, replace
from fractions import Fraction

from vamos.core.dance.counts_typed import NotationError, Reader, Slot, lengths, print_counts, printed
from vamos.core.dance.facing import turn_words
from vamos.core.dance.steps import find_step, first_move_alone, on_side, suggestions, swapped
from vamos.core.dance.turn_words import SIZES, find_turn
from vamos.core.model.dance import Event, Foot, Kind, StepPattern
from vamos.core.time import Feel
from vamos.errors import InputError

_KIND = re.compile(r"\((" + "|".join(Kind) + r")\)")
_KIND_WORDS = {
    Kind.TOUCH: [
        "touch",
        "tap",
        "point",
        "kick",
        "heel",
        "toe",
        "brush",
        "hitch",
        "hook",
        "flick",
        "sweep",
        "scuff",
        "dig",
        "swivel",
        "drag",
        "slide-touch",
        "fan",
    ],
    Kind.HOP: ["hop", "bounce"],
    Kind.TURN: ["pivot", "unwind", "spin"],
    Kind.HOLD: ["hold"],
    Kind.BREATH: ["breath", "breathe"],
}


#: Moves whose feet change from count to count when one foot is named.
WALKING = ("walk", "walks", "walking", "march", "marches", "run", "runs", "step", "steps", "strut", "prance", "stride")
_FOOT = {
    "r": Foot.RIGHT,
    "rf": Foot.RIGHT,
    "right": Foot.RIGHT,
    "right foot": Foot.RIGHT,
    "l": Foot.LEFT,
    "lf": Foot.LEFT,
    "left": Foot.LEFT,
    "left foot": Foot.LEFT,
    "both": Foot.BOTH,
    "both feet": Foot.BOTH,
}
_FOOT_WORD = "|".join(sorted(_FOOT, key=len, reverse=True))
_FOOT_BEHIND = re.compile(rf"(?:^|\s)(?:on\s+(?:the\s+|your\s+)?)?({_FOOT_WORD})\s*$", re.IGNORECASE)
_FOOT_BEFORE = re.compile(rf"^\s*({_FOOT_WORD})(?=\s)", re.IGNORECASE)
_WAY = re.compile(r"\b(?:left|right)\b", re.IGNORECASE)
#: Feet one after another, for counts one after another: “sway R L R L 1 2 3 4”.
_FEET = re.compile(r"(?:(?<=\s)|^)[RL](?:\s+[RL])+\s*$")
#: A foot inside the words of a move, but not the one that is passed.
_ONE_FOOT = re.compile(r"(?<![\w])(?<!over )(?<!behind )(?<!front of )(?<!to )(?<!beside )(?<!next to )[RL](?![\w])")
#: What stands before the foot that is passed, which is not the one that moves.
_PASSED = re.compile(r"(?:\bover|\bbehind|\bfront of|\bto|\bbeside|\bnext to|\bacross)\s*(?:the|your)?$", re.IGNORECASE)
#: A remark in brackets, which stays with the words.
_ASIDE = re.compile(r"\((?!hold\b)[a-z][^()]*\)", re.IGNORECASE)
_TIMES = re.compile(r"\s*(\d{1,2})\s+(?=([a-z][a-z -]*s)\b)", re.IGNORECASE)
_AGAIN = re.compile(
    r"\s*(?P<word>again|repeat|same)(?P<mirror>\s+(?:mirrored|opposite|other side|on the other (?:side|foot)))?"
    r"(?:\s+(?:counts?\s+)?(?P<first>\d{1,3})\s*(?:[-–]|to)\s*(?P<last>\d{1,3}))?\s*$",
    re.IGNORECASE,
)
_TWICE = re.compile(r"(?<=[\w&)])\s+(?:[x×]([2-9])|(twice))\s*$", re.IGNORECASE)
_ENDS_IN_COUNTS = re.compile(
    r"(?:\d|&|\]|(?<=[\d&\s])[ea]|\band|\b(?:one|two|three|four|five|six|seven|eight)|[\d&ea]\s*\)|\bcounts?|\bbeats?)\s*$",
    re.IGNORECASE,
)
_ENDS_IN_SIZE = re.compile(r"\d/\d\s*$|\d:\d\d\s*$")
#: A line of more moves than this is a slip.
MOST = 600


def parse_line(
    text: str, feel: Feel = Feel.STRAIGHT, steps: Mapping[str, StepPattern] | None = None, one_count: bool = False
) -> tuple[Event, ...]:
    """Events from a line of notation with or without names; raises :class:`NotationError`.

    ``one_count``: names are read for a single count, where a known step of several moves is only a name.
    """
    return _Line(text, feel, steps or {}, one_count).events()


@dataclass(frozen=True, slots=True)
class _Words:
    """What stands beside counts."""

    name: str = ""
    foot: Foot = Foot.NONE
    turn: int | None = 0
    kind: Kind | None = None
    size: int = 0
    times: int = 1
    feet: tuple[Foot, ...] = ()


class _Line:
    """Reads a line group by group; what was read so far can be danced again."""

    def __init__(self, text: str, feel: Feel, steps: Mapping[str, StepPattern], one_count: bool):
        self.text, self.steps, self.one_count = text, steps, one_count
        self.reader = Reader(text, feel)
        self.done: list[Event] = []
        self.rows: list[tuple[_Words, list[Slot], int]] = []

    def events(self) -> tuple[Event, ...]:
        for start, end in _segments(self.text):
            self._segment(start, end)
            if len(self.done) + sum(len(slots) for _, slots, _ in self.rows) > MOST:
                raise self.reader.fail(f"at most {MOST} moves in a line", start)
        self._flush()
        out = self.done
        return tuple(
            replace(e, length=min(e.length, after.start - e.start)) if after.start > e.start else e
            for e, after in zip(out, [*out[1:], *out[-1:]], strict=False)
        )

    # --- one group -----------------------------------------------------------------------

    def _segment(self, start: int, end: int) -> None:
        reader = self.reader
        reader.text, reader.at = self.text[:end], start
        if match := _AGAIN.match(reader.text, start):
            self._again(match)
            return
        twice = _TWICE.search(reader.text, start)
        if twice is not None:
            reader.text = reader.text[: twice.start()]
        first = len(self.done) + sum(len(slots) for _, slots, _ in self.rows)
        body = reader.text[start:]
        if _counts_first(reader, body):
            self._counts_first(len(reader.text))
        else:
            self._words_first(len(reader.text))
        if twice is not None:
            self._flush()
            self._copy(self.done[first:], int(twice.group(1) or 2) - 1, False)
        reader.text = self.text

    def _words_first(self, end: int) -> None:
        reader, text = self.reader, self.reader.text
        while True:
            reader.space()
            if reader.at >= end:
                return
            start = reader.at
            times = 1
            match = _TIMES.match(text, reader.at)
            if match and (find_step(match.group(2), self.steps) or match.group(2).split()[0].lower() in WALKING):
                times, reader.at = int(match.group(1)), match.end()
            words = _words(reader)
            slots = list(reader.slots())
            if words is not None and not slots:
                raise reader.fail(f"the counts of “{words.name or text[start:end].strip()}”")
            if not slots:
                raise reader.fail("a name, a count, a comma or the end")
            self.rows.append((replace(words or _Words(), times=times), slots, start))
            reader.space()
            if reader.at < end and not (
                text[reader.at].isalpha() or text[reader.at] in "¼½¾⅛⅜⅝⅞" or text[reader.at].isdigit()
            ):
                raise reader.fail("a name, a count, a comma or the end")

    def _counts_first(self, end: int) -> None:
        reader = self.reader
        while True:
            reader.space()
            if reader.at >= end:
                return
            start = reader.at
            slots = list(reader.slots())
            if not slots:
                raise reader.fail("a count before the move, as before the others")
            reader.space()
            if reader.at < end and reader.text[reader.at] in ":.-–":
                reader.at += 1
                reader.space()
            words = _words(reader)
            self.rows.append((words or _Words(), slots, start))

    def _again(self, match: re.Match[str]) -> None:
        """Moves so far once more: all of them, or those on some counts."""
        self._flush()
        if not self.done:
            raise self.reader.fail("moves before they can be danced again", match.start("word"))
        due = self._due()
        first, last = (int(match.group(g)) if match.group(g) else None for g in ("first", "last"))
        source = list(self.done)
        if first is not None and last is not None:
            if last < first or last - first > 63:
                raise self.reader.fail("counts in their order, such as repeat 1-4", match.start("first"))
            if first - 1 >= due:
                # Where it is danced: as many counts as that, from just before.
                low, high = Fraction(first - 1 - (last - first + 1)), Fraction(first - 1)
            else:
                low, high = Fraction(first - 1), Fraction(last)
            source = [e for e in self.done if low <= e.start < high]
            if not source:
                raise self.reader.fail("counts on which something is danced", match.start("first"))
            self._put(
                source, due if first - 1 < due else Fraction(first - 1), low, high - low, bool(match.group("mirror"))
            )
        else:
            self._copy(source, 1, bool(match.group("mirror")))

    def _due(self) -> Fraction:
        """The next whole count."""
        end = max((e.start + e.length for e in self.done), default=Fraction(0))
        return Fraction(-(-end.numerator // end.denominator))

    def _copy(self, source: list[Event], times: int, mirrored: bool) -> None:
        low = Fraction(min(e.start for e in source).__floor__())
        for _ in range(times):
            due = self._due()
            self._put(source, due, max(Fraction(0), low), due - max(Fraction(0), low), mirrored)

    def _put(self, source: list[Event], at: Fraction, low: Fraction, size: Fraction, mirrored: bool) -> None:
        for event in source:
            moved = replace(event, start=event.start - low + at)
            self.done.append(swapped(moved) if mirrored else moved)
        self.reader.last = max(e.start for e in self.done)

    def _flush(self) -> None:
        flat = lengths([s for _, slots, _ in self.rows for s in slots])
        at = 0
        for words, slots, where in self.rows:
            mine = flat[at : at + len(slots)]
            at += len(slots)
            try:
                self.done += _named(words, mine, self.steps, self.one_count)
            except InputError as error:
                raise self.reader.fail(error.what, where) from error
        self.rows = []


def _segments(text: str) -> list[tuple[int, int]]:
    """Where the groups between commas lie; commas in brackets do not count."""
    out, start, depth = [], 0, 0
    for k, c in enumerate(text):
        depth += (c == "(") - (c == ")")
        if c in ",\n" and depth <= 0:
            out.append((start, k))
            start = k + 1
    return [(a, b) for a, b in [*out, (start, len(text))] if text[a:b].strip()]


def _counts_first(reader: Reader, body: str) -> bool:
    """Whether a group writes its counts before its moves: it begins with a count and does not end with one."""
    start = reader.at + len(body) - len(body.lstrip())
    text = reader.text
    begins = (text[start].isdigit() and not _size_at(text, start)) or text[start] == "&" or reader.is_count(start)
    if not begins:
        return False
    if _KIND.search(body.rstrip()[-12:]):
        return True
    ends = _ENDS_IN_COUNTS.search(body) is not None and _ENDS_IN_SIZE.search(body) is None
    return not ends


def _size_at(text: str, at: int) -> str | None:
    """The size of a turn that stands at a place as digits, and not a count."""
    return next((s for s in sorted(SIZES, key=len, reverse=True) if s[0].isdigit() and text.startswith(s, at)), None)


def _words(reader: Reader) -> _Words | None:
    """Words up to the next count, comma or end."""
    text, start = reader.text, reader.at
    if start >= len(text) or (text[start].isdigit() and not _size_at(text, start)) or text[start] in "&(),[":
        return None
    if reader.is_count(start):
        return None
    end = start
    while end < len(text) and text[end] != ",":
        boundary = end == start or text[end - 1] in " \t)"
        size = _size_at(text, end) if boundary else None
        if size and (" " not in size or _turns_before(text[start:end]) or end == start):
            end += len(size)
            continue
        clock = boundary and re.match(r"\d{1,2}:\d\d|\d{1,2}\s*o'?clock", text[end:])
        if clock:
            end += clock.end()
            continue
        if boundary and (text[end].isdigit() or text[end] == "[" or reader.is_count(end) or _filler(text, end)):
            break
        if boundary and text[end] == "(" and not _KIND.match(text, end):
            aside = _ASIDE.match(text, end)
            if aside is None or end == start:
                break
            end = aside.end()
            continue
        end += 1
    if end == start:
        return None
    reader.at = end
    return understood(text[start:end])


def _turns_before(words: str) -> bool:
    """Whether “1 1/4” after some words is one and a quarter, and not count 1 and a quarter turn."""
    return re.search(r"(?:turn|spin|pivot|unwind|roll|rolling|rotate)\s*$", words, re.IGNORECASE) is not None


def _filler(text: str, at: int) -> bool:
    return re.match(r"(?:on|counts?|cts?\.?|beats?)\s+(?=\d|&)", text[at:], re.IGNORECASE) is not None


def understood(words: str) -> _Words:
    """Name, foot, turn and kind in the words of a move."""
    kind: Kind | None = None
    if match := re.search(_KIND.pattern + r"\s*$", words):
        kind = Kind(match.group(1))
        words = words[: match.start()]
    words = words.strip(" :;-–.")
    if feet := _FEET.search(words):
        row = tuple(_FOOT[f.lower()] for f in feet.group(0).split())
        return replace(understood(words[: feet.start()] or "step"), feet=row, kind=kind)
    whole = find_turn(words)
    foot = Foot.NONE
    behind, before = _FOOT_BEHIND.search(words), _FOOT_BEFORE.match(words)
    if behind is not None and _PASSED.search(words[: behind.start()]):
        behind = None
    # “turn left” says a direction; “half turn L” a foot.
    if behind is not None and not _is_direction(words, behind):
        foot, words = _FOOT[behind.group(1).lower()], words[: behind.start()]
    elif before is not None and not _is_direction(words, before):
        foot, words = _FOOT[before.group(1).lower()], words[before.end() :]
    if foot is Foot.NONE and (inside := _ONE_FOOT.findall(words)) and len(inside) == 1:
        # “cross R over L”: the foot that moves stands behind the move.
        foot, words = _FOOT[inside[0].lower()], _ONE_FOOT.sub(" ", words)
    elif _ONE_FOOT.search(words):
        raise InputError(f"one foot for one move; “{words}” names more than one. Write each move with its own count")
    if foot is not Foot.NONE or whole is None:
        whole = find_turn(words)
    words = " ".join(words.split())
    if whole is None or (whole.turn is None and find_step(words, {}) is not None):
        return _Words(words, foot, 0, kind)
    without_way = " ".join(_WAY.sub(" ", words).split())
    if whole.turn is not None and without_way != words and find_step(without_way, {}) is not None:
        return _Words(without_way, foot, whole.turn, kind)
    if whole.bare != words and find_step(whole.bare, {}) is not None:
        # “jazz box ¼ turn right” is the jazz box, turned.
        return _Words(whole.bare, foot, whole.turn, kind, whole.size)
    return _Words(whole.rest, foot, whole.turn, kind, whole.size)


def _is_direction(words: str, match: re.Match[str]) -> bool:
    """Whether right or left, as a whole word, goes with a turn and names no foot."""
    said = match.group(1).lower()
    if said not in ("right", "left"):
        return False
    with_it, without = find_turn(words), find_turn(words[: match.start()] + words[match.end() :])
    return with_it is not None and with_it != without


def kind_of(name: str, foot: Foot) -> Kind:
    """What a name usually does with the weight: the last word that says something decides."""
    if re.search(r"stomp\s+up$", name, re.IGNORECASE):
        return Kind.TOUCH
    for word in reversed(name.lower().replace("-", " ").split()):
        for kind, names in _KIND_WORDS.items():
            if word in names:
                return kind
    return Kind.STEP if foot is not Foot.NONE else Kind.FREE


def _named(words: _Words, slots: tuple[Slot, ...], steps: Mapping[str, StepPattern], one_count: bool) -> list[Event]:
    """The events of a group; raises InputError with what would fit."""
    pattern = find_step(words.name, steps) if words.name and words.foot is not Foot.BOTH else None
    danced = [s for s in slots if not s.hold]
    if pattern is not None and words.kind is None and len(pattern.events) > 1 and not one_count and danced:
        turned = find_turn(words.name)
        whole = len(danced) > 1 or slots[0].length > 1 or words.feet
        if not whole and turned is None and first_move_alone(words.name, pattern):
            return _moves(words, slots)
        if whole or turned is None:
            return _step(words, pattern, slots, danced)
        # “pivot half” on one count is the turn itself.
        way = words.turn if words.turn else turned.turn
        words = replace(words, name=turned.rest, turn=way, size=0 if way else turned.size)
    return _moves(words, slots)


def _moves(words: _Words, slots: tuple[Slot, ...]) -> list[Event]:
    """The same move on each count, walking feet in turn."""
    slots = _shared_out(words, slots) if words.kind is None else slots
    if words.feet and len(words.feet) != len([s for s in slots if not s.hold]):
        raise InputError(f"as many counts as feet; {len(words.feet)} feet stand on {len(slots)} counts")
    walking = bool(words.name) and words.name.lower().split()[0] in WALKING and words.foot in (Foot.RIGHT, Foot.LEFT)
    out: list[Event] = []
    foot = words.foot
    for slot in slots:
        if slot.hold:
            out.append(Event(slot.start, slot.length, "hold", kind=Kind.HOLD))
            continue
        moved = sum(e.kind is not Kind.HOLD for e in out)
        first = not moved
        foot = words.feet[moved] if words.feet else foot
        # A turn is made once, on the first count of the group.
        turn, size = (words.turn, words.size) if first else (0, 0)
        kind = words.kind or kind_of(words.name, foot)
        out.append(Event(slot.start, slot.length, words.name, foot=foot, kind=kind, turn=turn, size=size))
        if walking and kind is Kind.STEP:
            foot = Foot.LEFT if foot is Foot.RIGHT else Foot.RIGHT
    return out


def _shared_out(words: _Words, slots: tuple[Slot, ...]) -> tuple[Slot, ...]:
    """``8 walks 1-16``, ``walk R 1-4``: a range shared out among the moves it is for."""
    if len(slots) != 1 or slots[0].hold or slots[0].length <= 1:
        return slots
    slot = slots[0]
    walks = words.name.lower().split()[:1] in (["walk"], ["walks"], ["march"], ["run"], ["runs"])
    number = words.times if words.times > 1 else int(slot.length) if walks and slot.length.denominator == 1 else 1
    each = slot.length / number
    if number == 1:
        return slots
    if each.denominator not in (1, 2):
        raise InputError(f"counts that {number} moves share evenly, not {float(slot.length):g}")
    return tuple(Slot(slot.start + k * each, each) for k in range(number))


def _step(words: _Words, pattern: StepPattern, slots: tuple[Slot, ...], danced: list[Slot]) -> list[Event]:
    """A known step over the counts it is given."""
    moves, count = len(pattern.events), len(danced)
    if count == 1 and slots[0].length > 1:
        rounds = slots[0].length / pattern.length
        if rounds.denominator == 1:
            slots = _own_slots(pattern, slots[0].start, int(rounds))
            danced, count = list(slots), len(slots)
    if count == moves:
        return _spread(words, pattern, slots)
    if count < moves and count > 1 and not any(s.hold for s in slots):
        return _spread(words, replace(pattern, events=pattern.events[:count]), slots)
    if count % moves == 0 and count > moves:
        out: list[Event] = []
        foot = words.foot if words.foot is not Foot.NONE else Foot.RIGHT
        for k in range(count // moves):
            out += _spread(replace(words, foot=foot), pattern, tuple(danced[k * moves : (k + 1) * moves]))
            foot = Foot.LEFT if foot is Foot.RIGHT else Foot.RIGHT
        holds = [Event(s.start, s.length, "hold", kind=Kind.HOLD) for s in slots if s.hold]
        return sorted([*out, *holds], key=lambda e: e.start)
    usual = print_counts(_own_slots(pattern, Fraction(0), 1))
    raise InputError(f"the counts of “{words.name}”, which has {moves} moves, such as {usual}; here stand {count}")


def _own_slots(pattern: StepPattern, start: Fraction, rounds: int) -> tuple[Slot, ...]:
    """A step on its own counts, so many times in a row."""
    return tuple(Slot(start + k * pattern.length + e.start, e.length) for k in range(rounds) for e in pattern.events)


def _spread(words: _Words, pattern: StepPattern, slots: tuple[Slot, ...]) -> list[Event]:
    """A known step over its counts: feet, kinds and turns are the step's, on the side asked for."""
    side = on_side(pattern, words.foot if words.foot is not Foot.NONE else Foot.RIGHT)
    moves = iter(side.events)
    out = []
    for slot in slots:
        if slot.hold:
            out.append(Event(slot.start, slot.length, "hold", kind=Kind.HOLD))
            continue
        move = next(moves)
        cue = words.name if len(out) == 0 else ""
        out.append(replace(move, start=slot.start, length=slot.length, cue=cue))
    if words.turn or (words.turn is None and not any(e.turn for e in out)):
        # A turn that is said goes over the step's own, on the move that turns, else on the last.
        turning = [k for k, e in enumerate(out) if e.turn != 0] or [len(out) - 1]
        out = [
            replace(e, turn=words.turn, size=words.size) if k == turning[-1] else replace(e, turn=0)
            for k, e in enumerate(out)
        ]
    return out


def print_line(
    events: tuple[Event, ...], feel: Feel = Feel.STRAIGHT, steps: Mapping[str, StepPattern] | None = None
) -> str:
    """A line of notation in canonical form; reads back to the same events.

    Loss-free for what notation can say: counts, names, feet, turns, kinds, and known steps under
    their name. Lyric words, notes and the like are not written.
    """
    out: list[str] = []
    before: Fraction | None = None
    waiting = ordered = sorted(events, key=lambda e: e.start)
    while waiting:
        group = _group(waiting, steps or {}, feel)
        counts = []
        for event in group:
            later = ordered[ordered.index(event) + 1 :][:1]
            after = later[0].start if later else None
            counts.append(printed(event.start, event.length, event.kind is Kind.HOLD, feel, before, after))
            before = event.start
        out.append(" ".join([*_head(group), *counts]))
        waiting = waiting[len(group) :]
    return ", ".join(out)


def _group(waiting: list[Event], steps: Mapping[str, StepPattern], feel: Feel) -> list[Event]:
    """The events at the front that are one known step, or the first event alone."""
    first = waiting[0]
    pattern = find_step(first.cue, steps) if first.cue else None
    if pattern is None:
        return waiting[:1]
    group = waiting[: len(pattern.events)]
    slots = tuple(Slot(e.start, e.length) for e in group)
    side = first.foot if first.foot is not Foot.BOTH else Foot.NONE
    said = _spread(_Words(first.cue, side), pattern, slots) if len(group) == len(pattern.events) > 1 else []
    alike = [replace(e, note="", lyric="", easier="", harder="", caution="", role="", angle=0) for e in group]
    return group if said == alike else waiting[:1]


def _head(group: list[Event]) -> list[str]:
    """The words before the counts of a group."""
    event = group[0]
    if len(group) > 1:
        return [event.cue, str(event.foot)] if event.foot in (Foot.RIGHT, Foot.LEFT) else [event.cue]
    if event.kind is Kind.HOLD:
        return []
    words = [event.name] if event.name else []
    if event.turn is None and event.size and _VERB_LAST.search(event.name):
        words.append(turn_words(None, event.size).split()[0])
    elif event.turn or (event.turn is None and not _says_size(event)):
        words.append(turn_words(event.turn, event.size))
    if event.foot is not Foot.NONE:
        words.append(str(event.foot))
    long_walk = event.length > 1 and event.name.lower().split()[:1] in (
        ["walk"],
        ["walks"],
        ["march"],
        ["run"],
        ["runs"],
    )
    if words and (long_walk or event.kind is not kind_of(event.name, event.foot)):
        words.append(f"({event.kind})")
    return words


#: A name that ends in a word for turning takes the size behind it.
_VERB_LAST = re.compile(r"(?:turn|spin|pivot|unwind|rotate)$", re.IGNORECASE)


def _says_size(event: Event) -> bool:
    """Whether an open turn is read back from the name alone."""
    found = find_turn(event.name)
    return found is not None and found.turn is None and found.size == event.size


def kept(old: tuple[Event, ...], new: tuple[Event, ...]) -> tuple[Event, ...]:
    """New events with what notation cannot say taken from the old ones on the same counts."""
    before = {(e.start, e.role): e for e in old}
    out = []
    for event in new:
        was = before.get((event.start, event.role))
        if was is not None:
            cue = event.cue or (was.cue if was.name == event.name else "")
            event = replace(
                event,
                cue=cue,
                angle=was.angle,
                lyric=was.lyric,
                note=was.note,
                easier=was.easier,
                harder=was.harder,
                caution=was.caution,
            )
        out.append(event)
    return tuple(out)


def suggest(text: str, feel: Feel, steps: Mapping[str, StepPattern]) -> str:
    """The text with its last, unfinished group made a known step on the next counts; empty when none fits."""
    head, comma, tail = text.rpartition(",")
    words = tail.strip()
    match = re.match(r"^([^\d,&]*?)\s*(R|L)?$", words)
    if match is None or len(match.group(1).strip()) < 2:
        return ""
    names = suggestions(match.group(1), steps, 1)
    pattern = find_step(names[0], steps) if names else None
    if pattern is None:
        return ""
    try:
        before = parse_line(head, feel, steps)
    except NotationError:
        return ""
    at = max((e.start + e.length for e in before), default=Fraction(0))
    start = Fraction(-(-at.numerator // at.denominator))
    foot = Foot(match.group(2) or _next_foot(before))
    side = on_side(pattern, foot)
    placed = tuple(
        replace(e, start=e.start + start, cue=pattern.name if k == 0 else "") for k, e in enumerate(side.events)
    )
    return f"{head}{comma}{' ' if comma else ''}{print_line(placed, feel, steps)}"


def _next_foot(events: tuple[Event, ...]) -> str:
    """The foot that is free after events: the other one than stepped last."""
    stepped = [e.foot for e in events if e.kind is Kind.STEP and e.foot in (Foot.RIGHT, Foot.LEFT)]
    return "L" if stepped and stepped[-1] is Foot.RIGHT else "R"
