// Executes steps as hands would: covers lie where they were laid, ink goes wherever nothing keeps it out.
#include <algorithm>
#include <cmath>
#include <functional>
#include <map>
#include <set>

#include "core/outline/shape_ops.h"
#include "core/pieces/heights.h"
#include "core/plan/role_facts.h"
#include "core/press/press.h"
#include "core/wash/limit_shape.h"
#include "core/wash/wash_area.h"

namespace havlo {
namespace {

class Press {
 public:
  Press(const PressInput& in, PressTiles& tiles, const PressRun& run)
      : m_in(in),
        m_tiles(tiles),
        m_run(run),
        m_life(run.maskLife.value_or(in.plan.maskLife())),
        m_pressed(in.plan.impressions.size(), 0) {
    const Grid& grid = tiles.grid();
    m_out.card = Canvas(grid, in.plan.card.paper.colour);
    m_out.explained.assign(ix(grid.width) * ix(grid.height), 0);
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
          m_covered[step.impression] = {};
        }
        break;
      case Do::MaskOn:
        if (step.limit >= 0) m_limits.emplace_back(step.limit, step.side);
        for (const Cover& c : step.covers)
          m_covered[c.impression] = {c.mask, c.joint}, m_fresh.insert(c.mask);
        break;
      case Do::MaskOff:
        if (step.limit >= 0) std::erase(m_limits, std::pair(step.limit, step.side));
        for (const Cover& c : step.covers) m_covered.erase(c.impression);
        if (step.covers.empty()) m_covered.erase(step.impression);
        break;
      case Do::Stamp:
        step.piece ? m_printed.push_back(step.impression) : stamp(step);
        break;
      case Do::Emboss:
        for (int i : step.things)
          if (impression(i).school == School::Resist) melt(i);
        break;
      case Do::Wipe:
        m_beads.clear();
        break;
      case Do::Wash:
        wash(step);
        break;
      case Do::Colour:
      case Do::Draw:
      case Do::Accent:
      case Do::Lift:
        for (int h : step.hand) step.piece ? m_onPiece.push_back(h) : byHand(h);
        break;
      case Do::Attach:
      case Do::Glue:
        if (step.paper >= 0) {
          glue(step.paper);
        } else if (step.impression >= 0) {
          attach(step.impression);
        }
        break;
      default:
        break;  // cutting, drying and trimming leave no ink
    }
  }

  const Canvas& card() const { return m_out.card; }
  Replay finish() {
    for (const auto& bead : m_beads) bead();  // nobody wiped it off
    return std::move(m_out);
  }

 private:
  const PressInput& m_in;
  PressTiles& m_tiles;
  const PressRun& m_run;
  int m_life;
  Replay m_out;
  struct Lies {
    std::string mask;  // empty for tape
    int joint = -1;    // the joint paper it is
  };
  std::map<int, Lies> m_covered;                    // by impression
  std::map<std::string, int> m_used;                // mask -> layings so far
  std::set<std::string> m_fresh;                    // laid, and no ink has come to its edge yet
  std::vector<std::pair<int, LimitSide>> m_limits;  // edges and openings on the panel
  std::map<int, Tile> m_powders;                    // what was stamped to be embossed
  std::vector<char> m_pressed;
  std::vector<int> m_onPiece;  // done by hand on pieces of their own
  std::vector<int> m_printed;  // stamped on pieces of their own, first ones first
  std::map<int, Tile> m_laid;  // wash -> where its colour came
  Tile m_border, m_resist;     // whole panel: taped, embossed
  static constexpr uint8_t kRim = 1, kRaised = 2;
  std::optional<Tile> m_steps;  // whole panel: beside a rim; on and beside what is too high to be stamped on
  std::vector<std::function<void()>> m_beads;  // ink that lies on what is embossed

  Tile wholePanel() const { return tileFor(m_tiles.grid(), m_in.plan.card.panel.box()); }
  const Impression& impression(int i) const { return m_in.plan.impressions[ix(i)]; }

