"""A recording of sound alone that was made beside a film: which of its seconds are which of the take."""

from __future__ import annotations

from pathlib import Path

from vamos.core.align.correlate import RATE, SongIndex
from vamos.core.align.song_in_room import find_song
from vamos.core.document.paths import reference
from vamos.core.media.probe import probe
from vamos.core.media.sound import read_sound
from vamos.core.model.take import BetterSound
from vamos.core.progress import Progress, quiet
from vamos.core.time import TimeMap
from vamos.errors import MediaError
from vamos.wording import words_of

tr = words_of(__name__)

#: Both hear the same; less sure than this, they do not.
SURE = 0.4


def better_sound(film: Path, recording: Path, base: Path | None, progress: Progress | None = None) -> BetterSound:
    """Lay a recording on the sound of a film.

    Raises MissingError, or MediaError when one of them has no sound or they do not hear the same.
    """
    progress = progress or quiet()
    there, seen = probe(recording), probe(film)
    if not there.has_sound:
        raise MediaError(tr("there is no sound in it."), file=recording)
    if not seen.has_sound:
        raise MediaError(
            tr("the film has no sound of its own, so a recording cannot be laid on it."),
            file=film,
            todo=tr("Place the take by its steps or by eye."),
        )
    index = SongIndex(read_sound(recording, RATE, progress=progress.part(0, 0.3), expected_s=there.duration_s).mono())
    sound = read_sound(film, RATE, progress=progress.part(0.3, 0.5), expected_s=seen.duration_s).mono()
    found = find_song(index, sound, progress.part(0.5, 1.0))
    best = max(found, key=lambda s: s.confidence * (s.take_end_s - s.take_start_s), default=None)
    if best is None or best.confidence < SURE or best.also_at_s:
        raise MediaError(
            tr("it does not fit the sound of {name}: they do not seem to hear the same.", name=film.name),
            file=recording,
            safe=tr("Nothing was changed."),
        )
    clock = TimeMap.line(best.take_start_s, best.song_at_start_s, best.rate)
    return BetterSound(reference(recording, there.duration_s, base), clock)
