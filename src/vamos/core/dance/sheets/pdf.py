"""The count sheet as PDF, A4 upright, readable in black and white; set with ReportLab.

At the head the card, then each section as a strip of counts (names, feet, turns), then the wall
map and the cautions. Right feet are solid, left feet striped, both with their letter; touches are
hollow. A sheet takes one or two pages; longer dances go on.
"""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import replace
from math import ceil
from pathlib import Path
from typing import Any

from vamos.core.dance import pdf_fonts
from vamos.core.dance.card import Card, Field, card_of
from vamos.core.dance.facing import clock_text, turn_words
from vamos.core.dance.lines import Line, LineKind, even_pulse, lines_of
from vamos.core.dance.pdf_pages import INK, MARGIN, SOFT, Pages
from vamos.core.dance.wall_map import Drawing, Primitive, wall_map
from vamos.core.dance.who import rows_of
from vamos.core.disk.outputs import write_output
from vamos.core.model.dance import Event, Foot, Kind, Section
from vamos.core.model.project import Project
from vamos.core.time.counts import count_text
from vamos.wording import words_of

tr = words_of(__name__)

STRIP = 62.0


def write_pdf(project: Project, path: Path) -> None:
    """Write the sheet of a project's dance; raises WriteError."""
    write_output(path, sheet_pdf(project))


def sheet_pdf(project: Project) -> bytes:
    """The sheet as the bytes of a PDF file."""
    page = _Page(project.dance.name or tr("Count sheet"))
    card = card_of(project)
    page.head(card)
    if in_sixes([s.length for s in project.dance.sections]):
        page.columns = 6
    lines = lines_of(even_pulse(project.dance), project.dance) if project.dance.sequence else ()
    for section in project.dance.sections:
        page.section(section, "; ".join(_comes(lines, section)))
    grid = project.grid
    if project.dance.sequence:
        page.drawing(tr("Walls"), wall_map(project.dance, grid, page.room))
    page.cautions(project)
    return page.end()


def in_sixes(lengths: list[int]) -> bool:
    """Whether a dance is counted in threes and sixes: all lengths are, and not all in eights."""
    return all(n % 3 == 0 for n in lengths) and any(n % 8 for n in lengths)


