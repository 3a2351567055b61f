// Edits go through one kind of undo command that holds the plans before and after.
#include "app/session/plan_session.h"

#include <QCoreApplication>
#include <QCryptographicHash>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <algorithm>

#include "app/session/known_plans.h"
#include "core/chain/chain.h"
#include "core/guides/guides.h"
#include "core/making/log_entry.h"
#include "core/pieces/face_plan.h"
#include "io/files/plan_file.h"
#include "io/wording/error_words.h"

namespace havlo {

class EditCommand : public QUndoCommand {
 public:
  EditCommand(PlanSession& session, const QString& label, Plan after, const QString& mergeKey)
      : QUndoCommand(label),
        m_session(session),
        m_before(session.wholeSnapshot()),
        m_after(std::make_shared<const Plan>(std::move(after))),
        m_face(session.m_face),
        m_key(mergeKey) {}

  int id() const override { return m_key.isEmpty() ? -1 : 1; }
  bool mergeWith(const QUndoCommand* next) override {
    const auto* other = static_cast<const EditCommand*>(next);
    if (other->m_key != m_key || other->m_face != m_face) return false;
    m_after = other->m_after;
    setText(other->text());
    return true;
  }
  void undo() override { m_session.show(m_before, m_face); }
  void redo() override { m_session.show(m_after, m_face); }

