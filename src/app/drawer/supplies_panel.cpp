#include "app/drawer/supplies_panel.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPainter>
#include <QPainterPath>
#include <QPushButton>
#include <QRegularExpression>
#include <QSignalBlocker>
#include <QSpinBox>
#include <cmath>

#include "app/common/choice_list.h"
#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/ink_tin.h"
#include "app/common/measure_edit.h"
#include "app/common/swatch.h"
#include "app/common/swatch_dialog.h"
#include "app/common/tip.h"
#include "app/drawer/stock_panel.h"
#include "app/files/file_chooser.h"
#include "core/edit/card_edits.h"
#include "core/tone/tone.h"
#include "core/trace/test_strip.h"
#include "io/art/shape_path.h"
#include "io/scan/scan_file.h"
#include "io/wording/colour_words.h"
#include "io/wording/drawer_words.h"
#include "io/wording/error_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

/// A dab of ink: one pressing beside the next, each paler, over a grey line that shows how it covers.
QIcon dabOf(const Ink& ink) {
  const int w = qRound(104 * textScale()), h = qRound(30 * textScale());
  QPixmap pix(w, h);
  pix.fill(QColor(0xfd, 0xfc, 0xf7));
  QPainter p(&pix);
  p.setRenderHint(QPainter::Antialiasing);
  p.fillRect(QRectF(0, h * 0.42, w, h * 0.16), QColor(0x8b, 0x95, 0x98));
  for (int g = 1; g <= 3; ++g) {
    QColor c = colourOf(ink.colour);
    const double s = strengthOf(ink, g);
    c.setAlphaF(static_cast<float>(std::min(1.0, s * (0.55 + 0.45 * ink.opacity) + 0.1)));
    QPainterPath dab;
    const double x = w * (0.02 + 0.33 * (g - 1));
    dab.moveTo(x, h * 0.2);
    dab.cubicTo(x + w * 0.1, h * 0.08, x + w * 0.22, h * 0.16, x + w * 0.3, h * 0.22);
    dab.cubicTo(x + w * 0.32, h * 0.5, x + w * 0.29, h * 0.7, x + w * 0.27, h * 0.84);
    dab.cubicTo(x + w * 0.16, h * 0.94, x + w * 0.06, h * 0.86, x + w * 0.01, h * 0.8);
    dab.closeSubpath();
    p.fillPath(dab, c);
  }
  return QIcon(pix);
}

QIcon sheetOf(const DrawerPaper& paper) {
  return swatchOf(paper.colour, qRound(40 * textScale()), qRound(30 * textScale()));
}

void showColour(QPushButton* b, Colour c) {
  b->setIcon(swatchOf(c, 22, 16));
  b->setIconSize(QSize(22, 16));
  b->setText(colourWords(c));
}

QSpinBox* spin(int least, int most, int step, const QString& unit) {
  auto* s = new QSpinBox;
  s->setRange(least, most);
  s->setSingleStep(step);
  s->setSuffix(unit);
  s->setFont(bodyFont());
  s->setKeyboardTracking(false);
  return s;
}

}  // namespace

SuppliesPanel::SuppliesPanel(PlanSession& session, DrawerSession& drawer, QWidget* parent)
    : QWidget(parent), m_session(session), m_drawer(drawer) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(10);
  row->addWidget(buildInks(), 3);
  row->addWidget(buildPapers(), 2);
  row->addWidget(new StockPanel(session, drawer), 2);
  connect(&drawer, &DrawerSession::changed, this, &SuppliesPanel::refresh);
  connect(&session, &PlanSession::unitsChanged, this, &SuppliesPanel::showPaper);
  refresh();
}

