// Sizes of the card: base, fold, panel, border, paper, mats.
#include "app/card/sizes_page.h"

#include <QComboBox>
#include <QPushButton>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/ink_tin.h"
#include "app/common/keyed_rows.h"
#include "app/common/measure_edit.h"
#include "app/common/swatch.h"
#include "app/session/drawer_session.h"
#include "core/card/card_fit.h"
#include "core/card/card_sizes.h"
#include "core/edit/card_edits.h"
#include "io/art/shape_path.h"
#include "io/wording/card_words.h"
#include "io/wording/colour_words.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

enum Border { ToTheEdge, Bare, Taped };

bool sameSize(double a, double b) { return std::fabs(a - b) < 0.05; }

/// Two fields with a sign of times between.
QWidget* sideBySide(QWidget* a, QWidget* b) {
  auto* w = new QWidget;
  auto* row = new QHBoxLayout(w);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(4);
  row->addWidget(a, 1);
  row->addWidget(inkLabel(QStringLiteral("×"), bodyFont(), theme().soft));
  row->addWidget(b, 1);
  return w;
}

}  // namespace

SizesPage::SizesPage(PlanSession& session, DrawerSession& drawer, QWidget* parent)
    : QWidget(parent), m_session(session), m_drawer(drawer) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 8, 0);
  column->setSpacing(6);
  auto* rows = new FormRows;
  buildBase(*rows), buildPanel(*rows), buildPaper(*rows);
  column->addWidget(rows);
  m_mats = new KeyedRows;
  m_mats->grid()->setContentsMargins(0, 4, 0, 0);
  m_mats->grid()->setSpacing(4);
  m_mats->grid()->setColumnStretch(2, 1);
  column->addWidget(m_mats);
  column->addStretch(1);
  connect(&session, &PlanSession::planChanged, this, &SizesPage::show);
  connect(&session, &PlanSession::unitsChanged, this, &SizesPage::show);
  connect(&drawer, &DrawerSession::changed, this, &SizesPage::showPapers);
  connect(&drawer, &DrawerSession::changed, this, &SizesPage::showSets);
  showPapers();
  showSets();
}

void SizesPage::buildBase(FormRows& rows) {
  m_usual = new QComboBox;
  m_usual->setObjectName(QStringLiteral("usualSize"));
  connect(m_usual, &QComboBox::activated, this, [this](int k) {
    if (k == 0) return;
    if (m_usual->currentData().toInt() < 0) return takeSet(-1 - m_usual->currentData().toInt());
    const UsualSize& size = usualBases()[ix(m_usual->currentData().toInt())];
    const Card& card = m_session.plan().card;
    const bool lying =
        card.base ? card.base->width_mm > card.base->height_mm : card.panel.width_mm > card.panel.height_mm;
    takeBase(lying ? size.height_mm : size.width_mm, lying ? size.width_mm : size.height_mm,
             tr("Card of %1").arg(sizeName(size.name)));
  });
  rows.add(tr("Usual size"), m_usual);
  m_keepSet = plainButton(tr("Keep these sizes"));
  m_keepSet->setObjectName(QStringLiteral("keepSet"));
  m_keepSet->setToolTip(tr("base, mats, panel and papers, for other cards; they are kept in the drawer"));
  m_forgetSet = plainButton(tr("Forget them"));
  m_forgetSet->setObjectName(QStringLiteral("forgetSet"));
  connect(m_keepSet, &QPushButton::clicked, this, &SizesPage::keepSet);
  connect(m_forgetSet, &QPushButton::clicked, this, [this] {
    const int k = -1 - m_usual->currentData().toInt();
    if (k >= 0 && ix(k) < m_drawer.sets().size()) m_drawer.removeSet(m_drawer.sets()[ix(k)].key);
  });
  rows.addPair(m_keepSet, m_forgetSet);
  m_baseWidth = edit(tr("Width of the folded base"), [this](double mm) {
    const auto& base = m_session.plan().card.base;
    takeBase(mm, base ? base->height_mm : m_session.plan().card.panel.height_mm, tr("Another base"));
  });
  m_baseHeight = edit(tr("Height of the folded base"), [this](double mm) {
    const auto& base = m_session.plan().card.base;
    takeBase(base ? base->width_mm : m_session.plan().card.panel.width_mm, mm, tr("Another base"));
  });
  rows.add(tr("Base, folded"), sideBySide(m_baseWidth, m_baseHeight));
  auto* turnIt = drawnButton("act-redo", tr("Turn it round"));
  turnIt->setToolTip(tr("Upright becomes lying, lying upright"));
  connect(turnIt, &QPushButton::clicked, this, &SizesPage::turn);
  rows.add(QString(), turnIt);
  m_fold = new QComboBox;
  for (const auto& [text, fold] : {std::pair{tr("at the left"), Fold::Left},
                                   {tr("at the right"), Fold::Right},
                                   {tr("along the top"), Fold::Top},
                                   {tr("along the bottom"), Fold::Bottom},
                                   {tr("not folded"), Fold::None}})
    m_fold->addItem(text, static_cast<int>(fold));
  connect(m_fold, &QComboBox::activated, this, [this] {
    Card card = m_session.plan().card;
    if (!card.base) card.base = baseFor(card, 0, Fold::Left);
    card.base->fold = wordOf(static_cast<Fold>(m_fold->currentData().toInt()));
    say(tr("Fold %1").arg(m_fold->currentText()), card);
  });
  rows.add(tr("Fold"), m_fold);
  m_reveal = edit(tr("How much of the base shows all round"), [this](double mm) {
    const Card& card = m_session.plan().card;
    if (!card.base) return;
    say(tr("Base shows %1").arg(m_reveal->text()), onBase(card, *card.base, std::fmax(0, mm)));
  });
  rows.add(tr("Base shows"), m_reveal);
}

