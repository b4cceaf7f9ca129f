"""Which pass one line of the page is watched with."""

import unittest

from tests.core.plan.test_plan import TWO_WALLS, project, take
from vamos.core.dance.lines import LineKind, lines_of
from vamos.core.edit.clips import choose
from vamos.core.model.clip import Choice
from vamos.core.model.project import Project
from vamos.core.model.take import View
from vamos.core.plan.coverage import coverage_of
from vamos.core.plan.line_pass import LinePass, pass_of_line, views_of_line


def watched(p: Project, line, view: View | None = None) -> LinePass | None:
    return pass_of_line(p, coverage_of(p), line, view)


def views_of(p: Project, line) -> tuple[View, ...]:
    return views_of_line(coverage_of(p), line)


class WatchedTest(unittest.TestCase):
    def line(self, p: Project, number: int = 0):
        lines = lines_of(p.song.grid, p.dance)
        return [x for x in lines if x.kind is LineKind.DANCE][number]

    def test_the_best_pass_of_the_view(self):
        p = project(take("weak", confidence=0.6), take("good"), take("back", view=View.BACK), dance=TWO_WALLS)
        self.assertEqual(watched(p, self.line(p)).take.name, "good")
        self.assertEqual(watched(p, self.line(p), View.BACK).take.name, "back")

    def test_without_the_view_there_is_nothing(self):
        p = project(take("front"), dance=TWO_WALLS)
        self.assertIsNone(watched(p, self.line(p), View.FEET))

    def test_a_line_that_was_not_filmed_has_nothing(self):
        p = project(take("front", 0.0, 8.0), dance=TWO_WALLS)
        self.assertIsNone(watched(p, self.line(p, 3)))
        self.assertEqual(views_of(p, self.line(p, 3)), ())

    def test_each_wall_is_watched_with_what_was_filmed_of_it(self):
        """Wall 1 only from take a, wall 2 only from take b."""
        p = project(take("a", 0.0, 13.5), take("b", 12.5, 60.0), dance=TWO_WALLS)
        self.assertEqual([watched(p, self.line(p, n)).take.name for n in (0, 3)], ["a", "b"])

    def test_views_in_their_usual_order(self):
        p = project(take("back", view=View.BACK), take("front"), dance=TWO_WALLS)
        self.assertEqual(views_of(p, self.line(p)), (View.FRONT, View.BACK))

    def test_what_was_chosen_for_the_clip_is_watched(self):
        """A chosen pass and flip show in the mirror before anything is written."""
        p = project(take("good"), take("other", confidence=0.6), dance=TWO_WALLS)
        p = choose(p, Choice("A · front", take="other", flip=False))
        found = watched(p, self.line(p))
        self.assertEqual((found.take.name, found.flip.flip), ("other", False))

    def test_nothing_without_a_grid(self):
        self.assertIsNone(coverage_of(Project()))


if __name__ == "__main__":
    unittest.main()
