"""Fields for typing in panels: a line of notation with a suggestion, named small fields."""

from __future__ import annotations

from collections.abc import Callable, Mapping

from PyQt6.QtCore import Qt, pyqtSignal
from PyQt6.QtGui import QFocusEvent, QKeyEvent
from PyQt6.QtWidgets import QComboBox, QHBoxLayout, QLabel, QLineEdit, QPlainTextEdit, QSpinBox, QWidget

from vamos.core.dance.notation import suggest
from vamos.core.model.dance import StepPattern
from vamos.core.time import Feel


class NotationField(QPlainTextEdit):
    """A section's line of notation: Return writes it, Tab takes the suggestion, Escape gives it up."""

    written = pyqtSignal(str)
    suggested = pyqtSignal(str)

    def __init__(self, text: str, feel: Feel, steps: Mapping[str, StepPattern], name: str):
        super().__init__(text)
        self._text, self._feel, self._steps = text, feel, steps
        self._offer = ""
        self.setAccessibleName(name)
        self.setFixedHeight(84)
        self.textChanged.connect(self._look)

    def _look(self) -> None:
        self._offer = suggest(self.toPlainText(), self._feel, self._steps)
        self.suggested.emit(self._offer)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self._write()
        elif event.key() == Qt.Key.Key_Tab and self._offer:
            self.setPlainText(self._offer)
            self.moveCursor(self.textCursor().MoveOperation.End)
        elif event.key() in (Qt.Key.Key_Tab, Qt.Key.Key_Backtab):
            self.focusNextPrevChild(event.key() == Qt.Key.Key_Tab)
        elif event.key() == Qt.Key.Key_Escape:
            self.setPlainText(self._text)
        else:
            super().keyPressEvent(event)

    def focusOutEvent(self, event: QFocusEvent) -> None:
        super().focusOutEvent(event)
        self._write()

    def focusNextPrevChild(self, forward: bool) -> bool:
        """Tab takes a suggestion first; without one it goes on as everywhere."""
        return False if self._offer and forward else super(QPlainTextEdit, self).focusNextPrevChild(forward)

    def _write(self) -> None:
        if self.toPlainText() != self._text:
            self._text = self.toPlainText()
            self.written.emit(self._text)


def combo(words: list[str], now: str, name: str) -> QComboBox:
    """A choice of words."""
    box = QComboBox()
    box.addItems(words)
    box.setCurrentText(now)
    box.setAccessibleName(name)
    return box


def count_field(value: int, most: int, name: str, changed: Callable[[int], object]) -> QSpinBox:
    """A number of counts, 1 to ``most``; arrows and wheel change it too."""
    field = QSpinBox()
    field.setRange(1, most)
    field.setValue(value)
    field.setKeyboardTracking(False)
    field.setButtonSymbols(QSpinBox.ButtonSymbols.NoButtons)
    field.setFixedWidth(58)
    field.setAccessibleName(name)
    field.valueChanged.connect(changed)
    return field


def text_field(value: str, name: str, changed: Callable[[str], object], hint: str = "") -> QLineEdit:
    """A line that tells when something else was typed in it."""
    field = QLineEdit(value)
    field.setAccessibleName(name)
    field.setPlaceholderText(hint)
    field.setCursorPosition(0)

    def done() -> None:
        if field.text() != value:
            changed(field.text())

    field.editingFinished.connect(done)
    return field


def row_of(*parts: QWidget | str) -> QWidget:
    """Widgets and words in one row; the first widget takes the room that is left."""
    row = QWidget()
    line = QHBoxLayout(row)
    line.setContentsMargins(0, 0, 0, 0)
    line.setSpacing(6)
    stretched = False
    for part in parts:
        if isinstance(part, str):
            label = QLabel(part)
            label.setProperty("role", "soft")
            line.addWidget(label)
        else:
            line.addWidget(part, 0 if stretched else 1)
            stretched = True
    return row


def named_field(name: str, field: QWidget) -> QWidget:
    """A field under its name's own column, so that a form stands in line."""
    row = QWidget()
    line = QHBoxLayout(row)
    line.setContentsMargins(0, 0, 0, 0)
    label = QLabel(name)
    label.setProperty("role", "soft")
    label.setFixedWidth(86)
    line.addWidget(label)
    line.addWidget(field, 1)
    return row
