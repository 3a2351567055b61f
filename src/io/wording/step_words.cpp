// One function per kind of step.
#include "io/wording/step_words.h"

#include <QStringList>
#include <algorithm>
#include <cmath>

#include "core/outline/shape_ops.h"
#include "io/wording/cautions.h"
#include "io/wording/hand_words.h"
#include "io/wording/names.h"
#include "io/wording/piece_words.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

QString fromEdges(const Plan& plan, Point p, MeasureStyle style, int impression = -1, bool trimmed = false) {
  const Measured m = measured(plan, impression, p, style, trimmed);
  const QString words = QStringLiteral("%1, %2").arg(m.along, m.up);
  return m.untrimmed ? tr("%1 of the untrimmed sheet").arg(words) : words;
}

/// Where the foot goes; of a thing whose foot is off the card, where a corner goes that is on it.
QString footWords(const Plan& plan, int impression, MeasureStyle style) {
  const Impression& i = plan.impressions[ix(impression)];
  const Stamp& stamp = *plan.stamp(i.stamp);
  const Box card = plan.card.panel.box().grown(plan.card.trim_mm);
  const QString foot = tr("foot %1").arg(fromEdges(plan, i.at, style, impression));
  if (card.contains(i.at)) return foot;
  const Placing placing = placingOf(i, stamp);
  const struct {
    Point at;
    const char* words;
  } corners[] = {
      {{0, stamp.height_mm}, QT_TRANSLATE_NOOP("Havlo", "upper left corner of the stamp %1")},
      {{stamp.width_mm, stamp.height_mm}, QT_TRANSLATE_NOOP("Havlo", "upper right corner of the stamp %1")},
      {{stamp.width_mm, 0}, QT_TRANSLATE_NOOP("Havlo", "lower right corner of the stamp %1")},
      {{0, 0}, QT_TRANSLATE_NOOP("Havlo", "lower left corner of the stamp %1")}};
  for (const auto& c : corners)
    if (const Point p = placing.toPanel(c.at); card.contains(p))
      return tr(c.words).arg(fromEdges(plan, p, style, impression));
  return foot;
}

const Impression& impressionOf(const Plan& plan, int i) { return plan.impressions[ix(i)]; }

QString inkWords(const Plan& plan, const Impression& i) {
  const Ink& ink = *plan.ink(i.ink);
  QString text = inkName(ink) + QStringLiteral(", ") + pressingName(i.generation);
  return text;
}

/// What is done with the stamp before it is pressed on the card.
QString beforeWords(const Step& step) {
  QStringList out;
  if (step.clean) out << tr("clean the stamp first");
  if (step.tryOut) out << tr("try it on scrap paper first");
  if (step.scraps == 1) out << tr("ink it, press once on scrap paper");
  if (step.scraps > 1) out << tr("ink it, press %1 times on scrap paper").arg(step.scraps);
  return out.isEmpty() ? QString() : QStringLiteral("; ") + out.join(QStringLiteral(", "));
}

QString coveredWords(const Plan& plan, const Step& step, bool first) {
  if (step.masksOn.empty()) return first ? tr("nothing covered yet") : tr("nothing covered");
  return tr("covered: %1").arg(listOf(plan, step.masksOn));
}

QString maskName(const std::string& id) {
  const QString whole = QString::fromStdString(id);
  const auto hash = whole.lastIndexOf(u'#');
  return tr("mask %1").arg(hash < 0 ? whole : whole.mid(hash + 1));
}

QString coverNames(const Plan& plan, const Step& step) {
  if (step.covers.empty()) return nameOf(plan, step.impression);
  std::vector<int> things;
  for (const Cover& c : step.covers) things.push_back(c.impression);
  return listOf(plan, things);
}

/// Paper that is left round what is cut out. Common practice, no source.
constexpr double kRoomToCut_mm = 10;

