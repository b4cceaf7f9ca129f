"""What Qt calls optional and always gives."""

from __future__ import annotations

from typing import TypeVar

T = TypeVar("T")


def some(value: T | None) -> T:
    """The value; Qt's stubs say it may be None where the program has seen to it that it is not."""
    assert value is not None
    return value
