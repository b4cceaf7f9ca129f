"""The command line: exit status 0, 1, 2; data on stdout, words on stderr; one clear message."""

import contextlib
import io
import json
import os
import subprocess
import sys
import unittest
from dataclasses import replace
from pathlib import Path
from unittest import mock

import numpy as np

from tests.support import FolderCase, demo_copy, demo_folder, film_of, write_song
from vamos.cli.main import run
from vamos.core.document.files import load, save
from vamos.core.edit.clips import choose
from vamos.core.model.clip import Choice
from vamos.core.plan.clips import plan_clips
from vamos.demo.build import PROJECT, SONG
from vamos.demo.takes import counted_aloud
from vamos.language import run_language


def vamos(*arguments: object) -> tuple[int, str, str]:
    out, err = io.StringIO(), io.StringIO()
    with contextlib.redirect_stdout(out), contextlib.redirect_stderr(err):
        status = run([str(a) for a in arguments])
    return status, out.getvalue(), err.getvalue()


class DemoCommandTest(FolderCase):
    def test_the_window_comes_before_the_demo(self):
        """Making it takes a while the first time: it is made where it can be watched and stopped."""
        with mock.patch("vamos.ui.app.run_window", return_value=0) as opened:
            self.assertEqual(vamos("demo", self.folder / "demo")[0], 0)
        opened.assert_called_once_with((), self.folder / "demo")
        self.assertEqual(self.listing(), [])


class GridCommandTest(FolderCase):
    def test_json_has_the_promised_fields(self):
        """bpm, beats, eights, lead_in_counts, meter, confidence; all seconds of the song."""
        truth = write_song(self.folder / "s.wav", 120, 20)
        status, out, _ = vamos("--quiet", "grid", self.folder / "s.wav", "--json", "-")
        data = json.loads(out)
        self.assertEqual(status, 0)
        self.assertLessEqual({"bpm", "beats", "eights", "lead_in_counts", "meter", "confidence"}, set(data))
        self.assertAlmostEqual(data["bpm"], 120, delta=0.5)
        self.assertLess(abs(np.array(data["beats"][:10]) - truth[:10]).max(), 0.01)
        self.assertTrue(set(data["eights"]) <= set(data["beats"]))
        self.assertIn(data["meter"], (3, 4))

    def test_json_to_a_file_is_written_whole(self):
        write_song(self.folder / "s.wav", 120, 12)
        status, out, _ = vamos("--quiet", "grid", self.folder / "s.wav", "--json", self.folder / "g.json")
        self.assertEqual((status, out), (0, ""))
        self.assertIn("beats", json.loads((self.folder / "g.json").read_text()))

    def test_beats_in_other_formats(self):
        """--to writes CSV, MIDI and OpenTimelineIO; another ending is refused in words."""
        write_song(self.folder / "s.wav", 120, 12)
        files = [self.folder / n for n in ("g.csv", "g.mid", "g.otio")]
        arguments = [x for f in files for x in ("--to", f)]
        self.assertEqual(vamos("--quiet", "grid", self.folder / "s.wav", *arguments)[0], 0)
        self.assertTrue(all(f.stat().st_size > 100 for f in files))
        status, _, err = vamos("--quiet", "grid", self.folder / "s.wav", "--to", self.folder / "g.xls")
        self.assertEqual(status, 2)
        self.assertIn("g.xls", err)

    def test_without_json_a_sentence(self):
        write_song(self.folder / "s.wav", 120, 12)
        self.assertIn("120.", vamos("grid", self.folder / "s.wav")[1])


class JsonLanguageTest(FolderCase):
    def test_what_is_written_for_programs_is_the_same_in_every_language(self):
        """Byte for byte; what people read is not."""
        project = demo_copy(self.folder)
        for command in ("dance", "clips", "shots", "lesson", "song"):
            written, told = [], []
            for language in ("en", "de", "es"):
                with mock.patch.dict(os.environ, {"VAMOS_LANGUAGE": language}):
                    run_language.cache_clear()
                    self.addCleanup(run_language.cache_clear)
                    path = self.folder / f"{command} {language}.json"
                    vamos("--quiet", command, project, "--json", path)
                    written.append(path.read_bytes())
                    told.append(vamos("--quiet", command, project)[1])
            self.assertEqual(written, written[:1] * 3, command)
            self.assertEqual(len(set(told)), 3, command)


