"""Watching: ties the song's clock to the page's playhead, the mirror and the floor clock."""

from __future__ import annotations

from bisect import bisect_right
from fractions import Fraction
from math import floor
from typing import TYPE_CHECKING

from PyQt6.QtCore import QObject

from vamos.core.dance.lines import Line, heading_at
from vamos.core.document.paths import locate
from vamos.core.media import proxy
from vamos.core.media.sound import Samples
from vamos.core.model.clip import Clip, Version
from vamos.core.model.take import Take, View, counts_to_take
from vamos.core.plan.line_pass import LinePass, views_of, watched
from vamos.core.render.clicks import counts_between
from vamos.core.render.compose import Stage
from vamos.core.render.overlays import shown_at
from vamos.core.render.sound import RATE
from vamos.core.render.words import Words
from vamos.core.time import count_text
from vamos.errors import VamosError
from vamos.ui.pictures import MirrorThread, Wanted, WantedFrame
from vamos.ui.playback import SPEEDS, ClickPlan, Playback
from vamos.ui.scene import Scene, kind_words, kinds_of, scene_of

if TYPE_CHECKING:
    from vamos.ui.window import Window


class Watching(QObject):
    """What is being watched: a view, a speed, looped or not, and the moment."""

    def __init__(self, window: Window):
        super().__init__()
        self._window = window
        self.playback = Playback()
        self.pictures = MirrorThread()
        self.view: View | None = None
        self.speed = Fraction(1)
        self.kind = Version()
        self.chosen_range = ""
        self.looping = False
        self._scene: Scene | None = None
        self._scene_key: tuple[object, ...] = ()
        self._watched: tuple[Scene, Fraction] | None = None
        self._asked: tuple[Scene, int] | None = None
        self.clicking = False
        self._words = Words(())
        self._found: dict[int, LinePass | None] = {}
        self._starts: list[Fraction] = []
        self.playback.ticked.connect(self._tick)
        self.playback.state_changed.connect(self._state)
        self.pictures.ready.connect(window.mirror.show_image)
        self.pictures.failed.connect(window.mirror.show_words)

    def project_changed(self) -> None:
        lines = self._window.session.lines
        self._words = Words(lines)
        self._starts = [line.start for line in lines]
        self._set_clicks()
        self._found.clear()
        self._scene_key = ()
        grid = self._grid()
        if grid is not None:
            self.playback.end_s = grid.time_map()(lines[-1].counts.end) if lines else 0.0
        else:
            self.playback.stop()
        self.show_place(self._window.page.position)

    def _grid(self):
        song = self._window.session.project.song
        return song.grid if song else None

    # --- place ---------------------------------------------------------------------------

    def line_at(self, position: Fraction | float) -> Line | None:
        index = bisect_right(self._starts, position) - 1
        lines = self._window.session.lines
        return lines[index] if 0 <= index < len(lines) else None

    def source(self, line: Line) -> LinePass | None:
        if line.number not in self._found:
            project = self._window.session.project
            found = watched(project, line, self.view) if self.view else None
            self._found[line.number] = found or watched(project, line)
        return self._found[line.number]

    def take_moment(self, name: str = "") -> tuple[Take, float] | None:
        """The take that shows the count the page stands on, and its second there; a named one, if it does.

        While a take lies on the slate, it is that one.
        """
        on_slate = self._window.slate.take() if self._window.slate_open else None
        if on_slate is not None:
            return on_slate, self._window.slate.take_s
        position, grid = self._window.page.position, self._grid()
        if grid is None:
            return None
        for take in self._window.session.project.takes if name else ():
            for the_pass in take.passes if take.name == name else ():
                take_s = counts_to_take(the_pass, grid)(position)
                if the_pass.take_range.start_s <= take_s < the_pass.take_range.end_s:
                    return take, take_s
        line = self.line_at(position)
        found = self.source(line) if line is not None else None
        return (found.take, counts_to_take(found.the_pass, grid)(position)) if found is not None else None

    def scene(self) -> Scene | None:
        """What the mirror plays at Cut and Pack: the clip of this line in the version wished; None elsewhere."""
        if self._watched is not None:
            return self._watched[0]
        window = self._window
        clip = window.current_clip() if window.route.stop in ("Cut", "Pack") else None
        grid = self._grid()
        if clip is None or grid is None:
            return None
        project = window.session.project
        key = (project, clip, self.kind, self.speed, window.session.base)
        if key != self._scene_key or self._scene is None:
            stage = Stage(grid, window.session.lines, project.output)
            self._scene = scene_of(
                project, window.session.base, stage, window.content.clips, clip, self.kind, self.speed
            )
            self._scene_key = key
        return self._scene

    def stop_changed(self) -> None:
        """Another stop shows the same moment in its own way."""
        self.playback.stop()
        self.playback.loop, self.playback.own_sound = None, None
        self.show_place(self._window.page.position)

    def show_place(self, position: Fraction | float) -> None:
        """Show a moment: floor clock, count and picture."""
        grid = self._grid()
        line = self.line_at(position)
        if grid is None or line is None:
            self._window.floor.show_place(None, "", 0)
            self._window.mirror.show_words("Here you will see the picture as your students see it.")
            return
        exact = Fraction(position).limit_denominator(48)
        part = self._words.part_at(exact)
        count = count_text(Fraction(floor(exact - line.start + line.first)))
        self._window.floor.show_place(line, f"{count} {part}".strip(), heading_at(line, exact - line.start))
        self._window.compare.show_position(position)
        scene = self.scene()
        frame = None
        if scene is not None and self.playback.playing:
            frame = scene.frame_at(self.playback.song_s)
        elif scene is not None:
            frame = scene.frame_of(Fraction(position))
        if scene is not None and frame is not None:
            # The clock ticks more often than the clip has frames.
            if (scene, frame) != self._asked or not self.playback.playing:
                self.pictures.ask(WantedFrame(scene, frame))
            self._asked = (scene, frame)
            return
        found = self.source(line)
        if found is None:
            self._window.mirror.show_words(self._no_picture(line))
            return
        overlay = self._window.session.project.output.overlay
        shown = shown_at(self._words, preview_clip(line, found), exact, overlay)
        try:
            path = locate(found.take.media, self._window.session.base)
            path = proxy.ready(found.take.media.fingerprint) or path
        except VamosError as error:
            self._window.mirror.show_words(str(error))
            return
        take_s = counts_to_take(found.the_pass, grid)(position)
        self.pictures.ask(Wanted(path, take_s, found.flip.flip, shown))

    def _no_picture(self, line: Line) -> str:
        if not self._window.session.project.takes:
            return "No takes yet. Space plays the song with its counts."
        return f"No take shows {line.title or 'this line'}. It is on the list of what to film."

    # --- hands ---------------------------------------------------------------------------

    def toggle(self) -> None:
        if self.playback.playing:
            self.playback.stop()
            return
        grid = self._grid()
        if grid is None:
            return
        position = self._window.page.position
        self._set_loop()
        scene = self.scene()
        start = max(0.0, grid.time_map()(position))
        if scene is not None:
            first, last = scene.song_range_s
            self._watched = (scene, position)
            start = start if first < start < last - 0.05 and position != scene.clip.counts.start else first
        self.playback.speed = self._clock_speed()
        self.playback.play(start)

    def _clock_speed(self) -> Fraction:
        """How fast the dance goes by: half as fast as the music in half-time."""
        scene = self.scene()
        return scene.version.picture_speed if scene is not None else self.speed

    def toggle_loop(self) -> None:
        self.looping = not self.looping
        self._set_loop()
        self._window.refresh_buttons()

    def toggle_clicks(self) -> None:
        """Clicks on the counts, or none; heard at once when playing."""
        self.clicking = not self.clicking
        self._set_clicks()
        if self.playback.playing:
            self.playback.play(self.playback.now())
        self._window.tell("Clicks on the counts." if self.clicking else "No clicks.")

    def _set_clicks(self) -> None:
        grid = self._grid()
        if not self.clicking or grid is None:
            self.playback.clicks = None
            return
        lines = self._window.session.lines
        counts = counts_between(lines, lines[0].start, lines[-1].counts.end) if lines else []
        self.playback.clicks = ClickPlan(tuple(counts), grid.time_map())

    def _set_loop(self) -> None:
        """What is played: at Cut the clip, once or round and round; else the line when it is looped, or the song."""
        playback, grid, line, scene = self.playback, self._grid(), self._window.current_line(), self.scene()
        playback.loop, playback.once, playback.own_sound = None, False, None
        if grid is None or line is None:
            return
        if scene is not None:
            song = playback.sound
            # Round and round goes what the clip is about, 8 into 1; its run-up is seen once.
            playback.loop, playback.once = scene.core_range_s if self.looping else scene.song_range_s, not self.looping
            playback.own_sound = lambda: _with_rate(scene.sound(song, self.clicking))
            playback.own_start_s = scene.song_range_s[0]
        elif self.looping:
            clock = grid.time_map()
            playback.loop = (max(0.0, clock(line.start)), clock(line.counts.end))

    def next_speed(self) -> None:
        index = SPEEDS.index(self.speed)
        self.speed = SPEEDS[(index + 1) % len(SPEEDS)]
        self._change()

    def next_kind(self) -> None:
        """Progress the clip in another kind of version: with counts, to progress, half-time, with another picture."""
        clip = self._window.current_clip()
        if clip is None:
            return
        kinds = kinds_of(self._window.content.clips, clip)
        index = kinds.index(self.kind) if self.kind in kinds else -1
        self.kind = kinds[(index + 1) % len(kinds)]
        self._window.tell(f"Version shown: {kind_words(self.kind)}.")
        self._change()

    def _change(self) -> None:
        """Another speed or version, at once and from the same moment."""
        at, playing, watched = self.playback.now(), self.playback.playing, self._watched
        self._watched = None
        scene = self.scene()
        if playing and watched is not None and scene is not None:
            self._watched = (scene, watched[1])
        self._set_loop()
        self.playback.speed = self._clock_speed()
        if playing:
            self.playback.play(at)
        else:
            self.show_place(self._window.page.position)
        self._window.refresh_buttons()

    def next_view(self) -> None:
        line = self._window.current_line()
        if line is None:
            return
        views = views_of(self._window.session.project, line)
        if not views:
            return
        now = self.source(line)
        index = views.index(now.view) if now is not None and now.view in views else -1
        self.choose_view(views[(index + 1) % len(views)])

    def choose_view(self, view: View) -> None:
        """Watch this view from now on, where it was filmed."""
        self.view = view
        self._found.clear()
        self.show_place(self._window.page.position)
        self._window.refresh_panel()
        self._window.refresh_buttons()

    def step(self, frames: int) -> None:
        """Go so many frames on (or back) and show that moment."""
        grid = self._grid()
        if grid is None:
            return
        self.playback.stop()
        clock = grid.time_map()
        rate = self._window.session.project.output.rate / float(self._clock_speed())
        at = clock(self._window.page.position) + frames / rate
        position = Fraction(clock.inverse()(max(0.0, at))).limit_denominator(960)
        self._window.page.position = position
        self._window.page.set_playhead(position)
        self.show_place(position)

    def _tick(self, song_s: float) -> None:
        grid = self._grid()
        if grid is None:
            return
        position = grid.time_map().inverse()(song_s)
        before = self._window.page.current
        # While a clip is watched the page stays on its line.
        self._window.page.set_playhead(position, follow=self._watched is None)
        self.show_place(position)
        if self._window.page.current != before:
            self._window.refresh_panel()

    def small_copy_ready(self, _key: str) -> None:
        """A film can be watched through its small copy from now on."""
        if not self.playback.playing:
            self._scene_key = ()

    def _state(self, playing: bool) -> None:
        (self._window.proxies.resting.set if playing else self._window.proxies.resting.clear)()
        if not playing and self._watched is not None:
            # Space shows the clip again, from where it was begun.
            _, began = self._watched
            self._watched = None
            self._window.page.set_playhead(None)
            self.show_place(began)
        elif not playing:
            grid = self._grid()
            if grid is not None:
                at = grid.time_map().inverse()(self.playback.song_s)
                line = self.line_at(at)
                if line is not None:
                    self._window.page.position = line.start + floor(Fraction(at).limit_denominator(48) - line.start)
        self._window.refresh_buttons()

    def close(self) -> None:
        self.playback.stop()
        self.pictures.close()


def _with_rate(samples: Samples | None) -> tuple[Samples, int] | None:
    return (samples, RATE) if samples is not None else None


def preview_clip(line: Line, found: LinePass) -> Clip:
    """The line as a clip, for drawing its overlay."""
    return Clip(
        "",
        line.title,
        line.number,
        line.counts,
        found.view,
        found.take.name,
        found.number,
        Fraction(0),
        Fraction(0),
        found.flip.flip,
        found.flip.label,
    )
