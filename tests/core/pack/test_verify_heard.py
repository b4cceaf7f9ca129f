"""Verify hears: packs whose sound, captions, chapters or page were made wrong, with checksums and digest made to fit."""

import base64
import functools
import json
import re
import shutil
import subprocess
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path

import numpy as np

from tests.core.pack.test_verify import small_project
from tests.support import FolderCase, shared_folder
from vamos.core.media.sound import Sound, write_wav
from vamos.core.pack.manifest import NAME, checksum, digest, read_manifest
from vamos.core.pack.verify import verify_pack
from vamos.core.pack.write import write_pack


def music(seconds: float, rate: int = 48000) -> Sound:
    """Plucks of changing chords with drums, no bar like another."""
    rng = np.random.default_rng(5)
    out = np.zeros(int(seconds * rate))
    for k in range(int(seconds / 0.25) - 2):
        first, t = int(k * 0.25 * rate), np.arange(int(0.4 * rate)) / rate
        note = 110 * 2 ** (rng.integers(0, 30) / 12)
        tone = sum(np.sin(2 * np.pi * note * h * t) / h for h in (1, 2, 3, 4)) * np.exp(-t * 8)
        hit = rng.standard_normal(len(t)) * np.exp(-t * rng.uniform(30, 80)) * (k % 2 == 0)
        out[first : first + len(t)] += rng.uniform(0.2, 1) * tone + 0.5 * hit
    out *= 0.5 / np.abs(out).max()
    return Sound(np.stack([out, out], 1).astype(np.float32), rate)


@functools.cache
def heard_pack() -> Path:
    """A pack of two speeds over music, written once; take copies."""
    made = shared_folder("heard pack")
    project = small_project(made)
    write_wav(made / "s.wav", music(12))
    write_pack(replace(project, output=replace(project.output, speeds=(F(1), F(3, 4)))), made, made / "pack")
    return made / "pack"


class ForgedCase(FolderCase):
    made = staticmethod(heard_pack)

    def setUp(self) -> None:
        super().setUp()
        self.out = self.folder / "pack"
        shutil.copytree(self.made(), self.out)
        self.clips = [c for c in read_manifest(self.out).clips if "run" not in c.file]

    def clip(self, speed: float = 1.0, number: int = 0) -> str:
        return [c.file for c in self.clips if c.speed == speed][number]

    def forge(self) -> None:
        """Checksums, sizes and the digest as a careful forger would make them."""
        manifest = read_manifest(self.out)

        def entry(e):
            path = self.out / e.file
            return replace(e, sha256=checksum(path), bytes=path.stat().st_size) if path.is_file() else e

        changed = replace(manifest, clips=tuple(map(entry, manifest.clips)), files=tuple(map(entry, manifest.files)))
        self.save(changed)

    def save(self, manifest) -> None:
        import msgspec

        manifest = replace(manifest, digest=digest(msgspec.json.encode(manifest)))
        (self.out / NAME).write_bytes(msgspec.json.encode(manifest))

    def bad(self, file: str) -> set[str]:
        return {f.what for f in verify_pack(self.out) if not f.good and f.file == file}

    def sound(self, file: str, effect: str) -> None:
        """A clip with its sound changed, its page sound left out of the way."""
        changed = self.folder / "changed.mp4"
        run = [
            "ffmpeg",
            "-y",
            "-v",
            "error",
            "-i",
            self.out / file,
            "-c:v",
            "copy",
            "-af",
            effect,
            "-shortest",
            changed,
        ]
        subprocess.run(run, check=True)
        shutil.copy(changed, self.out / file)
        self.forge()


