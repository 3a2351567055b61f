#!/bin/sh
# Keys and clicks at random in every place, with address and undefined behaviour watched:
#   monkey.sh [SECONDS_A_PLACE] [FOLDER]
# An act that takes 20 s ends it by a signal. Short form: randomActsDoNotEndTheWindow in the test app/shell/trust.
set -eu
root=$(cd "$(dirname "$0")/../.." && pwd)
seconds=${1:-3600}
folder=${2:-$(mktemp -d)}
cmake --preset sanitize -S "$root" > /dev/null
cmake --build "$root/build-sanitize" --target window-trials
for place in card scene order ink colour make drawer log arrange practice; do
  ASAN_OPTIONS=detect_leaks=0:handle_abort=1 "$root/build-sanitize/tools/trials/window-trials" monkey "$place" "$seconds" "$folder/$place" 2> "$folder.log"
done
