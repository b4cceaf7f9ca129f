"""Around the lesson: what to film for it, whether it fits the room, where something is danced, its film."""

import itertools
import math
import unittest
from dataclasses import replace
from fractions import Fraction as F
from unittest import mock

import av
import numpy as np
import scipy.signal

from tests.core.lesson.test_lesson import project, walks
from tests.core.pack.test_verify import small_project
from tests.support import FolderCase, grid_at
from vamos.core.dance.section_text import read_notation
from vamos.core.edit.lesson import change_step, set_lesson
from vamos.core.lesson.filming import clip_of, film_html, film_markdown, missing, to_film
from vamos.core.lesson.plan import plan_lesson
from vamos.core.lesson.room import Lens, angle_of_view, framing, travel
from vamos.core.lesson.search import Index
from vamos.core.lesson.step import Step
from vamos.core.media.sound import read_sound
from vamos.core.media.voice import say
from vamos.core.media.word_centre import word_centre_s
from vamos.core.model.clip import Clip
from vamos.core.model.dance import Dance, Event, Foot, Item, ItemKind, Kind, Section
from vamos.core.model.lesson import Build, LessonWish, Shown, Slow, StepKind, Way
from vamos.core.model.project import Project
from vamos.core.model.take import View
from vamos.core.pack.homework import rungs, write_homework
from vamos.core.pack.lesson_film import NAME, LessonParts, write_lesson
from vamos.core.pack.live_step import live_step
from vamos.core.pack.manifest import read_manifest
from vamos.core.pack.verify import verify_pack
from vamos.core.progress import quiet
from vamos.core.render.sound import RATE
from vamos.core.render.spoken import sentence
from vamos.core.time import CountRange, Feel, TimeRange
from vamos.errors import InputError

#: A loop is gone through so often here.
TIMES = 2


def clip(section: str, view: View = View.FRONT, problems: tuple[str, ...] = ()) -> Clip:
    counts = CountRange(F(0), F(8))
    return Clip(
        f"{section} · {view}", section, section, 0, counts, view, "t", 0, F(2), F(1), False, "mirrored", (), problems
    )


def _found(heard: np.ndarray, tone: np.ndarray) -> float:
    """Where a tone lies in what is heard, in milliseconds."""
    power = scipy.signal.fftconvolve(heard, tone[::-1], "valid")
    return float(np.argmax(power)) / RATE * 1000


class FilmingTest(unittest.TestCase):
    def test_everything_is_missing_before_anything_was_filmed(self):
        plan = plan_lesson(project())
        shots = to_film(plan, (), project().grid)
        self.assertEqual([s.view for s in shots if s.view is View.FRONT], [View.FRONT])
        front = shots[0]
        self.assertEqual(front.sections, ("Easy", "Middle", "Hard", "tag"))
        self.assertEqual((front.passes, front.lead_in), (3, 8))

    def test_only_what_no_clip_shows_the_hardest_first(self):
        plan = plan_lesson(project())
        have = [clip("Middle"), *(clip(s, View.BACK) for s in ("Easy", "Middle", "Hard", "tag"))]
        shots = to_film(plan, have, project().grid)
        self.assertEqual([s.sections for s in shots], [("Hard", "tag"), ("Easy",)])
        self.assertEqual([s.passes for s in shots], [3, 2])
        # Counts 16 on, less eight to come in, at 110 a minute, after the eight of the lead-in.
        self.assertAlmostEqual(shots[0].song_s, 1.0 + (8 + 8) * 60 / 110, delta=0.02)

    def test_a_clip_with_faults_is_filmed_again(self):
        have = [clip(s, v) for s in ("Easy", "Middle", "tag") for v in (View.FRONT, View.BACK)]
        have += [clip("Hard", View.FRONT, ("trouble in this pass: walk-on",)), clip("Hard", View.BACK)]
        (shot,) = to_film(plan_lesson(project()), have, project().grid)
        self.assertIn("walk-on", shot.why)

    def test_the_list_matches_what_is_missing(self):
        plan = plan_lesson(project(LessonWish(way=Way.FEET)))
        wanted = {(s.sections[0], s.view) for s in missing(plan, ())}
        found = {(name, s.view) for s in to_film(plan, (), None) for name in s.sections}
        self.assertEqual(found, wanted)
        self.assertTrue(all(s.song_s is not None for s in to_film(plan, (), None)))
        self.assertEqual(to_film(plan, [clip(s, v) for s, v in wanted], None), ())

    def test_on_paper_and_on_a_phone(self):
        shots = to_film(plan_lesson(project()), (), project().grid)
        text, page = film_markdown(shots, "A & B"), film_html(shots, "A & B")
        self.assertEqual(text.count("- [ ] "), len(shots))
        self.assertEqual(page.count('type="checkbox"'), len(shots))
        self.assertIn("A &amp; B", page)
        self.assertIn("Nothing is missing", film_markdown((), "x"))
        self.assertNotIn("http", page)

    def test_a_join_is_no_clip_of_one_section(self):
        plan = plan_lesson(project())
        join = next(s for s in plan.steps if len(s.sections) > 1)
        self.assertIsNone(clip_of(join, [clip("Easy")]))


