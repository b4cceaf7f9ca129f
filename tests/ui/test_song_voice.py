"""At Song: voices in the takes are asked where the 1 is; what they say is offered, and done by one button."""

import unittest
from unittest import mock

from tests.ui.qt import StopCase
from vamos.core.align.said_one import SaidOne
from vamos.errors import InputError
from vamos.ui.stops.song import commands


class VoiceTest(StopCase):
    STOP = "Song"

    def listen(self, answer: SaidOne) -> None:
        with mock.patch.object(commands, "said_one", return_value=answer):
            self.click(self.panel_button("Listen for it in the takes"))
            self.until(lambda: "voice" in self.panel_text(), "an answer")

    def test_another_one_is_offered_and_moved(self):
        before = self.window.session.project.grid.lead_in
        self.listen(SaidOne(2, 40, 50, ("back",)))
        self.assertIn("2 counts later than lines begin (40 of 50 numbers)", self.panel_text())
        self.click(self.panel_button("Move it there"))
        self.assertEqual(self.window.session.project.grid.lead_in, before + 2)
        self.until(lambda: "Listen for it" in self.panel_text(), "the question again: the beat is another one now")
        self.window.session.undo()
        self.assertEqual(self.window.session.project.grid.lead_in, before)

    def test_the_same_one_is_said(self):
        self.listen(SaidOne(0, 30, 36, ("back",)))
        self.assertIn("where lines begin", self.panel_text())
        self.assertNotIn("Move it there", self.panel_text())

    def test_nothing_understood_and_refusals_are_told(self):
        self.listen(SaidOne(0, 0, 12, ("back", "front")))
        self.assertIn("nothing was changed", self.panel_text())
        self.commands().heard = (None, None)
        with mock.patch.object(commands, "said_one", side_effect=InputError("Numbers cannot be listened for here.")):
            self.commands().listen()
            self.until(lambda: "Numbers cannot" in self.window.status.words.text(), "the refusal")


if __name__ == "__main__":
    unittest.main()
