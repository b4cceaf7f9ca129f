"""Where the music stops, at Song: how long it does, and what is danced in it."""

from __future__ import annotations

from fractions import Fraction
from functools import partial

from PyQt6.QtWidgets import QWidget

from vamos.core.edit import stops as edit
from vamos.core.grid.said import danced_said
from vamos.core.model.song import Break, Grid
from vamos.core.time import minutes_text
from vamos.core.time.counts import parts_of, parts_text
from vamos.errors import InputError
from vamos.ui.desk import Desk
from vamos.ui.parts.fields import CountField, TextField, row_of
from vamos.ui.parts.panel import Panel
from vamos.ui.parts.some import some
from vamos.ui.stops.song.commands import SongCommands
from vamos.wording import words_of

tr = words_of(__name__)

#: So many stops are shown at once, those nearest to where one stands.
_SHOWN = 3


def show_silences(panel: Panel, desk: Desk, do: SongCommands, grid: Grid) -> None:
    """Fields of the stops nearest by, and the button that marks or clears one where one stands."""
    panel.head(tr("Where the music stops"))
    near = sorted(grid.breaks, key=lambda s: abs(s.position - desk.position))[:_SHOWN]
    for stop in sorted(near, key=lambda s: s.position):
        _one(panel, desk, grid, stop)
    left = len(grid.breaks) - len(near)
    if left > 0:
        panel.say(tr("{number} more further away.", number=left), key="more stops")
    here = any(s.position == desk.position for s in grid.breaks)
    panel.buttons((tr("The music goes on here") if here else tr("The music stops here"), do.mark_stop, ""), key="stop")


def _one(panel: Panel, desk: Desk, grid: Grid, stop: Break) -> None:
    key = f"stop {stop.position}"
    clock = grid.time_map()
    words = tr("At {minutes}: {danced}", minutes=minutes_text(clock(stop.position - 1)), danced=danced_said(stop))
    panel.buttons((words, partial(desk.page.go_to_position, stop.position - 1), ""), key=f"go {key}")

    def change(counts: int, beats: Fraction) -> None:
        desk.do(tr("Stop of the music"), lambda p: edit.set_stop(p, stop.position, counts, beats))

    def lasting(text: str) -> None:
        try:
            change(int(stop.counts), parts_of(text))
        except InputError as error:
            desk.tell(error.what)
            desk.stale.emit()

    def danced(counts: int) -> None:
        change(counts, stop.length)

    def make() -> QWidget:
        beats = TextField(parts_text(stop.length), tr("Beats the music stops for"), lasting, "2½")
        counts = CountField(int(stop.counts), edit.LONGEST, tr("Counts danced while it stops"), danced, least=0)
        return row_of(tr("lasts"), beats, tr("beats, danced"), counts, tr("counts"))

    def update(row: QWidget) -> None:
        field, box = some(row.findChild(TextField)), some(row.findChild(CountField))
        field.changed, box.changed = lasting, danced
        field.set_value(parts_text(stop.length))
        box.set_value(int(stop.counts))

    panel.custom("silence", key, make, update)
