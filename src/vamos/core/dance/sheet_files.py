"""Count sheets as files: CSV (one event a row), JSON, Markdown; in and out. See docs/formats.md.

CSV and JSON hold all of a dance. Markdown holds what a reader sees: sections, counts, names, feet,
turns, cue words, lyric words, notes, the sequence; it is read back as far as that goes.
"""

from __future__ import annotations

import csv
import io
import itertools
import json
import re
from collections.abc import Iterator
from dataclasses import fields, replace
from pathlib import Path
from typing import Any

import msgspec

from vamos.core.dance.counts_typed import NotationError, parse_counts
from vamos.core.dance.facing import turn_words
from vamos.core.dance.notation import parse_line
from vamos.core.dance.sequence import parse_sequence, print_sequence
from vamos.core.document.files import from_builtins, to_builtins, write_atomically
from vamos.core.model.dance import Dance, DancePart, Event, Foot, Item, Kind, MoveSet, Section, Stated, StepPattern
from vamos.core.time import Feel, as_count
from vamos.core.time.counts import count_text
from vamos.errors import InputError, MissingError

_EVENT_COLUMNS = tuple(f.name for f in fields(Event))
COLUMNS = ("what", "section", "counts", "feel", "set", *_EVENT_COLUMNS)
#: A sheet larger than this is not one.
_MOST_BYTES = 20_000_000


# --- reading and writing by the file's ending --------------------------------------------------


def read_sheet(path: Path) -> Dance:
    """A dance from a .csv, .json or .md file.

    Raises
    ------
    MissingError, InputError
        InputError names the row or field that cannot be read.
    """
    readers = {".csv": dance_from_csv, ".json": dance_from_json, ".md": dance_from_markdown}
    reader = readers.get(path.suffix.lower())
    if reader is None:
        raise InputError("a sheet is read from .csv, .json or .md.", file=path)
    try:
        if path.stat().st_size > _MOST_BYTES:
            raise InputError("it is too large to be a count sheet.", file=path, safe="Nothing was read.")
        text = path.read_text(encoding="utf-8-sig")
    except FileNotFoundError as error:
        raise MissingError("there is no such file.", file=path) from error
    except (OSError, UnicodeDecodeError) as error:
        raise InputError(f"it cannot be read as text ({error}).", file=path) from error
    try:
        return reader(text)
    except InputError as error:
        raise InputError(str(error), file=path, safe="Nothing was changed.") from error


def write_sheet(dance: Dance, path: Path) -> None:
    """Write a dance as .csv, .json or .md; raises WriteError, and InputError for other endings."""
    writers = {".csv": dance_to_csv, ".json": dance_to_json, ".md": dance_to_markdown}
    writer = writers.get(path.suffix.lower())
    if writer is None:
        raise InputError("a sheet is written as .csv, .json, .md, .pdf or, the wall map, .svg.", file=path)
    write_atomically(path, writer(dance).encode())


# --- JSON --------------------------------------------------------------------------------------


def dance_to_json(dance: Dance) -> str:
    body = msgspec.json.encode({"vamos_sheet": 1, "dance": to_builtins(dance)})
    return msgspec.json.format(body, indent=1).decode() + "\n"


def dance_from_json(text: str) -> Dance:
    """Raises InputError for what is not a sheet."""
    try:
        data = json.loads(text)
    except (ValueError, RecursionError) as error:
        raise InputError(f"this is not JSON ({error}).") from error
    if isinstance(data, dict) and "vamos" in data and isinstance(data.get("project"), dict):
        data = data["project"]
    elif not isinstance(data, dict) or data.get("vamos_sheet") != 1:
        raise InputError("this is not a count sheet (the field “vamos_sheet” with 1 is missing).")
    return from_builtins(data.get("dance"), Dance)


# --- CSV ---------------------------------------------------------------------------------------


def dance_to_csv(dance: Dance) -> str:
    out = io.StringIO()
    rows = csv.DictWriter(out, COLUMNS, lineterminator="\n", restval="")
    rows.writeheader()
    for name, value in _facts(dance).items():
        if value:
            rows.writerow({"what": "dance", "name": name, "note": value})
    for section in dance.sections:
        head = {"section": section.name, "counts": section.length, "feel": str(section.feel)}
        rows.writerow({"what": "section", **head})
        rows.writerows({"what": "event", **head, **_event_row(e)} for e in section.events)
        for other in section.others:
            span = {"set": other.name, "start": other.start, "length": other.length}
            rows.writerow({"what": "set", **head, **span})
            rows.writerows({"what": "event", **head, "set": other.name, **_event_row(e)} for e in other.events)
    for part in dance.parts:
        rows.writerow({"what": "part", "name": part.name, "note": json.dumps(part.sections, ensure_ascii=False)})
    for step in dance.steps:
        rows.writerow({"what": "step", "section": step.name, "length": step.length})
        rows.writerows({"what": "step", "section": step.name, **_event_row(e)} for e in step.events)
    for row in _sequence_rows(dance):
        rows.writerow(row)
    return out.getvalue()


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
        "walls": "" if said.walls is None else str(said.walls),
        "stated_counts": "" if said.counts is None else str(said.counts),
        "tags": "" if said.tags is None else str(said.tags),
    }


