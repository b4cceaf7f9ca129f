"""Counts of a line as they are said: ``3& to 6`` ends with 6, ``3& up to 6&`` where 6& begins."""

from __future__ import annotations

import re
from fractions import Fraction

from vamos.core.dance.lines import Line
from vamos.core.time import CountRange
from vamos.core.time.counts import SUBDIVISIONS
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

_SAID = re.compile(r"(\d{1,4})\s*([&ea]?)\s*(up to|to|-|–)\s*(\d{1,4})\s*([&ea]?)", re.IGNORECASE)


def read_range(text: str, line: Line) -> CountRange:
    """Counts of the song, from words about a line; a line's counts go on where it is longer than an eight.

    Raises InputError, with what would fit.
    """
    found = _SAID.fullmatch(text.strip())
    if found is None:
        raise InputError(
            tr("“{typed}” is not part of a line. Say 3& to 6 (with 6), or 3& up to 6& (without).", typed=text.strip())
        )
    first, first_part, word, last, last_part = found.groups()
    start = _place(line, int(first), first_part)
    without = word.lower() == "up to"
    end = _place(line, int(last), last_part, edge=True) if without else _place(line, int(last), "") + 1
    if end <= start:
        raise InputError(tr("“{typed}” ends before it begins.", typed=text.strip()))
    return CountRange(start, end)


def _place(line: Line, number: int, part: str, edge: bool = False) -> Fraction:
    """The position of a count; the ``edge`` of a part may be where the line ends."""
    where = SUBDIVISIONS[line.feel].get(part.lower(), Fraction(0)) if part else Fraction(0)
    at = number - 1 + where - line.first
    if not (0 <= at < line.length or (edge and at == line.length)):
        counts = tr("{number} to {number2}", number=int(line.first) + 1, number2=int(line.first + line.length))
        raise InputError(
            tr(
                "This line has counts {counts}; {number}{part} is not one of them.",
                counts=counts,
                number=number,
                part=part,
            )
        )
    return line.start + at
