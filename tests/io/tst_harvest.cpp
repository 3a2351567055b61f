// Many stamps at once: drawings of sets against areas that plane geometry gives, folders with good and bad
// pictures in them, sheets by the stand-in scanner against the stamps that lay on its glass.

#include "core/outline/shape_ops.h"
#include "io/art/stamp_set.h"
#include "io/devices/scanner.h"
#include "io/scan/harvest.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;
constexpr double kHalfTurn_rad = 3.14159265358979323846;

namespace {

const QByteArray kHead =
    "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' "
    "xmlns:e='urn:an-editor' "
    "width='150mm' height='100mm' viewBox='0 0 300 200'>";

/// A disc of 20 mm, a post that is drawn at another place and moved, a flower that draws its leaf from
/// elsewhere.
const QByteArray kSet =
    kHead +
    "<defs><circle id='leaf' r='8'/></defs>"
    "<g id='g1' e:label='round tree'><circle cx='60' cy='60' r='20' fill='none' stroke='#000' "
    "stroke-width='2'/></g>"
    "<g id='gate_post' transform='translate(140 40)'><rect width='20' height='80' fill='#8a6'/></g>"
    "<g id='g7'><title>Two  leaves</title><use xlink:href='#leaf' x='230' y='60'/>"
    "<use xlink:href='#leaf' x='262' y='60'/></g></svg>";

QStringList namesOf(const Harvest& h) {
  QStringList out;
  for (const FoundStamp& s : h.stamps) out << QString::fromStdString(s.stamp.name);
  return out;
}

}  // namespace

class TstHarvest : public QObject {
  Q_OBJECT

  QTemporaryDir m_folder;
  QString written(const QString& name, const QByteArray& bytes) {
    QFile f(m_folder.filePath(name));
    if (f.open(QIODevice::WriteOnly)) f.write(bytes);
    return f.fileName();
  }

 private Q_SLOTS:
  void oneStampAGroup() {
    const auto found = harvest({written("set.svg", kSet)});
    QVERIFY(found);
    const Harvest& h = found.value();
    QVERIFY(h.files[0].drawing);
    QCOMPARE(namesOf(h), (QStringList{"Round tree", "Gate post", "Two leaves"}));
    // Two units are a millimetre: an outline stroke of 1 mm round a disc of 20 mm, which is filled.
    const FoundStamp &tree = h.stamps[0], &post = h.stamps[1], &leaves = h.stamps[2];
    QVERIFY(std::fabs(tree.stamp.width_mm - 21) < 0.1 && std::fabs(tree.stamp.height_mm - 21) < 0.1);
    QVERIFY(std::fabs(tree.silhouette_mm2 - kHalfTurn_rad * 10.5 * 10.5) < 3);
    QVERIFY(std::fabs(tree.ink_mm2 - kHalfTurn_rad * (10.5 * 10.5 - 9.5 * 9.5)) < 2);
    QVERIFY(std::fabs(post.stamp.width_mm - 10) < 0.1 && std::fabs(post.stamp.height_mm - 40) < 0.1);
    QVERIFY(std::fabs(post.silhouette_mm2 - 400) <
            3);  // solid from edge to edge, in a colour that is not black
    // Both leaves are one stamp, though they lie 8 mm apart.
    QVERIFY(std::fabs(leaves.stamp.width_mm - 24) < 0.1);
    QVERIFY(std::fabs(leaves.ink_mm2 - 2 * kHalfTurn_rad * 16) < 2);
    QCOMPARE(h.files[0].loose, 0);
  }

  void layersAndSheathsAreSeenThrough() {
    const QByteArray inside =
        kSet.mid(kHead.size() + QByteArray("<defs><circle id='leaf' r='8'/></defs>").size());
    const QByteArray layered =
        kHead +
        "<defs><circle id='leaf' r='8'/></defs><rect width='4' height='4'/><g id='layer1' "
        "transform='scale(.5)'>" +
        inside.chopped(6) + "</g></svg>";
    const auto found = harvest({written("layers.svg", layered)});
    QVERIFY(found);
    QCOMPARE(namesOf(found.value()), (QStringList{"Round tree", "Gate post", "Two leaves"}));
    QVERIFY(std::fabs(found.value().stamps[1].stamp.height_mm - 20) < 0.1);
    QCOMPARE(found.value().files[0].loose, 1);
  }

  /// Groups that touch are parts of one stamp; a drawing of one thing is no set.
  void partsOfOneThingAreNoSet() {
    const auto set =
        readStampSet(kHead +
                     "<g><g><circle cx='50' cy='50' r='20'/></g><g><rect x='60' y='40' width='40' "
                     "height='20'/></g></g></svg>");
    QVERIFY(set);
    QCOMPARE(set.value().groups.size(), 2u);  // at the top two groups are two stamps, whatever they do
    const auto thing = readStampSet(kHead + "<path d='M10 10h20v20z'/><path d='M40 40h20v20z'/></svg>");
    QVERIFY(thing);
    QVERIFY(thing.value().groups.empty());
    const auto nested =
        readStampSet(kHead +
                     "<g id='house'><g><rect x='20' y='20' width='40' height='40'/></g><g><rect "
                     "x='30' y='10' width='20' height='12'/></g></g><g id='tree'><circle cx='200' "
                     "cy='50' r='20'/></g></svg>");
    QVERIFY(nested);
    QCOMPARE(nested.value().groups.size(), 2u);
    QCOMPARE(nested.value().groups[0].name, QStringLiteral("House"));
  }

