"""The picture of a clip against its manifest: frames, size, times, colour matrix, every count, sides.

Plates are drawn again and compared with the decoded pixels at, before and after each change of count; the middle
picture is compared with the small picture kept from the footage.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, field, replace
from fractions import Fraction
from pathlib import Path

import numpy as np

from vamos.core.media.frames import matrix_of
from vamos.core.media.probe import opened
from vamos.core.model.clip import Arrangement, Look
from vamos.core.pack.finding import Finding
from vamos.core.pack.manifest import ClipEntry
from vamos.core.render.clips import small_grey
from vamos.core.render.overlay_state import OverlayState
from vamos.core.render.overlays import yuv_plates
from vamos.errors import MediaError
from vamos.wording import words_of

tr = words_of(__name__)

Pixels = np.ndarray
Planes = tuple[Pixels, Pixels, Pixels]

#: How far small pictures may be off on average, and in one cell of theirs (grey levels; cells by plates are blurred).
_SMALL_OFF, _CELL_OFF = 2.0, 12.0
#: How far decoded plates may be from drawn ones (mean grey levels; compression costs some).
_PLATE_TOLERANCE = 9.0


@dataclass(slots=True)
class _Seen:
    """What was found while the clip was decoded; only pictures compared later are kept."""

    times: list[float] = field(default_factory=list)
    size: tuple[int, int] = (0, 0)
    matrix: str = ""
    kept: dict[int, Planes] = field(default_factory=dict)
    #: By frame: how far its plate is from what should stand there, and from what stood there a frame before.
    off: dict[int, tuple[float, float]] = field(default_factory=dict)
    before: dict[int, float] = field(default_factory=dict)
    #: Small grey pictures at even distances.
    small: dict[int, Pixels] = field(default_factory=dict)


def picture_findings(path: Path, entry: ClipEntry) -> Iterator[Finding]:
    """All about the picture; raises MediaError when it cannot be decoded."""
    seen = _decoded(path, entry)
    name, times, rate = entry.file, seen.times, Fraction(entry.rate)
    yield Finding(
        name, "frames", len(times) == entry.frames, tr("{number} of {frames}", number=len(times), frames=entry.frames)
    )
    yield Finding(name, "size", seen.size == (entry.width, entry.height), f"{seen.size[0]} × {seen.size[1]}")
    yield Finding(
        name,
        "matrix",
        seen.matrix == entry.matrix,
        tr("{matrix}, wanted {matrix2}", matrix=seen.matrix, matrix2=entry.matrix),
    )
    late = max((abs(t - times[0] - float(k / rate)) for k, t in enumerate(times)), default=0.0)
    yield Finding(name, tr("frame times"), late < 1e-3, tr("at most {number:.2f} ms off", number=late * 1000))
    length = len(times) / float(rate)
    good = abs(length - entry.duration_s) < 0.5 / float(rate)
    yield Finding(
        name,
        "duration",
        good,
        tr("{length:.3f} s, wanted {duration_s:.3f} s", length=length, duration_s=entry.duration_s),
    )
    yield from _counts(entry, seen)
    yield from _card_findings(entry, seen)
    if not entry.pieces:
        yield _flip(entry, entry.frames // 2, entry.flipped, entry.proof, seen.kept)
    yield from _throughout(entry, seen)
    for number, piece in enumerate(entry.pieces, 1):
        found = _flip(entry, piece.frame, piece.flipped, piece.proof, seen.kept)
        yield replace(found, what=f"flip of piece {number}")


def _decoded(path: Path, entry: ClipEntry) -> _Seen:
    seen = _Seen()
    changes = {frame for frame, _ in entry.counts} | {frame for frame, _ in _cards(entry)}
    whole = {entry.frames // 2, *(p.frame for p in entry.pieces)}
    small = {p.frame for p in entry.throughout}
    with opened(path) as container:
        if not container.streams.video:
            raise MediaError(tr("there is no picture in it."), file=path)
        for k, frame in enumerate(container.decode(video=0)):
            seen.times.append(float(frame.time or 0.0))
            if k == 0:
                seen.size, seen.matrix = (frame.width, frame.height), matrix_of(frame)
            if not ({k, k + 1} & changes or k in whole or k in small):
                continue
            flat = np.asarray(frame.to_ndarray(format="yuv420p"))
            h, w = frame.height, frame.width
            if k in changes:
                seen.off[k] = (
                    _plate_distance(entry, flat[:h], _state_at(entry, k)),
                    _plate_distance(entry, flat[:h], _state_at(entry, k - 1)) if k else 255.0,
                )
            if k + 1 in changes:
                seen.before[k + 1] = _plate_distance(entry, flat[:h], _state_at(entry, k))
            if k in small:
                seen.small[k] = small_grey(np.asarray(flat[:h], np.uint8))
            if k in whole:
                chroma = flat[h:].reshape(2, h // 2, w // 2)
                seen.kept[k] = (flat[:h], chroma[0], chroma[1])
    return seen


def _counts(entry: ClipEntry, seen: _Seen) -> Iterator[Finding]:
    """Each count stands on its frame, and not on the frame before; the number is the one on the plate."""
    if not entry.counts:
        meant = not any(state.number for _, state in entry.states)
        words = tr("none, as wished") if meant else tr("the pack’s list names no counts")
        yield Finding(entry.file, "counts", meant, words)
        return
    found = [_count(entry, seen, frame, number) for frame, number in entry.counts]
    inside = next((k for k, (frame, _) in enumerate(entry.counts) if frame > 0), 0)
    yield Finding(entry.file, tr("first count"), *found[inside])
    yield Finding(entry.file, tr("last count"), *found[-1])
    wrong = [detail for good, detail in found if not good]
    words = tr("{number} of {number2} stand where they should", number=len(found) - len(wrong), number2=len(found))
    yield Finding(entry.file, tr("every count"), not wrong, f"{words}: {wrong[0]}" if wrong else words)
    ordered = all(a[0] < b[0] for a, b in zip(entry.counts, entry.counts[1:], strict=False))
    yield Finding(entry.file, tr("order of counts"), ordered, tr("they go on") if ordered else tr("they do not go on"))


def _cards(entry: ClipEntry) -> list[tuple[int, OverlayState]]:
    return [(frame, state) for frame, state in entry.states if state.card is not None and frame < entry.frames]


def _card_findings(entry: ClipEntry, seen: _Seen) -> Iterator[Finding]:
    """Each card fills the picture from its frame on."""
    cards = _cards(entry)
    wrong = [f for f, _ in cards if seen.off.get(f, (255.0, 0.0))[0] >= _PLATE_TOLERANCE]
    if cards:
        words = tr("{number} of {number2} stand where they should", number=len(cards) - len(wrong), number2=len(cards))
        yield Finding(
            entry.file,
            "cards",
            not wrong,
            tr("{words}: not at frame {value}", words=words, value=wrong[0]) if wrong else words,
        )


def _count(entry: ClipEntry, seen: _Seen, frame: int, number: str) -> tuple[bool, str]:
    if frame not in seen.off:
        return False, tr("frame {frame} is missing", frame=frame)
    state = _state_at(entry, frame)
    if state.number != number:
        return False, tr(
            "“{number}” is named at frame {frame}, where “{number2}” stands",
            number=number,
            frame=frame,
            number2=state.number,
        )
    off, other = seen.off[frame]
    good, detail = (
        off < _PLATE_TOLERANCE,
        tr("“{number}” from frame {frame} ({off:.1f} levels off)", number=number, frame=frame, off=off),
    )
    if frame > 0 and _state_at(entry, frame - 1) != state:
        counted = bool(_state_at(entry, frame - 1).number)
        good = bool(good and off < other and (not counted or seen.before.get(frame, 255.0) < _PLATE_TOLERANCE))
    return good, detail


def _state_at(entry: ClipEntry, frame: int) -> OverlayState:
    state = entry.states[0][1]
    for first, shown in entry.states:
        if first <= frame:
            state = shown
    return state


def _plate_distance(entry: ClipEntry, picture: Pixels, state: OverlayState) -> float:
    """Mean difference in grey levels between the decoded number plate, or card, and the drawn one; far without any."""
    if not state.number and state.card is None:
        return 255.0
    x, y, luma, _, _ = yuv_plates(state, entry.width, entry.height, entry.matrix)[0]
    part = picture[y : y + luma.shape[0], x : x + luma.shape[1]].astype(float)
    return float(np.abs(part - luma).mean()) if part.shape == luma.shape else 255.0


def _flip(
    entry: ClipEntry,
    frame: int,
    wanted: bool,
    proof: tuple[tuple[int, ...], ...],
    kept: dict[int, tuple[Pixels, Pixels, Pixels]],
) -> Finding:
    """A picture lies nearer to the kept one as filmed, or to its mirror image."""
    planes = kept.get(frame)
    if planes is None:
        return Finding(entry.file, "flip", False, tr("the middle frame is missing"))
    seen = small_grey(planes[0]).astype(float)
    filmed = np.array(proof, dtype=float)
    clear = _uncovered(entry, frame) & _uncovered(entry, frame)[:, ::-1]
    straight = float(np.abs(seen - filmed)[clear].mean())
    mirrored = float(np.abs(seen - filmed[:, ::-1])[clear].mean())
    # In an arrangement each picture is flipped by itself; the proof is of what stands there.
    flipped = wanted and entry.arrangement == Arrangement.ONE
    good = mirrored < straight if flipped else straight < mirrored
    if abs(mirrored - straight) < 0.15:
        return Finding(entry.file, "flip", min(mirrored, straight) < 3, tr("the picture is too even to tell its sides"))
    word = "flipped" if mirrored < straight else tr("as filmed")
    return Finding(
        entry.file,
        "flip",
        good,
        tr("{word} ({straight:.1f} against {mirrored:.1f})", word=word, straight=straight, mirrored=mirrored),
    )


def _throughout(entry: ClipEntry, seen: _Seen) -> Iterator[Finding]:
    """All of the clip shows what was filmed, over its whole area, on the side it should."""
    wrong, looked = [], 0
    for part in entry.throughout:
        found, filmed = seen.small.get(part.frame), part.pixels()
        if filmed is None:
            wrong.append(part.frame)
            continue
        if found is None or _state_at(entry, part.frame).card is not None:
            continue
        meant = (filmed[:, ::-1] if part.flipped else filmed).astype(float)
        clear = _uncovered(entry, part.frame)
        if entry.look == Look.PLAIN and clear.any():
            # A clip to watch is softened as a whole.
            meant = meant * (float(found[clear].mean()) / max(1.0, float(meant[clear].mean())))
        off = np.abs(found.astype(float) - meant)
        looked += 1
        if clear.any() and (off[clear].mean() > _SMALL_OFF or off[clear].max() > _CELL_OFF):
            wrong.append(part.frame)
    if looked:
        words = tr("not at frame {frame}", frame=wrong[0]) if wrong else tr("{number} looked at", number=looked)
        yield Finding(entry.file, "picture throughout", not wrong, words)


def _uncovered(entry: ClipEntry, frame: int) -> np.ndarray:
    """Cells of the small picture that no plate touches, ``(9, 16)`` of bool."""
    rows, columns = len(entry.proof), len(entry.proof[0])
    mask = np.ones((rows, columns), dtype=bool)
    state = _state_at(entry, frame)
    for x, y, luma, _, _ in yuv_plates(state, entry.width, entry.height, entry.matrix):
        h, w = luma.shape
        r0, r1 = y * rows // entry.height, -(-(y + h) * rows // entry.height)
        c0, c1 = x * columns // entry.width, -(-(x + w) * columns // entry.width)
        mask[r0:r1, c0:c1] = False
    return mask
