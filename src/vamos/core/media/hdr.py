"""Films in high dynamic range, as phones make them, in natural colours on a usual screen.

Signals become light (PQ: SMPTE ST 2084; HLG: ITU-R BT.2100, for a display of 1000 cd/m²); light above what a usual
screen shows is rolled off (the EETF of ITU-R BT.2390, from 1000 to 203 cd/m², the reference white of ITU-R BT.2408);
colours go from BT.2020 to BT.709 (ITU-R BT.2087) and are coded as a usual screen undoes it (ITU-R BT.1886, gamma 2.4).
All of it is one table of 33³ colours, which FFmpeg's ``lut3d`` looks up.
"""

from __future__ import annotations

import tempfile
import threading
from functools import cache
from typing import TYPE_CHECKING, Any

import numpy as np
import numpy.typing as npt

if TYPE_CHECKING:
    from av.video.frame import VideoFrame

Floats = npt.NDArray[np.float64]

#: Transfer characteristics by their codes (ITU-T H.273).
PQ, HLG = 16, 18
#: cd/m² of the brightest that is expected, and of what becomes white.
PEAK, WHITE = 1000.0, 203.0
_SIZE = 33
#: BT.2020 to BT.709 (ITU-R BT.2087-0).
_TO_709 = np.array([[1.6605, -0.5876, -0.0728], [-0.1246, 1.1329, -0.0083], [-0.0182, -0.1006, 1.1187]])
#: Luminance of BT.2020 (ITU-R BT.2100).
_LUMA = np.array([0.2627, 0.6780, 0.0593])
#: Kinds of films whose tables are kept ready, in each thread.
_GRAPHS = 3
_KEPT = threading.local()


def is_hdr(frame: VideoFrame) -> bool:
    """Whether a frame says that it is coded with PQ or HLG."""
    return int(frame.color_trc) in (PQ, HLG)


def pq_light(signal: Floats) -> Floats:
    """cd/m² of a PQ signal, 0 to 1 (SMPTE ST 2084)."""
    m1, m2, c1, c2, c3 = 2610 / 16384, 2523 / 32, 3424 / 4096, 2413 / 128, 2392 / 128
    root = np.clip(signal, 0, 1) ** (1 / m2)
    return np.asarray(10000 * (np.maximum(root - c1, 0) / (c2 - c3 * root)) ** (1 / m1))


def pq_signal(light: Floats) -> Floats:
    """The PQ signal of cd/m²: the inverse of :func:`pq_light`."""
    m1, m2, c1, c2, c3 = 2610 / 16384, 2523 / 32, 3424 / 4096, 2413 / 128, 2392 / 128
    power = (np.clip(light, 0, 10000) / 10000) ** m1
    return np.asarray(((c1 + c2 * power) / (1 + c3 * power)) ** m2)


def hlg_light(signal: Floats) -> Floats:
    """cd/m² on a display of 1000 of HLG signals ``(…, 3)`` (ITU-R BT.2100, system gamma 1.2)."""
    a, b, c = 0.17883277, 0.28466892, 0.55991073
    low = signal**2 / 3
    high = (np.exp((np.maximum(signal, 0.5) - c) / a) + b) / 12
    scene = np.where(signal <= 0.5, low, high)
    luma = scene @ _LUMA
    return np.asarray(PEAK * np.maximum(luma, 1e-9)[..., None] ** 0.2 * scene)


def rolled_off(light: Floats) -> Floats:
    """cd/m² brought under ``WHITE``, the darker part unchanged (EETF of ITU-R BT.2390-8, without black lift)."""
    peak = float(pq_signal(np.array(PEAK)))
    signal = np.minimum(pq_signal(light) / peak, 1.0)
    most = float(pq_signal(np.array(WHITE))) / peak
    knee = 1.5 * most - 0.5
    t = (signal - knee) / (1 - knee)
    bent = (2 * t**3 - 3 * t**2 + 1) * knee + (t**3 - 2 * t**2 + t) * (1 - knee) + (-2 * t**3 + 3 * t**2) * most
    return pq_light(np.where(signal < knee, signal, bent) * peak)


def natural(signal: Floats, transfer: int) -> Floats:
    """BT.709 signals, 0 to 1, of BT.2020 ones in PQ or HLG, both ``(…, 3)``."""
    light = hlg_light(signal) if transfer == HLG else pq_light(signal)
    # By the brightest of the three, so that colours keep their hue.
    most = np.maximum(light.max(axis=-1, keepdims=True), 1e-6)
    light = light * rolled_off(most) / most
    return np.asarray(np.clip(light / WHITE @ _TO_709.T, 0, 1) ** (1 / 2.4))


@cache
def _table(transfer: int) -> str:
    """The table as text of a ``.cube`` file; red changes fastest."""
    steps = np.linspace(0, 1, _SIZE)
    blue, green, red = np.meshgrid(steps, steps, steps, indexing="ij")
    colours = natural(np.stack([red, green, blue], axis=-1).reshape(-1, 3), transfer)
    rows = "\n".join(f"{r:.6f} {g:.6f} {b:.6f}" for r, g, b in colours)
    return f"LUT_3D_SIZE {_SIZE}\n{rows}\n"


def natural_frame(frame: VideoFrame) -> VideoFrame:
    """A frame in 8-bit 4:2:0 of BT.709, limited range, as a usual screen shows it, of its own size.

    Sizes of pictures that follow a dancer change all the time; the table is read once for each kind of film.
    """
    key = (frame.width, frame.height, frame.format.name, int(frame.color_trc), int(frame.color_range))
    graphs: dict[tuple[object, ...], Any] = _KEPT.__dict__.setdefault("graphs", {})
    if key not in graphs and len(graphs) >= _GRAPHS:
        graphs.pop(next(iter(graphs)))
    graph = graphs[key] = graphs.get(key) or _graph(frame)
    graph.push(frame)
    out: VideoFrame = graph.pull()
    return out


def _graph(frame: VideoFrame) -> Any:
    from av.filter import Graph

    graph = Graph()
    graph.threads = 1
    full = "pc" if int(frame.color_range) == 2 else "tv"
    with tempfile.NamedTemporaryFile("w", suffix=".cube") as file:
        file.write(_table(int(frame.color_trc)))
        file.flush()
        steps = [
            graph.add_buffer(width=frame.width, height=frame.height, format=frame.format, time_base=frame.time_base),
            graph.add("scale", f"in_color_matrix=bt2020:in_range={full}"),
            graph.add("format", "gbrp12le"),
            graph.add("lut3d", f"file={file.name}:interp=tetrahedral"),
            graph.add("scale", "out_color_matrix=bt709:out_range=tv"),
            graph.add("format", "yuv420p"),
            graph.add("buffersink"),
        ]
        graph.link_nodes(*steps).configure()
    return graph
