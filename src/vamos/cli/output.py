"""How clips are written, said on the command line."""

from __future__ import annotations

import argparse
from dataclasses import replace
from fractions import Fraction

from vamos.core.model.clip import Arrangement, ClipSound
from vamos.core.model.look import Shape, Style
from vamos.core.model.project import Project


def add_output(sub: argparse.ArgumentParser) -> None:
    """How clips are written; what is not said stays as the project has it."""
    sub.add_argument("--speeds", type=int, nargs="+", metavar="PERCENT", help="25 to 125, such as 100 75 50")
    sub.add_argument("--sound", choices=("song", "clicks", "voice", "room", "none"), help="what is heard")
    sub.add_argument("--style", choices=("corner", "strip", "floor"), help="where the counts stand")
    sub.add_argument("--shape", choices=("filmed", "wide", "square", "upright"), help="the picture's shape")
    sub.add_argument("--follow", action="store_true", help="go close to the dancer and follow slowly")
    sub.add_argument("--even", action="store_true", help="count evenly where the song is not heard")
    sub.add_argument(
        "--also",
        choices=("filmed", "watch", "half-time", "beside", "feet"),
        nargs="+",
        default=[],
        help="more versions: as filmed, to progress, half-time, front and back side by side, feet in a corner",
    )


def with_output(project: Project, arguments: argparse.Namespace) -> Project:
    """The project with the sound, speeds, look and versions asked for on the command line."""
    out = project.output
    if arguments.speeds:
        speeds = sorted({Fraction(percent, 100) for percent in arguments.speeds}, reverse=True)
        out = replace(out, speeds=tuple(speeds))
    if arguments.sound:
        out = replace(out, sound=ClipSound(arguments.sound.replace("voice", ClipSound.VOICE)))
    if arguments.style:
        out = replace(out, overlay=replace(out.overlay, style=Style[arguments.style.upper()]))
    if arguments.shape:
        out = replace(out, framing=replace(out.framing, shape=Shape[arguments.shape.upper()]))
    if arguments.follow:
        out = replace(out, framing=replace(out.framing, follow=True))
    arrangements = {Arrangement[name.upper()] for name in arguments.also if name in ("beside", "feet")}
    if arrangements:
        out = replace(out, arrangements=tuple(a for a in Arrangement if a in arrangements | set(out.arrangements)))
    out = replace(out, even=out.even or arguments.even)
    out = replace(out, plain=out.plain or "watch" in arguments.also)
    out = replace(out, half_time=out.half_time or "half-time" in arguments.also)
    out = replace(out, as_filmed=out.as_filmed or "filmed" in arguments.also)
    return replace(project, output=out)
