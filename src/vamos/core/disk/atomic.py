"""Writing a file whole or not at all."""

from __future__ import annotations

import contextlib
import os
import re
import shutil
import stat
import tempfile
import threading
from pathlib import Path

from vamos.core.disk.processes import alive
from vamos.core.disk.side_files import where_possible
from vamos.errors import WriteError, write_error
from vamos.wording import words_of

tr = words_of(__name__)


def write_atomically(path: Path, data: bytes) -> None:
    """Write a whole file or leave the old one as it was; its mode stays, and a link stays a link.

    Raises
    ------
    WriteError
        with words for what stood in the way.
    """
    handle = None
    target = path.resolve() if path.is_symlink() else path
    try:
        target.parent.mkdir(parents=True, exist_ok=True)
        mode = stat.S_IMODE(target.stat().st_mode) if target.exists() else None
        if mode is not None and not mode & stat.S_IWUSR:
            raise WriteError(
                tr("it is write-protected."), file=path, safe=tr("It was not changed."), todo=tr("Choose another name.")
            )
        clear_dead(target)
        fd, handle = tempfile.mkstemp(dir=target.parent, prefix=f".{target.name[:80]}.{os.getpid()}.")
        with os.fdopen(fd, "wb") as file:
            file.write(data)
            file.flush()
            with where_possible():
                os.fsync(file.fileno())
        with where_possible():
            os.chmod(handle, 0o666 & ~umask() if mode is None else mode)
        os.replace(handle, target)
    except WriteError:
        raise
    except OSError as error:
        if handle is not None:
            Path(handle).unlink(missing_ok=True)
        raise write_error(error, path) from error


def clear_dead(target: Path) -> None:
    """Remove what runs that were killed left beside a file, or a folder, that they were writing.

    Their names name the process they belong to; without it nobody works on them any more.
    """
    try:
        beside = list(target.parent.iterdir())
    except OSError:
        # A folder that cannot be listed may be written to all the same.
        return
    name = re.compile(rf"\.{re.escape(target.name[:80])}\.(\d+)\.\w{{8}}(\.old)?")
    for path in beside:
        match = name.fullmatch(path.name)
        if match and not path.is_symlink() and not alive(int(match.group(1))):
            if match.group(2) and path.is_dir() and not os.path.lexists(target):
                # Killed between the two renames that put a folder in its place: what stood there goes back.
                with contextlib.suppress(OSError):
                    os.rename(path, target)
            elif path.is_dir():
                shutil.rmtree(path, ignore_errors=True)
            else:
                path.unlink(missing_ok=True)


def umask() -> int:
    """The mask for new files; the only way to ask for it is to set it, so all threads do it here."""
    with _UMASK_LOCK:
        mask = os.umask(0o077)
        os.umask(mask)
    return mask


_UMASK_LOCK = threading.Lock()
