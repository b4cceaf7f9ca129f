"""The stop Lesson: the length of the lesson by the usual rule, and its sections in order."""

from __future__ import annotations

from vamos.ui.desk import Desk
from vamos.ui.frame.route import StopState
from vamos.ui.parts.panel import Panel
from vamos.ui.parts.text import plural
from vamos.ui.stops.stop import MainAction, Room

#: Minutes of teaching an eight takes: usual, and the range (common practice, no source).
MINUTES, LEAST, MOST = 1.0, 0.5, 1.2


class LessonRoom(Room):
    """How long teaching this will take."""

    def __init__(self, desk: Desk):
        super().__init__(desk)

    def _eights(self) -> float:
        return sum(s.length for s in self.desk.project.dance.sections) / 8

    def state(self) -> StopState:
        eights = self._eights()
        return StopState(f"about {round(eights * MINUTES)} min to teach" if eights else "no sheet yet", False)

    def main_action(self) -> MainAction | None:
        if not self.desk.project.dance.sections:
            return MainAction("Write the dance", lambda: self.desk.go_to_stop("Dance"))
        return MainAction("On to the pack", lambda: self.desk.go_to_stop("Pack"))

    def fill(self, panel: Panel) -> None:
        eights = self._eights()
        if not eights:
            panel.plain_head("No dance written yet")
            panel.say("The lesson is planned from the count sheet.")
            return
        panel.plain_head("Length of the lesson")
        panel.fact("To learn", f"{plural(round(eights * 8), 'count')}, {eights:g} eights")
        least, most = round(eights * LEAST), round(eights * MOST)
        panel.fact("Teaching", f"about {round(eights * MINUTES)} min, usually {least} to {most}")
        panel.say("About a minute of teaching for each eight. Slow rungs: 50, 60, 75, then the song's own tempo.")
        panel.say("Warm up first, and dance within what a teacher or a physician says is good for you.")

    def fill_beside(self, panel: Panel) -> None:
        sections = self.desk.project.dance.sections
        if sections:
            panel.plain_head("In this order")
        for number, section in enumerate(sections, 1):
            panel.fact(f"{number}. {section.name}", plural(section.length, "count"))
