"""Movement in the picture: holds danced through, entries off their time, stillness; on made-up and on filmed takes."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

import numpy as np

from tests.support import FolderCase, demo_folder, film_of, grid_at
from vamos.core.dance.lines import lines_of
from vamos.core.document.files import load
from vamos.core.document.paths import locate
from vamos.core.edit.takes import with_movement
from vamos.core.media.motion import PER_SECOND, Motion, motion_of
from vamos.core.model.dance import Dance, Event, Item, ItemKind, Kind, Section
from vamos.core.model.take import Pass, PassKind, counts_to_take
from vamos.core.plan.clips import plan_clips
from vamos.core.plan.movement import look, remarks_on, stillness
from vamos.core.time import TimeMap, TimeRange
from vamos.demo.build import PROJECT

GRID = grid_at(120, 60, 0.0, 0)
#: Six counts of steps and a hold on 7 and 8, five walls.
DANCE = Dance(
    "d",
    (Section("one", 8, (*(Event(F(k)) for k in range(6)), Event(F(6), F(2), "hold", kind=Kind.HOLD))),),
    (Item(ItemKind.WALL),) * 5,
)
LINES = lines_of(GRID, DANCE)
WHOLE = Pass(PassKind.SONG, TimeRange(0.0, 22.0), TimeMap.line(), 1.0)


def filmed(off: dict[int, float] | None = None, through: int | None = None) -> Motion:
    """A dancer who moves but in holds, leaving each 0.3 counts early; ``off`` shifts entries of walls, in counts."""
    at = np.arange(int(22 * PER_SECOND)) / PER_SECOND * 2
    energy = np.full(len(at), 0.02)
    for wall in range(5):
        start, end = 8 * wall + 6, 8 * wall + 8 - 0.3 + (off or {}).get(wall, 0.0)
        if wall != through:
            energy[(at >= start) & (at < end)] = 0.001
    return Motion(energy, np.full((len(energy), 4), np.nan))


class SeenTest(unittest.TestCase):
    def texts(self, motion: Motion) -> list[str]:
        return [s.text for s in remarks_on(motion, WHOLE, counts_to_take(WHOLE, GRID), LINES)]

    def test_all_as_written(self):
        self.assertEqual(self.texts(filmed()), [])

    def test_a_hold_danced_through(self):
        """Only the third wall's hold is told, at its second of the take: 22 counts at 120 are 11 s."""
        seen = remarks_on(filmed(through=2), WHOLE, counts_to_take(WHOLE, GRID), LINES)
        self.assertEqual([s.text for s in seen], ["the hold on 7 of one is danced through"])
        self.assertAlmostEqual(seen[0].take_s, 11.0)

    def test_entries_off_their_time(self):
        """Half a count late and 0.4 early against the dancer's own usual lead; an eighth is on time."""
        (late,) = self.texts(filmed({1: 0.5}))
        self.assertRegex(late, r"after the hold on 7 of one, the entry is 0\.(4|5)\d counts late")
        (early,) = self.texts(filmed({3: -0.4}))
        self.assertRegex(early, r"0\.(3|4)\d counts early")
        self.assertEqual(self.texts(filmed({1: 0.12})), [])

    def test_a_film_without_movement_says_nothing(self):
        self.assertEqual(self.texts(Motion(np.zeros(500), np.full((500, 4), np.nan))), [])

    def test_a_hand_that_leaves_the_picture(self):
        """Over the right edge during the second wall, for half a second: told once, with side and section."""
        moving = filmed()
        boxes = np.tile([0.3, 0.2, 0.7, 0.9], (len(moving.energy), 1))
        boxes[round(5 * PER_SECOND) : round(5.5 * PER_SECOND), 2] = 1.0
        seen = remarks_on(Motion(moving.energy, boxes), WHOLE, counts_to_take(WHOLE, GRID), LINES)
        self.assertEqual([s.text for s in seen], ["movement leaves the picture at the right in one"])
        self.assertAlmostEqual(seen[0].take_s, 5.0)

    def test_stillness_around_a_pass(self):
        energy = np.concatenate([np.zeros(50), np.full(250, 0.02), np.zeros(25)])
        before, after = stillness(Motion(energy, np.full((len(energy), 4), np.nan)), 2.0, 12.0)
        self.assertAlmostEqual(before, 2.0, delta=0.05)
        self.assertAlmostEqual(after, 1.0, delta=0.05)


class FilmTest(FolderCase):
    def test_a_moving_block_moves_and_a_still_film_does_not(self):
        moving = motion_of(film_of(self.folder / "m.mp4", 3.0), "moving-block", 3.0)
        self.assertGreater(float(np.median(moving.energy[5:])), 0.001)
        still = film_of(self.folder / "s.mp4", 3.0, times=np.arange(90) / 30 * 1e-3)
        self.assertLess(float(motion_of(still, "still-block", 0.08).energy.max()), 0.01)

    def test_the_demo_dancer_holds_what_is_held(self):
        """Nothing to tell of the filmed demo; with a sheet that wants the first eight held, it is told and asks in the clip."""
        project = load(demo_folder() / PROJECT)
        project = replace(project, takes=(project.take("front"),))
        looked = with_movement(project, look(project, demo_folder()))
        self.assertEqual(looked.takes[0].remarks, ())
        held = Section("Gate walk", 8, (Event(F(0), F(8), "hold", kind=Kind.HOLD),))
        dance = project.dance
        sections = tuple(held if s.name == "Gate walk" else s for s in dance.sections)
        changed = replace(project, dance=replace(dance, sections=sections))
        told = with_movement(changed, look(changed, demo_folder()))
        self.assertIn("the hold on 1 of Gate walk is danced through", [s.text for s in told.takes[0].remarks])
        clip = next(c for c in plan_clips(told) if c.title == "Gate walk")
        self.assertIn("danced through", " ".join(clip.problems))
        self.assertTrue(locate(project.takes[0].media, demo_folder()).is_file())


if __name__ == "__main__":
    unittest.main()