  void tapeBorder() {
    const Box inside = m_in.plan.card.panel.box().grown(-m_in.plan.card.tape_mm);
    std::fill(m_border.cover.begin(), m_border.cover.end(), uint8_t{255});
    block(m_border, hardTile(m_tiles.grid(), rectangle(inside)));
  }

  /// Powder sticks where the thing was printed, and the whole of it is made clean by what is melted.
  void melt(int i) {
    const Tile& t = m_powders[i];
    for (int y = t.y; y < t.y + t.height; ++y)
      for (int x = t.x; x < t.x + t.width; ++x)
        if (t.row(y)[x - t.x]) m_resist.row(y)[x - m_resist.x] = 255;
  }

  /// Where powder will hold on what is stamped now: not where the rubber was left out or paper lay.
  void willHold(int i) {
    Tile t = m_tiles.silhouette(i);
    for (int a : m_in.needs.leaveOut[ix(i)]) block(t, m_tiles.silhouette(a));
    for (const auto& [a, lies] : m_covered) explain(t, a);
    eachPaper([&](const Tile& cover, const Tile&, const std::string&) { block(t, cover); });
    m_powders[i] = std::move(t);
  }

  InkFilm filmOf(int i) const {
    const Ink& ink = *m_in.plan.ink(impression(i).ink);
    return {ink.colour, ink.opacity, strengthOf(ink, impression(i).generation)};
  }

  void stamp(const Step& step) {
    const int b = step.impression;
    wearMasks(step);
    if (impression(b).school == School::Resist) willHold(b);
    Tile ink = m_tiles.ink(b);
    for (int a : step.leaveOut) {
      const bool soft = m_run.manner.softWipes && impression(a).school == School::WipeOff;
      soft ? blockSoftly(ink, m_tiles.silhouette(a), m_tiles.grid()) : block(ink, m_tiles.silhouette(a));
    }
    const Tile wanted = ink;
    eachPaper([&](const Tile& cover, const Tile& edgeLine, const std::string& mask) {
      keepOut(ink, cover, mask);
      block(ink, edgeLine);
    });
    block(ink, m_border);
    if (Tile bead = onResist(ink); !bead.cover.empty())
      m_beads.push_back([this, bead = std::move(bead), film = filmOf(b)] { m_out.card.apply(bead, film); });
    block(ink, m_resist);
    if (m_steps) bridge(ink, b);
    if (m_run.manner.uneven) pressUnevenly(ink, b);
    if (m_run.prints) {
      asItCameOut(ink, (*m_run.prints)[ix(b)], filmOf(b));
    } else {
      m_out.card.apply(ink, filmOf(b));
    }
    m_pressed[ix(b)] = 1;
    explainAll(wanted, [&](int i) {
      for (int k : m_in.meetings.of[ix(b)]) {
        const Meeting& m = m_in.meetings.list[ix(k)];
        if (m.back == b && m.front == i) return true;
      }
      return false;
    });
  }

  /// One print as the hand made it: paler, smeared, or twice.
  void asItCameOut(Tile ink, const PrintSlip& slip, const InkFilm& film) {
    const Grid& grid = m_tiles.grid();
    if (slip.smear_mm > 0) slide(ink, static_cast<int>(std::lround(slip.smear_mm * grid.pxPerMmX())));
    for (uint8_t& a : ink.cover) a = static_cast<uint8_t>(std::lround(a * slip.share));
    m_out.card.apply(ink, film);
    if (!slip.again) return;
    ink.x += static_cast<int>(std::lround(slip.again->x * grid.pxPerMmX()));
    ink.y -= static_cast<int>(std::lround(slip.again->y * grid.pxPerMmY()));
    m_out.card.apply(ink, film);
  }

