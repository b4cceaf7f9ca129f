"""What common steps do, as handbooks of social dance describe them: counts, feet, weight, turn.

Each row was written down from memory of how such steps are usually described, not from the program's own list: values
from memory, common practice, no source at hand. A small letter does not bear weight; eighths of a turn, + to the right.
"""

import unittest

from vamos.core.dance.counts_typed import parse_counts
from vamos.core.dance.notation import parse_line
from vamos.core.model.dance import Foot, Kind
from vamos.core.time import Feel, count_name

#: What is typed | counts | feet, small where no weight is taken | eighths turned
STEPS = """
vine R 1-4 | 1 2 3 4 | R L R l | 0
grapevine L 1 2 3 4 | 1 2 3 4 | L R L r | 0
weave R 1-4 | 1 2 3 4 | R L R L | 0
shuffle R 1&2 | 1 1& 2 | R L R | 0
triple step L 3 & 4 | 3 3& 4 | L R L | 0
chasse R 5&6 | 5 5& 6 | R L R | 0
rock step R 1 2 | 1 2 | R L | 0
rock R 1 2 | 1 2 | R L | 0
rock back L 7 8 | 7 8 | L R | 0
side rock R 1 2 | 1 2 | R L | 0
cross rock L 3 4 | 3 4 | L R | 0
rocking chair R 1-4 | 1 2 3 4 | R L R L | 0
rocking horse L 5-8 | 5 6 7 8 | L R L R | 0
mambo step R 1&2 | 1 1& 2 | R L R | 0
side mambo L 3&4 | 3 3& 4 | L R L | 0
coaster step R 1&2 | 1 1& 2 | R L R | 0
coaster L 7&8 | 7 7& 8 | L R L | 0
sailor step R 1&2 | 1 1& 2 | R L R | 0
sailor L 5&6 | 5 5& 6 | L R L | 0
anchor step R 1&2 | 1 1& 2 | R L R | 0
jazz box R 1-4 | 1 2 3 4 | R L R L | 0
jazz square L 5-8 | 5 6 7 8 | L R L R | 0
jazz box with a quarter R 1-4 | 1 2 3 4 | R L R L | 2
jazz box ¼ turn right R 1-4 | 1 2 3 4 | R L R L | 2
V-step R 1-4 | 1 2 3 4 | R L R L | 0
K-step R 1-8 | 1 2 3 4 5 6 7 8 | R l L r R l L r | 0
kick ball change R 1&2 | 1 1& 2 | r R L | 0
kick-ball-change L 5 & 6 | 5 5& 6 | l L R | 0
kick ball cross R 3&4 | 3 3& 4 | r R L | 0
heel ball change R 1&2 | 1 1& 2 | r R L | 0
pivot half R 1 2 | 1 2 | R L | -4
half pivot L 5 6 | 5 6 | L R | 4
pivot ¼ R 7 8 | 7 8 | R L | -2
step turn step R 1&2 | 1 1& 2 | R L R | -4
chase turn L 3&4 | 3 3& 4 | L R L | 4
full turn R 1 2 | 1 2 | R L | 8
rolling vine R 1-4 | 1 2 3 4 | R L R l | 8
rolling grapevine L 5-8 | 5 6 7 8 | L R L r | -8
monterey ½ R 1-4 | 1 2 3 4 | r R l L | 4
monterey quarter L 5-8 | 5 6 7 8 | l L r R | -2
step lock step R 1 2 3 | 1 2 3 | R L R | 0
locking shuffle L 1&2 | 1 1& 2 | L R L | 0
dorothy step R 1 2& | 1 2 2& | R L R | 0
scissor step R 1&2 | 1 1& 2 | R L R | 0
step touch R 1 2 | 1 2 | R l | 0
step kick L 3 4 | 3 4 | L r | 0
step hitch R 5 6 | 5 6 | R l | 0
step scuff R 7 8 | 7 8 | R l | 0
side together R 1 2 | 1 2 | R L | 0
heel strut R 1 2 | 1 2 | r R | 0
toe strut L 3 4 | 3 4 | l L | 0
heel switches R 1&2& | 1 1& 2 2& | r R l L | 0
toe switches R 3&4& | 3 3& 4 4& | r R l L | 0
heel grind R 1 2 | 1 2 | R L | 0
charleston R 1-4 | 1 2 3 4 | R l L r | 0
lindy R 1&2 3 4 | 1 1& 2 3 4 | R L R L R | 0
rumba box R 1 2 3 5 6 7 | 1 2 3 5 6 7 | R L R L R L | 0
waltz basic R 1 2 3 | 1 2 3 | R L R | 0
twinkle L 4 5 6 | 4 5 6 | L R L | 0
balance step R 1 2 3 | 1 2 3 | R L R | 0
hip sways R 1 2 | 1 2 | R L | 0
stomps R 7 8 | 7 8 | R L | 0
stomp up R 8 | 8 | r | 0
out out in in R &1&2 | & before 1 1 1& 2 | R L R L | 0
walks R 1-4 | 1 2 3 4 | R L R L | 0
march L 5 6 7 8 | 5 6 7 8 | L R L R | 0
cross point R 1 2 | 1 2 | R l | 0
point and step L 3 4 | 3 4 | l L | 0
drag and touch R 1 2 | 1 2 | R l | 0
turning shuffle R 1&2 | 1 1& 2 | R L R | 4
turning sailor R 3&4 | 3 3& 4 | R L R | 2
turning coaster L 5&6 | 5 5& 6 | L R L | -2
"""
_BEARS = (Kind.STEP, Kind.TURN, Kind.HOP)


