#include "io/scan/scan_file.h"

#include <QFile>
#include <QFileInfo>
#include <QImageReader>
#include <algorithm>
#include <cmath>

#include "io/art/plain_svg.h"
#include "io/art/stamp_set.h"
#include "io/files/errors.h"
#include "io/files/whole_file.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr int kAllocation_MB = 700;  // one A4 sheet at 1200 dpi with 4 bytes a pixel takes 560
constexpr qint64 kLargestFile = qint64{1} << 30;

bool tooManyPixels(QSize size) {
  return double(size.width()) * size.height() > kMostScanPixels ||
         std::max(size.width(), size.height()) > kMostScanSide;
}

QString tooLarge(QSize size) {
  return tr("the picture has %1 × %2 pixels; 160 million is the most (a whole A4 sheet at 1200 dpi), and 30 "
            "000 on a "
            "side. Scan a "
            "smaller "
            "area or with fewer dpi")
      .arg(size.width())
      .arg(size.height());
}

bool tooThin(QSize size) { return std::min(size.width(), size.height()) < kLeastScanSide; }
QString tooSmall(QSize size) {
  return tr("the picture has %1 × %2 pixels: too few for a stamp").arg(size.width()).arg(size.height());
}

/// The darkest channel, over white where the picture is see-through.
Scan greyOf(const QImage& image, const Progress& progress) {
  Scan scan;
  scan.width = image.width(), scan.height = image.height();
  scan.grey.resize(ix(scan.width) * ix(scan.height));
  const bool plain = image.format() == QImage::Format_Grayscale8;
  const bool direct =
      plain || image.format() == QImage::Format_RGB32 || image.format() == QImage::Format_ARGB32;
  for (int y = 0; y < scan.height && !progress.stopped(); ++y) {
    uint8_t* to = scan.grey.data() + ix(y) * ix(scan.width);
    if (plain) {
      std::copy(image.constScanLine(y), image.constScanLine(y) + scan.width, to);
      continue;
    }
    // One row at a time: no second whole picture.
    const QImage row =
        direct ? QImage() : image.copy(0, y, scan.width, 1).convertToFormat(QImage::Format_ARGB32);
    const auto* from = reinterpret_cast<const QRgb*>(direct ? image.constScanLine(y) : row.constScanLine(0));
    const bool alpha = image.hasAlphaChannel();
    for (int x = 0; x < scan.width; ++x) {
      const int darkest = std::min({qRed(from[x]), qGreen(from[x]), qBlue(from[x])});
      const int a = alpha ? qAlpha(from[x]) : 255;
      to[x] = static_cast<uint8_t>((darkest * a + 255 * (255 - a)) / 255);
    }
    if (y % 256 == 0) progress.at(0.5 + 0.5 * y / scan.height);
  }
  return scan;
}

/// A JPEG file without its end mark: the reader hands out grey where the rest should be and says nothing.
bool cutShort(QFile& file) {
  constexpr qint64 kTail = 1 << 16;
  file.seek(std::max<qint64>(0, file.size() - kTail));
  return !file.readAll().contains("\xff\xd9");
}

double scaleOf(const QImage& image) {
  const double dpi = image.dotsPerMeterX() * 0.0254;
  const bool guess = std::fabs(dpi - 72) < 0.6 || std::fabs(dpi - 96) < 0.6;
  return guess || dpi < 50 || dpi > 20000 ? 0 : image.dotsPerMeterX() / 1000.0;
}

Result<ReadScan> readDrawing(const QByteArray& svg, const QString& name) {
  const auto plain = plainSvg(svg);
  if (!plain) return plain.error();
  const auto size = drawingSize(plain.value().svg, plain.value().size_mm);
  if (!size) return size.error();
  const QSizeF mm = size.value();
  const QRectF area =
      QRectF(QPointF(), mm).marginsAdded({kDrawingRim_mm, kDrawingRim_mm, kDrawingRim_mm, kDrawingRim_mm});
  const double px = fineness(area.size());
  ReadScan out;
  out.scan = greyOf(drawnPart(plain.value().svg, mm, area, px), {});
  out.scan.pxPerMm = px;
  out.scale = plain.value().size_mm ? ScaleFrom::Drawing : ScaleFrom::Unknown;
  out.name = name;
  return out;
}

/// A file that is not empty and not too large. @error  CannotRead, BadInput
Result<bool> opened(QFile& file, const QString& path) {
  if (!openForReading(file, path))
    return cannotRead(tr("cannot open %1: %2").arg(QFileInfo(path).fileName(), file.errorString()));
  if (file.size() > kLargestFile) return badInput(tr("the file is larger than 1 GB"));
  if (file.size() == 0) return cannotRead(tr("the file is empty"));
  return true;
}

