"""What is said of a song's grid in words: where the music stops."""

from __future__ import annotations

from collections.abc import Iterator

from vamos.core.model.song import Break, Grid
from vamos.core.time import minutes_text
from vamos.core.time.counts import parts_text
from vamos.wording import plural, words_of

tr = words_of(__name__)


def stops_said(grid: Grid) -> Iterator[str]:
    """A sentence for each stop of the music."""
    clock = grid.time_map()
    for stop in grid.breaks:
        yield tr(
            "The music stops at {minutes} for {beats}, {danced}.",
            minutes=minutes_text(clock(stop.position - 1)),
            beats=beats_said(stop),
            danced=danced_said(stop),
        )


def beats_said(stop: Break) -> str:
    """How long a stop lasts."""
    return tr("1 beat") if stop.length == 1 else tr("{beats} beats", beats=parts_text(stop.length))


def danced_said(stop: Break) -> str:
    """What is danced in a stop."""
    if not stop.counts:
        return tr("held still")
    counts = tr("{counts} danced", counts=plural(stop.counts, "count"))
    return tr("{counts}, the last one held", counts=counts) if stop.length > stop.counts else counts
