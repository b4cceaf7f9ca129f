"""What teachers and students read beside the films, against them and against each other: timeline, summary, sheets.

A count sheet is written as a table, as text and on the page: all three must say the same dance. The PDF and the drawing
of the walls are only known by their checksums.
"""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction
from pathlib import Path
from typing import Any

from vamos.core.dance.sheets.files import read_sheet
from vamos.core.dance.short_words import short_names
from vamos.core.model.dance import Dance, Section
from vamos.core.pack import summary
from vamos.core.pack.finding import Finding
from vamos.core.pack.manifest import ClipEntry, Manifest
from vamos.core.pack.page_forms import add_forms
from vamos.core.pack.page_read import data_of, language_of, text_of
from vamos.core.pack.students_page import PAGE, rows_of
from vamos.core.pack.timeline import NAME as TIMELINE
from vamos.core.pack.timeline import clips_in
from vamos.errors import VamosError
from vamos.wording import speaking, words_of

tr = words_of(__name__)

_TABLE, _TEXT = "count sheet.csv", "count sheet.md"


def sheet_findings(folder: Path, manifest: Manifest) -> Iterator[Finding]:
    """All findings about what is read beside the films; nothing of files that the pack does not have."""
    listed = {f.file for f in manifest.files}
    page = _page(folder) if PAGE in listed else None
    with speaking(page[0] if page else ""):
        said = summary.summary(manifest.project, manifest.clips, manifest.rights)
    if summary.NAME in listed:
        same = text_of(folder / summary.NAME) == said
        words = tr("as the films are") if same else tr("it says something else than the films are")
        yield Finding(summary.NAME, "summary", same, words)
    if TIMELINE in listed:
        yield from _timeline(folder, manifest)
    if _TABLE in listed:
        yield from _sheets(folder, page)


def _page(folder: Path) -> tuple[str, dict[str, Any]] | None:
    """The language of the page, and what it says; None where that cannot be read."""
    text = text_of(folder / PAGE) or ""
    language, data = language_of(text), data_of(text)
    return (language, data) if language and data is not None else None


# --- the timeline ----------------------------------------------------------------------------


def _timeline(folder: Path, manifest: Manifest) -> Iterator[Finding]:
    """Each film once, with its rate and length, and a mark at the frame of each of its counts."""
    clips = clips_in(folder)
    found = _cuts(clips) if clips is not None else None
    if clips is None or found is None:
        yield Finding(TIMELINE, "timeline", False, tr("it cannot be understood"))
        return
    wanted = {c.file: c for c in manifest.clips}
    same = len(clips) == len(found) and found.keys() == wanted.keys()
    words = tr("{number} of {number2} films", number=len(found.keys() & wanted.keys()), number2=len(wanted))
    yield Finding(TIMELINE, "timeline", same, words)
    wrong = [name for name, clip in wanted.items() if name in found and found[name] != _cut_wanted(clip)]
    yield Finding(TIMELINE, "counts", not wrong, wrong[0] if wrong else tr("as those of the clips"))


def _cuts(clips: list[Any]) -> dict[str, tuple[float, int, list[tuple[int, str]]]] | None:
    """What the timeline says of each film; None where one of them says nothing."""
    try:
        return {str(c.media_reference.target_url): _cut_of(c) for c in clips}
    except (AttributeError, ValueError, TypeError):
        return None


def _cut_of(clip: Any) -> tuple[float, int, list[tuple[int, str]]]:
    whole = clip.media_reference.available_range
    marks = [(m.marked_range.start_time.to_frames(), m.name) for m in clip.markers]
    return round(whole.duration.rate, 4), whole.duration.to_frames(), marks


def _cut_wanted(clip: ClipEntry) -> tuple[float, int, list[tuple[int, str]]]:
    return round(float(Fraction(clip.rate)), 4), clip.frames, list(clip.counts_told())


# --- sheets ----------------------------------------------------------------------------------


def _sheets(folder: Path, page: tuple[str, dict[str, Any]] | None) -> Iterator[Finding]:
    """The table, the text and the page say the same dance."""
    try:
        table = read_sheet(folder / _TABLE)
        text = read_sheet(folder / _TEXT)
    except VamosError as error:
        yield Finding(_TABLE, "sheet", False, error.what)
        return
    same = _danced(table) == _danced(text)
    yield Finding(_TEXT, "sheet", same, tr("as the table") if same else tr("it dances something else than the table"))
    if page is None:
        return
    language, data = page
    with speaking(language):
        wrong = _other_rows(table, data)
    words = tr("as the table") if not wrong else tr("“{name}” is danced differently on it", name=wrong[0])
    yield Finding(PAGE, "sheet", not wrong, words)


def _danced(dance: Dance) -> list[object]:
    """What is danced, by section: count, foot, move, turn."""
    sections = [
        (_plain(s.name), s.length, [_move(e) for e in sorted(s.events, key=lambda e: e.start)]) for s in dance.sections
    ]
    return [
        sections,
        [(str(i.kind), tuple(map(_plain, i.sections)), i.counts, i.restart_after) for i in dance.sequence],
    ]


def _move(event: Any) -> tuple[object, ...]:
    name, role = _plain(event.name), _plain(event.role)
    return event.start, event.length, name, str(event.foot), str(event.kind), event.turn, role


def _plain(text: str) -> str:
    """A name without the line breaks, tabs and signs nobody sees that only some kinds of sheets can hold."""
    return " ".join("".join(c if c.isprintable() else " " for c in text).split())


def _other_rows(dance: Dance, data: dict[str, Any]) -> list[str]:
    """Sections whose rows on the page are not those of the table."""
    sections: dict[str, Section] = {_plain(s.name): s for s in dance.sections}
    shown = {_plain(s["title"]): _cells(s["rows"]) for s in data.get("sections", ())}
    danced = {name: _cells(rows_of(section)) for name, section in sections.items()}
    wrong = [name for name, rows in shown.items() if rows and name in danced and rows != danced[name]]
    parts = {_plain(s["title"]): s for s in data.get("sections", ())}
    return wrong or [n for n, part in parts.items() if n in sections and not _same_forms(part, sections[n], dance)]


def _same_forms(part: dict[str, Any], section: Section, dance: Dance) -> bool:
    """Whether the forms of a section are those of the table, on its sheet and beside its films."""
    meant: dict[str, Any] = {"views": [{"film": dict(view["film"])} for view in part["views"]]}
    add_forms(meant, section, rows_of, short_names(dance))
    if _forms(part) != _forms(meant):
        return False
    films = zip(part["views"], meant["views"], strict=True)
    return all(_written(a["film"].get("forms", {})) == _written(b["film"]["forms"]) for a, b in films)


def _forms(part: dict[str, Any]) -> list[tuple[str, list[Any]]]:
    return [(_plain(form["name"]), _cells(form["rows"])) for form in part.get("forms", ())]


def _written(forms: dict[str, Any]) -> list[tuple[str, list[Any]]]:
    return [
        (_plain(name), [(round(row[0], 3), *(_plain(str(words)) for words in row[1:])) for row in states])
        for name, states in forms.items()
    ]


def _cells(rows: list[dict[str, Any]]) -> list[tuple[Any, list[str]]]:
    # A sign nobody sees may have been a space at the end of a word.
    return [(row["count"], [_plain(str(cell)).replace(" ", "") for cell in row["cells"]]) for row in rows]
