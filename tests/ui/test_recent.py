"""Which projects were open lately, and who else has one open."""

import json
import os
from dataclasses import replace

from PyQt6.QtWidgets import QPushButton

from tests.support import FolderCase, demo_copy
from tests.ui.qt import WindowCase
from vamos.core.document import lock
from vamos.ui.work import recent
from vamos.ui.work.settings import RECENT


class RecentTest(WindowCase, FolderCase):
    """What was open lately stands on the start page, with its picture."""

    def setUp(self) -> None:
        FolderCase.setUp(self)
        WindowCase.setUp(self)
        RECENT.forget()

    def test_a_project_is_opened_from_its_card(self):
        path = demo_copy(self.folder)
        self.window.session.open(path)
        self.until(lambda: self.window.mirror.image is not None, "a picture in the mirror")
        self.window.session.do("name", lambda p: replace(p, name="mine"))
        self.window.session.save_now()
        self.window.session.new()
        self.app.processEvents()
        start = self.window.start
        card = next(b for b in start.findChildren(QPushButton) if b.accessibleName().startswith(f"Open {path.stem}"))
        self.assertFalse(card.icon().isNull())
        self.assertEqual(recent.recent()[0], path.absolute())
        self.click(card)
        self.assertEqual(self.window.session.path, path.absolute())

    def test_files_that_are_gone_are_not_offered(self):
        for number in range(9):
            path = self.folder / f"{number}.vamos"
            path.write_text("{}")
            recent.remember(path)
        (self.folder / "8.vamos").unlink()
        recent.remember(self.folder / "4.vamos")
        self.assertEqual([p.stem for p in recent.recent()], ["4", "7", "6", "5", "3"])

    def test_who_else_has_it_open_is_still_read_when_all_is_shown(self):
        path = demo_copy(self.folder)
        other = {"process": os.getppid(), "host": lock._host(), "user": "mira", "since": 0.0}
        lock.place(path).write_text(json.dumps(other))
        self.window.session.open(path)
        self.app.processEvents()
        self.assertIn("open in another window as well (mira", self.window.status.words.text())
