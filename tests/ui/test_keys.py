"""Keys work where they make sense: words typed anywhere change nothing, letters can be switched off."""

import unittest
from dataclasses import replace

from PyQt6.QtCore import QPoint, QPointF, Qt
from PyQt6.QtGui import QKeyEvent, QWheelEvent
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QLabel

from tests.ui.qt import StopCase
from vamos.ui.frame.typing_guard import TypingGuard
from vamos.ui.parts.fields import Choice, CountField
from vamos.ui.stops import STOPS

Ctrl, Shift, Alt = (
    Qt.KeyboardModifier.ControlModifier,
    Qt.KeyboardModifier.ShiftModifier,
    Qt.KeyboardModifier.AltModifier,
)
Key = Qt.Key
SENTENCE = "walk fwd R 1 2, kick ball change R 3 & 4"


class KeysCase(StopCase):
    STOP = "Song"

    def state(self) -> tuple[object, ...]:
        """All that a key could change but the count the page stands on."""
        preview = self.window.preview
        return (
            self.window.session.project,
            preview.looping,
            preview.clicking,
            preview.watched.speed,
            preview.watched.view,
            preview.watched.kind,
            preview.playback.playing,
            self.window.rooms["Song"].commands.tapping.taps,
            self.window.stop.name,
            self.window.center.view,
        )

    def type_at_once(self, words: str) -> None:
        """Words in quick succession, to whatever has the focus."""
        self.now += 5.0
        for letter in words:
            self.now += 0.09
            QTest.keyClick(self.window.windowHandle(), letter)
        self.now += 5.0
        self.window.keys.guard.act()
        self.app.processEvents()


class TypingTest(KeysCase):
    def test_a_sentence_changes_nothing_at_any_stop(self):
        """With the focus on the page, on a button, or nowhere at all."""
        for stop in STOPS:
            self.window.go_to_stop(stop.name)
            self.settle()
            before = self.state()
            for place in ("page", "button", "nowhere"):
                with self.subTest(stop=stop.name, focus=place):
                    if place == "page":
                        self.page.setFocus()
                    elif place == "button":
                        self.window.buttons.by_name["loop"].setFocus()
                    elif self.app.focusWidget() is not None:
                        self.app.focusWidget().clearFocus()
                    self.type_at_once(SENTENCE)
                    self.assertEqual(self.state(), before)

    def test_it_says_that_words_did_nothing(self):
        self.page.setFocus()
        self.type_at_once(SENTENCE)
        self.assertIn("These are words", self.window.status.words.text())

    def test_after_new_section_the_cursor_is_in_its_field(self):
        """What is typed next stands in the field, and Return writes it."""
        self.window.go_to_stop("Dance")
        self.key(Key.Key_Return, Ctrl)
        self.settle()
        self.assertEqual(self.app.focusWidget().accessibleName(), "Notation of the section")
        self.type_at_once("walk R 1, walk L 2")
        QTest.keyClick(self.app.focusWidget(), Key.Key_Return)
        new = self.window.desk.line().section
        self.assertEqual([e.name for e in new.events], ["walk", "walk"])

    def test_a_letter_alone_is_a_key(self):
        self.page.setFocus()
        self.key(Key.Key_L)
        self.assertTrue(self.window.preview.looping)


