"""Frame rates as exact rationals, and the rule that puts an event on a frame.

29.97 is 30000/1001 (SMPTE ST 12-1), never a decimal.
"""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction
from math import floor

from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


@dataclass(frozen=True, slots=True)
class FrameRate:
    """Frames per second, exact.

    Raises
    ------
    InputError
        when the rate is not positive.
    """

    per_second: Fraction

    def __post_init__(self) -> None:
        if self.per_second <= 0:
            raise InputError(tr("A frame rate must be above 0, not {per_second}.", per_second=self.per_second))

    @classmethod
    def of(cls, numerator: int, denominator: int = 1) -> FrameRate:
        return cls(Fraction(numerator, denominator))

    def frame_at(self, out_s: float) -> int:
        """The frame from which an event at ``out_s`` shows: ⌊t·f + ½⌋.

        Never more than half a frame from the event.
        """
        return floor(Fraction(out_s) * self.per_second + Fraction(1, 2))

    def seconds(self, frame: int) -> float:
        """When frame number ``frame`` is shown."""
        return float(frame / self.per_second)

    @property
    def frame_s(self) -> float:
        """How long one frame lasts, in seconds."""
        return float(1 / self.per_second)

    def __str__(self) -> str:
        return f"{float(self.per_second):.3f}".rstrip("0").rstrip(".")
