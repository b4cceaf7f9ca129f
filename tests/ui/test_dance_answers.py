"""The Dance stop: answers by one key, what is typed seen at once, variants, parts, a dance before its song."""

from fractions import Fraction as F

from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QTextEdit

from tests.ui.qt import WindowCase
from vamos.core.model.dance import Foot

Ctrl, Alt = Qt.KeyboardModifier.ControlModifier, Qt.KeyboardModifier.AltModifier


class BeforeASongTest(WindowCase):
    """A dance written with no song at all, at an even pulse."""

    def setUp(self) -> None:
        super().setUp()
        self.click(self.window.start.write)
        self.settle()

    def dance(self):
        return self.window.session.project.dance

    def page_text(self, number: int = 0) -> str:
        content = self.window.content
        return ", ".join(e.short for _, e in content.row(number).line.cells())

    def choose(self, name: str, words: str) -> None:
        box = self.field(name)
        box.setCurrentText(words)
        box.textActivated.emit(words)
        self.settle()

    def notation(self):
        return self.field("Notation of the section")

    def test_it_is_written_and_its_cursor_is_in_the_line(self):
        self.assertEqual([s.name for s in self.dance().sections], ["Section 1"])
        self.assertIs(self.window.focusWidget(), self.notation())
        self.write(self.notation(), "vine R 1-4, vine L 5-8")
        self.assertEqual(len(self.dance().sections[0].events), 8)
        self.assertIsNone(self.window.session.project.song)
        self.assertEqual(self.page_text(), "vine, behind, side, touch, vine, behind, side, touch")

    def test_the_page_shows_what_is_typed_before_it_is_written(self):
        field = self.notation()
        field.setFocus()
        QTest.keyClicks(field, "walk R 1 2")
        self.app.processEvents()
        self.assertEqual(self.page_text(), "walk, walk")
        self.assertEqual(self.dance().sections[0].events, ())
        QTest.keyClick(field, Qt.Key.Key_Escape)
        self.app.processEvents()
        self.assertEqual(self.page_text(), "")

    def test_words_that_cannot_be_read_are_underlined_where_they_stand(self):
        field = self.notation()
        field.setFocus()
        QTest.keyClicks(field, "walk R 1, walk L 1, touch R 3")
        (mark,) = field.extraSelections()
        self.assertIsInstance(mark, QTextEdit.ExtraSelection)
        self.assertEqual(mark.cursor.selectedText(), "1")
        field.setPlainText("walk R 1, walk L 2")
        self.assertEqual(field.extraSelections(), [])

    def test_a_slip_is_mended_by_one_key(self):
        self.write(self.notation(), "walk R 1, touch L 2, walk R 3, walk L 4-8")
        self.window.page.go_to(0, F(2))
        self.settle()
        self.assertIn("step instead of touch on 2", self.panel_text())
        number = next(
            k for k, o in enumerate(self.window.rooms["Dance"].commands.offers_here()) if "step instead" in o.words
        )
        self.window.page.setFocus()
        self.key(Qt.Key(Qt.Key.Key_1 + number), Alt)
        self.settle()
        self.assertEqual(self.dance().sections[0].events[1].name, "step")
        self.assertEqual(self.window.session.facts.problems, ())

    def test_a_turn_with_nothing_said_is_answered_by_one_key(self):
        self.write(self.notation(), "walk R 1, turn L 2, hold 3-8")
        self.window.page.go_to(0, F(1))
        self.settle()
        self.assertIn("½ left  (Alt+5)", self.panel_text())
        self.window.page.setFocus()
        self.key(Qt.Key.Key_5, Alt)
        self.settle()
        self.assertEqual(self.dance().sections[0].events[1].turn, -4)

    def test_variants_on_the_page(self):
        self.write(self.notation(), "spin R 1, walk L 2; or seated 1-2: clap 1, clap 2")
        self.window.page.go_to(0, F(0))
        self.settle()
        self.write(self.field("Easier"), "step")
        self.window.page.setFocus()
        seen = [self.page_text()]
        for _ in range(3):
            self.key(Qt.Key.Key_E)
            seen.append(self.page_text())
        self.assertEqual(seen, ["spin, walk", "step, walk", "clap, clap", "spin, walk"])

    def test_parts_and_the_sequence_in_words(self):
        self.write(self.notation(), "walk R 1-8")
        self.write(self.field("Another part"), "A: section 1")
        self.write(self.field("Sequence"), "A A")
        self.assertEqual([i.name for i in self.dance().sequence], ["A", "A"])
        self.assertIn("Read as 2*A", self.window.status.words.text())
        self.write(self.field("Part A"), "")
        self.assertEqual(self.dance().parts, ())

    def test_start_foot_and_facing(self):
        self.choose("Facing at the start", "3:00")
        self.choose("Weight at the start", "on the right, left is free")
        self.assertEqual((self.dance().start_heading, self.dance().start_weight), (2, Foot.RIGHT))
        self.assertEqual(self.window.session.lines[0].heading, 2)

    def test_a_cue_on_an_and(self):
        self.write(self.notation(), "side R 1, close L &, side R 2")
        self.window.page.go_to(0, F(0))
        self.settle()
        self.write(self.field("Cue word, 1&"), "together")
        self.assertEqual(self.dance().sections[0].events[1].cue, "together")
