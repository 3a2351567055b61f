#!/bin/sh
# The main path in a real window under Xvfb with real mouse and key events: open the demo, choose and nudge the hare,
# drag the duck, visit Order & masks, save through the file dialog; the saved plan must hold the changes and be proven.
# Then a change and a kill: the next start must still have it.
# usage: main_path_xvfb.sh HAVLO HAVLO_CLI
set -eu
if [ "${1:-}" != inside ]; then
  HAVLO_SCREEN=$(mktemp -d)
  export HAVLO_SCREEN
  exec xvfb-run -a -s "-screen 0 1280x800x24 -fbdir $HAVLO_SCREEN" "$0" inside "$@"
fi
havlo=$2
cli=$3
work=$(mktemp -d)
trap 'kill "$app" 2>/dev/null || true; rm -rf "$work" "$HAVLO_SCREEN"' EXIT
export XDG_DATA_HOME="$work/data" XDG_CONFIG_HOME="$work/config" XDG_RUNTIME_DIR="$work" QT_QPA_PLATFORM=xcb
export LSAN_OPTIONS="suppressions=$work/leaks"
echo 'leak:libdbus-1.so' > "$work/leaks"
# Titles of windows are looked for in English, whatever the system speaks.
mkdir -p "$work/config/havlo"
printf '[General]\nlanguage=en\nwalkFolded=false\n' > "$work/config/havlo/havlo.ini"

