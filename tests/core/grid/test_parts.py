"""Parts of the song offered as letters. How often they are right is measured in bench/grid.py."""

import unittest

import numpy as np

from vamos.core.grid.parts import letters, part_letter


def song_of(pattern: str, noise: float = 0.1) -> np.ndarray:
    """Likeness of lines: the same letter is the same music, in a noisy recording."""
    rng = np.random.default_rng(3)
    kinds = {c: rng.standard_normal(60) for c in sorted(set(pattern))}
    rows = np.stack([kinds[c] + noise * rng.standard_normal(60) for c in pattern])
    rows /= np.linalg.norm(rows, axis=1, keepdims=True)
    return rows @ rows.T


def written(pattern: str) -> str:
    """The offered letters, a dash for each further line of a part."""
    found = letters(song_of(pattern))
    ends = [at for at, _ in found[1:]] + [len(pattern)]
    return "".join(name + "-" * (end - at - 1) for (at, name), end in zip(found, ends, strict=True))


class LettersTest(unittest.TestCase):
    def test_verse_and_chorus(self):
        """abcd efgh abcd efgh is told shortest as one part of eight lines, twice."""
        self.assertEqual(written("abcdefghabcdefgh"), "A-------A-------")
        self.assertEqual(written("abcdxyabcdzwabcd"), "A---B-A---C-A---")

    def test_a_part_cut_short_keeps_its_letter(self):
        self.assertEqual(written("abcdeabcdeabc"), "A----A----A--")

    def test_a_loop_is_one_letter_again_and_again(self):
        self.assertEqual(written("abcabcabcabc"), "A--A--A--A--")

    def test_another_ending_is_still_the_same_part(self):
        """The fourth line differs the second time (1st and 2nd ending)."""
        self.assertEqual(written("abcdxyabceuv"), "A---B-A---C-")

    def test_nothing_comes_again(self):
        self.assertEqual(written("abcdefgh"), "A-------")

    def test_no_lines(self):
        self.assertEqual(letters(np.zeros((0, 0))), [])
        self.assertEqual(letters(np.ones((1, 1))), [(0, "A")])

    def test_letters_after_z(self):
        self.assertEqual([part_letter(k) for k in (0, 25, 26, 53)], ["A", "Z", "A2", "B3"])
