"""Count sheets as files: CSV, JSON, Markdown and plain text; read and written by the file's ending.

CSV and JSON hold all of a dance, Markdown what a reader sees. Everything in a file is understood, told as left aside,
or refused with its place. See docs/formats.md.
"""

from __future__ import annotations

import json
import re
from collections.abc import Callable
from pathlib import Path
from typing import Any

import msgspec

from vamos.core.dance.sheets.cells import SheetRead, bounded
from vamos.core.dance.sheets.csv import dance_to_csv, read_csv
from vamos.core.dance.sheets.markdown import dance_to_markdown, read_markdown
from vamos.core.dance.sheets.table import read_page_table
from vamos.core.dance.sheets.text import read_text_sheet
from vamos.core.disk.inputs import read_input
from vamos.core.disk.outputs import write_output
from vamos.core.document.files import from_builtins, to_builtins
from vamos.core.model.dance import Dance
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

#: A sheet larger than this is not one.
_MOST_BYTES = 20_000_000


def read_sheet(path: Path) -> Dance:
    """As :func:`read_sheet_file`, the dance alone."""
    return read_sheet_file(path).dance


def read_sheet_file(path: Path) -> SheetRead:
    """A dance from a .csv, .json, .md or .txt file, and what was left aside.

    Raises
    ------
    MissingError, InputError
        InputError names the row, line or field that cannot be read.
    """
    readers: dict[str, Callable[[str], SheetRead]] = {
        ".csv": read_csv,
        ".json": read_json,
        ".md": read_any_text,
        ".txt": read_any_text,
    }
    reader = readers.get(path.suffix.lower())
    if reader is None:
        raise InputError(tr("a sheet is read from .csv, .json, .md or .txt."), file=path)
    text, remarks = _text(path)
    try:
        found = reader(text)
        return SheetRead(bounded(found.dance), (*remarks, *found.remarks))
    except InputError as error:
        raise InputError(error.what, file=path, safe=tr("Nothing was changed.")) from error


def read_any_text(text: str) -> SheetRead:
    """A sheet as Vamos writes it in Markdown, a table, or a step sheet as it was pasted."""
    if not re.search(r"^\s*\|", text, re.MULTILINE):
        text = _with_edges(text)
    if re.search(r"^\s*\|", text, re.MULTILINE):
        try:
            return read_markdown(text)
        except InputError:
            # A table of someone else: its own heads, no sections or other ones.
            try:
                return read_page_table(text)
            except InputError as error:
                if not _OWN_HEAD.search(text):
                    raise error from None
            raise
    return read_text_sheet(text)


#: How Vamos heads the tables of its own sheets.
_OWN_HEAD = re.compile(r"^\|\s*counts?\s*\|\s*what\s*\|", re.IGNORECASE | re.MULTILINE)
_COUNT_HEAD = re.compile(r"\b(?:counts?|cts?|zähler|beats?)\b", re.IGNORECASE)


def has_table(text: str) -> bool:
    """Whether a table without strokes at its edges stands in it: ``Count | Step | Facing``."""
    return _with_edges(text) != text


def _with_edges(text: str) -> str:
    """A table that stands between lines without any at its edges, with them: ``Count | Step | Facing``."""
    rows = text.split("\n")
    parted = [row.count("|") for row in rows]
    for at in range(len(rows) - 2):
        number = parted[at]
        if number and parted[at + 1] == number and _COUNT_HEAD.search(rows[at]):
            end = next((k for k in range(at, len(rows)) if parted[k] != number), len(rows))
            table = [f"| {row.strip()} |" for row in rows[at:end]]
            rule = "|" + "---|" * (number + 1)
            return "\n".join([*rows[:at], table[0], rule, *table[1:], *rows[end:]])
    return text


def _text(path: Path) -> tuple[str, tuple[str, ...]]:
    """What a file says, whatever its encoding; with a remark when that is not UTF-8."""
    raw = read_input(path, tr("count sheet"), _MOST_BYTES)
    if raw.startswith((b"\xff\xfe", b"\xfe\xff")):
        return raw.decode("utf-16", errors="replace"), ()
    try:
        return raw.decode("utf-8-sig"), ()
    except UnicodeDecodeError:
        if b"\0" in raw:
            raise InputError(tr("it is not text."), file=path, safe=tr("Nothing was changed.")) from None
        return raw.decode("cp1252", errors="replace"), (
            tr("It is not UTF-8; its letters were read as Western European. Look at the accents."),
        )


def write_sheet(dance: Dance, path: Path) -> None:
    """Write a dance as .csv, .json, .md or .txt; raises WriteError, and InputError for other endings."""
    writers = {".csv": dance_to_csv, ".json": dance_to_json, ".md": dance_to_markdown, ".txt": dance_to_markdown}
    writer = writers.get(path.suffix.lower())
    if writer is None:
        raise InputError(tr("a sheet is written as .csv, .json, .md, .txt, .pdf or, the wall map, .svg."), file=path)
    write_output(path, writer(dance).encode())


def dance_to_json(dance: Dance) -> str:
    body = msgspec.json.encode({"vamos_sheet": 1, "dance": to_builtins(dance)})
    return msgspec.json.format(body, indent=1).decode() + "\n"


def read_json(text: str) -> SheetRead:
    """Raises InputError for what is not a sheet."""
    try:
        data: Any = json.loads(text, parse_int=_bounded_int)
    except json.JSONDecodeError as error:
        raise InputError(
            tr(
                "this is not JSON; line {line}, column {column} cannot be read.",
                line=error.lineno,
                column=error.colno,
            )
        ) from error
    except RecursionError as error:
        raise InputError(tr("this is not JSON of a count sheet; it is nested too deeply.")) from error
    if isinstance(data, dict) and "vamos" in data and isinstance(data.get("project"), dict):
        data = data["project"]
    elif not isinstance(data, dict) or data.get("vamos_sheet") != 1:
        raise InputError(tr("this is not a count sheet (the field “vamos_sheet” with 1 is missing)."))
    return SheetRead(from_builtins(data.get("dance"), Dance))


def _bounded_int(text: str) -> int:
    if len(text) > 12:
        raise InputError(tr("it holds a number of {number} digits; no count sheet does.", number=len(text)))
    return int(text)


def dance_from_csv(text: str) -> Dance:
    return read_csv(text).dance


def dance_from_json(text: str) -> Dance:
    return read_json(text).dance


def dance_from_markdown(text: str) -> Dance:
    return read_markdown(text).dance
