"""Upright, square and side by side: the frame is filled, the dancer inside, the plates beside the dancer.

Joints come from the simulated dancer, which the layout never sees; it only looks at the film.
"""

import unittest
from dataclasses import replace
from functools import lru_cache
from pathlib import Path

import numpy as np

from tests.support import demo_folder
from vamos.core.dance.lines import lines_of
from vamos.core.document.files import load
from vamos.core.media.motion import Motion
from vamos.core.media.outline import COLUMNS, NOBODY, ROWS, Outliner, stood
from vamos.core.model.clip import Arrangement, Version
from vamos.core.model.look import Framing, Shape, Style
from vamos.core.model.take import Danced, View
from vamos.core.plan.clips import plan_clips
from vamos.core.plan.versions import partner_of
from vamos.core.render.compose import Composer, halves
from vamos.core.render.films import films_for, stage_of
from vamos.core.render.framing import CropPath
from vamos.core.render.layout import ALL, Labels, Part, lay_out
from vamos.core.render.overlay_state import OverlayState
from vamos.core.render.plates import plates
from vamos.core.render.quiet import Places
from vamos.core.render.spots import Area
from vamos.demo.build import PROJECT
from vamos.demo.dancer import Dancer
from vamos.demo.takes import SPECS, smaller

#: Joints that are hands, feet and the fan's tip.
LIMBS = ("hand", "ankle", "toe", "fan")


@lru_cache(maxsize=1)
def the_demo():
    base = demo_folder()
    project = load(base / PROJECT)
    specs = {spec.file: smaller(spec, 320, 32.0) for spec in SPECS}
    dancers = {s.file: (s, Dancer(mirrored=s.danced is Danced.MIRRORED)) for s in specs.values()}
    return base, project, dancers


def joints(file: str, take_s: float) -> dict[str, np.ndarray]:
    """Where each joint is in the picture of a take, as shares of it."""
    spec, dancer = the_demo()[2][file]
    body = dancer.at(spec.take_to_count()(take_s))
    points = dict(body.joints)
    along = points["handR"] - points["elbowR"]
    points["fan"] = points["handR"] + 0.36 * along / max(1e-6, float(np.linalg.norm(along)))
    flat, _ = spec.camera.project(np.array(list(points.values())))
    return dict(zip(points, flat / (spec.camera.width, spec.camera.height), strict=True))


class Seen:
    """What was seen of the clips of the demo in a wish of framing."""

    def __init__(self, framing: Framing, style: Style, arrangement: Arrangement = Arrangement.ONE):
        base, project, _ = the_demo()
        overlay = replace(project.output.overlay, style=style)
        project = replace(project, output=replace(project.output, framing=framing, overlay=overlay))
        clips = plan_clips(project)
        version = Version(arrangement=arrangement)
        stage = stage_of(project, base, project.grid, lines_of(project.grid, project.dance))
        self.filled: list[float] = []
        self.sizes: set[tuple[int, int]] = set()
        self.outside: list[str] = []
        self.under: list[str] = []
        self.looked = 0
        for clip in clips:
            partner = partner_of(clip, clips, arrangement)
            if arrangement is not Arrangement.ONE and partner is None:
                continue
            with Composer(films_for(project, base, clip, partner, version), version, stage) as composer:
                self.sizes.add(composer.size)
                self.filled.append(min(p.filled() for p in composer.layout.paths))
                for frame in range(0, composer.timing.frames, 9):
                    self._look(composer, frame, project)

    def _look(self, composer: Composer, frame: int, project) -> None:
        width, height = composer.size
        shown = replace(composer.shown(frame), label="", place="", facing="")
        drawn = plates(shown, width, height)
        beside = composer.version.arrangement is Arrangement.BESIDE
        areas = halves(height > width) if beside else (ALL,)
        for k, (film, area) in enumerate(zip(composer.films, areas, strict=False)):
            take_s = float(composer.picks[k][frame])
            crop = composer.layout.paths[k].crop_at(take_s)
            file = Path(project.take(film.clip.take).media.path).name
            for name, (x, y) in joints(file, take_s).items():
                if not (0 <= x <= 1 and 0 <= y <= 1):
                    continue
                if film.clip.view is View.FEET and name.rstrip("RL") not in ("ankle", "toe", "knee"):
                    continue
                self.looked += 1
                x, y = (x - crop.x) / crop.width, (y - crop.y) / crop.height
                x = 1 - x if film.clip.flip else x
                where = f"{film.clip.title} {film.clip.view} {frame} {name}"
                if not (-0.002 <= x <= 1.002 and -0.002 <= y <= 1.002):
                    self.outside.append(where)
                px, py = ((area.left + x * (area.right - area.left)) * width, area.top + y * (area.bottom - area.top))
                if name.rstrip("RL") in LIMBS and any(over(p, px, py * height) for p in drawn):
                    self.under.append(where)


