#include "io/art/paper_picture.h"

#include <QBuffer>
#include <QFileInfo>
#include <QImageReader>
#include <algorithm>

#include "io/files/errors.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr int kSide_px = 480, kLargest_px = 20000;
constexpr std::string_view kHead = "data:image/png;base64,";

struct Mean {
  double red = 0, green = 0, blue = 0;
};
Mean meanOf(const QImage& image) {
  Mean m;
  for (int y = 0; y < image.height(); ++y)
    for (int x = 0; x < image.width(); ++x) {
      const QRgb c = image.pixel(x, y);
      m.red += qRed(c), m.green += qGreen(c), m.blue += qBlue(c);
    }
  const double n = std::max(1, image.width() * image.height());
  return {m.red / n, m.green / n, m.blue / n};
}

}  // namespace

Result<PiecePaper> withPictureOf(const PiecePaper& paper, const QString& file) {
  QImageReader reader(file);
  reader.setAutoTransform(true);
  const QSize size = reader.size();
  if (size.width() > kLargest_px || size.height() > kLargest_px)
    return badInput(tr("%1 is larger than a picture of paper can be").arg(QFileInfo(file).fileName()));
  if (size.isValid() && std::max(size.width(), size.height()) > kSide_px)
    reader.setScaledSize(size.scaled(kSide_px, kSide_px, Qt::KeepAspectRatio));
  QImage image = reader.read();
  if (image.isNull())
    return Error{ErrorCode::CannotRead,
                 tr("%1 is no picture that can be read").arg(QFileInfo(file).fileName()).toStdString(),
                 {}};
  image = image.convertToFormat(QImage::Format_RGB32);
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  image.save(&buffer, "PNG");
  const Mean mean = meanOf(image);
  PiecePaper out = paper;
  out.colour = {static_cast<unsigned char>(mean.red + 0.5), static_cast<unsigned char>(mean.green + 0.5),
                static_cast<unsigned char>(mean.blue + 0.5)};
  out.picture = std::string(kHead) + bytes.toBase64().toStdString();
  return out;
}

QImage paperPicture(const PiecePaper& paper) {
  if (!paper.picture.starts_with(kHead) || paper.picture.size() > 4'000'000) return {};
  const QByteArray bytes = QByteArray::fromBase64(QByteArray::fromRawData(
      paper.picture.data() + kHead.size(), static_cast<qsizetype>(paper.picture.size() - kHead.size())));
  QBuffer buffer;
  buffer.setData(bytes);
  QImageReader reader(&buffer, "png");
  if (reader.size().width() > kSide_px * 4 || reader.size().height() > kSide_px * 4) return {};
  return reader.read().convertToFormat(QImage::Format_RGB32);
}

QImage patternOf(const PiecePaper& paper) {
  QImage image = paperPicture(paper);
  if (image.isNull()) return {};
  const auto part = [](int v, unsigned char mean) { return std::min(255, v * 255 / std::max<int>(1, mean)); };
  for (int y = 0; y < image.height(); ++y)
    for (int x = 0; x < image.width(); ++x) {
      const QRgb c = image.pixel(x, y);
      image.setPixel(x, y,
                     qRgb(part(qRed(c), paper.colour.red), part(qGreen(c), paper.colour.green),
                          part(qBlue(c), paper.colour.blue)));
    }
  return image;
}

}  // namespace havlo
