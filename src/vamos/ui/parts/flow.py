"""Widgets side by side; those that do not fit go on below."""

from __future__ import annotations

from PyQt6.QtCore import QPoint, QRect, QSize, Qt
from PyQt6.QtWidgets import QLayout, QLayoutItem, QWidget


class FlowLayout(QLayout):
    """Rows as wide as there is room for, so that long words never make a window wider than its screen."""

    def __init__(self, parent: QWidget, gap: int = 6):
        super().__init__(parent)
        self._items: list[QLayoutItem] = []
        self._gap = gap
        self.setContentsMargins(0, 2, 0, 2)

    def addItem(self, item: QLayoutItem | None) -> None:
        if item is not None:
            self._items.append(item)

    def count(self) -> int:
        return len(self._items)

    def itemAt(self, index: int) -> QLayoutItem | None:
        return self._items[index] if 0 <= index < len(self._items) else None

    def takeAt(self, index: int) -> QLayoutItem | None:
        return self._items.pop(index) if 0 <= index < len(self._items) else None

    def expandingDirections(self) -> Qt.Orientation:
        return Qt.Orientation(0)

    def hasHeightForWidth(self) -> bool:
        return True

    def heightForWidth(self, width: int) -> int:
        return self._placed(QRect(0, 0, width, 0), move=False)

    def setGeometry(self, rect: QRect) -> None:
        super().setGeometry(rect)
        self._placed(rect, move=True)

    def sizeHint(self) -> QSize:
        wide = sum(i.sizeHint().width() for i in self._shown()) + self._gap * max(0, len(self._shown()) - 1)
        return self._with_margins(QSize(wide, max((i.sizeHint().height() for i in self._shown()), default=0)))

    def minimumSize(self) -> QSize:
        """As wide as the widest of them."""
        size = QSize()
        for item in self._shown():
            size = size.expandedTo(item.minimumSize())
        return self._with_margins(size)

    def _shown(self) -> list[QLayoutItem]:
        return [i for i in self._items if not i.isEmpty()]

    def _with_margins(self, size: QSize) -> QSize:
        edges = self.contentsMargins()
        return size + QSize(edges.left() + edges.right(), edges.top() + edges.bottom())

    def _placed(self, rect: QRect, move: bool) -> int:
        """The height it takes in this width; ``move`` puts the widgets there."""
        edges = self.contentsMargins()
        inside = rect.adjusted(edges.left(), edges.top(), -edges.right(), -edges.bottom())
        x, y, row = inside.x(), inside.y(), 0
        for item in self._shown():
            size = item.sizeHint().boundedTo(QSize(max(inside.width(), item.minimumSize().width()), 10_000))
            if row and x + size.width() > inside.right() + 1:
                x, y, row = inside.x(), y + row + self._gap, 0
            if move:
                item.setGeometry(QRect(QPoint(x, y), size))
            x += size.width() + self._gap
            row = max(row, size.height())
        return y + row - rect.y() + edges.bottom()
