#include "app/shell/places.h"

#include <QCoreApplication>
#include <algorithm>
#include <string_view>
#include <unordered_set>

#include "app/arrange/arrange_place.h"
#include "app/begin/begin_place.h"
#include "app/card/card_place.h"
#include "app/card/cut_page.h"
#include "app/colour/colour_place.h"
#include "app/drawer/drawer_place.h"
#include "app/ink/ink_place.h"
#include "app/log/hold_dialog.h"
#include "app/log/log_place.h"
#include "app/make/make_place.h"
#include "app/order/order_place.h"
#include "app/practice/practice_place.h"
#include "app/scene/scene_place.h"
#include "app/shell/errands.h"
#include "core/card/card_fit.h"
#include "core/focus/looks.h"
#include "io/wording/card_words.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr auto kNotBegun = [] { return PlaceStatus{tr("not begun"), Mark::NotBegun, Level::Note}; };

bool nothingOnIt(const Workshop& w) { return w.session.plan().impressions.empty(); }

// ---- how they stand

PlaceStatus cardStatus(const Workshop& w, const Place*) {
  if (!w.session.hasBegun()) return kNotBegun();  // nobody has chosen its size yet
  const Plan& plan = w.session.whole();
  // Asked for at every step of a drag by several: found once for a plan.
  static std::pair<std::weak_ptr<const Plan>, CardFit> known;
  if (known.first.lock() != w.session.snapshot()) known = {w.session.snapshot(), fitCard(plan)};
  const CardFit& fit = known.second;
  if (fit.misfits.empty())
    return {sizeWords(plan.card.panel.width_mm, plan.card.panel.height_mm, w.session.units()), Mark::Fine,
            Level::Note};
  const bool serious =
      std::any_of(fit.misfits.begin(), fit.misfits.end(), [](const Misfit& m) { return m.serious; });
  return {fit.misfits.size() == 1 ? tr("1 thing does not fit")
                                  : tr("%1 things do not fit").arg(fit.misfits.size()),
          Mark::Look, serious ? Level::Fault : Level::Warn};
}

PlaceStatus drawerStatus(const Workshop& w, const Place*) {
  const size_t owned = w.drawer.index().cards().size();
  if (!w.drawer.isOpen()) return {tr("your stamps"), Mark::Fine, Level::Note};
  if (owned == 0) return {tr("empty"), Mark::NotBegun, Level::Note};
  return {owned == 1 ? tr("1 stamp") : tr("%1 stamps").arg(owned), Mark::Fine, Level::Note};
}

PlaceStatus sceneStatus(const Workshop& w, const Place*) {
  if (nothingOnIt(w)) return kNotBegun();
  const auto& findings = w.session.scene()->findings;
  const auto worth = std::count_if(findings.begin(), findings.end(),
                                   [](const Finding& f) { return !f.known && f.level != Level::Note; });
  const bool fault = std::any_of(findings.begin(), findings.end(),
                                 [](const Finding& f) { return !f.known && f.level == Level::Fault; });
  if (worth == 0) return {tr("fine"), Mark::Fine, Level::Note};
  return {worth == 1 ? tr("1 thing to look at") : tr("%1 things to look at").arg(worth), Mark::Look,
          fault ? Level::Fault : Level::Warn};
}

PlaceStatus orderStatus(const Workshop& w, const Place* made) {
  if (nothingOnIt(w)) return kNotBegun();
  const int cut = w.session.scene()->masksToCut();
  const QString masks = cut == 1 ? tr("1 mask") : tr("%1 masks").arg(cut);
  const auto* order = static_cast<const OrderPlace*>(made);
  // What is being moved is not what was proven.
  if (!order || !order->simulation() || w.session.scene()->workStands)
    return {masks, Mark::Fine, Level::Note};
  return order->simulation()->proven
             ? PlaceStatus{tr("%1, proven").arg(masks), Mark::Fine, Level::Note}
             : PlaceStatus{tr("%1, not as planned").arg(masks), Mark::Look, Level::Fault};
}

