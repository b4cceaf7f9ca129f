"""The clips of a pack as OpenTimelineIO: each film with its counts as markers, for those who edit on."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction
from pathlib import Path
from typing import Any

from vamos.core.pack.manifest import ClipEntry
from vamos.core.time import TimeMap

NAME = "clips.otio"


@dataclass(frozen=True, slots=True)
class Cut:
    """A clip, (film, take, second of it) of what it was cut from, piece by piece, and (frame, count) of every count.

    The film is named without its folder: a pack leaves the house.

    ``follows`` are (second of the clip, second of its source) where it was cut from one pass, from its first count to
    its last; between them lies a straight line.
    """

    entry: ClipEntry
    sources: tuple[tuple[str, str, float], ...]
    counts: tuple[tuple[int, str], ...]
    follows: tuple[tuple[float, float], ...] = ()
    #: Exact seconds of each of ``counts``, and of the first and the end of the core without run-up and run-out.
    counts_s: tuple[float, ...] = ()
    core_s: tuple[float, float] = (0.0, 0.0)


def write_timeline(path: Path, name: str, cuts: list[Cut]) -> None:
    """One track, the clips one after the other; media are named as they lie in the pack."""
    import opentimelineio as otio

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
                    "sources": [{"film": film, "take": take, "from_s": round(at, 6)} for film, take, at in cut.sources],
                    "follows": [[round(out, 5), round(take, 5)] for out, take in cut.follows],
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


@dataclass(frozen=True, slots=True)
class Source:
    """The take a clip was cut from, by its id, and a map from the clip's seconds to those of its film."""

    take: str
    clock: TimeMap


def clips_in(folder: Path) -> list[Any] | None:
    """The clips of a pack's timeline; None where it is not there, or cannot be understood."""
    import opentimelineio as otio

    try:
        return list(otio.adapters.read_from_file(str(folder / NAME)).find_clips())
    except (OSError, AttributeError, ValueError, TypeError, LookupError, RuntimeError, otio.exceptions.OTIOError):
        # The library raises what its reader of JSON raises, such as KeyError('near line 3735').
        return None


def read_sources(folder: Path) -> dict[str, Source]:
    """The source of each clip of a pack that was cut from one pass, by the clip's file; nothing that is not there."""
    found = {}
    for clip in clips_in(folder) or ():
        kept = clip.metadata.get("vamos", {})
        follows = [(float(a), float(b)) for a, b in kept.get("follows", ())]
        if len(follows) > 1 and kept.get("sources"):
            found[str(clip.media_reference.target_url)] = Source(
                str(kept["sources"][0].get("take", "")), TimeMap.through(*zip(*follows, strict=True))
            )
    return found
