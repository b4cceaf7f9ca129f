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
from math import floor

from vamos.core.time import Feel
from vamos.core.time.counts import SUBDIVISIONS, count_text
from vamos.errors import InputError


class NotationError(InputError):
    """Counts that cannot be read; ``at`` is the index of the character."""

    def __init__(self, text: str, at: int, expected: str):
        self.at, self.expected = at, expected
        found = f"“{text[at : at + 12].split(' ')[0] or text[at]}”" if at < len(text) else "the end"
        super().__init__(f"At character {at + 1}: found {found}, expected {expected}.\n{text}\n{' ' * at}^")


@dataclass(frozen=True, slots=True)
class Slot:
    """One count of a line: where it starts, how long it is, whether it is held."""

    start: Fraction
    length: Fraction
    hold: bool = False


_NUMBER = re.compile(r"\d+")
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
            if here == "(":
                start = self.at
                self.at += 1
                yield from self.slots(closing=True)
                self.space()
                if self.at >= len(self.text) or self.text[self.at] != ")":
                    raise self.fail("“)” for the one opened at character " + str(start + 1))
                self.at += 1
            elif match := HOLD.match(self.text, self.at):
                self.at = match.end()
                self.space()
                yield replace(self.count(), hold=True)
            elif match := _SILENT.match(self.text, self.at):
                self._later(Fraction(self.base + int(match.group(1)) - 1), self.at)
                self.at = match.end()
            elif here.isdigit() or self.is_part(self.at):
                yield self.count()
            elif here == ")" and not closing:
                raise self.fail("a count; nothing was opened")
            else:
                return

    def is_part(self, at: int) -> bool:
        """Whether an ``&``, ``e`` or ``a`` stands here as a count and not as the start of a word."""
        if _FRACTION.match(self.text, at):
            return True
        if self.text[at] == "&":
            return True
        return _LETTER.match(self.text, at) is not None

    def count(self) -> Slot:
        """One count, maybe a range of counts."""
        start_at = self.at
        position = self._position()
        self._later(position, start_at)
        length = Fraction(1)
        if self.at < len(self.text) and self.text[self.at] in "-–":
            self.at += 1
            match = _NUMBER.match(self.text, self.at)
            if match is None:
                raise self.fail("the count it lasts until, such as 5-6")
            end = Fraction(int(match.group()) + self.base)
            if end - 1 < position:
                raise self.fail(f"a count after {count_text(position, self.feel)}")
            self.at = match.end()
            length = end - position
            self.last = max(position, end - 1)
        return Slot(position, length)

    def _later(self, position: Fraction, at: int) -> None:
        if self.last is not None and position <= self.last:
            raise self.fail(f"a count after {count_text(self.last, self.feel)}", at)
        self.last = position

    def _position(self) -> Fraction:
        text, parts = self.text, SUBDIVISIONS[self.feel]
        match = _NUMBER.match(text, self.at)
        if match is None:
            name, at = text[self.at], self.at
            whole = Fraction(-1) if self.last is None else Fraction(floor(self.last))
            if fraction := _FRACTION.match(text, at):
                self.at = fraction.end()
                if int(fraction.group(2)) == 0 or int(fraction.group(1)) >= int(fraction.group(2)):
                    raise self.fail("a part of a count, such as +1/3", at)
                return whole + Fraction(int(fraction.group(1)), int(fraction.group(2)))
            if name not in parts:
                raise self.fail(f"{' or '.join(parts)}; a {self.feel} count has no “{name}”", at)
            self.at += 1
            return whole + parts[name]
        self.at = match.end()
        number = int(match.group())
        if number == 0:
            if self.last is not None or self.at >= len(text) or text[self.at] not in parts:
                raise self.fail("0& only at the front, for the pickup", match.start())
            self.at += 1
            return Fraction(-1) + parts[text[self.at - 1]]
        if self._names_the_eight(number):
            return Fraction(self.base)
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
        raise reader.fail("a count such as 5, &, 5-6 or hold 7")
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
    return " ".join(printed(s.start, s.length, s.hold, feel, b) for s, b in zip(slots, before, strict=False))


def printed(start: Fraction, length: Fraction, hold: bool, feel: Feel, before: Fraction | None) -> str:
    """One count; ``before`` is where the last one stood, so that an ``&`` of a silent count says which."""
    text = count_text(start, feel)
    end = start + length
    if length > 1 and end.denominator == 1:
        text += f"-{int(end)}"
    silent = start.denominator > 1 and start > 0 and (before is None or floor(before) != floor(start))
    return (f"[{floor(start) + 1}] " if silent else "") + (f"hold {text}" if hold else text)
