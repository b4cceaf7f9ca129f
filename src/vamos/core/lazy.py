"""SciPy, loaded when something of it is used for the first time: it takes longer than opening the window."""

from __future__ import annotations

from importlib import import_module
from threading import RLock
from typing import TYPE_CHECKING, Any

__all__ = ["scipy"]

if TYPE_CHECKING:
    import scipy.fft
    import scipy.ndimage
    import scipy.signal
else:

    class _Package:
        """Looks like a package whose modules are there; a module is imported when it is named.

        By one thread at a time: its modules import each other in circles, and where two threads meet in one, Python
        hands out a module that is half there.
        """

        def __init__(self, name: str):
            self._name, self._lock = name, RLock()

        def __getattr__(self, module: str) -> Any:
            with self._lock:
                found = import_module(f"{self._name}.{module}")
                self.__dict__[module] = found
            return found

    scipy = _Package("scipy")
