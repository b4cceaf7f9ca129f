"""The minutes of a lesson as a bar against the wanted length: what is said, what is danced, what is over."""

from __future__ import annotations

from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QColor, QPainter, QPaintEvent, QPalette
from PyQt6.QtWidgets import QWidget

from vamos.core.lesson.plan import LessonPlan
from vamos.language import tr
from vamos.ui.parts.theme import font


class MinutesBar(QWidget):
    """Talking is light, dancing dark, in the order of the steps; a mark stands at the wanted length."""

    def __init__(self, plan: LessonPlan):
        super().__init__()
        self.setFixedHeight(46)
        self._plan = plan
        self.show_plan(plan)

    def show_plan(self, plan: LessonPlan) -> None:
        self._plan = plan
        wanted = tr(", wanted {minutes:g}", minutes=plan.wish.minutes) if plan.wish.minutes else ""
        self.setAccessibleName(tr("Length: {number:.1f} minutes{wanted}", number=plan.seconds / 60, wanted=wanted))
        self.update()

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        plan, count_s = self._plan, self._plan.material.count_s
        wanted = (plan.wish.minutes or 0) * 60
        whole = max(plan.seconds, wanted, 1.0)
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        ink = self.palette().color(QPalette.ColorRole.WindowText)
        accent = self.palette().color(QPalette.ColorRole.Highlight)
        light = QColor(ink)
        light.setAlpha(60)
        wide, at = float(self.width() - 2), 0.0
        for step in plan.steps:
            for seconds, colour in (
                (0.0 if step.left_out else step.talk_s, light),
                (0.0 if step.left_out else step.danced_s(count_s), ink),
            ):
                painter.fillRect(QRectF(1 + wide * at / whole, 4, max(0.5, wide * seconds / whole - 0.6), 16), colour)
                at += seconds
        painter.setPen(ink)
        painter.setFont(font(8.5))
        minutes = 1
        step_min = 5 if whole > 20 * 60 else 2 if whole > 8 * 60 else 1
        while minutes * 60 <= whole:
            if minutes % step_min == 0:
                x = 1 + wide * minutes * 60 / whole
                painter.drawText(QRectF(x - 20, 24, 40, 16), Qt.AlignmentFlag.AlignCenter, f"{minutes}")
            minutes += 1
        if wanted:
            x = 1 + wide * wanted / whole
            painter.fillRect(QRectF(min(x, wide) - 1.5, 0, 3, 24), accent)
        painter.end()
