"""The page for students: one file that opens from disk in any browser and plays the clips beside it.

Its parts stand in the folder ``students`` as HTML, CSS and plain JavaScript; here they are joined with what the pack
holds. It asks no network for anything.
"""

from __future__ import annotations

import base64
import hashlib
import html
import json
import re
from collections.abc import Mapping, Sequence
from fractions import Fraction
from importlib.resources import files
from math import floor
from pathlib import Path
from typing import Any

from vamos.core.dance.card import Field, card_of
from vamos.core.dance.facing import turn_said
from vamos.core.dance.short_words import short_names
from vamos.core.model.clip import RUN_THROUGH, Arrangement, Look
from vamos.core.model.dance import Foot, Section
from vamos.core.model.project import Project
from vamos.core.pack.chapters import Chapter
from vamos.core.pack.manifest import ClipEntry
from vamos.core.pack.page_forms import add_forms
from vamos.core.pack.page_read import parts_of
from vamos.core.pack.page_sound import PageSound, write_sounds
from vamos.core.pack.page_voice import FILE, names_said, write_voice
from vamos.core.pack.playlist import lesson_items
from vamos.core.pack.timeline import Cut
from vamos.core.plan.flip import label_words
from vamos.core.time import count_name
from vamos.wording import ENGLISH, language, marked, words_of

tr = words_of(__name__)

PAGE = "practise.html"
#: The scripts of the page in their order.
SCRIPTS = ("stretch.js", "player.js", "picture.js", "voice.js", "flows.js", "page.js")
#: Words in the parts of the page.
_PLACE = re.compile(r"\{\{(\w+)\}\}")
_IN_HTML, _IN_SCRIPT = re.compile(r"\{\{=([^}]+)\}\}"), re.compile(r'\bword\("([^"]+)"')


CARE = marked(
    "Warm up, clear the floor, and go slowly into turns and jumps. Ask a teacher or a physician when unsure what is "
    "good for you."
)


def write_page(
    project: Project,
    entries: Sequence[ClipEntry],
    rights: str,
    folder: Path,
    cuts: Sequence[Cut] = (),
    chapters: Sequence[Chapter] = (),
) -> list[Path]:
    """The page of a pack, beside its clips, and the sounds it plays."""
    path = folder / PAGE
    films = _films(entries)
    sounds = write_sounds(folder, films)
    exact = {cut.entry.file: cut for cut in cuts}
    data = page_data(project, entries, rights, sounds, exact, chapters)
    voice = write_voice(folder, names_said(v["film"] for part in parts_of(data) for v in part["views"]))
    data["voice"] = voice.as_data() if voice is not None else None
    path.write_text(page_html(data), encoding="utf-8")
    spoken = [FILE] if voice is not None else []
    return [path, *(folder / f for f in dict.fromkeys([*(s.file for s in sounds.values()), *spoken]))]


def _films(entries: Sequence[ClipEntry]) -> list[ClipEntry]:
    """The fastest file of each way of seeing a section: the page makes every other speed of it."""
    best: dict[tuple[str, str, str], ClipEntry] = {}
    for entry in entries:
        key = (entry.title, _view_name(entry, entries), entry.sound)
        if key not in best or entry.speed > best[key].speed:
            best[key] = entry
    return list(best.values())


def page_html(data: dict[str, Any]) -> str:
    parts = files("vamos.core.pack") / "students"
    read = {name: (parts / f"page.{name}").read_text(encoding="utf-8") for name in ("html", "css")}
    # Nothing in a name may end the element it stands in.
    text = json.dumps(data, ensure_ascii=False).replace("<", "\\u003c")
    style = read["css"].replace("{{font}}", _fonts())
    filled = {
        "language": language(),
        "title": html.escape(data["title"]),
        "style": style,
        "data": text,
        "script": page_script(),
    }
    page = _IN_HTML.sub(lambda found: html.escape(tr(found.group(1))), read["html"])
    # All at once: what is put in may itself look like a place to be filled.
    return _PLACE.sub(lambda found: filled[found.group(1)], page)


def page_script() -> str:
    """The script of the page, the same in every pack."""
    parts = files("vamos.core.pack") / "students"
    return "\n".join((parts / name).read_text(encoding="utf-8") for name in SCRIPTS)


def in_page(source: str) -> list[str]:
    """The words in a part of the page: ``{{=words}}`` in HTML, ``word("words")`` in the script."""
    return [*_IN_HTML.findall(source), *_IN_SCRIPT.findall(source)]


def _words() -> dict[str, str]:
    """What the script says, in the language of this run; empty where it says it anyway."""
    return {text: tr(text) for text in in_page(page_script())} if language() != ENGLISH else {}


def _fonts() -> str:
    """The type of the page, inside it, so that it is the same everywhere (SIL Open Font License)."""
    out = []
    for weight, name in ((400, "Regular"), (700, "Bold")):
        data = (files("vamos") / "fonts" / f"Manrope-{name}.ttf").read_bytes()
        source = f"data:font/ttf;base64,{base64.b64encode(data).decode()}"
        out.append(f'@font-face {{ font-family: Manrope; font-weight: {weight}; src: url("{source}"); }}')
    return "\n".join(out)


