"""Clip times tile without drift; sound keeps pitch, length and level."""

import itertools
import unittest
from fractions import Fraction as F
from unittest import mock

import numpy as np
import pyloudnorm
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.support import grid_at
from vamos.core.media.sound import Sound
from vamos.core.progress import Progress
from vamos.core.render.sound import RATE, clip_sound, decoded, levelled, limited, loudness, true_peak
from vamos.core.render.timing import clip_timing
from vamos.core.time import CountRange, FrameRate
from vamos.errors import Stopped

SPEEDS = (F(1), F(3, 4), F(1, 2), F(5, 4), F(1, 4))


class TilingTest(unittest.TestCase):
    @settings(max_examples=60, deadline=None)
    @given(st.floats(60, 200), st.sampled_from(SPEEDS), st.sampled_from([F(30), F(25), F(30000, 1001), F(60)]))
    def test_consecutive_clips_tile(self, bpm, speed, rate):
        """Each clip starts on the frame after the one before; a hundred of them do not drift."""
        grid, f = grid_at(bpm, 110, 0.5, 0), FrameRate(rate)
        timings = [clip_timing(grid, CountRange(F(k), F(k + 1)), speed, f) for k in range(100)]
        for a, b in itertools.pairwise(timings):
            self.assertEqual(a.first_frame + a.frames, b.first_frame)
        whole = clip_timing(grid, CountRange(F(0), F(100)), speed, f)
        self.assertEqual(sum(t.frames for t in timings), whole.frames)

    @given(st.floats(60, 200), st.sampled_from(SPEEDS))
    def test_counts_show_within_half_a_frame(self, bpm, speed):
        """16.7 ms at 30 a second, at every speed."""
        t = clip_timing(grid_at(bpm), CountRange(F(-2), F(9)), speed, FrameRate.of(30))
        for k in range(-2, 9):
            self.assertLessEqual(abs(t.frame_of(F(k)) / 30 - t.out_s(F(k))), 1 / 60 + 1e-9)

    def test_half_speed_lasts_twice_as_long(self):
        fast, slow = (clip_timing(grid_at(), CountRange(F(0), F(8)), s, FrameRate.of(30)) for s in (F(1), F(1, 2)))
        self.assertAlmostEqual(slow.frames, 2 * fast.frames, delta=1)


def tone(seconds: float, hz: float = 440.0) -> Sound:
    t = np.arange(int(seconds * RATE)) / RATE
    return Sound(np.repeat(0.3 * np.sin(2 * np.pi * hz * t)[:, None], 2, axis=1).astype(np.float32), RATE)


