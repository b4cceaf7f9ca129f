"""Put trained networks together, fit how much they are believed, and write the file the core reads.

    .venv/bin/python -m bench.learn.assemble MUSIC DATA OUT.npz NETWORK.npz …

Fitted on the part "calibrate": other grooves and another sound font than the training part. Prints the figures there,
the reliability curve, and the hash to be written into :mod:`vamos.core.grid.network`.
"""

from __future__ import annotations

import hashlib
import itertools
import sys
from pathlib import Path
from types import SimpleNamespace

import numpy as np
import scipy.optimize

from bench.learn.songs import Song, load_songs
from vamos.core.grid.network import Said, listen
from vamos.core.grid.phrase import log_softmax, places_of
from vamos.core.grid.readings import Decoding, Reading, _of_pulse, judge

#: A reading is right when so many of its lines begin where lines begin.
ON_LINES = 0.6


def stacked(paths: list[Path]) -> dict[str, np.ndarray]:
    loaded = [np.load(p) for p in paths]
    # Half precision is what is shipped, so it is what is judged.
    return {name: np.stack([z[name] for z in loaded]).astype(np.float16).astype(np.float32) for name in loaded[0].files}


def heard(songs: list[Song], w: dict[str, np.ndarray]) -> list[list[Said]]:
    return [[listen(rows, bpm, w) for rows, bpm in zip(s.rows, s.bpm, strict=True)] for s in songs]


def best(song: Song, said: list[Said], decoding: Decoding) -> tuple[int, Reading]:
    """The pulse and the reading that would be taken."""
    pulses = [SimpleNamespace(number=k) for k in range(len(said))]
    judged = judge(list(zip(pulses, said, strict=True)), decoding)  # type: ignore[arg-type]
    found = [r for one in judged[:3] for r in _of_pulse(one, decoding)]
    top = max(found, key=lambda r: r.sure)
    return top.pulse.number, top  # type: ignore[attr-defined]


def on_lines(reading: Reading, places: np.ndarray, of: int) -> float:
    """The share of predicted line starts that are true starts of lines, or of bars."""
    at = np.flatnonzero(reading.places == 0)
    at = at[places[at] >= 0]
    return float((places[at] % of == 0).mean()) if len(at) else 0.0


def fit_decoding(songs: list[Song], said: list[list[Said]]) -> Decoding:
    counts = []
    for temperature in (0.4, 0.6, 0.8, 1.0, 1.3):
        gone = [
            -log_softmax(temperature * np.array([x.counted for x in all_]))[s.right]
            for s, all_ in zip(songs, said, strict=True)
            if s.right >= 0 and s.weight == 1
        ]
        counts.append((float(np.mean(gone)), temperature))
    places = []
    for trust, anew in itertools.product((0.06, 0.1, 0.15, 0.25, 0.4), (1e-3, 4e-3, 1.2e-2)):
        gone = []
        for s, all_ in zip(songs, said, strict=True):
            if s.right < 0:
                continue
            one, line = all_[s.right], 6 if s.meter == 3 else 8
            found = places_of(one.six if line == 6 else one.eight, trust, anew)
            truth = s.places[s.right]
            known = truth >= 0
            gone.append(-float(np.log(found.sure[known, truth[known]].clip(1e-4)).mean()))
        places.append((float(np.mean(gone)), trust, anew))
    _, trust, anew = min(places)
    return Decoding(min(counts)[1], trust, anew)


def outcome(songs: list[Song], said: list[list[Said]], decoding: Decoding) -> list[dict[str, float]]:
    """What each song came to: octave, meter, bar, line, start, and how sure the reading was."""
    rows = []
    for s, all_ in zip(songs, said, strict=True):
        number, reading = best(s, all_, decoding)
        octave = float(s.is_right(number))
        line = on_lines(reading, s.places[number], reading.line)
        bar = on_lines(reading, s.places[number], reading.meter)
        meter = float(reading.meter == s.meter)
        start = s.starts[number]
        rows.append(
            {
                "octave": octave,
                "meter": meter,
                "bar": float(octave and meter and bar >= ON_LINES),
                "line": float(octave and meter and line >= ON_LINES),
                "start": float(abs(reading.lead_in - start) <= 1) if start >= 0 else np.nan,
                "sure": reading.sure,
                "weight": s.weight,
            }
        )
    return rows


def table(rows: list[dict[str, float]]) -> str:
    means = {k: float(np.nanmean([r[k] for r in rows])) for k in ("octave", "meter", "bar", "line", "start")}
    return f"{len(rows)} songs: " + ", ".join(f"{k} {v:.3f}" for k, v in means.items())


def reliability(sure: np.ndarray, right: np.ndarray) -> list[str]:
    out = []
    for a, b in itertools.pairwise((0, 0.2, 0.4, 0.6, 0.75, 0.85, 0.93, 1.01)):
        inside = (sure >= a) & (sure < b)
        if inside.any():
            out.append(
                f"{a:.2f}–{min(b, 1):.2f}: said {sure[inside].mean():.2f}, right {right[inside].mean():.2f} of {inside.sum()}"
            )
    return [*out, f"Brier {((sure - right) ** 2).mean():.3f}"]


def main() -> None:
    music, data, out = (Path(a) for a in sys.argv[1:4])
    w = stacked([Path(a) for a in sys.argv[4:]])
    songs = load_songs(music, data, "calibrate")
    said = heard(songs, w)
    decoding = fit_decoding(songs, said)
    rows = outcome(songs, said, decoding)
    sure, right = (np.array([r[k] for r in rows]) for k in ("sure", "line"))
    order = np.argsort(sure)
    fitted = scipy.optimize.isotonic_regression(right[order], increasing=True).x
    said_at = np.linspace(0, 1, 21)
    curve = np.interp(said_at, sure[order], fitted)
    curve = np.convolve(np.pad(curve, 1, "edge"), [0.25, 0.5, 0.25], "valid").clip(0.03, 0.97)
    print(decoding)
    print(table(rows))
    print("\n".join(reliability(np.interp(sure, said_at, curve), right)))
    shipped = {k: v.astype(np.float16) for k, v in w.items()}
    shipped |= {
        "decoding": np.array([decoding.count, decoding.trust, decoding.anew], np.float32),
        "sure_said": said_at.astype(np.float32),
        "sure_right": curve.astype(np.float32),
    }
    with out.open("wb") as file:
        np.savez_compressed(file, **shipped)
    print(hashlib.sha256(out.read_bytes()).hexdigest(), f"{out.stat().st_size / 1000:.0f} kB")


if __name__ == "__main__":
    main()
