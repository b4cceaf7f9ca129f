"""One writer at a time: several command lines and windows that change one project wait for each other.

The lock is on the folder itself (flock(2)), so nothing is left behind and a dead process holds nothing.
"""

from __future__ import annotations

import contextlib
import errno
import fcntl
import os
import time
from collections.abc import Iterator
from pathlib import Path

from vamos.errors import WriteError
from vamos.wording import words_of

tr = words_of(__name__)

#: Writing a project takes a few milliseconds; who waits this long waits for something that hangs.
PATIENCE_S = 20.0
_AGAIN_S = 0.01


@contextlib.contextmanager
def alone_at(path: Path) -> Iterator[None]:
    """Nobody else who asks for the same writes beside ``path`` meanwhile; raises WriteError after ``PATIENCE_S``.

    Where a file system knows no locks, or the folder cannot be opened, one goes on without.
    """
    try:
        fd = os.open(path.resolve().parent, os.O_RDONLY | os.O_DIRECTORY | os.O_CLOEXEC)
    except (OSError, ValueError, RuntimeError):
        yield
        return
    try:
        _lock(fd, path)
        yield
    finally:
        os.close(fd)


def _lock(fd: int, path: Path) -> None:
    end = time.monotonic() + PATIENCE_S
    while True:
        try:
            fcntl.flock(fd, fcntl.LOCK_EX | fcntl.LOCK_NB)
            return
        except OSError as error:
            if error.errno not in (errno.EWOULDBLOCK, errno.EACCES):
                return
        if time.monotonic() > end:
            raise WriteError(
                tr("another Vamos has been writing here for a long time."),
                file=path,
                safe=tr("Nothing was changed."),
                todo=tr("Close it, then try again."),
            )
        time.sleep(_AGAIN_S)
