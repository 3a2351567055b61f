// Questions know the right answer: it is held against the pinhole, Koschmieder's law and shared areas by
// Clipper.
#include <QTest>
#include <clipper.hpp>
#include <cmath>
#include <set>

#include "core/chain/chain.h"
#include "core/ink/ink_facts.h"
#include "core/practice/quiz.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

const char* const kCards[] = {"canal-towpath", "potting-shed", "misty-fen", "teaching-crowd",
                              "teaching-avenue"};

/// Area that two silhouettes share, by Clipper, mm².
double shared(const Rings& a, const Rings& b) {
  constexpr double kFine = 1000;
  const auto paths = [](const Rings& rings) {
    ClipperLib::Paths out;
    for (const Ring& r : rings) {
      ClipperLib::Path path;
      for (Point p : r) path.emplace_back(std::llround(p.x * kFine), std::llround(p.y * kFine));
      out.push_back(path);
    }
    return out;
  };
  ClipperLib::Clipper clipper;
  clipper.AddPaths(paths(a), ClipperLib::ptSubject, true);
  clipper.AddPaths(paths(b), ClipperLib::ptClip, true);
  ClipperLib::PolyTree tree;
  clipper.Execute(ClipperLib::ctIntersection, tree, ClipperLib::pftEvenOdd, ClipperLib::pftEvenOdd);
  ClipperLib::Paths out;
  ClipperLib::PolyTreeToPaths(tree, out);
  double area = 0;
  for (const auto& path : out) area += ClipperLib::Area(path);
  return std::fabs(area) / kFine / kFine;
}

}  // namespace

