"""Sound and pictures of the open project, read beside the window: the song's wave, thumbnails, small copies."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtCore import QObject, pyqtSignal

from vamos.core.document.paths import locate
from vamos.core.media.peaks import Peaks, song_peaks
from vamos.core.media.sound import Sound
from vamos.core.model.project import Project
from vamos.core.model.song import MediaRef, Used
from vamos.core.model.take import Take
from vamos.core.progress import Progress
from vamos.errors import VamosError
from vamos.ui.preview.small_copies import SmallCopies
from vamos.ui.preview.thumbs import Thumbs
from vamos.ui.work.runner import Runner
from vamos.wording import words_of

tr = words_of(__name__)

#: Longer sound is shown and not played.
LONGEST_HEARD_S = 1200.0


class ProjectMedia(QObject):
    """Asks for what a project needs that is not there yet."""

    song_ready = pyqtSignal(object, object)
    said = pyqtSignal(str)

    def __init__(self, runner: Runner):
        super().__init__()
        self._runner = runner
        self.thumbs = Thumbs()
        self.small_copies = SmallCopies()
        self._song: tuple[str, str, Used] | None = None
        self._takes: tuple[Take, ...] = ()
        self._base: Path | None = None

    def ask(self, project: Project, base: Path | None) -> None:
        if project.takes is not self._takes or base != self._base:
            self._takes, self._base = project.takes, base
            for take in project.takes:
                self._ask_for_take(take, base)
        song = project.song
        media = song.media if song is not None else None
        wanted = (media.fingerprint, media.path, song.used) if song is not None and media is not None else None
        if wanted == self._song:
            return
        self._song = wanted
        self.song_ready.emit(None, None)
        if media is not None:
            self._ask_for_song(media, base, song.used if song is not None else Used())

    def _ask_for_take(self, take: Take, base: Path | None) -> None:
        try:
            path = locate(take.media, base)
        except VamosError:
            # The panel at Film says that it is missing.
            return
        self.thumbs.ask(take.media.fingerprint, path, take.media.duration_s)
        self.small_copies.ask(take.media.fingerprint, path)

    def _ask_for_song(self, media: MediaRef, base: Path | None, used: Used) -> None:
        try:
            path = locate(media, base)
        except VamosError as error:
            self.said.emit(str(error))
            return

        def load(progress: Progress) -> tuple[Peaks, Sound | None]:
            return read_peaks_and_sound(path, media, progress, used)

        self._runner.run_quietly(tr("Drawing the song"), load, lambda found: self.song_ready.emit(*found))

    def close(self) -> None:
        self.thumbs.close()
        self.small_copies.close()
        self.blockSignals(True)


def read_peaks_and_sound(
    path: Path, media: MediaRef, progress: Progress, used: Used | None = None
) -> tuple[Peaks, Sound | None]:
    """What is drawn and what is heard of a file; very long ones are drawn only. Raises MediaError, Stopped."""
    from vamos.core.render.sound import read_song

    peaks = song_peaks(path, media.fingerprint, progress, media.duration_s)
    return peaks, read_song(path, progress, used) if media.duration_s < LONGEST_HEARD_S else None
