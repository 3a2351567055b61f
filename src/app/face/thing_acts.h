// What can be done with the things that are chosen: each act once, for the menus, the keys, the panel and the
// finder.
#pragma once

#include <QObject>
#include <optional>

#include "app/actions/action_table.h"
#include "app/session/plan_session.h"

class QMenu;
class QMimeData;

namespace havlo {

/// In the order in which they are offered.
inline constexpr School kWaysToChoose[] = {School::Mask,     School::Overprint, School::Resist,
                                           School::LeaveOut, School::WipeOff,   School::PopUp,
                                           School::Across};

class ThingActs : public QObject {
  Q_OBJECT

 public:
  ThingActs(PlanSession& session, QObject* parent);

  /// In the order in which they stand in a menu; `part` says what belongs together.
  const std::vector<Command>& commands() const { return m_commands; }
  /// Does the act of that id, if it may be done.
  void run(const QString& id) const;
  /// Adds the acts that may be done to a menu that opens on a thing, with inks, pressings and schools to
  /// choose.
  void fill(QMenu& menu) const;

  /// Takes what a clipboard or a drag holds and puts it down: its lowest foot's middle at `at`, or where it
  /// was.
  void paste(const QMimeData* data, std::optional<Point> at = {});
  static bool canPaste(const QMimeData* data);
  /// What is chosen, to be carried elsewhere. Null: nothing is.
  QMimeData* carried() const;

  void setInk(const std::string& ink);
  void setPressing(int generation);
  void setSchool(School school);

 Q_SIGNALS:
  void crowdWanted();
  void rowWanted();
  void measureWanted(Qt::Orientation along);

 private:
  PlanSession& m_session;
  std::vector<Command> m_commands;

  void add(const char* id, const QString& text, QList<QKeySequence> keys, int part, std::function<void()> act,
           std::function<bool()> enabled);
  void addCommands();
  void addArranging();
  /// One edit of everything chosen. @param label  with %1 for what it is
  template <typename F>
  void change(const QString& label, F edit);
  void put(const QString& label, const Plan& part, Point by);
  void another();
  void chooseKind();
  void aside(QSet<QString> SetAside::*which, bool on);
  QString name() const;
};

}  // namespace havlo
