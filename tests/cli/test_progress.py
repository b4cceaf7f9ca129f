"""Progress on a terminal and in a log."""

import io
import unittest

from vamos.cli.progress import Terminal
from vamos.errors import Stopped


class Screen(io.StringIO):
    def isatty(self) -> bool:
        return True


class TerminalTest(unittest.TestCase):
    def test_a_log_gets_whole_lines_now_and_then(self):
        stream = io.StringIO()
        progress = Terminal(stream).progress()
        for k in range(50):
            progress(k / 100, "Writing")
        progress(1.0, "Done")
        lines = stream.getvalue().splitlines()
        self.assertLessEqual(len(lines), 3)
        self.assertEqual(lines[-1], "100% Done")

    def test_a_screen_rewrites_one_line(self):
        stream = Screen()
        terminal = Terminal(stream)
        terminal.progress()(0.25, "Writing")
        terminal.say("A message.")
        self.assertIn("\r", stream.getvalue())
        self.assertTrue(stream.getvalue().endswith("\nA message.\n"))

    def test_silent_shows_messages_only(self):
        stream = io.StringIO()
        terminal = Terminal(stream, silent=True)
        terminal.progress()(1.0, "Done")
        terminal.say("A message.")
        self.assertEqual(stream.getvalue(), "A message.\n")

    def test_stop_is_heeded(self):
        terminal = Terminal(io.StringIO())
        terminal.stop = True
        with self.assertRaises(Stopped):
            terminal.progress()(0.1, "x")


if __name__ == "__main__":
    unittest.main()
