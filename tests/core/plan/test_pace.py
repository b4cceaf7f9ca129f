"""The middle slope, against SciPy's; one late count does not bend the line it is measured against."""

import unittest

import numpy as np
import scipy.stats

from vamos.core.plan.pace import middle_slope


class MiddleSlopeTest(unittest.TestCase):
    def test_as_scipy_has_it(self):
        """scipy.stats.theilslopes, for even and odd numbers of values."""
        rng = np.random.default_rng(3)
        for count in (2, 3, 4, 7, 8, 16):
            values = np.cumsum(rng.uniform(0.3, 0.7, count))
            self.assertAlmostEqual(middle_slope(values), scipy.stats.theilslopes(values)[0], places=12)

    def test_a_late_count(self):
        values = 0.5 * np.arange(8.0)
        values[5] += 0.2
        self.assertAlmostEqual(middle_slope(values), 0.5)


if __name__ == "__main__":
    unittest.main()
