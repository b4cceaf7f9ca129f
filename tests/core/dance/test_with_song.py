"""The parts of a song beside the lines of a dance: whether a tag or a restart is needed, worked out by hand."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

from tests.support import grid_at
from vamos.core.dance.sequence import parse_sequence
from vamos.core.dance.with_song import with_song
from vamos.core.model.dance import Dance, Section
from vamos.core.model.song import Break, Part


def dance(sequence: str) -> Dance:
    found = Dance("d", (Section("A", 8), Section("B", 8), Section("tag", 4)))
    found = replace(found, sequence=parse_sequence("tag", found))
    return replace(found, sequence=parse_sequence(sequence, found))


def song(*parts: int, breaks=()):
    named = tuple(Part(F(at), chr(65 + k)) for k, at in enumerate(parts))
    return replace(grid_at(120, 200, 1.0, 8), parts=named, breaks=tuple(breaks))


class WithSongTest(unittest.TestCase):
    def test_parts_that_begin_with_lines_need_nothing(self):
        """Walls of 16: parts on 32, 40 and 64 begin with a line, whichever of the two it is."""
        found = with_song(dance("5 walls"), song(0, 32, 40, 64))
        self.assertEqual((found.parts, found.out, found.needs_nothing), (3, (), True))
        self.assertIn("No tag and no restart is needed", found.words())

    def test_a_part_in_the_middle_of_a_line_says_how_long_a_tag_is_needed(self):
        found = with_song(dance("5 walls"), song(0, 32, 52))
        self.assertEqual([(o.part, o.at, o.line, o.wall, o.into) for o in found.out], [("C", F(52), "A", 4, F(4))])
        self.assertFalse(found.needs_nothing)
        # Count 52 at 120 a minute: 26 s after the first one, which is 8 counts and 1 s into the song.
        self.assertIn("at 0:31, 4 counts into A, wall 4", found.words())

    def test_a_tag_of_that_length_brings_it_back(self):
        found = with_song(dance("3 walls tag 2 walls"), song(0, 32, 52))
        self.assertEqual((found.out, found.helped, found.needs_nothing), ((), True, False))
        self.assertIn("With its tags and restarts", found.words())

    def test_a_restart_does_as_well(self):
        found = with_song(dance("2 walls wall/8 3 walls"), song(0, 40, 72))
        self.assertEqual((found.out, found.helped), ((), True))

    def test_a_stop_of_the_music_is_never_nothing(self):
        stop = Break(F(16), F(4))
        found = with_song(dance("5 walls"), song(0, 36, breaks=(stop,)))
        self.assertFalse(found.needs_nothing)

    def test_nothing_is_claimed_without_parts_or_a_song(self):
        self.assertIsNone(with_song(dance("5 walls"), song(0)))
        self.assertIsNone(with_song(dance("5 walls"), song(0, 80)), "it begins when the dance is over")
        self.assertIsNone(with_song(dance("5 walls"), None))
        self.assertIsNone(with_song(Dance("d", (Section("A", 8),)), song(0, 32)))


if __name__ == "__main__":
    unittest.main()
