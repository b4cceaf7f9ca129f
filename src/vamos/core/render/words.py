"""What is said where on the song: numbers from lines, cues from events, what comes next."""

from __future__ import annotations

from bisect import bisect_right
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from fractions import Fraction
from math import ceil, floor

from vamos.core.dance.calls import calls_of, ticks
from vamos.core.dance.facing import clock_text
from vamos.core.dance.lines import Line, heading_at
from vamos.core.dance.short_words import shortened
from vamos.core.dance.who import in_lane, lanes_in, roles_in
from vamos.core.model.clip import Clip
from vamos.core.model.dance import Event, Foot, Kind
from vamos.core.model.look import CountIn, Numbering
from vamos.core.render.count_in import Lead, lead_of
from vamos.core.time import count_text
from vamos.core.time.counts import subdivision_name
from vamos.wording import words_of

tr = words_of(__name__)

#: How far ahead the next cue is shown, in counts.
CUE_AHEAD = Fraction(2)
#: How far back to where the music goes on after a stop it is counted, in beats.
COUNTED_BACK = 4


@dataclass(frozen=True, slots=True)
class Now:
    """What is danced at a position, in words; the foot where everybody moves the same one; whether all hold."""

    words: str = ""
    foot: Foot = Foot.NONE
    touch: bool = False
    hold: bool = False
    lyric: str = ""


class _Track:
    """Events of one role or lane in their order, on the song."""

    def __init__(self, events: list[tuple[Fraction, Event]]):
        self._events, self._starts = events, [at for at, _ in events]

    def at(self, position: Fraction) -> Event | None:
        """The event in force."""
        index = bisect_right(self._starts, position) - 1
        if index < 0:
            return None
        at, event = self._events[index]
        return event if position < at + max(event.length, Fraction(1, 4)) else None

    def after(self, position: Fraction) -> tuple[Fraction, Event] | None:
        """The next event that has words."""
        return next((pair for pair in self._events[bisect_right(self._starts, position) :] if pair[1].short), None)


def _together(events: Mapping[str, Event | None]) -> str:
    """What roles do: once where it is the same, else each by its name, with its foot where feet differ."""
    feet = {e.foot for e in events.values() if e is not None and e.foot is not Foot.NONE}
    texts = {role: _said(event, len(feet) > 1) for role, event in events.items()}
    if len(set(texts.values())) == 1:
        return next(iter(texts.values()))
    return " · ".join(f"{role} {text}" for role, text in texts.items() if text)


def _said(event: Event | None, with_foot: bool) -> str:
    if event is None:
        return ""
    return " ".join(filter(None, (event.short, str(event.foot) if with_foot else "")))


