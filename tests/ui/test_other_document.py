"""Another project opened at any stop and in any view: nothing of the first is shown, kept or written into."""

import signal
import subprocess
import sys
import time
import unittest
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path
from unittest import mock

import numpy as np
from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QComboBox, QLabel, QLineEdit, QPlainTextEdit, QPushButton, QWidget

from tests.support import FolderCase, film_of, grid_at, write_song
from tests.ui.qt import StopCase, WindowCase
from vamos.core.document.files import load, save
from vamos.core.document.paths import reference
from vamos.core.edit.clips import choose
from vamos.core.model.clip import Choice, NamedRange
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.model.project import Project
from vamos.core.model.song import Song
from vamos.core.model.take import Pass, PassKind, Take
from vamos.core.time import CountRange, TimeMap, TimeRange
from vamos.ui.frame.center import CenterView
from vamos.ui.stops import STOPS
from vamos.ui.stops.dance.commands import NOTATION


def write_project(folder: Path, seconds: float, mark: str) -> Path:
    """A project whose every name carries ``mark``; its take has the same name and id as that of any other."""
    folder.mkdir()
    write_song(folder / f"{mark}.wav", 120, 30)
    tone = (0.3 * np.sin(np.arange(int(48000 * seconds)) * 0.05)).astype(np.float32)
    film_of(folder / "front.mp4", seconds, sound=tone)
    passes = tuple(
        Pass(PassKind.SONG, TimeRange(a, b), TimeMap.line(a, at), 0.9, also_at_song_s=(at + 8,))
        for a, b, at in ((0.0, 10.0, 0.5), (10.5, seconds, 0.6))
    )
    take = Take("front", reference(folder / "front.mp4", seconds, folder), passes=passes, looked_for_passes=True)
    dance = Dance(f"{mark} dance", (Section(f"{mark} one", 8), Section(f"{mark} two", 8)), (Item(ItemKind.WALL),))
    song = Song(reference(folder / f"{mark}.wav", 30.0, folder), mark, grid_at(120, 58, 0.5, 0))
    ranges = (NamedRange(f"{mark} range", CountRange(F(0), F(12))),)
    save(Project(mark, song, dance, (take,), ranges=ranges), folder / f"{mark}.vamos")
    return folder / f"{mark}.vamos"


