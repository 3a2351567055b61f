// Errors of files with their sentence as Qt has it.
#pragma once

#include <QString>

#include "core/base/result.h"

namespace havlo {

inline Error badInput(const QString& message, const QString& place = {}) {
  return {ErrorCode::BadInput, message.toStdString(), place.toStdString()};
}
inline Error cannotRead(const QString& message) { return {ErrorCode::CannotRead, message.toStdString(), {}}; }
inline Error cannotWrite(const QString& message) {
  return {ErrorCode::CannotWrite, message.toStdString(), {}};
}

}  // namespace havlo