def pitch(samples: np.ndarray) -> float:
    """The frequency of a tone, from the phase advance of its strongest bin (sub-cent exact)."""
    mid = samples[len(samples) // 4 : -len(samples) // 4, 0]
    size = 1 << 15
    a = np.fft.rfft(mid[:size] * np.hanning(size))
    b = np.fft.rfft(mid[1000 : 1000 + size] * np.hanning(size))
    k = int(np.argmax(np.abs(a)))
    expected = 2 * np.pi * k * 1000 / size
    advance = np.angle(b[k]) - np.angle(a[k]) - expected
    advance = (advance + np.pi) % (2 * np.pi) - np.pi
    return (expected + advance) / 1000 * RATE / (2 * np.pi)


class SoundTest(unittest.TestCase):
    def test_pitch_and_length_hold_at_every_speed(self):
        """A 440 Hz tone stays within 5 cents; the sound is exactly as long as the picture."""
        grid = grid_at(100, 60, 1.0, 8)
        for speed in SPEEDS:
            t = clip_timing(grid, CountRange(F(0), F(8)), speed, FrameRate.of(30))
            out = clip_sound(tone(30), t)
            with self.subTest(speed):
                self.assertEqual(len(out), round(t.frames / 30 * RATE))
                self.assertLess(abs(1200 * np.log2(pitch(out) / 440)), 5)

    def test_beats_of_the_sound_fall_on_the_digits(self):
        """Clicks on the counts stay on the counts, slowed too, within 3 ms."""
        grid = grid_at(120, 40, 1.0, 8)
        song = np.zeros((RATE * 22, 2), np.float32)
        for a in grid.anchors:
            at = round(a.song_s * RATE)
            song[at : at + 96] += 0.8 * np.hanning(96)[:, None].astype(np.float32)
        for speed in SPEEDS[:3]:
            t = clip_timing(grid, CountRange(F(-2), F(9)), speed, FrameRate.of(30))
            out = np.abs(clip_sound(Sound(song, RATE), t)[:, 0])
            for k in range(-1, 8):
                at = round(t.out_s(F(k)) * RATE)
                peak = at - 1500 + int(np.argmax(out[at - 1500 : at + 1500]))
                with self.subTest(speed=speed, count=k):
                    self.assertLess(abs(peak - at - 48 / float(speed)) / RATE, 0.003)

    def test_before_and_after_the_song_is_silence(self):
        t = clip_timing(grid_at(120, 40, 1.0, 8), CountRange(F(20), F(40)), F(1), FrameRate.of(30))
        out = clip_sound(tone(12.0), t)
        self.assertEqual(np.abs(out[RATE:]).max(), 0.0)

    def test_level_is_minus_sixteen_and_peaks_are_held(self):
        """−16 LUFS by pyloudnorm (ITU-R BS.1770-4); decoded AAC stays under −1 dBTP."""
        rng = np.random.default_rng(1)
        music = np.repeat(rng.standard_normal((RATE * 6, 1)) * 0.03, 2, axis=1).astype(np.float32)
        music[:: RATE // 2] = 0.95
        made = levelled(music)
        heard = decoded(made.coded)
        self.assertAlmostEqual(pyloudnorm.Meter(RATE).integrated_loudness(heard.astype(float)), -16, delta=0.5)
        self.assertAlmostEqual(made.lufs, -16, delta=0.5)
        self.assertLessEqual(20 * np.log10(true_peak(heard)), -1.0)

    def test_clicks_alone_are_not_pressed_flat(self):
        """Clicks with silence between them cannot be that loud; what rises 19 dB above is not pressed under the ceiling."""
        clicks = np.zeros((RATE * 6, 2), np.float32)
        tick = np.exp(-np.arange(960) / 200) * np.sin(np.arange(960) * 0.2)
        for at in range(0, len(clicks), RATE // 2):
            clicks[at : at + 960] += (0.5 * tick)[:, None].astype(np.float32)
        with mock.patch("vamos.core.render.sound.limited", wraps=limited) as held:
            made = levelled(clicks)
        given = max(20 * np.log10(np.abs(call.args[0]).max()) for call in held.call_args_list)
        self.assertLess(given, 15)
        heard = decoded(made.coded)
        self.assertLessEqual(20 * np.log10(true_peak(heard)), -1.0)
        self.assertGreater(20 * np.log10(true_peak(heard)), -4.0)

    def test_silence_between_sounds_is_measured_as_by_the_reference(self):
        """To a millionth of a LUFS what pyloudnorm says of the same samples (ITU-R BS.1770-4)."""
        some = np.zeros((RATE * 8, 2), np.float32)
        some[RATE : 2 * RATE] = 0.3 * np.sin(np.arange(RATE) * 0.1)[:, None]
        self.assertAlmostEqual(loudness(some), pyloudnorm.Meter(RATE).integrated_loudness(some.astype(float)), places=6)

    def test_reference_tone_of_the_standard(self):
        """A 997 Hz sine at −20 dBFS in both channels reads −20 + 3.01 − 3.01 ≈ −20.0 LUFS
        (EBU Tech 3341, test 1, read with stereo −23 dBFS → −23 LUFS)."""
        t = np.arange(RATE * 20) / RATE
        wave = np.repeat((10 ** (-23 / 20) * np.sin(2 * np.pi * 1000 * t))[:, None], 2, axis=1)
        self.assertAlmostEqual(loudness(wave.astype(np.float32)), -23.0, delta=0.1)

    def test_silence_stays_silent(self):
        self.assertEqual(np.abs(decoded(levelled(np.zeros((RATE, 2), np.float32)).coded)).max(), 0)
        self.assertEqual(loudness(np.zeros((100, 2), np.float32)), -70)


class LongSoundTest(unittest.TestCase):
    def test_peaks_are_found_where_pieces_join(self):
        """A long sound is looked at in pieces; one peak on the seam counts as much as anywhere."""
        from vamos.core.render import sound

        out = np.zeros((3 * sound._PIECE // 2, 2), np.float32)
        for at in (sound._PIECE - 1, sound._PIECE, 5000):
            single = out.copy()
            single[at] = 0.9
            self.assertAlmostEqual(true_peak(single), true_peak(single[at - 200 : at + 200]), places=4)
            self.assertLess(true_peak(limited(single, 0.5)), 0.51)

    def test_levelling_can_be_stopped(self):
        noise = (0.1 * np.random.default_rng(0).standard_normal((RATE, 2))).astype(np.float32)
        with self.assertRaises(Stopped):
            levelled(noise, Progress(stop_asked=lambda: True))


if __name__ == "__main__":
    unittest.main()
