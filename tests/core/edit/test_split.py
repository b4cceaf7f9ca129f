"""A film that holds two things is treated as two takes."""

import unittest
from dataclasses import replace
from fractions import Fraction

from tests.support import grid_at
from vamos.core.edit.clips import choose
from vamos.core.edit.split import split_take
from vamos.core.edit.takes import place_by_hand, place_takes, point_to
from vamos.core.model.clip import Choice
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song
from vamos.core.model.take import Pass, PassKind, Remark, SaidSide, Stretch, Take, View
from vamos.core.time import TimeMap, TimeRange
from vamos.errors import InputError


def sung(start: float, end: float, song_s: float = 0.0) -> Pass:
    return Pass(PassKind.SONG, TimeRange(start, end), TimeMap.line(start, song_s), 0.9, also_at_song_s=(song_s + 30,))


def project(*passes: Pass, **more) -> Project:
    media = MediaRef("t.mp4", 100, 60.0, "print")
    take = Take("t", media, passes=passes, looked_for_passes=True, **more)
    return Project("p", Song(MediaRef("s", duration_s=90), "s", grid_at()), takes=(take,))


class SplitTest(unittest.TestCase):
    def test_passes_go_where_they_lie_and_one_across_is_cut(self):
        p = split_take(project(sung(2, 18, 4.0), sung(20, 50, 10.0), sung(52, 58)), "t", 30.0)
        first, second = p.takes
        self.assertEqual([x.take_range for x in first.passes], [TimeRange(2, 18), TimeRange(20, 30)])
        self.assertEqual([x.take_range for x in second.passes], [TimeRange(30, 50), TimeRange(52, 58)])
        self.assertEqual(second.passes[0].clock(40.0), 30.0)
        # Other places that fit move with the pass's first moment.
        self.assertEqual(second.passes[0].also_at_song_s, (50.0,))
        self.assertEqual((second.name, second.media), ("t, second part", first.media))
        self.assertEqual([r.end_s for r in second.between_passes(1.0)], [52, 60])

    def test_marks_and_what_was_noticed_go_along(self):
        marks = (Stretch(), Stretch(10.0, View.BACK), Stretch(40.0, View.FEET, trouble="slipped"))
        remarks, sides = (Remark(5, "a"), Remark(45, "b")), (SaidSide(12, "right"), SaidSide(33, "left"))
        first, second = split_take(project(stretches=marks, remarks=remarks, sides_said=sides), "t", 30.0).takes
        self.assertEqual([s.view for s in first.stretches], [View.FRONT, View.BACK])
        self.assertEqual([(s.start_take_s, s.view) for s in second.stretches], [(0.0, View.BACK), (40.0, View.FEET)])
        self.assertEqual([[r.text for r in t.remarks] for t in (first, second)], [["a"], ["b"]])
        self.assertEqual([[s.side for s in t.sides_said] for t in (first, second)], [["right"], ["left"]])

    def test_choices_follow_their_pass(self):
        p = project(sung(2, 18), sung(32, 50), sung(52, 58))
        for key, number in (("a · front", 0), ("b · front", 2)):
            p = choose(p, Choice(key, take="t", pass_id=p.takes[0].passes[number].id))
        first, third = p.takes[0].passes[0].id, p.takes[0].passes[2].id
        p = split_take(p, "t", 30.0)
        self.assertEqual([(c.take, c.pass_id) for c in p.choices], [("t", first), (p.takes[1].id, third)])
        self.assertEqual(p.takes[1].passes[1].id, third)

    def test_placed_anew_a_part_stays_a_part(self):
        p = split_take(project(), "t", 30.0)
        p = place_takes(p, {t.id: (sung(10, 55, 3.0),) for t in p.takes})
        self.assertEqual([t.passes[0].take_range for t in p.takes], [TimeRange(10, 30), TimeRange(30, 55)])
        by_hand = place_by_hand(p, p.takes[1].id, 40.0, Fraction(16))
        self.assertGreaterEqual(by_hand.takes[1].passes[0].take_range.start_s, 30.0)

    def test_another_film_is_whole_again(self):
        p = split_take(project(), "t", 30.0)
        self.assertIsNone(point_to(p, "t", MediaRef("new.mp4", 5, 20.0, "other")).takes[0].part)
        self.assertEqual(point_to(p, "t", replace(p.takes[0].media, path="m.mp4")).takes[0].part, TimeRange(0, 30))

    def test_split_again_and_where_it_cannot_be(self):
        p = split_take(split_take(project(), "t", 30.0), "t", 10.0)
        self.assertEqual([t.part for t in p.takes], [TimeRange(0, 10), TimeRange(30, 60), TimeRange(10, 30)])
        for at in (-1.0, 1.0, 29.0, 45.0, 200.0):
            with self.assertRaisesRegex(InputError, "each part needs 2 seconds"):
                split_take(split_take(project(), "t", 30.0), "t", at)
