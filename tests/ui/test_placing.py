"""The window fits the screen it opens on, and comes back to where one was."""

from fractions import Fraction

from PyQt6.QtCore import QRect, QSize

from tests.ui.qt import StopCase
from vamos.ui.frame import placing
from vamos.ui.work.settings import PLACES, WINDOW


class PlacingTest(StopCase):
    STOP = "Cut"

    def test_on_a_small_screen_it_fills_what_is_free(self):
        """1280 × 800 and 1366 × 768 with a bar of 28 at the bottom: smaller than that and filling it."""
        for width, height in ((1280, 800), (1366, 768), (1024, 768)):
            size, fills = placing.opening_size(QRect(0, 0, width, height - 28))
            self.assertTrue(fills)
            self.assertLess(size.height(), height - 28)
            self.assertLess(size.width(), width)
        self.assertEqual(placing.opening_size(QRect(0, 0, 1920, 1080)), (QSize(1280, 800), False))
        last = QSize(1700, 950)
        self.assertEqual(placing.opening_size(QRect(0, 0, 1920, 1080), last), (last, False))
        self.assertTrue(placing.opening_size(QRect(0, 0, 1366, 740), last)[1])

    def test_it_comes_back_to_stop_and_count(self):
        self.window.go_to_stop("Film")
        self.window.page.go_to_position(Fraction(19))
        path = self.window.session.path
        placing.remember(self.window, path, placing.Place("Film", Fraction(19)))
        self.window.go_to_stop("Song")
        self.window.page.go_to_position(Fraction(0))
        self.window.come_back(path)
        self.assertEqual((self.window.stop.name, self.window.page.position), ("Film", Fraction(19)))
        size = self.window.size()
        self.assertEqual(WINDOW.get(), f"{size.width()} {size.height()}")

    def test_what_is_damaged_is_forgotten(self):
        path = self.window.session.path
        for stored in ("{", "[]", '{"x": 1}', f'{{"{path.absolute()}": ["Nowhere", "1/0"]}}'):
            PLACES.set(stored)
            self.window.come_back(path)
            self.assertEqual(self.window.stop.name, "Cut")
        WINDOW.set("wide very")
        placing.place(self.window)
        self.assertGreaterEqual(self.window.width(), 400)
