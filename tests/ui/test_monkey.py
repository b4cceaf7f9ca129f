"""Two thousand random keys, clicks, actions and drags over odd projects: nothing breaks, everything can be taken back."""

import random
import unittest
from dataclasses import replace
from fractions import Fraction as F

from PyQt6.QtCore import QPoint, Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QAbstractButton, QLineEdit, QPlainTextEdit, QWidget

from tests.support import FolderCase, grid_at
from tests.ui.qt import WindowCase
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song
from vamos.ui.parts.action import Scope
from vamos.ui.stops import STOPS

#: So many actions in all, over five projects.
ACTIONS = 600
ODD = '<img src="x"> & ½ “a” \u202e\U0001f98a'
KEYS = (
    *(Qt.Key(k) for k in range(Qt.Key.Key_A, Qt.Key.Key_Z + 1)),
    *(Qt.Key(k) for k in range(Qt.Key.Key_0, Qt.Key.Key_9 + 1)),
    Qt.Key.Key_Left,
    Qt.Key.Key_Right,
    Qt.Key.Key_Up,
    Qt.Key.Key_Down,
    Qt.Key.Key_PageDown,
    Qt.Key.Key_Home,
    Qt.Key.Key_End,
    Qt.Key.Key_Space,
    Qt.Key.Key_Return,
    Qt.Key.Key_Escape,
    Qt.Key.Key_Tab,
    Qt.Key.Key_Backtab,
    Qt.Key.Key_F2,
    Qt.Key.Key_Comma,
    Qt.Key.Key_Period,
    Qt.Key.Key_BracketLeft,
    Qt.Key.Key_BracketRight,
    Qt.Key.Key_Delete,
)
MODIFIERS = (
    Qt.KeyboardModifier.NoModifier,
    Qt.KeyboardModifier.NoModifier,
    Qt.KeyboardModifier.ShiftModifier,
    Qt.KeyboardModifier.ControlModifier,
    Qt.KeyboardModifier.AltModifier,
    Qt.KeyboardModifier.ControlModifier | Qt.KeyboardModifier.ShiftModifier,
)
#: They open a dialog, begin long work or close the window; they have tests of their own.
LEFT_ALONE = {
    "quit",
    "open_demo",
    "new_project",
    "find_grid",
    "place_takes",
    "look_for_movement",
    "show_keys",
    "tap",
    "tap_counts",
}


class MonkeyTest(WindowCase, FolderCase):
    def setUp(self) -> None:
        FolderCase.setUp(self)
        WindowCase.setUp(self)
        self.window.keys.add("Ctrl+N", lambda: None)
        for name in ("ask_open", "ask_save", "ask_folder"):
            setattr(self.window.desk, name, lambda *_a: None)
        self.window.desk.ask_open_many = lambda *_a: []

    def song_only(self) -> Project:
        return Project(name="song", song=Song(MediaRef("none.wav", 1, 40.0, "x"), "none", grid_at(120, 80, 0.5, 8)))

    def test_the_monkey(self):
        rng = random.Random(20260101)
        dance = Dance(ODD, (Section(ODD, 8), Section("tag", 4)), (Item(ItemKind.WALL), Item(ItemKind.TAG, ("tag",))))
        song = self.song_only()
        projects = {
            "empty": Project(),
            "song only": song,
            "dance only": Project(name="dance", dance=dance),
            "odd names": replace(song, name=ODD, dance=dance),
        }
        for name, project in projects.items():
            with self.subTest(project=name):
                self.window.session.new()
                self.window.session.do("begin", lambda _p, q=project: q)
                self.play(rng, ACTIONS // 5)
        with self.subTest(project="demo"):
            self.open_demo(self.folder)
            self.play(rng, ACTIONS // 5)

    def play(self, rng: random.Random, times: int) -> None:
        for number in range(times):
            rng.choice((self.press, self.press, self.click_somewhere, self.type_words, self.act, self.go))(rng)
            if number % 20 == 0:
                self.app.processEvents()
        # What is half-typed is written when the hands go elsewhere.
        if self.app.focusWidget() is not None:
            self.app.focusWidget().clearFocus()
        self.settle()
        history, session = self.window.session.document.history, self.window.session
        found = []
        for _ in range(2):
            while history.redo_name is not None:
                session.redo()
            found.append(session.project)
            while history.undo_name is not None:
                session.undo()
        self.assertEqual(*found)
        self.settle()

    def press(self, rng: random.Random) -> None:
        key, modifier = rng.choice(KEYS), rng.choice(MODIFIERS)
        if modifier & Qt.KeyboardModifier.ControlModifier and key in (
            Qt.Key.Key_Q,
            Qt.Key.Key_N,
            Qt.Key.Key_P,
            Qt.Key.Key_T,
        ):
            return
        if key is Qt.Key.Key_T:
            return
        self.now += rng.choice((0.05, 1.0))
        QTest.keyClick(self.window.windowHandle(), key, modifier)

    def click_somewhere(self, rng: random.Random) -> None:
        shown = [
            w
            for w in self.window.findChildren(QWidget)
            if w.isVisible() and w.isEnabled() and min(w.width(), w.height()) > 4
        ]
        widget = rng.choice(shown)
        if isinstance(widget, QAbstractButton) and any(
            part in widget.text() for part in ("demo", "Place", "Look for movement", "Stop", "Open the folder")
        ):
            return
        point = QPoint(rng.randrange(widget.width()), rng.randrange(widget.height()))
        if widget.metaObject().className() in ("QMenuBar", "QComboBox", "Choice"):
            return
        QTest.mouseClick(widget, Qt.MouseButton.LeftButton, pos=point)

    def type_words(self, rng: random.Random) -> None:
        fields = [
            w for w in self.window.findChildren(QWidget) if w.isVisible() and isinstance(w, QLineEdit | QPlainTextEdit)
        ]
        if fields:
            field = rng.choice(fields)
            field.setFocus()
            words = rng.choice(("walk R 1, walk L 2", "x", "12", "wall wall", ODD, "2*wall tag"))
            if words is ODD and isinstance(field, QLineEdit):
                field.insert(words)
            elif words is not ODD:
                QTest.keyClicks(field, words)

    def act(self, rng: random.Random) -> None:
        entry = rng.choice([b for b in self.window.actions_bound if b.action.name not in LEFT_ALONE])
        if entry.action.scope is Scope.ANYWHERE or not entry.stop or entry.stop == self.window.stop.name:
            entry.run()

    def go(self, rng: random.Random) -> None:
        self.window.go_to_stop(rng.choice(STOPS).name)
        lines = self.window.session.lines
        if lines:
            self.window.page.go_to(rng.randrange(len(lines)), F(rng.randrange(8)))


if __name__ == "__main__":
    unittest.main()
