"""What to leave out of the takes: as a table, and as a timeline another program reads; with the reasons that were typed."""

import csv
import io
import unittest
from fractions import Fraction as F

import opentimelineio as otio

from vamos.core.edit.takes import UNSAID, mark_from, say_trouble
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef
from vamos.core.model.take import Take, View
from vamos.core.plan.leave_out import leave_out_text, parts_of
from vamos.core.time import FrameRate
from vamos.errors import InputError

RATES = {"a": FrameRate.of(25), "b": FrameRate.of(30000, 1001)}


def project() -> Project:
    """Two films of 20 s: trouble from 4 to 6.5 s, typed, with another view in its middle; and from 15 s to the end."""
    takes = tuple(Take(n, MediaRef(f"/home/somebody/{n}.mp4", duration_s=20.0), id=n) for n in "ab")
    found = Project("p", takes=takes)
    found = mark_from(found, "a", 4.0, trouble=UNSAID)
    found = mark_from(found, "a", 5.0, view=View.BACK)
    found = mark_from(found, "a", 6.5, trouble="")
    for at in (4.5, 5.5):
        found = say_trouble(found, "a", at, " a dog, barking ")
    return mark_from(found, "b", 15.0, trouble=UNSAID)


class LeaveOutTest(unittest.TestCase):
    def test_parts(self):
        """From end to end; another view alone is no cut; without the folders of a machine."""
        found = [(p.take, p.film, p.start_s, p.end_s, p.why) for p in parts_of(project())]
        self.assertEqual(
            found,
            [
                ("a", "a.mp4", 0.0, 4.0, ""),
                ("a", "a.mp4", 4.0, 6.5, "a dog, barking"),
                ("a", "a.mp4", 6.5, 20.0, ""),
                ("b", "b.mp4", 0.0, 15.0, ""),
                ("b", "b.mp4", 15.0, 20.0, UNSAID),
            ],
        )

    def test_as_a_table(self):
        rows = list(csv.DictReader(io.StringIO(leave_out_text(project(), ".csv", RATES))))
        self.assertEqual(
            [(r["film"], r["from_s"], r["to_s"], r["why"]) for r in rows],
            [("a.mp4", "4.000", "6.500", "a dog, barking"), ("b.mp4", "15.000", "20.000", UNSAID)],
        )

    def test_as_a_timeline(self):
        """Read by OpenTimelineIO: a track a film, as long as the film, frames of its rate; what goes is disabled."""
        timeline = otio.adapters.read_from_string(leave_out_text(project(), ".otio", RATES), "otio_json")
        one, two = timeline.video_tracks()
        self.assertEqual(
            [(c.source_range.start_time.value, c.source_range.duration.value) for c in one],
            [(0, 100), (100, 63), (163, 337)],
        )
        self.assertEqual([c.enabled for c in one], [True, False, True])
        self.assertEqual([m.name for m in one[1].markers], ["a dog, barking"])
        self.assertAlmostEqual(one.duration().to_seconds(), 20.0)
        self.assertEqual(two[0].source_range.duration.value, FrameRate(F(30000, 1001)).frame_at(15.0))
        self.assertAlmostEqual(two.duration().to_seconds(), 20.0, delta=0.04)

    def test_what_is_refused(self):
        with self.assertRaisesRegex(InputError, "csv or .otio"):
            leave_out_text(project(), ".txt", RATES)
        with self.assertRaisesRegex(InputError, "No trouble"):
            leave_out_text(Project("p", takes=project().takes[:0]), ".csv", RATES)
        with self.assertRaisesRegex(InputError, "where it begins"):
            say_trouble(project(), "a", 1.0, "dog")

    def test_a_reason_taken_away_is_no_longer_said(self):
        """An empty reason leaves the trouble marked."""
        found = say_trouble(project(), "b", 16.0, "  ")
        self.assertEqual(found.take("b").stretch_at(16.0).trouble, UNSAID)


if __name__ == "__main__":
    unittest.main()
