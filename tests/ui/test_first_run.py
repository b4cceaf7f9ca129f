"""From nothing to a verified pack of one's own song and films: how many decisions that takes, by hand.

A decision is something a person has to choose or press: files dropped, a button, an answer in a dialog. Waiting is none.
"""

import shutil
from fractions import Fraction
from unittest import mock

from tests.support import FolderCase, demo_folder
from tests.ui.qt import StopCase, WindowCase
from vamos.core.edit.clips import choose
from vamos.core.edit.output import set_output
from vamos.core.model.clip import Choice, RunThrough
from vamos.core.pack.verify import verify_pack
from vamos.demo.build import SONG
from vamos.ui.frame.guide import WORDS, GuideNote, is_closed

#: At most so many.
MOST = 5


class GuideTest(StopCase):
    STOP = "Song"

    def notes(self) -> list[GuideNote]:
        self.settle()
        return [w for p in self.panels() for w in p.findChildren(GuideNote) if w.isVisible()]

    def test_a_look_around_at_each_stop_until_it_is_closed(self):
        """Closed at one stop it stays closed there, also in the next window; from the menu all come back."""
        self.assertEqual(self.notes(), [])
        self.window.show_guide()
        for stop in WORDS:
            self.window.go_to_stop(stop)
            with self.subTest(stop):
                (note,) = self.notes()
                self.assertLess(note.height(), 190)
        self.window.go_to_stop("Film")
        self.click(self.notes()[0].closes)
        self.assertEqual(self.notes(), [])
        self.window.go_to_stop("Cut")
        self.assertEqual(len(self.notes()), 1)
        self.window.go_to_stop("Film")
        self.assertEqual(self.notes(), [])
        self.assertTrue(is_closed("Film") and not is_closed("Cut"))


class FirstRunTest(WindowCase, FolderCase):
    def setUp(self) -> None:
        FolderCase.setUp(self)
        WindowCase.setUp(self)
        self.decisions: list[str] = []

    def test_a_pack_of_ones_own_song_and_films(self):
        names = ("lantern street.opus", "front.mp4")
        files = [shutil.copyfile(demo_folder() / name, self.folder / name) for name in names]
        self.decisions.append("drop the song and a film")
        self.drop(*files)
        self.idle()
        self.until(lambda: len(self.window.session.facts.clips) > 3, "clips are there")
        # What is asked on the way, such as whether the 1 is right, can be answered later.
        box = self.window.route._box(5)
        self.click(self.window.route, box.center().x(), box.center().y())
        self.decisions.append("the stop Pack")
        self.until(lambda: self.window.status.main.text() == "Write the pack…", "what to do at Pack")
        # Only so that the test takes less time.
        small = {"longest_side": 160, "speeds": (Fraction(1),), "run_through": RunThrough(wanted=False)}
        self.window.session.do("small", lambda p: set_output(p, **small))
        for clip in self.window.session.facts.clips[3:]:
            self.window.session.do("out", lambda p, key=clip.key: choose(p, Choice(key, left_out=True)))
        with mock.patch.object(self.window.desk, "ask_folder", return_value=self.folder) as asked:
            self.click(self.window.status.main)
            self.idle()
        self.decisions += ["Write the pack…", *["the folder"] * asked.call_count]
        packs = [p.parent for p in self.folder.glob("*/manifest.json")]
        self.assertEqual(len(packs), 1, self.window.status.words.text())
        self.assertEqual([f for f in verify_pack(packs[0]) if not f.good], [])
        self.assertLessEqual(len(self.decisions), MOST, self.decisions)

    def main(self, text: str) -> None:
        """Press the main button, once it says this."""
        self.until(lambda: self.window.status.main.text() == text, f"the button says {self.window.status.main.text()}")
        self.click(self.window.status.main)
        self.idle()

    def test_by_the_main_button_and_its_questions_alone(self):
        """Song, 1, films, clips and pack: what is next always stands on the same button."""
        song, *films = (shutil.copyfile(demo_folder() / n, self.folder / n) for n in (SONG, "front.mp4", "back.mp4"))
        desk = self.window.desk
        with mock.patch.object(desk, "ask_open", return_value=song):
            self.main("Choose the song…")
        self.main("Listen to the 1")
        self.main("The 1 is right")
        self.assertTrue(self.window.session.project.song.agreed)
        self.main("On to the dance")
        self.assertEqual(self.window.stop.name, "Dance")
        self.click(self.panel_button("Go on without a sheet"))
        self.assertEqual(self.window.stop.name, "Film")
        with mock.patch.object(desk, "ask_open_many", return_value=films):
            self.main("Add takes…")
        self.until(lambda: len(self.window.session.facts.clips) > 3, "clips are there")
        small = {"longest_side": 160, "speeds": (Fraction(1),), "run_through": RunThrough(wanted=False)}
        self.window.session.do("small", lambda p: set_output(p, **small))
        for clip in self.window.session.facts.clips[3:]:
            self.window.session.do("out", lambda p, key=clip.key: choose(p, Choice(key, left_out=True)))
        self.settle()
        asked = [c for c in self.window.session.facts.clips if c.asks]
        self.main("On to the clips" if asked else "On to the pack")
        for _ in asked:
            if self.window.status.main.text().startswith("Next clip"):
                self.click(self.window.status.main)
            self.main("I looked, it is right")
        if asked:
            self.main("On to the pack")
        self.assertEqual(self.window.stop.name, "Pack")
        with mock.patch.object(desk, "ask_folder", return_value=self.folder):
            self.main("Write the pack…")
        (pack,) = (p.parent for p in self.folder.glob("*/manifest.json"))
        self.assertEqual([f for f in verify_pack(pack) if not f.good], [])
