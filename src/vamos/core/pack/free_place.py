"""Where a pack may be written: nothing of somebody else is ever replaced. What is wrong is said to whoever writes."""

from __future__ import annotations

import tempfile
from pathlib import Path

from vamos.core.pack.manifest import named_files, read_manifest
from vamos.errors import MissingError, ProjectError, WriteError, write_error
from vamos.wording import speaking, words_of

tr = words_of(__name__)


@speaking("")
def check_place(out: Path) -> None:
    """Only an empty folder, no folder, or an earlier pack with nothing else in it may be written to.

    It is said before long work begins.

    Raises WriteError, naming what is in the way.
    """
    out = out.absolute()
    if out.resolve() == Path.cwd().resolve():
        raise WriteError(
            tr("a pack cannot replace the folder you work in."),
            file=out,
            todo=tr("Name a folder in it, such as ./pack."),
        )
    try:
        if out.is_symlink() and not out.exists():
            raise WriteError(
                tr("it is a link to nothing."), file=out, safe=tr("It was not touched."), todo=tr("Remove the link.")
            )
        if out.exists() and not out.is_dir():
            raise WriteError(
                tr("a file of this name exists."),
                file=out,
                safe=tr("It was not touched."),
                todo=tr("Choose another name."),
            )
        if out.is_dir():
            only_a_pack(out)
    except PermissionError as error:
        raise write_error(error, out) from error
    above = next(p for p in out.resolve().parents if p.exists())
    try:
        tempfile.TemporaryDirectory(prefix=".vamos-", dir=above).cleanup()
    except OSError as error:
        raise write_error(error, out) from error


@speaking("")
def only_a_pack(folder: Path) -> None:
    """Everything in a folder was written by an earlier pack, as its manifest names it."""
    files = [p for p in sorted(folder.rglob("*")) if not p.is_dir() or p.is_symlink()]
    if not files:
        return
    try:
        known = named_files(read_manifest(folder))
    except (MissingError, ProjectError) as error:
        raise WriteError(
            tr("this folder holds other files, such as {file}.", file=files[0].relative_to(folder)),
            file=folder,
            safe=tr("Nothing in it was touched."),
            todo=tr("Choose an empty folder or a new name."),
        ) from error
    foreign = [p.relative_to(folder).as_posix() for p in files if p.relative_to(folder).as_posix() not in known]
    if foreign:
        more = tr(" and {number} more", number=len(foreign) - 1) if len(foreign) > 1 else ""
        raise WriteError(
            tr(
                "this folder holds an earlier pack and also {value}{more}, which Vamos did not write.",
                value=foreign[0],
                more=more,
            ),
            file=folder,
            safe=tr("Nothing in it was touched."),
            todo=tr("Move that elsewhere, or choose a new name."),
        )
