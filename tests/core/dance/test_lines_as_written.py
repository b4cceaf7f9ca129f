"""Every line of the table means what stands beside it, reads back from its canonical form, and asks for what is open."""

import unittest

from tests.core.dance.lines_as_written import LINES
from vamos.core.dance.notation import parse_line
from vamos.core.dance.notation_out import print_line
from vamos.core.dance.turn_words import find_turn, read_turn
from vamos.core.model.dance import Event, Foot, Kind
from vamos.core.time import count_text
from vamos.errors import InputError

ROWS = [tuple(part.strip() for part in line.split(" | ", 1)) for line in LINES.strip().splitlines()]


def said(event: Event) -> str:
    """An event as the table writes it."""
    end = float(event.start + event.length)
    count = count_text(event.start) + ("" if event.length <= 1 else f"-{end:g}")
    usual = Kind.STEP if event.foot is not Foot.NONE else Kind.FREE
    words = [count, event.name or "·", *([str(event.foot)] if event.foot is not Foot.NONE else [])]
    words += [f"({event.kind})"] if event.kind is not usual else []
    if event.turn is None:
        words.append(f"turn ?{event.size or ''}")
    elif event.turn:
        words.append(f"turn {event.turn:+d}")
    return " ".join(words)


class LinesTest(unittest.TestCase):
    def test_there_are_enough_of_them(self):
        self.assertGreaterEqual(len(ROWS), 200)
        self.assertEqual(len(ROWS), len(dict(ROWS)))

    def test_each_means_what_stands_beside_it(self):
        for text, meaning in ROWS:
            with self.subTest(text):
                if meaning.startswith("!! "):
                    with self.assertRaises(InputError) as caught:
                        parse_line(text)
                    self.assertIn(meaning[3:], str(caught.exception))
                else:
                    self.assertEqual("; ".join(map(said, parse_line(text))), meaning)

    def test_each_reads_back_from_its_canonical_form(self):
        """Places, feet, kinds and known turns are the same; an open turn stays open."""
        for text, meaning in ROWS:
            if meaning.startswith("!! "):
                continue
            events = parse_line(text)
            again = parse_line(print_line(events))
            with self.subTest(text, printed=print_line(events)):
                self.assertEqual(
                    [(e.start, e.length, e.foot, e.kind, e.turn, e.size) for e in again],
                    [(e.start, e.length, e.foot, e.kind, e.turn, e.size) for e in events],
                )

    def test_no_message_speaks_python(self):
        for text, _ in ROWS:
            try:
                parse_line(text)
            except InputError as error:
                for word in ("literal", "invalid", "Traceback", "None", "object", "index"):
                    self.assertNotIn(word, str(error).splitlines()[0])


class TurnsTest(unittest.TestCase):
    def test_sizes_and_ways_in_any_order(self):
        """How far and which way, in eighths; − is over the left shoulder."""
        for text, turn in (
            ("½ left", -4),
            ("1/4 turn right", 2),
            ("turn left ¾", -6),
            ("full spin over the right shoulder", 8),
            ("1 1/2 turn left", -12),
            ("half turn counterclockwise", -4),
            ("quarter cw", 2),
            ("turn R 1/2", 4),
        ):
            with self.subTest(text):
                self.assertEqual(find_turn(text).turn, turn)

    def test_what_is_open_is_open(self):
        for text, size in (
            ("half turn", 4),
            ("pivot", 0),
            ("turn left", 0),
            ("spin full", 8),
            ("turn to face 9:00", 0),
        ):
            with self.subTest(text):
                self.assertEqual((find_turn(text).turn, find_turn(text).size), (None, size))
        self.assertIsNone(find_turn("walk forward"))

    def test_cells(self):
        """A cell of a table: size and way, R and L are ways there; anything else is refused with what would do."""
        for cell, found in (
            ("", (0, 0)),
            ("1/4", (None, 2)),
            ("¼ L", (-2, 0)),
            ("half", (None, 4)),
            ("left", (None, 0)),
            ("over left shoulder", (None, 0)),
            ("?", (None, 0)),
            ("-2", (-2, 0)),
            ("1/2 right", (4, 0)),
        ):
            with self.subTest(cell):
                self.assertEqual(read_turn(cell), found)
        with self.assertRaisesRegex(InputError, "“sideways” is not understood as a turn"):
            read_turn("sideways")


if __name__ == "__main__":
    unittest.main()
