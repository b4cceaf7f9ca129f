"""What students read is in a language of its own; whoever writes reads theirs."""

import re
import unittest
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path

from pypdf import PdfReader

import vamos.language  # noqa: F401 - hands the phrases in
from tests.core.pack.test_verify import small_project
from tests.support import FolderCase
from vamos.core.document.files import load, save
from vamos.core.edit.clips import choose
from vamos.core.edit.output import set_output
from vamos.core.model.clip import Choice
from vamos.core.model.dance import Dance, Event, Foot, Item, ItemKind, Section
from vamos.core.model.project import Project
from vamos.core.pack.homework import write_homework
from vamos.core.pack.manifest import read_manifest
from vamos.core.pack.students_page import PAGE
from vamos.core.pack.verify import verify_pack
from vamos.core.pack.write import write_pack
from vamos.core.plan.clips import plan_clips
from vamos.core.progress import Progress
from vamos.wording import language, speaking, words_of

tr = words_of("vamos.tests")


class PackLanguageTest(FolderCase):
    def project(self, of: str) -> Project:
        moves = (Event(F(0), F(1), "step", Foot.RIGHT), Event(F(4), F(1), "touch", Foot.LEFT))
        dance = Dance("Harbour", (Section("Anchor", 8, moves),), (Item(ItemKind.WALL), Item(ItemKind.WALL)))
        return set_output(replace(small_project(self.folder), dance=dance), language=of)

    def write(self, of: str) -> tuple[Path, list[str]]:
        said: list[str] = []
        out = self.folder / f"pack {of}"
        write_pack(self.project(of), self.folder, out, Progress(lambda _share, text: said.append(text)))
        return out, said

    def test_all_that_students_read_is_in_their_language(self):
        """Page, captions, chapters, summary, sheet and the words over the picture; the maker reads English all along,
        and the pack holds when it is verified in English."""
        out, said = self.write("de")
        page = (out / PAGE).read_text(encoding="utf-8")
        self.assertEqual(re.search(r'<html lang="(\w+)"', page).group(1), "de")
        self.assertIn("Schneller", page)
        self.assertIn("Anchor, Wand 1", (out / "chapters.txt").read_text(encoding="utf-8"))
        self.assertIn("Der ganze Tanz", (out / "summary.txt").read_text(encoding="utf-8"))
        sheet = "".join(p.extract_text() for p in PdfReader(out / "count sheet.pdf").pages)
        self.assertIn("Wände", sheet)
        shown = {s.label for c in read_manifest(out).clips for _, s in c.states}
        self.assertTrue(any("gespiegelt" in label for label in shown), shown)
        self.assertTrue(said and not any("Schreibe" in text or "geschrieben" in text for text in said), said)
        self.assertEqual(language(), "en")
        self.assertEqual([f for f in verify_pack(out) if not f.good], [])

    def test_the_maker_reads_what_is_wrong_in_their_own(self):
        """A clip with a problem, written in German: the outcome tells it in English, as the plan does."""
        project = self.project("de")
        first = plan_clips(project)[0]
        project = choose(project, Choice(first.key, run_up=F(3)))
        home = {p for c in plan_clips(project) for p in c.problems}
        outcome = write_pack(project, self.folder, self.folder / "pack")
        told = {p.split(": ", 1)[1] for p in outcome.problems if ": " in p}
        self.assertLessEqual(told, home)

    def test_another_language_is_another_pack(self):
        """The same folder again in another language: pictures with words are made anew, and say it."""
        project = self.project("en")
        out = self.folder / "pack"
        write_pack(project, self.folder, out)
        write_pack(set_output(project, language="de"), self.folder, out)
        shown = {s.label for c in read_manifest(out).clips for _, s in c.states}
        self.assertFalse([x for x in shown if "mirrored" in x])

    def test_homework_speaks_it_as_well(self):
        write_homework(self.project("de"), self.folder, self.folder / "home")
        cards = {s.card[1] for c in read_manifest(self.folder / "home").clips for _, s in c.states if s.card}
        self.assertTrue(any("mal mit" in words for words in cards), cards)

    def test_it_is_kept_in_the_project(self):
        """A language is kept; one this Vamos has no words of is kept as well, and words are those of the run."""
        for of in ("de", "", "xx"):
            save(set_output(Project("p"), language=of), self.folder / "p.vamos")
            self.assertEqual(load(self.folder / "p.vamos").output.language, of)
        with speaking("xx"):
            self.assertEqual(tr("Whole dance"), "Whole dance")

    def test_at_home_within_another_language(self):
        with speaking("de"):
            self.assertEqual((language(), tr("right"), tr.at_home("right")), ("de", "rechts", "right"))
        self.assertEqual(tr("right"), "right")


if __name__ == "__main__":
    unittest.main()
