#include "app/scene/spot_menu.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QMenu>
#include <cmath>

#include "app/common/drawings.h"
#include "app/face/thing_acts.h"
#include "core/depth/fitting.h"
#include "core/edit/view_edits.h"
#include "core/viewpoint/scale.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {

SpotMenus::SpotMenus(PlanSession& session, ThingActs& acts, QWidget* place)
    : QObject(place), m_session(session), m_acts(acts), m_place(place) {}

QMenu* SpotMenus::newMenu(const char* name) {
  auto* menu = new QMenu(m_place);
  menu->setObjectName(QLatin1String(name));
  menu->setAttribute(Qt::WA_DeleteOnClose);
  return menu;
}

void SpotMenus::openOnThing(int impression, Point at, const QPoint& global) {
  QMenu* menu = newMenu("thing");
  m_acts.fill(*menu);
  if (!m_session.severalChosen()) {
    QMenu* point = menu->addMenu(tr("This &point is for"));
    point->setObjectName(QStringLiteral("contacts"));
    addContacts(*point, m_session.plan().impressions[ix(impression)].stamp, at);
  }
  menu->popup(global);
}

/// Things come to rest on perches and hang from hands.
void SpotMenus::addContacts(QMenu& menu, const std::string& stamp, Point at) {
  const std::pair<std::optional<ContactKind>, QString> choices[] = {
      {ContactKind::Perch, tr("Something can sit here")},
      {ContactKind::Hand, tr("Something hangs from here")},
      {ContactKind::Underside, tr("It rests on things here")},
      {ContactKind::Start, tr("It grows from something here")},
      {std::nullopt, tr("This point is for nothing")}};
  for (const auto& [kind, text] : choices)
    menu.addAction(text, this, [this, stamp, at, kind = kind, text = text] {
      m_session.edit(tr("%1: %2").arg(stampName(*m_session.plan().stamp(stamp)), text),
                     withContact(m_session.plan(), stamp, at, kind));
    });
}

void SpotMenus::openOnSpot(Point spot, const QPoint& global) {
  QMenu* menu = newMenu("fitting");
  if (m_session.plan().view && m_session.plan().card.panel.box().contains(spot)) addFitting(*menu, spot);
  if (ThingActs::canPaste(QGuiApplication::clipboard()->mimeData())) {
    menu->addSeparator();
    menu->addAction(drawingIcon(QStringLiteral("act-paste")), tr("&Paste here"), this,
                    [this, spot] { m_acts.paste(QGuiApplication::clipboard()->mimeData(), spot); });
  }
  menu->addSeparator();
  for (const Command& c : m_acts.commands())
    for (const char* id : {"chooseAll", "crowd", "showAll"})
      if (c.id == QLatin1String(id) && c.enabled())
        menu->addAction(drawingIcon(drawingOfAct(c.id)), c.text, this, [run = c.run] { run(); });
  menu->popup(global);
}

/// What would stand right on this spot: the plan's own stamps, then the drawer's.
void SpotMenus::addFitting(QMenu& menu, Point spot) {
  constexpr int kMost = 8;
  const Plan& plan = m_session.plan();
  const double away = groundDistance(*plan.view, Millimetres{spot.y}).value;
  const auto note = [&](const QString& text) { menu.addAction(text)->setEnabled(false); };
  if (!std::isfinite(away)) return note(tr("Above the horizon there is no ground to stand on."));
  note(tr("Stands right here, %1 away:").arg(spoken(writeDistance(Metres{away}))));
  int shown = 0;
  for (const FittingStamp& f : stampsAt(*plan.view, plan.stamps, spot.y)) {
    if (!f.fits || shown == kMost) break;
    const std::string id = plan.stamps[ix(f.stamp)]->id;
    menu.addAction(tr("%1 (%2 % of its typical height)")
                       .arg(stampName(*plan.stamps[ix(f.stamp)]))
                       .arg(qRound(100 * f.ratio)),
                   this, [this, id, spot] { Q_EMIT stampWanted(id, spot); });
    ++shown;
  }
  if (shown == 0) note(tr("none of the plan's stamps"));
  if (!m_help.fitting) return;
  menu.addSeparator();
  note(tr("From the drawer:"));
  int more = 0;
  for (const auto& [key, name] : m_help.fitting(away)) {
    if (more++ == kMost) break;
    menu.addAction(QString::fromStdString(name), this,
                   [this, spot, k = QString::fromStdString(key)] { Q_EMIT ownedStampWanted(k, spot); });
  }
  if (more == 0) note(tr("nothing that is not on the card's shelf"));
}

}  // namespace havlo
