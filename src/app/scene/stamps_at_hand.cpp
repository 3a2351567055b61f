#include "app/scene/stamps_at_hand.h"

#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

#include "app/common/choice_list.h"
#include "app/common/form_rows.h"
#include "app/common/sheet_frame.h"
#include "app/common/stamp_mime.h"
#include "app/common/thumbnail.h"
#include "io/art/svg_art.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr size_t kMost = 60;
const QSize kIcon(46, 46);

}  // namespace

StampsAtHand::StampsAtHand(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent)
    : QWidget(parent), m_session(session), m_art(std::move(art)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 4, 0, 0);
  m_list = new ChoiceList;
  m_list->setObjectName(QStringLiteral("atHand"));
  m_list->setAccessibleName(tr("Your stamps: Return puts one on the card"));
  m_list->setIconSize(kIcon);
  m_list->setWordWrap(true);
  m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  // Clicked it goes where it fits, dragged to where one lets it go.
  m_list->setCarried(kStampMime,
                     [](const QString& key) { return (key.startsWith(u'=') ? key : key.mid(1)).toUtf8(); });
  column->addWidget(m_list, 1);
  m_more = plainButton(tr("All of them, in the drawer"));
  m_more->setObjectName(QStringLiteral("allStamps"));
  column->addWidget(m_more);
  connect(m_more, &QPushButton::clicked, this, &StampsAtHand::drawerRequested);
  connect(m_list, &ChoiceList::taken, this, [this](const QString& key) {
    key.startsWith(u'=') ? Q_EMIT stampTaken(key.mid(1)) : Q_EMIT ownedTaken(key.mid(1));
  });
}

bool StampsAtHand::fill() {
  std::vector<std::pair<QString, StampRef>> now;
  const auto& held = m_session.plan().stamps;
  for (const StampRef& stamp : held) now.emplace_back(u'=' + QString::fromStdString(stamp->id), stamp);
  // What was taken off the card again does not hide what else one has.
  const std::vector<OwnedStamp> owned = m_owned ? m_owned(kMost) : std::vector<OwnedStamp>();
  const bool more = !owned.empty();
  for (const OwnedStamp& one : owned)
    if (std::none_of(held.begin(), held.end(), [&](const StampRef& s) { return s->drawer == one.key; }))
      now.emplace_back(u'+' + QString::fromStdString(one.key), one.stamp);
  if (now.size() > kMost) now.resize(kMost);
  m_more->setVisible(more && !now.empty());
  // Asked after every change of the plan: drawn only where the stamps are others.
  if (now == m_shown && m_shownUnits == m_session.units()) return !now.empty();
  m_shown = now, m_shownUnits = m_session.units();
  std::vector<ChoiceRow> rows;
  const auto size = [&](double mm) { return spoken(writeBareMeasure(Millimetres{mm}, m_session.units())); };
  for (const auto& [key, stamp] : now) {
    ChoiceRow row;
    row.key = key;
    row.text = tr("%1\n%2 × %3").arg(stampName(*stamp), size(stamp->width_mm), size(stamp->height_mm));
    row.icon = stampIcon(*stamp, *m_art, kIcon, theme().ink);
    row.iconKey = static_cast<qint64>(reinterpret_cast<quintptr>(stamp.get()));
    row.size = QSize(10, kIcon.height() + 8);
    rows.push_back(std::move(row));
  }
  m_list->setRows(std::move(rows));
  return !now.empty();
}

}  // namespace havlo
