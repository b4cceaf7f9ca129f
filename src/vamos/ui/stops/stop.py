"""What a stop is: a value with its name, its actions and how the page looks there, and a room to work in."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from fractions import Fraction
from importlib import import_module

from vamos.ui.desk import Desk
from vamos.ui.frame.route import StopState
from vamos.ui.page.layout import Bands
from vamos.ui.parts.action import Action
from vamos.ui.parts.panel import Panel


@dataclass(frozen=True, slots=True)
class MainAction:
    """What is to be done next at a stop: its main button, and Return on the page."""

    text: str
    run: Callable[[], object]
    tip: str = ""


class Room:
    """The work at one stop. A room fills its panel and answers its actions; everything else has a default."""

    def __init__(self, desk: Desk):
        self.desk = desk

    @property
    def commands(self) -> object:
        """What the stop's actions are methods of."""
        return self

    def state(self) -> StopState:
        """How far the stop is, for the route."""
        raise NotImplementedError

    def fill(self, panel: Panel) -> None:
        """Tell the panel what it holds now."""
        raise NotImplementedError

    def fill_beside(self, panel: Panel) -> None:
        """At a wide stop: what stands to the right."""

    def main_action(self) -> MainAction | None:
        """What to do next; None when there is nothing."""
        return None

    def on_return(self) -> MainAction | None:
        """What Return does on the page: what the main button says, where nothing belongs to the count itself."""
        return self.main_action()

    def count_chosen(self) -> None:
        """A count of the page was double-clicked."""

    def beat_dragged(self, position: Fraction, columns: float) -> None:
        """A beat mark of the page was let go so many columns away."""

    def edge_dragged(self, start: bool, position: Fraction) -> None:
        """A bracket of the page was let go on a count."""

    def shut_down(self) -> None:
        """The window is going."""


def room_of(folder: str, name: str) -> Callable[[Desk], Room]:
    """A room whose ``panel`` module is loaded when it is first entered: the window opens with what it shows."""

    def opened(desk: Desk) -> Room:
        made: Room = getattr(import_module(f"vamos.ui.stops.{folder}.panel"), name)(desk)
        return made

    return opened


@dataclass(frozen=True, slots=True)
class Stop:
    """One stop of the work.

    ``wide``: the panel takes the whole width, without the page; ``shares``: how its columns share it. ``writes``: the
    mirror shows no picture, the room is the sheet's. ``plays_clips``: the mirror plays clips. ``strips``: the page has
    a row for each pass over a line.
    """

    name: str
    open: Callable[[Desk], Room]
    actions: tuple[Action, ...] = ()
    bands: Bands = Bands()
    wide: bool = False
    writes: bool = False
    plays_clips: bool = False
    strips: bool = False
    drags_beats: bool = False
    drags_edges: bool = False
    shares: tuple[int, int] = (4, 5)
