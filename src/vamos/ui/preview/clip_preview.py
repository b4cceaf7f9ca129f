"""A clip in one version as the mirror plays it before it is written: frames and sound of the export's own code."""

from __future__ import annotations

from dataclasses import dataclass, replace
from fractions import Fraction
from functools import cached_property
from pathlib import Path

import numpy as np

from vamos.core.document.heard import heard_of
from vamos.core.media.sound import Samples, Sound
from vamos.core.model.clip import Arrangement, Clip, ClipSound, Look, Version
from vamos.core.model.project import Project
from vamos.core.model.take import counts_to_take
from vamos.core.plan.versions import clip_in, partner_of
from vamos.core.progress import Progress
from vamos.core.render.clicks import add_clicks, clicks_between
from vamos.core.render.clip_sound import room_of, told_of, version_sound
from vamos.core.render.compose import Composer, Stage, overlay_of, wanted_frame
from vamos.core.render.films import films_for
from vamos.core.render.sound import RATE
from vamos.core.render.timing import ClipTiming
from vamos.core.time import TimeMap
from vamos.errors import MissingError
from vamos.ui.preview.sizes import PREVIEW_SIDE
from vamos.wording import words_of

tr = words_of(__name__)


@dataclass(frozen=True, eq=False)
class Scene:
    """One clip in one version. Two scenes are the same only when they are one object."""

    project: Project
    base: Path | None
    clip: Clip
    partner: Clip | None
    version: Version
    stage: Stage

    @cached_property
    def timing(self) -> ClipTiming:
        return self.stage.timing(self.clip, self.version)

    @property
    def frames(self) -> int:
        return self.timing.frames

    @property
    def song_range_s(self) -> tuple[float, float]:
        """The seconds of the song from the clip's first frame to its end."""
        timing = self.timing
        return timing.song_start_s, timing.song_end_s

    @property
    def core_range_s(self) -> tuple[float, float]:
        """The seconds of the song of what the clip is about, within what it shows, for looping it."""
        first, last = self.song_range_s
        core, to_song = self.clip.counts, self.counts_to_song
        start, end = max(first, to_song(core.start)), min(last, to_song(core.end))
        return (start, end) if end - start > 0.2 else (first, last)

    @cached_property
    def counts_to_song(self) -> TimeMap:
        """Counts of the dance → seconds of the song heard with them; in half-time and double time not the page's."""
        return self.timing.counts_to_slow.then(TimeMap.line(0.0, 0.0, float(self.version.speed)))

    @cached_property
    def song_to_counts(self) -> TimeMap:
        return self.counts_to_song.inverse()

    def frame_at(self, song_s: float) -> int | None:
        """The frame on show when the song stands at a second; None outside of the clip."""
        timing = self.timing
        frame = wanted_frame(timing, song_s, self.version.speed)
        return frame if 0 <= frame < timing.frames else None

    def frame_of(self, position: Fraction) -> int | None:
        """The frame from which a count shows; None outside of the clip."""
        frame = self.timing.frame_of(position)
        return frame if 0 <= frame < self.timing.frames else None

    def composer(self, progress: Progress) -> Composer:
        """What makes its frames; raises MissingError or MediaError."""
        films = films_for(self.project, self.base, self.clip, self.partner, self.version, progress, small=True)
        return Composer(films, self.version, self.stage)

    def sound(self, song: Sound | None, clicks: bool = False) -> Samples | None:
        """What is heard with it, ``(frames, 2)`` at ``RATE``, as in the export but for its level and added clicks."""
        take = self.project.take(self.clip.take)
        timing = self.timing
        times = timing.take_times(counts_to_take(take.passes[self.clip.pass_number], self.stage.grid))
        room = None
        mix = self.stage.output.mix
        if mix.hears_room(self.version.sound):
            try:
                room, times = room_of(heard_of(take, self.base), times)
            except MissingError:
                # The mirror says that the film is gone.
                if self.version.sound is ClipSound.ROOM:
                    return None
        overlay = overlay_of(self.version, self.stage.output.overlay)
        told = told_of(overlay, self.clip, self.stage.lines, mix)
        samples = version_sound(self.version, timing, told, song, room, times)
        if clicks and samples is not None:
            samples = np.float32(0.7) * samples
            edges = timing.counts()
            add_clicks(samples, RATE, clicks_between(self.stage.lines, edges.start, edges.end), timing.counts_to_out())
        return samples


def scene_of(
    project: Project,
    base: Path | None,
    stage: Stage,
    clips: tuple[Clip, ...],
    clip: Clip,
    kind: Version,
    speed: Fraction,
) -> Scene:
    """The scene of a clip in a kind of version at a speed; an arrangement nobody filmed falls back to one picture."""
    version = replace(kind, speed=speed, sound=project.output.sound, as_filmed=kind.as_filmed and clip.flip)
    partner = partner_of(clip, clips, version.arrangement)
    if partner is None:
        version = replace(version, arrangement=Arrangement.ONE)
    small = replace(
        stage, output=replace(stage.output, longest_side=min(PREVIEW_SIDE, stage.output.longest_side or PREVIEW_SIDE))
    )
    return Scene(project, base, clip_in(version, clip), partner, version, small)


def kinds_of(clips: tuple[Clip, ...], clip: Clip) -> tuple[Version, ...]:
    """The kinds of version a clip can be watched in, with counts first."""
    found = [Version(), Version(look=Look.PLAIN), Version(half_time=True), Version(double_time=True)]
    found += [Version(as_filmed=True)] if clip.flip else []
    found += [Version(arrangement=a) for a in Arrangement if partner_of(clip, clips, a) is not None]
    return tuple(found)


def kind_words(kind: Version) -> str:
    """A kind of version in a few words."""
    if kind.half_time:
        return tr("half-time")
    if kind.double_time:
        return tr("double time")
    if kind.as_filmed:
        return tr("as filmed")
    return tr(kind.look if kind.arrangement is Arrangement.ONE else kind.arrangement)
