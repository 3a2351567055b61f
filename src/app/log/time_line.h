// The line of time beside the cards of the log: a knot for every card, months where they begin.
#pragma once

#include <QDate>
#include <QWidget>
#include <vector>

namespace havlo {

class ChoiceList;

class TimeLine : public QWidget {
  Q_OBJECT

 public:
  /// @param list  beside which it stands; it scrolls along
  explicit TimeLine(ChoiceList* list, QWidget* parent = nullptr);
  /// @param days  by row; empty: there is no line
  void setDays(std::vector<QDate> days);

 protected:
  void paintEvent(QPaintEvent* event) override;
  bool eventFilter(QObject* watched, QEvent* event) override;

 private:
  ChoiceList* m_list;
  std::vector<QDate> m_days;
};

}  // namespace havlo
