// What is planned on the inside and the envelope: a picture of its own, kept beside the panel's.
#include <QTest>
#include <nlohmann/json.hpp>

#include "core/edit/card_edits.h"
#include "core/edit/edits.h"
#include "core/edit/piece_edits.h"
#include "core/edit/piece_shapes.h"
#include "core/edit/wash_edits.h"
#include "core/pieces/card_stack.h"
#include "core/pieces/face_plan.h"
#include "core/pieces/to_cut.h"
#include "core/plan/plan_text.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Piece apart(const char* id, PieceKind kind, double width_mm, double height_mm) {
  Piece p;
  p.id = id, p.kind = kind, p.width_mm = width_mm, p.height_mm = height_mm;
  return p;
}

/// A house on the panel, an inside and an envelope with nothing on them yet.
Plan bare() {
  Plan p = emptyPlan();
  addStamp(p, slab("house", 40, 50)), addStamp(p, slab("word", 30, 6));
  put(p, "house", "house", {50, 30}, 4);
  p.pieces = {apart("in", PieceKind::Inside, 100, 140), apart("env", PieceKind::Envelope, 162, 114)};
  return p;
}

Plan saved(const Plan& p) {
  auto read = readPlan(writePlan(p));
  if (!read) qFatal("%s", read.error().text().c_str());
  return std::move(read).value().plan;
}

}  // namespace

