#include "app/drawer/trace_panel.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSlider>

#include "app/common/form_rows.h"
#include "core/drawer/drawer.h"
#include "io/wording/drawer_words.h"

namespace havlo {
namespace {

// Slider steps to units.
constexpr double kDarkness = 100, kSpeck = 100, kGap = 10, kGrow = 20, kLevel = 10;

QString thingOf(const TypicalHeight& h) {
  return QString::fromUtf8(h.thing.data(), static_cast<qsizetype>(h.thing.size()));
}

int steps(double value, double perUnit) { return qRound(value * perUnit); }

}  // namespace

TracePanel::TracePanel(QWidget* parent) : QWidget(parent) {
  const TraceSettings usual;
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(5);
  column->addWidget(inkLabel(tr("3  Mend what was traced"), bodyFont(QFont::Bold), theme().ink));
  column->addWidget(
      inkLabel(tr("Click inside it to make a hole or to fill one. Drag the foot to where it stands."),
               labelFont(), theme().soft, true));
  auto* rows = new FormRows;
  m_darkness = slider(-100, 100, 0, tr("How dark counts as ink"));
  m_speck = slider(0, 100, steps(usual.speck_mm2, kSpeck), tr("Size of specks that are dropped"));
  m_gap = slider(0, 40, steps(usual.gap_mm, kGap), tr("Width of openings that are closed"));
  m_grow = slider(-20, 20, 0, tr("Outline inward or outward"));
  m_turn = new QSlider(Qt::Horizontal);
  m_turn->setRange(-150, 150);
  m_turn->setAccessibleName(tr("Level"));
  connect(m_turn, &QSlider::sliderReleased, this,
          [this] { Q_EMIT levelChosen(Degrees{m_turn->value() / kLevel}); });
  rows->add(tr("More ink"), m_darkness);
  rows->add(tr("Drop specks"), m_speck);
  rows->add(tr("Close gaps"), m_gap);
  rows->add(tr("In or out"), m_grow);
  rows->add(tr("Level"), m_turn);
  column->addWidget(rows);
  auto* tools = new QHBoxLayout;
  for (const auto& [text, which] : {std::pair{tr("Add a part"), ScanView::Tool::Add},
                                    std::pair{tr("Take a part away"), ScanView::Tool::Remove}}) {
    auto* b = new QPushButton(text);
    b->setCheckable(true);
    b->setProperty("tool", static_cast<int>(which));
    connect(b, &QPushButton::clicked, this,
            [this, tool = which](bool on) { Q_EMIT toolChosen(on ? tool : ScanView::Tool::Look); });
    m_tools.push_back(b);
    tools->addWidget(b);
  }
  tools->addStretch(1);
  column->addLayout(tools);
  auto* undo = plainButton(tr("As it was found"));
  connect(undo, &QPushButton::clicked, this, &TracePanel::startOverRequested);
  column->addWidget(undo, 0, Qt::AlignLeft);

  column->addWidget(inkLabel(tr("4  What is it?"), bodyFont(QFont::Bold), theme().ink));
  auto* facts = new FormRows;
  m_name = new QLineEdit;
  m_name->setFont(bodyFont());
  m_role = new QComboBox;
  for (int r = 0; r <= static_cast<int>(Role::Greeting); ++r) m_role->addItem(roleName(static_cast<Role>(r)));
  m_role->setCurrentIndex(static_cast<int>(Role::Prop));
  m_facing = new QComboBox;
  for (int f = 0; f <= static_cast<int>(Facing::Right); ++f)
    m_facing->addItem(facingName(static_cast<Facing>(f)));
  m_heights = new QComboBox;
  facts->add(tr("Name"), m_name);
  facts->add(tr("Shows a"), m_role);
  facts->add(tr("Facing"), m_facing);
  facts->add(tr("Real height"), m_heights);
  connect(m_name, &QLineEdit::textChanged, this, &TracePanel::offerHeights);
  connect(m_role, &QComboBox::activated, this, &TracePanel::offerHeights);
  column->addWidget(facts);
  m_facts = inkLabel({}, labelFont(), theme().ink, true);
  column->addWidget(m_facts);
}

QSlider* TracePanel::slider(int least, int most, int now, const QString& name) {
  auto* s = new QSlider(Qt::Horizontal);
  s->setRange(least, most);
  s->setValue(now);
  s->setPageStep(std::max(1, (most - least) / 10));
  s->setAccessibleName(name);
  connect(s, &QSlider::valueChanged, this, &TracePanel::mended);
  return s;
}

void TracePanel::startOver(const QString& name) {
  const TraceSettings usual;
  const QSignalBlocker a(m_darkness), b(m_speck), c(m_gap), d(m_grow);
  m_darkness->setValue(0), m_grow->setValue(0);
  m_speck->setValue(steps(usual.speck_mm2, kSpeck));
  m_gap->setValue(steps(usual.gap_mm, kGap));
  m_name->setText(name);
  offerHeights();
}

void TracePanel::apply(TraceSettings& settings) const {
  settings.darkness = m_darkness->value() / kDarkness;
  settings.speck_mm2 = m_speck->value() / kSpeck;
  settings.gap_mm = m_gap->value() / kGap;
  settings.grow_mm = m_grow->value() / kGrow;
}

void TracePanel::showLevel(Degrees level) {
  const QSignalBlocker quiet(m_turn);
  m_turn->setValue(steps(level.value, kLevel));
}

void TracePanel::showTool(ScanView::Tool tool) {
  for (QPushButton* b : m_tools) b->setChecked(b->property("tool").toInt() == static_cast<int>(tool));
}

void TracePanel::showFacts(const QString& facts) { m_facts->setText(facts); }

QString TracePanel::name() const { return m_name->text().trimmed(); }

void TracePanel::describe(Stamp& stamp) const {
  stamp.role = static_cast<Role>(m_role->currentIndex());
  stamp.facing = static_cast<Facing>(m_facing->currentIndex());
  if (m_heights->currentIndex() <= 0) return;
  const QVariantList h = m_heights->currentData().toList();
  stamp.realHeight = RealHeight{h[0].toDouble(), h[1].toDouble(), h[2].toDouble(), {}};
}

void TracePanel::offerHeights() {
  const QString chosen = m_heights->currentIndex() > 0 ? m_heights->currentText() : QString();
  m_heights->clear();
  m_heights->addItem(tr("not said: no scale check"));
  const auto offers = heightsFor(m_name->text().toStdString(), static_cast<Role>(m_role->currentIndex()));
  for (const TypicalHeight& h : offers)
    m_heights->addItem(
        QStringLiteral("%1: %2").arg(thingOf(h), heightWords({h.typical_m, h.least_m, h.most_m, {}})),
        QVariantList{h.typical_m, h.least_m, h.most_m});
  // A name that says what it is has its height offered at once.
  const bool named = !offers.empty() && m_name->text().toLower().contains(thingOf(offers[0]));
  if (named) m_heights->setCurrentIndex(1);
  if (const int k = m_heights->findText(chosen); k > 0 && !named) m_heights->setCurrentIndex(k);
}

}  // namespace havlo
