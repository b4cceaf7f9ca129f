"""The words of a group as moves: every reading of them, each with what speaks against it.

R and L are a foot, a way, a side or the foot that is passed, by what stands around them; a verb is a move of its own or
says how the last one goes; a word nobody knows costs, and is kept as the name it is.
"""

from __future__ import annotations

import re

from msgspec.structs import replace as changed

from vamos.core.dance.typed.around import (
    MANNER,
    SIDE_WORDS,
    made_of_moves,
    said_in_bracket,
    side_word,
    turn_ahead,
)
from vamos.core.dance.typed.feet import Feet
from vamos.core.dance.typed.leading import LIFTS
from vamos.core.dance.typed.lexicon import Atom, Lexicon, plain
from vamos.core.dance.typed.move import Move
from vamos.core.dance.typed.partial import Partial
from vamos.core.dance.typed.tokens import Token

#: Words behind which hands go with the step before them.
_WITH = ("w", "with", "mit", "con", "avec")
#: Words of where a foot closes, with no verb.
_BESIDE = ("beside", "next to", "neben", "an", "junto a", "al lado de", "à côté de")
_BEHIND = ("hinter", "achter", "dietro")
#: Moves of both feet, unless one is named after the other.
_JUMPS = ("jump", "jumps", "jumping", "spring", "springen", "sprung", "salto", "saut")
_ARTICLES = ("a", "an", "einem", "einer", "una", "un")
#: So many readings go on from each word.
BEAM = 12
#: What words cost that are no move.
NO_MOVE = 2.0


def readings(tokens: list[Token], lexicon: Lexicon) -> list[tuple[float, tuple[Move, ...]]]:
    """All good readings of words, the cheapest first."""
    return _Words(tokens, lexicon).all()


def _all_of_it(reading: Partial, times: int, ends: bool) -> list[Partial]:
    """“step R, half turn left, twice”: a number of times that stands apart is that of all before it, or of the last."""
    if not ends or reading.now.says or not reading.moves or times < 2:
        return []
    again = Move("again", times=times)
    last = (*reading.moves[:-1], changed(reading.moves[-1], times=times))
    all_of_it = changed(reading, moves=(*reading.moves, again), fresh=False, passed=False)
    if reading.moves[-1].row:
        return [all_of_it]
    return [all_of_it, changed(reading, moves=last, cost=reading.cost + 0.2, fresh=False, passed=False)]


def _points(move: Move) -> bool:
    """“touch R out in out”: a foot that touches here and there; one in the air comes down."""
    return move.kind == "touch" and bool(move.feet) and not LIFTS.match(move.called)


def _foot_by_foot(move: Move) -> bool:
    """“jump forward R L”: one foot after the other."""
    return move.kind == "free" and len(move.feet) > 1 and plain(move.called) in _JUMPS


