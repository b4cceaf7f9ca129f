"""At Song: where the music stops is shown and changed in its own fields."""

import unittest
from fractions import Fraction as F

from PyQt6.QtWidgets import QSpinBox

from tests.ui.qt import StopCase


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
