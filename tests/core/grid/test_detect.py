"""Finding the grid: exact click tracks, and files with no beat in them.

Accuracy on music is measured in bench/grid.py; here stand the borders and the failures.
"""

import unittest

import mir_eval
import numpy as np

from tests.support import FolderCase, clicks, write_song
from vamos.core.grid.detect import detect_grid
from vamos.core.media.sound import Sound, write_wav
from vamos.core.progress import Progress
from vamos.errors import MediaError, Stopped


class ClickTrackTest(FolderCase):
    def test_exact_beats_at_many_tempi(self):
        """Beats of click tracks: F-measure by mir_eval (window 70 ms), middle error under 4 ms."""
        for bpm in (84.0, 109.7, 128.0, 150.0):
            truth = write_song(self.folder / "c.wav", bpm, 24.0)
            grid = detect_grid(self.folder / "c.wav")
            beats = np.array([a.song_s for a in grid.anchors])
            with self.subTest(bpm):
                self.assertGreater(mir_eval.beat.f_measure(truth, beats), 0.97)
                nearest = beats[np.abs(beats[:, None] - truth[None]).argmin(axis=0)]
                self.assertLess(abs(np.median(nearest - truth)), 0.004)
                self.assertAlmostEqual(grid.bpm(), bpm, delta=bpm * 0.005)

    def test_64_counts_in_about_35_seconds(self):
        """64 counts in 35 s are 109.7 a minute (common practice, no source)."""
        write_song(self.folder / "c.wav", 64 / 35 * 60, 40.0)
        grid = detect_grid(self.folder / "c.wav")
        clock = grid.time_map()
        self.assertAlmostEqual(clock(64) - clock(0), 35.0, delta=0.05)


class NoBeatTest(FolderCase):
    def sound(self, samples: np.ndarray) -> None:
        write_wav(self.folder / "x.wav", Sound(samples[:, None].astype(np.float32), 22050))

    def test_silence_is_said(self):
        self.sound(np.zeros(22050 * 10))
        with self.assertRaisesRegex(MediaError, "silent"):
            detect_grid(self.folder / "x.wav")

    def test_too_short_is_said(self):
        self.sound(0.3 * np.random.default_rng(0).standard_normal(22050))
        with self.assertRaisesRegex(MediaError, "at least 2 s"):
            detect_grid(self.folder / "x.wav")

    def test_noise_is_not_trusted(self):
        """White noise has no beat: whatever is found has little confidence."""
        self.sound(0.2 * np.random.default_rng(0).standard_normal(22050 * 20))
        self.assertLess(detect_grid(self.folder / "x.wav").confidence, 0.3)

    def test_a_three_second_jingle_does_not_break(self):
        sound, _ = clicks(120, 3.0)
        write_wav(self.folder / "x.wav", sound)
        self.assertGreaterEqual(len(detect_grid(self.folder / "x.wav").anchors), 4)

    def test_clipped_sound_still_counts(self):
        sound, truth = clicks(120, 20.0)
        write_wav(self.folder / "x.wav", Sound(np.clip(20 * sound.samples, -1, 1), sound.rate))
        beats = np.array([a.song_s for a in detect_grid(self.folder / "x.wav").anchors])
        self.assertGreater(mir_eval.beat.f_measure(truth, beats), 0.95)

    def test_stopping_is_heeded_at_once(self):
        write_song(self.folder / "c.wav", 120, 40.0)
        reports = []
        with self.assertRaises(Stopped):
            detect_grid(self.folder / "c.wav", Progress(lambda d, w: reports.append(d), lambda: len(reports) > 0))
        self.assertEqual(len(reports), 1)


if __name__ == "__main__":
    unittest.main()
