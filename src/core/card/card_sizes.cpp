#include "core/card/card_sizes.h"

#include <array>

namespace havlo {
namespace {

constexpr double in(double inches) { return inches * kMmPerInch; }
constexpr std::string_view kIso216 = "ISO 216", kIso269 = "ISO 269", kPractice = "common practice, no source";

constexpr UsualSize kBases[] = {
    {"A2 card, 4 1/4 × 5 1/2", SizeFamily::Inch, in(4.25), in(5.5), kPractice},
    {"A6 card, 4 1/2 × 6 1/4", SizeFamily::Inch, in(4.5), in(6.25), kPractice},
    {"5 × 7", SizeFamily::Inch, in(5), in(7), kPractice},
    {"4 × 6", SizeFamily::Inch, in(4), in(6), kPractice},
    {"4 3/4 × 7", SizeFamily::Inch, in(4.75), in(7), kPractice},
    {"3 1/2 × 8 1/2, slim", SizeFamily::Inch, in(3.5), in(8.5), kPractice},
    {"5 × 5, square", SizeFamily::Inch, in(5), in(5), kPractice},
    {"7 × 7, square", SizeFamily::Inch, in(7), in(7), kPractice},
    {"A6", SizeFamily::Metric, 105, 148, kIso216},
    {"A5", SizeFamily::Metric, 148, 210, kIso216},
    {"B6", SizeFamily::Metric, 125, 176, kIso216},
    {"A7", SizeFamily::Metric, 74, 105, kIso216},
    {"Third of A4, slim", SizeFamily::Metric, 99, 210, kIso216},
    {"Square 135", SizeFamily::Metric, 135, 135, kPractice},
    {"Square 148", SizeFamily::Metric, 148, 148, kPractice},
};

constexpr UsualSize kSheets[] = {
    {"Letter", SizeFamily::Inch, in(8.5), in(11), kPractice},
    {"3 × 3 in sticky note", SizeFamily::Inch, in(3), in(3), kPractice},
    {"4 × 6 in sticky note", SizeFamily::Inch, in(4), in(6), kPractice},
    {"6 × 6 in masking sheet", SizeFamily::Inch, in(6), in(6), kPractice},
    {"12 × 12 in masking sheet", SizeFamily::Inch, in(12), in(12), kPractice},
    {"A4", SizeFamily::Metric, 210, 297, kIso216},
    {"A5 masking sheet", SizeFamily::Metric, 148, 210, kIso216},
    {"76 × 76 mm sticky note", SizeFamily::Metric, 76, 76, kPractice},
    {"100 × 150 mm sticky note", SizeFamily::Metric, 100, 150, kPractice},
    {"100 mm roll, cut at 300", SizeFamily::Metric, 100, 300, kPractice},
};

constexpr UsualSize kCardSheets[] = {
    {"A4", SizeFamily::Metric, 210, 297, kIso216},
    {"Letter", SizeFamily::Inch, in(8.5), in(11), kPractice},
    {"12 × 12 in", SizeFamily::Inch, in(12), in(12), kPractice},
    {"A3", SizeFamily::Metric, 297, 420, kIso216},
};

constexpr UsualSize kEnvelopes[] = {
    {"A2 envelope", SizeFamily::Inch, in(4.375), in(5.75), kPractice},
    {"A6 envelope", SizeFamily::Inch, in(4.75), in(6.5), kPractice},
    {"A7 envelope", SizeFamily::Inch, in(5.25), in(7.25), kPractice},
    {"A8 envelope", SizeFamily::Inch, in(5.5), in(8.125), kPractice},
    {"A9 envelope", SizeFamily::Inch, in(5.75), in(8.75), kPractice},
    {"A10 envelope", SizeFamily::Inch, in(6), in(9.5), kPractice},
    {"5 1/2 in square", SizeFamily::Inch, in(5.5), in(5.5), kPractice},
    {"6 in square", SizeFamily::Inch, in(6), in(6), kPractice},
    {"6 1/2 in square", SizeFamily::Inch, in(6.5), in(6.5), kPractice},
    {"7 1/2 in square", SizeFamily::Inch, in(7.5), in(7.5), kPractice},
    {"130 mm square", SizeFamily::Metric, 130, 130, kPractice},
    {"155 mm square", SizeFamily::Metric, 155, 155, kPractice},
    {"170 mm square", SizeFamily::Metric, 170, 170, kPractice},
    {"C7", SizeFamily::Metric, 81, 114, kIso269},
    {"C6", SizeFamily::Metric, 114, 162, kIso269},
    {"C5", SizeFamily::Metric, 162, 229, kIso269},
    {"DL", SizeFamily::Metric, 110, 220, kIso269},
    {"B6 envelope", SizeFamily::Metric, 125, 176, kIso269},
};

// ISO 216:2007 tables, from memory; the tests compute them from the definition.
constexpr int kA[11][2] = {{841, 1189}, {594, 841}, {420, 594}, {297, 420}, {210, 297}, {148, 210},
                           {105, 148},  {74, 105},  {52, 74},   {37, 52},   {26, 37}};
constexpr int kB[11][2] = {{1000, 1414}, {707, 1000}, {500, 707}, {353, 500}, {250, 353}, {176, 250},
                           {125, 176},   {88, 125},   {62, 88},   {44, 62},   {31, 44}};
constexpr int kC[11][2] = {{917, 1297}, {648, 917}, {458, 648}, {324, 458}, {229, 324}, {162, 229},
                           {114, 162},  {81, 114},  {57, 81},   {40, 57},   {28, 40}};

}  // namespace

std::span<const UsualSize> usualBases() { return kBases; }
std::span<const UsualSize> usualSheets() { return kSheets; }
std::span<const UsualSize> usualCardSheets() { return kCardSheets; }
std::span<const UsualSize> usualEnvelopes() { return kEnvelopes; }

UsualSize isoSize(char series, int n) {
  const auto& table = series == 'A' ? kA : series == 'B' ? kB : kC;
  const int* size = table[n < 0 ? 0 : n > 10 ? 10 : n];
  return {"", SizeFamily::Metric, static_cast<double>(size[0]), static_cast<double>(size[1]),
          series == 'C' ? kIso269 : kIso216};
}

}  // namespace havlo
