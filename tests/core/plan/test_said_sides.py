"""Sides said in takes: whose they are, and warnings exactly where a flip makes them false."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

from tests.core.plan.test_plan import project, take
from vamos.core.edit.clips import choose
from vamos.core.edit.takes import say_whose
from vamos.core.model.clip import Choice
from vamos.core.model.dance import Dance, Event, Foot, Item, ItemKind, Kind, Section
from vamos.core.model.take import Danced, SaidSide, Spoken, View
from vamos.core.plan.clips import plan_clips
from vamos.core.plan.coverage import coverage_of
from vamos.core.plan.said_sides import calls_words

#: R L R L … on every count.
STEPS = tuple(Event(F(k), foot=(Foot.RIGHT, Foot.LEFT)[k % 2], kind=Kind.STEP) for k in range(8))
WALK = Dance("w", (Section("A", F(8), STEPS), Section("B", F(8), STEPS)), (Item(ItemKind.WALL),))


def with_calls(calls: dict[int, str], **stretch):
    """One take of the whole dance with sides called on counts of the song."""
    p = project(take("a", **stretch), dance=WALK)
    clock = p.grid.time_map()
    said = tuple(SaidSide(float(clock(k)), side) for k, side in calls.items())
    return replace(p, takes=(replace(p.takes[0], sides_said=said),))


AS_THE_SHEET = {0: "right", 1: "left", 3: "left", 4: "right", 9: "left"}
TURNED = {k: "left" if side == "right" else "right" for k, side in AS_THE_SHEET.items()}


class MeaningTest(unittest.TestCase):
    def meaning(self, calls, **stretch):
        p = with_calls(calls, **stretch)
        return coverage_of(p).meaning(p.takes[0])

    def test_by_the_feet_of_the_sheet(self):
        """The sheet's right is the learner's; who dances mirrored steps with the left there."""
        self.assertIs(self.meaning(AS_THE_SHEET), Spoken.DANCER)
        self.assertIs(self.meaning(TURNED), Spoken.LEARNER)
        self.assertIs(self.meaning(AS_THE_SHEET, danced=Danced.MIRRORED), Spoken.LEARNER)
        self.assertIs(self.meaning(TURNED, danced=Danced.MIRRORED), Spoken.DANCER)

    def test_few_or_divided_calls_say_nothing(self):
        self.assertIs(self.meaning({0: "right", 1: "left", 2: "right"}), Spoken.NONE)
        self.assertIs(self.meaning({0: "right", 1: "left", 2: "left", 3: "right"}), Spoken.NONE)


class WarningTest(unittest.TestCase):
    def problems(self, p):
        return {c.title: [x for x in c.problems if "sides" in x] for c in plan_clips(p) if c.view is View.FRONT}

    def test_only_the_clips_in_which_sides_are_said(self):
        """Learner's sides in a take danced on own sides: mirrored, they are false; in B none is called."""
        p = with_calls({k: side for k, side in TURNED.items() if k < 8})
        found = self.problems(p)
        self.assertEqual(found["B"], [])
        self.assertEqual(len(found["A"]), 1)
        first = p.takes[0].sides_said[0]
        self.assertIn(calls_words([first]).split(",")[0].rstrip("."), found["A"][0])

    def test_true_sides_are_no_problem(self):
        self.assertEqual(self.problems(with_calls(AS_THE_SHEET)), {"A": [], "B": []})

    def test_a_chosen_flip_changes_it(self):
        p = with_calls(AS_THE_SHEET)
        clip = next(c for c in plan_clips(p) if c.title == "A" and c.view is View.FRONT)
        found = self.problems(choose(p, Choice(clip.key, flip=False)))
        self.assertEqual((len(found["A"]), found["B"]), (1, []))

    def test_what_a_person_says_counts_more(self):
        p = say_whose(with_calls(AS_THE_SHEET), "a", Spoken.LEARNER)
        self.assertIs(p.takes[0].stretches[0].spoken, Spoken.LEARNER)
        self.assertEqual([len(x) for x in self.problems(p).values()], [1, 1])
        # Said once, it stays.
        self.assertIs(say_whose(p, "a", Spoken.DANCER).takes[0].stretches[0].spoken, Spoken.LEARNER)

    def test_calls_in_words(self):
        calls = [SaidSide(12.2, "right"), SaidSide(13.0, "left"), SaidSide(15.0, "right")]
        self.assertEqual(calls_words(calls), "“right” at 0:12, 0:15; “left” at 0:13")
