"""Count sheets as CSV, one event a row; in and out. It holds all of a dance. See docs/formats.md.

Spreadsheets write semicolons or tabs, byte order marks and line breaks in cells; all of it is read. Text that a
spreadsheet would take for a formula is written with an apostrophe in front.
"""

from __future__ import annotations

import csv
import io
import json
import re
from collections.abc import Iterator
from dataclasses import fields, replace
from fractions import Fraction
from typing import Any

from vamos.core.dance.counts_typed import NotationError
from vamos.core.dance.facing import clock_text, heading_of
from vamos.core.dance.sequence import parse_sequence, print_sequence
from vamos.core.dance.sheets.cells import (
    LONGEST_SECTION,
    SheetRead,
    count_of,
    doubt_of,
    feel_of,
    foot_of,
    kind_in,
    read_name,
    turned,
    whole_number,
    words,
)
from vamos.core.dance.sheets.table import more_cells, read_other_table, separator_of, without_preface
from vamos.core.dance.short_words import parse_words, print_words
from vamos.core.document.files import from_builtins, to_builtins
from vamos.core.model.dance import Dance, DancePart, Event, Item, MoveSet, Section, Stated, StepPattern
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

EVENT_COLUMNS = tuple(f.name for f in fields(Event))
COLUMNS = ("what", "section", "counts", "feel", "set", *EVENT_COLUMNS)
_TEXTS = ("name", "cue", "lyric", "note", "easier", "harder", "caution", "role", "unread")
_FACTS = (
    "name",
    "credits",
    "level",
    "rights",
    "starts_on",
    "words",
    "start_weight",
    "start_heading",
    "partner_heading",
    "links",
    "walls",
    "stated_counts",
    "tags",
    "restarts",
)
_MOST_CELL = 100_000


def dance_to_csv(dance: Dance) -> str:
    out = io.StringIO()
    rows = csv.DictWriter(out, COLUMNS, lineterminator="\n", restval="")
    rows.writeheader()
    for row in _rows(dance):
        rows.writerow({k: _harmless(v) for k, v in row.items()})
    return out.getvalue()


def _rows(dance: Dance) -> Iterator[dict[str, Any]]:
    for name, value in _facts(dance).items():
        if value:
            yield {"what": "dance", "name": name, "note": value}
    for section in dance.sections:
        head = {"section": section.name, "counts": section.length, "feel": str(section.feel)}
        yield {"what": "section", **head}
        for event in section.events:
            yield {"what": "event", **head, **_event_row(event)}
        for other in section.others:
            yield {"what": "set", **head, "set": other.name, "start": other.start, "length": other.length}
            for event in other.events:
                yield {"what": "event", **head, "set": other.name, **_event_row(event)}
    for part in dance.parts:
        yield {"what": "part", "name": part.name, "note": json.dumps(part.sections, ensure_ascii=False)}
    for step in dance.steps:
        yield {"what": "step", "section": step.name, "length": step.length}
        for event in step.events:
            yield {"what": "step", "section": step.name, **_event_row(event)}
    yield from _sequence_rows(dance)


#: How a cell begins that a spreadsheet would compute, and such a cell made harmless, once or more.
_FORMULA = re.compile("'*[=+@-]")


def _harmless(value: Any) -> Any:
    """Words that a spreadsheet would take for a formula, as words."""
    if isinstance(value, str) and _FORMULA.match(value) and not _is_number(value):
        return f"'{value}"
    return value


def _is_number(text: str) -> bool:
    return text.lstrip("+-").replace("/", "").replace(".", "").isdigit()


def _facts(dance: Dance) -> dict[str, str]:
    said = dance.stated
    return {
        "name": dance.name,
        "credits": dance.credits,
        "level": dance.level,
        "rights": dance.rights,
        "starts_on": dance.starts_on,
        "start_weight": str(dance.start_weight),
        "links": "\n".join(dance.links),
        "words": print_words(dance.words),
        "walls": "" if said.walls is None else str(said.walls),
        "stated_counts": "" if said.counts is None else str(said.counts),
        "tags": "" if said.tags is None else str(said.tags),
        "restarts": "" if said.restarts is None else str(said.restarts),
        "start_heading": clock_text(dance.start_heading) if dance.start_heading else "",
        "partner_heading": "" if dance.partner_heading is None else clock_text(dance.partner_heading),
    }


def _event_row(event: Event) -> dict[str, Any]:
    row = {name: getattr(event, name) for name in EVENT_COLUMNS}
    row["turn"] = "?" if event.turn is None else event.turn
    return row


