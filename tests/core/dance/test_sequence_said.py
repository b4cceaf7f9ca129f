"""Sequences as people say them. The forms are common practice; none has a published source."""

import unittest

from vamos.core.dance.counts_typed import NotationError
from vamos.core.dance.sequence import parse_sequence, print_sequence
from vamos.core.model.dance import Dance, DancePart, Section


def dance_of(*names: str, parts: tuple[DancePart, ...] = ()) -> Dance:
    """Sections of 8 counts, of 16 with a star behind their name."""
    return Dance("d", tuple(Section(n.rstrip("*"), 16 if n.endswith("*") else 8) for n in names), (), parts=parts)


PHRASED = dance_of("A1", "A2", "B1", "B2", "Tag", parts=(DancePart("A", ("A1", "A2")), DancePart("B", ("B1", "B2"))))
NUMBERED = dance_of("Section 1", "Section 2", "Section 3", "Section 4")
SONG = dance_of("Intro", "Verse*", "Chorus*", "Bridge", "Outro")
GERMAN = dance_of("Strophe 1*", "Strophe 2*", "Refrain*", "Tag")


class SaidTest(unittest.TestCase):
    def reads(self, dance: Dance, *rows: tuple[str, str]) -> None:
        for typed, taken in rows:
            with self.subTest(typed):
                items = parse_sequence(typed, dance)
                self.assertEqual(print_sequence(items, dance), taken)
                self.assertEqual(parse_sequence(taken, dance), items)

    def test_parts_of_a_phrased_dance(self):
        self.reads(
            PHRASED,
            ("A-A-B-A", "2*A B A"),
            ("AABA, tag, AB", "2*A B A tag:Tag A B"),
            ("A x2, B, tag (8 counts), first 8 of A", "2*A B tag:Tag A/8"),
            ("A, A(first 8), B", "A A/8 B"),
            ("part A twice, then part B, then part A without the last 4", "2*A B A/12"),
            ("Teil A zweimal, Teil B, die ersten 8 von A", "2*A B A/8"),
            ("3x A, 2x B, 1x tag", "3*A 2*B tag:Tag"),
            ("A B (A A) 2x B", "A B 2*A 2*B"),
            ("(A A B) x2", "2*A B 2*A B"),
            ("2A 2B A", "2*A 2*B A"),
            ("A A12 B B tag B", "A A/12 2*B tag:Tag B"),
            ("half of A, B (half)", "A/8 B/8"),
            ("A (16) B(16 counts) A(8)", "A B A/8"),
            ("A | B + A → B", "A B A B"),
            ("A, 4 counts hold, B, pause 8", "A hold:4 B hold:8"),
            ("A, B, and so on", "A B"),
            ("A 8, 3xB", "A/8 3*B"),
            ("A A B, repeat", "2*A B 2*A B"),
            ("A A B, then repeat all", "2*A B 2*A B"),
            ("A B to fade", "A B"),
            ("A, B, then A until the music ends", "A B A"),
            ("A B, end on A count 8", "A B A/8"),
            ("A B A(1-8)", "A B A/8"),
        )

    def test_the_whole_dance_in_words(self):
        self.reads(
            NUMBERED,
            ("full dance twice", "2*wall"),
            ("whole dance 3 times then first 16", "3*wall wall/16"),
            ("all the way through 4 times", "4*wall"),
            ("w1 w2 w3", "3*wall"),
        )

    def test_first_counts_alone_are_those_of_a_wall_only(self):
        with self.assertRaises(NotationError):
            parse_sequence("A, B, first 8", PHRASED)

    def test_how_often_is_asked_where_it_is_repeated_up_to_the_end(self):
        """“AAB repeat to end” was danced once."""
        for typed, at in (("AAB repeat to end", 4), ("A B (repeat 3 times)", 5), ("repeat A B until the end", 0)):
            with self.subTest(typed), self.assertRaises(NotationError) as caught:
                parse_sequence(typed, PHRASED)
            self.assertEqual((caught.exception.at, "how often" in caught.exception.expected), (at, True), typed)

    def test_the_last_counts_where_a_section_begins(self):
        self.reads(PHRASED, ("A B (last 8)", "A B2"), ("A, last 8 of A", "A A2"), ("B, A from count 9", "B A2"))

    def test_the_words_of_a_song_in_any_of_its_languages(self):
        self.reads(
            SONG,
            ("intro, verse, chorus (x2), bridge, chorus, outro", "Intro Verse 2*Chorus Bridge Chorus Outro"),
            ("Intro – Strophe – Refrain – Brücke – Ende", "Intro Verse Chorus Bridge Outro"),
            ("couplet refrain pont estribillo", "Verse Chorus Bridge Chorus"),
            ("V C V C B C", "Verse Chorus Verse Chorus Bridge Chorus"),
            ("VCBC", "Verse Chorus Bridge Chorus"),
        )
        self.reads(GERMAN, ("verse 1, chorus, verse 2, chorus, tag", '"Strophe 1" Refrain "Strophe 2" Refrain tag:Tag'))

    def test_walls_by_their_numbers(self):
        """“wall 1” is the first wall, not a wall and the section called 1."""
        self.reads(
            NUMBERED,
            ("wall 1, wall 2, wall 3", "3*wall"),
            ("wall 1: full, wall 2: 16 counts then restart, wall 3-5: full", "wall wall/16 3*wall"),
            ("1st wall full, 2nd wall 16 counts, 3rd wall", "wall wall/16 wall"),
            ("3 walls then 16 counts then 3 walls", "3*wall wall/16 3*wall"),
            ("wall, wall (16 counts), wall", "wall wall/16 wall"),
            ("half a wall, wall", "wall/16 wall"),
            ("32, 32, 16, 32", "2*wall wall/16 wall"),
            ("1 2 3 4 1 2", '"Section 1" "Section 2" "Section 3" "Section 4" "Section 1" "Section 2"'),
            ("the whole dance 3 times, then section 2", '3*wall "Section 2"'),
        )

    def test_sentences_of_restarts_and_tags(self):
        self.reads(
            NUMBERED,
            ("32 counts, 6 walls, restart after 16 on wall 5", "4*wall wall/16 wall"),
            ("dance walls 1 and 2, restart wall 3 at count 16, then dance to the end", "2*wall wall/16"),
            ("wall 1 full, restart on wall 2 after 8", "wall wall/8"),
        )
        tagged = dance_of("one", "two", "Tag 1")
        self.reads(
            tagged, ("4 walls; tag (8 counts) after walls 1, 2 and 4", 'wall "Tag 1" wall "Tag 1" 2*wall "Tag 1"')
        )

    def test_what_is_not_understood_is_pointed_at(self):
        for dance, typed, word, expected in (
            (PHRASED, "A 2 B", "2", "“A x2” or “2x A”"),
            (PHRASED, "A B A B (x2)", "(x2)", "brackets around all"),
            (PHRASED, "A, B, C", "C", "wall or one of: A, B"),
            (PHRASED, "A, A (first 40), B", "(first", "1 to 15"),
            (PHRASED, "A, B (last 4)", "(last", "where a section begins"),
            (NUMBERED, "wall 1, wall 3", "3", "2, the wall that comes next"),
            (NUMBERED, "4 walls, restart on wall 3 after 64 counts", "64", "1 to 31"),
            (NUMBERED, "64 counts x 2 walls, restart after 16 on wall 2", "64", "32 counts, as many as a wall has"),
            (PHRASED, "tag 2, A", "2", "wall or one of"),
            (GERMAN, "verse, chorus", "verse", "Strophe 1, Strophe 2"),
            (GERMAN, "intro, verse 1, chorus", "intro", "lead-in of the song"),
        ):
            with self.subTest(typed), self.assertRaises(NotationError) as caught:
                parse_sequence(typed, dance)
            self.assertEqual(caught.exception.at, typed.index(word))
            self.assertIn(expected, caught.exception.expected)


if __name__ == "__main__":
    unittest.main()
