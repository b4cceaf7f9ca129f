"""Parts of the panel at Dance: a section's name, length and feel; its notation; the sequence."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass

from PyQt6.QtWidgets import QHBoxLayout, QVBoxLayout, QWidget

from vamos.core.edit.dance import LONGEST
from vamos.core.model.dance import Section, StepPattern
from vamos.core.time import Feel
from vamos.ui.parts.fields import Choice, CountField, TextField
from vamos.ui.parts.notation_field import NotationField
from vamos.ui.parts.text import label
from vamos.wording import words_of

tr = words_of(__name__)

Write = Callable[[str], str]
#: Told what is being typed, None when that is over.
Typing = Callable[[str | None], object]


class SectionRow(QWidget):
    """Name, counts and feel in one row."""

    def __init__(
        self,
        section: Section,
        rename: Callable[[str], object],
        lengthen: Callable[[int], object],
        feel: Callable[[str], object],
    ):
        super().__init__()
        self._name = TextField(section.name, tr("Name of the section"), rename)
        self._length = CountField(section.length, LONGEST, tr("Counts of the section"), lengthen)
        self._feel = Choice(list(Feel), str(section.feel), tr("Feel of the section"), feel)
        line = QHBoxLayout(self)
        line.setContentsMargins(0, 0, 0, 0)
        line.setSpacing(6)
        line.addWidget(self._name, 1)
        line.addWidget(self._length)
        line.addWidget(label(tr("counts"), "soft"))
        line.addWidget(self._feel)

    def show_section(
        self,
        section: Section,
        rename: Callable[[str], object],
        lengthen: Callable[[int], object],
        feel: Callable[[str], object],
    ) -> None:
        self._name.changed, self._length.changed, self._feel.chosen = rename, lengthen, feel
        self._name.set_value(section.name)
        self._length.set_value(section.length)
        self._feel.set_value(list(Feel), str(section.feel))


@dataclass(frozen=True, slots=True)
class Written:
    """A section's line of notation as it is in the dance, and what it takes to read another one."""

    section: str
    text: str
    feel: Feel
    steps: Mapping[str, StepPattern]


class NotationBox(QWidget):
    """A section's line of notation; below it what is suggested, or what cannot be read.

    What cannot be read stays with its section: it is there again when one comes back, from another section or from
    another stop. ``drafts`` keeps it.
    """

    def __init__(self, written: Written, name: str, write: Write, typing: Typing, drafts: dict[str, str]):
        super().__init__()
        self._section = written.section
        self._drafts = drafts
        self.field = NotationField(written.text, written.feel, written.steps, name)
        self.field.write = write
        self._hint = label("", "soft", wrap=True)
        self._hint.setAccessibleName(tr("What is suggested, or cannot be read"))
        self._hint.hide()
        self.field.suggested.connect(self._say)
        self.field.textChanged.connect(self._keep)
        down = QVBoxLayout(self)
        down.setContentsMargins(0, 0, 0, 0)
        down.setSpacing(4)
        down.addWidget(self.field)
        down.addWidget(self._hint)
        self._bring_back()
        self.field.typing = typing

    def _keep(self) -> None:
        if self.field.half_typed:
            self._drafts[self._section] = self.field.toPlainText()
        else:
            self._drafts.pop(self._section, None)

    def _bring_back(self) -> None:
        draft = self._drafts.get(self._section)
        if draft is not None and draft != self.field.toPlainText():
            self.field.setPlainText(draft)

    def show_written(self, written: Written, write: Write, typing: Typing) -> None:
        self.field.typing = lambda _text: None
        if written.section != self._section:
            draft = self._drafts.get(written.section)
            self._section = written.section
            self.field.show_other(written.text, written.feel, written.steps)
            self._say("")
            if draft is not None:
                self._drafts[self._section] = draft
                self._bring_back()
        else:
            self.field.set_value(written.text, written.feel, written.steps)
        self.field.write, self.field.typing = write, typing

    def _say(self, words: str) -> None:
        self._hint.setText(words)
        self._hint.setVisible(bool(words))


class SequenceBox(QWidget):
    """The sequence as a line; below it what cannot be read, and then the line stays as typed."""

    def __init__(self, text: str, write: Write):
        super().__init__()
        self._write = write
        self.field = TextField(text, tr("Sequence"), self._typed, tr("2*wall tag1 wall/16 wall"))
        self._hint = label("", "soft", wrap=True)
        self._hint.hide()
        down = QVBoxLayout(self)
        down.setContentsMargins(0, 0, 0, 0)
        down.setSpacing(4)
        down.addWidget(self.field)
        down.addWidget(self._hint)

    def show_text(self, text: str, write: Write) -> None:
        self._write = write
        if not self._hint.text():
            self.field.set_value(text)

    def _typed(self, text: str) -> None:
        trouble = self._write(text).split("\n")[0]
        self._hint.setText(trouble)
        self._hint.setVisible(bool(trouble))
