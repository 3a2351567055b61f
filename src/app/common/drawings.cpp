#include "app/common/drawings.h"

#include <QFile>
#include <QHash>
#include <QIconEngine>
#include <QSvgRenderer>
#include <cmath>

#include "app/theme/theme.h"

namespace havlo {
namespace {

/// The ink of a drawing at a size, as a mask: drawn once.
QImage maskOf(const QString& name, int px) {
  static QHash<QString, QImage> known;
  const QString key = QStringLiteral("%1 %2").arg(name).arg(px);
  const auto it = known.constFind(key);
  if (it != known.constEnd()) return *it;
  QImage mask(px, px, QImage::Format_ARGB32_Premultiplied);
  mask.fill(Qt::transparent);
  const QString file = QStringLiteral(":/drawings/%1.svg").arg(name);
  if (QFile::exists(file)) {
    QSvgRenderer drawing(file);
    QPainter p(&mask);
    drawing.render(&p);
  }
  known.insert(key, mask);
  return mask;
}

QPixmap inkedPixmap(const QString& name, int px, const QColor& ink) {
  QImage inked = maskOf(name, px);
  QPainter p(&inked);
  p.setCompositionMode(QPainter::CompositionMode_SourceIn);
  p.fillRect(inked.rect(), ink);
  p.end();
  return QPixmap::fromImage(inked);
}

/// Draws when it is looked at, in the inks of the ground that then lies: most menus are never opened.
class DrawingEngine : public QIconEngine {
 public:
  explicit DrawingEngine(const QString& name) : m_name(name) {}

  void paint(QPainter* painter, const QRect& at, QIcon::Mode mode, QIcon::State state) override {
    const int side = std::min(at.width(), at.height());
    QRect square(0, 0, side, side);
    square.moveCenter(at.center());
    drawDrawing(*painter, m_name, square, inkFor(mode, state));
  }
  QPixmap pixmap(const QSize& size, QIcon::Mode mode, QIcon::State state) override {
    return inkedPixmap(m_name, std::max(1, std::min(size.width(), size.height())), inkFor(mode, state));
  }
  QString key() const override { return QStringLiteral("HavloDrawing"); }
  QIconEngine* clone() const override { return new DrawingEngine(m_name); }

 private:
  static QColor inkFor(QIcon::Mode mode, QIcon::State state) {
    if (mode == QIcon::Disabled) return theme().soft;
    return state == QIcon::On ? theme().onGreen : theme().green;
  }

  QString m_name;
};

}  // namespace

void drawDrawing(QPainter& painter, const QString& name, const QRectF& at, const QColor& ink) {
  const double ratio = painter.device() ? painter.device()->devicePixelRatioF() : 1;
  const int px = std::max(1, static_cast<int>(std::lround(at.width() * ratio)));
  painter.drawPixmap(at, inkedPixmap(name, px, ink), QRectF(0, 0, px, px));
}

QIcon drawingIcon(const QString& name) { return QIcon(new DrawingEngine(name)); }

QPushButton* drawnButton(const char* drawing, const QString& text) {
  auto* button = new QPushButton(drawingIcon(QLatin1String(drawing)), text);
  const int side = qRound(18 * std::sqrt(textScale()));
  button->setIconSize(QSize(side, side));
  return button;
}

QString drawingOfAct(const QString& command) {
  static const QHash<QString, const char*> all{{"new", "act-new"},
                                               {"begin", "place-card"},
                                               {"open", "act-open"},
                                               {"save", "act-save"},
                                               {"saveAs", "act-save"},
                                               {"title", "act-title"},
                                               {"changes", "act-compare"},
                                               {"exportCard", "act-out"},
                                               {"exportLayers", "act-front"},
                                               {"exportZip", "act-out"},
                                               {"exportMeasures", "act-measure"},
                                               {"quit", "act-leave"},
                                               {"undo", "act-undo"},
                                               {"redo", "act-redo"},
                                               {"addStamp", "act-add"},
                                               {"addFromScan", "act-scan"},
                                               {"another", "act-another"},
                                               {"copyThings", "act-copy"},
                                               {"cutThings", "do-cut"},
                                               {"pasteThings", "act-paste"},
                                               {"chooseAll", "act-choose"},
                                               {"chooseKind", "act-choose"},
                                               {"remove", "act-off"},
                                               {"hero", "act-hero"},
                                               {"toFront", "act-front"},
                                               {"toBack", "act-behind"},
                                               {"upright", "act-upright"},
                                               {"left", "act-measure"},
                                               {"bottom", "act-measure"},
                                               {"lineNear", "act-line"},
                                               {"lineFar", "act-line"},
                                               {"evenPicture", "act-even"},
                                               {"evenScene", "act-even"},
                                               {"row", "act-row"},
                                               {"crowd", "act-crowd"},
                                               {"hold", "act-hold"},
                                               {"hide", "act-hide"},
                                               {"showAll", "act-see"},
                                               {"closer", "act-closer"},
                                               {"farther", "act-farther"},
                                               {"whole", "act-whole"},
                                               {"loupe", "act-find"},
                                               {"walk", "act-walk"},
                                               {"handbook", "act-handbook"},
                                               {"findAct", "act-find"},
                                               {"explain", "act-explain"},
                                               {"about", "act-about"},
                                               {"card", "place-card"},
                                               {"drawer", "place-drawer"},
                                               {"scene", "place-scene"},
                                               {"order", "place-order"},
                                               {"ink", "place-ink"},
                                               {"colour", "place-colour"},
                                               {"make", "place-make"},
                                               {"log", "place-log"},
                                               {"practice", "act-practice"},
                                               {"arrange", "act-arrange"},
                                               {"demo", "act-demo"}};
  if (const char* one = all.value(command)) return QLatin1String(one);
  if (command.startsWith(QLatin1String("print"))) return QStringLiteral("act-print");
  if (command.startsWith(QLatin1String("export"))) return QStringLiteral("act-out");
  return {};
}

QString drawingOf(Do step) {
  switch (step) {
    case Do::Cut:
    case Do::CutMask:
      return QStringLiteral("do-cut");
    case Do::Tape:
      return QStringLiteral("do-tape");
    case Do::Stamp:
      return QStringLiteral("place-make");
    case Do::MaskOn:
      return QStringLiteral("do-mask-on");
    case Do::MaskOff:
      return QStringLiteral("do-mask-off");
    case Do::Dry:
      return QStringLiteral("do-dry");
    case Do::Wash:
      return QStringLiteral("do-wash");
    case Do::Emboss:
      return QStringLiteral("do-emboss");
    case Do::Wipe:
      return QStringLiteral("do-wipe");
    case Do::Draw:
      return QStringLiteral("do-draw");
    case Do::Colour:
      return QStringLiteral("place-colour");
    case Do::Attach:
      return QStringLiteral("do-attach");
    case Do::Trim:
      return QStringLiteral("do-trim");
    case Do::Print:
      return QStringLiteral("do-print");
    case Do::Accent:
      return QStringLiteral("do-accent");
    case Do::Lift:
      return QStringLiteral("do-lift");
    case Do::Own:
      return QStringLiteral("do-own");
    case Do::Pencil:
      return QStringLiteral("do-pencil");
    case Do::Erase:
      return QStringLiteral("do-erase");
    case Do::Score:
      return QStringLiteral("do-score");
    case Do::Glue:
      return QStringLiteral("do-glue");
    case Do::Enclose:
      return QStringLiteral("do-enclose");
  }
  return {};
}

}  // namespace havlo
