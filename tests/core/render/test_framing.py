"""Crops hold what moves: still where that fits, following slowly where not, bars before anything is cut."""

import unittest

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from vamos.core.media.motion import PER_SECOND, Motion
from vamos.core.render.framing import WHOLE, frame_path

WIDE = 16 / 9


def motion(boxes: np.ndarray) -> Motion:
    return Motion(np.full(len(boxes), 0.1), boxes)


def dancer(middle: np.ndarray, width: float = 0.1, top: float = 0.3, bottom: float = 0.9) -> Motion:
    n = len(middle)
    return motion(np.stack([middle - width / 2, np.full(n, top), middle + width / 2, np.full(n, bottom)], axis=1))


class FramingTest(unittest.TestCase):
    def test_not_wanted(self):
        self.assertEqual(frame_path(None, False, WIDE, None, 0, 8).crop_at(3), WHOLE)

    def test_an_upright_crop_stands_still_where_the_dancer_fits(self):
        path = frame_path(9 / 16, False, WIDE, dancer(np.full(200, 0.7)), 0, 8)
        crop = path.crop_at(4)
        self.assertFalse(path.moves)
        self.assertAlmostEqual(crop.x + crop.width / 2, 0.7, places=6)
        self.assertAlmostEqual(crop.width, (9 / 16) ** 2, places=6)
        self.assertEqual((crop.y, crop.height), (0.0, 1.0))

    def test_without_motion_the_middle_is_cut(self):
        crop = frame_path(1.0, False, WIDE, None, 0, 8).crop_at(0)
        self.assertAlmostEqual(crop.x, (1 - 9 / 16) / 2)

    @settings(max_examples=60, deadline=None)
    @given(st.integers(0, 1000), st.sampled_from([9 / 16, 1.0, WIDE]), st.booleans())
    def test_never_a_hand_or_a_foot_outside(self, seed, aspect, follow):
        """Whatever way the dancer goes, the box of each moment lies in its crop, up to half a hundredth."""
        rng = np.random.default_rng(seed)
        walk = np.clip(0.5 + np.cumsum(rng.normal(0, 0.006, 300)), 0.15, 0.85)
        found = dancer(walk, float(rng.uniform(0.05, 0.28)), float(rng.uniform(0.05, 0.4)), 0.95)
        path = frame_path(aspect, follow, WIDE, found, 1.0, 11.0)
        for k in range(25, 275):
            crop = path.crop_at(k / PER_SECOND)
            left, top, right, bottom = found.boxes[k]
            self.assertGreaterEqual(left - crop.x, -0.005)
            self.assertGreaterEqual(crop.x + crop.width - right, -0.005)
            self.assertGreaterEqual(top - crop.y, -0.005)
            self.assertGreaterEqual(crop.y + crop.height - bottom, -0.005)

    @given(
        st.integers(0, 300), st.sampled_from([9 / 16, 1.0, WIDE]), st.booleans(), st.floats(0, 0.2), st.floats(0, 0.25)
    )
    def test_what_moves_keeps_out_of_the_plates(self, seed, aspect, follow, above, below):
        """Feet stand above the strip of counts, hands below the labels, wherever in the film they are."""
        rng = np.random.default_rng(seed)
        top = float(rng.uniform(0.1, 0.4))
        found = dancer(np.full(200, float(rng.uniform(0.2, 0.8))), 0.2, top, float(rng.uniform(0.8, 1.0)))
        crop = frame_path(aspect, follow, WIDE, found, 0, 8, (above, below)).crop_at(3)
        left, high, right, low = found.boxes[100]
        self.assertGreaterEqual(high, crop.y + above * crop.height - 1e-6)
        self.assertLessEqual(low, crop.y + (1 - below) * crop.height + 1e-6)
        self.assertTrue(crop.x <= left and right <= crop.x + crop.width)

    def test_following_is_slow(self):
        """A dancer who crosses the room in ten seconds: the crop never jumps, and never hurries."""
        path = frame_path(9 / 16, False, WIDE, dancer(np.linspace(0.2, 0.8, 250)), 0, 10)
        self.assertTrue(path.moves)
        steps = np.abs(np.diff(path.middle_x)) * PER_SECOND
        self.assertLess(steps.max(), 0.2)

    def test_close_keeps_half_of_the_height_at_least(self):
        crop = frame_path(None, True, WIDE, dancer(np.full(200, 0.5), 0.05, 0.6, 0.7), 0, 8).crop_at(2)
        self.assertAlmostEqual(crop.height, 0.5)
        self.assertAlmostEqual(crop.width, 0.5)

    def test_wider_than_the_shape_gets_bars(self):
        """Arms over nine tenths of the picture in an upright shape: all is shown, higher than the film."""
        crop = frame_path(9 / 16, False, WIDE, dancer(np.full(200, 0.5), 0.88), 0, 8).crop_at(2)
        self.assertGreaterEqual(crop.width, 0.88)
        self.assertGreater(crop.height, 1.0)


if __name__ == "__main__":
    unittest.main()
