"""Folk tunes of music21's corpus, with their forms, as tunes and harmony of machine-made songs.

    .venv/bin/python -m bench.music.tunes TUNES.json      # ten minutes

Taken: O'Neill's collection, Aird's airs, songs of the Essen collection, reels with chords. The collection
``ryansMammoth`` is kept for judging by others and never opened here. A tune belongs to one part by a hash of its name.
"""

from __future__ import annotations

import functools
import json
import multiprocessing
import os
import sys
import zlib
from dataclasses import dataclass
from pathlib import Path

import numpy as np

from bench.music.harmony import MAJ, MIN, QPC, degree
from bench.music.split import part_of_seed

TAKEN = ("oneills1850", "airdsAirs", "nottingham-dataset", "essenFolksong")
#: Tunes taken of one file at most: the Essen files hold thousands.
OF_A_FILE = 100
#: Larger files take minutes to read.
LARGEST = 150_000
#: Where the file made by ``main`` is looked for.
FILE = "VAMOS_TUNES"


@dataclass(frozen=True)
class Tune:
    """Notes as (start, length, pitch) in quarters, the first bar at 0, pickups before it; strains of equal length."""

    name: str
    meter: str
    strain: float
    strains: tuple[tuple[tuple[float, float, int], ...], ...]

    @property
    def compound(self) -> bool:
        return self.meter == "6/8"

    @property
    def bars_of(self) -> int:
        """Beats in a bar of the accompaniment."""
        return {"3/4": 3, "6/8": 6}.get(self.meter, 4)

    def a_beat(self, r: np.random.Generator) -> float:
        """Quarters in one beat of the accompaniment; quick tunes in four are counted in halves as often as not."""
        if self.compound:
            return 0.5
        notes = sum(len(s) for s in self.strains) / (self.strain * len(self.strains))
        if self.meter in ("4/4", "2/2"):
            return 2.0 if notes > 1.4 and r.random() < 0.6 and self.strain % 32 == 0 else 1.0
        return 0.5 if self.meter == "2/4" and notes > 2.2 and self.strain % 8 == 0 and r.random() < 0.3 else 1.0


def part_of_tune(name: str) -> str:
    return part_of_seed(zlib.crc32(name.encode()) % 20)


@functools.cache
def tunes(part: str) -> list[Tune]:
    """The tunes of a part, from the file that the variable names."""
    stored = json.loads(Path(os.environ[FILE]).read_text())
    read = [
        Tune(t["name"], t["meter"], t["strain"], tuple(tuple(tuple(n) for n in s) for s in t["strains"]))
        for t in stored
    ]
    return [t for t in read if part_of_tune(t.name) == part]


def harmonised(tune: Tune, strain, beat: float, r: np.random.Generator) -> list[list[tuple[int, int, str]]]:
    """Chords of each bar as (beat in bar, root, quality): what holds most of the tune, tonic and dominant at the end."""
    key, minor = _key(tune)
    per_bar = tune.bars_of
    bars = round(tune.strain / beat / per_bar)
    step = per_bar // 2 if per_bar != 3 and r.random() < 0.6 else per_bar
    rich = bool(r.random() < 0.15)
    chords = [degree(d, key, minor, rich, r) for d in range(1, 7)]
    liking = np.array([0.3, 0.05, -0.15, 0.2, 0.25, 0.05]) + r.normal(0, 0.05, 6)
    last, out = 0, []
    for bar in range(bars):
        inside: list[tuple[int, int, str]] = []
        for at in range(0, per_bar, step):
            first = (bar * per_bar + at) * beat
            fits = np.array([_held(strain, first, first + step * beat, root, kind) for root, kind in chords])
            score = fits + 0.4 * liking
            score[last] += 0.12
            if bar == bars - 1 and at + step == per_bar:
                score[0] += 1.0
            best = int(score.argmax())
            if not inside or best != last:
                inside.append((at, *chords[best]))
            last = best
        out.append(inside)
    return out


def _held(strain, first: float, end: float, root: int, kind: str) -> float:
    """The share of what sounds that the chord holds; strong places weigh more."""
    inside = total = 0.0
    for at, length, pitch in strain:
        sounds = min(end, at + length) - max(first, at)
        if sounds > 1e-6:
            weight = sounds * (1.5 if abs(at - first) < 1e-6 else 1.0)
            total += weight
            inside += weight * ((pitch - root) % 12 in QPC[kind])
    return inside / total if total else 0.0