class Words:
    """Answers for positions on the song; ``first`` is where a clip begins that has numbers of its own.

    ``names`` are short words, by what they stand for.
    """

    def __init__(self, lines: Sequence[Line], names: Mapping[str, str] | None = None):
        self._lines = sorted(lines, key=lambda line: line.start)
        self._starts = [line.start for line in self._lines]
        found = [(at, shortened(event, names or {})) for line in self._lines for at, event in line.events()]
        self._events: list[tuple[Fraction, Event]] = sorted(found, key=lambda pair: pair[0])
        self._event_starts = [at for at, _ in self._events]
        self._calls = calls_of(self._lines)
        self._stops = [stop for line in self._lines for stop in line.stops]
        everyone = [e for _, e in self._events]
        #: What each role dances, with what all do; and what arms, hands and eyes do beside it.
        self._roles = {r: self._of(("", r)) for r in roles_in(everyone)} or {"": self._of(("",))}
        self._lanes = {r: self._of((r,)) for r in lanes_in(everyone)}

    def line_at(self, position: Fraction) -> Line | None:
        index = bisect_right(self._starts, position) - 1
        return self._lines[index] if index >= 0 else None

    def number_at(
        self, position: Fraction, numbering: Numbering = Numbering.SHEET, first: Fraction = Fraction(0)
    ) -> str:
        """The count said at (or last before) a position."""
        if numbering is Numbering.LOCAL:
            return str(floor(position - first) % 8 + 1) if position >= first else ""
        line = self.line_at(position)
        start = line.start if line is not None else (self._starts[0] if self._starts else Fraction(0))
        if line is None:
            return str((floor(position - start) % 8) + 1)
        count = floor(position - line.start + line.first)
        if numbering is Numbering.SETS and count % 8 == 0:
            return str(self._eight(line, count))
        if numbering is Numbering.HALF:
            return str(count // 2 % 8 + 1)
        if numbering in (Numbering.EIGHTS, Numbering.SETS):
            return str(count % 8 + 1)
        return count_text(Fraction(count))

    def _eight(self, line: Line, count: int) -> int:
        """The number of the eight in its wall (without a dance: in the song)."""
        index = self._lines.index(line)
        before = 0
        for other in reversed(self._lines[:index]):
            if other.kind is not line.kind or other.item != line.item or other.wall != line.wall:
                break
            before += ceil(other.length / 8)
        return before + count // 8 + 1

    def beside_at(self, position: Fraction, numbering: Numbering, first: Fraction) -> str:
        """The sheet's number where a clip has numbers of its own and they differ."""
        if numbering is not Numbering.LOCAL or position < first:
            return ""
        usual = self.number_at(position)
        return f"({usual})" if usual != self.number_at(position, numbering, first) else ""

    def part_at(self, position: Fraction, numbering: Numbering = Numbering.SHEET) -> str:
        """The subdivision in force: ``&`` once an event on it has begun, until the next count.

        In half-time counting every second count is an ``&``.
        """
        line = self.line_at(position)
        if line is not None and numbering is Numbering.HALF:
            return "&" if floor(position - line.start + line.first) % 2 else ""
        index = bisect_right(self._event_starts, position) - 1
        if line is None or index < 0:
            return ""
        start = self._event_starts[index]
        if floor(start) != floor(position):
            return ""
        return subdivision_name(start - floor(start), line.feel)

    def _of(self, roles: tuple[str, ...]) -> _Track:
        return _Track([(at, e) for at, e in self._events if e.role in roles])

    def now_at(self, position: Fraction) -> Now:
        """What is danced at a position; of roles that differ, what each does."""
        now = {role: track.at(position) for role, track in self._roles.items()}
        events = [e for e in now.values() if e is not None]
        lanes = [in_lane(e) for track in self._lanes.values() if (e := track.at(position)) is not None]
        words = ", ".join(w for w in (_together(now), *lanes) if w)
        if not events:
            return Now(words)
        one = len({e.foot for e in events}) == 1 and len(events) == len(now)
        return Now(
            words,
            events[0].foot if one else Foot.NONE,
            one and all(e.kind is Kind.TOUCH for e in events),
            all(e.kind is Kind.HOLD for e in events) and len(events) == len(now),
            next((e.lyric for e in events if e.lyric), ""),
        )

    def ahead_at(self, position: Fraction) -> str:
        """What is next within ``CUE_AHEAD`` counts, in words."""
        following = {role: track.after(position) for role, track in self._roles.items()}
        soon = {r: f for r, f in following.items() if f is not None and f[0] - position <= CUE_AHEAD}
        if not soon:
            return ""
        first = min(at for at, _ in soon.values())
        words = _together({r: soon[r][1] if r in soon and soon[r][0] == first else None for r in self._roles})
        return tr("next: {name}", name=words) if words else ""

    def call_at(self, position: Fraction, until: Fraction, ahead: int = 8) -> str:
        """What comes within so many counts and before ``until``: the music after a stop, a tag, a hold, a restart, …"""
        for stop in self._stops:
            if stop.position - 1 < position < stop.again <= until and stop.beats_left(position) <= COUNTED_BACK:
                return tr("music in {beats}", beats=ceil(stop.beats_left(position)))
        for at, name in self._calls:
            if 0 < at - position <= ahead and at < until:
                return tr("{name} in {counts}", name=name, counts=ceil(at - position))
        return ""

    def place_at(self, position: Fraction) -> str:
        """Section and wall."""
        line = self.line_at(position)
        if line is None:
            return ""
        wall = tr("wall {wall}", wall=line.wall) if line.wall is not None else ""
        return ", ".join(w for w in (line.title, wall) if w)

    def facing_at(self, position: Fraction) -> str:
        """Where the dancer faces, as a clock time; ``?`` where a turn before is unknown, empty off the dance."""
        line = self.line_at(position)
        if line is None or line.section is None:
            return ""
        heading = heading_at(line, position - line.start)
        return "?" if heading is None else clock_text(heading)

    def lead(self, style: CountIn, clip: Clip) -> Lead | None:
        """The count-in of a clip in a style."""
        return lead_of(style, clip, self._lines)

    def row_at(
        self, position: Fraction, numbering: Numbering, first: Fraction = Fraction(0)
    ) -> tuple[tuple[str, ...], int]:
        """The numbers of the eight a position lies in, and which of them it is."""
        if numbering is Numbering.LOCAL:
            return tuple("12345678"), max(0, floor(position - first)) % 8
        line = self.line_at(position)
        if line is None:
            return (), -1
        count = floor(position - line.start)
        one = count // 8 * 8
        # After the last line counts go on.
        end = min(one + 8, max(ceil(line.length), count + 1))
        return tuple(self.number_at(line.start + k, numbering) for k in range(one, end)), count - one

    def changes(self, start: Fraction, end: Fraction) -> list[Fraction]:
        """Positions in [start, end) at which something written changes."""
        marks = {start} | {Fraction(k) for k in range(ceil(start), ceil(end))} | set(self._starts)
        for line in self._lines:
            marks |= {line.start + k for k in range(ceil(line.length))}
        marks |= {at for at, _ in ticks(self._lines, start, end)}
        for at, event in self._events:
            marks |= {at, at + max(event.length, Fraction(1, 4)), at - CUE_AHEAD}
        return sorted(m for m in marks if start <= m < end)
