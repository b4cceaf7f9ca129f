"""What the actions of the stop Dance do: writing sections and counts, the wall map, sheets."""

from __future__ import annotations

from collections.abc import Callable
from fractions import Fraction
from math import floor
from pathlib import Path

from vamos.core.dance.checks import Problem
from vamos.core.dance.export import export_sheet
from vamos.core.dance.offers import Offer, offers_at
from vamos.core.dance.section_text import count_words
from vamos.core.dance.sequence import parse_sequence, print_sequence
from vamos.core.dance.sheets.files import read_sheet_file
from vamos.core.dance.variants import in_variant, variants
from vamos.core.dance.wall_map import Drawing, wall_map
from vamos.core.edit import dance as edit
from vamos.core.model.dance import Section
from vamos.core.model.project import Project
from vamos.errors import InputError, VamosError
from vamos.ui.desk import Desk
from vamos.ui.parts.text import plural, sentence
from vamos.ui.stops.dance.paste import PasteView
from vamos.ui.stops.dance.wall_map import WallMap
from vamos.ui.work.scope import DocumentScope, OfDocument
from vamos.ui.work.session import file_name
from vamos.wording import words_of

tr = words_of(__name__)

NOTATION = tr("Notation of the section")


class DanceCommands:
    """Each action of the stop is a method."""

    _variant = OfDocument(str)
    #: Lines of notation that were begun and cannot be read yet, by section.
    drafts = OfDocument[dict[str, str]](dict)

    def __init__(self, desk: Desk):
        self._desk = desk
        self.map = WallMap(self._drawing)
        desk.center.add(self.map)
        self.pasted = PasteView(desk)
        desk.center.add(self.pasted)

    @property
    def scope(self) -> DocumentScope:
        return self._desk.scope

    def new_section(self) -> None:
        line = self._desk.line()
        after = line.section.name if line is not None and line.section is not None else None
        before = {s.name for s in self._desk.project.dance.sections}
        if not self._desk.do(tr("New section"), lambda p: edit.add_section(p, after=after)):
            return
        new = next(s.name for s in self._desk.project.dance.sections if s.name not in before)
        self.write_in(new)
        walls = len(self._desk.project.dance.sequence)
        if not before and walls > 1:
            self._desk.tell(
                tr("It is danced {times} over the song, until you write the sequence.", times=plural(walls, "time"))
            )

    def write_in(self, name: str) -> None:
        """To the line of a section, with the hands in its field."""
        self._go_to_section(name)
        self._desk.focus_on(NOTATION)

    def _go_to_section(self, name: str) -> None:
        for number, line in enumerate(self._desk.session.lines):
            if line.section is not None and line.section.name == name:
                self._desk.page.go_to(number)
                return

    def write_section(self, name: str, text: str) -> str:
        """A section's line of notation; gives back what cannot be read, and then changes nothing."""
        return self._written(
            tr("Write a section"), lambda p: edit.write_section(p, name, text), tr("{name} is written", name=name)
        )

    def write_sequence(self, text: str) -> str:
        """The sequence as typed; gives back what cannot be read, and then changes nothing."""
        try:
            taken = print_sequence(parse_sequence(text, self._desk.project.dance), self._desk.project.dance)
        except InputError:
            taken = ""
        return self._written(
            tr("Sequence"), lambda p: edit.write_sequence(p, text), tr("Read as {taken}", taken=taken) if taken else ""
        )

    def _written(self, name: str, change: Callable[[Project], Project], told: str) -> str:
        try:
            change(self._desk.project)
        except InputError as error:
            self._desk.tell(str(error).split("\n")[0])
            return str(error)
        self._desk.do(name, change, told)
        return ""

    # --- what could be meant -------------------------------------------------------------

    def offers_here(self) -> tuple[Offer, ...]:
        """What is offered on the count the page stands on."""
        line = self._desk.line()
        if line is None or line.section is None:
            return ()
        count = floor(self._desk.position - line.start + line.first)
        return offers_at(self._desk.project.dance, line.section.name, count)

    def take_offer(self, number: int) -> None:
        found = self.offers_here()
        if number >= len(found):
            self._desk.tell(tr("Nothing is open on this count. What is open is listed under To check."))
            return
        offer = found[number]
        self._desk.do(
            tr("Question answered"), lambda p: edit.take_offer(p, offer), f"{sentence(offer.words)} {offer.leads}"
        )

    # --- shown otherwise -----------------------------------------------------------------

    def variant(self) -> None:
        """The page as written, then in each variant."""
        known = ("", *variants(self._desk.project.dance))
        if len(known) == 1:
            self._desk.tell(
                tr("No variant is written. Write Easier or Harder beside a count, or other moves with “or”.")
            )
            return
        now = known[(known.index(self._variant) + 1) % len(known)] if self._variant in known else ""
        self._variant = now
        sections = self._desk.project.dance.sections if now else ()
        self._show_instead({s.name: in_variant(s, now) for s in sections})
        self._desk.tell(
            tr("The page shows it {now}. E shows the next.", now=now) if now else tr("The page shows it as written.")
        )

    def show_typed(self, name: str, text: str | None) -> None:
        """A section as it is being typed, as far as it can be read; None: as it is written."""
        instead = {k: v for k, v in self._desk.content.instead.items() if k != name}
        if text is not None:
            try:
                typed = edit.write_section(self._desk.project, name, text)
            except InputError:
                return
            instead[name] = typed.dance.section(name)
        self._show_instead(instead)

    def _show_instead(self, sections: dict[str, Section]) -> None:
        if sections != self._desk.content.instead:
            self._desk.content.instead = sections
            self._desk.page.invalidate()

    def write_count(self) -> None:
        """A field over the count the page stands on."""
        line = self._desk.line()
        if line is None or line.section is None:
            self._desk.tell(tr("This line is not danced. Go to a line of the dance, or begin a section (Ctrl+Return)."))
            return
        self._desk.show_page()
        section, column = line.section, self._desk.position - line.start
        count = int(column + line.first)

        def done(text: str | None, step: int) -> None:
            before = count_words(section, count)
            if text is not None and text.strip() != before:
                where = tr("Count {number} of {name} is written", number=count + 1, name=section.name)
                self._desk.do(tr("Write a count"), lambda p: edit.write_count(p, section.name, count, text), where)
            self._desk.page.setFocus()
            if step:
                self._desk.page.step_count(step)
                self.write_count()

        name = tr("Count {number} of {name}", number=count + 1, name=section.name)
        self._desk.page.edit_cell(count_words(section, count), name, done)

    def offer_1(self) -> None:
        self.take_offer(0)

    def offer_2(self) -> None:
        self.take_offer(1)

    def offer_3(self) -> None:
        self.take_offer(2)

    def offer_4(self) -> None:
        self.take_offer(3)

    def offer_5(self) -> None:
        self.take_offer(4)

    def offer_6(self) -> None:
        self.take_offer(5)

    def wall_map(self) -> None:
        """The wall map instead of the page, and back."""
        if self._desk.center.view is self.map:
            self._desk.show_page()
        elif self._drawing() is None:
            self._desk.tell(tr("There is no sequence to draw yet."))
        else:
            self._desk.show_view(self.map)

    def _drawing(self) -> Drawing | None:
        project = self._desk.project
        if not project.dance.sequence or not self._desk.session.lines:
            return None
        return wall_map(project.dance, project.grid)

    def go_to_problem(self, problem: Problem) -> None:
        """To the first line of the section a problem is in, or of the entry of the sequence."""
        for number, line in enumerate(self._desk.session.lines):
            there = line.item == problem.item if problem.item is not None else line.title == problem.section
            if there and line.section is not None:
                start = problem.start if problem.start is not None and problem.item is None else Fraction(0)
                self._desk.show_page()
                self._desk.page.go_to(number, Fraction(max(0, int(start - line.first))))
                return
        self._desk.tell(tr("No line of the page dances that; look at the sequence."))

    def paste_sheet(self) -> None:
        """What is in the clipboard, in its own view; nothing is taken in yet."""
        self._desk.show_view(self.pasted)
        self.pasted.paste()

    def read_sheet(self) -> None:
        path = self._desk.ask_open(tr("Read a sheet"), tr("Count sheets (*.csv *.json *.md *.txt)"))
        if path is not None:
            self.read_sheet_from(path)

    def read_sheet_from(self, path: Path) -> None:
        try:
            found = read_sheet_file(path)
        except VamosError as error:
            self._desk.tell(str(error))
            return
        self._desk.do(
            tr("Read a sheet"),
            lambda p: edit.set_dance(p, found.dance),
            " ".join([tr("The dance of {name} is read.", name=path.name), *found.remarks]),
        )

    def write_sheet(self) -> None:
        kinds = tr("PDF (*.pdf);;Markdown (*.md);;CSV (*.csv);;JSON (*.json);;Wall map (*.svg)")
        project = self._desk.project
        path = self._desk.ask_save(tr("Write the sheet"), kinds, file_name(project.dance.name or project.name, "sheet"))
        if path is not None:
            self.write_sheet_to(path)

    def write_sheet_to(self, path: Path) -> None:
        project = self._desk.project
        self._desk.attempt(lambda: export_sheet(project, path), tr("The sheet is in {path}.", path=path))
