"""Which grooves, styles and sound fonts belong to which part: training, calibration, test.

A part shares no groove file, no own style and no sound font with the test part; calibration shares grooves with neither.
"""

from __future__ import annotations

import zlib

#: Sound fonts of Debian: fluid-soundfont-gm, timgm6mb-soundfont, opl3-soundfont, csound-soundfont,
#: musescore-general-soundfont-small.
FONTS = {
    "train": ("fluid", "fluid", "tim", "opl3"),
    "calibrate": ("csound",),
    "test": ("muse",),
}
_OWN_TEST = {"onedrop", "bossa", "waltzpop", "stride", "techno", "riff", "march"}
_OWN_CALIBRATE = {"chip", "oompah", "shuffle", "pop"}


def part_of_seed(seed: int) -> str:
    """Three in twenty are judged, three in twenty calibrate."""
    return ("test", "test", "test", "calibrate", "calibrate", "calibrate")[seed % 20] if seed % 20 < 6 else "train"


def part_of_style(style: str) -> str:
    return "test" if style in _OWN_TEST else "calibrate" if style in _OWN_CALIBRATE else "train"


def part_of_groove(file: str) -> str:
    """By a hash of the file's name, so that adding files moves none."""
    return ("test", "test", "calibrate", "calibrate")[h] if (h := zlib.crc32(file.encode()) % 20) < 4 else "train"
