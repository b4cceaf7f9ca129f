"""Songs at another speed, faint songs, and several kinds of pass in one file. Rates are measured in bench/place.py."""

import subprocess
import unittest
from fractions import Fraction

import numpy as np
import scipy.signal

from tests.core.align.test_segments import music, played
from tests.support import FolderCase, film_of
from vamos.core.align.correlate import RATE, SongIndex
from vamos.core.align.place import place_take, song_sound
from vamos.core.align.sharpen import sharpened
from vamos.core.align.song_in_room import find_song
from vamos.core.align.stack import Stack
from vamos.core.media.sound import Sound, read_sound, write_wav
from vamos.core.media.voice import say
from vamos.core.model.song import MediaRef
from vamos.core.model.take import PassKind, Take
from vamos.core.render.sound import stretched


def talk(seconds: float, level: float) -> np.ndarray:
    """A voice that explains, again and again, mono at RATE."""
    samples, rate = say(
        "and now the fan up, then right left right and touch, very good, once more from the top ", 170, 60
    )
    voice = scipy.signal.resample_poly(np.asarray(samples, dtype=np.float64), RATE, rate)
    out = np.resize(voice, int(seconds * RATE))
    return (level * out / np.sqrt(np.mean(out**2))).astype(np.float32)


class FaintTest(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.song = music(90, seed=4)
        cls.index = SongIndex(cls.song)
        clean = played(cls.song, 20.0, 40, ppm=60)
        cls.level = float(np.sqrt(np.mean(clean**2)))
        cls.take = clean + talk(40, 10 ** (10 / 20) * cls.level)

    def test_ten_decibels_under_a_voice(self):
        """Song 10 dB under talk: the place and the drift are found within 1 ms over the whole take."""
        (found,) = find_song(self.index, self.take)
        for at in (0.0, 40.0):
            said = found.song_at_start_s + found.rate * (at - found.take_start_s)
            self.assertAlmostEqual(said, 20 + (1 + 60e-6) * at, delta=1e-3)
        self.assertGreater(found.confidence, 0.5)

    def test_blocks_laid_over_each_other_agree_on_the_place(self):
        stack = Stack(self.index)
        block = 8 * RATE
        for start in range(0, len(self.take) - block + 1, 4 * RATE):
            stack.add(self.index.correlate(self.take[start : start + block]), start, block)
        _, lag, slope = stack.lines()[0]
        self.assertAlmostEqual(lag, 20.0, delta=0.003)
        self.assertLess(abs(slope - 60e-6), 60e-6)

    def test_the_rate_from_all_of_the_take(self):
        """A rough line 50 ppm off is put right within 3 ppm; blocks that hold the song agree with it."""
        sharp = sharpened(self.song, self.take, 0.0, 40.0, 20.0, 10e-6)
        self.assertAlmostEqual(sharp.slope * 1e6, 60, delta=3)
        self.assertGreater(float(np.median(sharp.agree)), 2 * sharp.chance)
        self.assertIsNone(sharpened(self.song, self.take, 0.0, 1.0, 20.0, 0.0))

    def test_a_loop_that_repeats_exactly_is_said(self):
        """The same twenty seconds three times over: places are equally good, told, and not sure."""
        loop = np.tile(music(20, seed=8)[: 20 * RATE], 4)
        (found,) = find_song(SongIndex(loop), played(loop, 21.0, 16))
        self.assertLess(found.confidence, 0.5)
        places = sorted([found.song_at_start_s, *found.also_at_s])
        np.testing.assert_allclose(np.diff(places), 20, atol=0.01)


class OtherSpeedTest(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.song = music(80, seed=6)
        write_wav(self.folder / "song.wav", Sound(self.song[:, None], RATE))
        self.ready = song_sound(self.folder / "song.wav")

    def place(self, sound: np.ndarray) -> Take:
        seconds = len(sound) / RATE
        wide = scipy.signal.resample_poly(sound, 6, 1).astype(np.float32)
        film_of(self.folder / "t.mp4", seconds, Fraction(5), (64, 36), sound=wide)
        return place_take(Take("t", MediaRef("t.mp4")), self.folder / "t.mp4", self.ready)

    def test_slowed_with_its_pitch(self):
        """Played at 80 % like a slow record: ratio and place within 1 ms over the take."""
        slow = scipy.signal.resample_poly(self.song, 5, 4)
        take = self.place((slow[int(12.5 * RATE) : int(42.5 * RATE)]).astype(np.float32))
        (found,) = take.passes
        for at in (found.take_range.start_s, found.take_range.end_s):
            self.assertAlmostEqual(found.clock(at), 10 + 0.8 * at, delta=1.5e-3)
        self.assertIn("at 80%", found.reason)

    def test_slowed_with_its_pitch_kept(self):
        """Stretched to 75 %: the ratio within 0.1 %, the place within 15 ms."""
        slow = stretched(self.song[:, None], RATE, Fraction(3, 4))[:, 0]
        (found,) = self.place(slow[int(20 * RATE) : int(55 * RATE)]).passes
        self.assertAlmostEqual(found.rate, 0.75, delta=0.00075)
        self.assertAlmostEqual(found.clock(15.0), 15 + 0.75 * 15, delta=0.015)

    def test_slowed_with_its_pitch_far_under_a_voice(self):
        """A slow and a fast record 10 and 12 dB under talk (not found by onsets and harmony): to 1 ms at both ends."""
        for ratio, under_db in ((Fraction(4, 5), 10), (Fraction(5, 4), 12)):
            other = scipy.signal.resample_poly(self.song, ratio.denominator, ratio.numerator)
            part = other[int(12 * RATE) : int(42 * RATE)]
            loud = float(np.sqrt(np.mean(part**2)))
            (found,) = self.place(part + talk(30, 10 ** (under_db / 20) * loud)).passes
            with self.subTest(ratio):
                self.assertGreater(found.confidence, 0.5)
                for at in (1.0, 29.0):
                    self.assertAlmostEqual(found.clock(at), (12 + at) * float(ratio), delta=1e-3)

    def test_a_few_seconds_at_a_usual_speed(self):
        """Sixteen seconds at 85 % under talk: onsets lean by thousandths, players do not; to 10 ms at both ends."""
        slow = stretched(self.song[:, None], RATE, Fraction(17, 20))[:, 0]
        part = slow[int(20 * RATE) : int(36 * RATE)]
        loud = float(np.sqrt(np.mean(part**2)))
        (found,) = self.place(part + talk(16, 0.5 * loud)).passes
        self.assertEqual(found.kind, PassKind.SONG)
        self.assertAlmostEqual(found.rate, 0.85, delta=1e-9)
        for at in (0.5, 15.5):
            self.assertAlmostEqual(found.clock(at), 17 + 0.85 * at, delta=0.010)

    def test_a_speed_nobody_offers(self):
        """At 87.3 % the line is as it is heard, not drawn to a usual speed; nor are the seconds of it that a stretcher
        happens to lay side by side as they were taken for the song at its own speed."""
        slow = stretched(self.song[:, None], RATE, Fraction(873, 1000))[:, 0]
        (found,) = self.place(slow[int(10 * RATE) : int(50 * RATE)]).passes
        self.assertAlmostEqual(found.rate, 0.873, delta=0.00087)
        self.assertEqual((found.take_range.start_s, found.take_range.end_s), (0.0, 40.0))

    def test_a_stretched_loop(self):
        """A song of a bar again and again, slowed by another program's stretcher (ffmpeg atempo): what it sounds like at
        its own speed, here and there and never sure, does not stand in the way."""
        bar = music(2.4, seed=12)[: int(2.4 * RATE)]
        over = 0.6 * music(72, seed=13)[: 30 * len(bar)]
        song = np.tile(bar, 30) + over
        write_wav(self.folder / "loop.wav", Sound(song[:, None].astype(np.float32), RATE))
        stretch = ["ffmpeg", "-v", "error", "-i", self.folder / "loop.wav", "-af", "atempo=0.75"]
        subprocess.run([*stretch, self.folder / "slow.wav"], check=True)
        slow = read_sound(self.folder / "slow.wav", RATE).mono()
        self.ready = song_sound(self.folder / "loop.wav")
        (found,) = self.place(slow[int(20 * RATE) : int(55 * RATE)]).passes
        self.assertAlmostEqual(found.rate, 0.75, delta=0.00075)
        self.assertAlmostEqual(found.clock(15.0), 15 + 0.75 * 15, delta=0.025)

    def test_a_record_that_runs_a_little_off(self):
        """Slowed with its pitch to 79.98 %: the rate to a millionth part of ten, the place to half a millisecond."""
        at = np.arange(int(24 * RATE)) / RATE
        sound = np.interp((12 + 0.7998 * at) * RATE, np.arange(len(self.song)), self.song).astype(np.float32)
        (found,) = self.place(sound).passes
        self.assertAlmostEqual(found.rate, 0.7998, delta=1e-5)
        for second in (1.0, 23.0):
            self.assertAlmostEqual(found.clock(second), 12 + 0.7998 * second, delta=1.5e-3)

    def test_all_passes_of_one_file(self):
        """The song, talk, the song slowed: two passes in order, what lies between is listed."""
        slow = scipy.signal.resample_poly(self.song, 5, 4)
        parts = [
            played(self.song, 5.0, 20),
            talk(6, 0.02),
            slow[int(12.5 * RATE) : int(37.5 * RATE)].astype(np.float32),
        ]
        take = self.place(np.concatenate(parts))
        self.assertEqual([p.kind for p in take.passes], [PassKind.SONG, PassKind.SONG])
        first, second = take.passes
        self.assertAlmostEqual(first.clock(10.0), 15.0, delta=1e-3)
        self.assertAlmostEqual(second.rate, 0.8, delta=0.001)
        (between,) = take.between_passes()
        self.assertAlmostEqual(between.start_s, 20, delta=2)
        self.assertAlmostEqual(between.end_s, 26, delta=2)

    def test_only_talk_is_no_pass_with_the_song(self):
        self.assertEqual([p for p in self.place(talk(20, 0.05)).passes if p.kind is PassKind.SONG], [])


if __name__ == "__main__":
    unittest.main()
