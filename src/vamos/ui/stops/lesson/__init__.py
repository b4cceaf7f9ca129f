"""Lesson: how long the dance takes to teach, and in which order it is learnt."""

from vamos.ui.page.layout import Bands
from vamos.ui.stops.lesson.commands import ACTIONS
from vamos.ui.stops.lesson.panel import LessonRoom
from vamos.ui.stops.stop import Stop

LESSON = Stop("Lesson", LessonRoom, ACTIONS, Bands(wave=0, words=44), wide=True, shares=(5, 8))
