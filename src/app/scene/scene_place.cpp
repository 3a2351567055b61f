// Lays the parts out and lets them hear of each other.
#include "app/scene/scene_place.h"

#include <QDrag>
#include <QGridLayout>
#include <QMimeData>
#include <QPushButton>
#include <QSettings>
#include <algorithm>
#include <numeric>
#include <set>

#include "app/common/column_width.h"
#include "app/common/sheet_frame.h"
#include "app/common/side_panels.h"
#include "app/common/stamp_mime.h"
#include "app/face/crowd_draft.h"
#include "app/face/face_view.h"
#include "app/face/thing_acts.h"
#include "app/scene/reading_panel.h"
#include "app/scene/spot_menu.h"
#include "app/scene/stamp_shelf.h"
#include "app/scene/stamps_at_hand.h"
#include "app/scene/thing_panel.h"
#include "app/scene/view_panel.h"
#include "app/walk/walk_view.h"
#include "core/chain/put_new.h"
#include "core/edit/put_on.h"
#include "core/plan/role_facts.h"
#include "io/art/svg_art.h"
#include "io/wording/eye_words.h"
#include "io/wording/names.h"

namespace havlo {
namespace {

constexpr double kTight = 430;  // px of height at usual text, below which the card needs all of it

}  // namespace

ScenePlace::ScenePlace(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent)
    : Place(parent),
      m_session(session),
      m_art(art),
      m_row(new RowDraft(session, this)),
      m_crowd(new CrowdDraft(session, this)),
      m_acts(new ThingActs(session, this)),
      m_menus(new SpotMenus(session, *m_acts, this)),
      m_face(new FaceView(session, *m_row, *m_crowd, art)),
      m_walk(new WalkView(session)) {
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(16, 10, 16, 8);
  grid->setSpacing(10);
  m_thing = new ThingPanel(session, *m_row, *m_crowd, *m_acts, art);
  ThingPanel* thing = m_thing;
  auto* reading = new ReadingPanel(session, art);
  // Wider with larger text, but never so wide that the card has no room.
  const double grow = 1 + (textScale() - 1) * 0.5;
  holdWidth(thing, qRound(236 * grow));  // with the bar that comes
  holdWidth(reading, qRound(280 * grow));
  // What they show must not move the card: they roll instead of growing.
  for (QWidget* side : {static_cast<QWidget*>(thing), static_cast<QWidget*>(reading)})
    side->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Ignored);
  auto* panels = new SidePanels(m_face, tr("The card"), qRound(400 * grow));
  // The card is the largest thing there is: in a narrow window the panels share one side.
  panels->keepForMain(qRound(600 * grow));
  panels->add(thing, tr("The thing"), SidePanels::Side::Before);
  panels->add(reading, tr("What it says"), SidePanels::Side::After);
  grid->addWidget(panels, 0, 0);
  connect(&session, &PlanSession::selectionChanged, panels, [panels, thing] { panels->bringUp(thing); });
  m_grid = grid;
  grid->addWidget(buildWalk(), 1, 0);
  foldWalk(QSettings().value(QStringLiteral("walkFolded"), false).toBool());
  grid->setColumnStretch(0, 1);
  connect(thing, &ThingPanel::addRequested, this, &ScenePlace::offerStamps);
  connect(thing, &ThingPanel::stampTaken, this, &ScenePlace::addStamp);
  connect(thing, &ThingPanel::ownedTaken, this, &ScenePlace::stampOfDrawerTaken);
  connect(thing, &ThingPanel::drawerRequested, this, &ScenePlace::drawerRequested);
  connect(thing, &ThingPanel::heightSaid, this, [this](const Plan& plan) {
    const int i = m_session.selectedIndex();
    const Impression& said = plan.impressions[ix(i)];
    const StampRef stamp = plan.stamp(said.stamp);
    // Where it stood by chance it need not stay; what lies on another thing stays there.
    const bool free = !std::holds_alternative<OnThing>(said.depth);
    Plan alone = plan;
    std::erase_if(alone.impressions, [&](const Impression& one) { return one.id == said.id; });
    Plan seen = plan;
    seen.view = seenByFirst(alone, *stamp).view;
    m_session.edit(tr("Say how tall %1 is").arg(stampName(*stamp)),
                   free ? withFoot(seen, said.id, goodSpot(seen, *stamp, said.at.x)) : Result<Plan>(plan));
    m_face->setFocus();
  });
  connect(thing, &ThingPanel::demoRequested, this, &ScenePlace::demoRequested);
  connect(thing, &ThingPanel::openRequested, this, &ScenePlace::openRequested);
  connect(thing, &ThingPanel::proposeRequested, this, &ScenePlace::proposeRequested);
  connect(reading, &ReadingPanel::showRequested, m_face, &FaceView::pointOut);
  const auto drafts = [this] { m_session.setDrafting(m_row->active() || m_crowd->active()); };
  connect(m_row, &RowDraft::changed, this, drafts);
  connect(m_crowd, &CrowdDraft::changed, this, drafts);
  connect(&thing->view(), &ViewPanel::constructionWanted, m_face, &FaceView::showConstruction);
  connectActs();
}

