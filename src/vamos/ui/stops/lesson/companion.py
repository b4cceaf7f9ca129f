"""The filming companion: time to walk to one's place, the song from the right second with clicks before, and a log.

The camera is started by hand before; what is logged is when the song was heard, so that a take can be placed by it
even when nothing is heard in its film.
"""

from __future__ import annotations

import time
from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction
from math import floor

from PyQt6.QtCore import QTimer

from vamos.core.edit.filmed import log_take
from vamos.core.lesson.filming import LEAD_IN, ToFilm
from vamos.core.lesson.material import Piece
from vamos.core.model.filmed import FilmedTake
from vamos.core.render.clicks import Stroke
from vamos.core.time import TimeMap
from vamos.errors import InputError
from vamos.ui.desk import Desk
from vamos.ui.preview.playback import Playback
from vamos.ui.preview.sound_feed import ClickPlan
from vamos.wording import words_of

tr = words_of(__name__)

#: Seconds to walk from the computer to one's place.
WALK_S = 8
#: Counts of the song after what is danced.
_AFTER = 2


@dataclass(frozen=True, slots=True)
class Scene:
    """What is filmed: in words, from which second of the song to which, and the counts of the lead-in."""

    what: str
    start_s: float
    end_s: float
    lead: tuple[Fraction, ...]
    clock: TimeMap


class Companion:
    """One scene at a time: nothing, walking, playing."""

    def __init__(self, desk: Desk):
        self._desk = desk
        self.scene: Scene | None = None
        self.left_s = 0
        self._rolled = 0.0
        self.playback = Playback()
        self.playback.state_changed.connect(self._state)
        self.playback.fault.connect(desk.runner.fault)
        self._walking = QTimer()
        self._walking.setInterval(1000)
        self._walking.timeout.connect(self._nearer)

    @property
    def words(self) -> str:
        """What is going on, large enough to be read from afar."""
        if self.scene is None:
            return ""
        return tr("Starts in {left_s}", left_s=self.left_s) if self.left_s else tr("The song plays. Dance on count 1.")

    def film(self, scene: Scene) -> None:
        """The camera runs; one walks to one's place, then the song is heard."""
        if self.scene is not None:
            return
        if self._desk.preview.playback.sound is None:
            self._desk.tell(tr("The song is still being read, or its file is gone; try again in a moment."))
            return
        self.scene, self.left_s, self._rolled = scene, WALK_S, time.time()
        self._desk.scope.at_end(self, self.close)
        self._walking.start()
        self._desk.stale.emit()

    def stop(self) -> None:
        """Before the song is heard nothing is logged; after, what was danced until now."""
        if self.playback.playing:
            self.playback.stop()
            return
        self._walking.stop()
        self.scene, self.left_s = None, 0
        self._desk.stale.emit()

    def close(self) -> None:
        self._walking.stop()
        self.scene = None
        self.playback.stop()

    def _nearer(self) -> None:
        self.left_s -= 1
        if self.left_s <= 0 and self.scene is not None:
            self._walking.stop()
            self._play(self.scene)
        self._desk.stale.emit()

    def _play(self, scene: Scene) -> None:
        player, song = self.playback, self._desk.preview.playback
        player.sound, player.end_s = song.sound, max(song.end_s, scene.end_s)
        struck = ((at, Stroke.COUNT if k % 8 else Stroke.ONE) for k, at in enumerate(scene.lead))
        player.clicks = ClickPlan(tuple(struck), scene.clock)
        player.loop, player.once = (scene.start_s, scene.end_s), True
        player.play(scene.start_s)

    def _state(self, playing: bool) -> None:
        scene = self.scene
        if playing or scene is None:
            return
        now = time.time()
        long_s = max(0.0, min(self.playback.song_s, scene.end_s) - scene.start_s)
        heard = max(self._rolled, now - long_s)
        self.scene, self.left_s = None, 0
        entry = FilmedTake(scene.what, self._rolled, heard, scene.start_s, max(heard, now))
        self._desk.do(tr("Filmed"), lambda p: log_take(p, entry), tr("Logged: {what}. How was it?", what=scene.what))
        self._desk.stale.emit()


def scene_of(shot: ToFilm, pieces: Sequence[Piece], clock: TimeMap) -> Scene:
    """What is played for an entry of the shooting list. Raises InputError where it has no place in the song."""
    if shot.song_s is None:
        raise InputError(tr("This is not in the song yet, so there is nothing to play for it."))
    first = Fraction(round(float(clock.inverse()(shot.song_s))))
    long = sum(p.section.length for p in pieces if p.section.name in shot.sections)
    return _scene(f"{shot.view}: {shot.words().split(':')[0]}", first, first + LEAD_IN, first + LEAD_IN + long, clock)


def whole_scene(start: Fraction, end: Fraction, clock: TimeMap) -> Scene:
    """The whole dance, from a lead-in on where the song has one."""
    return _scene(tr("the whole dance"), start - LEAD_IN, start, end, clock)


def _scene(what: str, begin: Fraction, one: Fraction, end: Fraction, clock: TimeMap) -> Scene:
    start_s = max(0.0, float(clock(begin)))
    lead = [Fraction(k) for k in range(floor(begin), floor(one)) if float(clock(k)) >= start_s - 1e-6]
    return Scene(what, start_s, float(clock(end + _AFTER)), tuple(lead), clock)
