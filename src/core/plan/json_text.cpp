// JSON text through nlohmann-json's event reader, so that depth, doubled keys and places are under our
// control.
#include "core/plan/json_text.h"

#include <algorithm>
#include <unordered_set>

namespace havlo {
namespace {

constexpr size_t kDeepest = 100;

class Builder : public nlohmann::json_sax<Json> {
 public:
  Json root;
  Error error;

  bool null() override { return put(nullptr); }
  bool boolean(bool v) override { return put(v); }
  bool number_integer(number_integer_t v) override { return put(v); }
  bool number_unsigned(number_unsigned_t v) override { return put(v); }
  bool number_float(number_float_t v, const string_t&) override { return put(v); }
  bool string(string_t& v) override { return put(std::move(v)); }
  bool binary(binary_t&) override { return false; }
  bool start_object(std::size_t) override { return open(Json::object()); }
  bool start_array(std::size_t) override { return open(Json::array()); }
  bool end_object() override { return close(); }
  bool end_array() override { return close(); }

  bool key(string_t& v) override {
    Level& level = m_open.back();
    level.key = std::move(v);
    if (level.keys.insert(level.key).second) return true;
    error = {ErrorCode::BadInput, "given twice", place()};
    return false;
  }

  bool parse_error(std::size_t position, const std::string&, const nlohmann::detail::exception& e) override {
    position = std::min(position, m_text.size());
    const auto line = 1 + std::count(m_text.begin(), m_text.begin() + static_cast<long>(position), '\n');
    const auto start = position == 0 ? std::string_view::npos : m_text.rfind('\n', position - 1);
    const auto column = position - (start == std::string_view::npos ? 0 : start + 1);
    const std::string where = "line " + std::to_string(line) + ", column " + std::to_string(column);
    if (dynamic_cast<const nlohmann::detail::out_of_range*>(&e)) {
      error = {ErrorCode::BadInput, "a number too large to use (" + where + ")", place()};
    } else if (position >= m_text.size()) {
      error = {ErrorCode::BadInput, "the text ends too early (" + where + "); the file may be cut short",
               place()};
    } else {
      error = {ErrorCode::BadInput, "not valid JSON (" + where + ")", place()};
    }
    return false;
  }

  explicit Builder(std::string_view text) : m_text(text) {}

 private:
  struct Level {
    Json* node;
    std::string key;
    std::unordered_set<std::string> keys;
  };

  std::string_view m_text;
  std::vector<Level> m_open;

  std::string place() const {
    std::string out;
    for (const Level& level : m_open) {
      if (level.node->is_array()) {
        // An element that is itself open is in the list already; one that is being read is not yet.
        const size_t inside = &level == &m_open.back() ? 0 : 1;
        out += "[" + std::to_string(level.node->size() - inside) + "]";
      } else if (!level.key.empty()) {
        out += (out.empty() ? "" : ".") + level.key.substr(0, 60);
      }
    }
    return out.substr(0, 300);
  }

  template <typename V>
  Json* attach(V&& value) {
    if (m_open.empty()) return &(root = Json(std::forward<V>(value)));
    Level& level = m_open.back();
    if (level.node->is_array()) {
      auto& list = level.node->get_ref<Json::array_t&>();
      return &list.emplace_back(std::forward<V>(value));
    }
    auto& members = static_cast<Json::object_t::Container&>(level.node->get_ref<Json::object_t&>());
    return &members.emplace_back(level.key, Json(std::forward<V>(value))).second;
  }

  template <typename V>
  bool put(V&& value) {
    attach(std::forward<V>(value));
    return true;
  }

  bool open(Json empty) {
    if (m_open.size() >= kDeepest) {
      error = {ErrorCode::BadInput, "nested deeper than " + std::to_string(kDeepest) + " levels", place()};
      return false;
    }
    m_open.push_back({attach(std::move(empty)), {}, {}});
    return true;
  }

  bool close() {
    m_open.pop_back();
    if (!m_open.empty() && m_open.back().node->is_object()) m_open.back().key.clear();
    return true;
  }
};

bool plain(const Json& j) { return !j.is_object() && !j.is_array(); }

bool onOneLine(const Json& j) {
  if (plain(j)) return true;
  if (j.is_array())
    return std::all_of(j.begin(), j.end(), [](const Json& e) {
      return plain(e) || (e.is_array() && std::all_of(e.begin(), e.end(), [](const Json& n) {
                            return onOneLine(n) && !n.is_object();
                          }));
    });
  return j.size() <= 4 && std::all_of(j.begin(), j.end(), [](const Json& e) { return plain(e); });
}

void write(const Json& j, std::string& out, size_t indent) {
  if (plain(j) || j.empty()) {
    out += j.dump();
    return;
  }
  const bool flat = onOneLine(j);
  const std::string gap = flat ? std::string() : "\n" + std::string(indent + 1, ' ');
  out += j.is_object() ? '{' : '[';
  bool first = true;
  for (const auto& [key, value] : j.items()) {
    if (!first) out += flat ? ", " : ",";
    first = false;
    out += gap;
    if (j.is_object()) out += Json(key).dump() + ": ";
    write(value, out, indent + 1);
  }
  if (!flat) out += "\n" + std::string(indent, ' ');
  out += j.is_object() ? '}' : ']';
}

}  // namespace

Result<Json> readJson(std::string_view text) {
  Builder builder(text);
  try {
    if (Json::sax_parse(text.begin(), text.end(), &builder)) return std::move(builder.root);
  } catch (const std::exception& e) {
    return Error{ErrorCode::BadInput, std::string("not readable as JSON: ") + e.what(), {}};
  }
  return builder.error;
}

std::string writeJson(const Json& document) {
  std::string out;
  write(document, out, 0);
  return out + "\n";
}

}  // namespace havlo