def over(plate, x: float, y: float) -> bool:
    high, wide = plate.pixels.shape[:2]
    return plate.x <= x < plate.x + wide and plate.y <= y < plate.y + high


class DancerTest(unittest.TestCase):
    def test_upright_fills_the_frame(self):
        """Most clips show 0.95 of film or more, none less than 0.9; hands, feet and fan are inside and uncovered."""
        one = Seen(Framing(Shape.UPRIGHT), Style.CORNER)
        two = Seen(Framing(Shape.UPRIGHT, True), Style.STRIP, Arrangement.BESIDE)
        filled = [*one.filled, *two.filled]
        self.assertGreaterEqual(np.mean([share >= 0.95 for share in filled]), 0.85, np.round(filled, 3))
        self.assertGreater(min(filled), 0.9)
        for seen in (one, two):
            self.assertGreater(seen.looked, 500)
            self.assertEqual(seen.sizes, {(1080, 1920)})
            self.assertEqual(seen.outside, [])
            self.assertEqual(seen.under, [])

    def test_close_in_a_wide_picture(self):
        seen = Seen(Framing(Shape.FILMED, True), Style.CORNER)
        self.assertAlmostEqual(min(seen.filled), 1.0)
        # A closed fan held out to the side is too thin to be seen moving: its tip may leave the frame for a moment.
        self.assertEqual({where.split()[-1] for where in seen.outside} - {"fan"}, set())
        self.assertLess(len(seen.outside), 0.005 * seen.looked)
        self.assertEqual(seen.under, [])

    def test_the_strip_keeps_off_feet_in_films_of_feet(self):
        """As filmed nothing can be moved but the plates."""
        base, project, _ = the_demo()
        overlay = replace(project.output.overlay, style=Style.STRIP)
        project = replace(project, output=replace(project.output, overlay=overlay))
        clip = next(c for c in plan_clips(project) if c.view is View.FEET)
        stage = stage_of(project, base, project.grid, lines_of(project.grid, project.dance))
        with Composer(films_for(project, base, clip, None, Version()), Version(), stage) as composer:
            self.assertEqual(composer.layout.touched, 0.0)


def blob(left: float, right: float, top: float, bottom: float, frames: int = 200) -> Motion:
    boxes = np.tile([left, top, right, bottom], (frames, 1)).astype(float)
    return Motion(np.full(frames, 0.1), boxes)


def places(*texts: str, size: tuple[int, int] = (960, 540)) -> Places:
    return Places([OverlayState("4", now=text) for text in texts], size)


