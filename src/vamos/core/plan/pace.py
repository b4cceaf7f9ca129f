"""The pace of passes counted aloud: how fast each line is counted, and which counts come early or late."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction

import numpy as np

from vamos.core.dance.lines import Line
from vamos.core.model.song import Grid
from vamos.core.model.take import Pass, PassKind
from vamos.core.time import count_text
from vamos.core.time.timemap import Floats
from vamos.wording import words_of

tr = words_of(__name__)

#: A count this far from an even pace is early or late (common practice, no source).
OFF_S = 0.06


@dataclass(frozen=True, slots=True)
class LinePace:
    """A line as it is counted: as a share of the song's tempo there, and (count from the line's start, seconds late)
    of the counts that are off an even pace; early ones are below 0.
    """

    line: Line
    share: float
    off: tuple[tuple[int, float], ...]

    def words(self) -> str:
        """``Gate walk at 72 % of the song; 5 comes 0.08 s late``."""
        title = self.line.title or tr("line {number}", number=self.line.number + 1)
        told = [
            tr(
                "{count} comes {number:.2f} s {words}",
                count=count_text(Fraction(k)),
                number=abs(late),
                words=tr("late") if late > 0 else tr("early"),
            )
            for k, late in self.off
        ]
        return "; ".join([tr("{title} at {share:.0%} of the song", title=title, share=self.share), *told])


def middle_slope(values: Floats) -> float:
    """The middle of the slopes through each two values, which lie one apart: ``(n,)``, n ≥ 2 (Theil 1950, Sen 1968)."""
    first, second = np.triu_indices(len(values), 1)
    return float(np.median((values[second] - values[first]) / (second - first)))


def paces(the_pass: Pass, grid: Grid, lines: Sequence[Line]) -> tuple[LinePace, ...]:
    """The pace of each line that a counted pass holds whole; a pass with the song has the song's, and none here."""
    if the_pass.kind is not PassKind.COUNTED:
        return ()
    count_to_take, count_to_song = the_pass.clock.inverse(), grid.time_map()
    # Beyond the counts that were said, nothing is known.
    first, last = the_pass.clock.y[0], the_pass.clock.y[-1]
    found = []
    for line in lines:
        start, end = float(line.start), float(line.counts.end)
        if not line.kind.danced or start < first - 0.1 or end > last + 1.1 or line.length < 2:
            continue
        numbers = np.arange(int(line.length), dtype=np.float64)
        said = count_to_take(start + numbers)
        # One count that is off does not bend the line it is measured against.
        slope = middle_slope(said)
        late = said - slope * numbers
        late -= np.median(late)
        song_s = (count_to_song(end) - count_to_song(start)) / float(line.length)
        off = tuple((int(k), round(float(late[k]), 3)) for k in np.flatnonzero(np.abs(late) > OFF_S))
        found.append(LinePace(line, float(song_s / slope), off))
    return tuple(found)
