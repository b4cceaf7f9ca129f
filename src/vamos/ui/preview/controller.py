"""Ties the song's clock to the page's playhead and to the mirror."""

from __future__ import annotations

from fractions import Fraction
from functools import partial
from math import floor
from typing import TYPE_CHECKING

from PyQt6.QtCore import QObject, pyqtSignal

from vamos.core.dance.lines import Line, heading_at
from vamos.core.model.take import View
from vamos.core.open_document.facts import if_known
from vamos.core.render.clicks import clicks_of
from vamos.core.render.overlay_state import OverlayState
from vamos.core.render.words import Words
from vamos.core.time import TimeMap, count_text
from vamos.errors import VamosError
from vamos.ui.page.content import Content
from vamos.ui.page.view import PageView
from vamos.ui.preview.mirror import Mirror
from vamos.ui.preview.pictures import PictureWorker, Wanted, WantedFrame
from vamos.ui.preview.playback import SPEEDS, Playback
from vamos.ui.preview.sound_feed import ClickPlan, ClipSource, Source
from vamos.ui.preview.watched import Watched, overlay_clip
from vamos.ui.work.session import Session
from vamos.wording import words_of

if TYPE_CHECKING:
    from vamos.ui.preview.clip_preview import Scene

tr = words_of(__name__)

#: Counts are shown to a forty-eighth.
_GRAIN = 48


