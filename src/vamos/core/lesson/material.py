"""What a lesson teaches: each different section once, in the order in which it is danced, with where it comes."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from fractions import Fraction

from vamos.core.dance.facing import clock_text
from vamos.core.dance.facts import danced_lines, learned_sections
from vamos.core.dance.lines import Line, LineKind
from vamos.core.lesson.difficulty import Difficulty, difficulty
from vamos.core.model.dance import Dance, Kind, Section
from vamos.core.model.project import Project
from vamos.core.plan.pace import paces
from vamos.wording import words_of

tr = words_of(__name__)

#: The tempo of a dance that has no song yet, in counts a minute.
USUAL_BPM = 110.0


@dataclass(frozen=True, slots=True)
class Piece:
    """A section to learn: from which count of the material on, how hard, how often it comes; ``tag`` off the wall."""

    section: Section
    first: Fraction
    difficulty: Difficulty
    comes: int
    tag: bool = False
    song_s: float | None = None

    @property
    def id(self) -> str:
        return self.section.id


@dataclass(frozen=True, slots=True)
class Material:
    """All pieces: those of a wall, then tags and endings; ``bpm`` the song's tempo; ``pace`` that of the counted
    passes, as a share of it (None: there are none). ``restarts`` are the counts after which a wall begins again early;
    ``facings`` where each wall begins, as a clock time (empty where it is not sure).
    """

    pieces: tuple[Piece, ...]
    bpm: float
    walls: int
    pace: float | None = None
    restarts: tuple[int, ...] = ()
    facings: tuple[str, ...] = ()

    @property
    def wall(self) -> tuple[Piece, ...]:
        return tuple(p for p in self.pieces if not p.tag)

    @property
    def extra(self) -> tuple[Piece, ...]:
        return tuple(p for p in self.pieces if p.tag)

    @property
    def counts(self) -> int:
        return sum(p.section.length for p in self.pieces)

    @property
    def count_s(self) -> float:
        return 60 / self.bpm


def material_of(project: Project) -> Material:
    """What there is to learn of a project's dance."""
    dance, grid = project.dance, project.grid
    bpm = grid.bpm() if grid is not None else USUAL_BPM
    lines = danced_lines(dance, grid)
    comes: dict[str, int] = {}
    song_s: dict[str, float] = {}
    clock = grid.time_map() if grid is not None else None
    for line in lines:
        if line.section is not None and line.kind is not LineKind.HOLD:
            comes[line.section.id] = comes.get(line.section.id, 0) + 1
            if clock is not None:
                song_s.setdefault(line.section.id, float(clock(line.start)))
    wall = learned_sections(dance)
    others = [s for s in dance.sections if s not in wall and (s.id in comes or not lines)]
    pieces: list[Piece] = []
    known: frozenset[str] = frozenset()
    at = Fraction(0)
    for section, tag in [(s, False) for s in wall] + [(s, True) for s in others]:
        hard = difficulty(section, bpm, known, comes.get(section.id, 1))
        pieces.append(Piece(section, at, hard, comes.get(section.id, 0), tag, song_s.get(section.id)))
        known |= {e.short for e in section.events if e.short}
        at += section.length
    walls = len({x.item for x in lines if x.wall is not None})
    restarts = tuple(sorted({i.restart_after for i in dance.sequence if i.restart_after}))
    return Material(tuple(pieces), bpm, walls, _pace(project), restarts, _facings(lines))


def _facings(lines: Sequence[Line]) -> tuple[str, ...]:
    """Where each wall begins to face, in the order in which they are danced."""
    firsts: dict[int, Line] = {}
    for line in lines:
        if line.wall is not None:
            firsts.setdefault(line.wall, line)
    return tuple("" if x.heading is None else clock_text(x.heading) for _, x in sorted(firsts.items()))


def _pace(project: Project) -> float | None:
    """The middle pace of all lines of all counted passes."""
    if project.grid is None:
        return None
    lines = danced_lines(project.dance, project.grid)
    shares = sorted(x.share for t in project.takes for p in t.passes for x in paces(p, project.grid, lines))
    return shares[len(shares) // 2] if shares else None


def cautions(dance: Dance) -> tuple[str, ...]:
    """What asks for a warm-up or care, in words."""
    events = [e for s in dance.sections for e in s.events]
    found = []
    if any(e.kind is Kind.HOP for e in events):
        found.append(tr("jumps"))
    if any((abs(e.turn or 0) or e.size) >= 8 for e in events):
        found.append(tr("spins"))
    if any(word in e.name.lower() for e in events for word in ("floor", "kneel", "roll", "split")):
        found.append(tr("work on the floor"))
    found += list(dict.fromkeys(e.caution for e in events if e.caution))
    return tuple(found)
