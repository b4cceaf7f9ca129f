"""Where the project's media are: relative to the project file, found again by fingerprint."""

from __future__ import annotations

import hashlib
import os
from pathlib import Path

from vamos.core.model.song import MediaRef
from vamos.errors import MissingError, ReplacedError
from vamos.wording import words_of

tr = words_of(__name__)

_PIECE = 1 << 20


def fingerprint(path: Path) -> str:
    """A quick hash: size, first and last megabyte (BLAKE2b, 16 bytes)."""
    digest = hashlib.blake2b(digest_size=16)
    size = path.stat().st_size
    digest.update(str(size).encode())
    with path.open("rb") as file:
        digest.update(file.read(_PIECE))
        if size > _PIECE:
            file.seek(max(_PIECE, size - _PIECE))
            digest.update(file.read(_PIECE))
    return digest.hexdigest()


def reference(path: Path, duration_s: float, base: Path | None = None) -> MediaRef:
    """A reference to a file, relative to the folder ``base`` when one is given."""
    full = path.resolve()
    text = os.path.relpath(full, base.resolve()) if base is not None else str(full)
    return MediaRef(text, full.stat().st_size, duration_s, fingerprint(full))


def locate(media: MediaRef, base: Path | None) -> Path:
    """The file a reference points to; looked for in the folders around when it has moved.

    A file of the same name that is another one (by size, first and last megabyte) is not taken for it.

    Raises
    ------
    MissingError
        when neither the path nor a file with the same fingerprint is found.
    ReplacedError
        when only another file stands under its name.
    """
    path = where_expected(media, base)
    if path.is_file() and _is_same(path, media):
        return path
    for folder in _around(path, base):
        for candidate in sorted(folder.iterdir()):
            try:
                if candidate.is_file() and media.fingerprint and _is_same(candidate, media):
                    return candidate
            except OSError:
                continue
    if path.is_file():
        raise ReplacedError(
            tr("this is another file than the one Vamos knows under this name."),
            file=path,
            safe=tr("Everything else in the project works on."),
            todo=tr("Put the old one back, or say at Film that this is the one to use; it is then placed again."),
        )
    raise MissingError(
        tr("this file is not where it was."),
        file=path,
        safe=tr("Everything else in the project works on."),
        todo=tr("Put it back, place it next to the project file under any name, or point to it at Film."),
    )


def where_expected(media: MediaRef, base: Path | None) -> Path:
    """The path a reference names, whether something is there or not."""
    path = Path(media.path)
    return base / path if base is not None and not path.is_absolute() else path


#: Files looked at before: (path, size, time of change) → fingerprint.
_looked: dict[tuple[str, int, int], str] = {}


def _is_same(path: Path, media: MediaRef) -> bool:
    """Whether a file is the one that is meant; a reference without a fingerprint names its file alone."""
    if not media.fingerprint:
        return True
    stat = path.stat()
    if stat.st_size != media.size:
        return False
    key = (str(path), stat.st_size, stat.st_mtime_ns)
    if key not in _looked:
        _looked[key] = fingerprint(path)
    return _looked[key] == media.fingerprint


def _around(path: Path, base: Path | None) -> list[Path]:
    """The folders to search: the file's own, the project's, and one level below it."""
    folders = [path.parent]
    if base is not None and base.is_dir():
        folders.append(base)
        folders += sorted(child for child in base.iterdir() if child.is_dir())[:200]
    unique = dict.fromkeys(f.resolve() for f in folders if f.is_dir())
    return list(unique)
