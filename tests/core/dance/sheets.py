"""Dances for tests, small enough to work out by hand."""

from dataclasses import replace

from vamos.core.dance.notation import parse_line
from vamos.core.dance.sequence import parse_sequence
from vamos.core.model.dance import Dance, Foot, Section


def section(name: str, text: str, length: int = 8) -> Section:
    return Section(name, length, parse_line(text))


def four_walls(sequence: str = "2*wall tag wall/16 wall") -> Dance:
    """32 counts, net ¼ left: a dance that fills each count, begins on R and ends with the weight on L."""
    sections = (
        section("one", "vine R 1 2 3 4, vine L 5 6 7 8"),
        section("two", "walk R 1, walk L 2, shuffle R 3&4, walk L 5, walk R 6, shuffle L 7&8"),
        section("three", "rocking chair R 1 2 3 4, pivot half R 5 6, pivot half R 7 8"),
        section("four", "jazz box R 1 2 3 4, pivot quarter R 5 6, stomp R 7, stomp L 8"),
        section("tag", "sway R 1, sway L 2, sway R 3, sway L 4", 4),
    )
    dance = Dance("four walls", sections, start_weight=Foot.LEFT)
    # The tag is not part of a wall; naming it in the sequence first says so.
    dance = replace(dance, sequence=parse_sequence("tag", dance))
    return replace(dance, sequence=parse_sequence(sequence, dance))
