"""Grids in and out: CSV of beats, Standard MIDI File, OpenTimelineIO markers.

CSV: ``position,song_s,fixed,meter,line``, one beat a row; position 0 is the first count danced.

MIDI (Standard MIDI File 1.0, format 0): one quarter a count, its tempo in whole microseconds a
quarter, rounded so that errors do not add up; the silence before the first beat is one quarter of
its own length; markers name the first beat, "the 1" and the start of each line.

OpenTimelineIO: a timeline with one gap as long as the song and a marker at each line.
"""

from __future__ import annotations

import csv
import io
from fractions import Fraction
from itertools import pairwise
from math import ceil, floor
from pathlib import Path

from vamos.core.disk.inputs import read_input
from vamos.core.disk.outputs import write_output
from vamos.core.model.song import Anchor, Grid
from vamos.core.time import as_count
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

FIRST, ONE = "first beat", "the 1"
TICKS = 480
_COLUMNS = ("position", "song_s", "fixed", "meter", "line")
#: Tempo is a 24-bit number of microseconds.
_LONGEST_QUARTER_US = (1 << 24) - 1


def write_csv(grid: Grid, path: Path) -> None:
    """Write the beats; raises WriteError."""
    out = io.StringIO()
    rows = csv.writer(out, lineterminator="\n")
    rows.writerow(_COLUMNS)
    for a in grid.anchors:
        rows.writerow((a.position, repr(a.song_s), int(a.fixed), grid.meter, grid.line))
    write_output(path, out.getvalue().encode())


def read_csv(path: Path) -> Grid:
    """Read what :func:`write_csv` wrote; ``position`` and ``song_s`` are enough.

    Raises
    ------
    MissingError, InputError
        InputError names the row that cannot be read.
    """
    try:
        text = read_input(path, tr("file of beats")).decode("utf-8-sig")
    except UnicodeDecodeError as error:
        raise InputError(tr("it is not text in UTF-8."), file=path) from error
    rows = csv.DictReader(io.StringIO(text))
    if not {"position", "song_s"} <= set(rows.fieldnames or ()):
        raise InputError(tr("its first row must name the columns position and song_s."), file=path)
    anchors: list[Anchor] = []
    meter, line = 4, 8
    for number, row in enumerate(rows, 2):
        try:
            anchors.append(Anchor(as_count(row["position"]), float(row["song_s"]), (row.get("fixed") or "0") != "0"))
            meter, line = int(row.get("meter") or meter), int(row.get("line") or line)
        except (ValueError, TypeError) as error:
            raise InputError(
                tr("row {number} cannot be read: a count and seconds are expected in it.", number=number),
                file=path,
            ) from error
    return _checked(anchors, meter, line, path)


def _checked(anchors: list[Anchor], meter: int, line: int, path: Path) -> Grid:
    """A grid whose beats are in order, or an error that names the file."""
    try:
        grid = Grid(tuple(anchors), max(0, -int(anchors[0].position)) if anchors else 0, meter, line)
    except InputError as error:
        raise InputError(error.what, file=path) from error
    return grid


def write_midi(grid: Grid, path: Path) -> None:
    """Write the tempo map and markers; raises WriteError, InputError when a count lasts over 16.7 s."""
    import mido

    track = mido.MidiTrack()
    beats = _whole_counts(grid)
    used_us, waiting = 0, 0
    steps = [(None, 0.0), *beats] if beats[0][1] > 0 else list(beats)
    for (position, _), (_, end) in pairwise(steps):
        quarter = round(end * 1e6) - used_us
        if not 0 < quarter <= _LONGEST_QUARTER_US:
            raise InputError(
                tr(
                    "A count of {number:.1f} s is too long for a MIDI file (16.7 s at most).",
                    number=quarter / 1000000.0,
                )
            )
        waiting = _mark(track, mido, grid, position, waiting)
        track.append(mido.MetaMessage("set_tempo", tempo=quarter, time=waiting))
        waiting = TICKS
        used_us += quarter
    waiting = _mark(track, mido, grid, beats[-1][0], waiting)
    track.append(mido.MetaMessage("end_of_track", time=waiting))
    buffer = io.BytesIO()
    mido.MidiFile(type=0, ticks_per_beat=TICKS, tracks=[track]).save(file=buffer)
    write_output(path, buffer.getvalue())


