"""Short words of a dance: typed, shown where there is little room, and said in full everywhere else."""

import unittest
from dataclasses import replace
from fractions import Fraction

from tests.core.dance.sheets import four_walls
from tests.support import grid_at
from vamos.core.dance.lines import lines_of
from vamos.core.dance.section_text import notation_of
from vamos.core.dance.sheets.text import read_text
from vamos.core.dance.short_words import parse_words, patterns_of, print_words, short_names
from vamos.core.edit.dance import set_words, write_count, write_section
from vamos.core.model.dance import Dance, Item, ItemKind, Section, ShortWord
from vamos.core.model.project import Project
from vamos.core.render.spoken import named_moves
from vamos.core.render.words import Words
from vamos.errors import InputError

WORDS = "KBC = kick ball change, CS = coaster step; PS = step R, touch L"


def project() -> Project:
    return set_words(Project(dance=Dance("d", (Section("A", 8),), (Item(ItemKind.WALL),))), WORDS)


class WordsTest(unittest.TestCase):
    def test_written_and_read(self):
        words = parse_words(WORDS)
        self.assertEqual(words[1], ShortWord("CS", "coaster step"))
        self.assertEqual(parse_words("KBC = kick ball change, CS = coaster step"), words[:2])
        self.assertEqual(parse_words(print_words(words[:2])), words[:2])
        self.assertEqual(parse_words(""), ())

    def test_what_explains_nothing_is_refused_and_named(self):
        for text, named in (("KBC", "KBC"), ("KBC =", "KBC ="), ("A = vine, a = weave", "A")):
            with self.assertRaisesRegex(InputError, f"“{named}”"):
                set_words(Project(), text)

    def test_a_word_dances_what_it_means(self):
        """A known step, or moves one after the other; what dances nothing is only shown."""
        found = patterns_of(parse_words("KBC = kick ball change, PS = step R, close L, x = harbour wave"), {})
        self.assertEqual(sorted(found), ["KBC", "PS"])
        self.assertEqual([str(e.foot) for e in found["KBC"].events], ["R", "R", "L"])
        self.assertEqual((len(found["PS"].events), found["PS"].length), (2, 2))

    def test_typed_short_and_kept_in_full(self):
        """As kick ball change means: right, right, left on 1 & 2 (see the table of steps)."""
        p = write_section(project(), "A", "KBC R 1&2, cs r 3&4, walk L 5, R 6")
        events = p.dance.sections[0].events
        self.assertEqual([str(e.foot) for e in events], ["R", "R", "L", "R", "L", "R", "L", "R"])
        self.assertEqual((events[0].cue, events[3].cue), ("kick ball change", "coaster step"))
        self.assertIn("kick ball change R 1 & 2", notation_of(p.dance.sections[0], p.dance))
        one = write_count(p, "A", 7, "KBC")
        self.assertEqual([e.short for e in one.dance.sections[0].events if e.start >= 7], ["kick ball change"])

    def test_shown_short_and_said_in_full(self):
        p = write_section(project(), "A", "KBC R 1&2, coaster step R 3&4")
        lines = lines_of(grid_at(120, 64, 0.5, 0), p.dance)
        words = Words(lines, short_names(p.dance))
        self.assertEqual((words.now_at(Fraction(0)).words, words.now_at(Fraction(2)).words), ("KBC", "CS"))
        self.assertEqual(words.now_at(Fraction(1, 2)).words, "ball")
        said = [text for _, text in named_moves(lines, Fraction(0), Fraction(4))]
        self.assertEqual((said[0], said[3]), ("kick ball change", "coaster step"))

    def test_taken_away_it_is_shown_in_full_again(self):
        p = set_words(write_section(project(), "A", "KBC R 1&2"), "")
        words = Words(lines_of(grid_at(120, 64, 0.5, 0), p.dance), short_names(p.dance))
        self.assertEqual(words.now_at(Fraction(0)).words, "kick ball change")

    def test_a_sheet_that_explains_its_words_gives_them_to_the_dance(self):
        sheet = "Fan alley\nAbbreviations: KBC = kick ball change, CS = coaster step\n\nS1\n1&2 KBC R\n3&4 CS R\n5-8 vine L\n"
        dance = read_text(sheet).dance
        self.assertEqual(print_words(dance.words), "KBC = kick ball change, CS = coaster step")
        self.assertEqual([str(e.foot) for e in dance.sections[0].events[:6]], ["R", "R", "L", "R", "L", "R"])

    def test_another_dance_is_not_touched(self):
        self.assertEqual(short_names(four_walls()), {})
        self.assertEqual(replace(four_walls(), words=()), four_walls())


if __name__ == "__main__":
    unittest.main()
