"""Who has a project open: told, never in the way, and cleared when its process is gone."""

import json
import os
import subprocess
import sys

from tests.support import FolderCase
from vamos.core.document import lock


class LockTest(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.path = self.folder / "dance.vamos"
        self.path.write_text("{}")

    def other(self, process: int, host: str | None = None) -> None:
        found = {"process": process, "host": host or lock._host(), "user": "mira", "since": 0.0}
        lock.place(self.path).write_text(json.dumps(found))

    def test_held_and_released(self):
        self.assertIsNone(lock.hold(self.path))
        self.assertIsNone(lock.holder(self.path), "one's own window is no other")
        self.assertEqual(self.listing(), [".dance.vamos.open", "dance.vamos"])
        lock.release(self.path)
        self.assertEqual(self.listing(), ["dance.vamos"])

    def test_another_living_process_is_named_and_its_file_stays(self):
        self.other(os.getppid())
        self.assertIn("mira, since ", lock.hold(self.path).words())
        lock.release(self.path)
        self.assertEqual(self.listing(), [".dance.vamos.open", "dance.vamos"])

    def test_of_another_machine_nothing_is_known_but_its_name(self):
        self.other(1, "studio")
        self.assertFalse(lock.ended(self.path))
        self.assertIn("mira on studio", lock.hold(self.path).words())

    def test_a_dead_process_is_cleared_away(self):
        gone = subprocess.Popen([sys.executable, "-c", ""])
        gone.wait()
        self.other(gone.pid)
        self.assertTrue(lock.ended(self.path))
        self.assertIsNone(lock.holder(self.path))
        self.assertFalse(lock.ended(self.path))
        self.assertEqual(self.listing(), ["dance.vamos"])

    def test_a_damaged_file_and_a_closed_folder_are_no_matter(self):
        for text in ("", "{", '{"process": "x"}', "[]", "9" * 5000):
            lock.place(self.path).write_text(text)
            self.assertIsNone(lock.hold(self.path))
        gone = self.folder / "gone" / "dance.vamos"
        self.assertIsNone(lock.hold(gone))
        lock.release(gone)
