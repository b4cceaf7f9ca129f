"""Moves as people type them: ``vine R 1-4, rock L 5, recover R 6, ½ turn left 7 8``; as they are read.

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
from dataclasses import replace
from fractions import Fraction

from vamos.core.dance.counts_typed import Reader, Slot, lengths
from vamos.core.dance.move_counts import named
from vamos.core.dance.move_words import ASIDE, KIND, WALKING, MoveWords, understood
from vamos.core.dance.steps import find_step, swapped
from vamos.core.dance.turn_words import SIZES
from vamos.core.model.dance import Event, StepPattern
from vamos.core.time import Feel
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

_TIMES = re.compile(r"\s*(\d{1,2})\s+(?=([a-z][a-z -]*s)\b)", re.IGNORECASE)
_AGAIN = re.compile(
    r"\s*(?P<word>again|repeat|same)(?P<mirror>\s+(?:mirrored|opposite|other side|on the other (?:side|foot)))?"
    r"(?:\s+(?:counts?\s+)?(?P<first>\d{1,3})\s*(?:[-–]|to)\s*(?P<last>\d{1,3}))?\s*$",
    re.IGNORECASE,
)
_ALL_TWICE = re.compile(r"\s*(?:[x×]([2-9])|twice)\s*$", re.IGNORECASE)
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


class _Line:
    """Reads a line group by group; what was read so far can be danced again."""

    def __init__(self, text: str, feel: Feel, steps: Mapping[str, StepPattern], one_count: bool):
        self.text, self.steps, self.one_count = text, steps, one_count
        self.reader = Reader(text, feel)
        self.done: list[Event] = []
        self.rows: list[tuple[MoveWords, list[Slot], int]] = []

    def events(self) -> tuple[Event, ...]:
        for start, end in _segments(self.text):
            self._segment(start, end)
            if len(self.done) + sum(len(slots) for _, slots, _ in self.rows) > MOST:
                raise self.reader.fail(tr("at most {most} moves in a line", most=MOST), start)
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
        if match := _ALL_TWICE.match(reader.text, start):
            self._flush()
            if not self.done:
                raise reader.fail(tr("moves before they can be danced again"), start)
            self._copy(list(self.done), int(match.group(1) or 2) - 1, False)
            return
        twice = _TWICE.search(reader.text, start)
        if twice is not None:
            reader.text = reader.text[: twice.start()]
        if twice is not None and twice.group(2) and (self.done or self.rows):
            raise reader.fail(tr("x2 behind one move, or a comma and twice behind all of them"), twice.start(2))
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
                raise reader.fail(tr("the counts of “{number}”", number=words.name or text[start:end].strip()))
            if not slots:
                raise reader.fail(tr("a name, a count, a comma or the end"))
            self.rows.append((replace(words or MoveWords(), times=times), slots, start))
            reader.space()
            if reader.at < end and not (
                text[reader.at].isalpha() or text[reader.at] in "¼½¾⅛⅜⅝⅞" or text[reader.at].isdigit()
            ):
                raise reader.fail(tr("a name, a count, a comma or the end"))

    def _counts_first(self, end: int) -> None:
        reader = self.reader
        while True:
            reader.space()
            if reader.at >= end:
                return
            start = reader.at
            slots = list(reader.slots())
            if not slots:
                raise reader.fail(tr("a count before the move, as before the others"))
            reader.space()
            if reader.at < end and reader.text[reader.at] in ":.-–":
                reader.at += 1
                reader.space()
            words = _words(reader)
            self.rows.append((words or MoveWords(), slots, start))

    def _again(self, match: re.Match[str]) -> None:
        """Moves so far once more: all of them, or those on some counts."""
        self._flush()
        if not self.done:
            raise self.reader.fail(tr("moves before they can be danced again"), match.start("word"))
        due = self._due()
        first, last = (int(match.group(g)) if match.group(g) else None for g in ("first", "last"))
        source = list(self.done)
        if first is not None and last is not None:
            if last < first or last - first > 63:
                raise self.reader.fail(tr("counts in their order, such as repeat 1-4"), match.start("first"))
            if first - 1 >= due:
                # Where it is danced: as many counts as that, from just before.
                low, high = Fraction(first - 1 - (last - first + 1)), Fraction(first - 1)
            else:
                low, high = Fraction(first - 1), Fraction(last)
            source = [e for e in self.done if low <= e.start < high]
            if not source:
                raise self.reader.fail(tr("counts on which something is danced"), match.start("first"))
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
                self.done += named(words, mine, self.steps, self.one_count)
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
    filler = re.match(r"(?:on|counts?|beats?)\s+(?=[\d&])", text[start:], re.IGNORECASE)
    start += filler.end() if filler else 0
    begins = (text[start].isdigit() and not _size_at(text, start)) or text[start] == "&" or reader.is_count(start)
    if not begins:
        return False
    if KIND.search(body.rstrip()[-12:]):
        return True
    ends = _ENDS_IN_COUNTS.search(body) is not None and _ENDS_IN_SIZE.search(body) is None
    return not ends


def _size_at(text: str, at: int) -> str | None:
    """The size of a turn that stands at a place as digits, and not a count."""
    return next((s for s in sorted(SIZES, key=len, reverse=True) if s[0].isdigit() and text.startswith(s, at)), None)


def _words(reader: Reader) -> MoveWords | None:
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
        if boundary and text[end] == "(" and not KIND.match(text, end):
            aside = ASIDE.match(text, end)
            if aside is None or end == start:
                break
            end = aside.end()
            continue
        end += 1
    if end == start:
        return None
    reader.at = end
    try:
        found = understood(text[start:end])
    except InputError as error:
        raise reader.fail(error.what, start) from error
    if stray := re.search(r"[()\[\]]", re.sub(r"\([^()\[\]]+\)", "", found.name)):
        raise reader.fail(tr("no bracket left open in a name"), text.find(stray.group(), start))
    if re.search(r"(?:^|\s)&|^[ea](?:\s|$)", found.name):
        raise reader.fail(tr("a name, or a part of a count behind its count"), start)
    return found


def _turns_before(words: str) -> bool:
    """Whether “1 1/4” after some words is one and a quarter, and not count 1 and a quarter turn."""
    return re.search(r"(?:turn|spin|pivot|unwind|roll|rolling|rotate)\s*$", words, re.IGNORECASE) is not None


def _filler(text: str, at: int) -> bool:
    return re.match(r"(?:on|counts?|cts?\.?|beats?)\s+(?=\d|&)", text[at:], re.IGNORECASE) is not None