def _event_row(event: Event) -> dict[str, Any]:
    row = {name: getattr(event, name) for name in _EVENT_COLUMNS}
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


def dance_from_csv(text: str) -> Dance:
    """Raises InputError naming the row."""
    rows = csv.DictReader(io.StringIO(text))
    if not {"section", "start"} <= set(rows.fieldnames or ()):
        raise InputError("its first row must name at least the columns section and start.")
    reader = _CsvReader()
    for row in rows:
        try:
            reader.take({k: (v or "") for k, v in row.items() if isinstance(k, str)})
        except (InputError, ValueError) as error:
            raise InputError(f"row {rows.line_num}: {error}") from error
    return reader.dance()


class _CsvReader:
    """Rows of a CSV sheet in any order that keeps a section's rows after its first."""

    def __init__(self) -> None:
        self.facts: dict[str, str] = {}
        self.sections: dict[str, Section] = {}
        self.parts: list[DancePart] = []
        self.steps: dict[str, StepPattern] = {}
        self.items: list[Item] = []

    def take(self, row: dict[str, str]) -> None:
        what = row.get("what") or ("event" if row.get("start") else "section")
        if what == "dance":
            self.facts[row["name"]] = row.get("note", "")
        elif what == "part":
            names = json.loads(row.get("note") or "[]")
            self.parts.append(DancePart(row["name"], tuple(str(n) for n in names)))
        elif what == "item":
            self.items.append(from_builtins(json.loads(row["note"]), Item))
        elif what == "step":
            self._step(row)
        elif what in ("section", "event", "set"):
            self._section(what, row)
        else:
            raise InputError(f"“{what}” is not one of dance, section, event, set, part, step, item.")

    def _step(self, row: dict[str, str]) -> None:
        name = row["section"]
        known = self.steps.get(name)
        if known is None:
            self.steps[name] = StepPattern(name, as_count(row["length"]), ())
        else:
            self.steps[name] = replace(known, events=(*known.events, _event(row)))

    def _section(self, what: str, row: dict[str, str]) -> None:
        name = row["section"]
        known = self.sections.get(name)
        if known is None:
            feel = Feel(row.get("feel") or "straight")
            known = Section(name, int(row.get("counts") or 8), (), feel)
        if what == "set":
            other = MoveSet(row["set"], as_count(row["start"]), as_count(row["length"]))
            known = replace(known, others=(*known.others, other))
        elif what == "event" and row.get("set"):
            others = [replace(o, events=(*o.events, _event(row))) if o.name == row["set"] else o for o in known.others]
            known = replace(known, others=tuple(others))
        elif what == "event":
            known = replace(known, events=(*known.events, _event(row)))
        self.sections[name] = known

    def dance(self) -> Dance:
        facts = self.facts
        dance = Dance(
            facts.get("name", ""),
            tuple(self.sections.values()),
            tuple(self.items),
            Foot(facts.get("start_weight", "")),
            facts.get("credits", ""),
            facts.get("level", ""),
            facts.get("rights", ""),
            tuple(self.parts),
            Stated(*(_whole(facts.get(n)) for n in ("walls", "stated_counts", "tags"))),
            facts.get("starts_on", ""),
            tuple(x for x in facts.get("links", "").split("\n") if x),
            tuple(self.steps.values()),
        )
        if facts.get("sequence"):
            dance = replace(dance, sequence=parse_sequence(facts["sequence"], dance))
        return dance


def _whole(text: str | None) -> int | None:
    return int(text) if text else None


def _event(row: dict[str, str]) -> Event:
    """An event from a row; columns that are missing or empty take their usual value."""
    said = {name: row[name] for name in _EVENT_COLUMNS if row.get(name, "") != ""}
    values: dict[str, Any] = dict(said)
    for name in ("start", "length"):
        if name in said:
            values[name] = as_count(said[name])
    for name in ("angle", "size"):
        if name in said:
            values[name] = int(said[name])
    if "turn" in said:
        values["turn"] = None if said["turn"] == "?" else int(said["turn"])
    foot = Foot(said.get("foot", ""))
    values["foot"] = foot
    values["kind"] = Kind(said["kind"]) if "kind" in said else (Kind.STEP if foot is not Foot.NONE else Kind.FREE)
    return Event(**values)


# --- Markdown ----------------------------------------------------------------------------------

_TABLE = ("count", "what", "foot", "turn", "cue", "lyric", "note")
_HEAD = re.compile(r"^##\s+(.*?)\s*\((\d+) counts?(?:, (swung|rolling))?\)\s*$")


