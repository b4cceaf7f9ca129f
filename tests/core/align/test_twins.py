"""Songs of loops: what cannot be told apart is named and never sure; the least difference, or an edge, decides."""

import unittest

import numpy as np
import scipy.signal

from tests.core.align.test_segments import music, played
from tests.support import FolderCase
from vamos.core.align.correlate import RATE, SongIndex
from vamos.core.align.place import song_sound
from vamos.core.align.segment import Segment
from vamos.core.align.slowed import features, find_slowed
from vamos.core.align.song_in_room import find_song
from vamos.core.align.twins import repeats
from vamos.core.grid.spectra import analyse
from vamos.core.media.sound import Sound, write_wav

LOOP_S = 7.3


def looped(rounds: int = 10) -> np.ndarray:
    loop = music(LOOP_S, 3)[: int(LOOP_S * RATE)]
    return np.tile(loop, rounds)


def places(found: Segment) -> list[float]:
    return sorted(at - found.take_start_s for at in (found.song_at_start_s, *found.also_at_s))


class LoopsTest(unittest.TestCase):
    def the_one(self, song: np.ndarray, take: np.ndarray) -> Segment:
        found = find_song(SongIndex(song), take)
        self.assertEqual(len(found), 1)
        return found[0]

    def test_every_place_is_named_and_none_is_sure(self):
        """Twenty seconds of a song that is one loop ten times: all places are named, to a fifth of a ms."""
        found = self.the_one(looped(), played(looped(), 10.0, 20))
        wanted = [10.0 + k * LOOP_S for k in range(-1, 7)]
        self.assertLessEqual(found.confidence, 0.5)
        self.assertEqual(len(places(found)), len(wanted))
        np.testing.assert_allclose(places(found), wanted, atol=2e-4)

    def test_a_quiet_layer_decides(self):
        """A part at −20 dB that plays in one round only tells that round from the others, and them from it."""
        song = looped()
        layer = 0.1 * music(LOOP_S, 8)
        at = int(4 * LOOP_S * RATE)
        song[at : at + len(layer)] += layer
        found = self.the_one(song, played(song, 4 * LOOP_S - 3, 16))
        self.assertEqual(found.also_at_s, ())
        self.assertGreater(found.confidence, 0.5)
        self.assertAlmostEqual(found.song_at_start_s - found.take_start_s, 4 * LOOP_S - 3, delta=2e-4)
        found = self.the_one(song, played(song, LOOP_S + 1, 12))
        self.assertNotIn(True, [abs(p - 4 * LOOP_S) < LOOP_S - 1 for p in places(found)])
        self.assertIn(True, [abs(p - LOOP_S - 1) < 2e-4 for p in places(found)])

    def test_the_wave_may_be_turned_over(self):
        """A loudspeaker with its poles exchanged: the difference is still read the right way round."""
        song = looped()
        layer = 0.3 * music(LOOP_S, 8)
        at = int(4 * LOOP_S * RATE)
        song[at : at + len(layer)] += layer
        found = self.the_one(song, -played(song, 4 * LOOP_S - 3, 16))
        self.assertEqual(found.also_at_s, ())
        self.assertAlmostEqual(found.song_at_start_s - found.take_start_s, 4 * LOOP_S - 3, delta=2e-4)

    def test_the_song_s_edges_decide(self):
        """Silence, then the music: it was started from the top. Music, then silence: it ran to its end."""
        song = looped()
        for start in (-6.0, 10 * LOOP_S - 18):
            found = self.the_one(song, played(song, start, 26))
            with self.subTest(start):
                self.assertEqual(found.also_at_s, ())
                self.assertAlmostEqual(found.song_at_start_s - found.take_start_s, start, delta=2e-4)

    def test_a_film_cut_together_has_edges_of_its_own(self):
        """The end of a song, then its second round: where the second piece begins, the song does not.

        Every round has a quiet part of its own, so that what differs tells them apart.
        """
        song = looped(8)
        for number in range(8):
            at = int(number * LOOP_S * RATE)
            song[at : at + int(LOOP_S * RATE)] += 0.2 * music(LOOP_S, 20 + number)[: int(LOOP_S * RATE)]
        end = len(song) / RATE - 13
        take = np.concatenate([played(song, end, 13), played(song, LOOP_S + 0.5, 13)])
        first, second = find_song(SongIndex(song), take)
        self.assertAlmostEqual(first.song_at_start_s - first.take_start_s, end, delta=2e-4)
        self.assertAlmostEqual(second.song_at_start_s - second.take_start_s, LOOP_S + 0.5 - 13, delta=2e-4)

    def test_a_chorus_that_was_copied(self):
        """Alike in one stretch only: a take that runs beyond it is sure, one that stays inside names both."""
        song = music(80, 5)
        part = song[10 * RATE : 34 * RATE].copy()
        song[50 * RATE : 74 * RATE] = part
        inside = self.the_one(song, played(song, 12.0, 18))
        np.testing.assert_allclose(places(inside), [12.0, 52.0], atol=2e-4)
        beyond = self.the_one(song, played(song, 46.0, 22))
        self.assertEqual((beyond.also_at_s, beyond.confidence > 0.5), ((), True))
        self.assertAlmostEqual(beyond.song_at_start_s - beyond.take_start_s, 46.0, delta=2e-4)


class SlowedLoopsTest(FolderCase):
    def test_slowed_with_its_pitch(self):
        """The same at another speed: places in seconds of the song as it is."""
        song = looped()
        slow = scipy.signal.resample_poly(song, 5, 4).astype(np.float32)
        take = played(slow, 15.0, 26)
        for name, samples in (("song.wav", song), ("take.wav", take)):
            write_wav(self.folder / name, Sound(samples[:, None], RATE))
        ready = song_sound(self.folder / "song.wav")
        found = find_slowed(ready.search, features(analyse(self.folder / "take.wav")), take, 0.0, 26.0)
        self.assertLessEqual(found.confidence, 0.5)
        wanted = [12.0 + k * LOOP_S for k in range(-1, 6) if 12.0 + k * LOOP_S + 20.8 < 10 * LOOP_S]
        said = sorted(at - found.rate * found.take_start_s for at in (found.song_at_start_s, *found.also_at_s))
        np.testing.assert_allclose(said, wanted, atol=2e-3)


class RepeatsTest(unittest.TestCase):
    def test_nothing_repeats_in_music_that_never_does(self):
        self.assertEqual(repeats(music(60), 10, 40), [])

    def test_silence_and_odd_lengths(self):
        self.assertEqual(repeats(np.zeros(RATE * 20, np.float32), 2, 10), [])
        self.assertEqual(repeats(music(20), 5, 5.5), [])
