#!/usr/bin/env bash
# Installs Numerus for this user alone, or takes it away: ./run install, ./run uninstall. Books are never touched.
set -euo pipefail
here="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)"
data="${XDG_DATA_HOME:-$HOME/.local/share}"
home="$data/numerus"
app="$home/app"
launcher="${NUMERUS_BIN:-$HOME/.local/bin}/numerus"
work=""
sizes="16 22 24 32 48 64 128 256 512"

say() { printf 'numerus: %s\n' "$*" >&2; }
fail() { say "$*"; exit 1; }

find_python() {
  for name in python3.13 python3.12 python3.11 python3; do
    command -v "$name" >/dev/null 2>&1 || continue
    "$name" -c 'import sys; sys.exit(sys.version_info < (3, 11))' 2>/dev/null && { echo "$name"; return; }
  done
  return 1
}

files() {  # what is installed besides the environment, one a line
  echo "$launcher"
  echo "$data/applications/numerus.desktop"
  echo "$data/mime/packages/numerus.xml"
  echo "$data/metainfo/invalid.sedgehythe.numerus.metainfo.xml"
  echo "$data/man/man1/numerus.1"
  echo "$data/icons/hicolor/scalable/apps/numerus.svg"
  for size in $sizes; do echo "$data/icons/hicolor/${size}x${size}/apps/numerus.png"; done
}

tell_the_desktop() {  # each is there on most desktops, and none is needed
  command -v update-mime-database >/dev/null 2>&1 && update-mime-database "$data/mime" >/dev/null 2>&1 || true
  command -v update-desktop-database >/dev/null 2>&1 && update-desktop-database "$data/applications" >/dev/null 2>&1 || true
  command -v gtk-update-icon-cache >/dev/null 2>&1 && gtk-update-icon-cache -q -t -f "$data/icons/hicolor" >/dev/null 2>&1 || true
}

copy_source() {  # what the wheel is built of, to a folder: the source tree may be one nobody can write to, its copy may not
  mkdir -p "$1"
  cp -r --no-preserve=mode "$here/src" "$here/pyproject.toml" "$1/"
  cp -r --no-preserve=mode "$here/docs/handbook" "$here/docs/screenshots" "$1/src/numerus/"
  find "$1" -name __pycache__ -prune -exec rm -rf {} +
}

build_environment() {  # beside the old one, which stays until the new one is whole
  local new="$app.new" base
  base="$(find_python)" || fail "Python 3.11 or newer is needed."
  rm -rf "$new"; work="$(mktemp -d)"
  trap 'rm -rf "$work" "$app.new"' EXIT
  mkdir -p "$home"
  "$base" -m venv "$new" || fail "an environment could not be made; the package python3-venv may be missing."
  say "installing pinned packages (once; about a minute)"
  "$new/bin/python" -m pip install -qqq --disable-pip-version-check --requirement "$here/requirements.lock" \
    || fail "the packages could not be installed. Is the network there? What was installed before is as it was."
  copy_source "$work/tree"
  "$new/bin/python" -m pip install -qqq --disable-pip-version-check --no-deps "$work/tree" || fail "the wheel could not be built."
  rm -rf "$app.old"; [ -d "$app" ] && mv "$app" "$app.old"
  mv "$new" "$app"; rm -rf "$app.old"
}

write_files() {
  mkdir -p "$(dirname "$launcher")"
  cat > "$launcher" <<L
#!/bin/sh
if [ "\${1:-}" = cli ]; then shift; exec "$app/bin/python" -m numerus.cli "\$@"; fi
exec "$app/bin/python" -m numerus.desk "\$@"
L
  chmod 755 "$launcher"
  local pair from to
  for pair in numerus-mime.xml:mime/packages/numerus.xml numerus.metainfo.xml:metainfo/invalid.sedgehythe.numerus.metainfo.xml numerus.1:man/man1/numerus.1; do
    from="${pair%%:*}"; to="$data/${pair#*:}"
    install -D -m 644 "$here/packaging/$from" "$to"
  done
  mkdir -p "$data/applications"
  sed "s|@LAUNCHER@|$launcher|g" "$here/packaging/numerus.desktop.in" > "$data/applications/numerus.desktop"
  install -D -m 644 "$here/src/numerus/desk/theme/icons/numerus.svg" "$data/icons/hicolor/scalable/apps/numerus.svg"
  QT_QPA_PLATFORM=offscreen "$app/bin/python" -m numerus.desk.system.icon_files "$data/icons/hicolor" $sizes
}

case "${1:-}" in
  install)
    build_environment; write_files; tell_the_desktop
    say "installed: numerus in the menu, and $launcher"
    case ":$PATH:" in *":$(dirname "$launcher"):"*) ;; *) say "$(dirname "$launcher") is not on the PATH yet; a new login may add it." ;; esac ;;
  uninstall)
    files | while read -r path; do rm -f "$path"; done
    rm -rf "$app" "$app.old" "$app.new"; rmdir "$home" 2>/dev/null || true
    tell_the_desktop
    say "taken away. Books and settings are where they were." ;;
  files) files ;;
  copy) copy_source "$2" ;;
  *) fail "usage: install.sh install | uninstall | files" ;;
esac