def feet_of(events) -> str:
    """Feet in a row, small where they bear no weight."""
    letters = {Foot.RIGHT: "R", Foot.LEFT: "L", Foot.BOTH: "B", Foot.NONE: "-"}
    return " ".join(letters[e.foot] if e.kind in _BEARS else letters[e.foot].lower() for e in events)


class StepTableTest(unittest.TestCase):
    def test_counts_feet_weight_and_turn(self):
        rows = [tuple(x.strip() for x in row.split("|")) for row in STEPS.strip().splitlines()]
        self.assertGreaterEqual(len(rows), 60)
        for typed, counts, feet, turned in rows:
            with self.subTest(typed):
                events = parse_line(typed)
                self.assertEqual(" ".join(count_name(e.start) for e in events), counts)
                self.assertEqual(feet_of(events), feet)
                self.assertEqual(sum(e.turn for e in events), int(turned))


class DurationTest(unittest.TestCase):
    """Counts in each feel last as long as the notes music21 gives those names."""

    CASES = (
        (Feel.STRAIGHT, "1 & 2", "eighth eighth quarter"),
        (Feel.STRAIGHT, "1 e & a 2", "16th 16th 16th 16th quarter"),
        (Feel.STRAIGHT, "1 a 2", "eighth. 16th quarter"),
        (Feel.STRAIGHT, "1-2 3-4", "half half"),
        (Feel.ROLLING, "1 & a 2", "eighth/3 eighth/3 eighth/3 quarter"),
        (Feel.SWUNG, "1 & 2", "quarter/3 eighth/3 quarter"),
        (Feel.SWUNG, "1 & a 2", "quarter/3 16th/3 16th/3 quarter"),
    )

    def test_lengths(self):
        from music21.duration import Duration, Tuplet

        for feel, typed, notes in self.CASES:
            lasting = []
            for note in notes.split():
                duration = Duration(note.split("/")[0].rstrip("."))
                duration.dots = note.count(".")
                if note.endswith("/3"):
                    duration.appendTuplet(Tuplet(3, 2, "eighth"))
                lasting.append(duration.quarterLength)
            with self.subTest(typed, feel=feel):
                self.assertEqual([slot.length for slot in parse_counts(typed, feel)], lasting)
