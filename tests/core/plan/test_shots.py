"""Views from later walls, and the list of what to film."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

from tests.support import grid_at
from vamos.core.model.dance import Dance, Event, Item, ItemKind, Section
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song
from vamos.core.model.take import Pass, PassKind, Stretch, Take, View
from vamos.core.plan.clips import plan_clips
from vamos.core.plan.shots import ShotState, shot_list, to_csv, to_markdown
from vamos.core.plan.views import turned_view
from vamos.core.time import TimeMap, TimeRange

GRID = grid_at(120, 60, 0.5, 8)


def quarter_dance(walls: int = 4) -> Dance:
    """One eight with a quarter to the right: each wall faces another side."""
    return Dance("d", (Section("one", 8, (Event(F(7), turn=2, name="quarter"),)),), (Item(ItemKind.WALL),) * walls)


def filmed(*stretches: Stretch, dance: Dance | None = None, end_s: float = 40.0) -> Project:
    """One take that begins with the song and runs for ``end_s``."""
    the_pass = Pass(PassKind.SONG, TimeRange(0.0, end_s), TimeMap.line(), 0.95)
    take = Take("t", MediaRef("t.mp4", duration_s=40.0), stretches or (Stretch(),), (the_pass,))
    return Project("p", Song(MediaRef("s.wav"), "s", GRID), dance or quarter_dance(), (take,))


class TurnedViewTest(unittest.TestCase):
    def test_a_fixed_camera_sees_the_other_sides(self):
        """Facing the camera and turned ¼ right, the left side is towards it; ½ the back; ¾ the right side."""
        self.assertEqual(
            [turned_view(View.FRONT, e) for e in (0, 2, 4, 6)], [View.FRONT, View.LEFT, View.BACK, View.RIGHT]
        )
        self.assertEqual([turned_view(View.BACK, e) for e in (2, 4, 6)], [View.RIGHT, View.FRONT, View.LEFT])

    def test_diagonals_count_as_the_nearer_of_front_and_back(self):
        self.assertEqual(
            [turned_view(View.FRONT, e) for e in (1, 3, 5, 7)], [View.FRONT, View.BACK, View.BACK, View.FRONT]
        )

    def test_feet_stay_feet_and_a_full_turn_changes_nothing(self):
        self.assertIs(turned_view(View.FEET, 4), View.FEET)
        for view in View:
            self.assertIs(turned_view(view, 8), view)
            self.assertIs(turned_view(turned_view(view, 2), -2), view)


class HarvestTest(unittest.TestCase):
    def test_four_walls_give_four_views_for_nothing(self):
        """One front take of a four-wall dance: front, left, back and right of the same eight."""
        clips = {c.view: c for c in plan_clips(filmed())}
        self.assertEqual(set(clips), {View.FRONT, View.LEFT, View.BACK, View.RIGHT})
        self.assertEqual(
            [clips[v].counts.start for v in (View.FRONT, View.LEFT, View.BACK, View.RIGHT)], [0, 8, 16, 24]
        )
        self.assertIn("at 6:00, where the same camera sees the back", clips[View.BACK].reasons[0])
        self.assertTrue(clips[View.FRONT].flip)
        self.assertFalse(clips[View.BACK].flip, "a back view on own sides is never flipped")

    def test_the_view_is_that_of_the_moment_it_was_said(self):
        """Marked back at the second wall (3:00): the third, turned ¼ further, shows the right side."""
        second_wall = GRID.time_map()(8)
        found = {c.view: c.counts.start for c in plan_clips(filmed(Stretch(), Stretch(second_wall, View.BACK)))}
        self.assertEqual(found[View.FRONT], 0)
        self.assertEqual(found[View.BACK], 8)
        self.assertEqual(found[View.RIGHT], 16)

    def test_an_unknown_direction_leaves_the_view_as_said(self):
        dance = Dance("d", (Section("one", 8, (Event(F(7), turn=None, size=2),)),), (Item(ItemKind.WALL),) * 3)
        self.assertEqual({c.view for c in plan_clips(filmed(dance=dance))}, {View.FRONT})


class ShotListTest(unittest.TestCase):
    def test_what_is_missing_is_said(self):
        """One wall in front view: the back is missing as a whole."""
        found = shot_list(filmed(dance=quarter_dance(1)))
        self.assertEqual(found.views, (View.FRONT, View.BACK))
        self.assertEqual(found.shot("one", View.FRONT).state, ShotState.GOOD)
        self.assertEqual(found.shot("one", View.BACK).state, ShotState.MISSING)
        self.assertEqual(found.to_film, ("Film the whole dance once in back view.",))

    def test_trouble_is_no_shot(self):
        """Spoiled all through: it exists, but has to be filmed again, and why."""
        found = shot_list(filmed(Stretch(trouble="someone walks through"), dance=quarter_dance(1)))
        shot = found.shot("one", View.FRONT)
        self.assertEqual(shot.state, ShotState.TROUBLE)
        self.assertIn("Film one again in front view: trouble in this pass: someone walks through.", found.to_film)

    def test_all_there(self):
        self.assertEqual(shot_list(filmed()).to_film, ())
        self.assertEqual(shot_list(Project()).sections, ())

    def test_as_table_and_rows(self):
        found = shot_list(filmed(dance=quarter_dance(1)))
        text = to_markdown(found, "p")
        self.assertIn("| one | 1 × (t, wall 1) | — |", text)
        self.assertIn("- [ ] Film the whole dance once in back view.", text)
        self.assertIn("one,back,missing,0,,no pass shows it", to_csv(found))

    def test_every_wall_counts_as_a_pass(self):
        """Two walls in the same view are two passes to choose from."""
        plain = replace(quarter_dance(2), sections=(Section("one"),))
        self.assertEqual(shot_list(filmed(dance=plain)).shot("one", View.FRONT).passes, 2)


if __name__ == "__main__":
    unittest.main()
