"""The project file: JSON, versioned, written all at once or not at all.

Layout: ``{"vamos": 1, "project": {...}}``; the fields are those of ``core.model``. Fractions
are text (``"7/2"``), see docs/formats.md.
"""

from __future__ import annotations

import os
import tempfile
from collections.abc import Callable
from fractions import Fraction
from pathlib import Path
from typing import Any, TypeVar

import msgspec

from vamos.core.model.project import Project
from vamos.core.time import as_count
from vamos.errors import InputError, MissingError, ProjectError, write_error

VERSION = 1
SUFFIX = ".vamos"

#: version → function that lifts a document of that version to the next.
MIGRATIONS: dict[int, Callable[[dict[str, Any]], dict[str, Any]]] = {}


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
        raise InputError(f"a field cannot be understood: {error}.") from error


def write_atomically(path: Path, data: bytes) -> None:
    """Write a whole file or leave the old one as it was.

    Raises
    ------
    WriteError
        with words for what stood in the way.
    """
    handle = None
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
        fd, handle = tempfile.mkstemp(dir=path.parent, prefix=f".{path.name}.")
        with os.fdopen(fd, "wb") as file:
            file.write(data)
            file.flush()
            os.fsync(file.fileno())
        umask = os.umask(0)
        os.umask(umask)
        os.chmod(handle, 0o666 & ~umask)
        os.replace(handle, path)
    except OSError as error:
        if handle is not None:
            Path(handle).unlink(missing_ok=True)
        raise write_error(error, path) from error


def save(project: Project, path: Path) -> None:
    """Write the project file; raises :class:`WriteError`."""
    body = msgspec.json.encode({"vamos": VERSION, "project": to_builtins(project)})
    write_atomically(path, msgspec.json.format(body, indent=1) + b"\n")


def load(path: Path) -> Project:
    """Read a project file.

    Raises
    ------
    MissingError, ProjectError
    """
    untouched = "The file was not changed."
    try:
        raw = path.read_bytes()
    except FileNotFoundError as error:
        raise MissingError("there is no such project.", file=path) from error
    except OSError as error:
        raise ProjectError(f"it cannot be read ({error.strerror}).", file=path) from error
    try:
        document = msgspec.json.decode(raw)
    except (msgspec.DecodeError, UnicodeDecodeError, RecursionError) as error:
        raise ProjectError(
            f"this is not a Vamos project ({error}).",
            file=path,
            safe=untouched,
            todo="Choose a file that ends in .vamos, or start a new project.",
        ) from error
    if not isinstance(document, dict) or not isinstance(document.get("vamos"), int):
        raise ProjectError(
            "this is not a Vamos project (the field “vamos” with its version is missing).",
            file=path,
            safe=untouched,
        )
    version = document["vamos"]
    if version > VERSION:
        raise ProjectError(
            f"it was written by a newer Vamos (format {version}, this one reads up to {VERSION}).",
            file=path,
            safe=untouched,
            todo="Open it with the newer Vamos.",
        )
    while version < VERSION and version in MIGRATIONS:
        document = MIGRATIONS[version](document)
        version += 1
    try:
        return from_builtins(document.get("project"), Project)
    except InputError as error:
        raise ProjectError(
            error.what, file=path, safe=untouched, todo="If it was edited by hand, undo that edit."
        ) from error
