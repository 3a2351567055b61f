// Measures as text. Only lengths on paper and distances in the scene; angles are plain numbers.
#include "core/units/measure.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <numeric>
#include <optional>
#include <utility>

#include "core/units/decimal.h"

namespace havlo {
namespace {

constexpr int kFractionsPerInch = 32;

std::string cleaned(std::string_view text) {
  std::string out;
  for (char c : text) out += c == ',' ? '.' : c;
  const auto first = out.find_first_not_of(" \t");
  if (first == std::string::npos) return {};
  return out.substr(first, out.find_last_not_of(" \t") - first + 1);
}

/// Takes a decimal number from the front of `text`; nothing if there is none.
std::optional<double> takeNumber(std::string_view& text) {
  while (!text.empty() && text.front() == ' ') text.remove_prefix(1);
  if (text.empty() || !((text.front() >= '0' && text.front() <= '9') || text.front() == '.')) return {};
  double v = 0;
  const auto [end, ec] = std::from_chars(text.data(), text.data() + text.size(), v, std::chars_format::fixed);
  if (ec != std::errc{}) return {};
  text.remove_prefix(ix(end - text.data()));
  while (!text.empty() && text.front() == ' ') text.remove_prefix(1);
  return v;
}

/// Takes "/8" after a numerator; 0 for a fraction without a usable denominator.
std::optional<double> takeDenominator(std::string_view& text) {
  if (text.empty() || text.front() != '/') return {};
  text.remove_prefix(1);
  return takeNumber(text).value_or(0);
}

std::optional<double> unitInMm(std::string_view unit, bool fraction, MeasureStyle bare) {
  if (unit == "in" || unit == "\"" || unit == "inch" || unit == "inches" || unit == "″") return kMmPerInch;
  if (unit.empty()) return fraction || bare == MeasureStyle::Inches ? kMmPerInch : 1.0;
  if (fraction) return {};
  if (unit == "mm") return 1.0;
  if (unit == "cm") return 10.0;
  return {};
}

Error notAMeasure(std::string_view text) {
  return {ErrorCode::BadInput,
          "\"" + std::string(text) + "\" is not a measure; write it as 2 3/8, 2.375in, 60mm or 6cm",
          {}};
}

std::string fractionText(double inches) {
  const long parts = std::lround(std::abs(inches) * kFractionsPerInch);
  const long whole = parts / kFractionsPerInch;
  long top = parts % kFractionsPerInch;
  std::string out = inches < 0 && parts > 0 ? "-" : "";
  if (top == 0) return out + std::to_string(whole);
  const long common = std::gcd(top, static_cast<long>(kFractionsPerInch));
  if (whole > 0) out += std::to_string(whole) + " ";
  return out + std::to_string(top / common) + "/" + std::to_string(kFractionsPerInch / common);
}

}  // namespace

Result<Millimetres> readMeasure(std::string_view text, MeasureStyle bare) {
  const std::string clean = cleaned(text);
  std::string_view rest = clean;
  double sign = 1;
  if (!rest.empty() && (rest.front() == '-' || rest.front() == '+')) {
    sign = rest.front() == '-' ? -1 : 1;
    rest.remove_prefix(1);
  }
  const auto first = takeNumber(rest);
  if (!first) return notAMeasure(text);
  double value = *first;
  bool fraction = false;
  if (const auto under = takeDenominator(rest)) {
    if (*under <= 0) return notAMeasure(text);
    value /= *under;
    fraction = true;
  } else {
    if (!rest.empty() && rest.front() == '-') rest.remove_prefix(1);
    if (const auto top = takeNumber(rest)) {
      const auto below = takeDenominator(rest);
      if (!below || *below <= 0) return notAMeasure(text);
      value += *top / *below;
      fraction = true;
    }
  }
  const auto unit = unitInMm(rest, fraction, bare);
  if (!unit) return notAMeasure(text);
  const double mm = sign * value * *unit;
  if (!(std::abs(mm) <= 1e5)) return Error{ErrorCode::BadInput, "that is longer than any card", {}};
  return Millimetres{mm};
}

std::string writeBareMeasure(Millimetres length, MeasureStyle style) {
  if (style == MeasureStyle::Inches) return fractionText(length.value / kMmPerInch);
  const double rounded = std::round(length.value * 10) / 10;
  return decimal(rounded == 0 ? 0.0 : rounded, rounded == std::round(rounded) ? 0 : 1);
}

std::string writeMeasure(Millimetres length, MeasureStyle style) {
  return writeBareMeasure(length, style) + (style == MeasureStyle::Inches ? " in" : " mm");
}

std::string writeDistance(Metres distance) {
  const double d = distance.value;
  if (!std::isfinite(d)) return "very far";
  if (d >= 1000) return decimal(d / 1000, d >= 10000 ? 0 : 1) + " km";
  return decimal(d, d < 10 ? 1 : 0) + " m";
}

Result<Metres> readRealHeight(std::string_view text) {
  const std::string t = cleaned(text);
  const Error no{
      ErrorCode::BadInput, "\"" + t + "\" is no height: write it as 1.7 m, 5 cm, 2 in or 6 ft", {}};
  constexpr std::pair<std::string_view, double> kUnits[] = {{"mm", 0.001},  {"cm", 0.01},   {"km", 1000},
                                                            {"in", 0.0254}, {"\"", 0.0254}, {"ft", 0.3048},
                                                            {"'", 0.3048},  {"m", 1}};
  std::string_view rest = t;
  double metres = 0;
  while (!rest.empty()) {
    auto v = takeNumber(rest);
    if (!v) return no;
    // "2 1/2": the fraction belongs to the number before it.
    std::string_view ahead = rest;
    const auto more = takeNumber(ahead);
    const bool own = !rest.empty() && rest.front() == '/';
    const auto part = takeDenominator(own ? rest : ahead);
    if (part && *part <= 0 && (own || more)) return no;
    if (own && part) {
      *v /= *part;
    } else if (more && part) {
      *v += *more / *part, rest = ahead;
    }
    const auto unit = std::find_if(std::begin(kUnits), std::end(kUnits),
                                   [&](const auto& u) { return rest.starts_with(u.first); });
    if (unit != std::end(kUnits)) {
      rest.remove_prefix(unit->first.size());
      while (!rest.empty() && rest.front() == ' ') rest.remove_prefix(1);
    } else if (!rest.empty() || metres > 0) {
      return no;  // another unit, or a bare number after one that has its own
    }
    metres += *v * (unit != std::end(kUnits) ? unit->second : 1);
  }
  if (!(metres > 0) || metres > 1e5) return no;
  return Metres{metres};
}

}  // namespace havlo
