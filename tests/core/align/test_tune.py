"""In tune or only in time: harmony along a place."""

import unittest

import numpy as np

from vamos.core.align.tune import RATE, alike, semitones


def chords(seed: int, seconds: int = 24) -> np.ndarray:
    """A chord a second, with a knock on every half second that all songs share."""
    rng = np.random.default_rng(seed)
    t = np.arange(RATE) / RATE
    out = []
    for _ in range(seconds):
        notes = 220 * 2 ** (rng.choice(12, 3, replace=False) / 12)
        out.append(sum(np.sin(2 * np.pi * f * t) for f in notes) * np.exp(-t))
    song = np.concatenate(out)
    knock = np.random.default_rng(0).standard_normal(400) * np.exp(-np.arange(400) / 60)
    for k in range(0, len(song) - 400, RATE // 2):
        song[k : k + 400] += 4 * knock
    return song.astype(np.float32)


class TuneTest(unittest.TestCase):
    def test_the_same_song_is_in_tune_and_another_with_the_same_drums_is_not(self):
        """Under noise as loud as the song; the other one shares every knock."""
        song = chords(1)
        noise = np.random.default_rng(2).standard_normal(len(song)).astype(np.float32)
        take = song[5 * RATE :] + 0.8 * noise[5 * RATE :]
        right = alike(semitones(song), semitones(take), 0.0, 18.0, 5.0)
        other = alike(semitones(chords(3)), semitones(take), 0.0, 18.0, 5.0)
        self.assertGreater(right, 0.5)
        self.assertLess(other, 0.2)

    def test_the_right_song_at_a_wrong_place_is_not(self):
        song = chords(1)
        self.assertLess(alike(semitones(song), semitones(song[5 * RATE :]), 0.0, 18.0, 2.0), 0.2)

    def test_too_short_says_nothing(self):
        song = chords(1)
        self.assertEqual(alike(semitones(song), semitones(song), 0.0, 2.0, 0.0), 0.0)
        self.assertEqual(semitones(song[:100]).shape, (0, 12))

    def test_silence_has_no_tune(self):
        silence = np.zeros(24 * RATE, np.float32)
        self.assertEqual(alike(semitones(silence), semitones(chords(1)), 0.0, 18.0, 0.0), 0.0)


if __name__ == "__main__":
    unittest.main()
