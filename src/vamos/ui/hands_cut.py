"""What the actions of the stop Cut do: edges, ranges of one's own, versions, passes side by side."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction
from typing import TYPE_CHECKING

from vamos.core.document import edits
from vamos.core.document.paths import locate
from vamos.core.media import proxy
from vamos.core.model.clip import Arrangement, Choice, Clip, NamedRange
from vamos.core.model.look import Lane, Numbering, Shape, Style
from vamos.core.model.take import Pass, Take, counts_to_take
from vamos.core.plan import decide
from vamos.core.plan.clips import sources_of
from vamos.core.plan.edges import snapped
from vamos.core.plan.flip import choose_flip
from vamos.core.time import TimeMap
from vamos.core.time.counts import minutes_text
from vamos.errors import VamosError
from vamos.ui.compare import MOST, Side

if TYPE_CHECKING:
    from vamos.ui.window import Window


class CutHands:
    """Part of :class:`vamos.ui.hands.Hands`."""

    _w: Window

    def _clip(self) -> Clip | None:
        clip = self._w.current_clip()
        if clip is None:
            self._w.tell("There is no clip here; go to a line of the dance that was filmed.")
        return clip

    # --- edges ---------------------------------------------------------------------------

    def edge_start(self) -> None:
        self._edge(True, self._w.page.position)

    def edge_end(self) -> None:
        self._edge(False, self._w.page.position)

    def drag_edge(self, start: bool, position: Fraction) -> None:
        """A bracket was let go on a count."""
        self._edge(start, position)

    def _edge(self, start: bool, position: Fraction) -> None:
        clip = self._clip()
        if clip is None:
            return
        at = snapped(float(position))
        self._w.session.do(
            "Edge of the clip",
            lambda p: decide.move_edge(p, clip, start=at if start else None, end=None if start else at),
        )

    def start_earlier(self) -> None:
        self._nudge(start=-1)

    def start_later(self) -> None:
        self._nudge(start=1)

    def end_earlier(self) -> None:
        self._nudge(end=-1)

    def end_later(self) -> None:
        self._nudge(end=1)

    def _nudge(self, start: int = 0, end: int = 0) -> None:
        clip = self._clip()
        if clip is not None:
            self._w.session.do("Nudge an edge", lambda p: decide.nudge_edge(p, clip, start, end))

    def leave_out(self) -> None:
        """This clip is not written; the panel offers to take it back."""
        clip = self._clip()
        if clip is not None:
            self._w.session.do("Leave a clip out", lambda p: edits.choose(p, Choice(clip.key, left_out=True)))

    # --- ranges --------------------------------------------------------------------------

    def add_range(self, wanted: NamedRange) -> None:
        """A clip of one's own; it is what the mirror shows from now on."""
        if self._w.session.do("A clip of your own", lambda p: decide.add_range(p, wanted.name, wanted.counts)):
            self.choose_range(self._w.session.project.ranges[-1].name)

    def choose_range(self, name: str) -> None:
        """Progress a clip of one's own, or (with no name) the clips of the lines again."""
        self._w.watching.chosen_range = name
        for wanted in self._w.session.project.ranges:
            if wanted.name == name:
                self._w.page.go_to_position(wanted.counts.start)
        self._w.watching.show_place(self._w.page.position)
        self._w.refresh_panel()
        self._w.refresh_buttons()

    def remove_range(self, name: str) -> None:
        self._w.watching.chosen_range = ""
        self._w.session.do("Take a clip away", lambda p: decide.remove_range(p, name))

    # --- versions and looks --------------------------------------------------------------

    def next_kind(self) -> None:
        self._w.watching.next_kind()

    def set_style(self, style: Style) -> None:
        self._overlay("Where the counts stand", style=style)

    def set_numbering(self, numbering: Numbering) -> None:
        self._overlay("How counts are said", numbering=numbering)

    def set_distance(self, metres: float) -> None:
        self._overlay("Read from", distance_m=metres)

    def _overlay(self, name: str, **changes: object) -> None:
        self._w.session.do(name, lambda p: decide.set_overlay(p, replace(p.output.overlay, **changes)))

    def toggle_lane(self, lane: Lane) -> None:
        self._w.session.do(f"Show {lane}", lambda p: decide.toggle_lane(p, lane))

    def set_shape(self, shape: Shape) -> None:
        self._w.session.do(
            "Shape of the picture", lambda p: decide.set_framing(p, replace(p.output.framing, shape=shape))
        )

    def toggle_follow(self) -> None:
        self._w.session.do(
            "Follow the dancer",
            lambda p: decide.set_framing(p, replace(p.output.framing, follow=not p.output.framing.follow)),
        )

    def toggle_arrangement(self, arrangement: Arrangement) -> None:
        self._w.session.do(f"Also {arrangement}", lambda p: decide.toggle_arrangement(p, arrangement))

    # --- side by side --------------------------------------------------------------------

    def compare(self) -> None:
        """The passes of this clip side by side; again goes back."""
        if self._w.compare_open:
            self._w.show_page()
            return
        clip, song = self._w.current_clip(), self._w.session.project.song
        sources = sources_of(self._w.session.project, clip) if clip is not None else ()
        if clip is None or song is None or song.grid is None or len(sources) < 2:
            self._w.tell("There is only one pass of this view. Press V for another view, or film it again to compare.")
            return
        now = [s for s in sources if (s.take.name, s.number) == (clip.take, clip.pass_number)]
        ordered = (now + [s for s in sources if s not in now])[:MOST]
        sides = []
        for source in ordered:
            shift = TimeMap.line(0.0, float(source.line.start - self._w.page_line_start(clip)))
            where = shift.then(counts_to_take(source.the_pass, song.grid))
            words = f"{source.take.name}, pass {source.number + 1}"
            words += f", wall {source.line.wall}" if source.line.wall is not None else ""
            words += f": {'; '.join(source.problems)}" if source.problems else ": no trouble seen"
            sides.append(
                self._side(
                    source.take,
                    where,
                    choose_flip(source.stretch).flip,
                    words,
                    self._chooser(clip.key, source.take.name, source.number),
                    source in now,
                )
            )
        found = [s for s in sides if s is not None]
        if found:
            self._w.show_compare(f"{clip.title}, {clip.view}: which pass?", found)

    def _chooser(self, key: str, take: str, number: int):
        return lambda: self.choose_pass(key, take, number)

    def _side(self, take: Take, where: TimeMap, flip: bool, words: str, choose, chosen: bool) -> Side | None:
        try:
            path = locate(take.media, self._w.session.base)
        except VamosError as error:
            self._w.tell(str(error))
            return None
        return Side(proxy.ready(take.media.fingerprint) or path, where, flip, words, choose, chosen)

    def compare_places(self, name: str, number: int) -> None:
        """Where a pass may lie as well, since the song repeats: the places side by side."""
        take = self._w.session.project.take(name)
        song = self._w.session.project.song
        if song is None or song.grid is None:
            return
        here = take.passes[number]
        start = here.take_range.start_s
        sides = [
            self._side(
                take, counts_to_take(here, song.grid), False, f"at {minutes_text(here.clock(start))}", lambda: None, True
            )
        ]
        for other, at in enumerate(here.also_at_song_s):
            moved: Pass = replace(here, clock=here.clock.shifted(at - here.clock(start)))
            words = f"at {minutes_text(max(0.0, at))} of the song"
            where = counts_to_take(moved, song.grid)
            sides.append(self._side(take, where, False, words, self._other(name, number, other), False))
        first = song.grid.time_map().inverse()(here.clock(start))
        self._w.page.go_to_position(snapped(first + 4))
        self._w.show_compare(f"{name}, pass {number + 1}: where is it?", [s for s in sides if s is not None])

    def _other(self, name: str, number: int, other: int):
        return lambda: self._w.session.do("The other place", lambda p: edits.use_other_place(p, name, number, other))
