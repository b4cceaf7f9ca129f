"""CPU from the start of the process until the window is painted first, with an empty page and with the demo.

``python -m bench.start [--times 5]`` starts ``vamos open`` that often each way, offscreen, in a home of its own; the
figures are seconds of user and system CPU, the middle of all. Beside them: importing NumPy and Qt alone, in the same
run, which no window of this kind can do without; machines differ, so compare with that.
"""

from __future__ import annotations

import argparse
import os
import shutil
import statistics
import subprocess
import sys
import tempfile
from pathlib import Path

_PAINTED = """
import os, resource, sys
from PyQt6 import QtCore, QtWidgets

class First(QtCore.QObject):
    def eventFilter(self, of, event):
        if event.type() == QtCore.QEvent.Type.Paint and type(of).__name__ == "PageView" or type(of).__name__ == "StartPage":
            if event.type() == QtCore.QEvent.Type.Paint:
                used = resource.getrusage(resource.RUSAGE_SELF)
                print(used.ru_utime + used.ru_stime, flush=True)
                os._exit(0)
        return False

def started(*_):
    first = First()
    QtWidgets.QApplication.instance().installEventFilter(first)
    return run_events()

run_events = QtWidgets.QApplication.exec
QtWidgets.QApplication.exec = started
from vamos.cli.main import run
run(["open", *sys.argv[1:]])
"""
_LEAST = """
import resource
import numpy
from PyQt6 import QtWidgets
QtWidgets.QApplication([])
used = resource.getrusage(resource.RUSAGE_SELF)
print(used.ru_utime + used.ru_stime)
"""


def cpu_s(code: str, arguments: list[str], home: Path) -> float:
    named = {f"XDG_{n}_HOME": str(home / n.lower()) for n in ("DATA", "CACHE", "CONFIG")}
    # As for a user: byte code is kept from one start to the next.
    env = {**os.environ, "QT_QPA_PLATFORM": "offscreen", "PYTHONDONTWRITEBYTECODE": "", **named}
    done = subprocess.run([sys.executable, "-c", code, *arguments], env=env, capture_output=True, text=True, check=True)
    return float(done.stdout.split()[-1])


def main() -> None:
    parser = argparse.ArgumentParser(description=(__doc__ or "").split("\n")[0])
    parser.add_argument("--times", type=int, default=5)
    times = parser.parse_args().times
    with tempfile.TemporaryDirectory() as folder:
        home = Path(folder)
        from vamos.demo import build

        demo = home / "demo"
        shutil.copytree(Path(build.__file__).parent / "media", demo)
        project = str(next(demo.glob("*.vamos")))
        rows = {"NumPy and Qt": (_LEAST, []), "empty page": (_PAINTED, []), "the demo": (_PAINTED, [project])}
        found: dict[str, list[float]] = {name: [] for name in rows}
        for number in range(times + 1):
            for name, (code, arguments) in rows.items():
                used = cpu_s(code, arguments, home / name)
                # The first start compiles and fills the caches.
                found[name] += [used] if number else []
    least = statistics.median(found["NumPy and Qt"])
    for name, values in found.items():
        middle = statistics.median(values)
        print(f"{name:13s} {middle:.2f} s ({min(values):.2f} to {max(values):.2f}), {middle / least:.1f} ×")


if __name__ == "__main__":
    main()