class PlacesTest(KeysCase):
    def test_keys_that_change_the_song_work_at_song_only(self):
        grid = self.window.session.project.grid
        for stop in STOPS[1:]:
            self.window.go_to_stop(stop.name)
            self.settle()
            for key, modifier in (
                (Key.Key_Right, Shift),
                (Key.Key_H, Ctrl),
                (Key.Key_B, Ctrl),
                (Key.Key_D, Ctrl | Shift),
            ):
                self.key(key, modifier)
            self.assertIs(self.window.session.project.grid, grid, stop.name)

    def test_return_does_what_the_main_button_says(self):
        """At Song one listens to the 1 and says that it is right, at Dance a field opens on the count."""
        song = self.window.session.project.song
        self.window.session.do("new", lambda p: replace(p, song=replace(song, agreed=False)))
        self.settle()
        self.key(Key.Key_Return)
        self.assertTrue(self.window.preview.playback.playing)
        self.assertFalse(self.window.session.project.song.agreed)
        self.key(Key.Key_Return)
        self.assertTrue(self.window.session.project.song.agreed)
        self.assertFalse(self.window.preview.playback.playing)
        self.window.go_to_stop("Dance")
        self.page.setFocus()
        self.key(Key.Key_Return)
        self.assertIn("Count", self.app.focusWidget().accessibleName())

    def test_return_on_a_button_presses_it(self):
        self.settle()
        button = self.panel_button("1 later")
        button.setFocus()
        before = self.window.session.project.grid.lead_in
        self.key(Key.Key_Return)
        self.assertEqual(self.window.session.project.grid.lead_in, before + 1)

    def test_changes_need_the_page_in_focus_and_escape_goes_there(self):
        """With a button in focus, Shift and an arrow say where they work."""
        grid = self.window.session.project.grid
        self.window.buttons.by_name["loop"].setFocus()
        self.key(Key.Key_Right, Shift)
        self.assertIs(self.window.session.project.grid, grid)
        self.assertIn("Esc goes there", self.window.status.words.text())
        self.key(Key.Key_Escape)
        self.assertTrue(self.page.hasFocus())
        self.key(Key.Key_Right, Shift)
        self.assertIsNot(self.window.session.project.grid, grid)

    def test_letters_can_be_switched_off(self):
        """WCAG 2.2, success criterion 2.1.4: letters, digits and signs do nothing; Space, arrows and Ctrl keys do."""
        self.page.setFocus()
        self.addCleanup(lambda: self.window.keys.letters or self.window.toggle_letters())
        self.window.toggle_letters()
        before = self.state(), self.page.position
        for key in (Key.Key_L, Key.Key_S, Key.Key_K, Key.Key_5, Key.Key_Comma, Key.Key_Period):
            self.key(key)
        self.assertEqual((self.state(), self.page.position), before)
        self.key(Key.Key_Space)
        self.assertTrue(self.window.preview.playback.playing)
        self.key(Key.Key_Space)

    def test_a_held_key_does_not_change_again_and_again(self):
        lead_in = self.window.session.project.grid.lead_in
        self.page.setFocus()
        for held in (False, True, True):
            event = QKeyEvent(QKeyEvent.Type.KeyPress, Key.Key_Right, Shift, "", held)
            self.app.sendEvent(self.window.windowHandle(), event)
        self.assertEqual(self.window.session.project.grid.lead_in, lead_in + 1)

    def test_every_change_is_said_and_goes_with_the_next_move(self):
        self.page.setFocus()
        self.key(Key.Key_Right, Shift)
        self.assertEqual(self.window.status.words.text(), "The 1 is one count later. Ctrl+Z takes it back.")
        self.settle()
        self.assertIn("Undo: move the 1", self.window.menus.entries["undo"].text())
        self.key(Key.Key_Down)
        self.assertEqual(self.window.status.words.text(), "")
        self.key(Key.Key_Z, Ctrl)
        self.assertIn("Taken back: move the 1", self.window.status.words.text())

    def test_a_menu_entry_goes_to_its_stop_first(self):
        self.window.menus.entries["edge_start"].trigger()
        self.assertEqual(self.window.stop.name, "Cut")


class WheelTest(KeysCase):
    def test_the_wheel_changes_no_box(self):
        """Scrolling over a choice or a number scrolls the panel."""
        self.window.go_to_stop("Dance")
        self.settle()
        before = self.window.session.project
        for kind in (Choice, CountField):
            box = next(b for b in self.window.panel.findChildren(kind) if b.isVisible())
            at = QPointF(box.rect().center())
            wheel = QWheelEvent(
                at,
                box.mapToGlobal(at),
                QPoint(0, -120),
                QPoint(0, -120),
                Qt.MouseButton.NoButton,
                Qt.KeyboardModifier.NoModifier,
                Qt.ScrollPhase.NoScrollPhase,
                False,
            )
            self.app.sendEvent(box, wheel)
        self.assertIs(self.window.session.project, before)


class KeysPageTest(KeysCase):
    def words(self) -> str:
        return " ".join(w.text() for w in self.window.keys_page.findChildren(QLabel))

    def test_the_stop_one_stands_at_comes_first_and_it_can_be_searched(self):
        self.window.go_to_stop("Film")
        self.key(Key.Key_F1)
        page = self.window.keys_page
        self.assertEqual(page.groups[0][0], "Here, at Film")
        QTest.keyClicks(page.search, "match eye")
        self.app.processEvents()
        shown = [w.text() for w in page._scroll.widget().findChildren(QLabel)]
        self.assertIn("Match by eye", shown)
        self.assertNotIn("Wall map", shown)
        page.close()


class GuardTest(unittest.TestCase):
    """Two different letters in quick succession are words; the same one twice, or slowly, are keys."""

    def setUp(self) -> None:
        from tests.ui.qt import application

        application()
        self.now = 0.0
        self.done: list[str] = []
        self.guard = TypingGuard(None, lambda: self.now)

    def press(self, text: str, after: float) -> bool:
        self.now += after
        return self.guard.ask(text, lambda: self.done.append(text), False)

    def test_words(self):
        for letter in "walk":
            self.press(letter, 0.1)
        self.press(" ", 0.1)
        self.guard.act()
        self.assertEqual(self.done, [])

    def test_the_same_letter_again_and_slow_letters(self):
        for letter, after in (("s", 1.0), ("s", 0.1), ("l", 0.5)):
            self.press(letter, after)
        self.guard.act()
        self.assertEqual(self.done, ["s", "s", "l"])

    def test_after_a_rest_keys_are_keys_again(self):
        for letter in "wa":
            self.press(letter, 0.1)
        self.press("l", 0.9)
        self.guard.act()
        self.assertEqual(self.done, ["l"])


if __name__ == "__main__":
    unittest.main()
