"""The manual page and the shell completions of ``vamos``, made from its parser.

.venv/bin/python tools/cli_docs.py [FOLDER]

Writes ``vamos.1`` (man), ``vamos`` (bash) and ``_vamos`` (zsh) into a folder beside the desktop files, from where
packages put them in their places. After changing arguments, run it again; a test compares.
"""

from __future__ import annotations

import argparse
import re
import sys
from pathlib import Path

import shtab
from argparse_manpage.manpage import Manpage

from vamos import __version__
from vamos.cli.parser import parser
from vamos.language import choose

FOLDER = Path(__file__).parents[1] / "src" / "vamos" / "desktop" / "shell"


def texts() -> dict[str, str]:
    """Each file's content by its name."""
    choose("en")
    top = parser()
    _complete_files(top)
    page = Manpage(
        top,
        {
            "prog": "vamos",
            "project_name": "vamos",
            "version": __version__,
            "description": "dance tutorials from a song and phone footage",
            "url": "",
            "authors": [],
        },
    )
    # The day it was made is nobody's business, and would change it every day.
    man = re.sub(r"^\.TH .*$", f'.TH VAMOS 1 "" "vamos {__version__}" "User commands"', str(page), count=1, flags=re.M)
    return {"vamos.1": man, "vamos": shtab.complete(top, "bash"), "_vamos": shtab.complete(top, "zsh")}


def _complete_files(of: argparse.ArgumentParser) -> None:
    """Arguments that are files are completed as files."""
    for action in of._actions:
        if action.type is Path:
            action.complete = shtab.FILE  # type: ignore[attr-defined]
        if isinstance(action, argparse._SubParsersAction):
            for sub in action.choices.values():
                _complete_files(sub)


def main(folder: Path) -> None:
    folder.mkdir(exist_ok=True)
    for name, text in texts().items():
        (folder / name).write_text(text, encoding="utf-8")


if __name__ == "__main__":
    main(Path(sys.argv[1]) if len(sys.argv) > 1 else FOLDER)
