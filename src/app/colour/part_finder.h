// The parts of every drawing of the open plan: found once a stamp, on worker threads, kept while the plan
// has the stamp.
#pragma once

#include <QObject>
#include <map>
#include <memory>

#include "app/session/plan_job.h"
#include "core/region/stamp_regions.h"

namespace havlo {

class SvgArt;

/// A part of one thing.
struct PartAt {
  int thing = -1, part = -1;
  bool operator==(const PartAt&) const = default;
  explicit operator bool() const { return thing >= 0 && part >= 0; }
};

class PartFinder : public QObject {
  Q_OBJECT

 public:
  PartFinder(PlanSession& session, std::shared_ptr<SvgArt> art, QObject* parent);
  /// Begins to find those of stamps that it has not looked at.
  void look();
  /// Null until they are found.
  RegionsRef of(int impression) const;
  /// What shows at a point of the panel: the nearest thing there, and its part.
  PartAt at(Point panel) const;

 Q_SIGNALS:
  void found();

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  using Known = std::map<StampRef, RegionsRef>;
  Known m_known;
  Job<Known>* m_job;
};

}  // namespace havlo
