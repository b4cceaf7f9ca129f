"""Sequences as typed, and problems told in words."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.dance.sheets import four_walls, section
from tests.support import grid_at
from vamos.core.dance.card import LEVELS, card_of, suggest_level
from vamos.core.dance.checks import problems_of
from vamos.core.dance.counts_typed import NotationError
from vamos.core.dance.notation import parse_line
from vamos.core.dance.sequence import parse_sequence, print_sequence
from vamos.core.model.dance import Dance, DancePart, Event, Foot, Item, ItemKind, Kind, MoveSet, Pause, Section, Stated
from vamos.core.model.project import Project
from vamos.core.model.song import Break, MediaRef, Song

PHRASED = Dance(
    "phrased",
    (Section("a1"), Section("a2"), Section("B"), Section("Lantern sway", 4), Section("ending bow", 8)),
    parts=(DancePart("A", ("a1", "a2")),),
)


class SequenceTest(unittest.TestCase):
    def test_phrased_as_typed(self):
        """A A B A tag: parts by their letter, names in quotation marks, what begins with ending ends."""
        items = parse_sequence('A A B A tag:"Lantern sway" "ending bow"', PHRASED)
        self.assertEqual([str(i.kind) for i in items], ["part", "part", "part", "part", "tag", "ending"])
        self.assertEqual(items[0].sections, ("a1", "a2"))
        self.assertEqual(print_sequence(items, PHRASED), '2*A B A tag:"Lantern sway" "ending bow"')

    def test_walls_restarts_stops_options(self):
        items = parse_sequence("2*wall wall/16 [wall] wall@8+4@16+2 hold:4", four_walls())
        self.assertEqual(len(items), 6)
        self.assertEqual(items[2].restart_after, 16)
        self.assertTrue(items[3].optional)
        self.assertEqual(items[4].pauses, (Pause(8, 4), Pause(16, 2)))
        self.assertEqual((items[5].kind, items[5].counts), (ItemKind.HOLD, 4))

    def test_what_cannot_be_read_is_pointed_at(self):
        for text, at, expected in (
            ("wall nix", 5, "one of: A, a1"),
            ("A/16", 2, "1 to 15"),
            ("A/99", 2, "1 to 15"),
            ("A@8", 3, "+ and the counts"),
            ("[A", 2, "opened at character 1"),
            ("0*A", 0, "1 to 500 times"),
            ("hold:x", 5, "a number"),
            ("A ]", 2, "the name of a part"),
        ):
            with self.subTest(text), self.assertRaises(NotationError) as caught:
                parse_sequence(text, PHRASED)
            self.assertEqual(caught.exception.at, at)
            self.assertIn(expected, str(caught.exception))

    @settings(max_examples=200, deadline=None)
    @given(
        st.lists(
            st.one_of(
                st.builds(lambda n: Item(ItemKind.HOLD, name="hold", counts=n), st.integers(1, 16)),
                st.builds(
                    lambda name, k, o, r: Item(k, ("a1", "a2") if name == "A" else (name,), name, r, optional=o),
                    st.sampled_from(["A", "B", "Lantern sway", "ending bow"]),
                    st.sampled_from([ItemKind.PART, ItemKind.TAG, ItemKind.ENDING]),
                    st.booleans(),
                    st.sampled_from([None, 1, 3]),
                ),
                st.builds(lambda p: Item(ItemKind.WALL, pauses=p), st.sampled_from([(), (Pause(8, 4),)])),
            ),
            max_size=12,
        )
    )
    def test_both_ways(self, items):
        """Printed sequences read back to the same entries."""
        used = replace(PHRASED, sequence=(Item(ItemKind.TAG, ("Lantern sway",)), Item(ItemKind.TAG, ("ending bow",))))
        text = print_sequence(tuple(items), used)
        self.assertEqual(parse_sequence(text, used), tuple(items), text)


def words(dance: Dance, grid=None) -> str:
    return "\n".join(f"{p.section} {p.count}: {p.text}" for p in problems_of(dance, grid))


class ChecksTest(unittest.TestCase):
    def test_a_sheet_in_order_has_nothing_to_check(self):
        self.assertEqual(words(four_walls()), "")
        self.assertEqual(words(four_walls(), grid_at(120, 150, 0.5, 16)), "")

    def test_the_first_impossible_move(self):
        """After a step on R the right foot cannot touch; told once, though every wall has it."""
        dance = replace(
            four_walls(),
            sections=(section("one", "walk R 1, touch R 2, walk L 3, hold 4-8"),),
            sequence=(Item(ItemKind.WALL),) * 3,
        )
        found = problems_of(dance)
        self.assertEqual([(p.kind, p.section, p.count) for p in found if p.kind == "weight"], [("weight", "one", "2")])
        self.assertIn("“touch” needs the right foot, which bears the weight", found[0].text)

    def test_a_restart_on_the_wrong_foot(self):
        """Cut after 17 counts the weight is on R, and the wall begins with R: said at the restart."""
        found = words(four_walls("wall/17 wall"))
        self.assertIn("After the restart (17 counts of wall 1)", found)

    def test_a_wall_that_does_not_close(self):
        odd = Dance("d", (section("one", "walk R 1, walk L 2, walk R 3, hold 4-8"),))
        self.assertIn("ends with the weight on the right", words(odd))
        twice = replace(odd, sequence=(Item(ItemKind.WALL),) * 2)
        self.assertIn("Between wall 1 and wall 2", words(twice))

    def test_empty_double_and_late_counts(self):
        events = (*parse_line("walk R 1, walk L 2"), Event(F(1), name="clap"), Event(F(9), name="late"))
        found = words(Dance("d", (Section("one", 4, events),)))
        for expected in ("counts 3, 4", "Two moves begin on 2", "“late” on 10 is after the section's 4 counts"):
            self.assertIn(expected, found)

    def test_variants_must_agree(self):
        """Same length, net turn and end weight; each difference is named."""
        main = parse_line("walk R 1, walk L 2, walk R 3, touch L 4")
        for moves, expected in (
            ("walk R 1, ¼ left L 2, walk R 3, touch L 4", "turns ¼ left, the written moves no turn"),
            (
                "walk R 1, walk L 2, walk R 3, walk L 4",
                "ends with the weight on the left, the written moves on the right",
            ),
            ("walk R 1, walk L 2, walk R 3, touch L 4, clap 5", "does not fit its 4 counts"),
        ):
            other = MoveSet("easy", F(0), F(4), parse_line(moves))
            found = words(Dance("d", (Section("one", 4, main, others=(other,)),)))
            self.assertIn(expected, found)
        same = MoveSet("other", F(0), F(4), parse_line("side R 1, side L 2, side R 3, hold 4"))
        self.assertNotIn("other", words(Dance("d", (Section("one", 4, main, others=(same,)),))))

    def test_what_is_said_and_what_the_sheet_gives(self):
        dance = replace(four_walls(), stated=Stated(walls=2, counts=48, tags=0))
        found = words(dance)
        self.assertIn("said to have 48 counts; the sheet has 32", found)
        self.assertIn("said to have 2 walls; the turns on the sheet give 4", found)
        self.assertIn("said to have no tags; the sequence has 1", found)
        self.assertEqual(words(replace(dance, stated=Stated(4, 32, 1))), "")

    def test_against_the_song(self):
        """Too long, and stops that nobody holds."""
        grid = replace(grid_at(120, 80, 0.5, 16), breaks=(Break(F(40), F(4)),))
        found = words(four_walls("2*wall hold:4 wall"), grid)
        self.assertIn("counts longer than the song", found)
        self.assertIn("The music stops at count 41 of the dance for 4 counts", found)
        self.assertIn("holds 4 counts at count 65, where the music goes on", found)

    def test_turns_that_have_to_be_asked(self):
        self.assertIn(
            "Which way does “half turn” on 1 turn", words(Dance("d", (section("one", "half turn R 1, hold 2-8"),)))
        )

    @settings(max_examples=100, deadline=None)
    @given(
        st.lists(
            st.builds(
                Event,
                st.fractions(-1, 12, max_denominator=4),
                st.fractions(0, 3, max_denominator=4),
                foot=st.sampled_from(list(Foot)),
                kind=st.sampled_from(list(Kind)),
                turn=st.sampled_from([None, 0, 2, -3]),
                role=st.sampled_from(["", "lead", "follow"]),
            ),
            max_size=10,
        ),
        st.sampled_from(["", "2*wall", "wall/3 wall hold:2 wall@2+2"]),
    )
    def test_any_sheet_is_checked_without_breaking(self, events, sequence):
        """None blocks work: whatever stands on a sheet, there is an answer in sentences."""
        dance = Dance("d", (Section("one", 8, tuple(events)),))
        dance = replace(dance, sequence=parse_sequence(sequence, dance))
        for problem in problems_of(dance, grid_at()):
            self.assertRegex(problem.text, r"[.?]$")


class CardTest(unittest.TestCase):
    def test_rows_and_what_is_missing(self):
        song = Song(MediaRef("s.wav"), "moon song", grid_at(120, 150, 0.5, 16))
        card = card_of(Project(song=song, dance=replace(four_walls(), credits="somebody")))
        rows = dict(card.rows)
        self.assertEqual(rows["Starts"], "after 16 counts, 8.5 s")
        self.assertEqual((rows["Counts"], rows["Walls"], rows["Tags"]), ("32", "4", "tag at 6:00"))
        self.assertEqual(rows["Restarts"], "wall 3 after 16 counts, facing 6:00")
        self.assertEqual(rows["Ending"], "at 3:00; ¼ left to finish at 12:00")
        self.assertEqual(card.missing, ("Level", "Links", "Rights"))

    def test_levels_grow_with_what_makes_a_dance_hard(self):
        easy = Dance("d", (section("one", "vine R 1 2 3 4, vine L 5 6 7 8"),))
        self.assertEqual(suggest_level(easy, 100)[0], LEVELS[0])
        hard, why = suggest_level(four_walls(), 150)
        self.assertGreater(LEVELS.index(hard), 1)
        self.assertIn("150 a minute", why)
        self.assertIn("Dance", card_of(Project()).missing)


if __name__ == "__main__":
    unittest.main()
