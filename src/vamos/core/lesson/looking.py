"""Where learners who turn with the dancer cannot see the screen, and whether a dance goes to one side only."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from vamos.core.dance.away import away_on_walls
from vamos.core.model.dance import Dance, Foot, Item, ItemKind, Kind
from vamos.wording import listed, words_of

tr = words_of(__name__)

#: So many turns, hops or kicks all to one side are worth a word.
_ONE_SIDED = 3
#: Turns that are counted for it: a quarter and more.
_TURN = 2


def away(dance: Dance) -> dict[str, tuple[int, ...]]:
    """For each section of a wall, by its id, the counts (from 1) on which a learner looks away from the screen.

    The wall begins at the screen.
    """
    sections = dance.wall_sections() or dance.sections
    wall = Item(ItemKind.WALL, sections=tuple(s.name for s in sections))
    found = away_on_walls(replace(dance, sequence=(wall,), parts=(), start_heading=0)).get(1, {})
    return {s.id: found.get(s.id, ()) for s in sections}


def away_words(counts: Sequence[int]) -> str:
    """Counts in words: ``counts 3 to 6, and 8``; empty for none."""
    if not counts:
        return ""
    runs: list[list[int]] = []
    for count in counts:
        if runs and count == runs[-1][-1] + 1:
            runs[-1].append(count)
        else:
            runs.append([count])
    said = [tr("{value} to {value2}", value=r[0], value2=r[-1]) if len(r) > 1 else str(r[0]) for r in runs]
    return tr("counts {list}", list=listed(said)) if len(counts) > 1 else tr("count {list}", list=said[0])


def away_sentences(dance: Dance) -> list[str]:
    """Where learners look away, wall by wall, in sentences; walls that are alike are named together."""
    names = {s.id: s.name for s in dance.sections}
    lengths = {s.id: s.length for s in dance.sections}
    alike: dict[tuple[tuple[str, tuple[int, ...]], ...], list[int]] = {}
    for wall, found in away_on_walls(dance).items():
        told = tuple((section, counts) for section, counts in found.items() if counts)
        whole = tuple(found) == tuple(s for s, counts in told if len(counts) == lengths[s])
        if told:
            alike.setdefault((("", ()),) if whole else told, []).append(wall)
    out = []
    for told, walls in alike.items():
        places = [
            tr("all of it")
            if not section
            else tr("all of {section}", section=names[section])
            if len(counts) == lengths[section]
            else tr("{section}, {counts}", section=names[section], counts=away_words(counts))
            for section, counts in told
        ]
        which = listed([str(w) for w in walls])
        who = tr("On walls {walls}", walls=which) if len(walls) > 1 else tr("On wall {walls}", walls=which)
        out.append(tr("{who} learners look away from the screen: {places}.", who=who, places="; ".join(places)))
    return out


def one_sided(dance: Dance) -> str:
    """What goes to one side only in a wall, in a sentence's beginning; empty when nothing does."""
    events = [e for s in dance.wall_sections() or dance.sections for e in s.events]
    turns = [e.turn for e in events if e.turn is not None and abs(e.turn) >= _TURN]
    if len(turns) >= _ONE_SIDED and len({t > 0 for t in turns}) == 1:
        return tr(
            "All {number} turns go to the {words}", number=len(turns), words=tr("right") if turns[0] > 0 else tr("left")
        )
    feet = [e.foot for e in events if e.kind is Kind.HOP and e.foot in (Foot.LEFT, Foot.RIGHT)]
    if len(feet) >= _ONE_SIDED and len(set(feet)) == 1:
        return tr(
            "All {number} hops are on the {words} foot",
            number=len(feet),
            words=tr("right") if feet[0] is Foot.RIGHT else tr("left"),
        )
    return ""
