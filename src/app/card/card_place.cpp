#include "app/card/card_place.h"

#include <QColorDialog>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <algorithm>
#include <cmath>

#include "app/card/batch_page.h"
#include "app/card/batch_view.h"
#include "app/card/card_view.h"
#include "app/card/cut_page.h"
#include "app/card/cut_view.h"
#include "app/card/pieces_page.h"
#include "app/card/stack_view.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/marks.h"
#include "app/common/measure_edit.h"
#include "app/common/rolled.h"
#include "app/session/drawer_session.h"
#include "core/card/card_sizes.h"
#include "core/edit/card_edits.h"
#include "io/art/shape_path.h"
#include "io/art/svg_art.h"
#include "io/wording/card_words.h"
#include "io/wording/piece_words.h"

namespace havlo {
namespace {

enum Page { Sizes, Pieces, Cutting, Many };
enum Border { ToTheEdge, Bare, Taped };

QString nameOf(std::string_view text) {
  return QString::fromUtf8(text.data(), static_cast<qsizetype>(text.size()));
}

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

CardPlace::CardPlace(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
                     QWidget* parent)
    : Place(parent),
      m_session(session),
      m_drawer(drawer),
      m_view(new CardView(session, art)),
      m_stack(new StackView(session, art)),
      m_cut(new CutPage(session, drawer)),
      m_cutView(new CutView),
      m_batch(new BatchPage(session, drawer, std::move(art))),
      m_batchView(new BatchView) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(16, 10, 16, 10);
  row->setSpacing(10);
  row->addWidget(buildChoices());
  row->addLayout(buildPictures(), 1);
  auto* notes = new SheetFrame;
  notes->setFixedWidth(qRound(270 * (1 + (textScale() - 1) * 0.5)));
  notes->box()->addWidget(inkLabel(tr("Do they fit?"), headingFont(), theme().ink));
  m_notes = new KeyedRows;
  m_notes->grid()->setContentsMargins(0, 0, 6, 0);
  m_notes->grid()->setSpacing(7);
  m_notes->grid()->setColumnStretch(1, 1);
  notes->box()->addWidget(rolled(m_notes), 1);
  row->addWidget(notes);
  connect(m_view, &CardView::pieceTaken, this, [this](const QString& id) {
    showPage(1);
    m_pieces->choose(id.toStdString());
  });
  connect(m_pieces, &PiecesPage::faceRequested, this, [this](const QString& id) {
    Q_EMIT faceRequested();  // another place comes on top: here the whole card is shown
    m_session.setFace(id.toStdString());
  });
  connect(m_cut, &CutPage::changed, this, &CardPlace::showCut);
  connect(m_cut, &CutPage::printRequested, this, &CardPlace::printCutListRequested);
  connect(m_cut, &CutPage::cutUp, this, &CardPlace::cutUp);
  connect(m_batch, &BatchPage::changed, this, &CardPlace::showBatch);
  connect(&session, &PlanSession::planChanged, this, &CardPlace::show);
  connect(&session, &PlanSession::unitsChanged, this, &CardPlace::show);
  connect(&drawer, &DrawerSession::changed, this, &CardPlace::showPapers);
  connect(&drawer, &DrawerSession::changed, this, &CardPlace::showSets);
  showPapers();
  showSets();
  show();
}

MeasureEdit* CardPlace::edit(const QString& name, const std::function<void(double)>& apply) {
  auto* e = new MeasureEdit(name);
  connect(e, &MeasureEdit::changed, this, apply);
  connect(e, &MeasureEdit::trouble, &m_session, &PlanSession::trouble);
  return e;
}

QWidget* CardPlace::buildChoices() {
  auto* sheet = new SheetFrame;
  sheet->setFixedWidth(qRound(292 * (1 + (textScale() - 1) * 0.6)));
  auto* head = new QHBoxLayout;
  head->addWidget(inkLabel(tr("The card"), headingFont(), theme().ink), 1);
  auto* fresh = new QPushButton(tr("Begin a new card"));
  connect(fresh, &QPushButton::clicked, this, &CardPlace::newCardRequested);
  head->addWidget(fresh);
  sheet->box()->addLayout(head);

  auto* inside = new QWidget;
  auto* column = new QVBoxLayout(inside);
  column->setContentsMargins(0, 0, 8, 0);
  column->setSpacing(6);
  auto* rows = new FormRows;

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
             tr("Card of %1").arg(nameOf(size.name)));
  });
  rows->add(tr("Usual size"), m_usual);
  m_keepSet = plainButton(tr("Keep these sizes"));
  m_keepSet->setObjectName(QStringLiteral("keepSet"));
  m_keepSet->setToolTip(tr("base, mats, panel and papers, for other cards; they are kept in the drawer"));
  m_forgetSet = plainButton(tr("Forget them"));
  m_forgetSet->setObjectName(QStringLiteral("forgetSet"));
  connect(m_keepSet, &QPushButton::clicked, this, &CardPlace::keepSet);
  connect(m_forgetSet, &QPushButton::clicked, this, [this] {
    const int k = -1 - m_usual->currentData().toInt();
    if (k >= 0 && ix(k) < m_drawer.sets().size()) m_drawer.removeSet(m_drawer.sets()[ix(k)].key);
  });
  rows->addPair(m_keepSet, m_forgetSet);
  m_baseWidth = edit(tr("Width of the folded base"), [this](double mm) {
    const auto& base = m_session.plan().card.base;
    takeBase(mm, base ? base->height_mm : m_session.plan().card.panel.height_mm, tr("Another base"));
  });
  m_baseHeight = edit(tr("Height of the folded base"), [this](double mm) {
    const auto& base = m_session.plan().card.base;
    takeBase(base ? base->width_mm : m_session.plan().card.panel.width_mm, mm, tr("Another base"));
  });
  rows->add(tr("Base, folded"), sideBySide(m_baseWidth, m_baseHeight));
  auto* turnIt = new QPushButton(tr("Turn it round"));
  turnIt->setToolTip(tr("Upright becomes lying, lying upright"));
  connect(turnIt, &QPushButton::clicked, this, &CardPlace::turn);
  rows->add(QString(), turnIt);
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
  rows->add(tr("Fold"), m_fold);
  m_reveal = edit(tr("How much of the base shows all round"), [this](double mm) {
    const Card& card = m_session.plan().card;
    if (!card.base) return;
    say(tr("Base shows %1").arg(m_reveal->text()), onBase(card, *card.base, std::fmax(0, mm)));
  });
  rows->add(tr("Base shows"), m_reveal);
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
  rows->add(tr("Panel"), sideBySide(m_panelWidth, m_panelHeight));
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
  rows->add(tr("Picture"), m_border);
  rows->add(tr("Border"), m_borderWidth);
  m_trim = edit(tr("Working allowance on every side"), [this](double mm) {
    Card card = m_session.plan().card;
    card.trim_mm = std::fmax(0, mm);
    say(tr("Working allowance of %1").arg(m_trim->text()), card);
  });
  m_trim->setToolTip(tr("Extra card on every side while you work, to be trimmed or die-cut away at the end"));
  rows->add(tr("Allowance"), m_trim);
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
  rows->add(tr("Paper"), m_paper);
  m_thickness = edit(tr("Thickness of the paper"), [this](double mm) {
    Card card = m_session.plan().card;
    card.paper.thickness_mm = std::fmax(0, mm);
    say(tr("Paper %1 thick").arg(m_thickness->text()), card);
  });
  m_thickness->setUnits(MeasureStyle::Millimetres);
  rows->add(tr("Thickness"), m_thickness);
  m_foam = edit(tr("Foam under the whole panel"), [this](double mm) {
    Card card = m_session.plan().card;
    card.raise_mm = std::clamp(mm, 0.0, 20.0);
    say(tr("Panel on foam of %1").arg(m_foam->text()), card);
  });
  m_foam->setUnits(MeasureStyle::Millimetres);
  m_foam->setToolTip(tr("0: the panel is glued flat"));
  rows->add(tr("Foam"), m_foam);
  column->addWidget(rows);
  m_mats = new KeyedRows;
  m_mats->grid()->setContentsMargins(0, 4, 0, 0);
  m_mats->grid()->setSpacing(4);
  m_mats->grid()->setColumnStretch(2, 1);
  column->addWidget(m_mats);
  column->addStretch(1);
  m_pages = new QStackedWidget;
  m_pages->addWidget(rolled(inside));
  m_pages->addWidget(rolled(m_pieces = new PiecesPage(m_session, m_drawer)));
  m_pages->addWidget(rolled(m_cut));
  m_pages->addWidget(rolled(m_batch));
  auto* tabs = new QHBoxLayout;
  tabs->setSpacing(2);
  m_tabs = {tab(tr("Sizes"), "cardTab-0", [this] { showPage(0); }),
            tab(tr("Pieces"), "cardTab-1", [this] { showPage(1); }),
            tab(tr("Cutting"), "cardTab-2", [this] { showPage(2); }),
            tab(tr("Many"), "cardTab-3", [this] { showPage(3); })};
  for (QPushButton* b : m_tabs) tabs->addWidget(b);
  tabs->addStretch(1);
  sheet->box()->addLayout(tabs);
  sheet->box()->addWidget(m_pages, 1);
  showPage(0);
  return sheet;
}

