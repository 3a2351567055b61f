// Lines of a PDF's pages. The qpdf bridge.
#include <zlib.h>

#include <QRegularExpression>
#include <QTransform>
#include <cmath>
#define POINTERHOLDER_TRANSITION 4  // the library's own switch: use std::shared_ptr
#include <qpdf/QPDF.hh>
#include <qpdf/QPDFObjectHandle.hh>
#include <qpdf/QPDFPageDocumentHelper.hh>
#include <qpdf/QPDFPageObjectHelper.hh>
#include <stack>
#include <stdexcept>

#include "io/cut/cut_readers.h"
#include "io/cut/line_recorder.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr double kPoint_mm = kMmPerInch / 72;

/// A file that would take too long; it ends the reading of qpdf.
struct TooMuch : std::runtime_error {
  using std::runtime_error::runtime_error;
};

constexpr qint64 kMostUnpacked = 128 << 20;
constexpr size_t kMostOperators = 3'000'000;

/// Inflates every packed stream of the file once, to nowhere, and adds up what comes out.
/// @return whether it stays below kMostUnpacked
bool unpacksWithin(const QByteArray& data) {
  qint64 sum = 0;
  QByteArray block(1 << 16, Qt::Uninitialized);
  for (qsizetype at = data.indexOf("stream"); at >= 0; at = data.indexOf("stream", at)) {
    const bool end = at >= 3 && data.mid(at - 3, 3) == "end";
    at += 6;
    if (end) continue;
    while (at < data.size() && (data[at] == '\r' || data[at] == '\n')) ++at;
    z_stream z{};
    if (inflateInit(&z) != Z_OK) return false;
    z.next_in = reinterpret_cast<Bytef*>(const_cast<char*>(data.constData() + at));
    z.avail_in = static_cast<uInt>(data.size() - at);
    int state = Z_OK;
    while (state == Z_OK && sum <= kMostUnpacked) {
      z.next_out = reinterpret_cast<Bytef*>(block.data());
      z.avail_out = static_cast<uInt>(block.size());
      state = inflate(&z, Z_NO_FLUSH);
      sum += block.size() - static_cast<qsizetype>(z.avail_out);
    }
    inflateEnd(&z);
    if (sum > kMostUnpacked) return false;
  }
  return true;
}

/// The number as it is written: qpdf itself reads it through the locale, so that 12.5 is 12 in half of
/// Europe.
double valueOf(QPDFObjectHandle object) {
  return object.isNumber() ? QByteArray::fromStdString(object.unparse()).toDouble() : 0;
}

/// Follows the path operators of a page (ISO 32000-1, 8.5): what is stroked solid or filled is cut, what is
/// stroked dashed, or in the colour of marks, is a mark, what only clips or writes is neither.
class PathReader : public QPDFObjectHandle::ParserCallbacks {
 public:
  explicit PathReader(CutSheet& sheet) : m_sheet(sheet) {}

  void handleObject(QPDFObjectHandle object) override {
    if (!object.isOperator()) {
      if (m_operands.size() < 64) m_operands.push_back(object);
      return;
    }
    if (++m_operators > kMostOperators) throw TooMuch("a page has more than three million drawing commands");
    apply(object.getOperatorValue());
    m_operands.clear();
  }
  void handleEOF() override {}

 private:
  struct State {
    QTransform ctm;
    bool dashed = false, marking = false, markingFill = false;
  };
  CutSheet& m_sheet;
  std::vector<QPDFObjectHandle> m_operands;
  std::stack<State> m_saved;
  State m_state;
  std::vector<CutLine> m_path;
  QPointF m_at;
  size_t m_points = 0, m_operators = 0;

  double number(size_t i) { return i < m_operands.size() ? valueOf(m_operands[i]) : 0; }
  bool isMarkColour() {
    bool same = true;
    for (size_t i = 0; i < 3; ++i)
      same &= std::fabs(number(i) - ((kMarkColour >> (16 - 8 * i)) & 0xff) / 255.0) < 0.01;
    return same;
  }
  void add(QPointF user) {
    m_at = user;
    const QPointF p = m_state.ctm.map(user) * kPoint_mm;
    if (m_path.empty()) begin(user);
    if (++m_points > kMostCutPoints) throw TooMuch("there are more than 300 000 points to cut");
    m_path.back().points.push_back({p.x(), p.y()});
  }
  void begin(QPointF user) {
    m_path.push_back({});
    m_path.back().closed = false;
    m_at = user;
  }
  void curve(QPointF b, QPointF c, QPointF d) {
    const QPointF a = m_at;
    constexpr int kSteps = 24;
    for (int k = 1; k <= kSteps; ++k) {
      const double t = static_cast<double>(k) / kSteps, u = 1 - t;
      add(u * u * u * a + 3 * u * u * t * b + 3 * u * t * t * c + t * t * t * d);
    }
  }
  void close() {
    if (m_path.empty() || m_path.back().points.size() < 2) return;
    CutLine& line = m_path.back();
    if (!(line.points.front() == line.points.back())) line.points.push_back(line.points.front());
    line.closed = true;
  }
  void paint(bool fill, bool mark) {
    for (CutLine& line : m_path) {
      if (line.points.size() < 2) continue;
      if (fill && !line.closed && line.points.size() > 2)
        line.points.push_back(line.points.front()), line.closed = true;
      (mark ? m_sheet.marks : m_sheet.cuts).push_back(std::move(line));
    }
    m_path.clear();
  }

