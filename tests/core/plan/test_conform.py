"""Takes danced to one song, laid on another by their counts where the dance is the same; and back as they were."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

import numpy as np

from tests.support import grid_at
from vamos.core.edit.song import add_other_song, use_other_song
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song
from vamos.core.model.take import Pass, PassKind, Take, counts_to_take
from vamos.core.plan.clips import plan_clips
from vamos.core.plan.conform import conformed
from vamos.core.time import TimeMap, TimeRange

SECTIONS = (Section("A", 8), Section("B", 8), Section("tag", 4))
WALL, TAG = Item(ItemKind.WALL), Item(ItemKind.TAG, ("tag",))
HERE, THERE = grid_at(120, 100, 1.0, 8), grid_at(96, 100, 2.0, 8)


def dance(*items: Item) -> Dance:
    return Dance("d", SECTIONS, items)


def on_song(start: float, end: float) -> Pass:
    """A pass whose take began two seconds before the song."""
    return Pass(PassKind.SONG, TimeRange(start, end), TimeMap.line(2.0, 0.0), 0.9, rate=1.0)


class ConformTest(unittest.TestCase):
    def test_the_same_dance_at_another_tempo(self):
        """One pass; each count at the second of the take at which it was danced to the first song."""
        whole = on_song(2.0, 40.0)
        (found,) = conformed([whole], HERE, dance(WALL, WALL), THERE, dance(WALL, WALL), "first")
        self.assertEqual(found.kind, PassKind.COUNTED)
        self.assertIn("“first”", found.reason)
        before, after = counts_to_take(whole, HERE), counts_to_take(found, THERE)
        for count in np.linspace(0.0, 31.5, 20):
            self.assertAlmostEqual(float(after(count)), float(before(count)), places=6)

    def test_a_tag_in_between_makes_two_passes(self):
        """Wall, wall here; wall, tag, wall there: the second wall is four counts later."""
        first, second = conformed([on_song(2.0, 40.0)], HERE, dance(WALL, WALL), THERE, dance(WALL, TAG, WALL), "s")
        self.assertAlmostEqual(
            float(counts_to_take(first, THERE)(3.0)), float(counts_to_take(on_song(2, 40), HERE)(3.0))
        )
        late = float(counts_to_take(second, THERE)(20.0))
        self.assertAlmostEqual(late, float(counts_to_take(on_song(2, 40), HERE)(16.0)))
        self.assertLessEqual(first.take_range.end_s, second.take_range.start_s + 1e-6)

    def test_what_the_other_song_does_not_hold_is_left_out(self):
        found = conformed([on_song(2.0, 60.0)], HERE, dance(WALL, TAG, WALL), THERE, dance(WALL), "s")
        self.assertEqual(len(found), 1)
        self.assertAlmostEqual(float(found[0].clock(found[0].take_range.end_s)), 16.0, places=6)

    def test_a_pass_counted_aloud_is_laid_on_it_as_well(self):
        clock = TimeMap.through(np.arange(17) * 0.9 + 1.0, np.arange(17.0))
        slow = Pass(PassKind.COUNTED, TimeRange(1.0, 15.4), clock, 1.0)
        (found,) = conformed([slow], HERE, dance(WALL), THERE, dance(WALL), "s")
        self.assertAlmostEqual(float(found.clock(1.0 + 0.9 * 5)), 5.0, places=6)

    def test_too_little_is_nothing(self):
        """Three counts that were filmed are no pass."""
        at = counts_to_take(on_song(0, 99), HERE)
        short = on_song(float(at(0)), float(at(3)))
        self.assertEqual(conformed([short], HERE, dance(WALL), THERE, dance(WALL), "s"), ())


class UseTest(unittest.TestCase):
    def project(self) -> Project:
        take = Take(
            "front", MediaRef("front.mp4", duration_s=60.0), passes=(on_song(2.0, 40.0),), looked_for_passes=True
        )
        first = Project("p", Song(MediaRef("a.wav"), "first", HERE), dance(WALL, WALL), (take,))
        return add_other_song(first, Song(MediaRef("b.wav"), "second", THERE))

    def test_clips_are_cut_to_the_other_song(self):
        used = use_other_song(self.project(), 0)
        clips = plan_clips(used)
        self.assertEqual([c.title for c in clips], ["A", "B"])
        first, second = clips
        take_s = counts_to_take(used.takes[0].passes[0], THERE)
        self.assertAlmostEqual(float(take_s(float(second.counts.start))), 2.0 + float(HERE.time_map()(8)), places=6)
        self.assertEqual(used.takes[0].passes[0].kind, PassKind.COUNTED)
        self.assertEqual(first.take, "front")

    def test_back_to_the_first_song_all_is_as_it_was(self):
        project = self.project()
        back = use_other_song(use_other_song(project, 0), 0)
        self.assertEqual(back.takes, project.takes)
        again = use_other_song(back, 0)
        self.assertEqual(again.takes[0].passes[0].kind, PassKind.COUNTED)

    def test_without_a_beat_there_they_wait_to_be_placed(self):
        project = replace(self.project(), other_songs=())
        project = add_other_song(project, Song(MediaRef("c.wav"), "third"))
        used = use_other_song(project, 0)
        self.assertEqual((used.takes[0].passes, used.takes[0].looked_for_passes), ((), False))

    def test_a_take_that_came_later_is_conformed_too(self):
        used = use_other_song(self.project(), 0)
        later = replace(used.takes[0], name="later", id="later", passes=(on_song(0.0, 50.0),))
        back = use_other_song(replace(used, takes=(*used.takes, later)), 0)
        self.assertEqual([t.passes[0].kind for t in back.takes], [PassKind.SONG, PassKind.COUNTED])
        self.assertEqual(
            counts_to_take(back.takes[1].passes[0], HERE)(F(0)), counts_to_take(later.passes[0], THERE)(F(0))
        )


if __name__ == "__main__":
    unittest.main()
