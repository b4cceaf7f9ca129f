"""How clips are written, said on the command line."""

from __future__ import annotations

import argparse
from dataclasses import fields, replace
from fractions import Fraction
from typing import Any

from vamos.core.dance.who import roles_in
from vamos.core.edit.output import phrase_of, set_count_in, toggle_look
from vamos.core.model.clip import Arrangement, Cards, ClipSound, Quality
from vamos.core.model.look import LOOKS, CountIn, Lane, NamedLook, Numbering, Shape, Style
from vamos.core.model.project import Output, Project
from vamos.core.model.take import View
from vamos.core.plan.own_profiles import every_profile, keep_profile
from vamos.core.plan.profiles import PROFILES, Profile
from vamos.core.render.languages import LANGUAGES
from vamos.core.time import as_count
from vamos.errors import InputError
from vamos.language import LANGUAGES as WORDS
from vamos.wording import words_of

tr = words_of(__name__)

_VIEWS = {"front": View.FRONT, "back": View.BACK, "left": View.LEFT, "right": View.RIGHT, "feet": View.FEET}

_COUNT_INS = {
    "sheet": CountIn.SHEET,
    "four": CountIn.FOUR,
    "three": CountIn.THREE,
    "go": CountIn.GO,
    "slow": CountIn.SLOW,
    "down": CountIn.DOWN,
}
_NUMBERS = {
    "sheet": Numbering.SHEET,
    "eights": Numbering.EIGHTS,
    "sets": Numbering.SETS,
    "half": Numbering.HALF,
    "local": Numbering.LOCAL,
}


def add_output(sub: argparse.ArgumentParser) -> None:
    """How clips are written; what is not said stays as the project has it."""
    names = ", ".join(p.key for p in PROFILES)
    sub.add_argument(
        "--profile", metavar="NAME", help=tr("settings for a purpose: {names}, or one of your own", names=names)
    )
    sub.add_argument("--keep-profile", metavar="NAME", help=tr("keep these settings under a name, for all projects"))
    sub.add_argument("--new-section", metavar="SECTION", help=tr("the section that a class set teaches"))
    sub.add_argument("--speeds", type=int, nargs="+", metavar="PERCENT", help=tr("25 to 125, such as 100 75 50"))
    sub.add_argument(
        "--views",
        nargs="+",
        choices=("all", "one", *_VIEWS),
        metavar="VIEW",
        help=tr("views that clips are cut of: all, or front, back, left, right, feet; one: one clip for each section"),
    )
    sub.add_argument("--sound", choices=("song", "clicks", "voice", "room", "none"), help=tr("what is heard"))
    sub.add_argument(
        "--also-sound",
        choices=("song", "clicks", "voice", "none"),
        nargs="+",
        default=[],
        help=tr("more sounds to write"),
    )
    sub.add_argument("--clicks-over", type=float, metavar="LEVEL", help=tr("clicks over the song, 0 to 1"))
    sub.add_argument(
        "--calls",
        type=float,
        metavar="LEVEL",
        help=tr("a voice says ahead what comes where learners look away, and tags and restarts, 0 to 1"),
    )
    sub.add_argument("--voice-over", type=float, metavar="LEVEL", help=tr("the counting voice over the song, 0 to 1"))
    sub.add_argument("--room-under", type=float, metavar="LEVEL", help=tr("what the film heard under the song, 0 to 1"))
    sub.add_argument("--voice-language", choices=tuple(LANGUAGES), help=tr("what the counting voice speaks"))
    sub.add_argument("--role", metavar="ROLE", help=tr("whose moves stand over the picture, of partners or groups"))
    sub.add_argument("--language", choices=tuple(WORDS), help=tr("what students read; without it as you do"))
    sub.add_argument(
        "--excerpt", type=float, metavar="SECONDS", help=tr("so much of the song in each clip, from its 1 on")
    )
    sub.add_argument("--style", choices=("corner", "strip", "floor"), help=tr("where the counts stand"))
    sub.add_argument("--shape", choices=("filmed", "wide", "square", "upright"), help=tr("the picture's shape"))
    sub.add_argument("--follow", action="store_true", help=tr("go close to the dancer and follow slowly"))
    sub.add_argument("--size", type=int, metavar="PIXELS", help=tr("longest side; without it as the film, up to 1920"))
    sub.add_argument("--rate", type=int, metavar="PER_SECOND", help=tr("frames per second; without it as the film"))
    sub.add_argument("--quality", choices=("hall", "phone", "small"), help=tr("for the hall, for the phone, small"))
    sub.add_argument("--run-up", metavar="COUNTS", help=tr("counts before each clip: 0 to 64, or phrase"))
    sub.add_argument("--count-in", choices=tuple(_COUNT_INS), help=tr("what they show and say"))
    sub.add_argument("--numbers", choices=tuple(_NUMBERS), help=tr("how counts are said"))
    sub.add_argument(
        "--looks",
        nargs="+",
        default=[],
        metavar="LOOK",
        help=tr("more versions with other things over the picture: feet, words, clean, or NAME=LANE,LANE… of ")
        + ", ".join(x.name.lower() for x in Lane),
    )
    sub.add_argument(
        "--call-ahead", type=int, metavar="COUNTS", help=tr("counts ahead that a tag or restart is called")
    )
    sub.add_argument(
        "--run-through", choices=("front", "back", "none"), help=tr("the view of the run-through, or none")
    )
    sub.add_argument(
        "--from-to",
        nargs=2,
        metavar=("FROM", "TO"),
        help=tr("counts of the run-through, from FROM up to TO; 0 is the first danced"),
    )
    sub.add_argument(
        "--cards",
        nargs="+",
        default=[],
        metavar="CARD=COUNTS",
        help=tr(
            "cards in the run-through: title=8 section=4 tag=4 end=8 (0 is none), and words of your own: end-words=…"
        ),
    )
    sub.add_argument("--even", action="store_true", help=tr("count evenly where the song is not heard"))
    sub.add_argument(
        "--also",
        choices=("filmed", "watch", "half-time", "double-time", "beside", "feet"),
        nargs="+",
        default=[],
        help=tr(
            "more versions: as filmed, to progress, half-time, double time, front and back side by side, "
            "feet in a corner"
        ),
    )


