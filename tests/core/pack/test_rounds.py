"""A clip gone through again and again: frames, counts and sound of each round are as long as the music."""

import itertools
import unittest
from fractions import Fraction as F

import numpy as np

from tests.core.render.test_clip_sound import GRID
from vamos.core.pack.rounds import counts_at, order_of, shown_at, sound_of
from vamos.core.render.sound import RATE
from vamos.core.render.timing import clip_timing
from vamos.core.time import CountRange, FrameRate

EIGHT = CountRange(F(8), F(16))


class RoundsTest(unittest.TestCase):
    def test_no_drift_at_any_speed_and_rate(self):
        """Ten rounds: each frame is within half a frame of its moment, and nothing is added or lost."""
        for speed, rate in itertools.product((F(1), F(9, 10), F(74, 100), F(1, 2)), (F(25), F(30000, 1001), F(15))):
            timing = clip_timing(GRID, EIGHT.widened(F(2), F(1)), speed, FrameRate(rate))
            first_s, end_s = timing.out_s(EIGHT.start), timing.out_s(EIGHT.end)
            order = np.array(order_of(timing, EIGHT, 10))
            long_s = end_s - first_s
            self.assertAlmostEqual(len(order) / rate, end_s + 9 * long_s, delta=0.51 / float(rate))
            at = np.arange(len(order)) / float(rate)
            due = np.where(at < end_s, at, first_s + np.mod(at - first_s, long_s))
            off = np.abs(order / float(rate) - due) * float(rate)
            self.assertLessEqual(float(off.max()), 1.5)
            self.assertLessEqual(float(np.sum(off > 0.5 + 1e-6)), 10)

    def test_each_count_of_each_round_once(self):
        for speed in (F(1), F(9, 10), F(74, 100), F(2, 3), F(1, 2)):
            timing = clip_timing(GRID, EIGHT.widened(F(1), F(1)), speed, FrameRate.of(15))
            whole = [(timing.frame_of(F(k)), str(k - 7)) for k in range(8, 17)]
            found = counts_at(whole, order_of(timing, EIGHT, 4))
            self.assertEqual([number for _, number in found], [*"12345678"] * 4, speed)
            gaps = [b - a for (a, _), (b, _) in itertools.pairwise(found)]
            self.assertLessEqual(max(gaps) - min(gaps), 2)

    def test_the_sound_repeats_to_the_sample_without_a_click(self):
        timing = clip_timing(GRID, EIGHT.widened(F(1), F(1)), F(1), FrameRate.of(30))
        seconds = np.arange(round(timing.duration_s * RATE)) / RATE
        tone = np.repeat(np.sin(2 * np.pi * 331.7 * seconds)[:, None], 2, axis=1).astype(np.float32)
        out = sound_of(tone, timing, EIGHT, 3)
        first, end = (round(timing.out_s(at) * RATE) for at in (EIGHT.start, EIGHT.end))
        long = end - first
        self.assertEqual(len(out), end + 2 * long)
        once, again = (out[at + 1000 : at + long - 1000] for at in (end, end + long))
        np.testing.assert_array_equal(once, again)
        steps = np.abs(np.diff(out[:, 0]))
        self.assertLess(float(steps.max()), 1.2 * float(np.abs(np.diff(tone[:, 0])).max()))

    def test_what_is_written_changes_with_the_frames(self):
        changes = [(0, "a"), (3, "b"), (5, "c")]
        self.assertEqual(
            shown_at(changes, [0, 1, 2, 3, 4, 5, 3, 4, 5]), [(0, "a"), (3, "b"), (5, "c"), (6, "b"), (8, "c")]
        )


if __name__ == "__main__":
    unittest.main()
