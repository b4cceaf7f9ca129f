"""Drawing the plates of one state: counts in three styles, and words around them.

Ink #1B2233 under paper #FBF8F1 is 15 : 1, dimmed text 6 : 1 (WCAG 2.2, 1.4.3 asks for 4.5 : 1). Right is
amber and solid, left indigo and striped, always with its letter. Plates keep off the edges: 5 % in wide
and square pictures (EBU R 95, graphics safe area), in upright ones also the top and bottom that players
cover (10 % and 18 %, common practice, no source).
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from functools import lru_cache

import numpy as np
import numpy.typing as npt
from PIL import Image, ImageDraw

from vamos.core.model.look import Style
from vamos.core.render.cards import card_pixels
from vamos.core.render.colours import ACCENT, ACCENT_DARK, DIM, INK, LEFT, PAPER, RIGHT, TAPE, Colour
from vamos.core.render.lettering import Run, font, runs_of, text_length
from vamos.core.render.overlay_state import OverlayState, Pixels, Plate
from vamos.core.render.plate_cache import SizedCache
from vamos.core.render.spots import Spot, Spots

Sizes = npt.NDArray[np.float64]

#: Sizes of letters in units, and how high a line of them is.
_LABEL, _NOW, _AHEAD, _WORD, _CALL, _LINE = 3.0, 4.8, 3.5, 3.8, 3.2, 1.75
#: Words may be made so much smaller to fit into a place; a smaller place is none.
_SMALLEST = 0.75


class _Room:
    """Where plates may stand in a picture: unit of size, margins, what is left of the height."""

    def __init__(self, shown: OverlayState, width: int, height: int, scale: float = 1.0):
        self.width, self.height = width, height
        # A hundredth of the width of a wide picture, as much of another's area.
        self.unit = (width * height) ** 0.5 / 75 * shown.size * scale
        upright = height > 1.2 * width
        self.side = _even(width * 0.05)
        self.top = _even(height * (0.10 if upright else 0.05))
        self.bottom = _even(height * (0.82 if upright else 0.95))


_KEPT: SizedCache[tuple[Plate, ...]] = SizedCache(16 << 20, lambda found: sum(p.pixels.nbytes for p in found))


def plates(shown: OverlayState, width: int, height: int) -> tuple[Plate, ...]:
    """The plates of a state for a picture of this size; that of the count comes first when there is one."""
    return _KEPT.get((shown, width, height), lambda: _drawn(shown, width, height))


@dataclass(frozen=True, slots=True)
class Usual:
    """The usual places of a picture's plates; ``top`` is where the labels end, ``side`` the margin, as shares."""

    spots: Spots
    top: float
    side: float


def usual_places(shown: OverlayState, width: int, height: int) -> Usual:
    """Where plates stand when nothing is known of the dancer: at the bottom, words left of the count or above it."""
    room = _Room(shown, width, height)
    side, low = room.side / width, room.bottom / height
    wide, tall = _count_size(shown, room)
    if not shown.number:
        words = Spot(-1, side, low, 1 - 2 * side)
    elif shown.style is Style.CORNER:
        words = Spot(-1, side, low, 1 - 2.5 * side - wide / width)
    else:
        words = Spot(-1, side, low - (tall + room.unit) / height, 1 - 2 * side)
    lines = bool(shown.label) + bool(shown.place)
    top = room.top + lines * room.unit * (_LABEL * _LINE + 0.6)
    count = Spot(1, 1 - side, low, wide / width)
    return Usual(Spots(count, words), top / height, side)


def count_size(shown: OverlayState, width: int, height: int, scale: float = 1.0) -> tuple[float, float]:
    """Width and height that the count takes, in shares of the picture."""
    wide, tall = _count_size(shown, _Room(shown, width, height, scale))
    return wide / width, tall / height


def words_sizes(states: Sequence[OverlayState], width: int, height: int, spot: Spot) -> Sizes | None:
    """The width and height that the words of each state take at a spot, in shares of the picture, ``(states, 2)``.

    None where some would have to be drawn smaller than can be read.
    """
    room = _Room(states[0], width, height, spot.scale)
    rows = [(s.foot, s.now, _coming(s), s.word) for s in states]
    found = {row: _words_size(*row, room, spot) for row in set(rows)}
    if any(size is None for size in found.values()):
        return None
    return np.array([found[row] for row in rows], dtype=float) / (width, height)


