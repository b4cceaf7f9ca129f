"""A stretch of a take that lies on the song."""

from __future__ import annotations

from dataclasses import dataclass


@dataclass(frozen=True, slots=True)
class Segment:
    """Take seconds ``[start_s, end_s)`` are song seconds ``song_s`` + rate · (take − start_s)."""

    take_start_s: float
    take_end_s: float
    song_at_start_s: float
    rate: float
    confidence: float
    residual_s: float
    clarity: float = 0.0
    weight: float = 0.0
    also_at_s: tuple[float, ...] = ()
