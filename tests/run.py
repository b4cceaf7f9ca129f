"""Runs all tests in a few processes and prints ``N passed, N failed`` last.

``tests/run.py NAME …`` runs only modules whose path contains one of the names.
"""

from __future__ import annotations

import os
import resource
import subprocess
import sys
import tempfile
import time
import unittest
from concurrent.futures import ThreadPoolExecutor
from pathlib import Path

HERE = Path(__file__).resolve().parent
ROOT = HERE.parent
#: Two more than the cores there are: some wait for a browser, a sound card, a window.
WORKERS = (os.cpu_count() or 2) + 2
#: The other modules of the core share so many processes.
GROUPS = 8
#: Those of the window that are not slow share so many: what is loaded for the first one serves the others.
WINDOWS = 3
#: What is heard and seen as it plays needs the machine when it needs it: everything else stands back.
LIVE = ("test_page_heard", "test_sound_card")
#: Modules known to take longest start first; the first one makes the demo, those after it do without for a while.
SLOW = (
    "test_cli",
    "test_make_foreign",
    "test_verify",
    "test_spliced",
    "test_reuse",
    "test_compose",
    "test_students_page",
    "test_monkey",
    "test_film_stop",
    "test_assistive",
    "test_lesson_stop",
    "test_sizes",
    "test_pack_stop",
    "test_demo_pack",
    "test_window",
    "test_cut_stop",
    "test_contrast",
)


def modules(names: list[str]) -> list[str]:
    found = [p.relative_to(ROOT).with_suffix("") for p in sorted(HERE.rglob("test_*.py"))]
    dotted = [".".join(p.parts) for p in found]
    wanted = [m for m in dotted if not names or any(n in m for n in names)]
    place = {name: k for k, name in enumerate(SLOW)}
    return sorted(wanted, key=lambda m: place.get(m.rsplit(".", 1)[-1], len(SLOW)))


def together(found: list[str]) -> list[tuple[str, ...]]:
    """Modules that share a process: those of the core in small groups, as importing takes longer than most of them."""
    live = [(m,) for m in found if m.endswith(LIVE)]
    found = [m for m in found if not m.endswith(LIVE)]
    alone = [m for m in found if m.endswith(SLOW) or not m.startswith("tests.core.")]
    windows = [m for m in alone if m.startswith("tests.ui.") and not m.endswith(SLOW)]
    alone = [m for m in alone if m not in windows]
    small = [m for m in found if m not in alone and m not in windows]
    groups = [tuple(windows[k::WINDOWS]) for k in range(WINDOWS)] + [tuple(small[k::GROUPS]) for k in range(GROUPS)]
    first = [(m,) for m in alone if m.endswith(SLOW)]
    return [*first[:1], *live, *first[1:], *(g for g in groups if g), *((m,) for m in alone if not m.endswith(SLOW))]


def run_module(names: tuple[str, ...]) -> tuple[str, int, int, int, str, float, int]:
    """Run modules in a process of their own; their counts, what they printed, seconds by the clock and of CPU."""
    began = time.monotonic()
    done = subprocess.run(
        [
            *([] if names[0].endswith(LIVE) else ["nice"]),
            sys.executable,
            "-W",
            "error",
            "-W",
            "ignore::DeprecationWarning",
            "-m",
            "tests.run",
            "--module",
            *names,
        ],
        cwd=ROOT,
        capture_output=True,
        text=True,
        env=os.environ | {"QT_QPA_PLATFORM": "offscreen"},
        check=False,
    )
    last = done.stdout.strip().splitlines()[-1:] or [""]
    try:
        passed, failed, skipped, cpu = (int(x) for x in last[0].split())
    except ValueError:
        passed, failed, skipped, cpu = 0, 1, 0, 0
    if done.returncode not in (0, 1):
        failed = max(failed, 1)
    name = names[0] if len(names) == 1 else f"{len(names)} modules, {names[0]} …"
    return name, passed, failed, skipped, done.stderr, time.monotonic() - began, cpu


def cpu_s() -> float:
    """Seconds of CPU of this process and of those it waited for."""
    used = [resource.getrusage(who) for who in (resource.RUSAGE_SELF, resource.RUSAGE_CHILDREN)]
    return sum(u.ru_utime + u.ru_stime for u in used)


class Timed(unittest.TextTestResult):
    """Adds what each test cost, in seconds of CPU, to the file named by VAMOS_TEST_TIMES."""

    def startTest(self, test: unittest.TestCase) -> None:
        self._before = cpu_s()
        super().startTest(test)

    def stopTest(self, test: unittest.TestCase) -> None:
        super().stopTest(test)
        if to := os.environ.get("VAMOS_TEST_TIMES"):
            with open(to, "a", encoding="utf-8") as file:
                file.write(f"{cpu_s() - self._before:.2f} {test.id()}\n")


def run_here(names: list[str]) -> int:
    suite = unittest.defaultTestLoader.loadTestsFromNames(names)
    result = unittest.TextTestRunner(stream=sys.stderr, verbosity=0, resultclass=Timed).run(suite)
    bad = len(result.failures) + len(result.errors) + len(result.unexpectedSuccesses)
    skipped = len(result.skipped)
    print(result.testsRun - bad - skipped, bad, skipped, round(cpu_s()))
    return 1 if bad else 0


def main(arguments: list[str]) -> int:
    if arguments[:1] == ["--module"]:
        return run_here(arguments[1:])
    passed = failed = skipped = 0
    with tempfile.TemporaryDirectory(prefix="vamos-demo-") as folder:
        os.environ["VAMOS_TEST_DEMO"] = str(Path(folder) / "demo")
        os.environ["VAMOS_TEST_CACHE"] = str(Path(folder) / "cache")
        passed, failed, skipped = run_all(arguments)
    if not passed and not failed:
        failed = 1
    print(f"{passed} passed, {failed} failed" + (f", {skipped} skipped" if skipped else ""))
    return 1 if failed else 0


def run_all(names: list[str]) -> tuple[int, int, int]:
    passed = failed = skipped = 0
    with ThreadPoolExecutor(WORKERS) as pool:
        for name, good, bad, left, words, seconds, cpu in pool.map(run_module, together(modules(names))):
            passed, failed, skipped = passed + good, failed + bad, skipped + left
            print(
                f"{name}: {good} passed, {bad} failed{f', {left} skipped' if left else ''} ({seconds:.0f} s, {cpu} s of CPU)",
                flush=True,
            )
            if bad:
                print(words, flush=True)
    return passed, failed, skipped


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
