"""The page for students in a real browser: it plays, loops, keeps its place; and captions read by another library."""

import base64
import json
import re
import shutil
import tempfile
import unittest
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path

import numpy as np
import webvtt as vtt

from tests.core.pack.browser import CHROMIUM, Browser
from tests.core.pack.test_verify import small_project
from tests.support import FolderCase, write_song
from vamos.core.dance.notation import parse_line
from vamos.core.media.sound import read_sound
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.pack.captions import webvtt
from vamos.core.pack.manifest import read_manifest
from vamos.core.pack.students_page import PAGE, page_html
from vamos.core.pack.verify import verify_pack
from vamos.core.pack.write import write_pack
from vamos.core.plan.profiles import PROFILES

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


#: Twelve rounds of the section laid down by the page's own player on a clock that is rendered as fast as it goes.
OFFLINE = """
(async () => {
  const p = new Player(), n = Math.round(4 * 48000 / SPEED);
  p.ctx = new OfflineAudioContext(1, 24000 + 12 * n + 1000, 48000);
  p.out = p.ctx.createGain();
  p.out.connect(p.ctx.destination);
  await p.play(core(), SPEED, 0, Infinity, 0.5);
  return (await p.ctx.startRendering()).getChannelData(0);
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
        moves = tuple(replace(e, easier="touch in place") if e.start == 1 else e for e in moves)
        sections = (Section("A </script> & b", 8, moves), Section("Back", 8))
        dance = Dance("Harbour", sections, (Item(ItemKind.WALL),))
        output = replace(project.output, speeds=(F(1), F(1, 2)))
        # A song of clicks, so that every beat can be found again.
        write_song(cls.made / "s.wav", 120, 12)
        write_pack(replace(project, dance=dance, output=output), cls.made, cls.made / "pack")

    def setUp(self) -> None:
        super().setUp()
        self.out = Path(shutil.copytree(self.made / "pack", self.folder / "pack"))

    def browser(self, width: int = 1280, height: int = 800, dark: bool = False) -> Browser:
        found = Browser(width, height, dark)
        self.addCleanup(found.__exit__)
        found.open(self.out / PAGE)
        found.until("picture.live.el.readyState >= 2 && !picture.live.el.seeking")
        return found

    def floats(self, page: Browser, script: str) -> np.ndarray:
        """Float32 samples that a script of the page gives back."""
        text = page.run(
            f"(async () => {{ const x = await ({script}), u = new Uint8Array(x.buffer, x.byteOffset, x.byteLength);"
            " let s = ''; for (let i = 0; i < u.length; i += 8192) s += String.fromCharCode(...u.subarray(i, i + 8192));"
            " return btoa(s); })()"
        )
        return np.frombuffer(base64.b64decode(text), "<f4")

    def test_it_plays_and_counts_in_step(self):
        """Space plays; the count shown is that of the manifest at the frame on show; digits go to their count."""
        page = self.browser()
        self.assertEqual(page.run("document.querySelectorAll('#sections button').length"), 2)
        self.assertEqual(page.run("player.playing"), False)
        page.key(" ")
        page.until("player.playing && now_s() > film().from + 1.2 && !picture.live.el.paused")
        page.key(" ")
        page.until("!player.playing && picture.live.el.paused")
        entry = {c.file: c for c in read_manifest(self.out).clips}[page.run("film().file")]
        for digit in "5281":
            page.key(digit)
            page.until(f"place() === film().first + {int(digit) - 1} && !picture.live.el.seeking")
            page.run("new Promise(requestAnimationFrame)")
            frame = page.run("Math.floor(picture.live.el.currentTime * film().rate + 0.5)")
            wanted = [state for first, state in entry.states if first <= frame][-1]
            self.assertEqual(page.run("at('count').textContent"), wanted.number)
            self.assertEqual(page.run("at('cue').textContent"), wanted.now)
            self.assertEqual(page.run("at('count').textContent"), digit)
        page.key("ArrowRight")
        page.until("at('count').textContent === '2'")
        self.assertEqual(
            (page.errors, [r for r in page.requests if not r.startswith(("file:", "data:", "blob:"))]), ([], [])
        )

    def test_an_easier_form_changes_the_words_and_not_the_film(self):
        """E writes the section as its easier form has it: on the sheet, at its count, in the voice. E takes it back."""
        page = self.browser()
        rows = "[...document.querySelectorAll('#sheet tr')].map((r) => r.children[1].textContent).slice(0, 3).join()"
        at_two = "place() === film().first + 1 && at('count').textContent === '2'"
        film = page.run("film().file")
        page.key("2")
        page.until(at_two)
        self.assertEqual([page.run(rows), page.run("at('cue').textContent")], ["vine: side,behind,side", "behind"])
        self.assertEqual(
            page.run("[...at('forms').children].map((b) => b.textContent).join()"), "as in the film,easier"
        )
        page.key("e")
        page.until("at('cue').textContent === 'touch in place'")
        self.assertEqual(page.run(rows), "vine: side,touch in place,side")
        self.assertEqual(page.run("film().file"), film)
        self.assertIn("as it was filmed", page.run("at('said').textContent"))
        self.assertIn("touch in place", page.run("voice.cues(core()).map((c) => c.text).join()"))
        self.assertIn("touch in place", page.run("at('paper').textContent"))
        page.key("1")
        page.until("at('next').textContent === 'next: touch in place'")
        page.key("n")
        page.until("state.section === 1")
        self.assertEqual(page.run("form() === undefined"), True)
        page.key("p")
        page.key("e")
        page.until(f"{rows} === 'vine: side,behind,side'")
        self.assertNotIn("touch in place", page.run("voice.cues(core()).map((c) => c.text).join()"))
        self.assertEqual(page.errors, [])

    def test_the_sound_of_the_page_is_that_of_the_film(self):
        """Decoded in the browser it lies on the film's own sound as another decoder reads it, to the sample."""
        page = self.browser()
        heard = self.floats(page, "readSound(film().sound).then((c) => c[0])")
        film = read_sound(self.out / page.run("film().file"), 48000, 2).samples[:, 0]
        part = film[48000:96000]
        lags = range(-1200, 1201)
        power = [float(heard[48000 + k : 96000 + k] @ part) for k in lags]
        self.assertEqual(lags[int(np.argmax(power))], 0)
        self.assertLess(np.abs(heard[48000:96000] - part).max(), 2e-3)

    def test_a_loop_is_exact_to_the_sample(self):
        """Twelve rounds, rendered by the browser through the page's own schedule, are twelve times the same samples."""
        page = self.browser()
        for speed in (1, 0.5, 0.73):
            got = self.floats(page, OFFLINE.replace("SPEED", str(speed)))
            start, length = round(0.5 * 48000), round((4 * 48000) / speed)
            rounds = got[start : start + 12 * length].reshape(12, length)
            with self.subTest(speed):
                self.assertGreater(np.abs(rounds[0]).max(), 0.05)
                self.assertEqual(np.abs(rounds - rounds[0]).max(), 0)

    def test_every_beat_stands_where_it_belongs_at_every_speed(self):
        """The clicks of the song lie at their second divided by the speed."""
        page = self.browser()
        page.run("player.open(48000)")
        for speed in (0.4, 0.5, 0.73, 0.85, 1.1):
            loop = self.floats(page, f"player.loop(core(), {speed}, true).then((b) => b.getChannelData(0).slice())")
            self.assertEqual(len(loop), round(4 * 48000 / speed))
            for beat in range(8):
                at = round(beat * 0.5 * 48000 / speed)
                near = np.abs(np.roll(loop, 960 - at)[:1920])
                rises = np.nonzero(near > 0.3 * near.max())[0]
                with self.subTest(speed=speed, beat=beat + 1):
                    self.assertGreater(near.max(), 0.2)
                    self.assertLess(abs(rises[0] - 960) / 48, 2.0, "milliseconds")

    def test_another_speed_goes_on_at_the_same_beat(self):
        """What is laid down goes on, at the other speed, from where the one before ends."""
        page = self.browser()
        page.key(" ")
        page.until("player.playing && player.now() > player.plan[0].t + 0.3")
        for key in "---+":
            before = page.run("player.plan.length && player.plan[player.plan.length - 1].rate")
            page.key(key)
            page.until(f"player.plan[player.plan.length - 1].rate !== {before}")
            gap = page.run(
                "(() => { const [a, b] = player.plan.slice(-2), gone = a.offset + b.t - a.t;"
                " return [(gone / a.length) % 1 - b.offset / b.length, a.end - b.t]; })()"
            )
            self.assertAlmostEqual(gap[0], 0, delta=1 / (4 * 48000))
            self.assertEqual(gap[1], 0)
        self.assertEqual(page.run("at('percent').textContent"), "90 %")
        self.assertEqual(page.run("player.playing"), True)

    def test_the_last_speed_asked_for_is_the_one_heard(self):
        """A speed still in the making does not come after the one that was ready."""
        page = self.browser()
        page.key(" ")
        page.until("player.playing && player.now() > player.plan[0].t + 0.3")
        page.run("setSpeed(0.41); setSpeed(1)")
        page.run("Promise.all([...player.loops.values()])")
        page.run("new Promise((done) => setTimeout(done, 300))")
        self.assertEqual(page.run("[player.plan.at(-1).rate, rate()]"), [1, 1])

    def test_eight_flows_into_one_and_the_films_take_turns(self):
        """In the loop 8 is followed by 1; the film that was ready takes over, and neither is sought while seen."""
        page = self.browser()
        page.run(
            "window.sought = 0; for (const f of picture.films) f.el.addEventListener('seeking', () => {"
            " if (f.el.classList.contains('seen') && player.playing) window.sought += 1; });"
            " window.first = picture.live.el.id; setSpeed(1.1)"
        )
        page.key(" ")
        page.until("player.playing && state.round >= 1 && picture.live.el.id !== window.first")
        page.until("state.round >= 2")
        self.assertEqual(page.run("window.sought"), 0)
        page.until("Math.abs(picture.live.el.currentTime - now_s()) < 0.5")
        self.assertEqual(page.run("film().counts[film().first][1]"), "1")

    def test_from_a_count_to_a_count(self):
        page = self.browser()
        page.key("r")
        page.key("3")
        page.key("4")
        page.until("state.to !== null")
        self.assertEqual(page.run("[core().from - film().from, core().to - film().from]"), [1.0, 2.0])
        self.assertIn("3 to 4", page.run("at('said').textContent"))
        page.key(" ")
        page.until("player.playing && state.round >= 2")
        page.key("r")
        page.until("state.from === null")
        self.assertEqual(page.run("core().to - core().from"), 4.0)

    def test_one_piece_follows_the_other(self):
        """Pieces of a flow are laid end to end, the page shows each as it is heard, and stops after the last."""
        page = self.browser()
        page.run(
            "flow((function* () { yield { section: 1, speed: 1.1, rounds: 1, words: 'first' };"
            " yield { section: 0, speed: 1, rounds: 1, words: 'second' }; })())"
        )
        page.until("shown().title === 'Back' && player.plan.length === 2")
        self.assertEqual(page.run("player.plan[1].t - player.plan[0].end"), 0)
        page.until("state.section === 0 && at('said').textContent === 'second'")
        page.until("!player.playing")
        self.assertEqual(page.errors, [])

    def test_the_lesson_is_danced_as_it_says(self):
        """Every step with its section, at each of its speeds, as often as it says; choosing a section leaves it."""
        page = self.browser()
        items = page.run("data.lesson")
        self.assertGreater(len(items), 2)
        self.assertEqual(page.run("document.querySelectorAll('#lesson button').length"), len(items))
        flown = page.run(
            "[...lessonFrom(0)].filter((p) => !p.through).map((p) => [p.step, p.section, p.speed, p.rounds])"
        )
        wanted = []
        for k, i in enumerate(items):
            # A join is its sections in a row, as often as it says; a section is looped.
            rows = [(n, 1) for n in i["sections"]] * i["times"] if "sections" in i else [(i.get("section"), i["times"])]
            wanted += [[k, n, s, often] for s in i["speeds"] for n, often in rows if n is not None]
        self.assertTrue(any("sections" in i for i in items), "joins are in it")
        self.assertEqual(flown, wanted)
        page.key("j")
        page.until("state.step === 0")
        self.assertIn(items[0]["title"], page.run("at('said').textContent"))
        page.key(" ")
        page.until(f"player.playing && Math.abs(player.plan[0].rate - {items[0]['speeds'][0]}) < 0.001")
        page.key("n")
        page.until("state.step === null")

    def test_ladder_and_build_up(self):
        page = self.browser()
        self.assertEqual(page.run("[...ladder(film())].map((p) => [p.speed, p.rounds])")[:2], [[0.5, 4], [0.6, 4]])
        self.assertEqual(page.run("[...buildUp()].map((p) => p.section)"), [0, 1, 0, 1])
        page.key("t")
        page.until("player.playing && player.plan[0].rate === 0.5")
        page.key("b")
        page.until("player.playing && player.plan[player.plan.length - 1].rounds === 2")

    def test_each_move_is_said_a_count_before_it_is_danced(self):
        """At two speeds and over the join: what is said a count before is what the sheet has on the next one."""
        for speed in (1.1, 0.8):
            page = self.browser()
            page.run(f"setSpeed({speed})")
            page.key("s")
            self.assertEqual(page.run("at('voice').getAttribute('aria-pressed')"), "true")
            page.key(" ")
            page.until("player.playing && state.round >= 2", 40)
            said = page.run(
                "voice.log.map(([t, text]) => { const w = player.where(t); return w && [text, w.film_s, w.piece.rate]; })"
            )
            film = page.run("film()")
            counts = [at for at, _ in film["counts"]]
            begins: dict[float, str] = {}
            last = ""
            for at, _, words, _ in film["states"]:
                if words and (words != last or abs(at - film["from"]) < 0.02):
                    begins[at] = words
                last = words
            self.assertGreater(len(said), 6)
            for text, film_s, _ in filter(None, said):
                # At the join the end of a round is the beginning of the next one.
                film_s = film["from"] if film_s > film["to"] - 0.02 else film_s
                after = next((c for c in counts if c > film_s + 0.1), film["to"])
                at = film["from"] if after >= film["to"] - 0.02 else after
                here = min(begins, key=lambda begin: abs(begin - at))
                with self.subTest(speed=speed, text=text, film_s=film_s):
                    self.assertLess(abs(here - at), 0.05)
                    self.assertEqual(begins[here], text)
                    self.assertLess(min(abs(film_s - c) for c in counts), 0.03, "on a count")
            self.assertEqual(page.errors, [])

    def test_words_are_silent_once_it_stops(self):
        page = self.browser()
        page.key("s")
        page.key(" ")
        page.until("player.playing && voice.log.length > 2")
        page.key(" ")
        page.until("!player.playing")
        page.run("new Promise(requestAnimationFrame)")
        self.assertEqual(page.run("voice.laid.size"), 0)

    def test_a_little_faster_after_some_rounds(self):
        page = self.browser()
        page.run("setSpeed(1.05)")
        page.run("at('rounds').value = '2', at('rounds').dispatchEvent(new Event('change'))")
        self.assertEqual(
            page.run(
                "(() => { const g = grow(film()); return [1, 2, 3, 4].map(() => g.next().value).map((p) => [p.speed.toFixed(2), p.rounds]); })()"
            ),
            [["1.05", 2], ["1.07", 2], ["1.09", 2], ["1.10", None]],
        )
        page.key("g")
        page.until("player.playing && player.plan.length > 1 && player.plan.at(-1).rate > 1.06")
        page.open(self.out / PAGE)
        page.until("picture.live.el.readyState >= 2")
        self.assertEqual(page.run("at('rounds').value"), "2", "what was chosen stays")

    def test_what_has_the_focus_keeps_it(self):
        page = self.browser()
        page.run("at('sections').children[1].firstChild.focus()")
        page.run("document.activeElement.click()")
        page.until("shown().title === 'Back'")
        page.key("k")
        self.assertEqual(page.run("document.activeElement === at('sections').children[1].firstChild"), True)

    def test_a_sound_that_is_gone_is_told(self):
        shutil.rmtree(self.out / "sound")
        page = self.browser()
        page.key(" ")
        page.until("!at('trouble').hidden")
        self.assertIn("sound/01.js", page.run("at('trouble').textContent"))

    def test_sections_the_top_and_what_is_known(self):
        """N goes on, T… the top plays the whole dance, what is ticked is still ticked when the page opens again."""
        page = self.browser()
        page.key("k")
        page.key("n")
        page.until("shown().title === 'Back' && picture.live.film.file.includes('back')")
        page.run("at('top').click()")
        page.until("picture.live.film.file.startsWith('run-through')")
        page.run("at('top').click()")
        page.open(self.out / PAGE)
        page.until("picture.live.el.readyState >= 2")
        self.assertEqual(page.run("shown().title"), "Back", "where one was")
        page.key("p")
        self.assertEqual(page.run("at('sections').textContent.match(/✓/g).length"), 1)
        self.assertEqual(page.run("at('known').checked"), True)

    def test_names_are_text_and_rows_follow(self):
        page = self.browser()
        self.assertIn("A </script> & b", page.run("at('sections').textContent"))
        self.assertEqual(page.run("at('sheet').rows.length"), 8)
        page.key("3")
        page.until("at('sheet').rows[2].getAttribute('aria-current') === 'true'")

    def test_it_fits_phones_and_screens_by_day_and_night(self):
        for width, height, dark in (
            (360, 740, False),
            (360, 740, True),
            (740, 360, False),
            (1280, 800, False),
            (1280, 800, True),
        ):
            page = self.browser(width, height, dark)
            with self.subTest(width=width, dark=dark):
                self.assertLessEqual(page.run("document.documentElement.scrollWidth"), width)
                self.assertEqual(page.run(CONTRAST), [])
                small = "[...document.querySelectorAll('.row button:not([hidden]), nav button')].filter(b => b.offsetHeight < 44).length"
                self.assertEqual(page.run(small), 0)
                self.assertLess(page.run("at('film').getBoundingClientRect().top"), height * 0.45)
                # Film and Play are in sight together.
                self.assertLessEqual(page.run("at('play').getBoundingClientRect().bottom"), height)

    def test_every_control_has_a_name_and_can_be_reached(self):
        page = self.browser()
        unnamed = "[...document.querySelectorAll('button, input, video:not([aria-hidden])')].filter(e => !(e.textContent.trim() || e.getAttribute('aria-label') || e.closest('label'))).length"
        self.assertEqual(page.run(unnamed), 0)
        reached = set()
        for _ in range(60):
            page.key("Tab")
            reached.add(page.run("document.activeElement.id || document.activeElement.textContent"))
        self.assertLessEqual({"play", "loop", "ladder", "speed", "seek", "volume", "full", "known", "print"}, reached)

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