def with_output(project: Project, arguments: argparse.Namespace) -> Project:
    """The project with the sound, speeds, look and versions asked for on the command line."""
    out = project.output
    if arguments.profile:
        out = _profile(arguments.profile).applied(out)
    if arguments.new_section:
        named = next((s.id for s in project.dance.sections if s.name == arguments.new_section), None)
        if named is None:
            known = ", ".join(s.name for s in project.dance.sections) or "none"
            raise InputError(
                tr(
                    "There is no section “{new_section}”; the dance has: {known}.",
                    new_section=arguments.new_section,
                    known=known,
                )
            )
        out = replace(out, new_section=named)
    if arguments.speeds:
        speeds = sorted({Fraction(percent, 100) for percent in arguments.speeds}, reverse=True)
        out = replace(out, speeds=tuple(speeds))
    if arguments.views:
        chosen = tuple(view for word, view in _VIEWS.items() if word in arguments.views)
        out = replace(out, views=() if "all" in arguments.views else chosen, one_view="one" in arguments.views)
    if arguments.sound:
        out = replace(out, sound=ClipSound(arguments.sound.replace("voice", ClipSound.VOICE)))
    if arguments.also_sound:
        more = (ClipSound(w.replace("voice", ClipSound.VOICE)) for w in arguments.also_sound)
        out = replace(out, also_sound=tuple(dict.fromkeys((*out.also_sound, *more))))
    mix = {"clicks": arguments.clicks_over, "voice": arguments.voice_over, "excerpt_s": arguments.excerpt}
    mix |= {"language": arguments.voice_language, "room": arguments.room_under, "calls": arguments.calls}
    out = replace(out, mix=replace(out.mix, **{k: v for k, v in mix.items() if v is not None}))
    if arguments.role:
        danced = roles_in(e for s in project.dance.sections for e in s.events)
        if arguments.role not in danced:
            raise InputError(
                tr(
                    "Nobody is called “{role}” in this dance; it has: {known}.",
                    role=arguments.role,
                    known=", ".join(danced) or tr("none"),
                )
            )
        out = replace(out, role=arguments.role)
    if arguments.language:
        out = replace(out, language=arguments.language)
    if arguments.style:
        out = replace(out, overlay=replace(out.overlay, style=Style[arguments.style.upper()]))
    if arguments.shape:
        out = replace(out, framing=replace(out.framing, shape=Shape[arguments.shape.upper()]))
    if arguments.follow:
        out = replace(out, framing=replace(out.framing, follow=True))
    out = _counted(_sized(out, arguments), project, arguments)
    arrangements = {Arrangement[name.upper()] for name in arguments.also if name in ("beside", "feet")}
    if arrangements:
        out = replace(out, arrangements=tuple(a for a in Arrangement if a in arrangements | set(out.arrangements)))
    out = replace(out, even=out.even or arguments.even)
    out = replace(out, plain=out.plain or "watch" in arguments.also)
    out = replace(out, half_time=out.half_time or "half-time" in arguments.also)
    out = replace(out, double_time=out.double_time or "double-time" in arguments.also)
    out = replace(out, as_filmed=out.as_filmed or "filmed" in arguments.also)
    if arguments.keep_profile:
        keep_profile(arguments.keep_profile, out)
    return replace(project, output=out)


