// The core has no Qt and words its faults in English. Here each is known again by its pattern.
#include "io/wording/error_words.h"

#include <QRegularExpression>
#include <vector>

#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr const char* kPatterns[] = {
    QT_TRANSLATE_NOOP("Havlo", "\"%1\" does not lie on the card's face"),
    QT_TRANSLATE_NOOP("Havlo", "\"%1\" has no real height, so its size cannot be judged"),
    QT_TRANSLATE_NOOP("Havlo", "\"%1\" has no size"),
    QT_TRANSLATE_NOOP("Havlo", "\"%1\" is missing"),
    QT_TRANSLATE_NOOP("Havlo", "\"%1\" is named twice"),
    QT_TRANSLATE_NOOP("Havlo", "\"%1\" is not a measure; write it as 2 3/8, 2.375in, 60mm or 6cm"),
    QT_TRANSLATE_NOOP("Havlo", "\"%1\" would lie on itself"),
    QT_TRANSLATE_NOOP("Havlo", "1 to 99 evenings"),
    QT_TRANSLATE_NOOP("Havlo", "1 to 9999 cards"),
    QT_TRANSLATE_NOOP("Havlo", "a card is larger than 20 mm each way"),
    QT_TRANSLATE_NOOP("Havlo", "a crowd needs stamps"),
    QT_TRANSLATE_NOOP("Havlo", "a distance is more than nothing"),
    QT_TRANSLATE_NOOP("Havlo", "a distance must be more than nothing"),
    QT_TRANSLATE_NOOP("Havlo", "a line across the stamp wants two ends"),
    QT_TRANSLATE_NOOP("Havlo", "a mask at hand has at least one use left"),
    QT_TRANSLATE_NOOP("Havlo", "a measure beyond 5 m"),
    QT_TRANSLATE_NOOP("Havlo", "a panel's sides are from 5 to 2000 mm"),
    QT_TRANSLATE_NOOP("Havlo", "a piece needs a width and a height above 0"),
    QT_TRANSLATE_NOOP("Havlo", "a real height must be more than 0, least before typical before most"),
    QT_TRANSLATE_NOOP("Havlo", "a ring needs at least three points"),
    QT_TRANSLATE_NOOP("Havlo", "a ring that covers no area"),
    QT_TRANSLATE_NOOP("Havlo", "a room cannot be fitted to another size: its walls are where they are"),
    QT_TRANSLATE_NOOP("Havlo", "a row must begin on the ground, below the horizon"),
    QT_TRANSLATE_NOOP("Havlo", "a row needs a stamp"),
    QT_TRANSLATE_NOOP("Havlo", "a school is needed for every impression"),
    QT_TRANSLATE_NOOP("Havlo", "a soft edge is from 0 to 200 mm wide"),
    QT_TRANSLATE_NOOP("Havlo", "a step is missing"),
    QT_TRANSLATE_NOOP("Havlo", "a step is there twice or belongs to another plan"),
    QT_TRANSLATE_NOOP("Havlo", "a test strip needs at least two pressings"),
    QT_TRANSLATE_NOOP("Havlo",
                      "a test strip needs at least two pressings side by side, with room between them"),
    QT_TRANSLATE_NOOP("Havlo", "a thing cannot stand on itself"),
    QT_TRANSLATE_NOOP("Havlo", "a wash reaches from nothing to all of its area"),
    QT_TRANSLATE_NOOP("Havlo", "an act cannot come before itself"),
    QT_TRANSLATE_NOOP("Havlo", "an opening wants a width and a height"),
    QT_TRANSLATE_NOOP("Havlo", "between two things there is nothing to space: choose three or more"),
    QT_TRANSLATE_NOOP("Havlo", "choose the hero first: a palette is built around it"),
    QT_TRANSLATE_NOOP("Havlo", "choose the hero first: an arrangement is built around it"),
    QT_TRANSLATE_NOOP("Havlo", "choose the hero first: it is the one that keeps its colour"),
    QT_TRANSLATE_NOOP("Havlo", "choose the hero first: the card is freshened around it"),
    QT_TRANSLATE_NOOP("Havlo", "every step of a wash wants one ink and one reach"),
    QT_TRANSLATE_NOOP("Havlo", "everything is held in place: let something move"),
    QT_TRANSLATE_NOOP("Havlo", "eyes must be above the ground"),
    QT_TRANSLATE_NOOP("Havlo", "fewer than three marks are seen on the sheet"),
    QT_TRANSLATE_NOOP("Havlo", "foam and paper are no thinner than nothing"),
    QT_TRANSLATE_NOOP("Havlo", "has %1 points; %2 are the most"),
    QT_TRANSLATE_NOOP("Havlo", "has no rings"),
    QT_TRANSLATE_NOOP("Havlo", "it needs a beginning and an end"),
    QT_TRANSLATE_NOOP("Havlo", "its lines cross each other more than %1 times"),
    QT_TRANSLATE_NOOP("Havlo", "its lines cross each other too often to be cut"),
    QT_TRANSLATE_NOOP("Havlo", "its measures must be more than 0"),
    QT_TRANSLATE_NOOP("Havlo", "its rings cancel out and cover nothing"),
    QT_TRANSLATE_NOOP("Havlo", "no blend runs over what is too fine to cut"),
    QT_TRANSLATE_NOOP("Havlo", "no light paper is seen round the patches to compare them with"),
    QT_TRANSLATE_NOOP("Havlo", "no patch of even colour is seen on it"),
    QT_TRANSLATE_NOOP("Havlo", "none of the row would be seen on the panel"),
    QT_TRANSLATE_NOOP("Havlo", "not readable as JSON: %1"),
    QT_TRANSLATE_NOOP("Havlo", "nothing is too fine to cut that could be cut"),
    QT_TRANSLATE_NOOP(
        "Havlo",
        "nothing in the drawer fits behind this hero: trees, buildings or hills with a height that is known"),
    QT_TRANSLATE_NOOP("Havlo", "nothing of the stamp would be stamped"),
    QT_TRANSLATE_NOOP("Havlo", "nothing that stands on the ground has a real height"),
    QT_TRANSLATE_NOOP("Havlo", "one of them would stand behind the viewer"),
    QT_TRANSLATE_NOOP("Havlo", "only another impression of the same stamp can be coloured alike"),
    QT_TRANSLATE_NOOP("Havlo", "only what stands on the ground can be spaced in metres"),
    QT_TRANSLATE_NOOP(
        "Havlo", "pressing %1 differs in size from the first: press one stamp only, all of it each time"),
    QT_TRANSLATE_NOOP("Havlo", "pressings go from 1 to 99"),
    QT_TRANSLATE_NOOP("Havlo", "something lies on the card %1"),
    QT_TRANSLATE_NOOP("Havlo", "stopped"),
    QT_TRANSLATE_NOOP("Havlo", "strength goes from nothing to full"),
    QT_TRANSLATE_NOOP("Havlo", "that is longer than any card"),
    QT_TRANSLATE_NOOP("Havlo", "that is not a number"),
    QT_TRANSLATE_NOOP("Havlo", "that is not a number of degrees"),
    QT_TRANSLATE_NOOP("Havlo", "that is the whole stamp"),
    QT_TRANSLATE_NOOP("Havlo", "that is too far from the panel"),
    QT_TRANSLATE_NOOP("Havlo", "the back wall has no size"),
    QT_TRANSLATE_NOOP("Havlo", "the back wall must begin below the horizon, or there is no floor"),
    QT_TRANSLATE_NOOP("Havlo", "the card is too small in the picture: at least 70 dots an inch are needed"),
    QT_TRANSLATE_NOOP("Havlo", "the card lies on its side in the picture: turn the picture by a quarter"),
    QT_TRANSLATE_NOOP("Havlo", "the card lies upside down in the picture: turn the picture by half a circle"),
    QT_TRANSLATE_NOOP("Havlo", "the file is larger than the 64 MB a plan may have"),
    QT_TRANSLATE_NOOP("Havlo", "the first and the last of the row stand at one place"),
    QT_TRANSLATE_NOOP("Havlo", "the first pressing cannot be told from paper"),
    QT_TRANSLATE_NOOP(
        "Havlo",
        "the four corners do not go round a rectangle: upper left, upper right, lower right, lower left"),
    QT_TRANSLATE_NOOP("Havlo", "the four corners lie too close together"),
    QT_TRANSLATE_NOOP("Havlo", "the hero has no size"),
    QT_TRANSLATE_NOOP("Havlo", "the hero is too large for this card"),
    QT_TRANSLATE_NOOP("Havlo", "the light is too far from the panel"),
    QT_TRANSLATE_NOOP("Havlo", "the marks seen on the sheet are not those of the file"),
    QT_TRANSLATE_NOOP("Havlo", "the picture has no scale yet"),
    QT_TRANSLATE_NOOP("Havlo", "the picture is empty"),
    QT_TRANSLATE_NOOP("Havlo", "the picture is nearly black: there is no paper to tell ink from"),
    QT_TRANSLATE_NOOP("Havlo", "the picture is too coarse to cut from; scan at 150 dpi or more"),
    QT_TRANSLATE_NOOP("Havlo", "the picture is too small"),
    QT_TRANSLATE_NOOP("Havlo", "the plan has no ink to stamp with"),
    QT_TRANSLATE_NOOP("Havlo", "the plan has no room"),
    QT_TRANSLATE_NOOP("Havlo", "the plan has no view"),
    QT_TRANSLATE_NOOP("Havlo", "the plan has no view, so nothing can stand on its ground"),
    QT_TRANSLATE_NOOP("Havlo", "the plan has no view, so there is no ground"),
    QT_TRANSLATE_NOOP("Havlo", "the rectangle needs a width and a height"),
    QT_TRANSLATE_NOOP("Havlo", "the row lies behind the viewer"),
    QT_TRANSLATE_NOOP("Havlo", "the stamp is on \"%1\""),
    QT_TRANSLATE_NOOP("Havlo", "the stamp is on the card"),
    QT_TRANSLATE_NOOP("Havlo", "there are more than 300 000 points to cut"),
    QT_TRANSLATE_NOOP("Havlo", "there is no act \"%1\""),
    QT_TRANSLATE_NOOP("Havlo", "there is no edge or frame \"%1\""),
    QT_TRANSLATE_NOOP("Havlo", "there is no ground below the horizon to stand on"),
    QT_TRANSLATE_NOOP("Havlo", "there is no impression \"%1\""),
    QT_TRANSLATE_NOOP("Havlo", "there is no impression on this sheet, only specks or its edge"),
    QT_TRANSLATE_NOOP("Havlo", "there is no ink \"%1\""),
    QT_TRANSLATE_NOOP("Havlo", "there is no ink to stamp with"),
    QT_TRANSLATE_NOOP("Havlo", "there is no other \"%1\""),
    QT_TRANSLATE_NOOP("Havlo", "there is no other impression \"%1\""),
    QT_TRANSLATE_NOOP("Havlo", "there is no stamp \"%1\""),
    QT_TRANSLATE_NOOP("Havlo", "there is no such impression"),
    QT_TRANSLATE_NOOP("Havlo", "there is no such part of the stamp"),
    QT_TRANSLATE_NOOP("Havlo", "there is no such thing on the ground"),
    QT_TRANSLATE_NOOP("Havlo", "there is no such wash"),
    QT_TRANSLATE_NOOP("Havlo", "there is no such wish"),
    QT_TRANSLATE_NOOP("Havlo", "there is no wash \"%1\""),
    QT_TRANSLATE_NOOP("Havlo", "there is nothing \"%1\" on the ground"),
    QT_TRANSLATE_NOOP("Havlo", "there is nothing on this paper: is it the right side?"),
    QT_TRANSLATE_NOOP("Havlo", "there is nothing on this sheet that stands out from its paper"),
    QT_TRANSLATE_NOOP("Havlo", "they all stand at one place"),
    QT_TRANSLATE_NOOP("Havlo", "this is not the plan's card: hardly anything of it lies where it should"),
    QT_TRANSLATE_NOOP("Havlo", "this plan has no grey or black ink"),
    QT_TRANSLATE_NOOP("Havlo", "this plan has no ink with a colour for the hero"),
    QT_TRANSLATE_NOOP("Havlo",
                      "this sheet has other sides than the plan's card: is it another card, or half of it?"),
    QT_TRANSLATE_NOOP("Havlo", "tiles and boards must have a size"),
    QT_TRANSLATE_NOOP("Havlo", "what was copied lacks a stamp or an ink"),
};

