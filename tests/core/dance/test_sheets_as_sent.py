"""Whole sheets as they are sent from hand to hand, in three hands and two languages; what they mean worked out by hand."""

import unittest
from pathlib import Path

from tests.core.dance.typed_judge import short
from vamos.core.dance.checks import problems_of
from vamos.core.dance.facing import clock_text
from vamos.core.dance.remarks import restart_in
from vamos.core.dance.section_text import read_notation
from vamos.core.dance.sheets.files import read_any_text
from vamos.core.dance.sheets.read_as import LineIs, TextRead
from vamos.core.dance.sheets.table import read_other_table
from vamos.core.dance.sheets.text import read_text
from vamos.core.model.dance import Doubt, Foot
from vamos.core.time import Feel

HERE = Path(__file__).parent / "sheets"


def read(name: str) -> TextRead:
    return read_text((HERE / f"{name}.txt").read_text(encoding="utf-8"))


def sequence(found: TextRead) -> list[str]:
    """wall, wall/16 (a restart after 16), names of tags and parts."""
    return [(i.name or str(i.kind)) + (f"/{i.restart_after}" if i.restart_after else "") for i in found.dance.sequence]


class SentTest(unittest.TestCase):
    def test_titles_that_sound_like_moves_are_titles(self):
        found = read("paper moon")
        self.assertEqual([s.length for s in found.dance.sections], [8, 8, 8, 8, 4])
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            [
                "1R 2L 3R 3&L 4R 5L 6R 7L 7&R 8L",
                "1R 2L 3r 3&R 4L 5r 5&R 6L 7R 8L-2",
                "1R 2l 3L 4r 5R 6L 7R 8L",
                "1r 1&R 2l 2&L 3R 4L 5x 6x 7x 8x",
                "1R 2L 3R 4L",
            ],
        )
        self.assertEqual(sequence(found), ["wall", "wall", "wall/16", "wall", "wall", "Tag", "wall"])
        dance = found.dance
        self.assertEqual(
            (dance.credits, dance.level, dance.stated.walls, dance.stated.counts),
            ("A. Teacher (2026)", "improver", 4, 32),
        )
        self.assertEqual(found.song, "Moonlit Stalls by The Invented Band")
        self.assertEqual(clock_text(sum(e.turn or 0 for s in dance.wall_sections() for e in s.events) % 8), "9:00")

    def test_bold_heads_and_counts_one_by_one(self):
        found = read("fan alley")
        self.assertEqual(
            [short(s.events) for s in found.dance.sections][:2],
            ["1R 2L 3R 4l 5L 6R 7L 8r", "1R 2l 3L 4r 5R 6L-4 7R 8L"],
        )
        self.assertEqual(sequence(found), ["wall", "wall", "Tag", "wall", "wall", "Tag", "wall"])
        dance = found.dance
        self.assertEqual((dance.level, dance.stated.walls, dance.stated.counts), ("Absolute Beginner", 2, 16))

    def test_german(self):
        found = read("laternengasse")
        first, second, tag = found.dance.sections
        # “Brücke nach Wand 3: 4 Zähler Hüften kreisen” is danced on its own counts, and turns nobody.
        # “4 Zähler Hüften kreisen” lasts four counts.
        self.assertEqual((tag.name, tag.length, [e.length for e in tag.events]), ("Tag", 4, [4]))
        self.assertEqual(short(first.events), "1R 2L 3R 3&L 4R 5L 6R 7L 8r 9R 10L 11R 12l 13L 14R 15L-2 16r")
        self.assertEqual(short(second.events).split()[:4], ["1R", "2L-4", "3R", "4L-4"])
        self.assertEqual(sequence(found), ["Teil A", "Teil A", "Teil B", "Teil A", "Teil B", "Teil B"])
        told = [(p.section, p.kind) for p in problems_of(found.dance)]
        self.assertIn(("Teil B", "weight"), told, "two stamps with one foot are told")

    def test_a_typed_sheet_with_titles_in_capitals(self):
        found = read("salt and sugar")
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            [
                "1R 2L 3r 3&R 4L 5R 6L-2 7R 7&L 8R",
                "1L 2R 3L 3&R 4L 5R 6L 7R 7&L 8R",
                "1L 1&R 2L 3R 3&L 4R 5l 5&L 6r 6&R 7L 8h",
                "1R 2L 3R 4L 5R 6L 7R 8L",
                "1R 2L 3R 4L",
            ],
        )
        self.assertEqual(sequence(found), ["wall", "wall", "Tag", "wall", "wall", "wall/24", "wall"])
        self.assertEqual(found.remarks, ())

    def test_a_message_of_a_few_lines(self):
        """Words before a head, a name in quotes, facts in a sentence, sections without any count."""
        found = read("copper kettle")
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            [
                "1R 2L 3R 4l 5L 6R 7L 8r",
                "1R 2L 3R 4l 5L 6R 7L-2 8r",
                "1R 2L 3R 4L 5R 6L 7R 8L",
                "1R 2L 3R 4L 5R 6L 7x 8x",
            ],
        )
        dance = found.dance
        self.assertEqual(
            (dance.name, dance.level, dance.stated.walls, dance.stated.counts), ("Copper Kettle", "beginner", 4, 32)
        )
        self.assertEqual(sequence(found), ["wall", "wall", "wall/16", "wall"])
        self.assertEqual([x.text for x in found.lines if x.taken is LineIs.ASIDE], ["see you thursday :)"])

    def test_german_with_dashes_between_the_moves(self):
        """“Wie 5-6” dances counts 5 and 6 again, on its own counts."""
        found = read("kupferkessel")
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            [
                "1R 2L 3R 4l 5L 6R 7L 8r",
                "1R 2L 3R 4l 5L 6R 7L-2 8r",
                "1R 2L 3R 4L 5R 6L-4 7R 8L-4",
                "1R 2L 3R 4L 5R 6L 7x 8x",
            ],
        )
        self.assertEqual(found.dance.starts_on, "16 Taktschlägen mit dem Gesang")
        self.assertEqual(found.remarks, ())
        self.assertFalse([e.doubt for s in found.dance.sections for e in s.events if e.doubt])

    def test_notes_in_sentences(self):
        found = read("moon ferry")
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            [
                "1r 2R 3l 4L 5r 6r 7x 8x",
                "1R 2L 3R 4l 5L 6R 7L 8r",
                "1R 2L-4 3R 4L-4 5R 6L 7h 8h",
                "1R 2L 3R 4l 5L 6R 7L 8r",
            ],
        )

    def test_a_column_of_notes(self):
        """Each is kept at the move of its count; one beside nothing is told."""
        table = "Count,Step,Notes\n1,step R,\n2,close L,now facing 3:00\n3&4,chassé R,small\n7,,look up\n"
        found = read_other_table(table, ",")
        (section,) = found.dance.sections
        self.assertEqual([(e.start, e.note) for e in section.events if e.note], [(1, "now facing 3:00"), (2, "small")])
        self.assertEqual(len(found.remarks), 1)
        self.assertIn("look up", found.remarks[0])

    def test_a_tag_whose_moves_stand_behind_its_wall(self):
        found = read("tin lantern")
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            [
                "1R 2L 3R 3&L 4R 5L 6R 7L 7&R 8L",
                "1R 2L 3R 3&L 4R 5L 6R 7L-2 7&R 8L",
                "1R 2L-2 3R 3&L 4R 5L 6R 7L 7&R 8L",
                "1r 2R+4 3l 4L 5R 6L 7R 8L",
                "1R 2L 3R 4L",
            ],
        )
        self.assertIn("Tag", sequence(found))

    def test_a_step_for_two_of_six_counts(self):
        found = read("sugar push")
        (only,) = found.dance.sections
        self.assertEqual((found.dance.name, only.length), ("Sugar push", 6))
        for role, feet in (("Lead", "L R L L R L R"), ("Follow", "R L R R L R L")):
            self.assertEqual(" ".join(str(e.foot) for e in only.events if e.role == role), feet)

    def test_a_handout_of_phrases(self):
        """(2x8) is sixteen counts, “P1” is Phrase 1, and who starts on the left stands on the right."""
        found = read("night train")
        self.assertEqual([s.length for s in found.dance.sections], [16, 8])
        self.assertEqual(short(found.dance.sections[0].events).split()[6:10], ["7R+2", "8l", "9L", "10R+4"])
        self.assertEqual(sequence(found), ["Phrase 1", "Phrase 2", "Phrase 1", "Phrase 2", "Phrase 2"])
        self.assertEqual((found.dance.start_weight, found.dance.starts_on), (Foot.RIGHT, "8 counts"))

    def test_german_numbers_and_a_restart_after_a_part(self):
        found = read("laternenlauf")
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            [
                "1R 2l 3L 4r 5R 6l 7L 8r",
                "1R 2L 3R 4l 5L 6R 7L 8r",
                "1R 2L 3R 4l 5L 6R 7L 8r",
                "1R 2L-2 3R 4L-2 5R 6L 7x 8x",
            ],
        )
        self.assertEqual(sequence(found), ["wall", "wall", "wall/16", "wall"])

    def test_eights_with_numbers_one_like_another(self):
        """“8 #3 = 8 #1 mirrored” is danced as the first, on the other side; “5 6 7 8 ready” by nobody."""
        found = read("four eights")
        first, _, third, _ = found.dance.sections
        names = [e.name for e in first.events]
        self.assertEqual(names[:2], ["right arm up", "left arm up"])
        self.assertEqual([e.name for e in third.events][:2], ["left arm up", "right arm up"])
        self.assertEqual([(e.start, e.length) for e in third.events], [(e.start, e.length) for e in first.events])
        self.assertEqual([s.length for s in found.dance.sections], [8, 8, 8, 8])

    def test_a_waltz_for_two_in_sixes(self):
        found = read("slow entrance")
        self.assertEqual([(s.name, s.length) for s in found.dance.sections][:1], [("Bars 1-2: box", 6)])
        self.assertEqual(
            short(found.dance.sections[1].events),
            "he:1L he:2R he:3L he:4R he:5L he:6R she:1R+4 she:2L+4 she:3R 4h",
        )
        self.assertTrue(any("Repeat bars 1-4" in told for told in found.remarks), "what is not read is told")

    def test_short_words_that_the_sheet_explains(self):
        """Above or below the moves, several in a line; a line that explains no move of a dance is left aside."""
        text = (
            "Lantern Lane\nAbbreviations: KBC = kick ball change, CST = coaster step\n"
            "Section 1\n1&2 KBC R\n3&4 KBC R\n5-6 Rock fwd R, rec L\n7&8 CST R\n"
            "Section 2\n1-4 VV R, 5-8 VV L\nVV = vine\nJJ = jolly good fellow\n"
        )
        found = read_text(text)
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            ["1r 1&R 2L 3r 3&R 4L 5R 6L 7R 7&L 8R", "1R 2L 3R 4l 5L 6R 7L 8r"],
        )
        self.assertEqual(
            [x.told for x in found.lines if "KBC =" in x.text], ["KBC: kick ball change; CST: coaster step"]
        )
        self.assertTrue(any("JJ = jolly" in told for told in found.remarks), found.remarks)
        self.assertFalse(any("VV = vine" in told for told in found.remarks))

    def test_spanish_and_french_sheets(self):
        """Facts, heads, restarts and tags in their own words; “(8)” behind a head is no way to face."""
        spanish = read_text(
            "Música: La Calle (un grupo)\nSección 1 (8)\n1-4 paso derecha, junta, paso derecha, toca\n"
            "5-8 paso izquierda, junta, paso izquierda, toca\nSección 2 (8)\n"
            "1-2 paso derecho adelante, media vuelta izquierda\n3-4 paso D adelante, media vuelta izquierda\n"
            "5-8 caminar D I D I\nTag al final de la pared 2: 4 tiempos\n1-4 balanceo paso D I D I\n"
        )
        self.assertEqual(
            [short(s.events) for s in spanish.dance.sections],
            ["1R 2L 3R 4l 5L 6R 7L 8r", "1R 2L-4 3R 4L-4 5R 6L 7R 8L", "1R 2L 3R 4L"],
        )
        self.assertEqual(sequence(spanish), ["wall", "wall", "Tag", "wall"])
        self.assertEqual(spanish.song, "La Calle (un grupo)")
        french = read_text(
            "Danse: La rue des lampions\n16 temps, 2 murs, débutant\nSection 1 : marche\n1-2 PD devant, PG devant\n"
            "3&4 shuffle avant D G D\n5-6 rock avant G, retour sur D\n7&8 coaster G\nSection 2\n1-4 vigne à droite\n"
            "5-8 vigne à gauche\nRestart au mur 3 après 8 temps\n"
        )
        self.assertEqual(short(french.dance.sections[0].events), "1R 2L 3R 3&L 4R 5L 6R 7L 7&R 8L")
        self.assertEqual(sequence(french), ["wall", "wall", "wall/8", "wall"])
        self.assertEqual(
            (french.dance.name, french.dance.stated.counts, french.dance.stated.walls, french.dance.level),
            ("La rue des lampions", 16, 2, "débutant"),
        )

    def test_heads_with_the_number_of_a_line(self):
        found = read_text("Quick\nL1: 1-4 vine R, 5-8 vine L\nL2: 1-8 walk R L R L R L R L\nRestart wall 2 after L1\n")
        self.assertEqual([s.name for s in found.dance.sections], ["L1", "L2"])
        self.assertIsNone(restart_in("Restart on wall 3 after a 4").section, "“a 4” is no section")
        self.assertEqual(sequence(found), ["wall", "wall/8", "wall"])

    def test_like_another_section(self):
        text = "Section 1: 1-4 vine R, 5-8 vine L\nSection 2\nsame as section 1 on the other side\n"
        found = read_text(text)
        self.assertEqual([short(s.events) for s in found.dance.sections][1], "1L 2R 3L 4r 5R 6L 7R 8l")
        more = read_text("Section 1: 1-4 vine R, 5-8 vine L\nSection 2 = section 1\n7-8 stomp R, stomp L\n")
        self.assertEqual(short(more.dance.sections[1].events), short(more.dance.sections[0].events))
        self.assertTrue(any("7-8 stomp R" in line for line in more.remarks), "moves below it are told, not lost")
        told = read_text("Section 1: 1-4 vine R\nSection 2\nsame as section 9\n").remarks
        self.assertTrue(any("same as section 9" in line for line in told), told)

    def test_what_stands_in_the_line_of_a_head_is_danced(self):
        """Moves with their counts in brackets, or without any on those of the head; a tag belongs to no part."""
        found = read_text(
            "Intro: 32 counts. Phrased: A A B Tag B\n"
            "Part A 16 counts\nA1: 1-4 Side R, close L, side R, touch L; 5-8 Side L, close R, side L, touch R\n"
            "A2: 1-2 Rock fwd R, rec L 3-4 rock back R, rec L 5-8 jazz box R\n"
            "Part B 16 counts\nB1: hips R, L, R, L (1-4), arms up (5-6), arms down (7-8)\nB2: paddle ¼ L x4 (1-8)\n"
            "Tag 8 counts: march on the spot R L R L R L R L\n"
            "Ending: on the last wall dance to count 14 and face 12:00\n"
        )
        danced = {s.name: short(s.events) for s in found.dance.sections}
        self.assertEqual(list(danced), ["A1", "A2", "B1", "B2", "Tag"])
        self.assertEqual(danced["A2"], "1R 2L 3R 4L 5R 6L 7R 8L")
        self.assertEqual(danced["B1"], "1x 2x 3x 4x 5x 7x")
        self.assertEqual(danced["B2"], "1R 2L-2 3R 4L-2 5R 6L-2 7R 8L-2")
        self.assertEqual(danced["Tag"], "1R 2L 3R 4L 5R 6L 7R 8L")
        self.assertEqual(sequence(found), ["A", "A", "B", "Tag", "B"])
        self.assertEqual(found.dance.starts_on, "32 counts.")
        self.assertEqual([line.text[:6] for line in found.lines if line.taken is LineIs.ASIDE], ["Ending"])

    def test_a_title_that_sounds_like_moves_is_a_title_where_counts_stand_below(self):
        found = read_text(
            "RIVER LIGHTS – 16 counts – 4 walls – improver\n"
            "SEC 1 (1-8): SIDE ROCK, BEHIND SIDE CROSS x2\n1-2 Rock R to R side, recover L\n"
            "3&4 Step R behind L, L to L side, cross R over L\n5-6 Rock L to L side, recover R\n7&8 L behind, R side, cross L\n"
            "SEC 2 (9-16): HEEL SWITCHES, STOMP x2\n1&2& R heel, R together, L heel, L together\n3-4 stomp R, stomp L\n"
            "TAG (4 counts) at the end of wall 2: rocking chair R\n"
        )
        dance = found.dance
        self.assertEqual(dance.name, "RIVER LIGHTS")
        self.assertEqual([s.name.partition(":")[0] for s in dance.sections], ["Section 1", "Section 2", "Tag"])
        self.assertEqual(short(dance.sections[2].events), "1R 2L 3R 4L")
        self.assertEqual((dance.stated.walls, dance.stated.counts, dance.level), (4, 16, "improver"))

    def test_counts_in_a_line_of_their_own(self):
        """Below them stand moves without any: they are danced on those; what is not a name is none."""
        found = read_text(
            "Hi all! Here is the dance from Tuesday :)\n\nPAPER BOATS (32ct/2w, beginner)\nStart on vocals (after 16)\n\n"
            "1-8\nwalk R L R kick L, walk back L R L touch R\n\n9-16\nside R tog L side R touch L, side L tog R side L touch R\n"
            "\nSee you next week\n"
        )
        dance = found.dance
        self.assertEqual(dance.name, "PAPER BOATS")
        self.assertEqual((dance.stated.counts, dance.stated.walls, dance.starts_on), (32, 2, "vocals (after 16)"))
        self.assertEqual(
            [short(s.events) for s in dance.sections], ["1R 2L 3R 4l 5L 6R 7L 8r", "1R 2L 3R 4l 5L 6R 7L 8r"]
        )

    def test_each_count_with_its_word(self):
        """“Count 1:” names no dancer."""
        found = read_text(
            "Section A\nCount 1: Step right foot forward.\nCount &: Close left foot to right.\nCount 2: Step right foot forward.\n"
            "Counts 3-4: Rock left forward, recover right.\n"
        )
        (section,) = found.dance.sections
        self.assertEqual(short(section.events), "1R 1&L 2R 3L 4R")
        self.assertEqual({e.role for e in section.events}, {""})

    def test_heads_in_words_with_moves_that_have_no_counts(self):
        """“First 8: …”, “next eight …”: the moves are danced, and what is open is asked and not made a title."""
        moves = ["walk walk, rock step, coaster step", "side together side touch x2", "vine right, vine left"]
        for heads in (("First 8", "Next 8", "Last 8"), ("First eight", "second eight", "final 8 counts")):
            found = read_text("Paper Moon\n" + "\n".join(f"{h}: {m}" for h, m in zip(heads, moves, strict=True)))
            self.assertEqual(
                [(s.name, s.length, short(s.events)) for s in found.dance.sections],
                [
                    ("Section 1", 8, "1R 2L 3R 4L 5R 5&L 6R"),
                    ("Section 2", 8, "1R 2L 3R 4l 5L 6R 7L 8r"),
                    ("Section 3", 8, "1R 2L 3R 4l 5L 6R 7L 8r"),
                ],
            )
            asked = [(s.name, e.start, e.doubt) for s in found.dance.sections for e in s.events if e.doubt]
            self.assertEqual(asked, [("Section 1", 0, Doubt.FOOT), ("Section 2", 0, Doubt.FOOT)])
            self.assertEqual(found.remarks, ())

    def test_moves_without_counts_below_their_head(self):
        found = read_text(
            "Fan\nFirst eight\nwalk R, walk L, rock step, coaster step, stomp stomp\nNext eight\n1-4 vine R\n"
        )
        self.assertEqual(
            [short(s.events) for s in found.dance.sections], ["1R 2L 3R 4L 5R 5&L 6R 7L 8R", "1R 2L 3R 4l"]
        )
        self.assertEqual(found.remarks, ())

    def test_a_section_without_moves_is_told(self):
        """Neither its title nor the line below makes a move: its counts are empty, and the teacher hears it."""
        found = read_text("Fan\nSection 1: wave to the people\nSection 2\n1-4 vine R\n")
        self.assertEqual([short(s.events) for s in found.dance.sections], ["", "1R 2L 3R 4l"])
        self.assertEqual(
            found.remarks,
            (
                "Section 1: wave to the people: No moves of it are understood; its counts are empty. "
                "Write them such as “1-4 vine R”.",
            ),
        )

    def test_two_walks_are_not_one_so_that_the_sum_comes_out(self):
        """A bare half pivot leaves the count open: that is asked, and both walks stay."""
        events, _ = read_notation("vine R, pivot 1/2, walk walk", Feel.STRAIGHT, {})
        self.assertEqual([e.name for e in events[-2:]], ["walk", "walk"])
        self.assertIn(Doubt.COUNTS, [e.doubt for e in events])

    def test_a_table_without_edges(self):
        found = read_any_text(
            "Count | Steps | Facing\n1 | R side | 12:00\n2 | L behind |\n3 & 4 | R shuffle fwd | 12:00\n"
        )
        (section,) = found.dance.sections
        self.assertEqual(short(section.events), "1R 2L 3R 3&L 4R")
        self.assertEqual(found.dance.name, "")

    def test_what_is_said_again_of_the_section_above(self):
        """“8 counts:” and “last 8” are heads; “same thing starting left” is the section above on the other side."""
        found = read("tuesday")
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            [
                "1R 2l 3L 4r 5R 6L 7R 8l",
                "1L 2r 3R 4l 5L 6R 7L 8r",
                "1R 1&L 2R 3L 3&R 4L 5R-8 6L 7R 8L",
                "1x 1&x 2x 3x 3&x 4x 5B 6B 7x 8x",
            ],
        )
        self.assertEqual([s.name for s in found.dance.sections], [f"Section {k}" for k in (1, 2, 3, 4)])
        self.assertEqual([x.text[:12] for x in found.lines if x.taken is LineIs.ASIDE], ["repeat whole"])

    def test_a_tag_whose_place_stands_behind_its_colon(self):
        found = read("night kite")
        self.assertEqual(sequence(found), ["wall", "wall", "Tag", "wall", "wall", "wall/16", "wall"])
        self.assertEqual(found.remarks, ())
        self.assertEqual(
            [short(s.events) for s in found.dance.sections][:3],
            [
                "1R 2L 3r 3&R 4L 5R 6L-4 7R 8L",
                "1R 1&L 2R 3L 4R 5L 5&R 6L 7R 8L",
                "0&R 1l 1&L 2r 2&R 3l 3&L 4r 5R 6h 7L 8R+2",
            ],
        )
        self.assertEqual([e.name for e in found.dance.sections[-1].events][:2], ["hip sways right", "hip sways left"])

    def test_a_german_page_with_tables(self):
        """Heads of columns in German, eights in one part, “Wiederhole 1-4”, “klatschen auf 5 und 7” in its range."""
        text = (HERE / "laternenweg.md").read_text(encoding="utf-8")
        found = read_any_text(text)
        first, second = found.dance.sections
        self.assertEqual((first.length, second.length), (32, 16))
        self.assertEqual(short(first.events)[:38], "1R 2L 3R 4l 5L 6R 7L 8r 9R 10L 11R 12L")
        self.assertTrue(short(first.events).endswith("21R 22L 23R 24L 25R+4 26L 27R 28L 29x 31x"))
        self.assertEqual([i.name for i in found.dance.sequence], [f"Teil {x}" for x in "AABABB"])

    def test_spanish_heads_and_a_tag_of_four_counts(self):
        """“1ª sección”; “al final de la pared 3, 4 tiempos” is wall 3 alone."""
        found = read("faroles")
        self.assertEqual(
            [s.name for s in found.dance.sections][:2], ["Sección 1: pasos al lado", "Sección 2: rock y triple"]
        )
        self.assertEqual(sequence(found), ["wall", "wall", "wall", "Tag", "wall"])
        self.assertEqual(found.remarks, ())
        self.assertEqual(
            [short(s.events) for s in found.dance.sections][1:4],
            ["1R 2L 3R 3&L 4R 5L 6R 7L 7&R 8L", "1R 2L-4 3R 4L-2 5R 6l 7L 8r", "1R 2L 3R 4L 5R 6L 7x 8x"],
        )

    def test_counts_of_an_eight_as_its_head(self):
        """“count 1-8”, “count 1-8 again” and moves with counts of their own: two sections; what is no move is told."""
        found = read("paper boats")
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            ["1R 2h 3x 3&x 4x 5L-4 6r 7x", "1r 2R 3L?8 4x 5R 6L 7R 8x"],
        )
        self.assertEqual(len(found.remarks), 2)

    def test_a_number_in_front_of_the_one_line_of_a_section(self):
        """How often or how long, and no count."""
        for line, wanted in (
            ("4 hip bumps", "1x 2x 3x 4x"),
            ("3 stomps R L R, hold", "1R 2L 3R 4h"),
            ("4 paddle turns 1/4 L", "1R 2L-2 3R 4L-2 5R 6L-2 7R 8L-2"),
            ("2 x (step R, touch L, step L, touch R)", "1R 2l 3L 4r 5R 6l 7L 8r"),
            ("8 counts freestyle", "1x"),
            ("8 cross R", "8R"),
        ):
            (section,) = read_text(f"Test\n\nSection 1\n{line}\n").dance.sections
            self.assertEqual(short(section.events), wanted, line)

    def test_a_turn_in_a_column_of_remarks_is_told(self):
        read = read_other_table("Count;What;Foot;Remark\n1;step fwd;L;slowly\n2;close;R;1/4 R\n", ";")
        dance, remarks = read.dance, read.remarks
        self.assertEqual([e.note for e in dance.sections[0].events], ["slowly", "1/4 R"])
        self.assertTrue(any("1/4 R" in r and "turn" in r for r in remarks), remarks)

    def test_every_line_is_accounted_for(self):
        for name in ("paper moon", "fan alley", "laternengasse"):
            found = read(name)
            rows = (HERE / f"{name}.txt").read_text(encoding="utf-8").splitlines()
            with self.subTest(name):
                self.assertEqual([line.number for line in found.lines][: len(rows)], list(range(1, len(rows) + 1)))
                left = [line.text for line in found.lines if line.taken in (LineIs.ASIDE, LineIs.OPEN)]
                self.assertEqual(left, [])
