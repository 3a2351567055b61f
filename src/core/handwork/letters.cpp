// Letters on a grid: every point is two digits, across and up; 2 is the base line, 6 the height of small
// letters, 8 that of capitals. Strokes are parted by blanks. Our own hand, no source.
#include "core/handwork/letters.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>
#include <string_view>

#include "core/handwork/hand_kind.h"
#include "core/outline/shape_ops.h"

namespace havlo {
namespace {

constexpr double kCapital = 6, kBase = 2;  // grid units
constexpr double kBlank = 2.5, kBetween = 1.2;
constexpr int kAboveSmall = 7, kAboveCapital = 9;

struct Glyph {
  char32_t letter;
  std::string_view strokes;
};

constexpr Glyph kGlyphs[] = {
    {U'A', "02 2842 1535"},
    {U'B', "02082837362505 2534332202"},
    {U'C', "3728180703122233"},
    {U'D', "02082837332202"},
    {U'E', "38080232 0525"},
    {U'F', "380802 0525"},
    {U'G', "37281807031222333525"},
    {U'H', "0208 3238 0535"},
    {U'I', "0208"},
    {U'J', "28231203"},
    {U'K', "0208 380532"},
    {U'L', "080232"},
    {U'M', "0208254842"},
    {U'N', "02083238"},
    {U'O', "180703122233372818"},
    {U'P', "02082837362505"},
    {U'Q', "180703122233372818 2432"},
    {U'R', "02082837362505 2532"},
    {U'S', "372818070615253433221203"},
    {U'T', "0848 2822"},
    {U'U', "080312223338"},
    {U'V', "082248"},
    {U'W', "0812263248"},
    {U'X', "0238 0832"},
    {U'Y', "082548 2522"},
    {U'Z', "08380232"},
    {U'a', "3526160503122233 3632"},
    {U'b', "0802 0516263533221203"},
    {U'c', "3526160503122233"},
    {U'd', "3832 3526160503122233"},
    {U'e', "04343526160503122233"},
    {U'f', "281812 0626"},
    {U'g', "3631201001 3526160503122233"},
    {U'h', "0802 0516263532"},
    {U'i', "0602 0808"},
    {U'j', "161100 1818"},
    {U'k', "0802 360432"},
    {U'l', "0802"},
    {U'm', "0602 05162522 25364542"},
    {U'n', "0602 0516263532"},
    {U'o', "160503122233352616"},
    {U'p', "0600 0516263533221203"},
    {U'q', "3630 3526160503122233"},
    {U'r', "0602 041626"},
    {U's', "35261605142433221203"},
    {U't', "181322 0626"},
    {U'u', "0603122233 3632"},
    {U'v', "062246"},
    {U'w', "0612253246"},
    {U'x', "0236 0632"},
    {U'y', "0622 461000"},
    {U'z', "06360232"},
    {U'0', "180703122233372818"},
    {U'1', "071812"},
    {U'2', "071828370232"},
    {U'3', "0718283736253433221203"},
    {U'4', "280444 3832"},
    {U'5', "3808052534332202"},
    {U'6', "28170312223334251504"},
    {U'7', "083812"},
    {U'8', "1506071828373625 1504031222333425 1525"},
    {U'9', "12243728180706152536"},
    {U'.', "0202"},
    {U',', "1201"},
    {U'!', "0804 0202"},
    {U'?', "07182837362524 2222"},
    {U'\'', "0807"},
    {U'\u2019', "1807"},
    {U'"', "0807 1817"},
    {U'-', "0424"},
    {U'\u2013', "0444"},
    {U'&', "4207182703122244"},
    {U':', "0202 0505"},
    {U';', "1201 1515"},
    {U'(', "18060412"},
    {U')', "08161402"},
    {U'/', "0238"},
    {U'+', "0424 1513"},
    {U'*', "0747 1638 1836"},
    {U'=', "0323 0525"},
    {U'\u00df', "02071828373625343322"},
    {U'\u00f8', "160503122233352616 0236"},
    {U'\u00d8', "180703122233372818 0239"},
    {U'\u00e6', "2516050312222634 2434453626 2232"},
    {U'\u00c6', "022842 2232 2535"},
    {U'\u0131', "0602"},
    {U'\u2026', "0202 2222 4242"},
    {U'\u201c', "0708 1718"},
    {U'\u201d', "1807 2817"},
    {U'\u201e', "1201 2211"},
    {U'\u2018', "0718"},
    {U'\u00b7', "0505"},
    {U'\u2764', "2205172536 2522"},
};

struct Accented {
  char32_t letter, base;
  std::string_view mark;  // strokes whose lowest digit 0 is just above the letter
};
constexpr std::string_view kDots = "0101 2121", kAcute = "1022", kGrave = "0220", kRoof = "001220",
                           kWave = "00112031", kRing = "1021120110", kHook = "011021";
constexpr Accented kAccented[] = {
    {U'\u00e4', U'a', kDots},  {U'\u00f6', U'o', kDots},       {U'\u00fc', U'u', kDots},
    {U'\u00c4', U'A', kDots},  {U'\u00d6', U'O', kDots},       {U'\u00dc', U'U', kDots},
    {U'\u00eb', U'e', kDots},  {U'\u00ef', U'\u0131', kDots},  {U'\u00e1', U'a', kAcute},
    {U'\u00e9', U'e', kAcute}, {U'\u00ed', U'\u0131', kAcute}, {U'\u00f3', U'o', kAcute},
    {U'\u00fa', U'u', kAcute}, {U'\u00c9', U'E', kAcute},      {U'\u00e0', U'a', kGrave},
    {U'\u00e8', U'e', kGrave}, {U'\u00ec', U'\u0131', kGrave}, {U'\u00f2', U'o', kGrave},
    {U'\u00f9', U'u', kGrave}, {U'\u00c0', U'A', kGrave},      {U'\u00c8', U'E', kGrave},
    {U'\u00e2', U'a', kRoof},  {U'\u00ea', U'e', kRoof},       {U'\u00ee', U'\u0131', kRoof},
    {U'\u00f4', U'o', kRoof},  {U'\u00fb', U'u', kRoof},       {U'\u00e3', U'a', kWave},
    {U'\u00f5', U'o', kWave},  {U'\u00f1', U'n', kWave},       {U'\u00d1', U'N', kWave},
    {U'\u00e5', U'a', kRing},  {U'\u00c5', U'A', kRing},       {U'\u016f', U'u', kRing},
    {U'\u0161', U's', kHook},  {U'\u010d', U'c', kHook},       {U'\u017e', U'z', kHook},
    {U'\u0159', U'r', kHook},  {U'\u011b', U'e', kHook},       {U'\u0160', U'S', kHook},
    {U'\u010c', U'C', kHook},  {U'\u017d', U'Z', kHook},       {U'\u00c1', U'A', kAcute},
    {U'\u00da', U'U', kAcute}, {U'\u00d3', U'O', kAcute},
};

/// One letter of UTF-8 text from `at`, which goes on to the next; what is not UTF-8 is a letter nobody knows.
char32_t nextLetter(const std::string& text, size_t& at) {
  const auto first = static_cast<unsigned char>(text[at++]);
  if (first < 0x80) return first;
  const int more = first >= 0xF0 ? 3 : first >= 0xE0 ? 2 : first >= 0xC0 ? 1 : 0;
  char32_t letter = first & (0x3Fu >> more);
  for (int k = 0; k < more && at < text.size() && (static_cast<unsigned char>(text[at]) & 0xC0) == 0x80; ++k)
    letter = letter << 6 | (static_cast<unsigned char>(text[at++]) & 0x3F);
  return letter;
}

using Strokes = std::vector<std::vector<Point>>;

Strokes strokesOf(std::string_view digits, double up) {
  Strokes out(1);
  for (size_t k = 0; k + 1 < digits.size(); k += 2) {
    if (digits[k] == ' ') out.emplace_back(), ++k;
    out.back().push_back({static_cast<double>(digits[k] - '0'), digits[k + 1] - '0' + up});
  }
  return out;
}

/// Corners of a curve are rounded off, sharp turns stay.
std::vector<Point> rounded(const std::vector<Point>& line) {
  if (line.size() < 3) return line;
  constexpr double kSharp = 0.3;  // cosine of the turn
  std::vector<Point> out{line.front()};
  for (size_t k = 1; k + 1 < line.size(); ++k) {
    const Point in = line[k] - line[k - 1], on = line[k + 1] - line[k];
    const double cosine = (in.x * on.x + in.y * on.y) / std::max(1e-9, length(in) * length(on));
    if (cosine < kSharp) {
      out.push_back(line[k]);
      continue;
    }
    out.push_back(line[k] - in * 0.3);
    out.push_back(line[k] + on * 0.3);
  }
  out.push_back(line.back());
  return out;
}

Strokes glyphOf(char32_t letter) {
  const auto plain = [](char32_t wanted) -> std::optional<Strokes> {
    for (const Glyph& g : kGlyphs)
      if (g.letter == wanted) return strokesOf(g.strokes, 0);
    return {};
  };
  if (const auto found = plain(letter)) return *found;
  for (const Accented& a : kAccented) {
    if (a.letter != letter) continue;
    Strokes out = *plain(a.base);
    const bool capital = a.base >= U'A' && a.base <= U'Z';
    for (auto& mark : strokesOf(a.mark, capital ? kAboveCapital : kAboveSmall))
      out.push_back(std::move(mark));
    return out;
  }
  return {{{0, 2}, {0, 8}, {3, 8}, {3, 2}, {0, 2}}};
}

/// The strokes along a straight base line from 0, in grid units above it. @return with the whole length
std::pair<Strokes, double> written(const std::string& text) {
  Strokes out;
  double x = 0;
  for (size_t at = 0; at < text.size();) {
    const char32_t letter = nextLetter(text, at);
    if (letter == U' ') {
      x += kBlank;
      continue;
    }
    double wide = 0;
    for (const auto& stroke : glyphOf(letter)) {
      std::vector<Point> placed;
      for (Point p : rounded(rounded(stroke))) {
        wide = std::max(wide, p.x);
        placed.push_back({x + p.x, p.y - kBase});
      }
      out.push_back(std::move(placed));
    }
    x += wide + kBetween;
  }
  return {std::move(out), std::max(0.0, x - kBetween)};
}

/// Points at distances along a line and above it; beyond its end straight on.
class AlongLine {
 public:
  explicit AlongLine(const std::vector<Point>& line) : m_line(line) {}
  Point at(double along, double above) const {
    size_t k = 1;
    for (; k + 1 < m_line.size(); ++k) {
      const double step = distance(m_line[k - 1], m_line[k]);
      if (along <= step) break;
      along -= step;
    }
    const Point on = m_line[k] - m_line[k - 1];
    const Point way = on * (1 / std::max(1e-9, length(on)));
    return m_line[k - 1] + way * along + Point{-way.y, way.x} * above;
  }

