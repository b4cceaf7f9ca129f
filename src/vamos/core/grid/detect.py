"""From a song file to its grid."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction
from pathlib import Path

import numpy as np

from vamos.core.grid.beats import onset_score, refine, track
from vamos.core.grid.eights import Bars, find_bars
from vamos.core.grid.parts import letters, line_likeness
from vamos.core.grid.spectra import FRAME_RATE, Spectra, analyse
from vamos.core.grid.tap import Taps, beats_from_taps, follow_taps
from vamos.core.grid.tempo import Floats, preference, preferred_bpm, tempogram
from vamos.core.media.probe import probe
from vamos.core.model.song import Anchor, Grid, Part
from vamos.core.progress import Progress, quiet
from vamos.errors import MediaError

#: Below this root mean square a song counts as silent (−66 dB full scale).
SILENT = 5e-4
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
    progress(0.7, "Finding the beat")
    return grid_of(spectra, path, progress.part(0.7, 1.0))


def grid_of(spectra: Spectra, path: Path, progress: Progress | None = None) -> Grid:
    """The grid from features already computed; raises as :func:`detect_grid`."""
    progress = progress or quiet()
    if spectra.duration_s < 2.0:
        raise MediaError(f"it lasts {spectra.duration_s:.1f} s; a song needs at least 2 s to hold a beat.", file=path)
    if float(spectra.loud.max(initial=0.0)) < SILENT:
        raise MediaError(
            "it is silent, so there is no beat to find.",
            file=path,
            todo="Choose another file, or set the beat by tapping.",
        )
    tempi = tempogram(spectra.flux)
    progress(0.2, "Finding the beat")
    beats, support = refine(track(onset_score(spectra), tempi, preference(preferred_bpm(spectra.flux))), spectra.fine)
    beats, support = _sounding(beats, support, spectra)
    if len(beats) < 4:
        raise MediaError("no beat was found in it.", file=path, todo="Set the beat by tapping.")
    progress(0.7, "Finding the eights")
    bars = find_bars(spectra, beats)
    grid = _build(beats, support, bars, tempi.strength())
    return replace(grid, parts=_parts(spectra, beats, bars))


def grid_from_taps(path: Path, taps_song_s: Floats, progress: Progress | None = None) -> tuple[Grid, Taps]:
    """The grid of a song at the tempo and phase somebody tapped; raises as :func:`detect_grid` and InputError."""
    progress = progress or quiet()
    follow_taps(taps_song_s)
    spectra = analyse(path, progress, probe(path).duration_s)
    beats, support, line = beats_from_taps(taps_song_s, spectra)
    beats, support = _sounding(beats, support, spectra)
    if len(beats) < 4:
        raise MediaError("no beat was found in it.", file=path)
    bars = find_bars(spectra, beats)
    return replace(_build(beats, support, bars, 1.0), parts=_parts(spectra, beats, bars)), line


def _parts(spectra: Spectra, beats: Floats, bars: Bars) -> tuple[Part, ...]:
    """Parts offered from where the dancing starts; none when nothing in the song comes again."""
    found = letters(line_likeness(spectra, beats, bars.lead_in, bars.line))
    if len({letter for _, letter in found}) == len(found):
        return ()
    return tuple(Part(Fraction(k * bars.line), letter, bars.line) for k, letter in found)


def _sounding(beats: Floats, support: Floats, spectra: Spectra) -> tuple[Floats, Floats]:
    """Leave out beats before the first and after the last onset that is more than a trace."""
    struck = spectra.flux > _TRACE * float(np.percentile(spectra.flux, 99))
    where = np.flatnonzero(struck & (spectra.loud > SILENT))
    if not len(where):
        return beats, support
    first, last = where[0] / FRAME_RATE - 0.1, where[-1] / FRAME_RATE + 0.1
    keep = (beats >= max(0.0, first)) & (beats <= last)
    return beats[keep], support[keep]


def _build(beats: Floats, support: Floats, bars: Bars, tempo_strength: float) -> Grid:
    """A grid with one anchor a beat, position 0 where the dancing starts."""
    anchors = tuple(Anchor(Fraction(k - bars.lead_in), float(at)) for k, at in enumerate(beats))
    gaps = np.diff(beats)
    steady = float(np.clip(1 - 4 * np.median(np.abs(np.diff(gaps))) / np.median(gaps), 0, 1))
    start = bars.lead_in % bars.line
    edges = [0, *range(start, len(beats), bars.line)] if start else [*range(0, len(beats), bars.line)]
    sureness = tuple(
        bars.confidence * float(np.clip(support[a : a + bars.line].mean() * 1.6, 0, 1)) ** 0.5 for a in edges
    )
    overall = min(1.0, 1.5 * tempo_strength) * steady * bars.confidence
    return Grid(
        anchors,
        lead_in=bars.lead_in,
        meter=bars.meter,
        line=bars.line,
        confidence=float(np.clip(overall, 0, 1)),
        sureness=sureness,
    )
