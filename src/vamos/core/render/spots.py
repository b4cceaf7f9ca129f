"""Places of plates in a picture, in shares of it."""

from __future__ import annotations

from dataclasses import dataclass


@dataclass(frozen=True, slots=True)
class Area:
    """A part of a picture, in shares of it."""

    left: float
    top: float
    right: float
    bottom: float

    def meets(self, other: Area) -> bool:
        across = self.left < other.right and other.left < self.right
        return across and self.top < other.bottom and other.top < self.bottom

    @property
    def size(self) -> float:
        return (self.right - self.left) * (self.bottom - self.top)

    def within(self, whole: Area) -> Area:
        """An area of a part of a picture, in shares of the whole of it."""
        wide, tall = whole.right - whole.left, whole.bottom - whole.top
        return Area(
            whole.left + self.left * wide,
            whole.top + self.top * tall,
            whole.left + self.right * wide,
            whole.top + self.bottom * tall,
        )


@dataclass(frozen=True, slots=True)
class Spot:
    """Where a block of plates stands: its ``bottom`` edge, and at ``x`` its left edge (``anchor`` −1), middle (0) or
    right edge (1); it may be ``wide`` at most, and is drawn at a ``scale`` of its usual size. ``in_row`` puts what is
    danced and what comes next beside each other.
    """

    anchor: int
    x: float
    bottom: float
    wide: float
    scale: float = 1.0
    in_row: bool = False

    def left(self, wide: float) -> float:
        """The left edge of something so wide."""
        return self.x - wide * (self.anchor + 1) / 2

    def area(self, wide: float, tall: float) -> Area:
        """What a block of a size takes."""
        left = self.left(wide)
        return Area(left, self.bottom - tall, left + wide, self.bottom)


@dataclass(frozen=True, slots=True)
class Spots:
    """Where the count and the words of a clip stand, and at which upper corner its labels: −1 left, 1 right."""

    count: Spot
    words: Spot
    label: int = -1
