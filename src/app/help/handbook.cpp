#include "app/help/handbook.h"

#include <QAction>
#include <QBoxLayout>
#include <QDir>
#include <QFile>
#include <QHash>
#include <QLineEdit>
#include <QTextBlock>
#include <QTextBrowser>
#include <QTextCursor>
#include <QTextDocument>
#include <algorithm>

#include "app/actions/action_table.h"
#include "app/common/choice_list.h"
#include "app/theme/theme.h"

namespace havlo {
namespace {

/// Which chapter tells of which place.
QString chapterOf(const QString& place) {
  static const QHash<QString, QString> of{{QStringLiteral("begin"), QStringLiteral("01-first-card")},
                                          {QStringLiteral("card"), QStringLiteral("10-papers")},
                                          {QStringLiteral("drawer"), QStringLiteral("02-own-stamps")},
                                          {QStringLiteral("scene"), QStringLiteral("03-right-size")},
                                          {QStringLiteral("order"), QStringLiteral("04-in-front")},
                                          {QStringLiteral("ink"), QStringLiteral("05-ink")},
                                          {QStringLiteral("colour"), QStringLiteral("07-colour")},
                                          {QStringLiteral("make"), QStringLiteral("08-make")},
                                          {QStringLiteral("log"), QStringLiteral("09-log")}};
  return of.value(place, QStringLiteral("01-first-card"));
}

bool holds(const QString& text, const QStringList& words) {
  return std::all_of(words.begin(), words.end(),
                     [&](const QString& w) { return text.contains(w, Qt::CaseInsensitive); });
}

}  // namespace

QString chapterText(const QString& id, const QString& language) {
  const QString spoken = QStringLiteral(":/handbook/%1/%2.md").arg(language, id);
  QFile file(QFile::exists(spoken) ? spoken : QStringLiteral(":/handbook/%1.md").arg(id));
  return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
}

QString keysPage(const ActionTable& actions) {
  QString out = QStringLiteral("# ") + Handbook::tr("Keys") + QStringLiteral("\n\n");
  const std::pair<const char*, QString> menus[] = {
      {"plan", Handbook::tr("Plan")}, {"change", Handbook::tr("Change")},   {"thing", Handbook::tr("Thing")},
      {"look", Handbook::tr("Look")}, {"lessons", Handbook::tr("Lessons")}, {"help", Handbook::tr("Help")}};
  for (const auto& [id, title] : menus) {
    QString rows;
    for (const QAction* action : actions.of(QLatin1String(id))) {
      if (!action || action->shortcuts().isEmpty()) continue;
      QStringList keys;
      for (const QKeySequence& k : action->shortcuts()) keys << k.toString(QKeySequence::NativeText);
      rows += QStringLiteral("- **%1**: %2\n")
                  .arg(keys.join(QStringLiteral(", ")), QString(action->text()).remove(u'&'));
    }
    if (!rows.isEmpty()) out += QStringLiteral("## %1\n\n%2\n").arg(title, rows);
  }
  return out +
         Handbook::tr(
             "## On the card\n\n"
             "- **Arrow keys**: nudge the chosen thing; with Shift finer\n"
             "- **Comma, full stop**: turn it\n"
             "- **Page Down**, **Page Up**: the next thing; **K** keeps the present one chosen meanwhile\n"
             "- **Shift and click**: one more, or one less, of what is chosen\n"
             "- **Ctrl and drag**: a copy, to another spot or another window\n"
             "- **Alt and click**: the thing behind; **Alt and drag**: no line catches it\n"
             "- **L, B**: type the measure from the left, from the bottom\n"
             "- **Z**: the loupe\n"
             "- **Ctrl and wheel**: closer and farther; **Space and drag**, **Ctrl and arrow keys**: "
             "along the card\n"
             "- **Escape**: nothing is chosen\n\n"
             "## At the table\n\n"
             "- **Space**: the step is done\n"
             "- **Backspace**: one step back\n"
             "- **W**: it went wrong\n");
}

Handbook::Handbook(const ActionTable& actions, const QString& language, QWidget* parent) : QDialog(parent) {
  setObjectName(QStringLiteral("handbook"));
  setWindowTitle(tr("Handbook"));
  setAttribute(Qt::WA_DeleteOnClose);
  resize(qRound(900 * textScale()), qRound(660 * textScale()));
  const QDir folder(QStringLiteral(":/handbook"));
  for (const QString& name : folder.entryList({QStringLiteral("*.md")}, QDir::Files, QDir::Name)) {
    const QString text = chapterText(QString(name).chopped(3), language);
    if (text.isEmpty()) continue;
    m_chapters.push_back({QString(name).chopped(3), text.section(u'\n', 0, 0).mid(2), text});
  }
  m_chapters.push_back({QStringLiteral("keys"), tr("Keys"), keysPage(actions)});
  auto* row = new QHBoxLayout(this);
  auto* left = new QVBoxLayout;
  m_search = new QLineEdit;
  m_search->setObjectName(QStringLiteral("search"));
  m_search->setPlaceholderText(tr("Find: mask, horizon, pale …"));
  m_search->setAccessibleName(tr("Find in the handbook"));
  m_search->setClearButtonEnabled(true);
  left->addWidget(m_search);
  m_list = new ChoiceList;
  m_list->setObjectName(QStringLiteral("chapters"));
  m_list->setAccessibleName(tr("Chapters"));
  m_list->setWordWrap(true);
  m_list->setFixedWidth(qRound(230 * textScale()));
  left->addWidget(m_list, 1);
  row->addLayout(left);
  m_page = new QTextBrowser;
  m_page->setObjectName(QStringLiteral("page"));
  m_page->setAccessibleName(tr("The chapter"));
  m_page->setFont(sizedFont(15));
  m_page->setOpenLinks(false);
  row->addWidget(m_page, 1);
  connect(m_search, &QLineEdit::textChanged, this, &Handbook::find);
  connect(m_list, &ChoiceList::currentRowChanged, this, [this](int at) {
    if (at >= 0) showChapter(m_list->keyAt(at));
  });
  find({});
}

QString Handbook::shown() const { return m_list->currentKey(); }

void Handbook::find(const QString& text) {
  const QStringList words = text.simplified().split(u' ', Qt::SkipEmptyParts);
  std::vector<ChoiceRow> rows;
  for (const Chapter& c : m_chapters)
    if (holds(c.text, words)) {
      ChoiceRow row;
      row.key = c.id, row.text = c.title;
      rows.push_back(std::move(row));
    }
  m_list->setRows(std::move(rows));
  if (m_list->count() == 0) return m_page->setMarkdown(tr("No chapter has all of these words."));
  showChapter(m_list->currentKey());
  show();
  raise();
  activateWindow();
}

void Handbook::openFor(const QString& place) {
  m_search->clear();
  m_list->choose(chapterOf(place));
  showChapter(m_list->currentKey());
}

void Handbook::showChapter(const QString& id) {
  for (const Chapter& c : m_chapters)
    if (c.id == id) m_page->setMarkdown(c.text);
  // Room between paragraphs, and pictures as wide as the page.
  m_page->document()->setDocumentMargin(14);
  for (QTextBlock block = m_page->document()->begin(); block.isValid(); block = block.next()) {
    QTextCursor at(block);
    QTextBlockFormat format = block.blockFormat();
    format.setTopMargin(format.headingLevel() > 1 ? 12 : 0);
    format.setBottomMargin(8);
    at.setBlockFormat(format);
  }
  const double wide = std::max(200, m_page->viewport()->width() - 40);
  for (QTextBlock block = m_page->document()->begin(); block.isValid(); block = block.next())
    for (auto it = block.begin(); !it.atEnd(); ++it) {
      const QTextImageFormat image = it.fragment().charFormat().toImageFormat();
      if (!image.isValid()) continue;
      const QImage picture(image.name());
      if (picture.isNull()) continue;
      QTextImageFormat sized = image;
      sized.setWidth(std::min<double>(wide, picture.width()));
      sized.setHeight(sized.width() * picture.height() / picture.width());
      QTextCursor cursor(m_page->document());
      cursor.setPosition(it.fragment().position());
      cursor.setPosition(it.fragment().position() + it.fragment().length(), QTextCursor::KeepAnchor);
      cursor.setCharFormat(sized);
      break;
    }
  mark(m_search->text());
}

void Handbook::mark(const QString& text) {
  QList<QTextEdit::ExtraSelection> all;
  for (const QString& word : text.simplified().split(u' ', Qt::SkipEmptyParts))
    for (QTextCursor at = m_page->document()->find(word); !at.isNull();
         at = m_page->document()->find(word, at)) {
      QTextEdit::ExtraSelection one;
      one.cursor = at;
      one.format.setBackground(theme().greenVeil);
      all << one;
    }
  m_page->setExtraSelections(all);
}

}  // namespace havlo
