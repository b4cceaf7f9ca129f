"""How clips are counted in: what is shown and said before the first, at the clip's tempo, over every sound."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

import numpy as np

from tests.core.render.test_clip_sound import GRID, LINES, onsets
from tests.core.render.test_timing_sound import tone
from tests.support import FolderCase
from vamos.cli.output import look_of
from vamos.core.dance.lines import lines_of
from vamos.core.edit.output import set_count_in, set_output, toggle_look
from vamos.core.media.sound import Sound
from vamos.core.model.clip import Clip, ClipSound, Mix, Version
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.model.look import CLEAN_LOOK, FEET_LOOK, WORDS_LOOK, CountIn, Lane, NamedLook, Numbering, Overlay, Style
from vamos.core.model.project import Output, Project
from vamos.core.model.take import View
from vamos.core.pack.manifest import read_manifest
from vamos.core.pack.verify import verify_pack
from vamos.core.pack.write import write_pack
from vamos.core.render.clip_sound import Told, version_sound
from vamos.core.render.count_in import lead_of, words_before
from vamos.core.render.overlays import schedule, shown_at
from vamos.core.render.sound import RATE
from vamos.core.render.timing import clip_timing
from vamos.core.render.words import Words
from vamos.core.time import CountRange, FrameRate
from vamos.errors import InputError


def clip(start: int = 8, run_up: int = 8) -> Clip:
    counts = CountRange(F(start), F(start + 8))
    return Clip("k", "s", "A", 0, counts, View.FRONT, "t", 0, F(run_up), F(0), False, "as filmed")


def shown(style: CountIn, run_up: int = 8, overlay: Overlay | None = None) -> list[str]:
    """What the count's plate says on each count before the first, and on the first."""
    here, overlay = clip(run_up=run_up), replace(overlay or Overlay(), count_in=style)
    words = Words(LINES)
    lead = words.lead(style, here)
    positions = range(int(here.counts.start) - run_up, int(here.counts.start) + 1)
    return [shown_at(words, here, F(k), overlay, lead=lead).number for k in positions]


class ShownTest(unittest.TestCase):
    def test_each_style(self):
        self.assertEqual(shown(CountIn.SHEET), ["1", "2", "3", "4", "5", "6", "7", "8", "1"])
        self.assertEqual(shown(CountIn.FOUR), ["", "", "", "", "5", "6", "7", "8", "1"])
        self.assertEqual(shown(CountIn.THREE, 4), ["", "6", "7", "8", "1"])
        self.assertEqual(shown(CountIn.GO, 4), ["5", "6", "7", "go", "1"])
        self.assertEqual(shown(CountIn.SLOW), ["1", "", "2", "", "1", "2", "3", "4", "1"])
        self.assertEqual(shown(CountIn.DOWN, 4), ["4", "3", "2", "1", "1"])

    def test_half_counts_show_their_count(self):
        lead = lead_of(CountIn.FOUR, clip(), LINES)
        self.assertEqual(
            [lead.word_at(F(k, 4)) for k in (16, 17, 19, 27, 28, 31, 32)], ["5", "5", "5", "7", "8", "8", ""]
        )

    def test_a_short_run_up_shows_what_fits(self):
        self.assertEqual(shown(CountIn.FOUR, 2), ["7", "8", "1"])

    def test_lines_of_six_are_counted_to_six(self):
        """A waltz is counted in 3 4 5 6, not 5 6 7 8."""
        dance = Dance("w", (Section("A", 6), Section("B", 6)), (Item(ItemKind.WALL),))
        lines = lines_of(replace(GRID, line=6), dance)
        six = replace(clip(), counts=CountRange(F(6), F(12)), run_up=F(4))
        self.assertEqual([w for _, w in lead_of(CountIn.FOUR, six, lines).said], ["3", "4", "5", "6"])
        self.assertEqual(words_before(CountIn.FOUR, 3), {1: "3", 2: "2", 3: "1"})

    def test_a_longer_line_is_counted_in_like_an_eight(self):
        self.assertEqual(words_before(CountIn.GO, 32)[4], "5")

    def test_the_strip_shows_go_in_its_cell(self):
        overlay = Overlay(style=Style.STRIP, count_in=CountIn.GO)
        words, here = Words(LINES), clip(run_up=4)
        states = dict(schedule(words, here, clip_timing(GRID, here.shown, F(1), FrameRate.of(30)), overlay))
        go = [s for s in states.values() if s.number == "go"]
        self.assertTrue(go and all(s.at == 7 and s.dim for s in go))

    def test_choosing_one_lengthens_the_run_up(self):
        project = Project(output=Output(run_up=F(2)))
        self.assertEqual(set_count_in(project, CountIn.SLOW).output.run_up, 8)
        self.assertEqual(set_count_in(project, CountIn.SHEET).output.run_up, 2)


