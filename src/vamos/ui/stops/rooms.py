"""The rooms of the stops: each is opened when it is first entered, or when the window has time."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Mapping, Sequence

from PyQt6.QtCore import QObject, QTimer

from vamos.ui.desk import Desk
from vamos.ui.stops.stop import Room, Stop

#: Between two rooms that are opened ahead, in ms: hands come first.
_REST_MS = 30


class Rooms(Mapping[str, Room]):
    """Rooms by the name of their stop; naming one opens it."""

    def __init__(self, stops: Sequence[Stop], desk: Desk):
        self._stops = {stop.name: stop for stop in stops}
        self._desk = desk
        #: Those that are open.
        self.open: dict[str, Room] = {}

    def __getitem__(self, name: str) -> Room:
        found = self.open.get(name)
        if found is None:
            found = self.open[name] = self._stops[name].open(self._desk)
        return found

    def __iter__(self) -> Iterator[str]:
        return iter(self._stops)

    def __len__(self) -> int:
        return len(self._stops)

    def commands(self, name: str) -> object:
        """What a stop's actions are methods of."""
        return self[name].commands


class OpensAhead(QObject):
    """Opens rooms one after the other while the window has time, so that entering them later costs nothing."""

    def __init__(self, rooms: Rooms, opened: Callable[[], object], parent: QObject):
        super().__init__(parent)
        self._rooms, self._opened = rooms, opened
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.timeout.connect(self._next)

    def begin(self) -> None:
        """Go on until all are open."""
        if len(self._rooms.open) < len(self._rooms) and not self._timer.isActive():
            self._timer.start(_REST_MS)

    def _next(self) -> None:
        name = next((n for n in self._rooms if n not in self._rooms.open), None)
        if name is not None:
            self._rooms[name]
            self._opened()
            self.begin()
