#!/bin/sh
# A window at work in every place is killed at random moments; then everything is opened as the next start would:
#   kills.sh [TIMES] [FOLDER]
# Then two windows work on one plan, one drawer and one log for a minute. Short form: the tests trials/kills and trials/pair.
set -eu
root=$(cd "$(dirname "$0")/../.." && pwd)
times=${1:-500}
folder=${2:-$(mktemp -d)}
cmake --preset ci -S "$root" > /dev/null
cmake --build "$root/build-ci" --target window-trials > /dev/null
"$root/build-ci/tools/trials/window-trials" kills "$times" "$folder/kills"
"$root/build-ci/tools/trials/window-trials" pair 60 "$folder/pair"
