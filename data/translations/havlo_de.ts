<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>Havlo</name>
    <message>
        <source>
kept in: %1</source>
        <translation>
liegt in: %1</translation>
    </message>
    <message>
        <source>
of the untrimmed sheet</source>
        <translation>
des unbeschnittenen Bogens</translation>
    </message>
    <message>
        <source>
set: %1</source>
        <translation>
Satz: %1</translation>
    </message>
    <message>
        <source>    (not now)</source>
        <translation>    (jetzt nicht)</translation>
    </message>
    <message>
        <source> % of the usual time</source>
        <extracomment>stands behind a number: how often a mask can be laid</extracomment>
        <translation> % der üblichen Zeit</translation>
    </message>
    <message>
        <source> %1 cards at once: each step is done on all of them.</source>
        <translation> %1 Karten auf einmal: jeder Schritt wird an allen getan.</translation>
    </message>
    <message>
        <source> %1 comes nearest.</source>
        <translation> %1 kommt am nächsten.</translation>
    </message>
    <message>
        <source> %1 evenings.</source>
        <translation> %1 Abende.</translation>
    </message>
    <message>
        <source> %1 masks were cut.</source>
        <translation> %1 Masken wurden geschnitten.</translation>
    </message>
    <message>
        <source> %1 things went wrong.</source>
        <translation> %1 Dinge gingen schief.</translation>
    </message>
    <message>
        <source> (after %1)</source>
        <translation> (nach %1)</translation>
    </message>
    <message>
        <source> (before %1)</source>
        <translation> (vor %1)</translation>
    </message>
    <message>
        <source> (its place is told to %1 only)</source>
        <translation> (ihr Ort ist nur auf %1 genau bekannt)</translation>
    </message>
    <message>
        <source> (raised off the ground)</source>
        <translation> (über den Boden gehoben)</translation>
    </message>
    <message>
        <source> (runs low)</source>
        <translation> (wird knapp)</translation>
    </message>
    <message>
        <source> (taken a degree above the horizon)</source>
        <translation> (ein Grad über dem Horizont angenommen)</translation>
    </message>
    <message>
        <source> 1 mask was cut.</source>
        <translation> 1 Maske wurde geschnitten.</translation>
    </message>
    <message>
        <source> Evenings of %1.</source>
        <translation> Abende zu %1.</translation>
    </message>
    <message>
        <source> For %1 cards.</source>
        <translation> Für %1 Karten.</translation>
    </message>
    <message>
        <source> Larger than the sheet and left out: %1.</source>
        <translation> Größer als das Blatt und weggelassen: %1.</translation>
    </message>
    <message>
        <source> Nothing went wrong.</source>
        <translation> Nichts ging schief.</translation>
    </message>
    <message>
        <source> One thing went wrong.</source>
        <translation> Eine Sache ging schief.</translation>
    </message>
    <message>
        <source> Page %1 of %2.</source>
        <translation> Seite %1 von %2.</translation>
    </message>
    <message>
        <source> Score the base level, %1 from its bottom edge, with the grain along the fold.</source>
        <translation> Rille die Klappkarte waagrecht, %1 von ihrer Unterkante, mit der Faser längs der Falte.</translation>
    </message>
    <message>
        <source> Score the base upright, %1 from its left edge, with the grain along the fold.</source>
        <translation> Rille die Klappkarte senkrecht, %1 von ihrer linken Kante, mit der Faser längs der Falte.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source> cards</source>
        <translation> Karten</translation>
    </message>
    <message>
        <source> g</source>
        <translation> g</translation>
    </message>
    <message>
        <source> in</source>
        <translation> in</translation>
    </message>
    <message>
        <source> m</source>
        <translation> m</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source> of the inked rubber</source>
        <translation> des eingefärbten Gummis</translation>
    </message>
    <message>
        <source> on %1</source>
        <translation> auf %1</translation>
    </message>
    <message>
        <source> over </source>
        <translation> über </translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source> sheets</source>
        <translation> Bogen</translation>
    </message>
    <message>
        <source> times</source>
        <translation> Mal</translation>
    </message>
    <message>
        <source> · the hero</source>
        <translation> · der Held</translation>
    </message>
    <message>
        <source>&quot;%1&quot; does not lie on the card's face</source>
        <translation>„%1“ liegt nicht auf der Vorderseite der Karte</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no real height, so its size cannot be judged</source>
        <translation>„%1“ hat keine wirkliche Höhe, also lässt sich seine Größe nicht beurteilen</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no size</source>
        <translation>„%1“ hat keine Größe</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is missing</source>
        <translation>„%1“ fehlt</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is named twice</source>
        <translation>„%1“ ist zweimal genannt</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a measure; write it as 2 3/8, 2.375in, 60mm or 6cm</source>
        <translation>„%1“ ist kein Maß; schreib es als 2 3/8, 2,375in, 60mm oder 6cm</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a number</source>
        <translation>„%1“ ist keine Zahl</translation>
    </message>
    <message>
        <source>&quot;%1&quot; would lie on itself</source>
        <translation>„%1“ läge auf sich selbst</translation>
    </message>
    <message>
        <source>## On the card

- **Arrow keys**: nudge the chosen thing; with Shift finer
- **Comma, full stop**: turn it
- **Page Down**, **Page Up**: the next thing; **K** keeps the present one chosen meanwhile
- **Shift and click**: one more, or one less, of what is chosen
- **Ctrl and drag**: a copy, to another spot or another window
- **Alt and click**: the thing behind; **Alt and drag**: no line catches it
- **L, B**: type the measure from the left, from the bottom
- **Z**: the loupe
- **Ctrl and wheel**: closer and farther; **Space and drag**, **Ctrl and arrow keys**: along the card
- **Escape**: nothing is chosen

## At the table

- **Space**: the step is done
- **Backspace**: one step back
- **W**: it went wrong
</source>
        <translation>## Auf der Karte

- **Pfeiltasten**: das Gewählte rücken; mit Umschalt feiner
- **Komma, Punkt**: drehen
- **Bild ab**, **Bild auf**: das nächste Ding; **K** hält das jetzige dabei gewählt
- **Umschalt und Klick**: eines mehr oder weniger gewählt
- **Strg und Ziehen**: eine Kopie, an eine andere Stelle oder in ein anderes Fenster
- **Alt und Klick**: das Ding dahinter; **Alt und Ziehen**: keine Linie fängt es
- **L, B**: das Maß von links, von unten eintippen
- **Z**: die Lupe
- **Strg und Rad**: näher und ferner; **Leertaste und Ziehen**, **Strg und Pfeiltasten**: über die Karte
- **Esc**: nichts ist gewählt

## Am Tisch

- **Leertaste**: der Schritt ist getan
- **Rücktaste**: einen Schritt zurück
- **W**: es ging schief
</translation>
    </message>
    <message>
        <source>%1
%2</source>
        <translation>%1
%2</translation>
    </message>
    <message>
        <source>%1
%2
written %3</source>
        <translation>%1
%2
geschrieben %3</translation>
    </message>
    <message>
        <source>%1
%2 × %3</source>
        <translation>%1
%2 × %3</translation>
    </message>
    <message>
        <source>%1  %2
     grade %3, %4</source>
        <translation>%1  %2
     Note %3, %4</translation>
    </message>
    <message>
        <source>%1  Your own card
     %2</source>
        <translation>%1  Deine eigene Karte
     %2</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1 % bare</source>
        <translation>%1 % frei</translation>
    </message>
    <message>
        <source>%1 % of it</source>
        <translation>%1 % davon</translation>
    </message>
    <message>
        <source>%1 % of it is lost</source>
        <translation>%1 % davon gehen verloren</translation>
    </message>
    <message>
        <source>%1 % of the card is plain. The largest plain place is %2 by %3, %4 from the left, %5 from the bottom.</source>
        <translation>%1 % der Karte sind ruhig. Die größte ruhige Stelle misst %2 mal %3, %4 von links, %5 von unten.</translation>
    </message>
    <message>
        <source>%1 % on</source>
        <translation>%1 % drauf</translation>
    </message>
    <message>
        <source>%1 % shows</source>
        <translation>%1 % sichtbar</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1 %2 things stand in the way; first: %3.</source>
        <translation>%1 %2 Dinge stehen im Weg; zuerst: %3.</translation>
    </message>
    <message>
        <source>%1 %2, about %3 in all</source>
        <translation>%1 %2, zusammen etwa %3</translation>
    </message>
    <message>
        <source>%1 %2, pressing %3, comes nearer.</source>
        <translation>%1 %2, Pressung %3, kommt näher heran.</translation>
    </message>
    <message>
        <source>%1 (%2 % of its typical height)</source>
        <translation>%1 (%2 % seiner üblichen Höhe)</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>%1 (metric)</source>
        <translation>%1 (metrisch)</translation>
    </message>
    <message>
        <source>%1 : 1</source>
        <translation>%1 : 1</translation>
    </message>
    <message>
        <source>%1 Joins, minutes and masks of your next plans are reckoned with it.</source>
        <translation>%1 Nähte, Minuten und Masken deiner nächsten Pläne werden damit gerechnet.</translation>
    </message>
    <message>
        <source>%1 One thing stands in the way: %2.</source>
        <translation>%1 Ein Ding steht im Weg: %2.</translation>
    </message>
    <message>
        <source>%1 Pressing %2 comes nearer.</source>
        <translation>%1 Pressung %2 kommt näher heran.</translation>
    </message>
    <message>
        <source>%1 above the top edge</source>
        <translation>%1 über der Oberkante</translation>
    </message>
    <message>
        <source>%1 against %2</source>
        <translation>%1 gegen %2</translation>
    </message>
    <message>
        <source>%1 ahead</source>
        <translation>%1 voraus</translation>
    </message>
    <message>
        <source>%1 along what covers %2</source>
        <translation>%1 entlang dessen, was %2 bedeckt</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 und %2</translation>
    </message>
    <message>
        <source>%1 and %2 blend to mud</source>
        <translation>%1 und %2 werden zusammen schmutzig</translation>
    </message>
    <message>
        <source>%1 and %2 cannot both be had as they lie</source>
        <translation>%1 und %2 sind so, wie sie liegen, nicht beide zu haben</translation>
    </message>
    <message>
        <source>%1 and %2 look like copies</source>
        <translation>%1 und %2 sehen wie Kopien aus</translation>
    </message>
    <message>
        <source>%1 and %2 more</source>
        <translation>%1 und %2 mehr</translation>
    </message>
    <message>
        <source>%1 and %2 touch at the edge</source>
        <translation>%1 und %2 berühren sich am Rand</translation>
    </message>
    <message>
        <source>%1 apart</source>
        <translation>%1 Abstand</translation>
    </message>
    <message>
        <source>%1 are all heroes</source>
        <translation>%1 sind alle Helden</translation>
    </message>
    <message>
        <source>%1 are coloured</source>
        <translation>%1 sind farbig</translation>
    </message>
    <message>
        <source>%1 are in the drawer</source>
        <translation>%1 sind in der Schublade</translation>
    </message>
    <message>
        <source>%1 are missing</source>
        <translation>%1 fehlen</translation>
    </message>
    <message>
        <source>%1 are missing.</source>
        <translation>%1 fehlen.</translation>
    </message>
    <message>
        <source>%1 arrangements that are better, the clearest first. Each was pressed on simulated paper.</source>
        <translation>%1 bessere Anordnungen, die klarste zuerst. Jede wurde auf simuliertem Papier gedruckt.</translation>
    </message>
    <message>
        <source>%1 as PDF…</source>
        <translation>%1 als PDF…</translation>
    </message>
    <message>
        <source>%1 as it is with me</source>
        <translation>%1, wie sie bei mir ist</translation>
    </message>
    <message>
        <source>%1 away</source>
        <translation>%1 entfernt</translation>
    </message>
    <message>
        <source>%1 before</source>
        <translation>%1 vorher</translation>
    </message>
    <message>
        <source>%1 begins in mid-air</source>
        <translation>%1 beginnt in der Luft</translation>
    </message>
    <message>
        <source>%1 belongs to another</source>
        <translation>%1 gehört zu einem anderen</translation>
    </message>
    <message>
        <source>%1 below the bottom edge</source>
        <translation>%1 unter der Unterkante</translation>
    </message>
    <message>
        <source>%1 between the parts of %2 stay covered, the gap is too small to cut out: choose it to be cut all the same, or another way for it.</source>
        <translation>%1 zwischen den Teilen von %2 bleiben abgedeckt, die Lücke ist zu klein zum Ausschneiden: lass sie trotzdem schneiden oder wähle ein anderes Verfahren.</translation>
    </message>
    <message>
        <source>%1 blended %2 over %3, %4: %3 was not covered.</source>
        <translation>%1 zog %2 über %3, %4: %3 war nicht abgedeckt.</translation>
    </message>
    <message>
        <source>%1 cannot be done</source>
        <translation>%1 geht nicht</translation>
    </message>
    <message>
        <source>%1 cannot be first: something must be stamped before it.</source>
        <translation>%1 kann nicht das Erste sein: vorher muss etwas gestempelt werden.</translation>
    </message>
    <message>
        <source>%1 cannot be used in one go.</source>
        <translation>%1 lässt sich nicht in einem Zug machen.</translation>
    </message>
    <message>
        <source>%1 cannot come before %2</source>
        <translation>%1 kann nicht vor %2 kommen</translation>
    </message>
    <message>
        <source>%1 cards</source>
        <translation>%1 Karten</translation>
    </message>
    <message>
        <source>%1 cards at once</source>
        <translation>%1 Karten auf einmal</translation>
    </message>
    <message>
        <source>%1 cards that belong together: one hour, one paper, one set of inks.</source>
        <translation>%1 Karten, die zusammengehören: eine Stunde, ein Papier, ein Satz Farben.</translation>
    </message>
    <message>
        <source>%1 cm</source>
        <translation>%1 cm</translation>
    </message>
    <message>
        <source>%1 cm²</source>
        <translation>%1 cm²</translation>
    </message>
    <message>
        <source>%1 comes before %2, but must come after it.</source>
        <translation>%1 kommt vor %2, muss aber danach kommen.</translation>
    </message>
    <message>
        <source>%1 comes into its room (%2 mm²).</source>
        <translation>%1 ragt in seinen Platz (%2 mm²).</translation>
    </message>
    <message>
        <source>%1 comes too near the edge</source>
        <translation>%1 kommt dem Rand zu nah</translation>
    </message>
    <message>
        <source>%1 competes with %2</source>
        <translation>%1 wetteifert mit %2</translation>
    </message>
    <message>
        <source>%1 corners</source>
        <translation>%1 Ecken</translation>
    </message>
    <message>
        <source>%1 covers were laid that nothing came near.</source>
        <translation>%1 Abdeckungen lagen da, denen nichts nahe kam.</translation>
    </message>
    <message>
        <source>%1 crowds %2</source>
        <translation>%1 bedrängt %2</translation>
    </message>
    <message>
        <source>%1 cut, %2 of travel, about %3.</source>
        <translation>%1 Schnitt, %2 Weg, etwa %3.</translation>
    </message>
    <message>
        <source>%1 damp</source>
        <translation>%1 feucht</translation>
    </message>
    <message>
        <source>%1 did not come out well.</source>
        <translation>%1 gelangen nicht gut.</translation>
    </message>
    <message>
        <source>%1 disagrees with all the others.</source>
        <translation>%1 widerspricht allen anderen.</translation>
    </message>
    <message>
        <source>%1 does not lie on what it is glued on. Move it onto it.</source>
        <translation>%1 liegt nicht auf dem, worauf es geklebt wird. Schiebe es darauf.</translation>
    </message>
    <message>
        <source>%1 does not touch %2</source>
        <translation>%1 berührt %2 nicht</translation>
    </message>
    <message>
        <source>%1 done, about %2 to go</source>
        <translation>%1 fertig, noch etwa %2</translation>
    </message>
    <message>
        <source>%1 dots of foam</source>
        <translation>%1 Schaumpunkte</translation>
    </message>
    <message>
        <source>%1 dots of foam, %2 high</source>
        <translation>%1 Schaumpunkte, %2 hoch</translation>
    </message>
    <message>
        <source>%1 down</source>
        <translation>%1 nach unten</translation>
    </message>
    <message>
        <source>%1 dpi, %2.</source>
        <translation>%1 dpi, %2.</translation>
    </message>
    <message>
        <source>%1 dpi, as the file says.</source>
        <translation>%1 dpi, sagt die Datei.</translation>
    </message>
    <message>
        <source>%1 dpi, straightened.</source>
        <translation>%1 dpi, entzerrt.</translation>
    </message>
    <message>
        <source>%1 dries slowly. Stamped early it dries while the rest is done.</source>
        <translation>%1 trocknet langsam. Früh gestempelt trocknet es, während der Rest getan wird.</translation>
    </message>
    <message>
        <source>%1 dries slowly: covered too soon it smears and sticks to the mask.</source>
        <translation>%1 trocknet langsam: zu früh abgedeckt verschmiert es und klebt an der Maske.</translation>
    </message>
    <message>
        <source>%1 elsewhere at such edges</source>
        <translation>%1 sonst an solchen Kanten</translation>
    </message>
    <message>
        <source>%1 envelopes</source>
        <translation>%1 Umschläge</translation>
    </message>
    <message>
        <source>%1 envelopes of %2</source>
        <translation>%1 Umschläge von %2</translation>
    </message>
    <message>
        <source>%1 first</source>
        <translation>%1 zuerst</translation>
    </message>
    <message>
        <source>%1 floats</source>
        <translation>%1 schwebt</translation>
    </message>
    <message>
        <source>%1 for %2</source>
        <translation>%1 für %2</translation>
    </message>
    <message>
        <source>%1 from a sheet of %2 × %3.</source>
        <translation>%1 aus einem Bogen von %2 × %3.</translation>
    </message>
    <message>
        <source>%1 from the bottom</source>
        <translation>%1 von unten</translation>
    </message>
    <message>
        <source>%1 from the bottom at the left, %2 at the right</source>
        <translation>%1 von unten links, %2 rechts</translation>
    </message>
    <message>
        <source>%1 from the left</source>
        <translation>%1 von links</translation>
    </message>
    <message>
        <source>%1 from the left, %2 from the bottom</source>
        <translation>%1 von links, %2 von unten</translation>
    </message>
    <message>
        <source>%1 ft</source>
        <translation>%1 ft</translation>
    </message>
    <message>
        <source>%1 goes where the thing it is on goes; move that.</source>
        <translation>%1 geht dorthin, wohin das Ding geht, auf dem es ist; bewege jenes.</translation>
    </message>
    <message>
        <source>%1 grows out of the head of %2</source>
        <translation>%1 wächst aus dem Kopf von %2</translation>
    </message>
    <message>
        <source>%1 h %2 min</source>
        <translation>%1 h %2 min</translation>
    </message>
    <message>
        <source>%1 hangs %2 over the card's rim. Cut it flush, or see that the envelope takes it.</source>
        <translation>%1 hängt %2 über den Kartenrand. Schneide es bündig, oder sieh zu, dass der Umschlag es fasst.</translation>
    </message>
    <message>
        <source>%1 has had this card already, on %2.</source>
        <translation>%1 hatte diese Karte schon, am %2.</translation>
    </message>
    <message>
        <source>%1 has its foot %2 outside the panel.</source>
        <translation>%1 hat den Fuß %2 außerhalb der Bildkarte.</translation>
    </message>
    <message>
        <source>%1 has no cards in it</source>
        <translation>%1 enthält keine Karten</translation>
    </message>
    <message>
        <source>%1 has your numbers now, in the drawer and in this plan where they have it.</source>
        <translation>%1 hat jetzt deine Werte, in der Schublade und in diesem Plan, wo sie vorkommt.</translation>
    </message>
    <message>
        <source>%1 heat tools</source>
        <translation>%1 Heißluftgeräte</translation>
    </message>
    <message>
        <source>%1 heroes</source>
        <translation>%1 Helden</translation>
    </message>
    <message>
        <source>%1 high</source>
        <translation>%1 hoch</translation>
    </message>
    <message>
        <source>%1 in</source>
        <translation>%1 in</translation>
    </message>
    <message>
        <source>%1 in %2 rows, all of one stamp</source>
        <translation>%1 in %2 Reihen, alle von einem Stempel</translation>
    </message>
    <message>
        <source>%1 in %2 rows, of %3 stamps</source>
        <translation>%1 in %2 Reihen, von %3 Stempeln</translation>
    </message>
    <message>
        <source>%1 in a ring</source>
        <translation>%1 im Kreis</translation>
    </message>
    <message>
        <source>%1 in about %2, %3 a card; one by itself takes %4.</source>
        <translation>%1 in etwa %2, %3 je Karte; eine allein braucht %4.</translation>
    </message>
    <message>
        <source>%1 in one row</source>
        <translation>%1 in einer Reihe</translation>
    </message>
    <message>
        <source>%1 in the row, %2 apart.</source>
        <translation>%1 in der Reihe, mit %2 Abstand.</translation>
    </message>
    <message>
        <source>%1 inked since it was full</source>
        <translation>%1 gefärbt, seit es voll war</translation>
    </message>
    <message>
        <source>%1 instead of %2</source>
        <translation>%1 statt %2</translation>
    </message>
    <message>
        <source>%1 is %2 away.</source>
        <translation>%1 ist %2 entfernt.</translation>
    </message>
    <message>
        <source>%1 is %2 for what it lies on (%3).</source>
        <translation>%1 ist %2 für das, worauf es liegt (%3).</translation>
    </message>
    <message>
        <source>%1 is %2 larger than the envelope has room for. Give it the envelope's size, or take it off.</source>
        <translation>%1 ist %2 größer, als der Umschlag Platz hat. Gib ihm die Größe des Umschlags oder nimm es weg.</translation>
    </message>
    <message>
        <source>%1 is %2 too small for the card as thick as it is.</source>
        <translation>%1 ist %2 zu klein für die Karte in ihrer Dicke.</translation>
    </message>
    <message>
        <source>%1 is almost off the panel</source>
        <translation>%1 liegt fast ganz neben der Bildkarte</translation>
    </message>
    <message>
        <source>%1 is as far as the sky.</source>
        <translation>%1 ist so fern wie der Himmel.</translation>
    </message>
    <message>
        <source>%1 is cut off by the edge</source>
        <translation>%1 wird vom Rand abgeschnitten</translation>
    </message>
    <message>
        <source>%1 is damp yet when all is done</source>
        <translation>%1 ist noch feucht, wenn alles getan ist</translation>
    </message>
    <message>
        <source>%1 is dry after %2 s with you; its table says %3 s.</source>
        <translation>%1 ist bei dir nach %2 s trocken; die Tabelle sagt %3 s.</translation>
    </message>
    <message>
        <source>%1 is hard to read</source>
        <translation>%1 ist schwer zu lesen</translation>
    </message>
    <message>
        <source>%1 is hard to read: %2</source>
        <translation>%1 ist schwer zu lesen: %2</translation>
    </message>
    <message>
        <source>%1 is held in place. Let it go first: Ctrl+H, or its menu.</source>
        <translation>%1 ist festgehalten. Gib es erst frei: Strg+H oder sein Menü.</translation>
    </message>
    <message>
        <source>%1 is hidden by %2</source>
        <translation>%1 ist verdeckt von %2</translation>
    </message>
    <message>
        <source>%1 is in the drawer.</source>
        <translation>%1 ist in der Schublade.</translation>
    </message>
    <message>
        <source>%1 is in the log, with its times, masks and mishaps.</source>
        <translation>%1 steht im Logbuch, mit Zeiten, Masken und Pannen.</translation>
    </message>
    <message>
        <source>%1 is kept off it, so that white lies on white. Printed over the blend it shows.</source>
        <translation>%1 wird davon freigehalten, so liegt Weiß auf Weiß. Über den Verlauf gedruckt sieht man es.</translation>
    </message>
    <message>
        <source>%1 is larger than %2 MB</source>
        <translation>%1 ist größer als %2 MB</translation>
    </message>
    <message>
        <source>%1 is larger than a picture of paper can be</source>
        <translation>%1 ist größer, als ein Bild von Papier sein kann</translation>
    </message>
    <message>
        <source>%1 is lit from another side</source>
        <translation>%1 ist von einer anderen Seite beleuchtet</translation>
    </message>
    <message>
        <source>%1 is missing.</source>
        <translation>%1 fehlt.</translation>
    </message>
    <message>
        <source>%1 is nearer than %2.</source>
        <translation>%1 ist näher als %2.</translation>
    </message>
    <message>
        <source>%1 is needed now.</source>
        <translation>%1 wird jetzt gebraucht.</translation>
    </message>
    <message>
        <source>%1 is no longer needed.</source>
        <translation>%1 wird nicht mehr gebraucht.</translation>
    </message>
    <message>
        <source>%1 is no picture that can be read</source>
        <translation>%1 ist kein lesbares Bild</translation>
    </message>
    <message>
        <source>%1 is not seen at all.</source>
        <translation>%1 ist gar nicht zu sehen.</translation>
    </message>
    <message>
        <source>%1 is off level</source>
        <translation>%1 ist nicht waagrecht</translation>
    </message>
    <message>
        <source>%1 is off the panel</source>
        <translation>%1 liegt neben der Bildkarte</translation>
    </message>
    <message>
        <source>%1 is out of the drawer.</source>
        <translation>%1 ist aus der Schublade.</translation>
    </message>
    <message>
        <source>%1 is out of the log.</source>
        <translation>%1 ist aus dem Logbuch.</translation>
    </message>
    <message>
        <source>%1 is pale: %2 of the ink that was wanted.</source>
        <translation>%1 ist blass: %2 der gewünschten Farbe.</translation>
    </message>
    <message>
        <source>%1 is printed over the darker %2 and does not show</source>
        <translation>%1 liegt über dem dunkleren %2 und ist nicht zu sehen</translation>
    </message>
    <message>
        <source>%1 is seen before %2</source>
        <translation>%1 fällt vor %2 auf</translation>
    </message>
    <message>
        <source>%1 is seen before %2: %3 of the pull to %4.</source>
        <translation>%1 fällt vor %2 auf: %3 der Anziehung gegen %4.</translation>
    </message>
    <message>
        <source>%1 is seen first (%2 of the pull).</source>
        <translation>%1 fällt zuerst auf (%2 der Anziehung).</translation>
    </message>
    <message>
        <source>%1 is seen first (%2 of the pull). No hero is chosen.</source>
        <translation>%1 fällt zuerst auf (%2 der Anziehung). Kein Held ist gewählt.</translation>
    </message>
    <message>
        <source>%1 is seen first (%2 of the pull); %3 competes (%4).</source>
        <translation>%1 fällt zuerst auf (%2 der Anziehung); %3 wetteifert (%4).</translation>
    </message>
    <message>
        <source>%1 is shaded on the side of the light</source>
        <translation>%1 ist auf der Lichtseite schattiert</translation>
    </message>
    <message>
        <source>%1 is smeared over %2.</source>
        <translation>%1 ist über %2 verschmiert.</translation>
    </message>
    <message>
        <source>%1 is so far off-centre that it reaches %2 over the edge below. Bring it back by that much.</source>
        <translation>%1 ist so weit aus der Mitte, dass es %2 über die Kante darunter ragt. Rücke es um so viel zurück.</translation>
    </message>
    <message>
        <source>%1 is stamped</source>
        <translation>%1 wird gestempelt</translation>
    </message>
    <message>
        <source>%1 is stamped over %2, which is raised</source>
        <translation>%1 wird über %2 gestempelt, das erhaben ist</translation>
    </message>
    <message>
        <source>%1 is there already. Replace it?</source>
        <translation>%1 gibt es schon. Ersetzen?</translation>
    </message>
    <message>
        <source>%1 is too dark for its distance</source>
        <translation>%1 ist zu dunkel für seine Entfernung</translation>
    </message>
    <message>
        <source>%1 is too small where it stands</source>
        <translation>%1 ist zu klein, wo es steht</translation>
    </message>
    <message>
        <source>%1 is too tall where it stands</source>
        <translation>%1 ist zu groß, wo es steht</translation>
    </message>
    <message>
        <source>%1 is too thin to cut a mask for: let what is behind run over it.</source>
        <translation>%1 ist zu dünn für eine Maske: lass das Dahinterliegende darüber laufen.</translation>
    </message>
    <message>
        <source>%1 is white among coloured things</source>
        <translation>%1 ist weiß unter Farbigem</translation>
    </message>
    <message>
        <source>%1 is wholly hidden</source>
        <translation>%1 ist ganz verdeckt</translation>
    </message>
    <message>
        <source>%1 is written.</source>
        <translation>%1 ist geschrieben.</translation>
    </message>
    <message>
        <source>%1 joins showed lately.</source>
        <translation>%1 Nähte waren zuletzt zu sehen.</translation>
    </message>
    <message>
        <source>%1 kept masks are used first: %2 to cut instead of %3.</source>
        <translation>%1 aufgehobene Masken kommen zuerst: %2 zu schneiden statt %3.</translation>
    </message>
    <message>
        <source>%1 km</source>
        <translation>%1 km</translation>
    </message>
    <message>
        <source>%1 later pressings came out otherwise than wanted lately.</source>
        <translation>%1 spätere Pressungen gerieten zuletzt anders als gewollt.</translation>
    </message>
    <message>
        <source>%1 left</source>
        <translation>%1 links</translation>
    </message>
    <message>
        <source>%1 left a gap in %2, %4: a mask on %3 kept the ink out.</source>
        <translation>%1 ließ eine Lücke in %2, %4: eine Maske auf %3 hielt die Farbe ab.</translation>
    </message>
    <message>
        <source>%1 left a plain patch in %2: a mask on %3 kept it out.</source>
        <translation>%1 ließ eine leere Stelle in %2: eine Maske auf %3 hielt sie ab.</translation>
    </message>
    <message>
        <source>%1 lies on something that is not there. Put it on the panel.</source>
        <translation>%1 liegt auf etwas, das nicht da ist. Lege es auf die Bildkarte.</translation>
    </message>
    <message>
        <source>%1 lies over it and is to take the colour.</source>
        <translation>%1 liegt darüber und soll die Farbe annehmen.</translation>
    </message>
    <message>
        <source>%1 looks out of the picture</source>
        <translation>%1 blickt aus dem Bild</translation>
    </message>
    <message>
        <source>%1 looks that way</source>
        <translation>%1 blickt dorthin</translation>
    </message>
    <message>
        <source>%1 looks, rows and paths lead the eye elsewhere.</source>
        <translation>%1 Blicke, Reihen und Wege führen das Auge anderswohin.</translation>
    </message>
    <message>
        <source>%1 low</source>
        <translation>%1 niedrig</translation>
    </message>
    <message>
        <source>%1 m</source>
        <translation>%1 m</translation>
    </message>
    <message>
        <source>%1 m (%2 to %3)</source>
        <translation>%1 m (%2 bis %3)</translation>
    </message>
    <message>
        <source>%1 m wide and %2 m high; the back wall is %3 away. Drag its corners on the card.</source>
        <translation>%1 m breit und %2 m hoch; die Rückwand ist %3 entfernt. Ziehe ihre Ecken auf der Karte.</translation>
    </message>
    <message>
        <source>%1 makers are done after %2; one with everything at hand takes %3.</source>
        <translation>%1 Personen sind nach %2 fertig; eine, die alles zur Hand hat, braucht %3.</translation>
    </message>
    <message>
        <source>%1 masks</source>
        <translation>%1 Masken</translation>
    </message>
    <message>
        <source>%1 masks are in %2.</source>
        <translation>%1 Masken sind in %2.</translation>
    </message>
    <message>
        <source>%1 masks are kept in the drawer.</source>
        <translation>%1 Masken sind in der Schublade aufgehoben.</translation>
    </message>
    <message>
        <source>%1 masks cut.</source>
        <translation>%1 Masken geschnitten.</translation>
    </message>
    <message>
        <source>%1 masks instead of %2</source>
        <translation>%1 Masken statt %2</translation>
    </message>
    <message>
        <source>%1 masks lie meanwhile; the run sheet says which</source>
        <translation>%1 Masken liegen derweil; der Ablauf sagt, welche</translation>
    </message>
    <message>
        <source>%1 masks on %2 sheets; this is sheet %3.</source>
        <translation>%1 Masken auf %2 Bogen; dies ist Bogen %3.</translation>
    </message>
    <message>
        <source>%1 masks on one sheet.</source>
        <translation>%1 Masken auf einem Bogen.</translation>
    </message>
    <message>
        <source>%1 masks that go from card to card</source>
        <translation>%1 Masken, die von Karte zu Karte wandern</translation>
    </message>
    <message>
        <source>%1 may stand in this band</source>
        <translation>%1 darf in diesem Streifen stehen</translation>
    </message>
    <message>
        <source>%1 meets %2 with %3.</source>
        <translation>%1 trifft %2 mit %3.</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>%1 min %2 s</source>
        <translation>%1 min %2 s</translation>
    </message>
    <message>
        <source>%1 misses the vanishing point</source>
        <translation>%1 verfehlt den Fluchtpunkt</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>%1 mm open</source>
        <translation>%1 mm offen</translation>
    </message>
    <message>
        <source>%1 mm too long</source>
        <translation>%1 mm zu lang</translation>
    </message>
    <message>
        <source>%1 mm wide</source>
        <translation>%1 mm breit</translation>
    </message>
    <message>
        <source>%1 mm²</source>
        <translation>%1 mm²</translation>
    </message>
    <message>
        <source>%1 mm² come out otherwise</source>
        <translation>%1 mm² geraten anders</translation>
    </message>
    <message>
        <source>%1 mm² come out otherwise. </source>
        <translation>%1 mm² geraten anders. </translation>
    </message>
    <message>
        <source>%1 mm² of it in the way</source>
        <translation>%1 mm² davon im Weg</translation>
    </message>
    <message>
        <source>%1 mm² stay uncovered in all, %2 mm² of it the rim of %3 inside the line</source>
        <translation>%1 mm² bleiben insgesamt unbedeckt, %2 mm² davon der Rand von %3 innerhalb der Linie</translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation>%1 mehr</translation>
    </message>
    <message>
        <source>%1 more of less weight</source>
        <translation>%1 weitere von geringerem Gewicht</translation>
    </message>
    <message>
        <source>%1 more that you know of</source>
        <translation>%1 weitere, von denen du weißt</translation>
    </message>
    <message>
        <source>%1 more.</source>
        <translation>%1 weitere.</translation>
    </message>
    <message>
        <source>%1 moves with water; a damp tool over it smears the lines.</source>
        <translation>%1 löst sich in Wasser; ein feuchtes Werkzeug verschmiert die Linien.</translation>
    </message>
    <message>
        <source>%1 must be covered at once</source>
        <translation>%1 müssen zugleich abgedeckt sein</translation>
    </message>
    <message>
        <source>%1 must be dry before masks go on</source>
        <translation>%1 muss trocken sein, bevor Masken darauf kommen</translation>
    </message>
    <message>
        <source>%1 need not be covered: nothing comes near it.</source>
        <translation>%1 muss nicht abgedeckt werden: nichts kommt ihm nahe.</translation>
    </message>
    <message>
        <source>%1 need not be covered: nothing comes near them.</source>
        <translation>%1 müssen nicht abgedeckt werden: nichts kommt ihnen nahe.</translation>
    </message>
    <message>
        <source>%1 no longer lies on the panel.</source>
        <translation>%1 liegt nicht mehr auf der Bildkarte.</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>%1 of %2 across</source>
        <translation>%1 von %2 Breite</translation>
    </message>
    <message>
        <source>%1 of %2 before it</source>
        <translation>%1 von %2 davor</translation>
    </message>
    <message>
        <source>%1 of %2 cannot be covered, it is too fine to cut: choose the part to be cut all the same, or another way for it.</source>
        <translation>%1 von %2 lässt sich nicht abdecken, es ist zu fein zum Schneiden: lass den Teil trotzdem schneiden oder wähle ein anderes Verfahren.</translation>
    </message>
    <message>
        <source>%1 of %2 from the drawer</source>
        <translation>%1 von %2 aus der Schublade</translation>
    </message>
    <message>
        <source>%1 of %2 prints sit where they should</source>
        <translation>%1 von %2 Abdrücken sitzen richtig</translation>
    </message>
    <message>
        <source>%1 of %2 stamps</source>
        <translation>%1 von %2 Stempeln</translation>
    </message>
    <message>
        <source>%1 of %2 steps done</source>
        <translation>%1 von %2 Schritten getan</translation>
    </message>
    <message>
        <source>%1 of %2 things have their right size.</source>
        <translation>%1 von %2 Dingen haben die richtige Größe.</translation>
    </message>
    <message>
        <source>%1 of %2 things shaded by hand do not agree with it.</source>
        <translation>%1 von %2 von Hand schattierten Dingen stimmen nicht dazu.</translation>
    </message>
    <message>
        <source>%1 of %2 things would not be at their right size.</source>
        <translation>%1 von %2 Dingen hätten nicht die richtige Größe.</translation>
    </message>
    <message>
        <source>%1 of %2 to get</source>
        <translation>%1 von %2 zu besorgen</translation>
    </message>
    <message>
        <source>%1 of %2 would stand right at %3 m, best first</source>
        <translation>%1 von %2 stünden bei %3 m richtig, die besten zuerst</translation>
    </message>
    <message>
        <source>%1 of %2: %3</source>
        <translation>%1 von %2: %3</translation>
    </message>
    <message>
        <source>%1 of a kind</source>
        <translation>%1 von einer Sorte</translation>
    </message>
    <message>
        <source>%1 of adhesive</source>
        <translation>%1 Kleber</translation>
    </message>
    <message>
        <source>%1 of colour lost</source>
        <translation>%1 der Farbe verloren</translation>
    </message>
    <message>
        <source>%1 of masking paper</source>
        <translation>%1 Maskierpapier</translation>
    </message>
    <message>
        <source>%1 of the untrimmed sheet</source>
        <translation>%1 des unbeschnittenen Bogens</translation>
    </message>
    <message>
        <source>%1 of what is usual</source>
        <translation>%1 des Üblichen</translation>
    </message>
    <message>
        <source>%1 off every side</source>
        <translation>%1 von jeder Seite ab</translation>
    </message>
    <message>
        <source>%1 off the bottom</source>
        <translation>%1 unten ab</translation>
    </message>
    <message>
        <source>%1 off the card</source>
        <translation>%1 neben der Karte</translation>
    </message>
    <message>
        <source>%1 off the left side</source>
        <translation>%1 links ab</translation>
    </message>
    <message>
        <source>%1 off the middle</source>
        <translation>%1 neben der Mitte</translation>
    </message>
    <message>
        <source>%1 off the right side</source>
        <translation>%1 rechts ab</translation>
    </message>
    <message>
        <source>%1 off the top</source>
        <translation>%1 oben ab</translation>
    </message>
    <message>
        <source>%1 on %2</source>
        <translation>%1 auf %2</translation>
    </message>
    <message>
        <source>%1 on a base line %2 long that begins %3 from the left and %4 from the bottom, capitals %5 high</source>
        <translation>%1 auf einer Grundlinie von %2, die %3 von links und %4 von unten beginnt, Großbuchstaben %5 hoch</translation>
    </message>
    <message>
        <source>%1 on a piece of its own: nothing to join</source>
        <translation>%1 auf einem eigenen Stück: nichts anzuschließen</translation>
    </message>
    <message>
        <source>%1 on one ground line</source>
        <translation>%1 auf einer Bodenlinie</translation>
    </message>
    <message>
        <source>%1 on, tap it off, brush strays away, then melt it from behind with a hot tool</source>
        <translation>%1 auftragen, abklopfen, Verirrtes wegpinseln, dann von hinten mit dem Heißluftgerät schmelzen</translation>
    </message>
    <message>
        <source>%1 other things no longer fit</source>
        <translation>%1 andere Dinge passen nicht mehr</translation>
    </message>
    <message>
        <source>%1 overlaps tell which of two is nearer.</source>
        <translation>%1 Überdeckungen sagen, was von zweien näher ist.</translation>
    </message>
    <message>
        <source>%1 paper of %2</source>
        <translation>Papier von %2, %1</translation>
    </message>
    <message>
        <source>%1 past the left edge</source>
        <translation>%1 über die linke Kante</translation>
    </message>
    <message>
        <source>%1 past the right edge</source>
        <translation>%1 über die rechte Kante</translation>
    </message>
    <message>
        <source>%1 patches, their colours as on white paper. Name those that are yours; a click leaves one out.</source>
        <translation>%1 Farbflecken, ihre Farben wie auf weißem Papier. Benenne, was deins ist; ein Klick lässt eines weg.</translation>
    </message>
    <message>
        <source>%1 pictures</source>
        <translation>%1 Bilder</translation>
    </message>
    <message>
        <source>%1 pictures do not say how large they are: with how many dots an inch were they scanned?</source>
        <translation>%1 Bilder sagen nicht, wie groß sie sind: Mit wie vielen Punkten je Zoll wurden sie gescannt?</translation>
    </message>
    <message>
        <source>%1 pieces come free, %2 cuts free nothing (ringed).</source>
        <translation>%1 Stücke lösen sich, %2 Schnitte lösen nichts (eingekreist).</translation>
    </message>
    <message>
        <source>%1 plans</source>
        <translation>%1 Pläne</translation>
    </message>
    <message>
        <source>%1 plans were put into %2.</source>
        <translation>%1 Pläne liegen jetzt in %2.</translation>
    </message>
    <message>
        <source>%1 points</source>
        <translation>%1 Punkte</translation>
    </message>
    <message>
        <source>%1 pressings read.</source>
        <translation>%1 Pressungen gelesen.</translation>
    </message>
    <message>
        <source>%1 printed %2 across %3, %4: %3 was not covered.</source>
        <translation>%1 druckte %2 über %3, %4: %3 war nicht abgedeckt.</translation>
    </message>
    <message>
        <source>%1 printed %2 beside where it was planned.</source>
        <translation>%1 druckte %2 neben seinem Ort.</translation>
    </message>
    <message>
        <source>%1 printed %2 in another ink than planned.</source>
        <translation>%1 druckte %2 in anderer Farbe als geplant.</translation>
    </message>
    <message>
        <source>%1 printed %2 on top of %3, %4: it belongs below.</source>
        <translation>%1 druckte %2 auf %3, %4: es gehört darunter.</translation>
    </message>
    <message>
        <source>%1 printed %2 where %3 belongs, %4: %3 was not there yet.</source>
        <translation>%1 druckte %2, wo %3 hingehört, %4: %3 war noch nicht da.</translation>
    </message>
    <message>
        <source>%1 prints on your card are later pressings.</source>
        <translation>%1 Abdrücke auf deiner Karte sind spätere Pressungen.</translation>
    </message>
    <message>
        <source>%1 reaches %2 into the border that is to stay bare.</source>
        <translation>%1 reicht %2 in den Rand, der frei bleiben soll.</translation>
    </message>
    <message>
        <source>%1 reads well: %2</source>
        <translation>%1 liest sich gut: %2</translation>
    </message>
    <message>
        <source>%1 right</source>
        <translation>%1 rechts</translation>
    </message>
    <message>
        <source>%1 runs off the edge</source>
        <translation>%1 läuft über den Rand</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 says so.</source>
        <translation>%1 sagt es.</translation>
    </message>
    <message>
        <source>%1 sheets</source>
        <translation>%1 Bogen</translation>
    </message>
    <message>
        <source>%1 sheets are missing</source>
        <translation>%1 Bogen fehlen</translation>
    </message>
    <message>
        <source>%1 sheets of %2</source>
        <translation>%1 Bogen von %2</translation>
    </message>
    <message>
        <source>%1 sheets of masking paper</source>
        <translation>%1 Bogen Maskierpapier</translation>
    </message>
    <message>
        <source>%1 should lie behind %2, but is stamped after it</source>
        <translation>%1 soll hinter %2 liegen, wird aber danach gestempelt</translation>
    </message>
    <message>
        <source>%1 showing all round</source>
        <translation>%1 ringsum sichtbar</translation>
    </message>
    <message>
        <source>%1 showing at the sides, %2 above and below</source>
        <translation>%1 seitlich sichtbar, %2 oben und unten</translation>
    </message>
    <message>
        <source>%1 shows</source>
        <translation>%1 sichtbar</translation>
    </message>
    <message>
        <source>%1 shows %2</source>
        <translation>%1 zeigt %2</translation>
    </message>
    <message>
        <source>%1 shows too little to be told.</source>
        <translation>%1 ist zu wenig zu sehen, um etwas zu sagen.</translation>
    </message>
    <message>
        <source>%1 sinks into what lies around it</source>
        <translation>%1 versinkt in seiner Umgebung</translation>
    </message>
    <message>
        <source>%1 sits %2</source>
        <translation>%1 sitzt %2</translation>
    </message>
    <message>
        <source>%1 sits %2. Lay its mask on the print, not on its measures.</source>
        <translation>%1 sitzt %2. Lege die Maske nach dem Abdruck, nicht nach den Maßen.</translation>
    </message>
    <message>
        <source>%1 sits %2: stamp %3 as much off, then all fit.</source>
        <translation>%1 sitzt %2: stemple %3 um so viel versetzt, dann passen alle.</translation>
    </message>
    <message>
        <source>%1 sits %2: stamp %3 as much off, then they fit.</source>
        <translation>%1 sitzt %2: stemple %3 um so viel versetzt, dann passen sie.</translation>
    </message>
    <message>
        <source>%1 sits where it should</source>
        <translation>%1 sitzt richtig</translation>
    </message>
    <message>
        <source>%1 small holes are covered too, %2: colour them by hand afterwards.</source>
        <translation>%1 kleine Löcher werden mit abgedeckt, %2: male sie danach von Hand aus.</translation>
    </message>
    <message>
        <source>%1 specks were dropped.</source>
        <translation>%1 Flecken wurden weggelassen.</translation>
    </message>
    <message>
        <source>%1 spots of it did not print.</source>
        <translation>%1 Stellen davon druckten nicht.</translation>
    </message>
    <message>
        <source>%1 square inches</source>
        <translation>%1 Quadratzoll</translation>
    </message>
    <message>
        <source>%1 stamps</source>
        <translation>%1 Stempel</translation>
    </message>
    <message>
        <source>%1 stamps are in the drawer.</source>
        <translation>%1 Stempel liegen in der Schublade.</translation>
    </message>
    <message>
        <source>%1 stamps in %2 pictures.</source>
        <translation>%1 Stempel in %2 Bildern.</translation>
    </message>
    <message>
        <source>%1 stamps in one picture.</source>
        <translation>%1 Stempel in einem Bild.</translation>
    </message>
    <message>
        <source>%1 stamps were written with commas for decimal points by an older Havlo. They were mended.</source>
        <translation>%1 Stempel hatte ein älteres Havlo mit Dezimalkommas geschrieben. Sie wurden repariert.</translation>
    </message>
    <message>
        <source>%1 stamps, %2 inks and %3 papers were taken in.</source>
        <translation>%1 Stempel, %2 Farben und %3 Papiere wurden aufgenommen.</translation>
    </message>
    <message>
        <source>%1 stamps, all at one scale</source>
        <translation>%1 Stempel, alle in einem Maßstab</translation>
    </message>
    <message>
        <source>%1 stand where they are too tall or too small.</source>
        <translation>%1 stehen, wo sie zu groß oder zu klein sind.</translation>
    </message>
    <message>
        <source>%1 standing things have their right size.</source>
        <translation>%1 stehende Dinge haben die richtige Größe.</translation>
    </message>
    <message>
        <source>%1 stands for itself</source>
        <translation>%1 steht für sich</translation>
    </message>
    <message>
        <source>%1 stands in the water</source>
        <translation>%1 steht im Wasser</translation>
    </message>
    <message>
        <source>%1 stands nearer than %2, yet is behind it</source>
        <translation>%1 steht näher als %2 und ist doch dahinter</translation>
    </message>
    <message>
        <source>%1 stands outside the room</source>
        <translation>%1 steht außerhalb des Raums</translation>
    </message>
    <message>
        <source>%1 stays wet on masking paper. Blot the mask, or let it dry before it moves.</source>
        <translation>%1 bleibt auf Maskierpapier feucht. Tupfe die Maske ab oder lass sie trocknen, bevor sie wandert.</translation>
    </message>
    <message>
        <source>%1 steps</source>
        <translation>%1 Schritte</translation>
    </message>
    <message>
        <source>%1 steps, about %2, of which %3 waiting. </source>
        <translation>%1 Schritte, etwa %2, davon %3 Warten. </translation>
    </message>
    <message>
        <source>%1 steps, about %2, without waiting. </source>
        <translation>%1 Schritte, etwa %2, ohne Warten. </translation>
    </message>
    <message>
        <source>%1 steps, about %2.</source>
        <translation>%1 Schritte, etwa %2.</translation>
    </message>
    <message>
        <source>%1 there</source>
        <translation>%1 dort</translation>
    </message>
    <message>
        <source>%1 thick with its foam, about %2 g.</source>
        <translation>%1 dick mit Schaum, etwa %2 g.</translation>
    </message>
    <message>
        <source>%1 thick, about %2 g.</source>
        <translation>%1 dick, etwa %2 g.</translation>
    </message>
    <message>
        <source>%1 thin parts stay uncovered, %2: let the background run over them.</source>
        <translation>%1 dünne Teile bleiben unbedeckt, %2: lass den Hintergrund darüber laufen.</translation>
    </message>
    <message>
        <source>%1 things</source>
        <translation>%1 Dinge</translation>
    </message>
    <message>
        <source>%1 things are chosen.</source>
        <translation>%1 Dinge sind gewählt.</translation>
    </message>
    <message>
        <source>%1 things are hidden: show them</source>
        <translation>%1 Dinge sind versteckt: zeigen</translation>
    </message>
    <message>
        <source>%1 things are wrong</source>
        <translation>%1 Dinge stimmen nicht</translation>
    </message>
    <message>
        <source>%1 things coloured</source>
        <translation>%1 Dinge farbig</translation>
    </message>
    <message>
        <source>%1 things do not fit</source>
        <translation>%1 Dinge passen nicht</translation>
    </message>
    <message>
        <source>%1 things on your card are covered.</source>
        <translation>%1 Dinge auf deiner Karte werden abgedeckt.</translation>
    </message>
    <message>
        <source>%1 things on your card do not fit its horizon.</source>
        <translation>%1 Dinge auf deiner Karte passen nicht zu ihrem Horizont.</translation>
    </message>
    <message>
        <source>%1 things stand near and far on your card.</source>
        <translation>%1 Dinge stehen auf deiner Karte nah und fern.</translation>
    </message>
    <message>
        <source>%1 things to look at</source>
        <translation>%1 Dinge anzusehen</translation>
    </message>
    <message>
        <source>%1 things to look at.</source>
        <translation>%1 Dinge anzusehen.</translation>
    </message>
    <message>
        <source>%1 times</source>
        <translation>%1-mal</translation>
    </message>
    <message>
        <source>%1 times its height above its foot</source>
        <translation>%1-mal seine Höhe über seinem Fuß</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>%1 to mend instead of %2</source>
        <translation>%1 zu verbessern statt %2</translation>
    </message>
    <message>
        <source>%1 to the back</source>
        <translation>%1 nach hinten</translation>
    </message>
    <message>
        <source>%1 to the front</source>
        <translation>%1 nach vorn</translation>
    </message>
    <message>
        <source>%1 to the left</source>
        <translation>%1 nach links</translation>
    </message>
    <message>
        <source>%1 to the right</source>
        <translation>%1 nach rechts</translation>
    </message>
    <message>
        <source>%1 too high</source>
        <translation>%1 zu hoch</translation>
    </message>
    <message>
        <source>%1 too high.</source>
        <translation>%1 zu hoch.</translation>
    </message>
    <message>
        <source>%1 too low.</source>
        <translation>%1 zu tief.</translation>
    </message>
    <message>
        <source>%1 too wide</source>
        <translation>%1 zu breit</translation>
    </message>
    <message>
        <source>%1 too wide and %2 too high</source>
        <translation>%1 zu breit und %2 zu hoch</translation>
    </message>
    <message>
        <source>%1 up</source>
        <translation>%1 nach oben</translation>
    </message>
    <message>
        <source>%1 used since it was full</source>
        <translation>%1 verbraucht, seit es voll war</translation>
    </message>
    <message>
        <source>%1 uses left</source>
        <translation>%1 Auflagen übrig</translation>
    </message>
    <message>
        <source>%1 was %2 across %3: %3 was not there yet to end at.</source>
        <translation>%1 lag %2 über %3: %3 war noch nicht da, um daran zu enden.</translation>
    </message>
    <message>
        <source>%1 was changed by someone else since you opened it. Nothing was saved.</source>
        <translation>%1 wurde von jemand anderem geändert, seit du es geöffnet hast. Nichts wurde gespeichert.</translation>
    </message>
    <message>
        <source>%1 was left out.</source>
        <translation>%1 wurde weggelassen.</translation>
    </message>
    <message>
        <source>%1 was never blended.</source>
        <translation>%1 wurde nie gezogen.</translation>
    </message>
    <message>
        <source>%1 was never stamped.</source>
        <translation>%1 wurde nie gestempelt.</translation>
    </message>
    <message>
        <source>%1 was not opened. %2</source>
        <translation>%1 wurde nicht geöffnet. %2</translation>
    </message>
    <message>
        <source>%1 was printed twice, %2 apart.</source>
        <translation>%1 wurde zweimal gedruckt, %2 auseinander.</translation>
    </message>
    <message>
        <source>%1 was taken out of the drawer in another window; it was not changed</source>
        <translation>%1 wurde in einem anderen Fenster aus der Schublade genommen; es wurde nicht geändert</translation>
    </message>
    <message>
        <source>%1 where %2 is too fine to cover</source>
        <translation>%1, wo %2 zum Abdecken zu fein ist</translation>
    </message>
    <message>
        <source>%1 where %2 will be</source>
        <translation>%1, wo %2 hinkommt</translation>
    </message>
    <message>
        <source>%1 wide on every side, with low-tack tape</source>
        <translation>%1 breit auf jeder Seite, mit schwach haftendem Band</translation>
    </message>
    <message>
        <source>%1 wide, %2 high</source>
        <translation>%1 breit, %2 hoch</translation>
    </message>
    <message>
        <source>%1 would bleed under %2</source>
        <translation>%1 würde unter %2 auslaufen</translation>
    </message>
    <message>
        <source>%1 would lie off the card and are left out.</source>
        <translation>%1 lägen neben der Karte und fehlen.</translation>
    </message>
    <message>
        <source>%1 would run into %2.</source>
        <translation>%1 würde in %2 laufen.</translation>
    </message>
    <message>
        <source>%1 would run under %2</source>
        <translation>%1 würde unter %2 laufen</translation>
    </message>
    <message>
        <source>%1 ×</source>
        <translation>%1 ×</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>%1 × %2 pixels</source>
        <translation>%1 × %2 Pixel</translation>
    </message>
    <message>
        <source>%1 “%2”</source>
        <translation>%1 „%2“</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, %2 %: it has %3.</source>
        <translation>%1, %2 %: es hat %3.</translation>
    </message>
    <message>
        <source>%1, %2 away</source>
        <translation>%1, %2 entfernt</translation>
    </message>
    <message>
        <source>%1, %2 mats</source>
        <translation>%1, %2 Zwischenlagen</translation>
    </message>
    <message>
        <source>%1, %2 mm</source>
        <translation>%1, %2 mm</translation>
    </message>
    <message>
        <source>%1, %2 more to look at.</source>
        <translation>%1, %2 weitere anzusehen.</translation>
    </message>
    <message>
        <source>%1, %2 of %3</source>
        <translation>%1, %2 von %3</translation>
    </message>
    <message>
        <source>%1, %2 parts</source>
        <translation>%1, %2 Teile</translation>
    </message>
    <message>
        <source>%1, %2 times.</source>
        <translation>%1, %2 Mal.</translation>
    </message>
    <message>
        <source>%1, %2%3</source>
        <translation>%1, %2%3</translation>
    </message>
    <message>
        <source>%1, %2: %3 mm²</source>
        <translation>%1, %2: %3 mm²</translation>
    </message>
    <message>
        <source>%1, %2: %3 of the first, from %4 prints.</source>
        <translation>%1, %2: %3 der ersten, aus %4 Abdrücken.</translation>
    </message>
    <message>
        <source>%1, a mat</source>
        <translation>%1, eine Zwischenlage</translation>
    </message>
    <message>
        <source>%1, all of it</source>
        <translation>%1, alles davon</translation>
    </message>
    <message>
        <source>%1, along where %2 lies over it.</source>
        <translation>%1, entlang wo %2 darüber liegt.</translation>
    </message>
    <message>
        <source>%1, and %2 more alike</source>
        <translation>%1, und %2 weitere gleiche</translation>
    </message>
    <message>
        <source>%1, and %2 more to put together</source>
        <translation>%1, und %2 weitere zusammenzusetzen</translation>
    </message>
    <message>
        <source>%1, as is usual</source>
        <translation>%1, wie üblich</translation>
    </message>
    <message>
        <source>%1, as is usual; no card says more yet</source>
        <translation>%1, wie üblich; noch sagt keine Karte mehr</translation>
    </message>
    <message>
        <source>%1, as you set it</source>
        <translation>%1, wie du es gesetzt hast</translation>
    </message>
    <message>
        <source>%1, begun %2, %3 steps done</source>
        <translation>%1, begonnen %2, %3 Schritte getan</translation>
    </message>
    <message>
        <source>%1, drawn smaller</source>
        <translation>%1, kleiner gezeichnet</translation>
    </message>
    <message>
        <source>%1, from %2</source>
        <translation>%1, von %2</translation>
    </message>
    <message>
        <source>%1, in %2 parts</source>
        <translation>%1, in %2 Teilen</translation>
    </message>
    <message>
        <source>%1, in the drawer</source>
        <translation>%1, in der Schublade</translation>
    </message>
    <message>
        <source>%1, mask %2</source>
        <translation>%1, Maske %2</translation>
    </message>
    <message>
        <source>%1, not as planned</source>
        <translation>%1, nicht wie geplant</translation>
    </message>
    <message>
        <source>%1, on %2 mm of foam</source>
        <translation>%1, auf %2 mm Schaum</translation>
    </message>
    <message>
        <source>%1, proven</source>
        <translation>%1, bewiesen</translation>
    </message>
    <message>
        <source>%1, where colour is to come on %2</source>
        <translation>%1, wo Farbe auf %2 kommen soll</translation>
    </message>
    <message>
        <source>%1, with %2; eyes at %3.</source>
        <translation>%1, mit %2; Augen auf %3.</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>%1. %2: %3</source>
        <translation>%1. %2: %3</translation>
    </message>
    <message>
        <source>%1. Print them in their places over the placement sheet, and cut round all of them.</source>
        <translation>%1. Drucke sie an ihren Stellen über dem Lageblatt und schneide um alle herum.</translation>
    </message>
    <message>
        <source>%1. level, %2 from the bottom of what is in hand</source>
        <translation>%1. waagrecht, %2 von der Unterkante dessen, was du in der Hand hast</translation>
    </message>
    <message>
        <source>%1. upright, %2 from the left of what is in hand</source>
        <translation>%1. senkrecht, %2 von links an dem, was du in der Hand hast</translation>
    </message>
    <message>
        <source>%1/%2</source>
        <translation>%1/%2</translation>
    </message>
    <message>
        <source>%1/%2 in</source>
        <translation>%1/%2 in</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1: %2 could not be traced.</source>
        <translation>%1: %2 ließen sich nicht nachzeichnen.</translation>
    </message>
    <message>
        <source>%1: %2 from the left, %3 from the bottom</source>
        <translation>%1: %2 von links, %3 von unten</translation>
    </message>
    <message>
        <source>%1: %2 instead of %3.</source>
        <translation>%1: %2 statt %3.</translation>
    </message>
    <message>
        <source>%1: %2 of %3</source>
        <translation>%1: %2 von %3</translation>
    </message>
    <message>
        <source>%1: %2 shapes lie in no group and were left out.</source>
        <translation>%1: %2 Formen liegen in keiner Gruppe und blieben weg.</translation>
    </message>
    <message>
        <source>%1: %2 steps, about %3. One step at a time; the space bar goes on. You can leave at any step and come back.</source>
        <translation>%1: %2 Schritte, etwa %3. Ein Schritt nach dem anderen; die Leertaste geht weiter. Du kannst jederzeit gehen und wiederkommen.</translation>
    </message>
    <message>
        <source>%1: %2 things move</source>
        <translation>%1: %2 Dinge rücken</translation>
    </message>
    <message>
        <source>%1: %2, with %3 % of the pull</source>
        <translation>%1: %2, mit %3 % der Anziehung</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>%1: a sheet of %2, %3</source>
        <translation>%1: ein Bogen von %2, %3</translation>
    </message>
    <message>
        <source>%1: another part of the stamp prints.</source>
        <translation>%1: ein anderer Teil des Stempels druckt.</translation>
    </message>
    <message>
        <source>%1: another shape or place.</source>
        <translation>%1: andere Form oder anderer Platz.</translation>
    </message>
    <message>
        <source>%1: another stamp.</source>
        <translation>%1: ein anderer Stempel.</translation>
    </message>
    <message>
        <source>%1: at %3 instead of %2.</source>
        <translation>%1: mit %3 statt %2.</translation>
    </message>
    <message>
        <source>%1: bounded by other papers.</source>
        <translation>%1: von anderen Papieren begrenzt.</translation>
    </message>
    <message>
        <source>%1: by %2 instead of %3.</source>
        <translation>%1: durch %2 statt %3.</translation>
    </message>
    <message>
        <source>%1: changed.</source>
        <translation>%1: geändert.</translation>
    </message>
    <message>
        <source>%1: cut %2.</source>
        <translation>%1: %2 schneiden.</translation>
    </message>
    <message>
        <source>%1: done</source>
        <translation>%1: geschafft</translation>
    </message>
    <message>
        <source>%1: done in another way.</source>
        <translation>%1: auf andere Art gemacht.</translation>
    </message>
    <message>
        <source>%1: fades out over %3 instead of %2.</source>
        <translation>%1: läuft über %3 aus statt über %2.</translation>
    </message>
    <message>
        <source>%1: foot %2, %3.</source>
        <translation>%1: Fuß %2, %3.</translation>
    </message>
    <message>
        <source>%1: for a class of %2</source>
        <translation>%1: für einen Kurs von %2</translation>
    </message>
    <message>
        <source>%1: held in place.</source>
        <translation>%1: festgehalten.</translation>
    </message>
    <message>
        <source>%1: here is a line, or too little room for a point</source>
        <translation>%1: hier ist eine Linie, oder zu wenig Platz für einen Punkt</translation>
    </message>
    <message>
        <source>%1: hidden while you work. Plan, order and printouts keep it.</source>
        <translation>%1: versteckt, während du arbeitest. Plan, Reihenfolge und Ausdrucke behalten es.</translation>
    </message>
    <message>
        <source>%1: in %2 instead of %3.</source>
        <translation>%1: in %2 statt %3.</translation>
    </message>
    <message>
        <source>%1: in another sequence.</source>
        <translation>%1: in anderer Reihenfolge.</translation>
    </message>
    <message>
        <source>%1: leads to the hero</source>
        <translation>%1: führt zum Helden</translation>
    </message>
    <message>
        <source>%1: lies otherwise between the others, before and behind.</source>
        <translation>%1: liegt anders zwischen den übrigen, davor und dahinter.</translation>
    </message>
    <message>
        <source>%1: may be moved again.</source>
        <translation>%1: darf wieder bewegt werden.</translation>
    </message>
    <message>
        <source>%1: moved %2.</source>
        <translation>%1: verschoben, %2.</translation>
    </message>
    <message>
        <source>%1: new.</source>
        <translation>%1: neu.</translation>
    </message>
    <message>
        <source>%1: no longer the hero.</source>
        <translation>%1: nicht mehr der Held.</translation>
    </message>
    <message>
        <source>%1: no longer there.</source>
        <translation>%1: nicht mehr da.</translation>
    </message>
    <message>
        <source>%1: not on the mask. Click to cut it.</source>
        <translation>%1: nicht auf der Maske. Klick schneidet es.</translation>
    </message>
    <message>
        <source>%1: on the mask. Click to leave it off.</source>
        <translation>%1: auf der Maske. Klick lässt es weg.</translation>
    </message>
    <message>
        <source>%1: one shape lies in no group and was left out.</source>
        <translation>%1: eine Form liegt in keiner Gruppe und blieb weg.</translation>
    </message>
    <message>
        <source>%1: one thing moves</source>
        <translation>%1: ein Ding rückt</translation>
    </message>
    <message>
        <source>%1: passes the hero by %2</source>
        <translation>%1: geht am Helden um %2 vorbei</translation>
    </message>
    <message>
        <source>%1: raised by %3 instead of %2.</source>
        <translation>%1: um %3 erhöht statt %2.</translation>
    </message>
    <message>
        <source>%1: reaches over %3 instead of %2.</source>
        <translation>%1: reicht über %3 statt %2.</translation>
    </message>
    <message>
        <source>%1: runs low</source>
        <translation>%1: wird knapp</translation>
    </message>
    <message>
        <source>%1: stands out %2</source>
        <translation>%1: hebt sich ab: %2</translation>
    </message>
    <message>
        <source>%1: taken %2</source>
        <translation>%1: %2 genommen</translation>
    </message>
    <message>
        <source>%1: taken %2, about %3 of card</source>
        <translation>%1: %2 genommen, etwa %3 Karton</translation>
    </message>
    <message>
        <source>%1: the hero now.</source>
        <translation>%1: jetzt der Held.</translation>
    </message>
    <message>
        <source>%1: the stamp %2 instead of %3.</source>
        <translation>%1: der Stempel %2 statt %3.</translation>
    </message>
    <message>
        <source>%1: to be cut %2 times instead of %3.</source>
        <translation>%1: %2-mal zu schneiden statt %3-mal.</translation>
    </message>
    <message>
        <source>%1: turned %2° to the left.</source>
        <translation>%1: um %2° nach links gedreht.</translation>
    </message>
    <message>
        <source>%1: turned %2° to the right.</source>
        <translation>%1: um %2° nach rechts gedreht.</translation>
    </message>
    <message>
        <source>%1: used up</source>
        <translation>%1: aufgebraucht</translation>
    </message>
    <message>
        <source>%1: was called “%2”.</source>
        <translation>%1: hieß „%2“.</translation>
    </message>
    <message>
        <source>%1; in front of %2 things.</source>
        <translation>%1; vor %2 Dingen.</translation>
    </message>
    <message>
        <source>%1; in front of %2.</source>
        <translation>%1; davor: %2.</translation>
    </message>
    <message>
        <source>%1; offcuts go into the drawer</source>
        <translation>%1; Reststücke kommen in die Schublade</translation>
    </message>
    <message>
        <source>%1; sheets were cut and taken off already, on the page of the papers</source>
        <translation>%1; Bogen wurden auf der Seite der Papiere schon geschnitten und abgezogen</translation>
    </message>
    <message>
        <source>%1[*] – Havlo</source>
        <translation>%1[*] – Havlo</translation>
    </message>
    <message>
        <source>%1th pressing</source>
        <translation>%1. Pressung</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>&amp;About Havlo</source>
        <translation>&amp;Über Havlo</translation>
    </message>
    <message>
        <source>&amp;Add a stamp</source>
        <translation>Stempel hin&amp;zufügen</translation>
    </message>
    <message>
        <source>&amp;Behind what it meets</source>
        <translation>&amp;Hinter alles, was es trifft</translation>
    </message>
    <message>
        <source>&amp;Change</source>
        <translation>Ä&amp;ndern</translation>
    </message>
    <message>
        <source>&amp;Closer</source>
        <translation>&amp;Näher</translation>
    </message>
    <message>
        <source>&amp;Copy</source>
        <translation>&amp;Kopieren</translation>
    </message>
    <message>
        <source>&amp;Dark ground</source>
        <translation>&amp;Dunkler Grund</translation>
    </message>
    <message>
        <source>&amp;Even gaps in the picture</source>
        <translation>&amp;Gleiche Lücken im Bild</translation>
    </message>
    <message>
        <source>&amp;Explain what has the keys</source>
        <translation>Das hier &amp;erklären</translation>
    </message>
    <message>
        <source>&amp;Farther</source>
        <translation>&amp;Ferner</translation>
    </message>
    <message>
        <source>&amp;Find an act…</source>
        <translation>Tätigkeit &amp;finden…</translation>
    </message>
    <message>
        <source>&amp;Handbook</source>
        <translation>&amp;Handbuch</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>&amp;Ink</source>
        <translation>&amp;Farbe</translation>
    </message>
    <message>
        <source>&amp;Large targets, for inky fingers</source>
        <translation>&amp;Große Flächen, für Finger voll Farbe</translation>
    </message>
    <message>
        <source>&amp;Leave</source>
        <translation>&amp;Beenden</translation>
    </message>
    <message>
        <source>&amp;Look</source>
        <translation>&amp;Ansicht</translation>
    </message>
    <message>
        <source>&amp;Name this card</source>
        <translation>Karte &amp;benennen</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>Ö&amp;ffnen…</translation>
    </message>
    <message>
        <source>&amp;Paste</source>
        <translation>&amp;Einfügen</translation>
    </message>
    <message>
        <source>&amp;Paste here</source>
        <translation>Hier &amp;einfügen</translation>
    </message>
    <message>
        <source>&amp;Plan</source>
        <translation>&amp;Plan</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>&amp;Speichern</translation>
    </message>
    <message>
        <source>&amp;Show what is hidden</source>
        <translation>Versteckte&amp;s zeigen</translation>
    </message>
    <message>
        <source>&amp;Thing</source>
        <translation>&amp;Ding</translation>
    </message>
    <message>
        <source>+%1 %</source>
        <translation>+%1 %</translation>
    </message>
    <message>
        <source>, %1</source>
        <translation>, %1</translation>
    </message>
    <message>
        <source>, %1 across</source>
        <translation>, %1 breit</translation>
    </message>
    <message>
        <source>, %1 mm to join by pen</source>
        <translation>, %1 mm mit dem Stift anzuschließen</translation>
    </message>
    <message>
        <source>, %1 offcuts are kept</source>
        <translation>, %1 Reststücke bleiben</translation>
    </message>
    <message>
        <source>, %1 sink in</source>
        <translation>, %1 versinken</translation>
    </message>
    <message>
        <source>, %1 tall</source>
        <translation>, %1 hoch</translation>
    </message>
    <message>
        <source>, a mask</source>
        <translation>, eine Maske</translation>
    </message>
    <message>
        <source>, and </source>
        <translation>, und </translation>
    </message>
    <message>
        <source>, by tape</source>
        <translation>, mit Klebeband</translation>
    </message>
    <message>
        <source>, evening %1</source>
        <translation>, Abend %1</translation>
    </message>
    <message>
        <source>, fibres level</source>
        <translation>, Faser waagrecht</translation>
    </message>
    <message>
        <source>, fibres upright</source>
        <translation>, Faser senkrecht</translation>
    </message>
    <message>
        <source>, from %1 cards</source>
        <translation>, aus %1 Karten</translation>
    </message>
    <message>
        <source>, from 1 card</source>
        <translation>, aus 1 Karte</translation>
    </message>
    <message>
        <source>, greeting hard to read</source>
        <translation>, Gruß schwer zu lesen</translation>
    </message>
    <message>
        <source>, its fibres level</source>
        <translation>, die Faser waagrecht</translation>
    </message>
    <message>
        <source>, its fibres upright</source>
        <translation>, die Faser senkrecht</translation>
    </message>
    <message>
        <source>, its half</source>
        <translation>, seine Hälfte</translation>
    </message>
    <message>
        <source>, its size is right</source>
        <translation>, seine Größe stimmt</translation>
    </message>
    <message>
        <source>, just inside the line</source>
        <translation>, knapp innerhalb der Linie</translation>
    </message>
    <message>
        <source>, kept in %1</source>
        <translation>, liegt in %1</translation>
    </message>
    <message>
        <source>, laid where it will be</source>
        <translation>, gelegt, wo es hinkommt</translation>
    </message>
    <message>
        <source>, on all %1 cards</source>
        <translation>, auf allen %1 Karten</translation>
    </message>
    <message>
        <source>, one offcut is kept</source>
        <translation>, ein Reststück bleibt</translation>
    </message>
    <message>
        <source>, pale</source>
        <translation>, blass</translation>
    </message>
    <message>
        <source>, then </source>
        <translation>, dann </translation>
    </message>
    <message>
        <source>, too small there</source>
        <translation>, dort zu klein</translation>
    </message>
    <message>
        <source>, too tall there</source>
        <translation>, dort zu groß</translation>
    </message>
    <message>
        <source>, turned %1° to the left</source>
        <translation>, %1° nach links gedreht</translation>
    </message>
    <message>
        <source>, turned %1° to the right</source>
        <translation>, %1° nach rechts gedreht</translation>
    </message>
    <message>
        <source>, without ground</source>
        <translation>, ohne Boden</translation>
    </message>
    <message>
        <source>. %1 times two alike are side by side; another stamp would help.</source>
        <translation>. %1-mal stehen zwei gleiche nebeneinander; ein weiterer Stempel würde helfen.</translation>
    </message>
    <message>
        <source>. %1 to %2 away.</source>
        <translation>. %1 bis %2 entfernt.</translation>
    </message>
    <message>
        <source>. All about %1 away.</source>
        <translation>. Alle etwa %1 entfernt.</translation>
    </message>
    <message>
        <source>. None is like its neighbour.</source>
        <translation>. Keiner gleicht seinem Nachbarn.</translation>
    </message>
    <message>
        <source>. Once two alike are side by side; another stamp would help.</source>
        <translation>. Einmal stehen zwei gleiche nebeneinander; ein weiterer Stempel würde helfen.</translation>
    </message>
    <message>
        <source>0 %: what is below shows through wholly; 100 %: it covers what is below</source>
        <translation>0 %: was darunter ist, scheint ganz durch; 100 %: es deckt, was darunter ist</translation>
    </message>
    <message>
        <source>0: the panel is glued flat</source>
        <translation>0: die Bildkarte wird flach geklebt</translation>
    </message>
    <message>
        <source>1  The picture</source>
        <translation>1  Das Bild</translation>
    </message>
    <message>
        <source>1 card</source>
        <translation>1 Karte</translation>
    </message>
    <message>
        <source>1 dot of foam</source>
        <translation>1 Schaumpunkt</translation>
    </message>
    <message>
        <source>1 envelope</source>
        <translation>1 Umschlag</translation>
    </message>
    <message>
        <source>1 envelope of %1</source>
        <translation>1 Umschlag von %1</translation>
    </message>
    <message>
        <source>1 is freshly inked; 2 is pressed again without inking, paler</source>
        <translation>1 ist frisch eingefärbt; 2 wird ohne Farbe noch einmal gedrückt, blasser</translation>
    </message>
    <message>
        <source>1 is in the drawer</source>
        <translation>1 ist in der Schublade</translation>
    </message>
    <message>
        <source>1 is missing</source>
        <translation>1 fehlt</translation>
    </message>
    <message>
        <source>1 mask</source>
        <translation>1 Maske</translation>
    </message>
    <message>
        <source>1 mask cut.</source>
        <translation>1 Maske geschnitten.</translation>
    </message>
    <message>
        <source>1 mask is kept in the drawer.</source>
        <translation>1 Maske ist in der Schublade aufgehoben.</translation>
    </message>
    <message>
        <source>1 plan</source>
        <translation>1 Plan</translation>
    </message>
    <message>
        <source>1 sheet</source>
        <translation>1 Bogen</translation>
    </message>
    <message>
        <source>1 sheet is missing</source>
        <translation>1 Bogen fehlt</translation>
    </message>
    <message>
        <source>1 sheet of masking paper</source>
        <translation>1 Bogen Maskierpapier</translation>
    </message>
    <message>
        <source>1 stamp</source>
        <translation>1 Stempel</translation>
    </message>
    <message>
        <source>1 step</source>
        <translation>1 Schritt</translation>
    </message>
    <message>
        <source>1 thing</source>
        <translation>1 Ding</translation>
    </message>
    <message>
        <source>1 thing coloured</source>
        <translation>1 Ding farbig</translation>
    </message>
    <message>
        <source>1 thing does not fit</source>
        <translation>1 Ding passt nicht</translation>
    </message>
    <message>
        <source>1 thing is hidden: show it</source>
        <translation>1 Ding ist versteckt: zeigen</translation>
    </message>
    <message>
        <source>1 thing to look at</source>
        <translation>1 Ding anzusehen</translation>
    </message>
    <message>
        <source>1 to 99 evenings</source>
        <translation>1 bis 99 Abende</translation>
    </message>
    <message>
        <source>1 to 9999 cards</source>
        <translation>1 bis 9999 Karten</translation>
    </message>
    <message>
        <source>1.6 in</source>
        <translation>1,6 in</translation>
    </message>
    <message>
        <source>1.7 m, 5 cm, 6 ft …</source>
        <translation>1,7 m, 5 cm, 6 ft …</translation>
    </message>
    <message>
        <source>2  How large is it?</source>
        <translation>2  Wie groß ist es?</translation>
    </message>
    <message>
        <source>3  Mend what was traced</source>
        <translation>3  Verbessere die Spur</translation>
    </message>
    <message>
        <source>3  Mend what was traced…</source>
        <translation>3  Die Spur verbessern…</translation>
    </message>
    <message>
        <source>4  What is it?</source>
        <translation>4  Was ist es?</translation>
    </message>
    <message>
        <source>4 cm</source>
        <translation>4 cm</translation>
    </message>
    <message>
        <source>5 cm, 1.7 m, 6 ft …</source>
        <translation>5 cm, 1,7 m, 6 ft …</translation>
    </message>
    <message>
        <source>: %1 are left</source>
        <translation>: %1 sind übrig</translation>
    </message>
    <message>
        <source>: %1 more than the drawer says</source>
        <translation>: %1 mehr, als die Schublade sagt</translation>
    </message>
    <message>
        <source>: %1 whole sheets are left</source>
        <translation>: %1 ganze Bogen sind übrig</translation>
    </message>
    <message>
        <source>: 1 whole sheet is left</source>
        <translation>: 1 ganzer Bogen ist übrig</translation>
    </message>
    <message>
        <source>: from the sheet at hand</source>
        <translation>: aus dem vorhandenen Bogen</translation>
    </message>
    <message>
        <source>: nearest</source>
        <translation>: am nächsten</translation>
    </message>
    <message>
        <source>: none is left</source>
        <translation>: keiner ist übrig</translation>
    </message>
    <message>
        <source>: one more than the drawer says</source>
        <translation>: einer mehr, als die Schublade sagt</translation>
    </message>
    <message>
        <source>: then, as number %1</source>
        <translation>: dann, als Nummer %1</translation>
    </message>
    <message>
        <source>; %1 % of it is waste</source>
        <translation>; %1 % davon sind Verschnitt</translation>
    </message>
    <message>
        <source>; %1 at hand are used first</source>
        <translation>; %1 vorhandene kommen zuerst</translation>
    </message>
    <message>
        <source>; %1 mm² are covered too much</source>
        <translation>; %1 mm² sind zu viel bedeckt</translation>
    </message>
    <message>
        <source>; %1 pairs share one cut in two</source>
        <translation>; %1 Paare teilen einen Schnitt</translation>
    </message>
    <message>
        <source>; along a ruler, and only where the line is to be seen</source>
        <translation>; am Lineal entlang, und nur, wo die Linie zu sehen sein soll</translation>
    </message>
    <message>
        <source>; blot the tool first and start lightly, so that it fades at its border</source>
        <translation>; tupfe das Werkzeug erst ab und beginne leicht, damit es am Rand ausläuft</translation>
    </message>
    <message>
        <source>; cut off what hangs over the rim</source>
        <translation>; schneide ab, was über den Rand hängt</translation>
    </message>
    <message>
        <source>; dab it on, turning the sponge</source>
        <translation>; tupfe und drehe dabei den Schwamm</translation>
    </message>
    <message>
        <source>; face down over the stencil, press every edge with a round tool</source>
        <translation>; Bild nach unten über die Schablone, jede Kante mit einem runden Werkzeug drücken</translation>
    </message>
    <message>
        <source>; foam of %1 near every edge and in the middle</source>
        <translation>; Schaum von %1 an jeder Kante und in der Mitte</translation>
    </message>
    <message>
        <source>; fold it with the ridge of the score inside, and press the fold down</source>
        <translation>; falte mit dem Grat der Rille innen und drücke die Falte nieder</translation>
    </message>
    <message>
        <source>; for one paper over several lay it on the placement sheet, and print each in its place</source>
        <translation>; ein Papier über mehrere lege auf das Lageblatt und drucke jedes an seiner Stelle</translation>
    </message>
    <message>
        <source>; from %1</source>
        <translation>; ab %1</translation>
    </message>
    <message>
        <source>; give or take %1</source>
        <translation>; auf %1 genau</translation>
    </message>
    <message>
        <source>; hold the stencil down, spread it thinly with a palette knife, always toward the tape</source>
        <translation>; halte die Schablone fest, streiche dünn mit dem Spachtel, immer zum Band hin</translation>
    </message>
    <message>
        <source>; it dries for %1 before it is covered</source>
        <translation>; es trocknet %1, bevor es abgedeckt wird</translation>
    </message>
    <message>
        <source>; it dries slowly, keep the hand off for %1</source>
        <translation>; es trocknet langsam, halte die Hand %1 davon weg</translation>
    </message>
    <message>
        <source>; let one part dry before its neighbour</source>
        <translation>; lass einen Teil trocknen, bevor der Nachbar drankommt</translation>
    </message>
    <message>
        <source>; line it up at the fold first</source>
        <translation>; richte es zuerst an der Falte aus</translation>
    </message>
    <message>
        <source>; little glue, so that none comes out at the rim, then a book on it while it sets</source>
        <translation>; wenig Kleber, damit am Rand nichts austritt, dann ein Buch darauf, bis er hält</translation>
    </message>
    <message>
        <source>; on the average they are %1 off</source>
        <translation>; im Mittel liegen sie %1 daneben</translation>
    </message>
    <message>
        <source>; one at hand is used first</source>
        <translation>; eines, das da ist, kommt zuerst</translation>
    </message>
    <message>
        <source>; open for %1 mm</source>
        <translation>; %1 mm offen</translation>
    </message>
    <message>
        <source>; pulled again from the plate without new ink, so it is paler, the other way round than on the plate</source>
        <translation>; ohne neue Farbe noch einmal von der Platte gezogen, also blasser, seitenverkehrt zur Platte</translation>
    </message>
    <message>
        <source>; roll the ink out thinly on the plate, press it on and lift it straight up; the picture comes out the other way round than on the plate</source>
        <translation>; walze die Farbe dünn auf die Platte, drücke sie an und hebe sie gerade ab; das Bild kommt seitenverkehrt zur Platte</translation>
    </message>
    <message>
        <source>; spray from a forearm away, with the table covered</source>
        <translation>; sprühe aus Unterarmlänge, den Tisch abgedeckt</translation>
    </message>
    <message>
        <source>; stamp it first, empty, with a sheet of scrap inside so that nothing comes through, and the flap open</source>
        <translation>; stemple ihn zuerst, leer, mit einem Bogen Schmierpapier darin, damit nichts durchschlägt, und offener Klappe</translation>
    </message>
    <message>
        <source>; start on the mask, not on the card; blot the tool first</source>
        <translation>; beginne auf der Maske, nicht auf der Karte; tupfe das Werkzeug erst ab</translation>
    </message>
    <message>
        <source>; tape for %1 more</source>
        <translation>; Band für %1 weitere</translation>
    </message>
    <message>
        <source>; tape over %1 of the inked rubber, lift the tape, then press; join by pen the lines that end there</source>
        <translation>; klebe %1 des eingefärbten Gummis ab, zieh das Band ab, dann drücke; schließe die Linien, die dort enden, mit dem Stift an</translation>
    </message>
    <message>
        <source>; tape over the inked rubber where %1 will be, lift the tape, then press</source>
        <translation>; klebe den eingefärbten Gummi ab, wo %1 hinkommt, zieh das Band ab, dann drücke</translation>
    </message>
    <message>
        <source>; the drawer has paper with room for more, but its fibres run across the fold, where it would crack</source>
        <translation>; in der Schublade ist Papier mit Platz für mehr, aber die Faser läuft quer zur Falte, dort würde es brechen</translation>
    </message>
    <message>
        <source>; then the border tape may come off</source>
        <translation>; dann darf das Randband ab</translation>
    </message>
    <message>
        <source>; two share one cut in two</source>
        <translation>; zwei teilen einen Schnitt</translation>
    </message>
    <message>
        <source>; what is planned on it is stamped before it is glued in</source>
        <translation>; was darauf geplant ist, wird gestempelt, bevor es eingeklebt wird</translation>
    </message>
    <message>
        <source>; wipe the ink off where %1 will be</source>
        <translation>; wisch die Farbe ab, wo %1 hinkommt</translation>
    </message>
    <message>
        <source>; with a damp brush, up to its border; let it dry flat</source>
        <translation>; mit feuchtem Pinsel bis an den Rand; flach trocknen lassen</translation>
    </message>
    <message>
        <source>; with the marker, led up to the line by hand</source>
        <translation>; mit dem Marker, von Hand bis an die Linie geführt</translation>
    </message>
    <message>
        <source>A &amp;row of it…</source>
        <translation>Eine &amp;Reihe davon…</translation>
    </message>
    <message>
        <source>A background</source>
        <translation>Ein Hintergrund</translation>
    </message>
    <message>
        <source>A background is blended round what is masked, before, between or after the stampings: a sky, a ground, a glow. Add one; then drag its borders on the card.</source>
        <translation>Ein Hintergrund wird um das Maskierte gezogen, vor, zwischen oder nach den Abdrücken: ein Himmel, ein Boden, ein Schein. Füge einen hinzu, dann ziehe seine Ränder auf der Karte.</translation>
    </message>
    <message>
        <source>A better order is being looked for.</source>
        <translation>Eine bessere Reihenfolge wird gesucht.</translation>
    </message>
    <message>
        <source>A branch must come from the edge of the card or from behind something.</source>
        <translation>Ein Zweig muss vom Kartenrand oder von hinter etwas kommen.</translation>
    </message>
    <message>
        <source>A card</source>
        <translation>Eine Karte</translation>
    </message>
    <message>
        <source>A card in the making cannot be read and is left as it is: %1</source>
        <translation>Eine angefangene Karte ist nicht lesbar und bleibt, wie sie ist: %1</translation>
    </message>
    <message>
        <source>A card is being looked for.</source>
        <translation>Eine Karte wird gesucht.</translation>
    </message>
    <message>
        <source>A card that is proposed</source>
        <translation>Eine vorgeschlagene Karte</translation>
    </message>
    <message>
        <source>A card to make one day …</source>
        <translation>Eine Karte für später …</translation>
    </message>
    <message>
        <source>A class makes it</source>
        <translation>Ein Kurs macht sie</translation>
    </message>
    <message>
        <source>A clean join</source>
        <translation>Eine saubere Naht</translation>
    </message>
    <message>
        <source>A colour from a scan</source>
        <translation>Eine Farbe aus einem Scan</translation>
    </message>
    <message>
        <source>A coloured part of %1 is open</source>
        <translation>Ein farbiger Teil von %1 ist offen</translation>
    </message>
    <message>
        <source>A cro&amp;wd…</source>
        <translation>Eine &amp;Menge…</translation>
    </message>
    <message>
        <source>A crowd</source>
        <translation>Eine Menge</translation>
    </message>
    <message>
        <source>A crowd needs stamps whose real height is known: people, animals, trees. Take some from the drawer.</source>
        <translation>Eine Menge braucht Stempel mit bekannter wirklicher Höhe: Menschen, Tiere, Bäume. Nimm welche aus der Schublade.</translation>
    </message>
    <message>
        <source>A crowd of %1</source>
        <translation>Eine Menge von %1</translation>
    </message>
    <message>
        <source>A crowd takes many masks, each laid often. Under What if you see what it costs with fewer of them, and under Schools what printing straight over would save.</source>
        <translation>Eine Menge braucht viele Masken, und jede wird oft gelegt. Unter Was wäre siehst du, was sie mit weniger davon kostet, unter Verfahren, was einfaches Überdrucken sparen würde.</translation>
    </message>
    <message>
        <source>A cut is wide</source>
        <translation>Breite des Schnitts</translation>
    </message>
    <message>
        <source>A cut loses</source>
        <translation>Ein Schnitt kostet</translation>
    </message>
    <message>
        <source>A file's name</source>
        <translation>Ein Dateiname</translation>
    </message>
    <message>
        <source>A folder for the plans</source>
        <translation>Ein Ordner für die Pläne</translation>
    </message>
    <message>
        <source>A folder of scans</source>
        <translation>Ein Ordner mit Scans</translation>
    </message>
    <message>
        <source>A frame with an opening</source>
        <translation>Ein Rahmen mit Öffnung</translation>
    </message>
    <message>
        <source>A fresh mask is kept with it</source>
        <translation>Eine frische Maske liegt dabei</translation>
    </message>
    <message>
        <source>A gap is noticed from %1 on. Numbers mark the three to be careful with.</source>
        <translation>Eine Lücke fällt ab %1 auf. Zahlen zeigen die drei, auf die du achten musst.</translation>
    </message>
    <message>
        <source>A greeting that is cut short cannot be read.</source>
        <translation>Ein abgeschnittener Gruß ist nicht zu lesen.</translation>
    </message>
    <message>
        <source>A greeting wants room on every side, and nothing over it.</source>
        <translation>Ein Gruß braucht Platz ringsum und nichts darüber.</translation>
    </message>
    <message>
        <source>A hero each from your drawer, in one hour, on one paper, in one set of inks.</source>
        <translation>Je ein Held aus deiner Schublade, in einer Stunde, auf einem Papier, in einem Satz Farben.</translation>
    </message>
    <message>
        <source>A hill of paper</source>
        <translation>Ein Hügel aus Papier</translation>
    </message>
    <message>
        <source>A hill over the lower edge</source>
        <translation>Ein Hügel über der Unterkante</translation>
    </message>
    <message>
        <source>A join showed lately.</source>
        <translation>Eine Naht war zuletzt zu sehen.</translation>
    </message>
    <message>
        <source>A join shows: %1</source>
        <translation>Eine Naht ist zu sehen: %1</translation>
    </message>
    <message>
        <source>A later pressing came out otherwise than wanted lately.</source>
        <translation>Eine spätere Pressung geriet zuletzt anders als gewollt.</translation>
    </message>
    <message>
        <source>A line behind a head seems to cut it or pin it down. Let a hill or a hedge stand there, or fade the line.</source>
        <translation>Eine Linie hinter einem Kopf scheint ihn zu schneiden oder festzunageln. Lass dort einen Hügel oder eine Hecke stehen, oder lass die Linie verblassen.</translation>
    </message>
    <message>
        <source>A line ran into it</source>
        <translation>Eine Linie lief hinein</translation>
    </message>
    <message>
        <source>A line ran into something lately.</source>
        <translation>Eine Linie lief zuletzt in etwas hinein.</translation>
    </message>
    <message>
        <source>A mask of %1 leaves most of it bare</source>
        <translation>Eine Maske von %1 lässt das meiste davon frei</translation>
    </message>
    <message>
        <source>A masking sheet has sides from 20 to 2000 mm.</source>
        <translation>Ein Maskierbogen hat Seiten von 20 bis 2000 mm.</translation>
    </message>
    <message>
        <source>A mat of %1 paper</source>
        <translation>Eine Zwischenlage aus %1-Papier</translation>
    </message>
    <message>
        <source>A misty row</source>
        <translation>Eine Reihe im Nebel</translation>
    </message>
    <message>
        <source>A new card</source>
        <translation>Eine neue Karte</translation>
    </message>
    <message>
        <source>A new idea</source>
        <translation>Ein neuer Einfall</translation>
    </message>
    <message>
        <source>A note on this step</source>
        <translation>Eine Notiz zu diesem Schritt</translation>
    </message>
    <message>
        <source>A pale veil between near and far. On the walk it stands as a line that can be dragged.</source>
        <translation>Ein blasser Schleier zwischen nah und fern. Auf dem Weg steht er als Linie, die sich ziehen lässt.</translation>
    </message>
    <message>
        <source>A palette wants three inks or more.</source>
        <translation>Eine Palette braucht drei Farben oder mehr.</translation>
    </message>
    <message>
        <source>A panel for the inside</source>
        <translation>Ein Blatt für innen</translation>
    </message>
    <message>
        <source>A panel without a base has no inside. A base is given on the page Sizes.</source>
        <translation>Eine Bildkarte ohne Klappkarte hat kein Innen. Eine Klappkarte gibst du ihr auf der Seite Größen.</translation>
    </message>
    <message>
        <source>A picture of the paper</source>
        <translation>Ein Bild des Papiers</translation>
    </message>
    <message>
        <source>A plain shape</source>
        <translation>Eine einfache Form</translation>
    </message>
    <message>
        <source>A plan, a packed drawer or a scan to open.</source>
        <translation>Ein Plan, eine gepackte Schublade oder ein Scan zum Öffnen.</translation>
    </message>
    <message>
        <source>A rack of %1 makes hands wait %2 in all.</source>
        <translation>Ein Gestell für %1 lässt die Hände insgesamt %2 warten.</translation>
    </message>
    <message>
        <source>A room</source>
        <translation>Ein Raum</translation>
    </message>
    <message>
        <source>A row</source>
        <translation>Eine Reihe</translation>
    </message>
    <message>
        <source>A row of %1</source>
        <translation>Eine Reihe von %1</translation>
    </message>
    <message>
        <source>A row runs away from you: equal steps on the ground become shorter and shorter on paper.</source>
        <translation>Eine Reihe läuft von dir fort: Gleiche Schritte am Boden werden auf dem Papier immer kürzer.</translation>
    </message>
    <message>
        <source>A scan or photo of stamps</source>
        <translation>Ein Scan oder Foto von Stempeln</translation>
    </message>
    <message>
        <source>A scan or photo of the card</source>
        <translation>Ein Scan oder Foto der Karte</translation>
    </message>
    <message>
        <source>A scan or photo of the finished card</source>
        <translation>Ein Scan oder Foto der fertigen Karte</translation>
    </message>
    <message>
        <source>A scanned strip of your colours</source>
        <translation>Ein gescannter Streifen deiner Farben</translation>
    </message>
    <message>
        <source>A scanned test strip</source>
        <translation>Ein gescannter Probestreifen</translation>
    </message>
    <message>
        <source>A scene for a hero</source>
        <translation>Eine Szene für einen Helden</translation>
    </message>
    <message>
        <source>A shadow runs away from the light: from the foot, in line with the ground below the light.</source>
        <translation>Ein Schatten läuft vom Licht weg: vom Fuß aus, in einer Linie mit dem Boden unter dem Licht.</translation>
    </message>
    <message>
        <source>A sheet laid in askew is found by its marks: cuts lie within %1 mm of the print.</source>
        <translation>Ein schief eingelegtes Blatt wird an seinen Marken gefunden: Die Schnitte liegen auf %1 mm am Druck.</translation>
    </message>
    <message>
        <source>A sky</source>
        <translation>Ein Himmel</translation>
    </message>
    <message>
        <source>A sky in steps</source>
        <translation>Ein Himmel in Stufen</translation>
    </message>
    <message>
        <source>A sky is blended round masks, before or after what is stamped. Its borders can be dragged on the card.</source>
        <translation>Ein Himmel wird um Masken herum verwischt, vor oder nach dem Stempeln. Seine Ränder lassen sich auf der Karte ziehen.</translation>
    </message>
    <message>
        <source>A sliver at the edge looks like a slip; bring more of it in, or leave it out.</source>
        <translation>Ein Streifchen am Rand sieht wie ein Versehen aus; hol mehr davon herein oder lass es weg.</translation>
    </message>
    <message>
        <source>A smudge</source>
        <translation>Ein Schmierer</translation>
    </message>
    <message>
        <source>A spot did not print</source>
        <translation>Eine Stelle druckte nicht</translation>
    </message>
    <message>
        <source>A spot of it did not print.</source>
        <translation>Eine Stelle davon druckte nicht.</translation>
    </message>
    <message>
        <source>A stamp or two for others of yours, light from the other side, other colours.</source>
        <translation>Ein, zwei Stempel gegen andere von dir getauscht, Licht von der anderen Seite, andere Farben.</translation>
    </message>
    <message>
        <source>A stamp prints across a low step only. Glue the piece on flat, or let it hide what is under it.</source>
        <translation>Ein Stempel druckt nur über eine niedrige Stufe. Klebe das Stück flach auf oder lass es verdecken, was darunter ist.</translation>
    </message>
    <message>
        <source>A stamp was written with commas for decimal points by an older Havlo. It was mended.</source>
        <translation>Einen Stempel hatte ein älteres Havlo mit Dezimalkommas geschrieben. Er wurde repariert.</translation>
    </message>
    <message>
        <source>A step of your own</source>
        <translation>Ein eigener Schritt</translation>
    </message>
    <message>
        <source>A strip</source>
        <translation>Ein Streifen</translation>
    </message>
    <message>
        <source>A strip of tape does for a straight edge.</source>
        <translation>Für eine gerade Kante genügt ein Streifen Band.</translation>
    </message>
    <message>
        <source>A strip under</source>
        <translation>Ein Streifen darunter</translation>
    </message>
    <message>
        <source>A strip under %1</source>
        <translation>Ein Streifen unter %1</translation>
    </message>
    <message>
        <source>A sun of paper</source>
        <translation>Eine Sonne aus Papier</translation>
    </message>
    <message>
        <source>A sun or moon, without ink</source>
        <translation>Sonne oder Mond, ohne Farbe</translation>
    </message>
    <message>
        <source>A tool fades out where no mask, edge or frame lies. Bound it by one, or let it end softly.</source>
        <translation>Ein Werkzeug läuft aus, wo weder Maske, Kante noch Rahmen liegt. Begrenze es damit oder lass es weich enden.</translation>
    </message>
    <message>
        <source>A tool fades out. A sharp line across the card wants tape or an edge laid there; or let it fade.</source>
        <translation>Ein Werkzeug läuft aus. Eine scharfe Linie quer über die Karte braucht Band oder eine Kante; oder lass sie auslaufen.</translation>
    </message>
    <message>
        <source>A white gap</source>
        <translation>Eine weiße Lücke</translation>
    </message>
    <message>
        <source>A whole drawer lies ready: a hare, a kite, poplars, a boat. Put them on a card and see what comes of it.</source>
        <translation>Eine ganze Schublade liegt bereit: ein Hase, ein Drachen, Pappeln, ein Boot. Setze sie auf eine Karte und sieh, was daraus wird.</translation>
    </message>
    <message>
        <source>A whole folder of scans…</source>
        <translation>Ein ganzer Ordner mit Scans…</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>About %1 of %2 papers may leave a join that shows</source>
        <translation>Etwa %1 von %2 Papieren lassen vielleicht eine sichtbare Naht</translation>
    </message>
    <message>
        <source>About %1 of line ends to join by pen.</source>
        <translation>Etwa %1 Linienenden mit dem Stift anzuschließen.</translation>
    </message>
    <message>
        <source>About %1 of work by hand.</source>
        <translation>Etwa %1 Arbeit von Hand.</translation>
    </message>
    <message>
        <source>About Havlo</source>
        <translation>Über Havlo</translation>
    </message>
    <message>
        <source>Above the horizon there is no ground to stand on.</source>
        <translation>Über dem Horizont ist kein Boden zum Stehen.</translation>
    </message>
    <message>
        <source>Acts that are meant</source>
        <translation>Gemeinte Tätigkeiten</translation>
    </message>
    <message>
        <source>Add %1</source>
        <translation>%1 hinzufügen</translation>
    </message>
    <message>
        <source>Add a bend</source>
        <translation>Biegung hinzufügen</translation>
    </message>
    <message>
        <source>Add a mat</source>
        <translation>Zwischenlage hinzufügen</translation>
    </message>
    <message>
        <source>Add a paper</source>
        <translation>Papier hinzufügen</translation>
    </message>
    <message>
        <source>Add a part</source>
        <translation>Teil hinzufügen</translation>
    </message>
    <message>
        <source>Add a piece</source>
        <translation>Stück hinzufügen</translation>
    </message>
    <message>
        <source>Add a stamp</source>
        <translation>Stempel hinzufügen</translation>
    </message>
    <message>
        <source>Add a variation</source>
        <translation>Variante hinzufügen</translation>
    </message>
    <message>
        <source>Add a wash</source>
        <translation>Verlauf hinzufügen</translation>
    </message>
    <message>
        <source>Add an ink</source>
        <translation>Farbe hinzufügen</translation>
    </message>
    <message>
        <source>Add another mat</source>
        <translation>Weitere Zwischenlage</translation>
    </message>
    <message>
        <source>Add stamps</source>
        <translation>Stempel aufnehmen</translation>
    </message>
    <message>
        <source>Add stamps from a &amp;scan</source>
        <translation>Stempel aus einem &amp;Scan aufnehmen</translation>
    </message>
    <message>
        <source>Add stamps from a scan</source>
        <translation>Stempel aus einem Scan aufnehmen</translation>
    </message>
    <message>
        <source>Add to the stock</source>
        <translation>Zum Vorrat legen</translation>
    </message>
    <message>
        <source>Adds the stamps, inks and papers of a drawer that was packed into a file</source>
        <translation>Nimmt Stempel, Farben und Papiere einer in eine Datei gepackten Schublade auf</translation>
    </message>
    <message>
        <source>Adhesive</source>
        <translation>Kleber</translation>
    </message>
    <message>
        <source>After</source>
        <translation>Nach</translation>
    </message>
    <message>
        <source>Alcohol markers dissolve %1. Use an ink that holds under them.</source>
        <translation>Alkoholmarker lösen %1 an. Nimm eine Farbe, die darunter hält.</translation>
    </message>
    <message>
        <source>All %1 are in the drawer.</source>
        <translation>Alle %1 sind in der Schublade.</translation>
    </message>
    <message>
        <source>All %1 in one go</source>
        <translation>Alle %1 in einem Zug</translation>
    </message>
    <message>
        <source>All %1 pieces come free.</source>
        <translation>Alle %1 Stücke lösen sich.</translation>
    </message>
    <message>
        <source>All %1 things agree.</source>
        <translation>Alle %1 Dinge stimmen überein.</translation>
    </message>
    <message>
        <source>All %1 things have their right size.</source>
        <translation>Alle %1 Dinge haben die richtige Größe.</translation>
    </message>
    <message>
        <source>All &amp;measures as a table…</source>
        <translation>Alle &amp;Maße als Tabelle…</translation>
    </message>
    <message>
        <source>All as &amp;near as the nearest</source>
        <translation>Alle so &amp;nah wie das nächste</translation>
    </message>
    <message>
        <source>All as far as the far&amp;thest</source>
        <translation>Alle so &amp;fern wie das fernste</translation>
    </message>
    <message>
        <source>All files</source>
        <translation>Alle Dateien</translation>
    </message>
    <message>
        <source>All of them, in the drawer</source>
        <translation>Alle, in der Schublade</translation>
    </message>
    <message>
        <source>All pieces of the card, or of all cards, out of the sheets and offcuts in the drawer.</source>
        <translation>Alle Stücke der Karte oder aller Karten aus den Bogen und Reststücken der Schublade.</translation>
    </message>
    <message>
        <source>Allowance</source>
        <translation>Zugabe</translation>
    </message>
    <message>
        <source>An empty card</source>
        <translation>Eine leere Karte</translation>
    </message>
    <message>
        <source>An envelope</source>
        <translation>Ein Umschlag</translation>
    </message>
    <message>
        <source>And by</source>
        <translation>Und mit</translation>
    </message>
    <message>
        <source>Another base</source>
        <translation>Eine andere Klappkarte</translation>
    </message>
    <message>
        <source>Another colour</source>
        <translation>Andere Farbe</translation>
    </message>
    <message>
        <source>Another crowd of the same stamps: who stands where is drawn by lot</source>
        <translation>Eine andere Menge aus denselben Stempeln: wer wo steht, wird gelost</translation>
    </message>
    <message>
        <source>Another floor</source>
        <translation>Ein anderer Boden</translation>
    </message>
    <message>
        <source>Another height</source>
        <translation>Andere Höhe</translation>
    </message>
    <message>
        <source>Another part of %1</source>
        <translation>Ein anderer Teil von %1</translation>
    </message>
    <message>
        <source>Another program is using the drawer: you can look and take, but nothing can be changed in it now.</source>
        <translation>Ein anderes Programm benutzt die Schublade: du kannst schauen und nehmen, aber jetzt nichts darin ändern.</translation>
    </message>
    <message>
        <source>Another school for %1</source>
        <translation>Ein anderes Verfahren für %1</translation>
    </message>
    <message>
        <source>Another stamp on some cards</source>
        <translation>Ein anderer Stempel auf einigen Karten</translation>
    </message>
    <message>
        <source>Another thing on them too</source>
        <translation>Noch etwas darauf</translation>
    </message>
    <message>
        <source>Another width</source>
        <translation>Andere Breite</translation>
    </message>
    <message>
        <source>Are sizes and rows by eye, as in a storybook?</source>
        <translation>Sind Größen und Reihen nach Augenmaß, wie im Bilderbuch?</translation>
    </message>
    <message>
        <source>Arrow keys go from part to part, Return cuts a part or leaves it off.</source>
        <translation>Pfeiltasten gehen von Teil zu Teil, Eingabe schneidet einen Teil oder lässt ihn weg.</translation>
    </message>
    <message>
        <source>As a line of work it spares %1.</source>
        <translation>Als Arbeitsfolge spart es %1.</translation>
    </message>
    <message>
        <source>As advised</source>
        <translation>Wie geraten</translation>
    </message>
    <message>
        <source>As far</source>
        <translation>So fern</translation>
    </message>
    <message>
        <source>As is usual for it</source>
        <translation>Wie dafür üblich</translation>
    </message>
    <message>
        <source>As it came out</source>
        <translation>Wie es wurde</translation>
    </message>
    <message>
        <source>As it came out: no picture yet</source>
        <translation>Wie es wurde: noch kein Bild</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Wie es ist</translation>
    </message>
    <message>
        <source>As it was found</source>
        <translation>Wie es gefunden wurde</translation>
    </message>
    <message>
        <source>As it was planned</source>
        <translation>Wie es geplant war</translation>
    </message>
    <message>
        <source>As it would be</source>
        <translation>Wie es würde</translation>
    </message>
    <message>
        <source>As near</source>
        <translation>So nah</translation>
    </message>
    <message>
        <source>As planned</source>
        <translation>Wie geplant</translation>
    </message>
    <message>
        <source>As stamped</source>
        <translation>Wie gestempelt</translation>
    </message>
    <message>
        <source>Ask for three or more, tick Paler with distance, and put the row on the card.</source>
        <translation>Verlange drei oder mehr, wähle Mit der Entfernung blasser und setze die Reihe auf die Karte.</translation>
    </message>
    <message>
        <source>Ask me again</source>
        <translation>Frag mich noch einmal</translation>
    </message>
    <message>
        <source>At %1 away it reads as %2 tall; it should be %3. %4</source>
        <translation>In %1 Entfernung wirkt es %2 hoch; es sollte %3 sein. %4</translation>
    </message>
    <message>
        <source>At home</source>
        <translation>Zu Hause</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Höchstens</translation>
    </message>
    <message>
        <source>At most %1 lie and dry at a time.</source>
        <translation>Höchstens %1 liegen und trocknen zugleich.</translation>
    </message>
    <message>
        <source>At the table</source>
        <translation>Am Tisch</translation>
    </message>
    <message>
        <source>At the table one step is shown at a time. The space bar goes on, Back goes back, nothing is lost.</source>
        <translation>Am Tisch wird ein Schritt nach dem anderen gezeigt. Die Leertaste geht weiter, Zurück geht zurück, nichts geht verloren.</translation>
    </message>
    <message>
        <source>At the table:</source>
        <translation>Am Tisch:</translation>
    </message>
    <message>
        <source>Attach %1</source>
        <translation>%1 befestigen</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Back to the card</source>
        <translation>Zurück zur Karte</translation>
    </message>
    <message>
        <source>Back to the drawer</source>
        <translation>Zurück zur Schublade</translation>
    </message>
    <message>
        <source>Back to the table</source>
        <translation>Zurück zum Tisch</translation>
    </message>
    <message>
        <source>Background</source>
        <translation>Hintergrund</translation>
    </message>
    <message>
        <source>Background, middle and front from your drawer, where every size fits one viewpoint; coloured and lit.</source>
        <translation>Hintergrund, Mitte und Vordergrund aus deiner Schublade, wo jede Größe zu einem Blickpunkt passt; farbig und beleuchtet.</translation>
    </message>
    <message>
        <source>Background: %1</source>
        <translation>Hintergrund: %1</translation>
    </message>
    <message>
        <source>Balance</source>
        <translation>Gleichgewicht</translation>
    </message>
    <message>
        <source>Base shows</source>
        <translation>Klappkarte sichtbar</translation>
    </message>
    <message>
        <source>Base shows %1</source>
        <translation>Klappkarte %1 sichtbar</translation>
    </message>
    <message>
        <source>Base, folded</source>
        <translation>Klappkarte, gefaltet</translation>
    </message>
    <message>
        <source>Because</source>
        <translation>Weil</translation>
    </message>
    <message>
        <source>Before</source>
        <translation>Vor</translation>
    </message>
    <message>
        <source>Before and after</source>
        <translation>Vorher, nachher</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Anfang</translation>
    </message>
    <message>
        <source>Begin %1 at %2</source>
        <translation>%1 bei %2 beginnen</translation>
    </message>
    <message>
        <source>Begin a &amp;new card</source>
        <translation>Eine &amp;neue Karte beginnen</translation>
    </message>
    <message>
        <source>Begin a card</source>
        <translation>Eine Karte beginnen</translation>
    </message>
    <message>
        <source>Begin a new card</source>
        <translation>Neue Karte beginnen</translation>
    </message>
    <message>
        <source>Begin this card</source>
        <translation>Diese Karte beginnen</translation>
    </message>
    <message>
        <source>Begins at</source>
        <translation>Beginnt bei</translation>
    </message>
    <message>
        <source>Begun earlier</source>
        <translation>Früher begonnen</translation>
    </message>
    <message>
        <source>Behind</source>
        <translation>Dahinter</translation>
    </message>
    <message>
        <source>Being pressed</source>
        <translation>Wird gedruckt</translation>
    </message>
    <message>
        <source>Being simulated</source>
        <translation>Wird simuliert</translation>
    </message>
    <message>
        <source>Belongs to</source>
        <translation>Gehört zu</translation>
    </message>
    <message>
        <source>Bend %1</source>
        <translation>%1 biegen</translation>
    </message>
    <message>
        <source>Black</source>
        <translation>Schwarz</translation>
    </message>
    <message>
        <source>Blades cut: keep fingers clear of them, and follow the machine's own directions.</source>
        <translation>Klingen schneiden: Finger weg davon, und folge der Anleitung der Maschine.</translation>
    </message>
    <message>
        <source>Blend %1</source>
        <translation>%1 ziehen</translation>
    </message>
    <message>
        <source>Blend %1 %2</source>
        <translation>%1 %2 ziehen</translation>
    </message>
    <message>
        <source>Blend %1 at %2 %</source>
        <translation>%1 mit %2 % ziehen</translation>
    </message>
    <message>
        <source>Blend %1 in %2</source>
        <translation>%1 in %2 ziehen</translation>
    </message>
    <message>
        <source>Blend over fine parts</source>
        <translation>Verlauf über feine Teile</translation>
    </message>
    <message>
        <source>Blended in this order.</source>
        <translation>In dieser Reihenfolge gezogen.</translation>
    </message>
    <message>
        <source>Blended next: %1. Which of these must lie covered?</source>
        <translation>Als Nächstes gezogen: %1. Was davon muss abgedeckt liegen?</translation>
    </message>
    <message>
        <source>Border</source>
        <translation>Rand</translation>
    </message>
    <message>
        <source>Border of %1</source>
        <translation>Rand von %1</translation>
    </message>
    <message>
        <source>Both can be changed later, under Card.</source>
        <translation>Beides lässt sich später unter Karte ändern.</translation>
    </message>
    <message>
        <source>Both plans are read …</source>
        <translation>Beide Pläne werden gelesen …</translation>
    </message>
    <message>
        <source>Bottom</source>
        <translation>Unten</translation>
    </message>
    <message>
        <source>Bought, or cut from film; it is washed at once and used again.</source>
        <translation>Gekauft oder aus Folie geschnitten; sie wird sofort gewaschen und wieder benutzt.</translation>
    </message>
    <message>
        <source>Bound %1 by %2</source>
        <translation>%1 durch %2 begrenzen</translation>
    </message>
    <message>
        <source>Bound %1 by a new %2</source>
        <translation>%1 durch ein neues %2 begrenzen</translation>
    </message>
    <message>
        <source>Bound %1 by more</source>
        <translation>%1 durch mehr begrenzen</translation>
    </message>
    <message>
        <source>Bounded by</source>
        <translation>Begrenzt durch</translation>
    </message>
    <message>
        <source>Breathe on the rubber</source>
        <translation>Hauch den Gummi an</translation>
    </message>
    <message>
        <source>Bring %1 up to date</source>
        <translation>%1 auf den neuen Stand bringen</translation>
    </message>
    <message>
        <source>Bring its end %1</source>
        <translation>Sein Ende %1 bringen</translation>
    </message>
    <message>
        <source>Bring the open plan up to date</source>
        <translation>Den offenen Plan auf den neuen Stand bringen</translation>
    </message>
    <message>
        <source>By %1.</source>
        <translation>Mit %1.</translation>
    </message>
    <message>
        <source>By number</source>
        <translation>Als Zahl</translation>
    </message>
    <message>
        <source>Calibration square</source>
        <translation>Eichquadrat</translation>
    </message>
    <message>
        <source>Call it %1</source>
        <translation>Es %1 nennen</translation>
    </message>
    <message>
        <source>Call it so</source>
        <translation>So nennen</translation>
    </message>
    <message>
        <source>Card</source>
        <translation>Karte</translation>
    </message>
    <message>
        <source>Card %1</source>
        <translation>Karte %1</translation>
    </message>
    <message>
        <source>Card face</source>
        <translation>Kartenbild</translation>
    </message>
    <message>
        <source>Card lying</source>
        <translation>Karte liegend</translation>
    </message>
    <message>
        <source>Card of %1</source>
        <translation>Karte von %1</translation>
    </message>
    <message>
        <source>Card upright</source>
        <translation>Karte stehend</translation>
    </message>
    <message>
        <source>Card, folded</source>
        <translation>Karte, gefaltet</translation>
    </message>
    <message>
        <source>Cards</source>
        <translation>Karten</translation>
    </message>
    <message>
        <source>Cards of a variation</source>
        <translation>Karten einer Variante</translation>
    </message>
    <message>
        <source>Cards of this variation</source>
        <translation>Karten dieser Variante</translation>
    </message>
    <message>
        <source>Cards to be made: %1 instead of %2.</source>
        <translation>Zu machende Karten: %1 statt %2.</translation>
    </message>
    <message>
        <source>Cards you made</source>
        <translation>Karten, die du gemacht hast</translation>
    </message>
    <message>
        <source>Cards, newest first</source>
        <translation>Karten, die neuesten zuerst</translation>
    </message>
    <message>
        <source>Ceiling</source>
        <translation>Decke</translation>
    </message>
    <message>
        <source>Centre every layer</source>
        <translation>Jede Lage mitten</translation>
    </message>
    <message>
        <source>Centre everything again</source>
        <translation>Alles wieder mitten</translation>
    </message>
    <message>
        <source>Change</source>
        <translation>Ändern</translation>
    </message>
    <message>
        <source>Change a variation</source>
        <translation>Eine Variante ändern</translation>
    </message>
    <message>
        <source>Change the letters</source>
        <translation>Die Buchstaben ändern</translation>
    </message>
    <message>
        <source>Chapters</source>
        <translation>Kapitel</translation>
    </message>
    <message>
        <source>Choose &amp;all</source>
        <translation>&amp;Alles wählen</translation>
    </message>
    <message>
        <source>Choose a hero in the scene; then this tells what competes with it.</source>
        <translation>Wähle in der Szene einen Helden; dann sagt dies, was mit ihm wetteifert.</translation>
    </message>
    <message>
        <source>Choose a picture…</source>
        <translation>Bild wählen…</translation>
    </message>
    <message>
        <source>Choose a stamp</source>
        <translation>Stempel wählen</translation>
    </message>
    <message>
        <source>Choose all of its &amp;kind</source>
        <translation>Alle seiner &amp;Art wählen</translation>
    </message>
    <message>
        <source>Choose it</source>
        <translation>Es wählen</translation>
    </message>
    <message>
        <source>Choose on the right what goes wrong.</source>
        <translation>Wähle rechts, was schiefgeht.</translation>
    </message>
    <message>
        <source>Choose one thing by a click on the card, and make it the hero.</source>
        <translation>Wähle ein Ding durch einen Klick auf der Karte und mach es zum Helden.</translation>
    </message>
    <message>
        <source>Choose one, then drag it on the card.</source>
        <translation>Wähle eines, dann ziehe es auf der Karte.</translation>
    </message>
    <message>
        <source>Choose the stamps, eight or more of them, and put the crowd on the card.</source>
        <translation>Wähle die Stempel, acht oder mehr Stück, und setze die Menge auf die Karte.</translation>
    </message>
    <message>
        <source>Clear</source>
        <translation>Klar</translation>
    </message>
    <message>
        <source>Clear air: distance does not pale.</source>
        <translation>Klare Luft: Entfernung macht nicht blasser.</translation>
    </message>
    <message>
        <source>Clear. %1</source>
        <translation>Klar. %1</translation>
    </message>
    <message>
        <source>Click a part of anything on the card; keep the button down to sweep over several.</source>
        <translation>Klicke einen Teil von irgendetwas auf der Karte an; mit gehaltener Taste streichst du über mehrere.</translation>
    </message>
    <message>
        <source>Click a thing on the card or on the walk to work on it.</source>
        <translation>Klicke ein Ding auf der Karte oder auf dem Weg an, um daran zu arbeiten.</translation>
    </message>
    <message>
        <source>Click beside all things, then drag Mist until the far trees stand in it.</source>
        <translation>Klicke neben alle Dinge, dann zieh an Nebel, bis die fernen Bäume darin stehen.</translation>
    </message>
    <message>
        <source>Click inside it to make a hole or to fill one. Drag the foot to where it stands.</source>
        <translation>Klicke hinein, um ein Loch zu machen oder zu füllen. Ziehe den Fuß dorthin, wo es steht.</translation>
    </message>
    <message>
        <source>Click one: it goes on the card where its size is right.</source>
        <translation>Klicke einen an: er kommt dorthin, wo seine Größe stimmt.</translation>
    </message>
    <message>
        <source>Click the hare on the card and make it the hero.</source>
        <translation>Klicke den Hasen auf der Karte an und mach ihn zum Helden.</translation>
    </message>
    <message>
        <source>Click the poplar on the card and press Make a row.</source>
        <translation>Klicke die Pappel auf der Karte an und drücke Eine Reihe machen.</translation>
    </message>
    <message>
        <source>Close gaps</source>
        <translation>Lücken schließen</translation>
    </message>
    <message>
        <source>Close it</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Close its outline</source>
        <translation>Den Umriss schließen</translation>
    </message>
    <message>
        <source>Close the outline</source>
        <translation>Umriss schließen</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Colour %1</source>
        <translation>%1 ausmalen</translation>
    </message>
    <message>
        <source>Colour %1 by itself</source>
        <translation>%1 für sich ausmalen</translation>
    </message>
    <message>
        <source>Colour %1 like %2</source>
        <translation>%1 wie %2 ausmalen</translation>
    </message>
    <message>
        <source>Colour draws the eye: what is left white falls back, unless all else is grey. Colour it, or leave it bare on purpose.</source>
        <translation>Farbe zieht das Auge an: was weiß bleibt, tritt zurück, wenn nicht alles andere grau ist. Male es aus oder lass es absichtlich frei.</translation>
    </message>
    <message>
        <source>Colour it paler</source>
        <translation>Blasser ausmalen</translation>
    </message>
    <message>
        <source>Colour no. %1</source>
        <translation>Farbe Nr. %1</translation>
    </message>
    <message>
        <source>Colour of %1</source>
        <translation>Farbton: %1</translation>
    </message>
    <message>
        <source>Colour of a mat</source>
        <translation>Farbe einer Zwischenlage</translation>
    </message>
    <message>
        <source>Colour of a piece</source>
        <translation>Farbe eines Stücks</translation>
    </message>
    <message>
        <source>Colour of mat %1: %2</source>
        <translation>Farbe der Zwischenlage %1: %2</translation>
    </message>
    <message>
        <source>Colour parts by hand</source>
        <translation>Teile von Hand ausmalen</translation>
    </message>
    <message>
        <source>Colour taken out again</source>
        <translation>Wieder entfernte Farbe</translation>
    </message>
    <message>
        <source>Colour the card</source>
        <translation>Die Karte ausmalen</translation>
    </message>
    <message>
        <source>Colour: %1</source>
        <translation>Farbe: %1</translation>
    </message>
    <message>
        <source>Coloured by itself</source>
        <translation>Für sich ausgemalt</translation>
    </message>
    <message>
        <source>Coloured like</source>
        <translation>Ausgemalt wie</translation>
    </message>
    <message>
        <source>Colouring…</source>
        <translation>Ausmalen…</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>Colours beside each other</source>
        <translation>Farben nebeneinander</translation>
    </message>
    <message>
        <source>Colours paler with distance</source>
        <translation>Farben mit der Entfernung blasser</translation>
    </message>
    <message>
        <source>Colours that are suggested</source>
        <translation>Vorgeschlagene Farben</translation>
    </message>
    <message>
        <source>Comes from</source>
        <translation>Kommt von</translation>
    </message>
    <message>
        <source>Comparing the schools</source>
        <translation>Verfahren werden verglichen</translation>
    </message>
    <message>
        <source>Contrast of its ink on the ground that is really there, where it is worst. Letters of this size want %1 : 1 (WCAG 2).</source>
        <translation>Kontrast seiner Farbe zum Grund, der wirklich da ist, wo er am schlechtesten ist. Buchstaben dieser Größe brauchen %1 : 1 (WCAG 2).</translation>
    </message>
    <message>
        <source>Costs about %1</source>
        <translation>Kostet etwa %1</translation>
    </message>
    <message>
        <source>Cover %1</source>
        <translation>%1 abdecken</translation>
    </message>
    <message>
        <source>Cover %1 with %2</source>
        <translation>%1 mit %2 abdecken</translation>
    </message>
    <message>
        <source>Cover all round the spot with scrap tape and do it once more there, lightly.</source>
        <translation>Decke rings um die Stelle mit Bandresten ab und mach es dort noch einmal, leicht.</translation>
    </message>
    <message>
        <source>Cover that part with it</source>
        <translation>Diesen Teil damit abdecken</translation>
    </message>
    <message>
        <source>Cover what of %1 ran into %2 with white pen or its colour.</source>
        <translation>Decke, was von %1 in %2 lief, mit weißem Stift oder dessen Farbe.</translation>
    </message>
    <message>
        <source>Covered</source>
        <translation>Abgedeckt</translation>
    </message>
    <message>
        <source>Covered while you %1:</source>
        <translation>Abgedeckt beim %1:</translation>
    </message>
    <message>
        <source>Covers</source>
        <translation>Deckt</translation>
    </message>
    <message>
        <source>Cu&amp;t</source>
        <translation>A&amp;usschneiden</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>Cut %1</source>
        <translation>%1 schneiden</translation>
    </message>
    <message>
        <source>Cut %1 masks</source>
        <translation>%1 Masken schneiden</translation>
    </message>
    <message>
        <source>Cut %1 of the %2</source>
        <translation>%1 der %2 schneiden</translation>
    </message>
    <message>
        <source>Cut %1 through a sheet</source>
        <translation>%1 durch einen Bogen schneiden</translation>
    </message>
    <message>
        <source>Cut 1 mask</source>
        <translation>1 Maske schneiden</translation>
    </message>
    <message>
        <source>Cut a part of %1</source>
        <translation>Einen Teil von %1 schneiden</translation>
    </message>
    <message>
        <source>Cut away from your fingers; keep blades away from children.</source>
        <translation>Schneide von den Fingern weg; Klingen gehören nicht in Kinderhände.</translation>
    </message>
    <message>
        <source>Cut away from your fingers; keep blades away from children. Page %1 of %2.</source>
        <translation>Schneide von den Fingern weg; Klingen gehören nicht in Kinderhände. Seite %1 von %2.</translation>
    </message>
    <message>
        <source>Cut files</source>
        <translation>Schneidedateien</translation>
    </message>
    <message>
        <source>Cut fine parts</source>
        <translation>Feine Teile schneiden</translation>
    </message>
    <message>
        <source>Cut it all the same</source>
        <translation>Trotzdem schneiden</translation>
    </message>
    <message>
        <source>Cut it flush</source>
        <translation>Bündig schneiden</translation>
    </message>
    <message>
        <source>Cut it otherwise</source>
        <translation>Anders schneiden</translation>
    </message>
    <message>
        <source>Cut list</source>
        <translation>Schneideliste</translation>
    </message>
    <message>
        <source>Cut list for %1</source>
        <translation>Schneideliste für %1</translation>
    </message>
    <message>
        <source>Cut masks %1 mm inside</source>
        <translation>Masken %1 mm innerhalb schneiden</translation>
    </message>
    <message>
        <source>Cut once; turned round it serves the other side. It is on the mask sheet.</source>
        <translation>Einmal geschnitten; umgedreht dient sie der anderen Seite. Sie ist auf dem Maskenbogen.</translation>
    </message>
    <message>
        <source>Cut once; what comes out covers the inside. It is on the mask sheet.</source>
        <translation>Einmal geschnitten; was herauskommt, deckt das Innere. Es ist auf dem Maskenbogen.</translation>
    </message>
    <message>
        <source>Cut one of my own</source>
        <translation>Eine eigene schneiden</translation>
    </message>
    <message>
        <source>Cut out %1</source>
        <translation>%1 ausschneiden</translation>
    </message>
    <message>
        <source>Cut out, on foam</source>
        <translation>Ausgeschnitten, auf Schaum</translation>
    </message>
    <message>
        <source>Cut the base %1 and score it %2 from the bottom.</source>
        <translation>Schneide die Klappkarte %1 und rille sie %2 von unten.</translation>
    </message>
    <message>
        <source>Cut the base %1 and score it %2 from the left.</source>
        <translation>Schneide die Klappkarte %1 und rille sie %2 von links.</translation>
    </message>
    <message>
        <source>Cut the base %1; it is not folded.</source>
        <translation>Schneide die Karte %1; sie wird nicht gefaltet.</translation>
    </message>
    <message>
        <source>Cut the mask, then cover %1</source>
        <translation>Die Maske schneiden, dann abdecken: %1</translation>
    </message>
    <message>
        <source>Cut the masks, then cover %1</source>
        <translation>Die Masken schneiden, dann abdecken: %1</translation>
    </message>
    <message>
        <source>Cut the papers from sheets</source>
        <translation>Papiere aus Bogen schneiden</translation>
    </message>
    <message>
        <source>Cut through a sheet</source>
        <translation>Durch einen Bogen schneiden</translation>
    </message>
    <message>
        <source>Cut to what shows</source>
        <translation>Auf das Sichtbare geschnitten</translation>
    </message>
    <message>
        <source>Cutting</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>Darker to lighter</source>
        <translation>Dunkler bis heller</translation>
    </message>
    <message>
        <source>Dashed: construction, rub it out.</source>
        <translation>Gestrichelt: Konstruktion, ausradieren.</translation>
    </message>
    <message>
        <source>Deep</source>
        <translation>Tief</translation>
    </message>
    <message>
        <source>Demo: a misty &amp;fen</source>
        <translation>Demo: ein nebliges &amp;Moor</translation>
    </message>
    <message>
        <source>Demo: a potting &amp;shed</source>
        <translation>Demo: ein Garten&amp;schuppen</translation>
    </message>
    <message>
        <source>Demo: the towpath as a &amp;finished card</source>
        <translation>Demo: der Treidelpfad als &amp;fertige Karte</translation>
    </message>
    <message>
        <source>Depth needs near and far. What is far stands higher on the card, nearer to the horizon.</source>
        <translation>Tiefe braucht nah und fern. Was fern ist, steht höher auf der Karte, näher am Horizont.</translation>
    </message>
    <message>
        <source>Details</source>
        <translation>Details</translation>
    </message>
    <message>
        <source>Details by hand: lines, dots, highlights</source>
        <translation>Einzelheiten von Hand: Linien, Punkte, Lichter</translation>
    </message>
    <message>
        <source>Die</source>
        <translation>Stanze</translation>
    </message>
    <message>
        <source>Direction</source>
        <translation>Richtung</translation>
    </message>
    <message>
        <source>Do as advised</source>
        <translation>Wie geraten machen</translation>
    </message>
    <message>
        <source>Do it</source>
        <translation>Mach es</translation>
    </message>
    <message>
        <source>Do it by %1</source>
        <translation>Mach es mit %1</translation>
    </message>
    <message>
        <source>Do not breathe the dust in; wipe it away, do not blow.</source>
        <translation>Atme den Staub nicht ein; wisch ihn weg, blase nicht.</translation>
    </message>
    <message>
        <source>Do not suit it</source>
        <translation>Passen nicht dazu</translation>
    </message>
    <message>
        <source>Do they fit?</source>
        <translation>Passen sie?</translation>
    </message>
    <message>
        <source>Done  (space)</source>
        <translation>Getan  (Leertaste)</translation>
    </message>
    <message>
        <source>Done with it</source>
        <translation>Fertig damit</translation>
    </message>
    <message>
        <source>Dot</source>
        <translation>Punkt</translation>
    </message>
    <message>
        <source>Dotted: reflections.</source>
        <translation>Gepunktet: Spiegelbilder.</translation>
    </message>
    <message>
        <source>Dotted: shadows and reflections.</source>
        <translation>Gepunktet: Schatten und Spiegelbilder.</translation>
    </message>
    <message>
        <source>Dotted: shadows.</source>
        <translation>Gepunktet: Schatten.</translation>
    </message>
    <message>
        <source>Drag a mat's or the base's rim to say how much of it shows; with Shift what lies on it goes off-centre.</source>
        <translation>Ziehe am Rand einer Zwischenlage oder der Klappkarte, um zu sagen, wie viel davon zu sehen ist; mit Umschalt rückt, was darauf liegt, aus der Mitte.</translation>
    </message>
    <message>
        <source>Drag its points on the card; the vanishing point catches the far end.</source>
        <translation>Ziehe seine Punkte auf der Karte; der Fluchtpunkt fängt das ferne Ende.</translation>
    </message>
    <message>
        <source>Drag on the card. Near a guide, the horizon or another line's end it snaps.</source>
        <translation>Ziehe auf der Karte. Nahe einer Hilfslinie, dem Horizont oder einem Linienende rastet es ein.</translation>
    </message>
    <message>
        <source>Drag the border of %1</source>
        <translation>Den Rand von %1 ziehen</translation>
    </message>
    <message>
        <source>Drag the two rings: the first and the last of the row. On the horizon it has no end.</source>
        <translation>Ziehe die beiden Ringe: den ersten und den letzten der Reihe. Auf dem Horizont hat sie kein Ende.</translation>
    </message>
    <message>
        <source>Drag them into order, or use the buttons.</source>
        <translation>Ziehe sie in die Reihenfolge oder nimm die Knöpfe.</translation>
    </message>
    <message>
        <source>Drag, nudge or turn one of them: all go along.</source>
        <translation>Ziehe, rücke oder drehe eines davon: alle gehen mit.</translation>
    </message>
    <message>
        <source>Draw</source>
        <translation>Zeichnen</translation>
    </message>
    <message>
        <source>Draw a line</source>
        <translation>Linie zeichnen</translation>
    </message>
    <message>
        <source>Draw a line along a ruler or anything whose length you know, then type its length</source>
        <translation>Zeichne eine Linie längs eines Lineals oder von etwas, dessen Länge du kennst, dann tippe die Länge</translation>
    </message>
    <message>
        <source>Draw by pen</source>
        <translation>Mit dem Stift zeichnen</translation>
    </message>
    <message>
        <source>Draw by pen at %1</source>
        <translation>Mit dem Stift zeichnen bei %1</translation>
    </message>
    <message>
        <source>Draw lots again</source>
        <translation>Neu losen</translation>
    </message>
    <message>
        <source>Draw the missing line in with a fine pen.</source>
        <translation>Zieh die fehlende Linie mit einem feinen Stift nach.</translation>
    </message>
    <message>
        <source>Drawer</source>
        <translation>Schublade</translation>
    </message>
    <message>
        <source>Drawers</source>
        <translation>Schubladen</translation>
    </message>
    <message>
        <source>Drawing at true size</source>
        <translation>Zeichnung in wahrer Größe</translation>
    </message>
    <message>
        <source>Drawing in layers</source>
        <translation>Zeichnung in Ebenen</translation>
    </message>
    <message>
        <source>Dries</source>
        <translation>Trocknet</translation>
    </message>
    <message>
        <source>Dries on card</source>
        <translation>Trocknet auf Karte</translation>
    </message>
    <message>
        <source>Dries on masks</source>
        <translation>Trocknet auf Masken</translation>
    </message>
    <message>
        <source>Drop it</source>
        <translation>Fallen lassen</translation>
    </message>
    <message>
        <source>Drop specks</source>
        <translation>Flecken weglassen</translation>
    </message>
    <message>
        <source>Dry in %1</source>
        <translation>Trocken in %1</translation>
    </message>
    <message>
        <source>Dry now</source>
        <translation>Jetzt trocken</translation>
    </message>
    <message>
        <source>Drying rack</source>
        <translation>Trockengestell</translation>
    </message>
    <message>
        <source>Dust the card with a powder bag</source>
        <translation>Pudere die Karte mit dem Puderbeutel ein</translation>
    </message>
    <message>
        <source>Each from the inks of the plan and the drawer. Parts left bare stay bare; everything else is coloured anew, and undo takes it back.</source>
        <translation>Jede aus den Farben von Plan und Schublade. Frei gelassene Teile bleiben frei; alles andere wird neu ausgemalt, und Zurück nimmt es zurück.</translation>
    </message>
    <message>
        <source>Each is pressed on simulated paper. Wrong is where the card would visibly differ from things cleanly in front of one another.</source>
        <translation>Jede wird auf simuliertem Papier gedruckt. Falsch ist, wo die Karte sichtbar anders wäre, als wenn die Dinge sauber voreinander stünden.</translation>
    </message>
    <message>
        <source>Each of a crowd stands where its size is right, and none is like its neighbour.</source>
        <translation>In einer Menge steht jeder, wo seine Größe stimmt, und keiner ist wie sein Nachbar.</translation>
    </message>
    <message>
        <source>Each step is done on all cards before the next is set up; masks go from card to card.</source>
        <translation>Jeder Schritt wird an allen Karten getan, bevor der nächste eingerichtet wird; Masken wandern von Karte zu Karte.</translation>
    </message>
    <message>
        <source>Each takes the size that fits its place. Pressed again without fresh ink a stamp prints paler.</source>
        <translation>Jeder nimmt die Größe, die an seinen Platz passt. Ohne frische Farbe noch einmal gepresst druckt ein Stempel blasser.</translation>
    </message>
    <message>
        <source>Each thing against what really lies around it. Below 10 it sinks in at a glance.</source>
        <translation>Jedes Ding gegen das, was wirklich um es liegt. Unter 10 versinkt es auf den ersten Blick.</translation>
    </message>
    <message>
        <source>Each thing its own way</source>
        <translation>Jedes Ding auf seine Weise</translation>
    </message>
    <message>
        <source>Each waits about %1 for stamps and pads.</source>
        <translation>Jede Person wartet etwa %1 auf Stempel und Kissen.</translation>
    </message>
    <message>
        <source>Each where its size is right, none like its neighbour.</source>
        <translation>Jeder, wo seine Größe stimmt, keiner wie sein Nachbar.</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Früher</translation>
    </message>
    <message>
        <source>Edge on; heights %1 times as large as widths.</source>
        <translation>Von der Kante gesehen; Höhen %1-mal so groß wie Breiten.</translation>
    </message>
    <message>
        <source>Emboss %1</source>
        <translation>%1 embossen</translation>
    </message>
    <message>
        <source>Emboss it in %1</source>
        <translation>In %1 embossen</translation>
    </message>
    <message>
        <source>Emboss it instead of masking</source>
        <translation>Embossen statt maskieren</translation>
    </message>
    <message>
        <source>Embossing %1 waits until %2 is dry</source>
        <translation>Das Embossen von %1 wartet, bis %2 trocken ist</translation>
    </message>
    <message>
        <source>Envelopes</source>
        <translation>Umschläge</translation>
    </message>
    <message>
        <source>Even gaps</source>
        <translation>Gleiche Lücken</translation>
    </message>
    <message>
        <source>Even gaps between %1</source>
        <translation>Gleiche Lücken zwischen %1</translation>
    </message>
    <message>
        <source>Even gaps on the &amp;ground, in metres</source>
        <translation>Gleiche Lücken am &amp;Boden, in Metern</translation>
    </message>
    <message>
        <source>Even gaps on the ground between %1</source>
        <translation>Gleiche Lücken am Boden zwischen %1</translation>
    </message>
    <message>
        <source>Even metres</source>
        <translation>Gleiche Meter</translation>
    </message>
    <message>
        <source>Evenings: %1 instead of %2.</source>
        <translation>Abende: %1 statt %2.</translation>
    </message>
    <message>
        <source>Evenly spaced things crowd together toward the horizon. Here the real gaps differ; the widest is %1 times the narrowest.</source>
        <translation>Dinge in gleichen Abständen drängen sich zum Horizont hin. Hier sind die wirklichen Lücken verschieden; die weiteste ist %1-mal die engste.</translation>
    </message>
    <message>
        <source>Every cut goes right across what is in hand; do them in their order.</source>
        <translation>Jeder Schnitt geht quer durch das, was du in der Hand hast; mach sie der Reihe nach.</translation>
    </message>
    <message>
        <source>Every layer fits the next.</source>
        <translation>Jede Lage passt zur nächsten.</translation>
    </message>
    <message>
        <source>Every one stands at its right size.</source>
        <translation>Jedes steht in seiner richtigen Größe.</translation>
    </message>
    <message>
        <source>Every step is carried out on simulated paper and compared with what you planned.</source>
        <translation>Jeder Schritt wird auf simuliertem Papier ausgeführt und mit deinem Plan verglichen.</translation>
    </message>
    <message>
        <source>Every step is stamped on simulated paper. What comes first is in front; what lies behind is stamped later, over masks.</source>
        <translation>Jeder Schritt wird auf gedachtem Papier gestempelt. Was zuerst kommt, ist vorn; was dahinter liegt, kommt später, über Masken.</translation>
    </message>
    <message>
        <source>Everybody makes one; stamps and pads go round.</source>
        <translation>Alle machen eine; Stempel und Kissen gehen herum.</translation>
    </message>
    <message>
        <source>Everything by %1</source>
        <translation>Alles mit %1</translation>
    </message>
    <message>
        <source>Everything in one open file: a zip with plain text and SVG pictures</source>
        <translation>Alles in einer offenen Datei: ein Zip mit Klartext und SVG-Bildern</translation>
    </message>
    <message>
        <source>Everything is of one colour</source>
        <translation>Alles hat eine Farbe</translation>
    </message>
    <message>
        <source>Everything stands at about the same distance, %1.</source>
        <translation>Alles steht etwa gleich weit, %1.</translation>
    </message>
    <message>
        <source>Exactly these: %1.</source>
        <translation>Genau diese: %1.</translation>
    </message>
    <message>
        <source>Exercises</source>
        <translation>Übungen</translation>
    </message>
    <message>
        <source>Extra card on every side while you work, to be trimmed or die-cut away at the end</source>
        <translation>Zusätzlicher Karton auf jeder Seite während der Arbeit, der am Ende beschnitten oder gestanzt wird</translation>
    </message>
    <message>
        <source>Eye at the middle</source>
        <translation>Auge in der Mitte</translation>
    </message>
    <message>
        <source>Eye height</source>
        <translation>Augenhöhe</translation>
    </message>
    <message>
        <source>Eye level</source>
        <translation>Augenhöhe</translation>
    </message>
    <message>
        <source>Eye opposite the wall's middle</source>
        <translation>Auge gegenüber der Wandmitte</translation>
    </message>
    <message>
        <source>Eyes at %1 m</source>
        <translation>Augen auf %1 m</translation>
    </message>
    <message>
        <source>Eyes at %1: small things fill the card</source>
        <translation>Augen auf %1: kleine Dinge füllen die Karte</translation>
    </message>
    <message>
        <source>Eyes half closed</source>
        <translation>Augen halb geschlossen</translation>
    </message>
    <message>
        <source>Facing</source>
        <translation>Blickt</translation>
    </message>
    <message>
        <source>Fades over</source>
        <translation>Läuft aus über</translation>
    </message>
    <message>
        <source>Fibres run</source>
        <translation>Faser läuft</translation>
    </message>
    <message>
        <source>File</source>
        <translation>Datei</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Dateien</translation>
    </message>
    <message>
        <source>Fill it with the sample stamps</source>
        <translation>Mit den Musterstempeln füllen</translation>
    </message>
    <message>
        <source>Fill the bare spots of %1 with a pen of its ink.</source>
        <translation>Fülle die leeren Stellen von %1 mit einem Stift seiner Farbe.</translation>
    </message>
    <message>
        <source>Fill the rest</source>
        <translation>Den Rest füllen</translation>
    </message>
    <message>
        <source>Fill the rest of %1</source>
        <translation>Den Rest von %1 füllen</translation>
    </message>
    <message>
        <source>Filled part</source>
        <translation>Gefüllter Teil</translation>
    </message>
    <message>
        <source>Find an act</source>
        <translation>Tätigkeit finden</translation>
    </message>
    <message>
        <source>Find cards by what they show, for whom, occasion or month</source>
        <translation>Karten finden nach dem, was sie zeigen, für wen, Anlass oder Monat</translation>
    </message>
    <message>
        <source>Find horizon</source>
        <translation>Horizont finden</translation>
    </message>
    <message>
        <source>Find in the handbook</source>
        <translation>Im Handbuch suchen</translation>
    </message>
    <message>
        <source>Find its place</source>
        <translation>Seinen Platz finden</translation>
    </message>
    <message>
        <source>Find the best order</source>
        <translation>Die beste Reihenfolge finden</translation>
    </message>
    <message>
        <source>Find the horizon</source>
        <translation>Den Horizont finden</translation>
    </message>
    <message>
        <source>Find: mask, horizon, pale …</source>
        <translation>Suche: Maske, Horizont, blass …</translation>
    </message>
    <message>
        <source>Finding the best order … begin now</source>
        <translation>Die beste Reihenfolge wird gesucht … fang ruhig an</translation>
    </message>
    <message>
        <source>Finds the calibration square that Havlo prints, and straightens the picture by it</source>
        <translation>Findet das Eichquadrat, das Havlo druckt, und entzerrt das Bild danach</translation>
    </message>
    <message>
        <source>Finished: &amp;overprinting</source>
        <translation>Fertig: Ü&amp;berdrucken</translation>
    </message>
    <message>
        <source>Finished: a &amp;crowd</source>
        <translation>Fertig: eine &amp;Menge</translation>
    </message>
    <message>
        <source>Finished: a &amp;dull card to make clear</source>
        <translation>Fertig: eine ma&amp;tte Karte, die klar werden soll</translation>
    </message>
    <message>
        <source>Finished: a card of &amp;papers</source>
        <translation>Fertig: eine Karte aus &amp;Papieren</translation>
    </message>
    <message>
        <source>Finished: an &amp;avenue</source>
        <translation>Fertig: eine &amp;Allee</translation>
    </message>
    <message>
        <source>First looks</source>
        <translation>Erste Blicke</translation>
    </message>
    <message>
        <source>Fit it</source>
        <translation>Einpassen</translation>
    </message>
    <message>
        <source>Fit it again</source>
        <translation>Neu einpassen</translation>
    </message>
    <message>
        <source>Fit it round the hero</source>
        <translation>Um den Helden einpassen</translation>
    </message>
    <message>
        <source>Fit the opening</source>
        <translation>Die Öffnung einpassen</translation>
    </message>
    <message>
        <source>Floor</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>Foam</source>
        <translation>Schaum</translation>
    </message>
    <message>
        <source>Foam dots</source>
        <translation>Schaumpunkte</translation>
    </message>
    <message>
        <source>Foam under the whole panel</source>
        <translation>Schaum unter der ganzen Bildkarte</translation>
    </message>
    <message>
        <source>Fold</source>
        <translation>Falten</translation>
    </message>
    <message>
        <source>Fold %1</source>
        <translation>%1 falten</translation>
    </message>
    <message>
        <source>Fold or unfold the wal&amp;k</source>
        <translation>Den &amp;Weg falten oder entfalten</translation>
    </message>
    <message>
        <source>Fold the walk away: the card grows</source>
        <translation>Den Weg wegfalten: die Karte wächst</translation>
    </message>
    <message>
        <source>Foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>Foot of masks: %1</source>
        <translation>Fuß der Masken: %1</translation>
    </message>
    <message>
        <source>For a class of %1</source>
        <translation>Für einen Kurs von %1</translation>
    </message>
    <message>
        <source>For a photo: click the corners of a sheet or card of known size, upper left first, then clockwise</source>
        <translation>Für ein Foto: klicke die Ecken eines Blattes oder einer Karte bekannter Größe an, oben links zuerst, dann im Uhrzeigersinn</translation>
    </message>
    <message>
        <source>For each of %1: %2</source>
        <translation>Für jede der %1 Personen: %2</translation>
    </message>
    <message>
        <source>For this word alone</source>
        <translation>Nur für dieses Wort</translation>
    </message>
    <message>
        <source>For whom</source>
        <translation>Für wen</translation>
    </message>
    <message>
        <source>For whom it is</source>
        <translation>Für wen sie ist</translation>
    </message>
    <message>
        <source>For whom it is, if you want to remember</source>
        <translation>Für wen sie ist, wenn du es dir merken willst</translation>
    </message>
    <message>
        <source>Forget the wish</source>
        <translation>Den Wunsch vergessen</translation>
    </message>
    <message>
        <source>Forget them</source>
        <translation>Sie vergessen</translation>
    </message>
    <message>
        <source>Format of the cut file</source>
        <translation>Format der Schneidedatei</translation>
    </message>
    <message>
        <source>Four that belong together</source>
        <translation>Vier, die zusammengehören</translation>
    </message>
    <message>
        <source>Free %1</source>
        <translation>%1 frei</translation>
    </message>
    <message>
        <source>Free software under the GNU General Public License, version 3 or later. The type family Inter is under the SIL Open Font License.</source>
        <translation>Freie Software unter der GNU General Public License, Version 3 oder später. Die Schriftfamilie Inter steht unter der SIL Open Font License.</translation>
    </message>
    <message>
        <source>Fresh %1</source>
        <translation>Frisch %1</translation>
    </message>
    <message>
        <source>From %1 at %2 to %3 at %4.</source>
        <translation>Von %1 bei %2 bis %3 bei %4.</translation>
    </message>
    <message>
        <source>From %1 cards. Plans are reckoned with this.</source>
        <translation>Aus %1 Karten. Pläne werden damit gerechnet.</translation>
    </message>
    <message>
        <source>From 1 card. Plans are reckoned with this.</source>
        <translation>Aus 1 Karte. Pläne werden damit gerechnet.</translation>
    </message>
    <message>
        <source>From a test strip</source>
        <translation>Aus einem Probestreifen</translation>
    </message>
    <message>
        <source>From an angle</source>
        <translation>Schräg gesehen</translation>
    </message>
    <message>
        <source>From near by</source>
        <translation>Aus der Nähe</translation>
    </message>
    <message>
        <source>From the back</source>
        <translation>Von hinten</translation>
    </message>
    <message>
        <source>From the beginning</source>
        <translation>Von Anfang an</translation>
    </message>
    <message>
        <source>From the drawer:</source>
        <translation>Aus der Schublade:</translation>
    </message>
    <message>
        <source>From the front</source>
        <translation>Von vorn</translation>
    </message>
    <message>
        <source>From the left</source>
        <translation>Von links</translation>
    </message>
    <message>
        <source>From the next start on the window speaks %1.</source>
        <translation>Ab dem nächsten Start spricht das Fenster %1.</translation>
    </message>
    <message>
        <source>From the panel's left edge</source>
        <translation>Von der linken Kante der Bildkarte</translation>
    </message>
    <message>
        <source>From the panel's lower edge</source>
        <translation>Von der Unterkante der Bildkarte</translation>
    </message>
    <message>
        <source>From the side</source>
        <translation>Von der Seite</translation>
    </message>
    <message>
        <source>From this plan's inks and the drawer's: sky, ground, and a hero that stands off most from both.</source>
        <translation>Aus den Farben von Plan und Schublade: Himmel, Boden und ein Held, der sich von beiden am meisten abhebt.</translation>
    </message>
    <message>
        <source>Full: to ink.</source>
        <translation>Voll: ausziehen.</translation>
    </message>
    <message>
        <source>Fullest at</source>
        <translation>Am stärksten</translation>
    </message>
    <message>
        <source>Give it company farther away: press Add a stamp and take the lock cottage or a poplar.</source>
        <translation>Gib ihm Gesellschaft weiter weg: Drücke Stempel hinzufügen und nimm das Schleusenhaus (Lock cottage) oder eine Pappel (poplar).</translation>
    </message>
    <message>
        <source>Give the hero an ink that nothing else has.</source>
        <translation>Gib dem Helden eine Farbe, die sonst nichts hat.</translation>
    </message>
    <message>
        <source>Glue %1 inside</source>
        <translation>%1 innen einkleben</translation>
    </message>
    <message>
        <source>Glue %1 on</source>
        <translation>%1 aufkleben</translation>
    </message>
    <message>
        <source>Glue %1 on %2</source>
        <translation>%1 auf %2 kleben</translation>
    </message>
    <message>
        <source>Glue it elsewhere</source>
        <translation>Anderswo aufkleben</translation>
    </message>
    <message>
        <source>Glued on</source>
        <translation>Aufgeklebt</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Go over %1 with a pen of its ink, or leave it paler: then it looks farther off.</source>
        <translation>Geh über %1 mit einem Stift seiner Farbe, oder lass es blasser: dann wirkt es weiter weg.</translation>
    </message>
    <message>
        <source>Go to Make and press Begin this card.</source>
        <translation>Geh zu Machen und drücke Diese Karte beginnen.</translation>
    </message>
    <message>
        <source>Go to the drawer</source>
        <translation>Zur Schublade</translation>
    </message>
    <message>
        <source>Greatest printed height</source>
        <translation>Größte gedruckte Höhe</translation>
    </message>
    <message>
        <source>Greatest real height, metres</source>
        <translation>Größte wirkliche Höhe, Meter</translation>
    </message>
    <message>
        <source>Greatest thickness that your post takes</source>
        <translation>Größte Dicke, die deine Post annimmt</translation>
    </message>
    <message>
        <source>Greatest weight that your post takes</source>
        <translation>Größtes Gewicht, das deine Post annimmt</translation>
    </message>
    <message>
        <source>Green is covered. Ochre stays uncovered, madder is covered too much. Click a dotted part to cut it or to leave it.</source>
        <translation>Grün ist bedeckt. Ocker bleibt unbedeckt, Krapprot ist zu viel bedeckt. Klicke einen gepunkteten Teil an, um ihn zu schneiden oder zu lassen.</translation>
    </message>
    <message>
        <source>Greeting</source>
        <translation>Gruß</translation>
    </message>
    <message>
        <source>Greyer to stronger</source>
        <translation>Grauer bis kräftiger</translation>
    </message>
    <message>
        <source>H&amp;ide it while I work</source>
        <translation>Beim Arbeiten &amp;verstecken</translation>
    </message>
    <message>
        <source>Handbook</source>
        <translation>Handbuch</translation>
    </message>
    <message>
        <source>Hardly a join will show</source>
        <translation>Kaum eine Naht wird zu sehen sein</translation>
    </message>
    <message>
        <source>Hardly to be seen</source>
        <translation>Kaum zu sehen</translation>
    </message>
    <message>
        <source>Has no ground under it here. It is %1 tall.</source>
        <translation>Hat hier keinen Boden unter sich. Groß ist es: %1.</translation>
    </message>
    <message>
        <source>Have %1 ready</source>
        <translation>Halte %1 bereit</translation>
    </message>
    <message>
        <source>Have a card proposed</source>
        <translation>Eine Karte vorschlagen lassen</translation>
    </message>
    <message>
        <source>Have ready

Stamps: %1.

Inks: %2.

And %3.</source>
        <translation>Halte bereit

Stempel: %1.

Farben: %2.

Und %3.</translation>
    </message>
    <message>
        <source>Havlo plans</source>
        <translation>Havlo-Pläne</translation>
    </message>
    <message>
        <source>Havlo plans a scene from rubber stamps, shows what overlaps what, which masks to cut and in what order to stamp, and leads you through the work.</source>
        <translation>Havlo plant eine Szene aus Gummistempeln, zeigt, was was verdeckt, welche Masken zu schneiden und in welcher Reihenfolge zu stempeln ist, und führt dich durch die Arbeit.</translation>
    </message>
    <message>
        <source>Heat tools burn and warp, powder should not be breathed in: follow the makers' labels.</source>
        <translation>Heißluftgeräte verbrennen und verziehen, Pulver soll man nicht einatmen: folge den Angaben der Hersteller.</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Height of %1</source>
        <translation>Höhe von %1</translation>
    </message>
    <message>
        <source>Height of a capital letter</source>
        <translation>Höhe eines Großbuchstabens</translation>
    </message>
    <message>
        <source>Height of a sheet</source>
        <translation>Höhe eines Bogens</translation>
    </message>
    <message>
        <source>Height of the foam</source>
        <translation>Höhe des Schaums</translation>
    </message>
    <message>
        <source>Height of the folded base</source>
        <translation>Höhe der gefalteten Klappkarte</translation>
    </message>
    <message>
        <source>Height of the masking sheet</source>
        <translation>Höhe des Maskierbogens</translation>
    </message>
    <message>
        <source>Height of the panel</source>
        <translation>Höhe der Bildkarte</translation>
    </message>
    <message>
        <source>Height of the piece</source>
        <translation>Höhe des Stücks</translation>
    </message>
    <message>
        <source>Height of the sticky band</source>
        <translation>Höhe des Klebestreifens</translation>
    </message>
    <message>
        <source>Height of the waves</source>
        <translation>Höhe der Wellen</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>Hero first, %1</source>
        <translation>Held zuerst, %1</translation>
    </message>
    <message>
        <source>Hero in %1, sky in %2, ground in %3. The hero stands out %4, the two grounds %5. Hero and sky: %6; sky and ground: %7.</source>
        <translation>Held in %1, Himmel in %2, Boden in %3. Der Held hebt sich ab: %4, die beiden Gründe: %5. Held und Himmel: %6; Himmel und Boden: %7.</translation>
    </message>
    <message>
        <source>Hero in place %1, %2</source>
        <translation>Held an Stelle %1, %2</translation>
    </message>
    <message>
        <source>Hide</source>
        <translation>Verstecken</translation>
    </message>
    <message>
        <source>Hide its foot behind %1, %2 to the %3</source>
        <translation>Verstecke seinen Fuß hinter %1, %2 nach %3</translation>
    </message>
    <message>
        <source>High</source>
        <translation>Hoch</translation>
    </message>
    <message>
        <source>Higher feet, smaller things, paler prints and what is hidden by others lie farther away.</source>
        <translation>Höhere Füße, kleinere Dinge, blassere Abdrücke und Verdecktes liegen weiter weg.</translation>
    </message>
    <message>
        <source>Hills, water, rows and what holds on to something stay or go along.</source>
        <translation>Hügel, Wasser, Reihen und was sich an etwas hält, bleiben oder gehen mit.</translation>
    </message>
    <message>
        <source>Hol&amp;d it in place, or let it go</source>
        <translation>&amp;Festhalten oder freigeben</translation>
    </message>
    <message>
        <source>Hold</source>
        <translation>Festhalten</translation>
    </message>
    <message>
        <source>Hold a picture against it…</source>
        <translation>Ein Bild dagegenhalten…</translation>
    </message>
    <message>
        <source>Hold the panel to the light and centre the frame</source>
        <translation>Halte die Bildkarte gegen das Licht und setze den Rahmen in die Mitte</translation>
    </message>
    <message>
        <source>Holds a scan or photo of the card against the plan and says how everything sits.</source>
        <translation>Hält einen Scan oder ein Foto der Karte gegen den Plan und sagt, wie alles sitzt.</translation>
    </message>
    <message>
        <source>Hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>Hole or no hole</source>
        <translation>Loch oder keins</translation>
    </message>
    <message>
        <source>Home</source>
        <translation>Zuhause</translation>
    </message>
    <message>
        <source>Horizon to %1</source>
        <translation>Horizont auf %1</translation>
    </message>
    <message>
        <source>How dark counts as ink</source>
        <translation>Wie dunkel als Farbe zählt</translation>
    </message>
    <message>
        <source>How does it sit?</source>
        <translation>Wie sitzt es?</translation>
    </message>
    <message>
        <source>How exactly masks are cut</source>
        <translation>Wie genau Masken geschnitten werden</translation>
    </message>
    <message>
        <source>How exactly masks are laid</source>
        <translation>Wie genau Masken gelegt werden</translation>
    </message>
    <message>
        <source>How exactly prints are placed</source>
        <translation>Wie genau Abdrücke sitzen</translation>
    </message>
    <message>
        <source>How far</source>
        <translation>Wie weit</translation>
    </message>
    <message>
        <source>How far %1 reaches</source>
        <translation>Wie weit %1 reicht</translation>
    </message>
    <message>
        <source>How full an ink is</source>
        <translation>Wie voll eine Farbe ist</translation>
    </message>
    <message>
        <source>How long it dries</source>
        <translation>Wie lange es trocknet</translation>
    </message>
    <message>
        <source>How long it takes</source>
        <translation>Wie lange es dauert</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Wie viele</translation>
    </message>
    <message>
        <source>How many dots an inch the pictures were scanned with</source>
        <translation>Mit wie vielen Punkten je Zoll die Bilder gescannt wurden</translation>
    </message>
    <message>
        <source>How much of mat %1 shows</source>
        <translation>Wie viel von Zwischenlage %1 zu sehen ist</translation>
    </message>
    <message>
        <source>How much of the base shows all round</source>
        <translation>Wie viel der Klappkarte ringsum zu sehen ist</translation>
    </message>
    <message>
        <source>How much, and where</source>
        <translation>Wie viel, und wo</translation>
    </message>
    <message>
        <source>How often a mask can be laid</source>
        <translation>Wie oft eine Maske gelegt werden kann</translation>
    </message>
    <message>
        <source>How pale a print is</source>
        <translation>Wie blass ein Abdruck ist</translation>
    </message>
    <message>
        <source>How straight masks are laid</source>
        <translation>Wie gerade Masken liegen</translation>
    </message>
    <message>
        <source>How straight prints stand</source>
        <translation>Wie gerade Abdrücke stehen</translation>
    </message>
    <message>
        <source>How tall is it really?</source>
        <translation>Wie hoch ist es wirklich?</translation>
    </message>
    <message>
        <source>How tall it is really</source>
        <translation>Wie hoch es wirklich ist</translation>
    </message>
    <message>
        <source>How tall really?</source>
        <translation>Wirkliche Höhe?</translation>
    </message>
    <message>
        <source>How tall the thing is really</source>
        <translation>Wie hoch das Ding wirklich ist</translation>
    </message>
    <message>
        <source>How wide the whole drawing is</source>
        <translation>Wie breit die ganze Zeichnung ist</translation>
    </message>
    <message>
        <source>I know</source>
        <translation>Weiß ich</translation>
    </message>
    <message>
        <source>I know: %1</source>
        <translation>Ich weiß: %1</translation>
    </message>
    <message>
        <source>I stamp with a hinged positioner</source>
        <translation>Ich stemple mit einer Stempelhilfe mit Scharnier</translation>
    </message>
    <message>
        <source>I work with the left hand</source>
        <translation>Ich arbeite mit der linken Hand</translation>
    </message>
    <message>
        <source>Ideas</source>
        <translation>Einfälle</translation>
    </message>
    <message>
        <source>If nothing else is said</source>
        <translation>Wenn nichts anderes gesagt ist</translation>
    </message>
    <message>
        <source>Impression %1</source>
        <translation>Abdruck %1</translation>
    </message>
    <message>
        <source>In %1 ink came through the worn mask on %2, %3.</source>
        <translation>In %1 schlug Farbe durch die abgenutzte Maske auf %2, %3.</translation>
    </message>
    <message>
        <source>In &amp;front of what it meets</source>
        <translation>&amp;Vor alles, was es trifft</translation>
    </message>
    <message>
        <source>In a crowd of equals nothing is seen first. Somebody must be different.</source>
        <translation>In einer Menge von Gleichen sieht man keinen zuerst. Einer muss anders sein.</translation>
    </message>
    <message>
        <source>In air that lets you see %1, a thing %2 away keeps about %3 % of its contrast with the paper. Freshly inked it prints as the one on the left. Which print is it?</source>
        <translation>In Luft, die dich %1 weit sehen lässt, behält ein Ding in %2 Entfernung etwa %3 % seines Kontrasts zum Papier. Frisch gefärbt druckt es wie das linke. Welcher Abdruck ist es?</translation>
    </message>
    <message>
        <source>In front</source>
        <translation>Davor</translation>
    </message>
    <message>
        <source>In greys</source>
        <translation>In Grautönen</translation>
    </message>
    <message>
        <source>In hand</source>
        <translation>In der Hand</translation>
    </message>
    <message>
        <source>In how many rows</source>
        <translation>In wie vielen Reihen</translation>
    </message>
    <message>
        <source>In it</source>
        <translation>Darin</translation>
    </message>
    <message>
        <source>In one evening</source>
        <translation>An einem Abend</translation>
    </message>
    <message>
        <source>In or out</source>
        <translation>Hinein oder hinaus</translation>
    </message>
    <message>
        <source>In this mist %1 of the ink is left at %2; darker things come forward.</source>
        <translation>In diesem Nebel bleibt bei %2 %1 der Farbe; dunklere Dinge treten vor.</translation>
    </message>
    <message>
        <source>In which order</source>
        <translation>In welcher Reihenfolge</translation>
    </message>
    <message>
        <source>In your own words, if you like</source>
        <translation>In deinen Worten, wenn du magst</translation>
    </message>
    <message>
        <source>Ink</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Ink %1</source>
        <translation>%1 färben</translation>
    </message>
    <message>
        <source>Ink %1 for this plan</source>
        <translation>Farbe %1 für diesen Plan</translation>
    </message>
    <message>
        <source>Ink &amp; light</source>
        <translation>Farbe &amp; Licht</translation>
    </message>
    <message>
        <source>Ink came through a worn mask</source>
        <translation>Farbe schlug durch eine abgenutzte Maske</translation>
    </message>
    <message>
        <source>Ink of %1</source>
        <translation>Farbe von %1</translation>
    </message>
    <message>
        <source>Ink of %1 lies on the embossing of %2 and was never wiped off.</source>
        <translation>Farbe von %1 liegt auf der Embossierung von %2 und wurde nie abgewischt.</translation>
    </message>
    <message>
        <source>Ink or pen</source>
        <translation>Farbe oder Stift</translation>
    </message>
    <message>
        <source>Ink pads</source>
        <translation>Stempelkissen</translation>
    </message>
    <message>
        <source>Ink the guides</source>
        <translation>Die Hilfslinien ausziehen</translation>
    </message>
    <message>
        <source>Ink the pencilled lines</source>
        <translation>Die Bleistiftlinien ausziehen</translation>
    </message>
    <message>
        <source>Ink: %1</source>
        <translation>Farbe: %1</translation>
    </message>
    <message>
        <source>Inks</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>Inks &amp;&amp; papers</source>
        <translation>Farben &amp;&amp; Papiere</translation>
    </message>
    <message>
        <source>Inks and palettes</source>
        <translation>Tinten und Paletten</translation>
    </message>
    <message>
        <source>Inks are counted from now on. Call one low in the drawer when it is, and Havlo knows what it bears.</source>
        <translation>Farben werden von jetzt an gezählt. Nenne eine in der Schublade knapp, wenn sie es ist, und Havlo weiß, wie viel sie trägt.</translation>
    </message>
    <message>
        <source>Inks from a scan</source>
        <translation>Farben aus einem Scan</translation>
    </message>
    <message>
        <source>Inks from a scanned strip</source>
        <translation>Farben aus einem gescannten Streifen</translation>
    </message>
    <message>
        <source>Inks in the drawer</source>
        <translation>Farben in der Schublade</translation>
    </message>
    <message>
        <source>Inks, %1 pads of each: %2</source>
        <translation>Farben, je %1 Kissen: %2</translation>
    </message>
    <message>
        <source>Inks, one pad of each: %1</source>
        <translation>Farben, je ein Kissen: %1</translation>
    </message>
    <message>
        <source>Instead of</source>
        <translation>Statt</translation>
    </message>
    <message>
        <source>Into the drawer</source>
        <translation>In die Schublade</translation>
    </message>
    <message>
        <source>Into the drawer and onto the card</source>
        <translation>In die Schublade und auf die Karte</translation>
    </message>
    <message>
        <source>Is this a crowd, or leaves in layers?</source>
        <translation>Ist dies eine Menge, oder sind es Blätter in Schichten?</translation>
    </message>
    <message>
        <source>Is this a pattern all over the card?</source>
        <translation>Ist dies ein Muster über die ganze Karte?</translation>
    </message>
    <message>
        <source>It can only darken what is there. Dark paper wants covering ink or embossing.</source>
        <translation>Sie kann nur dunkler machen, was da ist. Dunkles Papier braucht deckende Farbe oder Embossing.</translation>
    </message>
    <message>
        <source>It cannot be done with fewer covers than %1.</source>
        <translation>Mit weniger Abdeckungen als %1 geht es nicht.</translation>
    </message>
    <message>
        <source>It comes to where its size is right: a stamp has one size, so its place says how far away it is.</source>
        <translation>Er kommt dorthin, wo seine Größe stimmt: Ein Stempel hat nur eine Größe, also sagt sein Platz, wie weit weg er ist.</translation>
    </message>
    <message>
        <source>It fits nowhere with room round it. Take something away, or a smaller greeting.</source>
        <translation>Nirgends passt er mit Platz ringsum. Nimm etwas weg oder einen kleineren Gruß.</translation>
    </message>
    <message>
        <source>It fits the other size; nothing is left to mend.</source>
        <translation>Sie passt auf die andere Größe; nichts bleibt zu verbessern.</translation>
    </message>
    <message>
        <source>It flies</source>
        <translation>Es fliegt</translation>
    </message>
    <message>
        <source>It floats or wades</source>
        <translation>Es schwimmt oder watet</translation>
    </message>
    <message>
        <source>It goes by</source>
        <translation>Sie richtet sich nach</translation>
    </message>
    <message>
        <source>It grows from something here</source>
        <translation>Hier wächst es aus etwas</translation>
    </message>
    <message>
        <source>It has %1. One thing should be seen first.</source>
        <translation>Er hat %1. Eines soll zuerst auffallen.</translation>
    </message>
    <message>
        <source>It is all in one ink: the hero has no colour of its own to be seen by.</source>
        <translation>Alles ist in einer Farbe: der Held hat keine eigene, an der man ihn sieht.</translation>
    </message>
    <message>
        <source>It is blended without any strength.</source>
        <translation>Es wird ganz ohne Stärke gezogen.</translation>
    </message>
    <message>
        <source>It is carried over as well as it goes; %1 things are left to mend.</source>
        <translation>Sie ist so gut übertragen, wie es geht; %1 Dinge bleiben zu verbessern.</translation>
    </message>
    <message>
        <source>It is carried over as well as it goes; one thing is left to mend.</source>
        <translation>Sie ist so gut übertragen, wie es geht; ein Ding bleibt zu verbessern.</translation>
    </message>
    <message>
        <source>It is cut: offcuts into the drawer</source>
        <translation>Es ist geschnitten: Reststücke in die Schublade</translation>
    </message>
    <message>
        <source>It is fine after all</source>
        <translation>Es ist doch gut</translation>
    </message>
    <message>
        <source>It is in the open plan.</source>
        <translation>Er ist im offenen Plan.</translation>
    </message>
    <message>
        <source>It is left out</source>
        <translation>Er bleibt weg</translation>
    </message>
    <message>
        <source>It is really</source>
        <translation>Es misst wirklich</translation>
    </message>
    <message>
        <source>It is to be stamped across the rim of a piece; move it there, or stamp it on the panel like the others.</source>
        <translation>Es soll über den Rand eines Stücks gestempelt werden; rücke es dorthin oder stemple es wie die anderen auf die Bildkarte.</translation>
    </message>
    <message>
        <source>It landed beside its place</source>
        <translation>Es landete daneben</translation>
    </message>
    <message>
        <source>It lies behind %1; stamping it is work that nobody sees.</source>
        <translation>Es liegt hinter %1; es zu stempeln ist Arbeit, die niemand sieht.</translation>
    </message>
    <message>
        <source>It lies: stamp across it</source>
        <translation>Es liegt: quer darüber stempeln</translation>
    </message>
    <message>
        <source>It looks like %1 once more.</source>
        <translation>Er sieht aus wie noch einmal %1.</translation>
    </message>
    <message>
        <source>It looks like %1, which is in the drawer.</source>
        <translation>Er sieht aus wie %1 aus der Schublade.</translation>
    </message>
    <message>
        <source>It reaches nowhere.</source>
        <translation>Es reicht nirgendwohin.</translation>
    </message>
    <message>
        <source>It rests on things here</source>
        <translation>Es ruht hier auf Dingen</translation>
    </message>
    <message>
        <source>It runs at the height of the eye, and cuts all things of one height at one share of them.</source>
        <translation>Er läuft auf Augenhöhe und schneidet alle Dinge einer Höhe an derselben Stelle.</translation>
    </message>
    <message>
        <source>It runs to the edge of the picture: part of it may be missing.</source>
        <translation>Es läuft bis an den Bildrand: ein Teil fehlt vielleicht.</translation>
    </message>
    <message>
        <source>It shows</source>
        <translation>Man sieht es</translation>
    </message>
    <message>
        <source>It shows clearly</source>
        <translation>Man sieht es deutlich</translation>
    </message>
    <message>
        <source>It stands far behind %1 and is more colourful. With distance colours turn paler and greyer.</source>
        <translation>Es steht weit hinter %1 und ist bunter. Mit der Entfernung werden Farben blasser und grauer.</translation>
    </message>
    <message>
        <source>It stands in the run sheet and in Make where you want it, with its time.</source>
        <translation>Es steht im Ablaufblatt und beim Machen, wo du es willst, mit seiner Zeit.</translation>
    </message>
    <message>
        <source>It stands on land</source>
        <translation>Es steht an Land</translation>
    </message>
    <message>
        <source>It takes the blend's colour and is not white any more.</source>
        <translation>Es nimmt die Farbe des Verlaufs an und ist nicht mehr weiß.</translation>
    </message>
    <message>
        <source>It took %1.</source>
        <translation>Es brauchte %1.</translation>
    </message>
    <message>
        <source>It took %1; about %2 were foreseen.</source>
        <translation>Es brauchte %1; etwa %2 waren vorgesehen.</translation>
    </message>
    <message>
        <source>It was print %1.</source>
        <translation>Es war Abdruck %1.</translation>
    </message>
    <message>
        <source>It went badly lately.</source>
        <translation>Es ging zuletzt schlecht.</translation>
    </message>
    <message>
        <source>It went wrong</source>
        <translation>Es ging schief</translation>
    </message>
    <message>
        <source>Its area lies off the panel.</source>
        <translation>Seine Fläche liegt neben der Bildkarte.</translation>
    </message>
    <message>
        <source>Its corner</source>
        <translation>Seine Ecke</translation>
    </message>
    <message>
        <source>Its foot</source>
        <translation>Sein Fuß</translation>
    </message>
    <message>
        <source>Its foot belongs higher, nearer to the horizon.</source>
        <translation>Sein Fuß gehört höher, näher zum Horizont.</translation>
    </message>
    <message>
        <source>Its foot belongs lower, nearer to the viewer.</source>
        <translation>Sein Fuß gehört tiefer, näher zum Betrachter.</translation>
    </message>
    <message>
        <source>Its foot is not on the floor between the walls.</source>
        <translation>Sein Fuß ist nicht auf dem Boden zwischen den Wänden.</translation>
    </message>
    <message>
        <source>Its foot lies on %1; it needs land under it.</source>
        <translation>Sein Fuß liegt auf %1; er braucht Land unter sich.</translation>
    </message>
    <message>
        <source>Its outline is closed</source>
        <translation>Der Umriss ist geschlossen</translation>
    </message>
    <message>
        <source>Its outline is open at %1 places.</source>
        <translation>Der Umriss ist an %1 Stellen offen.</translation>
    </message>
    <message>
        <source>Its outline is open at one place.</source>
        <translation>Der Umriss ist an einer Stelle offen.</translation>
    </message>
    <message>
        <source>Its outline stops, so nothing tells the hand where to end. A line by pen closes it.</source>
        <translation>Sein Umriss hört auf, so sagt der Hand nichts, wo sie enden soll. Eine Linie mit dem Stift schließt ihn.</translation>
    </message>
    <message>
        <source>Its parts are thinner than scissors can follow; what is behind runs across it.</source>
        <translation>Seine Teile sind dünner, als eine Schere folgen kann; was dahinter ist, läuft darüber.</translation>
    </message>
    <message>
        <source>Join %1 to %2 by pen: %3 mm of its lines stop short.</source>
        <translation>Schließe %1 mit dem Stift an %2 an: %3 mm seiner Linien hören zu früh auf.</translation>
    </message>
    <message>
        <source>Join lines by pen</source>
        <translation>Linien mit dem Stift anschließen</translation>
    </message>
    <message>
        <source>Joins showing</source>
        <translation>Sichtbare Nähte</translation>
    </message>
    <message>
        <source>Joins to be careful with</source>
        <translation>Nähte, auf die zu achten ist</translation>
    </message>
    <message>
        <source>Keep %1 clean</source>
        <translation>%1 sauber halten</translation>
    </message>
    <message>
        <source>Keep all as plans</source>
        <translation>Alle als Pläne behalten</translation>
    </message>
    <message>
        <source>Keep all clean</source>
        <translation>Alles sauber halten</translation>
    </message>
    <message>
        <source>Keep glitter from eyes and mouth, and off the floor.</source>
        <translation>Halte Glitter von Augen und Mund fern, und vom Boden.</translation>
    </message>
    <message>
        <source>Keep glue off skin and eyes; air the room where it smells, and follow its label.</source>
        <translation>Kleber von Haut und Augen fernhalten; lüften, wo er riecht, und sein Etikett beachten.</translation>
    </message>
    <message>
        <source>Keep it clean of %1</source>
        <translation>Halte es frei von %1</translation>
    </message>
    <message>
        <source>Keep the masks in the drawer</source>
        <translation>Die Masken in der Schublade aufheben</translation>
    </message>
    <message>
        <source>Keep these sizes</source>
        <translation>Diese Größen behalten</translation>
    </message>
    <message>
        <source>Kept in</source>
        <translation>Liegt in</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>Kind of file</source>
        <translation>Art der Datei</translation>
    </message>
    <message>
        <source>L&amp;essons</source>
        <translation>&amp;Lektionen</translation>
    </message>
    <message>
        <source>Laid</source>
        <translation>Gelegt</translation>
    </message>
    <message>
        <source>Larger by</source>
        <translation>Größer um</translation>
    </message>
    <message>
        <source>Larger than what it holds by</source>
        <translation>Größer als das, woran es hält, um</translation>
    </message>
    <message>
        <source>Lately</source>
        <translation>Zuletzt</translation>
    </message>
    <message>
        <source>Lately minutes were missed by %1, before by %2.</source>
        <translation>Zuletzt lagen die Minuten um %1 daneben, davor um %2.</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Später</translation>
    </message>
    <message>
        <source>Lay %1</source>
        <translation>%1 legen</translation>
    </message>
    <message>
        <source>Lay %1 %2</source>
        <translation>%1 %2 legen</translation>
    </message>
    <message>
        <source>Lay %1, turned round</source>
        <translation>%1 umgedreht legen</translation>
    </message>
    <message>
        <source>Lay a %1</source>
        <translation>Lege ein %1</translation>
    </message>
    <message>
        <source>Lay a strip of tape along %1</source>
        <translation>Lege einen Streifen Band an %1</translation>
    </message>
    <message>
        <source>Lay a strip of tape there</source>
        <translation>Lege dort einen Streifen Band</translation>
    </message>
    <message>
        <source>Lay scrap paper over the finished parts</source>
        <translation>Lege Schmierpapier über die fertigen Teile</translation>
    </message>
    <message>
        <source>Lay scrap paper over what must stay clean, and cover the table.</source>
        <translation>Lege Schmierpapier über alles, was sauber bleiben soll, und decke den Tisch ab.</translation>
    </message>
    <message>
        <source>Lay tape along %1</source>
        <translation>Lege Band an %1</translation>
    </message>
    <message>
        <source>Lay the empty envelope down closed, its flap up</source>
        <translation>Lege den leeren Umschlag zu hin, die Klappe oben</translation>
    </message>
    <message>
        <source>Lay the other piece of %1</source>
        <translation>Lege das andere Stück von %1</translation>
    </message>
    <message>
        <source>Lay the paper on %1. Blended across it next: %2.</source>
        <translation>Lege das Papier auf %1. Als Nächstes darüber gezogen: %2.</translation>
    </message>
    <message>
        <source>Lay the paper on %1. Stamped across it next: %2.</source>
        <translation>Lege das Papier auf %1. Als Nächstes darüber gestempelt: %2.</translation>
    </message>
    <message>
        <source>Lay the paper on its print, or draw and cut it yourself, and see the join it gives.</source>
        <translation>Lege das Papier auf seinen Abdruck, oder zeichne und schneide es selbst, und sieh die Naht, die es gibt.</translation>
    </message>
    <message>
        <source>Lay the sheet with %1</source>
        <translation>Lege den Bogen mit %1</translation>
    </message>
    <message>
        <source>Lay two strips of tape over %1, one along either side</source>
        <translation>Lege zwei Streifen Band über %1, einen an jede Seite</translation>
    </message>
    <message>
        <source>Lay your stamped sheet beside it, or stamp on this page, and scan or photograph both together.</source>
        <translation>Lege deinen gestempelten Bogen daneben, oder stemple auf diese Seite, und scanne oder fotografiere beides zusammen.</translation>
    </message>
    <message>
        <source>Laying a mask</source>
        <translation>Eine Maske legen</translation>
    </message>
    <message>
        <source>Learn from all cards again</source>
        <translation>Wieder aus allen Karten lernen</translation>
    </message>
    <message>
        <source>Learn from now on only</source>
        <translation>Nur von jetzt an lernen</translation>
    </message>
    <message>
        <source>Least printed height</source>
        <translation>Kleinste gedruckte Höhe</translation>
    </message>
    <message>
        <source>Least real height, metres</source>
        <translation>Kleinste wirkliche Höhe, Meter</translation>
    </message>
    <message>
        <source>Leave %1 out</source>
        <translation>%1 weglassen</translation>
    </message>
    <message>
        <source>Leave a part of %1</source>
        <translation>Einen Teil von %1 weglassen</translation>
    </message>
    <message>
        <source>Leave a part of %1 bare</source>
        <translation>Einen Teil von %1 frei lassen</translation>
    </message>
    <message>
        <source>Leave bare</source>
        <translation>Frei lassen</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>Leave it as it is</source>
        <translation>So lassen, wie es ist</translation>
    </message>
    <message>
        <source>Leave it as planned</source>
        <translation>Wie geplant lassen</translation>
    </message>
    <message>
        <source>Leave it for now</source>
        <translation>Erst einmal lassen</translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>Weglassen</translation>
    </message>
    <message>
        <source>Leave masks out</source>
        <translation>Masken weglassen</translation>
    </message>
    <message>
        <source>Leave out</source>
        <translation>Weglassen</translation>
    </message>
    <message>
        <source>Leave that mask out</source>
        <translation>Diese Maske weglassen</translation>
    </message>
    <message>
        <source>Leave the card in the hinged positioner, ink the stamp again and press once more in the same place.</source>
        <translation>Lass die Karte in der Stempelhilfe, färbe den Stempel neu und drücke noch einmal an dieselbe Stelle.</translation>
    </message>
    <message>
        <source>Leave the lesson</source>
        <translation>Die Lektion verlassen</translation>
    </message>
    <message>
        <source>Leave these %1 out</source>
        <translation>Diese %1 weglassen</translation>
    </message>
    <message>
        <source>Leave this one as planned</source>
        <translation>Diese wie geplant lassen</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Links</translation>
    </message>
    <message>
        <source>Left and right arrows go from step to step; with Ctrl they take a stamping earlier or later.</source>
        <translation>Pfeil links und rechts gehen von Schritt zu Schritt; mit Strg rücken sie einen Abdruck früher oder später.</translation>
    </message>
    <message>
        <source>Left and right go from part to part, up and down from thing to thing, Return works on the part.</source>
        <translation>Links und rechts gehen von Teil zu Teil, auf und ab von Ding zu Ding, Eingabe bearbeitet den Teil.</translation>
    </message>
    <message>
        <source>Left uncovered, too thin to cut: fine parts of %1. Let the background run over them.</source>
        <translation>Unbedeckt, weil zu dünn zum Schneiden: feine Teile von %1. Lass den Hintergrund darüber laufen.</translation>
    </message>
    <message>
        <source>Left, up</source>
        <translation>Links, oben</translation>
    </message>
    <message>
        <source>Left-&amp;handed at the table</source>
        <translation>Am Tisch &amp;linkshändig</translation>
    </message>
    <message>
        <source>Length of a wave</source>
        <translation>Länge einer Welle</translation>
    </message>
    <message>
        <source>Length of the waves</source>
        <translation>Länge der Wellen</translation>
    </message>
    <message>
        <source>Less about it</source>
        <translation>Weniger davon</translation>
    </message>
    <message>
        <source>Lesson</source>
        <translation>Lektion</translation>
    </message>
    <message>
        <source>Lesson: %1</source>
        <translation>Lektion: %1</translation>
    </message>
    <message>
        <source>Lessons</source>
        <translation>Lektionen</translation>
    </message>
    <message>
        <source>Let %1 dry</source>
        <translation>%1 trocknen lassen</translation>
    </message>
    <message>
        <source>Let %1 dry before you touch it again; a sand eraser takes off what is too much.</source>
        <translation>Lass %1 trocknen, bevor du es wieder berührst; ein Sandradierer nimmt ab, was zu viel ist.</translation>
    </message>
    <message>
        <source>Let %1 end softly, over %2</source>
        <translation>Lass %1 weich enden, über %2</translation>
    </message>
    <message>
        <source>Let %1 fade</source>
        <translation>Lass %1 auslaufen</translation>
    </message>
    <message>
        <source>Let %1 go behind %2</source>
        <translation>Lass %1 hinter %2 gehen</translation>
    </message>
    <message>
        <source>Let %1 hide its foot</source>
        <translation>Lass %1 seinen Fuß verdecken</translation>
    </message>
    <message>
        <source>Let %1 reach over %2 % only</source>
        <translation>Lass %1 nur über %2 % reichen</translation>
    </message>
    <message>
        <source>Let everything dry</source>
        <translation>Alles trocknen lassen</translation>
    </message>
    <message>
        <source>Let it colour %1</source>
        <translation>Lass es %1 färben</translation>
    </message>
    <message>
        <source>Let it colour all</source>
        <translation>Lass es alles färben</translation>
    </message>
    <message>
        <source>Let it colour all but the hero</source>
        <translation>Lass es alles außer dem Helden färben</translation>
    </message>
    <message>
        <source>Let it run off the bottom edge, %1 lower</source>
        <translation>Lass es unten hinauslaufen, %1 tiefer</translation>
    </message>
    <message>
        <source>Let the blends run over it</source>
        <translation>Den Verlauf darüber laufen lassen</translation>
    </message>
    <message>
        <source>Letter</source>
        <translation>Letter</translation>
    </message>
    <message>
        <source>Letter %1 by hand</source>
        <translation>%1 von Hand schreiben</translation>
    </message>
    <message>
        <source>Letter by hand</source>
        <translation>Von Hand schreiben</translation>
    </message>
    <message>
        <source>Letter it %1 high</source>
        <translation>Schreibe es %1 hoch</translation>
    </message>
    <message>
        <source>Letters of this size want a contrast of %1 to their ground.</source>
        <translation>Buchstaben dieser Größe brauchen einen Kontrast von %1 zu ihrem Grund.</translation>
    </message>
    <message>
        <source>Letters that have to be squeezed in at the end spoil a card late.</source>
        <translation>Buchstaben, die am Ende hineingezwängt werden, verderben eine Karte spät.</translation>
    </message>
    <message>
        <source>Letters that lean a little look like a slip.</source>
        <translation>Ein wenig schiefe Buchstaben sehen wie ein Versehen aus.</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Waagrecht</translation>
    </message>
    <message>
        <source>Lies</source>
        <translation>Liegt</translation>
    </message>
    <message>
        <source>Lift %1</source>
        <translation>%1 abheben</translation>
    </message>
    <message>
        <source>Light from the other side.</source>
        <translation>Licht von der anderen Seite.</translation>
    </message>
    <message>
        <source>Light: %1</source>
        <translation>Licht: %1</translation>
    </message>
    <message>
        <source>Line the panel up on %1, then trim %2. Or let it show uneven: that is no fault.</source>
        <translation>Richte die Bildkarte an %1 aus, dann beschneide %2. Oder lass es ungleich stehen: das ist kein Fehler.</translation>
    </message>
    <message>
        <source>Lines along the guides, %1 in all</source>
        <translation>Linien längs der Hilfslinien, zusammen %1</translation>
    </message>
    <message>
        <source>Lines by pen</source>
        <translation>Linien mit dem Stift</translation>
    </message>
    <message>
        <source>Lines ran into something %1 times lately.</source>
        <translation>Linien liefen zuletzt %1-mal in etwas hinein.</translation>
    </message>
    <message>
        <source>Log</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Blick</translation>
    </message>
    <message>
        <source>Look at a finished plan</source>
        <translation>Einen fertigen Plan ansehen</translation>
    </message>
    <message>
        <source>Look at it</source>
        <translation>Ansehen</translation>
    </message>
    <message>
        <source>Look from a height of %1</source>
        <translation>Aus einer Höhe von %1 sehen</translation>
    </message>
    <message>
        <source>Look once more</source>
        <translation>Noch einmal durchsehen</translation>
    </message>
    <message>
        <source>Look with a snail's eyes</source>
        <translation>Mit den Augen einer Schnecke sehen</translation>
    </message>
    <message>
        <source>Look with the eyes of %1</source>
        <translation>Mit den Augen von %1 sehen</translation>
    </message>
    <message>
        <source>Look: a picture of it…</source>
        <translation>Blick: ein Bild davon…</translation>
    </message>
    <message>
        <source>Looking for arrangements</source>
        <translation>Anordnungen werden gesucht</translation>
    </message>
    <message>
        <source>Looking for arrangements …</source>
        <translation>Anordnungen werden gesucht …</translation>
    </message>
    <message>
        <source>Looking for impressions</source>
        <translation>Abdrücke werden gesucht</translation>
    </message>
    <message>
        <source>Looking for patches of colour …</source>
        <translation>Farbflecken werden gesucht …</translation>
    </message>
    <message>
        <source>Looking through %1 pictures</source>
        <translation>%1 Bilder werden durchgesehen</translation>
    </message>
    <message>
        <source>Looking through it</source>
        <translation>Es wird durchgesehen</translation>
    </message>
    <message>
        <source>Looking …</source>
        <translation>Suche …</translation>
    </message>
    <message>
        <source>Looking…</source>
        <translation>Suche…</translation>
    </message>
    <message>
        <source>Looks through all pictures of a folder; what is found comes on one page to be named</source>
        <translation>Sieht alle Bilder eines Ordners durch; was sich findet, kommt auf eine Seite und wird dort benannt</translation>
    </message>
    <message>
        <source>Lou&amp;pe</source>
        <translation>&amp;Lupe</translation>
    </message>
    <message>
        <source>Loupe</source>
        <translation>Lupe</translation>
    </message>
    <message>
        <source>Lower the horizon by %1</source>
        <translation>Den Horizont um %1 senken</translation>
    </message>
    <message>
        <source>Make</source>
        <translation>Machen</translation>
    </message>
    <message>
        <source>Make %1 the hero</source>
        <translation>%1 zum Helden machen</translation>
    </message>
    <message>
        <source>Make a row</source>
        <translation>Eine Reihe machen</translation>
    </message>
    <message>
        <source>Make it a room</source>
        <translation>Zum Raum machen</translation>
    </message>
    <message>
        <source>Make it again</source>
        <translation>Noch einmal machen</translation>
    </message>
    <message>
        <source>Make it the &amp;hero</source>
        <translation>Zum &amp;Helden machen</translation>
    </message>
    <message>
        <source>Make it the hero</source>
        <translation>Zum Helden machen</translation>
    </message>
    <message>
        <source>Makers</source>
        <translation>Personen</translation>
    </message>
    <message>
        <source>Making cards …</source>
        <translation>Karten werden gemacht …</translation>
    </message>
    <message>
        <source>Many</source>
        <translation>Viele</translation>
    </message>
    <message>
        <source>Many cards, a class, what to buy</source>
        <translation>Viele Karten, ein Kurs, was zu kaufen ist</translation>
    </message>
    <message>
        <source>Many things are larger or smaller than their distance asks.</source>
        <translation>Viele Dinge sind größer oder kleiner, als ihre Entfernung verlangt.</translation>
    </message>
    <message>
        <source>Many things touch and cover each other.</source>
        <translation>Viele Dinge berühren und verdecken einander.</translation>
    </message>
    <message>
        <source>Mark a length</source>
        <translation>Eine Länge markieren</translation>
    </message>
    <message>
        <source>Mark four corners</source>
        <translation>Vier Ecken markieren</translation>
    </message>
    <message>
        <source>Markers give off solvents: air the room, put the caps back on, mind their labels.</source>
        <translation>Marker geben Lösungsmittel ab: lüfte, setze die Kappen auf, beachte ihre Hinweise.</translation>
    </message>
    <message>
        <source>Masking paper</source>
        <translation>Maskierpapier</translation>
    </message>
    <message>
        <source>Masking sheet: %1</source>
        <translation>Maskierbogen: %1</translation>
    </message>
    <message>
        <source>Masks</source>
        <translation>Masken</translation>
    </message>
    <message>
        <source>Masks for %1</source>
        <translation>Masken für %1</translation>
    </message>
    <message>
        <source>Masks kept in the drawer are used before new ones are cut.</source>
        <translation>Masken aus der Schublade werden benutzt, bevor neue geschnitten werden.</translation>
    </message>
    <message>
        <source>Masks kept with it: %1.</source>
        <translation>Dabei aufgehobene Masken: %1.</translation>
    </message>
    <message>
        <source>Masks to cut</source>
        <translation>Zu schneidende Masken</translation>
    </message>
    <message>
        <source>Masks to cut: %1</source>
        <translation>Zu schneidende Masken: %1</translation>
    </message>
    <message>
        <source>Masks to cut: %1 instead of %2.</source>
        <translation>Zu schneidende Masken: %1 statt %2.</translation>
    </message>
    <message>
        <source>Masks: how they are cut</source>
        <translation>Masken: wie sie geschnitten werden</translation>
    </message>
    <message>
        <source>Mastered: no cover too many</source>
        <translation>Gekonnt: keine Abdeckung zu viel</translation>
    </message>
    <message>
        <source>Mat %1</source>
        <translation>Zwischenlage %1</translation>
    </message>
    <message>
        <source>Mat shows %1</source>
        <translation>Zwischenlage zeigt %1</translation>
    </message>
    <message>
        <source>Mats, from the panel outward</source>
        <translation>Zwischenlagen, von der Bildkarte nach außen</translation>
    </message>
    <message>
        <source>May colour</source>
        <translation>Darf färben</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Messen</translation>
    </message>
    <message>
        <source>Measure in &amp;inches</source>
        <translation>In &amp;Zoll messen</translation>
    </message>
    <message>
        <source>Measure in &amp;millimetres</source>
        <translation>In &amp;Millimetern messen</translation>
    </message>
    <message>
        <source>Measure the start: leave once the card is painted, saying how much memory is in use.</source>
        <translation>Misst den Start: beendet sich, sobald die Karte gemalt ist, und sagt, wie viel Speicher benutzt wird.</translation>
    </message>
    <message>
        <source>Measure these with a ruler. If they are off, print at 100 %, not “fit to page”.</source>
        <translation>Miss dies mit einem Lineal nach. Stimmt es nicht, drucke mit 100 %, nicht „an Seite anpassen“.</translation>
    </message>
    <message>
        <source>Measure where its foot is now and type that in the plan: everything that follows is worked out anew.</source>
        <translation>Miss, wo sein Fuß jetzt ist, und tippe das in den Plan: alles Weitere wird neu gerechnet.</translation>
    </message>
    <message>
        <source>Measures</source>
        <translation>Maße</translation>
    </message>
    <message>
        <source>Mend it in the drawer</source>
        <translation>In der Schublade bessern</translation>
    </message>
    <message>
        <source>Mended: %1</source>
        <translation>Behoben: %1</translation>
    </message>
    <message>
        <source>Message</source>
        <translation>Meldung</translation>
    </message>
    <message>
        <source>Metres from the viewer: only stamps that would have the right size there in the open scene, best first</source>
        <translation>Meter vom Betrachter: nur Stempel, die dort in offener Szene die richtige Größe hätten, die besten zuerst</translation>
    </message>
    <message>
        <source>Mirror in %1</source>
        <translation>In %1 spiegeln</translation>
    </message>
    <message>
        <source>Mirrors what stands in it</source>
        <translation>Spiegelt, was darin steht</translation>
    </message>
    <message>
        <source>Mist</source>
        <translation>Nebel</translation>
    </message>
    <message>
        <source>Mist takes contrast away. Tell by eye how much of it a later pressing has kept.</source>
        <translation>Nebel nimmt Kontrast. Sag nach Augenmaß, wie viel davon eine spätere Pressung behalten hat.</translation>
    </message>
    <message>
        <source>More about it</source>
        <translation>Mehr davon</translation>
    </message>
    <message>
        <source>More in the drawer</source>
        <translation>Mehr in der Schublade</translation>
    </message>
    <message>
        <source>More ink</source>
        <translation>Mehr Farbe</translation>
    </message>
    <message>
        <source>More stamps make fewer twins. Draw lots again makes another crowd of them.</source>
        <translation>Mehr Stempel geben weniger Zwillinge. Neu losen macht aus ihnen eine andere Menge.</translation>
    </message>
    <message>
        <source>Mounting</source>
        <translation>Aufziehen</translation>
    </message>
    <message>
        <source>Move %1</source>
        <translation>%1 verschieben</translation>
    </message>
    <message>
        <source>Move %1 %2</source>
        <translation>%1 %2 verschieben</translation>
    </message>
    <message>
        <source>Move %1 nearer or farther</source>
        <translation>%1 näher oder ferner rücken</translation>
    </message>
    <message>
        <source>Move %1 to %2</source>
        <translation>%1 auf %2 rücken</translation>
    </message>
    <message>
        <source>Move %1 to plain space</source>
        <translation>%1 an eine ruhige Stelle rücken</translation>
    </message>
    <message>
        <source>Move a piece</source>
        <translation>Ein Stück verschieben</translation>
    </message>
    <message>
        <source>Move a slider</source>
        <translation>Regler bewegen</translation>
    </message>
    <message>
        <source>Move it %1</source>
        <translation>%1 verschieben</translation>
    </message>
    <message>
        <source>Move it there</source>
        <translation>Dorthin rücken</translation>
    </message>
    <message>
        <source>Move it to plain space</source>
        <translation>An eine ruhige Stelle rücken</translation>
    </message>
    <message>
        <source>Move its foot %1 down</source>
        <translation>Den Fuß %1 nach unten rücken</translation>
    </message>
    <message>
        <source>Move its foot %1 up</source>
        <translation>Den Fuß %1 nach oben rücken</translation>
    </message>
    <message>
        <source>Move the back wall</source>
        <translation>Die Rückwand verschieben</translation>
    </message>
    <message>
        <source>Move the edge</source>
        <translation>Die Kante verschieben</translation>
    </message>
    <message>
        <source>Move the edge at the left</source>
        <translation>Die Kante links verschieben</translation>
    </message>
    <message>
        <source>Move the edge at the right</source>
        <translation>Die Kante rechts verschieben</translation>
    </message>
    <message>
        <source>Move the foot</source>
        <translation>Den Fuß verschieben</translation>
    </message>
    <message>
        <source>Move the light</source>
        <translation>Das Licht verschieben</translation>
    </message>
    <message>
        <source>Move the opening</source>
        <translation>Die Öffnung verschieben</translation>
    </message>
    <message>
        <source>Move the vanishing point</source>
        <translation>Den Fluchtpunkt verschieben</translation>
    </message>
    <message>
        <source>Move where the rays come from</source>
        <translation>Verschieben, woher die Strahlen kommen</translation>
    </message>
    <message>
        <source>My first card</source>
        <translation>Meine erste Karte</translation>
    </message>
    <message>
        <source>My own stamps</source>
        <translation>Meine eigenen Stempel</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Name a part</source>
        <translation>Einen Teil benennen</translation>
    </message>
    <message>
        <source>Name a piece</source>
        <translation>Ein Stück benennen</translation>
    </message>
    <message>
        <source>Name a variation</source>
        <translation>Eine Variante benennen</translation>
    </message>
    <message>
        <source>Name of colour %1</source>
        <translation>Name der Farbe %1</translation>
    </message>
    <message>
        <source>Name of the file</source>
        <translation>Name der Datei</translation>
    </message>
    <message>
        <source>Name of the part</source>
        <translation>Name des Teils</translation>
    </message>
    <message>
        <source>Name of the variation</source>
        <translation>Name der Variante</translation>
    </message>
    <message>
        <source>Near and far</source>
        <translation>Nah und fern</translation>
    </message>
    <message>
        <source>Nearer warmer and deeper</source>
        <translation>Nahes wärmer und tiefer</translation>
    </message>
    <message>
        <source>Nearly</source>
        <translation>Beinahe</translation>
    </message>
    <message>
        <source>Nearly all its weight lies on one side.</source>
        <translation>Beinahe alles Gewicht liegt auf einer Seite.</translation>
    </message>
    <message>
        <source>Neither the drawer nor this plan has a %1 that differs from it.</source>
        <translation>Weder die Schublade noch dieser Plan hat ein %1, das davon abweicht.</translation>
    </message>
    <message>
        <source>New</source>
        <translation>Neu</translation>
    </message>
    <message>
        <source>New ink</source>
        <translation>Neue Farbe</translation>
    </message>
    <message>
        <source>New paper</source>
        <translation>Neues Papier</translation>
    </message>
    <message>
        <source>New to look at: %1</source>
        <translation>Neu anzusehen: %1</translation>
    </message>
    <message>
        <source>Next impression</source>
        <translation>Nächster Abdruck</translation>
    </message>
    <message>
        <source>Next page</source>
        <translation>Nächste Seite</translation>
    </message>
    <message>
        <source>Next sheet</source>
        <translation>Nächster Bogen</translation>
    </message>
    <message>
        <source>Next: %1</source>
        <translation>Als Nächstes: %1</translation>
    </message>
    <message>
        <source>Next: blend a sky or some ground behind them.</source>
        <translation>Als Nächstes: zieh dahinter einen Himmel oder Boden.</translation>
    </message>
    <message>
        <source>Next: give it company, nearer and farther away.</source>
        <translation>Als Nächstes: gib ihm Gesellschaft, näher und ferner.</translation>
    </message>
    <message>
        <source>Next: make it. You are led step by step.</source>
        <translation>Als Nächstes: mach sie. Du wirst Schritt für Schritt geführt.</translation>
    </message>
    <message>
        <source>Next: put a first thing on the card.</source>
        <translation>Als Nächstes: setze ein erstes Ding auf die Karte.</translation>
    </message>
    <message>
        <source>Next: say how tall %1 is really. Then its size can be right.</source>
        <translation>Als Nächstes: sag, wie hoch %1 wirklich ist. Dann kann die Größe stimmen.</translation>
    </message>
    <message>
        <source>Next: say which of them the card is about. Click it and make it the hero.</source>
        <translation>Als Nächstes: sag, um welches es auf der Karte geht. Klicke es an und mach es zum Helden.</translation>
    </message>
    <message>
        <source>Next: see to %1: %2.</source>
        <translation>Als Nächstes %1 ansehen: %2.</translation>
    </message>
    <message>
        <source>Next: see what is stamped when, and which masks to cut.</source>
        <translation>Als Nächstes: sieh, was wann gestempelt wird und welche Masken zu schneiden sind.</translation>
    </message>
    <message>
        <source>Next: stamp on plain paper what you have, and open a scan or photo of it.</source>
        <translation>Als Nächstes: Stempel auf glattes Papier, was du hast, und öffne einen Scan oder ein Foto davon.</translation>
    </message>
    <message>
        <source>No card has a paper to be laid.</source>
        <translation>Keine Karte hat ein Papier zu legen.</translation>
    </message>
    <message>
        <source>No card has anything of the kind to ask.</source>
        <translation>Keine Karte hat etwas dieser Art zu fragen.</translation>
    </message>
    <message>
        <source>No card is in the log yet: everything is reckoned as is usual.</source>
        <translation>Noch steht keine Karte im Logbuch: alles wird wie üblich gerechnet.</translation>
    </message>
    <message>
        <source>No card says all of that.</source>
        <translation>Keine Karte sagt all das.</translation>
    </message>
    <message>
        <source>No card yet. A card comes here when Make is through with it.</source>
        <translation>Noch keine Karte. Eine Karte kommt hierher, wenn das Machen mit ihr fertig ist.</translation>
    </message>
    <message>
        <source>No chapter has all of these words.</source>
        <translation>Kein Kapitel enthält alle diese Wörter.</translation>
    </message>
    <message>
        <source>No harm done</source>
        <translation>Nichts passiert</translation>
    </message>
    <message>
        <source>No hero is chosen</source>
        <translation>Kein Held ist gewählt</translation>
    </message>
    <message>
        <source>No hero is chosen.</source>
        <translation>Kein Held ist gewählt.</translation>
    </message>
    <message>
        <source>No light</source>
        <translation>Kein Licht</translation>
    </message>
    <message>
        <source>No light is set: the Scene sets one.</source>
        <translation>Kein Licht ist gesetzt: die Szene setzt eines.</translation>
    </message>
    <message>
        <source>No line's end should want the pen.</source>
        <translation>Kein Linienende soll den Stift brauchen.</translation>
    </message>
    <message>
        <source>No look, row or path leads anywhere.</source>
        <translation>Kein Blick, keine Reihe, kein Weg führt irgendwohin.</translation>
    </message>
    <message>
        <source>No mask can be cut for %1</source>
        <translation>Für %1 lässt sich keine Maske schneiden</translation>
    </message>
    <message>
        <source>No mask fits on this sheet.</source>
        <translation>Keine Maske passt auf diesen Bogen.</translation>
    </message>
    <message>
        <source>No mask is kept with it.</source>
        <translation>Keine Maske ist dabei aufgehoben.</translation>
    </message>
    <message>
        <source>No mask is laid on this card, so no edge has to meet another.</source>
        <translation>Auf dieser Karte liegt keine Maske, also muss keine Kante auf eine andere treffen.</translation>
    </message>
    <message>
        <source>No mask is needed for this plan.</source>
        <translation>Für diesen Plan wird keine Maske gebraucht.</translation>
    </message>
    <message>
        <source>No mask was worth keeping: they are worn, or their stamps are not in the drawer.</source>
        <translation>Keine Maske war das Aufheben wert: sie sind abgenutzt, oder ihre Stempel sind nicht in der Schublade.</translation>
    </message>
    <message>
        <source>No order can save more than %1.</source>
        <translation>Keine Reihenfolge spart mehr als %1.</translation>
    </message>
    <message>
        <source>No order of stamping alone gives a ring like that, so one mask is laid where its thing will be.</source>
        <translation>Keine Stempelfolge allein ergibt so einen Ring, also liegt eine Maske, wo ihr Ding hinkommt.</translation>
    </message>
    <message>
        <source>No order of stamping can give a ring like that: one of them must go behind.</source>
        <translation>Keine Stempelfolge kann so einen Ring ergeben: eines davon muss dahinter.</translation>
    </message>
    <message>
        <source>No order takes less.</source>
        <translation>Keine Reihenfolge braucht weniger.</translation>
    </message>
    <message>
        <source>No plan was saved yet.</source>
        <translation>Noch wurde kein Plan gespeichert.</translation>
    </message>
    <message>
        <source>No printer is set up on this computer, so the %1 cannot be printed here.</source>
        <translation>Auf diesem Rechner ist kein Drucker eingerichtet, deshalb lässt sich %1 hier nicht drucken.</translation>
    </message>
    <message>
        <source>No room</source>
        <translation>Kein Platz</translation>
    </message>
    <message>
        <source>No room: outdoors</source>
        <translation>Kein Raum: draußen</translation>
    </message>
    <message>
        <source>No scene came out that is worth making. Ask again, or choose another hero.</source>
        <translation>Es kam keine Szene heraus, die das Machen lohnt. Frag noch einmal oder wähle einen anderen Helden.</translation>
    </message>
    <message>
        <source>No sheet is large enough for %1. A larger sheet in the drawer, or a base that is folded the other way or joined of two leaves, helps.</source>
        <translation>Kein Bogen ist groß genug für %1. Ein größerer Bogen in der Schublade hilft, oder eine andersherum gefaltete oder aus zwei Blättern gefügte Klappkarte.</translation>
    </message>
    <message>
        <source>No single stamp or pad more would help much; most in use is %1, %2.</source>
        <translation>Kein einzelner Stempel und kein Kissen mehr würde viel helfen; am längsten im Gebrauch ist %1, %2.</translation>
    </message>
    <message>
        <source>No stamp in your drawer can be a hero yet: it needs a real height.</source>
        <translation>Noch kann kein Stempel deiner Schublade ein Held sein: er braucht eine wirkliche Höhe.</translation>
    </message>
    <message>
        <source>No stamp of this card is taped before it is pressed.</source>
        <translation>Kein Stempel dieser Karte wird vor dem Drücken abgeklebt.</translation>
    </message>
    <message>
        <source>No stamp was found.</source>
        <translation>Es wurde kein Stempel gefunden.</translation>
    </message>
    <message>
        <source>No steps yet</source>
        <translation>Noch keine Schritte</translation>
    </message>
    <message>
        <source>No strip of tape makes it. The sheet of stamps to tape shows it; a line drawn across the stamp is told in words.</source>
        <translation>Kein Streifen Band macht es. Das Blatt der abzuklebenden Stempel zeigt es; eine Linie quer über den Stempel wird in Worten gesagt.</translation>
    </message>
    <message>
        <source>No usual envelope takes this card: one has to be folded for it.</source>
        <translation>Kein üblicher Umschlag fasst diese Karte: einer muss dafür gefaltet werden.</translation>
    </message>
    <message>
        <source>No, a scene</source>
        <translation>Nein, eine Szene</translation>
    </message>
    <message>
        <source>No, from one viewpoint</source>
        <translation>Nein, von einem Blickpunkt</translation>
    </message>
    <message>
        <source>No, tell me where they touch</source>
        <translation>Nein, sag mir, wo sie sich berühren</translation>
    </message>
    <message>
        <source>Nobody waits for a stamp or pad.</source>
        <translation>Niemand wartet auf einen Stempel oder ein Kissen.</translation>
    </message>
    <message>
        <source>None of it will be on the card.</source>
        <translation>Nichts davon wird auf der Karte sein.</translation>
    </message>
    <message>
        <source>Not as planned</source>
        <translation>Nicht wie geplant</translation>
    </message>
    <message>
        <source>Not at their right size: %1; the worst is %2 times too small.</source>
        <translation>Nicht in der richtigen Größe: %1; das schlimmste ist %2-mal zu klein.</translation>
    </message>
    <message>
        <source>Not at their right size: %1; the worst is %2 times too tall.</source>
        <translation>Nicht in der richtigen Größe: %1; das schlimmste ist %2-mal zu hoch.</translation>
    </message>
    <message>
        <source>Not clear yet. %1</source>
        <translation>Noch nicht klar. %1</translation>
    </message>
    <message>
        <source>Not on the card yet; tick to use them</source>
        <translation>Noch nicht auf der Karte; hake an, was benutzt werden soll</translation>
    </message>
    <message>
        <source>Not quite</source>
        <translation>Nicht ganz</translation>
    </message>
    <message>
        <source>Not saved. %1</source>
        <translation>Nicht gespeichert. %1</translation>
    </message>
    <message>
        <source>Not simulated</source>
        <translation>Nicht simuliert</translation>
    </message>
    <message>
        <source>Not so</source>
        <translation>Nicht so</translation>
    </message>
    <message>
        <source>Not so?</source>
        <translation>Nicht so?</translation>
    </message>
    <message>
        <source>Not the card that was wanted</source>
        <translation>Nicht die gewünschte Karte</translation>
    </message>
    <message>
        <source>Not tried yet.</source>
        <translation>Noch nicht versucht.</translation>
    </message>
    <message>
        <source>Not yet: one step back</source>
        <translation>Noch nicht: einen Schritt zurück</translation>
    </message>
    <message>
        <source>Notch the masks at the foot</source>
        <translation>Masken am Fuß einkerben</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>Nothing better was found: each other way costs the hero, or brings something to mend. Let more things move.</source>
        <translation>Nichts Besseres gefunden: jede andere Art kostet den Helden etwas oder bringt etwas zu verbessern. Lass mehr Dinge rücken.</translation>
    </message>
    <message>
        <source>Nothing can be cut from what is there.</source>
        <translation>Aus dem, was da ist, lässt sich nichts schneiden.</translation>
    </message>
    <message>
        <source>Nothing comes near the hero.</source>
        <translation>Nichts kommt dem Helden nahe.</translation>
    </message>
    <message>
        <source>Nothing draws the eye, and no hero is chosen.</source>
        <translation>Nichts zieht das Auge an, und kein Held ist gewählt.</translation>
    </message>
    <message>
        <source>Nothing has to be bought.</source>
        <translation>Nichts muss gekauft werden.</translation>
    </message>
    <message>
        <source>Nothing in the drawer freshens this card without making it worse.</source>
        <translation>Nichts in der Schublade frischt diese Karte auf, ohne sie schlechter zu machen.</translation>
    </message>
    <message>
        <source>Nothing is clearly first: %1 and %2 pull about alike (%3 and %4).</source>
        <translation>Nichts ist klar das Erste: %1 und %2 ziehen etwa gleich (%3 und %4).</translation>
    </message>
    <message>
        <source>Nothing is cut from this paper yet.</source>
        <translation>Aus diesem Papier ist noch nichts geschnitten.</translation>
    </message>
    <message>
        <source>Nothing is drawn in pencil on this card: it has no ground, no room, no light and no row.</source>
        <translation>Auf dieser Karte ist nichts mit Bleistift zu zeichnen: Sie hat keinen Boden, keinen Raum, kein Licht und keine Reihe.</translation>
    </message>
    <message>
        <source>Nothing is glued on under %1</source>
        <translation>Unter %1 ist nichts geklebt</translation>
    </message>
    <message>
        <source>Nothing is on the card yet.</source>
        <translation>Noch ist nichts auf der Karte.</translation>
    </message>
    <message>
        <source>Nothing is on the card yet. Put stamps on it in the scene, then come back.</source>
        <translation>Noch ist nichts auf der Karte. Setze in der Szene Stempel darauf, dann komm wieder.</translation>
    </message>
    <message>
        <source>Nothing is open</source>
        <translation>Nichts ist offen</translation>
    </message>
    <message>
        <source>Nothing is plain.</source>
        <translation>Nichts ist ruhig.</translation>
    </message>
    <message>
        <source>Nothing is seen of %1</source>
        <translation>Von %1 ist nichts zu sehen</translation>
    </message>
    <message>
        <source>Nothing is under its foot at that distance, so the eye takes it for flying.</source>
        <translation>In dieser Entfernung ist nichts unter seinem Fuß, so hält das Auge es für fliegend.</translation>
    </message>
    <message>
        <source>Nothing makes the sharp border of %1</source>
        <translation>Nichts macht den scharfen Rand von %1</translation>
    </message>
    <message>
        <source>Nothing mo&amp;ves by itself</source>
        <translation>Nichts be&amp;wegt sich von selbst</translation>
    </message>
    <message>
        <source>Nothing of it is wide enough to cut: let what is behind run over it, or stamp it last.</source>
        <translation>Nichts davon ist breit genug zum Schneiden: lass das Dahinterliegende darüber laufen oder stemple es zuletzt.</translation>
    </message>
    <message>
        <source>Nothing of the plan is changed here. Spoil simulated paper instead of real paper.</source>
        <translation>Am Plan wird hier nichts geändert. Verdirb simuliertes Papier statt echtes.</translation>
    </message>
    <message>
        <source>Nothing of this kind is in here.</source>
        <translation>Hier ist nichts von dieser Art.</translation>
    </message>
    <message>
        <source>Nothing on this card stands at a distance.</source>
        <translation>Nichts auf dieser Karte steht in einer Entfernung.</translation>
    </message>
    <message>
        <source>Nothing overlaps, so only size and place tell what is nearer.</source>
        <translation>Nichts überdeckt sich, so sagen nur Größe und Ort, was näher ist.</translation>
    </message>
    <message>
        <source>Nothing shows along %1 of join.</source>
        <translation>Entlang %1 Naht ist nichts zu sehen.</translation>
    </message>
    <message>
        <source>Nothing stands out from anything, so nothing is seen first.</source>
        <translation>Nichts hebt sich ab, so fällt nichts zuerst auf.</translation>
    </message>
    <message>
        <source>Nothing stands wrong: sizes, feet and edges agree.</source>
        <translation>Nichts steht falsch: Größen, Füße und Kanten stimmen überein.</translation>
    </message>
    <message>
        <source>Nothing that is stamped by now can be told in this picture.</source>
        <translation>Nichts bisher Gestempeltes ist in diesem Bild zu erkennen.</translation>
    </message>
    <message>
        <source>Nothing to join</source>
        <translation>Nichts anzuschließen</translation>
    </message>
    <message>
        <source>Nothing to lay out.</source>
        <translation>Nichts auszulegen.</translation>
    </message>
    <message>
        <source>Nothing was learnt from that picture: %1.</source>
        <translation>Aus diesem Bild wurde nichts gelernt: %1.</translation>
    </message>
    <message>
        <source>Nothing yet.</source>
        <translation>Noch nichts.</translation>
    </message>
    <message>
        <source>Nothing: it is as it was saved.</source>
        <translation>Nichts: Er ist wie gespeichert.</translation>
    </message>
    <message>
        <source>Now try it without looking.</source>
        <translation>Jetzt versuche es, ohne hinzusehen.</translation>
    </message>
    <message>
        <source>Nudge %1</source>
        <translation>%1 rücken</translation>
    </message>
    <message>
        <source>Number %1 of %2; %3. On the whole sheet, drag a frame round marks that belong together.</source>
        <translation>Nummer %1 von %2; %3. Zieh auf dem ganzen Bogen einen Rahmen um Zeichen, die zusammengehören.</translation>
    </message>
    <message>
        <source>Occasion</source>
        <translation>Anlass</translation>
    </message>
    <message>
        <source>Of</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>Of %1 keep the darker print: cover the other with white pen, or let colouring take it in.</source>
        <translation>Von %1 behalte den dunkleren Abdruck: decke den anderen mit weißem Stift oder lass das Ausmalen ihn aufnehmen.</translation>
    </message>
    <message>
        <source>Of each stamp</source>
        <translation>Von jedem Stempel</translation>
    </message>
    <message>
        <source>Of sticky notes %1 times, of masking sheets %2 times.</source>
        <translation>Haftnotizen %1-mal, Maskierbogen %2-mal.</translation>
    </message>
    <message>
        <source>Of them %1.</source>
        <translation>Davon %1.</translation>
    </message>
    <message>
        <source>Of two things on the ground the lower foot is the nearer one; you said the other way round.</source>
        <translation>Von zwei Dingen am Boden ist das mit dem tieferen Fuß näher; du sagtest es andersherum.</translation>
    </message>
    <message>
        <source>Of which stamps?</source>
        <translation>Aus welchen Stempeln?</translation>
    </message>
    <message>
        <source>Off the floor</source>
        <translation>Vom Boden</translation>
    </message>
    <message>
        <source>Older ones</source>
        <translation>Ältere</translation>
    </message>
    <message>
        <source>On %1 it is dry after %2 s.</source>
        <translation>Auf %1 ist es nach %2 s trocken.</translation>
    </message>
    <message>
        <source>On %1 paper</source>
        <translation>Auf %1-Papier</translation>
    </message>
    <message>
        <source>On %1, %2 away.</source>
        <translation>Auf: %1, %2 entfernt.</translation>
    </message>
    <message>
        <source>On foam</source>
        <translation>Auf Schaum</translation>
    </message>
    <message>
        <source>On masking sheets</source>
        <translation>Auf Maskierbogen</translation>
    </message>
    <message>
        <source>On the card</source>
        <translation>Auf der Karte</translation>
    </message>
    <message>
        <source>On the ground</source>
        <translation>Am Boden</translation>
    </message>
    <message>
        <source>On the hero's ground line</source>
        <translation>Auf der Bodenlinie des Helden</translation>
    </message>
    <message>
        <source>On the line.</source>
        <translation>Auf der Linie.</translation>
    </message>
    <message>
        <source>On the other size</source>
        <translation>Auf der anderen Größe</translation>
    </message>
    <message>
        <source>On the side</source>
        <translation>Auf der Seite</translation>
    </message>
    <message>
        <source>On this card</source>
        <translation>Auf dieser Karte</translation>
    </message>
    <message>
        <source>On this card I know all of this kind</source>
        <translation>Auf dieser Karte weiß ich von allen dieser Art</translation>
    </message>
    <message>
        <source>On what base</source>
        <translation>Auf welcher Klappkarte</translation>
    </message>
    <message>
        <source>On what paper</source>
        <translation>Auf welchem Papier</translation>
    </message>
    <message>
        <source>Once more</source>
        <translation>Noch einmal</translation>
    </message>
    <message>
        <source>One %1 stays uncovered: let the background run over it.</source>
        <translation>Ein %1 bleibt unbedeckt: lass den Hintergrund darüber laufen.</translation>
    </message>
    <message>
        <source>One &amp;more of it</source>
        <translation>Noch &amp;eines davon</translation>
    </message>
    <message>
        <source>One arrangement that is better. Let more things move for others.</source>
        <translation>Eine Anordnung ist besser. Lass mehr Dinge rücken, dann gibt es andere.</translation>
    </message>
    <message>
        <source>One card</source>
        <translation>Eine Karte</translation>
    </message>
    <message>
        <source>One card takes about %1.</source>
        <translation>Eine Karte braucht etwa %1.</translation>
    </message>
    <message>
        <source>One colour among greys</source>
        <translation>Eine Farbe unter Grau</translation>
    </message>
    <message>
        <source>One coloured among greys</source>
        <translation>Ein Farbiges unter Grauem</translation>
    </message>
    <message>
        <source>One did not come out well.</source>
        <translation>Eines gelang nicht gut.</translation>
    </message>
    <message>
        <source>One heat tool</source>
        <translation>Ein Heißluftgerät</translation>
    </message>
    <message>
        <source>One impression was found.</source>
        <translation>Ein Abdruck wurde gefunden.</translation>
    </message>
    <message>
        <source>One is missing.</source>
        <translation>Eines fehlt.</translation>
    </message>
    <message>
        <source>One maker, %1.</source>
        <translation>Eine Person, %1.</translation>
    </message>
    <message>
        <source>One mask is in %1.</source>
        <translation>Eine Maske ist in %1.</translation>
    </message>
    <message>
        <source>One more of %1</source>
        <translation>Noch eines von %1</translation>
    </message>
    <message>
        <source>One more of less weight</source>
        <translation>Noch eines von geringerem Gewicht</translation>
    </message>
    <message>
        <source>One more that you know of</source>
        <translation>Noch eines, von dem du weißt</translation>
    </message>
    <message>
        <source>One overlap tells which of two is nearer.</source>
        <translation>Eine Überdeckung sagt, was von zweien näher ist.</translation>
    </message>
    <message>
        <source>One paper</source>
        <translation>Ein Papier</translation>
    </message>
    <message>
        <source>One paper over several things where that is less work</source>
        <translation>Ein Papier über mehrere Dinge, wo das weniger Arbeit ist</translation>
    </message>
    <message>
        <source>One picture does not say how large it is: with how many dots an inch was it scanned?</source>
        <translation>Ein Bild sagt nicht, wie groß es ist: Mit wie vielen Punkten je Zoll wurde es gescannt?</translation>
    </message>
    <message>
        <source>One plan was put into %1.</source>
        <translation>Ein Plan kam nach %1.</translation>
    </message>
    <message>
        <source>One print on your card is a later pressing.</source>
        <translation>Ein Abdruck auf deiner Karte ist eine spätere Pressung.</translation>
    </message>
    <message>
        <source>One sees %1 far; half of the ink is left at %2.</source>
        <translation>Man sieht %1 weit; die halbe Farbe bleibt bei %2.</translation>
    </message>
    <message>
        <source>One small hole %1 is covered too: colour it by hand afterwards.</source>
        <translation>Ein kleines Loch %1 wird mit abgedeckt: male es danach von Hand aus.</translation>
    </message>
    <message>
        <source>One speck was dropped.</source>
        <translation>Ein Fleck wurde weggelassen.</translation>
    </message>
    <message>
        <source>One stamp a group: %1 of them. They are as large as the drawing says.</source>
        <translation>Je Gruppe ein Stempel: %1 Stück. Sie sind so groß, wie die Zeichnung sagt.</translation>
    </message>
    <message>
        <source>One stamp is in the drawer.</source>
        <translation>Ein Stempel liegt in der Schublade.</translation>
    </message>
    <message>
        <source>One standing thing has its right size.</source>
        <translation>Ein stehendes Ding hat die richtige Größe.</translation>
    </message>
    <message>
        <source>One stands where it is too tall or too small.</source>
        <translation>Eines steht, wo es zu groß oder zu klein ist.</translation>
    </message>
    <message>
        <source>One step, about %1.</source>
        <translation>Ein Schritt, etwa %1.</translation>
    </message>
    <message>
        <source>One thing is meant to be seen first. Havlo then watches that nothing draws the eye away from it.</source>
        <translation>Ein Ding soll zuerst gesehen werden. Havlo achtet dann darauf, dass nichts den Blick davon wegzieht.</translation>
    </message>
    <message>
        <source>One thing is wrong</source>
        <translation>Ein Ding stimmt nicht</translation>
    </message>
    <message>
        <source>One thing on your card does not fit its horizon.</source>
        <translation>Ein Ding auf deiner Karte passt nicht zu ihrem Horizont.</translation>
    </message>
    <message>
        <source>One thing on your card is covered.</source>
        <translation>Ein Ding auf deiner Karte wird abgedeckt.</translation>
    </message>
    <message>
        <source>One thing should be seen first.</source>
        <translation>Eines soll zuerst auffallen.</translation>
    </message>
    <message>
        <source>One thing to look at.</source>
        <translation>Ein Ding anzusehen.</translation>
    </message>
    <message>
        <source>Only one thing can be seen first.</source>
        <translation>Nur eines kann zuerst auffallen.</translation>
    </message>
    <message>
        <source>Only stamps that face</source>
        <translation>Nur Stempel, die blicken nach</translation>
    </message>
    <message>
        <source>Only stamps that show a</source>
        <translation>Nur Stempel, die zeigen</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Open &amp;recent</source>
        <translation>&amp;Zuletzt geöffnet</translation>
    </message>
    <message>
        <source>Open A crowd: in the menu Thing, or Ctrl+Shift+C.</source>
        <translation>Öffne Eine Menge: im Menü Ding, oder mit Strg+Umschalt+C.</translation>
    </message>
    <message>
        <source>Open Order &amp; masks and wait until the card is proven.</source>
        <translation>Öffne Folge &amp; Masken und warte, bis die Karte bewiesen ist.</translation>
    </message>
    <message>
        <source>Open a plan</source>
        <translation>Plan öffnen</translation>
    </message>
    <message>
        <source>Open a plan of mine…</source>
        <translation>Einen Plan von mir öffnen…</translation>
    </message>
    <message>
        <source>Open this plan</source>
        <translation>Diesen Plan öffnen</translation>
    </message>
    <message>
        <source>Opened</source>
        <translation>Aufgeklappt</translation>
    </message>
    <message>
        <source>Opened, the sheet turned over sideways</source>
        <translation>Aufgeklappt, das Blatt seitlich gewendet</translation>
    </message>
    <message>
        <source>Opened, the sheet turned over upwards</source>
        <translation>Aufgeklappt, das Blatt nach oben gewendet</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>%1 wird geöffnet</translation>
    </message>
    <message>
        <source>Opening of the outline</source>
        <translation>Öffnung des Umrisses</translation>
    </message>
    <message>
        <source>Order &amp; masks</source>
        <translation>Folge &amp; Masken</translation>
    </message>
    <message>
        <source>Other colours.</source>
        <translation>Andere Farben.</translation>
    </message>
    <message>
        <source>Other ink</source>
        <translation>Andere Farbe</translation>
    </message>
    <message>
        <source>Other words</source>
        <translation>Andere Wörter</translation>
    </message>
    <message>
        <source>Out of the drawer</source>
        <translation>Aus der Schublade</translation>
    </message>
    <message>
        <source>Outline inward or outward</source>
        <translation>Umriss nach innen oder außen</translation>
    </message>
    <message>
        <source>Outlines that meet without overlapping hold the eye, and it cannot tell which is nearer.</source>
        <translation>Umrisse, die sich ohne Überdeckung treffen, halten das Auge fest, und es kann nicht sagen, was näher ist.</translation>
    </message>
    <message>
        <source>Over</source>
        <translation>Über</translation>
    </message>
    <message>
        <source>Over %1 evenings</source>
        <translation>Über %1 Abende</translation>
    </message>
    <message>
        <source>Over how much it fades outside its area</source>
        <translation>Über wie viel es außerhalb seiner Fläche ausläuft</translation>
    </message>
    <message>
        <source>Own steps</source>
        <translation>Eigenes</translation>
    </message>
    <message>
        <source>PDF files</source>
        <translation>PDF-Dateien</translation>
    </message>
    <message>
        <source>Pack the drawer</source>
        <translation>Schublade packen</translation>
    </message>
    <message>
        <source>Pads of each ink</source>
        <translation>Kissen je Farbe</translation>
    </message>
    <message>
        <source>Page at true size</source>
        <translation>Seite in wahrer Größe</translation>
    </message>
    <message>
        <source>Page before</source>
        <translation>Seite davor</translation>
    </message>
    <message>
        <source>Page up and down go from blend to blend, H through what can be pulled of it, arrow keys pull.</source>
        <translation>Bild auf und ab gehen von Verlauf zu Verlauf, H durch das, was daran zu ziehen ist, Pfeiltasten ziehen.</translation>
    </message>
    <message>
        <source>Page up and down go from one found thing to the next, Return takes it. F moves the foot. With a tool in hand, or after C, arrow keys move a cross, Space marks, Return ends.</source>
        <translation>Bild auf und ab gehen von Fund zu Fund, Eingabe nimmt ihn. F bewegt den Fuß. Mit einem Werkzeug oder nach C bewegen Pfeiltasten ein Kreuz, Leertaste markiert, Eingabe beendet.</translation>
    </message>
    <message>
        <source>Paler far off</source>
        <translation>In der Ferne blasser</translation>
    </message>
    <message>
        <source>Paler with distance</source>
        <translation>Mit der Entfernung blasser</translation>
    </message>
    <message>
        <source>Palettes</source>
        <translation>Paletten</translation>
    </message>
    <message>
        <source>Panel</source>
        <translation>Bildkarte</translation>
    </message>
    <message>
        <source>Panel %1</source>
        <translation>Bildkarte %1</translation>
    </message>
    <message>
        <source>Panel %1 high</source>
        <translation>Bildkarte %1 hoch</translation>
    </message>
    <message>
        <source>Panel %1 wide</source>
        <translation>Bildkarte %1 breit</translation>
    </message>
    <message>
        <source>Panel on foam of %1</source>
        <translation>Bildkarte auf Schaum von %1</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Paper %1</source>
        <translation>Papier %1</translation>
    </message>
    <message>
        <source>Paper %1 thick</source>
        <translation>Papier %1 dick</translation>
    </message>
    <message>
        <source>Paper in the printer</source>
        <translation>Papier im Drucker</translation>
    </message>
    <message>
        <source>Papers</source>
        <translation>Papiere</translation>
    </message>
    <message>
        <source>Papers in the drawer</source>
        <translation>Papiere in der Schublade</translation>
    </message>
    <message>
        <source>Part of a stamp in a corner</source>
        <translation>Teil eines Stempels in einer Ecke</translation>
    </message>
    <message>
        <source>Part of the hero in a corner</source>
        <translation>Teil des Helden in einer Ecke</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Einfügen</translation>
    </message>
    <message>
        <source>Paste %1</source>
        <translation>%1 einfügen</translation>
    </message>
    <message>
        <source>Paste %1 things</source>
        <translation>%1 Dinge einfügen</translation>
    </message>
    <message>
        <source>Paste dries for hours: follow its maker's label, and let nothing touch it before.</source>
        <translation>Paste trocknet stundenlang: folge den Angaben des Herstellers und lass vorher nichts daran kommen.</translation>
    </message>
    <message>
        <source>Patterned paper</source>
        <translation>Gemustertes Papier</translation>
    </message>
    <message>
        <source>Patterned …</source>
        <translation>Gemustert …</translation>
    </message>
    <message>
        <source>Pen</source>
        <translation>Stift</translation>
    </message>
    <message>
        <source>Pencil sheet</source>
        <translation>Bleistiftblatt</translation>
    </message>
    <message>
        <source>Pencil sheet at true size.</source>
        <translation>Bleistiftblatt in wahrer Größe.</translation>
    </message>
    <message>
        <source>Pencil the guides</source>
        <translation>Die Hilfslinien mit Bleistift ziehen</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>Picture for printers</source>
        <translation>Bild für Druckereien</translation>
    </message>
    <message>
        <source>Pictures</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>Pieces</source>
        <translation>Stücke</translation>
    </message>
    <message>
        <source>Pieces of paper on the card</source>
        <translation>Papierteile auf der Karte</translation>
    </message>
    <message>
        <source>Placement sheet</source>
        <translation>Lageblatt</translation>
    </message>
    <message>
        <source>Placement sheet at true size. Crosses are feet, numbers are the order of stamping.</source>
        <translation>Lageblatt in wahrer Größe. Kreuze sind Füße, Zahlen die Stempelfolge.</translation>
    </message>
    <message>
        <source>Places</source>
        <translation>Orte</translation>
    </message>
    <message>
        <source>Plain again</source>
        <translation>Wieder ruhig</translation>
    </message>
    <message>
        <source>Plain on every side by %1, level, centred by its ink and a little above the middle.</source>
        <translation>Ringsum %1 ruhig, waagrecht, nach seiner Farbe mittig und etwas über der Mitte.</translation>
    </message>
    <message>
        <source>Plain paper</source>
        <translation>Einfarbiges Papier</translation>
    </message>
    <message>
        <source>Plain space</source>
        <translation>Ruhige Stelle</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>Plan and pictures in one &amp;zip…</source>
        <translation>Plan und Bilder in einem &amp;Zip…</translation>
    </message>
    <message>
        <source>Plan its picture</source>
        <translation>Sein Bild planen</translation>
    </message>
    <message>
        <source>Plans and drafts</source>
        <translation>Pläne und Entwürfe</translation>
    </message>
    <message>
        <source>Plans scene cards from rubber stamps, proves the plan by simulating it, and leads you through the work.</source>
        <translation>Plant Szenenkarten aus Gummistempeln, beweist den Plan durch Simulation und führt dich durch die Arbeit.</translation>
    </message>
    <message>
        <source>Plans scene cards from rubber stamps.</source>
        <translation>Plant Szenenkarten aus Gummistempeln.</translation>
    </message>
    <message>
        <source>Plans that you open or save are found here.</source>
        <translation>Pläne, die du öffnest oder sicherst, findest du hier.</translation>
    </message>
    <message>
        <source>Plate</source>
        <translation>Platte</translation>
    </message>
    <message>
        <source>Pop up %1</source>
        <translation>%1 aufsetzen</translation>
    </message>
    <message>
        <source>Powder clings to every damp ink near by. Stamped and embossed first it need not wait.</source>
        <translation>Pulver haftet an jeder feuchten Farbe in der Nähe. Zuerst gestempelt und embosst muss es nicht warten.</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Üben</translation>
    </message>
    <message>
        <source>Preparing the %1</source>
        <translation>%1 wird vorbereitet</translation>
    </message>
    <message>
        <source>Press %1 again</source>
        <translation>%1 noch einmal drücken</translation>
    </message>
    <message>
        <source>Press %1 into the paper</source>
        <translation>%1 ins Papier prägen</translation>
    </message>
    <message>
        <source>Press along the rim as well: the rubber bridges the step and leaves a thin bare line beside it.</source>
        <translation>Drücke auch am Rand entlang: der Gummi überbrückt die Stufe und lässt daneben eine dünne leere Linie.</translation>
    </message>
    <message>
        <source>Press as hands do: unevenly, pop-ups with their shadow</source>
        <translation>Drücken wie Hände: ungleichmäßig, Aufgesetztes mit Schatten</translation>
    </message>
    <message>
        <source>Press firmly beside the masks: their thickness lifts the rubber and leaves a thin white line.</source>
        <translation>Drücke fest neben den Masken: ihre Dicke hebt den Gummi und lässt eine dünne weiße Linie.</translation>
    </message>
    <message>
        <source>Press it</source>
        <translation>Drücken</translation>
    </message>
    <message>
        <source>Press the one of the two that is nearer to you.</source>
        <translation>Drücke das von beiden, das dir näher ist.</translation>
    </message>
    <message>
        <source>Press them from the nearest to the farthest.</source>
        <translation>Drücke sie vom nächsten zum fernsten.</translation>
    </message>
    <message>
        <source>Pressi&amp;ng</source>
        <translation>P&amp;ressung</translation>
    </message>
    <message>
        <source>Pressing</source>
        <translation>Pressung</translation>
    </message>
    <message>
        <source>Pressings</source>
        <translation>Pressungen</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Drucken</translation>
    </message>
    <message>
        <source>Print %1</source>
        <translation>%1 drucken</translation>
    </message>
    <message>
        <source>Print %1 masks</source>
        <translation>%1 Masken drucken</translation>
    </message>
    <message>
        <source>Print %1 masks in %2</source>
        <translation>%1 Masken in %2 drucken</translation>
    </message>
    <message>
        <source>Print %1: this one</source>
        <translation>%1 drucken: dieses</translation>
    </message>
    <message>
        <source>Print 1 mask in %1</source>
        <translation>1 Maske in %1 drucken</translation>
    </message>
    <message>
        <source>Print on &amp;Letter</source>
        <translation>Auf &amp;Letter drucken</translation>
    </message>
    <message>
        <source>Print on A&amp;4</source>
        <translation>Auf A&amp;4 drucken</translation>
    </message>
    <message>
        <source>Print the %1</source>
        <translation>%1 drucken</translation>
    </message>
    <message>
        <source>Print the %1…</source>
        <translation>%1 drucken…</translation>
    </message>
    <message>
        <source>Print the cut list…</source>
        <translation>Schneideliste drucken…</translation>
    </message>
    <message>
        <source>Print the mask of the %1</source>
        <translation>Die Maske von %1 drucken</translation>
    </message>
    <message>
        <source>Print the masks</source>
        <translation>Die Masken drucken</translation>
    </message>
    <message>
        <source>Print the stamps to tape</source>
        <translation>Die abzuklebenden Stempel drucken</translation>
    </message>
    <message>
        <source>Prints %1, %2.</source>
        <translation>Druckt %1, %2.</translation>
    </message>
    <message>
        <source>Prints %1, %2; from %3.</source>
        <translation>Druckt %1, %2; aus %3.</translation>
    </message>
    <message>
        <source>Prints are taken to lie three times as exactly; cards are logged as made with it</source>
        <translation>Abdrücke sollen dreimal so genau sitzen; Karten kommen so ins Logbuch</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Drucken…</translation>
    </message>
    <message>
        <source>Proven</source>
        <translation>Bewiesen</translation>
    </message>
    <message>
        <source>Pull a print of %1</source>
        <translation>Einen Abzug von %1 ziehen</translation>
    </message>
    <message>
        <source>Push the paper with the mouse or the arrow keys; with Shift it goes farther. Pull beside it, roll the wheel, or press comma and full stop to turn it.</source>
        <translation>Schiebe das Papier mit Maus oder Pfeiltasten; mit Umschalt weiter. Zum Drehen ziehe daneben, dreh das Rad oder drücke Komma und Punkt.</translation>
    </message>
    <message>
        <source>Put %1 on foam</source>
        <translation>%1 auf Schaum setzen</translation>
    </message>
    <message>
        <source>Put %1 on foam, on %2</source>
        <translation>%1 auf Schaum setzen, auf %2</translation>
    </message>
    <message>
        <source>Put %1 on with %2</source>
        <translation>%1 mit %2 auftragen</translation>
    </message>
    <message>
        <source>Put away</source>
        <translation>Weglegen</translation>
    </message>
    <message>
        <source>Put in</source>
        <translation>Einlegen</translation>
    </message>
    <message>
        <source>Put in a %1</source>
        <translation>Ein %1 einlegen</translation>
    </message>
    <message>
        <source>Put it back</source>
        <translation>Zurücklegen</translation>
    </message>
    <message>
        <source>Put it in</source>
        <translation>Einlegen</translation>
    </message>
    <message>
        <source>Put it in front of %1</source>
        <translation>Vor %1 setzen</translation>
    </message>
    <message>
        <source>Put it on a strip of its own</source>
        <translation>Auf einen eigenen Streifen setzen</translation>
    </message>
    <message>
        <source>Put it on the card</source>
        <translation>Auf die Karte setzen</translation>
    </message>
    <message>
        <source>Put on %1</source>
        <translation>%1 auftragen</translation>
    </message>
    <message>
        <source>Put on a dot</source>
        <translation>Einen Punkt setzen</translation>
    </message>
    <message>
        <source>Put on one by one</source>
        <translation>Eines nach dem anderen auftragen</translation>
    </message>
    <message>
        <source>Put on with</source>
        <translation>Auftragen mit</translation>
    </message>
    <message>
        <source>Put the card into its envelope</source>
        <translation>Die Karte in den Umschlag stecken</translation>
    </message>
    <message>
        <source>Put the crowd on the card</source>
        <translation>Die Menge auf die Karte setzen</translation>
    </message>
    <message>
        <source>Put the hare on the card: click it among the stamps at the left.</source>
        <translation>Setze den Hasen auf die Karte: Klicke ihn links bei den Stempeln an (Hare).</translation>
    </message>
    <message>
        <source>Put the machine away</source>
        <translation>Die Maschine wegräumen</translation>
    </message>
    <message>
        <source>Put the mask back on and fill the pale gap with a marker or a small brush.</source>
        <translation>Lege die Maske wieder auf und fülle die blasse Lücke mit Marker oder kleinem Pinsel.</translation>
    </message>
    <message>
        <source>Put the mends away</source>
        <translation>Verbesserungen weglegen</translation>
    </message>
    <message>
        <source>Put the row on the card</source>
        <translation>Die Reihe auf die Karte setzen</translation>
    </message>
    <message>
        <source>Put the steps of a card in order and lay the covers; the press shows what comes of it.</source>
        <translation>Bring die Schritte einer Karte in Reihenfolge und lege die Abdeckungen; die Presse zeigt, was daraus wird.</translation>
    </message>
    <message>
        <source>Put them back</source>
        <translation>Zurücklegen</translation>
    </message>
    <message>
        <source>Raise a piece</source>
        <translation>Ein Stück heben</translation>
    </message>
    <message>
        <source>Raise the horizon by %1</source>
        <translation>Den Horizont um %1 heben</translation>
    </message>
    <message>
        <source>Reach of %1</source>
        <translation>Reichweite von %1</translation>
    </message>
    <message>
        <source>Reaches</source>
        <translation>Reicht</translation>
    </message>
    <message>
        <source>Reading %1</source>
        <translation>%1 wird gelesen</translation>
    </message>
    <message>
        <source>Reading the strip …</source>
        <translation>Der Streifen wird gelesen …</translation>
    </message>
    <message>
        <source>Reads %1 tall here: too small, it is %2.</source>
        <translation>Wirkt hier %1 groß: zu klein, richtig wäre %2.</translation>
    </message>
    <message>
        <source>Reads %1 tall here: too tall, it is %2.</source>
        <translation>Wirkt hier %1 groß: zu groß, richtig wäre %2.</translation>
    </message>
    <message>
        <source>Reads %1 tall, as it should: %2.</source>
        <translation>Wirkt %1 groß, wie es soll: %2.</translation>
    </message>
    <message>
        <source>Ready on the tables:</source>
        <translation>Bereit auf den Tischen:</translation>
    </message>
    <message>
        <source>Ready ones</source>
        <translation>Fertige</translation>
    </message>
    <message>
        <source>Real height</source>
        <translation>Wirkliche Höhe</translation>
    </message>
    <message>
        <source>Reckon with this</source>
        <translation>Damit rechnen</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Redo: %1</source>
        <translation>Wiederholen: %1</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>Return goes from the name to the height, and on to the next.</source>
        <translation>Die Eingabetaste führt vom Namen zur Höhe und weiter zum nächsten.</translation>
    </message>
    <message>
        <source>Return keeps it</source>
        <translation>Eingabe merkt sie</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Rechts</translation>
    </message>
    <message>
        <source>Right and neat</source>
        <translation>Richtig und knapp</translation>
    </message>
    <message>
        <source>Risky joins</source>
        <translation>Heikle Nähte</translation>
    </message>
    <message>
        <source>Room for a second word</source>
        <translation>Platz für ein zweites Wort</translation>
    </message>
    <message>
        <source>Round the wheel</source>
        <translation>Rund um den Farbkreis</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Reihen</translation>
    </message>
    <message>
        <source>Rub the new stamp with an eraser, then wipe it</source>
        <translation>Reibe den neuen Stempel mit einem Radierer ab, dann wisch ihn</translation>
    </message>
    <message>
        <source>Rub the pencil out</source>
        <translation>Den Bleistift ausradieren</translation>
    </message>
    <message>
        <source>Rubber does not reach into pressed paper. Stamp it first, press the relief last, or keep the relief off it.</source>
        <translation>Gummi reicht nicht in geprägtes Papier. Stemple zuerst, präge zuletzt, oder halte das Relief davon weg.</translation>
    </message>
    <message>
        <source>Rubber rests on the ridges and leaves gaps. Stamp it first, let the paste be the last, or keep the paste off it.</source>
        <translation>Gummi liegt auf den Graten und lässt Lücken. Stemple zuerst, lass die Paste das Letzte sein, oder halte sie davon weg.</translation>
    </message>
    <message>
        <source>Run sheet</source>
        <translation>Ablaufblatt</translation>
    </message>
    <message>
        <source>Run sheet for %1</source>
        <translation>Ablaufblatt für %1</translation>
    </message>
    <message>
        <source>Runs the cut file through a simulated cutting machine that ships with Havlo</source>
        <translation>Schickt die Schneidedatei durch eine simulierte Schneidemaschine, die Havlo beiliegt</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Sichern</translation>
    </message>
    <message>
        <source>Save &amp;as…</source>
        <translation>Speichern &amp;unter…</translation>
    </message>
    <message>
        <source>Save all measures as a table</source>
        <translation>Alle Maße als Tabelle speichern</translation>
    </message>
    <message>
        <source>Save as PDF…</source>
        <translation>Als PDF sichern…</translation>
    </message>
    <message>
        <source>Save it</source>
        <translation>Sichern</translation>
    </message>
    <message>
        <source>Save it as a PDF</source>
        <translation>Als PDF speichern</translation>
    </message>
    <message>
        <source>Save plan and pictures in one file</source>
        <translation>Plan und Bilder in einer Datei speichern</translation>
    </message>
    <message>
        <source>Save the cut file</source>
        <translation>Schneidedatei speichern</translation>
    </message>
    <message>
        <source>Save the finished card as a drawing in layers</source>
        <translation>Die fertige Karte als Zeichnung in Ebenen speichern</translation>
    </message>
    <message>
        <source>Save the finished card as a picture</source>
        <translation>Die fertige Karte als Bild speichern</translation>
    </message>
    <message>
        <source>Save the plan</source>
        <translation>Plan speichern</translation>
    </message>
    <message>
        <source>Save under another name</source>
        <translation>Unter anderem Namen speichern</translation>
    </message>
    <message>
        <source>Say how tall %1 is</source>
        <translation>Sagen, wie hoch %1 ist</translation>
    </message>
    <message>
        <source>Say it</source>
        <translation>Sag es</translation>
    </message>
    <message>
        <source>Say that it is %1 tall in this story</source>
        <translation>Sag, dass es in dieser Geschichte %1 hoch ist</translation>
    </message>
    <message>
        <source>Say what it is about. Three cards are composed from the stamps in the drawer; take one and change it.</source>
        <translation>Sag, worum es geht. Drei Karten werden aus den Stempeln der Schublade entworfen; nimm eine und ändere sie.</translation>
    </message>
    <message>
        <source>Scan or photograph the card as it is now, on something darker or lighter than its paper. Take masks off it first.</source>
        <translation>Scanne oder fotografiere die Karte, wie sie jetzt ist, auf etwas Dunklerem oder Hellerem als ihr Papier. Nimm vorher die Masken ab.</translation>
    </message>
    <message>
        <source>Scan or photograph the card on something darker or lighter than its paper, and hold the picture against the plan.</source>
        <translation>Scanne oder fotografiere die Karte auf etwas Dunklerem oder Hellerem als ihr Papier und halte das Bild gegen den Plan.</translation>
    </message>
    <message>
        <source>Scans have from 50 to 4800 dots an inch.</source>
        <translation>Scans haben 50 bis 4800 Punkte je Zoll.</translation>
    </message>
    <message>
        <source>Scatter</source>
        <translation>Streuen</translation>
    </message>
    <message>
        <source>Scatter %1</source>
        <translation>%1 streuen</translation>
    </message>
    <message>
        <source>Scene</source>
        <translation>Szene</translation>
    </message>
    <message>
        <source>Scene %1</source>
        <translation>Szene %1</translation>
    </message>
    <message>
        <source>Scenes from what you own; every size fits one viewpoint. Each was pressed on simulated paper.</source>
        <translation>Szenen aus dem, was du hast; jede Größe passt zu einem Blickpunkt. Jede wurde auf simuliertem Papier gedruckt.</translation>
    </message>
    <message>
        <source>Schoo&amp;l</source>
        <translation>&amp;Verfahren</translation>
    </message>
    <message>
        <source>School</source>
        <translation>Verfahren</translation>
    </message>
    <message>
        <source>School of %1</source>
        <translation>Verfahren von %1</translation>
    </message>
    <message>
        <source>School of the whole plan</source>
        <translation>Verfahren des ganzen Plans</translation>
    </message>
    <message>
        <source>Schools</source>
        <translation>Verfahren</translation>
    </message>
    <message>
        <source>Schools: mask, leave out, emboss, print over</source>
        <translation>Arbeitsweisen: maskieren, aussparen, embossen, überdrucken</translation>
    </message>
    <message>
        <source>Score and fold the base</source>
        <translation>Die Klappkarte rillen und falten</translation>
    </message>
    <message>
        <source>Search the drawer</source>
        <translation>In der Schublade suchen</translation>
    </message>
    <message>
        <source>Seen as it prints; on the rubber everything is the other way round. Tape or wipe the hatched part.</source>
        <translation>So gesehen, wie es druckt; auf dem Gummi ist alles seitenverkehrt. Klebe oder wische den schraffierten Teil.</translation>
    </message>
    <message>
        <source>Sent to</source>
        <translation>Geschickt an</translation>
    </message>
    <message>
        <source>Set</source>
        <translation>Satz</translation>
    </message>
    <message>
        <source>Set %1 down</source>
        <translation>%1 absetzen</translation>
    </message>
    <message>
        <source>Set %1 level</source>
        <translation>%1 waagrecht stellen</translation>
    </message>
    <message>
        <source>Set %1 upright</source>
        <translation>%1 aufrichten</translation>
    </message>
    <message>
        <source>Set back</source>
        <translation>Zurücksetzen</translation>
    </message>
    <message>
        <source>Set it &amp;upright</source>
        <translation>Au&amp;frichten</translation>
    </message>
    <message>
        <source>Set it level</source>
        <translation>Waagrecht stellen</translation>
    </message>
    <message>
        <source>Set up: %1</source>
        <translation>Einrichten: %1</translation>
    </message>
    <message>
        <source>Set…</source>
        <translation>Einrichten…</translation>
    </message>
    <message>
        <source>Shade %1</source>
        <translation>%1 schattieren</translation>
    </message>
    <message>
        <source>Shade it as the light falls</source>
        <translation>Schattieren, wie das Licht fällt</translation>
    </message>
    <message>
        <source>Shade it away from the light</source>
        <translation>Vom Licht weg schattieren</translation>
    </message>
    <message>
        <source>Shaded</source>
        <translation>Schattiert</translation>
    </message>
    <message>
        <source>Shadows run away from the light, each from its own foot.</source>
        <translation>Schatten laufen vom Licht weg, jeder von seinem eigenen Fuß.</translation>
    </message>
    <message>
        <source>Shape and cut them</source>
        <translation>Formen und schneiden</translation>
    </message>
    <message>
        <source>Share the error</source>
        <translation>Den Fehler teilen</translation>
    </message>
    <message>
        <source>Shares of the pull</source>
        <translation>Anteile der Anziehung</translation>
    </message>
    <message>
        <source>Shares the colours of %1</source>
        <translation>Teilt die Farben von %1</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Bogen</translation>
    </message>
    <message>
        <source>Show construction lines</source>
        <translation>Hilfslinien zeigen</translation>
    </message>
    <message>
        <source>Show me</source>
        <translation>Zeig mir</translation>
    </message>
    <message>
        <source>Show me how</source>
        <translation>Zeig mir, wie</translation>
    </message>
    <message>
        <source>Show the whole sheet</source>
        <translation>Den ganzen Bogen zeigen</translation>
    </message>
    <message>
        <source>Shows a</source>
        <translation>Zeigt</translation>
    </message>
    <message>
        <source>Simulating</source>
        <translation>Simuliere</translation>
    </message>
    <message>
        <source>Six digits 0 to F, two each for red, green and blue, where you have them</source>
        <translation>Sechs Ziffern 0 bis F, je zwei für Rot, Grün und Blau, wenn du sie hast</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>Size of a place</source>
        <translation>Größe einer Stelle</translation>
    </message>
    <message>
        <source>Size of one</source>
        <translation>Größe von einem</translation>
    </message>
    <message>
        <source>Size of specks that are dropped</source>
        <translation>Größe der Flecken, die wegfallen</translation>
    </message>
    <message>
        <source>Size of the folded card</source>
        <translation>Größe der gefalteten Karte</translation>
    </message>
    <message>
        <source>Size of the masking sheet</source>
        <translation>Größe des Maskierbogens</translation>
    </message>
    <message>
        <source>Size the opening</source>
        <translation>Größe der Öffnung</translation>
    </message>
    <message>
        <source>Sizes</source>
        <translation>Größen</translation>
    </message>
    <message>
        <source>Sizes and rows are by eye here</source>
        <translation>Größen und Reihen sind hier nach Augenmaß</translation>
    </message>
    <message>
        <source>Sizes “%1”</source>
        <translation>Größen „%1“</translation>
    </message>
    <message>
        <source>Sizes, fold, mats and base</source>
        <translation>Maße, Falz, Passepartouts und Grundkarte</translation>
    </message>
    <message>
        <source>Sky in three steps: 3/4, 1/2, 1/4</source>
        <translation>Himmel in drei Stufen: 3/4, 1/2, 1/4</translation>
    </message>
    <message>
        <source>Small parts are swallowed: keep them, and the finished card, from the very young.</source>
        <translation>Kleinteile werden verschluckt: sie und die fertige Karte von den ganz Kleinen fernhalten.</translation>
    </message>
    <message>
        <source>Small things</source>
        <translation>Kleine Dinge</translation>
    </message>
    <message>
        <source>Smaller, higher, closer together, paler: four ways to say far away, and they agree.</source>
        <translation>Kleiner, höher, enger beisammen, blasser: vier Arten, weit weg zu sagen, und sie stimmen überein.</translation>
    </message>
    <message>
        <source>Smallest envelope that takes it: %1, %2.</source>
        <translation>Kleinster passender Umschlag: %1, %2.</translation>
    </message>
    <message>
        <source>So far the blade's tip trails behind its holder</source>
        <translation>So weit läuft die Klingenspitze dem Halter nach</translation>
    </message>
    <message>
        <source>So much paper is lost along a cut</source>
        <translation>So viel Papier geht längs eines Schnitts verloren</translation>
    </message>
    <message>
        <source>Some ground</source>
        <translation>Etwas Boden</translation>
    </message>
    <message>
        <source>Some of them otherwise</source>
        <translation>Einige davon anders</translation>
    </message>
    <message>
        <source>Someone else at the table</source>
        <translation>Jemand anders am Tisch</translation>
    </message>
    <message>
        <source>Something can sit here</source>
        <translation>Hier kann etwas sitzen</translation>
    </message>
    <message>
        <source>Something else</source>
        <translation>Etwas anderes</translation>
    </message>
    <message>
        <source>Something hangs from here</source>
        <translation>Hier hängt etwas</translation>
    </message>
    <message>
        <source>Space them evenly</source>
        <translation>Gleichmäßig verteilen</translation>
    </message>
    <message>
        <source>Spacing</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>Spacing of %1</source>
        <translation>Abstand von %1</translation>
    </message>
    <message>
        <source>Spray into a box and away from faces; do not breathe the mist in, air the room, mind the label.</source>
        <translation>In einen Karton und von Gesichtern weg sprühen; den Nebel nicht einatmen, lüften, das Etikett beachten.</translation>
    </message>
    <message>
        <source>Spread %1</source>
        <translation>%1 verstreichen</translation>
    </message>
    <message>
        <source>Stamp</source>
        <translation>Stempel</translation>
    </message>
    <message>
        <source>Stamp %1</source>
        <translation>%1 stempeln</translation>
    </message>
    <message>
        <source>Stamp %1 across the rim</source>
        <translation>%1 über den Rand stempeln</translation>
    </message>
    <message>
        <source>Stamp %1 at another time</source>
        <translation>%1 zu anderer Zeit stempeln</translation>
    </message>
    <message>
        <source>Stamp %1 first</source>
        <translation>%1 zuerst stempeln</translation>
    </message>
    <message>
        <source>Stamp %1 in %2</source>
        <translation>%1 in %2 stempeln</translation>
    </message>
    <message>
        <source>Stamp %1 now, before anything covers its place.</source>
        <translation>Stemple %1 jetzt, bevor etwas seinen Platz bedeckt.</translation>
    </message>
    <message>
        <source>Stamp %1 on a piece of its own</source>
        <translation>%1 auf ein eigenes Stück stempeln</translation>
    </message>
    <message>
        <source>Stamp %1 on the paper for %2</source>
        <translation>%1 auf das Papier für %2 stempeln</translation>
    </message>
    <message>
        <source>Stamp a part of %1</source>
        <translation>Einen Teil von %1 stempeln</translation>
    </message>
    <message>
        <source>Stamp a small filler over it: a tuft, a leaf, a bird.</source>
        <translation>Stemple etwas Kleines darüber: ein Büschel, ein Blatt, einen Vogel.</translation>
    </message>
    <message>
        <source>Stamp all %1 in %2</source>
        <translation>Alle %1 in %2 stempeln</translation>
    </message>
    <message>
        <source>Stamp all of %1</source>
        <translation>%1 ganz stempeln</translation>
    </message>
    <message>
        <source>Stamp in %1: %2</source>
        <translation>In %1 stempeln: %2</translation>
    </message>
    <message>
        <source>Stamp in this order</source>
        <translation>In dieser Reihenfolge stempeln</translation>
    </message>
    <message>
        <source>Stamp instead</source>
        <translation>Stattdessen stempeln</translation>
    </message>
    <message>
        <source>Stamp it a pressing later</source>
        <translation>Eine Pressung später stempeln</translation>
    </message>
    <message>
        <source>Stamp it again on a piece of its own, cut it out and put it over.</source>
        <translation>Stemple es noch einmal auf ein eigenes Stück, schneide es aus und setze es darüber.</translation>
    </message>
    <message>
        <source>Stamp it as %1</source>
        <translation>Als %1 stempeln</translation>
    </message>
    <message>
        <source>Stamp it before the others</source>
        <translation>Vor den anderen stempeln</translation>
    </message>
    <message>
        <source>Stamp it in %1</source>
        <translation>In %1 stempeln</translation>
    </message>
    <message>
        <source>Stamp it in %1, %2</source>
        <translation>In %1 stempeln, %2</translation>
    </message>
    <message>
        <source>Stamp on plain paper, scan or photograph it, and drop the picture here.</source>
        <translation>Stemple auf einfaches Papier, scanne oder fotografiere es und lass das Bild hier fallen.</translation>
    </message>
    <message>
        <source>Stamp the words on a strip of their own and put that over it.</source>
        <translation>Stemple die Wörter auf einen eigenen Streifen und setze ihn darüber.</translation>
    </message>
    <message>
        <source>Stamp them a pressing later</source>
        <translation>Sie eine Pressung später stempeln</translation>
    </message>
    <message>
        <source>Stamp them on plain paper and scan or photograph the sheet. Each is cut out at its true size.</source>
        <translation>Stemple sie auf einfaches Papier und scanne oder fotografiere den Bogen. Jeder wird in wahrer Größe ausgeschnitten.</translation>
    </message>
    <message>
        <source>Stamp your stamps on plain paper, scan the sheet, and they are here at their true size within a minute each.</source>
        <translation>Stemple deine Stempel auf einfaches Papier, scanne den Bogen, und sie sind hier in wahrer Größe, jeder in einer Minute.</translation>
    </message>
    <message>
        <source>Stamped as number %1 of %2</source>
        <translation>Gestempelt als Nummer %1 von %2</translation>
    </message>
    <message>
        <source>Stamped as number %1 of %2, then covered</source>
        <translation>Gestempelt als Nummer %1 von %2, dann abgedeckt</translation>
    </message>
    <message>
        <source>Stamped next: %1. Which of these must lie covered?</source>
        <translation>Als Nächstes gestempelt: %1. Was davon muss abgedeckt liegen?</translation>
    </message>
    <message>
        <source>Stamps</source>
        <translation>Stempel</translation>
    </message>
    <message>
        <source>Stamps cannot shrink: the ground keeps its depth, the sky takes what is left.</source>
        <translation>Stempel können nicht schrumpfen: der Boden behält seine Tiefe, der Himmel nimmt, was bleibt.</translation>
    </message>
    <message>
        <source>Stamps in the drawer</source>
        <translation>Stempel in der Schublade</translation>
    </message>
    <message>
        <source>Stamps of %1 and more lie off by %2, smaller ones by %3.</source>
        <translation>Stempel ab %1 liegen um %2 daneben, kleinere um %3.</translation>
    </message>
    <message>
        <source>Stamps of this plan, then others of the drawer</source>
        <translation>Stempel dieses Plans, dann andere der Schublade</translation>
    </message>
    <message>
        <source>Stamps that need masks</source>
        <translation>Stempel, die Masken brauchen</translation>
    </message>
    <message>
        <source>Stamps that were found</source>
        <translation>Gefundene Stempel</translation>
    </message>
    <message>
        <source>Stamps to tape before pressing</source>
        <translation>Vor dem Drücken abzuklebende Stempel</translation>
    </message>
    <message>
        <source>Stamps, %1 of each: %2</source>
        <translation>Stempel, je %1: %2</translation>
    </message>
    <message>
        <source>Stamps, one of each: %1</source>
        <translation>Stempel, je einer: %1</translation>
    </message>
    <message>
        <source>Stands %1 away.</source>
        <translation>Steht %1 entfernt.</translation>
    </message>
    <message>
        <source>Stands right here, %1 away:</source>
        <translation>Steht hier richtig, %1 entfernt:</translation>
    </message>
    <message>
        <source>Start again now</source>
        <translation>Jetzt neu starten</translation>
    </message>
    <message>
        <source>Start from the &amp;demo</source>
        <translation>Mit der &amp;Demo beginnen</translation>
    </message>
    <message>
        <source>Start from the demo</source>
        <translation>Mit der Demo beginnen</translation>
    </message>
    <message>
        <source>Start with the demo plan.</source>
        <translation>Mit dem Demoplan beginnen.</translation>
    </message>
    <message>
        <source>Stencil</source>
        <translation>Schablone</translation>
    </message>
    <message>
        <source>Stencil: %1</source>
        <translation>Schablone: %1</translation>
    </message>
    <message>
        <source>Step %1</source>
        <translation>Schritt %1</translation>
    </message>
    <message>
        <source>Step %1 of %2</source>
        <translation>Schritt %1 von %2</translation>
    </message>
    <message>
        <source>Step %1: %2</source>
        <translation>Schritt %1: %2</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>Steps of your own</source>
        <translation>Eigene Schritte</translation>
    </message>
    <message>
        <source>Steps: %1 instead of %2.</source>
        <translation>Schritte: %1 statt %2.</translation>
    </message>
    <message>
        <source>Sticky</source>
        <translation>Klebend</translation>
    </message>
    <message>
        <source>Sticky %1</source>
        <translation>Klebend %1</translation>
    </message>
    <message>
        <source>Sticky band</source>
        <translation>Klebestreifen</translation>
    </message>
    <message>
        <source>Still drying: %1. The timers run on while you work.</source>
        <translation>Trocknet noch: %1. Die Uhren laufen weiter, während du arbeitest.</translation>
    </message>
    <message>
        <source>Stock</source>
        <translation>Vorrat</translation>
    </message>
    <message>
        <source>Stock in the drawer</source>
        <translation>Vorrat in der Schublade</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Angehalten.</translation>
    </message>
    <message>
        <source>Stopped. It begins again with the next change, or when you come back to this place.</source>
        <translation>Angehalten. Es beginnt wieder mit der nächsten Änderung oder wenn du hierher zurückkommst.</translation>
    </message>
    <message>
        <source>Stopped. Nothing was changed.</source>
        <translation>Angehalten. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>Straight on top only the darker, covering ink shows. Otherwise stamp it first and mask it.</source>
        <translation>Direkt darüber zeigt sich nur die dunklere, deckende Farbe. Sonst stemple es zuerst und maskiere es.</translation>
    </message>
    <message>
        <source>Straightening the picture</source>
        <translation>Das Bild wird entzerrt</translation>
    </message>
    <message>
        <source>Strength</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>Strength of %1</source>
        <translation>Stärke von %1</translation>
    </message>
    <message>
        <source>Strips, plain shapes and things on paper of their own, what lies inside, the envelope.</source>
        <translation>Streifen, einfache Formen und Dinge auf eigenem Papier, was innen liegt, der Umschlag.</translation>
    </message>
    <message>
        <source>Suggest arrangements</source>
        <translation>Anordnungen vorschlagen</translation>
    </message>
    <message>
        <source>Suggest four</source>
        <translation>Vier vorschlagen</translation>
    </message>
    <message>
        <source>Suggest others</source>
        <translation>Andere vorschlagen</translation>
    </message>
    <message>
        <source>Suggest three</source>
        <translation>Drei vorschlagen</translation>
    </message>
    <message>
        <source>Suggested</source>
        <translation>Vorschlag</translation>
    </message>
    <message>
        <source>Suggestions</source>
        <translation>Vorschläge</translation>
    </message>
    <message>
        <source>Supposed are careful hands: masks laid to %1, cut to %2.</source>
        <translation>Angenommen sind sorgfältige Hände: Masken auf %1 gelegt, auf %2 geschnitten.</translation>
    </message>
    <message>
        <source>Table</source>
        <translation>Tabelle</translation>
    </message>
    <message>
        <source>Tags</source>
        <translation>Stichwörter</translation>
    </message>
    <message>
        <source>Take</source>
        <translation>Nehmen</translation>
    </message>
    <message>
        <source>Take %1 away</source>
        <translation>%1 wegnehmen</translation>
    </message>
    <message>
        <source>Take %1 instead</source>
        <translation>Stattdessen %1 nehmen</translation>
    </message>
    <message>
        <source>Take %1 off</source>
        <translation>%1 abnehmen</translation>
    </message>
    <message>
        <source>Take %1 stamps into the drawer</source>
        <translation>%1 Stempel in die Schublade legen</translation>
    </message>
    <message>
        <source>Take a mat off</source>
        <translation>Eine Zwischenlage abnehmen</translation>
    </message>
    <message>
        <source>Take a palette</source>
        <translation>Eine Palette nehmen</translation>
    </message>
    <message>
        <source>Take a part away</source>
        <translation>Einen Teil wegnehmen</translation>
    </message>
    <message>
        <source>Take a piece off</source>
        <translation>Ein Stück abnehmen</translation>
    </message>
    <message>
        <source>Take a seat</source>
        <translation>Platz nehmen</translation>
    </message>
    <message>
        <source>Take a stamp with words from the drawer and put it on the card; then its place is found here.</source>
        <translation>Nimm einen Stempel mit Wörtern aus der Schublade und setze ihn auf die Karte; dann findet sich hier sein Platz.</translation>
    </message>
    <message>
        <source>Take a variation off</source>
        <translation>Eine Variante abnehmen</translation>
    </message>
    <message>
        <source>Take all colour off %1</source>
        <translation>Alle Farbe von %1 nehmen</translation>
    </message>
    <message>
        <source>Take colour off %1</source>
        <translation>Farbe von %1 nehmen</translation>
    </message>
    <message>
        <source>Take colour out</source>
        <translation>Farbe herausnehmen</translation>
    </message>
    <message>
        <source>Take colour out of %1</source>
        <translation>Farbe aus %1 herausnehmen</translation>
    </message>
    <message>
        <source>Take in a drawer file</source>
        <translation>Schubladendatei aufnehmen</translation>
    </message>
    <message>
        <source>Take it</source>
        <translation>Nehmen</translation>
    </message>
    <message>
        <source>Take it &amp;off the card</source>
        <translation>V&amp;on der Karte nehmen</translation>
    </message>
    <message>
        <source>Take it away</source>
        <translation>Wegnehmen</translation>
    </message>
    <message>
        <source>Take it off the card</source>
        <translation>Von der Karte nehmen</translation>
    </message>
    <message>
        <source>Take it off the plan</source>
        <translation>Vom Plan nehmen</translation>
    </message>
    <message>
        <source>Take it off the stock</source>
        <translation>Vom Vorrat abziehen</translation>
    </message>
    <message>
        <source>Take it out of the log</source>
        <translation>Aus dem Logbuch nehmen</translation>
    </message>
    <message>
        <source>Take it up again</source>
        <translation>Wieder aufnehmen</translation>
    </message>
    <message>
        <source>Take marks as one</source>
        <translation>Zeichen als eines nehmen</translation>
    </message>
    <message>
        <source>Take mat %1 off</source>
        <translation>Zwischenlage %1 abnehmen</translation>
    </message>
    <message>
        <source>Take me there</source>
        <translation>Bring mich hin</translation>
    </message>
    <message>
        <source>Take off</source>
        <translation>Abnehmen</translation>
    </message>
    <message>
        <source>Take one stamp into the drawer</source>
        <translation>Einen Stempel in die Schublade legen</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Herausnehmen</translation>
    </message>
    <message>
        <source>Take out %1</source>
        <translation>%1 herausnehmen</translation>
    </message>
    <message>
        <source>Take out a step</source>
        <translation>Einen Schritt herausnehmen</translation>
    </message>
    <message>
        <source>Take the sample stamps</source>
        <translation>Die Musterstempel nehmen</translation>
    </message>
    <message>
        <source>Take them into the drawer</source>
        <translation>In die Schublade nehmen</translation>
    </message>
    <message>
        <source>Take them off the card</source>
        <translation>Von der Karte nehmen</translation>
    </message>
    <message>
        <source>Take this one</source>
        <translation>Diese nehmen</translation>
    </message>
    <message>
        <source>Take up</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>Take “%1”</source>
        <translation>„%1“ nehmen</translation>
    </message>
    <message>
        <source>Takes</source>
        <translation>Nimmt</translation>
    </message>
    <message>
        <source>Takes the colours of %1</source>
        <translation>Nimmt die Farben von %1</translation>
    </message>
    <message>
        <source>Taking up %1</source>
        <translation>%1 wird wieder aufgenommen</translation>
    </message>
    <message>
        <source>Tape over</source>
        <translation>Abkleben</translation>
    </message>
    <message>
        <source>Tape the border</source>
        <translation>Den Rand abkleben</translation>
    </message>
    <message>
        <source>Tear %1</source>
        <translation>%1 reißen</translation>
    </message>
    <message>
        <source>Tear it anew</source>
        <translation>Neu reißen</translation>
    </message>
    <message>
        <source>Tear the edge anew</source>
        <translation>Die Kante neu reißen</translation>
    </message>
    <message>
        <source>Tell me again</source>
        <translation>Sag es mir noch einmal</translation>
    </message>
    <message>
        <source>Tell the scale another way, or straighten a photo</source>
        <translation>Sag den Maßstab anders oder entzerre ein Foto</translation>
    </message>
    <message>
        <source>Text at %1 %</source>
        <translation>Schrift mit %1 %</translation>
    </message>
    <message>
        <source>That cannot be tried</source>
        <translation>Das lässt sich nicht versuchen</translation>
    </message>
    <message>
        <source>That card cannot be taken up: %1</source>
        <translation>Diese Karte lässt sich nicht aufnehmen: %1</translation>
    </message>
    <message>
        <source>That card is at the table in another window. Leave it there first.</source>
        <translation>Diese Karte liegt in einem anderen Fenster am Tisch. Verlasse sie dort zuerst.</translation>
    </message>
    <message>
        <source>That is a whole card: near and far, one hero, a sky, and the order to stamp it in. Make it on paper, or leave it for now; it is kept.</source>
        <translation>Das ist eine ganze Karte: nah und fern, ein Held, ein Himmel und die Folge, in der gestempelt wird. Mach sie auf Papier oder lass sie erst einmal; sie bleibt aufgehoben.</translation>
    </message>
    <message>
        <source>That is it</source>
        <translation>Das ist es</translation>
    </message>
    <message>
        <source>That tall</source>
        <translation>So hoch</translation>
    </message>
    <message>
        <source>The %1 is in %2, %3 pages at true size.</source>
        <translation>%1 ist in %2, %3 Seiten in wahrer Größe.</translation>
    </message>
    <message>
        <source>The %1 is in %2, one page at true size.</source>
        <translation>In %2: %1, eine Seite in wahrer Größe.</translation>
    </message>
    <message>
        <source>The %1 mat</source>
        <translation>Die %1 Zwischenlage</translation>
    </message>
    <message>
        <source>The %1, before it is printed</source>
        <translation>Vor dem Drucken: %1</translation>
    </message>
    <message>
        <source>The &amp;whole card</source>
        <translation>Die &amp;ganze Karte</translation>
    </message>
    <message>
        <source>The background</source>
        <translation>Der Hintergrund</translation>
    </message>
    <message>
        <source>The base</source>
        <translation>Die Klappkarte</translation>
    </message>
    <message>
        <source>The base is smaller than what lies on it: take a larger one, or narrower mats.</source>
        <translation>Die Klappkarte ist kleiner, als was darauf liegt: nimm eine größere oder schmalere Zwischenlagen.</translation>
    </message>
    <message>
        <source>The base shows %1 more on one pair of sides than on the other.</source>
        <translation>Von der Klappkarte ist auf einem Seitenpaar %1 mehr zu sehen als auf dem anderen.</translation>
    </message>
    <message>
        <source>The base, opened: cut on the line, score on the dots</source>
        <translation>Die Klappkarte, aufgeklappt: auf der Linie schneiden, auf den Punkten rillen</translation>
    </message>
    <message>
        <source>The base: cut on the line</source>
        <translation>Die Klappkarte: auf der Linie schneiden</translation>
    </message>
    <message>
        <source>The blade trails</source>
        <translation>Nachlauf der Klinge</translation>
    </message>
    <message>
        <source>The card</source>
        <translation>Die Karte</translation>
    </message>
    <message>
        <source>The card and what is seen of it</source>
        <translation>Die Karte und was man von ihr sieht</translation>
    </message>
    <message>
        <source>The card as it is before a light, a toned and a dark base or mat.</source>
        <translation>Die Karte, wie sie ist, vor heller, getönter und dunkler Klappkarte oder Zwischenlage.</translation>
    </message>
    <message>
        <source>The card as it is now</source>
        <translation>Die Karte, wie sie jetzt ist</translation>
    </message>
    <message>
        <source>The card as it will look. Page Down goes from thing to thing, arrow keys move the chosen one, K keeps it chosen while Page Down goes on.</source>
        <translation>Die Karte, wie sie aussehen wird. „Bild ab“ geht von Ding zu Ding, Pfeiltasten bewegen das gewählte, K hält es gewählt, während „Bild ab“ weitergeht.</translation>
    </message>
    <message>
        <source>The card at this step</source>
        <translation>Die Karte bei diesem Schritt</translation>
    </message>
    <message>
        <source>The card coloured</source>
        <translation>Die ausgemalte Karte</translation>
    </message>
    <message>
        <source>The card comes out as planned.</source>
        <translation>Die Karte wird wie geplant.</translation>
    </message>
    <message>
        <source>The card differs here from what was planned.</source>
        <translation>Die Karte ist hier anders als geplant.</translation>
    </message>
    <message>
        <source>The card drawn to scale</source>
        <translation>Die Karte maßstäblich gezeichnet</translation>
    </message>
    <message>
        <source>The card from an angle</source>
        <translation>Die Karte schräg gesehen</translation>
    </message>
    <message>
        <source>The card from the side</source>
        <translation>Die Karte von der Seite</translation>
    </message>
    <message>
        <source>The card has changed; ask again.</source>
        <translation>Die Karte hat sich geändert; frag noch einmal.</translation>
    </message>
    <message>
        <source>The card in the making could not be kept: %1</source>
        <translation>Die angefangene Karte ließ sich nicht aufbewahren: %1</translation>
    </message>
    <message>
        <source>The card is %1 g heavier than your post takes. A lighter base or one mat less helps.</source>
        <translation>Die Karte ist %1 g schwerer, als deine Post annimmt. Eine leichtere Klappkarte oder eine Zwischenlage weniger hilft.</translation>
    </message>
    <message>
        <source>The card is %1 thicker than your post takes. Thinner foam, or something flat, helps.</source>
        <translation>Die Karte ist %1 dicker, als deine Post annimmt. Dünnerer Schaum oder etwas Flaches hilft.</translation>
    </message>
    <message>
        <source>The card is called “%1” instead of “%2”.</source>
        <translation>Die Karte heißt „%1“ statt „%2“.</translation>
    </message>
    <message>
        <source>The card is done</source>
        <translation>Die Karte ist fertig</translation>
    </message>
    <message>
        <source>The card is empty. Put a first stamp on it: it comes to where its size is right.</source>
        <translation>Die Karte ist leer. Setze einen ersten Stempel darauf: er kommt dorthin, wo seine Größe stimmt.</translation>
    </message>
    <message>
        <source>The card opened</source>
        <translation>Die Karte aufgeklappt</translation>
    </message>
    <message>
        <source>The card that was begun is dropped.</source>
        <translation>Die angefangene Karte ist fallen gelassen.</translation>
    </message>
    <message>
        <source>The card tips to the left</source>
        <translation>Die Karte kippt nach links</translation>
    </message>
    <message>
        <source>The card tips to the right</source>
        <translation>Die Karte kippt nach rechts</translation>
    </message>
    <message>
        <source>The card to make</source>
        <translation>Die zu machende Karte</translation>
    </message>
    <message>
        <source>The card's plan cannot be read: %1</source>
        <translation>Der Plan der Karte ist nicht lesbar: %1</translation>
    </message>
    <message>
        <source>The card, to be coloured by hand</source>
        <translation>Die Karte, von Hand auszumalen</translation>
    </message>
    <message>
        <source>The chapter</source>
        <translation>Das Kapitel</translation>
    </message>
    <message>
        <source>The chosen thing</source>
        <translation>Das gewählte Ding</translation>
    </message>
    <message>
        <source>The chosen thing fills the view. The wheel, + and - look from nearer and farther; dragging with Shift held or the middle button moves the card.</source>
        <translation>Das gewählte Ding füllt die Ansicht. Rad, + und - sehen näher und ferner; Ziehen mit Umschalt oder der mittleren Taste bewegt die Karte.</translation>
    </message>
    <message>
        <source>The colour of %1 jumps out</source>
        <translation>Die Farbe von %1 springt heraus</translation>
    </message>
    <message>
        <source>The curve on the walk shows how much ink the mist leaves at every distance.</source>
        <translation>Die Kurve auf dem Weg zeigt, wie viel Farbe der Nebel in jeder Entfernung lässt.</translation>
    </message>
    <message>
        <source>The cutting machine…</source>
        <translation>Die Schneidemaschine…</translation>
    </message>
    <message>
        <source>The darker side is the one away from the light.</source>
        <translation>Die dunklere Seite ist die vom Licht abgewandte.</translation>
    </message>
    <message>
        <source>The drawer cannot be opened.</source>
        <translation>Die Schublade lässt sich nicht öffnen.</translation>
    </message>
    <message>
        <source>The drawer is empty</source>
        <translation>Die Schublade ist leer</translation>
    </message>
    <message>
        <source>The drawer is packed in %1.</source>
        <translation>Die Schublade ist in %1 gepackt.</translation>
    </message>
    <message>
        <source>The drawer is read-only: you can look and take, but nothing can be changed in it.</source>
        <translation>Die Schublade ist schreibgeschützt: du kannst schauen und nehmen, aber nichts darin ändern.</translation>
    </message>
    <message>
        <source>The drawer keeps no mask of these stamps. After a card is made, its masks can be kept.</source>
        <translation>In der Schublade ist keine Maske dieser Stempel. Nach dem Machen einer Karte können ihre Masken aufgehoben werden.</translation>
    </message>
    <message>
        <source>The drawer was damaged and there is no backup. It was set aside as %1; this one begins empty.</source>
        <translation>Die Schublade war beschädigt, und es gibt keine Sicherung. Sie liegt als %1 beiseite; diese beginnt leer.</translation>
    </message>
    <message>
        <source>The drawer was damaged. It was set aside as %1, and the backup from %2 took its place.</source>
        <translation>Die Schublade war beschädigt. Sie liegt als %1 beiseite, und die Sicherung von %2 trat an ihre Stelle.</translation>
    </message>
    <message>
        <source>The drawing does not say its size in millimetres: how wide is all of it?</source>
        <translation>Die Zeichnung nennt ihre Größe nicht in Millimetern: Wie breit ist sie im Ganzen?</translation>
    </message>
    <message>
        <source>The drawing says how large it is.</source>
        <translation>Die Zeichnung sagt, wie groß es ist.</translation>
    </message>
    <message>
        <source>The envelope's flap, to be stamped</source>
        <translation>Die zu stempelnde Klappe des Umschlags</translation>
    </message>
    <message>
        <source>The eye begins at %1 instead of %2.</source>
        <translation>Das Auge beginnt bei %1 statt bei %2.</translation>
    </message>
    <message>
        <source>The eye goes where it looks; it needs more room before it than behind it.</source>
        <translation>Das Auge geht, wohin es blickt; davor braucht es mehr Platz als dahinter.</translation>
    </message>
    <message>
        <source>The eye still begins at %1.</source>
        <translation>Das Auge beginnt immer noch bei %1.</translation>
    </message>
    <message>
        <source>The eyes are at %1 instead of %2.</source>
        <translation>Die Augen sind auf %1 statt %2.</translation>
    </message>
    <message>
        <source>The file does not say how large it is. Mark something whose size you know.</source>
        <translation>Die Datei sagt nicht, wie groß es ist. Markiere etwas, dessen Größe du kennst.</translation>
    </message>
    <message>
        <source>The finished card as a &amp;picture…</source>
        <translation>Die fertige Karte als &amp;Bild…</translation>
    </message>
    <message>
        <source>The finished card as a drawing in la&amp;yers…</source>
        <translation>Die fertige Karte als Zeichnung in &amp;Ebenen…</translation>
    </message>
    <message>
        <source>The first %1 are shown. What is not can be typed.</source>
        <translation>Die ersten %1 werden gezeigt. Anderes lässt sich eintippen.</translation>
    </message>
    <message>
        <source>The first thing sets the view: seen from %1 it stands right. Under “The one viewpoint” it can be changed.</source>
        <translation>Das erste Ding bestimmt den Blick: von %1 aus gesehen steht es richtig. Unter „Der eine Blickpunkt“ lässt es sich ändern.</translation>
    </message>
    <message>
        <source>The foot: arrow keys move it</source>
        <translation>Der Fuß: Pfeiltasten bewegen ihn</translation>
    </message>
    <message>
        <source>The front</source>
        <translation>Die Vorderseite</translation>
    </message>
    <message>
        <source>The greeting</source>
        <translation>Der Gruß</translation>
    </message>
    <message>
        <source>The hero</source>
        <translation>Der Held</translation>
    </message>
    <message>
        <source>The hero against its surroundings</source>
        <translation>Der Held gegen seine Umgebung</translation>
    </message>
    <message>
        <source>The hero has %1 % of the pull; %2.</source>
        <translation>Der Held hat %1 % der Anziehung; %2.</translation>
    </message>
    <message>
        <source>The hero has %1 of the pull; %2, %3.</source>
        <translation>Der Held hat %1 der Anziehung; %2, %3.</translation>
    </message>
    <message>
        <source>The hero keeps its colour; everything else is stamped and blended in greys.</source>
        <translation>Der Held behält seine Farbe; alles andere wird in Grautönen gestempelt und gezogen.</translation>
    </message>
    <message>
        <source>The hero should be seen whole, or nearly so.</source>
        <translation>Der Held soll ganz zu sehen sein, oder beinahe.</translation>
    </message>
    <message>
        <source>The horizon belongs at %1.</source>
        <translation>Der Horizont gehört auf %1.</translation>
    </message>
    <message>
        <source>The horizon crosses %1 %2, and everything else of its height there too.</source>
        <translation>Der Horizont schneidet %1 %2, und alles andere seiner Höhe auch dort.</translation>
    </message>
    <message>
        <source>The horizon is %1 higher.</source>
        <translation>Der Horizont liegt %1 höher.</translation>
    </message>
    <message>
        <source>The horizon is %1 lower.</source>
        <translation>Der Horizont liegt %1 tiefer.</translation>
    </message>
    <message>
        <source>The horizon runs through the head of %1</source>
        <translation>Der Horizont läuft durch den Kopf von %1</translation>
    </message>
    <message>
        <source>The horizon would have to lie off the card, at %1.</source>
        <translation>Der Horizont müsste neben der Karte liegen, auf %1.</translation>
    </message>
    <message>
        <source>The letters “%1” are longer than their line</source>
        <translation>Die Buchstaben „%1“ sind länger als ihre Linie</translation>
    </message>
    <message>
        <source>The letters “%1” run into %2</source>
        <translation>Die Buchstaben „%1“ laufen in %2</translation>
    </message>
    <message>
        <source>The light</source>
        <translation>Das Licht</translation>
    </message>
    <message>
        <source>The light comes from outside the picture, the same for everything.</source>
        <translation>Das Licht kommt von außerhalb des Bildes, für alles gleich.</translation>
    </message>
    <message>
        <source>The light stands in the sky: every light side is the one toward it.</source>
        <translation>Das Licht steht am Himmel: jede helle Seite ist die ihm zugewandte.</translation>
    </message>
    <message>
        <source>The line is</source>
        <translation>Die Linie misst</translation>
    </message>
    <message>
        <source>The line of work</source>
        <translation>Die Arbeitsfolge</translation>
    </message>
    <message>
        <source>The lines of the picture lead past %1</source>
        <translation>Die Linien des Bildes führen an %1 vorbei</translation>
    </message>
    <message>
        <source>The log cannot be opened: %1</source>
        <translation>Das Logbuch lässt sich nicht öffnen: %1</translation>
    </message>
    <message>
        <source>The log's database was damaged. It was set aside as %1 and made anew from the journal.</source>
        <translation>Die Datenbank des Logbuchs war beschädigt. Sie liegt als %1 beiseite und wurde aus dem Journal neu gemacht.</translation>
    </message>
    <message>
        <source>The machine: %1…</source>
        <translation>Die Maschine: %1…</translation>
    </message>
    <message>
        <source>The maker of the blade tells it; 0 for a blade that is turned by the machine</source>
        <translation>Der Hersteller der Klinge nennt es; 0 für eine Klinge, die die Maschine dreht</translation>
    </message>
    <message>
        <source>The mask of the stamp %1</source>
        <translation>Die Maske des Stempels %1</translation>
    </message>
    <message>
        <source>The mask of what shows of %1</source>
        <translation>Die Maske dessen, was von %1 zu sehen ist,</translation>
    </message>
    <message>
        <source>The mask that goes on %1 is still wet</source>
        <translation>Die Maske, die auf %1 kommt, ist noch feucht</translation>
    </message>
    <message>
        <source>The masks</source>
        <translation>Die Masken</translation>
    </message>
    <message>
        <source>The masks are still being laid out; try again in a moment.</source>
        <translation>Die Masken werden noch ausgelegt; versuche es gleich noch einmal.</translation>
    </message>
    <message>
        <source>The mat</source>
        <translation>Die Zwischenlage</translation>
    </message>
    <message>
        <source>The mist leaves %1 % of its ink; pressed like this it has %2 %.</source>
        <translation>Der Nebel lässt %1 % seiner Farbe; so gepresst hat es %2 %.</translation>
    </message>
    <message>
        <source>The name; what is learnt is kept for each by itself.</source>
        <translation>Der Name; was gelernt wird, wird für jeden getrennt aufgehoben.</translation>
    </message>
    <message>
        <source>The next lesson</source>
        <translation>Die nächste Lektion</translation>
    </message>
    <message>
        <source>The next one</source>
        <translation>Die nächste</translation>
    </message>
    <message>
        <source>The older drafts are in the wastebasket now, in case you miss one.</source>
        <translation>Die älteren Entwürfe liegen jetzt im Papierkorb, falls einer fehlt.</translation>
    </message>
    <message>
        <source>The one paper over %1</source>
        <translation>Das eine Papier über %1</translation>
    </message>
    <message>
        <source>The one should lie over the other, yet in between %1 must be stamped. Printed over everything at the end, it is free of that.</source>
        <translation>Das eine soll über dem anderen liegen, doch dazwischen muss %1 gestempelt werden. Am Ende über alles gedruckt, ist es davon frei.</translation>
    </message>
    <message>
        <source>The one should lie over the other, yet what it covers is stamped in between. Printed over everything at the end, it is free of that.</source>
        <translation>Das eine soll über dem anderen liegen, doch was es bedeckt, wird dazwischen gestempelt. Am Ende über alles gedruckt, ist es davon frei.</translation>
    </message>
    <message>
        <source>The one thing that is measured has its right size.</source>
        <translation>Das eine gemessene Ding hat die richtige Größe.</translation>
    </message>
    <message>
        <source>The one viewpoint</source>
        <translation>Der eine Blickpunkt</translation>
    </message>
    <message>
        <source>The open plan has it as it was before you changed it here.</source>
        <translation>Der offene Plan hat ihn, wie er war, bevor du ihn hier geändert hast.</translation>
    </message>
    <message>
        <source>The other size</source>
        <translation>Die andere Größe</translation>
    </message>
    <message>
        <source>The outline is open at %1 places: close it?</source>
        <translation>Der Umriss ist an %1 Stellen offen: schließen?</translation>
    </message>
    <message>
        <source>The outline is open at one place: close it?</source>
        <translation>Der Umriss ist an einer Stelle offen: schließen?</translation>
    </message>
    <message>
        <source>The panel</source>
        <translation>Die Bildkarte</translation>
    </message>
    <message>
        <source>The part of %1 is no straight one</source>
        <translation>Der Teil von %1 ist kein gerader</translation>
    </message>
    <message>
        <source>The picture</source>
        <translation>Das Bild</translation>
    </message>
    <message>
        <source>The print and its paper</source>
        <translation>Der Abdruck und sein Papier</translation>
    </message>
    <message>
        <source>The printed square was not found in this picture. It must be whole and not in shadow.</source>
        <translation>Das gedruckte Quadrat wurde in diesem Bild nicht gefunden. Es muss ganz und ohne Schatten sein.</translation>
    </message>
    <message>
        <source>The printer did not take the %1.</source>
        <translation>Der Drucker nahm %1 nicht an.</translation>
    </message>
    <message>
        <source>The proof</source>
        <translation>Der Beweis</translation>
    </message>
    <message>
        <source>The reading</source>
        <translation>Der Befund</translation>
    </message>
    <message>
        <source>The room</source>
        <translation>Der Raum</translation>
    </message>
    <message>
        <source>The row from %1</source>
        <translation>Die Reihe von %1</translation>
    </message>
    <message>
        <source>The row of %1 does not recede</source>
        <translation>Die Reihe von %1 weicht nicht zurück</translation>
    </message>
    <message>
        <source>The same card on each, and how much of the pull the hero has there.</source>
        <translation>Dieselbe Karte auf jedem, und wie viel der Anziehung der Held dort hat.</translation>
    </message>
    <message>
        <source>The same once more</source>
        <translation>Dasselbe noch einmal</translation>
    </message>
    <message>
        <source>The same scene with other stamps, light or colours.</source>
        <translation>Dieselbe Szene mit anderen Stempeln, anderem Licht oder anderen Farben.</translation>
    </message>
    <message>
        <source>The sample stamps</source>
        <translation>Die Musterstempel</translation>
    </message>
    <message>
        <source>The saved plan cannot be read.</source>
        <translation>Der gespeicherte Plan lässt sich nicht lesen.</translation>
    </message>
    <message>
        <source>The scanned sheet</source>
        <translation>Der gescannte Bogen</translation>
    </message>
    <message>
        <source>The scene</source>
        <translation>Die Szene</translation>
    </message>
    <message>
        <source>The scene begins at %1 m</source>
        <translation>Die Szene beginnt bei %1 m</translation>
    </message>
    <message>
        <source>The scene from the side. Up and down arrows go from thing to thing, left and right ones move the chosen thing nearer and farther; V takes hold of mist and other blends.</source>
        <translation>Die Szene von der Seite. Pfeil auf und ab gehen von Ding zu Ding, links und rechts rücken das gewählte näher und ferner; V fasst Nebel und andere Verläufe.</translation>
    </message>
    <message>
        <source>The shadow of %1 falls the wrong way</source>
        <translation>Der Schatten von %1 fällt falsch</translation>
    </message>
    <message>
        <source>The sheet for the class</source>
        <translation>Das Blatt für den Kurs</translation>
    </message>
    <message>
        <source>The sheets are out of the drawer, %1 offcuts are in it.</source>
        <translation>Die Bogen sind aus der Schublade, %1 Reststücke sind darin.</translation>
    </message>
    <message>
        <source>The sheets are out of the drawer, one offcut is in it.</source>
        <translation>Die Bogen sind aus der Schublade, ein Reststück ist darin.</translation>
    </message>
    <message>
        <source>The sheets are out of the drawer.</source>
        <translation>Die Bogen sind aus der Schublade.</translation>
    </message>
    <message>
        <source>The sheets as they are cut</source>
        <translation>Die Bogen, wie sie geschnitten werden</translation>
    </message>
    <message>
        <source>The shelf</source>
        <translation>Das Regal</translation>
    </message>
    <message>
        <source>The simulated card equals what you planned, but for the hair a hand leaves along masks.</source>
        <translation>Die gedachte Karte gleicht deinem Plan bis auf das Haar, das eine Hand an Masken stehen lässt.</translation>
    </message>
    <message>
        <source>The simulated card equals what you planned.</source>
        <translation>Die simulierte Karte gleicht deinem Plan.</translation>
    </message>
    <message>
        <source>The stamp</source>
        <translation>Der Stempel</translation>
    </message>
    <message>
        <source>The stamp and its mask</source>
        <translation>Der Stempel und seine Maske</translation>
    </message>
    <message>
        <source>The stand-in makes this card with hands that err a little, and takes its picture.</source>
        <translation>Der Ersatz macht diese Karte mit Händen, die ein wenig irren, und nimmt ihr Bild auf.</translation>
    </message>
    <message>
        <source>The stand-in scanner is at work</source>
        <translation>Der Ersatzscanner arbeitet</translation>
    </message>
    <message>
        <source>The step</source>
        <translation>Der Schritt</translation>
    </message>
    <message>
        <source>The steps</source>
        <translation>Die Schritte</translation>
    </message>
    <message>
        <source>The steps in their order</source>
        <translation>Die Schritte der Reihe nach</translation>
    </message>
    <message>
        <source>The teacher has the masks cut</source>
        <translation>Die Masken sind schon geschnitten</translation>
    </message>
    <message>
        <source>The thing</source>
        <translation>Das Ding</translation>
    </message>
    <message>
        <source>The thing, not the stamp: without it Havlo cannot say where it may stand</source>
        <translation>Das Ding, nicht der Stempel: ohne dies kann Havlo nicht sagen, wo er stehen darf</translation>
    </message>
    <message>
        <source>The walk</source>
        <translation>Der Weg</translation>
    </message>
    <message>
        <source>The walk: the same scene from the side</source>
        <translation>Der Weg: dieselbe Szene von der Seite</translation>
    </message>
    <message>
        <source>The washes, in the order they are blended</source>
        <translation>Die Verläufe, in der Reihenfolge, in der sie gezogen werden</translation>
    </message>
    <message>
        <source>The weight lies %1left of the middle (%2).</source>
        <translation>Das Gewicht liegt %1links der Mitte (%2).</translation>
    </message>
    <message>
        <source>The weight lies %1right of the middle (%2).</source>
        <translation>Das Gewicht liegt %1rechts der Mitte (%2).</translation>
    </message>
    <message>
        <source>The weight lies in the middle.</source>
        <translation>Das Gewicht liegt in der Mitte.</translation>
    </message>
    <message>
        <source>The white of %1 lies under %2</source>
        <translation>Das Weiß von %1 liegt unter %2</translation>
    </message>
    <message>
        <source>The white of %1 stands on bare paper</source>
        <translation>Das Weiß von %1 steht auf bloßem Papier</translation>
    </message>
    <message>
        <source>The whole card</source>
        <translation>Die ganze Karte</translation>
    </message>
    <message>
        <source>Their colours hardly differ. From about 10 on they are told apart at a glance.</source>
        <translation>Ihre Farben sind kaum verschieden. Ab etwa 10 unterscheidet man sie auf den ersten Blick.</translation>
    </message>
    <message>
        <source>Then the hero has %1 % of the pull instead of %2 %.</source>
        <translation>Dann hat der Held %1 % der Anziehung statt %2 %.</translation>
    </message>
    <message>
        <source>There are</source>
        <translation>Es sind</translation>
    </message>
    <message>
        <source>There are no stamps in this plan. Take some from your drawer, begin with the demo, or open a plan of yours.</source>
        <translation>In diesem Plan sind keine Stempel. Nimm welche aus deiner Schublade, beginne mit der Demo oder öffne einen Plan von dir.</translation>
    </message>
    <message>
        <source>There is</source>
        <translation>Es ist</translation>
    </message>
    <message>
        <source>There is %1, of %2 of join in all.</source>
        <translation>Es ist %1, von zusammen %2 Naht.</translation>
    </message>
    <message>
        <source>There is no %1.</source>
        <translation>%1 gibt es nicht.</translation>
    </message>
    <message>
        <source>There is no folder %1.</source>
        <translation>Einen Ordner %1 gibt es nicht.</translation>
    </message>
    <message>
        <source>There is no greeting on the card.</source>
        <translation>Auf der Karte ist kein Gruß.</translation>
    </message>
    <message>
        <source>There is no picture in this folder.</source>
        <translation>In diesem Ordner ist kein Bild.</translation>
    </message>
    <message>
        <source>There is no plain space</source>
        <translation>Es gibt keine ruhige Stelle</translation>
    </message>
    <message>
        <source>There is no wastebasket where these drafts are. They stay here: %1.</source>
        <translation>Wo diese Entwürfe liegen, gibt es keinen Papierkorb. Sie bleiben hier: %1.</translation>
    </message>
    <message>
        <source>There is not enough memory for this. Nothing was changed.</source>
        <translation>Dafür ist nicht genug Speicher da. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>There is nothing on the card yet.</source>
        <translation>Noch ist nichts auf der Karte.</translation>
    </message>
    <message>
        <source>There is nothing to explain here. F1 opens the handbook.</source>
        <translation>Hier gibt es nichts zu erklären. F1 öffnet das Handbuch.</translation>
    </message>
    <message>
        <source>There is nothing to make yet.</source>
        <translation>Es gibt noch nichts zu machen.</translation>
    </message>
    <message>
        <source>There is one size only: paler pressings and the spacing must do the rest.</source>
        <translation>Es gibt nur eine Größe: blassere Pressungen und der Abstand müssen den Rest tun.</translation>
    </message>
    <message>
        <source>These %1 to the wastebasket</source>
        <translation>Diese %1 in den Papierkorb</translation>
    </message>
    <message>
        <source>They are</source>
        <translation>Sie sind</translation>
    </message>
    <message>
        <source>They need a base line of about %1: drag one.</source>
        <translation>Sie brauchen eine Grundlinie von etwa %1: ziehe eine.</translation>
    </message>
    <message>
        <source>They need about %1.</source>
        <translation>Sie brauchen etwa %1.</translation>
    </message>
    <message>
        <source>They touch and are covered together: one piece of paper does for all of them.</source>
        <translation>Sie berühren sich und werden zusammen abgedeckt: ein Stück Papier reicht für alle.</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>Dicke</translation>
    </message>
    <message>
        <source>Thickness of the paper</source>
        <translation>Dicke des Papiers</translation>
    </message>
    <message>
        <source>Thing</source>
        <translation>Ding</translation>
    </message>
    <message>
        <source>Things are everywhere, above the ground too, and touch as they come.</source>
        <translation>Dinge sind überall, auch über dem Boden, und berühren sich, wie es kommt.</translation>
    </message>
    <message>
        <source>Things stand in layers here</source>
        <translation>Dinge stehen hier in Schichten</translation>
    </message>
    <message>
        <source>This &amp;point is for</source>
        <translation>Dieser &amp;Punkt ist für</translation>
    </message>
    <message>
        <source>This card came from an older log, without its plan.</source>
        <translation>Diese Karte kam aus einem älteren Logbuch, ohne ihren Plan.</translation>
    </message>
    <message>
        <source>This card has no viewpoint.</source>
        <translation>Diese Karte hat keinen Blickpunkt.</translation>
    </message>
    <message>
        <source>This card is in no file yet. What you do is kept beside, and offered again after a fall.</source>
        <translation>Diese Karte ist noch in keiner Datei. Was du tust, wird daneben aufgehoben und nach einem Sturz wieder angeboten.</translation>
    </message>
    <message>
        <source>This card needs no mask.</source>
        <translation>Diese Karte braucht keine Maske.</translation>
    </message>
    <message>
        <source>This card on another size</source>
        <translation>Diese Karte in anderer Größe</translation>
    </message>
    <message>
        <source>This card, arranged better</source>
        <translation>Diese Karte, besser angeordnet</translation>
    </message>
    <message>
        <source>This card, done wholly one way</source>
        <translation>Diese Karte, ganz auf eine Art</translation>
    </message>
    <message>
        <source>This card, freshened</source>
        <translation>Diese Karte, aufgefrischt</translation>
    </message>
    <message>
        <source>This computer</source>
        <translation>Dieser Computer</translation>
    </message>
    <message>
        <source>This could not be done (%1). Nothing was changed.</source>
        <translation>Das ging nicht (%1). Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>This could not be done. Nothing was changed.</source>
        <translation>Das ging nicht. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>This folder</source>
        <translation>Diesen Ordner</translation>
    </message>
    <message>
        <source>This is a pattern all over the card</source>
        <translation>Dies ist ein Muster über die ganze Karte</translation>
    </message>
    <message>
        <source>This is your own order, as good as the best.</source>
        <translation>Das ist deine eigene Folge, so gut wie die beste.</translation>
    </message>
    <message>
        <source>This is your own order.</source>
        <translation>Das ist deine eigene Folge.</translation>
    </message>
    <message>
        <source>This is your own order; the best takes %1 less.</source>
        <translation>Das ist deine eigene Folge; die beste braucht %1 weniger.</translation>
    </message>
    <message>
        <source>This one I know</source>
        <translation>Davon weiß ich</translation>
    </message>
    <message>
        <source>This part of the card is done</source>
        <translation>Dieser Teil der Karte ist getan</translation>
    </message>
    <message>
        <source>This point is for nothing</source>
        <translation>Dieser Punkt ist für nichts</translation>
    </message>
    <message>
        <source>This step before</source>
        <translation>Dieser Schritt vor</translation>
    </message>
    <message>
        <source>This wants a hero and inks of colour, in the plan or in the drawer.</source>
        <translation>Dies braucht einen Helden und bunte Farben, im Plan oder in der Schublade.</translation>
    </message>
    <message>
        <source>Tile or board</source>
        <translation>Fliese oder Brett</translation>
    </message>
    <message>
        <source>Tiles of %1 m</source>
        <translation>Fliesen von %1 m</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>Time at the table: %1 min instead of %2.</source>
        <translation>Zeit am Tisch: %1 min statt %2.</translation>
    </message>
    <message>
        <source>Time for blending</source>
        <translation>Zeit zum Ziehen</translation>
    </message>
    <message>
        <source>Time for colouring and lines by hand</source>
        <translation>Zeit zum Ausmalen und für Linien von Hand</translation>
    </message>
    <message>
        <source>Time for cutting masks</source>
        <translation>Zeit zum Schneiden der Masken</translation>
    </message>
    <message>
        <source>Time for cutting, scoring and gluing</source>
        <translation>Zeit zum Schneiden, Rillen und Kleben</translation>
    </message>
    <message>
        <source>Time for embossing</source>
        <translation>Zeit zum Embossen</translation>
    </message>
    <message>
        <source>Time for laying and lifting masks</source>
        <translation>Zeit zum Legen und Abheben der Masken</translation>
    </message>
    <message>
        <source>Time for stamping</source>
        <translation>Zeit zum Stempeln</translation>
    </message>
    <message>
        <source>Title of the card</source>
        <translation>Titel der Karte</translation>
    </message>
    <message>
        <source>To get</source>
        <translation>Zu besorgen</translation>
    </message>
    <message>
        <source>To stay in practice.</source>
        <translation>Um in Übung zu bleiben.</translation>
    </message>
    <message>
        <source>Too large for it: %1.</source>
        <translation>Zu groß dafür: %1.</translation>
    </message>
    <message>
        <source>Torn once; its two pieces serve the two sides.</source>
        <translation>Einmal gerissen; die beiden Stücke dienen den beiden Seiten.</translation>
    </message>
    <message>
        <source>Tracing</source>
        <translation>Wird nachgezogen</translation>
    </message>
    <message>
        <source>Transparent ink vanishes on this paper: %1</source>
        <translation>Durchsichtige Farbe verschwindet auf diesem Papier: %1</translation>
    </message>
    <message>
        <source>Tried ten thousand times with masks laid 0.4 mm and 0.7° off and cut 0.15 mm off (usual figures). A join shows when a gap or ink run in is wider than 0.3 mm.</source>
        <translation>Zehntausendmal versucht mit Masken, die 0,4 mm und 0,7° daneben liegen und 0,15 mm daneben geschnitten sind (übliche Werte). Eine Naht ist zu sehen, wenn eine Lücke oder hineingelaufene Farbe breiter als 0,3 mm ist.</translation>
    </message>
    <message>
        <source>Trim the panel</source>
        <translation>Die Bildkarte beschneiden</translation>
    </message>
    <message>
        <source>Trimming, tape and the mat take their share there.</source>
        <translation>Beschnitt, Band und Zwischenlage nehmen dort ihren Teil.</translation>
    </message>
    <message>
        <source>True height of the marked rectangle</source>
        <translation>Wahre Höhe des markierten Rechtecks</translation>
    </message>
    <message>
        <source>True length of the marked line</source>
        <translation>Wahre Länge der markierten Linie</translation>
    </message>
    <message>
        <source>True size, printed side up: turn them as you like, never flip them. Cut on the line.</source>
        <translation>Wahre Größe, gedruckte Seite oben: drehe sie beliebig, wende sie nie. Auf der Linie schneiden.</translation>
    </message>
    <message>
        <source>True width of the marked rectangle</source>
        <translation>Wahre Breite des markierten Rechtecks</translation>
    </message>
    <message>
        <source>Try a sample</source>
        <translation>Ein Muster versuchen</translation>
    </message>
    <message>
        <source>Try a slip</source>
        <translation>Ein Versehen versuchen</translation>
    </message>
    <message>
        <source>Try the cutter</source>
        <translation>Den Schneider versuchen</translation>
    </message>
    <message>
        <source>Try with a made-up picture</source>
        <translation>Mit einem gemachten Bild versuchen</translation>
    </message>
    <message>
        <source>Trying the joins</source>
        <translation>Die Nähte werden geprobt</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>Turn %1</source>
        <translation>%1 drehen</translation>
    </message>
    <message>
        <source>Turn %1 by %2°</source>
        <translation>%1 um %2° drehen</translation>
    </message>
    <message>
        <source>Turn %1 to %2°</source>
        <translation>%1 auf %2° drehen</translation>
    </message>
    <message>
        <source>Turn a piece</source>
        <translation>Ein Stück drehen</translation>
    </message>
    <message>
        <source>Turn it</source>
        <translation>Drehen</translation>
    </message>
    <message>
        <source>Turn it round</source>
        <translation>Umdrehen</translation>
    </message>
    <message>
        <source>Turn it to %1°</source>
        <translation>Auf %1° drehen</translation>
    </message>
    <message>
        <source>Turn the light</source>
        <translation>Das Licht drehen</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Gedreht</translation>
    </message>
    <message>
        <source>Type it as 2 3/8, 2.375in, 60mm or 6cm</source>
        <translation>Tippe es als 2 3/8, 2,375in, 60mm oder 6cm</translation>
    </message>
    <message>
        <source>Type the measure from the &amp;left</source>
        <translation>Das Maß von &amp;links eintippen</translation>
    </message>
    <message>
        <source>Type the measure from the botto&amp;m</source>
        <translation>Das Maß von &amp;unten eintippen</translation>
    </message>
    <message>
        <source>Typical real height, metres</source>
        <translation>Übliche wirkliche Höhe, Meter</translation>
    </message>
    <message>
        <source>Uncolour</source>
        <translation>Entfärben</translation>
    </message>
    <message>
        <source>Uncover %1</source>
        <translation>%1 aufdecken</translation>
    </message>
    <message>
        <source>Under Ink &amp; light, Background, add a wash: mist.</source>
        <translation>Füge unter Farbe &amp; Licht, Hintergrund einen Verlauf hinzu: Nebel.</translation>
    </message>
    <message>
        <source>Under Ink &amp; light, Background, press A sky.</source>
        <translation>Drücke unter Farbe &amp; Licht, Hintergrund auf Ein Himmel.</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Undo: %1</source>
        <translation>Zurück: %1</translation>
    </message>
    <message>
        <source>Unfold</source>
        <translation>Entfalten</translation>
    </message>
    <message>
        <source>Unfold the walk</source>
        <translation>Den Weg entfalten</translation>
    </message>
    <message>
        <source>Unsaved work is not safe: %1</source>
        <translation>Nicht gespeicherte Arbeit ist nicht sicher: %1</translation>
    </message>
    <message>
        <source>Upright</source>
        <translation>Aufrecht</translation>
    </message>
    <message>
        <source>Upright becomes lying, lying upright</source>
        <translation>Stehend wird liegend, liegend stehend</translation>
    </message>
    <message>
        <source>Use it in this plan</source>
        <translation>In diesem Plan benutzen</translation>
    </message>
    <message>
        <source>Use kept masks</source>
        <translation>Aufgehobene Masken benutzen</translation>
    </message>
    <message>
        <source>Use masks from the drawer</source>
        <translation>Masken aus der Schublade benutzen</translation>
    </message>
    <message>
        <source>Use the printed square</source>
        <translation>Das gedruckte Quadrat benutzen</translation>
    </message>
    <message>
        <source>Usual heights</source>
        <translation>Übliche Höhen</translation>
    </message>
    <message>
        <source>Usual size</source>
        <translation>Übliche Größe</translation>
    </message>
    <message>
        <source>Vary</source>
        <translation>Abwandeln</translation>
    </message>
    <message>
        <source>Vary the colours of %1</source>
        <translation>Die Farben von %1 abwandeln</translation>
    </message>
    <message>
        <source>Vary the footing, the turn, the crop or the ink of one.</source>
        <translation>Wandle Stand, Drehung, Ausschnitt oder Farbe von einem ab.</translation>
    </message>
    <message>
        <source>Very far away.</source>
        <translation>Sehr weit weg.</translation>
    </message>
    <message>
        <source>Water</source>
        <translation>Wasser</translation>
    </message>
    <message>
        <source>Waves of the edge</source>
        <translation>Wellen der Kante</translation>
    </message>
    <message>
        <source>Waves, high</source>
        <translation>Wellen, hoch</translation>
    </message>
    <message>
        <source>Waves, long</source>
        <translation>Wellen, lang</translation>
    </message>
    <message>
        <source>Ways out</source>
        <translation>Auswege</translation>
    </message>
    <message>
        <source>We said %1, it took %2.</source>
        <translation>Wir sagten %1, es brauchte %2.</translation>
    </message>
    <message>
        <source>What</source>
        <translation>Was</translation>
    </message>
    <message>
        <source>What &amp;changed since it was saved</source>
        <translation>Was sich seit dem Speichern &amp;geändert hat</translation>
    </message>
    <message>
        <source>What Havlo has learnt</source>
        <translation>Was Havlo gelernt hat</translation>
    </message>
    <message>
        <source>What changed since it was saved</source>
        <translation>Was sich seit dem Speichern geändert hat</translation>
    </message>
    <message>
        <source>What do you &amp;begin with…</source>
        <translation>Womit &amp;beginnst du…</translation>
    </message>
    <message>
        <source>What do you begin with?</source>
        <translation>Womit beginnst du?</translation>
    </message>
    <message>
        <source>What do you want to do?</source>
        <translation>Was möchtest du tun?</translation>
    </message>
    <message>
        <source>What do you want to do? Type a word of it: mask, gaps, print …</source>
        <translation>Was möchtest du tun? Tippe ein Wort davon: Maske, Lücken, drucken …</translation>
    </message>
    <message>
        <source>What goes across a rim is stamped when all else is there, so it lies over it. Stamp it on the panel, or move it.</source>
        <translation>Was über einen Rand geht, wird gestempelt, wenn alles andere da ist, und liegt also darüber. Stemple es auf die Bildkarte oder rücke es.</translation>
    </message>
    <message>
        <source>What happened</source>
        <translation>Was geschah</translation>
    </message>
    <message>
        <source>What if</source>
        <translation>Was wäre</translation>
    </message>
    <message>
        <source>What if …</source>
        <translation>Was wäre, wenn …</translation>
    </message>
    <message>
        <source>What is alone of its colour is found at once, however many there are.</source>
        <translation>Was allein von seiner Farbe ist, findet man sofort, wie viele es auch sind.</translation>
    </message>
    <message>
        <source>What is done at each</source>
        <translation>Was jeweils getan wird</translation>
    </message>
    <message>
        <source>What is it?</source>
        <translation>Was ist es?</translation>
    </message>
    <message>
        <source>What is it? “coat”, “left ear”</source>
        <translation>Was ist es? „Mantel“, „linkes Ohr“</translation>
    </message>
    <message>
        <source>What is left out is too large or too small for the others' ground.</source>
        <translation>Was fehlt, ist für den Boden der anderen zu groß oder zu klein.</translation>
    </message>
    <message>
        <source>What is lettered by hand wants its room kept plain.</source>
        <translation>Was von Hand geschrieben wird, braucht seinen Platz frei.</translation>
    </message>
    <message>
        <source>What is listed</source>
        <translation>Was aufgelistet ist</translation>
    </message>
    <message>
        <source>What is seen first</source>
        <translation>Was zuerst gesehen wird</translation>
    </message>
    <message>
        <source>What is stamped already and would be run over must be covered. Nothing else need be.</source>
        <translation>Was schon gestempelt ist und überlaufen würde, muss abgedeckt sein. Sonst nichts.</translation>
    </message>
    <message>
        <source>What is wanted</source>
        <translation>Was gewünscht ist</translation>
    </message>
    <message>
        <source>What is worth it now comes first; ten cards to put in order follow.</source>
        <translation>Was sich jetzt lohnt, kommt zuerst; zehn Karten zum Ordnen folgen.</translation>
    </message>
    <message>
        <source>What it names is not there: %1. It is kept, and done again when that is back.</source>
        <translation>Was es nennt, ist nicht da: %1. Es bleibt und wird wieder getan, wenn das zurück ist.</translation>
    </message>
    <message>
        <source>What it says</source>
        <translation>Was sie sagt</translation>
    </message>
    <message>
        <source>What it shows, its set, a tag</source>
        <translation>Was es zeigt, sein Satz, ein Stichwort</translation>
    </message>
    <message>
        <source>What it takes</source>
        <translation>Was sie braucht</translation>
    </message>
    <message>
        <source>What it took is off the stock.</source>
        <translation>Was sie brauchte, ist vom Vorrat abgezogen.</translation>
    </message>
    <message>
        <source>What it took of the stock</source>
        <translation>Was sie vom Vorrat brauchte</translation>
    </message>
    <message>
        <source>What leads</source>
        <translation>Was führt</translation>
    </message>
    <message>
        <source>What leads the eye</source>
        <translation>Was das Auge führt</translation>
    </message>
    <message>
        <source>What lies under %1 stands on foam</source>
        <translation>Was unter %1 liegt, steht auf Schaum</translation>
    </message>
    <message>
        <source>What pulls</source>
        <translation>Was anzieht</translation>
    </message>
    <message>
        <source>What rises straight behind a head is taken for a part of it.</source>
        <translation>Was gerade hinter einem Kopf aufsteigt, wird für einen Teil davon gehalten.</translation>
    </message>
    <message>
        <source>What runs straight away from the viewer meets at one point of the horizon; nearly there looks bent.</source>
        <translation>Was gerade vom Betrachter wegläuft, trifft sich in einem Punkt des Horizonts; knapp daneben sieht verbogen aus.</translation>
    </message>
    <message>
        <source>What sits on or hangs from a thing must meet it, or it seems to fall.</source>
        <translation>Was auf einem Ding sitzt oder daran hängt, muss es treffen, sonst scheint es zu fallen.</translation>
    </message>
    <message>
        <source>What stands against it: first %1. All else of the order is as it was.</source>
        <translation>Was dagegen steht: zuerst %1. Alles andere der Folge ist, wie es war.</translation>
    </message>
    <message>
        <source>What stands out</source>
        <translation>Was heraussticht</translation>
    </message>
    <message>
        <source>What the card took is off the stock.</source>
        <translation>Was die Karte brauchte, ist vom Vorrat abgezogen.</translation>
    </message>
    <message>
        <source>What the post takes</source>
        <translation>Was die Post annimmt</translation>
    </message>
    <message>
        <source>What the scene says</source>
        <translation>Was die Szene sagt</translation>
    </message>
    <message>
        <source>What was copied cannot be put on this card. %1</source>
        <translation>Was kopiert wurde, lässt sich nicht auf diese Karte setzen. %1</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Was gefunden wurde</translation>
    </message>
    <message>
        <source>What was learnt</source>
        <translation>Was gelernt wurde</translation>
    </message>
    <message>
        <source>What was not saved of a card without a title is kept.</source>
        <translation>Was von einer Karte ohne Titel nicht gespeichert war, bleibt aufbewahrt.</translation>
    </message>
    <message>
        <source>What was not saved of “%1” is kept.</source>
        <translation>Was von „%1“ nicht gespeichert war, bleibt aufbewahrt.</translation>
    </message>
    <message>
        <source>What was shaded by hand agrees with it.</source>
        <translation>Was von Hand schattiert wurde, stimmt dazu.</translation>
    </message>
    <message>
        <source>What went wrong?</source>
        <translation>Was ging schief?</translation>
    </message>
    <message>
        <source>Whatever reaches the line is as high as the eyes, %1.</source>
        <translation>Was die Linie erreicht, ist so hoch wie die Augen, %1.</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Wann</translation>
    </message>
    <message>
        <source>When a card is made it stands here with its plan: how long it took, what went wrong, and, once you hold a scan or a photo of it against the plan, how it came out. What your hands tell is used for the next one.</source>
        <translation>Ist eine Karte gemacht, steht sie hier mit ihrem Plan: wie lange es dauerte, was schiefging und, sobald du einen Scan oder ein Foto gegen den Plan hältst, wie sie geriet. Was deine Hände sagen, hilft der nächsten.</translation>
    </message>
    <message>
        <source>When each begins, by maker</source>
        <translation>Wann jede Person beginnt</translation>
    </message>
    <message>
        <source>When it is dry, go over the line with a marker that nearly matches the ground.</source>
        <translation>Wenn es trocken ist, geh mit einem Marker über die Linie, der dem Grund fast gleicht.</translation>
    </message>
    <message>
        <source>When it is dry, take it off with a sand eraser, a little at a time. Do not breathe the dust in.</source>
        <translation>Wenn es trocken ist, nimm es mit einem Sandradierer ab, immer nur wenig. Atme den Staub nicht ein.</translation>
    </message>
    <message>
        <source>Where</source>
        <translation>Wo</translation>
    </message>
    <message>
        <source>Where both lie, each takes away what the other lets through.</source>
        <translation>Wo beide liegen, nimmt jedes weg, was das andere durchlässt.</translation>
    </message>
    <message>
        <source>Where does the horizon run? Drag the line there, or move it with the arrow keys.</source>
        <translation>Wo läuft der Horizont? Ziehe die Linie dorthin oder bewege sie mit den Pfeiltasten.</translation>
    </message>
    <message>
        <source>Where it could stand</source>
        <translation>Wo er stehen könnte</translation>
    </message>
    <message>
        <source>Where the horizon is</source>
        <translation>Wo der Horizont ist</translation>
    </message>
    <message>
        <source>Where these things could go so that the hero is seen more and less is left to mend. Tick what must stay where it is.</source>
        <translation>Wohin diese Dinge könnten, damit der Held mehr auffällt und weniger zu verbessern bleibt. Hake an, was bleiben muss, wo es ist.</translation>
    </message>
    <message>
        <source>Where to put the %1</source>
        <translation>Wohin %1 soll</translation>
    </message>
    <message>
        <source>Which greeting</source>
        <translation>Welcher Gruß</translation>
    </message>
    <message>
        <source>Which papers must lie</source>
        <translation>Welche Papiere liegen müssen</translation>
    </message>
    <message>
        <source>Which surface is worked on</source>
        <translation>An welcher Fläche gearbeitet wird</translation>
    </message>
    <message>
        <source>Which way the fibres run</source>
        <translation>Wie die Faser läuft</translation>
    </message>
    <message>
        <source>While it was made: %1</source>
        <translation>Beim Machen: %1</translation>
    </message>
    <message>
        <source>Who competes, and why</source>
        <translation>Wer wetteifert, und warum</translation>
    </message>
    <message>
        <source>Who does what when, in hours and minutes; the numbers are those of the table, white needs no tool</source>
        <translation>Wer wann was tut, in Stunden und Minuten; die Zahlen sind die der Tabelle, Weiß braucht kein Werkzeug</translation>
    </message>
    <message>
        <source>Whole card</source>
        <translation>Ganze Karte</translation>
    </message>
    <message>
        <source>Whose eyes</source>
        <translation>Wessen Augen</translation>
    </message>
    <message>
        <source>Whose hands are at work</source>
        <translation>Wessen Hände am Werk sind</translation>
    </message>
    <message>
        <source>Wide</source>
        <translation>Breit</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>Width of %1</source>
        <translation>Breite von %1</translation>
    </message>
    <message>
        <source>Width of a sheet</source>
        <translation>Breite eines Bogens</translation>
    </message>
    <message>
        <source>Width of openings that are closed</source>
        <translation>Breite der Öffnungen, die geschlossen werden</translation>
    </message>
    <message>
        <source>Width of the border</source>
        <translation>Breite des Randes</translation>
    </message>
    <message>
        <source>Width of the folded base</source>
        <translation>Breite der gefalteten Klappkarte</translation>
    </message>
    <message>
        <source>Width of the line</source>
        <translation>Breite der Linie</translation>
    </message>
    <message>
        <source>Width of the masking sheet</source>
        <translation>Breite des Maskierbogens</translation>
    </message>
    <message>
        <source>Width of the panel</source>
        <translation>Breite der Bildkarte</translation>
    </message>
    <message>
        <source>Width of the piece</source>
        <translation>Breite des Stücks</translation>
    </message>
    <message>
        <source>Wipe %1 clean</source>
        <translation>%1 sauber wischen</translation>
    </message>
    <message>
        <source>Wipe the pad nearly dry</source>
        <translation>Das Kissen fast trocken wischen</translation>
    </message>
    <message>
        <source>Wishes</source>
        <translation>Wünsche</translation>
    </message>
    <message>
        <source>With</source>
        <translation>Mit</translation>
    </message>
    <message>
        <source>With %1 once more they are done %2 earlier.</source>
        <translation>Noch einmal %1, und sie sind %2 früher fertig.</translation>
    </message>
    <message>
        <source>With a</source>
        <translation>Mit einem</translation>
    </message>
    <message>
        <source>With children, blades, the heat tool and solvents stay with the teacher; small parts are kept from the very young. The makers' labels and the rules of the place go before this sheet.</source>
        <translation>Mit Kindern bleiben Klingen, Heißluftgerät und Lösungsmittel bei der Lehrkraft; Kleinteile gehören nicht zu den ganz Kleinen. Die Hinweise der Hersteller und die Regeln vor Ort gehen diesem Blatt vor.</translation>
    </message>
    <message>
        <source>With marks, print the PDF at its true size, lay the sheet in, and cut the other file: the machine's eye finds where the sheet lies</source>
        <translation>Mit Marken: das PDF in wahrer Größe drucken, das Blatt einlegen und die andere Datei schneiden; das Auge der Maschine findet, wo das Blatt liegt</translation>
    </message>
    <message>
        <source>With room for a second word above it</source>
        <translation>Mit Platz für ein zweites Wort darüber</translation>
    </message>
    <message>
        <source>With room for a second word below it</source>
        <translation>Mit Platz für ein zweites Wort darunter</translation>
    </message>
    <message>
        <source>With these stamps and pads it cannot be less than %1.</source>
        <translation>Mit diesen Stempeln und Kissen geht es nicht unter %1.</translation>
    </message>
    <message>
        <source>Without a place where nothing is, the hero has nothing to stand out from.</source>
        <translation>Ohne eine Stelle, wo nichts ist, kann sich der Held von nichts abheben.</translation>
    </message>
    <message>
        <source>Without masks on %1 about %2 of what is behind would show through; %3 saved.</source>
        <translation>Ohne Masken auf %1 schiene etwa %2 von dem, was dahinter ist, durch; %3 gespart.</translation>
    </message>
    <message>
        <source>Without one thing that is meant to be seen first, all of them compete.</source>
        <translation>Ohne ein Ding, das zuerst auffallen soll, wetteifern alle.</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>Work on a card without a title from %1 was not saved. It is still here.</source>
        <translation>Arbeit an einer Karte ohne Titel vom %1 war nicht gespeichert. Sie ist noch da.</translation>
    </message>
    <message>
        <source>Work on a piece of %1 and trim it to %2 at the end.</source>
        <translation>Arbeite auf einem Stück von %1 und beschneide es am Ende auf %2.</translation>
    </message>
    <message>
        <source>Work on “%1” from %2 was not saved. It is still here.</source>
        <translation>Arbeit an „%1“ vom %2 war nicht gespeichert. Sie ist noch da.</translation>
    </message>
    <message>
        <source>Work that was &amp;not saved</source>
        <translation>&amp;Nicht gespeicherte Arbeit</translation>
    </message>
    <message>
        <source>Work with the left hand</source>
        <translation>Mit der linken Hand arbeiten</translation>
    </message>
    <message>
        <source>Work with the right hand</source>
        <translation>Mit der rechten Hand arbeiten</translation>
    </message>
    <message>
        <source>Working allowance of %1</source>
        <translation>Arbeitszugabe von %1</translation>
    </message>
    <message>
        <source>Working allowance on every side</source>
        <translation>Arbeitszugabe auf jeder Seite</translation>
    </message>
    <message>
        <source>Working it out …</source>
        <translation>Wird ausgerechnet …</translation>
    </message>
    <message>
        <source>Would stand right at this many metres in the open scene</source>
        <translation>Stünde in offener Szene bei so vielen Metern richtig</translation>
    </message>
    <message>
        <source>Write down what happened; it is kept with this card.</source>
        <translation>Schreib auf, was geschah; es bleibt bei dieser Karte.</translation>
    </message>
    <message>
        <source>Write instead</source>
        <translation>Stattdessen schreiben</translation>
    </message>
    <message>
        <source>Write it down and go on</source>
        <translation>Aufschreiben und weiter</translation>
    </message>
    <message>
        <source>Write it in the log</source>
        <translation>Ins Logbuch schreiben</translation>
    </message>
    <message>
        <source>Write it into %1</source>
        <translation>In %1 schreiben</translation>
    </message>
    <message>
        <source>Write it into my ink</source>
        <translation>In meine Farbe schreiben</translation>
    </message>
    <message>
        <source>Write the words, then drag a base line for them. The letters are yours; here they keep the room.</source>
        <translation>Schreibe die Wörter, dann ziehe eine Grundlinie dafür. Die Buchstaben sind deine; hier halten sie den Platz frei.</translation>
    </message>
    <message>
        <source>Write them as percentages from 0 to 100, the first pressing first.</source>
        <translation>Schreibe sie als Prozente von 0 bis 100, die erste Pressung zuerst.</translation>
    </message>
    <message>
        <source>Writing %1</source>
        <translation>%1 wird geschrieben</translation>
    </message>
    <message>
        <source>Writing the %1</source>
        <translation>%1 wird geschrieben</translation>
    </message>
    <message>
        <source>Wrong</source>
        <translation>Falsch</translation>
    </message>
    <message>
        <source>Yes, a pattern</source>
        <translation>Ja, ein Muster</translation>
    </message>
    <message>
        <source>Yes, by eye</source>
        <translation>Ja, nach Augenmaß</translation>
    </message>
    <message>
        <source>Yes, on purpose</source>
        <translation>Ja, mit Absicht</translation>
    </message>
    <message>
        <source>You buy</source>
        <translation>Du kaufst</translation>
    </message>
    <message>
        <source>You laid %1 covers; %2 are enough in another order.</source>
        <translation>Du legtest %1 Abdeckungen; in anderer Reihenfolge reichen %2.</translation>
    </message>
    <message>
        <source>You left %1 slender parts off the mask, %2.</source>
        <translation>Du ließest %1 schmale Teile von der Maske, %2.</translation>
    </message>
    <message>
        <source>You left a %1 off the mask.</source>
        <translation>Du ließest ein %1 von der Maske.</translation>
    </message>
    <message>
        <source>You shaded it from where the scene's light does not come. All shading must agree with one light.</source>
        <translation>Du schattiertest es, als käme das Licht von woanders. Alle Schattierung muss zu einem Licht passen.</translation>
    </message>
    <message>
        <source>Your card has up to %1 papers lying at once.</source>
        <translation>Auf deiner Karte liegen bis zu %1 Papiere zugleich.</translation>
    </message>
    <message>
        <source>Your card mixes covering and stamping over.</source>
        <translation>Deine Karte mischt Abdecken und Darüberstempeln.</translation>
    </message>
    <message>
        <source>Your card needs a paper to lie.</source>
        <translation>Deine Karte braucht ein Papier, das liegt.</translation>
    </message>
    <message>
        <source>Your hand</source>
        <translation>Deine Hand</translation>
    </message>
    <message>
        <source>Your hands, from %1 cards: masks laid to %2, cut to %3.</source>
        <translation>Deine Hände, aus %1 Karten: Masken auf %2 gelegt, auf %3 geschnitten.</translation>
    </message>
    <message>
        <source>Your hands, from 1 card: masks laid to %1, cut to %2.</source>
        <translation>Deine Hände, aus 1 Karte: Masken auf %1 gelegt, auf %2 geschnitten.</translation>
    </message>
    <message>
        <source>Your own card</source>
        <translation>Deine eigene Karte</translation>
    </message>
    <message>
        <source>Your own step</source>
        <translation>Dein eigener Schritt</translation>
    </message>
    <message>
        <source>Your papers lie farther off than papers usually do.</source>
        <translation>Deine Papiere liegen weiter daneben als Papiere sonst.</translation>
    </message>
    <message>
        <source>Your post takes</source>
        <translation>Deine Post nimmt</translation>
    </message>
    <message>
        <source>Your stamps</source>
        <translation>Deine Stempel</translation>
    </message>
    <message>
        <source>Your stamps: Return puts one on the card</source>
        <translation>Deine Stempel: Eingabe setzt einen auf die Karte</translation>
    </message>
    <message>
        <source>Your steps</source>
        <translation>Deine Schritte</translation>
    </message>
    <message>
        <source>Yours is not pressed yet</source>
        <translation>Deine ist noch nicht gedruckt</translation>
    </message>
    <message>
        <source>Yours kept %1 % of its contrast: too dark.</source>
        <translation>Deiner behielt %1 % seines Kontrasts: zu dunkel.</translation>
    </message>
    <message>
        <source>Yours kept %1 % of its contrast: too pale.</source>
        <translation>Deiner behielt %1 % seines Kontrasts: zu blass.</translation>
    </message>
    <message>
        <source>Zip</source>
        <translation>Zip</translation>
    </message>
    <message>
        <source>a blend</source>
        <translation>ein Verlauf</translation>
    </message>
    <message>
        <source>a blending tool</source>
        <translation>ein Wischwerkzeug</translation>
    </message>
    <message>
        <source>a blending tool for each wash</source>
        <translation>ein Wischwerkzeug für jeden Verlauf</translation>
    </message>
    <message>
        <source>a brush, water and %1</source>
        <translation>ein Pinsel, Wasser und %1</translation>
    </message>
    <message>
        <source>a card is larger than 20 mm each way</source>
        <translation>eine Karte ist in jeder Richtung größer als 20 mm</translation>
    </message>
    <message>
        <source>a card without a title</source>
        <translation>eine Karte ohne Titel</translation>
    </message>
    <message>
        <source>a crowd needs stamps</source>
        <translation>eine Menge braucht Stempel</translation>
    </message>
    <message>
        <source>a cut is %1 wide</source>
        <translation>ein Schnitt ist %1 breit</translation>
    </message>
    <message>
        <source>a damp cloth</source>
        <translation>ein feuchtes Tuch</translation>
    </message>
    <message>
        <source>a die cuts its outline</source>
        <translation>eine Stanze schneidet seinen Umriss</translation>
    </message>
    <message>
        <source>a disc of %1 out of masking paper; keep the sheet too</source>
        <translation>eine Scheibe von %1 aus Maskierpapier; behalte auch den Bogen</translation>
    </message>
    <message>
        <source>a distance is more than nothing</source>
        <translation>eine Entfernung ist mehr als nichts</translation>
    </message>
    <message>
        <source>a distance must be more than nothing</source>
        <translation>eine Entfernung muss mehr als nichts sein</translation>
    </message>
    <message>
        <source>a fine pen</source>
        <translation>ein feiner Stift</translation>
    </message>
    <message>
        <source>a hair</source>
        <translation>ein Haar</translation>
    </message>
    <message>
        <source>a lantern near by</source>
        <translation>eine Laterne in der Nähe</translation>
    </message>
    <message>
        <source>a lifted spot</source>
        <translation>eine aufgehellte Stelle</translation>
    </message>
    <message>
        <source>a light near by, %1 above the ground</source>
        <translation>ein Licht in der Nähe, %1 über dem Boden</translation>
    </message>
    <message>
        <source>a line</source>
        <translation>eine Linie</translation>
    </message>
    <message>
        <source>a line across the stamp wants two ends</source>
        <translation>eine Linie durch den Stempel braucht zwei Enden</translation>
    </message>
    <message>
        <source>a line by hand</source>
        <translation>eine Linie von Hand</translation>
    </message>
    <message>
        <source>a line joined</source>
        <translation>eine angeschlossene Linie</translation>
    </message>
    <message>
        <source>a line runs to %1, %2 mm: farther than any sheet</source>
        <translation>eine Linie läuft bis %1, %2 mm: weiter als jeder Bogen</translation>
    </message>
    <message>
        <source>a little</source>
        <translation>ein wenig</translation>
    </message>
    <message>
        <source>a little </source>
        <translation>ein wenig </translation>
    </message>
    <message>
        <source>a long soft edge</source>
        <translation>eine lange weiche Kante</translation>
    </message>
    <message>
        <source>a marker</source>
        <translation>ein Marker</translation>
    </message>
    <message>
        <source>a mask at hand has at least one use left</source>
        <translation>eine vorhandene Maske lässt sich mindestens noch einmal legen</translation>
    </message>
    <message>
        <source>a mask of a stamp that is not there</source>
        <translation>eine Maske eines Stempels, der nicht da ist</translation>
    </message>
    <message>
        <source>a mask of what shows of %1</source>
        <translation>eine Maske dessen, was von %1 zu sehen ist</translation>
    </message>
    <message>
        <source>a mask that goes from card to card</source>
        <translation>eine Maske, die von Karte zu Karte wandert</translation>
    </message>
    <message>
        <source>a mask would keep out next to nothing here</source>
        <translation>eine Maske hielte hier fast nichts ab</translation>
    </message>
    <message>
        <source>a measure beyond 5 m</source>
        <translation>ein Maß über 5 m</translation>
    </message>
    <message>
        <source>a name, or a whole path</source>
        <translation>ein Name oder ein ganzer Pfad</translation>
    </message>
    <message>
        <source>a new %1</source>
        <translation>ein neues %1</translation>
    </message>
    <message>
        <source>a new one</source>
        <translation>ein neues</translation>
    </message>
    <message>
        <source>a notch to feel</source>
        <translation>eine Kerbe zum Fühlen</translation>
    </message>
    <message>
        <source>a page of the PDF has no size</source>
        <translation>eine Seite des PDF hat keine Größe</translation>
    </message>
    <message>
        <source>a panel's sides are from 5 to 2000 mm</source>
        <translation>die Seiten eines Felds sind 5 bis 2000 mm lang</translation>
    </message>
    <message>
        <source>a part</source>
        <translation>ein Teil</translation>
    </message>
    <message>
        <source>a part of its own shape</source>
        <translation>ein Teil von eigener Form</translation>
    </message>
    <message>
        <source>a picture of patterned or prepared paper, scanned or photographed</source>
        <translation>ein Bild von gemustertem oder vorbereitetem Papier, gescannt oder fotografiert</translation>
    </message>
    <message>
        <source>a piece needs a width and a height above 0</source>
        <translation>ein Teil braucht eine Breite und eine Höhe über 0</translation>
    </message>
    <message>
        <source>a place at the edge of the card</source>
        <translation>eine Stelle am Kartenrand</translation>
    </message>
    <message>
        <source>a plate, not a stamp</source>
        <translation>eine Platte, kein Stempel</translation>
    </message>
    <message>
        <source>a point has only one coordinate</source>
        <translation>ein Punkt hat nur eine Koordinate</translation>
    </message>
    <message>
        <source>a quarter of the way up</source>
        <translation>ein Viertel der Höhe</translation>
    </message>
    <message>
        <source>a real height must be more than 0, least before typical before most</source>
        <translation>eine wirkliche Höhe ist mehr als 0, die kleinste vor der üblichen vor der größten</translation>
    </message>
    <message>
        <source>a ring</source>
        <translation>ein Ring</translation>
    </message>
    <message>
        <source>a ring needs at least three points</source>
        <translation>ein Ring braucht mindestens drei Punkte</translation>
    </message>
    <message>
        <source>a ring that covers no area</source>
        <translation>ein Ring, der keine Fläche hat</translation>
    </message>
    <message>
        <source>a room cannot be fitted to another size: its walls are where they are</source>
        <translation>ein Raum lässt sich nicht an eine andere Größe anpassen: Seine Wände sind, wo sie sind</translation>
    </message>
    <message>
        <source>a row must begin on the ground, below the horizon</source>
        <translation>eine Reihe muss am Boden beginnen, unter dem Horizont</translation>
    </message>
    <message>
        <source>a row needs a stamp</source>
        <translation>eine Reihe braucht einen Stempel</translation>
    </message>
    <message>
        <source>a sand eraser</source>
        <translation>ein Sandradierer</translation>
    </message>
    <message>
        <source>a scan of one stamp pressed again and again without inking, in reading order</source>
        <translation>ein Scan eines Stempels, der ohne neue Farbe immer wieder gedrückt ist, in Leserichtung</translation>
    </message>
    <message>
        <source>a scan of patches of your inks and markers side by side on white paper</source>
        <translation>ein Scan von Flecken deiner Farben und Marker nebeneinander auf weißem Papier</translation>
    </message>
    <message>
        <source>a school is needed for every impression</source>
        <translation>jeder Abdruck braucht ein Verfahren</translation>
    </message>
    <message>
        <source>a scoring tool</source>
        <translation>ein Rillwerkzeug</translation>
    </message>
    <message>
        <source>a size of your own</source>
        <translation>eine eigene Größe</translation>
    </message>
    <message>
        <source>a small thing by hand</source>
        <translation>eine Kleinigkeit von Hand</translation>
    </message>
    <message>
        <source>a soft dry cloth</source>
        <translation>ein weiches trockenes Tuch</translation>
    </message>
    <message>
        <source>a soft edge is from 0 to 200 mm wide</source>
        <translation>ein weicher Rand ist 0 bis 200 mm breit</translation>
    </message>
    <message>
        <source>a soft pencil, a ruler and an eraser</source>
        <translation>ein weicher Bleistift, ein Lineal und ein Radierer</translation>
    </message>
    <message>
        <source>a sponge, dabbed</source>
        <translation>ein Schwamm, getupft</translation>
    </message>
    <message>
        <source>a spray</source>
        <translation>ein Spray</translation>
    </message>
    <message>
        <source>a stencil of %1 slits that meet at one point</source>
        <translation>eine Schablone aus %1 Schlitzen, die sich in einem Punkt treffen</translation>
    </message>
    <message>
        <source>a step is missing</source>
        <translation>ein Schritt fehlt</translation>
    </message>
    <message>
        <source>a step is there twice or belongs to another plan</source>
        <translation>ein Schritt ist doppelt oder gehört zu einem anderen Plan</translation>
    </message>
    <message>
        <source>a test strip needs at least two pressings</source>
        <translation>ein Probestreifen braucht mindestens zwei Pressungen</translation>
    </message>
    <message>
        <source>a test strip needs at least two pressings side by side, with room between them</source>
        <translation>ein Probestreifen braucht mindestens zwei Pressungen nebeneinander, mit Platz dazwischen</translation>
    </message>
    <message>
        <source>a thing cannot stand on itself</source>
        <translation>ein Ding kann nicht auf sich selbst stehen</translation>
    </message>
    <message>
        <source>a third of the way up</source>
        <translation>ein Drittel der Höhe</translation>
    </message>
    <message>
        <source>a tick to see</source>
        <translation>ein Häkchen zum Sehen</translation>
    </message>
    <message>
        <source>a trimmer loses nothing; scissors want a little</source>
        <translation>ein Schneidegerät verliert nichts; eine Schere will ein wenig</translation>
    </message>
    <message>
        <source>a wash reaches from nothing to all of its area</source>
        <translation>ein Verlauf reicht von nichts bis über seine ganze Fläche</translation>
    </message>
    <message>
        <source>a wet brush</source>
        <translation>ein nasser Pinsel</translation>
    </message>
    <message>
        <source>a white gap of %1 over %2</source>
        <translation>eine weiße Lücke von %1 über %2</translation>
    </message>
    <message>
        <source>a white gap of up to %1 beside %2, along %3</source>
        <translation>eine weiße Lücke bis %1 neben %2, auf %3</translation>
    </message>
    <message>
        <source>a wish</source>
        <translation>ein Wunsch</translation>
    </message>
    <message>
        <source>about %1</source>
        <translation>etwa %1</translation>
    </message>
    <message>
        <source>about a third of what it bears is used</source>
        <translation>etwa ein Drittel dessen, was sie trägt, ist verbraucht</translation>
    </message>
    <message>
        <source>about as much is used as it bears</source>
        <translation>etwa so viel ist verbraucht, wie sie trägt</translation>
    </message>
    <message>
        <source>about half of what it bears is used</source>
        <translation>etwa die Hälfte dessen, was sie trägt, ist verbraucht</translation>
    </message>
    <message>
        <source>about three quarters of what it bears are used</source>
        <translation>etwa drei Viertel dessen, was sie trägt, sind verbraucht</translation>
    </message>
    <message>
        <source>above a line</source>
        <translation>über einer Linie</translation>
    </message>
    <message>
        <source>above it</source>
        <translation>darüber</translation>
    </message>
    <message>
        <source>across the rim</source>
        <translation>über den Rand</translation>
    </message>
    <message>
        <source>add wash blend</source>
        <translation>hinzufügen Verlauf wischen</translation>
    </message>
    <message>
        <source>adhesive strip or slow glue, about %1</source>
        <translation>Klebestreifen oder langsamer Kleber, etwa %1</translation>
    </message>
    <message>
        <source>adhesive: strips that hold at once, or glue that leaves time to push</source>
        <translation>Kleber: Streifen, die sofort halten, oder Leim, der Zeit zum Schieben lässt</translation>
    </message>
    <message>
        <source>ahead to the left</source>
        <translation>voraus nach links</translation>
    </message>
    <message>
        <source>ahead to the right</source>
        <translation>voraus nach rechts</translation>
    </message>
    <message>
        <source>akin</source>
        <translation>verwandt</translation>
    </message>
    <message>
        <source>align ground line</source>
        <translation>ausrichten Bodenlinie</translation>
    </message>
    <message>
        <source>all %1, the best at each place</source>
        <translation>alle %1, der beste an jeder Stelle</translation>
    </message>
    <message>
        <source>all alike</source>
        <translation>alle gleich</translation>
    </message>
    <message>
        <source>all in one go: </source>
        <translation>alle in einem Zug: </translation>
    </message>
    <message>
        <source>all ink is dry; with a soft eraser, before any colour goes on</source>
        <translation>alle Farbe ist trocken; mit weichem Radierer, bevor Farbe darauf kommt</translation>
    </message>
    <message>
        <source>all of it</source>
        <translation>alles davon</translation>
    </message>
    <message>
        <source>all of it has had its time; touch it to be sure</source>
        <translation>alles hatte seine Zeit; fühle nach, um sicher zu sein</translation>
    </message>
    <message>
        <source>all over</source>
        <translation>überall</translation>
    </message>
    <message>
        <source>along the bottom</source>
        <translation>unten entlang</translation>
    </message>
    <message>
        <source>along the top</source>
        <translation>oben entlang</translation>
    </message>
    <message>
        <source>along the top only</source>
        <translation>nur oben entlang</translation>
    </message>
    <message>
        <source>along what shows of it</source>
        <translation>entlang dessen, was zu sehen ist</translation>
    </message>
    <message>
        <source>amber</source>
        <translation>Bernstein</translation>
    </message>
    <message>
        <source>an act cannot come before itself</source>
        <translation>eine Handlung kann nicht vor sich selbst kommen</translation>
    </message>
    <message>
        <source>an opening of %1 by %2 in a sheet of masking paper</source>
        <translation>eine Öffnung von %1 mal %2 in einem Bogen Maskierpapier</translation>
    </message>
    <message>
        <source>an opening wants a width and a height</source>
        <translation>eine Öffnung braucht eine Breite und eine Höhe</translation>
    </message>
    <message>
        <source>an outline</source>
        <translation>ein Umriss</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>und %1 weitere</translation>
    </message>
    <message>
        <source>and for colouring %1</source>
        <translation>und zum Ausmalen %1</translation>
    </message>
    <message>
        <source>and more: see the list of what the cards need</source>
        <translation>und mehr: siehe die Liste dessen, was die Karten brauchen</translation>
    </message>
    <message>
        <source>animal</source>
        <translation>Tier</translation>
    </message>
    <message>
        <source>another colour</source>
        <translation>eine andere Farbe</translation>
    </message>
    <message>
        <source>another hero or other words on some of the cards</source>
        <translation>ein anderer Held oder andere Wörter auf einigen der Karten</translation>
    </message>
    <message>
        <source>another program is using the drawer</source>
        <translation>ein anderes Programm benutzt die Schublade</translation>
    </message>
    <message>
        <source>another program is using the drawer. Nothing was changed</source>
        <translation>ein anderes Programm benutzt die Schublade. Nichts wurde geändert</translation>
    </message>
    <message>
        <source>another program is using the log</source>
        <translation>ein anderes Programm benutzt das Logbuch</translation>
    </message>
    <message>
        <source>another program is using the log. Nothing was changed</source>
        <translation>ein anderes Programm benutzt das Logbuch. Nichts wurde geändert</translation>
    </message>
    <message>
        <source>another stamp or ink …</source>
        <translation>ein anderer Stempel oder eine andere Farbe …</translation>
    </message>
    <message>
        <source>any facing</source>
        <translation>Blick egal</translation>
    </message>
    <message>
        <source>arch</source>
        <translation>Bogen</translation>
    </message>
    <message>
        <source>archival</source>
        <translation>archivfest</translation>
    </message>
    <message>
        <source>arrow keys move it</source>
        <translation>Pfeiltasten bewegen es</translation>
    </message>
    <message>
        <source>as far away as %1</source>
        <translation>so weit weg wie %1</translation>
    </message>
    <message>
        <source>as is usual for it</source>
        <translation>wie dafür üblich</translation>
    </message>
    <message>
        <source>as is usual; no card says more yet</source>
        <translation>wie üblich; noch sagt keine Karte mehr</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie es ist</translation>
    </message>
    <message>
        <source>as it is: %1</source>
        <translation>wie es ist: %1</translation>
    </message>
    <message>
        <source>as its kind usually does</source>
        <translation>wie seine Art es meist tut</translation>
    </message>
    <message>
        <source>as measured</source>
        <translation>wie gemessen</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>wie geplant</translation>
    </message>
    <message>
        <source>as planned is least work in the end</source>
        <translation>wie geplant ist am Ende am wenigsten Arbeit</translation>
    </message>
    <message>
        <source>as the light falls</source>
        <translation>wie das Licht fällt</translation>
    </message>
    <message>
        <source>as the plan says</source>
        <translation>wie der Plan sagt</translation>
    </message>
    <message>
        <source>as usual: %1</source>
        <translation>wie üblich: %1</translation>
    </message>
    <message>
        <source>at %1, about %2 in all; a fine pen in the ink's colour, carried on to the edge, not over it</source>
        <translation>bei %1, zusammen etwa %2; ein feiner Stift in der Farbe, bis an die Kante gezogen, nicht darüber</translation>
    </message>
    <message>
        <source>at its foot</source>
        <translation>an seinem Fuß</translation>
    </message>
    <message>
        <source>at its left side</source>
        <translation>an seiner linken Seite</translation>
    </message>
    <message>
        <source>at its lower left</source>
        <translation>links unten an ihm</translation>
    </message>
    <message>
        <source>at its lower right</source>
        <translation>rechts unten an ihm</translation>
    </message>
    <message>
        <source>at its right side</source>
        <translation>an seiner rechten Seite</translation>
    </message>
    <message>
        <source>at its top</source>
        <translation>oben an ihm</translation>
    </message>
    <message>
        <source>at its upper left</source>
        <translation>links oben an ihm</translation>
    </message>
    <message>
        <source>at its upper right</source>
        <translation>rechts oben an ihm</translation>
    </message>
    <message>
        <source>at noon</source>
        <translation>am Mittag</translation>
    </message>
    <message>
        <source>at the border</source>
        <translation>am Rand</translation>
    </message>
    <message>
        <source>at the bottom</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>at the card's edge</source>
        <translation>am Kartenrand</translation>
    </message>
    <message>
        <source>at the left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>at the lower left</source>
        <translation>links unten</translation>
    </message>
    <message>
        <source>at the lower right</source>
        <translation>rechts unten</translation>
    </message>
    <message>
        <source>at the right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>at the top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>at the upper left</source>
        <translation>links oben</translation>
    </message>
    <message>
        <source>at the upper right</source>
        <translation>rechts oben</translation>
    </message>
    <message>
        <source>autumn</source>
        <translation>Herbst</translation>
    </message>
    <message>
        <source>avenue fence posts</source>
        <translation>Allee Zaun Pfosten</translation>
    </message>
    <message>
        <source>bare edge, by care</source>
        <translation>freier Rand, durch Sorgfalt</translation>
    </message>
    <message>
        <source>base</source>
        <translation>Klappkarte</translation>
    </message>
    <message>
        <source>base, mats, panel and papers, for other cards; they are kept in the drawer</source>
        <translation>Klappkarte, Zwischenlagen, Bildkarte und Papiere, für andere Karten; sie liegen in der Schublade</translation>
    </message>
    <message>
        <source>before everything</source>
        <translation>vor allem</translation>
    </message>
    <message>
        <source>behind everything</source>
        <translation>hinter allem</translation>
    </message>
    <message>
        <source>behind the viewer</source>
        <translation>hinter dem Betrachter</translation>
    </message>
    <message>
        <source>behind whatever stands</source>
        <translation>hinter allem, was steht</translation>
    </message>
    <message>
        <source>behind you, to the left</source>
        <translation>hinter dir, nach links</translation>
    </message>
    <message>
        <source>behind you, to the right</source>
        <translation>hinter dir, nach rechts</translation>
    </message>
    <message>
        <source>beige</source>
        <translation>beige</translation>
    </message>
    <message>
        <source>being made …</source>
        <translation>wird gemacht …</translation>
    </message>
    <message>
        <source>below a line</source>
        <translation>unter einer Linie</translation>
    </message>
    <message>
        <source>below it</source>
        <translation>darunter</translation>
    </message>
    <message>
        <source>below its foot</source>
        <translation>unter seinem Fuß</translation>
    </message>
    <message>
        <source>bench</source>
        <translation>Bank</translation>
    </message>
    <message>
        <source>bend the sheet gently both ways: it gives more easily round its fibres, and folds without cracking along them</source>
        <translation>biege den Bogen sanft in beide Richtungen: um seine Faser gibt er leichter nach, und längs davon faltet er, ohne zu brechen</translation>
    </message>
    <message>
        <source>better: %1, %2</source>
        <translation>besser: %1, %2</translation>
    </message>
    <message>
        <source>between two things there is nothing to space: choose three or more</source>
        <translation>zwischen zwei Dingen gibt es nichts zu verteilen: Wähle drei oder mehr</translation>
    </message>
    <message>
        <source>black</source>
        <translation>schwarz</translation>
    </message>
    <message>
        <source>blending %1</source>
        <translation>Ziehen von %1</translation>
    </message>
    <message>
        <source>blue</source>
        <translation>Blau</translation>
    </message>
    <message>
        <source>boards</source>
        <translation>Dielen</translation>
    </message>
    <message>
        <source>bought, or cut from stencil film: %1 openings, %2 by %3 in all</source>
        <translation>gekauft oder aus Schablonenfolie geschnitten: %1 Öffnungen, zusammen %2 mal %3</translation>
    </message>
    <message>
        <source>bricks of 12 mm</source>
        <translation>Ziegel von 12 mm</translation>
    </message>
    <message>
        <source>brown</source>
        <translation>braun</translation>
    </message>
    <message>
        <source>brush</source>
        <translation>Pinsel</translation>
    </message>
    <message>
        <source>building</source>
        <translation>Gebäude</translation>
    </message>
    <message>
        <source>by %1</source>
        <translation>um %1</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>by hand along its outline</source>
        <translation>von Hand längs seines Umrisses</translation>
    </message>
    <message>
        <source>by the length you marked</source>
        <translation>nach der Länge, die du markiert hast</translation>
    </message>
    <message>
        <source>by what it shows</source>
        <translation>nach dem, was es zeigt</translation>
    </message>
    <message>
        <source>byte %1</source>
        <translation>Byte %1</translation>
    </message>
    <message>
        <source>calibration square</source>
        <translation>das Eichquadrat</translation>
    </message>
    <message>
        <source>canal</source>
        <translation>Kanal</translation>
    </message>
    <message>
        <source>cannot open %1: %2</source>
        <translation>kann %1 nicht öffnen: %2</translation>
    </message>
    <message>
        <source>cannot read %1: %2</source>
        <translation>kann %1 nicht lesen: %2</translation>
    </message>
    <message>
        <source>cannot write %1: %2</source>
        <translation>kann %1 nicht schreiben: %2</translation>
    </message>
    <message>
        <source>card for the base</source>
        <translation>Karton für die Klappkarte</translation>
    </message>
    <message>
        <source>changed since it was saved</source>
        <translation>geändert seit dem Speichern</translation>
    </message>
    <message>
        <source>chest</source>
        <translation>Truhe</translation>
    </message>
    <message>
        <source>choose the hero first: a palette is built around it</source>
        <translation>wähle zuerst den Helden: Eine Palette wird um ihn herum gebaut</translation>
    </message>
    <message>
        <source>choose the hero first: an arrangement is built around it</source>
        <translation>wähle zuerst den Helden: Eine Anordnung wird um ihn herum gebaut</translation>
    </message>
    <message>
        <source>choose the hero first: it is the one that keeps its colour</source>
        <translation>wähle zuerst den Helden: Er behält seine Farbe</translation>
    </message>
    <message>
        <source>choose the hero first: the card is freshened around it</source>
        <translation>wähle zuerst den Helden: Die Karte wird um ihn herum aufgefrischt</translation>
    </message>
    <message>
        <source>clean the stamp</source>
        <translation>reinige den Stempel</translation>
    </message>
    <message>
        <source>clean the stamp first</source>
        <translation>reinige zuerst den Stempel</translation>
    </message>
    <message>
        <source>clear</source>
        <translation>klar</translation>
    </message>
    <message>
        <source>clear powder</source>
        <translation>klares Pulver</translation>
    </message>
    <message>
        <source>clear powder and the heat tool (it burns: mind its label)</source>
        <translation>klares Pulver und das Heißluftgerät (es verbrennt: beachte seine Hinweise)</translation>
    </message>
    <message>
        <source>click a part, sweep over several</source>
        <translation>klicke einen Teil an, streiche über mehrere</translation>
    </message>
    <message>
        <source>clouds blue</source>
        <translation>Wolken blau</translation>
    </message>
    <message>
        <source>colour pad harmony</source>
        <translation>Farbe Stempelkissen Harmonie</translation>
    </message>
    <message>
        <source>colour tint</source>
        <translation>Farbe Ton</translation>
    </message>
    <message>
        <source>colouring %1 in %2</source>
        <translation>Ausmalen von %1 in %2</translation>
    </message>
    <message>
        <source>copies batch shopping workshop</source>
        <translation>Exemplare Serie Einkauf Kurs</translation>
    </message>
    <message>
        <source>costs nothing else</source>
        <translation>kostet sonst nichts</translation>
    </message>
    <message>
        <source>covered %1 times, a mask lasts %2</source>
        <translation>%1-mal abgedeckt, eine Maske hält %2</translation>
    </message>
    <message>
        <source>covered once</source>
        <translation>einmal abgedeckt</translation>
    </message>
    <message>
        <source>covered: %1</source>
        <translation>abgedeckt: %1</translation>
    </message>
    <message>
        <source>cut list</source>
        <translation>die Schneideliste</translation>
    </message>
    <message>
        <source>cut off what hangs over the panel</source>
        <translation>schneide ab, was über die Bildkarte hängt</translation>
    </message>
    <message>
        <source>cut off?</source>
        <translation>abgeschnitten?</translation>
    </message>
    <message>
        <source>cut the masks %1 mm inside the line: %2</source>
        <translation>schneide die Masken %1 mm innerhalb der Linie: %2</translation>
    </message>
    <message>
        <source>cut-out</source>
        <translation>Ausgeschnittenes</translation>
    </message>
    <message>
        <source>damp it, strew grains of salt %1, and brush them off when all is dry</source>
        <translation>feuchte es an, streue Salzkörner %1 und bürste sie ab, wenn alles trocken ist</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>dunkel</translation>
    </message>
    <message>
        <source>dark blue</source>
        <translation>dunkelblau</translation>
    </message>
    <message>
        <source>dark brown</source>
        <translation>dunkelbraun</translation>
    </message>
    <message>
        <source>dark edges</source>
        <translation>dunkle Kanten</translation>
    </message>
    <message>
        <source>dark green</source>
        <translation>dunkelgrün</translation>
    </message>
    <message>
        <source>dark grey</source>
        <translation>dunkelgrau</translation>
    </message>
    <message>
        <source>dark red</source>
        <translation>dunkelrot</translation>
    </message>
    <message>
        <source>dark turquoise</source>
        <translation>dunkeltürkis</translation>
    </message>
    <message>
        <source>dark violet</source>
        <translation>dunkelviolett</translation>
    </message>
    <message>
        <source>darker along its edge</source>
        <translation>dunkler längs seiner Kante</translation>
    </message>
    <message>
        <source>darker away from the light</source>
        <translation>dunkler vom Licht weg</translation>
    </message>
    <message>
        <source>darker towards the light</source>
        <translation>dunkler zum Licht hin</translation>
    </message>
    <message>
        <source>deep</source>
        <translation>tiefes</translation>
    </message>
    <message>
        <source>degrees, to the left</source>
        <translation>Grad, nach links</translation>
    </message>
    <message>
        <source>delete away</source>
        <translation>löschen weg</translation>
    </message>
    <message>
        <source>difference compare</source>
        <translation>Unterschied vergleichen</translation>
    </message>
    <message>
        <source>differs by %1</source>
        <translation>weicht um %1 ab</translation>
    </message>
    <message>
        <source>disc</source>
        <translation>Scheibe</translation>
    </message>
    <message>
        <source>dissolves</source>
        <translation>löst sich</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>Entfernung</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>door</source>
        <translation>Tür</translation>
    </message>
    <message>
        <source>door in the left wall</source>
        <translation>Tür in der linken Wand</translation>
    </message>
    <message>
        <source>dots</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>dots of 4 mm</source>
        <translation>Punkte von 4 mm</translation>
    </message>
    <message>
        <source>dots of 8 mm</source>
        <translation>Punkte von 8 mm</translation>
    </message>
    <message>
        <source>down</source>
        <translation>abwärts</translation>
    </message>
    <message>
        <source>dpi</source>
        <translation>dpi</translation>
    </message>
    <message>
        <source>draw a line</source>
        <translation>eine Linie zeichnen</translation>
    </message>
    <message>
        <source>draw it on masking paper, cut along the line; keep both pieces</source>
        <translation>zeichne sie auf Maskierpapier, schneide längs der Linie; behalte beide Stücke</translation>
    </message>
    <message>
        <source>draw the outline round the print in one go; it is cut out where you drew</source>
        <translation>ziehe den Umriss in einem Zug um den Abdruck; geschnitten wird, wo du gezeichnet hast</translation>
    </message>
    <message>
        <source>drawing %1</source>
        <translation>Zeichnen von %1</translation>
    </message>
    <message>
        <source>dries %1</source>
        <translation>trocknet %1</translation>
    </message>
    <message>
        <source>drops of water</source>
        <translation>Wassertropfen</translation>
    </message>
    <message>
        <source>drops of water %1; count to ten, then dab them up</source>
        <translation>Wassertropfen %1; zähle bis zehn, dann tupfe sie auf</translation>
    </message>
    <message>
        <source>dry in %1</source>
        <translation>trocken in %1</translation>
    </message>
    <message>
        <source>duplicate double again</source>
        <translation>verdoppeln doppelt noch einmal</translation>
    </message>
    <message>
        <source>dye</source>
        <translation>Farbstoff</translation>
    </message>
    <message>
        <source>dye sinks into the dark ground</source>
        <translation>Farbstoff versinkt im dunklen Grund</translation>
    </message>
    <message>
        <source>each part a little stronger or paler, so that copies are no clones</source>
        <translation>jeder Teil ein wenig stärker oder blasser, damit Kopien keine Klone sind</translation>
    </message>
    <message>
        <source>emboss %1: ink wipes off it</source>
        <translation>%1 embossen: Farbe lässt sich davon abwischen</translation>
    </message>
    <message>
        <source>emboss the front clear; ink wipes off it</source>
        <translation>das Vordere klar embossen; Farbe lässt sich davon abwischen</translation>
    </message>
    <message>
        <source>embossing</source>
        <translation>Embossing</translation>
    </message>
    <message>
        <source>embossing powder</source>
        <translation>Embossingpulver</translation>
    </message>
    <message>
        <source>embossing powder for %1 things</source>
        <translation>Embossingpulver für %1 Dinge</translation>
    </message>
    <message>
        <source>embossing powder for one thing</source>
        <translation>Embossingpulver für ein Ding</translation>
    </message>
    <message>
        <source>empty</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>end of the line: only one side of it is stamped</source>
        <translation>Ende der Linie: nur eine Seite davon wird gestempelt</translation>
    </message>
    <message>
        <source>enough</source>
        <translation>genug</translation>
    </message>
    <message>
        <source>envelope</source>
        <translation>Umschlag</translation>
    </message>
    <message>
        <source>even</source>
        <translation>gleichmäßig</translation>
    </message>
    <message>
        <source>evening %1 begins</source>
        <translation>Abend %1 beginnt</translation>
    </message>
    <message>
        <source>evenly, clear of faces and of words; press again for another throw</source>
        <translation>gleichmäßig, frei von Gesichtern und Wörtern; noch einmal drücken wirft neu</translation>
    </message>
    <message>
        <source>every colour of the card paler with the distance of its thing</source>
        <translation>jede Farbe der Karte mit der Entfernung ihres Dinges blasser</translation>
    </message>
    <message>
        <source>every part that has no colour yet, in the colour in hand</source>
        <translation>jeder noch farblose Teil, in der Farbe der Hand</translation>
    </message>
    <message>
        <source>every step of a wash wants one ink and one reach</source>
        <translation>jeder Schritt eines Verlaufs braucht eine Farbe und eine Reichweite</translation>
    </message>
    <message>
        <source>everything in the colour of its distance</source>
        <translation>alles in der Farbe seiner Entfernung</translation>
    </message>
    <message>
        <source>everything is held in place: let something move</source>
        <translation>alles ist festgehalten: Lass etwas sich bewegen</translation>
    </message>
    <message>
        <source>eye level %1</source>
        <translation>Augenhöhe %1</translation>
    </message>
    <message>
        <source>eye level, %1 up</source>
        <translation>Augenhöhe, %1 hoch</translation>
    </message>
    <message>
        <source>eyes must be above the ground</source>
        <translation>Augen müssen über dem Boden sein</translation>
    </message>
    <message>
        <source>far </source>
        <translation>weit </translation>
    </message>
    <message>
        <source>farther under order</source>
        <translation>ferner unter Reihenfolge</translation>
    </message>
    <message>
        <source>fewer than three marks are seen on the sheet</source>
        <translation>auf dem Blatt sind weniger als drei Marken zu sehen</translation>
    </message>
    <message>
        <source>figure</source>
        <translation>Figur</translation>
    </message>
    <message>
        <source>finds printed marks</source>
        <translation>findet gedruckte Marken</translation>
    </message>
    <message>
        <source>fine</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>first</source>
        <translation>zuerst</translation>
    </message>
    <message>
        <source>flap of the envelope</source>
        <translation>Klappe des Umschlags</translation>
    </message>
    <message>
        <source>flat; glue that sets slowly leaves time to push it straight</source>
        <translation>flach; langsam haltender Kleber lässt Zeit, es gerade zu schieben</translation>
    </message>
    <message>
        <source>flicked drops</source>
        <translation>gespritzte Tropfen</translation>
    </message>
    <message>
        <source>foam and paper are no thinner than nothing</source>
        <translation>Schaum und Papier sind nicht dünner als nichts</translation>
    </message>
    <message>
        <source>foam of %1</source>
        <translation>Schaum von %1</translation>
    </message>
    <message>
        <source>focus hero eye attention contrast looks</source>
        <translation>Blickfang Held Auge Aufmerksamkeit Kontrast Blicke</translation>
    </message>
    <message>
        <source>fog haze</source>
        <translation>Dunst Schleier</translation>
    </message>
    <message>
        <source>foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>foot %1</source>
        <translation>Fuß %1</translation>
    </message>
    <message>
        <source>foot %1 from its left edge, %2 from its lower edge</source>
        <translation>Fuß %1 von seiner linken Kante, %2 von seiner Unterkante</translation>
    </message>
    <message>
        <source>for %1</source>
        <translation>für %1</translation>
    </message>
    <message>
        <source>fourth</source>
        <translation>viertes</translation>
    </message>
    <message>
        <source>fresh</source>
        <translation>frisch</translation>
    </message>
    <message>
        <source>from</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>from %1 outward over %2 %</source>
        <translation>aus %1 nach außen über %2 %</translation>
    </message>
    <message>
        <source>from a direction</source>
        <translation>aus einer Richtung</translation>
    </message>
    <message>
        <source>from behind</source>
        <translation>von hinten</translation>
    </message>
    <message>
        <source>from its dry print on masking paper, just inside the line</source>
        <translation>von seinem trockenen Abdruck auf Maskierpapier, knapp innerhalb der Linie</translation>
    </message>
    <message>
        <source>from its dry print, %1</source>
        <translation>von seinem trockenen Abdruck, %1</translation>
    </message>
    <message>
        <source>from its dry print, just inside the line; cut away where %1 lies over it</source>
        <translation>von seinem trockenen Abdruck, knapp innerhalb der Linie; weggeschnitten, wo %1 darüber liegt</translation>
    </message>
    <message>
        <source>from its edges inward over %1 %</source>
        <translation>von den Kanten nach innen über %1 %</translation>
    </message>
    <message>
        <source>from its middle line up and down over %1 %</source>
        <translation>von der Mittellinie auf und ab über %1 %</translation>
    </message>
    <message>
        <source>from its middle outward over %1 %</source>
        <translation>von der Mitte nach außen über %1 %</translation>
    </message>
    <message>
        <source>from the bottom up over %1</source>
        <translation>von unten nach oben über %1</translation>
    </message>
    <message>
        <source>from the drawer</source>
        <translation>aus der Schublade</translation>
    </message>
    <message>
        <source>from the front</source>
        <translation>von vorn</translation>
    </message>
    <message>
        <source>from the left</source>
        <translation>von links</translation>
    </message>
    <message>
        <source>from the left over %1</source>
        <translation>von links über %1</translation>
    </message>
    <message>
        <source>from the left, so that the hand stays off</source>
        <translation>von links, damit die Hand wegbleibt</translation>
    </message>
    <message>
        <source>from the real heights of what stands on the ground</source>
        <translation>aus den wirklichen Höhen dessen, was am Boden steht</translation>
    </message>
    <message>
        <source>from the right</source>
        <translation>von rechts</translation>
    </message>
    <message>
        <source>from the right over %1</source>
        <translation>von rechts über %1</translation>
    </message>
    <message>
        <source>from the right, so that the hand stays off</source>
        <translation>von rechts, damit die Hand wegbleibt</translation>
    </message>
    <message>
        <source>from the top down over %1</source>
        <translation>von oben nach unten über %1</translation>
    </message>
    <message>
        <source>from their dry prints, %1</source>
        <translation>von ihren trockenen Abdrücken, %1</translation>
    </message>
    <message>
        <source>from their dry prints, in one piece, just inside the line round all of them</source>
        <translation>von ihren trockenen Abdrücken, in einem Stück, knapp innerhalb der Linie um alle</translation>
    </message>
    <message>
        <source>from where you shade it by hand</source>
        <translation>von wo du es von Hand schattierst</translation>
    </message>
    <message>
        <source>front first, cover it, then what is behind</source>
        <translation>das Vordere zuerst, abdecken, dann was dahinter ist</translation>
    </message>
    <message>
        <source>gap overlap halo shift chance</source>
        <translation>Lücke Überlappung Hof Versatz Risiko</translation>
    </message>
    <message>
        <source>give this part a name; it is kept with the stamp</source>
        <translation>gib diesem Teil einen Namen; er bleibt beim Stempel</translation>
    </message>
    <message>
        <source>glitter</source>
        <translation>Glitter</translation>
    </message>
    <message>
        <source>gloss</source>
        <translation>Glanz</translation>
    </message>
    <message>
        <source>gloss or glitter over a whole part of the chosen thing</source>
        <translation>Glanz oder Glitter über einen ganzen Teil des gewählten Dinges</translation>
    </message>
    <message>
        <source>glow</source>
        <translation>Schein</translation>
    </message>
    <message>
        <source>glued flat</source>
        <translation>flach geklebt</translation>
    </message>
    <message>
        <source>green</source>
        <translation>Grün</translation>
    </message>
    <message>
        <source>greeting “%1”</source>
        <translation>Gruß „%1“</translation>
    </message>
    <message>
        <source>grey</source>
        <translation>grau</translation>
    </message>
    <message>
        <source>grey, lightness %1</source>
        <translation>Grau, Helligkeit %1</translation>
    </message>
    <message>
        <source>ground</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>half of %1</source>
        <translation>die Hälfte von %1</translation>
    </message>
    <message>
        <source>half way up</source>
        <translation>auf halber Höhe</translation>
    </message>
    <message>
        <source>halo</source>
        <translation>Lichthof</translation>
    </message>
    <message>
        <source>hardly any</source>
        <translation>kaum eine</translation>
    </message>
    <message>
        <source>hardly used</source>
        <translation>kaum benutzt</translation>
    </message>
    <message>
        <source>hare, birthday, Ada, November …</source>
        <translation>Hase, Geburtstag, Ada, November …</translation>
    </message>
    <message>
        <source>hare, tall poplar …</source>
        <translation>Hase, hohe Pappel …</translation>
    </message>
    <message>
        <source>has %1 points; %2 are the most</source>
        <translation>hat %1 Punkte; höchstens %2 gehen</translation>
    </message>
    <message>
        <source>has no rings</source>
        <translation>hat keine Ringe</translation>
    </message>
    <message>
        <source>held in place</source>
        <translation>festgehalten</translation>
    </message>
    <message>
        <source>hero %1 %</source>
        <translation>Held %1 %</translation>
    </message>
    <message>
        <source>hero first, %1 %</source>
        <translation>Held zuerst, %1 %</translation>
    </message>
    <message>
        <source>hero in place %1</source>
        <translation>Held an Stelle %1</translation>
    </message>
    <message>
        <source>highlights</source>
        <translation>Glanzlichter</translation>
    </message>
    <message>
        <source>hill</source>
        <translation>Hügel</translation>
    </message>
    <message>
        <source>hole %1, %2 across</source>
        <translation>Loch %1, %2 breit</translation>
    </message>
    <message>
        <source>horizon</source>
        <translation>Horizont</translation>
    </message>
    <message>
        <source>horizon, eyes at %1</source>
        <translation>Horizont, Augen auf %1</translation>
    </message>
    <message>
        <source>horizon: drag it up or down</source>
        <translation>Horizont: auf und ab ziehen</translation>
    </message>
    <message>
        <source>how far the ground at the card's lower edge is from the viewer</source>
        <translation>wie weit der Boden an der Unterkante der Karte vom Betrachter entfernt ist</translation>
    </message>
    <message>
        <source>how it and what is behind it get along</source>
        <translation>wie es und das Dahinterliegende miteinander auskommen</translation>
    </message>
    <message>
        <source>how it is made</source>
        <translation>wie sie gemacht wird</translation>
    </message>
    <message>
        <source>how it is meant to be read</source>
        <translation>wie sie gelesen werden soll</translation>
    </message>
    <message>
        <source>how strong each pressing is, in % of the first: 100, 70, 49</source>
        <translation>wie stark jede Pressung ist, in % der ersten: 100, 70, 49</translation>
    </message>
    <message>
        <source>how tall really?</source>
        <translation>wie groß wirklich?</translation>
    </message>
    <message>
        <source>hybrid</source>
        <translation>Hybrid</translation>
    </message>
    <message>
        <source>idea scheme propose</source>
        <translation>Idee Schema vorschlagen</translation>
    </message>
    <message>
        <source>in</source>
        <translation>in</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>in %1</translation>
    </message>
    <message>
        <source>in %1 places</source>
        <translation>an %1 Stellen</translation>
    </message>
    <message>
        <source>in %1, a %2 pen</source>
        <translation>in %1, mit einem Stift von %2</translation>
    </message>
    <message>
        <source>in %1: %2</source>
        <translation>in %1: %2</translation>
    </message>
    <message>
        <source>in its middle</source>
        <translation>in seiner Mitte</translation>
    </message>
    <message>
        <source>in one place</source>
        <translation>an einer Stelle</translation>
    </message>
    <message>
        <source>in several places</source>
        <translation>an mehreren Stellen</translation>
    </message>
    <message>
        <source>in the air</source>
        <translation>in der Luft</translation>
    </message>
    <message>
        <source>in the drawer</source>
        <translation>in der Schublade</translation>
    </message>
    <message>
        <source>in the evening</source>
        <translation>am Abend</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>in der Mitte</translation>
    </message>
    <message>
        <source>in the middle of a piece of about %1 by %2; it is cut out afterwards</source>
        <translation>in die Mitte eines Stücks von etwa %1 mal %2; danach wird es ausgeschnitten</translation>
    </message>
    <message>
        <source>in the morning</source>
        <translation>am Morgen</translation>
    </message>
    <message>
        <source>in the scene</source>
        <translation>in der Szene</translation>
    </message>
    <message>
        <source>in this plan</source>
        <translation>in diesem Plan</translation>
    </message>
    <message>
        <source>in your own words</source>
        <translation>in deinen Worten</translation>
    </message>
    <message>
        <source>inches</source>
        <translation>Zoll</translation>
    </message>
    <message>
        <source>ink it, press %1 times on scrap paper</source>
        <translation>färbe ihn ein, drücke %1-mal auf Schmierpapier</translation>
    </message>
    <message>
        <source>ink it, press once on scrap paper</source>
        <translation>färbe ihn ein, drücke einmal auf Schmierpapier</translation>
    </message>
    <message>
        <source>ink the mist leaves</source>
        <translation>Farbe, die der Nebel lässt</translation>
    </message>
    <message>
        <source>ink up to %1 inside %2, along %3</source>
        <translation>Farbe bis %1 in %2, auf %3</translation>
    </message>
    <message>
        <source>inside it</source>
        <translation>darin</translation>
    </message>
    <message>
        <source>invisible</source>
        <translation>unsichtbar</translation>
    </message>
    <message>
        <source>is not a mask</source>
        <translation>ist keine Maske</translation>
    </message>
    <message>
        <source>is not a paper</source>
        <translation>ist kein Papier</translation>
    </message>
    <message>
        <source>is not a set of sizes</source>
        <translation>ist kein Satz von Größen</translation>
    </message>
    <message>
        <source>is not a stamp</source>
        <translation>ist kein Stempel</translation>
    </message>
    <message>
        <source>is not a thing of the stock</source>
        <translation>ist nichts aus dem Vorrat</translation>
    </message>
    <message>
        <source>it asks for a style sheet or another program (&lt;?%1?&gt;)</source>
        <translation>es verlangt ein Stylesheet oder ein anderes Programm (&lt;?%1?&gt;)</translation>
    </message>
    <message>
        <source>it bore more than before</source>
        <translation>sie trug mehr als zuvor</translation>
    </message>
    <message>
        <source>it defines entities</source>
        <translation>es definiert Entitäten</translation>
    </message>
    <message>
        <source>it goes over the rim of what is glued on</source>
        <translation>es geht über den Rand dessen, was aufgeklebt ist</translation>
    </message>
    <message>
        <source>it has had its time; touch it to be sure</source>
        <translation>es hatte seine Zeit; fühle nach, um sicher zu sein</translation>
    </message>
    <message>
        <source>it has more than %1 numbers</source>
        <translation>es hat mehr als %1 Zahlen</translation>
    </message>
    <message>
        <source>it has more than %1 parts</source>
        <translation>es hat mehr als %1 Teile</translation>
    </message>
    <message>
        <source>it has no %1</source>
        <translation>es hat kein %1</translation>
    </message>
    <message>
        <source>it has numbers that no drawing has</source>
        <translation>es hat Zahlen, die keine Zeichnung hat</translation>
    </message>
    <message>
        <source>it holds &lt;%1&gt;: scripts, style sheets, pictures, movement and links to elsewhere are not taken. Save it as a plain SVG</source>
        <translation>es enthält &lt;%1&gt;: Skripte, Stylesheets, Bilder, Bewegung und Verweise nach außen werden nicht genommen. Speichere es als einfaches SVG</translation>
    </message>
    <message>
        <source>it holds entities</source>
        <translation>es enthält Entitäten</translation>
    </message>
    <message>
        <source>it holds links to elsewhere</source>
        <translation>es enthält Verweise nach außen</translation>
    </message>
    <message>
        <source>it holds more files than a drawer may have</source>
        <translation>es enthält mehr Dateien, als eine Schublade haben darf</translation>
    </message>
    <message>
        <source>it is a folder</source>
        <translation>es ist ein Ordner</translation>
    </message>
    <message>
        <source>it is a pipe with nobody at its other end</source>
        <translation>es ist eine Pipe, an deren anderem Ende niemand ist</translation>
    </message>
    <message>
        <source>it is damaged</source>
        <translation>es ist beschädigt</translation>
    </message>
    <message>
        <source>it is damaged: %1, line %2</source>
        <translation>es ist beschädigt: %1, Zeile %2</translation>
    </message>
    <message>
        <source>it is empty</source>
        <translation>es ist leer</translation>
    </message>
    <message>
        <source>it is nested too deeply</source>
        <translation>es ist zu tief verschachtelt</translation>
    </message>
    <message>
        <source>it is no SVG</source>
        <translation>es ist kein SVG</translation>
    </message>
    <message>
        <source>it is on a piece of paper of its own</source>
        <translation>es ist auf einem eigenen Stück Papier</translation>
    </message>
    <message>
        <source>it may not be opened or changed</source>
        <translation>es darf nicht geöffnet oder geändert werden</translation>
    </message>
    <message>
        <source>it needs a beginning and an end</source>
        <translation>es braucht einen Anfang und ein Ende</translation>
    </message>
    <message>
        <source>it runs low</source>
        <translation>sie wird knapp</translation>
    </message>
    <message>
        <source>it stays in the reading, below the others</source>
        <translation>es bleibt im Befund, unter den anderen</translation>
    </message>
    <message>
        <source>it unpacks to more than a drawer may have</source>
        <translation>es entpackt sich zu mehr, als eine Schublade haben darf</translation>
    </message>
    <message>
        <source>its blade trails %1</source>
        <translation>die Klinge läuft %1 nach</translation>
    </message>
    <message>
        <source>its borders</source>
        <translation>seinen Rändern</translation>
    </message>
    <message>
        <source>its centre</source>
        <translation>seiner Mitte</translation>
    </message>
    <message>
        <source>its dashes are too many and too small</source>
        <translation>seine Striche sind zu viele und zu klein</translation>
    </message>
    <message>
        <source>its edge</source>
        <translation>seine Kante</translation>
    </message>
    <message>
        <source>its edge is straight here, so no mask is needed</source>
        <translation>seine Kante ist hier gerade, so braucht es keine Maske</translation>
    </message>
    <message>
        <source>its edge or opening</source>
        <translation>seine Kante oder Öffnung</translation>
    </message>
    <message>
        <source>its foot must stay hidden</source>
        <translation>sein Fuß muss verdeckt bleiben</translation>
    </message>
    <message>
        <source>its left edge %1 from the left, its lower edge %2 from the bottom</source>
        <translation>seine linke Kante %1 von links, seine Unterkante %2 von unten</translation>
    </message>
    <message>
        <source>its lines cross each other more than %1 times</source>
        <translation>seine Linien kreuzen sich mehr als %1-mal</translation>
    </message>
    <message>
        <source>its lines cross each other too often to be cut</source>
        <translation>seine Linien kreuzen sich zu oft, um geschnitten zu werden</translation>
    </message>
    <message>
        <source>its measures must be more than 0</source>
        <translation>seine Maße müssen mehr als 0 sein</translation>
    </message>
    <message>
        <source>its middle %1</source>
        <translation>seine Mitte %1</translation>
    </message>
    <message>
        <source>its middle line</source>
        <translation>seine Mittellinie</translation>
    </message>
    <message>
        <source>its print comes out the other way round; here it is shown as it prints</source>
        <translation>sein Abdruck kommt seitenverkehrt; hier ist er gezeigt, wie er druckt</translation>
    </message>
    <message>
        <source>its rings cancel out and cover nothing</source>
        <translation>seine Ringe heben sich auf und bedecken nichts</translation>
    </message>
    <message>
        <source>its sides are straight here, so no mask is needed</source>
        <translation>seine Seiten sind hier gerade, so braucht es keine Maske</translation>
    </message>
    <message>
        <source>its weight is balanced</source>
        <translation>ihr Gewicht ist ausgeglichen</translation>
    </message>
    <message>
        <source>its width</source>
        <translation>ihre Breite</translation>
    </message>
    <message>
        <source>jarring</source>
        <translation>beißend</translation>
    </message>
    <message>
        <source>just above its foot</source>
        <translation>knapp über seinem Fuß</translation>
    </message>
    <message>
        <source>just before %1</source>
        <translation>knapp vor %1</translation>
    </message>
    <message>
        <source>just behind %1</source>
        <translation>knapp hinter %1</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>behalten</translation>
    </message>
    <message>
        <source>kept clean by tape</source>
        <translation>mit Band frei gehalten</translation>
    </message>
    <message>
        <source>lake river sea canal</source>
        <translation>See Fluss Meer Kanal</translation>
    </message>
    <message>
        <source>landscape piece</source>
        <translation>Landschaftsteil</translation>
    </message>
    <message>
        <source>large type</source>
        <translation>große Schrift</translation>
    </message>
    <message>
        <source>largest %1</source>
        <translation>größte %1</translation>
    </message>
    <message>
        <source>last</source>
        <translation>zuletzt</translation>
    </message>
    <message>
        <source>last of all, over the rim of a piece that is glued flat on the panel</source>
        <translation>ganz zuletzt, über den Rand eines Stücks, das flach auf die Bildkarte geklebt ist</translation>
    </message>
    <message>
        <source>layout paper tape joint cover</source>
        <translation>Anordnung Papier Klebeband gemeinsam abdecken</translation>
    </message>
    <message>
        <source>leaf green</source>
        <translation>Laubgrün</translation>
    </message>
    <message>
        <source>leave out</source>
        <translation>aussparen</translation>
    </message>
    <message>
        <source>leaves room for %1</source>
        <translation>lässt Platz für %1</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>left bare</source>
        <translation>frei gelassen</translation>
    </message>
    <message>
        <source>left of a line</source>
        <translation>links einer Linie</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>weggelassen</translation>
    </message>
    <message>
        <source>lettering “%1”</source>
        <translation>Schrift „%1“</translation>
    </message>
    <message>
        <source>letters</source>
        <translation>Buchstaben</translation>
    </message>
    <message>
        <source>level %1 of %2, %3 answers</source>
        <translation>Stufe %1 von %2, %3 Antworten</translation>
    </message>
    <message>
        <source>level %1 of %2, 1 answer</source>
        <translation>Stufe %1 von %2, 1 Antwort</translation>
    </message>
    <message>
        <source>level 1 of %1</source>
        <translation>Stufe 1 von %1</translation>
    </message>
    <message>
        <source>level with %1</source>
        <translation>auf Höhe von %1</translation>
    </message>
    <message>
        <source>level, along the width</source>
        <translation>waagrecht, längs der Breite</translation>
    </message>
    <message>
        <source>lift slowly from one corner; keep the masks for next time</source>
        <translation>langsam von einer Ecke abheben; behalte die Masken fürs nächste Mal</translation>
    </message>
    <message>
        <source>light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>light and dark alone, in four steps</source>
        <translation>nur Hell und Dunkel, in vier Stufen</translation>
    </message>
    <message>
        <source>light blue</source>
        <translation>hellblau</translation>
    </message>
    <message>
        <source>light green</source>
        <translation>hellgrün</translation>
    </message>
    <message>
        <source>light grey</source>
        <translation>hellgrau</translation>
    </message>
    <message>
        <source>light lamp sun moon</source>
        <translation>Licht Lampe Sonne Mond</translation>
    </message>
    <message>
        <source>light orange</source>
        <translation>hellorange</translation>
    </message>
    <message>
        <source>light turquoise</source>
        <translation>helltürkis</translation>
    </message>
    <message>
        <source>light yellow</source>
        <translation>hellgelb</translation>
    </message>
    <message>
        <source>lightly, with a soft pencil, as the pencil sheet shows them; the visible lines are inked later</source>
        <translation>leicht, mit weichem Bleistift, wie das Bleistiftblatt sie zeigt; die sichtbaren Linien werden später ausgezogen</translation>
    </message>
    <message>
        <source>line %1</source>
        <translation>Linie %1</translation>
    </message>
    <message>
        <source>line art</source>
        <translation>Strichzeichnung</translation>
    </message>
    <message>
        <source>line art that will be coloured, or a wash goes round it</source>
        <translation>Strichzeichnung, die ausgemalt wird oder um die ein Verlauf geht</translation>
    </message>
    <message>
        <source>liner</source>
        <translation>Fineliner</translation>
    </message>
    <message>
        <source>lines of the ground</source>
        <translation>Linien des Bodens</translation>
    </message>
    <message>
        <source>lines of the room</source>
        <translation>Linien des Raums</translation>
    </message>
    <message>
        <source>lines that run %1 into it, over %2</source>
        <translation>Linien, die %1 hineinlaufen, über %2</translation>
    </message>
    <message>
        <source>lively together</source>
        <translation>lebhaft zusammen</translation>
    </message>
    <message>
        <source>lock fix free</source>
        <translation>sperren festmachen frei</translation>
    </message>
    <message>
        <source>looks left</source>
        <translation>blickt nach links</translation>
    </message>
    <message>
        <source>looks nowhere</source>
        <translation>blickt nirgendwohin</translation>
    </message>
    <message>
        <source>looks right</source>
        <translation>blickt nach rechts</translation>
    </message>
    <message>
        <source>looks, rows and paths; the thirds; a wedge where the weight lies</source>
        <translation>Blicke, Reihen und Wege; die Drittel; ein Keil, wo das Gewicht liegt</translation>
    </message>
    <message>
        <source>low-tack tape</source>
        <translation>schwach haftendes Band</translation>
    </message>
    <message>
        <source>lower corner of the back wall</source>
        <translation>untere Ecke der Rückwand</translation>
    </message>
    <message>
        <source>lower left corner of the stamp %1</source>
        <translation>linke untere Ecke des Stempels %1</translation>
    </message>
    <message>
        <source>lower right corner of the stamp %1</source>
        <translation>rechte untere Ecke des Stempels %1</translation>
    </message>
    <message>
        <source>lying</source>
        <translation>liegend</translation>
    </message>
    <message>
        <source>m</source>
        <translation>m</translation>
    </message>
    <message>
        <source>m in this scene</source>
        <translation>m in dieser Szene</translation>
    </message>
    <message>
        <source>many lines to join again by pen</source>
        <translation>viele Linien mit dem Stift wieder anzuschließen</translation>
    </message>
    <message>
        <source>many people</source>
        <translation>viele Leute</translation>
    </message>
    <message>
        <source>mark the foot on the mask and lay it by the mark: %1</source>
        <translation>markiere den Fuß auf der Maske und lege sie nach der Marke: %1</translation>
    </message>
    <message>
        <source>marker</source>
        <translation>Marker</translation>
    </message>
    <message>
        <source>marker pencil brush shade fill</source>
        <translation>Marker Stift Pinsel Schatten füllen</translation>
    </message>
    <message>
        <source>markers: %1</source>
        <translation>Marker: %1</translation>
    </message>
    <message>
        <source>marks printed on the sheet</source>
        <translation>aufgedruckten Marken</translation>
    </message>
    <message>
        <source>mask</source>
        <translation>Maske</translation>
    </message>
    <message>
        <source>mask %1</source>
        <translation>Maske %1</translation>
    </message>
    <message>
        <source>masking paper for %1 masks</source>
        <translation>Maskierpapier für %1 Masken</translation>
    </message>
    <message>
        <source>masking paper for %1 masks, scissors or a blade</source>
        <translation>Maskierpapier für %1 Masken, Schere oder Klinge</translation>
    </message>
    <message>
        <source>masking paper for one mask</source>
        <translation>Maskierpapier für eine Maske</translation>
    </message>
    <message>
        <source>masking paper for one mask, scissors or a blade</source>
        <translation>Maskenpapier für eine Maske, Schere oder Klinge</translation>
    </message>
    <message>
        <source>masks</source>
        <translation>die Masken</translation>
    </message>
    <message>
        <source>mastered</source>
        <translation>gekonnt</translation>
    </message>
    <message>
        <source>mat</source>
        <translation>Zwischenlage</translation>
    </message>
    <message>
        <source>me</source>
        <translation>ich</translation>
    </message>
    <message>
        <source>meadow grass field earth</source>
        <translation>Wiese Gras Feld Erde</translation>
    </message>
    <message>
        <source>mends %1 things at once</source>
        <translation>verbessert %1 Dinge auf einmal</translation>
    </message>
    <message>
        <source>millimetres</source>
        <translation>Millimeter</translation>
    </message>
    <message>
        <source>mist</source>
        <translation>Nebel</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>moon sun disc</source>
        <translation>Mond Sonne Scheibe</translation>
    </message>
    <message>
        <source>more of it is plain</source>
        <translation>mehr davon ist ruhig</translation>
    </message>
    <message>
        <source>more overlaps tell what is near</source>
        <translation>mehr Überdeckungen sagen, was nah ist</translation>
    </message>
    <message>
        <source>more room around it</source>
        <translation>mehr Platz ringsum</translation>
    </message>
    <message>
        <source>most of the other stamp would be taped off</source>
        <translation>das meiste des anderen Stempels müsste abgeklebt werden</translation>
    </message>
    <message>
        <source>moves the row so that the nearest is as much too small as the farthest is too tall</source>
        <translation>rückt die Reihe so, dass das nächste so viel zu klein ist wie das fernste zu groß</translation>
    </message>
    <message>
        <source>my drawer</source>
        <translation>meine Schublade</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>nearer over order</source>
        <translation>näher über Reihenfolge</translation>
    </message>
    <message>
        <source>needs %1</source>
        <translation>nötig: %1</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nie</translation>
    </message>
    <message>
        <source>no blend runs over what is too fine to cut</source>
        <translation>kein Verlauf läuft über das, was zu fein zum Schneiden ist</translation>
    </message>
    <message>
        <source>no card yet</source>
        <translation>noch keine Karte</translation>
    </message>
    <message>
        <source>no colour at all</source>
        <translation>gar keine Farbe</translation>
    </message>
    <message>
        <source>no file yet</source>
        <translation>noch keine Datei</translation>
    </message>
    <message>
        <source>no hero</source>
        <translation>kein Held</translation>
    </message>
    <message>
        <source>no ink</source>
        <translation>keine Farbe</translation>
    </message>
    <message>
        <source>no light paper is seen round the patches to compare them with</source>
        <translation>um die Flecken ist kein helles Papier zu sehen, mit dem man sie vergleichen könnte</translation>
    </message>
    <message>
        <source>no light said</source>
        <translation>kein Licht gesagt</translation>
    </message>
    <message>
        <source>no patch of even colour is seen on it</source>
        <translation>darauf ist kein Fleck gleichmäßiger Farbe zu sehen</translation>
    </message>
    <message>
        <source>no rim under it</source>
        <translation>kein Rand darunter</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>none is in the drawer yet</source>
        <translation>noch keiner ist in der Schublade</translation>
    </message>
    <message>
        <source>none of the plan's stamps</source>
        <translation>keiner der Stempel des Plans</translation>
    </message>
    <message>
        <source>none of the row would be seen on the panel</source>
        <translation>von der Reihe wäre auf dem Feld nichts zu sehen</translation>
    </message>
    <message>
        <source>none said</source>
        <translation>nichts gesagt</translation>
    </message>
    <message>
        <source>none to cut</source>
        <translation>keine zu schneiden</translation>
    </message>
    <message>
        <source>none yet</source>
        <translation>noch keine</translation>
    </message>
    <message>
        <source>not as planned when pressed</source>
        <translation>gedruckt nicht wie geplant</translation>
    </message>
    <message>
        <source>not at all</source>
        <translation>gar nicht</translation>
    </message>
    <message>
        <source>not begun</source>
        <translation>nicht begonnen</translation>
    </message>
    <message>
        <source>not counted</source>
        <translation>nicht gezählt</translation>
    </message>
    <message>
        <source>not folded</source>
        <translation>nicht gefaltet</translation>
    </message>
    <message>
        <source>not in the drawer yet</source>
        <translation>noch nicht in der Schublade</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>not marked</source>
        <translation>nicht markiert</translation>
    </message>
    <message>
        <source>not on the mask</source>
        <translation>nicht auf der Maske</translation>
    </message>
    <message>
        <source>not readable as JSON: %1</source>
        <translation>nicht als JSON lesbar: %1</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation>noch nicht gespeichert</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>noch nicht</translation>
    </message>
    <message>
        <source>note remember extra</source>
        <translation>Notiz merken zusätzlich</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>nothing can be cut from what is there</source>
        <translation>aus dem, was da ist, lässt sich nichts schneiden</translation>
    </message>
    <message>
        <source>nothing comes near behind it</source>
        <translation>dahinter kommt ihm nichts nahe</translation>
    </message>
    <message>
        <source>nothing comes near behind it, so any way will do</source>
        <translation>dahinter kommt ihm nichts nahe, also geht jede Art</translation>
    </message>
    <message>
        <source>nothing covered</source>
        <translation>nichts abgedeckt</translation>
    </message>
    <message>
        <source>nothing covered yet</source>
        <translation>noch nichts abgedeckt</translation>
    </message>
    <message>
        <source>nothing else</source>
        <translation>nichts anderes</translation>
    </message>
    <message>
        <source>nothing in the drawer fits behind this hero: trees, buildings or hills with a height that is known</source>
        <translation>nichts in der Schublade passt hinter diesen Helden: Bäume, Häuser oder Hügel mit bekannter Höhe</translation>
    </message>
    <message>
        <source>nothing is left to mend</source>
        <translation>nichts bleibt zu verbessern</translation>
    </message>
    <message>
        <source>nothing is too fine to cut that could be cut</source>
        <translation>nichts, was zu fein zum Schneiden ist, ließe sich schneiden</translation>
    </message>
    <message>
        <source>nothing lies before it</source>
        <translation>nichts liegt davor</translation>
    </message>
    <message>
        <source>nothing more</source>
        <translation>nichts weiter</translation>
    </message>
    <message>
        <source>nothing of the stamp would be stamped</source>
        <translation>vom Stempel würde nichts gestempelt</translation>
    </message>
    <message>
        <source>nothing that is not on the card's shelf</source>
        <translation>nichts, was nicht schon auf dem Bord der Karte steht</translation>
    </message>
    <message>
        <source>nothing that stands on the ground has a real height</source>
        <translation>nichts, was am Boden steht, hat eine wirkliche Höhe</translation>
    </message>
    <message>
        <source>nothing to look at</source>
        <translation>nichts anzusehen</translation>
    </message>
    <message>
        <source>offcut, %1 × %2</source>
        <translation>Reststück, %1 × %2</translation>
    </message>
    <message>
        <source>olive green</source>
        <translation>olivgrün</translation>
    </message>
    <message>
        <source>on %1</source>
        <translation>auf %1</translation>
    </message>
    <message>
        <source>on %1, %2 each, %3 in all</source>
        <translation>auf %1, je %2, zusammen %3</translation>
    </message>
    <message>
        <source>on a piece of its own, cut out and raised on foam</source>
        <translation>auf einem eigenen Stück, ausgeschnitten und auf Schaum gehoben</translation>
    </message>
    <message>
        <source>on land</source>
        <translation>an Land</translation>
    </message>
    <message>
        <source>on masking paper, %1; lay them aside to dry</source>
        <translation>auf Maskenpapier, %1; zum Trocknen beiseitelegen</translation>
    </message>
    <message>
        <source>on masking paper, %1; they dry meanwhile</source>
        <translation>auf Maskierpapier, %1; sie trocknen inzwischen</translation>
    </message>
    <message>
        <source>on masking paper, in %1: %2; lay them aside to dry</source>
        <translation>auf Maskierpapier, in %1: %2; lege sie zum Trocknen beiseite</translation>
    </message>
    <message>
        <source>on masking paper, in %1; lay it aside to dry</source>
        <translation>auf Maskierpapier, in %1; lege es zum Trocknen beiseite</translation>
    </message>
    <message>
        <source>on the horizon</source>
        <translation>auf dem Horizont</translation>
    </message>
    <message>
        <source>on the left third</source>
        <translation>auf dem linken Drittel</translation>
    </message>
    <message>
        <source>on the lower third</source>
        <translation>auf dem unteren Drittel</translation>
    </message>
    <message>
        <source>on the mask</source>
        <translation>auf der Maske</translation>
    </message>
    <message>
        <source>on the right third</source>
        <translation>auf dem rechten Drittel</translation>
    </message>
    <message>
        <source>on the upper third</source>
        <translation>auf dem oberen Drittel</translation>
    </message>
    <message>
        <source>on water</source>
        <translation>auf Wasser</translation>
    </message>
    <message>
        <source>on wood</source>
        <translation>auf Holz</translation>
    </message>
    <message>
        <source>once</source>
        <translation>einmal</translation>
    </message>
    <message>
        <source>one after the other, %1 times</source>
        <translation>eines nach dem anderen, %1-mal</translation>
    </message>
    <message>
        <source>one ink</source>
        <translation>eine Farbe</translation>
    </message>
    <message>
        <source>one mask lies meanwhile; the run sheet says which</source>
        <translation>eine Maske liegt derweil; der Ablauf sagt, welche</translation>
    </message>
    <message>
        <source>one of many small ones, tedious to mask</source>
        <translation>eines von vielen kleinen, mühsam zu maskieren</translation>
    </message>
    <message>
        <source>one of them would stand behind the viewer</source>
        <translation>eines davon stünde hinter dem Betrachter</translation>
    </message>
    <message>
        <source>one other thing no longer fits</source>
        <translation>ein anderes Ding passt nicht mehr</translation>
    </message>
    <message>
        <source>one page, at true size</source>
        <translation>eine Seite, in wahrer Größe</translation>
    </message>
    <message>
        <source>one paper over %1</source>
        <translation>ein Papier über %1</translation>
    </message>
    <message>
        <source>one paper over all of them</source>
        <translation>ein Papier über alle</translation>
    </message>
    <message>
        <source>one paper with %1</source>
        <translation>ein Papier mit %1</translation>
    </message>
    <message>
        <source>one use left</source>
        <translation>eine Auflage übrig</translation>
    </message>
    <message>
        <source>only %1</source>
        <translation>nur %1</translation>
    </message>
    <message>
        <source>only a part is stamped</source>
        <translation>nur ein Teil wird gestempelt</translation>
    </message>
    <message>
        <source>only a small gap in one big stamp</source>
        <translation>nur eine kleine Lücke in einem großen Stempel</translation>
    </message>
    <message>
        <source>only another impression of the same stamp can be coloured alike</source>
        <translation>nur ein anderer Abdruck desselben Stempels kann gleich koloriert werden</translation>
    </message>
    <message>
        <source>only what stands on the ground can be spaced in metres</source>
        <translation>nur was am Boden steht, lässt sich in Metern verteilen</translation>
    </message>
    <message>
        <source>open the card and lay it down with the front turned %1; the right way up as it is read, clear of the fold itself</source>
        <translation>klappe die Karte auf und lege sie mit der Vorderseite nach %1; so herum, wie man sie liest, frei von der Falte selbst</translation>
    </message>
    <message>
        <source>opposite the middle of the back wall, where its diagonals cross</source>
        <translation>gegenüber der Mitte der Rückwand, wo ihre Diagonalen sich kreuzen</translation>
    </message>
    <message>
        <source>opposites</source>
        <translation>Gegensätze</translation>
    </message>
    <message>
        <source>orange</source>
        <translation>orange</translation>
    </message>
    <message>
        <source>orange red</source>
        <translation>Orangerot</translation>
    </message>
    <message>
        <source>other eyes</source>
        <translation>andere Augen</translation>
    </message>
    <message>
        <source>outside it</source>
        <translation>außerhalb</translation>
    </message>
    <message>
        <source>oval</source>
        <translation>Oval</translation>
    </message>
    <message>
        <source>over</source>
        <translation>über</translation>
    </message>
    <message>
        <source>over %1, which touch and are covered together</source>
        <translation>über %1, die sich berühren und zusammen abgedeckt werden</translation>
    </message>
    <message>
        <source>over 99 %</source>
        <translation>über 99 %</translation>
    </message>
    <message>
        <source>overprint</source>
        <translation>überdrucken</translation>
    </message>
    <message>
        <source>page %1 of %2, at true size</source>
        <translation>Seite %1 von %2, in wahrer Größe</translation>
    </message>
    <message>
        <source>paint</source>
        <translation>Malfarbe</translation>
    </message>
    <message>
        <source>pale</source>
        <translation>blasses</translation>
    </message>
    <message>
        <source>panel</source>
        <translation>Bildkarte</translation>
    </message>
    <message>
        <source>panel for the inside</source>
        <translation>Blatt für innen</translation>
    </message>
    <message>
        <source>panel rim strip border inside envelope orientation</source>
        <translation>Tafel Rand Streifen Bordüre Innenseite Umschlag Hochformat Querformat</translation>
    </message>
    <message>
        <source>paper above, the wash goes below</source>
        <translation>Papier oben, der Verlauf kommt darunter</translation>
    </message>
    <message>
        <source>paper below, the wash goes above</source>
        <translation>Papier unten, der Verlauf kommt darüber</translation>
    </message>
    <message>
        <source>paper for %1 mats</source>
        <translation>Papier für %1 Zwischenlagen</translation>
    </message>
    <message>
        <source>paper for the mat</source>
        <translation>Papier für die Zwischenlage</translation>
    </message>
    <message>
        <source>paper of %1 mm</source>
        <translation>Papier von %1 mm</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>Teil %1</translation>
    </message>
    <message>
        <source>part %1 of %2</source>
        <translation>Teil %1 von %2</translation>
    </message>
    <message>
        <source>parts of it use each other in a ring, or draw more than %1 parts</source>
        <translation>Teile davon benutzen einander im Kreis oder zeichnen mehr als %1 Teile</translation>
    </message>
    <message>
        <source>paste, through a stencil</source>
        <translation>Paste, durch eine Schablone</translation>
    </message>
    <message>
        <source>path</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>pen gel glitter accent lift grass</source>
        <translation>Stift Gelstift Glitzer Akzent aufhellen Gras</translation>
    </message>
    <message>
        <source>pencil</source>
        <translation>Buntstift</translation>
    </message>
    <message>
        <source>pencil %1; then %2; rub the pencil out when it is dry</source>
        <translation>%1 mit Bleistift; dann %2; den Bleistift ausradieren, wenn es trocken ist</translation>
    </message>
    <message>
        <source>pencil sheet</source>
        <translation>das Bleistiftblatt</translation>
    </message>
    <message>
        <source>pencils: %1</source>
        <translation>Buntstifte: %1</translation>
    </message>
    <message>
        <source>pigment</source>
        <translation>Pigment</translation>
    </message>
    <message>
        <source>pink</source>
        <translation>Rosa</translation>
    </message>
    <message>
        <source>placement sheet</source>
        <translation>das Lageblatt</translation>
    </message>
    <message>
        <source>plain floor</source>
        <translation>einfacher Boden</translation>
    </message>
    <message>
        <source>plain piece</source>
        <translation>einfaches Stück</translation>
    </message>
    <message>
        <source>plain wash</source>
        <translation>einfacher Verlauf</translation>
    </message>
    <message>
        <source>plant</source>
        <translation>Pflanze</translation>
    </message>
    <message>
        <source>pop up</source>
        <translation>aufsetzen</translation>
    </message>
    <message>
        <source>posts differ, and so do their prices: look it up at yours</source>
        <translation>die Post ist verschieden, und ihre Preise auch: sieh bei deiner nach</translation>
    </message>
    <message>
        <source>press %1 times on scrap</source>
        <translation>drücke %1-mal auf Schmierpapier</translation>
    </message>
    <message>
        <source>press once on scrap</source>
        <translation>drücke einmal auf Schmierpapier</translation>
    </message>
    <message>
        <source>pressed into the paper, without ink</source>
        <translation>ins Papier geprägt, ohne Farbe</translation>
    </message>
    <message>
        <source>pressing %1</source>
        <translation>Pressung %1</translation>
    </message>
    <message>
        <source>pressing %1 differs in size from the first: press one stamp only, all of it each time</source>
        <translation>Pressung %1 ist anders groß als die erste: Presse nur einen Stempel, und jedes Mal ganz</translation>
    </message>
    <message>
        <source>pressings go from 1 to 99</source>
        <translation>Pressungen gehen von 1 bis 99</translation>
    </message>
    <message>
        <source>prints</source>
        <translation>druckt</translation>
    </message>
    <message>
        <source>prints %1 × %2 %3%4</source>
        <translation>druckt %1 × %2 %3%4</translation>
    </message>
    <message>
        <source>prints %1, %2</source>
        <translation>druckt %1, %2</translation>
    </message>
    <message>
        <source>proven</source>
        <translation>bewiesen</translation>
    </message>
    <message>
        <source>put on one small thing after another</source>
        <translation>ein kleines Ding nach dem anderen auftragen</translation>
    </message>
    <message>
        <source>putting %1 on %2</source>
        <translation>Auftragen von %1 auf %2</translation>
    </message>
    <message>
        <source>putting on %1</source>
        <translation>Auftragen von %1</translation>
    </message>
    <message>
        <source>quiet together</source>
        <translation>ruhig zusammen</translation>
    </message>
    <message>
        <source>rails</source>
        <translation>Gleis</translation>
    </message>
    <message>
        <source>raised by %1</source>
        <translation>um %1 gehoben</translation>
    </message>
    <message>
        <source>raised on foam</source>
        <translation>auf Schaum gehoben</translation>
    </message>
    <message>
        <source>ray stencil</source>
        <translation>Strahlenschablone</translation>
    </message>
    <message>
        <source>rays</source>
        <translation>Strahlen</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>Rechteck</translation>
    </message>
    <message>
        <source>red</source>
        <translation>rot</translation>
    </message>
    <message>
        <source>red rubber</source>
        <translation>roter Gummi</translation>
    </message>
    <message>
        <source>resist</source>
        <translation>Reserve</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>right and neat</source>
        <translation>richtig und knapp</translation>
    </message>
    <message>
        <source>right of a line</source>
        <translation>rechts einer Linie</translation>
    </message>
    <message>
        <source>ripples</source>
        <translation>Wellenringe</translation>
    </message>
    <message>
        <source>room enough</source>
        <translation>genug Platz</translation>
    </message>
    <message>
        <source>room for %1 cards to dry</source>
        <translation>Platz zum Trocknen für %1 Karten</translation>
    </message>
    <message>
        <source>rose</source>
        <translation>Rosenrot</translation>
    </message>
    <message>
        <source>run sheet</source>
        <translation>das Ablaufblatt</translation>
    </message>
    <message>
        <source>runs low</source>
        <translation>wird knapp</translation>
    </message>
    <message>
        <source>runs off the lower left corner, in a later pressing, so that an address stays legible</source>
        <translation>läuft links unten hinaus, in einer späteren Pressung, damit eine Anschrift lesbar bleibt</translation>
    </message>
    <message>
        <source>runs to the edge</source>
        <translation>läuft bis an die Kante</translation>
    </message>
    <message>
        <source>salt</source>
        <translation>Salz</translation>
    </message>
    <message>
        <source>saved in %1</source>
        <translation>gespeichert in %1</translation>
    </message>
    <message>
        <source>score it level, %1 from the bottom edge</source>
        <translation>rille es waagrecht, %1 von der Unterkante</translation>
    </message>
    <message>
        <source>score it upright, %1 from the left edge</source>
        <translation>rille es senkrecht, %1 von der linken Kante</translation>
    </message>
    <message>
        <source>scrap paper</source>
        <translation>Schmierpapier</translation>
    </message>
    <message>
        <source>sea green</source>
        <translation>Seegrün</translation>
    </message>
    <message>
        <source>second</source>
        <translation>zweites</translation>
    </message>
    <message>
        <source>second pressing</source>
        <translation>zweite Pressung</translation>
    </message>
    <message>
        <source>seen from above: 0 from the right, 90 from ahead, 180 from the left, 270 from behind you</source>
        <translation>von oben gesehen: 0 von rechts, 90 von vorn, 180 von links, 270 von hinter dir</translation>
    </message>
    <message>
        <source>sentiment</source>
        <translation>Gruß</translation>
    </message>
    <message>
        <source>sequence wish run sheet stamping</source>
        <translation>Reihenfolge Wunsch Ablauf stempeln</translation>
    </message>
    <message>
        <source>sequins</source>
        <translation>Pailletten</translation>
    </message>
    <message>
        <source>several</source>
        <translation>mehrere</translation>
    </message>
    <message>
        <source>several inks</source>
        <translation>mehrere Farben</translation>
    </message>
    <message>
        <source>several presses that make one figure are seen, moved and counted as one</source>
        <translation>mehrere Pressungen, die eine Figur bilden, werden als eine gesehen, bewegt und gezählt</translation>
    </message>
    <message>
        <source>several schools</source>
        <translation>mehrere Verfahren</translation>
    </message>
    <message>
        <source>shadow</source>
        <translation>Schatten</translation>
    </message>
    <message>
        <source>sheet for a class</source>
        <translation>Blatt für einen Kurs</translation>
    </message>
    <message>
        <source>shelf</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>shows</source>
        <translation>zeigt</translation>
    </message>
    <message>
        <source>shows anything</source>
        <translation>zeigt irgendetwas</translation>
    </message>
    <message>
        <source>shows in %1 of tries: a white gap %2, ink run in %3; %4 mm to join%5</source>
        <translation>in %1 der Versuche zu sehen: weiße Lücke %2, hineingelaufene Farbe %3; %4 mm anzuschließen%5</translation>
    </message>
    <message>
        <source>sky</source>
        <translation>Himmel</translation>
    </message>
    <message>
        <source>sky blue</source>
        <translation>Himmelblau</translation>
    </message>
    <message>
        <source>slender part %1, %2 long</source>
        <translation>schmaler Teil %1, %2 lang</translation>
    </message>
    <message>
        <source>slowly, from one corner; wipe it, it is used again</source>
        <translation>langsam von einer Ecke; wisch sie ab, sie wird wieder benutzt</translation>
    </message>
    <message>
        <source>small blending tool</source>
        <translation>kleines Wischwerkzeug</translation>
    </message>
    <message>
        <source>small blending tools: %1</source>
        <translation>kleine Wischwerkzeuge: %1</translation>
    </message>
    <message>
        <source>small wet things are put on from the side away from the hand</source>
        <translation>kleine nasse Dinge werden von der Seite gegenüber der Hand aufgetragen</translation>
    </message>
    <message>
        <source>so many cards can lie and dry at a time</source>
        <translation>so viele Karten können zugleich liegen und trocknen</translation>
    </message>
    <message>
        <source>solid</source>
        <translation>flächig</translation>
    </message>
    <message>
        <source>solid, and darker than all behind it: no mask is needed</source>
        <translation>flächig und dunkler als alles dahinter: keine Maske nötig</translation>
    </message>
    <message>
        <source>someone else…</source>
        <translation>jemand anders…</translation>
    </message>
    <message>
        <source>something from a newer version</source>
        <translation>etwas aus einer neueren Version</translation>
    </message>
    <message>
        <source>something lies on the card %1</source>
        <translation>etwas liegt auf der Karte %1</translation>
    </message>
    <message>
        <source>something stands in front of it</source>
        <translation>etwas steht davor</translation>
    </message>
    <message>
        <source>space distribute</source>
        <translation>verteilen Abstand</translation>
    </message>
    <message>
        <source>space distribute distance</source>
        <translation>verteilen Abstand Entfernung</translation>
    </message>
    <message>
        <source>spring</source>
        <translation>Frühling</translation>
    </message>
    <message>
        <source>square tiles</source>
        <translation>quadratische Fliesen</translation>
    </message>
    <message>
        <source>stamp the front first, cover it, stamp behind it</source>
        <translation>das Vordere zuerst stempeln, abdecken, dahinter stempeln</translation>
    </message>
    <message>
        <source>stamp what is behind first, the front straight on top</source>
        <translation>zuerst stempeln, was dahinter ist, das Vordere direkt darüber</translation>
    </message>
    <message>
        <source>stamped and embossed, later inks wipe off it</source>
        <translation>gestempelt und embosst, spätere Farben lassen sich abwischen</translation>
    </message>
    <message>
        <source>stamped last, over the rim of what is glued flat on the panel</source>
        <translation>zuletzt gestempelt, über den Rand dessen, was flach auf die Bildkarte geklebt ist</translation>
    </message>
    <message>
        <source>stamping %1</source>
        <translation>Stempeln von %1</translation>
    </message>
    <message>
        <source>stamps to tape</source>
        <translation>die abzuklebenden Stempel</translation>
    </message>
    <message>
        <source>stencil</source>
        <translation>Schablone</translation>
    </message>
    <message>
        <source>step %1 of %2</source>
        <translation>Schritt %1 von %2</translation>
    </message>
    <message>
        <source>stock offcut knife trim blade</source>
        <translation>Vorrat Reststück Messer schneiden Klinge</translation>
    </message>
    <message>
        <source>stopped</source>
        <translation>angehalten</translation>
    </message>
    <message>
        <source>straight ahead</source>
        <translation>gerade voraus</translation>
    </message>
    <message>
        <source>straight behind you</source>
        <translation>gerade hinter dir</translation>
    </message>
    <message>
        <source>straight edge</source>
        <translation>gerade Kante</translation>
    </message>
    <message>
        <source>straight edges: strips of tape do</source>
        <translation>gerade Kanten: Streifen Band genügen</translation>
    </message>
    <message>
        <source>straight over or under %1</source>
        <translation>gerade über oder unter %1</translation>
    </message>
    <message>
        <source>straight turn</source>
        <translation>gerade drehen</translation>
    </message>
    <message>
        <source>straight up, and wash it at once; it is used again</source>
        <translation>gerade hoch, und wasch sie gleich; sie wird wieder benutzt</translation>
    </message>
    <message>
        <source>strength goes from nothing to full</source>
        <translation>Stärke geht von nichts bis voll</translation>
    </message>
    <message>
        <source>strip</source>
        <translation>Streifen</translation>
    </message>
    <message>
        <source>strip oval window frame panel foam glue pop layer</source>
        <translation>Streifen Oval Fenster Rahmen Tafel Schaum kleben Schicht</translation>
    </message>
    <message>
        <source>stripes of 5 mm</source>
        <translation>Streifen von 5 mm</translation>
    </message>
    <message>
        <source>strongly</source>
        <translation>stark</translation>
    </message>
    <message>
        <source>summer</source>
        <translation>Sommer</translation>
    </message>
    <message>
        <source>sun</source>
        <translation>Sonne</translation>
    </message>
    <message>
        <source>sun or moon %1, %2° high</source>
        <translation>Sonne oder Mond %1, %2° hoch</translation>
    </message>
    <message>
        <source>sun or moon in the picture</source>
        <translation>Sonne oder Mond im Bild</translation>
    </message>
    <message>
        <source>sunbeams light</source>
        <translation>Sonnenstrahlen Licht</translation>
    </message>
    <message>
        <source>take colour out of a blend again</source>
        <translation>Farbe wieder aus einem Verlauf nehmen</translation>
    </message>
    <message>
        <source>takes the sheets that were cut out of the drawer and puts what is left of them in</source>
        <translation>nimmt die geschnittenen Bogen aus der Schublade und legt hinein, was davon übrig ist</translation>
    </message>
    <message>
        <source>taking colour out with %1</source>
        <translation>Herausnehmen von Farbe mit %1</translation>
    </message>
    <message>
        <source>tall; right at</source>
        <translation>hoch; richtig bei</translation>
    </message>
    <message>
        <source>tape or wipe where %1 will be</source>
        <translation>abkleben oder abwischen, wo %1 hinkommt</translation>
    </message>
    <message>
        <source>tape over part of the inked rubber, so a gap is left for the front</source>
        <translation>einen Teil des eingefärbten Gummis abkleben, damit eine Lücke für das Vordere bleibt</translation>
    </message>
    <message>
        <source>tear a strip of masking paper along the pencilled line, slowly, toward you; keep both pieces</source>
        <translation>reiße einen Streifen Maskierpapier längs der Bleistiftlinie, langsam, zu dir hin; behalte beide Stücke</translation>
    </message>
    <message>
        <source>technique resist powder wipe pop-up</source>
        <translation>Technik Reserve Pulver wischen Pop-up</translation>
    </message>
    <message>
        <source>texture</source>
        <translation>Struktur</translation>
    </message>
    <message>
        <source>that is a drawing; a scan or photo is wanted</source>
        <translation>das ist eine Zeichnung; ein Scan oder Foto ist gefragt</translation>
    </message>
    <message>
        <source>that is longer than any card</source>
        <translation>das ist länger als jede Karte</translation>
    </message>
    <message>
        <source>that is not a number</source>
        <translation>das ist keine Zahl</translation>
    </message>
    <message>
        <source>that is not a number of degrees</source>
        <translation>das ist keine Gradzahl</translation>
    </message>
    <message>
        <source>that is the whole stamp</source>
        <translation>das ist der ganze Stempel</translation>
    </message>
    <message>
        <source>that is too far from the panel</source>
        <translation>das ist zu weit vom Feld entfernt</translation>
    </message>
    <message>
        <source>the %1</source>
        <translation>„%1“</translation>
    </message>
    <message>
        <source>the %2 %1 times</source>
        <translation>das %2 %1-mal</translation>
    </message>
    <message>
        <source>the DXF file cannot be read</source>
        <translation>die DXF-Datei ist nicht lesbar</translation>
    </message>
    <message>
        <source>the DXF file holds curves that are not read (%1)</source>
        <translation>die DXF-Datei enthält Kurven, die nicht gelesen werden (%1)</translation>
    </message>
    <message>
        <source>the DXF file is cut short or damaged</source>
        <translation>die DXF-Datei ist abgeschnitten oder beschädigt</translation>
    </message>
    <message>
        <source>the HPGL command %1 is not read</source>
        <translation>der HPGL-Befehl %1 wird nicht gelesen</translation>
    </message>
    <message>
        <source>the HPGL file is cut short</source>
        <translation>die HPGL-Datei ist abgeschnitten</translation>
    </message>
    <message>
        <source>the PDF cannot be read: it is damaged, locked or no PDF</source>
        <translation>das PDF ist nicht lesbar: beschädigt, verschlossen oder kein PDF</translation>
    </message>
    <message>
        <source>the PDF has more than 500 pages</source>
        <translation>das PDF hat mehr als 500 Seiten</translation>
    </message>
    <message>
        <source>the PDF is packed in ways that are not read; save it as a plain PDF</source>
        <translation>das PDF ist auf eine Art gepackt, die nicht gelesen wird; speichere es als einfaches PDF</translation>
    </message>
    <message>
        <source>the PDF unpacks to more than %1 MB</source>
        <translation>das PDF entpackt sich zu mehr als %1 MB</translation>
    </message>
    <message>
        <source>the SVG cannot be read</source>
        <translation>das SVG ist nicht lesbar</translation>
    </message>
    <message>
        <source>the SVG says it is %1 × %2 mm large</source>
        <translation>das SVG sagt, es sei %1 × %2 mm groß</translation>
    </message>
    <message>
        <source>the SVG was not taken: %1</source>
        <translation>das SVG wurde nicht genommen: %1</translation>
    </message>
    <message>
        <source>the back wall has no size</source>
        <translation>die Rückwand hat keine Größe</translation>
    </message>
    <message>
        <source>the back wall must begin below the horizon, or there is no floor</source>
        <translation>die Rückwand muss unter dem Horizont beginnen, sonst gibt es keinen Boden</translation>
    </message>
    <message>
        <source>the background</source>
        <translation>der Hintergrund</translation>
    </message>
    <message>
        <source>the backup %1 cannot be written</source>
        <translation>die Sicherung %1 lässt sich nicht schreiben</translation>
    </message>
    <message>
        <source>the bottom</source>
        <translation>die untere</translation>
    </message>
    <message>
        <source>the card</source>
        <translation>die Karte</translation>
    </message>
    <message>
        <source>the card as it will look</source>
        <translation>die Karte, wie sie aussehen wird</translation>
    </message>
    <message>
        <source>the card is too small in the picture: at least 70 dots an inch are needed</source>
        <translation>die Karte ist im Bild zu klein: Mindestens 70 Punkte je Zoll sind nötig</translation>
    </message>
    <message>
        <source>the card lies on its side in the picture: turn the picture by a quarter</source>
        <translation>die Karte liegt im Bild auf der Seite: Dreh das Bild um ein Viertel</translation>
    </message>
    <message>
        <source>the card lies upside down in the picture: turn the picture by half a circle</source>
        <translation>die Karte liegt im Bild auf dem Kopf: Dreh das Bild um einen halben Kreis</translation>
    </message>
    <message>
        <source>the colouring</source>
        <translation>die Kolorierung</translation>
    </message>
    <message>
        <source>the colouring of %1</source>
        <translation>die Kolorierung von %1</translation>
    </message>
    <message>
        <source>the disk is full</source>
        <translation>der Datenträger ist voll</translation>
    </message>
    <message>
        <source>the disk is full or cannot be written (%1). The drawer is as it was</source>
        <translation>der Datenträger ist voll oder nicht beschreibbar (%1). Die Schublade ist, wie sie war</translation>
    </message>
    <message>
        <source>the disk is full or cannot be written (%1). The log is as it was</source>
        <translation>der Datenträger ist voll oder nicht beschreibbar (%1). Das Logbuch ist, wie es war</translation>
    </message>
    <message>
        <source>the disk is read-only</source>
        <translation>der Datenträger ist schreibgeschützt</translation>
    </message>
    <message>
        <source>the drawer cannot be opened</source>
        <translation>die Schublade lässt sich nicht öffnen</translation>
    </message>
    <message>
        <source>the drawer cannot be opened: %1</source>
        <translation>die Schublade lässt sich nicht öffnen: %1</translation>
    </message>
    <message>
        <source>the drawer cannot be written: it is read-only</source>
        <translation>die Schublade lässt sich nicht schreiben: sie ist schreibgeschützt</translation>
    </message>
    <message>
        <source>the drawer could not be changed: %1</source>
        <translation>die Schublade ließ sich nicht ändern: %1</translation>
    </message>
    <message>
        <source>the drawer could not be packed</source>
        <translation>die Schublade ließ sich nicht packen</translation>
    </message>
    <message>
        <source>the drawer does not know it</source>
        <translation>die Schublade kennt es nicht</translation>
    </message>
    <message>
        <source>the drawer does not say how full they are</source>
        <translation>die Schublade sagt nicht, wie voll sie sind</translation>
    </message>
    <message>
        <source>the drawer is damaged (%1) and cannot be set aside</source>
        <translation>die Schublade ist beschädigt (%1) und lässt sich nicht beiseitelegen</translation>
    </message>
    <message>
        <source>the drawer is of an older version and cannot be brought up to date now, because it cannot be written</source>
        <translation>die Schublade ist von einer älteren Version und lässt sich jetzt nicht auf den neuen Stand bringen, weil sie nicht beschreibbar ist</translation>
    </message>
    <message>
        <source>the drawer is open for reading only</source>
        <translation>die Schublade ist nur zum Lesen geöffnet</translation>
    </message>
    <message>
        <source>the drawing has more than %1 groups</source>
        <translation>die Zeichnung hat mehr als %1 Gruppen</translation>
    </message>
    <message>
        <source>the drawing has no usable size</source>
        <translation>die Zeichnung hat keine brauchbare Größe</translation>
    </message>
    <message>
        <source>the drawing is larger than %1 MB</source>
        <translation>die Zeichnung ist größer als %1 MB</translation>
    </message>
    <message>
        <source>the drawing is packed twice</source>
        <translation>die Zeichnung ist zweimal gepackt</translation>
    </message>
    <message>
        <source>the drawing says it is %1 × %2 mm large; a stamp is not</source>
        <translation>die Zeichnung sagt, sie sei %1 × %2 mm groß; ein Stempel ist das nicht</translation>
    </message>
    <message>
        <source>the edges and openings</source>
        <translation>die Kanten und Öffnungen</translation>
    </message>
    <message>
        <source>the edges of the sheet</source>
        <translation>den Blattkanten</translation>
    </message>
    <message>
        <source>the envelope</source>
        <translation>den Umschlag</translation>
    </message>
    <message>
        <source>the fewest that will do, and why</source>
        <translation>so wenige wie möglich, und warum</translation>
    </message>
    <message>
        <source>the file is empty</source>
        <translation>die Datei ist leer</translation>
    </message>
    <message>
        <source>the file is larger than 1 GB</source>
        <translation>die Datei ist größer als 1 GB</translation>
    </message>
    <message>
        <source>the file is larger than 512 MB</source>
        <translation>die Datei ist größer als 512 MB</translation>
    </message>
    <message>
        <source>the file is larger than 64 MB</source>
        <translation>die Datei ist größer als 64 MB</translation>
    </message>
    <message>
        <source>the file is larger than the 64 MB a plan may have</source>
        <translation>die Datei ist größer als die 64 MB, die ein Plan haben darf</translation>
    </message>
    <message>
        <source>the file is not a drawing that can be read</source>
        <translation>die Datei ist keine lesbare Zeichnung</translation>
    </message>
    <message>
        <source>the file is not a picture that can be read (PNG, JPEG, TIFF or SVG)</source>
        <translation>die Datei ist kein lesbares Bild (PNG, JPEG, TIFF oder SVG)</translation>
    </message>
    <message>
        <source>the file would be larger than is allowed</source>
        <translation>die Datei wäre größer als erlaubt</translation>
    </message>
    <message>
        <source>the first and the last of the row stand at one place</source>
        <translation>das Erste und das Letzte der Reihe stehen an einer Stelle</translation>
    </message>
    <message>
        <source>the first of the row</source>
        <translation>der erste der Reihe</translation>
    </message>
    <message>
        <source>the first pressing cannot be told from paper</source>
        <translation>die erste Pressung ist vom Papier nicht zu unterscheiden</translation>
    </message>
    <message>
        <source>the folder of the log, %1, cannot be made</source>
        <translation>der Ordner des Logbuchs, %1, lässt sich nicht anlegen</translation>
    </message>
    <message>
        <source>the four corners do not go round a rectangle: upper left, upper right, lower right, lower left</source>
        <translation>die vier Ecken gehen nicht um ein Rechteck: links oben, rechts oben, rechts unten, links unten</translation>
    </message>
    <message>
        <source>the four corners lie too close together</source>
        <translation>die vier Ecken liegen zu nah beieinander</translation>
    </message>
    <message>
        <source>the front on its own piece, cut out and raised on foam</source>
        <translation>das Vordere auf eigenem Stück, ausgeschnitten und auf Schaum gehoben</translation>
    </message>
    <message>
        <source>the greater size</source>
        <translation>die stärkere Größe</translation>
    </message>
    <message>
        <source>the greeting has room</source>
        <translation>der Gruß hat Platz</translation>
    </message>
    <message>
        <source>the greeting “%1”</source>
        <translation>Gruß „%1“</translation>
    </message>
    <message>
        <source>the ground</source>
        <translation>der Boden</translation>
    </message>
    <message>
        <source>the ground under the light</source>
        <translation>der Boden unter dem Licht</translation>
    </message>
    <message>
        <source>the hatched part</source>
        <translation>der schraffierte Teil</translation>
    </message>
    <message>
        <source>the heat tool</source>
        <translation>das Heißluftgerät</translation>
    </message>
    <message>
        <source>the hero</source>
        <translation>der Held</translation>
    </message>
    <message>
        <source>the hero first</source>
        <translation>der Held zuerst</translation>
    </message>
    <message>
        <source>the hero has %1 of the pull instead of %2</source>
        <translation>der Held hat %1 der Anziehung statt %2</translation>
    </message>
    <message>
        <source>the hero has no size</source>
        <translation>der Held hat keine Größe</translation>
    </message>
    <message>
        <source>the hero in place %1</source>
        <translation>der Held an Stelle %1</translation>
    </message>
    <message>
        <source>the hero is seen first</source>
        <translation>der Held fällt zuerst auf</translation>
    </message>
    <message>
        <source>the hero is too large for this card</source>
        <translation>der Held ist für diese Karte zu groß</translation>
    </message>
    <message>
        <source>the hero stands on a third</source>
        <translation>der Held steht auf einem Drittel</translation>
    </message>
    <message>
        <source>the hero, with much behind it: one piece saves many masks</source>
        <translation>der Held, mit vielem dahinter: ein Stück spart viele Masken</translation>
    </message>
    <message>
        <source>the horizon</source>
        <translation>der Horizont</translation>
    </message>
    <message>
        <source>the horizon, and how sizes shrink toward it</source>
        <translation>der Horizont, und wie Größen zu ihm hin schrumpfen</translation>
    </message>
    <message>
        <source>the ink %1</source>
        <translation>die Farbe %1</translation>
    </message>
    <message>
        <source>the ink runs as soon as it is damp</source>
        <translation>die Farbe läuft, sobald sie feucht wird</translation>
    </message>
    <message>
        <source>the inks</source>
        <translation>die Farben</translation>
    </message>
    <message>
        <source>the large shapes make a triangle</source>
        <translation>die großen Formen bilden ein Dreieck</translation>
    </message>
    <message>
        <source>the last of the row; on the horizon it has no end</source>
        <translation>der letzte der Reihe; auf dem Horizont hat sie kein Ende</translation>
    </message>
    <message>
        <source>the left</source>
        <translation>die linke</translation>
    </message>
    <message>
        <source>the left and the bottom</source>
        <translation>die linke und die untere</translation>
    </message>
    <message>
        <source>the left and the bottom, where the fold is</source>
        <translation>die linke und die untere, wo die Falte ist</translation>
    </message>
    <message>
        <source>the left and the top, where the fold is</source>
        <translation>die linke und die obere, wo die Falte ist</translation>
    </message>
    <message>
        <source>the left part</source>
        <translation>der linke Teil</translation>
    </message>
    <message>
        <source>the left, where the fold is, and the bottom</source>
        <translation>die linke, wo die Falte ist, und die untere</translation>
    </message>
    <message>
        <source>the light</source>
        <translation>das Licht</translation>
    </message>
    <message>
        <source>the light is too far from the panel</source>
        <translation>das Licht ist zu weit vom Feld entfernt</translation>
    </message>
    <message>
        <source>the light: %1</source>
        <translation>das Licht: %1</translation>
    </message>
    <message>
        <source>the log cannot be opened</source>
        <translation>das Logbuch lässt sich nicht öffnen</translation>
    </message>
    <message>
        <source>the log cannot be opened: %1</source>
        <translation>das Logbuch lässt sich nicht öffnen: %1</translation>
    </message>
    <message>
        <source>the log cannot be written: it is read-only</source>
        <translation>das Logbuch ist schreibgeschützt</translation>
    </message>
    <message>
        <source>the log could not be changed: %1</source>
        <translation>das Logbuch konnte nicht geändert werden: %1</translation>
    </message>
    <message>
        <source>the log is damaged (%1) and cannot be set aside</source>
        <translation>das Logbuch ist beschädigt (%1) und lässt sich nicht beiseitelegen</translation>
    </message>
    <message>
        <source>the lower part</source>
        <translation>der untere Teil</translation>
    </message>
    <message>
        <source>the marks seen on the sheet are not those of the file</source>
        <translation>die Marken auf dem Blatt sind nicht die der Datei</translation>
    </message>
    <message>
        <source>the name is too long</source>
        <translation>der Name ist zu lang</translation>
    </message>
    <message>
        <source>the notes</source>
        <translation>die Notizen</translation>
    </message>
    <message>
        <source>the one at hand</source>
        <translation>der vorhandene</translation>
    </message>
    <message>
        <source>the packed drawing is damaged, or unpacks to more than %1 MB</source>
        <translation>die gepackte Zeichnung ist beschädigt oder entpackt sich zu mehr als %1 MB</translation>
    </message>
    <message>
        <source>the pad of %1</source>
        <translation>das Kissen %1</translation>
    </message>
    <message>
        <source>the panel</source>
        <translation>die Bildkarte</translation>
    </message>
    <message>
        <source>the picture cannot be read: %1</source>
        <translation>das Bild ist nicht lesbar: %1</translation>
    </message>
    <message>
        <source>the picture has %1 × %2 pixels: too few for a stamp</source>
        <translation>das Bild hat %1 × %2 Pixel: zu wenige für einen Stempel</translation>
    </message>
    <message>
        <source>the picture has %1 × %2 pixels; 160 million is the most (a whole A4 sheet at 1200 dpi), and 30 000 on a side. Scan a smaller area or with fewer dpi</source>
        <translation>das Bild hat %1 × %2 Pixel; 160 Millionen sind das Höchste (ein ganzer A4-Bogen bei 1200 dpi), und 30 000 auf einer Seite. Scanne eine kleinere Fläche oder mit weniger dpi</translation>
    </message>
    <message>
        <source>the picture has no scale yet</source>
        <translation>das Bild hat noch keinen Maßstab</translation>
    </message>
    <message>
        <source>the picture is cut short</source>
        <translation>das Bild ist abgeschnitten</translation>
    </message>
    <message>
        <source>the picture is empty</source>
        <translation>das Bild ist leer</translation>
    </message>
    <message>
        <source>the picture is nearly black: there is no paper to tell ink from</source>
        <translation>das Bild ist fast schwarz: Es gibt kein Papier, von dem sich Farbe abhebt</translation>
    </message>
    <message>
        <source>the picture is too coarse to cut from; scan at 150 dpi or more</source>
        <translation>das Bild ist zu grob, um daraus auszuschneiden; scanne mit 150 dpi oder mehr</translation>
    </message>
    <message>
        <source>the picture is too small</source>
        <translation>das Bild ist zu klein</translation>
    </message>
    <message>
        <source>the picture on %1</source>
        <translation>das Bild auf %1</translation>
    </message>
    <message>
        <source>the pictures inside</source>
        <translation>die Bilder innen</translation>
    </message>
    <message>
        <source>the pieces</source>
        <translation>die Teile</translation>
    </message>
    <message>
        <source>the plan has no ink to stamp with</source>
        <translation>der Plan hat keine Farbe zum Stempeln</translation>
    </message>
    <message>
        <source>the plan has no room</source>
        <translation>der Plan hat keinen Raum</translation>
    </message>
    <message>
        <source>the plan has no view</source>
        <translation>der Plan hat keinen Blick</translation>
    </message>
    <message>
        <source>the plan has no view, so nothing can stand on its ground</source>
        <translation>der Plan hat keinen Blick, also kann nichts auf seinem Boden stehen</translation>
    </message>
    <message>
        <source>the plan has no view, so there is no ground</source>
        <translation>der Plan hat keinen Blick, also gibt es keinen Boden</translation>
    </message>
    <message>
        <source>the powder for %1</source>
        <translation>das Pulver für %1</translation>
    </message>
    <message>
        <source>the printer's paper</source>
        <translation>das Papier des Druckers</translation>
    </message>
    <message>
        <source>the rack is full: hands wait %1</source>
        <translation>das Gestell ist voll: die Hände warten %1</translation>
    </message>
    <message>
        <source>the rectangle needs a width and a height</source>
        <translation>das Rechteck braucht eine Breite und eine Höhe</translation>
    </message>
    <message>
        <source>the rest</source>
        <translation>der Rest</translation>
    </message>
    <message>
        <source>the right</source>
        <translation>die rechte</translation>
    </message>
    <message>
        <source>the right part</source>
        <translation>der rechte Teil</translation>
    </message>
    <message>
        <source>the right, where the fold is, and the bottom</source>
        <translation>die rechte, wo die Falte ist, und die untere</translation>
    </message>
    <message>
        <source>the room</source>
        <translation>der Raum</translation>
    </message>
    <message>
        <source>the row lies behind the viewer</source>
        <translation>die Reihe liegt hinter dem Betrachter</translation>
    </message>
    <message>
        <source>the same scene from the side: drag a thing, or mist, nearer or farther</source>
        <translation>dieselbe Szene von der Seite: ziehe ein Ding oder Nebel näher oder ferner</translation>
    </message>
    <message>
        <source>the sheet that is bought when the drawer's do not reach</source>
        <translation>der Bogen, der gekauft wird, wenn die der Schublade nicht reichen</translation>
    </message>
    <message>
        <source>the stamp %1</source>
        <translation>der Stempel %1</translation>
    </message>
    <message>
        <source>the stamp %1 is damaged: %2</source>
        <translation>der Stempel %1 ist beschädigt: %2</translation>
    </message>
    <message>
        <source>the stamp is on &quot;%1&quot;</source>
        <translation>der Stempel ist auf „%1“</translation>
    </message>
    <message>
        <source>the stamp is on the card</source>
        <translation>der Stempel ist auf der Karte</translation>
    </message>
    <message>
        <source>the stamps</source>
        <translation>die Stempel</translation>
    </message>
    <message>
        <source>the step “%1”</source>
        <translation>der Schritt „%1“</translation>
    </message>
    <message>
        <source>the stronger colour</source>
        <translation>die stärkere Farbe</translation>
    </message>
    <message>
        <source>the stronger contrast of light and dark</source>
        <translation>der stärkere Kontrast von Hell und Dunkel</translation>
    </message>
    <message>
        <source>the tape above the line</source>
        <translation>das Band über der Linie</translation>
    </message>
    <message>
        <source>the tape below the line</source>
        <translation>das Band unter der Linie</translation>
    </message>
    <message>
        <source>the things</source>
        <translation>die Dinge</translation>
    </message>
    <message>
        <source>the top</source>
        <translation>die obere</translation>
    </message>
    <message>
        <source>the upper part</source>
        <translation>der obere Teil</translation>
    </message>
    <message>
        <source>the viewpoint</source>
        <translation>der Blickpunkt</translation>
    </message>
    <message>
        <source>the visible lines of the room and the ground, pencilled first and inked by pen</source>
        <translation>die sichtbaren Linien von Raum und Boden, erst mit Bleistift, dann mit dem Stift gezogen</translation>
    </message>
    <message>
        <source>the washes</source>
        <translation>die Verläufe</translation>
    </message>
    <message>
        <source>the whole of it, or what lies on one side of a line; drag the line's ends on the card</source>
        <translation>das Ganze oder was auf einer Seite einer Linie liegt; ziehe die Enden der Linie auf der Karte</translation>
    </message>
    <message>
        <source>the words “%1”</source>
        <translation>die Wörter „%1“</translation>
    </message>
    <message>
        <source>their point %1</source>
        <translation>ihr Punkt %1</translation>
    </message>
    <message>
        <source>then</source>
        <translation>dann</translation>
    </message>
    <message>
        <source>then %1 : 1</source>
        <translation>dann %1 : 1</translation>
    </message>
    <message>
        <source>then let it dry for %1</source>
        <translation>dann lass es %1 trocknen</translation>
    </message>
    <message>
        <source>then let them be for %1</source>
        <translation>dann lass sie %1 in Ruhe</translation>
    </message>
    <message>
        <source>then wait %1</source>
        <translation>dann warte %1</translation>
    </message>
    <message>
        <source>there are %1 pictures; %2 is the most in one go</source>
        <translation>es sind %1 Bilder; auf einmal gehen höchstens %2</translation>
    </message>
    <message>
        <source>there are more than 300 000 points to cut</source>
        <translation>es sind mehr als 300 000 Punkte zu schneiden</translation>
    </message>
    <message>
        <source>there as %1</source>
        <translation>schon da als %1</translation>
    </message>
    <message>
        <source>there is enough</source>
        <translation>es ist genug da</translation>
    </message>
    <message>
        <source>there is no act &quot;%1&quot;</source>
        <translation>es gibt keine Handlung „%1“</translation>
    </message>
    <message>
        <source>there is no edge or frame &quot;%1&quot;</source>
        <translation>es gibt keine Kante und keinen Rahmen „%1“</translation>
    </message>
    <message>
        <source>there is no ground below the horizon to stand on</source>
        <translation>unter dem Horizont ist kein Boden, auf dem man stehen könnte</translation>
    </message>
    <message>
        <source>there is no impression &quot;%1&quot;</source>
        <translation>es gibt keinen Abdruck „%1“</translation>
    </message>
    <message>
        <source>there is no impression on this sheet, only specks or its edge</source>
        <translation>auf diesem Blatt ist kein Abdruck, nur Flecken oder sein Rand</translation>
    </message>
    <message>
        <source>there is no ink &quot;%1&quot;</source>
        <translation>es gibt keine Farbe „%1“</translation>
    </message>
    <message>
        <source>there is no ink to stamp with</source>
        <translation>es gibt keine Farbe zum Stempeln</translation>
    </message>
    <message>
        <source>there is no log %1</source>
        <translation>es gibt kein Logbuch %1</translation>
    </message>
    <message>
        <source>there is no other &quot;%1&quot;</source>
        <translation>es gibt kein anderes „%1“</translation>
    </message>
    <message>
        <source>there is no other impression &quot;%1&quot;</source>
        <translation>es gibt keinen anderen Abdruck „%1“</translation>
    </message>
    <message>
        <source>there is no picture</source>
        <translation>es ist kein Bild da</translation>
    </message>
    <message>
        <source>there is no picture to paste</source>
        <translation>es ist kein Bild zum Einfügen da</translation>
    </message>
    <message>
        <source>there is no stamp &quot;%1&quot;</source>
        <translation>es gibt keinen Stempel „%1“</translation>
    </message>
    <message>
        <source>there is no such card in the log</source>
        <translation>so eine Karte ist nicht im Logbuch</translation>
    </message>
    <message>
        <source>there is no such file or folder</source>
        <translation>so eine Datei oder so einen Ordner gibt es nicht</translation>
    </message>
    <message>
        <source>there is no such impression</source>
        <translation>diesen Abdruck gibt es nicht</translation>
    </message>
    <message>
        <source>there is no such part of the stamp</source>
        <translation>diesen Teil des Stempels gibt es nicht</translation>
    </message>
    <message>
        <source>there is no such stamp in the drawer</source>
        <translation>so ein Stempel ist nicht in der Schublade</translation>
    </message>
    <message>
        <source>there is no such thing on the ground</source>
        <translation>so etwas gibt es auf dem Boden nicht</translation>
    </message>
    <message>
        <source>there is no such wash</source>
        <translation>diesen Verlauf gibt es nicht</translation>
    </message>
    <message>
        <source>there is no such wish</source>
        <translation>diesen Wunsch gibt es nicht</translation>
    </message>
    <message>
        <source>there is no wash &quot;%1&quot;</source>
        <translation>es gibt keinen Verlauf „%1“</translation>
    </message>
    <message>
        <source>there is none left</source>
        <translation>es ist keiner übrig</translation>
    </message>
    <message>
        <source>there is nothing &quot;%1&quot; on the ground</source>
        <translation>auf dem Boden gibt es kein „%1“</translation>
    </message>
    <message>
        <source>there is nothing on this paper: is it the right side?</source>
        <translation>auf diesem Papier ist nichts: Ist es die richtige Seite?</translation>
    </message>
    <message>
        <source>there is nothing on this sheet that stands out from its paper</source>
        <translation>auf diesem Blatt ist nichts, was sich vom Papier abhebt</translation>
    </message>
    <message>
        <source>there is nothing to cut in this file</source>
        <translation>in dieser Datei ist nichts zu schneiden</translation>
    </message>
    <message>
        <source>they all stand at one place</source>
        <translation>sie stehen alle an einer Stelle</translation>
    </message>
    <message>
        <source>thin part %1, %2 long</source>
        <translation>dünner Teil %1, %2 lang</translation>
    </message>
    <message>
        <source>thing</source>
        <translation>Ding</translation>
    </message>
    <message>
        <source>third</source>
        <translation>drittes</translation>
    </message>
    <message>
        <source>third pressing</source>
        <translation>dritte Pressung</translation>
    </message>
    <message>
        <source>this drawer was made by a newer Havlo</source>
        <translation>diese Schublade machte ein neueres Havlo</translation>
    </message>
    <message>
        <source>this drawer was made by a newer Havlo (version %1)</source>
        <translation>diese Schublade machte ein neueres Havlo (Version %1)</translation>
    </message>
    <message>
        <source>this ink is dry before powder clings to it; a clear embossing pen would be needed</source>
        <translation>diese Farbe ist trocken, bevor Pulver daran haftet; ein klarer Embossingstift wäre nötig</translation>
    </message>
    <message>
        <source>this is no cut file: neither SVG, DXF, HPGL nor PDF</source>
        <translation>das ist keine Schneidedatei: weder SVG, DXF, HPGL noch PDF</translation>
    </message>
    <message>
        <source>this is no drawer file</source>
        <translation>das ist keine Schubladendatei</translation>
    </message>
    <message>
        <source>this is no drawer file, or it is damaged</source>
        <translation>das ist keine Schubladendatei, oder sie ist beschädigt</translation>
    </message>
    <message>
        <source>this is not the plan's card: hardly anything of it lies where it should</source>
        <translation>das ist nicht die Karte des Plans: Kaum etwas davon liegt, wo es sollte</translation>
    </message>
    <message>
        <source>this log was made by a newer Havlo (version %1)</source>
        <translation>dieses Logbuch machte ein neueres Havlo (Version %1)</translation>
    </message>
    <message>
        <source>this paper</source>
        <translation>dieses Papier</translation>
    </message>
    <message>
        <source>this part stays the paper's, on purpose</source>
        <translation>dieser Teil bleibt absichtlich Papier</translation>
    </message>
    <message>
        <source>this part without colour again</source>
        <translation>dieser Teil wieder ohne Farbe</translation>
    </message>
    <message>
        <source>this plan has no grey or black ink</source>
        <translation>dieser Plan hat keine graue oder schwarze Farbe</translation>
    </message>
    <message>
        <source>this plan has no ink with a colour for the hero</source>
        <translation>dieser Plan hat keine bunte Farbe für den Helden</translation>
    </message>
    <message>
        <source>this sheet has other sides than the plan's card: is it another card, or half of it?</source>
        <translation>dieses Blatt hat andere Seiten als die Karte des Plans: Ist es eine andere Karte oder die halbe?</translation>
    </message>
    <message>
        <source>three quarters of the way up</source>
        <translation>drei Viertel der Höhe</translation>
    </message>
    <message>
        <source>tiles and boards must have a size</source>
        <translation>Fliesen und Dielen müssen eine Größe haben</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>nach links</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>nach rechts</translation>
    </message>
    <message>
        <source>to the right: thicker mist</source>
        <translation>nach rechts: dichterer Nebel</translation>
    </message>
    <message>
        <source>too fine to cut a mask for</source>
        <translation>zu fein für eine Maske</translation>
    </message>
    <message>
        <source>too small to cut out and hold foam</source>
        <translation>zu klein zum Ausschneiden und für Schaum</translation>
    </message>
    <message>
        <source>too thick for the post</source>
        <translation>zu dick für die Post</translation>
    </message>
    <message>
        <source>too thin to cut a mask for</source>
        <translation>zu dünn für eine Maske</translation>
    </message>
    <message>
        <source>torn edge</source>
        <translation>gerissene Kante</translation>
    </message>
    <message>
        <source>towards the light</source>
        <translation>zum Licht hin</translation>
    </message>
    <message>
        <source>tree</source>
        <translation>Baum</translation>
    </message>
    <message>
        <source>try it on scrap paper</source>
        <translation>versuche es auf Schmierpapier</translation>
    </message>
    <message>
        <source>try it on scrap paper first</source>
        <translation>versuche es zuerst auf Schmierpapier</translation>
    </message>
    <message>
        <source>turned %1° to the left</source>
        <translation>%1° nach links gedreht</translation>
    </message>
    <message>
        <source>turned %1° to the right</source>
        <translation>%1° nach rechts gedreht</translation>
    </message>
    <message>
        <source>turquoise</source>
        <translation>Türkis</translation>
    </message>
    <message>
        <source>two thirds of the way up</source>
        <translation>zwei Drittel der Höhe</translation>
    </message>
    <message>
        <source>under 1 %</source>
        <translation>unter 1 %</translation>
    </message>
    <message>
        <source>up</source>
        <translation>aufwärts</translation>
    </message>
    <message>
        <source>up to</source>
        <translation>bis zu</translation>
    </message>
    <message>
        <source>upper corner of the back wall</source>
        <translation>obere Ecke der Rückwand</translation>
    </message>
    <message>
        <source>upper left corner of the stamp %1</source>
        <translation>linke obere Ecke des Stempels %1</translation>
    </message>
    <message>
        <source>upper right corner of the stamp %1</source>
        <translation>rechte obere Ecke des Stempels %1</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>aufrecht</translation>
    </message>
    <message>
        <source>upright, along the height</source>
        <translation>senkrecht, längs der Höhe</translation>
    </message>
    <message>
        <source>used up</source>
        <translation>aufgebraucht</translation>
    </message>
    <message>
        <source>vanishing point: drag it along the horizon</source>
        <translation>Fluchtpunkt: am Horizont entlang ziehen</translation>
    </message>
    <message>
        <source>variation %1</source>
        <translation>Variante %1</translation>
    </message>
    <message>
        <source>very far</source>
        <translation>sehr weit</translation>
    </message>
    <message>
        <source>vignette corners</source>
        <translation>Vignette Ecken</translation>
    </message>
    <message>
        <source>violet</source>
        <translation>Violett</translation>
    </message>
    <message>
        <source>wait %1</source>
        <translation>warte %1</translation>
    </message>
    <message>
        <source>wall</source>
        <translation>Wand</translation>
    </message>
    <message>
        <source>wash blend sky ground</source>
        <translation>Verlauf wischen Himmel Boden</translation>
    </message>
    <message>
        <source>water</source>
        <translation>Wasser</translation>
    </message>
    <message>
        <source>water lines</source>
        <translation>Wasserlinien</translation>
    </message>
    <message>
        <source>water-reactive</source>
        <translation>wasserlöslich</translation>
    </message>
    <message>
        <source>waves of 6 mm</source>
        <translation>Wellen von 6 mm</translation>
    </message>
    <message>
        <source>wavy edge</source>
        <translation>wellige Kante</translation>
    </message>
    <message>
        <source>well</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>what a part is coloured with comes into the hand</source>
        <translation>womit ein Teil ausgemalt ist, kommt in die Hand</translation>
    </message>
    <message>
        <source>what does not draw the eye fades away</source>
        <translation>was das Auge nicht anzieht, verblasst</translation>
    </message>
    <message>
        <source>what is behind first, then this straight on top: dark opaque ink</source>
        <translation>zuerst was dahinter ist, dann dies direkt darüber: dunkle deckende Farbe</translation>
    </message>
    <message>
        <source>what is behind is pressed with this place taped over on the rubber</source>
        <translation>was dahinter ist, wird mit auf dem Gummi abgeklebter Stelle gedrückt</translation>
    </message>
    <message>
        <source>what is behind is pressed with this place wiped off the rubber</source>
        <translation>was dahinter ist, wird mit auf dem Gummi abgewischter Stelle gedrückt</translation>
    </message>
    <message>
        <source>what is behind would show through</source>
        <translation>was dahinter ist, schiene durch</translation>
    </message>
    <message>
        <source>what is left when the details go</source>
        <translation>was bleibt, wenn die Einzelheiten gehen</translation>
    </message>
    <message>
        <source>what is needed for %1</source>
        <translation>was für %1 gebraucht wird</translation>
    </message>
    <message>
        <source>what masks are cut from</source>
        <translation>woraus Masken geschnitten werden</translation>
    </message>
    <message>
        <source>what the log says of that card is damaged</source>
        <translation>was das Logbuch von dieser Karte sagt, ist beschädigt</translation>
    </message>
    <message>
        <source>what was copied lacks a stamp or an ink</source>
        <translation>dem Kopierten fehlt ein Stempel oder eine Farbe</translation>
    </message>
    <message>
        <source>what you said you mean</source>
        <translation>was du so gemeint hast</translation>
    </message>
    <message>
        <source>where it comes from, dark sides and shadows</source>
        <translation>woher es kommt, dunkle Seiten und Schatten</translation>
    </message>
    <message>
        <source>where the eye goes, in this order; green on the hero</source>
        <translation>wohin das Auge geht, in dieser Reihenfolge; grün auf dem Helden</translation>
    </message>
    <message>
        <source>white</source>
        <translation>Weiß</translation>
    </message>
    <message>
        <source>wider than it is high, as landscapes mostly are</source>
        <translation>breiter als hoch, wie Landschaften meist sind</translation>
    </message>
    <message>
        <source>window</source>
        <translation>Fenster</translation>
    </message>
    <message>
        <source>window in the back wall</source>
        <translation>Fenster in der Rückwand</translation>
    </message>
    <message>
        <source>window in the right wall</source>
        <translation>Fenster in der rechten Wand</translation>
    </message>
    <message>
        <source>winter</source>
        <translation>Winter</translation>
    </message>
    <message>
        <source>wipe ink off part of the rubber before pressing</source>
        <translation>vor dem Drücken Farbe von einem Teil des Gummis wischen</translation>
    </message>
    <message>
        <source>wipe off</source>
        <translation>abwischen</translation>
    </message>
    <message>
        <source>with a damp cloth %1, a little at a time</source>
        <translation>mit feuchtem Tuch %1, immer nur wenig</translation>
    </message>
    <message>
        <source>with a sand eraser %1, lightly, a little at a time</source>
        <translation>mit einem Sandradierer %1, leicht, immer nur wenig</translation>
    </message>
    <message>
        <source>with a sheet of scrap inside, clear of the gum, so that nothing comes through; what is planned on the flap is stamped now and dries before it is opened</source>
        <translation>mit einem Bogen Schmierpapier darin, frei von der Gummierung, damit nichts durchschlägt; was auf der Klappe geplant ist, wird jetzt gestempelt und trocknet, bevor man sie öffnet</translation>
    </message>
    <message>
        <source>with a soft dry cloth, a clean spot of it for every stroke: the ink comes off what is embossed and stays beside it</source>
        <translation>mit weichem trockenem Tuch, für jeden Strich eine saubere Stelle: die Farbe geht vom Embossten und bleibt daneben</translation>
    </message>
    <message>
        <source>with its die</source>
        <translation>mit seiner Stanze</translation>
    </message>
    <message>
        <source>with the card turned round</source>
        <translation>mit umgedrehter Karte</translation>
    </message>
    <message>
        <source>with the piece that came out</source>
        <translation>mit dem herausgelösten Stück</translation>
    </message>
    <message>
        <source>with the sheet it came out of</source>
        <translation>mit dem Bogen, aus dem es kam</translation>
    </message>
    <message>
        <source>with the tools of the scene: greetings and small stamps, at the right way up</source>
        <translation>mit den Werkzeugen der Szene: Grüße und kleine Stempel, richtig herum</translation>
    </message>
    <message>
        <source>with the trimmer</source>
        <translation>mit dem Schneidegerät</translation>
    </message>
    <message>
        <source>without colour</source>
        <translation>ohne Farbe</translation>
    </message>
    <message>
        <source>words sentiment text letters birthday</source>
        <translation>Worte Spruch Text Buchstaben Geburtstag</translation>
    </message>
    <message>
        <source>written here</source>
        <translation>hier geschrieben</translation>
    </message>
    <message>
        <source>yellow</source>
        <translation>Gelb</translation>
    </message>
    <message>
        <source>your own steps</source>
        <translation>deine eigenen Schritte</translation>
    </message>
    <message>
        <source>your stamps</source>
        <translation>deine Stempel</translation>
    </message>
    <message>
        <source>yours</source>
        <translation>deine</translation>
    </message>
    <message>
        <source>yours: %1</source>
        <translation>deine: %1</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>– %1</source>
        <translation>– %1</translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation>„%1“</translation>
    </message>
    <message>
        <source>“%1” is not a number of degrees</source>
        <translation>„%1“ ist keine Gradzahl</translation>
    </message>
    <message>
        <source>“%1” is not on this card any more.</source>
        <translation>„%1“ ist nicht mehr auf dieser Karte.</translation>
    </message>
    <message>
        <source>“%1”, %2 high</source>
        <translation>„%1“, %2 hoch</translation>
    </message>
    <message>
        <source>… and eyes</source>
        <translation>… und Augen</translation>
    </message>
    <message>
        <source>… it is stamped in</source>
        <translation>… in sie gestempelt wird</translation>
    </message>
    <message>
        <source>… it lands 1 mm off?</source>
        <translation>… es 1 mm daneben landet?</translation>
    </message>
    <message>
        <source>… its mask is forgotten?</source>
        <translation>… seine Maske vergessen wird?</translation>
    </message>
    <message>
        <source>… its mask is never remade?</source>
        <translation>… seine Maske nie neu gemacht wird?</translation>
    </message>
    <message>
        <source>… the steps are shuffled?</source>
        <translation>… die Schritte gemischt werden?</translation>
    </message>
</context>
</TS>
