"""What the window's own thread spends on an edit, an arrow key and a tick of the clock.

``python -m bench.window`` builds a project of five minutes: 72 lines, 12 takes, 36 passes. Figures are CPU time of
the GUI thread with everything that follows on it (panel, page, route), 95 of 100 are no larger. A machine differs
from another: compare them with the first row, a fixed amount of work in plain Python.
"""

from __future__ import annotations

import os
import tempfile
import time
from collections.abc import Callable
from fractions import Fraction as F

import numpy as np

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
for _name in ("XDG_DATA_HOME", "XDG_CACHE_HOME", "XDG_CONFIG_HOME"):
    os.environ[_name] = tempfile.mkdtemp(prefix="vamos-bench-")

from PyQt6.QtCore import QEvent  # noqa: E402
from PyQt6.QtWidgets import QApplication  # noqa: E402

from vamos.core.edit import clips, dance, output, song, takes  # noqa: E402
from vamos.core.model.clip import Choice  # noqa: E402
from vamos.core.model.dance import Dance, Event, Foot, Item, ItemKind, Kind, Section  # noqa: E402
from vamos.core.model.look import Lane  # noqa: E402
from vamos.core.model.project import Project  # noqa: E402
from vamos.core.model.song import Anchor, Grid, MediaRef, Song  # noqa: E402
from vamos.core.model.take import Pass, PassKind, Stretch, Take, View  # noqa: E402
from vamos.core.time import TimeMap, TimeRange  # noqa: E402
from vamos.ui.parts import theme  # noqa: E402
from vamos.ui.stops import STOPS  # noqa: E402
from vamos.ui.window import Window  # noqa: E402

VIEWS = (View.FRONT, View.BACK, View.FEET, View.FRONT, View.BACK, View.LEFT)


def five_minutes() -> Project:
    """72 lines of walls, 12 takes of 3 passes each."""
    feet = (Foot.RIGHT, Foot.LEFT)
    walk = tuple(Event(F(k), name="walk", foot=feet[k % 2], kind=Kind.STEP) for k in range(8))
    sections = tuple(Section(f"Section {k + 1}", 8, walk) for k in range(8))
    sheet = Dance("a dance", sections, (Item(ItemKind.WALL),) * 9)
    grid = Grid(tuple(Anchor(F(k - 16), 0.5 + k * 0.5) for k in range(600)), 16)
    found = []
    for k in range(12):
        passes = tuple(Pass(PassKind.SONG, TimeRange(a, a + 95), TimeMap.line(a, a), 0.9) for a in (0.0, 100.0, 200.0))
        media = MediaRef(f"{k}.mp4", 1, 300.0, f"{k:032x}")
        found.append(Take(f"take {k}", media, (Stretch(view=VIEWS[k % 6]),), passes, True))
    return Project("five minutes", Song(MediaRef("s.wav", 1, 300.0, "f" * 32), "song", grid), sheet, tuple(found))


def cost(work: Callable[[int], object], times: int) -> tuple[float, float]:
    """Median and 95th percentile, in ms of this thread."""
    spent = []
    for k in range(times):
        before = time.thread_time()
        work(k)
        spent.append(1000 * (time.thread_time() - before))
    return float(np.median(spent)), float(np.percentile(spent, 95))


def row(name: str, work: Callable[[int], object], times: int = 60) -> None:
    median, high = cost(work, times)
    print(f"{name:30} {median:6.1f} {high:6.1f}")


def edits(window: Window) -> dict[str, tuple[str, Callable[[int], object]]]:
    """Name of an edit → the stop it is made at, and what makes it, there and back."""
    do = window.session.do

    def flip(k: int) -> object:
        clip = window.session.facts.clips[0]
        return do("flip", lambda p: clips.choose(p, Choice(clip.key, flip=bool(k % 2))))

    return {
        "the 1 a count later": ("Song", lambda k: do("1", lambda p: song.move_the_one(p, 1 if k % 2 else -1))),
        "write a count": (
            "Dance",
            lambda k: do("count", lambda p: dance.write_count(p, "Section 3", 2, "side R" if k % 2 else "walk R")),
        ),
        "a cue word": ("Dance", lambda k: do("cue", lambda p: dance.set_event(p, "Section 3", F(2), cue=f"{k}"))),
        "mark a take": (
            "Film",
            lambda k: do("mark", lambda p: takes.mark_from(p, "take 3", 20.0, trouble="x" if k % 2 else "")),
        ),
        "flip a clip": ("Cut", flip),
        "a lane over the picture": ("Cut", lambda k: do("lane", lambda p: output.toggle_lane(p, Lane.FEET))),
        "a speed": ("Pack", lambda k: do("speed", lambda p: output.with_speed(p, F(1, 4), bool(k % 2)))),
    }


def main() -> None:
    app = QApplication(["bench"])
    theme.load_fonts()
    theme.apply(app, theme.DAY)
    window = Window()
    window.show()
    app.processEvents()
    window.session.do("load", lambda _p: five_minutes())
    app.processEvents()
    print(f"plain Python, 200,000 additions of fractions of 8: {cost(lambda _k: _plain(), 5)[0]:.1f} ms")
    print("\nwhat                          median   95 %")
    for name, (stop, work) in edits(window).items():
        window.go_to_stop(stop)
        window.page.go_to(12)
        app.processEvents()

        def edit(k: int, work: Callable[[int], object] = work) -> None:
            work(k)
            app.processEvents()

        row(f"edit: {name}", edit)
    for stop in STOPS:
        window.go_to_stop(stop.name)
        app.processEvents()

        def arrow(k: int) -> None:
            window.page.go_to(20 + k % 5, F(k % 8))
            app.processEvents()

        if not stop.wide:
            row(f"arrow key at {stop.name}", arrow)

            def rest(k: int) -> None:
                window.fill_panel()
                app.processEvents()

            def arrow_and_rest(k: int) -> None:
                arrow(k)
                rest(k)

            row("  and its panel, at rest", arrow_and_rest)
    for stop in ("Song", "Cut"):
        window.go_to_stop(stop)
        window.page.go_to(20)
        app.processEvents()
        tick = cost(lambda k: window.preview._tick(90.0 + k * 0.016), 200)
        print(f"tick at {stop:22} {tick[0]:6.2f} {tick[1]:6.2f}")
    app.sendPostedEvents(None, QEvent.Type.DeferredDelete.value)
    _switches(window, app)
    window.close()


def _switches(window: Window, app: QApplication) -> None:
    """From stop to stop, with the first time by itself, and the other light."""

    def settled() -> None:
        app.processEvents()
        while window._refill.isActive():
            app.processEvents()
            time.sleep(0.002)
        app.processEvents()
        # Outside of the application's own loop nothing that was taken away goes by itself.
        app.sendPostedEvents(None, QEvent.Type.DeferredDelete.value)

    for stop in STOPS:
        others = [s.name for s in STOPS if s.name != stop.name]
        took = []
        for k in range(12):
            window.go_to_stop(others[k % len(others)])
            settled()
            began = time.thread_time()
            window.go_to_stop(stop.name)
            settled()
            took.append((time.thread_time() - began) * 1000)
        print(f"to {stop.name:27} {np.median(took):6.1f} {np.percentile(took, 95):6.1f}")

    def light(_k: int) -> None:
        window.toggle_theme()
        settled()

    window.go_to_stop("Film")
    settled()
    row("evening light at Film", light, 6)


def _plain() -> F:
    total = F(0)
    for k in range(20_000):
        total += F(k % 8, 8)
    return total


if __name__ == "__main__":
    main()
