"""Stops of the music as a teacher sets them: how long they last, what is danced in them, what is shown and heard."""

import unittest
from fractions import Fraction as F

import numpy as np

from tests.core.edit.test_edits import project
from vamos.core.dance.calls import ticks
from vamos.core.dance.lines import lines_of
from vamos.core.edit import stops
from vamos.core.model.dance import Dance
from vamos.core.model.project import Project
from vamos.core.model.song import Break, Grid
from vamos.core.render.clicks import clicks_between
from vamos.core.render.words import Words
from vamos.core.time.counts import parts_of, parts_text
from vamos.errors import InputError


def stopped(counts: int = 4, beats: F = F(4)) -> Project:
    """120 a minute; the music stops from count 9 on."""
    return stops.set_stop(stops.mark_stop(project(), F(8), 4), F(8), counts, beats)


def grid_of(found: Project) -> Grid:
    assert found.grid is not None
    return found.grid


class SetStopTest(unittest.TestCase):
    def test_a_longer_stop_moves_the_music_behind_it(self):
        """4 beats become 5½: all later counts are 0.75 s later; three go by and the fourth is held 2½ beats."""
        before, after = grid_of(stopped()).time_map(), grid_of(stopped(4, F(11, 2))).time_map()
        for count in (12, 13, 20):
            self.assertAlmostEqual(after(count), before(count) + 0.75)
        for count in (7, 8, 11):
            self.assertAlmostEqual(after(count), before(count))
        self.assertEqual(grid_of(stopped(4, F(11, 2))).breaks, (Break(F(8), F(4), F(11, 2)),))

    def test_nobody_counts_while_everybody_holds_still(self):
        """0 counts: what was count 13 is count 9, at the same second."""
        held = grid_of(stopped(0))
        self.assertAlmostEqual(held.time_map()(8), grid_of(stopped()).time_map()(12))
        self.assertAlmostEqual(held.time_map()(7), grid_of(stopped()).time_map()(7))
        (stop,) = held.breaks
        self.assertEqual((stop.again, stop.length, stop.last_count), (8, 4, 5))

    def test_more_counts_than_beats_are_closer_together(self):
        clock = grid_of(stopped(4, F(5, 2))).time_map()
        gaps = np.diff([clock(k) for k in range(7, 13)])
        np.testing.assert_allclose(gaps, 3.5 * 0.5 / 5)

    def test_there_and_back(self):
        """Any change and the old values again give the old grid."""
        first = stopped()
        for counts, beats in ((0, F(4)), (2, F(5, 2)), (7, F(3))):
            with self.subTest((counts, beats)):
                back = stops.set_stop(stops.set_stop(first, F(8), counts, beats), F(8), 4, F(4))
                self.assertEqual(grid_of(back).breaks, grid_of(first).breaks)
                for a, b in zip(grid_of(back).anchors, grid_of(first).anchors, strict=False):
                    self.assertAlmostEqual(grid_of(first).time_map()(a.position), a.song_s)
                    self.assertEqual(a.position >= 12, b.position >= 12)

    def test_refused(self):
        for counts, beats in ((-1, F(2)), (2, F(0)), (2, F(65)), (65, F(2))):
            with self.subTest((counts, beats)), self.assertRaisesRegex(InputError, "up to 64 beats"):
                stops.set_stop(stopped(), F(8), counts, beats)
        with self.assertRaisesRegex(InputError, "does not stop there"):
            stops.set_stop(project(), F(8), 2, F(2))
        with self.assertRaisesRegex(InputError, "at least part of a beat"):
            Break(F(8), F(0))


class CountedBackTest(unittest.TestCase):
    """A stop of 5½ beats, two counts danced: the last one is held for 4½ beats."""

    def setUp(self):
        self.grid = grid_of(stopped(2, F(11, 2)))
        self.lines = lines_of(self.grid, Dance())

    def test_a_tick_a_beat_back_from_the_music(self):
        clock = self.grid.time_map()
        again = clock(10)
        found = ticks(self.lines, F(0), F(24))
        self.assertEqual([left for _, left in found], [4, 3, 2, 1])
        for at, left in found:
            self.assertAlmostEqual(clock(at), again - 0.5 * left)
        self.assertEqual(ticks(lines_of(grid_of(stopped()), Dance()), F(0), F(24)), [])

    def test_clicks_count_back_too(self):
        clock = self.grid.time_map()
        seconds = np.array([clock(at) for at, _ in clicks_between(self.lines, F(6), F(12))])
        gaps = np.diff(seconds)
        self.assertEqual(len(gaps), 9)
        np.testing.assert_allclose(gaps, 0.5 * np.array([1, 1, 1, 0.5, 1, 1, 1, 1, 1]), atol=1e-6)

    def test_the_picture_counts_back(self):
        words = Words(self.lines)
        clock = self.grid.time_map()
        at = clock.inverse()
        said = [words.call_at(F(at(clock(10) - 0.5 * left + 0.01)), F(24)) for left in (5, 4, 3, 2, 1)]
        self.assertEqual(said, ["", "music in 4", "music in 3", "music in 2", "music in 1"])
        self.assertEqual(words.call_at(F(10), F(24)), "")
        for tick, _ in ticks(self.lines, F(0), F(24)):
            self.assertIn(tick, words.changes(F(0), F(24)))


class PartsTest(unittest.TestCase):
    def test_written_and_read(self):
        for number, text in ((F(3), "3"), (F(5, 2), "2½"), (F(3, 4), "¾"), (F(7, 3), "2⅓"), (F(5, 12), "5/12")):
            with self.subTest(text):
                self.assertEqual((parts_text(number), parts_of(text)), (text, number))
        for text in ("2.5", "2,5", "2 1/2", " 2½ ", "5/2"):
            with self.subTest(text):
                self.assertEqual(parts_of(text), F(5, 2))
        for text in ("", "two", "1/0", "½½"):
            with self.subTest(text), self.assertRaises(InputError):
                parts_of(text)


if __name__ == "__main__":
    unittest.main()
