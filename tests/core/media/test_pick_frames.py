"""Which frame of the film each output frame shows: none twice where there are enough, else evenly."""

import unittest
from fractions import Fraction

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.support import FolderCase, film_of
from vamos.core.media.frames import FrameReader, frame_times, pick_frames


class PickTest(unittest.TestCase):
    @settings(max_examples=80, deadline=None)
    @given(st.floats(0, 1), st.integers(0, 10_000), st.sampled_from([30.0, 30.3, 48.0, 60.0]))
    def test_no_frame_stands_twice_where_there_are_enough(self, phase, seed, rate):
        """Time stamps rounded to milliseconds and wavering by up to 2 ms, at every phase against the output."""
        rng = np.random.default_rng(seed)
        source = np.round(np.arange(0, 4, 1 / rate) + rng.uniform(-0.002, 0.002, int(np.ceil(4 * rate))), 3)
        wanted = 0.5 + phase / 30 + np.arange(80) / 30
        picks = pick_frames(source, wanted)
        self.assertGreater(np.diff(picks).min(), 0)
        self.assertLess(np.abs(source[picks] - wanted).max(), 0.85 / rate + 0.003)

    @given(st.floats(0, 1))
    def test_half_speed_shows_each_frame_twice(self, phase):
        source = np.round(np.arange(0, 4, 1 / 30), 3)
        picks = pick_frames(source, 0.5 + phase / 30 + np.arange(100) / 60)
        times = np.bincount(picks - picks[0])[1:-1]
        self.assertEqual(set(times.tolist()), {2})

    def test_a_film_with_gaps_holds_the_nearest(self):
        source = np.array([0.0, 0.1, 0.2, 0.9, 1.0])
        np.testing.assert_array_equal(pick_frames(source, np.array([0.0, 0.3, 0.5, 0.7, 0.96])), [0, 2, 2, 3, 4])

    def test_a_single_frame(self):
        np.testing.assert_array_equal(pick_frames(np.array([0.0]), np.array([0.0, 5.0])), [0, 0])


class TimesTest(FolderCase):
    def test_times_are_those_of_the_decoded_frames(self):
        """Without decoding, reordered frames too; a stretch has its frames and one more at each end."""
        times = np.cumsum(np.r_[0, np.tile([0.033, 0.034, 0.05], 40)])
        path = film_of(self.folder / "a.mp4", 5.0, times=times)
        found = frame_times(path, 1.0, 2.0)
        with FrameReader(path) as reader:
            decoded = np.array([reader.time_of(f) for f, _ in reader.with_ends(0.0)])
        inside = decoded[(decoded >= 1.0) & (decoded <= 2.0)]
        self.assertTrue(np.isin(np.round(inside, 4), np.round(found, 4)).all())
        self.assertLessEqual(len(found), len(inside) + 3)

    def test_steps_back_and_on(self):
        path = film_of(self.folder / "a.mp4", 4.0, Fraction(25))
        with FrameReader(path) as reader:
            at = reader.stepped(2.0, 1)
            self.assertAlmostEqual(at, 2.04, places=3)
            self.assertAlmostEqual(reader.stepped(at, -3), 1.92, places=3)
            self.assertEqual(reader.stepped(0.0, -1), 0.0)
            self.assertAlmostEqual(reader.stepped(3.96, 5), 3.96, places=3)


if __name__ == "__main__":
    unittest.main()
