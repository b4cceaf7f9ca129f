"""Ways to count a song: pulses, places in the line, cut bars, what the networks say, taking another way."""

import hashlib
import json
import unittest
from fractions import Fraction as F
from importlib import resources
from itertools import pairwise
from pathlib import Path

import numpy as np

from tests.support import grid_at
from vamos.core.dance.lines import lines_of
from vamos.core.edit.song import move_the_one, rescale_counts, use_reading
from vamos.core.grid import network, readings
from vamos.core.grid.detect import seen_from
from vamos.core.grid.evidence import NAMES, WIDTH, Heard, evidence, recurrence
from vamos.core.grid.irregular import irregular_lines
from vamos.core.grid.phrase import places_of
from vamos.core.grid.pulses import Pulse, pulses
from vamos.core.grid.readings import calibrated
from vamos.core.grid.spectra import FINE_RATE, FRAME_RATE, Spectra
from vamos.core.model.dance import Dance
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Reading, Song
from vamos.errors import InputError


def counted(factor: F, shift: F, lead_in: int) -> readings.Reading:
    """One way to count beats half a second apart."""
    pulse = Pulse(np.arange(80) * 0.5 / float(factor), factor, shift)
    return readings.Reading(pulse, 4, np.zeros(80, np.intp), np.zeros(80), lead_in, 0.5)


class SeenFromTest(unittest.TestCase):
    """Where the 1 of another reading lies in the counts of the one that was taken (worked out by hand)."""

    def test_later_and_earlier(self):
        best = counted(F(1), F(0), 8)
        self.assertEqual(seen_from(best, counted(F(1), F(0), 16)).shift, 8)
        self.assertEqual(seen_from(best, counted(F(1), F(0), 6)).shift, -2)

    def test_half_and_twice_as_fast(self):
        """Half: its 1 behind four of its counts is beat 8, the 1 of the other. Twice, from the half beat on: beat 8½."""
        best = counted(F(1), F(0), 8)
        half = seen_from(best, counted(F(1, 2), F(0), 4))
        self.assertEqual((half.factor, half.shift), (F(1, 2), 0))
        twice = seen_from(best, counted(F(2), F(1, 2), 16))
        self.assertEqual((twice.factor, twice.shift), (2, F(1, 2)))

    def test_seen_from_half_as_fast(self):
        """Beat 12 is count 4 of a reading that counts every other beat and begins with a lead-in of two."""
        half = counted(F(1, 2), F(0), 2)
        self.assertEqual(seen_from(half, counted(F(1), F(0), 12)).shift, 4)


LEARNED = Path(__file__).parent / "learned.json"


def spectra_of(seconds: float, loud: np.ndarray | None = None) -> Spectra:
    """Rows of noise, as long as a song."""
    rng = np.random.default_rng(3)
    frames = int(seconds * FRAME_RATE)
    rows = {k: rng.random(frames).astype(np.float32) for k in ("flux", "low", "mid", "high")}
    level = np.full(frames, 0.3, np.float32) if loud is None else loud
    chroma, bands = (rng.random((frames, n)).astype(np.float32) for n in (12, 48))
    fine = rng.random(int(seconds * FINE_RATE)).astype(np.float32)
    return Spectra(**rows, chroma=chroma, bands=bands, loud=level, fine=fine, duration_s=seconds)


