"""The actions of the stop Lesson: menu, key and what each is for; what they do are methods of its commands."""

from vamos.ui.parts.action import Action
from vamos.wording import words_of

tr = words_of(__name__)

ACTIONS = (
    Action("more", tr("Once more"), "+", "Lesson", tr("The step is danced once more.")),
    Action("fewer", tr("Once less"), "-", "Lesson", tr("The step is danced once less.")),
    Action("slower", tr("Slower"), "", "Lesson", tr("The step at the next slower speed; ← on the picture.")),
    Action("quicker", tr("Quicker"), "", "Lesson", tr("The step at the next quicker speed; → on the picture.")),
    Action("up", tr("Earlier"), "Alt+Up", "Lesson", tr("The step one place earlier in the lesson.")),
    Action("down", tr("Later"), "Alt+Down", "Lesson", tr("The step one place later in the lesson.")),
    Action("leave_out", tr("Leave out"), "Del", "Lesson", tr("The lesson does without this step.")),
    Action("as_suggested", tr("As suggested"), "", "Lesson", tr("The step as Vamos suggests it.")),
    Action("play_step", tr("Play the step"), "", "Lesson", tr("As students will get it; P on the picture.")),
    Action("show_it", tr("Show it at Cut"), "", "Lesson", tr("The clip of the step; Return on the picture.")),
    Action("write_plan", tr("Write the plan…"), "", "Lesson", tr("As PDF or Markdown, with what to say.")),
    Action("write_film", tr("Write the film of the lesson…"), "", "Lesson", tr("All steps in one film, with a voice.")),
    Action("write_homework", tr("Write homework loops…"), "", "Lesson", tr("A loop of each section to practise with.")),
    Action("write_film_list", tr("Write the list of what to film…"), "", "Lesson", tr("By view, the hardest first.")),
    Action("write_log", tr("Write the practice log…"), "", "Lesson", tr("What was filmed, and how it was.")),
)
