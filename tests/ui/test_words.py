"""The words of the window: lines, turns, strips, states of the stops, geometry of the page."""

import json
import os
import signal
import subprocess
import sys
import time
import unittest
from dataclasses import replace
from fractions import Fraction as F

from tests.core.plan.test_plan import TWO_WALLS, project, take
from tests.support import FolderCase, grid_at
from tests.ui.qt import WindowCase, application
from vamos.core.dance.facing import turn_text
from vamos.core.dance.lines import lines_of
from vamos.core.document import lock
from vamos.core.document.files import load, save
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.model.project import Project
from vamos.core.model.take import Danced, PassKind, Stretch, View
from vamos.ui.page.content import strip_text
from vamos.ui.page.layout import MARGIN, Layout
from vamos.ui.page.model import kind_words, line_label
from vamos.ui.parts.text import plural
from vamos.ui.stops.film.take_fields import take_state
from vamos.ui.work.session import SAVE_AFTER_MS

TAGGED = Dance(
    "d",
    (Section("A", 8), Section("T", 4), Section("E", 8)),
    (
        Item(ItemKind.WALL, ("A",)),
        Item(ItemKind.TAG, ("T",)),
        Item(ItemKind.HOLD, counts=2),
        Item(ItemKind.ENDING, ("E",)),
    ),
)


class LineWordsTest(unittest.TestCase):
    def test_each_kind_of_line_has_its_words(self):
        lines = lines_of(grid_at(120, 50, 0.5, 8), TAGGED)
        self.assertEqual(
            [kind_words(line) for line in lines[:5]],
            ["before the dance", "wall 1", "tag, 4 counts", "hold, 2 counts", "ending"],
        )
        self.assertEqual([line_label(line) for line in lines[:5]], ["1", "2", "T", "4", "E"])
        self.assertEqual(kind_words(lines[-1]), "after the dance")

    def test_turns(self):
        self.assertEqual(
            [turn_text(t) for t in (2, -4, 6, -1, 8, 12)],
            ["¼ right", "½ left", "¾ right", "1/8 left", "full right", "1½ right"],
        )

    def test_strips(self):
        mirrored = Stretch(danced=Danced.MIRRORED)
        self.assertEqual(strip_text(take("front"), PassKind.SONG, Stretch()), "front")
        self.assertEqual(
            strip_text(take("t1"), PassKind.COUNTED, mirrored), "t1 · front · danced mirrored · counted aloud"
        )

    def test_takes(self):
        self.assertEqual(take_state(replace(take("a"), looked_for_passes=False)), "not placed yet")
        self.assertIn("neither the song", take_state(replace(take("a"), passes=())))
        self.assertIn("please check", take_state(take("a", confidence=0.3)))
        self.assertIn("trouble: noise", take_state(take("a", trouble="noise")))

    def test_plural(self):
        self.assertEqual((plural(1, "wall"), plural(2, "wall"), plural(0, "tag")), ("1 wall", "2 walls", "0 tags"))


class StatesTest(WindowCase):
    """What the route says of each stop."""

    def states(self, p: Project) -> tuple[dict[str, str], set[str]]:
        self.window.session.do("all", lambda _p: p)
        self.settle()
        found = self.window.route.states
        return {k: v.words for k, v in found.items()}, {k for k, v in found.items() if v.done}

    def test_empty(self):
        words, done = self.states(Project())
        self.assertEqual(words["Song"], "no song yet")
        self.assertEqual(words["Film"], "no takes yet")
        self.assertEqual(done, set())

    def test_everything_in_place(self):
        words, done = self.states(project(take("front"), take("back", view=View.BACK), dance=TWO_WALLS))
        self.assertEqual((words["Dance"], words["Film"], words["Cut"]), ("2 walls", "2 of 2 takes placed", "4 clips"))
        self.assertEqual(done, {"Song", "Dance", "Film", "Cut"})

    def test_what_must_be_looked_at_is_counted(self):
        words, done = self.states(project(take("front", confidence=0.3), dance=TWO_WALLS))
        self.assertEqual(words["Cut"], "2 clips, 2 to check")
        self.assertNotIn("Cut", done)

    def test_weak_lines_are_said(self):
        p = project(take("front"))
        grid = replace(p.song.grid, sureness=(0.9, 0.1, 0.2, 0.9))
        words, done = self.states(replace(p, song=replace(p.song, grid=grid)))
        self.assertIn("2 weak", words["Song"])
        self.assertNotIn("Song", done)


class LayoutTest(unittest.TestCase):
    def test_there_and_back(self):
        """What is painted at a place is what a click there means."""
        layout = Layout.of(932, 8, [100, 120, 90])
        self.assertEqual(layout.x(0), MARGIN)
        self.assertAlmostEqual(layout.column_at(int(layout.x(F(5, 2)))), 2.5, delta=0.02)
        self.assertEqual([layout.row_at(y) for y in (0, 99, 103, 224, 400)], [0, 0, 1, 2, None])

    def test_an_empty_page_has_no_height(self):
        self.assertEqual(Layout.of(800, 8, []).total, 0)


