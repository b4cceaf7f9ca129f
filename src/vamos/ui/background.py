"""Sound and pictures of the project's media, read beside the window."""

from __future__ import annotations

from typing import TYPE_CHECKING, Any

from vamos.core.document.paths import locate
from vamos.core.media.peaks import Peaks, song_peaks
from vamos.core.model.project import Project
from vamos.core.progress import Progress
from vamos.core.render.sound import read_song
from vamos.errors import VamosError
from vamos.ui.jobs import Job

if TYPE_CHECKING:
    from vamos.ui.page.content import Content
    from vamos.ui.page.view import PageView
    from vamos.ui.pictures import Thumbs
    from vamos.ui.proxies import Proxies
    from vamos.ui.session import Session
    from vamos.ui.watching import Watching


class BackgroundMedia:
    """Part of :class:`vamos.ui.window.Window`."""

    session: Session
    thumbs: Thumbs
    proxies: Proxies
    content: Content
    page: PageView
    watching: Watching
    _peaks_of: str
    _quiet_jobs: list[Job]

    if TYPE_CHECKING:

        def tell(self, words: str) -> None: ...

    def ask_for_media(self, project: Project) -> None:
        base = self.session.base
        for take in project.takes:
            try:
                path = locate(take.media, base)
            except VamosError:
                continue
            self.thumbs.ask(take.name, take.media.fingerprint, path, take.media.duration_s)
            self.proxies.ask(take.media.fingerprint, path)
        song = project.song
        if song is None or song.media.fingerprint == self._peaks_of:
            return
        self._peaks_of = song.media.fingerprint
        try:
            path = locate(song.media, base)
        except VamosError as error:
            self.tell(str(error))
            return

        def load(progress: Progress) -> tuple[Peaks, Any]:
            peaks = song_peaks(path, song.media.fingerprint, progress, song.media.duration_s)
            return peaks, read_song(path) if song.media.duration_s < 1200 else None

        job = Job("Drawing the song", load)
        job.done.connect(self._media_ready)
        job.failed.connect(self.tell)
        self._quiet_jobs.append(job)
        job.start()

    def _media_ready(self, result: tuple[Peaks, Any]) -> None:
        self.content.peaks, self.watching.playback.sound = result
        self.page.invalidate()
