"""Lines as strangers type them, each with its feet, turns and weight worked out by hand.

``while_written.txt`` was at hand while the reader was made; ``after.txt`` was written when it was finished. What the
moves are is common practice, no source. The rules that need no expected value hold for every line of both.
"""

import re
import unittest
from collections import Counter
from fractions import Fraction
from pathlib import Path

from tests.core.dance.typed_judge import Verdict, judge, read_once, short
from vamos.core.dance.counts_typed import NotationError
from vamos.core.dance.doubts import question
from vamos.core.dance.section_text import notation_of, read_notation
from vamos.core.dance.sheets.csv import read_csv
from vamos.core.dance.typed.kept import counts_lost, crowded, sides_lost, words_lost
from vamos.core.dance.typed.lexicon import lexicon_for
from vamos.core.dance.typed.reading import read_typed
from vamos.core.dance.typed.tokens import tokens_of
from vamos.core.dance.weight import follow
from vamos.core.model.dance import Dance, Doubt, Event, Foot, Kind, Section
from vamos.core.time import Feel, count_name
from vamos.errors import InputError

ORDER = ("right", "asked", "marked", "refused", "no help", "silent")
HERE = Path(__file__).parent / "typed_lines"


def lines(name: str) -> list[tuple[str, str]]:
    rows = (HERE / name).read_text(encoding="utf-8").splitlines()
    found = [row.rpartition(" => ") for row in rows if row.strip() and not row.startswith("#")]
    return [(text, wanted) for text, _, wanted in found]


def best(text: str, wanted: str) -> Verdict:
    """The verdict for the likeliest of the meanings that are right."""
    return min((judge(text, w.strip()) for w in wanted.split(" ~ ")), key=lambda v: ORDER.index(v.kind))


ALL = lines("while_written.txt") + lines("after.txt")


class ReadTest(unittest.TestCase):
    def test_each_is_read_or_asked_and_never_wrong_in_silence(self):
        for name in ("while_written.txt", "after.txt"):
            found: Counter[str] = Counter()
            rows = lines(name)
            for text, wanted in rows:
                verdict = best(text, wanted)
                found[verdict.kind] += 1
                with self.subTest(text):
                    self.assertIn(verdict.kind, ("right", "asked", "marked"), f"want {wanted}, got {verdict.got}")
            self.assertGreaterEqual(found["right"], 0.9 * len(rows), (name, found))

    def test_the_judge_sees_what_is_wrong(self):
        """Each wanted value with its first foot swapped is no longer right."""
        for text, wanted in ALL:
            first = wanted.split(" ~ ")[0]
            other = re.sub(r"[RL]", lambda m: {"R": "L", "L": "R"}[m.group()], first, count=1)
            if other == first or " ~ " in wanted or "*" in first.split()[0]:
                continue
            with self.subTest(text):
                self.assertNotEqual(judge(text, other).kind, "right")


def read(text: str) -> str:
    """What is danced, and what is asked, in one line."""
    try:
        events, _ = read_once(text)
    except InputError:
        return "refused"
    return short(events)


def asked(text: str) -> bool:
    try:
        return any(e.doubt for e in read_once(text)[0])
    except InputError:
        return True


def named(text: str) -> list[str]:
    return [e.name for e in read_notation(text, Feel.STRAIGHT, {})[0]]


