"""Small copies for watching: the same moments, upright, kept and bounded; nothing half-made stays."""

import unittest
from fractions import Fraction
from unittest import mock

import numpy as np

from tests.support import FolderCase, block_share, film_of
from vamos.core.media import cache, proxy
from vamos.core.media.frames import FrameReader, frame_times
from vamos.core.media.probe import Probe
from vamos.core.progress import Progress
from vamos.errors import MediaError, Stopped


class ProxyTest(FolderCase):
    def test_the_same_moments(self):
        """Uneven times and a late first frame: frame by frame within a tenth of a millisecond, the same picture."""
        times = 0.4 + np.cumsum(np.r_[0, np.tile([0.033, 0.034, 0.1], 20)])
        path = film_of(self.folder / "a.mp4", 5.0, times=times, size=(1280, 720))
        small = proxy.make(path, "uneven", 5.0)
        with FrameReader(path) as whole, FrameReader(small) as copy:
            for at in (0.5, 1.234, 2.0, 3.3):
                a, b = whole.nearest(at), copy.nearest(at)
                self.assertAlmostEqual(whole.time_of(a), copy.time_of(b), places=4)
                shares = [block_share(f.to_ndarray(format="gray")) for f in (a, b)]
                self.assertAlmostEqual(*shares, delta=0.005)
            self.assertEqual(max(b.width, b.height), 640)
        own = frame_times(path, 1.0, 3.0)
        np.testing.assert_allclose(own, frame_times(small, 1.0, 3.0)[: len(own)], atol=1e-4)

    def test_a_turned_film_stands_upright(self):
        path = film_of(self.folder / "a.mp4", 1.0, size=(1280, 720), rotation=90)
        with FrameReader(proxy.make(path, "turned", 1.0)) as copy:
            frame = copy.nearest(0.5)
        self.assertEqual((frame.width, frame.height, frame.rotation), (360, 640, 0))

    def test_made_once(self):
        path = film_of(self.folder / "a.mp4", 1.0, size=(640, 360))
        first = proxy.make(path, "once", 1.0)
        before = first.stat().st_ino
        self.assertEqual(proxy.make(path, "once", 1.0).stat().st_ino, before)
        self.assertEqual(proxy.ready("once"), first)
        self.assertIsNone(proxy.ready("never"))

    def test_stopped_leaves_nothing(self):
        path = film_of(self.folder / "a.mp4", 2.0, Fraction(30))
        with self.assertRaises(Stopped):
            proxy.make(path, "stopped", 2.0, Progress(stop_asked=lambda: True))
        self.assertEqual(list((cache.folder() / "proxies").glob("*.part*")), [])
        self.assertIsNone(proxy.ready("stopped"))

    def test_a_cache_that_cannot_be_written(self):
        path = film_of(self.folder / "a.mp4", 1.0)
        with (
            mock.patch("vamos.core.media.proxy.tempfile.mkstemp", side_effect=OSError(28, "No space left on device")),
            self.assertRaisesRegex(MediaError, "film itself is used"),
        ):
            proxy.make(path, "full", 1.0)

    def test_for_whom(self):
        """4K and HEVC in full HD; not what can be watched as it is, nor an hour."""
        self.assertTrue(proxy.wanted(Probe(60, True, True, 3840, 2160, "h264")))
        self.assertTrue(proxy.wanted(Probe(60, True, True, 1080, 1920, "hevc")))
        self.assertFalse(proxy.wanted(Probe(60, True, True, 1280, 720, "h264")))
        self.assertFalse(proxy.wanted(Probe(3600, True, True, 3840, 2160, "h264")))

    def test_the_cache_is_bounded(self):
        path = film_of(self.folder / "a.mp4", 1.0)
        proxy.make(path, "old", 1.0)
        with mock.patch.object(cache, "LIMIT", 0):
            cache.cut_back()
        self.assertIsNone(proxy.ready("old"))


if __name__ == "__main__":
    unittest.main()