PlaceStatus inkStatus(const Workshop& w, const Place*) {
  const auto& looks = w.session.scene()->looks;
  if (nothingOnIt(w) || !looks || !looks->fits(w.session.plan())) return kNotBegun();
  if (looks->hero < 0) return {tr("no hero"), Mark::Fine, Level::Note};
  // A piece of paper may be seen before everything that is stamped; the reading says so.
  const auto& findings = w.session.scene()->findings;
  const auto ahead = std::count_if(findings.begin(), findings.end(), [](const Finding& f) {
    return f.kind == FindingKind::Rival && f.piece >= 0;
  });
  const int rank = looks->heroRank + static_cast<int>(ahead);
  if (rank == 1)
    return {tr("hero first, %1 %").arg(qRound(100 * looks->heroShare())), Mark::Fine, Level::Note};
  return {tr("hero in place %1").arg(rank), Mark::Look, Level::Warn};
}

PlaceStatus colourStatus(const Workshop& w, const Place*) {
  if (nothingOnIt(w) || w.session.scene()->hand->empty()) return kNotBegun();
  const Plan& plan = w.session.plan();
  std::unordered_set<std::string_view> by;
  for (const Colouring& c : plan.colourings) by.insert(c.impression);
  const auto coloured =
      std::count_if(plan.impressions.begin(), plan.impressions.end(),
                    [&](const Impression& i) { return !i.like.empty() || by.contains(i.id); });
  return {coloured == 0   ? tr("by hand")
          : coloured == 1 ? tr("1 thing coloured")
                          : tr("%1 things coloured").arg(coloured),
          Mark::Fine, Level::Note};
}

PlaceStatus makeStatus(const Workshop& w, const Place*) {
  const auto& bench = w.making.bench();
  if (!bench) return kNotBegun();
  return {bench->finished() ? tr("done") : tr("step %1 of %2").arg(bench->at() + 1).arg(bench->count()),
          Mark::Fine, Level::Note};
}

PlaceStatus logStatus(const Workshop& w, const Place*) {
  const int cards = w.log.learnt().cards;
  if (cards == 0) return {tr("no card yet"), Mark::NotBegun, Level::Note};
  return {cards == 1 ? tr("1 card") : tr("%1 cards").arg(cards), Mark::Fine, Level::Note};
}

// ---- how they are made

Place* makeCard(const Workshop& w, Errands& errands) {
  auto* place = new CardPlace(w.session, w.drawer, w.art);
  QObject::connect(place, &CardPlace::newCardRequested, &errands, [&errands] { errands.startNewCard(); });
  QObject::connect(place, &CardPlace::faceRequested, &errands,
                   [&errands] { errands.visit(QStringLiteral("scene")); });
  QObject::connect(place, &CardPlace::printCutListRequested, &errands, [place, &errands] {
    errands.printing().setCuts(place->cutting().cuts());
    errands.printing().print(PrintoutKind::CutList);
  });
  QObject::connect(place, &CardPlace::printClassRequested, &errands,
                   [&errands] { errands.printing().print(PrintoutKind::Class); });
  QObject::connect(place, &CardPlace::cutUp, &errands,
                   [&errands, &drawer = w.drawer](const StockChange& undo, int offcuts) {
                     errands.notice(
                         offcuts == 0 ? tr("The sheets are out of the drawer.")
                         : offcuts == 1
                             ? tr("The sheets are out of the drawer, one offcut is in it.")
                             : tr("The sheets are out of the drawer, %1 offcuts are in it.").arg(offcuts),
                         {{tr("Put them back"), [&drawer, undo] { drawer.changeStock(undo); }}});
                   });
  return place;
}

