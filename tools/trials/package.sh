#!/bin/sh
# The package as a stranger gets it: built from this checkout, twice for being the same; through lintian; into a clean Debian
# root made by debootstrap: installed, its window started under Xvfb, a plan opened by its file type, a sheet printed to PDF,
# removed; the maker's data stay. With the revision of an older version that one is packed as well, installed first from an
# archive of packages, worked with, and upgraded by apt. Needs root or sudo, the network of Debian's archive, about 2 GB and
# 20 min (30 with an older version).
# usage: tools/trials/package.sh [FOLDER [REVISION]]    default: build-package in the checkout
set -eu
root=$(cd "$(dirname "$0")/../.." && pwd)
work=${1:-$root/build-package}
revision=${2:-}
mkdir -p "$work"
work=$(cd "$work" && pwd)
"$root/packaging/install-packages" build display package
say() { echo "== $*"; }
fail() { echo "FAILED: $*" >&2; exit 1; }

# build SOURCE FOLDER: compiled as a package is.
build() {
  cmake -S "$1" -B "$2" -G Ninja -DCMAKE_BUILD_TYPE=Release -DCMAKE_INSTALL_PREFIX=/usr > "$work.log" 2>&1 || { tail -n 20 "$work.log"; exit 1; }
  cmake --build "$2" >> "$work.log" 2>&1 || { tail -n 20 "$work.log"; exit 1; }
}
# pack SOURCE FOLDER OUT: the package of it, OUT/*.deb.
pack() {
  rm -rf "$3"; mkdir -p "$3"
  SOURCE_DATE_EPOCH=$(date -d "$(cat "$1/packaging/release.txt")" +%s)
  export SOURCE_DATE_EPOCH
  (cd "$3" && cpack --config "$2/CPackConfig.cmake" -B "$3/out" >> "$work.log" 2>&1) || { tail -n 20 "$work.log"; exit 1; }
  mv "$3"/out/*.deb "$3/"
}
version() { dpkg-deb -f "$1" Version; }

say "building"
build "$root" "$work/build"
pack "$root" "$work/build" "$work/deb1"
pack "$root" "$work/build" "$work/deb2"
deb=$(ls "$work"/deb1/*.deb)
cmp "$deb" "$work"/deb2/*.deb || fail "two packages of the same build differ"
say "$(basename "$deb"), $(stat -c %s "$deb") bytes, made twice alike"
old=
if [ -n "$revision" ]; then
  [ -d "$work/older" ] || git -C "$root" worktree add -q --detach "$work/older" "$revision"
  say "building $(git -C "$work/older" log -1 --format='%h of %ad' --date=short)"
  build "$work/older" "$work/older-build"
  pack "$work/older" "$work/older-build" "$work/deb0"
  old=$(ls "$work"/deb0/*.deb)
  dpkg --compare-versions "$(version "$old")" lt "$(version "$deb")" || fail "version $(version "$old") is not older than $(version "$deb")"
fi

say "lintian"
lintian --fail-on error,warning --info "$deb" || fail "lintian"

say "a clean root"
clean=$work/root
as_root=; [ "$(id -u)" = 0 ] || as_root=sudo
$as_root rm -rf "$clean"
mirror=$(awk '$1 == "deb" { print $2; exit } /^URIs:/ { print $2; exit }' /etc/apt/sources.list /etc/apt/sources.list.d/* 2>/dev/null | head -n 1)
$as_root debootstrap --variant=minbase bookworm "$clean" "$mirror" >> "$work.log" 2>&1 || { tail -n 20 "$work.log"; exit 1; }
# Where packages come from here, and by what, is so there as well.
$as_root cp -a /etc/apt/sources.list* /etc/apt/apt.conf.d /etc/apt/trusted.gpg.d "$clean/etc/apt/" 2>/dev/null || true
[ ! -e "$clean/etc/apt/sources.list.d/debian.sources" ] || $as_root truncate -s 0 "$clean/etc/apt/sources.list"
$as_root cp /etc/resolv.conf "$clean/etc/resolv.conf" 2>/dev/null || true
$as_root mkdir -p "$clean/archive" "$clean/next"
$as_root cp "${old:-$deb}" "$clean/archive/"
$as_root cp "$deb" "$clean/next/"
# A card that a maker finished, for the log.
$as_root sh -c "cat > '$clean/card.jsonl'" << 'JSON'
{"id": "evening", "title": "Evening at the lock", "hands": "", "begun": 1e9, "ended": 1.000005e9, "planned": 60, "spent": 66, "copies": 1, "steps": [{"do": "stamp", "impression": "hare", "stamp": "hare", "planned": 2, "spent": 2.5, "usual": 2}]}
JSON
$as_root cp "$root/data/demo/canal-towpath.havlo" "$clean/mine.havlo"
cat > "$work/inside.sh" <<'IN'
set -eu
export DEBIAN_FRONTEND=noninteractive HOME=/home/maker LC_ALL=C.UTF-8 XDG_RUNTIME_DIR=/run/maker
mkdir -p -m 700 "$XDG_RUNTIME_DIR"
fail() { echo "FAILED: $*" >&2; exit 1; }
# An archive of packages, as a maker's own computer asks one.
archive() {
  for deb in /archive/*.deb; do
    dpkg-deb -f "$deb" | sed '/^$/d'
    echo "Filename: ./$(basename "$deb")"
    echo "Size: $(stat -c %s "$deb")"
    echo "SHA256: $(sha256sum "$deb" | cut -d ' ' -f 1)"
    echo
  done > /archive/Packages
  apt-get update -q > /dev/null
}
version() { dpkg-query -W -f='${Version}' havlo; }
echo 'deb [trusted=yes] file:/archive ./' > /etc/apt/sources.list.d/havlo.list
archive
# What every desktop has: it keeps the list of which program opens what.
apt-get install -y -q --no-install-recommends desktop-file-utils > /dev/null
apt-get install -y -q --no-install-recommends havlo > /install.log 2>&1 || { tail -n 20 /install.log; fail "it does not install"; }
echo "installed with $(grep -c '^Setting up' /install.log) packages"
apt-get install -y -q --no-install-recommends xvfb xauth xdotool file poppler-utils libglib2.0-bin man-db > /more.log 2>&1 || { tail /more.log; fail "helpers"; }
mkdir -p "$HOME"
# What works with a package; said again after an upgrade.
works() {
  [ "$(havlo --version)" = "Havlo $(version)" ] || [ "$(havlo --version)" = "havlo $(version)" ] || fail "it says it is $(havlo --version)"
  havlo-cli check /mine.havlo > /check.txt || [ $? = 2 ] || fail "a plan cannot be checked"
  havlo-cli template /mine.havlo --pdf /sheet.pdf
  pdftotext /sheet.pdf - | grep -qi 'hare' || fail "the printed sheet does not name the hare"
  man -l /usr/share/man/man1/havlo-cli.1.gz > /dev/null 2> /man.log; [ ! -s /man.log ] || { cat /man.log; fail "the manual page"; }
  gio info -a standard::content-type /mine.havlo | grep -q 'application/x-havlo-plan$' || fail "the type of a plan: $(gio info -a standard::content-type /mine.havlo)"
  gio mime application/x-havlo-plan | grep -q 'havlo.desktop' || fail "what opens a plan: $(gio mime application/x-havlo-plan)"
  sed -n 's/^Exec=//p' /usr/share/thumbnailers/havlo.thumbnailer | sed 's#%s#96#; s#%i#/mine.havlo#; s#%o#/thumb.png#' | sh
  file /thumb.png | grep -q 'PNG image data, 96' || fail "the picture of a plan"
  xvfb-run -a -s '-screen 0 1280x800x24' sh /window.sh || fail "a plan opened by its type shows no window"
  echo "$(version): a plan was opened by its type, moved a little and saved"
}
cat > /window.sh <<'W'
gio open /mine.havlo &
n=300
until xdotool search --onlyvisible --name 'Kite over the long pound' > /dev/null 2>&1; do
  n=$((n - 1)); [ $n -gt 0 ] || exit 1
  sleep 0.1
done
sleep 2
window=$(xdotool search --onlyvisible --name 'Kite over the long pound' | head -n 1)
before=$(sha256sum < /mine.havlo)
xdotool windowfocus "$window"
xdotool key ctrl+3
sleep 1
xdotool mousemove 640 400 click 1 key Page_Down key Right key ctrl+s
sleep 2
[ "$before" != "$(sha256sum < /mine.havlo)" ] || { echo "nothing was saved"; exit 1; }
xdotool key ctrl+4
sleep 2
xdotool key ctrl+q
sleep 2
W
works
havlo-cli log --merge /card.jsonl > /dev/null || fail "a card does not go into the log"
logged() { havlo-cli log --json | grep -c '"Evening at the lock"'; }
[ "$(logged)" -ge 1 ] || fail "the card is not in the log"
plan=$(sha256sum < /mine.havlo)
data=$(find "$HOME" -type f | sort)
[ -n "$data" ] || fail "nothing was kept"
sums() { find "$HOME" -type f -name '*.sqlite' -o -type f -path '*log*' | sort | xargs -d '\n' sha256sum; }
kept=$(sums)
was=$(version)
files() { dpkg -L havlo | sort; }
files > /files.was
cp /next/*.deb /archive/
if [ "$(ls /archive/*.deb | wc -l)" = 2 ]; then
  archive
  apt-get upgrade -y -q --no-install-recommends > /upgrade.log 2>&1 || { tail /upgrade.log; fail "it does not upgrade"; }
  [ "$was" != "$(version)" ] || { tail /upgrade.log; fail "apt found nothing newer than $was"; }
else
  apt-get install -y -q --reinstall --no-install-recommends havlo > /upgrade.log 2>&1 || { tail /upgrade.log; fail "it does not install over itself"; }
fi
[ "$plan" = "$(sha256sum < /mine.havlo)" ] && [ "$data" = "$(find "$HOME" -type f | sort)" ] && [ "$kept" = "$(sums)" ] || fail "upgrading touched the maker's data"
files > /files.is
comm -23 /files.was /files.is | while read -r gone; do [ ! -e "$gone" ] || [ -d "$gone" ] || fail "left behind by $was: $gone"; done
[ "$(logged)" -ge 1 ] || fail "the card is no longer in the log"
works
[ "$(logged)" -ge 1 ] || fail "the card is no longer in the log"
echo "$was to $(version): the maker's $(echo "$data" | wc -l) files are as they were, and are gone on with"
data=$(find "$HOME" -type f | sort)
apt-get remove -y -q havlo > /remove.log 2>&1 || fail "it does not go"
apt-get purge -y -q havlo > /dev/null 2>&1 || true
[ "$data" = "$(find "$HOME" -type f | sort)" ] || fail "the maker's data went with it"
left=$(find / -xdev -path /proc -prune -o -path /home -prune -o -name '*havlo*' -print 2>/dev/null | grep -v -e '^/archive' -e '^/next' -e '^/etc/apt' -e '^/mine.havlo' -e '^/var/cache' -e '^/var/lib/dpkg' -e '^/var/lib/apt' -e '^/var/log' || true)
[ -z "$left" ] || fail "left behind: $left"
echo "removed; the maker's $(echo "$data" | wc -l) files are still there"
IN
$as_root cp "$work/inside.sh" "$clean/inside.sh"
$as_root mount --bind /proc "$clean/proc" 2>/dev/null && mounted=yes || mounted=no
result=0
$as_root chroot "$clean" sh /inside.sh || result=1
[ $mounted = no ] || $as_root umount "$clean/proc"
[ $result = 0 ] || fail "in the clean root"
say "all well"
