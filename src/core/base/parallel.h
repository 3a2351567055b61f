// One loop over several threads, for work whose parts do not know each other.
#pragma once

#include <algorithm>
#include <atomic>
#include <cstddef>
#include <thread>
#include <vector>

namespace havlo {

/// Calls f(0) .. f(count - 1), each once, in any order and from several threads; returns when all are done.
/// @param least  below this count everything runs on the calling thread
template <typename F>
void forEachIndex(size_t count, size_t least, F f) {
  const size_t threads = count < least ? 1 : std::clamp<size_t>(std::thread::hardware_concurrency(), 1, 8);
  if (threads == 1) {
    for (size_t i = 0; i < count; ++i) f(i);
    return;
  }
  std::atomic<size_t> next = 0;
  const auto work = [&] {
    for (size_t i = next++; i < count; i = next++) f(i);
  };
  std::vector<std::jthread> others;
  for (size_t t = 1; t < threads; ++t) others.emplace_back(work);
  work();
}

}  // namespace havlo