void ScenePlace::connectActs() {
  connect(m_face, &FaceView::spotAsked, m_menus, &SpotMenus::openOnSpot);
  connect(m_face, &FaceView::pointAsked, m_menus, &SpotMenus::openOnThing);
  connect(m_menus, &SpotMenus::stampWanted, this,
          [this](const std::string& stamp, Point foot) { addStampOf(m_session.plan(), stamp, foot); });
  connect(m_menus, &SpotMenus::ownedStampWanted, this, &ScenePlace::stampOfDrawerRequested);
  connect(m_face, &FaceView::showHiddenWanted, this, [this] { m_acts->run(QStringLiteral("showAll")); });
  connect(m_face, &FaceView::dropped, this, &ScenePlace::takeDropped);
  // A copy goes with the pointer: to another spot, or another window.
  connect(m_face, &FaceView::carryWanted, this, [this] {
    QMimeData* carried = m_acts->carried();
    if (!carried) return;
    auto* drag = new QDrag(m_face);
    drag->setMimeData(carried);
    drag->exec(Qt::CopyAction);
  });
  connect(m_acts, &ThingActs::measureWanted, m_face, &FaceView::typeMeasure);
  connect(m_acts, &ThingActs::rowWanted, m_thing, &ThingPanel::beginRow);
  connect(m_acts, &ThingActs::crowdWanted, this, &ScenePlace::beginCrowd);
  connect(m_thing, &ThingPanel::crowdDone, m_face, qOverload<>(&QWidget::setFocus));
}

/// The walk below the card, and what folds it: then the card has its room.
QWidget* ScenePlace::buildWalk() {
  auto* below = new SheetFrame;
  auto* together = new QGridLayout;
  together->setContentsMargins(0, 0, 0, 0);
  m_walkWords = inkLabel(tr("The walk: the same scene from the side"), labelFont(), theme().soft);
  m_fold = plainButton({});
  m_fold->setObjectName(QStringLiteral("foldWalk"));
  together->addWidget(m_walk, 0, 0);
  together->addWidget(m_walkWords, 0, 0, Qt::AlignLeft | Qt::AlignVCenter | Qt::AlignAbsolute);
  together->addWidget(m_fold, 0, 0, Qt::AlignRight | Qt::AlignTop | Qt::AlignAbsolute);
  below->box()->addLayout(together);
  connect(m_fold, &QPushButton::clicked, this, [this] { foldWalk(!m_walk->isHidden()); });
  return below;
}

/// Where the place is low the walk is folded by itself, until it is asked for.
void ScenePlace::resizeEvent(QResizeEvent* e) {
  Place::resizeEvent(e);
  const bool tight = height() < kTight * textScale();
  if (tight == m_tight) return;
  m_tight = tight;
  showWalk(!tight && !QSettings().value(QStringLiteral("walkFolded"), false).toBool());
}

void ScenePlace::foldWalk(bool folded) {
  if (!m_tight) QSettings().setValue(QStringLiteral("walkFolded"), folded);
  showWalk(!folded);
}

void ScenePlace::showWalk(bool shown) {
  const bool folded = !shown;
  m_walk->setVisible(!folded);
  m_walkWords->setVisible(folded);
  m_fold->setText(folded ? tr("Unfold") : tr("Fold"));
  m_fold->setAccessibleName(folded ? tr("Unfold the walk") : tr("Fold the walk away: the card grows"));
  m_grid->setRowStretch(0, folded ? 1 : 13);
  m_grid->setRowStretch(1, folded ? 0 : 4);
}

void ScenePlace::setDrawerHelp(DrawerHelp help) {
  m_help = std::move(help);
  m_menus->setDrawer(m_help);
  m_thing->setLikeStamps(m_help.like);
  m_thing->atHand().setDrawer(m_help);
  m_thing->refresh();
}

void ScenePlace::offerStamps() {
  if (m_session.plan().stamps.empty()) return Q_EMIT drawerRequested();
  constexpr size_t kMost = 60;
  auto* shelf =
      new StampShelf(m_session, *m_art, m_help.owned ? m_help.owned(kMost) : std::vector<OwnedStamp>(), this);
  connect(shelf, &StampShelf::ownedTaken, this, &ScenePlace::stampOfDrawerTaken);
  connect(shelf, &StampShelf::stampTaken, this, &ScenePlace::addStamp);
  connect(shelf, &StampShelf::drawerRequested, this, &ScenePlace::drawerRequested);
  const QSize size(std::min(m_face->width(), qRound(560 * textScale())),
                   std::min(height() - 20, qRound(470 * textScale())));
  shelf->setGeometry(QRect(m_face->mapToGlobal(QPoint(0, 4)), size));
  shelf->show();
  shelf->setFocus();
}

void ScenePlace::addStamp(const QString& stamp) { addStampOf(m_session.plan(), stamp.toStdString()); }

