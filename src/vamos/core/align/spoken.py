"""Numbers said aloud in a take: when, and which.

An offline recogniser (PocketSphinx, with the English model its package carries) listens for the numbers one to eight;
the next number is favoured. Words are no evidence by themselves, plain talk yields many: that it is counting is found
by its rhythm (:mod:`vamos.core.align.counted`). Where the recogniser is not installed, nothing is heard.
"""

from __future__ import annotations

import logging
import threading
from dataclasses import dataclass
from functools import lru_cache
from typing import Any

import numpy as np

from vamos.core.media.sound import Samples

#: Frames a second the recogniser listens at, and its own frames.
RATE, _FRAME_S = 16000, 0.01
NUMBERS = ("one", "two", "three", "four", "five", "six", "seven", "eight")
SIDES = ("right", "left")
#: How likely the next number follows, and an "and" between two.
_NEXT, _AND = 0.75, 0.15
#: The same where sides are listened for as well, and how likely one is called (tuned on voices of eSpeak).
_WITH_SIDES, _SIDE = (0.7, 0.1), 0.12
#: Below this nothing is said (full scale = 1).
SILENT = 1e-3
#: How much unlikelier than the likeliest a path may be; and a piece that is lost all the same is no longer than this.
_BEAMS = {"beam": 1e-80, "wbeam": 1e-60, "pbeam": 1e-80}
_PIECE_S = 30
_LOCK = threading.Lock()


@dataclass(frozen=True, slots=True)
class Number:
    """A number from 1 to 8 and the take second at which it begins."""

    take_s: float
    number: int


@lru_cache(maxsize=2)
def _decoder(with_sides: bool = False) -> Any | None:
    try:
        import pocketsphinx
    except ImportError:
        logging.getLogger(__name__).info("pocketsphinx is not installed; numbers said aloud are not listened for")
        return None
    # The search for a better path through all words may not end in long takes.
    # With the usual beams a human voice could be lost as a whole, for one word that fits badly.
    decoder = pocketsphinx.Decoder(lm=None, loglevel="FATAL", bestpath=False, samprate=RATE, **_BEAMS)
    start, end = len(NUMBERS), len(NUMBERS) + 1
    next_one, between = _WITH_SIDES if with_sides else (_NEXT, _AND)
    arcs: list[tuple[Any, ...]] = []
    for state in range(len(NUMBERS) + 1):
        following = (state + 1) % len(NUMBERS)
        for number, word in enumerate(NUMBERS):
            likely = next_one if number == following else (1 - next_one) / len(NUMBERS)
            arcs.append((state, number, 1 / len(NUMBERS) if state == start else likely, word))
        # A side stands for a number, or is said beside one.
        places = ((following if state != start else start), state)
        arcs += [(state, place, _SIDE, side) for side in SIDES for place in places if with_sides]
        arcs += [(state, state, between, "and"), (state, end, between)]
    decoder.add_fsg("counts", decoder.create_fsg("counts", start, end, arcs))
    decoder.activate_search("counts")
    return decoder


def listens() -> bool:
    """Whether numbers can be listened for on this machine."""
    return _decoder() is not None


def numbers_in(sound: Samples) -> list[Number]:
    """All that sounds like a number in a sound (mono at ``RATE``), in order; most of it means nothing."""
    return [Number(at, NUMBERS.index(word) + 1) for word, at in _words_in(sound) if word in NUMBERS]


def ands_in(sound: Samples) -> list[float]:
    """The seconds at which an “and” is said between numbers."""
    return [at for word, at in _words_in(sound) if word == "and"]


def sides_and_numbers(sound: Samples) -> list[tuple[str, float]]:
    """All that sounds like a number, an “and”, “right” or “left” in a sound, with its second; most means nothing."""
    return _words_in(sound, with_sides=True)


def _words_in(sound: Samples, with_sides: bool = False) -> list[tuple[str, float]]:
    decoder = _decoder(with_sides)
    if decoder is None or len(sound) < RATE:
        return []
    loudest = float(np.abs(sound).max(initial=0))
    if loudest < SILENT:
        return []
    raw = (sound / loudest * 30000).astype(np.int16)
    heard: list[tuple[str, float]] = []
    for first in range(0, len(raw), _PIECE_S * RATE):
        with _LOCK:
            decoder.start_utt()
            decoder.process_raw(raw[first : first + _PIECE_S * RATE].tobytes(), full_utt=True)
            decoder.end_utt()
            for part in decoder.seg() or ():
                heard.append((part.word.split("(")[0], first / RATE + part.start_frame * _FRAME_S))
    return heard
