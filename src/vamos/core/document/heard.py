"""Where a take is heard: in its film, or in a better recording that lies beside it."""

from __future__ import annotations

from dataclasses import dataclass
from pathlib import Path

from vamos.core.document.paths import locate
from vamos.core.model.take import Take
from vamos.core.time import TimeMap, TimeRange


@dataclass(frozen=True, slots=True)
class Heard:
    """A file with the sound of a take; ``clock`` maps take seconds to its own, None where they are the same."""

    path: Path
    fingerprint: str = ""
    clock: TimeMap | None = None

    def sound_s(self, take_s: float) -> float:
        return take_s if self.clock is None else float(self.clock(take_s))

    def take_s(self, sound_s: float) -> float:
        return sound_s if self.clock is None else float(self.clock.inverse()(sound_s))

    def from_sound(self, after: TimeMap) -> TimeMap:
        """A map from seconds of the sound, as one from seconds of the take."""
        return after if self.clock is None else self.clock.then(after)

    def to_sound(self, after: TimeMap) -> TimeMap:
        """A map from seconds of the take, as one from seconds of the sound."""
        return after if self.clock is None else self.clock.inverse().then(after)

    def range_of(self, take: TimeRange) -> TimeRange:
        return TimeRange(self.sound_s(take.start_s), self.sound_s(take.end_s))


def heard_of(take: Take, base: Path | None) -> Heard:
    """The sound of a take; raises MissingError where its file is gone."""
    if take.better is not None:
        return Heard(locate(take.better.media, base), take.better.media.fingerprint, take.better.clock)
    return Heard(locate(take.media, base), take.media.fingerprint)
