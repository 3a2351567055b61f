// Lays the parts out and lets them hear of each other.
#include "app/scene/scene_place.h"

#include <QGridLayout>
#include <QImage>
#include <QMenu>
#include <QPixmap>
#include <QPushButton>
#include <QSettings>
#include <algorithm>
#include <cmath>

#include "app/common/sheet_frame.h"
#include "app/scene/face_view.h"
#include "app/scene/reading_panel.h"
#include "app/scene/stamp_shelf.h"
#include "app/scene/stamps_at_hand.h"
#include "app/scene/thing_panel.h"
#include "app/scene/view_panel.h"
#include "app/scene/walk_view.h"
#include "core/depth/fitting.h"
#include "core/edit/edits.h"
#include "core/edit/view_edits.h"
#include "core/plan/role_facts.h"
#include "io/art/svg_art.h"
#include "io/wording/eye_words.h"
#include "io/wording/names.h"

namespace havlo {

ScenePlace::ScenePlace(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent)
    : Place(parent),
      m_session(session),
      m_art(art),
      m_row(new RowDraft(session, this)),
      m_face(new FaceView(session, *m_row, art)),
      m_walk(new WalkView(session)) {
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(16, 10, 16, 8);
  grid->setSpacing(10);
  m_thing = new ThingPanel(session, *m_row, art);
  ThingPanel* thing = m_thing;
  auto* reading = new ReadingPanel(session, art);
  // Wider with larger text, but never so wide that the card has no room.
  const double grow = 1 + (textScale() - 1) * 0.5;
  thing->setFixedWidth(qRound(224 * grow));
  reading->setFixedWidth(qRound(300 * grow));
  // What they show must not move the card: they roll instead of growing.
  for (QWidget* side : {static_cast<QWidget*>(thing), static_cast<QWidget*>(reading)})
    side->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Ignored);
  grid->addWidget(thing, 0, 0);
  grid->addWidget(m_face, 0, 1);
  grid->addWidget(reading, 0, 2);
  m_grid = grid;
  grid->addWidget(buildWalk(), 1, 0, 1, 3);
  foldWalk(QSettings().value(QStringLiteral("walkFolded"), false).toBool());
  grid->setColumnStretch(1, 1);
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
  connect(&thing->view(), &ViewPanel::constructionWanted, m_face, &FaceView::showConstruction);
  connect(m_face, &FaceView::spotAsked, this, &ScenePlace::offerFitting);
  connect(m_face, &FaceView::pointAsked, this, &ScenePlace::offerContacts);
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
  together->addWidget(m_walkWords, 0, 0, Qt::AlignLeft | Qt::AlignVCenter);
  together->addWidget(m_fold, 0, 0, Qt::AlignRight | Qt::AlignTop);
  below->box()->addLayout(together);
  connect(m_fold, &QPushButton::clicked, this, [this] { foldWalk(!m_walk->isHidden()); });
  return below;
}

void ScenePlace::foldWalk(bool folded) {
  QSettings().setValue(QStringLiteral("walkFolded"), folded);
  m_walk->setVisible(!folded);
  m_walkWords->setVisible(folded);
  m_fold->setText(folded ? tr("Unfold") : tr("Fold"));
  m_fold->setAccessibleName(folded ? tr("Unfold the walk") : tr("Fold the walk away: the card grows"));
  m_grid->setRowStretch(0, folded ? 1 : 13);
  m_grid->setRowStretch(1, folded ? 0 : 4);
}

void ScenePlace::setDrawerHelp(DrawerHelp help) {
  m_help = std::move(help);
  m_thing->setLikeStamps(m_help.like);
  m_thing->atHand().setDrawer(m_help);
  m_thing->refresh();
}

/// What a point of a stamp is for: things come to rest on perches and hang from hands.
void ScenePlace::offerContacts(int impression, Point at, const QPoint& global) {
  const Plan& plan = m_session.plan();
  const std::string stamp = plan.impressions[ix(impression)].stamp;
  auto* menu = new QMenu(this);
  menu->setObjectName(QStringLiteral("contacts"));
  menu->setAttribute(Qt::WA_DeleteOnClose);
  const std::pair<std::optional<ContactKind>, QString> choices[] = {
      {ContactKind::Perch, tr("Something can sit here")},
      {ContactKind::Hand, tr("Something hangs from here")},
      {ContactKind::Underside, tr("It rests on things here")},
      {ContactKind::Start, tr("It grows from something here")},
      {std::nullopt, tr("This point is for nothing")}};
  for (const auto& [kind, text] : choices)
    menu->addAction(text, this, [this, stamp, at, kind = kind, text = text] {
      m_session.edit(tr("%1: %2").arg(stampName(*m_session.plan().stamp(stamp)), text),
                     withContact(m_session.plan(), stamp, at, kind));
    });
  menu->popup(global);
}