  void aDrawingInNoUnitsIsAGuess() {
    QByteArray bare = kSet;
    bare.replace("width='150mm' height='100mm' ", "");
    const QString file = written("bare.svg", bare);
    const auto guessed = harvest({file});
    QVERIFY(guessed && guessed.value().files[0].sizeGuessed);
    QVERIFY(std::fabs(guessed.value().stamps[1].stamp.height_mm - 80 * 25.4 / 96) < 0.1);
    HarvestWish wish;
    wish.drawingWidth_mm = 75;
    const auto said = harvest({file}, wish);
    QVERIFY(said && !said.value().files[0].sizeGuessed);
    QVERIFY(std::fabs(said.value().stamps[1].stamp.height_mm - 20) < 0.1);
  }

  void setsPassTheGate() {
    for (const char* bad :
         {"<g/><g><image xlink:href='file:///etc/passwd'/></g></svg>", "<g/><script>1</script></svg>",
          "<g><use xlink:href='http://x/y#z'/></g><g/></svg>"}) {
      const auto found = harvest({written("bad.svg", kHead + bad)});
      QVERIFY(found);
      QVERIFY(found.value().files[0].error.has_value());
      QVERIFY(found.value().stamps.empty());
    }
    QByteArray many = kHead;
    for (int k = 0; k < kMostInSet + 5; ++k)
      many += "<g><rect x='" + QByteArray::number(k % 30 * 10) + "' y='" + QByteArray::number(k / 30 * 10) +
              "' width='4' height='4'/></g>";
    QVERIFY(!readStampSet(many + "</svg>"));
  }

  void aFolderOfScans() {
    // Two sheets by the stand-in, one stamp on both; a picture without its size, one that is none, a plan.
    const SvgArt art;
    const Plan plan = demo("canal-towpath");
    std::vector<StampRef> all;
    for (const char* id : {"hare", "kite", "duck"})
      if (const StampRef s = plan.stamp(id)) all.push_back(s);
    QCOMPARE(all.size(), 3u);
    const auto scanned = [&](const QString& name, const std::vector<StampRef>& stamps) {
      const auto rows = inRows(stamps, 120);
      QVERIFY(scanSheet(rows, 120, heightOfRows(rows), art).save(m_folder.filePath("scans/" + name)));
    };
    QVERIFY(QDir(m_folder.path()).mkdir("scans"));
    scanned("sheet 10.png", {all[0], all[1]});
    scanned("sheet 9.png", {all[2], all[0]});
    QImage bare(400, 300, QImage::Format_RGB32);
    bare.fill(Qt::white);
    bare.setDotsPerMeterX(2835), bare.setDotsPerMeterY(2835);  // 72 dpi: nobody said it
    QVERIFY(bare.save(m_folder.filePath("scans/phone.png")));
    written("scans/broken.png", "\x89PNG\r\n\x1a\n and no more");
    written("scans/notes.txt", "not a picture");
    const QStringList files = picturesIn(m_folder.filePath("scans"));
    QStringList names;
    for (const QString& f : files) names << QFileInfo(f).fileName();
    QCOMPARE(names, (QStringList{"broken.png", "phone.png", "sheet 9.png", "sheet 10.png"}));
    const auto found = harvest(files);
    QVERIFY(found);
    const Harvest& h = found.value();
    QVERIFY(h.files[0].error.has_value());
    QVERIFY(h.files[1].asksScale);
    QCOMPARE(h.stamps.size(), 4u);
    int twins = 0;
    for (const FoundStamp& s : h.stamps) {
      const auto known = std::find_if(all.begin(), all.end(), [&](const StampRef& a) {
        return std::fabs(a->width_mm - s.stamp.width_mm) < 0.4 &&
               std::fabs(a->height_mm - s.stamp.height_mm) < 0.4;
      });
      QVERIFY(known != all.end());
      if (s.twin < 0) continue;
      ++twins;
      QVERIFY(h.stamps[static_cast<size_t>(s.twin)].file != s.file);
    }
    QCOMPARE(twins, 1);
    QVERIFY(!namesOf(h).contains(QString()));
  }

  void stopsWhereItIs() {
    std::stop_source stop;
    stop.request_stop();
    const auto found = harvest({written("set2.svg", kSet)}, {}, {stop.get_token(), {}});
    QVERIFY(!found && found.error().code == ErrorCode::Stopped);
    QVERIFY(!harvest(QStringList(kMostHarvestFiles + 1, QStringLiteral("x.png"))));
  }
};

HAVLO_TEST(TstHarvest)
#include "tst_harvest.moc"
