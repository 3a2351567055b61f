#include "app/card/batch_view.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>

#include "app/common/keyed_rows.h"
#include "app/common/marks.h"
#include "app/common/rolled.h"
#include "io/wording/names.h"
#include "io/wording/stock_words.h"

namespace havlo {
namespace {

/// How much of the whole time a station takes: work full, waits hollow.
class Share : public QWidget {
 public:
  Share() { setFixedSize(64, 12); }
  void set(double work, double wait) {
    m_work = work, m_wait = wait;
    update();
  }

 protected:
  void paintEvent(QPaintEvent*) override {
    QPainter p(this);
    p.setLayoutDirection(Qt::LayoutDirectionAuto);  // measures stay where they belong
    const double w = width() - 1;
    p.setPen(QPen(theme().rule, 1));
    p.drawLine(QPointF(0, height() - 1.5), QPointF(w, height() - 1.5));
    p.fillRect(QRectF(0, 2, std::max(1.0, w * m_work), height() - 4), theme().green);
    if (m_wait <= 0) return;
    p.setPen(QPen(theme().ochre, 1));
    p.drawRect(QRectF(w * m_work, 2.5, std::max(1.0, w * m_wait - 1), height() - 5));
  }

 private:
  double m_work = 0, m_wait = 0;
};

}  // namespace

BatchView::BatchView(QWidget* parent) : QWidget(parent) {
  setObjectName(QStringLiteral("batchView"));
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(10);
  auto* line = new SheetFrame;
  line->box()->addWidget(inkLabel(tr("The line of work"), headingFont(), theme().ink));
  line->box()->addWidget(m_facts = inkLabel({}, bodyFont(), theme().ink, true));
  m_facts->setObjectName(QStringLiteral("batchFacts"));
  m_stations = new KeyedRows;
  m_stations->grid()->setContentsMargins(0, 4, 8, 0);
  m_stations->grid()->setHorizontalSpacing(8);
  m_stations->grid()->setVerticalSpacing(1);
  m_stations->grid()->setColumnStretch(1, 1);
  line->box()->addWidget(rolled(m_stations), 1);
  row->addWidget(line, 3);
  auto* takes = new SheetFrame;
  takes->box()->addWidget(inkLabel(tr("What it takes"), headingFont(), theme().ink));
  m_needs = new KeyedRows;
  m_needs->grid()->setContentsMargins(0, 0, 8, 0);
  m_needs->grid()->setSpacing(5);
  m_needs->grid()->setColumnStretch(1, 1);
  takes->box()->addWidget(rolled(m_needs), 1);
  row->addWidget(takes, 2);
}

void BatchView::show(const Plan& plan, const Batch* batch, const std::vector<StockNeed>& needs,
                     MeasureStyle style) {
  showText(m_facts, batch ? batchFacts(plan, *batch).join(u' ') : tr("Working it out …"));
  if (!batch) return;
  double longest = 1e-9;
  for (const Station& s : batch->stations)
    longest = std::max(longest, s.minutes + s.wait_min + s.rackWait_min);
  m_stations->begin();
  for (size_t k = 0; k < batch->stations.size(); ++k) {
    const Station& s = batch->stations[k];
    m_stations->next(QStringLiteral("station-%1").arg(k));
    m_stations->label(QString::number(k + 1), labelFont(), theme().soft, false,
                      Qt::AlignTop | Qt::AlignRight);
    m_stations->label(stationTitle(plan, *batch, s), bodyFont(QFont::DemiBold),
                      s.group > 0 ? theme().ochre : theme().ink, true);
    m_stations->cell<Share>([] { return new Share; }, Qt::AlignTop)
        ->set(s.minutes / longest, (s.wait_min + s.rackWait_min) / longest);
    m_stations->next(QStringLiteral("detail-%1").arg(k));
    m_stations->skip();
    m_stations->wide(2);
    m_stations->label(stationDetail(plan, *batch, s), labelFont(), theme().soft, true);
    if (const QString setUp = stationSetUp(plan, s); !setUp.isEmpty()) {
      m_stations->next(QStringLiteral("setUp-%1").arg(k));
      m_stations->skip();
      m_stations->wide(2);
      m_stations->label(setUp, labelFont(), theme().soft, true);
    }
  }
  m_stations->end();
  m_needs->begin();
  QStringList others;  // inks that nobody called low
  for (size_t k = 0; k < needs.size(); ++k) {
    const StockNeed& n = needs[k];
    if (n.what == StockNeed::What::Ink && n.state == StockNeed::State::Unknown) {
      others << QString::fromStdString(n.name);
      continue;
    }
    const bool bad = n.state == StockNeed::State::Missing, low = n.state == StockNeed::State::RunsLow;
    const Mark mark = bad                                   ? Mark::Here
                      : low                                 ? Mark::Look
                      : n.state == StockNeed::State::Enough ? Mark::Fine
                                                            : Mark::NotBegun;
    m_needs->next(QStringLiteral("need-%1-%2").arg(k).arg(static_cast<int>(mark)));
    m_needs->cell<MarkWidget>(
        [&] {
          return new MarkWidget(mark, bad ? theme().madder : low ? theme().ochre : theme().green);
        },
        Qt::AlignTop);
    m_needs->label(capital(needWords(n, style)), bodyFont(), theme().ink, true);
    m_needs->next(QStringLiteral("state-%1").arg(k));
    m_needs->skip();
    m_needs->label(stateWords(n), labelFont(), bad ? theme().madder : theme().soft, true);
  }
  if (!others.isEmpty()) {
    m_needs->next(QStringLiteral("inks"));
    m_needs->cell<MarkWidget>([] { return new MarkWidget(Mark::NotBegun, theme().green); }, Qt::AlignTop);
    m_needs->label(tr("Ink: %1").arg(others.join(QStringLiteral(", "))), bodyFont(), theme().ink, true);
    m_needs->next(QStringLiteral("inksState"));
    m_needs->skip();
    m_needs->label(tr("the drawer does not say how full they are"), labelFont(), theme().soft, true);
  }
  const QStringList buy = shoppingWords(needs, style);
  m_needs->next(QStringLiteral("buy"));
  m_needs->wide(2);
  m_needs->label(buy.isEmpty() ? tr("Nothing has to be bought.") : tr("To get"), bodyFont(QFont::DemiBold),
                 theme().ink, true);
  for (int k = 0; k < buy.size(); ++k) {
    m_needs->next(QStringLiteral("buy-%1").arg(k));
    m_needs->wide(2);
    m_needs->label(tr("– %1").arg(buy[k]), bodyFont(), theme().ink, true);
  }
  m_needs->end();
}

}  // namespace havlo