void SizesPage::buildPanel(FormRows& rows) {
  m_panelWidth = edit(tr("Width of the panel"), [this](double mm) {
    Card card = m_session.plan().card;
    card.panel.width_mm = mm;
    say(tr("Panel %1 wide").arg(m_panelWidth->text()), card);
  });
  m_panelHeight = edit(tr("Height of the panel"), [this](double mm) {
    Card card = m_session.plan().card;
    card.panel.height_mm = mm;
    say(tr("Panel %1 high").arg(m_panelHeight->text()), card);
  });
  rows.add(tr("Panel"), sideBySide(m_panelWidth, m_panelHeight));
  m_border = new QComboBox;
  m_border->addItems({tr("runs to the edge"), tr("bare edge, by care"), tr("kept clean by tape")});
  m_borderWidth = edit(tr("Width of the border"), [this](double mm) {
    Card card = m_session.plan().card;
    (m_border->currentIndex() == Taped ? card.tape_mm : card.bare_mm) = std::fmax(0, mm);
    say(tr("Border of %1").arg(m_borderWidth->text()), card);
  });
  connect(m_border, &QComboBox::activated, this, [this](int kind) {
    Card card = m_session.plan().card;
    const double width =
        std::fmax(card.tape_mm, card.bare_mm) > 0 ? std::fmax(card.tape_mm, card.bare_mm) : kMmPerInch / 4;
    card.tape_mm = kind == Taped ? width : 0;
    card.bare_mm = kind == Bare ? width : 0;
    say(tr("Panel %1").arg(m_border->currentText()), card);
  });
  rows.add(tr("Picture"), m_border);
  rows.add(tr("Border"), m_borderWidth);
}

