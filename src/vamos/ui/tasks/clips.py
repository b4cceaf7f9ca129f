"""What is done with the clip under the eyes from more than one place."""

from __future__ import annotations

from vamos.core.edit.clips import choose
from vamos.core.model.clip import Choice
from vamos.ui.desk import Desk
from vamos.wording import words_of

tr = words_of(__name__)


def flip_clip(desk: Desk) -> None:
    """The clip on show is mirrored, or as filmed again."""
    clip = desk.clip()
    if clip is None:
        desk.tell(tr("There is no clip here to flip; go to a line of the dance that was filmed."))
        return
    words = tr("as filmed") if clip.flip else tr("mirrored")
    desk.do(
        tr("Mirrored or as filmed"),
        lambda p: choose(p, Choice(clip.key, flip=not clip.flip)),
        tr("{title}, {view}: {words} now", title=clip.title, view=clip.view, words=words),
    )
