"""Lesson: how long the dance takes to teach, and in which order it is learnt."""

from vamos.ui.page.layout import Bands
from vamos.ui.stops.lesson.actions import ACTIONS
from vamos.ui.stops.stop import Stop, room_of

LESSON = Stop(
    "Lesson",
    room_of("lesson", "LessonRoom"),
    ACTIONS,
    Bands(wave=0, words=44),
    wide=True,
    shares=(5, 8),
)
