"""Packs: written whole or not at all, and verify sees when something is wrong."""

import functools
import json
import os
import shutil
import subprocess
import unittest
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path
from unittest import mock

import numpy as np
import scipy.signal

from tests.support import FolderCase, film_of, grid_at, shared_folder
from vamos.core.media.sound import Sound, write_wav
from vamos.core.model.clip import ClipSound, RunThrough
from vamos.core.model.project import Output, Project
from vamos.core.model.song import MediaRef, Song
from vamos.core.model.take import Pass, PassKind, Stretch, Take, View
from vamos.core.pack import write
from vamos.core.pack.chapters import ffmetadata, plain_list
from vamos.core.pack.manifest import NAME, read_manifest
from vamos.core.pack.verify import verify_pack
from vamos.core.pack.write import plain_name, write_pack
from vamos.core.progress import Progress
from vamos.core.time import TimeMap, TimeRange, minutes_text
from vamos.errors import InputError, MissingError, ProjectError, Stopped, WriteError


def small_project(folder: Path) -> Project:
    """One take of 12 s over a song of 12 s at 120 a minute, two speeds."""
    rng = np.random.default_rng(0)
    # Without the highest hiss, which the coder drops and makes room for in several rounds.
    song = scipy.signal.lfilter([0.1], [1, -0.9], rng.standard_normal((48000 * 12, 2)), axis=0)
    write_wav(folder / "s.wav", Sound((0.4 * song).astype(np.float32), 48000))
    film_of(folder / "t.mp4", 12.0, size=(160, 90))
    the_pass = Pass(PassKind.SONG, TimeRange(0, 12), TimeMap.line(), 0.9)
    take = Take("t", MediaRef("t.mp4"), passes=(the_pass,), looked_for_passes=True)
    output = Output(longest_side=160, speeds=(F(1),))
    return Project("p", Song(MediaRef("s.wav"), "s", grid_at(120, 23, 0.5, 4)), takes=(take,), output=output)


@functools.cache
def small_pack() -> Path:
    """The pack of the small project, written once; take copies."""
    made = shared_folder("small pack")
    write_pack(small_project(made), made, made / "pack")
    return made / "pack"