class BadInputTest(FolderCase):
    """Each gives status 2, one message that names the file, and leaves nothing behind."""

    def setUp(self) -> None:
        super().setUp()
        self.film = film_of(self.folder / "t.mp4", 3.0)
        write_song(self.folder / "s.wav", 120, 8)

    def assert_cannot(self, *arguments: object, words: str) -> None:
        before = self.listing()
        status, out, err = vamos("--quiet", *arguments)
        self.assertEqual((status, out), (2, ""), err)
        self.assertRegex(err, words)
        self.assertEqual(len(err.strip().splitlines()), 1, err)
        self.assertEqual(self.listing(), before)

    def test_no_song(self):
        self.assert_cannot("grid", self.folder / "none.wav", words="none.wav: there is no such file")
        self.assert_cannot(
            "make", self.folder / "none.wav", self.film, "--out", self.folder / "o", words="no such file"
        )

    def test_song_that_is_no_song(self):
        for name, content, words in (
            ("empty.wav", b"", "empty"),
            ("text.wav", b"la la la\n" * 300, "text file"),
            ("cut.mp4", self.film.read_bytes()[:2000], "cut off"),
        ):
            (self.folder / name).write_bytes(content)
            with self.subTest(name):
                self.assert_cannot("grid", self.folder / name, words=words)
        self.assert_cannot("grid", self.film, words="no sound")

    def test_takes_that_are_no_takes(self):
        """A text file named .mp4, a cut and an empty one are named; with no take left it cannot go on."""
        (self.folder / "text.mp4").write_text("hello\n" * 100)
        (self.folder / "zero.mp4").write_bytes(b"")
        (self.folder / "cut.mp4").write_bytes(self.film.read_bytes()[:5000])
        before = self.listing()
        status, _, err = vamos(
            "--quiet",
            "make",
            self.folder / "s.wav",
            *(self.folder / n for n in ("text.mp4", "zero.mp4", "cut.mp4")),
            "--out",
            self.folder / "o",
        )
        self.assertEqual(status, 2)
        for words in ("text.mp4: this is a text file", "zero.mp4: the file is empty", "cut.mp4: the film is cut off"):
            self.assertIn(words, err)
        self.assertEqual(self.listing(), before)

    def test_take_without_sound(self):
        status, _, err = vamos("--quiet", "make", self.folder / "s.wav", self.film, "--out", self.folder / "o")
        self.assertEqual(status, 2)
        self.assertIn("t:", err)
        self.assertIn("not placed", err)
        self.assertFalse((self.folder / "o").exists())

    def test_out_folder_in_use(self):
        (self.folder / "o").mkdir()
        (self.folder / "o" / "letter").write_text("dear")
        self.assert_cannot("make", self.folder / "s.wav", self.film, "--out", self.folder / "o", words="other files")
        self.assert_cannot("make", self.folder / "s.wav", self.film, "--out", self.film, words="a file of this name")

    @unittest.skipIf(os.getuid() == 0, "root may write anywhere")
    def test_unwritable_folder(self):
        shut = self.folder / "shut"
        shut.mkdir(mode=0o555)
        self.assert_cannot("make", self.folder / "s.wav", self.film, "--out", shut / "o", words="not allowed")

    def test_out_on_a_device_that_takes_no_folders(self):
        """Even root cannot make folders in /proc; said before any long work is done."""
        self.assert_cannot("make", self.folder / "s.wav", self.film, "--out", "/proc/vamos/o", words="/proc/vamos/o")

    def test_no_project_and_no_pack(self):
        self.assert_cannot("pack", self.folder / "p.vamos", "--out", self.folder / "o", words="no such project")
        self.assert_cannot("verify", self.folder, words="not a Vamos pack")
        self.assert_cannot("clips", self.film, words="not a Vamos project")

    def test_unknown_words_give_usage(self):
        with self.assertRaises(SystemExit) as caught, contextlib.redirect_stderr(io.StringIO()):
            run(["dance-for-me"])
        self.assertEqual(caught.exception.code, 2)

    def test_a_window_without_a_screen_is_refused_in_words(self):
        env = {k: v for k, v in os.environ.items() if k not in ("DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM")}
        done = subprocess.run([sys.executable, "-m", "vamos.cli"], env=env, capture_output=True, text=True, check=False)
        self.assertEqual(done.returncode, 2)
        self.assertIn("no screen", done.stderr)