class PulsesTest(unittest.TestCase):
    def test_all_ways_to_step_to_a_beat(self):
        """At 104 a minute: as it is, off the beat, twice, half (both), three for two, two for three."""
        beats = 0.5 + 0.575 * np.arange(80)
        found = {(p.factor, p.shift): p for p in pulses(beats, np.zeros(int(60 * FINE_RATE), np.float32))}
        for key, bpm in (
            ((F(1), F(0)), 104.3),
            ((F(2), F(0)), 208.7),
            ((F(1, 2), F(1)), 52.2),
            ((F(3, 2), F(1, 3)), 156.5),
        ):
            self.assertAlmostEqual(found[key].bpm, bpm, delta=bpm * 0.02)
        half = found[(F(1, 2), F(1))]
        np.testing.assert_allclose(half.beats_s, beats[1::2], atol=1e-3)

    def test_what_nobody_steps_to_is_left_out(self):
        """Not under 50 and not over 215 a minute."""
        for p in pulses(0.4 * np.arange(120), np.zeros(int(50 * FINE_RATE), np.float32)):
            self.assertTrue(50 <= p.bpm <= 215, p.bpm)

    def test_swung_halves_are_met_where_they_sound(self):
        """An onset 30 ms late between two beats: the twice-as-fast pulse lies on it."""
        beats = 0.6 * np.arange(1, 40)
        fine = np.zeros(int(30 * FINE_RATE), np.float32)
        fine[np.round((beats[:-1] + 0.33) * FINE_RATE).astype(int)] = 1
        twice = next(p for p in pulses(beats, fine) if p.factor == 2)
        self.assertAlmostEqual(twice.beats_s[1] - beats[0], 0.33, delta=0.006)


class PlacesTest(unittest.TestCase):
    def heard(self, path: list[int], line: int = 8, clear: float = 4.0) -> np.ndarray:
        """Logits that speak for a path, with noise."""
        out = np.random.default_rng(1).normal(0, 1.0, (len(path), line))
        out[np.arange(len(path)), path] += clear
        return out

    def test_lines_are_followed_through_noise(self):
        path = [(k + 3) % 8 for k in range(96)]
        found = places_of(self.heard(path, clear=1.0), 0.3, 0.004)
        self.assertGreater(np.mean(found.path == path), 0.98)
        self.assertGreater(found.turned()[0], 0.9)

    def test_a_cut_bar_is_found(self):
        """Eight, eight, four, eight …: the line begins anew where the music does."""
        path = [*range(8), *range(8), *range(4), *(k % 8 for k in range(48))]
        found = places_of(self.heard(path), 0.5, 0.01)
        self.assertEqual(found.path.tolist(), path)
        starts, odd = irregular_lines(found.path, 0, 8)
        self.assertEqual((starts[:4], odd), ([0, 8, 16, 20], frozenset({20})))

    def test_an_added_bar_is_a_short_line_of_its_own(self):
        path = [*range(8), *range(8), *range(2), *(k % 8 for k in range(40))]
        starts, odd = irregular_lines(np.array(path), 0, 8)
        self.assertEqual((starts[2:4], odd), ([16, 18], frozenset({18})))

    def test_a_slip_of_one_count_is_no_cut_bar(self):
        """A line must be whole behind the cut."""
        path = [*range(8), 0, 1, 2, 0, *(k % 8 for k in range(4, 40))]
        self.assertEqual(irregular_lines(np.array(path), 0, 8)[1], frozenset())


class EvidenceTest(unittest.TestCase):
    def test_shape_and_range(self):
        """A row a count; nothing without bounds, whatever is heard."""
        rows = evidence(Heard(spectra_of(30)), 0.5 + 0.5 * np.arange(50))
        self.assertEqual(rows.shape, (50, WIDTH))
        self.assertEqual(len(NAMES), WIDTH)
        self.assertTrue(np.all(np.abs(rows) <= 8))

    def test_recurrence_sees_the_bar(self):
        """A row that comes again every four counts recurs after 4 and 8, not after 3."""
        rows = np.zeros((64, WIDTH), np.float32)
        rows[::4, 0] = 1
        found = recurrence(rows).reshape(6, -1)[:, 0]
        self.assertGreater(found[3], 0.8)
        self.assertLess(found[2], 0.0)

    def test_quieter_is_the_same_song(self):
        """The evidence of a song does not change with its level."""
        one = spectra_of(20)
        from dataclasses import replace

        other = replace(one, bands=one.bands * 1.0, loud=one.loud * 0.1)
        beats = 0.5 + 0.5 * np.arange(30)
        np.testing.assert_allclose(evidence(Heard(one), beats), evidence(Heard(other), beats), atol=1e-5)


