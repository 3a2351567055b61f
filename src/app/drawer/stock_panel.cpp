#include "app/drawer/stock_panel.h"

#include <QComboBox>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>
#include <algorithm>

#include "app/common/choice_list.h"
#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/ink_tin.h"
#include "app/common/measure_edit.h"
#include "core/batch/used_up.h"
#include "core/card/card_sizes.h"
#include "io/wording/card_words.h"
#include "io/wording/names.h"
#include "io/wording/stock_words.h"

namespace havlo {

StockPanel::StockPanel(PlanSession& session, DrawerSession& drawer, QWidget* parent)
    : QWidget(parent), m_session(session), m_drawer(drawer) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  auto* sheet = new SheetFrame;
  column->addWidget(sheet);
  sheet->box()->addWidget(inkLabel(tr("Stock"), headingFont(), theme().ink));
  m_list = new ChoiceList;
  m_list->setAccessibleName(tr("Stock in the drawer"));
  m_list->setFrameShape(QFrame::NoFrame);
  sheet->box()->addWidget(m_list, 1);
  buildForm();
  sheet->box()->addWidget(m_form);
  m_remove = plainButton(tr("Out of the drawer"));
  sheet->box()->addWidget(buildAdding());
  sheet->box()->addWidget(m_remove);
  connect(m_list, &ChoiceList::currentRowChanged, this, &StockPanel::show);
  connect(m_remove, &QPushButton::clicked, this, [this] {
    if (const DrawerGood* good = chosen()) m_drawer.removeGood(good->key);
  });
  listenToForm();
  connect(&drawer, &DrawerSession::changed, this, &StockPanel::refresh);
  connect(&session, &PlanSession::unitsChanged, this, &StockPanel::refresh);
  refresh();
}

void StockPanel::buildForm() {
  m_form = new FormRows;
  m_form->add(tr("Name"), m_name = new QLineEdit);
  m_form->add(tr("Ink"), m_ink = new QComboBox);
  m_form->add(tr("Size"), m_size = new QComboBox);
  m_size->addItem(tr("as measured"));
  for (const UsualSize& size : usualEnvelopes())
    m_size->addItem(QString::fromUtf8(size.name.data(), static_cast<qsizetype>(size.name.size())));
  m_width = new MeasureEdit(tr("Width"));
  m_height = new MeasureEdit(tr("Height"));
  m_form->add(tr("Measures"), m_width, m_height);
  m_thickness = new MeasureEdit(tr("Height of the foam"));
  m_thickness->setUnits(MeasureStyle::Millimetres);
  m_form->add(tr("Height"), m_thickness);
  m_count = new QSpinBox;
  m_count->setObjectName(QStringLiteral("goodCount"));
  m_count->setRange(-1, 100000);
  m_count->setSpecialValueText(tr("not counted"));
  m_count->setKeyboardTracking(false);
  m_form->add(tr("There are"), m_count);
  m_left = new QComboBox;
  m_left->setObjectName(QStringLiteral("goodLeft"));
  m_left->addItems({tr("enough"), tr("runs low"), tr("used up")});
  m_form->add(tr("There is"), m_left);
  m_form->add(tr("Notes"), m_notes = new QLineEdit);
}

/// The button that opens what can be added.
QWidget* StockPanel::buildAdding() {
  auto* add = drawnButton("act-sheet", tr("Add to the stock"));
  add->setObjectName(QStringLiteral("addGood"));
  auto* menu = new QMenu(add);
  for (const auto& [text, kind] : {std::pair(tr("Envelopes"), GoodKind::Envelope),
                                   {tr("Foam"), GoodKind::Foam},
                                   {tr("Adhesive"), GoodKind::Adhesive},
                                   {tr("Masking paper"), GoodKind::Masking},
                                   {tr("How full an ink is"), GoodKind::Ink},
                                   {tr("Something else"), GoodKind::Other}})
    menu->addAction(text, this, [this, kind = kind] { this->add(kind); });
  add->setProperty("opens", true);
  add->setMenu(menu);
  return add;
}

