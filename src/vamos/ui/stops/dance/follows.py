"""What follows from the sheet, as names and values."""

from __future__ import annotations

from fractions import Fraction

from vamos.core.dance.facing import clock_text, turn_text
from vamos.core.dance.facts import DanceFacts, WithoutOptional
from vamos.core.model.dance import Dance
from vamos.ui.parts.panel import Panel
from vamos.ui.parts.text import plural, sentence


def fill_follows(panel: Panel, dance: Dance, follows: DanceFacts) -> None:
    panel.head("What follows")
    for name, value in fact_rows(follows):
        panel.fact(name, value)
    cautions = dict.fromkeys(e.caution for s in dance.sections for e in s.events if e.caution)
    if cautions:
        panel.head("Care")
        for caution in cautions:
            panel.say(f"{sentence(caution)} Ask a teacher or a physician when unsure.", "")


def fact_rows(follows: DanceFacts) -> list[tuple[str, str]]:
    """What follows, as names and values."""
    danced = f"{float(follows.counts_danced):g} danced"
    rows = [("To learn", f"{plural(follows.counts_to_learn, 'count')}, {danced}")]
    if follows.wall_counts:
        rows.append(("A wall", f"{plural(follows.wall_counts, 'count')}, {_net(follows)}"))
        rows.append(("Walls", f"{follows.walls_started} started, {plural(follows.tags, 'tag')}"))
    rows += _station_rows(follows)
    if follows.turn_to_front:
        rows.append(("To finish at 12:00", follows.turn_to_front))
    again = {True: "yes", False: "no, the first foot bears the weight", None: "not known until all feet are written"}
    rows.append(("Begins again", again[follows.loop_closes]))
    if follows.counts_over is not None:
        rows.append(("Song left over", _left_over(follows)))
    if follows.without_optional is not None:
        rows.append(("Without [ ]", _without(follows.without_optional)))
    restarts = [k for k in follows.legal_restarts if k % 4 == 0]
    rows.append(("Restart possible after", ", ".join(map(str, restarts)) or "none of the fours"))
    busiest = max(follows.sections, key=lambda s: s.moves_per_s or s.moves / s.counts, default=None)
    if busiest is not None and busiest.moves_per_s:
        rows.append(("Busiest", f"{busiest.name}, {busiest.moves_per_s:.1f} moves a second"))
    away = [s.name for s in follows.sections if s.away]
    if away:
        rows.append(("Back to the screen", ", ".join(away)))
    return rows


def _station_rows(follows: DanceFacts) -> list[tuple[str, str]]:
    rows = []
    for station in follows.stations:
        if station.kind in ("tag", "restart", "cut", "stop", "ending", "end"):
            at = "" if station.song_s is None else f", {station.song_s:.1f} s"
            # "End" and "Ending" need no second word.
            name = station.name if station.kind not in ("end", "ending") else ""
            rows.append((f"{station.kind.capitalize()} {name}".strip(), f"{_facing(station.heading)}{at}"))
    return rows


def _left_over(follows: DanceFacts) -> str:
    """Counts after the dance, and where it could end early instead."""
    over = follows.counts_over or Fraction(0)
    if over >= 0 or not follows.early_ends:
        return plural(int(over), "count") if over.denominator == 1 else f"{float(over):g} counts"
    fits = [s for s in follows.early_ends if s.position <= follows.counts_danced + over]
    where = f"; {fits[-1].name} ends in time, {_facing(fits[-1].heading)}: fade there" if fits else ""
    return f"{float(-over):g} counts too few{where}"


def _without(left: WithoutOptional) -> str:
    over = "" if left.counts_over is None else f", {float(left.counts_over):g} left over"
    return f"{float(left.counts_danced):g} danced, {_facing(left.end_heading)}{over}"


def _net(follows: DanceFacts) -> str:
    if follows.walls_to_front is None:
        return "a turn is still open"
    if follows.net_turn is None:
        return f"{plural(follows.walls_to_front, 'wall')} whichever way it turns"
    if not follows.net_turn:
        return "no turn in all"
    return f"{turn_text(follows.net_turn)}, {plural(follows.walls_to_front, 'wall')}"


def _facing(heading: int | None) -> str:
    return "facing unknown" if heading is None else f"facing {clock_text(heading)}"
