// The card of the log that is open: how it was planned, how it came out, what was written about it.
#include <QApplication>
#include <QFileInfo>
#include <QLineEdit>
#include <QPointer>
#include <QPushButton>

#include "app/common/choice_list.h"
#include "app/common/keyed_rows.h"
#include "app/common/picture_box.h"
#include "app/files/file_chooser.h"
#include "app/log/log_place.h"
#include "app/log/log_words.h"
#include "core/learn/learn.h"
#include "io/art/picture.h"
#include "io/files/plan_file.h"
#include "io/wording/compare_words.h"
#include "io/wording/error_words.h"
#include "io/wording/names.h"
#include "io/wording/step_words.h"
#include "io/wording/stock_words.h"
#include "io/wording/work_words.h"

namespace havlo {
std::shared_ptr<const Plan> LogPlace::planOf(const std::string& id) {
  LogStore* store = m_log.store();
  if (!store || id.empty() || !QFileInfo::exists(store->planFile(id))) return nullptr;
  auto read = loadPlan(store->planFile(id));
  if (!read) {
    Q_EMIT troubled(tr("The card's plan cannot be read: %1").arg(errorWords(read.error())));
    return nullptr;
  }
  return std::make_shared<const Plan>(std::move(read).value().plan);
}

void LogPlace::fillCard() {
  LogStore* store = m_log.store();
  const auto found = store && !m_shown.empty() ? store->entry(m_shown)
                                               : Result<LogEntry>(Error{ErrorCode::BadInput, {}, {}});
  m_opened->setVisible(bool(found));
  if (!found) {
    m_title->setText(tr("Nothing is open"));
    m_facts->setText(
        tr("When a card is made it stands here with its plan: how long it took, what went wrong, and, once "
           "you hold a scan or a photo "
           "of it against the plan, how it came out. What your hands tell is used for the next one."));
    return;
  }
  const LogEntry& e = found.value();
  m_title->setText(e.title.empty() ? tr("A card") : text(e.title));
  QStringList facts{dayWords(e.ended_s)};
  if (e.spent_min > 0.5 && e.planned_min > 0) facts << foretoldWords(e.planned_min, e.spent_min);
  int cut = 0;
  for (const LogEntry::MaskUse& m : e.masks) cut += m.cut;
  if (cut > 0) facts << (cut == 1 ? tr("1 mask cut.") : tr("%1 masks cut.").arg(cut));
  if (!e.hands.empty()) facts << tr("By %1.").arg(text(e.hands));
  m_facts->setText(facts.join(QStringLiteral("  ")));
  m_plan->setPicture(QImage(store->pictureFile(e.id)));
  const QImage flat(store->flatFile(e.id));
  m_card->setPicture(flat);
  m_cardCaption->setText(flat.isNull() ? tr("As it came out: no picture yet") : tr("As it came out"));
  const bool hasPlan = QFileInfo::exists(store->planFile(e.id));
  for (QPushButton* b : {m_hold, m_try, m_again}) b->setEnabled(hasPlan && !m_job->running());
  for (auto [edit, value] : {std::pair(m_for, &e.madeFor), {m_occasion, &e.occasion}, {m_sentTo, &e.sentTo}})
    if (!edit->hasFocus()) edit->setText(text(*value));
  if (!m_note->hasFocus()) m_note->setText(e.notes.empty() ? QString() : text(e.notes.back()));
  // Who gets a card should not get its like twice.
  QString twice;
  if (!e.sentTo.empty())
    for (const LogLine& other : store->find())
      if (other.id != e.id && other.sentTo == e.sentTo && other.title == e.title)
        twice = tr("%1 has had this card already, on %2.").arg(text(e.sentTo), dayWords(other.ended_s));
  m_saidBefore->setText(twice);
  m_saidBefore->setVisible(!twice.isEmpty());
  const auto plan = planOf(e.id);
  m_rows->begin();
  int line = 0;
  const auto say = [&](const QString& words, const QColor& ink, int weight = QFont::Normal) {
    m_rows->next(QStringLiteral("line-%1").arg(line++));
    m_rows->label(words, bodyFont(weight), ink, true);
  };
  if (e.compared() && plan) {
    Comparison seen;
    for (const LogEntry::Print& p : e.prints) {
      SeenPrint s;
      s.impression = plan->indexOf(p.impression);
      if (s.impression < 0) continue;
      for (int k = 0; k <= static_cast<int>(PrintState::Untold); ++k)
        if (wordOf(static_cast<PrintState>(k)) == p.state) s.state = static_cast<PrintState>(k);
      s.by = p.by, s.turn_deg = p.turn_deg, s.bySd_mm = p.bySd_mm, s.strength = p.strength;
      seen.prints.push_back(s);
    }
    m_head->setText(headOf(seen, m_session.units()));
    for (const bool troubled : {true, false})
      for (const SeenPrint& p : seen.prints)
        if ((p.state != PrintState::AsPlanned) == troubled)
          say(printWords(*plan, p, m_session.units()), troubled ? theme().ochre : theme().soft);
    for (const LogEntry::Join& j : e.joins) {
      SeenJoin join;
      join.front = plan->indexOf(j.front), join.back = plan->indexOf(j.back), join.gap_mm = j.gap_mm,
      join.runIn_mm = j.runIn_mm;
      join.gapLength_mm = join.runInLength_mm = 1;
      if (join.front >= 0 && join.back >= 0 && std::max(j.gap_mm, j.runIn_mm) >= 0.4)
        say(tr("A join shows: %1").arg(joinWords(*plan, join, m_session.units())), theme().ochre);
    }
  } else {
    m_head->setText(hasPlan ? tr("Scan or photograph the card on something darker or lighter than its paper, "
                                 "and hold the picture against the plan.")
                            : tr("This card came from an older log, without its plan."));
  }
  for (const LogEntry::Wrong& w : e.mishaps) {
    const auto what = mishapOf(w.what);
    QString words = mishapWords(what.value_or(Mishap::Other));
    if (const int i = plan ? plan->indexOf(w.impression) : -1; i >= 0)
      words += QStringLiteral(" (%1)").arg(nameOf(*plan, i));
    if (!w.note.empty()) words += QStringLiteral(": ") + text(w.note);
    say(tr("While it was made: %1").arg(words), theme().ink);
  }
  QStringList used, unmeasured;
  for (const LogEntry::Used& u : e.used)
    if (const QString words = usedWords(u, m_session.units()); !words.isEmpty())
      (u.amount > 0 ? used : unmeasured) << words;
  if (!unmeasured.isEmpty()) used << tr("and for colouring %1").arg(unmeasured.join(QStringLiteral(", ")));
  if (!used.isEmpty()) say(tr("It took %1.").arg(used.join(QStringLiteral(", "))), theme().soft);
  m_rows->end();
}

void LogPlace::keepFields() {
  if (m_shown.empty() || !m_log.store()) return;
  const auto now = m_log.store()->entry(m_shown);
  if (!now) return;
  LogEntry after = now.value();
  const auto write = [&](LogEntry& e) {
    e.madeFor = m_for->text().trimmed().toStdString(),
    e.occasion = m_occasion->text().trimmed().toStdString();
    e.sentTo = m_sentTo->text().trimmed().toStdString();
    const std::string note = m_note->text().trimmed().toStdString();
    if (note.empty() || (!e.notes.empty() && e.notes.back() == note)) return;
    e.notes.push_back(note);
  };
  write(after);
  if (!(after == now.value())) m_log.change(m_shown, write);
}

void LogPlace::choosePicture() {
  FileChooser::choose({tr("A scan or photo of the finished card"), {picturesKind()}}, this,
                      [this](const QString& file) { hold(file); });
}

void LogPlace::hold(const QString& file, int quarters) {
  const auto plan = planOf(m_shown);
  if (!plan) return;
  CompareAsk ask;
  ask.plan = plan, ask.file = file, ask.quarters = quarters, ask.seed = m_seed++;
  m_head->setText(tr("Looking…"));
  // Or the keys would go to the button that takes the card out.
  QPointer<QPushButton> asked;
  for (QPushButton* b : {m_hold, m_try, m_again})
    if (b->hasFocus()) asked = b, b->clearFocus();
  for (QPushButton* b : {m_hold, m_try, m_again}) b->setEnabled(false);
  m_job->run(
      [ask, art = m_art](const Progress& progress) { return comparedWith(ask, art, progress); },
      [this, id = m_shown, file, quarters, asked](Result<Compared> found) {
        for (QPushButton* b : {m_hold, m_try, m_again}) b->setEnabled(true);
        if (asked && !QApplication::focusWidget()) asked->setFocus();
        if (!found) {
          const QString words =
              tr("Nothing was learnt from that picture: %1.").arg(errorReason(found.error()));
          if (found.error().place.empty()) {
            Q_EMIT troubled(words);
          } else {  // it only lies turned
            Q_EMIT upsideDown(
                words, file,
                (quarters + QString::fromStdString(found.error().place).section(u' ', 1).toInt() / 90) % 4);
          }
          fillCard();
          return;
        }
        if (id != m_shown) show(id);
        take(found.value());
      });
}

void LogPlace::take(const Compared& c) {
  LogStore* store = m_log.store();
  if (!store) return;
  (void)savePicture(store->flatFile(m_shown), markedCard(c)).operator bool();
  m_tried.remove(store->smallFile(m_shown));
  (void)savePicture(store->photoFile(m_shown), c.photo).operator bool();
  if (m_log.change(m_shown, [&](LogEntry& e) { takeIn(*c.plan, c.seen, e); }))
    Q_EMIT said(tr("%1 Joins, minutes and masks of your next plans are reckoned with it.")
                    .arg(headOf(c.seen, m_session.units())));
}

}  // namespace havlo
