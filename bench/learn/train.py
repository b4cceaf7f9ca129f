"""Train the small networks that tell what is counted. JAX is needed here only; the core reads them with NumPy.

    python -m venv /tmp/jax && /tmp/jax/bin/pip install jax numpy scipy
    PYTHONPATH=src:. /tmp/jax/bin/python -m bench.learn.train MUSIC DATA OUT.npz SEED [EPOCHS]

Learns from songs of the part "train" alone (:mod:`bench.music.split`). One network hears a pulse count by count
(dilated convolutions over 63 counts) and says: how likely it is what is counted (against the other pulses of the
song), whether bars have three, which place in a line each count is, and where the dancing starts.
"""

from __future__ import annotations

import json
import sys
import time
from dataclasses import dataclass
from pathlib import Path
from typing import Any

import jax
import jax.numpy as jn
import numpy as np

from bench.learn.songs import Song, load_songs
from vamos.core.grid.evidence import NAMES, PERIODIC, WIDTH

WIDE, LAYERS, KERNEL = 32, (1, 2, 4, 8, 16), 3
#: Counts in a window, and pulses of a song looked at together.
WINDOW, PULSES = 96, 4
BATCH, EPOCHS, RATE = 16, 16, 3e-3
#: Places in a line of eight, then of six.
PLACES = 14


def group(*starts: str) -> np.ndarray:
    return np.array([k for k, n in enumerate(NAMES) if n.startswith(starts)])


#: Rows that are left out together now and then, so that no decision hangs on one of them.
GROUPS = [
    group("onset 0", "onset 1"),
    group("onset 2", "onset 3"),
    group("onset 4", "onset 5", "onset 6"),
    group("harmony", "held"),
    group("timbre"),
    group("novelty", "louder"),
    group("repeat"),
    group("level"),
    group("beginning", "end"),
    group("onset at", "density"),
]


@dataclass
class Batch:
    rows: np.ndarray
    mask: np.ndarray
    there: np.ndarray
    tempo: np.ndarray
    right: np.ndarray
    place: np.ndarray
    start: np.ndarray
    three: np.ndarray
    weight: np.ndarray
    recurring: np.ndarray

    def arrays(self) -> tuple[np.ndarray, ...]:
        return tuple(self.__dict__.values())


def batch_of(songs: list[Song], rng: np.random.Generator) -> Batch:
    n = len(songs)
    b = Batch(
        np.zeros((n, PULSES, WINDOW, WIDTH), np.float32),
        np.zeros((n, PULSES, WINDOW), np.float32),
        np.zeros((n, PULSES), np.float32),
        np.zeros((n, PULSES), np.float32),
        np.full(n, -1),
        np.full((n, WINDOW), -1),
        np.full(n, -1),
        np.zeros(n, int),
        np.zeros(n, np.float32),
        np.zeros((n, PULSES, PERIODIC), np.float32),
    )
    for i, song in enumerate(songs):
        # Every other window begins with the song, where the dancing starts.
        share = 0.0 if rng.random() < 0.5 else rng.random()
        others = [j for j in rng.permutation(len(song.rows)) if j != song.right]
        order = ([song.right] if song.right >= 0 else []) + others
        for j, at in enumerate(order[:PULSES]):
            rows = song.rows[at]
            size = min(len(rows), WINDOW)
            first = int(share * (len(rows) - size))
            b.rows[i, j, :size] = rows[first : first + size]
            b.mask[i, j, :size] = 1
            b.there[i, j] = 1
            b.tempo[i, j] = np.log2(song.bpm[at] / 110) + rng.normal(0, 0.04)
            b.recurring[i, j] = song.recurring[at]
            if at == song.right:
                b.place[i, :size] = song.places[at][first : first + size]
                if first == 0 and 0 <= song.starts[at] < size:
                    b.start[i] = song.starts[at]
        b.right[i] = 0 if song.right >= 0 else -1
        b.three[i], b.weight[i] = int(song.meter == 3), song.weight
        b.rows[i] *= np.exp(rng.normal(0, 0.15, WIDTH)).astype(np.float32)
        for columns in GROUPS:
            if rng.random() < 0.08:
                b.rows[i][..., columns] = 0
    b.rows += rng.normal(0, 0.15, b.rows.shape).astype(np.float32)
    b.recurring += rng.normal(0, 0.08, b.recurring.shape).astype(np.float32)
    b.rows *= b.mask[..., None]
    return b


