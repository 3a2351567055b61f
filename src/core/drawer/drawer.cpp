#include "core/drawer/drawer.h"

#include <algorithm>
#include <numeric>

#include "core/plan/plan_text.h"
#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

/// Lower case of ASCII; other letters stay, so that they match themselves.
std::string folded(std::string_view text) {
  std::string out(text);
  for (char& c : out)
    if (c >= 'A' && c <= 'Z') c = static_cast<char>(c - 'A' + 'a');
  return out;
}

std::vector<std::string> wordsOf(std::string_view text) {
  std::vector<std::string> out;
  std::string word;
  for (char c : folded(text) + " ") {
    if (c == ' ' || c == '\t' || c == ',' || c == '\n') {
      if (!word.empty()) out.push_back(std::move(word));
      word.clear();
    } else {
      word += c;
    }
  }
  return out;
}

constexpr TypicalHeight kHeights[] = {
    {"woman", Role::Figure, 1.65, 1.5, 1.8},
    {"man", Role::Figure, 1.77, 1.6, 1.95},
    {"child", Role::Figure, 1.15, 0.9, 1.45},
    {"toddler", Role::Figure, 0.85, 0.75, 0.95},
    {"figure", Role::Figure, 1.7, 1.5, 1.9},
    {"hare", Role::Animal, 0.6, 0.45, 0.7},
    {"storybook hare", Role::Figure, 0.85, 0.6, 1.1},
    {"rabbit", Role::Animal, 0.35, 0.25, 0.45},
    {"cat", Role::Animal, 0.3, 0.23, 0.36},
    {"dog", Role::Animal, 0.55, 0.25, 0.8},
    {"fox", Role::Animal, 0.4, 0.33, 0.48},
    {"duck", Role::Animal, 0.34, 0.26, 0.42},
    {"goose", Role::Animal, 0.75, 0.65, 0.9},
    {"swan", Role::Animal, 1.0, 0.8, 1.3},
    {"heron", Role::Animal, 0.95, 0.85, 1.05},
    {"owl", Role::Animal, 0.38, 0.3, 0.65},
    {"hen", Role::Animal, 0.42, 0.35, 0.5},
    {"mouse", Role::Animal, 0.07, 0.05, 0.1},
    {"hedgehog", Role::Animal, 0.16, 0.12, 0.2},
    {"sheep", Role::Animal, 0.85, 0.7, 1.0},
    {"goat", Role::Animal, 0.8, 0.6, 1.0},
    {"cow", Role::Animal, 1.45, 1.3, 1.6},
    {"horse", Role::Animal, 1.75, 1.5, 2.1},
    {"donkey", Role::Animal, 1.3, 1.0, 1.6},
    {"deer", Role::Animal, 1.4, 1.0, 1.9},
    {"poplar", Role::Tree, 20, 10, 30},
    {"oak", Role::Tree, 18, 10, 30},
    {"willow", Role::Tree, 10, 5, 18},
    {"alder", Role::Tree, 14, 8, 22},
    {"birch", Role::Tree, 15, 8, 25},
    {"fir", Role::Tree, 22, 8, 40},
    {"apple tree", Role::Tree, 4.5, 3, 7},
    {"sapling", Role::Tree, 2.5, 1.5, 4},
    {"tree", Role::Tree, 12, 4, 25},
    {"bush", Role::Plant, 1.5, 0.7, 2.5},
    {"hedge", Role::Plant, 1.6, 1.0, 2.2},
    {"reeds", Role::Plant, 1.8, 1.2, 2.8},
    {"bulrush", Role::Plant, 1.8, 1.2, 2.5},
    {"grass", Role::Plant, 0.4, 0.15, 0.8},
    {"sunflower", Role::Plant, 1.8, 1.2, 2.6},
    {"flower", Role::Plant, 0.4, 0.2, 0.8},
    {"fern", Role::Plant, 0.8, 0.5, 1.2},
    {"cottage", Role::Building, 5.5, 4.5, 7},
    {"house", Role::Building, 8, 6, 11},
    {"church", Role::Building, 25, 15, 45},
    {"barn", Role::Building, 8, 5, 11},
    {"mill", Role::Building, 14, 9, 20},
    {"shed", Role::Building, 2.4, 2.1, 3},
    {"bridge", Role::Building, 4, 2.5, 7},
    {"gate", Role::Prop, 1.2, 1.0, 1.4},
    {"fence", Role::Prop, 1.2, 0.9, 1.6},
    {"lamp", Role::Prop, 3.2, 2.6, 4.5},
    {"post", Role::Prop, 1.1, 0.7, 1.5},
    {"bench", Role::Prop, 0.85, 0.75, 0.95},
    {"signpost", Role::Prop, 2.4, 1.8, 3},
    {"bicycle", Role::Prop, 1.05, 0.95, 1.15},
    {"boat", Role::Prop, 1.9, 1.2, 2.4},
    {"barrel", Role::Prop, 0.9, 0.7, 1.0},
    {"table", Role::Prop, 0.75, 0.7, 0.78},
    {"chair", Role::Prop, 0.9, 0.8, 1.05},
    {"lantern", Role::Prop, 0.35, 0.2, 0.5},
    {"bucket", Role::Prop, 0.3, 0.25, 0.35},
};

}  // namespace

