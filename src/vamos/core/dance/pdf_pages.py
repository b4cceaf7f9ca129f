"""Pages of a PDF that goes down and turns, with tags: what is a heading, a paragraph, a table, a picture and its words.

Drawn with ReportLab; the tree of tags is put on with pypdf (ISO 32000-1, 14.7 and 14.8), so that a screen reader reads
a sheet in its order. What is neither text nor picture is marked as an artifact.
"""

from __future__ import annotations

import io
from collections.abc import Iterator
from contextlib import contextmanager
from dataclasses import dataclass, field
from typing import Any

from vamos.core.dance import pdf_fonts
from vamos.wording import language

MARGIN = 42.0
INK, SOFT = "#1B2233", "#5B6070"


@dataclass
class Tag:
    """A node of the tree: its kind, its words for a picture, and what stands in it: tags, or (page, number) of drawn
    content.
    """

    kind: str
    words: str = ""
    inside: list[Tag | tuple[int, int]] = field(default_factory=list)


class Pages:
    """A pen for A4 upright; ``y`` is where it stands. Everything is drawn within :meth:`tag` or :meth:`artifact`."""

    def __init__(self, title: str):
        from reportlab.lib.pagesizes import A4
        from reportlab.pdfgen.canvas import Canvas

        self.width, self.height = A4
        self.title = title
        self._out = io.BytesIO()
        pdf_fonts.face("Manrope")
        self.canvas: Any = Canvas(self._out, pagesize=A4, invariant=1, initialFontName="Manrope")
        self.canvas.setTitle(title)
        self.canvas.setCreator("Vamos")
        self.y = self.height - MARGIN
        self.number = 1
        self._tree = Tag("Document")
        self._open = [self._tree]
        self._drawn: list[int] = [0]

    @property
    def room(self) -> float:
        return float(self.width - 2 * MARGIN)

    # --- tags ----------------------------------------------------------------------------

    @contextmanager
    def within(self, kind: str, words: str = "") -> Iterator[None]:
        """A tag that holds others: Sect, Table, TR."""
        tag = Tag(kind, words)
        self._open[-1].inside.append(tag)
        self._open.append(tag)
        try:
            yield
        finally:
            self._open.pop()

    @contextmanager
    def tag(self, kind: str, words: str = "") -> Iterator[None]:
        """What is drawn now is such a thing; the page is not turned within it."""
        with self.within(kind, words), self.content():
            yield

    @contextmanager
    def content(self) -> Iterator[None]:
        """More of the open tag, perhaps on the next page."""
        kind, number = self._open[-1].kind, self._drawn[-1]
        self._drawn[-1] += 1
        self._open[-1].inside.append((self.number - 1, number))
        self.canvas._code.append(f"/{kind} <</MCID {number}>> BDC")
        yield
        self.canvas._code.append("EMC")

    @contextmanager
    def artifact(self) -> Iterator[None]:
        """Lines, boxes, page numbers: nothing that is read."""
        self.canvas._code.append("/Artifact BMC")
        yield
        self.canvas._code.append("EMC")

    # --- the pen -------------------------------------------------------------------------

    def need(self, height: float) -> None:
        """Turn the page when what comes next does not fit."""
        if self.y - height < MARGIN:
            self.turn()

    def turn(self) -> None:
        self._foot()
        self.canvas.showPage()
        self.number += 1
        self._drawn.append(0)
        self.y = self.height - MARGIN

    def _foot(self) -> None:
        with self.artifact():
            self.text(MARGIN, MARGIN - 18, self.title, 8, SOFT)
            number = str(self.number)
            self.text(self.width - MARGIN - pdf_fonts.width(number, 8), MARGIN - 18, number, 8, SOFT)

    def text(self, x: float, y: float, text: str, size: float, colour: str = INK, bold: bool = False) -> None:
        self.canvas.setFillColor(colour)
        pdf_fonts.draw(self.canvas, x, y, text, size, bold)

    def end(self) -> bytes:
        """The file, with its tags."""
        self._foot()
        self.canvas.save()
        return _tagged(self._out.getvalue(), self._tree, self._drawn)


def _tagged(data: bytes, tree: Tag, drawn: list[int]) -> bytes:
    """A PDF with its tree of tags; ``drawn`` is how many pieces of content each page has."""
    from pypdf import PdfWriter
    from pypdf.generic import (
        ArrayObject,
        BooleanObject,
        DictionaryObject,
        NameObject,
        NullObject,
        NumberObject,
        TextStringObject,
    )

    writer = PdfWriter(clone_from=io.BytesIO(data))
    pages = [page.indirect_reference for page in writer.pages]
    parents: list[list[Any]] = [[NullObject()] * count for count in drawn]

    def name(text: str) -> NameObject:
        return NameObject(f"/{text}")

    def put(tag: Tag, parent: Any) -> Any:
        made = DictionaryObject({name("Type"): name("StructElem"), name("S"): name(tag.kind), name("P"): parent})
        reference = writer._add_object(made)
        inside = ArrayObject()
        for one in tag.inside:
            if isinstance(one, Tag):
                inside.append(put(one, reference))
                continue
            page, number = one
            parents[page][number] = reference
            row = {name("Type"): name("MCR"), name("Pg"): pages[page], name("MCID"): NumberObject(number)}
            inside.append(DictionaryObject(row))
        made[name("K")] = inside
        if tag.words:
            made[name("Alt")] = TextStringObject(tag.words)
        return reference

    root = DictionaryObject({name("Type"): name("StructTreeRoot")})
    root_reference = writer._add_object(root)
    root[name("K")] = ArrayObject([put(tree, root_reference)])
    numbers = ArrayObject()
    for k, (page, own) in enumerate(zip(writer.pages, parents, strict=True)):
        page[name("StructParents")] = NumberObject(k)
        page[name("Tabs")] = name("S")
        numbers += [NumberObject(k), writer._add_object(ArrayObject(own))]
    root[name("ParentTree")] = writer._add_object(DictionaryObject({name("Nums"): numbers}))
    root[name("ParentTreeNextKey")] = NumberObject(len(parents))
    catalog = writer.root_object
    catalog[name("StructTreeRoot")] = root_reference
    catalog[name("MarkInfo")] = DictionaryObject({name("Marked"): BooleanObject(True)})
    catalog[name("Lang")] = TextStringObject(language())
    catalog[name("ViewerPreferences")] = DictionaryObject({name("DisplayDocTitle"): BooleanObject(True)})
    out = io.BytesIO()
    writer.write(out)
    return out.getvalue()
