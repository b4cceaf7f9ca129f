"""Film: what the takes show and where they lie on the song, matching by eye, what to film next."""

from vamos.ui.page.layout import Bands
from vamos.ui.stops.film.actions import ACTIONS
from vamos.ui.stops.stop import Stop, room_of

FILM = Stop("Film", room_of("film", "FilmRoom"), ACTIONS, Bands(wave=18, words=0, strips=33), strips=True)
