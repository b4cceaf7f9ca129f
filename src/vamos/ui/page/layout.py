"""Where things stand on the page: the same for painting, clicking and the playhead."""

from __future__ import annotations

from bisect import bisect_right
from dataclasses import dataclass, field
from fractions import Fraction

MARGIN = 132
GAP = 2


@dataclass(frozen=True, slots=True)
class Bands:
    """Heights of the bands of a line, in pixels; 0 leaves a band out."""

    counts: int = 22
    wave: int = 30
    words: int = 40
    strips: int = 0
    strip_rows: int = 0
    clip: int = 0

    @property
    def height(self) -> int:
        return max(96, 6 + self.counts + self.wave + self.words + self.strips * self.strip_rows + self.clip + 6)

    @property
    def above_clip(self) -> int:
        """Where the clip band begins, below the top of the line."""
        return 6 + self.counts + self.wave + self.words


@dataclass(frozen=True, slots=True)
class Layout:
    """Geometry of a page of so many columns in so many pixels."""

    width: int
    columns: int
    heights: tuple[int, ...] = field(default=())
    tops: tuple[int, ...] = field(default=())

    @classmethod
    def of(cls, width: int, columns: int, heights: list[int]) -> Layout:
        tops, at = [], 0
        for height in heights:
            tops.append(at)
            at += height + GAP
        return cls(width, max(1, columns), tuple(heights), tuple(tops))

    @property
    def total(self) -> int:
        return self.tops[-1] + self.heights[-1] + GAP if self.tops else 0

    @property
    def count_width(self) -> float:
        return (self.width - MARGIN) / self.columns

    def x(self, column: Fraction | float) -> float:
        """The left edge of a position within a line."""
        return MARGIN + float(column) * self.count_width

    def row_at(self, y: int) -> int | None:
        """The line at a height of the whole page."""
        row = bisect_right(self.tops, y) - 1
        return row if row >= 0 and y < self.tops[row] + self.heights[row] + GAP else None

    def column_at(self, x: int) -> float:
        return (x - MARGIN) / self.count_width
