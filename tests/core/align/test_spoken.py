"""Numbers said aloud: understood in a take, made into countings; talk, steps and music are none."""

import unittest
from unittest import mock

import numpy as np
import scipy.signal

from tests.support import FolderCase
from vamos.core.align import spoken
from vamos.core.align.counted import Counting, find_countings
from vamos.core.align.spoken import NUMBERS, RATE, numbers_in
from vamos.core.media.sound import Sound, write_wav
from vamos.core.media.voice import say
from vamos.core.media.word_centre import word_centre_s


def words_at(times: list[float], words: list[str], seconds: float, noise: float = 0.002) -> np.ndarray:
    """Words of the counting voice that are heard at moments, as people put them, mono at ``RATE``."""
    out = noise * np.random.default_rng(0).standard_normal(int(seconds * RATE))
    for at, word in zip(times, words, strict=True):
        voice, rate = say(word, 170, 50)
        sound = scipy.signal.resample_poly(np.asarray(voice, dtype=np.float64), RATE, rate)
        first = round((at - word_centre_s(sound.astype(np.float32), RATE)) * RATE)
        out[first : first + len(sound)] += 0.3 * sound[: len(out) - first]
    return out.astype(np.float32)


def counted(first: int, many: int, period: float = 0.6, start: float = 1.0) -> tuple[list[float], list[str]]:
    """Moments and words of a counting that begins with a number."""
    return [start + k * period for k in range(many)], [NUMBERS[(first - 1 + k) % 8] for k in range(many)]


@unittest.skipUnless(spoken.listens(), "pocketsphinx is not installed here")
class ListenTest(FolderCase):
    def found(self, sound: np.ndarray) -> list[Counting]:
        write_wav(self.folder / "s.wav", Sound(sound[:, None], RATE))
        return find_countings(self.folder / "s.wav")

    def test_what_is_said_and_when(self):
        times, words = counted(1, 24)
        said = numbers_in(words_at(times, words, 17))
        right = [n for n in said if any(-0.16 < n.take_s - t < 0.05 and NUMBERS[n.number - 1] == w
                                        for t, w in zip(times, words, strict=True))]  # fmt: skip
        self.assertGreaterEqual(len(right), 20)

    def test_the_one_is_where_one_is_said(self):
        """Begun with five, six, seven, eight: the first 1 is the fifth count; times within 50 ms."""
        for first in (1, 5, 3):
            times, words = counted(first, 28)
            (found,) = self.found(words_at(times, words, 19))
            with self.subTest(first):
                said = found.times_s[found.first :: 8]
                ones = [t for t, w in zip(times, words, strict=True) if w == "one"]
                np.testing.assert_allclose(said[: len(ones)], ones[: len(said)], atol=0.03)
                self.assertGreater(found.sure_of_one, 0.6)
                self.assertGreater(found.confidence, 0.5)

    def test_two_countings_with_talk_between(self):
        first, one = counted(1, 16)
        second, two = counted(5, 20, 0.75, 26.0)
        talk = ["put the weight on the left foot", "and now the fan", "turn to the window please"]
        sound = words_at([*first, 12.0, 15.5, 19.0, *second], [*one, *talk, *two], 42)
        a, b = self.found(sound)
        self.assertAlmostEqual(float(np.median(np.diff(a.times_s))), 0.6, delta=0.02)
        self.assertAlmostEqual(float(np.median(np.diff(b.times_s))), 0.75, delta=0.02)
        self.assertAlmostEqual(float(b.times_s[b.first]), 26.0 + 4 * 0.75, delta=0.03)

    def test_talk_steps_and_music_are_no_counting(self):
        rng = np.random.default_rng(3)
        talk = words_at(
            [1, 5, 9, 13, 17], ["now listen, the left arm goes up, then the fan opens and you look back"] * 5, 24
        )
        steps = 0.002 * rng.standard_normal(24 * RATE)
        for at in np.arange(1, 23, 0.5):
            steps[int(at * RATE) :][:1200] += 0.3 * rng.standard_normal(1200) * np.exp(-np.arange(1200) / 160)
        t = np.arange(24 * RATE) / RATE
        music = sum(0.1 * np.sin(2 * np.pi * hz * t) for hz in (220, 277, 330))
        music = music * (0.6 + 0.4 * scipy.signal.sawtooth(2 * np.pi * 2 * t, 0.1))
        for name, sound in (("talk", talk), ("steps", steps), ("music", music)):
            with self.subTest(name):
                self.assertEqual(self.found(np.asarray(sound, dtype=np.float32)), [])

    def test_silence_and_short_sounds(self):
        self.assertEqual(numbers_in(np.zeros(5 * RATE, np.float32)), [])
        self.assertEqual(numbers_in(np.zeros(10, np.float32)), [])


