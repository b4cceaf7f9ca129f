"""The one mapping for all times."""

import unittest
from fractions import Fraction

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from vamos.core.time import TimeMap
from vamos.errors import InputError

gaps = st.lists(st.tuples(st.floats(0.01, 5), st.floats(0.01, 5)), min_size=1, max_size=12)


def map_of(steps, x0=0.0, y0=0.0) -> TimeMap:
    xs, ys = [x0], [y0]
    for dx, dy in steps:
        xs.append(xs[-1] + dx)
        ys.append(ys[-1] + dy)
    return TimeMap(tuple(xs), tuple(ys))


class TimeMapTest(unittest.TestCase):
    def test_hits_its_points_exactly(self):
        """A map gives back the very numbers it was made from."""
        m = TimeMap((0.1, 0.7, 3.3), (5.0, 5.3, 9.9))
        self.assertEqual([m(x) for x in m.x], list(m.y))

    def test_goes_on_with_edge_slopes(self):
        """Outside its points the first and last tempo go on."""
        m = TimeMap((0.0, 1.0, 2.0), (0.0, 1.0, 3.0))
        self.assertEqual(m(-2.0), -2.0)
        self.assertEqual(m(3.0), 5.0)

    def test_refuses_what_is_not_increasing(self):
        """Equal, falling, too few, unequal in number or infinite points are refused with the reason."""
        for x, y, word in (
            ((0.0, 0.0), (0.0, 1.0), "increase"),
            ((0.0, 1.0), (1.0, 0.5), "increase"),
            ((0.0,), (0.0,), "two points"),
            ((0.0, 1.0), (0.0,), "as many"),
            ((0.0, float("nan")), (0.0, 1.0), "finite"),
        ):
            with self.subTest(x=x, y=y), self.assertRaisesRegex(InputError, word):
                TimeMap(x, y)
        with self.assertRaisesRegex(InputError, "slope"):
            TimeMap.line(0, 0, 0)

    @given(gaps, st.floats(-50, 50))
    def test_inverse_undoes(self, steps, at):
        """Going there and back gives the same time to a nanosecond."""
        m = map_of(steps)
        self.assertAlmostEqual(m.inverse()(m(at)), at, delta=1e-9 * max(1, abs(at)) * 600)

    @given(gaps, gaps, st.floats(-20, 40))
    def test_then_is_one_after_the_other(self, first, second, at):
        """a.then(b) at t equals b(a(t)), inside and outside the points of both."""
        a, b = map_of(first), map_of(second, x0=1.0)
        self.assertAlmostEqual(a.then(b)(at), b(a(at)), delta=1e-5 * max(1.0, abs(b(a(at)))))

    @given(gaps)
    def test_array_and_number_agree(self, steps):
        """The same result whether asked for one time or for many."""
        m = map_of(steps)
        values = np.linspace(-3, 10, 23)
        np.testing.assert_allclose(m(values), [m(float(v)) for v in values], rtol=0, atol=1e-12)

    def test_counts_go_in_as_fractions(self):
        """A third of a count is a third of a count."""
        self.assertAlmostEqual(TimeMap.line(0, 10, 0.6)(Fraction(1, 3)), 10.2, places=12)

    def test_slope_is_read_right_of_a_corner(self):
        m = TimeMap((0.0, 1.0, 2.0), (0.0, 1.0, 3.0))
        self.assertEqual((m.slope_at(0.5), m.slope_at(1.0), m.slope_at(9)), (1.0, 2.0, 2.0))
