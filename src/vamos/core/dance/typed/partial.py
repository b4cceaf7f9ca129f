"""A reading of words as far as it has come: the moves that are closed, the one that is open, and what it cost."""

from __future__ import annotations

from msgspec import Struct
from msgspec.structs import replace as changed

from vamos.core.dance.typed.move import Move


class Partial(Struct, frozen=True):
    cost: float
    moves: tuple[Move, ...]
    now: Move
    passed: bool = False
    fresh: bool = True

    def closed(self) -> Partial:
        if not self.now.says:
            # A number of times that nothing is danced with is not dropped for nothing.
            lost = 1.0 if self.now.times > 1 else 0.0
            return changed(self, cost=self.cost + lost, now=Move(), fresh=True)
        return changed(self, moves=(*self.moves, self.now), now=Move(), fresh=True)

    def go(self, cost: float, now: Move, passed: bool = False) -> Partial:
        """One word further, which belongs to the open move."""
        return changed(self, cost=self.cost + cost, now=now, fresh=False, passed=passed)
