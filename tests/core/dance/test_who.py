"""Partners, groups, arms and looks: each keeps its own; over the picture, on the sheet, in facts."""

import io
import unittest
from dataclasses import replace
from fractions import Fraction as F

from pypdf import PdfReader

from tests.core.dance.typed_judge import short
from tests.support import grid_at
from vamos.core.dance.facts import loop_closes, roles
from vamos.core.dance.lines import lines_of
from vamos.core.dance.section_text import notation_of, read_notation
from vamos.core.dance.sheets.pdf import sheet_pdf
from vamos.core.dance.sheets.text import read_text_sheet
from vamos.core.dance.who import danced_by, is_lane, rows_of
from vamos.core.model.clip import Clip
from vamos.core.model.dance import Dance, Item, ItemKind, Kind, Section
from vamos.core.model.look import Lane, Overlay
from vamos.core.model.project import Output, Project
from vamos.core.model.song import MediaRef, Song
from vamos.core.model.take import View
from vamos.core.render.films import stage_of
from vamos.core.render.overlays import schedule
from vamos.core.render.timing import clip_timing
from vamos.core.render.words import Words
from vamos.core.time import CountRange, Feel, FrameRate
from vamos.errors import InputError

GRID = grid_at(120, 60, 0.5, 8)
PARTNERS = "lead: side L 1, close R 2, hold 3 4, fwd L 5-8; follow: side R 1, close L 2, spin R 3-4, back R 5-8"


def dance(text: str) -> Dance:
    section = Section("A", 8, read_notation(text, Feel.STRAIGHT, {})[0])
    return Dance("Harbour", (section,), (Item(ItemKind.WALL),))


