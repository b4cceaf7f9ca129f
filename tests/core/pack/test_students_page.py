"""The page for students in a real browser: it plays, loops, keeps its place; and captions read by another library."""

import json
import shutil
import tempfile
import unittest
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path

import webvtt as vtt

from tests.core.pack.browser import CHROMIUM, Browser
from tests.core.pack.test_verify import small_project
from tests.support import FolderCase
from vamos.core.dance.notation import parse_line
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.pack.captions import webvtt
from vamos.core.pack.manifest import read_manifest
from vamos.core.pack.students_page import PAGE, page_html
from vamos.core.pack.verify import verify_pack
from vamos.core.pack.write import write_pack

#: WCAG 2.2, 1.4.3: relative luminance and contrast of text on what lies behind it.
CONTRAST = """
(() => {
  const part = (c) => { c /= 255; return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4; };
  const rgba = (s) => s.match(/[\\d.]+/g).map(Number);
  const light = ([r, g, b]) => 0.2126 * part(r) + 0.7152 * part(g) + 0.0722 * part(b);
  const behind = (e) => { for (; e; e = e.parentElement) { const c = rgba(getComputedStyle(e).backgroundColor); if (c.length < 4 || c[3] > 0) return c; } return [255, 255, 255]; };
  const low = [];
  for (const e of document.querySelectorAll("body *")) {
    const words = [...e.childNodes].some((n) => n.nodeType === 3 && n.textContent.trim());
    if (!words || !e.checkVisibility() || e.matches("script, style, :disabled, .skip")) continue;
    const [a, b] = [light(rgba(getComputedStyle(e).color)), light(behind(e))];
    const ratio = (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    if (ratio < 4.5) low.push([e.id || e.tagName, e.textContent.trim().slice(0, 20), ratio]);
  }
  return low;
})()
"""


