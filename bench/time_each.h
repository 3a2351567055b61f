// Median and 95th percentile of single rounds, for what has to keep up with the hand.
#pragma once

#include <benchmark/benchmark.h>

#include <algorithm>
#include <chrono>
#include <vector>

/// @param round  called with the number of the round, from 0
template <typename F>
void timeEach(benchmark::State& state, F round) {
  std::vector<double> ms;
  int k = 0;
  for (auto _ : state) {
    const auto start = std::chrono::steady_clock::now();
    round(k++);
    ms.push_back(std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
  }
  std::sort(ms.begin(), ms.end());
  state.counters["p50_ms"] = ms[ms.size() / 2];
  state.counters["p95_ms"] = ms[std::min(ms.size() - 1, ms.size() * 95 / 100)];
}