def _words_size(foot: str, now: str, ahead: str, word: str, room: _Room, spot: Spot) -> tuple[float, float] | None:
    unit, limit = room.unit, spot.wide * room.width
    half = limit / 2 - unit * 0.3 if spot.in_row else limit
    wide = tall = 0.0
    high = _even(unit * _NOW * _LINE)
    beside = high + _even(unit * 0.6) if foot else 0
    for text, size, most, weight in (
        (now, _NOW, half - beside, "Bold"),
        (ahead, _AHEAD, half, "SemiBold"),
        (word, _WORD, limit, "Bold"),
    ):
        if text and _fitted(text, unit * size, most, weight)[1] < _SMALLEST * unit * size:
            return None
    if foot or now:
        wide = beside + (_text_size(now, unit * _NOW, half - beside, "Bold")[0] if now else 0)
        tall += high + unit * 0.6
    if ahead:
        w, h = _text_size(ahead, unit * _AHEAD, half, "SemiBold")
        if spot.in_row:
            wide, tall = limit / 2 + unit * 0.3 + w, max(tall, h + unit * 0.6)
        else:
            wide, tall = max(wide, w), tall + h + unit * 0.6
    if word:
        w, h = _text_size(word, unit * _WORD, limit, "Bold")
        wide, tall = max(wide, w), tall + h + unit * 0.6
    return wide, tall


def _coming(shown: OverlayState) -> str:
    """What comes: the tag that is called, else the next name."""
    return shown.call or shown.ahead


def _drawn(shown: OverlayState, width: int, height: int) -> tuple[Plate, ...]:
    if shown.card is not None:
        return (Plate(0, 0, card_pixels(*shown.card, width, height)),)
    room = _Room(shown, width, height)
    spots = shown.spots or usual_places(shown, width, height).spots
    by_count = _Room(shown, width, height, spots.count.scale)
    count = _count_plate(shown, by_count, spots.count)
    out = [count] if count is not None else []
    wishes = [*_label(shown, room), *_words(shown, _Room(shown, width, height, spots.words.scale), spots.words)]
    if shown.call and shown.spots is None:
        wishes.append(_call_plate(shown, by_count, count))
    for plate in [*wishes, *_corner_words(shown, room)]:
        # Where there is not room for all, what matters least is left out.
        if not any(_meet(plate, other) for other in out):
            out.append(plate)
    return tuple(out)


def _meet(a: Plate, b: Plate) -> bool:
    (ah, aw), (bh, bw) = a.pixels.shape[:2], b.pixels.shape[:2]
    return bool(a.x < b.x + bw and b.x < a.x + aw and a.y < b.y + bh and b.y < a.y + ah)


def _count_plate(shown: OverlayState, room: _Room, spot: Spot) -> Plate | None:
    if not shown.number:
        return None
    size = _count_size(shown, room)
    pixels = {Style.CORNER: _number, Style.STRIP: _strip, Style.FLOOR: _floor_line}[shown.style](shown, room, *size)
    return _at(spot, room, pixels)


def _at(spot: Spot, room: _Room, pixels: Pixels, bottom: float | None = None) -> Plate:
    """A plate at a spot, or with its lower edge at ``bottom`` pixels there, never outside of the picture."""
    high, wide = pixels.shape[:2]
    bottom = bottom if bottom is not None else spot.bottom * room.height
    left = min(max(0.0, spot.left(wide / room.width) * room.width), room.width - wide)
    return Plate(_even(left + 1e-6), _even(max(0.0, bottom - high) + 1e-6), pixels)


