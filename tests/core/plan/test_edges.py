"""Edges, the user's own ranges, and problems said before rendering."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.plan.test_plan import project, take
from vamos.core.dance.lines import lines_for
from vamos.core.edit.clips import add_range, forget_choice, move_edge, nudge_edge, offered_ranges, remove_range
from vamos.core.model.clip import Arrangement, Clip, ClipSound, Version
from vamos.core.model.dance import Dance, Event, Item, ItemKind, Kind, Section
from vamos.core.model.take import Danced, Spoken, Stretch, View
from vamos.core.plan.clips import plan_clips
from vamos.core.plan.flip import spoken_sides_hold
from vamos.core.plan.versions import clip_in, partner_of, version_words, versions_of
from vamos.core.time import CountRange
from vamos.errors import InputError

WALLS = tuple(Item(ItemKind.WALL) for _ in range(3))


def dance(*events: Event, second: tuple[Event, ...] = ()) -> Dance:
    return Dance("d", (Section("A", 8, events), Section("B", 8, second)), WALLS)


def clip_of(p, title: str = "A", view: View = View.FRONT) -> Clip:
    return next(c for c in plan_clips(p) if c.title == title and c.view is view)


class EdgesTest(unittest.TestCase):
    def test_a_clip_never_ends_inside_a_hold_by_accident(self):
        """B begins with a hold of three counts: the run-out of A waits for its end, and says so."""
        p = project(take("t"), dance=dance(second=(Event(F(0), F(3), "hold", kind=Kind.HOLD),)))
        clip = clip_of(p)
        self.assertEqual(clip.run_out, 3)
        self.assertIn("to the end of the hold", clip.reasons[2])

    def test_inside_a_hold_on_purpose(self):
        """Chosen by hand it stays, with a word."""
        p = project(take("t"), dance=dance(second=(Event(F(0), F(3), "hold", kind=Kind.HOLD),)))
        moved = move_edge(p, clip_of(p), end=clip_of(p).counts.end + 2)
        self.assertEqual(clip_of(moved).run_out, 2)
        self.assertIn("the clip ends inside a hold", clip_of(moved).problems)

    def test_a_pickup_that_is_cut_off_is_told(self):
        p = project(take("t"), dance=dance(Event(F(-1), F(1), "prep")))
        short = move_edge(p, clip_of(p), start=clip_of(p).counts.start)
        self.assertTrue(any("pickup" in x for x in clip_of(short).problems))
        self.assertFalse(any("pickup" in x for x in clip_of(p).problems))

    def test_edges_may_lie_inside_the_section(self):
        """From count 3 to the & of 6: half counts too; the rest of the plan stays."""
        p = project(take("t"), dance=dance())
        start = clip_of(p).counts.start
        p = move_edge(p, clip_of(p), start=start + 2)
        p = move_edge(p, clip_of(p), end=start + F(11, 2))
        clip = clip_of(p)
        self.assertEqual((clip.shown.start - start, clip.shown.end - start), (2, F(11, 2)))
        self.assertEqual(clip_of(p, "B").run_up, 2)

    @settings(max_examples=60, deadline=None)
    @given(st.lists(st.tuples(st.booleans(), st.integers(-20, 40)), max_size=6))
    def test_something_always_stays(self, moves):
        """Whatever edges are dragged where: at least half a count, inside of what was filmed."""
        p = project(take("t"), dance=dance())
        for is_start, halves in moves:
            clip = clip_of(p)
            at = clip.counts.start + F(halves, 2)
            p = move_edge(p, clip, start=at) if is_start else move_edge(p, clip, end=at)
        clip = clip_of(p)
        self.assertGreaterEqual(clip.shown.length, F(1, 2))

    def test_one_edge_does_not_fix_the_other(self):
        """Only what was moved is a decision: the run-out still follows the project's wish."""
        p = project(take("t"), dance=dance())
        p = move_edge(p, clip_of(p), start=clip_of(p).counts.start - 4)
        p = replace(p, output=replace(p.output, run_out=F(3)))
        self.assertEqual((clip_of(p).run_up, clip_of(p).run_out), (4, 3))

    def test_nudges_add_up_and_are_forgotten_together(self):
        p = project(take("t"), dance=dance())
        for _ in range(3):
            p = nudge_edge(p, clip_of(p), start=1)
        p = nudge_edge(p, clip_of(p), end=-2)
        self.assertEqual(clip_of(p).nudge, (3, -2))
        self.assertIn("nudged", clip_of(p).reasons[2])
        self.assertEqual(clip_of(forget_choice(p, clip_of(p).key)).nudge, (0, 0))


class RangesTest(unittest.TestCase):
    def test_offered_around_a_count(self):
        p = project(take("t"), dance=dance())
        names = [r.name for r in offered_ranges(lines_for(p), F(20))]
        self.assertEqual(names, ["A and B", "from the top to here", "wall 2", "walls 2 and 3"])
        self.assertEqual(offered_ranges(lines_for(p), F(-4)), ())

    def test_two_walls_for_the_join(self):
        """A range is cut in every view that holds all of it, at its own place of the song."""
        p = project(take("t"), take("b", view=View.BACK), dance=dance())
        join = next(r for r in offered_ranges(lines_for(p), F(20)) if r.name == "walls 2 and 3")
        p = add_range(p, join.name, join.counts)
        mine = [c for c in plan_clips(p) if c.title == join.name]
        self.assertEqual({c.view for c in mine}, {View.FRONT, View.BACK})
        self.assertEqual(mine[0].counts, CountRange(F(16), F(48)))
        self.assertEqual([c for c in plan_clips(remove_range(p, p.ranges[0].id)) if c.title == join.name], [])

    def test_names_stay_apart(self):
        p = add_range(project(take("t"), dance=dance()), "A", CountRange(F(0), F(4)))
        self.assertEqual(p.ranges[0].name, "A 2")

    def test_what_cannot_be_a_range(self):
        p = project(take("t"), dance=dance())
        for name, counts in (("", (0, 8)), ("x", (0, 0)), ("x", (-8, -2)), ("x", (400, 408))):
            with self.assertRaises(InputError):
                add_range(p, name, CountRange(F(counts[0]), F(counts[1])))


