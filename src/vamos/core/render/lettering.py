"""Fonts for what stands over the picture: Manrope, and for letters it lacks, others that ship with Vamos."""

from __future__ import annotations

from functools import lru_cache
from importlib import resources

from PIL import ImageFont

#: Asked in this order for letters that Manrope does not have; the last has some form of nearly all.
_FALLBACKS = ("DejaVuSans-Bold.ttf", "DroidSansFallbackFull.ttf", "Unifont.otf")


@lru_cache(maxsize=128)
def font(size: int, weight: str = "Bold") -> ImageFont.FreeTypeFont:
    """Manrope at a size in pixels; weights Regular, SemiBold, Bold, ExtraBold."""
    return _load(f"Manrope-{weight}.ttf", size)


def font_for(text: str, size: int, weight: str = "Bold") -> ImageFont.FreeTypeFont:
    """The first font that has every letter of a text; the last one where none has."""
    wanted = frozenset(c for c in text if not c.isspace())
    name = _name_for(wanted, f"Manrope-{weight}.ttf")
    return font(size, weight) if name.startswith("Manrope") else _load(name, size)


@lru_cache(maxsize=512)
def _name_for(letters: frozenset[str], first: str) -> str:
    for name in (first, *_FALLBACKS):
        if all(has_glyph(name, c) for c in letters):
            return name
    # A mix of scripts: the font that has most of them.
    return max(_FALLBACKS, key=lambda name: sum(has_glyph(name, c) for c in letters))


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
