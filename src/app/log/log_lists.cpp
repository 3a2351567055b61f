// The list of the place Log: cards on their line of time, or plans; their small pictures.
#include <QComboBox>
#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QSettings>

#include "app/common/choice_list.h"
#include "app/common/keyed_rows.h"
#include "app/common/picture_box.h"
#include "app/common/sheet_frame.h"
#include "app/log/log_place.h"
#include "app/log/log_words.h"
#include "app/log/time_line.h"
#include "core/chain/chain.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "io/files/plan_file.h"

namespace havlo {
namespace {

const QSize kIcon(84, 60);
constexpr double kPictureDpi = 110;
constexpr size_t kSmallPictures = 60;  // so many rows have one

/// All as wide, so that words begin under one another.
QPixmap onLeaf(const QImage& image) {
  QPixmap leaf(kIcon);
  leaf.fill(Qt::transparent);
  QPainter p(&leaf);
  const QImage small = image.scaled(kIcon, Qt::KeepAspectRatio, Qt::SmoothTransformation);
  p.drawImage((kIcon.width() - small.width()) / 2, (kIcon.height() - small.height()) / 2, small);
  return leaf;
}

/// The card as it was meant; white where the plan cannot be read.
QImage pictureOfPlanAt(const QString& file, const ArtSource* art) {
  QImage white(1, 1, QImage::Format_RGB32);
  white.fill(Qt::white);
  auto read = loadPlan(file);
  if (!read) return white;
  const Plan& p = read.value().plan;
  const AnalysisRef a = analyse(p, nullptr, art);
  const PressInput in = a->press(p, art);
  PressTiles tiles(in, Grid(p.card.panel.box(), kPictureDpi));
  return pictureOf(intendedCard(in, tiles));
}

/// A plan whose picture is wanted, and a picture that is wanted small.
struct Wanted {
  QString plan = {}, picture = {}, from = {}, small = {};
};

}  // namespace

void LogPlace::showPlans(bool plans) {
  m_ofPlans = plans;
  m_which->setCurrentIndex(plans ? 1 : 0);
  m_search->setPlaceholderText(plans ? tr("A file's name") : tr("hare, birthday, Ada, November …"));
  m_shown.clear();
  fillCards();
}

std::vector<QString> LogPlace::plansLately() const {
  std::vector<QString> out;
  for (const LostWork& work : m_session.rescue().lostWork()) out.push_back(work.file);
  for (const QString& path : QSettings().value(QStringLiteral("recent")).toStringList())
    if (QFileInfo::exists(path)) out.push_back(path);
  return out;
}

QString LogPlace::pictureOfPlan(const QString& path) const {
  const QFileInfo info(path);
  const QByteArray name =
      QCryptographicHash::hash((path + info.lastModified().toString(Qt::ISODate)).toUtf8(),
                               QCryptographicHash::Md5)
          .toHex();
  return QDir(m_log.folder()).filePath(QStringLiteral("cards/plan-%1.png").arg(QString::fromLatin1(name)));
}

void LogPlace::fillPlans() {
  std::vector<ChoiceRow> rows;
  const QString words = m_search->text().toLower();
  for (const QString& path : plansLately()) {
    const QFileInfo info(path);
    if (!words.isEmpty() && !info.fileName().toLower().contains(words)) continue;
    ChoiceRow row;
    row.key = path, row.tip = path;
    row.text = info.completeBaseName() + u'\n' +
               QLocale().toString(info.lastModified(), QStringLiteral("d MMM yyyy"));
    if (const QString picture = pictureOfPlan(path); QFileInfo::exists(picture))
      row.icon = QIcon(onLeaf(QImage(picture))),
      row.iconKey = QFileInfo(picture).lastModified().toMSecsSinceEpoch();
    row.size = QSize(10, qRound(4.4 * QFontMetricsF(bodyFont()).height()));
    rows.push_back(std::move(row));
  }
  m_count->setText(rows.empty()       ? tr("No plan was saved yet.")
                   : rows.size() == 1 ? tr("1 plan")
                                      : tr("%1 plans").arg(rows.size()));
  m_cards->setRows(std::move(rows));
  m_timeLine->setDays({});
  if (m_cards->currentRow() < 0 && m_cards->count() > 0) m_cards->setCurrentRow(0);
  fillPlan();
  drawMissing();
}

void LogPlace::fillPlan() {
  const QString path = m_cards->currentKey();
  m_opened->setVisible(!path.isEmpty());
  m_made->hide(), m_fields->hide(), m_head->hide();
  for (QPushButton* b : {m_hold, m_try, m_again, m_remove}) b->hide();
  m_open->show();
  m_rows->begin();
  m_rows->end();
  m_title->setText(path.isEmpty() ? tr("Nothing is open") : QFileInfo(path).completeBaseName());
  m_facts->setText(path);
  m_plan->setPicture(QImage(pictureOfPlan(path)));
}

void LogPlace::fillCards() {
  if (m_ofPlans) return fillPlans();
  m_made->show(), m_fields->show(), m_head->show();
  for (QPushButton* b : {m_hold, m_try, m_again, m_remove}) b->show();
  m_open->hide();
  LogStore* store = m_log.store();
  if (!store) return;
  const auto cards = store->find(m_search->text());
  std::vector<ChoiceRow> rows;
  std::vector<QDate> days;
  const QSize high(10, qRound(4.4 * QFontMetricsF(bodyFont()).height()));
  const QLocale locale;
  const QString day = QStringLiteral("d MMM yyyy");
  rows.reserve(cards.size()), days.reserve(cards.size());
  for (const LogLine& c : cards) {
    ChoiceRow row;
    row.key = text(c.id);
    days.push_back(QDateTime::fromMSecsSinceEpoch(static_cast<qint64>(1000 * c.ended_s)).date());
    QStringList more{c.ended_s > 0 ? locale.toString(days.back(), day) : QString()};
    if (!c.madeFor.empty()) more << tr("for %1").arg(text(c.madeFor));
    if (!c.occasion.empty()) more << text(c.occasion);
    row.text = (c.title.empty() ? tr("A card") : text(c.title)) + u'\n' + more.join(QStringLiteral(" · "));
    if (rows.size() < kSmallPictures)
      if (const QFileInfo small(store->smallFile(c.id)); small.exists()) {
        row.icon = QIcon(onLeaf(QImage(small.filePath())));
        row.iconKey = small.lastModified().toMSecsSinceEpoch();
      }
    row.size = high;
    rows.push_back(std::move(row));
  }
  m_count->setText(cards.empty()       ? (m_search->text().isEmpty()
                                              ? tr("No card yet. A card comes here when Make is through with it.")
                                              : tr("No card says all of that."))
                   : cards.size() == 1 ? tr("1 card")
                                       : tr("%1 cards").arg(cards.size()));
  m_cards->setRows(std::move(rows));
  m_timeLine->setDays(std::move(days));
  if (!m_cards->choose(text(m_shown)) && m_cards->count() > 0) m_cards->setCurrentRow(0);
  m_shown = m_cards->currentKey().toStdString();
  fillCard();
  drawMissing();
}

/// Pictures of plans and small ones of cards that have none yet, a few at a time.
void LogPlace::drawMissing() {
  LogStore* store = m_log.store();
  if (!store || m_pictures->running()) return;
  std::vector<Wanted> want;
  const auto missing = [&](const QString& file) {
    return !m_tried.contains(file) && !QFileInfo::exists(file);
  };
  constexpr size_t kAtOnce = 6;
  const int rows = std::min(m_cards->count(), static_cast<int>(kSmallPictures));
  for (int row = 0; row < rows && want.size() < kAtOnce; ++row) {
    const QString key = m_cards->keyAt(row);
    if (m_ofPlans) {
      if (const QString picture = pictureOfPlan(key); missing(picture))
        want.push_back({key, picture, {}, {}});
      continue;
    }
    const std::string id = key.toStdString();
    Wanted one;
    if (QFileInfo::exists(store->planFile(id)) && missing(store->pictureFile(id)))
      one.plan = store->planFile(id), one.picture = store->pictureFile(id);
    const QFileInfo flat(store->flatFile(id)), small(store->smallFile(id));
    const QFileInfo from(flat.exists() ? flat.filePath() : store->pictureFile(id));
    const bool stale = small.exists() && from.lastModified() > small.lastModified();
    if ((from.exists() || !one.plan.isEmpty()) && (stale || missing(small.filePath())))
      one.from = from.filePath(), one.small = small.filePath();
    if (!one.plan.isEmpty() || !one.small.isEmpty()) want.push_back(one);
  }
  if (want.empty()) return;
  // What cannot be saved is not tried again and again.
  for (const Wanted& one : want) m_tried << one.picture << one.small;
  m_pictures->run(
      [want, art = m_art](const Progress& progress) {
        int drawn = 0;
        for (const Wanted& one : want) {
          if (progress.stopped()) break;
          if (!one.plan.isEmpty())
            (void)savePicture(one.picture, pictureOfPlanAt(one.plan, art.get())).operator bool();
          if (!one.small.isEmpty())
            (void)savePicture(
                one.small, QImage(one.from).scaled(2 * kIcon, Qt::KeepAspectRatio, Qt::SmoothTransformation))
                .
                operator bool();
          ++drawn;
        }
        return drawn;
      },
      [this](int drawn) {
        if (drawn > 0 && isVisible()) fillCards();
      });
}

}  // namespace havlo
