"""The song itself, at Song: its title, and what is used of it."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

from vamos.core.edit import song as edit
from vamos.core.model.song import Song, Used
from vamos.core.time.counts import seconds_of, time_text
from vamos.errors import InputError
from vamos.ui.desk import Desk
from vamos.ui.parts.panel import Panel
from vamos.wording import words_of

tr = words_of(__name__)


def show_title(panel: Panel, desk: Desk, song: Song) -> None:
    """What the song is called where students read it."""
    panel.text(
        tr("Title"), song.title, lambda text: desk.do(tr("Title of the song"), lambda p: edit.set_title(p, text))
    )


def show_used(panel: Panel, desk: Desk, song: Song) -> None:
    """Fields for where the song begins and ends, and how long it fades."""
    used, length = song.used, song.media.duration_s
    panel.head(tr("What is used of the song"))
    panel.text(
        tr("Begins at"),
        time_text(used.start_s) if used.start_s else "",
        _changed(desk, lambda was, s: replace(was, start_s=s)),
        hint="0:00",
    )
    panel.text(
        tr("Ends at"),
        time_text(used.end_s) if used.end_s else "",
        _changed(desk, lambda was, s: replace(was, end_s=s)),
        hint=time_text(length),
    )
    panel.text(
        tr("Fade-out"),
        time_text(used.fade_s) if used.fade_s else "",
        _changed(desk, lambda was, s: replace(was, fade_s=s)),
        hint=tr("no fade"),
    )


def _changed(desk: Desk, put: Callable[[Used, float], Used]) -> Callable[[str], None]:
    def written(text: str) -> None:
        song = desk.project.song
        if song is None:
            return
        try:
            used = put(song.used, seconds_of(text) if text.strip() else 0.0)
        except InputError as error:
            desk.tell(error.what)
        else:
            desk.do(tr("What is used of the song"), lambda p: edit.set_used(p, used))
        desk.stale.emit()

    return written
