"""Takes that are a part of their film: what of passes belongs to them."""

from __future__ import annotations

from dataclasses import replace

from vamos.core.model.take import Pass, Take
from vamos.core.time import TimeRange

#: A part of a take is at least this long.
SHORTEST_S = 2.0


def inside(the_pass: Pass, part: TimeRange) -> Pass | None:
    """What of a pass lies in a part of a film; None when that is next to nothing."""
    start, end = max(the_pass.take_range.start_s, part.start_s), min(the_pass.take_range.end_s, part.end_s)
    if end - start < SHORTEST_S:
        return None
    moved = float(the_pass.clock(start)) - float(the_pass.clock(the_pass.take_range.start_s))
    also = tuple(at + moved for at in the_pass.also_at_song_s)
    return replace(the_pass, take_range=TimeRange(start, end), also_at_song_s=also)


def only_part(take: Take) -> Take:
    """A take just placed, without what was found outside of the part it is."""
    if take.part is None:
        return take
    kept = (inside(p, take.part) for p in take.passes)
    return replace(take, passes=tuple(p for p in kept if p is not None))
