#include "io/wording/stock_words.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/card/card_sizes.h"
#include "core/colour/colour.h"
#include "io/wording/card_words.h"
#include "io/wording/colour_words.h"
#include "io/wording/names.h"
#include "io/wording/piece_words.h"
#include "io/wording/say.h"
#include "io/wording/step_words.h"

namespace havlo {
namespace {

using What = StockNeed::What;
using State = StockNeed::State;

QString mm(double v) { return spoken(QStringLiteral("%1 mm").arg(v, 0, 'g', 3)); }

QString sizeOf(double width_mm, double height_mm, MeasureStyle style) {
  return tr("%1 × %2").arg(lengthText(width_mm, style), lengthText(height_mm, style));
}

QString areaWords(double mm2, MeasureStyle style) {
  const double v = style == MeasureStyle::Inches ? mm2 / 645.16 : mm2 / 100;
  const int decimals = v < 10 ? 1 : 0;
  return style == MeasureStyle::Inches ? tr("%1 square inches").arg(v, 0, 'f', decimals)
                                       : tr("%1 cm²").arg(v, 0, 'f', decimals);
}

QString lengthOfStrip(double mm, MeasureStyle style) {
  return style == MeasureStyle::Inches ? tr("%1 ft").arg(std::ceil(mm / 304.8))
                                       : tr("%1 m").arg(std::ceil(mm / 100) / 10, 0, 'f', 1);
}

}  // namespace

QString sheetName(double width_mm, double height_mm, MeasureStyle style) {
  const auto same = [](double a, double b) { return std::fabs(a - b) < 0.5; };
  for (const UsualSize& s : usualCardSheets())
    if ((same(s.width_mm, width_mm) && same(s.height_mm, height_mm)) ||
        (same(s.width_mm, height_mm) && same(s.height_mm, width_mm)))
      return QString::fromUtf8(s.name.data(), static_cast<qsizetype>(s.name.size()));
  return sizeOf(width_mm, height_mm, style);
}

namespace {

QString andList(const QStringList& list) {
  if (list.size() < 2) return list.join(QString());
  return list.mid(0, list.size() - 1).join(QStringLiteral(", ")) + tr(" and ") + list.last();
}

QString cards(int n) { return n == 1 ? tr("1 card") : tr("%1 cards").arg(n); }

}  // namespace

QString paperWords(const std::string& name, Colour colour, double thickness_mm) {
  if (!name.empty()) return QString::fromStdString(name);
  return tr("%1 paper of %2").arg(colourWords(colour), mm(thickness_mm));
}

QString sheetCountWords(int n) { return n == 1 ? tr("1 sheet") : tr("%1 sheets").arg(n); }

QString piecesOn(const PaperToCut& paper, const TrimmedSheet& sheet) {
  std::map<int, int> count;
  for (const PlacedPiece& p : sheet.pieces) ++count[p.piece];
  QStringList out;
  for (const auto& [k, n] : count) {
    const QString name = cutPieceName(paper.pieces[ix(k)].name);
    out << (n == 1 ? name : tr("%1 × %2").arg(n).arg(name));
  }
  return andList(out);
}

QString cutWords(const SheetCut& cut, int n, MeasureStyle style) {
  // Measured on the part in hand, as it lies against the trimmer's fence.
  const double from = cut.upright ? cut.at_mm - cut.of.left : cut.at_mm - cut.of.bottom;
  return (cut.upright ? tr("%1. upright, %2 from the left of what is in hand")
                      : tr("%1. level, %2 from the bottom of what is in hand"))
      .arg(n)
      .arg(lengthText(from, style));
}

QString cutListWords(const DrawerCut& cut, MeasureStyle style) {
  QStringList out;
  double waste = 0, used = cut.own.used_mm2 + cut.bought.used_mm2;
  int offcuts = 0;
  for (const CutList* list : {&cut.own, &cut.bought})
    for (const TrimmedSheet& s : list->sheets) {
      waste += s.waste_mm2;
      offcuts += static_cast<int>(s.offcuts.size());
    }
  std::map<int, int> taken;
  for (const TrimmedSheet& s : cut.own.sheets) ++taken[s.sheet];
  for (const auto& [k, n] : taken) {
    const StockSheet& s = cut.stock[ix(k)];
    out << tr("%1 of %2 from the drawer").arg(sheetCountWords(n), sheetName(s.width_mm, s.height_mm, style));
  }
  if (!cut.bought.sheets.empty())
    out << tr("%1 of %2 to get")
               .arg(sheetCountWords(static_cast<int>(cut.bought.sheets.size())),
                    QString::fromStdString(cut.usual[0].name));
  if (out.isEmpty()) return tr("nothing can be cut from what is there");
  QString words = andList(out);
  if (used > 0) words += tr("; %1 % of it is waste").arg(100 * waste / used, 0, 'f', 0);
  if (offcuts > 0)
    words += offcuts == 1 ? tr(", one offcut is kept") : tr(", %1 offcuts are kept").arg(offcuts);
  if (cut.acrossGrain)
    words +=
        tr("; the drawer has paper with room for more, but its fibres run across the fold, where it would "
           "crack");
  return words;
}

QString tooLargeWords(const DrawerCut& cut, MeasureStyle style) {
  if (cut.bought.left.empty()) return {};
  QStringList out;
  for (int k : cut.bought.left) {
    const WantedPiece& p = cut.missing[ix(k)];
    const QString words =
        tr("%1 of %2").arg(QString::fromStdString(p.name), sizeOf(p.width_mm, p.height_mm, style));
    if (!out.contains(words)) out << words;
  }
  return tr("No sheet is large enough for %1. A larger sheet in the drawer, or a base that is folded the "
            "other "
            "way or joined of two leaves, helps.")
      .arg(andList(out));
}

QString needWords(const StockNeed& need, MeasureStyle style) {
  switch (need.what) {
    case What::Paper:
      return tr("%1 of %2")
          .arg(sheetCountWords(need.count), paperWords(need.name, need.colour, need.thickness_mm));
    case What::Ink: {
      const QString name = QString::fromStdString(need.name);
      const QString times = need.count == 1 ? tr("once") : tr("%1 times").arg(need.count);
      return need.area_mm2 > 0
                 ? tr("%1: taken %2, about %3 of card").arg(name, times, areaWords(need.area_mm2, style))
                 : tr("%1: taken %2").arg(name, times);
    }
    case What::Powder:
      return need.count == 1 ? tr("embossing powder for one thing")
                             : tr("embossing powder for %1 things").arg(need.count);
    case What::Adhesive:
      return tr("adhesive strip or slow glue, about %1").arg(lengthOfStrip(need.length_mm, style));
    case What::Foam:
      return tr("%1 dots of foam, %2 high").arg(need.count).arg(mm(need.thickness_mm));
    case What::Envelope:
      return need.count == 1
                 ? tr("1 envelope of %1").arg(sizeOf(need.width_mm, need.height_mm, style))
                 : tr("%1 envelopes of %2").arg(need.count).arg(sizeOf(need.width_mm, need.height_mm, style));
    case What::MaskingPaper:
      return need.count == 1 ? tr("masking paper for one mask")
                             : tr("masking paper for %1 masks").arg(need.count);
  }
  return {};
}

QString stateWords(const StockNeed& need) {
  switch (need.state) {
    case State::Enough:
      return tr("there is enough");
    case State::Unknown:
      return tr("the drawer does not know it");
    case State::RunsLow:
      return tr("it runs low");
    case State::Missing:
      if (need.what == What::Ink || need.what == What::Adhesive || need.what == What::Powder)
        return tr("there is none left");
      if (need.what == What::MaskingPaper)
        return need.lacking == 1 ? tr("1 sheet is missing") : tr("%1 sheets are missing").arg(need.lacking);
      return need.lacking == 1 ? tr("1 is missing") : tr("%1 are missing").arg(need.lacking);
  }
  return {};
}

QStringList shoppingWords(const std::vector<StockNeed>& needs, MeasureStyle style) {
  QStringList out;
  for (const StockNeed& n : needs) {
    if (n.state == State::Enough ||
        (n.state == State::Unknown && n.what != What::Paper && n.what != What::Envelope))
      continue;
    StockNeed buy = n;
    if (n.lacking > 0) buy.count = n.lacking;
    if (n.what == What::Ink) {
      out << (n.state == State::RunsLow ? tr("%1: runs low").arg(QString::fromStdString(n.name))
                                        : tr("%1: used up").arg(QString::fromStdString(n.name)));
    } else if (n.what == What::MaskingPaper && n.lacking > 0) {
      out << (n.lacking == 1 ? tr("1 sheet of masking paper")
                             : tr("%1 sheets of masking paper").arg(n.lacking));
    } else if (n.what == What::Paper) {
      if (n.lacking == 0) continue;
      const QString size =
          n.width_mm > 0 ? tr(", %1").arg(sizeOf(n.width_mm, n.height_mm, style)) : QString();
      out << needWords(buy, style) + size;
    } else {
      out << needWords(buy, style) + (n.state == State::RunsLow ? tr(" (runs low)") : QString());
    }
  }
  return out;
}

QString goodWords(const DrawerGood& good, MeasureStyle style) {
  QStringList out;
  if (good.count) {
    out << QString::number(*good.count);
  } else {
    out << (good.left == Left::Enough ? tr("enough")
            : good.left == Left::Low  ? tr("runs low")
                                      : tr("used up"));
  }
  if (good.kind == GoodKind::Envelope && good.width_mm > 0)
    out << sizeOf(good.width_mm, good.height_mm, style);
  if (good.kind == GoodKind::Foam && good.thickness_mm > 0) out << mm(good.thickness_mm);
  if (const QString worked = workedWords(good, style); !good.count && !worked.isEmpty()) out << worked;
  return out.join(QStringLiteral(", "));
}

QString workedWords(const DrawerGood& good, MeasureStyle style) {
  if (good.worked <= 0 || good.kind == GoodKind::Masking) return {};
  if (const auto share = shareUsed(good)) {
    if (*share < 0.2) return tr("hardly used");
    if (*share < 0.4) return tr("about a third of what it bears is used");
    if (*share < 0.6) return tr("about half of what it bears is used");
    if (*share < 0.85) return tr("about three quarters of what it bears are used");
    return *share < 1.15 ? tr("about as much is used as it bears") : tr("it bore more than before");
  }
  return good.kind == GoodKind::Ink ? tr("%1 inked since it was full").arg(areaWords(good.worked, style))
                                    : tr("%1 used since it was full").arg(lengthOfStrip(good.worked, style));
}

QString usedUpWords(const UsedUp& use, MeasureStyle style) {
  const DrawerGood& after = use.after;
  QString out = capital(needWords(use.need, style));
  if (use.lacking > 0) {
    out += use.lacking == 1 ? tr(": one more than the drawer says")
                            : tr(": %1 more than the drawer says").arg(use.lacking);
  } else if (after.count && use.need.what == What::MaskingPaper) {
    out += *after.count == *use.before.count ? tr(": from the sheet at hand")
           : *after.count == 1               ? tr(": 1 whole sheet is left")
                                             : tr(": %1 whole sheets are left").arg(*after.count);
  } else if (after.count) {
    out += *after.count == 0 ? tr(": none is left") : tr(": %1 are left").arg(*after.count);
  } else if (const QString worked = workedWords(after, style);
             !worked.isEmpty() && (use.before.worked > 0 || shareUsed(after))) {
    out += QStringLiteral("; ") + worked;
  }
  return out + u'.';
}

QString usedWords(const LogEntry::Used& used, MeasureStyle style) {
  StockNeed need;
  for (const What what :
       {What::Ink, What::Powder, What::Adhesive, What::Foam, What::Envelope, What::MaskingPaper})
    if (used.what == wordOf(what)) need.what = what;
  const auto n = static_cast<int>(used.amount);
  switch (need.what) {
    case What::Ink:
      return used.amount > 0
                 ? tr("%1 of %2").arg(areaWords(used.amount, style), QString::fromStdString(used.name))
                 : QString::fromStdString(used.name);
    case What::Adhesive:
      return tr("%1 of adhesive").arg(lengthOfStrip(used.amount, style));
    case What::MaskingPaper:
      return tr("%1 of masking paper").arg(areaWords(used.amount, style));
    case What::Foam:
      return n == 1 ? tr("1 dot of foam") : tr("%1 dots of foam").arg(n);
    case What::Envelope:
      return n == 1 ? tr("1 envelope") : tr("%1 envelopes").arg(n);
    case What::Powder:
      return tr("embossing powder");
    case What::Paper:
      return {};
  }
  return {};
}

QString groupName(const Plan& plan, const BatchGroup& group) {
  if (group.variation < 0) return tr("as planned");
  const QString name = QString::fromStdString(plan.making.variations[ix(group.variation)].name);
  return name.isEmpty() ? tr("variation %1").arg(group.variation + 1) : name;
}

QString stationTitle(const Plan& plan, const Batch& batch, const Station& s) {
  if (s.face >= 0) {
    // On the inside or the envelope: told by itself, with where it is.
    const BatchFace& face = batch.faces[ix(s.face)];
    Station alone = s;
    alone.face = -1;
    Batch own;
    own.groups = {{-1, batch.cards, face.analysis}};
    return tr("%1: %2").arg(capital(pieceName(plan, face.piece)), stationTitle(face.plan, own, alone));
  }
  // What every card shares is told as the first group has it, which may be a variation itself.
  const Plan own = groupPlan(plan, batch.groups[ix(std::max(0, s.group))].variation, s.cards);
  std::vector<int> things;
  for (const std::string& id : s.impressions)
    if (const int i = own.indexOf(id); i >= 0 && std::find(things.begin(), things.end(), i) == things.end())
      things.push_back(i);
  const QString what = things.empty() ? QString() : listOf(own, things);
  const Ink* ink = s.ink.empty() ? nullptr : own.ink(s.ink);
  const AnalysisRef& a = batch.groups[ix(std::max(0, s.group))].analysis;
  const auto firstTitle = [&] {
    for (int k : s.steps) {
      const Step& step = a->sheet.steps[ix(k)];
      if (step.what != Do::MaskOn && step.what != Do::Tape && step.what != Do::MaskOff)
        return wordsOf(own, *a, step, MeasureStyle::Millimetres).title;
    }
    return QString();
  };
  switch (s.kind) {
    case Station::Kind::Masks:
      if (s.masks == 0) return firstTitle();
      if (ink)
        return (s.masks == 1 ? tr("Print 1 mask in %1") : tr("Print %1 masks in %2").arg(s.masks))
            .arg(inkName(*ink));
      return s.masks == 1 ? tr("Cut 1 mask") : tr("Cut %1 masks").arg(s.masks);
    case Station::Kind::Stamp:
      return ink ? tr("Stamp in %1: %2").arg(inkName(*ink), what) : tr("Stamp %1").arg(what);
    case Station::Kind::Assemble: {
      const auto acts = std::count_if(s.steps.begin(), s.steps.end(),
                                      [&](int k) { return a->sheet.steps[ix(k)].what != Do::MaskOff; });
      return acts > 1 ? tr("%1, and %2 more to put together").arg(firstTitle()).arg(acts - 1) : firstTitle();
    }
    case Station::Kind::Hand:
    case Station::Kind::Cut: {
      const auto acts = s.steps.size();
      return acts > 1 ? tr("%1, and %2 more alike").arg(firstTitle()).arg(acts - 1) : firstTitle();
    }
    default:
      return firstTitle();
  }
}

QString stationDetail(const Plan& plan, const Batch& batch, const Station& s) {
  QStringList out;
  if (s.kind == Station::Kind::Masks) {
    out << (s.ink.empty() ? (s.masks == 1 ? tr("from its dry print, %1") : tr("from their dry prints, %1"))
                                .arg(minutesWords(s.minutes))
                          : tr("on masking paper, %1; they dry meanwhile").arg(minutesWords(s.minutes)));
    return out.join(QStringLiteral("; "));
  }
  const QString on = s.group < 0 || batch.groups.size() < 2
                         ? cards(s.cards)
                         : tr("%1, %2").arg(cards(s.cards), groupName(plan, batch.groups[ix(s.group)]));
  out << (s.cards == 1 && s.group < 0
              ? minutesWords(s.minutes)
              : tr("on %1, %2 each, %3 in all")
                    .arg(on, minutesWords(s.minutes / s.cards), minutesWords(s.minutes)));
  if (s.dry_min >= 1) out << tr("dries %1").arg(minutesWords(s.dry_min));
  if (s.rackWait_min > 0.5) out << tr("the rack is full: hands wait %1").arg(minutesWords(s.rackWait_min));
  if (s.wait_min > 0.5) out << tr("then wait %1").arg(minutesWords(s.wait_min));
  return out.join(QStringLiteral("; "));
}

QString stationSetUp(const Plan& plan, const Station& s) {
  QStringList out;
  // What a station is called names the ink already where it stamps or prints.
  const bool named = s.kind == Station::Kind::Stamp || s.kind == Station::Kind::Masks;
  if (const Ink* ink = s.ink.empty() || named ? nullptr : plan.ink(s.ink)) out << inkName(*ink);
  if (s.masks > 0 && s.cards > 1 && s.kind != Station::Kind::Masks)
    out << (s.masks == 1 ? tr("a mask that goes from card to card")
                         : tr("%1 masks that go from card to card").arg(s.masks));
  if (s.drying > 1 && s.dry_min >= 1) out << tr("room for %1 cards to dry").arg(s.drying);
  return out.isEmpty() ? QString() : tr("Set up: %1").arg(out.join(QStringLiteral(", ")));
}

QStringList batchFacts(const Plan& plan, const Batch& batch) {
  QStringList out;
  if (batch.cards == 1) return {tr("One card takes about %1.").arg(minutesWords(batch.minutes))};
  out << tr("%1 in about %2, %3 a card; one by itself takes %4.")
             .arg(cards(batch.cards), minutesWords(batch.minutes), minutesWords(batch.minutes / batch.cards),
                  minutesWords(batch.alone_min));
  if (batch.spared_min >= 1) out << tr("As a line of work it spares %1.").arg(minutesWords(batch.spared_min));
  if (batch.groups.size() > 1) {
    QStringList groups;
    for (const BatchGroup& g : batch.groups) groups << tr("%1 %2").arg(g.cards).arg(groupName(plan, g));
    out << tr("Of them %1.").arg(andList(groups));
  }
  if (batch.mostDrying > 1)
    out << (plan.making.rack > 0 && batch.rackWait_min > 0.5
                ? tr("A rack of %1 makes hands wait %2 in all.")
                      .arg(plan.making.rack)
                      .arg(minutesWords(batch.rackWait_min))
                : tr("At most %1 lie and dry at a time.").arg(batch.mostDrying));
  return out;
}

QString cutPieceName(const std::string& name) {
  if (name == "base") return pieceKindName(PieceKind::Base);
  if (name == "panel") return pieceKindName(PieceKind::Panel);
  const QString given = QString::fromStdString(name);
  const QLatin1String mat("mat ");
  return given.startsWith(mat) ? pieceKindName(PieceKind::Mat) + given.mid(mat.size() - 1) : given;
}

}  // namespace havlo