class PlaceCommandTest(unittest.TestCase):
    def test_json_of_takes(self):
        """kind, segments, confidence, counts per take, in the order asked; counts said aloud with F within 50 ms > 0.9."""
        import mir_eval

        folder = demo_folder()
        names = ("back.mp4", "slow counted.mp4")
        status, out, err = vamos(
            "--quiet", "place", *(folder / n for n in names), "--song", folder / SONG, "--json", "-"
        )
        self.assertEqual(status, 0, err)
        rows = json.loads(out)
        self.assertEqual([r["kind"] for r in rows], ["song", "counted"])
        segment = rows[0]["segments"][0]
        self.assertLessEqual({"take_start", "take_end", "song_at_take_start", "rate"}, set(segment))
        counts = np.array(rows[0]["counts"])
        self.assertTrue(((counts >= segment["take_start"]) & (counts < segment["take_end"])).all())
        self.assertGreater(len(rows[1]["counts"]), 30)
        said = np.array([t for t in counted_aloud().y if t < 31])
        found = np.array(rows[1]["counts"])
        self.assertGreater(mir_eval.beat.f_measure(said, found, f_measure_threshold=0.05), 0.9)

    def test_one_bad_take_is_told_and_the_rest_done(self):
        folder = demo_folder()
        status, out, err = vamos(
            "--quiet", "place", "/none.mp4", folder / "back.mp4", "--song", folder / SONG, "--json", "-"
        )
        self.assertEqual(status, 1)
        self.assertEqual([r["kind"] for r in json.loads(out)], ["none", "song"])
        self.assertIn("/none.mp4: there is no such file", err)


