"""F1: what to do at the stop one stands at, in the words of the window, and all keys."""

import re
import unittest
from pathlib import Path

from PyQt6.QtCore import Qt

from tests.test_language import tool
from tests.ui.qt import StopCase
from vamos.language import LANGUAGES, choose
from vamos.ui.frame.guide_page import page_of
from vamos.ui.stops import STOPS

GUIDE = Path(__file__).parents[2] / "src" / "vamos" / "guide"


class GuideTest(unittest.TestCase):
    def test_every_stop_has_its_page_in_every_language(self):
        for name in LANGUAGES:
            choose(name)
            self.addCleanup(choose, "en")
            for number in range(1, len(STOPS) + 1):
                with self.subTest(language=name, number=number):
                    page = page_of(number)
                    self.assertGreater(len(page.split()), 30)
                    self.assertNotIn("![", page)
                    self.assertNotIn("##", page)

    def test_bold_words_stand_in_the_window(self):
        """In other languages they are the translations that the catalogue has."""
        english = (GUIDE / "en.md").read_text()
        for language in set(LANGUAGES) - {"en"}:
            known = tool().known(language)
            named = [w for w in re.findall(r"\*\*([^*]+)\*\*", english) if w in known]
            self.assertGreater(len(named), 10)
            plain = " ".join((GUIDE / f"{language}.md").read_text().split())
            for words in named:
                with self.subTest(words, language=language):
                    self.assertIn(f"**{known[words]}**", plain)

    def test_the_documents_have_the_same_guide(self):
        self.assertEqual((GUIDE.parents[2] / "docs" / "guide.md").read_text(), (GUIDE / "en.md").read_text())


class HelpTest(StopCase):
    STOP = "Pack"

    def test_f1_opens_at_the_stop(self):
        self.key(Qt.Key.Key_F1)
        page = self.window.keys_page
        self.assertTrue(page.isVisible())
        self.assertIn("Write one file…", page.guide.text())
        self.assertTrue(page.guide.isVisible())
        self.assertLessEqual(page.height(), 800)
        page.close()


if __name__ == "__main__":
    unittest.main()
