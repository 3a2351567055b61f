#include "app/shell/commands.h"

#include <QCoreApplication>
#include <QSettings>

#include "app/session/settings.h"
#include "app/shell/errands.h"
#include "app/shell/filing.h"
#include "app/shell/language.h"
#include "app/shell/places.h"
#include "app/theme/theme.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

Command in(const char* menu, int part, Command command) {
  command.menu = QLatin1String(menu);
  command.part = part;
  return command;
}

Command plain(const char* id, const QString& text, std::function<void()> run, QList<QKeySequence> keys = {}) {
  Command c;
  c.id = QLatin1String(id), c.text = text, c.shortcuts = std::move(keys), c.run = std::move(run);
  return c;
}

Command choice(const QString& id, const QString& text, std::function<void()> run,
               std::function<bool()> checked) {
  Command c;
  c.id = id, c.text = text, c.run = std::move(run);
  c.checkable = true, c.checked = std::move(checked);
  return c;
}

void addPrintouts(std::vector<Command>& out, Errands& errands) {
  struct Kind {
    const char* id;
    PrintoutKind kind;
    int print, save;  // parts of the menu
  };
  const Kind kinds[] = {{"Placement", PrintoutKind::Placement, 3, 4},
                        {"Pencil", PrintoutKind::Pencil, 3, 4},
                        {"Masks", PrintoutKind::Masks, 3, 4},
                        {"RunSheet", PrintoutKind::RunSheet, 3, 4},
                        {"TapedStamps", PrintoutKind::TapedStamps, 3, 4},
                        {"CutList", PrintoutKind::CutList, 3, 4},
                        {"Class", PrintoutKind::Class, 3, 4},
                        {"Calibration", PrintoutKind::Calibration, 6, 6}};
  for (const Kind& k : kinds) {
    const QString id = QLatin1String(k.id), name = nameOf(k.kind);
    out.push_back(in("plan", k.print,
                     plain(
                         qPrintable(QStringLiteral("print") + id), capital(tr("Print the %1…").arg(name)),
                         [&errands, kind = k.kind] { errands.printing().print(kind); },
                         k.kind == PrintoutKind::Placement ? QList<QKeySequence>{QKeySequence::Print}
                                                           : QList<QKeySequence>{})));
    out.push_back(in("plan", k.save,
                     plain(qPrintable(QStringLiteral("export") + id), capital(tr("%1 as PDF…").arg(name)),
                           [&errands, kind = k.kind] {
                             errands.printing().exportPdf(errands.printing().wishFor(kind));
                           })));
  }
}

}  // namespace

