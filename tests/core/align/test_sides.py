"""“Right” and “left” called on counts: heard where they are, not in plain talk."""

import tempfile
import unittest
from pathlib import Path
from unittest import mock

import numpy as np

from tests.core.align.test_spoken import counted, words_at
from vamos.core.align import spoken
from vamos.core.align.sides import called, sides_in
from vamos.core.align.take_voice import TakeVoice
from vamos.core.media import cache
from vamos.core.media.sound import Sound, write_wav
from vamos.core.progress import quiet
from vamos.core.time import TimeMap, TimeRange
from vamos.errors import MissingError

PERIOD = 0.6
#: Counts from the first word on, which is said at second 1.
CLOCK = TimeMap.line(1.0, 0.0, 1 / PERIOD)
ALL = TimeRange(0.0, 60.0)


def words(text: str, start: float = 1.0, period: float = PERIOD) -> list[tuple[str, float]]:
    """Words one after another, a count each; a dot is nothing."""
    return [(w, start + k * period) for k, w in enumerate(text.split()) if w != "."]


class CalledTest(unittest.TestCase):
    def sides(self, heard):
        return [(round((c.take_s - 1) / PERIOD), c.side) for c in called(heard, ALL, CLOCK)]

    def test_among_numbers_that_go_on(self):
        self.assertEqual(self.sides(words("five six right eight one two left four")), [(2, "right"), (6, "left")])

    def test_not_among_numbers_that_do_not(self):
        """Talk yields numbers, but not such that follow each other."""
        self.assertEqual(self.sides(words("two right seven one four left eight five three")), [])

    def test_an_eight_sounds_like_right(self):
        self.assertEqual(
            self.sides(words("five six seven right one two three four five six seven left")), [(11, "left")]
        )

    def test_not_off_the_counts(self):
        heard = [*words("five six . eight one two three four"), ("right", 1 + 2.5 * PERIOD)]
        self.assertEqual(self.sides(heard), [])

    def test_not_alone(self):
        self.assertEqual(self.sides(words("right left right left right left")), [])

    def test_only_inside_the_pass(self):
        heard = words("five six right eight one two left four")
        self.assertEqual(called(heard, TimeRange(30, 40), CLOCK), [])


@unittest.skipUnless(spoken.listens(), "pocketsphinx is not installed here")
class HeardTest(unittest.TestCase):
    def test_calls_in_a_counting(self):
        """Six of 24 counts are called as sides: at least five are heard, each at its second, none besides."""
        times, said = counted(1, 24, PERIOD)
        calls = {2: "right", 6: "left", 11: "right", 13: "left", 18: "right", 21: "left"}
        for at, side in calls.items():
            said[at] = side
        sound = words_at(times, said, 17)
        found = sides_in(sound, [(ALL, CLOCK)])
        self.heard_once_and_kept(sound, found)
        for call in found:
            at = round((call.take_s - 1) / PERIOD)
            self.assertEqual(calls.get(at), call.side)
            self.assertAlmostEqual(call.take_s, times[at], delta=0.15)
        self.assertGreaterEqual(len(found), 5)

    def heard_once_and_kept(self, sound, found):
        """From the file as from its samples; a second look does not listen again, unless what was kept is damaged."""
        with tempfile.TemporaryDirectory() as name, mock.patch.object(cache, "folder", return_value=Path(name) / "c"):
            path = Path(name) / "take.wav"
            write_wav(path, Sound(sound[:, None], spoken.RATE))
            first = TakeVoice(path, "one", quiet())
            fresh = first.sides([(ALL, CLOCK)])
            self.assertEqual(
                [(c.side, round(c.take_s, 2)) for c in fresh], [(c.side, round(c.take_s, 2)) for c in found]
            )
            ands = first.ands()
            path.unlink()
            again = TakeVoice(path, "one", quiet())
            self.assertEqual(again.sides([(ALL, CLOCK)]), fresh)
            self.assertEqual(again.ands(), ands)
            self.assertEqual(TakeVoice(path, "one", quiet()).sides([(TimeRange(50.0, 60.0), CLOCK)]), ())
            for what in ("one countings", "one sides"):
                cache.keep(
                    "voice", what, lengths=np.array([3]), times=np.zeros(1), counts=np.zeros(2), words=np.zeros(0)
                )
                with self.subTest(what), self.assertRaises(MissingError):
                    TakeVoice(path, "one", quiet()).sides([(ALL, CLOCK)])

    def test_talk_about_sides_is_no_call(self):
        times = [1.0, 5.0, 9.0, 13.0]
        talk = [
            "put the weight on the left foot",
            "that is right, very good",
            "the right arm goes up",
            "then look left",
        ]
        self.assertEqual(sides_in(words_at(times, talk, 18), [(ALL, CLOCK)]), ())
