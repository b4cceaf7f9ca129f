"""The whole song with clicks on its counts, and what is heard around one of its words."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

import numpy as np

from vamos.core.dance.lines import Line
from vamos.core.document.paths import locate
from vamos.core.media.sound import Sound
from vamos.core.model.song import Song, Sung
from vamos.core.progress import Progress
from vamos.core.render.clicks import add_clicks, clicks_of
from vamos.core.render.sound import RATE, faded, read_song
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

#: Level of the song under clicks.
_UNDER = np.float32(0.7)
#: Seconds heard before and after a word.
BEFORE_S, AFTER_S = 1.0, 2.0


def click_track(
    song: Song, lines: Sequence[Line], base: Path | None, music: bool = True, progress: Progress | None = None
) -> Sound:
    """The song with clicks on top (or clicks alone) at 48 kHz, in stereo, as long as the song is.

    Clicks lie on the sample; those on the counts of words and sounds of the song are higher and louder.
    """
    if song.grid is None or not lines:
        raise InputError(tr("There is no beat yet, so there is nothing to click on. Find the beat first."))
    sound = read_song(locate(song.media, base), progress)
    samples = _UNDER * sound.samples if music else np.zeros_like(sound.samples)
    add_clicks(samples, RATE, clicks_of(song, lines), song.grid.time_map())
    return Sound(np.clip(samples, -1, 1), RATE)


def around(song: Song, sung: Sung, base: Path | None) -> Sound:
    """Three seconds of the song with a word in them, its ends faded."""
    sound = read_song(locate(song.media, base))
    first, last = (max(0, round((sung.song_s + by) * RATE)) for by in (-BEFORE_S, AFTER_S))
    return Sound(faded(sound.samples[first:last].copy()), RATE)
