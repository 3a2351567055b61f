#include "io/files/zip_writer.h"

#include <zip.h>

namespace havlo {

ZipWriter::ZipWriter() {
  zip_error_t error;
  zip_error_init(&error);
  m_source = zip_source_buffer_create(nullptr, 0, 0, &error);
  m_zip = zip_open_from_source(m_source, ZIP_TRUNCATE, &error);
  zip_source_keep(m_source);
  zip_error_fini(&error);
}

ZipWriter::~ZipWriter() {
  if (m_zip) zip_discard(m_zip);
  if (m_source) zip_source_free(m_source);
}

bool ZipWriter::add(const std::string& name, const std::string& content, bool deflated) {
  m_kept.push_back(content);
  zip_source_t* source = zip_source_buffer(m_zip, m_kept.back().data(), m_kept.back().size(), 0);
  if (!source) return false;
  const zip_int64_t at = zip_file_add(m_zip, name.c_str(), source, ZIP_FL_ENC_UTF_8);
  if (at < 0) {
    zip_source_free(source);
    return false;
  }
  if (!deflated && zip_set_file_compression(m_zip, static_cast<zip_uint64_t>(at), ZIP_CM_STORE, 0) != 0)
    return false;
  zip_file_set_mtime(m_zip, static_cast<zip_uint64_t>(at), 946684800, 0);  // a fixed date
  return true;
}

std::optional<QByteArray> ZipWriter::finish() {
  if (zip_close(m_zip) != 0) return {};
  m_zip = nullptr;
  zip_stat_t stat;
  if (zip_source_stat(m_source, &stat) != 0 || zip_source_open(m_source) != 0) return {};
  QByteArray bytes(static_cast<qsizetype>(stat.size), Qt::Uninitialized);
  const zip_int64_t got = zip_source_read(m_source, bytes.data(), stat.size);
  zip_source_close(m_source);
  if (got != static_cast<zip_int64_t>(stat.size)) return {};
  return bytes;
}

}  // namespace havlo