QWidget* SuppliesPanel::buildInks() {
  auto* sheet = new SheetFrame;
  sheet->box()->addWidget(inkLabel(tr("Inks"), headingFont(), theme().ink));
  auto* row = new QHBoxLayout;
  m_inks = new ChoiceList;
  m_inks->setAccessibleName(tr("Inks in the drawer"));
  m_inks->setIconSize(QSize(qRound(104 * textScale()), qRound(30 * textScale())));
  m_inks->setFrameShape(QFrame::NoFrame);
  m_inks->setSpacing(2);
  row->addWidget(m_inks, 1);
  auto* rows = new FormRows;
  rows->setFixedWidth(qRound(240 * textScale()));
  m_inkName = new QLineEdit;
  rows->add(tr("Name"), m_inkName);
  m_kind = new QComboBox;
  for (int k = 0; k <= static_cast<int>(InkKind::Paint); ++k)
    m_kind->addItem(inkKindName(static_cast<InkKind>(k)));
  rows->add(tr("Kind"), m_kind);
  m_inkColour = new QPushButton;
  rows->add(tr("Colour"), m_inkColour);
  m_opacity = spin(0, 100, 5, QStringLiteral(" %"));
  m_opacity->setToolTip(tr("0 %: what is below shows through wholly; 100 %: it covers what is below"));
  rows->add(tr("Covers"), m_opacity);
  m_dryCard = spin(0, 86400, 15, tr(" s"));
  rows->add(tr("Dries on card"), m_dryCard);
  m_dryMask = spin(0, 86400, 30, tr(" s"));
  rows->add(tr("Dries on masks"), m_dryMask);
  m_pressings = new QLineEdit;
  m_pressings->setObjectName(QStringLiteral("pressings"));
  rows->add(tr("Pressings"), m_pressings)
      ->setToolTip(tr("how strong each pressing is, in % of the first: 100, 70, 49"));
  auto* strip = plainButton(tr("From a test strip"));
  strip->setProperty(kOtherWords, true);  // where feet may stand is a strip as well in some languages
  strip->setToolTip(tr("a scan of one stamp pressed again and again without inking, in reading order"));
  rows->addWide(strip);
  rows->addWide(m_stripSays = inkLabel({}, labelFont(), theme().soft, true));
  m_stripSays->hide();
  m_strip = new Job<Result<std::vector<double>>>(this);
  auto* put = drawnButton("act-paste", tr("Use it in this plan"));
  rows->addWide(put);
  auto* add = drawnButton("place-ink", tr("Add an ink"));
  auto* scanned = plainButton(tr("Inks from a scan"));
  scanned->setToolTip(tr("a scan of patches of your inks and markers side by side on white paper"));
  auto* remove = plainButton(tr("Out of the drawer"));
  rows->addWide(add);
  rows->addWide(scanned);
  rows->addWide(remove);
  connect(scanned, &QPushButton::clicked, this, [this] {
    const std::vector<std::string> ids = SwatchDialog::ask(
        m_drawer, FileChooser::ask({tr("A scanned strip of your colours"), {picturesKind()}}, this), this);
    if (!ids.empty()) m_inks->choose(QString::fromStdString(ids.front()));
  });
  auto* side = new QVBoxLayout;
  side->addWidget(rows);
  side->addStretch(1);
  row->addLayout(side);
  sheet->box()->addLayout(row, 1);
  connect(m_inks, &ChoiceList::currentRowChanged, this, &SuppliesPanel::showInk);
  connect(m_inkName, &QLineEdit::editingFinished, this,
          [this] { changeInk([this](Ink& i) { i.name = m_inkName->text().trimmed().toStdString(); }); });
  connect(m_kind, &QComboBox::activated, this,
          [this](int k) { changeInk([k](Ink& i) { i.kind = static_cast<InkKind>(k); }); });
  connect(m_opacity, &QSpinBox::valueChanged, this,
          [this](int v) { changeInk([v](Ink& i) { i.opacity = v / 100.0; }); });
  connect(m_dryCard, &QSpinBox::valueChanged, this,
          [this](int v) { changeInk([v](Ink& i) { i.dryOnCard_s = v; }); });
  connect(m_dryMask, &QSpinBox::valueChanged, this,
          [this](int v) { changeInk([v](Ink& i) { i.dryOnMask_s = v; }); });
  connect(m_pressings, &QLineEdit::editingFinished, this, &SuppliesPanel::takePressings);
  connect(strip, &QPushButton::clicked, this, [this] {
    FileChooser::choose({tr("A scanned test strip"), {picturesKind()}}, this,
                        [this](const QString& path) { readStrip(path); });
  });
  connect(m_inkColour, &QPushButton::clicked, this, [this] {
    const Ink* ink = chosenInk();
    if (!ink) return;
    InkTin::choose(tr("Colour of %1").arg(inkName(*ink)), ink->colour, this,
                   [this](Colour c) { changeInk([c](Ink& i) { i.colour = c; }); });
  });
  connect(put, &QPushButton::clicked, this, [this] {
    if (const Ink* ink = chosenInk())
      m_session.edit(tr("Ink %1 for this plan").arg(inkName(*ink)), withInkAdded(m_session.plan(), *ink));
  });
  connect(add, &QPushButton::clicked, this, [this] {
    Ink ink;
    ink.id = freshKey();
    ink.name = tr("New ink").toStdString();
    ink.colour = {0x55, 0x60, 0x66};
    if (m_drawer.putInk(ink)) m_inks->choose(QString::fromStdString(ink.id));
  });
  connect(remove, &QPushButton::clicked, this, [this] {
    if (const Ink* ink = chosenInk()) m_drawer.removeInk(ink->id);
  });
  return sheet;
}

