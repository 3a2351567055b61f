#include "app/ink/greeting_page.h"

#include <QCheckBox>
#include <QComboBox>
#include <QCoreApplication>
#include <QPushButton>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/rolled.h"
#include "core/edit/edits.h"
#include "core/plan/role_facts.h"
#include "io/art/svg_art.h"
#include "io/wording/finding_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

QString wayWords(const Plan& plan, const LegibleWay& way) {
  switch (way.by) {
    case LegibleBy::Move:
      return GreetingPage::tr("Move it to plain space");
    case LegibleBy::Ink:
      return GreetingPage::tr("Stamp it in %1").arg(inkName(*plan.ink(way.fix.ink)));
    case LegibleBy::WhiteEmbossing:
      return GreetingPage::tr("Emboss it in %1").arg(inkName(*plan.ink(way.fix.ink)));
    case LegibleBy::Strip:
      return GreetingPage::tr("Put it on a strip of its own");
  }
  return {};
}

}  // namespace

GreetingPage::GreetingPage(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_art(std::move(art)),
      m_job(new Job<std::optional<GreetingPlace>>(this)) {
  auto* inside = new QWidget;
  auto* column = new QVBoxLayout(inside);
  column->setContentsMargins(0, 0, 6, 0);
  column->setSpacing(8);
  m_which = new QComboBox;
  m_which->setAccessibleName(tr("Which greeting"));
  column->addWidget(m_which);
  column->addWidget(m_head = inkLabel({}, bodyFont(QFont::DemiBold), theme().ink, true));
  column->addWidget(m_says = inkLabel({}, bodyFont(), theme().soft, true));
  column->addWidget(m_ways = new KeyedRows);
  m_level = drawnButton("act-upright", tr("Set it level"));
  column->addWidget(m_level, 0, Qt::AlignLeft);
  column->addSpacing(6);
  column->addWidget(inkLabel(tr("Where it could stand"), bodyFont(QFont::DemiBold), theme().ink));
  m_second = new QComboBox;
  m_second->addItem(tr("For this word alone"), static_cast<int>(GreetingWish::Second::None));
  m_second->addItem(tr("With room for a second word below it"),
                    static_cast<int>(GreetingWish::Second::Below));
  m_second->addItem(tr("With room for a second word above it"),
                    static_cast<int>(GreetingWish::Second::Above));
  m_second->setAccessibleName(tr("Room for a second word"));
  m_second->setObjectName(QStringLiteral("secondWord"));
  m_ground = new QCheckBox(tr("On the hero's ground line"));
  m_ground->setObjectName(QStringLiteral("sameGround"));
  column->addWidget(m_second);
  column->addWidget(m_ground);
  auto* acts = new QHBoxLayout;
  m_find = drawnButton("act-find", tr("Find its place"));
  m_find->setObjectName(QStringLiteral("findPlace"));
  m_move = drawnButton("act-done", tr("Move it there"));
  m_move->setObjectName(QStringLiteral("moveThere"));
  acts->addWidget(m_find);
  acts->addWidget(m_move);
  acts->addStretch(1);
  column->addLayout(acts);
  column->addWidget(m_placeSays = inkLabel({}, bodyFont(), theme().soft, true));
  column->addStretch(1);
  auto* outer = new QVBoxLayout(this);
  outer->setContentsMargins(0, 0, 0, 0);
  outer->addWidget(rolled(inside));
  connectActs();
  connect(m_which, &QComboBox::activated, this, &GreetingPage::refresh);
  const auto anew = [this] {
    m_place.reset();
    Q_EMIT roomFound({});
    refresh();
  };
  connect(&session, &PlanSession::planChanged, this, anew);
  connect(&session, &PlanSession::looksChanged, this, &GreetingPage::refresh);
  refresh();
}

void GreetingPage::connectActs() {
  connect(m_find, &QPushButton::clicked, this, &GreetingPage::findPlace);
  connect(m_second, &QComboBox::currentIndexChanged, this, [this] {
    if (m_place) findPlace();
  });
  connect(m_ground, &QCheckBox::toggled, this, [this] {
    if (m_place) findPlace();
  });
  connect(m_move, &QPushButton::clicked, this, [this] {
    if (const int i = chosen(); i >= 0 && m_place)
      m_session.edit(tr("Move %1 to plain space").arg(nameOf(m_session.plan(), i)),
                     withFoot(m_session.plan(), m_session.plan().impressions[ix(i)].id, m_place->foot));
  });
  connect(m_level, &QPushButton::clicked, this, [this] {
    if (const int i = chosen(); i >= 0)
      m_session.edit(tr("Set %1 level").arg(nameOf(m_session.plan(), i)),
                     withTurn(m_session.plan(), m_session.plan().impressions[ix(i)].id, Degrees{0}));
  });
}

void GreetingPage::hideEvent(QHideEvent*) { Q_EMIT roomFound({}); }

int GreetingPage::chosen() const {
  return m_session.plan().indexOf(m_which->currentData().toString().toStdString());
}

void GreetingPage::refresh() {
  const Plan& plan = m_session.plan();
  const QString before = m_which->currentData().toString();
  m_which->clear();
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    if (factsOf(plan.stamp(plan.impressions[i].stamp)->role).words)
      m_which->addItem(labelOf(plan, static_cast<int>(i)), QString::fromStdString(plan.impressions[i].id));
  if (const int k = m_which->findData(before); k >= 0) m_which->setCurrentIndex(k);
  m_which->setVisible(m_which->count() > 1);
  const int i = chosen();
  for (QWidget* w : std::initializer_list<QWidget*>{m_find, m_second, m_ground}) w->setEnabled(i >= 0);
  m_move->setEnabled(m_place.has_value());
  m_level->setVisible(i >= 0 && std::fabs(plan.impressions[ix(i)].turn_deg) > 0.05);
  const auto& looks = m_session.scene()->looks;
  const Greeting* greeting = nullptr;
  if (looks && looks->fits(plan))
    for (const Greeting& g : looks->greetings)
      if (g.impression == i) greeting = &g;
  if (i < 0) {
    m_head->setText(tr("There is no greeting on the card."));
    m_says->setText(
        tr("Take a stamp with words from the drawer and put it on the card; then its place is found here."));
  } else if (!greeting) {
    m_head->setText(labelOf(plan, i));
    m_says->setText(tr("Looking …"));
  } else {
    const double wanted = ratioWanted(*plan.stamp(plan.impressions[ix(i)].stamp));
    const QString ratio = tr("%1 : 1").arg(greeting->ratio, 0, 'f', 1);
    m_head->setText(greeting->ratio >= wanted ? tr("%1 reads well: %2").arg(labelOf(plan, i), ratio)
                                              : tr("%1 is hard to read: %2").arg(labelOf(plan, i), ratio));
    QString says = tr("Contrast of its ink on the ground that is really there, where it is worst. Letters of "
                      "this size want "
                      "%1 : 1 (WCAG 2).")
                       .arg(wanted, 0, 'f', 1);
    if (greeting->crowded_mm2 > 1 && greeting->crowding >= 0)
      says += u' ' + tr("%1 comes into its room (%2 mm²).")
                         .arg(capital(nameOf(plan, greeting->crowding)))
                         .arg(greeting->crowded_mm2, 0, 'f', 0);
    m_says->setText(says);
  }
  if (greeting) fillWays(*greeting);
  m_ways->setVisible(greeting != nullptr);
  if (!m_place) m_placeSays->setText({});
}

void GreetingPage::fillWays(const Greeting& greeting) {
  constexpr size_t kMost = 4;
  m_offered = waysToLegible(m_session.plan(), greeting);
  m_offered.resize(std::min(kMost, m_offered.size()));
  m_ways->begin();
  for (size_t k = 0; k < m_offered.size(); ++k) {
    m_ways->next(QStringLiteral("way-%1").arg(k));
    auto* button = m_ways->cell<QPushButton>([this, k] {
      auto* b = new QPushButton;
      b->setObjectName(QStringLiteral("way-%1").arg(k));
      connect(b, &QPushButton::clicked, this, [this, k] {
        if (k >= m_offered.size()) return;
        const auto way = m_offered[k];
        m_session.edit(wayWords(m_session.plan(), way), applied(m_session.plan(), way.fix));
      });
      return b;
    });
    button->setText(wayWords(m_session.plan(), m_offered[k]));
    m_ways->label(tr("then %1 : 1").arg(m_offered[k].ratio, 0, 'f', 1), bodyFont(), theme().soft);
  }
  m_ways->end(false);
}

void GreetingPage::findPlace() {
  const int i = chosen();
  const auto& looks = m_session.scene()->looks;
  if (i < 0 || !looks || !looks->fits(m_session.plan())) return;
  GreetingWish wish;
  wish.secondWord = static_cast<GreetingWish::Second>(m_second->currentData().toInt()),
  wish.sameGround = m_ground->isChecked();
  m_job->run(
      [plan = m_session.snapshot(), analysis = m_session.scene(), art = m_art, i, wish](const Progress&) {
        return placeGreeting(*plan, *analysis, *analysis->looks, art.get(), i, wish);
      },
      [this](std::optional<GreetingPlace> place) {
        m_place = std::move(place);
        m_move->setEnabled(m_place.has_value());
        m_placeSays->setText(
            m_place
                ? tr("Plain on every side by %1, level, centred by its ink and a little above the middle.")
                      .arg(spoken(writeMeasure(Millimetres{m_place->margin_mm}, m_session.units())))
                : tr("It fits nowhere with room round it. Take something away, or a smaller greeting."));
        Q_EMIT roomFound(m_place ? std::optional(m_place->room) : std::nullopt);
      });
}

}  // namespace havlo
