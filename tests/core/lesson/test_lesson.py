"""The plan of a lesson: each school, how often and how slow, the wanted length, what a person changed, on paper."""

import io
import unittest
from dataclasses import replace
from fractions import Fraction as F
from itertools import pairwise

from pypdf import PdfReader

from tests.support import grid_at
from vamos.core.dance.notation import parse_line
from vamos.core.dance.said import said_in_order
from vamos.core.document.files import from_builtins, to_builtins
from vamos.core.edit.lesson import change_step, forget_step, move_step, set_lesson
from vamos.core.lesson.difficulty import difficulty, rungs
from vamos.core.lesson.material import cautions, material_of
from vamos.core.lesson.paper import lesson_markdown, lesson_pdf
from vamos.core.lesson.plan import part_after, plan_lesson
from vamos.core.model.clip import ClipSound
from vamos.core.model.dance import Dance, Event, Foot, Item, ItemKind, Kind, Section
from vamos.core.model.lesson import Build, Facts, LessonWish, Shown, Slow, StepChange, StepKind, Way
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song
from vamos.errors import InputError


def walks(n: int = 8) -> tuple[Event, ...]:
    feet = (Foot.RIGHT, Foot.LEFT)
    return tuple(Event(F(k), F(1), "walk", foot=feet[k % 2], kind=Kind.STEP) for k in range(n))


def hard() -> tuple[Event, ...]:
    """Sixteen moves in an eight, a full turn among them."""
    feet = (Foot.RIGHT, Foot.LEFT)
    out = [Event(F(k, 2), F(1, 2), f"kick {k % 5}", foot=feet[k % 2], kind=Kind.STEP) for k in range(16)]
    out[5] = replace(out[5], turn=8, kind=Kind.TURN)
    return tuple(out)


def project(wish: LessonWish | None = None, tag: bool = True) -> Project:
    sections = (
        Section("Easy", 8, walks()),
        Section("Middle", 8, (*walks(6), Event(F(6), F(1), "half turn", foot=Foot.RIGHT, kind=Kind.TURN, turn=4))),
        Section("Hard", 8, hard()),
        Section("tag", 4, walks(4)),
    )
    wall = Item(ItemKind.WALL)
    sequence = (wall, wall, Item(ItemKind.TAG, ("tag",)), wall) if tag else (wall, wall)
    song = Song(MediaRef("s.wav"), "s", grid_at(110, 200, 1.0, 8))
    return Project("p", song, Dance("d", sections, sequence), lesson=wish or LessonWish())


def titles(found, kind: StepKind) -> list[str]:
    return [s.title for s in found.steps if s.kind is kind and not s.left_out]


