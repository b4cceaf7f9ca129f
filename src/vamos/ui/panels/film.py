"""The side panel at Film: what to film next, the take under the eyes, all takes and their places."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from typing import TYPE_CHECKING

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QGridLayout, QHBoxLayout, QLabel, QWidget

from vamos.core.document import edits
from vamos.core.model.take import SOUND_M_PER_S, Danced, PassKind, Spoken, Take, View
from vamos.core.plan.shots import ShotList, State, shot_list
from vamos.core.time.counts import minutes_text
from vamos.ui.panels.base import Panel, key_of
from vamos.ui.panels.fields import combo, named_field, text_field

if TYPE_CHECKING:
    from vamos.ui.window import Window


def fill(panel: Panel, window: Window) -> None:
    """Takes, what they show, whether they are placed, what is missing."""
    project = window.session.project
    if not project.takes:
        panel.head("No takes yet")
        panel.say("Drop your phone's films on the window. They are never copied or changed.")
        panel.buttons(("Add song or takes…", window.hands.add_files, "go"))
        return
    waiting = [t for t in project.takes if not t.looked_for_passes]
    if waiting and project.song:
        panel.buttons((f"Place {len(waiting)} takes", window.hands.place_takes, "go"))
    found = shot_list(project)
    if found.to_film:
        panel.say(found.to_film[0], "warn")
    _here(panel, window)
    _shots(panel, window, found)
    _movement(panel, window)
    for take in project.takes:
        panel.head(take.name)
        panel.say(take_state(take))
        panel.column.addWidget(_seen(take, window))
        _places(panel, window, take)
    panel.buttons(("Add song or takes…", window.hands.add_files, ""))


def _here(panel: Panel, window: Window) -> None:
    """The take in the mirror, and keys that say what it shows from this count on."""
    at = window.watching.take_moment()
    if at is None:
        return
    take, take_s = at
    stretch = take.stretch_at(take_s)
    panel.head(f"{take.name}, from {minutes_text(take_s)} on")
    facts = [str(stretch.view), str(stretch.danced)]
    facts += ["in a mirror"] if stretch.in_mirror else []
    facts += ["already flipped"] if stretch.already_flipped else []
    facts += ["lettering in the picture"] if stretch.lettering else []
    facts += [f"the words mean {stretch.spoken}"] if stretch.spoken is not Spoken.NONE else []
    facts += [f"trouble: {stretch.trouble}"] if stretch.trouble else []
    panel.say(", ".join(facts) + ".", "")
    hands = window.hands
    panel.buttons(
        ("Front", hands.mark_front, ""),
        ("Back", hands.mark_back, ""),
        ("Left", hands.mark_left, ""),
        ("Right", hands.mark_right, ""),
        ("Feet", hands.mark_feet, ""),
    )
    panel.buttons(
        ("Other sides", hands.mark_danced, ""), ("Mirror", hands.mark_mirror, ""), ("Sides said", hands.mark_spoken, "")
    )
    panel.buttons(
        ("Trouble", hands.mark_trouble, ""),
        ("All is well", hands.mark_well, ""),
        ("Lettering", hands.mark_lettering, ""),
    )
    panel.buttons((f"Match by eye ({key_of('by_eye')})", hands.by_eye, ""))
    keys = (("mark_front", "front"), ("mark_back", "back"), ("mark_feet", "feet"), ("mark_trouble", "trouble"))
    panel.say(f"Keys: {', '.join(f'{key_of(n)} {w}' for n, w in keys)}. A mark holds until the next one.")


def _shots(panel: Panel, window: Window, found: ShotList) -> None:
    """Sections and views as a table: filmed, only with trouble, missing."""
    if not found.sections:
        return
    panel.head("What there is")
    box = QWidget()
    grid = QGridLayout(box)
    grid.setContentsMargins(0, 0, 0, 0)
    grid.setHorizontalSpacing(6)
    grid.setVerticalSpacing(3)
    for column, view in enumerate(found.views, 1):
        grid.addWidget(_small(str(view).removesuffix(" side")), 0, column)
    for row, name in enumerate(found.sections[:24], 1):
        grid.addWidget(_small(name, "soft"), row, 0)
        for column, view in enumerate(found.views, 1):
            shot = found.shot(name, view)
            text = {State.GOOD: f"{shot.passes} ✓", State.TROUBLE: f"{shot.passes} !", State.MISSING: "–"}[shot.state]
            cell = _small(text)
            cell.setToolTip(
                f"{name}, {view}: {shot.state}"
                + (f" ({shot.best})" if shot.best else "")
                + (f", {shot.why}" if shot.why else "")
            )
            cell.setAccessibleName(f"{name}, {view}: {shot.state}")
            grid.addWidget(cell, row, column)
    panel.column.addWidget(box)
    for sentence in found.to_film[1:6]:
        panel.say(sentence, "warn")
    panel.buttons(("Write the list…", window.hands.write_shots, ""))


def _movement(panel: Panel, window: Window) -> None:
    """What was noticed in the pictures: holds danced through, entries off their time."""
    takes = [t for t in window.session.project.takes if t.passes]
    if not takes:
        return
    panel.head("Movement")
    looked = [t for t in takes if t.seen is not None]
    if len(looked) < len(takes):
        panel.say("Vamos can look for holds that are danced through, and entries that are early or late.")
        panel.buttons(("Look for movement", window.hands.look_for_movement, ""))
    for take in looked:
        for seen in take.seen or ():
            panel.say(f"{take.name}, {minutes_text(seen.take_s)}: {seen.text}.", "warn")
    if looked and not any(t.seen for t in looked):
        panel.say("Every hold is still, and entries after holds are on time.", "")
    for take in looked:
        for number, p in enumerate(take.passes, 1):
            if p.still_s is not None:
                before, after = p.still_s
                panel.say(
                    f"{take.name}, pass {number}: still for {before:.1f} s before the dancing, {after:.1f} s after."
                )


def _small(text: str, role: str = "") -> QLabel:
    label = QLabel(text)
    label.setProperty("role", role)
    if not role:
        label.setAlignment(Qt.AlignmentFlag.AlignCenter)
    return label


def take_state(take: Take) -> str:
    """Where a take was placed, in words, and what lies between."""
    if not take.looked_for_passes:
        return "not placed yet"
    if not take.passes:
        return "not placed: neither the song nor steady counting was heard"
    words = []
    for p in take.passes:
        what = "with the song" if p.kind is PassKind.SONG else "counted aloud"
        if p.kind is PassKind.SONG and abs(p.rate - 1) > 0.01:
            what = f"with the song at {p.rate:.0%}"
        sure = f"{p.confidence:.0%} sure" + ("" if p.confidence >= 0.5 else ", please check")
        words.append(f"{minutes_text(p.take_range.start_s)}–{minutes_text(p.take_range.end_s)} {what}, {sure}")
    between = [f"{minutes_text(r.start_s)}–{minutes_text(r.end_s)}" for r in take.between_passes()]
    if between:
        words.append(f"no pass at {', '.join(between)}")
    trouble = [s.trouble for s in take.stretches if s.trouble]
    return "; ".join(words + [f"trouble: {t}" for t in trouble])


def _seen(take: Take, window: Window) -> QWidget:
    """Choices of what a take shows from its start."""
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


def _places(panel: Panel, window: Window, take: Take) -> None:
    """Other places that fit as well, placing by hand, the distance of the loudspeaker."""
    for number, p in enumerate(take.passes):
        if p.also_at_song_s:
            panel.say("The song repeats exactly. Where is this pass? Look at the places side by side, or say", "")
            panel.buttons(("Look at them", _look_at(window, take.name, number), "go"))
        for other, at in enumerate(p.also_at_song_s):
            panel.buttons((f"at {minutes_text(max(0.0, at))} of the song", _other(window, take.name, number, other), ""))
    if take.looked_for_passes and not any(p.kind is PassKind.SONG for p in take.passes):
        field = text_field(
            "", f"Second of {take.name} that is this count", _by_hand(window, take.name), "second, e.g. 12.40"
        )
        panel.say("Place it by hand: a clap or a step matched by eye is enough. Or type its second.")
        panel.buttons(("Match by eye", _slate(window, take.name), "go"))
        panel.column.addWidget(named_field("This count is", field))
    if any(p.kind is PassKind.SONG for p in take.passes):
        value = f"{take.speaker_m:g}" if take.speaker_m else ""
        field = text_field(
            value, f"Metres to the loudspeaker of {take.name}", _speaker(window, take.name), "metres; not corrected"
        )
        field.setToolTip(
            f"Sound takes {1000 / SOUND_M_PER_S:.1f} ms a metre; the picture is then moved earlier by as much."
        )
        panel.column.addWidget(named_field("Loudspeaker", field))


def _other(window: Window, take: str, number: int, other: int) -> Callable[[], object]:
    return lambda: window.session.do("The other place", lambda p: edits.use_other_place(p, take, number, other))


def _look_at(window: Window, take: str, number: int) -> Callable[[], object]:
    return lambda: window.hands.compare_places(take, number)


def _by_hand(window: Window, take: str) -> Callable[[str], object]:
    return lambda text: window.hands.place_by_hand(take, text)


def _slate(window: Window, take: str) -> Callable[[], object]:
    return lambda: window.show_slate(take, 0.0)


def _speaker(window: Window, take: str) -> Callable[[str], object]:
    return lambda text: window.hands.set_speaker(take, text)
