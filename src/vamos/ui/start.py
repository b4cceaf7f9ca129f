"""The empty page: three things to do, and the demo."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget


class StartPage(QWidget):
    """OverlayState while there is no song."""

    def __init__(self, add_files: Callable[[], object], demo: Callable[[], object], open_file: Callable[[], object]):
        super().__init__()
        column = QVBoxLayout(self)
        column.setContentsMargins(150, 70, 80, 40)
        column.setSpacing(18)
        title = QLabel("From a song and phone films to clips your students can follow")
        title.setProperty("role", "title")
        title.setWordWrap(True)
        column.addWidget(title)
        for number, head, text in (
            ("1", "Drop the song here", "wav, flac, ogg, mp3 or m4a. Vamos finds the beat and the eights."),
            (
                "2",
                "Drop your takes here",
                "mp4, mov, mkv or webm from the phone. They are placed on the song by their sound.",
            ),
            (
                "3",
                "Look, then write the pack",
                "Clips per eight: mirrored, back view, slowed, with the counts over the picture.",
            ),
        ):
            row = QHBoxLayout()
            big = QLabel(number)
            big.setProperty("role", "title")
            big.setFixedWidth(44)
            words = QLabel(f"<b>{head}</b><br>{text}")
            words.setWordWrap(True)
            row.addWidget(big, alignment=Qt.AlignmentFlag.AlignTop)
            row.addWidget(words, 1)
            column.addLayout(row)
        line = QHBoxLayout()
        for text, run, role in (
            ("Choose files…", add_files, "go"),
            ("Try the demo", demo, ""),
            ("Open a project…", open_file, ""),
        ):
            button = QPushButton(text)
            if role:
                button.setProperty("role", role)
            button.clicked.connect(lambda _c=False, r=run: r())
            line.addWidget(button)
        line.addStretch(1)
        column.addLayout(line)
        note = QLabel(
            "Warm up, clear the floor, and dance within what a teacher or a physician says is good for you. "
            "The rights of the music you use are yours to clear."
        )
        note.setProperty("role", "soft")
        note.setWordWrap(True)
        column.addWidget(note)
        column.addStretch(1)
