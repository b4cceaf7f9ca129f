"""Paste a sheet: left the text with what each word was taken for, right the counts, below one question at a time.

Nothing is taken in before it is confirmed; taking it in is one step that can be undone.
"""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction
from functools import partial
from math import floor

from PyQt6.QtCore import Qt, QTimer
from PyQt6.QtGui import QGuiApplication
from PyQt6.QtWidgets import QHBoxLayout, QScrollArea, QVBoxLayout, QWidget

from vamos.core.dance.checks import Problem, problems_of
from vamos.core.dance.offers import Offer, offers_at
from vamos.core.dance.sheets.pasted import read_pasted
from vamos.core.dance.sheets.read_as import LineIs, TextRead
from vamos.core.dance.typed.taken import WordIs, words_taken
from vamos.core.edit import dance as edit
from vamos.core.model.dance import Dance
from vamos.errors import InputError
from vamos.ui.desk import Desk
from vamos.ui.frame.center import CenterView
from vamos.ui.parts.buttons import Button
from vamos.ui.parts.flow import FlowLayout
from vamos.ui.parts.some import some
from vamos.ui.parts.text import label, plural, sentence
from vamos.ui.parts.theme import DAY, Theme, font
from vamos.ui.stops.dance.counts_picture import CountsPicture
from vamos.ui.stops.dance.taken_for import SheetField, TakenFor
from vamos.ui.work.scope import DocumentScope, OfDocument
from vamos.wording import words_of

tr = words_of(__name__)

#: Reading waits until no key was pressed for so long, in milliseconds.
_REST_MS = 200
_MOST_ANSWERS = 6
_EXAMPLE = tr("Section 1: Lantern vine\n1-4 Vine R, touch\n5&6 Shuffle fwd L, R, L\n7-8 Rock fwd R, recover L")
#: Longer texts than this, in letters, are read beside the window.
_AT_ONCE = 2500
#: Problems that are questions about the moves themselves.
_OPEN = ("doubt", "name", "turn", "weight")


