// One slip at a time, each pressed anew in a worker and compared with what was planned.
#include "app/order/slips_page.h"

#include <QCheckBox>
#include <QComboBox>
#include <QCoreApplication>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QPushButton>
#include <algorithm>

#include "app/common/form_rows.h"
#include "app/common/ink_tin.h"
#include "app/common/picture_box.h"
#include "app/common/sheet_frame.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "io/wording/error_words.h"
#include "io/wording/names.h"
#include "io/wording/work_words.h"

namespace havlo {
namespace {

constexpr double kSlipDpi = 130;
constexpr int kMostWords = 6;

}  // namespace

SlipsPage::SlipsPage(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_art(std::move(art)),
      m_job(new PlanJob<Result<Pressed>>(session, this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(10);
  auto* left = new SheetFrame;
  m_head = inkLabel(tr("Try a slip"), headingFont(), theme().ink, true);
  m_picture = new PictureBox;
  left->box()->addWidget(m_head);
  left->box()->addWidget(m_picture, 1);
  row->addWidget(left, 5);

  row->addWidget(buildSlips(), 3);

  connect(&session, &PlanSession::planChanged, this, &SlipsPage::planChanged);
  fillChoices();
}

QWidget* SlipsPage::buildSlips() {
  auto* right = new SheetFrame;
  right->setMinimumWidth(qRound(330 * textScale()));
  right->box()->addWidget(inkLabel(tr("What if …"), headingFont(), theme().ink));
  right->box()->addWidget(
      inkLabel(tr("Nothing of the plan is changed here. Spoil simulated paper instead of real paper."),
               labelFont(), theme().soft, true));
  auto* shuffle = new QPushButton(tr("… the steps are shuffled?"));
  shuffle->setObjectName(QStringLiteral("shuffle"));
  right->box()->addWidget(shuffle);
  right->box()->addSpacing(6);
  auto* rows = new FormRows;
  m_thing = new QComboBox;
  rows->add(tr("With"), m_thing);
  right->box()->addWidget(rows);
  auto* forget = new QPushButton(tr("… its mask is forgotten?"));
  forget->setObjectName(QStringLiteral("forget"));
  auto* worn = new QPushButton(tr("… its mask is never remade?"));
  worn->setObjectName(QStringLiteral("worn"));
  right->box()->addWidget(forget);
  right->box()->addWidget(worn);
  auto* inkRow = new QHBoxLayout;
  auto* otherInk = new QPushButton(tr("… it is stamped in"));
  otherInk->setObjectName(QStringLiteral("otherInk"));
  m_ink = new QComboBox;
  m_ink->setAccessibleName(tr("Other ink"));
  inkRow->addWidget(otherInk);
  inkRow->addWidget(m_ink, 1);
  right->box()->addLayout(inkRow);
  right->box()->addWidget(inkLabel(tr("… it lands 1 mm off?"), bodyFont(), theme().ink));
  auto* ways = new QHBoxLayout;
  const auto way = [&](const QString& text, double dx, double dy) {
    auto* b = new QPushButton(text);
    connect(b, &QPushButton::clicked, this, [this, dx, dy] { shift(dx, dy); });
    ways->addWidget(b);
  };
  way(tr("left"), -1, 0), way(tr("right"), 1, 0), way(tr("up"), 0, 1), way(tr("down"), 0, -1);
  right->box()->addLayout(ways);
  auto* lively = new QCheckBox(tr("Press as hands do: unevenly, pop-ups with their shadow"));
  right->box()->addWidget(lively);
  right->box()->addSpacing(8);
  m_words = inkLabel({}, bodyFont(), theme().ink, true);
  m_words->setAlignment(Qt::AlignTop | Qt::AlignLeft);
  right->box()->addWidget(m_words, 1);
  connect(shuffle, &QPushButton::clicked, this, [this] {
    WhatIf w = about(WhatIf::Kind::Shuffle);
    w.seed = ++m_shuffles;
    tryOut(w);
  });
  connect(forget, &QPushButton::clicked, this, [this] { tryOut(about(WhatIf::Kind::ForgetMask)); });
  connect(worn, &QPushButton::clicked, this, [this] { tryOut(about(WhatIf::Kind::OneMask)); });
  connect(otherInk, &QPushButton::clicked, this, [this] {
    WhatIf w = about(WhatIf::Kind::OtherInk);
    w.ink = m_ink->currentData().toString().toStdString();
    tryOut(w);
  });
  connect(lively, &QCheckBox::toggled, this, [this](bool on) { m_lively = on; });
  return right;
}

void SlipsPage::showEvent(QShowEvent*) {
  if (m_unshown) fillChoices();
  if (m_simulation || m_job->running()) return;
  m_head->setText(tr("Try a slip"));
  m_words->setText(tr("Choose on the right what goes wrong."));
  // To begin with, the card as it is meant to be.
  const Plan& plan = m_session.plan();
  m_picture->setPicture(
      intendedPicture(plan, *m_session.analysis(), *m_art, dpiWithin(plan.card.panel.box(), kSlipDpi, 1e6)));
}

void SlipsPage::planChanged() {
  m_job->cancel();
  m_simulation.reset();
  m_unshown = true;
  if (isVisible()) showEvent(nullptr);
}

void SlipsPage::fillChoices() {
  m_unshown = false;
  const QString before = m_thing->currentData().toString();
  const Plan& plan = m_session.plan();
  m_thing->clear();
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    m_thing->addItem(labelOf(plan, static_cast<int>(i)), QString::fromStdString(plan.impressions[i].id));
  int chosen = m_thing->findData(before);
  for (size_t i = 0; i < plan.impressions.size() && chosen < 0; ++i)
    if (plan.impressions[i].hero) chosen = static_cast<int>(i);
  m_thing->setCurrentIndex(std::max(0, chosen));
  const QString ink = m_ink->currentData().toString();
  m_ink->clear();
  for (const Ink& i : plan.inks) m_ink->addItem(padIcon(i.colour), inkName(i), QString::fromStdString(i.id));
  m_ink->setCurrentIndex(std::max(0, m_ink->findData(ink)));
}

void SlipsPage::chooseThing(int impression) {
  if (m_unshown) fillChoices();
  m_thing->setCurrentIndex(impression);
}

WhatIf SlipsPage::about(WhatIf::Kind kind) const {
  WhatIf w;
  w.kind = kind;
  w.impression = m_session.plan().indexOf(m_thing->currentData().toString().toStdString());
  return w;
}

void SlipsPage::shift(double dx, double dy) {
  WhatIf w = about(WhatIf::Kind::Misplaced);
  w.by = {dx, dy};
  tryOut(w);
}

void SlipsPage::tryOut(const WhatIf& what) {
  if (m_session.plan().impressions.empty()) return;
  m_head->setText(tr("Being pressed"));
  m_job->run(
      [art = m_art, what, lively = m_lively](const PlanState& of,
                                             const Progress& progress) -> Result<Pressed> {
        const auto& plan = of.plan;
        const auto& analysis = of.analysis;
        const auto slip = slipped(*plan, *analysis, what);
        if (!slip) return slip.error();
        const Slip& s = slip.value();
        const PressInput intended = analysis->press(*plan, art.get());
        PressRun run;
        run.intended = &intended;
        run.maskLife = s.maskLife;
        const double dpi = dpiWithin(plan->card.panel.box(), kSlipDpi, 1e6);
        const PressInput in = s.analysis->press(*s.plan, art.get());
        auto pressed = simulate(in, s.analysis->sheet, dpi, progress, {}, {}, run);
        if (!pressed) return pressed.error();
        Pressed out{std::move(pressed).value(), {}, {}};
        out.picture = pictureOf(out.simulation.card);
        if (lively) {
          run.manner = {true, true, true, true, 1};
          PressTiles tiles(in, Grid(plan->card.panel.box(), dpi));
          if (auto alive = replay(in, s.analysis->sheet, tiles, progress, {}, run))
            out.picture = pictureOf(alive.value().card);
        }
        for (const Difference& d : out.simulation.worst)
          if (!d.explained && out.words.size() < kMostWords) out.words << blameWords(*plan, *s.analysis, d);
        out.words.removeDuplicates();
        return out;
      },
      [this](const PlanState& of, Result<Pressed> result) {
        if (!result) {
          m_head->setText(tr("That cannot be tried"));
          m_words->setText(errorReason(result.error()));
          return;
        }
        Pressed p = std::move(result).value();
        std::vector<QPointF> marks;
        const PanelSize& panel = of.plan->card.panel;
        for (const Difference& d : p.simulation.worst)
          if (!d.explained && marks.size() < 6)
            marks.push_back({d.at.x / panel.width_mm, 1 - d.at.y / panel.height_mm});
        m_picture->setPicture(p.picture, marks);
        m_head->setText(p.simulation.proven ? tr("No harm done")
                                            : tr("%1 mm² come out otherwise")
                                                  .arg(p.simulation.unexplained_mm2, 0, 'f',
                                                       p.simulation.unexplained_mm2 < 10 ? 1 : 0));
        m_words->setText(p.simulation.proven ? tr("The card comes out as planned.")
                                             : p.words.join(QStringLiteral("\n\n")));
        m_simulation = std::move(p.simulation);
      });
}

QString SlipsPage::verdict() const { return m_head->text() + u'\n' + m_words->text(); }

}  // namespace havlo
