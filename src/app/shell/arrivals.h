// Files that come to the window: dropped on it, or named when it was started.
#pragma once

#include <QStringList>

class QMimeData;

namespace havlo {

class Errands;
class Filing;

class Arrivals {
 public:
  Arrivals(Errands& errands, Filing& filing) : m_errands(errands), m_filing(filing) {}
  /// The files among what is dropped.
  static QStringList filesIn(const QMimeData* data);
  /// Several pictures come into the drawer together; of anything else the first.
  void take(const QStringList& files);
  /// A picture is a scan of stamps, a folder holds many, a packed drawer is taken in, all else is a plan.
  void take(const QString& file);

 private:
  Errands& m_errands;
  Filing& m_filing;
};

}  // namespace havlo
