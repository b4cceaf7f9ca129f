"""Another song for the same dance."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

from tests.support import grid_at
from vamos.core.dance.fit import fit_song
from vamos.core.dance.section_text import read_moves
from vamos.core.model.dance import Dance, Event, Item, ItemKind, Section
from vamos.core.model.song import Break
from vamos.core.time import Feel

WALL = Item(ItemKind.WALL, ("one", "two"))


def dance(*items: Item) -> Dance:
    """Two eights with a quarter to the right in the second: four walls."""
    turn = Event(F(6), turn=2, name="quarter")
    sections = (Section("one"), Section("two", 8, (turn,)), Section("tag", 4))
    return Dance("d", sections, items or (WALL,) * 4)


class FitTest(unittest.TestCase):
    def test_a_song_that_fits(self):
        """64 counts wanted, 72 there at 2 % more: nothing to say, 8 left over, back at 12:00."""
        fit = fit_song(grid_at(100, 80), dance(), grid_at(102, 81, lead_in=8))
        self.assertEqual(fit.notes, ())
        self.assertAlmostEqual(fit.tempo_ratio, 1.02)
        self.assertEqual((fit.counts_needed, fit.counts_there, fit.counts_over), (64, 72, 8))
        self.assertEqual((fit.last_wall, fit.heading, fit.lead_in), (4, 0, 8))
        self.assertAlmostEqual(fit.lead_in_s, 8 * 60 / 102)
        self.assertAlmostEqual(fit.ends_at_s, 0.5 + 72 * 60 / 102)

    def test_too_short(self):
        """52 counts there: three walls are whole, the dancer stands at the fourth's first turn less: 9:00."""
        fit = fit_song(grid_at(100, 80), dance(), grid_at(100, 61, lead_in=8))
        self.assertEqual(fit.counts_over, -12)
        self.assertEqual((fit.last_wall, fit.heading), (3, 6))
        self.assertIn("12 counts too short; the last whole wall is wall 3", " ".join(fit.notes))

    def test_it_faces_where_the_song_stops_it_in_the_middle_of_a_wall(self):
        """Wall 1 ends at 9:00; of wall 2 the quarter and the half are over when the song is: 6:00."""
        one = Section("one", 16, read_moves("¼ right R 8", Feel.STRAIGHT, {}))
        two = Section("two", 16, read_moves("½ right R 2", Feel.STRAIGHT, {}))
        fit = fit_song(grid_at(100, 80), Dance("d", (one, two), (WALL,) * 2), grid_at(100, 61))
        self.assertEqual((fit.last_wall, fit.heading), (1, 4))

    def test_too_fast_and_counted_twice_as_fast(self):
        fit = fit_song(grid_at(90, 80), dance(), grid_at(120, 80))
        self.assertIn("33% faster: 120 a minute instead of 90", " ".join(fit.notes))
        double = fit_song(grid_at(90, 80), dance(), grid_at(180, 80))
        self.assertIn("Counted half as fast, its tempo would be the same.", double.notes)

    def test_a_waltz_for_a_dance_in_eights(self):
        fit = fit_song(grid_at(100, 80), dance(), replace(grid_at(100, 80), line=6, meter=3))
        self.assertIn("lines of 6", fit.notes[0])

    def test_stops_must_meet_holds(self):
        """A stop where the sequence holds is right; elsewhere, or missing, it is said."""
        held = dance(WALL, Item(ItemKind.HOLD, counts=4), WALL)
        with_stop = replace(grid_at(100, 90), breaks=(Break(F(16), F(4)),))
        self.assertEqual(fit_song(grid_at(100, 90), held, with_stop).notes, ())
        self.assertIn("the song goes on", " ".join(fit_song(grid_at(100, 90), held, grid_at(100, 90)).notes))
        self.assertIn("at count 17", " ".join(fit_song(grid_at(100, 90), dance(), with_stop).notes))

    def test_without_a_sheet_the_first_song_is_the_measure(self):
        fit = fit_song(grid_at(100, 73, lead_in=8), Dance(), grid_at(100, 81, lead_in=8))
        self.assertEqual((fit.counts_needed, fit.counts_over), (64, 8))
        self.assertIsNone(fit.last_wall)
