"""Mends of a slip, parts, variants, and sequences in a teacher's words."""

import unittest
from fractions import Fraction as F

from tests.core.dance.sheets import section
from vamos.core.dance.checks import problems_of, weight_problems
from vamos.core.dance.counts_typed import NotationError
from vamos.core.dance.facts import facts_of
from vamos.core.dance.notation_out import print_line
from vamos.core.dance.offers import offers_at, with_section
from vamos.core.dance.parts import part_text
from vamos.core.dance.section_text import read_notation
from vamos.core.dance.sequence import parse_sequence, print_sequence
from vamos.core.dance.variants import in_variant, variants
from vamos.core.edit.dance import take_offer
from vamos.core.edit.parts import write_part
from vamos.core.model.dance import Dance, DancePart, Item, ItemKind, Section
from vamos.core.model.project import Project
from vamos.core.time import Feel
from vamos.errors import InputError

WALL = (Item(ItemKind.WALL),)


def dance_of(line: str) -> Dance:
    return Dance("d", (section("one", line),), WALL)


class MendTest(unittest.TestCase):
    """A slip is told once, where it is, and taking an offer leaves nothing wrong."""

    #: line, the count it is told on, words of an offer, the line when that is taken
    SLIPS = (
        ("walk R 1, touch L 2, walk R 3, walk L 4", 2, "step instead of touch on 2", "walk R 1, step L 2, walk R 3, walk L 4"),
        ("walk R 1, walk L 2, walk R 3, step L 4, step L 5, touch R 6", 4, "touch instead of step on 4",
         "walk R 1, walk L 2, walk R 3, touch L 4, step L 5, touch R 6"),
        ("side R 1, close L 2, side R 3, touch R 4", 3, "touch L on 4, not R", "side R 1, close L 2, side R 3, touch L 4"),
        ("walk R 1, walk L 2, side L 3, close R 4, side L 5, touch R 6", 2, "everything from 3 on on the other side",
         "walk R 1, walk L 2, side R 3, close L 4, side R 5, touch L 6"),
    )  # fmt: skip

    def test_each_slip_is_told_once_and_mended(self):
        for line, count, words, mended in self.SLIPS:
            dance = dance_of(line)
            with self.subTest(line):
                (told,) = weight_problems(dance)
                self.assertEqual(told.count, str(count + 1))
                offers = {o.words: o for o in offers_at(dance, "one", count)}
                self.assertIn(words, offers)
                self.assertEqual(offers[words].leads, "nothing else is wrong then")
                project = take_offer(Project(dance=dance), offers[words])
                self.assertEqual(print_line(project.dance.section("one").events), mended)
                self.assertEqual(weight_problems(project.dance), ())

    def test_no_offer_makes_it_worse(self):
        dance = dance_of("walk R 1, touch L 2, walk R 3, touch L 4, walk R 5, touch L 6, walk R 7, hold 8")
        before = len(weight_problems(dance))
        for count in range(8):
            for offer in offers_at(dance, "one", count):
                self.assertLess(len(weight_problems(with_section(dance, offer.section))), before)

    def test_a_part_of_a_count_is_named_with_its_number(self):
        (told,) = weight_problems(dance_of("walk R 1, walk L 2, side L &"))
        self.assertEqual(told.count, "2&")

    def test_partners_who_do_the_same_are_told_once(self):
        events, _ = read_notation("lead: walk L 1; follow: walk R 1", Feel.STRAIGHT, {})
        both = section("x", "walk R 3, walk R 4").events
        dance = Dance("d", (Section("one", 8, (*events, *both)),), WALL)
        self.assertEqual(len([p for p in weight_problems(dance) if p.count == "4"]), 1)

    def test_nothing_is_offered_where_nothing_is_open(self):
        self.assertEqual(offers_at(dance_of("walk R 1, walk L 2"), "one", 0), ())


