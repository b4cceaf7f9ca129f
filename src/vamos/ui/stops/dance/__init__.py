"""Dance: write the counts and the sequence, see what follows from them, fill in the card."""

from vamos.ui.page.layout import Bands
from vamos.ui.stops.dance.actions import ACTIONS
from vamos.ui.stops.stop import Stop, room_of

DANCE = Stop("Dance", room_of("dance", "DanceRoom"), ACTIONS, Bands(wave=14, words=48), writes=True)
