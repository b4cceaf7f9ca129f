"""Votes, lines and segments: made-up rooms with exact truth."""

import unittest

import numpy as np
import scipy.signal

from vamos.core.align.correlate import RATE, Hit, SongIndex, response, vertex
from vamos.core.align.place import _song_passes
from vamos.core.align.song_in_room import _best_line, _fit, find_song


def music(seconds: float, seed: int = 0) -> np.ndarray:
    """Notes at random times: broad-band, never repeating."""
    rng = np.random.default_rng(seed)
    out = np.zeros(int(seconds * RATE))
    t = np.arange(int(0.4 * RATE)) / RATE
    for at in rng.uniform(0, seconds - 0.5, int(seconds * 6)):
        hz = rng.uniform(200, 2500)
        tone = np.sin(2 * np.pi * hz * t) * np.exp(-t * rng.uniform(6, 30)) + 0.2 * rng.standard_normal(
            len(t)
        ) * np.exp(-t * 80)
        first = int(at * RATE)
        out[first : first + len(t)] += rng.uniform(0.2, 1) * tone
    return (0.2 * out).astype(np.float32)


def played(
    song: np.ndarray, song_at_start_s: float, seconds: float, ppm: float = 0.0, noise: float = 0.01
) -> np.ndarray:
    rng = np.random.default_rng(5)
    at = (song_at_start_s + (1 + ppm * 1e-6) * np.arange(int(seconds * RATE)) / RATE) * RATE
    sound = np.interp(at, np.arange(len(song)), song, left=0, right=0)
    return (sound + noise * rng.standard_normal(len(sound))).astype(np.float32)


