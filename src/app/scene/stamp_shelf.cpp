// A popup that goes when a stamp is taken or when it is left.
#include "app/scene/stamp_shelf.h"

#include <QKeyEvent>
#include <QPainter>
#include <algorithm>

#include "app/common/thumbnail.h"
#include "app/theme/theme.h"
#include "io/art/svg_art.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr int kPicture_px = 88;
const QString kOfDrawer = QStringLiteral("drawer:");  // no stamp's id has a colon
constexpr double kScale_px_per_mm = 1.7;  // a 50 mm stamp fills its place; larger ones are shown smaller

QIcon pictureOf(const Stamp& stamp, const SvgArt& art) {
  const double scale = std::min(kScale_px_per_mm, kPicture_px / std::max(stamp.width_mm, stamp.height_mm));
  const QSize size(qRound(stamp.width_mm * scale) + 4, qRound(stamp.height_mm * scale) + 4);
  QPixmap place(kPicture_px + 4, kPicture_px + 4);
  place.fill(Qt::transparent);
  QPainter p(&place);
  p.drawPixmap((place.width() - size.width()) / 2, place.height() - size.height(),
               stampThumbnail(stamp, art, size, theme().ink));
  return QIcon(place);
}

}  // namespace

StampShelf::StampShelf(const PlanSession& session, const SvgArt& art, const std::vector<OwnedStamp>& owned,
                       QWidget* parent)
    : ChoiceList(parent) {
  setObjectName(QStringLiteral("shelf"));
  setWindowFlags(Qt::Popup);
  // A window of its own needs a ground of its own.
  setStyleSheet(QStringLiteral("#shelf { background: %1; border: 1px solid %2; }")
                    .arg(theme().paper.name(), theme().rule.name()));
  setAttribute(Qt::WA_DeleteOnClose);
  setAccessibleName(tr("Stamps of this plan, then others of the drawer"));
  setViewMode(QListView::IconMode);
  setResizeMode(QListView::Adjust);
  setMovement(QListView::Static);
  setUniformItemSizes(true);
  setWordWrap(true);
  setTextElideMode(Qt::ElideNone);
  setSpacing(6);
  setIconSize(QSize(kPicture_px + 4, kPicture_px + 4));
  setGridSize(QSize(qRound(132 * textScale()), kPicture_px + qRound(76 * textScale())));
  setFont(labelFont());
  const QSize cell = gridSize() - QSize(12, 8);
  std::vector<ChoiceRow> rows;
  const auto add = [&](const QString& key, const StampRef& stamp) {
    const auto size = [&](double mm) { return spoken(writeBareMeasure(Millimetres{mm}, session.units())); };
    ChoiceRow row{key,
                  tr("%1\n%2 × %3").arg(stampName(*stamp), size(stamp->width_mm), size(stamp->height_mm)),
                  pictureOf(*stamp, art)};
    row.size = cell;
    rows.push_back(std::move(row));
  };
  const auto& held = session.plan().stamps;
  for (const StampRef& stamp : held) add(QString::fromStdString(stamp->id), stamp);
  for (const OwnedStamp& one : owned)
    if (std::none_of(held.begin(), held.end(), [&](const StampRef& s) { return s->drawer == one.key; }))
      add(kOfDrawer + QString::fromStdString(one.key), one.stamp);
  // Last on the shelf: the way to everything else the maker owns.
  QPixmap knob(kPicture_px + 4, kPicture_px + 4);
  knob.fill(Qt::transparent);
  {
    QPainter p(&knob);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(theme().green, 2));
    p.drawRoundedRect(QRectF(10, 34, kPicture_px - 16, 44), 4, 4);
    p.drawEllipse(QPointF(kPicture_px / 2.0 + 2, 56), 5, 5);
  }
  ChoiceRow drawer{QString(), tr("More in the drawer"), QIcon(knob)};
  drawer.size = cell;
  rows.push_back(std::move(drawer));
  setRows(std::move(rows));
  connect(this, &ChoiceList::taken, this, [this](const QString& stamp) {
    stamp.isEmpty()               ? Q_EMIT drawerRequested()
    : stamp.startsWith(kOfDrawer) ? Q_EMIT ownedTaken(stamp.mid(kOfDrawer.size()))
                                  : Q_EMIT stampTaken(stamp);
    close();
  });
}

void StampShelf::keyPressEvent(QKeyEvent* e) {
  if (e->key() == Qt::Key_Escape) {
    close();
  } else {
    ChoiceList::keyPressEvent(e);
  }
}

}  // namespace havlo
