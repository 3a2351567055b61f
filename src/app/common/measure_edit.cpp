#include "app/common/measure_edit.h"

#include <QKeyEvent>
#include <algorithm>

#include "app/theme/theme.h"
#include "io/wording/error_words.h"
#include "io/wording/say.h"

namespace havlo {

MeasureEdit::MeasureEdit(const QString& name, QWidget* parent) : QLineEdit(parent), m_name(name) {
  setAccessibleName(name);
  setToolTip(tr("Type it as 2 3/8, 2.375in, 60mm or 6cm"));
  setFont(bodyFont());
  keepRoom();
  connect(this, &QLineEdit::returnPressed, this, &MeasureEdit::take);
}

QSize MeasureEdit::sizeHint() const { return {qRound(86 * textScale()), QLineEdit::sizeHint().height()}; }

void MeasureEdit::setUnits(MeasureStyle units) {
  m_units = units;
  showMeasure();
}

void MeasureEdit::setMeasure(double mm) {
  m_mm = mm;
  m_empty = false;
  showMeasure();
}

void MeasureEdit::clearMeasure() {
  m_empty = true;
  showMeasure();
}

void MeasureEdit::showMeasure() {
  setText(m_empty ? QString() : spoken(writeMeasure(Millimetres{m_mm}, m_units)));
  setModified(false);
  keepRoom();
}

/// A measure is never cut off: the panel gives way.
void MeasureEdit::keepRoom() {
  constexpr double kLeast = 58, kBeside = 20;  // px at usual size; beside: frame, margins and the cursor
  setMinimumWidth(
      qRound(kBeside * textScale()) +
      std::max(qRound((kLeast - kBeside) * textScale()), QFontMetrics(bodyFont()).horizontalAdvance(text())));
}

void MeasureEdit::take() {
  if (!isModified()) return;
  if (text().trimmed().isEmpty()) {
    m_empty = true;
    setModified(false);
    Q_EMIT cleared();
    return;
  }
  const auto read = readMeasure(text().toStdString(), m_units);
  if (!read) {
    Q_EMIT trouble(tr("%1: %2").arg(m_name, errorReason(read.error())));
    return showMeasure();
  }
  m_mm = read.value().value;
  m_empty = false;
  showMeasure();
  Q_EMIT changed(m_mm);
}

void MeasureEdit::focusOutEvent(QFocusEvent* e) {
  take();
  QLineEdit::focusOutEvent(e);
}

void MeasureEdit::keyPressEvent(QKeyEvent* e) {
  if (e->key() == Qt::Key_Escape && isModified()) return showMeasure();
  QLineEdit::keyPressEvent(e);
}

}  // namespace havlo
