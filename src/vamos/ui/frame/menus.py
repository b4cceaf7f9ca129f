"""Menus made from the actions; keys are shown beside them and handled in :mod:`vamos.ui.frame.keys`."""

from __future__ import annotations

from collections.abc import Callable, Iterable

from PyQt6.QtGui import QAction, QKeySequence
from PyQt6.QtWidgets import QMainWindow, QMenu

from vamos.ui.parts.action import Bound
from vamos.ui.parts.some import some
from vamos.ui.parts.text import on_button
from vamos.wording import words_of

tr = words_of(__name__)


class Menus:
    """``go`` goes to the stop an action belongs to before it is done."""

    def __init__(self, window: QMainWindow, actions: Iterable[Bound], go: Callable[[str], object]):
        self._menus: dict[str, QMenu] = {}
        self.entries: dict[str, QAction] = {}
        self._keys: dict[str, str] = {}
        bar = some(window.menuBar())
        for entry in actions:
            menu = self._menus.get(entry.action.menu)
            if menu is None:
                menu = self._menus[entry.action.menu] = some(bar.addMenu(tr(entry.action.menu)))
                menu.setToolTipsVisible(True)
            shown = QAction("", window)
            keys = QKeySequence(entry.action.keys).toString(QKeySequence.SequenceFormat.NativeText)
            self._keys[entry.action.name] = keys
            shown.setToolTip(entry.action.help)
            shown.triggered.connect(lambda _on=False, e=entry: self._do(e, go))
            menu.addAction(shown)
            self.entries[entry.action.name] = shown
            self.show_text(entry.action.name, entry.action.text)

    def show_text(self, name: str, text: str, enabled: bool = True) -> None:
        """What an entry says, its key on the right."""
        keys = self._keys[name]
        words = f"{on_button(text)}\t{keys}" if keys else on_button(text)
        if self.entries[name].text() != words:
            self.entries[name].setText(words)
        self.entries[name].setEnabled(enabled)

    @staticmethod
    def _do(entry: Bound, go: Callable[[str], object]) -> None:
        if entry.stop:
            go(entry.stop)
        entry.run()
