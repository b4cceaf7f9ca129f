"""The side panel at Dance: the section of this line, this count, the sequence, problems, the card."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from fractions import Fraction
from math import floor
from typing import TYPE_CHECKING

from PyQt6.QtWidgets import QLabel, QPushButton

from vamos.core.dance import writing
from vamos.core.dance.card import LEVELS, card_of
from vamos.core.dance.checks import problems_of
from vamos.core.dance.facing import clock_text, turn_text
from vamos.core.dance.facts import DanceFacts, facts_of
from vamos.core.dance.lines import Line
from vamos.core.dance.sequence import print_sequence
from vamos.core.model.dance import Event, Foot, Section
from vamos.core.model.project import Project
from vamos.core.time import Feel, count_text
from vamos.ui.panels.base import Panel
from vamos.ui.panels.fields import NotationField, combo, count_field, named_field, row_of, text_field

if TYPE_CHECKING:
    from vamos.ui.window import Window


def fill(panel: Panel, window: Window) -> None:
    """Write the counts, and see what follows from them."""
    project = window.session.project
    if not project.dance.sections:
        panel.head("No dance written yet")
        panel.say("Write the counts of the first section, or read a sheet (CSV, JSON, Markdown).")
        panel.buttons(("Write the first section", window.hands.new_section, "go"))
        panel.buttons(("Read a sheet…", window.hands.read_sheet, ""))
        panel.say("Without a sheet, every eight of the song becomes a clip.")
        return
    line = window.current_line()
    if line is not None and line.section is not None:
        _section(panel, window, line.section)
        _count(panel, window, line)
    else:
        panel.head("This line is not danced")
        panel.say("Go to a line of the dance to write on it.")
    panel.buttons(("New section", window.hands.new_section, ""), ("Write the sheet…", window.hands.write_sheet, ""))
    _sequence(panel, window)
    _problems(panel, window)
    _facts(panel, window)
    _card(panel, window)


def _do(window: Window, words: str, edit: Callable[[Project], Project]) -> None:
    window.session.do(words, edit)


def _section(panel: Panel, window: Window, section: Section) -> None:
    name = section.name
    panel.head("Section")
    title = text_field(
        name, "Name of the section", lambda t: _do(window, "Name", lambda p: writing.rename_section(p, name, t))
    )
    length = count_field(
        section.length,
        writing.LONGEST,
        "Counts of the section",
        lambda n: _do(window, "Length", lambda p: writing.set_section(p, name, n)),
    )
    feel = combo([str(f) for f in Feel], str(section.feel), "Feel of the section")
    feel.textActivated.connect(lambda t: _do(window, "Feel", lambda p: writing.set_section(p, name, feel=Feel(t))))
    panel.column.addWidget(row_of(title, length, "counts", feel))
    dance = window.session.project.dance
    field = NotationField(
        writing.notation_of(section, dance), section.feel, writing.own_steps(dance), "Notation of the section"
    )
    hint = QLabel("")
    hint.setWordWrap(True)
    hint.setProperty("role", "soft")
    hint.setAccessibleName("What is suggested, or cannot be read")
    field.suggested.connect(lambda offer: hint.setText(f"Tab: {offer}" if offer else ""))
    # The words stay in the field until they can be read; nothing typed is lost.
    field.written.connect(lambda t: _trouble(hint, window.hands.write_section(name, t)))
    panel.column.addWidget(field)
    panel.column.addWidget(hint)
    panel.buttons(
        ("Again", lambda: _do(window, "Again", lambda p: writing.copy_section(p, name)), ""),
        (
            "Again mirrored",
            lambda: _do(window, "Again, mirrored", lambda p: writing.copy_section(p, name, mirrored=True)),
            "",
        ),
    )
    panel.buttons(
        ("Mirror", lambda: _do(window, "Mirror", lambda p: writing.mirror_section(p, name)), ""),
        ("Take away", lambda: _do(window, "Take a section away", lambda p: writing.remove_section(p, name)), ""),
    )
    if section.events:
        _keep_step(panel, window, section)


def _keep_step(panel: Panel, window: Window, section: Section) -> None:
    """Keep the moves of a section as a step of the teacher's own."""
    keep = text_field(
        "",
        "Keep as a step",
        lambda t: _do(window, "Keep a step", lambda p: writing.learn_step(p, section.name, 0, section.length, t)),
        "name of a step of your own",
    )
    panel.column.addWidget(named_field("Keep as a step", keep))
    known = [step.name for step in window.session.project.dance.steps]
    if known:
        panel.say(f"Your own: {', '.join(known)}.")


