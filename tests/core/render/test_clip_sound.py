"""What is heard with a version: the room bent to the counts, a voice on the counts, the song in half-time."""

import unittest
from dataclasses import replace
from fractions import Fraction as F
from unittest import mock

import numpy as np
import scipy.signal

from tests.core.render.test_timing_sound import pitch, tone
from tests.support import grid_at
from vamos.core.dance.lines import lines_of
from vamos.core.dance.notation import parse_line
from vamos.core.media.sound import Sound
from vamos.core.media.voice import say
from vamos.core.model.clip import VOICES, Clip, ClipSound, Mix, Version
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.model.look import Numbering
from vamos.core.model.project import Output
from vamos.core.model.song import Anchor, Grid
from vamos.core.model.take import View
from vamos.core.render.clip_sound import Told, add_voice, spoken_counts, version_sound
from vamos.core.render.compose import Stage
from vamos.core.render.languages import LANGUAGES, in_language
from vamos.core.render.sound import RATE
from vamos.core.render.timing import clip_timing
from vamos.core.time import CountRange, FrameRate, TimeMap
from vamos.errors import InputError

GRID = grid_at(120, 60, 1.0, 8)
LINES = lines_of(GRID, Dance())
COUNTS = CountRange(F(-2), F(9))


def timing(speed: F = F(1)):
    return clip_timing(GRID, COUNTS, speed, FrameRate.of(30))


def onsets(samples: np.ndarray, near: list[float], reach: float = 0.12) -> list[float]:
    """The loudest moment around each wanted second."""
    level = np.abs(samples).max(axis=1)
    found = []
    for at in near:
        a, b = max(0, round((at - reach) * RATE)), round((at + reach) * RATE)
        found.append((a + int(np.argmax(level[a:b]))) / RATE)
    return found


