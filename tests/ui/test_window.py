"""The window as its users use it."""

import unittest
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path
from unittest import mock

from PyQt6.QtCore import QPoint, Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QLabel

from tests.support import FolderCase, write_song
from tests.ui.qt import WindowCase
from vamos.core.document.files import load
from vamos.core.model.take import View
from vamos.core.pack.manifest import NAME, read_manifest
from vamos.demo.build import PROJECT
from vamos.ui.page.layout import MARGIN
from vamos.ui.parts import theme
from vamos.ui.stops import STOPS
from vamos.ui.stops.pack.files_table import FilesTable
from vamos.ui.work.settings import LIGHT

Ctrl, Shift, Alt = (
    Qt.KeyboardModifier.ControlModifier,
    Qt.KeyboardModifier.ShiftModifier,
    Qt.KeyboardModifier.AltModifier,
)


class EmptyWindowTest(WindowCase, FolderCase):
    def setUp(self) -> None:
        FolderCase.setUp(self)
        WindowCase.setUp(self)

    def test_the_empty_page_says_what_to_do(self):
        """Three things and the demo; nothing else is offered that cannot work."""
        self.assertIs(self.window.center.currentWidget(), self.window.start)
        words = " ".join(w.text() for w in self.window.start.findChildren(QLabel))
        for part in ("Drop the song here", "Drop your takes here", "write the pack"):
            self.assertIn(part, words)

    def test_dropping_a_song_finds_its_beat_and_saves_itself(self):
        """One drop: the page appears with lines, the project has a file, undo takes it back."""
        write_song(self.folder / "click.wav", 120, 20)
        self.drop(self.folder / "click.wav")
        self.until(lambda: self.window.session.lines, "lines")
        self.idle()
        self.settle()
        self.assertIs(self.window.center.currentWidget(), self.window.page)
        self.assertIn("at 120", self.window.route.states["Song"].words)
        self.window.session.save_now()
        self.assertEqual(load(self.window.session.path).song.title, "click")
        self.key(Qt.Key.Key_Z, Ctrl)
        self.assertEqual(self.window.session.lines, ())

    def test_a_file_that_cannot_be_used_is_told(self):
        """Nothing changes, the status line says which file and why."""
        bad = self.folder / "song.wav"
        bad.write_text("not a song\n" * 50)
        self.drop(bad)
        self.idle()
        self.until(lambda: "text file" in self.window.status.words.text(), "message")
        self.assertIn("song.wav", self.window.status.words.text())
        self.assertIsNone(self.window.session.project.song)
        (self.folder / "letter.doc").write_text("x")
        self.drop(self.folder / "letter.doc")
        self.assertIn("letter.doc", self.window.status.words.text())

    def test_a_long_job_can_be_stopped(self):
        """Stop ends it at once, says so, and leaves the project as it was."""
        write_song(self.folder / "long.wav", 120, 240)
        self.drop(self.folder / "long.wav")
        self.assertTrue(self.window.status.stop.isVisible())
        self.click(self.window.status.stop)
        self.idle()
        self.assertIn("stopped", self.window.status.words.text())
        self.assertIsNone(self.window.session.project.song)

    def test_every_action_has_hands(self):
        """Each declared action has a method; no key means two things at one stop, but M at Cut, where its help says so."""
        for stop in STOPS:
            here = [b for b in self.window.actions_bound if b.action.keys and b.stop in ("", stop.name)]
            keys = [b.action.keys for b in here]
            twice = {k for k in keys if keys.count(k) > 1}
            self.assertEqual(twice, {"M"} if stop.name == "Cut" else set(), stop.name)
            self.assertTrue(all("At Cut, M" in b.action.help for b in here if b.action.keys in twice and not b.stop))

    def test_keys_without_a_project_do_no_harm(self):
        """Every key may be pressed on the empty page."""
        for key in (
            Qt.Key.Key_Space,
            Qt.Key.Key_L,
            Qt.Key.Key_M,
            Qt.Key.Key_S,
            Qt.Key.Key_V,
            Qt.Key.Key_A,
            Qt.Key.Key_Up,
            Qt.Key.Key_Down,
            Qt.Key.Key_Period,
            Qt.Key.Key_3,
            Qt.Key.Key_Home,
        ):
            self.key(key)
        for key in (Qt.Key.Key_Left, Qt.Key.Key_Right):
            self.key(key, Shift)

    def test_keys_page(self):
        self.key(Qt.Key.Key_F1)
        words = " ".join(w.text() for w in self.window.keys_page.findChildren(QLabel))
        self.assertIn("Play or stop", words)
        self.window.keys_page.close()


