// Plan text on the disk.
#include "io/files/plan_file.h"

namespace havlo {

Result<ReadPlan> loadPlan(const QString& path) {
  auto bytes = readWhole(path, static_cast<qint64>(kLargestPlanBytes));
  if (!bytes) return bytes.error();
  return readPlan(std::string_view(bytes.value().constData(), ix(bytes.value().size())));
}

Result<Done> savePlan(const QString& path, const Plan& plan) {
  return saveWhole(path, QByteArray::fromStdString(writePlan(plan)));
}

}  // namespace havlo
