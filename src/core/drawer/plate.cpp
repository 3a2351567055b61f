#include "core/drawer/plate.h"

#include <algorithm>
#include <cstdlib>
#include <sstream>

#include "core/units/decimal.h"

namespace havlo {
namespace {

/// The drawing turned round inside its own view box.
std::string mirroredArt(const std::string& art) {
  const size_t tag = art.find("<svg");
  const size_t end = tag == std::string::npos ? tag : art.find('>', tag);
  const size_t close = art.rfind("</svg");
  if (end == std::string::npos || close == std::string::npos || close < end || art[end - 1] == '/')
    return art;
  const size_t box = art.find("viewBox", tag);
  if (box == std::string::npos || box > end) return art;
  const size_t open = art.find_first_of("\"'", box);
  if (open == std::string::npos || open > end) return art;
  std::string numbers = art.substr(open + 1, art.find(art[open], open + 1) - open - 1);
  std::replace(numbers.begin(), numbers.end(), ',', ' ');
  std::istringstream in(numbers);
  in.imbue(std::locale::classic());
  double left = 0, top = 0, width = 0;
  if (!(in >> left >> top >> width)) return art;
  return art.substr(0, end + 1) + "<g transform=\"translate(" + shortDecimal(2 * left + width, 4) +
         " 0) scale(-1 1)\">" + art.substr(end + 1, close - end - 1) + "</g>" + art.substr(close);
}

}  // namespace

Stamp mirrored(const Stamp& stamp) {
  Stamp out = stamp;
  const double w = stamp.width_mm;
  const auto turn = [w](Point& p) { p.x = w - p.x; };
  for (Ring& ring : out.silhouette) {
    for (Point& p : ring) turn(p);
    std::reverse(ring.begin(), ring.end());  // runs the same way round as before
  }
  turn(out.foot);
  for (Contact& c : out.contacts) turn(c.at);
  for (StampRegion& r : out.regions) turn(r.at);
  for (auto* list : {&out.mask.cut, &out.mask.skip})
    for (Point& p : *list) turn(p);
  out.facing = stamp.facing == Facing::Left    ? Facing::Right
               : stamp.facing == Facing::Right ? Facing::Left
                                               : Facing::None;
  if (!out.art.empty()) out.art = mirroredArt(stamp.art);
  return out;
}

Stamp asPlate(const Stamp& stamp, bool plate) {
  if (stamp.plate == plate) return stamp;
  Stamp out = mirrored(stamp);
  out.plate = plate;
  return out;
}

}  // namespace havlo
