// Executes steps as hands would: covers lie where they were laid, ink goes wherever nothing keeps it out.
#include <algorithm>
#include <set>

#include "core/press/press.h"
#include "core/wash/wash_area.h"

namespace havlo {
namespace {

class Press {
 public:
  Press(const PressInput& in, PressTiles& tiles)
      : m_in(in), m_tiles(tiles), m_pressed(in.plan.impressions.size(), 0) {
    const Grid& grid = tiles.grid();
    m_out.card = Canvas(grid, in.plan.card.paper.colour);
    m_out.explained.assign(static_cast<size_t>(grid.width) * static_cast<size_t>(grid.height), 0);
    m_border = wholePanel();
    m_border.cover.assign(m_border.cover.size(), 0);
    m_resist = m_border;
  }

  void execute(const Step& step) {
    switch (step.what) {
      case Do::Tape:
        if (step.impression < 0) {
          tapeBorder();
        } else {
          m_covered.insert(step.impression);
        }
        break;
      case Do::MaskOn:
        for (const Cover& c : step.covers) m_covered.insert(c.impression);
        break;
      case Do::MaskOff:
        for (const Cover& c : step.covers) m_covered.erase(c.impression);
        if (step.covers.empty()) m_covered.erase(step.impression);
        break;
      case Do::Stamp:
        if (!step.piece) stamp(step);
        break;
      case Do::Emboss:
        melt(step.impression);
        break;
      case Do::Wash:
        wash(step);
        break;
      case Do::Attach:
        attach(step.impression);
        break;
      default:
        break;  // cutting, drying and trimming leave no ink
    }
  }

  const Canvas& card() const { return m_out.card; }
  Replay finish() { return std::move(m_out); }

 private:
  const PressInput& m_in;
  PressTiles& m_tiles;
  Replay m_out;
  std::set<int> m_covered;
  std::vector<char> m_pressed;
  Tile m_border, m_resist;  // whole panel: taped, embossed

  Tile wholePanel() const { return tileFor(m_tiles.grid(), m_in.plan.card.panel.box()); }
  const Impression& impression(int i) const { return m_in.plan.impressions[static_cast<size_t>(i)]; }

  void tapeBorder() {
    const Box inside = m_in.plan.card.panel.box().grown(-m_in.plan.card.tape_mm);
    std::fill(m_border.cover.begin(), m_border.cover.end(), uint8_t{255});
    block(m_border, hardTile(m_tiles.grid(), rectangle(inside)));
  }

  void melt(int i) {
    Tile t = m_tiles.silhouette(i);
    for (int a : m_covered) {
      explain(t, a, false);
      block(t, m_tiles.cover(a));
    }
    for (int y = t.y; y < t.y + t.height; ++y)
      for (int x = t.x; x < t.x + t.width; ++x)
        if (t.row(y)[x - t.x]) m_resist.row(y)[x - m_resist.x] = 255;
  }

  InkFilm filmOf(int i) const {
    const Ink& ink = *m_in.plan.ink(impression(i).ink);
    return {ink.colour, ink.opacity, strengthOf(ink, impression(i).generation)};
  }

  void stamp(const Step& step) {
    const int b = step.impression;
    Tile ink = m_tiles.ink(b);
    for (int a : step.leaveOut) block(ink, m_tiles.silhouette(a));
    const Tile wanted = ink;
    for (int a : m_covered) {
      block(ink, m_tiles.cover(a));
      block(ink, m_tiles.edgeLine(a));
    }
    keptOut(ink);
    m_out.card.apply(ink, filmOf(b));
    m_pressed[static_cast<size_t>(b)] = 1;
    for (int k : m_in.meetings.of[static_cast<size_t>(b)]) {
      const Meeting& m = m_in.meetings.list[static_cast<size_t>(k)];
      if (m.back == b && m.edge.any && impression(m.front).technique == Technique::Mask)
        explain(wanted, m.front, true);
    }
  }

  void wash(const Step& step) {
    const auto w = static_cast<size_t>(step.wash);
    const Wash& wash = m_in.plan.washes[w];
    Tile area = hardTile(m_tiles.grid(), m_in.washes.reached[w]);
    const Tile wanted = area;
    for (int a : m_covered) block(area, m_tiles.cover(a));
    keptOut(area);
    const WashFalloff falloff(wash);
    m_out.card.applyWash(area, m_in.plan.ink(wash.ink)->colour, wash.strength, falloff);
    const auto& over = wash.overImpressions;
    for (size_t i = 0; i < m_in.plan.impressions.size(); ++i)
      if (m_in.washes.meets[w][i].touches &&
          std::find(over.begin(), over.end(), m_in.plan.impressions[i].id) == over.end())
        explain(wanted, static_cast<int>(i), false);
  }

  void keptOut(Tile& ink) {
    block(ink, m_border);
    block(ink, m_resist);
  }

  /// Notes where this inking may honestly differ from the intention because of the cover on `front`: only if
  /// the cover lies, or if the thing is there and nothing of it is wide enough to be covered.
  void explain(const Tile& ink, int front, bool pressed) {
    const bool covered = m_covered.contains(front);
    const bool bare =
        m_in.needs.uncuttable[static_cast<size_t>(front)] && m_pressed[static_cast<size_t>(front)];
    if (!covered && !bare) return;
    const Tile& silhouette = m_tiles.silhouette(front);
    const Tile& cover = m_tiles.cover(front);
    const Tile* line = pressed && covered ? &m_tiles.edgeLine(front) : nullptr;
    const auto mark = [&](const Tile& where) {
      for (int y = std::max(where.y, ink.y); y < std::min(where.y + where.height, ink.y + ink.height); ++y)
        for (int x = std::max(where.x, ink.x); x < std::min(where.x + where.width, ink.x + ink.width); ++x) {
          if (!ink.row(y)[x - ink.x]) continue;
          const bool covers = covered && cover.at(x, y);
          if (covers != (silhouette.at(x, y) != 0) || (line && line->at(x, y)))
            m_out.explained[static_cast<size_t>(y) * static_cast<size_t>(m_tiles.grid().width) +
                            static_cast<size_t>(x)] = 1;
        }
    };
    mark(silhouette);
    if (covered) mark(cover);
    if (line) mark(*line);
  }

  /// A piece of its own: clean paper with the print, cut along what shows of the thing, over everything else.
  void attach(int i) {
    Tile piece = m_tiles.silhouette(i);
    for (int k : m_in.meetings.of[static_cast<size_t>(i)]) {
      const Meeting& m = m_in.meetings.list[static_cast<size_t>(k)];
      if (m.back == i) block(piece, m_tiles.silhouette(m.front));
    }
    block(piece, m_border);
    const LinearRgb paper = linearOf(m_in.plan.card.paper.colour);
    for (int y = piece.y; y < piece.y + piece.height; ++y)
      for (int x = piece.x; x < piece.x + piece.width; ++x)
        if (piece.row(y)[x - piece.x]) m_out.card.set(x, y, paper);
    Tile ink = m_tiles.ink(i);
    keepOnly(ink, piece);
    m_out.card.apply(ink, filmOf(i));
  }
};

}  // namespace

Result<Replay> replay(const PressInput& in, const RunSheet& sheet, PressTiles& tiles,
                      const Progress& progress, const StepWatcher& watch) {
  Press press(in, tiles);
  for (size_t k = 0; k < sheet.steps.size(); ++k) {
    if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
    press.execute(sheet.steps[k]);
    if (watch) watch(k, press.card());
    progress.at(static_cast<double>(k + 1) / static_cast<double>(sheet.steps.size()));
  }
  return press.finish();
}

}  // namespace havlo
