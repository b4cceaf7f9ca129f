"""A sound card that is none: a sound server of our own with nothing but a null sink, and what it played."""

from __future__ import annotations

import os
import shutil
import subprocess
import threading
import time
from collections.abc import Callable
from pathlib import Path
from typing import Any

import numpy as np

RATE = 48000
INSTALLED = bool(shutil.which("pulseaudio") and shutil.which("parec"))


def _until(true: Callable[[], Any], otherwise: str, seconds: float = 40.0) -> None:
    end = time.monotonic() + seconds
    while not true():
        if time.monotonic() > end:
            raise RuntimeError(otherwise)
        time.sleep(0.1)


class Card:
    """The server, and ``environment``: what a program needs to find it."""

    def __init__(self, folder: str | Path):
        folder = str(folder)
        self.environment = {"XDG_RUNTIME_DIR": folder, "PULSE_RUNTIME_PATH": folder, "HOME": folder}
        loads = ("module-native-protocol-unix", f"module-null-sink sink_name=nowhere rate={RATE}")
        # On a busy machine the kernel would end a server that runs in real time for long.
        (Path(folder) / "daemon.conf").write_text("rlimit-rttime = -1\n")
        self.environment["PULSE_CONFIG"] = f"{folder}/daemon.conf"
        command = [
            "pulseaudio",
            "-n",
            "--daemonize=no",
            "--exit-idle-time=-1",
            "--use-pid-file=no",
            "--log-level=error",
        ]
        self._process = subprocess.Popen(
            [*command, *(x for load in loads for x in ("-L", load))],
            stdin=subprocess.DEVNULL,
            env=os.environ | self.environment,
        )
        _until((Path(folder) / "native").exists, "the sound server does not start")
        self.environment["PULSE_SERVER"] = f"unix:{folder}/native"

    def stop(self) -> None:
        self._process.kill()
        self._process.wait()


class Recorder:
    """Everything the card plays from now on, mono, with the moments it arrived."""

    def __init__(self, card: Card) -> None:
        options = ["--format=s16le", f"--rate={RATE}", "--channels=1", "--latency-msec=10"]
        self._process = subprocess.Popen(
            ["parec", "-d", "nowhere.monitor", *options], stdout=subprocess.PIPE, env=os.environ | card.environment
        )
        self.parts: list[tuple[float, bytes]] = []
        threading.Thread(target=self._read, daemon=True).start()
        _until(lambda: self.parts, "nothing comes from the sound server")

    def _read(self) -> None:
        assert self._process.stdout is not None
        while data := os.read(self._process.stdout.fileno(), 65536):
            self.parts.append((time.perf_counter(), data))

    def stop(self) -> None:
        self._process.kill()
        self._process.wait()

    def samples(self) -> np.ndarray:
        """All of it as int16."""
        return np.frombuffer(b"".join(data for _, data in list(self.parts)), np.int16)
