"""Cards of the run-through: when they stand, what they say, what they leave of the dance."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

from tests.core.plan.test_plan import TWO_WALLS, project, take
from vamos.core.dance.lines import lines_of
from vamos.core.model.clip import Cards, RunThrough
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.model.project import Output
from vamos.core.pack.chapters import chapters_of
from vamos.core.plan.cards import run_through_of
from vamos.core.plan.coverage import coverage_of
from vamos.core.render.overlays import shown_at
from vamos.core.render.timing import clip_timing
from vamos.core.render.words import Words
from vamos.core.time import CountRange, FrameRate
from vamos.errors import InputError

WITH_TAG = Dance(
    "Lamps",
    (Section("A", 8), Section("T", 4)),
    (Item(ItemKind.WALL, sections=("A",)), Item(ItemKind.TAG, sections=("T",)), Item(ItemKind.WALL, sections=("A",))),
    credits="two friends",
)


def with_cards(dance, **cards):
    p = project(take("a"), dance=dance)
    p = replace(p, output=Output(run_through=RunThrough(cards=Cards(**cards))))
    return p, run_through_of(p, coverage_of(p))


class CardsTest(unittest.TestCase):
    def test_none_unless_wished(self):
        self.assertEqual(with_cards(TWO_WALLS)[1].cards, ())

    def test_title_and_end_lie_outside_of_the_dance(self):
        """They lengthen run-up and run-out, so that the music goes on and no count of the dance is covered."""
        _, plain = with_cards(WITH_TAG)
        p, clip = with_cards(WITH_TAG, title=4, end=8)
        title, end = clip.cards
        self.assertEqual((title.counts.end, title.counts.length), (plain.shown.start, 4))
        self.assertEqual((end.counts.start, end.counts.length), (plain.shown.end, 8))
        self.assertEqual((clip.filmed, clip.counts), (plain.shown, plain.counts))
        self.assertEqual(title.title, "Lamps")
        self.assertIn("two friends", title.words)
        self.assertEqual(clip.problems, ())
        state = shown_at(Words(lines_of(p.grid, p.dance)), clip, title.counts.start)
        self.assertEqual((state.number, state.label, state.card), ("", "", (title.title, title.words)))

    def test_words_of_ones_own_stand_above_what_is_known(self):
        _, clip = with_cards(
            WITH_TAG, title=4, end=8, title_words="Night market, row 3", end_words="See you on Tuesday"
        )
        title, end = clip.cards
        self.assertEqual(title.words.splitlines()[0], "Night market, row 3")
        self.assertIn("two friends", title.words)
        self.assertEqual(end.words.splitlines()[0], "See you on Tuesday")
        # Without the card they stand nowhere, and a blank line is none.
        self.assertEqual(with_cards(WITH_TAG, end_words="See you")[1].cards, ())
        self.assertEqual(with_cards(WITH_TAG, end=4, end_words="  ")[1].cards[0].words, "two friends")
        with self.assertRaisesRegex(InputError, "200 letters of your own, not 201"):
            Cards(end_words="x" * 201)

    def test_a_title_is_cut_where_the_song_begins(self):
        """Count 1 lies 9 counts into the song (the first beat at second 1, two a second, a lead-in of 8)."""
        _, clip = with_cards(TWO_WALLS, title=16)
        self.assertEqual(clip.shown.start, F(-10))
        self.assertEqual(clip.cards[0].counts.length, 6)
        self.assertIn("the title stands for 6 counts only: the song begins there", clip.problems)

    def test_sections_and_tags_are_named_while_the_dance_goes_on(self):
        p, clip = with_cards(WITH_TAG, section=2, tag=4)
        self.assertEqual(
            [(c.title, int(c.counts.start), int(c.counts.length)) for c in clip.cards],
            [("A, wall 1", 0, 2), ("T", 8, 4), ("A, wall 2", 12, 2)],
        )
        words = Words(lines_of(p.grid, p.dance))
        at = [shown_at(words, clip, F(k)) for k in range(12)]
        self.assertEqual([s.banner for s in at], ["A, wall 1"] * 2 + [""] * 6 + ["T"] * 4)
        self.assertTrue(all(s.number for s in at))

    def test_without_section_cards_only_what_breaks_the_walls_is_named(self):
        _, clip = with_cards(WITH_TAG, tag=2)
        self.assertEqual([c.title for c in clip.cards], ["T"])

    def test_a_card_behind_the_dance_is_a_chapter_and_no_line_is(self):
        """A pass of the first wall only: behind it stands the card, not the tag and wall 2 that nobody filmed."""
        p, clip = with_cards(WITH_TAG, title=4, end=8)
        clip = replace(
            clip,
            counts=CountRange(F(0), F(8)),
            cards=(clip.cards[0], replace(clip.cards[1], counts=CountRange(F(8), F(16)))),
        )
        timing = clip_timing(p.grid, clip.shown, F(1), FrameRate.of(30))
        found = chapters_of(lines_of(p.grid, p.dance), clip, timing)
        self.assertEqual([t for _, _, t in found], ["lead-in", "A, wall 1", "Lamps"])
        self.assertAlmostEqual(found[2][0], timing.out_s(F(8)))
        self.assertAlmostEqual(found[2][1], timing.duration_s)

    def test_what_cannot_be(self):
        for counts in (-1, 33):
            with self.assertRaises(InputError):
                Cards(section=counts)