@unittest.skipUnless(CHROMIUM, "chromium is not installed; ./check installs it on Debian")
class PlainTest(FolderCase):
    """A pack for the page only: plain films at full speed, over which the page draws the counts."""

    @classmethod
    def setUpClass(cls) -> None:
        made = tempfile.TemporaryDirectory()
        cls.addClassCleanup(made.cleanup)
        cls.made = Path(made.name)
        project = small_project(cls.made)
        sections = (Section("A", 8, tuple(parse_line("vine R 1-4, vine L 5-8"))), Section("Back", 8))
        profile = next(p for p in PROFILES if p.key == "page")
        output = profile.applied(project.output)
        project = replace(project, dance=Dance("Harbour", sections, (Item(ItemKind.WALL),)), output=output)
        write_song(cls.made / "s.wav", 120, 12)
        write_pack(project, cls.made, cls.made / "pack")
        cls.out = cls.made / "pack"

    def browser(self) -> Browser:
        found = Browser(1280, 800)
        self.addCleanup(found.__exit__)
        found.open(self.out / PAGE)
        found.until("picture.live.el.readyState >= 2 && !picture.live.el.seeking")
        return found

    def test_only_full_speed_and_nothing_in_the_picture_but_all_is_told(self):
        manifest = read_manifest(self.out)
        self.assertEqual({c.speed for c in manifest.clips}, {1.0})
        self.assertTrue(all(c.counts == () and c.told is not None for c in manifest.clips))
        first = manifest.clips[0]
        self.assertEqual([n for _, n in first.counts_told()][2:10], list("12345678"))
        self.assertEqual([f for f in verify_pack(self.out) if not f.good], [])
        captions = (self.out / "captions" / f"{Path(first.file).stem}.vtt").read_text()
        self.assertIn("1 vine", captions)

    def test_the_page_draws_the_counts_over_the_film_and_takes_them_away(self):
        """At each count the number over the film is that of the sheet; it lies in the frame; C and the button hide it."""
        page = self.browser()
        for digit in "1538":
            page.key(digit)
            page.until(f"place() === film().first + {int(digit) - 1} && !picture.live.el.seeking")
            page.run("new Promise(requestAnimationFrame)")
            self.assertEqual(page.run("at('overcount').textContent"), digit)
        self.assertTrue(page.run("at('overcue').textContent").startswith("touch"))
        inside = "(() => { const o = at('over').getBoundingClientRect(), f = at('frame').getBoundingClientRect();"
        inside += " return o.width > 20 && o.left >= f.left && o.right <= f.right && o.bottom <= f.bottom; })()"
        self.assertTrue(page.run(inside))
        page.key("c")
        self.assertEqual(page.run("[at('over').hidden, at('drawn').getAttribute('aria-pressed')]"), [True, "false"])
        page.open(self.out / PAGE)
        page.until("picture.live.el.readyState >= 2 && !picture.live.el.seeking")
        self.assertTrue(page.run("at('over').hidden"), "what was chosen stays")
        page.run("at('drawn').click()")
        self.assertFalse(page.run("at('over').hidden"))
        self.assertEqual(page.errors, [])

    def test_views_are_not_called_to_watch_where_all_are(self):
        page = self.browser()
        self.assertEqual(page.run("[...at('views').children].map((b) => b.textContent)"), ["mirrored"])

    def test_wrong_counts_of_the_page_are_noticed(self):
        broken = Path(shutil.copytree(self.out, self.folder / "pack"))
        text = (broken / PAGE).read_text()
        at = re.search(r'"counts": \[\[([\d.]+), "(\d)"\]', text)
        changed = text[: at.start(2)] + str(int(at.group(2)) % 8 + 1) + text[at.end(2) :]
        (broken / PAGE).write_text(changed)
        self.assertIn("counts", [f.what for f in verify_pack(broken) if not f.good])


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
