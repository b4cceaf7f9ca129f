"""Writing what a person asked for as a file, never onto a song, a film or a project, nor onto what it is made from."""

from __future__ import annotations

import contextlib
from collections.abc import Iterable
from pathlib import Path

from vamos.core.disk.atomic import write_atomically
from vamos.errors import WriteError
from vamos.wording import words_of

tr = words_of(__name__)

#: The ending of project files.
PROJECT = ".vamos"
#: How files with sound or picture begin: RIFF, MP3, FLAC, Ogg, Matroska and WebM, AIFF, ADTS, MPEG.
_BEGINNINGS = (b"RIFF", b"ID3", b"fLaC", b"OggS", b"\x1aE\xdf\xa3", b"FORM", b"\xff\xfb", b"\xff\xf3", b"\xff\xf1")
_HEAD = 64


def write_output(path: Path, data: bytes, inputs: Iterable[Path] = ()) -> None:
    """Write a whole file, or leave what stands there as it was; raises WriteError."""
    check_output(path, inputs)
    write_atomically(path, data)


def check_output(path: Path, inputs: Iterable[Path] = ()) -> None:
    """Raise WriteError when writing to a path would destroy something it is made from, or a song, film or project."""
    kept, choose = tr("It was not changed."), tr("Choose another name.")
    if any(_same(path, other) for other in inputs):
        raise WriteError(tr("this is one of the files it would be made from."), file=path, safe=kept, todo=choose)
    what = _holds(path)
    if what:
        raise WriteError(tr("{what} is in this file.", what=what), file=path, safe=kept, todo=choose)


def _same(a: Path, b: Path) -> bool:
    with contextlib.suppress(OSError, ValueError):
        return a.samefile(b)
    return False


def _holds(path: Path) -> str:
    """What of the user's stands under a path; empty for nothing that must stay."""
    if path.suffix.lower() == PROJECT and path.exists():
        return tr("a project")
    head = _head(path)
    if head.lstrip()[:8].startswith(b"{") and b'"vamos":' in head:
        return tr("a project")
    if head.startswith(_BEGINNINGS) or head[4:8] == b"ftyp":
        return tr("a song or a film")
    return ""


def _head(path: Path) -> bytes:
    try:
        with path.open("rb") as file:
            return file.read(_HEAD) if path.is_file() else b""
    except (OSError, ValueError):
        return b""