class OtherDocumentTest(WindowCase, FolderCase):
    def setUp(self) -> None:
        FolderCase.setUp(self)
        WindowCase.setUp(self)
        self.a = write_project(self.folder / "a", 20.0, "alpha")
        self.b = write_project(self.folder / "b", 22.0, "bravo")

    def open(self, path: Path) -> None:
        self.window.session.open(path)
        self.settle()

    def words(self) -> str:
        """Everything that can be read anywhere in the window."""
        found = []
        for w in self.window.findChildren(QWidget):
            if w.isVisibleTo(self.window):
                if isinstance(w, QLabel | QLineEdit | QPushButton):
                    found.append(w.text())
                elif isinstance(w, QPlainTextEdit):
                    found.append(w.toPlainText())
                elif isinstance(w, QComboBox):
                    found += [w.itemText(k) for k in range(w.count())]
                found += [w.accessibleName(), w.toolTip()]
        return " | ".join(found)

    def views(self) -> dict[str, object]:
        film, cut, dance = (self.window.rooms[n].commands for n in ("Film", "Cut", "Dance"))
        take = self.window.session.project.takes[0].id
        return {
            "slate": lambda: film.show_slate(take, 1.0),
            "places": lambda: film.places.show_places(take, 0),
            "passes": cut.compare,
            "wall map": dance.wall_map,
        }

    def test_at_every_stop_and_view(self):
        """The page of the second project comes, at the same stop, and not a word of the first is left."""
        for stop in STOPS:
            for name in [None, *(self.views() if stop.name in ("Dance", "Film", "Cut") else ())]:
                with self.subTest(stop=stop.name, view=name):
                    self.open(self.a)
                    self.window.go_to_stop(stop.name)
                    self.window.page.go_to(0)
                    self.window.preview.choose_range(self.window.session.project.ranges[0].id)
                    self.window.preview.turn_round()
                    self.settle()
                    if name is not None:
                        self.views()[name]()
                        self.settle()
                    self.assertIn("alpha", self.words() + self.window.windowTitle())
                    self.open(self.b)
                    self.assertNotIsInstance(self.window.center.currentWidget(), CenterView)
                    self.assertEqual(self.window.stop.name, stop.name)
                    left = f"{self.words()} | {self.window.windowTitle()}".split(" | ")
                    self.assertEqual([w for w in left if "alpha" in w], [])
                    watched = self.window.preview.watched
                    self.assertEqual((watched.chosen_range, watched.turned, watched.view), ("", False, None))
        self.assertGreater(len(self.window.center.views), 3, "a new view belongs into this test")

    def test_the_slate_shows_the_other_film(self):
        """A take of the same id: its own film, its own sound, and what is matched goes into its own project."""
        slate = self.window.rooms["Film"].commands.slate
        for path, folder, seconds in ((self.a, "a", 20.0), (self.b, "b", 22.0)):
            self.open(path)
            self.window.go_to_stop("Film")
            self.window.rooms["Film"].commands.show_slate("front", 1.0)
            self.until(lambda: slate.playback.sound is not None, "the sound is read")
            self.assertEqual(slate._path.parent.name, folder)
            self.assertAlmostEqual(slate.playback.sound.duration_s, seconds, delta=0.1)
            self.assertAlmostEqual(len(slate.peaks.bands) / 100, seconds, delta=1.5)
        slate.go_to(2.0)
        slate.this_is_it()
        self.window.session.save_now()
        self.assertNotEqual(load(self.b).takes[0].passes[0].clock(2.0), load(self.a).takes[0].passes[0].clock(2.0))

    def test_another_film_under_the_same_take(self):
        """Pointed to another film, the slate reads its sound anew."""
        self.open(self.a)
        slate = self.window.rooms["Film"].commands.slate
        self.window.rooms["Film"].commands.show_slate("front", 1.0)
        self.until(lambda: slate.playback.sound is not None, "the sound is read")
        media = reference(self.folder / "b" / "front.mp4", 22.0, self.folder / "a")
        self.window.session.do("other", lambda p: replace(p, takes=(replace(p.takes[0], media=media, passes=()),)))
        self.window.rooms["Film"].commands.show_slate("front", 1.0)
        self.until(lambda: slate.playback.sound is not None and slate.playback.sound.duration_s > 21, "the other sound")

    def test_an_empty_project_at_a_wide_stop_says_how_to_begin(self):
        for stop in ("Lesson", "Pack"):
            self.open(self.a)
            self.window.go_to_stop(stop)
            self.window.session.new()
            self.settle()
            self.assertIs(self.window.center.currentWidget(), self.window.start)
            self.assertTrue(self.window.start.isVisible())

    def test_half_typed_notation_stays_over_stops_and_goes_with_the_document(self):
        self.open(self.a)
        self.window.go_to_stop("Dance")
        self.window.page.go_to(0)
        self.settle()
        field = self.field(NOTATION)
        field.setPlainText("nonsense 99 xyz")
        self.key(Qt.Key.Key_4, Qt.KeyboardModifier.ControlModifier)
        self.key(Qt.Key.Key_2, Qt.KeyboardModifier.ControlModifier)
        self.assertEqual(self.field(NOTATION).toPlainText(), "nonsense 99 xyz")
        self.open(self.b)
        self.assertEqual(self.field(NOTATION).toPlainText(), "")


class FactsTest(StopCase):
    STOP = "Cut"

    def test_one_fact_that_fails_stops_nothing_else(self):
        """The plan of the lesson raises: said at Lesson, told once; an edit, the panel and the route still follow."""
        told: list[str] = []
        with mock.patch.object(self.window, "tell_fault", told.append):
            self.window.session.fault.connect(told.append)
            with mock.patch("vamos.core.lesson.plan.plan_lesson", side_effect=ValueError("broken")):
                self.window.session.do("wish", lambda p: replace(p, lesson=replace(p.lesson, minutes=8.0)))
                before = self.panel_text()
                self.key(Qt.Key.Key_M)
                self.assertFalse(self.window.session.preparing)
                self.assertNotEqual(self.panel_text(), before, "the panel follows")
                self.window.session.do("again", lambda p: replace(p, lesson=replace(p.lesson, minutes=8.5)))
                self.settle()
                self.assertEqual(sum("broken" in t for t in told), 1, "told once, not after every edit")
                self.window.go_to_stop("Lesson")
                self.assertIn("cannot be worked out", self.panel_text())
                self.assertIn("cannot be worked out", self.window.route.states["Lesson"].words)
                self.assertNotIn("cannot", self.window.route.states["Cut"].words)
            self.window.session.do("mended", lambda p: replace(p, lesson=replace(p.lesson, minutes=9.0)))
            self.settle()
            self.assertNotIn("cannot be worked out", self.panel_text())

    def test_a_refused_fact_says_its_own_reason(self):
        from vamos.errors import InputError

        with mock.patch("vamos.core.lesson.plan.plan_lesson", side_effect=InputError("no steps today")):
            self.window.session.do("x", lambda p: replace(p, lesson=replace(p.lesson, minutes=7.0)))
            self.window.go_to_stop("Lesson")
            self.assertIn("no steps today", self.panel_text())

    def test_clips_that_fail_leave_page_and_song(self):
        with mock.patch("vamos.core.plan.clips.clips_of", side_effect=ValueError("broken clips")):
            self.window.session.do("x", lambda p: choose(p, Choice(self.window.desk.clip().key, run_up=F(3))))
            self.settle()
            self.assertIn("cannot be worked out", self.panel_text())
            self.key(Qt.Key.Key_1, Qt.KeyboardModifier.ControlModifier)
            self.assertNotIn("cannot be worked out", self.panel_text())
            self.key(Qt.Key.Key_Down)
            self.assertEqual(self.window.page.current, self.first + 2)


