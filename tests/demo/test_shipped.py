"""The films and the song that come with Vamos are those the simulator makes: stretches are made again and compared."""

import os
import unittest
from functools import cache

import av
import numpy as np
from skimage.metrics import structural_similarity

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

from PyQt6.QtGui import QGuiApplication, QImage

from vamos.core.media.frames import FrameReader, shown_size, yuv_planes
from vamos.core.media.sound import read_sound
from vamos.core.model.take import Danced
from vamos.demo.build import SHIPPED, SONG
from vamos.demo.dancer import Dancer
from vamos.demo.film import picture
from vamos.demo.song import make_song
from vamos.demo.sound import RATE, take_sound
from vamos.demo.takes import SPECS

song = cache(make_song)


def luma(image: QImage) -> np.ndarray:
    """The brightness of a picture after ITU-R BT.709, in the narrow range of films."""
    image = image.convertToFormat(QImage.Format.Format_RGB888)
    bits = image.constBits()
    bits.setsize(image.sizeInBytes())
    rows = np.frombuffer(bits.asstring(), np.uint8).reshape(image.height(), image.bytesPerLine())
    rgb = rows[:, : 3 * image.width()].reshape(image.height(), image.width(), 3).astype(float)
    return 16 + 219 / 255 * (rgb @ [0.2126, 0.7152, 0.0722])


def best_lag(made: np.ndarray, shipped: np.ndarray, reach: int) -> tuple[int, float]:
    """The lag at which two sounds are most alike, and how alike they are there."""
    core = made[reach : len(made) - reach]
    alike = [
        float(core @ shipped[reach + k : reach + k + len(core)])
        / float(np.linalg.norm(core) * np.linalg.norm(shipped[reach + k : reach + k + len(core)]))
        for k in range(-reach, reach + 1)
    ]
    return int(np.argmax(alike)) - reach, max(alike)


class ShippedTest(unittest.TestCase):
    @classmethod
    def setUpClass(cls) -> None:
        cls.app = QGuiApplication.instance() or QGuiApplication([])

    def test_pictures(self):
        """Three frames of each film, at their own times: structural similarity (scikit-image) at least 0.9, and nearer
        than to the picture half a second on."""
        for spec in SPECS:
            dancer = Dancer(mirrored=spec.danced is Danced.MIRRORED)
            reader = FrameReader(SHIPPED / spec.file)
            self.addCleanup(reader.close)
            for share in (0.31, 0.57, 0.83):
                frame = reader.nearest(share * spec.duration_s)
                at_s = float(frame.pts * frame.time_base)
                shown = yuv_planes(frame, *shown_size(frame))[0].astype(float)
                now, later = (
                    structural_similarity(shown, luma(picture(spec, dancer, s)), data_range=219)
                    for s in (at_s, at_s + 0.5)
                )
                with self.subTest(film=spec.file, second=round(at_s, 2)):
                    self.assertGreater(now, 0.9)
                    self.assertGreater(now, later)

    def test_the_song(self):
        """Ten seconds of it, decoded, lie on those made now to the sample."""
        made = song()
        shipped = read_sound(SHIPPED / SONG, made.rate, 1)
        self.assertAlmostEqual(len(made.samples) / made.rate, len(shipped.samples) / made.rate, delta=0.02)
        part = slice(20 * made.rate, 30 * made.rate)
        lag, alike = best_lag(made.mono()[part], shipped.mono()[part], 60)
        self.assertEqual(lag, 0)
        self.assertGreater(alike, 0.95)

    def test_what_the_films_hear(self):
        """Four seconds of each film's own sound lie on those made now within a sample."""
        for spec in SPECS:
            made = take_sound(spec, song())[:, 0]
            with av.open(str(SHIPPED / spec.file)) as container:
                self.assertTrue(container.streams.audio, spec.file)
            shipped = read_sound(SHIPPED / spec.file, RATE, 1).mono()
            start = int(0.4 * len(made))
            part = slice(start, start + 4 * RATE)
            lag, alike = best_lag(made[part].astype(np.float32), shipped[part], 60)
            with self.subTest(spec.file):
                self.assertLessEqual(abs(lag), 1)
                self.assertGreater(alike, 0.9)


if __name__ == "__main__":
    unittest.main()
