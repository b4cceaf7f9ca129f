"""Edits of how clips are written: speeds, sound, what stands over the picture, its shape, more versions."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction
from typing import Any

from vamos.core.model.clip import Arrangement
from vamos.core.model.look import CountIn, Framing, Lane, NamedLook, Overlay
from vamos.core.model.project import Project
from vamos.core.model.song import Grid


def set_output(project: Project, **changes: Any) -> Project:
    """Change fields of the output: rate, longest_side, sound, plain, half_time, double_time, as_filmed, even …"""
    return replace(project, output=replace(project.output, **changes))


def with_speed(project: Project, speed: Fraction, on: bool) -> Project:
    """A speed is wanted, or not; one speed always stays."""
    speeds = {*project.output.speeds, speed} if on else {*project.output.speeds} - {speed}
    return set_output(project, speeds=tuple(sorted(speeds or {Fraction(1)}, reverse=True)))


def set_overlay(project: Project, overlay: Overlay) -> Project:
    return set_output(project, overlay=overlay)


def toggle_lane(project: Project, lane: Lane) -> Project:
    """Show a lane, or leave it out; lanes stay in their order."""
    overlay = project.output.overlay
    wanted = set(overlay.lanes) ^ {lane}
    return set_overlay(project, replace(overlay, lanes=tuple(x for x in Lane if x in wanted)))


def set_count_in(project: Project, style: CountIn) -> Project:
    """How clips are counted in; the run-up is lengthened to what that needs."""
    output = project.output
    run_up = max(output.run_up, Fraction(style.counts))
    return set_output(project, overlay=replace(output.overlay, count_in=style), run_up=run_up)


def toggle_look(project: Project, look: NamedLook) -> Project:
    """Write a version with other things over the picture as well, or not; one of the same name is replaced."""
    others = tuple(x for x in project.output.looks if x.name != look.name)
    return set_output(project, looks=others if look in project.output.looks else (*others, look))


def phrase_of(grid: Grid) -> Fraction:
    """The counts of a phrase: four lines, as most music for dancing has it (common practice, no source)."""
    return Fraction(4 * grid.line)


def set_framing(project: Project, framing: Framing) -> Project:
    return set_output(project, framing=framing)


def toggle_arrangement(project: Project, arrangement: Arrangement) -> Project:
    """Write this arrangement as well, or not."""
    wanted = set(project.output.arrangements) ^ {arrangement}
    kept = tuple(x for x in Arrangement if x in wanted)
    return set_output(project, arrangements=kept)


def set_run_through(project: Project, **changes: Any) -> Project:
    """What is wished of the run-through: ``wanted``, ``view``, ``first``, ``last``, ``cards``."""
    return set_output(project, run_through=replace(project.output.run_through, **changes))
