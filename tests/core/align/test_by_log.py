"""Takes placed by the filming log: whatever the clocks, about to a second; what was not logged is not placed."""

import unittest
from dataclasses import replace
from datetime import UTC, datetime
from pathlib import Path
from unittest import mock

import av
import numpy as np

from tests.support import FolderCase, demo_folder
from vamos.core.align.by_log import APART_S, Shot, began_at, by_log, clock_apart, settled
from vamos.core.document.files import from_builtins, load, to_builtins
from vamos.core.document.paths import reference
from vamos.core.edit.filmed import forget_filmed, judge_take, log_take
from vamos.core.lesson.practice_log import log_markdown, to_do_again
from vamos.core.model.filmed import FilmedTake, Verdict
from vamos.core.model.project import Project
from vamos.core.model.take import Pass, PassKind, Take
from vamos.core.silent import find_by_log
from vamos.core.time import TimeMap, TimeRange
from vamos.errors import InputError, MediaError

DAY = 1_780_000_000.0
#: Four times something was danced, at uneven distances, from several seconds of the song.
HEARD = ((60.0, 0.0, 90.0), (220.0, 30.0, 25.0), (275.0, 30.0, 25.0), (431.0, 0.0, 90.0))
LOG = tuple(
    FilmedTake(f"take {k}", DAY + at - 8, DAY + at, song, DAY + at + long) for k, (at, song, long) in enumerate(HEARD)
)


def shot(number: int, apart_s: float, placed: bool, early_s: float = 12.0) -> Shot:
    """The film of a logged take: began before the song was heard, its clock cut to the second as cameras do."""
    at, song, long = HEARD[number]
    began = float(int(DAY + at - early_s + apart_s))
    start = DAY + at + apart_s - began
    the_pass = Pass(PassKind.SONG, TimeRange(start, start + long), TimeMap.line(start, song, 1.0), 0.9)
    return Shot(began, TimeRange(0.0, long + 20), (the_pass,) if placed else ())


class ClocksTest(unittest.TestCase):
    def test_the_clocks_are_told_by_placed_films(self):
        """Ahead, behind, by an hour, by nothing: from two placed films, to the second."""
        for apart in (0.0, 2.4, -37.0, 3600.0, -7200.5):
            found = clock_apart([shot(0, apart, True), shot(1, apart, True, 3.0)], LOG)
            self.assertAlmostEqual(found, apart, delta=1.0)

    def test_one_film_does_not_tell_hours(self):
        """A single film may be any of the entries; only clocks that nearly agree are believed."""
        self.assertIsNone(clock_apart([shot(0, 3600.0, True)], LOG))
        self.assertAlmostEqual(clock_apart([shot(0, 5.0, True)], LOG), 5.0, delta=1.0)
        self.assertEqual(clock_apart([shot(0, 5.0, False)], LOG), 0.0)
        self.assertEqual(by_log({"a": shot(1, 0.0, False)}, [shot(0, 3600.0, True)], LOG), {})


class PlacedTest(unittest.TestCase):
    def test_silent_takes_about_to_a_second(self):
        placed = [shot(0, -41.0, True), shot(2, -41.0, True)]
        found = by_log({"a": shot(1, -41.0, False), "b": shot(3, -41.0, False, 20.0)}, placed, LOG)
        for name, number, early_s in (("a", 1, 12.0), ("b", 3, 20.0)):
            (the_pass,) = found[name]
            true = shot(number, -41.0, True, early_s).passes[0]
            self.assertAlmostEqual(
                the_pass.clock(true.take_range.start_s), true.clock(true.take_range.start_s), delta=APART_S
            )
            self.assertLess(the_pass.confidence, 0.5)
            self.assertIn(f"take {number}", the_pass.reason)
            self.assertIn("slide it into step", the_pass.reason)

    def test_two_runs_in_one_film(self):
        both = Shot(float(int(DAY + 215)), TimeRange(0.0, 100.0))
        (first, second) = by_log({"a": both}, [], LOG)["a"]
        self.assertAlmostEqual(first.clock.inverse()(30.0), 5.0, delta=1.0)
        self.assertAlmostEqual(second.clock.inverse()(30.0), 60.0, delta=1.0)

    def test_a_take_that_is_part_of_its_film(self):
        """Split between the two runs, each half holds its own; a run over the cut ends there."""
        whole = Shot(float(int(DAY + 215)), TimeRange(0.0, 100.0))
        first, second = (replace(whole, whole=TimeRange(*part)) for part in ((0.0, 20.0), (40.0, 100.0)))
        found = by_log({"a": first, "b": second}, [], LOG)
        self.assertEqual([len(found[name]) for name in "ab"], [1, 1])
        self.assertEqual(found["a"][0].take_range.end_s, 20.0)
        self.assertGreaterEqual(found["b"][0].take_range.start_s, 40.0)

    def test_what_was_not_logged_is_not_placed(self):
        self.assertEqual(by_log({"a": Shot(DAY + 5000, TimeRange(0.0, 60.0))}, [], LOG), {})
        self.assertEqual(by_log({"a": shot(0, 0.0, False)}, [], ()), {})
        # It ends as the song begins to be heard.
        self.assertEqual(by_log({"a": Shot(DAY + 50, TimeRange(0.0, 10.2))}, [], LOG), {})

    def test_places_that_sound_alike(self):
        """Of three places of a song of loops, the one that was played; as it was where the log does not tell."""
        film = shot(1, 0.0, True)
        start = film.passes[0].take_range.start_s
        wrong = replace(
            film.passes[0], clock=TimeMap.line(start, 46.0, 1.0), also_at_song_s=(14.0, 30.0), reason="song"
        )
        found = settled(wrong, film, LOG, 0.0)
        self.assertAlmostEqual(found.clock(start), 30.0)
        self.assertEqual(found.also_at_song_s, (46.0, 14.0))
        self.assertIn("filming log", found.reason)
        self.assertEqual(settled(wrong, replace(film, began=film.began + 900), LOG, 0.0), wrong)
        near = replace(wrong, also_at_song_s=(29.0, 31.0))
        self.assertEqual(settled(near, film, LOG, 0.0), near)


