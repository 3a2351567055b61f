#include "io/log/log_lines.h"

#include <QDateTime>
#include <QFile>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QTimeZone>
#include <map>

#include "core/base/parallel.h"
#include "io/files/journal.h"

namespace havlo {
namespace {

QString text(const std::string& s) { return QString::fromStdString(s); }

/// Reads or writes the same members by the same names, so that neither knows one that the other does not.
class Reading {
 public:
  explicit Reading(const QJsonObject& o) : m_o(o) {}
  void operator()(const char* key, std::string& v) { v = at(key).toString().toStdString(); }
  void operator()(const char* key, double& v) { v = at(key).toDouble(v); }
  void operator()(const char* key, int& v) { v = at(key).toInt(v); }
  void operator()(const char* key, bool& v) { v = at(key).toBool(v); }
  void operator()(const char* key, Point& v) {
    const QJsonValue there = at(key);
    const QJsonArray a = there.toArray();
    // Older logs have one number for both directions.
    v = there.isDouble() ? Point{there.toDouble(), there.toDouble()}
                         : Point{a.at(0).toDouble(), a.at(1).toDouble()};
  }
  void operator()(const char* key, Colour& v) {
    const QJsonArray a = at(key).toArray();
    const auto level = [&](int k) { return static_cast<unsigned char>(std::clamp(a.at(k).toInt(), 0, 255)); };
    if (a.size() == 3) v = {level(0), level(1), level(2)};
  }
  void operator()(const char* key, std::vector<std::string>& v) {
    for (const auto& e : at(key).toArray()) v.push_back(e.toString().toStdString());
  }
  template <typename T>
  void operator()(const char* key, std::vector<T>& v) {
    for (const auto& e : at(key).toArray()) {
      Reading one(e.toObject());
      members(one, v.emplace_back());
    }
  }

 private:
  QJsonObject m_o;
  QJsonValue at(const char* key) const { return m_o[QLatin1String(key)]; }
};

class Writing {
 public:
  void operator()(const char* key, const std::string& v) { put(key, text(v), v.empty()); }
  void operator()(const char* key, double v) { put(key, v, false); }
  void operator()(const char* key, int v) { put(key, v, false); }
  void operator()(const char* key, bool v) { put(key, v, false); }
  void operator()(const char* key, const Point& v) { put(key, QJsonArray{v.x, v.y}, false); }
  void operator()(const char* key, const Colour& v) { put(key, QJsonArray{v.red, v.green, v.blue}, false); }
  void operator()(const char* key, std::vector<std::string>& v) {
    QJsonArray a;
    for (const std::string& s : v) a.append(text(s));
    put(key, a, v.empty());
  }
  template <typename T>
  void operator()(const char* key, std::vector<T>& v) {
    QJsonArray a;
    for (T& e : v) {
      Writing one;
      members(one, e);
      a.append(one.object());
    }
    put(key, a, v.empty());
  }
  const QJsonObject& object() const { return m_o; }

