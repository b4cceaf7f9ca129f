"""What has not changed is not made again; a pack is exchanged at once, and dead runs leave nothing."""

import os
import signal
import subprocess
import sys
import time
from dataclasses import replace
from fractions import Fraction as F
from unittest import mock

from tests.core.pack.test_verify import small_project
from tests.support import FolderCase
from vamos.core.document.files import save
from vamos.core.edit.clips import choose
from vamos.core.model.clip import Choice, Quality, RunThrough
from vamos.core.model.look import Overlay, Style
from vamos.core.pack import place, write
from vamos.core.pack.manifest import read_manifest
from vamos.core.pack.verify import verify_pack
from vamos.core.pack.write import write_pack
from vamos.core.plan.clips import plan_clips


class ReuseTest(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.project = small_project(self.folder)
        output = replace(self.project.output, run_through=RunThrough(wanted=False))
        self.project = replace(self.project, output=output)
        self.out = self.folder / "pack"

    def made(self, **changes) -> list[str]:
        """Which clips are rendered when the pack is written."""
        self.project = replace(self.project, **changes)
        seen: list[str] = []

        def watched(jobs, *rest):
            seen.extend(j.clip.title for j in jobs)
            return render(jobs, *rest)

        render = write.render_clip
        with mock.patch.object(write, "render_clip", watched):
            write_pack(self.project, self.folder, self.out)
        self.assertEqual([f for f in verify_pack(self.out) if not f.good], [])
        return sorted(seen)

    def test_nothing_is_made_again_without_a_change(self):
        first = self.made()
        self.assertGreater(len(first), 1)
        entries = read_manifest(self.out).clips
        self.assertEqual(self.made(), [])
        self.assertEqual(read_manifest(self.out).clips, entries)

    def test_one_changed_clip_is_made_alone(self):
        self.made()
        clip = plan_clips(self.project)[1]
        changed = choose(self.project, Choice(clip.key, flip=not clip.flip))
        self.assertEqual(self.made(choices=changed.choices), [clip.title])
        self.assertEqual(self.made(name="another name"), [])

    def test_what_every_clip_shows_makes_all_again(self):
        every = self.made()
        for changes in ({"overlay": Overlay(style=Style.STRIP)}, {"quality": Quality.SMALL}, {"longest_side": 128}):
            with self.subTest(changes):
                self.assertEqual(self.made(output=replace(self.project.output, **changes)), every)

    def test_another_speed_is_made_and_the_old_one_kept(self):
        every = self.made()
        self.assertEqual(self.made(output=replace(self.project.output, speeds=(F(1), F(1, 2)))), every)
        self.assertEqual({c.speed for c in read_manifest(self.out).clips}, {1.0, 0.5})

    def test_a_file_that_was_changed_or_is_gone_is_made_again(self):
        self.made()
        one, two = read_manifest(self.out).clips[:2]
        (self.out / one.file).write_bytes((self.out / one.file).read_bytes() + b"x")
        (self.out / two.file).unlink()
        self.assertEqual(self.made(), sorted([one.title, two.title]))

    def test_another_film_under_the_same_name_is_seen(self):
        every = self.made()
        take = self.project.takes[0]
        other = replace(take, media=replace(take.media, fingerprint="f" * 32, size=5))
        with mock.patch("vamos.core.document.paths._is_same", return_value=True):
            self.assertEqual(self.made(takes=(other,)), every)


class PlaceTest(FolderCase):
    def test_exchanged_in_one_step_or_in_two(self):
        """The old folder goes when the new one stands; a refusal leaves both."""
        for exchange in (True, False):
            out = self.folder / f"out {exchange}"
            out.mkdir()
            (out / "old").touch()
            work = place.work_folder(out)
            (work / "new").touch()
            with mock.patch.object(place, "_exchanged", place._exchanged if exchange else lambda _a, _b: False):
                place.put_in_place(work, out, lambda _p: None)
            self.assertEqual([p.name for p in out.iterdir()], ["new"])
            self.assertFalse(work.exists())
        self.assertTrue(all(not p.name.startswith(".") for p in self.folder.iterdir()))

    def test_work_folders_of_dead_runs_are_cleared(self):
        out = self.folder / "pack"
        gone = subprocess.Popen([sys.executable, "-c", ""])
        gone.wait()
        dead, alive = (self.folder / f".pack.{n}.abcdefgh" for n in (gone.pid, os.getpid()))
        other = self.folder / ".pack.notes"
        for folder in (dead, alive, other):
            folder.mkdir()
        place.work_folder(out)
        self.assertEqual((dead.exists(), alive.exists(), other.exists()), (False, True, True))

    def test_asked_to_end_it_stops_and_leaves_the_old_pack(self):
        """SIGTERM is like Stop: exit status 2, the earlier pack whole, no work folder."""
        project = small_project(self.folder)
        save(project, self.folder / "p.vamos")
        command = [sys.executable, "-m", "vamos.cli", "pack", "p.vamos", "--out", "pack", "--speeds"]
        subprocess.run([*command, "100"], cwd=self.folder, check=True, capture_output=True)
        before = (self.folder / "pack" / "manifest.json").read_bytes()
        run = subprocess.Popen([*command, "100", "50", "25"], cwd=self.folder, stderr=subprocess.PIPE)
        while not any(p.name.startswith(".pack.") for p in self.folder.iterdir()) and run.poll() is None:
            time.sleep(0.01)
        run.send_signal(signal.SIGTERM)
        _, said = run.communicate(timeout=120)
        self.assertEqual(run.returncode, 2, said)
        self.assertIn(b"Stopped", said)
        self.assertEqual((self.folder / "pack" / "manifest.json").read_bytes(), before)
        self.assertFalse(any(p.name.startswith(".pack") for p in self.folder.iterdir()))