def _trouble(label: QLabel, words: str) -> None:
    """Say what cannot be read, the place marked under it."""
    if words:
        label.setText(words.split("\n")[0])


def _count(panel: Panel, window: Window, line: Line) -> None:
    """What is known of the count the page stands on."""
    assert line.section is not None
    section = line.section
    at = window.page.position - line.start + line.first
    here = [e for e in section.events if floor(e.start) == floor(at)]
    panel.head(f"Count {floor(at) + 1}")
    if not here:
        panel.say("Nothing is written here. F2 writes on this count, Tab goes on to the next.")
        return
    for event in here:
        words = [event.name or str(event.kind)]
        if event.foot is not Foot.NONE:
            words.append(str(event.foot))
        if event.turn:
            words.append(turn_text(event.turn))
        panel.say(f"{count_text(event.start, section.feel)}: {', '.join(words)}", "")
        if event.turn is None:
            _ask(panel, window, section, event)
    first = here[0]
    for name, label in (
        ("cue", "Cue word"),
        ("lyric", "Lyric, sound"),
        ("note", "Note"),
        ("easier", "Easier"),
        ("harder", "Harder"),
        ("caution", "Care"),
    ):
        field = text_field(getattr(first, name), label, _setter(window, section.name, first.start, name))
        panel.column.addWidget(named_field(label, field))


def _setter(window: Window, section: str, start: Fraction, name: str) -> Callable[[str], object]:
    return lambda text: _do(window, name, lambda p: writing.set_event(p, section, start, **{name: text.strip()}))


def _ask(panel: Panel, window: Window, section: Section, event: Event) -> None:
    """Which way a turn goes, and where each answer leads."""
    dance = window.session.project.dance
    answers = facts_of(dance).asked
    found = next(
        (a for a in answers if a.section == section.name and a.count == count_text(event.start, section.feel)), None
    )
    panel.say("Which way does it turn?", "warn")
    for right, leads in ((True, found.right if found else ""), (False, found.left if found else "")):
        word = "Right" if right else "Left"
        panel.buttons((word, _answer(window, section.name, event.start, right), ""))
        panel.say(f"{word}: {leads}")


def _answer(window: Window, section: str, start: Fraction, right: bool) -> Callable[[], object]:
    return lambda: _do(window, "Direction", lambda p: writing.answer_turn(p, section, start, right))


def _sequence(panel: Panel, window: Window) -> None:
    dance = window.session.project.dance
    panel.head("Sequence over the song")
    hint = QLabel("")
    hint.setWordWrap(True)
    field = text_field(
        print_sequence(dance.sequence, dance),
        "Sequence",
        lambda t: _trouble(hint, window.hands.write_sequence(t)),
        "2*wall tag1 wall/16 wall",
    )
    panel.column.addWidget(field)
    panel.column.addWidget(hint)
    panel.say("wall, wall/16 cut by a restart, wall@16+4 with a stop, hold:4, names of sections as tags.")
    panel.buttons(
        ("Fill the song with walls", lambda: _do(window, "Fill the song", writing.fill_song), ""),
        ("Wall map", window.hands.wall_map, ""),
    )


def _problems(panel: Panel, window: Window) -> None:
    project = window.session.project
    found = problems_of(project.dance, project.grid)
    panel.head(f"To check: {len(found)}" if found else "Nothing to check")
    for problem in found[:20]:
        where = ", ".join(x for x in (problem.section, problem.count and f"count {problem.count}") if x)
        button = QPushButton(f"{where}: {problem.text}" if where else problem.text)
        button.setProperty("role", "problem")
        button.setText(_broken(button.text()))
        button.clicked.connect(lambda _c=False, p=problem: window.hands.go_to_problem(p))
        panel.column.addWidget(button)
    if len(found) > 20:
        panel.say(f"and {len(found) - 20} more.")


def _broken(text: str, width: int = 46) -> str:
    """Words in lines that fit the panel; a button does not wrap by itself."""
    import textwrap

    return "\n".join(textwrap.wrap(text, width))


