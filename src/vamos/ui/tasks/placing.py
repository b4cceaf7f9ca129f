"""Finding each take's place on the song."""

from __future__ import annotations

from typing import TYPE_CHECKING

from vamos.ui.desk import Desk
from vamos.ui.parts.text import plural
from vamos.wording import words_of

if TYPE_CHECKING:
    from vamos.core.silent import Places

tr = words_of(__name__)


def place_waiting(desk: Desk) -> None:
    """Place every take that was not looked at yet, beside the window."""
    from vamos.core.edit.takes import place_takes
    from vamos.core.make import find_places

    project, base = desk.project, desk.session.base
    if project.song is None:
        desk.tell(tr("Add the song first; takes are placed on it."))
        return
    if not any(not t.looked_for_passes for t in project.takes):
        desk.tell(tr("All takes were looked at already."))
        return

    def placed(result: tuple[Places, tuple[str, ...]]) -> None:
        found, problems = result
        number = sum(bool(passes) for passes in found.values())
        words = " ".join([tr("{takes} placed.", takes=plural(number, "take")), *problems])
        if not desk.do(tr("Place takes"), lambda p: place_takes(p, found), words) and problems:
            desk.tell(" ".join(problems))

    desk.run(tr("Placing takes"), lambda progress: find_places(project, base, progress), placed)