def _call_plate(shown: OverlayState, room: _Room, count: Plate | None) -> Plate:
    """What comes, above the count and as far to its side as that goes."""
    pixels = _text_plate(shown.call, room.unit * _CALL, ACCENT_DARK, PAPER, room.width // 2, "Bold")
    if count is None:
        return Plate(_even(room.width - room.side - pixels.shape[1]), _even(room.bottom - pixels.shape[0]), pixels)
    middle = count.x + count.pixels.shape[1] / 2
    right = middle > room.width * 0.4
    left = count.x + count.pixels.shape[1] - pixels.shape[1] if right else count.x
    left = min(max(room.side, left), room.width - room.side - pixels.shape[1])
    return Plate(_even(left), _even(max(0.0, count.y - _even(room.unit) - pixels.shape[0])), pixels)


def _words(shown: OverlayState, room: _Room, spot: Spot) -> list[Plate]:
    """What is danced now with its foot, what comes next below it, its sound or lyric word above; first the first."""
    unit, limit = room.unit, spot.wide * room.width
    floor = spot.bottom * room.height
    if shown.spots is not None:
        return _words_in_spot(shown, room, spot)
    # In its usual place the lowest row shares its height with what is called ahead.
    shared = shown.call and shown.style is not Style.CORNER
    low = min(limit, room.width // 2 - room.side) if shared else limit
    ahead = word = None
    if shown.ahead:
        pixels = _text_plate(shown.ahead, unit * _AHEAD, PAPER, INK, low, "SemiBold")
        ahead = _at(spot, room, pixels, floor)
        floor = ahead.y - unit * 0.6
    out = _now(shown, room, spot, floor, limit if ahead is not None else low)
    if out:
        floor -= _even(unit * _NOW * _LINE) + unit * 0.6
    if shown.word:
        word = _at(spot, room, _text_plate(shown.word, unit * _WORD, TAPE, INK, limit, "Bold"), floor)
    return [*out, *(plate for plate in (ahead, word) if plate is not None)]


def _words_in_spot(shown: OverlayState, room: _Room, spot: Spot) -> list[Plate]:
    """The words where it is quiet; what is called ahead takes the place of the next name."""
    unit, limit = room.unit, spot.wide * room.width
    floor, half = spot.bottom * room.height, limit
    out: list[Plate] = []
    beside = spot
    if spot.in_row:
        half = limit / 2 - unit * 0.3
        left = spot.left(spot.wide)
        spot, beside = (
            replace(spot, anchor=-1, x=left),
            replace(spot, anchor=-1, x=left + (half + unit * 0.6) / room.width),
        )
    if _coming(shown):
        ground, colour = (ACCENT_DARK, PAPER) if shown.call else (PAPER, INK)
        pixels = _text_plate(_coming(shown), unit * _AHEAD, ground, colour, half, "SemiBold")
        out.append(_at(beside, room, pixels, floor))
        if not spot.in_row:
            floor -= pixels.shape[0] + unit * 0.6
    now = _now(shown, room, spot, floor, half)
    if now:
        floor -= _even(unit * _NOW * _LINE) + unit * 0.6
    if shown.word:
        out.append(_at(spot, room, _text_plate(shown.word, unit * _WORD, TAPE, INK, limit, "Bold"), floor))
    return [*now, *out]


def _now(shown: OverlayState, room: _Room, spot: Spot, floor: float, limit: float) -> list[Plate]:
    """The foot and, beside it, what is danced now."""
    high = _even(room.unit * _NOW * _LINE)
    foot = _foot_plate(shown, high) if shown.foot else None
    beside = foot.shape[1] + _even(room.unit * 0.6) if foot is not None else 0
    now = None
    if shown.now:
        ground = DIM if shown.dim else PAPER
        now = _text_plate(shown.now, room.unit * _NOW, INK, ground, limit - beside, "Bold")
    whole = (foot.shape[1] if foot is not None else 0) + (
        now.shape[1] + (beside and _even(room.unit * 0.6)) if now is not None else 0
    )
    left = _even(max(0.0, spot.left(whole / room.width) * room.width) + 1e-6)
    out = []
    if foot is not None:
        out.append(Plate(left, _even(max(0.0, floor - high) + 1e-6), foot))
    if now is not None:
        out.append(Plate(left + beside, _even(max(0.0, floor - now.shape[0]) + 1e-6), now))
    return out


def _label(shown: OverlayState, room: _Room) -> list[Plate]:
    """How the clip is to be danced to, at an upper corner."""
    if not shown.label:
        return []
    pixels = _text_plate(shown.label, room.unit * _LABEL, PAPER, INK, _label_limit(shown, room), "SemiBold")
    return [_in_corner(pixels, _label_side(shown), room, room.top)]


def _label_side(shown: OverlayState) -> int:
    return shown.spots.label if shown.spots is not None else -1


def _label_limit(shown: OverlayState, room: _Room) -> int:
    """How wide labels may be beside the clock."""
    return room.width - 2 * room.side - (_even(room.unit * 9) + room.side // 2 if shown.facing else 0)


def _in_corner(pixels: Pixels, side: int, room: _Room, top: float) -> Plate:
    left = room.side if side < 0 else _even(room.width - room.side - pixels.shape[1])
    return Plate(left, _even(top), pixels)


def _corner_words(shown: OverlayState, room: _Room) -> list[Plate]:
    """At the top: the facing in one corner, section and wall in the other, with the label."""
    out: list[Plate] = []
    unit, top, side = room.unit, room.top, _label_side(shown)
    if shown.facing:
        out.append(_in_corner(_clock_plate(shown.facing, _even(unit * 9)), -side, room, top))
    if shown.place:
        if shown.label:
            top = _even(top + _even(unit * _LABEL * _LINE) + unit * 0.6)
        pixels = _text_plate(shown.place, unit * _LABEL, INK, PAPER, _label_limit(shown, room), "SemiBold")
        out.append(_in_corner(pixels, side, room, top))
    if shown.banner:
        top += (_even(unit * _LABEL * _LINE) + unit * 0.6) * bool(shown.place or shown.label)
        pixels = _text_plate(shown.banner, unit * _WORD, TAPE, INK, room.width - 2 * room.side, "ExtraBold")
        out.append(_in_corner(pixels, side, room, top))
    return out


def _even(value: float) -> int:
    return int(value) // 2 * 2


def _count_size(shown: OverlayState, room: _Room) -> tuple[int, int]:
    """Width and height of the count in its style."""
    unit, cells = room.unit, max(8, len(shown.row))
    if shown.style is Style.CORNER:
        return _even(unit * 15), _even(unit * 15)
    width = _even(room.width - 2 * room.side)
    longest, cell = max(room.width, room.height), width / cells
    if shown.style is Style.STRIP:
        # Two cells change with each count; together they stay under the area that may flash.
        return width, _even(min(unit * 8.5, 0.085 * longest, 1.3 * cell))
    return width, _even(min(unit * 11, 0.11 * longest, 1.6 * cell))


def _number(shown: OverlayState, room: _Room, side: int, _: int) -> Pixels:
    """The count, large; ``&`` beside it; a hold is hollow."""
    unit = room.unit
    image = Image.new("RGB", (side, side), INK)
    draw = ImageDraw.Draw(image)
    colour = DIM if shown.dim else PAPER
    size = int(unit * (11.5 if len(shown.number) == 1 else 8.5 if shown.number.isdigit() else 7.5))
    if shown.dim:
        size = int(size * 0.72)
    x = side * (0.40 if shown.part else 0.5)
    _digit(draw, (x, side / 2), shown, size, colour, INK, max(1, int(unit * 0.28)))
    if shown.part:
        draw.text((side * 0.79, side * 0.60), shown.part, colour, font(int(unit * 5), "Bold"), "mm")
    if shown.beside:
        draw.text((side * 0.94, side * 0.06), shown.beside, DIM, font(int(unit * 3.2), "Bold"), "ra")
    if not shown.dim:
        draw.rectangle((0, side - max(2, int(unit * 0.8)), side, side), ACCENT)
    return np.asarray(image)


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


def _strip(shown: OverlayState, _: _Room, width: int, height: int) -> Pixels:
    """The whole eight side by side, the count of now lit."""
    cell = width / max(8, len(shown.row))
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
    return np.asarray(image)


def _floor_line(shown: OverlayState, _: _Room, width: int, height: int) -> Pixels:
    """A line on the floor with a mark for each count; the number stands where the dance is."""
    cell = width / max(8, len(shown.row))
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
    return np.asarray(image)


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


@lru_cache(maxsize=2048)
def _fitted(text: str, size: float, room: float, weight: str) -> tuple[list[Run], int]:
    """A line of text in pieces, made smaller and then shorter until it fits into ``room`` pixels; its letters' size."""
    pixels, pad = max(8, int(size)), _pad(size)
    runs = runs_of(text, pixels, weight)
    while pixels > 8 and text_length(runs) + 2 * pad > room:
        pixels -= 1
        runs = runs_of(text, pixels, weight)
    while len(text) > 2 and text_length(runs) + 2 * pad > room:
        text = text[:-2].rstrip() + "…"
        runs = runs_of(text, pixels, weight)
    return runs, pixels


def _pad(size: float) -> int:
    return max(2, int(size * 0.42))


def _text_size(text: str, size: float, room: float, weight: str) -> tuple[int, int]:
    """Width and height of the plate of a line of text."""
    runs, _ = _fitted(text, size, room, weight)
    return max(2, _even(text_length(runs) + 2 * _pad(size) + 2)), max(2, _even(size * _LINE))


def _text_plate(text: str, size: float, ground: Colour, colour: Colour, room: float, weight: str) -> Pixels:
    """A line of text on a plate, made smaller until it fits into ``room`` pixels."""
    runs, pixels = _fitted(text, size, room, weight)
    width, height = _text_size(text, size, room, weight)
    image = Image.new("RGB", (width, height), ground)
    draw = ImageDraw.Draw(image)
    # All pieces stand on one line, whatever font they come from.
    x, base = float(_pad(size)), height / 2 + pixels * 0.36
    for piece, face in runs:
        draw.text((x, base), piece, colour, face, "ls")
        x += face.getlength(piece)
    return np.asarray(image)