QPushButton* CardPlace::tab(const QString& text, const char* name, const std::function<void()>& run) {
  auto* b = new QPushButton(text);
  b->setCheckable(true);
  b->setProperty("tab", true);
  b->setObjectName(QLatin1String(name));
  connect(b, &QPushButton::clicked, this, run);
  return b;
}

void CardPlace::showPage(int page) {
  m_pages->setCurrentIndex(page);
  for (size_t k = 0; k < m_tabs.size(); ++k) m_tabs[k]->setChecked(static_cast<int>(k) == page);
  if (!m_lookBar) return;
  // Cutting and many cards have the middle for themselves.
  m_lookBar->setVisible(page < Cutting);
  if (page >= Cutting) {
    m_pictures->setCurrentIndex(page == Cutting ? 2 : 3);
  } else {
    for (size_t k = 0; k < m_looks.size(); ++k)
      if (m_looks[k]->isChecked()) look(static_cast<int>(k));
  }
}

QLayout* CardPlace::buildPictures() {
  auto* column = new QVBoxLayout;
  m_lookBar = new QWidget;
  auto* tools = new QHBoxLayout(m_lookBar);
  tools->setContentsMargins(0, 0, 0, 0);
  m_pictures = new QStackedWidget;
  m_pictures->addWidget(m_view);
  m_pictures->addWidget(m_stack);
  m_pictures->addWidget(m_cutView);
  m_pictures->addWidget(m_batchView);
  m_looks = {tab(tr("From the front"), "lookFront", [this] { look(0); }),
             tab(tr("From an angle"), "lookAngle", [this] { look(1); }),
             tab(tr("From the side"), "lookSide", [this] { look(2); }),
             tab(tr("Opened"), "lookOpen", [this] { look(3); })};
  for (QPushButton* b : m_looks) tools->addWidget(b);
  tools->addStretch(1);
  column->addWidget(m_lookBar);
  column->addWidget(m_pictures, 1);
  look(0);
  return column;
}

