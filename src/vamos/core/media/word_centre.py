"""Where a spoken word is heard to fall on a beat: its perceptual centre, near the onset of its first vowel.

J. Morton, S. Marcus and C. Frankish, Psychological Review 83, 1976; S. K. Scott, 1998. Measured as the first steep rise
of the envelope between 300 and 3,000 Hz.
"""

from __future__ import annotations

import numpy as np

from vamos.core.lazy import scipy
from vamos.core.media.sound import Samples

#: A rise of this share of the steepest one is the first syllable's; sounds are padded by so much.
_STEEP, _PAD_S = 0.5, 0.2
_BAND_HZ, _SMOOTH_HZ = (300.0, 3000.0), 12.0


def word_centre_s(word: Samples, rate: int) -> float:
    """Seconds from the start of a word (mono samples ``(frames,)``) to the moment it is heard to fall on a beat.

    0 for a word too short to have one.
    """
    if len(word) < rate // 50:
        return 0.0
    pad = int(_PAD_S * rate)
    band = scipy.signal.butter(2, _BAND_HZ, "band", fs=rate, output="sos")
    low = scipy.signal.butter(2, _SMOOTH_HZ, fs=rate, output="sos")
    heard = scipy.signal.sosfiltfilt(band, np.pad(np.asarray(word, np.float64), pad))
    slope = np.diff(scipy.signal.sosfiltfilt(low, np.abs(heard)))[: pad + int(0.35 * rate)]
    peaks, _ = scipy.signal.find_peaks(slope, height=_STEEP * float(slope.max()))
    return max(0.0, (int(peaks[0]) - pad) / rate) if len(peaks) else 0.0
