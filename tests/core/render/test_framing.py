"""Crops hold the dancer: still where that fits, panning slowly where not, wider for as long as the reach asks."""

import unittest

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from vamos.core.media.motion import PER_SECOND, Motion
from vamos.core.render.framing import Wish, boxes_of, crop_path, largest, still, usual_height

WIDE = 16 / 9


def dancer(middle: np.ndarray, width: np.ndarray | float = 0.1, top: float = 0.3, bottom: float = 0.9) -> Motion:
    n = len(middle)
    boxes = np.stack([middle - width / 2, np.full(n, top), middle + width / 2, np.full(n, bottom)], axis=1)
    return Motion(np.full(n, 0.1), boxes)


def cut(aspect: float, found: Motion, follow: bool = False, end_s: float = 8.0, **named: object):
    wish = Wish(aspect, WIDE, 0.0, end_s, follow)
    return crop_path(wish, boxes_of(found, wish), **named)


class FramingTest(unittest.TestCase):
    def test_an_upright_crop_stands_still_where_the_dancer_fits(self):
        path = cut(9 / 16, dancer(np.full(220, 0.7)))
        crop = path.crop_at(4)
        self.assertFalse(path.moves)
        self.assertTrue(crop.x < 0.65 and crop.x + crop.width > 0.75)
        self.assertAlmostEqual(crop.width, (9 / 16) ** 2, places=6)
        self.assertAlmostEqual(crop.height, 1.0)
        self.assertAlmostEqual(path.filled(), 1.0)

    def test_without_motion_the_middle_is_cut(self):
        wish = Wish(1.0, WIDE, 0.0, 8.0)
        self.assertIsNone(boxes_of(None, wish))
        self.assertAlmostEqual(crop_path(wish, None).crop_at(0).x, (1 - 9 / 16) / 2)

    @settings(max_examples=60, deadline=None)
    @given(st.integers(0, 1000), st.sampled_from([9 / 16, 1.0, WIDE]), st.booleans(), st.booleans())
    def test_never_a_hand_or_a_foot_outside(self, seed, aspect, follow, steady):
        """Whatever way the dancer goes and reaches, the box of each moment lies in its crop."""
        rng = np.random.default_rng(seed)
        walk = np.clip(0.5 + np.cumsum(rng.normal(0, 0.006, 300)), 0.25, 0.75)
        reach = 0.08 + 0.3 * np.abs(np.sin(np.arange(300) / rng.uniform(8, 60)))
        found = dancer(walk, reach, float(rng.uniform(0.05, 0.4)), 0.95)
        path = cut(aspect, found, follow, 11.5, lean=float(rng.uniform(-1, 1)), steady=steady)
        for k in range(25, 275):
            crop = path.crop_at(k / PER_SECOND)
            left, top, right, bottom = found.boxes[k]
            self.assertGreaterEqual(left - crop.x, -0.005)
            self.assertGreaterEqual(crop.x + crop.width - right, -0.005)
            self.assertGreaterEqual(top - crop.y, -0.03)
            self.assertGreaterEqual(crop.y + crop.height - bottom, -0.03)

    def test_following_is_slow(self):
        """A dancer who crosses the room in ten seconds: the crop never jumps, and never hurries."""
        for steady in (True, False):
            path = cut(9 / 16, dancer(np.linspace(0.2, 0.8, 260)), end_s=10, steady=steady)
            self.assertTrue(path.moves)
            self.assertLess(np.abs(np.diff(path.middle_x)).max() * PER_SECOND, 0.2)

    def test_a_dancer_who_sways_in_place_does_not_rock_the_picture(self):
        sway = 0.5 + 0.03 * np.sin(np.arange(260) / 5)
        path = cut(9 / 16, dancer(sway), end_s=10)
        self.assertLess(np.ptp(path.middle_x), 0.002)

    def test_close_keeps_half_of_the_height_at_least(self):
        crop = cut(WIDE, dancer(np.full(220, 0.5), 0.05, 0.6, 0.7), True).crop_at(2)
        self.assertAlmostEqual(crop.height, 0.5)
        self.assertAlmostEqual(crop.width, 0.5)

    def test_it_widens_only_for_as_long_as_the_reach_asks(self):
        """Arms over half of the film for half a second: higher than the film then, filled seconds before and after."""
        reach = np.full(300, 0.1)
        reach[150:162] = 0.5
        path = cut(9 / 16, dancer(np.full(300, 0.5), reach), end_s=11.5)
        self.assertAlmostEqual(path.crop_at(2.0).height, 1.0)
        self.assertAlmostEqual(path.crop_at(10.0).height, 1.0)
        self.assertGreaterEqual(path.crop_at(6.2).width, 0.5)
        self.assertGreater(path.filled(), 0.85)

    def test_leaning_moves_the_dancer_to_an_edge_of_the_crop(self):
        found = dancer(np.full(220, 0.5), 0.05, 0.4, 0.7)
        up, down = (cut(WIDE, found, True, lean=lean).crop_at(3) for lean in (1.0, -1.0))
        self.assertGreater((0.7 - down.y) / down.height, (0.7 - up.y) / up.height + 0.2)

    def test_the_usual_height_leaves_out_what_is_rare(self):
        """A reach in one moment of fifty does not keep the crop away from the dancer."""
        reach = np.full(1000, 0.1)
        reach[500:515] = 0.6
        wish = Wish(WIDE, WIDE, 0.0, 39.0, True)
        self.assertLess(usual_height(wish, boxes_of(dancer(np.full(1000, 0.5), reach, 0.3, 0.8), wish)), 0.6)

    def test_shares_of_a_frame(self):
        self.assertAlmostEqual(still(largest(9 / 16, WIDE)).filled(), 1.0)
        wish = Wish(9 / 16, WIDE, 0.0, 8.0)
        self.assertAlmostEqual(crop_path(wish, None, 2.0).filled(), 0.5)


if __name__ == "__main__":
    unittest.main()
