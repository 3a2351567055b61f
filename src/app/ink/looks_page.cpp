#include "app/ink/looks_page.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

#include "app/common/rolled.h"
#include "app/common/sheet_frame.h"
#include "core/focus/looks.h"
#include "io/wording/focus_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {

ShareBars::ShareBars(PlanSession& session, QWidget* parent) : QWidget(parent), m_session(session) {
  setAccessibleName(tr("Shares of the pull"));
  setCursor(Qt::PointingHandCursor);
}

int ShareBars::rows() const {
  const auto& looks = m_session.scene()->looks;
  if (!looks || !looks->fits(m_session.plan())) return 0;
  return std::min(kMost, static_cast<int>(looks->ranking.size())) + 1;
}

double ShareBars::rowHeight() const { return QFontMetricsF(bodyFont()).height() + 6; }
QSize ShareBars::sizeHint() const { return {240, qRound(rows() * rowHeight()) + 2}; }

void ShareBars::paintEvent(QPaintEvent*) {
  const int n = rows();
  if (n == 0) return;
  const Looks& l = *m_session.scene()->looks;
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const double h = rowHeight(), names = std::min(150.0 * textScale(), width() * 0.45),
               room = width() - names - 52 * textScale();
  double most = std::max(l.elsewhere, 1e-9);
  for (double s : l.shares) most = std::max(most, s);
  for (int k = 0; k < n; ++k) {
    const bool rest = k == n - 1;
    const int thing = rest ? -1 : l.ranking[ix(k)];
    const double share = rest ? l.elsewhere : l.shares[ix(thing)];
    const bool hero = thing >= 0 && thing == l.hero;
    const double y = k * h;
    p.setFont(bodyFont(hero ? QFont::DemiBold : QFont::Normal));
    p.setPen(rest ? theme().soft : theme().ink);
    const QString name = rest ? tr("the background") : labelOf(m_session.plan(), thing);
    p.drawText(QRectF(0, y, names - 8, h), Qt::AlignVCenter | Qt::AlignLeft,
               QFontMetricsF(p.font()).elidedText(name, Qt::ElideRight, names - 8));
    const QRectF bar(names, y + h * 0.22, std::max(2.0, room * share / most), h * 0.56);
    p.setPen(Qt::NoPen);
    p.setBrush(hero ? theme().green : rest ? theme().rule : theme().soft);
    p.drawRect(bar);
    p.setPen(theme().ink);
    p.drawText(QRectF(bar.right() + 6, y, 60 * textScale(), h), Qt::AlignVCenter | Qt::AlignLeft,
               tr("%1 %").arg(qRound(100 * share)));
  }
}

void ShareBars::mousePressEvent(QMouseEvent* e) {
  const int k = static_cast<int>(e->position().y() / rowHeight());
  if (k < 0 || k >= rows() - 1) return;
  const int thing = m_session.scene()->looks->ranking[ix(k)];
  m_session.select(QString::fromStdString(m_session.plan().impressions[ix(thing)].id));
}

LooksPage::LooksPage(PlanSession& session, QWidget* parent) : QWidget(parent), m_session(session) {
  auto* inside = new QWidget;
  auto* column = new QVBoxLayout(inside);
  column->setContentsMargins(0, 0, 6, 0);
  column->setSpacing(8);
  column->addWidget(m_head = inkLabel({}, bodyFont(QFont::DemiBold), theme().ink, true));
  column->addWidget(m_bars = new ShareBars(session));
  const auto part = [&](const QString& title) {
    column->addWidget(inkLabel(title, bodyFont(QFont::DemiBold), theme().ink));
    auto* label = inkLabel({}, bodyFont(), theme().soft, true);
    column->addWidget(label);
    return label;
  };
  m_rivals = part(tr("Who competes, and why"));
  m_lines = part(tr("What leads the eye"));
  m_balance = part(tr("Balance"));
  m_plain = part(tr("Plain space"));
  column->addStretch(1);
  auto* outer = new QVBoxLayout(this);
  outer->setContentsMargins(0, 0, 0, 0);
  outer->addWidget(rolled(inside));
  connect(&session, &PlanSession::planChanged, this, &LooksPage::refresh);
  connect(&session, &PlanSession::looksChanged, this, &LooksPage::refresh);
  connect(&session, &PlanSession::unitsChanged, this, &LooksPage::refresh);
  refresh();
}

void LooksPage::refresh() {
  const Plan& plan = m_session.plan();
  const auto& looks = m_session.scene()->looks;
  m_bars->updateGeometry();
  m_bars->update();
  if (!looks || !looks->fits(plan)) {
    m_head->setText(plan.impressions.empty() ? tr("There is nothing on the card yet.") : tr("Looking …"));
    for (QLabel* l : {m_rivals, m_lines, m_balance, m_plain}) l->setText({});
    return;
  }
  m_head->setText(seenFirstWords(plan, *looks));
  QStringList rivals;
  for (const Rival& r : looks->rivals)
    rivals << tr("%1, %2 %: it has %3.")
                  .arg(capital(nameOf(plan, r.thing)))
                  .arg(qRound(100 * r.share))
                  .arg(whyWords(r));
  if (looks->hero < 0) rivals << tr("Choose a hero in the scene; then this tells what competes with it.");
  m_rivals->setText(rivals.isEmpty() ? tr("Nothing comes near the hero.") : rivals.join(u'\n'));
  QStringList lines;
  for (const EyeLine& line : looks->lines)
    if (line.thing != looks->hero || line.kind != EyeLineKind::Facing)
      lines << lineWords(plan, line, m_session.units());
  m_lines->setText(lines.isEmpty() ? tr("No look, row or path leads anywhere.") : lines.join(u'\n'));
  m_balance->setText(balanceWords(plan, *looks));
  const Box b = looks->plainest;
  m_plain->setText(
      b.empty() ? tr("Nothing is plain.")
                : tr("%1 % of the card is plain. The largest plain place is %2 by %3, %4 from the left, %5 "
                     "from the bottom.")
                      .arg(qRound(100 * looks->plainShare))
                      .arg(spoken(writeMeasure(Millimetres{b.width()}, m_session.units())),
                           spoken(writeMeasure(Millimetres{b.height()}, m_session.units())),
                           spoken(writeMeasure(Millimetres{b.left}, m_session.units())),
                           spoken(writeMeasure(Millimetres{b.bottom}, m_session.units()))));
}

}  // namespace havlo
