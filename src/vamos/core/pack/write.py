"""Writing a pack: everything into a hidden folder first, then put in place at once."""

from __future__ import annotations

import unicodedata
from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor
from contextvars import copy_context
from dataclasses import dataclass, replace
from functools import partial
from pathlib import Path
from threading import Lock

from vamos import __version__
from vamos.core.dance.export import export_sheet
from vamos.core.dance.lines import lines_of
from vamos.core.document.paths import locate
from vamos.core.media.sound import Sound
from vamos.core.model.clip import Clip, ClipSound, Look, Version
from vamos.core.model.project import Project
from vamos.core.model.song import Grid
from vamos.core.model.take import counts_to_take
from vamos.core.pack import manifest as mf
from vamos.core.pack import summary
from vamos.core.pack.captions import webvtt
from vamos.core.pack.chapters import Chapter, chapters_of, ffmetadata, plain_list
from vamos.core.pack.free_place import check_place, only_a_pack
from vamos.core.pack.place import made_at
from vamos.core.pack.reuse import EarlierPack, made_from
from vamos.core.pack.students_page import write_page
from vamos.core.pack.timeline import NAME as TIMELINE
from vamos.core.pack.timeline import Cut, write_timeline
from vamos.core.plan.cards import run_through_of
from vamos.core.plan.clips import plan_clips
from vamos.core.plan.coverage import coverage_of
from vamos.core.plan.profiles import packed_clips, packed_project, unseen_titles
from vamos.core.plan.versions import clip_in, partner_of, run_through_versions, version_words, versions_of
from vamos.core.progress import Progress, quiet, side_by_side
from vamos.core.render.clips import Written, render_clip
from vamos.core.render.compose import Film, overlay_of
from vamos.core.render.films import films_for, stage_of
from vamos.core.render.overlays import schedule
from vamos.core.render.sound import read_song
from vamos.core.render.sounds import RenderJob, Sounds
from vamos.core.render.timing import ClipTiming
from vamos.core.render.words import Words
from vamos.errors import (
    InputError,
    MediaError,
    MissingError,
    Stopped,
    WriteError,
)
from vamos.wording import listed, speaking, words_of

tr = words_of(__name__)

#: A version and the file it is written to.
Place = tuple[Version, Path]

#: Clips rendered at the same time.
WORKERS = 2


@dataclass(frozen=True, slots=True)
class Outcome:
    """Where the pack is, and what was not as wished."""

    folder: Path
    clips: int
    problems: tuple[str, ...]


def write_pack(
    project: Project,
    base: Path | None,
    out: Path,
    progress: Progress | None = None,
    written: Callable[[str, Path, float], object] | None = None,
) -> Outcome:
    """Render all clips of a project into the folder ``out``.

    ``base`` is the folder that relative media paths start from. An earlier pack in ``out`` is
    replaced only when the new one is complete. ``written`` is called, from a thread of the work, with the key of each
    clip that is done, one of its files (which moves when the pack is complete), and how many seconds that lasts.

    Raises
    ------
    InputError
        when there is nothing to cut.
    WriteError
        when ``out`` cannot be written or holds something that is not a pack.
    Stopped
        when asked to; nothing is left behind.
    """
    progress = progress or quiet()
    # Planned in another language, clips would tell the maker in it what is wrong.
    problems = _problems(project) if project.output.language else {}
    with speaking(project.output.language):
        return _write(packed_project(project), base, out, progress, problems, written)


def _problems(project: Project) -> dict[str, tuple[str, ...]]:
    """What is not as wished with each clip, in the language of whoever writes."""
    project = packed_project(project)
    through = run_through_of(project, coverage_of(project))
    return {c.key: c.problems for c in (*plan_clips(project), *([through] if through is not None else []))}


def _write(
    project: Project,
    base: Path | None,
    out: Path,
    progress: Progress,
    problems: dict[str, tuple[str, ...]],
    written: Callable[[str, Path, float], object] | None,
) -> Outcome:
    grid, clips = project.grid, plan_clips(project)
    if project.song is None or grid is None or not clips:
        raise InputError(
            tr.at_home("There is nothing to cut yet: a pack needs a song with its grid and a take placed on it.")
        )
    clips = tuple(replace(c, problems=problems.get(c.key, c.problems)) for c in clips)
    check_place(out)
    with made_at(out, only_a_pack) as work:
        packer = _Packer(project, grid, base, work, EarlierPack(out.resolve()), progress)
        packer.written = written
        outcome = packer.run(clips, problems)
    return Outcome(out, outcome[0], outcome[1])