class ProblemsTest(unittest.TestCase):
    def problems(self, p, view: View = View.FRONT) -> str:
        return " | ".join(clip_of(p, view=view).problems)

    def test_a_dancer_who_turns_inside_the_clip(self):
        """A half turn on count 5, back on 8: a warning; a spin on 2 and 4, or a turn on 8, is only mentioned."""
        early = project(take("t"), dance=dance(Event(F(4), F(1), "turn", turn=4), Event(F(7), F(1), "back", turn=4)))
        self.assertIn("turns in this clip and is seen from behind for 3 counts", self.problems(early))
        for first, last in ((7, None), (1, 3)):
            events = [Event(F(first), F(1), "turn", turn=4)]
            events += [Event(F(last), F(1), "turn", turn=4)] if last else []
            p = project(take("t"), dance=dance(*events))
            self.assertEqual(self.problems(p), "")
            self.assertIn("turns in this clip", clip_of(p).reasons[-1])

    def test_the_facing_held_longest_decides(self):
        """Turned away on count 2 and back on count 8: it is a back view, and not flipped."""
        p = project(take("t"), dance=dance(Event(F(1), F(1), "turn", turn=4), Event(F(7), F(1), "back", turn=4)))
        titles = {(c.title, c.view): c for c in plan_clips(p)}
        self.assertNotIn(("A", View.FRONT), titles)
        self.assertFalse(titles[("A", View.BACK)].flip)

    def test_sides_said(self):
        """Truth table: own sides XOR performed mirrored XOR flip applied differs from flip wanted."""
        for own in (True, False):
            for mirrored in (True, False):
                for view in (View.FRONT, View.BACK):
                    s = Stretch(
                        0.0,
                        view,
                        Danced.MIRRORED if mirrored else Danced.OWN,
                        spoken=Spoken.DANCER if own else Spoken.LEARNER,
                    )
                    wanted = (view is View.FRONT) ^ mirrored
                    for flip in (True, False):
                        self.assertEqual(spoken_sides_hold(s, flip), own ^ mirrored ^ (flip != wanted))
        self.assertIsNone(spoken_sides_hold(Stretch(), True))
        self.assertIsNone(spoken_sides_hold(Stretch(view=View.FEET, spoken=Spoken.DANCER), False))

    def test_wrong_sides_and_lettering_are_told(self):
        wrong = project(take("t", spoken=Spoken.LEARNER, lettering=True), dance=dance())
        self.assertIn("the sides said in this take are wrong", self.problems(wrong))
        self.assertIn("lettering in the picture reads backwards", self.problems(wrong))
        right = project(take("t", spoken=Spoken.DANCER), dance=dance())
        self.assertEqual(self.problems(right), "")


class VersionsTest(unittest.TestCase):
    def test_what_was_filmed_decides(self):
        """Side by side only where there is a back view; feet only where feet were filmed."""
        p = project(take("t"), take("b", view=View.BACK), dance=dance())
        out = replace(
            p.output, plain=True, half_time=True, as_filmed=True, arrangements=tuple(Arrangement)[1:], speeds=(F(1),)
        )
        clips = plan_clips(replace(p, output=out))
        front = next(c for c in clips if c.view is View.FRONT)
        words = [version_words(v) for v in versions_of(out, front, clips)]
        self.assertEqual(words, ["100", "100 to watch", "100 half-time", "100", "100 front and back"])
        self.assertIsNone(partner_of(front, clips, Arrangement.FEET))

    def test_as_filmed_is_not_flipped_and_says_so(self):
        p = project(take("t"), dance=dance())
        (version,) = (v for v in versions_of(replace(p.output, as_filmed=True), clip_of(p), ()) if v.as_filmed)
        shown = clip_in(version, clip_of(p))
        self.assertEqual((clip_of(p).flip, shown.flip, shown.label), (True, False, "as filmed"))
        self.assertTrue(clip_in(Version(), clip_of(p)).flip)

    def test_two_rooms_are_not_heard_at_once(self):
        p = project(take("t"), take("b", view=View.BACK), dance=dance())
        out = replace(p.output, sound=ClipSound.ROOM, arrangements=(Arrangement.BESIDE,))
        clips = plan_clips(p)
        last = versions_of(out, clips[0], clips)[-1]
        self.assertIs(last.sound, ClipSound.CLICKS)

    def test_half_time_moves_at_half_the_speed_double_time_at_twice(self):
        self.assertEqual(Version(F(1), half_time=True).picture_speed, F(1, 2))
        self.assertEqual(Version(F(3, 4), double_time=True).picture_speed, F(3, 2))

    def test_both_come_at_every_speed_that_can_be_watched(self):
        """Half-time at 25 % would move at an eighth: left out."""
        p = project(take("t"), dance=dance())
        out = replace(p.output, half_time=True, double_time=True, speeds=(F(1), F(1, 2), F(1, 4)))
        words = [version_words(v) for v in versions_of(out, clip_of(p), ())]
        self.assertEqual(
            words,
            [
                "100",
                "050",
                "025",
                "100 half-time",
                "050 half-time",
                *(f"{s} double-time" for s in ("100", "050", "025")),
            ],
        )


if __name__ == "__main__":
    unittest.main()
