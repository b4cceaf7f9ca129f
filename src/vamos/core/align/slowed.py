"""A song played slower or faster in the room: its ratio and its place.

Onsets in three bands and the harmony of take and song are compared for every ratio from 0.5 to
1.25: the take is brought to the song's clock and correlated with it. Where the song was slowed
with its pitch, the harmony is turned by as many semitones. The best place is then refined by the
onsets of short stretches with a robust line through them; where the pitch moved with the speed,
the song itself is resampled and placed like any song in the room, to a tenth of a millisecond.
"""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np
import numpy.typing as npt

from vamos.core.align.correlate import SongIndex
from vamos.core.align.resampled import SHORTEST_S, Place, at_steps, resampled, usual
from vamos.core.align.segment import Segment
from vamos.core.align.song_in_room import place_along
from vamos.core.align.twins import BEYOND_S, NEAR_S, SAME_SOUND, repeats
from vamos.core.grid.spectra import FRAME_RATE, Spectra, normal
from vamos.core.lazy import scipy
from vamos.core.media.sound import Samples
from vamos.core.progress import Progress, quiet
from vamos.wording import words_of

tr = words_of(__name__)

Floats = npt.NDArray[np.float64]
Rows = npt.NDArray[np.float32]

SLOWEST, FASTEST = 0.5, 1.25
#: Features a second in the search.
COARSE = 25.0
#: The take is searched in stretches of this length.
STRETCH_S = 40.0
#: What harmony counts beside onsets.
HARMONY = 1.5
#: So many places are looked at closely, and the take must lie within the song by this share.
LOOKED_AT, WITHIN = 8, 0.35
#: The harmony along a true place is alike by at least this (found: 0.46 and more), along others by
#: less (0.15 and less; tuning set of bench/place.py).
IN_TUNE, IN_TUNE_WIDTH = 0.3, 0.04
#: Found roughly, the ratio is off by up to two thousandths; then so much, and so much beside the best, is looked at.
ROUGHLY_IN_TUNE, HALF_AS_GOOD = 0.12, 0.5
#: A place at the same ratio that is so nearly as much in tune cannot be told from it.
SAME = 0.85
#: Ratios nearer to 1 than this are the song at its own speed.
SAME_SPEED = 0.004
#: Reverberation lets onsets be heard this much late (middle of the tuning set of bench/place.py).
ROOM_LATE_S = 0.007
#: So much more is a line at a usual speed worth than one at any.
STEADY = 1.3
#: Below this a place by onsets is a question, so the song itself is looked for as well.
UNSURE = 0.5
#: Stretches of a true place agree with the line this tightly, in seconds.
TIGHT_S = 0.008


@dataclass(frozen=True, slots=True)
class Features:
    """Rows of a take or song at ``COARSE`` a second: three of onsets, twelve of harmony."""

    onsets: Rows
    harmony: Rows
    fine: Rows
    duration_s: float


def features(spectra: Spectra) -> Features:
    """What is compared, from the spectra of a file."""
    fine = np.stack([np.clip(normal(r), -1, 4) for r in (spectra.low, spectra.mid, spectra.high)])
    chroma = spectra.chroma.T - scipy.ndimage.uniform_filter1d(spectra.chroma.T, int(4 * FRAME_RATE), axis=1)
    # What all twelve rise and fall in together is loudness, not tune.
    chroma = chroma - chroma.mean(axis=0)
    step = FRAME_RATE / COARSE
    where = np.arange(0, fine.shape[1] - 1, step)
    smooth = scipy.ndimage.gaussian_filter1d(fine, 2.5, axis=1)
    chroma = scipy.ndimage.gaussian_filter1d(chroma, 6, axis=1)

    def rows(table: Rows) -> Rows:
        picked = np.stack([np.interp(where, np.arange(table.shape[1]), row) for row in table])
        picked -= picked.mean(axis=1, keepdims=True)
        return np.asarray(picked / (np.sqrt((picked**2).mean()) + 1e-9), dtype=np.float32)

    return Features(rows(smooth), rows(chroma), fine.astype(np.float32), spectra.duration_s)


