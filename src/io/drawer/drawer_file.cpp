// Reading zips of drawers; writing them is files/zip_writer.cpp.
#include "io/drawer/drawer_file.h"

#include <zip.h>

#include <QFile>
#include <list>
#include <set>

#include "core/plan/json_text.h"
#include "core/plan/mend_art.h"
#include "core/plan/plan_text.h"
#include "core/plan/plan_words.h"
#include "io/files/errors.h"
#include "io/files/plan_file.h"
#include "io/files/zip_writer.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr qint64 kLargestZip = qint64{512} << 20;
constexpr zip_uint64_t kLargestUnpacked = zip_uint64_t{512} << 20, kLargestEntry = zip_uint64_t{64} << 20;
constexpr zip_int64_t kMostEntries = 20000;
constexpr const char* kIndex = "drawer.json";

/// A file name made of an id: letters, digits and hyphens.
std::string fileName(const std::string& id, std::set<std::string>& taken) {
  std::string base;
  for (char c : id) base += std::isalnum(static_cast<unsigned char>(c)) || c == '-' ? c : '-';
  if (base.empty()) base = "stamp";
  std::string name = base;
  for (int n = 2; !taken.insert(name).second; ++n) name = base + "-" + std::to_string(n);
  return "stamps/" + name + ".svg";
}

Json paperOf(const DrawerPaper& p) {
  Json j = {{"key", p.key},
            {"name", p.name},
            {"colour", hexOf(p.colour)},
            {"thickness", p.thickness_mm},
            {"width", p.width_mm},
            {"height", p.height_mm},
            {"notes", p.notes}};
  if (p.sheets) j["sheets"] = *p.sheets;
  if (p.offcut) j["offcut"] = true;
  if (p.grain != Grain::Unknown) j["grain"] = grainWord(p.grain);
  return j;
}

Json goodOf(const DrawerGood& g) {
  Json j = {{"key", g.key}, {"name", g.name}, {"kind", wordOf(g.kind)}};
  if (!g.ink.empty()) j["ink"] = g.ink;
  if (g.width_mm > 0) j["width"] = g.width_mm, j["height"] = g.height_mm;
  if (g.thickness_mm > 0) j["thickness"] = g.thickness_mm;
  if (g.count) j["count"] = *g.count;
  j["left"] = wordOf(g.left), j["notes"] = g.notes;
  if (g.worked > 0) j["worked"] = g.worked;
  if (g.bears > 0) j["bears"] = g.bears;
  return j;
}

Json maskOf(const KeptMask& m) {
  return {
      {"key", m.key}, {"stamp", m.stamp}, {"usesLeft", m.usesLeft}, {"place", m.place}, {"notes", m.notes}};
}

/// The entries of a zip, read with bounds.
class Reader {
 public:
  explicit Reader(const QByteArray& bytes) : m_bytes(bytes) {
    zip_error_t error;
    zip_error_init(&error);
    zip_source_t* source =
        zip_source_buffer_create(m_bytes.constData(), static_cast<zip_uint64_t>(m_bytes.size()), 0, &error);
    m_zip = source ? zip_open_from_source(source, ZIP_RDONLY | ZIP_CHECKCONS, &error) : nullptr;
    if (!m_zip && source) zip_source_free(source);
    zip_error_fini(&error);
  }
  ~Reader() {
    if (m_zip) zip_discard(m_zip);
  }
  bool isOpen() const { return m_zip; }

  Result<std::string> entry(const std::string& name) {
    const zip_int64_t at = zip_name_locate(m_zip, name.c_str(), 0);
    if (at < 0) return badInput(tr("it has no %1").arg(QString::fromStdString(name)));
    zip_stat_t stat;
    if (zip_stat_index(m_zip, static_cast<zip_uint64_t>(at), 0, &stat) != 0) return damaged(name);
    if (stat.size > kLargestEntry || m_unpacked + stat.size > kLargestUnpacked)
      return badInput(tr("it unpacks to more than a drawer may have"), QString::fromStdString(name));
    m_unpacked += stat.size;
    zip_file_t* file = zip_fopen_index(m_zip, static_cast<zip_uint64_t>(at), 0);
    if (!file) return damaged(name);
    std::string content(stat.size, '\0');
    const zip_int64_t got = zip_fread(file, content.data(), stat.size);
    const bool whole = got == static_cast<zip_int64_t>(stat.size);
    // The checksum is compared when the end has been read.
    char more = 0;
    const bool ended = zip_fread(file, &more, 1) == 0;
    if (zip_fclose(file) != 0 || !whole || !ended) return damaged(name);
    return content;
  }
  zip_int64_t entries() const { return zip_get_num_entries(m_zip, 0); }

 private:
  QByteArray m_bytes;
  zip_t* m_zip = nullptr;
  zip_uint64_t m_unpacked = 0;

  static Error damaged(const std::string& name) {
    return badInput(tr("it is damaged"), QString::fromStdString(name));
  }
};

