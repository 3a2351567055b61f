#!/bin/sh
# The package as a stranger gets it: built from this checkout, twice for being the same; through lintian; into a clean Debian
# root made by debootstrap: installed, its window started under Xvfb, a plan opened by its file type, a sheet printed to PDF,
# upgraded over, removed; the maker's data stay. Needs root or sudo, the network of Debian's archive, about 1.5 GB and 20 min.
# usage: tools/trials/package.sh [FOLDER]    default: build-package in the checkout
set -eu
root=$(cd "$(dirname "$0")/../.." && pwd)
work=${1:-$root/build-package}
"$root/packaging/install-packages" build display package
say() { echo "== $*"; }
fail() { echo "FAILED: $*" >&2; exit 1; }
SOURCE_DATE_EPOCH=$(date -d "$(cat "$root/packaging/release.txt")" +%s)
export SOURCE_DATE_EPOCH

say "building"
cmake -S "$root" -B "$work/build" -G Ninja -DCMAKE_BUILD_TYPE=Release -DCMAKE_INSTALL_PREFIX=/usr > "$work.log" 2>&1 || { tail -n 20 "$work.log"; exit 1; }
cmake --build "$work/build" >> "$work.log" 2>&1 || { tail -n 20 "$work.log"; exit 1; }
for n in 1 2; do
  rm -rf "$work/deb$n"; mkdir -p "$work/deb$n"
  (cd "$work/deb$n" && cpack --config "$work/build/CPackConfig.cmake" -B "$work/deb$n/out" >> "$work.log" 2>&1) || { tail -n 20 "$work.log"; exit 1; }
done
deb=$(ls "$work"/deb1/out/*.deb)
cmp "$deb" "$work"/deb2/out/*.deb || fail "two packages of the same build differ"
say "$(basename "$deb"), $(stat -c %s "$deb") bytes, made twice alike"

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
$as_root cp "$deb" "$clean/havlo.deb"
$as_root cp "$root/data/demo/canal-towpath.havlo" "$clean/mine.havlo"
cat > "$work/inside.sh" <<'IN'
set -eu
export DEBIAN_FRONTEND=noninteractive HOME=/home/maker LC_ALL=C.UTF-8
fail() { echo "FAILED: $*" >&2; exit 1; }
apt-get update -q > /dev/null
# What every desktop has: it keeps the list of which program opens what.
apt-get install -y -q --no-install-recommends desktop-file-utils > /dev/null
apt-get install -y -q --no-install-recommends /havlo.deb > /install.log 2>&1 || { tail -n 20 /install.log; fail "it does not install"; }
echo "installed with $(grep -c '^Setting up' /install.log) packages"
apt-get install -y -q --no-install-recommends xvfb xauth xdotool file poppler-utils libglib2.0-bin man-db > /more.log 2>&1 || { tail /more.log; fail "helpers"; }
mkdir -p "$HOME"
havlo --version; havlo-cli --version
havlo-cli check /mine.havlo | head -n 1
havlo-cli template /mine.havlo --pdf /sheet.pdf
pdftotext /sheet.pdf - | grep -qi 'hare' || fail "the printed sheet does not name the hare"
man -l /usr/share/man/man1/havlo-cli.1.gz > /dev/null 2> /man.log; [ ! -s /man.log ] || { cat /man.log; fail "the manual page"; }
gio info -a standard::content-type /mine.havlo | grep -q 'application/x-havlo-plan$' || fail "the type of a plan: $(gio info -a standard::content-type /mine.havlo)"
gio mime application/x-havlo-plan | grep -q 'havlo.desktop' || fail "what opens a plan: $(gio mime application/x-havlo-plan)"
sed -n 's/^Exec=//p' /usr/share/thumbnailers/havlo.thumbnailer | sed 's#%s#96#; s#%i#/mine.havlo#; s#%o#/thumb.png#' | sh
file /thumb.png | grep -q 'PNG image data, 96' || fail "the picture of a plan"
cat > /window.sh <<'W'
gio open /mine.havlo &
n=300
until xdotool search --onlyvisible --name 'Kite over the long pound' > /dev/null 2>&1; do
  n=$((n - 1)); [ $n -gt 0 ] || exit 1
  sleep 0.1
done
sleep 2
window=$(xdotool search --onlyvisible --name 'Kite over the long pound' | head -n 1)
xdotool windowfocus "$window"
xdotool key Tab key ctrl+4
sleep 2
xdotool key ctrl+q
sleep 2
W
xvfb-run -a -s '-screen 0 1280x800x24' sh /window.sh || fail "a plan opened by its type shows no window"
echo "a plan was opened by its type"
data=$(find "$HOME" -type f | sort)
[ -n "$data" ] || fail "nothing was kept"
apt-get install -y -q --reinstall --no-install-recommends /havlo.deb > /upgrade.log 2>&1 || fail "it does not install over itself"
apt-get remove -y -q havlo > /remove.log 2>&1 || fail "it does not go"
apt-get purge -y -q havlo > /dev/null 2>&1 || true
[ "$data" = "$(find "$HOME" -type f | sort)" ] || fail "the maker's data went with it"
left=$(find / -xdev -path /proc -prune -o -path /home -prune -o -name '*havlo*' -print 2>/dev/null | grep -v -e '^/havlo.deb' -e '^/mine.havlo' -e '^/var/cache' -e '^/var/lib/dpkg' -e '^/var/lib/apt' -e '^/var/log' || true)
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
