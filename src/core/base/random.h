// A small random source that gives the same numbers on every machine. Source: splitmix64 (Steele, Lea & Flood
// 2014) and Box & Muller 1958; from memory.
#pragma once

#include <cmath>
#include <cstdint>

namespace havlo {

class Random {
 public:
  explicit Random(uint64_t seed) : m_state(seed) {}

  uint64_t next() {
    uint64_t z = m_state += 0x9E3779B97F4A7C15ull;
    z = (z ^ (z >> 30)) * 0xBF58476D1CE4E5B9ull;
    z = (z ^ (z >> 27)) * 0x94D049BB133111EBull;
    return z ^ (z >> 31);
  }
  /// In [0, 1).
  double unit() { return static_cast<double>(next() >> 11) * 0x1p-53; }
  /// In [0, n). @param n  > 0, far below 2^53
  uint64_t below(uint64_t n) { return static_cast<uint64_t>(unit() * static_cast<double>(n)); }
  /// Normal with mean 0 and standard deviation 1.
  double gaussian() {
    if (m_spare) {
      m_spare = false;
      return m_other;
    }
    const double r = std::sqrt(-2 * std::log(1 - unit())), a = 2 * 3.14159265358979323846 * unit();
    m_spare = true;
    m_other = r * std::sin(a);
    return r * std::cos(a);
  }

 private:
  uint64_t m_state;
  bool m_spare = false;
  double m_other = 0;
};

}  // namespace havlo
