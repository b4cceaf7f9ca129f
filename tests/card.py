"""A sound card that is none: a sound server of our own with nothing but a null sink, and what it played."""

from __future__ import annotations

import os
import shutil
import subprocess
import threading
import time
from pathlib import Path

import numpy as np

RATE = 48000
INSTALLED = bool(shutil.which("pulseaudio") and shutil.which("parec"))


class Card:
    """The server, and ``environment``: what a program needs to find it."""

    def __init__(self, folder: str | Path):
        folder = str(folder)
        self.environment = {"XDG_RUNTIME_DIR": folder, "PULSE_RUNTIME_PATH": folder, "HOME": folder}
        loads = ("module-native-protocol-unix", f"module-null-sink sink_name=nowhere rate={RATE}")
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
        for _ in range(100):
            time.sleep(0.1)
            if (Path(folder) / "native").exists():
                break
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
        for _ in range(100):
            if self.parts:
                break
            time.sleep(0.1)

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
