"""The stops of the work, in the order people take them. A new stop is a folder here and a line below."""

from vamos.ui.stops.cut import CUT
from vamos.ui.stops.dance import DANCE
from vamos.ui.stops.film import FILM
from vamos.ui.stops.lesson import LESSON
from vamos.ui.stops.pack import PACK
from vamos.ui.stops.song import SONG
from vamos.ui.stops.stop import Stop

STOPS: tuple[Stop, ...] = (SONG, DANCE, FILM, CUT, LESSON, PACK)
