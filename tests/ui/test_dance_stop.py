"""The Dance stop as a teacher uses it: typing lines and counts, answering, the map, sheets."""

import unittest
from fractions import Fraction as F
from pathlib import Path

import pypdf
from PyQt6.QtCore import QPoint, Qt
from PyQt6.QtTest import QTest

from tests.support import FolderCase, grid_at, write_song
from tests.ui.qt import WindowCase
from vamos.core.dance.lines import LineKind
from vamos.core.document.paths import reference
from vamos.core.edit.song import set_song
from vamos.core.model.dance import Foot
from vamos.core.model.song import Song
from vamos.ui.page.cell import CellField

Ctrl, Shift = Qt.KeyboardModifier.ControlModifier, Qt.KeyboardModifier.ShiftModifier


class DanceCase(WindowCase, FolderCase):
    def setUp(self) -> None:
        FolderCase.setUp(self)
        WindowCase.setUp(self)

    def dance(self):
        return self.window.session.project.dance

    def cell(self) -> CellField:
        self.app.processEvents()
        return next(c for c in self.window.page.viewport().findChildren(CellField) if c.isVisible())


class NewDanceTest(DanceCase):
    """From a song with no sheet to a dance on paper."""

    def setUp(self) -> None:
        super().setUp()
        write_song(self.folder / "s.wav", 120, 40)
        song = Song(reference(self.folder / "s.wav", 40.0), "s", grid_at(120, 76, 0.5, 8))
        self.window.session.do("song", lambda p: set_song(p, song))
        self.key(Qt.Key.Key_2, Ctrl)
        self.settle()
        self.click(self.window.status.main)
        lines = self.window.session.lines
        self.first = next(k for k, line in enumerate(lines) if line.kind is LineKind.DANCE)
        self.window.page.go_to(self.first)
        self.app.processEvents()

    def test_a_line_of_notation(self):
        """Typed with a suggestion taken by Tab, written by Return; the page shows it, undo takes it back."""
        field = self.field("Notation of the section")
        field.setFocus()
        QTest.keyClicks(field, "vine R 1 2 3 4, shuf")
        hint = self.field("What is suggested, or cannot be read")
        self.assertIn("Tab: vine R 1 2 3 4, shuffle L 5 & 6", hint.text())
        QTest.keyClick(field, Qt.Key.Key_Tab)
        QTest.keyClicks(field, ", walk R 7, walk L 8")
        QTest.keyClick(field, Qt.Key.Key_Return)
        self.app.processEvents()
        events = self.dance().sections[0].events
        self.assertEqual([str(e.foot) for e in events], ["R", "L", "R", "L", "L", "R", "L", "R", "L"])
        index = self.window.model.index(self.first, 5)
        self.assertIn("shuffle L", self.window.model.data(index))
        self.key(Qt.Key.Key_Z, Ctrl)
        self.assertEqual(self.dance().sections[0].events, ())

    def test_what_cannot_be_read_stays_in_the_field(self):
        """The place is named, nothing typed is lost, nothing is changed."""
        field = self.field("Notation of the section")
        self.write(field, "walk R 1, walk L 1")
        self.assertEqual(self.field("Notation of the section").toPlainText(), "walk R 1, walk L 1")
        self.assertIn("At character 18", self.field("What is suggested, or cannot be read").text())
        self.assertEqual(self.dance().sections[0].events, ())

    def test_writing_count_by_count(self):
        """F2 opens the count, Tab goes on over the counts, Escape gives the last one up."""
        self.key(Qt.Key.Key_F2)
        for words in ("walk R", "walk L", "side R, & close L"):
            QTest.keyClicks(self.cell(), words)
            QTest.keyClick(self.cell(), Qt.Key.Key_Tab)
        QTest.keyClicks(self.cell(), "nonsense R")
        QTest.keyClick(self.cell(), Qt.Key.Key_Escape)
        self.app.processEvents()
        events = self.dance().sections[0].events
        self.assertEqual(
            [(e.start, e.name) for e in events], [(0, "walk"), (1, "walk"), (2, "side"), (F(5, 2), "close")]
        )
        self.assertEqual(self.window.page.position, 3)
        self.assertTrue(self.window.page.hasFocus())

    def test_a_double_click_writes(self):
        page = self.window.page
        y = page._layout.tops[self.first] - page.verticalScrollBar().value() + 40
        x = int(page._layout.x(4)) + 10
        QTest.mouseClick(page.viewport(), Qt.MouseButton.LeftButton, pos=QPoint(x, y))
        QTest.mouseDClick(page.viewport(), Qt.MouseButton.LeftButton, pos=QPoint(x, y))
        QTest.keyClicks(self.cell(), "stomp R")
        QTest.keyClick(self.cell(), Qt.Key.Key_Return)
        self.app.processEvents()
        self.assertEqual([(e.start, e.name) for e in self.dance().sections[0].events], [(4, "stomp")])

    def test_sections_length_again_mirrored_and_away(self):
        self.write(self.field("Notation of the section"), "vine R 1 2 3 4, walk L 5, walk R 6, walk L 7, walk R 8")
        self.click(self.panel_button("Again mirrored"))
        self.assertEqual([s.name for s in self.dance().sections], ["Section 1", "Section 1 mirrored"])
        self.assertIs(self.dance().sections[1].events[0].foot, Foot.LEFT)
        self.write(self.field("Name of the section"), "Lantern walk")
        self.assertEqual(self.dance().sections[0].name, "Lantern walk")
        length = self.field("Counts of the section")
        length.setValue(12)
        self.app.processEvents()
        self.assertEqual(self.dance().sections[0].length, 12)
        self.assertEqual(self.window.content.columns, 12)
        self.click(self.panel_button("Take away"))
        self.assertEqual([s.name for s in self.dance().sections], ["Section 1 mirrored"])

    def test_a_step_of_ones_own_is_kept_and_suggested(self):
        self.write(self.field("Notation of the section"), "side R 1, close L &, stomp R 2")
        self.write(self.field("Keep as a step"), "lantern stomp")
        self.assertIn("Your own: lantern stomp.", self.panel_text())
        field = self.field("Notation of the section")
        field.setFocus()
        QTest.keyClicks(field, " ")
        field.selectAll()
        QTest.keyClicks(field, "lant")
        self.assertIn("Tab: lantern stomp R 1 & 2", self.field("What is suggested, or cannot be read").text())

    def test_a_turn_is_asked_once(self):
        """A half turn with no direction: both answers say where they lead; the answer turns the wall."""
        self.write(self.field("Notation of the section"), "half turn 1, hold 2-8")
        self.window.page.go_to(self.first)
        self.app.processEvents()
        self.assertIn("A wall ends at 6:00, 2 walls", self.panel_text())
        self.click(self.panel_button("½ left"))
        self.assertEqual(self.dance().sections[0].events[0].turn, -4)
        self.assertNotIn("What is meant", self.panel_text())

    def test_the_song_is_filled_with_walls(self):
        self.click(self.panel_button("Fill the song with walls"))
        room = self.window.session.project.grid.range().end // 8
        self.assertEqual(len(self.dance().sequence), room)
        self.assertGreater(room, 2)


