"""Small networks that hear a pulse count by count, learned from rendered music (bench/learn), run with NumPy.

Several of the same shape are asked and their answers averaged. A dilated convolution over 63 counts of
:mod:`vamos.core.grid.evidence`; what they say is in :class:`Said`.
"""

from __future__ import annotations

import hashlib
import io
from dataclasses import dataclass
from functools import cache
from importlib import resources

import numpy as np
import numpy.typing as npt

from vamos.core.grid.evidence import Rows, recurrence
from vamos.core.grid.tempo import Floats

_REACHES = (1, 2, 4, 8, 16)
FILE = "counting.npz"
#: The file of this hash is what ``bench.learn.assemble`` made; figures in docs/counting.md.
SHA256 = "c59295bb27ddefbff339344870569ed1b822f5f9f18f4aa611f57b49a4079615"


@dataclass(frozen=True, slots=True)
class Said:
    """Of one pulse: logits that it is counted and that bars have three; per count the place in a line of eight
    ``(counts, 8)`` and of six ``(counts, 6)``, and that the dancing starts ``(counts,)``."""

    counted: float
    three: float
    eight: Floats
    six: Floats
    start: Floats


@cache
def weights() -> dict[str, npt.NDArray[np.float32]]:
    """The learned numbers, each ``(networks, …)``."""
    raw = (resources.files("vamos") / "core" / "grid" / FILE).read_bytes()
    assert hashlib.sha256(raw).hexdigest() == SHA256, f"{FILE} is not the file that was learned"
    with np.load(io.BytesIO(raw)) as z:
        return {name: z[name].astype(np.float32) for name in z}


def listen(rows: Rows, bpm: float, learned: dict[str, npt.NDArray[np.float32]] | None = None) -> Said:
    """What the networks say of a pulse with evidence ``(counts, WIDTH)``, in the mean."""
    w = learned if learned is not None else weights()
    h = np.maximum(rows @ w["in"] + w["in_b"][:, None], 0)
    count = h.shape[1]
    for k, reach in enumerate(_REACHES):
        z = np.pad(h, ((0, 0), (reach, reach), (0, 0)))
        z = np.concatenate([z[:, :count], z[:, reach : reach + count], z[:, 2 * reach : 2 * reach + count]], axis=2)
        z = np.maximum(z @ w[f"a{k}"] + w[f"a{k}_b"][:, None], 0)
        h = h + z @ w[f"c{k}"] + w[f"c{k}_b"][:, None]
    whole = np.concatenate([h.mean(axis=1), np.sqrt(np.maximum(h.var(axis=1), 0) + 1e-4)], axis=1)
    again = np.broadcast_to(recurrence(rows), (len(whole), recurrence(rows).size))
    whole = np.concatenate([whole, again], axis=1)
    tempo = np.float32(np.log2(bpm / 110))
    with_tempo = np.concatenate([whole, np.broadcast_to([tempo, tempo * tempo], (len(whole), 2))], axis=1)

    def head(x: Floats, name: str) -> float:
        inner = np.maximum(np.einsum("ni,nij->nj", x, w[name]) + w[f"{name}_b"], 0)
        return float(np.einsum("nj,njk->nk", inner, w[f"{name}_o"]).mean())

    place = (h @ w["place"] + w["place_b"][:, None]).mean(axis=0).astype(np.float64)
    start = (h @ w["start"])[..., 0].mean(axis=0).astype(np.float64)
    return Said(head(with_tempo, "count"), head(whole, "meter"), place[:, :8], place[:, 8:], start)
