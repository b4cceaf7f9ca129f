"""Passes of one dance that do not agree: asked once, answered once."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction

from vamos.wording import marked

#: The answer that all sides are right.
ALL_RIGHT = marked("all are right")


@dataclass(frozen=True, slots=True)
class Side:
    """What some takes do there, in words, with the second of each take, by its id."""

    words: str
    takes: tuple[tuple[str, float], ...]


@dataclass(frozen=True, slots=True)
class Disagreement:
    """Counts of a section (from its own start) on which passes differ; ``answer`` is the words of the side that is
    right, ``ALL_RIGHT``, or empty while it is open.
    """

    section: str
    start: Fraction
    end: Fraction
    sides: tuple[Side, ...]
    answer: str = ""

    @property
    def key(self) -> tuple[str, Fraction, frozenset[str]]:
        """What it is about; the same when it is found again."""
        return self.section, self.start, frozenset(side.words for side in self.sides)
