"""Colours of what is drawn over pictures, as red, green, blue."""

from __future__ import annotations

Colour = tuple[int, int, int]

INK: Colour = (27, 34, 51)
PAPER: Colour = (251, 248, 241)
DIM: Colour = (154, 161, 175)
ACCENT: Colour = (214, 69, 44)
#: Under words: white on the accent itself is only 4.1 : 1.
ACCENT_DARK: Colour = (176, 48, 26)
RIGHT: Colour = (233, 163, 0)
LEFT: Colour = (62, 72, 184)
TAPE: Colour = (217, 196, 156)
