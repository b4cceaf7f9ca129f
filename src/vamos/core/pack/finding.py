"""What a comparison of a pack with its manifest came to."""

from __future__ import annotations

from dataclasses import dataclass


@dataclass(frozen=True, slots=True)
class Finding:
    """One comparison: which file, what was looked at, whether it holds, and the figures."""

    file: str
    what: str
    good: bool
    detail: str

    def __post_init__(self) -> None:
        # Comparisons of arrays give numbers that JSON does not know.
        object.__setattr__(self, "good", bool(self.good))