QWidget* SuppliesPanel::buildPapers() {
  auto* sheet = new SheetFrame;
  sheet->box()->addWidget(inkLabel(tr("Papers"), headingFont(), theme().ink));
  m_papers = new ChoiceList;
  m_papers->setAccessibleName(tr("Papers in the drawer"));
  m_papers->setIconSize(QSize(qRound(40 * textScale()), qRound(30 * textScale())));
  m_papers->setFrameShape(QFrame::NoFrame);
  sheet->box()->addWidget(m_papers, 1);
  auto* rows = new FormRows;
  m_paperName = new QLineEdit;
  rows->add(tr("Name"), m_paperName);
  m_paperColour = new QPushButton;
  rows->add(tr("Colour"), m_paperColour);
  m_thickness = new MeasureEdit(tr("Thickness of the paper"));
  m_thickness->setUnits(MeasureStyle::Millimetres);
  rows->add(tr("Thickness"), m_thickness);
  m_width = new MeasureEdit(tr("Width of a sheet"));
  m_height = new MeasureEdit(tr("Height of a sheet"));
  rows->add(tr("Sheet"), m_width, m_height);
  m_grain = new QComboBox;
  m_grain->setObjectName(QStringLiteral("paperGrain"));
  m_grain->setAccessibleName(tr("Which way the fibres run"));
  m_grain->setToolTip(
      tr("bend the sheet gently both ways: it gives more easily round its fibres, and folds "
         "without cracking along them"));
  m_grain->addItem(tr("not known"), static_cast<int>(Grain::Unknown));
  m_grain->addItem(tr("upright, along the height"), static_cast<int>(Grain::Upright));
  m_grain->addItem(tr("level, along the width"), static_cast<int>(Grain::Level));
  rows->add(tr("Fibres run"), m_grain);
  connect(m_grain, &QComboBox::activated, this, [this](int k) {
    changePaper([g = static_cast<Grain>(m_grain->itemData(k).toInt())](DrawerPaper& p) { p.grain = g; });
  });
  m_sheets = spin(-1, 100000, 1, tr(" sheets"));
  m_sheets->setObjectName(QStringLiteral("paperSheets"));
  m_sheets->setSpecialValueText(tr("not counted"));
  rows->add(tr("There are"), m_sheets);
  connect(m_sheets, &QSpinBox::valueChanged, this, [this](int n) {
    changePaper([n](DrawerPaper& p) { p.sheets = n < 0 ? std::nullopt : std::optional(n); });
  });
  m_paperNotes = new QLineEdit;
  rows->add(tr("Notes"), m_paperNotes);
  auto* put = drawnButton("act-paste", tr("Use it in this plan"));
  auto* add = drawnButton("act-sheet", tr("Add a paper"));
  auto* remove = plainButton(tr("Out of the drawer"));
  for (QWidget* w : {put, add, remove}) rows->addWide(w);
  sheet->box()->addWidget(rows);
  connect(m_papers, &ChoiceList::currentRowChanged, this, &SuppliesPanel::showPaper);
  connect(m_paperName, &QLineEdit::editingFinished, this, [this] {
    changePaper([this](DrawerPaper& p) { p.name = m_paperName->text().trimmed().toStdString(); });
  });
  connect(m_paperNotes, &QLineEdit::editingFinished, this, [this] {
    changePaper([this](DrawerPaper& p) { p.notes = m_paperNotes->text().trimmed().toStdString(); });
  });
  connect(m_thickness, &MeasureEdit::changed, this, [this](double mm) {
    changePaper([mm](DrawerPaper& p) { p.thickness_mm = std::clamp(mm, 0.0, 20.0); });
  });
  connect(m_width, &MeasureEdit::changed, this, [this](double mm) {
    changePaper([mm](DrawerPaper& p) { p.width_mm = std::clamp(mm, 0.0, 5000.0); });
  });
  connect(m_height, &MeasureEdit::changed, this, [this](double mm) {
    changePaper([mm](DrawerPaper& p) { p.height_mm = std::clamp(mm, 0.0, 5000.0); });
  });
  for (MeasureEdit* e : {m_thickness, m_width, m_height})
    connect(e, &MeasureEdit::trouble, &m_drawer, &DrawerSession::trouble);
  connect(m_paperColour, &QPushButton::clicked, this, [this] {
    const DrawerPaper* paper = chosenPaper();
    if (!paper) return;
    InkTin::choose(tr("Colour of %1").arg(QString::fromStdString(paper->name)), paper->colour, this,
                   [this](Colour c) { changePaper([c](DrawerPaper& p) { p.colour = c; }); });
  });
  connect(put, &QPushButton::clicked, this, [this] {
    const DrawerPaper* paper = chosenPaper();
    if (!paper) return;
    Card card = m_session.plan().card;
    card.paper.name = paper->name, card.paper.colour = paper->colour,
    card.paper.thickness_mm = paper->thickness_mm;
    m_session.edit(tr("Paper %1").arg(QString::fromStdString(paper->name)), withCard(m_session.plan(), card));
  });
  connect(add, &QPushButton::clicked, this, [this] {
    DrawerPaper p;
    p.name = tr("New paper").toStdString();
    if (m_drawer.putPaper(p)) m_papers->setCurrentRow(m_papers->count() - 1);
  });
  connect(remove, &QPushButton::clicked, this, [this] {
    if (const DrawerPaper* paper = chosenPaper()) m_drawer.removePaper(paper->key);
  });
  return sheet;
}