def steep_rise(sound: np.ndarray, near: float) -> float:
    """How far from a moment the nearest steep rise of a voice is, seconds (may be negative)."""
    part = sound[max(0, round((near - 0.25) * RATE)) : round((near + 0.22) * RATE)].astype(float)
    part = np.pad(part, (RATE // 2, RATE // 2))
    band = scipy.signal.firwin(961, [300, 3000], pass_zero=False, fs=RATE)
    level = np.abs(scipy.signal.hilbert(scipy.signal.fftconvolve(part, band, "same")))
    bell = scipy.signal.windows.gaussian(6001, 0.0156 * RATE)
    slope = np.diff(scipy.signal.fftconvolve(level, bell / bell.sum(), "same"))
    # A word before may end here.
    slope[: RATE // 2 + round(0.1 * RATE)] = 0
    peaks, _ = scipy.signal.find_peaks(slope, height=0.5 * slope.max())
    away = (peaks - RATE // 2) / RATE - min(near, 0.25)
    return float(away[np.argmin(np.abs(away))])


class RoomTest(unittest.TestCase):
    def room(self, said: np.ndarray) -> Sound:
        samples = np.zeros((int((said[-1] + 2) * RATE), 2), np.float32)
        for at in said:
            first = round(at * RATE)
            samples[first : first + 480] += 0.7 * np.hanning(480)[:, None].astype(np.float32)
        return Sound(samples, RATE)

    def test_counts_said_unsteadily_land_on_the_counts(self):
        """A voice at its own pace, bent: each count within 12 ms of the clip's count, at two speeds."""
        said = 1.0 + np.cumsum(np.r_[0.0, np.tile([0.55, 0.66, 0.6], 5)])
        to_take = TimeMap.through(np.arange(len(said), dtype=float) - 3, said)
        for speed in (F(1), F(3, 4)):
            t = timing(speed)
            version = Version(speed, ClipSound.ROOM)
            out = version_sound(version, t, Told(LINES), None, self.room(said), t.take_times(to_take))
            self.assertEqual(len(out), round(t.duration_s * RATE))
            wanted = [t.out_s(F(k)) for k in range(-1, 8)]
            heard = onsets(out, wanted)
            for a, b in zip(heard, wanted, strict=True):
                self.assertAlmostEqual(a - 0.005 / float(speed), b, delta=0.012)

    def test_pitch_is_kept(self):
        t = timing(F(1, 2))
        times = t.take_times(GRID.time_map())
        out = version_sound(Version(F(1, 2), ClipSound.ROOM), t, Told(LINES), None, tone(12), times)
        self.assertLess(abs(1200 * np.log2(pitch(out) / 440)), 5)

    def test_without_a_room_there_is_silence(self):
        t = timing()
        self.assertIsNone(
            version_sound(Version(F(1), ClipSound.ROOM), t, Told(LINES), None, None, t.take_times(GRID.time_map()))
        )


class VoiceTest(unittest.TestCase):
    def test_each_number_is_heard_on_its_count(self):
        """The vowel of each word rises on its count, within 15 ms, in several languages and at 75 % too.

        Perceptual centres: Morton, Marcus and Frankish 1976; here by the analytic signal, the product filters.
        """
        for speed, language in ((F(1), "en"), (F(3, 4), "en"), (F(1), "de"), (F(1), "es"), (F(1), "fr"), (F(1), "it")):
            t = timing(speed)
            told = Told(LINES, mix=Mix(language=language))
            out = version_sound(Version(speed, ClipSound.VOICE), t, told, None, None, np.zeros(0))[:, 0]
            for k in range(8):
                heard = steep_rise(out, t.out_s(F(k)))
                self.assertLess(abs(heard), 0.015, (speed, language, k))

    def test_a_word_before_the_clip_is_not_begun_in_it(self):
        out = np.zeros((RATE, 2), np.float32)
        add_voice(out, RATE, [(F(-1), "one"), (F(1), "two")], TimeMap.line(0.0, 0.5, 1.0))
        self.assertEqual(np.abs(out[: round(0.3 * RATE)]).max(), 0)

    def test_numbers_differ(self):
        """One and six do not sound alike: what is said follows the count."""
        t = timing()
        out = version_sound(Version(F(1), ClipSound.VOICE), t, Told(LINES), None, None, np.zeros(0))
        parts = [out[round(t.out_s(F(k)) * RATE) :][: RATE // 4, 0] for k in (0, 5, 8)]
        self.assertLess(np.corrcoef(parts[0], parts[1])[0, 1], 0.5)
        size = min(len(parts[0]), len(parts[2]))
        self.assertGreater(np.corrcoef(parts[0][:size], parts[2][:size])[0, 1], 0.95)


class LongSectionsTest(unittest.TestCase):
    """The voice says what stands over the picture."""

    def said(self, numbering: Numbering, counts: range) -> list[str]:
        section = Section("long", 32)
        lines = lines_of(grid_at(60, 60, 0.5, 0), Dance("d", (section,), (Item(ItemKind.WALL),)))
        words: list[str] = []
        with mock.patch("vamos.core.render.clip_sound.say", side_effect=lambda w, *_, **__: words.append(w) or say(w)):
            out = np.zeros((34 * RATE, 2), np.float32)
            add_voice(
                out, RATE, spoken_counts(lines, F(counts.start), F(counts.stop), numbering), TimeMap.line(0.0, 0.5, 1.0)
            )
        for k in counts:
            self.assertGreater(np.abs(out[round((k + 0.5) * RATE) : round((k + 0.9) * RATE)]).max(), 0.05, k)
        return words

    def test_past_sixteen(self):
        self.assertEqual(self.said(Numbering.SHEET, range(15, 22))[-2:], ["twenty one", "twenty two"])

    def test_as_the_plates_count(self):
        self.assertEqual(self.said(Numbering.EIGHTS, range(8, 10)), ["one", "two"])
        self.assertEqual(self.said(Numbering.SETS, range(16, 18)), ["three", "two"])
        self.assertEqual(self.said(Numbering.HALF, range(2, 4)), ["two", "and"])

    def test_parts_of_a_count_on_which_one_dances(self):
        """1 & 2 is said so, each word on its place; a hold on an & is not said."""
        section = Section("s", 8, parse_line("kick ball change R 1&2, hold &, step L 3"))
        lines = lines_of(grid_at(60, 60, 0.5, 0), Dance("d", (section,), (Item(ItemKind.WALL),)))
        words: list[str] = []
        with mock.patch("vamos.core.render.clip_sound.say", side_effect=lambda w, *_, **__: words.append(w) or say(w)):
            out = np.zeros((9 * RATE, 2), np.float32)
            add_voice(out, RATE, spoken_counts(lines, F(0), F(4)), TimeMap.line(0.0, 0.5, 1.0))
        self.assertEqual(words, ["one", "and", "two", "three", "four"])
        for at in (0.5, 1.0, 1.5, 2.5, 3.5):
            self.assertLess(abs(steep_rise(out[:, 0], at)), 0.02, at)


class HalfTimeTest(unittest.TestCase):
    def timing(self, version: Version, run_up: int, grid: Grid = GRID):
        clip = Clip("", "", "", 0, CountRange(F(8), F(16)), View.FRONT, "", 0, F(run_up), F(1), False, "")
        return Stage(grid, LINES, Output(rate=30)).timing(clip, version)

    def test_count_1_stands_on_the_songs_own_1_whatever_the_run_up(self):
        """Correlated with the song: at the moment the plate shows the 1, the song's 1 is heard; later counts every
        second beat of the music, also where the music slows down."""
        slowing = [0.5]
        for k in range(60):
            slowing.append(slowing[-1] + 0.5 * (1 + k / 200))
        rng = np.random.default_rng(5)
        song = Sound(rng.normal(0, 0.1, (RATE * 50, 2)).astype(np.float32), RATE)
        for grid in (GRID, replace(GRID, anchors=tuple(Anchor(F(k - 8), s) for k, s in enumerate(slowing)))):
            for run_up in (0, 2, 3):
                for speed in (F(1), F(3, 4)):
                    t = self.timing(Version(speed, ClipSound.SONG, half_time=True), run_up, grid)
                    for k in range(8):
                        music_s = (t.out_s(F(8 + k)) + t.rate.seconds(t.first_frame)) * float(speed)
                        self.assertAlmostEqual(music_s, grid.time_map()(F(8 + 2 * k)), places=6)
            t = self.timing(Version(F(1), ClipSound.SONG, half_time=True), 2, grid)
            out = version_sound(Version(F(1), ClipSound.SONG, half_time=True), t, Told(LINES), song, None, np.zeros(0))
            shown, heard = t.frame_of(F(8)) * RATE // 30, round(grid.time_map()(F(8)) * RATE)
            piece = out[shown : shown + 4000, 0]
            around = song.samples[heard - RATE // 10 : heard + RATE // 10 + 4000, 0]
            lag = int(np.argmax(np.correlate(around, piece, "valid"))) - RATE // 10
            self.assertLessEqual(abs(lag), RATE // 60 + 1)

    def test_double_time_stands_on_the_songs_own_1_and_on_every_half_beat(self):
        """At 100 and 50 %: count k of the dance is heard with the music's k ÷ 2; the picture moves twice as fast."""
        for speed in (F(1), F(1, 2)):
            version = Version(speed, ClipSound.SONG, double_time=True)
            self.assertEqual(version.picture_speed, 2 * speed)
            t = self.timing(version, 2, GRID)
            for k in range(8):
                music_s = (t.out_s(F(8 + k)) + t.rate.seconds(t.first_frame)) * float(speed)
                self.assertAlmostEqual(music_s, GRID.time_map()(F(8) + F(k, 2)), places=6)

    def test_the_music_keeps_its_speed_while_the_dance_is_slow(self):
        """Twice as long a clip; the song's beats are still half a second apart and begin with the clip."""
        version = Version(F(1), ClipSound.SONG, half_time=True)
        t = clip_timing(GRID, CountRange(F(0), F(8)), version.speed, FrameRate.of(30), paced=(F(0), F(1, 2)))
        song = np.zeros((RATE * 30, 2), np.float32)
        beats = GRID.time_map()(np.arange(0, 40, dtype=float))
        for at in beats:
            song[round(at * RATE) : round(at * RATE) + 96] = np.hanning(96)[:, None]
        out = version_sound(version, t, Told(LINES), Sound(song, RATE), None, np.zeros(0))
        self.assertAlmostEqual(t.duration_s, 8.0, delta=0.05)
        wanted = [k * 0.5 for k in range(1, 15)]
        for a, b in zip(onsets(out, wanted, 0.1), wanted, strict=True):
            self.assertAlmostEqual(a, b, delta=0.02)


class ExcerptTest(unittest.TestCase):
    def test_clicks_go_on_behind_an_excerpt_where_much_is_left(self):
        """24 counts, four seconds of the song: from count 9 on (4 s at 120 a minute) it clicks on each count."""
        song = Sound(np.random.default_rng(2).normal(0, 0.1, (40 * RATE, 2)).astype(np.float32), RATE)
        clip = clip_timing(GRID, CountRange(F(0), F(24)), F(1), FrameRate.of(30))
        out = version_sound(Version(), clip, Told(LINES, mix=Mix(excerpt_s=4.0)), song, None, np.zeros(clip.frames))
        assert out is not None
        to_out = clip.counts_to_out()
        for k in range(9, 23):
            at = float(to_out(F(k)))
            loud, quiet = (
                np.abs(out[round(a * RATE) : round(b * RATE)]).max() for a, b in ((at, at + 0.03), (at + 0.2, at + 0.4))
            )
            self.assertGreater(loud, 0.1, k)
            self.assertLess(quiet, 0.01, k)
        short = clip_timing(GRID, CountRange(F(0), F(14)), F(1), FrameRate.of(30))
        out = version_sound(Version(), short, Told(LINES, mix=Mix(excerpt_s=4.0)), song, None, np.zeros(short.frames))
        assert out is not None
        self.assertEqual(float(np.abs(out[round(4.1 * RATE) :]).max()), 0.0)


class LanguageTest(unittest.TestCase):
    def test_every_language_is_spoken(self):
        """The library has a voice for each, and three counts sound otherwise than in English."""
        self.assertEqual(tuple(LANGUAGES), VOICES)
        english = [say(in_language(word, "en"), 200)[0] for word in ("3", "7", "and")]
        for code in VOICES[1:]:
            with self.subTest(code):
                for word, other in zip(("3", "7", "and"), english, strict=True):
                    sound, _ = say(in_language(word, code), 200, language=code)
                    self.assertGreater(len(sound), 1000)
                    same = len(sound) == len(other) and np.allclose(sound, other)
                    self.assertFalse(same, word)

    def test_words(self):
        self.assertEqual([in_language(w, "en") for w in ("12", "and", "go", "uh")], ["twelve", "and", "go", "uh"])
        self.assertEqual([in_language(w, "de") for w in ("12", "and", "go", "uh")], ["12", "und", "los", "uh"])
        with self.assertRaisesRegex(InputError, "speaks en, de"):
            Mix(language="xx")

    def test_a_clip_counts_in_it(self):
        """The same clip with the voice in two languages: onsets on the same counts, other sounds."""

        def heard(language):
            t = clip_timing(GRID, CountRange(F(0), F(8)), F(1), FrameRate.of(30))
            told = Told(LINES, mix=Mix(language=language))
            return version_sound(Version(F(1), ClipSound.VOICE), t, told, None, None, np.zeros(t.frames))

        en, fr = heard("en"), heard("fr")
        self.assertEqual(len(en), len(fr))
        self.assertGreater(float(np.abs(en - fr).max()), 0.1)
        first = round((GRID.time_map()(1) - GRID.time_map()(0)) * RATE)
        for sound in (en, fr):
            self.assertGreater(float(np.abs(sound[first : first + RATE // 10]).max()), 0.05)


if __name__ == "__main__":
    unittest.main()
