// A place in a list. Lists are asked with size_t and told with int, -1 for none; this is the one step from
// the one to the other.
#pragma once

#include <cassert>
#include <concepts>
#include <cstddef>
#include <type_traits>

namespace havlo {

/// A number from 0 up, or an enumerator, as an index. In debug and sanitized builds a negative one ends the
/// program here instead of somewhere past the end of a list.
template <typename Number>
requires std::integral<Number> || std::is_enum_v<Number>
constexpr std::size_t ix(Number number) {
  if constexpr (std::signed_integral<Number>) assert(number >= 0);
  return static_cast<std::size_t>(number);
}

}  // namespace havlo
