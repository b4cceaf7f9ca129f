"""Counts as people type them, without names: ``1 & 2 3 & 4 5-6 hold 7 8``; read and printed.

A number stands on the count; ``&``, ``e`` and ``a`` (or any fraction, ``+1/3``) follow the count
before them, at the front they are the pickup (``&`` is also written ``0&``). ``[3] &`` is the
``&`` of 3 with nothing on 3. Set numbers (``2 2 3 4 …``) are read as the counts of that eight.
"""

from __future__ import annotations

import re
from collections.abc import Iterator
from dataclasses import dataclass, replace
from fractions import Fraction
from itertools import pairwise
from math import floor

from vamos.core.time import Feel
from vamos.core.time.counts import SUBDIVISIONS, count_text
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


class NotationError(InputError):
    """Counts that cannot be read; ``at`` is the index of the character in ``typed``."""

    def __init__(self, text: str, at: int, expected: str):
        self.typed, self.at, self.expected = text, at, expected
        found = f"“{text[at : at + 12].split(' ')[0] or text[at]}”" if at < len(text) else tr("the end")
        super().__init__(
            tr(
                "At character {number}: found {found}, expected {expected}.\n{value}\n{number2}^",
                number=at + 1,
                found=found,
                expected=expected,
                value=text,
                number2=" " * at,
            )
        )


@dataclass(frozen=True, slots=True)
class Slot:
    """One count of a line: where it starts, how long it is, whether it is held."""

    start: Fraction
    length: Fraction
    hold: bool = False


_NUMBER = re.compile(r"\d+")
#: Numbers as words, where a count may stand: before another count, a comma or the end.
WORDS = {
    w: n
    for n, w in enumerate(
        [
            "one",
            "two",
            "three",
            "four",
            "five",
            "six",
            "seven",
            "eight",
            "nine",
            "ten",
            "eleven",
            "twelve",
            "thirteen",
            "fourteen",
            "fifteen",
            "sixteen",
        ],
        1,
    )
}
_WORD = re.compile(
    r"(" + "|".join(sorted(WORDS, key=len, reverse=True)) + r")\b"
    r"(?=\s*(?:$|[\d&,()\[+–-]|(?:and|to|hold)\b|[ea](?![a-z])|(?:" + "|".join(WORDS) + r")\b))",
    re.IGNORECASE,
)
_AND = re.compile(r"and\b(?=\s*(?:$|[\d&,()\[+]|hold\b|[ea](?![a-z])|(?:" + "|".join(WORDS) + r")\b))", re.IGNORECASE)
#: What may stand before counts and says nothing: “on 3”, “counts 5-8”.
_FILLER = re.compile(r"(?:on|counts?|cts?\.?|beats?)\s+(?=\d|&)", re.IGNORECASE)
#: Digits that are the size of a turn.
_SIZE = re.compile(r"\d/\d|\d[¼½¾]")
_UNTIL = re.compile(r"\s*(?:[-–—]|to\b|thru\b|through\b)\s*(?=\d)", re.IGNORECASE)
_HOLD_FOR = re.compile(r"hold\s+for\s+(\d+)(?:\s+(?:counts?|beats?))?", re.IGNORECASE)
_PARTS = "&ea"
#: ``e`` or ``a`` as a count: what follows is no word, as in “a fan” it would be.
_LETTER = re.compile(r"[ea](?=\s*(?:$|[\d&,()\[+]|hold\b|[ea](?![a-z])))")
_SILENT = re.compile(r"\[\s*(\d+)\s*\]")
_FRACTION = re.compile(r"\+(\d+)/(\d+)")
HOLD = re.compile(r"hold\b(?=\s*(?:\d|&|\+|[ea](?![a-z])))", re.IGNORECASE)