std::string_view wordOf(Mounting mounting) {
  return mounting == Mounting::Clear ? "clear" : mounting == Mounting::Wood ? "wood" : "redRubber";
}

namespace {
constexpr std::string_view kGoodKinds[] = {"ink", "adhesive", "foam", "envelope", "masking", "other"};
constexpr std::string_view kLefts[] = {"enough", "low", "gone"};
}  // namespace

std::string_view wordOf(GoodKind kind) { return kGoodKinds[ix(kind)]; }
std::string_view wordOf(Left left) { return kLefts[ix(left)]; }
namespace {

/// What is there of what will be put or goes; keys of what is new.
template <typename T>
void undoingOf(const std::vector<T>& put, const std::vector<std::string>& gone, std::span<const T> there,
               std::vector<T>& back, std::vector<std::string>& away) {
  const auto find = [&](const std::string& key) {
    return std::find_if(there.begin(), there.end(), [&](const T& t) { return t.key == key; });
  };
  for (const T& t : put) {
    if (const auto old = find(t.key); old != there.end()) {
      back.push_back(*old);
    } else {
      away.push_back(t.key);
    }
  }
  for (const std::string& key : gone)
    if (const auto old = find(key); old != there.end()) back.push_back(*old);
}

}  // namespace

StockChange undoing(const StockChange& change, std::span<const DrawerPaper> papers,
                    std::span<const DrawerGood> goods) {
  StockChange out;
  undoingOf(change.papers, change.papersGone, papers, out.papers, out.papersGone);
  undoingOf(change.goods, change.goodsGone, goods, out.goods, out.goodsGone);
  return out;
}

GoodKind goodKindOf(std::string_view word) {
  for (size_t k = 0; k < std::size(kGoodKinds); ++k)
    if (kGoodKinds[k] == word) return static_cast<GoodKind>(k);
  return GoodKind::Other;
}
Left leftOf(std::string_view word) {
  for (size_t k = 0; k < std::size(kLefts); ++k)
    if (kLefts[k] == word) return static_cast<Left>(k);
  return Left::Enough;
}

Mounting mountingOf(std::string_view word) {
  for (const Mounting m : {Mounting::Clear, Mounting::Wood})
    if (word == wordOf(m)) return m;
  return Mounting::RedRubber;
}

DrawerStamp mergedStamp(const DrawerStamp& base, const DrawerStamp& here, const DrawerStamp& there) {
  DrawerStamp out = there;
  const auto take = [](const auto& was, const auto& is, auto& to) {
    if (!(was == is)) to = is;
  };
  const DrawerCard &a = base.card, &b = here.card;
  DrawerCard& c = out.card;
  take(a.setName, b.setName, c.setName), take(a.tags, b.tags, c.tags),
      take(a.mounting, b.mounting, c.mounting);
  take(a.place, b.place, c.place), take(a.notes, b.notes, c.notes),
      take(a.matchingDie, b.matchingDie, c.matchingDie);
  const Stamp &s = base.stamp, &t = here.stamp;
  Stamp& u = out.stamp;
  take(s.name, t.name, u.name), take(s.role, t.role, u.role), take(s.facing, t.facing, u.facing);
  take(s.home, t.home, u.home);
  take(s.realHeight, t.realHeight, u.realHeight), take(s.contacts, t.contacts, u.contacts);
  take(s.regions, t.regions, u.regions), take(s.solid, t.solid, u.solid), take(s.foot, t.foot, u.foot);
  // The shape is one thing: outline, drawing and size change together.
  if (!(s.silhouette == t.silhouette) || s.art != t.art || s.width_mm != t.width_mm ||
      s.height_mm != t.height_mm) {
    u.silhouette = t.silhouette, u.art = t.art, u.width_mm = t.width_mm, u.height_mm = t.height_mm;
    u.foot = t.foot;
  }
  return agreed(std::move(out));
}