struct Known {
  QRegularExpression shape;
  const char* text;
};

/// Plain sentences first: what is filled in may be anything.
const std::vector<Known>& known() {
  static const std::vector<Known> all = [] {
    std::vector<Known> out;
    for (const bool filled : {false, true})
      for (const char* text : kPatterns) {
        QString shape = QRegularExpression::escape(QString::fromUtf8(text));
        const bool holds = shape.contains(QLatin1String("\\%1"));
        if (holds != filled) continue;
        for (const char* place : {"\\%1", "\\%2"})
          shape.replace(QLatin1String(place), QLatin1String("(.+?)"));
        out.push_back(
            {QRegularExpression(u'^' + shape + u'$', QRegularExpression::DotMatchesEverythingOption), text});
      }
    return out;
  }();
  return all;
}

}  // namespace

std::span<const char* const> errorPatterns() { return kPatterns; }

QString errorReason(const Error& error) {
  const QString said = QString::fromStdString(error.message);
  for (const Known& k : known()) {
    const auto match = k.shape.match(said);
    if (!match.hasMatch()) continue;
    QString words = tr(k.text);
    // In one go: what is filled in may hold a %1 of its own.
    if (match.lastCapturedIndex() == 2) return words.arg(match.captured(1), match.captured(2));
    return match.lastCapturedIndex() == 1 ? words.arg(match.captured(1)) : words;
  }
  return said;
}

QString errorWords(const Error& error) {
  return error.place.empty()
             ? errorReason(error)
             : QString::fromStdString(error.place) + QStringLiteral(": ") + errorReason(error);
}

}  // namespace havlo
