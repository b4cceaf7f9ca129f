"""Vamos as a program of the desktop: its files are valid, installed where they belong, and taken out again."""

import re
import shutil
import subprocess
import unittest
from pathlib import Path

from tests.cli.test_cli import vamos
from tests.support import FolderCase
from tests.ui.qt import application
from vamos import __version__, desktop

HERE = Path(desktop.__file__).parent


class FilesTest(unittest.TestCase):
    @unittest.skipUnless(shutil.which("appstreamcli"), "appstreamcli is not installed here")
    def test_metadata_is_valid(self):
        """By appstreamcli, the validator of the AppStream project."""
        done = subprocess.run(
            ["appstreamcli", "validate", "--no-net", HERE / f"{desktop.ID}.metainfo.xml"],
            capture_output=True,
            text=True,
        )
        self.assertEqual(done.returncode, 0, done.stdout)

    @unittest.skipUnless(shutil.which("desktop-file-validate"), "desktop-file-utils is not installed here")
    def test_the_menu_entry_is_valid(self):
        done = subprocess.run(["desktop-file-validate", HERE / f"{desktop.ID}.desktop"], capture_output=True, text=True)
        self.assertEqual((done.returncode, done.stdout), (0, ""))

    def test_they_speak_of_the_same(self):
        entry, meta = ((HERE / f"{desktop.ID}{end}").read_text() for end in (".desktop", ".metainfo.xml"))
        mime = (HERE / f"{desktop.ID}.xml").read_text()
        kind, *media = re.search(r"MimeType=(.*);", entry)[1].split(";")
        self.assertTrue(all(re.match("(audio|video)/", m) for m in media) and len(media) > 8)
        self.assertIn(f'type="{kind}"', mime)
        self.assertIn(f"<mediatype>{kind}</mediatype>", meta)
        self.assertIn(f"Icon={desktop.ID}\n", entry)
        self.assertIn(f'<release version="{__version__}"', meta)

    def test_the_icon_is_drawn(self):
        """At menu sizes something of the fan is seen: ink, paper, and the accent of the first count."""
        from PyQt6.QtGui import QIcon

        application()
        for size in (16, 32, 128):
            image = QIcon(str(desktop.ICON)).pixmap(size, size).toImage()
            colours = {image.pixelColor(x, y).name() for x in range(size) for y in range(size)}
            self.assertGreater(len(colours), 8)
            reds = [c for c in map(image.pixelColor, *zip(*[(x, y) for x in range(size) for y in range(size)], strict=True))
                    if c.red() > 180 and c.green() < 110 and c.alpha() > 200]  # fmt: skip
            self.assertTrue(reds, size)


class InstallTest(FolderCase):
    def test_in_and_out(self):
        share = self.folder / "a share"
        status, out, err = vamos("desktop", "--share", share)
        self.assertEqual(status, 0, err)
        written = [Path(line) for line in out.splitlines()]
        self.assertEqual(len(written), 4)
        self.assertTrue(all(p.is_file() and p.is_relative_to(share) for p in written))
        self.assertEqual(vamos("desktop", "--share", share)[0], 0)
        self.assertIn("is out of the menu", vamos("desktop", "--share", share, "--remove")[1])
        self.assertFalse(any(p.exists() for p in written))
        self.assertIn("was not in the menu", vamos("desktop", "--share", share, "--remove")[1])

    def test_a_command_with_a_space_is_quoted(self):
        desktop.install(self.folder, Path("/opt/my programs/vamos"))
        entry = (self.folder / "applications" / f"{desktop.ID}.desktop").read_text()
        self.assertIn('Exec="/opt/my programs/vamos" open %F\n', entry)

    def test_a_folder_nobody_can_write_to_is_told(self):
        (self.folder / "file").write_text("")
        status, _, err = vamos("desktop", "--share", self.folder / "file")
        self.assertEqual(status, 2)
        self.assertIn(str(self.folder / "file"), err)
