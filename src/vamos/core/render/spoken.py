"""What is said in films of lessons: sentences of cards, and each move by its name on its count."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction
from functools import lru_cache

import numpy as np
import scipy.signal

from vamos.core.dance.lines import Line
from vamos.core.media.sound import Samples
from vamos.core.media.voice import say
from vamos.core.model.dance import Kind
from vamos.core.render.sound import RATE
from vamos.errors import MediaError
from vamos.wording import language

#: Words a minute of a sentence.
_PACE = 165


def sentence(text: str) -> Samples:
    """A sentence in the language of now, ``(frames, 2)`` at ``RATE``; nothing where there is no voice."""
    return _sentence(text.replace("&", " & ").replace(":", ","), language())


def spoken_s(text: str) -> float:
    """How long a sentence lasts when it is said, in seconds."""
    return len(sentence(text)) / RATE


@lru_cache(maxsize=64)
def _sentence(text: str, spoken_in: str) -> Samples:
    try:
        raw, rate = say(text, _PACE, language=spoken_in)
    except MediaError:
        return np.zeros((0, 2), dtype=np.float32)
    mono = scipy.signal.resample_poly(raw, RATE, rate).astype(np.float32)
    return np.repeat(mono[:, None], 2, axis=1)


def named_moves(lines: Sequence[Line], start: Fraction, end: Fraction) -> list[tuple[Fraction, str]]:
    """(count, name) of every move that begins in a range of counts, as the sheet calls it; what is held is not said."""
    found = {
        at: event.short
        for line in lines
        for at, event in line.events()
        if start <= at < end and event.short and event.kind not in (Kind.HOLD, Kind.BREATH)
    }
    return sorted(found.items())
