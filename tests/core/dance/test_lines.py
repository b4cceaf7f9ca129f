"""The song written out in lines, and facing."""

import itertools
import unittest
from dataclasses import replace
from fractions import Fraction as F
from math import gcd

from tests.support import grid_at
from vamos.core.dance.facing import clock_text, net_turn, wall_count
from vamos.core.dance.lines import Line, LineKind, line_name, lines_of
from vamos.core.model.dance import Dance, Event, Item, ItemKind, Section
from vamos.core.model.song import Part
from vamos.errors import InputError


def turning(name: str, length: int, *turns: tuple[int, int | None]) -> Section:
    return Section(name, length, tuple(Event(F(at), turn=turn) for at, turn in turns))


class FacingTest(unittest.TestCase):
    def test_clock(self):
        """An eighth is 1½ hours, a quarter 3."""
        self.assertEqual(
            [clock_text(e) for e in range(8)], ["12:00", "1:30", "3:00", "4:30", "6:00", "7:30", "9:00", "10:30"]
        )

    def test_three_quarters_right_ends_at_nine(self):
        """¾ right from 12:00 is 9:00 (common practice, no source)."""
        self.assertEqual(clock_text(6), "9:00")

    def test_walls_by_brute_force(self):
        """8 / gcd(8, N) is how many repetitions it takes to face 12:00 again."""
        for net in range(-16, 17):
            heading, walls = net % 8, 1
            while heading:
                heading, walls = (heading + net) % 8, walls + 1
            self.assertEqual(wall_count(net), walls, net)
            self.assertEqual(wall_count(net), 8 // gcd(8, net))

    def test_unknown_turn_is_not_guessed(self):
        self.assertIsNone(net_turn(turning("A", 8, (0, 2), (4, None))))


class LinesTest(unittest.TestCase):
    def test_lead_in_counts_back_from_the_one(self):
        """19 counts of lead-in are a line of 3 and two of 8, all before position 0."""
        lines = lines_of(grid_at(120, 60, 0.5, 19), Dance())
        self.assertEqual(
            [(line.start, line.length, line.kind) for line in lines[:4]],
            [(-19, 3, LineKind.LEAD_IN), (-16, 8, LineKind.LEAD_IN), (-8, 8, LineKind.LEAD_IN), (0, 8, LineKind.DANCE)],
        )

    def test_lines_follow_each_other_without_gap(self):
        """Whatever the lengths, each line starts where the one before ends."""
        dance = Dance(
            "d",
            (turning("A", 12), turning("B", 6), turning("T", 4)),
            (
                Item(ItemKind.WALL, ("A", "B")),
                Item(ItemKind.TAG, ("T",)),
                Item(ItemKind.WALL, ("A", "B"), restart_after=14),
                Item(ItemKind.HOLD, counts=2),
                Item(ItemKind.WALL, ("A", "B")),
            ),
        )
        lines = lines_of(grid_at(120, 100, 0.5, 16), dance)
        for before, after in itertools.pairwise(lines):
            self.assertEqual(before.counts.end, after.start)
        self.assertEqual([line.length for line in lines[2:10]], [12, 6, 4, 12, 2, 2, 12, 6])
        self.assertEqual([line.wall for line in lines[2:10]], [1, 1, None, 2, 2, None, 3, 3])
        self.assertTrue(lines[6].cut)

    def test_restart_keeps_the_heading_reached(self):
        """A wall cut before its second quarter starts the next one from where it got to."""
        section = turning("A", 8, (1, 2), (5, 2))
        dance = Dance("d", (section,), (Item(ItemKind.WALL), Item(ItemKind.WALL, restart_after=4), Item(ItemKind.WALL)))
        lines = [x for x in lines_of(grid_at(120, 60, 0.5, 0), dance) if x.kind is LineKind.DANCE]
        self.assertEqual([x.heading for x in lines], [0, 4, 6])

    def test_an_unknown_turn_makes_later_headings_unknown(self):
        dance = Dance("d", (turning("A", 8, (1, None)),), (Item(ItemKind.WALL), Item(ItemKind.WALL)))
        lines = [x for x in lines_of(grid_at(), dance) if x.kind is LineKind.DANCE]
        self.assertEqual([x.heading for x in lines], [0, None])

    def test_a_missing_section_is_named(self):
        with self.assertRaisesRegex(InputError, "“B”.*has: A"):
            Dance("d", (turning("A", 8),), (Item(ItemKind.WALL, ("B",)),))

    def test_nothing_danced_and_no_lead_in(self):
        """A dance whose only section is a tag leaves the song as it is."""
        dance = Dance("d", (turning("tag 1", 8),), (Item(ItemKind.WALL),))
        lines = lines_of(grid_at(120, 17, 0.5, 0), dance)
        self.assertEqual([line.kind for line in lines], [LineKind.AFTER, LineKind.AFTER])

    def test_waltz_lines_are_sixes(self):
        from dataclasses import replace

        lines = lines_of(replace(grid_at(120, 40, 0.5, 6), line=6), Dance())
        self.assertEqual({line.length for line in lines}, {6})


class NamesTest(unittest.TestCase):
    def test_a_line_is_called_by_its_length(self):
        """Eights, sixes of a waltz, odd lengths; a title comes first."""
        for length, name in ((8, "eight 3"), (6, "six 3"), (12, "twelve 3"), (7, "line 3"), (F(7, 2), "line 3")):
            self.assertEqual(line_name(Line(2, F(0), F(length), LineKind.DANCE)), name)
        self.assertEqual(line_name(Line(2, F(0), F(8), LineKind.DANCE, "chorus")), "chorus")


if __name__ == "__main__":
    unittest.main()


class PartsTest(unittest.TestCase):
    """Without a sheet the song is written in lines of the length of its parts."""

    def test_lines_of_twelve_and_a_cut_line(self):
        """Eights, from count 16 on lines of twelve, a part that begins at 33 cuts the line before it."""
        grid = replace(grid_at(120, 62, 0.5, 8), parts=(Part(F(16), "B", 12), Part(F(33), "C", 6)))
        lines = [line for line in lines_of(grid, Dance()) if line.kind is LineKind.DANCE]
        spans = [(line.start, line.length) for line in lines]
        self.assertEqual(spans[:6], [(0, 8), (8, 8), (16, 12), (28, 5), (33, 6), (39, 6)])
        self.assertEqual([line.title for line in lines[1:4]], ["", "part B", "part B"])
        for before, after in itertools.pairwise(lines):
            self.assertEqual(before.counts.end, after.start)