def shown(of: Dance, role: str = "") -> dict[int, tuple[str, str, bool]]:
    """What stands over the picture at each count: words, foot, whether it is held."""
    project = Project("p", Song(MediaRef("s.wav"), "s", GRID), of, output=Output(role=role))
    stage = stage_of(project, None, GRID, lines_of(GRID, of))
    clip = Clip("A", "A", "A", 1, CountRange(F(0), F(8)), View.FRONT, "t", 0, F(0), F(0), False, "x")
    timing = clip_timing(GRID, clip.shown, F(1), FrameRate.of(30))
    states = schedule(Words(stage.lines), clip, timing, Overlay(lanes=tuple(Lane)))
    return {frame // 15 + 1: (s.now, s.foot, s.hold) for frame, s in states if frame % 15 == 0}


class OverThePicture(unittest.TestCase):
    def test_both_partners_stand_there(self):
        """The same move once; where feet or moves differ each by its name; the lead's hold does not get lost."""
        seen = shown(dance(PARTNERS))
        self.assertEqual(seen[1], ("lead side L · follow side R", "", False))
        self.assertEqual(seen[3][0], "lead hold · follow spin")
        self.assertFalse(seen[3][2])
        self.assertEqual(seen[5][0], "lead fwd L · follow back R")

    def test_one_role_alone(self):
        lead, follow = shown(dance(PARTNERS), "lead"), shown(dance(PARTNERS), "follow")
        self.assertEqual((lead[1], follow[1]), (("side", "L", False), ("side", "R", False)))
        self.assertEqual((lead[3][0], lead[3][2]), ("hold", True))
        self.assertEqual(follow[5][0], "back")

    def test_arms_stand_beside_the_feet(self):
        """Feet stay the feet's, however arms move; “left” of a look is no foot."""
        seen = shown(dance("walk R 1, walk L 2; arms: up R 1, down 2; look: left 1"))
        self.assertEqual(seen[1], ("walk, arms up R, look left", "R", False))
        self.assertEqual(seen[2], ("walk, arms down", "L", False))

    def test_everybody_and_a_group(self):
        """What all do stands once; only where a group does something of its own are they told apart."""
        seen = shown(dance("walk R 1; left group: clap 3; right group: hold 3"))
        self.assertEqual(seen[1][0], "walk")
        self.assertEqual(seen[3][0], "left group clap · right group hold")


class LanesTest(unittest.TestCase):
    def test_words_of_a_lane_are_no_moves(self):
        """No weight, no turn, no question, whatever they say; and they are read back as they were written."""
        for text in (
            "arms: up R 1-2, reach left 3, ½ circle 4&, down 5 6 7 8",
            "hands: 1 clap, 2 clap, 3&4 roll",
            "Look: over right shoulder 1-4",
        ):
            events = read_notation(text, Feel.STRAIGHT, {})[0]
            with self.subTest(text):
                self.assertTrue(events)
                self.assertEqual(
                    {(e.kind, str(e.foot), e.turn, str(e.doubt)) for e in events}, {(Kind.FREE, "", 0, "")}
                )
                section = Section("A", 8, events)
                again = read_notation(notation_of(section, Dance("d", (section,))), Feel.STRAIGHT, {})[0]
                self.assertEqual(again, events)

    def test_words_without_a_count_are_refused(self):
        with self.assertRaises(InputError):
            read_notation("arms: up and down", Feel.STRAIGHT, {})

    def test_they_take_no_part_in_the_weight(self):
        """A wall that ends as it begins does so with arms written beside it."""
        plain = dance("walk R 1 2 3 4 5 6 7 8")
        armed = dance("walk R 1 2 3 4 5 6 7 8; arms: R up 1, L up 2")
        self.assertEqual(roles(armed), ("",))
        self.assertEqual(loop_closes(armed), loop_closes(plain))
        self.assertTrue(is_lane("Arms") and is_lane("Arme") and not is_lane("lead"))


class OneRoleTest(unittest.TestCase):
    def test_facing_is_that_of_the_role(self):
        """The second role begins where it faces; the first where the dance does."""
        of = replace(dance(PARTNERS), start_heading=0, partner_heading=4)
        both = [lines_of(GRID, danced_by(of, role)) for role in ("lead", "follow")]
        headings = [next(x for x in lines if x.section).heading for lines in both]
        self.assertEqual(headings, [0, 4])
        self.assertIs(danced_by(of, "nobody"), of)

    def test_a_line_for_each_in_a_sheet_of_somebody(self):
        """Lead, follow and arms in lines of their own below a head: nothing is left aside, each goes to its own."""
        sheet = (
            "Harbour Lights\n16 counts, 4 walls\n\nSection 1\n"
            "Lead: 1 L fwd, 2 recover R, 3&4 L back R together L fwd\n"
            "Follow: 1 R back, 2 recover L, 3&4 R fwd L together R back\nArms: 1-2 up, 3-4 down\n\n"
            "Section 2\n1-4 Walk R, L, R, touch L\n5-8 Vine L, touch R\n"
        )
        found = read_text_sheet(sheet)
        first, second = found.dance.sections
        self.assertEqual(
            [(name, short(events).replace(f"{name}:", "")) for name, events in rows_of(first)],
            [("Lead", "1L 2R 3L 3&R 4L"), ("Follow", "1R 2L 3R 3&L 4R"), ("Arms", "1x 3x")],
        )
        self.assertEqual(short(second.events), "1R 2L 3R 4l 5L 6R 7L 8r")
        self.assertFalse([r for r in found.remarks if "aside" in r])

    def test_rows_of_a_sheet(self):
        section = dance("walk R 1; lead: clap 2; follow: hold 2; arms: up 1").sections[0]
        self.assertEqual([name for name, _ in rows_of(section)], ["", "lead", "follow", "arms"])
        self.assertEqual(short(rows_of(section)[1][1]), "lead:2x")

    def test_each_has_a_row_on_paper(self):
        project = Project("p", Song(MediaRef("s.wav"), "s", GRID), dance(PARTNERS + "; arms: up 1"))
        text = "".join(p.extract_text() for p in PdfReader(io.BytesIO(sheet_pdf(project))).pages)
        for words in ("lead", "follow", "arms", "spin", "hold"):
            self.assertIn(words, text)


if __name__ == "__main__":
    unittest.main()
