"""What is watched where the page stands: the line, its pass in the wished view, or its clip in a version."""

from __future__ import annotations

from bisect import bisect_right
from fractions import Fraction
from pathlib import Path
from typing import TYPE_CHECKING

from vamos.core.dance.lines import Line
from vamos.core.document.paths import locate
from vamos.core.media import proxy
from vamos.core.media.film_rate import USUAL, film_rate
from vamos.core.model.clip import Clip, Version
from vamos.core.model.song import Grid, MediaRef
from vamos.core.model.take import Take, View, counts_to_take
from vamos.core.open_document.facts import if_known
from vamos.core.plan.line_pass import LinePass
from vamos.core.time import FrameRate, TimeMap
from vamos.errors import VamosError
from vamos.ui.page.content import Content
from vamos.ui.page.view import PageView
from vamos.ui.work.scope import DocumentScope, OfDocument
from vamos.ui.work.session import Session

if TYPE_CHECKING:
    from vamos.ui.preview.clip_preview import Scene


class Watched:
    """Answers from the open document, the page's place and what is wished: view, speed, kind of version, range."""

    view = OfDocument[View | None](lambda: None)
    #: Whether the picture is seen the other way round than it will be written.
    turned = OfDocument(bool)
    #: The id of a take that was chosen to be looked at, where it shows a line.
    take = OfDocument(str)
    #: The id of a clip of one's own that is watched instead of that of the line.
    chosen_range = OfDocument(str)
    _scene = OfDocument["tuple[tuple[object, ...], Scene] | None"](lambda: None)
    _paths = OfDocument[dict[tuple[MediaRef, Path | None], Path | VamosError]](dict)
    _starts = OfDocument[tuple[object, list[float]]](lambda: (None, []))

    def __init__(self, session: Session, page: PageView, content: Content):
        self._session, self._page, self._content = session, page, content
        self.speed = Fraction(1)
        self.kind = Version()
        #: Whether the mirror plays clips here, with run-up and run-out, or the takes as they are.
        self.plays_clips = False

    @property
    def scope(self) -> DocumentScope:
        return self._session.scope

    @property
    def grid(self) -> Grid | None:
        return self._session.project.grid

    def look_again(self) -> None:
        """Files may be elsewhere by now."""
        self._paths.clear()

    # --- lines and passes ----------------------------------------------------------------

    def line_at(self, position: Fraction | float) -> Line | None:
        lines = self._session.lines
        if self._starts[0] is not lines:
            self._starts = (lines, [float(line.start) for line in lines])
        index = bisect_right(self._starts[1], float(position)) - 1
        return lines[index] if 0 <= index < len(lines) else None

    def line(self) -> Line | None:
        """The line the page stands on."""
        lines = self._session.lines
        return lines[self._page.current] if self._page.current < len(lines) else None

    def pass_of(self, line: Line) -> LinePass | None:
        return if_known(lambda: self._session.facts.pass_of(line, self.view, self.take), None)

    def pass_here(self) -> LinePass | None:
        """The pass that shows the line the page stands on."""
        line = self.line()
        return self.pass_of(line) if line is not None else None

    def take_moment(self, take_id: str = "") -> tuple[Take, float] | None:
        """The take that shows the count the page stands on, and its second there; a named one, if it does."""
        position, grid = self._page.position, self.grid
        if grid is None:
            return None
        for take in self._session.project.takes if take_id else ():
            for the_pass in take.passes if take.id == take_id else ():
                take_s = counts_to_take(the_pass, grid)(position)
                if the_pass.take_range.start_s <= take_s < the_pass.take_range.end_s:
                    return take, take_s
        line = self.line_at(position)
        found = self.pass_of(line) if line is not None else None
        return (found.take, counts_to_take(found.the_pass, grid)(position)) if found is not None else None

    def film_of(self, take: Take) -> Path:
        """The file a take is watched from: its small copy where there is one. Raises MissingError."""
        return proxy.ready(take.media.fingerprint) or self.path_of(take.media)

    def path_of(self, media: MediaRef) -> Path:
        """Where a file is; looked for once until something changes. Raises MissingError."""
        key = (media, self._session.base)
        if key not in self._paths:
            try:
                self._paths[key] = locate(media, self._session.base)
            except VamosError as error:
                self._paths[key] = error
        found = self._paths[key]
        if isinstance(found, VamosError):
            raise found
        return found

    # --- clips ---------------------------------------------------------------------------

    def clip(self) -> Clip | None:
        """The clip cut from the current line in the watched view, or the chosen one that covers it."""
        line = self.line()
        if line is None or not line.kind.danced:
            return None
        return if_known(lambda: self._clip_of(line), None)

    def _clip_of(self, line: Line) -> Clip | None:
        found = self.pass_of(line)
        view = found.view if found is not None else None
        facts = self._session.facts
        mine = [c for c in facts.clips if self.chosen_range and c.subject == self.chosen_range]
        mine = [c for c in mine if c.counts.start < line.counts.end and c.counts.end > line.start]
        if mine:
            return next((c for c in mine if c.view is view), mine[0])
        return next((c for c in facts.clips_of(line) if c.view is view), None)

    def rate(self) -> FrameRate:
        """Frames per second of what is watched: as clips are written, else as its film has."""
        wished = self._session.project.output.rate
        if wished is not None:
            return FrameRate.of(wished)
        found = self.pass_here()
        try:
            return film_rate(self.path_of(found.take.media)) if found is not None else USUAL
        except VamosError:
            return USUAL

    def scene(self) -> Scene | None:
        """What the mirror plays where clips are cut: the clip of this line in the wished version."""
        clip = self.clip() if self.plays_clips else None
        if clip is None or self.grid is None:
            return None
        project, base = self._session.project, self._session.base
        key = (project, clip, self.kind, self.speed, base)
        if self._scene is None or self._scene[0] != key:
            from vamos.core.render.films import stage_of
            from vamos.ui.preview.clip_preview import scene_of

            stage = stage_of(project, base, self.grid, self._session.lines)
            made = scene_of(project, base, stage, self._session.facts.clips, clip, self.kind, self.speed)
            self._scene = (key, made)
        return self._scene[1]

    def forget_scene(self) -> None:
        """Its films are others now."""
        self._scene = None

    def clock_of(self, found: LinePass) -> TimeMap:
        """Counts → seconds of the take of a pass."""
        assert self.grid is not None
        return counts_to_take(found.the_pass, self.grid)


def overlay_clip(line: Line, found: LinePass) -> Clip:
    """The line as a clip, for drawing what stands over its picture."""
    return Clip(
        key="",
        subject="",
        title=line.title,
        line=line.number,
        counts=line.counts,
        view=found.view,
        take=found.take.id,
        pass_number=found.number,
        run_up=Fraction(0),
        run_out=Fraction(0),
        flip=found.flip.flip,
        label=found.flip.label,
    )
