"""A recording made beside a film: laid on its sound, listened to for placing, heard with its clips."""

from dataclasses import replace

import numpy as np

from tests.support import FolderCase, demo_folder, film_of
from vamos.core.align.better_sound import better_sound
from vamos.core.align.correlate import RATE as PLACING_RATE
from vamos.core.align.place import place_take, song_sound
from vamos.core.align.song_in_room import find_song
from vamos.core.document.heard import heard_of
from vamos.core.edit.takes import set_better_sound
from vamos.core.media.sound import Sound, read_sound, write_wav
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef
from vamos.core.model.take import Take
from vamos.core.render.clip_sound import room_of
from vamos.demo.build import SONG
from vamos.errors import MediaError

RATE = 48000
#: The recorder was started so much before the camera.
EARLY_S = 2.5


def voices(seconds: float, seed: int = 0) -> np.ndarray:
    """Something like talk: bursts of noise, never the same."""
    rng = np.random.default_rng(seed)
    out = np.zeros(round(seconds * RATE))
    for at in np.cumsum(rng.uniform(0.15, 0.6, 200)):
        first, long = round(at * RATE), round(rng.uniform(0.05, 0.25) * RATE)
        if first + long < len(out):
            out[first : first + long] += np.convolve(rng.standard_normal(long), np.ones(6) / 6, "same")
    return 0.2 * out


class BetterSoundTest(FolderCase):
    def write(self, name: str, sound: np.ndarray):
        path = self.folder / name
        write_wav(path, Sound(sound.astype(np.float32)[:, None], RATE))
        return path

    def film(self, sound: np.ndarray):
        rng = np.random.default_rng(9)
        return film_of(
            self.folder / "film.mp4", len(sound) / RATE, sound=sound + 0.02 * rng.standard_normal(len(sound))
        )

    def test_it_lies_where_both_hear_the_same(self):
        """The recorder starts 2.5 s before the camera and hears 6 dB more: within 2 ms."""
        heard = voices(20)
        film = self.film(0.5 * heard[round(EARLY_S * RATE) :])
        found = better_sound(film, self.write("memo.wav", heard), None)
        for at in (0.0, 8.0, 15.0):
            self.assertAlmostEqual(found.clock(at), at + EARLY_S, delta=0.002)

    def test_what_does_not_fit_is_refused(self):
        film = self.film(voices(12))
        with self.assertRaisesRegex(MediaError, "do not seem to hear the same"):
            better_sound(film, self.write("other.wav", voices(12, seed=5)), None)
        silent = film_of(self.folder / "silent.mp4", 3.0)
        with self.assertRaisesRegex(MediaError, "no sound of its own"):
            better_sound(silent, self.write("memo.wav", voices(5)), None)

    def test_a_take_is_placed_by_the_recording_where_the_film_hears_no_song(self):
        """The camera stood far from the loudspeaker; only the recorder hears the song. Seconds are the film's."""
        song = read_sound(demo_folder() / SONG, RATE).mono()[round(4.0 * RATE) :][: 24 * RATE].astype(float)
        talk = voices(24)
        film = self.film(0.5 * talk[round(EARLY_S * RATE) :])
        memo = self.write("memo.wav", talk + 0.3 * song[: len(talk)])
        take = Take("t", MediaRef(str(film), duration_s=24 - EARLY_S))
        index = song_sound(demo_folder() / SONG)
        self.assertEqual(find_song(index.index, read_sound(film, PLACING_RATE).mono()), [])
        take = replace(take, better=better_sound(film, memo, None))
        (found,) = place_take(take, film, index, heard=heard_of(take, None)).passes
        self.assertAlmostEqual(found.clock(10.0), 10.0 + EARLY_S + 4.0, delta=0.003)
        self.assertGreaterEqual(found.take_range.start_s, 0.0)

    def test_clips_are_heard_in_it(self):
        """The room's sound of a clip comes from the recording, on the take's seconds."""
        memo = np.zeros(10 * RATE)
        memo[round(4.5 * RATE)] = 0.9
        path = self.write("memo.wav", memo)
        take = Take("t", MediaRef("none"))
        better = replace(
            better_sound(self.film(voices(8)), self.write("v.wav", voices(8)), None), media=MediaRef(str(path))
        )
        shift = 4.5 - better.clock(4.0)
        room, times = room_of(heard_of(replace(take, better=better), None), np.array([3.0, 4.0, 5.0]))
        at = int(np.abs(room.samples[:, 0]).argmax()) / room.rate
        self.assertAlmostEqual(at, times[1] + shift, delta=0.002)

    def test_choosing_it_places_the_take_anew(self):
        take = Take("t", MediaRef("f"), looked_for_passes=True)
        p = set_better_sound(Project("p", takes=(take,)), "t", None)
        self.assertFalse(p.takes[0].looked_for_passes)
