// What the maker says of a stamp that comes in: name, how tall the thing is really, what it shows, where it
// looks.
#pragma once

#include <QWidget>

#include "core/plan/plan.h"

class QComboBox;
class QLineEdit;

namespace havlo {

class StampFacts : public QWidget {
  Q_OBJECT

 public:
  explicit StampFacts(QWidget* parent = nullptr);
  /// Empty but for a name to begin with.
  void startOver(const QString& name);
  /// As it is said of this stamp.
  void showStamp(const Stamp& stamp);
  QString name() const;  ///< as typed, may be empty
  /// Role, facing and real height into a stamp. @return what is wrong with the height; empty: all is well
  QString describe(Stamp& stamp) const;
  void takeKeys();

 Q_SIGNALS:
  void finished();  ///< Return in the last field, or where something was chosen

 protected:
  bool eventFilter(QObject* on, QEvent* event) override;

 private:
  QLineEdit* m_name;
  QComboBox *m_role, *m_facing, *m_heights;
  bool m_typedHeight = false, m_choseRole = false;

  void offerHeights();
  void choseHeights(int row);
};

}  // namespace havlo
