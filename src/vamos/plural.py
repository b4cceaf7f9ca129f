"""Words that agree with their number."""

from fractions import Fraction

from vamos.language import number as as_written
from vamos.language import tr


def plural(number: int | Fraction, word: str, many: str = "") -> str:
    """``1 wall``, ``2 walls``, ``2.5 counts``."""
    written = str(number) if isinstance(number, int) else as_written(float(number))
    return f"{written} {tr(word if number == 1 else many or word + 's')}"


def plural_or_no(number: int, word: str) -> str:
    """``no tags``, ``1 wall``, ``4 walls``."""
    return plural(number, word) if number else tr(f"no {word}s")
