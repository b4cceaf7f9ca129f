"""Faults of Vamos itself: told as such, with a report that can be copied and holds nothing private."""

from __future__ import annotations

import platform
import sys
import traceback
from pathlib import Path

from vamos import __version__


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
    """As :func:`report`, and on standard error with all there is."""
    traceback.print_exception(error, file=sys.stderr)
    return report(where, error)


def _short(path: str) -> str:
    """A file of the program by its place in it."""
    parts = Path(path).parts
    for name in ("site-packages", "src"):
        if name in parts:
            return "/".join(parts[parts.index(name) + 1 :])
    return Path(path).name


def _without_paths(text: str) -> str:
    """Words with every path cut down to its last name."""
    return " ".join(Path(word).name if "/" in word and len(word) > 2 else word for word in text.split(" "))
