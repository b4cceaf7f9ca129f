"""Passes compared: who is still where others move, whose “&” differs, what decides, what is asked, what an answer does."""

import unittest
from dataclasses import replace
from fractions import Fraction as F

import numpy as np

from tests.core.align.test_spoken import counted, words_at
from tests.core.pack.test_verify import small_project
from tests.support import FolderCase, grid_at
from vamos.core.align import spoken
from vamos.core.dance.lines import lines_of
from vamos.core.edit.takes import answer, remove_take, with_movement
from vamos.core.media.motion import PER_SECOND, Motion
from vamos.core.model.dance import Dance, Event, Item, ItemKind, Kind, Section
from vamos.core.model.disagreement import ALL_RIGHT
from vamos.core.model.take import Pass, PassKind
from vamos.core.plan.agree import Danced, agreement, ands_in, moved_in, open_questions, question_words
from vamos.core.plan.movement import Looked, Movement
from vamos.core.plan.pace import paces
from vamos.core.time import TimeMap, TimeRange
from vamos.errors import InputError

GRID = grid_at(120, 64, 0.0, 0)
TO_TAKE = GRID.time_map()


def lines(*events: Event):
    return lines_of(GRID, Dance("d", (Section("A", 8, events),), (Item(ItemKind.WALL),) * 3))


def danced(take: str, still: tuple[float, float] | None, sheet=(), ands=None) -> list[Danced]:
    """Three walls of a take that moves all the time, but for some counts of each wall."""
    out = []
    for line in lines(*sheet):
        moves = np.ones(16)
        if still:
            moves[round(still[0] * 2) : round(still[1] * 2)] = 0.05
        out.append(Danced(take, line, moves, TO_TAKE, None if ands is None else frozenset(ands)))
    return out


STEP = (Event(F(4), F(1), "step"), Event(F(5), F(1), "touch"))


class StillTest(unittest.TestCase):
    def test_two_that_differ_are_one_question(self):
        told = agreement([*danced("a", (4, 6)), *danced("b", None)])
        (asked,) = told.open
        self.assertEqual((asked.start, asked.end, told.remarks), (F(4), F(6), {}))
        words = question_words(asked, "A", {"a": "front", "b": "back"})
        self.assertEqual(words, "On 5 to 6 of A, front is still; back moves. Which is right?")

    def test_the_sheet_decides(self):
        told = agreement([*danced("a", (4, 6), STEP), *danced("b", None, STEP)])
        self.assertEqual(told.open, ())
        self.assertEqual([r.text for r in told.remarks["a"]], ["still on 5 to 6 of A, where others move"])
        self.assertAlmostEqual(told.remarks["a"][0].take_s, 2.0)

    def test_a_hold_in_the_sheet_is_judged_elsewhere(self):
        hold = (Event(F(4), F(2), "hold", kind=Kind.HOLD),)
        told = agreement([*danced("a", (4, 6), hold), *danced("b", None, hold)])
        self.assertEqual((told.open, told.remarks), ((), {}))

    def test_most_decide(self):
        told = agreement([*danced("a", None), *danced("b", None), *danced("c", (4, 6))])
        self.assertEqual((told.open, list(told.remarks)), ((), ["c"]))
        even = agreement([*danced("a", None), *danced("b", None), *danced("c", (4, 6)), *danced("d", (4, 6))])
        self.assertEqual(len(even.open), 1)

    def test_half_a_count_is_a_fluke(self):
        self.assertEqual(agreement([*danced("a", (4, 4.5)), *danced("b", None)]).open, ())

    def test_once_in_three_walls_is_a_slip_not_a_version(self):
        rows = danced("a", None)
        rows[1].moves[8:12] = 0.05
        self.assertEqual(agreement([*rows, *danced("b", None)]).open, ())

    def test_one_take_alone_agrees_with_itself(self):
        self.assertEqual(agreement(danced("a", (2, 6))).open, ())

    def test_movement_between_still_and_moving_is_neither(self):
        rows = danced("a", (4, 6))
        for one in rows:
            one.moves[8:12] = 0.5
        self.assertEqual(agreement([*rows, *danced("b", None)]).open, ())

    def test_what_moves_is_measured_against_what_is_usual(self):
        energy = np.full(int(10 * PER_SECOND), 0.04)
        energy[round(2 * PER_SECOND) : round(3 * PER_SECOND)] = 0.0
        row = moved_in(Motion(energy, np.full((len(energy), 4), np.nan)), TO_TAKE, lines()[0], 0.04)
        self.assertEqual(len(row), 16)
        np.testing.assert_allclose(row[[0, 3, 8, 11, 14]], [1, 1, 0, 0, 1], atol=0.1)


