"""What does this take show? Its pictures, and an answer by a press or by a digit."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from functools import partial

from PyQt6.QtCore import QSize, Qt
from PyQt6.QtGui import QImage, QKeyEvent, QPixmap
from PyQt6.QtWidgets import QFrame, QHBoxLayout, QLabel, QVBoxLayout, QWidget

from vamos.core.model.take import View
from vamos.ui.parts.buttons import Button
from vamos.ui.parts.flow import FlowLayout
from vamos.ui.parts.text import label
from vamos.wording import words_of

tr = words_of(__name__)

#: The answers in the order of their digits; names of views in English, as ``tr`` takes them.
ANSWERS = (View.FRONT, View.BACK, View.LEFT, View.RIGHT, View.FEET)
#: Pictures of a take, at these shares of it, and how large.
MOMENTS = (0.25, 0.5, 0.75)
_SIZE = QSize(96, 72)


def answer_words(view: View) -> str:
    """A view as an answer with its digit."""
    words = {
        View.FRONT: tr("Front"),
        View.BACK: tr("Back"),
        View.LEFT: tr("Left"),
        View.RIGHT: tr("Right"),
        View.FEET: tr("Feet"),
    }
    return f"{ANSWERS.index(view) + 1} {words[view]}"


class ViewQuestion(QFrame):
    """A card with the focus on it takes the digits 1 to 5; the next card then has the focus."""

    def __init__(self, name: str, now: View, pictures: Sequence[QImage | None], say: Callable[[View], object]):
        super().__init__()
        self.say = say
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setProperty("role", "card")
        down = QVBoxLayout(self)
        down.setContentsMargins(10, 7, 8, 7)
        down.addWidget(label(name, "strong", wrap=True))
        across = QHBoxLayout()
        across.setSpacing(6)
        self.pictures = [QLabel() for _ in MOMENTS]
        for picture in self.pictures:
            picture.setAlignment(Qt.AlignmentFlag.AlignCenter)
            across.addWidget(picture)
        across.addStretch(1)
        down.addLayout(across)
        answers = QWidget()
        answers.setObjectName("answers")
        line = FlowLayout(answers, 5)
        self.buttons: dict[View, Button] = {}
        for view in ANSWERS:
            words = answer_words(view)
            button = Button(words, partial(self.answer, view), "tight")
            button.setCheckable(True)
            button.setAccessibleName(tr("{name} shows: {view}", name=name, view=words.split(" ", 1)[1]))
            line.addWidget(button)
            self.buttons[view] = button
        down.addWidget(answers)
        self._name = name
        self.show_as(now, pictures, say)

    def show_as(self, now: View, pictures: Sequence[QImage | None], say: Callable[[View], object]) -> None:
        self.say = say
        self.setAccessibleName(
            tr("What does {name} show? {answers}", name=self._name, answers=", ".join(map(answer_words, ANSWERS)))
        )
        for view, button in self.buttons.items():
            button.setChecked(view is now)
        for shown, image in zip(self.pictures, pictures, strict=True):
            shown.setVisible(image is not None)
            if image is not None and shown.pixmap().isNull():
                size = QSize(_SIZE)
                smooth = Qt.TransformationMode.SmoothTransformation
                shown.setPixmap(QPixmap.fromImage(image).scaled(size, Qt.AspectRatioMode.KeepAspectRatio, smooth))

    def answer(self, view: View) -> None:
        """Say it; the hands go on with the next question."""
        following = self.nextInFocusChain()
        while following is not None and following is not self and not isinstance(following, ViewQuestion):
            following = following.nextInFocusChain()
        if following is not None:
            following.setFocus(Qt.FocusReason.TabFocusReason)
        self.say(view)

    def uses_key(self, key: int) -> bool:
        return Qt.Key.Key_1 <= key < Qt.Key.Key_1 + len(ANSWERS)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event is not None and self.uses_key(event.key()) and not event.modifiers():
            self.answer(ANSWERS[event.key() - Qt.Key.Key_1])
        else:
            super().keyPressEvent(event)
