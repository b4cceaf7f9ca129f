"""A step of a lesson as its film will show it, picture by picture and second by second, before anything is written."""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Sequence
from contextlib import suppress
from dataclasses import dataclass, field, replace
from fractions import Fraction
from functools import cached_property

import numpy as np

from vamos.core.media.sound import Samples
from vamos.core.model.look import Framing
from vamos.core.pack.joined_film import JoinedFilm, Part, card_of, frames_of
from vamos.core.pack.lesson_film import LessonParts
from vamos.core.progress import Progress
from vamos.core.render.compose import Composer, Stage, Yuv, wide_size
from vamos.core.render.films import films_for
from vamos.core.render.overlays import planes_of
from vamos.core.render.sound import RATE
from vamos.core.render.splice import SplicedComposer
from vamos.core.render.timing import ClipTiming
from vamos.errors import InputError, VamosError
from vamos.wording import speaking, words_of

tr = words_of(__name__)


class CardPictures:
    """A card as something that makes frames."""

    matrix = "709"

    def __init__(self, part: Part, side: int):
        self._planes: Yuv = planes_of(card_of(part), *wide_size(side, side), self.matrix)

    def picture(self, _frame: int) -> Yuv:
        return self._planes

    def close(self) -> None:
        """Nothing is open."""


@dataclass(frozen=True, eq=False)
class LivePart:
    """A card or a clip of a step. Two are the same only when they are one object."""

    film: JoinedFilm
    part: Part
    side: int

    @cached_property
    def timing(self) -> ClipTiming | None:
        return self.film.stage.timing(self.part.clip, self.part.version) if self.part.clip is not None else None

    @property
    def seconds(self) -> float:
        rate = self.film.rate
        return rate.seconds(frames_of(self.part, rate)) if self.timing is None else self.timing.duration_s

    @property
    def frames(self) -> int:
        return 1 if self.timing is None else self.timing.frames

    def frame_at(self, second: float) -> int:
        """The frame on show so many seconds after the part began."""
        if self.timing is None:
            return 0
        return min(self.frames - 1, max(0, int(second * self.frames / self.seconds + 1e-6)))

    def composer(self, progress: Progress) -> Composer | SplicedComposer | CardPictures:
        """What makes its frames, in the shape its film has; raises MissingError or MediaError."""
        clip, version = self.part.clip, self.part.version
        if clip is None:
            return CardPictures(self.part, self.side)
        output = replace(self.film.stage.output, framing=Framing(), longest_side=self.side)
        stage: Stage = replace(self.film.stage, output=output)
        project = replace(self.film.project, output=output)
        films = films_for(project, self.film.base, clip, None, version, progress, small=True, at_once=True)
        if clip.pieces:
            return SplicedComposer(clip, films, version, stage)
        return Composer(films, version, stage)

    @cached_property
    def sound(self) -> Samples:
        """What is heard with it, as long as it is."""
        out = np.zeros((round(self.seconds * RATE), 2), dtype=np.float32)
        with speaking(self.film.project.output.language):
            made = self.film.sound_of(self.part, self.timing)
        if made is not None:
            out[: len(made)] = made[: len(out)]
        return out


@dataclass
class LiveStep:
    """The parts of a step in order; a source of its sound, which is made as far as it is asked for."""

    title: str
    parts: Sequence[LivePart]
    rate: int = RATE
    speed: Fraction = Fraction(1)
    starts: list[float] = field(init=False)
    seconds: float = field(init=False)

    def __post_init__(self) -> None:
        ends = np.cumsum([0.0, *(p.seconds for p in self.parts)])
        self.starts, self.seconds = [float(x) for x in ends[:-1]], float(ends[-1])

    def at(self, second: float) -> tuple[LivePart, int]:
        """The part on show at a second of the step, and its frame."""
        number = max(0, bisect_right(self.starts, second) - 1)
        return self.parts[number], self.parts[number].frame_at(second - self.starts[number])

    def part(self, start_s: float, end_s: float) -> Samples:
        """The sound between two seconds of the step."""
        first, last = max(0, round(start_s * RATE)), round(min(end_s, self.seconds) * RATE)
        out = np.zeros((max(0, last - first), 2), dtype=np.float32)
        for begins, part in zip(self.starts, self.parts, strict=True):
            at = round(begins * RATE)
            if at >= last or at + round(part.seconds * RATE) <= first:
                continue
            sound = part.sound
            a, b = max(first, at), min(last, at + len(sound))
            out[a - first : b - first] = sound[a - at : b - at]
        return out


def live_step(shown: LessonParts, key: str, side: int, progress: Progress) -> LiveStep:
    """A step of the plan by its key, its pictures at most ``side`` pixels long.

    Raises InputError when no clip shows it; without its song it is silent where the song would be heard.
    """
    step = next((s for s in shown.plan.steps if s.key == key), None)
    with speaking(shown.project.output.language):
        parts = list(shown.of_step(step)) if step is not None else []
    if step is None or not parts:
        raise InputError(tr("This step is no longer in the plan."))
    if step.speeds and not any(p.clip is not None for p in parts):
        raise InputError(tr("No clip shows this step. What is missing stands under “What to film”."))
    # Without the song it is watched all the same; that it is gone is said at Song.
    with suppress(VamosError):
        shown.film.read_song(progress)
    made: dict[tuple[object, ...], LivePart] = {}
    for part in parts:
        key_of = (id(part.clip), part.version, part.title, part.words, part.named)
        made.setdefault(key_of, LivePart(shown.film, part, side))
    found = [made[id(p.clip), p.version, p.title, p.words, p.named] for p in parts]
    return LiveStep(step.title, found)
