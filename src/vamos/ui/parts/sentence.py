"""Sentences with choices and numbers to fill in where the words stand: what is set reads as it is said."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass
from string import Formatter

from PyQt6.QtCore import QSize, Qt
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QWidget

from vamos.ui.parts.fields import Choice, TextField
from vamos.ui.parts.flow import FlowLayout
from vamos.ui.parts.text import label

#: Beside the words of a choice: its edges and its arrow, in pixels.
_BESIDE = 28
#: Over and under the words of a blank, its edge with it.
_ABOVE = 4
#: Between two words, in pixels.
_SPACE = 4


@dataclass(frozen=True, slots=True)
class Pick:
    """A blank that is chosen; ``own``: the words are shown as they are."""

    name: str
    words: Sequence[str]
    now: str
    chosen: Callable[[str], object]
    own: bool = False

    def make(self) -> QWidget:
        return WordChoice(self.words, self.now, self.name, self.chosen, self.own)

    def update(self, field: QWidget) -> None:
        assert isinstance(field, WordChoice)
        field.chosen = self.chosen
        field.set_value(self.words, self.now)


@dataclass(frozen=True, slots=True)
class Type:
    """A blank that is typed in; ``hint`` stands there while it is empty."""

    name: str
    value: str
    changed: Callable[[str], object]
    hint: str = ""

    def make(self) -> QWidget:
        return WordField(self.value, self.name, self.changed, self.hint)

    def update(self, field: QWidget) -> None:
        assert isinstance(field, WordField)
        field.changed = self.changed
        field.set_value(self.value)


Blank = Pick | Type


class WordChoice(Choice):
    """A choice as wide as the words it stands on, so that the sentence goes on right behind it."""

    def __init__(self, words: Sequence[str], now: str, name: str, chosen: Callable[[str], object], own: bool = False):
        super().__init__(words, now, name, chosen, own)
        self.setProperty("role", "word")
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        self.currentIndexChanged.connect(lambda _at: self.updateGeometry())

    def sizeHint(self) -> QSize:
        wide = self.fontMetrics().horizontalAdvance(self.currentText()) + _BESIDE
        return QSize(wide, self.fontMetrics().height() + 2 * _ABOVE)

    def minimumSizeHint(self) -> QSize:
        return QSize(min(self.sizeHint().width(), super().minimumSizeHint().width()), self.sizeHint().height())


class WordField(TextField):
    """A line to type in, as wide as what stands in it."""

    def __init__(self, value: str, name: str, changed: Callable[[str], object], hint: str = ""):
        super().__init__(value, name, changed, hint)
        self.setProperty("role", "word")
        self.textChanged.connect(lambda _text: self.updateGeometry())

    def sizeHint(self) -> QSize:
        wide = self.fontMetrics().horizontalAdvance(self.text() or self.placeholderText() or "00")
        return QSize(wide + _BESIDE, self.fontMetrics().height() + 2 * _ABOVE)

    def minimumSizeHint(self) -> QSize:
        return self.sizeHint()


class Sentence(QWidget):
    """``words`` with ``{names}`` where blanks stand; it wraps between words like any text."""

    def __init__(self, words: str, blanks: Mapping[str, Blank]):
        super().__init__()
        self._line = FlowLayout(self, _SPACE)
        self._words = ""
        self._fields: dict[str, QWidget] = {}
        self.show_as(words, blanks)

    def show_as(self, words: str, blanks: Mapping[str, Blank]) -> None:
        if words != self._words or list(blanks) != list(self._fields):
            self._make(words, blanks)
            return
        for name, blank in blanks.items():
            blank.update(self._fields[name])

    def _make(self, words: str, blanks: Mapping[str, Blank]) -> None:
        while (item := self._line.takeAt(0)) is not None:
            widget = item.widget()
            if widget is not None:
                widget.hide()
                widget.deleteLater()
        self._words, fields = words, {}
        behind: QHBoxLayout | None = None
        for text, name, _, _ in Formatter().parse(words):
            for place, word in enumerate(text.split(" ")):
                # What follows a blank without a space stays with it: a comma, a full stop.
                if word and place == 0 and behind is not None:
                    behind.addWidget(_word(word))
                elif word:
                    self._line.addWidget(_word(word))
            if name is not None:
                fields[name] = blanks[name].make()
                together = QWidget()
                behind = QHBoxLayout(together)
                behind.setContentsMargins(0, 0, 0, 0)
                behind.setSpacing(0)
                behind.addWidget(fields[name])
                self._line.addWidget(together)
        self._fields = {name: fields[name] for name in blanks}


def _word(text: str) -> QLabel:
    """A word as high as a blank, so that both stand on one line."""
    made = label(text)
    made.setContentsMargins(0, _ABOVE, 0, _ABOVE)
    return made
