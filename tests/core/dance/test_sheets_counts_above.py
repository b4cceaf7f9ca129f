"""Sheets whose counts stand in a line of their own, and other hands (common practice, no source)."""

import tempfile
import unittest
from pathlib import Path

from tests.core.dance.test_sheets_as_sent import sequence
from tests.core.dance.typed_judge import short
from vamos.core.dance.sequence import parse_sequence, print_sequence
from vamos.core.dance.sheets.files import read_sheet
from vamos.core.dance.sheets.text import read_text

EIGHTS = """Lane

8ct #1
vine R, vine L
8ct #2
same thing to the left
8ct #3
walk fwd R L R, kick L (1-4)
walk back L R L, touch R (5-8)

"""


def danced(text: str) -> list[str]:
    return [short(s.events) for s in read_text(text).dance.sections]


class CountsAboveTest(unittest.TestCase):
    def test_an_eight_above_lines_with_counts_of_their_own(self):
        """“9-16” alone is the head of what is below it, and no move without a name."""
        found = read_text(
            "My dance\n\n1-8\n1 step R side, 2 L together, 3 step R side, 4 touch L\n5 step L side, 6 R together, 7 step L "
            "side, 8 touch R\n\n9-16\n1-2 R forward, 1/2 turn left\n3-4 R forward, 1/4 turn left\n5-8 sway R L R L\n"
        )
        self.assertEqual(
            [(s.length, short(s.events)) for s in found.dance.sections],
            [(8, "1R 2L 3R 4l 5L 6R 7L 8r"), (8, "1R 2L-4 3R 4L-2 5R 6L 7R 8L")],
        )

    def test_an_eight_above_a_line_without_counts(self):
        self.assertEqual(
            danced("Tanz\n\n1-8\nvine R, vine L\n\n9-16\nwalk R L R L, jazz box R\n"),
            ["1R 2L 3R 4l 5L 6R 7L 8r", "1R 2L 3R 4L 5R 6L 7R 8L"],
        )

    def test_parts_of_an_eight_above_their_moves_make_one_section(self):
        found = read_text(
            "My dance\n\n1-2\nrock R, recover\n3&4\ncoaster step R\n5-8\nvine L\n\n9-12\nrocking chair R\n13-16\njazz box R\n"
        )
        self.assertEqual(
            [(s.length, short(s.events)) for s in found.dance.sections],
            [(8, "1R 2L 3R 3&L 4R 5L 6R 7L 8r"), (8, "1R 2L 3R 4L 5R 6L 7R 8L")],
        )
        self.assertEqual(found.remarks, ())

    def test_the_next_1_begins_the_next_section(self):
        text = "My dance\n1-4\nwalk R L R L\n5-8\nvine R\n1-2\nrock R, recover\n3-4\nrock back R, recover\n5-8\njazz box R\n"
        self.assertEqual(danced(text), ["1R 2L 3R 4L 5R 6L 7R 8l", "1R 2L 3R 4L 5R 6L 7R 8L"])

    def test_words_below_counts_that_are_no_moves_are_left_aside(self):
        found = read_text("My dance\n1-2\nbring your fan next week\n1-8 vine R, vine L\n")
        self.assertTrue(any("bring your fan" in r for r in found.remarks), found.remarks)

    def test_a_restart_behind_an_eight_by_its_number(self):
        """“After 8ct #2” is behind the second eight, not after 8 counts; no tags are no reason to lose it."""
        for said in (
            "no tags yay. restart wall 5 after 8ct #2",
            "Restart on wall 5 after 8 #2",
            "Restart on wall 5 after 16 counts, no tags",
        ):
            found = read_text(f"{EIGHTS}{said}\n")
            self.assertEqual(sequence(found), [*["wall"] * 4, "wall/16", "wall"], said)
            self.assertEqual(found.remarks, ())

    def test_french_eights(self):
        found = read_text(
            "tuto danse\n\n1er huit:\n1-2 pas à droite, pointe gauche\n3-4 pas à gauche, pointe droite\n5 à 8 vigne à droite\n\n"
            "2e huit:\n1-4 vigne à gauche\n5-6 pas D devant, pivot 1/2 tour à gauche\n7-8 marche D, G\n"
        )
        self.assertEqual(
            [short(s.events) for s in found.dance.sections], ["1R 2l 3L 4r 5R 6L 7R 8l", "1L 2R 3L 4r 5R 6L-4 7R 8L"]
        )

    def test_the_order_of_a_song(self):
        found = read_text(
            "Verse:\nstep touch R, step touch L (1-4)\nChorus:\nvine R 1-4\nSong order: verse chorus verse chorus chorus\n"
        )
        self.assertEqual([i.name for i in found.dance.sequence], ["Verse", "Chorus", "Verse", "Chorus", "Chorus"])

    def test_an_order_dances_all_eights_below_a_head(self):
        """Two eights below “Part A” are both danced where the order says A, below “Verse:” where it says verse."""
        a, b = "1-8 vine R, vine L\n1-4 jazz box R\n5-8 rocking chair R\n", "1-8 walk R L R L R L R L\n"
        for first, second, order in (
            ("Part A", "Part B", "Order: A B A"),
            ("Verse:", "Chorus:", "Sequence: verse, chorus, verse"),
            ("A-Teil:", "B-Teil:", "Ablauf: A B A"),
        ):
            found = read_text(f"Dance\n\n{first}\n{a}\n{second}\n{b}\n{order}\n")
            with self.subTest(order):
                one, two, three = (s.name for s in found.dance.sections)
                self.assertEqual([i.sections for i in found.dance.sequence], [(one, two), (three,), (one, two)])
                self.assertEqual(found.remarks, ())
                again = parse_sequence(print_sequence(found.dance.sequence, found.dance), found.dance)
                self.assertEqual(again, found.dance.sequence)

    def test_what_the_order_never_calls_is_told(self):
        found = read_text(
            "Dance\n\nVerse\n1-8 vine R, vine L\n\nBreak\n1-8 walk R L R L R L R L\n\nOrder: verse verse\n"
        )
        self.assertEqual(
            [r for r in found.remarks if "Break" in r], ["“Break” has no place in the order: it is never danced."]
        )

    def test_a_table_with_feet_and_the_way_of_a_turn(self):
        """A column “Right/Left” is of feet; “left” beside “pivot 1/2” is the way of that turn."""
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / "line.md"
            path.write_text(
                "# Line\n\n| Counts | Right/Left | Step | Direction |\n|---|---|---|---|\n| 1-2 | R, L | walk | forward |\n"
                "| 3-4 | R | step, pivot 1/2 | left |\n| 5-8 | R | jazz box | |\n"
            )
            (section,) = read_sheet(path).sections
        self.assertEqual(short(section.events), "1R 2L 3R 4L-4 5R 6L 7R 8L")

    def test_a_cell_may_hold_as_many_commas_as_a_row_has_cells(self):
        rows = (
            "set;count;move;feet",
            "1;1-4;walk forward;R L R L",
            "2;1-8;rock R, recover L, coaster R, rock L, recover R;",
        )
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / "line.csv"
            path.write_text("\n".join(rows))
            found = read_sheet(path)
        self.assertEqual([s.name for s in found.sections], ["1", "2"])
        self.assertEqual(short(found.sections[0].events), "1R 2L 3R 4L")


if __name__ == "__main__":
    unittest.main()