const Ink* SuppliesPanel::chosenInk() const {
  const int k = m_inks->currentRow();
  return k >= 0 && k < static_cast<int>(m_drawer.inks().size()) ? &m_drawer.inks()[ix(k)] : nullptr;
}

const DrawerPaper* SuppliesPanel::chosenPaper() const {
  const int k = m_papers->currentRow();
  return k >= 0 && k < static_cast<int>(m_drawer.papers().size()) ? &m_drawer.papers()[ix(k)] : nullptr;
}

template <typename F>
void SuppliesPanel::changeInk(F change) {
  const Ink* ink = chosenInk();
  if (m_showing || !ink) return;
  Ink changed = *ink;
  change(changed);
  if (!(changed == *ink)) m_drawer.putInk(changed);
}

template <typename F>
void SuppliesPanel::changePaper(F change) {
  const DrawerPaper* paper = chosenPaper();
  if (m_showing || !paper) return;
  DrawerPaper changed = *paper;
  change(changed);
  if (!(changed == *paper)) m_drawer.putPaper(changed);
}

void SuppliesPanel::refresh() {
  std::vector<ChoiceRow> inks, papers;
  for (const Ink& i : m_drawer.inks()) {
    ChoiceRow row{QString::fromStdString(i.id), tr("%1\n%2").arg(inkName(i), inkKindName(i.kind)), dabOf(i)};
    row.iconKey = row.icon.cacheKey();
    inks.push_back(std::move(row));
  }
  for (const DrawerPaper& p : m_drawer.papers()) {
    ChoiceRow row{QString::fromStdString(p.key),
                  tr("%1, %2 mm").arg(QString::fromStdString(p.name)).arg(p.thickness_mm), sheetOf(p)};
    if (p.offcut)
      row.text += u'\n' + tr("offcut, %1 × %2")
                              .arg(lengthText(p.width_mm, m_session.units()),
                                   lengthText(p.height_mm, m_session.units()));
    if (p.sheets)
      row.text += (p.offcut ? QStringLiteral(", ") : QStringLiteral("\n")) + tr("%1 there").arg(*p.sheets);
    row.iconKey = row.icon.cacheKey();
    papers.push_back(std::move(row));
  }
  m_inks->setRows(std::move(inks));
  m_papers->setRows(std::move(papers));
  showInk();
  showPaper();
}

