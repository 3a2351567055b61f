// A tab as on the dividers of a card box: the one in front is of the leaf's own paper and stands higher.
#pragma once

#include <QPushButton>

namespace havlo {

class DividerTab : public QPushButton {
  Q_OBJECT

 public:
  explicit DividerTab(const QString& text = {}, QWidget* parent = nullptr);
  QSize sizeHint() const override;
  QSize minimumSizeHint() const override { return sizeHint(); }

 protected:
  void paintEvent(QPaintEvent*) override;
};

}  // namespace havlo
