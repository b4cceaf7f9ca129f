"""Packages that are loaded late are loaded whole, whoever asks first."""

import subprocess
import sys
import unittest

THREADS = """
import sys
from threading import Barrier, Thread
sys.setswitchinterval(1e-5)
from vamos.core.lazy import scipy
assert "scipy" not in sys.modules
bad, together = [], Barrier(4)
def use(name):
    together.wait()
    try:
        getattr(scipy, name).__name__
    except Exception as error:
        bad.append(repr(error))
threads = [Thread(target=use, args=(name,)) for name in ("fft", "signal", "ndimage", "stats")]
for thread in threads: thread.start()
for thread in threads: thread.join()
if bad:
    sys.exit("; ".join(bad))
"""


class LazyTest(unittest.TestCase):
    def test_threads_that_ask_at_once(self):
        """Its modules import each other in circles; without a lock two of three tries end in half a module."""
        for _ in range(3):
            done = subprocess.run([sys.executable, "-c", THREADS], capture_output=True, text=True, check=False)
            self.assertEqual(done.returncode, 0, done.stderr[-600:])


if __name__ == "__main__":
    unittest.main()
