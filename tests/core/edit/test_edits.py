"""Edits change what they say, and undo takes them back."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

from tests.support import grid_at
from vamos.core.edit import clips as edit_clips
from vamos.core.edit import dance as edit_dance
from vamos.core.edit import song as edit_song
from vamos.core.edit import stops
from vamos.core.edit import takes as edit_takes
from vamos.core.model.clip import Choice
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Part, Song
from vamos.core.model.take import Pass, PassKind, Stretch, Take, View
from vamos.core.time import CountRange, TimeMap, TimeRange
from vamos.errors import InputError


def project() -> Project:
    return Project("p", Song(MediaRef("s.wav"), "s", grid_at(120, 32, 0.5, 8)))


class GridEditsTest(unittest.TestCase):
    def test_moving_the_one(self):
        """One count later: what was count 2 is the 1, and the lead-in is longer by one."""
        grid = edit_song.move_the_one(project(), 1).song.grid
        self.assertEqual(grid.lead_in, 9)
        self.assertAlmostEqual(grid.time_map()(0), project().song.grid.time_map()(1))

    def test_the_one_cannot_leave_the_song(self):
        with self.assertRaisesRegex(InputError, "before the first beat"):
            edit_song.move_the_one(project(), -9)

    def test_halving_keeps_the_one(self):
        """Half as many counts; the first danced count stays where it is."""
        grid = edit_song.rescale_counts(project(), F(1, 2)).song.grid
        self.assertAlmostEqual(grid.bpm(), 60)
        self.assertAlmostEqual(grid.time_map()(0), 4.5)
        back = edit_song.rescale_counts(replace(project(), song=replace(project().song, grid=grid)), F(2)).song.grid
        self.assertEqual(back.anchors, project().song.grid.anchors)

    def test_what_is_weak_stays_weak_where_it_was_heard(self):
        """Counted twice as fast, half as fast, with a stop or another 1: the same seconds are weak."""
        sureness = tuple(0.1 if k == 2 else 1.0 for k in range(16))
        grid = replace(grid_at(120, 128, 0.5, 8), sureness=sureness)
        p = Project("p", Song(MediaRef("s.wav"), "s", grid))
        middle = grid.time_map()(F(12))

        def weak(changed: Project) -> list[float]:
            clock = changed.grid.time_map()
            return [clock(F(k)) for k in range(-8, 200) if changed.grid.sureness_at(F(k)) < 0.5]

        self.assertTrue(all(abs(s - middle) < 2.1 for s in weak(p)))
        for changed in (
            edit_song.rescale_counts(p, F(2)),
            edit_song.rescale_counts(p, F(1, 2)),
            edit_song.move_the_one(p, 3),
            stops.mark_stop(p, F(2), 4, heard=2),
            edit_song.set_count_rate(p, CountRange(F(0), F(40)), F(2)),
        ):
            seconds = weak(changed)
            self.assertTrue(any(abs(s - middle) < 2.1 for s in seconds), seconds)
            self.assertTrue(all(abs(s - middle) < 8.1 for s in seconds), seconds)

    def test_dragging_a_beat_moves_neighbours_up_to_the_next_fixed_one(self):
        """Half-way to a fixed beat the neighbour moves half as far; the fixed one stays."""
        first = edit_song.drag_beat(project(), F(0), 4.5)
        second = edit_song.drag_beat(first, F(8), 8.7)
        clock = second.song.grid.time_map()
        self.assertAlmostEqual(clock(8), 8.7)
        self.assertAlmostEqual(clock(4), 6.6)
        self.assertAlmostEqual(clock(0), 4.5)
        self.assertAlmostEqual(clock(12), 10.7)

    def test_a_drag_over_a_fixed_beat_is_refused(self):
        """The counts must stay in order."""
        first = edit_song.drag_beat(project(), F(4), 6.5)
        with self.assertRaises(InputError):
            edit_song.drag_beat(first, F(2), 7.0)

    def test_without_a_song_there_is_a_word_for_it(self):
        with self.assertRaisesRegex(InputError, "no song yet"):
            edit_song.move_the_one(Project(), 1)


class TakeEditsTest(unittest.TestCase):
    def test_names_stay_unique(self):
        take = Take("front", MediaRef("a"))
        self.assertEqual(
            [t.name for t in edit_takes.add_takes(Project(), (take, take, take)).takes], ["front", "front 2", "front 3"]
        )

    def test_a_stretch_holds_from_here_on(self):
        """Back from second 10 on; the part before stays front."""
        p = edit_takes.add_takes(Project(), (Take("a", MediaRef("a")),))
        take = edit_takes.set_stretch(p, p.takes[0].id, Stretch(10.0, View.BACK)).takes[0]
        self.assertEqual(
            [take.stretch_at(t).view for t in (0, 9.9, 10.0, 99)], [View.FRONT, View.FRONT, View.BACK, View.BACK]
        )

    def test_choices_add_up(self):
        """Choosing a pass keeps the flip that was chosen before."""
        p = edit_clips.choose(Project(), Choice("k", flip=True))
        p = edit_clips.choose(p, Choice("k", take="a", pass_id="p"))
        self.assertEqual(p.choice("k"), Choice("k", "a", "p", True))
        self.assertIsNone(edit_clips.forget_choice(p, "k").choice("k"))


def with_take(**more) -> Project:
    """A take of 30 s that lies on the song from its second 2 on."""
    the_pass = Pass(PassKind.SONG, TimeRange(0.0, 30.0), TimeMap.line(0.0, 2.0), 0.4, **more)
    song = Song(MediaRef("s.wav", duration_s=16.0), "s", grid_at(120, 32, 0.5, 8))
    take = Take("a", MediaRef("a.mp4", duration_s=30.0), passes=(the_pass,), looked_for_passes=True)
    return Project("p", song, takes=(take,))


class TakeMarksTest(unittest.TestCase):
    def test_a_mark_over_a_range(self):
        """Trouble from one second, ended at another: in between only, whatever was marked before."""
        p = edit_takes.mark_from(with_take(), "a", 4.0, view=View.BACK)
        p = edit_takes.end_mark(edit_takes.mark_from(p, "a", 10.0, trouble="noise"), "a", 13.0)
        take = p.take("a")
        self.assertEqual([take.stretch_at(s).trouble for s in (5, 11, 14)], ["", "noise", ""])
        self.assertEqual([take.stretch_at(s).view for s in (2, 11, 14)], [View.FRONT, View.BACK, View.BACK])
        for nothing in (0.0, 2.0):
            with self.assertRaisesRegex(InputError, "No mark"):
                edit_takes.end_mark(p, "a", nothing)

    def test_marks_hold_until_the_next(self):
        """Back from 10 s on, trouble from 12 s: the view stays back, the first seconds stay front."""
        p = edit_takes.mark_from(with_take(), "a", 10.0, view=View.BACK)
        p = edit_takes.mark_from(p, "a", 12.0, trouble="noise")
        at = p.takes[0].stretch_at
        self.assertEqual([at(t).view for t in (5.0, 11.0, 13.0)], [View.FRONT, View.BACK, View.BACK])
        self.assertEqual([at(t).trouble for t in (5.0, 11.0, 13.0)], ["", "", "noise"])

    def test_placed_by_hand(self):
        """The clap at 12.4 s is count 5: everything else follows; ends where song and take end."""
        p = edit_takes.place_by_hand(with_take(), "a", 12.4, F(4))
        (placed,) = p.takes[0].passes
        grid = p.song.grid.time_map()
        self.assertAlmostEqual(placed.clock(12.4), grid(4))
        self.assertAlmostEqual(placed.take_range.start_s, 12.4 - grid(4))
        self.assertAlmostEqual(placed.take_range.end_s, 12.4 + 16.0 - grid(4))
        with self.assertRaisesRegex(InputError, "lasts 30.0 s; second 31.0 is not in it"):
            edit_takes.place_by_hand(with_take(), "a", 31.0, F(4))

    def test_the_other_place_of_a_song_that_repeats(self):
        """The pass moves there, the old place stays offered: twice is as before."""
        p = edit_takes.use_other_place(with_take(also_at_song_s=(9.0,)), "a", 0, 0)
        moved = p.takes[0].passes[0]
        self.assertAlmostEqual(moved.clock(0.0), 9.0)
        self.assertEqual(moved.also_at_song_s, (2.0,))
        self.assertAlmostEqual(edit_takes.use_other_place(p, "a", 0, 0).takes[0].passes[0].clock(0.0), 2.0)

    def test_the_distance_of_the_loudspeaker(self):
        """7 m are 20.4 ms (343 m/s at 20 °C, CRC Handbook); set back to 0 it is as before."""
        p = edit_takes.set_speaker(with_take(), "a", 7.0)
        self.assertAlmostEqual(p.takes[0].passes[0].clock(0.0), 2.0 + 7 / 343)
        self.assertAlmostEqual(edit_takes.set_speaker(p, "a", 0.0).takes[0].passes[0].clock(0.0), 2.0)
        with self.assertRaisesRegex(InputError, "0 to 100 m"):
            edit_takes.set_speaker(p, "a", -1)

    def test_a_counted_pass_is_moved_by_counts(self):
        """What was taken for count 1 is count 3; a pass with the song stays where the song is."""
        p = with_take()
        counted = replace(p.takes[0].passes[0], kind=PassKind.COUNTED)
        p = replace(p, takes=(replace(p.takes[0], passes=(counted,)),))
        moved = edit_takes.shift_counted(p, "a", 0, 2).takes[0].passes[0]
        self.assertAlmostEqual(moved.clock(5.0), counted.clock(5.0) + 2)
        with self.assertRaisesRegex(InputError, "placed by the song"):
            edit_takes.shift_counted(with_take(), "a", 0, 2)

    def test_what_lies_between_passes(self):
        """Talk before, between and after is listed; pauses under three seconds are not."""

        def at(a: float, b: float) -> Pass:
            return Pass(PassKind.SONG, TimeRange(a, b), TimeMap.line())

        take = Take("a", MediaRef("a.mp4", duration_s=60.0), passes=(at(5, 20), at(22, 30), at(40, 59)))
        self.assertEqual([(r.start_s, r.end_s) for r in take.between_passes()], [(0, 5), (30, 40)])


class PartsTest(unittest.TestCase):
    def grid(self, p: Project):
        return p.song.grid

    def test_parts_move_with_the_one(self):
        """The music of a part stays the same music when count 1 moves or counts are halved."""
        p = edit_song.name_part(project(), F(8), "verse")
        sounds = self.grid(p).time_map()(8)
        for moved in (edit_song.move_the_one(p, 3), edit_song.rescale_counts(p, F(1, 2))):
            part = self.grid(moved).parts[0]
            self.assertAlmostEqual(self.grid(moved).time_map()(part.position), sounds)

    def test_stops_move_with_the_one(self):
        p = edit_song.move_the_one(stops.mark_stop(project(), F(8), 4), 3)
        self.assertEqual([(s.position, s.counts) for s in self.grid(p).breaks], [(F(5), F(4))])

    def test_parts_of_one_name_have_one_length(self):
        """The chorus set to lines of 12 is set everywhere; a new part of the name takes it too."""
        p = edit_song.name_part(edit_song.name_part(project(), F(0), "chorus"), F(16), "chorus", 12)
        self.assertEqual([x.line for x in self.grid(p).parts], [12, 12])
        p = edit_song.rename_parts(p, "chorus", "B")
        self.assertEqual([x.name for x in self.grid(p).parts], ["B", "B"])
        self.assertEqual(len(self.grid(edit_song.clear_part(p, F(16))).parts), 1)

    def test_names_and_lengths_that_cannot_be(self):
        with self.assertRaisesRegex(InputError, "needs a name"):
            edit_song.name_part(project(), F(0), "  ")
        with self.assertRaisesRegex(InputError, "1 to 32 counts"):
            edit_song.name_part(project(), F(0), "A", 0)

    def test_detecting_again_keeps_names_of_the_user_only(self):
        """Offered letters are replaced by the new offer, names given by hand stay."""
        found = replace(grid_at(120, 32, 0.5, 8), parts=(Part(F(0), "A"),))
        self.assertEqual(self.grid(edit_song.renew_grid(project(), found)).parts, found.parts)
        named = edit_song.name_part(project(), F(8), "verse")
        self.assertEqual(self.grid(edit_song.renew_grid(named, found)).parts, self.grid(named).parts)


class OtherSongTest(unittest.TestCase):
    def test_changing_places(self):
        """Each song keeps its own sequence; takes that lay nowhere have to be placed; twice is as before."""
        walls = (Item(ItemKind.WALL),) * 3
        p = replace(project(), takes=(Take("a", MediaRef("a.mp4"), looked_for_passes=True),))
        p = edit_dance.set_dance(p, Dance("d", (Section("one"),), walls))
        p = edit_song.add_other_song(p, Song(MediaRef("t.wav"), "t", grid_at(100)))
        used = edit_song.use_other_song(p, 0)
        self.assertEqual((used.song.title, used.other_songs[0].song.title), ("t", "s"))
        self.assertFalse(used.takes[0].looked_for_passes)
        self.assertEqual(used.dance.sequence, walls)
        shorter = edit_dance.set_dance(used, replace(used.dance, sequence=walls[:1]))
        back = edit_song.use_other_song(shorter, 0)
        self.assertEqual((back.dance.sequence, back.other_songs[0].sequence), (walls, walls[:1]))

    def test_no_such_song(self):
        with self.assertRaisesRegex(InputError, "no other song number 1"):
            edit_song.use_other_song(project(), 0)
        with self.assertRaisesRegex(InputError, "no song yet"):
            edit_song.add_other_song(Project(), Song(MediaRef("t.wav")))


class StopAndRateTest(unittest.TestCase):
    def test_a_stop_keeps_its_counts(self):
        """Four counts from 8 on: they lie evenly between the beats around the pause."""
        grid = stops.mark_stop(project(), F(8), 4).song.grid
        self.assertEqual([(s.position, s.counts) for s in grid.breaks], [(8, 4)])
        self.assertNotIn(F(10), {a.position for a in grid.anchors})
        self.assertAlmostEqual(grid.time_map()(10), project().song.grid.time_map()(10))

    def test_a_pause_counted_otherwise_renumbers_what_follows(self):
        """Where the grid heard three beats four are agreed: later counts move up by one."""
        grid = stops.mark_stop(project(), F(8), 4, heard=3).song.grid
        before = project().song.grid.time_map()
        self.assertAlmostEqual(grid.time_map()(12), before(11))
        self.assertAlmostEqual(grid.time_map()(8), before(8))

    def test_half_time_over_a_stretch(self):
        """From 0 to 8 every second count; after it counts go on as before, renumbered."""
        grid = edit_song.set_count_rate(project(), CountRange(F(0), F(8)), F(1, 2)).song.grid
        before, after = project().song.grid.time_map(), grid.time_map()
        for new, old in ((-3, -3), (0, 0), (2, 4), (4, 8), (6, 10)):
            self.assertAlmostEqual(after(new), before(old))

    def test_lead_in_is_set(self):
        self.assertEqual(edit_song.set_lead_in(project(), 16).song.grid.lead_in, 16)
        with self.assertRaises(InputError):
            edit_song.set_lead_in(project(), -1)

    def test_detecting_again_keeps_what_was_fixed(self):
        """A beat fixed by hand stays to the microsecond, and so does its number."""
        fixed = edit_song.drag_beat(edit_song.move_the_one(project(), 2), F(4), 7.6)
        found = grid_at(120.4, 40, 0.48, 8)
        grid = edit_song.renew_grid(fixed, found).song.grid
        self.assertEqual(grid.time_map()(4), 7.6)
        self.assertTrue(any(a.fixed for a in grid.anchors))
        self.assertAlmostEqual(grid.bpm(), 120.4, delta=0.5)
        self.assertEqual(edit_song.renew_grid(project(), found).song.grid, found)