class PasteView(CenterView):
    """A pasted sheet until it is taken in or left."""

    alone = True
    read = OfDocument[TextRead | None](lambda: None)
    #: The dance with the answers that were given.
    dance = OfDocument[Dance | None](lambda: None)

    def __init__(self, desk: Desk):
        super().__init__()
        self._desk = desk
        self._theme: Theme = DAY
        self._refused = ""
        #: How many texts were read; what arrives for another one than the last is old.
        self._texts = 0
        self._text = ""
        self._reading = False
        self._skipped: set[tuple[str, Fraction | None, str]] = set()
        self._offers: tuple[Offer, ...] = ()
        self._answers: list[str] = []
        self.text = SheetField()
        self.text.setAccessibleName(tr("The sheet as it was pasted"))
        self.text.setPlaceholderText(_EXAMPLE)
        self.text.setFont(font(11.5))
        self.text.setTabChangesFocus(True)
        self.marks = TakenFor(some(self.text.document()))
        self.picture = CountsPicture()
        self._wait = QTimer(self)
        self._wait.setSingleShot(True)
        self._wait.setInterval(_REST_MS)
        self._wait.timeout.connect(self._read)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(tr("Paste a sheet"))
        self._build()
        self.text.textChanged.connect(self._typed)

    @property
    def scope(self) -> DocumentScope:
        return self._desk.scope

    def _build(self) -> None:
        self.area = QScrollArea()
        self.area.setWidgetResizable(True)
        self.area.setWidget(self.picture)
        sides = QHBoxLayout()
        sides.setSpacing(24)
        for title, widget, stretch in (
            (tr("As it was pasted"), self.text, 4),
            (tr("As it will stand on the page"), self.area, 5),
        ):
            down = QVBoxLayout()
            down.addWidget(label(title, "head"))
            down.addWidget(widget, 1)
            sides.addLayout(down, stretch)
        self.question = label("", "head", wrap=True)
        self.told = label("", "soft", wrap=True)
        self.answers = QWidget()
        self._flow = FlowLayout(self.answers)
        self.back = Button(tr("Leave all as it was"), self._desk.show_page)
        ends = QHBoxLayout()
        ends.addWidget(self.told, 1)
        ends.addWidget(self.back)
        down = QVBoxLayout(self)
        down.setContentsMargins(24, 14, 24, 14)
        down.setSpacing(10)
        down.addLayout(sides, 1)
        down.addWidget(self.question)
        down.addWidget(self.answers)
        down.addLayout(ends)

    # --- text in -------------------------------------------------------------------------

    def open_with(self, text: str) -> None:
        """Begin with a text, read at once."""
        self.scope.at_end(self, self.forget)
        self.text.setPlainText(SheetField.shown(text))
        self._read()

    def paste(self) -> None:
        """Begin with what is in the clipboard."""
        board = QGuiApplication.clipboard()
        self.open_with(board.text() if board is not None else "")

    def forget(self) -> None:
        self._wait.stop()
        self._texts += 1
        self._reading = False
        self.text.clear()
        self._wait.stop()

    def _typed(self) -> None:
        # Colours of words count as a change, too; reading anew for them would lose the answers.
        if self.text.toPlainText() != self._text:
            self._wait.start()

    def _read(self) -> None:
        self._wait.stop()
        self._skipped = set()
        self.read, self.dance, self._refused = None, None, ""
        self._texts += 1
        self._text = text = self.text.toPlainText()
        number = self._texts
        self._reading = len(text) > _AT_ONCE
        if self._reading:
            # A line takes some milliseconds: the window goes on meanwhile.
            self.refresh()
            self._desk.runner.run_quietly(
                tr("Reading the sheet"), lambda _: _tried(text), lambda got: self._arrived(number, got)
            )
        else:
            self._arrived(number, _tried(text) if text.strip() else "")

    def _arrived(self, number: int, got: TextRead | str) -> None:
        """What was read, or why it was not."""
        if number != self._texts:
            return
        self._reading = False
        if isinstance(got, str):
            self._refused = got
        else:
            self.read, self.dance = got, got.dance
        self.refresh()

    # --- what is shown -------------------------------------------------------------------

    def open_questions(self) -> list[Problem]:
        """What is to be asked, in the order of the sheet."""
        if self.dance is None:
            return []
        order = {s.name: k for k, s in enumerate(self.dance.sections)}
        found = [p for p in problems_of(self.dance) if p.kind in _OPEN and p.section in order and p.start is not None]
        left = [p for p in found if (p.section, p.start, p.text) not in self._skipped]
        return sorted(left, key=lambda p: (order[p.section], p.start or 0))

    def refresh(self) -> None:
        questions = self.open_questions()
        now = questions[0] if questions else None
        asked = (now.section, now.start) if now is not None and now.start is not None else None
        self._offers = ()
        if now is not None and self.dance is not None and now.start is not None:
            self._offers = offers_at(self.dance, now.section, floor(now.start))[:_MOST_ANSWERS]
        lines = self.read.lines if self.read is not None else ()
        self.marks.show_lines(lines, self._line_of(asked), self._theme)
        self.picture.show_dance(self.dance, asked, self._theme)
        if asked is not None:
            self.area.ensureVisible(0, self.picture.place_of(*asked) + 60)
        self._show_question(now, len(questions))

    def _line_of(self, asked: tuple[str, Fraction] | None) -> int | None:
        """The line of the text that a count was typed in, by the counts that stand in its section's lines."""
        if asked is None or self.read is None:
            return None
        section, start = asked
        lines = [x for x in self.read.lines if x.section == section and x.taken in (LineIs.MOVES, LineIs.OPEN)]
        best = None
        for line in lines:
            words = (line.text[w.start : w.end] for w in words_taken(line.text) if w.taken is WordIs.COUNT)
            counts = [int(word) for word in words if word.isascii() and word.isdigit()]
            if counts and Fraction((min(counts) - 1) % 8) <= max(Fraction(0), start) % 8:
                best = line.number
        return best if best is not None else (lines[0].number if lines else None)

    def _show_question(self, now: Problem | None, number: int) -> None:
        if self._refused:
            words = sentence(self._refused)
        elif self._reading:
            words = tr("Reading the sheet…")
        elif self.dance is None:
            words = tr("Paste the sheet here (Ctrl+V), or type it as in the example.")
        elif now is None:
            words = tr("Every question is answered. Take it in?")
        else:
            words = sentence(now.text)
        self.question.setText(words)
        said = [f"{k + 1}   {sentence(offer.words).rstrip('.')}" for k, offer in enumerate(self._offers)]
        self._show_answers([*said, tr("0   Later, on the page")] if now is not None else [])
        self.told.setText(self._what_was_read(number))

    def _show_answers(self, words: list[str]) -> None:
        """Buttons for the answers; those that stand there already stay, so that nothing flickers."""
        if words == self._answers:
            return
        self._answers = words
        while self._flow.count():
            item = self._flow.takeAt(0)
            widget = item.widget() if item is not None else None
            if widget is not None:
                widget.hide()
                widget.deleteLater()
        for k, said in enumerate(words):
            button = Button(said, partial(self.answer, k) if k < len(words) - 1 else self.skip)
            self._flow.addWidget(button)
            button.show()
        self.answers.updateGeometry()

    def _what_was_read(self, questions: int) -> str:
        if self.read is None:
            return tr("Nothing changes before you take it in.")
        words = [w for x in self.read.lines if x.taken is LineIs.MOVES for w in words_taken(x.text)]
        names = sum(w.taken is WordIs.NAME for w in words)
        out = []
        if questions:
            out.append(tr("{questions} open.", questions=plural(questions, "question")))
        if words:
            out.append(
                tr(
                    "{known} of {all} words understood, {names} kept as names (dotted).",
                    known=len(words) - names,
                    all=len(words),
                    names=names,
                )
            )
        out += [sentence(r) for r in self.read.remarks[:3]]
        if len(self.read.remarks) > 3:
            out.append(tr("{number} more remarks.", number=len(self.read.remarks) - 3))
        return " ".join(out)

    # --- answers -------------------------------------------------------------------------

    def answer(self, number: int) -> None:
        """Take an answer of the open question; the next one comes."""
        if self.dance is None or number >= len(self._offers):
            return
        self.dance = edit.take_offer(replace(self._desk.project, dance=self.dance), self._offers[number]).dance
        self.refresh()
        self.setFocus()

    def skip(self) -> None:
        """The question stays open; the page shows it under To check."""
        questions = self.open_questions()
        if questions:
            self._skipped = self._skipped | {(questions[0].section, questions[0].start, questions[0].text)}
            self.refresh()
            self.setFocus()

    def take_in(self) -> None:
        """The dance becomes the project's, in one step."""
        if self._wait.isActive():
            self._read()
        dance, read = self.dance, self.read
        if self._reading:
            self._desk.tell(tr("The sheet is still being read. Take it in when its counts stand on the right."))
            return
        if dance is None or read is None:
            self._desk.tell(tr("There is no sheet here to take in yet."))
            return
        told = " ".join([tr("The sheet is taken in; Undo takes it out again."), *read.remarks])
        self._desk.do(tr("Paste a sheet"), lambda p: edit.set_dance(p, dance), told)
        self._desk.show_page()

    def number_key(self, number: int) -> bool:
        """1 to 6 answer, 0 leaves the question for later."""
        if number:
            self.answer(number - 1)
        else:
            self.skip()
        return True

    def set_theme(self, theme: Theme) -> None:
        self._theme = theme
        if self.isVisible():
            self.refresh()


def _tried(text: str) -> TextRead | str:
    """What is read from a text, or why it is refused."""
    try:
        return read_pasted(text)
    except InputError as error:
        return error.what
