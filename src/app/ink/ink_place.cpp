#include "app/ink/ink_place.h"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QPushButton>
#include <QStackedWidget>

#include "app/common/divider_tab.h"
#include "app/common/drawings.h"
#include "app/common/flow_row.h"
#include "app/common/form_rows.h"
#include "app/common/sheet_frame.h"
#include "app/common/side_panels.h"
#include "app/common/tip.h"
#include "app/ink/background_page.h"
#include "app/ink/colours_page.h"
#include "app/ink/greeting_page.h"
#include "app/ink/ink_view.h"
#include "app/ink/looks_page.h"
#include "io/art/svg_art.h"
#include "io/wording/eye_words.h"
#include "io/wording/focus_words.h"

namespace havlo {

InkPlace::InkPlace(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art, QWidget* parent)
    : Place(parent), m_session(session), m_view(new InkView(session, art)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(16, 10, 16, 10);
  row->setSpacing(12);

  auto* main = new QWidget;
  auto* left = new QVBoxLayout(main);
  left->setContentsMargins(0, 0, 0, 0);
  left->setSpacing(6);
  auto* looks = m_showLooks = new QCheckBox(tr("First looks"));
  looks->setChecked(true);
  looks->setToolTip(tr("where the eye goes, in this order; green on the hero"));
  auto* lines = new QCheckBox(tr("What leads"));
  lines->setToolTip(tr("looks, rows and paths; the thirds; a wedge where the weight lies"));
  auto* over = new QHBoxLayout;
  over->setSpacing(16);
  over->addWidget(looks);
  over->addWidget(lines);
  over->addStretch(1);
  left->addLayout(buildModes());
  left->addLayout(over);
  left->addWidget(m_view, 1);
  m_verdict = inkLabel({}, bodyFont(QFont::DemiBold), theme().ink, true);
  m_verdict->setObjectName(QStringLiteral("verdict"));
  auto* under = new QHBoxLayout;
  under->addWidget(m_verdict, 1);
  auto* arrange = drawnButton("act-arrange", tr("Suggest arrangements"));
  arrange->setObjectName(QStringLiteral("arrange"));
  under->addWidget(arrange, 0, Qt::AlignTop);
  left->addLayout(under);
  m_panels = new SidePanels(main, tr("The card"), 420);
  m_panels->add(buildPages(drawer, art), tr("Ink & light").replace(u'&', QStringLiteral("&&")),
                SidePanels::Side::After);
  row->addWidget(m_panels);

  connect(looks, &QCheckBox::toggled, m_view, &InkView::showLooks);
  connect(lines, &QCheckBox::toggled, m_view, &InkView::showLines);
  connect(arrange, &QPushButton::clicked, this, &InkPlace::arrangeRequested);
  connect(m_background, &BackgroundPage::washChosen, this, [this](const QString& wash) {
    if (m_pages->currentIndex() == Background) m_view->setWash(wash);
  });
  connect(m_view, &InkView::washClicked, this, [this](const QString& wash) {
    showPage(Background);
    m_background->choose(wash);
    m_view->setWash(wash);
  });
  connect(m_greeting, &GreetingPage::roomFound, m_view, &InkView::setRoom);
  connect(&session, &PlanSession::planChanged, this, &InkPlace::refresh);
  connect(&session, &PlanSession::looksChanged, this, &InkPlace::refresh);
  showPage(Looks);
  refresh();
}

QLayout* InkPlace::buildModes() {
  auto* modes = new FlowRow(0);
  const auto mode = [&](const QString& text, const QString& tip, InkView::Mode m) {
    auto* b = new DividerTab(text);
    b->setToolTip(tip);
    b->setObjectName(QStringLiteral("mode-%1").arg(static_cast<int>(m)));
    modes->addWidget(b);
    connect(b, &QPushButton::clicked, this, [this, m] {
      m_view->setMode(m);
      for (size_t k = 0; k < m_modes.size(); ++k)
        m_modes[k]->setChecked(static_cast<int>(k) == static_cast<int>(m));
      refresh();
    });
    m_modes.push_back(b);
  };
  mode(tr("As stamped"), tr("the card as it will look"), InkView::Stamped);
  mode(tr("Eyes half closed"), tr("what is left when the details go"), InkView::HalfClosed);
  m_modes.back()->setProperty(kOtherWords, true);  // not the eyes that the card is seen with
  mode(tr("In greys"), tr("light and dark alone, in four steps"), InkView::Greys);
  mode(tr("What pulls"), tr("what does not draw the eye fades away"), InkView::Pull);
  mode(tr("How far"), tr("everything in the colour of its distance"), InkView::Distances);
  mode(tr("Eye level"), tr("the horizon, and how sizes shrink toward it"), InkView::EyeLevel);
  mode(tr("The light"), tr("where it comes from, dark sides and shadows"), InkView::Light);
  m_modes[0]->setChecked(true);
  return modes;
}

QWidget* InkPlace::buildPages(DrawerSession& drawer, const std::shared_ptr<SvgArt>& art) {
  auto* side = new SheetFrame;
  side->setFixedWidth(qRound(400 * (1 + (textScale() - 1) * 0.55)));
  auto* tabs = new FlowRow(0);
  m_pages = new QStackedWidget;
  const auto page = [&](const QString& text, QWidget* w) {
    auto* b = new DividerTab(text);
    const int k = static_cast<int>(m_tabs.size());
    b->setObjectName(QStringLiteral("inkTab-%1").arg(k));
    tabs->addWidget(b);
    connect(b, &QPushButton::clicked, this, [this, k] { showPage(static_cast<Page>(k)); });
    m_tabs.push_back(b);
    m_pages->addWidget(w);
  };
  page(tr("First looks"), m_looks = new LooksPage(m_session));
  page(tr("Background"), m_background = new BackgroundPage(m_session, [&drawer] {
                           return drawer.open() ? drawer.inks() : std::vector<Ink>();
                         }));
  page(tr("Inks"), m_colours = new ColoursPage(m_session, drawer, art));
  page(tr("Greeting"), m_greeting = new GreetingPage(m_session, art));
  side->box()->addLayout(tabs);
  side->box()->addSpacing(4);
  side->box()->addWidget(m_pages, 1);
  return side;
}

void InkPlace::showPage(Page page) {
  m_pages->setCurrentIndex(page);
  for (size_t k = 0; k < m_tabs.size(); ++k)
    m_tabs[k]->setChecked(static_cast<int>(k) == static_cast<int>(page));
  m_view->setWash(page == Background ? m_background->wash() : QString());
  // The looks would lie over what is being handled.
  m_showLooks->setChecked(page == Looks);
}

void InkPlace::refresh() {
  const Plan& plan = m_session.plan();
  const Analysis& a = *m_session.scene();
  m_verdict->setText(m_view->mode() == InkView::Distances  ? depthSentence(plan, a)
                     : m_view->mode() == InkView::EyeLevel ? perspectiveSentence(plan, a)
                     : m_view->mode() == InkView::Light    ? lightSentence(plan, a)
                                                           : verdict(plan, a));
  if (m_pages->currentIndex() == Background) m_view->setWash(m_background->wash());
}

}  // namespace havlo
