"""The actions of the stop Pack: menu, key and what each is for; what they do are methods of its commands."""

from vamos.ui.parts.action import Action
from vamos.wording import words_of

tr = words_of(__name__)

ACTIONS = (
    Action(
        "write_pack",
        tr("Write the pack"),
        "Ctrl+E",
        "Pack",
        tr("Write clips, run-through, chapters and the list of files, and check them."),
    ),
)
