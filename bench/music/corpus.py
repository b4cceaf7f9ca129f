"""Make the songs: features and truth of each seed.

    nice .venv/bin/python -m bench.music.corpus FOLDER FIRST LAST [STEP]

Writes FOLDER/NNNNN.npz (features as :class:`vamos.core.grid.spectra.Spectra`, float16) and NNNNN.json (truth).
"""

from __future__ import annotations

import argparse
import json
import sys
from pathlib import Path

import numpy as np

from bench.music.effects import effects
from bench.music.song import make
from bench.music.synth import RATE
from vamos.core.grid.spectra import FRAME_RATE, Spectra, analyse_blocks
from vamos.core.progress import quiet

_EXACT = ("loud", "fine")
_ROWS = ("flux", "low", "mid", "high", *_EXACT)


def song(seed: int) -> tuple[dict, np.ndarray]:
    """Truth and samples, with a room, a mix and a codec."""
    truth, samples, r = make(seed)
    samples, truth["fx"] = effects(samples, r)
    return truth, samples


def features(samples: np.ndarray) -> Spectra:
    return analyse_blocks([(0, samples[:, None])], quiet(), len(samples) / RATE)


def save(path: Path, heard: Spectra) -> None:
    rows = {k: getattr(heard, k).astype(np.float32 if k in _EXACT else np.float16) for k in _ROWS}
    np.savez(path, bands=heard.bands.astype(np.float16), chroma=heard.chroma[::4].astype(np.float16), **rows)


def load(path: Path) -> Spectra:
    with np.load(path) as z:
        rows = {k: z[k].astype(np.float32) for k in (*_ROWS, "bands", "chroma")}
    count = len(rows["flux"])
    chroma = rows.pop("chroma")
    where = np.clip(np.arange(count) // 4, 0, len(chroma) - 1)
    return Spectra(**rows, chroma=chroma[where], duration_s=count / FRAME_RATE)


def main() -> None:
    parser = argparse.ArgumentParser()
    parser.add_argument("folder", type=Path)
    parser.add_argument("first", type=int)
    parser.add_argument("last", type=int)
    parser.add_argument("step", type=int, nargs="?", default=1)
    arguments = parser.parse_args()
    arguments.folder.mkdir(parents=True, exist_ok=True)
    for seed in range(arguments.first, arguments.last, arguments.step):
        truth_file = arguments.folder / f"{seed:05d}.json"
        if truth_file.exists():
            continue
        try:
            truth, samples = song(seed)
        except (RuntimeError, KeyError, IndexError, ValueError) as error:
            print(f"seed {seed} left out: {error!r}"[:300], file=sys.stderr, flush=True)
            continue
        save(truth_file.with_suffix(".npz"), features(samples))
        truth_file.write_text(json.dumps(truth))


if __name__ == "__main__":
    main()
