"""Edits of the words and sounds that are heard in the song."""

from __future__ import annotations

from dataclasses import replace

from vamos.core.dance.sung import same_words, sung_at
from vamos.core.edit.dance import set_facts
from vamos.core.edit.song import grid_of, move_the_one, song_of
from vamos.core.model.project import Project
from vamos.core.model.song import Sung
from vamos.core.time.counts import minutes_text, time_text
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

#: Words closer together than this are the same one, in seconds.
_SAME_S = 0.05


def set_sung(project: Project, song_s: float, words: str, instead_of: Sung | None = None) -> Project:
    """A word or sound at a second of the song; one that is there already, or ``instead_of``, gives way."""
    song = song_of(project)
    length = song.media.duration_s
    if length and song_s >= length:
        raise InputError(
            tr(
                "The song is {length} long; nothing is heard in it at {time}.",
                length=minutes_text(length),
                time=time_text(song_s),
            )
        )
    new = Sung(round(song_s, 3), " ".join(words.split()))
    kept = [s for s in song.sung if s != instead_of and abs(s.song_s - new.song_s) > _SAME_S]
    return _with(project, (*kept, new))


def clear_sung(project: Project, sung: Sung) -> Project:
    """The song without a word."""
    return _with(project, tuple(s for s in song_of(project).sung if s != sung))


def start_on(project: Project, sung: Sung) -> Project:
    """The dance starts on this word: the count nearest to it becomes the first count danced, and the card says so."""
    moved = move_the_one(project, int(sung_at(grid_of(project), sung).position))
    # What a project keeps is in no language of the window.
    return set_facts(moved, starts_on=f"“{sung.words}”")


def sung_called(project: Project, words: str) -> Sung:
    """The first word of the song that is called so; raises InputError where there is none."""
    song = song_of(project)
    found = next((s for s in song.sung if same_words(s.words, words)), None)
    if found is None:
        known = ", ".join(f"“{s.words}”" for s in song.sung)
        raise InputError(
            tr("The song has no word “{words}”. It has {known}.", words=words, known=known)
            if known
            else tr("No word of the song is written down yet.")
        )
    return found


def _with(project: Project, sung: tuple[Sung, ...]) -> Project:
    ordered = tuple(sorted(sung, key=lambda s: s.song_s))
    return replace(project, song=replace(song_of(project), sung=ordered))