def dance_to_markdown(dance: Dance) -> str:
    lines = [f"# {dance.name or 'Dance'}", ""]
    for name, value in (("By", dance.credits), ("Level", dance.level), ("Rights", dance.rights)):
        if value:
            lines.append(f"- {name}: {_cell(value)}")
    sequence = print_sequence(dance.sequence, dance)
    if sequence:
        lines.append(f"- Sequence: `{sequence}`")
    for section in dance.sections:
        feel = "" if section.feel is Feel.STRAIGHT else f", {section.feel}"
        lines += ["", f"## {section.name} ({section.length} counts{feel})", ""]
        lines.append("| " + " | ".join(_TABLE) + " |")
        lines.append("|" + "---|" * len(_TABLE))
        for event in sorted(section.events, key=lambda e: e.start):
            lines.append("| " + " | ".join(map(_cell, _markdown_row(event, section.feel))) + " |")
    cautions = dict.fromkeys(e.caution for s in dance.sections for e in s.events if e.caution)
    if cautions:
        lines += ["", "**Care:** " + "; ".join(cautions) + ". Ask a teacher or a physician when unsure."]
    return "\n".join(lines) + "\n"


def _markdown_row(event: Event, feel: Feel) -> tuple[str, ...]:
    end = event.start + event.length
    count = count_text(event.start, feel)
    if event.start.denominator > 1 and event.start > 0:
        count = f"{int(event.start) + 1}{count}"
    if event.length > 1 and end.denominator == 1:
        count += f"-{int(end)}"
    foot = str(event.foot)
    if (foot and event.kind is not Kind.STEP) or (not foot and event.kind not in (Kind.FREE, Kind.HOLD)):
        foot = f"{foot} {event.kind}"
    turn = turn_words(event.turn, event.size)
    return count, event.name, foot, turn, event.cue, event.lyric, event.note


def _cell(text: str) -> str:
    return text.replace("\\", "\\\\").replace("|", "\\|").replace("\n", " ")


def _cells(line: str) -> list[str]:
    parts = re.split(r"(?<!\\)\|", line.strip().strip("|") if not line.strip().endswith("\\|") else line.strip()[1:])
    return [p.strip().replace("\\|", "|").replace("\\\\", "\\") for p in parts]


def dance_from_markdown(text: str) -> Dance:
    """Sections with their tables, and the sequence; raises InputError naming the line."""
    name, facts, sections = "", dict[str, str](), list[Section]()
    columns: list[str] = []
    for number, line in enumerate(text.splitlines(), 1):
        if match := _HEAD.match(line):
            sections.append(Section(match.group(1), int(match.group(2)), (), Feel(match.group(3) or "straight")))
            columns = []
        elif line.startswith("# "):
            name = line[2:].strip()
        elif match := re.match(r"^- (By|Level|Rights|Sequence): (.*)$", line):
            facts[match.group(1)] = match.group(2).strip("` ").replace("\\|", "|").replace("\\\\", "\\")
        elif line.startswith("|") and sections:
            cells = _cells(line)
            if not columns:
                columns = [c.lower() for c in cells]
            elif set("".join(cells)) - set("-: "):
                try:
                    event = _markdown_event(dict(zip(columns, cells, strict=False)), sections[-1].feel)
                except (InputError, ValueError) as error:
                    raise InputError(f"line {number}: {error}") from error
                sections[-1] = replace(sections[-1], events=(*sections[-1].events, event))
    if not sections:
        raise InputError("no section was found; one begins with a line such as “## Gate walk (8 counts)”.")
    dance = Dance(
        name,
        tuple(replace(s, events=_fitted(s)) for s in sections),
        credits=facts.get("By", ""),
        level=facts.get("Level", ""),
        rights=facts.get("Rights", ""),
    )
    return replace(dance, sequence=parse_sequence(facts.get("Sequence", ""), dance))


def _fitted(section: Section) -> tuple[Event, ...]:
    """Each move lasts until the next one at most, as in the notation; partners move on the same count."""
    starts = sorted({e.start for e in section.events})
    following = dict(itertools.pairwise(starts))
    return tuple(
        replace(e, length=min(e.length, following[e.start] - e.start)) if e.start in following else e
        for e in section.events
    )


def _foot_and_kind(text: str) -> tuple[str, str]:
    """``R touch``, ``R`` or only ``breath``."""
    first, _, rest = text.strip().partition(" ")
    return (first, rest) if first in tuple(Foot) else ("", text.strip())


def _markdown_event(row: dict[str, str], feel: Feel) -> Event:
    slots = parse_counts(re.sub(r"^(\d+)(\+|&|e|a)", r"[\1] \2", row.get("count", "")), feel)
    if len(slots) != 1:
        raise InputError(f"“{row.get('count', '')}” is not one count.")
    words = " ".join(x for x in ("x", row.get("turn", "")) if x)
    turned = parse_line(f"{words} 1")[0]
    foot, kind = _foot_and_kind(row.get("foot", ""))
    what = row.get("what", "")
    default = Kind.STEP if foot else (Kind.HOLD if what == "hold" else Kind.FREE)
    return Event(
        slots[0].start,
        slots[0].length,
        what,
        row.get("cue", ""),
        Foot(foot),
        Kind(kind) if kind else default,
        turned.turn,
        lyric=row.get("lyric", ""),
        note=row.get("note", ""),
        size=turned.size,
    )