def _sequence_rows(dance: Dance) -> Iterator[dict[str, Any]]:
    """One row with the sequence as text where that says all, else one row an entry."""
    text = print_sequence(dance.sequence, dance)
    try:
        whole = parse_sequence(text, replace(dance, sequence=())) == dance.sequence
    except NotationError:
        whole = False
    if whole:
        if text:
            yield {"what": "dance", "name": "sequence", "note": text}
        return
    for item in dance.sequence:
        data = json.dumps(to_builtins(item), ensure_ascii=False)
        yield {"what": "item", "kind": str(item.kind), "name": item.name, "note": data}


# --- reading -----------------------------------------------------------------------------------


def read_csv(text: str) -> SheetRead:
    """Raises InputError naming the row and the column."""
    separator, text = separator_of(text.lstrip("\ufeff"))
    text, above = without_preface(text, separator)
    try:
        rows = csv.DictReader(io.StringIO(text), delimiter=separator)
        columns = [(c or "").strip().lower() for c in rows.fieldnames or ()]
        rows.fieldnames = columns
        if not {"section", "start"} <= set(columns):
            return read_other_table(text, separator)
        reader = _CsvReader()
        if above.strip(f" \n{separator}"):
            reader.remarks.append(tr("“{words}” above the table was left aside.", words=words(above)[:60]))
        for row in rows:
            try:
                reader.more(rows.line_num, list(row.pop(None, ()) or ()))
                reader.take({k: _plain(v or "") for k, v in row.items() if isinstance(k, str)})
            except InputError as error:
                raise InputError(tr("row {row}: {what}", row=rows.line_num, what=error.what)) from error
    except csv.Error as error:
        raise InputError(
            tr("it cannot be read as a table: a cell is too long, or holds characters that are not text.")
        ) from error
    unknown = [c for c in dict.fromkeys(columns) if c and c not in COLUMNS]
    remarks = [tr("The column “{value}” is not known and was left aside.", value=words(c)[:40]) for c in unknown[:5]]
    if len(unknown) > 5:
        remarks.append(tr("{number} more columns are not known.", number=len(unknown) - 5))
    return SheetRead(reader.dance(), (*remarks, *reader.remarks))


class _CsvReader:
    """Rows of a CSV sheet in any order that keeps a section's rows after its first."""

    def __init__(self) -> None:
        self.facts: dict[str, str] = {}
        self.sections: dict[str, Section] = {}
        self.events: dict[str, list[Event]] = {}
        self.parts: list[DancePart] = []
        self.steps: dict[str, StepPattern] = {}
        self.items: list[Item] = []
        self.remarks: list[str] = []

    def more(self, number: int, cells: list[str]) -> None:
        if any(c.strip() for c in cells):
            self.remarks.append(more_cells(number, cells))

    def take(self, row: dict[str, str]) -> None:
        if not any(v.strip() for v in row.values()):
            return
        if not row.get("section", "").strip() and row.get("start", "").strip() and self.sections:
            # Merged cells: only the first row of a section names it.
            row["section"] = next(reversed(self.sections))
        what = (row.get("what") or "").strip().lower() or ("event" if row.get("start", "").strip() else "section")
        if any(len(v) > _MOST_CELL for v in row.values()):
            raise InputError(tr("a cell has more than {most_cell} letters.", most_cell=_MOST_CELL))
        if what == "dance":
            self._fact(_needed(row, "name"), row.get("note", ""))
        elif what == "part":
            self.parts.append(DancePart(words(_needed(row, "name")), _names(row.get("note", ""))))
        elif what == "item":
            self.items.append(from_builtins(_json(_needed(row, "note"), "note"), Item))
        elif what == "step":
            self._step(row)
        elif what in ("section", "event", "set"):
            self._section(what, row)
        else:
            raise InputError(
                tr("“{value}” is not one of dance, section, event, set, part, step, item.", value=words(what)[:40])
            )

    def _fact(self, name: str, value: str) -> None:
        known = (*_FACTS, "sequence")
        if name not in known:
            self.remarks.append(tr("“{value}” is not known of a dance and was left aside.", value=words(name)[:40]))
        self.facts[name] = value

    def _step(self, row: dict[str, str]) -> None:
        name = words(_needed(row, "section"))
        known = self.steps.get(name)
        if known is None:
            self.steps[name] = StepPattern(name, count_of(row.get("length", ""), "length"), ())
        else:
            self.steps[name] = replace(known, events=(*known.events, read_event(row)))

    def _section(self, what: str, row: dict[str, str]) -> None:
        name = words(_needed(row, "section"))
        known = self.sections.get(name)
        if known is None:
            counts = row.get("counts", "").strip()
            length = whole_number(counts, tr("a number of counts"), 1, LONGEST_SECTION) if counts else 8
            known = Section(name, length, (), feel_of(row.get("feel", "")))
            self.events[name] = []
        if what == "set":
            start, length_ = (count_of(row.get(k, ""), k) for k in ("start", "length"))
            known = replace(known, others=(*known.others, MoveSet(words(_needed(row, "set")), start, length_)))
        elif what == "event" and row.get("set", "").strip():
            mine = words(row["set"])
            if all(o.name != mine for o in known.others):
                raise InputError(
                    tr(
                        "the set “{mine}” has no row of its own before this one (what: set, with start and length).",
                        mine=mine,
                    )
                )
            others = [replace(o, events=(*o.events, read_event(row))) if o.name == mine else o for o in known.others]
            known = replace(known, others=tuple(others))
        elif what == "event":
            self.events[name].append(read_event(row))
        self.sections[name] = known

    def dance(self) -> Dance:
        facts = self.facts
        dance = Dance(
            facts.get("name", ""),
            tuple(replace(s, events=tuple(self.events[s.name])) for s in self.sections.values()),
            tuple(self.items),
            foot_of(facts.get("start_weight", "")),
            facts.get("credits", ""),
            facts.get("level", ""),
            facts.get("rights", ""),
            tuple(self.parts),
            Stated(*(_said(facts.get(n, ""), n) for n in ("walls", "stated_counts", "tags", "restarts"))),
            facts.get("starts_on", ""),
            tuple(x for x in facts.get("links", "").split("\n") if x),
            tuple(self.steps.values()),
            heading_of(facts.get("start_heading", "")) or 0,
            heading_of(facts.get("partner_heading", "")),
            parse_words(facts.get("words", "")),
        )
        if facts.get("sequence"):
            dance = replace(dance, sequence=parse_sequence(facts["sequence"], dance))
        return dance


