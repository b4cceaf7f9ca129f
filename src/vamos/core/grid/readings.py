"""Readings of a song: which pulse is counted, in three or four, where lines begin and where the dancing starts.

Every pulse that people may step to is heard (:mod:`vamos.core.grid.evidence`, :mod:`vamos.core.grid.network`); its
lines are followed over the whole song (:mod:`vamos.core.grid.phrase`). The likeliest reading is taken, the next ones
are offered. How sure a reading is was calibrated on music nothing was learned from (docs/counting.md).
"""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np
import numpy.typing as npt

from vamos.core.grid.evidence import Heard, evidence
from vamos.core.grid.network import Said, listen, weights
from vamos.core.grid.phrase import Places, log_softmax, places_of
from vamos.core.grid.pulses import Pulse
from vamos.core.grid.spectra import Spectra
from vamos.core.grid.tempo import Floats

#: The dancing starts within so many counts of music (common practice, no source).
LONGEST_LEAD_IN = 80
#: Readings less likely than this are not offered.
LEAST = 0.03


@dataclass(frozen=True, slots=True)
class Decoding:
    """How much the networks are believed; fitted with the calibration."""

    count: float = 1.0
    trust: float = 0.2
    anew: float = 0.004

    @classmethod
    def learned(cls) -> Decoding:
        return cls(*(float(x) for x in weights()["decoding"]))


@dataclass(frozen=True, slots=True)
class Reading:
    """One way to count a song.

    ``places`` are the place of each count in its line; ``sure`` is how likely it is that the whole reading is right,
    ``lines`` how sure each count's place is, ``lead_in`` the counts before the dancing.
    """

    pulse: Pulse
    meter: int
    places: npt.NDArray[np.intp]
    lines: Floats
    lead_in: int
    sure: float

    @property
    def line(self) -> int:
        return 6 if self.meter == 3 else 8


@dataclass(frozen=True, slots=True)
class _Judged:
    pulse: Pulse
    said: Said
    counted: float


def readings(spectra: Spectra, found: tuple[Pulse, ...], decoding: Decoding | None = None) -> tuple[Reading, ...]:
    """All readings worth offering, the likeliest first; at least one when there is a pulse."""
    decoding = decoding or Decoding.learned()
    heard = Heard(spectra)
    judged = judge([(p, listen(evidence(heard, p.beats_s), p.bpm)) for p in found], decoding)
    out: list[Reading] = []
    for one in judged:
        if one.counted >= LEAST or one is judged[0]:
            out += _of_pulse(one, decoding)
    out.sort(key=lambda r: -r.sure)
    kept = [out[0], *(r for r in out[1:] if r.sure >= LEAST)] if out else []
    return tuple(replace(r, sure=calibrated(r.sure)) for r in kept)


def calibrated(sure: float) -> float:
    """How often a reading that seems this sure was right on music nothing was learned from."""
    w = weights()
    return float(np.interp(sure, w["sure_said"], w["sure_right"]))


def judge(said: list[tuple[Pulse, Said]], decoding: Decoding) -> list[_Judged]:
    """Each pulse with how likely it is the one that is counted, the likeliest first."""
    if not said:
        return []
    shares = np.exp(log_softmax(decoding.count * np.array([s.counted for _, s in said])))
    judged = [_Judged(p, s, float(share)) for (p, s), share in zip(said, shares, strict=True)]
    return sorted(judged, key=lambda j: -j.counted)


def _of_pulse(one: _Judged, decoding: Decoding) -> list[Reading]:
    """The readings of one pulse: in three or four, lines begun here or there."""
    three = float(1 / (1 + np.exp(-one.said.three)))
    found = []
    for meter, share in ((3, three), (4, 1 - three)):
        if share * one.counted < LEAST and share < 0.5:
            continue
        places = places_of(one.said.six if meter == 3 else one.said.eight, decoding.trust, decoding.anew)
        for turn, likely in enumerate(places.turned()):
            sure = one.counted * share * float(likely)
            if sure >= LEAST or (turn == 0 and share >= 0.5):
                found.append(_reading(one, meter, places, turn, sure))
    return found


def _reading(one: _Judged, meter: int, places: Places, turn: int, sure: float) -> Reading:
    path = (places.path - turn) % places.line
    at = np.arange(len(path))
    lead_in = _lead_in(one.said.start, path)
    return Reading(one.pulse, meter, path, places.sure[at, path], lead_in, sure)


def _lead_in(start: Floats, places: npt.NDArray[np.intp]) -> int:
    """The count on which the dancing starts: the beginning of a line that sounds most like it."""
    begins = np.flatnonzero(places == 0)
    begins = begins[begins <= LONGEST_LEAD_IN]
    if not len(begins):
        return int(np.flatnonzero(places == 0)[0]) if (places == 0).any() else 0
    return int(begins[np.argmax(start[begins])])
