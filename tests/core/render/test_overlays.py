"""What stands over the picture: right words, readable over anything, no flashing."""

import itertools
import unittest
from fractions import Fraction as F

import numpy as np

from tests.support import grid_at
from vamos.core.dance.lines import lines_of
from vamos.core.model.clip import Clip
from vamos.core.model.dance import Dance, Event, Foot, Item, ItemKind, Kind, Section
from vamos.core.model.take import View
from vamos.core.render.overlay_state import OverlayState
from vamos.core.render.overlays import draw_on_yuv, schedule, shown_at, yuv_plates
from vamos.core.render.plates import plates
from vamos.core.render.timing import clip_timing
from vamos.core.render.words import Words
from vamos.core.time import CountRange, FrameRate

SHEET = Dance(
    "d",
    (
        Section(
            "A",
            8,
            (
                Event(F(0), F(1, 2), "side", foot=Foot.RIGHT),
                Event(F(1, 2), F(1, 2), "close", foot=Foot.LEFT),
                Event(F(1), name="cross"),
                Event(F(4), F(4), "hold", kind=Kind.HOLD),
            ),
        ),
        Section("B", 12, (Event(F(0), name="walk"),)),
    ),
    (Item(ItemKind.WALL),),
)
LINES = lines_of(grid_at(120, 60, 0.5, 8), SHEET)


def clip(start: int = 0, end: int = 8) -> Clip:
    return Clip(
        "k",
        "A",
        "A",
        1,
        CountRange(F(start), F(end)),
        View.FRONT,
        "t",
        0,
        F(2),
        F(1),
        True,
        "mirrored: copy the screen",
    )


class WordsTest(unittest.TestCase):
    def at(self, position) -> OverlayState:
        return shown_at(Words(LINES), clip(), F(position))

    def test_numbers_come_from_the_lines(self):
        """Run-up 7 8, then 1 … 8, then 1 of the next; counts past eight go on."""
        numbers = [self.at(k).number for k in range(-2, 9)]
        self.assertEqual(numbers, ["7", "8", *"12345678", "1"])
        self.assertEqual([self.at(k).number for k in (16, 19)], ["9", "12"])

    def test_and_stands_only_where_something_is_danced_on_it(self):
        self.assertEqual([self.at(F(k, 2)).part for k in range(4)], ["", "&", "", ""])

    def test_run_up_and_run_out_are_dimmed(self):
        self.assertEqual([self.at(k).dim for k in (-1, 0, 7, 8)], [True, False, False, True])

    def test_next_cue_comes_ahead(self):
        """The next word is shown up to two counts before its count."""
        self.assertEqual(self.at(-3).ahead, "")
        self.assertEqual(self.at(-2).ahead, "next: side")
        self.assertEqual(self.at(0).ahead, "next: close")
        self.assertEqual(self.at(6).ahead, "next: walk")

    def test_hold_is_hollow(self):
        self.assertTrue(self.at(5).hold)
        self.assertFalse(self.at(1).hold)

    def test_schedule_covers_the_clip_and_changes_on_counts(self):
        """From frame 0 on; each count's frame begins a state of its own."""
        t = clip_timing(grid_at(120, 60, 0.5, 8), clip().shown, F(3, 4), FrameRate.of(30))
        states = schedule(Words(LINES), clip(), t)
        self.assertEqual(states[0][0], 0)
        starts = [frame for frame, _ in states]
        self.assertEqual(starts, sorted(set(starts)))
        for k in range(-2, 9):
            self.assertIn(max(0, t.frame_of(F(k))), starts)


def luminance(rgb: np.ndarray) -> np.ndarray:
    """Relative luminance (WCAG 2.2)."""
    c = rgb.astype(float) / 255
    c = np.where(c <= 0.04045, c / 12.92, ((c + 0.055) / 1.055) ** 2.4)
    return c @ np.array([0.2126, 0.7152, 0.0722])


