"""Words of the song beside the dance: on their count or not, in clicks, in what is heard around one, and the dance that starts on one.

Times of clicks are found in the sound by the energy at their pitch (a Goertzel sum), not by what placed them.
"""

import contextlib
import io
import unittest
from dataclasses import replace
from fractions import Fraction as F

import numpy as np

from tests.support import FolderCase, grid_at
from vamos.cli.main import run
from vamos.core.dance.card import Field, card_of
from vamos.core.dance.checks import problems_of
from vamos.core.dance.lines import lines_for
from vamos.core.dance.links import links_typed
from vamos.core.dance.sung import place_said, same_words, sung_at
from vamos.core.document.files import load, save
from vamos.core.edit.sung import clear_sung, set_sung, start_on, sung_called
from vamos.core.media.sound import Sound, read_sound, write_wav
from vamos.core.model.dance import Dance, Event, Item, ItemKind, Section
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song, Sung
from vamos.core.open_document.facts import Facts
from vamos.core.render.click_track import click_track
from vamos.core.render.sound import RATE
from vamos.errors import InputError


def project(lyric: str = "lantern light", walls: int = 4) -> Project:
    """120 a minute from 0.5 s on, 16 counts before the 1 at 8.5 s; the move on count 3 says a word."""
    events = (Event(F(0), F(1), "step"), Event(F(2), F(1), "reach", lyric=lyric), Event(F(4), F(1), "walk"))
    dance = Dance("d", (Section("A", 8, events), Section("B", 8)), (Item(ItemKind.WALL, ("A", "B")),) * walls)
    return Project("p", Song(MediaRef("s.wav", duration_s=60.0), "s", grid_at(120, 110, 0.5, 16)), dance)


def told(p: Project) -> list[str]:
    return [x.text for x in problems_of(p.dance, p.grid, sung=p.song.sung) if x.kind == "sung"]


class SungTest(unittest.TestCase):
    def test_a_word_on_its_count_says_nothing(self):
        # Count 3 of wall 1 is at 9.5 s; a quarter of a second is half a count.
        for second in (9.5, 9.26, 9.74):
            self.assertEqual(told(set_sung(project(), second, "Lantern")), [], second)

    def test_further_than_half_a_count_is_told_with_move_wall_and_how_far(self):
        self.assertEqual(
            told(set_sung(project(), 10.25, "lantern")),
            ["“lantern” is heard at 0:10, 1.5 counts after “reach” in A, wall 1."],
        )
        early = told(set_sung(project(), 16.9, "LANTERN LIGHT!"))
        self.assertEqual(early, ["“LANTERN LIGHT!” is heard at 0:16, 1.25 counts before “reach” in A, wall 2."])

    def test_the_nearest_wall_is_meant_and_another_verse_says_nothing(self):
        # Right on wall 2; heard again far from every such move: another verse.
        p = set_sung(set_sung(project(), 17.5, "lantern"), 13.5, "lantern")
        self.assertEqual(told(p), [])
        # Never right, and far from each: told once.
        self.assertEqual(len(told(set_sung(project(), 13.5, "lantern"))), 1)

    def test_other_words_say_nothing(self):
        self.assertEqual(told(set_sung(project(), 10.25, "land")), [])
        self.assertEqual(told(set_sung(project(""), 10.25, "lantern")), [])
        self.assertTrue(same_words("¡Luz!", "luz"))
        self.assertFalse(same_words("light", "lights"))
        self.assertFalse(same_words("…", "!"))

    def test_the_problem_stands_at_the_count_of_its_move(self):
        p = set_sung(project(), 10.25, "lantern")
        found = next(x for x in problems_of(p.dance, p.grid, sung=p.song.sung) if x.kind == "sung")
        self.assertEqual((found.section, found.count, found.start), ("A", "3", 2))

    def test_where_a_word_is_in_words(self):
        p = project()
        lines = lines_for(p)
        for second, words in (
            (9.5, "count 3 of A, wall 1"),
            (9.6, "0.2 of a count after count 3 of A, wall 1"),
            (21.35, "0.3 of a count before count 3 of B, wall 2"),
        ):
            self.assertEqual(place_said(sung_at(p.grid, Sung(second, "x")), lines), words)

    def test_words_stand_in_order_and_one_second_has_one(self):
        p = set_sung(set_sung(set_sung(project(), 20, "b"), 10, "a"), 20.04, "  c   d ")
        self.assertEqual([(s.song_s, s.words) for s in p.song.sung], [(10, "a"), (20.04, "c d")])
        moved = set_sung(p, 30, "a", instead_of=p.song.sung[0])
        self.assertEqual([s.song_s for s in moved.song.sung], [20.04, 30])
        self.assertEqual(clear_sung(moved, moved.song.sung[1]).song.sung, (Sung(20.04, "c d"),))

    def test_refused(self):
        for second, words, says in ((61, "x", "1:00 long"), (1, " ", "Write the word"), (1, "x" * 81, "80 letters")):
            with self.assertRaises(InputError) as caught:
                set_sung(project(), second, words)
            self.assertIn(says, str(caught.exception))
        with self.assertRaises(InputError) as caught:
            sung_called(set_sung(project(), 1, "moon"), "sun")
        self.assertIn("“moon”", str(caught.exception))

    def test_the_dance_starts_on_a_word(self):
        p = set_sung(project(), 12.6, "lantern")
        moved = start_on(p, p.song.sung[0])
        self.assertEqual(moved.grid.time_map()(0), 12.5)
        self.assertEqual(moved.grid.lead_in, 24)
        self.assertEqual(dict(card_of(moved).rows)[Field.STARTS], "“lantern”, after 24 counts, 12.5 s")

    def test_links_say_where_count_1_is(self):
        links = links_typed("https://a.example/x 0:14 https://b.example 3 1:02.5")
        self.assertEqual(links, ("https://a.example/x 0:14", "https://b.example", "3 1:02.5"))
        card = card_of(replace(project(), dance=replace(project().dance, links=links[:2])))
        self.assertEqual(dict(card.rows)[Field.LINKS], "https://a.example/x (count 1 at 0:14), https://b.example")


