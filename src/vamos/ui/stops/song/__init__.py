"""Song: find the beat and correct it, name the parts of the song, keep other songs for the same dance."""

from vamos.ui.page.layout import Bands
from vamos.ui.stops.song.actions import ACTIONS
from vamos.ui.stops.stop import Stop, room_of

SONG = Stop("Song", room_of("song", "SongRoom"), ACTIONS, Bands(wave=62, words=0), drags_beats=True)
