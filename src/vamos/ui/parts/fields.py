"""Fields for typing: they keep what is half-typed, and no wheel changes them in passing."""

from __future__ import annotations

from collections.abc import Callable, Sequence

from PyQt6.QtCore import QSize, Qt
from PyQt6.QtGui import (
    QKeyEvent,
    QWheelEvent,
)
from PyQt6.QtWidgets import QComboBox, QHBoxLayout, QLineEdit, QPlainTextEdit, QSpinBox, QWidget

from vamos.ui.parts.text import label, set_tip
from vamos.wording import words_of

tr = words_of(__name__)


class TextField(QLineEdit):
    """A line that calls ``changed`` when something else was typed; Escape gives it up.

    ``set_value`` from outside never takes away what is being typed.
    """

    def __init__(self, value: str, name: str, changed: Callable[[str], object], hint: str = ""):
        super().__init__(value)
        self._value = value
        self.changed = changed
        self.setAccessibleName(name)
        self.setPlaceholderText(hint)
        self.setCursorPosition(0)
        self.editingFinished.connect(self._finish)

    @property
    def half_typed(self) -> bool:
        return self.hasFocus() and self.text() != self._value

    def set_value(self, value: str) -> None:
        if self.half_typed or (value == self._value and self.text() == value):
            return
        self._value = value
        self.setText(value)
        self.setCursorPosition(0)

    def _finish(self) -> None:
        if self.text() != self._value:
            self._value = self.text()
            self.changed(self.text())

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event is not None and event.key() == Qt.Key.Key_Escape and self.text() != self._value:
            self.setText(self._value)
            return
        super().keyPressEvent(event)


#: A choice is at least so wide, in pixels.
_NARROWEST = 110


class Choice(QComboBox):
    """A choice of words; the wheel scrolls the panel, letters are not taken for choices.

    Words of Vamos are shown in the language of the window; ``own``: they are names people gave, and stay as they are.
    """

    def __init__(self, words: Sequence[str], now: str, name: str, chosen: Callable[[str], object], own: bool = False):
        super().__init__()
        self.chosen, self._own = chosen, own
        self.set_value(words, now)
        self.setAccessibleName(name)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.textActivated.connect(lambda text: self.chosen(self.itemData(self.findText(text))))

    def minimumSizeHint(self) -> QSize:
        """Long choices are cut rather than a window made wider than its screen; the list shows them whole."""
        return QSize(_NARROWEST, super().minimumSizeHint().height())

    def showPopup(self) -> None:
        view = self.view()
        if view is not None:
            view.setMinimumWidth(view.sizeHintForColumn(0) + 24)
        super().showPopup()

    def set_value(self, words: Sequence[str], now: str) -> None:
        if [self.itemData(k) for k in range(self.count())] != [str(w) for w in words]:
            self.clear()
            for word in words:
                self.addItem(word if self._own else tr(word), str(word))
        if self.currentData() != str(now):
            self.setCurrentIndex(self.findData(str(now)))

    def wheelEvent(self, event: QWheelEvent | None) -> None:
        if event is not None:
            event.ignore()

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event is not None and event.text().strip() and event.text().isprintable():
            event.ignore()
            return
        super().keyPressEvent(event)


class CountField(QSpinBox):
    """A number of counts, ``least`` to ``most``; arrows change it, the wheel does not."""

    def __init__(self, value: int, most: int, name: str, changed: Callable[[int], object], least: int = 1):
        super().__init__()
        self.changed = changed
        self.setRange(least, most)
        self.setValue(value)
        self.setKeyboardTracking(False)
        self.setButtonSymbols(QSpinBox.ButtonSymbols.NoButtons)
        self.setFixedWidth(58)
        self.setAccessibleName(name)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.valueChanged.connect(lambda number: self.changed(number))

    def set_value(self, value: int) -> None:
        if self.value() != value and not self.hasFocus():
            self.blockSignals(True)
            self.setValue(value)
            self.blockSignals(False)

    def wheelEvent(self, event: QWheelEvent | None) -> None:
        if event is not None:
            event.ignore()


def row_of(*parts: QWidget | str) -> QWidget:
    """Widgets and words in one row; the first widget takes the space that is left."""
    row = QWidget()
    line = QHBoxLayout(row)
    line.setContentsMargins(0, 0, 0, 0)
    line.setSpacing(6)
    stretched = False
    for part in parts:
        if isinstance(part, str):
            line.addWidget(label(part, "soft"))
        else:
            line.addWidget(part, 0 if stretched else 1)
            stretched = True
    return row


def named(name: str, field: QWidget, tip: str = "") -> QWidget:
    """A field beside its name, in a column of its own so that a form stands in line."""
    row = QWidget()
    line = QHBoxLayout(row)
    line.setContentsMargins(0, 0, 0, 0)
    words = label(name, "soft", wrap=True)
    words.setFixedWidth(86)
    words.setBuddy(field)
    line.addWidget(words)
    line.addWidget(field, 1)
    if tip:
        set_tip(field, tip)
    return row


def is_typing(widget: QWidget | None) -> bool:
    """Whether keys without Ctrl or Alt are words for a widget."""
    return isinstance(widget, QLineEdit | QSpinBox | QPlainTextEdit) and widget.isEnabled()


def takes_key(widget: QWidget | None, key: int) -> bool:
    """Whether a widget that is no text field has a use of its own for a key."""
    if isinstance(widget, QComboBox):
        keys = (Qt.Key.Key_Space, Qt.Key.Key_Up, Qt.Key.Key_Down, Qt.Key.Key_Return, Qt.Key.Key_Enter)
        return key in keys
    return bool(getattr(widget, "uses_key", lambda _key: False)(key))


def half_typed(widget: QWidget | None) -> bool:
    """Whether something was typed in a field that is not taken over yet."""
    return bool(getattr(widget, "half_typed", False))