class RoomTest(unittest.TestCase):
    def test_angles_of_a_lens(self):
        """50 mm on 36 mm sees 39.6°, 26 mm sees 69.4° (any table of angles of view for 36 × 24)."""
        self.assertAlmostEqual(math.degrees(angle_of_view(36, 50)), 39.6, places=1)
        self.assertAlmostEqual(math.degrees(angle_of_view(36, 26)), 69.4, places=1)
        across, up = Lens(26, upright=True).angles()
        self.assertLess(across, up)

    def dance(self, *events: Event) -> Dance:
        return Dance("d", (Section("A", 8, events),), (Item(ItemKind.WALL),))

    def test_two_steps_to_the_right_and_two_forward(self):
        side = [Event(F(k), F(1), "side", foot=Foot.RIGHT, kind=Kind.STEP) for k in (0, 2)]
        walk = [Event(F(k), F(1), "walk forward", foot=Foot.LEFT, kind=Kind.STEP) for k in (4, 5)]
        found = travel(self.dance(*side, *walk), 0.5)
        self.assertAlmostEqual(found.right, 1.0)
        self.assertAlmostEqual(found.near, 1.0)
        self.assertAlmostEqual(found.left, 0.0)

    def test_after_a_half_turn_forward_is_away(self):
        turn = Event(F(0), F(1), "half turn", foot=Foot.RIGHT, kind=Kind.TURN, turn=4)
        walk = [Event(F(k), F(1), "walk", foot=Foot.LEFT, kind=Kind.STEP) for k in (2, 3)]
        found = travel(self.dance(turn, *walk), 0.5)
        self.assertAlmostEqual(found.far, 1.0, places=6)
        self.assertAlmostEqual(found.near, 0.0, places=6)

    def test_a_step_of_several_moves_goes_the_way_it_says(self):
        """“shuffle fwd R, L” on 1&2 and 3&4: four of its six moves travel, half a metre each."""
        events, _ = read_notation("shuffle fwd R 1&2, shuffle fwd L 3&4", Feel.STRAIGHT, {})
        self.assertAlmostEqual(travel(self.dance(*events), 0.5).near, 2.0)
        events, _ = read_notation("shuffle back R 1&2", Feel.STRAIGHT, {})
        self.assertAlmostEqual(travel(self.dance(*events), 0.5).far, 1.0)

    def test_every_wall_is_walked(self):
        """Two steps forward and a quarter to the right, four walls: a square of one metre (worked by hand)."""
        walk = [Event(F(k), F(1), "fwd", foot=Foot.LEFT, kind=Kind.STEP) for k in (0, 1)]
        turn = Event(F(7), F(1), "quarter turn", foot=Foot.RIGHT, kind=Kind.TURN, turn=2)
        found = travel(self.dance(*walk, turn), 0.5)
        self.assertAlmostEqual(found.near, 1.0)
        self.assertAlmostEqual(max(found.left, found.right), 1.0)
        self.assertAlmostEqual(found.far, 0.0)

    def test_what_is_needed_is_what_is_seen(self):
        """At the distance that is told, the edge of the reach is at the edge of the picture less its margin."""
        going = travel(self.dance(*walks(2)))
        found = framing(going, Lens(26), 20.0)
        across, _ = Lens(26).angles()
        half = (found.distance_m - going.near) * math.tan(across / 2)
        self.assertGreaterEqual(half * 0.9 + 0.01, max(going.left, going.right) + 0.85)
        self.assertTrue(found.fits)

    def test_a_small_room_says_what_would_fit(self):
        found = framing(travel(self.dance(*walks(8))), Lens(26, True), 2.5)
        self.assertFalse(found.fits)
        self.assertIn("does not fit", found.words[-1])
        wide = framing(travel(self.dance(*walks(8))), Lens(13), 2.5)
        self.assertLess(wide.distance_m, found.distance_m)

    def test_how_far_arms_reach_is_kept_free(self):
        """26 mm, 3 m, camera as high as the chest: 36/26 × 3 m × 0.9 / 2 = 1.87 m to a side; less what arms reach."""
        going = travel(self.dance(*walks(8)))
        side = replace(going, near=0.0, left=3.0)
        said = {reach: framing(side, Lens(26), 3.0, reach).words[-1] for reach in (0.5, 1.0, 2.5)}
        self.assertIn("Stay within 1.4 m", said[0.5])
        self.assertIn("Stay within 0.9 m", said[1.0])
        self.assertIn("Arms alone leave the picture", said[2.5])

    def test_where_only_the_height_is_too_much_nobody_has_to_stay_near(self):
        """13 mm across sees 8.3 m at 3 m; a camera at 2.2 m needs 2.2 / (9/16 × 36/26 …): feet are cut, not the sides."""
        still = replace(travel(self.dance()), near=1.5)
        found = framing(still, Lens(26), 2.6, 0.5, camera_m=2.0)
        self.assertFalse(found.fits)
        self.assertIn("Feet or raised hands are cut off", found.words[-1])
        self.assertNotIn("Stay within", found.words[-1])

    def test_impossible_lenses_and_rooms(self):
        with self.assertRaises(InputError):
            Lens(2)
        with self.assertRaises(InputError):
            framing(travel(self.dance()), Lens(), 0)


