#include "app/scene/mend_preview.h"

#include <QGridLayout>
#include <QLabel>
#include <QPushButton>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/picture_box.h"
#include "core/chain/chain.h"
#include "core/chain/foretell.h"
#include "core/edit/edits.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "io/wording/error_words.h"
#include "io/wording/names.h"

namespace havlo {
namespace {

constexpr double kPicture_dpi = 110;

QString told(const Analysis& a) {
  const Looks& l = *a.looks;
  const int left = warningsOf(a);
  const QString mend = left == 0   ? MendPreview::tr("nothing to look at")
                       : left == 1 ? MendPreview::tr("1 thing to look at")
                                   : MendPreview::tr("%1 things to look at").arg(left);
  if (l.hero < 0) return mend;
  return MendPreview::tr("The hero has %1 % of the pull; %2.").arg(qRound(100 * l.heroShare())).arg(mend);
}

}  // namespace

MendPreview::MendPreview(std::shared_ptr<const Plan> plan, const Fix& fix, const QString& what,
                         std::shared_ptr<SvgArt> art, QWidget* parent)
    : QDialog(parent), m_job(new Job<Result<Both>>(this)) {
  setObjectName(QStringLiteral("mendPreview"));
  setWindowTitle(tr("Before and after"));
  auto* grid = new QGridLayout(this);
  asSheet(grid);
  grid->setSpacing(10);
  grid->addWidget(inkLabel(what, headingFont(), theme().ink, true), 0, 0, 1, 2);
  const QString heads[] = {tr("As it is"), tr("As it would be")};
  for (int k = 0; k < 2; ++k) {
    grid->addWidget(inkLabel(heads[k], bodyFont(QFont::DemiBold), theme().ink), 1, k);
    grid->addWidget(m_pictures[k] = new PictureBox, 2, k);
    grid->addWidget(m_told[k] = inkLabel(tr("Looking …"), labelFont(), theme().soft, true), 3, k);
    grid->setColumnStretch(k, 1);
    m_pictures[k]->setMinimumSize(300, 220);
    // What is told comes later: it has its room from the beginning.
    m_told[k]->setMinimumHeight(2 * QFontMetrics(labelFont()).lineSpacing());
    m_pictures[k]->setAccessibleName(heads[k]);
  }
  grid->setRowStretch(2, 1);
  grid->addWidget(m_said = inkLabel({}, bodyFont(), theme().ink, true), 4, 0, 1, 2);
  auto* acts = new QHBoxLayout;
  m_take = drawnButton("act-done", tr("Do it"));
  m_take->setObjectName(QStringLiteral("take"));
  auto* leave = plainButton(tr("Leave it as it is"));
  leave->setObjectName(QStringLiteral("leave"));
  acts->addStretch(1);
  acts->addWidget(leave);
  acts->addWidget(m_take);
  grid->addLayout(acts, 5, 0, 1, 2);
  connect(leave, &QPushButton::clicked, this, &QDialog::reject);
  connect(m_take, &QPushButton::clicked, this, [this] {
    Q_EMIT taken();
    accept();
  });
  const QSize wanted(qRound(800 * textScale()), qRound(530 * textScale()));
  resize(parent ? wanted.boundedTo(parent->window()->size()) : wanted);
  m_job->run([plan, fix, art](const Progress& p) { return looked(*plan, fix, *art, p); },
             [this](const Result<Both>& both) {
               if (both) return display(both.value());
               m_said->setText(errorWords(both.error()));
               m_take->setEnabled(false);
             });
}

Result<MendPreview::Both> MendPreview::looked(const Plan& plan, const Fix& fix, SvgArt& art,
                                              const Progress& progress) {
  const auto then = applied(plan, fix);
  if (!then) return then.error();
  const Error kStopped{ErrorCode::Stopped, "stopped", {}};
  const Plan* plans[] = {&plan, &then.value()};
  AnalysisRef of[2];
  Both out;
  Side* sides[] = {&out.before, &out.after};
  for (int k = 0; k < 2; ++k) {
    of[k] = analyse(*plans[k], nullptr, &art);
    if (progress.stopped()) return kStopped;
    of[k] = withLooks(*plans[k], of[k], lookAt(*plans[k], *of[k], &art));
    if (progress.stopped()) return kStopped;
    *sides[k] = {intendedPicture(*plans[k], *of[k], art, kPicture_dpi), told(*of[k]), {}};
    if (progress.stopped()) return kStopped;
  }
  const AnalysisRef &a = of[0], &b = of[1];
  if (fix.impression >= 0 && fix.impression < static_cast<int>(plan.impressions.size())) {
    const std::string& id = plan.impressions[ix(fix.impression)].id;
    const auto place = [&](const Plan& p, const Analysis& x) -> std::vector<QPointF> {
      const int i = p.indexOf(id);
      if (i < 0) return {};
      const Point at = x.meetings.placed[ix(i)]->box.centre();
      return {QPointF(at.x / p.card.panel.width_mm, 1 - at.y / p.card.panel.height_mm)};
    };
    out.before.places = place(plan, *a), out.after.places = place(then.value(), *b);
  }
  const auto first = [](const Plan& p, const Analysis& x) {
    return x.looks->path.empty() || x.looks->path[0].thing < 0 ? QString()
                                                               : nameOf(p, x.looks->path[0].thing);
  };
  const QString was = first(plan, *a), is = first(then.value(), *b);
  if (!was.isEmpty() && !is.isEmpty())
    out.said = was == is ? tr("The eye still begins at %1.").arg(is)
                         : tr("The eye begins at %1 instead of %2.").arg(is, was);
  return out;
}

void MendPreview::display(const Both& both) {
  const Side* sides[] = {&both.before, &both.after};
  for (int k = 0; k < 2; ++k) {
    m_pictures[k]->setPicture(sides[k]->picture, sides[k]->places);
    m_told[k]->setText(sides[k]->told);
  }
  m_said->setText(both.said);
}

}  // namespace havlo
