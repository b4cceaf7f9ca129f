"""What was read of a sheet up to a line: its sections, and what each line was taken for."""

from __future__ import annotations

from vamos.core.dance.sheets.below import Below
from vamos.core.dance.sheets.cells import words
from vamos.core.dance.sheets.heads import OFTEN
from vamos.core.dance.sheets.made import Like, WrittenSection
from vamos.core.dance.sheets.moved import like_of
from vamos.core.dance.sheets.read_as import LineIs, SheetLine
from vamos.core.model.dance import kind_by_name
from vamos.wording import words_of

tr = words_of(__name__)


class SoFar:
    """Sections and lines of a sheet while it is read."""

    def __init__(self, rows: list[str]):
        self.rows = rows
        self.below = Below(rows, self.goes_on)
        self.lines: list[SheetLine] = []
        self.sections: list[WrittenSection] = []
        self.part = ""
        self.parts: dict[str, list[str]] = {}
        self.name = ""

    def take(self, index: int, taken: LineIs, told: str = "") -> None:
        section = self.sections[-1].name if self.sections else ""
        if taken is LineIs.HEAD and not told and OFTEN.search(self.rows[index]):
            told = tr("How often it is danced is not taken from a title: it stands once here.")
        self.lines.append(SheetLine(index + 1, self.rows[index], taken, section, told))

    def open(self, name: str, length: int | None = None, offset: int = 0) -> None:
        used = {s.name for s in self.sections}
        free, number = words(name) or tr("Section {number}", number=len(self.sections) + 1), 2
        base = free
        while free in used:
            free, number = f"{base} {number}", number + 1
        if kind_by_name(free) is not None:
            # A tag or an ending belongs to no part of the song.
            self.part = ""
        self.sections.append(WrittenSection(free, length, self.part, offset))
        if self.part:
            self.parts.setdefault(self.part, []).append(free)

    def open_under(self, name: str, offset: int = 0) -> None:
        """Another section under the head of the one above."""
        above = self.sections[-1].under or self.sections[-1].name if self.sections else ""
        self.open(name, None, offset)
        self.sections[-1].under = above

    def goes_on(self) -> bool:
        return bool(self.sections and self.sections[-1].moves)

    def same(self, words_said: str) -> Like | None:
        """The section that another one is said to be like, and on which side; None when none is."""
        return like_of(words_said, {k: s.name for k, s in enumerate(self.sections) if s.moves or s.like})

    def empty(self, index: int) -> bool:
        """Whether this is the one line below a head."""
        empty = bool(self.sections) and not self.sections[-1].moves and self.sections[-1].like is None
        return empty and not self.below.moves_follow(index)
