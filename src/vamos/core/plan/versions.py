"""In which versions a clip is written, and which other clip stands beside it."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from fractions import Fraction

from vamos.core.model.clip import Arrangement, Clip, ClipSound, Look, Version
from vamos.core.model.project import Output
from vamos.core.model.take import View
from vamos.core.plan.flip import AS_FILMED
from vamos.wording import marked

#: What is heard, in words that may stand in a file name.
SOUND_WORDS = {
    ClipSound.SONG: marked("with the song"),
    ClipSound.CLICKS: marked("with clicks"),
    ClipSound.VOICE: marked("counted aloud"),
    ClipSound.ROOM: marked("with the room"),
    ClipSound.NONE: marked("silent"),
}
#: Pictures are not shown slower than this.
_SLOWEST = Fraction(1, 4)
#: Which view joins which in an arrangement.
_PARTNERS = {
    Arrangement.BESIDE: {View.FRONT: View.BACK},
    Arrangement.FEET: {View.FRONT: View.FEET, View.BACK: View.FEET},
}


def versions_of(output: Output, clip: Clip, clips: Sequence[Clip]) -> tuple[Version, ...]:
    """All versions of a clip: each speed, and what else is wished and possible with what was filmed."""
    found = [Version(s, sound) for sound in sounds_of(output) for s in output.speeds] if output.with_counts else []
    if output.plain or not output.with_counts:
        found.append(Version(Fraction(1), output.sound, Look.PLAIN))
    found += [Version(Fraction(1), output.sound, shows=look) for look in output.looks]
    if output.half_time:
        found += [v for s in output.speeds if (v := Version(s, output.sound, half_time=True)).picture_speed >= _SLOWEST]
    if output.double_time:
        found += [Version(s, output.sound, double_time=True) for s in output.speeds]
    if output.as_filmed and clip.flip:
        found.append(Version(Fraction(1), output.sound, as_filmed=True))
    for arrangement in output.arrangements:
        if partner_of(clip, clips, arrangement) is not None:
            sound = output.sound if output.sound is not ClipSound.ROOM else ClipSound.CLICKS
            found.append(Version(Fraction(1), sound, arrangement=arrangement))
    return tuple(found)


def run_through_versions(output: Output, clip: Clip) -> tuple[Version, ...]:
    """The run-through at full speed, with each sound. Rooms of several takes do not join: there it clicks."""
    look = Look.DO if output.with_counts else Look.PLAIN
    sounds = [ClipSound.CLICKS if clip.pieces and sound is ClipSound.ROOM else sound for sound in sounds_of(output)]
    return tuple(Version(Fraction(1), sound, look) for sound in dict.fromkeys(sounds))


def sounds_of(output: Output) -> tuple[ClipSound, ...]:
    """The sound of the clips, then the others they are written with as well."""
    return tuple(dict.fromkeys((output.sound, *output.also_sound)))


def partner_of(clip: Clip, clips: Sequence[Clip], arrangement: Arrangement) -> Clip | None:
    """The clip of the same counts in the other view, perhaps from another wall; None when there is none."""
    wanted = _PARTNERS.get(arrangement, {}).get(clip.view)
    return next((c for c in clips if c.subject == clip.subject and c.view is wanted), None) if wanted else None


def clip_in(version: Version, clip: Clip) -> Clip:
    """The clip as a version shows it: not flipped, and labelled so, when it is wanted as filmed."""
    return replace(clip, flip=False, label=AS_FILMED) if version.as_filmed else clip


def version_words(version: Version, usual: ClipSound | None = None) -> str:
    """A version in words that may stand in a file name; speeds have three digits, so that names sort by speed.

    A sound is named where it is another than the ``usual`` one.
    """
    words = [f"{round(float(version.speed) * 100):03d}"]
    if version.half_time:
        words.append("half-time")
    if version.double_time:
        words.append("double-time")
    if version.look is Look.PLAIN:
        words.append("to watch")
    if version.shows is not None:
        words.append(version.shows.name)
    if version.arrangement is Arrangement.BESIDE:
        words.append("front and back")
    if version.arrangement is Arrangement.FEET:
        words.append("with feet")
    if usual is not None and version.sound is not usual:
        words.append(SOUND_WORDS[version.sound])
    return " ".join(words)