class SlowedSearch:
    """A song made ready for the search."""

    def __init__(self, song: Features, index: SongIndex):
        self.song, self.index = song, index
        count = song.onsets.shape[1]
        self._size = scipy.fft.next_fast_len(count + int(STRETCH_S * COARSE * FASTEST) + 2, real=True)
        self._onsets = scipy.fft.rfft(song.onsets, self._size, axis=1)
        self._harmony = scipy.fft.rfft(song.harmony, self._size, axis=1)

    def search(self, take: Features, start_s: float, end_s: float, progress: Progress | None = None) -> list[Place]:
        """The most alike places of a stretch of a take, the best first."""
        progress = progress or quiet()
        ratios = np.arange(SLOWEST, FASTEST + 1e-9, 0.004)
        tops: dict[str, list[tuple[float, float, float, bool]]] = {"all": [], "harmony": []}
        for number, ratio in enumerate(ratios):
            progress(number / len(ratios), tr("Looking for the song at another speed"))
            if abs(ratio - 1) < 0.006:
                continue
            onsets, *harmonies = self._rows(take, start_s, end_s, float(ratio))
            for moved, harmony in zip((False, True), harmonies, strict=True):
                # Steady steps have onsets like any song; so the most alike in harmony alone are looked at too.
                for name, row in (("all", onsets + HARMONY * harmony), ("harmony", harmony)):
                    for _ in range(2):
                        at = int(np.argmax(row))
                        tops[name].append((float(row[at]), float(ratio), self._lag(at), moved))
                        row[max(0, at - 25) : at + 26] = 0
        places: list[Place] = []
        for name, most in (("all", LOOKED_AT), ("harmony", 2 * LOOKED_AT)):
            for _, ratio, song_s, moved in sorted(tops[name], key=lambda t: -t[0]):
                if len(places) == most:
                    break
                if all(abs(p.ratio - ratio) > 0.02 or abs(p.song_s - song_s) > 1.0 for p in places):
                    places.append(Place(start_s, song_s, ratio, moved))
        return places

    def _lag(self, at: int) -> float:
        return (at if at < self.song.onsets.shape[1] else at - self._size) / COARSE

    def _rows(self, take: Features, start_s: float, end_s: float, ratio: float) -> list[Floats]:
        """How well a stretch fits at each song second where it may begin: its onsets, its harmony, that turned back."""
        count = int((end_s - start_s) * ratio * COARSE)
        where = (start_s + np.arange(count) / COARSE / ratio) * COARSE
        onsets = np.stack([np.interp(where, np.arange(take.onsets.shape[1]), r) for r in take.onsets])
        harmony = np.stack([np.interp(where, np.arange(take.harmony.shape[1]), r) for r in take.harmony])
        inside = self._inside(count)
        seen, heard = (
            np.conj(scipy.fft.rfft(part.astype(np.float32), self._size, axis=1)) for part in (onsets, harmony)
        )
        # Turning mixes rows, so their spectra can be turned as well as they themselves.
        turned = _turned(np.eye(12), ratio).astype(np.float32) @ heard
        rows = []
        for song, part in ((self._onsets, seen), (self._harmony, heard), (self._harmony, turned)):
            both = (song * part).sum(axis=0) / len(part)
            row = scipy.fft.irfft(both, self._size) / np.sqrt(np.maximum(inside, 1))
            row[inside < WITHIN * count] = 0
            rows.append(np.asarray(row, dtype=np.float64))
        return rows

    def _inside(self, count: int) -> npt.NDArray[np.int64]:
        """How many of ``count`` frames lie inside of the song, by where they begin."""
        length = self.song.onsets.shape[1]
        begin = np.arange(self._size)
        begin = np.where(begin < length, begin, begin - self._size)
        inside = np.minimum(begin + count, length) - np.maximum(begin, 0)
        return np.asarray(inside, dtype=np.int64)

    def covers(self, place: Place, start_s: float, end_s: float) -> float:
        """The share of a stretch of the take that lies within the song along a place."""
        low = max(start_s, place.take_s - place.song_s / place.ratio)
        high = min(end_s, place.take_s + (self.song.duration_s - place.song_s) / place.ratio)
        return max(0.0, high - low) / (end_s - start_s)

    def in_tune(self, take: Features, place: Place, start_s: float, end_s: float) -> float:
        """How alike the harmony alone is along a place, −1 to 1: steady knocks fit many beats, but no tune."""
        low = max(start_s, place.take_s - place.song_s / place.ratio)
        high = min(end_s, place.take_s + (self.song.duration_s - place.song_s) / place.ratio)
        at_take = np.arange(low, high, 1 / COARSE)
        if len(at_take) < COARSE * 4:
            return 0.0
        at_song = (place.song_s + place.ratio * (at_take - place.take_s)) * COARSE
        song = np.stack([np.interp(at_song, np.arange(self.song.harmony.shape[1]), r) for r in self.song.harmony])
        heard = np.stack([np.interp(at_take * COARSE, np.arange(take.harmony.shape[1]), r) for r in take.harmony])
        if place.moved:
            heard = _turned(heard, place.ratio)
        song, heard = song - song.mean(axis=0), heard - heard.mean(axis=0)
        size = np.sqrt((song**2).sum() * (heard**2).sum()) + 1e-9
        return float((song * heard).sum() / size)

    def refined(
        self, take: Features, place: Place, start_s: float, end_s: float, turns: bool = True
    ) -> tuple[Place, float, float]:
        """The line through the onsets of short stretches: place, spread in seconds, share that agrees.

        A line that does not ``turn`` keeps its ratio.
        """
        ratio, song_s = place.ratio, place.song_s
        for reach_s in (0.25, 0.12, 0.06):
            pairs = self._pairs(take, replace(place, song_s=song_s, ratio=ratio), start_s, end_s, reach_s)
            if len(pairs) < 4:
                return place, np.inf, 0.0
            x, y = pairs[:, 0] - place.take_s, pairs[:, 1]
            weight = pairs[:, 2].copy()
            for scale in (0.05, 0.02, 0.01, 0.01):
                root = np.sqrt(weight)
                if turns:
                    fit, *_ = np.linalg.lstsq(np.stack([x, np.ones_like(x)], 1) * root[:, None], y * root, rcond=None)
                else:
                    fit = np.array([ratio, np.average(y - ratio * x, weights=weight)])
                off = y - fit[0] * x - fit[1]
                weight = pairs[:, 2] / (1 + (off / scale) ** 2)
            ratio, song_s = float(fit[0]), float(fit[1])
        agree = float(np.mean(np.abs(off) < 0.025))
        spread = float(np.median(np.abs(off)))
        return replace(place, song_s=song_s, ratio=ratio), spread, agree

    def _pairs(self, take: Features, place: Place, start_s: float, end_s: float, reach_s: float) -> Floats:
        """(take second, song second, weight) of stretches of four song seconds."""
        reach, length = int(reach_s * FRAME_RATE), int(4 * FRAME_RATE)
        out = []
        song = self.song.fine
        for middle in np.arange(start_s + 2, end_s - 2, 1.0):
            centre = place.song_s + place.ratio * (middle - place.take_s)
            first = round(centre * FRAME_RATE) - length // 2
            if first - reach < 0 or first + length + reach >= song.shape[1]:
                continue
            inside = first + np.arange(length)
            at = (place.take_s + (inside / FRAME_RATE - place.song_s) / place.ratio) * FRAME_RATE
            piece = np.stack([np.interp(at, np.arange(take.fine.shape[1]), r) for r in take.fine])
            around = song[:, first - reach : first + length + reach + 1]
            rows = zip(around, piece, strict=True)
            row = np.sum([scipy.signal.correlate(a, p, mode="valid", method="fft") for a, p in rows], axis=0)
            top = int(np.argmax(row))
            if 0 < top < len(row) - 1:
                a, b, c = row[top - 1 : top + 2]
                exact = top + (0.5 * (a - c) / (a - 2 * b + c) if a - 2 * b + c < 0 else 0.0)
                out.append((middle, centre + (exact - reach) / FRAME_RATE, max(0.0, float(b)) / length))
        return np.array(out).reshape(-1, 3)