class NetworkTest(unittest.TestCase):
    def test_the_file_is_the_one_that_was_learned(self):
        raw = (resources.files("vamos") / "core" / "grid" / network.FILE).read_bytes()
        self.assertEqual(hashlib.sha256(raw).hexdigest(), network.SHA256)

    def test_it_says_what_the_training_program_said(self):
        """The training program's own answers (JAX, single precision) to two made-up pulses, written beside this test
        by ``bench.learn.witness``: the NumPy network gives the same, within the half precision that is shipped."""
        kept = json.loads(LEARNED.read_text())
        for case in kept["cases"]:
            rng = np.random.default_rng(case["seed"])
            rows = rng.normal(0, 1, (case["counts"], WIDTH)).astype(np.float32)
            said = network.listen(rows, case["bpm"])
            self.assertAlmostEqual(said.counted, case["counted"], delta=0.02)
            self.assertAlmostEqual(said.three, case["three"], delta=0.05)
            np.testing.assert_allclose(said.eight[:3], case["eight"], atol=0.05)
            np.testing.assert_allclose(said.start[:3], case["start"], atol=0.05)

    def test_sureness_is_a_share_and_rises(self):
        values = [calibrated(x) for x in np.linspace(0, 1, 50)]
        self.assertTrue(all(0 < v < 1 for v in values))
        self.assertTrue(all(b >= a - 1e-9 for a, b in pairwise(values)))


class UseReadingTest(unittest.TestCase):
    def project(self, *ways: Reading) -> Project:
        from dataclasses import replace

        grid = replace(grid_at(160, 96, 0.5, 8), readings=ways, confidence=0.5)
        return Project(song=Song(MediaRef("x"), "x", grid))

    def test_half_as_fast_from_another_one(self):
        """Counted at 80 from count 2 on: count 0 is heard where count 2 was, the way before is offered."""
        before = self.project(Reading(F(1, 2), F(2), sure=0.4))
        after = use_reading(before, 0)
        self.assertAlmostEqual(after.grid.bpm(), 80)
        self.assertAlmostEqual(after.grid.time_map()(0), before.grid.time_map()(2))
        self.assertEqual(after.grid.lead_in, 5)
        self.assertEqual(after.grid.confidence, 0.4)
        back = use_reading(after, 0)
        self.assertAlmostEqual(back.grid.time_map()(0), before.grid.time_map()(0))
        self.assertEqual((back.grid.bpm(), back.grid.lead_in), (before.grid.bpm(), before.grid.lead_in))

    def test_ways_stay_true_when_the_grid_is_corrected(self):
        """After the 1 was moved or the tempo doubled, the same moment is offered."""
        way = Reading(F(1), F(4), sure=0.3)
        at = self.project(way).grid.time_map()(4)
        for change in (lambda p: move_the_one(p, 3), lambda p: rescale_counts(p, F(2))):
            changed = use_reading(change(self.project(way)), 0)
            self.assertAlmostEqual(changed.grid.time_map()(0), at)
            self.assertAlmostEqual(changed.grid.bpm(), 160)

    def test_in_three(self):
        after = use_reading(self.project(Reading(F(1), F(0), 3, 6, 0.3)), 0)
        self.assertEqual((after.grid.meter, after.grid.line), (3, 6))
        self.assertTrue(all(line.length == 6 for line in lines_of(after.grid, Dance())[3:10]))

    def test_a_reading_that_was_not_heard(self):
        with self.assertRaisesRegex(InputError, "no other reading number 1"):
            use_reading(self.project(), 0)
        with self.assertRaises(InputError):
            Reading(F(0), F(0))


if __name__ == "__main__":
    unittest.main()