  /// Every pixel spreads over `by` pixels to the right, paler as it goes.
  static void slide(Tile& ink, int by) {
    const Tile sharp = ink;
    for (int y = ink.y; y < ink.y + ink.height; ++y)
      for (int x = 0; x < ink.width; ++x)
        for (int d = 1; d <= std::min(by, x); ++d) {
          const int from = sharp.row(y)[x - d] * (by + 1 - d) / (by + 1);
          ink.row(y)[x] = static_cast<uint8_t>(std::max<int>(ink.row(y)[x], from));
        }
  }

  /// What is stamped across rims leaves a line beside them.
  void bridge(Tile& ink, int thing) {
    for (int y = ink.y; y < ink.y + ink.height; ++y)
      for (int x = ink.x; x < ink.x + ink.width; ++x)
        if (m_steps->at(x, y) == kRim && ink.row(y)[x - ink.x])
          m_out.explained[ix(y) * ix(m_tiles.grid().width) + ix(x)] = codeOf(thing, Excuse::AlongEdge);
    block(ink, *m_steps);
  }

  void wash(const Step& step) {
    const auto w = ix(step.wash);
    const Wash& wash = m_in.plan.washes[w];
    wearMasks(step);
    Tile area = tool(wash);
    const Tile wanted = area;
    eachPaper([&](const Tile& cover, const Tile&, const std::string& mask) { keepOut(area, cover, mask); });
    block(area, m_border);
    const WashFalloff falloff(m_in.plan, wash);
    if (Tile bead = onResist(area); !bead.cover.empty())
      m_beads.push_back([this, &wash, falloff, bead = std::move(bead)] {
        m_out.card.applyWash(bead, *m_in.plan.ink(wash.ink), wash.strength, falloff);
      });
    block(area, m_resist);
    if (m_run.manner.bleeds) bleed(area, wash);
    m_out.card.applyWash(area, *m_in.plan.ink(wash.ink), wash.strength, falloff);
    if (!m_in.plan.lifts.empty()) m_laid[step.wash] = area;
    explainAll(wanted, [&](int i) { return m_in.washes.of(static_cast<int>(w), i).touches; });
    for (const auto& [i, lies] : m_covered)
      if (lies.joint < 0) explainHiding(wanted, wash, i);
  }

  /// @param keptClean  whether a thing that no mask can cover is to stay free of this ink
  template <typename F>
  void explainAll(const Tile& wanted, F keptClean) {
    for (size_t i = 0; i < m_pressed.size(); ++i) {
      const auto front = static_cast<int>(i);
      if (m_covered.contains(front) || (m_in.needs.uncuttable[i] && keptClean(front))) explain(wanted, front);
    }
  }

  /// Where the tool goes: over the area with a soft edge, up to the paper that lies there. No area was ever a
  /// wall: a tool that is to end sharply without any paper slips past by a few millimetres.
  Tile tool(const Wash& wash) const {
    constexpr double kSlip_mm = 6;
    const Grid& grid = m_tiles.grid();
    Tile out = fieldTile(grid, wash.area, wash.softness_mm > 0 ? wash.softness_mm : kSlip_mm);
    for (const auto& [limit, side] : m_limits)
      keepOnly(out, hardTile(grid, allowedBy(m_in.plan.limits[ix(limit)], side, m_in.plan.card.panel.box())));
    return out;
  }

  /// Every paper that lies, one over several things once. @param f  (cover, edge line, mask)
  template <typename F>
  void eachPaper(F f) {
    std::set<int> joints;
    for (const auto& [a, lies] : m_covered) {
      if (lies.joint < 0) {
        f(m_tiles.cover(a), m_tiles.edgeLine(a), lies.mask);
      } else if (joints.insert(lies.joint).second) {
        const PressTiles::JointTiles& tiles = m_tiles.joint(lies.joint);
        f(tiles.cover, tiles.edgeLine, lies.mask);
      }
    }
  }

  /// A mask is worn by one laying when ink first comes to its edge; two halves of one are used together.
  void wearMasks(const Step& step) {
    std::set<std::string> used;
    for (int i : step.needed)
      if (const auto it = m_covered.find(i); it != m_covered.end() && !it->second.mask.empty())
        used.insert(it->second.mask);
    for (const std::string& mask : used) m_used[mask] += static_cast<int>(m_fresh.erase(mask));
  }

