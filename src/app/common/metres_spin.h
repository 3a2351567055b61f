// A box for a length in the scene, in metres.
#pragma once

#include <QDoubleSpinBox>

#include "app/theme/theme.h"

namespace havlo {

inline QDoubleSpinBox* metresSpin(double least_m, double most_m, const char* name) {
  auto* spin = new QDoubleSpinBox;
  spin->setRange(least_m, most_m);
  spin->setDecimals(2);
  spin->setSuffix(QObject::tr(" m"));
  spin->setSingleStep(0.1);
  spin->setStepType(QAbstractSpinBox::AdaptiveDecimalStepType);
  spin->setKeyboardTracking(false);
  spin->setMinimumWidth(qRound(60 * textScale()));
  spin->setObjectName(QLatin1String(name));
  return spin;
}

}  // namespace havlo
