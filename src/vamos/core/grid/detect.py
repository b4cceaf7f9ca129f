"""From a song file to its grid."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction
from pathlib import Path

import numpy as np

from vamos.core.grid.beats import onset_score, refine, track
from vamos.core.grid.irregular import irregular_lines
from vamos.core.grid.one_pace import one_pace
from vamos.core.grid.parts import letters, line_likeness, part_letter
from vamos.core.grid.pulses import Pulse, pulses
from vamos.core.grid.readings import Reading, readings
from vamos.core.grid.spectra import FRAME_RATE, Spectra, analyse
from vamos.core.grid.stops import Stop, find_stops, parted
from vamos.core.grid.tap import Taps, beats_from_taps, follow_taps
from vamos.core.grid.tempo import Floats, preference, preferred_bpm, tempogram
from vamos.core.lazy import scipy
from vamos.core.media.probe import probe
from vamos.core.model.song import Anchor, Break, Grid, Part
from vamos.core.model.song import Reading as OtherReading
from vamos.core.progress import Progress, quiet
from vamos.errors import MediaError
from vamos.wording import words_of

tr = words_of(__name__)

#: Below this root mean square a song counts as silent (−66 dB full scale).
SILENT = 5e-4
#: An onset is found this much late: one that is clear, one that is not (middle of 1,400 songs of the training and
#: the calibration part; mechanical clicks are then found some 2.5 ms early).
LATE_S = np.array([0.0010, 0.0035])
CLEAR = 0.99
#: Songs of fewer counts are not read.
FEWEST = 12
#: So many readings are kept, the one that is taken among them.
MOST_READINGS = 4
#: Onsets below this share of the strongest do not carry a beat at the song's ends.
_TRACE = 0.15


def detect_grid(path: Path, progress: Progress | None = None) -> Grid:
    """Find the beat grid of a song.

    Raises
    ------
    MissingError, MediaError
        MediaError also when the file is silent or too short to hold a beat.
    """
    progress = progress or quiet()
    duration = probe(path).duration_s
    spectra = analyse(path, progress.part(0, 0.7), duration)
    progress(0.7, tr("Finding the beat"))
    return grid_of(spectra, path, progress.part(0.7, 1.0))


def grid_of(spectra: Spectra, path: Path, progress: Progress | None = None) -> Grid:
    """The grid from features already computed; raises as :func:`detect_grid`."""
    progress = progress or quiet()
    if spectra.duration_s < 2.0:
        raise MediaError(
            tr("it lasts {duration_s:.1f} s; a song needs at least 2 s to hold a beat.", duration_s=spectra.duration_s),
            file=path,
        )
    if float(spectra.loud.max(initial=0.0)) < SILENT:
        raise MediaError(
            tr("it is silent, so there is no beat to find."),
            file=path,
            todo=tr("Choose another file, or set the beat by tapping."),
        )
    stops, music, found = find_stops(spectra, _tracked)
    progress(0.4, tr("Finding the beat"))
    grid = _read(music, found, path, progress)
    times = parted(np.array([a.song_s for a in grid.anchors]), stops)
    anchors = tuple(replace(a, song_s=float(at)) for a, at in zip(grid.anchors, times, strict=True))
    return _stopped(replace(grid, anchors=anchors), stops)


def _tracked(spectra: Spectra) -> Floats:
    """Beats at one pace, to a frame."""
    score, bpm = onset_score(spectra), preferred_bpm(spectra.flux)
    return one_pace(track(score, tempogram(spectra.flux), preference(bpm)), score, bpm)


def _read(music: Spectra, found: Floats, path: Path, progress: Progress) -> Grid:
    """The grid of music that goes on, from its beats to a frame."""
    beats, support = refine(found, music.fine)
    beats, support = _sounding(beats, support, music)
    if len(beats) < 4:
        raise MediaError(tr("no beat was found in it."), file=path, todo=tr("Set the beat by tapping."))
    progress(0.6, tr("Finding the eights"))
    ways = pulses(beats, music.fine)
    if _bare(music):
        # A metronome is counted as it clicks.
        ways = tuple(p for p in ways if p.factor == 1 and p.shift == 0) or ways
    return _counted(music, beats, ways)


def _stopped(grid: Grid, stops: list[Stop]) -> Grid:
    """The grid with its stops marked."""
    times = np.array([a.song_s for a in grid.anchors])
    breaks = []
    for stop in stops:
        last, again = (int(np.abs(times - at).argmin()) for at in (stop.before_s, stop.again_s))
        around = np.concatenate([np.diff(times[max(0, last - 8) : last + 1]), np.diff(times[again : again + 9])])
        if again <= last or not len(around):
            continue
        position = grid.anchors[last].position + 1
        silent = float((times[again] - times[last]) / np.median(around) - 1)
        if silent > 0.2:
            beats = replace(stop, silent=silent).beats
            breaks.append(Break(position, Fraction(again - last - 1), beats))
    return replace(grid, breaks=tuple(breaks))


def _bare(spectra: Spectra) -> bool:
    """Whether there is nothing but strokes with silence between them."""
    return float(np.median(spectra.loud)) < 0.02 * float(np.percentile(spectra.loud, 98))


def grid_from_taps(path: Path, taps_song_s: Floats, progress: Progress | None = None) -> tuple[Grid, Taps]:
    """The grid of a song at the tempo and phase somebody tapped; raises as :func:`detect_grid` and InputError."""
    progress = progress or quiet()
    follow_taps(taps_song_s)
    try:
        return tapped_grid(analyse(path, progress, probe(path).duration_s), taps_song_s)
    except MediaError as error:
        raise MediaError(error.what, file=path) from error


def tapped_grid(spectra: Spectra, taps_song_s: Floats) -> tuple[Grid, Taps]:
    """As :func:`grid_from_taps`, from features already computed."""
    beats, support, line = beats_from_taps(taps_song_s, spectra)
    beats, support = _sounding(beats, support, spectra)
    if len(beats) < 4:
        raise MediaError(tr("no beat was found in it."))
    return _counted(spectra, beats, ()), line


def _counted(spectra: Spectra, beats: Floats, found: tuple[Pulse, ...]) -> Grid:
    """The grid of the likeliest reading of some pulses; without any, of the beats as they are."""
    whole = found or (Pulse(beats, Fraction(1), Fraction(0)),)
    ways = readings(spectra, whole) if len(beats) >= FEWEST else ()
    if not ways:
        return Grid(tuple(Anchor(Fraction(k), float(at)) for k, at in enumerate(beats)), confidence=0.1)
    best = ways[0]
    moved, support = refine(best.pulse.beats_s, spectra.fine) if found else (beats, np.ones(len(beats)))
    times = np.maximum(smoothed(moved - LATE_S[(support < CLEAR).astype(int)]), 0.0) if found else smoothed(moved)
    grid = _build(times, support, best, tuple(seen_from(best, other) for other in ways[1:MOST_READINGS]))
    return replace(grid, parts=_parts(spectra, times, best))


def seen_from(best: Reading, other: Reading) -> OtherReading:
    """Another reading by the counts of the one that was taken."""
    here, there = best.pulse, other.pulse
    beat = there.shift + other.lead_in / there.factor
    start = (beat - here.shift) * here.factor - best.lead_in
    return OtherReading(there.factor / here.factor, start, other.meter, other.line, other.sure)


def smoothed(beats_s: Floats) -> Floats:
    """Beats less uneven than they were found: a parabola over eleven of them, where it moves them by under 10 ms."""
    if len(beats_s) <= 12:
        return beats_s
    even = scipy.signal.savgol_filter(beats_s, 11, 2)
    return np.asarray(np.where(np.abs(even - beats_s) < 0.010, even, beats_s))


def _parts(spectra: Spectra, beats: Floats, reading: Reading) -> tuple[Part, ...]:
    """Parts offered from where the dancing starts, and where a line begins before it is due.

    None when nothing in the song comes again and every line is whole.
    """
    starts, odd = irregular_lines(reading.places, reading.lead_in, reading.line)
    found = letters(line_likeness(spectra, beats, starts, reading.line))
    names = {starts[k]: letter for k, letter in found}
    if len(set(names.values())) == len(names):
        names = {starts[0]: part_letter(0)} if odd and starts else {}
    now = part_letter(0)
    out = []
    for start in starts:
        now = names.get(start, now)
        if start in names or start in odd:
            out.append(Part(Fraction(start - reading.lead_in), now, reading.line))
    return tuple(out)


def _sounding(beats: Floats, support: Floats, spectra: Spectra) -> tuple[Floats, Floats]:
    """Leave out beats before the first and after the last onset that is more than a trace."""
    struck = spectra.flux > _TRACE * float(np.percentile(spectra.flux, 99))
    where = np.flatnonzero(struck & (spectra.loud > SILENT))
    if not len(where):
        return beats, support
    first, last = where[0] / FRAME_RATE - 0.1, where[-1] / FRAME_RATE + 0.1
    keep = (beats >= max(0.0, first)) & (beats <= last)
    return beats[keep], support[keep]


def _build(beats: Floats, support: Floats, reading: Reading, others: tuple[OtherReading, ...]) -> Grid:
    """A grid with one anchor a beat, position 0 where the dancing starts."""
    anchors = tuple(Anchor(Fraction(k - reading.lead_in), float(at)) for k, at in enumerate(beats))
    line, start = reading.line, reading.lead_in % reading.line
    edges = [0, *range(start, len(beats), line)] if start else [*range(0, len(beats), line)]
    usual = float(np.median(reading.lines)) + 1e-9
    heard = np.clip(support * 1.6, 0, 1) ** 0.5
    sureness = tuple(
        float(np.clip(reading.sure * min(1.0, reading.lines[a : a + line].mean() / usual), 0, 1))
        * float(heard[a : a + line].mean())
        for a in edges
    )
    return Grid(
        anchors,
        lead_in=reading.lead_in,
        meter=reading.meter,
        line=line,
        confidence=float(np.clip(reading.sure, 0, 1)),
        sureness=sureness,
        readings=others,
    )
