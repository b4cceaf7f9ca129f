"""The manifest of a pack: every file with its checksum and what it is meant to hold.

``manifest.json`` is ``{"vamos_pack": 2, …}``, see docs/formats.md.
"""

from __future__ import annotations

import base64
import hashlib
from collections.abc import Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from math import ceil
from pathlib import Path

import msgspec
import numpy as np

from vamos.core.disk.inputs import read_input
from vamos.core.document.said import json_said
from vamos.core.media.frames import Planes
from vamos.core.render.clips import PROOF, Written
from vamos.core.render.overlay_state import OverlayState
from vamos.core.render.sound_proof import SoundProof
from vamos.core.render.timing import ClipTiming
from vamos.errors import MissingError, ProjectError
from vamos.wording import words_of

tr = words_of(__name__)

NAME = "manifest.json"
#: What is written as ``vamos_pack``; a pack of a newer Vamos is not judged.
VERSION = 2


@dataclass(frozen=True, slots=True)
class PieceEntry:
    """A piece of a clip: its middle frame, whether it is flipped, and the small grey picture of it as filmed."""

    frame: int
    flipped: bool
    proof: tuple[tuple[int, ...], ...]


@dataclass(frozen=True, slots=True)
class SmallPicture:
    """A frame as filmed, and whether it is flipped in the clip; ``grey`` are 9 rows of 16 bytes in base64."""

    frame: int
    flipped: bool
    grey: str

    def pixels(self) -> Planes | None:
        """``(9, 16)``; None when the text is damaged."""
        try:
            data = base64.b64decode(self.grey, validate=True)
        except ValueError:
            return None
        rows, columns = PROOF[::-1]
        return np.frombuffer(data, np.uint8).reshape(rows, columns) if len(data) == rows * columns else None


@dataclass(frozen=True, slots=True)
class Told:
    """What a clip shows that has no counts over the picture: (frame, number), and (frame, what would be written)."""

    counts: tuple[tuple[int, str], ...]
    states: tuple[tuple[int, OverlayState], ...]


@dataclass(frozen=True, slots=True)
class ClipEntry:
    """One clip of a pack.

    ``made_from`` is the hash of all it follows from. ``counts`` are (frame, number) where a new count begins;
    ``states`` (frame, what is written); ``told`` what the page says of a clip without counts; ``covered`` for which
    share of the clip plates cover the dancer; ``proof`` the small grey picture of the middle frame as filmed, rows
    of 16; ``shows`` the name of other things over the picture; ``heard`` what it should sound like; ``throughout``
    such pictures of all of it, the flip of each said.
    """

    file: str
    sha256: str
    bytes: int
    title: str
    view: str
    label: str
    flipped: bool
    speed: float
    sound: str
    width: int
    height: int
    rate: str
    frames: int
    duration_s: float
    matrix: str
    counts: tuple[tuple[int, str], ...]
    states: tuple[tuple[int, OverlayState], ...]
    loudness_lufs: float | None
    proof: tuple[tuple[int, ...], ...]
    problems: tuple[str, ...] = ()
    look: str = "with counts"
    arrangement: str = "one picture"
    half_time: bool = False
    pieces: tuple[PieceEntry, ...] = ()
    made_from: str = ""
    covered: float = 0.0
    shows: str = ""
    heard: SoundProof | None = None
    throughout: tuple[SmallPicture, ...] = ()
    double_time: bool = False
    told: Told | None = None

    def counts_told(self) -> tuple[tuple[int, str], ...]:
        """(frame, number) of its counts, drawn over the picture or told by the page."""
        return self.counts or (self.told.counts if self.told is not None else ())

    def states_told(self) -> tuple[tuple[int, OverlayState], ...]:
        """(frame, what is danced) drawn over the picture or told by the page."""
        return self.states if self.counts or self.told is None else self.told.states


@dataclass(frozen=True, slots=True)
class FileEntry:
    """Any other file of a pack."""

    file: str
    sha256: str
    bytes: int


@dataclass(frozen=True, slots=True)
class Manifest:
    vamos_pack: int
    made_with: str
    project: str
    song: str
    rights: str
    clips: tuple[ClipEntry, ...]
    files: tuple[FileEntry, ...] = ()
    problems: tuple[str, ...] = ()
    #: Of all that stands in it and so, by their checksums, of every file; packs of version 1 have none.
    digest: str = ""
    #: Whether a page, captions and a list of chapters belong to it; a lesson film and homework loops have none.
    for_students: bool = True


def digest(text: bytes) -> str:
    """SHA-256, in hexadecimal, of all a manifest says but its digest; fields of other versions count as well."""
    said = {**msgspec.json.decode(text, type=dict[str, object]), "digest": ""}
    return hashlib.sha256(msgspec.json.encode(said)).hexdigest()


def write_manifest(manifest: Manifest, folder: Path) -> None:
    """Put it into its folder, with its digest."""
    named = replace(manifest, digest=digest(msgspec.json.encode(manifest)))
    data = msgspec.json.format(msgspec.json.encode(named), indent=1)
    (folder / NAME).write_bytes(data + b"\n")


def checksum(path: Path) -> str:
    """SHA-256 of a file, as hexadecimal text."""
    with path.open("rb") as file:
        return hashlib.file_digest(file, "sha256").hexdigest()


