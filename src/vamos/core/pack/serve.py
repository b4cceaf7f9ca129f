"""A pack on the local network, for phones in the room: only its files, only to be read, only under a secret address."""

from __future__ import annotations

import mimetypes
import re
import secrets
import socket
from collections.abc import Iterable
from http import HTTPStatus
from http.server import BaseHTTPRequestHandler, ThreadingHTTPServer
from pathlib import Path
from threading import Thread
from urllib.parse import unquote, urlsplit

import segno

from vamos.core.pack.manifest import named_files, read_manifest
from vamos.core.pack.students_page import PAGE
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)

_PIECE = 256 * 1024
#: Seconds a phone may be silent before its connection is closed.
_SILENT_S = 30
_RANGE = re.compile(r"bytes=(\d*)-(\d*)$")


class Served:
    """A pack that is served until ``close``; a context manager.

    Parameters
    ----------
    folder : Path
        a pack.
    port : int
        0 takes a free one.
    host : str
        the address of this machine that is listened on; empty for all of the local network.

    Raises
    ------
    MissingError, ProjectError
        when it is no pack.
    InputError
        when it has no page, or the port cannot be had.
    """

    def __init__(self, folder: Path, port: int = 0, host: str = ""):
        files = named_files(read_manifest(folder))
        if PAGE not in files:
            raise InputError(tr("this pack has no page for students; make it again."))
        self.secret = secrets.token_urlsafe(6)
        shown = {f"/{self.secret}/{name}": folder / name for name in files}
        shown |= {f"/{self.secret}/": folder / PAGE}
        handler = type("Handler", (_Handler,), {"shown": shown, "allowed": folder.resolve()})
        try:
            self._server = ThreadingHTTPServer((host, port), handler)
        except OSError as error:
            raise InputError(
                tr("port {port} cannot be used ({error}); choose another one.", port=port, error=error.strerror)
            ) from None
        self._server.daemon_threads = True
        self.address = f"http://{host or local_address()}:{self._server.server_port}/{self.secret}/"
        self._thread = Thread(target=self._server.serve_forever, name="vamos-serve", daemon=True)
        self._thread.start()

    def close(self) -> None:
        """Nothing can be read any more."""
        self._server.shutdown()
        self._server.server_close()
        self._thread.join(5)

    def __enter__(self) -> Served:
        return self

    def __exit__(self, *_: object) -> None:
        self.close()

    def code(self) -> list[list[bool]]:
        """The address as a QR code (ISO/IEC 18004), rows of dark squares, its quiet edge included."""
        return code_of(self.address)


def code_of(words: str) -> list[list[bool]]:
    """Words as a QR code, rows of dark squares, its quiet edge of four squares included."""
    made = segno.make(words, error="m", micro=False)
    return [[bool(square) for square in row] for row in made.matrix_iter(border=4)]


def who_sees_it(address: str) -> str:
    """In words: who can open it, and how long."""
    return tr(
        "Anyone in the same network who has this address can watch this pack and nothing else: "
        "{address}. It ends when you stop it or close Vamos.",
        address=address,
    )


def local_address() -> str:
    """The address other machines of the local network know this one by; no packet is sent to find it."""
    with socket.socket(socket.AF_INET, socket.SOCK_DGRAM) as probe:
        try:
            # An address that is kept for documentation (RFC 5737): only the way to it is looked up.
            probe.connect(("192.0.2.1", 9))
            return str(probe.getsockname()[0])
        except OSError:
            return "127.0.0.1"


class _Handler(BaseHTTPRequestHandler):
    """Answers GET and HEAD for the files of one pack; everything else is not found."""

    shown: dict[str, Path] = {}
    allowed = Path()
    timeout = _SILENT_S
    server_version = "Vamos"
    sys_version = ""
    protocol_version = "HTTP/1.1"

    def do_GET(self) -> None:
        self._answer(True)

    def do_HEAD(self) -> None:
        self._answer(False)

    def _answer(self, body: bool) -> None:
        path = self.shown.get(unquote(urlsplit(self.path).path))
        if path is None or path.is_symlink() or not path.resolve().is_relative_to(self.allowed):
            return self._nothing(HTTPStatus.NOT_FOUND)
        try:
            file = path.open("rb")
        except OSError:
            return self._nothing(HTTPStatus.NOT_FOUND)
        with file:
            size = path.stat().st_size
            part = _asked(self.headers.get("Range"), size)
            if part is None:
                self.send_response(HTTPStatus.REQUESTED_RANGE_NOT_SATISFIABLE)
                self.send_header("Content-Range", f"bytes */{size}")
                self.send_header("Content-Length", "0")
                self.end_headers()
                return None
            start, end = part
            whole = (start, end) == (0, size)
            self.send_response(HTTPStatus.OK if whole else HTTPStatus.PARTIAL_CONTENT)
            self.send_header("Content-Type", mimetypes.guess_type(path.name)[0] or "application/octet-stream")
            self.send_header("Content-Length", str(end - start))
            self.send_header("Accept-Ranges", "bytes")
            self.send_header("X-Content-Type-Options", "nosniff")
            self.send_header("Cache-Control", "no-store")
            if not whole:
                self.send_header("Content-Range", f"bytes {start}-{end - 1}/{size}")
            self.end_headers()
            if body:
                file.seek(start)
                self._send(iter(lambda: file.read(min(_PIECE, end - file.tell())), b""))
        return None

    def _send(self, pieces: Iterable[bytes]) -> None:
        try:
            for piece in pieces:
                self.wfile.write(piece)
        except (BrokenPipeError, ConnectionResetError, TimeoutError):
            # A phone that seeks in a film lets the rest of an answer go.
            self.close_connection = True

    def _nothing(self, status: HTTPStatus) -> None:
        self.send_response(status)
        self.send_header("Content-Length", "0")
        self.end_headers()

    def log_message(self, *_: object) -> None:
        """Who watches what is nobody's business."""


def _asked(said: str | None, size: int) -> tuple[int, int] | None:
    """The bytes that are asked for (RFC 9110, 14.2), start and end; None when there are none such."""
    match = _RANGE.match(said.strip()) if said else None
    if match is None or match.groups() == ("", ""):
        return 0, size
    first, last = match.groups()
    if not first:
        return (max(0, size - int(last)), size) if int(last) else None
    start, end = int(first), min(size, int(last) + 1 if last else size)
    return (start, end) if start < end else None
