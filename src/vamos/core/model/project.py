"""The project: a song, a dance, takes, and what a person decided about them."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction

from vamos.core.model.clip import Arrangement, Choice, ClipSound, Mix, NamedRange, Quality, RunThrough
from vamos.core.model.dance import Dance, Item
from vamos.core.model.disagreement import Disagreement
from vamos.core.model.filmed import FilmedTake
from vamos.core.model.lesson import LessonWish
from vamos.core.model.look import Framing, NamedLook, Overlay
from vamos.core.model.song import Grid, Song
from vamos.core.model.take import Pass, Take, View
from vamos.errors import InputError
from vamos.wording import words_of

tr = words_of(__name__)


@dataclass(frozen=True, slots=True)
class Output:
    """How clips are written: frames per second and longest side in pixels (None: as the film, a side up to 1920),
    quality, speeds, sound, look.

    ``plain`` adds a version to progress, ``half_time`` and ``double_time`` ones at half and twice the count rate,
    ``as_filmed`` one that is not
    flipped where the others are, ``arrangements`` more pictures in step; ``even`` counts evenly where the
    song is not heard. ``sections`` False leaves only clips of the user's own and the run-through, ``from_the_top`` adds
    1 to 2, 1 to 3 …; ``with_counts`` False leaves out all that has counts over the picture; ``also_sound`` are more
    sounds that each is written with, ``looks`` more versions with other things over the picture. ``new_section`` is the
    id of the section that a class set teaches, with what came before; empty: no class set. ``mix`` is what lies over
    the song, and how much of it is heard. ``language`` is what students read (ISO 639-1); empty: as the maker does.
    ``views`` are those that clips are cut of (empty: all that were filmed), ``one_view`` leaves one of them for each
    section: the front where there is one. ``role`` is whose moves stand over the picture in a dance of partners or
    groups; empty: everybody's.
    """

    rate: int | None = None
    longest_side: int | None = None
    quality: Quality = Quality.PHONE
    speeds: tuple[Fraction, ...] = (Fraction(1), Fraction(3, 4), Fraction(1, 2))
    sound: ClipSound = ClipSound.SONG
    run_up: Fraction = Fraction(2)
    run_out: Fraction = Fraction(1)
    overlay: Overlay = Overlay()
    framing: Framing = Framing()
    plain: bool = False
    half_time: bool = False
    as_filmed: bool = False
    arrangements: tuple[Arrangement, ...] = ()
    even: bool = False
    run_through: RunThrough = RunThrough()
    sections: bool = True
    from_the_top: bool = False
    with_counts: bool = True
    also_sound: tuple[ClipSound, ...] = ()
    looks: tuple[NamedLook, ...] = ()
    new_section: str = ""
    mix: Mix = Mix()
    language: str = ""
    role: str = ""
    double_time: bool = False
    views: tuple[View, ...] = ()
    one_view: bool = False

    def __post_init__(self) -> None:
        if self.rate is not None and not 1 <= self.rate <= 240:
            raise InputError(tr("Frames per second must be 1 to 240, not {rate}.", rate=self.rate))
        if self.longest_side is not None and not 64 <= self.longest_side <= 7680:
            raise InputError(
                tr("The longest side must be 64 to 7680 pixels, not {longest_side}.", longest_side=self.longest_side)
            )
        if not 0 <= self.run_up <= 64:
            raise InputError(tr("A run-up has 0 to 64 counts, not {number:g}.", number=float(self.run_up)))
        names = [look.name for look in self.looks]
        if len(set(names)) < len(names):
            raise InputError(tr("Two versions with other things over the picture have the same name."))
        for speed in self.speeds:
            if not Fraction(1, 4) <= speed <= Fraction(5, 4):
                raise InputError(tr("A speed must be 25 to 125 %, not {number:.0%}.", number=float(speed)))


@dataclass(frozen=True, slots=True)
class OtherSong:
    """Another song for the same dance, with the sequence danced to it (empty: the same).

    ``passes`` are where takes lie on it, by their ids, as they were when it was danced to last.
    """

    song: Song
    sequence: tuple[Item, ...] = ()
    passes: tuple[tuple[str, tuple[Pass, ...]], ...] = ()


@dataclass(frozen=True, slots=True, weakref_slot=True)
class Project:
    """Everything a project file holds.

    Takes, sections and ranges are referred to by their ids; names are for people.
    """

    name: str = "Untitled"
    song: Song | None = None
    dance: Dance = Dance()
    takes: tuple[Take, ...] = ()
    choices: tuple[Choice, ...] = ()
    output: Output = Output()
    other_songs: tuple[OtherSong, ...] = ()
    ranges: tuple[NamedRange, ...] = ()
    disagreements: tuple[Disagreement, ...] = ()
    lesson: LessonWish = LessonWish()
    filmed: tuple[FilmedTake, ...] = ()

    def __post_init__(self) -> None:
        subjects = [s.id for s in self.dance.sections] + [r.id for r in self.ranges]
        for what, ids in (("takes", [t.id for t in self.takes]), (tr("sections and ranges"), subjects)):
            if len(set(ids)) < len(ids):
                twice = next(i for i in ids if ids.count(i) > 1)
                raise InputError(tr("Two {what} have the same id, “{twice}”.", what=what, twice=twice))

    @property
    def grid(self) -> Grid | None:
        """The counts of what is used of the song; None before there are any."""
        return self.song.used_grid() if self.song is not None else None

    def take(self, take_id: str) -> Take:
        """The take with this id."""
        for take in self.takes:
            if take.id == take_id:
                return take
        raise InputError(tr("There is no take “{take_id}” in this project.", take_id=take_id))

    def choice(self, clip: str) -> Choice | None:
        """What was decided about the clip with this key."""
        return next((c for c in self.choices if c.clip == clip), None)