def _profile(name: str) -> Profile:
    found = next((p for p in every_profile() if p.key == name), None)
    if found is None:
        raise InputError(
            tr(
                "There is no profile “{name}”. There are: {words}.",
                name=name,
                words=", ".join(p.key for p in every_profile()),
            )
        )
    return found


def _counted(out: Output, project: Project, arguments: argparse.Namespace) -> Output:
    """Run-up, count-in, numbers, and versions with other things over the picture."""
    if arguments.run_up:
        grid = project.grid
        phrase = phrase_of(grid) if grid is not None else Fraction(32)
        out = replace(out, run_up=phrase if arguments.run_up == "phrase" else as_count(arguments.run_up))
    project = replace(project, output=out)
    if arguments.count_in:
        project = set_count_in(project, _COUNT_INS[arguments.count_in])
    for words in arguments.looks:
        look = look_of(words)
        if look not in project.output.looks:
            project = toggle_look(project, look)
    out = project.output
    if arguments.numbers:
        out = replace(out, overlay=replace(out.overlay, numbering=_NUMBERS[arguments.numbers]))
    return out


def _card(words: str) -> tuple[str, int | str]:
    """A card and for how many counts it stands, or the words of one's own on it, as typed; raises InputError."""
    name, _, counts = words.partition("=")
    if name in ("title-words", "end-words"):
        return name.replace("-", "_"), counts.strip()
    if (
        name not in {f.name for f in fields(Cards) if not f.name.endswith("_words")}
        or not counts.isdecimal()
        or len(counts) > 3
    ):
        raise InputError(
            tr(
                "“{words}” is not a card. Say title=8, section=4, tag=4 or end=8 (0 is none), or end-words=THANKS.",
                words=words,
            )
        )
    return name, int(counts)


def look_of(words: str) -> NamedLook:
    """A version's look as typed; raises InputError."""
    known = {look.name: look for look in LOOKS}
    if words in known:
        return known[words]
    name, equals, lanes = words.partition("=")
    names = {x.name.lower(): x for x in Lane}
    wanted = [w.strip().lower() for w in lanes.split(",") if w.strip()]
    wrong = [w for w in wanted if w not in names]
    if not equals or wrong:
        what = tr("“{value}” in “{words}”", value=wrong[0], words=words) if wrong else f"“{words}”"
        raise InputError(
            tr(
                "{what} is not known. Say {words}, or NAME=LANE,LANE… with lanes of {words2}.",
                what=what,
                words=", ".join(known),
                words2=", ".join(names),
            )
        )
    return NamedLook(name.strip(), tuple(x for x in Lane if x in {names[w] for w in wanted}))


def _sized(out: Output, arguments: argparse.Namespace) -> Output:
    """Size, rate and quality, and what is wished of the run-through."""
    if arguments.size is not None:
        out = replace(out, longest_side=arguments.size)
    if arguments.rate is not None:
        out = replace(out, rate=arguments.rate)
    if arguments.quality:
        out = replace(out, quality=Quality[arguments.quality.upper()])
    if arguments.call_ahead is not None:
        out = replace(out, overlay=replace(out.overlay, call_ahead=arguments.call_ahead))
    through = out.run_through
    if arguments.run_through:
        view = None if arguments.run_through == "none" else View(arguments.run_through)
        through = replace(through, wanted=view is not None, view=view)
    if arguments.from_to:
        first, last = map(as_count, arguments.from_to)
        through = replace(through, first=first, last=last)
    if arguments.cards:
        changes: dict[str, Any] = dict(map(_card, arguments.cards))
        through = replace(through, cards=replace(through.cards, **changes))
    return replace(out, run_through=through)
