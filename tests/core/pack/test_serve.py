"""A pack on the local network: its files and nothing else, ranges as RFC 9110 (14.2) says, and a code that can be read."""

import http.client
import os
import shutil
import socket
import subprocess
import sys
import unittest
from urllib.parse import quote, urlsplit

import numpy as np

from tests.core.pack.browser import CHROMIUM, Browser
from tests.core.pack.test_verify import small_pack
from tests.support import FolderCase
from vamos.core.pack.manifest import read_manifest
from vamos.core.pack.serve import Served, code_of, who_sees_it
from vamos.core.pack.students_page import PAGE
from vamos.errors import InputError, MissingError


class ServeTest(FolderCase):
    def setUp(self) -> None:
        super().setUp()
        self.out = self.folder / "pack"
        shutil.copytree(small_pack(), self.out)
        self.served = Served(self.out, host="127.0.0.1")
        self.addCleanup(self.served.close)
        self.place = urlsplit(self.served.address)

    def ask(self, path: str, method: str = "GET", **headers: str) -> tuple[int, bytes, dict[str, str]]:
        line = http.client.HTTPConnection(self.place.hostname or "", self.place.port or 0, timeout=10)
        self.addCleanup(line.close)
        line.request(method, path, headers={k.replace("_", "-"): v for k, v in headers.items()})
        answer = line.getresponse()
        return answer.status, answer.read(), dict(answer.getheaders())

    def test_page_films_and_sounds_are_as_on_disk(self):
        manifest = read_manifest(self.out)
        for name in (PAGE, manifest.clips[0].file, "sound/01.js", "manifest.json"):
            status, body, _ = self.ask(self.place.path + quote(name))
            with self.subTest(name):
                self.assertEqual((status, body), (200, (self.out / name).read_bytes()))
        self.assertEqual(self.ask(self.place.path)[1], (self.out / PAGE).read_bytes())

    def test_parts_of_a_film(self):
        """The examples of RFC 9110, 14.1.2: first and last bytes, from one on, past the end."""
        name = read_manifest(self.out).clips[0].file
        data, path = (self.out / name).read_bytes(), self.place.path + quote(name)
        for said, start, end in (
            ("0-499", 0, 500),
            ("500-999", 500, 1000),
            ("-500", len(data) - 500, len(data)),
            ("9500-", 9500, len(data)),
            ("0-99999999", 0, len(data)),
        ):
            status, body, headers = self.ask(path, Range=f"bytes={said}")
            with self.subTest(said):
                self.assertEqual(body, data[start:end])
                self.assertEqual(status, 206 if (start, end) != (0, len(data)) else 200)
                if status == 206:
                    self.assertEqual(headers["Content-Range"], f"bytes {start}-{end - 1}/{len(data)}")
        self.assertEqual(self.ask(path, Range=f"bytes={len(data)}-")[0], 416)
        status, body, headers = self.ask(path, "HEAD")
        self.assertEqual((status, body, headers["Content-Length"]), (200, b"", str(len(data))))

    def test_nothing_else_can_be_read_listed_or_written(self):
        (self.folder / "secret.txt").write_text("secret")
        (self.out / "own notes.txt").write_text("secret")
        clip = self.out / read_manifest(self.out).clips[0].file
        clip.unlink()
        os.symlink(self.folder / "secret.txt", clip)
        base = self.place.path
        for path in (
            "/",
            "/clips/",
            base + "clips/",
            base + "own%20notes.txt",
            base + "../secret.txt",
            base + "..%2fsecret.txt",
            f"/{PAGE}",
            base + quote(clip.relative_to(self.out).as_posix()),
            base + "%00",
        ):
            with self.subTest(path):
                status, body, _ = self.ask(path)
                self.assertEqual((status, body), (404, b""))
        for method in ("POST", "PUT", "DELETE"):
            self.assertGreaterEqual(self.ask(base + PAGE, method)[0], 400)

    def test_closed_is_closed(self):
        self.served.close()
        with self.assertRaises(OSError):
            socket.create_connection((self.place.hostname, self.place.port), timeout=2).close()

    def test_what_is_no_pack_and_a_port_in_use(self):
        with self.assertRaises(MissingError):
            Served(self.folder / "none")
        with self.assertRaisesRegex(InputError, "cannot be used"):
            Served(self.out, port=self.place.port or 0, host="127.0.0.1")

    def test_it_is_said_who_sees_it(self):
        self.assertIn(self.served.address, who_sees_it(self.served.address))

    @unittest.skipUnless(CHROMIUM, "chromium is not installed; ./check installs it on Debian")
    def test_another_browser_plays_it(self):
        page = Browser(360, 740)
        self.addCleanup(page.__exit__)
        page.call("Page.navigate", url=self.served.address)
        page.until("typeof picture !== 'undefined' && picture.live.el.readyState >= 2")
        page.key(" ")
        page.until("player.playing && now_s() > film().from + 0.5 && !picture.live.el.paused")
        self.assertEqual(page.errors, [])

    def test_the_command_ends_by_itself(self):
        ran = subprocess.run(
            [sys.executable, "-m", "vamos.cli", "serve", self.out, "--host", "127.0.0.1", "--minutes", "0.01"],
            capture_output=True,
            text=True,
            timeout=60,
            check=False,
        )
        self.assertEqual(ran.returncode, 0, ran.stderr)
        self.assertTrue(ran.stdout.startswith("http://127.0.0.1:"))
        self.assertIn("Nobody can reach it", ran.stderr)


class CodeTest(unittest.TestCase):
    def test_the_marks_of_a_qr_code(self):
        """ISO/IEC 18004: three finder patterns 7 squares wide, in the corners inside a quiet edge of four."""
        code = np.array(code_of("http://192.168.1.20:40123/abcdefgh/"))
        finder = np.ones((7, 7), bool)
        finder[1:6, 1:6] = False
        finder[2:5, 2:5] = True
        inner = code[4:-4, 4:-4]
        for corner in (inner[:7, :7], inner[:7, -7:], inner[-7:, :7]):
            np.testing.assert_array_equal(corner, finder)
        self.assertFalse(code[:4].any() or code[:, :4].any() or code[-4:].any() or code[:, -4:].any())
        self.assertEqual((len(inner) - 17) % 4, 0)
