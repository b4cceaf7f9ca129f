"""Which count is a 1: the words of a counting beside the numbers as a voice says them in fifteen languages.

Both are taken without what is common to all their words, so that timbre and room cancel.
"""

from __future__ import annotations

from dataclasses import dataclass
from functools import lru_cache
from importlib.resources import files

import numpy as np

from vamos.core.align.count_chain import Counts
from vamos.core.align.recurring_words import pictures
from vamos.core.align.voice_rises import Floats, Row

#: Languages of the numbers in ``number_words.npz``, which ``tools/number_words.py`` makes.
LANGUAGES = ("en", "de", "es", "fr-fr", "it", "pt", "nl", "pl", "cs", "sv", "fi", "hu", "ru", "ja", "cmn")
#: What may be said in a cycle of so many words: all eight, six of a waltz, four, every other, a count-in.
_CYCLES = {
    8: ((1, 2, 3, 4, 5, 6, 7, 8),),
    6: ((1, 2, 3, 4, 5, 6),),
    4: ((1, 2, 3, 4), (1, 3, 5, 7), (5, 6, 7, 8)),
}
#: A best cycle this much ahead of the next is sure.
SURE_MARGIN = 0.1


@dataclass(frozen=True, slots=True)
class Numbering:
    """The number said at count 0 of a chain, how many counts a word goes on, and how far ahead of others that is."""

    number: int
    step: int
    margin: float
    score: float


@lru_cache(maxsize=1)
def _numbers() -> Row:
    """``(languages, 8, frames, bands)``."""
    with files("vamos.core.align").joinpath("number_words.npz").open("rb") as file:
        return np.asarray(np.load(file)["numbers"], np.float32)


def numbering(words: Row, times_s: Floats, counts: Counts, lag: int) -> Numbering | None:
    """The numbers of words that recur every ``lag`` counts; None for another lag, or where too few are said."""
    if lag not in _CYCLES or len(times_s) < 4:
        return None
    seen = pictures(words, times_s)
    classes = [seen[counts % lag == k] for k in range(lag)]
    known = [k for k, c in enumerate(classes) if len(c)]
    if len(known) < 3:
        return None
    mine = _alone(np.stack([np.median(classes[k], axis=0) for k in known]))
    found: list[tuple[float, int, int]] = []
    for cycle in _CYCLES[lag]:
        for turn in range(lag):
            said = [cycle[(k + turn) % lag] for k in known]
            scores = [
                float((mine * _alone(language[[n - 1 for n in said]])).sum(axis=1).mean()) for language in _numbers()
            ]
            found.append((max(scores), cycle[turn % lag], cycle[1] - cycle[0]))
    found.sort(reverse=True)
    best, after = found[0], next((f for f in found[1:] if f[1:] != found[0][1:]), (0.0, 0, 0))
    return Numbering(best[1], best[2], best[0] - after[0], best[0])


def _alone(shapes: Row) -> Row:
    """Words without what they have in common, and half without their own colour, ``(words, values)`` of length 1."""
    own = shapes - shapes.mean(axis=0, keepdims=True)
    own = (own - 0.5 * own.mean(axis=1, keepdims=True)).reshape(len(shapes), -1)
    return np.asarray(own / (np.linalg.norm(own, axis=1, keepdims=True) + 1e-9), np.float32)
