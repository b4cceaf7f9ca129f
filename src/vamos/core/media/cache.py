"""Things that can be made again, kept under the user's cache folder, bounded in size."""

from __future__ import annotations

import contextlib
import hashlib
import io
import os
import stat
import struct
import time
import zipfile
import zlib
from pathlib import Path

import numpy as np
import numpy.typing as npt
import platformdirs

from vamos.core.disk.side_files import read_side, write_side

#: The cache is cut back to this many bytes, oldest use first.
LIMIT = 1 << 30
#: What is still half-made after so long belongs to nobody.
_LEFT_S = 86400.0


def folder() -> Path:
    return Path(platformdirs.user_cache_dir("vamos", appauthor=False))


#: Raised when what is kept of a kind is worked out differently, so that older results are made again.
_VERSIONS = {"peaks": 1, "motion": 2, "thumbs": 1, "proxies": 2, "voice": 1}


def place(kind: str, key: str, suffix: str = ".npz") -> Path:
    """Where something is kept under a key. Keys come out of project files, so they are hashed, never file names."""
    name = hashlib.blake2b(f"{_VERSIONS.get(kind, 0)}\0{key}".encode(), digest_size=16).hexdigest()
    return folder() / kind / f"{name}{suffix}"


def load(kind: str, key: str) -> dict[str, npt.NDArray[np.generic]] | None:
    """Arrays kept under a key, or None; a damaged file counts as none."""
    path = place(kind, key)
    raw = read_side(path, LIMIT)
    if raw is None:
        return None
    try:
        with np.load(io.BytesIO(raw), allow_pickle=False) as found:
            arrays = {name: found[name] for name in found.files}
        os.utime(path)
    except _DAMAGED:
        return None
    return arrays


#: What NumPy and zipfile raise for files that were cut off or changed.
_DAMAGED = (OSError, ValueError, EOFError, KeyError, RuntimeError, zipfile.BadZipFile, zlib.error, struct.error)


def keep(kind: str, key: str, **arrays: npt.NDArray[np.generic]) -> None:
    """Keep arrays; a full or read-only disk only means that they are made again next time."""
    target = place(kind, key)
    with contextlib.suppress(OSError):
        target.parent.mkdir(parents=True, exist_ok=True)
    out = io.BytesIO()
    np.savez(out, **arrays)  # type: ignore[arg-type]
    if write_side(target, out.getvalue()):
        cut_back()


def cut_back() -> None:
    """Delete what was not used for longest, until all is within ``LIMIT``; other programs may do the same.

    What runs that were killed left half-made goes after a day.
    """
    files = []
    for path in folder().rglob("*"):
        with contextlib.suppress(OSError):
            found = path.lstat()
            if not stat.S_ISREG(found.st_mode):
                continue
            half_made = path.name.startswith(".") or path.suffix == ".tmp" or ".part" in path.suffixes
            if half_made:
                if time.time() - found.st_mtime > _LEFT_S:
                    path.unlink(missing_ok=True)
            elif path.suffix in (".npz", ".mp4", ".png"):
                files.append((found.st_mtime, found.st_size, path))
    total = sum(size for _, size, _ in files)
    for _, size, path in sorted(files):
        if total <= LIMIT:
            return
        with contextlib.suppress(OSError):
            path.unlink(missing_ok=True)
        total -= size
