"""Decoding what was written and comparing it with the manifest.

Looks at: checksum, duration, frame count, evenness of time stamps, first and last count (the
plates are drawn again and compared with the decoded pixels at, before and after the change),
flip (the middle picture against the small picture kept from the footage), loudness and peak.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, replace
from fractions import Fraction
from pathlib import Path

import msgspec
import numpy as np

from vamos.core.media.probe import opened
from vamos.core.media.sound import read_sound
from vamos.core.model.clip import Arrangement
from vamos.core.pack.manifest import ClipEntry, Manifest, checksum, read_manifest
from vamos.core.pack.students_page import PAGE
from vamos.core.progress import Progress, quiet
from vamos.core.render.clips import small_grey
from vamos.core.render.overlay_state import OverlayState
from vamos.core.render.overlays import yuv_plates
from vamos.core.render.sound import PEAK_DBTP, RATE, loudness, true_peak
from vamos.errors import VamosError

Pixels = np.ndarray

#: How far decoded plates may be from drawn ones (mean grey levels; compression costs some).
_PLATE_TOLERANCE = 9.0
_LOUDNESS_TOLERANCE = 1.0


@dataclass(frozen=True, slots=True)
class Finding:
    """One comparison: which file, what was looked at, whether it holds, and the figures."""

    file: str
    what: str
    good: bool
    detail: str


def verify_pack(folder: Path, progress: Progress | None = None) -> list[Finding]:
    """All findings for a pack, good and bad; raises MissingError or ProjectError without one."""
    progress = progress or quiet()
    manifest: Manifest = read_manifest(folder)
    findings: list[Finding] = []
    for entry in manifest.files:
        findings += _checksum(folder, entry.file, entry.sha256)
    findings += _page(folder, manifest)
    for number, clip in enumerate(manifest.clips):
        progress(number / len(manifest.clips), f"Checking {clip.file}")
        findings += _clip(folder, clip)
    progress(1.0, "Checked")
    return findings


def _checksum(folder: Path, name: str, wanted: str) -> Iterator[Finding]:
    path = folder / name
    if not path.is_file():
        yield Finding(name, "file", False, "it is missing")
    else:
        same = checksum(path) == wanted
        yield Finding(name, "checksum", same, "as written" if same else "the file was changed")


def _page(folder: Path, manifest: Manifest) -> Iterator[Finding]:
    """The page for students plays every clip of the pack, and nothing else."""
    if PAGE not in {f.file for f in manifest.files}:
        return
    try:
        text = (folder / PAGE).read_text(encoding="utf-8")
        data = msgspec.json.decode(text.split('id="data">', 1)[1].split("</script>", 1)[0])
        shown = [*data["sections"], *([data["through"]] if data["through"] else [])]
        played = {f["file"] for s in shown for v in s["views"] for f in v["files"]}
    except (OSError, UnicodeDecodeError, IndexError, KeyError, TypeError, msgspec.DecodeError):
        yield Finding(PAGE, "page", False, "it cannot be understood")
        return
    wanted = {c.file for c in manifest.clips}
    words = f"it plays {len(played & wanted)} of {len(wanted)} clips"
    yield Finding(PAGE, "page", played == wanted, words)


def _clip(folder: Path, entry: ClipEntry) -> Iterator[Finding]:
    found = list(_checksum(folder, entry.file, entry.sha256))
    yield from found
    if found[0].what == "file":
        return
    try:
        yield from _picture(folder / entry.file, entry)
        yield from _sound(folder / entry.file, entry)
    except VamosError as error:
        yield Finding(entry.file, "readable", False, error.what)


def _picture(path: Path, entry: ClipEntry) -> Iterator[Finding]:
    wanted = _frames_wanted(entry)
    kept: dict[int, tuple[Pixels, Pixels, Pixels]] = {}
    times: list[float] = []
    size = (0, 0)
    with opened(path) as container:
        for frame in container.decode(video=0):
            if len(times) in wanted:
                flat = frame.to_ndarray(format="yuv420p")
                h, w = frame.height, frame.width
                chroma = flat[h:].reshape(2, h // 2, w // 2)
                kept[len(times)] = (flat[:h], chroma[0], chroma[1])
            times.append(float(frame.time or 0.0))
            size = (frame.width, frame.height)
    name = entry.file
    yield Finding(name, "frames", len(times) == entry.frames, f"{len(times)} of {entry.frames}")
    yield Finding(name, "size", size == (entry.width, entry.height), f"{size[0]} × {size[1]}")
    rate = Fraction(entry.rate)
    late = max((abs(t - times[0] - float(k / rate)) for k, t in enumerate(times)), default=0.0)
    yield Finding(name, "frame times", late < 1e-3, f"at most {late * 1000:.2f} ms off")
    length = len(times) / float(rate)
    yield Finding(
        name,
        "duration",
        abs(length - entry.duration_s) < 0.5 / float(rate),
        f"{length:.3f} s, wanted {entry.duration_s:.3f} s",
    )
    yield from _counts(entry, kept)
    if not entry.pieces:
        yield _flip(entry, entry.frames // 2, entry.flipped, entry.proof, kept)
    for number, piece in enumerate(entry.pieces, 1):
        found = _flip(entry, piece.frame, piece.flipped, piece.proof, kept)
        yield replace(found, what=f"flip of piece {number}")


def _frames_wanted(entry: ClipEntry) -> set[int]:
    edges = [frame for _, (frame, _) in _edge_counts(entry)]
    return {f for e in edges for f in (e - 1, e)} | {entry.frames // 2} | {p.frame for p in entry.pieces}


def _edge_counts(entry: ClipEntry) -> list[tuple[str, tuple[int, str]]]:
    """The first count that begins inside the clip (frame 0 cannot show a change) and the last."""
    if not entry.counts:
        return []
    first = next((count for count in entry.counts if count[0] > 0), entry.counts[0])
    return [("first count", first), ("last count", entry.counts[-1])]


def _counts(entry: ClipEntry, kept: dict[int, tuple[Pixels, Pixels, Pixels]]) -> Iterator[Finding]:
    """The first and last count stand on their frame, and not on the frame before."""
    if not entry.counts:
        meant = not any(state.number for _, state in entry.states)
        words = "none, as wished" if meant else "the manifest names no counts"
        yield Finding(entry.file, "counts", meant, words)
        return
    for what, (frame, number) in _edge_counts(entry):
        if frame not in kept:
            yield Finding(entry.file, what, False, f"frame {frame} is missing")
            continue
        state = _state_at(entry, frame)
        off = _plate_distance(entry, kept[frame], state)
        good, detail = off < _PLATE_TOLERANCE, f"“{number}” from frame {frame} ({off:.1f} levels off)"
        if frame > 0 and frame - 1 in kept:
            before = _state_at(entry, frame - 1)
            if before != state:
                other = _plate_distance(entry, kept[frame], before)
                earlier = _plate_distance(entry, kept[frame - 1], before)
                good = bool(good and off < other and earlier < _PLATE_TOLERANCE)
        yield Finding(entry.file, what, good, detail)


def _state_at(entry: ClipEntry, frame: int) -> OverlayState:
    state = entry.states[0][1]
    for first, shown in entry.states:
        if first <= frame:
            state = shown
    return state


def _plate_distance(entry: ClipEntry, planes: tuple[Pixels, Pixels, Pixels], state: OverlayState) -> float:
    """Mean difference in grey levels between the decoded number plate and the drawn one."""
    x, y, luma, _, _ = yuv_plates(state, entry.width, entry.height, entry.matrix)[0]
    part = planes[0][y : y + luma.shape[0], x : x + luma.shape[1]].astype(float)
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
        return Finding(entry.file, "flip", False, "the middle frame is missing")
    seen = small_grey(planes[0]).astype(float)
    filmed = np.array(proof, dtype=float)
    clear = _uncovered(entry, frame) & _uncovered(entry, frame)[:, ::-1]
    straight = float(np.abs(seen - filmed)[clear].mean())
    mirrored = float(np.abs(seen - filmed[:, ::-1])[clear].mean())
    # In an arrangement each picture is flipped by itself; the proof is of what stands there.
    flipped = wanted and entry.arrangement == Arrangement.ONE
    good = mirrored < straight if flipped else straight < mirrored
    if abs(mirrored - straight) < 0.15:
        return Finding(entry.file, "flip", min(mirrored, straight) < 3, "the picture is too even to tell its sides")
    word = "flipped" if mirrored < straight else "as filmed"
    return Finding(entry.file, "flip", good, f"{word} ({straight:.1f} against {mirrored:.1f})")


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


def _sound(path: Path, entry: ClipEntry) -> Iterator[Finding]:
    if entry.loudness_lufs is None:
        with opened(path) as container:
            silent = not container.streams.audio
        yield Finding(entry.file, "sound", silent, "none, as wished" if silent else "there should be none")
        return
    sound = read_sound(path, RATE, channels=2)
    level = loudness(sound.samples)
    near = abs(level - entry.loudness_lufs) <= _LOUDNESS_TOLERANCE or max(level, entry.loudness_lufs) < -60
    yield Finding(entry.file, "loudness", near, f"{level:.1f} LUFS, wanted {entry.loudness_lufs:.1f}")
    peak = float(20 * np.log10(max(true_peak(sound.samples), 1e-9)))
    yield Finding(entry.file, "true peak", peak <= PEAK_DBTP + 0.05, f"{peak:.1f} dBTP")
    gap = abs(sound.duration_s - entry.duration_s)
    # The last AAC packet is filled up: 1024 frames at most.
    yield Finding(entry.file, "sound length", gap < 0.05, f"{sound.duration_s:.3f} s")
