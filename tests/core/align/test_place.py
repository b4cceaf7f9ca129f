"""Placing takes: exact offset and drift, counting, and takes that have no song in them."""

import unittest
from pathlib import Path

import numpy as np
import scipy.signal

from tests.support import FolderCase, demo_folder, film_of
from vamos.core.align.correlate import RATE, SongIndex
from vamos.core.align.counted import find_countings
from vamos.core.align.place import place_take, song_sound
from vamos.core.align.song_in_room import find_song
from vamos.core.media.sound import read_sound
from vamos.core.media.voice import say
from vamos.core.model.song import MediaRef
from vamos.core.model.take import SOUND_M_PER_S, Take
from vamos.demo.build import SONG
from vamos.demo.takes import SPECS


class DemoTakesTest(unittest.TestCase):
    """The small demo: the truth is known to the microsecond."""

    @classmethod
    def setUpClass(cls):
        cls.index = song_sound(demo_folder() / SONG)

    def placed(self, name: str, speaker_m: float = 0.0) -> Take:
        path = demo_folder() / name
        return place_take(Take(path.stem, MediaRef(str(path)), speaker_m=speaker_m), path, self.index)

    def test_offset_and_drift(self):
        """Every take with the song is placed within 1 ms of where the sound is, drift included."""
        for spec in SPECS:
            if spec.song_at_start_s is None:
                continue
            take = self.placed(spec.file)
            late = spec.speaker_m / SOUND_M_PER_S
            with self.subTest(spec.file):
                self.assertEqual(len(take.passes), 1)
                found = take.passes[0]
                self.assertGreater(found.confidence, 0.5)
                for at in (found.take_range.start_s, found.take_range.end_s):
                    truth = spec.song_at_start_s + (1 + spec.ppm * 1e-6) * at - late
                    self.assertAlmostEqual(found.clock(at), truth, delta=0.001)

    def test_loudspeaker_distance_is_taken_off_when_given(self):
        """5 m of air are 14.6 ms at 343 m/s (CRC Handbook, 20 °C); the picture is then right."""
        spec = next(s for s in SPECS if s.file == "back.mp4")
        clock = self.placed(spec.file, spec.speaker_m).passes[0].clock
        self.assertAlmostEqual(clock(10.0), spec.song_at_start_s + 10 * (1 + spec.ppm * 1e-6), delta=0.001)


class NoSongTest(FolderCase):
    def test_a_wrong_song_is_not_placed(self):
        """Another tune of the same tempo is called none."""
        rng = np.random.default_rng(3)
        other = scipy.signal.lfilter([1], [1, -0.9], rng.standard_normal(RATE * 60)).astype(np.float32)
        index = song_sound(demo_folder() / SONG)
        self.assertEqual(find_song(index.index, other), [])

    def test_talk_alone_is_not_placed(self):
        """A minute of talk holds neither the song nor steady counting."""
        words = "well so today we start over there and please mind the wet floor near the door " * 4
        talk, rate = say(words)
        sound = scipy.signal.resample_poly(talk, RATE, rate).astype(np.float32)
        self.assertEqual(find_song(song_sound(demo_folder() / SONG).index, sound), [])

    def test_a_take_without_sound_stays_without_passes(self):
        path = film_of(self.folder / "silent.mp4", 2.0)
        index = SongIndex(read_sound(demo_folder() / SONG, RATE).mono())
        take = place_take(Take("t", MediaRef(str(path))), path, index)
        self.assertTrue(take.looked_for_passes)
        self.assertEqual(take.passes, ())

    def test_silence_has_no_counting(self):
        path = film_of(self.folder / "s.mp4", 6.0, sound=np.zeros(48000 * 6))
        self.assertEqual(find_countings(Path(path)), [])


if __name__ == "__main__":
    unittest.main()
