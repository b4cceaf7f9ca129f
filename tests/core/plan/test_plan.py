"""Which pass, which counts, flipped or not."""

import itertools
import unittest
from dataclasses import replace
from fractions import Fraction as F

from tests.support import grid_at
from vamos.core.edit.clips import choose
from vamos.core.model.clip import Choice
from vamos.core.model.dance import Dance, Event, Item, ItemKind, Section
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song
from vamos.core.model.take import Danced, Pass, PassKind, Remark, Stretch, Take, View
from vamos.core.plan.clips import plan_clips
from vamos.core.plan.flip import AS_FILMED, BACK, MIRRORED, choose_flip, wanted_flip
from vamos.core.time import TimeMap, TimeRange


def take(name: str, start: float = 0.0, end: float = 60.0, confidence: float = 0.9, **stretch) -> Take:
    the_pass = Pass(PassKind.SONG, TimeRange(start, end), TimeMap.line(), confidence)
    return Take(name, MediaRef(name), (Stretch(**stretch),), (the_pass,), True)


def project(*takes: Take, dance: Dance | None = None) -> Project:
    return Project("p", Song(MediaRef("s"), "s", grid_at(120, 80, 1.0, 8)), dance or Dance(), takes)


TWO_WALLS = Dance("d", (Section("A", 8), Section("B", 8)), (Item(ItemKind.WALL), Item(ItemKind.WALL)))


class FlipTest(unittest.TestCase):
    def test_truth_table(self):
        """flip = faces camera XOR performed mirrored XOR in a mirror XOR already flipped.

        Checked from what a learner must see: each of the four swaps the sides once, and facing
        a learner swaps them once more; the picture is right when all swaps cancel.
        """
        for view, danced, mirror, flipped in itertools.product(
            (View.FRONT, View.BACK), Danced, (False, True), (False, True)
        ):
            s = Stretch(0, view, danced, mirror, flipped)
            right_hand_on_screen = 1 if view is View.BACK else -1
            for swap in (danced is Danced.MIRRORED, mirror, flipped):
                right_hand_on_screen *= -1 if swap else 1
            right_hand_on_screen *= -1 if wanted_flip(s) else 1
            self.assertEqual(right_hand_on_screen, 1, s)

    def test_side_and_feet_only_when_asked(self):
        for view in (View.LEFT, View.RIGHT, View.FEET):
            self.assertFalse(choose_flip(Stretch(view=view)).flip)
            self.assertTrue(choose_flip(Stretch(view=view), asked=True).flip)

    def test_labels(self):
        """A label of its own for each: mirrored, back view, as filmed."""
        self.assertEqual(choose_flip(Stretch()).label, MIRRORED)
        self.assertEqual(choose_flip(Stretch(danced=Danced.MIRRORED)).label, MIRRORED)
        self.assertEqual(choose_flip(Stretch(view=View.BACK)).label, BACK)
        self.assertEqual(choose_flip(Stretch(), asked=False).label, AS_FILMED)


