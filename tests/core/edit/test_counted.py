"""Counted passes corrected: which count a moment is, a count moved, counts tapped."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

import numpy as np

from tests.support import FolderCase, grid_at, write_song
from vamos.core.align.counted import counts_from_taps
from vamos.core.edit.counted import move_count, set_counts, this_moment_is
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song
from vamos.core.model.take import Pass, PassKind, Take
from vamos.core.time import TimeMap, TimeRange
from vamos.errors import InputError


def counted(start: float = 3.0, counts: int = 16, period: float = 0.7) -> Pass:
    times = start + period * np.arange(counts)
    where = TimeRange(start, start + counts * period)
    return Pass(PassKind.COUNTED, where, TimeMap.through(times, np.arange(counts, dtype=float)), 0.7)


def project(*passes: Pass) -> Project:
    take = Take("t", MediaRef("t", duration_s=40.0), passes=passes, looked_for_passes=True)
    return Project("p", Song(MediaRef("s", duration_s=60.0), "s", grid_at(120, 100, 1.0, 8)), takes=(take,))


class MomentTest(unittest.TestCase):
    def test_a_counted_pass_is_renumbered_and_keeps_its_moments(self):
        """Pointing near the fourth count and saying it is count 17: whole counts only, moments stay."""
        after = this_moment_is(project(counted()), "t", 3.0 + 3 * 0.7 + 0.12, F(16)).take("t").passes[0]
        self.assertEqual(after.clock.x, counted().clock.x)
        self.assertAlmostEqual(after.clock(3.0 + 3 * 0.7), 16)

    def test_a_pass_with_the_song_moves_and_keeps_its_speed(self):
        slow = Pass(PassKind.SONG, TimeRange(2.0, 20.0), TimeMap.line(2.0, 5.0, 0.75), 0.3, rate=0.75)
        after = this_moment_is(project(slow), "t", 6.0, F(0)).take("t").passes[0]
        self.assertAlmostEqual(after.clock(6.0), 1.0 + 8 * 0.5)
        self.assertAlmostEqual(after.clock.slope_at(6.0), 0.75)
        self.assertEqual(after.confidence, 1.0)

    def test_an_unplaced_take_is_placed(self):
        after = this_moment_is(project(), "t", 12.5, F(4)).take("t").passes[0]
        self.assertAlmostEqual(after.clock(12.5), 1.0 + 12 * 0.5)

    def test_outside_of_the_film(self):
        with self.assertRaisesRegex(InputError, "is not in it"):
            this_moment_is(project(), "t", 55.0, F(0))


class MoveTest(unittest.TestCase):
    def test_one_count_moves(self):
        after = move_count(project(counted()), "t", 0, 2, 4.6).take("t").passes[0]
        self.assertAlmostEqual(after.clock.inverse()(2.0), 4.6)
        self.assertAlmostEqual(after.clock.inverse()(3.0), 5.1)

    def test_never_past_its_neighbour(self):
        with self.assertRaisesRegex(InputError, "between"):
            move_count(project(counted()), "t", 0, 2, 5.2)

    def test_the_first_count_may_move_out(self):
        after = move_count(project(counted()), "t", 0, 0, 2.5).take("t").passes[0]
        self.assertEqual(after.take_range.start_s, 2.5)

    def test_only_counted_passes(self):
        song = Pass(PassKind.SONG, TimeRange(0, 9), TimeMap.line(), 0.9)
        with self.assertRaises(InputError):
            move_count(project(song), "t", 0, 0, 1.0)


class TapTest(FolderCase):
    def test_taps_replace_what_was_heard_and_keep_its_numbers(self):
        """The heard pass called its first count 8; taps over it go on from there."""
        heard = replace(counted(), clock=counted().clock.shifted(8.0))
        taps = 3.02 + 0.7 * np.arange(12)
        (after,) = set_counts(project(heard), "t", taps, F(0)).take("t").passes
        self.assertAlmostEqual(after.clock(taps[0]), 8.0)
        self.assertEqual(after.reason, "counts tapped by hand")

    def test_where_nothing_was_heard_the_first_tap_is_the_page_s_count(self):
        (after,) = set_counts(project(), "t", np.array([1.0, 1.6, 2.2]), F(16)).take("t").passes
        self.assertEqual(after.clock(1.6), 17.0)

    def test_a_pass_elsewhere_stays(self):
        later = counted(start=25.0, counts=10)
        after = set_counts(project(later), "t", 3.0 + 0.6 * np.arange(8), F(0)).take("t").passes
        self.assertEqual(len(after), 2)
        self.assertEqual(after[1], later)

    def test_a_late_hand_with_a_missed_and_a_doubled_tap(self):
        """Taps 60 ms late on a click track, one missed, one doubled: within 15 ms of the clicks."""
        beats = write_song(self.folder / "a.wav", 90, 20)
        taps = beats[2:18] + 0.06
        taps = np.sort(np.append(np.delete(taps, 5), taps[9] + 0.08))
        found = counts_from_taps(self.folder / "a.wav", taps, None, 20.0)
        self.assertEqual(len(found), 16)
        self.assertLess(np.abs(found - beats[2:18]).max(), 0.015)


if __name__ == "__main__":
    unittest.main()
