"""Model values refuse what cannot be, and answer simple questions."""

import unittest
from dataclasses import FrozenInstanceError, replace
from fractions import Fraction as F

from tests.support import grid_at
from vamos.core.model.clip import Clip
from vamos.core.model.dance import Dance, Event, Section
from vamos.core.model.project import Project
from vamos.core.model.song import Anchor, Grid, MediaRef
from vamos.core.model.take import Stretch, Take, View
from vamos.core.time import CountRange
from vamos.errors import InputError


class ModelTest(unittest.TestCase):
    def test_values_do_not_change(self):
        with self.assertRaises(FrozenInstanceError):
            Project().name = "x"

    def test_grids_need_two_beats_and_a_line(self):
        with self.assertRaisesRegex(InputError, "two beats"):
            Grid((Anchor(F(0), 0.0),))
        with self.assertRaisesRegex(InputError, "one count"):
            replace(grid_at(), line=0)

    def test_the_middle_tempo_is_not_moved_by_a_stop(self):
        """One long gap among many even ones does not change what is called the tempo."""
        grid = grid_at(120, 40)
        late = tuple(replace(a, song_s=a.song_s + (3.0 if a.position > 10 else 0.0)) for a in grid.anchors)
        self.assertAlmostEqual(replace(grid, anchors=late).bpm(), 120)

    def test_sections_and_events_have_a_length(self):
        with self.assertRaisesRegex(InputError, "at least one count"):
            Section("A", 0)
        with self.assertRaises(InputError):
            Event(F(0), F(-1))

    def test_cue_word_or_name(self):
        self.assertEqual(Event(F(0), name="shuffle forward", cue="shuffle").short, "shuffle")
        self.assertEqual(Event(F(0), name="walk").short, "walk")

    def test_what_is_missing_is_named(self):
        with self.assertRaisesRegex(InputError, "“front”"):
            Project().take("front")
        with self.assertRaisesRegex(InputError, "none"):
            Dance().section("A")

    def test_stretches_hold_until_the_next(self):
        take = Take(
            "t", MediaRef("t"), (Stretch(0.0), Stretch(5.0, View.BACK), Stretch(9.0, View.FRONT, trouble="noise"))
        )
        self.assertEqual(
            [take.stretch_at(t).view for t in (-1, 4.99, 5, 9)], [View.FRONT, View.FRONT, View.BACK, View.FRONT]
        )
        self.assertEqual(take.stretch_at(20).trouble, "noise")

    def test_a_clip_shows_more_than_its_core(self):
        clip = Clip("k", "A", "A", 0, CountRange(F(8), F(16)), View.FRONT, "t", 0, F(2), F(1, 2), False, "")
        self.assertEqual(clip.shown, CountRange(F(6), F(33, 2)))


if __name__ == "__main__":
    unittest.main()
