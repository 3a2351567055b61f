#include "app/help/glossary.h"

#include <QAbstractButton>
#include <QComboBox>
#include <QCoreApplication>
#include <QFile>
#include <QHelpEvent>
#include <QLabel>
#include <QRegularExpression>
#include <algorithm>

#include "app/common/tip.h"
#include "app/help/handbook.h"

namespace havlo {
namespace {

/// In which a word may stand with an ending of its own: "masks", "gestempelt" not.
constexpr qsizetype kEnding = 2, kLeastStem = 3;

bool isIn(const QString& name, const QStringList& words) {
  const QStringList parts = name.toLower().split(u' ', Qt::SkipEmptyParts);
  const auto fits = [](const QString& word, const QString& part) {
    return word == part ||
           (part.size() >= kLeastStem && word.startsWith(part) && word.size() <= part.size() + kEnding);
  };
  for (qsizetype k = 0; k + parts.size() <= words.size(); ++k) {
    bool all = true;
    for (qsizetype m = 0; m < parts.size() && all; ++m) all = fits(words[k + m], parts[m]);
    if (all) return true;
  }
  return false;
}

}  // namespace

Glossary::Glossary(const QString& chapter) {
  static const QRegularExpression paragraph(QStringLiteral("^((?:\\*\\*[^*]+\\*\\*(?:, )?)+)\\s?:\\s*(.+)$"),
                                            QRegularExpression::UseUnicodePropertiesOption),
      name(QStringLiteral("\\*\\*([^*]+)\\*\\*")), blank(QStringLiteral("\\n\\s*\\n")),
      space(QStringLiteral("\\s+"));
  for (QString text : chapter.split(blank, Qt::SkipEmptyParts)) {
    text = text.replace(space, QStringLiteral(" ")).trimmed();
    const auto m = paragraph.match(text);
    if (!m.hasMatch()) continue;
    Word word;
    for (auto it = name.globalMatch(m.captured(1)); it.hasNext();) word.names << it.next().captured(1);
    word.says = m.captured(2);
    m_words.push_back(std::move(word));
  }
}

namespace {
std::unique_ptr<Glossary>& theSpoken() {
  static std::unique_ptr<Glossary> one;
  return one;
}
}  // namespace

void Glossary::speak(const QString& language) {
  theSpoken() = std::make_unique<Glossary>(chapterText(QStringLiteral("12-words"), language));
}

const Glossary& Glossary::spoken() {
  if (!theSpoken()) speak(QStringLiteral("en"));
  return *theSpoken();
}

QStringList Glossary::explained(const QString& text) const {
  static const QRegularExpression apart(QStringLiteral("[^\\w\\-]+"),
                                        QRegularExpression::UseUnicodePropertiesOption);
  QString bare = text.toLower();
  bare.remove(u'&');
  const QStringList words = bare.split(apart, Qt::SkipEmptyParts);
  QStringList out;
  for (const Word& word : m_words)
    if (std::any_of(word.names.begin(), word.names.end(), [&](const QString& n) { return isIn(n, words); }))
      out << QCoreApplication::translate("Glossary", "%1: %2")
                 .arg(word.names.join(QStringLiteral(", ")), word.says);
  return out;
}

QString explanationOf(const QWidget* widget) {
  if (!widget) return {};
  QString text = widget->accessibleName();
  if (const auto* label = qobject_cast<const QLabel*>(widget)) text = label->text();
  if (const auto* button = qobject_cast<const QAbstractButton*>(widget)) text = button->text();
  if (const auto* choice = qobject_cast<const QComboBox*>(widget)) text += u' ' + choice->currentText();
  QStringList parts;
  if (!widget->toolTip().isEmpty()) parts << widget->toolTip();
  if (!widget->property(kOtherWords).toBool()) parts << Glossary::spoken().explained(text);
  return parts.join(u'\n');
}

bool GlossaryTips::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() != QEvent::ToolTip) return false;
  auto* widget = qobject_cast<QWidget*>(watched);
  if (!widget) return false;
  // Sentences are read as they are; what is explained is a name on a field, a button, a head.
  constexpr qsizetype kName = 60;
  const auto* label = qobject_cast<QLabel*>(widget);
  const auto* button = qobject_cast<QAbstractButton*>(widget);
  const bool named = (label && label->text().size() <= kName) || (button && button->text().size() <= kName);
  const QString words = named ? explanationOf(widget) : widget->toolTip();
  if (words.isEmpty()) return false;
  showTip(static_cast<QHelpEvent*>(event)->globalPos(), words, widget);
  return true;
}

}  // namespace havlo
