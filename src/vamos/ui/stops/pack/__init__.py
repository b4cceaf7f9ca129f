"""Pack: which versions students get, writing them, and what was found when they were decoded again."""

from vamos.ui.page.layout import Bands
from vamos.ui.stops.pack.commands import ACTIONS
from vamos.ui.stops.pack.panel import PackRoom
from vamos.ui.stops.stop import Stop

PACK = Stop("Pack", PackRoom, ACTIONS, Bands(wave=20, words=40, clip=24), wide=True, plays_clips=True)
