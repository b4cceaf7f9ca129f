"""Writing on one count of the page: a field over the cell; Tab goes on, Escape gives it up."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtCore import QEvent, QRect, Qt
from PyQt6.QtGui import QFocusEvent, QKeyEvent
from PyQt6.QtWidgets import QLineEdit, QWidget


class CellField(QLineEdit):
    """``done(text, step)`` is called once, with the counts to go on by: 1, −1 or 0."""

    def __init__(self, parent: QWidget, box: QRect, text: str, name: str, done: Callable[[str | None, int], object]):
        super().__init__(text, parent)
        self._done: Callable[[str | None, int], object] | None = done
        #: Escape is for the field: it gives up what is written here.
        self.half_typed = True
        self.setAccessibleName(name)
        self.setGeometry(box)
        self.selectAll()
        self.show()
        self.setFocus()

    def event(self, event: QEvent | None) -> bool:
        # Tab would leave the field before it is seen as a key.
        if isinstance(event, QKeyEvent) and event.type() == QEvent.Type.KeyPress:
            step = {Qt.Key.Key_Tab: 1, Qt.Key.Key_Backtab: -1, Qt.Key.Key_Return: 0}.get(Qt.Key(event.key()))
            if step is not None:
                self._finish(self.text(), step)
                return True
            if event.key() == Qt.Key.Key_Escape:
                self._finish(None, 0)
                return True
        return super().event(event)

    def focusOutEvent(self, event: QFocusEvent | None) -> None:
        super().focusOutEvent(event)
        self._finish(self.text(), 0)

    def _finish(self, text: str | None, step: int) -> None:
        done, self._done = self._done, None
        if done is not None:
            self.hide()
            self.deleteLater()
            done(text, step)
