"""A pack shown on the phones in the room: a code to be photographed, and who can see what."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PyQt6.QtCore import QRectF, QSize
from PyQt6.QtGui import QColor, QPainter, QPaintEvent
from PyQt6.QtWidgets import QSizePolicy, QWidget

from vamos.core.pack.serve import Served, who_sees_it
from vamos.errors import VamosError
from vamos.ui.desk import Desk
from vamos.ui.parts.panel import Panel
from vamos.ui.work.scope import DocumentScope, OfDocument
from vamos.wording import words_of

tr = words_of(__name__)

#: Pixels of a side of the code.
_SIDE = 210


class PhoneCode(QWidget):
    """A QR code, dark on white by day and by night: cameras want it so."""

    def __init__(self, code: list[list[bool]], address: str):
        super().__init__()
        self.code: list[list[bool]] = []
        self.setSizePolicy(QSizePolicy.Policy.Fixed, QSizePolicy.Policy.Fixed)
        self.show_code(code, address)

    def show_code(self, code: list[list[bool]], address: str) -> None:
        self.code = code
        self.setAccessibleName(tr("Code with the address {address}", address=address))
        self.update()

    def sizeHint(self) -> QSize:
        return QSize(_SIDE, _SIDE)

    def paintEvent(self, event: QPaintEvent | None) -> None:
        painter = QPainter(self)
        painter.fillRect(self.rect(), QColor("#FFFFFF"))
        # Whole pixels a square, so that the edges are sharp.
        side = max(1, _SIDE // len(self.code))
        edge = (_SIDE - side * len(self.code)) / 2
        for y, row in enumerate(self.code):
            for x, dark in enumerate(row):
                if dark:
                    painter.fillRect(QRectF(edge + x * side, edge + y * side, side, side), QColor("#000000"))


class OnPhones:
    """Serves the pack that was written, until it is stopped, or another document or the end of the window comes."""

    served = OfDocument[Served | None](lambda: None)

    def __init__(self, desk: Desk):
        self._desk = desk

    @property
    def scope(self) -> DocumentScope:
        return self._desk.scope

    def begin(self, folder: Path) -> None:
        self.close()
        try:
            self.served = Served(folder)
        except VamosError as error:
            self._desk.tell(str(error))
            return
        self.scope.at_end(self, self.close)
        self._desk.tell(tr("Phones in the same network can open {address} now.", address=self.served.address))
        self._desk.stale.emit()

    def stop(self) -> None:
        self.close()
        self._desk.tell(tr("Nobody can reach the pack any more."))
        self._desk.stale.emit()

    def close(self) -> None:
        if self.served is not None:
            self.served.close()
            self.served = None

    def fill(self, panel: Panel, folder: Callable[[], Path]) -> None:
        """What stands at Pack: the button, or the code and how to end it."""
        served = self.served
        if served is None:
            panel.buttons((tr("Show it on phones in the room"), lambda: self.begin(folder()), ""), key="phones")
            return
        code = served.code()
        panel.say(tr("Photograph this with the phone:"), "strong", key="photograph")
        panel.custom(
            "phone code",
            "",
            lambda: PhoneCode(code, served.address),
            lambda widget: widget.show_code(code, served.address),
        )
        panel.say(who_sees_it(served.address), key="who")
        panel.buttons((tr("Stop showing it"), self.stop, ""), key="phones")
