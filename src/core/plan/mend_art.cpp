// The damaged drawings had two decimals everywhere, so that pairs of commas fall into place without a guess.
#include "core/plan/mend_art.h"

#include <cctype>
#include <string_view>

namespace havlo {
namespace {

bool digit(const std::string& s, size_t at) {
  return at < s.size() && std::isdigit(static_cast<unsigned char>(s[at]));
}

/// Reads "12,34" at `at`. @return where it ends, or npos
size_t commaNumber(const std::string& s, size_t at) {
  size_t k = at + (at < s.size() && s[at] == '-');
  if (!digit(s, k)) return std::string::npos;
  while (digit(s, k)) ++k;
  if (k >= s.size() || s[k] != ',' || !digit(s, k + 1) || !digit(s, k + 2) || digit(s, k + 3))
    return std::string::npos;
  return k + 3;
}

std::string stopped(std::string number) {
  number[number.size() - 3] = '.';
  return number;
}

/// The value of an attribute with every comma number mended. @return false when anything in it is no such
/// number
bool mendRun(const std::string& from, std::string& to) {
  for (size_t k = 0; k < from.size();) {
    if (from[k] == '-' || digit(from, k)) {
      const size_t end = commaNumber(from, k);
      if (end == std::string::npos) return false;
      to += stopped(from.substr(k, end - k));
      k = end;
    } else {
      to += from[k++];
    }
  }
  return true;
}

bool mendAttribute(std::string& art, std::string_view name, std::string_view unit, bool zeros) {
  const std::string opening = std::string(" ") + std::string(name) + "=\"";
  const size_t from = art.find(opening);
  if (from == std::string::npos) return false;
  const size_t start = from + opening.size(), end = art.find('"', start);
  if (end == std::string::npos) return false;
  std::string value = art.substr(start, end - start), mended;
  if (value.size() < unit.size() || value.substr(value.size() - unit.size()) != unit) return false;
  value.resize(value.size() - unit.size());
  const std::string front = zeros && value.starts_with("0 0 ") ? "0 0 " : "";
  if (!mendRun(value.substr(front.size()), mended)) return false;
  art.replace(start, end - start, front + mended + std::string(unit));
  return true;
}

}  // namespace

bool mendDecimalCommas(std::string& art) {
  static constexpr std::string_view head = "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"";
  if (!art.starts_with(head) || commaNumber(art, head.size()) == std::string::npos) return false;
  std::string out = art;
  if (!mendAttribute(out, "width", "mm", false) || !mendAttribute(out, "height", "mm", false) ||
      !mendAttribute(out, "viewBox", "", true) || !mendAttribute(out, "d", "", false))
    return false;
  art = std::move(out);
  return true;
}

}  // namespace havlo
