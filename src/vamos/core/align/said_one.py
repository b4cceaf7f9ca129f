"""Where the voices in the takes say "one" while the song plays: the 1 of the song's lines, by many witnesses."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from pathlib import Path

import numpy as np

from vamos.core.align import spoken
from vamos.core.dance.lines import Line, lines_of
from vamos.core.document.heard import Heard, heard_of
from vamos.core.media.sound import read_sound
from vamos.core.model.project import Project
from vamos.core.model.take import PassKind, Take
from vamos.core.progress import Progress, quiet
from vamos.errors import InputError, MediaError, MissingError
from vamos.wording import plural, words_of

tr = words_of(__name__)

#: A number this far from a whole count, in counts, belongs to none.
NEAR = 0.3
#: The winner needs this share of the votes, and so many more than the next. (Plain talk gives votes too, all over.)
MAJORITY, LEAD = 0.5, 4


@dataclass(frozen=True, slots=True)
class SaidOne:
    """Lines begin where "one" is said when the 1 moves later by ``shift`` counts (0: they do now).

    ``votes`` of ``heard`` numbers say so; ``takes`` are the names of those that were listened to, ``problems`` of those
    that could not be read.
    """

    shift: int
    votes: int
    heard: int
    takes: tuple[str, ...]
    problems: tuple[str, ...] = ()

    @property
    def known(self) -> bool:
        """Whether the votes agree; else nobody counts over the song, or not in English."""
        return self.votes > 0

    def words(self) -> str:
        """What was heard, in a sentence."""
        if not self.known:
            return tr(
                "In {words} no voice was understood that counts over the song; nothing was changed.",
                words=", ".join(self.takes),
            )
        votes = tr("({votes} of {heard} numbers)", votes=self.votes, heard=self.heard)
        if not self.shift:
            return tr("The voice says “one” where lines begin {votes}.", votes=votes)
        later = tr("later") if self.shift > 0 else tr("earlier")
        return tr(
            "The voice says “one” {counts} {later} than lines begin {votes}.",
            counts=plural(abs(self.shift), "count"),
            later=later,
            votes=votes,
        )


def said_one(project: Project, base: Path | None, progress: Progress | None = None) -> SaidOne:
    """Listen to every take in which the song plays; raises InputError without a beat, such takes or the recogniser."""
    progress = progress or quiet()
    grid = project.grid
    if grid is None:
        raise InputError(tr("There is no beat yet to compare a voice with. Add the song at Song first."))
    takes = [t for t in project.takes if any(p.kind is PassKind.SONG for p in t.passes)]
    if not takes:
        raise InputError(
            tr("No take is placed on the song yet, so there is no voice to listen to. Add takes at Film first.")
        )
    if not spoken.listens():
        raise InputError(
            tr(
                "Spoken numbers cannot be recognised here: pocketsphinx is not installed. Start Vamos by "
                "./run, or move the 1 by hand."
            )
        )
    lines, modulo = lines_of(grid, project.dance), min(8, grid.line)
    votes = np.zeros(modulo, dtype=int)
    problems = []
    for number, take in enumerate(takes):
        progress(number / len(takes), tr("Listening to {name}", name=take.name))
        try:
            for place, said in _numbers(take, heard_of(take, base), project, lines):
                votes[(place - said + 1) % modulo] += 1
        except (MissingError, MediaError) as error:
            problems.append(str(error))
    ranked = np.sort(votes)[::-1]
    total, shift = int(votes.sum()), int(np.argmax(votes))
    clear = total > 0 and ranked[0] >= MAJORITY * total and ranked[0] - ranked[1] >= LEAD
    names = tuple(t.name for t in takes)
    if not clear:
        return SaidOne(0, 0, total, names, tuple(problems))
    return SaidOne(shift if shift <= modulo // 2 else shift - modulo, int(ranked[0]), total, names, tuple(problems))


def _numbers(take: Take, heard: Heard, project: Project, lines: tuple[Line, ...]) -> Iterator[tuple[int, int]]:
    """(place in its line, number said) of what is said on a count while the song plays in a take."""
    grid = project.grid
    assert grid is not None
    to_count = grid.time_map().inverse()
    starts = np.array([float(line.start) for line in lines])
    said = spoken.numbers_in(read_sound(heard.path, spoken.RATE).mono())
    for number in said:
        take_s = heard.take_s(number.take_s)
        for the_pass in take.passes:
            if the_pass.kind is PassKind.SONG and the_pass.take_range.contains(take_s):
                position = float(to_count(float(the_pass.clock(take_s))))
                line = int(np.searchsorted(starts, position + NEAR, side="right")) - 1
                if line >= 0 and abs(position - round(position)) < NEAR:
                    yield round(position - starts[line]), number.number
