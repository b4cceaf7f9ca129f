"""The whole job on music and footage that nobody here made.

Music: a chorale of the music21 corpus rendered by fluidsynth with the TimGM6mb sound font. Footage: the ffmpeg command line's test picture with that music played
late, over noise, as H.264 in mp4 and HEVC in mkv. Judges: vamos verify,
ffprobe.
"""

import json
import subprocess
import unittest
from pathlib import Path

from tests.cli.test_cli import vamos
from tests.support import FolderCase

FONT = "/usr/share/sounds/sf2/TimGM6mb.sf2"


def render_score(folder: Path) -> Path:
    """A chorale of the corpus (public domain), as mp3."""
    import music21

    score = music21.corpus.parse("bwv66.6")
    score.parts[0].insert(0, music21.tempo.MetronomeMark(number=104))
    midi = folder / "tune.mid"
    score.write("midi", midi)
    wav = folder / "tune.wav"
    subprocess.run(["fluidsynth", "-ni", "-q", "-F", wav, "-r", "44100", FONT, midi], check=True, capture_output=True)
    subprocess.run(["ffmpeg", "-v", "error", "-i", wav, "-t", "22", folder / "song.mp3"], check=True)
    return folder / "song.mp3"


def footage(song: Path, path: Path, codec: str, late_s: float) -> Path:
    subprocess.run(
        [
            "ffmpeg",
            "-v",
            "error",
            "-f",
            "lavfi",
            "-i",
            "testsrc2=size=320x180:rate=30000/1001:duration=16",
            "-i",
            song,
            "-f",
            "lavfi",
            "-i",
            "anoisesrc=amplitude=0.01:duration=16",
            "-filter_complex",
            f"[1:a]adelay={int(late_s * 1000)}:all=1,volume=0.6[m];[m][2:a]amix=inputs=2:normalize=0[a]",
            "-map",
            "0:v",
            "-map",
            "[a]",
            "-t",
            "16",
            "-c:v",
            codec,
            "-preset",
            "ultrafast",
            "-c:a",
            "aac",
            "-b:a",
            "96k",
            path,
        ],
        check=True,
        capture_output=True,
    )
    return path


class ForeignMusicTest(FolderCase):
    def test_make_gives_a_pack_that_holds(self):
        song = render_score(self.folder)
        front = footage(song, self.folder / "front.mp4", "libx264", 1.25)
        back = footage(song, self.folder / "back.mkv", "libx265", 0.5)
        out = self.folder / "pack"
        status, told, err = vamos("--quiet", "make", song, front, back, "--out", out, "--speeds", "100", "50")
        self.assertIn(status, (0, 1), err)
        self.assertIn("clips in", told)
        self.assertEqual(vamos("--quiet", "verify", out)[0], 0)
        manifest = json.loads((out / "manifest.json").read_text())
        self.assertEqual({c["view"] for c in manifest["clips"]}, {"front", "back"})
        for clip in manifest["clips"]:
            streams = json.loads(
                subprocess.run(
                    ["ffprobe", "-v", "error", "-show_streams", "-of", "json", out / clip["file"]],
                    capture_output=True,
                    check=True,
                ).stdout
            )["streams"]
            for stream in streams:
                self.assertAlmostEqual(float(stream["duration"]), clip["duration_s"], delta=0.03)

    def test_placement_is_where_ffmpeg_put_the_song(self):
        """adelay put the song 1.25 s into the take: second 5 of the take is 3.75 of the song."""
        song = render_score(self.folder)
        front = footage(song, self.folder / "front.mp4", "libx264", 1.25)
        _, out, _ = vamos("--quiet", "place", front, "--song", song, "--json", "-")
        segment = json.loads(out)[0]["segments"][0]
        at = segment["song_at_take_start"] + segment["rate"] * (5 - segment["take_start"])
        self.assertAlmostEqual(at, 3.75, delta=0.001)


if __name__ == "__main__":
    unittest.main()