std::string text(const Json& j, const char* key) {
  const auto it = j.find(key);
  return it != j.end() && it->is_string() ? it->get<std::string>() : std::string();
}

double number(const Json& j, const char* key, double otherwise) {
  const auto it = j.find(key);
  return it != j.end() && it->is_number() ? it->get<double>() : otherwise;
}

Result<DrawerStamp> stampOf(const Json& j, Reader& zip, const std::string& place) {
  if (!j.is_object() || !j.contains("stamp") || !j["stamp"].is_object())
    return badInput(tr("is not a stamp"), QString::fromStdString(place));
  auto stamp = readStamp(j["stamp"].dump());
  if (!stamp)
    return Error{ErrorCode::BadInput, stamp.error().message, place + ".stamp." + stamp.error().place};
  DrawerStamp s;
  s.stamp = std::move(stamp).value();
  if (const std::string art = text(j, "art"); !art.empty()) {
    auto svg = zip.entry(art);
    if (!svg) return svg.error();
    s.stamp.art = std::move(svg).value();
    mendDecimalCommas(s.stamp.art);
  }
  DrawerCard& c = s.card;
  c.key = text(j, "key"), c.setName = text(j, "set"), c.place = text(j, "place"), c.notes = text(j, "notes");
  if (const auto tags = j.find("tags"); tags != j.end() && tags->is_array())
    for (const Json& tag : *tags)
      if (tag.is_string()) c.tags.push_back(tag.get<std::string>());
  c.mounting = mountingOf(text(j, "mounting"));
  const auto die = j.find("die");
  c.matchingDie = die != j.end() && die->is_boolean() && die->get<bool>();
  if (c.key.empty()) c.key = freshKey();
  return agreed(std::move(s));
}

}  // namespace

Result<Done> exportDrawer(const QString& path, const WholeDrawer& drawer, const Progress& progress) {
  const Error failed{ErrorCode::CannotWrite, tr("the drawer could not be packed").toStdString(), {}};
  ZipWriter zip;
  std::set<std::string> taken;
  Json stamps = Json::array(), inks = Json::array(), papers = Json::array(), masks = Json::array();
  std::vector<std::pair<std::string, std::string>> pictures;
  for (const DrawerStamp& s : drawer.stamps) {
    if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
    progress.at(static_cast<double>(stamps.size()) / static_cast<double>(drawer.stamps.size()));
    Stamp bare = s.stamp;
    bare.art.clear();
    Json j = {{"key", s.card.key},         {"set", s.card.setName},
              {"tags", s.card.tags},       {"mounting", wordOf(s.card.mounting)},
              {"die", s.card.matchingDie}, {"place", s.card.place},
              {"notes", s.card.notes}};
    if (!s.stamp.art.empty()) {
      pictures.emplace_back(fileName(s.stamp.id, taken), s.stamp.art);
      j["art"] = pictures.back().first;
    }
    j["stamp"] = Json::parse(writeStamp(bare));
    stamps.push_back(std::move(j));
  }
  for (const Ink& ink : drawer.inks) inks.push_back(Json::parse(writeInk(ink)));
  for (const DrawerPaper& p : drawer.papers) papers.push_back(paperOf(p));
  for (const KeptMask& m : drawer.masks) masks.push_back(maskOf(m));
  Json goods = Json::array(), sets = Json::array();
  for (const DrawerGood& g : drawer.goods) goods.push_back(goodOf(g));
  for (const CardSet& c : drawer.sets)
    sets.push_back({{"key", c.key}, {"name", c.name}, {"card", Json::parse(writeCard(c.card))}});
  const Json index = {{"format", "havlo-drawer"},    {"version", 1},
                      {"stamps", std::move(stamps)}, {"inks", std::move(inks)},
                      {"papers", std::move(papers)}, {"masks", std::move(masks)},
                      {"goods", std::move(goods)},   {"sets", std::move(sets)}};
  if (!zip.add(kIndex, writeJson(index))) return failed;
  for (const auto& [name, svg] : pictures)
    if (!zip.add(name, svg)) return failed;
  const auto bytes = zip.finish();
  if (!bytes) return failed;
  return saveWhole(path, *bytes);
}

