"""Counts, their words, frame rates and ranges."""

import unittest
from fractions import Fraction as F

from hypothesis import given
from hypothesis import strategies as st

from vamos.core.time import CountRange, Feel, FrameRate, TimeRange, as_count, count_text, set_number_text
from vamos.core.time.counts import count_in_numbers
from vamos.errors import InputError


class CountTextTest(unittest.TestCase):
    def test_count_k_stands_at_k_minus_one(self):
        """Position 0 is said "1", its & is at ½, the pickup before 1 is an & at −½."""
        self.assertEqual([count_text(F(n, 2)) for n in (-1, 0, 1, 2, 15)], ["&", "1", "&", "2", "&"])

    def test_counts_past_eight_go_on(self):
        """A section of twelve is counted to 12."""
        self.assertEqual(count_text(F(11)), "12")

    def test_feel_moves_the_subdivisions(self):
        """& sits at ½ straight, ⅔ swung, ⅓ rolling; a at ¾, ⅚, ⅔ (common practice, no source)."""
        for feel, (amp, a) in {
            Feel.STRAIGHT: (F(1, 2), F(3, 4)),
            Feel.SWUNG: (F(2, 3), F(5, 6)),
            Feel.ROLLING: (F(1, 3), F(2, 3)),
        }.items():
            self.assertEqual((count_text(3 + amp, feel), count_text(3 + a, feel)), ("&", "a"))

    def test_set_numbers(self):
        """In the third eight: 3 2 3 4."""
        self.assertEqual([set_number_text(F(k), 3) for k in range(4)], ["3", "2", "3", "4"])

    def test_count_in(self):
        """5 6 7 8 before an eight, 4 5 6 before a six of three counts, eights before a twelve."""
        self.assertEqual(count_in_numbers(8, 4), (5, 6, 7, 8))
        self.assertEqual(count_in_numbers(6, 3), (4, 5, 6))
        self.assertEqual(count_in_numbers(12, 2), (7, 8))

    def test_text_that_is_no_count(self):
        for bad in ("", "three", "1/0", float("nan")):
            with self.subTest(bad=bad), self.assertRaises(InputError):
                as_count(bad)

    @given(st.fractions(-100, 100, max_denominator=48))
    def test_floats_come_back_exact(self, value):
        """Every position of the usual feels survives a trip through a float."""
        if 48 % value.denominator == 0:
            self.assertEqual(as_count(float(value)), value)


class FrameRateTest(unittest.TestCase):
    def test_events_are_never_more_than_half_a_frame_off(self):
        """⌊t·f + ½⌋ (16.7 ms at 30 a second), at NTSC rates too (30000/1001, SMPTE ST 12-1)."""
        for rate in (FrameRate.of(30), FrameRate.of(30000, 1001), FrameRate.of(25), FrameRate.of(60)):
            for k in range(0, 4000, 7):
                t = k * 0.01037
                self.assertLessEqual(abs(rate.seconds(rate.frame_at(t)) - t), rate.frame_s / 2 + 1e-12)

    def test_an_hour_of_ntsc_does_not_drift(self):
        """107892 frames of 30000/1001 are one hour of drop-frame time code (SMPTE ST 12-1)."""
        self.assertAlmostEqual(FrameRate.of(30000, 1001).seconds(107892), 3599.9964, places=4)

    def test_refuses_zero(self):
        with self.assertRaises(InputError):
            FrameRate(F(0))


class RangeTest(unittest.TestCase):
    def test_half_open(self):
        r = CountRange(F(0), F(8))
        self.assertTrue(r.contains(F(0)))
        self.assertFalse(r.contains(F(8)))
        self.assertEqual(r.widened(F(2), F(1)), CountRange(F(-2), F(9)))

    def test_backwards_is_refused(self):
        with self.assertRaises(InputError):
            CountRange(F(3), F(2))
        with self.assertRaises(InputError):
            TimeRange(1.0, float("nan"))

    def test_overlap_and_cover(self):
        a, b = TimeRange(0, 10), TimeRange(8, 12)
        self.assertEqual(a.overlap_s(b), 2)
        self.assertFalse(a.covers(b))
        self.assertTrue(a.covers(TimeRange(-0.1, 10.1), slack_s=0.2))
