"""Count sheets as Markdown or plain text: sections with tables, or with lines of notation as they are typed.

``## Fan sweep (8)`` begins a section; below it stand rows of a table, or lines such as
``vine R 1-4, rock L 5, recover R 6``. What a reader sees is read back: counts, names, feet, turns, cue words, lyric
words, notes, the sequence.
"""

from __future__ import annotations

import itertools
import re
from dataclasses import replace
from typing import Any

from vamos.core.dance.counts_typed import NotationError, parse_counts
from vamos.core.dance.facing import clock_text, heading_of, turn_words
from vamos.core.dance.move_words import kind_of
from vamos.core.dance.parts import read_part
from vamos.core.dance.section_text import read_notation
from vamos.core.dance.sequence import parse_sequence, print_sequence
from vamos.core.dance.sheets.beyond import sealed, unsealed
from vamos.core.dance.sheets.cells import LONGEST_SECTION, SheetRead, foot_of, read_name, turned, whole_number, words
from vamos.core.dance.short_words import parse_words, print_words
from vamos.core.model.dance import Dance, Event, Foot, Kind, Section
from vamos.core.time import Feel
from vamos.core.time.counts import count_text
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

_TABLE = ("count", "what", "foot", "turn", "cue", "lyric", "note")
#: Stands there where partners, groups or arms have moves of their own.
_WHO = "who"
#: Other headings of the same columns.
_CALLED = {
    "counts": "count",
    "beat": "count",
    "step": "what",
    "move": "what",
    "name": "what",
    "feet": "foot",
    "lyrics": "lyric",
    "notes": "note",
    "role": _WHO,
}
_HEAD = re.compile(
    r"^##+\s+(?P<name>.*?)\s*(?:[(:,–-]\s*(?P<counts>\d+)\s*(?:counts?|cts?)?\s*(?:,\s*(?P<feel>straight|swung|rolling))?\s*\)?)?\s*$"
)
_FACT = re.compile(
    r"^(?:[-*]\s*)?(?:\*\*)?"
    r"(By|Level|Rights|Sequence|Dance|Starts on|Start weight|Start facing|Partner facing)(?:\*\*)?\s*:\s*(.*)$",
    re.IGNORECASE,
)
#: A part of a phrased dance stands at the head of the sheet.
_PART = re.compile(r"^(?:[-*]\s*)?(?:\*\*)?Part\s+([^:*]+?)(?:\*\*)?\s*:\s*(.*)$", re.IGNORECASE)


def dance_to_markdown(dance: Dance) -> str:
    """The sheet; behind it, what stands in none of its columns, where there is any."""
    text = _visible(dance)
    try:
        whole = read_markdown(text).dance == dance
    except InputError:
        whole = False
    return text if whole else text + sealed(text, dance)


def _visible(dance: Dance) -> str:
    lines = [f"# {words(dance.name) or 'Dance'}", ""]
    facing = clock_text(dance.start_heading) if dance.start_heading else ""
    partner = "" if dance.partner_heading is None else clock_text(dance.partner_heading)
    for name, value in (
        ("By", dance.credits),
        ("Level", dance.level),
        ("Rights", dance.rights),
        ("Starts on", dance.starts_on),
        ("Short words", print_words(dance.words)),
        ("Start weight", str(dance.start_weight)),
        ("Start facing", facing),
        ("Partner facing", partner),
        *((f"Part {p.name}", ", ".join(p.sections)) for p in dance.parts),
    ):
        if value:
            lines.append(f"- {name}: {_cell(value)}")
    sequence = print_sequence(dance.sequence, dance)
    if sequence:
        lines.append(f"- Sequence: `{sequence}`")
    for section in dance.sections:
        feel = "" if section.feel is Feel.STRAIGHT else f", {section.feel}"
        lines += ["", f"## {words(section.name)} ({section.length} counts{feel})", ""]
        several = any(e.role for e in section.events)
        columns = (*_TABLE, _WHO) if several else _TABLE
        lines.append("| " + " | ".join(columns) + " |")
        lines.append("|" + "---|" * len(columns))
        for event in sorted(section.events, key=lambda e: e.start):
            row = (*_row(event, section.feel), *((event.role,) if several else ()))
            lines.append("| " + " | ".join(map(_cell, row)) + " |")
    cautions = dict.fromkeys(e.caution for s in dance.sections for e in s.events if e.caution)
    if cautions:
        lines += ["", "**Care:** " + "; ".join(cautions) + ". Ask a teacher or a physician when unsure."]
    return "\n".join(lines) + "\n"