std::vector<Command> planCommands(PlanSession& session, Errands& errands, Filing& filing,
                                  const WindowActs& acts) {
  std::vector<Command> out;
  out.push_back(
      in("plan", 0,
         plain("new", tr("Begin a &new card"), [&errands] { errands.beginACard(); }, {QKeySequence::New})));
  out.push_back(
      in("plan", 0, plain("begin", tr("What do you &begin with…"), [&errands] { errands.askHowToBegin(); })));
  for (const Lesson& lesson : allLessons())
    out.push_back(in("lessons", 0, plain(qPrintable(lesson.id), lesson.title, [&errands, id = lesson.id] {
                       errands.startLesson(id);
                     })));
  struct Shipped {
    const char *id, *plan;
    QString text;
  };
  const Shipped shipped[] = {{"demo", "canal-towpath", tr("Start from the &demo")},
                             {"finished", "towpath-finished", tr("Demo: the towpath as a &finished card")},
                             {"shed", "potting-shed", tr("Demo: a potting &shed")},
                             {"fen", "misty-fen", tr("Demo: a misty &fen")},
                             {"crowdPlan", "teaching-crowd", tr("Finished: a &crowd")},
                             {"avenue", "teaching-avenue", tr("Finished: an &avenue")},
                             {"silhouettes", "teaching-silhouettes", tr("Finished: &overprinting")},
                             {"dull", "teaching-dull", tr("Finished: a &dull card to make clear")},
                             {"papers", "teaching-papers", tr("Finished: a card of &papers")}};
  for (const Shipped& one : shipped)
    out.push_back(
        in("lessons", QLatin1String(one.plan).startsWith(QLatin1String("teaching")) ? 1 : 2,
           plain(one.id, one.text, [&errands, plan = one.plan] { errands.openDemo(QLatin1String(plan)); })));
  out.push_back(
      in("plan", 2, plain("open", tr("&Open…"), [&filing] { filing.choose(); }, {QKeySequence::Open})));
  out.push_back(
      in("plan", 2, plain("save", tr("&Save"), [&filing] { filing.save(); }, {QKeySequence::Save})));
  out.push_back(in("plan", 2,
                   plain("saveAs", tr("Save &as…"), [&filing] { filing.saveAs(); },
                         {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S)})));
  Command changes =
      in("plan", 2,
         plain("changes", tr("What &changed since it was saved"), [&filing] { filing.showChanges(); }));
  changes.enabled = [&session] { return !session.path().isEmpty(); };
  changes.also = tr("difference compare");
  out.push_back(std::move(changes));
  out.push_back(
      in("plan", 2, plain("title", tr("&Name this card"), acts.typeTitle, {QKeySequence(Qt::Key_F2)})));
  addPrintouts(out, errands);
  const std::tuple<const char*, Exporting::What, QString> exported[] = {
      {"exportCard", Exporting::What::Picture, tr("The finished card as a &picture…")},
      {"exportLayers", Exporting::What::Layers, tr("The finished card as a drawing in la&yers…")},
      {"exportZip", Exporting::What::Zip, tr("Plan and pictures in one &zip…")},
      {"exportMeasures", Exporting::What::Measures, tr("All &measures as a table…")}};
  for (const auto& [id, what, text] : exported)
    out.push_back(in("plan", 5, plain(id, text, [&errands, w = what] { errands.exporting().ask(w); })));
  out.push_back(in("plan", 7, plain("quit", tr("&Leave"), acts.leave, {QKeySequence::Quit})));
  return out;
}

std::vector<Command> changeCommands(Errands& errands, const WindowActs& acts) {
  std::vector<Command> out;
  const auto stack = acts.undoStack;
  Command undo =
      in("change", 0, plain("undo", tr("Undo"), [stack] { stack().undo(); }, {QKeySequence::Undo}));
  undo.enabled = [stack] { return stack().canUndo(); };
  Command redo =
      in("change", 0,
         plain("redo", tr("Redo"), [stack] { stack().redo(); },
               {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), QKeySequence(Qt::CTRL | Qt::Key_Y)}));
  redo.enabled = [stack] { return stack().canRedo(); };
  out.push_back(std::move(undo));
  out.push_back(std::move(redo));
  out.push_back(in("change", 1,
                   plain("addStamp", tr("&Add a stamp"), [&errands] { errands.offerStamps(); },
                         {QKeySequence(Qt::CTRL | Qt::Key_E)})));
  out.push_back(in("change", 1,
                   plain("addFromScan", tr("Add stamps from a &scan"), [&errands] { errands.offerAScan(); },
                         {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_E)})));
  return out;
}

void tellUndo(QAction& undo, QAction& redo, const QUndoStack& stack, bool seen) {
  undo.setEnabled(seen && stack.canUndo());
  redo.setEnabled(seen && stack.canRedo());
  undo.setText(stack.canUndo() ? tr("Undo: %1").arg(stack.undoText()) : tr("Undo"));
  redo.setText(stack.canRedo() ? tr("Redo: %1").arg(stack.redoText()) : tr("Redo"));
}

