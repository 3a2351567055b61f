#!/bin/sh
# An older Havlo's work taken over by this one: the older version is built from its revision, a maker works in its window as its
# own main path does (a plan saved, a stamp scanned into the drawer, three steps done at the table, a nudge, killed), writes a
# card into its log, and this version starts on what is there. Nothing may be lost; and the older one, should somebody go back,
# must not harm what it does not understand.
# usage: tools/trials/upgrade.sh REVISION HAVLO HAVLO_CLI [FOLDER]    default: build-upgrade in the checkout
set -eu
root=$(cd "$(dirname "$0")/../.." && pwd)
revision=$1
new=$(realpath "$2")
newcli=$(realpath "$3")
work=${4:-$root/build-upgrade}
say() { echo "== $*"; }
fail() { echo "FAILED: $*" >&2; exit 1; }
mkdir -p "$work"
work=$(cd "$work" && pwd)
old=$work/old
[ -d "$old" ] || git -C "$root" worktree add -q --detach "$old" "$revision"
trap 'git -C "$root" worktree prune' EXIT

say "building $(git -C "$old" log -1 --format='%h of %ad' --date=short)"
cmake -S "$old" -B "$old/build" -G Ninja -DCMAKE_BUILD_TYPE=Release -DHAVLO_QUICK=ON > "$work/build.log" 2>&1 || { tail -n 20 "$work/build.log"; exit 1; }
cmake --build "$old/build" --target havlo havlo-cli >> "$work/build.log" 2>&1 || { tail -n 20 "$work/build.log"; exit 1; }
oldcli=$old/build/src/cli/havlo-cli

say "a maker's hour with it, then this version on the same files"
# Its own main path, up to the kill; what starts after that is this version. Nothing of it is thrown away at the end.
rm -rf "$work/maker"; mkdir -p "$work/maker"
sed -e 's#; rm -rf "$work"##' -e 's#^"$havlo" &$#"$HAVLO_THEN" \&#' "$old/tests/app/main_path_xvfb.sh" > "$old/tests/app/then.sh"
chmod +x "$old/tests/app/then.sh"
grep -q HAVLO_THEN "$old/tests/app/then.sh" || fail "that revision's main path has no second start"
TMPDIR=$work/maker HAVLO_THEN=$new "$old/tests/app/then.sh" "$old/build/src/app/havlo" "$oldcli" || fail "this version on the older one's files"
home=$(dirname "$(find "$work/maker" -name mine.havlo)")
data=$(dirname "$(find "$home" -name drawer.sqlite | head -n 1)")

say "what it kept"
version() { sqlite3 "$1" 'pragma user_version'; }
stamps() { sqlite3 "$1" 'select count(*) from stamp'; }
feet() { "$1" runsheet "$2" --json | python3 -c "
import json, sys
print(sorted((s['impression'], s['foot']['left'], s['foot']['bottom']) for s in json.load(sys.stdin)['steps'] if s['do'] == 'stamp'))"; }
[ "$(feet "$oldcli" "$home/mine.havlo")" = "$(feet "$newcli" "$home/mine.havlo")" ] || fail "the plan is read otherwise"
proven() { "$1" simulate "$home/mine.havlo" --json --dpi 100 | grep '"proven"'; }
[ "$(proven "$oldcli")" = "$(proven "$newcli")" ] || fail "one proves the plan and the other does not"
[ "$(stamps "$data/drawer.sqlite")" = 1 ] || fail "the stamp is gone from the drawer"
[ "$(sqlite3 "$data/drawer.sqlite" 'pragma integrity_check')" = ok ] || fail "the drawer is damaged"
echo "drawer: version $(version "$data/drawer.sqlite"), $(stamps "$data/drawer.sqlite") stamp; plan: $(feet "$newcli" "$home/mine.havlo" | tr '(' '\n' | grep -c "'") feet alike"

say "its log"
python3 > "$work/cards.jsonl" << 'PY'
import json
for n in range(6):  # six cards, each with its pace, an ink that dried and prints that lay a little off
    print(json.dumps({'id': f'card-{n}', 'title': f'Evening {n}', 'hands': '', 'begun': 1e9 + n * 1e5, 'ended': 1e9 + n * 1e5 + 5e3,
        'planned': 60, 'spent': 66 + n, 'copies': 1, 'steps': [{'do': 'stamp', 'impression': 'hare', 'stamp': 'hare', 'planned': 2, 'spent': 2.4 + n / 10, 'usual': 2}],
        'dried': [{'ink': 'soot', 'waited': 200 + n, 'said': 180, 'smudged': False}],
        'prints': [{'impression': 'hare', 'stamp': 'hare', 'ink': 'soot', 'state': 'off', 'size': 40, 'by': [0.2, -0.1 * n], 'turn': 0.3, 'bySd': 0.02, 'turnSd': 0.05, 'pressing': 1, 'strength': 0.8, 'said': 1}]}))
PY
rm -rf "$work/log"
"$oldcli" log --log "$work/log" --hands '*' --merge "$work/cards.jsonl" --json > "$work/log-old.json" 2> /dev/null || fail "the older log"
"$newcli" log --log "$work/log" --hands '*' --json > "$work/log-new.json" || fail "the older log is not read"
python3 - "$work/log-old.json" "$work/log-new.json" << 'PY' || fail "the log is read otherwise"
import json, sys
a, b = (json.load(open(f)) for f in sys.argv[1:])
cards = lambda log: [[c[k] for k in ('id', 'title', 'ended', 'planned', 'spent', 'mishaps')] for c in log['cards']]
assert len(a['cards']) == 6 and cards(a) == cards(b), (cards(a), cards(b))
for x, y in zip(a['learnt']['traits'], b['learnt']['traits']):  # what is learnt may be reckoned better, not otherwise
    assert x['trait'] == y['trait'] and x['cards'] == y['cards'] and abs(x['value'] - y['value']) <= 0.01 * abs(x['value']), (x, y)
print(len(b['cards']), 'cards and', sum(t['cards'] > 0 for t in b['learnt']['traits']), 'things learnt from them alike')
PY

say "back to the older one"
# A look into the drawer with the older window: what it does not know it leaves as it is.
before=$(sqlite3 "$data/drawer.sqlite" .dump | sha256sum)
cat > "$work/back.sh" <<'B'
"$1" &
app=$!
n=300
until xdotool search --onlyvisible --name Havlo > /dev/null 2>&1; do
  n=$((n - 1)); [ $n -gt 0 ] || exit 1
  sleep 0.1
done
sleep 2
xdotool key Escape
sleep 0.5
xdotool key ctrl+2
sleep 3
kill -0 $app || exit 1
kill $app
wait $app 2> /dev/null || true
B
XDG_DATA_HOME=$home/data XDG_CONFIG_HOME=$home/config XDG_RUNTIME_DIR=$home QT_QPA_PLATFORM=xcb \
  xvfb-run -a -s '-screen 0 1280x800x24' sh "$work/back.sh" "$old/build/src/app/havlo" || fail "the older window ended on the newer files"
[ "$(sqlite3 "$data/drawer.sqlite" .dump | sha256sum)" = "$before" ] || fail "the older window changed the newer drawer"
echo PASSED
