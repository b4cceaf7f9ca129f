"""What stands over the picture: count, cue, label, as opaque plates.

Numbers come from the grid and the sheet, never from speech. Plates are opaque and lie on even
pixels, so that a picture in 4:2:0 takes them without blending and their contrast does not depend
on the picture: ink #1B2233 under paper #FBF8F1 is 15 : 1, dimmed text 6 : 1 (WCAG 2.2, 1.4.3
asks for 4.5 : 1). Preview and export draw the same plates.
"""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction
from functools import lru_cache
from importlib import resources
from math import ceil, floor

import numpy as np
import numpy.typing as npt
from PIL import Image, ImageDraw, ImageFont

from vamos.core.dance.lines import Line
from vamos.core.model.clip import Clip
from vamos.core.model.dance import Event, Kind
from vamos.core.render.timing import ClipTiming
from vamos.core.time import count_text
from vamos.core.time.counts import subdivision_name

Pixels = npt.NDArray[np.uint8]

INK = (27, 34, 51)
PAPER = (251, 248, 241)
DIM = (154, 161, 175)
ACCENT = (214, 69, 44)

#: How far ahead the next cue is shown, in counts.
CUE_AHEAD = Fraction(2)


@dataclass(frozen=True, slots=True)
class Shown:
    """Everything written over one frame."""

    number: str
    part: str = ""
    dim: bool = False
    hold: bool = False
    now: str = ""
    ahead: str = ""
    label: str = ""
    title: str = ""


@dataclass(frozen=True, slots=True)
class Plate:
    """An opaque picture ``(height, width, 3)`` with its top-left corner, all even numbers."""

    x: int
    y: int
    pixels: Pixels


@lru_cache(maxsize=64)
def font(size: int, weight: str = "Bold") -> ImageFont.FreeTypeFont:
    """Manrope at a size in pixels; weights Regular, SemiBold, Bold, ExtraBold."""
    path = resources.files("vamos") / "fonts" / f"Manrope-{weight}.ttf"
    with resources.as_file(path) as file:
        return ImageFont.truetype(str(file), size)


class Words:
    """What is said where on the song: numbers from lines, cues from events."""

    def __init__(self, lines: Sequence[Line]):
        self._lines = sorted(lines, key=lambda line: line.start)
        self._starts = [line.start for line in self._lines]
        found = [pair for line in self._lines for pair in line.events()]
        self._events: list[tuple[Fraction, Event]] = sorted(found, key=lambda pair: pair[0])
        self._event_starts = [at for at, _ in self._events]

    def line_at(self, position: Fraction) -> Line | None:
        index = bisect_right(self._starts, position) - 1
        return self._lines[index] if index >= 0 else None

    def number_at(self, position: Fraction) -> str:
        """The count said at (or last before) a position."""
        line = self.line_at(position)
        start = line.start if line is not None else (self._starts[0] if self._starts else Fraction(0))
        if line is None:
            return str((floor(position - start) % 8) + 1)
        return count_text(Fraction(floor(position - line.start + line.first)))

    def part_at(self, position: Fraction) -> str:
        """The subdivision in force: ``&`` once an event on it has begun, until the next count."""
        line = self.line_at(position)
        index = bisect_right(self._event_starts, position) - 1
        if line is None or index < 0:
            return ""
        start = self._event_starts[index]
        if floor(start) != floor(position):
            return ""
        return subdivision_name(start - floor(start), line.feel)

    def event_at(self, position: Fraction) -> Event | None:
        index = bisect_right(self._event_starts, position) - 1
        if index < 0:
            return None
        at, event = self._events[index]
        return event if position < at + max(event.length, Fraction(1, 4)) else None

    def ahead_at(self, position: Fraction) -> str:
        """The next named event that starts within ``CUE_AHEAD`` counts."""
        index = bisect_right(self._event_starts, position)
        for at, event in self._events[index:]:
            if at - position > CUE_AHEAD:
                return ""
            if event.short:
                return event.short
        return ""

    def changes(self, start: Fraction, end: Fraction) -> list[Fraction]:
        """Positions in [start, end) at which something written changes."""
        marks = {start} | {Fraction(k) for k in range(ceil(start), ceil(end))}
        for at, event in self._events:
            marks |= {at, at + max(event.length, Fraction(1, 4)), at - CUE_AHEAD}
        return sorted(m for m in marks if start <= m < end)


def shown_at(words: Words, clip: Clip, position: Fraction) -> Shown:
    """What stands over the picture of a clip at a position."""
    event = words.event_at(position)
    return Shown(
        number=words.number_at(position),
        part=words.part_at(position),
        dim=not clip.counts.contains(position),
        hold=event is not None and event.kind is Kind.HOLD,
        now=event.short if event is not None else "",
        ahead=words.ahead_at(position),
        label=clip.label,
        title=clip.title,
    )


def schedule(words: Words, clip: Clip, timing: ClipTiming) -> list[tuple[int, Shown]]:
    """First frame and content of each state of the overlay, from frame 0 on."""
    out: list[tuple[int, Shown]] = []
    for position in words.changes(clip.shown.start, clip.shown.end):
        frame = max(0, timing.frame_of(position))
        state = shown_at(words, clip, position)
        if out and out[-1][0] == frame:
            out[-1] = (frame, state)
        elif not out or out[-1][1] != state:
            out.append((frame, state))
    out[0] = (0, out[0][1])
    return [entry for entry in out if entry[0] < timing.frames]


