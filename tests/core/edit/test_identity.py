"""Choices stay with what they were made for: passes, takes, sections and clips of one's own have ids that never change."""

import json
import unittest
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path

import numpy as np

from tests.support import FolderCase, grid_at
from vamos.core.document.files import VERSION, load, save
from vamos.core.edit.clips import add_range, choose
from vamos.core.edit.counted import move_count, set_counts, this_moment_is
from vamos.core.edit.dance import add_section, rename_section
from vamos.core.edit.takes import add_takes, place_by_hand, place_takes, remove_take, shift_counted
from vamos.core.model.clip import Choice
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song
from vamos.core.model.take import Pass, PassKind, Take
from vamos.core.plan.clips import plan_clips
from vamos.core.plan.coverage import coverage_of
from vamos.core.plan.run_through import plan_run_through
from vamos.core.time import CountRange, TimeMap, TimeRange


def sung(start: float, end: float, at: float, confidence: float = 0.9) -> Pass:
    return Pass(PassKind.SONG, TimeRange(start, end), TimeMap.line(start, at), confidence)


NOTHING = Dance()


def project(*passes: Pass, dance: Dance = NOTHING) -> Project:
    take = Take("front", MediaRef("f.mp4", 0, 80.0), passes=passes, looked_for_passes=True)
    return Project("p", Song(MediaRef("x", 0, 33.0), "x", grid_at(120, 64, 0.5, 0)), dance, (take,))


class PassTest(unittest.TestCase):
    def setUp(self) -> None:
        # The same nine seconds of the song three times in one film.
        self.project = project(sung(0, 9, 0.5), sung(20, 29, 0.5), sung(40, 49, 0.5))
        self.key = plan_clips(self.project)[0].key
        self.third = self.project.takes[0].passes[2].id

    def chosen(self, p: Project) -> Pass:
        clip = next(c for c in plan_clips(p) if c.key == self.key)
        return p.take(clip.take).passes[clip.pass_number]

    def test_a_pass_that_comes_before_it_changes_nothing(self):
        """The third is chosen; counts tapped between the first two, a moment matched by eye, all placed anew: it stays."""
        p = choose(self.project, Choice(self.key, take="front", pass_id=self.third))
        self.assertEqual(self.chosen(p).take_range.start_s, 40)
        for edit in (
            lambda p: set_counts(p, "front", np.arange(12.0, 18.0, 0.5), F(0)),
            lambda p: place_by_hand(p, "front", 14.0, F(2)),
            lambda p: this_moment_is(p, "front", 14.0, F(2)),
            lambda p: place_takes(p, {"front": (sung(20.2, 29, 0.5), sung(40.1, 49.2, 0.5), sung(60, 69, 0.5))}),
        ):
            changed = edit(p)
            self.assertAlmostEqual(self.chosen(changed).take_range.start_s, 40, delta=0.2)
            self.assertEqual(self.chosen(changed).id, self.third)

    def test_a_moment_between_passes_leaves_the_others(self):
        p = place_by_hand(self.project, "front", 14.0, F(20))
        self.assertEqual([x.take_range.start_s for x in p.takes[0].passes], [0, 9, 20, 40])
        self.assertEqual(p.takes[0].passes[1].take_range.end_s, 20)
        self.assertEqual(
            [x.id for x in p.takes[0].passes if x.take_range.start_s != 9], [x.id for x in self.project.takes[0].passes]
        )

    def test_a_pass_moved_or_renumbered_is_the_same_pass(self):
        said = np.arange(50.0, 60.0, 0.5)
        p = set_counts(self.project, "front", said, F(0))
        counted = p.takes[0].passes[-1]
        for edit in (
            lambda p: shift_counted(p, "front", 3, 2),
            lambda p: move_count(p, "front", 3, 2, 51.1),
            lambda p: set_counts(p, "front", said + 0.02, F(0)),
            lambda p: this_moment_is(p, "front", 52.0, F(7)),
        ):
            self.assertEqual(edit(p).takes[0].passes[-1].id, counted.id)

    def test_a_chosen_pass_that_is_gone(self):
        """Its take is still the one that was chosen; without the take Vamos decides."""
        p = choose(self.project, Choice(self.key, take="front", pass_id="gone"))
        self.assertEqual(self.chosen(p).take_range.start_s, 0)
        self.assertEqual(remove_take(p, "front").choices[0], Choice(self.key))

    def test_the_run_through_uses_the_pass_that_was_chosen(self):
        dance = Dance("d", (Section("A", 8), Section("B", 8)), (Item(ItemKind.WALL),) * 2)
        p = project(sung(0, 18, 0.0, 0.95), sung(30, 48, 0.0), dance=dance)
        self.assertEqual(plan_run_through(coverage_of(p), p.choices).pass_number, 0)
        for clip in plan_clips(p):
            p = choose(p, Choice(clip.key, take="front", pass_id=p.takes[0].passes[1].id))
        found = plan_run_through(coverage_of(p), p.choices)
        self.assertEqual({x.pass_number for x in found.pieces} or {found.pass_number}, {1})

    def test_two_passes_of_one_take_are_told_apart(self):
        twice = Take("t", MediaRef("t"), passes=(sung(0, 9, 0.5), sung(0, 9, 0.5)))
        self.assertEqual(len({p.id for p in twice.passes}), 2)