def _row(event: Event, feel: Feel) -> tuple[str, ...]:
    end = event.start + event.length
    count = count_text(event.start, feel)
    if event.start.denominator > 1 and event.start > 0:
        count = f"{int(event.start) + 1}{count}"
    if event.length > 1 and end.denominator == 1:
        count += f"-{int(end)}"
    foot = str(event.foot)
    if event.kind is not kind_of(event.name, event.foot):
        foot = f"{foot} {event.kind}"
    turn = turn_words(event.turn, event.size)
    return count, event.name, foot, turn, event.cue, event.lyric, event.note


def _cell(text: str) -> str:
    return words(text).replace("\\", "\\\\").replace("|", "\\|")


def _cells(line: str) -> list[str]:
    parts = re.split(r"(?<!\\)\|", line.strip().strip("|") if not line.strip().endswith("\\|") else line.strip()[1:])
    return [p.strip().replace("\\|", "|").replace("\\\\", "\\") for p in parts]


def read_markdown(text: str) -> SheetRead:
    """Sections, and the sequence; raises InputError naming the line and the column."""
    text, kept, changed = unsealed(text.lstrip("\ufeff"))
    if kept is not None:
        return SheetRead(kept, ())
    reader = _Reader()
    if changed:
        reader.remarks.append(
            tr("The sheet was changed after Vamos wrote it: what stood in none of its columns was left aside.")
        )
    for number, line in enumerate(text.lstrip("\ufeff").splitlines(), 1):
        try:
            reader.take(line.rstrip())
        except NotationError as error:
            raise InputError(
                tr(
                    "line {number}, column {number2}: expected {expected}.",
                    number=number,
                    number2=error.at + 1,
                    expected=error.expected,
                )
            ) from error
        except InputError as error:
            raise InputError(tr("line {number}: {what}", number=number, what=error.what)) from error
    return reader.read()