def _key(tune: Tune) -> tuple[int, bool]:
    """The scale that holds the notes, and the last note as tonic where it can be."""
    weights = np.zeros(12)
    for strain in tune.strains:
        for _, length, pitch in strain:
            weights[pitch % 12] += length
    final = tune.strains[-1][-1][2] % 12
    return max(
        ((k, minor) for k in range(12) for minor in (False, True)),
        key=lambda c: (
            weights[[(c[0] + s) % 12 for s in (MIN if c[1] else MAJ)]].sum() / weights.sum() + 0.25 * (c[0] == final)
        ),
    )


def sections_of(tune: Tune, r: np.random.Generator, longest: int):
    """(beat in quarters, sections as (first bar, bars, chords, letter, density)); the whole tune again and again."""
    beat = tune.a_beat(r)
    bars = round(tune.strain / beat / tune.bars_of)
    letters = {s: "ABCDEFGH"[k] for k, s in enumerate(dict.fromkeys(tune.strains))}
    chords = {s: harmonised(tune, s, beat, r) for s in letters}
    twice = bool(r.random() < 0.5) and len(letters) == len(tune.strains)
    order = [s for s in tune.strains for _ in range(1 + twice)]
    out, first = [], 0
    if r.random() < 0.6:
        intro = int(r.choice([1, 2, 4, 8], p=[0.08, 0.27, 0.45, 0.2]))
        out.append((0, intro, (chords[order[0]] * 8)[-intro:], "i", float(r.random())))
        first = intro
    dense = {s: float(r.random()) for s in letters}
    while first * tune.bars_of < longest:
        for strain in order:
            out.append((first, bars, chords[strain], letters[strain], dense[strain]))
            first += bars
    return beat, out, {letter: strain for strain, letter in letters.items()}


def read_tune(score, name: str) -> Tune | None:
    """A tune with strains of 8 bars (or 4, or 16), or None when it is irregular or in another meter."""
    part = score.parts[0]
    meters = {m.ratioString for m in part.recurse().getElementsByClass("TimeSignature")}
    if len(meters) != 1 or (meter := meters.pop()) not in ("4/4", "2/2", "2/4", "3/4", "6/8"):
        return None
    bar = {"4/4": 4.0, "2/2": 4.0, "2/4": 2.0, "3/4": 3.0, "6/8": 3.0}[meter]
    measures = list(part.getElementsByClass("Measure"))
    if not measures:
        return None
    pickup = measures[0].duration.quarterLength
    pickup = float(pickup) if pickup < bar else 0.0
    notes = [
        (float(n.offset) - pickup, float(n.quarterLength), max(p.midi for p in n.pitches))
        for n in part.flatten().notes
        if n.quarterLength > 0 and n.pitches and "Harmony" not in n.classes
    ]
    whole = float(part.highestTime)
    for size in (8, 16, 4):
        strain = size * bar * (2 if meter in ("2/4", "6/8") and size == 4 else 1)
        count = whole / strain
        if abs(count - round(count)) < 1e-6 and 1 <= round(count) <= 8 and strain >= 16:
            strains = tuple(
                tuple(
                    (round(a - k * strain, 4), round(length, 4), pitch)
                    for a, length, pitch in notes
                    if k * strain - pickup <= a < (k + 1) * strain - pickup - 1e-6
                )
                for k in range(round(count))
            )
            return Tune(name, meter, strain, strains) if all(len(s) > 8 for s in strains) else None
    return None


def read_file(path: Path) -> list[Tune]:
    """The regular tunes of one file."""
    import music21

    try:
        read = music21.converter.parse(path)
    except Exception as error:  # the library fails in its own ways
        print("left out", path.name, repr(error)[:80], file=sys.stderr)
        return []
    found = []
    for number, score in enumerate(list(getattr(read, "scores", [read]))[:OF_A_FILE]):
        try:
            tune = read_tune(score, f"{path.parent.name}/{path.stem}/{number}")
        except Exception:  # a tune written in a way the library does not read
            tune = None
        if tune:
            found.append(tune)
    print(path.name, len(found), flush=True)
    return found


def main() -> None:
    import music21

    corpus = Path(music21.__file__).parent / "corpus"
    files = [p for folder in TAKEN for p in sorted((corpus / folder).glob("*.abc")) if p.stat().st_size < LARGEST]
    with multiprocessing.Pool() as pool:
        found = [vars_of(tune) for tunes_ in pool.imap(read_file, files) for tune in tunes_]
    Path(sys.argv[1]).write_text(json.dumps(found))


def vars_of(tune: Tune) -> dict:
    return {"name": tune.name, "meter": tune.meter, "strain": tune.strain, "strains": tune.strains}


if __name__ == "__main__":
    main()
