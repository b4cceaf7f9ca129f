"""What was filmed when, what went wrong, what to do again: the filming log in words."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import datetime

from vamos.core.model.filmed import FilmedTake, Verdict
from vamos.core.time import minutes_text
from vamos.wording import words_of

tr = words_of(__name__)


def entry_words(filmed: FilmedTake) -> str:
    """One entry in a line: when, what, how it was."""
    at = datetime.fromtimestamp(filmed.heard).strftime("%Y-%m-%d %H:%M:%S")
    song = tr(
        "the song from {minutes} to {minutes2}",
        minutes=minutes_text(filmed.song_s),
        minutes2=minutes_text(filmed.song_end_s),
    )
    said = "" if filmed.verdict is Verdict.OPEN else f", {filmed.verdict}"
    return f"{at}: {filmed.what}, {song}{said}{f': {filmed.note}' if filmed.note else ''}"


def to_do_again(log: Sequence[FilmedTake]) -> tuple[str, ...]:
    """What was to be done again and has no good one after that, with what went wrong last."""
    out = []
    for what in dict.fromkeys(f.what for f in log):
        mine = [f for f in log if f.what == what]
        last_good = max((k for k, f in enumerate(mine) if f.verdict is Verdict.GOOD), default=-1)
        again = [f for f in mine[last_good + 1 :] if f.verdict is Verdict.AGAIN]
        if again:
            why = next((f.note for f in reversed(again) if f.note), "")
            out.append(f"{what}{f': {why}' if why else ''}")
    return tuple(out)


def log_markdown(log: Sequence[FilmedTake], title: str) -> str:
    """The whole log, what is to be done again first."""
    again = to_do_again(log)
    rows = ["# " + tr("Practice log: {title}", title=title), ""]
    if again:
        rows += ["## " + tr("To do again"), "", *(f"- [ ] {words}" for words in again), ""]
    rows += ["## " + tr("What was filmed"), "", *(f"{k}. {entry_words(f)}" for k, f in enumerate(log, 1))]
    return "\n".join(rows if log else [*rows[:2], tr("Nothing was filmed with the companion yet.")]) + "\n"
