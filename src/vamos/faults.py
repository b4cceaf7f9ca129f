"""Faults of Vamos itself: told as such, with a report that can be copied and holds nothing private.

Reports are also kept in a log of bounded size, so that they are there when the window is gone.
"""

from __future__ import annotations

import logging
import platform
import re
import sys
import time
import traceback
from logging.handlers import RotatingFileHandler
from pathlib import Path

import platformdirs

from vamos import __version__

#: The log is at most so large, with so many older ones beside it.
_LARGEST, _OLDER = 200_000, 2


def report(where: str, error: BaseException) -> str:
    """What went wrong, for who mends it: versions, where, the calls; paths only inside Vamos and its libraries."""
    lines = [
        f"Vamos {__version__}, Python {platform.python_version()}, {platform.system()}",
        f"While: {where}",
        f"{type(error).__name__}: {_without_paths(str(error))}",
    ]
    for frame in traceback.extract_tb(error.__traceback__):
        lines.append(f"  {_short(frame.filename)}:{frame.lineno} {frame.name}")
    return "\n".join(lines)


def printed(where: str, error: BaseException) -> str:
    """As :func:`report`, kept in the log, and on standard error with all there is."""
    traceback.print_exception(error, file=sys.stderr)
    found = report(where, error)
    keep(found)
    return found


def log_path() -> Path:
    """Where reports are kept."""
    return Path(platformdirs.user_log_dir("vamos", appauthor=False)) / "vamos.log"


def keep(text: str) -> Path | None:
    """Add a report to the log; None where it cannot be written."""
    path = log_path()
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
        handler = RotatingFileHandler(path, maxBytes=_LARGEST, backupCount=_OLDER, encoding="utf-8")
    except OSError:
        return None
    try:
        when = time.strftime("%Y-%m-%d %H:%M:%S")
        handler.handle(logging.makeLogRecord({"msg": f"{when}\n{text}\n", "levelno": logging.ERROR}))
    finally:
        handler.close()
    return path


def _short(path: str) -> str:
    """A file of the program by its place in it."""
    parts = Path(path).parts
    for name in ("site-packages", "src"):
        if name in parts:
            return "/".join(parts[parts.index(name) + 1 :])
    return Path(path).name


def _without_paths(text: str) -> str:
    """Words without any path: folders and names of files, blanks in them or not, are nobody's business."""
    return _BARE.sub("(path)", _QUOTED.sub("(path)", text))


#: A path in quotes, and one without: folders up to the last slash, then a name up to its ending or to a colon.
_QUOTED = re.compile(r"""(['"“‘«])[^'"”’»\n]*/[^'"”’»\n]*['"”’»]""")
_BARE = re.compile(r"""(?<![\w/])~?/(?:[^/\n'":]+/)*[^/\n'":]*?(?:\.\w{1,5}\b|(?=[:'"\n])|$)""")
