"""One film of parts that follow each other: cards and clips in their versions, with chapters and sound."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from contextlib import ExitStack
from dataclasses import dataclass, replace
from fractions import Fraction
from functools import wraps
from pathlib import Path
from threading import Lock
from typing import Concatenate, ParamSpec, TypeVar

import numpy as np

from vamos.core.dance.lines import lines_of
from vamos.core.document.paths import locate
from vamos.core.media.sound import Samples, Sound
from vamos.core.model.clip import Clip, ClipSound, Version
from vamos.core.model.look import Framing, Shape
from vamos.core.model.project import Project
from vamos.core.model.song import Grid
from vamos.core.pack import manifest as mf
from vamos.core.pack.chapters import Chapter
from vamos.core.pack.rounds import counts_at, order_of, shown_at
from vamos.core.pack.rounds import sound_of as rounds_of_sound
from vamos.core.progress import Progress
from vamos.core.render.clip_sound import add_voice, told_of, version_sound
from vamos.core.render.clips import Written, small_grey
from vamos.core.render.compose import LONGEST, Composer, Reel, Stage, overlay_of, shape_size, wide_size
from vamos.core.render.encode import ClipWriter
from vamos.core.render.films import films_for, stage_of
from vamos.core.render.overlay_state import OverlayState
from vamos.core.render.overlays import planes_of
from vamos.core.render.sound import (
    PEAK_DBTP,
    RATE,
    TARGET_LUFS,
    Levelled,
    clip_sound,
    levelled,
    limited,
    loudness,
    read_song,
)
from vamos.core.render.sounds import RenderJob
from vamos.core.render.splice import SplicedComposer
from vamos.core.render.spoken import named_moves, sentence
from vamos.core.render.timing import ClipTiming
from vamos.core.time import FrameRate
from vamos.errors import InputError, MediaError, MissingError, VamosError
from vamos.wording import language, speaking, words_of

tr = words_of(__name__)

#: A loop needs a count before and after what is shown again.
_LEAST = Fraction(1)
#: Pictures a second, when nothing else is wished.
_RATE = 30

#: The song under the names of moves.
_UNDER = np.float32(0.5)

Piece = tuple[int, bool, np.ndarray]


@dataclass(frozen=True, slots=True)
class Part:
    """A card, or a clip in a version; with ``rounds`` its counts are gone through so often without a gap.

    ``spoken`` is said while a card stands, over the song of the ``under`` clip in its version; ``named``: a voice names
    each move of the clip on its count.
    """

    title: str
    words: str = ""
    seconds: float = 0.0
    clip: Clip | None = None
    version: Version = Version()
    rounds: int = 1
    spoken: str = ""
    named: bool = False
    under: tuple[Clip, Version] | None = None

    @property
    def filmed(self) -> Clip | None:
        """The clip with a little more than is shown, where it is gone through again."""
        if self.clip is None or self.rounds == 1:
            return self.clip
        return replace(self.clip, run_up=max(_LEAST, self.clip.run_up), run_out=_LEAST)

    def order(self, timing: ClipTiming) -> list[int]:
        """The frames of the clip as they follow each other."""
        if self.clip is None or self.rounds == 1:
            return list(range(timing.frames))
        return order_of(timing, self.clip.counts, self.rounds)


#: Parts under the title of their chapter.
Parts = Sequence[tuple[str, Sequence[Part]]]


class JoinedFilm:
    """Writes films of parts of one project; ``problems`` says what could not be shown."""

    def __init__(self, project: Project, base: Path | None, grid: Grid, song: Sound | None = None):
        output = project.output
        shape = output.framing.shape if output.framing.shape is not Shape.FILMED else Shape.WIDE
        output = replace(output, rate=output.rate or _RATE, framing=Framing(shape, output.framing.follow))
        self.project, self.base = replace(project, output=output), base
        self.stage: Stage = stage_of(self.project, base, grid, lines_of(grid, project.dance))
        self.rate = FrameRate.of(output.rate or _RATE)
        self.problems: list[str] = []
        self._song = song
        self._reading = Lock()

    def write(
        self, path: Path, parts: Parts, progress: Progress, title: str
    ) -> tuple[mf.ClipEntry, tuple[Chapter, ...]]:
        """Write the film; its entry for the manifest, and its chapters.

        Raises InputError when no part of it can be shown; ``problems`` says why.
        """
        size = self._size()
        reels: dict[Path, Reel] = {}
        self.read_song(progress.part(0, 0.05))
        joined = _Joined(self.rate)
        with ExitStack() as stack:
            stack.callback(_close, reels)
            flat = [(chapter, part) for chapter, several in parts for part in several]
            composers = [self._composer(part, size, reels, progress.part(0.05, 0.2)) for _, part in flat]
            if all(c is None for c in composers):
                raise InputError(
                    tr(
                        "{title} was not written: none of its films can be shown. {words}",
                        title=title,
                        words=" ".join(self.problems),
                    )
                )
            heard: dict[tuple[object, ...], Samples | None] = {}
            for (chapter, part), composer in zip(flat, composers, strict=True):
                key = (id(part.clip), part.version, part.rounds, part.spoken, part.named, part.seconds, part.under)
                if key not in heard:
                    heard[key] = self.sound_of(part, composer.timing if composer is not None else None)
                joined.add(chapter, part, composer, heard[key])
            matrix = next(c.matrix for c in composers if c is not None)
            heard.clear()
            sound = joined.sound()
            progress(0.3, tr.at_home("Writing {title}", title=title))
            writer = stack.enter_context(
                ClipWriter(path, *size, self.rate, matrix, sound.coded, joined.chapters(), self.project.output.quality)
            )
            proofs = self._pictures(writer, flat, composers, matrix, size, progress.part(0.3, 1.0), joined.frames)
        clip = next(part.clip for _, part in flat if part.clip is not None)
        entry = self._entry(
            replace(clip, title=title, problems=()), path, joined, proofs, size, matrix, round(sound.lufs, 2)
        )
        return entry, joined.chapters()

    def read_song(self, progress: Progress) -> None:
        """Have the song ready; raises MissingError or MediaError."""
        with self._reading:
            if self._song is None and self.project.song is not None:
                song = self.project.song
                self._song = read_song(locate(song.media, self.base), progress, song.used)

    def _size(self) -> tuple[int, int]:
        """One size for all: of the shape, as large as the largest film."""
        output = self.project.output
        if output.framing.shape in (Shape.UPRIGHT, Shape.SQUARE):
            return shape_size(output.framing.shape, output.longest_side)
        longest = 0
        for take in self.project.takes:
            try:
                reel = Reel(locate(take.media, self.base))
            except VamosError:
                continue
            longest = max(longest, *reel.size)
            reel.close()
        return wide_size(longest or LONGEST, output.longest_side)

    def _composer(
        self, part: Part, size: tuple[int, int], reels: dict[Path, Reel], progress: Progress
    ) -> Composer | SplicedComposer | None:
        clip = part.filmed
        if clip is None:
            return None
        try:
            films = films_for(self.project, self.base, clip, None, part.version, progress)
            if clip.pieces:
                return SplicedComposer(clip, films, part.version, self.stage, reels, size)
            return Composer(films, part.version, self.stage, reels, size)
        except (MissingError, MediaError) as error:
            self.problems.append(tr.at_home("{title}: not shown, {error}", title=part.title, error=error.outside()))
            return None

    def sound_of(self, part: Part, timing: ClipTiming | None) -> Samples | None:
        """What is heard with a part, as loud as every other; ``timing`` is that of its clip, if it shows one."""
        clip = part.filmed
        if part.spoken:
            said = sentence(part.spoken)
            if part.under is not None:
                return self._over_song(said, part.seconds, *part.under)
            return _as_loud(said) if said.any() else None
        if timing is None or clip is None:
            return None
        heard = part.version.sound if part.version.sound is not ClipSound.ROOM else ClipSound.CLICKS
        version = replace(part.version, sound=heard)
        overlay = overlay_of(part.version, self.stage.output.overlay)
        told = told_of(overlay, clip, self.stage.lines, self.project.output.mix)
        raw = version_sound(version, timing, told, self._song, None, np.zeros(timing.frames))
        if part.named:
            raw = self._with_names(raw, timing)
        if raw is None or not raw.any():
            return None
        return _as_loud(raw if part.rounds == 1 else rounds_of_sound(raw, timing, clip.counts, part.rounds))

    def _over_song(self, said: Samples, seconds: float, clip: Clip, version: Version) -> Samples | None:
        """Words, then as many seconds of the song as they have room for, from the clip's first count on."""
        timing = self.stage.timing(clip, version)
        heard = clip_sound(self._song, timing) if self._song is not None else None
        if heard is None or not heard.any():
            return _as_loud(said) if said.any() else None
        to_out = timing.counts_to_out()
        first, last = (round(float(to_out(at)) * RATE) for at in (clip.counts.start, clip.counts.end))
        once = heard[max(0, first) : last]
        frames = round(seconds * RATE)
        out = _as_loud(np.tile(once, (frames // max(1, len(once)) + 1, 1))[:frames])
        if said.any():
            words = _as_loud(said)[:frames]
            out[: len(words)] *= _UNDER
            out[: len(words)] += words
        return out

    def _with_names(self, raw: Samples | None, timing: ClipTiming) -> Samples:
        """A clip's sound, or silence, with each move named on its count."""
        names = np.zeros((round(timing.duration_s * RATE), 2), dtype=np.float32)
        edges, counts_to_out = timing.counts(), timing.counts_to_out()
        add_voice(names, RATE, named_moves(self.stage.lines, edges.start, edges.end), counts_to_out, language())
        return names if raw is None else names + _UNDER * raw

    def _pictures(
        self,
        writer: ClipWriter,
        flat: list[tuple[str, Part]],
        composers: list[Composer | SplicedComposer | None],
        matrix: str,
        size: tuple[int, int],
        progress: Progress,
        total: int,
    ) -> list[Piece]:
        proofs: list[Piece] = []
        for (_, part), composer in zip(flat, composers, strict=True):
            if composer is None:
                planes = planes_of(card_of(part), *size, matrix)
                for _ in range(frames_of(part, self.rate)):
                    writer.picture(*planes)
                continue
            order = part.order(composer.timing)
            middle = len(order) // 2
            for number, frame in enumerate(order):
                if number == middle:
                    flip = composer.flipped_at(frame)
                    proofs.append((writer.frames, flip, small_grey(composer.as_filmed(frame))))
                writer.picture(*composer.picture(frame))
                if number % 16 == 0:
                    progress(writer.frames / max(1, total), tr.at_home("Writing {title}", title=part.title))
        return proofs

    def _entry(
        self,
        clip: Clip,
        path: Path,
        joined: _Joined,
        proofs: list[Piece],
        size: tuple[int, int],
        matrix: str,
        lufs: float | None,
    ) -> mf.ClipEntry:
        job = RenderJob(clip, Version(), path, ())
        timing = replace(self.stage.timing(clip, Version()), first_frame=0, frames=joined.frames)
        whole = Written(
            job,
            timing,
            *size,
            matrix,
            tuple(joined.states),
            lufs,
            proofs[0][2],
            tuple((f, flip, p) for f, flip, p in proofs),
        )
        entry = mf.clip_entry(whole, path.parent)
        return replace(entry, counts=tuple(joined.counts))


def _as_loud(samples: Samples) -> Samples:
    """A part as loud as the others, its peaks held; all of them are levelled together in the end."""
    gain = np.float32(10 ** ((TARGET_LUFS - loudness(samples)) / 20))
    return limited(samples * gain, float(10 ** (PEAK_DBTP / 20)))


def _close(reels: dict[Path, Reel]) -> None:
    for reel in reels.values():
        reel.close()


def card_of(part: Part) -> OverlayState:
    """What stands on the card of a part."""
    return OverlayState("", card=(part.title, part.words))


def frames_of(part: Part, rate: FrameRate) -> int:
    """How many frames a card stands."""
    return max(1, round(part.seconds * float(rate.per_second)))


P = ParamSpec("P")
R = TypeVar("R")


def in_their_language(write: Callable[Concatenate[Project, P], R]) -> Callable[Concatenate[Project, P], R]:
    """What is written says its words in the language that students read."""

    @wraps(write)
    def run(project: Project, /, *args: P.args, **kwargs: P.kwargs) -> R:
        with speaking(project.output.language):
            return write(project, *args, **kwargs)

    return run


class _Joined:
    """Frames, states, counts, sound and chapters of parts that follow each other."""

    def __init__(self, rate: FrameRate):
        self.rate = rate
        self.frames = 0
        self.states: list[tuple[int, OverlayState]] = []
        self.counts: list[tuple[int, str]] = []
        self._sound: list[Samples] = []
        self._begins: list[tuple[float, str]] = []

    def add(self, title: str, part: Part, composer: Composer | SplicedComposer | None, sound: Samples | None) -> None:
        at = self.frames
        if not self._begins or self._begins[-1][1] != title:
            self._begins.append((self.rate.seconds(at), title))
        if composer is None:
            self.frames += frames_of(part, self.rate)
            self.states.append((at, card_of(part)))
        else:
            order, whole = part.order(composer.timing), mf.whole_counts(composer.timing, composer.states)
            self.frames += len(order)
            self.states += [(at + frame, state) for frame, state in shown_at(composer.states, order)]
            self.counts += [(at + frame, number) for frame, number in counts_at(whole, order)]
        first, last = (round(self.rate.seconds(n) * RATE) for n in (at, self.frames))
        piece = np.zeros((last - first, 2), dtype=np.float32)
        if sound is not None:
            piece[: len(sound)] = sound[: len(piece)]
        self._sound.append(piece)

    def sound(self) -> Levelled:
        """All of the sound: parts are as loud as each other, and joins have no peaks."""
        whole = np.concatenate(self._sound)
        # A lesson of 14 minutes is 320 MB: not twice.
        self._sound.clear()
        return levelled(whole)

    def chapters(self) -> tuple[Chapter, ...]:
        ends = [at for at, _ in self._begins[1:]] + [self.rate.seconds(self.frames)]
        return tuple((at, end, title) for (at, title), end in zip(self._begins, ends, strict=True) if end > at)
