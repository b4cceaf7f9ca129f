"""Cut: the clip of each line, its edges and its pass, ranges of one's own, what stands over the picture."""

from vamos.ui.page.layout import Bands
from vamos.ui.stops.cut.actions import ACTIONS
from vamos.ui.stops.stop import Stop, room_of

CUT = Stop(
    "Cut",
    room_of("cut", "CutRoom"),
    ACTIONS,
    Bands(wave=24, words=40, clip=24),
    plays_clips=True,
    drags_edges=True,
)
