"""Takes placed by the filming log: when the camera began, and when the song was heard, by two clocks.

The phone's clock and the computer's differ. By how much is told by takes that are placed by their sound: where the
song's second is in the film, and when it was heard. Without any, both are taken for right. A film says when it began
to the second (QuickTime and ISO 14496-12 movie header, creation time), so what is found is a question.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from datetime import UTC, datetime
from pathlib import Path

import numpy as np

from vamos.core.media.probe import opened
from vamos.core.model.filmed import FilmedTake
from vamos.core.model.take import Pass, PassKind
from vamos.core.time import TimeMap, TimeRange
from vamos.wording import words_of

tr = words_of(__name__)

#: How sure a place by the log is at most: it has to be looked at.
CONFIDENCE = 0.3
#: Films say when they began to the second; clocks that are set by a network agree as well.
APART_S = 1.2
#: A camera may have been started so long before one said so.
_EARLY_S = 120.0
#: A pass may be taken for longer than the song was heard, by this.
_BEFORE_S = 3.0


@dataclass(frozen=True, slots=True)
class Shot:
    """A film: when it began by the camera's clock, which of its seconds the take is, its passes danced to the song."""

    began: float
    whole: TimeRange
    passes: tuple[Pass, ...] = ()


def began_at(path: Path) -> float | None:
    """When a film says it began, in seconds since 1970; None when it does not say so. Raises like ``opened``."""
    with opened(path) as container:
        said = container.metadata.get("creation_time") or next(
            (s.metadata["creation_time"] for s in container.streams.video if "creation_time" in s.metadata), None
        )
    if not said:
        return None
    try:
        found = datetime.fromisoformat(said.replace("Z", "+00:00"))
    except ValueError:
        return None
    if found.tzinfo is None:
        found = found.replace(tzinfo=UTC)
    # A clock that was never set says 1904 or 1970.
    return found.timestamp() if found.year > 2000 else None


def clock_apart(shots: Sequence[Shot], log: Sequence[FilmedTake]) -> float | None:
    """By how many seconds the camera's clock is ahead of the computer's.

    0 when no placed film tells: both are taken for right. None when those there are only fit with clocks hours apart.
    Each placed film is tried with each entry of the log; what most films agree on holds, the smallest where several do.
    """
    said: list[tuple[float, int]] = []
    for number, shot in enumerate(shots):
        for the_pass in shot.passes:
            if the_pass.kind is not PassKind.SONG:
                continue
            to_take = the_pass.clock.inverse()
            for filmed in log:
                take_s = float(to_take(filmed.song_s))
                if shot.whole.start_s - 1.0 <= take_s <= shot.whole.end_s + 1.0:
                    said.append((shot.began + take_s - filmed.heard, number))
    if not said:
        return 0.0
    best: tuple[int, float, float] | None = None
    for middle, _ in said:
        near = [(apart, number) for apart, number in said if abs(apart - middle) <= APART_S]
        apart = float(np.median([a for a, _ in near]))
        found = (len({number for _, number in near}), -abs(apart), apart)
        best = found if best is None or found[:2] > best[:2] else best
    assert best is not None
    # One film that only fits with clocks hours apart may be matched with the wrong entry.
    sure = best[0] > 1 or abs(best[2]) < _EARLY_S
    return best[2] if sure else None


def passes_by_log(shot: Shot, log: Sequence[FilmedTake], apart_s: float) -> tuple[Pass, ...]:
    """What of the log was danced while a film ran: a pass each, a question each."""
    found = []
    for filmed in log:
        take_s = filmed.heard + apart_s - shot.began
        end_s = take_s + filmed.stopped - filmed.heard
        start, end = max(shot.whole.start_s, take_s), min(shot.whole.end_s, end_s)
        if end - start < 2.0:
            continue
        found.append(
            Pass(
                PassKind.SONG,
                TimeRange(start, end),
                TimeMap.line(take_s, filmed.song_s, 1.0),
                CONFIDENCE,
                APART_S / 2,
                1.0,
                tr(
                    "placed by the filming log ({what}), to about a second; nothing was heard: slide it into step",
                    what=filmed.what,
                ),
            )
        )
    return tuple(found)


def settled(the_pass: Pass, shot: Shot, log: Sequence[FilmedTake], apart_s: float) -> Pass:
    """A pass that fits several places, at the one that was being played; as it is where the log does not tell one."""
    start = the_pass.take_range.start_s
    here = float(the_pass.clock(start))
    places = [here, *the_pass.also_at_song_s]
    told = set()
    for filmed in log:
        heard_s = filmed.song_s + shot.began + start - apart_s - filmed.heard
        # The pass may begin a little before the song is heard.
        if filmed.song_s - _BEFORE_S <= heard_s <= filmed.song_end_s:
            told |= {place for place in places if abs(place - heard_s) <= 2 * APART_S}
    if len(told) != 1 or not the_pass.also_at_song_s:
        return the_pass
    (place,) = told
    return replace(
        the_pass,
        clock=the_pass.clock.then(TimeMap.line(0.0, place - here, 1.0)),
        also_at_song_s=tuple(p for p in places if p != place),
        reason=tr(
            "{reason}; which of {number} places that sound alike: by the filming log",
            reason=the_pass.reason,
            number=len(places),
        ),
    )


def by_log(
    waiting: Mapping[str, Shot], placed: Sequence[Shot], log: Sequence[FilmedTake]
) -> dict[str, tuple[Pass, ...]]:
    """Passes of the films that wait, by their ids; those that ran while nothing was logged are left out."""
    apart = clock_apart(placed, log)
    if apart is None:
        return {}
    found = {i: passes_by_log(shot, log, apart) for i, shot in waiting.items()}
    return {i: passes for i, passes in found.items() if passes}
