"""One take in the panel at Film: its name, what it shows, where it lies, what may be done about it."""

from __future__ import annotations

from dataclasses import replace
from functools import partial
from pathlib import Path
from typing import Any

from vamos.core.edit.takes import say_whose, set_stretch
from vamos.core.model.take import SOUND_M_PER_S, SURE, Danced, PassKind, Spoken, Take, View
from vamos.core.plan.pace import paces
from vamos.core.plan.said_sides import calls_words
from vamos.core.time.counts import minutes_text
from vamos.errors import VamosError
from vamos.ui.desk import Desk
from vamos.ui.parts.panel import Panel
from vamos.ui.parts.text import plural, sentence
from vamos.ui.stops.film.commands import FilmCommands
from vamos.wording import words_of

tr = words_of(__name__)

#: More other places than this are a list to choose from, fewer are buttons.
MANY_PLACES = 3


def file_trouble(desk: Desk, take: Take) -> str:
    """Why the film of a take cannot be seen; empty when it can."""
    try:
        desk.preview.watched.path_of(take.media)
    except VamosError as error:
        return str(error)
    return ""


def band_words(take: Take) -> str:
    """A take in a line: what it shows, how sure its place is, whether something is wrong with it."""
    views = ", ".join(dict.fromkeys(tr(s.view) for s in take.stretches))
    if not take.passes:
        place = tr("not placed yet") if not take.looked_for_passes else tr("not placed")
    else:
        sure = min(p.confidence for p in take.passes)
        place = plural(len(take.passes), "pass", "passes") + ("" if sure >= SURE else tr(", please check"))
    trouble = tr(", trouble") if any(s.trouble for s in take.stretches) else ""
    return f"{take.name}: {views}, {place}{trouble}"


def fill_trouble(panel: Panel, desk: Desk, commands: FilmCommands, take: Take) -> None:
    """That the film of a take cannot be seen, and what to do; nothing where it can."""
    trouble = file_trouble(desk, take)
    if trouble:
        panel.say(trouble, "warn", key=f"missing {take.id}")
        panel.buttons((tr("Find the file…"), partial(commands.point_to, take.id), "go"), key=f"where {take.id}")


def fill_take(panel: Panel, desk: Desk, commands: FilmCommands, take: Take) -> None:
    """What is asked of a take, then, folded, everything about it."""
    fill_trouble(panel, desk, commands, take)
    if not take.passes:
        panel.say(take_state(take), key=f"state {take.id}")
    _places(panel, commands, take)
    if any(s.spoken is Spoken.NONE for s in take.stretches):
        _sides(panel, desk, take)
    panel.head(tr("About “{name}”", name=take.name), "about the take", folded_first=True)
    if take.passes:
        panel.say(take_state(take), key=f"state {take.id}")
    _shows(panel, desk, take)
    _pace(panel, desk, take)
    if all(s.spoken is not Spoken.NONE for s in take.stretches):
        _sides(panel, desk, take)
    _loudspeaker(panel, commands, take)
    panel.text(
        tr("Its name"),
        take.name,
        lambda name: commands.rename(take.id, name),
        name=tr("Name of {id}", id=take.id),
        tip=tr("What you call the take; its file keeps its own name."),
    )
    _sound(panel, commands, take)
    panel.buttons(
        (tr("Another file…"), partial(commands.point_to, take.id), ""),
        (tr("Take it out"), partial(commands.take_out, take.id), ""),
        key=f"file {take.id}",
    )


def _sound(panel: Panel, commands: FilmCommands, take: Take) -> None:
    """Where the take is listened to."""
    if take.better is None:
        panel.buttons(
            (tr("Use another recording…"), partial(commands.better_sound, take.id), ""), key=f"sound {take.id}"
        )
        return
    name = Path(take.better.media.path).name
    panel.say(tr("Listened to in {name}, which was recorded beside it.", name=name), key=f"heard {take.id}")
    panel.buttons(
        (tr("Use the film’s own sound"), partial(commands.own_sound, take.id), ""), key=f"own sound {take.id}"
    )


def take_state(take: Take) -> str:
    """Where a take was placed, in words, and what lies between."""
    if not take.looked_for_passes:
        return tr("not placed yet")
    if not take.passes:
        return tr("not placed: neither the song nor steady counting was heard")
    words = []
    for p in take.passes:
        what = tr("with the song") if p.kind is PassKind.SONG else tr("counted aloud")
        if p.kind is PassKind.SONG and abs(p.rate - 1) > 0.01:
            what = tr("with the song at {rate:.0%}", rate=p.rate)
        sure = tr("{confidence:.0%} sure", confidence=p.confidence) + (
            "" if p.confidence >= SURE else tr(", please check")
        )
        words.append(f"{minutes_text(p.take_range.start_s)}–{minutes_text(p.take_range.end_s)} {what}, {sure}")
    between = [f"{minutes_text(r.start_s)}–{minutes_text(r.end_s)}" for r in take.between_passes()]
    if between:
        words.append(tr("no pass at {words}", words=", ".join(between)))
    trouble = [s.trouble for s in take.stretches if s.trouble]
    return "; ".join(words + [tr("trouble: {t}", t=tr(t)) for t in trouble])


