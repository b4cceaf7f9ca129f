"""The counts of a dance as the page will show them: lines of eight, as high as their words need."""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Iterator
from dataclasses import dataclass
from fractions import Fraction
from math import floor

from PyQt6.QtCore import QRectF, QSize, Qt
from PyQt6.QtGui import QColor, QFont, QPainter, QPaintEvent, QPen, QResizeEvent
from PyQt6.QtWidgets import QWidget

from vamos.core.dance.facing import turn_said
from vamos.core.model.dance import Dance, Event, Foot, Kind, Section
from vamos.core.time import count_name
from vamos.ui.page.fit import fits, fitted, wrapped
from vamos.ui.page.paint import paint_foot
from vamos.ui.parts.theme import DAY, Theme, font
from vamos.wording import words_of

tr = words_of(__name__)

_MARGIN, _NAME = 118, 98
#: Heights in pixels: the numbers above, a row of words, feet and turns, the least of a line.
_ABOVE, _WORDS, _FEET, _LEAST = 20, 16, 20, 66
_GAP, _BESIDE = 8, 21


def _small() -> QFont:
    return font(8.5, 700)


@dataclass(frozen=True, slots=True)
class Shown:
    """One move in its place: the box within its line, and its words in rows."""

    event: Event
    box: QRectF
    rows: tuple[str, ...]
    size: float

    @property
    def below(self) -> float:
        """Where the signs stand: below the words."""
        return self.box.y() + len(self.rows) * _WORDS

    @property
    def signs(self) -> int:
        """Rows of signs: the foot, and how far it turns beside it or, where that is narrow, below."""
        return self.has_foot + bool(self.turn) - self.turn_beside

    @property
    def has_foot(self) -> bool:
        return self.event.foot in (Foot.RIGHT, Foot.LEFT)

    @property
    def turn(self) -> str:
        return turn_said(self.event.turn, self.event.size)

    @property
    def turn_beside(self) -> bool:
        return self.has_foot and bool(self.turn) and fits(self.turn, _small(), self.box.width() - _BESIDE)

    @property
    def bottom(self) -> float:
        return self.below + self.signs * _FEET


@dataclass(frozen=True, slots=True)
class Eight:
    """A line of up to eight counts of a section, and how high it is."""

    section: Section
    first: int
    shown: tuple[Shown, ...]

    @property
    def counts(self) -> int:
        return min(8, self.section.length - self.first)

    @property
    def height(self) -> int:
        return max(_LEAST, int(max((s.bottom for s in self.shown), default=0)) + 8)


def eights(dance: Dance, count_width: float) -> list[Eight]:
    """All lines of a dance where a count is so many pixels wide."""
    return [
        Eight(section, first, tuple(_shown(section, first, count_width)))
        for section in dance.sections
        for first in range(0, section.length, 8)
    ]


def _shown(section: Section, first: int, wide: float) -> Iterator[Shown]:
    for count in range(first, min(first + 8, section.length)):
        events = [e for e in section.events if floor(e.start) == count or (count == 0 and e.start < 0)]
        x = _MARGIN + (count - first) * wide + 6
        yield from _beside(events, section, first, wide) or _below(events, section, x, wide - 8)


def _beside(events: list[Event], section: Section, first: int, wide: float) -> list[Shown]:
    """Each move where it comes; none where a word is wider than its place, or two come at once."""
    found: list[Shown] = []
    if len({e.start for e in events}) < len(events):
        return found
    for event in events:
        starts = [e.start for e in section.events if e.start > event.start]
        room = float(min(Fraction(1), min(starts, default=event.start + 1) - event.start)) * wide - 8
        rows = wrapped(_words(event), font(9.5, 500), room)
        if rows is None:
            return []
        x = _MARGIN + float(max(event.start, Fraction(0)) - first) * wide + 6
        found.append(Shown(event, QRectF(x, _ABOVE, room, 0), tuple(rows), 9.5))
    return found


def _below(events: list[Event], section: Section, x: float, room: float) -> Iterator[Shown]:
    """Moves of one count below each other, with whose they are and the part of the count; a word that is wider still
    is set smaller.
    """
    y = float(_ABOVE)
    for event in events:
        part = count_name(event.start, section.feel).lstrip("0123456789")
        text = " ".join(filter(None, (event.role, part, _words(event))))
        size = next((s for s in (9.5, 8.5) if wrapped(text, font(s, 500), room)), 8.0)
        rows = wrapped(text, font(size, 500), room) or [fitted(text, font(size, 500), room)]
        shown = Shown(event, QRectF(x, y, room, 0), tuple(rows), size)
        y = shown.bottom + 2
        yield shown


def _words(event: Event) -> str:
    return event.cue or event.name or str(event.kind)