class _Packer:
    """One pack in the making."""

    def __init__(
        self, project: Project, grid: Grid, base: Path | None, work: Path, earlier: EarlierPack, progress: Progress
    ):
        assert project.song is not None
        self.project, self.grid, self.base, self.work, self.progress = project, grid, base, work, progress
        self.stage = stage_of(project, base, grid, lines_of(grid, project.dance))
        self.sounds = Sounds(self.stage)
        self.clips: tuple[Clip, ...] = ()
        self.cuts: list[Cut] = []
        self.problems: list[str] = []
        self.chapters: tuple[Chapter, ...] = ()
        self.entries: list[mf.ClipEntry] = []
        self.song: Sound | None = None
        self.song_read = Lock()
        self.earlier, self.words = earlier, Words(self.stage.lines, self.stage.names)
        self.song_media = project.song
        self.gone = False
        self.written: Callable[[str, Path, float], object] | None = None

    def run(self, clips: tuple[Clip, ...], problems: dict[str, tuple[str, ...]]) -> tuple[int, tuple[str, ...]]:
        # Partners of a clip may be of sections that are not written themselves.
        self.clips, clips = clips, packed_clips(self.project, clips)
        if unseen := unseen_titles(self.project, self.clips):
            self.problems.append(
                tr.at_home("nothing of {sections} in the views that are wanted", sections=listed(unseen))
            )
        (self.work / "clips").mkdir()
        output = self.project.output
        through = run_through_of(self.project, coverage_of(self.project))
        tasks: list[tuple[float, Callable[[Progress], list[mf.ClipEntry]]]] = []
        for number, clip in enumerate(clips, 1):
            versions = versions_of(output, clip, self.clips)
            weight = float(clip.shown.length) * sum(1 / float(v.picture_speed) for v in versions)
            stem = f"{number:02d} {plain_name(clip.title)}"
            names = [f"{stem} {_short_label(clip_in(v, clip))} {version_words(v, output.sound)}.mp4" for v in versions]
            places = [(v, self.work / "clips" / name) for v, name in zip(versions, names, strict=True)]
            tasks.append((weight, partial(self._render, clip, places, ())))
        extra: list[Path] = []
        if through is not None:
            through = replace(through, problems=problems.get(through.key, through.problems))
            places, chapters, extra = self._run_through(through)
            # The longest first, so that no worker is left alone with it.
            tasks.insert(0, (float(through.shown.length), partial(self._render, through, places, chapters)))
        self._work_through(tasks, through is not None)
        if not self.entries:
            raise InputError(
                tr.at_home("No clip could be written. {problems}", problems=" ".join(dict.fromkeys(self.problems)))
            )
        extra += self._sheets() + self._for_students()
        shown = (*clips, through) if through is not None else clips
        self.problems += [f"{c.title}, {c.view}: {p}" for c in shown for p in c.problems]
        self._manifest(extra)
        return len(self.entries), tuple(self.problems)

    def _work_through(
        self, tasks: list[tuple[float, Callable[[Progress], list[mf.ClipEntry]]]], has_run_through: bool
    ) -> None:
        """Render on two threads; the heavy parts of decoding and encoding run side by side."""
        watches = side_by_side(self.progress.part(0.03, 0.98), [weight for weight, _ in tasks])
        with ThreadPoolExecutor(WORKERS) as pool:
            futures = [
                pool.submit(copy_context().run, run, progress)
                for (_, run), progress in zip(tasks, watches, strict=True)
            ]
            try:
                results = [future.result() for future in futures]
            except BaseException:
                self.gone = True
                pool.shutdown(cancel_futures=True)
                raise
        # The run-through is rendered first and listed last.
        ordered = results[1:] + results[:1] if has_run_through else results
        for entries in ordered:
            self.entries += entries
            self.problems += [p for e in entries for p in (*_sound_problems(e), *_covered(e))]

    def _run_through(self, clip: Clip) -> tuple[list[Place], tuple[Chapter, ...], list[Path]]:
        versions = run_through_versions(self.project.output, clip)
        self.chapters = chapters = chapters_of(self.stage.lines, clip, self.stage.timing(clip, versions[0]))
        plain, meta = self.work / "chapters.txt", self.work / "chapters.ffmeta"
        plain.write_text(plain_list(chapters), encoding="utf-8")
        meta.write_text(ffmetadata(chapters), encoding="utf-8")
        stem = f"run-through {_short_label(clip)}"
        first, *others = versions
        places = [(first, self.work / f"{stem}.mp4")]
        places += [(v, self.work / f"{stem} {version_words(v, first.sound)[4:]}.mp4") for v in others]
        return places, chapters, [plain, meta]

    def _sheets(self) -> list[Path]:
        """The count sheet and the wall map, when a dance is written."""
        if not self.project.dance.sections:
            return []
        names = ["count sheet.pdf", "count sheet.md", "count sheet.csv"]
        if self.project.dance.sequence:
            names.append("wall map.svg")
        for name in names:
            export_sheet(self.project, self.work / name)
        return [self.work / name for name in names]

    def _render(
        self, clip: Clip, places: list[Place], chapters: tuple[Chapter, ...], progress: Progress
    ) -> list[mf.ClipEntry]:
        stopped = Progress(progress.report, lambda: self.gone or progress.stop_asked())
        try:
            shown = [(clip_in(version, clip), version, path) for version, path in places]
            jobs = [RenderJob(c, version, path, self._films(c, version, stopped)) for c, version, path in shown]
            keys = {j.path: made_from(j, self.stage, self.project, self.words, chapters) for j in jobs}
            done = {j.path: self._taken_over(keys[j.path], j) for j in jobs}
            new = [j for j in jobs if done[j.path] is None]
            written = self._rendered(new, chapters, stopped) if new else []
            made = {w.job.path: mf.clip_entry(w, self.work, keys[w.job.path]) for w in written}
            progress(1.0, tr.at_home("Wrote {title}", title=clip.title))
            entries = [done[j.path] or made[j.path] for j in jobs]
            if self.written is not None:
                self.written(clip.key, self.work / entries[0].file, entries[0].duration_s)
            entries = [self._told(j, e) for j, e in zip(jobs, entries, strict=True)]
            self.cuts += [self._cut(j, e) for j, e in zip(jobs, entries, strict=True)]
            return entries
        except (WriteError, Stopped):
            raise
        except (MissingError, MediaError) as error:
            self.problems.append(
                tr.at_home(
                    "{title}, {view}: not written, {error}", title=clip.title, view=clip.view, error=error.outside()
                )
            )
            return []

    def _rendered(self, jobs: list[RenderJob], chapters: tuple[Chapter, ...], progress: Progress) -> list[Written]:
        return render_clip(jobs, self.stage, self._song(jobs, progress), progress, chapters, self.sounds)

    def _told(self, job: RenderJob, entry: mf.ClipEntry) -> mf.ClipEntry:
        """A clip without counts over the picture with what the page says instead."""
        if job.version.look is not Look.PLAIN:
            return entry
        timing = self.stage.timing(job.clip, job.version)
        states = tuple(schedule(self.words, job.clip, timing, overlay_of(job.version, self.project.output.overlay)))
        return replace(entry, told=mf.Told(tuple(mf.whole_counts(timing, states)), states))

    def _cut(self, job: RenderJob, entry: mf.ClipEntry) -> Cut:
        """A clip with the films it was cut from and the frames of its counts, written over it or not."""
        timing = self.stage.timing(job.clip, job.version)
        counts = entry.counts_told()
        sources = []
        for film in job.films:
            at = counts_to_take(film.the_pass, self.grid)(float(film.clip.shown.start))
            take = self.project.take(film.clip.take)
            sources.append((Path(take.media.path).name, take.id, float(at)))
        follows = () if job.clip.pieces else self._follows(job, timing)
        core = (timing.out_s(job.clip.counts.start), timing.out_s(job.clip.counts.end))
        return Cut(entry, tuple(sources), tuple(counts), follows, mf.exact_counts(timing, counts), core)

    def _follows(self, job: RenderJob, timing: ClipTiming) -> tuple[tuple[float, float], ...]:
        """Seconds of a clip with those of its film, count by count."""
        to_take, shown = counts_to_take(job.films[0].the_pass, self.grid), job.films[0].clip.shown
        places = [shown.start + k for k in range(int(shown.length) + 1)]
        return tuple((timing.out_s(at), float(to_take(float(at)))) for at in places)

    def _taken_over(self, key: str, job: RenderJob) -> mf.ClipEntry | None:
        """The same file of the pack before, where it stands unchanged."""
        entry = self.earlier.take_over(key, job.path)
        if entry is None:
            return None
        return replace(entry, file=job.path.relative_to(self.work).as_posix(), problems=job.clip.problems)

    def _song(self, jobs: list[RenderJob], progress: Progress) -> Sound | None:
        """The song, read when the first clip needs it."""
        if all(j.version.sound is not ClipSound.SONG for j in jobs):
            return None
        with self.song_read:
            if self.song is None:
                media = self.song_media
                self.song = read_song(locate(media.media, self.base), progress.part(0, 0), media.used)
            return self.song

    def _films(self, clip: Clip, version: Version, progress: Progress) -> tuple[Film, ...]:
        partner = partner_of(clip, self.clips, version.arrangement)
        return films_for(self.project, self.base, clip, partner, version, progress.part(0, 0))

    @property
    def rights(self) -> str:
        said = self.project.dance.rights or self.song_media.rights
        return said or tr("The rights of the music are yours to clear; this is no legal advice.")

    def _for_students(self) -> list[Path]:
        """The page that plays the clips, and captions of each clip with counts."""
        pages = write_page(self.project, self.entries, self.rights, self.work, self.cuts, self.chapters)
        folder = self.work / "captions"
        folder.mkdir()
        for entry in self.entries:
            if text := webvtt(entry):
                pages.append(folder / f"{Path(entry.file).stem}.vtt")
                pages[-1].write_text(text, encoding="utf-8")
        by_file = {c.entry.file: c for c in self.cuts}
        write_timeline(self.work / TIMELINE, self.project.name, [by_file[e.file] for e in self.entries])
        words = self.work / summary.NAME
        words.write_text(summary.summary(self.project.name, self.entries, self.rights), encoding="utf-8")
        return [*pages, self.work / TIMELINE, words]

    def _manifest(self, extra: list[Path]) -> None:
        manifest = mf.Manifest(
            mf.VERSION,
            f"Vamos {__version__}",
            self.project.name,
            self.song_media.title,
            self.rights,
            tuple(self.entries),
            tuple(mf.file_entry(p, self.work) for p in extra),
            tuple(self.problems),
        )
        mf.write_manifest(manifest, self.work)


#: Plates may cover the dancer for so much of a clip before it is said.
_COVERED = 0.05


def _covered(entry: mf.ClipEntry) -> list[str]:
    if entry.covered <= _COVERED:
        return []
    return [
        tr.at_home(
            "{title}, {view}: the counts cover the dancer for {covered:.0%} of {file}; another "
            "style, or smaller counts, keep clear",
            title=entry.title,
            view=entry.view,
            covered=entry.covered,
            file=entry.file,
        )
    ]


def _sound_problems(entry: mf.ClipEntry) -> list[str]:
    if entry.loudness_lufs is not None and entry.loudness_lufs <= -60:
        return [tr.at_home("{title}: the song is silent in this clip", title=entry.title)]
    return []


def _short_label(clip: Clip) -> str:
    return plain_name(clip.label.split(":")[0].replace(",", ""))


def plain_name(text: str) -> str:
    """A file name every system takes: ASCII letters, digits, spaces and dashes."""
    plain = [c for c in unicodedata.normalize("NFKD", text) if not unicodedata.combining(c)]
    kept = "".join(c if c.isascii() and (c.isalnum() or c == "-") else " " for c in plain)
    return " ".join(kept.split())[:60].strip().lower() or "clip"