def _turned(harmony: Floats, ratio: float) -> Floats:
    """Harmony heard lower (or higher) by the ratio, turned back by as many semitones."""
    turn = -12 * np.log2(ratio)
    return np.asarray(scipy.ndimage.shift(harmony, (turn, 0), order=1, mode="grid-wrap"))


@dataclass(frozen=True, slots=True)
class _Looked:
    """A place looked at closely: the line, how far stretches are off it, how many agree, how much in tune.

    ``covers`` is the share of the take that lies within the song there.
    """

    place: Place
    spread_s: float
    agree: float
    tune: float
    covers: float

    @property
    def worth(self) -> float:
        """By which places are compared: a little of the take is more easily alike than all of it."""
        return float(self.tune * self.agree * np.sqrt(self.covers))


def find_slowed(
    search: SlowedSearch, take: Features, sound: Samples, start_s: float, end_s: float, progress: Progress | None = None
) -> Segment | None:
    """The song at another speed in a stretch of a take (its ``sound`` mono at RATE), or None."""
    if end_s - start_s < SHORTEST_S:
        return None
    middle = (start_s + end_s) / 2
    low, high = max(start_s, middle - STRETCH_S / 2), min(end_s, middle + STRETCH_S / 2)
    looked: list[_Looked] = []
    tunes = [(search.in_tune(take, rough, low, high), rough) for rough in search.search(take, low, high, progress)]
    least = max([ROUGHLY_IN_TUNE, *(HALF_AS_GOOD * tune for tune, _ in tunes)])
    for rough in (r for tune, r in tunes if tune >= least):
        place, spread, agree = _refined(search, take, rough, start_s, end_s)
        if SLOWEST * 0.97 <= place.ratio <= FASTEST * 1.03 and agree > 0.3:
            tune, covers = search.in_tune(take, place, start_s, end_s), search.covers(place, start_s, end_s)
            looked.append(_Looked(place, spread, agree, tune, covers))
    looked.sort(key=lambda x: -x.worth)
    # Where the pitch moved too, the song itself can be heard, at the speeds players offer.
    moved = [rough.ratio for _, rough in tunes if rough.moved]
    if not looked or looked[0].tune < IN_TUNE:
        return at_steps(search.index, sound, moved, start_s, end_s)
    best = looked[0]
    alike = [
        x.place for x in looked[1:] if x.worth > SAME * best.worth and abs(x.place.song_s - best.place.song_s) > 0.5
    ]
    again = [p for p in alike if abs(p.ratio / best.place.ratio - 1) < 0.005]
    if abs(best.place.ratio - 1) < SAME_SPEED:
        return _at_its_own_speed(search, sound, best, again, start_s, end_s)
    exact = resampled(search.index, sound, best.place, start_s, end_s) if best.place.moved else None
    found = exact or _by_onsets(search, best, again, start_s, end_s)
    if exact is None and (best.place.moved or found is None or found.confidence < UNSURE):
        exact = at_steps(search.index, sound, moved, start_s, end_s)
        found = exact or found
    if found is not None and exact is None and len(alike) > len(again):
        # A song whose tempo wanders fits itself elsewhere at another speed: nobody can tell which it is.
        found = replace(found, confidence=min(found.confidence, 0.45))
    return found


