"""The side panel of each stop. Each function fills a panel from the window's state."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction
from typing import TYPE_CHECKING

from PyQt6.QtWidgets import QHBoxLayout, QLabel, QPushButton, QWidget

from vamos.core.model.clip import ClipSound
from vamos.core.model.project import Project
from vamos.core.plan.clips import plan_clips
from vamos.core.plan.versions import versions_of
from vamos.ui.panels import cut as cut_panel
from vamos.ui.panels import dance as dance_panel
from vamos.ui.panels import film as film_panel
from vamos.ui.panels import song as song_panel
from vamos.ui.panels.base import Panel
from vamos.ui.panels.fields import combo

if TYPE_CHECKING:
    from vamos.ui.window import Window


def lesson(panel: Panel, window: Window) -> None:
    """How long teaching this will take, by the usual rule."""
    sections = window.session.project.dance.sections
    counts = sum(s.length for s in sections)
    if not counts:
        panel.head("No dance written yet")
        panel.say("The lesson is planned from the count sheet.")
        return
    eights = counts / 8
    panel.head("Length of the lesson")
    panel.fact("To learn", f"{counts} counts, {eights:g} eights")
    panel.fact("Teaching", f"about {round(eights)} min, usually {round(eights * 0.5)} to {round(eights * 1.2)}")
    panel.say("About a minute of teaching for each eight. Slow rungs: 50, 60, 75, then the song's own tempo.")
    panel.head("In this order")
    for number, section in enumerate(sections, 1):
        panel.fact(f"{number}. {section.name}", f"{section.length} counts")


def pack(panel: Panel, window: Window) -> None:
    """What students get."""
    project = window.session.project
    clips = plan_clips(project)
    if not clips:
        panel.head("Nothing to pack yet")
        panel.say("A pack needs a song with its beat and at least one placed take.")
        return
    output = project.output
    files = sum(len(versions_of(output, c, clips)) for c in clips)
    panel.head("What students get")
    panel.fact("Clips", f"{len(clips)}, written as {files} files")
    panel.fact("Also", "the run-through with chapters")
    panel.say("Speeds", "")
    panel.column.addWidget(_speeds(window))
    cut_panel.also_wanted(panel, window)
    row = QWidget()
    line = QHBoxLayout(row)
    line.setContentsMargins(0, 0, 0, 0)
    line.addWidget(QLabel("Sound"))
    sound = combo([str(s) for s in ClipSound], str(output.sound), "Sound of the clips")
    sound.activated.connect(
        lambda: window.session.do(
            "Sound of the clips", lambda p: replace(p, output=replace(p.output, sound=ClipSound(sound.currentText())))
        )
    )
    line.addWidget(sound, 1)
    panel.column.addWidget(row)
    panel.say(
        "The rights of the music are yours to clear. With “clicks” or “none”, clips carry the counts and no song."
    )
    panel.buttons(("Write the pack", window.hands.write_pack, "go"))
    if window.pack_words:
        panel.say(window.pack_words, "")


def _speeds(window: Window) -> QWidget:
    """A button for each speed, pressed when it is wanted."""
    row = QWidget()
    line = QHBoxLayout(row)
    line.setContentsMargins(0, 0, 0, 0)
    for percent in (100, 75, 60, 50, 25):
        speed = Fraction(percent, 100)
        button = QPushButton(f"{percent} %")
        button.setCheckable(True)
        button.setChecked(speed in window.session.project.output.speeds)
        button.setAccessibleName(f"Speed {percent} %")
        button.toggled.connect(lambda on, s=speed: window.session.do("Speeds", lambda p: with_speed(p, s, on)))
        line.addWidget(button)
    line.addStretch(1)
    return row


def with_speed(project: Project, speed: Fraction, on: bool) -> Project:
    """The project with a speed wanted or not; one speed always stays."""
    speeds = {*project.output.speeds, speed} if on else {*project.output.speeds} - {speed}
    kept = tuple(sorted(speeds or {Fraction(1)}, reverse=True))
    return replace(project, output=replace(project.output, speeds=kept))


FILL = {
    "Song": song_panel.fill,
    "Dance": dance_panel.fill,
    "Film": film_panel.fill,
    "Cut": cut_panel.fill,
    "Lesson": lesson,
    "Pack": pack,
}
