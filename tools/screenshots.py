"""Takes the pictures in docs/screenshots from the demo, offscreen, at 1280 × 800.

.venv/bin/python tools/screenshots.py [stop …]
"""

from __future__ import annotations

import os
import shutil
import subprocess
import sys
import tempfile
import time
from dataclasses import replace
from fractions import Fraction
from pathlib import Path
from typing import TYPE_CHECKING

if TYPE_CHECKING:
    from collections.abc import Callable

    from vamos.core.model.project import Project
    from vamos.ui.window import Window

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

#: A sheet as somebody else would send it.
SHEET = """Lantern Parade
Count: 32   Wall: 4   Level: Beginner

Section 1: Lantern vine
1-3 Grapevine right
4 Touch left beside right
5-7 Grapevine left with a 1/4 turn left (9:00)
8 Brush right

S2: Gate steps
1&2 Shuffle forward right
3-4 Rock forward left, recover
5&6 Left coaster
7-8 Paper swirl 1/4 R
Restart here on wall 3

S3: Fans
1-4 R rocking chair
5-8 Jazz box R, with a touch
S4: Home
1-2 Side R, together
3-4 side R, touch
5-8 same to the left
"""
OUT = Path(__file__).resolve().parent.parent / "docs" / "screenshots"


def practise(project: Path) -> None:
    """The students' page of a pack of the demo, in chromium."""
    sys.path.insert(0, str(OUT.parent.parent))
    from tests.core.pack.browser import Browser

    from vamos.core.document.files import load
    from vamos.core.pack.students_page import PAGE
    from vamos.core.pack.write import write_pack

    with tempfile.TemporaryDirectory() as folder, Browser(1280, 800) as page:
        found = load(project)
        output = replace(found.output, longest_side=640, speeds=(Fraction(1), Fraction(1, 2)))
        write_pack(replace(found, output=output), project.parent, Path(folder) / "pack")
        page.open(Path(folder) / "pack" / PAGE)
        page.until("picture.live.el.readyState >= 2")
        page.key("3")
        page.until("!picture.live.el.seeking")
        page.picture(OUT / "practise.png")


def written(window: Window, live: Callable[[float], None]) -> None:
    """A pack of some clips of the demo, one of them played."""
    from vamos.core.edit.clips import choose
    from vamos.core.model.clip import Choice

    clips = window.session.facts.clips

    def few(found: Project) -> Project:
        for clip in clips[4:]:
            found = choose(found, Choice(clip.key, left_out=True))
        output = replace(found.output, longest_side=960, speeds=(Fraction(1), Fraction(1, 2)))
        return replace(found, output=output)

    window.session.do("few", few)
    with tempfile.TemporaryDirectory() as folder:
        commands = window.rooms["Pack"].commands
        commands.write_pack_to(Path(folder) / "paper fan parade pack")
        while commands.written is None:
            live(0.5)
        commands.play_file(commands.written.rows[0].file)
        live(3.0)
        window.grab().save(str(OUT / "pack.png"))
    window.session.undo()


#: Pictures in other languages and larger: name, stop, scale, size of the window, language. 960 × 540 at 200 % is a
#: screen of 1920 × 1080.
LARGER = (
    ("german-125", "Lesson", "1.25", (1024, 640), "de"),
    ("german-200", "Cut", "2", (960, 540), "de"),
    ("spanish-lesson", "Lesson", "1", (1280, 800), "es"),
    ("spanish-cut", "Cut", "1", (1280, 800), "es"),
)


def larger(name: str) -> None:
    """One of the larger pictures, in a process of its own, as scale and language hold for a whole run."""
    _, stop, scale, size, spoken = next(x for x in LARGER if x[0] == name)
    env = os.environ | {"QT_SCALE_FACTOR": scale, "VAMOS_LANGUAGE": spoken}
    code = (
        "import sys, runpy; sys.argv = ['shot']\n"
        f"tool = runpy.run_path({str(Path(__file__))!r})\n"
        f"tool['one']({name!r}, {stop!r}, {size!r})\n"
    )
    subprocess.run([sys.executable, "-c", code], env=env, check=True)


def one(name: str, stop: str, size: tuple[int, int]) -> None:
    """A picture of one stop."""
    window, live, _ = opened()
    window.resize(*size)
    window.go_to_stop(stop)
    window.page.go_to(4, Fraction(3))
    live(3.0)
    window.grab().save(str(OUT / f"{name}.png"))


def opened() -> tuple[Window, Callable[[float], None], object]:
    """A window with a copy of the demo, how to let it live, and what must be kept meanwhile."""
    from PyQt6.QtWidgets import QApplication

    from vamos.demo.build import default_folder, make_demo
    from vamos.ui.frame.guide import WORDS
    from vamos.ui.frame.language_choice import translate_qt
    from vamos.ui.parts import theme
    from vamos.ui.window import Window
    from vamos.ui.work.settings import closed_words

    # A copy: what is left out for a picture must not stay left out.
    demo = make_demo(default_folder())
    copied = tempfile.TemporaryDirectory()
    project = Path(shutil.copytree(demo.parent, Path(copied.name) / "demo")) / demo.name
    app = QApplication([])
    translate_qt()
    theme.load_fonts()
    theme.apply(app, theme.DAY)
    for stop in WORDS:
        closed_words(stop).set(True)
    window = Window()
    window.show()

    def live(seconds: float) -> None:
        end = time.monotonic() + seconds
        while time.monotonic() < end:
            app.processEvents()
            time.sleep(0.01)

    window.session.open(project)
    live(1.0)
    while len(window.media.thumbs._images) < len(window.session.project.takes):
        live(0.2)
    return window, live, (app, copied)


def main(wanted: list[str]) -> None:
    for name, *_ in LARGER:
        if not wanted or name in wanted:
            larger(name)
    if wanted and set(wanted) <= {name for name, *_ in LARGER}:
        return
    window, live, kept = opened()
    from vamos.ui.stops import STOPS
    from vamos.ui.work.settings import RECENT

    project = window.session.path
    assert project is not None
    if not wanted or "practise" in wanted:
        practise(project)

    def take(name: str) -> None:
        if not wanted or name in wanted:
            window.grab().save(str(OUT / f"{name}.png"))

    for stop in (s.name for s in STOPS):
        window.go_to_stop(stop)
        window.page.go_to(4, Fraction(3))
        live(1.2)
        if stop == "Pack" and (not wanted or "pack" in wanted):
            written(window, live)
        else:
            take(stop.lower())
        if stop == "Film":
            window.rooms[stop].commands.show_slate("slow counted", 8.8)
            live(3.0)
            take("slate")
            window.desk.show_page()
        if stop == "Cut":
            window.rooms[stop].commands.compare()
            live(1.5)
            take("compare")
            window.desk.show_page()
        if stop == "Dance":
            window.rooms[stop].commands.wall_map()
            live(0.4)
            take("wall-map")
            commands = window.rooms[stop].commands
            window.desk.show_view(commands.pasted)
            commands.pasted.open_with(SHEET)
            live(0.4)
            take("paste")
            window.desk.show_page()
    window.toggle_theme()
    window.go_to_stop("Cut")
    live(1.0)
    take("evening")
    window.toggle_theme()
    window._keep_picture(str(project))
    window.session.new()
    window.go_to_stop("Song")
    RECENT.set([str(project)])
    window.start.show_recent()
    live(0.5)
    take("start")
    window.close()
    del kept


if __name__ == "__main__":
    main(sys.argv[1:])
