"""What stands over the picture of a clip, state by state, and how it gets into a frame.

Numbers come from the grid and the sheet, never from speech. Plates are opaque and lie on even
pixels, so that a picture in 4:2:0 takes them without blending and their contrast does not depend
on the picture. Preview and export draw the same plates.
"""

from __future__ import annotations

from fractions import Fraction

import numpy as np
import numpy.typing as npt

from vamos.core.model.clip import Clip, Look
from vamos.core.model.dance import Foot
from vamos.core.model.look import Lane, Overlay, Style
from vamos.core.plan.flip import label_words
from vamos.core.render.count_in import Lead
from vamos.core.render.overlay_state import OverlayState, Pixels
from vamos.core.render.plate_cache import SizedCache
from vamos.core.render.plates import plates
from vamos.core.render.timing import ClipTiming
from vamos.core.render.words import Words

#: What is read from two metres has size 1; beyond these the counts would not be read or would cover the dancer.
SMALLEST, LARGEST = 0.7, 1.4


def size_for(distance_m: float) -> float:
    """How large counts are drawn to be read from a distance: in proportion, within limits."""
    return min(LARGEST, max(SMALLEST, distance_m / 2))


def shown_at(
    words: Words,
    clip: Clip,
    position: Fraction,
    overlay: Overlay | None = None,
    look: Look = Look.DO,
    lead: Lead | None = None,
) -> OverlayState:
    """What stands over the picture of a clip at a position; ``lead`` is how it is counted in."""
    overlay = overlay or Overlay()
    card = clip.card_at(position)
    if card is not None and card.full:
        return OverlayState("", title=clip.title, card=(card.title, card.words))
    lanes = overlay.lanes if look is Look.DO else tuple(x for x in overlay.lanes if x is Lane.LABEL)
    now = words.now_at(position)

    def lane(kind: Lane, text: str) -> str:
        return text if kind in lanes else ""

    first = clip.counts.start
    counted_in = lead is not None and position < first
    number = lane(
        Lane.NUMBER,
        lead.word_at(position) if counted_in and lead else words.number_at(position, overlay.numbering, first),
    )
    row: tuple[tuple[str, ...], int] = ((), -1)
    if number and overlay.style is not Style.CORNER:
        row = words.row_at(position, overlay.numbering, first)
    return OverlayState(
        number=number,
        part=lane(Lane.PART, words.part_at(position, overlay.numbering)) if number and not counted_in else "",
        beside=words.beside_at(position, overlay.numbering, first) if number else "",
        dim=not clip.counts.contains(position),
        hold=bool(number) and now.hold,
        now=lane(Lane.NAME, now.words),
        ahead=lane(Lane.NEXT, words.ahead_at(position)),
        label=lane(Lane.LABEL, label_words(clip.label_at(position))),
        title=clip.title,
        foot=lane(Lane.FEET, now.foot.value) if now.foot is not Foot.NONE else "",
        touch=now.touch and Lane.FEET in lanes,
        word=lane(Lane.WORD, now.lyric),
        facing=lane(Lane.CLOCK, words.facing_at(position)),
        place=lane(Lane.PLACE, words.place_at(position)),
        call=lane(Lane.CALL, words.call_at(position, clip.counts.end, overlay.call_ahead)),
        row=row[0],
        at=row[1],
        style=overlay.style,
        size=size_for(overlay.distance_m),
        banner=card.title if card is not None else "",
    )


def schedule(
    words: Words, clip: Clip, timing: ClipTiming, overlay: Overlay | None = None, look: Look = Look.DO
) -> list[tuple[int, OverlayState]]:
    """First frame and content of each state of the overlay, from frame 0 on."""
    out: list[tuple[int, OverlayState]] = []
    edges, count_in = timing.counts(), (overlay or Overlay()).count_in
    lead = words.lead(count_in, clip)
    marks = {p.counts.start for p in clip.pieces} | {at for c in clip.cards for at in (c.counts.start, c.counts.end)}
    marks = {at for at in marks if edges.start < at < edges.end}
    for position in sorted({*words.changes(edges.start, edges.end), *marks}):
        frame = max(0, timing.frame_of(position))
        state = shown_at(words, clip, position, overlay, look, lead)
        if out and out[-1][0] == frame:
            out[-1] = (frame, state)
        elif not out or out[-1][1] != state:
            out.append((frame, state))
    out[0] = (0, out[0][1])
    return [entry for entry in out if entry[0] < timing.frames]


