"""The text of a pasted sheet with what each word was taken for."""

from __future__ import annotations

from PyQt6.QtCore import QMimeData
from PyQt6.QtGui import (
    QColor,
    QSyntaxHighlighter,
    QTextCharFormat,
    QTextDocument,
)
from PyQt6.QtWidgets import QPlainTextEdit

from vamos.core.dance.sheets.pasted import MOST_LETTERS
from vamos.core.dance.sheets.read_as import LineIs, SheetLine
from vamos.core.dance.typed.taken import WordIs, words_taken
from vamos.ui.parts.theme import DAY, Theme
from vamos.wording import words_of

tr = words_of(__name__)

_FACTS = (LineIs.FACT, LineIs.RESTART, LineIs.TAG)


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


class SheetField(QPlainTextEdit):
    """The text of a sheet. A single line of megabytes would hold the window up for minutes: what is too much for a
    sheet is cut behind that, and is refused as a whole.
    """

    @staticmethod
    def shown(text: str) -> str:
        return text[: MOST_LETTERS + 1]

    def insertFromMimeData(self, source: QMimeData | None) -> None:
        if source is not None and source.hasText():
            self.insertPlainText(self.shown(source.text()))
