#include "io/log/practice_lines.h"

#include <QFile>
#include <QJsonDocument>
#include <QJsonObject>
#include <algorithm>

#include "io/files/journal.h"

namespace havlo {

Result<Done> appendPractised(const QString& file, const Practised& p) {
  const QJsonObject line{{QStringLiteral("drill"), QString::fromStdString(std::string(wordOf(p.what)))},
                         {QStringLiteral("level"), p.level},
                         {QStringLiteral("points"), p.points},
                         {QStringLiteral("at"), p.at_s},
                         {QStringLiteral("hands"), QString::fromStdString(p.hands)}};
  return appendLine(file, QJsonDocument(line).toJson(QJsonDocument::Compact));
}

namespace {

/// @param hands  "*": of everybody
std::vector<Practised> linesOf(const QString& path, const std::string& hands) {
  std::vector<Practised> out;
  QFile file(path);
  if (!file.open(QIODevice::ReadOnly)) return out;
  while (!file.atEnd()) {
    const QJsonObject line = QJsonDocument::fromJson(file.readLine().trimmed()).object();
    const auto what = drillOf(line[QStringLiteral("drill")].toString().toStdString());
    Practised p;
    p.hands = line[QStringLiteral("hands")].toString().toStdString();
    if (!what || (hands != "*" && p.hands != hands)) continue;
    p.what = *what;
    p.level = std::clamp(line[QStringLiteral("level")].toInt(1), 1, kTopLevel);
    p.points = std::clamp(line[QStringLiteral("points")].toDouble(), 0.0, 1.0);
    p.at_s = line[QStringLiteral("at")].toDouble();
    out.push_back(std::move(p));
  }
  return out;
}

}  // namespace

std::vector<Practised> readPractised(const QString& path, const std::string& hands) {
  std::vector<Practised> out = linesOf(path, hands);
  std::stable_sort(out.begin(), out.end(),
                   [](const Practised& a, const Practised& b) { return a.at_s < b.at_s; });
  return out;
}

Result<Done> mergePractised(const QString& mine, const QString& others) {
  std::vector<Practised> known = linesOf(mine, "*");
  for (Practised& p : linesOf(others, "*")) {
    if (std::find(known.begin(), known.end(), p) != known.end()) continue;
    if (auto done = appendPractised(mine, p); !done) return done;
    known.push_back(std::move(p));
  }
  return Done{};
}

}  // namespace havlo