def energy(samples: np.ndarray, second: float, hertz: float) -> float:
    """How loud a pitch is in 30 ms from a second on."""
    part = samples[round(second * RATE) : round((second + 0.03) * RATE)]
    return float(abs(np.exp(-2j * np.pi * hertz * np.arange(len(part)) / RATE) @ part)) / len(part)


class WrittenTest(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        noise = np.random.default_rng(5).normal(0, 0.02, (60 * RATE, 2)).astype(np.float32)
        write_wav(self.folder / "s.wav", Sound(noise, RATE))
        self.path = self.folder / "p.vamos"
        save(set_sung(project(), 20.5, "drum"), self.path)

    def test_words_are_struck_higher_and_louder_in_the_click_track(self):
        out = self.folder / "clicks.wav"
        self.assertEqual(run(["song", str(self.path), "--clicks", str(out), "--no-music"]), 0)
        sound = read_sound(out, RATE, 1).samples[:, 0]
        self.assertEqual(len(sound), 60 * RATE)
        # Count 3 of each A (its move says a word), the count of the drum, a 1, another count.
        for second, hertz in ((9.5, 2637), (17.5, 2637), (20.5, 2637), (8.5, 1760), (9.0, 1108.7), (21.0, 1108.7)):
            loud = {pitch: energy(sound, second, pitch) for pitch in (2637, 1760, 1108.7)}
            self.assertEqual(max(loud, key=loud.get), hertz, second)
        struck = round(9.5 * RATE)
        self.assertEqual(np.abs(sound[struck - 400 : struck]).max(), 0)
        self.assertGreater(np.abs(sound[struck : struck + 30]).max(), 0.2)

    def test_the_song_is_under_the_clicks_or_not(self):
        p = load(self.path)
        with_music = click_track(p.song, lines_for(p), self.folder).samples
        quiet = with_music[round(9.2 * RATE) : round(9.4 * RATE)]
        self.assertAlmostEqual(float(quiet.std()), 0.014, delta=0.001)
        with self.assertRaises(InputError):
            click_track(replace(p.song, grid=None), (), self.folder)

    def test_words_by_the_command_line_and_back(self):
        snip = self.folder / "snip.wav"
        words = ["--word", "0:31.25", "moon", "--no-word", "DRUM", "--around", "moon", str(snip)]
        self.assertEqual(run(["song", str(self.path), *words]), 0)
        self.assertEqual(load(self.path).song.sung, (Sung(31.25, "moon"),))
        made, song = (read_sound(x, RATE, 1).samples for x in (snip, self.folder / "s.wav"))
        self.assertEqual(len(made), 3 * RATE)
        self.assertLess(float(np.abs(made[RATE] - song[round(31.25 * RATE)]).max()), 1e-3)
        self.assertEqual(run(["song", str(self.path), "--start-on", "moon"]), 0)
        self.assertEqual(load(self.path).grid.time_map()(0), 31.5)

    def test_it_stands_where_the_window_and_the_command_line_say_what_to_check(self):
        late = set_sung(load(self.path), 10.25, "lantern")
        self.assertEqual([x.kind for x in Facts(late).problems if x.kind == "sung"], ["sung"])
        before = Facts(load(self.path))
        self.assertNotIn("sung", [x.kind for x in before.problems])
        self.assertIn("sung", [x.kind for x in Facts(late, before).problems], "a word that is noted is looked at anew")
        save(late, self.path)
        with contextlib.redirect_stdout(io.StringIO()) as out:
            self.assertEqual(run(["dance", str(self.path)]), 1)
        self.assertIn("1.5 counts after “reach” in A, wall 1", out.getvalue())

    def test_nothing_is_written_onto_the_song(self):
        before = (self.folder / "s.wav").read_bytes()
        self.assertEqual(run(["song", str(self.path), "--clicks", str(self.folder / "s.wav")]), 2)
        self.assertEqual((self.folder / "s.wav").read_bytes(), before)
