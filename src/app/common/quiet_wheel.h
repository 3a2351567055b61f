// A wheel turned over a list or a number rolls the panel it is in, and never changes what it shows: a maker
// who reads on must not ink her duck anew.
#pragma once

#include <QObject>

namespace havlo {

class QuietWheel : public QObject {
 public:
  using QObject::QObject;

 protected:
  bool eventFilter(QObject* watched, QEvent* event) override;
};

}  // namespace havlo
