"""A counting voice without a network: eSpeak NG, loaded from its package.

The library is process-global and not thread-safe, so calls take a lock. Words come out
trimmed to their onset, so that a word can be put exactly on a count.
"""

from __future__ import annotations

import ctypes
import threading
from functools import lru_cache
from typing import Any

import numpy as np

from vamos.core.media.sound import Samples
from vamos.errors import MediaError
from vamos.wording import words_of

tr = words_of(__name__)

_LOCK = threading.Lock()
_RETRIEVAL = 1
_UTF8 = 1
_RATE_PARAMETER, _PITCH_PARAMETER = 1, 3

_ONES = [
    "one",
    "two",
    "three",
    "four",
    "five",
    "six",
    "seven",
    "eight",
    "nine",
    "ten",
    "eleven",
    "twelve",
    "thirteen",
    "fourteen",
    "fifteen",
    "sixteen",
    "seventeen",
    "eighteen",
    "nineteen",
]
_TENS = ["twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"]


@lru_cache(maxsize=1)
def _library() -> tuple[Any, int]:
    """The loaded library and its sample rate."""
    import espeakng_loader

    library = ctypes.cdll.LoadLibrary(espeakng_loader.get_library_path())
    rate = library.espeak_Initialize(_RETRIEVAL, 0, str(espeakng_loader.get_data_path()).encode(), 0)
    if rate <= 0:
        raise MediaError(tr("The counting voice could not be started; its data is missing."))
    return library, int(rate)


def number_word(number: int) -> str:
    """A count as it is said, 1 to 999."""
    if number < 20:
        return _ONES[number - 1]
    if number < 100:
        tens, ones = divmod(number, 10)
        return _TENS[tens - 2] + (f" {_ONES[ones - 1]}" if ones else "")
    hundreds, rest = divmod(number, 100)
    return f"{_ONES[hundreds - 1]} hundred" + (f" {number_word(rest)}" if rest else "")


_CALLBACK = ctypes.CFUNCTYPE(ctypes.c_int, ctypes.POINTER(ctypes.c_short), ctypes.c_int, ctypes.c_void_p)


@lru_cache(maxsize=256)
def say(text: str, words_per_minute: int = 190, pitch: int = 60, language: str = "en") -> tuple[Samples, int]:
    """Spoken text as mono samples ``(frames,)`` from its onset on, and their rate."""
    with _LOCK:
        library, rate = _library()
        pieces: list[Samples] = []

        def collect(data: Any, count: int, _events: Any) -> int:
            if data and count > 0:
                pieces.append(np.ctypeslib.as_array(data, (count,)).astype(np.float32) / np.float32(32768))
            return 0

        callback = _CALLBACK(collect)
        library.espeak_SetSynthCallback(callback)
        library.espeak_SetVoiceByName(language.encode())
        library.espeak_SetParameter(_RATE_PARAMETER, words_per_minute, 0)
        library.espeak_SetParameter(_PITCH_PARAMETER, pitch, 0)
        raw = text.encode()
        library.espeak_Synth(raw, len(raw) + 1, 0, 1, 0, _UTF8, None, None)
        library.espeak_Synchronize()
    samples = np.concatenate(pieces) if pieces else np.zeros(1, dtype=np.float32)
    loud = np.flatnonzero(np.abs(samples) > 0.02 * (np.abs(samples).max() + 1e-9))
    if len(loud):
        samples = samples[loud[0] : loud[-1] + 1]
    return np.ascontiguousarray(samples), rate