void SizesPage::buildPaper(FormRows& rows) {
  m_trim = edit(tr("Working allowance on every side"), [this](double mm) {
    Card card = m_session.plan().card;
    card.trim_mm = std::fmax(0, mm);
    say(tr("Working allowance of %1").arg(m_trim->text()), card);
  });
  m_trim->setToolTip(tr("Extra card on every side while you work, to be trimmed or die-cut away at the end"));
  rows.add(tr("Allowance"), m_trim);
  m_paper = new QComboBox;
  connect(m_paper, &QComboBox::activated, this, [this](int k) {
    const auto& papers = m_drawer.papers();
    if (k < 1 || k > static_cast<int>(papers.size())) return;
    const DrawerPaper& paper = papers[ix(k - 1)];
    Card card = m_session.plan().card;
    card.paper.name = paper.name, card.paper.colour = paper.colour,
    card.paper.thickness_mm = paper.thickness_mm;
    say(tr("Paper %1").arg(QString::fromStdString(paper.name)), card);
  });
  rows.add(tr("Paper"), m_paper);
  m_thickness = edit(tr("Thickness of the paper"), [this](double mm) {
    Card card = m_session.plan().card;
    card.paper.thickness_mm = std::fmax(0, mm);
    say(tr("Paper %1 thick").arg(m_thickness->text()), card);
  });
  m_thickness->setUnits(MeasureStyle::Millimetres);
  rows.add(tr("Thickness"), m_thickness);
  m_foam = edit(tr("Foam under the whole panel"), [this](double mm) {
    Card card = m_session.plan().card;
    card.raise_mm = std::clamp(mm, 0.0, 20.0);
    say(tr("Panel on foam of %1").arg(m_foam->text()), card);
  });
  m_foam->setUnits(MeasureStyle::Millimetres);
  m_foam->setToolTip(tr("0: the panel is glued flat"));
  rows.add(tr("Foam"), m_foam);
}

MeasureEdit* SizesPage::edit(const QString& name, const std::function<void(double)>& apply) {
  auto* e = new MeasureEdit(name);
  connect(e, &MeasureEdit::changed, this, apply);
  connect(e, &MeasureEdit::trouble, &m_session, &PlanSession::trouble);
  return e;
}

void SizesPage::showSets() {
  const QSignalBlocker quiet(m_usual);
  const QVariant now = m_usual->currentData();
  m_usual->clear();
  m_usual->addItem(tr("a size of your own"), 9999);
  for (size_t k = 0; k < m_drawer.sets().size(); ++k)
    m_usual->addItem(tr("yours: %1").arg(QString::fromStdString(m_drawer.sets()[k].name)),
                     -1 - static_cast<int>(k));
  for (SizeFamily family : {SizeFamily::Inch, SizeFamily::Metric})
    for (size_t k = 0; k < usualBases().size(); ++k)
      if (usualBases()[k].family == family)
        m_usual->addItem(family == SizeFamily::Inch
                             ? tr("%1 in").arg(sizeName(usualBases()[k].name).remove(QStringLiteral(" card")))
                             : tr("%1 (metric)").arg(sizeName(usualBases()[k].name)),
                         static_cast<int>(k));
  m_usual->setCurrentIndex(std::max(0, m_usual->findData(now)));
  show();
}

void SizesPage::takeSet(int k) {
  if (ix(k) >= m_drawer.sets().size()) return;
  const CardSet& set = m_drawer.sets()[ix(k)];
  Card card = set.card;
  card.extra = m_session.plan().card.extra;
  say(tr("Sizes “%1”").arg(QString::fromStdString(set.name)), card);
}

void SizesPage::keepSet() {
  const Card& card = m_session.plan().card;
  const double w = card.base ? card.base->width_mm : card.panel.width_mm,
               h = card.base ? card.base->height_mm : card.panel.height_mm;
  CardSet set;
  QString name = sizeWords(w, h, m_session.units());
  if (!card.mats.empty())
    name =
        card.mats.size() == 1 ? tr("%1, a mat").arg(name) : tr("%1, %2 mats").arg(name).arg(card.mats.size());
  set.name = name.toStdString();
  for (const CardSet& s : m_drawer.sets())
    if (s.name == set.name) set.key = s.key;
  set.card = card;
  m_drawer.putSet(set);
}

void SizesPage::say(const QString& label, const Card& card) {
  if (m_showing) return;
  m_session.edit(label, withWholeCard(m_session.plan(), card));
  show();  // a refused measure goes back to what it was
}

void SizesPage::takeBase(double width, double height, const QString& label) {
  const Card& card = m_session.plan().card;
  CardBase base = card.base.value_or(CardBase{});
  base.width_mm = width, base.height_mm = height;
  const double reveal = card.base ? revealOf(card) : kMmPerInch / 8;
  say(label, onBase(card, base, reveal));
}

