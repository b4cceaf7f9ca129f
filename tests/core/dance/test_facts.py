"""What follows from a sheet, against dances worked out by hand."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

from hypothesis import given
from hypothesis import strategies as st

from tests.core.dance.sheets import four_walls, section
from tests.support import grid_at
from vamos.core.dance.checks import weight_problems
from vamos.core.dance.facing import clock_text, way_to_front
from vamos.core.dance.facts import count_by_count, facts_of
from vamos.core.dance.lines import heading_at, lines_of
from vamos.core.dance.offers import offers_at
from vamos.core.edit.dance import copy_section, take_offer
from vamos.core.model.dance import Dance, Event, Foot, Item, ItemKind, Kind, Pause, Section
from vamos.core.model.project import Project
from vamos.core.model.song import Break


class ByHandTest(unittest.TestCase):
    """2 walls, tag, a wall cut after 16, a wall; each whole wall turns ½ + ½ + ¼ left.

    By hand: net −4 −4 −2 = −10 ≡ −2 eighths, so 4 walls. Wall 1 from 12:00 to 9:00, wall 2 from 9:00
    to 6:00, tag at 6:00, wall 3 begins at 6:00 at count 68 and restarts after 16 counts with no turn
    made, so wall 4 begins at 6:00 at count 84 and ends at 3:00 at count 116.
    """

    def setUp(self) -> None:
        self.grid = grid_at(120, 150, 0.5, 16)
        self.found = facts_of(four_walls(), self.grid)

    def test_stations(self):
        """Kind, count, facing, second: 120 a minute, first count danced at 0.5 + 16 · 0.5 s."""
        rows = [(s.kind, int(s.position), clock_text(s.heading), s.song_s) for s in self.found.stations]
        self.assertEqual(
            rows,
            [
                ("wall", 0, "12:00", 8.5),
                ("wall", 32, "9:00", 24.5),
                ("tag", 64, "6:00", 40.5),
                ("wall", 68, "6:00", 42.5),
                ("restart", 84, "6:00", 50.5),
                ("wall", 84, "6:00", 50.5),
                ("end", 116, "3:00", 66.5),
            ],
        )

    def test_sums(self):
        found = self.found
        self.assertEqual((found.wall_counts, found.counts_to_learn, found.counts_danced), (32, 36, 116))
        self.assertEqual((found.net_turn, found.walls_to_front, found.walls_started, found.tags), (-10, 4, 4, 1))
        self.assertEqual(found.counts_over, 150 - 17 - 116)
        self.assertTrue(found.loop_closes)

    def test_the_way_to_the_front(self):
        """From 3:00 a quarter left; from 6:00 a half; an eighth past 12:00 an eighth back."""
        self.assertEqual(self.found.turn_to_front, "¼ left")
        self.assertEqual([way_to_front(h) for h in range(8)], [0, -1, -2, -3, 4, 3, 2, 1])

    def test_early_ends(self):
        """Where a song may be faded: after walls 1, 2; wall 3 is cut, wall 4 is the end anyway."""
        self.assertEqual(
            [(s.name, clock_text(s.heading), s.song_s) for s in self.found.early_ends],
            [("wall 1", "9:00", 24.5), ("wall 2", "6:00", 40.5)],
        )

    def test_restarts_that_are_possible(self):
        """After 16 the weight is on L and the dance begins on R; after 1 it is on R."""
        self.assertIn(16, self.found.legal_restarts)
        self.assertNotIn(1, self.found.legal_restarts)
        self.assertNotIn(4, self.found.legal_restarts, "a vine ends with a touch: R bears the weight")

    def test_heading_and_weight_at_every_count(self):
        """In wall 1: 6:00 after the first half turn (count 22), 12:00 after the second, 9:00 at the end."""
        states = [s for _, states in count_by_count(four_walls()) for s in states]
        self.assertEqual(len(states), 116)
        facing = {int(s.position) + 1: clock_text(s.heading) for s in states}
        self.assertEqual(
            [facing[k] for k in (1, 21, 22, 24, 29, 30, 32)],
            ["12:00", "12:00", "6:00", "12:00", "12:00", "9:00", "9:00"],
        )
        self.assertEqual([str(s.weight[0]) for s in states[:8]], ["R", "L", "R", "R", "L", "R", "L", "L"])

    def test_difficulty(self):
        """Moves a second at 120: section two has 10 moves in 4 s."""
        facts = {s.name: s for s in self.found.sections}
        self.assertEqual((facts["two"].moves, facts["two"].moves_per_s), (10, 2.5))
        self.assertTrue(facts["one"].away, "danced at 6:00 in wall 3")


class RulesTest(unittest.TestCase):
    def test_three_quarters_right_ends_at_nine(self):
        """¾ right from 12:00 ends at 9:00 (common practice, no source)."""
        dance = Dance("d", (section("one", "¾ right R 1"),), (Item(ItemKind.WALL),))
        self.assertEqual(clock_text(facts_of(dance).end_heading), "9:00")

    def test_a_body_angle_never_turns_the_wall(self):
        """A turn begun from a diagonal counts from the wall, not from the angle."""
        angled = Section("one", 8, (Event(F(0), angle=1), Event(F(1), turn=2, angle=-1)))
        self.assertEqual(facts_of(Dance("d", (angled,), (Item(ItemKind.WALL),))).end_heading, 2)

    @given(st.lists(st.sampled_from([-6, -4, -2, 2, 4, 6]), min_size=1, max_size=6))
    def test_doubling_an_odd_number_of_quarters_gives_a_half(self, turns):
        """Whatever the signs are: the part danced twice turns by a half when its quarters are odd."""
        events = tuple(Event(F(k), turn=t) for k, t in enumerate(turns))
        dance = Dance("d", (Section("A", 8, events),), (Item(ItemKind.PART, ("A",), "A"),) * 2)
        odd = sum(abs(t) // 2 for t in turns) % 2 == 1
        self.assertEqual(facts_of(dance).end_heading, 4 if odd else 0)

    def test_36_is_8_8_8_12(self):
        """36 counts are three eights and a twelve; the lines say so."""
        sections = (*(Section(n) for n in "abc"), Section("d", 12))
        dance = Dance("d", sections, (Item(ItemKind.WALL),))
        self.assertEqual([int(x.length) for x in lines_of(grid_at(120, 44, 0.5, 8), dance)][1:], [8, 8, 8, 12])
        self.assertEqual(facts_of(dance).wall_counts, 36)

    def test_a_pickup_turn_belongs_to_the_line_it_leads_into(self):
        dance = Dance("d", (Section("a", 8, (Event(F(-1, 2), turn=2),)),), (Item(ItemKind.WALL),))
        self.assertEqual(facts_of(dance).end_heading, 2)

    def test_open_turns_and_where_each_answer_leads(self):
        """A half more or less leads to the same walls, a quarter does not; what else is open is taken into account."""
        dance = Dance("d", (section("one", "half turn R 1, ¼ right L 2, quarter turn R 3"),), (Item(ItemKind.WALL),))
        found = facts_of(dance)
        self.assertIsNone(found.net_turn)
        self.assertIsNone(found.end_heading)
        half = offers_at(dance, "one", 0)
        self.assertEqual([o.words for o in half], ["½ right", "½ left"])
        for offer in half:
            self.assertEqual(offer.leads, "a wall ends at 12:00 or 6:00, 1 or 2 walls, as other open turns go")
        answered = take_offer(Project(dance=dance), half[0])
        right, left = offers_at(answered.dance, "one", 2)
        self.assertEqual(right.leads, "a wall ends at 12:00, 1 wall")
        self.assertEqual(left.leads, "a wall ends at 6:00, 2 walls")
        done = take_offer(answered, left)
        self.assertEqual(clock_text(facts_of(done.dance).end_heading), "6:00")

    def test_a_half_turn_either_way_leaves_all_headings_known(self):
        """A half to the right or to the left faces the same wall, so nothing certain is lost."""
        dance = Dance("d", (section("one", "walk R 1, half turn L 2, walk R 3 L 4"),), (Item(ItemKind.WALL),) * 2)
        found = facts_of(dance)
        self.assertIsNone(found.net_turn)
        self.assertEqual((found.walls_to_front, found.end_heading), (2, 0))
        self.assertEqual([s.heading for s in found.stations], [0, 4, 0])

    def test_a_quarter_turn_that_is_open_still_gives_four_walls(self):
        dance = Dance("d", (section("one", "walk R 1, quarter turn L 2"),), (Item(ItemKind.WALL),) * 2)
        found = facts_of(dance)
        self.assertEqual((found.walls_to_front, found.end_heading), (4, 4))
        self.assertEqual([s.heading for s in found.stations][:2], [0, None])
        # It goes the same way each time: after two walls 6:00 and after four 12:00, whichever it is.
        four = facts_of(replace(dance, sequence=(Item(ItemKind.WALL),) * 4))
        self.assertEqual([s.heading for s in four.stations], [0, None, 4, None, 0])

    def test_two_open_turns_go_their_own_ways(self):
        """A quarter in each of two sections: alike they make a half, apart nothing; two walls are home either way."""
        one, two = section("one", "quarter turn L 1"), section("two", "quarter turn R 1")
        found = facts_of(Dance("d", (one, two), (Item(ItemKind.WALL),) * 2))
        self.assertEqual((found.walls_to_front, found.end_heading), (None, 0))

    def test_a_turn_without_a_size_is_asked_for_it(self):
        """No size is ever guessed; the way that was said is not asked again."""
        dance = Dance("d", (section("one", "turn left R 1, turn L 2"),), (Item(ItemKind.WALL),))
        self.assertEqual([o.words for o in offers_at(dance, "one", 0)], ["¼ left", "½ left", "full left"])
        both = ["¼ right", "½ right", "full right", "¼ left", "½ left", "full left"]
        self.assertEqual([o.words for o in offers_at(dance, "one", 1)], both)
        self.assertIn("stays open", offers_at(dance, "one", 0)[0].leads)
        self.assertIsNone(facts_of(dance).walls_to_front)

    def test_partners_who_both_turn_turn_once(self):
        both = replace(section("one", "step R 1"), events=())
        lead, follow_ = (
            tuple(replace(e, role=r) for e in section("x", "half turn right R 1").events) for r in ("lead", "follow")
        )
        dance = Dance("d", (replace(both, events=lead + follow_),), (Item(ItemKind.WALL),))
        self.assertEqual(facts_of(dance).net_turn, 4)

    def test_a_dance_may_begin_facing_elsewhere(self):
        dance = Dance("d", (section("one", "¼ right R 1"),), (Item(ItemKind.WALL),) * 2, start_heading=6)
        self.assertEqual([s.heading for s in facts_of(dance).stations], [6, 0, 2])

    def test_a_section_that_is_not_written_leaves_the_weight_unknown(self):
        """Neither “begins again” nor a restart is claimed where feet are not known, and no foot is complained about."""
        dance = Dance("d", (section("one", "walk R 1 2 3 4"), Section("two", 8)), (Item(ItemKind.WALL),) * 2)
        found = facts_of(dance)
        self.assertIsNone(found.loop_closes)
        self.assertEqual(found.legal_restarts, (2, 4, 5, 6, 7, 8))
        self.assertEqual(weight_problems(dance), ())

    def test_the_pickup_of_the_next_section_is_not_danced_before_a_restart(self):
        dance = Dance("d", (section("one", "walk R 1 2 3 4 5 6 7 8"), section("two", "step R &, step L 1")), ())
        self.assertIn(8, facts_of(dance).legal_restarts)

    def test_a_wall_that_the_ending_cuts_is_no_restart(self):
        wall, ending = section("one", "walk R 1 2 3 4"), section("ending", "stomp R 1")
        items = (Item(ItemKind.WALL, restart_after=2), Item(ItemKind.WALL, restart_after=4))
        dance = Dance("d", (wall, ending), (*items, Item(ItemKind.ENDING, ("ending",))))
        self.assertEqual([s.kind for s in facts_of(dance).stations if "after" in s.name], ["restart", "cut"])
        self.assertEqual(facts_of(dance).restarts, 1)

    def test_optional_blocks_show_both_ways(self):
        wall, tag = section("one", "walk R 1 2 3 4"), section("tag", "½ right R 1")
        dance = Dance("d", (wall, tag), (Item(ItemKind.WALL), Item(ItemKind.TAG, ("tag",), "tag", optional=True)))
        found = facts_of(dance)
        self.assertEqual((found.counts_danced, found.end_heading), (16, 4))
        self.assertEqual((found.without_optional.counts_danced, found.without_optional.end_heading), (8, 0))

    def test_stops_inside_a_wall(self):
        """wall@4+4: four counts danced, four held, the rest of the section, later turns still counted."""
        dance = Dance(
            "d",
            (section("one", "walk R 1, walk L 2, walk R 3, walk L 4, ½ left R 6"),),
            (Item(ItemKind.WALL, pauses=(Pause(4, 4),)),),
        )
        lines = [x for x in lines_of(grid_at(120, 30, 0.5, 8), dance) if x.title]
        self.assertEqual(
            [(str(x.kind), int(x.start), int(x.length), int(x.first)) for x in lines[1:]],
            [("dance", 0, 4, 0), ("hold", 4, 4, 0), ("dance", 8, 4, 4)],
        )
        self.assertEqual([c for c, _ in lines[3].cells()], [1])
        self.assertEqual([heading_at(lines[3], F(k)) for k in (0, 1, 2)], [0, 0, 4])
        stop = next(s for s in facts_of(dance).stations if s.kind == "stop")
        self.assertEqual((stop.position, stop.heading), (4, 0))

    def test_partners_dance_on_opposite_feet(self):
        """Two roles over the same counts, each with its own weight; both loops close."""
        lead = Event(F(0), name="step", foot=Foot.LEFT, kind=Kind.STEP, role="lead")
        events = []
        for k, foot in enumerate((Foot.LEFT, Foot.RIGHT)):
            other = Foot.RIGHT if foot is Foot.LEFT else Foot.LEFT
            events += [replace(lead, start=F(k), foot=foot), replace(lead, start=F(k), foot=other, role="follow")]
        dance = Dance("d", (Section("one", 2, tuple(events)),), (Item(ItemKind.WALL),), Foot.RIGHT)
        self.assertTrue(facts_of(dance).loop_closes)
        ((_, states),) = count_by_count(dance)
        self.assertEqual([tuple(map(str, s.weight)) for s in states], [("L", "R"), ("R", "L")])

    def test_mirrored_copy_turns_back(self):
        """A section and its mirrored copy turn nothing in all."""
        project = Project(dance=replace(four_walls(), sequence=(Item(ItemKind.WALL, ("three", "four")),)))
        for name in ("three", "four"):
            project = copy_section(project, name, mirrored=True)
        self.assertEqual(facts_of(project.dance).net_turn, 0)
        self.assertEqual(facts_of(project.dance).wall_counts, 32)

    def test_holds_of_song_and_sequence(self):
        dance = four_walls("wall hold:4 wall")
        grid = replace(grid_at(120, 100), breaks=(Break(F(32), F(4)),))
        self.assertEqual([s.kind for s in facts_of(dance, grid).stations], ["wall", "stop", "wall", "end"])


if __name__ == "__main__":
    unittest.main()
