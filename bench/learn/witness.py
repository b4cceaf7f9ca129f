"""Write down what the trained networks answer in the training program itself, for the test of the shipped file.

PYTHONPATH=src:. /tmp/jax/bin/python -m bench.learn.witness OUT.json NETWORK.npz …
"""

from __future__ import annotations

import json
import sys
from pathlib import Path

import jax
import jax.numpy as jn
import numpy as np

from bench.learn.train import LAYERS
from vamos.core.grid.evidence import WIDTH, recurrence

CASES = ((11, 90, 84.0), (12, 70, 152.0))


def answer(w: dict[str, np.ndarray], rows: np.ndarray, bpm: float) -> tuple[jax.Array, ...]:
    """The network of :mod:`bench.learn.train` without dropout, on one pulse."""
    h = jn.maximum(rows @ w["in"] + w["in_b"], 0)
    n = len(rows)
    for k, reach in enumerate(LAYERS):
        z = jn.pad(h, [(reach, reach), (0, 0)])
        z = jn.concatenate([z[0:n], z[reach : reach + n], z[2 * reach : 2 * reach + n]], -1)
        h = h + jn.maximum(z @ w[f"a{k}"] + w[f"a{k}_b"], 0) @ w[f"c{k}"] + w[f"c{k}_b"]
    whole = jn.concatenate([h.mean(0), jn.sqrt(jn.maximum(h.var(0), 0) + 1e-4), recurrence(rows)])
    tempo = np.log2(bpm / 110)
    with_tempo = jn.concatenate([whole, jn.array([tempo, tempo**2])])
    counted = (jn.maximum(with_tempo @ w["count"] + w["count_b"], 0) @ w["count_o"])[0]
    three = (jn.maximum(whole @ w["meter"] + w["meter_b"], 0) @ w["meter_o"])[0]
    return counted, three, h @ w["place"] + w["place_b"], (h @ w["start"])[:, 0]


def main() -> None:
    networks = [dict(np.load(p)) for p in sys.argv[2:]]
    cases = []
    for seed, counts, bpm in CASES:
        rows = np.random.default_rng(seed).normal(0, 1, (counts, WIDTH)).astype(np.float32)
        said = [answer(w, rows, bpm) for w in networks]
        counted, three, places, start = (np.mean([np.asarray(s[k]) for s in said], axis=0) for k in range(4))
        cases.append(
            {
                "seed": seed,
                "counts": counts,
                "bpm": bpm,
                "counted": float(counted),
                "three": float(three),
                "eight": places[:3, :8].round(4).tolist(),
                "start": start[:3].round(4).tolist(),
            }
        )
    Path(sys.argv[1]).write_text(json.dumps({"made by": "bench.learn.witness", "cases": cases}, indent=1) + "\n")


if __name__ == "__main__":
    main()