void ScenePlace::addStampOf(const Plan& plan, const std::string& stampId, std::optional<Point> foot) {
  const StampRef stamp = plan.stamp(stampId);
  if (!stamp) return;
  const std::string id = freshId(plan, stamp->id);
  const Plan seen = seenByFirst(plan, *stamp);
  const bool lowered = seen.view && plan.view && seen.view->eyeHeight_m != plan.view->eyeHeight_m;
  m_session.edit(tr("Add %1").arg(stampName(*stamp)),
                 withStampPut(seen, stamp->id, foot, m_session.analysis().get()));
  if (lowered)
    Q_EMIT m_session.notice(tr("The first thing sets the view: seen from %1 it stands right. Under “The one "
                               "viewpoint” it can be changed.")
                                .arg(metresText(seen.view->eyeHeight_m)));
  m_session.select(QString::fromStdString(id));
  m_face->setFocus();
}

/// The drawer may have been filled meanwhile.
void ScenePlace::arrive() {
  if (m_session.plan().impressions.empty()) m_thing->refresh();
}

void ScenePlace::takeKeys() {
  StampsAtHand& stamps = m_thing->atHand();
  stamps.isVisibleTo(this) ? stamps.list().setFocus() : m_face->setFocus();
}

std::vector<Command> ScenePlace::commands() {
  const auto command = [](const char* id, const QString& text, QList<QKeySequence> keys,
                          std::function<void()> run) {
    Command c;
    c.id = QLatin1String(id), c.text = text, c.shortcuts = std::move(keys), c.run = std::move(run);
    c.menu = QStringLiteral("look"), c.part = 1;
    return c;
  };
  std::vector<Command> out = m_acts->commands();
  out.push_back(command("closer", tr("&Closer"),
                        {QKeySequence::ZoomIn, QKeySequence(Qt::CTRL | Qt::Key_Equal)},
                        [this] { m_face->setZoom(m_face->zoom() * 1.25); }));
  out.push_back(command("farther", tr("&Farther"), {QKeySequence::ZoomOut},
                        [this] { m_face->setZoom(m_face->zoom() / 1.25); }));
  out.push_back(command("whole", tr("The &whole card"), {QKeySequence(Qt::CTRL | Qt::Key_0)},
                        [this] { m_face->setZoom(1); }));
  out.push_back(command("loupe", tr("Lou&pe"), {QKeySequence(Qt::CTRL | Qt::Key_L)},
                        [this] { m_face->setLoupe(!m_face->loupeOn()); }));
  out.push_back(command("walk", tr("Fold or unfold the wal&k"), {QKeySequence(Qt::CTRL | Qt::Key_K)},
                        [this] { foldWalk(!m_walk->isHidden()); }));
  return out;
}

/// Lays a crowd: of the chosen things' stamps, else of the figures and animals that are at hand.
void ScenePlace::beginCrowd() {
  const Plan& plan = m_session.plan();
  if (!plan.view) return;
  constexpr size_t kMostOffered = 60;
  std::vector<StampRef> offered;
  std::vector<bool> taken;
  std::set<std::string> chosen;
  for (const int i : m_session.chosenIndices()) chosen.insert(plan.impressions[ix(i)].stamp);
  const auto offer = [&](const StampRef& s, bool take) {
    const bool known = std::any_of(offered.begin(), offered.end(), [&](const StampRef& k) {
      return k == s || (!s->drawer.empty() && k->drawer == s->drawer);
    });
    if (known || !s->realHeight || !factsOf(s->role).stands() || offered.size() >= kMostOffered) return;
    offered.push_back(s), taken.push_back(take);
  };
  for (const StampRef& s : plan.stamps) offer(s, chosen.contains(s->id));
  if (m_help.owned)
    for (const OwnedStamp& one : m_help.owned(400))
      if (one.stamp->role == Role::Figure || one.stamp->role == Role::Animal) offer(one.stamp, false);
  if (offered.empty())
    return Q_EMIT m_session.notice(
        tr("A crowd needs stamps whose real height is known: people, animals, trees. Take some from the "
           "drawer."));
  // What is in hand stands first.
  std::vector<size_t> line(offered.size());
  std::iota(line.begin(), line.end(), size_t{0});
  std::stable_sort(line.begin(), line.end(), [&](size_t a, size_t b) { return taken[a] > taken[b]; });
  std::vector<StampRef> sorted;
  std::vector<bool> takes;
  for (const size_t k : line) sorted.push_back(offered[k]), takes.push_back(taken[k]);
  // Where nothing is chosen, people are a crowd.
  if (std::none_of(takes.begin(), takes.end(), [](bool t) { return t; }))
    for (size_t k = 0; k < sorted.size(); ++k) takes[k] = sorted[k]->role == Role::Figure;
  m_row->leave();
  m_session.select({});
  m_crowd->begin(std::move(sorted), std::move(takes));
  m_thing->takeCrowdKeys();
}

void ScenePlace::takeDropped(const QMimeData* what, Point at) {
  if (ThingActs::canPaste(what)) return m_acts->paste(what, at);
  const QString key = QString::fromUtf8(what->data(kStampMime));
  if (key.startsWith(u'=')) {
    addStampOf(m_session.plan(), key.mid(1).toStdString(), at);
  } else if (!key.isEmpty()) {
    Q_EMIT stampOfDrawerRequested(key, at);
  }
}

}  // namespace havlo
