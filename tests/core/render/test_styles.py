"""Lanes, numberings and styles: right, readable, inside, apart, never flashing, every script in letters."""

import itertools
import os
import unittest
from fractions import Fraction as F
from pathlib import Path

import numpy as np
from PIL import Image

from tests.core.render.test_overlays import luminance
from tests.support import grid_at
from vamos.core.dance.lines import lines_of
from vamos.core.model.clip import Clip, Look
from vamos.core.model.dance import Dance, Event, Foot, Item, ItemKind, Kind, Section
from vamos.core.model.look import Lane, Numbering, Overlay, Style
from vamos.core.model.take import View
from vamos.core.render.lettering import has_glyph, runs_of
from vamos.core.render.overlay_state import OverlayState
from vamos.core.render.overlays import LARGEST, shown_at, size_for
from vamos.core.render.plates import plates
from vamos.core.render.words import Words
from vamos.core.time import CountRange

GOLDEN = Path(__file__).parent / "golden"
SIZES = ((960, 540), (540, 960), (720, 720), (320, 180))
FULL = OverlayState(
    "4", "&", False, False, "shuffle fwd", "next: 夜市扇舞", "mirrored: copy the screen", "A", "L", False, "boom", "9:00",
    "Fan sweep, wall 2", "tag in 4", tuple("12345678"), 3,
)  # fmt: skip

TWO = Dance(
    "d",
    (
        Section("A", 8, (Event(F(0), F(4), "walk", foot=Foot.RIGHT, turn=2, lyric="oh"),)),
        Section("B", 12, (Event(F(0), F(2), "tap", foot=Foot.LEFT, kind=Kind.TOUCH),)),
        Section("tag", 4),
    ),
    (Item(ItemKind.WALL), Item(ItemKind.TAG, ("tag",)), Item(ItemKind.WALL, restart_after=8), Item(ItemKind.WALL)),
)
WORDS = Words(lines_of(grid_at(120, 120, 0.5, 8), TWO))


def with_style(style: Style, size: float = 1.0, **changes) -> OverlayState:
    from dataclasses import replace

    return replace(FULL, style=style, size=size, **changes)


def clip(end: int = 60) -> Clip:
    return Clip("k", "all", "all", 1, CountRange(F(0), F(end)), View.FRONT, "t", 0, F(2), F(1), True, "label")


class LanesTest(unittest.TestCase):
    def numbers(self, numbering: Numbering, start: int, count: int) -> list[str]:
        return [WORDS.number_at(F(start + k), numbering) for k in range(count)]

    def test_numberings(self):
        """A section of 12 counts: as written to 12; in eights 9 is 1; set numbers name the eight; half-time."""
        self.assertEqual(self.numbers(Numbering.SHEET, 8, 12)[7:], ["8", "9", "10", "11", "12"])
        self.assertEqual(self.numbers(Numbering.EIGHTS, 8, 12)[7:], ["8", "1", "2", "3", "4"])
        self.assertEqual(self.numbers(Numbering.SETS, 0, 9), ["1", *"2345678", "2"])
        self.assertEqual(self.numbers(Numbering.SETS, 16, 2), ["3", "2"])
        self.assertEqual(self.numbers(Numbering.HALF, 0, 8), list("11223344"))
        self.assertEqual([WORDS.part_at(F(k), Numbering.HALF) for k in range(4)], ["", "&", "", "&"])

    def test_what_comes_is_called(self):
        """The tag eight counts ahead, the restart; never what lies behind the clip's end."""
        self.assertEqual(WORDS.call_at(F(11), F(60)), "")
        self.assertEqual([WORDS.call_at(F(k), F(60)) for k in (12, 16, 19)], ["tag in 8", "tag in 4", "tag in 1"])
        self.assertEqual(WORDS.call_at(F(28), F(60)), "restart in 4")
        self.assertEqual(WORDS.call_at(F(16), F(20)), "")

    def test_place_facing_foot_and_word(self):
        lanes = Overlay(lanes=tuple(Lane))
        first = shown_at(WORDS, clip(), F(0), lanes)
        self.assertEqual((first.place, first.foot, first.word), ("A, wall 1", "R", "oh"))
        self.assertEqual(shown_at(WORDS, clip(), F(5), lanes).facing, "3:00")
        tap = shown_at(WORDS, clip(), F(8), lanes)
        self.assertTrue(tap.touch)
        self.assertEqual(tap.facing, "3:00")

    def test_lanes_that_are_not_wished_stay_away(self):
        shown = shown_at(WORDS, clip(), F(0), Overlay(lanes=(Lane.NAME,)))
        self.assertEqual((shown.number, shown.part, shown.ahead, shown.label, shown.now), ("", "", "", "", "walk"))

    def test_to_watch_only_the_label_is_shown(self):
        shown = shown_at(WORDS, clip(), F(0), Overlay(lanes=tuple(Lane)), Look.PLAIN)
        self.assertEqual((shown.number, shown.now, shown.foot, shown.label), ("", "", "", "label"))

    def test_the_row_is_the_eight_of_now(self):
        self.assertEqual(WORDS.row_at(F(9), Numbering.SHEET), (tuple("12345678"), 1))
        self.assertEqual(WORDS.row_at(F(18), Numbering.SHEET), (("9", "10", "11", "12"), 2))

    def test_after_the_last_line_the_row_goes_on(self):
        end = lines_of(grid_at(120, 120, 0.5, 8), TWO)[-1].counts.end
        row, at = WORDS.row_at(end + 1, Numbering.SHEET)
        self.assertEqual(row[at], WORDS.number_at(end + 1))

    def test_size_goes_with_the_distance(self):
        self.assertEqual([size_for(d) for d in (0.5, 2, 2.6, 9)], [0.7, 1.0, 1.3, 1.4])


