"""The actions of the stop Cut: menu, key and what each is for; what they do are methods of its commands."""

from vamos.ui.parts.action import Action
from vamos.wording import words_of

tr = words_of(__name__)

ACTIONS = (
    Action("edge_start", tr("The clip begins here"), "[", "Cut", tr("From the count you stand on, run-up and all.")),
    Action("edge_end", tr("The clip ends here"), "]", "Cut", tr("Up to the count you stand on.")),
    Action("start_earlier", tr("Begin a frame earlier"), "Ctrl+[", "Cut", tr("One frame earlier."), repeats=True),
    Action("start_later", tr("Begin a frame later"), "Ctrl+]", "Cut", tr("One frame later."), repeats=True),
    Action("end_earlier", tr("End a frame earlier"), "Alt+[", "Cut", tr("One frame earlier."), repeats=True),
    Action("end_later", tr("End a frame later"), "Alt+]", "Cut", tr("One frame later."), repeats=True),
    Action("flip", tr("Mirrored or as filmed"), "M", "Cut", tr("Flip this clip's picture, or take the flip back.")),
    Action("other_pass", tr("Another pass"), "Alt+A", "Cut", tr("Use the next pass for this clip.")),
    Action(
        "compare",
        tr("Passes side by side"),
        "C",
        "Cut",
        tr("Watch the passes of this clip side by side; press again to go back."),
    ),
    Action(
        "leave_out", tr("Leave this clip out"), "", "Cut", tr("It is not written; the panel offers to take it back.")
    ),
    Action(
        "looked",
        tr("I looked, it is right"),
        "Alt+R",
        "Cut",
        tr("This clip counts as right until something about it changes."),
    ),
    Action("next_problem", tr("Next clip to check"), "Alt+N", "Cut", tr("Go to the next clip to check.")),
)
