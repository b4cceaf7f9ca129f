"""Project files of older formats, lifted step by step to the present one before they are understood."""

from __future__ import annotations

from collections.abc import Callable
from typing import Any

Fields = dict[str, Any]


def migrated(document: Fields, version: int) -> Fields:
    """A document of a format, in the present one; what is not understood is left for the reader to complain of."""
    for step in _STEPS[version - 1 :]:
        document = step(document)
    return document


def _to_2(document: Fields) -> Fields:
    """Names that explain themselves; ids are what things were called, and need no step of their own."""
    project = document.get("project")
    if not isinstance(project, dict):
        return document
    project = dict(project)
    others = project.get("other_songs")
    if isinstance(others, list):
        project["other_songs"] = [_inside(o, "song", _grid_to_2) if isinstance(o, dict) else o for o in others]
    project = _inside(project, "song", _grid_to_2)
    project = _inside(project, "output", lambda output: _renamed(output, "watch", "plain"))
    takes = project.get("takes")
    if isinstance(takes, list):
        project["takes"] = [_renamed(t, "seen", "remarks") if isinstance(t, dict) else t for t in takes]
    return document | {"project": project}


def _to_3(document: Fields) -> Fields:
    """Size and rate that nobody had chosen are those of the film now."""

    def output(fields: Fields) -> Fields:
        return {k: v for k, v in fields.items() if (k, v) not in (("rate", 30), ("longest_side", 960))}

    return _inside(document, "project", lambda project: _inside(project, "output", output))


def _to_4(document: Fields) -> Fields:
    """Passes have ids; what was chosen by their number refers to them."""

    def project(fields: Fields) -> Fields:
        takes, choices = fields.get("takes"), fields.get("choices")
        if not isinstance(takes, list):
            return fields
        fields = fields | {"takes": [_with_pass_ids(t) for t in takes]}
        if isinstance(choices, list):
            passes = {_take_id(t): t.get("passes") for t in takes if isinstance(t, dict)}
            fields["choices"] = [_by_id(c, passes) if isinstance(c, dict) else c for c in choices]
        others = fields.get("other_songs")
        if isinstance(others, list):
            fields["other_songs"] = [_other_with_ids(o) if isinstance(o, dict) else o for o in others]
        return fields

    return _inside(document, "project", project)


def _take_id(take: Fields) -> Any:
    return take.get("id") or take.get("name")


def _with_pass_ids(take: Any) -> Any:
    passes = take.get("passes") if isinstance(take, dict) else None
    return take | {"passes": _numbered(passes)} if isinstance(passes, list) else take


def _numbered(passes: list[Any]) -> list[Any]:
    return [p | {"id": f"pass-{n}"} if isinstance(p, dict) else p for n, p in enumerate(passes)]


def _other_with_ids(other: Fields) -> Fields:
    """The passes kept with another song: pairs of a take's id and its passes there."""
    pairs = other.get("passes")
    if not isinstance(pairs, list):
        return other
    named = [
        [p[0], _numbered(p[1])] if isinstance(p, list) and len(p) == 2 and isinstance(p[1], list) else p for p in pairs
    ]
    return other | {"passes": named}


def _by_id(choice: Fields, passes: dict[Any, Any]) -> Fields:
    number, rest = choice.get("pass_number"), {k: v for k, v in choice.items() if k != "pass_number"}
    there = passes.get(choice.get("take"))
    known = isinstance(number, int) and isinstance(there, list) and 0 <= number < len(there)
    return rest | {"pass_id": f"pass-{number}"} if known else rest


def _grid_to_2(song: Fields) -> Fields:
    return _inside(song, "grid", lambda grid: _renamed(grid, "stops", "breaks"))


def _inside(fields: Fields, name: str, change: Callable[[Fields], Fields]) -> Fields:
    found = fields.get(name)
    return fields | {name: change(found)} if isinstance(found, dict) else fields


def _renamed(fields: Fields, old: str, new: str) -> Fields:
    return {(new if name == old else name): value for name, value in fields.items()}


#: Step k lifts format k + 1 to the next.
_STEPS: tuple[Callable[[Fields], Fields], ...] = (_to_2, _to_3, _to_4)