class NumbersTest(unittest.TestCase):
    def test_a_clip_with_numbers_of_its_own_shows_the_sheets_beside(self):
        """From the 5 of an eight: 1 (5), 2 (6) … and nothing in brackets where both are the same."""
        here = clip(12, 2)
        overlay = Overlay(numbering=Numbering.LOCAL)
        states = [shown_at(Words(LINES), here, F(k), overlay) for k in range(10, 20)]
        self.assertEqual([s.number for s in states], ["", "", "1", "2", "3", "4", "5", "6", "7", "8"])
        self.assertEqual([s.beside for s in states[2:5]], ["(5)", "(6)", "(7)"])
        same = shown_at(Words(LINES), clip(16), F(18), overlay)
        self.assertEqual((same.number, same.beside), ("3", ""))


class HeardTest(unittest.TestCase):
    """Two counts a second: the first of the clip is 4 s after its start with eight counts before."""

    def heard(self, sound: ClipSound, style: CountIn, speed: F = F(1), run_up: int = 8, **named: object):
        here = clip(run_up=run_up)
        timing = clip_timing(GRID, here.shown, speed, FrameRate.of(30))
        lead = lead_of(style, here, LINES)
        times = timing.take_times(GRID.time_map())
        song, room = named.get("song"), named.get("room")
        out = version_sound(
            Version(speed, sound), timing, Told(LINES, lead=lead, first=here.counts.start), song, room, times
        )
        return out, timing

    def level(self, out: np.ndarray, timing, count: F) -> float:
        at = round(timing.out_s(count) * RATE)
        return float(np.abs(out[at : at + RATE // 8]).max())

    def test_clicks_only_where_it_counts(self):
        out, timing = self.heard(ClipSound.CLICKS, CountIn.SLOW)
        loud = [self.level(out, timing, F(k)) > 0.1 for k in range(10)]
        self.assertEqual(loud, [True, False, True, False, True, True, True, True, True, True])

    def test_the_voice_says_it_on_its_counts_at_the_clips_tempo(self):
        for speed in (F(1), F(3, 4)):
            out, timing = self.heard(ClipSound.VOICE, CountIn.GO, speed, 4)
            before = [self.level(out, timing, F(k)) for k in range(4, 8)]
            self.assertGreater(min(before), 0.05)
            at = round(timing.out_s(F(7)) * RATE)
            part = np.abs(out[at - 600 : at + 3000]).max(axis=1)
            self.assertLess(abs(int(np.flatnonzero(part > 0.02)[0]) - 600) / RATE, 0.02)

    def test_it_is_said_over_the_song(self):
        song = tone(20)
        plain, _ = self.heard(ClipSound.SONG, CountIn.SHEET, song=song)
        counted, timing = self.heard(ClipSound.SONG, CountIn.FOUR, song=song)
        differs = np.abs(counted - plain).max(axis=1)
        first, one = round(timing.out_s(F(4)) * RATE), round(timing.out_s(F(8)) * RATE)
        # A word is heard on its count and begins up to 130 ms before it.
        self.assertEqual(float(differs[: first - round(0.13 * RATE)].max()), 0.0)
        self.assertGreater(float(differs[first:one].max()), 0.1)
        self.assertLess(float(differs[one + RATE // 4 :].max()), 1e-6)

    def test_what_was_said_in_the_room_is_replaced(self):
        """A room full of sound is silent before the first but for the voice, and heard from the first on."""
        noise = (0.2 * np.random.default_rng(1).standard_normal((20 * RATE, 2))).astype(np.float32)
        out, timing = self.heard(ClipSound.ROOM, CountIn.THREE, room=Sound(noise, RATE))
        self.assertEqual(float(np.abs(out[: round(timing.out_s(F(4)) * RATE)]).max()), 0.0)
        self.assertGreater(self.level(out, timing, F(5)), 0.05)
        self.assertGreater(self.level(out, timing, F(9)), 0.2)
        kept, _ = self.heard(ClipSound.ROOM, CountIn.SHEET, room=Sound(noise, RATE))
        self.assertGreater(self.level(kept, timing, F(1)), 0.2)

    def test_nothing_is_said_in_a_silent_version(self):
        self.assertIsNone(self.heard(ClipSound.NONE, CountIn.FOUR)[0])

    def test_onsets_are_those_of_the_counts(self):
        out, timing = self.heard(ClipSound.CLICKS, CountIn.FOUR)
        wanted = [timing.out_s(F(k)) for k in range(4, 8)]
        np.testing.assert_allclose(onsets(out, wanted), wanted, atol=0.005)


class MixTest(unittest.TestCase):
    """What lies over the song: at its level, on the counts; and how much of the song is heard."""

    level = HeardTest.level

    def mixed(self, mix: Mix, style: CountIn = CountIn.SHEET):
        here = clip(run_up=4)
        timing = clip_timing(GRID, here.shown, F(1), FrameRate.of(30))
        told = Told(LINES, lead=lead_of(style, here, LINES), first=here.counts.start, mix=mix)
        return version_sound(Version(F(1), ClipSound.SONG), timing, told, tone(20), None, np.zeros(0)), timing

    def test_clicks_over_the_song_at_their_level(self):
        plain, _ = self.mixed(Mix())
        for level in (0.3, 0.9):
            out, timing = self.mixed(Mix(clicks=level))
            over = np.abs(out - plain).max(axis=1)
            self.assertAlmostEqual(float(over.max()), level * float(np.percentile(np.abs(plain), 99.5)), delta=0.02)
            at = round(timing.out_s(F(10)) * RATE)
            self.assertGreater(float(over[at : at + 2000].max()), 0.2 * level * float(np.abs(plain).max()))
            self.assertEqual(float(over[at - 3000 : at - 200].max()), 0.0)

    def test_a_voice_over_the_song(self):
        plain, _ = self.mixed(Mix())
        out, timing = self.mixed(Mix(voice=0.8))
        over = np.abs(out - plain).max(axis=1)
        words = [float(over[round(timing.out_s(F(k)) * RATE) :][: RATE // 5].max()) for k in range(8, 15)]
        self.assertGreater(min(words), 0.05)

    def test_an_excerpt_from_the_first_count_on(self):
        out, timing = self.mixed(Mix(excerpt_s=2.0))
        one = round(timing.out_s(F(8)) * RATE)
        self.assertEqual(float(np.abs(out[: one - 1]).max()), 0.0)
        self.assertGreater(float(np.abs(out[one + 4800 : one + RATE]).max()), 0.1)
        self.assertEqual(float(np.abs(out[one + 2 * RATE :]).max()), 0.0)
        late = float(np.abs(out[one + 2 * RATE - 4800 : one + 2 * RATE]).max())
        self.assertLess(late, 0.2 * float(np.abs(out).max()))

    def test_the_count_in_is_heard_before_an_excerpt(self):
        out, timing = self.mixed(Mix(excerpt_s=2.0), CountIn.FOUR)
        self.assertGreater(self.level(out, timing, F(5)), 0.02)

    def in_a_room(self, mix: Mix, style: CountIn = CountIn.SHEET):
        """The song with the film's own sound: a step on each count at 60 % of the song's tempo, silence between."""
        here = clip(run_up=4)
        timing = clip_timing(GRID, here.shown, F(1), FrameRate.of(30))
        steps = np.zeros((RATE * 30, 2), np.float32)
        in_take = [2.0 + timing.out_s(F(k)) / 0.6 for k in range(4, 16)]
        for at in in_take:
            steps[round(at * RATE) :][: RATE // 10] = 0.05 * tone(1).samples[: RATE // 10]
        told = Told(LINES, lead=lead_of(style, here, LINES), first=here.counts.start, mix=mix)
        times = 2.0 + np.arange(timing.frames) / 30 / 0.6
        return version_sound(Version(F(1), ClipSound.SONG), timing, told, tone(20), Sound(steps, RATE), times), timing

    def test_the_films_own_sound_under_the_song(self):
        """On its counts at the clip's tempo, at its level beside the song however quiet the film was."""
        plain, _ = self.mixed(Mix())
        for level in (0.3, 0.8):
            out, timing = self.in_a_room(Mix(room=level))
            under = np.abs(out - plain).max(axis=1)
            loud = float(np.percentile(np.abs(plain), 99.5))
            steps = [float(under[round(timing.out_s(F(k)) * RATE) :][: RATE // 10].max()) for k in range(9, 15)]
            np.testing.assert_allclose(steps, level * loud, rtol=0.5)
            between = [float(under[round(timing.out_s(F(2 * k + 1, 2)) * RATE) :][: RATE // 20].max()) for k in (9, 11)]
            self.assertLess(max(between), 0.1 * level * loud)

    def test_its_count_in_is_replaced_and_an_excerpt_holds_for_the_room_too(self):
        plain, _ = self.mixed(Mix(), CountIn.FOUR)
        out, timing = self.in_a_room(Mix(room=0.8), CountIn.FOUR)
        first = round(timing.out_s(F(8)) * RATE)
        np.testing.assert_allclose(out[: first - 2000], plain[: first - 2000], atol=1e-4)
        short, _ = self.in_a_room(Mix(room=0.8, excerpt_s=2.0))
        end = round(timing.out_s(F(8)) * RATE) + 2 * RATE
        self.assertEqual(float(np.abs(short[end:]).max()), 0.0)

    def test_impossible_mixes(self):
        for wrong in ({"clicks": 1.5}, {"voice": -1}, {"room": 1.01}, {"excerpt_s": 0}):
            with self.assertRaises(InputError):
                Mix(**wrong)


class LooksTest(FolderCase):
    def test_three_versions_of_different_lanes_and_two_sounds(self):
        """One pack: counts, feet, words and clean, each with what it should show; with the song and with clicks."""
        from tests.core.pack.test_verify import small_project

        project = small_project(self.folder)
        project = set_output(
            project, longest_side=160, speeds=(F(1),), also_sound=(ClipSound.CLICKS,), run_up=F(4), run_out=F(0)
        )
        for look in (FEET_LOOK, WORDS_LOOK, CLEAN_LOOK):
            project = toggle_look(project, look)
        project = set_count_in(project, CountIn.GO)
        write_pack(project, self.folder, self.folder / "pack")
        findings = verify_pack(self.folder / "pack")
        self.assertEqual([f for f in findings if not f.good], [])
        clips = {c.file.rsplit(" ", 1)[-1].removesuffix(".mp4"): c for c in read_manifest(self.folder / "pack").clips}
        self.assertTrue({"feet", "words", "clean"} <= set(clips), list(clips))
        self.assertEqual({c.sound for c in clips.values()}, {"song", "clicks"})
        states = {name: [s for _, s in c.states] for name, c in clips.items()}
        self.assertIn("go", [s.number for s in states["feet"]])
        self.assertTrue(all(not s.number for s in states["words"]))
        self.assertTrue(all(not (s.number or s.now or s.label) for s in states["clean"]))

    def test_a_look_of_ones_own_is_read(self):
        look = look_of("hands=number, word")
        self.assertEqual((look.name, look.lanes), ("hands", (Lane.NUMBER, Lane.WORD)))
        self.assertEqual(look_of("clean"), CLEAN_LOOK)
        for wrong in ("hands", "hands=number,elbows"):
            with self.assertRaisesRegex(InputError, "not known"):
                look_of(wrong)

    def test_names_are_told_apart(self):
        for wrong in (" ", "../up", "a" * 31):
            with self.assertRaises(InputError):
                NamedLook(wrong, ())
        with self.assertRaisesRegex(InputError, "same name"):
            Output(looks=(FEET_LOOK, replace(CLEAN_LOOK, name="feet")))
        twice = toggle_look(toggle_look(Project(), FEET_LOOK), FEET_LOOK)
        self.assertEqual(twice.output.looks, ())


if __name__ == "__main__":
    unittest.main()