class AnyLanguageTest(FolderCase):
    """A counting is found by its rhythm; voices of eSpeak, whose default ones the numbers were taken from."""

    def found(self, language: str, first: int, many: int, keep=lambda n: True) -> tuple[list[Counting], list[float]]:
        period, out, ones = 0.62, np.zeros(int((many * 0.62 + 4) * RATE)), []
        out += 0.002 * np.random.default_rng(1).standard_normal(len(out))
        for k in range(many):
            number = (first - 1 + k) % 8 + 1
            voice, rate = say(str(number), 165, 45, language)
            word = scipy.signal.resample_poly(np.asarray(voice, np.float64), RATE, rate)
            at = 1 + k * period
            if keep(number):
                out[round((at - word_centre_s(word.astype(np.float32), RATE)) * RATE) :][: len(word)] += 0.3 * word
            if number == 1:
                ones.append(at)
        write_wav(self.folder / "s.wav", Sound(out.astype(np.float32)[:, None], RATE))
        with mock.patch.object(spoken, "_decoder", return_value=None):
            return find_countings(self.folder / "s.wav"), ones

    def test_without_the_recogniser_and_in_other_languages(self):
        for language, first in (("en", 1), ("de+f2", 5), ("es+m3", 1), ("fr-fr+f4", 3), ("pl+m7", 1), ("cmn", 1)):
            with self.subTest(language):
                (found,), ones = self.found(language, first, 32)
                self.assertGreater(found.confidence, 0.5)
                said = found.times_s[found.first :: 8]
                self.assertLess(float(np.abs(said[:, None] - ones).min(axis=1).max()), 0.08)

    def test_a_language_it_has_no_numbers_of_is_asked(self):
        (found,), _ = self.found("tr", 1, 32)
        self.assertGreater(found.confidence, 0.5)
        self.assertLessEqual(found.sure_of_one, 0.3)

    def test_only_the_odd_counts(self):
        (found,), ones = self.found("en", 1, 40, lambda n: n % 2 == 1)
        self.assertAlmostEqual(float(np.median(np.diff(found.times_s))), 0.62, delta=0.02)
        self.assertLess(float(np.abs(found.times_s[found.first :: 8][:, None] - ones).min(axis=1).max()), 0.08)


class WordCentreTest(unittest.TestCase):
    def test_the_vowel_and_not_the_first_sound(self):
        """“six” begins with a hiss of some 100 ms; a bare vowel is heard where it begins (Morton and others 1976)."""
        hiss = 0.05 * np.random.default_rng(0).standard_normal(int(0.12 * RATE))
        t = np.arange(int(0.2 * RATE)) / RATE
        vowel = 0.4 * sum(np.sin(2 * np.pi * 140 * k * t) / k for k in range(1, 12)) * np.minimum(1, t / 0.02)
        late = word_centre_s(np.concatenate([hiss, vowel]).astype(np.float32), RATE)
        alone = word_centre_s(vowel.astype(np.float32), RATE)
        self.assertAlmostEqual(late - alone, 0.12, delta=0.012)
        self.assertLess(alone, 0.03)
        self.assertEqual(word_centre_s(np.zeros(10, np.float32), RATE), 0.0)