  /// Ink stops at a good mask and partly comes through a worn one.
  void keepOut(Tile& ink, const Tile& cover, const std::string& mask) {
    const auto used = m_used.find(mask);
    const int beyond = mask.empty() || used == m_used.end() ? 0 : used->second - m_life;
    if (beyond <= 0) return block(ink, cover);
    const double through = std::min(1.0, kSeepEach * beyond);
    for (int y = std::max(ink.y, cover.y); y < std::min(ink.y + ink.height, cover.y + cover.height); ++y)
      for (int x = std::max(ink.x, cover.x); x < std::min(ink.x + ink.width, cover.x + cover.width); ++x)
        if (cover.row(y)[x - cover.x]) {
          uint8_t& a = ink.row(y)[x - ink.x];
          a = static_cast<uint8_t>(std::lround(a * through));
        }
  }

  /// Paler patches a few millimetres wide, deepest where the hand pressed least: smooth noise from a lattice.
  void pressUnevenly(Tile& ink, int impression) {
    const Grid& grid = m_tiles.grid();
    const auto lattice = [&](int i, int j) {
      uint64_t h =
          (static_cast<uint64_t>(m_run.manner.seed) << 32) ^ static_cast<uint64_t>(impression * 7919 + 17);
      h ^= static_cast<uint64_t>(i + 1000) * 0x9E3779B97F4A7C15ull +
           static_cast<uint64_t>(j + 1000) * 0xC2B2AE3D27D4EB4Full;
      h ^= h >> 29, h *= 0xBF58476D1CE4E5B9ull, h ^= h >> 32;
      return static_cast<double>(h & 0xFFFF) / 0xFFFF;
    };
    constexpr double kPatch_mm = 6, kMostPale = 0.45;
    for (int y = ink.y; y < ink.y + ink.height; ++y)
      for (int x = ink.x; x < ink.x + ink.width; ++x) {
        uint8_t& a = ink.row(y)[x - ink.x];
        if (!a) continue;
        const Point p = grid.centre(x, y);
        const double u = p.x / kPatch_mm, v = p.y / kPatch_mm;
        const int i = static_cast<int>(std::floor(u)), j = static_cast<int>(std::floor(v));
        const auto smooth = [](double t) { return t * t * (3 - 2 * t); };
        const double fu = smooth(u - i), fv = smooth(v - j);
        const double n = (lattice(i, j) * (1 - fu) + lattice(i + 1, j) * fu) * (1 - fv) +
                         (lattice(i, j + 1) * (1 - fu) + lattice(i + 1, j + 1) * fu) * fv;
        a = static_cast<uint8_t>(std::lround(a * (1 - kMostPale * n * n)));
      }
  }

  /// Water draws ink out of what is printed in water-reactive ink and not covered: a pale film spreads over
  /// the wash's area for a millimetre or so around it.
  void bleed(const Tile& area, const Wash&) {
    constexpr double kRuns_mm = 1.2, kStrength = 0.35;
    for (size_t i = 0; i < m_pressed.size(); ++i) {
      const Ink& ink = *m_in.plan.ink(m_in.plan.impressions[i].ink);
      if (!m_pressed[i] || ink.kind != InkKind::WaterReactive) continue;
      Tile run = spread(m_tiles.ink(static_cast<int>(i)), m_tiles.grid(), kRuns_mm);
      keepOnly(run, area);
      m_out.card.apply(run, {ink.colour, 0, kStrength});
    }
  }

  /// What of an inking comes on what is embossed; empty if nothing does.
  Tile onResist(const Tile& ink) const {
    if (m_powders.empty()) return {};
    Tile out = ink;
    keepOnly(out, m_resist);
    const bool any = std::any_of(out.cover.begin(), out.cover.end(), [](uint8_t c) { return c > 0; });
    return any ? out : Tile{};
  }

