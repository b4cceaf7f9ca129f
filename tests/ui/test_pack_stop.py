"""At Pack: what packs are made for, with how much they come to; more sounds; all of it can be taken back."""

import unittest

from tests.ui.qt import StopCase
from vamos.core.model.clip import ClipSound


class ProfilesTest(StopCase):
    STOP = "Pack"

    def output(self):
        return self.window.session.project.output

    def test_another_purpose_and_back(self):
        before = self.output()
        self.assertIn("mirrored and from the back", self.panel_text())
        self.click(self.panel_button("Dance-along"))
        self.until(lambda: "2 films" in self.panel_text(), "how much it comes to")
        self.assertFalse(self.output().sections)
        self.assertEqual(self.output().also_sound, (ClipSound.CLICKS,))
        self.window.session.undo()
        self.assertEqual(self.output(), before)

    def test_what_is_changed_is_of_one_s_own(self):
        self.click(self.panel_button("Practice pack"))
        self.settle()
        self.click(self.panel_button("25 %"))
        self.until(lambda: "Settings of your own" in self.panel_text(), "that it is no profile any more")

    def test_settings_kept_under_a_name(self):
        """Changed, kept, shown as chosen, found after another purpose was tried, forgotten."""
        self.click(self.panel_button("25 %"))
        self.until(lambda: "Settings of your own" in self.panel_text(), "that it is no profile")
        self.write(self.field("Name of a profile of your own"), "Tuesday class")
        self.until(lambda: "kept for all projects" in self.panel_text(), "that it is kept")
        kept = self.output()
        self.click(self.panel_button("Dance-along"))
        self.settle()
        self.click(self.panel_button("Tuesday class"))
        self.settle()
        self.assertEqual(self.output(), kept)
        self.click(self.panel_button("Forget “Tuesday class”"))
        self.settle()
        self.assertEqual(self.panel_buttons("Tuesday class"), [])

    def test_a_class_set_asks_which_section_is_new(self):
        self.click(self.panel_button("Class set"))
        self.settle()
        box = self.field("The section that is new")
        box.chosen("Stall turn")
        self.settle()
        self.assertEqual(self.output().new_section, "Stall turn")
        self.assertTrue(self.panel_button("Class set").isChecked())

    def test_nothing_to_write_is_said(self):
        self.click(self.panel_button("Section posts"))
        self.settle()
        self.click(self.field("A clip for each section"), 12, 12)
        self.until(lambda: "Nothing would be written" in self.panel_text(), "that it would be empty")


if __name__ == "__main__":
    unittest.main()