class ClipsTest(unittest.TestCase):
    def test_without_a_dance_every_covered_eight_is_a_clip(self):
        """60 s of take from 1 s on at 120 a minute: as many whole eights as fit."""
        clips = plan_clips(project(take("front", 0.0, 30.0)))
        self.assertEqual([c.counts.start for c in clips], [F(8 * k) for k in range(len(clips))])
        self.assertEqual(len(clips), 6)
        self.assertEqual({(c.run_up, c.run_out) for c in clips}, {(F(2), F(1))})

    def test_with_a_dance_a_section_is_cut_once_a_view(self):
        clips = plan_clips(project(take("front"), take("back", view=View.BACK), dance=TWO_WALLS))
        self.assertEqual(
            [(c.title, c.view) for c in clips],
            [("A", View.FRONT), ("A", View.BACK), ("B", View.FRONT), ("B", View.BACK)],
        )

    def test_trouble_loses_to_any_clean_pass(self):
        """A spoiled pass is used only when nothing else shows the section, and then says so."""
        spoiled = take("spoiled", confidence=1.0, trouble="someone walks through")
        self.assertEqual(plan_clips(project(spoiled, take("clean", confidence=0.6)))[0].take, "clean")
        only = plan_clips(project(spoiled))[0]
        self.assertIn("someone walks through", only.problems[0])

    def test_each_pass_has_a_mark_with_reasons(self):
        """100 less what speaks against it: small in the picture, counted aloud, remarked on, spoiled."""

        def with_pass(one: Take, **changes: object) -> Take:
            return replace(one, passes=(replace(one.passes[0], **changes),))

        near, far = take("near", confidence=1.0), with_pass(take("far", confidence=1.0), tall=0.2)
        slow = with_pass(take("slow", confidence=1.0), kind=PassKind.COUNTED, clock=TimeMap.line(1.0, 0.0, 2.0))
        late = replace(take("late", confidence=1.0), remarks=tuple(Remark(float(s), "late") for s in range(0, 60, 4)))
        spoiled = take("spoiled", confidence=1.0, trouble="someone walks through")
        first = plan_clips(project(near, far, slow, late, spoiled))[0]
        self.assertEqual((first.take, first.mark), ("near", 100))
        marks = {name: found for (name, _), found in zip(first.alternatives, first.other_marks, strict=True)}
        self.assertEqual(marks["far"], (85, "far away, 20% of the picture’s height"))
        self.assertEqual(marks["late"], (60, "1 remark"))
        self.assertEqual(marks["slow"], (40, "counted, not to the song"))
        self.assertEqual(marks["spoiled"], (0, "trouble"))
        self.assertIn("the best of 5, 100 of 100", first.reasons[0])

    def test_a_view_filmed_on_purpose_beats_one_seen_after_a_turn(self):
        """The front camera sees the back of the second wall; who filmed the back filmed it better."""
        turn = Section("A", 8, (Event(F(6), F(1), "half turn", turn=4),))
        walls = Dance("d", (turn,), (Item(ItemKind.WALL),) * 2)
        front, back = take("front", confidence=1.0), take("back", confidence=0.8, view=View.BACK)
        clips = {c.view: c for c in plan_clips(project(front, back, dance=walls))}
        self.assertEqual((clips[View.FRONT].take, clips[View.BACK].take), ("front", "back"))
        alone = {c.view: c for c in plan_clips(project(front, dance=walls))}
        self.assertEqual(alone[View.BACK].take, "front")
        self.assertEqual(alone[View.BACK].mark, 70)

    def test_a_spoiled_wall_is_saved_by_another_wall(self):
        """Trouble only in wall 1: the clip comes from wall 2 of the same take."""
        base = take("front")
        bad = replace(base, stretches=(Stretch(0.0), Stretch(4.5, trouble="noise"), Stretch(12.0)))
        clips = plan_clips(project(bad, dance=TWO_WALLS))
        self.assertEqual([(c.title, c.counts.start) for c in clips], [("A", 16), ("B", 24)])
        self.assertEqual(clips[0].problems, ())

    def test_little_confidence_is_a_question(self):
        self.assertIn("little confidence", plan_clips(project(take("front", confidence=0.3)))[0].problems[0])

    def test_a_pickup_is_not_chopped_off(self):
        """A section that starts three counts early gets a run-up of three."""
        early = Section("A", 8, (Event(F(-3)),))
        dance = Dance("d", (early,), (Item(ItemKind.WALL),))
        self.assertEqual(plan_clips(project(take("front"), dance=dance))[0].run_up, 3)

    def test_run_up_shrinks_to_what_was_filmed(self):
        """A take that starts half a count before the 1 gives half a count of run-up, and says so."""
        one = grid_at(120, 80, 1.0, 8).time_map()(0)
        clip = plan_clips(project(take("front", one - 0.27, 60)))[0]
        self.assertEqual(clip.run_up, F(1, 2))
        self.assertIn("run-up", clip.problems[0])

    def test_choices_stick_when_planned_again(self):
        """A chosen pass and flip stay when a better take arrives later."""
        p = project(take("a"), take("b", confidence=0.6), dance=TWO_WALLS)
        p = choose(p, Choice("A · front", take="b", flip=False))
        p = replace(p, takes=(*p.takes, take("c", confidence=1.0)))
        clip = plan_clips(p)[0]
        self.assertEqual((clip.take, clip.flip, clip.label), ("b", False, AS_FILMED))
        self.assertIn("you chose it", clip.reasons[0])
        self.assertEqual(plan_clips(p)[1].take, "c")

    def test_nothing_to_cut_is_empty_not_an_error(self):
        self.assertEqual(plan_clips(Project()), ())
        self.assertEqual(plan_clips(project()), ())


class RoundTest(unittest.TestCase):
    def test_another_pass_reaches_all_of_them(self):
        """Taking the next one again and again goes round all four passes of a view."""
        p = project(*(take(f"t{n}", confidence=0.9 - 0.05 * n) for n in range(4)), dance=TWO_WALLS)
        seen = []
        for _ in range(4):
            clip = plan_clips(p)[0]
            seen.append(clip.take)
            name, number = clip.alternatives[0]
            p = choose(p, Choice(clip.key, take=name, pass_id=p.take(name).passes[number].id))
        self.assertEqual(seen, ["t0", "t1", "t2", "t3"])
        self.assertEqual(plan_clips(p)[0].take, "t0")


if __name__ == "__main__":
    unittest.main()
