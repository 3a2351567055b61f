#include "app/shell/filing.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QLocale>
#include <QMenu>
#include <QSettings>

#include "app/files/file_chooser.h"
#include "app/shell/changes_sheet.h"

namespace havlo {
namespace {

constexpr int kMostRecent = 8, kKept = 60;  // in the menu; in the Log
constexpr size_t kMostAside = 15;           // drafts in their menu; what was never set aside is there always

QString folderOf(const PlanSession& session) {
  return session.path().isEmpty() ? QString() : QFileInfo(session.path()).path();
}

QString titleOf(const LostWork& work) {
  return work.title.isEmpty() ? Filing::tr("a card without a title") : work.title;
}

QString whenOf(const LostWork& work) { return QLocale().toString(work.when, QLocale::ShortFormat); }

}  // namespace

Filing::Filing(PlanSession& session, QWidget* window)
    : QObject(window),
      m_session(session),
      m_window(window),
      m_opening(new Job<Result<OpenedPlan>>(this)),
      m_pictures(new FilePictures(this)) {
  connect(m_opening, &JobBase::finished, this, &Filing::ended);
  connect(&session, &PlanSession::workLeft, this, [this](const LostWork& work) {
    offer(work, work.title.isEmpty() ? tr("What was not saved of a card without a title is kept.")
                                     : tr("What was not saved of “%1” is kept.").arg(work.title));
  });
  connect(&session, &PlanSession::changedUnderneath, this, [this] {
    Q_EMIT said({MessageBar::Kind::Trouble,
                 tr("%1 was changed by someone else since you opened it. Nothing was saved.")
                     .arg(QFileInfo(m_session.path()).fileName()),
                 {{tr("Save under another name"), [this] { saveAs(); }},
                  {tr("Replace it"), [this] { m_session.save(true); }}}});
  });
}

void Filing::open(const QString& path) {
  Q_EMIT started(tr("Opening %1").arg(QFileInfo(path).fileName()));
  m_opening->run([path, art = m_session.art()](const Progress&) { return openPlan(path, art.get()); },
                 [this, path](const Result<OpenedPlan>& opened) {
                   if (m_session.take(path, opened)) remember(m_session.path());
                 });
}

void Filing::stop() {
  m_opening->cancel();
  Q_EMIT ended();
}

void Filing::choose() {
  FileChooser::choose({tr("Open a plan"), {plansKind()}, false, folderOf(m_session)}, m_window,
                      [this](const QString& path) { open(path); });
}

void Filing::save() {
  if (m_session.path().isEmpty()) {
    saveAs();
  } else {
    m_session.save();
  }
}

void Filing::showChanges() { (new ChangesSheet(m_session, m_window))->open(); }

bool Filing::saveAs() {
  QString base = m_session.title();
  base.replace(u'/', u'-');
  const QString path = FileChooser::ask(
      {tr("Save the plan"), {plansKind()}, true, folderOf(m_session), base + QStringLiteral(".havlo")},
      m_window);
  if (path.isEmpty() || !m_session.saveAs(path)) return false;
  remember(m_session.path());
  return true;
}

void Filing::openOrTakeUp(const QString& path) {
  const auto drafts = m_session.rescue().lostWork();
  const auto draft =
      std::find_if(drafts.begin(), drafts.end(), [&](const LostWork& w) { return w.file == path; });
  draft == drafts.end() ? open(path) : takeUp(*draft);
}

void Filing::remember(const QString& path) {
  QSettings settings;
  QStringList recent = settings.value(QStringLiteral("recent")).toStringList();
  recent.removeAll(path);
  recent.prepend(path);
  settings.setValue(QStringLiteral("recent"), QStringList(recent.mid(0, kKept)));
}

void Filing::fillRecent(QMenu* menu) {
  menu->clear();
  const QStringList recent = QSettings().value(QStringLiteral("recent")).toStringList();
  for (const QString& path : recent.mid(0, kMostRecent)) {
    QAction* action = menu->addAction(QFileInfo(path).fileName(), this, [this, path] { open(path); });
    action->setToolTip(path);
    const QImage picture = m_pictures->of(path);
    if (!picture.isNull()) action->setIcon(QIcon(QPixmap::fromImage(picture)));
  }
  if (recent.isEmpty()) menu->addAction(tr("none yet"))->setEnabled(false);
}

void Filing::fillUnsaved(QMenu* menu) {
  menu->clear();
  std::vector<LostWork> all = m_session.rescue().lostWork();
  const size_t unseen = all.size();
  for (const LostWork& work : m_session.rescue().asideWork()) all.push_back(work);
  const size_t shown = std::max(unseen, std::min(all.size(), kMostAside));
  const auto list = [this](QMenu* in, const LostWork& work) {
    in->addAction(tr("%1, from %2").arg(titleOf(work), whenOf(work)), this, [this, work] { takeUp(work); });
  };
  for (size_t k = 0; k < shown; ++k) list(menu, all[k]);
  if (all.empty()) menu->addAction(tr("nothing"))->setEnabled(false);
  if (shown == all.size()) return;
  const std::vector<LostWork> older(all.begin() + static_cast<std::ptrdiff_t>(shown), all.end());
  menu->addSeparator();
  QMenu* rest = menu->addMenu(tr("Older ones"));
  for (const LostWork& work : older) list(rest, work);
  rest->addSeparator();
  rest->addAction(tr("These %1 to the wastebasket").arg(older.size()), this, [this, older] { tidy(older); });
}

void Filing::tidy(const std::vector<LostWork>& older) {
  const auto left = static_cast<int>(older.size()) - Rescue::toWastebasket(older);
  if (left == 0)
    Q_EMIT said({MessageBar::Kind::Notice,
                 tr("The older drafts are in the wastebasket now, in case you miss one."),
                 {}});
  else
    Q_EMIT said({MessageBar::Kind::Trouble,
                 tr("There is no wastebasket where these drafts are. They stay here: %1.").arg(left),
                 {}});
}

void Filing::takeUp(const LostWork& work) {
  Q_EMIT started(tr("Taking up %1").arg(titleOf(work)));
  m_opening->run(
      [file = work.file, art = m_session.art()](const Progress&) { return openPlan(file, art.get()); },
      [this, work](const Result<OpenedPlan>& opened) {
        if (!m_session.takeUp(work, opened)) return;
        // What was taken up is in this run's own rescue copy now; the old one is kept aside all the same.
        if (!work.file.contains(QStringLiteral("/set-aside/"))) m_session.rescue().setAside(work);
      });
}

void Filing::offer(const LostWork& work, const QString& text) {
  Q_EMIT said({MessageBar::Kind::Notice,
               text,
               {{tr("Take it up again"), [this, work] { takeUp(work); }},
                {tr("Leave it"), [this, work] { m_session.rescue().setAside(work); }}}});
}

void Filing::offerLostWork() {
  for (const LostWork& work : m_session.rescue().lostWork())
    offer(
        work,
        work.title.isEmpty()
            ? tr("Work on a card without a title from %1 was not saved. It is still here.").arg(whenOf(work))
            : tr("Work on “%1” from %2 was not saved. It is still here.").arg(work.title, whenOf(work)));
}

}  // namespace havlo