class NewIdsTest(unittest.TestCase):
    def test_a_name_taken_again_is_another_thing(self):
        """A take, a section, a clip of one's own of the name of one that is gone: nothing decided before sticks to it."""
        p = project(sung(0, 30, 0.5))
        for add, of in (
            (lambda p: add_takes(p, (Take("new", MediaRef("n")),)), lambda p: p.takes[-1]),
            (lambda p: add_range(p, "new", CountRange(F(0), F(8))), lambda p: p.ranges[-1]),
            (lambda p: add_section(p, "new"), lambda p: p.dance.sections[-1]),
        ):
            first, second = of(add(p)), of(add(p))
            self.assertEqual((first.name, second.name), ("new", "new"))
            self.assertNotEqual(first.id, second.id)
            self.assertNotIn(first.id, ("new", ""))

    def test_a_new_name_keeps_the_id(self):
        p = add_section(project(), "A")
        self.assertEqual(rename_section(p, "A", "B").dance.sections[0].id, p.dance.sections[0].id)


class ThirdFormatTest(FolderCase):
    def test_choices_by_number_become_choices_of_passes(self):
        """A file as the third format wrote it: each choice keeps its pass, whatever comes before it later."""
        p = project(sung(0, 9, 0.5), sung(20, 29, 0.5), sung(40, 49, 0.5))
        path = self.folder / "p.vamos"
        save(p, path)
        document = json.loads(path.read_text())
        self.assertEqual(document["vamos"], VERSION)
        document["vamos"] = 3
        take = document["project"]["takes"][0]
        for one in take["passes"]:
            del one["id"]
        key = plan_clips(p)[0].key
        choice = {"clip": key, "take": "front", "pass_number": 2, "flip": True, "left_out": False}
        loose = {"clip": "other", "take": None, "pass_number": 1}
        gone = {"clip": "third", "take": "front", "pass_number": 9}
        document["project"]["choices"] = [choice, loose, gone]
        document["project"]["other_songs"] = [
            {"song": document["project"]["song"], "sequence": [], "passes": [["front", take["passes"][:1]]]}
        ]
        path.write_text(json.dumps(document))
        before = path.read_bytes()
        found = load(path)
        self.assertEqual(path.read_bytes(), before)
        clip = next(c for c in plan_clips(found) if c.key == key)
        self.assertEqual((clip.pass_number, clip.flip), (2, True))
        self.assertEqual([c.pass_id for c in found.choices[1:]], [None, None])
        self.assertEqual(found.other_songs[0].passes[0][1][0].id, found.takes[0].passes[0].id)
        moved = set_counts(found, "front", np.arange(12.0, 18.0, 0.5), F(0))
        clip = next(c for c in plan_clips(moved) if c.key == key)
        self.assertEqual(moved.takes[0].passes[clip.pass_number].take_range.start_s, 40)
        save(replace(found, name="q"), Path(path))
        self.assertEqual(load(path).choices[0].pass_id, found.choices[0].pass_id)


if __name__ == "__main__":
    unittest.main()
