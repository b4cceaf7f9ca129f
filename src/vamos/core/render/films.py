"""The films a version is made of: where they are, and how what is in them moves when that is needed."""

from __future__ import annotations

from functools import cache
from pathlib import Path

from vamos.core.dance.lines import Line, lines_of
from vamos.core.dance.short_words import short_names
from vamos.core.dance.who import danced_by
from vamos.core.document.heard import heard_of
from vamos.core.document.paths import locate
from vamos.core.media import proxy
from vamos.core.media.film_rate import USUAL, film_rate
from vamos.core.media.motion import Motion, motion_of
from vamos.core.media.probe import probe
from vamos.core.model.clip import Arrangement, Clip, ClipSound, Look, Version
from vamos.core.model.look import Shape, Style
from vamos.core.model.project import Output, Project
from vamos.core.model.song import Grid
from vamos.core.model.take import View
from vamos.core.progress import Progress, quiet
from vamos.core.render.compose import Film, Stage
from vamos.core.render.splice import clips_of_pieces
from vamos.core.time import FrameRate
from vamos.errors import VamosError


def stage_of(project: Project, base: Path | None, grid: Grid, lines: tuple[Line, ...]) -> Stage:
    """What all clips of a project share; rates are those of its films, words those of the role that is wished."""
    if project.output.role:
        lines = lines_of(grid, danced_by(project.dance, project.output.role))
    media = {take.id: take.media for take in project.takes}

    @cache
    def rate(take: str) -> FrameRate:
        try:
            return film_rate(locate(media[take], base))
        except VamosError:
            return USUAL

    return Stage(grid, lines, project.output, rate, names=short_names(project.dance))


def rates_of(project: Project, base: Path | None) -> dict[str, FrameRate]:
    """Frames per second of each take that can be found, by its name."""
    found = {}
    for take in project.takes:
        try:
            found[take.name] = film_rate(locate(take.media, base))
        except VamosError:
            continue
    return found


def needs_motion(output: Output, clip: Clip, version: Version) -> bool:
    """Whether the picture is cut around the dancer, or plates reach to where feet are."""
    framing = output.framing
    cut = framing.follow or framing.shape is not Shape.FILMED or version.arrangement is not Arrangement.ONE
    low = output.overlay.style is not Style.CORNER or clip.view is View.FEET
    return cut or (low and version.look is Look.DO)


def films_for(
    project: Project,
    base: Path | None,
    clip: Clip,
    partner: Clip | None,
    version: Version,
    progress: Progress | None = None,
    small: bool = False,
    at_once: bool = False,
) -> tuple[Film, ...]:
    """The film of a clip, and that of its partner in an arrangement; raises MissingError or MediaError.

    ``small`` takes small copies where there are any, for watching; ``at_once``: nothing is searched for movement.
    """
    if clip.pieces:
        return _films_of_pieces(project, base, clip, version, progress or quiet(), small, at_once)
    clips = (clip,) if partner is None or version.arrangement is Arrangement.ONE else (clip, partner)
    moved = needs_motion(project.output, clip, version) and not at_once
    hears = version.sound is ClipSound.ROOM
    return tuple(_film(project, base, c, moved, progress or quiet(), small, hears) for c in clips)


def _films_of_pieces(
    project: Project, base: Path | None, clip: Clip, version: Version, progress: Progress, small: bool, at_once: bool
) -> tuple[Film, ...]:
    """The films of a clip of pieces; one of another shape than the longest piece is cut around the dancer."""
    clips = clips_of_pieces(clip)
    always = needs_motion(project.output, clip, version)
    shapes = [_aspect(locate(project.take(c.take).media, base)) for c in clips]
    main = max(range(len(clips)), key=lambda k: clips[k].counts.length)
    return tuple(
        _film(project, base, c, not at_once and (always or abs(shape / shapes[main] - 1) > 0.01), progress, small)
        for c, shape in zip(clips, shapes, strict=True)
    )


def _aspect(path: Path) -> float:
    found = probe(path)
    return found.width / max(1, found.height)


def _film(
    project: Project, base: Path | None, clip: Clip, moved: bool, progress: Progress, small: bool, hears: bool = False
) -> Film:
    take = project.take(clip.take)
    path = locate(take.media, base)
    motion: Motion | None = None
    if moved:
        motion = motion_of(path, take.media.fingerprint, take.media.duration_s, progress)
    if small:
        path = proxy.ready(take.media.fingerprint) or path
    heard = heard_of(take, base) if take.better is not None and hears else None
    return Film(path, take.passes[clip.pass_number], clip, motion, heard)
