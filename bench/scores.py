"""The measuring set for the beat grid: tunes of the music21 corpus, arranged and rendered here.

Tunes: fiddle tunes of the Ryan collection (19th century; reels, jigs, polkas, waltzes, hornpipes,
strathspeys), taken by their place in the sorted list, so the set is the same everywhere. Each is
given a bass, chords and, in most, drums in the manner of its kind, a tempo with drift, maybe a
ritardando, a stop, a pickup and a lead-in, all drawn from a seed, and is rendered by fluidsynth
with the TimGM6mb sound font. The truth is where a struck sound is heard: the note-on plus the
renderer's own delay, measured on a closed hi-hat (:func:`renderer_late_s`); slow attacks are later.
"""

from __future__ import annotations

import subprocess
import tempfile
from dataclasses import dataclass, field
from functools import lru_cache
from pathlib import Path

import mido
import numpy as np
import scipy.io.wavfile

FONT = "/usr/share/sounds/sf2/TimGM6mb.sf2"
TICKS = 480
BARS = 32

#: kind → beats a bar, quarter lengths a beat, counts a line
KINDS = {
    "reel": (4, 1.0, 8),
    "march": (4, 1.0, 8),
    "polka": (2, 1.0, 8),
    "rag": (4, 1.0, 8),
    "swing": (4, 1.0, 8),
    "pop": (4, 1.0, 8),
    "waltz": (3, 1.0, 6),
    "jig": (2, 1.5, 8),
    "pad": (4, 1.0, 8),
    "chorale": (4, 1.0, 8),
}


@dataclass(frozen=True, slots=True)
class Piece:
    """What is rendered: a tune in a kind, with everything that can make it hard."""

    name: str
    kind: str
    tune: int
    bpm: float
    drums: bool = True
    drift: float = 0.0
    ritardando: bool = False
    stop_beats: int = 0
    lead_in: int = 16
    odd: bool = False
    pickup: bool = False
    seed: int = 0


@dataclass(slots=True)
class Truth:
    beats: list[float] = field(default_factory=list)
    eights: list[float] = field(default_factory=list)
    meter: int = 4
    lead_in: int = 0
    #: (seconds, which music) of each line danced; lines of the same number have the same melody.
    lines: list[tuple[float, int]] = field(default_factory=list)


def pieces(part: str) -> list[Piece]:
    """The tuning set, the unseen set, or a second unseen set with half a line more of lead-in.

    No tune is in two sets.
    """
    offset, count = {"tuning": (0, 28), "unseen": (1, 36), "odd": (73, 20)}[part]
    rng = np.random.default_rng(100 + offset)
    kinds = list(KINDS)
    out = []
    for k in range(count):
        kind = kinds[k % len(kinds)]
        ranges = {
            "waltz": (84, 180),
            "jig": (96, 132),
            "swing": (110, 185),
            "chorale": (64, 108),
            "pad": (70, 128),
            "polka": (100, 140),
            "reel": (90, 150),
            "march": (100, 128),
            "rag": (80, 120),
            "pop": (60, 190),
        }
        low, high = ranges[kind]
        out.append(
            Piece(
                f"{part}-{k:02d}-{kind}",
                kind,
                2 * k + offset,
                float(rng.uniform(low, high)),
                drums=(kind in ("pop", "swing", "polka", "reel", "march") and rng.uniform() < 0.8) or kind == "pop",
                drift=float(rng.choice([0.0, 0.0, 0.02, 0.04])),
                ritardando=bool(rng.uniform() < 0.4),
                stop_beats=int(rng.choice([0, 0, 0, 2, 4])),
                lead_in=int(rng.choice([0, 8, 16, 16, 32])),
                pickup=bool(rng.uniform() < 0.3),
                odd=part == "odd",
                seed=1000 * offset + k,
            )
        )
    return out


def melodies() -> list[Path]:
    """Files of the collection, sorted."""
    from music21 import corpus

    return sorted(p for p in corpus.getCorePaths() if "ryansMammoth" in str(p))


