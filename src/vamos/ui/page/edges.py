"""The edges of a clip on the page: square brackets of tape, the run-up and run-out between them striped."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass

from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QBrush, QColor, QPainter

from vamos.core.dance.lines import Line
from vamos.core.time import CountRange
from vamos.ui.page.layout import Layout
from vamos.ui.parts.theme import Theme


@dataclass(frozen=True, slots=True)
class EdgeLine:
    """The clip band of a line as it stands on the screen."""

    line: Line
    layout: Layout
    top: int
    height: int

    def part_of(self, counts: CountRange) -> tuple[float, float] | None:
        """The part of a range on this line, in pixels across."""
        start, end = max(counts.start, self.line.start), min(counts.end, self.line.counts.end)
        if start >= end:
            return None
        return self.layout.x(start - self.line.start), self.layout.x(end - self.line.start)

    def edges_of(self, counts: CountRange) -> Iterator[tuple[bool, float]]:
        """(is the start, pixel) of the edges of a range that lie on this line."""
        if self.line.counts.contains(counts.start):
            yield True, self.layout.x(counts.start - self.line.start)
        if self.line.start < counts.end <= self.line.counts.end:
            yield False, self.layout.x(counts.end - self.line.start)


def paint_brackets(
    painter: QPainter, brackets: tuple[CountRange, CountRange], lines: list[EdgeLine], theme: Theme
) -> None:
    """What is shown of a clip, over as many lines as it covers; ``brackets`` are (shown, what it is about)."""
    shown, core = brackets
    ink, accent = QColor(theme.ink), QColor(theme.accent)
    for line in lines:
        top, height = line.top + 1, line.height - 3
        part = line.part_of(shown)
        if part is not None:
            painter.fillRect(QRectF(part[0], top + height, part[1] - part[0], 3), ink)
        for extra in (
            CountRange(shown.start, max(shown.start, core.start)),
            CountRange(min(shown.end, core.end), shown.end),
        ):
            striped = line.part_of(extra)
            if striped is not None:
                box = QRectF(striped[0], top + height - 6, striped[1] - striped[0], 6)
                painter.fillRect(box, QBrush(ink, Qt.BrushStyle.Dense4Pattern))
        for start, x in line.edges_of(shown):
            painter.fillRect(QRectF(x if start else x - 5, top - 2, 5, height + 5), accent)
            for y in (top - 2, top + height):
                painter.fillRect(QRectF(x if start else x - 14, y, 14, 3), accent)
