// What the drawer knows of the chosen stamp, to read and to change.
#pragma once

#include <QWidget>

#include "app/session/drawer_session.h"
#include "app/session/plan_session.h"

class QCheckBox;
class QComboBox;
class QLabel;
class QLineEdit;
class QPlainTextEdit;
class QVBoxLayout;

namespace havlo {

class FormRows;
class PictureBox;
class SvgArt;

class StampPanel : public QWidget {
  Q_OBJECT

 public:
  StampPanel(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
             QWidget* parent = nullptr);
  void showStamp(const QString& key);

 Q_SIGNALS:
  void putOnCardRequested(const QString& key);
  void removed(const QString& name, std::shared_ptr<const DrawerStamp> stamp);

 private:
  PlanSession& m_session;
  DrawerSession& m_drawer;
  std::shared_ptr<SvgArt> m_art;
  QString m_key;
  bool m_showing = false;
  QWidget *m_body, *m_area;
  QLabel *m_head, *m_size, *m_plan, *m_masks;
  PictureBox* m_picture;
  QLineEdit *m_name, *m_least, *m_typical, *m_most, *m_set, *m_tags, *m_place, *m_notes;
  QComboBox *m_role, *m_facing, *m_home, *m_heights, *m_mounting;
  QCheckBox *m_die, *m_plate;
  QWidget *m_update, *m_put, *m_remove, *m_keep;

  FormRows* buildRows();
  void buildActs(QVBoxLayout* outer);
  QWidget* buildHeights();
  void take();
  void refreshPlan();
  void offerHeights();
};

}  // namespace havlo
