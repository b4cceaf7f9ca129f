"""Notation both ways, and where it says what it cannot read."""

import unittest
from fractions import Fraction as F

from hypothesis import given, settings
from hypothesis import strategies as st

from vamos.core.dance.counts_typed import NotationError, parse_counts, print_counts
from vamos.core.dance.notation import parse_line
from vamos.core.dance.notation_out import kept, print_line, suggest
from vamos.core.dance.steps import library
from vamos.core.model.dance import Event, Foot, Kind
from vamos.core.time import Feel
from vamos.core.time.counts import SUBDIVISIONS


def starts(text: str, feel: Feel = Feel.STRAIGHT) -> list[F]:
    return [s.start for s in parse_counts(text, feel)]


class CountsTest(unittest.TestCase):
    def test_as_people_type_them(self):
        """The forms of the trade, with and without spaces (common practice, no source)."""
        for text, canonical in (
            ("1 & 2 3 & 4 5 6 7 8", "1 & 2 3 & 4 5 6 7 8"),
            ("1&2 3&4 5-6 hold 7 8", "1 & 2 3 & 4 5-6 hold 7 8"),
            ("& 1 (hold 2) & 3 (hold 4)", "& 1 hold 2 & 3 hold 4"),
            ("a1 2", "a 1 2"),
            ("2 2 3 4", "1 2 3 4"),
            ("0&1", "& 1"),
        ):
            with self.subTest(text):
                self.assertEqual(print_counts(parse_counts(text)), canonical)

    def test_places(self):
        """Count k stands at k − 1, its & at k − ½, the pickup at −½; 5-6 lasts two counts."""
        self.assertEqual(starts("& 1 2 &"), [F(-1, 2), 0, 1, F(3, 2)])
        slots = parse_counts("5-6 7")
        self.assertEqual([(s.start, s.length) for s in slots], [(4, 2), (6, 1)])

    def test_feel_moves_the_and(self):
        """Swung & at ⅔ and a at ⅚, rolling & at ⅓ and a at ⅔."""
        self.assertEqual(starts("1 & a", Feel.SWUNG), [0, F(2, 3), F(5, 6)])
        self.assertEqual(starts("1 & a", Feel.ROLLING), [0, F(1, 3), F(2, 3)])

    def test_set_numbers_name_the_eight(self):
        """1 2 … 8, 2 2 3 … 8, 3 2 3 …: twenty-four counts."""
        text = "1 2 3 4 5 6 7 8 2 2 3 4 5 6 7 8 3 2 3 4 5 6 7 8"
        self.assertEqual(starts(text), list(range(24)))
        self.assertEqual(starts("1 2 3 4 5 6 7 8 9 10 11 12"), list(range(12)))

    def test_an_and_without_its_count(self):
        self.assertEqual(starts("[3] & 4"), [F(5, 2), 3])
        self.assertEqual(print_counts(parse_counts("[3] & 4")), "[3] & 4")

    def test_what_cannot_be_read_is_pointed_at(self):
        """The character and what was expected there."""
        for text, at, expected in (
            ("1 2 x", 4, "such as 5"),
            ("1 2 2", 4, "after 2"),
            ("5-4", 2, "after 5"),
            ("(1 2", 4, "opened at character 1"),
            ("1 2)", 3, "nothing was opened"),
            ("1 & & 2", 4, "after &"),
            ("3 +5/4", 2, "+1/3"),
            ("1 0&", 2, "at the front"),
            ("5-", 2, "lasts until"),
        ):
            with self.subTest(text), self.assertRaisesRegex(NotationError, "At character") as caught:
                parse_counts(text)
            self.assertEqual(caught.exception.at, at)
            self.assertIn(expected, str(caught.exception))
        with self.assertRaisesRegex(NotationError, "a swung count has no “e”"):
            parse_counts("1 e 2", Feel.SWUNG)


@st.composite
def slot_lines(draw):
    """Events at increasing places of a feel, on counts and between them, lengths as notation has them."""
    feel = draw(st.sampled_from(list(Feel)))
    parts = [F(0), *SUBDIVISIONS[feel].values(), F(1, 8)]
    count = st.integers(0, 15)
    places = draw(st.sets(st.tuples(count, st.sampled_from(parts)), max_size=14))
    where = sorted(
        {F(k) + p for k, p in places} | ({draw(st.sampled_from(parts[1:])) - 1} if draw(st.booleans()) else set())
    )
    name = st.sampled_from(["walk", "big slow roll", "touch", "kick", "hop", "fan up", "shimmy", "stomp it", ""])
    events = []
    for k, start in enumerate(where):
        gap = where[k + 1] - start if k + 1 < len(where) else F(3)
        longest = int(start + gap) - start if start.denominator == 1 else F(0)
        length = longest if longest > 1 and draw(st.booleans()) else min(F(1), gap)
        foot = draw(st.sampled_from(list(Foot)))
        turn = draw(st.sampled_from([0, 0, 2, -4, 6, -1, 8]))
        kind = draw(st.sampled_from([Kind.STEP, Kind.TOUCH, Kind.HOP, Kind.TURN, Kind.FREE]))
        words = draw(name)
        if draw(st.integers(0, 5)) == 0:
            events.append(Event(start, length, "hold", kind=Kind.HOLD))
        elif not words and foot is Foot.NONE and turn == 0:
            events.append(Event(start, length))
        else:
            events.append(Event(start, length, words, foot=foot, kind=kind, turn=turn))
    return feel, tuple(events)


