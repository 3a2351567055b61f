// The commands of the window and the menus they stand in; what they do is elsewhere.
#include <QApplication>
#include <QMenuBar>
#include <QSettings>

#include "app/drawer/drawer_place.h"
#include "app/order/order_place.h"
#include "app/scene/face_view.h"
#include "app/scene/scene_place.h"
#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "io/wording/names.h"

namespace havlo {

void MainWindow::addFileCommands() {
  m_actions.add({QStringLiteral("demo"), tr("Start from the &demo"), {}, [this] { openDemo(); }});
  struct Shipped {
    const char *id, *plan;
    QString text;
  };
  const Shipped shipped[] = {{"shed", "potting-shed", tr("Demo: a potting &shed")},
                             {"fen", "misty-fen", tr("Demo: a misty &fen")},
                             {"crowd", "teaching-crowd", tr("Lesson: a &crowd")},
                             {"avenue", "teaching-avenue", tr("Lesson: an &avenue")},
                             {"silhouettes", "teaching-silhouettes", tr("Lesson: &overprinting")},
                             {"dull", "teaching-dull", tr("Lesson: a &dull card made clear")}};
  for (const Shipped& one : shipped)
    m_actions.add(
        {QLatin1String(one.id), one.text, {}, [this, plan = one.plan] { openDemo(QLatin1String(plan)); }});
  m_actions.add({QStringLiteral("new"), tr("Begin a &new card"), {QKeySequence::New}, [this] {
                   visit(Card);
                   startNewCard();
                 }});
  m_actions.add({QStringLiteral("open"), tr("&Open…"), {QKeySequence::Open}, [this] { chooseFile(); }});
  m_actions.add({QStringLiteral("save"), tr("&Save"), {QKeySequence::Save}, [this] { save(); }});
  m_actions.add(
      {QStringLiteral("saveAs"), tr("Save &as…"), {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S)}, [this] {
         saveAs();
       }});
  const std::pair<const char*, PrintoutKind> kinds[] = {{"Placement", PrintoutKind::Placement},
                                                        {"Pencil", PrintoutKind::Pencil},
                                                        {"Masks", PrintoutKind::Masks},
                                                        {"RunSheet", PrintoutKind::RunSheet},
                                                        {"TapedStamps", PrintoutKind::TapedStamps},
                                                        {"Calibration", PrintoutKind::Calibration}};
  for (const auto& [id, kind] : kinds) {
    const bool first = kind == PrintoutKind::Placement;
    m_actions.add({QStringLiteral("print") + QLatin1String(id), tr("Print the %1…").arg(nameOf(kind)),
                   first ? QList<QKeySequence>{QKeySequence::Print} : QList<QKeySequence>{},
                   [this, k = kind] { m_printing->print(k); }});
    m_actions.add({QStringLiteral("export") + QLatin1String(id),
                   tr("%1 as PDF…").arg(nameOf(kind).left(1).toUpper() + nameOf(kind).mid(1)),
                   {},
                   [this, k = kind] { m_printing->exportPdf(k); }});
  }
  const std::tuple<const char*, Exporting::What, QString> exported[] = {
      {"exportCard", Exporting::What::Picture, tr("The finished card as a &picture…")},
      {"exportZip", Exporting::What::Zip, tr("Plan and pictures in one &zip…")},
      {"exportMeasures", Exporting::What::Measures, tr("All &measures as a table…")}};
  for (const auto& [id, what, text] : exported)
    m_actions.add({QLatin1String(id), text, {}, [this, w = what] { m_exporting->ask(w); }});
  m_actions.add({QStringLiteral("quit"), tr("&Leave"), {QKeySequence::Quit}, [this] { close(); }});
}