class _Page(Pages):
    """The sheet, drawn down its pages."""

    columns = 8

    def wrapped(self, text: str, size: float, room: float, bold: bool = False) -> list[str]:
        return pdf_fonts.wrapped(text, size, room, bold)

    def head(self, card: Card) -> None:
        """Name large, then the card in two columns."""
        with self.tag("H1"):
            for line in self.wrapped(self.title, 22, self.room, bold=True)[:2]:
                self.y -= 22
                self.text(MARGIN, self.y, line, 22, bold=True)
                self.y -= 4
        self.y -= 8
        rows = [(tr(n), t) for n, t in card.rows if n is not Field.DANCE]
        half = ceil(len(rows) / 2)
        lowest = self.y
        for column, part in enumerate((rows[:half], rows[half:])):
            x, y = MARGIN + column * (self.room / 2 + 6), self.y
            for name, text in part:
                with self.tag("P"):
                    self.text(x, y - 9, name, 8, SOFT)
                    for line in self.wrapped(text, 9, self.room / 2 - 62):
                        self.text(x + 54, y - 9, line, 9)
                        y -= 12
                y -= 1
            lowest = min(lowest, y)
        self.y = lowest - 8
        self.rule(1.2)

    def rule(self, width: float = 0.6) -> None:
        with self.artifact():
            self.canvas.setStrokeColor(INK)
            self.canvas.setLineWidth(width)
            self.canvas.line(MARGIN, self.y, self.width - MARGIN, self.y)
        self.y -= 10

    def section(self, section: Section, comes: str = "") -> None:
        """A section in rows of eight counts, or of six in a dance in sixes; what fits a page is not torn by one."""
        self.need(min(self._height(section), self.height - 2 * MARGIN))
        feel = "" if section.feel == "straight" else f", {section.feel}"
        with self.within("Sect"):
            with self.tag("H2"):
                self.text(MARGIN, self.y - 10, section.name, 11, bold=True)
                wide = pdf_fonts.width(section.name, 11, bold=True)
                counts = tr("{length} counts{feel}", length=section.length, feel=feel)
                self.text(MARGIN + wide + 8, self.y - 10, counts, 8, SOFT)
                if comes:
                    wide += 16 + pdf_fonts.width(counts, 8)
                    room = self.room - wide
                    said = self.wrapped(comes, 8, room)
                    self.text(MARGIN + wide, self.y - 10, said[0] + " …" * (len(said) > 1), 8, SOFT)
            self.y -= 16
            with self.within("Table"):
                self._rows(section)
            self._notes(section)
        self.y -= 2

    def _height(self, section: Section) -> float:
        """How much of a page a section takes, at most."""
        rows, who = ceil(section.length / self.columns), rows_of(section)
        each = STRIP + (10 if len(who) > 1 else 0)
        return 18 + rows * len(who) * each + 12 * sum(bool(_note(e)) for e in section.events)

    def _rows(self, section: Section) -> None:
        who = rows_of(section)
        for row in range(ceil(section.length / self.columns)):
            first, last = row * self.columns, min(section.length, (row + 1) * self.columns)
            for name, events in who:
                if len(who) > 1 and not any(first <= e.start < last or (first == 0 and e.start < 0) for e in events):
                    continue
                self.need(STRIP + (10 if len(who) > 1 else 0))
                with self.within("TR"):
                    if len(who) > 1:
                        with self.tag("TH"):
                            self.text(MARGIN, self.y - 7, name or tr("everybody"), 8, bold=True)
                        self.y -= 10
                    self._strip(replace(section, events=events), first, last)

    def _notes(self, section: Section) -> None:
        for event in section.events:
            if note := _note(event):
                self.need(12)
                with self.tag("P"):
                    self.text(MARGIN, self.y - 8, f"{count_text(event.start, section.feel)}: {note}", 8, SOFT)
                self.y -= 12

    def _strip(self, section: Section, first: int, last: int) -> None:
        step = self.room / self.columns
        top, height = self.y, STRIP - 8
        for k in range(first, last):
            x = MARGIN + (k - first) * step
            with self.artifact():
                self.canvas.setStrokeColor(INK)
                self.canvas.setLineWidth(0.6)
                self.canvas.rect(x, top - height, step, height, stroke=1, fill=0)
                if any(e.start < k and e.start + e.length > k for e in section.events):
                    self.canvas.setStrokeColor(SOFT)
                    self.canvas.line(x + 4, top - 20, x + step - 4, top - 20)
            here = [e for e in section.events if k <= e.start < k + 1 or (k == 0 and e.start < 0)]
            share = step / max(1, len(here))
            with self.tag("TD"):
                self.text(x + 4, top - 11, str(k + 1), 9, bold=True)
                for number, event in enumerate(here):
                    self._event(event, section, x + number * share, top, share, number)
        self.y -= STRIP

    def _event(self, event: Event, section: Section, x: float, top: float, room: float, number: int) -> None:
        if event.start.denominator > 1:
            self.text(x + (4 if number else 16), top - 11, count_text(event.start, section.feel), 8, SOFT)
        size = 7.5 if room > 40 else 6.2
        most, name = 3 if room > 40 else 4, event.name or str(event.kind)
        own = event.cue if event.cue.lower() != name.lower() else ""
        # The teacher's own word for the step; below it, small, which part of it this is.
        said = self.wrapped(own, size, room - 5)[: most - 1] if own else []
        down = top - 22
        for line in said:
            self.text(x + 4, down, line, size, bold=True)
            down -= size + 1
        small = size - 1 if said else size
        colour = SOFT if said or event.kind is Kind.HOLD else INK
        for line in self.wrapped(name, small, room - 5)[: most - len(said)]:
            self.text(x + 4, down, line, small, colour)
            down -= small + 1
        y = top - STRIP + 12
        if event.foot is not Foot.NONE:
            self._foot_box(x + 4, y, event)
        if word := turn_words(event.turn, event.size):
            self.text(x + 4, y + 15, word if room > 40 else word.split()[0], 6.8, bold=True)
        if event.lyric and room > 40:
            self.text(x + 20, y + 2, event.lyric[:12], 6.5, SOFT)

    def _foot_box(self, x: float, y: float, event: Event) -> None:
        """Right solid, left striped, both halves; a touch hollow."""
        canvas, size = self.canvas, 11.0
        canvas.setStrokeColor(INK)
        canvas.setLineWidth(0.8)
        solid = event.kind is not Kind.TOUCH
        right = event.foot is Foot.RIGHT
        canvas.setFillColor(INK if solid and right else "#FFFFFF")
        canvas.rect(x, y, size, size, stroke=1, fill=1)
        if solid and event.foot is Foot.LEFT:
            canvas.setStrokeColor("#8D93A2")
            canvas.setLineWidth(0.9)
            for k in (2.5, 5, 7.5, 10):
                canvas.line(x, y + k, x + k, y)
                canvas.line(x + size - k, y + size, x + size, y + size - k)
            canvas.setFillColor("#FFFFFF")
            canvas.rect(x + 3, y + 2, size - 6, size - 4, stroke=0, fill=1)
        letter = "B" if event.foot is Foot.BOTH else str(event.foot)
        colour = "#FFFFFF" if solid and right else INK
        canvas.setFont("Manrope-Bold", 7.5)
        canvas.setFillColor(colour)
        canvas.drawCentredString(x + size / 2, y + 3, letter)

    def drawing(self, title: str, drawing: Drawing) -> None:
        """A drawing under a title; what is higher than a page is shrunk to it."""
        most = self.height - 2 * MARGIN - 30
        scale = min(1.0, most / drawing.height)
        self.need(drawing.height * scale + 24)
        with self.tag("H2"):
            self.text(MARGIN, self.y - 10, title, 11, bold=True)
        self.y -= 16
        with self.tag("Figure", drawing.words):
            self.canvas.saveState()
            self.canvas.translate(MARGIN, self.y)
            self.canvas.scale(scale, scale)
            for shape in drawing.shapes:
                _draw(self.canvas, shape)
            self.canvas.restoreState()
        self.y -= drawing.height * scale + 8

    def cautions(self, project: Project) -> None:
        """What applies to this dance, from its own marked events."""
        found = dict.fromkeys(e.caution for s in project.dance.sections for e in s.events if e.caution)
        if not found:
            return
        text = tr("Care: {found}. Ask a teacher or a physician when unsure.", found="; ".join(found))
        lines = self.wrapped(text, 8.5, self.room)
        self.need(12 * len(lines) + 6)
        with self.tag("P"):
            for line in lines:
                self.y -= 11
                self.text(MARGIN, self.y, line, 8.5)
        self.y -= 6