class SearchTest(unittest.TestCase):
    def setUp(self) -> None:
        dance = project().dance
        self.index = Index(dance, [clip("Middle"), clip("Middle", View.BACK), clip("tag", View.BACK), clip("Hard")])

    def test_a_move_by_name(self):
        first = self.index.find("half turn")[0]
        self.assertEqual((first.section, first.count), ("Middle", F(6)))
        self.assertEqual(len(first.clips), 2)

    def test_a_turn_by_its_size(self):
        """A full turn that is written as kick 0 with a turn is found by what it is."""
        self.assertEqual(self.index.find("full turn")[0].section, "Hard")

    def test_between_two_counts(self):
        """“5&” is one move; “5&6” is what is danced on 5, between, and on 6, where something is between."""
        found = self.index.find("5&")
        self.assertEqual({(h.section, h.count) for h in found}, {("Hard", F(9, 2))})
        found = self.index.find("5&6")
        self.assertEqual({(h.section, h.count) for h in found}, {("Hard", F(k, 2)) for k in (8, 9, 10)})

    def test_feet_and_ways(self):
        easy = [h.count for h in self.index.find("walk left") if h.section == "Easy"]
        self.assertEqual(easy, [F(1), F(3), F(5), F(7)])
        self.assertEqual({h.count for h in self.index.find("walk, left foot on 4")}, {F(3)})
        self.assertEqual([h.count for h in self.index.find("half turn right")], [F(6)])
        self.assertEqual(self.index.find("half turn left"), [])

    def test_from_a_count_to_a_count(self):
        for text in ("5 to 7 of the easy", "easy 5-7", "easy, 5 – 7"):
            self.assertEqual([h.count for h in self.index.find(text)], [F(4), F(5), F(6)], text)

    def test_walls_and_restarts(self):
        """The second wall has three sections; a wall that is cut short is found by “restart”, with where it is cut."""
        found = self.index.find("wall 2")
        self.assertEqual([(h.title, h.wall) for h in found], [("Easy", 2), ("Middle", 2), ("Hard", 2)])
        self.assertEqual(self.index.find("restart"), [])
        wall = Item(ItemKind.WALL)
        dance = replace(project().dance, sequence=(wall, replace(wall, restart_after=12), wall))
        (hit,) = Index(dance).find("restart")
        self.assertEqual((hit.title, hit.wall), ("Middle", 2))
        self.assertEqual(hit.words, "on wall 2, its counts 1 to 4; then the dance starts again")

    def test_a_view_of_a_section(self):
        found = self.index.find("back view of the tag")
        self.assertEqual((found[0].section, found[0].count, found[0].clips), ("tag", None, ("tag · back",)))
        self.assertEqual(self.index.find("feet of the tag"), [])

    def test_every_word_has_to_be_there(self):
        self.assertEqual(self.index.find("half pancake"), [])
        self.assertEqual(self.index.find(""), [])

    def test_accents_and_beginnings(self):
        dance = Dance("d", (Section("Été", 8, (Event(F(0), name="balancé"),)),))
        self.assertEqual(Index(dance).find("ete balan")[0].count, F(0))

    def test_any_move_of_a_hundred_sections(self):
        sections = tuple(
            Section(f"s{k}", 8, tuple(Event(F(n), name=f"move {k} {n}") for n in range(8))) for k in range(100)
        )
        index = Index(Dance("d", sections))
        self.assertEqual((index.find("move 77 3")[0].section, index.find("s42")[0].section), ("s77", "s42"))


