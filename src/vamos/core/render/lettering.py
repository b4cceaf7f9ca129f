"""Fonts for what stands over the picture: Manrope, and for letters it lacks, others that ship with Vamos."""

from __future__ import annotations

from functools import lru_cache
from importlib import resources
from unicodedata import category

from PIL import ImageFont

#: Asked in this order for letters that Manrope does not have; the last has some form of nearly all.
_FALLBACKS = ("DejaVuSans-Bold.ttf", "DroidSansFallbackFull.ttf", "Unifont.otf")


@lru_cache(maxsize=128)
def font(size: int, weight: str = "Bold") -> ImageFont.FreeTypeFont:
    """Manrope at a size in pixels; weights Regular, SemiBold, Bold, ExtraBold."""
    return _load(f"Manrope-{weight}.ttf", size)


Run = tuple[str, ImageFont.FreeTypeFont]


def runs_of(text: str, size: int, weight: str = "Bold") -> list[Run]:
    """A text in pieces, each with the first font that has all its letters; spaces stay with what is before.

    A plate has one line: line breaks, tabs and signs that are not seen are spaces on it.
    """
    out: list[tuple[str, str]] = []
    for letter in one_line(text):
        name = out[-1][1] if letter.isspace() and out else _name_for(letter, f"Manrope-{weight}.ttf")
        if out and out[-1][1] == name:
            out[-1] = (out[-1][0] + letter, name)
        else:
            out.append((letter, name))
    return [(piece, _load(name, size)) for piece, name in out]


def one_line(text: str) -> str:
    """A text without line breaks and control signs."""
    if text.isprintable():
        return text
    return "".join(" " if category(c) in _UNSEEN else c for c in text)


#: Control signs, line and paragraph separators, halves of signs (Unicode general categories).
_UNSEEN = ("Cc", "Zl", "Zp", "Cs", "Cn")


def text_length(runs: list[Run]) -> float:
    """How wide the pieces are together, in pixels."""
    return sum(face.getlength(piece) for piece, face in runs)


@lru_cache(maxsize=4096)
def _name_for(letter: str, first: str) -> str:
    # What joins and marks letters belongs to its neighbours; Manrope's own letters are by far the most.
    return next((name for name in (first, *_FALLBACKS) if has_glyph(name, letter)), _FALLBACKS[-1])


@lru_cache(maxsize=4096)
def has_glyph(name: str, letter: str) -> bool:
    """Whether a font draws a letter, and not the box it draws for what it does not know."""
    # What joins and marks letters is shaped with its neighbours and may be empty by itself.
    probe = _load(name, 24)
    return bytes(probe.getmask(letter)) != bytes(probe.getmask("\U0010ffff")) or letter in "\u200d\u200c\ufe0f"


@lru_cache(maxsize=64)
def _load(name: str, size: int) -> ImageFont.FreeTypeFont:
    path = resources.files("vamos") / "fonts" / name
    with resources.as_file(path) as file:
        return ImageFont.truetype(str(file), size)
