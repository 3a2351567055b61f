// A leaf of paper on the ground of the window: the frame of every panel.
#pragma once

#include <QFrame>
#include <QLabel>
#include <QVBoxLayout>

#include "app/theme/theme.h"

namespace havlo {

class SheetFrame : public QFrame {
 public:
  explicit SheetFrame(QWidget* parent = nullptr) : QFrame(parent) {
    setObjectName(QStringLiteral("sheet"));
    setLayout(new QVBoxLayout);
    layout()->setContentsMargins(14, 10, 14, 10);
    layout()->setSpacing(5);
  }
  QVBoxLayout* box() { return static_cast<QVBoxLayout*>(layout()); }
};

/// A label in one of the window's inks.
inline QLabel* inkLabel(const QString& text, const QFont& font, const QColor& colour, bool wrap = false) {
  auto* label = new QLabel(text);
  label->setFont(font);
  label->setWordWrap(wrap);
  label->setTextFormat(Qt::PlainText);
  QPalette p = label->palette();
  p.setColor(QPalette::WindowText, colour);
  label->setPalette(p);
  return label;
}

inline void setInk(QLabel* label, const QColor& colour) {
  QPalette p = label->palette();
  p.setColor(QPalette::WindowText, colour);
  label->setPalette(p);
}

/// The margins of what stands before the window on a sheet of its own.
inline void asSheet(QLayout* layout) { layout->setContentsMargins(16, 14, 16, 14); }

}  // namespace havlo
