"""“Right” and “left” called on counts in a take: when, and which.

A call is believed only in a counting that is found by its rhythm (:mod:`vamos.core.align.counted`) and whose numbers
are understood as English ones, among numbers that go on, on a count of the pass it is said in. The recogniser finds
words in anything: steps, music and other languages yielded sides that nobody said.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence

import numpy as np

from vamos.core.align import spoken
from vamos.core.align.count_chain import Counts
from vamos.core.align.counted import counted_words
from vamos.core.align.voice_rises import Floats
from vamos.core.media.sound import Samples
from vamos.core.model.take import SaidSide
from vamos.core.time import TimeMap, TimeRange

#: A word this far from a whole count, in counts, is on none.
NEAR = 0.22
#: So many counts to each side are looked at; so many words on counts must be there, and such a share of all words; so
#: many of them numbers, of which such a share must agree. (Tuned on voices of eSpeak; of Flite's, never used for that,
#: 40 in 100 calls are heard, 99 of 100 that are heard are right, none in plain talk.)
AROUND, LEAST, ON_COUNTS, NUMBERS, AGREE = 4.6, 4, 0.6, 2, 0.5
#: A word begins this near to the moment it is heard on; of a counting so many words, and such a share, are understood.
ON_WORD_S, LEAST_UNDERSTOOD, UNDERSTOOD = 0.2, 8, 0.55
#: Who calls sides calls so many, and such a share of the counts.
FEWEST_CALLS, CALLED = 3, 0.06
#: “right” is no evidence where an “eight” is due, which sounds like it.
_EIGHT = 7

#: What stands on a count; an “and” and silence do not.
_COUNTED = {*spoken.NUMBERS, *spoken.SIDES}

Word = tuple[str, float]


def sides_in(sound: Samples, passes: Sequence[tuple[TimeRange, TimeMap]]) -> tuple[SaidSide, ...]:
    """Sides called in a take's sound (mono at the rate of :mod:`spoken`); ``passes`` are ranges with take → counts."""
    return sides_among(counted_words(sound), lambda: spoken.sides_and_numbers(sound), passes)


def sides_among(
    chains: Sequence[tuple[Floats, Counts]],
    listen: Callable[[], Sequence[Word]],
    passes: Sequence[tuple[TimeRange, TimeMap]],
) -> tuple[SaidSide, ...]:
    """The sides called in countings; ``listen`` gives the words heard, and is asked only where somebody counts."""
    if not chains:
        return ()
    heard = listen()
    found: set[SaidSide] = set()
    for times, counts in chains:
        if not _understood(heard, times, counts):
            continue
        calls = {call for at, clock in passes for call in called(heard, at, clock)}
        calls = {call for call in calls if float(np.abs(times - call.take_s).min()) < ON_WORD_S}
        # One or two in a hundred counts are words that were misheard.
        if len(calls) >= max(FEWEST_CALLS, CALLED * len(times)):
            found |= calls
    return tuple(sorted(found, key=lambda call: call.take_s))


def _understood(heard: Sequence[Word], times: Floats, counts: Counts) -> bool:
    """Whether most words of a counting were understood as the English numbers they would be."""
    votes = np.zeros(8, int)
    for word, take_s in heard:
        k = int(np.argmin(np.abs(times - take_s)))
        if word in spoken.NUMBERS and abs(times[k] - take_s) < ON_WORD_S:
            votes[(int(counts[k]) - spoken.NUMBERS.index(word)) % 8] += 1
    return bool(
        votes.max() >= max(LEAST_UNDERSTOOD, UNDERSTOOD * len(times)) and votes.max() >= UNDERSTOOD * votes.sum()
    )


def called(heard: Sequence[Word], at: TimeRange, clock: TimeMap) -> list[SaidSide]:
    """The sides among words heard that are called on counts of a pass."""
    words = [(word, take_s) for word, take_s in heard if at.contains(take_s) and word in _COUNTED]
    if not words:
        return []
    counts = np.atleast_1d(clock(np.array([take_s for _, take_s in words])))
    on = np.abs(counts - np.round(counts)) < NEAR
    # What the count would have to be modulo 8 for a number to be right; −1 for sides.
    said = np.array([spoken.NUMBERS.index(w) if w in spoken.NUMBERS else -1 for w, _ in words])
    shift = np.where(said >= 0, (np.round(counts).astype(int) - said) % 8, -1)
    out = []
    for k, (word, take_s) in enumerate(words):
        if word in spoken.SIDES and on[k]:
            around = np.abs(counts - counts[k]) < AROUND
            numbers = shift[around & on & (said >= 0)]
            votes = np.bincount(numbers, minlength=8)
            due = (round(float(counts[k])) - int(votes.argmax())) % 8
            counted = (around & on).sum() >= max(LEAST, ON_COUNTS * around.sum())
            agree = len(numbers) >= NUMBERS and votes.max() >= AGREE * len(numbers)
            if counted and agree and (word, due) != ("right", _EIGHT):
                out.append(SaidSide(take_s, word))
    return out
