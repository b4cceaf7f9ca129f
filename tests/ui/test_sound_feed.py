"""What is heard while playing: as long as the song, without gaps, loops that go round, memory that stays small."""

import threading
import unittest
from fractions import Fraction as F

import numpy as np

from tests.ui.qt import application
from vamos.core.media.sound import Sound
from vamos.core.render.clicks import Stroke
from vamos.core.time import TimeMap
from vamos.ui.preview import sound_feed
from vamos.ui.preview.sound_feed import ClickPlan, ClipSource, Feed, SongSource, pieces

RATE = 8000


def tone(seconds: float, hertz: float = 220.0) -> Sound:
    t = np.arange(int(seconds * RATE)) / RATE
    wave = (0.5 * np.sin(2 * np.pi * hertz * t)).astype(np.float32)
    return Sound(np.stack([wave, wave], axis=1), RATE)


class PiecesTest(unittest.TestCase):
    def test_a_song_of_four_minutes_is_heard_to_its_end(self):
        """At its own speed the pieces joined are the song, sample for sample, far beyond a minute and a half."""
        song = tone(240.0)
        made = list(pieces(SongSource(song, F(1)), 3.0, 240.0))
        self.assertGreater(len(made), 10)
        np.testing.assert_array_equal(np.concatenate(made), song.samples[3 * RATE :])

    def test_slowed_pieces_join_without_a_gap(self):
        """At half speed: twice as long, the same pitch, and as loud at the joins as elsewhere."""
        song = tone(30.0)
        out = np.concatenate(list(pieces(SongSource(song, F(1, 2)), 0.0, 30.0)))
        self.assertEqual(len(out), 60 * RATE)
        loud = np.sqrt((out[:, 0].reshape(-1, RATE // 20) ** 2).mean(axis=1))
        joins = [int(20 * 20 * k) for k in (1, 2)]
        middle = np.median(loud)
        for at in joins:
            self.assertGreater(loud[at - 1 : at + 2].min(), 0.5 * middle)
        spectrum = np.abs(np.fft.rfft(out[: 8 * RATE, 0]))
        self.assertAlmostEqual(np.argmax(spectrum) / 8, 220, delta=3)

    def test_a_loop_goes_round_and_its_first_round_may_be_empty(self):
        """Begun just at the end of the loop there is no head; begun inside it, the head is what is left."""
        source = SongSource(tone(10.0), F(1))
        for start, head in ((4.0, 0), (3.0, RATE), (6.0, 0)):
            made = pieces(source, start, 10.0, (2.0, 4.0))
            first = next(made)
            if head:
                self.assertEqual(len(first), head)
                first = next(made)
            self.assertEqual(len(first), 2 * RATE)
            np.testing.assert_array_equal(first, next(made))

    def test_clicks_stay_on_the_sample_when_slowed(self):
        """Playing from second 3 at half speed: the click of second 4 comes after 2 s."""
        silence = Sound(np.zeros((RATE * 6, 2), np.float32), RATE)
        plan = ClickPlan(((F(8), Stroke.ONE), (F(20), Stroke.COUNT)), TimeMap.line(0.0, 0.0, 0.5))
        out = SongSource(silence, F(1, 2), plan).part(3.0, 6.0)
        loud = np.flatnonzero(np.abs(out[:, 0]) > 0.02)
        self.assertAlmostEqual(loud[0] / RATE, 2.0, delta=0.001)
        self.assertLess(loud[-1] / RATE, 2.5, "a click after the part is not in it")

    def test_a_clip_s_own_sound_begins_at_its_own_second(self):
        samples = np.arange(2 * RATE, dtype=np.float32)[:, None].repeat(2, axis=1)
        source = ClipSource(samples, RATE, F(1, 2), 5.0)
        np.testing.assert_array_equal(source.part(5.25, 5.5)[:, 0], samples[RATE // 2 : RATE, 0])


class FeedTest(unittest.TestCase):
    def setUp(self) -> None:
        application()

    def test_it_hands_out_all_and_keeps_little(self):
        """Reading in odd sizes gives the samples in order; at most two pieces wait."""
        song = tone(100.0)
        feed = Feed(pieces(SongSource(song, F(1)), 0.0, 100.0))
        self.addCleanup(feed.close)
        self.assertTrue(feed.first(10))
        feed.leave_out(100, 2)
        raw = b""
        while not (feed.ended and not feed.bytesAvailable()):
            self.assertLessEqual(len(feed._ready), Feed.AHEAD)
            if feed.first(10):
                raw += feed.readData(33333)
        self.assertEqual((feed.filled, feed.readData(100)), (0, b""))
        got = np.frombuffer(raw, "<i2").reshape(-1, 2)
        np.testing.assert_array_equal(got, (song.samples[100:] * 32767).astype("<i2"))

    def test_a_card_that_asks_too_soon_gets_silence(self):
        """It would stop asking if it got nothing; what was filled in is known, and taken off the clock."""
        begin = threading.Event()

        def late():
            begin.wait(10)
            yield np.full((10, 2), 0.5, np.float32)

        feed = Feed(late())
        self.addCleanup(feed.close)
        self.addCleanup(begin.set)
        self.assertEqual(feed.readData(1000), b"\0" * 1000)
        self.assertEqual(feed.filled, 1000)
        begin.set()
        self.assertTrue(feed.first(10))
        self.assertEqual(np.frombuffer(feed.readData(1000), "<i2").tolist(), [16383] * 20)

    def test_closing_ends_its_thread(self):
        feed = Feed(pieces(SongSource(tone(1.0), F(1)), 0.0, 1.0, (0.0, 1.0)))
        feed.first(10)
        feed.close()
        feed._thread.join(5)
        self.assertFalse(feed._thread.is_alive())

    def test_pieces_are_made_as_they_are_needed(self):
        self.assertLessEqual(sound_feed.PIECE_S, 30)


if __name__ == "__main__":
    unittest.main()