void CardPlace::look(int how) {
  m_pictures->setCurrentIndex(how > 0 ? 1 : 0);
  if (how > 0)
    m_stack->lookFrom(how == 1   ? StackView::From::Angle
                      : how == 2 ? StackView::From::Side
                                 : StackView::From::Open);
  for (size_t k = 0; k < m_looks.size(); ++k) m_looks[k]->setChecked(static_cast<int>(k) == how);
}

void CardPlace::showSets() {
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
                             ? tr("%1 in").arg(nameOf(usualBases()[k].name).remove(QStringLiteral(" card")))
                             : tr("%1 (metric)").arg(nameOf(usualBases()[k].name)),
                         static_cast<int>(k));
  m_usual->setCurrentIndex(std::max(0, m_usual->findData(now)));
  show();
}

void CardPlace::takeSet(int k) {
  if (ix(k) >= m_drawer.sets().size()) return;
  const CardSet& set = m_drawer.sets()[ix(k)];
  Card card = set.card;
  card.extra = m_session.plan().card.extra;
  say(tr("Sizes “%1”").arg(QString::fromStdString(set.name)), card);
}

void CardPlace::keepSet() {
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

void CardPlace::showCut() {
  const int k = m_cut->chosen();
  m_cutView->show(k < 0 ? nullptr : &m_cut->cuts()[ix(k)], m_session.units());
}

void CardPlace::showBatch() {
  m_batchView->show(m_session.plan(), m_batch->batch(), m_batch->needs(), m_session.units());
}

void CardPlace::say(const QString& label, const Card& card) {
  if (m_showing) return;
  m_session.edit(label, withWholeCard(m_session.plan(), card));
  show();  // a refused measure goes back to what it was
}

void CardPlace::takeBase(double width, double height, const QString& label) {
  const Card& card = m_session.plan().card;
  CardBase base = card.base.value_or(CardBase{});
  base.width_mm = width, base.height_mm = height;
  const double reveal = card.base ? revealOf(card) : kMmPerInch / 8;
  say(label, onBase(card, base, reveal));
}

void CardPlace::turn() {
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

void CardPlace::showPapers() {
  const QSignalBlocker quiet(m_paper);
  m_paper->clear();
  m_paper->addItem(tr("as the plan says"));
  for (const DrawerPaper& p : m_drawer.papers()) {
    m_paper->addItem(QString::fromStdString(p.name));
    if (p.name == m_session.plan().card.paper.name) m_paper->setCurrentIndex(m_paper->count() - 1);
  }
}

void CardPlace::show() {
  // Here it is the whole card; an act on the inside that is undone shows the inside first.
  if (!m_session.face().empty()) {
    if (isVisible())
      QMetaObject::invokeMethod(
          this,
          [this] {
            if (isVisible()) m_session.setFace({});
          },
          Qt::QueuedConnection);
    return;
  }
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
  showNotes();
  m_showing = false;
}

void CardPlace::showMats() {
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
        connect(b, &QPushButton::clicked, this, &CardPlace::addMat);
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

void CardPlace::showMat(size_t k, const Mat& mat) {
  m_mats->next(QStringLiteral("mat-%1").arg(k));
  auto* colour = m_mats->cell<QPushButton>([this, k] {
    auto* b = new QPushButton;
    b->setToolTip(tr("Another colour"));
    b->setFixedWidth(qRound(30 * textScale()));
    connect(b, &QPushButton::clicked, this, [this, k] { chooseMatColour(k); });
    return b;
  });
  colour->setAccessibleName(tr("Colour of mat %1: %2").arg(k + 1).arg(colourOf(mat.colour).name()));
  QPixmap swatch(18, 18);
  swatch.fill(colourOf(mat.colour));
  colour->setIcon(swatch);
  m_mats->label(tr("shows"), labelFont(), theme().soft);
  auto* reveal = m_mats->cell<MeasureEdit>([this, k] {
    return edit(tr("How much of mat %1 shows").arg(k + 1), [this, k](double mm) {
      Card changed = m_session.plan().card;
      if (k >= changed.mats.size()) return;
      changed.mats[k].reveal_mm = std::fmax(0, mm);
      say(tr("Mat shows %1").arg(QString::fromStdString(writeMeasure(Millimetres{mm}, m_session.units()))),
          changed);
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

void CardPlace::chooseMatColour(size_t k) {
  if (k >= m_session.plan().card.mats.size()) return;
  auto* dialog = new QColorDialog(colourOf(m_session.plan().card.mats[k].colour), this);
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setOption(QColorDialog::DontUseNativeDialog);
  connect(dialog, &QColorDialog::colorSelected, this, [this, k](const QColor& c) {
    Card changed = m_session.plan().card;
    if (k >= changed.mats.size()) return;
    changed.mats[k].colour = {static_cast<unsigned char>(c.red()), static_cast<unsigned char>(c.green()),
                              static_cast<unsigned char>(c.blue())};
    say(tr("Colour of a mat"), changed);
  });
  dialog->open();
}

void CardPlace::addMat() {
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

void CardPlace::showNotes() {
  const Plan& plan = m_session.plan();
  const CardFit fit = fitCard(plan);
  int n = 0;
  const auto add = [&](const QString& text, Mark mark, const QColor& colour) {
    // The mark is part of the key: a mark does not change, it is another one.
    m_notes->next(QStringLiteral("note-%1-%2").arg(n++).arg(static_cast<int>(mark)));
    m_notes->cell<MarkWidget>([&] { return new MarkWidget(mark, colour); }, Qt::AlignTop);
    m_notes->label(text, bodyFont(), theme().ink, true);
  };
  const auto fact = [&](const QString& text) {
    m_notes->next(QStringLiteral("fact-%1").arg(n++));
    m_notes->wide(2);
    m_notes->label(text, labelFont(), theme().soft, true);
  };
  m_notes->begin();
  for (const Misfit& m : fit.misfits) {
    add(wordsOf(plan, fit, m, m_session.units()), m.serious ? Mark::Here : Mark::Look,
        m.serious ? theme().madder : theme().ochre);
    if (m.kind == MisfitKind::UnequalReveal)
      if (const QString trim = trimmingWords(plan, revealOf(plan.card), m_session.units()); !trim.isEmpty())
        fact(trim);
  }
  const CardStack stack = stackOf(plan, m_session.analysis()->meetings.placed);
  for (const StackFault& f : stack.faults)
    add(wordsOf(plan, f, m_session.units()), Mark::Look, theme().ochre);
  if (fit.misfits.empty()) add(tr("Every layer fits the next."), Mark::Fine, theme().green);
  for (const QString& words : stackFacts(plan, stack, m_session.units())) fact(words);
  for (const QString& words : cardFacts(plan, fit, m_session.units())) fact(words);
  m_notes->end();
}

void CardPlace::arrive() { m_drawer.open(); }

void CardPlace::showEvent(QShowEvent*) { m_session.setFace({}); }

}  // namespace havlo