Place* makeDrawer(const Workshop& w, Errands& errands) {
  auto* place = new DrawerPlace(w.session, w.drawer, w.art);
  QObject::connect(place, &DrawerPlace::putOnCardRequested, &errands,
                   [&errands](const QString& key) { errands.putOnCard(key); });
  QObject::connect(&errands, &Errands::scanOffered, place, &DrawerPlace::showAdding);
  QObject::connect(&errands, &Errands::fileOffered, place, &DrawerPlace::takeFile);
  QObject::connect(&errands, &Errands::filesOffered, place, &DrawerPlace::takeFiles);
  QObject::connect(place, &DrawerPlace::done, &errands,
                   [&errands](const QString& text) { errands.notice(text); });
  QObject::connect(
      place, &DrawerPlace::removed, &errands,
      [&errands, &drawer = w.drawer](const QString& name, const std::shared_ptr<const DrawerStamp>& stamp) {
        errands.notice(tr("%1 is out of the drawer.").arg(name),
                       {{tr("Put it back"), [&drawer, stamp] { drawer.put(*stamp); }}});
      });
  return place;
}

Place* makeScene(const Workshop& w, Errands& errands) {
  auto* place = new ScenePlace(w.session, w.art);
  place->setDrawerHelp(errands.drawerHelp());
  QObject::connect(place, &ScenePlace::drawerRequested, &errands,
                   [&errands] { errands.visit(QStringLiteral("drawer")); });
  QObject::connect(place, &ScenePlace::stampOfDrawerRequested, &errands,
                   [&errands](const QString& key, Point foot) { errands.putOnCard(key, foot); });
  QObject::connect(place, &ScenePlace::stampOfDrawerTaken, &errands,
                   [&errands](const QString& key) { errands.putOnCard(key); });
  QObject::connect(place, &ScenePlace::proposeRequested, &errands,
                   [&errands] { errands.visit(QStringLiteral("arrange")); });
  QObject::connect(place, &ScenePlace::demoRequested, &errands, [&errands] { errands.openDemo(); });
  QObject::connect(place, &ScenePlace::openRequested, &errands, &Errands::openRequested);
  QObject::connect(&errands, &Errands::stampsOffered, place, &ScenePlace::offerStamps);
  QObject::connect(&errands, &Errands::stampHeld, place,
                   [place](const Plan& plan, const std::string& stamp, std::optional<Point> foot) {
                     place->addStampOf(plan, stamp, foot);
                   });
  return place;
}

Place* makeBegin(const Workshop& w, Errands& errands) {
  auto* place = new BeginPlace(w.session, w.art);
  QObject::connect(place, &BeginPlace::begun, &errands,
                   [&errands, w](BeginWith with, double width_mm, double height_mm) {
                     noteBegun();
                     if (with != BeginWith::OwnStamps && w.drawer.open() && w.drawer.index().cards().empty())
                       w.drawer.fillWithDemo();
                     errands.startNewCard(width_mm, height_mm);
                     errands.visit(with == BeginWith::Samples     ? QStringLiteral("scene")
                                   : with == BeginWith::OwnStamps ? QStringLiteral("drawer")
                                                                  : QStringLiteral("arrange"));
                     if (with == BeginWith::OwnStamps) Q_EMIT errands.scanOffered();
                   });
  QObject::connect(place, &BeginPlace::demoRequested, &errands, [&errands] {
    noteBegun();
    errands.openDemo();
    errands.visit(QStringLiteral("scene"));
  });
  QObject::connect(place, &BeginPlace::openRequested, &errands, &Errands::openRequested);
  // A plan that is opened, dropped or taken up is what one wants to see.
  QObject::connect(&w.session, &PlanSession::fileChanged, place, [place, &errands] {
    if (!place->isVisible()) return;
    noteBegun();
    errands.visit(QStringLiteral("scene"));
  });
  QObject::connect(place, &BeginPlace::later, &errands, [&errands] {
    noteBegun();
    errands.visit(QStringLiteral("scene"));
  });
  return place;
}