/// A menu of what would stand right on this spot: the plan's own stamps, then the drawer's.
void ScenePlace::offerFitting(Point spot, const QPoint& global) {
  constexpr int kMost = 8;
  const Plan& plan = m_session.plan();
  auto* menu = new QMenu(this);
  menu->setObjectName(QStringLiteral("fitting"));
  menu->setAttribute(Qt::WA_DeleteOnClose);
  const double away = groundDistance(*plan.view, Millimetres{spot.y}).value;
  const auto note = [&](const QString& text) { menu->addAction(text)->setEnabled(false); };
  if (!std::isfinite(away)) {
    note(tr("Above the horizon there is no ground to stand on."));
  } else {
    note(tr("Stands right here, %1 away:").arg(QString::fromStdString(writeDistance(Metres{away}))));
    int shown = 0;
    for (const FittingStamp& f : stampsAt(*plan.view, plan.stamps, spot.y)) {
      if (!f.fits || shown == kMost) break;
      const std::string id = plan.stamps[ix(f.stamp)]->id;
      menu->addAction(tr("%1 (%2 % of its typical height)")
                          .arg(stampName(*plan.stamps[ix(f.stamp)]))
                          .arg(qRound(100 * f.ratio)),
                      this, [this, id, spot] { addStampOf(m_session.plan(), id, spot); });
      ++shown;
    }
    if (shown == 0) note(tr("none of the plan's stamps"));
    if (m_help.fitting) {
      menu->addSeparator();
      note(tr("From the drawer:"));
      int more = 0;
      for (const auto& [key, name] : m_help.fitting(away)) {
        if (more++ == kMost) break;
        menu->addAction(QString::fromStdString(name), this, [this, spot, k = QString::fromStdString(key)] {
          Q_EMIT stampOfDrawerRequested(k, spot);
        });
      }
      if (more == 0) note(tr("nothing that is not on the card's shelf"));
    }
  }
  menu->popup(global);
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

/// Where another print of this stamp has room, beside the one that was put on last.
std::optional<Point> ScenePlace::besideItsLike(const Plan& plan, const Stamp& stamp) const {
  const Impression* last = nullptr;
  for (const Impression& i : plan.impressions)
    if (i.stamp == stamp.id) last = &i;
  if (!last) return {};
  constexpr double kBetween_mm = 4;
  const double step = stamp.width_mm + kBetween_mm, width = plan.card.panel.width_mm;
  const auto taken = [&](double x) {
    return std::any_of(plan.impressions.begin(), plan.impressions.end(), [&](const Impression& i) {
      return i.stamp == stamp.id && std::fabs(i.at.x - x) < 0.6 * step;
    });
  };
  for (const double by : {1.0, -1.0, 2.0, -2.0, 3.0, -3.0}) {
    const double x = last->at.x + by * step;
    if (x - stamp.foot.x >= 0 && x + stamp.width_mm - stamp.foot.x <= width && !taken(x))
      return Point{x, last->at.y};
  }
  return {};
}

/// A first thing too large for where it can stand lowers the eyes: nothing else minds yet.
Plan ScenePlace::seenByFirst(const Plan& plan, const Stamp& stamp) const {
  constexpr double kFoot = 0.12;  // of the card's height
  if (!plan.view || !stamp.realHeight || !factsOf(stamp.role).stands()) return plan;
  for (const Impression& i : plan.impressions)
    if (factsOf(plan.stamp(i.stamp)->role).stands()) return plan;
  const double foot = kFoot * plan.card.panel.height_mm, below = plan.view->horizon_mm - foot;
  const StandingBand band = standingBand(*plan.view, *stamp.realHeight, Millimetres{stamp.height_mm});
  if (below <= 0 || band.high_mm >= foot / 2) return plan;
  const double eyes = stamp.realHeight->typical_m * below / stamp.height_mm;
  // To the centimetre, as one would say it.
  auto lower = withEyes(plan, Metres{eyes > 0.1 ? std::round(100 * eyes) / 100 : eyes});
  return lower ? std::move(lower).value() : plan;
}

Point ScenePlace::goodSpot(const Plan& plan, const Stamp& stamp, std::optional<double> wanted) const {
  // In the middle, or where there is room beside what stands there.
  const double width = plan.card.panel.width_mm;
  const auto roomAt = [&](double x) {
    double least = width;
    for (const Impression& i : plan.impressions) least = std::min(least, std::fabs(i.at.x - x));
    return least;
  };
  double middle = width / 2;
  for (const double share : {0.3, 0.7, 0.15, 0.85})
    if (roomAt(middle) < 0.12 * width && roomAt(share * width) >= 0.12 * width) middle = share * width;
  // A second of its kind stands beside the first.
  if (const auto beside = besideItsLike(plan, stamp)) middle = beside->x;
  if (wanted) middle = *wanted;
  // Never off the card sideways: as far in as it is wide.
  const double left = std::min(stamp.foot.x, width / 2),
               right = std::max(width - (stamp.width_mm - stamp.foot.x), width / 2);
  middle = std::clamp(middle, std::min(left, right), std::max(left, right));
  if (plan.view && stamp.realHeight) {
    const StandingBand band = standingBand(*plan.view, *stamp.realHeight, Millimetres{stamp.height_mm});
    // On the card in any case: where that is not its right place the reading says so, and the ways out begin
    // there.
    const double height = plan.card.panel.height_mm, least = 0.05 * height;
    double y = (band.low_mm + band.high_mm) / 2;
    // Not right at the edge, if it need not be.
    constexpr double kAtEdge_mm = 1;
    if (y < least)
      y = band.high_mm >= kAtEdge_mm ? std::min(least, std::max(band.high_mm - 0.5, kAtEdge_mm)) : least;
    return {middle, std::min(y, 0.9 * height)};
  }
  const double sky = plan.view
                         ? plan.view->horizon_mm + (plan.card.panel.height_mm - plan.view->horizon_mm) * 0.4
                         : plan.card.panel.height_mm * 0.5;
  return {middle, std::min(sky, plan.card.panel.height_mm - stamp.height_mm * 0.6)};
}

void ScenePlace::addStamp(const QString& stamp) { addStampOf(m_session.plan(), stamp.toStdString()); }

void ScenePlace::addStampOf(const Plan& plan, const std::string& stampId, std::optional<Point> foot) {
  const StampRef stamp = plan.stamp(stampId);
  if (!stamp) return;
  const std::string id = freshId(plan, stamp->id);
  const Plan seen = seenByFirst(plan, *stamp);
  const bool lowered = seen.view && plan.view && seen.view->eyeHeight_m != plan.view->eyeHeight_m;
  m_session.edit(tr("Add %1").arg(stampName(*stamp)),
                 withNewImpression(seen, stamp->id, foot.value_or(goodSpot(seen, *stamp))));
  if (lowered)
    Q_EMIT m_session.notice(tr("The first thing sets the view: seen from %1 it stands right. Under \"The one "
                               "viewpoint\" it can be changed.")
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
  const auto chosen = [this] { return m_session.selectedIndex() >= 0; };
  const auto command = [](const char* id, const QString& text, QList<QKeySequence> keys,
                          std::function<void()> run, const char* menu, int part) {
    Command c;
    c.id = QLatin1String(id), c.text = text, c.shortcuts = std::move(keys), c.run = std::move(run);
    c.menu = QLatin1String(menu), c.part = part;
    return c;
  };
  std::vector<Command> out{command(
                               "remove", tr("&Take it off the card"), {QKeySequence(Qt::Key_Delete)},
                               [this] { takeOff(); }, "change", 2),
                           command(
                               "left", tr("Type the measure from the &left"), {},
                               [this] { m_face->typeMeasure(Qt::Horizontal); }, "change", 2),
                           command(
                               "bottom", tr("Type the measure from the &bottom"), {},
                               [this] { m_face->typeMeasure(Qt::Vertical); }, "change", 2)};
  out.push_back(command(
      "another", tr("One &more of it"), {QKeySequence(Qt::CTRL | Qt::Key_D)}, [this] { addAnother(); },
      "change", 2));
  for (Command& c : out) c.enabled = chosen;
  out.push_back(command(
      "closer", tr("&Closer"), {QKeySequence::ZoomIn, QKeySequence(Qt::CTRL | Qt::Key_Equal)},
      [this] { m_face->setZoom(m_face->zoom() * 1.25); }, "look", 1));
  out.push_back(command(
      "walk", tr("Fold or unfold the wal&k"), {QKeySequence(Qt::CTRL | Qt::Key_K)},
      [this] { foldWalk(!m_walk->isHidden()); }, "look", 1));
  out.push_back(command(
      "farther", tr("&Farther"), {QKeySequence::ZoomOut}, [this] { m_face->setZoom(m_face->zoom() / 1.25); },
      "look", 1));
  out.push_back(command(
      "whole", tr("The &whole card"), {QKeySequence(Qt::CTRL | Qt::Key_0)}, [this] { m_face->setZoom(1); },
      "look", 1));
  return out;
}

/// Another print of the chosen stamp beside it: same ink, same pressing, same school.
void ScenePlace::addAnother() {
  const int i = m_session.selectedIndex();
  if (i < 0) return;
  const Plan& plan = m_session.plan();
  const Impression like = plan.impressions[ix(i)];
  const StampRef stamp = plan.stamp(like.stamp);
  const auto beside = besideItsLike(plan, *stamp);
  const Point at = beside ? Point{beside->x, like.at.y} : Point{like.at.x + 3, like.at.y - 2};
  const std::string id = freshId(plan, stamp->id);
  auto made = withNewImpression(plan, stamp->id, at);
  if (made) {
    Plan next = std::move(made).value();
    for (Impression& one : next.impressions)
      if (one.id == id)
        one.ink = like.ink, one.generation = like.generation, one.turn_deg = like.turn_deg,
        one.school = like.school, one.part = like.part, one.lit = like.lit;
    made = std::move(next);
  }
  m_session.edit(tr("One more %1").arg(stampName(*stamp)), made);
  m_session.select(QString::fromStdString(id));
}

void ScenePlace::takeOff() {
  const int i = m_session.selectedIndex();
  if (i < 0) return;
  m_session.edit(tr("Take %1 off").arg(nameOf(m_session.plan(), i)),
                 without(m_session.plan(), m_session.selected().toStdString()));
}

}  // namespace havlo
