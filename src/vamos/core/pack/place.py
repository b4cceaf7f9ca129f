"""Folders that are made beside their place and put there at once."""

from __future__ import annotations

import ctypes
import os
import shutil
import tempfile
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from pathlib import Path

from vamos.core.disk.atomic import clear_dead, umask
from vamos.errors import VamosError, write_error

#: renameat2(2): exchange two paths; relative to the working folder.
_EXCHANGE, _HERE = 2, -100


def work_folder(out: Path) -> Path:
    """A hidden folder beside ``out`` to work in; those of runs that died are cleared away."""
    target = out.resolve()
    try:
        target.parent.mkdir(parents=True, exist_ok=True)
        clear_dead(target)
        return Path(tempfile.mkdtemp(prefix=f".{target.name[:80]}.{os.getpid()}.", dir=target.parent))
    except OSError as error:
        raise write_error(error, out) from error


@contextmanager
def made_at(out: Path, check: Callable[[Path], None]) -> Iterator[Path]:
    """A hidden folder to work in, put at ``out`` when all went well; nothing of it is left when not.

    ``check`` looks at what stands there already. Raises WriteError.
    """
    work = work_folder(out)
    try:
        yield work
        # Something may have been put there meanwhile; it is looked at again.
        put_in_place(work, out, check)
    except OSError as error:
        if isinstance(error, VamosError):
            raise
        raise write_error(error, out) from error
    finally:
        shutil.rmtree(work, ignore_errors=True)


def put_in_place(work: Path, out: Path, check: Callable[[Path], None]) -> None:
    """Put a finished folder at ``out``; what stands there goes only when ``check`` lets it, and by one exchange."""
    target = out.resolve()
    os.chmod(work, 0o777 & ~umask())
    if not target.exists():
        os.rename(work, target)
        return
    check(target)
    if not _exchanged(work, target):
        old = work.with_name(work.name + ".old")
        os.rename(target, old)
        try:
            os.rename(work, target)
        except OSError:
            os.rename(old, target)
            raise
        work = old
    shutil.rmtree(work, ignore_errors=True)


def _exchanged(a: Path, b: Path) -> bool:
    """Exchange two folders in one step; False where the system cannot."""
    try:
        swap = ctypes.CDLL(None, use_errno=True).renameat2
    except (OSError, AttributeError):
        return False
    return bool(swap(_HERE, os.fsencode(a), _HERE, os.fsencode(b), _EXCHANGE) == 0)
