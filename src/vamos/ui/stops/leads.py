"""Where a stop that is done leads on to: the first stop further along that has something to do."""

from __future__ import annotations

from functools import partial

from vamos.ui.desk import Desk
from vamos.ui.stops.stop import MainAction
from vamos.wording import words_of

tr = words_of(__name__)


def lead_on(desk: Desk, here: str) -> MainAction | None:
    """The button that goes on from a stop; None where nothing is left to do."""
    words = {
        "Song": tr("On to the song"),
        "Dance": tr("On to the dance"),
        "Film": tr("On to the films"),
        "Cut": tr("On to the clips"),
        "Pack": tr("On to the pack"),
    }
    there = _next(desk, here)
    if there == here:
        return None
    return MainAction(words[there], partial(desk.go_to_stop, there))


def _next(desk: Desk, here: str) -> str:
    project = desk.project
    song = project.song
    if song is None or song.grid is None or not song.agreed:
        return "Song"
    if here == "Song" and not project.dance.sections:
        return "Dance"
    clips = desk.session.facts.clips
    if not clips or any(not take.looked_for_passes for take in project.takes):
        return "Film"
    return "Cut" if any(clip.asks for clip in clips) else "Pack"
