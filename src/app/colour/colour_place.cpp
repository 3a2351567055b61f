#include "app/colour/colour_place.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QStackedWidget>

#include "app/colour/colour_page.h"
#include "app/colour/details_page.h"
#include "app/colour/own_page.h"
#include "app/colour/suggest_page.h"
#include "app/common/divider_tab.h"
#include "app/common/flow_row.h"
#include "app/common/form_rows.h"
#include "app/common/sheet_frame.h"
#include "app/common/side_panels.h"
#include "io/art/svg_art.h"
#include "io/wording/focus_words.h"
#include "io/wording/step_words.h"

namespace havlo {

ColourPlace::ColourPlace(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
                         QWidget* parent)
    : Place(parent), m_session(session), m_view(new ColourView(session, art)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(16, 10, 16, 10);
  row->setSpacing(12);
  auto* main = new QWidget;
  auto* left = new QVBoxLayout(main);
  left->setContentsMargins(0, 0, 0, 0);
  left->setSpacing(6);
  left->addLayout(buildTools());
  left->addWidget(m_view, 1);
  m_verdict = inkLabel({}, bodyFont(QFont::DemiBold), theme().ink, true);
  m_verdict->setObjectName(QStringLiteral("colourVerdict"));
  // Two lines, so that the card stays where it is while it is worked on.
  m_verdict->setMinimumHeight(2 * QFontMetrics(m_verdict->font()).lineSpacing());
  m_verdict->setAlignment(Qt::AlignTop | Qt::AlignLeft);
  left->addWidget(m_verdict);
  auto* panels = new SidePanels(main, tr("The card"), 420);
  panels->add(buildPages(drawer, art), tr("Colour"), SidePanels::Side::After);
  row->addWidget(panels);

  const auto held = [this] { m_view->setColour(m_colours->with(), m_colours->ink()); };
  const auto details = [this] {
    m_view->setLine(m_details->line());
    m_view->setAccent(m_details->accent());
    m_view->setLift(m_details->lift());
    m_view->setLineInk(m_details->lineInk());
  };
  connect(m_colours, &ColourPage::withChanged, this, held);
  connect(m_colours, &ColourPage::toolWanted, this,
          [this](int tool) { takeTool(static_cast<HandTool>(tool)); });
  connect(m_details, &DetailsPage::changed, this, details);
  connect(m_details, &DetailsPage::toolWanted, this, [this, details](int tool) {
    details();
    takeTool(static_cast<HandTool>(tool));
  });
  connect(m_view, &ColourView::tookUp, m_colours, &ColourPage::takeUp);
  connect(m_view, &ColourView::pointedAt, m_colours, &ColourPage::pointAt);
  connect(&session, &PlanSession::planChanged, this, [this, held, details] { held(), details(), refresh(); });
  connect(&session, &PlanSession::looksChanged, this, &ColourPlace::refresh);
  held();
  details();
  showPage(Colours);
  takeTool(HandTool::Colour);
  refresh();
}

QLayout* ColourPlace::buildTools() {
  auto* tools = new FlowRow(0);
  const auto add = [&](const QString& text, const QString& tip, HandTool tool) {
    auto* b = new DividerTab(text);
    b->setToolTip(tip);
    b->setObjectName(QStringLiteral("tool-%1").arg(static_cast<int>(tool)));
    tools->addWidget(b);
    connect(b, &QPushButton::clicked, this, [this, tool] { takeTool(tool); });
    m_tools.push_back(b);
  };
  add(tr("Colour"), tr("click a part, sweep over several"), HandTool::Colour);
  add(tr("Leave bare"), tr("this part stays the paper's, on purpose"), HandTool::Bare);
  add(tr("Uncolour"), tr("this part without colour again"), HandTool::Uncolour);
  add(tr("Take up"), tr("what a part is coloured with comes into the hand"), HandTool::TakeUp);
  add(tr("Pen"), tr("draw a line"), HandTool::Line);
  add(tr("Dot"), tr("put on one small thing after another"), HandTool::Accent);
  add(tr("Take out"), tr("take colour out of a blend again"), HandTool::Lift);
  auto* near = plainButton(tr("From near by"));
  near->setObjectName(QStringLiteral("fromNear"));
  near->setToolTip(
      tr("The chosen thing fills the view. The wheel, + and - look from nearer and farther; "
         "dragging with Shift held or the middle button moves the card."));
  connect(near, &QPushButton::clicked, this, [this] { m_view->lookAt(m_session.selectedIndex()); });
  tools->addWidget(near);
  auto* whole = plainButton(tr("Whole card"));
  whole->setObjectName(QStringLiteral("wholeCard"));
  connect(whole, &QPushButton::clicked, this, [this] { m_view->lookAt(-1); });
  tools->addWidget(whole);
  return tools;
}

QWidget* ColourPlace::buildPages(DrawerSession& drawer, const std::shared_ptr<SvgArt>& art) {
  auto* side = new SheetFrame;
  side->setFixedWidth(qRound(360 * (1 + (textScale() - 1) * 0.55)));
  auto* tabs = new FlowRow(0);
  m_pages = new QStackedWidget;
  const auto page = [&](const QString& text, QWidget* w) {
    auto* b = new DividerTab(text);
    const int k = static_cast<int>(m_tabs.size());
    b->setObjectName(QStringLiteral("colourTab-%1").arg(k));
    tabs->addWidget(b);
    connect(b, &QPushButton::clicked, this, [this, k] { showPage(static_cast<Page>(k)); });
    m_tabs.push_back(b);
    m_pages->addWidget(w);
  };
  page(tr("Colours"), m_colours = new ColourPage(m_session, drawer, m_view->parts()));
  page(tr("Details"), m_details = new DetailsPage(m_session, drawer, m_view->parts()));
  page(tr("Own steps"), m_own = new OwnPage(m_session));
  page(tr("Suggested"), m_suggest = new SuggestPage(m_session, drawer, art));
  side->box()->addLayout(tabs);
  side->box()->addSpacing(4);
  side->box()->addWidget(m_pages, 1);
  return side;
}

void ColourPlace::showPage(Page page) {
  m_pages->setCurrentIndex(page);
  for (size_t k = 0; k < m_tabs.size(); ++k)
    m_tabs[k]->setChecked(static_cast<int>(k) == static_cast<int>(page));
}

void ColourPlace::takeTool(HandTool tool) {
  m_view->setTool(tool);
  for (size_t k = 0; k < m_tools.size(); ++k)
    m_tools[k]->setChecked(static_cast<int>(k) == static_cast<int>(tool));
  if (tool == HandTool::Line || tool == HandTool::Accent || tool == HandTool::Lift) {
    showPage(Details);
  } else if (m_pages->currentIndex() == Details) {
    showPage(Colours);
  }
}

std::vector<Command> ColourPlace::commands() { return {}; }

void ColourPlace::arrive() { m_view->beginWork(); }

void ColourPlace::takeKeys() { m_view->setFocus(); }

void ColourPlace::refresh() {
  const Analysis& a = *m_session.scene();
  QString words = verdict(m_session.plan(), a);
  double minutes = 0;
  for (const HandWork& work : a.hand->all()) minutes += work.minutes;
  if (minutes > 0) words += QLatin1Char(' ') + tr("About %1 of work by hand.").arg(minutesWords(minutes));
  m_verdict->setText(words);
  Q_EMIT statusChanged();
}

}  // namespace havlo
