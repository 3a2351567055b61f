#include "app/drawer/trace_panel.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSlider>

#include "app/common/form_rows.h"

namespace havlo {
namespace {

// Slider steps to units.
constexpr double kDarkness = 100, kSpeck = 100, kGap = 10, kGrow = 20, kLevel = 10;

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

void TracePanel::showSettings(const TraceSettings& now) {
  const QSignalBlocker a(m_darkness), b(m_speck), c(m_gap), d(m_grow);
  m_darkness->setValue(steps(now.darkness, kDarkness)), m_grow->setValue(steps(now.grow_mm, kGrow));
  m_speck->setValue(steps(now.speck_mm2, kSpeck));
  m_gap->setValue(steps(now.gap_mm, kGap));
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

}  // namespace havlo
