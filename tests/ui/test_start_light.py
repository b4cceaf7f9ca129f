"""The window opens with what it shows; everything else is loaded when the window has time, or when it is needed."""

import subprocess
import sys
import unittest
from unittest import mock

from tests.ui.qt import WindowCase
from vamos.ui.stops import STOPS
from vamos.ui.window import Window


class LightTest(unittest.TestCase):
    def test_what_is_not_seen_at_first_is_not_loaded(self):
        """No films, fonts of plates, reader of dances, lesson, pack nor science for a window that stands empty."""
        heavy = ("av", "PIL", "scipy", "vamos.core.render.compose", "vamos.core.pack.write", "vamos.core.lesson.plan")
        heavy += ("vamos.core.dance.typed.reading", "vamos.core.align.place", "vamos.cli.parser")
        code = "import sys, vamos.cli.main, vamos.ui.app, vamos.ui.window\n"
        code += f"print([m for m in {heavy!r} if m in sys.modules])"
        done = subprocess.run([sys.executable, "-c", code], capture_output=True, text=True, check=True)
        self.assertEqual(done.stdout.strip(), "[]")


class RoomsTest(WindowCase):
    def test_rooms_open_by_themselves_and_the_route_knows_them_then(self):
        # Before anything has happened in it; on a busy machine the other window has gone on by now.
        fresh = Window()
        self.addCleanup(fresh.deleteLater)
        self.assertEqual(set(fresh.rooms.open), {"Song"})
        fresh.close()
        self.until(lambda: len(self.window.rooms.open) == 6, "all rooms")
        self.settle()
        self.assertTrue(all(s.words for s in self.window.route.states.values()))

    def test_a_room_entered_before_its_turn_opens_at_once(self):
        self.window.go_to_stop("Pack")
        self.assertIn("Pack", self.window.rooms.open)
        room = self.window.rooms["Pack"]
        self.until(lambda: len(self.window.rooms.open) == 6, "all rooms")
        self.assertIs(self.window.rooms["Pack"], room)

    def test_every_action_has_its_method(self):
        for stop in STOPS:
            for action in stop.actions:
                with self.subTest(stop=stop.name, action=action.name):
                    self.assertTrue(callable(getattr(self.window.rooms.commands(stop.name), action.name)))

    def test_an_action_opens_its_room(self):
        bound = next(b for b in self.window.actions_bound if b.action.name == "write_count")
        with mock.patch("vamos.ui.stops.dance.commands.DanceCommands.write_count") as written:
            bound.run()
        written.assert_called_once()


if __name__ == "__main__":
    unittest.main()