StepWords stampWords(const Plan& plan, const Step& step, MeasureStyle style, bool first) {
  const Impression& i = impressionOf(plan, step.impression);
  StepWords w;
  if (step.piece) {
    w.title = tr("Stamp %1 on a piece of its own").arg(nameOf(plan, step.impression));
    w.detail = inkWords(plan, i) + beforeWords(step);
    if (const int on = plan.pieceIndex(i.piece); on >= 0) {
      const Piece& piece = plan.pieces[ix(on)];
      const Box paper = boxOf(shapeOf(piece));
      const Point foot =
          Placing({0, 0}, piece.at, Degrees{piece.turn_deg}).toFrame(i.at) - Point{paper.left, paper.bottom};
      w.title = tr("Stamp %1 on the paper for %2").arg(nameOf(plan, step.impression), pieceName(plan, on));
      w.where = tr("foot %1 from its left edge, %2 from its lower edge")
                    .arg(lengthText(std::max(0.0, foot.x), style), lengthText(std::max(0.0, foot.y), style));
      // What is cut out along its outline is stamped first, anywhere.
      if (piece.cut != PieceCut::Trimmer)
        w.where = tr("in the middle of a piece of about %1 by %2; it is cut out afterwards")
                      .arg(lengthText(paper.width() + 2 * kRoomToCut_mm, style),
                           lengthText(paper.height() + 2 * kRoomToCut_mm, style));
    }
    return w;
  }
  w.title = tr("Stamp %1").arg(nameOf(plan, step.impression));
  const Stamp& stamp = *plan.stamp(i.stamp);
  w.where = footWords(plan, step.impression, style);
  if (const QString turn = turnWords(i.turn_deg); !turn.isEmpty()) w.where += QStringLiteral(", ") + turn;
  w.corner = tr("lower left corner of the stamp %1")
                 .arg(fromEdges(plan, placingOf(i, stamp).toPanel(Point{0, 0}), style, step.impression));
  w.detail = inkWords(plan, i) + beforeWords(step) + QStringLiteral("; ") + coveredWords(plan, step, first);
  if (i.school == School::Across) {
    w.title = tr("Stamp %1 across the rim").arg(nameOf(plan, step.impression));
    w.care =
        tr("Press along the rim as well: the rubber bridges the step and leaves a thin bare line beside it.");
  }
  if (stamp.plate) {
    w.title = tr("Pull a print of %1").arg(nameOf(plan, step.impression));
    w.detail +=
        i.generation > 1
            ? tr("; pulled again from the plate without new ink, so it is paler, the other way round than "
                 "on the plate")
            : tr("; roll the ink out thinly on the plate, press it on and lift it straight up; the picture "
                 "comes out the other way round than on the plate");
  }
  if (!step.masksOn.empty())
    w.care =
        tr("Press firmly beside the masks: their thickness lifts the rubber and leaves a thin white line.");
  if (!i.part.empty())
    w.detail += tr("; tape over %1 of the inked rubber, lift the tape, then press; join by pen the lines "
                   "that end there")
                    .arg(leftOutWords(stamp, i.part));
  if (!step.leaveOut.empty()) {
    const bool wipe = impressionOf(plan, step.leaveOut[0]).school == School::WipeOff;
    w.detail += (wipe ? tr("; wipe the ink off where %1 will be")
                      : tr("; tape over the inked rubber where %1 will be, lift the tape, then press"))
                    .arg(listOf(plan, step.leaveOut));
  }
  return w;
}

StepWords maskOnWords(const Plan& plan, const Step& step) {
  StepWords w;
  w.title = tr("Cover %1").arg(coverNames(plan, step));
  QStringList which;
  for (const Cover& c : step.covers) {
    if (c.joint >= 0) {
      const bool alone = c.over.size() > 1 && c.over.size() == step.covers.size();
      if (c.impression == c.over.front())
        which << (alone ? tr("one paper over all of them") : paperName(plan, c.over));
      continue;
    }
    const QString mask = c.half ? tr("half of %1").arg(maskName(c.mask)) : maskName(c.mask);
    which << (c.ahead ? tr("%1 where %2 will be") : tr("%1 on %2")).arg(mask, nameOf(plan, c.impression));
  }
  w.detail = which.size() == 1 ? which[0] + tr(", just inside the line") : which.join(QStringLiteral("; "));
  return w;
}

