// Worked out in a worker while the page is in sight. The heat is drawn along the borders themselves: width
// and colour grow with the chance.
#include "app/order/joins_page.h"

#include <QCoreApplication>
#include <QHBoxLayout>
#include <QPainter>
#include <QProgressBar>
#include <QPushButton>
#include <algorithm>

#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/picture_box.h"
#include "app/common/rolled.h"
#include "app/common/sheet_frame.h"
#include "core/edit/card_edits.h"
#include "core/edit/edits.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "io/wording/names.h"
#include "io/wording/say.h"
#include "io/wording/work_words.h"

namespace havlo {
namespace {

constexpr double kPictureDpi = 130;
constexpr int kListed = 8, kCareful = 3;

/// From ochre to madder; nothing below one in twenty.
QColor heatOf(double chance) {
  const Theme t = lightTheme();
  const double u = std::clamp((chance - 0.05) / 0.75, 0.0, 1.0);
  const auto mix = [&](int a, int b) { return qRound(a + u * (b - a)); };
  QColor c(mix(t.ochre.red() + 60, t.madder.red()), mix(t.ochre.green() + 60, t.madder.green()),
           mix(t.ochre.blue() + 60, t.madder.blue()));
  c.setAlpha(qRound(90 + 165 * u));
  return c;
}

QImage withHeat(QImage image, const Plan& plan, const JoinRisk& risk) {
  QPainter p(&image);
  p.setRenderHint(QPainter::Antialiasing);
  const double sx = image.width() / plan.card.panel.width_mm, sy = image.height() / plan.card.panel.height_mm;
  const auto at = [&](Point q) { return QPointF(q.x * sx, image.height() - q.y * sy); };
  p.fillRect(image.rect(), QColor(253, 252, 247, 110));
  // The likeliest on top.
  for (auto j = risk.joins.rbegin(); j != risk.joins.rend(); ++j)
    for (const JoinPoint& q : j->points) {
      const double seen = q.chance * (0.3 + 0.7 * j->contrast);
      if (seen < 0.05) continue;
      p.setPen(Qt::NoPen);
      p.setBrush(heatOf(seen));
      const double r = sx * (0.45 + 0.7 * seen);
      p.drawEllipse(at(q.at), r, r);
    }
  const Theme t = lightTheme();
  for (size_t k = 0; k < std::min<size_t>(kCareful, risk.joins.size()); ++k) {
    const auto& points = risk.joins[k].points;
    const auto worst =
        std::max_element(points.begin(), points.end(),
                         [](const JoinPoint& a, const JoinPoint& b) { return a.chance < b.chance; });
    const QPointF c = at(worst->at);
    p.setBrush(t.madder);
    p.setPen(QPen(t.card, 2));
    p.drawEllipse(c, 13, 13);
    p.setPen(t.card);
    p.setFont(sizedFont(15, QFont::Bold));
    p.drawText(QRectF(c.x() - 13, c.y() - 13, 26, 26), Qt::AlignCenter, QString::number(k + 1));
  }
  return image;
}

}  // namespace

JoinsPage::JoinsPage(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_art(std::move(art)),
      m_job(new PlanJob<Result<Found>>(session, this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(10);
  auto* left = new SheetFrame;
  m_head = inkLabel({}, headingFont(), theme().ink, true);
  m_words = inkLabel({}, bodyFont(), theme().soft, true);
  m_progress = new QProgressBar;
  m_progress->setRange(0, 100);
  m_progress->setAccessibleName(tr("Trying the joins"));
  m_picture = new PictureBox;
  left->box()->addWidget(m_head);
  left->box()->addWidget(m_words);
  left->box()->addWidget(m_progress);
  left->box()->addWidget(m_picture, 1);
  row->addWidget(left, 5);
  auto* right = new SheetFrame;
  right->box()->addWidget(inkLabel(tr("Joins to be careful with"), headingFont(), theme().ink));
  right->box()->addWidget(inkLabel(tr("Tried ten thousand times with masks laid 0.4 mm and 0.7° off and cut "
                                      "0.15 mm off (usual figures). A join shows "
                                      "when a gap or ink run in is wider than 0.3 mm."),
                                   labelFont(), theme().soft, true));
  m_list = new KeyedRows;
  m_list->grid()->setContentsMargins(0, 4, 6, 4);
  m_list->grid()->setVerticalSpacing(3);
  right->box()->addWidget(rolled(m_list), 1);
  row->addWidget(right, 4);
  connect(&session, &PlanSession::planChanged, this, &JoinsPage::planChanged);
  connect(m_job, &JobBase::progressed, this,
          [this](double share) { m_progress->setValue(qRound(100 * share)); });
  connect(m_job, &JobBase::finished, m_progress, &QWidget::hide);
}

void JoinsPage::planChanged() {
  m_stale = true;
  m_risk.reset();
  if (isVisible()) work();
}

void JoinsPage::showEvent(QShowEvent*) {
  if (m_stale) work();
}

void JoinsPage::work() {
  m_stale = false;
  m_progress->setValue(0);
  m_progress->show();
  m_job->run(
      [art = m_art](const PlanState& of, const Progress& progress) -> Result<Found> {
        auto risk = joinRisk(*of.plan, *of.analysis, {handErrors(of.plan->habits)}, progress);
        if (!risk) return risk.error();
        Found out{std::move(risk).value(), {}};
        if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
        const double dpi = dpiWithin(of.plan->card.panel.box(), kPictureDpi, 2e6);
        out.picture = withHeat(intendedPicture(*of.plan, *of.analysis, *art, dpi), *of.plan, out.risk);
        return out;
      },
      [this](const PlanState& of, Result<Found> found) {
        if (!found) return;
        m_of = of;
        m_risk = std::move(found.value().risk);
        m_picture->setPicture(found.value().picture);
        show();
      });
}

void JoinsPage::beginWork() {
  if (m_stale) work();
}

void JoinsPage::show() {
  const Plan& plan = *m_of.plan;
  const JoinRisk& risk = *m_risk;
  m_list->begin();
  if (risk.joins.empty()) {
    m_head->setText(tr("Nothing to join"));
    m_words->setText(tr("No mask is laid on this card, so no edge has to meet another."));
    return m_list->end();
  }
  m_head->setText(risk.expected < 0.5 ? tr("Hardly a join will show")
                                      : tr("About %1 of %2 papers may leave a join that shows")
                                            .arg(qRound(risk.expected))
                                            .arg(risk.layings));
  const MeasureStyle units = m_session.units();
  const QString pen =
      risk.pen_mm < 1
          ? tr("No line's end should want the pen.")
          : tr("About %1 of line ends to join by pen.").arg(lengthText(std::round(risk.pen_mm), units));
  m_words->setText(
      pen + u' ' +
      (plan.habits.cards == 1 ? tr("Your hands, from 1 card: masks laid to %1, cut to %2.")
       : plan.habits.cards > 1
           ? tr("Your hands, from %1 cards: masks laid to %2, cut to %3.").arg(plan.habits.cards)
           : tr("Supposed are careful hands: masks laid to %1, cut to %2."))
          .arg(fineText(plan.habits.maskPlacing_mm, units), fineText(plan.habits.maskCutting_mm, units)) +
      u' ' +
      tr("A gap is noticed from %1 on. Numbers mark the three to be careful with.")
          .arg(lengthText(3, units)));
  for (size_t k = 0; k < std::min<size_t>(kListed, risk.joins.size()); ++k) {
    const Join& j = risk.joins[k];
    const QString name = capital(joinName(plan, j));
    m_list->next(QStringLiteral("join-%1").arg(k));
    m_list->label(k < kCareful ? QStringLiteral("%1  %2").arg(k + 1).arg(name) : name,
                  bodyFont(k < kCareful ? QFont::DemiBold : QFont::Normal), theme().ink, true);
    m_list->next(QStringLiteral("words-%1").arg(k));
    m_list->label(tr("shows in %1 of tries: a white gap %2, ink run in %3; %4 mm to join%5")
                      .arg(chanceWords(j.shows), chanceWords(j.gap), chanceWords(j.runIn))
                      .arg(j.length_mm, 0, 'f', 0)
                      .arg(j.tape ? tr(", by tape") : QString()),
                  labelFont(), theme().soft, true);
    for (size_t e = 0; k < kCareful && e < j.easier.size(); ++e) {
      m_list->next(QStringLiteral("ease-%1-%2").arg(k).arg(e));
      m_list->cell<QPushButton>([this, k, e] { return easeButton(k, e); }, Qt::AlignLeft)
          ->setText(easeWords(plan, j, j.easier[e]));
    }
  }
  m_list->end();
}

QPushButton* JoinsPage::easeButton(size_t join, size_t way) {
  auto* button = plainButton({});
  button->setFont(labelFont(QFont::DemiBold));
  button->setStyleSheet(QStringLiteral("text-align: left; padding: 2px 4px;"));
  connect(button, &QPushButton::clicked, this, [this, join, way] {
    if (m_risk && join < m_risk->joins.size() && way < m_risk->joins[join].easier.size())
      ease(Join(m_risk->joins[join]), JoinEase(m_risk->joins[join].easier[way]));
  });
  return button;
}

void JoinsPage::ease(const Join& j, const JoinEase& e) {
  if (!m_session.isNow(m_of)) return;
  const Plan& plan = m_session.plan();
  const std::string& id = plan.impressions[ix(j.front)].id;
  Supplies s = plan.supplies;
  switch (e.how) {
    case JoinEase::How::Inset:
      s.maskInset_mm = e.inset_mm;
      m_session.edit(tr("Cut masks %1 mm inside").arg(e.inset_mm, 0, 'f', 2), withSupplies(plan, s));
      break;
    case JoinEase::How::FootMark:
      s.footMark = FootMark::Notch;
      m_session.edit(tr("Notch the masks at the foot"), withSupplies(plan, s));
      break;
    case JoinEase::How::PopUp:
      m_session.edit(tr("Pop up %1").arg(nameOf(plan, j.front)), withSchool(plan, id, School::PopUp));
      break;
    case JoinEase::How::Resist:
      m_session.edit(tr("Emboss %1").arg(nameOf(plan, j.front)), withSchool(plan, id, School::Resist));
      break;
  }
}

}  // namespace havlo
