// Everything that reads what Havlo did not write itself, each as a function of bytes: for fuzzing, and for
// the short form of it that runs with the tests.
#pragma once

#include <QByteArray>
#include <QList>
#include <span>

namespace havlo::fuzz {

struct Reader {
  const char* name;
  /// @return whether it was read; what is read must bear being used
  bool (*read)(const QByteArray& bytes);
  /// Sound ones to begin with.
  QList<QByteArray> (*seeds)();
};

std::span<const Reader> readers();
const Reader* readerOf(const QByteArray& name);

}  // namespace havlo::fuzz