class Preview(QObject):
    """What is seen and heard: looped or not, with clicks or not, and the moment."""

    #: Something about it changed that buttons show.
    state_changed = pyqtSignal()
    #: Playing has come to another line.
    line_changed = pyqtSignal()
    position_shown = pyqtSignal(float)
    playing_changed = pyqtSignal(bool)
    said = pyqtSignal(str)

    def __init__(self, session: Session, page: PageView, content: Content, mirror: Mirror):
        super().__init__()
        self._session, self._page, self._content, self._mirror = session, page, content, mirror
        self.watched = Watched(session, page, content)
        self.playback = Playback()
        self.pictures = PictureWorker()
        self.looping = False
        self.clicking = False
        #: The clip being played, and where it was begun.
        self._playing: tuple[Scene, Fraction] | None = None
        self._asked: object = None
        self._words = Words(())
        self._clock: tuple[TimeMap, TimeMap] | None = None
        self.playback.ticked.connect(self._tick)
        self.playback.state_changed.connect(self._state)
        self.pictures.ready.connect(mirror.show_image)
        self.pictures.refused.connect(mirror.show_words)

    def project_changed(self) -> None:
        lines, grid = self._session.lines, self.watched.grid
        self.watched.look_again()
        clock = grid.time_map() if grid is not None else None
        if clock is None:
            self._clock = None
            self.playback.stop()
        elif self._clock is None or self._clock[0] is not clock:
            self._clock = (clock, clock.inverse())
        if clock is not None:
            self.playback.end_s = clock(lines[-1].counts.end) if lines else 0.0
        self._asked = None
        line = self.watched.line_at(self._page.position)
        if line is None or clock is None:
            self.show_place(self._page.position)
        else:
            # The picture follows when it is known which pass shows the line.
            self._show_count(line, self._page.position)

    def follow(self) -> None:
        """All that follows from the project has been worked out."""
        self._words = self._session.facts.words
        self._set_clicks()
        self.show_place(self._page.position)

    # --- the moment ----------------------------------------------------------------------

    def scene(self) -> Scene | None:
        """The clip that is played, or would be."""
        return self._playing[0] if self._playing is not None else self.watched.scene()

    def stop_changed(self) -> None:
        """Another stop shows the same moment in its own way."""
        self.playback.stop()
        self.playback.loop, self.playback.own_sound = None, None
        self.watched.take = ""
        self.show_place(self._page.position)

    def show_place(self, position: Fraction | float) -> None:
        """Show a moment: count, facing and picture."""
        line = self.watched.line_at(position)
        if self._clock is None or line is None:
            self._mirror.floor.show_place(None, "", 0)
            self._mirror.show_words(tr("Here you will see the picture as your students see it."))
            return
        exact = Fraction(position) if isinstance(position, Fraction) else Fraction(round(position * _GRAIN), _GRAIN)
        self._show_count(line, exact)
        self.position_shown.emit(float(position))
        if not self._mirror.picture.isHidden():
            self._show_picture(line, position, exact)

    def _show_count(self, line: Line, exact: Fraction) -> None:
        count = count_text(Fraction(floor(exact - line.start + line.first)))
        part = self._words.part_at(exact)
        self._mirror.floor.show_place(line, f"{count} {part}".strip(), heading_at(line, exact - line.start))

    def _show_picture(self, line: Line, position: Fraction | float, exact: Fraction) -> None:
        scene = self.scene()
        frame = None
        if scene is not None:
            playing = self.playback.playing
            frame = scene.frame_at(self.playback.song_s) if playing else scene.frame_of(Fraction(position))
        if scene is not None and frame is not None:
            # The clock ticks more often than the clip has frames.
            if (scene, frame) != self._asked:
                self._asked = (scene, frame)
                self.pictures.ask(WantedFrame(scene, frame))
            return
        found = self.watched.pass_of(line)
        if found is None:
            self._asked = None
            self._mirror.show_words(self._no_picture(line))
            return
        try:
            path = self.watched.film_of(found.take)
        except VamosError as error:
            self._asked = None
            self._mirror.show_words(str(error))
            return
        from vamos.core.render.overlays import shown_at

        shown: OverlayState = shown_at(
            self._words, overlay_clip(line, found), exact, self._session.project.output.overlay
        )
        wanted = Wanted(path, self.watched.clock_of(found)(position), found.flip.flip != self.watched.turned, shown)
        if wanted != self._asked:
            self._asked = wanted
            self.pictures.ask(wanted)

    def _no_picture(self, line: Line) -> str:
        if not self._session.project.takes:
            return tr("No takes yet. Space plays the song with its counts.")
        return tr("No take shows {number}. It is on the list of what to film.", number=line.title or tr("this line"))

    # --- hands ---------------------------------------------------------------------------

    def toggle(self) -> None:
        if self.playback.playing:
            self.playback.stop()
            return
        if self._clock is None:
            self.said.emit(tr("There is nothing to play yet. Add a song first."))
            return
        position = self._page.position
        self._set_loop()
        scene = self.watched.scene()
        start = max(0.0, self._clock[0](position))
        if scene is not None:
            first, last = scene.song_range_s
            start = max(0.0, scene.counts_to_song(position))
            self._playing = (scene, position)
            start = start if first < start < last - 0.05 and position != scene.clip.counts.start else first
        self.playback.speed = self._clock_speed()
        self.playback.play(start)

    def _clock_speed(self) -> Fraction:
        """How fast the song is heard."""
        scene = self.scene()
        return scene.version.speed if scene is not None else self.watched.speed

    def toggle_loop(self) -> None:
        self.looping = not self.looping
        self._set_loop()
        if self.playback.playing:
            self.playback.play(self.playback.now())
        self.state_changed.emit()

    def toggle_clicks(self) -> None:
        """Clicks on the counts, or none; heard at once when playing."""
        self.clicking = not self.clicking
        self._set_clicks()
        if self.playback.playing:
            self.playback.play(self.playback.now())
        self.said.emit(tr("Clicks on the counts.") if self.clicking else tr("No clicks."))

    def _set_clicks(self) -> None:
        lines = self._session.lines
        if not self.clicking or self._clock is None or not lines:
            self.playback.clicks = None
            return
        counts = clicks_of(self._session.project.song, lines)
        self.playback.clicks = ClickPlan(tuple(counts), self._clock[0])

    def _set_loop(self) -> None:
        """What is played: at Cut the clip, once or round and round; else the line when it is looped, or the song."""
        playback, line, scene = self.playback, self.watched.line(), self.scene()
        playback.loop, playback.once, playback.own_sound = None, False, None
        if self._clock is None or line is None:
            return
        if scene is not None:
            song, clicks, shown = playback.sound, self.clicking, scene

            def own() -> Source | None:
                from vamos.core.render.sound import RATE

                samples = shown.sound(song, clicks)
                start = shown.song_range_s[0]
                return ClipSource(samples, RATE, shown.version.speed, start) if samples is not None else None

            # Round and round goes what the clip is about, 8 into 1; its run-up is seen once.
            playback.loop, playback.once = scene.core_range_s if self.looping else scene.song_range_s, not self.looping
            playback.own_sound = own
        elif self.looping:
            clock = self._clock[0]
            playback.loop = (max(0.0, clock(line.start)), clock(line.counts.end))

    def next_speed(self) -> None:
        index = SPEEDS.index(self.watched.speed)
        self.watched.speed = SPEEDS[(index + 1) % len(SPEEDS)]
        self._change()

    def next_kind(self) -> None:
        """Show the clip in another kind of version: with counts, to watch, half-time, with another picture."""
        clip = self.watched.clip()
        if clip is None:
            self.said.emit(tr("There is no clip here to show in another version."))
            return
        from vamos.ui.preview.clip_preview import kind_words, kinds_of

        kinds = kinds_of(self._session.facts.clips, clip)
        index = kinds.index(self.watched.kind) if self.watched.kind in kinds else -1
        self.watched.kind = kinds[(index + 1) % len(kinds)]
        self.said.emit(tr("Version shown: {kind}.", kind=kind_words(self.watched.kind)))
        self._change()

    def _change(self) -> None:
        """Another speed or version, at once and from the same moment."""
        at, playing, before = self.playback.now(), self.playback.playing, self._playing
        self._playing = None
        scene = self.watched.scene()
        if playing and before is not None and scene is not None:
            # The same count, which another version may hear at another second of the song.
            at = scene.counts_to_song(before[0].song_to_counts(at))
            self._playing = (scene, before[1])
        self._set_loop()
        self.playback.speed = self._clock_speed()
        if playing:
            self.playback.play(at)
        else:
            self.show_place(self._page.position)
        self.state_changed.emit()

    def next_view(self) -> None:
        line = self.watched.line()
        views: tuple[View, ...] = ()
        if line is not None:
            views = if_known(partial(self._session.facts.views_of, line), views)
        if line is None or not views:
            self.said.emit(tr("This line was not filmed yet."))
            return
        now = self.watched.pass_of(line)
        index = views.index(now.view) if now is not None and now.view in views else -1
        self.choose_view(views[(index + 1) % len(views)])

    @property
    def has_picture(self) -> bool:
        """Whether a picture is to be seen."""
        return self._mirror.picture.isVisible()

    def turn_round(self) -> None:
        """See the picture the other way round, or as it will be written again."""
        self.watched.turned = not self.watched.turned
        self.show_place(self._page.position)
        self.state_changed.emit()

    def choose_view(self, view: View) -> None:
        """Watch this view from now on, where it was filmed."""
        self.watched.view, self.watched.take = view, ""
        self.show_place(self._page.position)
        self.state_changed.emit()

    def choose_take(self, take_id: str) -> None:
        """Watch this take from now on, where it shows the line; with no id, what the view gives."""
        if self.watched.take != take_id:
            self.watched.take = take_id
            self.show_place(self._page.position)
            self.state_changed.emit()

    def choose_range(self, range_id: str) -> None:
        """Watch a clip of one's own, or (with no id) the clips of the lines again."""
        self.watched.chosen_range = range_id
        wanted = next((r for r in self._session.project.ranges if r.id == range_id), None)
        if wanted is not None:
            self._page.go_to_position(wanted.counts.start)
        self.show_place(self._page.position)
        self.state_changed.emit()

    def step(self, frames: int) -> None:
        """Go so many frames on (or back) and show that moment."""
        if self._clock is None:
            return
        self.playback.stop()
        scene = self.scene()
        clock, back = self._clock if scene is None else (scene.counts_to_song, scene.song_to_counts)
        rate = float(self.watched.rate().per_second) / float(self._clock_speed())
        at = min(max(0.0, clock(self._page.position) + frames / rate), self.playback.end_s)
        position = Fraction(back(at)).limit_denominator(960)
        self._page.position = position
        self._page.set_playhead(position)
        self.show_place(position)

    def small_copy_ready(self, _key: str) -> None:
        """A film can be watched through its small copy from now on."""
        if not self.playback.playing:
            self.watched.forget_scene()

    # --- the clock -----------------------------------------------------------------------

    def _tick(self, song_s: float) -> None:
        if self._clock is None:
            return
        scene = self._playing[0] if self._playing is not None else None
        position = self._clock[1](song_s) if scene is None else scene.song_to_counts(song_s)
        before = self._page.current
        # While a clip is watched the page stays on its line.
        self._page.set_playhead(position, follow=self._playing is None)
        self.show_place(position)
        if self._page.current != before:
            self.line_changed.emit()

    def _state(self, playing: bool) -> None:
        self.playing_changed.emit(playing)
        if not playing and self._playing is not None:
            # Space shows the clip again, from where it was begun.
            _, began = self._playing
            self._playing = None
            self._page.set_playhead(None)
            self.show_place(began)
        elif not playing and self._clock is not None:
            at = Fraction(self._clock[1](self.playback.song_s)).limit_denominator(_GRAIN)
            line = self.watched.line_at(at)
            if line is not None:
                self._page.position = line.start + floor(at - line.start)
        self.state_changed.emit()

    def close(self) -> None:
        self.playback.stop()
        self.pictures.close()
