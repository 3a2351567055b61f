#include "io/wording/piece_words.h"

#include <algorithm>
#include <cmath>

#include "core/card/card_fit.h"
#include "core/pieces/face_plan.h"
#include "io/wording/card_words.h"
#include "io/wording/cautions.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

/// "the first mat" inside a sentence.
QString layerInside(const Plan& plan, const Layer& layer) {
  const QString name = layerName(plan, layer);
  return name.left(1).toLower() + name.mid(1);
}

QString thick(double mm) { return spoken(QStringLiteral("%1 mm").arg(mm, 0, 'g', 3)); }

/// "181 mm wide, 130 mm high": read aloud at the table.
QString wideAndHigh(double width_mm, double height_mm, MeasureStyle style) {
  return tr("%1 wide, %2 high").arg(lengthText(width_mm, style), lengthText(height_mm, style));
}

StepWords cutWords(const Plan& plan, const Step& step, MeasureStyle style) {
  StepWords w;
  w.care = cautionOf(Danger::Blade);
  if (step.paper >= 0) {
    const Piece& piece = plan.pieces[ix(step.paper)];
    const Box box = boxOf(shapeOf(piece));
    w.title = tr("Cut %1").arg(pieceName(plan, step.paper));
    w.detail = tr("%1, %2").arg(wideAndHigh(box.width(), box.height(), style), pieceCutName(piece.cut));
    if (!piece.paper.name.empty()) w.detail += tr("; from %1").arg(QString::fromStdString(piece.paper.name));
    if (!factsOf(piece.kind).onFace && isPrinted(plan, step.paper))
      w.detail += tr("; what is planned on it is stamped before it is glued in");
    return w;
  }
  const CardFit fit = fitCard(plan);
  const Layer& layer = fit.layers[ix(step.layer)];
  w.title = tr("Cut %1").arg(layerInside(plan, layer));
  w.detail = layer.what == Layer::What::Base
                 ? wideAndHigh(fit.baseSheetWidth_mm, fit.baseSheetHeight_mm, style)
                 : wideAndHigh(layer.box.width(), layer.box.height(), style);
  return w;
}

StepWords scoreWords(const Plan& plan, MeasureStyle style) {
  StepWords w;
  const CardFit fit = fitCard(plan);
  w.title = tr("Score and fold the base");
  w.detail = (fit.scoreUpright ? tr("score it upright, %1 from the left edge")
                               : tr("score it level, %1 from the bottom edge"))
                 .arg(lengthText(fit.scoreAt_mm, style)) +
             tr("; fold it with the ridge of the score inside, and press the fold down");
  return w;
}

/// Where the front goes when the card is opened.
QString insideWay(const Plan& plan) {
  switch (plan.card.base ? foldOf(*plan.card.base) : Fold::None) {
    case Fold::Left:
      return tr("to the left");
    case Fold::Right:
      return tr("to the right");
    case Fold::Top:
      return tr("up");
    case Fold::Bottom:
      return tr("down");
    case Fold::None:
      break;
  }
  return tr("over");
}

StepWords glueWords(const Plan& plan, const Step& step, MeasureStyle style) {
  StepWords w;
  if (step.paper < 0) {
    const CardFit fit = fitCard(plan);
    const Layer &upper = fit.layers[ix(step.layer)], &lower = fit.layers[ix(step.layer) + 1];
    w.title = tr("Glue %1 on %2").arg(layerInside(plan, upper), layerInside(plan, lower));
    const double wide = (lower.box.width() - upper.box.width()) / 2,
                 high = (lower.box.height() - upper.box.height()) / 2;
    w.detail = std::fabs(wide - high) < 0.05 ? tr("%1 showing all round").arg(lengthText(wide, style))
                                             : tr("%1 showing at the sides, %2 above and below")
                                                   .arg(lengthText(wide, style), lengthText(high, style));
    if (upper.what == Layer::What::Panel && plan.card.raise_mm > 0) {
      w.title = tr("Put %1 on foam, on %2").arg(layerInside(plan, upper), layerInside(plan, lower));
      w.detail += tr("; foam of %1 near every edge and in the middle").arg(thick(plan.card.raise_mm));
    } else {
      w.detail += tr("; little glue, so that none comes out at the rim, then a book on it while it sets");
    }
    if (lower.what == Layer::What::Base) w.detail += tr("; line it up at the fold first");
    return w;
  }
  const Piece& piece = plan.pieces[ix(step.paper)];
  if (piece.kind == PieceKind::Inside || piece.kind == PieceKind::Liner) {
    w.title = tr("Glue %1 inside").arg(pieceName(plan, step.paper));
    w.detail = tr("open the card and lay it down with the front turned %1; the right way up as it is read, "
                  "clear of the fold itself")
                   .arg(insideWay(plan));
    return w;
  }
  const Box box = boxOf(onCard(piece));
  w.title =
      (step.what == Do::Attach ? tr("Put %1 on foam") : tr("Glue %1 on")).arg(pieceName(plan, step.paper));
  w.where =
      tr("its left edge %1 from the left, its lower edge %2 from the bottom")
          .arg(lengthText(std::max(0.0, box.left), style), lengthText(std::max(0.0, box.bottom), style));
  w.detail = step.what == Do::Attach ? tr("raised by %1").arg(thick(piece.raise_mm))
                                     : tr("flat; glue that sets slowly leaves time to push it straight");
  const Box panel = plan.card.panel.box();
  const bool over = box.left < 0 || box.bottom < 0 || box.right > panel.right || box.top > panel.top;
  if (over && piece.flush) w.detail += tr("; cut off what hangs over the rim");
  return w;
}

}  // namespace

