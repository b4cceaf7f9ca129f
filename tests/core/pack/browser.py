"""Debian's chromium, headless, driven over a pipe by its own debugging protocol."""

from __future__ import annotations

import json
import os
import shutil
import subprocess
import tempfile
import time
from pathlib import Path
from typing import Any

CHROMIUM = shutil.which("chromium") or shutil.which("chromium-browser")


class Browser:
    """One page of a browser; use as a context manager."""

    def __init__(self, width: int, height: int, dark: bool = False, environment: dict[str, str] | None = None):
        self._home = tempfile.TemporaryDirectory(prefix="vamos-browser-", ignore_cleanup_errors=True)
        command_r, self._write = os.pipe()
        self._read, answer_w = os.pipe()
        # The protocol is spoken on file descriptors 3 and 4 of the browser.
        script = f'exec "$@" 3<&{command_r} 4>&{answer_w}'
        options = [
            CHROMIUM or "chromium", "--headless=new", "--no-sandbox", "--disable-gpu",
            "--autoplay-policy=no-user-gesture-required", "--remote-debugging-pipe", "--disable-dev-shm-usage",
            "--allow-file-access-from-files=false", f"--user-data-dir={self._home.name}", "about:blank",
        ]  # fmt: skip
        # Without a card of its own it is not heard.
        options += [] if environment else ["--mute-audio"]
        self._process = subprocess.Popen(
            ["bash", "-c", script, "bash", *options],
            pass_fds=(command_r, answer_w),
            stderr=subprocess.DEVNULL,
            stdout=subprocess.DEVNULL,
            env=os.environ | (environment or {}),
        )
        os.close(command_r)
        os.close(answer_w)
        self._number, self._buffer, self._session = 0, b"", ""
        #: Whatever the page asked of a network, and what its script complained of.
        self.requests: list[str] = []
        self.errors: list[str] = []
        target = next(t for t in self.call("Target.getTargets")["targetInfos"] if t["type"] == "page")["targetId"]
        self._session = self.call("Target.attachToTarget", targetId=target, flatten=True)["sessionId"]
        for domain in ("Page", "Runtime", "Network"):
            self.call(f"{domain}.enable")
        self.call(
            "Emulation.setDeviceMetricsOverride", width=width, height=height, deviceScaleFactor=1, mobile=width < 500
        )
        scheme = [{"name": "prefers-color-scheme", "value": "dark" if dark else "light"}]
        self.call("Emulation.setEmulatedMedia", features=scheme)

    def __enter__(self) -> Browser:
        return self

    def __exit__(self, *_: object) -> None:
        self._process.terminate()
        try:
            self._process.wait(10)
        except subprocess.TimeoutExpired:
            self._process.kill()
            self._process.wait()
        os.close(self._write)
        os.close(self._read)
        self._home.cleanup()

    def call(self, method: str, **parameters: Any) -> dict[str, Any]:
        """One command of the protocol and its answer."""
        self._number += 1
        message: dict[str, Any] = {"id": self._number, "method": method, "params": parameters}
        if self._session:
            message["sessionId"] = self._session
        os.write(self._write, json.dumps(message).encode() + b"\0")
        while True:
            answer = self._next()
            if answer.get("id") == self._number:
                if "error" in answer:
                    raise RuntimeError(f"{method}: {answer['error']}")
                return dict(answer["result"])
            self._noticed(answer)

    def _next(self) -> dict[str, Any]:
        while b"\0" not in self._buffer:
            piece = os.read(self._read, 1 << 16)
            if not piece:
                raise RuntimeError("the browser went away")
            self._buffer += piece
        first, self._buffer = self._buffer.split(b"\0", 1)
        return dict(json.loads(first))

    def _noticed(self, event: dict[str, Any]) -> None:
        if event.get("method") == "Network.requestWillBeSent":
            self.requests.append(event["params"]["request"]["url"])
        if event.get("method") == "Runtime.exceptionThrown":
            self.errors.append(str(event["params"]["exceptionDetails"]))

    def open(self, path: Path) -> None:
        self.call("Page.navigate", url=path.resolve().as_uri())
        self.until("document.readyState === 'complete'")

    def run(self, script: str) -> Any:
        """The value of an expression in the page; what a promise comes to."""
        answer = self.call(
            "Runtime.evaluate", expression=script, returnByValue=True, awaitPromise=True, userGesture=True
        )
        if "exceptionDetails" in answer:
            raise RuntimeError(str(answer["exceptionDetails"]))
        return answer["result"].get("value")

    def until(self, script: str, seconds: float = 30.0) -> None:
        """Wait until an expression is true."""
        end = time.monotonic() + seconds
        while not self.run(f"Boolean({script})"):
            if time.monotonic() > end:
                raise AssertionError(f"did not come true: {script}")
            time.sleep(0.05)

    def key(self, key: str) -> None:
        """Press a key as a hand does."""
        code = {" ": "Space", "ArrowRight": "ArrowRight", "ArrowLeft": "ArrowLeft", "Tab": "Tab"}.get(key, "")
        text = {"text": key} if len(key) == 1 else {}
        number = {"Tab": 9, "ArrowRight": 39, "ArrowLeft": 37, " ": 32}.get(key, ord(key[0].upper()))
        for kind in ("keyDown", "keyUp"):
            more = text if kind == "keyDown" else {}
            self.call("Input.dispatchKeyEvent", type=kind, key=key, code=code, windowsVirtualKeyCode=number, **more)

    def picture(self, path: Path) -> None:
        import base64

        shot = self.call("Page.captureScreenshot", format="png")
        path.write_bytes(base64.b64decode(shot["data"]))
