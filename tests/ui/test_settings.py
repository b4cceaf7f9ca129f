"""What the window remembers: whatever stands in its settings, it opens; and files are replaced only when one says so."""

import os
import re
import subprocess
import tempfile
import unittest
from pathlib import Path
from unittest import mock

from PyQt6.QtCore import QSettings
from PyQt6.QtGui import QImage
from PyQt6.QtWidgets import QMessageBox

from tests.support import FolderCase
from tests.ui.qt import WindowCase, application
from vamos import desktop
from vamos.core.document.files import load, save
from vamos.core.model.project import Project
from vamos.ui.window import Window
from vamos.ui.work import recent, settings

#: Settings as damage, other programs and other versions leave them.
DAMAGED = (
    "",
    "text",
    "-5",
    "99999999999999999999",
    "nan",
    "1e9",
    "@Invalid()",
    "@ByteArray(\\0\\1)",
    "a, b, c",
    "\u2028",
)


class DamagedTest(unittest.TestCase):
    def setUp(self) -> None:
        application()
        self.addCleanup(QSettings("vamos", "vamos").clear)

    def test_the_window_opens_with_any_of_them(self):
        """Each value that is remembered, damaged in each way: the window opens, and the value is its fallback."""
        known = [x for x in vars(settings).values() if isinstance(x, settings.Setting)]
        self.assertGreater(len(known), 6)
        for value in DAMAGED:
            store = QSettings("vamos", "vamos")
            for one in known:
                store.setValue(one.key, value)
            for stop in ("Song", "Cut"):
                store.setValue(settings.closed_words(stop).key, value)
            store.sync()
            with self.subTest(value):
                window = Window()
                window.follow_light()
                window.show()
                application().processEvents()
                self.assertGreater(window.side.width(), 100)
                window.close()
                for one in (settings.SIDE_WIDTH, settings.MIRROR_HEIGHT, settings.LETTERS, settings.LIGHT):
                    self.assertEqual(type(one.get()), type(one.fallback))

    def test_what_is_no_file_is_put_aside(self):
        """A pipe or a folder where settings or a project's picture should be: nothing waits for it."""
        with tempfile.TemporaryDirectory() as home:
            with mock.patch.dict(os.environ, {"XDG_CACHE_HOME": home}):
                project = Path(home) / "a.vamos"
                image = QImage(640, 360, QImage.Format.Format_RGB32)
                image.fill(0xFF3060)
                recent.keep_picture(project, image)
                self.assertTrue(recent.picture_of(project).startswith(b"\x89PNG"))
                (kept,) = Path(home).rglob("*.png")
                kept.unlink()
                os.mkfifo(kept)
                self.assertEqual(recent.picture_of(project), b"")
                recent.keep_picture(project, image)
                self.assertTrue(kept.is_file())
            for odd in (os.mkfifo, Path.mkdir):
                place = Path(home) / "vamos" / "vamos.conf"
                place.parent.mkdir(exist_ok=True)
                odd(place)
                with mock.patch.object(settings.platformdirs, "user_config_dir", return_value=str(place.parent)):
                    self.assertIsNotNone(settings._store())
                self.assertFalse(place.exists())
                aside = place.with_name("vamos.conf.aside")
                self.assertTrue(aside.exists())
                aside.rmdir() if aside.is_dir() else aside.unlink()

    def test_values_come_back(self):
        for one, value in (
            (settings.SIDE_WIDTH, 500),
            (settings.LETTERS, False),
            (settings.LIGHT, "evening"),
            (settings.RECENT, ["/a", "/b"]),
            (settings.folded("Cut", "looks"), True),
        ):
            one.set(value)
            QSettings("vamos", "vamos").sync()
            self.assertEqual(one.get(), value)
            one.forget()
            self.assertEqual(one.get(), one.fallback)