QString pieceKindName(PieceKind kind) {
  switch (kind) {
    case PieceKind::Panel:
      return tr("panel");
    case PieceKind::Mat:
      return tr("mat");
    case PieceKind::Base:
      return tr("base");
    case PieceKind::Strip:
      return tr("strip");
    case PieceKind::Cutout:
      return tr("cut-out");
    case PieceKind::Plain:
      return tr("plain piece");
    case PieceKind::Inside:
      return tr("panel for the inside");
    case PieceKind::Liner:
      return tr("liner");
    case PieceKind::Envelope:
      return tr("envelope");
    case PieceKind::Flap:
      return tr("flap of the envelope");
  }
  return {};
}

QString pieceName(const Plan& plan, int piece) {
  const Piece& p = plan.pieces[ix(piece)];
  const QString kind = tr("the %1").arg(pieceKindName(p.kind));
  return p.name.empty() ? kind : tr("%1 “%2”").arg(kind, QString::fromStdString(p.name));
}

QString pieceTitle(const Plan& plan, int piece) {
  const Piece& p = plan.pieces[ix(piece)];
  const QString kind = capital(pieceKindName(p.kind));
  return p.name.empty() ? kind : tr("%1 “%2”").arg(kind, QString::fromStdString(p.name));
}

QString pieceCutName(PieceCut cut) {
  switch (cut) {
    case PieceCut::Trimmer:
      return tr("with the trimmer");
    case PieceCut::Hand:
      return tr("by hand along its outline");
    case PieceCut::Die:
      return tr("with its die");
  }
  return {};
}

StepWords assemblyWords(const Plan& plan, const Step& step, MeasureStyle style) {
  switch (step.what) {
    case Do::Cut:
      return cutWords(plan, step, style);
    case Do::Score:
      return scoreWords(plan, style);
    case Do::Enclose: {
      StepWords w;
      const Box box = boxOf(shapeOf(plan.pieces[ix(step.paper)]));
      if (plan.pieces[ix(step.paper)].kind == PieceKind::Flap) {
        w.title = tr("Lay the empty envelope down closed, its flap up");
        w.detail =
            tr("with a sheet of scrap inside, clear of the gum, so that nothing comes through; what is "
               "planned on the flap is stamped now and dries before it is opened");
        return w;
      }
      w.title = tr("Put the card into its envelope");
      w.detail = wideAndHigh(box.width(), box.height(), style);
      if (isPrinted(plan, step.paper))
        w.detail +=
            tr("; stamp it first, empty, with a sheet of scrap inside so that nothing comes through, and "
               "the flap open");
      return w;
    }
    default:
      return glueWords(plan, step, style);
  }
}

QString wordsOf(const Plan& plan, const StackFault& f, MeasureStyle style) {
  const QString piece = f.piece < 0 ? QString() : capital(pieceName(plan, f.piece));
  switch (f.kind) {
    case StackFaultKind::OnGone:
      return tr("%1 lies on something that is not there. Put it on the panel.").arg(piece);
    case StackFaultKind::OffTheCard:
      return tr("%1 does not lie on what it is glued on. Move it onto it.").arg(piece);
    case StackFaultKind::HangsOver:
      return tr("%1 hangs %2 over the card's rim. Cut it flush, or see that the envelope takes it.")
          .arg(piece, lengthText(f.by_mm, style));
    case StackFaultKind::NoEnvelope:
      return tr("No usual envelope takes this card: one has to be folded for it.");
    case StackFaultKind::TooThick:
      return tr("The card is %1 thicker than your post takes. Thinner foam, or something flat, helps.")
          .arg(thick(f.by_mm));
    case StackFaultKind::TooHeavy:
      return tr("The card is %1 g heavier than your post takes. A lighter base or one mat less helps.")
          .arg(f.by_mm, 0, 'f', 0);
    case StackFaultKind::EnvelopeTight:
      return tr("%1 is %2 too small for the card as thick as it is.").arg(piece, lengthText(f.by_mm, style));
    case StackFaultKind::FlapTooLarge:
      return tr("%1 is %2 larger than the envelope has room for. Give it the envelope's size, or take it "
                "off.")
          .arg(piece, lengthText(f.by_mm, style));
  }
  return {};
}

QStringList stackFacts(const Plan& plan, const CardStack& stack, MeasureStyle style) {
  QStringList out;
  const bool foam = std::any_of(stack.sheets.begin(), stack.sheets.end(),
                                [](const StackedSheet& s) { return s.foam_mm > 0; });
  out << (foam ? tr("%1 thick with its foam, about %2 g.") : tr("%1 thick, about %2 g."))
             .arg(thick(std::round(stack.thickness_mm * 10) / 10))
             .arg(stack.weight_g, 0, 'f', 0);
  if (!plan.card.base) return out;
  if (!stack.envelopes.empty()) {
    const EnvelopeFit& first = stack.envelopes.front();
    out << tr("Smallest envelope that takes it: %1, %2.")
               .arg(QString::fromUtf8(first.name.data(), static_cast<qsizetype>(first.name.size())),
                    sizeWords(first.width_mm, first.height_mm, style));
  }
  return out;
}

}  // namespace havlo
