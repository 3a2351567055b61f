// What places ask for that is not theirs to do: another place, a printout, a stamp of the drawer for the
// card.
#pragma once

#include <QObject>
#include <optional>

#include "app/lessons/lesson.h"
#include "app/scene/drawer_help.h"
#include "app/shell/exporting.h"
#include "app/shell/message_bar.h"
#include "app/shell/printing.h"
#include "app/shell/workshop.h"

namespace havlo {

class Errands : public QObject {
  Q_OBJECT

 public:
  Errands(const Workshop& workshop, QWidget* window);

  Printing& printing() { return *m_printing; }
  Exporting& exporting() { return *m_exporting; }

  void visit(const QString& place) { Q_EMIT visitRequested(place); }
  void notice(const QString& text, std::vector<MessageBar::Act> acts = {}) {
    Q_EMIT said({MessageBar::Kind::Notice, text, std::move(acts)});
  }
  void trouble(const QString& text, std::vector<MessageBar::Act> acts = {}) {
    Q_EMIT said({MessageBar::Kind::Trouble, text, std::move(acts)});
  }

  /// Starts from a plan that ships with Havlo, as a copy without a file.
  void openDemo(const QString& name = QStringLiteral("canal-towpath"));
  /// A lesson that is done step by step, by its id.
  void startLesson(const QString& id);
  void startNewCard();
  /// The same in sight of its measures.
  void beginACard();
  void askHowToBegin();
  void offerStamps();
  void offerAScan();
  /// @param width_mm, height_mm  of the folded base
  void startNewCard(double width_mm, double height_mm);
  /// Puts a stamp of the drawer on the card and goes to the scene.
  void putOnCard(const QString& key, std::optional<Point> foot = {});
  /// Lists the drawer's masks of this plan's stamps in the plan, where they are used before new ones are cut.
  void useDrawerMasks();
  DrawerHelp drawerHelp();
  void about();
  void takeInto(const QString& file) { Q_EMIT fileOffered(file); }
  void takeAllInto(const QStringList& pictures) { Q_EMIT filesOffered(pictures); }

 Q_SIGNALS:
  void visitRequested(const QString& place);
  void said(const MessageBar::Message& message);
  void openRequested();  ///< a plan's file is to be chosen
  void openFileRequested(const QString& path);
  void lessonStarted(const havlo::Lesson& lesson);
  void stampsOffered();                   ///< the scene is to offer the plan's stamps
  void fileOffered(const QString& path);  ///< the drawer is to take what is in that file
  void filesOffered(const QStringList& pictures);
  void scanOffered();  ///< the drawer is to take stamps from a scan
  /// A stamp that `plan` holds is to be put on the card.
  void stampHeld(const Plan& plan, const std::string& stamp, std::optional<Point> foot);

 private:
  std::vector<Ink> inksAtHand();
  Workshop m_workshop;
  Printing* m_printing;
  Exporting* m_exporting;
};

}  // namespace havlo
