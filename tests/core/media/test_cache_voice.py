"""The cache is bounded and forgiving; the counting voice speaks from its onset on."""

import unittest
from unittest import mock

import numpy as np

from tests.support import FolderCase
from vamos.core.media import cache
from vamos.core.media.voice import number_word, say


class CacheTest(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        patch = mock.patch("vamos.core.media.cache.folder", return_value=self.folder)
        patch.start()
        self.addCleanup(patch.stop)

    def test_what_is_kept_comes_back(self):
        cache.keep("k", "a", x=np.arange(5), y=np.eye(2))
        back = cache.load("k", "a")
        np.testing.assert_array_equal(back["x"], np.arange(5))
        np.testing.assert_array_equal(back["y"], np.eye(2))

    def test_nothing_kept_is_none(self):
        self.assertIsNone(cache.load("k", "nowhere"))

    def test_a_damaged_file_counts_as_none(self):
        cache.keep("k", "a", x=np.arange(5000))
        path = cache.place("k", "a")
        path.write_bytes(path.read_bytes()[:300])
        self.assertIsNone(cache.load("k", "a"))

    def test_the_oldest_go_when_it_grows_too_large(self):
        """The file used last stays."""
        import os

        with mock.patch("vamos.core.media.cache.LIMIT", 100_000):
            for number in range(4):
                cache.keep("k", str(number), x=np.zeros(5000))
                path = cache.place("k", str(number))
                if path.exists():
                    os.utime(path, (number, number))
            cache.keep("k", "last", x=np.zeros(5000))
        self.assertTrue(cache.place("k", "last").exists())
        self.assertFalse(cache.place("k", "0").exists())

    def test_a_key_never_leaves_the_folder(self):
        """Keys come out of project files of strangers."""
        for key in ("../../outside", "/etc/passwd", "a" * 5000, "nul\0"):
            cache.keep("k", key, x=np.arange(3))
            np.testing.assert_array_equal(cache.load("k", key)["x"], np.arange(3))
        self.assertTrue(all(p == "k" or p.startswith("k/") for p in self.listing()))
        self.assertEqual(list(self.folder.parent.glob("outside*")), [])

    def test_a_file_that_goes_while_the_cache_is_cut_back(self):
        cache.keep("k", "a", x=np.arange(3))
        gone = cache.place("k", "gone")
        gone.symlink_to(self.folder / "nowhere")
        with mock.patch("vamos.core.media.cache.LIMIT", 0):
            cache.cut_back()
        self.assertIsNone(cache.load("k", "a"))

    def test_a_full_disk_is_no_error(self):
        """It only means that it is made again next time; no scrap is left."""
        with mock.patch("os.replace", side_effect=OSError(28, "full")):
            cache.keep("k", "a", x=np.arange(5))
        self.assertEqual(self.listing(), ["k"])


class VoiceTest(unittest.TestCase):
    def test_words_begin_at_once(self):
        """Silence before a word is trimmed, so that it can be put on a count."""
        for word in map(number_word, range(1, 9)):
            samples, rate = say(word)
            with self.subTest(word):
                self.assertGreater(np.abs(samples[: rate // 50]).max(), 0.01)
                self.assertTrue(0.1 < len(samples) / rate < 1.2)

    def test_numbers_past_sixteen_are_words(self):
        self.assertEqual(
            [number_word(n) for n in (1, 16, 17, 20, 21, 48, 100, 101, 128)],
            [
                "one",
                "sixteen",
                "seventeen",
                "twenty",
                "twenty one",
                "forty eight",
                "one hundred",
                "one hundred one",
                "one hundred twenty eight",
            ],
        )

    def test_the_same_word_is_the_same_sound(self):
        np.testing.assert_array_equal(say("five")[0], say("five")[0])

    def test_words_differ(self):
        self.assertNotEqual(len(say("six")[0]), len(say("seven")[0]))


if __name__ == "__main__":
    unittest.main()