Place* makeOrder(const Workshop& w, Errands& errands) {
  auto* place = new OrderPlace(w.session, w.art);
  QObject::connect(place, &OrderPlace::done, &errands,
                   [&errands](const QString& text) { errands.notice(text); });
  QObject::connect(place, &OrderPlace::proofChanged, place, &Place::statusChanged);
  QObject::connect(place, &OrderPlace::printMasksRequested, &errands,
                   [&errands] { errands.printing().print(PrintoutKind::Masks); });
  QObject::connect(place, &OrderPlace::drawerMasksRequested, &errands, &Errands::useDrawerMasks);
  QObject::connect(place, &OrderPlace::printTapedRequested, &errands,
                   [&errands] { errands.printing().print(PrintoutKind::TapedStamps); });
  return place;
}

Place* makeInk(const Workshop& w, Errands& errands) {
  auto* place = new InkPlace(w.session, w.drawer, w.art);
  QObject::connect(place, &InkPlace::arrangeRequested, &errands,
                   [&errands] { errands.visit(QStringLiteral("arrange")); });
  return place;
}

Place* makeColour(const Workshop& w, Errands&) { return new ColourPlace(w.session, w.drawer, w.art); }

Place* makeMake(const Workshop& w, Errands& errands) {
  auto* place = new MakePlace(w.session, w.making, w.drawer, w.art);
  QObject::connect(place, &MakePlace::dropped, &errands,
                   [&errands, &making = w.making](const MakingRecord& record) {
                     errands.notice(tr("The card that was begun is dropped."),
                                    {{tr("Put it back"), [&making, record] { making.putBack(record); }}});
                   });
  QObject::connect(place, &MakePlace::holdRequested, place, [place, w] {
    const auto& bench = w.making.bench();
    if (!bench) return;
    CompareAsk ask;
    ask.plan = bench->record().plan, ask.analysis = bench->analysisRef();
    if (!bench->finished()) ask.steps = ix(bench->sheetIndex(bench->at()));
    HoldDialog dialog(ask, w.art, w.session.units(), place);
    dialog.exec();
  });
  QObject::connect(
      place, &MakePlace::stockTaken, &errands,
      [&errands, &drawer = w.drawer](const QString& text, const StockChange& undo) {
        errands.notice(text, {{tr("Put it back"), [&drawer, undo] { drawer.changeStock(undo); }}});
      });
  QObject::connect(place, &MakePlace::said, &errands,
                   [&errands](const QString& text) { errands.notice(text); });
  return place;
}

Place* makeLog(const Workshop& w, Errands& errands) {
  auto* place = new LogPlace(w.session, w.log, w.art);
  QObject::connect(place, &LogPlace::said, &errands,
                   [&errands](const QString& text) { errands.notice(text); });
  QObject::connect(place, &LogPlace::troubled, &errands,
                   [&errands](const QString& text) { errands.trouble(text); });
  QObject::connect(
      place, &LogPlace::upsideDown, &errands,
      [place, &errands](const QString& text, const QString& file, int quarters) {
        errands.trouble(text, {{tr("Turn it"), [place, file, quarters] { place->hold(file, quarters); }}});
      });
  QObject::connect(place, &LogPlace::makeAgain, &errands,
                   [&errands, w](const std::shared_ptr<const Plan>& plan) {
                     w.session.start(*plan);
                     errands.visit(QStringLiteral("make"));
                   });
  QObject::connect(place, &LogPlace::openRequested, &errands, &Errands::openFileRequested);
  QObject::connect(place, &LogPlace::inkLearnt, &errands, [&errands, w](const LearntInk& learnt) {
    const auto isIt = [&](const Ink& ink) { return (ink.name.empty() ? ink.id : ink.name) == learnt.ink; };
    bool changed = false;
    for (const Ink& ink : std::vector<Ink>(w.drawer.inks()))
      if (const Ink next = withLearnt(ink, learnt); isIt(ink) && !(next == ink))
        changed = w.drawer.putInk(next) || changed;
    Plan plan = w.session.plan();
    for (Ink& ink : plan.inks)
      if (isIt(ink)) ink = withLearnt(ink, learnt, plan.card.paper.name);
    if (!(plan == w.session.plan())) {
      w.session.edit(tr("%1 as it is with me").arg(QString::fromStdString(learnt.ink)), plan);
      changed = true;
    }
    errands.notice(changed ? tr("%1 has your numbers now, in the drawer and in this plan where they have it.")
                                 .arg(QString::fromStdString(learnt.ink))
                           : tr("Neither the drawer nor this plan has a %1 that differs from it.")
                                 .arg(QString::fromStdString(learnt.ink)));
  });
  QObject::connect(place, &LogPlace::removed, &errands,
                   [&errands, &log = w.log](const std::string& id, const QString& title) {
                     errands.notice(tr("%1 is out of the log.").arg(title),
                                    {{tr("Put it back"), [&log, id] { log.change(id, [](LogEntry&) {}); }}});
                   });
  return place;
}

