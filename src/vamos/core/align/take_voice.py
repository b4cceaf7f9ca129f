"""What a voice says in a file: listened to once, and kept in the cache for the next time."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from pathlib import Path

import numpy as np

from vamos.core.align import spoken
from vamos.core.align.count_chain import Counts
from vamos.core.align.counted import counted_words
from vamos.core.align.sides import Word, sides_among
from vamos.core.align.voice_rises import Floats
from vamos.core.media import cache
from vamos.core.media.probe import probe
from vamos.core.media.sound import Samples, read_sound
from vamos.core.model.take import SaidSide
from vamos.core.progress import Progress
from vamos.core.time import TimeMap, TimeRange

KIND = "voice"


class TakeVoice:
    """The voice in a file, read only when something is asked that nobody asked before; ``key`` is its fingerprint.

    Reading raises MissingError or MediaError.
    """

    def __init__(self, path: Path, key: str, progress: Progress):
        self._path, self._key, self._progress = path, key, progress
        self._sound: Samples | None = None

    def sides(self, passes: Sequence[tuple[TimeRange, TimeMap]]) -> tuple[SaidSide, ...]:
        """As :func:`vamos.core.align.sides.sides_in`."""
        return sides_among(self._countings(), self._sides_and_numbers, passes)

    def ands(self) -> list[float]:
        """The seconds at which an “and” is said between numbers."""
        return [at for _, at in self._words("ands", lambda sound: [("and", at) for at in spoken.ands_in(sound)])]

    def _sides_and_numbers(self) -> list[Word]:
        return self._words("sides", spoken.sides_and_numbers)

    def _heard(self) -> Samples:
        if self._sound is None:
            self._sound = read_sound(self._path, spoken.RATE, progress=self._progress).mono()
        return self._sound

    def _words(self, what: str, listen: Callable[[Samples], list[Word]]) -> list[Word]:
        kept = cache.load(KIND, f"{self._key} {what}")
        if kept is not None and {"words", "times"} <= set(kept) and len(kept["words"]) == len(kept["times"]):
            return [(str(w), float(t)) for w, t in zip(kept["words"], kept["times"], strict=True)]
        found = listen(self._heard())
        words, times = [w for w, _ in found], [t for _, t in found]
        cache.keep(KIND, f"{self._key} {what}", words=np.array(words, dtype=np.str_), times=np.array(times, np.float64))
        return found

    def _countings(self) -> list[tuple[Floats, Counts]]:
        kept = cache.load(KIND, f"{self._key} countings")
        if kept is not None and {"lengths", "times", "counts"} <= set(kept):
            ends = np.cumsum(kept["lengths"])[:-1].astype(int)
            if int(kept["lengths"].sum()) == len(kept["times"]) == len(kept["counts"]):
                if not len(kept["lengths"]):
                    return []
                times, counts = np.split(kept["times"], ends), np.split(kept["counts"], ends)
                return [(t.astype(np.float64), c.astype(np.int64)) for t, c in zip(times, counts, strict=True)]
        found = counted_words(self._heard())
        cache.keep(
            KIND,
            f"{self._key} countings",
            lengths=np.array([len(t) for t, _ in found], np.int64),
            times=np.concatenate([np.empty(0), *(t for t, _ in found)]),
            counts=np.concatenate([np.empty(0, np.int64), *(c for _, c in found)]),
        )
        return found


def voice_in(path: Path, key: str, progress: Progress) -> TakeVoice | None:
    """The voice in a file; None where it has no sound, or nothing on this machine listens."""
    return TakeVoice(path, key, progress) if spoken.listens() and probe(path).has_sound else None