void SizesPage::turn() {
  Card card = m_session.plan().card;
  std::swap(card.panel.width_mm, card.panel.height_mm);
  if (card.base) {
    std::swap(card.base->width_mm, card.base->height_mm);
    const Fold fold = foldOf(*card.base);
    // The fold stays on a long side if it was on one.
    card.base->fold = wordOf(fold == Fold::Left     ? Fold::Top
                             : fold == Fold::Top    ? Fold::Left
                             : fold == Fold::Right  ? Fold::Bottom
                             : fold == Fold::Bottom ? Fold::Right
                                                    : fold);
  }
  say(card.panel.width_mm > card.panel.height_mm ? tr("Card lying") : tr("Card upright"), card);
}

void SizesPage::showPapers() {
  const QSignalBlocker quiet(m_paper);
  m_paper->clear();
  m_paper->addItem(tr("as the plan says"));
  for (const DrawerPaper& p : m_drawer.papers()) {
    m_paper->addItem(QString::fromStdString(p.name));
    if (p.name == m_session.plan().card.paper.name) m_paper->setCurrentIndex(m_paper->count() - 1);
  }
}

void SizesPage::show() {
  if (!m_session.face().empty()) return;  // it is the whole card's page
  m_showing = true;
  const Card& card = m_session.plan().card;
  for (MeasureEdit* e :
       {m_baseWidth, m_baseHeight, m_panelWidth, m_panelHeight, m_reveal, m_borderWidth, m_trim})
    e->setUnits(m_session.units());
  m_panelWidth->setMeasure(card.panel.width_mm);
  m_panelHeight->setMeasure(card.panel.height_mm);
  const double width = card.base ? card.base->width_mm : 0, height = card.base ? card.base->height_mm : 0;
  if (card.base) {
    m_baseWidth->setMeasure(width), m_baseHeight->setMeasure(height), m_reveal->setMeasure(revealOf(card));
    m_fold->setCurrentIndex(m_fold->findData(static_cast<int>(foldOf(*card.base))));
  } else {
    m_baseWidth->clearMeasure(), m_baseHeight->clearMeasure(), m_reveal->clearMeasure();
  }
  m_reveal->setEnabled(card.base.has_value());
  int usual = 0;
  for (int k = 1; k < m_usual->count(); ++k) {
    if (const int own = -1 - m_usual->itemData(k).toInt(); own >= 0) {
      const Card& kept = m_drawer.sets()[ix(own)].card;
      if (!(kept.base == card.base && kept.mats == card.mats && kept.panel == card.panel)) continue;
      usual = k;
      break;
    }
    const UsualSize& s = usualBases()[ix(m_usual->itemData(k).toInt())];
    if ((sameSize(s.width_mm, width) && sameSize(s.height_mm, height)) ||
        (sameSize(s.width_mm, height) && sameSize(s.height_mm, width))) {
      usual = k;
      break;
    }
  }
  m_usual->setCurrentIndex(usual);
  const bool own = usual > 0 && m_usual->itemData(usual).toInt() < 0;
  m_keepSet->setEnabled(!own && !m_drawer.readOnly());
  m_forgetSet->setVisible(own);
  m_forgetSet->setEnabled(!m_drawer.readOnly());
  m_border->setCurrentIndex(card.tape_mm > 0 ? Taped : card.bare_mm > 0 ? Bare : ToTheEdge);
  m_borderWidth->setMeasure(std::fmax(card.tape_mm, card.bare_mm));
  m_borderWidth->setEnabled(m_border->currentIndex() != ToTheEdge);
  m_trim->setMeasure(card.trim_mm);
  m_thickness->setMeasure(card.paper.thickness_mm);
  m_foam->setMeasure(card.raise_mm);
  showMats();
  m_showing = false;
}