class SessionTest(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        application()
        from vamos.ui.work.session import Session

        self.session = Session()
        self.told: list[str] = []
        self.session.said.connect(self.told.append)

    def test_a_new_project_gets_a_file_once_something_is_in_it(self):
        self.assertIsNone(self.session.path)
        self.session.do("name", lambda p: replace(p, name="x"))
        self.session.save_now()
        self.assertEqual(load(self.session.path).name, "x")

    def test_what_is_edited_all_the_time_is_saved_all_the_same(self):
        """Edits faster than the waiting time: the file is never more than about a second behind."""
        self.session.do("name", lambda p: replace(p, name="0"))
        self.session.save_now()
        end, number = time.monotonic() + 3 * SAVE_AFTER_MS / 1000, 0
        while time.monotonic() < end:
            number += 1
            self.session.do("name", lambda p, n=number: replace(p, name=str(n)))
            application().processEvents()
            time.sleep(0.02)
        self.assertGreater(int(load(self.session.path).name), 0)

    def test_two_windows_notice_each_other(self):
        """Who else is there is said; what they save is taken over; changed in both at once, both are kept."""
        path = self.folder / "ours.vamos"
        self.session.do("name", lambda p: replace(p, name="x"))
        self.session.save_as(path)
        here = {"host": lock._host(), "user": "mira", "since": 0.0}
        self.session.new()
        lock.place(path).write_text(json.dumps(here | {"process": os.getppid()}))
        self.session.open(path)
        self.assertIn("open in another window as well (mira", " ".join(self.told))
        save(replace(load(path), name="theirs"), path)
        self.session.take_over()
        self.assertEqual(self.session.project.name, "theirs")
        self.assertIn("Ctrl+Z goes back to yours", self.told[-1])
        self.session.undo()
        save(replace(load(path), name="theirs again"), path)
        self.session.take_over()
        self.assertEqual(self.session.project.name, "ours", "what waits to be saved is not thrown away")
        self.session.save_now()
        self.assertIn("kept beside it", self.told[-1])
        self.assertEqual(load(path).name, "theirs again")

    def test_a_window_that_was_killed_says_what_came_back(self):
        """Ended by SIGKILL while the project is open: what was edited is there, and said once."""
        path = self.folder / "ours.vamos"
        child = (
            "import os, signal, sys\n"
            "from dataclasses import replace\n"
            "from pathlib import Path\n"
            "from tests.ui.qt import application\n"
            "from vamos.core.document.files import load\n"
            "from vamos.ui.work.session import Session\n"
            "app, session, path = application(), Session(), Path(sys.argv[1])\n"
            "session.do('name', lambda p: replace(p, name='first'))\n"
            "session.save_as(path)\n"
            "session.do('name', lambda p: replace(p, name='last'))\n"
            "while load(path).name != 'last': app.processEvents()\n"
            "os.kill(os.getpid(), signal.SIGKILL)\n"
        )
        done = subprocess.run([sys.executable, "-c", child, str(path)], check=False, timeout=120)
        self.assertEqual(done.returncode, -signal.SIGKILL)
        self.session.open(path)
        self.assertEqual(self.session.project.name, "last")
        said = [t for t in self.told if "was not closed last time. All changes up to" in t]
        self.assertEqual(len(said), 1, self.told)
        self.session.new()
        self.session.open(path)
        self.assertEqual([t for t in self.told if "was not closed" in t], said)

    def test_save_as_moves_the_project(self):
        self.session.do("name", lambda p: replace(p, name="x"))
        self.session.save_as(self.folder / "mine")
        self.assertEqual(self.session.path, self.folder / "mine.vamos")
        self.assertEqual(load(self.folder / "mine.vamos").name, "mine")

    def test_save_as_keeps_where_a_missing_take_was(self):
        """What is missing now may be there again tomorrow."""
        self.session.do("take", lambda p: replace(p, takes=(take("gone"),)))
        was = self.session.base / self.session.project.take("gone").media.path
        self.session.save_as(self.folder / "mine")
        (kept,) = load(self.folder / "mine.vamos").takes
        self.assertEqual(kept.media.path, str(was))

    def test_save_as_where_nothing_can_be_written_says_so_and_stays(self):
        self.session.do("name", lambda p: replace(p, name="x"))
        before = self.session.path
        (self.folder / "file").write_text("")
        self.session.save_as(self.folder / "file" / "mine")
        self.assertIn("mine.vamos", self.told[-1])
        self.assertEqual(self.session.path, before)

    def test_a_refused_edit_is_told_and_changes_nothing(self):
        from vamos.core.edit.song import move_the_one

        self.assertFalse(self.session.do("move", lambda p: move_the_one(p, 1)))
        self.assertIn("no song yet", self.told[0])

    def test_a_file_that_cannot_be_opened_leaves_all_as_it_was(self):
        from vamos.errors import MissingError

        self.session.do("name", lambda p: replace(p, name="x"))
        with self.assertRaises(MissingError):
            self.session.open(self.folder / "none.vamos")
        self.assertEqual(self.session.project.name, "x")


if __name__ == "__main__":
    unittest.main()