class BothWaysTest(unittest.TestCase):
    @settings(max_examples=300, deadline=None)
    @given(slot_lines())
    def test_printed_lines_read_back(self, line):
        """Whatever is written can be printed, and what is printed reads back to the same events."""
        feel, events = line
        text = print_line(events, feel)
        self.assertEqual(parse_line(text, feel), events, text)
        self.assertEqual(print_line(parse_line(text, feel), feel), text)

    @settings(max_examples=300, deadline=None)
    @given(st.text(alphabet="1234 &ea-()hold,RLxyz¼½/+[]leftright", max_size=30))
    def test_any_text_is_read_or_refused_in_words(self, text):
        """No other error than NotationError; what is read has a canonical form that reads alike."""
        try:
            events = parse_line(text)
        except NotationError as error:
            self.assertLessEqual(error.at, len(text))
            return
        again = parse_line(print_line(events))
        self.assertEqual([e.start for e in again], [e.start for e in events])

    def test_every_step_of_the_library_reads_back_under_its_name(self):
        for name, step in library().items():
            for foot in (Foot.RIGHT, Foot.LEFT):
                if len(step.events) < 2:
                    continue
                text = f"{name} {foot} " + print_counts(
                    parse_counts(print_line(tuple(Event(e.start, e.length) for e in step.events)).replace(",", " "))
                )
                events = parse_line(text)
                with self.subTest(text):
                    self.assertEqual(len(events), len(step.events))
                    self.assertEqual(parse_line(print_line(events)), events)


class NamesTest(unittest.TestCase):
    def test_a_known_step_spreads_over_its_counts(self):
        """shuffle fwd R 1&2 is R L R, its name the cue of the first."""
        events = parse_line("shuffle fwd R 1&2, rock L 3, recover R 4")
        self.assertEqual([str(e.foot) for e in events], ["R", "L", "R", "L", "R"])
        self.assertEqual(events[0].cue, "shuffle fwd")
        self.assertEqual(print_line(events), "shuffle fwd R 1 & 2, rock L 3, recover R 4")

    def test_sailor_on_the_left_is_the_other_way(self):
        right, left = parse_line("turning sailor R 1&2"), parse_line("turning sailor L 1&2")
        self.assertEqual([e.turn for e in right], [2, 0, 0])
        self.assertEqual([e.turn for e in left], [-2, 0, 0])

    def test_turns_with_and_without_direction(self):
        """½ left is −4 eighths; a half turn with no direction stays unknown, its size known."""
        events = parse_line("pivot ½ left L 1, half turn right R 2, half turn L 3, ¼ right R 4, 3/4 turn left L 5")
        self.assertEqual(
            [(e.name, e.turn, e.size) for e in events][:3],
            [("pivot", -4, 0), ("half turn", 4, 0), ("half turn", None, 4)],
        )
        self.assertEqual([e.turn for e in events][3:], [2, -6])

    def test_kinds_by_name_and_by_word(self):
        """touch, kick, heel keep the weight, hop stays, a foot alone steps; a word in brackets decides."""
        events = parse_line("touch R 1, kick L 2, hop L 3, stomp L 4, stomp R (touch) 5, clap 6")
        kinds = [Kind.TOUCH, Kind.TOUCH, Kind.HOP, Kind.STEP, Kind.TOUCH, Kind.FREE]
        self.assertEqual([e.kind for e in events], kinds)

    def test_a_name_without_counts(self):
        with self.assertRaisesRegex(NotationError, "the counts of “walk”"):
            parse_line("walk R")

    def test_what_notation_cannot_say_is_kept(self):
        """Rewriting a line keeps notes and lyric words of the counts that stay."""
        old = (Event(F(0), name="walk", foot=Foot.RIGHT, kind=Kind.STEP, note="small", lyric="moon"),)
        new = kept(old, parse_line("walk L 1, walk R 2"))
        self.assertEqual((new[0].note, new[0].lyric, new[0].foot), ("small", "moon", Foot.LEFT))
        self.assertEqual(new[1].note, "")


class SuggestTest(unittest.TestCase):
    def test_a_step_on_the_next_counts_and_the_free_foot(self):
        self.assertEqual(suggest("walk R 1, walk L 2, vin", Feel.STRAIGHT, {}), "walk R 1, walk L 2, vine R 3 4 5 6")
        self.assertEqual(
            suggest("vine R 1 2 3, shuf", Feel.STRAIGHT, {}),
            "vine R 1, vine R 2, vine R 3, shuffle L 4 & 5".replace("vine R 1, vine R 2, vine R 3", "vine R 1 2 3"),
        )
        self.assertEqual(suggest("shuffle L", Feel.STRAIGHT, {}), "shuffle L 1 & 2")

    def test_nothing_to_suggest(self):
        for text in ("", "walk R 1, ", "qqq", "1 2 3", "x 1, 2 2 2, sai"):
            self.assertEqual(suggest(text, Feel.STRAIGHT, {}), "", text)


if __name__ == "__main__":
    unittest.main()
