"""Composing the frames of one version of a clip: the film's part, flipped, other films beside it, the counts.

The preview and the export make their frames here, so that what is seen is what is written.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, field, replace
from fractions import Fraction
from functools import cached_property, partial
from math import ceil
from pathlib import Path
from types import TracebackType

import numpy as np

from vamos.core.dance.lines import Line
from vamos.core.document.heard import Heard
from vamos.core.media.film_rate import USUAL
from vamos.core.media.frames import (
    FrameReader,
    Planes,
    frame_times,
    matrix_of,
    mirrored,
    pick_frames,
    shown_size,
    yuv_planes,
)
from vamos.core.media.motion import Motion
from vamos.core.model.clip import Arrangement, Clip, ClipSound, Look, Version
from vamos.core.model.look import Lane, Numbering, Overlay, Shape
from vamos.core.model.project import Output
from vamos.core.model.song import Grid
from vamos.core.model.take import Pass, View, counts_to_take
from vamos.core.plan.flip import label_words
from vamos.core.render import corner, framing
from vamos.core.render.corner import BARS, even
from vamos.core.render.framing import Wish, still
from vamos.core.render.layout import ALL, Labels, Layout, Part, lay_out
from vamos.core.render.overlay_state import OverlayState
from vamos.core.render.overlays import draw_on_yuv, schedule, softened
from vamos.core.render.plates import plates
from vamos.core.render.quiet import Indices, Places, covered
from vamos.core.render.spots import Area, Spots
from vamos.core.render.timing import ClipTiming, clip_timing, even_grid
from vamos.core.render.words import Words
from vamos.core.time import FrameRate, TimeMap
from vamos.core.time.timemap import Floats
from vamos.wording import speaking

Yuv = tuple[Planes, Planes, Planes]


@dataclass(frozen=True, slots=True)
class Film:
    """One film in a version: where it is, which pass, flipped or not; motion when the picture follows it; where it is
    heard when not in the film itself.
    """

    path: Path
    the_pass: Pass
    clip: Clip
    motion: Motion | None = None
    heard: Heard | None = None


def _usual_rate(_take: str) -> FrameRate:
    return USUAL


@dataclass(frozen=True, slots=True)
class Stage:
    """What all clips of a project share."""

    grid: Grid
    lines: tuple[Line, ...]
    output: Output
    #: The rate of the film of a take, by its id.
    film_rate: Callable[[str], FrameRate] = _usual_rate
    #: In half-time and double time, the count that stands on its own beat of the song: for pieces the whole clip's.
    paced_from: Fraction | None = None
    #: Short words that stand over the picture, by what they stand for.
    names: Mapping[str, str] = field(default_factory=dict)

    def rate(self, clip: Clip) -> FrameRate:
        """Frames per second of a clip: as wished, else as its film has."""
        return FrameRate.of(self.output.rate) if self.output.rate is not None else self.film_rate(clip.take)

    def timing(self, clip: Clip, version: Version) -> ClipTiming:
        """When things happen in a version; on an even beat when that is wished and the song is not heard.

        A slowed version shows the frames of the one at full speed, each for longer; where editors want one rate for
        all, some of them twice.
        """
        even = self.output.even and version.sound is not ClipSound.SONG
        grid = even_grid(self.grid) if even else self.grid
        stands = clip.counts.start if self.paced_from is None else self.paced_from
        paced = (stands, version.pace) if version.pace != 1 else None
        own, slow = self.rate(clip), version.picture_speed
        rate = own if self.output.rate is not None else FrameRate(own.per_second * slow)
        first, last = (round(n * rate.per_second / (own.per_second * slow)) for n in clip.nudge)
        return clip_timing(grid, clip.shown, version.speed, rate, (first, last), paced)

    def take_times(self, film: Film, clip: Clip, timing: ClipTiming) -> Floats:
        """The take second wanted at each output frame of a clip; another film shows its own wall in step."""
        offset = film.clip.counts.start - clip.counts.start
        shifted = TimeMap.line(0.0, float(offset))
        return timing.take_times(shifted.then(counts_to_take(film.the_pass, self.grid)))


class Reel:
    """One film being read; pictures asked for twice in a row are made once."""

    def __init__(self, path: Path):
        self.path = path
        # Renders keep the other cores busy themselves.
        self.reader = FrameReader(path, threads=1)
        try:
            first = self.reader.nearest(0.0)
        except BaseException:
            self.reader.close()
            raise
        self.size = shown_size(first)
        self.matrix = matrix_of(first)
        self._key: tuple[object, ...] = ()
        self._planes: Yuv | None = None

    def planes(self, take_s: float, crop: framing.Crop, width: int, height: int) -> Yuv:
        """The part of the picture at a moment, as Y, U, V of a size; not to be written into."""
        key = (take_s, crop, width, height)
        if key != self._key or self._planes is None:
            self._key = key
            self._planes = _cropped(self.reader, take_s, crop, width, height)
        return self._planes

    def close(self) -> None:
        self.reader.close()


class Composer:
    """Makes any output frame of a version. Use as a context manager, or give it reels to share.

    ``fit`` is the size of the output where other films decide it: the picture is scaled into it, with bars where its
    sides are others. Raises MediaError when a film cannot be read.
    """

    def __init__(
        self,
        films: Sequence[Film],
        version: Version,
        stage: Stage,
        reels: dict[Path, Reel] | None = None,
        fit: tuple[int, int] | None = None,
    ):
        self.films, self.version, self.stage, self._fit = films, version, stage, fit
        self.clip = films[0].clip
        self.timing = stage.timing(self.clip, version)
        self._reels = reels if reels is not None else {}
        self._own = reels is None
        self.overlay = overlay_of(version, stage.output.overlay)
        with speaking(stage.output.language):
            states = schedule(Words(stage.lines, stage.names), self.clip, self.timing, self.overlay, version.look)
        try:
            self.picks = [self._picks(film) for film in films]
            self.sizes = self._sizes()
            self.matrix = self.reel(films[0]).matrix
            self.layout = self._layout(states)
        except BaseException:
            self.close()
            raise
        self.states = in_spots(states, self.layout.spots)
        self._starts = [frame for frame, _ in self.states]

    def __enter__(self) -> Composer:
        return self

    def __exit__(
        self, kind: type[BaseException] | None, error: BaseException | None, trace: TracebackType | None
    ) -> None:
        self.close()

    def close(self) -> None:
        if self._own:
            for reel in self._reels.values():
                reel.close()
            self._reels.clear()

    @property
    def covered(self) -> float:
        """For which share of the clip plates cover the dancer, as far as that is known."""
        return round(self.layout.touched, 3)

    def reel(self, film: Film) -> Reel:
        if film.path not in self._reels:
            self._reels[film.path] = Reel(film.path)
        return self._reels[film.path]

    @property
    def size(self) -> tuple[int, int]:
        """Width and height of the output."""
        width, height = self.sizes[0]
        if self.version.arrangement is not Arrangement.BESIDE:
            return width, height
        return (width, 2 * height) if self._stacked else (2 * width, height)

    @property
    def _stacked(self) -> bool:
        """In an upright picture two stand one above the other."""
        return (self.stage.output.framing.shape.aspect or 1.0) < 1

    def take_times(self, film: Film) -> Floats:
        """The take second wanted at each output frame."""
        return self.stage.take_times(film, self.clip, self.timing)

    def _picks(self, film: Film) -> Floats:
        wanted = self.take_times(film)
        source = frame_times(film.path, float(wanted[0]), float(wanted[-1]))
        return source[pick_frames(source, wanted)] if len(source) else wanted

    def _layout(self, states: Sequence[tuple[int, OverlayState]]) -> Layout:
        beside = self.version.arrangement is Arrangement.BESIDE
        seam = ("y" if self._stacked else "x") if beside else ""
        areas = halves(self._stacked) if beside else (ALL,)
        # A smaller picture in the corner is not moved; it only takes its place.
        shown = self.films if beside else self.films[:1]
        starts = np.array([frame for frame, _ in states])

        def state_at(number: int, take_s: Floats) -> Indices:
            frames = np.searchsorted(self.picks[number], take_s)
            return np.maximum(0, np.searchsorted(starts, frames, side="right") - 1)

        parts = [
            Part(self._wish(k), film.motion, self._seconds(k), film.clip.flip, area, partial(state_at, k))
            for k, (film, area) in enumerate(zip(shown, areas, strict=False))
        ]
        labels = self._labels(areas)
        inset = [corner.area(self._corner, *self.sizes)] if len(self.films) > len(shown) else []
        one = len(parts) == 1 and not inset
        # Of a film of feet, the label may cover what is above them.
        weight = 0.1 if self.clip.view is View.FEET else 2.0
        taken = [*inset, *([] if one else labels)]
        return lay_out(
            parts, Places([s for _, s in states], self.size, seam, taken), Labels(tuple(labels), one, weight)
        )

    def _seconds(self, number: int) -> tuple[float, float]:
        picks = self.picks[number]
        return float(picks[0]), float(picks[-1])

    def _wish(self, number: int) -> Wish | None:
        """How a film is cut; None where all of it is shown."""
        film, (wide, high) = self.films[number], self.sizes[number]
        width, height = self.reel(film).size
        framing = self.stage.output.framing
        follow = framing.follow or self.version.arrangement is Arrangement.BESIDE
        if abs(wide * height / (high * width) - 1) < 0.01 and not follow:
            return None
        return Wish(wide / high, width / height, *self._seconds(number), follow or self._fit is not None)

    def _labels(self, areas: Sequence[Area]) -> list[Area]:
        """Where the labels stand, which keep their places."""
        if Lane.LABEL not in self.stage.output.overlay.lanes:
            return []
        found = []
        for film, area, (wide, high) in zip(self.films, areas, self.sizes, strict=False):
            banner = max((c.title for c in film.clip.cards if not c.full), key=len, default="")
            with speaking(self.stage.output.language):
                label = label_words(film.clip.label)
            for plate in plates(OverlayState("", label=label, banner=banner), wide, high):
                h, w = plate.pixels.shape[:2]
                inside = Area(plate.x / wide, plate.y / high, (plate.x + w) / wide, (plate.y + h) / high)
                found.append(inside.within(area))
        return found

    def _sizes(self) -> list[tuple[int, int]]:
        """The size of each film's part in the output: one for all clips of a shape, whatever is cut from films."""
        if self._fit is not None:
            return [self._fit]
        films = [self.reel(film).size for film in self.films]
        shape, longest = self.stage.output.framing.shape, self.stage.output.longest_side
        beside = self.version.arrangement is Arrangement.BESIDE
        if shape in _ONE_SIZE:
            whole = shape_size(shape, longest)
        elif beside or shape is Shape.WIDE:
            whole = wide_size(max(films[0]), longest)
        else:
            whole = picture_size(*films[0], longest or LONGEST)
        if beside:
            return [(whole[0], even(whole[1] / 2)) if self._stacked else (even(whole[0] / 2), whole[1])] * 2
        return [whole] if len(films) == 1 else [whole, corner.size(whole, films[1])]

    # --- frames --------------------------------------------------------------------------

    def shown(self, frame: int) -> OverlayState:
        index = int(np.searchsorted(self._starts, frame, side="right")) - 1
        return self.states[max(0, index)][1]

    def picture(self, frame: int, shown: OverlayState | None = None) -> Yuv:
        """Y, U, V of an output frame; ``shown`` stands over it instead of what this clip would show."""
        y, u, v = self._arranged(frame, flipped=True)
        if self.version.look is Look.PLAIN:
            softened(y, u, v)
        shown = shown or self.shown(frame)
        if self.version.arrangement is Arrangement.BESIDE:
            # Section and wall stand below the label of the first picture.
            shown = replace(shown, place="")
        draw_on_yuv(y, u, v, shown, self.matrix)
        return y, u, v

    @property
    def middles(self) -> tuple[tuple[int, bool], ...]:
        """(frame, whether it is flipped) to check the side against, where cards take a part of the clip."""
        if self.clip.filmed == self.clip.shown:
            return ()
        first, last = (self.timing.frame_of(at) for at in (self.clip.filmed.start, self.clip.filmed.end))
        return (((max(0, first) + min(last, self.timing.frames)) // 2, self.clip.flip),)

    def flipped_at(self, _frame: int) -> bool:
        """Whether the film is flipped."""
        return self.clip.flip

    def as_filmed(self, frame: int) -> Planes:
        """The luma without counts; a single picture before any flip, to check the flip against."""
        return self._arranged(frame, flipped=self.version.arrangement is not Arrangement.ONE)[0]

    def _arranged(self, frame: int, flipped: bool) -> Yuv:
        main = self._part(0, frame, flipped)
        if self.version.arrangement is Arrangement.BESIDE and len(self.films) > 1:
            other = self._part(1, frame, flipped)
            if flipped:
                place = self.shown(frame).place
                for part, film, words in ((main, self.films[0], place), (other, self.films[1], "")):
                    draw_on_yuv(*part, OverlayState("", label=label_words(film.clip.label), place=words), self.matrix)
            axis = 0 if self._stacked else 1
            joined = [np.concatenate(pair, axis=axis) for pair in zip(main, other, strict=True)]
            return joined[0], joined[1], joined[2]
        if self.version.arrangement is Arrangement.FEET and len(self.films) > 1:
            corner.put(main, self._part(1, frame, flipped), self._corner)
        return main

    def _part(self, number: int, frame: int, flipped: bool) -> Yuv:
        film, take_s = self.films[number], float(self.picks[number][frame])
        crop = self.layout.paths[number].crop_at(take_s) if number < len(self.layout.paths) else framing.WHOLE
        y, u, v = self.reel(film).planes(take_s, crop, *self.sizes[number])
        if film.clip.flip and flipped:
            return mirrored(y), mirrored(u), mirrored(v)
        return y.copy(), u.copy(), v.copy()

    @cached_property
    def _corner(self) -> tuple[int, int]:
        """Where the smaller picture stands."""
        film, places = self.films[0], corner.places(*self.sizes)
        body = film.motion.body(*self._seconds(0)) if film.motion is not None and self._wish(0) is None else None
        if body is None:
            return places[0]
        dancer = covered(body, still(framing.WHOLE), film.clip.flip, ALL)
        return corner.quietest(places, dancer, *self.sizes)


#: Two pictures side by side are each half as wide: plates are drawn as for this distance at most.
_BESIDE_M = 1.4


def overlay_of(version: Version, wished: Overlay) -> Overlay:
    """What stands over a version: in half-time and double time counted as it is danced; beside each other, smaller."""
    # There the music's numbers would mislead.
    overlay = replace(wished, numbering=Numbering.SHEET) if version.pace != 1 else wished
    if version.shows is not None:
        overlay = replace(overlay, lanes=version.shows.lanes, style=version.shows.style or overlay.style)
    # Each half says itself what it is; the feet stand where the clock would.
    away = {Arrangement.BESIDE: Lane.LABEL, Arrangement.FEET: Lane.CLOCK}.get(version.arrangement)
    overlay = replace(overlay, lanes=tuple(x for x in overlay.lanes if x is not away))
    if version.arrangement is Arrangement.BESIDE:
        overlay = replace(overlay, distance_m=min(_BESIDE_M, overlay.distance_m))
    return overlay


#: The longest side of a clip, when nothing else is wished.
LONGEST = 1920
#: Shapes whose clips all have one size; its shorter side.
_ONE_SIZE, _SHORT = (Shape.UPRIGHT, Shape.SQUARE), 1080


def shape_size(shape: Shape, longest: int | None) -> tuple[int, int]:
    """Width and height of all clips of a shape: 1080 × 1920, 1080 × 1080, or with a longest side as wished."""
    aspect = shape.aspect or 1.0
    high = longest if longest is not None else round(_SHORT / aspect)
    return even(high * aspect + 0.5), even(high)


def wide_size(longest_of_film: int, longest: int | None) -> tuple[int, int]:
    """Width and height of a wide picture, as wide as its film is long, never more than wished."""
    wide = min(longest_of_film, longest or LONGEST)
    return even(wide), even(wide * 9 / 16 + 0.5)


def halves(stacked: bool) -> tuple[Area, Area]:
    """Where two pictures in one frame stand."""
    if stacked:
        return Area(0.0, 0.0, 1.0, 0.5), Area(0.0, 0.5, 1.0, 1.0)
    return Area(0.0, 0.0, 0.5, 1.0), Area(0.5, 0.0, 1.0, 1.0)


def in_spots(states: Sequence[tuple[int, OverlayState]], spots: Spots | None) -> list[tuple[int, OverlayState]]:
    """The states of a clip with their plates in places of its own."""
    return [(frame, replace(state, spots=spots)) for frame, state in states]


def picture_size(width: float, height: float, longest: int) -> tuple[int, int]:
    """Even size with the longest side at most ``longest``, never larger than the source."""
    scale = min(1.0, longest / max(width, height))
    return max(2, round(width * scale / 2) * 2), max(2, round(height * scale / 2) * 2)


def _cropped(reader: FrameReader, take_s: float, crop: framing.Crop, width: int, height: int) -> Yuv:
    """The part of a frame at a size; what lies outside of the film is bars."""
    frame = reader.nearest(max(0.0, take_s))
    if crop == framing.WHOLE:
        return yuv_planes(frame, width, height)
    whole_w, whole_h = even(ceil(width / crop.width)), even(ceil(height / crop.height))
    planes = yuv_planes(frame, whole_w, whole_h)
    left, top = 2 * round(crop.x * whole_w / 2), 2 * round(crop.y * whole_h / 2)
    parts = []
    for plane, bars, half in zip(planes, BARS, (1, 2, 2), strict=True):
        out = np.full((height // half, width // half), bars, dtype=np.uint8)
        x, y = left // half, top // half
        x0, y0 = max(0, -x), max(0, -y)
        part = plane[max(0, y) : y + out.shape[0], max(0, x) : x + out.shape[1]]
        out[y0 : y0 + part.shape[0], x0 : x0 + part.shape[1]] = part
        parts.append(out)
    return parts[0], parts[1], parts[2]


def wanted_frame(timing: ClipTiming, song_s: float, speed: Fraction) -> int:
    """The output frame on show when the song stands at a second, for playing a clip before it is written."""
    slow = song_s / float(speed)
    return int(np.floor(slow * float(timing.rate.per_second) + 1e-6)) - timing.first_frame
