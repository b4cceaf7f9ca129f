"""Fields of a project file that this Vamos does not know: somebody wrote them, so they are written again.

Entries of lists are told by their id or name, so that what belongs to a take stays with it however takes are ordered.
"""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any

#: By which fields entries of a list are told.
_NAMES = ("id", "clip", "key", "name")


def unknown_in(written: Any, known: Any) -> Any:
    """What is in ``written`` and not in ``known``, which is all of it that was understood; None for nothing."""
    if isinstance(written, dict) and isinstance(known, dict):
        found = {}
        for name, value in written.items():
            below = value if name not in known else unknown_in(value, known[name])
            if below is not None:
                found[name] = below
        return found or None
    if isinstance(written, list | tuple) and isinstance(known, list | tuple):
        there = _by_name(known)
        pairs = [(name, unknown_in(value, there[name])) for name, value in _by_name(written).items() if name in there]
        entries = {name: below for name, below in pairs if below is not None}
        return _Entries(entries) if entries else None
    return None


def with_unknown(known: Any, unknown: Any) -> Any:
    """What is known with what is not put back where it was; what was taken out meanwhile takes it along."""
    if isinstance(known, dict) and isinstance(unknown, dict) and not isinstance(unknown, _Entries):
        out = dict(known)
        for name, value in unknown.items():
            out[name] = with_unknown(known[name], value) if name in known else value
        return out
    if isinstance(known, list | tuple) and isinstance(unknown, _Entries):
        return [with_unknown(entry, unknown.get(_name(entry))) for entry in known]
    return known


class _Entries(dict[str, Any]):
    """Unknown fields of the entries of a list, by their names."""


def _name(entry: Any) -> str:
    found = (str(entry[field]) for field in _NAMES if entry.get(field)) if isinstance(entry, dict) else ()
    return next(iter(found), "")


def _by_name(entries: Sequence[Any]) -> dict[str, Any]:
    return {name: entry for entry in entries if (name := _name(entry))}
