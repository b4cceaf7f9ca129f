"""Files beside the user's own: no link or pipe is followed, damage means made again, nothing is written onto a source."""

import contextlib
import errno
import io
import json
import multiprocessing
import os
import subprocess
import sys
import unittest
from pathlib import Path
from unittest import mock

import numpy as np

from tests.support import FolderCase, film_of, grid_at, write_song
from vamos.cli.main import run
from vamos.core.disk.alone import alone_at
from vamos.core.disk.atomic import write_atomically
from vamos.core.disk.inputs import read_input
from vamos.core.disk.outputs import write_output
from vamos.core.disk.side_files import read_side, write_side
from vamos.core.document import lock
from vamos.core.document.files import load, save
from vamos.core.media import cache, proxy
from vamos.core.media.motion import Motion, motion_of
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song
from vamos.core.pack.place import put_in_place, work_folder
from vamos.core.plan.own_profiles import keep_profile, own_profiles, profiles_file
from vamos.errors import InputError, MissingError, ProjectError, WriteError


def vamos(*arguments: object) -> tuple[int, str]:
    err = io.StringIO()
    with contextlib.redirect_stdout(io.StringIO()), contextlib.redirect_stderr(err):
        status = run(["--quiet", *(str(a) for a in arguments)])
    return status, err.getvalue()


