"""How often steps are danced by who learns, the pass for style, and gaps to practise with the song."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

import numpy as np

from tests.core.lesson.test_lesson import project, walks
from tests.core.pack.test_verify import small_project
from tests.support import FolderCase
from vamos.core.edit.lesson import change_step, set_lesson
from vamos.core.lesson.plan import plan_lesson
from vamos.core.media.sound import read_sound
from vamos.core.model.dance import Dance, Event, Item, ItemKind, Kind, Section
from vamos.core.model.lesson import Learners, LessonWish, StepKind
from vamos.core.model.take import View
from vamos.core.pack.lesson_film import LessonParts
from vamos.core.progress import quiet
from vamos.core.render.sound import RATE
from vamos.core.render.spoken import sentence
from vamos.errors import InputError


def steps(learners: Learners, **wish: object):
    found = plan_lesson(project(LessonWish(learners=learners, **wish)))  # type: ignore[arg-type]
    return {s.key: s for s in found.steps}, found


class LearnersTest(unittest.TestCase):
    def test_a_class_dances_everything_once_more(self):
        one, plan = steps(Learners.ONE)
        many, longer = steps(Learners.CLASS)
        self.assertEqual(set(one), set(many))
        for key, step in one.items():
            more = step.kind in (StepKind.DO, StepKind.JOIN, StepKind.LADDER) and step.view is not View.BACK
            self.assertEqual(many[key].times, step.times + more, key)
        self.assertIn("once more for the room", many["Easy/numbers"].reason)
        self.assertGreater(longer.seconds, 1.3 * plan.seconds)

    def test_who_knows_it_is_told_no_names_and_dances_once(self):
        known, plan = steps(Learners.KNOWING)
        self.assertEqual([k for k in known if k.endswith(("/words", "/sounds"))], [])
        self.assertEqual(known["Easy/numbers"].times, 1)
        self.assertEqual(known["Hard/rungs"].speeds, (F(1),))
        self.assertTrue(all(s.slowest >= F(3, 4) for s in known.values()))
        # The joins, the tag and the whole stay.
        self.assertIn("tag/join", known)
        self.assertIn("all/whole", known)
        self.assertLess(plan.seconds, 0.7 * steps(Learners.ONE)[1].seconds)

    def test_a_person_changes_it_on_top(self):
        """Twelve times is twelve times, whoever learns."""
        for learners in Learners:
            found = change_step(project(LessonWish(learners=learners)), "Easy/numbers", times=12)
            step = next(s for s in plan_lesson(found).steps if s.key == "Easy/numbers")
            self.assertEqual(step.times, 12)

    def test_a_wanted_length_holds_for_each(self):
        for learners in Learners:
            plan = steps(learners, minutes=6.0)[1]
            self.assertTrue(plan.over_s > 0 or plan.seconds <= 6 * 60)


class StyleTest(unittest.TestCase):
    def test_arms_and_looks_come_when_all_steps_were_taught(self):
        arms = Event(F(0), F(4), "up", kind=Kind.FREE, role="arms")
        look = Event(F(4), F(4), "to the partner", kind=Kind.FREE, role="look")
        found = project()
        section = replace(found.dance.sections[0], events=(*walks(), arms, look))
        found = replace(found, dance=replace(found.dance, sections=(section, *found.dance.sections[1:])))
        plan = plan_lesson(found)
        keys = [s.key for s in plan.steps]
        self.assertEqual([k for k in keys if k.endswith("/style")], ["Easy/style"])
        self.assertGreater(keys.index("Easy/style"), keys.index("Hard/numbers"))
        self.assertLess(keys.index("Easy/style"), keys.index("all/whole"))
        style = plan.steps[keys.index("Easy/style")]
        self.assertEqual((style.words, style.speeds), ("arms up; look to the partner", (F(3, 4), F(1))))

    def test_a_dance_without_any_has_no_such_step(self):
        self.assertEqual([s.key for s in plan_lesson(project()).steps if s.key.endswith("/style")], [])


class GapsTest(FolderCase):
    def test_the_song_goes_on_while_learners_practise(self):
        """“Your turn” over eight counts of the song from the section's count 1; silent without the wish."""
        dance = Dance("d", (Section("A", 8, walks()),), (Item(ItemKind.WALL),))
        found = replace(small_project(self.folder), dance=dance)
        found = change_step(found, "A/numbers", speed=F(1), gap=8)
        heard = {}
        for on in (False, True):
            parts = LessonParts(replace(found, lesson=replace(found.lesson, gap_song=on)), self.folder)
            parts.film.read_song(quiet())
            step = next(s for s in parts.plan.steps if s.key == "A/numbers")
            turn = next(p for p in parts.of_step(step) if p.title == "Your turn")
            self.assertAlmostEqual(turn.seconds, 4.0)
            heard[on] = parts.film.sound_of(turn, None)
        said = len(sentence("Your turn"))
        self.assertEqual(len(heard[False]), said)
        self.assertEqual(len(heard[True]), 4 * RATE)
        first = round(float(found.grid.time_map()(0)) * RATE)
        song = read_sound(self.folder / "s.wav", RATE).samples[first:, 0]
        # The limiter changes the noise, not its place.
        practised = heard[True][2 * RATE : 3 * RATE, 0]
        alike = [np.corrcoef(practised, song[2 * RATE + k : 3 * RATE + k])[0, 1] for k in range(-40, 41)]
        self.assertEqual(int(np.argmax(alike)) - 40, 0)
        self.assertGreater(max(alike), 0.5)

    def test_a_teachers_own_words_for_it(self):
        dance = Dance("d", (Section("A", 8, walks()),), (Item(ItemKind.WALL),))
        found = replace(small_project(self.folder), dance=dance)
        found = change_step(set_lesson(found, turn_words="Now you!"), "A/numbers", speed=F(1), gap=8)
        parts = LessonParts(found, self.folder)
        step = next(s for s in parts.plan.steps if s.key == "A/numbers")
        turns = [p for p in parts.of_step(step) if p.spoken]
        self.assertEqual({(p.title, p.spoken) for p in turns if p.seconds == 4.0}, {("Now you!", "Now you!")})
        with self.assertRaisesRegex(InputError, "at most 60 letters, not 61"):
            set_lesson(found, turn_words="x" * 61)


if __name__ == "__main__":
    unittest.main()
