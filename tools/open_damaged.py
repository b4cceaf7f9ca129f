"""The window over damaged side files, as often as wished: it always opens, with the project whole.

.venv/bin/python tools/open_damaged.py [COUNT] [SEED]

Settings, profiles, and what is kept of songs, takes and pictures are made by a window of the demo, then cut,
filled, overwritten or put into folders, links and pipes; a window of its own process opens the demo over them, goes to
every stop and closes. Exit status 1 when one did not open, lost a take, or met a fault.
"""

from __future__ import annotations

import os
import random
import shutil
import subprocess
import sys
import tempfile
from pathlib import Path

sys.path.insert(0, str(Path(__file__).parent))

from fuzz import damaged

from vamos.demo.build import default_folder, make_demo

#: Opens a project, goes to every stop, closes; says how many takes it saw.
OPENS = """
import sys, time, traceback
met = []
sys.excepthook = lambda *what: met.append("".join(traceback.format_exception(*what)))
from pathlib import Path
from PyQt6.QtWidgets import QApplication
from vamos.ui.parts import theme
from vamos.ui.stops import STOPS
from vamos.ui.window import Window
app = QApplication([])
theme.load_fonts(); theme.apply(app, theme.DAY)
window = Window(); window.show()
def live(seconds):
    end = time.monotonic() + seconds
    while time.monotonic() < end:
        app.processEvents(); time.sleep(0.01)
window.session.open(Path(sys.argv[1])); live(0.5)
for stop in STOPS:
    window.go_to_stop(stop.name); live(float(sys.argv[2]))
if sys.argv[3:]:
    # So that everything there is beside a project is there.
    from vamos.core.model.project import Output
    from vamos.core.plan.own_profiles import keep_profile
    keep_profile("mine", Output()); window.toggle_theme(); window.toggle_theme(); live(1.0)
takes = len(window.session.project.takes)
window.close(); live(0.1)
print("takes", takes); print("\\n".join(met))
"""


def opened(project: Path, home: Path, *making: str) -> str:
    """What the window said at its end; nothing but its number of takes when all is well."""
    env = os.environ | {f"XDG_{name.upper()}_HOME": str(home / name) for name in ("cache", "config", "data", "state")}
    env |= {"QT_QPA_PLATFORM": "offscreen", "HOME": str(home)}
    command = [sys.executable, "-c", OPENS, str(project), "2" if making else "0.15", *making]
    try:
        done = subprocess.run(command, env=env, capture_output=True, text=True, timeout=120)
    except subprocess.TimeoutExpired:
        return "hung for two minutes"
    return done.stdout.strip() or f"ended with {done.returncode}: {done.stderr[-600:]}"


def spoil(path: Path, rng: random.Random) -> str:
    """Damage one file where it lies; what was done."""
    what = rng.choice(("bytes", "bytes", "bytes", "empty", "folder", "link", "pipe", "not readable", "huge line"))
    if what == "bytes":
        path.write_bytes(damaged(path.read_bytes(), rng))
    elif what == "empty":
        path.write_bytes(b"")
    elif what == "huge line":
        path.write_bytes(b"[" * 2_000_000)
    elif what == "not readable":
        path.chmod(0)
    else:
        path.unlink()
        if what == "folder":
            path.mkdir()
        elif what == "link":
            path.symlink_to("/etc/passwd")
        else:
            os.mkfifo(path)
    return what


def main() -> int:
    count = int(sys.argv[1]) if len(sys.argv) > 1 else 100
    rng = random.Random(int(sys.argv[2]) if len(sys.argv) > 2 else 1)
    folder = Path(tempfile.mkdtemp(prefix="vamos-opens-"))
    demo = make_demo(default_folder())
    shutil.copytree(demo.parent, folder / "demo")
    project = folder / "demo" / demo.name
    good = folder / "good"
    good.mkdir()
    fine = opened(project, good, "make all there is")
    beside = {p.name: p.read_bytes() for p in project.parent.iterdir() if p.is_file() and p.name.startswith(".")}
    wrong: list[str] = []
    kinds: set[str] = set()
    for number in range(count):
        home = folder / f"home {number}"
        shutil.copytree(good, home)
        for name, held in beside.items():
            (project.parent / name).write_bytes(held)
        side = sorted(p for p in (*home.rglob("*"), *(project.parent / n for n in beside)) if p.is_file())
        kinds |= {str(p.relative_to(p.parents[1])) for p in side}
        done = [f"{p.name}: {spoil(p, rng)}" for p in rng.sample(side, min(len(side), rng.randint(1, 4)))]
        said = opened(project, home)
        if said != fine:
            wrong.append(f"{number} ({'; '.join(done)}): {said}")
        shutil.rmtree(home)
        for name in beside:
            left = project.parent / name
            shutil.rmtree(left) if left.is_dir() and not left.is_symlink() else left.unlink(missing_ok=True)
    print(f"{count} windows over damaged side files ({len(kinds)} of them), {len(wrong)} did not open well ({fine})")
    print("\n".join(wrong))
    shutil.rmtree(folder)
    return 1 if wrong else 0


if __name__ == "__main__":
    sys.exit(main())