StepWords dryWords(const Plan& plan, const Step& step) {
  StepWords w;
  w.title = step.impression >= 0   ? tr("Let %1 dry").arg(nameOf(plan, step.impression))
            : !step.things.empty() ? tr("Let %1 dry").arg(listOf(plan, step.things))
                                   : tr("Let everything dry");
  w.detail = step.wait > 0.01       ? tr("wait %1").arg(minutesWords(step.wait))
             : step.impression >= 0 ? tr("it has had its time; touch it to be sure")
                                    : tr("all of it has had its time; touch it to be sure");
  if (step.impression < 0 && step.things.empty() && plan.card.tape_mm > 0)
    w.detail += tr("; then the border tape may come off");
  return w;
}

const WashLimit& limitAt(const Plan& plan, const Step& step) { return plan.limits[ix(step.limit)]; }

/// Cutting, laying and lifting what bounds a wash.
StepWords limitWords(const Plan& plan, const Step& step, MeasureStyle style) {
  const WashLimit& l = limitAt(plan, step);
  const QString name = limitName(l);
  StepWords w;
  if (step.what == Do::CutMask) {
    w.title = tr("Cut %1").arg(name);
    w.care = cautionOf(Danger::Blade);
    switch (l.kind) {
      case LimitKind::Torn:
        w.title = tr("Tear %1").arg(name);
        w.detail = tr(
            "tear a strip of masking paper along the pencilled line, slowly, toward you; keep both pieces");
        w.care.clear();
        break;
      case LimitKind::Wavy:
        w.detail = tr("draw it on masking paper, cut along the line; keep both pieces");
        break;
      case LimitKind::Circle:
        w.detail = tr("a disc of %1 out of masking paper; keep the sheet too")
                       .arg(lengthText(l.opening.width(), style));
        break;
      case LimitKind::Rays:
        w.detail = tr("a stencil of %1 slits that meet at one point").arg(l.rays);
        break;
      case LimitKind::Stencil:
        w.title = tr("Have %1 ready").arg(name);
        w.detail = tr("bought, or cut from stencil film: %1 openings, %2 by %3 in all")
                       .arg(l.shape.size())
                       .arg(lengthText(l.opening.width(), style), lengthText(l.opening.height(), style));
        break;
      default:
        w.detail = tr("an opening of %1 by %2 in a sheet of masking paper")
                       .arg(lengthText(l.opening.width(), style), lengthText(l.opening.height(), style));
    }
    return w;
  }
  if (step.what == Do::MaskOff) {
    w.title = tr("Lift %1").arg(name);
    w.detail = l.kind == LimitKind::Stencil ? tr("straight up, and wash it at once; it is used again")
                                            : tr("slowly, from one corner; wipe it, it is used again");
    return w;
  }
  if (l.kind == LimitKind::Straight) {
    w.title = tr("Lay tape along %1").arg(name);
    w.where = tr("%1 from the bottom at the left, %2 at the right")
                  .arg(tableMeasure(l.left_mm + plan.card.trim_mm, style),
                       tableMeasure(l.right_mm + plan.card.trim_mm, style));
    w.detail = step.side == LimitSide::Above ? tr("the tape below the line") : tr("the tape above the line");
    return w;
  }
  if (l.isEdge()) {
    w.title = step.turned && !(l.kind == LimitKind::Torn) ? tr("Lay %1, turned round").arg(name)
              : step.turned                               ? tr("Lay the other piece of %1").arg(name)
                                                          : tr("Lay %1").arg(name);
    w.where = tr("%1 from the bottom at the left, %2 at the right")
                  .arg(tableMeasure(l.left_mm + plan.card.trim_mm, style),
                       tableMeasure(l.right_mm + plan.card.trim_mm, style));
    w.detail = step.side == LimitSide::Above ? tr("paper below, the wash goes above")
                                             : tr("paper above, the wash goes below");
    return w;
  }
  w.title =
      step.side == LimitSide::Outside ? tr("Cover %1").arg(name) : tr("Lay the sheet with %1").arg(name);
  if (step.turned)
    w.detail = step.side == LimitSide::Outside ? tr("with the piece that came out")
                                               : tr("with the sheet it came out of");
  if (l.kind == LimitKind::Rays)
    w.where = tr("their point %1").arg(fromEdges(plan, l.at, style));
  else
    w.where = tr("its middle %1").arg(fromEdges(plan, l.opening.centre(), style));
  return w;
}

