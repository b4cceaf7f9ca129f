"""A section or a small pack as one HTML file that holds its films and sounds: it can be sent like a picture.

It is the page of the pack with what it plays inside it, as base64 in elements of its own. Films lose their sound there,
which the page plays from the sound beside them. Everything held has its digest, so that a damaged file is noticed.
"""

from __future__ import annotations

import base64
import hashlib
import html
import io
import re
from collections.abc import Iterator, Sequence
from pathlib import Path
from typing import Any

from vamos.core.disk.inputs import read_input
from vamos.core.disk.outputs import write_output
from vamos.core.pack.finding import Finding
from vamos.core.pack.manifest import read_manifest
from vamos.core.pack.page_read import data_of, language_of, parts_of, sound_in, text_of
from vamos.core.pack.page_sound import silent_film
from vamos.core.pack.students_page import PAGE, page_html
from vamos.errors import InputError, MediaError, MissingError
from vamos.wording import speaking, words_of

tr = words_of(__name__)

_HELD = re.compile(r'<script type="text/plain" data-held="([^"]*)">([A-Za-z0-9+/=]*)</script>')
#: Browsers on phones open files up to here without trouble (common practice, no source).
HEAVY_BYTES = 60_000_000


def one_file(pack: Path, to: Path, sections: Sequence[str] = ()) -> int:
    """Write the page of a pack, or of some of its sections, as one file; its size in bytes.

    Raises MissingError, ProjectError for a folder that is no pack, InputError for a section it has not, WriteError.
    """
    text = one_page(pack, sections).encode("utf-8")
    write_output(to, text)
    return len(text)


def section_names(pack: Path) -> tuple[str, ...]:
    """The sections of the page of a pack, in order."""
    return tuple(s["title"] for s in _data_of(_page_of(pack))["sections"])


def bytes_of(pack: Path, sections: Sequence[str] = ()) -> int:
    """About how large the one file would be: a third is added to what it holds, as it is written in letters."""
    page = _page_of(pack)
    held = sum((pack / name).stat().st_size for name in _played(_chosen(_data_of(page), sections)))
    return len(page.encode("utf-8")) + held * 4 // 3


def one_page(pack: Path, sections: Sequence[str] = ()) -> str:
    """The text of the one file; raises as :func:`one_file`."""
    read_manifest(pack)
    page = _page_of(pack)
    data = _chosen(_data_of(page), sections)
    held = {name: _content(pack / name) for name in _played(data)}
    data["held"] = {name: hashlib.sha256(raw).hexdigest() for name, raw in held.items()}
    with speaking(language_of(page)):
        whole = page_html(data)
    elements = "\n".join(
        f'<script type="text/plain" data-held="{html.escape(name)}">{base64.b64encode(raw).decode()}</script>'
        for name, raw in held.items()
    )
    before, mark, behind = whole.rpartition("<script>")
    return f"{before}{elements}\n{mark}{behind}"


def _page_of(pack: Path) -> str:
    path = pack / PAGE
    if not path.is_file():
        raise MissingError(tr("the pack has no page for students."), file=path)
    return path.read_bytes().decode("utf-8", "replace")


def _data_of(page: str) -> dict[str, Any]:
    data = data_of(page)
    if data is None:
        raise InputError(tr("The page of the pack is not one that Vamos wrote; write the pack anew."))
    try:
        _played(data)
    except (KeyError, TypeError, AttributeError) as error:
        raise InputError(tr("What the page says of its films is damaged; write the pack anew.")) from error
    return data


def _chosen(data: dict[str, Any], sections: Sequence[str]) -> dict[str, Any]:
    """What the page says, of the sections that are wanted; the lesson and the whole dance only with all of them."""
    names = [s["title"] for s in data["sections"]]
    unknown = [s for s in sections if s not in names]
    if unknown:
        raise InputError(
            tr(
                "The pack has no section “{name}”; it has {names}.",
                name=unknown[0],
                names=", ".join(f"“{n}”" for n in names),
            )
        )
    if not sections or set(sections) == set(names):
        return data
    kept = [s for s in data["sections"] if s["title"] in sections]
    return {**data, "sections": kept, "lesson": [], "through": None}


def _played(data: dict[str, Any]) -> list[str]:
    """The files the page plays: a film a view, and its sound."""
    films = [view["film"] for part in parts_of(data) for view in part["views"]]
    names = [n for f in films for n in (f["file"], (f["sound"] or {}).get("file"))]
    return list(dict.fromkeys(n for n in (*names, (data.get("voice") or {}).get("file")) if n))


def _content(path: Path) -> bytes:
    if not path.is_file():
        raise MissingError(tr("it belongs to the pack and is gone; write the pack anew."), file=path)
    if path.suffix != ".js":
        try:
            return silent_film(path)
        except (OSError, IndexError, ValueError) as error:
            raise MediaError(tr("its pictures cannot be read; write the pack anew."), file=path) from error
    found = sound_in(text_of(path) or "")
    if found is None:
        raise InputError(tr("it was changed; write the pack anew."), file=path)
    return found[1]


def verify_one_file(path: Path) -> list[Finding]:
    """Whether all that the page plays is in it, as it was put there, and opens; raises MissingError, InputError."""
    page = read_input(path, tr("page")).decode("utf-8", "replace")
    data = _data_of(page)
    held = {html.unescape(name): text for name, text in _HELD.findall(page)}
    return [*_held_findings(data, held), *_unsaid(data, held)]


def _held_findings(data: dict[str, Any], held: dict[str, str]) -> Iterator[Finding]:
    said = data.get("held", {})
    for name in _played(data):
        if name not in held:
            yield Finding(name, "file", False, tr("it is missing"))
            continue
        try:
            raw = base64.b64decode(held[name], validate=True)
        except ValueError:
            raw = b""
        same = hashlib.sha256(raw).hexdigest() == said.get(name)
        yield Finding(name, "checksum", same, tr("as written") if same else tr("the file was changed"))
        if not name.endswith(".js"):
            yield _opens(name, raw, data)


def _opens(name: str, raw: bytes, data: dict[str, Any]) -> Finding:
    """Whether a film decodes to the length the page counts by."""
    import av

    film = next(v["film"] for p in parts_of(data) for v in p["views"] if v["film"]["file"] == name)
    try:
        with av.open(io.BytesIO(raw), "r") as source:
            frames = sum(1 for _ in source.decode(video=0))
    except (OSError, ValueError, IndexError):
        return Finding(name, "frames", False, tr("it cannot be decoded"))
    wanted = round(film["length"] * film["rate"])
    return Finding(name, "frames", frames == wanted, f"{frames}/{wanted}")


def _unsaid(data: dict[str, Any], held: dict[str, str]) -> Iterator[Finding]:
    for name in held:
        if name not in data.get("held", {}):
            yield Finding(name, "unnamed", False, tr("the page does not name it"))