class FindSongTest(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.song = music(90)
        cls.index = SongIndex(cls.song)

    def test_anywhere_in_the_song(self):
        """From before its start, from the middle, over its end; to a tenth of a millisecond."""
        for start in (-6.0, 31.7, 70.0):
            segments = find_song(self.index, played(self.song, start, 30))
            with self.subTest(start):
                self.assertEqual(len(segments), 1)
                found = segments[0]
                self.assertAlmostEqual(found.song_at_start_s - found.take_start_s, start, delta=1e-4)
                self.assertAlmostEqual(found.take_start_s, max(0.0, -start), delta=1.1)
                self.assertAlmostEqual(found.take_end_s, min(30.0, 90 - start), delta=1.1)

    def test_a_recorder_that_loses_a_moment(self):
        """Of 40 to 400 ms lost at second 17.3, both sides lie right, and the cut within a third of a second."""
        for lost in (0.04, 0.09, 0.4):
            whole = played(self.song, 20.0, 40)
            cut = int(17.3 * RATE)
            take = np.concatenate([whole[:cut], whole[cut + int(lost * RATE) :]])
            a, b = find_song(self.index, take)
            with self.subTest(lost):
                self.assertAlmostEqual(a.take_end_s, 17.3, delta=0.33)
                self.assertEqual(a.take_end_s, b.take_start_s)
                self.assertAlmostEqual(a.song_at_start_s - a.take_start_s, 20.0, delta=5e-4)
                self.assertAlmostEqual(b.song_at_start_s - b.take_start_s, 20.0 + lost, delta=5e-4)
                passes = _song_passes([a, b], 0.0)
                self.assertEqual(len(passes), 1 if lost < 0.1 else 2)
                for at, truth in ((5.0, 25.0), (30.0, 50.0 + lost)):
                    self.assertAlmostEqual(passes[0 if at < 17 else -1].clock(at), truth, delta=5e-4)

    def test_drift_of_a_phone(self):
        """±100 ppm over 60 s are 6 ms: found within 10 ppm, right at both ends within 1 ms."""
        for ppm in (-100.0, 100.0):
            found = find_song(self.index, played(self.song, 5.0, 60, ppm))[0]
            self.assertAlmostEqual((found.rate - 1) * 1e6, ppm, delta=10)
            end = found.song_at_start_s + found.rate * (60 - found.take_start_s)
            self.assertAlmostEqual(end, 5 + (1 + ppm * 1e-6) * 60, delta=1e-3)

    def test_stopped_and_started_again(self):
        """The song from the top, silence, the song from its middle: two segments in order."""
        take = np.concatenate(
            [
                played(self.song, 0.0, 25),
                0.01 * np.random.default_rng(1).standard_normal(RATE * 8),
                played(self.song, 40.0, 25),
            ]
        ).astype(np.float32)
        segments = find_song(self.index, take)
        self.assertEqual(len(segments), 2)
        self.assertAlmostEqual(segments[0].song_at_start_s - segments[0].take_start_s, 0.0, delta=1e-3)
        self.assertAlmostEqual(segments[1].song_at_start_s - segments[1].take_start_s, 40.0 - 33.0, delta=1e-3)
        self.assertLess(segments[0].take_end_s, segments[1].take_start_s)

    def test_the_first_arrival_counts_not_the_strongest(self):
        """A reflection 9 ms later and louder than the direct sound does not move the place."""
        room = np.zeros(400)
        room[0], room[72], room[150] = 0.7, 1.0, 0.5
        take = scipy.signal.fftconvolve(played(self.song, 10.0, 30), room)[: RATE * 30].astype(np.float32)
        found = find_song(self.index, take)[0]
        self.assertAlmostEqual(found.song_at_start_s - found.take_start_s, 10.0, delta=1e-3)

    def test_another_song_and_noise_are_none(self):
        self.assertEqual(find_song(self.index, music(40, seed=9)), [])
        noise = 0.2 * np.random.default_rng(2).standard_normal(RATE * 40)
        self.assertEqual(find_song(self.index, noise.astype(np.float32)), [])

    def test_too_short_is_none(self):
        self.assertEqual(find_song(self.index, self.song[:RATE]), [])


class LineTest(unittest.TestCase):
    def test_the_line_with_most_votes_wins(self):
        """Six votes on one lag beat three on another; strays do not matter."""
        hits = [Hit(4.0 * k, 2.0, 10) for k in range(6)] + [Hit(4.0 * k, 7.5, 12) for k in range(3)]
        hits += [Hit(4.0 * k, 11.0 + 3 * k, 20) for k in range(6)]
        group, lag, _ = _best_line(hits)
        self.assertEqual(len(group), 6)
        self.assertAlmostEqual(lag, 2.0)

    def test_no_votes_make_no_line(self):
        self.assertIsNone(_best_line([]))
        self.assertIsNone(_best_line([Hit(0.0, 1.0, 7.0)]))

    def test_a_stray_does_not_bend_the_line(self):
        """One vote 8 ms off among twelve: the line stays within 0.1 ms."""
        hits = [Hit(4.0 * k, 2.0 + 5e-5 * 4.0 * k, 10) for k in range(12)]
        hits[5] = Hit(20.0, 2.009, 10)
        lag, slope = _fit(hits)
        self.assertAlmostEqual(lag, 2.0, delta=1e-4)
        self.assertAlmostEqual(slope, 5e-5, delta=5e-6)

    def test_vertex_of_a_parabola(self):
        row = np.array([-((k - 2.3) ** 2) for k in range(5)], dtype=np.float32)
        self.assertAlmostEqual(2 + vertex(row, 2), 2.3, places=4)
        self.assertEqual(vertex(row, 0), 0.0)

    def test_response_shows_how_late_the_take_is(self):
        """A take delayed by 40 samples has its peak 40 right of the middle."""
        song = music(10, seed=3)
        take = np.concatenate([np.zeros(40, np.float32), song])
        at = np.arange(1.0, 8.0) * RATE
        row = response(song, take, at, at, RATE, 100)
        self.assertEqual(int(np.argmax(np.abs(row))) - 100, 40)


if __name__ == "__main__":
    unittest.main()