def read_event(row: dict[str, str]) -> Event:
    """An event from a row; columns that are missing or empty take their usual value."""
    foot = foot_of(row.get("foot", ""))
    name = words(row.get("name", ""))
    length = row.get("length", "").strip()
    kind = row.get("kind", "").strip()
    event = replace(
        read_name(name, foot, kind_in(kind, name, foot) if kind else None),
        start=count_of(row.get("start", ""), "start"),
        length=count_of(length, "length") if length else Fraction(1),
        angle=_eighths(row.get("angle", "")),
    )
    said: dict[str, Any] = {k: words(row.get(k, "")) for k in _TEXTS if k != "name" and k in row}
    doubt = row.get("doubt", "").strip()
    if doubt:
        said["doubt"] = doubt_of(doubt)
    event = replace(event, **said)
    event = turned(event, row.get("turn", ""))
    return replace(event, size=_eighths(row["size"])) if row.get("size", "").strip() else event


def _eighths(cell: str) -> int:
    return whole_number(cell, tr("a number of eighths"), -64, 64) if cell.strip() else 0


def _plain(cell: str) -> str:
    """A cell without the apostrophe that keeps it from being a formula."""
    return cell[1:] if cell[:1] == "'" and _FORMULA.match(cell) else cell


def _needed(row: dict[str, str], column: str) -> str:
    value = row.get(column, "").strip()
    if not value:
        raise InputError(tr("the column {column} is empty here, and is needed.", column=column))
    return _plain(value)


def _json(cell: str, column: str) -> Any:
    if len(cell) > _MOST_CELL or cell.count("[") > 200 or cell.count("{") > 200:
        raise InputError(tr("the column {column} holds more than an entry can have.", column=column))
    try:
        return json.loads(cell)
    except (ValueError, RecursionError) as error:
        raise InputError(tr("the column {column} holds no entry that can be read.", column=column)) from error


def _names(cell: str) -> tuple[str, ...]:
    found = _json(cell, "note") if cell.strip() else []
    if not isinstance(found, list):
        raise InputError(tr('the column note of a part holds the names of its sections, such as ["A", "B"].'))
    return tuple(words(str(n)) for n in found)


def _said(text: str, name: str) -> int | None:
    return (
        whole_number(text, tr("a number of {what}", what=name.removeprefix("stated_")), 0, 100_000)
        if text.strip()
        else None
    )
