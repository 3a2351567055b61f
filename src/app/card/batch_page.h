// Many cards: how many, the rack they dry on, and the few that differ.
#pragma once

#include <QWidget>

#include "app/session/plan_job.h"
#include "core/batch/line_of_work.h"
#include "core/batch/shopping.h"

class QCheckBox;
class QLabel;
class QSpinBox;

namespace havlo {

class DrawerSession;
class KeyedRows;
class SvgArt;

class BatchPage : public QWidget {
  Q_OBJECT

 public:
  BatchPage(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
            QWidget* parent = nullptr);
  /// Null until it was worked out for the plan as it is.
  const Batch* batch() const { return m_fresh ? &m_batch : nullptr; }
  const std::vector<StockNeed>& needs() const { return m_needs; }
  void beginWork();

 Q_SIGNALS:
  void changed();
  void printClassRequested();

 protected:
  void showEvent(QShowEvent*) override;

 private:
  struct Work {
    Batch batch;
    std::vector<StockNeed> needs;
    QStringList classFacts;
  };
  PlanSession& m_session;
  DrawerSession& m_drawer;
  std::shared_ptr<SvgArt> m_art;
  QSpinBox *m_cards, *m_rack, *m_makers, *m_stampSets, *m_inkSets;
  QCheckBox* m_masksReady;
  QLabel* m_classFacts;
  KeyedRows* m_rows;
  PlanJob<Work>* m_job;
  Batch m_batch;
  std::vector<StockNeed> m_needs;
  bool m_fresh = false, m_stale = true, m_showing = false;

  void stale();
  void show();
  void showVariation(size_t v);
  void showSwap(size_t v, size_t s);
  void addVariation();
  QWidget* buildClass();
  template <typename F>
  void change(const QString& label, F how);
};

}  // namespace havlo
