#include "app/session/drawer_session.h"

#include <QFile>
#include <algorithm>
#include <cmath>

#include "io/drawer/drawer_file.h"
#include "io/wording/error_words.h"

namespace havlo {
namespace {

constexpr qsizetype kMostRead = 1500;  // whole stamps kept in memory, some 20 kB each

}  // namespace

DrawerSession::DrawerSession(const QString& file, QObject* parent)
    : QObject(parent), m_file(file), m_taking(new Job<Result<Done>>(this)) {
  m_watch.setInterval(1500);
  connect(&m_watch, &QTimer::timeout, this, &DrawerSession::catchUp);
  connect(m_taking, &JobBase::progressed, this, &DrawerSession::taking);
}
/// What is being put into the drawer ends, between two stamps, before the drawer is closed.
DrawerSession::~DrawerSession() {
  m_taking->cancel();
  m_taking->wait();
}

bool DrawerSession::open() {
  if (m_store) return true;
  auto opened = DrawerStore::open(m_file);
  if (!opened) {
    Q_EMIT trouble(errorWords(opened.error()));
    return false;
  }
  m_store = std::move(opened).value();
  m_others = m_store->othersVersion();
  m_watch.start();
  refresh();
  for (const QString& note : m_store->notes()) Q_EMIT notice(note);
  return true;
}

void DrawerSession::refresh() {
  m_index = DrawerIndex(m_store->cards());
  m_inks = m_store->inks();
  m_papers = m_store->papers();
  m_goods = m_store->goods(), m_sets = m_store->sets();
  m_masks = m_store->masks();
  Q_EMIT changed();
}

void DrawerSession::catchUp() {
  if (!m_store) return;
  const qint64 now = m_store->othersVersion();
  if (now == m_others) return;
  m_others = now;
  m_read.clear();
  refresh();
  Q_EMIT changedElsewhere();
}

std::shared_ptr<const DrawerStamp> DrawerSession::stamp(const std::string& key) {
  const QString k = QString::fromStdString(key);
  if (const auto known = m_read.value(k)) return known;
  if (!m_store) return nullptr;
  auto read = m_store->stamp(key);
  if (!read) {
    Q_EMIT trouble(errorWords(read.error()));
    return nullptr;
  }
  if (m_read.size() > kMostRead) m_read.clear();
  auto whole = std::make_shared<const DrawerStamp>(std::move(read).value());
  m_read.insert(k, whole);
  return whole;
}

bool DrawerSession::done(const Result<Done>& result) {
  if (!result) {
    Q_EMIT trouble(errorWords(result.error()));
    return false;
  }
  refresh();
  return true;
}

std::vector<Ink> DrawerSession::inksWith(const Plan& plan) const {
  std::vector<Ink> out = plan.inks;
  for (const Ink& own : m_inks) {
    const bool there = std::any_of(plan.inks.begin(), plan.inks.end(), [&](const Ink& ink) {
      return ink.id == own.id || (ink.colour == own.colour && ink.kind == own.kind);
    });
    if (!there) out.push_back(own);
  }
  return out;
}

std::string DrawerSession::keyOf(const Stamp& stamp) const {
  if (!stamp.drawer.empty() && m_index.card(stamp.drawer)) return stamp.drawer;
  for (const DrawerCard& card : m_index.cards())
    if (!stamp.name.empty() && card.name == stamp.name && std::fabs(card.width_mm - stamp.width_mm) < 0.05 &&
        std::fabs(card.height_mm - stamp.height_mm) < 0.05)
      return card.key;
  return {};
}

std::string DrawerSession::put(const DrawerStamp& stamp) {
  if (!open()) return {};
  // What was known of it when the change began; another window may have changed it since.
  const auto base = m_read.value(QString::fromStdString(stamp.card.key));
  auto key = m_store->put(stamp, base.get());
  if (!key) {
    Q_EMIT trouble(errorWords(key.error()));
    catchUp();
    return {};
  }
  const bool known = m_index.card(key.value()) != nullptr;
  m_read.remove(QString::fromStdString(key.value()));
  (void)this->stamp(
      key.value());  // as it is now, with what another window may have changed: the next change's base
  refresh();
  if (known) Q_EMIT stampChanged(QString::fromStdString(key.value()));
  return std::move(key).value();
}

bool DrawerSession::remove(const std::string& key) {
  m_read.remove(QString::fromStdString(key));
  return open() && done(m_store->remove(key));
}
bool DrawerSession::putInk(const Ink& ink) { return open() && done(m_store->putInk(ink)); }
bool DrawerSession::removeInk(const std::string& id) { return open() && done(m_store->removeInk(id)); }
bool DrawerSession::putPaper(const DrawerPaper& paper) { return open() && done(m_store->putPaper(paper)); }
bool DrawerSession::removePaper(const std::string& key) { return open() && done(m_store->removePaper(key)); }
bool DrawerSession::putGood(const DrawerGood& good) { return open() && done(m_store->putGood(good)); }
bool DrawerSession::removeGood(const std::string& key) { return open() && done(m_store->removeGood(key)); }
bool DrawerSession::putSet(const CardSet& set) { return open() && done(m_store->putSet(set)); }
bool DrawerSession::removeSet(const std::string& key) { return open() && done(m_store->removeSet(key)); }
bool DrawerSession::changeStock(const StockChange& change) {
  return open() && done(m_store->changeStock(change));
}
bool DrawerSession::putMask(const KeptMask& mask) { return open() && done(m_store->putMask(mask)); }
bool DrawerSession::removeMask(const std::string& key) { return open() && done(m_store->removeMask(key)); }

bool DrawerSession::putAll(const WholeDrawer& drawer) {
  m_read.clear();
  return open() && done(m_store->putAll(drawer));
}

void DrawerSession::putAllAside(std::shared_ptr<const WholeDrawer> drawer,
                                const std::function<void()>& then) {
  if (!open()) return;
  // A store belongs to one thread: the worker has its own on the same file.
  m_taking->run(
      [file = m_file, drawer](const Progress& progress) -> Result<Done> {
        auto store = DrawerStore::open(file);
        if (!store) return store.error();
        return store.value()->putAll(*drawer, progress);
      },
      [this, then](Result<Done> taken) {
        m_read.clear();
        if (done(taken)) then();
      });
}

bool DrawerSession::fillWithDemo() {
  QFile file(QStringLiteral(":/demo/canal-drawer.zip"));
  if (!file.open(QIODevice::ReadOnly)) return false;
  auto demo = readDrawer(file.readAll());
  if (!demo) {
    Q_EMIT trouble(errorWords(demo.error()));
    return false;
  }
  return putAll(demo.value());
}

}  // namespace havlo
