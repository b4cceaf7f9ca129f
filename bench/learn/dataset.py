"""From songs to what is learned from: pulses, evidence and truth of each.

    nice .venv/bin/python -m bench.learn.dataset MUSIC DATA PART PARTS

MUSIC is a folder made by :mod:`bench.music.corpus`; DATA gets one ``.npz`` a song. A pulse is right when at least
three quarters of its counts are those of the truth (mir_eval's F-measure), in long unbroken stretches.
"""

from __future__ import annotations

import json
import sys
import time
from pathlib import Path

import mir_eval
import numpy as np

from bench.music.corpus import load
from vamos.core.grid.beats import onset_score, refine, track
from vamos.core.grid.detect import _sounding
from vamos.core.grid.evidence import Heard, evidence
from vamos.core.grid.pulses import pulses
from vamos.core.grid.tempo import preference, preferred_bpm, tempogram

#: Counts this near to a count of the truth are that count, in seconds.
NEAR_S = 0.07


def row(music: Path, name: str) -> dict[str, np.ndarray]:
    """What is learned from one song; empty when the tracker finds nothing."""
    truth = json.loads((music / f"{name}.json").read_text())
    spectra = load(music / f"{name}.npz")
    times, place = np.array(truth["beats"]), np.array(truth["pos"])
    tempi = tempogram(spectra.flux)
    found = track(onset_score(spectra), tempi, preference(preferred_bpm(spectra.flux)))
    beats, support = refine(found, spectra.fine)
    beats, support = _sounding(beats, support, spectra)
    if len(times) < 24 or len(beats) < 12:
        return {}
    heard = Heard(spectra)
    out: dict[str, np.ndarray] = {}
    good = []
    kinds = []
    for number, pulse in enumerate(pulses(beats, spectra.fine)):
        near = np.abs(times[None] - pulse.beats_s[:, None]).argmin(axis=1)
        on = np.abs(times[near] - pulse.beats_s) < NEAR_S
        out[f"x{number}"] = evidence(heard, pulse.beats_s).astype(np.float16)
        out[f"place{number}"] = np.where(on, place[near], -1).astype(np.int8)
        start = int(truth["start"])
        at = np.flatnonzero(on & (near == start)) if start >= 0 else []
        out[f"start{number}"] = np.array(at[0] if len(at) else -1)
        f = mir_eval.beat.f_measure(times, pulse.beats_s)
        longest = mir_eval.beat.continuity(times, pulse.beats_s)[1]
        good.append((f, longest))
        kinds.append((float(pulse.factor), float(pulse.shift), pulse.bpm))
    nearest = np.abs(times[None] - beats[:, None]).argmin(axis=1)
    out |= {
        "good": np.array(good),
        "kinds": np.array(kinds),
        "error": beats - times[nearest],
        "support": support,
        "family": np.array(truth["fam"])[nearest],
        "strength": np.array(tempi.strength()),
    }
    return out


def main() -> None:
    music, data, part, parts = Path(sys.argv[1]), Path(sys.argv[2]), int(sys.argv[3]), int(sys.argv[4])
    data.mkdir(parents=True, exist_ok=True)
    idle = 0
    while idle < 20:
        names = sorted(p.stem for p in music.glob("*.json") if (int(p.stem) // 2) % parts == part)
        todo = [n for n in names if not (data / f"{n}.npz").exists()]
        if not todo:
            idle += 1
            time.sleep(10)
            continue
        idle = 0
        for name in todo:
            try:
                np.savez(data / f"{name}.npz", **row(music, name))
            except (OSError, ValueError, IndexError) as error:
                print("left out", name, error, flush=True)
                np.savez(data / f"{name}.npz")


if __name__ == "__main__":
    main()