class TestFaces : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void allOfIt_comesBackFromTheFile() {
    Plan p = bare();
    Plan face = facePlan(p, 0);
    put(face, "greeting", "word", {50, 70}, 1);
    face.view = View{};
    face.view->horizon_mm = 40;
    face.light = Light{};
    face.light->direction_deg = 45;
    face = withNewWash(face, WashKind::Sky, "blue").value();
    HandLine line;
    line.id = "rule", line.along = {{10, 10}, {90, 10}}, line.ink = "black";
    face.lines.push_back(line);
    Accent dot;
    dot.id = "dots", dot.ink = "blue", dot.at = {{20, 20}};
    face.accents.push_back(dot);
    face.making.sequence = {{"wash:" + face.washes[0].id, "stamp:greeting", {}}};
    face.known = {{"floating", {"greeting"}, {}}};
    p = withFace(p, 0, face);
    QCOMPARE(p.faces.size(), size_t{1});
    QVERIFY(p.washes.empty() && p.lines.empty() && p.making.sequence.empty());  // the panel is as it was
    const Plan again = saved(p);
    QVERIFY(again == p);
    Plan own = facePlan(again, 0);
    QVERIFY(own.washes == face.washes && own.lines == face.lines && own.view == face.view);
    QVERIFY(own.light == face.light && own.making.sequence == face.making.sequence);
    QCOMPARE(own.card.panel.width_mm, 100.0);
    // Told with its piece, as the format has it; an older reader finds the impressions where they were.
    const auto json = nlohmann::json::parse(writePlan(p));
    QCOMPARE(json["impressions"].size(), size_t{2});
    QCOMPARE(json["impressions"][1]["piece"].get<std::string>(), std::string("in"));
    QCOMPARE(json["lines"][0]["piece"].get<std::string>(), std::string("in"));
    QVERIFY(json["pieces"][0]["scene"].contains("washes") && !json["pieces"][1].contains("scene"));
  }

  void changingNothing_changesNothing() {
    Plan p = bare();
    for (int k : {0, 1}) QVERIFY(withFace(p, k, facePlan(p, k)) == p);
    Plan face = facePlan(p, 1);
    put(face, "corner", "house", {5, 5}, 1);
    p = withFace(p, 1, face);
    for (int k : {0, 1}) QVERIFY(withFace(p, k, facePlan(p, k)) == p);
    // Emptied again it is as if nobody had been there.
    face.impressions.clear();
    QVERIFY(withFace(p, 1, face) == bare());
  }

  void idsAreNew_onEveryFace() {
    Plan p = bare();
    Plan face = facePlan(p, 0);
    const auto added = withNewImpression(face, "house", {50, 40});
    QVERIFY(added);
    QVERIFY(added.value().impressions.back().id != "house");
    p = withFace(p, 0, added.value());
    const std::string inside = p.faces[0].scene.impressions[0].id;
    const auto front = withNewImpression(p, "house", {60, 40});
    QVERIFY(front && front.value().impressions.back().id != inside);
    QVERIFY(readPlan(writePlan(front.value())));
    // From one piece to another, too.
    const auto onEnvelope = withNewImpression(facePlan(p, 1), "house", {20, 20});
    QVERIFY(onEnvelope);
    const std::string third = onEnvelope.value().impressions.back().id;
    QVERIFY(third != inside && third != "house");
    QVERIFY(readPlan(writePlan(withFace(p, 1, onEnvelope.value()))));
  }

  void whatOneFaceUses_anotherCannotTakeAway() {
    Plan p = bare();
    Plan face = facePlan(p, 0);
    Impression& word = put(face, "greeting", "word", {50, 70}, 1);
    word.ink = "blue";
    p = withFace(p, 0, face);
    // The panel lets go of the ink and the stamp; the inside keeps them.
    Plan less = p;
    std::erase_if(less.inks, [](const Ink& i) { return i.id == "blue"; });
    std::erase_if(less.stamps, [](const StampRef& s) { return s->id == "word"; });
    const Plan kept = keepingWhatFacesUse(less, p);
    QVERIFY(kept.ink("blue") && kept.stamp("word"));
    QVERIFY(!withoutStamp(p, "word"));
    // And the other way round: from the inside the panel's stamp is not to be had.
    Plan own = facePlan(p, 0);
    QVERIFY(!withoutStamp(own, "house"));
    std::erase_if(own.stamps, [](const StampRef& s) { return s->id == "house"; });
    QVERIFY(withFace(p, 0, own).stamp("house"));
    // A stamp taken in on the inside is everyone's.
    Plan more = facePlan(p, 0);
    addStamp(more, slab("star", 9, 9));
    QVERIFY(withFace(p, 0, more).stamp("star"));
  }

  void aStampInTheCorner_runsOffAndIsPale() {
    const auto out = withCornerStamp(bare(), "env", "house", "black");
    QVERIFY(out);
    const Plan face = facePlan(out.value(), 1);
    QCOMPARE(face.impressions.size(), size_t{1});
    const Impression& corner = face.impressions[0];
    QCOMPARE(corner.generation, 2);
    const Box box = boxOf(placingOf(corner, *face.stamp("house")).toPanel(face.stamp("house")->silhouette));
    QVERIFY(std::fabs(box.left + 0.35 * 40) < 1e-9 && std::fabs(box.bottom + 0.35 * 50) < 1e-9);
    const AnalysisRef a = analyse(face);
    const auto pressed = simulate(a->press(face, nullptr), a->sheet, 100);
    QVERIFY(pressed && pressed.value().proven);
    QVERIFY(!withCornerStamp(bare(), "nowhere", "house", "black"));
    QVERIFY(!withCornerStamp(bare(), "env", "house", "red"));
  }

  void anOutlineThatBeginsElsewhere_beginsAtItsCorner() {
    Plan p = bare();
    auto json = nlohmann::json::parse(writePlan(p));
    json["pieces"][0]["outline"] = {{{10, 20}, {110, 20}, {110, 160}, {10, 160}}};
    json["pieces"][0]["at"] = {3, 4};
    json["impressions"].push_back(json["impressions"][0]);
    json["impressions"][1]["id"] = "small", json["impressions"][1]["piece"] = "in";
    json["impressions"][1]["at"] = {60, 90};
    const auto read = readPlan(json.dump());
    QVERIFY(read);
    const Plan& q = read.value().plan;
    QVERIFY(distance(q.pieces[0].at, {13, 24}) < 1e-9);
    QVERIFY(distance(facePlan(q, 0).impressions[0].at, {50, 70}) < 1e-9);
    QVERIFY(saved(q) == q);
  }

  // The flap is stamped on the closed, empty envelope before the card goes in; it is neither cut nor glued,
  // and it must not be larger than the envelope.
  void theFlap_isStampedBeforeTheCardGoesIn() {
    Plan p = bare();
    Piece flap = apart("flap", PieceKind::Flap, 0, 0);
    flap.outline = flapOutline(162, 114);
    p.pieces.push_back(flap);
    const auto enclosed = [&](const Plan& plan) {
      std::vector<std::string> out;
      const AnalysisRef a = analyse(plan);
      for (const Step& s : a->sheet.steps) {
        if (s.what == Do::Enclose) out.push_back(plan.pieces[ix(s.paper)].id);
        if (s.paper == 2 && s.what != Do::Enclose) out.push_back("cut or glued");
      }
      return out;
    };
    QCOMPARE(enclosed(p), (std::vector<std::string>{"env"}));  // nothing is on it
    Plan face = facePlan(p, 2);
    QCOMPARE(face.card.panel.width_mm, 162.0);
    put(face, "mark", "word", {81, 20}, 1);
    p = saved(withFace(p, 2, face));
    QCOMPARE(printedFaces(p), (std::vector<int>{2}));
    QCOMPARE(enclosed(p), (std::vector<std::string>{"flap", "env"}));
    const Plan own = facePlan(p, 2);
    QVERIFY(simulate(analyse(own)->press(own, nullptr), analyse(own)->sheet, 80).value().proven);
    for (const PaperToCut& paper : piecesToCut(p))
      for (const WantedPiece& w : paper.pieces) QVERIFY(w.name != "flap");
    const auto faults = [](const Plan& plan) {
      int found = 0;
      for (const StackFault& f : stackOf(plan, analyse(plan)->meetings.placed).faults)
        found += f.kind == StackFaultKind::FlapTooLarge;
      return found;
    };
    QCOMPARE(faults(p), 0);
    p.pieces[2].outline = flapOutline(190, 114);
    QCOMPARE(faults(p), 1);
    p.pieces.erase(p.pieces.begin() + 1);  // without an envelope there is no flap
    QCOMPARE(faults(p), 1);
  }

  // Pointed on a square envelope, blunt on a long one; never higher than the envelope.
  void flaps_havePointsOnSquares() {
    QCOMPARE(flapOutline(140, 140).front().size(), size_t{3});
    QCOMPARE(flapOutline(220, 110).front().size(), size_t{4});
    for (const auto& [w, h] : {std::pair(140.0, 140.0), {220.0, 110.0}, {110.0, 220.0}}) {
      const Box box = boxOf(flapOutline(w, h));
      QVERIFY(box.width() == w && box.height() < 0.7 * h && box.bottom == 0);
    }
  }

  void whatPointsAcrossFaces_isRefusedWithItsPlace() {
    const auto base = nlohmann::json::parse(writePlan(bare()));
    auto json = base;
    json["impressions"].push_back(json["impressions"][0]);
    json["impressions"][1]["id"] = "small", json["impressions"][1]["piece"] = "in";
    auto across = json;
    across["impressions"][1]["inFrontOf"] = {"house"};
    const auto one = readPlan(across.dump());
    QVERIFY(!one && one.error().text().find("another piece") != std::string::npos);
    auto wash = json;
    wash["pieces"][0]["scene"] = {
        {"washes", {{{"id", "w"}, {"ink", "none"}, {"area", {{{0, 0}, {9, 0}, {9, 9}}}}}}}};
    const auto two = readPlan(wash.dump());
    QVERIFY(!two);
    QCOMPARE(two.error().place, std::string("pieces[0].scene.washes[0].ink"));
    auto wrong = json;
    wrong["pieces"][0]["scene"] = {{"view", {{"horizon", -3}}}};
    const auto three = readPlan(wrong.dump());
    QVERIFY(!three);
    QCOMPARE(three.error().place, std::string("pieces[0].scene.view.horizon"));
    // Unknown keys of a scene are kept.
    auto more = json;
    more["pieces"][0]["scene"] = {{"ribbon", "red"}};
    const auto four = readPlan(more.dump());
    QVERIFY(four);
    QCOMPARE(nlohmann::json::parse(writePlan(four.value().plan))["pieces"][0]["scene"]["ribbon"]
                 .get<std::string>(),
             std::string("red"));
  }
};

HAVLO_TEST(TestFaces)
#include "tst_faces.moc"
