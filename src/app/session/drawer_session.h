// The open drawer: what is in it, kept in memory for searching, and every change. Knows no window.
#pragma once

#include <QHash>
#include <QObject>
#include <QTimer>
#include <functional>
#include <memory>
#include <set>

#include "app/session/job.h"
#include "core/drawer/drawer.h"
#include "core/pieces/from_drawer.h"
#include "io/drawer/drawer_store.h"

namespace havlo {

class DrawerSession : public QObject {
  Q_OBJECT

 public:
  /// @param file  the drawer; it is opened when it is first needed, not now
  explicit DrawerSession(const QString& file, QObject* parent = nullptr);
  ~DrawerSession() override;

  /// Opens the drawer if it is not open yet. @return false, and said, if that cannot be done
  bool open();
  bool isOpen() const { return m_store != nullptr; }
  bool readOnly() const { return m_store && m_store->readOnly(); }
  const QString& file() const { return m_file; }

  const DrawerIndex& index() const { return m_index; }
  const std::vector<Ink>& inks() const { return m_inks; }
  /// A plan's inks, then those of the drawer that it has not.
  std::vector<Ink> inksWith(const Plan& plan) const;
  const std::vector<DrawerPaper>& papers() const { return m_papers; }
  const std::vector<KeptMask>& masks() const { return m_masks; }
  const std::vector<DrawerGood>& goods() const { return m_goods; }
  const std::vector<CardSet>& sets() const { return m_sets; }
  /// The whole stamp, read when it is first asked for; null, and said, if it cannot be read.
  std::shared_ptr<const DrawerStamp> stamp(const std::string& key);

  /// @return the stamp's key, empty if it could not be put (said)
  std::string put(const DrawerStamp& stamp);
  /// The drawer's key of a plan's stamp: its own, else that of the stamp of the same name and printed size;
  /// empty if it is not here.
  std::string keyOf(const Stamp& stamp) const;
  bool remove(const std::string& key);
  bool putInk(const Ink& ink);
  bool removeInk(const std::string& id);
  bool putPaper(const DrawerPaper& paper);
  bool removePaper(const std::string& key);
  bool putMask(const KeptMask& mask);
  bool removeMask(const std::string& key);
  bool putGood(const DrawerGood& good);
  bool removeGood(const std::string& key);
  bool putSet(const CardSet& set);
  bool removeSet(const std::string& key);
  /// All of it or nothing: sheets cut up and offcuts kept, goods used up.
  bool changeStock(const StockChange& change);
  /// Were sheets taken out for a card of this title while Havlo runs, apart from what Make takes?
  bool papersCutFor(const std::string& title) const { return m_cutFor.contains(title); }
  void noteCutFor(const std::string& title) { m_cutFor.insert(title); }
  bool putAll(const WholeDrawer& drawer);
  /// The same for a large one, on a worker thread. @param then  called when all of it is in
  void putAllAside(std::shared_ptr<const WholeDrawer> drawer, const std::function<void()>& then);
  /// Takes up what another window or program changed; it happens by itself within two seconds.
  void catchUp();
  /// The stamps, inks and papers that ship with Havlo.
  bool fillWithDemo();

 Q_SIGNALS:
  void changed();
  void changedElsewhere();  ///< besides changed(), by another window or program
  void taking(double share);
  void stampChanged(const QString& key);  ///< besides changed(), when a known stamp was put again
  void trouble(const QString& message);
  void notice(const QString& message);

 private:
  QString m_file;
  std::unique_ptr<DrawerStore> m_store;
  DrawerIndex m_index;
  std::vector<Ink> m_inks;
  std::vector<DrawerPaper> m_papers;
  std::vector<KeptMask> m_masks;
  std::vector<DrawerGood> m_goods;
  std::vector<CardSet> m_sets;
  QHash<QString, std::shared_ptr<const DrawerStamp>> m_read;
  QTimer m_watch;
  qint64 m_others = 0;
  std::set<std::string> m_cutFor;
  Job<Result<Done>>* m_taking;

  void refresh();
  bool done(const Result<Done>& result);
};

}  // namespace havlo