def _shows(panel: Panel, desk: Desk, take: Take) -> None:
    """Choices of what a take shows from its start."""
    stretch = take.stretches[0]

    def changed(**changes: Any) -> None:
        new = replace(stretch, guessed=stretch.guessed and "view" not in changes, **changes)
        desk.do(tr("View of {name}", name=take.name), lambda p: set_stretch(p, take.id, new))

    panel.choice(
        tr("Shows"),
        list(View),
        str(stretch.view),
        lambda word: changed(view=View(word)),
        name=tr("View of {name}", name=take.name),
    )
    panel.choice(
        tr("Danced"),
        list(Danced),
        str(stretch.danced),
        lambda word: changed(danced=Danced(word)),
        name=tr("Sides danced in {name}", name=take.name),
    )


def _pace(panel: Panel, desk: Desk, take: Take) -> None:
    """How fast each line of a counted pass is counted, and which counts are off."""
    grid = desk.project.grid
    for number, the_pass in enumerate(take.passes if grid is not None else ()):
        assert grid is not None
        for pace in paces(the_pass, grid, desk.session.lines):
            role = "warn" if pace.off else ""
            panel.say(sentence(pace.words()), role, key=f"pace {take.id} {number} {pace.line.number}")


def _sides(panel: Panel, desk: Desk, take: Take) -> None:
    """Sides called in it, and whose they seem to be."""
    coverage = desk.session.facts.coverage
    if not take.sides_said or coverage is None:
        return
    panel.say(tr("Sides are called: {calls}.", calls=calls_words(take.sides_said)), key=f"sides {take.id}")
    if any(s.spoken is Spoken.NONE for s in take.stretches):
        meaning = coverage.meaning(take)
        if meaning is not Spoken.NONE:
            panel.say(tr("Going by the count sheet, they mean {meaning}.", meaning=meaning), key=f"meaning {take.id}")
        for spoken in (Spoken.DANCER, Spoken.LEARNER):
            role = "go" if spoken is meaning else ""
            edit = partial(say_whose, take_id=take.id, spoken=spoken)
            told = partial(desk.do, tr("Whose sides are said"), edit, f"{take.name}: {spoken}")
            panel.buttons((tr("They mean {spoken}", spoken=spoken), told, role), key=f"{spoken} {take.id}")


def _where(panel: Panel, commands: FilmCommands, take: Take, number: int) -> None:
    """The places of the song that a pass may lie at, to look at, to choose, or to leave as it is."""
    the_pass = take.passes[number]
    here = minutes_text(max(0.0, float(the_pass.clock(the_pass.take_range.start_s))))
    others = [minutes_text(max(0.0, at)) for at in the_pass.also_at_song_s]
    panel.say(tr("The song sounds the same in several places. Where is this pass? Look at them, or choose."), "")
    panel.buttons(
        (tr("Look at them"), partial(commands.places.show_places, take.id, number), "go"),
        (tr("It is here, at {here}", here=here), partial(commands.confirm_place, take.id, number), ""),
        key=f"look {take.id} {number}",
    )
    if len(others) > MANY_PLACES:
        words = sorted([here, *others])
        chosen = {w: other for other, w in enumerate(others)}
        panel.choice(
            tr("At"),
            words,
            here,
            lambda word: commands.use_other_place(take.id, number, chosen[word]) if word in chosen else None,
            name=tr("Place of pass {number} of {name} in the song", number=number + 1, name=take.name),
        )
        return
    for other, words_at in enumerate(others):
        panel.buttons(
            (
                tr("at {words_at} of the song", words_at=words_at),
                partial(commands.use_other_place, take.id, number, other),
                "",
            ),
            key=f"place {take.id} {number} {other}",
        )


def _places(panel: Panel, commands: FilmCommands, take: Take) -> None:
    """Other places that fit as well, and placing by hand."""
    for number, p in enumerate(take.passes):
        if p.also_at_song_s:
            _where(panel, commands, take, number)
        elif p.kind is PassKind.SONG and p.confidence < SURE:
            panel.say(
                tr("{sentence} Please look, then confirm.", sentence=sentence(p.reason)),
                "warn",
                key=f"unsure {take.id} {number}",
            )
            panel.buttons(
                (tr("It is right"), partial(commands.confirm_place, take.id, number), ""),
                (tr("Match by eye"), partial(commands.show_slate, take.id, p.take_range.start_s), ""),
                key=f"right {take.id} {number}",
            )
    song = any(p.kind is PassKind.SONG for p in take.passes)
    if take.looked_for_passes and not song:
        panel.say(tr("Place it by hand: a clap or a step matched by eye is enough. Or type its second."))
        panel.buttons(
            (tr("Match by eye"), lambda: commands.show_slate(take.id, 0.0), "go"),
            (tr("Try its steps"), partial(commands.place_by_steps, take.id), ""),
            key=f"by eye {take.id}",
        )
        panel.text(
            tr("This count is"),
            "",
            lambda text: commands.place_by_hand(take.id, text),
            name=tr("Second of {name} that is this count", name=take.name),
            hint=tr("second, e.g. 12.40"),
        )


def _loudspeaker(panel: Panel, commands: FilmCommands, take: Take) -> None:
    """How far it stood, where the song was heard."""
    if any(p.kind is PassKind.SONG for p in take.passes):
        panel.text(
            tr("Loudspeaker"),
            f"{take.speaker_m:g}" if take.speaker_m else "",
            lambda text: commands.set_speaker(take.id, text),
            name=tr("Metres to the loudspeaker of {name}", name=take.name),
            hint=tr("metres; not corrected"),
            tip=tr(
                "Sound takes {number:.1f} ms a metre; the picture is then moved earlier by as much.",
                number=1000 / SOUND_M_PER_S,
            ),
        )