std::vector<Command> lookCommands(PlanSession& session, Errands& errands,
                                  const std::vector<PlaceKind>& places,
                                  const std::function<bool(const PlaceKind&)>& open, const WindowActs& acts) {
  std::vector<Command> out;
  for (const PlaceKind& kind : places) {
    if (!kind.listed) continue;  // asked for under Plan, in other words
    QString text = kind.title;
    text.replace(u'&', QStringLiteral("&&"));
    // What works on the card without being a place on the trail changes it.
    const bool looks = kind.onTrail || !kind.ofFace;
    Command c = in(looks ? "look" : "change", looks ? 0 : 1,
                   plain(
                       qPrintable(kind.id), u'&' + text, [&errands, id = kind.id] { errands.visit(id); },
                       kind.shortcut.isEmpty() ? QList<QKeySequence>{} : QList<QKeySequence>{kind.shortcut}));
    c.enabled = [open, &kind] { return open(kind); };
    out.push_back(std::move(c));
  }
  const auto units = [&session](MeasureStyle style, const char* word) {
    session.setUnits(style);
    QSettings().setValue(QStringLiteral("units"), QLatin1String(word));
  };
  const auto look = [&](int part, Command c) { out.push_back(in("look", part, std::move(c))); };
  look(2,
       choice(
           QStringLiteral("inches"), tr("Measure in &inches"), [units] { units(MeasureStyle::Inches, "in"); },
           [&session] { return session.units() == MeasureStyle::Inches; }));
  look(2, choice(
              QStringLiteral("millimetres"), tr("Measure in &millimetres"),
              [units] { units(MeasureStyle::Millimetres, "mm"); },
              [&session] { return session.units() == MeasureStyle::Millimetres; }));
  Printing& printing = errands.printing();
  const auto sheet = [&printing, refresh = acts.refresh](const Sheet& s, const char* word) {
    printing.setSheet(s);
    QSettings().setValue(QStringLiteral("sheet"), QLatin1String(word));
    refresh();
  };
  look(3, choice(
              QStringLiteral("a4"), tr("Print on A&4"), [sheet] { sheet(Sheet::a4(), "a4"); },
              [&printing] { return printing.sheet().id == QPageSize::A4; }));
  look(3, choice(
              QStringLiteral("letter"), tr("Print on &Letter"), [sheet] { sheet(Sheet::letter(), "letter"); },
              [&printing] { return printing.sheet().id == QPageSize::Letter; }));
  for (int percent : {100, 125, 150, 200})
    look(4, choice(
                QStringLiteral("text%1").arg(percent), tr("Text at %1 %").arg(percent),
                [acts, percent] {
                  Appearance wanted = appearance();
                  wanted.text = percent / 100.0;
                  acts.setAppearance(wanted);
                },
                [percent] { return qRound(textScale() * 100) == percent; }));
  const std::tuple<const char*, QString, bool Appearance::*> ways[] = {
      {"dark", tr("&Dark ground"), &Appearance::dark},
      {"large", tr("&Large targets, for inky fingers"), &Appearance::large},
      {"still", tr("Nothing mo&ves by itself"), &Appearance::still}};
  for (const auto& [id, text, way] : ways)
    look(4, choice(
                QLatin1String(id), text,
                [acts, way = way] {
                  Appearance wanted = appearance();
                  wanted.*way = !(wanted.*way);
                  acts.setAppearance(wanted);
                },
                [way = way] { return appearance().*way; }));
  look(4, choice(
              QStringLiteral("leftHanded"), tr("Left-&handed at the table"),
              [acts] {
                setLeftHanded(!leftHanded());
                acts.setAppearance(appearance());
              },
              [] { return leftHanded(); }));
  for (const Language& l : languages())
    look(5, choice(
                QStringLiteral("language-") + QLatin1String(l.code), QString::fromUtf8(l.name),
                [&errands, code = QString::fromLatin1(l.code), name = QString::fromUtf8(l.name),
                 leave = acts.leave] {
                  QSettings().setValue(QStringLiteral("language"), code);
                  if (code == spokenLanguage()) return;
                  errands.notice(tr("From the next start on the window speaks %1.").arg(name),
                                 {{tr("Start again now"), [leave] {
                                     qApp->setProperty("startAgain", true);
                                     leave();
                                   }}});
                },
                [code = QString::fromLatin1(l.code)] { return code == languageWanted(); }));
  out.push_back(in("help", 0, plain("handbook", tr("&Handbook"), acts.handbook, {QKeySequence(Qt::Key_F1)})));
  out.push_back(
      in("help", 0, plain("findAct", tr("&Find an act…"), acts.findAct, {QKeySequence(Qt::Key_F3)})));
  out.push_back(in("help", 0,
                   plain("explain", tr("&Explain what has the keys"), acts.explain,
                         {QKeySequence(Qt::SHIFT | Qt::Key_F1)})));
  out.push_back(in("help", 1, plain("about", tr("&About Havlo"), [&errands] { errands.about(); })));
  return out;
}

}  // namespace havlo
