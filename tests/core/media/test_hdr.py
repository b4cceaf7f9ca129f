"""Films in high dynamic range: natural colours, by the levels of ITU-R BT.2408."""

import unittest
from unittest import mock

import av
import numpy as np

from tests.support import FolderCase
from vamos.core.media import hdr, proxy
from vamos.core.media.frames import FrameReader, matrix_of, yuv_planes
from vamos.core.media.hdr import HLG, PQ, natural, pq_light, pq_signal, rolled_off

#: The 18 % grey card: 26 cd/m² in PQ (38 %), 38 % in HLG, and 42.5 % in BT.709 (ITU-R BT.2408, table 1).
GREY_HLG, GREY_PQ, GREY_709 = 0.38, 0.38, 0.425


def grey(signal: float) -> np.ndarray:
    return np.full((1, 3), signal)


class CurvesTest(unittest.TestCase):
    def test_the_grey_card(self):
        self.assertAlmostEqual(float(natural(grey(GREY_HLG), HLG)[0, 0]), GREY_709, delta=0.005)
        self.assertAlmostEqual(float(natural(grey(GREY_PQ), PQ)[0, 0]), GREY_709, delta=0.01)

    def test_reference_white_stays_below_the_brightest_and_nothing_clips_before(self):
        """203 cd/m² is 58 % in PQ and 75 % in HLG (BT.2408): both become the same, with room above for lights."""
        pq, hlg = float(natural(grey(0.58), PQ)[0, 0]), float(natural(grey(0.75), HLG)[0, 0])
        self.assertAlmostEqual(pq, hlg, delta=0.01)
        self.assertTrue(0.85 < hlg < 0.95)
        for transfer in (PQ, HLG):
            steps = np.linspace(0, 0.75, 60)[:, None].repeat(3, axis=1)
            self.assertTrue((np.diff(natural(steps, transfer)[:, 0]) > 0).all())

    def test_pq_there_and_back(self):
        """100 cd/m² is a signal of 0.5081 (SMPTE ST 2084)."""
        self.assertAlmostEqual(float(pq_signal(np.array(100.0))), 0.5081, places=4)
        light = np.array([0.0, 0.1, 26.0, 203.0, 1000.0, 10000.0])
        np.testing.assert_allclose(pq_light(pq_signal(light)), light, rtol=1e-6, atol=1e-6)

    def test_what_is_dark_is_not_touched(self):
        light = np.array([0.0, 1.0, 20.0, 60.0])
        np.testing.assert_allclose(rolled_off(light), light, rtol=1e-6, atol=1e-6)
        self.assertAlmostEqual(float(rolled_off(np.array(1000.0))), 203.0, delta=0.5)

    def test_greys_stay_grey_and_hues_stay(self):
        for transfer in (PQ, HLG):
            greys = natural(np.linspace(0, 1, 20)[:, None].repeat(3, axis=1), transfer)
            self.assertLess(float(np.ptp(greys, axis=1).max()), 0.002)
        skin = natural(np.array([[0.55, 0.45, 0.40]]), HLG)[0]
        self.assertTrue(skin[0] > skin[1] > skin[2])


class FilmTest(FolderCase):
    def film(self, transfer: int, signal: float):
        """A grey film in 10 bits, BT.2020."""
        path = self.folder / f"{transfer}.mp4"
        with av.open(str(path), "w") as out:
            stream = out.add_stream("libx265", rate=30)
            stream.width, stream.height, stream.pix_fmt = 320, 180, "yuv420p10le"
            stream.options = {"preset": "ultrafast", "crf": "4", "x265-params": "log-level=none"}
            context = stream.codec_context
            context.color_primaries, context.color_trc, context.colorspace = 9, transfer, 9
            context.color_range = 1
            luma = np.full((270, 320), 512, np.uint16)
            luma[:180] = round(64 + 876 * signal)
            for _ in range(6):
                frame = av.VideoFrame.from_ndarray(luma, format="yuv420p10le")
                frame.color_trc, frame.color_primaries, frame.colorspace, frame.color_range = transfer, 9, 9, 1
                out.mux(stream.encode(frame))
            out.mux(stream.encode(None))
        return path

    def test_a_film_is_read_in_natural_colours(self):
        """The grey card is written at 42.5 % in 8 bits, neutral, as BT.709; also from its small copy."""
        for transfer, signal in ((HLG, GREY_HLG), (PQ, GREY_PQ)):
            path = self.film(transfer, signal)
            proxy.make(path, f"hdr {transfer}", 0.2)
            for source in (path, proxy.ready(f"hdr {transfer}")):
                with self.subTest(source), FrameReader(source) as reader:
                    frame = reader.nearest(0.05)
                    y, u, v = yuv_planes(frame, 160, 90)
                    self.assertEqual(matrix_of(frame) if source == path else "709", "709")
                    self.assertAlmostEqual(float(y.mean()), 16 + 219 * GREY_709, delta=2.5)
                    self.assertLess(max(abs(float(p.mean()) - 128) for p in (u, v)), 1.5)

    def test_a_picture_that_widens_reads_the_table_once(self):
        """Cut around a dancer, sizes change all the time; two kinds of films side by side keep a table each."""
        readers = [FrameReader(self.film(transfer, 0.38)) for transfer in (HLG, PQ)]
        with mock.patch("vamos.core.media.hdr._graph", side_effect=hdr._graph) as made:
            hdr._KEPT.__dict__.clear()
            for width in range(100, 160, 2):
                for reader in readers:
                    y, _, _ = yuv_planes(reader.nearest(0.05), width, 90)
                    self.assertEqual(y.shape, (90, width))
                    self.assertAlmostEqual(float(y.mean()), 16 + 219 * GREY_709, delta=3)
        self.assertEqual(made.call_count, 2)
        for reader in readers:
            reader.close()

    def test_a_usual_film_is_not_touched(self):
        path = self.film(1, 0.5)
        with FrameReader(path) as reader:
            self.assertAlmostEqual(
                float(yuv_planes(reader.nearest(0.05), 160, 90)[0].mean()), 16 + 219 * 0.5, delta=1.5
            )