class SchoolsTest(unittest.TestCase):
    def test_cumulative_goes_from_the_top_each_time(self):
        """1, 2, 1–2, 3, 1–3: n(n+1)/2 eights danced in joins and firsts."""
        joins = [s for s in plan_lesson(project()).steps if s.kind is StepKind.JOIN and "from the top" in s.title]
        self.assertEqual([(s.first, s.counts) for s in joins], [(F(0), F(16)), (F(0), F(24))])

    def test_joins_are_danced_slowly_first_and_to_the_song(self):
        joins = [s for s in plan_lesson(project()).steps if s.kind is StepKind.JOIN and "from the top" in s.title]
        self.assertEqual({(s.speeds, s.sound) for s in joins}, {((F(3, 4), F(1)), ClipSound.SONG)})

    def test_a_restart_is_drilled_and_each_way_the_dance_faces_is_danced(self):
        """From four counts before the cut over the 1; walls that face as an earlier one does are not danced again."""
        found = project(LessonWish())
        wall = Item(ItemKind.WALL)
        sequence = (wall, Item(ItemKind.WALL, restart_after=16), wall, wall)
        steps = {s.key: s for s in plan_lesson(replace(found, dance=replace(found.dance, sequence=sequence))).steps}
        cut = steps["restart 16/join"]
        self.assertEqual((cut.first, cut.counts, cut.times, cut.sections), (F(12), F(8), 2, ("Middle", "Easy")))
        # Half a turn on 7 of the second eight and a full one in the third: 12:00, 6:00, 12:00, 6:00.
        self.assertEqual([s.title for k, s in steps.items() if k.endswith("/facing")], ["Wall 2, facing 6:00"])
        self.assertNotIn("restart 16/join", {s.key for s in plan_lesson(found).steps})

    def test_say_is_the_step_in_order(self):
        """Counts, moves, feet and turns in sentences; a named step leads what it is made of."""
        section = Section("A", 8, (*parse_line("shuffle fwd R 1&2, walk L 3, walk R 4, ½ turn left 6, hold 7"),))
        self.assertEqual(
            said_in_order(section),
            "Shuffle fwd: 1 step right, 1& close left, 2 step right. 3 walk left, 4 right. 6 ½ turn left, 7 hold.",
        )
        named = next(s for s in plan_lesson(project()).steps if s.key == "Middle/words")
        self.assertTrue(
            named.words.startswith("1 walk right, 2 left, 3 right, 4 left. 5 walk right, 6 left, 7 half turn right")
        )

    def test_how_far_one_is_and_what_is_heard(self):
        """Counts taught add up section by section to all there are; joins and runs teach nothing new."""
        found = plan_lesson(project())
        taught = found.taught()
        firsts = [
            next(s.key for s in found.steps if s.sections == (n,) and s.speeds) for n in ("Easy", "Middle", "Hard")
        ]
        self.assertEqual([taught[k] for k in firsts], [8, 16, 24])
        self.assertEqual(taught[found.steps[-1].key], 28)
        self.assertEqual(taught["say/hello"], 0)
        text = lesson_markdown(found, "d", ())
        self.assertEqual(text.count("Taught by then: 16 of 28 counts"), 1)
        self.assertIn("**Easy on numbers** (75 %)\n  Heard: counting voice", text)
        self.assertIn("Heard: each move by its name", text)
        pdf = "".join(p.extract_text() for p in PdfReader(io.BytesIO(lesson_pdf(found, "d", ()))).pages)
        self.assertIn("Taught by then: 28 of 28 counts", pdf)

    def test_homework_is_what_is_danced_in_a_wall(self):
        found = plan_lesson(project())
        self.assertIn("Counts 1 to 24 in a loop", lesson_markdown(found, "d", ()))

    def test_blocks_join_two_and_two(self):
        found = plan_lesson(project(LessonWish(build=Build.BLOCKS)))
        self.assertIn("Easy to Middle, both", titles(found, StepKind.JOIN))
        self.assertIn("Easy to Hard, from the top", titles(found, StepKind.JOIN))

    def test_landmarks_end_at_the_turn(self):
        found = titles(plan_lesson(project(LessonWish(build=Build.LANDMARKS))), StepKind.JOIN)
        self.assertIn("Easy to Middle, to the end of Middle", found)

    def test_the_whole_comes_before_its_parts(self):
        steps = plan_lesson(project(LessonWish(build=Build.WHOLE_PARTS))).steps
        whole = next(k for k, s in enumerate(steps) if s.kind is StepKind.WHOLE)
        part = next(k for k, s in enumerate(steps) if s.sections == ("Easy",))
        self.assertLess(whole, part)

    def test_every_school_teaches_every_section_once_and_the_joins_that_count(self):
        for build in Build:
            for way in Way:
                found = plan_lesson(project(LessonWish(build=build, way=way)))
                with self.subTest(build=build.name, way=way.name):
                    numbers = [s.sections[0] for s in found.steps if s.key.endswith("/numbers")]
                    self.assertEqual(numbers, ["Easy", "Middle", "Hard", "tag"])
                    self.assertIn("Over the end of the wall: 8 into 1", titles(found, StepKind.JOIN))
                    self.assertIn("Into tag and out of it", titles(found, StepKind.JOIN))
                    keys = [s.key for s in found.steps]
                    self.assertEqual(len(keys), len(set(keys)))

    def test_words_or_numbers_first(self):
        for way, first in ((Way.WORDS, "Easy/words"), (Way.NUMBERS, "Easy/numbers"), (Way.FEET, "Easy/feet")):
            keys = [s.key for s in plan_lesson(project(LessonWish(way=way))).steps if s.sections == ("Easy",)]
            self.assertEqual(keys[0], first)

    def test_where_facts_and_the_whole_stand(self):
        front = plan_lesson(project(LessonWish(facts=Facts.UP_FRONT, shown=Shown.NEVER))).steps
        self.assertLess(_at(front, "say/facts"), _at(front, "Easy/words"))
        self.assertNotIn("all/shown first", [s.key for s in front])
        after = plan_lesson(project(LessonWish(facts=Facts.AFTER))).steps
        self.assertGreater(_at(after, "say/facts"), _at(after, "tag/join"))
        place = plan_lesson(project()).steps
        self.assertLess(_at(place, "say/facts"), _at(place, "tag/words"))
        self.assertIn("Tag", next(s.words for s in place if s.key == "say/facts"))

    def test_half_time_takes_twice_as_long(self):
        found = plan_lesson(project(LessonWish(slow=Slow.HALF_TIME)))
        half, full = (next(s for s in found.steps if s.key == f"Hard/{k}") for k in ("half", "full"))
        self.assertAlmostEqual(found.seconds_of(half), 2 * found.seconds_of(full))
        self.assertFalse(
            [s for s in plan_lesson(project(LessonWish(slow=Slow.PLAYER))).steps if s.kind is StepKind.LADDER]
        )

    def test_under_a_third_of_the_songs_tempo_is_told(self):
        """Half-time at 60 % is 30 %: told by the step's title; half-time at the song's tempo is not."""
        wish = LessonWish(slow=Slow.HALF_TIME)
        self.assertNotIn("third", " ".join(plan_lesson(project(wish)).words()))
        slower = replace(wish, changes=(StepChange("Hard/half", speed=F(3, 5)),))
        found = plan_lesson(project(slower))
        title = next(s.title for s in found.steps if s.key == "Hard/half")
        self.assertIn(f"{title}: under a third of the song’s tempo", " ".join(found.words()))

    def test_without_a_dance_there_is_no_plan(self):
        self.assertEqual(plan_lesson(Project()).steps, ())

    def test_a_dance_without_a_song_has_a_length_all_the_same(self):
        self.assertGreater(plan_lesson(replace(project(), song=None)).seconds, 120)


