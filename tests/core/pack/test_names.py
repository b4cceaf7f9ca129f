"""Names nobody would expect, in what leaves the house: line breaks, one long word, words of the page's own; no paths."""

import json
import re
import unittest
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path

from pypdf import PdfReader

from tests.core.pack.test_verify import small_project
from tests.support import FolderCase
from vamos.core.dance import pdf_fonts
from vamos.core.edit.clips import choose
from vamos.core.lesson.paper import lesson_pdf
from vamos.core.lesson.plan import plan_lesson
from vamos.core.model.clip import Choice, ClipSound, RunThrough
from vamos.core.model.dance import Dance, Event, Item, ItemKind, Section
from vamos.core.pack.students_page import page_html
from vamos.core.pack.timeline import read_sources
from vamos.core.pack.verify import verify_pack
from vamos.core.pack.write import write_pack
from vamos.core.plan.clips import plan_clips
from vamos.core.render.lettering import one_line, runs_of, text_length
from vamos.faults import report


def dance_of(name: str = "A", cue: str = "", move: str = "step") -> Dance:
    event = Event(F(0), F(1), move, cue=cue)
    return Dance("Harbour", (Section(name, 8, (event,)),), (Item(ItemKind.WALL),))


class PackTest(FolderCase):
    def test_line_breaks_and_tabs_in_names_and_cues(self):
        """They are spaces where something has one line; the pack is written and holds."""
        project = replace(
            small_project(self.folder), dance=dance_of("two\nlines", "line\nbreak\u2028", "step\tnow\x07")
        )
        write_pack(project, self.folder, self.folder / "pack")
        self.assertEqual([f for f in verify_pack(self.folder / "pack") if not f.good], [])
        self.assertEqual(one_line("a\nb\tc\x07\u2028d\ud800"), "a b c  d ")
        self.assertGreater(text_length(runs_of("a\nb", 20)), text_length(runs_of("ab", 20)))

    def test_clicks_at_the_very_end(self):
        """A count within 60 ms of the end, as after the end was nudged a frame later: verify says that all holds."""
        project = small_project(self.folder)
        off = RunThrough(wanted=False)
        project = replace(project, output=replace(project.output, sound=ClipSound.CLICKS, run_through=off))
        for frames in (1, 2, 3):
            nudged = choose(project, Choice(plan_clips(project)[0].key, nudge_end=frames))
            write_pack(nudged, self.folder, self.folder / "pack")
            self.assertEqual([f for f in verify_pack(self.folder / "pack") if not f.good], [], frames)

    def test_nothing_private_leaves_with_it(self):
        """Media named by whole paths, and one that is gone: no file of the pack holds the folder."""
        project = small_project(self.folder)
        take = project.takes[0]
        lost = replace(
            take, name="lost", id="lost", media=replace(take.media, path=str(self.folder / "private name.mp4"))
        )
        lost = replace(lost, stretches=(replace(take.stretches[0], view="back"),))
        takes = tuple(replace(t, media=replace(t.media, path=str(self.folder / "t.mp4"))) for t in (take,))
        song = replace(project.song, media=replace(project.song.media, path=str(self.folder / "s.wav")))
        outcome = write_pack(replace(project, takes=(*takes, lost), song=song), None, self.folder / "pack")
        self.assertTrue(any("private name.mp4" in p for p in outcome.problems), outcome.problems)
        for path in (self.folder / "pack").rglob("*"):
            if path.is_file():
                self.assertNotIn(str(self.folder).encode(), path.read_bytes(), path.name)
        self.assertEqual({s.take for s in read_sources(self.folder / "pack").values()}, {"t"})


class PageTest(unittest.TestCase):
    def test_names_that_look_like_places_of_the_page(self):
        """Each name is data and nothing else, whatever it looks like."""
        data = {
            "title": "{{script}} {{data}}",
            "sections": ["{{style}}", "{{font}}", "{{=Play}}", "</script>"],
            "words": {},
        }
        page = page_html(data)
        self.assertEqual(page.count("<script"), page.count("</script>"))
        found = re.search(r'<script[^>]*type="application/json"[^>]*>(.*?)</script>', page, re.S)
        self.assertEqual(json.loads(found.group(1))["sections"], data["sections"])
        self.assertIn("<title>{{script}} {{data}}</title>", page)


class PaperTest(unittest.TestCase):
    def test_one_word_of_five_thousand_letters(self):
        """It is broken where it must be, each line fits, nothing is lost; in time that grows with its length."""
        word = "abcdefgh" * 700
        lines = pdf_fonts.wrapped(f"say {word} now", 9.5, 300.0)
        self.assertEqual("".join(lines).replace("say", "").replace("now", "").replace(" ", ""), word)
        self.assertTrue(all(pdf_fonts.width(x, 9.5) <= 300.0 for x in lines))
        project = small_project(Path(self.enterContext(_folder())))
        plan = plan_lesson(replace(project, dance=dance_of(cue=word, move=word)))
        text = "".join(page.extract_text() for page in PdfReader(_file(lesson_pdf(plan, "Harbour"))).pages)
        self.assertIn("abcdefgh" * 5, text.replace("\n", ""))

    def test_a_column_narrower_than_a_letter(self):
        self.assertEqual(pdf_fonts.wrapped("abc", 20, 1.0), ["a", "b", "c"])


class FaultTest(unittest.TestCase):
    def test_reports_hold_no_path_and_no_name(self):
        """Paths with blanks, in quotes or without, at the end or before more words."""
        for words in (
            "[Errno 2] No such file: '/home/anna/My holiday with Ben/first kiss.mp4'",
            "/home/anna/My holiday with Ben/first kiss.mp4: cannot be read",
            "could not open /home/anna/My holiday with Ben/first kiss.mp4",
            "~/My holiday with Ben/first kiss.mp4 is gone",
        ):
            said = report("x", ValueError(words))
            for private in ("anna", "holiday", "Ben", "kiss", "home"):
                self.assertNotIn(private, said, words)
        self.assertIn("division by zero", report("x", ZeroDivisionError("division by zero")))
        self.assertIn("1/2 and 3/4", report("x", ValueError("1/2 and 3/4")))


def _folder():
    import tempfile

    return tempfile.TemporaryDirectory()


def _file(data: bytes):
    import io

    return io.BytesIO(data)


if __name__ == "__main__":
    unittest.main()
