#include "app/log/log_place.h"

#include <QComboBox>
#include <QCryptographicHash>
#include <QDateTime>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QSettings>
#include <QUuid>
#include <set>
#include <utility>

#include "app/common/choice_list.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/picture_box.h"
#include "app/common/rolled.h"
#include "app/common/sheet_frame.h"
#include "app/log/learnt_page.h"
#include "core/chain/chain.h"
#include "core/learn/learn.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "io/files/plan_file.h"
#include "io/wording/compare_words.h"
#include "io/wording/names.h"
#include "io/wording/step_words.h"
#include "io/wording/stock_words.h"
#include "io/wording/work_words.h"

namespace havlo {
namespace {

const QSize kIcon(84, 60);
constexpr double kPictureDpi = 110;

QString text(const std::string& s) { return QString::fromStdString(s); }

QString dayWords(double s) {
  return s > 0 ? QLocale().toString(QDateTime::fromMSecsSinceEpoch(static_cast<qint64>(1000 * s)).date(),
                                    QStringLiteral("d MMM yyyy"))
               : QString();
}

/// All as wide, so that words begin under one another.
QPixmap onLeaf(const QImage& image) {
  QPixmap leaf(kIcon);
  leaf.fill(Qt::transparent);
  QPainter p(&leaf);
  const QImage small = image.scaled(kIcon, Qt::KeepAspectRatio, Qt::SmoothTransformation);
  p.drawImage((kIcon.width() - small.width()) / 2, (kIcon.height() - small.height()) / 2, small);
  return leaf;
}

}  // namespace

LogPlace::LogPlace(PlanSession& session, LogSession& log, std::shared_ptr<SvgArt> art, QWidget* parent)
    : Place(parent),
      m_session(session),
      m_log(log),
      m_art(std::move(art)),
      m_job(new Job<Result<Compared>>(this)),
      m_pictures(new Job<std::vector<QImage>>(this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(16, 10, 16, 10);
  row->setSpacing(10);
  row->addWidget(buildList());
  row->addWidget(buildCard(), 1);
  row->addWidget(buildSide());
  connect(&m_log, &LogSession::changed, this, [this] {
    if (isVisible()) refresh();
    Q_EMIT statusChanged();
  });
  connect(&session, &PlanSession::unitsChanged, this, [this] {
    m_learnt->setUnits(m_session.units());
    if (isVisible()) fillCard();
  });
}

QWidget* LogPlace::buildList() {
  auto* left = new SheetFrame;
  left->setFixedWidth(qRound(264 * (1 + (textScale() - 1) * 0.5)));
  m_which = new QComboBox;
  m_which->setObjectName(QStringLiteral("which"));
  m_which->setAccessibleName(tr("What is listed"));
  m_which->setFont(headingFont());
  m_which->addItems({tr("Cards you made"), tr("Plans and drafts")});
  left->box()->addWidget(m_which);
  connect(m_which, &QComboBox::activated, this, [this](int row) { showPlans(row == 1); });
  m_search = new QLineEdit;
  m_search->setObjectName(QStringLiteral("search"));
  m_search->setPlaceholderText(tr("hare, birthday, Ada, November …"));
  m_search->setAccessibleName(tr("Find cards by what they show, for whom, occasion or month"));
  m_search->setClearButtonEnabled(true);
  left->box()->addWidget(m_search);
  m_count = inkLabel({}, labelFont(), theme().soft, true);
  left->box()->addWidget(m_count);
  m_cards = new ChoiceList;
  m_cards->setObjectName(QStringLiteral("cards"));
  m_cards->setAccessibleName(tr("Cards, newest first"));
  m_cards->setIconSize(kIcon);
  m_cards->setWordWrap(true);
  m_cards->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  left->box()->addWidget(m_cards, 1);
  connect(m_search, &QLineEdit::textChanged, this, [this] { fillCards(); });
  connect(m_cards, &ChoiceList::currentRowChanged, this, [this](int row) {
    if (row < 0) return;
    if (!m_ofPlans) return show(m_cards->keyAt(row).toStdString());
    fillPlan();
  });
  return left;
}

QWidget* LogPlace::buildCard() {
  auto* middle = new SheetFrame;
  m_title = inkLabel({}, headingFont(), theme().ink, true);
  m_facts = inkLabel({}, labelFont(), theme().soft, true);
  middle->box()->addWidget(m_title);
  middle->box()->addWidget(m_facts);
  m_opened = new QWidget;
  auto* column = new QVBoxLayout(m_opened);
  column->setContentsMargins(0, 0, 0, 0);
  auto* pictures = new QHBoxLayout;
  const auto side = [&](const QString& name, QLabel*& caption, PictureBox*& box) {
    auto* one = new QVBoxLayout;
    caption = inkLabel(name, labelFont(), theme().soft);
    one->addWidget(caption);
    box = new PictureBox;
    box->setAccessibleName(name);
    one->addWidget(box, 1);
    pictures->addLayout(one, 1);
  };
  side(tr("As it was planned"), m_planCaption, m_plan);
  m_made = new QWidget;
  auto* outer = std::exchange(pictures, new QHBoxLayout(m_made));
  pictures->setContentsMargins(0, 0, 0, 0);
  side(tr("As it came out"), m_cardCaption, m_card);
  outer->addWidget(m_made, 1);
  column->addLayout(outer, 5);
  m_open = new QPushButton(tr("Open this plan"));
  m_open->setObjectName(QStringLiteral("openPlan"));
  column->addWidget(m_open, 0, Qt::AlignLeft);
  connect(m_open, &QPushButton::clicked, this, [this] { Q_EMIT openRequested(m_cards->currentKey()); });
  m_head = inkLabel({}, bodyFont(QFont::DemiBold), theme().ink, true);
  column->addWidget(m_head);
  column->addLayout(buildActs());
  m_rows = new KeyedRows;
  column->addWidget(rolled(m_rows), 3);
  column->addWidget(m_fields = buildFields());
  middle->box()->addWidget(m_opened, 1);
  middle->box()->addStretch(0);
  return middle;
}

QHBoxLayout* LogPlace::buildActs() {
  auto* acts = new QHBoxLayout;
  m_hold = new QPushButton(tr("Hold a picture against it…"));
  m_hold->setObjectName(QStringLiteral("hold"));
  m_try = plainButton(tr("Try with a made-up picture"));
  m_try->setObjectName(QStringLiteral("try"));
  m_try->setToolTip(tr("The stand-in makes this card with hands that err a little, and takes its picture."));
  m_again = plainButton(tr("Make it again"));
  m_again->setObjectName(QStringLiteral("again"));
  m_remove = plainButton(tr("Take it out of the log"));
  m_remove->setObjectName(QStringLiteral("remove"));
  for (QPushButton* b : {m_hold, m_try, m_again, m_remove}) acts->addWidget(b);
  acts->addStretch(1);
  connect(m_hold, &QPushButton::clicked, this, &LogPlace::choosePicture);
  connect(m_try, &QPushButton::clicked, this, [this] { hold({}); });
  connect(m_again, &QPushButton::clicked, this, [this] {
    if (auto plan = planOf(m_shown)) Q_EMIT makeAgain(plan);
  });
  connect(m_remove, &QPushButton::clicked, this, [this] {
    const std::string id = m_shown;
    const QString title = m_title->text();
    if (m_log.remove(id)) Q_EMIT removed(id, title);
  });
  return acts;
}

QLineEdit* LogPlace::field(const QString& name, const QString& label, QVBoxLayout* into) {
  auto* row = new QVBoxLayout;
  row->setSpacing(1);
  auto* edit = new QLineEdit;
  edit->setObjectName(name);
  edit->setAccessibleName(label);
  row->addWidget(inkLabel(label, labelFont(), theme().soft));
  row->addWidget(edit);
  into->addLayout(row);
  connect(edit, &QLineEdit::editingFinished, this, &LogPlace::keepFields);
  return edit;
}

QWidget* LogPlace::buildFields() {
  auto* fields = new QWidget;
  auto* row = new QHBoxLayout(fields);
  row->setContentsMargins(0, 0, 0, 0);
  const auto column = [&] {
    auto* c = new QVBoxLayout;
    row->addLayout(c, 1);
    return c;
  };
  m_for = field(QStringLiteral("for"), tr("For whom"), column());
  m_occasion = field(QStringLiteral("occasion"), tr("Occasion"), column());
  m_sentTo = field(QStringLiteral("sentTo"), tr("Sent to"), column());
  m_note = field(QStringLiteral("note"), tr("Note"), column());
  m_saidBefore = inkLabel({}, labelFont(), theme().ochre, true);
  auto* whole = new QWidget;
  auto* both = new QVBoxLayout(whole);
  both->setContentsMargins(0, 0, 0, 0);
  both->addWidget(fields);
  both->addWidget(m_saidBefore);
  return whole;
}

QWidget* LogPlace::buildSide() {
  auto* right = new SheetFrame;
  right->setFixedWidth(qRound(296 * (1 + (textScale() - 1) * 0.5)));
  right->box()->addWidget(inkLabel(tr("What Havlo has learnt"), headingFont(), theme().ink));
  m_learnt = new LearntPage(m_log);
  connect(m_learnt, &LearntPage::inkLearnt, this, &LogPlace::inkLearnt);
  right->box()->addWidget(m_learnt, 5);
  right->box()->addWidget(inkLabel(tr("Ideas"), headingFont(), theme().ink));
  m_idea = new QLineEdit;
  m_idea->setObjectName(QStringLiteral("idea"));
  m_idea->setPlaceholderText(tr("A card to make one day; Return keeps it"));
  m_idea->setAccessibleName(tr("A new idea"));
  right->box()->addWidget(m_idea);
  m_ideas = new ChoiceList;
  m_ideas->setAccessibleName(tr("Ideas"));
  m_ideas->setObjectName(QStringLiteral("ideas"));
  m_ideas->setFixedHeight(qRound(4.6 * QFontMetricsF(bodyFont()).height()));
  right->box()->addWidget(m_ideas);
  m_done = plainButton(tr("Done with it"));
  m_done->setObjectName(QStringLiteral("ideaDone"));
  right->box()->addWidget(m_done, 0, Qt::AlignLeft);
  connect(m_idea, &QLineEdit::returnPressed, this, [this] {
    const QString words = m_idea->text().trimmed();
    if (words.isEmpty()) return;
    if (m_log.putIdea(
            {QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString(), words.toStdString(), false}))
      m_idea->clear();
  });
  connect(m_done, &QPushButton::clicked, this, [this] {
    if (const QString key = m_ideas->currentKey(); !key.isEmpty()) m_log.removeIdea(key.toStdString());
  });
  return right;
}

void LogPlace::arrive() {
  m_log.lookForOthers();
  refresh();
}

void LogPlace::takeKeys() { m_cards->setFocus(); }

void LogPlace::refresh() {
  m_learnt->setUnits(m_session.units());
  fillIdeas();
  fillCards();
}

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
  for (const LogLine& c : cards) {
    ChoiceRow row;
    row.key = text(c.id);
    QStringList more{dayWords(c.ended_s)};
    if (!c.madeFor.empty()) more << tr("for %1").arg(text(c.madeFor));
    if (!c.occasion.empty()) more << text(c.occasion);
    row.text = (c.title.empty() ? tr("A card") : text(c.title)) + u'\n' + more.join(QStringLiteral(" · "));
    const QString file =
        QFileInfo::exists(store->flatFile(c.id)) ? store->flatFile(c.id) : store->pictureFile(c.id);
    if (rows.size() < 60 && QFileInfo::exists(file)) {
      row.icon = QIcon(onLeaf(QImage(file)));
      row.iconKey = QFileInfo(file).lastModified().toMSecsSinceEpoch();
    }
    row.size = QSize(10, qRound(4.4 * QFontMetricsF(bodyFont()).height()));
    rows.push_back(std::move(row));
  }
  m_count->setText(cards.empty()       ? (m_search->text().isEmpty()
                                              ? tr("No card yet. A card comes here when Make is through with it.")
                                              : tr("No card says all of that."))
                   : cards.size() == 1 ? tr("1 card")
                                       : tr("%1 cards").arg(cards.size()));
  m_cards->setRows(std::move(rows));
  if (!m_cards->choose(text(m_shown)) && m_cards->count() > 0) m_cards->setCurrentRow(0);
  m_shown = m_cards->currentKey().toStdString();
  fillCard();
  drawMissing();
}

void LogPlace::fillIdeas() {
  LogStore* store = m_log.store();
  if (!store) return;
  std::vector<ChoiceRow> rows;
  for (const LogIdea& idea : store->ideas()) {
    ChoiceRow row;
    row.key = text(idea.id), row.text = text(idea.text);
    rows.push_back(std::move(row));
  }
  m_done->setEnabled(!rows.empty());
  m_ideas->setRows(std::move(rows));
}

void LogPlace::show(const std::string& id) {
  if (m_shown == id && m_title->text().size() > 0) return;
  m_shown = id;
  if (m_ofPlans) showPlans(false);
  m_shown = id;
  m_cards->choose(text(id));
  fillCard();
}

std::shared_ptr<const Plan> LogPlace::planOf(const std::string& id) {
  LogStore* store = m_log.store();
  if (!store || id.empty() || !QFileInfo::exists(store->planFile(id))) return nullptr;
  auto read = loadPlan(store->planFile(id));
  if (!read) {
    Q_EMIT troubled(tr("The card's plan cannot be read: %1").arg(text(read.error().text())));
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
    m_head->setText(headOf(seen));
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

/// Pictures of plans that have none yet, a few at a time.
void LogPlace::drawMissing() {
  LogStore* store = m_log.store();
  if (!store || m_pictures->running()) return;
  std::vector<std::pair<QString, QString>> want;  // plan, picture
  for (int row = 0; m_ofPlans && row < m_cards->count() && want.size() < 4; ++row)
    if (const QString path = m_cards->keyAt(row); !QFileInfo::exists(pictureOfPlan(path)))
      want.emplace_back(path, pictureOfPlan(path));
  for (int row = 0; !m_ofPlans && row < m_cards->count() && want.size() < 4; ++row) {
    const std::string id = m_cards->keyAt(row).toStdString();
    if (QFileInfo::exists(store->planFile(id)) && !QFileInfo::exists(store->pictureFile(id)))
      want.emplace_back(store->planFile(id), store->pictureFile(id));
  }
  if (want.empty()) return;
  m_pictures->run(
      [want, art = m_art](const Progress& progress) {
        std::vector<QImage> out;
        for (const auto& [plan, picture] : want) {
          if (progress.stopped()) break;
          QImage image(1, 1, QImage::Format_RGB32);
          image.fill(Qt::white);
          if (auto read = loadPlan(plan)) {
            const Plan& p = read.value().plan;
            const AnalysisRef a = analyse(p, nullptr, art.get());
            const PressInput in = a->press(p, art.get());
            PressTiles tiles(in, Grid(p.card.panel.box(), kPictureDpi));
            image = pictureOf(intendedCard(in, tiles));
          }
          (void)savePicture(picture, image).operator bool();
          out.push_back(image);
        }
        return out;
      },
      [this](std::vector<QImage> drawn) {
        if (!drawn.empty() && isVisible()) fillCards();
      });
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
  const QString file = QFileDialog::getOpenFileName(
      this, tr("A scan or photo of the finished card"), {},
      tr("Pictures (*.png *.jpg *.jpeg *.tif *.tiff *.bmp *.webp);;All files (*)"));
  if (!file.isEmpty()) hold(file);
}

void LogPlace::hold(const QString& file, int quarters) {
  const auto plan = planOf(m_shown);
  if (!plan) return;
  CompareAsk ask;
  ask.plan = plan, ask.file = file, ask.quarters = quarters, ask.seed = m_seed++;
  m_head->setText(tr("Looking…"));
  for (QPushButton* b : {m_hold, m_try, m_again}) b->setEnabled(false);
  m_job->run(
      [ask, art = m_art](const Progress& progress) { return comparedWith(ask, art, progress); },
      [this, id = m_shown, file, quarters](Result<Compared> found) {
        for (QPushButton* b : {m_hold, m_try, m_again}) b->setEnabled(true);
        if (!found) {
          const QString words =
              tr("Nothing was learnt from that picture: %1.").arg(text(found.error().message));
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
  (void)savePicture(store->photoFile(m_shown), c.photo).operator bool();
  if (m_log.change(m_shown, [&](LogEntry& e) { takeIn(*c.plan, c.seen, e); }))
    Q_EMIT said(
        tr("%1 Joins, minutes and masks of your next plans are reckoned with it.").arg(headOf(c.seen)));
}

}  // namespace havlo