void SizesPage::showMats() {
  const Card& card = m_session.plan().card;
  m_mats->begin();
  m_mats->next(QStringLiteral("head"));
  m_mats->wide(4);
  m_mats->label(tr("Mats, from the panel outward"), labelFont(), theme().soft);
  for (size_t k = 0; k < card.mats.size(); ++k) showMat(k, card.mats[k]);
  m_mats->next(QStringLiteral("add"));
  m_mats->wide(4);
  auto* add = m_mats->cell<QPushButton>(
      [this] {
        auto* b = new QPushButton;
        connect(b, &QPushButton::clicked, this, &SizesPage::addMat);
        return b;
      },
      Qt::AlignLeft);
  add->setText(card.mats.empty() ? tr("Add a mat") : tr("Add another mat"));
  const bool off =
      (card.base && !(card.base->shift == Point{})) ||
      std::any_of(card.mats.begin(), card.mats.end(), [](const Mat& m) { return !(m.shift == Point{}); });
  if (off) {
    m_mats->next(QStringLiteral("centre"));
    m_mats->wide(4);
    m_mats->cell<QPushButton>(
        [this] {
          auto* b = plainButton(tr("Centre everything again"));
          b->setObjectName(QStringLiteral("centreLayers"));
          connect(b, &QPushButton::clicked, this, [this] {
            Card changed = m_session.plan().card;
            for (Mat& m : changed.mats) m.shift = {};
            if (changed.base) changed.base->shift = {};
            say(tr("Centre every layer"), changed);
          });
          return b;
        },
        Qt::AlignLeft);
  }
  m_mats->end(false);
}

void SizesPage::showMat(size_t k, const Mat& mat) {
  m_mats->next(QStringLiteral("mat-%1").arg(k));
  auto* colour = m_mats->cell<QPushButton>([this, k] {
    auto* b = new QPushButton;
    b->setToolTip(tr("Another colour"));
    b->setFixedWidth(qRound(30 * textScale()));
    connect(b, &QPushButton::clicked, this, [this, k] { chooseMatColour(k); });
    return b;
  });
  colour->setAccessibleName(tr("Colour of mat %1: %2").arg(k + 1).arg(colourWords(mat.colour)));
  colour->setIcon(swatchOf(mat.colour));
  m_mats->label(tr("shows"), labelFont(), theme().soft);
  auto* reveal = m_mats->cell<MeasureEdit>([this, k] {
    return edit(tr("How much of mat %1 shows").arg(k + 1), [this, k](double mm) {
      Card changed = m_session.plan().card;
      if (k >= changed.mats.size()) return;
      changed.mats[k].reveal_mm = std::fmax(0, mm);
      say(tr("Mat shows %1").arg(spoken(writeMeasure(Millimetres{mm}, m_session.units()))), changed);
    });
  });
  reveal->setUnits(m_session.units());
  reveal->setMeasure(mat.reveal_mm);
  auto* off = m_mats->cell<QPushButton>([this, k] {
    auto* b = plainButton(tr("Take off"));
    connect(b, &QPushButton::clicked, this, [this, k] {
      Card changed = m_session.plan().card;
      if (k < changed.mats.size()) changed.mats.erase(changed.mats.begin() + static_cast<std::ptrdiff_t>(k));
      say(tr("Take a mat off"), changed);
    });
    return b;
  });
  off->setAccessibleName(tr("Take mat %1 off").arg(k + 1));
}

void SizesPage::chooseMatColour(size_t k) {
  if (k >= m_session.plan().card.mats.size()) return;
  InkTin::choose(tr("Colour of a mat"), m_session.plan().card.mats[k].colour, this, [this, k](Colour c) {
    Card changed = m_session.plan().card;
    if (k >= changed.mats.size()) return;
    changed.mats[k].colour = c;
    say(tr("Colour of a mat"), changed);
  });
}

void SizesPage::addMat() {
  Card changed = m_session.plan().card;
  Mat mat;
  mat.reveal_mm = kMmPerInch / 16;
  changed.mats.push_back(mat);
  // The base keeps its size: the panel gives way if it must.
  if (changed.base) {
    const double free = revealOf(m_session.plan().card);
    if (free < mat.reveal_mm) changed = onBase(changed, *changed.base, free);
  }
  say(tr("Add a mat"), changed);
}

}  // namespace havlo
