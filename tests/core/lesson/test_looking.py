"""Where learners cannot see the screen, and dances that go to one side only."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

from tests.core.lesson.test_lesson import project, walks
from vamos.core.dance.away import away_on_walls
from vamos.core.edit.lesson import change_step
from vamos.core.lesson.looking import away, away_sentences, away_words, one_sided
from vamos.core.lesson.plan import plan_lesson
from vamos.core.model.dance import Dance, Event, Foot, Item, ItemKind, Kind, Section
from vamos.core.model.take import View


def turn(at: int, eighths: int | None, size: int = 0) -> Event:
    return Event(F(at), name="turn", kind=Kind.TURN, turn=eighths, size=size)


def dance(*sections: Section) -> Dance:
    return Dance("d", sections, (Item(ItemKind.WALL),))


class AwayTest(unittest.TestCase):
    def test_a_half_turn_and_back(self):
        """Turned on 3, back on 7: the screen is not seen on 3 to 6."""
        found = away(dance(Section("A", 8, (turn(2, 4), turn(6, 4)))))
        self.assertEqual(found, {"A": (3, 4, 5, 6)})
        self.assertEqual(away_words(found["A"]), "counts 3 to 6")

    def test_a_quarter_is_seen_over_the_shoulder_and_a_full_turn_comes_back(self):
        self.assertEqual(away(dance(Section("A", 8, (turn(2, 2), turn(6, -2))))), {"A": ()})
        self.assertEqual(away(dance(Section("A", 8, (turn(2, 8),)))), {"A": ()})
        self.assertEqual(away(dance(Section("A", 8, (turn(2, 3),)))), {"A": (3, 4, 5, 6, 7, 8)})

    def test_the_section_after_begins_where_the_one_before_ended(self):
        found = away(dance(Section("A", 4, (turn(3, 4),)), Section("B", 4, (turn(2, -4),))))
        self.assertEqual(found, {"A": (4,), "B": (1, 2)})

    def test_an_open_direction_counts_as_away_where_it_may_be(self):
        """A quarter of open direction after a quarter to the right: half turned, or facing the screen."""
        found = away(dance(Section("A", 8, (turn(0, 2), turn(4, None, 2)))))
        self.assertEqual(found, {"A": (5, 6, 7, 8)})

    def test_every_wall_is_looked_at(self):
        """Half a turn on count 5 of an eight: wall 1 away behind it, wall 2 before it; a restart cuts wall 3."""
        wall = Item(ItemKind.WALL)
        found = Dance(
            "d", (Section("A", 8, (turn(4, 4),)), Section("B", 4)), (wall, wall, replace(wall, restart_after=8), wall)
        )
        away_from = {"A": (5, 6, 7, 8), "B": (1, 2, 3, 4)}
        self.assertEqual(
            away_on_walls(found),
            {1: away_from, 2: {"A": (1, 2, 3, 4), "B": ()}, 3: {"A": (5, 6, 7, 8)}, 4: {"A": (1, 2, 3, 4), "B": ()}},
        )
        self.assertEqual(
            away_sentences(found),
            [
                "On wall 1 learners look away from the screen: A, counts 5 to 8; all of B.",
                "On walls 2 and 4 learners look away from the screen: A, counts 1 to 4.",
                "On wall 3 learners look away from the screen: A, counts 5 to 8.",
            ],
        )
        around = Dance("d", (Section("A", 8, (turn(7, 4),)),), (wall, wall))
        self.assertIn("On wall 2 learners look away from the screen: A, counts 1 to 7.", away_sentences(around))
        behind = Dance("d", (Section("A", 8, (turn(7, 4),)), Section("B", 8)), (wall, wall), start_heading=4)
        self.assertIn("On wall 1 learners look away from the screen: A, counts 1 to 7.", away_sentences(behind))

    def test_a_wall_with_the_back_to_the_screen_is_named_as_a_whole(self):
        wall = Item(ItemKind.WALL)
        found = Dance("d", (Section("A", 8), Section("B", 8)), (wall,), start_heading=4)
        self.assertEqual(away_sentences(found), ["On wall 1 learners look away from the screen: all of it."])
        self.assertEqual(away_sentences(replace(found, start_heading=0)), [])

    def test_words(self):
        self.assertEqual(away_words(()), "")
        self.assertEqual(away_words((5,)), "count 5")
        self.assertEqual(away_words((1, 2, 5, 7, 8)), "counts 1 to 2, 5 and 7 to 8")


class OneSidedTest(unittest.TestCase):
    def test_turns_to_one_side(self):
        self.assertEqual(
            one_sided(dance(Section("A", 8, tuple(turn(k, -2) for k in range(3))))), "All 3 turns go to the left"
        )
        both = dance(Section("A", 8, (turn(0, 2), turn(1, 2), turn(2, 2), turn(4, -2))))
        self.assertEqual(one_sided(both), "")
        self.assertEqual(one_sided(dance(Section("A", 8, (turn(0, 2), turn(1, 2))))), "")

    def test_hops_on_one_foot(self):
        hops = tuple(Event(F(k), name="hop", foot=Foot.RIGHT, kind=Kind.HOP) for k in range(4))
        self.assertEqual(one_sided(dance(Section("A", 8, hops))), "All 4 hops are on the right foot")
        other = (*hops[:3], replace(hops[3], foot=Foot.LEFT))
        self.assertEqual(one_sided(dance(Section("A", 8, other))), "")


class PlannedTest(unittest.TestCase):
    def planned(self, *events: Event):
        found = project()
        section = replace(found.dance.sections[0], events=(*walks(), *events))
        return plan_lesson(replace(found, dance=replace(found.dance, sections=(section, *found.dance.sections[1:]))))

    def test_the_back_view_is_kept_and_says_why(self):
        plan = self.planned(turn(2, 4), turn(6, -4))
        (back,) = [s for s in plan.steps if s.view is View.BACK and s.sections == (plan.material.pieces[0].id,)]
        self.assertEqual(back.reason, "on counts 3 to 6 learners look away from the screen")
        self.assertEqual(back.rank, 9)

    def test_the_other_side_is_asked_for_before_the_end(self):
        plan = self.planned(turn(2, 2), turn(4, 2), turn(6, 2))
        self.assertEqual(plan.steps[-2].key, "say/other side")
        self.assertIn("turns go to the right", plan.steps[-2].words)
        self.assertIn("physician", plan.steps[-2].words)
        self.assertNotIn("say/other side", [s.key for s in self.planned().steps])

    def test_it_can_be_left_out(self):
        found = project()
        section = replace(found.dance.sections[0], events=(*walks(), turn(2, 2), turn(4, 2), turn(6, 2)))
        found = replace(found, dance=replace(found.dance, sections=(section, *found.dance.sections[1:])))
        plan = plan_lesson(change_step(found, "say/other side", left_out=True))
        self.assertTrue(next(s for s in plan.steps if s.key == "say/other side").left_out)


if __name__ == "__main__":
    unittest.main()