/// From where to where a wash is blended.
QString blendWords(const Plan& plan, const Wash& wash) {
  const int reach = qRound(100 * wash.reach);
  const QString share = reach >= 100 ? tr("all of it") : tr("%1 % of it").arg(reach);
  switch (wash.from) {
    case WashFrom::Top:
      return tr("from the top down over %1").arg(share);
    case WashFrom::Bottom:
      return tr("from the bottom up over %1").arg(share);
    case WashFrom::Left:
      return tr("from the left over %1").arg(share);
    case WashFrom::Right:
      return tr("from the right over %1").arg(share);
    case WashFrom::Centre:
      return tr("from its middle outward over %1 %").arg(reach);
    case WashFrom::Edges:
      return tr("from its edges inward over %1 %").arg(reach);
    case WashFrom::Middle:
      return tr("from its middle line up and down over %1 %").arg(reach);
    case WashFrom::Limit:
      break;
  }
  const WashLimit* limit = wash.bound() ? plan.limit(wash.bound()->id) : nullptr;
  return tr("from %1 outward over %2 %").arg(limit ? limitName(*limit) : tr("its edge")).arg(reach);
}

/// How it is begun: on paper where some lies, else lightly, so that no edge shows.
QString beginWords(const Wash& wash, const Step& step) {
  const bool paper = !wash.limits.empty() || !step.masksOn.empty();
  switch (wash.way) {
    case WashWay::Blend:
      return paper ? tr("; start on the mask, not on the card; blot the tool first")
                   : tr("; blot the tool first and start lightly, so that it fades at its border");
    case WashWay::Brush:
      return tr("; with a damp brush, up to its border; let it dry flat");
    case WashWay::Marker:
      return tr("; with the marker, led up to the line by hand");
    case WashWay::Dab:
      return tr("; dab it on, turning the sponge");
    case WashWay::Spray:
      return tr("; spray from a forearm away, with the table covered");
    case WashWay::Paste:
      return tr("; hold the stencil down, spread it thinly with a palette knife, always toward the tape");
    case WashWay::Relief:
      return tr("; face down over the stencil, press every edge with a round tool");
  }
  return {};
}

StepWords cutMaskWords(const Plan& plan, const Step& step, MeasureStyle) {
  const Stamp& stamp = *plan.stamps[ix(step.stamp)];
  StepWords w;
  const QString name = stampName(stamp);
  const Cover& cover = step.covers[0];
  if (cover.joint < 0) {
    w.title = tr("Cut %1 of the %2").arg(maskName(cover.mask), name.left(1).toLower() + name.mid(1));
    w.detail = tr("from its dry print on masking paper, just inside the line");
  } else {
    w.title = tr("Cut %1").arg(paperName(plan, cover.over));
    w.detail = cover.over.size() > 1
                   ? tr("from their dry prints, in one piece, just inside the line round all of them")
                   : tr("from its dry print, just inside the line; cut away where %1 lies over it")
                         .arg(listOf(plan, cover.without));
  }
  w.care = cautionOf(Danger::Blade);
  return w;
}

