"""The stop Lesson: a plan that is walked, changed, put in another order, cut to a length; by keys and by pressing."""

import itertools
import threading
import unittest
from fractions import Fraction as F
from unittest import mock

from PyQt6.QtCore import QMimeData, QPointF, Qt
from PyQt6.QtGui import QDragMoveEvent, QDropEvent
from PyQt6.QtTest import QTest

from tests.ui.qt import StopCase
from vamos.core.lesson.filming import missing
from vamos.core.model.filmed import Verdict
from vamos.core.model.lesson import Build, Slow
from vamos.core.pack.live_step import live_step
from vamos.core.pack.write import Outcome
from vamos.errors import InputError
from vamos.ui.preview.result_player import ResultPlayer
from vamos.ui.stops.lesson.companion import WALK_S
from vamos.ui.stops.lesson.picture import LessonPicture, spots_of
from vamos.ui.stops.lesson.steps_table import StepsTable


class LessonStopTest(StopCase):
    STOP = "Lesson"

    def table(self) -> StepsTable:
        return self.window.findChild(StepsTable)

    def titles(self) -> list[str]:
        table = self.table()
        return [table.item(row, 1).text() for row in range(table.rowCount())]

    @property
    def lesson(self):
        return self.window.session.project.lesson

    def stand_on(self, title: str) -> None:
        self.table().setCurrentCell(self.titles().index(title), 1)
        self.settle()

    def test_the_plan_is_there(self):
        self.assertIn("Gate walk, each move named", self.titles())
        self.assertEqual(self.titles()[0], "Hello")
        self.assertRegex(self.table().item(3, 3).text(), r"^\d+ s$")

    def picture(self) -> LessonPicture:
        return self.window.findChild(LessonPicture)

    def spot(self, key: str):
        return next(s for s in self.picture()._spots if s.step.key == key)

    def test_the_picture_shows_each_step_in_its_bands_along_the_time(self):
        """Steps follow each other without a gap, as long as the plan; a join stands in the bands it joins."""
        spots = spots_of(self.window.session.facts.lesson)
        self.assertEqual(spots[0].start_s, 0)
        for one, after in itertools.pairwise(spots):
            self.assertAlmostEqual(one.end_s, after.start_s)
            self.assertLessEqual(one.start_s, one.dance_s)
        self.assertAlmostEqual(spots[-1].end_s, self.window.session.facts.lesson.seconds)
        self.assertEqual(self.spot("Fan sweep/numbers").bands, (1,))
        self.assertEqual(next(s for s in spots if len(s.step.sections) == 2).bands, (0, 1))
        image = self.picture().grab().toImage()

        def dark(spot, share: float) -> bool:
            """Whether it is inked at a share of a band's height, in the middle of its first time."""
            times = spot.step.times * len(spot.step.speeds)
            wide = self.picture().x_of(spot.end_s) - self.picture().x_of(spot.dance_s)
            x = self.picture().x_of(spot.dance_s) + wide / times / 2
            band = self.picture()._band(spot.bands[0])
            return image.pixelColor(round(x), round(band.bottom() - share * band.height())).lightness() < 90

        unseen = self.picture()._missing
        slow = min((s for s in spots if s.bands == (0,) and s.step.key not in unseen and s.step.speeds),
                   key=lambda s: s.step.speeds[0])  # fmt: skip
        speed = float(slow.step.speeds[0])
        self.assertLess(speed, 0.9)
        self.assertEqual([dark(slow, 0.5 * speed), dark(slow, speed + 0.05)], [True, False])
        fast = next(s for s in spots if len(s.bands) > 3 and s.step.speeds[0] == 1)
        self.assertTrue(dark(fast, 0.8))

    def test_a_step_is_chosen_walked_and_moved_in_the_picture(self):
        spot = self.spot("Fan sweep/numbers")
        place = self.picture().rect_of(spot).center()
        self.click(self.picture(), place.x(), place.y())
        self.settle()
        self.assertEqual(self.titles()[self.table().currentRow()], "Fan sweep on numbers")
        QTest.keyClick(self.picture(), Qt.Key.Key_Down)
        self.settle()
        self.assertEqual(self.table().currentRow(), self.titles().index("Fan sweep on numbers") + 1)
        before = self.titles()
        there = self.picture().rect_of(self.spot("Gate walk/numbers")).center()
        here = self.picture().rect_of(self.spot("Fan sweep/numbers")).center()
        QTest.mousePress(self.picture(), Qt.MouseButton.LeftButton, pos=here.toPoint())
        QTest.mouseMove(self.picture(), there.toPoint())
        QTest.mouseRelease(self.picture(), Qt.MouseButton.LeftButton, pos=there.toPoint())
        self.settle()
        self.assertEqual(self.titles().index("Fan sweep on numbers"), before.index("Gate walk on numbers"))
        self.window.session.undo()
        self.settle()
        self.assertEqual(self.titles(), before)
        QTest.keyClick(self.picture(), Qt.Key.Key_Plus)
        self.settle()
        self.assertEqual(len(self.lesson.changes), 1)

    def drag(self, start: QPointF, end: QPointF) -> None:
        QTest.mousePress(self.picture(), Qt.MouseButton.LeftButton, pos=start.toPoint())
        QTest.mouseMove(self.picture(), end.toPoint())
        QTest.mouseRelease(self.picture(), Qt.MouseButton.LeftButton, pos=end.toPoint())
        self.settle()

    def test_a_step_is_drawn_longer_and_lower_by_hand(self):
        """Its right edge to twice the width: twice as often; its upper edge down to a half: at half the tempo."""
        spot = max((s for s in self.picture()._spots if len(s.bands) == 1 and s.step.speeds), key=lambda s: s.end_s - s.dance_s)  # fmt: skip
        key, times = spot.step.key, spot.step.times
        self.commands().choose(key)
        self.settle()
        band = self.picture()._band(spot.bands[0])
        edge = QPointF(self.picture().x_of(spot.end_s), band.center().y())
        wide = edge.x() - self.picture().x_of(spot.dance_s)
        self.assertEqual(self.picture()._grip_at(edge), "often")
        self.drag(edge, edge + QPointF(wide, 0))
        self.assertEqual([(c.step, c.times) for c in self.lesson.changes], [(key, 2 * times)])
        spot = self.spot(key)
        begins, band = self.picture().x_of(spot.dance_s), self.picture()._band(spot.bands[0])
        top = QPointF(begins + 6, self.picture()._top(spot))
        self.assertEqual(self.picture()._grip_at(top), "pace")
        half = QPointF(top.x(), band.bottom() - 4 - self.picture()._high(band, 0.5))
        self.drag(top, half)
        (change,) = self.lesson.changes
        self.assertEqual((change.times, change.speed), (2 * times, F(1, 2)))
        self.assertEqual(set(self.spot(key).step.speeds), {F(1, 2)})
        self.window.session.undo()
        self.window.session.undo()
        self.assertEqual(self.lesson.changes, ())

    def test_another_school(self):
        box = self.field("Built up")
        box.chosen(str(Build.BLOCKS))
        self.settle()
        self.assertEqual(self.lesson.build, Build.BLOCKS)
        self.assertTrue(any(t.endswith(", both") for t in self.titles()))
        self.window.session.undo()
        self.settle()
        self.assertEqual(self.lesson.build, Build.CUMULATIVE)

    def test_keys_change_the_step(self):
        self.stand_on("Fan sweep on numbers")
        table = self.table()
        table.setFocus()
        QTest.keyClick(table, Qt.Key.Key_Plus)
        self.settle()
        (change,) = self.lesson.changes
        self.assertEqual((change.step, change.times), ("Fan sweep/numbers", 3))
        QTest.keyClick(self.table(), Qt.Key.Key_Left)
        self.settle()
        self.assertLess(self.lesson.changes[0].speed, 0.74)
        self.assertEqual(self.titles()[self.table().currentRow()], "Fan sweep on numbers")
        self.click(self.panel_button("As suggested"))
        self.settle()
        self.assertEqual(self.lesson.changes, ())

    def test_another_order_by_keys(self):
        self.stand_on("Gate walk on numbers")
        before = self.titles()
        QTest.keyClick(self.table(), Qt.Key.Key_Up, Qt.KeyboardModifier.AltModifier)
        self.settle()
        after = self.titles()
        self.assertEqual(after.index("Gate walk on numbers"), before.index("Gate walk on numbers") - 1)
        self.assertEqual(self.titles()[self.table().currentRow()], "Gate walk on numbers")
        self.click(self.panel_button("Order as suggested"))
        self.settle()
        self.assertEqual(self.titles(), before)

    def test_another_order_by_dragging(self):
        """A row is taken by the mouse over two others and let go there: Qt lets it, and the plan follows."""
        self.stand_on("Gate walk on numbers")
        table, before = self.table(), self.titles()
        row = table.currentRow()
        where = QPointF(table.visualItemRect(table.item(row + 2, 1)).center())
        data, action, button = QMimeData(), Qt.DropAction.MoveAction, Qt.MouseButton.LeftButton
        plain = Qt.KeyboardModifier.NoModifier
        over = QDragMoveEvent(where.toPoint(), action, data, button, plain)
        table.dragMoveEvent(over)
        self.assertTrue(over.isAccepted())
        table.dropEvent(QDropEvent(where, action, data, button, plain))
        self.settle()
        after = self.titles()
        self.assertEqual(after.index("Gate walk on numbers"), row + 2)
        self.assertEqual(sorted(after), sorted(before))

    def test_left_out_and_taken_back(self):
        self.stand_on("Gate walk from the back")
        QTest.keyClick(self.table(), Qt.Key.Key_Delete)
        self.settle()
        self.assertNotIn("Gate walk from the back", self.titles())
        self.click(self.panel_button("Take “Gate walk from the back” back"))
        self.settle()
        self.assertIn("Gate walk from the back", self.titles())

    def test_a_wanted_length(self):
        name = "Wanted length of the lesson in minutes"
        self.write(self.field(name), "7")
        self.settle()
        self.assertEqual(self.lesson.minutes, 7)
        self.assertIn("Left out:", self.panel_text())
        self.write(self.field(name), "a while")
        self.settle()
        self.assertEqual(self.lesson.minutes, 7)
        self.assertIn("not a length", self.window.status.words.text())

    def test_what_is_said_where_learners_dance_alone(self):
        self.write(self.field("What is said in gaps to practise"), "Now you!")
        self.settle()
        self.assertEqual(self.lesson.turn_words, "Now you!")
        self.write(self.field("What is said in gaps to practise"), "far " * 20)
        self.settle()
        self.assertEqual(self.lesson.turn_words, "Now you!")
        self.assertIn("at most 60 letters", self.window.status.words.text())

    def test_from_a_step_to_its_clip(self):
        self.stand_on("Gate walk from the back")
        QTest.keyClick(self.table(), Qt.Key.Key_Return)
        self.settle()
        self.assertEqual(self.window.stop.name, "Cut")
        clip = self.window.desk.clip()
        self.assertEqual((clip.title, str(clip.view)), ("Gate walk", "back"))

    def player(self) -> ResultPlayer | None:
        return next((w for w in self.window.findChildren(ResultPlayer) if w.isVisible()), None)

    def test_a_step_is_played_where_it_stands(self):
        """P plays it as students get it, also beside long work; P again stops; another step takes its place."""
        self.stand_on("Gate walk on numbers")
        go_on = threading.Event()
        self.addCleanup(go_on.set)
        self.window.runner.run("long work", lambda _progress: go_on.wait(60), lambda _found: None)
        QTest.keyClick(self.table(), Qt.Key.Key_P)
        self.until(lambda: self.player() is not None and self.player().playback.song_s > 0.3, "it plays")
        self.assertTrue(self.window.runner.busy)
        player = self.player()
        self.until(lambda: player.pictures[0].image is not None, "its picture")
        self.assertAlmostEqual(player.result.seconds, self.commands().plan.seconds_of(self.commands().step), delta=6)
        QTest.keyClick(self.table(), Qt.Key.Key_P)
        self.assertFalse(player.playback.playing)
        at = player.playback.song_s
        QTest.keyClick(self.picture(), Qt.Key.Key_Space)
        self.assertTrue(player.playback.playing)
        self.assertAlmostEqual(player.playback._from[1], at)
        self.stand_on("Hello")
        self.assertIsNone(self.player())
        self.click(self.panel_button("Play it here"))
        self.until(lambda: self.player() is not None and self.player().playback.playing, "the card plays")
        self.assertEqual(self.player().result.live.title, "Hello")

    def test_pressed_twice_a_step_is_made_once(self):
        """Until it is there; what went wrong may be tried again."""
        self.stand_on("Gate walk on numbers")
        with mock.patch("vamos.ui.stops.lesson.commands.live_step", wraps=live_step) as made:
            for _ in range(3):
                self.commands().play_step()
            self.until(lambda: self.player() is not None, "it plays")
        self.assertEqual(made.call_count, 1)
        self.stand_on("Hello")
        said = []
        self.window.runner.told.connect(said.append)
        with mock.patch("vamos.ui.stops.lesson.commands.live_step", side_effect=InputError("no voice today")) as made:
            for number in (1, 2):
                self.commands().play_step()
                self.until(lambda number=number: len(said) == number, "it says why")
        self.assertEqual(made.call_count, 2)

    def test_a_step_that_nobody_filmed_says_so(self):
        unseen = next(iter(missing(self.commands().plan, self.window.session.facts.clips)))
        self.commands().choose(unseen.key)
        self.settle()
        said = []
        self.window.runner.told.connect(said.append)
        self.commands().play_step()
        self.until(lambda: said, "it says why")
        self.assertIn("No clip shows this step", said[0])
        self.assertIsNone(self.player())

    def test_homework_from_the_window(self):
        wish = mock.Mock(return_value=Outcome(self.folder, 3, ("Gate walk: no pass shows it",)))
        with (
            mock.patch.object(self.window.desk, "ask_folder", return_value=self.folder),
            mock.patch("vamos.ui.stops.lesson.commands.write_homework", wish),
            mock.patch("vamos.ui.stops.lesson.commands.verify_pack", return_value=[]),
        ):
            self.click(self.panel_button("Write homework loops"))
            self.idle()
        self.assertTrue(str(wish.call_args.args[2]).endswith(" homework"))
        self.assertIn("no pass shows it", self.panel_text())

    def test_filmed_with_the_companion(self):
        """Time to walk, the song from its place, a log; judged, noted, forgotten, all of it undone one by one."""
        companion = self.commands().companion
        self.until(lambda: self.window.preview.playback.sound is not None, "the song is read")
        self.click(self.panel_button("Film the whole dance"))
        self.assertIn(f"Starts in {WALK_S}", self.panel_text())
        for _ in range(WALK_S):
            companion._nearer()
        self.assertIn("The song plays", self.panel_text())
        first = next(x for x in self.window.session.lines if x.kind.danced)
        due = max(0.0, float(self.window.session.project.grid.time_map()(first.start - 8)))
        self.until(lambda: companion.playback.song_s > due + 0.3, "it plays on")
        self.click(self.panel_button("Stop"))
        (entry,) = self.window.session.project.filmed
        self.assertAlmostEqual(entry.song_s, due, delta=1e-6)
        self.assertAlmostEqual(entry.stopped - entry.heard, companion.playback.song_s - due, delta=0.05)
        self.assertEqual(entry.what, "the whole dance")
        self.write(self.field("What went wrong in number 1"), "fan late")
        self.settle()
        self.assertIn("To do again: the whole dance: fan late", self.panel_text())
        self.click(self.field("the whole dance, number 1: good"))
        self.assertEqual(self.window.session.project.filmed[0].verdict, Verdict.GOOD)
        self.window.session.undo()
        self.assertEqual(self.window.session.project.filmed[0].verdict, Verdict.AGAIN)
        path = self.folder / "log.md"
        with mock.patch.object(self.window.desk, "ask_save", return_value=path):
            self.click(self.panel_button("Write the practice log"))
        self.assertIn("fan late", path.read_text())
        self.click(self.panel_button("Forget the last"))
        self.assertEqual(self.window.session.project.filmed, ())

    def test_stopped_on_the_way_to_ones_place(self):
        self.until(lambda: self.window.preview.playback.sound is not None, "the song is read")
        self.click(self.panel_button("Film the whole dance"))
        self.click(self.panel_button("Stop"))
        self.assertEqual(self.window.session.project.filmed, ())
        self.assertIsNone(self.commands().companion.scene)

    def test_plan_and_list_on_paper(self):
        for text, ending, wanted in (("write_plan", "md", "# Lesson"), ("write_film_list", "html", "<!doctype html>")):
            path = self.folder / f"x.{ending}"
            with mock.patch.object(self.window.desk, "ask_save", return_value=path):
                getattr(self.commands(), text)()
            self.assertTrue(path.read_text().startswith(wanted))

    def test_finding_a_move_from_any_stop(self):
        """Typed, walked, and stood on: the second stomp, at Cut, on its count."""
        self.key(Qt.Key.Key_F, Qt.KeyboardModifier.ControlModifier)
        page = self.window.watch_commands.find_page
        QTest.keyClicks(page.search, "stomp")
        self.assertEqual(len(page.hits), page.list.count())
        QTest.keyClick(page.search, Qt.Key.Key_Down)
        QTest.keyClick(page.search, Qt.Key.Key_Return)
        self.settle()
        self.assertEqual(self.window.stop.name, "Cut")
        line = self.window.desk.line()
        self.assertEqual((line.title, self.page.position - line.start), ("Stall turn", page.hits[1].count))

    def test_nothing_found_is_said(self):
        self.window.watch_commands.find()
        page = self.window.watch_commands.find_page
        QTest.keyClicks(page.search, "pancake")
        self.assertIn("Nothing in the dance", page._told.text())
        QTest.keyClick(page.search, Qt.Key.Key_Return)
        self.assertTrue(page.isVisible())
        page.close()

    def test_half_time(self):
        self.field("Tempo").chosen(str(Slow.HALF_TIME))
        self.settle()
        self.assertIn("Lantern step in half-time", self.titles())


if __name__ == "__main__":
    unittest.main()