class TstQuiz : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  /// On flat ground the lower foot is nearer: what a question calls right agrees, wherever both stand below
  /// the horizon on the ground itself.
  void nearAndFarAgreesWithTheFeet() {
    int asked = 0, told = 0;
    for (const char* name : kCards) {
      const Plan p = demo(name);
      const AnalysisRef a = analyse(p);
      for (int level = 1; level <= kTopLevel; ++level)
        for (uint64_t seed = 1; seed <= 6; ++seed) {
          const auto q = ask(Drill::NearAndFar, p, *a, level, seed);
          if (!q) continue;
          ++asked;
          QVERIFY(q->things != q->right &&
                  std::is_permutation(q->things.begin(), q->things.end(), q->right.begin()));
          for (size_t k = 1; k < q->right.size(); ++k) {
            const Impression &near = p.impressions[ix(q->right[k - 1])],
                             &far = p.impressions[ix(q->right[k])];
            const auto stands = [&](const Impression& i) {
              return std::holds_alternative<OnGround>(i.depth) && i.at.y < p.view->horizon_mm - 1;
            };
            if (stands(near) && stands(far)) {
              ++told;
              QVERIFY(near.at.y < far.at.y);
            }
          }
          Answer answer{q->right, -1, 0};
          QVERIFY(grade(*q, answer).right);
          std::reverse(answer.things.begin(), answer.things.end());
          QCOMPARE(grade(*q, answer).points, 0.0);
        }
    }
    QVERIFY2(asked > 60 && told > 20, qPrintable(QStringLiteral("%1 asked, %2 told").arg(asked).arg(told)));
  }

  void onePairInTheWrongOrderIsNamed() {
    Question q;
    q.what = Drill::NearAndFar, q.things = {2, 0, 1, 3}, q.right = {0, 1, 2, 3};
    const Graded g = grade(q, {{0, 2, 1, 3}, -1, 0});
    QVERIFY(g.misplaced == (std::vector<int>{1, 2}));
    QVERIFY(std::fabs(g.points - (1 - 2.0 / 6)) < 1e-9);  // one of six pairs
    QVERIFY(!g.right);
  }

  /// Everything that must be covered shares area with what comes, or the blend goes over it; nothing offered
  /// besides is both in front and reached.
  void coversAgainstSharedAreas() {
    int asked = 0;
    for (const char* name : kCards) {
      const Plan p = demo(name);
      const AnalysisRef a = analyse(p);
      for (int level = 1; level <= kTopLevel; ++level)
        for (uint64_t seed = 1; seed <= 6; ++seed) {
          const auto q = ask(Drill::MaskChoice, p, *a, level, seed);
          if (!q) continue;
          const Step& s = a->sheet.steps[ix(q->step)];
          const std::set<int> right(q->right.begin(), q->right.end());
          QVERIFY(right.size() < q->things.size());
          if (s.what == Do::Stamp) {
            ++asked;
            const Rings& back = a->meetings.placed[ix(s.impression)]->silhouette;
            for (int i : q->things) {
              const double area = shared(a->meetings.placed[ix(i)]->silhouette, back);
              if (right.contains(i))
                QVERIFY2(area > 0 || !s.joints.empty(), qPrintable(QString::number(i)));
              else if (p.impressions[ix(i)].school == School::Mask)
                QVERIFY(area < 1 || a->depth->inFront(s.impression, i) || !s.joints.empty());
            }
          }
          QVERIFY(grade(*q, {q->right, -1, 0}).right);
          QCOMPARE(grade(*q, {{}, -1, 0}).points, 0.0);
          QCOMPARE(grade(*q, {q->things, -1, 0}).missed.size(), size_t{0});
          QVERIFY(grade(*q, {q->things, -1, 0}).points < 0.9);
        }
    }
    QVERIFY2(asked > 20, qPrintable(QString::number(asked)));
  }

  /// Koschmieder 1924: exp(-3.912 d / V) of the contrast is left; and the print shown has that much of the
  /// fresh one's, as luminance over white paper (Rec. 709 weights, IEC 61966-2-1).
  void printsKeepTheContrastThatIsSaid() {
    for (const char* name : kCards) {
      const Plan p = demo(name);
      const AnalysisRef a = analyse(p);
      for (int level = 1; level <= kTopLevel; ++level) {
        const auto q = ask(Drill::Tone, p, *a, level, 3);
        QVERIFY(q);
        const double wanted = q->shares[ix(q->rightShare)];
        QVERIFY(std::fabs(std::exp(-3.912 * q->away.value / q->visibility.value) - wanted) < 1e-3);
        const Ink& ink = *p.ink(q->ink);
        const auto contrast = [](const LinearRgb& c) {
          return 1 - (0.2126 * c[0] + 0.7152 * c[1] + 0.0722 * c[2]);
        };
        for (double share : q->shares) {
          QVERIFY(share > 0.05 && share < 0.96);
          const Ink two = printKeeping(ink, share);
          const double kept = contrast(pressedOn({1, 1, 1}, two, 2)) / contrast(pressedOn({1, 1, 1}, two, 1));
          QVERIFY2(std::fabs(kept - share) < 0.005,
                   qPrintable(QStringLiteral("%1 of %2").arg(kept).arg(share)));
        }
        QVERIFY(grade(*q, {{}, q->rightShare, 0}).right);
        QVERIFY(grade(*q, {{}, (q->rightShare + 1) % static_cast<int>(q->shares.size()), 0}).points < 0.5);
        QCOMPARE(grade(*q, {{}, -1, 0}).points, 0.0);
      }
    }
  }

  /// A pinhole at the height of the eye: the horizon crosses what stands on the ground at eye height over its
  /// own.
  void theHorizonCrossesThingsAtEyeHeight() {
    int asked = 0;
    for (const char* name : kCards) {
      const Plan p = demo(name);
      const AnalysisRef a = analyse(p);
      for (uint64_t seed = 1; seed <= 5; ++seed) {
        const auto q = ask(Drill::Horizon, p, *a, 2, seed);
        if (!q) continue;
        ++asked;
        QCOMPARE(q->horizon_mm, p.view->horizon_mm);
        const StampRef stamp = p.stamp(p.impressions[ix(q->witness)].stamp);
        QVERIFY(stamp->realHeight);
        // It may be any height of its range; the horizon then lies between the shares of the least and the
        // most.
        QVERIFY(q->witnessShare < 1.02 * p.view->eyeHeight_m / stamp->realHeight->least_m);
        QVERIFY(q->witnessShare > 0.98 * p.view->eyeHeight_m / stamp->realHeight->most_m);
        QCOMPARE(grade(*q, {{}, -1, q->horizon_mm}).points, 1.0);
        QCOMPARE(grade(*q, {{}, -1, q->horizon_mm + q->height_mm * 0.25}).points, 0.0);
        QVERIFY(grade(*q, {{}, -1, q->horizon_mm - 3}).off < 0);
      }
    }
    QVERIFY2(asked >= 10, qPrintable(QString::number(asked)));
  }

  void theHigherTheLevelTheFiner() {
    Question q;
    q.what = Drill::Horizon, q.horizon_mm = 50, q.height_mm = 100;
    double before = 2;
    for (int level = 1; level <= kTopLevel; ++level) {
      q.level = level;
      double sum = 0;
      for (double mm = 50; mm < 66; mm += 0.5) sum += grade(q, {{}, -1, mm}).points;
      QVERIFY(level == 1 || sum < before);
      before = sum;
    }
  }

  void anEmptyCardIsNotAskedAbout() {
    const Plan p = emptyPlan();
    const AnalysisRef a = analyse(p);
    for (size_t k = 0; k < kDrills; ++k)
      if (static_cast<Drill>(k) != Drill::Tone) QVERIFY(!ask(static_cast<Drill>(k), p, *a, 1, 1));
  }

  void wordsComeBack() {
    for (size_t k = 0; k < kDrills; ++k)
      QVERIFY(drillOf(wordOf(static_cast<Drill>(k))) == static_cast<Drill>(k));
    QVERIFY(!drillOf("nothing"));
  }
};

HAVLO_TEST(TstQuiz)
#include "tst_quiz.moc"
