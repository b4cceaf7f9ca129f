"""A real window, offscreen: clicks, keys, drags and drops go through Qt."""

from __future__ import annotations

import sys
import time
import unittest
from collections.abc import Callable
from pathlib import Path
from typing import Any

from PyQt6.QtCore import QEvent, QMimeData, QPoint, QPointF, Qt, QtMsgType, QUrl, qInstallMessageHandler
from PyQt6.QtGui import QDragEnterEvent, QDropEvent
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication, QWidget

from tests.support import FolderCase
from vamos.core.model.take import Take
from vamos.ui.frame import guide
from vamos.ui.parts import theme
from vamos.ui.parts.panel import Panel
from vamos.ui.stops import STOPS
from vamos.ui.window import Window
from vamos.ui.work.settings import closed_words

#: Said by Qt's offscreen platform or its multimedia part, whatever the program does.
EXPECTED = ("this plugin does not support", "pipewire", "pulse", "multimedia", "alsa")


_KEPT: list[QApplication] = []


def application() -> QApplication:
    """The one application of this process; nobody else keeps it alive."""
    if not _KEPT:
        _KEPT.append(QApplication(["vamos"]))
        theme.load_fonts()
        theme.apply(_KEPT[0], theme.DAY)
    return _KEPT[0]


class WindowCase(unittest.TestCase):
    """A window of its own; exceptions in slots and unexpected Qt messages fail the test."""

    def setUp(self) -> None:
        self.app = application()
        self.problems: list[str] = []
        hook = sys.excepthook
        sys.excepthook = lambda kind, error, trace: self.problems.append(f"{kind.__name__}: {error}")
        self.addCleanup(setattr, sys, "excepthook", hook)
        before = qInstallMessageHandler(self._message)
        self.addCleanup(qInstallMessageHandler, before)
        # The words for the first time are a test of their own.
        for stop in guide.WORDS:
            closed_words(stop).set(True)
        self.window = Window()
        self.now = 0.0
        # Keys pressed by hand come a second apart; a sentence is typed at once.
        self.window.keys.guard._clock = lambda: self.now
        self.window.show()
        self.window.activateWindow()
        QTest.qWaitForWindowActive(self.window)

    def _message(self, kind: QtMsgType, _context: object, words: str) -> None:
        if not any(e in words.lower() for e in EXPECTED):
            self.problems.append(words)

    def tearDown(self) -> None:
        self.window.close()
        self.window.deleteLater()
        self.app.processEvents()
        self.assertEqual(self.problems, [])

    def until(self, condition: Callable[[], object], what: str, seconds: float = 240.0) -> None:
        """Let the window live until something is so."""
        end = time.monotonic() + seconds
        while not condition():
            self.app.processEvents()
            time.sleep(0.005)
            if time.monotonic() > end:
                self.fail(f"did not happen: {what}. Status: {self.window.status.words.text()!r}")

    def idle(self) -> None:
        self.until(lambda: not self.window.runner.busy, "job ends")
        self.app.processEvents()

    def key(self, key: Qt.Key, modifier: Qt.KeyboardModifier = Qt.KeyboardModifier.NoModifier) -> None:
        self.now += 1.0
        QTest.keyClick(self.window.windowHandle(), key, modifier)
        self.window.keys.guard.act()
        self.settle()

    def click(self, widget: QWidget, x: float | None = None, y: float | None = None) -> None:
        point = QPoint(int(x), int(y)) if x is not None and y is not None else QPoint()
        QTest.mouseClick(widget, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier, point)
        self.settle()

    def drop(self, *paths: Path) -> None:
        data = QMimeData()
        data.setUrls([QUrl.fromLocalFile(str(p)) for p in paths])
        where, action, button = QPointF(400, 300), Qt.DropAction.CopyAction, Qt.MouseButton.LeftButton
        plain = Qt.KeyboardModifier.NoModifier
        # To the native window, as the desktop does; Qt finds the widget under the mouse itself.
        handle = self.window.windowHandle()
        self.app.sendEvent(handle, QDragEnterEvent(where.toPoint(), action, data, button, plain))
        self.app.sendEvent(handle, QDropEvent(where, action, data, button, plain, QEvent.Type.Drop))
        self.app.processEvents()

    def open_demo(self, folder: Path) -> None:
        """The small demo, in a folder of this test's own."""
        from tests.support import demo_copy

        self.window.session.open(demo_copy(folder))
        self.settle()

    def settle(self) -> None:
        """Until the panel has been filled and laid out."""
        self.until(lambda: len(self.window.rooms.open) == len(self.window.rooms), "rooms open")
        self.until(lambda: not self.window.session.preparing and not self.window._refill.isActive(), "panel filled")
        self.app.processEvents()
        self.app.processEvents()

    def panel_text(self) -> str:
        from PyQt6.QtWidgets import QLabel, QPushButton

        self.settle()
        shown = [w for p in self.panels() for w in p.findChildren(QWidget) if w.isVisible()]
        labels = [w.text() for w in shown if isinstance(w, QLabel)]
        return " | ".join(labels + [w.text() for w in shown if isinstance(w, QPushButton)])

    def panels(self) -> list[Panel]:
        """What is filled at this stop."""
        return [self.window.left, self.window.right] if self.window.stop.wide else [self.window.panel]

    def panel_button(self, text: str) -> QWidget:
        return self.panel_buttons(text)[0]

    def panel_buttons(self, text: str) -> list[QWidget]:
        from PyQt6.QtWidgets import QPushButton

        self.settle()
        buttons = [b for p in self.panels() for b in p.findChildren(QPushButton) if b.isVisible()]
        return [b for b in buttons if (b.text() or b.accessibleName()).replace("&&", "&").startswith(text)]

    def unfold(self, name: str) -> None:
        """Open a group of the panel, as a click on its head does."""
        for head in self.panel_buttons(f"+ {name}"):
            self.click(head)

    def field(self, name: str) -> QWidget:
        """The visible field of the panel with an accessible name."""
        self.settle()
        found = [w for p in self.panels() for w in p.findChildren(QWidget) if w.accessibleName() == name]
        return next(w for w in found if w.isVisible())

    def write(self, field: QWidget, words: str) -> None:
        """Type into a field and press Return, as hands do."""
        field.setFocus()
        field.selectAll()
        QTest.keyClick(field, Qt.Key.Key_Delete)
        QTest.keyClicks(field, words)
        QTest.keyClick(field, Qt.Key.Key_Return)
        self.app.processEvents()


class StopCase(WindowCase, FolderCase):
    """The demo at a stop, on the second line of the first wall."""

    STOP = "Film"

    def setUp(self) -> None:
        FolderCase.setUp(self)
        WindowCase.setUp(self)
        self.open_demo(self.folder)
        self.key(Qt.Key(Qt.Key.Key_1 + [s.name for s in STOPS].index(self.STOP)), Qt.KeyboardModifier.ControlModifier)
        self.first = next(k for k, x in enumerate(self.window.session.lines) if x.wall == 1)
        self.page = self.window.page
        self.page.go_to(self.first + 1)
        self.settle()

    def take(self, name: str) -> Take:
        return self.window.session.project.take(name)

    def commands(self) -> Any:
        """What the actions of this stop are methods of."""
        return self.window.rooms[self.STOP].commands

    def slate_at(self, name: str, take_s: float) -> None:
        self.commands().show_slate(name, take_s)
