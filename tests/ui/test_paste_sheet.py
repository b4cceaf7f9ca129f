"""Paste a sheet: what was understood is seen, questions are answered with keys, one undo takes it out again."""

from fractions import Fraction

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QGuiApplication
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QPushButton

from tests.ui.qt import WindowCase

Ctrl = Qt.KeyboardModifier.ControlModifier
SHEET = """Lantern Parade
Count: 16  Wall: 4  Level: Beginner
Intro: 16 counts

Section 1: Lantern vine
1-3 Grapevine right
4 Touch left beside right
5-7 Grapevine left with a 1/4 turn left (9:00)
8 Brush right

SECTION 2
1&2 Shuffle forward right
3-4 Rock forward left, recover
5&6 Left coaster
7-8 Paper swirl 1/4 R
Restart here on wall 3
"""
GERMAN = """Abendfächer
Teil 1: Wiegen
1-2 Schritt rechts seit, links ran
3-4 Wiege vor R, zurück L
5-6 ½ Drehung rechts mit R, Schritt L
7-8 Halten
"""


class PasteTest(WindowCase):
    def setUp(self) -> None:
        super().setUp()
        self.click(self.window.start.write)
        self.settle()
        self.view = self.window.room.commands.pasted

    def paste(self, text: str) -> None:
        """As a teacher does: copied somewhere, then Ctrl+V on the page."""
        board = QGuiApplication.clipboard()
        board.setText(text)
        self.window.page.setFocus()
        self.key(Qt.Key.Key_V, Ctrl)
        self.settle()

    def dance(self):
        return self.window.session.project.dance

    def answers(self) -> list[str]:
        return [b.text() for b in self.view.answers.findChildren(QPushButton) if not b.isHidden()]

    def formats(self, line: int) -> list[tuple[str, int, str]]:
        """Words of a line of the text that look other than plain: what, weight, underline."""
        block = self.view.text.document().findBlockByNumber(line - 1)
        return [
            (block.text()[r.start : r.start + r.length], r.format.fontWeight(), r.format.underlineStyle().name)
            for r in block.layout().formats()
        ]

    def test_it_is_shown_before_anything_changes(self):
        before = self.dance()
        self.paste(SHEET)
        self.assertIs(self.window.center.view, self.view)
        self.assertEqual(self.dance(), before)
        self.assertEqual([s.name for s in self.view.dance.sections], ["Section 1: Lantern vine", "Section 2"])
        looks = {w: (weight, under) for w, weight, under in self.formats(15)}
        self.assertEqual(looks["Paper"][1], "DotLine")
        self.assertEqual(looks["7"][0], 800)
        self.assertEqual({w: u for w, _, u in self.formats(7)}["left"], "SingleUnderline")
        self.assertIn("kept as names", self.view.told.text())

    def test_questions_are_answered_with_keys_and_one_undo_takes_it_out(self):
        before = self.dance()
        self.paste(SHEET)
        first = self.view.question.text()
        self.assertIn("Paper swirl", first)
        self.assertTrue(self.answers()[0].startswith("1 "), self.answers())
        asked = len(self.view.open_questions())
        self.key(Qt.Key.Key_1)
        self.settle()
        self.assertLess(len(self.view.open_questions()), asked)
        self.assertNotEqual(self.view.question.text(), first)
        self.key(Qt.Key.Key_Return)
        self.settle()
        self.assertIsNone(self.window.center.view)
        dance = self.dance()
        self.assertEqual((dance.name, dance.level, dance.stated.walls), ("Lantern Parade", "Beginner", 4))
        self.assertEqual(sum(len(s.events) for s in dance.sections), 8 + 3 + 2 + 3 + 1)
        self.assertEqual([i.restart_after for i in dance.sequence if i.restart_after], [])
        self.key(Qt.Key.Key_Z, Ctrl)
        self.settle()
        self.assertEqual(self.dance(), before)

    def test_answers_stay_where_they_are_while_the_page_changes(self):
        """What happens elsewhere in the window draws the view anew; the buttons stay, and are seen."""
        self.paste(SHEET)
        before = self.view.answers.findChildren(QPushButton)
        for _ in range(3):
            self.view.refresh()
        self.assertEqual(self.view.answers.findChildren(QPushButton), before)
        self.assertTrue(all(b.isVisible() and b.width() > 40 for b in before))

    def test_whole_words_in_narrow_counts(self):
        """Long names go on below, moves on halves of a count stand under each other with their part of it."""
        self.window.resize(1280, 800)
        self.paste("Rope\nA) Jacks\n1&2 Sugarfoot twist R, L, R\n3-4 cross point R, step together\n5-8 hold\n")
        self.assertLess(self.view.picture.count_width, 80)
        rows = {s.event.start: s.rows for s in self.view.picture.lines[0].shown}
        self.assertEqual(rows[Fraction(0)], ("Sugarfoot", "twist"))
        self.assertEqual(rows[Fraction(1, 2)], ("&", "Sugarfoot", "twist left"))
        self.assertEqual(rows[Fraction(2)], ("cross", "point"))
        first, second, *_ = self.view.picture.lines[0].shown
        self.assertGreaterEqual(second.box.y(), first.bottom)
        self.assertGreaterEqual(self.view.picture.lines[0].height, second.bottom)

    def test_a_long_text_is_read_beside_the_window_and_the_last_one_counts(self):
        """The first 300 lines are old when they arrive: what is typed in their place is what stands there."""
        rows = "".join(f"Section {n}\n1-4 vine R, touch L\n5-8 vine L, touch R\n" for n in range(1, 81))
        self.window.room.commands.pasted.open_with(rows)
        self.assertIsNone(self.view.dance, "nothing is read yet, and the window goes on")
        self.assertIn("Reading", self.view.question.text())
        self.view.take_in()
        self.assertIn("still being read", self.window.status.words.text())
        self.view.open_with(rows.replace("touch", "hook").replace("Section 80", "Section 99"))
        self.until(lambda: self.view.dance is not None, "what was read")
        self.assertEqual(self.view.dance.sections[-1].name, "Section 99")
        self.assertEqual(len(self.view.dance.sections), 80)
        self.assertEqual(self.view.dance.sections[0].events[3].name, "hook")

    def test_answers_stay_given_when_nothing_more_is_typed(self):
        """What colours the words is no change of the text: half a second later nothing was read anew."""
        self.paste(SHEET)
        self.key(Qt.Key.Key_1)
        self.settle()
        left, dance = len(self.view.open_questions()), self.view.dance
        QTest.qWait(600)
        self.assertIs(self.view.dance, dance)
        self.assertEqual(len(self.view.open_questions()), left)
        QTest.keyClicks(self.view.text, "x")
        self.until(lambda: self.view.dance is not dance, "what was typed is read")

    def test_escape_leaves_all_as_it_was(self):
        before = self.dance()
        self.paste(SHEET)
        self.key(Qt.Key.Key_Escape)
        self.settle()
        self.assertIsNone(self.window.center.view)
        self.assertEqual(self.dance(), before)

    def test_a_question_left_for_later_stands_under_to_check(self):
        self.paste(SHEET)
        number = len(self.view.open_questions())
        self.key(Qt.Key.Key_0)
        self.settle()
        self.assertEqual(len(self.view.open_questions()), number - 1)
        self.key(Qt.Key.Key_Return)
        self.settle()
        self.assertTrue(any("aper swirl" in p.text for p in self.window.session.facts.problems))

    def test_the_text_can_be_mended_and_is_read_again(self):
        self.paste("Vine\n1-4 Vine R\n5-8 Vien L\n")
        self.view.text.setFocus()
        cursor = self.view.text.textCursor()
        cursor.movePosition(cursor.MoveOperation.End)
        self.view.text.setTextCursor(cursor)
        QTest.keyClicks(self.view.text, "1-2 Walk R, L")
        self.until(lambda: self.view.dance is not None and len(self.view.dance.sections) == 2, "the line is read")
        self.assertEqual(self.view.dance.sections[1].events[1].foot, "L")

    def test_german(self):
        self.paste(GERMAN)
        (section,) = self.view.dance.sections
        self.assertEqual(section.length, 8)
        self.assertEqual(sum(e.turn or 0 for e in section.events), 4)
        self.assertEqual([str(e.foot) for e in section.events][:2], ["R", "L"])

    def test_what_is_no_sheet_is_said_and_nothing_can_be_taken_in(self):
        before = self.dance()
        for text in ("", "Please bring the lanterns.", "x" * 300_000):
            self.paste(text)
            with self.subTest(text[:20]):
                self.assertIsNone(self.view.dance)
                self.key(Qt.Key.Key_Return)
                self.settle()
                self.assertIs(self.window.center.view, self.view)
                self.assertEqual(self.dance(), before)
        self.assertIn("too much for the sheet of one dance", self.view.question.text())
        self.assertLess(len(self.view.text.toPlainText()), 70_000)
        # Put into the text itself it is the same; whole lines that are too many as well.
        self.view.text.clear()
        self.view.text.paste()
        self.assertLess(len(self.view.text.toPlainText()), 70_000)
        self.paste("walk R 1, walk L 2\n" * 601)
        self.assertIsNone(self.view.dance)
        self.assertIn("more than 600 lines", self.view.question.text())

    def test_cells_of_a_spreadsheet(self):
        self.paste("Part\tCount\tStep\nA\t1\tstep R\n\t2\ttouch L\n")
        (section,) = self.view.dance.sections
        self.assertEqual([(str(e.foot), str(e.kind)) for e in section.events], [("R", "step"), ("L", "touch")])
