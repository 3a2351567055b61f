#include "app/scene/several_panel.h"

#include <QComboBox>
#include <QGridLayout>
#include <QPushButton>
#include <QSpinBox>
#include <algorithm>
#include <cmath>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/ink_tin.h"
#include "app/face/thing_acts.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

/// What all of them have, or nothing.
template <typename F>
auto common(const Plan& plan, const std::vector<int>& things, F of) {
  std::optional<std::decay_t<decltype(of(plan.impressions[0]))>> out;
  for (const int i : things) {
    const auto& here = of(plan.impressions[ix(i)]);
    if (out && *out != here) return decltype(out){};
    out = here;
  }
  return out;
}

}  // namespace

SeveralPanel::SeveralPanel(PlanSession& session, ThingActs& acts, QWidget* parent)
    : QWidget(parent), m_session(session), m_acts(acts) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 4, 0, 0);
  auto* rows = new FormRows;
  rows->addWide(m_says = inkLabel({}, bodyFont(), theme().ink, true));
  rows->add(tr("Ink"), m_ink = new QComboBox);
  rows->add(tr("Pressing"), m_pressing = new QSpinBox);
  rows->add(tr("School"), m_school = new QComboBox);
  m_ink->setObjectName(QStringLiteral("inkOfAll"));
  m_pressing->setObjectName(QStringLiteral("pressingOfAll"));
  m_school->setObjectName(QStringLiteral("schoolOfAll"));
  m_pressing->setRange(0, 99);
  m_pressing->setSpecialValueText(tr("several"));
  for (const School s : kWaysToChoose) m_school->addItem(schoolName(s));
  column->addWidget(rows);
  auto* grid = new QGridLayout;
  grid->setSpacing(4);
  const std::pair<const char*, QString> buttons[] = {
      {"toFront", tr("In front")},  {"toBack", tr("Behind")},         {"lineNear", tr("As near")},
      {"lineFar", tr("As far")},    {"evenPicture", tr("Even gaps")}, {"evenScene", tr("Even metres")},
      {"another", tr("Once more")}, {"upright", tr("Upright")},       {"hold", tr("Hold")},
      {"hide", tr("Hide")}};
  int n = 0;
  for (const auto& [id, text] : buttons) {
    QPushButton* button = plainButton(text);
    const QString name = QLatin1String(id);
    button->setObjectName(name + QStringLiteral("OfAll"));
    button->setIcon(drawingIcon(drawingOfAct(name)));
    for (const Command& c : acts.commands())
      if (c.id == name) button->setToolTip(QString(c.text).remove(u'&'));
    connect(button, &QPushButton::clicked, this, [&acts, name] { acts.run(name); });
    grid->addWidget(button, n / 2, n % 2);
    m_buttons.emplace_back(name, button);
    ++n;
  }
  column->addLayout(grid);
  column->addStretch(1);
  connect(m_ink, &QComboBox::activated, this, [this](int k) {
    if (!m_filling) m_acts.setInk(m_ink->itemData(k).toString().toStdString());
  });
  connect(m_pressing, &QSpinBox::valueChanged, this, [this](int pressing) {
    if (!m_filling && pressing > 0) m_acts.setPressing(pressing);
  });
  connect(m_school, &QComboBox::activated, this, [this](int k) {
    if (!m_filling) m_acts.setSchool(kWaysToChoose[k]);
  });
}

void SeveralPanel::refresh() {
  const Plan& plan = m_session.plan();
  const std::vector<int> things = m_session.chosenIndices();
  if (things.size() < 2) return;
  m_filling = true;
  constexpr size_t kNamed = 5;
  const std::vector<int> some(things.begin(),
                              things.begin() + static_cast<long>(std::min(kNamed, things.size())));
  QString says = things.size() <= kNamed
                     ? capital(listOf(plan, some))
                     : tr("%1 and %2 more").arg(capital(listOf(plan, some))).arg(things.size() - kNamed);
  double near = 1e300, far = 0;
  for (const int i : things)
    if (const double d = m_session.scene()->depth->distance_m(i); std::isfinite(d))
      near = std::min(near, d), far = std::max(far, d);
  if (far > 0)
    says += far - near < 0.05 * near
                ? tr(". All about %1 away.").arg(spoken(writeDistance(Metres{near})))
                : tr(". %1 to %2 away.")
                      .arg(spoken(writeDistance(Metres{near})), spoken(writeDistance(Metres{far})));
  m_says->setText(says);
  const auto ink = common(plan, things, [](const Impression& i) { return i.ink; });
  m_ink->clear();
  for (const Ink& one : plan.inks)
    m_ink->addItem(padIcon(one.colour), inkName(one), QString::fromStdString(one.id));
  m_ink->setPlaceholderText(tr("several inks"));
  m_ink->setCurrentIndex(ink ? m_ink->findData(QString::fromStdString(*ink)) : -1);
  const auto pressing = common(plan, things, [](const Impression& i) { return i.generation; });
  m_pressing->setValue(pressing.value_or(0));
  const auto school = common(plan, things, [](const Impression& i) { return i.school; });
  m_school->setPlaceholderText(tr("several schools"));
  m_school->setCurrentIndex(-1);
  for (size_t k = 0; school && k < std::size(kWaysToChoose); ++k)
    if (kWaysToChoose[k] == *school) m_school->setCurrentIndex(static_cast<int>(k));
  for (const auto& [id, button] : m_buttons)
    for (const Command& c : m_acts.commands())
      if (c.id == id) button->setEnabled(c.enabled());
  m_filling = false;
}

}  // namespace havlo
