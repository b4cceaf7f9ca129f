"""FluidSynth by ctypes: one synth a sound font, 22.05 kHz mono; events on the nearest block of 64 samples."""

import ctypes

import numpy as np

L = ctypes.CDLL("libfluidsynth.so.3")
for n, a, r in (
    ("new_fluid_settings", [], ctypes.c_void_p),
    ("new_fluid_synth", [ctypes.c_void_p], ctypes.c_void_p),
    ("fluid_settings_setnum", [ctypes.c_void_p, ctypes.c_char_p, ctypes.c_double], ctypes.c_int),
    ("fluid_settings_setint", [ctypes.c_void_p, ctypes.c_char_p, ctypes.c_int], ctypes.c_int),
    ("fluid_synth_sfload", [ctypes.c_void_p, ctypes.c_char_p, ctypes.c_int], ctypes.c_int),
    ("fluid_synth_noteon", [ctypes.c_void_p, ctypes.c_int, ctypes.c_int, ctypes.c_int], ctypes.c_int),
    ("fluid_synth_noteoff", [ctypes.c_void_p, ctypes.c_int, ctypes.c_int], ctypes.c_int),
    ("fluid_synth_program_change", [ctypes.c_void_p, ctypes.c_int, ctypes.c_int], ctypes.c_int),
    ("fluid_synth_cc", [ctypes.c_void_p, ctypes.c_int, ctypes.c_int, ctypes.c_int], ctypes.c_int),
    ("fluid_synth_pitch_bend", [ctypes.c_void_p, ctypes.c_int, ctypes.c_int], ctypes.c_int),
    ("fluid_synth_system_reset", [ctypes.c_void_p], ctypes.c_int),
    ("fluid_synth_set_interp_method", [ctypes.c_void_p, ctypes.c_int, ctypes.c_int], ctypes.c_int),
    (
        "fluid_synth_write_float",
        [
            ctypes.c_void_p,
            ctypes.c_int,
            ctypes.c_void_p,
            ctypes.c_int,
            ctypes.c_int,
            ctypes.c_void_p,
            ctypes.c_int,
            ctypes.c_int,
        ],
        ctypes.c_int,
    ),
):
    f = getattr(L, n)
    f.argtypes, f.restype = a, r
L.fluid_set_log_function(2, None, None)
L.fluid_set_log_function(1, None, None)
L.fluid_set_log_function(3, None, None)
RATE = 22050
FONTS = {
    "fluid": "/usr/share/sounds/sf2/FluidR3_GM.sf2",
    "tim": "/usr/share/sounds/sf2/TimGM6mb.sf2",
    "csound": "/usr/share/sounds/sf2/sf_GMbank.sf2",
    "muse": "/usr/share/sounds/sf3/MuseScore_General_Lite.sf3",
    "opl3": "/usr/share/sounds/sf2/OPL-3_FM_128M.sf2",
}
_open = {}


def synth(font, rate):
    if (font, rate) not in _open:
        s = L.new_fluid_settings()
        L.fluid_settings_setnum(s, b"synth.sample-rate", float(rate))
        L.fluid_settings_setnum(s, b"synth.gain", 0.25)
        for k, v in (
            (b"synth.reverb.active", 0),
            (b"synth.chorus.active", 0),
            (b"synth.polyphony", 96),
            (b"synth.dynamic-sample-loading", int(font != "muse")),
            (b"synth.threadsafe-api", 0),
        ):
            L.fluid_settings_setint(s, k, v)
        y = L.new_fluid_synth(s)
        L.fluid_synth_set_interp_method(y, -1, 1)
        assert L.fluid_synth_sfload(y, FONTS[font].encode(), 1) >= 0
        _open[font, rate] = y
    return _open[font, rate]


def render(events, seconds, font, rate=22050, block=64):
    """events: (time s, kind, channel, a, b) sorted; mono float32."""
    y = synth(font, rate)
    L.fluid_synth_system_reset(y)
    n = int(seconds * rate / block + 1) * block
    out = np.zeros((n, 2), np.float32)
    at = 0
    p = out.ctypes.data
    for t, k, c, a, b in events:
        w = min(n, max(at, round(t * rate / block) * block))
        if w > at:
            L.fluid_synth_write_float(y, w - at, p + 8 * at, 0, 2, p + 8 * at, 1, 2)
            at = w
        if at >= n:
            break
        if k == "on":
            L.fluid_synth_noteon(y, c, int(a), int(b))
        elif k == "off":
            L.fluid_synth_noteoff(y, c, int(a))
        elif k == "prog":
            L.fluid_synth_program_change(y, c, int(a))
        elif k == "cc":
            L.fluid_synth_cc(y, c, int(a), int(b))
        elif k == "bend":
            L.fluid_synth_pitch_bend(y, c, int(a) + 8192)
    if at < n:
        L.fluid_synth_write_float(y, n - at, p + 8 * at, 0, 2, p + 8 * at, 1, 2)
    return out.mean(axis=1)
