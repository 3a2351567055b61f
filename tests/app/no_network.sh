#!/bin/sh
# Nothing on the network: the window under Xvfb, through every place by its keys, a lesson, the handbook, a print to PDF and the
# command line, watched at the C library. Any socket but the display's own fails; so does a file that is left among the
# temporary ones or that others may write.
# usage: no_network.sh HAVLO HAVLO_CLI WATCH.so
set -eu
if [ "${1:-}" != inside ]; then
  exec xvfb-run -a -s '-screen 0 1280x800x24' "$0" inside "$@"
fi
havlo=$2
cli=$3
watch=$4
demo=$(dirname "$0")/../../data/demo/canal-towpath.havlo
work=$(mktemp -d)
app=
trap '[ -z "$app" ] || kill "$app" 2>/dev/null || true; rm -rf "$work"' EXIT
mkdir -p "$work/tmp" "$work/config/havlo"
export XDG_DATA_HOME="$work/data" XDG_CONFIG_HOME="$work/config" XDG_RUNTIME_DIR="$work" QT_QPA_PLATFORM=xcb TMPDIR="$work/tmp"
export HAVLO_SOCKETS="$work/sockets"
printf '[General]\nlanguage=en\n' > "$work/config/havlo/havlo.ini"
umask 022
fail() { echo "FAILED: $*" >&2; cat "$work/sockets" >&2; exit 1; }

# The watcher sees what it is there for.
LD_PRELOAD=$watch python3 -c "
import socket
try: socket.create_connection(('127.0.0.1', 9), 1)
except OSError: pass"
grep -q '^connect net' "$work/sockets" || fail "the watcher is blind"
: > "$work/sockets"

LD_PRELOAD=$watch "$havlo" --demo &
app=$!
n=300
until xdotool search --onlyvisible --name 'Kite over the long pound' > /dev/null 2>&1; do
  n=$((n - 1)); [ $n -gt 0 ] || fail "no window"
  sleep 0.1
done
window=$(xdotool search --onlyvisible --name 'Kite over the long pound' | head -n 1)
xdotool windowmove "$window" 0 0 windowsize "$window" 1280 800
sleep 2
xdotool windowfocus "$window"
for place in 1 2 3 4 5 6 7 8; do
  xdotool key "ctrl+$place"
  sleep 1
done
xdotool key F1
sleep 1
xdotool key Escape
xdotool windowfocus "$window"
xdotool key ctrl+q
n=100
while kill -0 "$app" 2>/dev/null; do
  n=$((n - 1)); [ $n -gt 0 ] || fail "it does not leave"
  sleep 0.1
done
app=
LD_PRELOAD=$watch "$cli" template "$demo" --pdf "$work/sheet.pdf" || fail "no sheet"
LD_PRELOAD=$watch "$cli" check "$demo" > /dev/null || fail "no check"

[ -s "$work/sockets" ] || fail "not even the display was seen"
if grep -v -e '^socket local$' -e '^connect local .*X11-unix/X[0-9]*$' "$work/sockets"; then fail "a socket that is not the display's"; fi
echo "sockets: $(sort "$work/sockets" | uniq -c | tr '\n' ';')"
left=$(find "$work/tmp" -type f | head -n 5)
[ -z "$left" ] || fail "left behind: $left"
open=$(find "$work/data" "$work/config" -perm /022 | head -n 5)
[ -z "$open" ] || fail "others may write: $open"
