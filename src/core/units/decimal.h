// Numbers as files hold them: a full stop before the decimals in every country. Never through the locale.
#pragma once

#include <charconv>
#include <cmath>
#include <string>

namespace havlo {

/// Fixed notation with `digits` decimals, rounded; never "-0". @param v  finite, below 1e100
inline std::string decimal(double v, int digits) {
  char text[160];
  const auto [end, ec] = std::to_chars(text, text + sizeof text, v, std::chars_format::fixed, digits);
  if (ec != std::errc{}) return "0";
  std::string out(text, end);
  if (out.front() == '-' && out.find_first_of("123456789") == std::string::npos) out.erase(0, 1);
  return out;
}

/// The same without zeros at the end: 12.50 is "12.5", 3.000 is "3".
inline std::string shortDecimal(double v, int digits) {
  std::string out = decimal(v, digits);
  if (out.find('.') == std::string::npos) return out;
  out.erase(out.find_last_not_of('0') + 1);
  if (out.back() == '.') out.pop_back();
  return out;
}

}  // namespace havlo
