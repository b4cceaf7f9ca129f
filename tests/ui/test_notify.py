"""A word when long work ends and one is elsewhere; none for short work, or when one looks on."""

import unittest
from unittest import mock

from tests.ui.qt import WindowCase
from vamos.ui.frame.notify import LONG_S, EndOfWork


class NotifyTest(WindowCase):
    def told(self, seconds: float, active: bool) -> list[str]:
        now = [100.0]
        end = EndOfWork(self.window, lambda: now[0])
        words: list[str] = []
        end.told = words.append
        end.begin("Writing the pack")
        now[0] += seconds
        with mock.patch.object(self.window, "isActiveWindow", return_value=active):
            end.end()
            end.end()
        return words

    def test_when_it_is_told(self):
        self.assertEqual(self.told(LONG_S + 1, active=False), ["Writing the pack: finished."])
        self.assertEqual(self.told(LONG_S + 1, active=True), [])
        self.assertEqual(self.told(LONG_S - 1, active=False), [])

    def test_the_windows_own_work_is_told(self):
        words: list[str] = []
        self.window.end_of_work.told = words.append
        self.window.end_of_work._clock = iter(range(0, 1000, 20)).__next__
        with mock.patch.object(self.window, "isActiveWindow", return_value=False):
            self.window.runner.run("Something long", lambda _progress: None, lambda _result: None)
            self.idle()
        self.assertEqual(words, ["Something long: finished."])

    def test_without_a_desktop_nothing_happens(self):
        from vamos.ui.frame import notify

        with mock.patch.dict("os.environ", {"DBUS_SESSION_BUS_ADDRESS": "unix:path=/nowhere"}):
            notify._tell_desktop("finished")


if __name__ == "__main__":
    unittest.main()
