// The drawer on disk: one SQLite file in the XDG data folder.
#pragma once

#include <QString>
#include <QStringList>
#include <functional>
#include <memory>
#include <vector>

#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/drawer/drawer.h"
#include "core/pieces/from_drawer.h"

namespace havlo {

/// Version of the drawer's tables. Older ones are migrated after a backup, newer ones are not opened.
inline constexpr int kDrawerVersion = 5;

/// Everything of a drawer, for export, import and tests.
struct WholeDrawer {
  std::vector<DrawerStamp> stamps;
  std::vector<Ink> inks;
  std::vector<DrawerPaper> papers;
  std::vector<KeptMask> masks;
  std::vector<DrawerGood> goods;
  std::vector<CardSet> sets;
};

/// Every change is one transaction that is on the disk when it returns: a kill loses nothing that was said to
/// be done, a full disk leaves the drawer as it was. One store belongs to one thread.
class DrawerStore {
 public:
  /// Opens or makes the drawer. A damaged file is set aside, never overwritten, and the newest sound backup
  /// takes its place; a locked or read-only one is opened for reading. What happened is told by `notes`.
  /// @param file  its folder is made if need be
  /// @error  CannotRead when not even reading is possible, BadInput for a drawer of a newer Havlo
  static Result<std::unique_ptr<DrawerStore>> open(const QString& file);
  ~DrawerStore();

  bool readOnly() const { return m_readOnly; }
  const QStringList& notes() const { return m_notes; }
  const QString& file() const { return m_file; }

  std::vector<DrawerCard> cards() const;
  /// @error  BadInput if there is no such stamp, or its text is damaged
  Result<DrawerStamp> stamp(const std::string& key) const;
  std::vector<Ink> inks() const;
  std::vector<DrawerPaper> papers() const;
  std::vector<KeptMask> masks() const;
  std::vector<DrawerGood> goods() const;
  std::vector<CardSet> sets() const;
  Result<WholeDrawer> everything(const Progress& progress = {}) const;

  /// Adds a stamp, or changes the one with its key. @return its key; a fresh one if it had none
  /// @error  CannotWrite with the reason (all changes)
  /// @param base  the stamp as it was known when the change began; what another window changed meanwhile is
  /// kept,
  ///              and a stamp that was taken out meanwhile does not come back
  Result<std::string> put(const DrawerStamp& stamp, const DrawerStamp* base = nullptr);
  Result<Done> remove(const std::string& stamp);
  Result<Done> putInk(const Ink& ink);
  Result<Done> removeInk(const std::string& id);
  Result<Done> putPaper(const DrawerPaper& paper);
  Result<Done> removePaper(const std::string& key);
  Result<Done> putMask(const KeptMask& mask);
  Result<Done> removeMask(const std::string& key);
  Result<Done> putGood(const DrawerGood& good);
  Result<Done> removeGood(const std::string& key);
  Result<Done> putSet(const CardSet& set);
  Result<Done> removeSet(const std::string& key);
  /// Papers put, and others taken out, all or nothing: sheets cut up and offcuts kept.
  /// All of it or nothing.
  Result<Done> changeStock(const StockChange& change);
  /// All or nothing. Entries with a known key or id replace what is there; nothing is taken away.
  Result<Done> putAll(const WholeDrawer& drawer, const Progress& progress = {});

  /// Another number whenever another program or window has changed the drawer.
  qint64 othersVersion() const;
  /// Copies the drawer to another file. @error  CannotWrite
  Result<Done> backUpTo(const QString& file) const;

 private:
  DrawerStore() = default;
  QString m_file, m_connection;
  bool m_readOnly = false;
  QStringList m_notes;

  Result<Done> change(const std::function<Result<Done>()>& work);
  Result<Done> prepare(bool mayWrite);
  void backUpToday();
  Result<Done> mendCommas();
};

/// A key that nothing else has.
std::string freshKey();

/// The change of the drawer once all of that is cut, and how many offcuts it puts in.
std::pair<StockChange, int> cuttingUp(const std::vector<DrawerCut>& cuts,
                                      std::span<const DrawerPaper> papers);

}  // namespace havlo