class WithoutCountsTest(unittest.TestCase):
    """A line of known moves without any count: one after the other, each as long as it usually is."""

    def test_each_move_has_its_length(self):
        for text, wanted in (
            ("Stomp R, clap, stomp L, clap", "1R 2x 3L 4x"),
            ("Toe strut R, toe strut L", "1r 2R 3l 4L"),
            ("Triple step right, rock back L, recover R", "1R 1&L 2R 3L 4R"),
            ("Side rock L, recover, cross L over R, hold", "1L 2R 3L 4h"),
            ("Hitch R knee, step back R, coaster L", "1r 2R 3L 3&R 4L"),
            ("Grapevine R touch, grapevine L touch", "1R 2L 3R 4l 5L 6R 7L 8r"),
            ("Rumba box left: side L, close R, fwd L, hold, side R, close L, back R, hold", "1L 2R 3L 4h 5R 6L 7R 8h"),
            ("Basic right: side R, together L, side R, tap L", "1R 2L 3R 4l"),
            ("Rück rechts, Gewicht zurück links, Stampf rechts, Pause", "1R 2L 3R 4h"),
        ):
            with self.subTest(text):
                self.assertEqual(judge(text, wanted).kind, "right")

    def test_another_sum_is_asked(self):
        """Three counts, or seven, are no length a line usually has: on which counts?"""
        for text in ("side R, close L, side R", "vine R, side L, close R, side L"):
            events = read_notation(text, Feel.STRAIGHT, {})[0]
            self.assertIn(Doubt.COUNTS, {e.doubt for e in events}, text)

    def test_a_count_that_is_left_out_may_be_that_of_the_clap(self):
        """“1 2 3 clap, 5 6 7 clap” may clap on 4 and 8; steps on three counts are meant as they stand."""
        for text, asked in (
            ("1 2 3 clap, 5 6 7 clap", ["1", "5"]),
            ("1 2 3 hop 5 6 7 hop", ["1", "5"]),
            ("1 2 3 clap, 4 5 6 clap", []),
            ("clap 1 2 3, snap 5 6 7", []),
            ("1 2 3 walk L, 5 6 7 walk R", []),
        ):
            events, _ = read_notation(text, Feel.STRAIGHT, {})
            self.assertEqual([count_name(e.start) for e in events if e.doubt is Doubt.READINGS], asked, text)

    def test_full_turns_in_a_row_are_asked(self):
        events, _ = read_notation("8 full turns left 1-8", Feel.STRAIGHT, {})
        self.assertEqual([count_name(e.start) for e in events if e.doubt is Doubt.TURNS], ["2"])

    def test_what_is_not_known_is_refused_as_before(self):
        """A word of nobody's, prose, and lines of a sheet stay what they are."""
        for text in ("harbour wave, side R", "hello everyone"):
            with self.assertRaises(NotationError):
                read_notation(text, Feel.STRAIGHT, {})
        with self.assertRaises(NotationError):
            read_notation("side R, close L", Feel.STRAIGHT, {}, lay_out=False)


