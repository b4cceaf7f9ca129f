"""Sounds for the page of students: a page from disk may read no neighbour but a script, so each is one."""

from __future__ import annotations

import base64
import hashlib
import io
import json
from collections.abc import Sequence
from dataclasses import dataclass
from pathlib import Path

import av
from av import AudioStream, VideoStream
from av.container import InputContainer

from vamos.core.pack.manifest import ClipEntry

FOLDER = "sound"


@dataclass(frozen=True, slots=True)
class PageSound:
    """A sound beside the page: its file, samples a second, and how many samples it has."""

    id: str
    file: str
    rate: int
    samples: int


def write_sounds(folder: Path, entries: Sequence[ClipEntry]) -> dict[str, PageSound]:
    """The sound of each clip that has one, by the file of the clip; clips that sound alike share one script.

    The packets are those of the clip, in an M4A whose edit list takes off the run-in of the coder.
    """
    found: dict[str, PageSound] = {}
    made: dict[str, PageSound] = {}
    for entry in entries:
        found_sound = packed(folder / entry.file)
        if found_sound is None:
            continue
        data, rate = found_sound
        digest = hashlib.sha256(data).hexdigest()
        if digest not in made:
            number = f"{len(made) + 1:02d}"
            samples = round(entry.duration_s * rate)
            made[digest] = PageSound(number, f"{FOLDER}/{number}.js", rate, samples)
            (folder / FOLDER).mkdir(exist_ok=True)
            text = f'vamosSound({json.dumps(number)},"{base64.b64encode(data).decode()}");\n'
            (folder / FOLDER / f"{number}.js").write_text(text, encoding="ascii")
        found[entry.file] = made[digest]
    return found


def packed(path: Path) -> tuple[bytes, int] | None:
    """The sound of a film as M4A; None when it has none."""
    with av.open(str(path)) as source:
        if not source.streams.audio:
            return None
        stream = source.streams.audio[0]
        return _alone(source, stream, "ipod"), int(stream.rate)


def silent_film(path: Path) -> bytes:
    """A film without its sound, its pictures packet for packet; raises OSError, IndexError, ValueError."""
    with av.open(str(path)) as source:
        return _alone(source, source.streams.video[0], "mp4")


def _alone(source: InputContainer, stream: AudioStream | VideoStream, kind: str) -> bytes:
    """One stream of a film as a file of its own."""
    out = io.BytesIO()
    with av.open(out, "w", format=kind) as target:
        copy = target.add_stream_from_template(stream)
        for packet in source.demux(stream):
            if packet.dts is not None:
                packet.stream = copy
                target.mux(packet)
    return out.getvalue()
