"""Opening a project file of any format, with decisions carried over to what they were made for."""

from __future__ import annotations

import re
from dataclasses import replace
from pathlib import Path

from vamos.core.dance.lines import line_word, lines_for
from vamos.core.document.files import Read, read
from vamos.core.model.project import Project
from vamos.core.plan.coverage import subject_id
from vamos.errors import ProjectError, VamosError
from vamos.wording import words_of

tr = words_of(__name__)


def read_project(path: Path) -> Read:
    """The project in a file, and the file as it was; raises MissingError or ProjectError.

    A project whose lines cannot be laid out is refused here, so that nothing else has to be ready for it.
    """
    found = read(path)
    try:
        lines_for(found.project)
        project = _by_music(found.project) if found.version == 1 else found.project
    except VamosError as error:
        raise ProjectError(error.what, file=path, safe=tr("The file was not changed.")) from error
    return replace(found, project=project)


_NUMBERED = re.compile(r"(three|four|six|eight|twelve|sixteen|line) (\d+) · (.+)")


def _by_music(project: Project) -> Project:
    """Format 1 named clips of a song without a sheet by lines of the page; they belong to the music there."""
    if project.grid is None:
        return project
    names = {
        f"{line_word(line)} {line.number + 1}": subject_id(line, project.grid.time_map())
        for line in lines_for(project)
        if line.section is None
    }

    def renamed(key: str) -> str:
        match = _NUMBERED.fullmatch(key)
        subject = names.get(f"{match.group(1)} {match.group(2)}") if match else None
        return f"{subject} · {match.group(3)}" if match and subject else key

    return replace(project, choices=tuple(replace(c, clip=renamed(c.clip)) for c in project.choices))
