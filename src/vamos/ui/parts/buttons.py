"""Buttons, check boxes and cards as panels use them: words that wrap, Space and Return."""

from __future__ import annotations

from collections.abc import Callable, Sequence

from PyQt6.QtCore import QPoint, QSize, Qt
from PyQt6.QtGui import QKeyEvent, QMouseEvent
from PyQt6.QtWidgets import (
    QAbstractButton,
    QCheckBox,
    QFrame,
    QHBoxLayout,
    QPushButton,
    QSizePolicy,
    QVBoxLayout,
    QWidget,
)

from vamos.ui.parts.text import label, on_button, set_role, set_tip, set_words
from vamos.wording import words_of

tr = words_of(__name__)

#: (text, what it does, role); a role is "go", "main" or nothing.
ButtonEntry = tuple[str, Callable[[], object], str]

#: Beside the box of a check box.
_BOX = 30


def give_way(widget: QWidget) -> None:
    """A widget may be narrower than it would like, and is then higher."""
    policy = QSizePolicy(QSizePolicy.Policy.Preferred, QSizePolicy.Policy.Minimum)
    policy.setHeightForWidth(True)
    widget.setSizePolicy(policy)


def hint_of(widget: QWidget) -> QSize:
    """The size that what is laid out in it would like."""
    inner = widget.layout()
    return inner.sizeHint() if inner is not None else QSize()


def least_of(widget: QWidget) -> QSize:
    """The least size of what is laid out in it."""
    inner = widget.layout()
    return inner.minimumSize() if inner is not None else QSize()


def height_of(widget: QWidget, width: int) -> int:
    """The height of what is laid out in it at a width."""
    inner = widget.layout()
    return inner.heightForWidth(width) if inner is not None else -1


#: What presses something that has the focus.
PRESSES = (Qt.Key.Key_Space, Qt.Key.Key_Return, Qt.Key.Key_Enter)


def clicked_by_return(widget: QAbstractButton, event: QKeyEvent | None) -> bool:
    """Qt presses with Space only."""
    if event is None or event.key() not in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
        return False
    widget.click()
    return True


class Button(QPushButton):
    """A button whose text is shown as it is and whose work can be changed."""

    def __init__(self, text: str, run: Callable[[], object], role: str = ""):
        super().__init__()
        self.run = run
        self.clicked.connect(lambda _checked=False: self.run())
        self.show_as(text, run, role)

    def show_as(self, text: str, run: Callable[[], object], role: str = "") -> None:
        self.run = run
        if self.text() != on_button(text):
            self.setText(on_button(text))
        set_role(self, role)

    def uses_key(self, key: int) -> bool:
        return key in PRESSES

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if not clicked_by_return(self, event):
            super().keyPressEvent(event)


class Check(QCheckBox):
    """A check box that says so when it is set or taken off by a hand; Space and Return do it.

    Its words lie beside the box as a label, so that they wrap where there is little room.
    """

    def __init__(self, text: str, on: bool, name: str, changed: Callable[[bool], object]):
        super().__init__()
        self.changed = changed
        self.words = label(text, wrap=True)
        self.words.setAttribute(Qt.WidgetAttribute.WA_TransparentForMouseEvents)
        inside = QHBoxLayout(self)
        inside.setContentsMargins(_BOX, 4, 2, 4)
        inside.addWidget(self.words)
        give_way(self)
        self.setChecked(on)
        self.setAccessibleName(name)
        self.clicked.connect(lambda now: self.changed(now))

    def hitButton(self, pos: QPoint) -> bool:
        return self.rect().contains(pos)

    def sizeHint(self) -> QSize:
        return hint_of(self)

    def minimumSizeHint(self) -> QSize:
        return least_of(self)

    def hasHeightForWidth(self) -> bool:
        return True

    def heightForWidth(self, width: int) -> int:
        return height_of(self, width)

    def uses_key(self, key: int) -> bool:
        return key in PRESSES

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if not clicked_by_return(self, event):
            super().keyPressEvent(event)


class Head(Button):
    """The name of a group; pressed, the group folds away or comes back."""

    def show_head(self, text: str, folded: bool) -> None:
        mark = "+" if folded else "–"
        shown = on_button(f"{mark} {text}")
        if self.text() != shown:
            self.setText(shown)
            self.setAccessibleName(tr("{text}, folded", text=text) if folded else tr("{text}, open", text=text))


class LaidOutButton(Button):
    """A button as large as what is laid out over it."""

    def __init__(self, run: Callable[[], object], role: str):
        super().__init__("", run, role)
        give_way(self)

    def sizeHint(self) -> QSize:
        return hint_of(self)

    def minimumSizeHint(self) -> QSize:
        return least_of(self)

    def hasHeightForWidth(self) -> bool:
        return True

    def heightForWidth(self, width: int) -> int:
        return height_of(self, width)


class WordsButton(LaidOutButton):
    """A button whose words wrap: the words lie over it as a label."""

    def __init__(self, text: str, run: Callable[[], object]):
        super().__init__(run, "problem")
        self.words = label(text, "on-problem", wrap=True)
        self.words.setAttribute(Qt.WidgetAttribute.WA_TransparentForMouseEvents)
        inside = QHBoxLayout(self)
        inside.setContentsMargins(12, 7, 10, 7)
        inside.addWidget(self.words)
        self.setAccessibleName(text)
        set_tip(self, tr("Press to go there."))


class Card(QFrame):
    """Something to be chosen by a click, or by Space and Return; words one below the other."""

    def __init__(self, lines: Sequence[tuple[str, str]], name: str, now: bool, choose: Callable[[], object]):
        super().__init__()
        self.choose = choose
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        down = QVBoxLayout(self)
        down.setContentsMargins(10, 7, 8, 7)
        down.setSpacing(1)
        self._words = [label(wrap=True) for _ in lines]
        for words in self._words:
            down.addWidget(words)
        self.show_as(lines, name, now, choose)

    def show_as(self, lines: Sequence[tuple[str, str]], name: str, now: bool, choose: Callable[[], object]) -> None:
        self.choose = choose
        for words, (text, role) in zip(self._words, lines, strict=True):
            set_words(words, text)
            set_role(words, role)
        self.setAccessibleName(tr("{name}, chosen", name=name) if now else name)
        set_role(self, "card-now" if now else "card")

    def uses_key(self, key: int) -> bool:
        return key in PRESSES

    def mouseReleaseEvent(self, event: QMouseEvent | None) -> None:
        self.choose()

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event is not None and self.uses_key(event.key()):
            self.choose()
        else:
            super().keyPressEvent(event)