Result<WholeDrawer> readDrawer(const QByteArray& bytes, const Progress& progress) {
  Reader zip(bytes);
  if (bytes.isEmpty() || !zip.isOpen()) return badInput(tr("this is no drawer file, or it is damaged"));
  if (zip.entries() > kMostEntries) return badInput(tr("it holds more files than a drawer may have"));
  auto entry = zip.entry(kIndex);
  if (!entry) return entry.error();
  auto json = readJson(entry.value());
  if (!json) return json.error();
  const Json& j = json.value();
  if (!j.is_object() || text(j, "format") != "havlo-drawer")
    return badInput(tr("this is no drawer file"), "format");
  if (number(j, "version", 0) > 1) return badInput(tr("this drawer was made by a newer Havlo"), "version");
  WholeDrawer out;
  const auto list = [&](const char* key) {
    return j.contains(key) && j[key].is_array() ? j[key] : Json::array();
  };
  const Json stamps = list("stamps");
  for (size_t i = 0; i < stamps.size(); ++i) {
    if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
    progress.at(static_cast<double>(i) / static_cast<double>(stamps.size()));
    auto s = stampOf(stamps[i], zip, "stamps[" + std::to_string(i) + "]");
    if (!s) return s.error();
    out.stamps.push_back(std::move(s).value());
  }
  const Json inks = list("inks");
  for (size_t i = 0; i < inks.size(); ++i) {
    auto ink = readInk(inks[i].dump());
    if (!ink)
      return Error{ErrorCode::BadInput, ink.error().message,
                   "inks[" + std::to_string(i) + "]." + ink.error().place};
    out.inks.push_back(std::move(ink).value());
  }
  for (const Json& p : list("papers")) {
    if (!p.is_object()) return badInput(tr("is not a paper"), "papers");
    DrawerPaper paper;
    paper.key = text(p, "key").empty() ? freshKey() : text(p, "key");
    paper.name = text(p, "name"), paper.notes = text(p, "notes");
    const unsigned rgb = QString::fromStdString(text(p, "colour")).mid(1).toUInt(nullptr, 16);
    paper.colour = {static_cast<unsigned char>(rgb >> 16), static_cast<unsigned char>(rgb >> 8),
                    static_cast<unsigned char>(rgb)};
    paper.thickness_mm = std::clamp(number(p, "thickness", 0.3), 0.0, 20.0);
    paper.width_mm = std::clamp(number(p, "width", 0), 0.0, 5000.0),
    paper.height_mm = std::clamp(number(p, "height", 0), 0.0, 5000.0);
    if (p.contains("sheets"))
      paper.sheets = static_cast<int>(std::clamp(number(p, "sheets", 0), 0.0, 100000.0));
    paper.offcut = p.contains("offcut") && p["offcut"].is_boolean() && p["offcut"].get<bool>();
    paper.grain = grainOf(text(p, "grain"));
    out.papers.push_back(std::move(paper));
  }
  for (const Json& g : list("goods")) {
    if (!g.is_object()) return badInput(tr("is not a thing of the stock"), "goods");
    DrawerGood good;
    good.key = text(g, "key").empty() ? freshKey() : text(g, "key");
    good.name = text(g, "name"), good.kind = goodKindOf(text(g, "kind")), good.ink = text(g, "ink");
    good.width_mm = std::clamp(number(g, "width", 0), 0.0, 5000.0);
    good.height_mm = std::clamp(number(g, "height", 0), 0.0, 5000.0);
    good.thickness_mm = std::clamp(number(g, "thickness", 0), 0.0, 100.0);
    if (g.contains("count")) good.count = static_cast<int>(std::clamp(number(g, "count", 0), 0.0, 1e6));
    good.left = leftOf(text(g, "left")), good.notes = text(g, "notes");
    good.worked = std::clamp(number(g, "worked", 0), 0.0, kMostWorked);
    good.bears = std::clamp(number(g, "bears", 0), 0.0, kMostWorked);
    out.goods.push_back(std::move(good));
  }
  for (const Json& s : list("sets")) {
    const bool whole = s.is_object() && s.contains("card");
    auto card =
        whole ? readCard(s["card"].dump()) : Result<Card>(badInput(tr("is not a set of sizes"), "sets"));
    if (!card) return card.error();
    out.sets.push_back(
        {text(s, "key").empty() ? freshKey() : text(s, "key"), text(s, "name"), std::move(card).value()});
  }
  std::set<std::string> keys;
  for (const DrawerStamp& s : out.stamps) keys.insert(s.card.key);
  for (const Json& m : list("masks")) {
    if (!m.is_object()) return badInput(tr("is not a mask"), "masks");
    KeptMask mask{text(m, "key"), text(m, "stamp"),
                  static_cast<int>(std::clamp(number(m, "usesLeft", 0), 0.0, 1e6)), text(m, "place"),
                  text(m, "notes")};
    if (mask.key.empty()) mask.key = freshKey();
    if (!keys.contains(mask.stamp)) return badInput(tr("a mask of a stamp that is not there"), "masks");
    out.masks.push_back(std::move(mask));
  }
  return out;
}

Result<WholeDrawer> importDrawer(const QString& path, const Progress& progress) {
  QFile file(path);
  if (!file.open(QIODevice::ReadOnly))
    return Error{
        ErrorCode::CannotRead, tr("cannot open %1: %2").arg(path, file.errorString()).toStdString(), {}};
  if (file.size() > kLargestZip) return badInput(tr("the file is larger than 512 MB"));
  return readDrawer(file.readAll(), progress);
}

}  // namespace havlo
