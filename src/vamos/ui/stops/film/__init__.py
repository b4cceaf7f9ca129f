"""Film: what the takes show and where they lie on the song, matching by eye, what to film next."""

from vamos.ui.page.layout import Bands
from vamos.ui.stops.film.commands import ACTIONS
from vamos.ui.stops.film.panel import FilmRoom
from vamos.ui.stops.stop import Stop

FILM = Stop("Film", FilmRoom, ACTIONS, Bands(wave=18, words=0, strips=33), strips=True)