void StockPanel::listenToForm() {
  connect(m_name, &QLineEdit::editingFinished, this,
          [this] { change([this](DrawerGood& g) { g.name = m_name->text().trimmed().toStdString(); }); });
  connect(m_notes, &QLineEdit::editingFinished, this,
          [this] { change([this](DrawerGood& g) { g.notes = m_notes->text().trimmed().toStdString(); }); });
  connect(m_ink, &QComboBox::activated, this, [this] {
    change([this](DrawerGood& g) {
      g.ink = m_ink->currentData().toString().toStdString(), g.name = m_ink->currentText().toStdString();
    });
  });
  connect(m_size, &QComboBox::activated, this, [this](int row) {
    if (row < 1) return;
    const UsualSize& size = usualEnvelopes()[ix(row - 1)];
    change([&](DrawerGood& g) {
      g.name = std::string(size.name), g.width_mm = size.width_mm, g.height_mm = size.height_mm;
    });
  });
  connect(m_width, &MeasureEdit::changed, this,
          [this](double mm) { change([mm](DrawerGood& g) { g.width_mm = std::clamp(mm, 0.0, 2000.0); }); });
  connect(m_height, &MeasureEdit::changed, this,
          [this](double mm) { change([mm](DrawerGood& g) { g.height_mm = std::clamp(mm, 0.0, 2000.0); }); });
  connect(m_thickness, &MeasureEdit::changed, this, [this](double mm) {
    change([mm](DrawerGood& g) { g.thickness_mm = std::clamp(mm, 0.0, 100.0); });
  });
  for (MeasureEdit* e : {m_width, m_height, m_thickness})
    connect(e, &MeasureEdit::trouble, &m_drawer, &DrawerSession::trouble);
  connect(m_count, &QSpinBox::valueChanged, this, [this](int n) {
    change([n](DrawerGood& g) { g.count = n < 0 ? std::nullopt : std::optional(n); });
  });
  connect(m_left, &QComboBox::activated, this,
          [this](int row) { change([row](DrawerGood& g) { g = told(g, static_cast<Left>(row)); }); });
}

const DrawerGood* StockPanel::chosen() const {
  const int k = m_list->currentRow();
  return k >= 0 && ix(k) < m_drawer.goods().size() ? &m_drawer.goods()[ix(k)] : nullptr;
}

template <typename F>
void StockPanel::change(F how) {
  const DrawerGood* good = chosen();
  if (m_showing || !good) return;
  DrawerGood changed = *good;
  how(changed);
  if (!(changed == *good)) m_drawer.putGood(changed);
}

void StockPanel::add(GoodKind kind) {
  DrawerGood good;
  good.key = freshKey(), good.kind = kind;
  switch (kind) {
    case GoodKind::Envelope:
      good.name = tr("Envelopes").toStdString(), good.count = 0;
      break;
    case GoodKind::Foam:
      good.name = tr("Foam dots").toStdString(), good.thickness_mm = 1.5, good.count = 0;
      break;
    case GoodKind::Adhesive:
      good.name = tr("Adhesive").toStdString();
      break;
    case GoodKind::Masking:
      good.name = tr("Masking paper").toStdString(), good.width_mm = 210, good.height_mm = 297,
      good.count = 0;
      break;
    case GoodKind::Ink:
      if (!m_drawer.inks().empty())
        good.ink = m_drawer.inks().front().id, good.name = m_drawer.inks().front().name;
      break;
    case GoodKind::Other:
      good.name = tr("New").toStdString();
  }
  if (m_drawer.putGood(good)) m_list->choose(QString::fromStdString(good.key));
}

void StockPanel::refresh() {
  std::vector<ChoiceRow> rows;
  for (const DrawerGood& g : m_drawer.goods())
    rows.push_back({QString::fromStdString(g.key),
                    tr("%1: %2").arg(QString::fromStdString(g.name), goodWords(g, m_session.units()))});
  m_list->setRows(std::move(rows));
  show();
}

void StockPanel::show() {
  const DrawerGood* g = chosen();
  m_form->setVisible(g != nullptr);
  m_form->setEnabled(!m_drawer.readOnly());
  m_remove->setVisible(g != nullptr);
  if (!g) return;
  m_showing = true;
  m_name->setText(QString::fromStdString(g->name));
  m_notes->setText(QString::fromStdString(g->notes));
  m_ink->clear();
  for (const Ink& ink : m_drawer.inks())
    m_ink->addItem(padIcon(ink.colour), inkName(ink), QString::fromStdString(ink.id));
  m_ink->setCurrentIndex(m_ink->findData(QString::fromStdString(g->ink)));
  m_size->setCurrentIndex(0);
  for (size_t k = 0; k < usualEnvelopes().size(); ++k)
    if (usualEnvelopes()[k].width_mm == g->width_mm && usualEnvelopes()[k].height_mm == g->height_mm)
      m_size->setCurrentIndex(static_cast<int>(k) + 1);
  m_width->setUnits(m_session.units()), m_height->setUnits(m_session.units());
  m_width->setMeasure(g->width_mm), m_height->setMeasure(g->height_mm);
  m_thickness->setMeasure(g->thickness_mm);
  m_count->setValue(g->count.value_or(-1));
  m_left->setCurrentIndex(static_cast<int>(g->left));
  m_form->setRowVisible(m_name, g->kind != GoodKind::Ink);
  m_form->setRowVisible(m_ink, g->kind == GoodKind::Ink);
  m_form->setRowVisible(m_size, g->kind == GoodKind::Envelope);
  const bool sized = g->kind == GoodKind::Envelope || g->kind == GoodKind::Masking;
  m_form->setRowVisible(m_width, sized);
  m_height->setVisible(sized);
  m_form->setRowVisible(m_thickness, g->kind == GoodKind::Foam);
  m_form->setRowVisible(m_count, g->kind != GoodKind::Ink);
  m_form->setRowVisible(m_left, !g->count);
  m_showing = false;
}

}  // namespace havlo
