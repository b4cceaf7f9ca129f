"""Voices that count over the song say where its lines begin; talk and too few numbers say nothing."""

import unittest
from dataclasses import replace

import numpy as np
import scipy.signal

from tests.core.align.test_segments import music
from tests.core.align.test_spoken import words_at
from tests.support import FolderCase, grid_at
from vamos.cli.main import run
from vamos.core.align import spoken
from vamos.core.align.said_one import said_one
from vamos.core.document.files import load, save
from vamos.core.edit.song import move_the_one
from vamos.core.media.sound import Sound, write_wav
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Song
from vamos.core.model.take import Pass, PassKind, Take
from vamos.core.time import TimeMap, TimeRange
from vamos.errors import InputError

SECONDS, RATE = 30, spoken.RATE


@unittest.skipUnless(spoken.listens(), "pocketsphinx is not installed here")
class SaidOneTest(FolderCase):
    """A song at 100 a minute, its lines from 0.5 s on; the take begins five seconds into it."""

    def setUp(self) -> None:
        super().setUp()
        self.grid = grid_at(100, 60, 0.5, 0)

    def project(self, said_from: int, words: list[str] | None = None) -> Project:
        """Somebody counts over the song, ``said_from`` counts late; or says other words on the counts."""
        beat = 0.6
        times = [0.5 + k * beat - 5.0 for k in range(9, 56)]
        numbers = [spoken.NUMBERS[(k - said_from) % 8] for k in range(9, 56)]
        if words is not None:
            times, numbers = times[::8], [words[k % len(words)] for k in range(len(times[::8]))]
        song = scipy.signal.resample_poly(music(40, 2), 2, 1)[5 * RATE :][: SECONDS * RATE]
        voice = words_at([t for t in times if t < SECONDS - 1], numbers[: sum(t < SECONDS - 1 for t in times)], SECONDS)
        sound = voice + 0.15 * song / np.abs(song).max() * np.abs(voice).max()
        write_wav(self.folder / "t.wav", Sound(sound.astype(np.float32)[:, None], RATE))
        clock = TimeMap.line(0.0, 5.0)
        the_pass = Pass(PassKind.SONG, TimeRange(0, SECONDS), clock, 0.9)
        take = Take("t", MediaRef("t.wav", duration_s=SECONDS), passes=(the_pass,), looked_for_passes=True)
        return Project("p", Song(MediaRef("s.wav"), "s", self.grid), takes=(take,))

    def test_where_one_is_said(self):
        """Said where lines begin, three counts later, and two earlier: told, and right once it is moved."""
        for late, shift in ((0, 0), (3, 3), (6, -2)):
            project = self.project(late)
            found = said_one(project, self.folder)
            with self.subTest(late):
                self.assertTrue(found.known)
                self.assertEqual(found.shift, shift)
                self.assertGreater(found.votes, found.heard / 2)
                if shift > 0:
                    self.assertEqual(said_one(move_the_one(project, shift), self.folder).shift, 0)

    def test_talk_over_the_song_says_nothing(self):
        found = said_one(self.project(0, ["lift the fan", "very good", "to the window"]), self.folder)
        self.assertFalse(found.known)
        self.assertIn("nothing was changed", found.words())

    def test_from_the_command_line(self):
        """Exit 1 where lines begin elsewhere; with --move the project is right afterwards."""
        save(self.project(3), self.folder / "p.vamos")
        self.assertEqual(run(["--quiet", "voice", str(self.folder / "p.vamos")]), 1)
        self.assertEqual(run(["--quiet", "voice", str(self.folder / "p.vamos"), "--move"]), 0)
        self.assertEqual(load(self.folder / "p.vamos").grid.lead_in, 3)
        self.assertEqual(run(["--quiet", "voice", str(self.folder / "p.vamos")]), 0)

    def test_what_is_missing_is_said(self):
        project = self.project(0)
        with self.assertRaisesRegex(InputError, "no beat yet"):
            said_one(Project("p"), self.folder)
        with self.assertRaisesRegex(InputError, "No take is placed"):
            said_one(replace(project, takes=()), self.folder)
        (self.folder / "t.wav").unlink()
        found = said_one(project, self.folder)
        self.assertFalse(found.known)
        self.assertIn("t.wav", found.problems[0])
