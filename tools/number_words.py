"""Makes src/vamos/core/align/number_words.npz: the numbers one to eight in every language, as the finder sees words.

    .venv/bin/python tools/number_words.py

To be run again when the features in voice_rises.py or recurring_words.py change.
"""

from __future__ import annotations

from pathlib import Path

import numpy as np
import scipy.signal

from vamos.core.align.number_words import LANGUAGES
from vamos.core.align.recurring_words import pictures
from vamos.core.align.voice_rises import FRAMES, RATE, Row, voice_of
from vamos.core.media.voice import say

OUT = Path(__file__).parent.parent / "src/vamos/core/align/number_words.npz"
#: Half a second before the word, a breath of noise under it.
BEFORE_S, NOISE = 0.5, 1e-4


def picture(number: int, language: str) -> Row:
    samples, rate = say(str(number), 170, 50, language)
    word = scipy.signal.resample_poly(np.asarray(samples, np.float64), RATE, rate)
    sound = np.concatenate([np.zeros(int(BEFORE_S * RATE)), word, np.zeros(int(0.75 * RATE))])
    sound = sound + NOISE * np.random.default_rng(0).standard_normal(len(sound))
    voice = voice_of(sound.astype(np.float32))
    rise = int(np.argmax(np.gradient(voice.envelope)[: int((BEFORE_S + 0.35) * FRAMES)]))
    return pictures(voice.words, np.array([rise / FRAMES]))[0]


def main() -> None:
    numbers = [[picture(n, language) for n in range(1, 9)] for language in LANGUAGES]
    np.savez_compressed(OUT, numbers=np.array(numbers, np.float16))
    print(f"{OUT}: {OUT.stat().st_size / 1024:.0f} KB")


if __name__ == "__main__":
    main()