fail() { echo "FAILED: $*" >&2; exit 1; }
wait_for() {  # wait_for SECONDS COMMAND...
  n=$(($1 * 10)); shift
  while ! "$@" >/dev/null 2>&1; do
    n=$((n - 1)); [ $n -gt 0 ] || return 1
    sleep 0.1
  done
}
# Is something dark drawn at this pixel of the screen? The display keeps it in a file as xwd.
dark_at() { python3 - "$HAVLO_SCREEN/Xvfb_screen0" "$1" "$2" <<'PY'
import struct, sys
data = open(sys.argv[1], 'rb').read()
head = struct.unpack('>25I', data[:100])
at = head[0] + head[19] * 12 + int(sys.argv[3]) * head[12] + int(sys.argv[2]) * head[11] // 8
sys.exit(0 if sum(data[at:at + 3]) < 240 else 1)
PY
}
foot() { "$cli" runsheet "$1" --json | python3 -c "
import json,sys
print(*[round(v, 3) for s in json.load(sys.stdin)['steps'] if s['do'] == 'stamp' and s['impression'] == '$2' for v in (s['foot']['left'], s['foot']['bottom'])])"; }

"$havlo" --demo &
app=$!
wait_for 30 xdotool search --onlyvisible --name 'Kite over the long pound' || fail "no window"
window=$(xdotool search --onlyvisible --name 'Kite over the long pound' | head -n 1)
xdotool windowmove "$window" 0 0 windowsize "$window" 1280 800
sleep 2
xdotool windowfocus "$window"
xdotool mousemove 668 440 click 1
sleep 0.5
xdotool key Right Right Right
# A slow drag of the duck, 40 pixels to the left.
xdotool mousemove 828 450 mousedown 1
for x in 820 812 804 796 788; do xdotool mousemove $x 450; sleep 0.1; done
xdotool mouseup 1
xdotool key ctrl+4
sleep 3
xdotool key ctrl+3
sleep 0.5
xdotool key ctrl+s
wait_for 30 xdotool search --onlyvisible --name 'Save the plan' || fail "no dialog"
xdotool windowfocus "$(xdotool search --onlyvisible --name 'Save the plan' | head -n 1)"
sleep 0.5
xdotool key ctrl+a
xdotool type --delay 20 "$work/mine.havlo"
xdotool key Return
wait_for 30 test -s "$work/mine.havlo" || fail "nothing was saved"
demo=$(dirname "$0")/../../data/demo/canal-towpath.havlo
before_hare=$(foot "$demo" hare); after_hare=$(foot "$work/mine.havlo" hare)
before_duck=$(foot "$demo" duck); after_duck=$(foot "$work/mine.havlo" duck)
echo "hare $before_hare -> $after_hare, duck $before_duck -> $after_duck"
python3 - "$before_hare" "$after_hare" "$before_duck" "$after_duck" <<'PY' || fail "the changes are not in the file"
import sys
b, a, d, e = [[float(v) for v in s.split()] for s in sys.argv[1:]]
by = a[0] - b[0]  # millimetres or inches, as is usual where this runs
assert min(abs(by - 3), abs(by - 3 * 25.4 / 16)) < 1e-3 and a[1] == b[1], "three nudges"
assert -20 < e[0] - d[0] < -5 and abs(e[1] - d[1]) < 0.5, "the drag"
PY
"$cli" simulate "$work/mine.havlo" --json --dpi 100 | grep -q '"proven": true' || fail "not proven"

# A stamp from a sample scan: four acts from the drawer to the card, then saved again.
stamps() { "$cli" runsheet "$1" --json | python3 -c "
import json,sys
print(len({s['impression'] for s in json.load(sys.stdin)['steps'] if s['do'] == 'stamp'}))"; }
before=$(stamps "$work/mine.havlo")
xdotool windowfocus "$window"
xdotool key ctrl+shift+e
sleep 1.5
xdotool mousemove 1140 210 click 1  # Try a sample
wait_for 60 dark_at 460 440 || fail "the sample's heron is not shown"
sleep 1
[ -z "${SHOT:-}" ] || import -window root "$SHOT"
xdotool type --delay 20 'heron'
xdotool key Tab
xdotool type --delay 20 '90 cm'
xdotool mousemove 1105 733 click 1  # Into the drawer and onto the card
saved_with() { xdotool key ctrl+s; [ "$(stamps "$work/mine.havlo")" -eq "$1" ]; }
wait_for 30 saved_with $((before + 1)) || fail "the scanned stamp is not on the card: $before, then $(stamps "$work/mine.havlo")"
[ "$(sqlite3 "$(find "$work/data" -name drawer.sqlite)" 'select count(*) from stamp')" = 1 ] || fail "it is not in the drawer"

# At the table: begun and taken three steps on, by the space bar alone.
xdotool key ctrl+7
sleep 2
steps_done() { python3 -c "
import glob,json,sys
print([json.load(open(f))['at'] for f in glob.glob(sys.argv[1] + '/havlo/makings/*.havlo-making')])" "$work/data"; }
at_step() { [ "$(steps_done)" = "[$1]" ]; }
for k in 0 1 2 3; do
  xdotool key space
  wait_for 15 at_step "$k" || fail "$k steps should be done at the table: $(steps_done)"
done

# One more nudge, then the end without warning.
xdotool key ctrl+3
sleep 0.5
xdotool windowfocus "$window"
xdotool mousemove 668 440 click 1
sleep 0.3
xdotool key Up
sleep 1
kill -9 "$app"
wait "$app" 2>/dev/null || true
rescued=$(find "$work/data" -path '*rescue*' -name '*.havlo' | head -n 1)
[ -n "$rescued" ] || fail "nothing was kept"
feet() { "$cli" runsheet "$1" --json | python3 -c "
import json,sys
print([(s['impression'], s['foot']) for s in json.load(sys.stdin)['steps'] if s['do'] == 'stamp'])"; }
[ "$(feet "$rescued")" != "$(feet "$work/mine.havlo")" ] || fail "the last act is lost"
"$havlo" &
app=$!
wait_for 30 xdotool search --onlyvisible --name 'Havlo' || fail "no window after the kill"
sleep 1
kill -0 "$app" || fail "the second start ended"
[ "$(steps_done)" = '[3]' ] || fail "the card at the table is lost"
echo "PASSED"
