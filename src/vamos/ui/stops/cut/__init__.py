"""Cut: the clip of each line, its edges and its pass, ranges of one's own, what stands over the picture."""

from vamos.ui.page.layout import Bands
from vamos.ui.stops.cut.commands import ACTIONS
from vamos.ui.stops.cut.panel import CutRoom
from vamos.ui.stops.stop import Stop

CUT = Stop("Cut", CutRoom, ACTIONS, Bands(wave=24, words=40, clip=24), plays_clips=True, drags_edges=True)