 private:
  PlanSession& m_session;
  std::shared_ptr<const Plan> m_before, m_after;
  std::string m_face;
  QString m_key;
};

namespace {

QByteArray digestOf(const QString& path) {
  QFile file;
  if (!QFileInfo(path).isFile() || !openForReading(file, path)) return {};
  QCryptographicHash hash(QCryptographicHash::Sha256);
  hash.addData(&file);
  return hash.result();
}

}  // namespace

PlanSession::PlanSession(const QString& rescueFolder, QObject* parent)
    : QObject(parent),
      m_rescue(rescueFolder),
      m_search(new Job<AnalysisRef>(this)),
      m_lookTiles(newTileStore()),
      m_foretellTiles(newTileStore()),
      m_looking(new Job<Seen>(this)),
      m_foretelling(new Job<TriedFindings>(this)) {
  m_rest.setSingleShot(true);
  m_rest.setInterval(250);
  connect(&m_rest, &QTimer::timeout, this, &PlanSession::foretellFixes);
  m_pause.setSingleShot(true);
  m_pause.setInterval(120);
  connect(&m_pause, &QTimer::timeout, this, &PlanSession::settle);
  m_glance.setSingleShot(true);
  m_glance.setInterval(250);
  connect(&m_glance, &QTimer::timeout, this, &PlanSession::look);
  connect(&m_stack, &QUndoStack::cleanChanged, this, &PlanSession::fileChanged);
  connect(&m_rescue, &Rescue::trouble, this, &PlanSession::trouble);
  m_plan.card.panel = {177.8, 127, {}};
  m_plan.view = View{};
  m_plan.view->horizon_mm = 45;
  start(m_plan, Origin{});
}

PlanSession::~PlanSession() {
  keepSight(m_path, m_sight);
  if (!isDirty()) m_rescue.drop();
  m_stack.disconnect();  // it clears itself when it goes; nobody should hear of that
}

QString PlanSession::title() const {
  if (!whole().title.empty()) return QString::fromStdString(whole().title);
  return m_path.isEmpty() ? tr("A new card") : QFileInfo(m_path).completeBaseName();
}

void PlanSession::select(const QString& impression) { choose({impression}); }

void PlanSession::choose(const QStringList& impressions) {
  const bool changed = m_chosen.set(m_plan, impressions);
  if (!changed && m_part.isEmpty()) return;
  m_part.clear();
  Q_EMIT selectionChanged();
}

void PlanSession::toggle(const QString& impression) {
  if (!m_chosen.toggle(m_plan, impression)) return;
  m_part.clear();
  Q_EMIT selectionChanged();
}

Ids PlanSession::chosenIds() const {
  Ids out;
  for (const int i : chosenIndices()) out.push_back(m_plan.impressions[ix(i)].id);
  return out;
}

std::vector<int> PlanSession::chosenIndices() const {
  std::vector<int> out;
  for (const QString& id : m_chosen.all()) out.push_back(m_plan.indexOf(id.toStdString()));
  std::sort(out.begin(), out.end());
  return out;
}

void PlanSession::setAside(const SetAside& aside) {
  if (aside == m_sight.aside) return;
  m_sight.aside = aside;
  Q_EMIT asideChanged();
}

bool PlanSession::isHidden(int impression) const {
  return !m_sight.aside.hidden.isEmpty() &&
         m_sight.aside.hidden.contains(QString::fromStdString(m_plan.impressions[ix(impression)].id));
}

void PlanSession::choosePart(const QString& part) {
  if (part == m_part) return;
  m_part = part;
  m_chosen.set(m_plan, {});
  Q_EMIT selectionChanged();
}

int PlanSession::chosenMark() const {
  if (!m_part.startsWith(QLatin1String("ground:"))) return -1;
  const std::string id = m_part.mid(7).toStdString();
  for (size_t k = 0; k < m_plan.ground.size(); ++k)
    if (m_plan.ground[k].id == id) return static_cast<int>(k);
  return -1;
}

void PlanSession::setUnits(MeasureStyle units) {
  if (units == m_units) return;
  m_units = units;
  Q_EMIT unitsChanged();
}

void PlanSession::edit(const QString& label, Result<Plan> result, const QString& mergeKey) {
  if (!result) {
    Q_EMIT trouble(errorWords(result.error()));
    return;
  }
  Plan next = std::move(result).value();
  next.habits = habitsFor(next);
  if (next == m_plan) return;
  m_goesOn = !mergeKey.isEmpty() && mergeKey == m_lastKey;
  m_lastKey = mergeKey;
  m_stack.push(new EditCommand(*this, label, wholeWith(withLinesFollowing(std::move(next))), mergeKey));
  m_goesOn = false;
}

Plan PlanSession::wholeWith(Plan next) const {
  const int piece = m_face.empty() ? -1 : whole().pieceIndex(m_face);
  return piece < 0 ? keepingWhatFacesUse(std::move(next), whole()) : withFace(whole(), piece, next);
}

void PlanSession::setFace(const std::string& piece) {
  const int number = piece.empty() ? -1 : whole().pieceIndex(piece);
  const bool own = number >= 0 && !factsOf(whole().pieces[ix(number)].kind).onFace;
  const std::string wanted = own ? piece : std::string();
  if (wanted != m_face) show(wholeSnapshot(), wanted);
}

Plan PlanSession::withLinesFollowing(Plan next) const {
  if (std::none_of(next.lines.begin(), next.lines.end(), isGuide)) return next;
  const AnalysisRef a = analyse(next, m_analysis.get(), m_art.get());
  return withGuidesFollowing({m_plan, *m_analysis->depth, m_analysis->meetings.placed},
                             {next, *a->depth, a->meetings.placed});
}

void PlanSession::show(std::shared_ptr<const Plan> whole, const std::string& face) {
  const int piece = face.empty() ? -1 : whole->pieceIndex(face);
  const std::string now = piece < 0 ? std::string() : face;
  const bool other = now != m_face;
  if (const Habits habits = habitsFor(*whole); !(habits == whole->habits)) {
    auto with = std::make_shared<Plan>(*whole);
    with->habits = habits;
    whole = std::move(with);
  }
  const std::shared_ptr<const Plan> was = m_snapshot;
  m_face = now;
  if (piece < 0) {
    m_plan = *whole, m_snapshot = std::move(whole), m_whole.reset();
  } else {
    m_plan = facePlan(*whole, piece), m_snapshot = std::make_shared<const Plan>(m_plan);
    m_whole = std::move(whole);
  }
  if (other) m_chosen = {}, m_part.clear();
  if (m_held > 0 && !other) {
    m_analysis = analyseScene(m_plan, *was, *m_analysis, m_art.get());
    m_pause.start();
  } else {
    m_analysis = analyse(m_plan, other ? nullptr : m_analysis.get(), m_art.get());
  }
  ++m_serial;
  const bool markGone = m_part.startsWith(QLatin1String("ground:")) && chosenMark() < 0;
  const bool roomGone = m_part == QLatin1String("room") && !m_plan.room;
  const bool lightGone = m_part == QLatin1String("light") && !m_plan.light;
  if (markGone || roomGone || lightGone) m_part.clear();
  const bool thingGone = m_chosen.prune(m_plan);
  if (markGone || roomGone || lightGone || thingGone) Q_EMIT selectionChanged();
  m_rescue.keep(wholeSnapshot(), m_path, m_onDisk, m_goesOn);
  forgetForetold();
  if (!m_analysis->workStands) {
    look();
  } else if (!m_glance.isActive()) {
    m_glance.start();
  }
  if (other) Q_EMIT selectionChanged();
  if (m_analysis->workStands) {
    tellScene();
  } else {
    m_settled = true;
    m_beside.heard();
    Q_EMIT planChanged();
  }
  if (other) Q_EMIT faceChanged();
}

void PlanSession::tellScene() {
  m_settled = false;
  Q_EMIT sceneChanged();
  m_beside.moved(m_held == 0);
}

/// Whoever holds on to what stood within one act may do so until the next change.
const AnalysisRef& PlanSession::analysis() const {
  if (m_analysis->workStands) m_stood = std::exchange(m_analysis, withWork(m_plan, m_analysis));
  return m_analysis;
}

void PlanSession::settle() {
  m_pause.stop();
  if (std::exchange(m_settled, true)) return;
  (void)analysis();
  ++m_serial;
  look();
  m_beside.heard();
  Q_EMIT planChanged();
}

Habits PlanSession::habitsFor(const Plan& plan) const {
  return m_habitsOf ? m_habitsOf(maskPaperOf(plan.supplies)) : Habits();
}

void PlanSession::setHabits(std::function<Habits(const std::string& maskPaper)> of) {
  m_habitsOf = std::move(of);
  const Habits now = habitsFor(whole());
  if (now == m_plan.habits && now == whole().habits) return;
  m_plan.habits = now;
  m_snapshot = std::make_shared<const Plan>(m_plan);
  if (m_whole) {
    auto with = std::make_shared<Plan>(*m_whole);
    with->habits = now;
    m_whole = std::move(with);
  }
  m_analysis = analyse(m_plan, nullptr, m_art.get());
  ++m_serial;
  look();
  Q_EMIT planChanged();
}

void PlanSession::setArt(std::shared_ptr<const ArtSource> art) {
  m_art = std::move(art);
  m_lookTiles = newTileStore(), m_foretellTiles = newTileStore();
  m_analysis = analyse(m_plan, nullptr, m_art.get());
  look();
}

/// On a worker thread; while it looks, newer states only replace each other, so that the newest is looked at
/// next.
void PlanSession::look() {
  m_glance.stop();
  forgetForetold();
  if (m_plan.impressions.empty()) return;
  m_looking->run(
      [plan = m_snapshot, analysis = m_analysis, art = m_art, tiles = m_lookTiles](const Progress&) {
        return Seen{analysis, withLooks(*plan, analysis, lookAt(*plan, *analysis, art.get(), tiles))};
      },
      [this](const Seen& seen) {
        if (!seen.with->looks->fits(m_plan)) return;
        m_analysis = seen.of == m_analysis ? seen.with : withLooksOf(m_plan, m_analysis, *seen.with);
        m_rest.start();
        Q_EMIT looksChanged();
      },
      false);
}

void PlanSession::forgetForetold() {
  m_foretold.clear(), m_mendsTried = false;
  m_rest.stop();
  m_foretelling->cancel();
}

void PlanSession::foretellFixes() {
  if (!m_analysis->looks) return;
  m_foretelling->run(
      [plan = m_snapshot, analysis = m_analysis, art = m_art,
       tiles = m_foretellTiles](const Progress& progress) {
        return triedFindings(*plan, *analysis, art.get(), tiles, kMostMends, progress);
      },
      [this, of = m_analysis](TriedFindings tried) {
        if (of != m_analysis) return;
        m_analysis = withFindings(m_analysis, std::move(tried.findings));
        m_foretold = std::move(tried.told);
        m_mendsTried = true;
        Q_EMIT foretoldChanged();
      });
}

void PlanSession::foretellNow() {
  m_rest.stop();
  foretellFixes();
}

void PlanSession::start(Plan plan, const Origin& from, AnalysisRef analysis) {
  std::optional<LostWork> left;
  if (m_analysis && isDirty()) {
    left = m_rescue.leaveAndRestart();  // what is open now stays findable
  } else {
    m_rescue.drop();
  }
  m_stack.clear();
  keepSight(m_path, m_sight);
  m_path = from.path;
  m_rescued = from.rescued;
  // Rescued work goes with the file as it was when that work began: what others saved since is not
  // overwritten unseen.
  m_onDisk = from.rescued ? from.onDisk : from.path.isEmpty() ? QByteArray() : digestOf(from.path);
  m_chosen = {}, m_part.clear();
  const bool wasAside = !m_sight.aside.isEmpty();
  m_sight = keptSight(m_path);
  for (QSet<QString>* ids : {&m_sight.aside.held, &m_sight.aside.hidden})
    ids->removeIf([&](const QString& id) { return plan.indexOf(id.toStdString()) < 0; });
  const bool wasFace = !m_face.empty();
  m_face.clear();
  m_plan = std::move(plan);
  if (const Habits now = habitsFor(m_plan); !(m_plan.habits == now)) m_plan.habits = now, analysis.reset();
  m_whole.reset();
  m_snapshot = std::make_shared<const Plan>(m_plan);
  if (!analysis) analysis = knownAnalysis(m_plan, m_art.get(), false);
  const bool fresh = !analysis;
  m_analysis = fresh ? analyse(m_plan, nullptr, m_art.get()) : std::move(analysis);
  if (fresh && !m_plan.impressions.empty()) keepAnalysis(m_snapshot, m_analysis, false);
  ++m_serial, ++m_starts;
  if (m_rescued) m_rescue.keep(m_snapshot, m_path, m_onDisk);
  look();
  Q_EMIT selectionChanged();
  if (wasAside || !m_sight.aside.isEmpty()) Q_EMIT asideChanged();
  Q_EMIT planChanged();
  Q_EMIT sightTaken();
  if (wasFace) Q_EMIT faceChanged();
  Q_EMIT fileChanged();
  if (left && !left->file.isEmpty()) Q_EMIT workLeft(*left);
}

void PlanSession::takeOrdered(const std::shared_ptr<const Plan>& of, const AnalysisRef& analysis) {
  if (of != m_snapshot) return;
  m_analysis = m_analysis->looks ? withLooks(m_plan, analysis, m_analysis->looks) : analysis;
  ++m_serial;
  Q_EMIT planChanged();
}

void PlanSession::improveOrder() {
  if (analysis()->orderState.from != OrderState::From::Quick || m_plan.impressions.empty()) return;
  m_search->run(
      [plan = m_snapshot, analysis = m_analysis, known = knownAnalysis(m_plan, m_art.get(), true)](
          const Progress& progress) { return known ? known : withBestOrder(*plan, analysis, {}, progress); },
      [this, of = m_snapshot](AnalysisRef best) {
        // What was stopped is no best order.
        if (best->orderState.from != OrderState::From::Quick && !knownAnalysis(*of, m_art.get(), true))
          keepAnalysis(of, best, true);
        takeOrdered(of, best);
      });
}

Result<OpenedPlan> openPlan(const QString& path, const ArtSource* art) {
  auto read = loadPlan(path);
  if (!read) return read.error();
  ReadPlan plan = std::move(read).value();
  AnalysisRef analysis = analyse(plan.plan, nullptr, art);
  return OpenedPlan{std::move(plan), std::move(analysis)};
}

bool PlanSession::take(const QString& path, const Result<OpenedPlan>& opened) {
  if (!opened) {
    Q_EMIT trouble(tr("%1 was not opened. %2").arg(QFileInfo(path).fileName(), errorWords(opened.error())));
    return false;
  }
  const OpenedPlan& o = opened.value();
  start(o.read.plan, {QFileInfo(path).absoluteFilePath(), false, {}}, o.analysis);
  for (const std::string& repair : o.read.repairs) Q_EMIT notice(QString::fromStdString(repair));
  return true;
}

bool PlanSession::takeUp(const LostWork& work, const Result<OpenedPlan>& opened) {
  if (!opened) {
    Q_EMIT trouble(errorWords(opened.error()));
    return false;
  }
  const OpenedPlan& o = opened.value();
  start(o.read.plan, {work.path, true, work.onDisk}, o.analysis);
  m_rescue.flush();
  return true;
}

bool PlanSession::write(const QString& path) {
  if (const auto saved = savePlan(path, whole()); !saved) {
    Q_EMIT trouble(tr("Not saved. %1").arg(errorReason(saved.error())));
    return false;
  }
  m_path = path;
  keepSight(m_path, m_sight);
  m_onDisk = digestOf(path);
  m_rescued = false;
  m_stack.setClean();
  m_rescue.drop();
  Q_EMIT fileChanged();
  return true;
}

bool PlanSession::save(bool force) {
  if (m_path.isEmpty()) return false;
  if (!force && QFile::exists(m_path) && digestOf(m_path) != m_onDisk) {
    Q_EMIT changedUnderneath();
    return false;
  }
  return write(m_path);
}

bool PlanSession::saveAs(const QString& path) { return write(path); }

}  // namespace havlo