class Reader:
    """Reads counts from a text, remembering where the last one stood."""

    def __init__(self, text: str, feel: Feel):
        self.text, self.feel = text, feel
        self.at = 0
        self.last: Fraction | None = None
        self.base = 0

    def space(self) -> None:
        while self.at < len(self.text) and self.text[self.at] in " \t":
            self.at += 1

    def fail(self, expected: str, at: int | None = None) -> NotationError:
        return NotationError(self.text, self.at if at is None else at, expected)

    def slots(self, closing: bool = False) -> Iterator[Slot]:
        """Slots until something that is no count."""
        while True:
            self.space()
            if self.at >= len(self.text):
                return
            here = self.text[self.at]
            if _SIZE.match(self.text, self.at):
                return
            if filler := _FILLER.match(self.text, self.at):
                self.at = filler.end()
                continue
            if here == "(":
                start = self.at
                self.at += 1
                yield from self.slots(closing=True)
                self.space()
                if self.at >= len(self.text) or self.text[self.at] != ")":
                    raise self.fail(tr("“)” for the one opened at character {at}", at=start + 1))
                self.at += 1
            elif match := _HOLD_FOR.match(self.text, self.at):
                yield self._held(int(match.group(1)), match)
            elif match := HOLD.match(self.text, self.at):
                self.at = match.end()
                self.space()
                yield replace(self.count(), hold=True)
                yield from self._held_too()
            elif match := _SILENT.match(self.text, self.at):
                self._later(Fraction(self.base + int(match.group(1)) - 1), self.at)
                self.at = match.end()
            elif self._run():
                yield from self._run_of_counts()
            elif here.isdigit() or self.is_part(self.at) or _WORD.match(self.text, self.at):
                yield self.count()
            elif here == ")" and not closing:
                raise self.fail(tr("a count; nothing was opened"))
            else:
                return

    def _held(self, counts: int, match: re.Match[str]) -> Slot:
        """``hold for 4``: so many counts from the next one on."""
        if not 1 <= counts <= 64:
            raise self.fail(tr("how many counts are held, such as hold for 4"), match.start(1))
        position = Fraction(0) if self.last is None else Fraction(floor(self.last) + 1)
        self.at = match.end()
        self.last = position + counts - 1
        return Slot(position, Fraction(counts), True)

    def _held_too(self) -> Iterator[Slot]:
        """``(hold 7 8)``: all counts in the brackets are held."""
        before = self.text.rfind("(", 0, self.at)
        inside = before >= 0 and ")" not in self.text[before : self.at]
        while inside:
            self.space()
            if self.at >= len(self.text) or not self.text[self.at].isdigit():
                return
            yield replace(self.count(), hold=True)

    def _run(self) -> bool:
        """``123``, ``5678``: digits that go on by one are that many counts."""
        match = _NUMBER.match(self.text, self.at)
        if match is None or len(match.group()) < 2:
            return False
        digits = [int(d) for d in match.group()]
        on = all(b == a + 1 for a, b in pairwise(digits))
        due = self.last is not None and int(self.last) + 1 - self.base == digits[0] - 1
        return on and (len(digits) > 2 or (int(match.group()) > 32 and due))

    def _run_of_counts(self) -> Iterator[Slot]:
        match = _NUMBER.match(self.text, self.at)
        assert match is not None
        for k, digit in enumerate(match.group()):
            position = Fraction(self.base + int(digit) - 1)
            self._later(position, self.at + k)
            yield Slot(position, Fraction(1))
        self.at = match.end()

    def is_count(self, at: int) -> bool:
        """Whether a part of a count, an “and”, a number as a word or a hold stands here."""
        if self.is_part(at) or _WORD.match(self.text, at) is not None:
            return True
        return HOLD.match(self.text, at) is not None or _HOLD_FOR.match(self.text, at) is not None

    def is_part(self, at: int) -> bool:
        """Whether an ``&``, ``e`` or ``a`` stands here as a count and not as the start of a word."""
        if _FRACTION.match(self.text, at):
            return True
        if self.text[at] == "&":
            return True
        return _LETTER.match(self.text, at) is not None or _AND.match(self.text, at) is not None

    def count(self) -> Slot:
        """One count, maybe a range of counts."""
        start_at = self.at
        position = self._position()
        self._later(position, start_at)
        length = Fraction(1)
        until = _UNTIL.match(self.text, self.at)
        if until is not None or (self.at < len(self.text) and self.text[self.at] in "-–—"):
            self.at = until.end() if until is not None else self.at + 1
            match = _NUMBER.match(self.text, self.at)
            if match is None:
                raise self.fail(tr("the count it lasts until, such as 5-6"))
            end = Fraction(int(match.group()) + self.base)
            if end - 1 < position:
                raise self.fail(tr("a count after {count}", count=count_text(position, self.feel)))
            self.at = match.end()
            length = end - position
            self.last = max(position, end - 1)
        return Slot(position, length)

    def _later(self, position: Fraction, at: int) -> None:
        if self.last is not None and position <= self.last:
            raise self.fail(tr("a count after {count}", count=count_text(self.last, self.feel)), at)
        self.last = position

    def _position(self) -> Fraction:
        text, parts = self.text, SUBDIVISIONS[self.feel]
        if word := _WORD.match(text, self.at):
            self.at = word.end()
            return self._whole(WORDS[word.group(1).lower()], word.start())
        match = _NUMBER.match(text, self.at)
        if match is None:
            spoken = _AND.match(text, self.at)
            name, at = "&" if spoken else text[self.at], self.at
            whole = self._before_first() if self.last is None else Fraction(floor(self.last))
            if fraction := _FRACTION.match(text, at):
                self.at = fraction.end()
                if int(fraction.group(2)) == 0 or int(fraction.group(1)) >= int(fraction.group(2)):
                    raise self.fail(tr("a part of a count, such as +1/3"), at)
                return whole + Fraction(int(fraction.group(1)), int(fraction.group(2)))
            if name not in parts:
                raise self.fail(
                    tr("{words}; a {feel} count has no “{name}”", words=" or ".join(parts), feel=self.feel, name=name),
                    at,
                )
            self.at = spoken.end() if spoken else self.at + 1
            return whole + parts[name]
        if len(match.group()) > 3:
            raise self.fail(tr("a count; numbers go to 999"), match.start())
        self.at = match.end()
        return self._whole(int(match.group()), match.start())

    def _before_first(self) -> Fraction:
        """``&5``: an & at the front belongs to the count before the one that follows; before 1 it is the pickup."""
        following = _NUMBER.search(self.text, self.at)
        between = self.text[self.at + 1 : following.start()] if following is not None else "x"
        if following is None or between.strip(" \t&ea") or not 1 < int(following.group()[:3]) <= 64:
            return Fraction(-1)
        return Fraction(int(following.group()) - 2)

    def _whole(self, number: int, start: int) -> Fraction:
        text, parts = self.text, SUBDIVISIONS[self.feel]
        if number == 0:
            if self.last is not None or self.at >= len(text) or text[self.at] not in parts:
                raise self.fail(tr("0& only at the front, for the pickup"), start)
            self.at += 1
            return Fraction(-1) + parts[text[self.at - 1]]
        if self._names_the_eight(number):
            return Fraction(self.base)
        # 5 6 7 8 & 1: over the end of the line into the next one.
        if number == 1 and self.last is not None and (floor(self.last) + 1) % 8 == 0 and self.last >= self.base:
            self.base = floor(self.last) + 1
        return Fraction(self.base + number - 1)

    def _names_the_eight(self, number: int) -> bool:
        """``2 2 3 4``: a number before a 2 that is not 1 names the eight, and stands on its count 1."""
        rest = self.text[self.at :].lstrip(" \t&ea")
        following = _NUMBER.match(rest)
        done = 0 if self.last is None else int(self.last) + 1
        if following is None or int(following.group()) != 2 or done % 8 != 0 or (number == 1 and done == 0):
            return False
        self.base = done
        return True


