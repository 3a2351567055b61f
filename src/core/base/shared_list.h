// A long list that many values have in common.
#pragma once

#include <initializer_list>
#include <memory>
#include <utility>
#include <vector>

namespace havlo {

/// To be read like a vector that does not change. A copy costs a pointer; whoever changes it gets a list of
/// their own first, so that no other copy sees it.
template <typename T>
class SharedList {
 public:
  SharedList() = default;
  SharedList(std::initializer_list<T> list) : SharedList(std::vector<T>(list)) {}
  SharedList(std::vector<T> list) : m_list(std::make_shared<std::vector<T>>(std::move(list))) {}

  operator const std::vector<T>&() const { return all(); }
  const std::vector<T>& all() const {
    static const std::vector<T> kNone;
    return m_list ? *m_list : kNone;
  }
  auto begin() const { return all().begin(); }
  auto end() const { return all().end(); }
  auto rbegin() const { return all().rbegin(); }
  auto rend() const { return all().rend(); }
  size_t size() const { return all().size(); }
  bool empty() const { return all().empty(); }
  const T& operator[](size_t k) const { return all()[k]; }
  const T& front() const { return all().front(); }
  const T& back() const { return all().back(); }

  std::vector<T>& own() {
    if (!m_list) {
      m_list = std::make_shared<std::vector<T>>();
    } else if (m_list.use_count() > 1) {
      m_list = std::make_shared<std::vector<T>>(*m_list);
    }
    return *m_list;
  }

 private:
  std::shared_ptr<std::vector<T>> m_list;
};

}  // namespace havlo
