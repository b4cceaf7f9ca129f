"""A picture of each film of a pack as students will get it, made beside the window when its card is seen."""

from __future__ import annotations

from dataclasses import dataclass, field, replace
from fractions import Fraction
from pathlib import Path

from PyQt6.QtCore import QObject, pyqtSignal
from PyQt6.QtGui import QImage

from vamos.core.dance.lines import lines_of
from vamos.core.document.paths import locate
from vamos.core.model.clip import Arrangement, Clip, Look, Version
from vamos.core.model.look import Framing, Style
from vamos.core.model.project import Project
from vamos.core.render.compose import Composer, Film
from vamos.core.render.films import stage_of
from vamos.core.render.splice import clips_of_pieces
from vamos.ui.preview.pictures import to_image
from vamos.ui.work.worker import ListWorker

#: The longest side of a picture, and the count of the clip it shows.
SIDE, COUNT = 320, Fraction(2)


@dataclass(frozen=True, slots=True)
class Still:
    """A picture that is wished for; two are the same where they would look alike."""

    key: tuple[object, ...]
    project: Project = field(compare=False)
    base: Path | None = field(compare=False)
    clip: Clip = field(compare=False)
    version: Version = field(compare=False)


def still_of(project: Project, base: Path | None, clip: Clip, version: Version) -> Still:
    """The picture of a clip; whole, where a cut-out would first have to look for the dancer for a while."""
    clip = clips_of_pieces(clip)[0] if clip.pieces else clip
    # Two side by side are shown by the first.
    version = replace(version, arrangement=Arrangement.ONE)
    take, output = project.take(clip.take), project.output
    look = (output.overlay, output.language, version.look is Look.PLAIN, version.shows, version.pace)
    passes = take.passes[clip.pass_number].id
    key = (take.media.fingerprint, passes, clip.counts, clip.run_up, clip.flip, clip.label, clip.title, look)
    return Still(key, project, base, clip, version)


class Stills(QObject):
    """Says when there is another picture."""

    ready = pyqtSignal()
    fault = pyqtSignal(str)

    def __init__(self) -> None:
        super().__init__()
        self._images: dict[Still, QImage] = {}
        self._worker = ListWorker("stills", _made)
        self._worker.ready.connect(self._keep)
        self._worker.fault.connect(self.fault)

    def of(self, still: Still) -> QImage | None:
        """The picture; None while it is made, and where there is none."""
        found = self._images.get(still)
        if found is None:
            self._worker.ask(still)
        return found

    def close(self) -> None:
        self._worker.close()
        self.blockSignals(True)

    def _keep(self, still: Still, image: QImage) -> None:
        self._images[still] = image
        self.ready.emit()


def _made(still: Still) -> QImage | None:
    project, clip = still.project, still.clip
    grid = project.grid
    if grid is None:
        return None
    overlay = replace(project.output.overlay, style=Style.CORNER)
    output = replace(project.output, longest_side=SIDE, framing=Framing(), overlay=overlay)
    stage = stage_of(replace(project, output=output), still.base, grid, lines_of(grid, project.dance))
    take = project.take(clip.take)
    film = Film(locate(take.media, still.base), take.passes[clip.pass_number], clip)
    with Composer((film,), still.version, stage) as composer:
        at = composer.timing.frame_of(clip.counts.start + min(COUNT, clip.counts.length / 2))
        frame = min(max(0, at), composer.timing.frames - 1)
        return to_image(*composer.picture(frame), composer.matrix)