class LessonFilmTest(FolderCase):
    def small(self) -> Project:
        """Two sections of eight counts, filmed once."""
        found = small_project(self.folder)
        sections = (Section("A", 8, walks()), Section("B", 8, walks()))
        found = replace(found, dance=Dance("d", sections, (Item(ItemKind.WALL),)))
        return replace(found, output=replace(found.output, longest_side=160, rate=15))

    def test_cards_and_clips_in_order_verified(self):
        """A short lesson of two sections: chapters of all steps, counts of all clips, and nothing that does not hold."""
        found = self.small()
        found = set_lesson(found, build=Build.BLOCKS, shown=Shown.NEVER, slow=Slow.PLAYER)
        found = change_step(found, "A/numbers", gap=8)
        outcome = write_lesson(found, self.folder, self.folder / "lesson")
        self.assertEqual([f for f in verify_pack(self.folder / "lesson") if not f.good], [])
        manifest = read_manifest(self.folder / "lesson")
        (entry,) = manifest.clips
        steps = [s for s in plan_lesson(found).steps if not s.left_out]
        with av.open(str(self.folder / "lesson" / NAME)) as film:
            chapters = [c["metadata"]["title"] for c in film.chapters()]
        self.assertEqual(chapters, [s.title for s in steps])
        self.assertGreater(len(entry.counts), 30)
        self.assertGreater(len(entry.pieces), 3)
        self.assertEqual(outcome.problems, ())
        names = {p.name for p in (self.folder / "lesson").iterdir()}
        self.assertEqual(names, {NAME, "manifest.json", "chapters.txt", "chapters.ffmeta", "lesson plan.md"})

    def test_what_cards_say_and_each_named_move_are_heard(self):
        """The sentence of a card from its beginning on; in the clip that names moves each on its count, within 15 ms."""
        found = set_lesson(self.small(), build=Build.BLOCKS, shown=Shown.NEVER, slow=Slow.PLAYER)
        live = live_step(LessonParts(found, self.folder), "A/words", 320, quiet())
        heard = live.part(0, live.seconds)[:, 0]
        step = next(s for s in plan_lesson(found).steps if s.key == "A/words")
        card = sentence(f"{step.title}. {step.words}")[:, 0]
        self.assertLess(abs(_found(heard[: len(card) + RATE], card)), 15)
        parts = list(LessonParts(found, self.folder).of_step(step))
        self.assertGreaterEqual(parts[0].seconds, len(card) / RATE)
        clip_from = round(parts[0].seconds * 15) / 15
        # 75 % of 120 a minute; the run-up is two counts.
        count_s = 0.5 / 0.75
        moves = [e for s in found.dance.sections if s.id == "A" for e in s.events]
        for event in moves[:3]:
            raw, rate = say(event.short, int(np.clip(90 / count_s, 160, 340)), language="en")
            tone = scipy.signal.resample_poly(raw, RATE, rate)
            at = clip_from + (2 + float(event.start)) * count_s - word_centre_s(tone.astype(np.float32), RATE)
            first = round((at - 0.1) * RATE)
            with self.subTest(event.short):
                self.assertLess(abs(_found(heard[first : first + len(tone) + RATE // 5], tone) - 100), 15)

    def test_homework_goes_round_without_a_gap(self):
        """A loop of each section and of the wall: counted in once at each speed, then 1 follows 8 at the beat."""
        found = set_lesson(self.small(), build=Build.BLOCKS, shown=Shown.NEVER, slow=Slow.PLAYER)
        with mock.patch("vamos.core.pack.homework.TIMES", TIMES):
            outcome = write_homework(found, self.folder, self.folder / "homework")
        self.assertEqual([f for f in verify_pack(self.folder / "homework") if not f.good], [])
        entries = read_manifest(self.folder / "homework").clips
        self.assertEqual([e.file for e in entries], ["01 a loop.mp4", "02 b loop.mp4", "03 the wall loop.mp4"])
        self.assertEqual(outcome.clips, 3)
        mine = [s for s in plan_lesson(found).steps if s.sections == ("A",)]
        speeds = rungs(mine)
        self.assertEqual(speeds[-1], 1)
        # 120 counts a minute at 15 a second: seven and a half frames a count at the song's tempo.
        ones = [frame for frame, number in entries[0].counts if number == "1"]
        gaps = [b - a for a, b in itertools.pairwise(ones)]
        for number, speed in enumerate(speeds):
            eight = 8 * 7.5 / float(speed)
            for gap in gaps[TIMES * number :][: TIMES - 1]:
                self.assertAlmostEqual(gap, eight, delta=1, msg=f"{speed}: {gaps}")
        self.assertEqual(len(gaps), TIMES * len(speeds) - 1)

    def test_a_wall_that_was_filmed_later_in_the_song(self):
        """Of two walls the film shows the second: runs over sections come from there; of half a wall there is none."""
        found = self.small()
        found = replace(found, song=replace(found.song, grid=grid_at(120, 44, 0.5, 4)))
        found = replace(found, dance=replace(found.dance, sequence=(Item(ItemKind.WALL), Item(ItemKind.WALL))))
        (take,) = found.takes
        clock, wall = found.grid.time_map(), Step("wall", StepKind.DO, "The wall", ("A", "B"))
        for begin, end, start in ((-2, 34, 0), (14, 34, 16), (20, 34, None), (2, 30, None)):
            shown = TimeRange(float(clock(begin)), float(clock(end)))
            taken = replace(take, passes=(replace(take.passes[0], take_range=shown),))
            run = LessonParts(replace(found, takes=(taken,)), self.folder).clip(wall)
            self.assertEqual(run.counts.start if run is not None else None, start, (begin, end))

    def test_homework_of_a_film_that_is_gone(self):
        """It says which film, how to go on, and leaves nothing behind; it is no fault of Vamos."""
        found = self.small()
        (self.folder / "t.mp4").unlink()
        before = self.listing()
        for write in (write_homework, write_lesson):
            with self.assertRaisesRegex(InputError, r"t\.mp4"):
                write(found, self.folder, self.folder / "homework")
        self.assertEqual(self.listing(), before)

    def test_a_step_is_played_as_its_film_is_written(self):
        """The same length, sound and pictures as the film of these parts, read back; nothing is written for it."""
        found = self.small()
        shown = LessonParts(found, self.folder)
        step = next(s for s in shown.plan.steps if s.sections == ("B",) and len(s.speeds) > 1)
        before = self.listing()
        live = live_step(shown, step.key, 160, quiet())
        self.assertEqual(self.listing(), before)
        path = self.folder / "step.mp4"
        shown.film.write(path, [(step.title, list(shown.of_step(step)))], quiet(), step.title)
        heard = read_sound(path, RATE, 1).samples[:, 0].astype(float)
        mine = live.part(0.0, live.seconds)[:, 0].astype(float)
        self.assertAlmostEqual(len(heard) / RATE, live.seconds, delta=0.1)
        # Each second part of it is heard at the same moment, in whichever pieces it is asked for.
        for number in range(1, len(live.parts)):
            first = round((live.starts[number] + 0.2) * RATE)
            tone = live.part(first / RATE, first / RATE + 1.5)[:, 0]
            np.testing.assert_allclose(tone, mine[first : first + len(tone)], atol=1e-6)
            self.assertLess(abs(_found(heard[first - 4800 : first + len(tone) + 4800], tone) - 100), 1, number)
        composers = {}
        for at in np.linspace(0.3, live.seconds - 0.3, 9):
            part, frame = live.at(at)
            if part not in composers:
                composers[part] = part.composer(quiet())
            luma = composers[part].picture(frame)[0].astype(float)
            with av.open(str(path)) as film:
                film.seek(int(at * av.time_base))
                pictures = (f for f in film.decode(video=0) if f.time + 1 / 15 > at - 1e-6)
                written = next(pictures).to_ndarray(format="gray").astype(float)
            with self.subTest(at=at):
                alike = np.corrcoef(written.ravel(), luma.ravel())[0, 1]
                self.assertGreater(alike, 0.9)

    def test_what_is_said_is_a_step_as_well_and_one_that_is_gone_is_refused(self):
        shown = LessonParts(self.small(), self.folder)
        live = live_step(shown, "say/hello", 320, quiet())
        self.assertEqual((len(live.parts), live.at(99.0)[1]), (1, 0))
        self.assertTrue(live.part(0.0, live.seconds).any())
        with self.assertRaisesRegex(InputError, "no longer in the plan"):
            live_step(shown, "no such step", 320, quiet())

    def test_nothing_to_show_leaves_nothing_behind(self):
        found = replace(small_project(self.folder), takes=())
        before = self.listing()
        for write in (write_lesson, write_homework):
            with self.assertRaises(InputError):
                write(found, self.folder, self.folder / "lesson")
        self.assertEqual(self.listing(), before)


if __name__ == "__main__":
    unittest.main()
