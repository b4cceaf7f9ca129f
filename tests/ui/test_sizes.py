"""Every stop at every size: the main action in sight at one place, nothing cut off."""

import contextlib
import os
import subprocess
import sys
import unittest
from unittest import mock

from PyQt6.QtWidgets import QWidget

from tests.ui.qt import StopCase
from vamos.language import LANGUAGES
from vamos.ui.page import fit
from vamos.ui.parts.buttons import Button
from vamos.ui.stops import STOPS
from vamos.wording import ENGLISH, language

#: 1280 × 720 is 2560 × 1440 at twice the size, 960 × 540 is 1920 × 1080.
SIZES = ((960, 540), (1024, 768), (1280, 720), (1280, 800), (1920, 1080), (2560, 1440))


class SizesTest(StopCase):
    STOP = "Song"

    def test_all_stops_at_all_sizes(self):
        # In a language with longer words, the smallest and a usual one.
        for size in SIZES if language() == ENGLISH else SIZES[:3:2]:
            self.window.resize(*size)
            places = set()
            for stop in STOPS:
                self.window.go_to_stop(stop.name)
                self.settle()
                with self.subTest(size=size, stop=stop.name):
                    self.assertEqual((self.window.width(), self.window.height()), size)
                    self.whole(self.window.status.main)
                    main = self.window.status.main
                    places.add(str(main.geometry()))
                    self.nothing_cut()
            self.assertEqual(len(places), 1, size)

    def test_whole_words_on_a_laptop(self):
        """At 1280 × 800 nothing that is painted on the page, the route or a picture of counts is cut with a sign."""
        self.window.resize(1280, 800)
        cut = set()

        def fitted(text, face, room):
            shown = whole_text(text, face, room)
            if shown != text:
                cut.add((text, shown))
            return shown

        whole_text = fit.fitted
        painters = ("vamos.ui.page.paint", "vamos.ui.frame.route", "vamos.ui.stops.dance.counts_picture")
        with contextlib.ExitStack() as all_of_them:
            for painter in painters:
                all_of_them.enter_context(mock.patch(f"{painter}.fitted", fitted))
            for stop in STOPS:
                self.window.go_to_stop(stop.name)
                self.settle()
                self.window.grab()
        self.assertEqual(cut, set())

    def whole(self, widget: QWidget) -> None:
        """A widget lies within the window and has the room its words need."""
        self.assertTrue(widget.isVisible())
        corner = widget.mapTo(self.window, widget.rect().bottomRight())
        self.assertTrue(self.window.rect().contains(corner), corner)
        self.assertGreaterEqual(widget.width(), widget.minimumSizeHint().width())

    def too_low(self) -> list[QWidget]:
        """What is in a panel with less height than its rows take."""
        columns = [panel.column for panel in self.panels()]
        held = [c.itemAt(k).widget() for c in columns for k in range(c.count())]
        wraps = [w for w in held if w is not None and w.hasHeightForWidth()]
        return [w for w in wraps if w.height() < w.heightForWidth(w.width())]

    def nothing_cut(self) -> None:
        """No button of a panel or of the mirror is narrower than its words or reaches out at the side; what wraps is
        as high as its rows.
        """
        self.until(lambda: not self.too_low(), "all rows have room", 5.0)
        for root in (*self.panels(), self.window.buttons):
            area = root.parentWidget()
            self.assertLessEqual(root.minimumSizeHint().width(), max(area.width(), 1))
            for button in root.findChildren(Button):
                if not button.isVisible() or button.property("role") in ("problem", "profile"):
                    continue
                self.assertGreaterEqual(button.width(), button.sizeHint().width() - 1, button.text())
                right = button.mapTo(area, button.rect().topRight()).x()
                self.assertLessEqual(right, area.width(), button.text())


class RoomTest(StopCase):
    STOP = "Cut"

    def test_mirror_and_side_are_remembered(self):
        """Made larger by hand, they are so in the next window."""
        from vamos.ui.window import Window

        self.window._split.moveSplitter(self.window._split.width() - 520, 1)
        self.app.processEvents()
        width = self.window.side.width()
        self.assertGreater(width, 480)
        other = Window()
        self.addCleanup(other.deleteLater)
        other.show()
        self.app.processEvents()
        self.assertAlmostEqual(other.side.width(), width, delta=12)
        other.close()

    def test_a_group_folds_and_stays_folded(self):
        self.settle()
        head = next(b for b in self.window.panel.findChildren(Button) if b.text().endswith("Over the picture"))
        self.click(head)
        self.settle()
        names = [w.accessibleName() for w in self.window.panel.findChildren(QWidget) if w.isVisible()]
        self.assertNotIn("Where the counts stand", names)
        self.window.page.go_to(self.first + 2)
        self.settle()
        names = [w.accessibleName() for w in self.window.panel.findChildren(QWidget) if w.isVisible()]
        self.assertNotIn("Where the counts stand", names)
        self.click(next(b for b in self.window.panel.findChildren(Button) if b.text().endswith("Over the picture")))
        self.settle()
        self.field("Where the counts stand")

    def test_an_upright_picture_has_the_count_beside_it(self):
        from PyQt6.QtGui import QImage

        self.window.mirror.show_image(QImage(90, 160, QImage.Format.Format_RGB32))
        mirror = self.window.mirror
        self.assertEqual(mirror.picture.height(), mirror.height())
        self.assertGreater(mirror.floor.x(), mirror.picture.width() - 2)
        mirror.show_image(QImage(160, 90, QImage.Format.Format_RGB32))
        self.assertGreater(mirror.floor.y(), mirror.picture.height() - 2)


class ScaleTest(unittest.TestCase):
    def test_twice_the_size(self):
        """With a scale factor of 2 the main button is still within the screen's pixels."""
        code = (
            "from tests.ui.qt import application; app = application()\n"
            "from vamos.ui.window import Window\n"
            "w = Window(); w.resize(1280, 720); w.show(); app.processEvents()\n"
            "p = w.grab(); assert p.width() == 2560, p.width()\n"
            "m = w.status; assert m.mapTo(w, m.rect().bottomRight()).y() < 720\n"
            "w.close()\n"
        )
        env = os.environ | {"QT_SCALE_FACTOR": "2", "QT_QPA_PLATFORM": "offscreen"}
        done = subprocess.run([sys.executable, "-c", code], env=env, capture_output=True, text=True, check=False)
        self.assertEqual(done.returncode, 0, done.stderr)


class LongerWordsTest(unittest.TestCase):
    def test_longer_words(self):
        """In languages whose words are longer all stops hold at all sizes as well."""
        for longer in sorted(set(LANGUAGES) - {"en"}):
            env = os.environ | {"VAMOS_LANGUAGE": longer, "QT_QPA_PLATFORM": "offscreen"}
            test = "tests.ui.test_sizes.SizesTest"
            done = subprocess.run(
                [sys.executable, "-m", "unittest", test], env=env, capture_output=True, text=True, check=False
            )
            with self.subTest(longer):
                self.assertEqual(done.returncode, 0, done.stderr)
                self.assertIn("Ran 2 tests", done.stderr)


if __name__ == "__main__":
    unittest.main()
