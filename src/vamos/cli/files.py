"""The files a command reads and writes: one changes a project at a time, nothing is written onto its own source."""

from __future__ import annotations

import sys
from collections.abc import Callable, Iterator
from pathlib import Path

import msgspec

from vamos.core.disk.alone import alone_at
from vamos.core.disk.outputs import check_output, write_output
from vamos.core.document.files import SUFFIX, save
from vamos.core.document.paths import where_expected
from vamos.core.model.project import Project

#: What the command at work was given to read.
_given: list[Path] = []


def reads(*paths: Path | None) -> None:
    """These files are read by the command; nothing it writes goes onto them."""
    _given.extend(p for p in paths if p is not None)


def begin() -> None:
    """Another command begins."""
    _given.clear()


def load(path: Path) -> Project:
    """The project in a file; raises MissingError or ProjectError."""
    from vamos.core.open_document.reading import read_project

    project = read_project(path).project
    reads(path, *_media(project, path.parent))
    return project


def _media(project: Project, base: Path) -> Iterator[Path]:
    for song in (project.song, *(o.song for o in project.other_songs)):
        if song is not None:
            yield where_expected(song.media, base)
    for take in project.takes:
        yield where_expected(take.media, base)
        if take.better is not None:
            yield where_expected(take.better.media, base)


def is_project(path: Path) -> bool:
    """Whether a file is named as a project."""
    return path.suffix == SUFFIX


def change(path: Path, edit: Callable[[Project], Project]) -> Project:
    """Change the project in a file, as it is there now, while nobody else does; what it is afterwards."""
    with alone_at(path):
        project = edit(load(path))
        save(project, path)
    return project


def may_write(path: Path) -> None:
    """Raise WriteError when a path must not be written to; asked before work that takes long."""
    check_output(path, _given)


def write_file(path: Path, data: bytes) -> None:
    """Write what was asked for; raises WriteError."""
    write_output(path, data, _given)


def write_json(where: str, data: object) -> None:
    """JSON into a file, or to standard output for ``-``; raises WriteError."""
    text = msgspec.json.format(msgspec.json.encode(data), indent=1).decode() + "\n"
    if where == "-":
        sys.stdout.write(text)
        sys.stdout.flush()
    else:
        write_file(Path(where), text.encode())
