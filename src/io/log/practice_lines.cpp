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

std::vector<Practised> readPractised(const QString& path, const std::string& hands) {
  std::vector<Practised> out;
  QFile file(path);
  if (!file.open(QIODevice::ReadOnly)) return out;
  while (!file.atEnd()) {
    const QJsonObject line = QJsonDocument::fromJson(file.readLine().trimmed()).object();
    const auto what = drillOf(line[QStringLiteral("drill")].toString().toStdString());
    Practised p;
    p.hands = line[QStringLiteral("hands")].toString().toStdString();
    if (!what || p.hands != hands) continue;
    p.what = *what;
    p.level = std::clamp(line[QStringLiteral("level")].toInt(1), 1, kTopLevel);
    p.points = std::clamp(line[QStringLiteral("points")].toDouble(), 0.0, 1.0);
    p.at_s = line[QStringLiteral("at")].toDouble();
    out.push_back(std::move(p));
  }
  return out;
}

}  // namespace havlo