class AndTest(unittest.TestCase):
    def test_seven_eight_against_seven_and_eight(self):
        told = agreement([*danced("a", None, ands=()), *danced("b", None, ands=(6,))])
        (asked,) = told.open
        words = question_words(asked, "A", {"a": "slow one", "b": "slow two"})
        self.assertEqual(words, "On 7 of A, slow two says “&”; slow one says none. Which is right?")

    def test_the_sheet_decides_there_too(self):
        sheet = (Event(F(6), F(1, 2), "kick"), Event(F(13, 2), F(1, 2), "ball"), Event(F(7), F(1), "step"))
        told = agreement([*danced("a", None, sheet, ()), *danced("b", None, sheet, (6,))])
        self.assertEqual(told.open, ())
        self.assertEqual([r.text for r in told.remarks["a"]], ["says no “&” on 7 of A, where others say “&”"])

    def test_passes_without_a_voice_say_nothing(self):
        self.assertEqual(agreement([*danced("a", None), *danced("b", None, ands=(6,))]).open, ())

    def test_where_an_and_lies(self):
        line = lines()[1]
        said = [TO_TAKE(8 + 6.45), TO_TAKE(8 + 2.05), TO_TAKE(30.5)]
        self.assertEqual(ands_in([float(s) for s in said], TO_TAKE, line), {6})

    @unittest.skipUnless(spoken.listens(), "pocketsphinx is not installed here")
    def test_it_is_heard(self):
        """A voice that counts eights, with an “and” after each seven of one take and none of the other."""
        times, words = counted(1, 24, 0.7)
        plain = words_at(times, words, 19)
        more = [(t + 0.35, "and") for t, w in zip(times, words, strict=True) if w == "seven"]
        both = sorted([*zip(times, words, strict=True), *more])
        with_and = words_at([t for t, _ in both], [w for _, w in both], 19)
        clock = TimeMap.through(np.arange(24, dtype=float), np.array(times))
        found = [frozenset(ands_in(spoken.ands_in(x), clock, line) for line in lines()) for x in (plain, with_and)]
        self.assertNotIn(6, frozenset().union(*found[0]))
        self.assertTrue(any(6 in ands for ands in found[1]), found)


class AnswerTest(FolderCase):
    def asked(self):
        """A project of two takes that differ on 5 and 6 of its section."""
        project = small_project(self.folder)
        section = replace(project.dance.sections[0], name="A") if project.dance.sections else Section("A", 8)
        project = replace(project, dance=Dance("d", (section,), (Item(ItemKind.WALL),)))
        first = project.takes[0]
        second = replace(first, name="other", id="other")
        project = replace(project, takes=(first, second))
        told = agreement([*danced(first.id, (4, 6)), *danced("other", None)])
        open_ = tuple(replace(d, section=section.id) for d in told.open)
        looked = Looked({t.id: Movement((), {}) for t in project.takes}, open_)
        return project, looked

    def test_an_answer_is_kept_and_not_asked_again(self):
        project, looked = self.asked()
        project = with_movement(project, looked)
        self.assertEqual(len(open_questions(project)), 1)
        answered = answer(project, 0, "moves")
        self.assertEqual(open_questions(answered), {})
        self.assertEqual([r.text for r in answered.takes[0].remarks], ["still on 5 to 6 of A, where others move"])
        self.assertEqual(answered.takes[1].remarks, ())
        again = with_movement(answered, looked)
        self.assertEqual(open_questions(again), {})
        self.assertEqual(len(again.takes[0].remarks), 1)

    def test_all_may_be_right(self):
        project = answer(with_movement(*self.asked()), 0, ALL_RIGHT)
        self.assertEqual([t.remarks for t in project.takes], [(), ()])
        self.assertEqual(open_questions(project), {})

    def test_no_other_answers(self):
        with self.assertRaisesRegex(InputError, "not one of the answers"):
            answer(with_movement(*self.asked()), 0, "perhaps")

    def test_a_take_that_is_taken_out_takes_its_questions_with_it(self):
        project = with_movement(*self.asked())
        self.assertEqual(remove_take(project, "other").disagreements, ())


class PaceTest(unittest.TestCase):
    def counted(self, period: float, late: dict[int, float] | None = None, many: int = 17) -> Pass:
        times = 3.0 + period * np.arange(many)
        for k, s in (late or {}).items():
            times[k] += s
        clock = TimeMap.through(times, np.arange(many, dtype=float))
        return Pass(PassKind.COUNTED, TimeRange(3.0, float(times[-1]) + period), clock, 1.0)

    def test_as_a_share_of_the_song(self):
        """Counted every 0.8 s where the song has a count each half second: 62.5 %."""
        found = paces(self.counted(0.8), GRID, lines())
        self.assertEqual(len(found), 2)
        for pace in found:
            self.assertAlmostEqual(pace.share, 0.625, places=4)
            self.assertEqual(pace.off, ())

    def test_early_and_late_counts(self):
        first, second = paces(self.counted(0.8, {4: 0.12, 11: -0.15}), GRID, lines())
        self.assertEqual([k for k, _ in first.off], [4])
        self.assertEqual([k for k, _ in second.off], [3])
        self.assertIn("5 comes 0.12 s late", first.words())
        self.assertIn("4 comes 0.15 s early", second.words())

    def test_a_pass_with_the_song_has_the_songs_pace(self):
        self.assertEqual(paces(Pass(PassKind.SONG, TimeRange(0, 20), TimeMap.line(), 1.0), GRID, lines()), ())

    def test_a_line_that_is_not_counted_to_its_end_is_left_out(self):
        self.assertEqual(len(paces(self.counted(0.8, many=12), GRID, lines())), 1)


if __name__ == "__main__":
    unittest.main()
