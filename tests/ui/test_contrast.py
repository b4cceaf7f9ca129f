"""Contrast of what is painted, in both lights: words 4.5, edges of fields and handles 3, focus seen.

Relative luminance and contrast after WCAG 2.2 (1.4.3, 1.4.11, 2.4.7), from the pixels of the window at three times its
size, so that thin strokes reach their colour.
"""

import numpy as np
from PyQt6.QtCore import QPoint, Qt
from PyQt6.QtGui import QImage
from PyQt6.QtWidgets import (
    QComboBox,
    QLabel,
    QLineEdit,
    QMenu,
    QPlainTextEdit,
    QScrollBar,
    QSpinBox,
    QTableWidget,
    QWidget,
)

from tests.ui.qt import StopCase
from vamos.ui.parts import theme
from vamos.ui.parts.buttons import Button, Card, Check
from vamos.ui.stops import STOPS

SCALE = 3
TEXT, EDGE = 4.5, 3.0
FIELDS = (QLineEdit, QComboBox, QSpinBox, QPlainTextEdit, QTableWidget)


def luminance(pixels: np.ndarray) -> np.ndarray:
    """Relative luminance of ``(…, 3)`` sRGB bytes."""
    share = pixels.astype(float) / 255
    linear = np.where(share <= 0.04045, share / 12.92, ((share + 0.055) / 1.055) ** 2.4)
    return linear @ np.array([0.2126, 0.7152, 0.0722])


def contrast(one: np.ndarray, other: np.ndarray) -> np.ndarray:
    a, b = luminance(one), luminance(other)
    return (np.maximum(a, b) + 0.05) / (np.minimum(a, b) + 0.05)


def best_on_ground(pixels: np.ndarray) -> float:
    """The best contrast of any colour with the one that most pixels have."""
    packed = pixels.reshape(-1, 3).astype(np.int32) @ np.array([65536, 256, 1])
    codes, many = np.unique(packed, return_counts=True)
    colours = np.stack([codes >> 16, (codes >> 8) & 255, codes & 255], axis=1)
    return float(contrast(colours, colours[np.argmax(many)]).max())


class ContrastTest(StopCase):
    STOP = "Song"

    def painted(self, widget: QWidget) -> np.ndarray:
        """Pixels of a widget as it is painted with all below it, ``(height, width, 3)``."""
        image = QImage(widget.width() * SCALE, widget.height() * SCALE, QImage.Format.Format_RGB888)
        image.setDevicePixelRatio(SCALE)
        widget.render(image, QPoint())
        raw = np.frombuffer(image.constBits().asstring(image.sizeInBytes()), np.uint8)
        rows = raw.reshape(image.height(), image.bytesPerLine())[:, : image.width() * 3]
        return rows.reshape(image.height(), image.width(), 3)

    def part(self, whole: np.ndarray, widget: QWidget, margin: int = 0) -> np.ndarray:
        """The pixels of a widget within those of the window."""
        at = widget.mapTo(self.window, QPoint(0, 0))
        x, y = (at.x() - margin) * SCALE, (at.y() - margin) * SCALE
        w, h = (widget.width() + 2 * margin) * SCALE, (widget.height() + 2 * margin) * SCALE
        return whole[max(0, y) : y + h, max(0, x) : x + w]

    def in_sight(self, widget: QWidget) -> bool:
        seen = widget.visibleRegion().boundingRect()
        return widget.isVisible() and seen == widget.rect() and widget.width() > 8

    def both_lights(self, paint: bool = True):
        for _ in range(2):
            for stop in STOPS:
                self.window.go_to_stop(stop.name)
                self.settle()
                with self.subTest(light=self.window.theme.name, stop=stop.name):
                    yield self.painted(self.window) if paint else None
            self.key(Qt.Key.Key_F9)
        self.assertEqual(self.window.theme.name, "day")

    def test_words_edges_and_handles(self):
        words = edges = 0
        for whole in self.both_lights():
            words += self.words_of(whole)
            edges += self.edges_of(whole)
        self.assertGreater(words, 100)
        self.assertGreater(edges, 40)

    def words_of(self, whole: np.ndarray) -> int:
        seen = 0
        for widget in self.window.findChildren(QLabel) + self.window.findChildren(Button):
            words = widget.text() if not isinstance(widget, QLabel) or widget.pixmap().isNull() else ""
            if not words.strip() or not self.in_sight(widget) or not widget.isEnabled():
                continue
            self.assertGreaterEqual(best_on_ground(self.part(whole, widget)), TEXT, words)
            seen += 1
        return seen

    def edges_of(self, whole: np.ndarray) -> int:
        seen = 0
        for widget in self.window.findChildren(QWidget):
            if not self.in_sight(widget) or not isinstance(widget, (*FIELDS, QScrollBar, Check)):
                continue
            if isinstance(widget, QScrollBar):
                if widget.orientation() is Qt.Orientation.Horizontal or widget.maximum() == 0:
                    continue
                best = best_on_ground(self.part(whole, widget))
            else:
                pixels = self.part(whole, widget, margin=2)
                # Along a line through its middle: what is outside, then the edge.
                row = pixels[pixels.shape[0] // 2, : 12 * SCALE]
                best = float(contrast(row, row[0]).max())
            self.assertGreaterEqual(best, EDGE, (type(widget).__name__, widget.accessibleName()))
            seen += 1
        return seen

    def test_focus_is_seen(self):
        """Something around it changes by at least 3 : 1 when a button, card, check box or field has the focus."""
        kinds: dict[tuple[str, str, str], float] = {}
        for _ in self.both_lights(paint=False):
            root: list[QWidget] = [*self.panels(), self.window.status]
            for widget in (w for r in root for w in r.findChildren(QWidget)):
                kind = (self.window.theme.name, type(widget).__name__, str(widget.property("role")))
                if kind in kinds or not isinstance(widget, (Button, Card, Check, *FIELDS)) or not self.in_sight(widget):
                    continue
                if not widget.isEnabled() or widget.focusPolicy() == Qt.FocusPolicy.NoFocus:
                    continue
                self.window.setFocus()
                self.app.processEvents()
                without = self.painted(widget)
                widget.setFocus()
                self.app.processEvents()
                kinds[kind] = float(contrast(self.painted(widget), without).max())
        self.assertEqual({kind: best for kind, best in kinds.items() if best < EDGE}, {})
        self.assertGreater(len(kinds), 14)


class OpenedLaterTest(StopCase):
    STOP = "Pack"

    def test_what_opens_from_the_window_wears_the_light_of_now(self):
        """The page of keys, a menu and the list of a choice: their ground is the paper of the light that is on."""
        for light in (theme.EVENING, theme.DAY):
            self.window.toggle_theme()
            self.window.show_keys()
            page = self.window.keys_page
            menu = next(m for m in self.window.menuBar().findChildren(QMenu) if m.actions())
            choice = next(c for c in self.window.findChildren(QComboBox) if c.isVisible() and c.count())
            choice.showPopup()
            for shown in (page, menu, choice.view()):
                shown.show()
                self.app.processEvents()
                image = shown.grab().toImage()
                # Beside the words, within the border.
                at = image.pixelColor(image.width() - 6, image.height() - 8)
                with self.subTest(light.name, kind=type(shown).__name__):
                    self.assertEqual(at.name(), light.paper.lower())
            choice.hidePopup()
            menu.hide()
            page.close()
        self.assertNotIn(theme.DAY.paper, self.app.styleSheet(), "the application's own sheet knows no light")
