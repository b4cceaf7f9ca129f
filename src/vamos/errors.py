"""The errors Vamos raises on purpose, in one tree.

    VamosError
    ├── InputError      (ValueError)         a value or text that cannot be used
    ├── MissingError    (FileNotFoundError)  a file that is not there
    │   └── ReplacedError                    another file stands under its name
    ├── MediaError      (ValueError)         a file that cannot be read as sound or picture
    ├── WriteError      (OSError)            something could not be written
    ├── ProjectError    (ValueError)         a project file that cannot be understood
    └── Stopped                              the user stopped a job

Each wraps the builtin it resembles. The message says what happened and to which file,
then what stays safe, then what to do.
"""

from __future__ import annotations

import errno
from pathlib import Path

from vamos.wording import words_of

tr = words_of(__name__)


class VamosError(Exception):
    """Base of all errors meant for the user's eyes."""

    def __init__(self, what: str, *, file: str | Path | None = None, safe: str = "", todo: str = ""):
        self.what = what
        self.file = str(file) if file is not None else ""
        self.safe = safe
        self.todo = todo
        super().__init__(self.text())

    def text(self) -> str:
        """All parts as sentences, in the order a reader needs them."""
        head = f"{self.file}: {self.what}" if self.file else self.what
        return " ".join(part for part in (head, self.safe, self.todo) if part)

    def outside(self) -> str:
        """The same for somebody else's eyes: the file's name, not where it lies on this computer."""
        head = f"{Path(self.file).name}: {self.what}" if self.file else self.what
        return " ".join(part for part in (head, self.safe, self.todo) if part)

    def __str__(self) -> str:
        return self.text()


class InputError(VamosError, ValueError):
    """A value, argument or typed text that cannot be used."""


class MissingError(VamosError, FileNotFoundError):
    """A file or folder that is not there."""


class ReplacedError(MissingError):
    """Another file stands where a known one was."""


class MediaError(VamosError, ValueError):
    """A file that cannot be read as sound or picture."""


class WriteError(VamosError, OSError):
    """Something could not be written."""


class ProjectError(VamosError, ValueError):
    """A project file that cannot be understood."""


class Stopped(VamosError):
    """The user stopped a job; what was half done has been cleared away."""

    def __init__(self, what: str = ""):
        super().__init__(what or tr("Stopped."))


def write_error(error: OSError, file: str | Path) -> WriteError:
    """Turn an operating-system error met while writing into words."""
    reasons = {
        errno.ENOSPC: (tr("there is no space left on the disk."), tr("Free some space and try again.")),
        errno.EDQUOT: (tr("your disk quota is used up."), tr("Free some space and try again.")),
        errno.EACCES: (tr("writing here is not allowed."), tr("Choose another folder.")),
        errno.EPERM: (tr("writing here is not allowed."), tr("Choose another folder.")),
        errno.EROFS: (tr("this disk can only be read."), tr("Choose a folder on another disk.")),
        errno.ENOTDIR: (tr("a file stands where a folder is needed."), tr("Choose another folder.")),
        errno.ENAMETOOLONG: (tr("the name is too long."), tr("Choose a shorter name.")),
    }
    what, todo = reasons.get(
        error.errno or 0,
        (tr("it could not be written ({number}).", number=error.strerror or error), tr("Try another folder.")),
    )
    return WriteError(what, file=file, safe=tr("Nothing half-written was left."), todo=todo)