class ProjectCommandsTest(FolderCase):
    def test_what_to_film(self):
        """A table that prints, and as JSON and CSV; exit 1 as long as something is missing."""
        status, out, _ = vamos("shots", demo_folder() / PROJECT)
        self.assertEqual(status, 1)
        self.assertIn("| Gate walk |", out)
        self.assertIn("- [ ] Film", out)
        _, out, _ = vamos("shots", demo_folder() / PROJECT, "--json", "-", "--to", self.folder / "s.csv")
        self.assertIn("front", json.loads(out)["views"])
        self.assertIn("Gate walk,front,filmed", (self.folder / "s.csv").read_text())

    def test_the_filming_log(self):
        """An entry by its moments, judged: exit 1 while it is to be done again; moments that are none are refused."""
        project = demo_copy(self.folder)
        at = ("--rolled", "2026-05-01T18:30:00Z", "--heard", "2026-05-01T18:30:08.5Z")
        said = (
            *at,
            "--stopped",
            "2026-05-01T20:31:00+02:00",
            "--song",
            "4.5",
            "--verdict",
            "again",
            "--note",
            "fan late",
        )
        status, out, _ = vamos("filmed", project, "--add", "front: Gate walk", *said)
        self.assertEqual(status, 1)
        self.assertIn("- [ ] front: Gate walk: fan late", out)
        status, out, _ = vamos("filmed", project, "--json", "-")
        (entry,) = json.loads(out)["filmed"]
        self.assertEqual((entry["heard"] - entry["rolled"], entry["stopped"] - entry["heard"]), (8.5, 51.5))
        kept = project.read_bytes()
        for wrong, words in (((), "--rolled, --heard and --stopped"), (("--rolled", "noon"), "--rolled “noon”")):
            status, _, error = vamos("filmed", project, "--add", "x", *wrong)
            self.assertEqual(status, 2)
            self.assertIn(words, error)
        self.assertEqual(vamos("filmed", project, "--add", "x", *at, "--stopped", "2026-05-01T18:30:00Z")[0], 2)
        self.assertEqual(project.read_bytes(), kept)

    def test_a_dance_and_its_sheets(self):
        """What follows as sentences and JSON; the sheet in each format; other endings are refused."""
        status, out, _ = vamos("dance", demo_folder() / PROJECT)
        self.assertEqual(status, 0)
        self.assertIn("32 counts", out)
        targets = [x for e in ("pdf", "md", "csv", "json", "svg") for x in ("--to", self.folder / f"s.{e}")]
        self.assertEqual(vamos("sheet", demo_folder() / PROJECT, *targets)[0], 0)
        status, out, _ = vamos("dance", self.folder / "s.csv", "--json", "-")
        self.assertEqual((status, json.loads(out)["follows"]["wall_counts"]), (0, 32))
        status, _, err = vamos("sheet", self.folder / "s.csv", "--to", self.folder / "s.doc")
        self.assertEqual(status, 2)
        self.assertIn(".pdf", err)
        (self.folder / "bad.csv").write_text("section,start\nA,x\n")
        status, _, err = vamos("dance", self.folder / "bad.csv")
        self.assertEqual(status, 2)
        self.assertIn("row 2", err)

    def test_fit_of_another_song(self):
        """A click track at 100 is compared with the demo's dance; what does not fit is said, exit 1."""
        write_song(self.folder / "o.wav", 100, 20)
        status, out, _ = vamos("fit", demo_folder() / PROJECT, self.folder / "o.wav")
        self.assertEqual(status, 1)
        self.assertIn("too short", out)
        status, out, _ = vamos("fit", demo_folder() / PROJECT, self.folder / "o.wav", "--json", "-")
        data = json.loads(out)
        self.assertAlmostEqual(data["bpm"], 100, delta=0.5)
        self.assertEqual(len(data["notes"]), len(set(data["notes"])))

    def test_clips_of_the_demo(self):
        status, out, _ = vamos("clips", demo_folder() / PROJECT, "--json", "-")
        clips = json.loads(out)
        self.assertIn(status, (0, 1))
        self.assertEqual({c["view"] for c in clips}, {"front", "back", "feet", "left side", "right side"})
        self.assertTrue(all(c["reasons"] for c in clips))
        first = clips[0]
        self.assertEqual(first["versions"], ["100", "075", "050"])
        self.assertAlmostEqual((first["song_s"][1] - first["song_s"][0]) * 30, first["frames"], delta=0.01)

    def test_a_clip_of_one_s_own(self):
        """Added to the project file, listed, taken out again; refused where nothing is danced."""
        path = demo_copy(self.folder)
        status, out, _ = vamos("clips", path, "--own", "the join", "4", "12", "--json", "-")
        mine = [c for c in json.loads(out) if c["title"] == "the join"]
        self.assertEqual({c["counts"]["end"] for c in mine}, {"12"})
        status, out, _ = vamos("clips", path, "--forget", "the join", "--json", "-")
        self.assertNotIn("the join", out)
        status, _, err = vamos("clips", path, "--own", "x", "900", "908")
        self.assertEqual(status, 2)
        self.assertIn("Nothing is danced there", err)

    def test_movement_is_kept_in_the_project(self):
        """The demo's dancer does nothing wrong; how still the picture is around each pass is told."""
        path = demo_copy(self.folder)
        project = load(path)
        save(replace(project, takes=tuple(t for t in project.takes if t.name in ("back", "slow counted"))), path)
        status, out, err = vamos("--quiet", "movement", path, "--json", "-")
        found = json.loads(out)
        rows = found["takes"]
        self.assertIn(status, (0, 1), err)
        self.assertEqual((len(rows), found["disagreements"]), (2, []))
        slow = next(row for row in rows if any(row["paces"]))
        self.assertTrue(all(0.6 < line["share"] < 0.85 for found in slow["paces"] for line in found))
        self.assertTrue(all(len(pair) == 2 for row in rows for pair in row["still_s"]))
        self.assertIsNotNone(json.loads(path.read_text())["project"]["takes"][0]["remarks"])

    def test_the_song_its_title_what_is_used_and_where_it_stops(self):
        path = demo_copy(self.folder)
        before = load(path).grid
        end = before.time_map()(40)
        status, out, err = vamos(
            *("--quiet", "song", path, "--title", "Lantern Walk", "--to", f"{end:.3f}", "--fade", "2"),
            *("--stop", "16", "1", "2½", "--json", "-"),
        )
        self.assertEqual(status, 0, err)
        found = json.loads(out)
        self.assertEqual(found["title"], "Lantern Walk")
        self.assertAlmostEqual(found["used"]["end_s"], end, places=3)
        (stop,) = found["grid"]["stops"]
        self.assertEqual((stop["count"], stop["counts"], stop["beats"]), (16, 1, 2.5))
        self.assertAlmostEqual(stop["again_s"] - stop["silent_after_s"], 3.5 * 60 / before.bpm(), delta=0.02)
        out = vamos("song", path)[1]
        self.assertRegex(out, "for 2½ beats, 1 count danced, the last one held")
        self.assertIn("Fades out over 2 s.", out)
        self.assert_refused(path)

    def assert_refused(self, path: Path) -> None:
        kept = path.read_bytes()
        for arguments in (("--from", "soon"), ("--from", "0:40"), ("--stop", "16", "two", "3"), ("--to", "1")):
            status, _, err = vamos("--quiet", "song", path, *arguments)
            self.assertEqual(status, 2, arguments)
            self.assertTrue(err.strip())
        self.assertEqual(path.read_bytes(), kept)

    def test_a_pack_in_other_looks(self):
        """Strip, upright, half-time, a counting voice: written by the command line, and all of it verifies."""
        out = self.folder / "pack"
        options = (
            "--speeds",
            "100",
            "--sound",
            "voice",
            "--style",
            "strip",
            "--shape",
            "upright",
            "--size",
            "480",
            "--also",
            "half-time",
            "double-time",
            "--run-through",
            "none",
        )
        path = demo_copy(self.folder)
        # One film and two of its clips are enough for the looks.
        project = load(path)
        project = replace(project, takes=project.takes[:1])
        for clip in plan_clips(project)[2:]:
            project = choose(project, Choice(clip.key, left_out=True))
        save(project, path)
        status, _, err = vamos("--quiet", "pack", path, "--out", out, *options)
        self.assertIn(status, (0, 1), err)
        names = [p.name for p in (out / "clips").iterdir()]
        for kind in ("half-time", "double-time"):
            self.assertTrue(any(kind in n for n in names), kind)
        status, words, err = vamos("--quiet", "verify", out)
        self.assertEqual(status, 0, err)
        self.assertIn(", 0 do not hold", words)

    def test_how_much_a_pack_comes_to(self):
        """Said for a profile without writing anything; where and how much exclude each other."""
        status, out, _ = vamos("pack", demo_folder() / PROJECT, "--estimate", "--profile", "along")
        self.assertEqual(status, 0)
        self.assertRegex(out, r"^2 films, .* up to about \d+ MB; writing takes about .* here\.$")
        with self.assertRaises(SystemExit), contextlib.redirect_stderr(io.StringIO()):
            run(["pack", str(demo_folder() / PROJECT), "--estimate", "--out", str(self.folder / "o")])
        self.assertEqual(self.listing(), [])

    def test_demo_without_a_window(self):
        status, _, err = vamos("demo", demo_folder(), "--no-window")
        self.assertEqual(status, 0)
        self.assertIn(str(Path(demo_folder()) / PROJECT), err)


if __name__ == "__main__":
    unittest.main()