class BeganTest(FolderCase):
    def film(self, name: str, said: str | None) -> Path:
        path = self.folder / name
        with av.open(str(path), "w") as out:
            stream = out.add_stream("libx264", rate=10)
            stream.width, stream.height, stream.pix_fmt = 64, 64, "yuv420p"
            if said is not None:
                out.metadata["creation_time"] = said
            for _ in range(5):
                frame = av.VideoFrame.from_ndarray(np.zeros((64, 64, 3), np.uint8), format="rgb24")
                for packet in stream.encode(frame):
                    out.mux(packet)
            for packet in stream.encode():
                out.mux(packet)
        return path

    def test_what_a_film_says(self):
        """The header's creation time, in UTC; clocks that were never set, and none, say nothing."""
        wanted = datetime(2026, 5, 1, 18, 30, 12, tzinfo=UTC).timestamp()
        self.assertEqual(began_at(self.film("a.mp4", "2026-05-01T18:30:12.000000Z")), wanted)
        self.assertEqual(began_at(self.film("b.mov", "2026-05-01T20:30:12+02:00")), wanted)
        self.assertIsNone(began_at(self.film("c.mp4", None)))
        self.assertIsNone(began_at(self.film("d.mp4", "1970-01-01T00:00:00Z")))
        (self.folder / "e.mp4").write_bytes(b"no film")
        with self.assertRaises(MediaError):
            began_at(self.folder / "e.mp4")


class FilmsTest(FolderCase):
    """The small demo, filmed by a camera whose clock is 41 s behind, with a log; one film is silent."""

    def stamped(self, take: Take, began: float) -> Take:
        """The film of a take as a camera writes it, without its sound, with when it began."""
        path = self.folder / take.media.path
        with av.open(str(demo_folder() / take.media.path)) as source, av.open(str(path), "w") as out:
            out.metadata["creation_time"] = datetime.fromtimestamp(int(began), UTC).isoformat()
            stream = out.add_stream_from_template(source.streams.video[0])
            for packet in source.demux(source.streams.video[0]):
                if packet.dts is not None:
                    packet.stream = stream
                    out.mux(packet)
        return replace(take, media=reference(path, take.media.duration_s, self.folder))

    def test_a_silent_film_of_the_demo(self):
        """By the log about to a second; where other takes show the steps, into step."""
        found = load(next(demo_folder().glob("*.vamos")))
        takes, log = [], []
        for number, name in enumerate(("front", "back")):
            take = next(t for t in found.takes if t.name == name)
            (first, *_) = take.passes
            song_s = float(first.clock(first.take_range.start_s))
            heard = DAY + 300 * number + first.take_range.start_s
            log.append(FilmedTake(name, heard - 6, heard, max(0.0, song_s), heard + first.take_range.length_s))
            takes.append(self.stamped(take, DAY + 300 * number - 41.0))
        silent = replace(takes[1], passes=())
        project = replace(found, takes=(takes[0], silent), filmed=tuple(log))
        placed = find_by_log(project, self.folder, [silent.id])[silent.id]
        true, middle = takes[1].passes[0], takes[1].passes[0].take_range.start_s + 10
        self.assertAlmostEqual(placed[0].clock(middle), true.clock(middle), delta=0.06)
        self.assertIn("by its steps", placed[0].reason)
        with mock.patch("vamos.core.silent.near_in_steps", return_value=None):
            about = find_by_log(project, self.folder, [silent.id])[silent.id]
        self.assertAlmostEqual(about[0].clock(middle), true.clock(middle), delta=APART_S)
        self.assertEqual(find_by_log(replace(project, filmed=()), self.folder, [silent.id]), {})
        self.assertEqual(from_builtins(to_builtins(project), Project).filmed, tuple(log))


class LogTest(unittest.TestCase):
    def test_kept_in_the_order_of_the_clock_and_judged(self):
        found = Project()
        for entry in (LOG[2], LOG[0], LOG[1]):
            found = log_take(found, entry)
        self.assertEqual(found.filmed, LOG[:3])
        found = judge_take(found, 1, Verdict.AGAIN, " fan late ")
        self.assertEqual((found.filmed[1].verdict, found.filmed[1].note), (Verdict.AGAIN, "fan late"))
        self.assertEqual(to_do_again(found.filmed), ("take 1: fan late",))
        self.assertIn("- [ ] take 1: fan late", log_markdown(found.filmed, "d"))
        later = replace(LOG[1], heard=DAY + 900, stopped=DAY + 930, verdict=Verdict.GOOD)
        self.assertEqual(to_do_again(log_take(found, later).filmed), ())
        self.assertEqual(len(forget_filmed(found, 0).filmed), 2)
        for number in (-1, 3):
            with self.assertRaises(InputError):
                judge_take(found, number, Verdict.GOOD)

    def test_impossible_entries(self):
        for wrong in ({"rolled": DAY + 61}, {"stopped": DAY}, {"song_s": -1.0}, {"song_s": float("nan")}):
            with self.assertRaises(InputError):
                replace(LOG[0], **wrong)


if __name__ == "__main__":
    unittest.main()
