"""Counts of a line as they are said."""

import unittest
from fractions import Fraction as F

from vamos.core.dance.lines import Line, LineKind
from vamos.core.dance.range_words import read_range
from vamos.core.model.dance import Section
from vamos.core.time import Feel
from vamos.errors import InputError


def said(text, **more):
    line = Line(0, F(16), more.pop("length", F(8)), LineKind.DANCE, "A", **more)
    found = read_range(text, line)
    return float(found.start), float(found.end)


class RangeWordsTest(unittest.TestCase):
    def test_with_the_last_count_and_without(self):
        self.assertEqual(said("3 to 6"), (18, 22))
        self.assertEqual(said(" 3&  to 6 "), (18.5, 22))
        self.assertEqual(said("3& up to 6&"), (18.5, 21.5))
        self.assertEqual(said("5-8"), (20, 24))
        self.assertEqual(said("1 – 1"), (16, 17))
        self.assertEqual(said("1 up to 1a"), (16, 16.75))
        self.assertEqual(said("5& up to 9"), (20.5, 24))

    def test_an_ampersand_lies_where_the_section_feels_it(self):
        """Swung: two thirds into the count (domain.md)."""
        swung = Section("S", 8, feel=Feel.SWUNG)
        start, _ = said("2& to 4", section=swung)
        self.assertAlmostEqual(start, 17 + 2 / 3)

    def test_a_line_that_begins_later_in_its_section(self):
        self.assertEqual(said("9 to 12", first=F(8)), (16, 20))
        with self.assertRaisesRegex(InputError, "counts 9 to 16; 3 is not one of them"):
            said("3 to 12", first=F(8))

    def test_what_cannot_be(self):
        for text in ("", "from the top", "3", "6 to 3", "3 up to 3", "1 to 9", "0 to 3", "3&& to 4", "9999999 to 3"):
            with self.subTest(text), self.assertRaises(InputError):
                said(text)
