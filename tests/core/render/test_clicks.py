"""Clicks lie on the sample, at every speed."""

import unittest
from fractions import Fraction as F

import numpy as np

from tests.support import grid_at
from vamos.core.dance.lines import lines_of
from vamos.core.model.dance import Dance
from vamos.core.render.clicks import add_clicks, counts_between
from vamos.core.render.timing import clip_timing
from vamos.core.time import CountRange, FrameRate

RATE = 48000


class ClicksTest(unittest.TestCase):
    def onsets(self, samples: np.ndarray) -> np.ndarray:
        loud = np.abs(samples[:, 0]) > 0.02
        starts = np.flatnonzero(loud[1:] & ~loud[:-1]) + 1
        return starts[np.append(True, np.diff(starts) > RATE // 10)]

    def test_clicks_of_a_clip_are_on_its_counts(self):
        """Within 1 ms of the exact count, 100 % and 50 %; the 1 is higher than the rest."""
        grid = grid_at(120, 40, 1.0, 8)
        lines = lines_of(grid, Dance())
        for speed in (F(1), F(1, 2)):
            t = clip_timing(grid, CountRange(F(-2), F(9)), speed, FrameRate.of(30))
            out = np.zeros((round(t.duration_s * RATE), 2), np.float32)
            add_clicks(out, RATE, counts_between(lines, F(-2), F(9)), t.counts_to_out())
            wanted = [t.out_s(F(k)) * RATE for k in range(-2, 9)]
            found = self.onsets(out)
            self.assertEqual(len(found), 11)
            self.assertLess(np.abs(found - wanted).max(), 0.001 * RATE)
            pitches = []
            for k in (2, 3):
                piece = out[found[k] : found[k] + 2048, 0]
                pitches.append(np.argmax(np.abs(np.fft.rfft(piece))) * RATE / 2048)
            self.assertGreater(pitches[0], pitches[1] * 1.4)


if __name__ == "__main__":
    unittest.main()