class SequenceWordsTest(unittest.TestCase):
    SECTIONS = (section("Fan sweep", "walk R 1"), section("Tag 1", "walk R 1"), section("chorus", "walk R 1"))
    DANCE = Dance("d", SECTIONS, (), parts=(DancePart("A", ("Fan sweep",)),))

    def test_as_teachers_write_them(self):
        for typed, taken in (
            ("4 walls", "4*wall"),
            ("wall x4", "4*wall"),
            ("wall x2, tag 1, 2 walls", '2*wall "Tag 1" 2*wall'),
            ("4 walls, tag 1, wall", '4*wall "Tag 1" wall'),
            ("wall 2 walls", "3*wall"),
            ("wall hold 4 wall", "wall hold:4 wall"),
            ("2 walls, hold for 2 counts, wall", "2*wall hold:2 wall"),
            ("fan sweep, chorus", '"Fan sweep" chorus'),
            ("Fan sweep x2 chorus", '2*"Fan sweep" chorus'),
            ("wall restart after 8, wall", "wall/8 wall"),
            ("2 walls (restart after 12 counts) wall", "2*wall/12 wall"),
            ("A A chorus", "2*A chorus"),
            ("[tag 1] Wall", '["Tag 1"] wall'),
        ):
            with self.subTest(typed):
                items = parse_sequence(typed, self.DANCE)
                self.assertEqual(print_sequence(items, self.DANCE), taken)
                self.assertEqual(parse_sequence(taken, self.DANCE), items)

    def test_a_name_that_is_not_there_is_asked_for(self):
        for typed in ("tag 2", "fan swoop", "wall x0", "hold 0", "wall restart after 900", "4 chairs"):
            with self.subTest(typed), self.assertRaises(NotationError):
                parse_sequence(typed, self.DANCE)


class PartsTest(unittest.TestCase):
    def setUp(self) -> None:
        self.project = Project(dance=Dance("d", (section("walk on", "walk R 1"), section("Fan", "walk R 1"))))

    def test_a_part_as_typed(self):
        there = write_part(self.project, "A: fan, Walk On")
        self.assertEqual(there.dance.parts, (DancePart("A", ("Fan", "walk on")),))
        self.assertEqual(part_text(there.dance.parts[0]), "A: Fan, walk on")
        items = parse_sequence("A A", there.dance)
        self.assertEqual(facts_of(Dance("d", there.dance.sections, items, parts=there.dance.parts)).counts_danced, 32)

    def test_a_part_that_changes_is_danced_so_wherever_it_comes(self):
        there = write_part(self.project, "A: Fan")
        there = Project(
            dance=Dance("d", there.dance.sections, parse_sequence("A A", there.dance), parts=there.dance.parts)
        )
        changed = write_part(there, "Verse: Fan, walk on", "A")
        self.assertEqual([(i.name, i.sections) for i in changed.dance.sequence], [("Verse", ("Fan", "walk on"))] * 2)
        self.assertEqual(write_part(there, "", "A").dance.parts, ())

    def test_what_cannot_be_read_says_what_would_be(self):
        for typed, words in (
            ("A", "a colon"),
            ("A:", "Which sections"),
            ("A: fun", "no section “fun”"),
            (": Fan", "colon"),
        ):
            with self.subTest(typed), self.assertRaisesRegex(InputError, words):
                write_part(self.project, typed)


class VariantsTest(unittest.TestCase):
    def test_words_beside_moves_and_other_moves(self):
        events, others = read_notation("walk R 1 2 3 4; or seated 1-2: clap 1, clap 2", Feel.STRAIGHT, {})
        written = Section(
            "one", 8, tuple(e if e.start else e.__class__(F(0), easier="march") for e in events), others=others
        )
        dance = Dance("d", (written,))
        self.assertEqual(variants(dance), ("easier", "seated"))
        self.assertEqual([e.name for e in in_variant(written, "easier").events], ["march", "walk", "walk", "walk"])
        self.assertEqual([e.name for e in in_variant(written, "seated").events], ["clap", "clap", "walk", "walk"])
        self.assertIs(in_variant(written, "harder"), written)


class StatedTest(unittest.TestCase):
    def test_words_agree_and_phrased_dances_count_what_is_danced(self):
        from vamos.core.model.dance import Stated

        parts = (DancePart("A", ("one",)), DancePart("B", ("two",)))
        sections = (section("one", "walk R 1"), section("two", "walk R 1"))
        dance = Dance("d", sections, (), parts=parts)
        phrased = Dance("d", sections, parse_sequence("A B A", dance), parts=parts, stated=Stated(counts=1, restarts=1))
        said = [p.text for p in problems_of(phrased) if p.kind == "stated"]
        self.assertEqual(
            said,
            ["It is said to have 1 count; the sheet has 16.", "It is said to have 1 restart; the sequence has none."],
        )
