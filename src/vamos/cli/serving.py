"""``vamos serve`` and ``vamos page``: a pack on the local network, or as one file, for students' phones."""

from __future__ import annotations

import argparse
import time

from vamos.cli.progress import Terminal
from vamos.wording import words_of

tr = words_of(__name__)

#: Looks so often whether it is asked to stop, in seconds.
_LOOKS_S = 0.2


def serve(arguments: argparse.Namespace, terminal: Terminal) -> int:
    from vamos.core.pack.serve import Served, who_sees_it

    with Served(arguments.folder, arguments.port, arguments.host) as served:
        print(served.address, flush=True)
        terminal.say(squares(served.code()))
        terminal.say(who_sees_it(served.address))
        terminal.say(tr("Ctrl+C ends it."))
        until = time.monotonic() + 60 * arguments.minutes if arguments.minutes else None
        stopped = terminal.progress().stop_asked
        while not stopped() and (until is None or time.monotonic() < until):
            time.sleep(_LOOKS_S)
    terminal.say(tr("Nobody can reach it any more."))
    return 0


def page(arguments: argparse.Namespace, terminal: Terminal) -> int:
    """A pack, or sections of it, as one HTML file."""
    from vamos.cli.files import may_write, reads
    from vamos.core.pack.one_file import HEAVY_BYTES, bytes_of, one_file

    reads(arguments.folder)
    may_write(arguments.to)
    size = bytes_of(arguments.folder, arguments.section)
    if size > HEAVY_BYTES:
        terminal.say(
            tr(
                "About {size:.0f} MB: phones may refuse so large a page; --section takes one section.",
                size=size / 1e6,
            )
        )
    written = one_file(arguments.folder, arguments.to, arguments.section)
    print(tr("{path}: {size:.1f} MB, opens in any browser without a network", path=arguments.to, size=written / 1e6))
    return 0


def squares(code: list[list[bool]]) -> str:
    """A code in half blocks, two rows a line; dark squares are left dark on a dark terminal, so light is drawn."""
    signs = {(True, True): " ", (True, False): "▄", (False, True): "▀", (False, False): "█"}
    rows = [*code, [False] * len(code[0])] if len(code) % 2 else code
    return "\n".join(
        "".join(signs[pair] for pair in zip(a, b, strict=True)) for a, b in zip(rows[::2], rows[1::2], strict=True)
    )
