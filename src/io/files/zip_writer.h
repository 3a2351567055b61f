// A zip made in memory. libzip is known to zip_writer.cpp and drawer/drawer_file.cpp alone.
#pragma once

#include <QByteArray>
#include <list>
#include <optional>
#include <string>

struct zip;
struct zip_source;

namespace havlo {

class ZipWriter {
 public:
  ZipWriter();
  ~ZipWriter();
  ZipWriter(const ZipWriter&) = delete;
  ZipWriter& operator=(const ZipWriter&) = delete;
  /// @param name  path in the zip, with forward slashes
  /// @param deflated  false keeps the content as it is, where time counts for more than room
  bool add(const std::string& name, const std::string& content, bool deflated = true);
  /// The bytes of the zip; nothing if it could not be made. Equal contents give equal bytes.
  std::optional<QByteArray> finish();

 private:
  zip_source* m_source = nullptr;
  zip* m_zip = nullptr;
  std::list<std::string> m_kept;  // libzip reads when the archive is closed
};

}  // namespace havlo
