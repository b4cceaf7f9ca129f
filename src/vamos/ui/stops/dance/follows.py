"""What follows from the sheet, as names and values."""

from __future__ import annotations

from fractions import Fraction

from vamos.core.dance.facing import clock_text, turn_said
from vamos.core.dance.facts import DanceFacts, WithoutOptional
from vamos.core.dance.with_song import with_song
from vamos.core.model.dance import Dance
from vamos.core.model.song import Grid
from vamos.ui.parts.panel import Panel
from vamos.ui.parts.text import plural, sentence
from vamos.wording import opening, words_of

tr = words_of(__name__)


def fill_follows(panel: Panel, dance: Dance, follows: DanceFacts, grid: Grid | None) -> None:
    panel.head(tr("What follows"))
    for name, value in fact_rows(follows):
        panel.fact(name, value)
    beside = with_song(dance, grid)
    if beside is not None:
        panel.say(beside.words(), key="with the song")
    cautions = dict.fromkeys(e.caution for s in dance.sections for e in s.events if e.caution)
    if cautions:
        panel.head(tr("Care"))
        for caution in cautions:
            panel.say(tr("{sentence} Ask a teacher or a physician when unsure.", sentence=sentence(caution)), "")


def fact_rows(follows: DanceFacts) -> list[tuple[str, str]]:
    """What follows, as names and values."""
    danced = tr("{number:g} danced", number=float(follows.counts_danced))
    rows = [(tr("To learn"), f"{plural(follows.counts_to_learn, 'count')}, {danced}")]
    if follows.wall_counts:
        rows.append((tr("A wall"), f"{plural(follows.wall_counts, 'count')}, {_net(follows)}"))
        rows.append(
            (
                tr("Walls"),
                tr(
                    "{walls_started} started, {tags}",
                    walls_started=follows.walls_started,
                    tags=plural(follows.tags, "tag"),
                ),
            )
        )
    rows += _station_rows(follows)
    if follows.turn_to_front:
        rows.append((tr("To finish at 12:00"), follows.turn_to_front))
    again = {
        True: tr("yes"),
        False: tr("no, the first foot bears the weight"),
        None: tr("not known until all feet are written"),
    }
    rows.append((tr("Repeats on the right foot"), again[follows.loop_closes]))
    if follows.counts_over is not None:
        rows.append((tr("Song remaining"), _left_over(follows)))
    if follows.without_optional is not None:
        rows.append((tr("Without optional parts"), _without(follows.without_optional)))
    restarts = [k for k in follows.legal_restarts if k % 4 == 0]
    rows.append((tr("Possible restarts"), ", ".join(map(str, restarts)) or tr("none")))
    busiest = max(follows.sections, key=lambda s: s.moves_per_s or s.moves / s.counts, default=None)
    if busiest is not None and busiest.moves_per_s:
        rows.append(
            (
                tr("Busiest"),
                tr("{name}, {moves_per_s:.1f} moves a second", name=busiest.name, moves_per_s=busiest.moves_per_s),
            )
        )
    away = [s.name for s in follows.sections if s.away]
    if away:
        rows.append((tr("Back to the screen"), ", ".join(away)))
    return rows


def _station_rows(follows: DanceFacts) -> list[tuple[str, str]]:
    rows = []
    for station in follows.stations:
        if station.kind in ("tag", "restart", "cut", "stop", "ending", "end"):
            at = "" if station.song_s is None else f", {station.song_s:.1f} s"
            # "End" and "Ending" need no second word.
            name = station.name if station.kind not in ("end", "ending") else ""
            rows.append((f"{opening(tr(station.kind))} {name}".strip(), f"{_facing(station.heading)}{at}"))
    return rows


def _left_over(follows: DanceFacts) -> str:
    """Counts after the dance, and where it could end early instead."""
    over = follows.counts_over or Fraction(0)
    if over >= 0 or not follows.early_ends:
        return plural(over, "count")
    fits = [s for s in follows.early_ends if s.position <= follows.counts_danced + over]
    where = (
        tr("; {name} ends in time, {facing}: fade there", name=fits[-1].name, facing=_facing(fits[-1].heading))
        if fits
        else ""
    )
    return tr("{number:g} counts too few{where}", number=float(-over), where=where)


def _without(left: WithoutOptional) -> str:
    over = "" if left.counts_over is None else tr(", {number:g} left over", number=float(left.counts_over))
    return tr(
        "{number:g} danced, {facing}{over}",
        number=float(left.counts_danced),
        facing=_facing(left.end_heading),
        over=over,
    )


def _net(follows: DanceFacts) -> str:
    if follows.walls_to_front is None:
        return tr("a turn is still open")
    if follows.net_turn is None:
        return tr("{walls} whichever way it turns", walls=plural(follows.walls_to_front, "wall"))
    if not follows.net_turn:
        return tr("no turn in all")
    return f"{turn_said(follows.net_turn)}, {plural(follows.walls_to_front, 'wall')}"


def _facing(heading: int | None) -> str:
    return tr("facing unknown") if heading is None else tr("facing {clock}", clock=clock_text(heading))
