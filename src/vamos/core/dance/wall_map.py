"""The wall map: the whole sequence as a picture, walls with their facing on small clocks.

A drawing is a list of plain shapes in points, from which SVG and the PDF are made alike; it reads
in black and white. Tiles stand in the order of the dance, as wide as their counts: a wall carries
its number and a clock, a restart cuts the tile's corner, a tag is a tile with a double edge, a
stop is dotted, the ending has a thick foot. Under each stand counts and, with a song, seconds.
"""

from __future__ import annotations

import math
from dataclasses import dataclass
from xml.sax.saxutils import escape

from vamos.core.dance.facing import clock_text
from vamos.core.dance.facts import danced_lines
from vamos.core.dance.lines import Line, LineKind, heading_after
from vamos.core.model.dance import Dance, ItemKind
from vamos.core.model.song import Grid
from vamos.wording import words_of

tr = words_of(__name__)

INK, PAPER, FLOOR, TAPE, ACCENT = "#1B2233", "#FFFFFF", "#F1EBDD", "#D9C49A", "#C93A22"


@dataclass(frozen=True, slots=True)
class Primitive:
    """``kind`` line, box, circle, path or text; coordinates in points, y downwards."""

    kind: str
    points: tuple[float, ...]
    text: str = ""
    size: float = 0.0
    bold: bool = False
    fill: str = ""
    stroke: str = ""
    width: float = 1.0
    dash: bool = False
    anchor: str = "start"


@dataclass(frozen=True, slots=True)
class Drawing:
    width: float
    height: float
    shapes: tuple[Primitive, ...]
    words: str


@dataclass(frozen=True, slots=True)
class _Tile:
    kind: str
    label: str
    counts: int
    heading: int | None
    end: int | None
    cut: bool
    seconds: float | None


ROW, CLOCK, GAP, POINTS_A_COUNT = 92.0, 17.0, 6.0, 3.4


def wall_map(dance: Dance, grid: Grid | None = None, width: float = 520.0) -> Drawing:
    """Draw the sequence; raises InputError when it names a section that is not there."""
    tiles = _tiles(dance, grid)
    shapes: list[Primitive] = []
    x = y = 0.0
    for tile in tiles:
        room = max(68.0, min(width, tile.counts * POINTS_A_COUNT))
        if x + room > width and x > 0:
            x, y = 0.0, y + ROW
        shapes += _draw(tile, x, y, room)
        x += room + GAP
    words = "; ".join(_words(t) for t in tiles) or tr("no sequence yet")
    return Drawing(width, y + ROW if tiles else 20.0, tuple(shapes), words)


def _tiles(dance: Dance, grid: Grid | None) -> list[_Tile]:
    clock = grid.time_map() if grid else None
    groups: list[list[Line]] = []
    for line in danced_lines(dance, grid):
        same = groups and groups[-1][0].item == line.item and groups[-1][0].kind is line.kind
        if same:
            groups[-1].append(line)
        else:
            groups.append([line])
    out = []
    for group in groups:
        first, last = group[0], group[-1]
        item = dance.sequence[first.item] if first.item is not None else None
        kind = "stop" if first.kind is LineKind.HOLD else str(item.kind if item else ItemKind.WALL)
        label = str(first.wall) if kind == "wall" else {"stop": "stop"}.get(kind, (item.name if item else "") or kind)
        cut = item is not None and item.restart_after is not None
        counts = int(sum(line.length for line in group))
        seconds = clock(first.start) if clock else None
        out.append(_Tile(kind, label, counts, first.heading, heading_after(last), cut, seconds))
    return out


def _words(tile: _Tile) -> str:
    """A tile for those who cannot see it."""
    name = tr("wall {label}", label=tile.label) if tile.kind == "wall" else tile.label
    at = "?" if tile.heading is None else clock_text(tile.heading)
    return tr("{name}, {counts} counts from {at}", name=name, counts=tile.counts, at=at) + (
        ", restart" if tile.cut else ""
    )


