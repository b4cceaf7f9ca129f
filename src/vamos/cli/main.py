"""The command ``vamos``: parsing, exit status, messages.

Exit status 0 done, 1 finished with problems that are listed, 2 cannot. Progress goes to standard
error, data to standard output. Without a subcommand the window opens.
"""

from __future__ import annotations

import argparse
import os
import signal
import sys
from collections.abc import Sequence
from pathlib import Path
from types import FrameType

from vamos.cli.progress import Terminal
from vamos.errors import Stopped, VamosError, write_error
from vamos.faults import log_path, printed
from vamos.language import running_in
from vamos.wording import ENGLISH, words_of

tr = words_of(__name__)

DONE, PROBLEMS, CANNOT, FAULT = 0, 1, 2, 3


def run(argv: Sequence[str] | None = None) -> int:
    """Entry point; returns the exit status."""
    said = list(sys.argv[1:] if argv is None else argv)
    opened = _only_opens(said)
    if opened is None:
        # Loaded now: the window opens without it.
        from vamos.cli import files
        from vamos.cli.parser import parser

        files.begin()
        arguments = parser().parse_args(said)
    else:
        arguments = argparse.Namespace(command="open", files=opened, quiet=False, run=_window)
    terminal = Terminal(sys.stderr, silent=arguments.quiet)
    before = {number: signal.getsignal(number) for number in (signal.SIGINT, signal.SIGTERM)}

    def interrupt(number: int, _frame: FrameType | None) -> None:
        # Asked once, work ends at its next step; asked twice, at once.
        terminal.stop = True
        signal.signal(number, before[signal.Signals(number)])

    try:
        if arguments.command is None:
            arguments.files, arguments.run = [], _window
        for number in before:
            signal.signal(number, interrupt)
        # What is written for programs is the same in every language.
        with running_in(ENGLISH if getattr(arguments, "json", None) else ""):
            return int(arguments.run(arguments, terminal))
    except Stopped:
        terminal.say(tr("Stopped. Nothing half-written was left."))
        return CANNOT
    except VamosError as error:
        terminal.say(str(error))
        return CANNOT
    except BrokenPipeError:
        # The reader of our output went away; keep Python from complaining about it at exit.
        os.dup2(os.open(os.devnull, os.O_WRONLY), sys.stdout.fileno())
        return CANNOT
    except OSError as error:
        terminal.say(str(write_error(error, error.filename or "a file")))
        return CANNOT
    except MemoryError:
        terminal.say(tr("There is not enough memory for this. Close other programs and try again."))
        return CANNOT
    except Exception as error:
        terminal.close()
        printed(f"the command {arguments.command}", error)
        terminal.say(
            tr(
                "This is a fault of Vamos, not of yours. What was written before stands; nothing "
                "else was changed. A report without anything private is in {log_path}.",
                log_path=log_path(),
            )
        )
        return FAULT
    finally:
        terminal.close()
        for number, handler in before.items():
            signal.signal(number, handler)


def _only_opens(said: Sequence[str]) -> list[Path] | None:
    """The files the window is to be opened with, where nothing else is asked for."""
    files = said[1:] if said[:1] == ["open"] else said
    if (said and said[0] != "open") or any(x.startswith("-") for x in files):
        return None
    return [Path(x) for x in files]


def _window(arguments: argparse.Namespace, _terminal: Terminal) -> int:
    from vamos.ui.app import run_window

    return run_window(arguments.files)
