// The first page: with which stamps does a maker begin, in which measures, on which card? Asked once.
#pragma once

#include "app/common/place.h"
#include "app/session/job.h"
#include "app/session/plan_session.h"

class QAbstractButton;
class QButtonGroup;
class QCheckBox;
class QComboBox;

namespace havlo {

class ChoiceTile;
class SvgArt;

/// What a first card begins with.
enum class BeginWith { Samples, OwnStamps, Proposal };

class BeginPlace : public Place {
  Q_OBJECT

 public:
  BeginPlace(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);

  void arrive() override;
  void takeKeys() override;
  bool showsPlan() const override { return false; }
  JobBase* job() const { return m_job; }

 Q_SIGNALS:
  /// @param width_mm, height_mm  of the folded base
  void begun(BeginWith with, double width_mm, double height_mm);
  void demoRequested();
  void openRequested();
  void later();

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  Job<std::vector<QImage>>* m_job;
  std::vector<ChoiceTile*> m_tiles;
  QButtonGroup* m_units;
  QComboBox* m_size;
  QCheckBox* m_lying;

  QLayout* buildTiles();
  QLayout* buildMeasures();
  QLayout* buildOthers();
  void fillSizes();
  void drawTiles();
};

/// Should the first page come at the start: has this maker begun nothing yet?
bool firstTime();
/// From now on it does not come by itself.
void noteBegun();

}  // namespace havlo
