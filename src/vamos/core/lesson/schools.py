"""The schools of building a lesson: which steps, in which order. Figures are common practice, no source."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from fractions import Fraction

from vamos.core.dance.said import said_in_order
from vamos.core.lesson.difficulty import EASY, HARD, rungs
from vamos.core.lesson.material import Material, Piece
from vamos.core.lesson.repeats import as_often_as, style_steps
from vamos.core.lesson.step import MUSIC, REPEATS, VARIANTS, VIEWS, Step
from vamos.core.model.clip import ClipSound
from vamos.core.model.lesson import Build, Facts, LessonWish, Shown, Slow, StepKind, Way
from vamos.core.model.take import View
from vamos.wording import marked, words_of

tr = words_of(__name__)

#: Naming the moves of an eight takes so long, in seconds; a hard one twice as long.
WORDS_S = 24.0
#: A sentence takes so long.
SENTENCE_S = 4.0
#: A join is danced slowly first (common practice, no source).
SLOW_JOIN = Fraction(3, 4)
#: So many counts before a restart and behind it are danced to learn it.
AROUND = 4
#: Walls beyond these face as earlier ones do.
WALLS = 4
#: Why a school is the default, or what speaks for it, in a line each.
WHY = {
    Build.CUMULATIVE: marked("learners meet every join again and again; short dances"),
    Build.BLOCKS: marked("less of the beginning, so that long dances stay fresh to their end"),
    Build.LANDMARKS: marked("where the top is secure, the hard places get the time"),
    Build.WHOLE_PARTS: marked("who sees the whole first knows where each part belongs"),
    Way.WORDS: marked("most learners want to know what before when"),
    Way.NUMBERS: marked("for those who count; rhythm before names"),
    Way.SOUNDS: marked("for dances that sit on words or sounds of the song"),
    Way.FEET: marked("arms come easily once the feet know"),
}


def lesson_steps(
    wish: LessonWish, material: Material, facts: Sequence[str], first_view: View = View.FRONT
) -> list[Step]:
    """All steps of a lesson as suggested; ``facts`` are sentences on walls, tags and restarts."""
    school = _School(wish, material, facts, first_view)
    return as_often_as(list(school.steps()), wish.learners)


class _School:
    def __init__(self, wish: LessonWish, material: Material, facts: Sequence[str], view: View):
        self.wish, self.material, self.facts, self.view = wish, material, tuple(facts), view

    def steps(self) -> Iterator[Step]:
        wish, wall = self.wish, self.material.wall
        yield self._say("hello", tr("Hello"), tr("Who you are, what it is called, what one needs."), 8.0, "")
        if wish.facts is Facts.UP_FRONT and self.facts:
            yield self._facts("facts")
        if wish.shown in (Shown.FIRST, Shown.BOTH):
            yield self._whole(
                "shown first", tr("See it once"), StepKind.SHOW, tr("learners see what it will become"), MUSIC
            )
        if wish.build is Build.WHOLE_PARTS:
            yield self._whole(
                "slow first", tr("All of it, slowly, marking along"), StepKind.WHOLE, tr(WHY[wish.build]), slow=True
            )
        yield from {
            Build.CUMULATIVE: self._cumulative,
            Build.BLOCKS: self._blocks,
            Build.LANDMARKS: self._landmarks,
            Build.WHOLE_PARTS: self._parts,
        }[wish.build](wall)
        if self.material.walls != 1 and wall:
            yield self._over_the_end(wall)
            yield from self._restarts(wall)
            yield from self._later_walls(wall)
        if wish.facts is Facts.AT_PLACE and self.facts:
            yield self._facts("facts")
        for piece in self.material.extra:
            yield from self._tag(piece)
        yield from style_steps(self.material.pieces, self.view)
        yield from self._variants()
        if wish.facts is Facts.AFTER and self.facts:
            yield self._facts("facts")
        yield self._recap()
        last = wish.shown in (Shown.LAST, Shown.BOTH)
        yield self._whole("whole", tr("The whole dance with the song"), StepKind.WHOLE, tr("everything in its place"))
        if last:
            yield self._whole(
                "again", tr("Once more, in one go"), StepKind.WHOLE, tr("the second time is the one that sticks"), MUSIC
            )
        yield self._say("goodbye", tr("Goodbye"), tr("What to practise until next time."), 8.0, "")

    # --- builds --------------------------------------------------------------------------

    def _cumulative(self, wall: Sequence[Piece]) -> Iterator[Step]:
        for k, piece in enumerate(wall):
            yield from self._meet(piece)
            if k:
                yield self._join(wall[: k + 1], tr("from the top"), tr("every join is danced each time"))

    def _blocks(self, wall: Sequence[Piece]) -> Iterator[Step]:
        for k, piece in enumerate(wall):
            yield from self._meet(piece)
            if k % 2:
                yield self._join(wall[k - 1 : k + 1], "both", tr("the join of the two"))
            if k % 4 == 3 or (k == len(wall) - 1 and k > 1):
                yield self._join(wall[: k + 1], tr("from the top"), tr("the blocks together"))

    def _landmarks(self, wall: Sequence[Piece]) -> Iterator[Step]:
        chunk: list[Piece] = []
        for k, piece in enumerate(wall):
            yield from self._meet(piece)
            chunk.append(piece)
            turns = any(abs(e.turn or 0) >= 4 for e in piece.section.events)
            if turns or len(chunk) == 2 or k == len(wall) - 1:
                if len(chunk) > 1:
                    yield self._join(
                        chunk,
                        tr("to the end of {name}", name=piece.section.name),
                        tr("to a landmark you can find again"),
                    )
                chunk = []
        if len(wall) > 1:
            yield self._join(wall, tr("from the top"), tr("all landmarks in a row"))

    def _parts(self, wall: Sequence[Piece]) -> Iterator[Step]:
        for piece in wall:
            yield from self._meet(piece)
        if len(wall) > 1:
            yield self._join(wall, tr("from the top"), tr("the parts make the whole again"))

    # --- pieces --------------------------------------------------------------------------

    def _meet(self, piece: Piece) -> Iterator[Step]:
        """A section for the first time."""
        words, numbers = self._named(piece), self._counted(piece)
        if self.wish.way is Way.WORDS:
            yield from (words, numbers)
        elif self.wish.way is Way.NUMBERS:
            yield from (numbers, words)
        elif self.wish.way is Way.SOUNDS:
            yield self._named(piece, "sounds", tr("its words and sounds, said and danced"), ClipSound.SONG)
            yield numbers
        else:
            yield self._step(
                piece,
                StepKind.SHOW,
                "feet",
                tr("{name}, the feet", name=piece.section.name),
                view=View.FEET,
                speeds=(piece.difficulty.slowest,),
                times=2,
                talk_s=self._talk(piece),
                reason=tr(WHY[Way.FEET]),
            )
            yield numbers
        yield from self._quicker(piece)
        if piece.difficulty.score >= EASY or piece.comes > 2:
            rank = VIEWS if piece.difficulty.score < HARD else 9
            yield self._step(
                piece,
                StepKind.DO,
                "back",
                tr("{name} from the back", name=piece.section.name),
                view=View.BACK,
                speeds=(Fraction(1),),
                sound=ClipSound.SONG,
                reason=tr("sides are the learner’s own"),
                rank=rank,
            )

    def _named(self, piece: Piece, suffix: str = "words", what: str = "", sound: ClipSound = ClipSound.NONE) -> Step:
        return self._step(
            piece,
            StepKind.SHOW,
            suffix,
            f"{piece.section.name}, {what or tr('each move named')}",
            shows="words",
            speeds=(piece.difficulty.slowest,),
            sound=sound,
            talk_s=self._talk(piece),
            words=said_in_order(piece.section),
            reason="; ".join(piece.difficulty.reasons) or tr("an easy one"),
        )

    def _counted(self, piece: Piece) -> Step:
        """On numbers, at the teacher's own pace where that was measured."""
        hard = piece.difficulty
        speed = hard.slowest
        reason = (
            tr("slow enough for {busiest:.1f} moves a second", busiest=hard.busiest)
            if hard.busiest
            else tr("its moves are not written")
        )
        if self.material.pace is not None and self.material.pace < float(speed):
            speed = Fraction(round(max(0.25, self.material.pace) * 100), 100)
            reason = tr("at the pace of your counted pass")
        return self._step(
            piece,
            StepKind.DO,
            "numbers",
            tr("{name} on numbers", name=piece.section.name),
            speeds=(speed,),
            sound=ClipSound.VOICE,
            times=hard.times,
            gap=8 if hard.score >= HARD else 0,
            reason=_often(piece, reason),
        )

    def _quicker(self, piece: Piece) -> Iterator[Step]:
        slowest = piece.difficulty.slowest
        name = piece.section.name
        if self.wish.slow is Slow.HALF_TIME and slowest < 1:
            yield self._step(
                piece,
                StepKind.LADDER,
                "half",
                tr("{name} in half-time", name=name),
                speeds=(Fraction(1),),
                half_time=True,
                sound=ClipSound.SONG,
                reason=tr("the music keeps its speed, the dance is half as fast"),
            )
            yield self._step(
                piece,
                StepKind.LADDER,
                "full",
                tr("{name} at the song’s tempo", name=name),
                speeds=(Fraction(1),),
                sound=ClipSound.SONG,
                reason=tr("twice as fast as before, to the same song"),
            )
        elif self.wish.slow is Slow.RUNGS:
            speeds = rungs(slowest)[1:] or (Fraction(1),)
            yield self._step(
                piece,
                StepKind.LADDER,
                "rungs",
                tr("{name}, quicker", name=name),
                speeds=speeds,
                sound=ClipSound.SONG,
                reason=tr("no rung more than a quarter quicker"),
            )

    def _step(self, piece: Piece, kind: StepKind, suffix: str, title: str, **named: object) -> Step:
        counts = Fraction(piece.section.length)
        named.setdefault("view", self.view)
        return Step(f"{piece.id}/{suffix}", kind, title, (piece.id,), piece.first, counts, **named)  # type: ignore[arg-type]

    def _talk(self, piece: Piece) -> float:
        return WORDS_S * piece.section.length / 8 * (0.7 + 0.8 * piece.difficulty.score)

    # --- runs, joins, words --------------------------------------------------------------

    def _join(self, pieces: Sequence[Piece], what: str, reason: str) -> Step:
        counts = sum((Fraction(p.section.length) for p in pieces), Fraction(0))
        ids = tuple(p.id for p in pieces)
        names = tr("{name} to {name2}", name=pieces[0].section.name, name2=pieces[-1].section.name)
        return Step(
            f"{ids[0]}…{ids[-1]}/join",
            StepKind.JOIN,
            f"{names}, {what}",
            ids,
            pieces[0].first,
            counts,
            self.view,
            speeds=(SLOW_JOIN, Fraction(1)),
            sound=ClipSound.SONG,
            reason=reason,
        )

    def _over_the_end(self, wall: Sequence[Piece]) -> Step:
        last = wall[-1]
        start = last.first + max(0, last.section.length - 4)
        ids = (last.id, wall[0].id)
        return Step(
            "wall end/join",
            StepKind.JOIN,
            tr("Over the end of the wall: 8 into 1"),
            ids,
            start,
            Fraction(8),
            self.view,
            speeds=(Fraction(1),),
            sound=ClipSound.SONG,
            times=2,
            reason=tr("the dance goes on where a lesson stops"),
        )

    def _restarts(self, wall: Sequence[Piece]) -> Iterator[Step]:
        """Each place where the dance begins again early is drilled like a tag."""
        for cut in self.material.restarts:
            before = [p for p in wall if p.first < cut]
            if not before:
                continue
            yield Step(
                f"restart {cut}/join",
                StepKind.JOIN,
                tr("The restart after count {count}", count=cut),
                (before[-1].id, wall[0].id),
                Fraction(max(0, cut - AROUND)),
                Fraction(2 * AROUND),
                self.view,
                speeds=(SLOW_JOIN, Fraction(1)),
                sound=ClipSound.SONG,
                times=2,
                reason=tr("the feet want to go on there"),
            )

    def _later_walls(self, wall: Sequence[Piece]) -> Iterator[Step]:
        """Each other way the dance faces is danced once, facing it."""
        seen = {self.material.facings[0]} if self.material.facings else set()
        for number, facing in enumerate(self.material.facings[:WALLS], 1):
            if facing in seen or not facing:
                continue
            seen.add(facing)
            yield Step(
                f"wall {number}/facing",
                StepKind.JOIN,
                tr("Wall {number}, facing {clock}", number=number, clock=facing),
                tuple(p.id for p in wall),
                Fraction(0),
                sum((Fraction(p.section.length) for p in wall), Fraction(0)),
                self.view,
                speeds=(Fraction(1),),
                sound=ClipSound.SONG,
                reason=tr("the room looks different from here"),
                rank=REPEATS,
            )

    def _tag(self, piece: Piece) -> Iterator[Step]:
        yield from self._meet(piece)
        times = tr("{comes} times", comes=piece.comes) if piece.comes > 1 else "once"
        yield Step(
            f"{piece.id}/join",
            StepKind.JOIN,
            tr("Into {name} and out of it", name=piece.section.name),
            (piece.id,),
            piece.first,
            Fraction(piece.section.length + 8),
            self.view,
            speeds=(Fraction(1),),
            sound=ClipSound.SONG,
            reason=tr("it comes {times}, and nobody expects it", times=times),
        )

    def _whole(self, key: str, title: str, kind: StepKind, reason: str, rank: int = 9, slow: bool = False) -> Step:
        """The whole dance; to be seen first, one wall is enough."""
        wall = self.material.wall or self.material.pieces
        one = sum((Fraction(p.section.length) for p in wall), Fraction(0))
        all_of_it = sum(p.section.length * max(1, p.comes) for p in self.material.pieces)
        counts = one if kind is StepKind.SHOW or slow else Fraction(all_of_it)
        speeds = (Fraction(3, 4),) if slow else (Fraction(1),)
        shows = "nothing" if kind is StepKind.SHOW else "counts"
        ids = tuple(p.id for p in self.material.pieces)
        return Step(
            f"all/{key}",
            kind,
            title,
            ids,
            Fraction(0),
            counts,
            self.view,
            shows,
            speeds,
            ClipSound.SONG,
            reason=reason,
            rank=rank,
        )

    def _facts(self, key: str) -> Step:
        seconds = SENTENCE_S * len(self.facts)
        return self._say(
            key, tr("Walls, tags, restarts"), " ".join(self.facts), seconds, tr("told once, and shown in the run")
        )

    def _recap(self) -> Step:
        names = ", ".join(p.section.name for p in self.material.pieces)
        seconds = 2.0 * len(self.material.pieces)
        ids = tuple(p.id for p in self.material.pieces)
        return Step(
            "all/recap",
            StepKind.RECAP,
            tr("Recap"),
            ids,
            talk_s=seconds,
            words=names,
            reason=tr("names in a row, as one says them to oneself"),
        )

    def _variants(self) -> Iterator[Step]:
        if not self.wish.variants:
            return
        for piece in self.material.pieces:
            forms = [w for e in piece.section.events for w in (e.easier, e.harder) if w]
            if forms:
                yield self._step(
                    piece,
                    StepKind.VARIANT,
                    "variant",
                    tr("{name}, easier or harder", name=piece.section.name),
                    speeds=(Fraction(1),),
                    talk_s=SENTENCE_S * len(forms),
                    words="; ".join(dict.fromkeys(forms)),
                    reason=tr("it ends on the same foot"),
                    rank=VARIANTS,
                )

    @staticmethod
    def _say(key: str, title: str, words: str, seconds: float, reason: str) -> Step:
        return Step(f"say/{key}", StepKind.SAY, title, talk_s=seconds, words=words, reason=reason)


def _often(piece: Piece, reason: str) -> str:
    if piece.difficulty.times >= 4:
        return tr("four times, for it is hard: {words}", words="; ".join(piece.difficulty.reasons[:2]))
    if piece.comes > 4:
        return tr("{reason}; it comes {comes} times in the song", reason=reason, comes=piece.comes)
    return reason
