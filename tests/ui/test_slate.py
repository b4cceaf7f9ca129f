"""The slate: a take matched by eye, counts dragged and tapped."""

import unittest
from dataclasses import replace

from PyQt6.QtCore import QPoint, Qt
from PyQt6.QtTest import QTest

from tests.ui.qt import StopCase
from vamos.core.model.take import PassKind, Spoken

Ctrl, Alt = Qt.KeyboardModifier.ControlModifier, Qt.KeyboardModifier.AltModifier


class SlateTest(StopCase):
    def setUp(self) -> None:
        super().setUp()
        self.slate = self.window.rooms["Film"].commands.slate

    def heard(self) -> None:
        self.until(lambda: self.slate.peaks is not None, "the sound of the take is read")

    def test_there_and_back(self):
        """E opens the take in the mirror at this count, E goes back to the page."""
        at = self.window.rooms["Film"].commands.moment()
        self.key(Qt.Key.Key_E)
        self.assertTrue(self.window.rooms["Film"].commands.slate_open)
        self.assertEqual((self.slate.take_id, self.slate.take_s), (at[0].name, at[1]))
        self.until(lambda: self.slate.picture.image is not None, "a picture")
        self.key(Qt.Key.Key_E)
        self.assertIs(self.window.center.currentWidget(), self.window.page)

    def test_frames_of_the_film(self):
        """Comma and full stop go by the film's own frames (the test demo has ten a second, unevenly), there and back."""
        self.slate_at("front", 5.0)
        self.key(Qt.Key.Key_Period)
        self.until(lambda: self.slate.take_s != 5.0, "a frame on")
        first = self.slate.take_s
        self.key(Qt.Key.Key_Period)
        self.until(lambda: self.slate.take_s != first, "another")
        self.assertAlmostEqual(self.slate.take_s - first, 1 / 10, delta=0.01)
        self.key(Qt.Key.Key_Comma)
        self.until(lambda: abs(self.slate.take_s - first) < 1e-6, "back again")

    def test_a_take_without_sound_is_matched_by_eye(self):
        """A step seen at 12.4 s is count 3 of a line: the whole take lies there; undone in one step."""
        empty = replace(self.take("back"), passes=(), looked_for_passes=True)
        self.window.session.do("empty", lambda p: replace(p, takes=(empty,)))
        self.click(self.panel_button("Match by eye"))
        self.slate.go_to(12.4)
        self.key(Qt.Key.Key_3)
        self.assertIn("3 of line", self.window.status.main.text())
        self.key(Qt.Key.Key_Return)
        (placed,) = self.take("back").passes
        clock = self.window.session.project.grid.time_map()
        line = self.window.session.lines[self.first + 1]
        self.assertAlmostEqual(placed.clock(12.4), clock(line.start + 2))
        self.key(Qt.Key.Key_Z, Ctrl)
        self.assertEqual(self.take("back").passes, ())

    def test_the_next_sudden_sound(self):
        self.slate_at("slow counted", 0.0)
        self.heard()
        self.slate.next_sound(1)
        first = self.slate.take_s
        self.assertGreater(first, 0.5)
        self.slate.next_sound(1)
        self.assertGreater(self.slate.take_s, first)
        self.slate.next_sound(-1)
        self.assertAlmostEqual(self.slate.take_s, first)

    def test_a_count_is_dragged(self):
        """The mark of a count is dragged a tenth of a second to the right."""
        self.slate_at("slow counted", self.take("slow counted").passes[0].clock.x[4] + 0.1)
        self.heard()
        before = self.take("slow counted").passes[0].clock
        wave = self.slate.wave
        x = wave.x_of(before.x[4])
        there = QPoint(round(wave.x_of(before.x[4] + 0.1)), 60)
        QTest.mousePress(wave, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier, QPoint(round(x), 60))
        QTest.mouseMove(wave, there)
        QTest.mouseRelease(wave, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier, there)
        after = self.take("slow counted").passes[0].clock
        self.assertAlmostEqual(after.x[4], before.x[4] + 0.1, delta=0.01)
        self.assertEqual(after.x[5], before.x[5])

    def test_a_click_on_the_wave_goes_there(self):
        self.slate_at("front", 5.0)
        self.click(self.slate.wave, self.slate.wave.x_of(5.8), 60)
        self.assertAlmostEqual(self.slate.take_s, 5.8, delta=0.01)

    def test_tapped_along(self):
        """T starts the take; taps on its counts make the pass anew, with the numbers it had."""
        self.slate_at("slow counted", 2.0)
        self.heard()
        old = self.take("slow counted").passes[0]
        self.key(Qt.Key.Key_T)
        self.assertTrue(self.slate.playback.playing)
        self.slate.tapping.taps = [x + 0.04 for x in old.clock.x[2:12]]
        self.slate.tapping.finish()
        self.idle()
        new = next(p for p in self.take("slow counted").passes if p.reason == "counts tapped by hand")
        self.assertIs(new.kind, PassKind.COUNTED)
        self.assertAlmostEqual(new.clock(old.clock.x[6]), old.clock.y[6], delta=0.12)

    def test_too_few_taps_change_nothing(self):
        self.slate_at("slow counted", 2.0)
        before = self.window.session.project
        self.slate.tapping.taps = [1.0, 2.0]
        self.slate.tapping.finish()
        self.assertIs(self.window.session.project, before)
        self.assertIn("too few", self.window.status.words.text())

    def test_marks_on_the_slate_are_the_take_s(self):
        """Alt+S with a take on the slate marks that take at that second."""
        self.slate_at("back", 4.0)
        self.key(Qt.Key.Key_S, Alt)
        self.assertIs(self.take("back").stretch_at(4.5).spoken, Spoken.DANCER)
        self.assertIs(self.take("back").stretch_at(3.5).spoken, Spoken.NONE)
        self.assertIn("he words mean the dancer's own sides", self.panel_text())

    def test_a_film_that_is_gone(self):
        gone = replace(self.take("back"), media=replace(self.take("back").media, path="gone.mp4", fingerprint="x"))
        self.window.session.do("gone", lambda p: replace(p, takes=(gone,)))
        self.slate_at("back", 1.0)
        self.assertIn("gone.mp4", self.window.status.words.text())


if __name__ == "__main__":
    unittest.main()
