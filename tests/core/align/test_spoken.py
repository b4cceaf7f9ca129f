"""Numbers said aloud: understood in a take, made into countings; talk, steps and music are none."""

import unittest
from unittest import mock

import numpy as np
import scipy.signal

from tests.support import FolderCase
from vamos.core.align import spoken
from vamos.core.align.counted import Counting, find_countings
from vamos.core.align.spoken import NUMBERS, RATE, Number, chains, numbers_in
from vamos.core.media.sound import Sound, write_wav
from vamos.core.media.voice import say


def words_at(times: list[float], words: list[str], seconds: float, noise: float = 0.002) -> np.ndarray:
    """Words of the counting voice that begin at moments, mono at ``RATE``."""
    out = noise * np.random.default_rng(0).standard_normal(int(seconds * RATE))
    for at, word in zip(times, words, strict=True):
        voice, rate = say(word, 170, 50)
        sound = scipy.signal.resample_poly(np.asarray(voice, dtype=np.float64), RATE, rate)
        first = int(at * RATE)
        out[first : first + len(sound)] += 0.3 * sound[: len(out) - first]
    return out.astype(np.float32)


def counted(first: int, many: int, period: float = 0.6, start: float = 1.0) -> tuple[list[float], list[str]]:
    """Moments and words of a counting that begins with a number."""
    return [start + k * period for k in range(many)], [NUMBERS[(first - 1 + k) % 8] for k in range(many)]


def heard(numbers: str, period: float = 0.6, start: float = 0.0) -> list[Number]:
    """A number for each digit, a dot for one that was not heard."""
    return [Number(start + k * period, int(n)) for k, n in enumerate(numbers) if n != "."]


@unittest.skipUnless(spoken.listens(), "pocketsphinx is not installed here")
class ListenTest(FolderCase):
    def found(self, sound: np.ndarray) -> list[Counting]:
        write_wav(self.folder / "s.wav", Sound(sound[:, None], RATE))
        return find_countings(self.folder / "s.wav")

    def test_what_is_said_and_when(self):
        times, words = counted(1, 24)
        said = numbers_in(words_at(times, words, 17))
        right = [n for n in said if any(abs(n.take_s - t) < 0.08 and NUMBERS[n.number - 1] == w
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
                np.testing.assert_allclose(said[: len(ones)], ones[: len(said)], atol=0.06)
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
        self.assertAlmostEqual(float(b.times_s[b.first]), 26.0 + 4 * 0.75, delta=0.08)

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


class WithoutTheRecogniserTest(FolderCase):
    def test_steady_speech_is_a_question(self):
        """The beats of the voice are found, never sure; steps are still none."""
        times, words = counted(1, 32)
        write_wav(self.folder / "s.wav", Sound(words_at(times, words, 21)[:, None], RATE))
        with mock.patch.object(spoken, "_decoder", return_value=None):
            self.assertFalse(spoken.listens())
            (found,) = find_countings(self.folder / "s.wav")
        self.assertLessEqual(found.confidence, 0.5)
        self.assertAlmostEqual(float(np.median(np.diff(found.times_s))), 0.6, delta=0.02)


class ChainsTest(unittest.TestCase):
    def test_misheard_and_missing_numbers(self):
        """Three wrong and three missing of twenty-four: one chain, the count of every one as it was meant."""
        (chain,) = chains(heard("123456781.3456.815345.72"))
        self.assertEqual(len(chain.times_s), 21)
        np.testing.assert_allclose(chain.counts * 0.6, chain.times_s)
        times, first = chain.all_times()
        np.testing.assert_allclose(times, np.arange(24) * 0.6)
        self.assertEqual(first, 0)

    def test_only_the_odd_counts_and_only_five_to_eight(self):
        for said in ("1.3.5.7." * 3, "....5678" * 4):
            (chain,) = chains(heard(said))
            times, first = chain.all_times()
            self.assertAlmostEqual(float(times[1] - times[0]), 0.6)
            ones = [round(float(t) / 0.6) for t in times[first::8]]
            self.assertTrue(ones and all(k % 8 == 0 for k in ones), ones)

    def test_a_pace_that_drifts(self):
        at = np.cumsum(0.5 * 1.012 ** np.arange(40))
        (chain,) = chains([Number(float(t), k % 8 + 1) for k, t in enumerate(at)])
        self.assertEqual(chain.counts.tolist(), list(range(40)))

    def test_numbers_at_random_are_none(self):
        rng = np.random.default_rng(1)
        for _ in range(30):
            at = np.cumsum(rng.exponential(0.9, 66))
            self.assertEqual(chains([Number(float(t), int(rng.integers(1, 9))) for t in at]), [])

    def test_too_few_or_none(self):
        self.assertEqual(chains([]), [])
        self.assertEqual(chains(heard("123456")), [])
        self.assertEqual(chains(heard("11111111")), [])
