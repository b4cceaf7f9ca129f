"""Dance: write the counts and the sequence, see what follows from them, fill in the card."""

from vamos.ui.page.layout import Bands
from vamos.ui.stops.dance.commands import ACTIONS
from vamos.ui.stops.dance.panel import DanceRoom
from vamos.ui.stops.stop import Stop

DANCE = Stop("Dance", DanceRoom, ACTIONS, Bands(wave=14, words=48), writes=True)
