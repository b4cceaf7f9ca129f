"""Who has a project open: a small hidden file beside it, which names the process.

It stops nobody. A window says that somebody else is at work; what is saved never overwrites what something else wrote
(:mod:`vamos.core.open_document.document`).
"""

from __future__ import annotations

import contextlib
import getpass
import json
import os
import socket
import time
from dataclasses import dataclass
from pathlib import Path

from vamos.core.disk.processes import alive
from vamos.core.disk.side_files import read_side, write_side
from vamos.wording import words_of

tr = words_of(__name__)

#: A lock file holds a few words.
_LARGEST = 2000


@dataclass(frozen=True, slots=True)
class Holder:
    """Who has a project open, and since when (seconds since 1970)."""

    process: int
    host: str
    user: str
    since: float

    def words(self) -> str:
        """For a sentence: who, where, since when."""
        since = time.strftime("%H:%M", time.localtime(self.since))
        where = "" if self.host == _host() else tr(" on {host}", host=self.host)
        return tr("{user}{where}, since {since}", user=self.user, where=where, since=since)


def place(path: Path) -> Path:
    """The lock file of a project file."""
    return path.with_name(f".{path.name[:200]}.open")


def hold(path: Path) -> Holder | None:
    """Say that this process has a project open; who else has it, or None. A folder nobody can write to is no matter."""
    other = holder(path)
    if other is None:
        mine = {"process": os.getpid(), "host": _host(), "user": _user(), "since": time.time()}
        write_side(place(path), json.dumps(mine).encode())
    return other


def holder(path: Path) -> Holder | None:
    """Another living process that has a project open; what a dead one left is cleared away."""
    holding = _read(path)
    if holding is None or _mine(holding):
        return None
    if holding.host == _host() and not alive(holding.process):
        with contextlib.suppress(OSError):
            place(path).unlink()
        return None
    return holding


def ended(path: Path) -> bool:
    """Whether a process of this machine had a project open and was ended without closing it."""
    holding = _read(path)
    return holding is not None and not _mine(holding) and holding.host == _host() and not alive(holding.process)


def release(path: Path) -> None:
    """This process has a project open no more; the file of another one stays."""
    holding = _read(path)
    if holding is not None and _mine(holding):
        with contextlib.suppress(OSError):
            place(path).unlink()


def _read(path: Path) -> Holder | None:
    """What a lock file says; None where there is none, or it cannot be understood."""
    raw = read_side(place(path), _LARGEST)
    try:
        found = json.loads(raw or b"")
        return Holder(int(found["process"]), str(found["host"]), str(found["user"]), float(found["since"]))
    except (ValueError, KeyError, TypeError, RecursionError, OverflowError):
        return None


def _mine(holding: Holder) -> bool:
    return (holding.process, holding.host) == (os.getpid(), _host())


def _host() -> str:
    return socket.gethostname()


def _user() -> str:
    try:
        return getpass.getuser()
    except (KeyError, OSError):
        return "somebody"
