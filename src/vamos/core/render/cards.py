"""Cards: a title and some words on paper."""

from __future__ import annotations

import numpy as np
from PIL import Image, ImageDraw

from vamos.core.render.colours import ACCENT, INK, PAPER, Colour
from vamos.core.render.lettering import runs_of, text_length
from vamos.core.render.overlay_state import Pixels


def card_pixels(title: str, words: str, width: int, height: int) -> Pixels:
    """A card of a size, ``(height, width, 3)``; words are wrapped, and made smaller until they fit."""
    unit = (width * height) ** 0.5 / 75
    image = Image.new("RGB", (width, height), PAPER)
    draw = ImageDraw.Draw(image)
    left, room = int(width * 0.09), int(width * 0.82)
    size = unit * 5.6
    lines = _wrapped(title, int(size), room, "ExtraBold")
    y = height * 0.30 - len(lines) * size * 0.6
    draw.rectangle((left, y - unit * 2.4, left + unit * 9, y - unit * 1.7), ACCENT)
    for line in lines[:4]:
        y = _line(draw, line, left, y, size, INK, "ExtraBold")
    y += unit * 1.5
    size = unit * 3.2
    while size > unit * 1.8 and len(_wrapped(words, int(size), room, "SemiBold")) * size * 1.45 > height * 0.92 - y:
        size *= 0.92
    for line in _wrapped(words, int(size), room, "SemiBold"):
        if y + size > height * 0.95:
            break
        y = _line(draw, line, left, y, size, INK, "SemiBold")
    return np.asarray(image)


def _line(draw: ImageDraw.ImageDraw, text: str, x: float, y: float, size: float, colour: Colour, weight: str) -> float:
    """Write a line whose letters begin at y; where the next one begins."""
    for piece, face in runs_of(text, int(size), weight):
        draw.text((x, y + size), piece, colour, face, "ls")
        x += face.getlength(piece)
    return y + size * 1.45


def _wrapped(text: str, size: int, room: float, weight: str) -> list[str]:
    """Lines as long as there is room; a line of its own in the text stays one."""
    lines: list[str] = []
    for row in text.splitlines():
        started = len(lines)
        for word in row.split():
            longer = f"{lines[-1]} {word}" if len(lines) > started else word
            if len(lines) > started and text_length(runs_of(longer, size, weight)) <= room:
                lines[-1] = longer
            else:
                lines.append(word)
    return lines