class NothingDroppedTest(unittest.TestCase):
    def test_which_arm_and_where_one_looks_stay(self):
        self.assertEqual(named("R arm up 1, look left 2"), ["right arm up", "look left"])
        self.assertEqual(named("Arme hoch rechts 1, Blick nach links 2"), ["Arme hoch rechts", "Blick nach links"])
        self.assertEqual(named("bump hips R, L, R 1-3"), ["bump hips right", "bump hips left", "bump hips right"])
        self.assertEqual(named("step R with L arm up 1"), ["step left arm up"])
        self.assertEqual(named("R arm up 1, step R 2, repeat on the other side 3-4")[2], "left arm up")
        self.assertEqual(named("kick R to the left 1"), ["kick to the left"])

    def test_a_foot_before_a_verb_that_goes_elsewhere_is_asked(self):
        events = read_notation("1-2 3&4 R heel grind ¼ R, L coaster", Feel.STRAIGHT, {})[0]
        self.assertIn((Doubt.NAME, "L"), [(e.doubt, e.unread) for e in events])

    def test_where_the_weight_is_said_to_end_is_compared(self):
        def doubts(text: str) -> list[Doubt]:
            return [e.doubt for e in read_notation(text, Feel.STRAIGHT, {})[0] if e.doubt]

        self.assertEqual(doubts("vine R 1-4 (weight on R)"), [])
        self.assertEqual(doubts("vine R 1-4, you end with weight on the left"), [Doubt.WEIGHT])
        self.assertEqual(doubts("Jazzbox rechts 1-4, Gewicht endet auf links"), [])
        self.assertEqual(doubts("Jazzbox rechts 1-4, Gewicht endet auf rechts"), [Doubt.WEIGHT])
        self.assertEqual(doubts("walk R 1, L 2, put weight on R"), [Doubt.WEIGHT])

    def test_a_side_in_a_name_is_said_as_the_line_says_it(self):
        def named(text: str) -> list[str]:
            return [e.name for e in read_notation(text, Feel.STRAIGHT, {})[0]]

        self.assertEqual(named("7-8 Hüften: rechts, links"), ["Hüften rechts", "Hüften links"])
        self.assertEqual(named("7-8 hips: right, left"), ["hips right", "hips left"])

    def test_where_the_weight_goes_to_the_next_step_follows(self):
        """A move without a foot of its own that says so leaves the other foot free."""
        for text, feet in (
            ("body roll 1-4 weight to L\nstep 5, step 6", "RL"),
            ("body roll 1-4 weight R\nstep 5, step 6", "LR"),
            ("Hüftkreis 1-4 (Gewicht nach links)\nSchritt 5, Schritt 6", "RL"),
            ("giro de cadera 1-4, terminando con el peso en la derecha\npaso 5, paso 6", "LR"),
        ):
            events = read_notation(text, Feel.STRAIGHT, {})[0]
            self.assertEqual("".join(e.foot.value[0].upper() for e in events[-2:]), feet, text)

    def test_what_is_said_of_a_count_belongs_to_the_line_it_stands_in(self):
        two = "1-8 rocking chair R\n1-4 vine R with {said}\n5-8 vine L"
        events = read_notation(two.format(said="a clap on 4"), Feel.STRAIGHT, {})[0]
        self.assertEqual([e.start for e in events if "clap" in e.name], [11])
        events = read_notation(two.format(said="a 1/4 turn R on 3"), Feel.STRAIGHT, {})[0]
        self.assertEqual([(e.start, e.turn) for e in events if e.turn], [(10, 2)])
        self.assertFalse([e.doubt for e in events if e.doubt])

    def test_a_count_said_of_a_line_over_two_eights_is_asked(self):
        for said, doubt in (("a clap on 4", Doubt.COUNTS), ("a 1/4 turn R on 3", Doubt.TURNS)):
            events = read_notation(f"1-8 rocking chair R, 1-8 rocking chair L with {said}", Feel.STRAIGHT, {})[0]
            self.assertIn(doubt, [e.doubt for e in events])
            self.assertFalse([e for e in events if "clap" in e.name])

    def test_a_title_before_a_colon_dances_nothing(self):
        events = read_notation("Bachata basic: R side 1, L together 2", Feel.STRAIGHT, {})[0]
        self.assertEqual({e.role for e in events}, {""})
        self.assertEqual({e.role for e in read_notation("Captain: R side 1", Feel.STRAIGHT, {})[0]}, {"Captain"})


