"""Grids in and out, and tapping along."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

import mido
import numpy as np
import opentimelineio as otio
from hypothesis import example, given, settings
from hypothesis import strategies as st

from tests.support import FolderCase, clicks, grid_at, write_song
from vamos.core.edit.song import rescale_counts
from vamos.core.grid.detect import grid_from_taps
from vamos.core.grid.exchange import read_csv, read_midi, write_csv, write_grid, write_midi, write_otio
from vamos.core.grid.spectra import analyse
from vamos.core.grid.tap import fit_taps, follow_taps, lateness
from vamos.core.media.sound import write_wav
from vamos.core.model.project import Project
from vamos.core.model.song import Anchor, Grid, MediaRef, Song
from vamos.errors import InputError, MissingError


def drifting() -> Grid:
    """A lead-in of 19 and a tempo that wanders and slows down."""
    gaps = 0.5 + 0.02 * np.sin(np.arange(80) / 7) + np.maximum(0, np.arange(80) - 72) * 0.04
    times = 0.4321 + np.concatenate([[0], np.cumsum(gaps)])
    return Grid(tuple(Anchor(F(k - 19), float(t), k == 30) for k, t in enumerate(times)), 19)


class CsvTest(FolderCase):
    def test_round_trip_loses_nothing(self):
        grid = replace(drifting(), meter=3, line=6)
        write_csv(grid, self.folder / "g.csv")
        back = read_csv(self.folder / "g.csv")
        self.assertEqual((back.anchors, back.lead_in, back.meter, back.line), (grid.anchors, 19, 3, 6))

    def test_bad_rows_are_named(self):
        for text, words in (
            ("", "columns"),
            ("a,b\n1,2\n", "columns"),
            ("position,song_s\n0,zero\n1,2\n", "row 2"),
            ("position,song_s\n0,1\n1,0.5\n", "one after another"),
            ("position,song_s\n0,1\n", "two beats"),
            ("position,song_s\n0,1\nx,2\n", "row 3"),
        ):
            (self.folder / "b.csv").write_text(text)
            with self.subTest(text), self.assertRaisesRegex(InputError, words) as caught:
                read_csv(self.folder / "b.csv")
            self.assertIn("b.csv", str(caught.exception))
        with self.assertRaises(MissingError):
            read_csv(self.folder / "none.csv")


class MidiTest(FolderCase):
    def test_tempo_in_microseconds_a_quarter(self):
        """120 a minute is 500000 µs a quarter (Standard MIDI File 1.0); read back with mido."""
        write_midi(grid_at(120, 20, 0.5, 8), self.folder / "g.mid")
        tempos = [m.tempo for m in mido.MidiFile(self.folder / "g.mid").tracks[0] if m.type == "set_tempo"]
        self.assertEqual(set(tempos), {500_000})

    def test_every_beat_comes_back_within_a_microsecond(self):
        """Rounding does not add up: eighty wandering beats, none off by more than 1 µs."""
        grid = drifting()
        write_midi(grid, self.folder / "g.mid")
        back = read_midi(self.folder / "g.mid")
        self.assertEqual([a.position for a in back.anchors], [a.position for a in grid.anchors])
        self.assertLess(max(abs(a.song_s - b.song_s) for a, b in zip(back.anchors, grid.anchors, strict=True)), 1e-6)
        self.assertEqual(back.lead_in, 19)

    def test_markers_name_the_one_and_the_lines(self):
        write_midi(grid_at(120, 40, 0.5, 16), self.folder / "g.mid")
        names = [m.text for m in mido.MidiFile(self.folder / "g.mid").tracks[0] if m.type == "marker"]
        self.assertEqual(names[0], "first beat")
        self.assertIn("the 1", names)
        self.assertIn("line 1", names)

    def test_a_grid_that_begins_on_half_a_count(self):
        """Counted half as fast, 15 counts of lead-in are seven and a half: no count is lost, none moves."""
        song = Song(MediaRef("s.wav"), "s", grid_at(120, 65, 0.5, 15))
        grid = rescale_counts(Project(song=song), F(1, 2)).grid
        write_midi(grid, self.folder / "h.mid")
        back = read_midi(self.folder / "h.mid")
        self.assertEqual(back.anchors[0].position, -7)
        self.assertEqual(len(back.anchors), len([a for a in grid.anchors if a.position.denominator == 1]))
        for at in (-7, 0, 10):
            self.assertAlmostEqual(back.time_map()(at), grid.time_map()(at), places=5)

    def test_a_file_of_others_is_read(self):
        """Type 1, 96 ticks, tempo changes, no markers of ours: the first quarter is the 1."""
        file = mido.MidiFile(ticks_per_beat=96)
        file.tracks.append(
            mido.MidiTrack(
                [mido.MetaMessage("set_tempo", tempo=600_000), mido.MetaMessage("set_tempo", tempo=400_000, time=192)]
            )
        )
        file.tracks.append(mido.MidiTrack([mido.Message("note_on", note=60, time=96 * 4)]))
        file.save(self.folder / "o.mid")
        np.testing.assert_allclose(
            [a.song_s for a in read_midi(self.folder / "o.mid").anchors], [0, 0.6, 1.2, 1.6, 2.0]
        )

    def test_what_is_no_midi_file_is_said(self):
        (self.folder / "x.mid").write_text("hello")
        with self.assertRaisesRegex(InputError, "not a MIDI file"):
            read_midi(self.folder / "x.mid")


class OtioTest(FolderCase):
    def test_markers_at_the_lines(self):
        """Read back by OpenTimelineIO itself: a marker a line, to the millisecond."""
        grid = grid_at(120, 40, 0.5, 16)
        write_otio(grid, self.folder / "g.otio", 22.0, "song")
        timeline = otio.adapters.read_from_file(str(self.folder / "g.otio"))
        marks = {m.name: m.marked_range.start_time.to_seconds() for m in timeline.tracks[0][0].markers}
        self.assertAlmostEqual(marks["the 1"], grid.time_map()(0), delta=0.001)
        self.assertEqual(len(marks), 5)

    def test_another_ending_is_refused(self):
        with self.assertRaisesRegex(InputError, "csv, .mid or .otio"):
            write_grid(drifting(), self.folder / "g.xls", 10)


class TapTest(FolderCase):
    @settings(max_examples=60, deadline=None)
    @given(st.floats(60, 190), st.integers(0, 10_000))
    def test_missed_and_doubled_taps_do_no_harm(self, bpm, seed):
        """Sixteen taps, uneven by 15 ms, two missed and one doubled: tempo within 1.5 %, phase within 30 ms."""
        rng = np.random.default_rng(seed)
        period = 60 / bpm
        taps = 5 + period * np.arange(16) + rng.normal(0, 0.012, 16).clip(-0.03, 0.03)
        taps = np.append(np.delete(taps, [4, 9]), taps[11] + 0.3 * period)
        line = fit_taps(taps)
        self.assertAlmostEqual(line.period_s, period, delta=period * 0.015)
        off = (line.start_s - 5) / line.period_s
        self.assertLess(abs(off - round(off)) * period, 0.03)

    @settings(max_examples=40, deadline=None)
    @example(157.0, 1582)
    @given(st.floats(65, 180), st.integers(0, 10_000))
    def test_a_long_row_of_taps_follows_the_tempo(self, bpm, seed):
        """A song that wanders by 4 % and slows down at its end, tapped through with misses and doubles."""
        rng = np.random.default_rng(seed)
        gaps = 60 / bpm * (1 + 0.04 * np.sin(2 * np.pi * np.arange(127) / 64))
        gaps[-8:] *= np.linspace(1.02, 1.3, 8)
        truth = 2 + np.concatenate([[0], np.cumsum(gaps)])
        hand = truth + rng.normal(0, 0.012, 128).clip(-0.03, 0.03)
        taps = np.append(np.delete(hand, [20, 21, 77]), hand[50] + 0.3 * gaps[50])
        _, moments = follow_taps(taps)
        self.assertEqual(len(moments), 128)
        self.assertLess(np.abs(moments - truth).max(), 0.05)

    def test_too_few_or_too_uneven_is_said(self):
        with self.assertRaisesRegex(InputError, "at least 4"):
            fit_taps(np.array([1.0, 2.0, 3.0]))
        with self.assertRaisesRegex(InputError, "uneven"):
            fit_taps(np.array([1.0, 1.31, 2.9, 3.02, 4.77, 6.1, 6.33, 9.4]))

    def test_a_late_hand_is_put_right(self):
        """Taps 60 ms late on a click track: the lateness is measured to 8 ms and taken off."""
        sound, times = clicks(110, 20.0)
        write_wav(self.folder / "c.wav", sound)
        taps = times[4:12] + 0.06
        self.assertAlmostEqual(lateness(taps, analyse(self.folder / "c.wav")), 0.06, delta=0.008)
        grid, _ = grid_from_taps(self.folder / "c.wav", taps)
        beats = np.array([a.song_s for a in grid.anchors])
        self.assertLess(np.abs(beats[:, None] - times[None]).min(axis=1).max(), 0.01)

    def test_four_taps_decide_the_octave(self):
        """The same clicks tapped at every second one are counted half as fast."""
        times = write_song(self.folder / "s.wav", 150, 24)
        grid, _ = grid_from_taps(self.folder / "s.wav", times[4:12:2])
        self.assertAlmostEqual(grid.bpm(), 75, delta=1)


if __name__ == "__main__":
    unittest.main()