  /// Notes where this inking may honestly differ from the intention because of the paper on `front`: beside
  /// its edge, and where the thing is too fine to be covered.
  void explain(const Tile& ink, int front) {
    if (!m_run.explain) return;
    const bool covered = m_covered.contains(front);
    const bool bare = m_in.needs.uncuttable[ix(front)];
    if (!covered && !bare) return;
    const Tile& silhouette = m_tiles.silhouette(front);
    const auto note = [&](int x, int y, Excuse why) {
      m_out.explained[ix(y) * ix(m_tiles.grid().width) + ix(x)] = codeOf(front, why);
    };
    const auto each = [&](const Tile& where, auto f) {
      for (int y = std::max(where.y, ink.y); y < std::min(where.y + where.height, ink.y + ink.height); ++y)
        for (int x = std::max(where.x, ink.x); x < std::min(where.x + where.width, ink.x + ink.width); ++x)
          if (where.row(y)[x - where.x] && ink.row(y)[x - ink.x]) f(x, y);
    };
    if (!covered) return each(silhouette, [&](int x, int y) { note(x, y, Excuse::TooFine); });
    const int j = m_covered.at(front).joint;
    const PressTiles::JointTiles* joint = j < 0 ? nullptr : &m_tiles.joint(j);
    const Tile& cover = joint ? joint->cover : m_tiles.cover(front);
    const Tile& near = joint ? joint->nearCover : m_tiles.nearCover(front);
    const Tile& under = joint ? joint->silhouettes : silhouette;
    each(silhouette, [&](int x, int y) {
      if (under.at(x, y) && !cover.at(x, y) && !near.at(x, y)) note(x, y, Excuse::TooFine);
    });
    // Beside a paper over several things: told of the one that leads.
    if (joint && m_in.needs.joints[ix(j)].over.front() != front) return;
    each(near, [&](int x, int y) {
      if (!cover.at(x, y)) note(x, y, Excuse::AlongEdge);
      if (cover.at(x, y) && !under.at(x, y)) note(x, y, Excuse::TooFine);
    });
  }

  /// What hides a covered thing and is to take the colour: a trifle of it may stay bare under the paper.
  void explainHiding(const Tile& ink, const Wash& wash, int covered) {
    if (!m_run.explain) return;
    const Tile& under = m_tiles.silhouette(covered);
    for (int k : m_in.meetings.of[ix(covered)]) {
      const Meeting& m = m_in.meetings.list[ix(k)];
      const std::string& id = impression(m.front).id;
      if (m.back != covered || std::find(wash.lets.begin(), wash.lets.end(), id) == wash.lets.end()) continue;
      const Tile& hides = m_tiles.silhouette(m.front);
      for (int y = std::max(hides.y, under.y); y < std::min(hides.y + hides.height, under.y + under.height);
           ++y)
        for (int x = std::max(hides.x, under.x); x < std::min(hides.x + hides.width, under.x + under.width);
             ++x)
          if (hides.at(x, y) && under.at(x, y) && ink.at(x, y))
            if (uint32_t& code = m_out.explained[ix(y) * ix(m_tiles.grid().width) + ix(x)]; code == 0)
              code = codeOf(covered, Excuse::TooFine);
    }
  }

  /// What is raised darkens the card below it on the right, as far as it is raised: rooms are lit from the
  /// upper left.
  void castShadow(const Tile& piece, double raise_mm) {
    const Grid& grid = m_tiles.grid();
    const double far_mm = std::clamp(raise_mm > 0 ? raise_mm : 1.5, 0.3, 4.0);
    const int dx = static_cast<int>(std::lround(0.7 * far_mm * grid.pxPerMmX()));
    const int dy = static_cast<int>(std::lround(0.7 * far_mm * grid.pxPerMmY()));
    Tile shadow = spread(piece, grid, 0.4 * far_mm);
    shadow.x += dx, shadow.y += dy;
    constexpr float kDark = 0.35f;
    for (int y = std::max(0, shadow.y); y < std::min(grid.height, shadow.y + shadow.height); ++y)
      for (int x = std::max(0, shadow.x); x < std::min(grid.width, shadow.x + shadow.width); ++x) {
        const float a = static_cast<float>(shadow.row(y)[x - shadow.x]) / 255 * kDark;
        LinearRgb p = m_out.card.at(x, y);
        for (float& c : p) c *= 1 - a;
        m_out.card.set(x, y, p);
      }
  }

