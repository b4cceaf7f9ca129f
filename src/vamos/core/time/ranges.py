"""Half-open ranges ``[start, end)`` of counts and of seconds."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction

from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


@dataclass(frozen=True, slots=True)
class CountRange:
    """Counts from ``start`` up to but not including ``end``."""

    start: Fraction
    end: Fraction

    def __post_init__(self) -> None:
        if self.end < self.start:
            raise InputError(
                tr("A range must not end ({end}) before it starts ({start}).", end=self.end, start=self.start)
            )

    @property
    def length(self) -> Fraction:
        return self.end - self.start

    def contains(self, position: Fraction) -> bool:
        return self.start <= position < self.end

    def widened(self, before: Fraction, after: Fraction) -> CountRange:
        return CountRange(self.start - before, self.end + after)


@dataclass(frozen=True, slots=True)
class TimeRange:
    """Seconds from ``start_s`` up to but not including ``end_s``."""

    start_s: float
    end_s: float

    def __post_init__(self) -> None:
        if not self.end_s >= self.start_s:
            raise InputError(
                tr(
                    "A range must not end ({end_s}) before it starts ({start_s}).",
                    end_s=self.end_s,
                    start_s=self.start_s,
                )
            )

    @property
    def length_s(self) -> float:
        return self.end_s - self.start_s

    def contains(self, at_s: float) -> bool:
        return self.start_s <= at_s < self.end_s

    def covers(self, other: TimeRange, slack_s: float = 0.0) -> bool:
        return self.start_s - slack_s <= other.start_s and other.end_s <= self.end_s + slack_s

    def overlap_s(self, other: TimeRange) -> float:
        return max(0.0, min(self.end_s, other.end_s) - max(self.start_s, other.start_s))
