#!/bin/sh
# Builds all readers with clang, libFuzzer and both sanitizers, and runs one of them:
#   tests/fuzz/run.sh READER SECONDS FOLDER [RUNS [quick]]
# READER is plan (and what lies on the clipboard), drawer, drawing, set, picture, cut, log or making. The corpus grows in
# FOLDER/READER and is kept; what makes a reader fail is written beside it. With quick, addresses are not watched, which
# makes two to three times as many runs: the library's own assertions and traps on undefined behaviour remain, and whoever
# has run it so has the corpus it found read once more with both sanitizers (RUNS 0, without quick). Its files are shorter:
# reading takes as long as they are. The short form, with
# plain mutations and without clang, is the test io/mutated_files.
set -eu
reader=$1
seconds=${2:-60}
folder=${3:-/tmp/havlo-fuzz}
runs=${4:--1}
quick=${5:-}
case $quick in
  '') longest=6000 watched=-fsanitize=address,undefined asks="$watched -fno-sanitize-recover=undefined" out=$folder/out ;;
  quick) longest=2000 watched= asks="-fsanitize=undefined -fsanitize-trap=undefined -D_GLIBCXX_ASSERTIONS" out=$folder/out-quick ;;
  *) echo "the fifth word is quick, or nothing"; exit 1 ;;
esac
root=$(cd "$(dirname "$0")/../.." && pwd)
clang=$(command -v clang++-14 || command -v clang++) || { echo "clang is not installed: packaging/install-packages build test fuzz"; exit 1; }
mkdir -p "$folder/$reader" "$out/build"
# What goes through every pixel says nothing about the reader, and asking it takes most of the time.
cat > "$out/build/passed-over" <<LIST
src:*unity_trace*
fun:*inkedPart*
fun:*greyOf*
fun:*2cv3Mat*
LIST
cat > "$out/build/CMakeLists.txt" <<CMAKE
cmake_minimum_required(VERSION 3.25)
project(fuzz CXX)
set(CMAKE_CXX_STANDARD 20)
set(CMAKE_UNITY_BUILD ON)
set(CMAKE_AUTOMOC ON)
set(CMAKE_AUTORCC ON)
set(CMAKE_POSITION_INDEPENDENT_CODE ON)
add_compile_options(-fsanitize=fuzzer-no-link $asks -fsanitize-coverage-ignorelist=$out/build/passed-over -g1 -O2)
add_link_options($watched)
include($root/cmake/Libraries.cmake)
include($root/cmake/Rooms.cmake)
add_library(havlo-settings INTERFACE)
add_subdirectory($root/src/core core)
target_include_directories(havlo-core PUBLIC $root/src)
# clang 14 cannot read qpdf's headers with this standard library: PDFs are tried by the short form alone.
set(HAVLO_IO_WITHOUT pdf_reader)
add_subdirectory($root/src/io io)
target_sources(havlo-io PRIVATE $root/tests/fuzz/no_pdf.cpp)
add_subdirectory($root/tests/support support)
add_executable(fuzz_reader $root/tests/fuzz/fuzz_reader.cpp $root/tests/fuzz/readers.cpp)
target_link_options(fuzz_reader PRIVATE -fsanitize=fuzzer)
target_link_libraries(fuzz_reader PRIVATE havlo-io havlo-test-support OpenCV::core)
CMAKE
# One fuzzer at a time builds; the others wait for it.
(
  flock 9
  launcher=
  command -v ccache >/dev/null && launcher=-DCMAKE_CXX_COMPILER_LAUNCHER=ccache
  cmake -S "$out/build" -B "$out" -G Ninja -DCMAKE_BUILD_TYPE=None -DCMAKE_CXX_COMPILER="$clang" $launcher > "$out/configure.log"
  cmake --build "$out" --target fuzz_reader > "$out/build.log" || { tail -n 30 "$out/build.log"; exit 1; }
) 9> "$folder/lock"
export HAVLO_READER="$reader"
# The system's fonts are read once and kept.
echo "leak:libfontconfig" > "$folder/leaks"
# Short memories and even chances make runs four times as quick; whoever looks for a fault runs its file alone.
export ASAN_OPTIONS="malloc_context_size=2:quarantine_size_mb=16"
# What is freed is asked for again at once: it is not given back in between.
export MALLOC_TRIM_THRESHOLD_=400000000 MALLOC_MMAP_THRESHOLD_=400000000
export LSAN_OPTIONS="suppressions=$folder/leaks:print_suppressions=0"
HAVLO_SEEDS="$folder/$reader" "$out/fuzz_reader" || true
[ "$reader" != plan ] || cp -n "$root"/tests/fuzz/seeds/*.havlo "$folder/$reader/"
case $reader in
  plan) dict=plan ;;
  drawing | set) dict=svg ;;
  cut) dict=cut ;;
  *) dict=records ;;
esac
"$out/fuzz_reader" -max_total_time="$seconds" -runs="$runs" -max_len="$longest" -entropic=0 -timeout=20 -rss_limit_mb=3000 \
  -dict="$root/tests/fuzz/$dict.dict" -artifact_prefix="$folder/$reader-" "$folder/$reader" 2> "$folder/$reader.log" || { tail -n 40 "$folder/$reader.log"; exit 1; }
tail -n 2 "$folder/$reader.log"
