"""The side panel of each stop. Each function fills a panel from the window's state."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from fractions import Fraction
from typing import TYPE_CHECKING

from PyQt6.QtWidgets import QHBoxLayout, QLabel, QPushButton, QWidget

from vamos.core.dance.lines import LineKind
from vamos.core.document import edits
from vamos.core.model.clip import Sound
from vamos.core.model.project import Project
from vamos.core.model.take import Danced, PassKind, Take, View
from vamos.core.pack.chapters import clock
from vamos.core.plan.clips import plan_clips
from vamos.ui.panels import dance as dance_panel
from vamos.ui.panels import song as song_panel
from vamos.ui.panels.base import Panel
from vamos.ui.panels.fields import combo

if TYPE_CHECKING:
    from vamos.ui.window import Window


def film(panel: Panel, window: Window) -> None:
    """Takes, what they show, whether they are placed."""
    project = window.session.project
    if not project.takes:
        panel.head("No takes yet")
        panel.say("Drop your phone's films on the window. They are never copied or changed.")
        panel.buttons(("Add song or takes…", window.hands.add_files, "go"))
        return
    waiting = [t for t in project.takes if not t.looked_for_passes]
    if waiting and project.song:
        panel.buttons((f"Place {len(waiting)} takes", window.hands.place_takes, "go"))
    for take in project.takes:
        panel.head(take.name)
        panel.say(take_state(take))
        panel.column.addWidget(_seen(take, window))
    panel.buttons(("Add song or takes…", window.hands.add_files, ""))


def take_state(take: Take) -> str:
    """Where a take was placed, in words."""
    if not take.looked_for_passes:
        return "not placed yet"
    if not take.passes:
        return "not placed: neither the song nor steady counting was heard"
    words = []
    for p in take.passes:
        what = "with the song" if p.kind is PassKind.SONG else "counted aloud"
        sure = f"{p.confidence:.0%} sure" + ("" if p.confidence >= 0.5 else ", please check")
        words.append(f"{clock(p.take_range.start_s)}–{clock(p.take_range.end_s)} {what}, {sure}")
    trouble = [s.trouble for s in take.stretches if s.trouble]
    return "; ".join(words + [f"trouble: {t}" for t in trouble])


def _seen(take: Take, window: Window) -> QWidget:
    """Choices of what a take shows."""
    row = QWidget()
    line = QHBoxLayout(row)
    line.setContentsMargins(0, 0, 0, 0)
    stretch = take.stretches[0]
    view = combo([str(v) for v in View], str(stretch.view), f"View of {take.name}")
    danced = combo([str(d) for d in Danced], str(stretch.danced), f"Sides danced in {take.name}")

    def changed() -> None:
        new = replace(stretch, view=View(view.currentText()), danced=Danced(danced.currentText()))
        window.session.do(f"What {take.name} shows", lambda p: edits.set_stretch(p, take.name, new))

    view.activated.connect(changed)
    danced.activated.connect(changed)
    line.addWidget(view)
    line.addWidget(danced, 1)
    return row


def cut(panel: Panel, window: Window) -> None:
    """The clip of this line in this view, why it is so, what else there is."""
    clip = window.current_clip()
    if clip is None:
        panel.head("Nothing to cut here")
        line = window.current_line()
        if line is not None and line.kind in (LineKind.LEAD_IN, LineKind.AFTER):
            panel.say("This line is not danced. Go to a line of the dance.")
        else:
            panel.say("No take shows this line in this view. Press V for another view, or film it.")
        return
    panel.head(f"{clip.title}, {clip.view}")
    panel.fact(
        "Shown", f"{float(clip.shown.length):g} counts: run-up {float(clip.run_up):g}, run-out {float(clip.run_out):g}"
    )
    panel.fact("Label", clip.label)
    for reason in clip.reasons[:2]:
        panel.say(reason[0].upper() + reason[1:] + ".", "")
    for problem in clip.problems:
        panel.say(problem[0].upper() + problem[1:] + ".", "warn")
    if clip.alternatives:
        panel.head("Or take")
        for name, number in clip.alternatives[:4]:
            panel.buttons((f"{name}, pass {number + 1}", _chooser(window, clip.key, name, number), ""))
    if window.session.project.choice(clip.key) is not None:
        panel.buttons(
            (
                "Let Vamos decide again",
                lambda: window.session.do("Decide again", lambda p: edits.forget_choice(p, clip.key)),
                "",
            )
        )


def _chooser(window: Window, key: str, take: str, number: int) -> Callable[[], object]:
    return lambda: window.hands.choose_pass(key, take, number)


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
    files = len(clips) * len(output.speeds)
    panel.head("What students get")
    panel.fact("Clips", f"{len(clips)} in {len(output.speeds)} speeds, {files} files")
    panel.fact("Also", "the run-through with chapters")
    panel.say("Speeds", "")
    panel.column.addWidget(_speeds(window))
    row = QWidget()
    line = QHBoxLayout(row)
    line.setContentsMargins(0, 0, 0, 0)
    line.addWidget(QLabel("Sound"))
    sound = combo([str(s) for s in Sound], str(output.sound), "Sound of the clips")
    sound.activated.connect(
        lambda: window.session.do(
            "Sound of the clips", lambda p: replace(p, output=replace(p.output, sound=Sound(sound.currentText())))
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
    for percent in (100, 75, 60, 50):
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


FILL = {"Song": song_panel.fill, "Dance": dance_panel.fill, "Film": film, "Cut": cut, "Lesson": lesson, "Pack": pack}