/// What is printed on masking paper at a step: "hare, the reeds 2 times, duck".
QStringList printedNames(const Plan& plan, const Step& step) {
  QStringList what;
  for (const StampRef& stamp : plan.stamps) {
    const auto prints = std::count_if(step.covers.begin(), step.covers.end(), [&](const Cover& c) {
      if (c.over.size() > 1) return false;
      const bool own = c.joint < 0;
      return (own ? c.mask.substr(0, c.mask.rfind('#')) : impressionOf(plan, c.over[0]).stamp) == stamp->id;
    });
    if (prints == 0) continue;
    const QString name = stampName(*stamp), small = name.left(1).toLower() + name.mid(1);
    what << (prints == 1 ? small : tr("the %2 %1 times").arg(prints).arg(small));
  }
  for (const Cover& c : step.covers)
    if (c.over.size() > 1) what << tr("one paper with %1").arg(sortedListOf(plan, c.over));
  return what;
}

bool printsJoint(const Step& step) {
  return std::any_of(step.covers.begin(), step.covers.end(),
                     [](const Cover& c) { return c.over.size() > 1; });
}

QString jointPrintWords() {
  return tr("; for one paper over several lay it on the placement sheet, and print each in its place");
}

StepWords printWords(const Plan& plan, const Step& step) {
  StepWords w;
  const QStringList what = printedNames(plan, step);
  const bool joint = printsJoint(step);
  w.title = step.covers.size() == 1
                ? (joint ? tr("Print %1").arg(what[0]) : tr("Print the mask of the %1").arg(what[0]))
                : tr("Print %1 masks").arg(step.covers.size());
  w.detail = step.covers.size() == 1
                 ? tr("on masking paper, in %1; lay it aside to dry").arg(inkName(plan.inks[ix(step.ink)]))
                 : tr("on masking paper, in %1: %2; lay them aside to dry")
                       .arg(inkName(plan.inks[ix(step.ink)]), what.join(QStringLiteral(", ")));
  if (joint) w.detail += jointPrintWords();
  return w;
}

StepWords embossWords(const Plan& plan, const Step& step) {
  StepWords w;
  w.title = tr("Emboss %1").arg(listOf(plan, step.things));
  QStringList powders;
  for (int i : step.things) {
    const Ink& ink = *plan.ink(impressionOf(plan, i).ink);
    const QString powder =
        ink.kind == InkKind::Embossing ? tr("the powder for %1").arg(inkName(ink)) : tr("clear powder");
    if (!powders.contains(powder)) powders << powder;
  }
  w.detail = tr("%1 on, tap it off, brush strays away, then melt it from behind with a hot tool")
                 .arg(powders.join(tr(" and ")));
  if (step.things.size() > 1) w.detail = tr("all in one go: ") + w.detail;
  w.care = cautionOf(Danger::Heat);
  return w;
}

}  // namespace

