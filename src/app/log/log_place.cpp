#include "app/log/log_place.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QUuid>
#include <utility>

#include "app/common/choice_list.h"
#include "app/common/column_width.h"
#include "app/common/drawings.h"
#include "app/common/flow_row.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/picture_box.h"
#include "app/common/rolled.h"
#include "app/common/sheet_frame.h"
#include "app/common/side_panels.h"
#include "app/log/learnt_page.h"
#include "app/log/log_words.h"
#include "app/log/time_line.h"
#include "io/art/svg_art.h"

namespace havlo {

LogPlace::LogPlace(PlanSession& session, LogSession& log, std::shared_ptr<SvgArt> art, QWidget* parent)
    : Place(parent),
      m_session(session),
      m_log(log),
      m_art(std::move(art)),
      m_job(new Job<Result<Compared>>(this)),
      m_pictures(new Job<int>(this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(16, 10, 16, 10);
  row->setSpacing(10);
  QWidget* list = buildList();
  auto* panels = new SidePanels(buildCard(), tr("The card"), 380);
  panels->add(list, tr("Cards you made"), SidePanels::Side::Before);
  panels->add(buildSide(), tr("What was learnt"), SidePanels::Side::After);
  row->addWidget(panels);
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
  holdWidth(left, qRound(284 * (1 + (textScale() - 1) * 0.5)));
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
  m_cards->setUniformItemSizes(true);  // or thousands are measured one by one
  m_cards->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  m_timeLine = new TimeLine(m_cards);
  auto* onLine = new QHBoxLayout;
  onLine->setSpacing(2);
  onLine->addWidget(m_timeLine);
  onLine->addWidget(m_cards, 1);
  left->box()->addLayout(onLine, 1);
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
  m_open = drawnButton("act-open", tr("Open this plan"));
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

QLayout* LogPlace::buildActs() {
  auto* acts = new FlowRow;
  m_hold = drawnButton("act-compare", tr("Hold a picture against it…"));
  m_hold->setObjectName(QStringLiteral("hold"));
  m_try = plainButton(tr("Try with a made-up picture"));
  m_try->setObjectName(QStringLiteral("try"));
  m_try->setToolTip(tr("The stand-in makes this card with hands that err a little, and takes its picture."));
  m_again = plainButton(tr("Make it again"));
  m_again->setObjectName(QStringLiteral("again"));
  m_remove = plainButton(tr("Take it out of the log"));
  m_remove->setObjectName(QStringLiteral("remove"));
  for (QPushButton* b : {m_hold, m_try, m_again, m_remove}) acts->addWidget(b);
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
  holdWidth(right, qRound(284 * (1 + (textScale() - 1) * 0.5)));
  right->box()->addWidget(inkLabel(tr("What Havlo has learnt"), headingFont(), theme().ink));
  m_learnt = new LearntPage(m_log);
  connect(m_learnt, &LearntPage::inkLearnt, this, &LogPlace::inkLearnt);
  right->box()->addWidget(m_learnt, 5);
  right->box()->addWidget(inkLabel(tr("Ideas"), headingFont(), theme().ink));
  m_idea = new QLineEdit;
  m_idea->setObjectName(QStringLiteral("idea"));
  m_idea->setPlaceholderText(tr("A card to make one day …"));
  m_idea->setAccessibleName(tr("A new idea"));
  m_idea->setToolTip(tr("Return keeps it"));
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

void LogPlace::fillIdeas() {
  LogStore* store = m_log.store();
  if (!store) return;
  std::vector<ChoiceRow> rows;
  for (const LogIdea& idea : store->ideas()) {
    ChoiceRow row;
    row.key = text(idea.id), row.text = text(idea.text);
    rows.push_back(std::move(row));
  }
  // While there are none what was learnt has the room.
  if (rows.empty() && (m_done->hasFocus() || m_ideas->hasFocus())) m_idea->setFocus();
  m_done->setVisible(!rows.empty());
  m_ideas->setVisible(!rows.empty());
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

}  // namespace havlo