def melody(number: int, beats: float) -> list[tuple[float, float, int]]:
    """(start, length, pitch) in quarters of a tune, repeated to fill ``beats`` quarters."""
    import music21

    files = melodies()
    score = music21.converter.parse(files[(number * 7 + 3) % len(files)])
    notes = []
    for element in score.flatten().notes:
        pitch = element.pitches[-1].midi if element.pitches else 60
        notes.append((float(element.offset), float(element.quarterLength), int(pitch)))
    first_bar = next((m for m in score.recurse().getElementsByClass("Measure")), None)
    pickup = 0.0
    if first_bar is not None and first_bar.duration.quarterLength < first_bar.barDuration.quarterLength:
        pickup = float(first_bar.duration.quarterLength)
    notes = [(s - pickup, d, p) for s, d, p in notes if s >= pickup and d > 0]
    length = max(s + d for s, d, _ in notes)
    length = max(8.0, np.floor(length / 8) * 8)
    out = []
    for turn in range(int(beats / length) + 1):
        out += [(s + turn * length, d, p) for s, d, p in notes if s < length and s + turn * length < beats]
    return out


_SCALE = {0, 2, 4, 5, 7, 9, 11}


def _chords(notes: list[tuple[float, float, int]], bar: float, total: float) -> list[tuple[float, int]]:
    """(start, root) of the triad of the key that holds most of each bar's melody."""
    weights = np.zeros(12)
    for _, d, p in notes:
        weights[p % 12] += d
    key = int(np.argmax([sum(weights[(k + s) % 12] for s in _SCALE) + 0.3 * weights[k] for k in range(12)]))
    out = []
    for k in range(int(total / bar)):
        inside = [(p % 12, d) for s, d, p in notes if k * bar <= s < (k + 1) * bar]
        best, score = key, -1.0
        for root, third in ((0, 4), (5, 4), (7, 4), (9, 3), (2, 3)):
            tones = {(key + root) % 12, (key + root + third) % 12, (key + root + 7) % 12}
            value = (
                sum(d for p, d in inside if p in tones) + (0.4 if root in (0, 5, 7) else 0) + (0.3 if root == 0 else 0)
            )
            if value > score:
                best, score = (key + root) % 12, value
        out.append((k * bar, best))
    return out


class _Track:
    """Notes in quarters, written as MIDI with a tempo map given beat by beat."""

    def __init__(self, seconds_of) -> None:  # type: ignore[no-untyped-def]
        self.seconds_of = seconds_of
        self.events: list[tuple[float, mido.Message]] = []

    def note(self, at: float, length: float, pitch: int, velocity: int, channel: int) -> None:
        start, end = self.seconds_of(at), self.seconds_of(at + length * 0.92)
        self.events.append((start, mido.Message("note_on", note=pitch, velocity=velocity, channel=channel)))
        self.events.append((max(end, start + 0.03), mido.Message("note_off", note=pitch, channel=channel)))

    def save(self, path: Path, programs: dict[int, int]) -> None:
        """One tick is half a millisecond: the clock of the file is seconds, not beats."""
        file = mido.MidiFile(ticks_per_beat=1000)
        track = mido.MidiTrack()
        file.tracks.append(track)
        track.append(mido.MetaMessage("set_tempo", tempo=500_000))
        for channel, program in programs.items():
            track.append(mido.Message("program_change", channel=channel, program=program))
        now = 0
        for at, message in sorted(self.events, key=lambda e: (e[0], e[1].type == "note_on")):
            tick = round(at * 2000)
            track.append(message.copy(time=max(0, tick - now)))
            now = max(now, tick)
        file.save(path)


def _beat_seconds(piece: Piece, beats: int, rng: np.random.Generator) -> np.ndarray:
    """Seconds of each beat: tempo with slow drift, a ritardando over the last eight, a stop."""
    phase = rng.uniform(0, 2 * np.pi)
    k = np.arange(beats)
    gaps = 60 / piece.bpm * (1 + piece.drift * np.sin(2 * np.pi * k / 96 + phase))
    if piece.ritardando:
        gaps[-8:] *= np.linspace(1.05, 1.5, 8)
    return 0.3 + np.concatenate([[0], np.cumsum(gaps)])


