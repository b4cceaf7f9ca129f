"""Pack: which versions students get, writing them, and what was found when they were decoded again."""

from vamos.ui.page.layout import Bands
from vamos.ui.stops.pack.actions import ACTIONS
from vamos.ui.stops.stop import Stop, room_of

PACK = Stop(
    "Pack",
    room_of("pack", "PackRoom"),
    ACTIONS,
    Bands(wave=20, words=40, clip=24),
    wide=True,
    plays_clips=True,
)
