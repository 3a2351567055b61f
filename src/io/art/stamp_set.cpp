#include "io/art/stamp_set.h"

#include <QDomDocument>
#include <QHash>
#include <QPainter>
#include <QRegularExpression>
#include <QSet>
#include <QSvgRenderer>
#include <cmath>

#include "io/art/plain_svg.h"
#include "io/files/errors.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr double kLayerGap_mm = 3;  // groups that lie nearer belong together, as marks on a scan do
constexpr int kInk = 250;           // paler than this is paper
constexpr double kLook_px = 1600;   // longest side of the picture in which ink is looked for
constexpr double kFinest_pxPerMm = 1200 / kMmPerInch, kMostPixels = 4e7, kMostSide_px = 30000;

bool isDrawn(const QDomElement& e) {
  return e.tagName() != QLatin1String("defs") && !e.tagName().endsWith(QLatin1String("Gradient")) &&
         e.attribute(QStringLiteral("display")) != QLatin1String("none");
}

bool isGroup(const QDomElement& e) {
  return e.tagName() == QLatin1String("g") || e.tagName() == QLatin1String("svg");
}

std::vector<QDomElement> drawnIn(const QDomElement& parent) {
  std::vector<QDomElement> out;
  for (QDomElement e = parent.firstChildElement(); !e.isNull(); e = e.nextSiblingElement())
    if (isDrawn(e)) out.push_back(e);
  return out;
}

/// A name that a hand gave: a label, else an id that no program numbered.
QString nameOf(const QDomElement& e) {
  static const QRegularExpression numbered(
      QStringLiteral("^(g|group|layer|path|rect|svg|use|shape|object|text|compound)?[-_ ]?[0-9.]*$"),
      QRegularExpression::CaseInsensitiveOption);
  for (const char* attribute : {"aria-label", "id"}) {
    QString name = e.attribute(QLatin1String(attribute));
    if (name.isEmpty() || numbered.match(name).hasMatch()) continue;
    name.replace(u'_', u' ').replace(u'-', u' ');
    name = name.simplified().left(80);
    if (!name.isEmpty()) return name.left(1).toUpper() + name.mid(1);
  }
  return {};
}

/// What the drawing refers to by name.
class Named {
 public:
  explicit Named(const QDomElement& root) { gather(root); }

  /// Appends to `defs` copies of all that `part` needs and that does not lie in it.
  void bring(const QDomElement& part, QDomElement& defs) const {
    QSet<QString> has, wanted;
    read(part, has, wanted);
    QSet<QString> brought;
    while (!wanted.isEmpty()) {
      QSet<QString> next;
      for (const QString& id : std::as_const(wanted)) {
        const auto at = m_byId.constFind(id);
        if (has.contains(id) || brought.contains(id) || at == m_byId.constEnd()) continue;
        brought.insert(id);
        defs.appendChild(at->cloneNode(true));
        read(*at, brought, next);
      }
      wanted = next;
    }
  }

 private:
  QHash<QString, QDomElement> m_byId;

  void gather(const QDomElement& e) {
    if (const QString id = e.attribute(QStringLiteral("id")); !id.isEmpty() && !m_byId.contains(id))
      m_byId.insert(id, e);
    for (QDomElement c = e.firstChildElement(); !c.isNull(); c = c.nextSiblingElement()) gather(c);
  }

  static void read(const QDomElement& e, QSet<QString>& has, QSet<QString>& wanted) {
    static const QRegularExpression link(QStringLiteral("url\\(\\s*['\"]?#([^)'\"]+)"));
    const QDomNamedNodeMap all = e.attributes();
    for (int k = 0; k < all.count(); ++k) {
      const QDomAttr a = all.item(k).toAttr();
      const QString name = a.name(), value = a.value();
      if (name == QLatin1String("id")) has.insert(value);
      if (name.endsWith(QLatin1String("href")) && value.startsWith(u'#')) wanted.insert(value.mid(1));
      for (auto m = link.globalMatch(value); m.hasNext();) wanted.insert(m.next().captured(1).trimmed());
    }
    for (QDomElement c = e.firstChildElement(); !c.isNull(); c = c.nextSiblingElement()) read(c, has, wanted);
  }
};

/// The drawing with one of its parts alone, in the sheaths that lie round it.
QByteArray alone(const QDomElement& part, const Named& named) {
  std::vector<QDomElement> sheaths;
  for (QDomElement e = part.parentNode().toElement(); !e.isNull(); e = e.parentNode().toElement())
    sheaths.push_back(e);
  QDomDocument out;
  QDomElement defs =
      out.createElement(QStringLiteral("defs"));  // before that it is no document that takes anything
  QDomNode at = out;
  for (auto s = sheaths.rbegin(); s != sheaths.rend(); ++s) {
    at = at.appendChild(out.importNode(*s, false));
    if (s != sheaths.rbegin()) continue;
    named.bring(part, defs);
    if (defs.hasChildNodes()) at.appendChild(defs);
  }
  at.appendChild(out.importNode(part, true));
  return out.toByteArray(-1);
}

bool lieApart(const std::vector<QRectF>& areas) {
  for (size_t a = 0; a < areas.size(); ++a)
    for (size_t b = a + 1; b < areas.size(); ++b) {
      const double across =
          std::fmax(areas[a].left(), areas[b].left()) - std::fmin(areas[a].right(), areas[b].right());
      const double down =
          std::fmax(areas[a].top(), areas[b].top()) - std::fmin(areas[a].bottom(), areas[b].bottom());
      if (std::fmax(across, down) < kLayerGap_mm) return false;
    }
  return true;
}

