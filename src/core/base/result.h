// Outcome of work that can fail: a value, or an error that says what and where.
// Problems of the maker's own plan are findings (reading/), not errors.
#pragma once

#include <cassert>
#include <string>
#include <utility>
#include <variant>

#include "core/base/index.h"

namespace havlo {

enum class ErrorCode { BadInput, CannotRead, CannotWrite, Stopped };

/// What could not be done. `place` names the spot in the input ("impressions[3].at"), empty if there is none.
struct Error {
  ErrorCode code = ErrorCode::BadInput;
  std::string message;
  std::string place;

  /// "place: message", or the message alone.
  std::string text() const { return place.empty() ? message : place + ": " + message; }
};

template <typename T>
class [[nodiscard]] Result {
 public:
  Result(T value) : m_state(std::move(value)) {}
  Result(Error error) : m_state(std::move(error)) {}

  explicit operator bool() const { return std::holds_alternative<T>(m_state); }
  const T& value() const& {
    assert(*this);
    return std::get<T>(m_state);
  }
  T&& value() && {
    assert(*this);
    return std::get<T>(std::move(m_state));
  }
  const Error& error() const {
    assert(!*this);
    return std::get<Error>(m_state);
  }

 private:
  std::variant<T, Error> m_state;
};

/// Success without a value.
struct Done {};

}  // namespace havlo