  /// Done by hand: led along the lines that are to be seen, so it ends at things that are printed already,
  /// and at paper that lies there.
  void byHand(int h) {
    const HandWork& work = m_in.hand->all()[ix(h)];
    for (const HandFilm& film : m_tiles.byHand(h)) {
      Tile tile = film.tile;
      eachPaper([&](const Tile& cover, const Tile&, const std::string&) { block(tile, cover); });
      block(tile, m_border);
      if (work.layer == HandLayer::InWash) {
        lift(work, tile, film.strength);
        continue;
      }
      endAtThings(tile, work);
      layFilm(tile, film);
    }
  }

  void layFilm(const Tile& tile, const HandFilm& film) {
    if (film.byShare) {
      m_out.card.applyShare(tile, film.colour, film.opacity, film.strength);
    } else {
      m_out.card.apply(tile, {film.colour, film.opacity, film.strength});
    }
  }

  void endAtThings(Tile& tile, const HandWork& work) {
    const int on = work.act.on;
    for (int k : on < 0 ? std::vector<int>{} : m_in.meetings.of[ix(on)]) {
      const Meeting& m = m_in.meetings.list[ix(k)];
      const bool before = m.back == on || (m.contradictory && m.front == on);
      const int other = m.back == on ? m.front : m.back;
      if (before && m_pressed[ix(other)] && !printsOver(impression(other).school))
        block(tile, m_tiles.silhouette(other));
    }
    for (size_t i = 0; i < m_pressed.size() && work.layer == HandLayer::Behind; ++i)
      if (m_pressed[i] && factsOf(m_in.plan.stamps[ix(m_in.stampOf[i])]->role).stands())
        block(tile, m_tiles.silhouette(static_cast<int>(i)));
    if (work.layer != HandLayer::UnderInk) return;
    // A point is led along lines that cover or are raised; a little of the colour comes on them.
    if (!m_pressed[ix(on)]) return;
    const Tile& ink = m_tiles.ink(on);
    for (int y = std::max(tile.y, ink.y); y < std::min(tile.y + tile.height, ink.y + ink.height); ++y)
      for (int x = std::max(tile.x, ink.x); x < std::min(tile.x + tile.width, ink.x + ink.width); ++x) {
        const uint8_t line = ink.row(y)[x - ink.x];
        uint8_t& c = tile.row(y)[x - tile.x];
        if (!line || !c) continue;
        c = static_cast<uint8_t>(c * (255 - line) / 255);
        if (uint32_t& code = m_out.explained[ix(y) * ix(m_tiles.grid().width) + ix(x)]; code == 0)
          code = codeOf(on, Excuse::AlongEdge);
      }
  }

  /// Takes colour out of what was blended there.
  void lift(const HandWork& work, const Tile& share, double strength) {
    const std::string& id = m_in.plan.lifts[ix(work.act.index)].wash;
    for (const auto& [w, laid] : m_laid)
      if (const Wash& wash = m_in.plan.washes[ix(w)]; wash.id == id)
        m_out.card.weaken(laid, *m_in.plan.ink(wash.ink), wash.strength, WashFalloff(m_in.plan, wash), share,
                          strength);
  }