class _Words:
    """Goes over the tokens, keeping the best readings at each."""

    def __init__(self, tokens: list[Token], lexicon: Lexicon):
        self.tokens, self.lexicon = tokens, lexicon
        self.feet = Feet(tokens, lexicon)
        self.cells: list[list[Partial]] = [[] for _ in range(len(tokens) + 1)]
        self.cells[0] = [Partial(0.0, (), Move())]

    def all(self) -> list[tuple[float, tuple[Move, ...]]]:
        for index, token in enumerate(self.tokens):
            here = sorted(self.cells[index], key=lambda r: r.cost)[:BEAM]
            atoms = self.lexicon.at(self.tokens, index) if token.kind == "word" else []
            if any(a.role == "side" for a in atoms):
                # “to the left” goes to the left; nothing is passed.
                atoms = [a for a in atoms if a.role != "passed"]
            if any((a.role == "where" and a.size > 2) or (a.role == "light" and a.size > 1) for a in atoms):
                # “from back to front” is one way, and no steps back and to the front; so is “no weight”.
                atoms = [a for a in atoms if a.size == atoms[0].size]
            if any(a.role == "figure" and a.size > 1 for a in atoms):
                # “rolling vine” is no roll before a vine, and “box step” no box before a step.
                size = max(a.size for a in atoms if a.role == "figure")
                atoms = [
                    a for a in atoms if (a.role, a.value) != ("act", "free") and (a.role != "figure" or a.size == size)
                ]
            slip = None
            if token.kind == "word" and not atoms and len(token.text) > 3:
                slip = self.lexicon.near(token.lower)
            if slip is not None:
                atoms = [Atom(role, value, 1, slip) for role, value in self.lexicon.roles[slip]]
            for reading in here:
                self._from(reading, token, index, atoms, slip)
        return self._done()

    def _done(self) -> list[tuple[float, tuple[Move, ...]]]:
        found = []
        for reading in self.cells[-1]:
            closed = reading.closed()
            moves = closed.moves
            cost = closed.cost + (0 if moves else 1)
            verb = False
            for move in moves:
                if not move.kind and move.size is None and not move.turned and move.target is None:
                    # A foot alone goes on with the verb before it.
                    cost += (0.05 if verb else 0.4) if move.feet else 0.4 if move.name and not move.unknown else NO_MOVE
                verb = verb or move.kind in ("step", "touch", "hop", "figure", "free")
                if move.kind in ("free", "hand") and len(move.feet) > 1 and not _foot_by_foot(move):
                    cost += 0.5
            found.append((cost, tuple(changed(m, kind="step", row=True) if _foot_by_foot(m) else m for m in moves)))
        found.sort(key=lambda row: row[0])
        unique: dict[tuple[Move, ...], tuple[float, tuple[Move, ...]]] = {}
        for cost, moves in found:
            unique.setdefault(tuple(changed(m, name=(), called="") for m in moves), (cost, moves))
        return list(unique.values())[:BEAM]

    # --- one token -----------------------------------------------------------------------

    def _from(self, reading: Partial, token: Token, index: int, atoms: list[Atom], slip: str | None) -> None:
        if token.kind != "word":
            for found in self._sign(reading, token, index):
                self.cells[index + 1].append(found)
            return
        spelled = re.fullmatch(r"[RL]{2,8}", token.text)
        if spelled:
            self.cells[index + 1].append(reading.go(0, changed(reading.now, feet=tuple(token.text), row=True)))
            return
        known = False
        for atom in atoms:
            for found in self._role(reading, token, index, atom):
                known = True
                if slip is not None:
                    slips = (*found.now.slips, token.text)
                    found = changed(found, cost=found.cost + 0.5, now=changed(found.now, slips=slips))
                self.cells[index + atom.size].append(found)
        if not known:
            now = reading.now
            now = changed(now, unknown=(*now.unknown, token.text), name=(*now.name, token.text))
            self.cells[index + 1].append(changed(reading, cost=reading.cost + 1, now=now, fresh=False, passed=False))

    def _sign(self, reading: Partial, token: Token, index: int) -> list[Partial]:
        now = reading.now
        if token.kind in ("sep", "nl", "close", "amp", "dot"):
            ends = token.text not in "*_•:)]}~" and token.kind != "dot"
            if token.text == ":" and now.feet and not now.kind:
                # “R foot: forward, side, back”: whether each is that foot's is told to be looked at.
                reading = changed(reading, now=changed(now, slips=(*now.slips, *now.feet)))
            found = [changed(reading.closed() if ends else reading, passed=False)]
            more = index + 1 < len(self.tokens) and any(t.kind == "word" for t in self.tokens[index + 1 :])
            if token.text == ":" and more and any(m.kind == "figure" for m in (*reading.moves, now)):
                # “coaster: back, together, forward”: its name, then what it is made of.
                made_of = changed(reading, moves=(), cost=0.25, now=Move(), fresh=True, passed=False)
                found.append(made_of if reading.moves else changed(made_of, cost=reading.cost + 0.25))
            if ends and not now.kind and now.size is not None:
                # “¼ turn R, step”: a turn before the comma belongs to what follows.
                found.append(changed(reading, cost=reading.cost + 0.3, now=changed(now, ahead=True)))
            return found
        if token.kind == "q" and now.turns:
            # “¼ turn ?”: which way is open, whatever stands behind it.
            return [reading.go(0, changed(now, way="?"))]
        if token.kind == "open" and now.kind == "figure" and now.figure is not None:
            end = said_in_bracket(self.tokens, index, len(now.figure.events))
            if end:
                # “shuffle right (side, together, side), …”: what it is made of, and it is danced once.
                self.cells[end].append(changed(reading, cost=reading.cost + 0.02, passed=False))
            elif made_of_moves(self.tokens, index):
                # “lindy (chassé right, rock back)”: as behind a colon.
                made_of = changed(reading, cost=reading.cost + 0.25, now=Move(), fresh=True, passed=False)
                return [made_of, changed(reading, passed=False)]
        if token.kind in ("dash", "open", "q"):
            return [changed(reading, passed=False)]
        if token.kind == "times":
            all_of_it = _all_of_it(reading, token.value, self._ends(index + 1))
            return all_of_it or [reading.go(0, changed(now, times=token.value if token.value > 1 else 0))]
        if token.kind == "lasts":
            # “walk for 4 counts” is four steps, “sweep for 4 counts” one move.
            walks = self.lexicon.base(plain(now.called)) in self.lexicon.walks
            return [reading.go(0, changed(now, times=token.value if walks else now.times, lasts=token.value))]
        if token.kind in ("frac", "deg"):
            if now.size is None:
                return [
                    reading.go(0, changed(now, size=token.value)),
                    *self._of_pivot(reading, token.value, index + 1),
                ]
            closed = reading.closed()
            return [changed(closed, cost=closed.cost + 0.6, now=Move(size=token.value), fresh=False)]
        if token.kind == "clock":
            return [reading.go(0, changed(now, target=token.value))]
        name = (*now.name, token.text)
        cost = 3.0 if token.kind == "num" else 0.5
        return [reading.go(cost, changed(now, unknown=(*now.unknown, token.text), name=name))]

    def _role(self, reading: Partial, token: Token, index: int, atom: Atom) -> list[Partial]:
        now, value = reading.now, atom.value
        ahead = index + atom.size
        text = self._text(index, atom.size)
        if atom.role == "foot":
            return self.feet.read(reading, atom, ahead)
        if atom.role == "way":
            if now.way and now.way != value:
                return []
            plain = ("clock", "cw", "uhr", "horar", "orari", "ruchu", "klok", "时针", "時計", "시계")
            free = now.turns or turn_ahead(self.tokens, self.lexicon, ahead) or any(p in atom.words for p in plain)
            if free and now.kind in ("hand", "free", "touch") and not now.turns and self._ends(ahead):
                # “hip roll counterclockwise” turns nobody.
                return [reading.go(0, changed(now, name=(*now.name, text)))]
            return [reading.go(0 if now.turns or free else 0.7, changed(now, way=value))]
        if atom.role == "lead":
            return [reading.go(0, changed(now, side=value, led=value))]
        if atom.role == "side":
            cost = 0.1 if now.turns and now.figure is None else 0.0
            if now.kind == "hand" or (
                now.kind in ("step", "touch") and now.feet and now.feet[0] != value and not now.turns
            ):
                # “look to the left”, “kick R to the left”: where it goes.
                text = side_word(value) if now.kind == "hand" else text
                now = changed(now, name=(*now.name, text))
            return [reading.go(cost, changed(now, side=value))]
        if atom.role == "target":
            if now.turns or not now.kind:
                return [reading.go(0, changed(now, target=value))]
            return [reading.go(0.2, changed(now, target=value))]
        if atom.role == "size":
            if now.size is None:
                return [reading.go(0, changed(now, size=value)), *self._of_pivot(reading, int(value), ahead)]
            return [reading.go(1, changed(now, unknown=(*now.unknown, text)))]
        if atom.role == "turn":
            size = now.size if now.size is not None else value or None
            called = now.name if now.kind else (*now.name, text)
            return [reading.go(0, changed(now, turned=True, size=size, name=called))]
        if atom.role == "times":
            return _all_of_it(reading, value, self._ends(ahead)) or [reading.go(0, changed(now, times=value))]
        if atom.role == "hold":
            closed = reading.closed()
            return [changed(closed, now=Move("hold", name=(text,)), fresh=False, passed=False)]
        if atom.role == "each":
            return [reading.go(0, changed(now, each=now.turns))]
        if atom.role == "light":
            kind = "touch" if now.kind in ("step", "other") else now.kind
            return [reading.go(0 if now.kind else 1, changed(now, kind=kind))]
        if atom.role == "where":
            return self._where(reading, atom, text)
        if atom.role == "passed":
            if (
                atom.words in ("vor", "devant", "derrière", "derriere", "delante", "detrás", "davanti", "dietro")
                and not now.feet
            ):
                # “Schritt vor R” goes forward; “RF kreuzt vor LF” passes the left foot.
                return []
            if atom.words in _BEHIND and not now.says and self._ends(ahead):
                # “Seit L, hinter, Seit”: a step of its own.
                return [reading.go(0.05, changed(now, kind="step", name=(text,), called=text))]
            following = self.tokens[ahead] if ahead < len(self.tokens) else None
            bare = bool(now.feet) and not (now.kind or now.unknown or now.name) and self._ends(ahead + 1)
            if bare and atom.words in _BESIDE and self._foot_at(ahead):
                # “RF neben LF”: it closes.
                return [reading.go(0.05, changed(now, kind="step", name=(text,)), passed=True)]
            if following is not None and following.kind == "word" and (now.kind or now.unknown or now.feet):
                name = changed(now, name=(*now.name, text))
                return [reading.go(0, name, passed=True)]
            if not now.kind and now.feet and not now.turns and (atom.words == "across" or self._ends(ahead)):
                # “R across”, “LF hinter”: where a foot goes, and a step.
                return [reading.go(0.05, changed(now, kind="step", name=(*now.name, text)))]
            return [reading.go(0.3, now)]
        if atom.role == "and":
            return [changed(reading.closed(), cost=reading.cost + 0.05), changed(reading, cost=reading.cost + 0.1)]
        if atom.role == "link":
            # “knee in”, “touch R in”: where it goes.
            where = now.kind in ("hand", "free", "touch") and "where" in self.lexicon.role_of(text)
            # “jump both feet out, in”: alone it is no word of anything.
            ends = self._ends(ahead) or self.tokens[ahead].kind == "open"
            alone = atom.words == "in" and ends and index and self.tokens[index - 1].kind == "sep"
            return [changed(reading, cost=reading.cost + (1 if alone else 0.03 if where else 0.01))]
        if atom.role == "hand":
            return self._hand(reading, atom, text, index)
        if atom.role in ("act", "figure"):
            return self._verb(reading, atom, text, index)
        return []

    def _ends(self, index: int) -> bool:
        """Whether no more words of a move stand at a token."""
        return index >= len(self.tokens) or self.tokens[index].kind in ("sep", "nl", "dot", "close")

    def _text(self, index: int, size: int) -> str:
        """The words as they are typed."""
        return " ".join(t.text for t in self.tokens[index : index + size] if t.kind == "word")

    def _of_pivot(self, reading: Partial, size: int, index: int) -> list[Partial]:
        """“step R ½ pivot L”: how far is said of the pivot that comes next, not of the step before."""
        found = self.lexicon.at(self.tokens, index) if index < len(self.tokens) else []
        if not reading.now.kind or not any(a.role == "act" and a.value == "pivot" for a in found):
            return []
        return [changed(reading.closed(), cost=reading.cost, now=Move(size=size), fresh=False)]

    # --- verbs ---------------------------------------------------------------------------

    def _where(self, reading: Partial, atom: Atom, text: str) -> list[Partial]:
        now = reading.now
        out = [reading.go(0.02, changed(now, name=(*now.name, text), kind=self._split(now, atom) or now.kind))]
        limb = (now.kind == "hand" or "B" in now.feet or "both" in now.called) and atom.words in ("in", "out")
        if now.kind and now.kind != "figure" and atom.words in self.lexicon.rows and not limb:
            # “cross back side forward”: a step of its own.
            closed = reading.closed()
            # “step back” is one move; “cross back side” are three.
            one = len(now.name) == 1 and self.lexicon.base(plain(now.called)) == "step"
            cost = reading.cost + (0.6 if one else 0.15)
            # “touch R out in out”: that foot goes on touching.
            own = Move("" if _points(now) else "step", name=(text,))
            out.append(changed(closed, cost=cost, now=own, fresh=False))
        if not now.kind and tuple(map(plain, now.name[-1:])) == (plain(text),) and atom.words in self.lexicon.rows:
            # “back back back touch”: said again, it is a step each time.
            kind = "" if reading.moves and _points(reading.moves[-1]) else "step"
            step = changed(reading, now=changed(now, kind=kind)).closed()
            out.append(changed(step, cost=reading.cost, now=Move(kind, name=(text,)), fresh=False))
        return out

    def _split(self, now: Move, atom: Atom) -> str:
        """“stomp R up” is what “stomp up” is."""
        whole = f"{self.lexicon.base(plain(now.called))} {atom.words}" if now.called else ""
        kinds = [value for role, value in self.lexicon.roles.get(whole, ()) if role == "act"]
        return str(kinds[0]) if kinds and now.kind in ("step", "touch", "free") else ""

    def _hand(self, reading: Partial, atom: Atom, text: str, index: int) -> list[Partial]:
        now = reading.now
        beside = now.kind == "figure" or (now.kind in ("step", "touch", "hop") and now.feet)
        said = [t.lower for t in self.tokens[max(0, index - 2) : index] if t.lower not in _ARTICLES]
        if said[-1:] and said[-1] in _WITH and beside:
            # “march R L R L with arms swinging”: words of the step.
            return [reading.go(0, changed(now, name=(*now.name, text)))]
        if "shoulder" in atom.words or "schulter" in atom.words:
            if now.way:
                return [reading.go(0, now)]
            if now.feet and now.turns and not now.row:
                # “over the R shoulder”: the way of the turn.
                return [reading.go(0.05, changed(now, way=now.feet[-1], feet=now.feet[:-1]))]
        split = self._split(now, atom)
        if split:
            return [reading.go(0.02, changed(now, name=(*now.name, text), kind=split))]
        name = (*(side_word(foot) for foot in now.feet), *now.name, text)
        out = []
        if now.kind == "hand" and plain(text) in map(plain, now.name):
            # “hip R hip L”, “R arm up L arm up”: said again, it moves again.
            own = now.name[-1:] if now.name[-1] in SIDE_WORDS and now.name[0] in SIDE_WORDS else ()
            before = changed(reading, now=changed(now, name=now.name[: len(now.name) - len(own)])).closed()
            again = Move("hand", name=(*own, text), hand=True)
            out.append(changed(before, cost=reading.cost, now=again, fresh=False, passed=False))
            reading = changed(reading, cost=reading.cost + 0.15)
        if now.kind in ("step", "touch", "hop"):
            # “touch hip”, “step arm”: the part of the body is what moves.
            cost = 0.9 if now.feet else 0.4
            out.append(reading.go(cost, changed(now, kind="hand", feet=(), row=False, name=name)))
        elif now.kind in ("", "hand", "free"):
            moved = changed(now, kind="hand", hand=True, feet=(), row=False, name=name)
            out.append(reading.go(0, moved))
        if now.kind:
            # “step R with R arm up”: the last side is the arm's.
            arm = now.feet[-1:] if len(now.feet) > 1 else ()
            feet = now.feet[: len(now.feet) - len(arm)]
            closed = changed(reading, now=changed(now, feet=feet, row=now.row and len(feet) > 1)).closed()
            alone = Move("hand", name=(*map(side_word, arm), text), hand=True)
            out.append(changed(closed, cost=reading.cost + 0.5, now=alone, fresh=False, passed=False))
        return out

    def _foot_at(self, index: int) -> bool:
        return index < len(self.tokens) and bool(self.lexicon.foot_of(self.tokens[index].lower))

    def _verb(self, reading: Partial, atom: Atom, text: str, index: int) -> list[Partial]:
        now = reading.now
        figure = atom.value if atom.role == "figure" else None
        new = Move("figure" if figure is not None else atom.value, figure, (text,), called=text)
        if _points(now) and figure is None and atom.words in ("out", "in", "side"):
            new = Move(name=(text,))
        closed = reading.closed()
        fresh = changed(closed, cost=reading.cost + 0.25, now=new, fresh=False, passed=False)
        if not now.kind:
            taken = changed(now, kind=new.kind, figure=figure, name=(*now.name, text), called=text)
            # “full turn stepping R L”: half of it on each is likelier than all of it on the first.
            cost = 0 if figure is not None else 0.15 if now.size == 8 and new.kind == "step" else 0.02
            out = [reading.go(cost, taken)]
            if now.feet or now.size is not None:
                # What stood before was a move of its own.
                # “left together” are two steps as likely as one.
                bare = new.kind == "other" and len(now.feet) == 1 and not now.name
                cost = reading.cost + (0.3 if bare else 0.6) + (0.4 if reading.fresh else 0)
                # A foot right before a verb that is not that verb's: it is told.
                told = changed(now, slips=(*now.slips, *now.feet)) if now.feet and now.size is None else now
                apart = changed(reading, now=told).closed()
                out.append(changed(apart, cost=cost, now=new, fresh=False, passed=False))
            return out
        out = [fresh]
        named = changed(now, name=(*now.name, text))
        split = self._split(now, atom) if figure is None else ""
        if split:
            # “drop R heel” is what “drop heel” is.
            out.append(reading.go(0.02, changed(named, kind=split)))
        if now.kind == "hand":
            # “shimmy while stepping R”: a step beside it is not a word of it, which is asked.
            step = atom.value in ("step", "other") and text.lower().endswith("ing")
            out.append(reading.go(0.1, changed(named, slips=(*named.slips, text)) if step else named))
        if figure is None and now.kind in ("step", "touch", "hop", "free", "other"):
            # “step side”, “touch heel”: one move, the later word says how.
            # “step fwd R and rise” is a step still.
            risen = atom.value == "free" and now.feet
            kind = now.kind if atom.value == "step" or now.kind == "touch" or risen else atom.value
            manner = atom.words in MANNER and now.kind != "other"
            out.append(reading.go(0.2 if manner else 0.45, changed(named, kind=kind)))
        turned = now.kind == "figure" and now.turns and not now.feet
        stepped = atom.words == "stepping" or (atom.words == "step" and turned and self._foot_at(index + atom.size))
        if figure is None and stepped and (now.kind == "figure" or now.turned):
            # “triple ½ R stepping L R L”.
            out.append(reading.go(0, now))
        if now.kind == "pivot" and figure is not None and any(e.name == "pivot" for e in figure.events):
            out.append(reading.go(0.1, now))
        return out
