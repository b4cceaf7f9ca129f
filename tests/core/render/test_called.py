"""What a voice calls ahead: where learners look away from the screen, and before tags and restarts."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

import numpy as np
import scipy.signal

from tests.support import grid_at
from vamos.core.dance.calls import spoken_calls
from vamos.core.dance.lines import lines_of
from vamos.core.media.sound import Sound
from vamos.core.model.clip import ClipSound, Mix, Version
from vamos.core.model.dance import Dance, Event, Item, ItemKind, Kind, Section
from vamos.core.render.called import calls_between
from vamos.core.render.clip_sound import Told, version_sound
from vamos.core.render.count_in import Lead
from vamos.core.render.sound import RATE
from vamos.core.render.spoken import sentence
from vamos.core.render.timing import clip_timing
from vamos.core.time import CountRange, FrameRate

GRID = grid_at(120, 60, 1.0, 8)
WALL = Item(ItemKind.WALL)
HALF = Event(F(7), name="half turn", kind=Kind.TURN, turn=4)
#: Wall 1 turns its back on its last count; wall 2 is cut after its first section, so wall 3 faces away, too.
DANCE = Dance(
    "d",
    (Section("Fans up", 8), Section("Gate", 8, (HALF,)), Section("Sway", 4)),
    (WALL, replace(WALL, restart_after=8), Item(ItemKind.TAG, ("Sway",), "Sway"), WALL),
)
LINES = lines_of(GRID, replace(DANCE, sections=(*DANCE.sections[:2], replace(DANCE.sections[2], name="Sway"))))


def timing(first: int = -2, last: int = 47, speed: F = F(1)):
    return clip_timing(GRID, CountRange(F(first), F(last)), speed, FrameRate.of(30))


def place_of(word: np.ndarray, heard: np.ndarray) -> float:
    """The second at which a word begins in a sound, by correlation."""
    found = scipy.signal.correlate(heard[:, 0], word[:, 0], "valid", method="fft")
    return int(np.argmax(found)) / RATE


class CallsTest(unittest.TestCase):
    def test_what_is_called(self):
        """Wall 1 is seen. Wall 2 begins with the back to the screen; its restart, the tag and wall 3 are called."""
        self.assertEqual(
            spoken_calls(LINES), [(F(16), "Fans up"), (F(24), "Sway, restart"), (F(28), "Fans up"), (F(36), "Gate")]
        )
        front = lines_of(GRID, Dance("d", (Section("A", 8),), (WALL, WALL)))
        self.assertEqual(spoken_calls(front), [])

    def test_a_call_is_over_half_a_count_before(self):
        clip = timing()
        calls = calls_between(LINES, clip.counts(), clip.counts_to_out())
        self.assertEqual(len(calls), 4)
        for call, at in zip(calls, (16, 24, 28, 36), strict=True):
            ends = call.start_s + len(call.heard) / RATE
            self.assertAlmostEqual(ends, float(clip.counts_to_out()(F(at) - F(1, 2))), places=4)

    def test_what_a_count_in_leads_into_is_not_called_and_nothing_begins_before_the_film(self):
        clip = timing(14, 30)
        edges, to_out = clip.counts(), clip.counts_to_out()
        lead = Lead(F(16), ((F(14), "7"), (F(15), "8")))
        self.assertEqual(len(calls_between(LINES, edges, to_out, lead)), 2)
        late = timing(16, 30)
        self.assertEqual(len(calls_between(LINES, late.counts(), late.counts_to_out())), 2)

    def test_over_the_song_it_is_heard_there_and_nowhere_else(self):
        """The clip with calls less the one without: words at their seconds, silence between."""
        rng = np.random.default_rng(3)
        song = Sound(rng.normal(0, 0.05, (60 * RATE, 2)).astype(np.float32), RATE)
        clip = timing()

        def heard(mix: Mix) -> np.ndarray:
            out = version_sound(Version(), clip, Told(LINES, mix=mix), song, None, np.zeros(clip.frames))
            assert out is not None
            return out

        added = heard(Mix(calls=0.8)) - heard(Mix())
        for words, at in (("Fans up", 15.5), ("Gate", 35.5)):
            word = sentence(words)
            wanted = float(clip.counts_to_out()(F(at))) - len(word) / RATE
            near = added[round((wanted - 0.2) * RATE) : round((wanted + 0.2) * RATE) + len(word)]
            self.assertAlmostEqual(place_of(word, near), 0.2, delta=0.002)
        quiet_from, quiet_to = (round(float(clip.counts_to_out()(F(k))) * RATE) for k in (0, 13))
        self.assertEqual(float(np.abs(added[quiet_from:quiet_to]).max()), 0.0)

    def test_counts_make_room_for_a_call(self):
        """While something is called no number is said: what is heard then is the call alone."""
        clip = timing()
        told = Told(LINES, mix=Mix(calls=1.0))
        out = version_sound(Version(sound=ClipSound.VOICE), clip, told, None, None, np.zeros(clip.frames))
        assert out is not None
        call = calls_between(LINES, clip.counts(), clip.counts_to_out())[1]
        # Behind the first number's tail.
        first = round(call.start_s * RATE)
        part = out[first : first + len(call.heard)]
        half = len(part) // 2
        alike = float(np.corrcoef(part[half:, 0], call.heard[half:, 0])[0, 1])
        self.assertGreater(alike, 0.99)


if __name__ == "__main__":
    unittest.main()