  /// A piece with a shape of its own and all that was stamped on it, over everything that lies there.
  void glue(int number) {
    const Piece& piece = m_in.plan.pieces[ix(number)];
    if (!factsOf(piece.kind).onFace) return;
    Tile tile = hardTile(m_tiles.grid(), onCard(piece));
    if (m_run.manner.shadows && piece.raise_mm > 0) castShadow(tile, piece.raise_mm);
    layPaper(tile, piece.paper.colour);
    raiseRim(tile, underside_mm(m_in.plan, number) + piece.paper.thickness_mm);
    for (int i : m_printed)
      if (impression(i).piece == piece.id) printOnPiece(i, tile);
  }

  /// Beside the rim of what is glued on the rubber does not come down to the paper: as wide as the step is
  /// high. Common practice, no source.
  void raiseRim(const Tile& tile, double face_mm) {
    if (!m_steps) m_steps = wholePanel();
    Tile line = spread(tile, m_tiles.grid(), face_mm);
    block(line, tile);
    for (int y = tile.y; y < tile.y + tile.height; ++y)
      for (int x = tile.x; x < tile.x + tile.width; ++x)
        if (tile.row(y)[x - tile.x]) m_steps->row(y)[x - m_steps->x] = face_mm > kMostStep_mm ? kRaised : 0;
    for (int y = std::max(0, line.y); y < std::min(m_tiles.grid().height, line.y + line.height); ++y)
      for (int x = std::max(0, line.x); x < std::min(m_tiles.grid().width, line.x + line.width); ++x)
        if (line.row(y)[x - line.x])
          m_steps->row(y)[x - m_steps->x] = face_mm > kMostStep_mm ? kRaised : kRim;
  }

  void layPaper(const Tile& tile, Colour colour) {
    const LinearRgb paper = linearOf(colour);
    for (int y = tile.y; y < tile.y + tile.height; ++y)
      for (int x = tile.x; x < tile.x + tile.width; ++x)
        if (tile.row(y)[x - tile.x]) m_out.card.set(x, y, paper);
  }

  /// A piece of its own: clean paper with the print, cut along what shows of the thing, over everything else.
  void attach(int i) {
    Tile piece = m_tiles.silhouette(i);
    for (int k : m_in.meetings.of[ix(i)]) {
      const Meeting& m = m_in.meetings.list[ix(k)];
      if (m.back == i && impression(m.front).piece.empty() && impression(m.front).school != School::Across)
        block(piece, m_tiles.silhouette(m.front));
    }
    block(piece, m_border);
    if (m_run.manner.shadows) castShadow(piece, impression(i).raise_mm);
    layPaper(piece, m_in.plan.card.paper.colour);
    raiseRim(piece, foamUnder(impression(i)) + m_in.plan.card.paper.thickness_mm);
    printOnPiece(i, piece);
  }

  /// What was stamped on a piece and done to it by hand, as far as the piece reaches.
  void printOnPiece(int i, const Tile& piece) {
    Tile ink = m_tiles.ink(i);
    keepOnly(ink, piece);
    const auto byHandHere = [&](HandLayer layer) {
      for (int h : m_onPiece) {
        const HandWork& work = m_in.hand->all()[ix(h)];
        if (work.act.on != i || work.layer != layer) continue;
        for (const HandFilm& film : m_tiles.byHand(h)) {
          Tile tile = film.tile;
          keepOnly(tile, piece);
          layFilm(tile, film);
        }
      }
    };
    byHandHere(HandLayer::UnderInk);
    m_out.card.apply(ink, filmOf(i));
    byHandHere(HandLayer::OverThing);
  }
};

}  // namespace

Result<Replay> replay(const PressInput& in, const RunSheet& sheet, PressTiles& tiles,
                      const Progress& progress, const StepWatcher& watch, const PressRun& run) {
  Press press(in, tiles, run);
  for (size_t k = 0; k < sheet.steps.size(); ++k) {
    if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
    press.execute(sheet.steps[k]);
    if (watch) watch(k, press.card());
    progress.at(static_cast<double>(k + 1) / static_cast<double>(sheet.steps.size()));
  }
  return press.finish();
}

}  // namespace havlo
