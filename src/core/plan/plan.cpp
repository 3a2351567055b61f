// Look-ups in the plan; reading and writing are in plan_reader.cpp and plan_writer.cpp.
#include "core/plan/plan.h"

#include <algorithm>

namespace havlo {
namespace {

template <typename T>
const T* find(const std::vector<T>& list, std::string_view id) {
  const auto it = std::find_if(list.begin(), list.end(), [&](const T& x) { return x.id == id; });
  return it == list.end() ? nullptr : &*it;
}

}  // namespace

double strengthOf(const Ink& ink, int generation) {
  const auto listed = static_cast<int>(ink.generations.size());
  if (listed == 0) return std::pow(0.7, generation - 1);
  if (generation <= listed) return ink.generations[ix(generation - 1)];
  return ink.generations.back() * std::pow(0.7, generation - listed);
}

Plan::Plan() = default;
Plan::Plan(const Plan&) = default;
Plan::Plan(Plan&&) noexcept = default;
Plan& Plan::operator=(const Plan&) = default;
Plan& Plan::operator=(Plan&&) noexcept = default;
Plan::~Plan() = default;

bool Plan::operator==(const Plan& o) const {
  const auto sameStamp = [](const StampRef& a, const StampRef& b) { return a == b || *a == *b; };
  return title == o.title && notes == o.notes && card == o.card && view == o.view && inks == o.inks &&
         impressions == o.impressions && washes == o.washes && limits == o.limits &&
         colourings == o.colourings && lines == o.lines && accents == o.accents && lifts == o.lifts &&
         own == o.own && pieces == o.pieces && faces == o.faces && known == o.known && styles == o.styles &&
         ground == o.ground && room == o.room && light == o.light && school == o.school &&
         making == o.making && supplies == o.supplies && habits == o.habits && extra == o.extra &&
         std::equal(stamps.begin(), stamps.end(), o.stamps.begin(), o.stamps.end(), sameStamp);
}

const Ink* Plan::ink(std::string_view id) const { return find(inks, id); }

StampRef Plan::stamp(std::string_view id) const {
  const auto it = std::find_if(stamps.begin(), stamps.end(), [&](const StampRef& s) { return s->id == id; });
  return it == stamps.end() ? nullptr : *it;
}

const Impression* Plan::impression(std::string_view id) const { return find(impressions, id); }

const WashLimit* Plan::limit(std::string_view id) const { return find(limits, id); }

int Plan::indexOf(std::string_view id) const {
  const Impression* found = impression(id);
  return found ? static_cast<int>(found - impressions.data()) : -1;
}

int Plan::pieceIndex(std::string_view id) const {
  const Piece* found = find(pieces, id);
  return found ? static_cast<int>(found - pieces.data()) : -1;
}

Placing placingOf(const Impression& impression, const Stamp& stamp) {
  return {stamp.foot, impression.at, Degrees{impression.turn_deg}};
}

}  // namespace havlo
