"""The side panel at Song: the grid and its corrections, parts, other songs for the same dance."""

from __future__ import annotations

from collections import Counter
from typing import TYPE_CHECKING

from vamos.core.dance.fit import Fit, fit_song
from vamos.core.document import edits
from vamos.core.model.project import Project
from vamos.core.model.song import LONGEST_LINE, Grid
from vamos.core.time.counts import minutes_text
from vamos.errors import VamosError
from vamos.ui.panels.base import Panel
from vamos.ui.panels.fields import count_field, row_of, text_field

if TYPE_CHECKING:
    from vamos.ui.window import Window


def fill(panel: Panel, window: Window) -> None:
    """Find and correct the grid."""
    found = window.session.project.song
    if found is None:
        panel.say("Drop a song on the window, or choose one. Vamos finds its beat.")
        panel.buttons(("Add song or takes…", window.hands.add_files, "go"))
        return
    panel.head(found.title)
    grid = found.grid
    if grid is None:
        panel.say("The beat has not been found yet.")
        panel.buttons(("Find the beat", window.hands.find_grid, "go"))
        return
    panel.fact("Tempo", f"{grid.bpm():.1f} a minute")
    panel.fact("Lead-in", f"{grid.lead_in} counts, {minutes_text(grid.time_map()(0))}")
    panel.fact("Meter", f"{grid.meter} beats a bar, lines of {grid.line}")
    panel.fact("Sure", f"{grid.confidence:.0%} over all, {len(window.content.weak)} lines weak")
    _corrections(panel, window)
    _part(panel, window, grid)
    _others(panel, window)


def _corrections(panel: Panel, window: Window) -> None:
    hands = window.hands
    panel.head("If the 1 is wrong")
    panel.buttons(("This is a 1", hands.one_here, ""), ("The dance starts here", hands.dance_starts_here, ""))
    panel.buttons(("1 earlier", hands.one_earlier, ""), ("1 later", hands.one_later, ""))
    panel.buttons(("A line earlier", hands.one_eight_earlier, ""), ("A line later", hands.one_eight_later, ""))
    panel.head("If the tempo is wrong")
    panel.buttons(("Half as fast", hands.halve, ""), ("Twice as fast", hands.double, ""))
    panel.buttons(("Two thirds", hands.two_thirds, ""), ("Half again", hands.three_halves, ""))
    panel.say("From the count you stand on:")
    panel.buttons(("Half as fast", hands.halve_from_here, ""), ("Twice as fast", hands.double_from_here, ""))
    panel.say(
        "Or tap T along while it plays: from four taps on they make the beat. A hand that is always late is put right."
    )
    panel.buttons(("The music stops here", hands.mark_stop, ""))
    panel.say("Drag a beat mark to move it; its neighbours follow to the next one fixed by hand.")


def _part(panel: Panel, window: Window, grid: Grid) -> None:
    """The part the page stands in: its name and the length of its lines."""
    panel.head("Parts of the song")
    if grid.parts:
        number = Counter(p.name for p in grid.parts)
        panel.say("Heard to be alike: " + ", ".join(f"{n} × {k}" for n, k in number.items()) + ".")
    part = grid.part_at(window.page.position)
    if part is not None:
        name = text_field(part.name, "Name of this part", lambda new: _rename(window, part.name, new))
        length = count_field(
            part.line,
            LONGEST_LINE,
            "Counts in a line of this part",
            lambda counts: window.session.do(
                "Length of lines", lambda p: edits.name_part(p, part.position, part.name, counts)
            ),
        )
        panel.column.addWidget(row_of(name, "lines of", length, "counts"))
    entries = [("A part begins here", window.hands.part_here, "")]
    if part is not None and part.position == window.page.position:
        entries.append(("Join to the one before", window.hands.join_part, ""))
    panel.buttons(*entries)


def _rename(window: Window, name: str, new: str) -> None:
    window.session.do("Name of the part", lambda p: edits.rename_parts(p, name, new))


def _others(panel: Panel, window: Window) -> None:
    """Other songs for the same dance, and how they fit."""
    project = window.session.project
    panel.head("Another song for this dance")
    for number, other in enumerate(project.other_songs):
        panel.say(other.song.title, "")
        fit = fit_of(project, number)
        if fit is None:
            panel.say("Its beat is not known, so it cannot be compared.", "warn")
        else:
            for name, value in fit_words(fit):
                panel.fact(name, value)
            for note in fit.notes or ("It fits.",):
                panel.say(note, "warn" if fit.notes else "")
        panel.buttons(
            ("Dance to this one", lambda n=number: window.hands.use_other_song(n), ""),
            ("Take it away", lambda n=number: window.hands.remove_other_song(n), ""),
        )
    panel.buttons(("Add another song…", window.hands.add_other_song, ""))


def fit_of(project: Project, number: int) -> Fit | None:
    """How another song of the project fits; None when it or the first has no grid."""
    song, other = project.song, project.other_songs[number].song
    if song is None or song.grid is None or other.grid is None:
        return None
    try:
        return fit_song(song.grid, project.dance, other.grid)
    except VamosError:
        return None


def fit_words(fit: Fit) -> list[tuple[str, str]]:
    """A fit as names and values."""
    over = fit.counts_over
    left = f"{float(over):g} left over" if over >= 0 else f"{float(-over):g} too short"
    return [
        ("Tempo", f"{fit.bpm:.1f} a minute, {fit.tempo_ratio:.0%} of this song"),
        ("Lead-in", f"{fit.lead_in} counts, {fit.lead_in_s:.1f} s"),
        ("Length", f"{float(fit.counts_there):g} counts, {float(fit.counts_needed):g} danced, {left}"),
        ("Dance ends", f"{minutes_text(fit.ends_at_s)} of {minutes_text(fit.song_ends_at_s)}"),
    ]
