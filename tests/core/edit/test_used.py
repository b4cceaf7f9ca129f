"""What is used of a song: where it begins and ends, how it fades, what that changes in counts, clips and sound."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

import numpy as np

from tests.core.edit.test_edits import project
from tests.support import FolderCase, grid_at
from vamos.core.dance.checks import problems_of
from vamos.core.dance.lines import lines_for
from vamos.core.document.files import load, save
from vamos.core.edit.song import set_title, set_used
from vamos.core.media.sound import Sound, write_wav
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song, Used
from vamos.core.render.sound import RATE, read_song
from vamos.core.time.counts import seconds_of, time_text
from vamos.errors import InputError


def long_song(counts: int = 100) -> Project:
    """120 a minute from 0.5 s on, 16 counts before the 1 at 8.5 s, 50.5 s long."""
    return Project("p", Song(MediaRef("s.wav", duration_s=50.5), "s", grid_at(120, counts, 0.5, 16)))


class UsedTest(unittest.TestCase):
    def test_counts_outside_are_gone_the_rest_keeps_its_numbers(self):
        cut = set_used(long_song(), Used(4.4, 30.6))
        grid = cut.grid
        self.assertEqual((grid.range().start, grid.range().end, grid.lead_in), (-8, 44, 8))
        self.assertEqual(grid.time_map()(F(5)), long_song().grid.time_map()(F(5)))
        self.assertEqual([line.start for line in lines_for(cut)][:2], [-8, 0])
        self.assertEqual(cut.song.grid, long_song().song.grid, "nothing of the song is forgotten")
        self.assertIs(cut.grid, cut.grid)

    def test_the_whole_song_again(self):
        back = set_used(set_used(long_song(), Used(4.4, 30.6, 2.0)), Used())
        self.assertEqual(back, long_song())

    def test_how_sure_each_line_is_stays_with_its_line(self):
        grid = replace(long_song().song.grid, sureness=tuple(k / 20 for k in range(13)))
        p = long_song()
        p = replace(p, song=replace(p.song, grid=grid))
        cut = set_used(p, Used(4.4))
        for position in (-8, 0, 8, 40):
            self.assertEqual(cut.grid.sureness_at(F(position)), grid.sureness_at(F(position)), position)

    def test_a_dance_longer_than_what_is_used_is_told(self):
        dance = Dance("d", (Section("A", 8),), (Item(ItemKind.WALL, ("A",)),) * 6)
        p = replace(long_song(), dance=dance)
        self.assertNotIn("length", [x.kind for x in problems_of(p.dance, p.grid)])
        cut = set_used(p, Used(0.0, 25.0))
        self.assertIn("length", [x.kind for x in problems_of(cut.dance, cut.grid)])

    def test_refused(self):
        for used, words in (
            (Used(9.0), "dance starts at 0:08"),
            (Used(0.0, 8.0), "dance starts at 0:08"),
            (Used(60.0), "it cannot begin after that"),
            (Used(0.0, 30.0, 31.0), "fade is longer"),
        ):
            with self.subTest(used), self.assertRaisesRegex(InputError, words):
                set_used(long_song(), used)
        for values in ((-1.0,), (0.0, 3.0), (float("nan"),), (10.0, 12.0)):
            with self.subTest(values), self.assertRaises(InputError):
                Used(*values)

    def test_an_end_behind_the_songs_is_its_end(self):
        self.assertEqual(set_used(long_song(), Used(0.0, 51.0)).song.used.end_s, 0.0)

    def test_a_stated_lead_in_is_compared(self):
        dance = Dance("d", (Section("A", 8),), (Item(ItemKind.WALL, ("A",)),), starts_on="16 counts, on the vocals")
        said = lambda grid: [x.text for x in problems_of(dance, grid) if "start after" in x.text]  # noqa: E731
        self.assertEqual(said(long_song().grid), [])
        self.assertEqual(
            said(set_used(long_song(), Used(4.4)).grid),
            ["It is said to start after 16 counts; the song has 8 before its 1."],
        )

    def test_times_as_people_write_them(self):
        for text, seconds in (("62.5", 62.5), ("62,5", 62.5), ("1:02.5", 62.5), ("0:07", 7.0), ("1:00:02", 3602.0)):
            with self.subTest(text):
                self.assertEqual(seconds_of(text), seconds)
        self.assertEqual([time_text(s) for s in (7.0, 62.5, 59.96)], ["0:07", "1:02.5", "1:00"])
        for text in ("", "soon", "-3", "1:x", "inf"):
            with self.subTest(text), self.assertRaises(InputError):
                seconds_of(text)


class HeardTest(FolderCase):
    def test_silent_outside_and_fading_in_equal_power(self):
        """Before 2 s and after 8 s nothing; at the middle of a fade of 4 s half the power (−3 dB); no click at the cut."""
        tone = 0.5 * np.sin(2 * np.pi * 441 * np.arange(10 * RATE) / RATE)
        write_wav(self.folder / "s.wav", Sound(np.stack([tone, tone], axis=1).astype(np.float32), RATE))
        heard = read_song(self.folder / "s.wav", used=Used(2.0, 8.0, 4.0)).samples[:, 0]
        self.assertEqual(np.abs(heard[: 2 * RATE]).max(), 0)
        self.assertEqual(np.abs(heard[8 * RATE :]).max(), 0)
        power = lambda at: float(np.mean(heard[int(at * RATE) : int(at * RATE) + 2000] ** 2))  # noqa: E731
        self.assertAlmostEqual(10 * np.log10(power(6.0) / power(3.0)), -3.0, delta=0.2)
        self.assertLess(np.abs(np.diff(heard[2 * RATE - 5 : 2 * RATE + 50])).max(), 0.03)
        whole = read_song(self.folder / "s.wav", used=Used())
        self.assertEqual(len(whole.samples), len(heard))

    def test_kept_in_the_file(self):
        p = set_title(set_used(project(), Used(0.1, 14.0, 1.5)), "  Fan Parade ")
        save(p, self.folder / "p.vamos")
        found = load(self.folder / "p.vamos")
        self.assertEqual((found.song.used, found.song.title), (Used(0.1, 14.0, 1.5), "Fan Parade"))


if __name__ == "__main__":
    unittest.main()
