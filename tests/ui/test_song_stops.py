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
        self.until(lambda: "no number of beats" in self.window.status.words.text(), "the refusal")
        self.assertEqual(self.stop(), before)

    def test_there_it_goes_on_again(self):
        self.window.page.go_to_position(F(16))
        self.settle()
        self.click(self.panel_button("The music stops here"))
        self.until(lambda: "4 counts danced" in self.panel_text(), "the stop")
        self.click(self.panel_button("The music goes on here"))
        self.until(lambda: "danced" not in self.panel_text(), "no stop")
        self.assertEqual(self.window.session.project.grid.breaks, ())


if __name__ == "__main__":
    unittest.main()
