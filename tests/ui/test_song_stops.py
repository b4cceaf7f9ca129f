"""At Song: where the music stops is shown and changed in its own fields."""

import unittest
from fractions import Fraction as F
from unittest import mock

from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication, QLineEdit, QSpinBox

from tests.ui.qt import StopCase
from vamos.core.edit.sung import set_sung


class SilenceTest(StopCase):
    STOP = "Song"

    def stop(self):
        (found,) = self.window.session.project.grid.breaks
        return found

    def test_marked_then_measured_by_hand(self):
        grid = self.window.session.project.grid
        self.window.page.go_to_position(F(16))
        self.settle()
        self.click(self.panel_button("The music stops here"))
        self.until(lambda: "4 counts danced" in self.panel_text(), "the stop")
        again = grid.time_map()(F(20))
        self.write(self.field("Beats the music stops for"), "2½")
        self.settle()
        self.assertEqual((self.stop().beats, self.stop().counts), (F(5, 2), F(4)))
        box = self.field("Counts danced while it stops")
        assert isinstance(box, QSpinBox)
        box.setValue(0)
        self.until(lambda: "held still" in self.panel_text(), "nobody counts")
        now = self.window.session.project.grid
        self.assertAlmostEqual(now.time_map()(F(16)), again - 1.5 * 60 / grid.bpm(), delta=0.01)

    def test_no_number_is_told_and_nothing_changes(self):
        self.window.page.go_to_position(F(16))
        self.settle()
        self.click(self.panel_button("The music stops here"))
        self.until(lambda: "4 counts danced" in self.panel_text(), "the stop")
        before = self.stop()
        self.write(self.field("Beats the music stops for"), "long")
        self.until(lambda: "not a number of beats" in self.window.status.words.text(), "the refusal")
        self.assertEqual(self.stop(), before)

    def test_there_it_goes_on_again(self):
        self.window.page.go_to_position(F(16))
        self.settle()
        self.click(self.panel_button("The music stops here"))
        self.until(lambda: "4 counts danced" in self.panel_text(), "the stop")
        self.click(self.panel_button("The music goes on here"))
        self.until(lambda: "danced" not in self.panel_text(), "no stop")
        self.assertEqual(self.window.session.project.grid.breaks, ())


class WholeSongTest(StopCase):
    """Its title, and what is used of it."""

    STOP = "Song"

    def test_title_end_and_fade(self):
        self.write(self.field("Title"), "Lantern Walk")
        self.until(lambda: self.window.session.project.song.title == "Lantern Walk", "the title")
        clock = self.window.session.project.grid.time_map()
        self.write(self.field("Ends at"), f"{clock(F(64)):.2f}")
        self.until(lambda: self.window.session.project.grid.range().end <= 64, "a shorter song")
        self.write(self.field("Fade-out"), "3")
        self.until(lambda: self.window.session.project.song.used.fade_s == 3, "the fade")

        def loudest_behind() -> float:
            heard = self.window.preview.playback.sound
            return 1.0 if heard is None else abs(heard.samples[round((clock(F(64)) + 0.1) * heard.rate) :]).max()

        self.until(lambda: loudest_behind() == 0, "silence behind its end")

    def test_the_dances_1_is_never_cut_off(self):
        late = self.window.session.project.grid.time_map()(F(4))
        self.write(self.field("Begins at"), f"{late:.2f}")
        self.until(lambda: "would be cut off" in self.window.status.words.text(), "the refusal")
        self.assertEqual(self.window.session.project.song.used.start_s, 0)


if __name__ == "__main__":
    unittest.main()


class SungTest(StopCase):
    """Words of the song are noted, named, moved, heard, taken out; the dance starts on one."""

    STOP = "Song"

    def sung(self):
        return [(round(s.song_s, 2), s.words) for s in self.window.session.project.song.sung]

    def test_noted_where_one_stands_then_named_and_moved(self):
        clock = self.window.session.project.grid.time_map()
        self.window.page.go_to_position(F(18))
        self.settle()
        self.window.page.setFocus()
        self.key(Qt.Key.Key_L, Qt.KeyboardModifier.ControlModifier)
        self.until(lambda: isinstance(QApplication.focusWidget(), QLineEdit), "the cursor in the field of the word")
        QTest.keyClicks(QApplication.focusWidget(), "lantern")
        self.key(Qt.Key.Key_Return)
        self.until(lambda: [w for _, w in self.sung()] == ["lantern"], "its name")
        self.assertEqual(self.sung()[0][0], round(clock(F(18)), 2))
        later = clock(F(19)) + 0.01
        self.write(self.field("When it is heard"), f"{later:.2f}")
        self.until(lambda: self.sung() == [(round(later, 2), "lantern")], "its second")
        self.assertIn("count 4", self.panel_text())
        self.write(self.field("When it is heard"), "soon")
        self.until(lambda: "not a time" in self.window.status.words.text(), "the refusal")
        self.assertEqual(self.sung(), [(round(later, 2), "lantern")])
        self.click(self.panel_button("Take away"))
        self.until(lambda: not self.sung(), "none left")

    def test_the_dance_starts_on_it(self):
        grid = self.window.session.project.grid
        heard = grid.time_map()(F(6)) + 0.02
        self.window.session.do("", lambda p: set_sung(p, heard, "drum"))
        self.settle()
        self.click(self.panel_button("Start on it"))
        self.until(lambda: self.window.session.project.grid.lead_in == grid.lead_in + 6, "another 1")
        self.assertAlmostEqual(self.window.session.project.grid.time_map()(F(0)), heard - 0.02, delta=1e-6)
        self.assertEqual(self.window.session.project.dance.starts_on, "“drum”")

    def test_heard_from_a_second_before(self):
        heard = self.window.session.project.grid.time_map()(F(24))
        self.window.session.do("", lambda p: set_sung(p, heard, "drum"))
        self.settle()
        began: list[float] = []
        playback = self.window.preview.playback
        with mock.patch.object(playback, "play", began.append):
            self.click(self.panel_button("Hear it"))
        self.assertEqual(began, [round(heard, 3) - 1.0])
        self.assertEqual(self.window.page.position, F(24))
