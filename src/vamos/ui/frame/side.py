"""The side: the mirror with its buttons above, the panel below; both can be made larger and smaller."""

from __future__ import annotations

from collections.abc import Sequence

from PyQt6.QtCore import Qt, QTimer
from PyQt6.QtWidgets import QHBoxLayout, QScrollArea, QSplitter, QVBoxLayout, QWidget

from vamos.ui.parts.action import Bound
from vamos.ui.parts.buttons import Button
from vamos.ui.parts.flow import FlowLayout
from vamos.ui.parts.panel import Panel
from vamos.ui.parts.text import set_tip
from vamos.ui.preview.mirror import STRIP_HEIGHT, Mirror
from vamos.ui.work.settings import MIRROR_HEIGHT
from vamos.wording import words_of

tr = words_of(__name__)

#: The side's width to begin with, and the least of it.
LEAST = 330
#: A wide stop's column is not wider than this, so that lines stay short enough to be read.
COLUMN, WIDE_COLUMN = 560, 860


class WatchButtons(QWidget):
    """Play, mirrored, speed, loop, view: they show how it is now."""

    def __init__(self, actions: Sequence[Bound]):
        super().__init__()
        row = FlowLayout(self)
        self.by_name: dict[str, Button] = {}
        for entry in actions:
            button = Button(entry.action.text, entry.run)
            set_tip(button, tr("{help} Key: {keys}", help=entry.action.help, keys=entry.action.keys))
            row.addWidget(button)
            self.by_name[entry.action.name] = button
        self._keys = {e.action.name: e.action.keys for e in actions}

    def show_as(self, name: str, text: str, on: bool = False, enabled: bool = True) -> None:
        button = self.by_name[name]
        button.show_as(text, button.run, "main" if on else "")
        button.setAccessibleName(tr("{value}, key {value2}", value=text, value2=self._keys[name]))
        if button.isEnabled() != enabled:
            button.setEnabled(enabled)

    def show_only(self, names: Sequence[str]) -> None:
        for name, button in self.by_name.items():
            button.setVisible(name in names)


class Side(QWidget):
    """The column to the right of the page."""

    def __init__(self, mirror: Mirror, buttons: WatchButtons, panel: Panel):
        super().__init__()
        self.setMinimumWidth(LEAST)
        self._mirror, self._buttons = mirror, buttons
        top = QWidget()
        down = QVBoxLayout(top)
        down.setContentsMargins(14, 12, 12, 6)
        down.setSpacing(8)
        down.addWidget(mirror, 1)
        down.addWidget(buttons)
        self._top = top
        self.area = scrolled(panel)
        self._splitter = QSplitter(Qt.Orientation.Vertical)
        self._splitter.setChildrenCollapsible(False)
        self._splitter.addWidget(top)
        self._splitter.addWidget(self.area)
        self._splitter.setStretchFactor(0, 0)
        self._splitter.setStretchFactor(1, 1)
        self._splitter.splitterMoved.connect(self._keep)
        whole = QVBoxLayout(self)
        whole.setContentsMargins(0, 0, 0, 0)
        whole.addWidget(self._splitter)
        self._with_picture = True

    def show_picture(self, on: bool) -> None:
        """With the mirror's picture, or with the count and the facing alone."""
        self._with_picture = on
        self._mirror.show_picture(on)
        self._top.setMaximumHeight(16777215 if on else STRIP_HEIGHT + 16 + self._below())
        # Sizes are known once the window has been laid out.
        QTimer.singleShot(0, self._size)

    def _size(self) -> None:
        whole = self._splitter.height()
        if not self._with_picture:
            high = STRIP_HEIGHT + 16 + self._below()
            self._splitter.setSizes([high, max(1, whole - high)])
            return
        wanted = MIRROR_HEIGHT.get()
        high = min(max(wanted, 140), max(140, whole - 220))
        self._splitter.setSizes([high + self._below(), max(1, whole - high - self._below())])

    def _below(self) -> int:
        """What the buttons below the picture take, in rows as long words need."""
        return max(38, self._buttons.heightForWidth(max(1, self.width() - 26))) + 16

    def _keep(self) -> None:
        if self._with_picture:
            MIRROR_HEIGHT.set(self._mirror.height())


class WideBody(QWidget):
    """A stop that takes the whole width: its panel in two columns."""

    def __init__(self, left: Panel, right: Panel):
        super().__init__()
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self._across = across = QHBoxLayout(self)
        across.setContentsMargins(60, 22, 40, 8)
        across.setSpacing(48)
        for panel, widest in ((left, COLUMN), (right, WIDE_COLUMN)):
            scroll = scrolled(panel, 0)
            scroll.setMaximumWidth(widest)
            across.addWidget(scroll, 4 if panel is left else 5)
        across.addStretch(0)

    def share(self, left: int, right: int) -> None:
        """How the width is shared."""
        self._across.setStretch(0, left)
        self._across.setStretch(1, right)


def scrolled(panel: Panel, margin: int = 14) -> QScrollArea:
    """A panel that scrolls when it is longer than its room."""
    scroll = QScrollArea()
    scroll.setWidgetResizable(True)
    scroll.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
    scroll.setFocusPolicy(Qt.FocusPolicy.NoFocus)
    scroll.setMinimumHeight(120)
    panel.column.setContentsMargins(margin, 4, 12, 10)
    scroll.setWidget(panel)
    return scroll
