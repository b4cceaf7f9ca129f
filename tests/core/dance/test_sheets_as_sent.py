"""Whole sheets as they are sent from hand to hand, in three hands and two languages; what they mean worked out by hand."""

import unittest
from pathlib import Path

from tests.core.dance.typed_judge import short
from vamos.core.dance.facing import clock_text
from vamos.core.dance.sheet_text import LineIs, TextRead, read_text

HERE = Path(__file__).parent / "sheets"


def read(name: str) -> TextRead:
    return read_text((HERE / f"{name}.txt").read_text(encoding="utf-8"))


def sequence(found: TextRead) -> list[str]:
    """wall, wall/16 (a restart after 16), names of tags and parts."""
    return [(i.name or str(i.kind)) + (f"/{i.restart_after}" if i.restart_after else "") for i in found.dance.sequence]


class SentTest(unittest.TestCase):
    def test_titles_that_sound_like_moves_are_titles(self):
        found = read("paper moon")
        self.assertEqual([s.length for s in found.dance.sections], [8, 8, 8, 8, 4])
        self.assertEqual(
            [short(s.events) for s in found.dance.sections],
            [
                "1R 2L 3R 3&L 4R 5L 6R 7L 7&R 8L",
                "1R 2L 3r 3&R 4L 5r 5&R 6L 7R 8L-2",
                "1R 2l 3L 4r 5R 6L 7R 8L",
                "1r 1&R 2l 2&L 3R 4L 5x 6x 7x 8x",
                "1R 2L 3R 4L",
            ],
        )
        self.assertEqual(sequence(found), ["wall", "wall", "wall/16", "wall", "wall", "Tag", "wall"])
        dance = found.dance
        self.assertEqual(
            (dance.credits, dance.level, dance.stated.walls, dance.stated.counts),
            ("A. Teacher (2026)", "improver", 4, 32),
        )
        self.assertEqual(found.song, "Moonlit Stalls by The Invented Band")
        self.assertEqual(clock_text(sum(e.turn or 0 for s in dance.wall_sections() for e in s.events) % 8), "9:00")

    def test_bold_heads_and_counts_one_by_one(self):
        found = read("fan alley")
        self.assertEqual(
            [short(s.events) for s in found.dance.sections][:2],
            ["1R 2L 3R 4l 5L 6R 7L 8r", "1R 2l 3L 4r 5R 6L-4 7R 8L"],
        )
        self.assertEqual(sequence(found), ["wall", "wall", "Tag", "wall", "wall", "Tag", "wall"])
        dance = found.dance
        self.assertEqual((dance.level, dance.stated.walls, dance.stated.counts), ("Absolute Beginner", 2, 16))

    def test_german(self):
        found = read("laternengasse")
        first, second = found.dance.sections
        self.assertEqual(short(first.events), "1R 2L 3R 3&L 4R 5L 6R 7L 8r 9R 10L 11R 12l 13L 14R 15L-2 16r")
        self.assertEqual(short(second.events).split()[:4], ["1R", "2L-4", "3R", "4L-4"])
        self.assertEqual(sequence(found), ["Teil A", "Teil A", "Teil B", "Teil A", "Teil B", "Teil B"])
        self.assertTrue(any(e.doubt for e in second.events), "two stamps with one foot are asked")

    def test_every_line_is_accounted_for(self):
        for name in ("paper moon", "fan alley", "laternengasse"):
            found = read(name)
            rows = (HERE / f"{name}.txt").read_text(encoding="utf-8").splitlines()
            with self.subTest(name):
                self.assertEqual([line.number for line in found.lines][: len(rows)], list(range(1, len(rows) + 1)))
                left = [line.text for line in found.lines if line.taken in (LineIs.ASIDE, LineIs.OPEN)]
                self.assertEqual(left, [])
