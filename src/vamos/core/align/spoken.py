"""Numbers said aloud in a take: when, and which.

An offline recogniser (PocketSphinx, with the English model its package carries) listens for the numbers one to eight;
the next number is favoured. Single words are no evidence, plain talk yields many; a chain of numbers that go on as
counts do, at a pace that hardly changes, is. Where the recogniser is not installed, nothing is heard.
"""

from __future__ import annotations

import logging
import threading
from dataclasses import dataclass
from functools import lru_cache
from typing import Any

import numpy as np
import numpy.typing as npt

from vamos.core.media.sound import Samples

Floats = npt.NDArray[np.float64]
Counts = npt.NDArray[np.int64]

#: Frames a second the recogniser listens at, and its own frames.
RATE, _FRAME_S = 16000, 0.01
NUMBERS = ("one", "two", "three", "four", "five", "six", "seven", "eight")
SIDES = ("right", "left")
#: How likely the next number follows, and an "and" between two.
_NEXT, _AND = 0.75, 0.15
#: The same where sides are listened for as well, and how likely one is called (tuned on voices of eSpeak).
_WITH_SIDES, _SIDE = (0.7, 0.1), 0.12
#: Below this nothing is said (full scale = 1).
SILENT = 1e-3
#: Seconds from count to count (common practice, no source).
FASTEST_S, SLOWEST_S = 0.28, 1.4
#: From one number to the next: the pace may be off by so much, and no more than this lies between.
_OFF, _GAP_S = 0.22, 7.0
#: A chain needs so many numbers, and this share of all that were heard in its time.
LEAST, SHARE = 8, 0.55
#: A word this share of a count from where one is due is that count.
MISHEARD = 0.16
#: Four numbers at an end of a chain must be this share of what was heard there.
TALKS_OVER = 0.6
#: How much unlikelier than the likeliest a path may be; and a piece that is lost all the same is no longer than this.
_BEAMS = {"beam": 1e-80, "wbeam": 1e-60, "pbeam": 1e-80}
_PIECE_S = 30
_LOCK = threading.Lock()


@dataclass(frozen=True, slots=True)
class Number:
    """A number from 1 to 8 and the take second at which it begins."""

    take_s: float
    number: int


@dataclass(frozen=True, slots=True)
class Chain:
    """Numbers that belong to one counting: their times, the count of each (0 is a 1), and how well they agree.

    ``share`` of the numbers heard in its time are in it.
    """

    times_s: Floats
    counts: Counts
    share: float

    def all_times(self) -> tuple[Floats, int]:
        """The times of all counts from the first said to the last, and which of them is a 1 (an index, 0 to 7)."""
        first, last = int(self.counts[0]), int(self.counts[-1])
        wanted = np.arange(first, last + 1)
        return np.interp(wanted, self.counts, self.times_s), -first % 8


@lru_cache(maxsize=2)
def _decoder(with_sides: bool = False) -> Any | None:
    try:
        import pocketsphinx
    except ImportError:
        logging.getLogger(__name__).info("pocketsphinx is not installed; numbers said aloud are not listened for")
        return None
    # The search for a better path through all words may not end in long takes.
    # With the usual beams a human voice could be lost as a whole, for one word that fits badly.
    decoder = pocketsphinx.Decoder(lm=None, loglevel="FATAL", bestpath=False, samprate=RATE, **_BEAMS)
    start, end = len(NUMBERS), len(NUMBERS) + 1
    next_one, between = _WITH_SIDES if with_sides else (_NEXT, _AND)
    arcs: list[tuple[Any, ...]] = []
    for state in range(len(NUMBERS) + 1):
        following = (state + 1) % len(NUMBERS)
        for number, word in enumerate(NUMBERS):
            likely = next_one if number == following else (1 - next_one) / len(NUMBERS)
            arcs.append((state, number, 1 / len(NUMBERS) if state == start else likely, word))
        # A side stands for a number, or is said beside one.
        places = ((following if state != start else start), state)
        arcs += [(state, place, _SIDE, side) for side in SIDES for place in places if with_sides]
        arcs += [(state, state, between, "and"), (state, end, between)]
    decoder.add_fsg("counts", decoder.create_fsg("counts", start, end, arcs))
    decoder.activate_search("counts")
    return decoder


def listens() -> bool:
    """Whether numbers can be listened for on this machine."""
    return _decoder() is not None


def numbers_in(sound: Samples) -> list[Number]:
    """All that sounds like a number in a sound (mono at ``RATE``), in order; most of it means nothing."""
    return [Number(at, NUMBERS.index(word) + 1) for word, at in _words_in(sound) if word in NUMBERS]


def ands_in(sound: Samples) -> list[float]:
    """The seconds at which an “and” is said between numbers."""
    return [at for word, at in _words_in(sound) if word == "and"]


def sides_and_numbers(sound: Samples) -> list[tuple[str, float]]:
    """All that sounds like a number, an “and”, “right” or “left” in a sound, with its second; most means nothing."""
    return _words_in(sound, with_sides=True)