void SuppliesPanel::showInk() {
  const Ink* ink = chosenInk();
  for (QWidget* w : std::initializer_list<QWidget*>{m_inkName, m_pressings, m_kind, m_inkColour, m_opacity,
                                                    m_dryCard, m_dryMask})
    w->setEnabled(ink && !m_drawer.readOnly());
  if (!ink) return;
  m_showing = true;
  m_inkName->setText(QString::fromStdString(ink->name));
  m_kind->setCurrentIndex(static_cast<int>(ink->kind));
  showColour(m_inkColour, ink->colour);
  m_opacity->setValue(static_cast<int>(std::lround(ink->opacity * 100)));
  m_dryCard->setValue(static_cast<int>(ink->dryOnCard_s));
  m_dryMask->setValue(static_cast<int>(ink->dryOnMask_s));
  QStringList strengths;
  for (const double s : ink->generations) strengths << QString::number(qRound(100 * s));
  m_pressings->setText(strengths.join(QStringLiteral(", ")));
  m_showing = false;
}

void SuppliesPanel::takePressings() {
  if (m_showing || !m_pressings->isModified()) return;
  m_pressings->setModified(false);
  std::vector<double> strengths;
  bool sound = true;
  for (const QString& word :
       m_pressings->text().split(QRegularExpression(QStringLiteral("[\\s,;%]+")), Qt::SkipEmptyParts)) {
    bool number = false;
    const double percent = word.toDouble(&number);
    sound = sound && number && percent >= 0 && percent <= 100;
    strengths.push_back(percent / 100);
  }
  sound = sound && !strengths.empty();
  m_stripSays->setVisible(!sound);
  if (!sound) {
    m_stripSays->setText(tr("Write them as percentages from 0 to 100, the first pressing first."));
    return showInk();
  }
  changeInk([&](Ink& i) { i.generations = strengths; });
}

void SuppliesPanel::readStrip(const QString& file) {
  const Ink* ink = chosenInk();
  if (!ink) return;
  m_stripSays->setText(tr("Reading the strip …"));
  m_stripSays->show();
  m_strip->run(
      [file](const Progress& progress) -> Result<std::vector<double>> {
        const auto read = readScanFile(file, progress);
        if (!read) return read.error();
        Scan scan = read.value().scan;
        if (scan.pxPerMm <= 0) scan.pxPerMm = 300 / kMmPerInch;  // shares do not depend on the scale
        return readTestStrip(scan, progress);
      },
      [this, id = ink->id](const Result<std::vector<double>>& strengths) {
        if (!strengths) return m_stripSays->setText(errorReason(strengths.error()));
        const Ink* now = chosenInk();
        if (!now || now->id != id) return m_stripSays->hide();
        // So that what the strip measured is what is printed.
        changeInk([&](Ink& i) {
          i.generations.clear();
          for (double share : strengths.value()) i.generations.push_back(strengthFor(i, share));
        });
        m_stripSays->setText(tr("%1 pressings read.").arg(strengths.value().size()));
      });
}

void SuppliesPanel::showPaper() {
  const DrawerPaper* paper = chosenPaper();
  for (QWidget* w : std::initializer_list<QWidget*>{m_paperName, m_paperColour, m_thickness, m_width,
                                                    m_height, m_sheets, m_grain, m_paperNotes})
    w->setEnabled(paper && !m_drawer.readOnly());
  if (!paper) return;
  m_showing = true;
  m_paperName->setText(QString::fromStdString(paper->name));
  showColour(m_paperColour, paper->colour);
  m_width->setUnits(m_session.units()), m_height->setUnits(m_session.units());
  m_thickness->setMeasure(paper->thickness_mm);
  m_width->setMeasure(paper->width_mm), m_height->setMeasure(paper->height_mm);
  m_grain->setCurrentIndex(m_grain->findData(static_cast<int>(paper->grain)));
  m_sheets->setValue(paper->sheets.value_or(-1));
  m_paperNotes->setText(QString::fromStdString(paper->notes));
  m_showing = false;
}

}  // namespace havlo