def page_data(
    project: Project,
    entries: Sequence[ClipEntry],
    rights: str,
    sounds: Mapping[str, PageSound],
    exact: Mapping[str, Cut],
    chapters: Sequence[Chapter] = (),
) -> dict[str, Any]:
    """What the page needs to know; seconds and names only."""
    titles = dict.fromkeys(e.title for e in entries if e.title != RUN_THROUGH)
    sections = {s.name: s for s in project.dance.sections}
    through = [e for e in entries if e.title == RUN_THROUGH]
    title = project.dance.name or project.name
    shown: list[dict[str, Any]] = [
        {
            "title": name,
            "rows": rows_of(sections[name]) if name in sections else [],
            "views": _views([e for e in entries if e.title == name], sounds, exact),
        }
        for name in titles
    ]
    short = short_names(project.dance)
    for part in shown:
        if part["title"] in sections:
            add_forms(part, sections[part["title"]], rows_of, short)
    return {
        "id": hashlib.sha256(f"{project.name}\n{title}".encode()).hexdigest()[:16],
        "words": _words(),
        "title": title,
        "about": _about(project),
        "care": tr(CARE),
        "rights": rights,
        "sections": shown,
        "lesson": lesson_items(project, shown, bool(through)),
        "through": _through(through, sounds, exact, chapters) if through else None,
    }


def _about(project: Project) -> str:
    rows = dict(card_of(project).rows)
    named = (
        (Field.SONG, tr("to {}")),
        (Field.BY, tr("by {}")),
        (Field.LEVEL, "{}"),
        (Field.COUNTS, tr("{} counts")),
        (Field.TEMPO, "{}"),
    )
    return ", ".join(words.format(rows[name]) for name, words in named if rows.get(name))


def rows_of(section: Section) -> list[dict[str, Any]]:
    """The sheet of a section, a move a row; ``count`` is the whole count it belongs to, 0 for the first."""
    out = []
    for event in sorted(section.events, key=lambda e: e.start):
        foot = event.foot.value if event.foot is not Foot.NONE else ""
        words = event.name or str(event.kind)
        if event.role:
            words = f"{event.role}: {words}"
        if event.cue and event.cue.lower() != words.lower():
            words = f"{event.cue}: {words}"
        cells = [count_name(event.start, section.feel), words, foot, turn_said(event.turn, event.size)]
        out.append({"count": max(0, floor(event.start)), "cells": cells})
    return out


def _through(
    entries: list[ClipEntry], sounds: Mapping[str, PageSound], exact: Mapping[str, Cut], chapters: Sequence[Chapter]
) -> dict[str, Any]:
    """The whole dance with its chapters."""
    return {
        "title": tr("The whole dance"),
        "rows": [],
        "views": _views(entries, sounds, exact),
        "chapters": [[start, title] for start, _end, title in chapters],
    }


def _views(entries: list[ClipEntry], sounds: Mapping[str, PageSound], exact: Mapping[str, Cut]) -> list[dict[str, Any]]:
    """The ways a section can be seen: the film the page plays, and all files from fast to slow."""
    found: dict[str, list[ClipEntry]] = {}
    for entry in entries:
        sound = tr(", sound: {sound}", sound=tr(entry.sound)) if entry.sound != entries[0].sound else ""
        found.setdefault(_view_name(entry, entries) + sound, []).append(entry)
    return [
        {
            "name": name,
            "film": _film(max(rows, key=lambda e: e.speed), sounds, exact),
            "files": [{"file": e.file, "speed": e.speed} for e in sorted(rows, key=lambda e: -e.speed)],
        }
        for name, rows in found.items()
    ]


def _view_name(entry: ClipEntry, entries: Sequence[ClipEntry]) -> str:
    """What a way of seeing is called; “to watch” only beside clips with counts."""
    if entry.arrangement != Arrangement.ONE:
        return tr(entry.arrangement)
    paces = {tr("half-time"): entry.half_time, tr("double time"): entry.double_time}
    watched = entry.look == Look.PLAIN and any(e.look != Look.PLAIN for e in entries)
    extra = [name for name, so in paces.items() if so] or ([tr("to watch")] if watched else [])
    extra += [entry.shows] if entry.shows else []
    return ", ".join([label_words(entry.label, short=True) or tr(entry.view), *extra])


def _film(entry: ClipEntry, sounds: Mapping[str, PageSound], exact: Mapping[str, Cut]) -> dict[str, Any]:
    """A film with its counts; the page draws those that do not stand over the picture."""
    states = entry.states_told()
    cut, rate = exact.get(entry.file), float(Fraction(entry.rate))
    core = [frame for frame, state in states if not state.dim]
    start = min(core, default=0)
    after = [frame for frame, state in states if state.dim and frame > start]
    from_s, to_s = start / rate, min(after, default=entry.frames) / rate
    counts: list[tuple[float, str]] = [(frame / rate, number) for frame, number in entry.counts_told()]
    if cut is not None:
        # Exact seconds: a frame is too coarse to loop by.
        from_s, to_s = max(0.0, cut.core_s[0]), min(entry.duration_s, cut.core_s[1])
        counts = [(at, number) for at, (_, number) in zip(cut.counts_s, cut.counts, strict=True)]
    first = next((k for k, (at, _) in enumerate(counts) if at >= from_s - 0.001), 0)
    sound = sounds.get(entry.file)
    return {
        "file": entry.file,
        "speed": entry.speed,
        "rate": rate,
        "length": entry.duration_s,
        "first": first,
        "from": from_s,
        "to": to_s,
        "counts": counts,
        "states": [[frame / rate, s.number + s.part, s.now, s.ahead] for frame, s in states],
        "plain": not entry.counts,
        "sound": {"id": sound.id, "file": sound.file, "rate": sound.rate, "samples": sound.samples} if sound else None,
    }
