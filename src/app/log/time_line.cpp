#include "app/log/time_line.h"

#include <QEvent>
#include <QLocale>
#include <QPainter>
#include <QScrollBar>

#include "app/common/choice_list.h"
#include "app/theme/theme.h"

namespace havlo {

TimeLine::TimeLine(ChoiceList* list, QWidget* parent) : QWidget(parent), m_list(list) {
  setFixedWidth(qRound(44 * textScale()));
  setAttribute(Qt::WA_TransparentForMouseEvents);
  connect(list->verticalScrollBar(), &QScrollBar::valueChanged, this, qOverload<>(&QWidget::update));
  connect(list, &ChoiceList::currentRowChanged, this, qOverload<>(&QWidget::update));
  list->viewport()->installEventFilter(this);
}

void TimeLine::setDays(std::vector<QDate> days) {
  m_days = std::move(days);
  setVisible(!m_days.empty());
  update();
}

bool TimeLine::eventFilter(QObject*, QEvent* event) {
  if (event->type() == QEvent::Resize) update();
  return false;
}

void TimeLine::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const double x = width() - 8;
  const int top = m_list->mapTo(parentWidget(), QPoint()).y() - y() + m_list->viewport()->y();
  const int bottom = top + m_list->viewport()->height();
  p.setClipRect(0, top, width(), bottom - top);
  const int count = std::min(m_list->count(), static_cast<int>(m_days.size()));
  const auto middleOf = [&](int row) {
    return top + m_list->visualRect(m_list->model()->index(row, 0)).center().y();
  };
  int row = std::max(0, m_list->indexAt(QPoint(4, 1)).row());
  if (row > 0) --row;
  // Newest above: the line begins with the first card and goes on below the last that is seen.
  const double from = row > 0 ? top : middleOf(0);
  const double to = count > 0 ? std::min<double>(bottom, middleOf(count - 1)) : from;
  p.setPen(QPen(theme().rule, 2, Qt::SolidLine, Qt::RoundCap));
  if (to > from) p.drawLine(QPointF(x, from), QPointF(x, to));
  QDate said;
  double lowest = -1e9;
  for (; row < count; ++row) {
    const double y = middleOf(row);
    if (y > bottom + height()) break;
    const bool chosen = row == m_list->currentRow();
    p.setPen(QPen(chosen ? theme().green : theme().soft, 1.6));
    p.setBrush(chosen ? theme().green : theme().paper);
    p.drawEllipse(QPointF(x, y), chosen ? 4.5 : 3.5, chosen ? 4.5 : 3.5);
    const QDate day = m_days[static_cast<size_t>(row)];
    const bool month = !said.isValid() || day.month() != said.month() || day.year() != said.year();
    if (!month || !day.isValid() || y < top) continue;
    p.setFont(labelFont());
    p.setPen(theme().soft);
    const double high = QFontMetricsF(labelFont()).height();
    QStringList words{QLocale().standaloneMonthName(day.month(), QLocale::ShortFormat)};
    if (!said.isValid() || day.year() != said.year()) words << QString::number(day.year());
    const double begins = std::max(y - high * static_cast<double>(words.size()) / 2, lowest);
    p.drawText(QRectF(0, begins, x - 6, high * static_cast<double>(words.size())),
               Qt::AlignRight | Qt::AlignVCenter, words.join(u'\n'));
    lowest = begins + high * static_cast<double>(words.size());
    said = day;
  }
}

}  // namespace havlo
