"""Colours, type and style sheet: a rehearsal room in daylight, and the same room in the evening."""

from __future__ import annotations

from dataclasses import dataclass
from importlib import resources

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QColor, QFont, QFontDatabase, QGuiApplication, QPalette
from PyQt6.QtWidgets import QApplication, QToolTip, QWidget


@dataclass(frozen=True, slots=True)
class Theme:
    """Named colours; text on paper and floor has a contrast of at least 4.5 : 1, edges of fields and handles 3 : 1
    (WCAG 2.2, 1.4.3 and 1.4.11), in both variants.
    """

    name: str
    paper: str
    floor: str
    line: str
    edge: str
    ink: str
    soft: str
    tape: str
    accent: str
    on_accent: str
    #: Around what has the focus: 3 : 1 against the ink border it replaces; and around what is filled with the accent.
    focus: str
    focus_on_accent: str
    right: str
    left: str
    warn: str
    good: str
    wave: str
    wave_low: str


DAY = Theme(
    "day",
    "#FBF8F1",
    "#F3EDE2",
    "#DDD2BD",
    "#8C8067",
    "#1B2233",
    "#596173",
    "#D9C49C",
    "#C93D25",
    "#FFFFFF",
    "#C93D25",
    "#1B2233",
    "#E9A300",
    "#3E48B8",
    "#F9E3DC",
    "#2F6B4F",
    "#B59A67",
    "#6B5632",
)
EVENING = Theme(
    "evening",
    "#1D212B",
    "#262B37",
    "#3B4252",
    "#747E93",
    "#F3EFE6",
    "#AEB4C0",
    "#6D5F45",
    "#F07A5E",
    "#1B1410",
    "#DB5334",
    "#1D212B",
    "#F2B53C",
    "#8E97F2",
    "#47302C",
    "#8CCBA8",
    "#8F7C57",
    "#D1B67F",
)

FAMILY = "Manrope"


def load_fonts() -> None:
    """Register the shipped fonts."""
    for weight in ("Regular", "SemiBold", "Bold", "ExtraBold"):
        path = resources.files("vamos") / "fonts" / f"Manrope-{weight}.ttf"
        QFontDatabase.addApplicationFontFromData(path.read_bytes())


def font(size: float, weight: int = 500) -> QFont:
    """Manrope in points, with digits of equal width."""
    face = QFont(FAMILY)
    face.setPointSizeF(size)
    face.setWeight(QFont.Weight(weight))
    face.setFeature(QFont.Tag(b"tnum"), 1)
    return face


def of_desktop() -> Theme:
    """The light that the desktop has; day where it does not say."""
    hints = QGuiApplication.styleHints()
    dark = hints is not None and hints.colorScheme() is Qt.ColorScheme.Dark
    return EVENING if dark else DAY


def apply(app: QApplication, theme: Theme) -> None:
    """Give the application this look, whatever the desktop says, and all its windows."""
    # Each of these dresses every widget anew: once is enough for what no light changes.
    first = not app.property(_SHEET)
    if first:
        app.setStyle("Fusion")
        app.setStyleSheet("QToolTip { border: none; padding: 5px; }")
    palette = QPalette()
    roles = QPalette.ColorRole
    for role, colour in (
        (roles.Window, theme.paper),
        (roles.Base, theme.paper),
        (roles.AlternateBase, theme.floor),
        (roles.Text, theme.ink),
        (roles.WindowText, theme.ink),
        (roles.Button, theme.floor),
        (roles.ButtonText, theme.ink),
        (roles.Highlight, theme.accent),
        (roles.HighlightedText, theme.on_accent),
        (roles.ToolTipBase, theme.ink),
        (roles.ToolTipText, theme.paper),
        (roles.PlaceholderText, theme.soft),
        # For what is painted: quiet words, and marks of what is not done yet.
        (roles.Dark, theme.soft),
        (roles.Mid, theme.tape),
    ):
        palette.setColor(role, QColor(colour))
    app.setPalette(palette)
    if first:
        app.setFont(font(10))
    QToolTip.setPalette(palette)
    app.setProperty(_SHEET, _sheet(theme))
    # A window's sheet is changed in a third of the time of the application's: that would begin with a style of its own.
    for window in app.topLevelWidgets():
        if window.parent() is None and window.property(_SHEET):
            dress(window)


#: The property under which the sheet of now is kept, and by which windows are known that wear it.
_SHEET = "sheet"


def dress(window: QWidget) -> None:
    """Give a window the look of now; what opens from it wears it, too."""
    app = QApplication.instance()
    window.setProperty(_SHEET, True)
    window.setStyleSheet(app.property(_SHEET) if app is not None else "")


