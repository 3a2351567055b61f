// Buttons beside each other, in as many lines as the width needs: no language makes a column wide.
#pragma once

#include <QLayout>
#include <QList>
#include <QStyle>
#include <QWidget>
#include <algorithm>

namespace havlo {

class FlowRow : public QLayout {
 public:
  explicit FlowRow(int between = 4) : m_between(between) { setContentsMargins(0, 0, 0, 0); }
  ~FlowRow() override {
    while (QLayoutItem* item = takeAt(0)) delete item;
  }
  void addItem(QLayoutItem* item) override { m_items.append(item); }
  int count() const override { return static_cast<int>(m_items.size()); }
  QLayoutItem* itemAt(int k) const override { return m_items.value(k); }
  QLayoutItem* takeAt(int k) override { return k >= 0 && k < count() ? m_items.takeAt(k) : nullptr; }
  Qt::Orientations expandingDirections() const override { return {}; }
  bool hasHeightForWidth() const override { return true; }
  int heightForWidth(int width) const override { return lay({0, 0, width, 0}, false); }
  QSize sizeHint() const override {
    const QMargins m = contentsMargins();
    int wide = 0, tall = 0;
    for (QLayoutItem* item : m_items)
      if (!item->isEmpty())
        wide += item->sizeHint().width() + m_between, tall = std::max(tall, item->sizeHint().height());
    return {wide + m.left() + m.right(), tall + m.top() + m.bottom()};
  }
  /// The widest of them must have room.
  QSize minimumSize() const override {
    QSize least;
    for (QLayoutItem* item : m_items)
      if (!item->isEmpty()) least = least.expandedTo(item->minimumSize());
    const QMargins m = contentsMargins();
    return least + QSize(m.left() + m.right(), m.top() + m.bottom());
  }
  void setGeometry(const QRect& rect) override {
    QLayout::setGeometry(rect);
    lay(rect, true);
  }

 private:
  QList<QLayoutItem*> m_items;
  int m_between;

  /// @return  the height it takes
  int lay(const QRect& rect, bool place) const {
    const QMargins m = contentsMargins();
    const QRect inner = rect.marginsRemoved(m);
    const Qt::LayoutDirection way = parentWidget() ? parentWidget()->layoutDirection() : Qt::LeftToRight;
    int x = inner.left(), y = inner.top(), line = 0;
    for (QLayoutItem* item : m_items) {
      if (item->isEmpty()) continue;
      const QSize size(std::min(item->sizeHint().width(), inner.width()), item->sizeHint().height());
      if (x > inner.left() && x + size.width() > inner.right() + 1) x = inner.left(), y += line + 2, line = 0;
      if (place) item->setGeometry(QStyle::visualRect(way, inner, QRect(QPoint(x, y), size)));
      x += size.width() + m_between;
      line = std::max(line, size.height());
    }
    return y + line - rect.top() + m.bottom();
  }
};

}  // namespace havlo