class _Reader:
    def __init__(self) -> None:
        self.name = ""
        self.facts: dict[str, str] = {}
        self.parts: list[str] = []
        self.sections: list[Section] = []
        self.given: list[bool] = []
        self.columns: list[str] = []
        self.remarks: list[str] = []

    def take(self, line: str) -> None:
        fact = _FACT.match(line)
        part = _PART.match(line) if not self.sections else None
        if line.startswith("##"):
            self._head(line)
        elif line.startswith("# "):
            self.name = words(line[2:])
        elif part is not None:
            self.parts.append(f"{part.group(1)}: {_uncell(part.group(2))}")
        elif fact is not None and not line.startswith("|"):
            self.facts[fact.group(1).capitalize()] = _uncell(fact.group(2))
        elif line.startswith("|") and self.sections:
            self._table_row(line)
        elif line.strip() and self.sections and not line.lstrip().startswith(("**", "<!--", ">", "---")):
            self._typed(line)

    def _head(self, line: str) -> None:
        match = _HEAD.match(line)
        if match is None or not words(match.group("name")):
            raise InputError(tr("a section begins with its name and its counts, such as “## Gate walk (8 counts)”."))
        counts = match.group("counts")
        length = whole_number(counts, tr("a number of counts"), 1, LONGEST_SECTION) if counts else 8
        self.given.append(counts is not None)
        self.sections.append(Section(words(match.group("name")), length, (), Feel(match.group("feel") or "straight")))
        self.columns = []

    def _add(self, events: tuple[Event, ...]) -> None:
        self.sections[-1] = replace(self.sections[-1], events=(*self.sections[-1].events, *events))

    def _table_row(self, line: str) -> None:
        cells = _cells(line)
        if not self.columns:
            self.columns = [_CALLED.get(c.lower(), c.lower()) for c in cells]
            if "count" not in self.columns:
                raise InputError(
                    tr("the table needs a column “count”; its columns are {words}.", words=", ".join(_TABLE))
                )
            unknown = [c for c in self.columns if c and c not in (*_TABLE, _WHO)]
            self.remarks += [
                tr("The column “{value}” is not known and was left aside.", value=words(c)[:40]) for c in unknown
            ]
        elif set("".join(cells)) - set("-: "):
            self._add((_event(dict(zip(self.columns, cells, strict=False)), self.sections[-1].feel),))

    def _typed(self, line: str) -> None:
        """A line of notation; it goes on from where the line before ended only by its own counts."""
        text = line.strip()
        start = len(line) - len(line.lstrip())
        bullet = re.match(r"[-*]\s+", text)
        if bullet:
            text, start = text[bullet.end() :], start + bullet.end()
        section = self.sections[-1]
        try:
            events, others = read_notation(text, section.feel, {}, lay_out=False)
        except NotationError as error:
            raise NotationError(line, start + error.at, error.expected) from error
        self._add(events)
        self.sections[-1] = replace(self.sections[-1], others=(*section.others, *others))
        end = max((int(e.start) + 1 for e in events), default=0)
        if end > section.length and not self.given[-1]:
            self.sections[-1] = replace(self.sections[-1], length=min(LONGEST_SECTION, -(-end // 8) * 8))

    def read(self) -> SheetRead:
        if not self.sections:
            raise InputError(tr("no section was found; one begins with a line such as “## Gate walk (8 counts)”."))
        facts = self.facts
        dance = Dance(
            self.name or words(facts.get("Dance", "")),
            tuple(replace(s, events=_fitted(s)) for s in self.sections),
            credits=facts.get("By", ""),
            level=facts.get("Level", ""),
            rights=facts.get("Rights", ""),
            starts_on=facts.get("Starts on", ""),
            words=parse_words(facts.get("Short words", "")),
            start_weight=foot_of(facts.get("Start weight", "")),
            start_heading=heading_of(facts.get("Start facing", "")) or 0,
            partner_heading=heading_of(facts.get("Partner facing", "")),
        )
        dance = replace(dance, parts=tuple(read_part(text, dance) for text in self.parts))
        try:
            sequence = parse_sequence(facts.get("Sequence", ""), dance)
        except NotationError as error:
            raise InputError(
                tr(
                    "the sequence, character {number}: expected {expected}.",
                    number=error.at + 1,
                    expected=error.expected,
                )
            ) from error
        return SheetRead(replace(dance, sequence=sequence), tuple(self.remarks))


def _uncell(text: str) -> str:
    return text.strip("` ").replace("\\|", "|").replace("\\\\", "\\")


def _fitted(section: Section) -> tuple[Event, ...]:
    """Each move lasts until the next one at most, as in the notation; partners move on the same count."""
    starts = sorted({e.start for e in section.events})
    following = dict(itertools.pairwise(starts))
    return tuple(
        replace(e, length=min(e.length, following[e.start] - e.start)) if e.start in following else e
        for e in section.events
    )


def _event(row: dict[str, str], feel: Feel) -> Event:
    said = row.get("count", "")
    slots = parse_counts(re.sub(r"^(\d+)\s*(\+|&|e\b|a\b)", r"[\1] \2", said), feel)
    if len(slots) != 1:
        raise InputError(tr("“{value}” is not one count; write one row for each move.", value=words(said)[:40]))
    name = words(row.get("what", ""))
    foot, kind = _foot_and_kind(row.get("foot", ""), name)
    texts: dict[str, Any] = {k: words(row.get(k, "")) for k in ("cue", "lyric", "note")} | {
        "role": words(row.get(_WHO, ""))
    }
    if set(row) >= set(_TABLE):
        # A table as Vamos writes it: each cell says what it means.
        kind = kind if kind is not None else kind_of(name, foot)
        event = Event(slots[0].start, slots[0].length, name, foot=foot, kind=kind, **texts)
    else:
        event = replace(read_name(name, foot, kind), start=slots[0].start, length=slots[0].length, **texts)
    return turned(event, row.get("turn", ""))


def _foot_and_kind(text: str, name: str) -> tuple[Foot, Kind | None]:
    """``R touch``, ``R`` or only ``breath``; None where no kind stands."""
    first, _, rest = text.strip().partition(" ")
    kinds = {k.value for k in Kind}
    if first.lower() in kinds and not rest:
        return Foot.NONE, Kind(first.lower())
    foot = foot_of(first)
    if rest and rest.strip().lower() not in kinds:
        raise InputError(
            tr(
                "“{value}” is not a foot and a kind, such as R touch; the kinds are {words}.",
                value=words(text)[:40],
                words=", ".join(kinds),
            )
        )
    if rest:
        return foot, Kind(rest.strip().lower())
    return foot, Kind.HOLD if name.lower() == "hold" else None