class LayOutTest(unittest.TestCase):
    def lay(self, motion: Motion | None, found: Places, labels: Labels | None = None):
        return lay_out([Part(None, motion, (0.0, 7.0))], found, labels)

    def test_usual_places_where_it_is_quiet(self):
        layout = self.lay(blob(0.45, 0.55, 0.2, 0.7), places("side"))
        self.assertEqual((layout.touched, layout.spots.count.anchor, layout.spots.words.anchor), (0.0, 1, -1))
        self.assertAlmostEqual(layout.spots.count.bottom, 0.95, delta=0.01)

    def test_the_count_leaves_a_corner_where_feet_go(self):
        layout = self.lay(blob(0.7, 1.0, 0.3, 1.0), places("side"))
        self.assertEqual(layout.touched, 0.0)
        self.assertLess(layout.spots.count.area(0.16, 0.28).right, 0.7)

    def test_without_motion_nothing_is_moved(self):
        layout = self.lay(None, places("side"))
        self.assertIsNone(layout.spots)
        self.assertEqual(layout.dancers, ())

    def test_where_there_is_no_quiet_place_it_says_so(self):
        layout = self.lay(blob(0.0, 1.0, 0.0, 1.0), places("side"))
        self.assertEqual(layout.touched, 1.0)

    def test_no_count_no_places(self):
        self.assertIsNone(self.lay(blob(0.4, 0.6, 0.2, 0.9), Places([OverlayState("")], (960, 540))).spots)

    def test_labels_change_sides(self):
        labels = Labels((Area(0.05, 0.05, 0.4, 0.15),), True, 1.0)
        self.assertEqual(self.lay(blob(0.1, 0.2, 0.0, 0.9), places("side"), labels).spots.label, 1)
        self.assertEqual(self.lay(blob(0.1, 0.9, 0.0, 0.9), places("side"), labels).spots.label, -1)

    def test_long_words_are_not_drawn_too_small_to_read(self):
        """A long name gets a wide place, or the usual one; never a narrow one with tiny letters."""
        name = "a very long name of a step that goes on"
        layout = self.lay(blob(0.4, 0.6, 0.0, 1.0), places(name))
        self.assertGreater(layout.spots.words.wide, 0.5)


class OutlineTest(unittest.TestCase):
    def film(self, at: list[int], home: int = 20, wide: int = 8) -> np.ndarray:
        """Outlines of a dark block that stands at columns of a striped room, ``(pictures, ROWS, 2)``."""
        room = np.tile(np.linspace(120, 220, 160), (90, 1)).astype(np.uint8)
        outliner = Outliner()
        for x in at:
            picture = room.copy()
            picture[30:80, x : x + wide] = 40
            outliner.add(picture)
        return outliner.outlines()

    def test_who_walks_off_leaves_no_ghost(self):
        """Long at one place, then elsewhere: only where they are counts."""
        found = self.film([20] * 120 + list(range(20, 100, 2)) + [100] * 60 + list(range(100, 20, -2)))
        here = found[185, 20]
        self.assertGreater(here[0] / COLUMNS * 160, 95)
        self.assertLess(here[1] / COLUMNS * 160, 112)

    def test_feet_that_stand_still_are_still_there(self):
        rows = np.full((30, ROWS, 2), NOBODY, np.uint8)
        rows[:5, 10:40] = (100, 140)
        rows[5:, 10:20] = (90, 150)
        kept = stood(rows)
        self.assertEqual(kept[20, 39].tolist(), [100, 140])
        self.assertEqual(kept[20, 12].tolist(), [90, 150])
        self.assertEqual(kept[20, 5].tolist(), [NOBODY, NOBODY])

    def test_somebody_elses_feet_are_not_kept(self):
        """One stands, another walked out at the other side of the picture: nothing is left of them."""
        rows = np.full((30, ROWS, 2), NOBODY, np.uint8)
        rows[:, 10:30] = (40, 60)
        rows[:5, 10:44] = (180, 220)
        self.assertEqual(stood(rows)[20, 40].tolist(), [NOBODY, NOBODY])

    def test_a_moving_camera_tells_nothing(self):
        outliner = Outliner()
        rng = np.random.default_rng(3)
        for _ in range(60):
            outliner.add(rng.integers(0, 255, (90, 160)).astype(np.uint8))
        self.assertTrue((outliner.outlines() == NOBODY).all())

    def test_nothing_at_all(self):
        self.assertEqual(Outliner().outlines().shape, (0, ROWS, 2))


class PathTest(unittest.TestCase):
    def test_bars_are_no_film(self):
        self.assertAlmostEqual(CropPath((0.0,), (0.5,), (0.5,), (1.25,), 0.5).filled(), 0.8)


if __name__ == "__main__":
    unittest.main()
