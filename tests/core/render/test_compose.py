"""Versions of a clip as they come out of the file: in step, conformed, flipped, cropped, as seen before."""

import hashlib
import unittest
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path

import av
import numpy as np
from skimage.metrics import structural_similarity

from tests.core.render.test_overlays import luminance
from tests.support import FolderCase, block_share, film_of, grid_at, write_song
from vamos.core.dance.lines import lines_of
from vamos.core.media.motion import motion_of
from vamos.core.media.sound import read_sound
from vamos.core.model.clip import Arrangement, Clip, ClipSound, Look, Version
from vamos.core.model.dance import Dance
from vamos.core.model.look import Framing, Lane, Overlay, Shape, Style
from vamos.core.model.project import Output
from vamos.core.model.take import Pass, PassKind, View
from vamos.core.render.clips import render_clip
from vamos.core.render.compose import Composer, Film, Stage
from vamos.core.render.framing import WHOLE, still
from vamos.core.render.plates import plates
from vamos.core.render.sounds import RenderJob
from vamos.core.time import CountRange, TimeMap, TimeRange

SECONDS = 12.0
GRID = grid_at(120, 60, 0.5, 8)
PLAIN = Output(longest_side=320, overlay=Overlay(lanes=(Lane.NUMBER,)))


def clip(view: View = View.FRONT, flip: bool = False, start: int = 0, end: int = 8, label: str = "label") -> Clip:
    counts = CountRange(F(start), F(end))
    return Clip(f"A · {view}", "A", "A", 1, counts, view, "t", 0, F(0), F(0), flip, label)


def song_pass(offset: float = 0.0) -> Pass:
    return Pass(PassKind.SONG, TimeRange(0, SECONDS), TimeMap.line(0.0, offset), 0.9)