def parse_counts(text: str, feel: Feel = Feel.STRAIGHT) -> tuple[Slot, ...]:
    """Counts without names.

    Raises
    ------
    NotationError
        with the character that cannot be read and what was expected there.
    """
    reader = Reader(text, feel)
    slots = list(reader.slots())
    reader.space()
    if reader.at < len(text):
        raise reader.fail(tr("a count such as 5, &, 5-6 or hold 7"))
    return lengths(slots)


def lengths(slots: list[Slot]) -> tuple[Slot, ...]:
    """Each slot lasts until the next one, at most as long as it was written."""
    out = []
    for k, slot in enumerate(slots):
        gap = slots[k + 1].start - slot.start if k + 1 < len(slots) else slot.length
        out.append(replace(slot, length=min(slot.length, gap)))
    return tuple(out)


def print_counts(slots: tuple[Slot, ...], feel: Feel = Feel.STRAIGHT) -> str:
    """The canonical form: one space between counts, ``hold`` before held ones."""
    before = [None, *(s.start for s in slots)]
    after = [*(s.start for s in slots[1:]), None]
    return " ".join(
        printed(s.start, s.length, s.hold, feel, b, a) for s, b, a in zip(slots, before, after, strict=False)
    )


def printed(
    start: Fraction,
    length: Fraction,
    hold: bool,
    feel: Feel,
    before: Fraction | None,
    after: Fraction | None = None,
) -> str:
    """One count; ``before`` and ``after`` are where the neighbours stand, so that an ``&`` says whose it is."""
    text = count_text(start, feel)
    end = start + length
    if length > 1 and end.denominator == 1:
        text += f"-{int(end)}"
    if start < 0 and len(text) == 1 and before is None and after is not None and after >= 1:
        text = f"0{text}"
    silent = start.denominator > 1 and start > 0 and (before is None or floor(before) != floor(start))
    return (f"[{floor(start) + 1}] " if silent else "") + (f"hold {text}" if hold else text)
