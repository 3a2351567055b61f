// How cost grows with the size of a card: 100, 400 and 1600 impressions at the same density, with blends and
// colourings, all in one run so that a busy machine slows every row alike. Prints a table; with a file's name
// draws the lines.
//   build-bench/bench/scale [plot.svg]
#include <QFile>
#include <QGuiApplication>
#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <functional>

#include "core/chain/chain.h"
#include "core/focus/looks.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "support/dense_card.h"

using namespace havlo;

namespace {

double quickest_ms(int rounds, const std::function<void()>& work) {
  double best = 1e18;
  for (int k = 0; k < rounds; ++k) {
    const auto start = std::chrono::steady_clock::now();
    work();
    best = std::min(
        best, std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
  }
  return best;
}

struct Row {
  const char* what;
  double ms[3];
  double power(int from, int to) const {
    return std::log(ms[to] / ms[from]) / std::log(to - from == 2 ? 16.0 : 4.0);
  }
};

void plot(const char* file, const std::vector<Row>& rows) {
  constexpr double kLeft = 70, kBottom = 380, kRight = 470, kTop = 20;
  double least = 1e18, most = 0;
  for (const Row& r : rows)
    for (double v : r.ms) least = std::min(least, v), most = std::max(most, v);
  const double low = std::floor(std::log10(least)), high = std::ceil(std::log10(most));
  const auto x = [&](int k) { return kLeft + (kRight - kLeft) * k / 2; };
  const auto y = [&](double ms) {
    return kBottom - (kBottom - kTop) * (std::log10(ms) - low) / (high - low);
  };
  QByteArray out =
      "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 640 420\" font-family=\"sans-serif\" "
      "font-size=\"12\">\n<rect width=\"640\" height=\"420\" fill=\"#fdfcf7\"/>\n";
  const auto text = [&](double tx, double ty, const QString& words, const char* anchor = "start") {
    out += QStringLiteral("<text x=\"%1\" y=\"%2\" text-anchor=\"%3\" fill=\"#22303a\">%4</text>\n")
               .arg(tx, 0, 'f', 1)
               .arg(ty, 0, 'f', 1)
               .arg(QLatin1String(anchor), words)
               .toUtf8();
  };
  for (double p = low; p <= high; ++p) {
    out += QStringLiteral("<path d=\"M%1 %2H%3\" stroke=\"#cfd4d2\" fill=\"none\"/>\n")
               .arg(kLeft)
               .arg(y(std::pow(10, p)), 0, 'f', 1)
               .arg(kRight)
               .toUtf8();
    text(kLeft - 6, y(std::pow(10, p)) + 4, QStringLiteral("%1 ms").arg(std::pow(10, p)), "end");
  }
  const int sizes[] = {100, 400, 1600};
  for (int k = 0; k < 3; ++k) text(x(k), kBottom + 18, QString::number(sizes[k]), "middle");
  const char* inks[] = {"#1f6b5e", "#9e2f3c", "#8a550b", "#38506b"};
  for (size_t r = 0; r < rows.size(); ++r) {
    out += QStringLiteral("<path d=\"M%1 %2L%3 %4L%5 %6\" stroke=\"%7\" stroke-width=\"2\" fill=\"none\"/>\n")
               .arg(x(0))
               .arg(y(rows[r].ms[0]), 0, 'f', 1)
               .arg(x(1))
               .arg(y(rows[r].ms[1]), 0, 'f', 1)
               .arg(x(2))
               .arg(y(rows[r].ms[2]), 0, 'f', 1)
               .arg(QLatin1String(inks[r % 4]))
               .toUtf8();
    text(kRight + 8, y(rows[r].ms[2]) + 4,
         QStringLiteral("%1: n^%2").arg(QLatin1String(rows[r].what)).arg(rows[r].power(0, 2), 0, 'f', 2));
  }
  out += "</svg>\n";
  QFile f(QString::fromLocal8Bit(file));
  if (f.open(QIODevice::WriteOnly)) f.write(out);
}

}  // namespace

int main(int argc, char** argv) {
  qputenv("QT_QPA_PLATFORM", "offscreen");
  const QGuiApplication application(argc, argv);
  std::setvbuf(stdout, nullptr, _IOLBF, 0);
  const SvgArt art;
  const int sizes[] = {100, 400, 1600};
  std::vector<Row> rows{{"analysis", {}}, {"one moved", {}}, {"looks", {}}, {"strip", {}}};
  for (int k = 0; k < 3; ++k) {
    const Plan plan = testing::denseCard(sizes[k]);
    AnalysisRef a = analyse(plan, nullptr, &art);
    std::printf("%d impressions: %zu meetings, %zu steps\n", sizes[k], a->meetings.list.size(),
                a->sheet.steps.size());
    rows[0].ms[k] = quickest_ms(k == 2 ? 2 : 5, [&] { a = analyse(plan, nullptr, &art); });
    Plan moved = plan;
    double off = 0.5;
    std::printf("analysis %.1f ms\n", rows[0].ms[k]);
    rows[1].ms[k] = quickest_ms(5, [&] {
      moved.impressions[7].at.x += off;
      off = -off;
      a = analyse(moved, a.get(), &art);
    });
    std::printf("one moved %.1f ms\n", rows[1].ms[k]);
    rows[2].ms[k] = quickest_ms(3, [&] { lookAt(plan, *a, &art); });
    std::printf("looks %.1f ms\n", rows[2].ms[k]);
    const auto steps = static_cast<double>(std::max<size_t>(1, a->sheet.steps.size()));
    const double dpi = dpiWithin(plan.card.panel.box(), 110, std::min(1e6, 1e8 / steps));
    rows[3].ms[k] = quickest_ms(1, [&] { (void)stepPictures(plan, *a, art, dpi, QColor(Qt::green)); });
  }
  std::printf("\n| What | 100 | 400 | 1600 | 100 to 400 | 400 to 1600 |\n|---|---|---|---|---|---|\n");
  for (const Row& r : rows)
    std::printf("| %s | %.1f ms | %.1f ms | %.1f ms | n^%.2f | n^%.2f |\n", r.what, r.ms[0], r.ms[1], r.ms[2],
                r.power(0, 1), r.power(1, 2));
  if (argc > 1) plot(argv[1], rows);
  return 0;
}
