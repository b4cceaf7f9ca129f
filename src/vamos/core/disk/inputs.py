"""Reading the user's own small files (projects, sheets, beats) without waiting for pipes or filling the memory."""

from __future__ import annotations

import errno
import os
import stat
from pathlib import Path

from vamos.errors import InputError, MissingError
from vamos.wording import words_of

tr = words_of(__name__)

#: No project and no sheet is larger.
LARGEST = 64 << 20


def read_input(path: Path, what: str, largest: int = LARGEST) -> bytes:
    """The bytes of a file a person named; ``what`` it should be, such as “project”, stands in messages.

    Raises
    ------
    MissingError
        when there is nothing.
    InputError
        when it is a folder, a pipe, a device, larger than ``largest`` bytes, or cannot be read.
    """
    try:
        fd = os.open(path, os.O_RDONLY | os.O_NONBLOCK | os.O_CLOEXEC)
    except FileNotFoundError as error:
        raise MissingError(tr("there is no such {what}.", what=what), file=path) from error
    except (OSError, ValueError) as error:
        raise _refused(error, path) from error
    try:
        return _whole(fd, path, what, largest)
    except OSError as error:
        raise _refused(error, path) from error
    finally:
        os.close(fd)


def _whole(fd: int, path: Path, what: str, largest: int) -> bytes:
    found = os.fstat(fd)
    if stat.S_ISDIR(found.st_mode):
        raise InputError(tr("this is a folder, not a {what}.", what=what), file=path)
    if not stat.S_ISREG(found.st_mode):
        raise InputError(tr("this is a pipe or a device, not a {what}.", what=what), file=path)
    if found.st_size > largest:
        raise InputError(
            tr(
                "it is {size} MB large; a {what} is at most {most} MB.",
                size=found.st_size >> 20,
                what=what,
                most=largest >> 20,
            ),
            file=path,
        )
    pieces, left = [], largest + 1
    while left > 0 and (piece := os.read(fd, min(left, 1 << 20))):
        pieces.append(piece)
        left -= len(piece)
    return b"".join(pieces)


def _refused(error: OSError | ValueError, path: Path) -> InputError:
    reasons = {
        errno.EACCES: tr("you may not read it."),
        errno.EISDIR: tr("this is a folder."),
        errno.ELOOP: tr("it is a link that leads round in a circle."),
        errno.ENAMETOOLONG: tr("the name is too long."),
    }
    said = reasons.get(getattr(error, "errno", None) or 0)
    why = getattr(error, "strerror", None)
    words = tr("it cannot be read: {why}.", why=why) if why else tr("no file can have this name.")
    return InputError(said or words, file=path)
