"""A smaller picture in a corner: inside the picture, whole, and where the dancer is not."""

import unittest

import numpy as np

from vamos.core.render import corner
from vamos.core.render.quiet import Covered

WIDE, UPRIGHT, SQUARE = (1280, 720), (1080, 1920), (1080, 1080)


def dancer(left: float, top: float, right: float, bottom: float) -> Covered:
    """A dancer who fills a part of the picture all the time."""
    edges = np.arange(21) / 20
    inside = (edges[1:] > top) & (edges[:-1] < bottom)
    lefts, rights = (np.where(inside, at, np.nan)[None].repeat(8, axis=0) for at in (left, right))
    return Covered(lefts, rights, edges[:-1], edges[1:], np.zeros(0, dtype=np.intp))


class CornerTest(unittest.TestCase):
    def test_it_keeps_its_shape_and_stays_inside(self):
        for whole in (WIDE, UPRIGHT, SQUARE, (304, 540)):
            for film in (WIDE, UPRIGHT, SQUARE):
                small = corner.size(whole, film)
                with self.subTest(whole=whole, film=film):
                    self.assertAlmostEqual(small[0] / small[1], film[0] / film[1], delta=0.05)
                    self.assertTrue(all(v % 2 == 0 for v in small))
                    for left, top in corner.places(whole, small):
                        self.assertTrue(4 <= left <= whole[0] - small[0] - 4, (left, whole, small))
                        self.assertTrue(4 <= top <= whole[1] - small[1] - 4, (top, whole, small))
                        self.assertTrue(left % 2 == top % 2 == 0)

    def test_where_the_dancer_is_not(self):
        """In the middle: the usual place. An arm up to the right: left. All of the upper half: low."""
        small = corner.size(WIDE, WIDE)
        where = corner.places(WIDE, small)
        for body, wanted in (
            ((0.42, 0.2, 0.58, 0.9), 0),
            ((0.42, 0.0, 0.9, 0.9), 1),
            ((0.0, 0.0, 1.0, 0.55), 2),
            ((0.45, 0.0, 1.0, 1.0), 1),
        ):
            found = corner.quietest(where, dancer(*body), WIDE, small)
            self.assertEqual(where.index(found), wanted, body)

    def test_put_with_an_edge(self):
        """The picture, four pixels of ink around it, nothing else touched; in all three planes."""
        main = tuple(np.zeros((720 // k, 1280 // k), np.uint8) for k in (1, 2, 2))
        part = tuple(np.full((100 // k, 200 // k), 200, np.uint8) for k in (1, 2, 2))
        corner.put(main, part, (1000, 40))
        self.assertEqual([int((p == 200).sum()) for p in main], [20000, 5000, 5000])
        for plane, bars in zip(main, corner.BARS, strict=True):
            self.assertGreater(int((plane == bars).sum()), 0)
        self.assertEqual(int((main[0] > 0).sum()), 108 * 208)
