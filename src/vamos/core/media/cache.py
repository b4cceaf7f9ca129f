"""Things that can be made again, kept under the user's cache folder, bounded in size."""

from __future__ import annotations

import contextlib
import hashlib
import os
import tempfile
import zipfile
from pathlib import Path

import numpy as np
import numpy.typing as npt
import platformdirs

#: The cache is cut back to this many bytes, oldest use first.
LIMIT = 1 << 30


def folder() -> Path:
    return Path(platformdirs.user_cache_dir("vamos", appauthor=False))


#: Raised when what is kept of a kind is worked out differently, so that older results are made again.
_VERSIONS = {"peaks": 1, "motion": 2, "thumbs": 1, "proxies": 1}


def place(kind: str, key: str, suffix: str = ".npz") -> Path:
    """Where something is kept under a key. Keys come out of project files, so they are hashed, never file names."""
    name = hashlib.blake2b(f"{_VERSIONS.get(kind, 0)}\0{key}".encode(), digest_size=16).hexdigest()
    return folder() / kind / f"{name}{suffix}"


def load(kind: str, key: str) -> dict[str, npt.NDArray[np.generic]] | None:
    """Arrays kept under a key, or None; a damaged file counts as none."""
    path = place(kind, key)
    try:
        with path.open("rb") as file, np.load(file, allow_pickle=False) as found:
            arrays = {name: found[name] for name in found.files}
        os.utime(path)
    except (OSError, ValueError, EOFError, KeyError, zipfile.BadZipFile):
        return None
    return arrays


def keep(kind: str, key: str, **arrays: npt.NDArray[np.generic]) -> None:
    """Keep arrays; a full or read-only disk only means that they are made again next time."""
    target = place(kind, key)
    name = None
    try:
        target.parent.mkdir(parents=True, exist_ok=True)
        fd, name = tempfile.mkstemp(dir=target.parent, suffix=".tmp")
        with os.fdopen(fd, "wb") as file:
            np.savez(file, **arrays)  # type: ignore[arg-type]
        os.replace(name, target)
        cut_back()
    except OSError:
        if name is not None:
            Path(name).unlink(missing_ok=True)


def cut_back() -> None:
    """Delete what was not used for longest, until all is within ``LIMIT``; other programs may do the same."""
    files = []
    for path in [p for p in folder().rglob("*") if p.suffix in (".npz", ".mp4") and ".part" not in p.suffixes]:
        with contextlib.suppress(OSError):
            stat = path.stat()
            files.append((stat.st_mtime, stat.st_size, path))
    total = sum(size for _, size, _ in files)
    for _, size, path in sorted(files):
        if total <= LIMIT:
            return
        with contextlib.suppress(OSError):
            path.unlink(missing_ok=True)
        total -= size