/// The pixels of a picture file. @error  CannotRead, BadInput, Stopped
Result<QImage> readPixels(QFile& file, const Progress& progress) {
  QImageReader::setAllocationLimit(kAllocation_MB);
  QImageReader reader(&file);
  reader.setDecideFormatFromContent(true);
  reader.setAutoTransform(true);
  if (!reader.canRead())
    return cannotRead(tr("the file is not a picture that can be read (PNG, JPEG, TIFF or SVG)"));
  const QSize size = reader.size();
  if (size.isValid() && tooManyPixels(size)) return badInput(tooLarge(size));
  if (size.isValid() && tooThin(size)) return badInput(tooSmall(size));
  progress.at(0.1);
  const bool jpeg = reader.format() == "jpeg";  // the reader forgets it with reading
  QImage image = reader.read();
  if (image.isNull()) return cannotRead(tr("the picture cannot be read: %1").arg(reader.errorString()));
  if (jpeg && cutShort(file)) return cannotRead(tr("the picture is cut short"));
  if (tooManyPixels(image.size())) return badInput(tooLarge(image.size()));
  if (tooThin(image.size())) return badInput(tooSmall(image.size()));
  if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
  return image;
}

}  // namespace

Result<ReadScan> readScanFile(const QString& path, const Progress& progress) {
  QFile file(path);
  if (const auto open = opened(file, path); !open) return open.error();
  const QString name = QFileInfo(path).completeBaseName();
  if (looksLikeSvg(file.peek(4096))) {
    if (file.size() > kLargestDrawing)
      return badInput(tr("the drawing is larger than %1 MB").arg(kLargestDrawing >> 20));
    return readDrawing(file.readAll(), name);
  }
  const auto read = readPixels(file, progress);
  if (!read) return read.error();
  const QImage& image = read.value();
  ReadScan out;
  out.scan = greyOf(image, progress);
  if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
  out.scan.pxPerMm = scaleOf(image);
  out.scale = out.scan.pxPerMm > 0 ? ScaleFrom::File : ScaleFrom::Unknown;
  out.name = name;
  return out;
}

Result<ReadScan> readScanImage(const QImage& image, const QString& name) {
  if (image.isNull()) return badInput(tr("there is no picture"));
  if (tooManyPixels(image.size())) return badInput(tooLarge(image.size()));
  if (tooThin(image.size())) return badInput(tooSmall(image.size()));
  ReadScan out;
  out.scan = greyOf(image, {});
  out.scan.pxPerMm = scaleOf(image);
  out.scale = out.scan.pxPerMm > 0 ? ScaleFrom::File : ScaleFrom::Unknown;
  out.name = name;
  return out;
}

ColourScan coloursOf(const QImage& image) {
  const QImage flat = image.convertToFormat(QImage::Format_RGB888);
  ColourScan out{flat.width(), flat.height(), {}};
  out.rgb.reserve(3 * ix(out.width) * ix(out.height));
  for (int y = 0; y < out.height; ++y)
    out.rgb.insert(out.rgb.end(), flat.constScanLine(y), flat.constScanLine(y) + 3 * out.width);
  return out;
}

namespace {

/// A picture no larger than `longest_px` along a side. @error  as readColourScan
Result<ReadColours> readColours(const QString& path, int longest_px, const Progress& progress) {
  QFile file(path);
  if (const auto open = opened(file, path); !open) return open.error();
  if (looksLikeSvg(file.peek(4096))) return badInput(tr("that is a drawing; a scan or photo is wanted"));
  const auto read = readPixels(file, progress);
  if (!read) return read.error();
  const QImage& whole = read.value();
  const bool large = std::max(whole.width(), whole.height()) > longest_px;
  ReadColours out;
  out.picture =
      (large ? whole.scaled(longest_px, longest_px, Qt::KeepAspectRatio, Qt::SmoothTransformation) : whole)
          .convertToFormat(QImage::Format_RGB888);
  out.scan = coloursOf(out.picture);
  const double lessened = static_cast<double>(out.picture.width()) / whole.width();
  if (const double perMm = scaleOf(whole); perMm > 0) out.dpi = perMm * lessened * kMmPerInch;
  return out;
}

}  // namespace

Result<ReadColours> readColourScan(const QString& path, const Progress& progress) {
  constexpr int kLongest_px = 1600;  // patches of colour need no more
  return readColours(path, kLongest_px, progress);
}

Result<ReadColours> readCardPicture(const QString& path, const Progress& progress) {
  constexpr int kLongest_px = 5000;
  return readColours(path, kLongest_px, progress);
}

}  // namespace havlo