StepWords wordsOf(const Plan& plan, const Analysis& analysis, const Step& step, MeasureStyle style) {
  StepWords w;
  if (step.limit >= 0 && step.what != Do::Wash) return limitWords(plan, step, style);
  switch (step.what) {
    case Do::Stamp: {
      const auto& steps = analysis.sheet.steps;
      bool first = true;
      for (const Step& s : steps) {
        if (&s == &step) break;
        if (s.what == Do::MaskOn || (s.what == Do::Tape && s.impression >= 0)) first = false;
      }
      return stampWords(plan, step, style, first);
    }
    case Do::CutMask:
      return cutMaskWords(plan, step, style);
    case Do::MaskOn:
      return maskOnWords(plan, step);
    case Do::MaskOff:
      w.title = tr("Uncover %1").arg(coverNames(plan, step));
      w.detail = tr("lift slowly from one corner; keep the masks for next time");
      break;
    case Do::Dry:
      return dryWords(plan, step);
    case Do::Tape:
      if (step.impression < 0) {
        w.title = tr("Tape the border");
        w.detail = tr("%1 wide on every side, with low-tack tape").arg(lengthText(plan.card.tape_mm, style));
      } else {
        const bool two = analysis.needs.taped[ix(step.impression)] > 1;
        w.title = (two ? tr("Lay two strips of tape over %1, one along either side")
                       : tr("Lay a strip of tape along %1"))
                      .arg(nameOf(plan, step.impression));
        w.detail = two ? tr("its sides are straight here, so no mask is needed")
                       : tr("its edge is straight here, so no mask is needed");
      }
      break;
    case Do::Wash: {
      const Wash& wash = plan.washes[ix(step.wash)];
      const QString put = wash.way == WashWay::Paste    ? tr("Spread %1")
                          : wash.way == WashWay::Relief ? tr("Press %1 into the paper")
                                                        : tr("Blend %1");
      w.title = put.arg(washName(wash));
      QStringList how;
      if (wash.way != WashWay::Relief) how << inkName(*plan.ink(wash.ink));
      if (!isRaised(wash.way)) how << blendWords(plan, wash);
      w.detail = how.join(QStringLiteral(", ")) + (how.isEmpty() ? QString() : QStringLiteral("; ")) +
                 coveredWords(plan, step, false) + beginWords(wash, step);
      if (wash.way == WashWay::Paste) w.care = cautionOf(Danger::Paste);
      if (wash.way == WashWay::Spray) w.care = cautionOf(Danger::Spray);
      if (wash.way == WashWay::Marker) w.care = cautionOf(Danger::Solvents);
      break;
    }
    case Do::Print:
      return printWords(plan, step);
    case Do::Emboss:
      return embossWords(plan, step);
    case Do::Wipe:
      w.title = tr("Wipe %1 clean").arg(listOf(plan, step.things));
      w.detail =
          tr("with a soft dry cloth, a clean spot of it for every stroke: the ink comes off what is "
             "embossed and stays beside it");
      break;
    case Do::Colour:
    case Do::Accent:
    case Do::Lift:
    case Do::Own:
    case Do::Pencil:
    case Do::Erase:
      return handStepWords(plan, analysis, step, style);
    case Do::Draw:
      if (!step.hand.empty()) return handStepWords(plan, analysis, step, style);
      w.title = tr("Join lines by pen");
      w.detail =
          tr("at %1, about %2 in all; a fine pen in the ink's colour, carried on to the edge, not over it")
              .arg(listOf(plan, step.things), lengthText(std::ceil(step.pen_mm), style));
      break;
    case Do::Glue: {
      w = assemblyWords(plan, step, style);
      // Once: nobody reads it a fourth time.
      const auto& steps = analysis.sheet.steps;
      const auto first =
          std::find_if(steps.begin(), steps.end(), [](const Step& s) { return s.what == Do::Glue; });
      if (first != steps.end() && &*first == &step) w.care = cautionOf(Danger::Glue);
      return w;
    }
    case Do::Score:
    case Do::Enclose:
      return assemblyWords(plan, step, style);
    case Do::Cut:
      if (step.impression < 0) return assemblyWords(plan, step, style);
      w.title = tr("Cut out %1").arg(nameOf(plan, step.impression));
      w.detail = tr("along what shows of it");
      w.care = cautionOf(Danger::Blade);
      break;
    case Do::Attach:
      if (step.impression < 0) return assemblyWords(plan, step, style);
      w.title = tr("Attach %1").arg(nameOf(plan, step.impression));
      w.where = tr("foot %1").arg(
          fromEdges(plan, impressionOf(plan, step.impression).at, style, step.impression, true));
      w.detail = tr("raised on foam");
      break;
    case Do::Trim:
      w.title = tr("Trim the panel");
      w.detail = tr("%1 off every side").arg(lengthText(plan.card.trim_mm, style));
      w.care = cautionOf(Danger::Blade);
      break;
    default:
      break;
  }
  return w;
}

bool holds(const Plan& plan, int i) {
  const Impression& one = plan.impressions[ix(i)];
  if (std::holds_alternative<OnThing>(one.depth)) return true;
  return std::any_of(plan.impressions.begin(), plan.impressions.end(), [&](const Impression& other) {
    const auto* on = std::get_if<OnThing>(&other.depth);
    return on && on->id == one.id;
  });
}