def _note(event: Event) -> str:
    """What is said of a move beside its name: a note, an easier and a harder form."""
    easier = tr("easier: {form}", form=event.easier) if event.easier else ""
    harder = tr("harder: {form}", form=event.harder) if event.harder else ""
    return "; ".join(x for x in (event.note, easier, harder) if x)


def _comes(lines: Sequence[Line], section: Section) -> Iterator[str]:
    """Which way a section begins, after which wall a tag or an ending comes, and where a wall begins again in it."""
    mine = [(k, x) for k, x in enumerate(lines) if x.section == section]
    for k, line in mine:
        clock = clock_text(line.heading) if line.heading is not None else "?"
        wall = next((x.wall for x in reversed(lines[:k]) if x.wall is not None), None)
        if line.kind is LineKind.DANCE and k == mine[0][0]:
            yield tr("begins facing {clock}", clock=clock)
        elif line.kind in (LineKind.TAG, LineKind.ENDING) and wall is not None:
            yield tr("{kind} after wall {wall}, facing {clock}", kind=line.kind, wall=wall, clock=clock)
    for _, line in mine:
        if line.cut and line.wall is not None and line.kind is LineKind.DANCE:
            last = int(line.first + line.length)
            yield tr("restart in wall {wall} after count {count}", wall=line.wall, count=last)


def _draw(canvas: Any, shape: Primitive) -> None:
    """One shape of a drawing; the canvas's y goes up, the drawing's down."""
    p = shape.points
    canvas.setDash([3, 3] if shape.dash else [])
    canvas.setLineWidth(shape.width)
    if shape.stroke:
        canvas.setStrokeColor(shape.stroke)
    if shape.fill:
        canvas.setFillColor(shape.fill)
    how = {"stroke": int(bool(shape.stroke)), "fill": int(bool(shape.fill))}
    if shape.kind == "line":
        canvas.line(p[0], -p[1], p[2], -p[3])
    elif shape.kind == "box":
        canvas.rect(p[0], -p[1] - p[3], p[2], p[3], **how)
    elif shape.kind == "circle":
        canvas.circle(p[0], -p[1], p[2], **how)
    elif shape.kind == "path":
        path = canvas.beginPath()
        path.moveTo(p[0], -p[1])
        for a, b in zip(p[2::2], p[3::2], strict=True):
            path.lineTo(a, -b)
        path.close()
        canvas.drawPath(path, **how)
    else:
        left = pdf_fonts.width(shape.text, shape.size, shape.bold) / 2 if shape.anchor == "middle" else 0.0
        pdf_fonts.draw(canvas, p[0] - left, -p[1], shape.text, shape.size, shape.bold)
