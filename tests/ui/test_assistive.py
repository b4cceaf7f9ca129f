"""The real window on a screen of its own, read by AT-SPI as a screen reader does, used by keys alone: to a written pack."""

import json
import os
import shutil
import subprocess
import sys
import time
import unittest
from dataclasses import replace
from fractions import Fraction
from pathlib import Path

from tests.support import FolderCase, demo_copy
from vamos.core.document.files import load, save
from vamos.core.edit.clips import choose
from vamos.core.model.clip import Choice, RunThrough
from vamos.core.pack.verify import verify_pack
from vamos.core.plan.clips import plan_clips

#: pyatspi is the system's.
PYTHON = "/usr/bin/python3"
LAUNCHER = Path("/usr/libexec/at-spi-bus-launcher")
NEEDED = ("Xvfb", "dbus-run-session", "xdotool")
ROOT = Path(__file__).parents[2]
#: As atspi_walk says it.
NO_BUS = 77


def is_there() -> bool:
    if not all(map(shutil.which, NEEDED)) or not LAUNCHER.exists() or not Path(PYTHON).exists():
        return False
    found = subprocess.run([PYTHON, "-c", "import pyatspi"], capture_output=True, check=False, stdin=subprocess.DEVNULL)
    return found.returncode == 0


@unittest.skipUnless(is_there(), "pyatspi, xdotool, Xvfb or a message bus is not installed here")
class AssistiveTest(FolderCase):
    def screen(self) -> str:
        """A screen of its own; what it says is read to the end of the line, and it has to answer."""
        read, write = os.pipe()
        server = subprocess.Popen(
            ["Xvfb", "-displayfd", str(write), "-screen", "0", "1280x900x24", "-nolisten", "tcp"],
            pass_fds=(write,),
            stdin=subprocess.DEVNULL,
            stdout=subprocess.DEVNULL,
            stderr=subprocess.DEVNULL,
        )
        self.addCleanup(server.wait)
        self.addCleanup(server.kill)
        os.close(write)
        with open(read, encoding="ascii") as said:
            display = f":{said.readline().strip()}"
        asked = ["xdotool", "getdisplaygeometry"]
        for _ in range(50):
            found = subprocess.run(asked, env=os.environ | {"DISPLAY": display}, capture_output=True, check=False)
            if found.returncode == 0:
                return display
            time.sleep(0.2)
        raise unittest.SkipTest(f"the screen {display} does not answer")

    def walked(self, project: Path, tries: int = 2) -> dict:
        """What the walk met; a screen, a bus and a runtime folder of its own, so that nothing else answers."""
        out, log, runtime = self.folder / "walk.json", self.folder / "log", self.folder / "run"
        runtime.mkdir(mode=0o700, exist_ok=True)
        display = self.screen()
        script = (
            f'{LAUNCHER} --launch-immediately & sleep 1; "$1" -m vamos.cli open "$2" & app=$!; '
            f'{PYTHON} tests/ui/atspi_walk.py "$3" "$4"; status=$?; kill $app; exit $status'
        )
        environment = os.environ | {
            "DISPLAY": display,
            "QT_QPA_PLATFORM": "xcb",
            "QT_LINUX_ACCESSIBILITY_ALWAYS_ON": "1",
            "XDG_RUNTIME_DIR": str(runtime),
            "XDG_CONFIG_HOME": str(self.folder / "config"),
        }
        handed = (sys.executable, project, out, self.folder / "packs")
        with log.open("w") as words:
            done = subprocess.run(
                ["dbus-run-session", "--", "bash", "-c", script, "walk", *map(str, handed)],
                env=environment,
                cwd=ROOT,
                stdin=subprocess.DEVNULL,
                stdout=words,
                stderr=words,
                timeout=300,
                check=False,
            )
        if done.returncode == NO_BUS:
            raise unittest.SkipTest("nothing is heard on the bus of assistive technology here")
        if done.returncode and tries > 1:
            # A busy machine may lose a key; what cannot be done fails again.
            shutil.rmtree(self.folder / "packs")
            (self.folder / "packs").mkdir()
            return self.walked(project, tries - 1)
        self.assertEqual(done.returncode, 0, log.read_text()[-2000:])
        return json.loads(out.read_text())

    def test_all_six_stops_by_keys_and_a_pack(self):
        project = demo_copy(self.folder)
        found = load(project)
        # Only so that the pack takes less time.
        small = {"longest_side": 160, "speeds": (Fraction(1),), "run_through": RunThrough(wanted=False)}
        for clip in plan_clips(found)[2:]:
            found = choose(found, Choice(clip.key, left_out=True))
        save(replace(found, output=replace(found.output, **small)), project)
        (self.folder / "packs").mkdir()
        met = self.walked(project)
        self.assertEqual({stop: of["unnamed"] for stop, of in met["stops"].items() if of["unnamed"]}, {})
        for stop, reached in met["tabbed"].items():
            with self.subTest(stop):
                self.assertGreater(len(reached), 5)
                self.assertEqual([r for r in reached if r.endswith(": ")], [])
        role, rows, columns, line = met["table"]
        self.assertEqual((role, columns), ("table", 9))
        self.assertGreater(rows, 10)
        self.assertRegex(line, r"^line 5, Lantern step, wall 1")
        self.assertRegex(met["page"], r"^Line \d+, .*, count \d")
        (pack,) = [p.parent for p in (self.folder / "packs").glob("*/manifest.json")]
        self.assertEqual([f for f in verify_pack(pack) if not f.good], [])
        self.assertIn(str(pack), met["said"])


if __name__ == "__main__":
    unittest.main()
