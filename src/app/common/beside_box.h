// Two things beside each other where there is room for that, else one above the other.
#pragma once

#include <QBoxLayout>
#include <QResizeEvent>
#include <QWidget>

namespace havlo {

class BesideBox : public QWidget {
 public:
  /// @param room  px from which they stand beside each other  @param shares  of `first` and `second`, beside
  /// and above
  BesideBox(QWidget* first, QWidget* second, int room, int firstShare, int secondShare)
      : m_room(room), m_box(new QBoxLayout(QBoxLayout::TopToBottom, this)) {
    m_box->setContentsMargins(0, 0, 0, 0);
    m_box->addWidget(first, firstShare);
    m_box->addWidget(second, secondShare);
  }

 protected:
  void resizeEvent(QResizeEvent* e) override {
    const auto wanted = e->size().width() >= m_room ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom;
    if (wanted != m_box->direction()) m_box->setDirection(wanted);
  }

 private:
  int m_room;
  QBoxLayout* m_box;
};

}  // namespace havlo