void MainWindow::addEditCommands() {
  const auto chosen = [this] { return m_session->selectedIndex() >= 0; };
  m_actions.add({QStringLiteral("undo"),
                 tr("Undo"),
                 {QKeySequence::Undo},
                 [this] { m_session->undoStack().undo(); },
                 [this] { return m_session->undoStack().canUndo(); }});
  m_actions.add({QStringLiteral("redo"),
                 tr("Redo"),
                 {QKeySequence::Redo},
                 [this] { m_session->undoStack().redo(); },
                 [this] { return m_session->undoStack().canRedo(); }});
  m_actions.add({QStringLiteral("addStamp"),
                 tr("&Add a stamp"),
                 {QKeySequence(Qt::CTRL | Qt::Key_E)},
                 [this] {
                   visit(Scene);
                   m_scene->offerStamps();
                 },
                 [] { return true; }});
  m_actions.add({QStringLiteral("addFromScan"),
                 tr("Add stamps from a &scan"),
                 {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_E)},
                 [this] {
                   visit(Drawer);
                   drawer().showAdding();
                 }});
  m_actions.add({QStringLiteral("remove"),
                 tr("&Take it off the card"),
                 {QKeySequence(Qt::Key_Delete)},
                 [this] {
                   const int i = m_session->selectedIndex();
                   m_session->edit(tr("Take %1 off").arg(nameOf(m_session->plan(), i)),
                                   without(m_session->plan(), m_session->selected().toStdString()));
                 },
                 chosen});
  m_actions.add({QStringLiteral("left"),
                 tr("Type the measure from the &left"),
                 {},
                 [this] { m_scene->face().typeMeasure(Qt::Horizontal); },
                 chosen});
  m_actions.add({QStringLiteral("bottom"),
                 tr("Type the measure from the &bottom"),
                 {},
                 [this] { m_scene->face().typeMeasure(Qt::Vertical); },
                 chosen});
}

void MainWindow::addViewCommands() {
  m_actions.add(
      {QStringLiteral("card"), tr("&Card"), {QKeySequence(Qt::CTRL | Qt::Key_1)}, [this] { visit(Card); }});
  m_actions.add({QStringLiteral("drawer"), tr("&Drawer"), {QKeySequence(Qt::CTRL | Qt::Key_2)}, [this] {
                   visit(Drawer);
                 }});
  m_actions.add({QStringLiteral("scene"), tr("&Scene"), {QKeySequence(Qt::CTRL | Qt::Key_3)}, [this] {
                   visit(Scene);
                 }});
  m_actions.add(
      {QStringLiteral("order"), tr("&Order && masks"), {QKeySequence(Qt::CTRL | Qt::Key_4)}, [this] {
         visit(Order);
       }});
  m_actions.add({QStringLiteral("ink"), tr("&Ink && light"), {QKeySequence(Qt::CTRL | Qt::Key_5)}, [this] {
                   visit(Ink);
                 }});
  m_actions.add({QStringLiteral("arrange"),
                 tr("Suggest &arrangements"),
                 {},
                 [this] { visit(Arrange); },
                 [this] { return !m_session->plan().impressions.empty(); }});
  m_actions.add(
      {QStringLiteral("make"), tr("&Make"), {QKeySequence(Qt::CTRL | Qt::Key_6)}, [this] { visit(Make); }});
  m_actions.add({QStringLiteral("practice"), tr("&Practice"), {}, [this] { visit(Practice); }});
  m_actions.add({QStringLiteral("closer"),
                 tr("&Closer"),
                 {QKeySequence::ZoomIn, QKeySequence(Qt::CTRL | Qt::Key_Equal)},
                 [this] { m_scene->face().setZoom(m_scene->face().zoom() * 1.25); }});
  m_actions.add({QStringLiteral("farther"), tr("&Farther"), {QKeySequence::ZoomOut}, [this] {
                   m_scene->face().setZoom(m_scene->face().zoom() / 1.25);
                 }});
  m_actions.add(
      {QStringLiteral("whole"), tr("The &whole card"), {QKeySequence(Qt::CTRL | Qt::Key_0)}, [this] {
         m_scene->face().setZoom(1);
       }});
  const auto units = [this](MeasureStyle style, const char* word) {
    m_session->setUnits(style);
    QSettings().setValue(QStringLiteral("units"), QLatin1String(word));
  };
  m_actions.add({QStringLiteral("inches"),
                 tr("Measure in &inches"),
                 {},
                 [units] { units(MeasureStyle::Inches, "in"); },
                 [] { return true; },
                 true,
                 [this] { return m_session->units() == MeasureStyle::Inches; }});
  m_actions.add({QStringLiteral("millimetres"),
                 tr("Measure in &millimetres"),
                 {},
                 [units] { units(MeasureStyle::Millimetres, "mm"); },
                 [] { return true; },
                 true,
                 [this] { return m_session->units() == MeasureStyle::Millimetres; }});
  const auto sheet = [this](const Sheet& s, const char* word) {
    m_printing->setSheet(s);
    QSettings().setValue(QStringLiteral("sheet"), QLatin1String(word));
    m_actions.refresh();
  };
  m_actions.add({QStringLiteral("a4"),
                 tr("Print on A&4"),
                 {},
                 [sheet] { sheet(Sheet::a4(), "a4"); },
                 [] { return true; },
                 true,
                 [this] { return m_printing->sheet().id == QPageSize::A4; }});
  m_actions.add({QStringLiteral("letter"),
                 tr("Print on &Letter"),
                 {},
                 [sheet] { sheet(Sheet::letter(), "letter"); },
                 [] { return true; },
                 true,
                 [this] { return m_printing->sheet().id == QPageSize::Letter; }});
  for (int percent : {100, 125, 150})
    m_actions.add({QStringLiteral("text%1").arg(percent),
                   tr("Text at %1 %").arg(percent),
                   {},
                   [this, percent] { setAppearance(m_dark, percent / 100.0); },
                   [] { return true; },
                   true,
                   [percent] { return qRound(textScale() * 100) == percent; }});
  m_actions.add({QStringLiteral("dark"),
                 tr("&Dark ground"),
                 {},
                 [this] { setAppearance(!m_dark, textScale()); },
                 [] { return true; },
                 true,
                 [this] { return m_dark; }});
  m_actions.add({QStringLiteral("about"), tr("&About Havlo"), {}, [this] { about(); }});
}

