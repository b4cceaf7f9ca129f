"""The open project: edits that hold together, saving that never takes anything from anybody."""

import json
import os
import unittest
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path
from unittest import mock

from tests.support import FolderCase, grid_at
from vamos.core.document.files import load, save
from vamos.core.document.paths import locate, reference
from vamos.core.edit import dance as edit_dance
from vamos.core.edit import song as edit_song
from vamos.core.model.clip import Choice
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song
from vamos.core.model.take import BetterSound, Pass, PassKind, Take, View
from vamos.core.open_document.document import OpenDocument
from vamos.core.open_document.reading import read_project
from vamos.core.time import TimeMap, TimeRange
from vamos.errors import InputError, MissingError, ProjectError, WriteError

OLD = Path(__file__).parent / "format1"


def project(lead_in: int = 8) -> Project:
    return Project("p", Song(MediaRef("s.wav"), "s", grid_at(120, 40, 0.5, lead_in)))


def later(p: Project) -> Project:
    return edit_song.move_the_one(p, 1)


class HistoryTest(unittest.TestCase):
    def test_undo_and_redo_name_what_they_take_back(self):
        doc = OpenDocument(project())
        self.assertTrue(doc.do("Move the 1", later))
        self.assertEqual(doc.history.undo_name, "Move the 1")
        self.assertEqual(doc.undo(), "Move the 1")
        self.assertEqual(doc.project, project())
        self.assertEqual(doc.redo(), "Move the 1")
        self.assertEqual(doc.project.grid.lead_in, 9)
        self.assertIsNone(doc.redo())

    def test_nothing_changed_is_not_a_step(self):
        doc = OpenDocument(project())
        self.assertFalse(doc.do("same", lambda p: replace(p)))
        self.assertIsNone(doc.undo())

    def test_a_new_edit_forgets_what_was_undone(self):
        doc = OpenDocument(project())
        doc.do("a", later)
        doc.undo()
        doc.do("b", lambda p: edit_song.move_the_one(p, 2))
        self.assertIsNone(doc.history.redo_name)

    def test_a_refused_edit_changes_nothing(self):
        """Whatever goes wrong, in an edit or in what follows from it, the project is as it was."""
        doc = OpenDocument(project())
        before = doc.project
        for edit in (lambda p: edit_song.move_the_one(p, -99), lambda p: 1 / 0):
            with self.assertRaises((InputError, ZeroDivisionError)):
                doc.do("bad", edit)
            self.assertIs(doc.project, before)
        with (
            mock.patch("vamos.core.open_document.facts.lines_of", side_effect=RuntimeError),
            self.assertRaises(RuntimeError),
        ):
            doc.do("cannot be laid out", later)
        self.assertIs(doc.project, before)
        self.assertIsNone(doc.history.undo_name)

    def test_what_did_not_change_is_not_worked_out_again(self):
        """A mark on a take leaves the lines; the clips follow it."""
        doc = OpenDocument(with_take())
        lines, clips = doc.facts.lines, doc.facts.clips
        doc.do("more", lambda p: replace(p, takes=(replace(p.takes[0], speaker_m=3.0),)))
        self.assertIs(doc.facts.lines, lines)
        self.assertIsNot(doc.facts.clips, clips)
        self.assertEqual(doc.facts.clips, clips)
        doc.do("name", lambda p: replace(p, name="other"))
        self.assertIs(doc.facts.lines, lines)


def with_take() -> Project:
    the_pass = Pass(PassKind.SONG, TimeRange(0.0, 19.0), TimeMap.line(0.0, 0.0), 1.0)
    take = Take("front", MediaRef("f.mp4", duration_s=20.0), passes=(the_pass,), looked_for_passes=True)
    return replace(project(), takes=(take,))


