"""The field for a section's line of notation; apart from the others, since it brings the reader of dances."""

from __future__ import annotations

from collections.abc import Callable, Mapping

from PyQt6.QtCore import QMimeData, Qt, pyqtSignal
from PyQt6.QtGui import QDragEnterEvent, QFocusEvent, QKeyEvent, QPalette, QTextCharFormat, QTextCursor
from PyQt6.QtWidgets import QPlainTextEdit, QTextEdit

from vamos.core.dance.counts_typed import NotationError
from vamos.core.dance.notation_out import suggest
from vamos.core.dance.section_text import read_notation
from vamos.core.model.dance import StepPattern
from vamos.core.time import Feel
from vamos.ui.parts.some import some
from vamos.wording import words_of

tr = words_of(__name__)


class NotationField(QPlainTextEdit):
    """A section's line of notation: Return writes it, Tab takes the suggestion, Escape gives it up."""

    suggested = pyqtSignal(str)

    def __init__(self, text: str, feel: Feel, steps: Mapping[str, StepPattern], name: str):
        super().__init__(text)
        self._value, self._feel, self._steps = text, feel, steps
        self._offer = ""
        #: Writes the line; gives back what cannot be read.
        self.write: Callable[[str], str] = lambda _text: ""
        #: Told what is being typed, None when that is over.
        self.typing: Callable[[str | None], object] = lambda _text: None
        self.trouble = ""
        self.setAccessibleName(name)
        self.setFixedHeight(84)
        self.textChanged.connect(self._look)

    @property
    def half_typed(self) -> bool:
        """Words stay in the field until they can be read; nothing typed is lost."""
        return self.toPlainText() != self._value

    def set_value(self, text: str, feel: Feel, steps: Mapping[str, StepPattern]) -> None:
        self._feel, self._steps = feel, steps
        if text == self._value or (self.half_typed and self.hasFocus()):
            return
        self.show_other(text, feel, steps)

    def show_other(self, text: str, feel: Feel, steps: Mapping[str, StepPattern]) -> None:
        """Another section's line; what was half-typed goes."""
        self._feel, self._steps = feel, steps
        if text == self._value == self.toPlainText():
            return
        self._value, self.trouble = text, ""
        self.setPlainText(text)

    def _look(self) -> None:
        text = self.toPlainText()
        self._offer = suggest(text, self._feel, self._steps)
        self.trouble = ""
        self.suggested.emit(tr("Tab: {offer}", offer=self._offer) if self._offer else "")
        self._mark(text)
        self.typing(text if self.half_typed else None)

    def _mark(self, text: str) -> None:
        """Words that cannot be read are underlined, once more than half a word stands there."""
        marks = []
        try:
            read_notation(text, self._feel, self._steps)
        except NotationError as error:
            if error.at < len(text.rstrip()):
                mark = QTextEdit.ExtraSelection()
                mark.format.setUnderlineStyle(QTextCharFormat.UnderlineStyle.WaveUnderline)
                mark.format.setUnderlineColor(self.palette().color(QPalette.ColorRole.Link))
                mark.format.setForeground(self.palette().color(QPalette.ColorRole.PlaceholderText))
                mark.cursor = QTextCursor(self.document())
                mark.cursor.setPosition(error.at)
                ends = [k for k in (text.find(c, error.at) for c in ",;\n") if k >= 0]
                mark.cursor.setPosition(min([*ends, len(text)]), QTextCursor.MoveMode.KeepAnchor)
                marks.append(mark)
        self.setExtraSelections(marks)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        assert event is not None
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self._write()
        elif event.key() == Qt.Key.Key_Tab and self._offer:
            self.setPlainText(self._offer)
            self.moveCursor(self.textCursor().MoveOperation.End)
        elif event.key() in (Qt.Key.Key_Tab, Qt.Key.Key_Backtab):
            self.focusNextPrevChild(event.key() == Qt.Key.Key_Tab)
        elif event.key() == Qt.Key.Key_Escape:
            self.setPlainText(self._value)
        else:
            super().keyPressEvent(event)

    def focusOutEvent(self, event: QFocusEvent | None) -> None:
        super().focusOutEvent(event)
        self._write()

    def focusNextPrevChild(self, forward: bool) -> bool:
        """Tab takes a suggestion first; without one it goes on as everywhere."""
        return False if self._offer and forward else super(QPlainTextEdit, self).focusNextPrevChild(forward)

    def insertFromMimeData(self, source: QMimeData | None) -> None:
        """Words only: a film dropped here is for the window."""
        if source is not None and not source.hasUrls():
            super().insertFromMimeData(source)

    def dragEnterEvent(self, event: QDragEnterEvent | None) -> None:
        if event is not None and some(event.mimeData()).hasUrls():
            event.ignore()
        else:
            super().dragEnterEvent(event)

    def _write(self) -> None:
        text = self.toPlainText()
        if text == self._value:
            return
        trouble = self.write(text)
        if trouble:
            self.trouble = trouble.split("\n")[0]
            self.suggested.emit(self.trouble)
        else:
            self._value = text