@unittest.skipUnless(CHROMIUM, "chromium is not installed; ./check installs it on Debian")
class PageTest(FolderCase):
    """A pack of two sections at two speeds, with a run-through."""

    @classmethod
    def setUpClass(cls) -> None:
        made = tempfile.TemporaryDirectory()
        cls.addClassCleanup(made.cleanup)
        cls.made = Path(made.name)
        project = small_project(cls.made)
        moves = tuple(parse_line("vine R 1-4, vine L 5-8"))
        sections = (Section("A </script> & b", 8, moves), Section("Back", 8))
        dance = Dance("Harbour", sections, (Item(ItemKind.WALL),))
        output = replace(project.output, speeds=(F(1), F(1, 2)))
        write_pack(replace(project, dance=dance, output=output), cls.made, cls.made / "pack")

    def setUp(self) -> None:
        super().setUp()
        self.out = Path(shutil.copytree(self.made / "pack", self.folder / "pack"))

    def browser(self, width: int = 1280, height: int = 800, dark: bool = False) -> Browser:
        found = Browser(width, height, dark)
        self.addCleanup(found.__exit__)
        found.open(self.out / PAGE)
        found.until("film.readyState >= 2")
        return found

    def test_it_plays_and_counts_in_step(self):
        """Space plays; the count shown is that of the manifest at the frame on show; digits go to their count."""
        page = self.browser()
        self.assertEqual(page.run("document.querySelectorAll('#sections button').length"), 2)
        self.assertEqual(page.run("film.paused"), True)
        page.key(" ")
        page.until("!film.paused && film.currentTime > 1.2")
        page.key(" ")
        page.until("film.paused")
        entry = {c.file: c for c in read_manifest(self.out).clips}[page.run("loaded.file")]
        for digit in "5281":
            page.key(digit)
            page.until(f"place().count === loaded.first + {int(digit) - 1} && !film.seeking")
            page.run("new Promise(requestAnimationFrame)")
            frame = page.run("Math.floor(film.currentTime * loaded.rate + 0.5)")
            wanted = [state for first, state in entry.states if first <= frame][-1]
            self.assertEqual(page.run("at('count').textContent"), wanted.number)
            self.assertEqual(page.run("at('cue').textContent"), wanted.now)
            self.assertEqual(page.run("at('count').textContent"), digit)
        page.key("ArrowRight")
        page.until("at('count').textContent === '2'")
        self.assertEqual((page.errors, [r for r in page.requests if not r.startswith(("file:", "data:"))]), ([], []))

    def test_another_speed_keeps_the_place_and_plays_on(self):
        page = self.browser()
        page.key("6")
        page.key(" ")
        page.until("!film.paused")
        page.key("-")
        page.until("loaded.speed === 0.5 && film.readyState >= 3 && !film.paused && !film.seeking")
        self.assertIn(page.run("place().count - loaded.first"), (5, 6))
        page.key("+")
        page.until("loaded.speed === 1 && film.readyState >= 3")
        self.assertIn(page.run("place().count - loaded.first"), (5, 6, 7))

    def test_eight_flows_into_one(self):
        """In the loop the picture goes from the end of 8 to 1; the run-out is not shown."""
        page = self.browser()
        page.run("film.currentTime = seconds(loaded, loaded.to) - 0.5; film.play()")
        page.until("film.currentTime < seconds(loaded, loaded.from) + 1.5 && !film.paused")
        self.assertGreaterEqual(page.run("film.currentTime"), page.run("seconds(loaded, loaded.from)") - 0.05)
        self.assertEqual(page.run("loaded.counts[loaded.first][1]"), "1")

    def test_the_lesson_goes_on_by_itself(self):
        """A step is danced as often as it says at each of its speeds, then comes the next; choosing a section leaves it."""
        page = self.browser()
        items = page.run("data.lesson")
        self.assertGreater(len(items), 2)
        self.assertEqual(page.run("document.querySelectorAll('#lesson button').length"), len(items))
        page.key("j")
        page.until("state.step === 0 && film.readyState >= 2")
        self.assertIn(items[0]["title"], page.run("at('said').textContent"))
        for _ in range(items[0]["times"] * len(items[0]["speeds"])):
            page.run("round()")
        page.until("state.step === 1")
        self.assertEqual(page.run("shown().title"), page.run(f"data.sections[{items[1]['section']}].title"))
        page.run("goStep(lesson.length - 1); for (let k = 0; k < 40 && state.step >= 0; k++) round()")
        page.until("state.step === -1 && at('said').textContent.includes('was the lesson')")
        page.key("j")
        page.until("state.step === 0")
        page.key("n")
        page.until("state.step === -1")
        self.assertEqual(page.errors, [])

    def test_the_ladder_goes_up_after_four_rounds(self):
        page = self.browser()
        page.key("t")
        page.until("loaded.speed === 0.5 && film.readyState >= 2")
        page.run("for (let k = 0; k < ROUNDS; k++) round()")
        page.until("loaded.speed === 1")

    def test_sections_the_top_and_what_is_known(self):
        """N goes on, T… the top plays the whole dance, what is ticked is still ticked when the page opens again."""
        page = self.browser()
        page.key("k")
        page.key("n")
        page.until("shown().title === 'Back' && loaded.file.includes('back')")
        page.run("at('top').click()")
        page.until("loaded.file.startsWith('run-through')")
        page.run("at('top').click()")
        page.open(self.out / PAGE)
        page.until("film.readyState >= 2")
        self.assertEqual(page.run("at('sections').textContent.match(/✓/g).length"), 1)
        self.assertEqual(page.run("at('known').checked"), True)

    def test_names_are_text_and_rows_follow(self):
        page = self.browser()
        self.assertIn("A </script> & b", page.run("at('sections').textContent"))
        self.assertEqual(page.run("at('sheet').rows.length"), 8)
        page.key("3")
        page.until("at('sheet').rows[2].getAttribute('aria-current') === 'true'")

    def test_it_fits_phones_and_screens_by_day_and_night(self):
        for width, height, dark in ((360, 740, False), (360, 740, True), (1280, 800, False), (1280, 800, True)):
            page = self.browser(width, height, dark)
            with self.subTest(width=width, dark=dark):
                self.assertLessEqual(page.run("document.documentElement.scrollWidth"), width)
                self.assertEqual(page.run(CONTRAST), [])
                small = (
                    "[...document.querySelectorAll('.row button, nav button')].filter(b => b.offsetHeight < 44).length"
                )
                self.assertEqual(page.run(small), 0)
                self.assertLess(page.run("film.getBoundingClientRect().top"), height * 0.45)

    def test_every_control_has_a_name_and_can_be_reached(self):
        page = self.browser()
        unnamed = "[...document.querySelectorAll('button, input, video')].filter(e => !(e.textContent.trim() || e.getAttribute('aria-label') || e.closest('label'))).length"
        self.assertEqual(page.run(unnamed), 0)
        reached = set()
        for _ in range(40):
            page.key("Tab")
            reached.add(page.run("document.activeElement.id || document.activeElement.textContent"))
        self.assertLessEqual({"play", "loop", "ladder", "known", "print"}, reached)

    def test_a_film_that_is_gone_is_told(self):
        (self.out / read_manifest(self.out).clips[0].file).unlink()
        found = Browser(800, 600)
        self.addCleanup(found.__exit__)
        found.open(self.out / PAGE)
        found.until("!at('trouble').hidden")
        self.assertIn("cannot be played", found.run("at('trouble').textContent"))

    def test_verify_sees_a_page_that_leaves_a_clip_out(self):
        text = (self.out / PAGE).read_text()
        (self.out / PAGE).write_text(text.replace(" 050.mp4", " 051.mp4", 1))
        self.assertIn("page", {f.what for f in verify_pack(self.out) if not f.good})


class CaptionsTest(FolderCase):
    def test_read_by_webvtt_py(self):
        """One caption a count, at the frame on which it begins, in the words of the plate."""
        project = small_project(self.folder)
        write_pack(project, self.folder, self.folder / "pack")
        for entry in read_manifest(self.folder / "pack").clips:
            path = self.folder / "pack" / "captions" / f"{entry.file.rsplit('/', 1)[-1][:-4]}.vtt"
            found = vtt.read(path)
            self.assertEqual([c.text.split()[0] for c in found], [number for _, number in entry.counts])
            for caption, (frame, _) in zip(found, entry.counts, strict=True):
                self.assertAlmostEqual(caption.start_in_seconds, frame / float(F(entry.rate)), delta=1.0)
            self.assertEqual(path.read_text(), webvtt(entry))

    def test_the_page_escapes_what_would_end_it(self):
        page = page_html({"title": "<b>&", "sections": [], "x": "</script><script>alert(1)"})
        self.assertNotIn("</script><script>alert", page)
        self.assertIn("<title>&lt;b&gt;&amp;</title>", page)
        data = page.split('id="data">', 1)[1].split("</script>", 1)[0]
        self.assertEqual(json.loads(data)["x"], "</script><script>alert(1)")
