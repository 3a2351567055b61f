#include "app/scene/mark_part.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QMenu>
#include <QPushButton>

#include "app/common/form_rows.h"
#include "app/common/metres_spin.h"
#include "core/edit/view_edits.h"
#include "core/viewpoint/ground.h"
#include "io/wording/view_words.h"

namespace havlo {

MarkPart::MarkPart(PlanSession& session, QWidget* parent) : QWidget(parent), m_session(session) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  auto* rows = new FormRows;
  column->addWidget(rows);
  rows->addWide(m_markName = inkLabel({}, bodyFont(QFont::DemiBold), theme().ink));
  rows->addWide(inkLabel(tr("Drag its points on the card; the vanishing point catches the far end."),
                         labelFont(), theme().soft, true));
  m_width = metresSpin(0.01, 1e5, "markWidth");
  m_tall = metresSpin(0.01, 1e5, "markHeight");
  m_spacing = metresSpin(0.01, 1e5, "markSpacing");
  m_mirrors = new QCheckBox(tr("Mirrors what stands in it"));
  rows->add(tr("Width"), m_width)->setToolTip(tr("in the scene"));
  rows->add(tr("Height"), m_tall);
  rows->add(tr("Spacing"), m_spacing);
  rows->addWide(m_mirrors);
  auto* bend = plainButton(tr("Add a bend"));
  auto* drop = plainButton(tr("Take it away"));
  drop->setObjectName(QStringLiteral("dropMark"));
  rows->addPair(bend, drop);
  connect(m_width, &QDoubleSpinBox::valueChanged, this,
          [this](double m) { changeMark(tr("Width of %1"), [m](GroundMark& g) { g.width_m = m; }); });
  connect(m_tall, &QDoubleSpinBox::valueChanged, this,
          [this](double m) { changeMark(tr("Height of %1"), [m](GroundMark& g) { g.height_m = m; }); });
  connect(m_spacing, &QDoubleSpinBox::valueChanged, this,
          [this](double m) { changeMark(tr("Spacing of %1"), [m](GroundMark& g) { g.spacing_m = m; }); });
  connect(m_mirrors, &QCheckBox::toggled, this,
          [this](bool on) { changeMark(tr("Mirror in %1"), [on](GroundMark& g) { g.mirrors = on; }); });
  connect(bend, &QPushButton::clicked, this, [this] {
    changeMark(tr("Bend %1"), [](GroundMark& g) {
      const size_t n = g.along.size();
      if (n < 2) return;
      const Point a = g.along[n - 2], b = g.along[n - 1];
      g.along.insert(g.along.end() - 1, {(a.x + b.x) / 2 + 4, (a.y + b.y) / 2});
    });
  });
  connect(drop, &QPushButton::clicked, this, [this] {
    const int k = m_session.chosenMark();
    if (k < 0) return;
    const GroundMark& g = m_session.plan().ground[ix(k)];
    m_session.edit(tr("Take %1 away").arg(markName(g)), withoutGroundMark(m_session.plan(), g.id));
  });
}

template <typename F>
void MarkPart::changeMark(const QString& what, F change) {
  const int k = m_session.chosenMark();
  if (m_filling || k < 0) return;
  GroundMark mark = m_session.plan().ground[ix(k)];
  change(mark);
  m_session.edit(what.arg(markName(mark)), withGroundMark(m_session.plan(), mark));
}

void MarkPart::fill() {
  m_filling = true;
  const GroundMark& g = m_session.plan().ground[ix(m_session.chosenMark())];
  QString name = markName(g);
  name[0] = name[0].toUpper();
  m_markName->setText(name);
  m_width->setValue(g.width_m);
  m_tall->setValue(g.height_m);
  m_spacing->setValue(g.spacing_m.value_or(usualSpacing(g.kind)));
  m_mirrors->setChecked(g.mirrors);
  m_width->setEnabled(g.kind != GroundKind::Wall && g.kind != GroundKind::Shadow);
  m_tall->setEnabled(g.kind == GroundKind::Wall);
  m_spacing->setEnabled(g.kind == GroundKind::Canal || g.kind == GroundKind::Rails ||
                        g.kind == GroundKind::Water || g.kind == GroundKind::Ripples);
  m_mirrors->setVisible(g.kind == GroundKind::Canal || g.kind == GroundKind::Water);
  m_filling = false;
}

}  // namespace havlo
