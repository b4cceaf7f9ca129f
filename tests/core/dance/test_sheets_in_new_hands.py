"""Whole sheets in hands the reader had not seen: what they mean is worked out by hand (common practice, no source)."""

import unittest

from tests.core.dance.test_sheets_as_sent import HERE, read, sequence
from tests.core.dance.typed_judge import short
from vamos.core.dance.sheets.read_as import LineIs
from vamos.core.dance.sheets.text import read_text
from vamos.core.model.dance import ItemKind

LETTERED = """Test

A) Walks
1-4 walk R L R L
5-8 vine R

B) Side stuff
1-8 step touch L

C) Boxes
1-8 jazz box R

"""


class NewHandsTest(unittest.TestCase):
    def test_sections_with_letters_and_a_restart_behind_one_of_them(self):
        found = read("paper fans")
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            [
                "1R 2L 3R 4l 5L 6R 7L 8r",
                "1R 2L 3R 4l 5L 6R 7L 8r",
                "1R 2L 3R+2 4L 5R 6L 7R 8L",
                "1R 2L 3R 3&L 4R 5L 6R 7L 7&R 8L",
            ],
        )
        self.assertEqual(sequence(found), ["wall", "wall", "wall/16", "wall"])
        self.assertEqual(found.remarks, ())

    def test_behind_which_section_a_restart_is(self):
        for said, wanted in (
            ("Restart after B on wall 3", (3, 16)),
            ("Restart wall 3: after part A", (3, 8)),
            ("Restart on wall 2 after the side stuff", (2, 16)),
            ("Restart on wall 2 after the second section", (2, 16)),
            ("Restart after 2nd section wall 3", (3, 16)),
            ("Restart wall 2 after 12 counts", (2, 12)),
            ("Neustart in Wand 3 nach B", (3, 16)),
        ):
            found = read_text(f"{LETTERED}{said}\n")
            walls = [i for i in found.dance.sequence if i.kind is ItemKind.WALL]
            cuts = [(k, i.restart_after) for k, i in enumerate(walls, 1) if i.restart_after]
            self.assertEqual((cuts, found.remarks), ([wanted], ()), said)

    def test_a_restart_behind_a_section_nobody_knows_is_told(self):
        for said, told in (
            ("Restart in wall 2 after Z", "no section is called “Z”"),
            ("Restart wall 2 after coaster", "no section is called “coaster”"),
            ("Restart on wall 2 after the boxes", "at the end of a wall"),
        ):
            found = read_text(f"{LETTERED}{said}\n")
            self.assertEqual([i.restart_after for i in found.dance.sequence], [None], said)
            self.assertIn(told, found.remarks[0])
            (line,) = [x for x in found.lines if x.taken is LineIs.RESTART]
            self.assertEqual(line.told, found.remarks[0], "it is seen where it stands")

    def test_struts_said_as_steps_of_a_toe(self):
        """“Step L toe back, drop heel” bears the weight with the heel; “on ball of L” is where a turn is made."""
        found = read("lock and box")
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            [
                "1R 2L 3R 4l 5L 6R 7L 8r",
                "1r 2R 3l 4L 5r+2 6R 7l 8L",
                "1r 2R+2 3l 4L 5r 6R+2 7l 8L",
                "1x 1&x 2x 3x 3&x 4x 5R 6L 7x 8x",
            ],
        )
        self.assertEqual(sequence(found), ["wall"] * 4 + ["wall/16", "wall"])

    def test_notes_of_an_evening(self):
        """What is said how often, in front of other lines; what has no counts beside lines that have is told."""
        found = read("notes")
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            ["1r 2r 3r 4r 5R 6L 7R 8l", "1x 2x 3x 4x 5x 7x", "1R 2L 3R 4L"],
        )
        self.assertEqual(
            [e.name for e in found.dance.sections[1].events][:3], ["hip bumps right"] * 2 + ["hip bumps left"]
        )
        self.assertEqual(sequence(found), ["wall", "wall", "Tag", "wall"])
        aside = [x.number for x in found.lines if x.taken is LineIs.ASIDE]
        self.assertEqual(aside, [7, 12])
        self.assertTrue(any("First part (x2): How often" in r for r in found.remarks), found.remarks)

    def test_clocks_without_brackets_at_the_ends_of_lines_are_compared(self):
        """“touch R  6:00” turns nobody; what differs is told."""
        found = read("lantern run")
        self.assertEqual(found.dance.name, "LANTERN RUN")
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            [
                "1r 1&R 2l 2&L 3R 4L 5R 5&L 6R 7L 8R+4",
                "1l 1&L 2r 2&R 3L 4R 5L 5&R 6L 7R 8L-4",
                "1R 2L 3R 3&L 4R+2 5L 6R+4 7L 8R",
                "1L 2R 3L-2 4r 5x 7x",
            ],
        )
        self.assertEqual(sequence(found), ["wall", "wall", "wall/16", "wall", "wall/16", "wall"])
        self.assertEqual(found.remarks, ())
        other = (HERE / "lantern run.txt").read_text(encoding="utf-8").replace("touch R  6:00", "touch R  3:00")
        (told,) = read_text(other).remarks
        self.assertIn("the sheet faces 3:00 here, the turns lead to 6:00", told)
        # “turn to 6:00” is still a turn.
        turned = read_text("Test\n\n1-2 step R, unwind left to 6:00\n3-4 walk R L\n").dance.sections[0]
        self.assertEqual(short(turned.events), "1R 2L-4 3R 4L")

    def test_german_with_two_walls_in_one_remark(self):
        found = read("mondschein")
        self.assertEqual(sequence(found), ["wall", "wall", "Tag", "wall", "wall", "Tag", "wall/16", "wall"])
        self.assertEqual(
            [short(s.events) for s in found.dance.sections][1:4],
            ["1R 2L 3R+2 4l 5L 6r 7R 8l", "1R 2L 3R 4L 5x 6x 7x 8x", "1R 2L 3R 4L 5R 6x 7L 8x"],
        )
        self.assertEqual(short(found.dance.sections[0].events), "1R 1&L 2R 3L 4R 5L 5&R 6L 7R 8L")
        self.assertFalse(any(e.doubt for e in found.dance.sections[0].events), "where the weight ends was said")

    def test_parts_whose_lines_are_labelled(self):
        found = read("two parts")
        self.assertEqual(
            [(s.name, short(s.events)) for s in found.dance.sections],
            [
                ("A1", "1R 2L 3R 4L 5R 6L 7R 7&L 8R"),
                ("A2", "1L 2R 3L 4R 5L 6R 7L 7&R 8L"),
                ("A3", "1R 2L 3R 4l 5L 6R 7L-2 8r"),
                ("A4", "1R 2L-4 3R 4L-2 5R 6L 7h 8h"),
                ("B1", "1R 2L 3R 4l 5L 6R 7L 8r"),
                ("B2", "1x 2x 3x 4x 5x"),
            ],
        )
        self.assertEqual(sequence(found), list("AABAABBA"))

    def test_spanish_with_a_tag_behind_two_walls(self):
        found = read("abanicos")
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            [
                "1R 2L 3R 3&L 4R 5L 6R 7L 7&R 8L",
                "1R 2L-4 3R 3&L 4R 5L 6R+4 7L 7&R 8L",
                "1R 2L 3R 4l 5L 6R 7L-2 8r",
                "1r 2R 3l 4L 5R 6L 7R+2 8L",
                "1R 2L 3R 4L",
            ],
        )
        self.assertEqual(sequence(found), ["wall", "Tag", "wall", "wall/16", "wall", "Tag", "wall"])
        self.assertEqual(found.remarks, ())

    def test_titles_in_capitals_behind_a_number(self):
        """“2   SIDE ROCK, BEHIND SIDE CROSS x2” is no count 2; “8 counts - rocking chair x 2” has none either."""
        found = read("in capitals")
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            [
                "1R 2L 3R 3&L 4R 5L 6R 7L 7&R 8L",
                "1R 2L 3R 3&L 4R 5L 6R 7L 7&R 8L",
                "1r 2R+2 3l 4L 5r 6R+2 7l 8L",
                "1R 2l 3L 4r 5R 6l 7L 8r",
                "1R 2L 3R 4L",
                "1R 2L 3R 4L 5R 6L 7R 8L",
            ],
        )
        self.assertEqual(sequence(found), ["wall", "Tag", "wall", "wall", "Tag", "wall", "wall", "Tag 2", "wall"])

    def test_counts_that_are_danced_once_more(self):
        """“(13-24) Repeat 1-12”: both sections again; on the other side where that is said; not what is no whole one."""
        sheet = "Moon\n\n(1-6) A\n1-3 Cross L over R, side R, side L\n4-6 Cross R over L, side L, side R\n(7-12) B\n"
        sheet += "1-3 Step L fwd, close R, close L\n4-6 Step R back, close L, close R\n"
        for said, wanted in (
            ("(13-24) Repeat 1-12", ["LRLRLR", "LRLRLR"] * 2),
            ("[13-24] Repeat counts 1-12 on the other side", ["LRLRLR"] * 2 + ["RLRLRL"] * 2),
            ("(13-18) Repeat 7-12", ["LRLRLR"] * 3),
            ("Wiederhole Teile 1-2", ["LRLRLR"] * 4),
        ):
            found = read_text(f"{sheet}{said}\n").dance.sections
            self.assertEqual(["".join(str(e.foot) for e in s.events) for s in found], wanted, said)
            self.assertEqual({s.length for s in found}, {6}, said)
        odd = read_text(f"{sheet}(13-24) Repeat 1-9\n")
        self.assertFalse(len(odd.dance.sections) == 4 and not odd.remarks, "nine counts are not two sections")

    def test_bars_go_on_until_counts_begin_again(self):
        found = read_text(
            "Rumba\n\nBar 1: side L 1, close R 3, fwd L 4\nBar 2: side R 5, close L 7, back R 8\n"
            "Bar 3: back L 1, recover R 2, side L 3, hold 4\nBar 4: 5 step R in place, 6 L in place, 7 R side, 8 hold\n"
            "Repeat bars 1-4\n"
        )
        first, second = "1L 3R 4L 5R 7L 8R", "1L 2R 3L 4h 5R 6L 7R 8h"
        self.assertEqual([short(s.events) for s in found.dance.sections], [first, second, first, second])
        self.assertEqual([s.name for s in found.dance.sections][:2], ["Bar 1-2", "Bar 3-4"])

    def test_eights_by_number_and_in_an_order(self):
        found = read_text(
            "Street fans (hip hop combo) 4 x 8\n\n8ct 1\n1 2 3 4 walk R L R L\n5 stomp R 6 stomp L\n7-8 hold\n\n"
            "8ct 2 – travel\n1 2 3 4 - walk back R L R L\n5-8 hold\n\n8ct 3\nsame as 8ct 1 but on the other side\n\n"
            "Order: 1 2 1 3\n"
        )
        self.assertEqual(found.dance.name, "Street fans (hip hop combo)")
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            ["1R 2L 3R 4L 5R 6L 7h", "1R 2L 3R 4L 5h", "1L 2R 3L 4R 5L 6R 7h"],
        )
        names = [s.name for s in found.dance.sections]
        self.assertEqual([i.sections for i in found.dance.sequence], [(names[k],) for k in (0, 1, 0, 2)])
        self.assertEqual(found.remarks, ())

    def test_spanish_halves_and_feet_in_letters(self):
        found = read_text(
            "Faroles\n32 tiempos, 4 paredes\nIntro 16 tiempos\n\nSección 1 - Rock, triple\n"
            "1-2 Rock derecho adelante, recuperar izquierdo\n3y4 Triple atrás D-I-D\n"
            "5-6 Rock izquierdo atrás, recuperar derecho\n7y8 Triple adelante I-D-I\n"
        )
        self.assertEqual(short(found.dance.sections[0].events), "1R 2L 3R 3&L 4R 5L 6R 7L 7&R 8L")
        self.assertEqual(found.remarks, ())

    def test_restarts_with_a_wall_and_a_place_each(self):
        for said, wanted in (
            ("Restart: wall 2 after count 8, and wall 4 after part B", [(2, 8), (4, 16)]),
            ("Restart in Wand 2 nach 16 und in Wand 3 nach 8 Counts", [(2, 16), (3, 8)]),
            ("Restarts: wall 3 after 16 counts and wall 4 after 8 counts", [(3, 16), (4, 8)]),
            ("Restart on walls 2 and 3 after 16 counts", [(2, 16), (3, 16)]),
            ("wall 3 you only do the first 16 then start over", [(3, 16)]),
        ):
            found = read_text(f"{LETTERED}{said}\n")
            walls = [i for i in found.dance.sequence if i.kind is ItemKind.WALL]
            cuts = [(k, i.restart_after) for k, i in enumerate(walls, 1) if i.restart_after]
            self.assertEqual((cuts, found.remarks), (wanted, ()), said)
        self.assertEqual(read_text(f"{LETTERED}Start over!\n").remarks, ())

    def test_counts_in_brackets_and_ranges_as_titles(self):
        bracketed = "Warm up\n\nS1 - basics\n[1-2] R side, L tog\n[3&4] shuffle R\n[5] stomp L\n[6-8] hold\n"
        self.assertEqual(short(read_text(bracketed).dance.sections[0].events), "1R 2L 3R 3&L 4R 5L 6h")
        titled = (
            "March\n\n1-8 Vine right, touch, rock\n1-2 R side, L behind\n3-4 R side, L touch\n5-6 rock L, recover\n"
        )
        titled += "7-8 step L, touch R\n\n9-16 Shuffles\n9&10 shuffle R\n11&12 shuffle L\n13-16 walk R L R L\n"
        found = read_text(titled)
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            ["1R 2L 3R 4l 5L 6R 7L 8r", "1R 1&L 2R 3L 3&R 4L 5R 6L 7R 8L"],
        )
        plain = read_text("March\n\n1-8 vine R, touch L, vine L, touch R\n1-4 walk R L R L\n5-6 stomp R L\n")
        self.assertEqual([len(s.events) for s in plain.dance.sections], [8, 6])

    def test_the_last_move_of_a_range_with_its_own_counts(self):
        found = read_text("Fans\n\n1-4: Walk L, Walk R, Shuffle L (3&4)\n5-8: rock R, recover, coaster R (7&8)\n")
        self.assertEqual(short(found.dance.sections[0].events), "1L 2R 3L 3&R 4L 5R 6L 7R 7&L 8R")

    def test_a_tag_above_a_line_that_begins_with_a_wall(self):
        """“5. Wand: nach 8 Counts neu beginnen” is no count 5 of the tag."""
        text = "Fächer\n\n1-4 Walk R L R L\n5-8 Vine R\n\nAm Ende der 3. Wand: 4 Counts Brücke: Hüften R L R L\n"
        found = read_text(f"{text}5. Wand: nach 4 Counts neu beginnen\n")
        self.assertEqual([(s.name, len(s.events)) for s in found.dance.sections], [("Section 1", 8), ("Tag", 4)])
        self.assertEqual(sequence(found), ["wall", "wall", "wall", "Tag", "wall", "wall/4", "wall"])

    def test_bits_as_one_says_them(self):
        found = read_text(
            "first bit: walk walk walk kick, back back back touch\nsecond bit: grapevine right + touch, vine left + touch\n"
            "third bit: 4 toe struts going forward starting right\nRepeat parts 1 to 3 with opposite footwork\n"
        )
        ways = [short(s.events) for s in found.dance.sections]
        self.assertEqual(ways[1:3], ["1R 2L 3R 4l 5L 6R 7L 8r", "1r 2R 3l 4L 5r 6R 7l 8L"])
        self.assertEqual(ways[4:], ["1L 2R 3L 4r 5R 6L 7R 8l", "1l 2L 3r 4R 5l 6L 7r 8R"])

    def test_lines_with_a_name_and_an_order_of_them(self):
        """“Wait 32” is no section of 32 counts."""
        found = read_text(
            "Bachata\nWait 32.\n\nGrundschritt seit: 1 L seit, 2 R ran, 3 L seit, 4 R Tap\n"
            "zurück: 5 R seit, 6 L ran, 7 R seit, 8 L Tap\n\nVor-Rück: 1 L vor, 2 R vor, 3 L vor, 4 R Tap, 5-8 Pause\n\n"
            "Ablauf: Grundschritt, Vor-Rück, Grundschritt\n"
        )
        self.assertEqual(
            [(s.name, short(s.events)) for s in found.dance.sections],
            [("Grundschritt seit", "1L 2R 3L 4r 5R 6L 7R 8l"), ("Vor-Rück", "1L 2R 3L 4r 5h")],
        )
        self.assertEqual(
            [i.sections[0] for i in found.dance.sequence], ["Grundschritt seit", "Vor-Rück", "Grundschritt seit"]
        )
        self.assertEqual(found.remarks, ())
        # Two that begin alike are no answer.
        two = read_text("X\n\nBasic left: 1 L side, 2 hold\nBasic right: 1 R side, 2 hold\nOrder: Basic, Basic\n")
        self.assertIn("left aside", " ".join(two.remarks))

    def test_parts_with_lettered_lines_of_one_word(self):
        """“A3 Sides” is no part of a count; “Counts 32, Walls 2” is no count 32."""
        found = read_text(
            "Kettle\nCounts 32, Walls 2, phrased: A B A\nPart A: 16 counts\n\nA1 Walks\n1-4 Walk R L R L\n5-8 hold\n\n"
            "A2 Sides\n1-4 vine R\n5-8 vine L\n\nPart B: 8 counts\n\nB1 Claps\n1-8 Stomp R, clap, stomp L, clap x2\n"
        )
        self.assertEqual([s.name for s in found.dance.sections], ["A1: Walks", "A2: Sides", "B1: Claps"])
        self.assertEqual([i.name for i in found.dance.sequence], ["A", "B", "A"])
        self.assertEqual(found.remarks, ())

    def test_titles_between_an_empty_line_and_a_count_1(self):
        """“Toe touches, sailor 1/4” ends with no count and belongs to what stands below it."""
        found = read_text(
            "Lights – 16 Count – 4 Wall – Improver\n\nRock fwd, shuffle\n1-2 rock R, recover\n3&4 shuffle R\n5-8 hold\n\n"
            "Toe touches, Sailor 1/4\n1-2 point R, together\n3&4 L sailor\n5-8 hold\n"
        )
        self.assertEqual([s.name for s in found.dance.sections], ["Rock fwd, shuffle", "Toe touches, Sailor 1/4"])
        self.assertEqual([short(s.events) for s in found.dance.sections], ["1R 2L 3R 3&L 4R 5h", "1r 2R 3L 3&R 4L 5h"])
        self.assertEqual(found.remarks, ())

    def test_a_sheet_without_any_count(self):
        found = read_text(
            "WARMUP for Saturday\n\n* March in place x8, start R\n* Grapevine R, grapevine L\n* bring water\n"
        )
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            ["1R 2L 3R 4L 5R 6L 7R 8L", "1R 2L 3R 4l 5L 6R 7L 8r"],
        )
        self.assertIn("bring water", " ".join(found.remarks))

    def test_a_restart_and_a_tag_in_one_line(self):
        for line, wanted, told in (
            ("Restart on wall 3 after 8, tag at the end of wall 5: sway R L R L 1-4", "wall wall wall/8 wall wall Tag wall", 0),
            ("4 count tag after wall 2 and a restart on wall 4 after 8 counts", "wall wall hold wall wall/8 wall", 0),
            ("Restart on walls 3 and 6 after 8 counts, then a 2 count tag on wall 7", "wall wall wall/8 wall wall wall/8 wall hold wall", 0),
            ("Restart on wall 3 after 8, wall 5 has a tag after 8 counts", "wall wall wall/8 wall", 1),
            ("Restart on wall 3 after 8 counts with a 2 count tag (sway R, L)", "wall wall wall/8 Tag wall", 0),
            ("On wall 4 dance up to count 8, add a 4 count tag and restart", "wall wall wall wall/8 hold wall", 0),
            ("Restart on wall 4 after 8: add the tag of 2 counts first", "wall wall wall wall/8 hold wall", 0),
            ("Wand 3: nach 8 Zählern Brücke (hüfte R, L), dann Neustart", "wall wall wall/8 wall", 1),
            ("Restart after 8 counts on walls 2 and 5 (no tag)", "wall wall/8 wall wall wall/8 wall", 0),
            ("Tag/Restart: wall 3 after 8 counts", "wall wall wall/8 wall", 0),
        ):  # fmt: skip
            found = read_text(f"S1\n1-8 walk R L R L R L R L\n\nS2\n1-8 walk R L R L R L R L\n\n{line}\n")
            self.assertEqual(" ".join(sequence(found)), wanted, line)
            self.assertEqual(len(found.remarks), told, (line, found.remarks))
            self.assertEqual(sum(x.text == line for x in found.lines), 1, "each line is told once")

    def test_heads_with_a_hash_in_brackets_and_eights_with_letters(self):
        for head, name in (
            ("#1 forward & back", "Section 1: forward & back"),
            ("[S1] side, together", "S1: side, together"),
            ("(Part 1)", "Part 1"),
            ("8-count A:", "A"),
        ):
            found = read_text(
                f"Dance\n\n{head}\n1-4 walk R L R L\n5-8 vine R\n\n{head.replace('1', '2').replace('A', 'B')}\n1-8 vine L, vine R\n"
            )
            self.assertEqual(found.dance.sections[0].name, name)
            self.assertEqual([short(s.events)[:5] for s in found.dance.sections], ["1R 2L", "1L 2R"], head)

    def test_sections_like_others_in_brackets(self):
        found = read_text("Dance\n[S1] go\n1-8 vine R, vine L\n[S2] repeat S1 on L\n[S3-S4] = S1-S2\n")
        self.assertEqual([short(s.events)[:2] for s in found.dance.sections], ["1R", "1L", "1R", "1L"])

    def test_an_order_of_counts(self):
        found = read_text(
            "Dance - 16 count, 4 wall\nSeq: 16 - 16 - 8 R - 16 to end\n1-8 vine R, vine L\n1-8 vine R, vine L\n"
        )
        self.assertEqual(sequence(found), ["wall", "wall", "wall/8", "wall"])

    def test_what_ends_on_an_and_makes_no_other_eight(self):
        found = read_text("1-7: walk R L R L R L R\n8&: step L, step R\n")
        self.assertEqual([s.length for s in found.dance.sections], [8])

    def test_the_first_counts_alone_are_danced(self):
        found = read_text(
            "S1\n1-8 vine R, vine L\nS2\n1-8 vine R, vine L\nOn the 4th wall dance the first 8 and restart\n"
        )
        self.assertEqual(sequence(found), ["wall", "wall", "wall", "wall/8", "wall"])

    def test_a_restart_behind_a_section_that_is_like_another_comes_after_it(self):
        found = read_text(
            "Gasse\n4 Wände | 32 Zählzeiten | Anfänger\nTeil 1\n1-4 Weinranke rechts\n5-8 Weinranke links\n"
            "Teil 2 wie Teil 1, aber links beginnend\n(Restart: In der 3. Runde hier abbrechen und von vorn beginnen)\n"
            "Teil 3\n1-4 Weinranke rechts\n5-8 Weinranke links\n"
        )
        self.assertEqual(sequence(found), ["wall", "wall", "wall/16", "wall"])
        self.assertEqual([s.name for s in found.dance.sections], ["Teil 1", "Teil 2", "Teil 3"])
        self.assertEqual(found.dance.stated.walls, 4)

    def test_an_eight_with_its_number_in_brackets(self):
        found = read_text(
            "Fan\n8 (1): walk R 1, walk L 2, hold 3-8\n8 (2): R step out 1, L step out 2, body roll 3-4, hold 5-8\n"
        )
        self.assertEqual([short(s.events) for s in found.dance.sections], ["1R 2L 3h", "1R 2L 3x 5h"])

    def test_a_title_in_capitals_behind_its_counts(self):
        found = read_text(
            "Ember\n1-8 VINES\n1-8 vine R, vine L\n9-16 HEEL SWITCHES & CLAPS\n1&2& R heel, R together, L heel, L together\n3-4 R heel, clap\n"
        )
        self.assertEqual([s.name for s in found.dance.sections], ["VINES", "HEEL SWITCHES & CLAPS"])
        self.assertEqual(short(found.dance.sections[1].events), "1r 1&R 2l 2&L 3r 4x")