def new_weights(key: jax.Array) -> dict[str, Any]:
    keys = iter(jax.random.split(key, 64))

    def dense(a: int, b: int, scale: float = 1.0) -> jax.Array:
        return jax.random.normal(next(keys), (a, b)) * np.sqrt(2 / a) * scale

    w = {"in": dense(WIDTH, WIDE), "in_b": jn.zeros(WIDE)}
    for k in range(len(LAYERS)):
        w |= {f"a{k}": dense(KERNEL * WIDE, WIDE), f"a{k}_b": jn.zeros(WIDE)}
        w |= {f"c{k}": dense(WIDE, WIDE, 0.3), f"c{k}_b": jn.zeros(WIDE)}
    w |= {"place": dense(WIDE, PLACES, 0.3), "place_b": jn.zeros(PLACES), "start": dense(WIDE, 1, 0.3)}
    w |= {"count": dense(2 * WIDE + 2 + PERIODIC, 24), "count_b": jn.zeros(24), "count_o": dense(24, 1, 0.2)}
    w |= {"meter": dense(2 * WIDE + PERIODIC, 16), "meter_b": jn.zeros(16), "meter_o": dense(16, 1, 0.2)}
    return w | {"sharp": jn.array(2.5, jn.float32)}


def network(w: dict[str, Any], rows: Any, mask: Any, tempo: Any, recurring: Any, key: Any) -> tuple[Any, ...]:
    """Logits: place ``(…, counts, 14)``, start ``(…, counts)``, counted ``(…)``, three ``(…)``."""
    keys = list(jax.random.split(key, 16))

    def drop(k: int, x: Any, share: float) -> Any:
        return x * (jax.random.bernoulli(keys[k], 1 - share, x.shape) / (1 - share))

    m = mask[..., None]
    h = drop(0, jn.maximum(rows @ w["in"] + w["in_b"], 0) * m, 0.1)
    n = h.shape[-2]
    for k, reach in enumerate(LAYERS):
        z = jn.pad(h, [(0, 0)] * (h.ndim - 2) + [(reach, reach), (0, 0)])
        z = jn.concatenate([z[..., 0:n, :], z[..., reach : reach + n, :], z[..., 2 * reach : 2 * reach + n, :]], -1)
        z = drop(k + 1, jn.maximum(z @ w[f"a{k}"] + w[f"a{k}_b"], 0), 0.15)
        h = (h + z @ w[f"c{k}"] + w[f"c{k}_b"]) * m
    size = jn.maximum(m.sum(-2), 1)
    mean = h.sum(-2) / size
    spread = jn.sqrt(jn.maximum((h * h).sum(-2) / size - mean**2, 0) + 1e-4)
    whole = jn.concatenate([drop(8, jn.concatenate([mean, spread], -1), 0.2), recurring], -1)
    with_tempo = jn.concatenate([whole, tempo[..., None], tempo[..., None] ** 2], -1)
    counted = (jn.maximum(with_tempo @ w["count"] + w["count_b"], 0) @ w["count_o"])[..., 0]
    three = (jn.maximum(whole @ w["meter"] + w["meter_b"], 0) @ w["meter_o"])[..., 0]
    return h @ w["place"] + w["place_b"], (h @ w["start"])[..., 0], counted, three


