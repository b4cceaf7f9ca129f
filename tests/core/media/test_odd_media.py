"""Films as phones and other programs leave them: picture and sound stay together, whatever the file does."""

import contextlib
import subprocess
import unittest
from fractions import Fraction
from pathlib import Path
from unittest import mock

import av
import numpy as np

from tests.support import FolderCase, block_share, film_of
from vamos.core.media.frames import FrameReader, shown_size, yuv_planes
from vamos.core.media.probe import probe
from vamos.core.media.sound import Sound, read_sound, write_wav
from vamos.core.render.compose import picture_size
from vamos.errors import MediaError

SECONDS = 6.0


class OddMediaTest(FolderCase):
    """Written by the ffmpeg command line from a film whose block tells the time and a click at 3 s."""

    def setUp(self) -> None:
        super().setUp()
        self.base = film_of(self.folder / "base.mp4", SECONDS)
        click = np.zeros((int(48000 * SECONDS), 1), np.float32)
        write_wav(self.folder / "silence.wav", Sound(click.copy(), 48000))
        click[144000:144200] = 0.9
        write_wav(self.folder / "click.wav", Sound(click, 48000))

    def made(self, name: str, *options: str) -> tuple[float, float]:
        """The film's second of the frame at 2.0 s, and when the click is heard."""
        out = self.folder / name
        words = [str(self.folder / o[1:]) if o.startswith("@") else o for o in options]
        subprocess.run(["ffmpeg", "-v", "error", "-y", *words, str(out)], check=True)
        with FrameReader(out) as reader:
            frame = reader.nearest(2.0)
            luma, _, _ = yuv_planes(frame, *picture_size(*shown_size(frame), 320))
        samples = read_sound(out, 48000).samples[:, 0]
        return block_share(luma) * SECONDS, int(np.argmax(np.abs(samples))) / 48000

    def holds(self, found: tuple[float, float], picture: float = 2.0, click: float = 3.0) -> None:
        self.assertAlmostEqual(found[0], picture, delta=0.05)
        self.assertAlmostEqual(found[1], click, delta=0.03)
        # Together within a frame, whatever the file calls its beginning.
        self.assertAlmostEqual(found[1] - found[0], click - picture, delta=0.065)

    def test_a_name_like_an_address_is_a_name(self):
        """Neither asks for a protocol nor for the network."""
        (self.folder / "http:").mkdir()
        for name in ("10:30 rehearsal.mp4", "http:/film.mp4", "concat:a.mp4"):
            path = self.folder / name
            path.write_bytes(self.base.read_bytes())
            with contextlib.chdir(self.folder):
                self.assertAlmostEqual(probe(Path(name)).duration_s, SECONDS, delta=0.2)

    def test_a_playlist_in_disguise_is_refused(self):
        """It would name other files; it is told to be text."""
        for head in ("ffconcat version 1.0\nfile 'base.mp4'\n", "#EXTM3U\n#EXTINF:1,\nbase.mp4\n"):
            path = self.folder / "list.mp4"
            path.write_text(head)
            with self.assertRaisesRegex(MediaError, "text file under a media name"):
                probe(path)

    def test_two_sound_tracks(self):
        """The first one is the one that counts."""
        both = ("-map", "0:v", "-map", "1:a", "-map", "2:a", "-c:v", "copy", "-c:a", "aac")
        self.holds(self.made("two.mp4", "-i", "@base.mp4", "-i", "@click.wav", "-i", "@silence.wav", *both))

    def test_tracks_of_an_unknown_kind(self):
        """A track whose four letters nobody knows is passed over; where there is no other, that is said."""
        inputs = ("-i", "@base.mp4", "-i", "@click.wav", "-i", "@silence.wav")
        self.made("two.mp4", *inputs, "-map", "0:v", "-map", "1:a", "-map", "2:a", "-c:v", "copy")
        two = (self.folder / "two.mp4").read_bytes()
        lost = two.replace(b"mp4a", b"zzzz").replace(b"esds", b"zzzz")
        first = two.index(b"esds") + 8
        (self.folder / "one.mp4").write_bytes(lost[:first] + two[first:])
        (self.folder / "other.mp4").write_bytes(two[:first] + lost[first:])
        self.assertFalse(read_sound(self.folder / "one.mp4", 48000).samples.any())
        click = read_sound(self.folder / "other.mp4", 48000).samples[:, 0]
        self.assertAlmostEqual(int(np.argmax(click)) / 48000, 3, delta=0.03)
        (self.folder / "none.mp4").write_bytes(lost)
        with self.assertRaisesRegex(MediaError, "its sound cannot be decoded.*copy it again"):
            probe(self.folder / "none.mp4")
        (self.folder / "dark.mp4").write_bytes(two.replace(b"avc1", b"zzzz"))
        with self.assertRaisesRegex(MediaError, "its picture cannot be decoded.*copy it again"):
            probe(self.folder / "dark.mp4")

    def test_hevc_of_ten_bits(self):
        options = ("-c:v", "libx265", "-x265-params", "log-level=none", "-pix_fmt", "yuv420p10le", "-c:a", "aac")
        self.holds(self.made("ten.mp4", "-i", "@base.mp4", "-i", "@click.wav", *options))

    def test_an_edit_list(self):
        """Cut at its front without coding it anew: the clock begins where players begin."""
        self.made("whole.mp4", "-i", "@base.mp4", "-i", "@click.wav", "-c:v", "copy", "-c:a", "aac")
        found = self.made("cut.mp4", "-ss", "1.3", "-i", "@whole.mp4", "-c", "copy")
        self.holds(found, picture=3.3, click=1.7)

    def test_sound_that_starts_late(self):
        options = ("-itsoffset", "0.7", "-i", "@click.wav", "-map", "0:v", "-map", "1:a", "-c:v", "copy", "-c:a", "aac")
        self.holds(self.made("late.mp4", "-i", "@base.mp4", *options), click=3.7)

    def test_sound_that_was_lost_keeps_its_place(self):
        """80 ms of a recording are missing, as when a phone was busy: what follows stays where it was heard."""
        rate, lost = 48000, 1024 * 4
        rng = np.random.default_rng(3)
        samples = (0.1 * rng.standard_normal(rate * 3)).astype(np.float32)
        path = self.folder / "gap.mkv"
        with av.open(str(path), "w") as out:
            stream = out.add_stream("pcm_s16le", rate=rate, layout="mono")
            for first in range(0, len(samples), 1024):
                if rate <= first < rate + lost:
                    continue
                piece = av.AudioFrame.from_ndarray(samples[None, first : first + 1024], "fltp", "mono")
                piece.sample_rate, piece.pts, piece.time_base = rate, first, Fraction(1, rate)
                out.mux(stream.encode(piece))
            out.mux(stream.encode(None))
        found = read_sound(path, rate).samples[:, 0]
        at = 2 * rate
        late = np.correlate(found[at - 6000 : at + 10000], samples[at : at + 4000], "valid").argmax() - 6000
        self.assertLess(abs(late) / rate, 0.001)

    def test_a_piece_before_the_clock_begins_is_left_out(self):
        pieces = [(-100, np.ones((50, 1), np.float32)), (-50, np.ones((200, 1), np.float32))]
        with mock.patch("vamos.core.media.sound.blocks", return_value=iter(pieces)):
            self.assertEqual(read_sound(self.folder / "x", 100).samples.shape, (150, 1))

    def test_odd_sizes_and_full_colour(self):
        options = ("-vf", "scale=322:178,crop=321:177", "-c:v", "libx264", "-pix_fmt", "yuv444p", "-c:a", "aac")
        self.holds(self.made("odd.mkv", "-i", "@base.mp4", "-i", "@click.wav", *options))

    def test_vp9_and_opus(self):
        self.holds(self.made("v.webm", "-i", "@base.mp4", "-i", "@click.wav", "-c:v", "libvpx-vp9", "-b:v", "400k"))


if __name__ == "__main__":
    unittest.main()
