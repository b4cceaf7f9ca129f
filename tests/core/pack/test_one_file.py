"""A pack as one HTML file: it plays alone in a folder, without a network, and tells when it was damaged."""

import base64
import re
import shutil
import tempfile
import unittest
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path

import av
import numpy as np

from tests.cli.test_cli import vamos
from tests.core.pack.browser import CHROMIUM, Browser
from tests.core.pack.test_students_page import small_project
from tests.support import FolderCase, write_song
from vamos.core.model.dance import Dance, Item, ItemKind, Section
from vamos.core.pack.manifest import read_manifest
from vamos.core.pack.one_file import bytes_of, one_file, section_names, verify_one_file
from vamos.core.pack.write import write_pack
from vamos.errors import InputError, MissingError


class OneFileTest(FolderCase):
    """Two sections at two speeds, with a run-through."""

    @classmethod
    def setUpClass(cls) -> None:
        made = tempfile.TemporaryDirectory()
        cls.addClassCleanup(made.cleanup)
        folder = Path(made.name)
        project = small_project(folder)
        dance = Dance("Harbour", (Section("A </script> & b", 8), Section("Back", 8)), (Item(ItemKind.WALL),))
        output = replace(project.output, speeds=(F(1), F(1, 2)), language="de")
        write_song(folder / "s.wav", 120, 12)
        write_pack(replace(project, dance=dance, output=output), folder, folder / "pack")
        cls.pack = folder / "pack"

    def written(self, *sections: str) -> Path:
        path = self.folder / "alone" / "harbour.html"
        path.parent.mkdir(exist_ok=True)
        one_file(self.pack, path, sections)
        return path

    @unittest.skipUnless(CHROMIUM, "chromium is not installed; ./check installs it on Debian")
    def test_it_plays_alone_with_sound_and_picture(self):
        """No file beside it, nothing asked of anybody; film and sound run, and the count is that of the film."""
        path = self.written()
        self.assertEqual([p.name for p in path.parent.iterdir()], ["harbour.html"])
        page = Browser(1280, 800)
        self.addCleanup(page.__exit__)
        page.open(path)
        page.until("picture.live.el.readyState >= 2 && !picture.live.el.seeking")
        self.assertTrue(page.run("picture.live.el.src").startswith("blob:"))
        page.key(" ")
        page.until("player.playing && now_s() > film().from + 1.2 && !picture.live.el.paused")
        self.assertGreater(
            page.run("readSound(film().sound).then((c) => c[0].reduce((a, x) => Math.max(a, x), 0))"), 0.05
        )
        page.key(" ")
        page.key("n")
        page.until("!picture.live.el.seeking && picture.live.el.readyState >= 2 && at('count').textContent === '1'")
        self.assertEqual(page.run("document.documentElement.lang"), "de")
        outside = [r for r in page.requests if not r.startswith((path.as_uri(), "data:", "blob:"))]
        self.assertEqual((page.errors, outside), ([], []))

    def test_pictures_are_those_of_the_pack_without_their_sound(self):
        """Packet for packet; the time of each frame as well."""
        text = self.written().read_text()
        held = dict(re.findall(r'data-held="([^"]*)">([^<]*)<', text))
        films = [name for name in held if name.endswith(".mp4")]
        # One film a view and section, and the run-through: the page makes other speeds itself.
        self.assertEqual(len(films), sum(c.speed == 1 for c in read_manifest(self.pack).clips))
        for name in films:
            alone = self.folder / "f.mp4"
            alone.write_bytes(base64.b64decode(held[name]))
            with self.subTest(name), av.open(str(alone)) as mine, av.open(str(self.pack / name)) as theirs:
                self.assertEqual((len(mine.streams.audio), len(theirs.streams.audio)), (0, 1))
                pairs = zip(mine.decode(video=0), theirs.decode(video=0), strict=True)
                for a, b in pairs:
                    self.assertAlmostEqual(a.time, b.time, places=6)
                    np.testing.assert_array_equal(a.to_ndarray(), b.to_ndarray())

    def test_one_section_is_smaller_and_has_only_what_is_its_own(self):
        whole = bytes_of(self.pack)
        self.assertEqual(section_names(self.pack), ("A </script> & b", "Back"))
        path = self.written("Back")
        self.assertLess(path.stat().st_size, whole)
        self.assertAlmostEqual(path.stat().st_size / bytes_of(self.pack, ["Back"]), 1, delta=0.25)
        text = path.read_text()
        self.assertNotIn("A \\u003c/script", text)
        self.assertEqual([f for f in verify_one_file(path) if not f.good], [])

    def test_what_is_no_pack_or_no_section_is_refused_and_nothing_is_written(self):
        path = self.folder / "x.html"
        with self.assertRaisesRegex(InputError, "no section “Front”; it has “A </script> & b”, “Back”"):
            one_file(self.pack, path, ["Front"])
        with self.assertRaises(MissingError):
            one_file(self.folder / "none", path)
        broken = Path(shutil.copytree(self.pack, self.folder / "broken"))
        next((broken / "sound").iterdir()).unlink()
        with self.assertRaisesRegex(MissingError, "belongs to the pack and is gone"):
            one_file(broken, path)
        self.assertFalse(path.exists())

    def test_damage_is_noticed(self):
        path = self.written("Back")
        text = path.read_text()
        self.assertEqual([f for f in verify_one_file(path) if not f.good], [])
        at = text.index('data-held="') + 3000
        changed = text[:at] + ("A" if text[at] != "A" else "B") + text[at + 1 :]
        gone = re.sub(r'<script type="text/plain" data-held="clips[^<]*</script>', "", text, count=1)
        longer = re.sub(r'"length": ([\d.]+)', lambda m: f'"length": {float(m.group(1)) + 1}', text, count=1)
        for damaged, what in ((changed, "checksum"), (gone, "file"), (longer, "frames")):
            path.write_text(damaged)
            with self.subTest(what):
                self.assertIn(what, [f.what for f in verify_one_file(path) if not f.good])

    def test_from_the_command_line(self):
        path = self.folder / "one.html"
        status, out, err = vamos("page", self.pack, "--to", path, "--section", "Back")
        self.assertEqual((status, err), (0, ""))
        self.assertRegex(out, r"one\.html: \d\.\d MB, opens in any browser")
        status, out, _ = vamos("--quiet", "verify", path)
        self.assertEqual(status, 0)
        self.assertIn(", 0 do not hold", out)
        self.assertEqual(vamos("page", self.pack, "--to", self.pack / "manifest.json", "--section", "None")[0], 2)


if __name__ == "__main__":
    unittest.main()