class DrawnTest(unittest.TestCase):
    def each(self):
        yield from itertools.product(Style, (0.7, 1.0, LARGEST), SIZES)

    def test_inside_apart_and_on_even_pixels(self):
        """EBU R 95: at least 5 % from the edges; in upright pictures off what players cover."""
        for style, size, (width, height) in self.each():
            taken = np.zeros((height, width), int)
            for plate in plates(with_style(style, size), width, height):
                h, w = plate.pixels.shape[:2]
                self.assertEqual((plate.x % 2, plate.y % 2, w % 2, h % 2), (0, 0, 0, 0))
                self.assertGreaterEqual(plate.x, 0.05 * width - 2)
                self.assertLessEqual(plate.x + w, 0.95 * width + 2)
                self.assertGreaterEqual(plate.y, (0.10 if height > width else 0.05) * height - 2)
                self.assertLessEqual(plate.y + h, (0.82 if height > width else 0.95) * height + 2)
                taken[plate.y : plate.y + h, plate.x : plate.x + w] += 1
            self.assertLessEqual(taken.max(), 1, (style, size, width))

    def test_contrast_of_every_plate(self):
        """4.5 : 1 for words, 3 : 1 for large digits (WCAG 2.2, 1.4.3), measured on the pixels."""
        for style, (width, height) in itertools.product(Style, SIZES[:3]):
            for dim, touch, foot in itertools.product((False, True), (False, True), ("L", "R")):
                for plate in plates(with_style(style, dim=dim, touch=touch, foot=foot), width, height):
                    tones = luminance(plate.pixels.reshape(-1, 3))
                    contrast = (np.percentile(tones, 99.5) + 0.05) / (np.percentile(tones, 0.5) + 0.05)
                    self.assertGreater(contrast, 4.5, (style, dim, touch, foot, plate.pixels.shape))

    def test_flashing_stays_small_in_every_style(self):
        """WCAG 2.2, 2.3.1, at 200 counts with an & each: less than a quarter of 341 × 256 changes at 1024 px."""
        width, height = 1024, 576
        for style, size in itertools.product(Style, (1.0, LARGEST)):
            frames = []
            for number, part in (("1", ""), ("1", "&"), ("2", ""), ("2", "&")):
                picture = np.zeros((height, width, 3), np.uint8)
                shown = OverlayState(number, part, row=tuple("12345678"), at=int(number) - 1, style=style, size=size)
                for plate in plates(shown, width, height):
                    h, w = plate.pixels.shape[:2]
                    picture[plate.y : plate.y + h, plate.x : plate.x + w] = plate.pixels
                frames.append(luminance(picture))
            for a, b in itertools.pairwise(frames):
                self.assertLess((np.abs(a - b) >= 0.1).sum(), 341 * 256 / 4, (style, size))

    def test_right_and_left_differ_in_letter_and_shape(self):
        """Without colour too: the striped ground of the left foot has more edges."""
        grey = {
            foot: next(
                p.pixels.mean(axis=2)
                for p in plates(OverlayState("1", foot=foot), 960, 540)
                if p.pixels.shape[0] == p.pixels.shape[1] and p.x < 480
            )
            for foot in ("R", "L")
        }
        top = {foot: np.abs(np.diff(g[: len(g) // 4])).mean() for foot, g in grey.items()}
        self.assertGreater(top["L"], top["R"] + 3)

    def test_pictures_are_exactly_those_kept(self):
        """Pixel for pixel; set VAMOS_GOLDEN=1 to keep new ones after looking at them."""
        for style in Style:
            picture = np.full((180, 320, 3), 128, np.uint8)
            for plate in plates(with_style(style), 320, 180):
                h, w = plate.pixels.shape[:2]
                picture[plate.y : plate.y + h, plate.x : plate.x + w] = plate.pixels
            path = GOLDEN / f"{style.name.lower()}.png"
            if os.environ.get("VAMOS_GOLDEN"):
                GOLDEN.mkdir(exist_ok=True)
                Image.fromarray(picture).save(path)
            np.testing.assert_array_equal(picture, np.asarray(Image.open(path)))


class LettersTest(unittest.TestCase):
    def test_no_box_in_any_script(self):
        """Accents, Greek, Cyrillic, Chinese, Japanese, Korean, Arabic, Hebrew, Thai, Hindi, notes and arrows."""
        texts = (
            "Señorita Žluťoučký Nguyễn", "Χορός", "Танец", "夜市扇舞", "ステップ", "부채춤", "رقصة", "ריקוד", "เต้นรำ",
            "नृत्य", "ცეკვა", "♪ → ½",
        )  # fmt: skip
        for text in texts:
            for piece, face in runs_of(text, 24):
                name = Path(str(face.path)).name
                for letter in piece:
                    self.assertTrue(letter.isspace() or has_glyph(name, letter), (text, letter, name))

    def test_what_no_font_has_is_known(self):
        self.assertFalse(has_glyph("Manrope-Bold.ttf", "夜"))

    def test_mixed_scripts_keep_manrope_where_it_can(self):
        runs = runs_of("next: 夜市 B", 24, "Bold")
        self.assertEqual([piece for piece, _ in runs], ["next: ", "夜市 ", "B"])
        self.assertIn("Manrope", str(runs[0][1].path))


if __name__ == "__main__":
    unittest.main()
