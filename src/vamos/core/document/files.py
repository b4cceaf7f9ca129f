"""The project file: JSON, versioned, written all at once or not at all.

Layout: ``{"vamos": 4, "project": {...}}``; the fields are those of ``core.model``. Fractions
are text (``"7/2"``), see docs/formats.md.
"""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction
from pathlib import Path
from typing import Any, TypeVar

import msgspec

from vamos.core.disk.atomic import write_atomically
from vamos.core.disk.inputs import LARGEST, read_input
from vamos.core.disk.outputs import PROJECT
from vamos.core.disk.side_files import read_side
from vamos.core.document.migrate import migrated
from vamos.core.document.said import json_said
from vamos.core.document.unknown import unknown_in, with_unknown
from vamos.core.model.project import Project
from vamos.core.time import as_count
from vamos.errors import InputError, ProjectError
from vamos.wording import words_of

tr = words_of(__name__)

VERSION = 4
SUFFIX = PROJECT


def _plain(value: object) -> object:
    if isinstance(value, Fraction):
        return str(value)
    raise NotImplementedError(f"{type(value).__name__} cannot be written")


def _rich(kind: type, value: object) -> object:
    if kind is Fraction:
        if isinstance(value, bool) or not isinstance(value, int | str):
            raise ValueError(f'expected a count such as 7 or "7/2", found {value!r}')
        return as_count(value)
    raise NotImplementedError(f"{kind} cannot be read")


def to_builtins(value: object) -> Any:
    """Any model value as plain dicts, lists, numbers and text."""
    return msgspec.to_builtins(value, enc_hook=_plain)


T = TypeVar("T")


def from_builtins(data: Any, kind: type[T]) -> T:
    """A model value from what :func:`to_builtins` gave.

    Raises
    ------
    InputError
        naming the field that cannot be understood.
    """
    try:
        return msgspec.convert(data, kind, dec_hook=_rich)
    except (msgspec.ValidationError, ValueError) as error:
        raise InputError(tr("it cannot be understood: {said}.", said=json_said(error))) from error


def encoded(project: Project, over: bytes = b"") -> bytes:
    """The project as its file holds it; fields of the file it is written ``over`` that are not known here are kept."""
    document = with_unknown({"vamos": VERSION, "project": to_builtins(project)}, _unknown(over))
    return msgspec.json.format(msgspec.json.encode(document), indent=1) + b"\n"


def _unknown(raw: bytes) -> Any:
    """What a project file holds that is not understood; None for nothing, or where it is no project."""
    try:
        document, version = _decoded(raw, Path())
        document = migrated(document, version)
        known = to_builtins(from_builtins(document.get("project"), Project))
    except (ProjectError, InputError):
        return None
    return unknown_in(document, {"vamos": VERSION, "project": known})


def save(project: Project, path: Path) -> None:
    """Write the project file; raises :class:`WriteError`."""
    over = read_side(path, LARGEST, follow=True) or b""
    write_atomically(path, encoded(project, over))


@dataclass(frozen=True, slots=True)
class Read:
    """A project as it was read: the format its file has, and the bytes of the file."""

    project: Project
    version: int
    raw: bytes


def load(path: Path) -> Project:
    """The project in a file of any format up to this one; raises as :func:`read`."""
    return read(path).project


def read(path: Path) -> Read:
    """Read a project file.

    Raises
    ------
    MissingError, ProjectError
        ProjectError says which field is wrong.
    """
    untouched = tr("The file was not changed.")
    try:
        raw = read_input(path, tr("project"))
    except InputError as error:
        raise ProjectError(error.what, file=path) from error
    document, version = _decoded(raw, path)
    try:
        return Read(from_builtins(migrated(document, version).get("project"), Project), version, raw)
    except InputError as error:
        raise ProjectError(
            error.what, file=path, safe=untouched, todo=tr("If it was edited by hand, undo that edit.")
        ) from error


def _decoded(raw: bytes, path: Path) -> tuple[dict[str, Any], int]:
    untouched = tr("The file was not changed.")
    try:
        document = msgspec.json.decode(raw)
    except (msgspec.DecodeError, UnicodeDecodeError, RecursionError) as error:
        raise ProjectError(
            tr("this is not a Vamos project: {said}.", said=json_said(error)),
            file=path,
            safe=untouched,
            todo=tr("Choose a file that ends in .vamos, or start a new project."),
        ) from error
    version = document.get("vamos") if isinstance(document, dict) else None
    if not isinstance(version, int) or isinstance(version, bool) or version < 1:
        raise ProjectError(
            tr("this is not a Vamos project (the field “vamos” with its version is missing)."),
            file=path,
            safe=untouched,
        )
    if version > VERSION:
        raise ProjectError(
            tr(
                "it was written by a newer Vamos (format {version}, this one reads up to {version2}).",
                version=version,
                version2=VERSION,
            ),
            file=path,
            safe=untouched,
            todo=tr("Open it with the newer Vamos."),
        )
    return document, version
