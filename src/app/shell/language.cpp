#include "app/shell/language.h"

#include <QCoreApplication>
#include <QFile>
#include <QLibraryInfo>
#include <QLocale>
#include <QPointer>
#include <QSettings>
#include <QTranslator>
#include <algorithm>

#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr Language kLanguages[] = {
    {"en", "English"}, {"de", "Deutsch"}, {"fr", "Français"}, {"nl", "Nederlands"}};

QString fileOf(const QString& code) { return QStringLiteral(":/i18n/havlo_%1.qm").arg(code); }

/// The file has one context: a word of the trade is the same word everywhere.
class Words : public QTranslator {
 public:
  using QTranslator::QTranslator;
  bool isEmpty() const override { return false; }
  QString translate(const char*, const char* text, const char* note, int n) const override {
    QString said = QTranslator::translate("Havlo", text, note, n);
    // Numbers that come into a sentence are written as in its language.
    for (qsizetype at = said.indexOf(u'%'); at >= 0 && at + 1 < said.size(); at = said.indexOf(u'%', at + 1))
      if (said[at + 1].isDigit()) said.insert(at + 1, u'L');
    return said;
  }
};

QString& spoken() {
  static QString code = QStringLiteral("en");
  return code;
}

}  // namespace

const std::vector<Language>& languages() {
  static const std::vector<Language> there = [] {
    std::vector<Language> out;
    for (const Language& l : kLanguages)
      if (out.empty() || QFile::exists(fileOf(QLatin1String(l.code)))) out.push_back(l);
    return out;
  }();
  return there;
}

QString languageWanted() {
  const QString chosen = QSettings().value(QStringLiteral("language")).toString();
  const QString wanted = chosen.isEmpty() ? QLocale::system().name().left(2) : chosen;
  const bool known = std::any_of(languages().begin(), languages().end(),
                                 [&](const Language& l) { return wanted == QLatin1String(l.code); });
  return known ? wanted : QStringLiteral("en");
}

void speak(QCoreApplication& app, const QString& code) {
  static QPointer<QTranslator> words, usual;
  delete words;
  delete usual;
  spoken() = code;
  // Numbers and dates as in the language that is spoken; of the system's own variety where it is that.
  const QLocale system = QLocale::system(), chosen{code};
  QLocale locale = system.language() == chosen.language() ? system : chosen;
  locale.setNumberOptions(QLocale::OmitGroupSeparator);
  QLocale::setDefault(locale);
  decimalSign() = code == QLatin1String("en") ? QChar(u'.') : locale.decimalPoint().at(0);
  if (code == QLatin1String("en")) return;
  // Qt's own buttons, where the system has them.
  usual = new QTranslator(&app);
  if (usual->load(QStringLiteral("qtbase_") + code, QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
    app.installTranslator(usual);
  words = new Words(&app);
  if (words->load(fileOf(code))) app.installTranslator(words);
}

QString spokenLanguage() { return spoken(); }

}  // namespace havlo
