"""The whole way on the small demo, checked by decoding what came out."""

import itertools
import tempfile
import unittest
from fractions import Fraction
from math import floor
from pathlib import Path

import av
import numpy as np

from tests.support import demo_folder
from vamos.core.dance.sheets.files import read_sheet
from vamos.core.document.files import load
from vamos.core.edit.clips import choose
from vamos.core.model.clip import Choice
from vamos.core.pack.manifest import read_manifest
from vamos.core.pack.verify import verify_pack
from vamos.core.pack.write import write_pack
from vamos.core.plan.clips import plan_clips
from vamos.core.render.plates import plates
from vamos.demo.build import PROJECT, make_demo
from vamos.demo.song import LEAD_IN, counts_to_song
from vamos.errors import WriteError

AMBER, INDIGO = np.array([242, 164, 19]), np.array([75, 63, 196])


def frames_of(path: Path) -> list[np.ndarray]:
    with av.open(str(path)) as container:
        return [f.to_ndarray(format="rgb24") for f in container.decode(video=0)]


def centre_of(picture: np.ndarray, colour: np.ndarray) -> float | None:
    """Mean x of the pixels near a colour, as a share of the width; plates left out below."""
    near = np.abs(picture.astype(int) - colour).sum(axis=2) < 90
    near[: picture.shape[0] // 5] = False
    near[-picture.shape[0] // 4 :, picture.shape[1] * 3 // 4 :] = False
    xs = np.nonzero(near)[1]
    return float(xs.mean()) / picture.shape[1] if len(xs) > 12 else None


class DemoPackTest(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.temporary = tempfile.TemporaryDirectory()
        cls.out = Path(cls.temporary.name) / "pack"
        cls.project = load(demo_folder() / PROJECT)
        # One section is enough here; the whole demo is packed by ./run.
        few = cls.project
        for clip in plan_clips(cls.project):
            if clip.title != "Gate walk":
                few = choose(few, Choice(clip.key, left_out=True))
        write_pack(few, demo_folder(), cls.out)
        cls.clips = {(c.title, c.view, c.speed): c for c in read_manifest(cls.out).clips if c.title != "run-through"}

    @classmethod
    def tearDownClass(cls):
        cls.temporary.cleanup()

    def test_the_song_is_found(self):
        """Beats within 5 ms (middle) of the synthesised truth, the dance starts after 16 counts."""
        grid = self.project.song.grid
        truth = np.array(counts_to_song().y)
        beats = np.array([a.song_s for a in grid.anchors])
        near = beats[np.abs(beats[:, None] - truth[None]).argmin(axis=0)]
        self.assertLess(np.median(np.abs(near - truth)), 0.005)
        self.assertEqual(grid.lead_in, LEAD_IN)

    def test_the_sheet_and_the_wall_map_are_in_it(self):
        """Listed in the manifest with their checksums; the sheet in CSV is the dance again."""
        listed = {f.file for f in read_manifest(self.out).files}
        self.assertLessEqual({"count sheet.pdf", "count sheet.md", "count sheet.csv", "wall map.svg"}, listed)
        self.assertEqual(read_sheet(self.out / "count sheet.csv"), self.project.dance)

    def test_verify_passes(self):
        self.assertEqual([f for f in verify_pack(self.out) if not f.good], [])

    def test_the_right_hand_is_on_the_right_when_mirrored(self):
        """In mirrored and in back-view clips the amber (right) hand is right of the indigo one
        over the clip, as filmed from the front it would be left of it."""
        for view in ("front", "back"):
            entry = self.clips["Gate walk", view, 1.0]
            offsets = []
            for picture in frames_of(self.out / entry.file)[::6]:
                right, left = centre_of(picture, AMBER), centre_of(picture, INDIGO)
                if right is not None and left is not None:
                    offsets.append(right - left)
            with self.subTest(view):
                self.assertGreater(len(offsets), 5)
                self.assertGreater(np.median(offsets), 0.01)

    def test_digits_change_within_half_a_frame_of_the_song(self):
        """The number plate's pixels change within half a frame (16.7 ms) of the grid's count, and of
        the synthesised truth up to the 3 ms the grid itself may be off."""
        truth, grid = counts_to_song(), self.project.song.grid.time_map()
        for speed in (1.0, 0.75, 0.5):
            entry = self.clips["Gate walk", "front", speed]
            pictures = frames_of(self.out / entry.file)
            plate = plates(entry.states[0][1], entry.width, entry.height)[0]
            h, w = plate.pixels.shape[:2]
            area = [p[plate.y : plate.y + h, plate.x : plate.x + w].astype(int) for p in pictures]
            jumps = np.array([np.abs(a - b).mean() for a, b in itertools.pairwise(area)])
            changes = np.flatnonzero(jumps > 4) + 1
            first = self.first_count(entry)
            # The clip's frame 0 is this frame of the slowed song.
            rate = float(Fraction(entry.rate))
            zero = floor(grid(first) / speed * rate + 0.5)
            with self.subTest(speed):
                self.assertEqual(len(changes), 10)
                for clock, slack in ((grid, 0.0), (truth, 0.003 * rate / speed)):
                    exact = np.array([clock(first + k) / speed * rate for k in range(1, 11)])
                    self.assertLessEqual(np.abs(changes + zero - exact).max(), 0.5 + slack + 1e-6)

    def first_count(self, entry) -> int:
        line = next(line for line in _lines(self.project) if line.title == entry.title)
        return int(line.start) - 2

    def test_half_speed_lasts_twice_as_long(self):
        fast, slow = (self.clips["Gate walk", "front", s] for s in (1.0, 0.5))
        self.assertAlmostEqual(slow.duration_s, 2 * fast.duration_s, places=6)
        self.assertEqual((slow.frames, Fraction(slow.rate)), (fast.frames, Fraction(fast.rate) / 2))
        self.assertEqual(len(frames_of(self.out / slow.file)), slow.frames)

    def test_labels(self):
        self.assertEqual(self.clips["Gate walk", "front", 1.0].label, "mirrored: copy the screen")
        self.assertEqual(self.clips["Gate walk", "back", 1.0].label, "back view: same sides")
        self.assertIn("as filmed", self.clips["Gate walk", "feet", 1.0].label)


def _lines(project):
    from vamos.core.dance.lines import lines_for

    return lines_for(project)


class DemoTest(unittest.TestCase):
    def test_made_once(self):
        """A second call finds it made and touches nothing."""
        project = demo_folder() / PROJECT
        before = project.stat().st_mtime_ns
        make_demo(demo_folder())
        self.assertEqual(project.stat().st_mtime_ns, before)

    def test_other_files_are_not_touched(self):
        with tempfile.TemporaryDirectory() as folder:
            (Path(folder) / "mine.txt").write_text("x")
            with self.assertRaisesRegex(WriteError, "other files"):
                make_demo(Path(folder))

    def test_feet_land_on_their_counts(self):
        """The simulated dancer's free foot touches the floor on its count, not before or after."""
        from vamos.demo.dancer import Dancer

        dancer = Dancer()
        for count, ankle in ((0.0, "ankleR"), (1.0, "ankleL"), (2.0, "ankleR")):
            heights = [dancer.at(count + d).joints[ankle][1] for d in (-0.2, 0.0, 0.1)]
            self.assertGreater(heights[0], heights[1] + 0.01)
            self.assertAlmostEqual(heights[1], 0.07, places=3)
            self.assertAlmostEqual(heights[2], 0.07, places=3)

    def test_performed_mirrored_swaps_sides(self):
        from vamos.demo.dancer import Dancer

        own, mirrored = Dancer().at(9.2).joints, Dancer(mirrored=True).at(9.2).joints
        np.testing.assert_allclose(own["handR"] * [-1, 1, 1], mirrored["handL"], atol=1e-9)

    def test_the_sheet_closes(self):
        """Each section begins with the foot that is free (weights worked by hand)."""
        from vamos.core.model.dance import Foot, Kind
        from vamos.demo.dance import sheet

        for section in sheet().sections:
            weight = Foot.LEFT
            for event in section.events:
                if event.foot in (Foot.RIGHT, Foot.LEFT) and event.kind in (Kind.STEP, Kind.TOUCH):
                    self.assertNotEqual(event.foot, weight, (section.name, event.start))
                    if event.kind is Kind.STEP:
                        weight = event.foot
            self.assertEqual(weight if section.name not in ("Closing bow",) else Foot.LEFT, Foot.LEFT, section.name)


if __name__ == "__main__":
    unittest.main()
