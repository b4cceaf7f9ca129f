"""Positions on the counts of a section, and how they are said.

Count k stands at position k − 1, its ``&`` at k − ½; a section of n counts covers [0, n).
The pickup before count 1 is a leading ``&`` at −½. Positions are Fractions, never floats.
"""

from __future__ import annotations

from enum import StrEnum
from fractions import Fraction
from math import floor

from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


class Feel(StrEnum):
    """How a count is divided: where ``&`` and ``a`` sit."""

    STRAIGHT = "straight"
    SWUNG = "swung"
    ROLLING = "rolling"


#: Fractions of a count at which the spoken subdivisions stand (common practice, no source).
SUBDIVISIONS: dict[Feel, dict[str, Fraction]] = {
    Feel.STRAIGHT: {"e": Fraction(1, 4), "&": Fraction(1, 2), "a": Fraction(3, 4)},
    Feel.SWUNG: {"&": Fraction(2, 3), "a": Fraction(5, 6)},
    Feel.ROLLING: {"&": Fraction(1, 3), "a": Fraction(2, 3)},
}


def as_count(value: Fraction | int | str | float) -> Fraction:
    """An exact count from a number or from text such as ``"7/2"`` or ``"3.5"``.

    Floats are taken to the nearest 1/48 of a count, fine enough for every feel.
    """
    if isinstance(value, float):
        if value != value or value in (float("inf"), float("-inf")):
            raise InputError(tr("A count must be a finite number, not {value}.", value=value))
        return Fraction(round(value * 48), 48)
    try:
        return Fraction(value)
    except (ValueError, ZeroDivisionError) as error:
        raise InputError(
            tr("“{value}” is not a count; expected a number such as 3, 7/2 or 3.5.", value=value)
        ) from error


def split(position: Fraction) -> tuple[int, Fraction]:
    """The count number a position belongs to (1 for [0, 1)) and the fraction inside it."""
    whole = floor(position)
    return whole + 1, position - whole


def subdivision_name(part: Fraction, feel: Feel = Feel.STRAIGHT) -> str:
    """``""`` on the count, else ``e``, ``&``, ``a``, or the plain fraction if none of these."""
    if part == 0:
        return ""
    for name, where in SUBDIVISIONS[feel].items():
        if where == part:
            return name
    return f"+{part}"


def count_text(position: Fraction, feel: Feel = Feel.STRAIGHT) -> str:
    """What a dancer says at a position: ``1``, ``&``, ``12`` or ``a``."""
    number, part = split(position)
    return subdivision_name(part, feel) or str(number)


def count_name(position: Fraction, feel: Feel = Feel.STRAIGHT) -> str:
    """A position named so that it cannot be another one: ``4``, ``4&``, ``& before 1``."""
    number, part = split(position)
    part_name = subdivision_name(part, feel)
    if position < 0:
        return (
            tr("{part_name} before 1", part_name=part_name) if part_name else tr("{number} before 1", number=1 - number)
        )
    return f"{number}{part_name}"


def set_number_text(position: Fraction, eight: int, feel: Feel = Feel.STRAIGHT) -> str:
    """Set numbers: in the third eight the counts read ``3 2 3 4 …``."""
    number, part = split(position)
    if part == 0 and number == 1:
        return str(eight)
    return count_text(position, feel)


def count_in_numbers(length: int, counts: int) -> tuple[int, ...]:
    """Numbers said before a section of ``length`` counts: the last ``counts`` of it.

    A count-in of 4 before an eight is 5 6 7 8; in sixes, 3 4 5 6. Longer sections are counted
    in by the eight.
    """
    base = length if 0 < length <= 8 else 8
    return tuple((base - counts + k) % base + 1 for k in range(counts))


#: Parts of a beat that have a sign of their own.
_SIGNS = {
    Fraction(n, d): sign
    for sign, n, d in (
        ("½", 1, 2),
        ("¼", 1, 4),
        ("¾", 3, 4),
        ("⅓", 1, 3),
        ("⅔", 2, 3),
        ("⅛", 1, 8),
        ("⅜", 3, 8),
        ("⅝", 5, 8),
        ("⅞", 7, 8),
    )
}


def parts_text(number: Fraction) -> str:
    """A number of beats as people write it: ``3``, ``2½``, ``¾``, ``5/12``."""
    whole, part = divmod(number, 1)
    if not part:
        return str(whole)
    sign = _SIGNS.get(part)
    lead = str(whole) if whole else ""
    return f"{lead}{sign}" if sign else f"{lead} {part}".strip()


def parts_of(text: str) -> Fraction:
    """What :func:`parts_text` writes, ``2.5``, ``2,5`` and ``2 1/2``; raises InputError for anything else."""
    plain = text.strip().replace(",", ".")
    try:
        for part, sign in _SIGNS.items():
            if plain.endswith(sign):
                return Fraction(plain[:-1].strip() or 0) + part
        return sum((Fraction(word) for word in plain.split()), Fraction(0)) if plain else as_count(plain)
    except (ValueError, ZeroDivisionError) as error:
        raise InputError(tr("“{text}” is not a number of beats; write 3, 2½ or 2.5.", text=text)) from error


def seconds_of(text: str) -> float:
    """Seconds as people write them: ``62.5``, ``62,5``, ``1:02.5``; raises InputError for anything else."""
    try:
        seconds = 0.0
        for part in text.strip().replace(",", ".").split(":"):
            seconds = seconds * 60 + float(part)
    except ValueError:
        seconds = -1.0
    if not 0 <= seconds < 1e6:
        raise InputError(tr("“{text}” is not a time; write 62.5 or 1:02.5.", text=text))
    return seconds


def time_text(seconds: float) -> str:
    """A moment to a tenth where it is no whole second: ``1:02``, ``1:02.5``."""
    tenths = round(seconds * 10)
    whole = minutes_text(tenths // 10)
    return f"{whole}.{tenths % 10}" if tenths % 10 else whole


def minutes_text(seconds: float) -> str:
    """``0:07`` or ``1:02:03``."""
    whole = int(seconds)
    hours, rest = divmod(whole, 3600)
    minutes, second = divmod(rest, 60)
    return f"{hours}:{minutes:02d}:{second:02d}" if hours else f"{minutes}:{second:02d}"