class FileTest(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.path = self.folder / "p.vamos"
        save(project(), self.path)

    def test_nothing_is_written_that_was_not_edited(self):
        """Opened and closed, a file keeps every byte and its time, whatever format it has."""
        self.path.write_text(self.path.read_text().replace('"name": "p"', '"name":  "p"'))
        os.utime(self.path, (1e9, 1e9))
        doc = OpenDocument.open(self.path)
        self.assertFalse(doc.dirty)
        self.assertIsNone(doc.save())
        self.assertEqual(self.path.stat().st_mtime, 1e9)

    def test_an_edit_taken_back_is_nothing_to_write(self):
        doc = OpenDocument.open(self.path)
        doc.do("later", later)
        self.assertTrue(doc.dirty)
        doc.undo()
        self.assertFalse(doc.dirty)

    def test_a_file_changed_by_something_else_is_kept_and_so_is_ours(self):
        doc = OpenDocument.open(self.path)
        save(replace(project(), name="theirs"), self.path)
        doc.do("later", later)
        saved = doc.save()
        self.assertEqual((saved.kept_beside, saved.path), (self.path, self.folder / "p (kept).vamos"))
        self.assertEqual(load(self.path).name, "theirs")
        self.assertEqual(load(saved.path).grid.lead_in, 9)
        # From now on it is that file; saving again asks for nothing more.
        doc.do("later", later)
        self.assertIsNone(doc.save().kept_beside)
        self.assertEqual(self.listing(), ["p (kept).vamos", "p.vamos"])

    def test_what_something_else_wrote_is_taken_over_and_can_be_taken_back(self):
        """Nothing waits here: the file is shown as it is, as an edit; what waits is never thrown away."""
        doc = OpenDocument.open(self.path)
        self.assertFalse(doc.changed_outside())
        save(replace(project(), name="theirs"), self.path)
        self.assertTrue(doc.changed_outside())
        doc.take_over()
        self.assertEqual((doc.project.name, doc.dirty, doc.changed_outside()), ("theirs", False, False))
        doc.undo()
        self.assertEqual((doc.project.name, doc.dirty), ("p", True))
        self.assertIsNone(doc.save().kept_beside)
        self.path.write_text("half of a fi")
        self.assertTrue(doc.changed_outside())
        with self.assertRaises(ProjectError):
            doc.take_over()
        self.assertEqual(doc.project.name, "p")

    def test_fields_nobody_knows_are_kept(self):
        """Of a newer or another program: at the top, in the song, and with the take they were written for."""
        raw = json.loads(self.path.read_text())
        takes = [{"name": name, "media": {"path": name}, "id": name} for name in ("a", "b")]
        raw |= {"made_by": "another hand"}
        raw["project"] |= {"mood": ["calm"], "takes": takes}
        raw["project"]["song"]["key"] = "D"
        raw["project"]["takes"][1]["stars"] = 4
        self.path.write_text(json.dumps(raw))
        doc = OpenDocument.open(self.path)
        doc.do("order", lambda p: replace(p, takes=p.takes[::-1], name="new"))
        doc.save()
        found = json.loads(self.path.read_text())
        self.assertEqual((found["made_by"], found["project"]["mood"]), ("another hand", ["calm"]))
        self.assertEqual((found["project"]["name"], found["project"]["song"]["key"]), ("new", "D"))
        self.assertEqual([t.get("stars") for t in found["project"]["takes"]], [4, None])
        doc.do("out", lambda p: replace(p, takes=p.takes[1:]))
        copy = doc.copy_to(self.folder / "copy.vamos")
        found = json.loads(copy.path.read_text())
        self.assertEqual(
            (found["made_by"], [t.get("stars") for t in found["project"]["takes"]]), ("another hand", [None])
        )
        save(replace(doc.project, name="by command"), self.path)
        self.assertEqual(json.loads(self.path.read_text())["made_by"], "another hand")

    def test_a_file_renamed_meanwhile_is_followed(self):
        doc = OpenDocument.open(self.path)
        self.path.rename(self.folder / "new name.vamos")
        doc.do("later", later)
        self.assertEqual(doc.save().path, self.folder / "new name.vamos")
        self.assertEqual(self.listing(), ["new name.vamos"])

    def test_mode_and_link_stay(self):
        """A private file stays private; a link goes on pointing to the file it pointed to."""
        self.path.chmod(0o600)
        link = self.folder / "link.vamos"
        link.symlink_to(self.path)
        doc = OpenDocument.open(link)
        doc.do("later", later)
        doc.save()
        self.assertTrue(link.is_symlink())
        self.assertEqual(self.path.stat().st_mode & 0o777, 0o600)
        self.assertEqual(load(self.path).grid.lead_in, 9)

    def test_a_write_protected_file_is_left(self):
        doc = OpenDocument.open(self.path)
        self.path.chmod(0o444)
        doc.do("later", later)
        with self.assertRaisesRegex(WriteError, "write-protected"):
            doc.save()
        self.assertTrue(doc.dirty)
        self.assertEqual(load(self.path), project())

    def test_a_copy_elsewhere_finds_its_media(self):
        (self.folder / "a").mkdir()
        song = self.folder / "s.wav"
        song.write_bytes(b"sound")
        doc = OpenDocument(replace(project(), song=replace(project().song, media=reference(song, 1.0, self.folder))))
        doc.path = self.path
        copy = doc.copy_to(self.folder / "a" / "copy")
        self.assertEqual(copy.path, self.folder / "a" / "copy.vamos")
        self.assertEqual(copy.project.song.media.path, "../s.wav")
        self.assertFalse(copy.dirty)

    def test_a_copy_elsewhere_finds_a_better_sound(self):
        (self.folder / "memo.wav").write_bytes(b"sound")
        memo = BetterSound(reference(self.folder / "memo.wav", 1.0, self.folder), TimeMap.line())
        doc = OpenDocument.open(self.path)
        doc.do("take", lambda p: replace(p, takes=(Take("t", MediaRef("t.mp4"), better=memo),)))
        copy = doc.copy_to(self.folder / "far" / "away" / "copy.vamos")
        found = locate(copy.project.takes[0].better.media, copy.base)
        self.assertEqual(found.resolve(), (self.folder / "memo.wav").resolve())

    def test_a_copy_with_missing_media_is_made_all_the_same(self):
        doc = OpenDocument(project())
        doc.path = self.path
        copy = doc.copy_to(self.folder / "b.vamos")
        self.assertEqual(copy.project.song.media.path, str(self.folder / "s.wav"))


class BadFilesTest(FolderCase):
    def write(self, change) -> Path:
        path = self.folder / "bad.vamos"
        save(with_take(), path)
        data = json.loads(path.read_text())
        change(data["project"])
        path.write_text(json.dumps(data))
        return path

    def test_a_broken_file_is_refused_and_the_field_named(self):
        """Each would break the window later; the message says which file and where in it."""

        def anchors(p):
            p["song"]["grid"]["anchors"][3]["song_s"] = 0.1

        def stretches(p):
            p["takes"][0]["stretches"] = []

        def restart(p):
            p["dance"]["sections"] = [{"name": "A"}]
            p["dance"]["sequence"] = [{"kind": "wall", "restart_after": 0}]

        def unknown(p):
            p["dance"]["sequence"] = [{"kind": "wall", "sections": ["Nope"]}]

        def view(p):
            p["takes"][0]["stretches"][0]["view"] = "from above"

        def twice(p):
            p["takes"] *= 2

        def length(p):
            p["takes"][0]["media"]["duration_s"] = -1

        for change, words in (
            (anchors, r"anchors|grid.*one after another|one after another.*grid"),
            (stretches, r"front.*stretch"),
            (restart, r"restart.*sequence|sequence.*restart|restart"),
            (unknown, "Nope"),
            (view, r"view.*takes.*from above"),
            (twice, "same id"),
            (length, "f.mp4"),
        ):
            with self.subTest(change.__name__), self.assertRaisesRegex(ProjectError, words) as caught:
                OpenDocument.open(self.write(change))
            self.assertIn("bad.vamos", str(caught.exception))
            self.assertIn("was not changed", str(caught.exception))

    def test_no_file(self):
        with self.assertRaises(MissingError):
            OpenDocument.open(self.folder / "none.vamos")


class FormatOneTest(FolderCase):
    """Files as version 0.1.0 wrote them."""

    def test_decisions_belong_to_the_music_not_to_the_number_of_the_line(self):
        """“eight 2” of a song without a sheet keeps what was decided about it, also after the 1 has moved."""
        found = read_project(OLD / "song and take.vamos")
        self.assertEqual(found.version, 1)
        doc = OpenDocument(found.project)
        self.assertEqual(doc.project.takes[0].remarks[0].text, "the hold is danced through")
        self.assertTrue(doc.project.output.plain)
        self.assertEqual(len(doc.project.grid.breaks), 1)
        chosen = [c for c in doc.facts.clips if c.nudge == (2, 0)]
        self.assertEqual([c.title for c in chosen], ["eight 2"])
        start = doc.project.grid.time_map()(chosen[0].counts.start)
        doc.do("no parts", lambda p: edit_song.clear_part(p, F(0)))
        doc.do("a line earlier", lambda p: edit_song.move_the_one(p, -8))
        moved = [c for c in doc.facts.clips if c.nudge == (2, 0)]
        self.assertEqual([doc.project.grid.time_map()(c.counts.start) for c in moved], [start])
        doc.do("half a line later", lambda p: edit_song.move_the_one(p, 4))
        self.assertEqual([c for c in doc.facts.clips if c.nudge == (2, 0)], [])
        doc.do("and back", lambda p: edit_song.move_the_one(p, -4))
        self.assertEqual(len([c for c in doc.facts.clips if c.nudge == (2, 0)]), 1)

    def test_a_dance_with_choices(self):
        doc = OpenDocument(read_project(OLD / "dance.vamos").project)
        self.assertEqual(doc.project.choice("Fan · front"), Choice("Fan · front", take="front", flip=False))
        self.assertEqual([s.id for s in doc.project.dance.sections], ["Fan", "Lantern"])

    def test_sizes_of_the_second_format(self):
        """The size everybody had without choosing becomes that of the film; one that was chosen stays."""
        folder = OLD.parent / "format2"
        usual, chosen = (read_project(folder / f"{n} size.vamos") for n in ("usual", "chosen"))
        self.assertEqual((usual.version, chosen.version), (2, 2))
        self.assertEqual((usual.project.output.rate, usual.project.output.longest_side), (None, None))
        self.assertEqual((chosen.project.output.rate, chosen.project.output.longest_side), (25, 1280))
        self.assertEqual(usual.project.output.speeds, (F(1), F(1, 2)))
        self.assertEqual([c.title for c in OpenDocument(chosen.project).facts.clips], ["Gate walk", "Bow"])


class IdentityTest(unittest.TestCase):
    def doc(self) -> OpenDocument:
        dance = Dance("d", (Section("Old"), Section("B")), (Item(ItemKind.WALL),))
        choice = Choice("Old · front", flip=False, run_up=F(4))
        return OpenDocument(replace(with_take(), dance=dance, choices=(choice,)))

    def flipped(self, doc: OpenDocument) -> list[str]:
        return [c.title for c in doc.facts.clips if c.view is View.FRONT and not c.flip]

    def test_a_new_name_keeps_what_was_decided(self):
        doc = self.doc()
        self.assertEqual(self.flipped(doc), ["Old"])
        doc.do("Name", lambda p: edit_dance.rename_section(p, "Old", "New"))
        self.assertEqual(self.flipped(doc), ["New"])

    def test_a_section_called_like_an_earlier_one_is_another(self):
        doc = self.doc()
        doc.do("Name", lambda p: edit_dance.rename_section(p, "Old", "New"))
        doc.do("Add", lambda p: edit_dance.add_section(p, "Old"))
        self.assertEqual(self.flipped(doc), ["New"])
        self.assertEqual(len({c.key for c in doc.facts.clips}), len(doc.facts.clips))

    def test_a_sheet_read_again_keeps_sections_by_their_names(self):
        doc = self.doc()
        doc.do("Name", lambda p: edit_dance.rename_section(p, "Old", "New"))
        sheet = Dance("d", (Section("New", 8), Section("Old", 8)), (Item(ItemKind.WALL),))
        doc.do("Read", lambda p: edit_dance.set_dance(p, sheet))
        self.assertEqual(self.flipped(doc), ["New"])

    def test_a_section_called_tag_is_still_danced_in_its_walls(self):
        """A rename never makes a project that cannot be opened, nor a dance of nothing."""
        doc = self.doc()
        for name in ("Old", "B"):
            new = f"tag {name}"
            doc.do("Name", lambda p, n=name, new=new: edit_dance.rename_section(p, n, new))
        danced = [line.title for line in doc.facts.lines if line.kind.danced]
        self.assertEqual(danced, ["tag Old", "tag B"])


if __name__ == "__main__":
    unittest.main()
