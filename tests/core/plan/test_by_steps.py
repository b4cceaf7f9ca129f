"""Silent takes by their steps: where one moves as in the placed takes; nothing where one does not."""

import itertools
import unittest
from dataclasses import replace

import numpy as np

from tests.core.plan.test_plan import TWO_WALLS, project, take
from tests.support import FolderCase, demo_folder
from vamos.core.dance.lines import lines_of
from vamos.core.media.motion import PER_SECOND, Motion
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.model.song import MediaRef
from vamos.core.model.take import Pass, PassKind, Take
from vamos.core.plan.by_steps import CELLS, CONFIDENCE, by_steps, pattern_of
from vamos.core.silent import find_by_steps
from vamos.core.time import TimeMap, TimeRange

ONE_LONG = Dance("d", (Section("A", 64),), (Item(ItemKind.WALL),))


def dancing(p, clock: TimeMap, seconds: float, seed: int = 1, noise: float = 0.2) -> Motion:
    """How much moves in a take whose seconds are song seconds by a clock: an amount of its own in each half count.

    The amounts are those of the section, so that every wall is danced alike; off the dance one stands.
    """
    rng, amounts = np.random.default_rng(seed), {}
    at = np.arange(int(seconds * PER_SECOND)) / PER_SECOND
    counts = p.grid.time_map().inverse()(clock(at))
    energy = 0.02 * rng.random(len(at))
    for line in lines_of(p.grid, p.dance):
        if line.kind.danced:
            usual = amounts.setdefault(
                line.section.id, np.random.default_rng(ord(line.section.id[0])).random(int(line.length) * 2)
            )
            inside = (counts >= float(line.start)) & (counts < float(line.counts.end))
            cells = ((counts[inside] - float(line.start)) * 2).astype(int)
            energy[inside] += usual[cells] * (1 + noise * rng.standard_normal(inside.sum()))
    return Motion(np.maximum(energy, 0), np.zeros((0, 4)))


class ByStepsTest(unittest.TestCase):
    def pattern(self, p):
        the_pass = Pass(PassKind.SONG, TimeRange(0, 60), TimeMap.line(), 1.0)
        return pattern_of([(the_pass, dancing(p, TimeMap.line(), 60))], lines_of(p.grid, p.dance), p.grid)

    def test_where_the_same_is_danced(self):
        """A take that begins 7.3 s into the song, by another dancer's noise: within 40 ms, as a question."""
        p = project(take("a"), dance=ONE_LONG)
        silent = dancing(p, TimeMap.line(0.0, 7.3), 30, seed=4, noise=0.5)
        found = by_steps(silent, 30.0, self.pattern(p), p.grid)
        self.assertAlmostEqual(found.clock(10.0), 17.3, delta=0.04)
        self.assertEqual((found.kind, found.confidence), (PassKind.SONG, CONFIDENCE))
        self.assertIn("see whether it is right", found.reason)

    def test_danced_slower_than_the_song(self):
        p = project(take("a"), dance=ONE_LONG)
        silent = dancing(p, TimeMap.line(0.0, 4.0, 0.76), 44, seed=4)
        found = by_steps(silent, 44.0, self.pattern(p), p.grid)
        self.assertAlmostEqual(found.rate, 0.76, delta=0.006)
        self.assertAlmostEqual(found.clock(20.0), 4.0 + 20 * 0.76, delta=0.15)

    def test_walls_that_are_alike_are_all_named(self):
        """Four walls of 16 counts are danced alike: a take of two of them may lie at several places."""
        dance = Dance("d", TWO_WALLS.sections, (Item(ItemKind.WALL),) * 4)
        p = project(take("a"), dance=dance)
        wall_s = float(p.grid.time_map()(16) - p.grid.time_map()(0))
        begin = float(p.grid.time_map()(16))
        silent = dancing(p, TimeMap.line(0.0, begin), 2 * wall_s, seed=4)
        found = by_steps(silent, 2 * wall_s, self.pattern(p), p.grid)
        places = sorted([found.clock(found.take_range.start_s), *found.also_at_song_s])
        self.assertGreater(len(places), 1)
        self.assertLess(min(abs(x - begin) for x in places), 0.06)
        for a, b in itertools.pairwise(places):
            self.assertAlmostEqual((b - a) / wall_s, round((b - a) / wall_s), delta=0.02)

    def test_what_is_not_the_dance_is_placed_nowhere(self):
        """The dance backwards, in shuffled pieces, walking about, standing still."""
        p = project(take("a"), dance=ONE_LONG)
        whole, rng = dancing(p, TimeMap.line(), 40, seed=4).energy, np.random.default_rng(0)
        pieces = np.array_split(whole, 40)
        rng.shuffle(pieces)
        walking = 0.5 + 0.3 * np.sin(np.arange(1000) / PER_SECOND * 2 * np.pi * 1.9) + 0.1 * rng.random(1000)
        for energy in (whole[::-1].copy(), np.concatenate(pieces), walking, np.zeros(1000), np.zeros(0)):
            self.assertIsNone(by_steps(Motion(energy, np.zeros((0, 4))), 40.0, self.pattern(p), p.grid))

    def test_a_few_counts_are_not_enough(self):
        p = project(take("a"), dance=ONE_LONG)
        self.assertIsNone(by_steps(dancing(p, TimeMap.line(0, 8), 8), 8.0, self.pattern(p), p.grid))

    def test_the_pattern_knows_only_what_was_filmed(self):
        """A pass of the first half says nothing of the second, unless a wall there dances the same sections."""
        p = project(take("a"), dance=ONE_LONG)
        half = Pass(PassKind.SONG, TimeRange(0, float(p.grid.time_map()(32))), TimeMap.line(), 1.0)
        known = np.isfinite(
            pattern_of([(half, dancing(p, TimeMap.line(), 60))], lines_of(p.grid, p.dance), p.grid).moved
        )
        self.assertTrue(known[: 30 * CELLS].all() and not known[34 * CELLS :].any())
        q = project(take("a"), dance=TWO_WALLS)
        wall = replace(half, take_range=TimeRange(0, float(q.grid.time_map()(16)) + 0.3))
        known = np.isfinite(
            pattern_of([(wall, dancing(q, TimeMap.line(), 60))], lines_of(q.grid, q.dance), q.grid).moved
        )
        self.assertTrue(known[: 31 * CELLS].all())
        self.assertIsNone(pattern_of([], lines_of(p.grid, p.dance), p.grid))


class FilmTest(FolderCase):
    """The small demo's films: what moves is seen in them."""

    def test_a_film_is_placed_by_the_others_and_alone_by_none(self):
        from vamos.core.document.files import load

        p = load(next(demo_folder().glob("*.vamos")))
        path = next(t for t in p.takes if t.name == "back")
        silent = replace(path, passes=(), looked_for_passes=True)
        others = replace(p, takes=tuple(silent if t.id == silent.id else t for t in p.takes))
        (found,) = find_by_steps(others, demo_folder(), [silent.id])[silent.id]
        middle = found.take_range.start_s + found.take_range.length_s / 2
        self.assertAlmostEqual(found.clock(middle), path.passes[0].clock(middle), delta=0.04)
        alone = replace(p, takes=(silent,))
        self.assertEqual(find_by_steps(alone, demo_folder(), [silent.id]), {})
        gone = replace(silent, media=MediaRef("gone.mp4"))
        away = replace(p, takes=tuple(gone if t.id == gone.id else t for t in p.takes))
        self.assertEqual(find_by_steps(away, demo_folder(), [gone.id]), {})
        self.assertIsInstance(gone, Take)
