"""Drawing the plates of one state: counts in three styles, and words around them.

Ink #1B2233 under paper #FBF8F1 is 15 : 1, dimmed text 6 : 1 (WCAG 2.2, 1.4.3 asks for 4.5 : 1). Right is
amber and solid, left indigo and striped, always with its letter. Plates keep off the edges: 5 % in wide
and square pictures (EBU R 95, graphics safe area), in upright ones also the top and bottom that players
cover (10 % and 18 %, common practice, no source).
"""

from __future__ import annotations

import numpy as np
from PIL import Image, ImageDraw

from vamos.core.model.look import Style
from vamos.core.render.lettering import font, runs_of, text_length
from vamos.core.render.overlay_state import OverlayState, Pixels, Plate
from vamos.core.render.plate_cache import SizedCache

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


class _Room:
    """Where plates may stand in a picture: unit of size, margins, what is left of the height."""

    def __init__(self, shown: OverlayState, width: int, height: int):
        self.width, self.height = width, height
        # A hundredth of the width of a wide picture, as much of another's area.
        self.unit = (width * height) ** 0.5 / 75 * shown.size
        upright = height > 1.2 * width
        self.side = _even(width * 0.05)
        self.top = _even(height * (0.10 if upright else 0.05))
        self.bottom = _even(height * (0.82 if upright else 0.95))


_KEPT: SizedCache[tuple[Plate, ...]] = SizedCache(48 << 20, lambda found: sum(p.pixels.nbytes for p in found))


def plates(shown: OverlayState, width: int, height: int) -> tuple[Plate, ...]:
    """The plates of a state for a picture of this size; that of the count comes first when there is one."""
    return _KEPT.get((shown, width, height), lambda: _drawn(shown, width, height))


def _drawn(shown: OverlayState, width: int, height: int) -> tuple[Plate, ...]:
    room = _Room(shown, width, height)
    count = _count_plate(shown, room)
    out = [count] if count is not None else []
    floor, right = room.bottom, room.width - room.side
    if count is not None and shown.style is Style.CORNER:
        right = count.x - room.side // 2
    elif count is not None:
        floor = count.y - _even(room.unit)
    wishes = [*_label(shown, room), *_words(shown, room, floor, right)]
    if shown.call:
        wishes.append(_call_plate(shown, room, count.y - _even(room.unit) if count is not None else room.bottom))
    for plate in [*wishes, *_corner_words(shown, room)]:
        # Where there is not room for all, what matters least is left out.
        if not any(_meet(plate, other) for other in out):
            out.append(plate)
    return tuple(out)


def _meet(a: Plate, b: Plate) -> bool:
    (ah, aw), (bh, bw) = a.pixels.shape[:2], b.pixels.shape[:2]
    return bool(a.x < b.x + bw and b.x < a.x + aw and a.y < b.y + bh and b.y < a.y + ah)


def _count_plate(shown: OverlayState, room: _Room) -> Plate | None:
    if not shown.number:
        return None
    return {Style.CORNER: _number_plate, Style.STRIP: _strip, Style.FLOOR: _floor_line}[shown.style](shown, room)


