"""A voice that calls ahead what comes: sections where learners cannot see the screen, tags, restarts, stops."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction

import numpy as np

from vamos.core.dance.calls import spoken_calls
from vamos.core.dance.lines import Line
from vamos.core.media.sound import Samples
from vamos.core.render.count_in import Lead
from vamos.core.render.sound import RATE
from vamos.core.render.spoken import sentence
from vamos.core.time import CountRange, TimeMap

#: A call is over so many counts before what it calls (common practice, no source).
_BEFORE = Fraction(1, 2)


@dataclass(frozen=True, slots=True)
class Call:
    """Words as they are heard, ``(frames, 2)`` at ``RATE``, from a second of the clip on."""

    start_s: float
    heard: Samples

    def lasts(self, at_s: float) -> bool:
        return self.start_s <= at_s < self.start_s + len(self.heard) / RATE


def calls_between(
    lines: Sequence[Line], edges: CountRange, counts_to_out: TimeMap, lead: Lead | None = None
) -> list[Call]:
    """The calls of a clip that shows ``edges``; what a count-in leads into is not called as well."""
    found = []
    for at, words in spoken_calls(lines):
        if not edges.contains(at) or (lead is not None and at == lead.start):
            continue
        heard = sentence(words)
        start_s = float(counts_to_out(at - _BEFORE)) - len(heard) / RATE
        if start_s >= 0 and len(heard):
            found.append(Call(start_s, heard))
    return found


def add_calls(samples: Samples, level: float, calls: Sequence[Call]) -> None:
    """Mix calls over what is heard, in place: at ``level`` of its loudness, or of a voice alone."""
    loud = float(np.percentile(np.abs(samples), 99.5)) if samples.any() else 1.0
    for call in calls:
        first = round(call.start_s * RATE)
        part = call.heard[: max(0, len(samples) - first)]
        peak = max(1e-6, float(np.abs(call.heard).max()))
        samples[first : first + len(part)] += np.float32(level * loud / peak) * part
