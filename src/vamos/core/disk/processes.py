"""Whether a process still lives."""

from __future__ import annotations

import os


def alive(process: int) -> bool:
    """Whether there is a process of a number on this machine."""
    try:
        os.kill(process, 0)
    except ProcessLookupError:
        return False
    except (OSError, OverflowError):
        return True
    return True