@lru_cache(maxsize=1)
def renderer_late_s() -> float:
    """How much later than its note-on fluidsynth lets a closed hi-hat sound (a tenth of its peak)."""
    with tempfile.TemporaryDirectory() as folder:
        track = _Track(lambda quarters: quarters)
        ons = [0.5 + 0.613 * k for k in range(12)]
        for on in ons:
            track.note(on, 0.1, 42, 100, 9)
        midi, wav = Path(folder) / "hat.mid", Path(folder) / "hat.wav"
        track.save(midi, {})
        _fluidsynth(midi, wav)
        rate, samples = scipy.io.wavfile.read(wav)
    loud = np.abs(samples.astype(np.float64)).max(axis=1)
    late = []
    for on in ons:
        part = loud[int((on - 0.02) * rate) : int((on + 0.2) * rate)]
        late.append((int((on - 0.02) * rate) + int(np.argmax(part > 0.1 * part.max()))) / rate - on)
    return float(np.median(late))


def _fluidsynth(midi: Path, wav: Path) -> None:
    subprocess.run(
        ["fluidsynth", "-ni", "-q", "-F", wav, "-r", "44100", "-g", "0.5", FONT, midi], check=True, capture_output=True
    )


def render(piece: Piece, folder: Path) -> tuple[Path, Truth]:
    """The piece as wav in ``folder`` (kept there) and its truth."""
    rng = np.random.default_rng(piece.seed)
    meter, unit, line = KINDS[piece.kind]
    lead = piece.lead_in // line * line + (line // 2 if piece.odd else 0)
    body = min(BARS * meter, int(70 * piece.bpm / 60)) // line * line
    beats = lead + body
    times = _beat_seconds(piece, beats, rng)
    swing = 2 / 3 if piece.kind == "swing" else 0.5

    def seconds_of(quarters: float) -> float:
        beat = quarters / unit
        whole = int(np.floor(beat))
        part = beat - whole
        if swing != 0.5:
            part = part * swing / 0.5 if part < 0.5 else swing + (part - 0.5) * (1 - swing) / 0.5
        whole_clipped = int(np.clip(whole, 0, len(times) - 2))
        step = times[whole_clipped + 1] - times[whole_clipped]
        return float(times[whole_clipped] + (part + whole - whole_clipped) * step)

    silent = set()
    if piece.stop_beats:
        at = lead + (body // 2) // line * line
        silent = set(range(at - piece.stop_beats, at))
    track = _Track(seconds_of)
    _arrange(piece, track, rng, meter, unit, lead, beats, silent)
    midi, wav = folder / f"{piece.name}.mid", folder / f"{piece.name}.wav"
    track.save(midi, _programs(piece, rng))
    if not wav.exists():
        _fluidsynth(midi, wav)
    late = renderer_late_s()
    truth = Truth(
        [float(t) + late for t in times[:beats]],
        [float(times[k]) + late for k in range(lead % line, beats, line)],
        3 if meter == 3 else 4,
        lead,
        _lines(piece, times, lead, body, line, unit, late),
    )
    return wav, truth


def _lines(
    piece: Piece, times: np.ndarray, lead: int, body: int, line: int, unit: float, late: float
) -> list[tuple[float, int]]:
    notes = melody(piece.tune, body * unit)
    seen: dict[tuple[tuple[float, float, int], ...], int] = {}
    out = []
    for k in range(0, body, line):
        start, end = k * unit, (k + line) * unit
        inside = tuple(sorted((round(s - start, 3), round(d, 3), p) for s, d, p in notes if start <= s < end))
        out.append((float(times[lead + k]) + late, seen.setdefault(inside, len(seen))))
    return out


def _programs(piece: Piece, rng: np.random.Generator) -> dict[int, int]:
    tune = {"pad": 73, "chorale": 19, "rag": 0, "swing": 65, "pop": 81}.get(
        piece.kind, int(rng.choice([40, 21, 73, 0]))
    )
    chords = {"pad": 89, "chorale": 19, "rag": 0, "pop": 4}.get(piece.kind, int(rng.choice([0, 24, 21])))
    bass = {"chorale": 19, "rag": 0, "swing": 32, "pop": 33}.get(piece.kind, 32)
    return {0: tune, 1: chords, 2: bass}


def _arrange(
    piece: Piece,
    track: _Track,
    rng: np.random.Generator,
    meter: int,
    unit: float,
    lead: int,
    beats: int,
    silent: set[int],
) -> None:
    total = (beats - lead) * unit
    notes = melody(piece.tune, total)
    bar = meter * unit
    chords = _chords(notes, bar, beats * unit)
    offset = lead * unit

    def sounds(quarters: float) -> bool:
        return int(quarters / unit) not in silent

    for s, d, p in notes:
        if sounds(s + offset):
            track.note(s + offset, d, p, int(rng.integers(78, 104)), 0)
    if piece.pickup and offset >= unit:
        first = notes[0][2] if notes else 69
        track.note(offset - unit, unit / 2, first - 2, 85, 0)
        track.note(offset - unit / 2, unit / 2, first - 1, 85, 0)
    for index, (at, _) in enumerate(chords):
        # The harmony is the tune's own; the lead-in takes the bars before it comes round again.
        root = chords[(index - lead // meter) % len(chords)][1]
        if at >= beats * unit:
            break
        _bar(piece, track, rng, at, root, meter, unit, sounds)
    if piece.drums:
        for k in range(beats):
            if k not in silent:
                _drum(piece, track, rng, k, meter, unit, k < lead, k == lead)


def _bar(
    piece: Piece, track: _Track, rng: np.random.Generator, at: float, root: int, meter: int, unit: float, sounds
) -> None:  # type: ignore[no-untyped-def]
    low, triad = 36 + root % 12, [60 + (root + i) % 12 for i in (0, 4, 7)]
    if piece.kind in ("pad", "chorale"):
        if sounds(at):
            for p in triad:
                track.note(at, meter * unit, p, 62, 1)
            track.note(at, meter * unit, low, 70, 2)
        return
    for k in range(meter):
        where = at + k * unit
        if not sounds(where):
            continue
        on_bass = k == 0 or (meter == 4 and k == 2) or piece.kind == "swing"
        if on_bass:
            track.note(
                where,
                unit * 0.9,
                low + (7 if k == 2 else int(rng.choice([0, 4, 7])) if piece.kind == "swing" and k else 0),
                96 if k == 0 else 84,
                2,
            )
        if not on_bass or meter == 2:
            late = unit / 2 if meter == 2 and piece.kind == "polka" else 0.0
            if meter != 2 or k >= 0:
                for p in triad:
                    track.note(where + late, unit * 0.45, p, int(rng.integers(58, 76)), 1)


def _drum(
    piece: Piece, track: _Track, rng: np.random.Generator, k: int, meter: int, unit: float, lead: bool, start: bool
) -> None:
    at, beat = k * unit, k % meter
    kick, snare, hat, crash, ride = 36, 38, 42, 49, 51
    if start:
        track.note(at, 0.5, crash, 100, 9)
    if lead and piece.seed % 3 == 0:
        track.note(at, 0.1, hat, 80, 9)
        return
    if piece.kind == "swing":
        track.note(at, 0.2, ride, 84, 9)
        if beat % 2 == 1:
            track.note(at + unit / 2, 0.1, ride, 70, 9)
            track.note(at, 0.1, hat, 78, 9)
        elif beat == 0:
            track.note(at, 0.1, kick, 72, 9)
        return
    if beat == 0 or (meter == 4 and beat == 2):
        track.note(at, 0.1, kick, 104 if beat == 0 else 94, 9)
    elif meter != 3 or beat:
        track.note(at, 0.1, snare, 92 if meter != 3 else 70, 9)
    track.note(at, 0.1, hat, 74, 9)
    track.note(at + unit / 2, 0.1, hat, 60, 9)
    if piece.kind == "pop" and meter == 4 and beat == 1 and rng.uniform() < 0.5:
        track.note(at + unit / 2, 0.1, kick, 90, 9)