class HeardTest(ForgedCase):
    def test_an_untouched_pack_holds(self):
        self.assertEqual([f for f in verify_pack(self.out) if not f.good], [])
        found = [f for f in verify_pack(self.out) if f.what in ("heard", "place of sound", "pitch", "sound throughout")]
        self.assertGreaterEqual(len(found), 4 * len(self.clips))

    def test_sound_late_and_early(self):
        for ms in (12, 60, 200, 555):
            shutil.copy(heard_pack() / self.clip(), self.out / self.clip())
            self.sound(self.clip(), f"adelay={ms}:all=1")
            with self.subTest(late=ms):
                self.assertIn("place of sound", self.bad(self.clip()))
        shutil.copy(heard_pack() / self.clip(), self.out / self.clip())
        self.sound(self.clip(), "atrim=start=0.06,asetpts=PTS-STARTPTS,apad=pad_dur=0.06")
        self.assertIn("place of sound", self.bad(self.clip()))

    def test_half_of_it_late(self):
        self.sound(self.clip(), "asplit[a][b];[a]atrim=end=3,asetpts=PTS-STARTPTS[x];"
                   "[b]atrim=start=2.92,asetpts=PTS-STARTPTS[y];[x][y]concat=n=2:v=0:a=1")  # fmt: skip
        self.assertTrue({"sound throughout", "place of sound", "heard"} & self.bad(self.clip()))

    def test_backwards_and_of_another_section(self):
        self.sound(self.clip(), "areverse")
        self.assertIn("heard", self.bad(self.clip()))
        other = self.folder / "other.mp4"
        sources = ["-i", self.out / self.clip(), "-i", self.out / self.clip(number=1)]
        subprocess.run(["ffmpeg", "-y", "-v", "error", *sources, "-map", "0:v", "-map", "1:a", "-c", "copy", "-shortest", other], check=True)  # fmt: skip
        shutil.copy(other, self.out / self.clip())
        self.forge()
        self.assertIn("heard", self.bad(self.clip()))

    def test_slowed_with_a_wrong_pitch_or_not_at_all(self):
        """As plain resampling would give it, −498 cents at 75 %; other falls; and the full speed looped."""
        slow = self.clip(0.75)
        for ratio in (0.75, 0.841, 1.06, 1.5):
            shutil.copy(heard_pack() / slow, self.out / slow)
            self.sound(slow, f"asetrate=48000*{ratio},aresample=48000,atempo={1 / ratio:.6f}")
            with self.subTest(ratio=ratio):
                self.assertIn("pitch", self.bad(slow))
        looped = self.folder / "looped.mp4"
        sources = ["-i", self.out / slow, "-stream_loop", "1", "-i", self.out / self.clip()]
        subprocess.run(["ffmpeg", "-y", "-v", "error", *sources, "-map", "0:v", "-map", "1:a", "-c", "copy", "-shortest", looped], check=True)  # fmt: skip
        shutil.copy(looped, self.out / slow)
        self.forge()
        self.assertIn("heard", self.bad(slow))


class SeenTest(ForgedCase):
    def picture(self, effect: str) -> set[str]:
        file = self.clip()
        changed = self.folder / "changed.mp4"
        run = ["ffmpeg", "-y", "-v", "error", "-i", heard_pack() / file, "-vf", effect, "-c:a", "copy", changed]
        subprocess.run(run, check=True)
        shutil.copy(changed, self.out / file)
        self.forge()
        return self.bad(file)

    def test_sides_changed_in_the_second_half_only(self):
        self.assertIn("picture throughout", self.picture("split[a][b];[b]hflip[c];[a][c]overlay=enable='gte(t,3.5)'"))

    def test_something_over_the_dancer_towards_the_end(self):
        box = "drawbox=x=iw*0.4:y=ih*0.3:w=iw*0.2:h=ih*0.5:color=black:t=fill:enable='gte(t,4)'"
        self.assertIn("picture throughout", self.picture(box))


class NoPictureTest(ForgedCase):
    def test_a_clip_with_sound_alone_is_told(self):
        """Its pictures taken out and signed again: it is not readable as a film, and nothing else of the check fails."""
        kept = self.folder / "sound.mp4"
        run = ["ffmpeg", "-y", "-v", "error", "-i", self.out / self.clip(), "-vn", "-c:a", "copy", kept]
        subprocess.run(run, check=True)
        shutil.copy(kept, self.out / self.clip())
        self.forge()
        (told,) = [f for f in verify_pack(self.out) if f.file == self.clip() and f.what == "readable"]
        self.assertIn("no picture in it", told.detail)


