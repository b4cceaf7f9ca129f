"""Places in the line, count by count over a whole song, allowing for cut and added bars.

A hidden Markov model: from count to count the place goes on by one and wraps at the line's end; now and then a line
begins anew. Paths by Viterbi, sureness by forward and backward sums (L. Rabiner, "A tutorial on hidden Markov
models", Proc. IEEE 77, 1989).
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from vamos.core.grid.tempo import Floats


@dataclass(frozen=True, slots=True)
class Places:
    """The place of each count in its line, and how sure each place is ``(counts, line)``."""

    path: npt.NDArray[np.intp]
    sure: Floats

    @property
    def line(self) -> int:
        return int(self.sure.shape[1])

    def turned(self) -> Floats:
        """How likely it is that all lines begin so many counts later, ``(line,)``; 0 is the path itself."""
        at = np.arange(len(self.path))
        out = [float(self.sure[at, (self.path - r) % self.line].mean()) for r in range(self.line)]
        return np.array(out) / max(1e-9, sum(out))


def places_of(logits: Floats, trust: float, anew: float) -> Places:
    """The best places for logits ``(counts, line)``.

    ``trust`` is how much single counts are believed (they are not independent), ``anew`` how likely a line is
    to begin where none is due.
    """
    heard = trust * log_softmax(logits)
    count, line = heard.shape
    move = np.full((line, line), anew * 0.1 / line)
    move[:, 0] += anew * 0.9
    move[np.arange(line), (np.arange(line) + 1) % line] += 1 - anew
    log_move = np.log(move / move.sum(axis=1, keepdims=True))
    best, forward = heard[0].copy(), np.zeros((count, line))
    came = np.zeros((count, line), np.intp)
    forward[0] = heard[0]
    for k in range(1, count):
        options = best[:, None] + log_move
        came[k] = options.argmax(axis=0)
        best = options.max(axis=0) + heard[k]
        forward[k] = _log_sum(forward[k - 1][:, None] + log_move, 0) + heard[k]
    backward = np.zeros((count, line))
    for k in range(count - 2, -1, -1):
        backward[k] = _log_sum(log_move + (heard[k + 1] + backward[k + 1])[None], 1)
    path = [int(best.argmax())]
    for k in range(count - 1, 0, -1):
        path.append(int(came[k][path[-1]]))
    return Places(np.array(path[::-1]), np.exp(log_softmax(forward + backward)))


def log_softmax(values: Floats) -> Floats:
    """Over the last axis."""
    values = values - values.max(axis=-1, keepdims=True)
    return np.asarray(values - np.log(np.exp(values).sum(axis=-1, keepdims=True)))


def _log_sum(values: Floats, axis: int) -> Floats:
    top = values.max(axis=axis)
    return np.asarray(top + np.log(np.exp(values - np.expand_dims(top, axis)).sum(axis=axis)))
