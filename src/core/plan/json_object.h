// Reading one JSON object of a plan with its place: types, ranges and words checked, unknown keys kept.
// Included by the readers alone; JSON stays behind them.
#pragma once

#include <algorithm>
#include <cctype>
#include <cmath>
#include <set>

#include "core/plan/json_text.h"
#include "core/plan/plan_words.h"
#include "core/units/decimal.h"

namespace havlo::plan_json {

inline constexpr double kFar = 1e5;       // bound of every plain number, mm or degrees
inline constexpr double kFarthest = 1e9;  // bound of scene distances, m

/// Ends reading at the first fault; turned into an Error in readPlan.
struct Fault {
  Error error;
};

[[noreturn]] inline void fail(const std::string& place, const std::string& message) {
  throw Fault{{ErrorCode::BadInput, message, place}};
}

inline std::string number(double v) { return shortDecimal(v, 6); }

struct Range {
  double least = -kFar, most = kFar;
  bool leastIsOut = false;  // an open lower bound
};
inline constexpr Range kAny{};
inline constexpr Range kPositive{0, kFar, true};
inline constexpr Range kNotNegative{0, kFar};
inline constexpr Range kShare{0, 1};
inline constexpr Range kMetres{0, kFarthest, true};

inline double checkedNumber(const Json& j, const std::string& place, Range range) {
  if (!j.is_number()) fail(place, "not a number");
  const double v = j.get<double>();
  if (!std::isfinite(v)) fail(place, "not a finite number");
  if (v < range.least || v > range.most || (range.leastIsOut && v <= range.least)) {
    const std::string low =
        range.leastIsOut ? "more than " + number(range.least) : "at least " + number(range.least);
    fail(place, "must be " + low + " and at most " + number(range.most));
  }
  return v;
}

inline Point point(const Json& j, const std::string& place) {
  if (!j.is_array() || j.size() != 2) fail(place, "not a point; write it as [x, y]");
  return {checkedNumber(j[0], place + "[0]", kAny), checkedNumber(j[1], place + "[1]", kAny)};
}

/// One JSON object being read: knows its place and which keys were taken.
class Object {
 public:
  Object(const Json& j, std::string place) : m_json(j), m_place(std::move(place)) {
    if (!j.is_object()) fail(m_place.empty() ? "plan" : m_place, "not an object");
  }

  std::string at(std::string_view key) const {
    return m_place.empty() ? std::string(key) : m_place + "." + std::string(key);
  }
  const std::string& place() const { return m_place; }

  const Json* find(std::string_view key) {
    m_known.insert(std::string(key));
    const auto it = m_json.find(std::string(key));
    return it == m_json.end() ? nullptr : &*it;
  }
  const Json& need(std::string_view key) {
    const Json* j = find(key);
    if (!j) fail(at(key), "is missing");
    return *j;
  }
  double needNumber(std::string_view key, Range range) { return checkedNumber(need(key), at(key), range); }
  double numberOr(std::string_view key, Range range, double otherwise) {
    const Json* j = find(key);
    return j ? checkedNumber(*j, at(key), range) : otherwise;
  }
  std::optional<double> optionalNumber(std::string_view key, Range range) {
    const Json* j = find(key);
    return j ? std::optional(checkedNumber(*j, at(key), range)) : std::nullopt;
  }
  int wholeOr(std::string_view key, int least, int most, int otherwise) {
    const Json* j = find(key);
    if (!j) return otherwise;
    const double v = checkedNumber(*j, at(key), {static_cast<double>(least), static_cast<double>(most)});
    if (v != std::floor(v)) fail(at(key), "must be a whole number");
    return static_cast<int>(v);
  }
  bool boolOr(std::string_view key, bool otherwise) {
    const Json* j = find(key);
    if (!j) return otherwise;
    if (!j->is_boolean()) fail(at(key), "must be true or false");
    return j->get<bool>();
  }
  std::string textOr(std::string_view key, std::string otherwise) {
    const Json* j = find(key);
    return j ? text(*j, at(key)) : otherwise;
  }
  std::string needId(std::string_view key) {
    std::string id = text(need(key), at(key));
    if (id.empty()) fail(at(key), "is empty");
    return id;
  }
  template <typename E, size_t N>
  E wordOr(std::string_view key, const words::Table<E, N>& table, E otherwise) {
    const Json* j = find(key);
    if (!j) return otherwise;
    const std::string word = text(*j, at(key));
    std::string choices;
    for (const auto& [value, known] : table) {
      if (known == word) return value;
      choices += (choices.empty() ? "" : ", ") + std::string(known);
    }
    fail(at(key), "\"" + word.substr(0, 40) + "\" is none of " + choices);
  }
  Colour colourOr(std::string_view key, Colour otherwise) {
    const Json* j = find(key);
    if (!j) return otherwise;
    const std::string s = text(*j, at(key));
    const bool hex = s.size() == 7 && s[0] == '#' &&
                     std::all_of(s.begin() + 1, s.end(), [](unsigned char c) { return std::isxdigit(c); });
    if (!hex) fail(at(key), "not a colour; write it as #rrggbb");
    const auto channel = [&](size_t i) {
      return static_cast<unsigned char>(std::stoi(s.substr(i, 2), nullptr, 16));
    };
    return {channel(1), channel(3), channel(5)};
  }
  std::vector<std::string> idsOr(std::string_view key) {
    std::vector<std::string> ids;
    each(key, [&](const Json& j, const std::string& place) { ids.push_back(text(j, place)); });
    return ids;
  }
  /// Calls `f` for each entry of a list; an absent list is empty.
  template <typename F>
  void each(std::string_view key, F f) {
    const Json* j = find(key);
    if (!j) return;
    if (!j->is_array()) fail(at(key), "not a list");
    for (size_t i = 0; i < j->size(); ++i) f((*j)[i], at(key) + "[" + std::to_string(i) + "]");
  }
  /// The keys that were not asked for, as JSON text; empty if there are none.
  std::string extra() const {
    Json rest = Json::object();
    for (const auto& [key, value] : m_json.items())
      if (!m_known.contains(key)) rest[key] = value;
    return rest.empty() ? std::string() : rest.dump();
  }

  static std::string text(const Json& j, const std::string& place) {
    if (!j.is_string()) fail(place, "not a text");
    return j.get<std::string>();
  }

 private:
  const Json& m_json;
  std::string m_place;
  std::set<std::string> m_known;
};

}  // namespace havlo::plan_json