def clip_entry(written: Written, folder: Path, made_from: str = "") -> ClipEntry:
    """The manifest's entry for a clip that was written below ``folder``."""
    job, timing = written.job, written.timing
    path = job.path
    return ClipEntry(
        path.relative_to(folder).as_posix(),
        checksum(path),
        path.stat().st_size,
        job.clip.title,
        str(job.clip.view),
        job.clip.label,
        job.clip.flip,
        float(job.version.speed),
        str(job.version.sound),
        written.width,
        written.height,
        str(timing.rate.per_second),
        timing.frames,
        timing.duration_s,
        written.matrix,
        tuple(whole_counts(timing, written.states)),
        written.states,
        written.lufs,
        _rows(written.proof),
        job.clip.problems,
        str(job.version.look),
        str(job.version.arrangement),
        job.version.half_time,
        tuple(PieceEntry(frame, flip, _rows(proof)) for frame, flip, proof in written.pieces),
        made_from,
        written.covered,
        job.version.shows.name if job.version.shows is not None else "",
        written.heard,
        tuple(SmallPicture(k, flip, base64.b64encode(g.tobytes()).decode()) for k, flip, g in written.throughout),
        job.version.double_time,
    )


def _rows(grey: Planes) -> tuple[tuple[int, ...], ...]:
    return tuple(tuple(int(v) for v in row) for row in grey)


def whole_counts(timing: ClipTiming, states: Sequence[tuple[int, OverlayState]]) -> list[tuple[int, str]]:
    """(frame, number) of the whole counts that begin in a clip, where a number is shown."""
    shown, out = timing.counts(), []
    for k in range(ceil(shown.start), ceil(shown.end)):
        frame = timing.frame_of(Fraction(k))
        state = next((s for f, s in reversed(states) if f <= max(frame, states[0][0])), None)
        if state is not None and state.number and 0 <= frame < timing.frames:
            out.append((frame, state.number))
    return out


def exact_counts(timing: ClipTiming, counts: Sequence[tuple[int, str]]) -> tuple[float, ...]:
    """The exact seconds of counts that begin at frames: a frame is too coarse to loop by."""
    shown = timing.counts()
    at = {timing.frame_of(Fraction(k)): timing.out_s(Fraction(k)) for k in range(ceil(shown.start), ceil(shown.end))}
    return tuple(at.get(frame, timing.rate.seconds(frame)) for frame, _ in counts)


def file_entry(path: Path, folder: Path) -> FileEntry:
    return FileEntry(path.relative_to(folder).as_posix(), checksum(path), path.stat().st_size)


def named_files(manifest: Manifest) -> set[str]:
    """Every file of a pack, the manifest included, as paths below its folder."""
    return {NAME, *(c.file for c in manifest.clips), *(f.file for f in manifest.files)}


#: Names of files are no longer on any common system, pictures no larger.
_LONGEST_NAME, _LARGEST = 255, 16384
_MATRICES = ("601", "709")


def wrong_field(clip: ClipEntry) -> str:
    """The first field of an entry whose value cannot be true of any clip; empty when all can."""
    try:
        rate = Fraction(clip.rate)
    except (ValueError, ZeroDivisionError):
        rate = Fraction(0)
    pictures = [clip.proof, *(p.proof for p in clip.pieces)]
    rows, columns = PROOF[::-1]
    checks = (
        ("rate", 0 < rate <= 1000),
        ("speed", 0 < clip.speed <= 4),
        ("width", 0 < clip.width <= _LARGEST),
        ("height", 0 < clip.height <= _LARGEST),
        ("frames", clip.frames > 0),
        ("duration_s", 0 < clip.duration_s < 1e6),
        ("matrix", clip.matrix in _MATRICES),
        ("states", bool(clip.states) and all(frame >= 0 for frame, _ in clip.states)),
        ("proof", all(len(p) == rows and all(len(row) == columns for row in p) for p in pictures)),
    )
    return next((name for name, good in checks if not good), "")


def read_manifest(folder: Path) -> Manifest:
    """The manifest of a pack folder.

    Raises
    ------
    MissingError
        when the folder or its manifest is missing.
    ProjectError
        when the manifest cannot be understood.
    InputError
        when it cannot be read.
    """
    path = folder / NAME
    if not folder.is_dir():
        raise MissingError(tr("there is no such folder."), file=folder)
    if not path.is_file():
        raise MissingError(
            tr("this folder is not a Vamos pack: its manifest.json is missing."),
            file=folder,
            todo=tr("Name the folder that “vamos pack” or “vamos make” wrote."),
        )
    try:
        manifest = msgspec.json.decode(read_input(path, tr("list of the pack’s files")), type=Manifest)
    except (msgspec.DecodeError, UnicodeDecodeError, RecursionError) as error:
        said = json_said(error)
        raise ProjectError(tr("the pack’s list cannot be understood: {said}.", said=said), file=path) from error
    if not 1 <= manifest.vamos_pack <= VERSION:
        raise ProjectError(
            tr(
                "this pack is of version {vamos_pack}; this Vamos knows packs up to version {version}.",
                vamos_pack=manifest.vamos_pack,
                version=VERSION,
            ),
            file=path,
            todo=tr("Verify it with the Vamos that wrote it, or a newer one."),
        )
    for clip in manifest.clips:
        field = wrong_field(clip)
        if field:
            raise ProjectError(
                tr("the pack’s list says something impossible of {file}: {field}.", file=clip.file[:60], field=field),
                file=path,
            )
    for name in [c.file for c in manifest.clips] + [f.file for f in manifest.files]:
        if "\0" in name or any(len(part.encode()) > _LONGEST_NAME for part in name.split("/")):
            raise ProjectError(tr("the pack’s list names a file that cannot be: {name}.", name=name[:40]), file=path)
        inside = (folder / name).resolve()
        if not inside.is_relative_to(folder.resolve()):
            raise ProjectError(tr("the pack’s list names a file outside the pack: {name}.", name=name), file=path)
    return manifest
