"""The project: a song, a dance, takes, and what a person decided about them."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction

from vamos.core.model.clip import Arrangement, Choice, NamedRange, Sound
from vamos.core.model.dance import Dance, Item
from vamos.core.model.look import Framing, Overlay
from vamos.core.model.song import Song
from vamos.core.model.take import Take
from vamos.errors import InputError


@dataclass(frozen=True, slots=True)
class Output:
    """How clips are written: frames per second, longest side in pixels, speeds, sound, look.

    ``watch`` adds a version to watch, ``half_time`` one at half the count rate, ``as_filmed`` one that is not
    flipped where the others are, ``arrangements`` more pictures in step; ``even`` counts evenly where the
    song is not heard.
    """

    rate: int = 30
    longest_side: int = 960
    speeds: tuple[Fraction, ...] = (Fraction(1), Fraction(3, 4), Fraction(1, 2))
    sound: Sound = Sound.SONG
    run_up: Fraction = Fraction(2)
    run_out: Fraction = Fraction(1)
    overlay: Overlay = Overlay()
    framing: Framing = Framing()
    watch: bool = False
    half_time: bool = False
    as_filmed: bool = False
    arrangements: tuple[Arrangement, ...] = ()
    even: bool = False

    def __post_init__(self) -> None:
        if not 1 <= self.rate <= 240:
            raise InputError(f"Frames per second must be 1 to 240, not {self.rate}.")
        if not 64 <= self.longest_side <= 7680:
            raise InputError(f"The longest side must be 64 to 7680 pixels, not {self.longest_side}.")
        for speed in self.speeds:
            if not Fraction(1, 4) <= speed <= Fraction(5, 4):
                raise InputError(f"A speed must be 25 to 125 %, not {float(speed):.0%}.")


@dataclass(frozen=True, slots=True)
class OtherSong:
    """Another song for the same dance, with the sequence danced to it (empty: the same)."""

    song: Song
    sequence: tuple[Item, ...] = ()


@dataclass(frozen=True, slots=True)
class Project:
    """Everything a project file holds."""

    name: str = "Untitled"
    song: Song | None = None
    dance: Dance = Dance()
    takes: tuple[Take, ...] = ()
    choices: tuple[Choice, ...] = ()
    output: Output = Output()
    other_songs: tuple[OtherSong, ...] = ()
    ranges: tuple[NamedRange, ...] = ()

    def take(self, name: str) -> Take:
        """The take called ``name``."""
        for take in self.takes:
            if take.name == name:
                return take
        raise InputError(f"There is no take called “{name}” in this project.")

    def choice(self, clip: str) -> Choice | None:
        """What was decided about the clip with this key."""
        return next((c for c in self.choices if c.clip == clip), None)