def _words_in(sound: Samples, with_sides: bool = False) -> list[tuple[str, float]]:
    decoder = _decoder(with_sides)
    if decoder is None or len(sound) < RATE:
        return []
    loudest = float(np.abs(sound).max(initial=0))
    if loudest < SILENT:
        return []
    raw = (sound / loudest * 30000).astype(np.int16)
    heard: list[tuple[str, float]] = []
    for first in range(0, len(raw), _PIECE_S * RATE):
        with _LOCK:
            decoder.start_utt()
            decoder.process_raw(raw[first : first + _PIECE_S * RATE].tobytes(), full_utt=True)
            decoder.end_utt()
            for part in decoder.seg() or ():
                heard.append((part.word.split("(")[0], first / RATE + part.start_frame * _FRAME_S))
    return heard


def chains(heard: list[Number]) -> list[Chain]:
    """The countings in what was heard, in order; what belongs to none is dropped."""
    found: list[Chain] = []
    left = list(heard)
    while len(left) >= LEAST and (period := _period(left)) is not None:
        taken, counts = _without_talk(left, *_longest(left, period))
        if len(taken) < LEAST:
            break
        times = np.array([left[k].take_s for k in taken])
        within = sum(times[0] <= n.take_s <= times[-1] for n in left)
        share = len(taken) / int(within)
        if share < SHARE:
            break
        found.append(Chain(*_with_misheard(left, times, np.array(counts)), share))
        left = [n for n in left if not times[0] - period <= n.take_s <= times[-1] + period]
    return sorted(found, key=lambda c: float(c.times_s[0]))


def _with_misheard(heard: list[Number], times: Floats, counts: Counts) -> tuple[Floats, Counts]:
    """A chain with the words that stand where a count is due, whatever was understood; also before and after it."""
    said = np.array([n.take_s for n in heard])
    due = dict(zip((int(c) for c in counts), times, strict=True))
    period = float(np.median(np.diff(times) / np.diff(counts)))

    def stands_at(when: float) -> float | None:
        near = float(said[np.argmin(np.abs(said - when))])
        return near if abs(near - when) < MISHEARD * period else None

    for count in range(int(counts[0]), int(counts[-1])):
        if count not in due and (at := stands_at(float(np.interp(count, counts, times)))) is not None:
            due[count] = at
    for way, edge in ((-1, int(counts[0])), (1, int(counts[-1]))):
        while (at := stands_at(due[edge] + way * period)) is not None:
            edge += way
            due[edge] = at
    every = sorted(due)
    return np.array([due[c] for c in every]), np.array(every)


def _without_talk(heard: list[Number], taken: list[int], counts: list[int]) -> tuple[list[int], list[int]]:
    """A chain without ends where most of what was heard does not belong to it: there somebody talks."""

    def talks(ends: list[int]) -> bool:
        low, high = min(ends), max(ends)
        return len(ends) < TALKS_OVER * (high - low + 1)

    while len(taken) >= LEAST and talks(taken[:4]):
        taken, counts = taken[1:], counts[1:]
    while len(taken) >= LEAST and talks(taken[-4:]):
        taken, counts = taken[:-1], counts[:-1]
    return taken, counts


def _period(heard: list[Number]) -> float | None:
    """The pace at which most neighbours go on: seconds from count to count."""
    paces, weights = [], []
    for k, one in enumerate(heard):
        for other in heard[k + 1 : k + 4]:
            steps = (other.number - one.number) % 8
            pace = (other.take_s - one.take_s) / steps if steps else 0.0
            if FASTEST_S <= pace <= SLOWEST_S:
                paces.append(np.log(pace))
                weights.append(1 / steps)
    if not paces:
        return None
    at, weight = np.array(paces), np.array(weights)
    near = np.exp(-(((at[:, None] - at[None]) / 0.06) ** 2)) @ weight
    return float(np.exp(at[int(np.argmax(near))]))


def _longest(heard: list[Number], period: float) -> tuple[list[int], list[int]]:
    """The longest chain at about a pace, by dynamic programming: which numbers, and the count of each."""
    worth = np.ones(len(heard))
    before = np.full(len(heard), -1)
    steps_to = np.zeros(len(heard), dtype=int)
    # The pace goes along with the counting.
    pace = np.full(len(heard), period)
    for k, one in enumerate(heard):
        for j in range(k - 1, max(-1, k - 16), -1):
            gap = one.take_s - heard[j].take_s
            if gap > _GAP_S:
                break
            steps = (one.number - heard[j].number) % 8 or 8
            steps += 8 * max(0, round((gap / pace[j] - steps) / 8))
            off = (gap / (steps * pace[j]) - 1) * np.sqrt(steps)
            if abs(off) > _OFF:
                continue
            value = worth[j] + 1 - (off / _OFF) ** 2 / 2 - 0.02 * (steps - 1)
            if value > worth[k]:
                worth[k], before[k], steps_to[k] = value, j, steps
                pace[k] = 0.7 * pace[j] + 0.3 * gap / steps
    k = int(np.argmax(worth))
    taken, steps_back = [], []
    while k >= 0:
        taken.append(k)
        steps_back.append(int(steps_to[k]))
        k = int(before[k])
    taken.reverse()
    counts = heard[taken[0]].number - 1 + np.concatenate([[0], np.cumsum(steps_back[::-1][1:])])
    return taken, [int(c) for c in counts]