 private:
  QJsonObject m_o;
  void put(const char* key, const QJsonValue& v, bool nothing) {
    if (!nothing) m_o.insert(QLatin1String(key), v);
  }
};

template <typename V>
void members(V& v, LogEntry::Spent& s) {
  v("do", s.what), v("impression", s.impression), v("stamp", s.stamp), v("planned", s.planned_min),
      v("spent", s.spent_min), v("usual", s.usual_min);
}
template <typename V>
void members(V& v, LogEntry::MaskUse& m) {
  v("stamp", m.stamp), v("cut", m.cut), v("kept", m.kept), v("uses", m.uses);
}
template <typename V>
void members(V& v, LogEntry::Wrong& m) {
  v("what", m.what), v("impression", m.impression), v("note", m.note);
}
template <typename V>
void members(V& v, LogEntry::Worn& w) {
  v("stamp", w.stamp), v("layings", w.layings), v("worn", w.worn), v("paper", w.paper);
}
template <typename V>
void members(V& v, LogEntry::Dried& d) {
  v("ink", d.ink), v("waited", d.waited_s), v("said", d.said_s), v("smudged", d.smudged), v("paper", d.paper);
}
template <typename V>
void members(V& v, LogEntry::Print& p) {
  v("impression", p.impression), v("stamp", p.stamp), v("ink", p.ink), v("state", p.state),
      v("size", p.size_mm), v("by", p.by), v("turn", p.turn_deg), v("bySd", p.bySd_mm),
      v("turnSd", p.turnSd_deg), v("pressing", p.pressing), v("strength", p.strength), v("said", p.said),
      v("colour", p.colour), v("difference", p.difference);
}
template <typename V>
void members(V& v, LogEntry::Paper& p) {
  v("front", p.front), v("by", p.by), v("turn", p.turn_deg), v("grow", p.grow_mm), v("bySd", p.bySd),
      v("turnSd", p.turnSd_deg), v("growSd", p.growSd_mm), v("footMark", p.footMark);
}
template <typename V>
void members(V& v, LogEntry::Join& j) {
  v("front", j.front), v("back", j.back), v("gap", j.gap_mm), v("runIn", j.runIn_mm);
}
template <typename V>
void members(V& v, LogEntry::Used& u) {
  v("what", u.what), v("name", u.name), v("amount", u.amount);
}
template <typename V>
void members(V& v, LogEntry& e) {
  v("id", e.id), v("title", e.title), v("for", e.madeFor), v("hands", e.hands), v("occasion", e.occasion),
      v("sentTo", e.sentTo), v("shows", e.shows), v("inks", e.inks), v("begun", e.begun_s),
      v("ended", e.ended_s), v("planned", e.planned_min), v("spent", e.spent_min), v("copies", e.copies),
      v("positioner", e.positioner), v("steps", e.steps), v("masks", e.masks), v("used", e.used),
      v("mishaps", e.mishaps), v("notes", e.notes), v("worn", e.worn), v("dried", e.dried),
      v("prints", e.prints), v("papers", e.papers), v("joins", e.joins);
}

QByteArray cell(const QString& s) {
  QString quoted = s;
  quoted.replace(u'"', QStringLiteral("\"\""));
  return '"' + quoted.toUtf8() + '"';
}

QByteArray dayOf(double s) {
  return s > 0 ? QDateTime::fromMSecsSinceEpoch(static_cast<qint64>(s * 1000), Qt::UTC)
                     .toString(Qt::ISODate)
                     .toUtf8()
               : QByteArray();
}

}  // namespace

QByteArray lineOf(const LogEntry& entry) {
  LogEntry e = entry;
  Writing w;
  members(w, e);
  return QJsonDocument(w.object()).toJson(QJsonDocument::Compact);
}

std::optional<LogEntry> entryOf(const QByteArray& line) {
  const QJsonObject o = QJsonDocument::fromJson(line).object();
  if (o[QStringLiteral("id")].toString().isEmpty()) return {};
  LogEntry e;
  Reading r(o);
  members(r, e);
  return e;
}

Result<Done> appendLog(const QString& path, const LogEntry& entry) {
  const QByteArray line = lineOf(entry);
  QByteArray last;
  const QByteArray mine =
      "\"id\":" + QJsonDocument(QJsonArray{text(entry.id)}).toJson(QJsonDocument::Compact).mid(1).chopped(1);
  if (QFile file(path); file.open(QIODevice::ReadOnly))
    while (!file.atEnd())
      if (const QByteArray l = file.readLine().trimmed(); l.contains(mine)) last = l;
  return last == line ? Result<Done>(Done{}) : appendLine(path, line);
}

Result<Done> eachLogLine(const QString& path,
                         const std::function<Result<Done>(LogEntry, const QByteArray&)>& take,
                         int* passedOver) {
  constexpr size_t kAtOnce = 64;
  int bad = 0;
  Result<Done> done = Done{};
  QFile file(path);
  if (file.open(QIODevice::ReadOnly))
    while (done && !file.atEnd()) {
      std::vector<QByteArray> lines;
      while (lines.size() < kAtOnce && !file.atEnd())
        if (QByteArray line = file.readLine().trimmed(); !line.isEmpty()) lines.push_back(std::move(line));
      std::vector<std::optional<LogEntry>> entries(lines.size());
      forEachIndex(lines.size(), kAtOnce / 2, [&](size_t k) { entries[k] = entryOf(lines[k]); });
      for (size_t k = 0; k < lines.size() && done; ++k) {
        bad += !entries[k];
        if (entries[k]) done = take(std::move(*entries[k]), lines[k]);
      }
    }
  if (passedOver) *passedOver = bad;
  return done;
}

std::vector<LogEntry> readLog(const QString& path, int* passedOver) {
  std::vector<LogEntry> out;
  std::map<std::string, size_t> at;
  const auto all = eachLogLine(
      path,
      [&](LogEntry entry, const QByteArray&) -> Result<Done> {
        const auto [known, fresh] = at.emplace(entry.id, out.size());
        if (fresh) {
          out.push_back(std::move(entry));
        } else {
          out[known->second] = std::move(entry);
        }
        return Done{};
      },
      passedOver);
  if (!all) out.clear();  // nothing here refuses a card
  return out;
}

QByteArray logCsv(const std::vector<LogEntry>& entries) {
  QByteArray out =
      "id,title,for,occasion,sent to,hands,begun,ended,planned minutes,spent "
      "minutes,copies,stamps,inks,mishaps,"
      "compared,mean miss mm\r\n";
  const auto list = [](const std::vector<std::string>& words) {
    QStringList l;
    for (const std::string& w : words) l << text(w);
    return cell(l.join(QStringLiteral("; ")));
  };
  for (const LogEntry& e : entries) {
    double miss = 0;
    for (const LogEntry::Print& p : e.prints) miss += length(p.by) / static_cast<double>(e.prints.size());
    for (const std::string& s : {e.id, e.title, e.madeFor, e.occasion, e.sentTo, e.hands})
      out += cell(text(s)) + ',';
    out += dayOf(e.begun_s) + ',' + dayOf(e.ended_s) + ',' + QByteArray::number(e.planned_min, 'f', 1) + ',' +
           QByteArray::number(e.spent_min, 'f', 1) + ',' + QByteArray::number(e.copies) + ',' +
           list(e.shows) + ',' + list(e.inks) + ',' + QByteArray::number(static_cast<int>(e.mishaps.size())) +
           ',' + (e.compared() ? "yes" : "no") + ',' +
           (e.compared() ? QByteArray::number(miss, 'f', 2) : QByteArray()) + "\r\n";
  }
  return out;
}

}  // namespace havlo
