"""The actions of the stop Pack: menu, key and what each is for; what they do are methods of its commands."""

from vamos.language import tr
from vamos.ui.parts.action import Action

ACTIONS = (
    Action(
        "write_pack",
        tr("Write the pack"),
        "Ctrl+E",
        "Pack",
        tr("Write clips, run-through, chapters and manifest, and check them."),
    ),
)
