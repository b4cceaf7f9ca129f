"""Debian's Firefox, headless, driven over a socket by its own protocol (Marionette)."""

from __future__ import annotations

import base64
import json
import os
import shutil
import socket
import subprocess
import tempfile
import time
from pathlib import Path
from typing import Any

FIREFOX = shutil.which("firefox-esr") or shutil.which("firefox")

_PREFERENCES = {
    "media.autoplay.default": 0,
    "media.autoplay.blocking_policy": 0,
    "browser.shell.checkDefaultBrowser": False,
    "datareporting.policy.dataSubmissionEnabled": False,
    "app.update.auto": False,
    "browser.safebrowsing.malware.enabled": False,
    "network.captive-portal-service.enabled": False,
    "network.connectivity-service.enabled": False,
    "extensions.update.enabled": False,
    "toolkit.telemetry.enabled": False,
    "privacy.reduceTimerPrecision": False,
}
#: Keys by the names WebDriver gives them.
_KEYS = {"ArrowRight": "\ue014", "ArrowLeft": "\ue012", "Tab": "\ue004"}


#: Longer than any step of a test takes on a busy machine (seconds).
PATIENCE = 75


class Hung(Exception):
    """The browser does not answer: now and then headless Firefox waits for its sound card for ever."""


class Firefox:
    """One page of Firefox, as :class:`tests.core.pack.browser.Browser` is one of Chromium."""

    def __init__(self, width: int = 1280, height: int = 800, environment: dict[str, str] | None = None):
        self._home = tempfile.TemporaryDirectory(prefix="vamos-firefox-", ignore_cleanup_errors=True)
        with socket.socket() as free:
            free.bind(("127.0.0.1", 0))
            port = free.getsockname()[1]
        rows = {**_PREFERENCES, "marionette.port": port}
        text = "".join(f"user_pref({json.dumps(k)}, {json.dumps(v)});\n" for k, v in rows.items())
        (Path(self._home.name) / "user.js").write_text(text)
        self._process = subprocess.Popen(
            [FIREFOX or "firefox-esr", "--headless", "--no-remote", "--profile", self._home.name, "--marionette"],
            stdout=subprocess.DEVNULL,
            stderr=subprocess.DEVNULL,
            env=os.environ
            | {"HOME": self._home.name, "MOZ_HEADLESS_WIDTH": str(width), "MOZ_HEADLESS_HEIGHT": str(height + 85)}
            | (environment or {}),
        )
        self._socket, self._buffer, self._number = _connected(port), b"", 0
        self.errors: list[str] = []
        try:
            self._answer()
            self.call("WebDriver:NewSession", capabilities={"alwaysMatch": {"acceptInsecureCerts": False}})
            self.call("WebDriver:SetTimeouts", script=2000 * PATIENCE, pageLoad=2000 * PATIENCE)
        except Hung:
            self.__exit__()
            raise

    def __enter__(self) -> Firefox:
        return self

    def __exit__(self, *_: object) -> None:
        self._socket.close()
        self._process.terminate()
        try:
            self._process.wait(10)
        except subprocess.TimeoutExpired:
            self._process.kill()
            self._process.wait()
        self._home.cleanup()

    def call(self, command: str, **parameters: Any) -> Any:
        """One command of the protocol and what it gives."""
        self._number += 1
        body = json.dumps([0, self._number, command, parameters]).encode()
        self._socket.sendall(f"{len(body)}:".encode() + body)
        _, number, error, result = self._answer()
        if number != self._number or error:
            raise RuntimeError(f"{command}: {error}")
        return result.get("value") if isinstance(result, dict) and set(result) == {"value"} else result

    def _answer(self) -> Any:
        while b":" not in self._buffer:
            self._buffer += self._more()
        head, self._buffer = self._buffer.split(b":", 1)
        while len(self._buffer) < int(head):
            self._buffer += self._more()
        body, self._buffer = self._buffer[: int(head)], self._buffer[int(head) :]
        return json.loads(body)

    def _more(self) -> bytes:
        try:
            piece = self._socket.recv(1 << 16)
        except TimeoutError as error:
            raise Hung(f"no answer for {PATIENCE} s") from error
        if not piece:
            raise RuntimeError("the browser went away")
        return piece

    def open(self, path: Path) -> None:
        self.call("WebDriver:Navigate", url=path.resolve().as_uri())
        self.call("WebDriver:ExecuteScript", script="window.faults = []; window.addEventListener('error', (e) => window.faults.push(e.message)); window.addEventListener('unhandledrejection', (e) => window.faults.push(String(e.reason)));", args=[], sandbox=None)  # fmt: skip

    def run(self, script: str) -> Any:
        """The value of an expression in the page; what a promise comes to."""
        # Names of the page's own script (const, let) are no properties of its window: only its own eval sees them.
        text = (
            "const done = arguments[arguments.length - 1], s = document.createElement('script');"
            "window.vamosDone = done;"
            f"s.textContent = '(async () => {{ try {{ window.vamosDone([await (' + {json.dumps(script)} + '), null]); }}"
            " catch (e) { window.vamosDone([null, String(e)]); } })()';"
            "document.head.append(s); s.remove();"
        )
        value, fault = self.call("WebDriver:ExecuteAsyncScript", script=text, args=[], sandbox=None)
        if fault:
            raise RuntimeError(fault)
        return value

    def until(self, script: str, seconds: float = 60.0) -> None:
        """Wait until an expression is true."""
        end = time.monotonic() + seconds
        while not self.run(f"Boolean({script})"):
            if time.monotonic() > end:
                raise AssertionError(f"did not come true: {script}")
            time.sleep(0.05)

    def key(self, key: str) -> None:
        """Press a key as a hand does."""
        code = _KEYS.get(key, key)
        actions = [{"type": "keyDown", "value": code}, {"type": "keyUp", "value": code}]
        self.call("WebDriver:PerformActions", actions=[{"type": "key", "id": "keys", "actions": actions}])

    def picture(self, path: Path) -> None:
        path.write_bytes(base64.b64decode(self.call("WebDriver:TakeScreenshot", full=False)))


def _connected(port: int) -> socket.socket:
    end = time.monotonic() + 60
    while True:
        try:
            return socket.create_connection(("127.0.0.1", port), timeout=PATIENCE)
        except OSError:
            if time.monotonic() > end:
                raise
            time.sleep(0.1)