DrawerStamp agreed(DrawerStamp s) {
  s.card.name = s.stamp.name;
  s.card.role = s.stamp.role;
  s.card.facing = s.stamp.facing;
  s.card.width_mm = s.stamp.width_mm, s.card.height_mm = s.stamp.height_mm;
  s.card.realHeight = s.stamp.realHeight;
  s.stamp.drawer = s.card.key;
  return s;
}

DrawerIndex::DrawerIndex(std::vector<DrawerCard> cards) : m_cards(std::move(cards)) {
  for (const DrawerCard& c : m_cards) {
    std::string words =
        c.name + "\n" + std::string(wordOf(c.role)) + "\n" + c.setName + "\n" + c.place + "\n" + c.notes;
    for (const std::string& tag : c.tags) words += "\n" + tag;
    m_words.push_back(folded(words));
  }
  m_byName.resize(m_cards.size());
  std::iota(m_byName.begin(), m_byName.end(), 0);
  std::vector<std::string> names;
  for (const DrawerCard& c : m_cards) names.push_back(folded(c.name));
  std::stable_sort(m_byName.begin(), m_byName.end(), [&](int a, int b) {
    const auto x = ix(a), y = ix(b);
    return names[x] != names[y] ? names[x] < names[y] : m_cards[x].height_mm > m_cards[y].height_mm;
  });
}

std::vector<int> DrawerIndex::find(const StampWish& wish) const {
  const std::vector<std::string> words = wordsOf(wish.text);
  const bool fits = wish.fitsAt_m && wish.view;
  // What is printed per metre of real height at that distance.
  const double perMetre =
      fits ? printedHeight(*wish.view, Metres{1}, groundHeight(*wish.view, Metres{*wish.fitsAt_m})).value : 0;
  std::vector<int> out;
  std::vector<double> off(fits ? m_cards.size() : 0, 0);
  for (int i : m_byName) {
    const auto k = ix(i);
    const DrawerCard& c = m_cards[k];
    if (wish.role && c.role != *wish.role) continue;
    if (wish.facing && c.facing != *wish.facing) continue;
    if (wish.leastHeight_mm && c.height_mm < *wish.leastHeight_mm) continue;
    if (wish.mostHeight_mm && c.height_mm > *wish.mostHeight_mm) continue;
    if (fits) {
      if (!c.realHeight || perMetre <= 0) continue;
      const double real = c.height_mm / perMetre;
      if (real < c.realHeight->least_m || real > c.realHeight->most_m) continue;
      off[k] = std::fabs(std::log(real / c.realHeight->typical_m));
    }
    const bool all = std::all_of(words.begin(), words.end(), [&](const std::string& w) {
      return m_words[k].find(w) != std::string::npos;
    });
    if (all) out.push_back(i);
  }
  if (fits) std::stable_sort(out.begin(), out.end(), [&](int a, int b) { return off[ix(a)] < off[ix(b)]; });
  return out;
}

const DrawerCard* DrawerIndex::card(std::string_view key) const {
  for (const DrawerCard& c : m_cards)
    if (c.key == key) return &c;
  return nullptr;
}

std::span<const TypicalHeight> typicalHeights() { return kHeights; }

std::vector<TypicalHeight> heightsFor(std::string_view name, Role role) {
  const std::string text = folded(name);
  std::vector<TypicalHeight> named, others;
  for (const TypicalHeight& h : kHeights) {
    if (text.find(h.thing) != std::string::npos) {
      named.push_back(h);
    } else if (h.role == role) {
      others.push_back(h);
    }
  }
  // The longest word that names it first: "storybook hare" before "hare", "apple tree" before "tree".
  std::stable_sort(named.begin(), named.end(), [](const TypicalHeight& a, const TypicalHeight& b) {
    return a.thing.size() > b.thing.size();
  });
  named.insert(named.end(), others.begin(), others.end());
  return named;
}

}  // namespace havlo