# BT.601 and BT.709 luma weights (ITU-R BT.601-7, BT.709-6).
_WEIGHTS = {"601": (0.299, 0.114), "709": (0.2126, 0.0722)}


YuvPlate = tuple[int, int, Pixels, Pixels, Pixels]
_KEPT: SizedCache[tuple[YuvPlate, ...]] = SizedCache(
    32 << 20, lambda found: sum(plane.nbytes for plate in found for plane in plate[2:])
)


def yuv_plates(shown: OverlayState, width: int, height: int, matrix: str) -> tuple[YuvPlate, ...]:
    """Plates as limited-range Y, U, V (4:2:0) with their corners, for writing into planes."""
    return _KEPT.get((shown, width, height, matrix), lambda: _in_yuv(shown, width, height, matrix))


def _in_yuv(shown: OverlayState, width: int, height: int, matrix: str) -> tuple[YuvPlate, ...]:
    return tuple((plate.x, plate.y, *rgb_planes(plate.pixels, matrix)) for plate in plates(shown, width, height))


def rgb_planes(pixels: Pixels, matrix: str) -> tuple[Pixels, Pixels, Pixels]:
    """A picture ``(height, width, 3)`` with even sides as limited-range Y, U, V (4:2:0)."""
    kr, kb = _WEIGHTS[matrix]
    rgb = pixels.astype(np.float32)
    r, g, b = rgb[..., 0], rgb[..., 1], rgb[..., 2]
    luma = kr * r + (1 - kr - kb) * g + kb * b
    u = 128 + (b - luma) / (2 * (1 - kb)) * 224 / 255
    v = 128 + (r - luma) / (2 * (1 - kr)) * 224 / 255
    return _bytes(16 + luma * 219 / 255), _bytes(_halved(u)), _bytes(_halved(v))


def _bytes(values: npt.NDArray[np.float32]) -> Pixels:
    return np.asarray(np.clip(np.round(values), 0, 255), dtype=np.uint8)


def _halved(values: npt.NDArray[np.float32]) -> npt.NDArray[np.float32]:
    h, w = values.shape
    return np.asarray(values.reshape(h // 2, 2, w // 2, 2).mean(axis=(1, 3)), dtype=np.float32)


def draw_on_yuv(y: Pixels, u: Pixels, v: Pixels, shown: OverlayState, matrix: str) -> None:
    """Write the plates of a state into the planes of a frame, in place."""
    height, width = y.shape
    for px, py, py_plane, pu_plane, pv_plane in yuv_plates(shown, width, height, matrix):
        h, w = py_plane.shape
        y[py : py + h, px : px + w] = py_plane
        u[py // 2 : (py + h) // 2, px // 2 : (px + w) // 2] = pu_plane
        v[py // 2 : (py + h) // 2, px // 2 : (px + w) // 2] = pv_plane


def planes_of(shown: OverlayState, width: int, height: int, matrix: str) -> tuple[Pixels, Pixels, Pixels]:
    """A frame of a size with nothing but a state over black, as Y, U, V."""
    y = np.full((height, width), 16, np.uint8)
    u, v = (np.full((height // 2, width // 2), 128, np.uint8) for _ in range(2))
    draw_on_yuv(y, u, v, shown, matrix)
    return y, u, v


def softened(y: Pixels, u: Pixels, v: Pixels) -> None:
    """The look of a version to watch: a little darker and paler, in place."""
    y[:] = (16 + (y.astype(np.float32) - 16) * 0.86).astype(np.uint8)
    for plane in (u, v):
        plane[:] = np.round(128 + (plane.astype(np.float32) - 128) * 0.75).astype(np.uint8)