def _sheet(t: Theme) -> str:
    return f"""
    QWidget {{ background: {t.paper}; color: {t.ink}; font-family: {FAMILY}; }}
    QLabel {{ background: transparent; }}
    QLabel[role="soft"] {{ color: {t.soft}; }}
    QLabel[role="head"] {{ font-weight: 700; font-size: 11pt; }}
    QLabel[role="strong"] {{ font-weight: 700; }}
    QLabel[role="on-problem"] {{ font-weight: 500; }}
    QLabel[role="title"] {{ font-weight: 800; font-size: 19pt; }}
    QLabel[role="warn"] {{ background: {t.warn}; padding: 8px 10px; border-left: 4px solid {t.accent}; }}
    QPushButton {{ background: {t.paper}; border: 2px solid {t.ink}; padding: 6px 11px; font-weight: 600; }}
    QPushButton:hover {{ background: {t.floor}; }}
    QPushButton:checked, QPushButton[role="main"] {{ background: {t.ink}; color: {t.paper}; }}
    QPushButton[role="tight"] {{ padding: 4px 6px; }}
    QPushButton[role="head"] {{ border: none; border-top: 2px solid {t.line}; background: transparent;
        padding: 9px 0 2px 0; text-align: left; font-weight: 700; font-size: 11pt; }}
    QPushButton[role="head"]:hover {{ color: {t.accent}; }}
    QPushButton[role="head"]:focus {{ border-top: 2px solid {t.accent}; color: {t.accent}; }}
    QPushButton[role="go"] {{ background: {t.accent}; color: {t.on_accent}; border-color: {t.accent}; }}
    QPushButton[role="go"]:focus {{ border-color: {t.focus_on_accent}; }}
    QPushButton[role="problem"] {{ background: {t.warn}; border: none; border-left: 4px solid {t.accent};
        padding: 7px 10px; font-weight: 500; text-align: left; }}
    QPushButton[role="problem"]:focus {{ border: 2px solid {t.accent}; }}
    QPushButton[role="profile"], QPushButton[role="profile"]:checked {{ background: {t.floor}; color: {t.ink};
        border: 2px solid {t.floor}; border-left: 4px solid {t.tape}; padding: 0; text-align: left; }}
    QPushButton[role="profile"]:hover {{ border-color: {t.tape}; }}
    QPushButton[role="profile"]:checked {{ border-color: {t.ink}; border-left: 4px solid {t.accent}; }}
    QPushButton[role="profile"]:focus {{ border-color: {t.focus}; }}
    QPushButton:disabled {{ color: {t.soft}; border-color: {t.line}; background: {t.floor}; }}
    QPushButton:focus, QCheckBox:focus, QListWidget:focus {{ outline: none; border-color: {t.focus}; }}
    QFrame[role="card"] {{ background: {t.floor}; border-left: 4px solid {t.tape}; }}
    QFrame[role="card-now"] {{ background: {t.floor}; border: 2px solid {t.ink}; border-left: 4px solid {t.accent}; }}
    QFrame[role="card"]:focus, QFrame[role="card-now"]:focus {{ border: 2px solid {t.focus}; }}
    QFrame[role="card"] QWidget#answers {{ background: transparent; }}
    QLabel[role="card-head"] {{ font-weight: 700; }}
    QCheckBox {{ background: transparent; border: 2px solid transparent; padding: 2px; }}
    QCheckBox::indicator {{ width: 16px; height: 16px; border: 2px solid {t.ink}; background: {t.paper}; }}
    QCheckBox::indicator:checked {{ background: {t.ink}; }}
    QComboBox {{ border: 2px solid {t.edge}; padding: 4px 8px; background: {t.paper}; }}
    QComboBox::drop-down {{ border: none; width: 22px; }}
    QComboBox::down-arrow {{ width: 0; height: 0; margin-right: 6px; border-left: 5px solid {t.paper};
        border-right: 5px solid {t.paper}; border-top: 6px solid {t.ink}; }}
    QComboBox[role="word"], QLineEdit[role="word"] {{ border: none; border-bottom: 2px solid {t.edge};
        padding: 1px 3px; background: transparent; font-weight: 600; }}
    QComboBox[role="word"]:hover, QLineEdit[role="word"]:hover {{ background: {t.floor}; }}
    QComboBox[role="word"]:focus, QLineEdit[role="word"]:focus {{ border: 2px solid {t.ink}; padding: 0 1px; }}
    QComboBox[role="word"]::drop-down {{ width: 16px; }}
    QComboBox[role="word"]::down-arrow {{ margin-right: 3px; }}
    QComboBox QAbstractItemView {{ background: {t.paper}; color: {t.ink}; selection-background-color: {t.ink};
        selection-color: {t.paper}; border: 2px solid {t.ink}; }}
    QLineEdit, QPlainTextEdit, QSpinBox {{ border: 2px solid {t.edge}; padding: 5px 8px; background: {t.paper}; }}
    QComboBox:focus, QLineEdit:focus, QPlainTextEdit:focus, QSpinBox:focus, QTableWidget:focus
        {{ outline: none; border-color: {t.ink}; }}
    QScrollArea, QListWidget {{ border: none; }}
    QTableWidget {{ border: 2px solid {t.edge}; background: {t.paper}; selection-background-color: {t.floor};
        selection-color: {t.ink}; }}
    QTableWidget::item {{ padding: 2px 6px; border: none; }}
    QTableWidget::item:selected {{ background: {t.tape}; color: {t.ink}; }}
    QHeaderView::section {{ background: {t.paper}; color: {t.soft}; border: none; border-bottom: 2px solid {t.line};
        padding: 4px 6px; font-weight: 600; }}
    QWidget#status {{ border-top: 2px solid {t.ink}; }}
    QSplitter::handle {{ background: {t.line}; }}
    QSplitter::handle:hover {{ background: {t.edge}; }}
    QScrollBar:vertical {{ background: {t.floor}; width: 12px; }}
    QScrollBar::handle:vertical {{ background: {t.edge}; min-height: 36px; }}
    QScrollBar::add-line, QScrollBar::sub-line {{ height: 0; }}
    QScrollBar::add-page, QScrollBar::sub-page {{ background: {t.floor}; }}
    QProgressBar {{ border: none; background: {t.floor}; height: 8px; text-align: center; }}
    QProgressBar::chunk {{ background: {t.accent}; }}
    QMenuBar {{ background: {t.paper}; }}
    QMenuBar::item {{ padding: 4px 10px; background: transparent; }}
    QMenuBar::item:selected {{ background: {t.ink}; color: {t.paper}; }}
    QMenu {{ background: {t.paper}; border: 2px solid {t.ink}; }}
    QMenu::item {{ padding: 6px 26px 6px 16px; }}
    QMenu::item:selected {{ background: {t.ink}; color: {t.paper}; }}
    """
