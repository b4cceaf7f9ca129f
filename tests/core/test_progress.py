"""Progress adds up, and stopping is heeded."""

import unittest

from vamos.core.progress import Progress, quiet, side_by_side
from vamos.errors import Stopped


class WatchTest(unittest.TestCase):
    def setUp(self) -> None:
        self.reports: list[tuple[float, str]] = []
        self.progress = Progress(lambda done, words: self.reports.append((round(done, 6), words)))

    def test_parts_of_parts(self):
        """Half of the second half is three quarters."""
        self.progress.part(0.5, 1.0).part(0.0, 1.0)(0.5, "here")
        self.assertEqual(self.reports, [(0.75, "here")])

    def test_reports_stay_between_nothing_and_all(self):
        self.progress(-1.0)
        self.progress(7.0)
        self.assertEqual([done for done, _ in self.reports], [0.0, 1.0])

    def test_stopping_ends_the_job_at_its_next_report(self):
        asked = False
        progress = Progress(stop_asked=lambda: asked)
        progress.part(0, 0.5)(0.1)
        asked = True
        with self.assertRaises(Stopped):
            progress.part(0, 0.5)(0.2)

    def test_jobs_side_by_side_report_their_weighted_sum(self):
        """A job three times as long moves the whole three times as far."""
        short, long = side_by_side(self.progress, [1.0, 3.0])
        long(0.5, "long")
        short(1.0, "short")
        long(1.0, "long")
        self.assertEqual([done for done, _ in self.reports], [0.375, 0.625, 1.0])

    def test_stopping_reaches_jobs_side_by_side(self):
        first, _ = side_by_side(Progress(stop_asked=lambda: True), [1.0, 1.0])
        with self.assertRaises(Stopped):
            first(0.1)

    def test_quiet_says_nothing(self):
        self.assertIsNone(quiet()(0.5, "nothing"))


if __name__ == "__main__":
    unittest.main()
