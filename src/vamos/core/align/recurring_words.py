"""Words that come again: a counting says the same word every four, six or eight counts, talk and music do not."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from vamos.core.align.count_chain import Counts
from vamos.core.align.voice_rises import WORD_FRAMES, Floats, Row

#: A word is pictured from so long before its rise for so long (word frames), and moved by so many to be compared.
_BEFORE, _LONG, _MOVED = 9, 34, 3
#: Words farther apart than this are not compared: talk between them shifts the numbers.
_REACH = 20
LAGS = range(2, 11)
#: The others that one word is compared with are no farther than this.
_NEAR = 12
#: Lags of a counting.
COUNTED = (4, 6, 8)


@dataclass(frozen=True, slots=True)
class Recurrence:
    """How much more alike words are ``lag`` counts apart than otherwise: on average, how sure, and by word (or nan)."""

    lag: int
    contrast: float
    t: float
    by_word: Floats


def pictures(words: Row, times_s: Floats, moved: int = 0) -> Row:
    """What each word looks like, ``(words, frames, bands)``, from the log bands of a voice."""
    starts = np.round(times_s * WORD_FRAMES).astype(int) - _BEFORE + moved
    rows = np.clip(starts[:, None] + np.arange(_LONG)[None], 0, len(words) - 1)
    return words[rows]


def likeness(words: Row, times_s: Floats) -> Floats:
    """How alike each two words are (cosine, −1 to 1), ``(words, words)``; one may be said a little earlier."""
    mean = pictures(words, times_s).mean(axis=0, keepdims=True)
    flat = []
    for moved in (-_MOVED, 0, _MOVED):
        seen = pictures(words, times_s, moved) - mean
        seen = (seen - 0.5 * seen.mean(axis=1, keepdims=True)).reshape(len(times_s), -1)
        flat.append(seen / (np.linalg.norm(seen, axis=1, keepdims=True) + 1e-9))
    best = np.max([flat[1] @ other.T for other in flat], axis=0)
    return np.asarray((best + best.T) / 2, np.float64)


def beside(alike: Floats, counts: Counts, lag: int) -> Floats:
    """How much more alike each word is to one of the two a lag away than to the others near it; 0 where none is there.

    One side is enough: on the other somebody may have talked, and numbers begin anew after that.
    """
    apart = counts[:, None] - counts[None]
    near = (np.abs(apart) > 0) & (np.abs(apart) <= _NEAR) & (apart % lag != 0)
    others = (alike * near).sum(axis=1) / np.maximum(near.sum(axis=1), 1)
    sides = np.where(np.abs(apart) == lag, alike, -1.0).max(axis=1)
    return np.where(sides > -1, sides - others, 0.0)


def recurrences(alike: Floats, counts: Counts) -> dict[int, Recurrence]:
    """By lag, for those that enough words can tell of."""
    apart = np.abs(counts[:, None] - counts[None])
    near = (apart > 0) & (apart <= _REACH)
    out = {}
    for lag in LAGS:
        same, other = (apart % lag == 0) & near, (apart % lag != 0) & near
        known = (same.sum(axis=1) > 0) & (other.sum(axis=1) > 0)
        if known.sum() < 6:
            continue
        inside = (alike * same).sum(axis=1) / np.maximum(same.sum(axis=1), 1)
        outside = (alike * other).sum(axis=1) / np.maximum(other.sum(axis=1), 1)
        by_word = np.where(known, inside - outside, np.nan)
        found = by_word[known]
        mean = float(found.mean())
        out[lag] = Recurrence(lag, mean, float(mean / (found.std() + 0.02) * np.sqrt(len(found))), by_word)
    return out