class RulesTest(unittest.TestCase):
    """What must hold whatever a line means."""

    def test_capitals_spaces_and_a_final_stop_change_nothing(self):
        for k, (text, _) in enumerate(ALL):
            plain = read(text)
            ways = (text[:1].upper() + text[1:], f"  {text} ", text.replace(" ", "  "), text.rstrip(".") + ".")
            # Two of the four for each line: every one of them on half of the lines.
            for changed in (ways[k % 4], ways[(k + 1) % 4]):
                if text.rstrip().endswith(("-", "–")) and changed.endswith("."):
                    continue
                with self.subTest(changed):
                    # A name that stands for a dancer is kept as it is written.
                    self.assertEqual(read(changed).lower(), plain.lower())

    def test_left_and_right_swapped_is_the_mirror_image(self):
        swap = {"R": "L", "L": "R", "r": "l", "l": "r", "+": "-", "-": "+"}
        pairs = [
            ("right", "left"),
            ("rechts", "links"),
            ("RIGHT", "LEFT"),
            ("RF", "LF"),
            ("RV", "LV"),
            ("R", "L"),
        ]
        pairs += [("rechtsdrehung", "linksdrehung"), *((a.capitalize(), b.capitalize()) for a, b in pairs[:2])]
        pairs += [("Rechtsdrehung", "Linksdrehung")]
        words = {a: b for pair in pairs for a, b in (pair, pair[::-1])}
        form = re.compile(rf"(?<![^\W_])({'|'.join(words)})(?![^\W_])")
        for text, _ in ALL[1::2]:
            if not form.search(text) or re.search(
                r"[RL]{2}|clock|Uhr|\d:\d\d|wall|[^\x00-\xff½¼¾⅛–‑−⁄]|P[DG]|wand|linke[nr]|rechte[nr]|Linker|Rechte|Linke|"
                # Other languages beside R and L of English.
                r"izquierda|derecha|gauche|droite",
                text,
            ):
                continue
            other = form.sub(lambda m: words[m.group()], text)
            mirrored = re.sub(r"(?<=[\d&aex])[RLrl]|[+-](?=\d)", lambda m: swap[m.group()], read(text))
            if "0&" in mirrored or "?" in mirrored or asked(text):
                continue
            with self.subTest(text):
                self.assertEqual(read(other), mirrored)

    def test_what_is_too_long_for_a_line_is_told_at_once(self):
        """Half a thousand words in one line are no eight; a damaged file of one line took 40 s."""
        with self.assertRaisesRegex(NotationError, "a new line for each eight"):
            read_notation("vine R, touch, " * 200, Feel.STRAIGHT, {})
        self.assertEqual(len(read_notation("walk R 1, walk L 2, " * 30, Feel.STRAIGHT, {})[0]), 60)

    def test_a_side_that_is_danced_nowhere_is_asked(self):
        for text in ("5-6 hip roll L over 2 counts 7-8 the same R", "Applejacks R L on 1& 2&"):
            self.assertTrue(any(e.doubt for e in read_notation(text, Feel.STRAIGHT, {})[0]), text)
        passed = read_notation("1 cross R over L, 2 hold", Feel.STRAIGHT, {})[0]
        self.assertFalse(any(e.doubt for e in passed), "a foot that is passed is no side of a move")

    def test_what_is_typed_and_danced_nowhere_is_asked_by_its_word(self):
        """Whatever the reader makes of a line: a move, a hold, a turn, a foot or a count that got lost is named."""
        lexicon = lexicon_for({})
        steps = read_typed("step R 1, step L 2, step R 3").events
        for typed, lost in (
            ("step R 1, kick L 2, step L 3", ("kick",)),
            ("step R 1, step L 2, clap 2, step R 3", ("clap",)),
            ("step R 1, step L 2, step R 3, step L 4", ("step",)),
            ("step R 1, step L ¼ L 2, step R 3", ("¼",)),
            ("step R 1, hold 2, step R 3", ("hold",)),
            ("coaster R 1, step L 2, step R 3", ()),
            ("basic step: step R 1, step L 2, step R 3", ()),
        ):
            tokens = tokens_of(typed, lexicon.known)
            self.assertEqual(words_lost([tokens], steps, lexicon), lost, typed)
        self.assertEqual(counts_lost([tokens_of("step R 1, step L 5-6", lexicon.known)], steps), ("5",))
        self.assertEqual(counts_lost([tokens_of("walk for 4 counts 1-3", lexicon.known)], steps), ())
        self.assertEqual(sides_lost([tokens_of("step L, step L, step R", lexicon.known)], steps, lexicon), ["L"])
        self.assertEqual(sides_lost([tokens_of("step R to R side, L next to R", lexicon.known)], steps, lexicon), [])
        (event, *_rest) = read_typed("Applejacks R L on 1& 2&").events
        self.assertEqual((event.doubt, event.unread), (Doubt.LOST, "left"))
        self.assertIn("“left” is written here", question(event, Section("A", Fraction(2), (event,))))

    def test_two_steps_in_one_name_are_asked(self):
        lexicon = lexicon_for({})
        for name, kind, asked in (
            ("kick point", Kind.TOUCH, True),
            ("clap step touch left", Kind.FREE, True),
            ("step rise right", Kind.FREE, True),
            ("touch toe behind", Kind.TOUCH, False),
            ("hips sway left", Kind.FREE, False),
            ("lock behind", Kind.STEP, False),
            ("Hacke vorn auftippen", Kind.TOUCH, False),
        ):
            self.assertEqual(crowded(Event(Fraction(0), name=name, kind=kind), lexicon), asked, name)

    def test_what_was_typed_and_is_only_a_name_is_asked(self):
        for text in ("5-6 zorp (blick) zorp", "7-8 stomp stomp (no weight on 2nd)"):
            events = read_notation(text, Feel.STRAIGHT, {})[0]
            self.assertTrue(any(e.doubt for e in events), text)

    def test_a_slip_of_the_finger_is_told_or_changes_nothing(self):
        """One letter doubled in a word: the feet and turns stay, or something is asked."""
        for text, _ in ALL[::3]:
            for word in re.findall(r"[A-Za-zäöü]{5,}", text)[:2]:
                slipped = text.replace(word, word[:2] + word[1:], 1)
                try:
                    events, _others = read_notation(slipped, Feel.STRAIGHT, {})
                except InputError:
                    continue
                told = any(e.doubt or e.unread or e.turn is None for e in events) or any(
                    s.wrong for s in follow(events, Foot.NONE)
                )
                with self.subTest(slipped):
                    self.assertTrue(told or read(slipped) == read(text), short(events))

    def test_what_was_read_is_written_and_read_again(self):
        """A section that was typed stands in its field as it was understood."""
        for text, _ in ALL[::2]:
            try:
                events, others = read_once(text)
            except InputError:
                continue
            length = max(8, -(-int(max(e.start + e.length for e in events)) // 8) * 8)
            section = Section("A", length, events, others=others)
            written = notation_of(section, Dance("d", (section,)))
            again, _ = read_once(written)
            with self.subTest(text, written=written):
                self.assertEqual(short(again), short(events))

    def test_what_takes_no_weight_moves_no_weight(self):
        for text in ("arms up 1", "look right 1, look left 2", "shoulder R 1, shoulder L 2", "punch L 3", "clap 4"):
            events, _ = read_notation(text, Feel.STRAIGHT, {})
            with self.subTest(text):
                self.assertEqual({e.foot for e in events}, {Foot.NONE})
                self.assertEqual({e.kind for e in events}, {Kind.FREE})


class TableTest(unittest.TestCase):
    """Spreadsheets as people keep them: their own heads, counts from 1, merged cells, rows above the head."""

    def test_their_heads_and_their_counts(self):
        for text in (
            "Section,Count,Move\nA,1,step R\nA,2,touch L\nA,3&,step L\n",
            "sep=;\nTeil;Zähler;Schritt\nA;1;Schritt R\n;2;tippen L\n;3&;Schritt L\n",
            "My dance\n\nStep\tBeat\nstep R\t1\ntouch L\t2\nstep L\t3&\n",
        ):
            with self.subTest(text):
                (section,) = read_csv(text).dance.sections
                self.assertEqual(short(section.events), "1R 2l 3L 3&R")

    def test_merged_cells_go_on_with_the_section_above(self):
        dance = read_csv("section,start,name,foot\nA,0,step,R\n,1,step,L\nB,0,step,R\n").dance
        self.assertEqual([short(s.events) for s in dance.sections], ["1R 2L", "1R"])

    def test_a_cell_too_many_is_told(self):
        (remark,) = read_csv("section,start,name\nA,0,step R, big\n").remarks
        self.assertIn("Row 2", remark)
        self.assertIn("big", remark)
