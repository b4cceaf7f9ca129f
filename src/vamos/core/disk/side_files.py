"""Files that Vamos keeps beside the user's own: who has a project open, caches, profiles.

They lie where others can put something in their place. So no link is followed, nothing that is no plain file is
waited for, no more is read than such a file can hold; and one that is damaged counts as none and is made again.
"""

from __future__ import annotations

import contextlib
import errno
import os
import stat
import tempfile
from collections.abc import Iterator
from pathlib import Path

#: The largest of them, but for what is kept in the cache.
LARGEST = 1 << 20


def plain_file(path: Path) -> bool:
    """Whether a path is a file itself, and no link, folder, pipe or device."""
    try:
        return stat.S_ISREG(path.lstat().st_mode)
    except (OSError, ValueError):
        return False


def put_aside(path: Path) -> None:
    """Give what stands in the place of a file and is none, such as a folder or a pipe, another name.

    A link to a file stays: in the user's own settings folder it is the user's.
    """
    with contextlib.suppress(OSError, ValueError):
        if not stat.S_ISREG(path.stat().st_mode):
            os.replace(path, path.with_name(f"{path.name}.aside"))


def read_side(path: Path, largest: int = LARGEST, follow: bool = False) -> bytes | None:
    """The bytes of a side file; None where there is none, or something else stands in its place.

    ``follow`` lets a link be followed: in the user's own settings folder, where links are the user's.
    """
    try:
        fd = os.open(path, os.O_RDONLY | os.O_NONBLOCK | os.O_CLOEXEC | (0 if follow else os.O_NOFOLLOW))
    except (OSError, ValueError):
        return None
    try:
        found = os.fstat(fd)
        if not stat.S_ISREG(found.st_mode) or found.st_size > largest:
            return None
        with os.fdopen(os.dup(fd), "rb") as file:
            return file.read(largest)
    except OSError:
        return None
    finally:
        os.close(fd)


def write_side(path: Path, data: bytes) -> bool:
    """Put a side file in its place, whole; what stood there is replaced and never written into. False: not possible."""
    name = None
    try:
        if path.is_dir() and not path.is_symlink():
            return False
        fd, name = tempfile.mkstemp(dir=path.parent, prefix=f".{path.name[:80]}.{os.getpid()}.")
        with os.fdopen(fd, "wb") as file:
            file.write(data)
        os.replace(name, path)
    except (OSError, ValueError):
        if name is not None:
            with contextlib.suppress(OSError):
                os.unlink(name)
        return False
    return True


#: What a file system says that cannot do something it is not needed for.
_NOT_HERE = (errno.EINVAL, errno.EPERM, errno.ENOTSUP, errno.ENOSYS, errno.EOPNOTSUPP)


@contextlib.contextmanager
def where_possible() -> Iterator[None]:
    """Something a file system may refuse without harm: flushing to the disk, modes; real errors still come through."""
    try:
        yield
    except OSError as error:
        if error.errno not in _NOT_HERE:
            raise
