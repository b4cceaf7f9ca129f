"""The two sides of a pasted sheet: its text with what each word was taken for, and the counts it makes."""

from __future__ import annotations

from fractions import Fraction
from math import floor

from PyQt6.QtCore import QRectF, QSize, Qt
from PyQt6.QtGui import (
    QColor,
    QPainter,
    QPaintEvent,
    QPen,
    QSyntaxHighlighter,
    QTextCharFormat,
    QTextDocument,
)
from PyQt6.QtWidgets import QWidget

from vamos.core.dance.facing import turn_said
from vamos.core.dance.sheets.read_as import LineIs, SheetLine
from vamos.core.dance.typed.taken import WordIs, words_taken
from vamos.core.model.dance import Dance, Event, Foot, Kind, Section
from vamos.core.time import count_name
from vamos.ui.page.paint import fitted, paint_foot
from vamos.ui.parts.theme import DAY, Theme, font
from vamos.wording import words_of

tr = words_of(__name__)

_FACTS = (LineIs.FACT, LineIs.RESTART, LineIs.TAG)
_ROW, _MARGIN, _NAME = 74, 118, 98


class TakenFor(QSyntaxHighlighter):
    """Shows in a text what was understood: heads on a band, counts bold, feet boxed in their colour, turns in red,
    names that nobody knows dotted, what was left aside grey.
    """

    def __init__(self, document: QTextDocument):
        super().__init__(document)
        self._lines: dict[int, SheetLine] = {}
        self._asked: set[int] = set()
        self._theme = DAY

    def show_lines(self, lines: tuple[SheetLine, ...], asked: int | None, theme: Theme) -> None:
        """``asked`` is the number of the line that the open question is about."""
        self._lines = {line.number: line for line in lines}
        self._asked = {asked} if asked is not None else set()
        self._theme = theme
        self.rehighlight()

    def highlightBlock(self, text: str | None) -> None:
        number = self.currentBlock().blockNumber() + 1
        line = self._lines.get(number)
        if line is None or not text:
            return
        # A restart or a tag that was left aside is no fact.
        open_still = line.told and line.taken in (LineIs.RESTART, LineIs.TAG)
        whole = self._format(LineIs.OPEN if open_still else line.taken)
        if number in self._asked:
            whole.setBackground(QColor(self._theme.warn))
        self.setFormat(0, len(text), whole)
        if line.taken is LineIs.MOVES:
            for word in words_taken(text):
                made = self._word(word.taken)
                if number in self._asked:
                    made.setBackground(QColor(self._theme.warn))
                self.setFormat(word.start, word.end - word.start, made)

    def _format(self, taken: LineIs) -> QTextCharFormat:
        made, theme = QTextCharFormat(), self._theme
        if taken in (LineIs.HEAD, LineIs.NAME):
            made.setFontWeight(800)
            made.setBackground(QColor(theme.floor))
        elif taken in _FACTS:
            made.setForeground(QColor(theme.good))
        elif taken is LineIs.OPEN:
            made.setBackground(QColor(theme.warn))
            self._line_below(made, theme.accent, QTextCharFormat.UnderlineStyle.WaveUnderline)
        else:
            made.setForeground(QColor(theme.soft))
        return made

    def _word(self, taken: WordIs) -> QTextCharFormat:
        made, theme = QTextCharFormat(), self._theme
        made.setForeground(QColor(theme.soft if taken is WordIs.LINK else theme.ink))
        if taken is WordIs.COUNT:
            made.setFontWeight(800)
        elif taken in (WordIs.RIGHT, WordIs.LEFT):
            # The colour of the foot as a line: a second sign beside it is the word itself.
            made.setFontWeight(700)
            colour = theme.right if taken is WordIs.RIGHT else theme.left
            self._line_below(made, colour, QTextCharFormat.UnderlineStyle.SingleUnderline)
        elif taken is WordIs.TURN:
            made.setForeground(QColor(theme.accent))
            made.setFontWeight(700)
        elif taken is WordIs.NAME:
            self._line_below(made, theme.accent, QTextCharFormat.UnderlineStyle.DotLine)
        return made

    @staticmethod
    def _line_below(made: QTextCharFormat, colour: str, style: QTextCharFormat.UnderlineStyle) -> None:
        made.setUnderlineStyle(style)
        made.setUnderlineColor(QColor(colour))