  void apply(const std::string& op) {
    if (op == "q") {
      if (m_saved.size() < 1000) m_saved.push(m_state);
    } else if (op == "Q") {
      if (!m_saved.empty()) m_state = m_saved.top(), m_saved.pop();
    } else if (op == "cm") {
      m_state.ctm =
          QTransform(number(0), number(1), number(2), number(3), number(4), number(5)) * m_state.ctm;
    } else if (op == "d") {
      m_state.dashed = !m_operands.empty() && m_operands[0].isArray() && m_operands[0].getArrayNItems() > 0;
    } else if (op == "RG" || op == "SCN" || op == "SC") {
      m_state.marking = isMarkColour();
    } else if (op == "rg" || op == "scn" || op == "sc") {
      m_state.markingFill = isMarkColour();
    } else if (op == "m") {
      begin({number(0), number(1)});
      add({number(0), number(1)});
    } else if (op == "l") {
      add({number(0), number(1)});
    } else if (op == "c") {
      curve({number(0), number(1)}, {number(2), number(3)}, {number(4), number(5)});
    } else if (op == "v") {
      curve(m_at, {number(0), number(1)}, {number(2), number(3)});
    } else if (op == "y") {
      curve({number(0), number(1)}, {number(2), number(3)}, {number(2), number(3)});
    } else if (op == "h") {
      close();
    } else if (op == "re") {
      const double x = number(0), y = number(1), w = number(2), h = number(3);
      begin({x, y});
      for (QPointF p : {QPointF(x, y), QPointF(x + w, y), QPointF(x + w, y + h), QPointF(x, y + h)}) add(p);
      close();
    } else if (op == "S" || op == "s") {
      if (op == "s") close();
      paint(false, m_state.dashed || m_state.marking);
    } else if (op == "f" || op == "F" || op == "f*") {
      paint(true, m_state.markingFill);
    } else if (op == "B" || op == "B*" || op == "b" || op == "b*") {
      paint(true, false);
    } else if (op == "n") {
      m_path.clear();
    }
  }
};

}  // namespace

Result<std::vector<CutSheet>> readPdfCuts(const QByteArray& data) {
  const auto bad = [](const QString& message) {
    return Error{ErrorCode::BadInput, message.toStdString(), {}};
  };
  static const QRegularExpression packedTwice(
      QStringLiteral("/Filter\\s*\\[[^\\]]*Decode[^\\]]*Decode|LZWDecode|RunLengthDecode"));
  if (packedTwice.match(QString::fromLatin1(data)).hasMatch())
    return bad(tr("the PDF is packed in ways that are not read; save it as a plain PDF"));
  if (!unpacksWithin(data)) return bad(tr("the PDF unpacks to more than %1 MB").arg(kMostUnpacked >> 20));
  try {
    QPDF pdf;
    pdf.setSuppressWarnings(true);
    pdf.processMemoryFile("cut file", data.constData(), ix(data.size()));
    std::vector<CutSheet> sheets;
    for (QPDFPageObjectHelper page : QPDFPageDocumentHelper(pdf).getAllPages()) {
      if (sheets.size() >= 500) return bad(tr("the PDF has more than 500 pages"));
      QPDFObjectHandle corners = page.getMediaBox();
      if (!corners.isArray() || corners.getArrayNItems() != 4)
        return bad(tr("a page of the PDF has no size"));
      double edge[4];
      for (int k = 0; k < 4; ++k) edge[k] = valueOf(corners.getArrayItem(k));
      const QRectF box = QRectF(QPointF(edge[0], edge[1]), QPointF(edge[2], edge[3])).normalized();
      CutSheet sheet;
      sheet.width_mm = box.width() * kPoint_mm, sheet.height_mm = box.height() * kPoint_mm;
      PathReader reader(sheet);
      page.parseContents(&reader);
      for (auto* lines : {&sheet.cuts, &sheet.marks})
        for (CutLine& line : *lines)
          for (Point& p : line.points) p = {p.x - box.left() * kPoint_mm, p.y - box.top() * kPoint_mm};
      sheets.push_back(std::move(sheet));
    }
    return sheets;
  } catch (const TooMuch& e) {
    return bad(QString::fromLatin1(e.what()));
  } catch (const std::exception&) {
    return bad(tr("the PDF cannot be read: it is damaged, locked or no PDF"));
  }
}

}  // namespace havlo
