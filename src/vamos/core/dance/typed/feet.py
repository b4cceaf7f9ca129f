"""R and L among words: a foot, a way, a side, or the foot that is passed, by what stands around them."""

from __future__ import annotations

from msgspec.structs import replace as changed

from vamos.core.dance.typed.around import (
    SIDE_WORDS,
    crosses,
    feet_before_verbs,
    feet_in_a_row,
    leads,
    side_word,
    turn_ahead,
    way_behind,
)
from vamos.core.dance.typed.lexicon import Atom, Lexicon
from vamos.core.dance.typed.move import Move
from vamos.core.dance.typed.partial import Partial
from vamos.core.dance.typed.tokens import Token

#: Words before the foot that bears the weight.
_WEIGHT = ("weight", "wt", "gewicht", "peso", "poids")
_FEET = {"R": "R", "L": "L", "both": "B", "either": "E"}


class Feet:
    def __init__(self, tokens: list[Token], lexicon: Lexicon):
        self.tokens, self.lexicon = tokens, lexicon

    def read(self, reading: Partial, atom: Atom, ahead: int) -> list[Partial]:
        """Every reading of a foot; ``ahead`` is the token behind it."""
        now, foot = reading.now, _FEET[atom.value]
        apart: list[Partial] = []
        if now.kind == "other" and not now.feet and foot in "RL":
            # “left together left together”: the foot of what comes next.
            closed = reading.closed()
            apart = [changed(closed, cost=reading.cost + 0.1, now=Move(feet=(foot,)), fresh=False, passed=False)]
        goes_on = now.kind in ("step", "touch", "other") and now.feet
        if goes_on and feet_before_verbs(self.tokens, self.lexicon, ahead - 1):
            closed = reading.closed()
            apart.append(changed(closed, cost=reading.cost + 0.1, now=Move(feet=(foot,)), fresh=False, passed=False))
        if reading.passed:
            # “cross R over L”: the foot that is passed.
            return [*apart, reading.go(0, now)]
        if self._weighs(ahead - atom.size):
            found = self._borne(reading, foot, atom.words)
            if found is not None:
                return [found]
        # Which arm, which way one looks: no foot, and part of the name.
        sided = changed(now, name=(*now.name, side_word(foot, atom.words)))
        arm = foot in "RL" and (now.kind == "hand" or now.hand)
        if arm and now.kind == "hand" and now.name[-1:] and now.name[-1] in SIDE_WORDS and not now.feet:
            # “hips R R L L”: one side after the other.
            return [*apart, reading.go(0, sided)]
        out = [*apart, *([reading.go(0, sided)] if arm else [])]
        if len(atom.words.split()) > 1 or foot in "BE" or atom.words in ("rf", "lf", "오른발", "왼발", "pd", "pg"):
            cost = 0.0 if not now.feet else 1.0
            return [*out, reading.go(cost, changed(now, feet=(foot,)))]
        letter, coming = len(atom.words) < 3, not now.turns and turn_ahead(self.tokens, self.lexicon, ahead)
        if foot in "RL" and now.feet and foot != now.feet[0] and crosses(self.tokens, self.lexicon, ahead - atom.size):
            # “R crosses L”: the foot that is passed.
            out.append(reading.go(0.05, changed(now, name=(*now.name, side_word(foot, atom.words)))))
        in_a_row = feet_in_a_row(self.tokens, self.lexicon, ahead - atom.size, now.kind == "figure")
        way_said = coming and way_behind(self.tokens, self.lexicon, ahead)
        if not now.feet:
            cost = 0.0
            if coming:
                cost = 0.0 if letter or way_said else 0.3
            elif now.turns and not now.way and not in_a_row:
                cost = 0.0 if now.kind in ("step", "touch") and now.size is None else 0.55
            out.append(reading.go(cost, changed(now, feet=(foot,))))
        else:
            cost = 0.15 if not now.row and (now.size is not None or now.turned) else 0.05
            before = self.tokens[ahead - atom.size - 1] if ahead > atom.size else None
            sized = before is not None and (
                before.kind in ("frac", "deg") or "size" in self.lexicon.role_of(before.text)
            )
            if sized and not now.row and now.turns and not in_a_row:
                # “step R turning ¼ L”: right behind how far it is the way.
                cost += 0.7
            # “R heel grind, L coaster”: behind a comma and before a verb it is the foot of that verb.
            verb_next = leads(self.tokens, self.lexicon, ahead - atom.size, ahead)
            slips = (*now.slips, atom.words) if verb_next else now.slips
            row = changed(now, feet=(*now.feet, foot), row=True, slips=slips)
            out.append(reading.go(cost + (0.8 if verb_next else 0), row))
        if (now.turns or coming) and not now.way:
            cost = 0.0 if now.turns else 0.4 if way_said else 0.2 if letter else 0.0
            cost += 0.5 if in_a_row and not now.feet else 0.0
            out.append(reading.go(cost, changed(now, way=foot)))
        if now.feet and now.kind and not now.turns:
            out.append(reading.go(0.9, changed(now, side=foot)))
        return out

    def _weighs(self, index: int) -> bool:
        """Whether a foot is said to bear the weight: “weight on the”, right before it."""
        while index and self.tokens[index - 1].kind == "word":
            index -= 1
            if self.tokens[index].lower in _WEIGHT:
                return True
            if self.lexicon.role_of(self.tokens[index].text) != {"link"}:
                return False
        return False

    def _borne(self, reading: Partial, foot: str, words: str) -> Partial | None:
        """“step R turning ½ L, keeping weight on R”: which foot bears the weight says no step of its own."""
        now, before = reading.now, reading.moves[-1] if reading.moves else None
        if not now.says and before is not None and before.kind:
            if before.kind == "figure" and before.figure is not None and not before.bears:
                # “rock L fwd, weight on R”: where a known step ends, which is compared.
                return changed(reading, moves=(*reading.moves[:-1], changed(before, bears=foot)))
            if before.feet[-1:] in ((), (foot,), ("B",)):
                # “on both balls, weight left”: it ends there.
                kept = before.feet if before.feet != ("B",) else ()
                kind = "pivot" if before.kind == "free" and before.turns else before.kind
                last = changed(before, feet=kept or (foot,), kind=kind)
                return changed(reading, moves=(*reading.moves[:-1], last))
            told = changed(before, slips=(*before.slips, words))
            return changed(reading, moves=(*reading.moves[:-1], told))
        if now.kind == "figure":
            return reading.go(0.4, changed(now, bears=foot))
        if now.feet and now.kind:
            told = now if now.feet[-1] == foot else changed(now, slips=(*now.slips, words))
            return reading.go(0, told)
        return None
