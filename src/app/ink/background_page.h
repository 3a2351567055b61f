// The background: washes, what bounds them, what they may colour.
#pragma once

#include <QWidget>

#include "app/session/plan_session.h"

class QComboBox;
class QLabel;
class QPushButton;
class QSlider;
class QSpinBox;

namespace havlo {

class ChoiceList;
class FormRows;
class MeasureEdit;

class BackgroundPage : public QWidget {
  Q_OBJECT

 public:
  /// Inks of the maker's that may not be in the plan yet.
  using OwnedInks = std::function<std::vector<Ink>()>;
  BackgroundPage(PlanSession& session, OwnedInks owned, QWidget* parent = nullptr);
  /// The chosen wash's id, or empty.
  QString wash() const;
  void choose(const QString& wash);
  void addWash(WashKind kind);
  /// The usual sky: the three lightest blues or whatever the plan has, over 3/4, 1/2 and 1/4.
  void addSteppedSky();
  /// Gives the chosen wash a new limit of this kind.
  void bind(LimitKind kind);
  void bindToo(const Wash& wash, int item);

 Q_SIGNALS:
  void washChosen(const QString& wash);

 private:
  PlanSession& m_session;
  OwnedInks m_owned;
  ChoiceList* m_list;
  QLabel *m_order, *m_limitSays, *m_empty;
  QWidget* m_firsts;
  FormRows* m_rows;
  QComboBox *m_ink, *m_from, *m_limit, *m_side, *m_also, *m_depth, *m_way;
  QComboBox* m_pattern;
  QSlider *m_reach, *m_strength;
  QLabel *m_reachSays, *m_strengthSays;
  QPushButton *m_over, *m_remove, *m_tear;
  MeasureEdit *m_wave, *m_length, *m_larger, *m_soft;
  QPushButton* m_hold;
  std::vector<WashDepth> m_depths;  // by entry of m_depth
  bool m_filling = false;

  QLayout* buildActs();
  void buildRows();
  void connectWash();
  void connectLimit();
  /// The opening round what it holds, larger by so much.
  void fit(double larger_mm);
  void refresh();
  void fillOver();
  void fillDepth(const Wash& w);
  void fillAlso(const Wash& w);
  void connectDepth();
  const Wash* chosen() const;
  void edit(const QString& label, const Result<Plan>& result, const char* key = "");
  void changeLimit(const QString& label, const std::function<void(WashLimit&)>& change, const char* key = "");
};

}  // namespace havlo
