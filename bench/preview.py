"""What watching a clip costs: pictures a second in the mirror, and how long the window keeps one waiting meanwhile.

    .venv/bin/python -m bench.preview [PROJECT]

Plays a clip of the demo (or of PROJECT) looped for ten seconds in each kind of version, at 640 pixels.
A picture counts when the mirror gets it. Latency is how late a timer of 5 ms fires in the window's
thread; beside it stands the same timer in an idle window in the same run.
"""

from __future__ import annotations

import os
import sys
import time
from pathlib import Path

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

import numpy as np

SECONDS = 10.0
TICK_MS = 5


def late_ms(app, seconds: float) -> np.ndarray:  # type: ignore[no-untyped-def]
    """How late each tick of a timer came, in milliseconds."""
    from PyQt6.QtCore import Qt, QTimer

    times: list[float] = []
    timer = QTimer()
    timer.setTimerType(Qt.TimerType.PreciseTimer)
    timer.setInterval(TICK_MS)
    timer.timeout.connect(lambda: times.append(time.perf_counter()))
    timer.start()
    end = time.perf_counter() + seconds
    while time.perf_counter() < end:
        app.processEvents()
        time.sleep(0.0005)
    timer.stop()
    return np.maximum(0.0, np.diff(times) * 1000 - TICK_MS)


def measure(app, window, kind, idle: np.ndarray) -> None:  # type: ignore[no-untyped-def]
    from vamos.ui.preview.clip_preview import kind_words

    watching = window.preview
    watching.watched.kind = kind
    watching.looping = True
    shown: list[float] = []
    watching.pictures.ready.connect(lambda _image: shown.append(time.perf_counter()))
    watching.toggle()
    late_ms(app, 2.0)
    shown.clear()
    late = late_ms(app, SECONDS)
    watching.toggle()
    rate = len(shown) / SECONDS
    print(
        f"{kind_words(kind):28s} {rate:5.1f} pictures a second; timer late: median {np.median(late):.2f} ms, "
        f"95 % {np.percentile(late, 95):.2f} ms (idle {np.percentile(idle, 95):.2f})"
    )


def main() -> None:
    from PyQt6.QtWidgets import QApplication

    from vamos.demo.build import default_folder, make_demo
    from vamos.ui.parts import theme
    from vamos.ui.preview.clip_preview import kinds_of
    from vamos.ui.window import Window

    app = QApplication(["bench"])
    theme.load_fonts()
    theme.apply(app, theme.DAY)
    path = Path(sys.argv[1]) if len(sys.argv) > 1 else make_demo(default_folder())
    window = Window()
    window.show()
    window.session.open(path)
    window.go_to_stop("Cut")
    window.page.go_to(next(k for k, x in enumerate(window.session.lines) if x.wall == 1))
    # Thumbnails and peaks are made once; they are not what is measured.
    late_ms(app, 8.0)
    idle = late_ms(app, 3.0)
    clip = window.desk.clip()
    for kind in kinds_of(window.session.facts.clips, clip):
        measure(app, window, kind, idle)
    window.close()


if __name__ == "__main__":
    main()