def _facts(panel: Panel, window: Window) -> None:
    project = window.session.project
    follows = facts_of(project.dance, project.grid)
    panel.head("What follows")
    for name, value in fact_rows(follows):
        panel.fact(name, value)
    cautions = dict.fromkeys(e.caution for s in project.dance.sections for e in s.events if e.caution)
    if cautions:
        panel.head("Care")
        for caution in cautions:
            panel.say(f"{caution[0].upper()}{caution[1:]}. Ask a teacher or a physician when unsure.", "")


def fact_rows(follows: DanceFacts) -> list[tuple[str, str]]:
    """What follows, as names and values."""
    rows = [
        ("To learn", f"{follows.counts_to_learn} counts, {float(follows.counts_danced):g} danced"),
    ]
    if follows.wall_counts:
        rows.append(("A wall", f"{follows.wall_counts} counts, {_net(follows)}"))
        rows.append(("Walls", f"{follows.walls_started} started, {follows.tags} tags"))
    for station in follows.stations:
        if station.kind in ("tag", "restart", "stop", "ending", "end"):
            at = "" if station.song_s is None else f", {station.song_s:.1f} s"
            rows.append((f"{station.kind.capitalize()} {station.name}".strip(), f"{_facing(station.heading)}{at}"))
    if follows.turn_to_front:
        rows.append(("To finish at 12:00", follows.turn_to_front))
    rows.append(("Begins again", "yes" if follows.loop_closes else "no, the first foot bears the weight"))
    if follows.counts_over is not None:
        over = follows.counts_over
        rows.append(("Song left over", f"{float(over):g} counts"))
    restarts = [k for k in follows.legal_restarts if k % 4 == 0]
    rows.append(("Restart possible after", ", ".join(map(str, restarts)) or "none of the fours"))
    busiest = max(follows.sections, key=lambda s: s.moves_per_s or s.moves / s.counts, default=None)
    if busiest is not None and busiest.moves_per_s:
        rows.append(("Busiest", f"{busiest.name}, {busiest.moves_per_s:.1f} moves a second"))
    away = [s.name for s in follows.sections if s.away]
    if away:
        rows.append(("Back to the screen", ", ".join(away)))
    return rows


def _net(follows: DanceFacts) -> str:
    if follows.walls_to_front is None:
        return "a turn has no direction yet"
    if not follows.net_turn:
        return "no turn in all"
    walls = "1 wall" if follows.walls_to_front == 1 else f"{follows.walls_to_front} walls"
    return f"{turn_text(follows.net_turn)}, {walls}"


def _facing(heading: int | None) -> str:
    return "facing unknown" if heading is None else f"facing {clock_text(heading)}"


def _card(panel: Panel, window: Window) -> None:
    """Fields of the card that nobody can work out."""
    project = window.session.project
    dance, card = project.dance, card_of(project)
    panel.head("The card")
    if card.missing:
        panel.say(f"Not filled in: {', '.join(card.missing).lower()}.")

    def put(name: str) -> Callable[[str], object]:
        return lambda text: _do(window, name, lambda p: writing.set_facts(p, **{name: text.strip()}))

    for name, label in (
        ("name", "Dance"),
        ("credits", "By"),
        ("starts_on", "Starts on"),
        ("rights", "Rights"),
    ):
        panel.column.addWidget(named_field(label, text_field(getattr(dance, name), label, put(name))))
    level = combo(["", *LEVELS], dance.level, "Level")
    level.textActivated.connect(put("level"))
    panel.column.addWidget(named_field("Level", level))
    panel.say(f"Suggested: {card.suggested_level} ({card.why_level}). You decide.")
    links = text_field(
        " ".join(dance.links),
        "Links",
        lambda t: _do(window, "Links", lambda p: writing.set_facts(p, links=tuple(t.split()))),
    )
    panel.column.addWidget(named_field("Links", links))
    for name, label in (("walls", "Said: walls"), ("counts", "Said: counts"), ("tags", "Said: tags")):
        value = getattr(dance.stated, name)
        field = text_field("" if value is None else str(value), label, _said(window, name), "not said")
        panel.column.addWidget(named_field(label, field))


def _said(window: Window, name: str) -> Callable[[str], object]:
    """What somebody says of the dance; anything that is no number means nothing was said."""

    def put(text: str) -> None:
        number = int(text) if text.strip().isdigit() else None
        _do(
            window,
            "What is said",
            lambda p: writing.set_facts(p, stated=replace(p.dance.stated, **{name: number})),
        )

    return put