def _refined(
    search: SlowedSearch, take: Features, rough: Place, start_s: float, end_s: float
) -> tuple[Place, float, float]:
    """As :meth:`SlowedSearch.refined`; at the usual speed beside it where the stretches lie as well on that line.

    A line through the onsets of some seconds leans by thousandths; players do not.
    """
    free = search.refined(take, rough, start_s, end_s)
    lines = [(1.0, free)]
    for near in (free[0], rough):
        offered = usual(near, (start_s + end_s) / 2)
        if offered is not None:
            lines.append((STEADY, search.refined(take, offered, start_s, end_s, turns=False)))

    def worth(of: tuple[float, tuple[Place, float, float]]) -> float:
        more, (place, spread, agree) = of
        tune = search.in_tune(take, place, start_s, end_s)
        return float(more * agree * tune / np.hypot(1, spread / TIGHT_S))

    return max(lines, key=worth)[1]


def _at_its_own_speed(
    search: SlowedSearch, sound: Samples, best: _Looked, again: list[Place], start_s: float, end_s: float
) -> Segment | None:
    """The song at its own speed after all: exact where the room's response is clear along the line, else a question."""
    place = best.place
    found = place_along(search.index, sound, start_s, end_s, place.song_s - place.take_s, 0.0)
    if found is not None:
        return found
    rough = _by_onsets(search, best, again, start_s, end_s)
    return replace(rough, confidence=min(rough.confidence, 0.45)) if rough is not None else None


def _by_onsets(search: SlowedSearch, best: _Looked, again: list[Place], start_s: float, end_s: float) -> Segment | None:
    """The segment as the onsets give it."""
    place = best.place
    sure = best.agree**2 / (1 + (best.spread_s / TIGHT_S) ** 2)
    sure *= 1 / (1 + np.exp(-(best.tune - IN_TUNE) / IN_TUNE_WIDTH))
    song_s = place.song_s + ROOM_LATE_S * place.ratio
    first = max(start_s, place.take_s - song_s / place.ratio)
    last = min(end_s, place.take_s + (search.song.duration_s - song_s) / place.ratio)
    if last - first < max(SHORTEST_S, WITHIN * (end_s - start_s)):
        return None
    at_first = song_s + place.ratio * (first - place.take_s)
    moves = [other.song_s - place.song_s for other in again]
    for move in repeats(search.index.samples, at_first, at_first + place.ratio * (last - first), SAME_SOUND):
        inside = -BEYOND_S < at_first + move < search.song.duration_s - place.ratio * (last - first) + BEYOND_S
        if inside and all(abs(move - m) > NEAR_S for m in (0.0, *moves)):
            moves.append(move)
    also = tuple(at_first + move for move in moves)
    sure = min(float(sure), 0.45) if also else float(sure)
    return Segment(first, last, at_first, place.ratio, sure, best.spread_s, also_at_s=also)
