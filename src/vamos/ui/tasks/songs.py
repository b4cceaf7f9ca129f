"""Listening to a song."""

from __future__ import annotations

from pathlib import Path

from vamos.core.edit.song import add_other_song
from vamos.core.model.song import Song
from vamos.ui.desk import Desk
from vamos.wording import words_of

tr = words_of(__name__)


def take_other_song(desk: Desk, path: Path) -> None:
    """Listen to another song and keep it beside the one danced to."""
    from vamos.core.make import open_song

    base = desk.session.base

    def found(song: Song) -> None:
        desk.do(
            tr("Another song"),
            lambda p: add_other_song(p, song),
            tr("{title} is kept beside this song; how it fits stands at Song, below", title=song.title),
        )

    desk.run(tr("Listening to another song"), lambda progress: open_song(path, base, progress), found)
