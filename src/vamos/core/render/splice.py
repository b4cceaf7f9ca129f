"""A clip of several pieces, each from its own film, under one overlay and one sound."""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Sequence
from dataclasses import replace
from fractions import Fraction
from pathlib import Path

import numpy as np

from vamos.core.media.frames import Planes
from vamos.core.model.clip import Clip, Version
from vamos.core.render.compose import Composer, Film, Reel, Stage, Yuv, in_spots
from vamos.core.render.overlay_state import OverlayState
from vamos.core.render.overlays import schedule
from vamos.core.render.quiet import Places
from vamos.core.render.words import Words
from vamos.core.time.timemap import Floats
from vamos.wording import speaking


def clips_of_pieces(clip: Clip) -> tuple[Clip, ...]:
    """Each piece as a clip of its own; the first has the run-up, the last the run-out."""
    last = len(clip.pieces) - 1
    return tuple(
        replace(
            clip,
            counts=p.counts,
            take=p.take,
            pass_number=p.pass_number,
            view=p.view,
            flip=p.flip,
            label=p.label,
            run_up=clip.run_up if k == 0 else Fraction(0),
            run_out=clip.run_out if k == last else Fraction(0),
            pieces=(),
        )
        for k, p in enumerate(clip.pieces)
    )


class SplicedComposer:
    """Makes any output frame of a clip of pieces; like :class:`Composer`, with the size of its longest piece."""

    def __init__(
        self,
        clip: Clip,
        films: Sequence[Film],
        version: Version,
        stage: Stage,
        reels: dict[Path, Reel] | None = None,
        fit: tuple[int, int] | None = None,
    ):
        # All pieces run at the rate of the longest one.
        rate = stage.rate(clip)
        stage = replace(stage, film_rate=lambda _take: rate, paced_from=clip.counts.start)
        self.clip, self.version, self.stage = clip, version, stage
        self.timing = stage.timing(clip, version)
        self._reels = reels if reels is not None else {}
        self._own = reels is None
        main = max(range(len(films)), key=lambda k: films[k].clip.counts.length)
        try:
            first = Composer([films[main]], version, stage, self._reels, fit)
            fit = first.size
            self._parts = [
                first if k == main else Composer([film], version, stage, self._reels, fit)
                for k, film in enumerate(films)
            ]
        except BaseException:
            self.close()
            raise
        self.overlay, self.matrix, self.size = first.overlay, first.matrix, fit
        self._firsts = [p.timing.first_frame - self.timing.first_frame for p in self._parts]
        ends = [*self._firsts[1:], self.timing.frames]
        self.picks: list[Floats] = [np.arange(self.timing.frames, dtype=float)]
        with speaking(stage.output.language):
            states = schedule(Words(stage.lines, stage.names), clip, self.timing, self.overlay, version.look)
        # Count and words stand in one place through all pieces.
        dancers = [replace(d, state=np.zeros(0, np.intp)) for part in self._parts for d in part.layout.dancers]
        found = Places([state for _, state in states], fit).quietest(dancers) if dancers else None
        self.covered = round(found.touched, 3) if found is not None else 0.0
        self.states = in_spots(states, found.spots if found is not None else None)
        self._starts = [frame for frame, _ in self.states]
        #: (middle frame, whether it is flipped) of each piece, to check the sides against.
        begin, over = (self.timing.frame_of(at) for at in (clip.filmed.start, clip.filmed.end))
        self.middles = tuple(
            ((max(a, begin) + min(b, over)) // 2, film.clip.flip)
            for a, b, film in zip(self._firsts, ends, films, strict=True)
        )

    def __enter__(self) -> SplicedComposer:
        return self

    def __exit__(self, *_: object) -> None:
        self.close()

    def close(self) -> None:
        if self._own:
            for reel in self._reels.values():
                reel.close()
            self._reels.clear()

    def shown(self, frame: int) -> OverlayState:
        return self.states[max(0, bisect_right(self._starts, frame) - 1)][1]

    def picture(self, frame: int) -> Yuv:
        part, at = self._part(frame)
        return part.picture(at, self.shown(frame))

    def as_filmed(self, frame: int) -> Planes:
        part, at = self._part(frame)
        return part.as_filmed(at)

    def flipped_at(self, frame: int) -> bool:
        """Whether the piece on show at a frame is flipped."""
        return self._part(frame)[0].clip.flip

    def _part(self, frame: int) -> tuple[Composer, int]:
        """The piece on show at a frame, and its own frame there."""
        number = max(0, bisect_right(self._firsts, frame) - 1)
        part = self._parts[number]
        return part, min(max(0, frame - self._firsts[number]), part.timing.frames - 1)
