"""Reading films and sound: time stamps decide, bad files get clear words."""

import subprocess
import unittest
import wave
from fractions import Fraction

import numpy as np

from tests.support import FolderCase, block_share, film_of, write_song
from vamos.core.media.frames import FrameReader, shown_size, yuv_planes
from vamos.core.media.peaks import song_peaks
from vamos.core.media.probe import probe
from vamos.core.media.sound import Sound, read_sound, write_wav
from vamos.errors import MediaError, MissingError


class BadFilesTest(FolderCase):
    def words(self, name: str, content: bytes, wanted: str) -> None:
        path = self.folder / name
        path.write_bytes(content)
        with self.subTest(name), self.assertRaisesRegex(MediaError, wanted) as caught:
            probe(path)
        self.assertIn(name, str(caught.exception))
        self.assertEqual(path.read_bytes(), content)

    def test_each_kind_of_bad_file_has_its_words(self):
        whole = film_of(self.folder / "whole.mp4", 2.0).read_bytes()
        self.words("empty.mp4", b"", "empty")
        self.words("text.mp4", b"this is not a film\n" * 40, "text file")
        self.words("noise.mp4", np.random.default_rng(1).bytes(5000), "cannot be read")
        self.words("cut.mp4", whole[: len(whole) // 2], "cut off")

    def test_missing_and_folder(self):
        with self.assertRaisesRegex(MissingError, "no such file"):
            probe(self.folder / "nowhere.mp4")
        with self.assertRaisesRegex(MediaError, "folder"):
            probe(self.folder)

    def test_a_film_without_sound_says_so(self):
        path = film_of(self.folder / "silent.mp4", 1.0)
        self.assertFalse(probe(path).has_sound)
        with self.assertRaisesRegex(MediaError, "no sound"):
            read_sound(path, 8000)

    def test_a_song_is_no_film(self):
        write_song(self.folder / "s.wav", seconds=3)
        with self.assertRaisesRegex(MediaError, "no picture"):
            FrameReader(self.folder / "s.wav")


class FramesTest(FolderCase):
    def assert_times(self, path, seconds: float, tolerance: float, asked) -> None:
        with FrameReader(path) as reader:
            for at in asked:
                frame = reader.nearest(float(at))
                y, _, _ = yuv_planes(frame, *shown_size(frame))
                self.assertAlmostEqual(block_share(y) * seconds, at, delta=tolerance)

    def test_any_order_gives_the_nearest_frame(self):
        """Forward, back and far jumps; the picture itself tells its time."""
        path = film_of(self.folder / "a.mp4", 12.0)
        self.assert_times(path, 12.0, 1 / 60 + 0.03, [1.0, 1.1, 11.0, 2.0, 0.5, 10.9])

    def test_variable_frame_rate_goes_by_time_stamps(self):
        """Frames crowd in the first half and are rare in the second; times still hold."""
        times = np.concatenate([np.arange(0, 2, 1 / 60), np.arange(2, 4, 1 / 10)])
        path = film_of(self.folder / "v.mp4", 4.0, Fraction(60), times=times)
        self.assert_times(path, 4.0, 0.03, [0.5, 1.5])
        self.assert_times(path, 4.0, 0.05 + 0.02, [2.5, 3.5])

    def test_containers_and_codecs(self):
        for name, codec in (("a.mov", "libx264"), ("b.mkv", "libx265"), ("c.webm", "libvpx-vp9")):
            with self.subTest(name):
                path = film_of(self.folder / name, 2.0, codec=codec)
                self.assert_times(path, 2.0, 0.04, [0.5, 1.5])

    def test_rotation_is_undone(self):
        """A film noted as turned is shown upright: as the ffmpeg command line shows it."""
        for degrees in (90, 180, 270):
            path = film_of(self.folder / f"r{degrees}.mp4", 1.0, rotation=degrees)
            with FrameReader(path) as reader:
                frame = reader.nearest(0.5)
                width, height = shown_size(frame)
                ours, _, _ = yuv_planes(frame, width, height)
                at = int(frame.pts)
            raw = subprocess.run(
                [
                    "ffmpeg",
                    "-v",
                    "error",
                    "-i",
                    path,
                    "-vf",
                    f"select=eq(pts\\,{at})",
                    "-frames:v",
                    "1",
                    "-f",
                    "rawvideo",
                    "-pix_fmt",
                    "gray",
                    "-",
                ],
                capture_output=True,
                check=True,
            ).stdout
            theirs = np.frombuffer(raw, np.uint8).reshape(height, width)
            with self.subTest(degrees):
                self.assertEqual((width, height), (180, 320) if degrees != 180 else (320, 180))
                self.assertLess(np.abs(ours.astype(int) - theirs).mean(), 12)
                self.assertGreater(np.corrcoef(ours.ravel(), theirs.ravel())[0, 1], 0.98)

    def test_frame_spans_leave_no_gap(self):
        """Each frame is nearest until half-way to the next; the last one holds for ever."""
        path = film_of(self.folder / "a.mp4", 1.0)
        with FrameReader(path) as reader:
            ends = [until for _, until in reader.with_ends(0.0)]
        self.assertEqual(len(ends), 30)
        self.assertAlmostEqual(ends[0], 1 / 60, places=3)
        self.assertEqual(ends[-1], float("inf"))


class SoundTest(FolderCase):
    def test_late_sound_is_preceded_by_silence(self):
        """A track that starts 0.5 s into the film stays 0.5 s into it."""
        tone = np.sin(2 * np.pi * 440 * np.arange(48000) / 48000).astype(np.float32)
        write_wav(self.folder / "t.wav", Sound(tone[:, None], 48000))
        film_of(self.folder / "f.mp4", 2.0)
        subprocess.run(
            [
                "ffmpeg",
                "-v",
                "error",
                "-i",
                self.folder / "f.mp4",
                "-itsoffset",
                "0.5",
                "-i",
                self.folder / "t.wav",
                "-c:v",
                "copy",
                "-c:a",
                "aac",
                self.folder / "late.mp4",
            ],
            check=True,
        )
        sound = read_sound(self.folder / "late.mp4", 8000).mono()
        self.assertLess(np.abs(sound[:3800]).max(), 0.05)
        self.assertGreater(np.abs(sound[4300:8000]).max(), 0.5)

    def test_formats_of_songs(self):
        """wav, flac, ogg, mp3 and m4a written by the ffmpeg command line hold the same beat times."""
        rng = np.random.default_rng(4)
        samples = np.zeros(22050 * 4, np.float32)
        for at in rng.uniform(0.2, 3.8, 9):
            samples[int(at * 22050) :][:600] = rng.uniform(-0.5, 0.5, 600)
        write_wav(self.folder / "s.wav", Sound(samples[:, None], 22050))
        reference = read_sound(self.folder / "s.wav", 22050).mono()
        for name in ("s.flac", "s.ogg", "s.mp3", "s.m4a"):
            subprocess.run(["ffmpeg", "-v", "error", "-i", self.folder / "s.wav", self.folder / name], check=True)
            sound = read_sound(self.folder / name, 22050).mono()[: len(reference)]
            peak = int(np.argmax(np.correlate(sound, reference[5000:20000], "valid")))
            with self.subTest(name):
                self.assertLess(abs(peak - 5000) / 22050, 0.002)

    def test_samples_that_are_no_numbers_are_silence(self):
        """NaN and infinity in a float wav do not spread."""
        data = np.zeros(8000, "<f4")
        data[100], data[200], data[300] = np.nan, np.inf, 0.5
        subprocess.run(
            [
                "ffmpeg",
                "-v",
                "error",
                "-f",
                "f32le",
                "-ar",
                "8000",
                "-ac",
                "1",
                "-i",
                "-",
                "-c:a",
                "pcm_f32le",
                self.folder / "n.wav",
            ],
            input=data.tobytes(),
            check=True,
        )
        sound = read_sound(self.folder / "n.wav", 8000).mono()
        self.assertTrue(np.isfinite(sound).all())
        self.assertAlmostEqual(float(sound.max()), 0.5, places=3)

    def test_an_odd_file_is_read(self):
        """8 kHz mono and six channels at 96 kHz."""
        for rate, channels in ((8000, 1), (96000, 6)):
            path = self.folder / f"{rate}.wav"
            with wave.open(str(path), "wb") as file:
                file.setparams((channels, 2, rate, 0, "NONE", ""))
                tone = (9000 * np.sin(2 * np.pi * 300 * np.arange(rate) / rate)).astype("<i2")
                file.writeframes(np.repeat(tone[:, None], channels, axis=1).tobytes())
            self.assertAlmostEqual(read_sound(path, 22050).duration_s, 1.0, delta=0.01)

    def test_a_damaged_mp3_gives_what_can_be_heard(self):
        write_song(self.folder / "s.wav", seconds=6)
        subprocess.run(["ffmpeg", "-v", "error", "-i", self.folder / "s.wav", self.folder / "s.mp3"], check=True)
        data = bytearray((self.folder / "s.mp3").read_bytes())
        data[len(data) // 2 : len(data) // 2 + 3000] = b"\x55" * 3000
        (self.folder / "s.mp3").write_bytes(data)
        self.assertGreater(read_sound(self.folder / "s.mp3", 22050).duration_s, 4)


class PeaksTest(FolderCase):
    def test_joined_files_whose_sound_changes(self):
        """Mono at 22 kHz, then stereo at 44 kHz in one mp3, as players join them: both are heard, each at its pitch."""
        for name, hz, rate, channels in (("a", 300, 22050, 1), ("b", 800, 44100, 2)):
            tone = ["-f", "lavfi", "-i", f"sine=frequency={hz}:sample_rate={rate}:duration=3", "-ac", str(channels)]
            file = self.folder / f"{name}.mp3"
            plain = ["-id3v2_version", "0", "-write_xing", "0", file]
            subprocess.run(["ffmpeg", "-v", "error", *tone, *plain], check=True)
        joined = self.folder / "joined.mp3"
        joined.write_bytes((self.folder / "a.mp3").read_bytes() + (self.folder / "b.mp3").read_bytes())
        sound = read_sound(joined, 16000).mono()
        self.assertAlmostEqual(len(sound) / 16000, 6.0, delta=0.2)
        for part, hz in ((sound[16000:32000], 300), (sound[-32000:-16000], 800)):
            self.assertAlmostEqual(float(np.argmax(np.abs(np.fft.rfft(part)))), hz, delta=3)

    def test_bands_tell_low_from_high(self):
        """A low tone fills the low band, a hiss the high one; the second look comes from the cache."""
        rate = 22050
        t = np.arange(rate * 2) / rate
        low = 0.5 * np.sin(2 * np.pi * 80 * t)
        high = 0.5 * np.sin(2 * np.pi * 5000 * t)
        write_wav(self.folder / "s.wav", Sound(np.concatenate([low, high])[:, None].astype(np.float32), rate))
        for _ in range(2):
            bands = song_peaks(self.folder / "s.wav", "key-low-high").bands
            self.assertGreater(bands[100, 0], 0.8)
            self.assertLess(bands[100, 2], 0.1)
            self.assertGreater(bands[300, 2], 0.8)
            self.assertLess(bands[300, 0], 0.1)


if __name__ == "__main__":
    unittest.main()
