"""The dance that the lines of a sheet make: sections, parts, facts, and the sequence with its restarts and tags."""

from __future__ import annotations

import re
from dataclasses import dataclass, field, replace
from typing import NamedTuple

from vamos.core.dance.counts_typed import NotationError
from vamos.core.dance.facing import heading_of
from vamos.core.dance.remarks import NUMBERS, Added, Cut, facing_at_end
from vamos.core.dance.sequence import parse_sequence
from vamos.core.dance.sheets.cells import LONGEST_SECTION, foot_of
from vamos.core.dance.sheets.faced import otherwise_faced, told_of
from vamos.core.model.dance import (
    Dance,
    DancePart,
    Event,
    Item,
    ItemKind,
    MoveSet,
    Section,
    ShortWord,
    Stated,
    kind_by_name,
)
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

FIRST_NUMBER = re.compile(r"(?<![\d:/])(\d{1,3})(?![\d:/])")


class Like(NamedTuple):
    """It is danced as another section, by its place: on the other side, or beginning with a foot."""

    place: int
    mirrored: bool
    foot: str = ""


@dataclass
class WrittenSection:
    """A section while it is read."""

    name: str
    length: int | None = None
    part: str = ""
    offset: int = 0
    moves: list[tuple[int, str]] = field(default_factory=list)
    facings: list[tuple[int, int]] = field(default_factory=list)
    cuts: list[tuple[int, Cut]] = field(default_factory=list)
    events: tuple[Event, ...] = ()
    others: tuple[MoveSet, ...] = ()
    like: Like | None = None
    #: Nobody said how long it is.
    open_end: bool = False
    #: The section under whose head it stands, where counts began at 1 again without one.
    under: str = ""


