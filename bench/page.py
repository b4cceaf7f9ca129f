"""What a frame of the page costs: scrolling and the moving playhead, GUI-thread CPU.

    QT_QPA_PLATFORM=offscreen .venv/bin/python -m bench.page

A ten-minute song at 120 a minute, 150 lines with waveform. Prints the middle and the 95th
percentile of CPU milliseconds a frame at 1280 × 800 and 2560 × 1440, beside the cost of a plain
QTextEdit of as many lines scrolled the same way in the same run.
"""

from __future__ import annotations

import os
import time
from collections.abc import Callable
from fractions import Fraction

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

import numpy as np

from vamos.core.media.peaks import PER_SECOND, Peaks
from vamos.core.model.project import Project
from vamos.core.model.song import Anchor, Grid, MediaRef, Song

COUNTS = 1200


def ten_minutes() -> Project:
    grid = Grid(tuple(Anchor(Fraction(k - 16), 0.5 + k * 0.5) for k in range(COUNTS)), 16)
    return Project("ten minutes", Song(MediaRef("none.wav", 1, 600.0, "none"), "ten minutes", grid))


def cpu_ms(frames: int, step: Callable[[int], None], app) -> np.ndarray:  # type: ignore[no-untyped-def]
    out = []
    for k in range(frames):
        start = time.thread_time()
        step(k)
        app.processEvents()
        out.append((time.thread_time() - start) * 1000)
    return np.array(out)


def row(name: str, values: np.ndarray, peer: np.ndarray) -> None:
    middle, high = np.median(values), np.percentile(values, 95)
    print(f"{name:34s} median {middle:6.2f} ms, 95 % {high:6.2f} ms, against the peer × {middle / np.median(peer):.2f}")


def measure(app, width: int, height: int) -> None:  # type: ignore[no-untyped-def]
    from PyQt6.QtWidgets import QTextEdit

    from vamos.ui.window import Window

    window = Window()
    window.resize(width, height)
    window.show()
    window.session.do("ten minutes", lambda _p: ten_minutes())
    rng = np.random.default_rng(0)
    window.content.peaks = Peaks(rng.uniform(0, 1, (int(600 * PER_SECOND), 3)).astype(np.float32))
    window.page.invalidate()
    app.processEvents()
    bar = window.page.verticalScrollBar()
    peer = QTextEdit("\n".join("1 2 3 4 5 6 7 8 " * 6 for _ in range(COUNTS)))
    peer.resize(width, height)
    peer.show()
    app.processEvents()
    other = cpu_ms(200, lambda k: peer.verticalScrollBar().setValue(k * 24), app)
    scroll = cpu_ms(200, lambda k: bar.setValue(k * 24), app)
    head = cpu_ms(400, lambda k: window.page.set_playhead(k / 30), app)
    print(f"--- {width} × {height}")
    row("scrolling by a wheel step", scroll, other)
    row("moving playhead", head, other)
    peer.close()
    window.close()


def main() -> None:
    from PyQt6.QtWidgets import QApplication

    from vamos.ui.parts import theme

    app = QApplication([])
    theme.load_fonts()
    theme.apply(app, theme.DAY)
    for size in ((1280, 800), (2560, 1440)):
        measure(app, *size)


if __name__ == "__main__":
    main()
