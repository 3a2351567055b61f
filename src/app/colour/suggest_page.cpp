#include "app/colour/suggest_page.h"

#include <QLabel>
#include <QPushButton>

#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/picture_box.h"
#include "app/common/rolled.h"
#include "app/session/drawer_session.h"
#include "core/base/parallel.h"
#include "core/chain/chain.h"
#include "core/region/known_regions.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"

namespace havlo {
namespace {

QString schemeName(ColouringScheme scheme) {
  switch (scheme) {
    case ColouringScheme::Akin:
      return SuggestPage::tr("Colours beside each other");
    case ColouringScheme::Opposite:
      return SuggestPage::tr("The hero against its surroundings");
    case ColouringScheme::AmongGreys:
      return SuggestPage::tr("One coloured among greys");
    case ColouringScheme::NearWarm:
      return SuggestPage::tr("Nearer warmer and deeper");
  }
  return {};
}

}  // namespace

SuggestPage::SuggestPage(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
                         QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_drawer(drawer),
      m_art(std::move(art)),
      m_job(new PlanJob<Result<Found>>(session, this)) {
  auto* inside = new QWidget;
  auto* column = new QVBoxLayout(inside);
  column->setContentsMargins(0, 0, 6, 0);
  column->setSpacing(8);
  column->addWidget(inkLabel(tr("The card coloured"), bodyFont(QFont::DemiBold), theme().ink));
  m_says = inkLabel({}, labelFont(), theme().soft, true);
  column->addWidget(m_says);
  m_rows = new KeyedRows;
  column->addWidget(m_rows);
  column->addStretch(1);
  auto* outer = new QVBoxLayout(this);
  outer->setContentsMargins(0, 0, 0, 0);
  outer->addWidget(rolled(inside));
  connect(&session, &PlanSession::planChanged, this, [this] {
    m_stale = true;
    if (isVisible()) beginWork();
  });
}

void SuggestPage::showEvent(QShowEvent*) { beginWork(); }

void SuggestPage::beginWork() {
  if (!m_stale) return;
  m_stale = false;
  const std::vector<Ink> inks = m_drawer.inksWith(m_session.plan());
  m_says->setText(tr("Colouring…"));
  m_job->run(
      [inks, art = m_art](const PlanState& of, const Progress& progress) -> Result<Found> {
        std::vector<RegionsRef> regions = of.analysis->regions;
        regions.resize(of.plan->stamps.size());
        forEachIndex(regions.size(), 2, [&](size_t s) {
          if (!regions[s]) regions[s] = knownRegions(of.plan->stamps[s], art.get());
        });
        auto proposals = proposeColourings(*of.plan, *of.analysis, inks, regions, art.get(), progress);
        if (!proposals) return proposals.error();
        Found found{std::move(proposals).value(), {}};
        for (const ColouringProposal& p : found.proposals) {
          const AnalysisRef a = analyse(p.plan, of.analysis.get(), art.get());
          const PressInput in = a->press(p.plan, art.get());
          PressTiles tiles(in, Grid(p.plan.card.panel.box(), 70));
          found.pictures.push_back(pictureOf(intendedCard(in, tiles)));
        }
        return found;
      },
      [this](const PlanState&, Result<Found> found) {
        if (found) show(found.value());
      });
}

void SuggestPage::show(const Found& found) {
  m_proposals = found.proposals;
  m_says->setText(
      m_proposals.empty()
          ? tr("This wants a hero and inks of colour, in the plan or in the drawer.")
          : tr("Each from the inks of the plan and the drawer. Parts left bare stay bare; everything "
               "else is coloured anew, and undo takes it back."));
  m_rows->begin();
  for (size_t k = 0; k < m_proposals.size(); ++k) {
    const ColouringProposal& p = m_proposals[k];
    const QString key = QString::number(static_cast<int>(p.scheme));
    m_rows->next(key);
    m_rows
        ->cell<PictureBox>([] {
          auto* box = new PictureBox;
          box->setFixedHeight(qRound(150 * textScale()));
          return box;
        })
        ->setPicture(found.pictures[k]);
    m_rows->next(key + QStringLiteral("-words"));
    m_rows->label(tr("%1: %2, with %3\u00a0% of the pull")
                      .arg(schemeName(p.scheme), p.heroRank == 1 ? tr("the hero first")
                                                                 : tr("the hero in place %1").arg(p.heroRank))
                      .arg(qRound(100 * p.heroShare)),
                  bodyFont(), theme().ink, true);
    m_rows->next(key + QStringLiteral("-take"));
    m_rows->cell<QPushButton>(
        [this, scheme = p.scheme] {
          auto* take = plainButton(tr("Take it"));
          take->setObjectName(QStringLiteral("takeColouring-%1").arg(static_cast<int>(scheme)));
          connect(take, &QPushButton::clicked, this, [this, scheme] {
            for (const ColouringProposal& one : m_proposals)
              if (one.scheme == scheme) {
                m_session.edit(tr("Colour the card"), Plan(one.plan));
                return;
              }
          });
          return take;
        },
        Qt::AlignLeft);
  }
  m_rows->end(false);
}

}  // namespace havlo