class PackTest(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.project = small_project(self.folder)
        self.out = self.folder / "pack"

    def write(self, **changes) -> None:
        if not changes and not os.path.lexists(self.out):
            shutil.copytree(small_pack(), self.out)
            return
        write_pack(replace(self.project, **changes), self.folder, self.out)

    def bad(self) -> set[str]:
        return {f.what for f in verify_pack(self.out) if not f.good}

    def test_a_fresh_pack_holds(self):
        """Everything in the manifest is there and decodes to what it says; ffprobe agrees."""
        self.write(output=replace(self.project.output, speeds=(F(1), F(1, 2))))
        self.assertEqual(self.bad(), set())
        for entry in read_manifest(self.out).clips:
            told = json.loads(
                subprocess.run(
                    ["ffprobe", "-v", "error", "-count_frames", "-show_streams", "-of", "json", self.out / entry.file],
                    capture_output=True,
                    check=True,
                ).stdout
            )["streams"]
            video = next(s for s in told if s["codec_type"] == "video")
            self.assertEqual(int(video["nb_read_frames"]), entry.frames)
            self.assertAlmostEqual(float(video["duration"]), entry.duration_s, delta=0.001)
            self.assertEqual((video["codec_name"], video["pix_fmt"]), ("h264", "yuv420p"))

    def test_verify_sees_what_is_wrong(self):
        """A missing, changed, cut, flipped, silent or shifted file is named, with what does not hold."""
        self.write()
        first = self.out / read_manifest(self.out).clips[0].file
        whole = first.read_bytes()
        change = {
            "flip": ["-vf", "hflip", "-c:a", "copy"],
            "frames": ["-t", "2", "-c:a", "copy"],
            "first count": ["-vf", "setpts=PTS,tpad=start=3:start_mode=clone", "-c:a", "copy"],
            "loudness": ["-c:v", "copy", "-af", "volume=-12dB"],
            "size": ["-vf", "scale=80:46", "-c:a", "copy"],
        }
        for what, arguments in change.items():
            changed = self.folder / "changed.mp4"
            source = self.folder / "source.mp4"
            source.write_bytes(whole)
            subprocess.run(["ffmpeg", "-y", "-v", "error", "-i", source, *arguments, changed], check=True)
            shutil.copy(changed, first)
            with self.subTest(what):
                self.assertIn(what, self.bad())
                self.assertIn("checksum", self.bad())
        first.write_bytes(whole[: len(whole) // 2])
        self.assertIn("frames", self.bad())
        first.unlink()
        self.assertEqual(self.bad(), {"file"})

    def test_verify_sees_a_manifest_that_lies(self):
        """Every figure of it is compared with the films: moved, renumbered, of another size, speed or colour, cut."""
        alone = replace(self.project.output, speeds=(F(1), F(1, 2)), run_through=RunThrough(wanted=False))
        self.write(output=alone)
        good = json.loads((self.out / NAME).read_text())

        def moved(clip):
            clip["counts"] = [[frame + 6, number] for frame, number in clip["counts"][:-1]]
            clip["states"] = [[frame + 6 if frame else 0, state] for frame, state in clip["states"]]

        def renumbered(clip):
            clip["counts"][4][1] = "7"

        def slower(clip):
            clip["speed"] = 0.75

        def wider(clip):
            clip["width"] += 2

        def coloured(clip):
            clip["matrix"] = "709" if clip["matrix"] == "601" else "601"

        for lies in (
            ((moved, "every count"), (renumbered, "every count")),
            ((slower, "speed"), (coloured, "matrix")),
            ((wider, "size"),),
        ):
            lying = json.loads(json.dumps(good))
            slowed = [c for c in lying["clips"] if c["speed"] == 0.5]
            wanted = set()
            for (change, what), clip in zip(lies, slowed, strict=False):
                change(clip)
                wanted.add((clip["file"], what))
            (self.out / NAME).write_text(json.dumps(lying))
            with self.subTest(lies):
                self.assertLessEqual(wanted, {(f.file, f.what) for f in verify_pack(self.out) if not f.good})
        lying = json.loads(json.dumps(good))
        gone = lying["clips"].pop()["file"]
        (self.out / NAME).write_text(json.dumps(lying))
        self.assertIn((gone, "list"), {(f.file, f.what) for f in verify_pack(self.out) if not f.good})
        (self.out / NAME).write_text(json.dumps(good | {"vamos_pack": 3}))
        with self.assertRaisesRegex(ProjectError, "of version 3; this Vamos knows"):
            verify_pack(self.out)
        (self.out / NAME).write_text(json.dumps(good))
        self.assertEqual(self.bad(), set())

    def test_verify_hears_a_pitch_that_moved(self):
        """The slowed version replaced by the one at full speed played at half the rate: an octave lower."""
        song = np.zeros(48000 * 12)
        t = np.arange(len(song)) / 48000
        for k, hz in enumerate((220.0, 277.2, 329.6, 440.0, 554.4)):
            song += 0.1 * np.sin(2 * np.pi * hz * t) * (0.5 + 0.5 * np.sin(2 * np.pi * (0.3 + 0.2 * k) * t))
        write_wav(self.folder / "s.wav", Sound(np.stack([song, song], 1).astype(np.float32), 48000))
        alone = RunThrough(wanted=False)
        self.write(output=replace(self.project.output, speeds=(F(1), F(9, 10)), run_through=alone))
        self.assertEqual(self.bad(), set())
        slow = next(c for c in read_manifest(self.out).clips if c.speed == 0.9)
        film, changed = self.out / slow.file, self.folder / "lower.mp4"
        lower = "asetrate=48000*0.97,aresample=48000,atempo=1/0.97"
        subprocess.run(["ffmpeg", "-y", "-v", "error", "-i", film, "-c:v", "copy", "-af", lower, changed], check=True)
        shutil.copy(changed, film)
        self.assertIn("pitch", self.bad())

    def test_clicks_beside_their_counts_are_heard(self):
        self.write(output=replace(self.project.output, sound=ClipSound.CLICKS))
        self.assertEqual(self.bad(), set())
        film, changed = self.out / read_manifest(self.out).clips[0].file, self.folder / "late.mp4"
        late = [
            "-itsoffset",
            "0.04",
            "-i",
            film,
            "-map",
            "0:v",
            "-map",
            "1:a",
            "-c:v",
            "copy",
            "-af",
            "aresample=async=1",
        ]
        subprocess.run(["ffmpeg", "-y", "-v", "error", "-i", film, *late, changed], check=True)
        shutil.copy(changed, film)
        self.assertIn("clicks", self.bad())

    def test_without_sound(self):
        self.write(output=replace(self.project.output, sound=ClipSound.NONE))
        self.assertEqual(self.bad(), set())
        self.assertIsNone(read_manifest(self.out).clips[0].loudness_lufs)

    def test_with_clicks_instead_of_the_song(self):
        """The same clip with clicks: count 1 at the same frame, the loudness as with the song."""
        self.write()
        with_song = read_manifest(self.out).clips[0]
        self.write(output=replace(self.project.output, sound=ClipSound.CLICKS))
        with_clicks = read_manifest(self.out).clips[0]
        self.assertEqual(self.bad(), set())
        self.assertEqual(with_clicks.counts, with_song.counts)
        self.assertEqual(with_clicks.sound, "clicks")

    def test_stopping_leaves_nothing(self):
        reports: list[float] = []
        before = self.listing()
        with self.assertRaises(Stopped):
            write_pack(
                self.project, self.folder, self.out, Progress(lambda d, w: reports.append(d), lambda: len(reports) > 40)
            )
        self.assertEqual(self.listing(), before)

    def test_an_earlier_pack_is_replaced_and_kept_on_failure(self):
        self.write()
        before = {p: (self.out / p).read_bytes() for p in ("chapters.txt", NAME)}
        with (
            mock.patch("vamos.core.render.encode.ClipWriter.picture", side_effect=OSError(28, "full")),
            self.assertRaisesRegex(WriteError, "no space left"),
        ):
            self.write(output=replace(self.project.output, longest_side=128))
        self.assertEqual({p: (self.out / p).read_bytes() for p in before}, before)
        self.assertEqual([p for p in self.listing() if p.startswith(".")], [])
        self.write(name="second")
        self.assertEqual(read_manifest(self.out).project, "second")

    def test_other_peoples_folders_are_not_touched(self):
        self.out.mkdir()
        (self.out / "letter.txt").write_text("dear")
        with self.assertRaisesRegex(WriteError, "other files"):
            self.write()
        self.assertEqual((self.out / "letter.txt").read_text(), "dear")

    def test_a_manifest_of_another_kind_makes_no_pack(self):
        """A web page's folder with a manifest.json of its own is refused before anything is rendered."""
        self.out.mkdir()
        (self.out / NAME).write_text('{"name": "my page"}')
        (self.out / "thesis.txt").write_text("precious")
        with (
            mock.patch("vamos.core.pack.write.render_clip") as render,
            self.assertRaisesRegex(WriteError, "other files"),
        ):
            self.write()
        render.assert_not_called()
        self.assertEqual((self.out / "thesis.txt").read_text(), "precious")

    def test_notes_put_into_a_pack_stay(self):
        """What somebody put beside the clips is named, and nothing is replaced; the same while clips are rendered."""
        self.write()
        (self.out / "clips" / "notes.txt").write_text("mine")
        with self.assertRaisesRegex(WriteError, r"clips/notes\.txt, which Vamos did not write"):
            self.write(name="second")
        (self.out / "clips" / "notes.txt").unlink()
        real = write.render_clip

        def late(*arguments):
            (self.out / "late.txt").write_text("mine")
            return real(*arguments)

        with mock.patch("vamos.core.pack.write.render_clip", late), self.assertRaisesRegex(WriteError, "late.txt"):
            self.write(name="second", output=replace(self.project.output, longest_side=128))
        self.assertEqual(read_manifest(self.out).project, self.project.name)
        self.assertEqual([p for p in self.listing() if p.startswith(".")], [])

    def test_the_folder_one_works_in_is_refused_at_once(self):
        self.out.mkdir()
        before = os.getcwd()
        self.addCleanup(os.chdir, before)
        os.chdir(self.out)
        with self.assertRaisesRegex(WriteError, "you work in"):
            write_pack(self.project, self.folder, Path("."))

    def test_a_link_to_a_folder_stays_a_link(self):
        (self.folder / "real").mkdir()
        self.out.symlink_to(self.folder / "real")
        self.write()
        self.assertTrue(self.out.is_symlink())
        self.assertTrue((self.folder / "real" / NAME).is_file())

    def test_without_a_run_through_clips_keep_their_order(self):
        """The first clip stands first in the manifest."""
        takes = (replace(self.project.takes[0], stretches=(Stretch(view=View.FEET),)),)
        write_pack(replace(self.project, takes=takes), self.folder, self.out)
        files = [c.file for c in read_manifest(self.out).clips]
        self.assertEqual(files, sorted(files))

    @unittest.skipIf(os.getuid() == 0, "root may write anywhere")
    def test_a_folder_that_cannot_be_written(self):
        self.folder.chmod(0o555)
        self.addCleanup(self.folder.chmod, 0o755)
        with self.assertRaisesRegex(WriteError, "not allowed"):
            self.write()

    def test_a_missing_take_is_told_and_the_rest_written(self):
        other = replace(
            self.project.takes[0],
            name="gone",
            id="gone",
            media=MediaRef("gone.mp4"),
            stretches=(replace(self.project.takes[0].stretches[0], view=View.BACK),),
        )
        outcome = write_pack(replace(self.project, takes=(*self.project.takes, other)), self.folder, self.out)
        self.assertTrue(any("gone.mp4" in p for p in outcome.problems))
        self.assertEqual(self.bad(), set())

    def test_nothing_to_cut_is_said(self):
        with self.assertRaisesRegex(InputError, "nothing to cut"):
            write_pack(Project(), None, self.out)
        self.assertFalse(self.out.exists())

    def test_manifests_are_read_with_care(self):
        with self.assertRaises(MissingError):
            read_manifest(self.folder / "nowhere")
        with self.assertRaisesRegex(MissingError, "not a Vamos pack"):
            read_manifest(self.folder)
        self.write()
        good = (self.out / NAME).read_text()
        (self.out / NAME).write_text(good.replace("chapters.txt", "../s.wav"))
        with self.assertRaisesRegex(ProjectError, "outside the pack"):
            read_manifest(self.out)
        (self.out / NAME).write_text("{")
        with self.assertRaises(ProjectError):
            read_manifest(self.out)


class ChaptersTest(FolderCase):
    CHAPTERS = ((0.0, 4.5, "lead-in"), (4.5, 3700.0, "A = B; #1"))

    def test_plain_list(self):
        self.assertEqual(plain_list(self.CHAPTERS), "0:00 lead-in\n0:04 A = B; #1\n")
        self.assertEqual(minutes_text(3661), "1:01:01")

    def test_ffmetadata_is_read_by_ffmpeg(self):
        """The ffmpeg command line puts these chapters on a file as they were meant."""
        (self.folder / "m").write_text(ffmetadata(self.CHAPTERS))
        film_of(self.folder / "a.mp4", 6.0)
        subprocess.run(
            [
                "ffmpeg",
                "-v",
                "error",
                "-i",
                self.folder / "a.mp4",
                "-i",
                self.folder / "m",
                "-map_metadata",
                "1",
                "-codec",
                "copy",
                self.folder / "b.mkv",
            ],
            check=True,
        )
        told = json.loads(
            subprocess.run(
                ["ffprobe", "-v", "error", "-show_chapters", "-of", "json", self.folder / "b.mkv"],
                capture_output=True,
                check=True,
            ).stdout
        )
        self.assertEqual([c["tags"]["title"] for c in told["chapters"]], ["lead-in", "A = B; #1"])
        self.assertAlmostEqual(float(told["chapters"][1]["start_time"]), 4.5, places=2)

    def test_file_names_are_plain(self):
        self.assertEqual(plain_name("Fächer/..: schwung ½"), "facher schwung 1 2")
        self.assertEqual(plain_name("扇"), "clip")


if __name__ == "__main__":
    unittest.main()