def loss(w: dict[str, Any], b: tuple[Any, ...], key: Any) -> tuple[Any, Any]:
    rows, mask, there, tempo, right, place, start, three, weight, recurring = b
    places, starts, counted, threes = network(w, rows, mask, tempo, recurring, key)
    i, y = jn.arange(len(right)), jn.maximum(right, 0)
    has = (right >= 0).astype(jn.float32)
    counted = jn.where(there > 0, counted, -1e9)
    of_count = -jax.nn.log_softmax(counted)[i, y] * weight * has
    of_meter = jn.logaddexp(0, -threes[i, y] * (2 * three - 1)) * has
    eight = jax.nn.log_softmax(places[i, y][..., :8])
    six = jax.nn.log_softmax(places[i, y][..., 8:])
    known = (place >= 0) * mask[i, y]
    at = jn.maximum(place, 0)
    size = jn.maximum(known.sum(1), 1)

    def of(logits: Any, turn: int, line: int) -> Any:
        return (jn.take_along_axis(logits, ((at + turn) % line)[..., None], -1)[..., 0] * known).sum(1)

    def turned(logits: Any, line: int) -> Any:
        """The line as a whole against the same line begun elsewhere."""
        scores = jn.stack([of(logits, k, line) / jn.sqrt(size) for k in range(line)], 1)
        return -jax.nn.log_softmax(scores * jn.exp(w["sharp"]) / 12)[:, 0]

    in_three = three == 1
    of_place = -jn.where(in_three, of(six, 0, 6), of(eight, 0, 8)) / size * has
    of_line = jn.where(in_three, turned(six, 6), turned(eight, 8)) * has
    begun = jax.nn.log_softmax(jn.where(mask[i, y] > 0, starts[i, y], -1e9))
    of_start = -begun[i, jn.maximum(start, 0)] * (start >= 0) * has
    parts = (of_count, of_meter, of_place, of_line, of_start)
    total = of_count + 0.5 * of_meter + of_place + 0.5 * of_line + 0.25 * of_start
    return total.mean(), jn.stack([p.mean() for p in parts])


def train(songs: list[Song], seed: int, epochs: int) -> dict[str, np.ndarray]:
    rng, key = np.random.default_rng(seed), jax.random.PRNGKey(seed + 1)
    w = new_weights(jax.random.PRNGKey(seed))
    first, second = jax.tree.map(jn.zeros_like, w), jax.tree.map(jn.zeros_like, w)
    steps = epochs * (len(songs) // BATCH)

    @jax.jit
    def step(w: Any, first: Any, second: Any, b: Any, key: Any, rate: Any, k: Any) -> tuple[Any, ...]:
        (_value, parts), g = jax.value_and_grad(loss, has_aux=True)(w, b, key)
        norm = jn.sqrt(sum((x**2).sum() for x in jax.tree.leaves(g)))
        g = jax.tree.map(lambda x: x * jn.minimum(1, 1 / (norm + 1e-6)), g)
        first = jax.tree.map(lambda a, x: 0.9 * a + 0.1 * x, first, g)
        second = jax.tree.map(lambda a, x: 0.98 * a + 0.02 * x * x, second, g)
        one, two = 1 - 0.9**k, 1 - 0.98**k

        def moved(q: Any, a: Any, v: Any) -> Any:
            return q - rate * (a / one / (jn.sqrt(v / two) + 1e-8) + (2e-2 * q if q.ndim > 1 else 0))

        return jax.tree.map(moved, w, first, second), first, second, parts

    k, began = 0, time.monotonic()
    for epoch in range(epochs):
        order, told = rng.permutation(len(songs)), []
        for at in range(0, len(songs) - BATCH + 1, BATCH):
            k += 1
            rate = RATE * min(1, k / 60) * (0.5 + 0.5 * np.cos(np.pi * k / steps)) + 1e-5
            key, now = jax.random.split(key)
            b = batch_of([songs[j] for j in order[at : at + BATCH]], rng).arrays()
            w, first, second, parts = step(w, first, second, b, now, rate, float(k))
            told.append(np.asarray(parts))
        print(epoch, np.mean(told, 0).round(3), f"{time.monotonic() - began:.0f} s", flush=True)
    return {name: np.asarray(x, np.float32) for name, x in w.items() if name != "sharp"}


def main() -> None:
    music, data, out, seed = Path(sys.argv[1]), Path(sys.argv[2]), Path(sys.argv[3]), int(sys.argv[4])
    epochs = int(sys.argv[5]) if len(sys.argv) > 5 else EPOCHS
    songs = load_songs(music, data, "train")
    print(json.dumps({"songs": len(songs), "seed": seed, "epochs": epochs}), flush=True)
    np.savez(out, **train(songs, seed, epochs))


if __name__ == "__main__":
    main()