class Apart {
 public:
  Apart(const QDomElement& root, QSizeF size_mm, const Progress& progress)
      : m_named(root), m_size(size_mm), m_progress(progress) {}

  /// The groups at this height or, where they are layers, in them.
  void take(const std::vector<QDomElement>& parts, StampSet& set) {
    for (const QDomElement& e : parts) {
      if (m_progress.stopped() || tooMany(set)) return;
      if (!isGroup(e)) {
        ++set.loose;
        continue;
      }
      if (const auto inner = asLayer(e)) {
        take(*inner, set);
        continue;
      }
      QByteArray svg = alone(e, m_named);
      if (!inkedPart(svg, m_size).isEmpty()) set.groups.push_back({nameOf(e), std::move(svg)});
    }
  }
  static bool tooMany(const StampSet& set) { return set.groups.size() > kMostInSet; }

 private:
  Named m_named;
  QSizeF m_size;
  const Progress& m_progress;

  std::optional<std::vector<QDomElement>> asLayer(const QDomElement& e) const {
    std::vector<QDomElement> inner = drawnIn(e);
    if (inner.size() < 2 || inner.size() > kMostInSet || !std::all_of(inner.begin(), inner.end(), isGroup))
      return {};
    std::vector<QRectF> areas;
    for (const QDomElement& i : inner) {
      if (m_progress.stopped()) return {};
      if (const QRectF area = inkedPart(alone(i, m_named), m_size); !area.isEmpty()) areas.push_back(area);
    }
    if (areas.size() < 2 || !lieApart(areas)) return {};
    return inner;
  }
};

}  // namespace

double fineness(QSizeF area_mm) {
  return std::min({kFinest_pxPerMm, std::sqrt(kMostPixels / (area_mm.width() * area_mm.height())),
                   (kMostSide_px - 1) / std::max(area_mm.width(), area_mm.height())});
}

Result<QSizeF> drawingSize(const QByteArray& svg, std::optional<QSizeF> stated) {
  QSvgRenderer renderer(svg);
  if (!renderer.isValid()) return cannotRead(tr("the file is not a drawing that can be read"));
  QRectF view = renderer.viewBoxF();
  if (view.isEmpty()) view = QRectF(QPointF(), renderer.defaultSize());
  if (!(view.width() > 0 && view.height() > 0 && view.width() < 1e6 && view.height() < 1e6))
    return badInput(tr("the drawing has no usable size"));
  // Without units one unit is a 96th of an inch, as CSS has it: a guess that the maker is asked about.
  const QSizeF mm = stated ? *stated : view.size() * (kMmPerInch / 96);
  if (mm.width() > 2000 || mm.height() > 2000 || mm.width() < 0.5 || mm.height() < 0.5)
    return badInput(
        tr("the drawing says it is %1 × %2 mm large; a stamp is not").arg(mm.width()).arg(mm.height()));
  return mm;
}

QImage drawnPart(const QByteArray& svg, QSizeF size_mm, const QRectF& area, double pxPerMm) {
  QImage image(static_cast<int>(area.width() * pxPerMm), static_cast<int>(area.height() * pxPerMm),
               QImage::Format_Grayscale8);
  image.fill(Qt::white);
  QSvgRenderer renderer(svg);
  renderer.setAspectRatioMode(Qt::IgnoreAspectRatio);
  QPainter painter(&image);
  painter.setRenderHint(QPainter::Antialiasing);
  renderer.render(&painter, QRectF(-area.left() * pxPerMm, -area.top() * pxPerMm, size_mm.width() * pxPerMm,
                                   size_mm.height() * pxPerMm));
  return image;
}

QRectF inkedPart(const QByteArray& svg, QSizeF size_mm) {
  const double px = std::min(10.0, kLook_px / std::max(size_mm.width(), size_mm.height()));
  const QImage image = drawnPart(svg, size_mm, QRectF(QPointF(), size_mm), px);
  int left = image.width(), right = -1, top = image.height(), bottom = -1;
  for (int y = 0; y < image.height(); ++y) {
    const uchar* row = image.constScanLine(y);
    for (int x = 0; x < image.width(); ++x)
      if (row[x] < kInk) {
        left = std::min(left, x), right = std::max(right, x);
        top = std::min(top, y), bottom = y;
      }
  }
  if (right < 0) return {};
  // A pixel more at each side: thin edges may have been too pale to be seen.
  return QRectF(QPointF((left - 1) / px, (top - 1) / px), QPointF((right + 2) / px, (bottom + 2) / px));
}

Result<StampSet> readStampSet(const QByteArray& svg, const Progress& progress) {
  const auto plain = plainSvg(svg);
  if (!plain) return plain.error();
  const auto size = drawingSize(plain.value().svg, plain.value().size_mm);
  if (!size) return size.error();
  QDomDocument document;
  if (!document.setContent(plain.value().svg))
    return cannotRead(tr("the file is not a drawing that can be read"));
  StampSet out;
  out.size_mm = size.value();
  out.sizeStated = plain.value().size_mm.has_value();
  std::vector<QDomElement> parts = drawnIn(document.documentElement());
  while (parts.size() == 1 && isGroup(parts[0])) parts = drawnIn(parts[0]);
  if (std::none_of(parts.begin(), parts.end(), isGroup)) return out;
  Apart(document.documentElement(), out.size_mm, progress).take(parts, out);
  if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
  if (Apart::tooMany(out)) return badInput(tr("the drawing has more than %1 groups").arg(kMostInSet));
  if (out.groups.size() < 2) out.groups.clear();
  return out;
}

}  // namespace havlo