class ReadableTest(unittest.TestCase):
    FULL = OverlayState("8", "&", False, False, "side", "cross", "mirrored: copy the screen")

    def test_contrast_over_any_picture(self):
        """Text against its own plate: 4.5 : 1, large digits 3 : 1 (WCAG 2.2, 1.4.3)."""
        for dim in (False, True):
            shown = OverlayState("8", "&", dim, False, "side", "cross", "label")
            for plate in plates(shown, 960, 540):
                tones = luminance(plate.pixels.reshape(-1, 3))
                contrast = (np.percentile(tones, 99.5) + 0.05) / (np.percentile(tones, 0.5) + 0.05)
                self.assertGreater(contrast, 4.5)

    def test_plates_stay_inside_upright_square_and_wide_pictures(self):
        for width, height in ((960, 540), (540, 960), (720, 720), (320, 180), (1920, 1080)):
            for plate in plates(self.FULL, width, height):
                h, w = plate.pixels.shape[:2]
                self.assertTrue(plate.x >= 0 and plate.x + w <= width and plate.y >= 0 and plate.y + h <= height)
                self.assertEqual((plate.x % 2, plate.y % 2, w % 2, h % 2), (0, 0, 0, 0))

    def test_plates_do_not_cover_each_other(self):
        for width, height in ((960, 540), (540, 960), (320, 180)):
            taken = np.zeros((height, width), int)
            for plate in plates(self.FULL, width, height):
                h, w = plate.pixels.shape[:2]
                taken[plate.y : plate.y + h, plate.x : plate.x + w] += 1
            self.assertEqual(taken.max(), 1)

    def test_long_words_are_shortened_not_cut(self):
        shown = OverlayState("8", now="a very long name of a step that never ends " * 3, ahead="x" * 200)
        for plate in plates(shown, 540, 960):
            self.assertLessEqual(plate.x + plate.pixels.shape[1], 540)

    def test_digits_differ_from_each_other(self):
        """No two numbers look alike: every pair of plates differs clearly."""
        pictures = [plates(OverlayState(str(n)), 960, 540)[0].pixels.astype(int) for n in range(1, 13)]
        for a in range(12):
            for b in range(a):
                self.assertGreater(np.abs(pictures[a] - pictures[b]).mean(), 3)

    def test_flashing_stays_small_at_200_a_minute(self):
        """WCAG 2.2, 2.3.1: the area that changes is under a quarter of 341 × 256 at 1024 × 768,
        and relative luminance changes by less than a flash outside it."""
        width, height = 1024, 576
        frames = []
        for number, part in (("1", ""), ("1", "&"), ("2", ""), ("2", "&")):
            picture = np.zeros((height, width, 3), np.uint8)
            for plate in plates(OverlayState(number, part), width, height):
                h, w = plate.pixels.shape[:2]
                picture[plate.y : plate.y + h, plate.x : plate.x + w] = plate.pixels
            frames.append(luminance(picture))
        changing = np.zeros((height, width), bool)
        for a, b in itertools.pairwise(frames):
            changing |= np.abs(a - b) >= 0.1
        self.assertLess(changing.sum(), 341 * 256 / 4)


class YuvTest(unittest.TestCase):
    def test_planes_decode_to_the_same_colours(self):
        """Y, U, V written into a frame come back as the plate's RGB by FFmpeg's own conversion."""
        import av

        for matrix, space in (("601", 5), ("709", 1)):
            y, u, v = (np.full(s, 128, np.uint8) for s in ((540, 960), (270, 480), (270, 480)))
            shown = OverlayState("8", label="mirrored")
            draw_on_yuv(y, u, v, shown, matrix)
            frame = av.VideoFrame.from_ndarray(
                np.concatenate([y.ravel(), u.ravel(), v.ravel()]).reshape(810, 960), format="yuv420p"
            )
            frame.colorspace, frame.color_range = space, 1
            rgb = frame.to_ndarray(format="rgb24").astype(int)
            for plate in plates(shown, 960, 540):
                h, w = plate.pixels.shape[:2]
                got = rgb[plate.y : plate.y + h, plate.x : plate.x + w]
                self.assertLess(np.abs(got - plate.pixels).mean(), 6, matrix)

    def test_cached_plates_are_not_spoiled_by_drawing(self):
        shown = OverlayState("3")
        before = yuv_plates(shown, 320, 180, "601")[0][2].copy()
        draw_on_yuv(np.zeros((180, 320), np.uint8), *(np.zeros((90, 160), np.uint8) for _ in range(2)), shown, "601")
        np.testing.assert_array_equal(before, yuv_plates(shown, 320, 180, "601")[0][2])


if __name__ == "__main__":
    unittest.main()
