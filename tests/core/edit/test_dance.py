"""Writing the dance: edits that change what they say and nothing else."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.dance.sheets import four_walls
from tests.support import grid_at
from vamos.core.dance import section_text
from vamos.core.dance.counts_typed import NotationError
from vamos.core.dance.facts import facts_of
from vamos.core.dance.notation import parse_line
from vamos.core.edit import dance as edit_dance
from vamos.core.model.dance import Dance, Foot, Item, ItemKind, Section
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song
from vamos.core.time import Feel
from vamos.errors import InputError


def project() -> Project:
    return Project(song=Song(MediaRef("s.wav"), "s", grid_at(120, 150, 0.5, 16)), dance=four_walls())


class SectionsTest(unittest.TestCase):
    def test_the_first_section_starts_the_sequence(self):
        """A new dance can be seen on the page at once: one wall of one empty section."""
        p = edit_dance.add_section(Project())
        self.assertEqual(
            ([s.name for s in p.dance.sections], [i.kind for i in p.dance.sequence]), (["Section 1"], [ItemKind.WALL])
        )

    def test_a_section_behind_another_joins_the_walls_that_list_it(self):
        p = edit_dance.write_sequence(project(), "wall wall/16")
        listed = replace(p, dance=replace(p.dance, sequence=(replace(p.dance.sequence[0], sections=("one", "two")),)))
        added = edit_dance.add_section(listed, "new", after="one")
        self.assertEqual(added.dance.sequence[0].sections, ("one", "new", "two"))
        self.assertEqual([s.name for s in added.dance.sections][:3], ["one", "new", "two"])

    def test_writing_a_line_keeps_notes(self):
        p = edit_dance.set_event(project(), "one", F(0), note="small")
        p = edit_dance.write_section(p, "one", "walk R 1, walk L 2, hold 3-8")
        section = p.dance.section("one")
        self.assertEqual((section.events[0].note, len(section.events)), ("small", 3))

    def test_a_line_longer_than_the_section_makes_it_longer(self):
        p = edit_dance.write_section(project(), "tag", "sway R 1, sway L 2, sway R 3, sway L 4, stomp R 5, stomp L 6")
        self.assertEqual(p.dance.section("tag").length, 6)
        with self.assertRaisesRegex(InputError, "too long"):
            edit_dance.write_section(project(), "tag", "sway R 1, sway L 999")
        with self.assertRaises(NotationError):
            edit_dance.write_section(project(), "tag", "sway R 1 x")

    def test_renaming_reaches_sequence_and_parts(self):
        p = edit_dance.rename_section(project(), "tag", "sway")
        self.assertEqual([i.sections for i in p.dance.sequence if i.kind is ItemKind.TAG], [("sway",)])
        self.assertEqual(facts_of(p.dance).counts_danced, facts_of(four_walls()).counts_danced)
        with self.assertRaisesRegex(InputError, "already a section called “two”"):
            edit_dance.rename_section(p, "one", "two")
        with self.assertRaisesRegex(InputError, "needs a name"):
            edit_dance.rename_section(p, "one", "  ")

    def test_mirroring_twice_changes_nothing(self):
        p = project()
        once = edit_dance.mirror_section(p, "four")
        self.assertEqual(sum(e.turn for e in once.dance.section("four").events), 2)
        self.assertEqual(edit_dance.mirror_section(once, "four"), p)

    def test_taking_a_section_away(self):
        p = edit_dance.remove_section(project(), "tag")
        self.assertEqual(facts_of(p.dance).tags, 0)
        for name in ("one", "two", "three", "four"):
            p = edit_dance.remove_section(p, name)
        self.assertEqual((p.dance.sections, p.dance.sequence), ((), ()))

    def test_another_feel_moves_the_ands(self):
        p = edit_dance.set_section(project(), "two", feel=Feel.ROLLING)
        places = [e.start for e in p.dance.section("two").events if e.start.denominator > 1]
        self.assertEqual(places, [2 + F(1, 3), 6 + F(1, 3)])
        self.assertEqual(edit_dance.set_section(p, "two", feel=Feel.STRAIGHT), project())

    def test_lengths_that_cannot_be(self):
        for length in (0, 129):
            with self.assertRaisesRegex(InputError, "1 to 128 counts"):
                edit_dance.add_section(project(), length=length)

    def test_filling_the_song(self):
        """133 counts from the first danced one on: four walls of 32."""
        self.assertEqual(facts_of(edit_dance.fill_song(project()).dance).walls_started, 4)
        with self.assertRaisesRegex(InputError, "needs a song"):
            edit_dance.fill_song(Project(dance=four_walls()))


class CountTest(unittest.TestCase):
    def test_one_count_at_a_time(self):
        p = edit_dance.write_count(project(), "one", 2, "side R, & close L")
        events = [e for e in p.dance.section("one").events if 2 <= e.start < 3]
        self.assertEqual(
            [(e.start, e.name, e.foot) for e in events], [(2, "side", Foot.RIGHT), (F(5, 2), "close", Foot.LEFT)]
        )
        self.assertEqual(section_text.count_words(p.dance.section("one"), 2), "side R, & close L")
        self.assertEqual(section_text.count_words(edit_dance.write_count(p, "one", 2, "").dance.section("one"), 2), "")

    def test_only_the_and(self):
        p = edit_dance.write_count(project(), "one", 2, "& close L")
        self.assertEqual([e.start for e in p.dance.section("one").events if 2 <= e.start < 3], [F(5, 2)])
        self.assertEqual(section_text.count_words(p.dance.section("one"), 2), "& close L")

    def test_other_counts_are_not_touched(self):
        with self.assertRaises(InputError):
            edit_dance.write_count(project(), "one", 2, "side R 5")

    @settings(max_examples=100, deadline=None)
    @given(
        st.integers(0, 7),
        st.lists(st.sampled_from(["walk R", "kick L", "hold", "½ left R", "clap", "half turn L"]), max_size=1),
        st.lists(st.sampled_from(["& close L", "& hop R"]), max_size=1),
    )
    def test_what_is_shown_writes_the_same(self, count, on, between):
        """The words of a count, written again, change nothing."""
        p = edit_dance.write_count(project(), "one", count, ", ".join([*on, *between]))
        again = edit_dance.write_count(p, "one", count, section_text.count_words(p.dance.section("one"), count))
        self.assertEqual(again, p)

    def test_fields_need_something_danced(self):
        p = edit_dance.write_count(project(), "one", 2, "")
        with self.assertRaisesRegex(InputError, "Nothing is danced on 3"):
            edit_dance.set_event(p, "one", F(2), note="x")


class RolesTest(unittest.TestCase):
    PARTNERS = "lead: walk L 1, walk R 2; follow: walk R 1, walk L 2; or easy 1-2: lead step L 1, hold 2"

    def partners(self) -> Project:
        return edit_dance.write_section(edit_dance.add_section(Project(), "one", 2), "one", self.PARTNERS)

    def test_two_roles_and_another_move_set(self):
        """One field holds them all and gives them back."""
        section = self.partners().dance.section("one")
        self.assertEqual(
            [(e.role, str(e.foot)) for e in section.events],
            [("lead", "L"), ("lead", "R"), ("follow", "R"), ("follow", "L")],
        )
        self.assertEqual((section.others[0].name, section.others[0].length), ("easy", 2))
        self.assertEqual(section_text.notation_of(section, self.partners().dance), self.PARTNERS)

    def test_a_count_of_two_roles(self):
        p = self.partners()
        self.assertEqual(section_text.count_words(p.dance.section("one"), 0), "lead: walk L; follow: walk R")
        p = edit_dance.write_count(p, "one", 0, "lead: stomp L; follow: stomp R")
        self.assertEqual([e.name for e in p.dance.section("one").events], ["stomp", "stomp", "walk", "walk"])

    def test_the_place_of_a_mistake_is_that_of_the_whole_text(self):
        text = "lead: walk L 1; follow: walk R 1 1"
        with self.assertRaises(NotationError) as caught:
            edit_dance.write_section(self.partners(), "one", text)
        self.assertEqual(caught.exception.at, text.rindex("1"))


class OwnStepsTest(unittest.TestCase):
    def test_a_step_of_ones_own(self):
        """Four counts of a section become a step, written for R; typed by its name on L it is mirrored."""
        p = Project(dance=Dance("d"))
        p = edit_dance.write_section(
            edit_dance.add_section(p, "one"), "one", "side L 1, ¼ left R 2, close L &, touch R 3"
        )
        p = edit_dance.learn_step(p, "one", 0, 4, "lantern spin")
        steps = section_text.own_steps(p.dance)
        right = parse_line("lantern spin R 1 2 & 3", steps=steps)
        self.assertEqual([(str(e.foot), e.turn) for e in right], [("R", 0), ("L", 2), ("R", 0), ("L", 0)])
        left = parse_line("lantern spin L 1 2 & 3", steps=steps)
        self.assertEqual([e.turn for e in left], [0, -2, 0, 0])
        with self.assertRaisesRegex(InputError, "needs a name"):
            edit_dance.learn_step(p, "one", 4, 8, "nothing")


class PartnersFeelTest(unittest.TestCase):
    def test_another_feel_with_partners(self):
        """Both dance on the same spoken counts as before, each with their own moves."""
        p = Project(dance=Dance(sections=(Section("A", 8),), sequence=(Item(ItemKind.WALL),)))
        p = edit_dance.write_section(p, "A", "lead: walk L 1, walk R &; follow: walk R 1, walk L &")
        events = edit_dance.set_section(p, "A", feel=Feel.SWUNG).dance.sections[0].events
        self.assertEqual(
            sorted((e.role, e.start, str(e.foot)) for e in events),
            [("follow", 0, "R"), ("follow", F(2, 3), "L"), ("lead", 0, "L"), ("lead", F(2, 3), "R")],
        )


if __name__ == "__main__":
    unittest.main()