class SavingTest(WindowCase, FolderCase):
    def setUp(self) -> None:
        FolderCase.setUp(self)
        WindowCase.setUp(self)
        self.precious = self.folder / "precious.vamos"
        save(Project("precious"), self.precious)
        self.window.session.open(self.precious)
        self.window.session.save_as(self.folder / "other.vamos")

    def chosen(self, typed: str, kind: str, answer: QMessageBox.StandardButton) -> tuple[Path | None, int]:
        """What is written when a name was typed into the dialog; how often one was asked."""
        with (
            mock.patch("vamos.ui.desk.QFileDialog.getSaveFileName", return_value=(str(self.folder / typed), kind)),
            mock.patch("vamos.ui.desk.QMessageBox.question", return_value=answer) as asked,
        ):
            path = self.window.desk.ask_save("Save", f"{kind};;CSV (*.csv)")
        return path, asked.call_count

    def test_an_ending_added_later_is_asked_about(self):
        yes, no = QMessageBox.StandardButton.Yes, QMessageBox.StandardButton.No
        kind = "Vamos projects (*.vamos)"
        self.assertEqual(self.chosen("precious", kind, no), (None, 1))
        self.assertEqual(self.chosen("precious", kind, yes), (self.precious, 1))
        self.assertEqual(self.chosen("new", kind, no), (self.folder / "new.vamos", 0))
        # The dialog itself asked about a name that was typed whole.
        self.assertEqual(self.chosen("precious.vamos", kind, no), (self.precious, 0))
        self.assertEqual(self.chosen("list.csv", kind, no), (self.folder / "list.csv", 0))

    def test_a_name_with_a_full_stop_gets_its_ending(self):
        self.assertEqual(
            self.chosen("cha cha v1.2", "PDF (*.pdf)", QMessageBox.StandardButton.No)[0],
            self.folder / "cha cha v1.2.pdf",
        )

    def test_save_as_leaves_the_other_project_alone(self):
        before = self.precious.read_bytes()
        with (
            mock.patch(
                "vamos.ui.desk.QFileDialog.getSaveFileName", return_value=(str(self.folder / "precious"), "P (*.vamos)")
            ),
            mock.patch("vamos.ui.desk.QMessageBox.question", return_value=QMessageBox.StandardButton.No),
        ):
            self.window.project_commands.save_as()
        self.assertEqual(self.precious.read_bytes(), before)
        self.assertEqual(load(self.precious).name, "precious")


class StartTest(FolderCase):
    def start(self, *files: str) -> str:
        """Start by the line of the desktop's entry, as its specification expands %F; what the window had open."""
        entry = (Path(desktop.__file__).parent / f"{desktop.ID}.desktop").read_text()
        words = re.search(r"^Exec=(.*)$", entry, re.M)[1].split()
        at = words.index("%F")
        script = (
            "import sys\nimport vamos.ui.app as app\n"
            "real=app.open_first\n"
            "def opened(window, files=()):\n"
            " real(window, files)\n"
            " print(window.session.path, [t.name for t in window.session.project.takes], flush=True)\n"
            " import threading,os\n threading.Timer(0.5, lambda: os._exit(0)).start()\n"
            "app.open_first=opened\n"
            "from vamos.cli.main import run\nsys.exit(run(sys.argv[1:]))"
        )
        import sys

        home = {f"XDG_{n}_HOME": str(self.folder / n) for n in ("CONFIG", "DATA", "CACHE")}
        done = subprocess.run(
            [sys.executable, "-c", script, *words[1:at], *files, *words[at + 1 :]],
            env=os.environ | {"QT_QPA_PLATFORM": "offscreen"} | home,
            capture_output=True,
            text=True,
            timeout=120,
            check=False,
        )
        return done.stdout.strip() or done.stderr

    def test_from_the_menu_and_on_files(self):
        """Without a file, on a project, on a file that is not there: the window opens each time."""
        self.assertEqual(self.start(), "None []")
        save(Project("p"), self.folder / "p q.vamos")
        self.assertEqual(self.start(str(self.folder / "p q.vamos")), f"{self.folder / 'p q.vamos'} []")
        self.assertEqual(self.start(str(self.folder / "none.vamos")), "None []")


if __name__ == "__main__":
    unittest.main()