Measured measured(const Plan& plan, int impression, Point p, MeasureStyle style, bool trimmed) {
  const double more = trimmed ? 0 : plan.card.trim_mm;
  const PanelSize& panel = plan.card.panel;
  const bool fine = impression >= 0 && holds(plan, impression);
  return {alongWords(p.x + more, panel.width_mm + 2 * more, style, fine),
          upWords(p.y + more, panel.height_mm + 2 * more, style, fine), more > 0};
}

QString turnWords(double turn_deg) {
  double turn = std::remainder(turn_deg, 360);
  QString out;
  if (std::fabs(turn) > 135) {
    turn = std::remainder(turn - 180, 360);
    out = tr("with the card turned round");
  }
  if (std::fabs(turn) > 0.05)
    out += (out.isEmpty() ? QString() : QStringLiteral(", ")) +
           (turn > 0 ? tr("turned %1° to the left") : tr("turned %1° to the right"))
               .arg(std::fabs(turn), 0, 'f', 1);
  return out;
}

QString leftOutWords(const Stamp& stamp, const Rings& part) {
  const Rings out = difference(stamp.silhouette, part);
  const Box whole = boxOf(stamp.silhouette), left = boxOf(out);
  if (left.empty()) return tr("nothing");
  const Point away = left.centre() - whole.centre();
  const double across = away.x / std::max(1.0, whole.width()), up = away.y / std::max(1.0, whole.height());
  if (std::max(std::fabs(across), std::fabs(up)) < 0.08) return tr("the hatched part");
  if (std::fabs(up) >= std::fabs(across)) return up > 0 ? tr("the upper part") : tr("the lower part");
  return across > 0 ? tr("the right part") : tr("the left part");
}

QString sentenceOf(const StepWords& w) {
  QString out = w.title;
  if (!w.where.isEmpty()) out += QStringLiteral(", ") + w.where;
  if (!w.detail.isEmpty()) out += QStringLiteral("; ") + w.detail;
  return out + u'.';
}

namespace {
double tableStep(MeasureStyle style) { return style == MeasureStyle::Inches ? kMmPerInch / 16 : 0.5; }
double toTableStep(double mm, MeasureStyle style) {
  return std::round(mm / tableStep(style)) * tableStep(style);
}
}  // namespace

QString fineMeasure(double mm, MeasureStyle style) {
  const double step = style == MeasureStyle::Inches ? kMmPerInch / 32 : 0.1;
  return lengthText(std::round(mm / step) * step, style);
}

QString tableMeasure(double mm, MeasureStyle style) { return lengthText(toTableStep(mm, style), style); }

QString alongWords(double x_mm, double width_mm, MeasureStyle style, bool fine) {
  const auto measure = [&](double mm) { return fine ? fineMeasure(mm, style) : tableMeasure(mm, style); };
  if (toTableStep(x_mm, style) < 0) return tr("%1 past the left edge").arg(measure(-x_mm));
  if (toTableStep(x_mm - width_mm, style) > 0)
    return tr("%1 past the right edge").arg(measure(x_mm - width_mm));
  return tr("%1 from the left").arg(measure(std::max(0.0, x_mm)));
}

QString upWords(double y_mm, double height_mm, MeasureStyle style, bool fine) {
  const auto measure = [&](double mm) { return fine ? fineMeasure(mm, style) : tableMeasure(mm, style); };
  if (toTableStep(y_mm, style) < 0) return tr("%1 below the bottom edge").arg(measure(-y_mm));
  if (toTableStep(y_mm - height_mm, style) > 0)
    return tr("%1 above the top edge").arg(measure(y_mm - height_mm));
  return tr("%1 from the bottom").arg(measure(std::max(0.0, y_mm)));
}