class MirrorKeyTest(StopCase):
    STOP = "Song"

    def test_m_changes_the_clip_at_cut_only(self):
        """Elsewhere it turns what one watches, and says so; where there is no picture it does nothing but say so."""
        for number, stop in enumerate(STOPS):
            self.key(Qt.Key(Qt.Key.Key_1 + number), Qt.KeyboardModifier.ControlModifier)
            self.window.page.go_to(self.first + 1)
            self.settle()
            before = self.window.session.project
            self.key(Qt.Key.Key_M)
            if stop.name == "Cut":
                self.assertNotEqual(self.window.session.project, before)
                self.assertIn("takes it back", self.window.status.words.text())
            else:
                self.assertIs(self.window.session.project, before, stop.name)
                turned = stop.name in ("Song", "Film")
                self.assertEqual(self.window.preview.watched.turned, turned, stop.name)
                self.assertTrue(self.window.status.words.text())
                if turned:
                    self.key(Qt.Key.Key_M)

    def test_at_cut_only_from_page_and_mirror(self):
        self.key(Qt.Key.Key_4, Qt.KeyboardModifier.ControlModifier)
        before = self.window.session.project
        button = next(b for b in self.window.panel.findChildren(QPushButton) if b.isVisible() and b.isEnabled())
        button.setFocus()
        self.key(Qt.Key.Key_M)
        self.assertIs(self.window.session.project, before)
        self.assertIn("works on the page", self.window.status.words.text())

    def test_the_picture_is_turned(self):
        """What is asked of the picture is the other way round; the overlay is not."""
        asked = []
        with mock.patch.object(self.window.preview.pictures, "ask", asked.append):
            self.window.preview._asked = None
            self.window.preview.show_place(self.window.page.position)
            self.key(Qt.Key.Key_M)
        self.assertEqual([asked[0].flip, asked[-1].flip], [asked[0].flip, not asked[0].flip])
        self.assertEqual(asked[0].shown, asked[-1].shown)


class HiddenPageTest(StopCase):
    STOP = "Lesson"

    def test_keys_do_not_move_a_page_nobody_sees(self):
        for stop in ("Lesson", "Pack"):
            self.window.go_to_stop(stop)
            self.settle()
            self.assertFalse(self.page.hasFocus())
            self.assertTrue(self.window.wide.hasFocus())
            at = (self.page.current, self.page.position)
            for key in (Qt.Key.Key_Down, Qt.Key.Key_Up, Qt.Key.Key_4, Qt.Key.Key_Home, Qt.Key.Key_Space, Qt.Key.Key_V):
                self.key(key)
                self.assertEqual((self.page.current, self.page.position), at)
            self.assertFalse(self.window.preview.playback.playing)
            self.assertIn("where the page is", self.window.status.words.text())


class EndTest(FolderCase):
    def test_asked_to_end_the_window_saves_and_closes(self):
        """A log-out (SIGTERM) in the second after an edit: the edit is in the file, and the process ends with 0."""
        path = self.folder / "p.vamos"
        save(Project("p"), path)
        script = (
            "import sys,os;from pathlib import Path\n"
            "from dataclasses import replace\n"
            "import vamos.ui.app as app\n"
            "real=app.open_first\n"
            "def opened(window, files=()):\n"
            " real(window, files)\n"
            " window.session.do('x', lambda p: replace(p, name='edited'))\n"
            " print('ready', flush=True)\n"
            "app.open_first=opened\n"
            "from vamos.cli.main import run\n"
            "sys.exit(run(['open', sys.argv[1]]))"
        )
        import os

        for number in (signal.SIGTERM, signal.SIGINT):
            with self.subTest(number):
                save(Project("p"), path)
                started = subprocess.Popen(
                    [sys.executable, "-c", script, str(path)],
                    stdout=subprocess.PIPE,
                    stderr=subprocess.DEVNULL,
                    env=os.environ | {"QT_QPA_PLATFORM": "offscreen"},
                )
                started.stdout.readline()
                time.sleep(0.3)
                started.send_signal(number)
                self.assertEqual(started.wait(60), 0)
                started.stdout.close()
                self.assertEqual(load(path).name, "edited")


if __name__ == "__main__":
    unittest.main()