void MainWindow::buildMenus() {
  const auto fill = [this](QMenu* menu, const QStringList& ids) {
    for (const QString& id : ids) id.isEmpty() ? (void)menu->addSeparator() : menu->addAction(m_actions[id]);
  };
  QMenu* plan = menuBar()->addMenu(tr("&Plan"));
  fill(plan, {QStringLiteral("new"),
              {},
              QStringLiteral("demo"),
              QStringLiteral("shed"),
              QStringLiteral("fen"),
              QStringLiteral("crowd"),
              QStringLiteral("avenue"),
              QStringLiteral("silhouettes"),
              QStringLiteral("dull"),
              {},
              QStringLiteral("open")});
  m_recent = plan->addMenu(tr("Open &recent"));
  connect(m_recent, &QMenu::aboutToShow, this, &MainWindow::fillRecent);
  fill(plan, {QStringLiteral("save"),
              QStringLiteral("saveAs"),
              {},
              QStringLiteral("printPlacement"),
              QStringLiteral("printMasks"),
              QStringLiteral("printRunSheet"),
              {},
              QStringLiteral("exportPlacement"),
              QStringLiteral("exportMasks"),
              QStringLiteral("exportRunSheet"),
              QStringLiteral("exportTapedStamps"),
              {},
              QStringLiteral("exportCard"),
              QStringLiteral("exportZip"),
              QStringLiteral("exportMeasures"),
              {},
              QStringLiteral("printCalibration"),
              QStringLiteral("exportCalibration"),
              {},
              QStringLiteral("quit")});
  QMenu* edit = menuBar()->addMenu(tr("&Change"));
  fill(edit, {QStringLiteral("undo"),
              QStringLiteral("redo"),
              {},
              QStringLiteral("addStamp"),
              QStringLiteral("addFromScan"),
              QStringLiteral("remove"),
              QStringLiteral("arrange"),
              {},
              QStringLiteral("left"),
              QStringLiteral("bottom")});
  QMenu* view = menuBar()->addMenu(tr("&Look"));
  fill(view, {QStringLiteral("card"),
              QStringLiteral("drawer"),
              QStringLiteral("scene"),
              QStringLiteral("order"),
              QStringLiteral("ink"),
              QStringLiteral("make"),
              {},
              QStringLiteral("practice"),
              {},
              QStringLiteral("closer"),
              QStringLiteral("farther"),
              QStringLiteral("whole"),
              {},
              QStringLiteral("inches"),
              QStringLiteral("millimetres"),
              {},
              QStringLiteral("a4"),
              QStringLiteral("letter"),
              {},
              QStringLiteral("text100"),
              QStringLiteral("text125"),
              QStringLiteral("text150"),
              QStringLiteral("dark")});
  fill(menuBar()->addMenu(tr("&Help")), {QStringLiteral("about")});
  QUndoStack& stack = m_session->undoStack();
  const auto name = [this, &stack] {
    m_actions[QStringLiteral("undo")]->setText(stack.canUndo() ? tr("Undo: %1").arg(stack.undoText())
                                                               : tr("Undo"));
    m_actions[QStringLiteral("redo")]->setText(stack.canRedo() ? tr("Redo: %1").arg(stack.redoText())
                                                               : tr("Redo"));
    m_actions.refresh();
  };
  connect(&stack, &QUndoStack::indexChanged, this, name);
  connect(&stack, &QUndoStack::undoTextChanged, this, name);
  name();
}

}  // namespace havlo