def _call_plate(shown: OverlayState, room: _Room, floor: int) -> Plate:
    """What comes, at the right above the count."""
    plate = _text_plate(shown.call, room.unit * 3.2, ACCENT_DARK, PAPER, room.width // 2, "Bold")
    return Plate(_even(room.width - room.side - plate.shape[1]), _even(floor - plate.shape[0]), plate)


def _words(shown: OverlayState, room: _Room, floor: int, right: int) -> list[Plate]:
    """What is danced now with its foot, what comes next below it, its sound or lyric word above; first the first."""
    unit, left = room.unit, room.side
    limit = right - left
    # The lowest row shares its height with what is called ahead.
    low = min(limit, room.width // 2 - room.side) if shown.call and shown.style is not Style.CORNER else limit
    ahead = word = None
    if shown.ahead:
        pixels = _text_plate(f"next: {shown.ahead}", unit * 3.5, PAPER, INK, low, "SemiBold")
        floor = _even(floor - pixels.shape[0])
        ahead = Plate(left, floor, pixels)
        floor = _even(floor - unit * 0.6)
    out: list[Plate] = []
    at, high = left, _even(unit * 4.8 * 1.75)
    if shown.foot:
        pixels = _foot_plate(shown, high)
        out.append(Plate(left, _even(floor - high), pixels))
        at = left + pixels.shape[1] + _even(unit * 0.6)
    if shown.now:
        wide = (limit if ahead is not None else low) - (at - left)
        pixels = _text_plate(shown.now, unit * 4.8, INK, DIM if shown.dim else PAPER, wide, "Bold")
        out.append(Plate(at, _even(floor - pixels.shape[0]), pixels))
    if out:
        floor = _even(floor - high - unit * 0.6)
    if shown.word:
        pixels = _text_plate(shown.word, unit * 3.8, TAPE, INK, limit, "Bold")
        word = Plate(left, _even(floor - pixels.shape[0]), pixels)
    return [*out, *(plate for plate in (ahead, word) if plate is not None)]


def _label(shown: OverlayState, room: _Room) -> list[Plate]:
    """How the clip is to be danced to, at the upper left."""
    if not shown.label:
        return []
    limit = room.width - 2 * room.side - (_even(room.unit * 9) + room.side // 2 if shown.facing else 0)
    return [Plate(room.side, room.top, _text_plate(shown.label, room.unit * 3.0, PAPER, INK, limit, "SemiBold"))]


def _corner_words(shown: OverlayState, room: _Room) -> list[Plate]:
    """At the top: the facing on the right, section and wall on the left."""
    out: list[Plate] = []
    unit, top = room.unit, room.top
    if shown.facing:
        pixels = _clock_plate(shown.facing, _even(unit * 9))
        out.append(Plate(_even(room.width - room.side - pixels.shape[1]), top, pixels))
    if shown.place:
        if shown.label:
            top = _even(top + _even(unit * 3.0 * 1.75) + unit * 0.6)
        limit = room.width - 2 * room.side - (_even(unit * 9) + room.side // 2 if shown.facing else 0)
        out.append(Plate(room.side, top, _text_plate(shown.place, unit * 3.0, INK, PAPER, limit, "SemiBold")))
    return out


def _even(value: float) -> int:
    return int(value) // 2 * 2


def _number_plate(shown: OverlayState, room: _Room) -> Plate:
    """The count, large, at the lower right; ``&`` beside it; a hold is hollow."""
    unit = room.unit
    side = _even(unit * 15)
    image = Image.new("RGB", (side, side), INK)
    draw = ImageDraw.Draw(image)
    colour = DIM if shown.dim else PAPER
    size = int(unit * (11.5 if len(shown.number) == 1 else 8.5))
    if shown.dim:
        size = int(size * 0.72)
    x = side * (0.40 if shown.part else 0.5)
    _digit(draw, (x, side / 2), shown, size, colour, INK, max(1, int(unit * 0.28)))
    if shown.part:
        draw.text((side * 0.79, side * 0.60), shown.part, colour, font(int(unit * 5), "Bold"), "mm")
    if not shown.dim:
        draw.rectangle((0, side - max(2, int(unit * 0.8)), side, side), ACCENT)
    return Plate(_even(room.width - room.side - side), _even(room.bottom - side), np.asarray(image))


def _digit(
    draw: ImageDraw.ImageDraw,
    at: tuple[float, float],
    shown: OverlayState,
    size: int,
    colour: Colour,
    ground: Colour,
    pen: int,
) -> None:
    """The number, hollow in a hold."""
    face = font(size, "ExtraBold")
    if shown.hold:
        draw.text(at, shown.number, ground, face, "mm", stroke_width=pen, stroke_fill=colour)
    else:
        draw.text(at, shown.number, colour, face, "mm")


def _strip(shown: OverlayState, room: _Room) -> Plate:
    """The whole eight side by side, the count of now lit."""
    width = _even(room.width - 2 * room.side)
    # Two cells change with each count; together they stay under the area that may flash.
    cell = width / max(8, len(shown.row))
    height = _even(min(room.unit * 8.5, 0.085 * max(room.width, room.height), 1.3 * cell))
    image = Image.new("RGB", (width, height), INK)
    draw = ImageDraw.Draw(image)
    size = int(min(height * 0.66, cell * 0.62))
    for k, number in enumerate(shown.row):
        middle = ((k + 0.5) * cell, height / 2)
        if k != shown.at:
            draw.text(middle, number, DIM, font(int(size * 0.72), "Bold"), "mm")
            continue
        ground, colour = (INK, DIM) if shown.dim else (PAPER, INK)
        draw.rectangle((k * cell, 0, (k + 1) * cell - 1, height), ground)
        at = (middle[0] - (cell * 0.14 if shown.part else 0), middle[1])
        _digit(draw, at, shown, size, colour, ground, max(1, size // 14))
        if shown.part:
            draw.text((k * cell + cell * 0.8, height * 0.56), shown.part, colour, font(int(size * 0.6), "Bold"), "mm")
        if not shown.dim:
            draw.rectangle((k * cell, height - max(2, height // 14), (k + 1) * cell - 1, height), ACCENT)
    return Plate(room.side, _even(room.bottom - height), np.asarray(image))


def _floor_line(shown: OverlayState, room: _Room) -> Plate:
    """A line on the floor with a mark for each count; the number stands where the dance is."""
    width = _even(room.width - 2 * room.side)
    cell = width / max(8, len(shown.row))
    height = _even(min(room.unit * 11, 0.11 * max(room.width, room.height), 1.6 * cell))
    image = Image.new("RGB", (width, height), INK)
    draw = ImageDraw.Draw(image)
    line = height * 0.82
    thick = max(2, height // 22)
    draw.rectangle((cell * 0.3, line, width - cell * 0.3, line + thick), DIM)
    for k in range(len(shown.row)):
        x = (k + 0.5) * cell
        tall = height * (0.16 if k % 4 else 0.26)
        draw.rectangle((x - thick, line - tall, x + thick, line), DIM)
    if shown.at >= 0:
        x = (shown.at + 0.5) * cell
        colour = DIM if shown.dim else PAPER
        draw.rectangle((x - cell * 0.44, 0, x + cell * 0.44, line - 1), INK)
        size = int(min(height * 0.62, cell * 0.6))
        at = (x - (cell * 0.14 if shown.part else 0), height * 0.40)
        _digit(draw, at, shown, size, colour, INK, max(1, size // 14))
        if shown.part:
            draw.text((x + cell * 0.3, height * 0.46), shown.part, colour, font(int(size * 0.6), "Bold"), "mm")
        draw.rectangle((x - cell * 0.3, line - thick, x + cell * 0.3, line + 2 * thick), DIM if shown.dim else ACCENT)
    return Plate(room.side, _even(room.bottom - height), np.asarray(image))


def _foot_plate(shown: OverlayState, side: int) -> Pixels:
    """R solid, L striped, both as halves; a touch is hollow."""
    image = Image.new("RGB", (side, side), PAPER)
    draw = ImageDraw.Draw(image)
    feet = [shown.foot] if shown.foot in ("R", "L") else ["L", "R"]
    share = side / len(feet)
    for k, foot in enumerate(feet):
        box = (int(k * share), 0, int((k + 1) * share) - 1, side - 1)
        ground, letter = (RIGHT, INK) if foot == "R" else (LEFT, PAPER)
        if shown.touch:
            draw.rectangle(box, PAPER, ground, max(2, side // 10))
            letter = INK
        else:
            draw.rectangle(box, ground)
            if foot == "L":
                # Stripes keep off the letter, whose contrast they would lower.
                for x in range(box[0] - side, box[2], max(4, side // 6)):
                    draw.line((x, side, x + side // 4, side - side // 4), (120, 128, 222), max(1, side // 24))
                    draw.line(
                        (x + side // 2, side // 5, x + side // 2 + side // 5, 0), (120, 128, 222), max(1, side // 24)
                    )
        draw.text(
            (box[0] + share / 2, side / 2), foot, letter, font(int(side * 0.5 / len(feet) ** 0.5), "ExtraBold"), "mm"
        )
    return np.asarray(image)


def _clock_plate(facing: str, side: int) -> Pixels:
    """A small floor clock with a bar towards the facing, and its time."""
    image = Image.new("RGB", (side, _even(side * 1.3)), PAPER)
    draw = ImageDraw.Draw(image)
    middle, reach = side / 2, side * 0.40
    draw.ellipse((middle - reach, middle - reach, middle + reach, middle + reach), PAPER, INK, max(2, side // 16))
    face = font(int(side * 0.26), "Bold")
    if ":" in facing:
        hour, minute = (int(x) for x in facing.split(":"))
        angle = np.pi / 6 * (hour % 12 + minute / 60)
        tip = (middle + reach * 0.8 * np.sin(angle), middle - reach * 0.8 * np.cos(angle))
        draw.line((middle, middle, *tip), ACCENT, max(3, side // 9))
    draw.text((middle, side * 1.13), facing, INK, face, "mm")
    return np.asarray(image)


def _text_plate(text: str, size: float, ground: Colour, colour: Colour, room: int, weight: str) -> Pixels:
    """A line of text on a plate, made smaller until it fits into ``room`` pixels."""
    pixels = max(8, int(size))
    pad = max(2, int(size * 0.42))
    runs = runs_of(text, pixels, weight)
    while pixels > 8 and text_length(runs) + 2 * pad > room:
        pixels -= 1
        runs = runs_of(text, pixels, weight)
    while len(text) > 2 and text_length(runs) + 2 * pad > room:
        text = text[:-2].rstrip() + "…"
        runs = runs_of(text, pixels, weight)
    width = _even(text_length(runs) + 2 * pad + 2)
    height = _even(size * 1.75)
    image = Image.new("RGB", (max(2, width), max(2, height)), ground)
    draw = ImageDraw.Draw(image)
    # All pieces stand on one line, whatever font they come from.
    x, base = float(pad), height / 2 + pixels * 0.36
    for piece, face in runs:
        draw.text((x, base), piece, colour, face, "ls")
        x += face.getlength(piece)
    return np.asarray(image)