Place* makeArrange(const Workshop& w, Errands& errands) {
  auto* place = new ArrangePlace(w.session, w.drawer, w.art);
  QObject::connect(place, &ArrangePlace::leave, &errands, [&errands, w] {
    errands.visit(w.session.plan().impressions.empty() ? QStringLiteral("scene") : QStringLiteral("ink"));
  });
  QObject::connect(place, &ArrangePlace::cardTaken, &errands,
                   [&errands] { errands.visit(QStringLiteral("scene")); });
  return place;
}

std::vector<PlaceKind> allPlaces() {
  const auto key = [](Qt::Key k) { return QKeySequence(Qt::CTRL | k); };
  std::vector<PlaceKind> all;
  const auto add = [&](const char* id, const QString& title, QKeySequence shortcut, auto make, auto status) {
    PlaceKind kind;
    kind.id = QLatin1String(id), kind.title = title, kind.shortcut = std::move(shortcut);
    kind.make = make, kind.status = status;
    kind.onTrail = !kind.shortcut.isEmpty();
    all.push_back(std::move(kind));
    return &all.back();
  };
  const auto silent = [](const Workshop&, const Place*) { return PlaceStatus{}; };
  add("card", tr("Card"), key(Qt::Key_1), makeCard, cardStatus);
  add("drawer", tr("Drawer"), key(Qt::Key_2), makeDrawer, drawerStatus);
  add("scene", tr("Scene"), key(Qt::Key_3), makeScene, sceneStatus)->atStart = true;
  add("order", tr("Order & masks"), key(Qt::Key_4), makeOrder, orderStatus)->atStart = true;
  add("ink", tr("Ink & light"), key(Qt::Key_5), makeInk, inkStatus);
  add("colour", tr("Colour"), key(Qt::Key_6), makeColour, colourStatus);
  add("make", tr("Make"), key(Qt::Key_7), makeMake, makeStatus);
  add("log", tr("Log"), key(Qt::Key_8), makeLog, logStatus);
  const auto makePractice = [](const Workshop& w, Errands&) -> Place* {
    return new PracticePlace(w.session, w.log, w.art);
  };
  add("practice", tr("Practice"), {}, makePractice, silent)->shortcut = key(Qt::Key_9);
  add("arrange", tr("Suggestions"), {}, makeArrange, silent);
  add("begin", tr("Begin"), {}, makeBegin, silent)->listed = false;
  for (PlaceKind& kind : all)
    for (const char* id : {"scene", "order", "ink", "colour", "make", "arrange"})
      kind.ofFace = kind.ofFace || kind.id == QLatin1String(id);
  return all;
}

}  // namespace

const std::vector<PlaceKind>& placeKinds() {
  static const std::vector<PlaceKind> all = allPlaces();
  return all;
}

QString homePlace() { return QStringLiteral("scene"); }

const PlaceKind* placeKind(const QString& id) {
  for (const PlaceKind& kind : placeKinds())
    if (kind.id == id) return &kind;
  return nullptr;
}

}  // namespace havlo
