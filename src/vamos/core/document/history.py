"""Undo by keeping whole projects: they are frozen and share what did not change."""

from __future__ import annotations

from dataclasses import dataclass, field

from vamos.core.model.project import Project

LIMIT = 500


@dataclass(slots=True)
class History:
    """The open project with what came before it and what was undone."""

    now: Project
    _before: list[tuple[str, Project]] = field(default_factory=list)
    _after: list[tuple[str, Project]] = field(default_factory=list)

    def push(self, name: str, changed: Project) -> None:
        """The project after an edit."""
        self._before.append((name, self.now))
        del self._before[:-LIMIT]
        self._after.clear()
        self.now = changed

    def with_now(self, project: Project) -> History:
        """The same past and future around another project."""
        return History(project, list(self._before), list(self._after))

    def undo(self) -> str | None:
        """Go one step back; the name of what was undone, or None."""
        return self._move(self._before, self._after)

    def redo(self) -> str | None:
        """Go one step forward again; the name of what was redone, or None."""
        return self._move(self._after, self._before)

    def _move(self, source: list[tuple[str, Project]], target: list[tuple[str, Project]]) -> str | None:
        if not source:
            return None
        name, project = source.pop()
        target.append((name, self.now))
        self.now = project
        return name

    @property
    def undo_name(self) -> str | None:
        return self._before[-1][0] if self._before else None

    @property
    def redo_name(self) -> str | None:
        return self._after[-1][0] if self._after else None
