"""Where a sheet says that one faces at a restart or a tag, beside where the turns lead."""

from __future__ import annotations

from collections.abc import Iterable, Iterator

from vamos.core.dance.facing import clock_text
from vamos.core.dance.lines import LineKind, even_pulse, heading_after, lines_of
from vamos.core.dance.remarks import Added, Cut
from vamos.core.model.dance import Dance
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


def otherwise_faced(dance: Dance, said: Iterable[Cut | Added]) -> Iterator[tuple[int, str]]:
    """The line of the sheet, from 0, and what is told of it, where its restart or tag comes facing another wall."""
    faced = [one for one in said if one.facing is not None and one.line >= 0 and len(one.walls) == 1]
    if not faced:
        return
    try:
        lines = [line for line in lines_of(even_pulse(dance), dance) if line.kind is LineKind.DANCE]
    except InputError:
        return
    for one in faced:
        wall = [line for line in lines if line.wall == one.walls[0]]
        found = heading_after(wall[-1]) if wall else None
        # “Restart on wall 5 (facing 12:00)” may say how that wall begins as well.
        begins = wall[0].heading if wall else None
        if found is not None and one.facing is not None and one.facing not in (found, begins):
            yield one.line, told_of(one.facing, found)


def told_of(said: int, found: int) -> str:
    return tr("the sheet faces {said} here, the turns lead to {found}", said=clock_text(said), found=clock_text(found))
