"""The voice of the students' page: the names of all moves, spoken once, as one sound beside it."""

from __future__ import annotations

import base64
import io
from collections.abc import Iterable
from dataclasses import dataclass
from fractions import Fraction
from pathlib import Path
from typing import Any

import av
import numpy as np
import scipy.signal

from vamos.core.media.sound import Samples
from vamos.core.media.voice import say
from vamos.core.pack.page_sound import FOLDER
from vamos.errors import MediaError
from vamos.wording import language

NAME = "voice"
FILE = f"{FOLDER}/{NAME}.js"
RATE = 24000
#: Words a minute, and silence between two words.
_PACE, _APART_S = 190, 0.1
#: Loudness of a word (RMS) and its highest peak, full scale being 1.
_LOUD, _PEAK = 0.16, 0.85


@dataclass(frozen=True, slots=True)
class PageVoice:
    """A sound with words in it, each from a second to a second."""

    samples: int
    words: dict[str, tuple[float, float]]

    def as_data(self) -> dict[str, Any]:
        """As the page reads it."""
        return {"id": NAME, "file": FILE, "rate": RATE, "samples": self.samples, "words": self.words}


def write_voice(folder: Path, texts: Iterable[str]) -> PageVoice | None:
    """Speak names of moves in the language of now; None where there are none, or no voice to say them."""
    words: dict[str, tuple[float, float]] = {}
    pieces: list[Samples] = []
    at = 0
    apart = np.zeros(round(_APART_S * RATE), dtype=np.float32)
    for text in dict.fromkeys(t for t in texts if t):
        try:
            tone = _spoken(text)
        except MediaError:
            return None
        words[text] = (round(at / RATE, 4), round((at + len(tone)) / RATE, 4))
        pieces += [tone, apart]
        at += len(tone) + len(apart)
    if not pieces:
        return None
    (folder / FOLDER).mkdir(exist_ok=True)
    data = base64.b64encode(_coded(np.concatenate(pieces))).decode()
    (folder / FILE).write_text(f'vamosSound("{NAME}","{data}");\n', encoding="ascii")
    return PageVoice(at, words)


def _spoken(text: str) -> Samples:
    """One name, mono at :data:`RATE`, as loud as every other."""
    raw, rate = say(text, _PACE, language=language())
    tone = scipy.signal.resample_poly(raw, RATE, rate).astype(np.float32)
    tone *= np.float32(_LOUD / max(1e-6, float(np.sqrt(np.mean(tone**2)))))
    return np.clip(tone, -_PEAK, _PEAK).astype(np.float32)


def _coded(samples: Samples) -> bytes:
    """Mono samples as AAC in an M4A, whose edit list takes off the run-in of the coder."""
    out = io.BytesIO()
    with av.open(out, "w", format="ipod", options={"fflags": "+bitexact"}) as target:
        stream = target.add_stream("aac", rate=RATE, layout="mono")
        stream.bit_rate = 48000
        frame = av.AudioFrame.from_ndarray(samples[None, :], format="fltp", layout="mono")
        frame.sample_rate, frame.pts, frame.time_base = RATE, 0, Fraction(1, RATE)
        target.mux(stream.encode(frame))
        target.mux(stream.encode(None))
    return out.getvalue()


def names_said(films: Iterable[dict[str, Any]]) -> list[str]:
    """The names of moves in films of the page, in order."""
    every = [states for film in films for states in (film["states"], *film.get("forms", {}).values())]
    return list(dict.fromkeys(state[2] for states in every for state in states if state[2]))
