#!/usr/bin/env bash
# Builds a Debian package of Vamos from what the registries hold: tools/deb.sh [--try]
#
# Everything Python needs lies in /opt/vamos, pinned by requirements.lock; Qt's system libraries are dependencies. It
# fits the Python it was built with (Debian's python3 of this machine). With --try it is installed in a bare root made by
# debootstrap (as root), and the demo's project is made there without a screen.
set -euo pipefail
cd "$(dirname "$0")/.."
. tools/setup.sh
PYTHON=/usr/bin/python3
[ -x "$PYTHON" ] || { say "Debian's own python3 is needed; install python3 and python3-venv."; exit 2; }
version=$("$PYTHON" -c 'import tomllib; print(tomllib.load(open("pyproject.toml", "rb"))["project"]["version"])')
minor=$("$PYTHON" -c 'import sys; print(sys.version_info[1])')
arch=$(dpkg --print-architecture)
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
root=$work/vamos
lib=$root/opt/vamos/lib
mkdir -p "$lib" "$root/DEBIAN" "$root/usr/bin" "$root/usr/share/doc/vamos" dist

say "Collecting Python packages"
"$PYTHON" -m venv "$work/pip"
"$work/pip/bin/python" -m pip install --quiet --disable-pip-version-check --require-hashes --target "$lib" -r requirements.lock
"$work/pip/bin/python" -m pip install --quiet --disable-pip-version-check --no-deps --target "$work/own" .
cp -r "$work/own/vamos" "$work"/own/vamos-*.dist-info "$lib/"
rm -rf "$lib/bin" "$lib/share"
find "$lib" -name __pycache__ -prune -exec rm -rf {} +

say "Putting the package together"
cat >"$root/usr/bin/vamos" <<'EOF'
#!/bin/sh
PYTHONPATH=/opt/vamos/lib exec /usr/bin/python3 -m vamos.cli "$@"
EOF
chmod 755 "$root/usr/bin/vamos"
PYTHONPATH="$lib" "$PYTHON" -c 'import sys; from pathlib import Path; from vamos.desktop import install
install(Path(sys.argv[1]), Path("/usr/bin/vamos"))' "$root/usr/share"
find "$lib" -name __pycache__ -prune -exec rm -rf {} +
# What the desktop's own tools wrote there is theirs.
rm -f "$root/usr/share/applications/mimeinfo.cache"
find "$root/usr/share/mime" -mindepth 1 -maxdepth 1 ! -name packages -exec rm -rf {} +
shell=src/vamos/desktop/shell
install -Dm644 "$shell/vamos" "$root/usr/share/bash-completion/completions/vamos"
install -Dm644 "$shell/_vamos" "$root/usr/share/zsh/vendor-completions/_vamos"
install -Dm644 "$shell/vamos.1" "$root/usr/share/man/man1/vamos.1"
gzip -9n "$root/usr/share/man/man1/vamos.1"
cat LICENSE THIRD_PARTY_NOTICES.md >"$root/usr/share/doc/vamos/copyright"
gzip -9n <CHANGELOG.md >"$root/usr/share/doc/vamos/changelog.gz"
depends="python3 (>= 3.$minor), python3 (<< 3.$((minor + 1)))"
for entry in $LIBRARIES; do depends="$depends, ${entry#*:}"; done
cat >"$root/DEBIAN/control" <<EOF
Package: vamos
Version: $version
Architecture: $arch
Maintainer: The Vamos authors <vamos@localhost>
Installed-Size: $(du -sk "$root" | cut -f1)
Depends: $depends
Recommends: ffmpeg
Section: video
Priority: optional
Description: dance tutorials from a song and phone footage
 Finds a song's beat, places every take on it, cuts clips per eight counts with the counts
 drawn over the picture, and exports mirrored, back-view and slowed versions for students.
EOF
(cd "$root" && find opt usr -type f -print0 | sort -z | xargs -0 md5sum >DEBIAN/md5sums)
out=dist/vamos_${version}_${arch}.deb
dpkg-deb --root-owner-group -Zgzip -z6 --build "$root" "$work/made.deb" >/dev/null
mv "$work/made.deb" "$out"
say "The package is $out ($(du -h "$out" | cut -f1))"
[ "${1:-}" = --try ] || exit 0

command -v debootstrap >/dev/null || { say "debootstrap is needed to try it; install it, then run this again."; exit 2; }
bare=$work/bare
say "Making a bare root"
debootstrap --variant=minbase "$(. /etc/os-release && echo "$VERSION_CODENAME")" "$bare" >/dev/null
cp "$out" "$bare/tmp/vamos.deb"
cp /etc/resolv.conf "$bare/etc/resolv.conf"
mount -t proc proc "$bare/proc"
trap 'umount "$bare/proc"; rm -rf "$work"' EXIT
say "Installing it there, and doing the whole main job on the demo"
chroot "$bare" sh -c 'export DEBIAN_FRONTEND=noninteractive LC_ALL=C.UTF-8 HOME=/root
apt-get install -y -qq --no-install-recommends /tmp/vamos.deb >/dev/null 2>&1 || exit 3
vamos --version && QT_QPA_PLATFORM=offscreen vamos demo /root/demo --pack /root/pack'
say "It works in a bare root."
