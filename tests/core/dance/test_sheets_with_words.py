"""Sheets with names of the song, numbers that say how long, tables with several heads; worked out by hand (common
practice, no source).
"""

import unittest

from tests.core.dance.test_sheets_as_sent import HERE, sequence
from tests.core.dance.typed_judge import short
from vamos.core.dance.counts_typed import NotationError
from vamos.core.dance.section_text import read_notation
from vamos.core.dance.sheets.pasted import read_pasted
from vamos.core.dance.sheets.read_as import LineIs
from vamos.core.model.dance import Doubt, ItemKind, Kind
from vamos.core.time import Feel


def read(name):
    return read_pasted((HERE / name).read_text(encoding="utf-8"))


def danced(found):
    return {s.name: short(s.events) for s in found.dance.sections}


class WithWordsTest(unittest.TestCase):
    def test_a_clock_at_a_restart_is_checked_and_an_ending_in_words_is_no_section(self):
        found = read("moon shuffle.txt")
        self.assertEqual(
            list(danced(found).values()),
            [
                "1R 2L 3R 3&L 4R 5L 6R 7L-2 7&R 8L",
                "1R 2L-4 3R 3&L 4R 5L+4 6R+4 7L 8R",
                "1L 1&R 2L 3R 3&L 4R 5l 5&L 6r 6&R 7l 8x",
                "0&L 1R 2L 3r 3&R 4L 5R 6L 7R 8l",
            ],
        )
        # Four walls of three quarters, then a quarter less and a half: 3:00.
        self.assertEqual(found.remarks[0], "line 28: the sheet faces 6:00 here, the turns lead to 3:00")
        self.assertIn("Ending: dance 1-8 of wall 9", found.remarks[1])

    def test_how_a_wall_begins_is_no_other_facing(self):
        text = "S1\n1-8 vine R, vine L ¼ L\nS2\n1-8 vine R, vine L\nRestart on wall 3 after 8 counts (facing {})\n"
        self.assertEqual(read_pasted(text.format("6:00")).remarks, ())
        self.assertEqual(read_pasted(text.format("3:00")).remarks, ())
        (told,) = read_pasted(text.format("9:00")).remarks
        self.assertEqual(told, "line 5: the sheet faces 9:00 here, the turns lead to 3:00")

    def test_parts_of_a_song_with_numbers_that_say_how_long(self):
        found = read("verse and chorus.txt")
        self.assertEqual(
            danced(found),
            {
                "Verse": "1R 2l 3L 4r 5R 6l 7L 8r 9R 10L 11R 12l",
                "Pre-chorus": "1R 2L 3R 4L 5R 6L 7R 8L",
                "Chorus": "1r 1&R 2L 3r 3&R 4L 5R 6L-4 7R 8L-4 9x 13x",
                "Bridge": "1x",
            },
        )
        self.assertEqual([s.length for s in found.dance.sections], [16, 8, 16, 16])
        called = [i.name for i in found.dance.sequence]
        self.assertEqual(
            called,
            ["Verse", "Verse", "Pre-chorus", "Chorus", "Verse", "Pre-chorus", "Chorus", "Bridge", "Chorus", "Chorus"],
        )
        self.assertEqual(found.remarks, ())

    def test_a_bridge_with_moves_is_a_section_and_no_fact(self):
        rows = "Verse: step touch R, step touch L, vine R", "Bridge: walk forward 4, walk back 4"
        found = read_pasted("\n".join((*rows, "Order: Verse, Bridge, Verse")))
        self.assertEqual(danced(found)["Bridge"], "1R 2L 3R 4L 5R 6L 7R 8L")
        self.assertEqual([i.kind for i in found.dance.sequence], [ItemKind.PART, ItemKind.TAG, ItemKind.PART])

    def test_a_part_of_a_section_again_and_a_tag_at_the_end_of_w3(self):
        found = read("short heads.txt")
        self.assertEqual(danced(found)["S3"], "1R 2L 3R 3&L 4R 5x 6x 7x 8x")
        self.assertEqual(danced(found)["Tag"], "1R 2L 3R 4L")
        self.assertEqual(sequence(found), ["wall", "wall", "wall", "Tag", "wall"])
        aside = read_pasted("S1\n1-8 vine R, vine L\nS2\nrpt S1 1-4\n5-8 vine R\n")
        # The first half of a line is nobody's to cut.
        self.assertIn(LineIs.ASIDE, [line.taken for line in aside.lines])

    def test_a_page_with_a_table_below_one_of_its_heads(self):
        found = read("fächer kinder.md")
        self.assertEqual(
            danced(found)["A"],
            "1R 2L 3R 4l 5L 6R 7L 8r 9R 10L 11R 12L 13R 14L 15R 16L arms:1x arms:3x arms:5x arms:7x arms:9x",
        )
        self.assertEqual(danced(found)["B"], "1R 2L 3R+8 5x 6x 7x 8x")
        self.assertEqual([i.name for i in found.dance.sequence], ["Intro", "A", "A", "B", "A", "B", "B"])

    def test_cells_with_who_dances_and_where_one_faces(self):
        found = read("rows.csv")
        first, second = found.dance.sections
        self.assertEqual(short(first.events), "1R 2l 3L 4r 5R 6L 7R+2 8l")
        roles = {role: [e.name for e in second.events if e.role == role] for role in ("", "front row", "back row")}
        self.assertEqual(roles["front row"], ["rock forward", "recover", "rock back", "recover"])
        self.assertEqual((roles["back row"], roles[""]), (["hold"], ["cross", "back", "side", "forward"]))
        table = "count,move,facing\n1-4,vine right 1/4 turn right,{}\n"
        self.assertEqual(read_pasted(table.format("right wall")).remarks, ())
        (told,) = read_pasted(table.format("back")).remarks
        self.assertEqual(told, "line 1: the sheet faces 6:00 here, the turns lead to 3:00")

    def test_columns_that_are_called_as_people_are(self):
        rows = ("1-2", "walk L R", "walk R L"), ("3&4", "triple L", "triple R")
        cells = "Count,Lead,Follow\n" + "\n".join(map(",".join, rows))
        page = "FAN WALK\nCount | Front | Back\n" + "\n".join(map(" | ".join, rows))
        for text, one, other in ((cells, "Lead", "Follow"), (page, "front row", "back row")):
            found = read_pasted(text)
            (section,) = found.dance.sections
            feet = {r: "".join(str(e.foot) for e in section.events if e.role == r) for r in (one, other, "")}
            self.assertEqual((feet, found.remarks), ({one: "LRLRL", other: "RLRLR", "": ""}, ()), text)
        noted = read_pasted(
            "Eight;Count;Leader;Follower;Notes\n1;1-2;walk L R;walk R L;easy\n2;1-2;walk R L;walk L R;\n"
        )
        first, second = noted.dance.sections
        self.assertEqual([(e.role, e.note) for e in first.events if e.note], [("Leader", "easy")])
        self.assertEqual((first.name, second.name, noted.remarks), ("1", "2", ()))

    def test_arms_stay_with_the_counts_they_stand_beside(self):
        """Where counts begin at 1 again, without a column of sections."""
        found = read_pasted("count,move,arms\n1-4,vine R,up\n5-8,vine L,down\n1-8,jazz box R x2,out\n")
        arms = [[(e.name, int(e.start)) for e in s.events if e.role == "arms"] for s in found.dance.sections]
        self.assertEqual(arms, [[("up", 0), ("down", 4)], [("out", 0)]])

    def test_bars_beside_counts(self):
        found = read_pasted("Takt,Zähler,Schritte,Kommentar\n1,1-4,Grapevine rechts,lächeln\n")
        self.assertEqual([e.note for e in found.dance.sections[0].events][:1], ["lächeln"])
        self.assertEqual(found.remarks, ("The column “Takt” is not known and was left aside.",))

    def test_lines_with_letter_and_number_under_parts_and_the_order_alone(self):
        found = read("numbered lines.txt")
        self.assertEqual([s.name for s in found.dance.sections], ["A1", "A2", "A3", "A4", "B1", "B2"])
        self.assertEqual(danced(found)["B2"], "1r 2R+2 3l 4L 5r 6R+2 7l 8L")
        cuts = [(i.name, i.restart_after) for i in found.dance.sequence]
        self.assertEqual(cuts, [*((n, None) for n in "AABAABB"), ("A", 16)])

    def test_an_eight_like_the_first_one(self):
        found = read_pasted("1. Achter: 1-8 vine R, vine L\n2. Achter: 1-8 jazz box R x2\n3. Achter: wie 1. Achter\n")
        self.assertEqual([short(s.events) for s in found.dance.sections][2], "1R 2L 3R 4l 5L 6R 7L 8r")

    def test_rows_of_a_table_are_no_heads_and_a_bad_one_refuses_nothing(self):
        """“8 counts | step touch R” has words of heads in both cells."""
        rows = "Count | Move | Note\n8 counts | {} | easy\n8 counts | vine R |\n"
        both = read_pasted(rows.format("step touch R")).dance.sections[0].events
        self.assertEqual([e.kind for e in both], [Kind.TOUCH, Kind.STEP])
        found = read_pasted(rows.format("step touch R L R L"))
        self.assertEqual([line.taken for line in found.lines[1:3]], [LineIs.MOVES, LineIs.MOVES])
        # A column of walls by their number is no clock, and words under “facing” are not lost.
        self.assertIn("“wall” is not known", read_pasted("count,move,wall\n1-4,vine R,1\n").remarks[0])
        turned = read_pasted("count,move,facing\n1-4,vine R,turn 1/4 R\n5-8,vine L,to the door\n")
        (section,) = turned.dance.sections
        self.assertEqual(short(section.events), "1R 2L 3R+2 4l 5L 6R 7L 8r")
        self.assertEqual([e.unread for e in section.events if e.doubt], ["door"])

    def test_a_line_without_a_name_behind_two_roles_is_asked(self):
        two = "lead: 1-4 vine R\nfollow: 1-4 vine L\n"
        for all_of_them, asked in (("all: 5-8 vine R", Doubt.NONE), ("5-8 vine R", Doubt.READINGS)):
            events, _ = read_notation(two + all_of_them, Feel.STRAIGHT, {})
            last = [e for e in events if e.start >= 4]
            self.assertEqual(({e.role for e in last}, last[0].doubt), ({""}, asked))
        alone, _ = read_notation("lead: 1-4 vine R\n5-8 vine L", Feel.STRAIGHT, {})
        self.assertEqual({e.role for e in alone}, {"lead"})
        wrong = two + "5 step R 3 2"
        with self.assertRaises(NotationError) as caught:
            read_notation(wrong, Feel.STRAIGHT, {}, lay_out=False)
        self.assertEqual((caught.exception.typed, caught.exception.at), (wrong, len(wrong) - 1))


if __name__ == "__main__":
    unittest.main()