class LockTest(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.project, self.precious = self.folder / "one.vamos", self.folder / "precious.txt"
        save(Project(), self.project)
        self.precious.write_text("precious")

    def test_a_link_in_its_place_is_not_followed(self):
        """Opening a stranger's folder overwrites nothing: the link itself gives way to the lock file."""
        lock.place(self.project).symlink_to(self.precious)
        self.assertIsNone(lock.hold(self.project))
        self.assertEqual(self.precious.read_text(), "precious")
        self.assertTrue(lock.place(self.project).is_file() and not lock.place(self.project).is_symlink())
        lock.release(self.project)
        self.assertFalse(os.path.lexists(lock.place(self.project)))

    def test_pipes_devices_and_nonsense_are_no_lock(self):
        """A FIFO nobody writes to, an endless device, brackets without end, numbers without end: at once, no holder."""
        os.mkfifo(lock.place(self.project))
        self.assertIsNone(lock.holder(self.project))
        lock.place(self.project).unlink()
        lock.place(self.project).symlink_to("/dev/zero")
        self.assertIsNone(lock.holder(self.project))
        for text in ("[" * 1900, '{"process": ' + "9" * 1900 + "}", '{"process": 1e400}', "\0" * 50):
            lock.place(self.project).unlink()
            lock.place(self.project).write_text(text)
            self.assertIsNone(lock.holder(self.project), text[:20])
        lock.place(self.project).unlink()
        lock.place(self.project).mkdir()
        self.assertIsNone(lock.hold(self.project))
        self.assertTrue(lock.place(self.project).is_dir())


class InputTest(FolderCase):
    def test_what_is_no_file_is_said_at_once(self):
        """FIFO, device, folder, six gigabytes, nothing: each with words, none waited for or read whole."""
        pipe, huge = self.folder / "pipe.vamos", self.folder / "huge.vamos"
        os.mkfifo(pipe)
        with huge.open("wb") as file:
            file.truncate(6 << 30)
        for path, words in (
            (pipe, "pipe or a device"),
            (Path("/dev/zero"), "pipe or a device"),
            (self.folder, "folder"),
            (huge, "6144 MB large; a project is at most 64 MB"),
        ):
            with self.assertRaisesRegex(InputError, words):
                read_input(path, "project")
            with self.assertRaisesRegex(ProjectError, words):
                load(path)
        with self.assertRaises(MissingError):
            load(self.folder / "none.vamos")
        with self.assertRaises(InputError):
            read_input(self.folder / ("x" * 5000), "sheet")

    def test_a_side_file_has_bounds(self):
        path = self.folder / "side"
        self.assertTrue(write_side(path, b"abc"))
        self.assertEqual((read_side(path), read_side(path, 2)), (b"abc", None))
        self.assertFalse(write_side(self.folder, b"x"))
        self.assertFalse(write_side(self.folder / "none" / "x", b"x"))
        self.assertEqual(self.listing(), ["side"])


class OutputTest(FolderCase):
    def test_nothing_is_written_onto_what_it_is_made_from(self):
        """Songs, films, projects and sheets given to a command stay as they are; words say which and what to do."""
        song, film = self.folder / "v.wav", film_of(self.folder / "f.mp4", 1.0)
        write_song(song, 120, 8)
        project, sheet = self.folder / "p.vamos", self.folder / "s.csv"
        media = MediaRef("v.wav", song.stat().st_size, 8.0)
        save(Project("p", Song(media, "v", grid_at(120, 14))), project)
        sheet.write_text("section,count,move\nA,1,step R\n")
        linked = self.folder / "other name.json"
        linked.symlink_to(song)
        before = {p: p.read_bytes() for p in (song, film, project, sheet)}
        for arguments in (
            ("grid", song, "--json", song),
            ("grid", song, "--json", linked),
            ("grid", song, "--to", self.folder / ".." / self.folder.name / "v.wav"),
            ("shots", project, "--to", project),
            ("shots", project, "--to", film),
            ("shots", project, "--json", song),
            ("dance", project, "--json", project),
            ("sheet", sheet, "--to", sheet),
            ("lesson", project, "--film-list", film),
            ("clips", project, "--json", film),
            ("make", song, film, "--out", self.folder / "pk", "--project", project),
        ):
            with self.subTest(arguments):
                status, words = vamos(*arguments)
                self.assertEqual(status, 2, words)
                self.assertEqual({p: p.read_bytes() for p in before}, before)
        self.assertIn("It was not changed. Choose another name.", vamos("grid", song, "--json", song)[1])
        self.assertEqual(vamos("shots", project, "--to", self.folder / "list.md")[0], 1)
        self.assertEqual(vamos("shots", project, "--to", self.folder / "list.md")[0], 1, "its own list is replaced")

    def test_from_the_window_too(self):
        """The same writer: a film under another ending is told by how it begins."""
        film = film_of(self.folder / "f.mp4", 1.0).rename(self.folder / "plan.pdf")
        with self.assertRaisesRegex(WriteError, "a song or a film"):
            write_output(film, b"x")
        (self.folder / "x.json").write_text(' {"vamos": 3}')
        with self.assertRaisesRegex(WriteError, "a project"):
            write_output(self.folder / "x.json", b"x")

    def test_where_flushing_and_modes_are_refused(self):
        """Network and memory-stick file systems: saved all the same; a full disk is still told."""
        path = self.folder / "a.vamos"
        refused = OSError(errno.EINVAL, "no")
        with (
            mock.patch("os.fsync", side_effect=refused),
            mock.patch("os.chmod", side_effect=OSError(errno.EPERM, "no")),
        ):
            write_atomically(path, b"one")
        self.assertEqual(path.read_bytes(), b"one")
        with (
            mock.patch("os.fsync", side_effect=OSError(errno.ENOSPC, "full")),
            self.assertRaisesRegex(WriteError, "space"),
        ):
            write_atomically(path, b"two")
        self.assertEqual((path.read_bytes(), self.listing()), (b"one", ["a.vamos"]))


def _own_clip(path: str, name: str) -> None:
    sys.exit(vamos("clips", path, "--own", name, "0", "8")[0])


class AloneTest(FolderCase):
    def test_command_lines_at_once_lose_nothing(self):
        """Eight of them, each with a clip of its own: all eight are in the project."""
        path = self.folder / "p.vamos"
        save(Project("p", Song(MediaRef("v.wav", 0, 32.0), "v", grid_at(120, 60))), path)
        context = multiprocessing.get_context("spawn")
        runs = [context.Process(target=_own_clip, args=(str(path), f"clip {k}")) for k in range(8)]
        for process in runs:
            process.start()
        for process in runs:
            process.join()
        self.assertEqual(sorted(r.name for r in load(path).ranges), [f"clip {k}" for k in range(8)])
        self.assertEqual(self.listing(), ["p.vamos"])

    def test_who_hangs_is_named(self):
        short = mock.patch("vamos.core.disk.alone.PATIENCE_S", 0.05)
        refused = self.assertRaisesRegex(WriteError, "another Vamos")
        with alone_at(self.folder / "x"), short, refused, alone_at(self.folder / "y"):
            pass
        with alone_at(self.folder / "none" / "y"):
            pass


class PlaceTest(FolderCase):
    def test_killed_between_two_renames_the_pack_comes_back(self):
        """Without an atomic exchange: the old pack is at its place after the next run, the unfinished one gone."""
        out = self.folder / "pk"
        out.mkdir()
        (out / "old").write_text("kept")
        script = (
            "import os,sys;from pathlib import Path;from unittest import mock;"
            "from vamos.core.pack import place;out=Path(sys.argv[1]);work=place.work_folder(out);"
            "(work/'new').write_text('n');real=os.rename;calls=[]\n"
            "def rename(a,b):\n calls.append(a)\n if len(calls)==2: os._exit(9)\n return real(a,b)\n"
            "place._exchanged=lambda a,b: False\nos.rename=rename\nplace.put_in_place(work,out,lambda p: None)"
        )
        self.assertEqual(subprocess.run([sys.executable, "-c", script, str(out)], check=False).returncode, 9)
        self.assertFalse(out.exists())
        work = work_folder(out)
        self.assertEqual((out / "old").read_text(), "kept")
        put_in_place(work, out, lambda _: None)
        self.assertEqual(self.listing(), ["pk"])


class DamagedTest(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        for name, target in (("user_cache_dir", "cache"), ("user_config_dir", "config")):
            patch = mock.patch(f"platformdirs.{name}", return_value=str(self.folder / target))
            patch.start()
            self.addCleanup(patch.stop)

    def test_a_damaged_small_copy_is_made_again(self):
        """Empty, cut off, text, of another film: none is watched, and each is made anew."""
        film, other = film_of(self.folder / "f.mp4", 2.0), film_of(self.folder / "g.mp4", 1.0)
        made = proxy.make(film, "key", 2.0)
        whole = made.read_bytes()
        for data in (
            b"",
            whole[: len(whole) // 2],
            b"text",
            other.read_bytes(),
            proxy.make(other, "g", 1.0).read_bytes(),
        ):
            made.write_bytes(data)
            self.assertIsNone(proxy.ready("key"))
            self.assertEqual(proxy.make(film, "key", 2.0), made)
            self.assertEqual(proxy.ready("key"), made)
        made.unlink()
        made.symlink_to(film)
        self.assertIsNone(proxy.ready("key"))
        self.assertTrue(film.exists())

    def test_a_damaged_motion_cache_is_made_again(self):
        film = film_of(self.folder / "f.mp4", 1.0)
        whole = motion_of(film, "k", 1.0)
        place = cache.place("motion", "k")
        packed = bytearray(place.read_bytes())
        packed[8] ^= 0x6F  # another compression
        for write in (
            lambda: cache.keep("motion", "k", outlines=whole.outlines),
            lambda: cache.keep("motion", "k", outlines=whole.outlines, energy=whole.energy[:3], boxes=whole.boxes),
            lambda: place.write_bytes(bytes(packed)),
            lambda: place.write_bytes(place.read_bytes()[:100]),
        ):
            write()
            again: Motion = motion_of(film, "k", 1.0)
            np.testing.assert_array_equal(again.energy, whole.energy)

    def test_damaged_profiles_do_not_stop_anything(self):
        path = profiles_file()
        path.parent.mkdir(parents=True)
        for data in (b"\xff\xfe\xe9", b"[" * 100_000, b"{}", b'{"profiles": 3}'):
            path.write_bytes(data)
            self.assertEqual(own_profiles(), ())
            with self.assertRaisesRegex(ProjectError, "Move it away"):
                keep_profile("Tuesday", Project().output)
            self.assertEqual(path.read_bytes(), data)
        path.unlink()
        os.mkfifo(path)
        self.assertEqual(own_profiles(), ())

    def test_what_killed_runs_left_in_the_cache_goes(self):
        cache.keep("k", "a", x=np.arange(3))
        folder = cache.folder() / "k"
        for name in (".x.npz.99.abcd", "y.tmp", "z.part.mp4"):
            (folder / name).write_bytes(b"half")
            os.utime(folder / name, (0, 0))
        (folder / "new.part.mp4").write_bytes(b"at work")
        cache.cut_back()
        self.assertEqual({p.name for p in folder.iterdir()}, {cache.place("k", "a").name, "new.part.mp4"})


class JsonTest(FolderCase):
    def test_five_thousand_brackets_as_a_project(self):
        path = self.folder / "p.vamos"
        path.write_text("[" * 5000)
        with self.assertRaises(ProjectError):
            load(path)
        self.assertEqual(json.loads("[1]"), [1])


if __name__ == "__main__":
    unittest.main()