def _at(steps, key: str) -> int:
    return next(k for k, s in enumerate(steps) if s.key == key)


class DifficultyTest(unittest.TestCase):
    def test_easy_middle_hard(self):
        easy, middle, hardest = (p.difficulty for p in material_of(project()).pieces[:3])
        self.assertLess(easy.score, middle.score)
        self.assertLess(middle.score, hardest.score)
        self.assertEqual((easy.times, hardest.times), (1, 4))
        self.assertGreater(easy.slowest, hardest.slowest)
        self.assertIn("a full turn or more", hardest.reasons)

    def test_what_was_taught_before_is_not_new(self):
        section = Section("x", 8, hard())
        known = frozenset(e.short for e in section.events)
        self.assertLess(difficulty(section, 110, known).score, difficulty(section, 110, frozenset({"walk"})).score)

    def test_a_slower_song_is_easier(self):
        section = Section("x", 8, hard())
        self.assertLess(difficulty(section, 70).score, difficulty(section, 140).score)

    def test_touches_floor_and_off_beats_are_named(self):
        events = (
            Event(F(0), F(1), "step", foot=Foot.RIGHT, kind=Kind.STEP),
            Event(F(1), F(1), "touch", foot=Foot.LEFT, kind=Kind.TOUCH),
            Event(F(5, 2), F(1), "knee drop", foot=Foot.LEFT, kind=Kind.STEP),
        )
        words = " ".join(difficulty(Section("x", 8, events), 110).reasons)
        for wanted in ("touches after steps", "between the counts", "floor"):
            self.assertIn(wanted, words)

    def test_no_rung_is_more_than_a_quarter_quicker(self):
        for slowest in (F(1, 2), F(3, 5), F(3, 4), F(1)):
            found = rungs(slowest)
            self.assertEqual(found[-1], 1)
            self.assertTrue(all(float(b / a) <= 1.25 for a, b in pairwise(found)))

    def test_nothing_written_says_so(self):
        self.assertIn("not written", difficulty(Section("x", 8), 110).reasons[0])


