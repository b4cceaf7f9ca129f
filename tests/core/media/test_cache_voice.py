"""The cache is bounded and forgiving; the counting voice speaks from its onset on."""

import unittest
from unittest import mock

import numpy as np

from tests.support import FolderCase
from vamos.core.media import cache
from vamos.core.media.voice import NUMBER_WORDS, say


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
        path = self.folder / "k" / "a.npz"
        path.write_bytes(path.read_bytes()[:300])
        self.assertIsNone(cache.load("k", "a"))

    def test_the_oldest_go_when_it_grows_too_large(self):
        """The file used last stays."""
        import os

        with mock.patch("vamos.core.media.cache.LIMIT", 100_000):
            for number in range(4):
                cache.keep("k", str(number), x=np.zeros(5000))
                path = self.folder / "k" / f"{number}.npz"
                if path.exists():
                    os.utime(path, (number, number))
            cache.keep("k", "last", x=np.zeros(5000))
        left = [p for p in self.listing() if p.endswith(".npz")]
        self.assertIn("k/last.npz", left)
        self.assertNotIn("k/0.npz", left)

    def test_a_full_disk_is_no_error(self):
        """It only means that it is made again next time; no scrap is left."""
        with mock.patch("os.replace", side_effect=OSError(28, "full")):
            cache.keep("k", "a", x=np.arange(5))
        self.assertEqual(self.listing(), ["k"])


class VoiceTest(unittest.TestCase):
    def test_words_begin_at_once(self):
        """Silence before a word is trimmed, so that it can be put on a count."""
        for word in NUMBER_WORDS[:8]:
            samples, rate = say(word)
            with self.subTest(word):
                self.assertGreater(np.abs(samples[: rate // 50]).max(), 0.01)
                self.assertTrue(0.1 < len(samples) / rate < 1.2)

    def test_the_same_word_is_the_same_sound(self):
        np.testing.assert_array_equal(say("five")[0], say("five")[0])

    def test_words_differ(self):
        self.assertNotEqual(len(say("six")[0]), len(say("seven")[0]))


if __name__ == "__main__":
    unittest.main()
