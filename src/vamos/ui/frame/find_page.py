"""Which clip shows it? A field to type in and the places of the dance that fit, best first."""

from __future__ import annotations

from collections.abc import Callable, Sequence

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QKeyEvent
from PyQt6.QtWidgets import QDialog, QLineEdit, QListWidget, QListWidgetItem, QVBoxLayout, QWidget

from vamos.core.lesson.search import Hit, Index
from vamos.ui.parts.text import label, plural
from vamos.wording import words_of

tr = words_of(__name__)


class FindPage(QDialog):
    """Opened with Ctrl+F; Return goes to the place one stands on."""

    def __init__(self, parent: QWidget, index: Index, go: Callable[[Hit], object]):
        super().__init__(parent)
        self._index, self._go = index, go
        self.hits: Sequence[Hit] = ()
        self.setWindowTitle(tr("Find in the dance"))
        self.resize(620, 460)
        down = QVBoxLayout(self)
        down.setContentsMargins(28, 22, 28, 18)
        down.setSpacing(10)
        down.addWidget(label(tr("Find in the dance"), "title"))
        self.search = _Field(self.walk)
        self.search.setPlaceholderText(tr("half turn, 5&6, back view of the tag …"))
        self.search.setAccessibleName(tr("Find a section, a move, a count, a view"))
        self.search.textChanged.connect(self._show)
        self.search.returnPressed.connect(self.go)
        down.addWidget(self.search)
        self.list = QListWidget()
        self.list.setAccessibleName(tr("Places that fit"))
        self.list.itemActivated.connect(lambda _item: self.go())
        down.addWidget(self.list, 1)
        self._told = label(tr("Type what you look for. Up and Down choose, Return goes there."), "soft", wrap=True)
        down.addWidget(self._told)
        self.search.setFocus()

    def _show(self, text: str) -> None:
        self.hits = self._index.find(text)
        self.list.clear()
        for hit in self.hits:
            views = ", ".join(key.rsplit(" · ", 1)[-1] for key in hit.clips) or tr("no clip shows it")
            self.list.addItem(QListWidgetItem(f"{hit.title}: {hit.words}   ({views})"))
        if self.hits:
            self.list.setCurrentRow(0)
        known = plural(len(self.hits), "place") if self.hits else tr("Nothing in the dance has this name.")
        self._told.setText(
            known if text.strip() else tr("Type what you look for. Up and Down choose, Return goes there.")
        )

    def walk(self, by: int) -> None:
        if self.hits:
            self.list.setCurrentRow(min(max(0, self.list.currentRow() + by), len(self.hits) - 1))

    def go(self) -> None:
        row = self.list.currentRow()
        if 0 <= row < len(self.hits):
            self.accept()
            self._go(self.hits[row])


class _Field(QLineEdit):
    """Up and Down walk the list below."""

    def __init__(self, walk: Callable[[int], object]):
        super().__init__()
        self._walk = walk

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        steps = {Qt.Key.Key_Up: -1, Qt.Key.Key_Down: 1}
        if event is not None and event.key() in steps:
            self._walk(steps[Qt.Key(event.key())])
        else:
            super().keyPressEvent(event)
