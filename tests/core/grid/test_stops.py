"""Songs that stop for parts of beats, songs that slow down and quicken: counts stay where the music is.

The songs are made here, strokes on beats and softer ones between over a held chord; made songs by the hundred, with
bands and rooms, are judged by ``bench/stops.py``.
"""

import unittest
from fractions import Fraction as F

import mir_eval
import numpy as np

from tests.support import FolderCase
from vamos.core.grid.detect import detect_grid
from vamos.core.grid.one_pace import one_pace
from vamos.core.grid.stops import Stop
from vamos.core.media.sound import Sound, write_wav
from vamos.core.model.song import Grid

RATE = 22050
STROKE = np.random.default_rng(5).normal(0, 1, RATE)


def song_of(
    gaps: np.ndarray, silent: dict[int, float] | None = None, between: float = 0.5
) -> tuple[np.ndarray, np.ndarray]:
    """(samples, seconds of all beats): beats with ``gaps`` after them, with so many beats of silence after some."""
    silent = silent or {}
    longer = gaps + np.array([silent.get(k, 0.0) * gaps[k] for k in range(len(gaps))])
    at = 0.5 + np.concatenate([[0.0], np.cumsum(longer)[:-1]])
    out = np.zeros(int((at[-1] + 1.5) * RATE))
    chord = sum(np.sin(2 * np.pi * hz * np.arange(len(out)) / RATE) for hz in (220.0, 277.2, 329.6))
    for k, (start, gap) in enumerate(zip(at, gaps, strict=True)):
        # Kick and snare by turns, a soft stroke between; a new chord every four.
        _stroke(out, start, 0.9 if k % 2 == 0 else 0.6, 30.0)
        if k not in silent:
            _stroke(out, start + gap / 2, between * 0.6, 90.0)
        a, b = (int(t * RATE) for t in (start, start + gap))
        out[a:b] += 0.03 * (1 + (k % 4 == 0)) * chord[a:b]
    return 0.5 * out / np.abs(out).max(), at


def _stroke(out: np.ndarray, at_s: float, level: float, decay: float) -> None:
    start = round(at_s * RATE)
    size = min(len(out) - start, RATE // 4)
    out[start : start + size] += level * STROKE[:size] * np.exp(-decay * np.arange(size) / RATE)


class SongCase(FolderCase):
    def grid_of(self, samples: np.ndarray) -> Grid:
        write_wav(self.folder / "s.wav", Sound(samples[:, None].astype(np.float32), RATE))
        return detect_grid(self.folder / "s.wav")

    def heard(self, grid: Grid, beats: np.ndarray) -> float:
        """mir_eval's F-measure (70 ms)."""
        return float(mir_eval.beat.f_measure(beats, np.array([a.song_s for a in grid.anchors])))


class StopsTest(SongCase):
    def test_a_stop_of_two_and_a_half_beats(self):
        """Later counts lie on the music again; two are danced, the second one is held."""
        samples, beats = song_of(np.full(72, 0.5), {31: 2.5})
        grid = self.grid_of(samples)
        (stop,) = grid.breaks
        self.assertEqual((stop.beats, stop.counts), (F(5, 2), F(2)))
        clock = grid.time_map()
        self.assertAlmostEqual(clock(stop.again), beats[32], delta=0.012)
        self.assertAlmostEqual(clock(stop.position - 1), beats[31], delta=0.012)
        self.assertAlmostEqual(clock(stop.position), beats[31] + 0.5, delta=0.03)
        later = beats[(beats > beats[33]) & (beats < beats[-3])]
        nearest = np.abs(np.array([a.song_s for a in grid.anchors])[:, None] - later[None]).min(axis=0)
        self.assertLess(nearest.max(), 0.012)

    def test_two_stops_each_by_itself(self):
        samples, beats = song_of(np.full(88, 0.46), {27: 1.75, 51: 0.5})
        grid = self.grid_of(samples)
        self.assertEqual([s.beats for s in grid.breaks], [F(7, 4), F(1, 2)])
        self.assertEqual([s.counts for s in grid.breaks], [1, 0])
        self.assertGreater(self.heard(grid, beats), 0.96)

    def test_whole_beats_are_counts(self):
        samples, _ = song_of(np.full(72, 0.5), {31: 4.0})
        (stop,) = self.grid_of(samples).breaks
        self.assertEqual((stop.counts, stop.length, stop.held), (4, 4, False))

    def test_a_song_that_goes_on_has_none(self):
        samples, _ = song_of(np.full(72, 0.5))
        self.assertEqual(self.grid_of(samples).breaks, ())

    def test_silence_is_said_in_wholes_quarters_thirds(self):
        said = {0.52: F(1, 2), 2.46: F(5, 2), 1.7: F(7, 4), 1.34: F(4, 3), 2.9: F(3), 3.13: F(3)}
        for silent, beats in said.items():
            with self.subTest(silent):
                self.assertEqual(Stop(10.0, 12.0, silent).beats, beats)


class OnePaceTest(SongCase):
    def test_a_song_that_slows_from_110_to_72(self):
        """Counted once a beat from the first bar to the last, though half beats are struck nearly as hard."""
        tempo = np.concatenate([np.full(24, 110.0), np.linspace(110, 72, 72), np.full(24, 72.0)])
        samples, beats = song_of(60 / tempo, between=1.3)
        grid = self.grid_of(samples)
        clock = np.array([a.song_s for a in grid.anchors])
        paces = [60 / np.median(np.diff(clock[(clock > t - 4) & (clock < t + 4)])) for t in (8.0, beats[-1] - 8)]
        self.assertAlmostEqual(paces[1] / paces[0], 72 / 110, delta=0.06)

    def test_a_jump_to_twice_the_pace_is_taken_out(self):
        """The seconds of the slower beats stay; where it jumped none is lost and none is added."""
        gaps = 60 / np.linspace(112, 74, 96)
        beats = 1.0 + np.concatenate([[0.0], np.cumsum(gaps)])
        doubled = np.sort(np.concatenate([beats, (beats[60:-1] + beats[61:]) / 2]))
        score = np.zeros(int((beats[-1] + 2) * 101), np.float32)
        score[(beats * 22050 / 220).round().astype(int)] = 1.0
        found = one_pace(doubled, score, 116.0)
        self.assertEqual(len(found), len(beats))
        self.assertLess(np.abs(found - beats).max(), 0.05)

    def test_a_few_slow_bars_in_a_quick_song_are_filled(self):
        beats = 1.0 + 0.5 * np.arange(120)
        halved = np.concatenate([beats[:60], beats[60:88:2], beats[88:]])
        found = one_pace(halved, np.ones(8000, np.float32), 116.0)
        np.testing.assert_allclose(found, beats, atol=0.02)

    def test_a_drift_stays(self):
        beats = np.cumsum(60 / np.linspace(70, 150, 120))
        np.testing.assert_array_equal(one_pace(beats, np.ones(9000, np.float32), 116.0), beats)


if __name__ == "__main__":
    unittest.main()