class LengthTest(unittest.TestCase):
    def test_the_sum_of_its_steps(self):
        found = plan_lesson(project())
        self.assertAlmostEqual(found.seconds, sum(found.seconds_of(s) for s in found.steps))
        step = next(s for s in found.steps if s.key == "Hard/numbers")
        once = (8 + 4) * 60 / 110 / float(step.speeds[0])
        self.assertAlmostEqual(found.seconds_of(step), step.times * (once + step.gap * 60 / 110), delta=0.05)

    def test_too_short_leaves_out_in_order_and_keeps_what_counts(self):
        whole = plan_lesson(project())
        short = plan_lesson(project(LessonWish(minutes=whole.seconds / 60 * 0.8)))
        self.assertLess(short.seconds, whole.seconds)
        self.assertTrue(short.left)
        self.assertAlmostEqual(whole.seconds - short.seconds, sum(x.seconds for x in short.left), delta=0.1)
        ranks = [("another view" in x.what, "another run" in x.what, "repeats" in x.what) for x in short.left]
        order = [row.index(True) if True in row else 3 for row in ranks]
        self.assertEqual(order, sorted(order))
        kept = {s.key for s in short.steps if not s.left_out}
        self.assertTrue({"wall end/join", "tag/join", "all/whole"} <= kept)

    def test_what_cannot_be_is_said(self):
        found = plan_lesson(project(LessonWish(minutes=1.0)))
        self.assertGreater(found.over_s, 60)
        self.assertIn("does not fit", " ".join(found.words()))

    def test_it_fits(self):
        found = plan_lesson(project(LessonWish(minutes=60.0)))
        self.assertEqual((found.left, found.over_s), ((), 0.0))
        self.assertIn("It fits", " ".join(found.words()))

    def test_long_lessons_have_breaks(self):
        sections = tuple(Section(f"s{k}", 8, hard()) for k in range(20))
        long = replace(project(), dance=Dance("d", sections, (Item(ItemKind.WALL),)))
        plan = plan_lesson(long)
        since, stretches = 0.0, []
        for step in plan.steps:
            if step.key.startswith("say/break"):
                stretches.append(since)
                since = 0.0
            else:
                since += plan.seconds_of(step)
        # None of them, nor what is left, is longer than a quarter of an hour; none could have taken one step more.
        longest = max(map(plan.seconds_of, plan.steps))
        self.assertGreater(len(stretches), 2)
        for stretch in stretches:
            self.assertLessEqual(stretch, 15 * 60)
            self.assertGreater(stretch + longest, 15 * 60)
        self.assertLessEqual(since, 15 * 60)

    def test_two_parts_with_last_time(self):
        found = plan_lesson(project(LessonWish(cut_after="Middle")))
        recap = next(s for s in found.steps if s.key == "part/recap")
        self.assertIn("count 16", recap.words)
        self.assertLess(_at(found.steps, "Middle/numbers"), _at(found.steps, "part/recap"))
        self.assertLess(_at(found.steps, "part/recap"), _at(found.steps, "Hard/words"))
        keys = [s.key for s in found.steps]
        end = keys.index("part/end")
        # Part 1 ends behind the last that is danced of its sections: the join of both.
        self.assertEqual(keys[end - 1 : end + 2], ["Easy…Middle/join", "part/end", "part/recap"])

    def test_the_best_place_to_cut_is_nearest_to_the_middle(self):
        plan = plan_lesson(project())
        own = plan.section_seconds()
        order = [p.id for p in plan.material.pieces]
        total = sum(own.values())
        behind = {name: abs(sum(own[x] for x in order[: k + 1]) - total / 2) for k, name in enumerate(order[:-1])}
        self.assertEqual(part_after(plan), min(behind, key=lambda name: behind[name]))
        self.assertNotEqual(part_after(plan), order[-2], "the hard section is the longest: the cut lies before it")

    def test_jumps_and_spins_ask_for_a_warm_up(self):
        self.assertIn("spins", cautions(project().dance))
        self.assertEqual(plan_lesson(project()).steps[1].key, "say/care")


