"""The actions of the stop Film: menu, key and what each is for; what they do are methods of its commands."""

from vamos.ui.parts.action import Action
from vamos.wording import words_of

tr = words_of(__name__)

ACTIONS = (
    Action("place_takes", tr("Place takes"), "Ctrl+P", "Film", tr("Find each take's place on the song by its sound.")),
    Action(
        "by_eye",
        tr("Match by eye"),
        "E",
        "Film",
        tr("See the take with its sound, and match a clap, a step or a count; press again to go back."),
    ),
    Action(
        "tap_counts",
        tr("Tap the counts"),
        "T",
        "Film",
        tr("While a take plays by eye: tap on each count."),
        at_once=True,
    ),
    Action("mark_front", tr("From here: front"), "Alt+F", "Film", tr("The take shows the front from this count on.")),
    Action("mark_back", tr("From here: back"), "Alt+B", "Film", tr("The take shows the back from this count on.")),
    Action(
        "mark_left", tr("From here: left side"), "Alt+L", "Film", tr("The take shows the left side from this count on.")
    ),
    Action(
        "mark_right", tr("From here: right side"), "Alt+R", "Film", tr("The take shows the right side from here on.")
    ),
    Action("mark_feet", tr("From here: feet"), "Alt+E", "Film", tr("The take shows the feet from this count on.")),
    Action(
        "mark_danced", tr("From here: swap sides"), "Alt+O", "Film", tr("Own sides, or opposite sides, from here on.")
    ),
    Action(
        "mark_mirror", tr("From here: in a mirror"), "", "Film", tr("Filmed in a studio mirror from here on, or not.")
    ),
    Action("mark_end", tr("End this mark here"), "Alt+Shift+X", "Film", tr("The current mark ends here.")),
    Action(
        "mark_spoken",
        tr("From here: sides called"),
        "Alt+S",
        "Film",
        tr("Whose right and left are called, or nobody’s."),
    ),
    Action(
        "mark_lettering",
        tr("From here: lettering"),
        "",
        "Film",
        tr("There is writing in the picture, or not; a flip turns it."),
    ),
    Action(
        "mark_trouble", tr("From here: trouble"), "Alt+X", "Film", tr("Trouble from here on, until all is well again.")
    ),
    Action("mark_well", tr("From here: all is well"), "Alt+W", "Film", tr("No trouble from this count on.")),
    Action(
        "split_take",
        tr("Split the take here"),
        "Alt+Shift+S",
        "Film",
        tr("From this moment on it is a take of its own."),
    ),
    Action(
        "look_for_movement", tr("Look for movement"), "", "Film", tr("Holds danced through, entries early or late.")
    ),
    Action("earlier_count", tr("Counted pass a count earlier"), "Alt+Left", "Film", tr("Its 1 is the count before.")),
    Action("later_count", tr("Counted pass a count later"), "Alt+Right", "Film", tr("Its 1 is the count after.")),
    Action(
        "earlier_line", tr("Counted pass a line earlier"), "Alt+Shift+Left", "Film", tr("It shows the line before.")
    ),
    Action("later_line", tr("Counted pass a line later"), "Alt+Shift+Right", "Film", tr("It shows the line after.")),
    Action(
        "write_leave_out",
        tr("Write what to leave out…"),
        "",
        "Film",
        tr("Trouble in the takes as a cut list, for those who edit on."),
    ),
    Action("write_shots", tr("Write what to film…"), "", "Film", tr("The list of what exists and what is missing.")),
)