@dataclass
class WrittenSheet:
    """What was found in the lines of a sheet; it makes the dance and tells what could not be kept."""

    name: str
    facts: dict[str, str]
    sections: list[WrittenSection]
    parts: dict[str, list[str]]
    cuts: list[tuple[int, Cut]]
    added: list[Added]
    #: Sets of three counts, not of eight.
    threes: bool = False
    short: dict[str, str] = field(default_factory=dict)
    remarks: list[str] = field(default_factory=list)
    #: Told of a line: its index → what.
    told: dict[int, str] = field(default_factory=dict)

    def dance(self) -> Dance:
        self._whole_eights()
        written = [s for s in self.sections if s.events or s.length]
        sections = tuple(
            # A section of which nothing was understood keeps its place and its counts.
            Section(s.name, s.length or 8, s.events, others=s.others)
            for s in written
        )
        names = {s.name for s in sections}
        parts = tuple(
            DancePart(name.split()[-1] if name.lower().startswith(("part ", "teil ")) else name, kept)
            for name, several in (self.parts | self._grown()).items()
            if (kept := tuple(n for n in several if n in names))
        )
        facts = self.facts
        dance = Dance(
            self.name,
            sections,
            credits=facts.get("by", ""),
            level=facts.get("level", ""),
            rights=facts.get("rights", ""),
            starts_on=facts.get("start", ""),
            links=tuple(filter(None, (facts.get("link", ""),))),
            parts=parts,
            stated=Stated(_number(facts.get("walls")), _number(facts.get("counts"))),
            start_heading=heading_of(facts.get("facing", "")) or 0,
            words=tuple(ShortWord(short, means) for short, means in self.short.items()),
        )
        try:
            dance = replace(dance, start_weight=foot_of(facts.get("weight", "")))
        except InputError as error:
            self.remarks.append(error.what)
        dance = replace(dance, sequence=self._sequence(dance))
        self._check_facings(dance)
        for index, told in otherwise_faced(dance, [*self._all_cuts(), *self.added]):
            self._tell(index, told)
        return dance

    def _all_cuts(self) -> list[Cut]:
        return [cut for _, cut in (*self.cuts, *(found for s in self.sections for found in s.cuts))]

    def _tell(self, index: int, told: str) -> None:
        """Something to be looked at, at a line of the sheet from 0."""
        self.remarks.append(tr("line {number}: {what}", number=index + 1, what=told))
        self.told[index] = told

    def _grown(self) -> dict[str, list[str]]:
        """Heads with several eights below them, where the order calls them: the name stands for all of these."""
        found: dict[str, list[str]] = {}
        for section in self.sections if self.facts.get("sequence") else ():
            if section.under and not section.part:
                found.setdefault(section.under, [section.under]).append(section.name)
        return found

    def _whole_eights(self) -> None:
        """A section whose length nobody said is whole eights, unless its own counts make the number that is told."""
        total = sum(s.length or 0 for s in self.sections if kind_by_name(s.name) is None)
        if total == _number(self.facts.get("counts")):
            return
        for section in self.sections:
            if section.open_end and section.length:
                each = 3 if self.threes else 8
                section.length = min(LONGEST_SECTION, -(-section.length // each) * each)

    def _sequence(self, dance: Dance) -> tuple[Item, ...]:
        said = self.facts.get("sequence", "")
        if said:
            try:
                order = parse_sequence(said, dance)
                self.remarks += _never_danced(order, dance)
                return order
            except NotationError as error:
                self.remarks.append(
                    tr("The sequence “{said}” was left aside: {error}", said=said, error=error.expected)
                )
        if dance.parts:
            return ()
        cuts = dict(self._restarts(dance))
        tags = self._tags(dance)
        if not cuts and not tags:
            return (Item(ItemKind.WALL),) if any(kind_by_name(s.name) is None for s in dance.sections) else ()
        last = max([*cuts, *tags]) + 1
        items: list[Item] = []
        for wall in range(1, last + 1):
            items.append(Item(ItemKind.WALL, restart_after=cuts.get(wall)))
            items += tags.get(wall, ())
        return tuple(items)

    def _restarts(self, dance: Dance) -> list[tuple[int, int]]:
        out: list[tuple[int, int]] = []
        wall = sum(s.length for s in dance.wall_sections())
        rows = [(cut, None) for _, cut in self.cuts]
        before = 0
        for section in self.sections:
            for at, cut in section.cuts:
                # What is danced as another one is danced whole.
                done = (section.length or 0) if section.like is not None and not at else counts_in(section, at)
                rows.append((cut, before + done))  # type: ignore[arg-type]
            if kind_by_name(section.name) is None:
                before += section.length or 0
        for cut, here in rows:
            after = cut.after if cut.after is not None else here
            if cut.after is None and cut.section is not None:
                after = sum(s.length for s in dance.wall_sections()[: cut.section])
            if cut.named and (number := _section_named(cut.named, dance)):
                after = sum(s.length for s in dance.wall_sections()[:number])
            if left := _left_aside(cut, after, wall, dance):
                self.remarks.append(left)
                self.told[cut.line] = left
                continue
            assert after is not None
            out += [(number, after) for number in cut.walls]
        return out

    def _tags(self, dance: Dance) -> dict[int, tuple[Item, ...]]:
        tags = [s for s in dance.sections if kind_by_name(s.name) is ItemKind.TAG]
        out: dict[int, tuple[Item, ...]] = {}
        for added in self.added:
            fits = [s for s in tags if added.counts in (None, s.length)] or tags
            if not fits and not added.counts:
                self.remarks.append(tr("A tag was left aside: its moves are not written."))
                continue
            item = (
                Item(ItemKind.TAG, (fits[0].name,), fits[0].name)
                if fits
                else Item(ItemKind.HOLD, name="hold", counts=added.counts or 4)
            )
            for wall in added.walls:
                out[wall] = (*out.get(wall, ()), item)
        return out

    def _check_facings(self, dance: Dance) -> None:
        """Facings that stand in brackets are compared with what the turns lead to."""
        heading: int | None = dance.start_heading
        for section in self.sections:
            events = sorted(section.events, key=lambda e: e.start)
            for line, said in section.facings:
                end = counts_in(section, line + 1)
                turns = [e.turn for e in events if e.start < end]
                if heading is None or any(t is None for t in turns):
                    continue
                found = (heading + sum(t for t in turns if t is not None)) % 8
                if found != said:
                    index = section.moves[line][0]
                    self._tell(index, told_of(said, found))
            turned = [e.turn for e in events]
            if kind_by_name(section.name) is not None:
                continue
            if heading is not None:
                heading = None if any(t is None for t in turned) else (heading + sum(filter(None, turned))) % 8


def _never_danced(items: tuple[Item, ...], dance: Dance) -> list[str]:
    """Told of sections that no place of the order calls."""
    danced = {name for item in items for name in item.sections}
    if any(item.kind is ItemKind.WALL and not item.sections for item in items):
        danced |= {s.name for s in dance.wall_sections()}
    return [
        tr("“{name}” has no place in the order: it is never danced.", name=s.name)
        for s in dance.sections
        if s.name not in danced
    ]


def _left_aside(cut: Cut, after: int | None, wall: int, dance: Dance) -> str:
    """Why a restart is none; empty for one that is."""
    if cut.named and not _section_named(cut.named, dance) and after in (None, wall):
        return tr(
            "A restart was left aside: no section is called “{words}”. Say after how many counts.", words=cut.named
        )
    if after is not None and after == wall:
        return tr("A restart at the end of a wall was left aside: the next wall begins there.")
    if after is None or not 0 < after < wall:
        return tr("A restart was left aside: after which count is not known.")
    return ""


def _section_named(words: str, dance: Dance) -> int:
    """The number of the section that words name: its letter, its title, “second part”; 0 when none or several are."""
    said = words.lower().split()
    names = [re.split(r"[\s:).]+", s.name.lower()) for s in dance.wall_sections()]
    letters = [k for k, name in enumerate(names, 1) if len(said[0]) == 1 and name[0] == said[0]]
    titled = [k for k, name in enumerate(names, 1) if len(said[0]) > 1 and said[0] in name and set(said) <= set(name)]
    if NUMBERS.get(said[0], 0) and len(said) > 1 and 0 < NUMBERS[said[0]] <= len(names):
        return NUMBERS[said[0]]
    found = letters or titled
    return found[0] if len(found) == 1 else 0


def counts_in(section: WrittenSection, lines: int) -> int:
    """How many counts of a section its first lines hold, by the last number in them."""
    numbers = [int(n) for _, text in section.moves[:lines] for n in FIRST_NUMBER.findall(facing_at_end(text)[0])]
    return max(0, max(numbers, default=0) - section.offset) if lines else 0


def _number(text: str | None) -> int | None:
    match = re.match(r"\D*(\d{1,4})", text or "")
    return int(match.group(1)) if match else None
