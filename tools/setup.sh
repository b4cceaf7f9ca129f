# Shared by ./run and ./check: installs what is missing, says what it does, is quick when nothing is.
# Needs only python3 and a shell. Source it from the checkout's root.

say() { printf '%s\n' "$*" >&2; }

# --- a Python that is new enough ------------------------------------------------------------
find_python() {
    for name in python3 python3.13 python3.12 python3.11; do
        if command -v "$name" >/dev/null 2>&1 \
            && "$name" -c 'import sys; sys.exit(sys.version_info < (3, 11))' 2>/dev/null; then
            PYTHON=$name
            return
        fi
    done
    say "Vamos needs Python 3.11 or newer; none was found. Install python3, then run this again."
    exit 2
}

# --- system packages ------------------------------------------------------------------------
# library → Debian package, for the parts of Qt that its wheel does not carry
LIBRARIES="libEGL.so.1:libegl1 libGL.so.1:libgl1 libxkbcommon.so.0:libxkbcommon0 libdbus-1.so.3:libdbus-1-3
libfontconfig.so.1:libfontconfig1 libglib-2.0.so.0:libglib2.0-0 libxcb-cursor.so.0:libxcb-cursor0
libxcb-icccm.so.4:libxcb-icccm4 libxcb-keysyms.so.1:libxcb-keysyms1 libxcb-shape.so.0:libxcb-shape0
libxcb-xkb.so.1:libxcb-xkb1 libxkbcommon-x11.so.0:libxkbcommon-x11-0 libxcb-render-util.so.0:libxcb-render-util0
libxcb-image.so.0:libxcb-image0 libxcb-randr.so.0:libxcb-randr0 libxcb-xinerama.so.0:libxcb-xinerama0
libpulse.so.0:libpulse0 libfribidi.so.0:libfribidi0"
# command → Debian package, for ./check only: references from outside the project
PROGRAMS="ffmpeg:ffmpeg fluidsynth:fluidsynth Xvfb:xvfb chromium:chromium firefox-esr:firefox-esr pulseaudio:pulseaudio parec:pulseaudio-utils
appstreamcli:appstream desktop-file-validate:desktop-file-utils xdotool:xdotool dbus-run-session:dbus-daemon"
# file → Debian package, for ./check only: what reads the window as a screen reader does
FILES="/usr/libexec/at-spi-bus-launcher:at-spi2-core /usr/lib/python3/dist-packages/pyatspi:python3-pyatspi"
SOUNDFONT=/usr/share/sounds/sf2/TimGM6mb.sf2:timgm6mb-soundfont

missing_packages() {
    local known entry
    known=$( (ldconfig -p || /sbin/ldconfig -p) 2>/dev/null || true)
    for entry in $LIBRARIES; do
        case "$known" in *"${entry%%:*} "*) ;; *) printf '%s ' "${entry#*:}" ;; esac
    done
    "$PYTHON" -c 'import ensurepip, venv' 2>/dev/null \
        || printf 'python%s-venv ' "$("$PYTHON" -c 'import sys; print("%d.%d" % sys.version_info[:2])')"
    if [ "${1:-run}" = check ]; then
        for entry in $PROGRAMS; do
            command -v "${entry%%:*}" >/dev/null 2>&1 || printf '%s ' "${entry#*:}"
        done
        for entry in $FILES; do
            [ -e "${entry%%:*}" ] || printf '%s ' "${entry#*:}"
        done
        [ -e "${SOUNDFONT%%:*}" ] || printf '%s ' "${SOUNDFONT#*:}"
    fi
}

need_system() {
    local missing
    missing=$(missing_packages "$1")
    [ -z "$missing" ] && return
    if ! command -v apt-get >/dev/null 2>&1; then
        say "Some system packages are missing. Their names on Debian: $missing"
        say "Install what your system calls them, then run this again."
        exit 2
    fi
    if [ "$(id -u)" != 0 ]; then
        say "Some system packages are missing. Type this line, then run this again:"
        say "    sudo apt-get update && sudo apt-get install -y --no-install-recommends $missing"
        exit 2
    fi
    say "Installing: $missing"
    export DEBIAN_FRONTEND=noninteractive
    apt-get update -qq >&2
    # shellcheck disable=SC2086 -- the list is meant to be split
    apt-get install -y -qq --no-install-recommends $missing >&2
}

# --- the environment in .venv ----------------------------------------------------------------
need_venv() {
    local lock=$1 stamp=.venv/.installed wanted
    wanted=$(cat "$lock" pyproject.toml | sha256sum)
    [ -x .venv/bin/vamos ] && [ "$(cat "$stamp" 2>/dev/null)" = "$wanted" ] && return
    # ./check installs everything ./run needs, so its environment serves both.
    if [ "$lock" = requirements.lock ] && [ -x .venv/bin/vamos ] \
        && [ "$(cat "$stamp" 2>/dev/null)" = "$(cat requirements-dev.lock pyproject.toml | sha256sum)" ]; then
        return
    fi
    [ -x .venv/bin/python ] || { say "Making the environment .venv"; "$PYTHON" -m venv .venv; }
    say "Installing Python packages ($lock); the first time this takes a minute or two"
    .venv/bin/python -m pip install --quiet --disable-pip-version-check --require-hashes -r "$lock" >&2
    .venv/bin/python -m pip install --quiet --disable-pip-version-check --no-deps -e . >&2
    printf '%s' "$wanted" >"$stamp"
}
