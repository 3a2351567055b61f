#!/bin/sh
# Builds the fuzzer with clang and runs it for some seconds: run.sh SECONDS FOLDER [whole]
# In CI short, and of the plan reader alone; by hand as long as wanted, and with `whole` what is read is analysed too:
# tests/fuzz/run.sh 3600 /tmp/fuzz whole
set -eu
seconds=${1:-20}
folder=${2:-/tmp/havlo-fuzz}
rooms='set(HAVLO_CORE_ONLY "base|units|outline|colour|plan")'
[ "${3:-}" = whole ] && rooms='set(HAVLO_CORE_WITHOUT "trace|cutting|drawer|practice|making|schools|risk|arrange|palette|card|guides")
add_compile_definitions(HAVLO_FUZZ_WHOLE)'
root=$(cd "$(dirname "$0")/../.." && pwd)
clang=$(command -v clang++-14 || command -v clang++) || { echo "clang is not installed"; exit 1; }
mkdir -p "$folder/corpus" "$folder/build"
cat > "$folder/build/CMakeLists.txt" <<CMAKE
cmake_minimum_required(VERSION 3.25)
project(fuzz CXX)
set(CMAKE_CXX_STANDARD 20)
add_compile_options(-fsanitize=fuzzer-no-link,address,undefined -fno-sanitize-recover=undefined -g1 -O1)
add_link_options(-fsanitize=address,undefined)
include($root/cmake/Libraries.cmake)
include($root/cmake/Rooms.cmake)
set(CMAKE_UNITY_BUILD ON)
$rooms
add_library(havlo-settings INTERFACE)
add_subdirectory($root/src/core core)
target_include_directories(havlo-core PUBLIC $root/src)
add_executable(fuzz_plan_reader $root/tests/fuzz/fuzz_plan_reader.cpp)
target_link_options(fuzz_plan_reader PRIVATE -fsanitize=fuzzer)
target_link_libraries(fuzz_plan_reader PRIVATE havlo-core)
CMAKE
launcher=
command -v ccache >/dev/null && launcher=-DCMAKE_CXX_COMPILER_LAUNCHER=ccache
cmake -S "$folder/build" -B "$folder/out" -G Ninja -DCMAKE_BUILD_TYPE=None -DCMAKE_CXX_COMPILER="$clang" $launcher > "$folder/configure.log"
cmake --build "$folder/out" --target fuzz_plan_reader > "$folder/build.log" || { tail -n 30 "$folder/build.log"; exit 1; }
cp -n "$root"/tests/fuzz/seeds/*.havlo "$folder/corpus/" 2>/dev/null || true
"$folder/out/fuzz_plan_reader" -max_total_time="$seconds" -max_len=6000 -timeout=20 -rss_limit_mb=3000 \
  -dict="$root/tests/fuzz/plan.dict" -artifact_prefix="$folder/" "$folder/corpus" 2> "$folder/fuzz.log" || { tail -n 40 "$folder/fuzz.log"; exit 1; }
tail -n 2 "$folder/fuzz.log"