class ChangesTest(unittest.TestCase):
    def test_changes_stick_when_the_dance_changes(self):
        changed = change_step(project(), "Easy/numbers", times=3, speed=F(1, 2))
        longer = replace(changed.dance, sections=(*changed.dance.sections, Section("New", 8, walks())))
        step = next(s for s in plan_lesson(replace(changed, dance=longer)).steps if s.key == "Easy/numbers")
        self.assertEqual((step.times, step.speeds, step.changed), (3, (F(1, 2),), True))
        back = forget_step(changed, "Easy/numbers")
        self.assertEqual(back.lesson.changes, ())

    def test_what_a_person_set_is_not_taken_away_for_the_length(self):
        kept = change_step(project(LessonWish(minutes=1.0)), "Middle/back", times=2)
        step = next(s for s in plan_lesson(kept).steps if s.key == "Middle/back")
        self.assertFalse(step.left_out)

    def test_left_out_by_hand(self):
        found = plan_lesson(change_step(project(), "Hard/words", left_out=True))
        step = next(s for s in found.steps if s.key == "Hard/words")
        self.assertEqual((step.left_out, found.seconds_of(step)), (True, 0.0))

    def test_another_order_is_kept_and_new_steps_find_their_place(self):
        first = project()
        keys = [s.key for s in plan_lesson(first).steps]
        moved = move_step(first, keys, "Hard/words", -3)
        found = [s.key for s in plan_lesson(moved).steps]
        self.assertEqual(found.index("Hard/words"), keys.index("Hard/words") - 3)
        self.assertEqual(sorted(found), sorted(keys))
        fewer = set_lesson(moved, slow=Slow.PLAYER)
        self.assertNotIn("Hard/rungs", [s.key for s in plan_lesson(fewer).steps])
        with self.assertRaisesRegex(InputError, "no such step"):
            move_step(first, keys, "nothing", 1)

    def test_impossible_wishes_are_refused(self):
        for wrong in ({"times": 0}, {"speed": F(3)}, {"gap": -1}):
            with self.assertRaises(InputError):
                change_step(project(), "Easy/numbers", **wrong)
        with self.assertRaises(InputError):
            LessonWish(minutes=0.2)

    def test_kept_in_a_project_file(self):
        wished = change_step(project(LessonWish(build=Build.BLOCKS, minutes=12.0)), "Easy/numbers", gap=8)
        self.assertEqual(from_builtins(to_builtins(wished), Project).lesson, wished.lesson)


class PaperTest(unittest.TestCase):
    def test_markdown_has_every_step_at_its_minute(self):
        found = plan_lesson(project(LessonWish(minutes=5.0)))
        text = lesson_markdown(found, "Parade")
        shown = [s for s in found.steps if not s.left_out]
        self.assertEqual(text.count("- [ ] "), len(shown))
        self.assertIn("- [ ] 0:00 **Hello**", text)
        self.assertIn("## Left out for the wanted length", text)

    def test_pdf_is_read_back(self):
        found = plan_lesson(project())
        pages = PdfReader(io.BytesIO(lesson_pdf(found, "Parade of fans é"))).pages
        text = "\n".join(p.extract_text() for p in pages)
        self.assertGreaterEqual(len(pages), 2)
        for wanted in ("Parade of fans", "Hard on numbers", "Over the end of the wall"):
            self.assertIn(wanted, text)


if __name__ == "__main__":
    unittest.main()
