// What differs between two plans: whatever a plan file holds, changed in one place, is told; and what follows
// at the table adds up.
#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QTest>

#include "core/chain/chain.h"
#include "core/changes/plan_changes.h"
#include "core/edit/edits.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// The same value a little otherwise, if there is one.
std::optional<QJsonValue> otherwise(const QJsonValue& v) {
  if (v.isBool()) return QJsonValue(!v.toBool());
  if (v.isDouble()) return QJsonValue(v.toDouble() == 0 ? 1.0 : v.toDouble() * 1.0625);
  if (v.isString()) return QJsonValue(v.toString() + QStringLiteral("x"));
  return {};
}

/// Calls `use` with the document once for every leaf, that leaf changed. Long lists of points are changed in
/// front.
void eachLeaf(const QJsonValue& v, const std::function<void(const QJsonValue&, const QString&)>& use,
              const QString& path = {}) {
  if (const auto other = otherwise(v)) return use(*other, path);
  if (v.isArray()) {
    const QJsonArray all = v.toArray();
    for (qsizetype k = 0; k < std::min<qsizetype>(all.size(), 3); ++k)
      eachLeaf(
          all[k],
          [&](const QJsonValue& changed, const QString& at) {
            QJsonArray copy = all;
            copy[k] = changed;
            use(copy, at);
          },
          QStringLiteral("%1[%2]").arg(path).arg(k));
  } else if (v.isObject()) {
    const QJsonObject all = v.toObject();
    for (const QString& key : all.keys())
      eachLeaf(
          all[key],
          [&](const QJsonValue& changed, const QString& at) {
            QJsonObject copy = all;
            copy[key] = changed;
            use(copy, at);
          },
          path + u'/' + key);
  }
}

const PlanChange* find(const std::vector<PlanChange>& all, ChangedPart part, ChangedHow how,
                       const char* id = "") {
  for (const PlanChange& c : all)
    if (c.part == part && c.how == how && c.id == id) return &c;
  return nullptr;
}

}  // namespace

class TstPlanChanges : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  // No list of fields of ours: the file's own leaves, each changed alone.
  void everyLeafOfAPlanIsTold_data() {
    QTest::addColumn<QString>("name");
    for (const char* name : {"towpath-finished", "potting-shed", "misty-fen", "teaching-papers"})
      QTest::newRow(name) << QString::fromLatin1(name);
  }
  void everyLeafOfAPlanIsTold() {
    QFETCH(QString, name);
    const Plan plan = demo(name.toStdString());
    QVERIFY(changesBetween(plan, plan).empty());
    const QJsonDocument file = QJsonDocument::fromJson(QByteArray::fromStdString(writePlan(plan)));
    QVERIFY(file.isObject());
    int told = 0;
    eachLeaf(file.object(), [&](const QJsonValue& changed, const QString& at) {
      const auto read =
          readPlan(QJsonDocument(changed.toObject()).toJson(QJsonDocument::Compact).toStdString());
      if (!read || read.value().plan == plan) return;
      const auto there = changesBetween(plan, read.value().plan),
                 back = changesBetween(read.value().plan, plan);
      QVERIFY2(!there.empty() && !back.empty(), qPrintable(at));
      ++told;
    });
    qInfo("%d leaves", told);
    QVERIFY(told > 150);
  }

  void movesTurnsAndInksAreMeasured() {
    const Plan was = demo("canal-towpath");
    Plan now = was;
    Impression& hare = now.impressions[ix(was.indexOf("hare"))];
    hare.at = hare.at + Point{6, -2};
    hare.turn_deg += 3;
    hare.generation += 1;
    now.view->horizon_mm += 4;
    now.making.copies += 7;
    const auto all = changesBetween(was, now);
    QCOMPARE(all.size(), size_t{5});
    const PlanChange* moved = find(all, ChangedPart::Thing, ChangedHow::Moved, "hare");
    QVERIFY(moved);
    QCOMPARE(moved->after - moved->before, (Point{6, -2}));
    const PlanChange* turned = find(all, ChangedPart::Thing, ChangedHow::Turned, "hare");
    QVERIFY(turned && std::fabs(turned->now - turned->was - 3) < 1e-9);
    QVERIFY(find(all, ChangedPart::Thing, ChangedHow::Pressed, "hare"));
    const PlanChange* horizon = find(all, ChangedPart::View, ChangedHow::Horizon);
    QVERIFY(horizon && std::fabs(horizon->now - horizon->was - 4) < 1e-9);
    QVERIFY(find(all, ChangedPart::Making, ChangedHow::Copies));
  }

  // What has a name of its own and something else besides: both are told.
  void whatIsLeftOverIsToldAsWell() {
    const Plan was = demo("canal-towpath");
    Plan now = was;
    Impression& hare = now.impressions[ix(was.indexOf("hare"))];
    hare.at.x += 1;
    hare.lit = hare.lit == LitFrom::Left ? LitFrom::Right : LitFrom::Left;
    const auto all = changesBetween(was, now);
    QCOMPARE(all.size(), size_t{2});
    QVERIFY(find(all, ChangedPart::Thing, ChangedHow::Moved, "hare"));
    QVERIFY(find(all, ChangedPart::Thing, ChangedHow::Otherwise, "hare"));
  }

  void whatComesAndGoes() {
    const Plan was = demo("canal-towpath");
    const auto now = without(was, "duck");
    QVERIFY(bool(now));
    QVERIFY(find(changesBetween(was, now.value()), ChangedPart::Thing, ChangedHow::Removed, "duck"));
    QVERIFY(find(changesBetween(now.value(), was), ChangedPart::Thing, ChangedHow::Added, "duck"));
    Plan turned = was;
    std::reverse(turned.impressions.begin(), turned.impressions.end());
    const auto all = changesBetween(was, turned);
    QCOMPARE(all.size(), size_t{1});
    QCOMPARE(all[0].how, ChangedHow::Reordered);
  }

  // Every thing taken off in turn: single masks add up to the sum, findings to theirs, and the way back is
  // its mirror.
  void theTableAddsUp() {
    const Plan was = demo("canal-towpath");
    const AnalysisRef before = analyse(was);
    int dropped = 0;
    for (const Impression& i : was.impressions) {
      const auto less = without(was, i.id);
      if (!less) continue;
      const Plan& now = less.value();
      const AnalysisRef after = analyse(now);
      const TableChanges t = tableChanges(was, *before, now, *after);
      int masks = 0;
      for (const MaskChange& m : t.masks) masks += m.now - m.was, dropped += m.now == 0;
      QCOMPARE(masks, t.masksNow - t.masksWas);
      QCOMPARE(t.masksNow, after->masksToCut());
      QCOMPARE(t.findingsNew.size() + before->findings.size(),
               t.findingsGone.size() + after->findings.size());
      const TableChanges back = tableChanges(now, *after, was, *before);
      QCOMPARE(back.masks.size(), t.masks.size());
      QCOMPARE(back.findingsNew, t.findingsGone);
      QCOMPARE(back.stepsWas, t.stepsNow);
    }
    QVERIFY(dropped > 3);
    const TableChanges none = tableChanges(was, *before, was, *before);
    QVERIFY(none.masks.empty() && none.findingsNew.empty() && none.findingsGone.empty());
  }
};

HAVLO_TEST(TstPlanChanges)
#include "tst_plan_changes.moc"
