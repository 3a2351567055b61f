// How far the card is: a dot a step, filled when it is done.
#pragma once

#include <QWidget>

namespace havlo {

class StepDots : public QWidget {
 public:
  explicit StepDots(QWidget* parent = nullptr);
  /// @param wrong  places at which something went wrong
  void show(int at, int count, std::vector<char> wrong);
  QSize sizeHint() const override;

 protected:
  void paintEvent(QPaintEvent*) override;

 private:
  int m_at = 0, m_count = 0;
  std::vector<char> m_wrong;
};

}  // namespace havlo