class CountsPicture(QWidget):
    """The sections of a dance in lines of eight counts, as the page shows them."""

    def __init__(self) -> None:
        super().__init__()
        self.rows: list[tuple[Section, int]] = []
        self._asked: tuple[str, Fraction] | None = None
        self._theme = DAY
        self.setAccessibleName(tr("The counts as the page will show them"))

    def show_dance(self, dance: Dance | None, asked: tuple[str, Fraction] | None, theme: Theme) -> None:
        self.rows = [(s, k) for s in (dance.sections if dance else ()) for k in range(0, s.length, 8)]
        self._asked, self._theme = asked, theme
        self.setAccessibleDescription("\n".join(spoken(s) for s in (dance.sections if dance else ())))
        self.setMinimumHeight(len(self.rows) * _ROW + 8)
        self.update()

    def sizeHint(self) -> QSize:
        return QSize(600, len(self.rows) * _ROW + 8)

    def place_of(self, section: str, start: Fraction) -> int:
        """How far down the line of a count stands, in pixels."""
        found = [
            k
            for k, (s, first) in enumerate(self.rows)
            if s.name == section and Fraction(first) <= max(Fraction(0), start)
        ]
        return (found[-1] if found else 0) * _ROW

    def paintEvent(self, event: QPaintEvent | None) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        wide = (self.width() - _MARGIN) / 8
        for k, (section, first) in enumerate(self.rows):
            self._row(painter, section, first, k * _ROW, wide)

    def _row(self, painter: QPainter, section: Section, first: int, y: int, wide: float) -> None:
        theme, counts = self._theme, min(8, section.length - first)
        painter.fillRect(QRectF(0, y, _MARGIN - 8, _ROW - 8), QColor(theme.floor))
        painter.setPen(QColor(theme.ink))
        if first == 0:
            painter.setFont(font(10, 700))
            ways = Qt.AlignmentFlag.AlignLeft | Qt.TextFlag.TextWordWrap
            painter.drawText(QRectF(8, y + 6, _NAME, _ROW - 20), ways, section.name)
        for k in range(counts):
            x = _MARGIN + k * wide
            painter.setPen(QPen(QColor(theme.line), 1))
            painter.drawLine(int(x), y, int(x), y + _ROW - 10)
            painter.setPen(QColor(theme.ink))
            painter.setFont(font(9, 700))
            painter.drawText(QRectF(x + 6, y + 2, wide - 8, 16), Qt.AlignmentFlag.AlignLeft, str(first + k + 1))
        for event in section.events:
            count = floor(event.start) if event.start >= 0 else 0
            if first <= count < first + 8:
                x = _MARGIN + float(event.start - first) * wide
                room = float(min(Fraction(1), self._until_next(section, event))) * wide - 8
                self._event(painter, section, event, QRectF(x + 6, y + 20, room, _ROW - 30))
        painter.setPen(QPen(QColor(theme.edge), 1))
        painter.drawLine(0, y + _ROW - 8, int(_MARGIN + counts * wide), y + _ROW - 8)

    @staticmethod
    def _until_next(section: Section, event: Event) -> Fraction:
        later = [e.start - event.start for e in section.events if e.start > event.start]
        return min(later, default=Fraction(1))

    def _event(self, painter: QPainter, section: Section, event: Event, box: QRectF) -> None:
        theme = self._theme
        if self._asked == (section.name, event.start):
            painter.fillRect(box.adjusted(-4, -2, 2, 4), QColor(theme.warn))
        face = font(9.5, 500)
        painter.setFont(face)
        painter.setPen(QColor(theme.soft if event.kind is Kind.HOLD else theme.ink))
        words = fitted(event.cue or event.name or str(event.kind), face, box.width())
        painter.drawText(QRectF(box.x(), box.y(), box.width(), 16), Qt.AlignmentFlag.AlignLeft, words)
        if event.doubt:
            pen = QPen(QColor(theme.accent), 1.6, Qt.PenStyle.DotLine)
            painter.setPen(pen)
            painter.drawLine(int(box.x()), int(box.y()) + 17, int(box.x() + min(box.width(), 44)), int(box.y()) + 17)
        x = box.x()
        if event.foot in (Foot.RIGHT, Foot.LEFT):
            paint_foot(painter, QRectF(x, box.y() + 21, 17, 16), event.foot, event.kind is Kind.TOUCH, theme)
            x += 21
        if event.turn != 0:
            small = font(8.5, 700)
            painter.setFont(small)
            painter.setPen(QColor(theme.accent))
            said = turn_said(event.turn) if event.turn is not None else tr("turn ?")
            room = box.right() - x
            painter.drawText(QRectF(x, box.y() + 21, room, 16), Qt.AlignmentFlag.AlignLeft, fitted(said, small, room))


def spoken(section: Section) -> str:
    """A section in words, for who does not see it."""
    feet = {Foot.RIGHT: tr("right"), Foot.LEFT: tr("left"), Foot.BOTH: tr("both")}
    said = (
        " ".join(filter(None, (count_name(e.start, section.feel), e.cue or e.name, feet.get(e.foot, ""))))
        for e in section.events
    )
    return f"{section.name}: {', '.join(said)}"
