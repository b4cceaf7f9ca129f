"""The clips of a pack as OpenTimelineIO: each film with its counts as markers, for those who edit on."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction
from pathlib import Path

import opentimelineio as otio

from vamos.core.pack.manifest import ClipEntry

NAME = "clips.otio"


@dataclass(frozen=True, slots=True)
class Cut:
    """A clip, (file, second of it) of what it was cut from, piece by piece, and (frame, count) of every count."""

    entry: ClipEntry
    sources: tuple[tuple[str, float], ...]
    counts: tuple[tuple[int, str], ...]


def write_timeline(path: Path, name: str, cuts: list[Cut]) -> None:
    """One track, the clips one after the other; media are named as they lie in the pack."""
    track = otio.schema.Track("clips", kind=otio.schema.TrackKind.Video)
    for cut in cuts:
        rate = float(Fraction(cut.entry.rate))

        def frames(count: int, rate: float = rate) -> otio.opentime.RationalTime:
            return otio.opentime.RationalTime(count, rate)

        whole = otio.opentime.TimeRange(frames(0), frames(cut.entry.frames))
        clip = otio.schema.Clip(
            f"{cut.entry.title}, {cut.entry.view}",
            otio.schema.ExternalReference(cut.entry.file, whole),
            whole,
            metadata={
                "vamos": {
                    "speed": cut.entry.speed,
                    "sources": [{"film": film, "from_s": round(at, 6)} for film, at in cut.sources],
                }
            },
        )
        for frame, count in cut.counts:
            marked = otio.opentime.TimeRange(frames(frame), frames(1))
            clip.markers.append(otio.schema.Marker(count, marked))
        track.append(clip)
    timeline = otio.schema.Timeline(name)
    timeline.tracks.append(track)
    otio.adapters.write_to_file(timeline, str(path))
