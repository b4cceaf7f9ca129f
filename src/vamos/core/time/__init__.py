"""Time in Vamos: exact counts, rational frame rates, half-open ranges and one mapping type.

Seconds are float64 and carry their clock in the name: ``_song_s``, ``_take_s``, ``_out_s``.
Counts are :class:`fractions.Fraction`. Conversions between clocks are :class:`TimeMap` only.
"""

from vamos.core.time.counts import Feel, as_count, count_name, count_text, minutes_text, set_number_text
from vamos.core.time.ranges import CountRange, TimeRange
from vamos.core.time.rates import FrameRate
from vamos.core.time.timemap import TimeMap

__all__ = [
    "CountRange",
    "Feel",
    "FrameRate",
    "TimeMap",
    "TimeRange",
    "as_count",
    "count_name",
    "count_text",
    "minutes_text",
    "set_number_text",
]
