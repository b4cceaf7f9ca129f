"""A section as a teacher says it: counts, moves, feet and turns in their order, in short sentences."""

from __future__ import annotations

import re
from math import floor

from vamos.core.dance.facing import turn_said
from vamos.core.dance.steps import find_step
from vamos.core.dance.who import roles_in
from vamos.core.model.dance import Event, Foot, Kind, Section
from vamos.core.time import count_name
from vamos.wording import opening, words_of

tr = words_of(__name__)

#: A sentence ends after so many counts, unless a named step goes on.
_BREATH = 4
#: Names of turns, and what says in them how far.
_TURNS = re.compile(r"turn|spin|pivot|dreh|giro", re.IGNORECASE)
_FAR = re.compile(r"[½¼¾⅛\d]|half|quarter|full|halb|viertel|ganz|media|medio|cuarto", re.IGNORECASE)


def said_in_order(section: Section) -> str:
    """“1 walk right, 2 left, 3 step right, 4 touch left. Shuffle fwd: 5 …”; of the first of several roles."""
    first = next(iter(roles_in(section.events)), "")
    events = sorted((e for e in section.events if e.role in ("", first)), key=lambda e: e.start)
    sentences: list[str] = []
    parts: list[str] = []
    last: Event | None = None
    left = 0
    for event in events:
        named = event.cue and event.cue.lower() != event.name.lower()
        ended, left = left == 1, max(0, left - 1)
        if named:
            step = find_step(event.cue, {})
            left = len(step.events) if step is not None else 0
        turned_four = last is not None and floor(event.start / _BREATH) > floor(last.start / _BREATH)
        if parts and (named or ended or (turned_four and not left)):
            sentences.append(", ".join(parts))
            parts, last = [], None
        if named:
            sentences.append(f"{event.cue}:")
        parts.append(f"{count_name(event.start, section.feel)} {_move(event, last)}".strip())
        last = event
    if parts:
        sentences.append(", ".join(parts))
    return _joined(sentences)


def _joined(sentences: list[str]) -> str:
    """Sentences with their stops; a named step leads the sentence behind it."""
    out = ""
    for text in sentences:
        text = text if out.endswith(":") else opening(text)
        out += (" " if out else "") + text + ("" if text.endswith(":") else ".")
    return out


def _move(event: Event, last: Event | None) -> str:
    if event.kind is Kind.HOLD:
        return tr("hold")
    name, turn = event.name or tr(str(event.kind)), turn_said(event.turn, event.size)
    if turn and (event.kind is Kind.TURN or _TURNS.search(name)):
        # “half turn left”, “pivot ½ left”: its name may say already how far.
        way = tr("right") if (event.turn or 0) > 0 else tr("left")
        return f"{name} {way if event.turn and _FAR.search(name) else turn}"
    again = last is not None and last.name == event.name and event.foot is not Foot.NONE
    foot = {Foot.RIGHT: tr("right"), Foot.LEFT: tr("left")}.get(event.foot, "")
    words = "" if again else name
    if foot and not name.lower().endswith(foot):
        words = f"{words} {foot}".strip()
    return tr("{move} turning {turn}", move=words or name, turn=turn) if turn else words or name
