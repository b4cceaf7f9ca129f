"""Fonts of printed sheets: Manrope, and for letters it lacks, others that ship with Vamos."""

from __future__ import annotations

from functools import lru_cache
from importlib.resources import as_file, files
from typing import Any

_FACES = {
    "Manrope": "Manrope-Regular.ttf",
    "Manrope-Bold": "Manrope-Bold.ttf",
    "DejaVu": "DejaVuSans-Bold.ttf",
    "Droid": "DroidSansFallbackFull.ttf",
}
_FALLBACKS = ("DejaVu", "Droid")
#: What stands for a letter that no font has.
_UNKNOWN = "\u25a1"


@lru_cache(maxsize=8)
def face(name: str) -> Any:
    """A font, registered with ReportLab when it is first used."""
    from reportlab.pdfbase import pdfmetrics
    from reportlab.pdfbase.ttfonts import TTFont

    with as_file(files("vamos") / "fonts" / _FACES[name]) as path:
        made = TTFont(name, str(path))
    pdfmetrics.registerFont(made)
    return made


def runs(text: str, bold: bool = False) -> list[tuple[str, str]]:
    """A text in pieces (font, letters), each in the first font that has its letters."""
    first = "Manrope-Bold" if bold else "Manrope"
    out: list[tuple[str, str]] = []
    for letter in text:
        name = out[-1][0] if letter.isspace() and out else _name_for(letter, first)
        if name is None:
            name, letter = "DejaVu", _UNKNOWN
        if out and out[-1][0] == name:
            out[-1] = (name, out[-1][1] + letter)
        else:
            out.append((name, letter))
    return out


@lru_cache(maxsize=4096)
def _name_for(letter: str, first: str) -> str | None:
    return next((name for name in (first, *_FALLBACKS) if ord(letter) in face(name).face.charToGlyph), None)


def width(text: str, size: float, bold: bool = False) -> float:
    """How wide a text is, in points."""
    return sum(float(face(name).stringWidth(piece, size)) for name, piece in runs(text, bold))


def draw(canvas: Any, x: float, y: float, text: str, size: float, bold: bool = False) -> None:
    """Write a text from x on."""
    for name, piece in runs(text, bold):
        face(name)
        canvas.setFont(name, size)
        canvas.drawString(x, y, piece)
        x += float(face(name).stringWidth(piece, size))


def _broken(word: str, size: float, space: float, bold: bool) -> list[str]:
    """A word in pieces that fit, each at least one letter; in time that grows with its length."""
    pieces, begun, used = [], 0, 0.0
    for at, letter in enumerate(word):
        wide = width(letter, size, bold)
        if at > begun and used + wide > space:
            pieces.append(word[begun:at])
            begun, used = at, 0.0
        used += wide
    return [*pieces, word[begun:]]


def wrapped(text: str, size: float, space: float, bold: bool = False) -> list[str]:
    """A text in lines that fit; words longer than a line, and scripts without spaces, break where they must."""
    lines: list[str] = []
    for paragraph in text.splitlines() or [""]:
        line = ""
        for word in paragraph.split():
            longer = f"{line} {word}" if line else word
            if width(longer, size, bold) <= space:
                line = longer
                continue
            if line:
                lines.append(line)
            line = word
            *full, line = _broken(line, size, space, bold)
            lines += full
        lines.append(line)
    return lines
