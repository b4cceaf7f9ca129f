"""Writing the sheet of a project, in the format its file's ending names."""

from __future__ import annotations

from pathlib import Path

from vamos.core.dance.sheets.files import write_sheet
from vamos.core.dance.sheets.pdf import write_pdf
from vamos.core.dance.wall_map import to_svg, wall_map
from vamos.core.disk.outputs import write_output
from vamos.core.model.project import Project


def export_sheet(project: Project, path: Path) -> None:
    """Write .pdf, .md, .csv or .json, or the wall map as .svg; raises WriteError or InputError."""
    if path.suffix.lower() == ".pdf":
        write_pdf(project, path)
    elif path.suffix.lower() == ".svg":
        grid = project.grid
        write_output(path, to_svg(wall_map(project.dance, grid)).encode())
    else:
        write_sheet(project.dance, path)
