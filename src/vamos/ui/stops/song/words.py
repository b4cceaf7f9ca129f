"""Words and sounds of the song, at Song: where each is heard, on which count, and the dance that starts on one."""

from __future__ import annotations

from functools import partial

from PyQt6.QtWidgets import QWidget

from vamos.core.dance.sung import place_said, sung_at
from vamos.core.disk.outputs import write_output
from vamos.core.document.paths import locate
from vamos.core.edit import sung as edit
from vamos.core.media.sound import wav_bytes
from vamos.core.model.song import Grid, Song, Sung
from vamos.core.render.click_track import BEFORE_S, click_track
from vamos.core.time.counts import minutes_text, seconds_of, time_text
from vamos.errors import InputError
from vamos.ui.desk import Desk
from vamos.ui.parts.fields import TextField, row_of
from vamos.ui.parts.panel import Panel
from vamos.wording import words_of

tr = words_of(__name__)

#: So many words are shown at once, those nearest to where one stands.
_SHOWN = 4


class SungCommands:
    """What the actions with words of the song do."""

    def __init__(self, desk: Desk):
        self._desk = desk

    def note_word(self) -> None:
        """A word or sound is heard now: at the second that plays, or at the count one stands on."""
        desk = self._desk
        song, playback = desk.project.song, desk.preview.playback
        if song is None or song.grid is None:
            desk.tell(tr("There is no beat yet. Add a song first."))
            return
        at = playback.now() if playback.playing else float(song.grid.time_map()(desk.position))
        used = {s.words for s in song.sung}
        name = next(n for k in range(len(used) + 1) if (n := tr("word {number}", number=k + 1)) not in used)
        told = tr("Noted at {time}. What is heard there?", time=time_text(at))
        if (
            desk.do(tr("Word of the song"), lambda p: edit.set_sung(p, max(0.0, at), name), told)
            and not playback.playing
        ):
            desk.focus_on(_field(name))

    def hear(self, sung: Sung) -> None:
        """The song from a second before a word on."""
        desk, grid = self._desk, self._desk.project.grid
        if grid is not None:
            desk.preview.playback.stop()
            desk.page.go_to_position(sung_at(grid, sung).position)
            desk.preview.playback.play(max(0.0, sung.song_s - BEFORE_S))

    def start_on(self, sung: Sung) -> None:
        told = tr("The dance starts on “{word}”.", word=sung.words)
        self._desk.do(tr("The dance starts on a word"), lambda p: edit.start_on(p, sung), told)

    def take_away(self, sung: Sung) -> None:
        told = tr("“{word}” is taken away.", word=sung.words)
        self._desk.do(tr("Word of the song"), lambda p: edit.clear_sung(p, sung), told)

    def write_clicks(self) -> None:
        """The song with clicks as a WAV file; counts with words of the song are struck higher."""
        desk = self._desk
        song, lines, base = desk.project.song, desk.session.lines, desk.session.base
        if song is None or song.grid is None:
            desk.tell(tr("There is no beat yet. Add a song first."))
            return
        path = desk.ask_save(tr("Write a click track"), tr("Sound (*.wav)"), tr("clicks"))
        if path is not None:
            desk.run(
                tr("Writing the click track"),
                lambda progress: write_output(
                    path,
                    wav_bytes(click_track(song, lines, base, progress=progress)),
                    [locate(song.media, base)],
                ),
                lambda _: desk.tell(tr("The click track is in {path}.", path=path)),
            )


def show_sung(panel: Panel, desk: Desk, do: SungCommands, song: Song, grid: Grid) -> None:
    """A row of fields for each word near by, the count it is heard on, and the button that notes one."""
    panel.head(tr("Words and sounds of the song"))
    here = grid.time_map()(desk.position)
    near = sorted(song.sung, key=lambda s: abs(s.song_s - here))[:_SHOWN]
    for sung in sorted(near, key=lambda s: s.song_s):
        _one(panel, desk, sung)
        panel.say(place_said(sung_at(grid, sung), desk.session.lines), key=f"place {sung.song_s}")
        panel.buttons(
            (tr("Hear it"), partial(do.hear, sung), ""),
            (tr("Start on it"), partial(do.start_on, sung), ""),
            (tr("Take away"), partial(do.take_away, sung), ""),
            key=f"sung {sung.song_s}",
        )
    left = len(song.sung) - len(near)
    if left > 0:
        panel.say(tr("{number} more further away.", number=left), key="more words")
    if not song.sung:
        panel.say(tr("Note when a word is sung: moves that name it under Lyric, sound are checked against it."))
    panel.buttons((tr("A word is heard here"), do.note_word, ""), key="note word")


def _field(words: str) -> str:
    return tr("What is heard: {words}", words=words)


def _one(panel: Panel, desk: Desk, sung: Sung) -> None:
    def change(song_s: float, words: str) -> None:
        desk.do(tr("Word of the song"), lambda p: edit.set_sung(p, song_s, words, instead_of=sung))

    def moved(text: str) -> None:
        try:
            change(seconds_of(text), sung.words)
        except InputError as error:
            desk.tell(error.what)
            desk.stale.emit()

    def renamed(text: str) -> None:
        change(sung.song_s, text)
        desk.stale.emit()

    def make() -> QWidget:
        time = TextField(_exact(sung.song_s), tr("When it is heard"), moved)
        words = TextField(sung.words, _field(sung.words), renamed)
        time.setMaximumWidth(76)
        return row_of(words, time)

    def update(row: QWidget) -> None:
        words, time = row.findChildren(TextField)
        time.changed, words.changed = moved, renamed
        time.set_value(_exact(sung.song_s))
        words.set_value(sung.words)

    panel.custom("sung", f"sung {sung.song_s}", make, update)


def _exact(song_s: float) -> str:
    """A second to a hundredth: ``1:02.35``."""
    hundredths = round(song_s * 100)
    return f"{minutes_text(hundredths // 100)}.{hundredths % 100:02d}"
