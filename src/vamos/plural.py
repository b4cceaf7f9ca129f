"""Words that agree with their number."""

from vamos.language import tr


def plural(number: int, word: str, many: str = "") -> str:
    """``1 wall``, ``2 walls``."""
    return f"{number} {tr(word if number == 1 else many or word + 's')}"


def plural_or_no(number: int, word: str) -> str:
    """``no tags``, ``1 wall``, ``4 walls``."""
    return plural(number, word) if number else tr(f"no {word}s")