class BesideTest(ForgedCase):
    def change(self, file: str, old: str, new: str) -> None:
        text = (self.out / file).read_text(encoding="utf-8")
        self.assertIn(old, text)
        (self.out / file).write_text(text.replace(old, new, 1), encoding="utf-8")
        self.forge()

    def test_captions_late_or_swapped(self):
        one, two = (f"captions/{Path(self.clip(number=n)).stem}.vtt" for n in (0, 1))
        text = (self.out / one).read_text()
        (self.out / one).write_text(
            re.sub(r"00:(\d\d)\.(\d)", lambda m: f"00:{m.group(1)}.{(int(m.group(2)) + 5) % 10}", text)
        )
        self.forge()
        self.assertEqual(self.bad(one), {"captions"})
        (self.out / one).write_text((self.out / two).read_text() + "\n")
        self.forge()
        self.assertEqual(self.bad(one), {"captions"})

    def test_chapters_moved_or_named_otherwise(self):
        self.change("chapters.ffmeta", "title=", "title=not ")
        self.assertEqual(self.bad("chapters.ffmeta"), {"chapters"})
        rows = (self.out / "chapters.txt").read_text().splitlines()
        (self.out / "chapters.txt").write_text("\n".join(["0:00 start", *rows[1:]]) + "\n")
        self.forge()
        self.assertEqual(self.bad("chapters.txt"), {"chapters"})

    def page(self, change) -> set[str]:
        path = self.out / "practise.html"
        head, rest = path.read_text(encoding="utf-8").split('id="data">', 1)
        data, tail = rest.split("</script>", 1)
        found = json.loads(data)
        change(found)
        text = json.dumps(found, ensure_ascii=False).replace("<", "\\u003c")
        path.write_text(f'{head}id="data">{text}</script>{tail}', encoding="utf-8")
        self.forge()
        return self.bad("practise.html")

    def test_the_page_with_counts_late_clips_swapped_or_a_foreign_script(self):
        def films(data):
            return [v["film"] for s in data["sections"] for v in s["views"]]

        def late(data):
            for film in films(data):
                film["counts"] = [[at + 20 / 30, n] for at, n in film["counts"]]

        def swapped(data):
            a, b = data["sections"][:2]
            a["views"], b["views"] = b["views"], a["views"]

        self.assertEqual(self.page(lambda data: None), set())
        self.assertEqual(self.page(late), {"counts"})
        shutil.copy(heard_pack() / "practise.html", self.out / "practise.html")
        self.assertEqual(self.page(swapped), {"counts"})
        shutil.copy(heard_pack() / "practise.html", self.out / "practise.html")
        self.change("practise.html", "</body>", "<script>alert(1)</script></body>")
        self.assertEqual(self.bad("practise.html"), {"script"})

    def test_the_sound_of_the_page_is_that_of_the_clip(self):
        file = sorted((self.out / "sound").iterdir())[0]
        number = file.stem
        file.write_text(f'vamosSound("{number}","{base64.b64encode(b"nothing").decode()}");\n')
        self.forge()
        self.assertEqual(self.bad("practise.html"), {"sounds"})

    def test_the_page_taken_away_with_its_entry_and_a_file_put_in(self):
        (self.out / "practise.html").unlink()
        manifest = read_manifest(self.out)
        self.save(replace(manifest, files=tuple(f for f in manifest.files if f.file != "practise.html")))
        self.assertEqual(self.bad("practise.html"), {"page"})
        (self.out / "extra.html").write_text("<p>hello</p>")
        self.assertEqual(self.bad("extra.html"), {"list"})

    def test_a_manifest_changed_by_hand_is_told_apart_from_a_wrong_film(self):
        for old, new in (('"view":', '"view": "back", "was":'), ('"half_time": false', '"half_time": true')):
            text = (heard_pack() / NAME).read_text()
            changed = text.replace(old, new, 1)
            self.assertNotEqual(text, changed)
            (self.out / NAME).write_text(changed)
            self.assertIn("digest", self.bad(NAME))
        (self.out / NAME).write_text(re.sub(r'"digest": "\w+"', '"digest": ""', text))
        self.assertEqual(self.bad(NAME), {"digest"})