class DemoWindowTest(WindowCase, FolderCase):
    def setUp(self) -> None:
        FolderCase.setUp(self)
        WindowCase.setUp(self)
        self.open_demo(self.folder)
        self.first = next(k for k, line in enumerate(self.window.session.lines) if line.title == "Gate walk")
        self.app.processEvents()

    def song(self):
        return self.window.rooms["Song"].commands

    def thumb(self, take: str):
        return self.window.media.thumbs.at(self.window.session.project.take(take).media.fingerprint, 5.0)

    def test_a_project_opens_on_the_first_danced_count(self):
        """Page, floor clock and mirror agree on where they stand."""
        line = self.window.desk.line()
        self.assertEqual((line.title, self.window.page.position), ("Gate walk", line.start))
        self.assertEqual(self.window.mirror.floor.accessibleName(), "Count 1")

    def test_stops_by_key_and_click_keep_the_line(self):
        """Ctrl+1 … Ctrl+6 go to the stops; the eight under the eyes stays."""
        self.window.page.go_to(4)
        for number, stop in enumerate(s.name for s in STOPS):
            self.key(Qt.Key(Qt.Key.Key_1 + number), Ctrl)
            self.assertEqual((self.window.stop.name, self.window.page.current), (stop, 4))
            self.assertGreater(len(self.panel_text()), 20)
        box = self.window.route._box(2)
        self.click(self.window.route, box.center().x(), box.center().y())
        self.assertEqual(self.window.stop.name, "Film")

    def test_click_and_number_go_to_a_count(self):
        """A click on a cell stands on its count; so do the keys 1 to 8."""
        page = self.window.page
        layout = page._layout
        y = layout.tops[2] - page.verticalScrollBar().value() + 30
        self.click(page.viewport(), layout.x(5) + 10, y)
        self.assertEqual(page.position, self.window.session.lines[2].start + 5)
        self.key(Qt.Key.Key_3)
        self.assertEqual(page.position, self.window.session.lines[2].start + 2)
        self.key(Qt.Key.Key_Down)
        self.assertEqual(page.current, 3)

    def test_the_mirror_shows_the_line(self):
        """A picture comes for a danced line; the count below it is the cell's."""
        self.window.go_to_stop("Cut")
        self.window.page.go_to(self.first, F(4))
        self.until(lambda: self.window.mirror.image is not None, "picture")
        self.assertEqual(self.window.mirror.floor.accessibleName(), "Count 5")

    def test_mirrored_key_flips_the_clip_and_undo_flips_it_back(self):
        self.window.go_to_stop("Cut")
        self.window.page.go_to(self.first)
        self.assertTrue(self.window.desk.clip().flip)
        self.key(Qt.Key.Key_M)
        self.assertFalse(self.window.desk.clip().flip)
        self.assertIn("as filmed", self.panel_text())
        self.key(Qt.Key.Key_Z, Ctrl)
        self.assertTrue(self.window.desk.clip().flip)

    def test_another_pass_and_back(self):
        self.window.go_to_stop("Cut")
        self.window.page.go_to(self.first)
        before = self.window.desk.clip()
        self.key(Qt.Key.Key_A, Alt)
        self.assertNotEqual(
            (self.window.desk.clip().take, self.window.desk.clip().pass_number), (before.take, before.pass_number)
        )
        self.click(self.panel_button("Back to Vamos’s choice for all"))
        self.assertEqual(self.window.desk.clip().take, before.take)

    def test_next_view(self):
        self.window.go_to_stop("Cut")
        self.window.page.go_to(self.first)
        seen = []
        for _ in range(3):
            seen.append(self.window.desk.clip().view)
            self.key(Qt.Key.Key_V)
        self.assertEqual(set(seen), {View.FRONT, View.BACK, View.FEET})

    def test_playing_moves_the_playhead_and_stops_on_a_count(self):
        """Space plays without a sound card too; at half speed half as far."""
        self.window.page.go_to(self.first)
        start = self.window.preview.playback.song_s
        self.key(Qt.Key.Key_Space)
        self.until(lambda: self.window.preview.playback.song_s > start + 0.4, "playing")
        self.assertTrue(self.window.preview.playback.playing)
        self.key(Qt.Key.Key_Space)
        self.assertFalse(self.window.preview.playback.playing)
        self.assertEqual(self.window.page.position.denominator, 1)

    def test_loop_stays_in_the_line(self):
        line = self.window.session.lines[self.first]
        clock = self.window.session.project.grid.time_map()
        self.window.page.go_to(self.first, F(7))
        self.key(Qt.Key.Key_L)
        self.key(Qt.Key.Key_Space)
        self.until(lambda: self.window.preview.playback.song_s < clock(line.start + 2), "jump back to 1", 10)
        self.assertGreaterEqual(self.window.preview.playback.song_s, clock(line.start) - 0.01)
        self.key(Qt.Key.Key_Space)

    def test_speed_key_goes_round(self):
        speeds = []
        for _ in range(4):
            speeds.append(self.window.preview.playback.speed)
            self.key(Qt.Key.Key_S)
        self.assertEqual(speeds, [F(p, 100) for p in (100, 75, 60, 50)])

    def test_moving_the_one_by_key_is_undoable(self):
        grid = self.window.session.project.grid
        self.key(Qt.Key.Key_Right, Shift)
        self.assertEqual(self.window.session.project.grid.lead_in, grid.lead_in + 1)
        self.key(Qt.Key.Key_Z, Ctrl)
        self.assertEqual(self.window.session.project.grid, grid)

    def test_this_count_is_a_one(self):
        """Two gestures for any wrong 1: stand on the right count, press Return; by the short way."""
        song = self.window.session.project.song
        self.window.session.do("new", lambda p: replace(p, song=replace(song, agreed=False)))
        self.settle()
        clock = self.window.session.project.grid.time_map()
        for column in (3, 6):
            start = self.window.session.lines[self.first].start
            self.window.page.go_to(self.first, F(column))
            wanted = clock(start + column)
            self.key(Qt.Key.Key_Return)
            now = self.window.session.project.grid.time_map()
            starts = [now(line.start) for line in self.window.session.lines]
            self.assertLess(min(abs(s - wanted) for s in starts), 1e-6)
            self.key(Qt.Key.Key_Z, Ctrl)

    def test_the_dance_starts_here(self):
        """One gesture sets the lead-in: the count stood on is the first danced, and is stood on still."""
        clock = self.window.session.project.grid.time_map()
        line = self.window.session.lines[self.first]
        self.window.page.go_to(self.first, F(5))
        self.key(Qt.Key.Key_Return, Shift)
        grid = self.window.session.project.grid
        self.assertAlmostEqual(grid.time_map()(0), clock(line.start + 5))
        self.assertEqual(self.window.page.position, 0)
        self.key(Qt.Key.Key_Z, Ctrl)
        self.assertEqual(self.window.session.project.grid.time_map(), clock)

    def test_counting_twice_as_fast_from_here(self):
        """The counts before stay, those after last half as long."""
        self.key(Qt.Key.Key_1, Ctrl)
        clock = self.window.session.project.grid.time_map()
        self.window.page.go_to(self.first + 1)
        self.app.processEvents()
        at = self.window.page.position
        self.click(self.panel_buttons("Twice as fast")[1])
        now = self.window.session.project.grid.time_map()
        self.assertAlmostEqual(now(at - 2), clock(at - 2))
        self.assertAlmostEqual(now(at + 2), clock(at + 1))

    def test_a_part_is_begun_named_and_joined(self):
        """Ctrl+B begins a part; its name and the length of its lines are set beside the page."""
        self.key(Qt.Key.Key_1, Ctrl)
        self.window.page.go_to(self.first + 2)
        self.key(Qt.Key.Key_B, Ctrl)
        self.app.processEvents()
        name = self.field("Name of this part")
        before = self.window.session.project.grid.time_map()
        self.write(name, "chorus")
        self.assertEqual(self.window.session.project.grid.time_map(), before, "Return is the field's")
        part = self.window.session.project.grid.part_at(self.window.page.position)
        self.assertEqual((part.name, part.fixed), ("chorus", True))
        self.assertEqual(self.window.content.row(self.first + 2).parts, ((0.0, "chorus", True),))
        self.click(self.panel_button("Join to the one before"))
        self.assertNotIn("chorus", [p.name for p in self.window.session.project.grid.parts])

    def test_another_song_is_compared_and_used(self):
        """A second song dropped is kept beside the first, with how it fits; it can be danced to and back."""
        other = Path(self._outside()) / "other.wav"
        write_song(other, 104, 30)
        title = self.window.session.project.song.title
        self.key(Qt.Key.Key_1, Ctrl)
        self.drop(other)
        self.idle()
        self.assertEqual(self.window.session.project.song.title, title)
        self.assertIn("too short", self.panel_text())
        self.assertIn("of this song", self.panel_text())
        self.click(self.panel_button("Dance to this one"))
        self.window.runner.stop()
        self.idle()
        self.assertEqual(self.window.session.project.song.title, "other")
        self.key(Qt.Key.Key_Z, Ctrl)
        self.assertEqual(self.window.session.project.song.title, title)
        self.click(self.panel_button("Take it away"))
        self.assertEqual(self.window.session.project.other_songs, ())

    def test_dragging_a_beat(self):
        """On the Song stop a beat mark follows the mouse; the counts beside it follow too."""
        self.key(Qt.Key.Key_1, Ctrl)
        page = self.window.page
        page.go_to(2)
        before = self.window.session.project.grid.time_map()
        layout = page._layout
        y = layout.tops[2] - page.verticalScrollBar().value() + 50
        from_point, to_point = QPoint(round(layout.x(4)), y), QPoint(round(layout.x(4)) + 12, y)
        QTest.mousePress(page.viewport(), Qt.MouseButton.LeftButton, pos=from_point)
        QTest.mouseMove(page.viewport(), to_point)
        QTest.mouseRelease(page.viewport(), Qt.MouseButton.LeftButton, pos=to_point)
        self.app.processEvents()
        position = self.window.session.lines[2].start + 4
        moved = self.window.session.project.grid.time_map()(position) - before(position)
        beat = before(position + 1) - before(position)
        self.assertAlmostEqual(moved, 12 / layout.count_width * beat, delta=beat * 0.02)
        self.assertTrue(any(a.fixed for a in self.window.session.project.grid.anchors))

    def test_tapping_along_makes_the_beat(self):
        """T starts the song; taps at half the tempo, all 50 ms late, count it half as fast; undo."""
        before = self.window.session.project.grid
        clock = before.time_map()
        self.key(Qt.Key.Key_T)
        self.assertTrue(self.window.preview.playback.playing)
        self.key(Qt.Key.Key_T)
        self.assertEqual(len(self.song().tapping.taps), 1)
        self.song().tapping.taps = [clock(k) + 0.05 for k in range(0, 16, 2)]
        self.song().tapping.finish()
        self.idle()
        self.assertAlmostEqual(self.window.session.project.grid.bpm(), before.bpm() / 2, delta=1)
        self.assertIn("late", self.window.status.words.text())
        self.key(Qt.Key.Key_Z, Ctrl)
        self.assertEqual(self.window.session.project.grid, before)

    def test_too_few_taps_change_nothing(self):
        before = self.window.session.project
        self.song().tapping.taps = [1.0, 2.0]
        self.song().tapping.finish()
        self.assertIn("too few", self.window.status.words.text())
        self.assertEqual(self.window.session.project, before)

    def test_a_stop_of_the_music_by_key(self):
        """Ctrl+H marks four counts from here; again takes them away."""
        self.window.page.go_to(self.first, F(4))
        self.key(Qt.Key.Key_H, Ctrl)
        stops = self.window.session.project.grid.breaks
        self.assertEqual([(s.position, s.counts) for s in stops], [(self.window.page.position, 4)])
        self.assertEqual(self.window.content.row(self.first).pauses, ((4.0, 8.0),))
        self.key(Qt.Key.Key_H, Ctrl)
        self.assertEqual(self.window.session.project.grid.breaks, ())

    def test_beats_go_out_and_come_back(self):
        """Written as CSV, moved by a gesture, read again: as before."""
        path = Path(self._outside()) / "g.csv"
        before = self.window.session.project.grid
        self.song().save_grid_to(path)
        self.key(Qt.Key.Key_Right, Shift)
        self.song().read_grid_from(path)
        self.assertEqual(self.window.session.project.grid.anchors, before.anchors)
        self.song().read_grid_from(path.with_suffix(".mid"))
        self.assertIn("no such MIDI file", self.window.status.words.text())

    def test_clicks_by_key(self):
        self.key(Qt.Key.Key_K)
        self.assertTrue(self.window.preview.playback.clicks.counts[0][1])
        self.key(Qt.Key.Key_K)
        self.assertIsNone(self.window.preview.playback.clicks)

    def test_what_a_take_shows_can_be_said(self):
        """The view chosen at Film changes the clips; undo brings them back."""
        self.window.go_to_stop("Film")
        takes = self.field("Take")
        takes.setCurrentText("feet: feet, 1 pass")
        takes.textActivated.emit(takes.currentText())
        self.unfold("About “feet”")
        combo = self.field("View of feet")
        combo.setCurrentText("left side")
        combo.textActivated.emit(combo.currentText())
        self.app.processEvents()
        self.assertNotIn(View.FEET, {c.view for c in self.window.session.facts.clips})
        self.key(Qt.Key.Key_Z, Ctrl)
        self.assertIn(View.FEET, {c.view for c in self.window.session.facts.clips})

    def test_cells_can_be_read_as_a_table(self):
        """Names, feet and lines stand in a table model for assistive technology."""
        model = self.window.model
        row = self.first
        self.assertIn("Gate walk, wall 1", model.data(model.index(row, 0)))
        self.assertEqual(model.data(model.index(row, 1)), "1 walk R")
        self.assertEqual(model.columnCount(), 9)

    def test_thumbnails_arrive(self):
        self.until(lambda: self.thumb("front") is not None, "thumbnails")
        image = self.thumb("front mirrored")
        self.until(lambda: self.thumb("front mirrored") is not None, "upright thumbnails")
        image = self.thumb("front mirrored")
        self.assertGreater(image.height(), image.width())

    def test_evening_light(self):
        before = self.window.grab().toImage().pixelColor(400, 700).lightness()
        self.key(Qt.Key.Key_F9)
        self.assertLess(self.window.grab().toImage().pixelColor(400, 700).lightness(), before - 80)
        # What was chosen stays, whatever the desktop has; without a choice the desktop's light is followed.
        with mock.patch("vamos.ui.parts.theme.of_desktop", lambda: theme.DAY):
            self.window.follow_light()
            self.assertIs(self.window.theme, theme.EVENING)
            LIGHT.forget()
            self.window.follow_light()
            self.assertIs(self.window.theme, theme.DAY)
        with mock.patch("vamos.ui.parts.theme.of_desktop", lambda: theme.EVENING):
            self.window.follow_light()
            self.assertIs(self.window.theme, theme.EVENING)
        self.key(Qt.Key.Key_F9)
        self.assertIs(self.window.theme, theme.DAY)
        LIGHT.forget()

    def test_a_missing_take_leaves_everything_else_working(self):
        (self.folder / "back.mp4").unlink()
        self.window.session.open(self.folder / PROJECT)
        self.window.go_to_stop("Cut")
        self.window.page.go_to(self.first)
        self.until(lambda: self.window.mirror.image is not None, "front picture")

    def _outside(self) -> str:
        import tempfile

        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        return folder.name

    def test_writing_a_pack_from_the_window(self):
        """One button: progress, the pack, and what was verified, in words."""

        from vamos.core.edit.clips import choose
        from vamos.core.model.clip import Choice

        def few(project):
            for clip in self.window.session.facts.clips[1:]:
                project = choose(project, Choice(clip.key, left_out=True))
            return replace(project, output=replace(project.output, speeds=(F(1),)))

        self.window.session.do("few", few)
        out = Path(self._outside()) / "pack"
        self.window.rooms["Pack"].commands.write_pack_to(out)
        self.assertTrue(self.window.status.bar.isVisible())
        self.idle()
        self.assertTrue((out / NAME).is_file())
        # Nothing switches the stop while one works elsewhere.
        self.assertNotEqual(self.window.stop.name, "Pack")
        self.assertIn(str(out), self.window.status.words.text())
        self.window.go_to_stop("Pack")
        self.assertIn("all correct", self.panel_text())
        table = self.window.findChild(FilesTable)
        self.assertEqual(table.rowCount(), len(read_manifest(out).clips))
        self.assertEqual({table.item(row, 4).text() for row in range(table.rowCount())}, {"correct"})
        with mock.patch("vamos.ui.stops.pack.commands.QDesktopServices.openUrl") as opened:
            table.setCurrentCell(0, 0)
            QTest.keyClick(table, Qt.Key.Key_Return)
            self.click(self.panel_button("Open in your video player"))
        self.assertEqual(Path(opened.call_args[0][0].toLocalFile()), out / table.rows[0].file)

    def test_page_margin_is_where_it_is_painted(self):
        self.assertEqual(round(self.window.page._layout.x(0)), MARGIN)


if __name__ == "__main__":
    unittest.main()