@lru_cache(maxsize=512)
def plates(shown: Shown, width: int, height: int) -> tuple[Plate, ...]:
    """The plates of a state for a picture of this size."""
    unit = min(width, height * 16 / 9) / 100
    margin = _even(unit * 2)
    out = [_number_plate(shown, width, height, unit, margin)]
    left = height - margin
    room = out[0].x - 2 * margin
    if shown.ahead:
        plate = _text_plate(f"next: {shown.ahead}", unit * 3.5, PAPER, INK, room, "SemiBold")
        left -= plate.shape[0]
        out.append(Plate(margin, _even(left), plate))
        left -= _even(unit * 0.6)
    if shown.now:
        colour = DIM if shown.dim else PAPER
        plate = _text_plate(shown.now, unit * 4.8, INK, colour, room, "Bold")
        out.append(Plate(margin, _even(left - plate.shape[0]), plate))
    if shown.label:
        plate = _text_plate(shown.label, unit * 3.0, PAPER, INK, width - 2 * margin, "SemiBold")
        out.append(Plate(margin, margin, plate))
    return tuple(out)


def _even(value: float) -> int:
    return int(value) // 2 * 2


def _number_plate(shown: Shown, width: int, height: int, unit: float, margin: int) -> Plate:
    """The count, large, at the lower right; ``&`` beside it; a hold is hollow."""
    side = _even(unit * 15)
    image = Image.new("RGB", (side, side), INK)
    draw = ImageDraw.Draw(image)
    colour = DIM if shown.dim else PAPER
    size = int(unit * (11.5 if len(shown.number) == 1 else 8.5))
    if shown.dim:
        size = int(size * 0.72)
    x = side * (0.40 if shown.part else 0.5)
    stroke = max(1, int(unit * 0.28))
    if shown.hold:
        draw.text(
            (x, side / 2), shown.number, INK, font(size, "ExtraBold"), "mm", stroke_width=stroke, stroke_fill=colour
        )
    else:
        draw.text((x, side / 2), shown.number, colour, font(size, "ExtraBold"), "mm")
    if shown.part:
        draw.text((side * 0.79, side * 0.60), shown.part, colour, font(int(unit * 5), "Bold"), "mm")
    if not shown.dim:
        draw.rectangle((0, side - max(2, int(unit * 0.8)), side, side), ACCENT)
    return Plate(_even(width - margin - side), _even(height - margin - side), np.asarray(image))


def _text_plate(
    text: str, size: float, ground: tuple[int, int, int], colour: tuple[int, int, int], room: int, weight: str
) -> Pixels:
    """A line of text on a plate, made smaller until it fits into ``room`` pixels."""
    pixels = max(8, int(size))
    pad = max(2, int(size * 0.42))
    while pixels > 8 and font(pixels, weight).getlength(text) + 2 * pad > room:
        pixels -= 1
    face = font(pixels, weight)
    while len(text) > 2 and face.getlength(text) + 2 * pad > room:
        text = text[:-2].rstrip() + "…"
    width = _even(face.getlength(text) + 2 * pad + 2)
    height = _even(size * 1.75)
    image = Image.new("RGB", (max(2, width), max(2, height)), ground)
    ImageDraw.Draw(image).text((pad, height / 2), text, colour, face, "lm")
    return np.asarray(image)


# BT.601 and BT.709 luma weights (ITU-R BT.601-7, BT.709-6).
_WEIGHTS = {"601": (0.299, 0.114), "709": (0.2126, 0.0722)}


@lru_cache(maxsize=512)
def yuv_plates(
    shown: Shown, width: int, height: int, matrix: str
) -> tuple[tuple[int, int, Pixels, Pixels, Pixels], ...]:
    """Plates as limited-range Y, U, V (4:2:0) with their corners, for writing into planes."""
    kr, kb = _WEIGHTS[matrix]
    out = []
    for plate in plates(shown, width, height):
        rgb = plate.pixels.astype(np.float32)
        r, g, b = rgb[..., 0], rgb[..., 1], rgb[..., 2]
        luma = kr * r + (1 - kr - kb) * g + kb * b
        u = 128 + (b - luma) / (2 * (1 - kb)) * 224 / 255
        v = 128 + (r - luma) / (2 * (1 - kr)) * 224 / 255
        y = 16 + luma * 219 / 255
        out.append((plate.x, plate.y, _bytes(y), _bytes(_halved(u)), _bytes(_halved(v))))
    return tuple(out)


def _bytes(values: npt.NDArray[np.float32]) -> Pixels:
    return np.asarray(np.clip(np.round(values), 0, 255), dtype=np.uint8)


def _halved(values: npt.NDArray[np.float32]) -> npt.NDArray[np.float32]:
    h, w = values.shape
    return np.asarray(values.reshape(h // 2, 2, w // 2, 2).mean(axis=(1, 3)), dtype=np.float32)


def draw_on_yuv(y: Pixels, u: Pixels, v: Pixels, shown: Shown, matrix: str) -> None:
    """Write the plates of a state into the planes of a frame, in place."""
    height, width = y.shape
    for px, py, py_plane, pu_plane, pv_plane in yuv_plates(shown, width, height, matrix):
        h, w = py_plane.shape
        y[py : py + h, px : px + w] = py_plane
        u[py // 2 : (py + h) // 2, px // 2 : (px + w) // 2] = pu_plane
        v[py // 2 : (py + h) // 2, px // 2 : (px + w) // 2] = pv_plane
