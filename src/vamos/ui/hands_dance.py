"""What the actions of the stop Dance do: writing sections and counts, the wall map, sheets."""

from __future__ import annotations

from collections.abc import Callable
from fractions import Fraction
from pathlib import Path
from typing import TYPE_CHECKING

from PyQt6.QtWidgets import QFileDialog

from vamos.core.dance import writing
from vamos.core.dance.checks import Problem
from vamos.core.dance.export import export_sheet
from vamos.core.dance.sheet_files import read_sheet
from vamos.core.document import edits
from vamos.core.model.project import Project
from vamos.errors import InputError, VamosError

if TYPE_CHECKING:
    from vamos.ui.window import Window


class DanceHands:
    """Part of :class:`vamos.ui.hands.Hands`."""

    _w: Window

    def new_section(self) -> None:
        line = self._w.current_line()
        after = line.section.name if line is not None and line.section is not None else None
        if self._w.session.project.song is None:
            self._w.tell("Add a song first; the dance is written on its counts.")
            return
        self._w.session.do("New section", lambda p: writing.add_section(p, after=after))

    def write_section(self, name: str, text: str) -> str:
        """A section's line of notation; gives back what cannot be read, and then changes nothing."""
        return self._written("Write a section", lambda p: writing.write_section(p, name, text))

    def write_sequence(self, text: str) -> str:
        """The sequence as typed; gives back what cannot be read, and then changes nothing."""
        return self._written("Sequence", lambda p: writing.write_sequence(p, text))

    def _written(self, name: str, edit: Callable[[Project], Project]) -> str:
        try:
            edit(self._w.session.project)
        except InputError as error:
            self._w.tell(str(error).split("\n")[0])
            return str(error)
        self._w.session.do(name, edit)
        return ""

    def write_count(self) -> None:
        """A field over the count the page stands on."""
        line = self._w.current_line()
        if line is None or line.section is None:
            self._w.tell("This line is not danced. Go to a line of the dance, or begin a new section (Ctrl+Return).")
            return
        self._w.route.go("Dance")
        self._w.show_page()
        section, column = line.section, self._w.page.position - line.start
        count = int(column + line.first)

        def done(text: str | None, step: int) -> None:
            before = writing.count_words(section, count)
            if text is not None and text.strip() != before:
                self._w.session.do("Write a count", lambda p: writing.write_count(p, section.name, count, text))
            self._w.page.setFocus()
            if step:
                self._w.page.step_count(step)
                self.write_count()

        self._w.page.edit_cell(writing.count_words(section, count), f"Count {count + 1} of {section.name}", done)

    def wall_map(self) -> None:
        self._w.toggle_wall_map()

    def go_to_problem(self, problem: Problem) -> None:
        """To the first line of the section a problem is in, or of the entry of the sequence."""
        for number, line in enumerate(self._w.session.lines):
            there = line.item == problem.item if problem.item is not None else line.title == problem.section
            if there and line.section is not None:
                start = problem.start if problem.start is not None and problem.item is None else Fraction(0)
                self._w.show_page()
                self._w.page.go_to(number, Fraction(max(0, int(start - line.first))))
                return

    def read_sheet(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self._w, "Read a sheet", "", "Count sheets (*.csv *.json *.md)")
        if name:
            self.read_sheet_from(Path(name))

    def read_sheet_from(self, path: Path) -> None:
        try:
            found = read_sheet(path)
        except VamosError as error:
            self._w.tell(str(error))
            return
        self._w.session.do("Read a sheet", lambda p: edits.set_dance(p, found))

    def write_sheet(self) -> None:
        kinds = "PDF (*.pdf);;Markdown (*.md);;CSV (*.csv);;JSON (*.json);;Wall map (*.svg)"
        name, chosen = QFileDialog.getSaveFileName(self._w, "Write the sheet", "", kinds)
        if name:
            path = Path(name)
            self.write_sheet_to(path if path.suffix else path.with_suffix(chosen.split("*")[1].rstrip(")")))

    def write_sheet_to(self, path: Path) -> None:
        try:
            export_sheet(self._w.session.project, path)
        except VamosError as error:
            self._w.tell(str(error))
        else:
            self._w.tell(f"The sheet is in {path}.")
