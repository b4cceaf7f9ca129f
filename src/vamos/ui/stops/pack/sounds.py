"""What is heard with clips, and what lies over it."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

from vamos.core.edit.output import set_output
from vamos.core.model.clip import ClipSound
from vamos.core.render.languages import LANGUAGES
from vamos.ui.desk import Desk
from vamos.ui.parts.panel import Panel
from vamos.wording import words_of

tr = words_of(__name__)

#: What may lie over the song: levels of clicks, of the voice and of what the film heard.
_OVER = {
    tr("nothing"): (0.0, 0.0, 0.0),
    tr("clicks, softly"): (0.4, 0.0, 0.0),
    "clicks": (0.8, 0.0, 0.0),
    tr("the counting voice, softly"): (0.0, 0.5, 0.0),
    tr("the counting voice"): (0.0, 0.9, 0.0),
    tr("the film’s own sound, softly"): (0.0, 0.0, 0.4),
    tr("the film’s own sound"): (0.0, 0.0, 0.8),
}
#: How loud the voice is that calls ahead, beside the song.
_CALLED = 0.9


def fill_sound(panel: Panel, desk: Desk, set_excerpt: Callable[[str], object]) -> None:
    """The sound of clips, what else they are written with, and what lies over the song."""
    output = desk.project.output
    panel.head(tr("Sound"), "sound")
    panel.choice(
        tr("Sound"),
        list(ClipSound),
        str(output.sound),
        lambda w: desk.do(tr("Sound of the clips"), lambda p: set_output(p, sound=ClipSound(w))),
        name=tr("Sound of the clips"),
    )
    panel.say(
        tr("The rights of the music are yours to clear. With “clicks” or “none”, clips carry the counts and no song.")
    )

    if ClipSound.SONG in (output.sound, *output.also_sound):
        _mix(panel, desk, set_excerpt)
    _language(panel, desk)
    for sound in (ClipSound.SONG, ClipSound.CLICKS, ClipSound.VOICE):
        if sound is not output.sound:
            _also_sound(panel, desk, sound)


def _mix(panel: Panel, desk: Desk, set_excerpt: Callable[[str], object]) -> None:
    """What lies over the song, and how much of it is heard."""
    mix = desk.project.output.mix
    levels = (mix.clicks, mix.voice, mix.room)
    now = next((w for w, set_to in _OVER.items() if set_to == levels), tr("a mix of your own"))

    def over(words: str) -> None:
        if words in _OVER:
            clicks, voice, room = _OVER[words]
            wanted = replace(mix, clicks=clicks, voice=voice, room=room)
            desk.do(tr("Over the song"), lambda p: set_output(p, mix=wanted))

    panel.choice(tr("Over the song"), list(dict.fromkeys([*_OVER, now])), now, over)
    panel.check(
        tr("A voice calls what comes where learners look away"),
        bool(mix.calls),
        lambda on: desk.do(tr("Calls"), lambda p: set_output(p, mix=replace(mix, calls=_CALLED if on else 0.0))),
    )
    if mix.room:
        panel.say(tr("A run-through from several films carries only the song."), key="no room")
    panel.text(
        tr("Song excerpt"),
        f"{mix.excerpt_s:g}" if mix.excerpt_s else "",
        set_excerpt,
        name=tr("Seconds of the song in each clip"),
        hint=tr("seconds of each clip’s song; all of it"),
    )


def _language(panel: Panel, desk: Desk) -> None:
    """What the counting voice speaks, also where it only counts in."""
    output = desk.project.output
    names = {tr(language.name): code for code, language in LANGUAGES.items()}
    now = next((n for n, code in names.items() if code == output.mix.language), tr("English"))

    def speak(name: str) -> None:
        mix = replace(desk.project.output.mix, language=names[name])
        desk.do(
            tr("Language of the voice"),
            lambda p: set_output(p, mix=mix),
            tr("The voice counts in {name}", name=name),
        )

    panel.choice(tr("The voice speaks"), list(names), now, speak, name=tr("Language of the counting voice"))


def _also_sound(panel: Panel, desk: Desk, sound: ClipSound) -> None:
    more = desk.project.output.also_sound

    def change(on: bool) -> None:
        kept = tuple(s for s in more if s is not sound)
        desk.do(tr("Also with another sound"), lambda p: set_output(p, also_sound=(*kept, sound) if on else kept))

    panel.check(tr("Extra: {sound}", sound=sound), sound in more, change)