QString reasonOf(const StampMasks& m, int maskLife) {
  if (m.uses == 0)
    return m.taped > 0 ? tr("straight edges: strips of tape do") : tr("nothing comes near behind it");
  QString more;
  if (!m.halves.empty())
    more += m.halves.size() == 1 ? tr("; two share one cut in two")
                                 : tr("; %1 pairs share one cut in two").arg(m.halves.size());
  if (m.kept > 0)
    more += m.kept == 1 ? tr("; one at hand is used first") : tr("; %1 at hand are used first").arg(m.kept);
  if (m.cut == 0) return tr("none to cut") + more;
  const int byWear = (m.uses + maskLife - 1) / maskLife;
  if (m.cut > m.atOnce || (byWear == m.cut && m.cut > 1 && m.atOnce < m.cut))
    return tr("covered %1 times, a mask lasts %2").arg(m.uses).arg(maskLife) + more;
  if (m.atOnce > 1) return tr("%1 must be covered at once").arg(m.atOnce) + more;
  return (m.uses == 1 ? tr("covered once") : tr("one after the other, %1 times").arg(m.uses)) + more;
}

QString numbersOf(const StepGroup& group) {
  return group.first == group.last ? QString::number(group.first)
                                   : tr("%1 to %2").arg(group.first).arg(group.last);
}

StepWords wordsOf(const Plan& plan, const Analysis& a, const StepGroup& group, MeasureStyle style) {
  const auto& steps = a.sheet.steps;
  const Step all = merged(a.sheet, group);
  StepWords w = wordsOf(plan, a, all, style);
  const auto count = [&](Do what) {
    return std::count_if(group.steps.begin(), group.steps.end(),
                         [&](int k) { return steps[ix(k)].what == what; });
  };
  switch (group.kind) {
    case StepGroup::Kind::One:
    case StepGroup::Kind::Uncover:
      break;
    case StepGroup::Kind::Print: {
      w.title = tr("Print %1 masks").arg(all.covers.size());
      QStringList inks;
      bool joint = false;
      for (const int k : group.steps) {
        const Step& s = steps[ix(k)];
        inks << tr("in %1: %2")
                    .arg(inkName(plan.inks[ix(s.ink)]), printedNames(plan, s).join(QStringLiteral(", ")));
        joint = joint || printsJoint(s);
      }
      w.detail = tr("on masking paper, %1; lay them aside to dry").arg(inks.join(QStringLiteral("; ")));
      if (joint) w.detail += jointPrintWords();
      break;
    }
    case StepGroup::Kind::Cut: {
      w.title = tr("Cut %1 masks").arg(group.steps.size());
      QStringList titles;
      for (const int k : group.steps) titles << wordsOf(plan, a, steps[ix(k)], style).title;
      w.detail = titles.join(QStringLiteral(". "));
      break;
    }
    case StepGroup::Kind::Cover: {
      const auto cut = count(Do::CutMask);
      if (cut > 0)
        w.title = (cut == 1 ? tr("Cut the mask, then cover %1") : tr("Cut the masks, then cover %1"))
                      .arg(coverNames(plan, all));
      if (all.wait > 0.01)
        w.detail += tr("; it dries for %1 before it is covered").arg(minutesWords(all.wait));
      break;
    }
  }
  if (group.steps.size() > 1) {
    QStringList cares;
    for (const int k : group.steps)
      if (const QString care = wordsOf(plan, a, steps[ix(k)], style).care;
          !care.isEmpty() && !cares.contains(care))
        cares << care;
    w.care = cares.join(u' ');
  }
  return w;
}

QString minutesWords(double minutes) {
  const int seconds = static_cast<int>(std::lround(minutes * 60));
  if (seconds < 60) return tr("%1 s").arg(seconds);
  if (seconds < 600 && seconds % 60 != 0) return tr("%1 min %2 s").arg(seconds / 60).arg(seconds % 60);
  const int whole = static_cast<int>(std::lround(minutes));
  if (whole < 60) return tr("%1 min").arg(whole);
  return tr("%1 h %2 min").arg(whole / 60).arg(whole % 60, 2, 10, QLatin1Char('0'));
}

}  // namespace havlo
