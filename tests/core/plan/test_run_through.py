"""The run-through: which passes it is made of, where it joins, what it says of the rest."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

from tests.core.plan.test_plan import TWO_WALLS, project, take
from vamos.core.edit.clips import choose
from vamos.core.model.clip import Choice, RunThrough
from vamos.core.model.dance import Dance, Event, Item, ItemKind, Kind, Section
from vamos.core.model.take import Danced, Pass, PassKind, Stretch, Take, View
from vamos.core.plan.coverage import coverage_of
from vamos.core.plan.flip import AS_FILMED
from vamos.core.plan.run_through import plan_run_through
from vamos.errors import InputError


def through(p, wish=None):
    return plan_run_through(coverage_of(p), p.choices, wish)


def second(p, position: int) -> float:
    return float(p.grid.time_map()(position))


def spoiled(found: Take, p, first: int, last: int) -> Take:
    """The take with trouble between two counts of the dance (its seconds are the song's)."""
    a, b = second(p, first) + 0.05, second(p, last) - 0.05
    plain = found.stretches[0]
    return replace(
        found,
        stretches=(plain, replace(plain, start_take_s=a, trouble="a walk-on"), replace(plain, start_take_s=b)),
    )


class RunThroughTest(unittest.TestCase):
    def test_one_whole_pass_stays_one_piece(self):
        p = project(take("short", 0, 12), take("long", 0, 40), take("back", 0, 40, view=View.BACK), dance=TWO_WALLS)
        found = through(p)
        self.assertEqual((found.take, found.counts.length, found.pieces), ("long", 32, ()))
        self.assertTrue(found.flip)
        self.assertIsNone(through(project(take("short", 0, 6))))

    def test_a_spoiled_wall_comes_from_another_pass(self):
        """Each take is spoiled on another wall: the good halves make a whole dance, joined between the walls."""
        p = project(take("a"), take("b"), dance=TWO_WALLS)
        p = replace(p, takes=(spoiled(p.takes[0], p, 0, 16), spoiled(p.takes[1], p, 16, 32)))
        found = through(p)
        self.assertEqual([(x.take, x.counts.start, x.counts.end) for x in found.pieces], [("b", 0, 16), ("a", 16, 32)])
        self.assertEqual(found.problems, ())
        self.assertIn("2 pieces of 2 passes", found.reasons[0])

    def test_trouble_that_no_pass_avoids_is_told(self):
        p = project(take("a"), dance=TWO_WALLS)
        p = replace(p, takes=(spoiled(p.takes[0], p, 8, 16),))
        found = through(p)
        self.assertEqual(found.counts.length, 32)
        self.assertIn("B, wall 1: trouble in this pass: a walk-on", found.problems)

    def test_a_mark_without_consequence_leaves_one_piece(self):
        """“Called sides” from a moment on is no reason to drop a take, or to cut."""
        p = project(take("a"), dance=TWO_WALLS)
        plain = p.takes[0].stretches[0]
        marked = replace(p.takes[0], stretches=(plain, replace(plain, start_take_s=9.0, spoken="dancer")))
        found = through(replace(p, takes=(marked,)))
        self.assertEqual((found.counts.length, found.pieces), (32, ()))

    def test_passes_danced_otherwise_are_flipped_each_for_itself(self):
        p = project(take("own"), take("mirrored", danced=Danced.MIRRORED), dance=TWO_WALLS)
        p = replace(p, takes=(spoiled(p.takes[0], p, 0, 16), spoiled(p.takes[1], p, 16, 32)))
        found = through(p)
        self.assertEqual([(x.take, x.flip) for x in found.pieces], [("mirrored", False), ("own", True)])
        self.assertEqual({x.label for x in found.pieces}, {found.label})

    def test_a_chosen_flip_and_take_are_kept(self):
        p = project(take("a"), take("b", confidence=0.6), dance=TWO_WALLS)
        found = through(choose(p, Choice("run-through", flip=False, take="b")))
        self.assertEqual((found.take, found.flip, found.label), ("b", False, AS_FILMED))
        self.assertIsNone(through(choose(p, Choice("run-through", left_out=True))))

    def test_no_join_in_a_hold_or_beside_a_turn(self):
        """Between two good places for a join the one without a turn or a hold is taken."""
        held = Section("A", 8, (Event(F(6), F(2), kind=Kind.HOLD),))
        turned = Section("B", 8, (Event(F(7), turn=4, kind=Kind.STEP),))
        dance = Dance("d", (held, turned, Section("C", 8)), (Item(ItemKind.WALL),))
        p = project(take("a"), take("b"), dance=dance)
        # Only the first line of one and the last line of the other are spoiled: either joint may be taken.
        p = replace(p, takes=(spoiled(p.takes[0], p, 16, 24), spoiled(p.takes[1], p, 0, 8)))
        self.assertEqual([x.counts.start for x in through(p).pieces], [0, 8])

    def test_what_is_missing_ends_it_and_is_named(self):
        p = project(take("a", 0, 13.2), dance=TWO_WALLS)
        found = through(p)
        self.assertEqual(found.counts.length, 16)
        self.assertIn("missing, as it was not filmed: A, wall 2, B, wall 2", found.problems)

    def test_the_other_view_only_where_there_is_none(self):
        p = project(take("front", 0, 13.2), take("back", 0, 60, view=View.BACK), dance=TWO_WALLS)
        self.assertEqual({x.view for x in through(p).pieces} or {through(p).view}, {View.BACK})
        p = project(take("front", 0, 60), take("back", 0, 60, view=View.BACK), dance=TWO_WALLS)
        p = replace(p, takes=(spoiled(p.takes[0], p, 16, 24), p.takes[1]))
        # A walk-on costs 2, the other view 3: it stays in one view and says so.
        self.assertEqual(through(p).pieces, ())
        self.assertEqual(through(p, RunThrough(view=View.BACK)).take, "back")

    def test_from_where_to_where(self):
        p = project(take("a"), dance=TWO_WALLS)
        found = through(p, RunThrough(first=F(8), last=F(24)))
        self.assertEqual((found.counts.start, found.counts.end), (8, 24))
        self.assertIsNone(through(p, RunThrough(wanted=False)))
        for wrong in (lambda: RunThrough(first=F(8), last=F(8)), lambda: RunThrough(view=View.FEET)):
            self.assertRaises(InputError, wrong)

    def test_counted_passes_do_not_go_with_the_song(self):
        p = project(take("a"), dance=TWO_WALLS)
        counted = replace(p.takes[0].passes[0], kind=PassKind.COUNTED)
        self.assertIsNone(through(replace(p, takes=(replace(p.takes[0], passes=(counted,)),))))

    def test_two_passes_of_one_take(self):
        """A take filmed in two goes gives both; the pieces name the pass."""
        one = take("a", 0, 9.1).passes[0]
        two: Pass = replace(one, take_range=replace(one.take_range, start_s=8.9, end_s=40.0))
        p = project(Take("a", take("a").media, (Stretch(),), (one, two), True), dance=TWO_WALLS)
        found = through(p)
        self.assertEqual([x.pass_number for x in found.pieces] or [found.pass_number], [0, 1])