class DemoDanceTest(DanceCase):
    def setUp(self) -> None:
        super().setUp()
        self.open_demo(self.folder)
        self.key(Qt.Key.Key_2, Ctrl)
        self.first = next(k for k, x in enumerate(self.window.session.lines) if x.wall == 1)
        self.window.page.go_to(self.first)
        self.app.processEvents()

    def test_the_demo_has_nothing_to_check(self):
        self.assertIn("Nothing to check", self.panel_text())
        self.assertIn("Repeats on the right foot | yes", self.panel_text())

    def test_problems_stand_in_the_margin_and_lead_there(self):
        """A touch made a step is found where it makes the next move impossible; a click goes there."""
        self.write(self.field("Notation of the section"), "walk R 1, walk L 2, step R 3, step L 4, back L 5, hold 6-8")
        button = self.panel_button("Gate walk, count 5")
        self.assertIn("which bears the weight", button.accessibleName())
        self.assertGreater(self.window.content.row(self.first).problems, 0)
        self.window.page.go_to(self.first + 3)
        self.app.processEvents()
        self.click(self.panel_button("Gate walk, count 5"))
        self.assertEqual(self.window.page.current, self.first)
        self.assertEqual(self.window.page.position, self.window.session.lines[self.first].start + 4)

    def test_the_sequence_as_typed(self):
        """What cannot be read is said and changes nothing; what can is danced over the song at once."""
        before = self.dance().sequence
        self.write(self.field("Sequence"), "wall nix")
        self.assertEqual(self.dance().sequence, before)
        self.assertIn("one of: Gate walk", self.window.status.words.text())
        self.write(self.field("Sequence"), 'wall wall/16 tag:"Lantern sway" wall@8+4')
        self.assertEqual([line.kind for line in self.window.session.lines].count(LineKind.HOLD), 1)
        self.assertIn("Restart wall 2 after 16 counts", self.panel_text())

    def test_the_wall_map_by_key(self):
        """W shows it in place of the page, with words for those who cannot see it; W goes back."""
        self.key(Qt.Key.Key_W)
        self.assertIs(self.window.center.currentWidget(), self.window.rooms["Dance"].commands.map)
        self.assertIn("wall 3, 32 counts", self.window.rooms["Dance"].commands.map.picture.accessibleDescription())
        self.key(Qt.Key.Key_W)
        self.assertIs(self.window.center.currentWidget(), self.window.page)

    def test_fields_of_a_count_and_of_the_card(self):
        self.write(self.field("Lyric, sound"), "moon")
        self.assertEqual(self.dance().section("Gate walk").events[0].lyric, "moon")
        self.write(self.field("Starts on"), "the bell")
        self.assertEqual(self.dance().starts_on, "the bell")
        self.write(self.field("Stated walls"), "2")
        self.assertIn("It is said to have 2 walls", self.panel_text().replace("\n", " "))
        self.write(self.field("Stated walls"), "")
        self.assertIn("Nothing to check", self.panel_text())

    def test_short_words_stand_on_the_page_and_are_taken_from_the_field(self):
        def on_the_page() -> list[str]:
            rows = map(self.window.page._content, range(self.window.page.model.rowCount()))
            row = next(r for r in rows if r.line.title == "Gate walk")
            return [event.short for _, event in row.line.cells()][:3]

        self.assertEqual(on_the_page(), ["walk", "walk", "step"])
        self.write(self.field("Short words"), "FW = walk")
        self.assertEqual(on_the_page(), ["FW", "FW", "step"])
        self.assertEqual(self.dance().section("Gate walk").events[0].short, "walk")
        self.write(self.field("Short words"), "FW walk")
        self.assertIn("explains no word", self.window.status.words.text())
        self.assertEqual([w.short for w in self.dance().words], ["FW"])
        self.window.session.undo()
        self.assertEqual(on_the_page(), ["walk", "walk", "step"])

    def test_sheets_out_and_in(self):
        """PDF can be read by another program; a CSV read again gives the same dance."""
        before = self.dance()
        self.window.rooms["Dance"].commands.write_sheet_to(self.folder / "s.pdf")
        self.assertIn("Paper fan parade", pypdf.PdfReader(self.folder / "s.pdf").pages[0].extract_text())
        self.window.rooms["Dance"].commands.write_sheet_to(self.folder / "s.csv")
        self.click(self.panel_button("Take away"))
        self.window.rooms["Dance"].commands.read_sheet_from(self.folder / "s.csv")
        self.assertEqual(self.dance(), before)
        self.window.rooms["Dance"].commands.read_sheet_from(Path("none.csv"))
        self.assertIn("no such count sheet", self.window.status.words.text())
        self.assertEqual(self.dance(), before)

    def test_typing_keys_do_not_steer_the_window(self):
        """Letters, digits and Return in a field are the field's, whatever they do elsewhere."""
        grid = self.window.session.project.grid
        position = self.window.page.position
        field = self.field("Cue word")
        field.setFocus()
        QTest.keyClicks(field, "1 samt lvpk")
        self.assertEqual(field.text(), "1 samt lvpk")
        self.assertEqual((self.window.session.project.grid, self.window.page.position), (grid, position))
        self.assertFalse(self.window.preview.playback.playing)

    def test_labels_say_where_one_stands(self):
        self.assertIn("Count 1", self.panel_text())


if __name__ == "__main__":
    unittest.main()
