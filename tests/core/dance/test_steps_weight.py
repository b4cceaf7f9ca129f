"""The step library, swapping sides, and the weight through moves."""

import unittest
from fractions import Fraction as F

from hypothesis import given
from hypothesis import strategies as st

from vamos.core.dance.notation import parse_line
from vamos.core.dance.steps import find_step, library, on_side, suggestions, swapped
from vamos.core.dance.weight import after, can_begin, first_foot, follow, weight_at
from vamos.core.model.dance import Event, Foot, Kind, StepPattern

R, L, BOTH, UNKNOWN = Foot.RIGHT, Foot.LEFT, Foot.BOTH, Foot.NONE
feet = st.sampled_from(list(Foot))
kinds = st.sampled_from(list(Kind))


class LibraryTest(unittest.TestCase):
    def test_every_step_can_be_danced(self):
        """From the weight that leaves its first foot free, no move of a common step is impossible."""
        self.assertGreaterEqual(len(library()), 60)
        for name, step in library().items():
            for side, weight in ((R, L), (L, R)):
                moves = on_side(step, side).events
                start = BOTH if first_foot(moves) is None or moves[0].kind is Kind.HOP else weight
                with self.subTest(name, side=side):
                    self.assertEqual([s.wrong for s in follow(moves, start) if s.wrong], [])

    def test_known_ends_and_turns(self):
        """Where some steps end (common practice, no source)."""
        for name, ends, turn in (
            ("shuffle", R, 0),
            ("vine", R, 0),
            ("jazz box", L, 0),
            ("coaster", R, 0),
            ("pivot half", L, -4),
            ("monterey quarter", L, 2),
            ("kick ball change", L, 0),
            ("rolling turn", R, 8),
            ("weave", L, 0),
            ("rocking chair", L, 0),
        ):
            step = library()[name]
            with self.subTest(name):
                self.assertIs(follow(step.events, L)[-1].weight, ends)
                self.assertEqual(sum(e.turn for e in step.events), turn)

    def test_lengths(self):
        for name, counts in (("shuffle", 2), ("lindy", 4), ("K-step", 8), ("heel switches", 2), ("vine", 4)):
            self.assertEqual(library()[name].length, counts, name)

    def test_found_whatever_the_case_and_the_direction_behind(self):
        self.assertEqual(find_step("Shuffle FWD", {}).name, "shuffle")
        self.assertEqual(find_step("kick-ball-change", {}).name, "kick ball change")
        self.assertIsNone(find_step("lantern spin", {}))

    def test_own_steps_go_first(self):
        own = {"vine": StepPattern("vine", F(2), (Event(F(0), foot=R, kind=Kind.STEP),))}
        self.assertEqual(find_step("vine", own).length, 2)
        self.assertEqual(suggestions("vi", own)[0], "vine")
        self.assertEqual(suggestions("", own), ())

    @given(feet, kinds, st.sampled_from([None, *range(-8, 9)]), st.integers(-4, 4))
    def test_swapping_twice_changes_nothing(self, foot, kind, turn, angle):
        event = Event(F(1), foot=foot, kind=kind, turn=turn, angle=angle)
        self.assertEqual(swapped(swapped(event)), event)


class WeightTest(unittest.TestCase):
    def move(self, foot: Foot, kind: Kind, weight: Foot) -> tuple[Foot, bool]:
        stance = after(Event(F(0), name="m", foot=foot, kind=kind), weight)
        return stance.weight, not stance.wrong

    def test_the_rules(self):
        """A step moves the weight, a touch does not, a hop stays; the bearing foot can do none of these."""
        for foot, kind, weight, then, possible in (
            (R, Kind.STEP, L, R, True),
            (R, Kind.STEP, R, R, False),
            (R, Kind.TOUCH, L, L, True),
            (R, Kind.TOUCH, R, R, False),
            (R, Kind.STEP, BOTH, R, True),
            (R, Kind.TOUCH, BOTH, L, True),
            (R, Kind.HOP, R, R, True),
            (R, Kind.HOP, L, R, False),
            (BOTH, Kind.HOP, R, BOTH, True),
            (BOTH, Kind.STEP, L, BOTH, True),
            (L, Kind.TURN, R, L, True),
            (R, Kind.STEP, UNKNOWN, R, True),
            (UNKNOWN, Kind.STEP, R, UNKNOWN, True),
            (UNKNOWN, Kind.HOLD, R, R, True),
            (UNKNOWN, Kind.FREE, R, R, True),
        ):
            with self.subTest(foot=foot, kind=kind, weight=weight):
                self.assertEqual(self.move(foot, kind, weight), (then, possible))

    def test_the_reason_names_foot_and_move(self):
        stance = after(Event(F(0), name="kick", foot=R, kind=Kind.TOUCH), R)
        self.assertEqual(stance.wrong, "“kick” needs the right foot, which bears the weight")

    @given(st.lists(st.tuples(feet, kinds), max_size=12), feet)
    def test_mirrored_moves_have_mirrored_weight(self, moves, start):
        """Swapping all feet swaps the weight everywhere and keeps what is impossible."""
        events = [Event(F(k), foot=f, kind=k2) for k, (f, k2) in enumerate(moves)]
        other = {R: L, L: R, BOTH: BOTH, UNKNOWN: UNKNOWN}
        one, two = follow(events, start), follow([swapped(e) for e in events], other[start])
        self.assertEqual([other[s.weight] for s in one], [s.weight for s in two])
        self.assertEqual([bool(s.wrong) for s in one], [bool(s.wrong) for s in two])

    def test_weight_at_a_count_is_before_what_is_danced_there(self):
        stances = follow(parse_line("walk R 1, walk L 2, walk R 3"), L)
        self.assertEqual([weight_at(stances, F(k), L) for k in range(4)], [L, R, L, R])

    def test_may_begin(self):
        moves = parse_line("hold 1, walk R 2")
        self.assertTrue(can_begin(moves, L))
        self.assertFalse(can_begin(moves, R))
        self.assertTrue(can_begin((), R))


if __name__ == "__main__":
    unittest.main()
