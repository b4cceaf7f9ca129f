"""The word list holds: what it says a thing is not called stands in no text, in no language."""

import re
import unittest
from pathlib import Path

from tests.test_language import tool
from vamos.language import LANGUAGES

ROOT = Path(__file__).parent.parent
LIST = ROOT / "docs" / "words.md"
#: Words of the list in the documents people read; those that say what they are not are the list's own.
READ = ("README.md", "docs/guide.md", "docs/stops.md")
#: What a file says, word by word.
IN_FILES = ("“{value}” is not one of dance, section, event, set, part, step, item.",)
#: No dancer meets these on the way; where files are meant they may stand.
PROGRAMMERS = (
    "null",
    "exception",
    "traceback",
    "parameter",
    "invalid",
    "boolean",
    "stdin",
    "buffer",
    "callback",
    "parse",
)


def rows() -> list[list[str]]:
    found = [line for line in LIST.read_text(encoding="utf-8").splitlines() if line.startswith("| ")]
    return [[cell.strip() for cell in line.strip("|").split("|")] for line in found][1:]


def not_called(column: int) -> list[str]:
    return [word.strip() for row in rows() for word in row[column].split(",") if word.strip()]


def told(words: list[str], texts) -> list[tuple[str, str]]:
    """Each text with the word in it that should not be there; a file may be named by its name."""
    pattern = re.compile(
        r"(?<![\w{])(" + "|".join(map(re.escape, words)) + r")(?:s|e?d|ing|en|e|n)?(?![\w}]|\.\w)", re.IGNORECASE
    )
    return [(found.group(1), text) for text in texts if (found := pattern.search(text))]


class WordListTest(unittest.TestCase):
    def test_the_list_is_whole(self):
        """Every term has its German, and no word that is forbidden for one thing is the name of another."""
        terms = {term.strip().lower() for row in rows() for term in row[0].split(",")}
        self.assertGreater(len(rows()), 30)
        for row in rows():
            self.assertEqual(len(row), 6, row)
            self.assertTrue(row[0] and row[1] and row[2] and row[5], row)
        self.assertEqual(terms & {w.lower() for w in not_called(3)}, set())

    def test_no_text_uses_another_word(self):
        self.assertEqual(told(not_called(3), set(tool().texts()) - set(IN_FILES)), [])

    def test_nor_the_german(self):
        self.assertEqual(set(LANGUAGES), {"en", "de", "es"}, "a language of its own needs a column")
        self.assertEqual(told(not_called(4), tool().known("de").values()), [])

    def test_nor_what_people_read_first(self):
        for name in READ:
            lines = [x for x in (ROOT / name).read_text(encoding="utf-8").splitlines() if not x.startswith(" ")]
            self.assertEqual(told(not_called(3), lines), [], name)
        german = (ROOT / "src" / "vamos" / "guide" / "de.md").read_text(encoding="utf-8").splitlines()
        self.assertEqual(told(not_called(4), german), [])

    def test_no_programmers_words(self):
        self.assertEqual(told(list(PROGRAMMERS), tool().texts()), [])

    def test_the_search_finds_them(self):
        """A word with an ending, in capitals; not as a part of another, nor the name of a value."""
        self.assertEqual([w for w, _ in told(["delete"], ["Deleted.", "undeleteable", "{delete}"])], ["Delete"])
        self.assertEqual(told(["manifest"], ["Its manifest.json is missing."]), [])


if __name__ == "__main__":
    unittest.main()
