#!/bin/sh
# Plans with a few bytes other through every verb of the command line: each ends with 0, 2 or 3 and within its patience.
#   mutated_plans.sh [PLANS] [FOLDER]
set -eu
root=$(cd "$(dirname "$0")/../.." && pwd)
cmake --preset ci -S "$root" > /dev/null
cmake --build "$root/build-ci" --target havlo-cli > /dev/null
exec python3 "$root/tools/trials/mutated_plans.py" "$root" "${1:-500}" "${2:-$(mktemp -d)}"
