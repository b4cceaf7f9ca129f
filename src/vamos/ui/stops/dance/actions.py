"""The actions of the stop Dance: menu, key and what each is for; what they do are methods of its commands."""

from vamos.ui.parts.action import Action
from vamos.wording import words_of

tr = words_of(__name__)

#: So many answers have a key.
OFFER_KEYS = 6

ACTIONS = (
    Action(
        "new_section", tr("New section"), "Ctrl+Return", "Dance", tr("An empty section behind the one of this line.")
    ),
    Action("write_count", tr("Write on this count"), "F2", "Dance", tr("Type what is danced here; Tab goes on.")),
    Action(
        "variant",
        tr("See it easier, harder, as written"),
        "E",
        "Dance",
        tr("Show the next variant on the page; after the last, none."),
    ),
    *(
        Action(
            f"offer_{k}",
            tr("Take answer {k}", k=k),
            f"Alt+{k}",
            "Dance",
            tr("What could be meant on this count, see the side."),
        )
        for k in range(1, OFFER_KEYS + 1)
    ),
    Action(
        "wall_map",
        tr("Wall map"),
        "W",
        "Dance",
        tr("See the whole sequence as a picture; press again to go back to the page."),
    ),
    Action(
        "paste_sheet",
        tr("Paste a sheet…"),
        "Ctrl+V",
        "Dance",
        tr("A sheet from the clipboard: see what is understood, answer what is open, take it in."),
    ),
    Action(
        "read_sheet", tr("Read a sheet…"), "", "Dance", tr("Take the dance from a CSV, JSON, Markdown or text file.")
    ),
    Action(
        "write_sheet",
        tr("Write the sheet…"),
        "",
        "Dance",
        tr("Write PDF, Markdown, CSV or JSON, or the wall map as SVG."),
    ),
)
