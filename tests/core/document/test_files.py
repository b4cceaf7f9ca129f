"""The project file: nothing lost, nothing half-written, clear words."""

import json
import os
import unittest
from dataclasses import replace
from fractions import Fraction as F
from unittest import mock

from tests.support import FolderCase, grid_at
from vamos.core.document.files import VERSION, load, save
from vamos.core.document.paths import fingerprint, locate, reference
from vamos.core.model.clip import Choice
from vamos.core.model.dance import Dance, Event, Foot, Item, ItemKind, Kind, Section
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song
from vamos.core.model.take import Pass, PassKind, Stretch, Take, View
from vamos.core.time import TimeMap, TimeRange
from vamos.errors import MissingError, ProjectError, WriteError


def full_project() -> Project:
    """A project with something in every place."""
    event = Event(F(7, 2), F(1, 2), "side", "side", Foot.RIGHT, Kind.STEP, None, 2, lyric="boom", caution="spin")
    dance = Dance("Parade", (Section("A", 12, (event,)),), (Item(ItemKind.WALL, ("A",), restart_after=8),))
    the_pass = Pass(PassKind.SONG, TimeRange(1.0, 20.0), TimeMap((0.0, 1.0), (0.1, 1.1)), 0.9)
    take = Take("front", MediaRef("front.mp4", 10, 2.0, "ab"), (Stretch(view=View.BACK, trouble="noise"),), (the_pass,))
    return Project(
        "p", Song(MediaRef("song.wav"), "Song", grid_at()), dance, (take,), (Choice("A · front", flip=True),)
    )


class ProjectFileTest(FolderCase):
    def test_round_trip_loses_nothing(self):
        """What was saved is what is loaded, exact counts included."""
        path = self.folder / "p.vamos"
        save(full_project(), path)
        self.assertEqual(load(path), full_project())

    def test_layout_is_as_documented(self):
        """Version first, fractions as text."""
        path = self.folder / "p.vamos"
        save(full_project(), path)
        data = json.loads(path.read_text())
        self.assertEqual(data["vamos"], VERSION)
        self.assertEqual(data["project"]["dance"]["sections"][0]["events"][0]["start"], "7/2")

    def test_bad_files_are_named_and_left_alone(self):
        """Not there, empty, text, other JSON, newer format, wrong type in a field: each in words."""
        good = self.folder / "good.vamos"
        save(full_project(), good)
        text = good.read_text()
        cases = {
            "empty": ("", "not a Vamos project"),
            "text": ("hello", "not a Vamos project"),
            "list": ("[1]", "not a Vamos project"),
            "newer": ('{"vamos": 99, "project": {}}', "newer Vamos"),
            "field": (text.replace('"7/2"', '"seven"'), "seven"),
            "type": (text.replace('"name": "p"', '"name": 5'), r"name"),
            "cut": (text[: len(text) // 2], "not a Vamos project"),
            "grid": (text.replace('"lead_in": 8', '"lead_in": "x"'), "lead_in"),
        }
        for name, (content, words) in cases.items():
            with self.subTest(name):
                path = self.folder / f"{name}.vamos"
                path.write_text(content)
                with self.assertRaisesRegex(ProjectError, words) as caught:
                    load(path)
                self.assertIn(path.name, str(caught.exception))
                self.assertEqual(path.read_text(), content)
        with self.assertRaises(MissingError):
            load(self.folder / "nowhere.vamos")

    def test_a_full_disk_keeps_the_old_file(self):
        """When writing fails half-way the earlier project is still whole and no scrap is left."""
        path = self.folder / "p.vamos"
        save(full_project(), path)
        before = path.read_bytes()
        with (
            mock.patch("os.fsync", side_effect=OSError(28, "No space left on device")),
            self.assertRaisesRegex(WriteError, "no space left"),
        ):
            save(Project("other"), path)
        self.assertEqual(path.read_bytes(), before)
        self.assertEqual(self.listing(), ["p.vamos"])

    @unittest.skipIf(os.getuid() == 0, "root may write anywhere")
    def test_a_folder_that_cannot_be_written(self):
        self.folder.chmod(0o555)
        self.addCleanup(self.folder.chmod, 0o755)
        with self.assertRaisesRegex(WriteError, "not allowed"):
            save(Project(), self.folder / "p.vamos")

    def test_a_file_where_a_folder_is_needed(self):
        (self.folder / "x").write_text("")
        with self.assertRaises(WriteError):
            save(Project(), self.folder / "x" / "p.vamos")


class MovedFilesTest(FolderCase):
    def test_a_renamed_file_is_found_by_its_content(self):
        """A file moved next to the project under another name is found again."""
        film = self.folder / "films" / "a.mp4"
        film.parent.mkdir()
        film.write_bytes(os.urandom(3_000_000))
        media = reference(film, 3.0, self.folder)
        self.assertEqual(media.path, "films/a.mp4")
        self.assertEqual(locate(media, self.folder), film)
        moved = film.rename(self.folder / "renamed.mov")
        self.assertEqual(locate(media, self.folder), moved)

    def test_a_file_of_the_same_size_is_not_taken_for_it(self):
        film = self.folder / "a.mp4"
        film.write_bytes(b"a" * 100)
        media = reference(film, 1.0, self.folder)
        film.write_bytes(b"a" * 100)
        film.rename(self.folder / "b.mp4")
        (self.folder / "b.mp4").write_bytes(b"b" * 100)
        with self.assertRaisesRegex(MissingError, "not where it was"):
            locate(media, self.folder)

    def test_fingerprint_sees_both_ends(self):
        path = self.folder / "f"
        data = bytearray(os.urandom(2_500_000))
        path.write_bytes(data)
        first = fingerprint(path)
        data[-1] ^= 1
        path.write_bytes(data)
        self.assertNotEqual(first, fingerprint(path))


class OutputTest(unittest.TestCase):
    def test_impossible_settings_are_refused(self):
        for change in ({"rate": 0}, {"longest_side": 9}, {"speeds": (F(2),)}):
            with self.subTest(change), self.assertRaises(ValueError):
                replace(Project().output, **change)