 private:
  const std::vector<Point>& m_line;
};

}  // namespace

double letteringLength(const std::string& text, double height_mm) {
  return written(text).second * height_mm / kCapital;
}

double letteringHeightFor(const std::string& text, double length_mm) {
  const double units = written(text).second;
  return units > 0 ? length_mm * kCapital / units : 0;
}

std::vector<std::vector<Point>> letteringStrokes(const HandLine& line) {
  if (line.text.empty() || line.along.size() < 2) return {};
  Strokes out = written(line.text).first;
  const AlongLine base(line.along);
  const double mm = line.height_mm / kCapital;
  for (auto& stroke : out)
    for (Point& p : stroke) p = base.at(p.x * mm, p.y * mm);
  return out;
}

Rings letteringRoom(const HandLine& line) {
  if (line.text.empty() || line.along.size() < 2) return {};
  constexpr double kTails = 2, kTops = 6;  // grid units
  const double mm = line.height_mm / kCapital, whole = letteringLength(line.text, line.height_mm);
  const AlongLine base(line.along);
  Ring upper, lower;
  constexpr int kParts = 24;
  for (int k = 0; k <= kParts; ++k) {
    upper.push_back(base.at(whole * k / kParts, kTops * mm));
    lower.push_back(base.at(whole * k / kParts, -kTails * mm));
  }
  upper.insert(upper.end(), lower.rbegin(), lower.rend());
  return {upper};
}

}  // namespace havlo