class ComposeCase(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.path = film_of(self.folder / "t.mp4", SECONDS, F(60), (320, 180))

    def stage(self, output: Output = PLAIN) -> Stage:
        return Stage(GRID, lines_of(GRID, Dance()), output)

    def film(self, the_pass: Pass | None = None, **changes) -> Film:
        return Film(self.path, the_pass or song_pass(), replace(clip(), **changes))

    def write(self, version: Version, *films: Film, output: Output = PLAIN) -> tuple[list[np.ndarray], Path]:
        """The decoded luma of all frames."""
        path = self.folder / "out.mp4"
        path.unlink(missing_ok=True)
        render_clip([RenderJob(films[0].clip, version, path, films)], self.stage(output), None)
        with av.open(str(path)) as container:
            return [f.to_ndarray(format="gray") for f in container.decode(video=0)], path

    def seconds(self, luma: np.ndarray) -> float:
        """The second of the film a frame shows, read from where its block stands."""
        return block_share(luma) * SECONDS


class StepTest(ComposeCase):
    def test_what_is_seen_is_what_is_written(self):
        """Structural similarity (scikit-image) of preview and decoded export: at least 0.98 on every frame."""
        for version in (
            Version(F(1), ClipSound.NONE),
            Version(F(3, 4), ClipSound.NONE),
            Version(F(1), ClipSound.NONE, Look.PLAIN),
            Version(F(1), ClipSound.NONE, half_time=True),
        ):
            film = self.film(flip=True)
            written, _ = self.write(version, film)
            with Composer((film,), version, self.stage()) as composer:
                self.assertEqual(len(written), composer.timing.frames)
                for k in range(0, len(written), 17):
                    luma = composer.picture(k)[0].astype(float)
                    seen = np.clip((luma - 16) * 255 / 219, 0, 255)
                    value = structural_similarity(seen, written[k].astype(float), data_range=255)
                    self.assertGreaterEqual(value, 0.98, (version, k))

    def test_times_at_every_speed_and_in_half_time(self):
        """Frame k shows the film at k / 30 after the first count, each for longer, within a frame of film and block."""
        versions = [Version(s, ClipSound.NONE) for s in (F(1), F(3, 4), F(1, 2), F(1, 4), F(5, 4))]
        for version in [*versions, Version(F(1), ClipSound.NONE, half_time=True)]:
            written, _ = self.write(version, self.film())
            at = GRID.time_map()(F(0))
            self.assertEqual(len(written), 120)
            for k in range(0, len(written), 20):
                wanted = at + k / 30
                self.assertAlmostEqual(self.seconds(written[k]), wanted, delta=0.06)

    def test_no_frame_of_a_faster_film_stands_twice(self):
        """Sixty a second into thirty: every output frame shows another one, both at full speed and at 75 %."""
        for speed in (F(1), F(3, 4)):
            with Composer((self.film(),), Version(speed), self.stage()) as composer:
                self.assertGreater(np.diff(composer.picks[0]).min(), 0)

    def test_a_counted_pass_is_bent_onto_the_song(self):
        """Counts said at an unsteady pace: count k of the clip shows the moment it was said."""
        said = np.cumsum(np.r_[1.0, np.tile([0.7, 0.9, 0.8], 4)])
        counted = Pass(PassKind.COUNTED, TimeRange(1.0, 11.0), TimeMap.through(said, np.arange(13.0)), 0.8)
        written, _ = self.write(Version(F(1), ClipSound.CLICKS), self.film(counted))
        timing = self.stage().timing(clip(), Version())
        self.assertEqual(len(written), timing.frames)
        for k in range(8):
            self.assertAlmostEqual(self.seconds(written[timing.frame_of(F(k))]), said[k], delta=0.07)

    def test_with_and_without_the_song_the_digits_fall_alike(self):
        """The same states on the same frames whether a pass was danced to the song or counted."""
        counted = Pass(PassKind.COUNTED, TimeRange(0, 12), TimeMap.line(1.0, 0.0, 1.1), 0.8)
        states = []
        for the_pass in (song_pass(), counted):
            with Composer((self.film(the_pass),), Version(), self.stage()) as composer:
                states.append(composer.states)
        self.assertEqual(states[0], states[1])

    def test_an_even_click_where_the_song_is_not_heard(self):
        """A song that slows down: on request the counts without it are even, with it they follow it."""
        from vamos.core.model.song import Anchor

        bent = replace(GRID, anchors=tuple(Anchor(a.position, a.song_s**1.1) for a in GRID.anchors))
        stage = Stage(bent, lines_of(bent, Dance()), replace(PLAIN, even=True))

        def gaps(sound: ClipSound) -> np.ndarray:
            timing = stage.timing(clip(end=16), Version(F(1), sound))
            return np.diff([timing.out_s(F(k)) for k in range(16)])

        self.assertLess(np.ptp(gaps(ClipSound.CLICKS)), 1e-6)
        self.assertGreater(np.ptp(gaps(ClipSound.SONG)), 0.005)

    def test_nudged_edges(self):
        """Three frames of the film later and two longer; at one rate for all, at half speed twice as many of the clip."""
        plain = self.stage().timing(clip(), Version())
        for rate, speed, factor in ((None, F(1), 1), (None, F(1, 2), 1), (30, F(1), 1), (30, F(1, 2), 2)):
            stage = self.stage(replace(PLAIN, rate=rate))
            base = stage.timing(clip(), Version(speed))
            moved = stage.timing(replace(clip(), nudge=(3, 5)), Version(speed))
            self.assertEqual(moved.first_frame - base.first_frame, 3 * factor)
            self.assertEqual(moved.frames - base.frames, 2 * factor)
        self.assertEqual(plain.out_s(F(0)), 0.0)


class RetimedTest(ComposeCase):
    """Slower versions and other sounds are the same pictures, to the bit."""

    def setUp(self) -> None:
        super().setUp()
        write_song(self.folder / "s.wav", 120, 12)
        self.song = read_sound(self.folder / "s.wav", 48000, 2)

    def jobs(self, *versions: Version) -> list[RenderJob]:
        return [RenderJob(clip(), v, self.folder / f"{k}.mp4", (self.film(),)) for k, v in enumerate(versions)]

    def seen(self, path: Path) -> tuple[list[F], str, int]:
        """Frame times, a checksum of all decoded frames, and how many bytes the pictures take."""
        with av.open(str(path)) as container:
            frames = list(container.decode(video=0))
        with av.open(str(path)) as container:
            size = sum(p.size for p in container.demux(video=0))
        digest = hashlib.sha256(b"".join(f.to_ndarray().tobytes() for f in frames)).hexdigest()
        return [f.pts * f.time_base for f in frames], digest, size

    def test_slower_is_the_same_frames_for_longer(self):
        """Every decoded frame of 75, 50 and 40 % equals that of 100 %, at its time ÷ speed, beside its own sound."""
        speeds = (F(1, 2), F(1), F(3, 4), F(2, 5))
        jobs = self.jobs(*(Version(s) for s in speeds))
        written = render_clip(jobs, self.stage(), self.song)
        full = self.seen(jobs[1].path)
        for speed, job, entry in zip(speeds, jobs, written, strict=True):
            times, digest, _ = self.seen(job.path)
            self.assertEqual(digest, full[1])
            self.assertLess(max(abs(t / (w / speed) - 1) for t, w in zip(times[1:], full[0][1:], strict=True)), 1e-9)
            self.assertEqual(entry.timing.rate.per_second, 30 * speed)
            with av.open(str(job.path)) as container:
                self.assertEqual(container.streams.video[0].average_rate, 30 * speed)
            heard = read_sound(job.path, 48000, 1).samples
            self.assertAlmostEqual(len(heard) / 48000, float(4 / speed), delta=0.03)
            for beat in range(1, 8):
                # The clicks of the song, 120 a minute, at this speed.
                wanted, reach = round(beat * 24000 / speed), 4800
                near = np.abs(heard[wanted - reach : wanted + reach, 0])
                self.assertAlmostEqual((int(np.argmax(near)) - reach) / 48000, 0, delta=0.012)

    def test_other_sounds_lie_under_the_same_pictures(self):
        """Song, clicks and voice at one speed share their frames; a half-time one, with other plates, has its own."""
        versions = [Version(F(1), s) for s in (ClipSound.SONG, ClipSound.CLICKS, ClipSound.VOICE, ClipSound.NONE)]
        jobs = self.jobs(*versions, Version(F(1), half_time=True))
        render_clip(jobs, self.stage(), self.song)
        seen = [self.seen(j.path)[1] for j in jobs]
        self.assertEqual(len(set(seen[:4])), 1)
        self.assertNotEqual(seen[4], seen[0])
        sounds = [read_sound(j.path, 48000, 1).samples for j in jobs[:3]]
        self.assertGreater(np.abs(sounds[0][:48000] - sounds[1][:48000]).max(), 0.05)
        self.assertGreater(np.abs(sounds[1][:48000] - sounds[2][:48000]).max(), 0.05)

    def test_one_rate_for_all_is_encoded_for_each(self):
        """For an editor that wants thirty a second: 50 % has each frame twice."""
        jobs = self.jobs(Version(F(1)), Version(F(1, 2)))
        written = render_clip(jobs, self.stage(replace(PLAIN, rate=30)), self.song)
        self.assertEqual([w.timing.frames for w in written], [120, 240])
        self.assertEqual([len(self.seen(j.path)[0]) for j in jobs], [120, 240])

    def test_one_goes_to_the_one_at_once(self):
        """A key frame stands at the start, at the 1 behind the run-up, and never more than two seconds apart."""
        here = replace(clip(start=4, end=12), run_up=F(2))
        job = RenderJob(here, Version(F(1)), self.folder / "k.mp4", (self.film(counts=here.counts, run_up=F(2)),))
        render_clip([job], self.stage(), self.song)
        with av.open(str(job.path)) as container:
            keys = [float(p.pts * p.time_base) for p in container.demux(video=0) if p.is_keyframe and p.pts is not None]
        self.assertEqual(keys[:2], [0.0, 1.0])
        self.assertLessEqual(max(np.diff(keys)), 2.0)


class ArrangedTest(ComposeCase):
    def other(self, offset: int, **changes) -> Film:
        """The same film as another view, whose clip lies some counts later."""
        made = clip(View.BACK, start=offset, end=offset + 8, label="back view: same sides")
        return Film(self.path, song_pass(), replace(made, **changes))

    def test_front_and_back_side_by_side_in_step(self):
        """Another wall, six counts later, stands beside: both halves show the same count, three seconds apart."""
        output = replace(PLAIN, framing=Framing(Shape.WIDE))
        films = (self.film(), self.other(6))
        version = Version(F(1), ClipSound.NONE, arrangement=Arrangement.BESIDE)
        with Composer(films, version, self.stage(output)) as composer:
            width, height = composer.size
            self.assertAlmostEqual(width / height, 16 / 9, delta=0.05)
            apart = composer.picks[1] - composer.picks[0]
            np.testing.assert_allclose(apart, 3.0, atol=0.02)
        written, _ = self.write(version, *films, output=output)
        self.assertEqual(written[0].shape, (height, width))

    def test_upright_they_stand_one_above_the_other(self):
        output = replace(PLAIN, framing=Framing(Shape.UPRIGHT))
        version = Version(F(1), ClipSound.NONE, arrangement=Arrangement.BESIDE)
        with Composer((self.film(), self.other(6)), version, self.stage(output)) as composer:
            width, height = composer.size
            self.assertAlmostEqual(width / height, 9 / 16, delta=0.02)
            self.assertEqual(composer.picture(3)[0].shape, (height, width))

    def test_each_half_is_flipped_by_itself(self):
        """The dark left edge of the film lies at the right of the flipped half only."""
        version = Version(F(1), ClipSound.NONE, arrangement=Arrangement.BESIDE)
        still_front = replace(self.film(flip=True), clip=replace(clip(), flip=True))
        with Composer((still_front, self.other(0)), version, self.stage()) as composer:
            self.assertTrue(all(p.crop_at(0).width < 1 for p in composer.layout.paths))
            composer.layout = replace(composer.layout, paths=(still(WHOLE), still(WHOLE)))
            luma = composer.picture(10)[0]
        half = luma.shape[1] // 2
        row = luma[luma.shape[0] * 3 // 4]
        self.assertLess(row[half - 8 : half - 2].mean(), row[2:8].mean() - 20)
        self.assertLess(row[half + 2 : half + 8].mean(), row[-8:-2].mean() - 20)

    def test_feet_in_a_corner(self):
        version = Version(F(1), ClipSound.NONE, arrangement=Arrangement.FEET)
        with Composer((self.film(), self.other(8)), version, self.stage()) as composer:
            width, height = composer.size
            luma = composer.picture(30)[0]
            small = composer.sizes[1]
            self.assertAlmostEqual(small[0] / width, 0.32, delta=0.02)
            top, left = int(height * 0.06), int(width * 0.95) - small[0]
            inset = luma[top + 2 : top + small[1] - 2, left + 2 : left + small[0] - 2]
            self.assertAlmostEqual(block_share(inset) * SECONDS, composer.picks[1][30], delta=0.4)

    def test_feet_filmed_upright_stand_in_the_corner_of_a_wide_film_and_the_other_way(self):
        """Phones film upright as well as wide; the inset lies inside of the picture and shows its block."""
        upright = film_of(self.folder / "feet.mp4", SECONDS, F(60), (180, 320))
        version = Version(F(1), ClipSound.NONE, arrangement=Arrangement.FEET)
        tall = Film(upright, song_pass(), clip())
        for films in ((self.film(), tall), (tall, self.other(8))):
            with self.subTest(films[0].path.name), Composer(films, version, self.stage()) as composer:
                width, height = composer.size
                luma = composer.picture(30)[0]
                (w, h), (own_w, own_h) = composer.sizes[1], composer.reel(films[1]).size
                self.assertEqual(luma.shape, (height, width))
                self.assertLess(w + width * 0.05, width)
                self.assertLessEqual(h, 0.6 * height)
                self.assertAlmostEqual(w / h / (own_w / own_h), 1, delta=0.07)

    def test_an_upright_version_follows_the_block(self):
        """The block crosses the whole room; it is never cut off in the upright picture."""
        output = replace(PLAIN, framing=Framing(Shape.UPRIGHT), overlay=Overlay(lanes=()))
        motion = motion_of(self.path, "block", SECONDS)
        film = Film(self.path, song_pass(), clip(end=14), motion)
        written, _ = self.write(Version(F(1), ClipSound.NONE), film, output=output)
        height, width = written[0].shape
        self.assertAlmostEqual(width / height, 9 / 16, delta=0.02)
        for luma in written[::10]:
            bright = np.flatnonzero(luma[luma.shape[0] * 5 // 12] > 180)
            self.assertGreaterEqual(len(bright), 14)


class WrittenTest(ComposeCase):
    def test_counts_stand_out_from_the_wildest_picture(self):
        """Decoded from the file, over noise, in every style: digit against plate at least 4.5 : 1
        (WCAG 2.2, 1.4.3; relative luminance as defined there)."""
        rng = np.random.default_rng(2)
        noisy = self.folder / "noise.mp4"
        with av.open(str(noisy), "w") as out:
            stream = out.add_stream("libx264", rate=30)
            stream.width, stream.height, stream.pix_fmt, stream.options = 640, 360, "yuv420p", {"crf": "20"}
            for _ in range(40):
                picture = np.kron(rng.integers(0, 256, (45, 80, 3), np.uint8), np.ones((8, 8, 1), np.uint8))
                out.mux(stream.encode(av.VideoFrame.from_ndarray(picture, format="rgb24").reformat(format="yuv420p")))
            out.mux(stream.encode(None))
        the_pass = Pass(PassKind.SONG, TimeRange(0, 1.3), TimeMap.line(0.0, 4.5), 0.9)
        for style in Style:
            output = replace(PLAIN, longest_side=640, overlay=Overlay(style, (Lane.NUMBER,)))
            film = Film(noisy, the_pass, clip(end=2))
            path = self.folder / f"{style.name}.mp4"
            (written,) = render_clip(
                [RenderJob(film.clip, Version(F(1), ClipSound.NONE), path, (film,))], self.stage(output), None
            )
            with av.open(str(path)) as container:
                frame = next(container.decode(video=0)).to_ndarray(format="rgb24")
            plate = plates(written.states[0][1], written.width, written.height)[0]
            h, w = plate.pixels.shape[:2]
            tones = luminance(frame[plate.y : plate.y + h, plate.x : plate.x + w].reshape(-1, 3))
            contrast = (np.percentile(tones, 99.5) + 0.05) / (np.percentile(tones, 5) + 0.05)
            self.assertGreater(contrast, 4.5, style)

    def test_versions_share_one_clip_and_nothing_stays_after_an_error(self):
        """A second file that cannot be written: the first one is gone as well."""
        from vamos.errors import WriteError

        good, bad = self.folder / "a.mp4", self.folder / "missing" / "b.mp4"
        jobs = [RenderJob(clip(), Version(F(1), ClipSound.NONE), p, (self.film(),)) for p in (good, bad)]
        with self.assertRaises(WriteError):
            render_clip(jobs, self.stage(), None)
        self.assertFalse(good.exists())


if __name__ == "__main__":
    unittest.main()