def _draw(tile: _Tile, x: float, y: float, room: float) -> list[Primitive]:
    top, tall = y + 4, 52.0
    corner = 12.0 if tile.cut else 0.0
    outline = (x, top, x + room - corner, top, x + room, top + corner, x + room, top + tall, x, top + tall)
    ground = {"tag": TAPE, "stop": PAPER, "ending": FLOOR}.get(tile.kind, FLOOR)
    shapes = [Primitive("path", outline, fill=ground, stroke=INK, width=1.2, dash=tile.kind == "stop")]
    if tile.kind == "tag":
        inner = (x + 3, top + 3, x + room - 3, top + 3, x + room - 3, top + tall - 3, x + 3, top + tall - 3)
        shapes.append(Primitive("path", inner, stroke=INK, width=0.7))
    if tile.kind == "ending":
        shapes.append(Primitive("box", (x, top + tall - 5, room, 5), fill=INK))
    if tile.kind == "wall":
        shapes += clock_shapes(x + room - CLOCK - 4, top + tall / 2, CLOCK - 4, tile.heading)
    elif tile.kind != "stop":
        shapes += clock_shapes(x + room - CLOCK, top + tall - 20, CLOCK - 7, tile.heading)
    size = 20.0 if tile.kind == "wall" else 8.5
    shapes.append(
        Primitive("text", (x + 7, top + (24 if tile.kind == "wall" else 16)), tile.label[:14], size, True, INK)
    )
    if tile.cut:
        shapes.append(Primitive("text", (x + 7, top + tall - 8), "restart", 7.5, True, ACCENT))
    count = tr("{counts} counts", counts=tile.counts)
    shapes.append(Primitive("text", (x + 2, top + tall + 11), count, 7.5, False, INK))
    tail = "" if tile.seconds is None else f"{int(tile.seconds // 60)}:{tile.seconds % 60:04.1f}"
    to = "?" if tile.end is None else clock_text(tile.end)
    shapes.append(Primitive("text", (x + 2, top + tall + 21), f"{tail}  to {to}".strip(), 7.5, False, INK))
    return shapes


def clock_shapes(x: float, y: float, size: float, heading: int | None) -> list[Primitive]:
    """A small floor clock: a ring, a mark at 12:00, a bar towards the heading."""
    out = [
        Primitive("circle", (x, y, size), fill=PAPER, stroke=INK, width=1.4),
        Primitive("line", (x, y - size, x, y - size + 3), stroke=INK, width=1.2),
    ]
    if heading is None:
        out.append(Primitive("text", (x, y + 4), "?", 11, True, INK, anchor="middle"))
        return out
    angle = heading * math.pi / 4
    tip = (x, y, x + 0.78 * size * math.sin(angle), y - 0.78 * size * math.cos(angle))
    out.append(Primitive("line", tip, stroke=ACCENT, width=3.2))
    return out


def to_svg(drawing: Drawing) -> str:
    """The drawing as SVG 1.1, with its words as the title for readers."""
    body = "\n".join(map(_svg, drawing.shapes))
    box = f"0 0 {drawing.width:g} {drawing.height:g}"
    return (
        '<?xml version="1.0" encoding="UTF-8"?>\n'
        f'<svg xmlns="http://www.w3.org/2000/svg" viewBox="{box}" width="{drawing.width:g}" '
        f'height="{drawing.height:g}" font-family="Manrope">\n'
        f"<title>{escape(drawing.words)}</title>\n{body}\n</svg>\n"
    )


def _svg(shape: Primitive) -> str:
    p = shape.points
    stroke = f' stroke="{shape.stroke}" stroke-width="{shape.width:g}"' if shape.stroke else ""
    look = f' fill="{shape.fill or "none"}"{stroke}' + (' stroke-dasharray="3 3"' if shape.dash else "")
    if shape.kind == "line":
        return f'<line x1="{p[0]:.1f}" y1="{p[1]:.1f}" x2="{p[2]:.1f}" y2="{p[3]:.1f}"{look}/>'
    if shape.kind == "box":
        return f'<rect x="{p[0]:.1f}" y="{p[1]:.1f}" width="{p[2]:.1f}" height="{p[3]:.1f}"{look}/>'
    if shape.kind == "circle":
        return f'<circle cx="{p[0]:.1f}" cy="{p[1]:.1f}" r="{p[2]:.1f}"{look}/>'
    if shape.kind == "path":
        points = " ".join(f"{a:.1f},{b:.1f}" for a, b in zip(p[::2], p[1::2], strict=True))
        return f'<polygon points="{points}"{look}/>'
    weight = f' font-weight="{700 if shape.bold else 500}"'
    return (
        f'<text x="{p[0]:.1f}" y="{p[1]:.1f}" font-size="{shape.size:g}"{weight} '
        f'text-anchor="{shape.anchor}" fill="{shape.fill}">{escape(shape.text)}</text>'
    )
