"""How many files a pack has, how long they last, how large they get and how long writing takes, before it starts."""

from __future__ import annotations

from dataclasses import dataclass, replace
from fractions import Fraction
from functools import lru_cache
from pathlib import Path

from vamos.core.document.paths import locate
from vamos.core.media.film_rate import USUAL, film_rate
from vamos.core.media.probe import probe
from vamos.core.model.clip import Clip, ClipSound, Quality, Version
from vamos.core.model.look import Shape
from vamos.core.model.project import Project
from vamos.core.plan.cards import run_through_of
from vamos.core.plan.clips import plan_clips
from vamos.core.plan.coverage import Coverage
from vamos.core.plan.profiles import packed_clips, unseen_titles
from vamos.core.plan.versions import run_through_versions, versions_of
from vamos.core.render.compose import LONGEST, picture_size, shape_size, wide_size
from vamos.errors import VamosError
from vamos.wording import listed, words_of

tr = words_of(__name__)

#: Bits a pixel of a frame takes, by quality (measured on packs of the demo, which is drawn; grain takes up to twice).
_BITS = {Quality.HALL: 0.075, Quality.PHONE: 0.045, Quality.SMALL: 0.022}
#: Sound, bytes a second.
_SOUND = 20_000
#: Pixels a core writes in a second, and its seconds for a second of sound (measured as above); other machines differ.
_PIXELS, _SOUND_WORK = 42e6, 0.1
#: A film that cannot be opened is taken for full HD.
_SIZE = (1920, 1080)


#: Clips are written side by side on so many.
CORES = 2


@dataclass(frozen=True, slots=True)
class PlannedFilm:
    """A clip of the pack to be written, with its versions and how many seconds each lasts."""

    clip: Clip
    versions: tuple[tuple[Version, float], ...]


@dataclass(frozen=True, slots=True)
class Estimate:
    """Films, seconds of film, bytes, and seconds of work (the last two are rough); ``planned``: which films;
    ``unseen``: titles of what was not filmed in the views that are wanted.
    """

    files: int
    film_s: float
    size_bytes: float
    work_s: float
    planned: tuple[PlannedFilm, ...] = ()
    unseen: tuple[str, ...] = ()

    def unseen_words(self) -> str:
        """What will be missing for want of a view, in a sentence; empty when nothing is."""
        return tr("Nothing of {sections} in the views you want.", sections=listed(self.unseen)) if self.unseen else ""

    def words(self) -> str:
        """In a sentence, as rough as it is."""
        size = self.size_bytes / 1e6
        large = tr("{number:.1f} GB", number=size / 1000) if size >= 950 else tr("{number} MB", number=_round(size))
        films = tr(
            "{files} films, {minutes} long together, up to about {large}",
            files=self.files,
            minutes=minutes_words(self.film_s),
            large=large,
        )
        return tr("{films}; writing takes about {minutes} here", films=films, minutes=minutes_words(self.work_s))


def estimate(project: Project, base: Path | None, coverage: Coverage) -> Estimate:
    """For a packed project (:func:`vamos.core.plan.profiles.packed_project`) and its coverage."""
    output, clock = project.output, coverage.grid.time_map()
    clips = plan_clips(project, coverage)
    wanted = packed_clips(project, clips)
    every: list[tuple[Clip, Version]] = [(c, v) for c in wanted for v in versions_of(output, c, clips)]
    through = run_through_of(project, coverage)
    if through is not None:
        every += [(through, v) for v in run_through_versions(output, through)]
    a_second = {take: _pixels_a_second(project, base, take) for take in dict.fromkeys(c.take for c, _ in every)}
    film_s = pixels = 0.0
    planned: dict[str, PlannedFilm] = {}
    work: dict[str, float] = {}
    encoded: set[tuple[str, Version]] = set()
    for clip, version in every:
        song_s = float(clock(clip.shown.end) - clock(clip.shown.start))
        length = song_s / float(version.picture_speed)
        film_s += length
        known = planned.get(clip.key, PlannedFilm(clip, ()))
        planned[clip.key] = replace(known, versions=(*known.versions, (version, length)))
        # At another speed the same frames stand longer, unless one rate is wanted for all: they are encoded once.
        same = output.rate is None
        drawn = (song_s if same else length) * a_second[clip.take]
        pixels += drawn
        looks = (clip.key, replace(version, speed=Fraction(1), sound=ClipSound.SONG) if same else version)
        # All versions of a clip are written by one core, one after the other.
        new = 0.0 if looks in encoded else drawn / _PIXELS
        work[clip.key] = work.get(clip.key, 0.0) + new + length * _SOUND_WORK
        encoded.add(looks)
    size = pixels * _BITS[output.quality] / 8 + film_s * _SOUND
    work_s = max([sum(work.values()) / CORES, *work.values()])
    return Estimate(len(every), film_s, size, work_s, tuple(planned.values()), unseen_titles(project, clips))


def _pixels_a_second(project: Project, base: Path | None, take: str) -> float:
    output = project.output
    width, height = _SIZE
    rate = float(USUAL.per_second)
    try:
        path = locate(project.take(take).media, base)
        width, height = _film_size(path, path.stat().st_mtime_ns)
        rate = float(film_rate(path).per_second)
    except (OSError, VamosError):
        pass
    shape = output.framing.shape
    if shape in (Shape.UPRIGHT, Shape.SQUARE):
        width, height = shape_size(shape, output.longest_side)
    elif shape is Shape.WIDE:
        width, height = wide_size(max(width, height), output.longest_side)
    else:
        width, height = picture_size(width, height, output.longest_side or LONGEST)
    return width * height * (float(output.rate) if output.rate else rate)


@lru_cache(maxsize=256)
def _film_size(path: Path, _changed_ns: int) -> tuple[int, int]:
    found = probe(path)
    return found.width or _SIZE[0], found.height or _SIZE[1]


def _round(value: float) -> int:
    """Two figures."""
    step = int(10 ** max(0, len(str(int(value))) - 2))
    return max(1, round(value / step) * step)


def minutes_words(seconds: float) -> str:
    """A rough time in words."""
    if seconds < 115:
        return f"{max(5, round(seconds / 5) * 5)} s"
    return tr("{number} min", number=_round(seconds / 60))
