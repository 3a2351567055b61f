#include "app/card/card_place.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QStackedWidget>
#include <algorithm>

#include "app/card/batch_page.h"
#include "app/card/batch_view.h"
#include "app/card/card_view.h"
#include "app/card/cut_page.h"
#include "app/card/cut_view.h"
#include "app/card/pieces_page.h"
#include "app/card/sizes_page.h"
#include "app/card/stack_view.h"
#include "app/common/column_width.h"
#include "app/common/divider_tab.h"
#include "app/common/drawings.h"
#include "app/common/flow_row.h"
#include "app/common/keyed_rows.h"
#include "app/common/marks.h"
#include "app/common/rolled.h"
#include "app/common/side_panels.h"
#include "app/session/drawer_session.h"
#include "io/art/svg_art.h"
#include "io/wording/card_words.h"
#include "io/wording/piece_words.h"

namespace havlo {
namespace {

enum Page { Sizes, Pieces, Cutting, Many };

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
  QWidget* choices = buildChoices();
  auto* main = new QWidget;
  QLayout* pictures = buildPictures();
  pictures->setContentsMargins(0, 0, 0, 0);
  main->setLayout(pictures);
  auto* panels = new SidePanels(main, tr("Pictures"), 360);
  panels->keepForMain(520);
  auto* notes = new SheetFrame;
  holdWidth(notes, qRound(270 * (1 + (textScale() - 1) * 0.5)));
  notes->box()->addWidget(inkLabel(tr("Do they fit?"), headingFont(), theme().ink));
  m_notes = new KeyedRows;
  m_notes->grid()->setContentsMargins(0, 0, 6, 0);
  m_notes->grid()->setSpacing(7);
  m_notes->grid()->setColumnStretch(1, 1);
  notes->box()->addWidget(rolled(m_notes), 1);
  panels->add(choices, tr("The card"), SidePanels::Side::Before);
  panels->add(notes, tr("Do they fit?"), SidePanels::Side::After);
  row->addWidget(panels);
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
  connect(m_batch, &BatchPage::printClassRequested, this, &CardPlace::printClassRequested);
  connect(m_batch, &BatchPage::changed, this, &CardPlace::showBatch);
  connect(&session, &PlanSession::planChanged, this, &CardPlace::show);
  connect(&session, &PlanSession::unitsChanged, this, &CardPlace::show);
  show();
}

void CardPlace::show() {
  if (m_session.face().empty()) return showNotes();
  // Here it is the whole card; an act on the inside that is undone shows the inside first.
  if (!isVisible()) return;
  const auto wholeAgain = [this] {
    if (isVisible()) m_session.setFace({});
  };
  QMetaObject::invokeMethod(this, wholeAgain, Qt::QueuedConnection);
}

QWidget* CardPlace::buildChoices() {
  auto* sheet = new SheetFrame;
  holdWidth(sheet, qRound(292 * (1 + (textScale() - 1) * 0.6)));
  auto* head = new QHBoxLayout;
  head->addWidget(inkLabel(tr("The card"), headingFont(), theme().ink), 1);
  auto* fresh = drawnButton("act-new", tr("Begin a new card"));
  connect(fresh, &QPushButton::clicked, this, &CardPlace::newCardRequested);
  head->addWidget(fresh);
  sheet->box()->addLayout(head);

  m_pages = new QStackedWidget;
  m_pages->addWidget(rolled(new SizesPage(m_session, m_drawer)));
  m_pages->addWidget(rolled(m_pieces = new PiecesPage(m_session, m_drawer)));
  m_pages->addWidget(rolled(m_cut));
  m_pages->addWidget(rolled(m_batch));
  auto* tabs = new FlowRow(0);
  m_tabs = {tab(tr("Sizes"), "cardTab-0", [this] { showPage(0); }),
            tab(tr("Pieces"), "cardTab-1", [this] { showPage(1); }),
            tab(tr("Cutting"), "cardTab-2", [this] { showPage(2); }),
            tab(tr("Many"), "cardTab-3", [this] { showPage(3); })};
  for (QPushButton* b : m_tabs) tabs->addWidget(b);
  sheet->box()->addLayout(tabs);
  sheet->box()->addWidget(m_pages, 1);
  showPage(0);
  return sheet;
}

QPushButton* CardPlace::tab(const QString& text, const char* name, const std::function<void()>& run) {
  auto* b = new DividerTab(text);
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
  auto* tools = new FlowRow(0);
  m_lookBar->setLayout(tools);
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

void CardPlace::showCut() {
  const int k = m_cut->chosen();
  m_cutView->show(k < 0 ? nullptr : &m_cut->cuts()[ix(k)], m_session.units());
}

void CardPlace::showBatch() {
  m_batchView->show(m_session.plan(), m_batch->batch(), m_batch->needs(), m_session.units());
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