class CountsPicture(QWidget):
    """The sections of a dance in lines of eight counts."""

    def __init__(self) -> None:
        super().__init__()
        self._dance: Dance | None = None
        self._asked: tuple[str, Fraction] | None = None
        self._theme = DAY
        self.lines: list[Eight] = []
        self._tops: list[int] = []
        self.setAccessibleName(tr("The counts as the page will show them"))

    def show_dance(self, dance: Dance | None, asked: tuple[str, Fraction] | None, theme: Theme) -> None:
        self._dance, self._asked, self._theme = dance, asked, theme
        self.setAccessibleDescription("\n".join(spoken(s) for s in (dance.sections if dance else ())))
        self._lay_out()
        self.update()

    def resizeEvent(self, event: QResizeEvent | None) -> None:
        super().resizeEvent(event)
        self._lay_out()

    @property
    def count_width(self) -> float:
        return (self.width() - _MARGIN) / 8

    def _lay_out(self) -> None:
        self.lines = eights(self._dance, self.count_width) if self._dance else []
        self._tops = [0]
        for line in self.lines:
            self._tops.append(self._tops[-1] + line.height + _GAP)
        self.setMinimumHeight(self._tops[-1] + _GAP)

    def sizeHint(self) -> QSize:
        return QSize(600, self.minimumHeight())

    def place_of(self, section: str, start: Fraction) -> int:
        """How far down the line of a count stands, in pixels."""
        of_section = [k for k, line in enumerate(self.lines) if line.section.name == section]
        firsts = [self.lines[k].first for k in of_section]
        return self._tops[of_section[max(0, bisect_right(firsts, start) - 1)]] if of_section else 0

    def paintEvent(self, event: QPaintEvent | None) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        for top, line in zip(self._tops, self.lines, strict=False):
            painter.save()
            painter.translate(0, top)
            self._line(painter, line)
            painter.restore()

    def _line(self, painter: QPainter, line: Eight) -> None:
        theme, wide, bottom = self._theme, self.count_width, line.height
        painter.fillRect(QRectF(0, 0, _MARGIN - 8, bottom), QColor(theme.floor))
        painter.setPen(QColor(theme.ink))
        if line.first == 0:
            painter.setFont(font(10, 700))
            ways = Qt.AlignmentFlag.AlignLeft | Qt.TextFlag.TextWordWrap
            painter.drawText(QRectF(8, 6, _NAME, bottom - 12), ways, line.section.name)
        for k in range(line.counts):
            x = _MARGIN + k * wide
            painter.setPen(QPen(QColor(theme.line), 1))
            painter.drawLine(int(x), 0, int(x), bottom - 2)
            painter.setPen(QColor(theme.ink))
            painter.setFont(font(9, 700))
            painter.drawText(QRectF(x + 6, 2, wide - 8, 16), Qt.AlignmentFlag.AlignLeft, str(line.first + k + 1))
        for shown in line.shown:
            self._move(painter, line.section, shown)
        painter.setPen(QPen(QColor(theme.edge), 1))
        painter.drawLine(0, bottom, int(_MARGIN + line.counts * wide), bottom)

    def _move(self, painter: QPainter, section: Section, shown: Shown) -> None:
        theme, event, box = self._theme, shown.event, shown.box
        if self._asked == (section.name, event.start):
            painter.fillRect(
                QRectF(box.x() - 4, box.y() - 2, box.width() + 6, shown.bottom - box.y() + 4), QColor(theme.warn)
            )
        painter.setFont(font(shown.size, 500))
        painter.setPen(QColor(theme.soft if event.kind is Kind.HOLD else theme.ink))
        for k, row in enumerate(shown.rows):
            # A little wider than measured: glyphs may reach over their advance.
            painter.drawText(
                QRectF(box.x(), box.y() + k * _WORDS, box.width() + 4, _WORDS), Qt.AlignmentFlag.AlignLeft, row
            )
        below = shown.below
        if event.doubt:
            painter.setPen(QPen(QColor(theme.accent), 1.6, Qt.PenStyle.DotLine))
            painter.drawLine(int(box.x()), int(below) + 1, int(box.x() + min(box.width(), 44)), int(below) + 1)
        self._signs(painter, shown)

    def _signs(self, painter: QPainter, shown: Shown) -> None:
        """The foot, and how far it turns."""
        event, x, y = shown.event, shown.box.x(), shown.below + 4
        if shown.has_foot:
            paint_foot(painter, QRectF(x, y, 17, 16), event.foot, event.kind is Kind.TOUCH, self._theme)
            x, y = (x + _BESIDE, y) if shown.turn_beside else (x, y + _FEET)
        if shown.turn:
            painter.setFont(_small())
            painter.setPen(QColor(self._theme.accent))
            room = shown.box.right() - x + 4
            said = fitted(shown.turn, _small(), room)
            painter.drawText(QRectF(x, y, room + 2, 16), Qt.AlignmentFlag.AlignLeft, said)


def spoken(section: Section) -> str:
    """A section in words, for who does not see it."""
    feet = {Foot.RIGHT: tr("right"), Foot.LEFT: tr("left"), Foot.BOTH: tr("both")}
    said = (
        " ".join(filter(None, (count_name(e.start, section.feel), e.cue or e.name, feet.get(e.foot, ""))))
        for e in section.events
    )
    return f"{section.name}: {', '.join(said)}"
