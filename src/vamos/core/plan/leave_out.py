"""What of the takes to leave out, as a cut list for those who edit on: trouble with its reason, and what is kept."""

from __future__ import annotations

import csv
import io
from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction
from pathlib import Path

from vamos.core.model.project import Project
from vamos.core.model.take import Take
from vamos.core.time import FrameRate
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

ENDINGS = (".csv", ".otio")


@dataclass(frozen=True, slots=True)
class Part:
    """A part of a take in its seconds; ``why`` it is left out, empty where it is kept. ``film`` is the file's name."""

    take: str
    film: str
    start_s: float
    end_s: float
    why: str = ""


def parts_of(project: Project) -> tuple[Part, ...]:
    """All takes from end to end, cut where trouble begins and ends."""
    return tuple(part for take in project.takes for part in _parts(take))


def _parts(take: Take) -> list[Part]:
    film = Path(take.media.path).name
    out: list[Part] = []
    for stretch in take.stretches:
        start, end, why = stretch.start_take_s, min(take.end_of(stretch), take.media.duration_s), tr(stretch.trouble)
        if end <= start:
            continue
        if out and out[-1].why == why:
            # Another view alone is no cut.
            out[-1] = Part(take.name, film, out[-1].start_s, end, why)
        else:
            out.append(Part(take.name, film, start, end, why))
    return out


def leave_out_csv(parts: Sequence[Part]) -> str:
    """One row for each part that is left out."""
    out = io.StringIO()
    rows = csv.writer(out, lineterminator="\n")
    rows.writerow(("take", "film", "from_s", "to_s", "why"))
    rows.writerows((p.take, p.film, f"{p.start_s:.3f}", f"{p.end_s:.3f}", p.why) for p in parts if p.why)
    return out.getvalue()


def leave_out_otio(parts: Sequence[Part], name: str, rates: dict[str, FrameRate]) -> str:
    """A track for each take: its parts in a row, those left out disabled, with the reason as a marker."""
    import opentimelineio as otio

    timeline = otio.schema.Timeline(name)
    for take in dict.fromkeys(p.take for p in parts):
        mine = [p for p in parts if p.take == take]
        rate = rates.get(take, FrameRate(Fraction(30)))
        per_second = float(rate.per_second)

        def at(seconds: float, rate: FrameRate = rate, per_second: float = per_second) -> otio.opentime.RationalTime:
            return otio.opentime.RationalTime(rate.frame_at(seconds), per_second)

        track = otio.schema.Track(take, kind=otio.schema.TrackKind.Video)
        whole = otio.opentime.TimeRange(at(0.0), at(mine[-1].end_s))
        for part in mine:
            span = otio.opentime.TimeRange(at(part.start_s), at(part.end_s) - at(part.start_s))
            clip = otio.schema.Clip(take, otio.schema.ExternalReference(part.film, whole), span)
            if part.why:
                clip.enabled = False
                clip.markers.append(otio.schema.Marker(part.why, span))
            track.append(clip)
        timeline.tracks.append(track)
    return str(otio.adapters.write_to_string(timeline, "otio_json"))


def leave_out_text(project: Project, ending: str, rates: dict[str, FrameRate]) -> str:
    """The cut list in the format of a file’s ending; raises InputError for another, and where nothing is left out."""
    if ending not in ENDINGS:
        raise InputError(tr("a cut list is written as .csv or .otio, not “{ending}”.", ending=ending))
    parts = parts_of(project)
    if not any(p.why for p in parts):
        raise InputError(
            tr("No trouble is marked in any take, so nothing is to be left out. Mark it at Film, from where it begins.")
        )
    return leave_out_csv(parts) if ending == ".csv" else leave_out_otio(parts, project.name, rates)