def _whole_counts(grid: Grid) -> list[tuple[int, float]]:
    clock = grid.time_map()
    first, last = grid.range().start, grid.range().end
    return [(k, clock(k)) for k in range(ceil(first), floor(last) + 1)]


def _mark(track, mido, grid: Grid, position: int | None, waiting: int) -> int:  # type: ignore[no-untyped-def]
    """Append the markers of a count; the delta time that is still waiting afterwards."""
    if position is None:
        return waiting
    names = []
    if position == ceil(grid.range().start):
        names.append(FIRST)
    if position == 0:
        names.append(ONE)
    if position % grid.line == 0:
        names.append(f"line {position // grid.line}")
    for name in names:
        track.append(mido.MetaMessage("marker", text=name, time=waiting))
        waiting = 0
    return waiting


def read_midi(path: Path) -> Grid:
    """The tempo map of a MIDI file as a grid, one count a quarter.

    The markers "first beat" and "the 1" are heeded; without them the first quarter is the 1.
    Raises MissingError, or InputError when it is no MIDI file.
    """
    import mido

    raw = read_input(path, tr("MIDI file"))
    try:
        file = mido.MidiFile(file=io.BytesIO(raw))
    except (OSError, ValueError, EOFError, IndexError, KeyError, mido.midifiles.meta.KeySignatureError) as error:
        raise InputError(tr("it is not a MIDI file, or it is damaged."), file=path) from error
    tempo, tick, seconds = 500_000, 0, 0.0
    changes: list[tuple[int, float, int]] = [(0, 0.0, tempo)]
    marks: dict[str, int] = {}
    for message in mido.merge_tracks(file.tracks):
        seconds += mido.tick2second(message.time, file.ticks_per_beat, tempo)
        tick += message.time
        if message.type == "set_tempo":
            tempo = message.tempo
            changes.append((tick, seconds, tempo))
        elif message.type == "marker":
            marks.setdefault(message.text, tick)
    quarters = range(marks.get(FIRST, 0), tick + 1, file.ticks_per_beat)
    one = marks.get(ONE, marks.get(FIRST, 0))
    anchors = [
        Anchor(Fraction(t - one, file.ticks_per_beat), _seconds_at(changes, t, file.ticks_per_beat)) for t in quarters
    ]
    return _checked(anchors, 4, 8, path)


def _seconds_at(changes: list[tuple[int, float, int]], tick: int, ticks: int) -> float:
    start, seconds, tempo = next(c for c in reversed(changes) if c[0] <= tick)
    return seconds + (tick - start) * tempo / 1e6 / ticks


def write_grid(grid: Grid, path: Path, duration_s: float, title: str = "") -> None:
    """Write a grid in the format its file's ending names: .csv, .mid or .otio.

    Raises WriteError, or InputError for another ending.
    """
    ending = path.suffix.lower()
    if ending == ".csv":
        write_csv(grid, path)
    elif ending in (".mid", ".midi"):
        write_midi(grid, path)
    elif ending == ".otio":
        write_otio(grid, path, duration_s, title)
    else:
        raise InputError(tr("beats are written as .csv, .mid or .otio, not “{ending}”.", ending=ending), file=path)


def write_otio(grid: Grid, path: Path, duration_s: float, title: str = "") -> None:
    """Write markers at all lines as an OpenTimelineIO timeline; raises WriteError."""
    import opentimelineio as otio

    rate = 1000.0
    clock = grid.time_map()
    gap = otio.schema.Gap(duration=otio.opentime.RationalTime(round(duration_s * rate), rate))
    first, last = grid.range().start, grid.range().end
    for k in range(int(first), int(last) + 1):
        if k % grid.line:
            continue
        at = otio.opentime.RationalTime(round(clock(k) * rate), rate)
        name = ONE if k == 0 else f"line {k // grid.line}"
        gap.markers.append(
            otio.schema.Marker(name=name, marked_range=otio.opentime.TimeRange(at, otio.opentime.RationalTime(0, rate)))
        )
    timeline = otio.schema.Timeline(name=title or "grid")
    timeline.tracks.append(otio.schema.Track(name="song", kind=otio.schema.TrackKind.Audio, children=[gap]))
    write_output(path, otio.adapters.write_to_string(timeline, "otio_json").encode())
