<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="nl" sourcelanguage="en">
<context>
    <name>Havlo</name>
    <message>
        <source>
kept in: %1</source>
        <translation>
ligt in: %1</translation>
    </message>
    <message>
        <source>
of the untrimmed sheet</source>
        <translation>
van het onafgesneden vel</translation>
    </message>
    <message>
        <source>
set: %1</source>
        <translation>
set: %1</translation>
    </message>
    <message>
        <source>    (not now)</source>
        <translation>    (nu niet)</translation>
    </message>
    <message>
        <source> % of the usual time</source>
        <extracomment>stands behind a number: how often a mask can be laid</extracomment>
        <translation> % van de gewone tijd</translation>
    </message>
    <message>
        <source> %1 cards at once: each step is done on all of them.</source>
        <translation> %1 kaarten tegelijk: elke stap wordt op alle gedaan.</translation>
    </message>
    <message>
        <source> %1 comes nearest.</source>
        <translation> %1 komt het dichtst in de buurt.</translation>
    </message>
    <message>
        <source> %1 evenings.</source>
        <translation> %1 avonden.</translation>
    </message>
    <message>
        <source> %1 masks were cut.</source>
        <translation> %1 maskers zijn geknipt.</translation>
    </message>
    <message>
        <source> %1 things went wrong.</source>
        <translation> %1 dingen gingen mis.</translation>
    </message>
    <message>
        <source> (after %1)</source>
        <translation> (na %1)</translation>
    </message>
    <message>
        <source> (before %1)</source>
        <translation> (voor %1)</translation>
    </message>
    <message>
        <source> (its place is told to %1 only)</source>
        <translation> (de plaats is maar tot op %1 bekend)</translation>
    </message>
    <message>
        <source> (raised off the ground)</source>
        <translation> (van de grond getild)</translation>
    </message>
    <message>
        <source> (runs low)</source>
        <translation> (raakt op)</translation>
    </message>
    <message>
        <source> (taken a degree above the horizon)</source>
        <translation> (genomen op één graad boven de horizon)</translation>
    </message>
    <message>
        <source> 1 mask was cut.</source>
        <translation> 1 masker is geknipt.</translation>
    </message>
    <message>
        <source> Evenings of %1.</source>
        <translation> Avonden van %1.</translation>
    </message>
    <message>
        <source> For %1 cards.</source>
        <translation> Voor %1 kaarten.</translation>
    </message>
    <message>
        <source> Larger than the sheet and left out: %1.</source>
        <translation> Groter dan het vel en weggelaten: %1.</translation>
    </message>
    <message>
        <source> Nothing went wrong.</source>
        <translation> Niets ging mis.</translation>
    </message>
    <message>
        <source> One thing went wrong.</source>
        <translation> Eén ding ging mis.</translation>
    </message>
    <message>
        <source> Page %1 of %2.</source>
        <translation> Bladzijde %1 van %2.</translation>
    </message>
    <message>
        <source> Score the base level, %1 from its bottom edge, with the grain along the fold.</source>
        <translation> Ril de dubbele kaart waterpas, %1 van de onderkant, met de vezel langs de vouw.</translation>
    </message>
    <message>
        <source> Score the base upright, %1 from its left edge, with the grain along the fold.</source>
        <translation> Ril de dubbele kaart rechtop, %1 van de linkerkant, met de vezel langs de vouw.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> en </translation>
    </message>
    <message>
        <source> cards</source>
        <translation> kaarten</translation>
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
        <translation> van het geïnkte rubber</translation>
    </message>
    <message>
        <source> on %1</source>
        <translation> op %1</translation>
    </message>
    <message>
        <source> over </source>
        <translation> over </translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source> sheets</source>
        <translation> vellen</translation>
    </message>
    <message>
        <source> times</source>
        <translation> keer</translation>
    </message>
    <message>
        <source> · the hero</source>
        <translation> · de held</translation>
    </message>
    <message>
        <source>&quot;%1&quot; does not lie on the card's face</source>
        <translation>“%1” ligt niet op de voorkant van de kaart</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no real height, so its size cannot be judged</source>
        <translation>“%1” heeft geen werkelijke hoogte, dus de maat valt niet te beoordelen</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no size</source>
        <translation>“%1” heeft geen maat</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is missing</source>
        <translation>“%1” ontbreekt</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is named twice</source>
        <translation>“%1” wordt twee keer genoemd</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a measure; write it as 2 3/8, 2.375in, 60mm or 6cm</source>
        <translation>“%1” is geen maat; schrijf het als 2 3/8, 2,375in, 60mm of 6cm</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a number</source>
        <translation>“%1” is geen getal</translation>
    </message>
    <message>
        <source>&quot;%1&quot; would lie on itself</source>
        <translation>“%1” zou op zichzelf liggen</translation>
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
        <translation>## Op de kaart

- **Pijltoetsen**: het gekozene verschuiven; met Shift fijner
- **Komma, punt**: draaien
- **Page Down**, **Page Up**: het volgende ding; **K** houdt het huidige intussen gekozen
- **Shift en klik**: één meer of minder gekozen
- **Ctrl en slepen**: een kopie, naar een andere plek of een ander venster
- **Alt en klik**: het ding erachter; **Alt en slepen**: geen lijn vangt het
- **L, B**: de maat van links, van onderen typen
- **Z**: de loep
- **Ctrl en wiel**: dichterbij en verder; **spatie en slepen**, **Ctrl en pijltoetsen**: over de kaart
- **Esc**: niets is gekozen

## Aan tafel

- **Spatie**: de stap is gedaan
- **Backspace**: een stap terug
- **W**: het ging mis
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
geschreven %3</translation>
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
     cijfer %3, %4</translation>
    </message>
    <message>
        <source>%1  Your own card
     %2</source>
        <translation>%1  Je eigen kaart
     %2</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1 % bare</source>
        <translation>%1 % vrij</translation>
    </message>
    <message>
        <source>%1 % of it</source>
        <translation>%1 % ervan</translation>
    </message>
    <message>
        <source>%1 % of it is lost</source>
        <translation>%1 % ervan gaat verloren</translation>
    </message>
    <message>
        <source>%1 % of the card is plain. The largest plain place is %2 by %3, %4 from the left, %5 from the bottom.</source>
        <translation>%1 % van de kaart is rustig. De grootste rustige plek is %2 bij %3, %4 van links, %5 van onderen.</translation>
    </message>
    <message>
        <source>%1 % on</source>
        <translation>%1 % erop</translation>
    </message>
    <message>
        <source>%1 % shows</source>
        <translation>%1 % zichtbaar</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1 %2 things stand in the way; first: %3.</source>
        <translation>%1 %2 dingen staan in de weg; eerst: %3.</translation>
    </message>
    <message>
        <source>%1 %2, about %3 in all</source>
        <translation>%1 %2, samen ongeveer %3</translation>
    </message>
    <message>
        <source>%1 %2, pressing %3, comes nearer.</source>
        <translation>%1 %2, druk %3, komt dichterbij.</translation>
    </message>
    <message>
        <source>%1 (%2 % of its typical height)</source>
        <translation>%1 (%2 % van de gewone hoogte)</translation>
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
        <translation>%1 Naden, minuten en maskers van je volgende plannen worden ermee gerekend.</translation>
    </message>
    <message>
        <source>%1 One thing stands in the way: %2.</source>
        <translation>%1 Eén ding staat in de weg: %2.</translation>
    </message>
    <message>
        <source>%1 Pressing %2 comes nearer.</source>
        <translation>%1 Druk %2 komt dichterbij.</translation>
    </message>
    <message>
        <source>%1 above the top edge</source>
        <translation>%1 boven de bovenkant</translation>
    </message>
    <message>
        <source>%1 against %2</source>
        <translation>%1 tegen %2</translation>
    </message>
    <message>
        <source>%1 ahead</source>
        <translation>%1 vooruit</translation>
    </message>
    <message>
        <source>%1 along what covers %2</source>
        <translation>%1 langs wat %2 bedekt</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 en %2</translation>
    </message>
    <message>
        <source>%1 and %2 blend to mud</source>
        <translation>%1 en %2 worden samen modder</translation>
    </message>
    <message>
        <source>%1 and %2 cannot both be had as they lie</source>
        <translation>%1 en %2 zijn zoals ze liggen niet allebei te hebben</translation>
    </message>
    <message>
        <source>%1 and %2 look like copies</source>
        <translation>%1 en %2 lijken kopieën</translation>
    </message>
    <message>
        <source>%1 and %2 more</source>
        <translation>%1 en nog %2</translation>
    </message>
    <message>
        <source>%1 and %2 touch at the edge</source>
        <translation>%1 en %2 raken elkaar aan de rand</translation>
    </message>
    <message>
        <source>%1 apart</source>
        <translation>%1 uit elkaar</translation>
    </message>
    <message>
        <source>%1 are all heroes</source>
        <translation>%1 zijn allemaal held</translation>
    </message>
    <message>
        <source>%1 are coloured</source>
        <translation>%1 zijn gekleurd</translation>
    </message>
    <message>
        <source>%1 are in the drawer</source>
        <translation>%1 zijn in de la</translation>
    </message>
    <message>
        <source>%1 are missing</source>
        <translation>%1 ontbreken</translation>
    </message>
    <message>
        <source>%1 are missing.</source>
        <translation>%1 ontbreken.</translation>
    </message>
    <message>
        <source>%1 arrangements that are better, the clearest first. Each was pressed on simulated paper.</source>
        <translation>%1 schikkingen die beter zijn, de helderste eerst. Elk is op gesimuleerd papier gedrukt.</translation>
    </message>
    <message>
        <source>%1 as PDF…</source>
        <translation>%1 als PDF…</translation>
    </message>
    <message>
        <source>%1 as it is with me</source>
        <translation>%1 zoals bij mij</translation>
    </message>
    <message>
        <source>%1 away</source>
        <translation>%1 weg</translation>
    </message>
    <message>
        <source>%1 before</source>
        <translation>%1 ervoor</translation>
    </message>
    <message>
        <source>%1 begins in mid-air</source>
        <translation>%1 begint in de lucht</translation>
    </message>
    <message>
        <source>%1 belongs to another</source>
        <translation>%1 hoort bij een ander</translation>
    </message>
    <message>
        <source>%1 below the bottom edge</source>
        <translation>%1 onder de onderkant</translation>
    </message>
    <message>
        <source>%1 between the parts of %2 stay covered, the gap is too small to cut out: choose it to be cut all the same, or another way for it.</source>
        <translation>%1 tussen de delen van %2 blijven afgedekt, de opening is te klein om uit te knippen: laat die toch knippen, of kies een andere manier.</translation>
    </message>
    <message>
        <source>%1 blended %2 over %3, %4: %3 was not covered.</source>
        <translation>%1 veegde %2 over %3, %4: %3 was niet afgedekt.</translation>
    </message>
    <message>
        <source>%1 cannot be done</source>
        <translation>%1 kan niet</translation>
    </message>
    <message>
        <source>%1 cannot be first: something must be stamped before it.</source>
        <translation>%1 kan niet het eerste zijn: er moet iets voor gestempeld worden.</translation>
    </message>
    <message>
        <source>%1 cannot be used in one go.</source>
        <translation>%1 gaat niet in één keer.</translation>
    </message>
    <message>
        <source>%1 cannot come before %2</source>
        <translation>%1 kan niet voor %2 komen</translation>
    </message>
    <message>
        <source>%1 cards</source>
        <translation>%1 kaarten</translation>
    </message>
    <message>
        <source>%1 cards at once</source>
        <translation>%1 kaarten tegelijk</translation>
    </message>
    <message>
        <source>%1 cards that belong together: one hour, one paper, one set of inks.</source>
        <translation>%1 kaarten die bij elkaar horen: één uur, één papier, één set inkten.</translation>
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
        <translation>%1 komt voor %2, maar moet erna komen.</translation>
    </message>
    <message>
        <source>%1 comes into its room (%2 mm²).</source>
        <translation>%1 komt in zijn ruimte (%2 mm²).</translation>
    </message>
    <message>
        <source>%1 comes too near the edge</source>
        <translation>%1 komt te dicht bij de rand</translation>
    </message>
    <message>
        <source>%1 competes with %2</source>
        <translation>%1 wedijvert met %2</translation>
    </message>
    <message>
        <source>%1 corners</source>
        <translation>%1 hoeken</translation>
    </message>
    <message>
        <source>%1 covers were laid that nothing came near.</source>
        <translation>%1 afdekkingen lagen waar niets in de buurt kwam.</translation>
    </message>
    <message>
        <source>%1 crowds %2</source>
        <translation>%1 verdringt %2</translation>
    </message>
    <message>
        <source>%1 cut, %2 of travel, about %3.</source>
        <translation>%1 gesneden, %2 weg, ongeveer %3.</translation>
    </message>
    <message>
        <source>%1 damp</source>
        <translation>%1 vochtig</translation>
    </message>
    <message>
        <source>%1 did not come out well.</source>
        <translation>%1 lukten niet goed.</translation>
    </message>
    <message>
        <source>%1 disagrees with all the others.</source>
        <translation>%1 is het met alle andere oneens.</translation>
    </message>
    <message>
        <source>%1 does not lie on what it is glued on. Move it onto it.</source>
        <translation>%1 ligt niet op waar het op gelijmd wordt. Schuif het erop.</translation>
    </message>
    <message>
        <source>%1 does not touch %2</source>
        <translation>%1 raakt %2 niet</translation>
    </message>
    <message>
        <source>%1 done, about %2 to go</source>
        <translation>%1 klaar, nog ongeveer %2</translation>
    </message>
    <message>
        <source>%1 dots of foam</source>
        <translation>%1 schuimstippen</translation>
    </message>
    <message>
        <source>%1 dots of foam, %2 high</source>
        <translation>%1 schuimstippen, %2 hoog</translation>
    </message>
    <message>
        <source>%1 down</source>
        <translation>%1 naar beneden</translation>
    </message>
    <message>
        <source>%1 dpi, %2.</source>
        <translation>%1 dpi, %2.</translation>
    </message>
    <message>
        <source>%1 dpi, as the file says.</source>
        <translation>%1 dpi, zegt het bestand.</translation>
    </message>
    <message>
        <source>%1 dpi, straightened.</source>
        <translation>%1 dpi, rechtgetrokken.</translation>
    </message>
    <message>
        <source>%1 dries slowly. Stamped early it dries while the rest is done.</source>
        <translation>%1 droogt langzaam. Vroeg gestempeld droogt het terwijl de rest gedaan wordt.</translation>
    </message>
    <message>
        <source>%1 dries slowly: covered too soon it smears and sticks to the mask.</source>
        <translation>%1 droogt langzaam: te vroeg afgedekt vlekt het en plakt het aan het masker.</translation>
    </message>
    <message>
        <source>%1 elsewhere at such edges</source>
        <translation>%1 elders aan zulke randen</translation>
    </message>
    <message>
        <source>%1 envelopes</source>
        <translation>%1 enveloppen</translation>
    </message>
    <message>
        <source>%1 envelopes of %2</source>
        <translation>%1 enveloppen van %2</translation>
    </message>
    <message>
        <source>%1 first</source>
        <translation>%1 eerst</translation>
    </message>
    <message>
        <source>%1 floats</source>
        <translation>%1 zweeft</translation>
    </message>
    <message>
        <source>%1 for %2</source>
        <translation>%1 voor %2</translation>
    </message>
    <message>
        <source>%1 from a sheet of %2 × %3.</source>
        <translation>%1 uit een vel van %2 × %3.</translation>
    </message>
    <message>
        <source>%1 from the bottom</source>
        <translation>%1 van onderen</translation>
    </message>
    <message>
        <source>%1 from the bottom at the left, %2 at the right</source>
        <translation>%1 van onderen links, %2 rechts</translation>
    </message>
    <message>
        <source>%1 from the left</source>
        <translation>%1 van links</translation>
    </message>
    <message>
        <source>%1 from the left, %2 from the bottom</source>
        <translation>%1 van links, %2 van onderen</translation>
    </message>
    <message>
        <source>%1 ft</source>
        <translation>%1 ft</translation>
    </message>
    <message>
        <source>%1 goes where the thing it is on goes; move that.</source>
        <translation>%1 gaat mee met het ding waar het op is; verplaats dat.</translation>
    </message>
    <message>
        <source>%1 grows out of the head of %2</source>
        <translation>%1 groeit uit het hoofd van %2</translation>
    </message>
    <message>
        <source>%1 h %2 min</source>
        <translation>%1 u %2 min</translation>
    </message>
    <message>
        <source>%1 hangs %2 over the card's rim. Cut it flush, or see that the envelope takes it.</source>
        <translation>%1 steekt %2 over de rand van de kaart. Snijd het gelijk, of zorg dat de envelop het past.</translation>
    </message>
    <message>
        <source>%1 has had this card already, on %2.</source>
        <translation>%1 heeft deze kaart al gehad, op %2.</translation>
    </message>
    <message>
        <source>%1 has its foot %2 outside the panel.</source>
        <translation>%1 heeft de voet %2 buiten de beeldkaart.</translation>
    </message>
    <message>
        <source>%1 has no cards in it</source>
        <translation>%1 bevat geen kaarten</translation>
    </message>
    <message>
        <source>%1 has your numbers now, in the drawer and in this plan where they have it.</source>
        <translation>%1 heeft nu jouw getallen, in de la en in dit plan waar ze hem hebben.</translation>
    </message>
    <message>
        <source>%1 heat tools</source>
        <translation>%1 heteluchtapparaten</translation>
    </message>
    <message>
        <source>%1 heroes</source>
        <translation>%1 helden</translation>
    </message>
    <message>
        <source>%1 high</source>
        <translation>%1 hoog</translation>
    </message>
    <message>
        <source>%1 in</source>
        <translation>%1 in</translation>
    </message>
    <message>
        <source>%1 in %2 rows, all of one stamp</source>
        <translation>%1 in %2 rijen, alle van één stempel</translation>
    </message>
    <message>
        <source>%1 in %2 rows, of %3 stamps</source>
        <translation>%1 in %2 rijen, van %3 stempels</translation>
    </message>
    <message>
        <source>%1 in a ring</source>
        <translation>%1 in een kring</translation>
    </message>
    <message>
        <source>%1 in about %2, %3 a card; one by itself takes %4.</source>
        <translation>%1 in ongeveer %2, %3 per kaart; één alleen kost %4.</translation>
    </message>
    <message>
        <source>%1 in one row</source>
        <translation>%1 in één rij</translation>
    </message>
    <message>
        <source>%1 in the row, %2 apart.</source>
        <translation>%1 in de rij, %2 uit elkaar.</translation>
    </message>
    <message>
        <source>%1 inked since it was full</source>
        <translation>%1 geïnkt sinds het vol was</translation>
    </message>
    <message>
        <source>%1 instead of %2</source>
        <translation>%1 in plaats van %2</translation>
    </message>
    <message>
        <source>%1 is %2 away.</source>
        <translation>%1 is %2 weg.</translation>
    </message>
    <message>
        <source>%1 is %2 for what it lies on (%3).</source>
        <translation>%1 is %2 voor waar het op ligt (%3).</translation>
    </message>
    <message>
        <source>%1 is %2 larger than the envelope has room for. Give it the envelope's size, or take it off.</source>
        <translation>%1 is %2 groter dan de envelop ruimte heeft. Geef het de maat van de envelop, of haal het weg.</translation>
    </message>
    <message>
        <source>%1 is %2 too small for the card as thick as it is.</source>
        <translation>%1 is %2 te klein voor de kaart zo dik als hij is.</translation>
    </message>
    <message>
        <source>%1 is almost off the panel</source>
        <translation>%1 ligt bijna naast de beeldkaart</translation>
    </message>
    <message>
        <source>%1 is as far as the sky.</source>
        <translation>%1 is zo ver als de lucht.</translation>
    </message>
    <message>
        <source>%1 is cut off by the edge</source>
        <translation>%1 wordt door de rand afgesneden</translation>
    </message>
    <message>
        <source>%1 is damp yet when all is done</source>
        <translation>%1 is nog vochtig als alles klaar is</translation>
    </message>
    <message>
        <source>%1 is dry after %2 s with you; its table says %3 s.</source>
        <translation>%1 is bij jou na %2 s droog; de tabel zegt %3 s.</translation>
    </message>
    <message>
        <source>%1 is hard to read</source>
        <translation>%1 is moeilijk te lezen</translation>
    </message>
    <message>
        <source>%1 is hard to read: %2</source>
        <translation>%1 is moeilijk te lezen: %2</translation>
    </message>
    <message>
        <source>%1 is held in place. Let it go first: Ctrl+H, or its menu.</source>
        <translation>%1 wordt vastgehouden. Laat het eerst los: Ctrl+H, of zijn menu.</translation>
    </message>
    <message>
        <source>%1 is hidden by %2</source>
        <translation>%1 is verborgen door %2</translation>
    </message>
    <message>
        <source>%1 is in the drawer.</source>
        <translation>%1 is in de la.</translation>
    </message>
    <message>
        <source>%1 is in the log, with its times, masks and mishaps.</source>
        <translation>%1 staat in het logboek, met tijden, maskers en ongelukjes.</translation>
    </message>
    <message>
        <source>%1 is kept off it, so that white lies on white. Printed over the blend it shows.</source>
        <translation>%1 wordt ervan vrijgehouden, dus wit ligt op wit. Over het verloop gedrukt zie je het.</translation>
    </message>
    <message>
        <source>%1 is larger than %2 MB</source>
        <translation>%1 is groter dan %2 MB</translation>
    </message>
    <message>
        <source>%1 is larger than a picture of paper can be</source>
        <translation>%1 is groter dan een beeld van papier kan zijn</translation>
    </message>
    <message>
        <source>%1 is lit from another side</source>
        <translation>%1 is van een andere kant verlicht</translation>
    </message>
    <message>
        <source>%1 is missing.</source>
        <translation>%1 ontbreekt.</translation>
    </message>
    <message>
        <source>%1 is nearer than %2.</source>
        <translation>%1 is dichterbij dan %2.</translation>
    </message>
    <message>
        <source>%1 is needed now.</source>
        <translation>%1 is nu nodig.</translation>
    </message>
    <message>
        <source>%1 is no longer needed.</source>
        <translation>%1 is niet meer nodig.</translation>
    </message>
    <message>
        <source>%1 is no picture that can be read</source>
        <translation>%1 is geen leesbaar beeld</translation>
    </message>
    <message>
        <source>%1 is not seen at all.</source>
        <translation>%1 is helemaal niet te zien.</translation>
    </message>
    <message>
        <source>%1 is off level</source>
        <translation>%1 staat niet waterpas</translation>
    </message>
    <message>
        <source>%1 is off the panel</source>
        <translation>%1 ligt naast de beeldkaart</translation>
    </message>
    <message>
        <source>%1 is out of the drawer.</source>
        <translation>%1 is uit de la.</translation>
    </message>
    <message>
        <source>%1 is out of the log.</source>
        <translation>%1 is uit het logboek.</translation>
    </message>
    <message>
        <source>%1 is pale: %2 of the ink that was wanted.</source>
        <translation>%1 is bleek: %2 van de gewenste inkt.</translation>
    </message>
    <message>
        <source>%1 is printed over the darker %2 and does not show</source>
        <translation>%1 ligt over het donkerdere %2 en is niet te zien</translation>
    </message>
    <message>
        <source>%1 is seen before %2</source>
        <translation>%1 valt eerder op dan %2</translation>
    </message>
    <message>
        <source>%1 is seen before %2: %3 of the pull to %4.</source>
        <translation>%1 valt eerder op dan %2: %3 van de aandacht tegen %4.</translation>
    </message>
    <message>
        <source>%1 is seen first (%2 of the pull).</source>
        <translation>%1 valt het eerst op (%2 van de aandacht).</translation>
    </message>
    <message>
        <source>%1 is seen first (%2 of the pull). No hero is chosen.</source>
        <translation>%1 valt het eerst op (%2 van de aandacht). Er is geen held gekozen.</translation>
    </message>
    <message>
        <source>%1 is seen first (%2 of the pull); %3 competes (%4).</source>
        <translation>%1 valt het eerst op (%2 van de aandacht); %3 wedijvert (%4).</translation>
    </message>
    <message>
        <source>%1 is shaded on the side of the light</source>
        <translation>%1 is aan de lichtkant beschaduwd</translation>
    </message>
    <message>
        <source>%1 is smeared over %2.</source>
        <translation>%1 is over %2 gevlekt.</translation>
    </message>
    <message>
        <source>%1 is so far off-centre that it reaches %2 over the edge below. Bring it back by that much.</source>
        <translation>%1 is zo ver uit het midden dat het %2 over de rand eronder steekt. Schuif het zoveel terug.</translation>
    </message>
    <message>
        <source>%1 is stamped</source>
        <translation>%1 wordt gestempeld</translation>
    </message>
    <message>
        <source>%1 is stamped over %2, which is raised</source>
        <translation>%1 wordt over %2 gestempeld, dat verhoogd is</translation>
    </message>
    <message>
        <source>%1 is there already. Replace it?</source>
        <translation>%1 is er al. Vervangen?</translation>
    </message>
    <message>
        <source>%1 is too dark for its distance</source>
        <translation>%1 is te donker voor zijn afstand</translation>
    </message>
    <message>
        <source>%1 is too small where it stands</source>
        <translation>%1 is te klein waar het staat</translation>
    </message>
    <message>
        <source>%1 is too tall where it stands</source>
        <translation>%1 is te groot waar het staat</translation>
    </message>
    <message>
        <source>%1 is too thin to cut a mask for: let what is behind run over it.</source>
        <translation>%1 is te dun om een masker voor te knippen: laat wat erachter is eroverheen lopen.</translation>
    </message>
    <message>
        <source>%1 is white among coloured things</source>
        <translation>%1 is wit tussen gekleurde dingen</translation>
    </message>
    <message>
        <source>%1 is wholly hidden</source>
        <translation>%1 is helemaal verborgen</translation>
    </message>
    <message>
        <source>%1 is written.</source>
        <translation>%1 is geschreven.</translation>
    </message>
    <message>
        <source>%1 joins showed lately.</source>
        <translation>%1 naden waren laatst te zien.</translation>
    </message>
    <message>
        <source>%1 kept masks are used first: %2 to cut instead of %3.</source>
        <translation>%1 bewaarde maskers gaan voor: %2 te knippen in plaats van %3.</translation>
    </message>
    <message>
        <source>%1 km</source>
        <translation>%1 km</translation>
    </message>
    <message>
        <source>%1 later pressings came out otherwise than wanted lately.</source>
        <translation>%1 latere afdrukken vielen laatst anders uit dan gewenst.</translation>
    </message>
    <message>
        <source>%1 left</source>
        <translation>%1 links</translation>
    </message>
    <message>
        <source>%1 left a gap in %2, %4: a mask on %3 kept the ink out.</source>
        <translation>%1 liet een opening in %2, %4: een masker op %3 hield de inkt tegen.</translation>
    </message>
    <message>
        <source>%1 left a plain patch in %2: a mask on %3 kept it out.</source>
        <translation>%1 liet een lege plek in %2: een masker op %3 hield het tegen.</translation>
    </message>
    <message>
        <source>%1 lies on something that is not there. Put it on the panel.</source>
        <translation>%1 ligt op iets dat er niet is. Leg het op de beeldkaart.</translation>
    </message>
    <message>
        <source>%1 lies over it and is to take the colour.</source>
        <translation>%1 ligt eroverheen en moet de kleur aannemen.</translation>
    </message>
    <message>
        <source>%1 looks out of the picture</source>
        <translation>%1 kijkt uit het beeld</translation>
    </message>
    <message>
        <source>%1 looks that way</source>
        <translation>%1 kijkt die kant op</translation>
    </message>
    <message>
        <source>%1 looks, rows and paths lead the eye elsewhere.</source>
        <translation>%1 blikken, rijen en paden leiden het oog elders heen.</translation>
    </message>
    <message>
        <source>%1 low</source>
        <translation>%1 laag</translation>
    </message>
    <message>
        <source>%1 m</source>
        <translation>%1 m</translation>
    </message>
    <message>
        <source>%1 m (%2 to %3)</source>
        <translation>%1 m (%2 tot %3)</translation>
    </message>
    <message>
        <source>%1 m wide and %2 m high; the back wall is %3 away. Drag its corners on the card.</source>
        <translation>%1 m breed en %2 m hoog; de achterwand is %3 weg. Sleep zijn hoeken op de kaart.</translation>
    </message>
    <message>
        <source>%1 makers are done after %2; one with everything at hand takes %3.</source>
        <translation>%1 makers zijn na %2 klaar; een die alles bij de hand heeft, doet er %3 over.</translation>
    </message>
    <message>
        <source>%1 masks</source>
        <translation>%1 maskers</translation>
    </message>
    <message>
        <source>%1 masks are in %2.</source>
        <translation>%1 maskers zijn in %2.</translation>
    </message>
    <message>
        <source>%1 masks are kept in the drawer.</source>
        <translation>%1 maskers zijn in de la bewaard.</translation>
    </message>
    <message>
        <source>%1 masks cut.</source>
        <translation>%1 maskers geknipt.</translation>
    </message>
    <message>
        <source>%1 masks instead of %2</source>
        <translation>%1 maskers in plaats van %2</translation>
    </message>
    <message>
        <source>%1 masks lie meanwhile; the run sheet says which</source>
        <translation>%1 maskers liggen ondertussen; het werkblad zegt welke</translation>
    </message>
    <message>
        <source>%1 masks on %2 sheets; this is sheet %3.</source>
        <translation>%1 maskers op %2 vellen; dit is vel %3.</translation>
    </message>
    <message>
        <source>%1 masks on one sheet.</source>
        <translation>%1 maskers op één vel.</translation>
    </message>
    <message>
        <source>%1 masks that go from card to card</source>
        <translation>%1 maskers die van kaart naar kaart gaan</translation>
    </message>
    <message>
        <source>%1 may stand in this band</source>
        <translation>%1 mag in deze strook staan</translation>
    </message>
    <message>
        <source>%1 meets %2 with %3.</source>
        <translation>%1 raakt %2 met %3.</translation>
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
        <translation>%1 mist het verdwijnpunt</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>%1 mm open</source>
        <translation>%1 mm open</translation>
    </message>
    <message>
        <source>%1 mm too long</source>
        <translation>%1 mm te lang</translation>
    </message>
    <message>
        <source>%1 mm wide</source>
        <translation>%1 mm breed</translation>
    </message>
    <message>
        <source>%1 mm²</source>
        <translation>%1 mm²</translation>
    </message>
    <message>
        <source>%1 mm² come out otherwise</source>
        <translation>%1 mm² vallen anders uit</translation>
    </message>
    <message>
        <source>%1 mm² come out otherwise. </source>
        <translation>%1 mm² vallen anders uit. </translation>
    </message>
    <message>
        <source>%1 mm² of it in the way</source>
        <translation>%1 mm² ervan in de weg</translation>
    </message>
    <message>
        <source>%1 mm² stay uncovered in all, %2 mm² of it the rim of %3 inside the line</source>
        <translation>%1 mm² blijven in totaal onbedekt, %2 mm² daarvan de rand van %3 binnen de lijn</translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation>%1 meer</translation>
    </message>
    <message>
        <source>%1 more of less weight</source>
        <translation>Nog %1 van minder gewicht</translation>
    </message>
    <message>
        <source>%1 more that you know of</source>
        <translation>nog %1 waar je van weet</translation>
    </message>
    <message>
        <source>%1 more.</source>
        <translation>Nog %1.</translation>
    </message>
    <message>
        <source>%1 moves with water; a damp tool over it smears the lines.</source>
        <translation>%1 gaat met water mee; nat gereedschap eroverheen veegt de lijnen uit.</translation>
    </message>
    <message>
        <source>%1 must be covered at once</source>
        <translation>%1 moeten tegelijk afgedekt zijn</translation>
    </message>
    <message>
        <source>%1 must be dry before masks go on</source>
        <translation>%1 moet droog zijn voor er maskers op komen</translation>
    </message>
    <message>
        <source>%1 need not be covered: nothing comes near it.</source>
        <translation>%1 hoeft niet afgedekt te worden: niets komt in de buurt.</translation>
    </message>
    <message>
        <source>%1 need not be covered: nothing comes near them.</source>
        <translation>%1 hoeven niet afgedekt te worden: niets komt in de buurt.</translation>
    </message>
    <message>
        <source>%1 no longer lies on the panel.</source>
        <translation>%1 ligt niet meer op de beeldkaart.</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 van %2</translation>
    </message>
    <message>
        <source>%1 of %2 across</source>
        <translation>%1 van %2 breed</translation>
    </message>
    <message>
        <source>%1 of %2 before it</source>
        <translation>%1 van %2 ervoor</translation>
    </message>
    <message>
        <source>%1 of %2 cannot be covered, it is too fine to cut: choose the part to be cut all the same, or another way for it.</source>
        <translation>%1 van %2 kan niet afgedekt worden, het is te fijn om te knippen: laat het deel toch knippen, of kies een andere manier.</translation>
    </message>
    <message>
        <source>%1 of %2 from the drawer</source>
        <translation>%1 van %2 uit de la</translation>
    </message>
    <message>
        <source>%1 of %2 prints sit where they should</source>
        <translation>%1 van %2 afdrukken zitten goed</translation>
    </message>
    <message>
        <source>%1 of %2 stamps</source>
        <translation>%1 van %2 stempels</translation>
    </message>
    <message>
        <source>%1 of %2 steps done</source>
        <translation>%1 van %2 stappen gedaan</translation>
    </message>
    <message>
        <source>%1 of %2 things have their right size.</source>
        <translation>%1 van %2 dingen hebben hun juiste maat.</translation>
    </message>
    <message>
        <source>%1 of %2 things shaded by hand do not agree with it.</source>
        <translation>%1 van %2 met de hand beschaduwde dingen kloppen er niet mee.</translation>
    </message>
    <message>
        <source>%1 of %2 things would not be at their right size.</source>
        <translation>%1 van %2 dingen zouden niet hun juiste maat hebben.</translation>
    </message>
    <message>
        <source>%1 of %2 to get</source>
        <translation>%1 van %2 te halen</translation>
    </message>
    <message>
        <source>%1 of %2 would stand right at %3 m, best first</source>
        <translation>%1 van %2 zouden goed staan op %3 m, de beste eerst</translation>
    </message>
    <message>
        <source>%1 of %2: %3</source>
        <translation>%1 van %2: %3</translation>
    </message>
    <message>
        <source>%1 of a kind</source>
        <translation>%1 van één soort</translation>
    </message>
    <message>
        <source>%1 of adhesive</source>
        <translation>%1 lijm</translation>
    </message>
    <message>
        <source>%1 of colour lost</source>
        <translation>%1 van de kleur verloren</translation>
    </message>
    <message>
        <source>%1 of masking paper</source>
        <translation>%1 maskeerpapier</translation>
    </message>
    <message>
        <source>%1 of the untrimmed sheet</source>
        <translation>%1 van het onafgesneden vel</translation>
    </message>
    <message>
        <source>%1 of what is usual</source>
        <translation>%1 van wat gewoon is</translation>
    </message>
    <message>
        <source>%1 off every side</source>
        <translation>%1 van elke kant af</translation>
    </message>
    <message>
        <source>%1 off the bottom</source>
        <translation>%1 van onderen af</translation>
    </message>
    <message>
        <source>%1 off the card</source>
        <translation>%1 naast de kaart</translation>
    </message>
    <message>
        <source>%1 off the left side</source>
        <translation>%1 van links af</translation>
    </message>
    <message>
        <source>%1 off the middle</source>
        <translation>%1 uit het midden</translation>
    </message>
    <message>
        <source>%1 off the right side</source>
        <translation>%1 van rechts af</translation>
    </message>
    <message>
        <source>%1 off the top</source>
        <translation>%1 van boven af</translation>
    </message>
    <message>
        <source>%1 on %2</source>
        <translation>%1 op %2</translation>
    </message>
    <message>
        <source>%1 on a base line %2 long that begins %3 from the left and %4 from the bottom, capitals %5 high</source>
        <translation>%1 op een basislijn van %2 die %3 van links en %4 van onderen begint, hoofdletters %5 hoog</translation>
    </message>
    <message>
        <source>%1 on a piece of its own: nothing to join</source>
        <translation>%1 op een eigen stuk: niets aan te sluiten</translation>
    </message>
    <message>
        <source>%1 on one ground line</source>
        <translation>%1 op één grondlijn</translation>
    </message>
    <message>
        <source>%1 on, tap it off, brush strays away, then melt it from behind with a hot tool</source>
        <translation>%1 aanbrengen, aftikken, strooisel wegvegen, dan van achteren smelten met een heteluchtpistool</translation>
    </message>
    <message>
        <source>%1 other things no longer fit</source>
        <translation>%1 andere dingen passen niet meer</translation>
    </message>
    <message>
        <source>%1 overlaps tell which of two is nearer.</source>
        <translation>%1 overlappingen zeggen welk van twee dichterbij is.</translation>
    </message>
    <message>
        <source>%1 paper of %2</source>
        <translation>%1 papier van %2</translation>
    </message>
    <message>
        <source>%1 past the left edge</source>
        <translation>%1 over de linkerkant</translation>
    </message>
    <message>
        <source>%1 past the right edge</source>
        <translation>%1 over de rechterkant</translation>
    </message>
    <message>
        <source>%1 patches, their colours as on white paper. Name those that are yours; a click leaves one out.</source>
        <translation>%1 vlekken, hun kleuren als op wit papier. Noem wat van jou is; een klik laat er een weg.</translation>
    </message>
    <message>
        <source>%1 pictures</source>
        <translation>%1 afbeeldingen</translation>
    </message>
    <message>
        <source>%1 pictures do not say how large they are: with how many dots an inch were they scanned?</source>
        <translation>%1 afbeeldingen zeggen niet hoe groot ze zijn: met hoeveel punten per inch zijn ze gescand?</translation>
    </message>
    <message>
        <source>%1 pieces come free, %2 cuts free nothing (ringed).</source>
        <translation>%1 stukken komen los, %2 sneden maken niets los (omcirkeld).</translation>
    </message>
    <message>
        <source>%1 plans</source>
        <translation>%1 plannen</translation>
    </message>
    <message>
        <source>%1 plans were put into %2.</source>
        <translation>%1 plannen staan nu in %2.</translation>
    </message>
    <message>
        <source>%1 points</source>
        <translation>%1 punten</translation>
    </message>
    <message>
        <source>%1 pressings read.</source>
        <translation>%1 afdrukken gelezen.</translation>
    </message>
    <message>
        <source>%1 printed %2 across %3, %4: %3 was not covered.</source>
        <translation>%1 drukte %2 over %3, %4: %3 was niet afgedekt.</translation>
    </message>
    <message>
        <source>%1 printed %2 beside where it was planned.</source>
        <translation>%1 drukte %2 naast zijn plek.</translation>
    </message>
    <message>
        <source>%1 printed %2 in another ink than planned.</source>
        <translation>%1 drukte %2 in een andere inkt dan gepland.</translation>
    </message>
    <message>
        <source>%1 printed %2 on top of %3, %4: it belongs below.</source>
        <translation>%1 drukte %2 boven op %3, %4: het hoort eronder.</translation>
    </message>
    <message>
        <source>%1 printed %2 where %3 belongs, %4: %3 was not there yet.</source>
        <translation>%1 drukte %2 waar %3 hoort, %4: %3 was er nog niet.</translation>
    </message>
    <message>
        <source>%1 prints on your card are later pressings.</source>
        <translation>%1 afdrukken op je kaart zijn latere drukken.</translation>
    </message>
    <message>
        <source>%1 reaches %2 into the border that is to stay bare.</source>
        <translation>%1 komt %2 in de rand die vrij moet blijven.</translation>
    </message>
    <message>
        <source>%1 reads well: %2</source>
        <translation>%1 leest goed: %2</translation>
    </message>
    <message>
        <source>%1 right</source>
        <translation>%1 rechts</translation>
    </message>
    <message>
        <source>%1 runs off the edge</source>
        <translation>%1 loopt over de rand</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 says so.</source>
        <translation>%1 zegt het.</translation>
    </message>
    <message>
        <source>%1 sheets</source>
        <translation>%1 vellen</translation>
    </message>
    <message>
        <source>%1 sheets are missing</source>
        <translation>%1 vellen ontbreken</translation>
    </message>
    <message>
        <source>%1 sheets of %2</source>
        <translation>%1 vellen van %2</translation>
    </message>
    <message>
        <source>%1 sheets of masking paper</source>
        <translation>%1 vellen maskeerpapier</translation>
    </message>
    <message>
        <source>%1 should lie behind %2, but is stamped after it</source>
        <translation>%1 hoort achter %2 te liggen, maar wordt erna gestempeld</translation>
    </message>
    <message>
        <source>%1 showing all round</source>
        <translation>%1 rondom zichtbaar</translation>
    </message>
    <message>
        <source>%1 showing at the sides, %2 above and below</source>
        <translation>%1 opzij zichtbaar, %2 boven en onder</translation>
    </message>
    <message>
        <source>%1 shows</source>
        <translation>%1 zichtbaar</translation>
    </message>
    <message>
        <source>%1 shows %2</source>
        <translation>%1 toont %2</translation>
    </message>
    <message>
        <source>%1 shows too little to be told.</source>
        <translation>%1 is te weinig te zien om iets te zeggen.</translation>
    </message>
    <message>
        <source>%1 sinks into what lies around it</source>
        <translation>%1 verzinkt in zijn omgeving</translation>
    </message>
    <message>
        <source>%1 sits %2</source>
        <translation>%1 zit %2</translation>
    </message>
    <message>
        <source>%1 sits %2. Lay its mask on the print, not on its measures.</source>
        <translation>%1 zit %2. Leg het masker naar de afdruk, niet naar de maten.</translation>
    </message>
    <message>
        <source>%1 sits %2: stamp %3 as much off, then all fit.</source>
        <translation>%1 zit %2: stempel %3 net zoveel ernaast, dan passen alle.</translation>
    </message>
    <message>
        <source>%1 sits %2: stamp %3 as much off, then they fit.</source>
        <translation>%1 zit %2: stempel %3 net zoveel ernaast, dan passen ze.</translation>
    </message>
    <message>
        <source>%1 sits where it should</source>
        <translation>%1 zit waar het hoort</translation>
    </message>
    <message>
        <source>%1 small holes are covered too, %2: colour them by hand afterwards.</source>
        <translation>%1 kleine gaten worden mee afgedekt, %2: kleur ze later met de hand.</translation>
    </message>
    <message>
        <source>%1 specks were dropped.</source>
        <translation>%1 spikkels zijn weggelaten.</translation>
    </message>
    <message>
        <source>%1 spots of it did not print.</source>
        <translation>%1 plekken ervan drukten niet.</translation>
    </message>
    <message>
        <source>%1 square inches</source>
        <translation>%1 vierkante inch</translation>
    </message>
    <message>
        <source>%1 stamps</source>
        <translation>%1 stempels</translation>
    </message>
    <message>
        <source>%1 stamps are in the drawer.</source>
        <translation>%1 stempels liggen in de la.</translation>
    </message>
    <message>
        <source>%1 stamps in %2 pictures.</source>
        <translation>%1 stempels in %2 afbeeldingen.</translation>
    </message>
    <message>
        <source>%1 stamps in one picture.</source>
        <translation>%1 stempels in één afbeelding.</translation>
    </message>
    <message>
        <source>%1 stamps were written with commas for decimal points by an older Havlo. They were mended.</source>
        <translation>%1 stempels waren door een oudere Havlo met decimale komma's geschreven. Ze zijn hersteld.</translation>
    </message>
    <message>
        <source>%1 stamps, %2 inks and %3 papers were taken in.</source>
        <translation>%1 stempels, %2 inkten en %3 papieren zijn opgenomen.</translation>
    </message>
    <message>
        <source>%1 stamps, all at one scale</source>
        <translation>%1 stempels, alle op één schaal</translation>
    </message>
    <message>
        <source>%1 stand where they are too tall or too small.</source>
        <translation>%1 staan waar ze te groot of te klein zijn.</translation>
    </message>
    <message>
        <source>%1 standing things have their right size.</source>
        <translation>%1 staande dingen hebben hun juiste maat.</translation>
    </message>
    <message>
        <source>%1 stands for itself</source>
        <translation>%1 staat op zichzelf</translation>
    </message>
    <message>
        <source>%1 stands in the water</source>
        <translation>%1 staat in het water</translation>
    </message>
    <message>
        <source>%1 stands nearer than %2, yet is behind it</source>
        <translation>%1 staat dichterbij dan %2, maar is erachter</translation>
    </message>
    <message>
        <source>%1 stands outside the room</source>
        <translation>%1 staat buiten de kamer</translation>
    </message>
    <message>
        <source>%1 stays wet on masking paper. Blot the mask, or let it dry before it moves.</source>
        <translation>%1 blijft nat op maskeerpapier. Dep het masker, of laat het drogen voor het verhuist.</translation>
    </message>
    <message>
        <source>%1 steps</source>
        <translation>%1 stappen</translation>
    </message>
    <message>
        <source>%1 steps, about %2, of which %3 waiting. </source>
        <translation>%1 stappen, ongeveer %2, waarvan %3 wachten. </translation>
    </message>
    <message>
        <source>%1 steps, about %2, without waiting. </source>
        <translation>%1 stappen, ongeveer %2, zonder wachten. </translation>
    </message>
    <message>
        <source>%1 steps, about %2.</source>
        <translation>%1 stappen, ongeveer %2.</translation>
    </message>
    <message>
        <source>%1 there</source>
        <translation>%1 daar</translation>
    </message>
    <message>
        <source>%1 thick with its foam, about %2 g.</source>
        <translation>%1 dik met het schuim, ongeveer %2 g.</translation>
    </message>
    <message>
        <source>%1 thick, about %2 g.</source>
        <translation>%1 dik, ongeveer %2 g.</translation>
    </message>
    <message>
        <source>%1 thin parts stay uncovered, %2: let the background run over them.</source>
        <translation>%1 dunne delen blijven onbedekt, %2: laat de achtergrond eroverheen lopen.</translation>
    </message>
    <message>
        <source>%1 things</source>
        <translation>%1 dingen</translation>
    </message>
    <message>
        <source>%1 things are chosen.</source>
        <translation>%1 dingen zijn gekozen.</translation>
    </message>
    <message>
        <source>%1 things are hidden: show them</source>
        <translation>%1 dingen zijn verborgen: tonen</translation>
    </message>
    <message>
        <source>%1 things are wrong</source>
        <translation>%1 dingen kloppen niet</translation>
    </message>
    <message>
        <source>%1 things coloured</source>
        <translation>%1 dingen gekleurd</translation>
    </message>
    <message>
        <source>%1 things do not fit</source>
        <translation>%1 dingen passen niet</translation>
    </message>
    <message>
        <source>%1 things on your card are covered.</source>
        <translation>%1 dingen op je kaart worden afgedekt.</translation>
    </message>
    <message>
        <source>%1 things on your card do not fit its horizon.</source>
        <translation>%1 dingen op je kaart passen niet bij de horizon.</translation>
    </message>
    <message>
        <source>%1 things stand near and far on your card.</source>
        <translation>%1 dingen staan dichtbij en ver op je kaart.</translation>
    </message>
    <message>
        <source>%1 things to look at</source>
        <translation>%1 dingen te bekijken</translation>
    </message>
    <message>
        <source>%1 things to look at.</source>
        <translation>%1 dingen te bekijken.</translation>
    </message>
    <message>
        <source>%1 times</source>
        <translation>%1 keer</translation>
    </message>
    <message>
        <source>%1 times its height above its foot</source>
        <translation>%1 keer zijn hoogte boven zijn voet</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 tot %2</translation>
    </message>
    <message>
        <source>%1 to mend instead of %2</source>
        <translation>%1 te verbeteren in plaats van %2</translation>
    </message>
    <message>
        <source>%1 to the back</source>
        <translation>%1 naar achteren</translation>
    </message>
    <message>
        <source>%1 to the front</source>
        <translation>%1 naar voren</translation>
    </message>
    <message>
        <source>%1 to the left</source>
        <translation>%1 naar links</translation>
    </message>
    <message>
        <source>%1 to the right</source>
        <translation>%1 naar rechts</translation>
    </message>
    <message>
        <source>%1 too high</source>
        <translation>%1 te hoog</translation>
    </message>
    <message>
        <source>%1 too high.</source>
        <translation>%1 te hoog.</translation>
    </message>
    <message>
        <source>%1 too low.</source>
        <translation>%1 te laag.</translation>
    </message>
    <message>
        <source>%1 too wide</source>
        <translation>%1 te breed</translation>
    </message>
    <message>
        <source>%1 too wide and %2 too high</source>
        <translation>%1 te breed en %2 te hoog</translation>
    </message>
    <message>
        <source>%1 up</source>
        <translation>%1 naar boven</translation>
    </message>
    <message>
        <source>%1 used since it was full</source>
        <translation>%1 gebruikt sinds het vol was</translation>
    </message>
    <message>
        <source>%1 uses left</source>
        <translation>nog %1 keer te gebruiken</translation>
    </message>
    <message>
        <source>%1 was %2 across %3: %3 was not there yet to end at.</source>
        <translation>%1 lag %2 over %3: %3 was er nog niet om tegen te eindigen.</translation>
    </message>
    <message>
        <source>%1 was changed by someone else since you opened it. Nothing was saved.</source>
        <translation>%1 is door iemand anders veranderd sinds je het opende. Er is niets opgeslagen.</translation>
    </message>
    <message>
        <source>%1 was left out.</source>
        <translation>%1 is weggelaten.</translation>
    </message>
    <message>
        <source>%1 was never blended.</source>
        <translation>%1 is nooit geveegd.</translation>
    </message>
    <message>
        <source>%1 was never stamped.</source>
        <translation>%1 is nooit gestempeld.</translation>
    </message>
    <message>
        <source>%1 was not opened. %2</source>
        <translation>%1 is niet geopend. %2</translation>
    </message>
    <message>
        <source>%1 was printed twice, %2 apart.</source>
        <translation>%1 is twee keer gedrukt, %2 uit elkaar.</translation>
    </message>
    <message>
        <source>%1 was taken out of the drawer in another window; it was not changed</source>
        <translation>%1 is in een ander venster uit de la gehaald; het is niet veranderd</translation>
    </message>
    <message>
        <source>%1 where %2 is too fine to cover</source>
        <translation>%1 waar %2 te fijn is om af te dekken</translation>
    </message>
    <message>
        <source>%1 where %2 will be</source>
        <translation>%1 waar %2 komt</translation>
    </message>
    <message>
        <source>%1 wide on every side, with low-tack tape</source>
        <translation>%1 breed aan elke kant, met licht klevend plakband</translation>
    </message>
    <message>
        <source>%1 wide, %2 high</source>
        <translation>%1 breed, %2 hoog</translation>
    </message>
    <message>
        <source>%1 would bleed under %2</source>
        <translation>%1 zou onder %2 uitlopen</translation>
    </message>
    <message>
        <source>%1 would lie off the card and are left out.</source>
        <translation>%1 zouden naast de kaart liggen en ontbreken.</translation>
    </message>
    <message>
        <source>%1 would run into %2.</source>
        <translation>%1 zou in %2 lopen.</translation>
    </message>
    <message>
        <source>%1 would run under %2</source>
        <translation>%1 zou onder %2 lopen</translation>
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
        <translation>%1 × %2 pixels</translation>
    </message>
    <message>
        <source>%1 “%2”</source>
        <translation>%1 “%2”</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, %2 %: it has %3.</source>
        <translation>%1, %2 %: het heeft %3.</translation>
    </message>
    <message>
        <source>%1, %2 away</source>
        <translation>%1, %2 weg</translation>
    </message>
    <message>
        <source>%1, %2 mats</source>
        <translation>%1, %2 matten</translation>
    </message>
    <message>
        <source>%1, %2 mm</source>
        <translation>%1, %2 mm</translation>
    </message>
    <message>
        <source>%1, %2 more to look at.</source>
        <translation>%1, nog %2 te bekijken.</translation>
    </message>
    <message>
        <source>%1, %2 of %3</source>
        <translation>%1, %2 van %3</translation>
    </message>
    <message>
        <source>%1, %2 parts</source>
        <translation>%1, %2 delen</translation>
    </message>
    <message>
        <source>%1, %2 times.</source>
        <translation>%1, %2 keer.</translation>
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
        <translation>%1, %2: %3 van de eerste, uit %4 afdrukken.</translation>
    </message>
    <message>
        <source>%1, a mat</source>
        <translation>%1, een mat</translation>
    </message>
    <message>
        <source>%1, all of it</source>
        <translation>%1, alles ervan</translation>
    </message>
    <message>
        <source>%1, along where %2 lies over it.</source>
        <translation>%1, langs waar %2 eroverheen ligt.</translation>
    </message>
    <message>
        <source>%1, and %2 more alike</source>
        <translation>%1, en nog %2 gelijke</translation>
    </message>
    <message>
        <source>%1, and %2 more to put together</source>
        <translation>%1, en nog %2 samen te stellen</translation>
    </message>
    <message>
        <source>%1, as is usual</source>
        <translation>%1, zoals gewoonlijk</translation>
    </message>
    <message>
        <source>%1, as is usual; no card says more yet</source>
        <translation>%1, zoals gewoonlijk; nog geen kaart zegt meer</translation>
    </message>
    <message>
        <source>%1, as you set it</source>
        <translation>%1, zoals je het instelde</translation>
    </message>
    <message>
        <source>%1, begun %2, %3 steps done</source>
        <translation>%1, begonnen %2, %3 stappen gedaan</translation>
    </message>
    <message>
        <source>%1, drawn smaller</source>
        <translation>%1, kleiner getekend</translation>
    </message>
    <message>
        <source>%1, from %2</source>
        <translation>%1, van %2</translation>
    </message>
    <message>
        <source>%1, in %2 parts</source>
        <translation>%1, in %2 delen</translation>
    </message>
    <message>
        <source>%1, in the drawer</source>
        <translation>%1, in de la</translation>
    </message>
    <message>
        <source>%1, mask %2</source>
        <translation>%1, masker %2</translation>
    </message>
    <message>
        <source>%1, not as planned</source>
        <translation>%1, niet zoals gepland</translation>
    </message>
    <message>
        <source>%1, on %2 mm of foam</source>
        <translation>%1, op %2 mm schuim</translation>
    </message>
    <message>
        <source>%1, proven</source>
        <translation>%1, bewezen</translation>
    </message>
    <message>
        <source>%1, where colour is to come on %2</source>
        <translation>%1, waar kleur op %2 moet komen</translation>
    </message>
    <message>
        <source>%1, with %2; eyes at %3.</source>
        <translation>%1, met %2; ogen op %3.</translation>
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
        <translation>%1. Druk ze op hun plek boven het plaatsblad en knip om alle heen.</translation>
    </message>
    <message>
        <source>%1. level, %2 from the bottom of what is in hand</source>
        <translation>%1. waterpas, %2 van de onderkant van wat je in de hand hebt</translation>
    </message>
    <message>
        <source>%1. upright, %2 from the left of what is in hand</source>
        <translation>%1. rechtop, %2 van links van wat je in de hand hebt</translation>
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
        <translation>%1: %2 konden niet worden overgetrokken.</translation>
    </message>
    <message>
        <source>%1: %2 from the left, %3 from the bottom</source>
        <translation>%1: %2 van links, %3 van onderen</translation>
    </message>
    <message>
        <source>%1: %2 instead of %3.</source>
        <translation>%1: %2 in plaats van %3.</translation>
    </message>
    <message>
        <source>%1: %2 of %3</source>
        <translation>%1: %2 van %3</translation>
    </message>
    <message>
        <source>%1: %2 shapes lie in no group and were left out.</source>
        <translation>%1: %2 vormen liggen in geen groep en zijn weggelaten.</translation>
    </message>
    <message>
        <source>%1: %2 steps, about %3. One step at a time; the space bar goes on. You can leave at any step and come back.</source>
        <translation>%1: %2 stappen, ongeveer %3. Eén stap tegelijk; de spatiebalk gaat verder. Je kunt bij elke stap weggaan en terugkomen.</translation>
    </message>
    <message>
        <source>%1: %2 things move</source>
        <translation>%1: %2 dingen verschuiven</translation>
    </message>
    <message>
        <source>%1: %2, with %3 % of the pull</source>
        <translation>%1: %2, met %3 % van de aandacht</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>%1: a sheet of %2, %3</source>
        <translation>%1: een vel van %2, %3</translation>
    </message>
    <message>
        <source>%1: another part of the stamp prints.</source>
        <translation>%1: een ander deel van de stempel drukt.</translation>
    </message>
    <message>
        <source>%1: another shape or place.</source>
        <translation>%1: andere vorm of plaats.</translation>
    </message>
    <message>
        <source>%1: another stamp.</source>
        <translation>%1: een andere stempel.</translation>
    </message>
    <message>
        <source>%1: at %3 instead of %2.</source>
        <translation>%1: op %3 in plaats van %2.</translation>
    </message>
    <message>
        <source>%1: bounded by other papers.</source>
        <translation>%1: begrensd door andere papieren.</translation>
    </message>
    <message>
        <source>%1: by %2 instead of %3.</source>
        <translation>%1: met %2 in plaats van %3.</translation>
    </message>
    <message>
        <source>%1: changed.</source>
        <translation>%1: veranderd.</translation>
    </message>
    <message>
        <source>%1: cut %2.</source>
        <translation>%1: snijd %2.</translation>
    </message>
    <message>
        <source>%1: done</source>
        <translation>%1: klaar</translation>
    </message>
    <message>
        <source>%1: done in another way.</source>
        <translation>%1: op een andere manier gedaan.</translation>
    </message>
    <message>
        <source>%1: fades out over %3 instead of %2.</source>
        <translation>%1: loopt uit over %3 in plaats van %2.</translation>
    </message>
    <message>
        <source>%1: foot %2, %3.</source>
        <translation>%1: voet %2, %3.</translation>
    </message>
    <message>
        <source>%1: for a class of %2</source>
        <translation>%1: voor een les van %2</translation>
    </message>
    <message>
        <source>%1: held in place.</source>
        <translation>%1: vastgehouden.</translation>
    </message>
    <message>
        <source>%1: here is a line, or too little room for a point</source>
        <translation>%1: hier is een lijn, of te weinig ruimte voor een punt</translation>
    </message>
    <message>
        <source>%1: hidden while you work. Plan, order and printouts keep it.</source>
        <translation>%1: verborgen terwijl je werkt. Plan, volgorde en afdrukken houden het.</translation>
    </message>
    <message>
        <source>%1: in %2 instead of %3.</source>
        <translation>%1: in %2 in plaats van %3.</translation>
    </message>
    <message>
        <source>%1: in another sequence.</source>
        <translation>%1: in een andere volgorde.</translation>
    </message>
    <message>
        <source>%1: leads to the hero</source>
        <translation>%1: leidt naar de held</translation>
    </message>
    <message>
        <source>%1: lies otherwise between the others, before and behind.</source>
        <translation>%1: ligt anders tussen de andere, ervoor en erachter.</translation>
    </message>
    <message>
        <source>%1: may be moved again.</source>
        <translation>%1: mag weer verplaatst worden.</translation>
    </message>
    <message>
        <source>%1: moved %2.</source>
        <translation>%1: verschoven, %2.</translation>
    </message>
    <message>
        <source>%1: new.</source>
        <translation>%1: nieuw.</translation>
    </message>
    <message>
        <source>%1: no longer the hero.</source>
        <translation>%1: niet meer de held.</translation>
    </message>
    <message>
        <source>%1: no longer there.</source>
        <translation>%1: er niet meer.</translation>
    </message>
    <message>
        <source>%1: not on the mask. Click to cut it.</source>
        <translation>%1: niet op het masker. Klik om het te knippen.</translation>
    </message>
    <message>
        <source>%1: on the mask. Click to leave it off.</source>
        <translation>%1: op het masker. Klik om het weg te laten.</translation>
    </message>
    <message>
        <source>%1: one shape lies in no group and was left out.</source>
        <translation>%1: één vorm ligt in geen groep en is weggelaten.</translation>
    </message>
    <message>
        <source>%1: one thing moves</source>
        <translation>%1: één ding verschuift</translation>
    </message>
    <message>
        <source>%1: passes the hero by %2</source>
        <translation>%1: gaat %2 langs de held</translation>
    </message>
    <message>
        <source>%1: raised by %3 instead of %2.</source>
        <translation>%1: %3 verhoogd in plaats van %2.</translation>
    </message>
    <message>
        <source>%1: reaches over %3 instead of %2.</source>
        <translation>%1: reikt over %3 in plaats van %2.</translation>
    </message>
    <message>
        <source>%1: runs low</source>
        <translation>%1: raakt op</translation>
    </message>
    <message>
        <source>%1: stands out %2</source>
        <translation>%1: valt op: %2</translation>
    </message>
    <message>
        <source>%1: taken %2</source>
        <translation>%1: %2 genomen</translation>
    </message>
    <message>
        <source>%1: taken %2, about %3 of card</source>
        <translation>%1: %2 genomen, ongeveer %3 karton</translation>
    </message>
    <message>
        <source>%1: the hero now.</source>
        <translation>%1: nu de held.</translation>
    </message>
    <message>
        <source>%1: the stamp %2 instead of %3.</source>
        <translation>%1: de stempel %2 in plaats van %3.</translation>
    </message>
    <message>
        <source>%1: to be cut %2 times instead of %3.</source>
        <translation>%1: %2 keer te snijden in plaats van %3.</translation>
    </message>
    <message>
        <source>%1: turned %2° to the left.</source>
        <translation>%1: %2° naar links gedraaid.</translation>
    </message>
    <message>
        <source>%1: turned %2° to the right.</source>
        <translation>%1: %2° naar rechts gedraaid.</translation>
    </message>
    <message>
        <source>%1: used up</source>
        <translation>%1: opgebruikt</translation>
    </message>
    <message>
        <source>%1: was called “%2”.</source>
        <translation>%1: heette “%2”.</translation>
    </message>
    <message>
        <source>%1; in front of %2 things.</source>
        <translation>%1; voor %2 dingen.</translation>
    </message>
    <message>
        <source>%1; in front of %2.</source>
        <translation>%1; ervoor: %2.</translation>
    </message>
    <message>
        <source>%1; offcuts go into the drawer</source>
        <translation>%1; reststukken gaan in de la</translation>
    </message>
    <message>
        <source>%1; sheets were cut and taken off already, on the page of the papers</source>
        <translation>%1; vellen zijn al gesneden en afgeboekt, op de bladzijde van de papieren</translation>
    </message>
    <message>
        <source>%1[*] – Havlo</source>
        <translation>%1[*] – Havlo</translation>
    </message>
    <message>
        <source>%1th pressing</source>
        <translation>%1e afdruk</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>&amp;About Havlo</source>
        <translation>&amp;Over Havlo</translation>
    </message>
    <message>
        <source>&amp;Add a stamp</source>
        <translation>Stempel &amp;toevoegen</translation>
    </message>
    <message>
        <source>&amp;Behind what it meets</source>
        <translation>&amp;Achter wat het raakt</translation>
    </message>
    <message>
        <source>&amp;Change</source>
        <translation>&amp;Wijzigen</translation>
    </message>
    <message>
        <source>&amp;Closer</source>
        <translation>&amp;Dichterbij</translation>
    </message>
    <message>
        <source>&amp;Copy</source>
        <translation>&amp;Kopiëren</translation>
    </message>
    <message>
        <source>&amp;Dark ground</source>
        <translation>&amp;Donkere ondergrond</translation>
    </message>
    <message>
        <source>&amp;Even gaps in the picture</source>
        <translation>&amp;Gelijke tussenruimten in het beeld</translation>
    </message>
    <message>
        <source>&amp;Explain what has the keys</source>
        <translation>Dit &amp;uitleggen</translation>
    </message>
    <message>
        <source>&amp;Farther</source>
        <translation>&amp;Verder</translation>
    </message>
    <message>
        <source>&amp;Find an act…</source>
        <translation>Handeling &amp;zoeken…</translation>
    </message>
    <message>
        <source>&amp;Handbook</source>
        <translation>&amp;Handboek</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Help</translation>
    </message>
    <message>
        <source>&amp;Ink</source>
        <translation>&amp;Inkt</translation>
    </message>
    <message>
        <source>&amp;Large targets, for inky fingers</source>
        <translation>&amp;Grote vlakken, voor inktvingers</translation>
    </message>
    <message>
        <source>&amp;Leave</source>
        <translation>&amp;Afsluiten</translation>
    </message>
    <message>
        <source>&amp;Look</source>
        <translation>&amp;Beeld</translation>
    </message>
    <message>
        <source>&amp;Name this card</source>
        <translation>Kaart een &amp;naam geven</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>&amp;Openen…</translation>
    </message>
    <message>
        <source>&amp;Paste</source>
        <translation>&amp;Plakken</translation>
    </message>
    <message>
        <source>&amp;Paste here</source>
        <translation>Hier &amp;plakken</translation>
    </message>
    <message>
        <source>&amp;Plan</source>
        <translation>&amp;Plan</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>Op&amp;slaan</translation>
    </message>
    <message>
        <source>&amp;Show what is hidden</source>
        <translation>&amp;Toon wat verborgen is</translation>
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
        <translation>, %1 breed</translation>
    </message>
    <message>
        <source>, %1 mm to join by pen</source>
        <translation>, %1 mm met de pen aan te sluiten</translation>
    </message>
    <message>
        <source>, %1 offcuts are kept</source>
        <translation>, %1 reststukken blijven</translation>
    </message>
    <message>
        <source>, %1 sink in</source>
        <translation>, %1 verzinken</translation>
    </message>
    <message>
        <source>, %1 tall</source>
        <translation>, %1 hoog</translation>
    </message>
    <message>
        <source>, a mask</source>
        <translation>, een masker</translation>
    </message>
    <message>
        <source>, and </source>
        <translation>, en </translation>
    </message>
    <message>
        <source>, by tape</source>
        <translation>, met plakband</translation>
    </message>
    <message>
        <source>, evening %1</source>
        <translation>, avond %1</translation>
    </message>
    <message>
        <source>, fibres level</source>
        <translation>, vezel waterpas</translation>
    </message>
    <message>
        <source>, fibres upright</source>
        <translation>, vezel rechtop</translation>
    </message>
    <message>
        <source>, from %1 cards</source>
        <translation>, uit %1 kaarten</translation>
    </message>
    <message>
        <source>, from 1 card</source>
        <translation>, uit 1 kaart</translation>
    </message>
    <message>
        <source>, greeting hard to read</source>
        <translation>, groet moeilijk te lezen</translation>
    </message>
    <message>
        <source>, its fibres level</source>
        <translation>, de vezel waterpas</translation>
    </message>
    <message>
        <source>, its fibres upright</source>
        <translation>, de vezel rechtop</translation>
    </message>
    <message>
        <source>, its half</source>
        <translation>, zijn helft</translation>
    </message>
    <message>
        <source>, its size is right</source>
        <translation>, zijn maat klopt</translation>
    </message>
    <message>
        <source>, just inside the line</source>
        <translation>, net binnen de lijn</translation>
    </message>
    <message>
        <source>, kept in %1</source>
        <translation>, ligt in %1</translation>
    </message>
    <message>
        <source>, laid where it will be</source>
        <translation>, gelegd waar het komt</translation>
    </message>
    <message>
        <source>, on all %1 cards</source>
        <translation>, op alle %1 kaarten</translation>
    </message>
    <message>
        <source>, one offcut is kept</source>
        <translation>, één reststuk blijft</translation>
    </message>
    <message>
        <source>, pale</source>
        <translation>, bleek</translation>
    </message>
    <message>
        <source>, then </source>
        <translation>, dan </translation>
    </message>
    <message>
        <source>, too small there</source>
        <translation>, daar te klein</translation>
    </message>
    <message>
        <source>, too tall there</source>
        <translation>, daar te groot</translation>
    </message>
    <message>
        <source>, turned %1° to the left</source>
        <translation>, %1° naar links gedraaid</translation>
    </message>
    <message>
        <source>, turned %1° to the right</source>
        <translation>, %1° naar rechts gedraaid</translation>
    </message>
    <message>
        <source>, without ground</source>
        <translation>, zonder grond</translation>
    </message>
    <message>
        <source>. %1 times two alike are side by side; another stamp would help.</source>
        <translation>. %1 keer staan twee gelijke naast elkaar; nog een stempel zou helpen.</translation>
    </message>
    <message>
        <source>. %1 to %2 away.</source>
        <translation>. %1 tot %2 weg.</translation>
    </message>
    <message>
        <source>. All about %1 away.</source>
        <translation>. Alle ongeveer %1 weg.</translation>
    </message>
    <message>
        <source>. None is like its neighbour.</source>
        <translation>. Geen lijkt op zijn buur.</translation>
    </message>
    <message>
        <source>. Once two alike are side by side; another stamp would help.</source>
        <translation>. Eén keer staan twee gelijke naast elkaar; nog een stempel zou helpen.</translation>
    </message>
    <message>
        <source>0 %: what is below shows through wholly; 100 %: it covers what is below</source>
        <translation>0 %: wat eronder is schijnt helemaal door; 100 %: het dekt wat eronder is</translation>
    </message>
    <message>
        <source>0: the panel is glued flat</source>
        <translation>0: de beeldkaart wordt vlak gelijmd</translation>
    </message>
    <message>
        <source>1  The picture</source>
        <translation>1  Het beeld</translation>
    </message>
    <message>
        <source>1 card</source>
        <translation>1 kaart</translation>
    </message>
    <message>
        <source>1 dot of foam</source>
        <translation>1 schuimstip</translation>
    </message>
    <message>
        <source>1 envelope</source>
        <translation>1 envelop</translation>
    </message>
    <message>
        <source>1 envelope of %1</source>
        <translation>1 envelop van %1</translation>
    </message>
    <message>
        <source>1 is freshly inked; 2 is pressed again without inking, paler</source>
        <translation>1 is vers geïnkt; 2 wordt zonder inkt nog eens gedrukt, bleker</translation>
    </message>
    <message>
        <source>1 is in the drawer</source>
        <translation>1 is in de la</translation>
    </message>
    <message>
        <source>1 is missing</source>
        <translation>1 ontbreekt</translation>
    </message>
    <message>
        <source>1 mask</source>
        <translation>1 masker</translation>
    </message>
    <message>
        <source>1 mask cut.</source>
        <translation>1 masker geknipt.</translation>
    </message>
    <message>
        <source>1 mask is kept in the drawer.</source>
        <translation>1 masker is in de la bewaard.</translation>
    </message>
    <message>
        <source>1 plan</source>
        <translation>1 plan</translation>
    </message>
    <message>
        <source>1 sheet</source>
        <translation>1 vel</translation>
    </message>
    <message>
        <source>1 sheet is missing</source>
        <translation>1 vel ontbreekt</translation>
    </message>
    <message>
        <source>1 sheet of masking paper</source>
        <translation>1 vel maskeerpapier</translation>
    </message>
    <message>
        <source>1 stamp</source>
        <translation>1 stempel</translation>
    </message>
    <message>
        <source>1 step</source>
        <translation>1 stap</translation>
    </message>
    <message>
        <source>1 thing</source>
        <translation>1 ding</translation>
    </message>
    <message>
        <source>1 thing coloured</source>
        <translation>1 ding gekleurd</translation>
    </message>
    <message>
        <source>1 thing does not fit</source>
        <translation>1 ding past niet</translation>
    </message>
    <message>
        <source>1 thing is hidden: show it</source>
        <translation>1 ding is verborgen: tonen</translation>
    </message>
    <message>
        <source>1 thing to look at</source>
        <translation>1 ding te bekijken</translation>
    </message>
    <message>
        <source>1 to 99 evenings</source>
        <translation>1 tot 99 avonden</translation>
    </message>
    <message>
        <source>1 to 9999 cards</source>
        <translation>1 tot 9999 kaarten</translation>
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
        <translation>2  Hoe groot is het?</translation>
    </message>
    <message>
        <source>3  Mend what was traced</source>
        <translation>3  Verbeter het spoor</translation>
    </message>
    <message>
        <source>3  Mend what was traced…</source>
        <translation>3  Het spoor verbeteren…</translation>
    </message>
    <message>
        <source>4  What is it?</source>
        <translation>4  Wat is het?</translation>
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
        <translation>: %1 zijn over</translation>
    </message>
    <message>
        <source>: %1 more than the drawer says</source>
        <translation>: %1 meer dan de la zegt</translation>
    </message>
    <message>
        <source>: %1 whole sheets are left</source>
        <translation>: %1 hele vellen zijn over</translation>
    </message>
    <message>
        <source>: 1 whole sheet is left</source>
        <translation>: 1 heel vel is over</translation>
    </message>
    <message>
        <source>: from the sheet at hand</source>
        <translation>: uit het vel dat er is</translation>
    </message>
    <message>
        <source>: nearest</source>
        <translation>: het dichtst</translation>
    </message>
    <message>
        <source>: none is left</source>
        <translation>: geen is over</translation>
    </message>
    <message>
        <source>: one more than the drawer says</source>
        <translation>: één meer dan de la zegt</translation>
    </message>
    <message>
        <source>: then, as number %1</source>
        <translation>: dan, als nummer %1</translation>
    </message>
    <message>
        <source>; %1 % of it is waste</source>
        <translation>; %1 % ervan is afval</translation>
    </message>
    <message>
        <source>; %1 at hand are used first</source>
        <translation>; %1 aanwezige gaan voor</translation>
    </message>
    <message>
        <source>; %1 mm² are covered too much</source>
        <translation>; %1 mm² zijn te veel bedekt</translation>
    </message>
    <message>
        <source>; %1 pairs share one cut in two</source>
        <translation>; %1 paren delen één snede</translation>
    </message>
    <message>
        <source>; along a ruler, and only where the line is to be seen</source>
        <translation>; langs een liniaal, en alleen waar de lijn te zien moet zijn</translation>
    </message>
    <message>
        <source>; blot the tool first and start lightly, so that it fades at its border</source>
        <translation>; dep het gereedschap eerst en begin licht, zodat het aan de rand uitloopt</translation>
    </message>
    <message>
        <source>; cut off what hangs over the rim</source>
        <translation>; snijd af wat over de rand hangt</translation>
    </message>
    <message>
        <source>; dab it on, turning the sponge</source>
        <translation>; dep het erop en draai de spons</translation>
    </message>
    <message>
        <source>; face down over the stencil, press every edge with a round tool</source>
        <translation>; beeld naar beneden over de sjabloon, druk elke rand met rond gereedschap</translation>
    </message>
    <message>
        <source>; foam of %1 near every edge and in the middle</source>
        <translation>; schuim van %1 bij elke rand en in het midden</translation>
    </message>
    <message>
        <source>; fold it with the ridge of the score inside, and press the fold down</source>
        <translation>; vouw het met de ribbel binnenin en druk de vouw neer</translation>
    </message>
    <message>
        <source>; for one paper over several lay it on the placement sheet, and print each in its place</source>
        <translation>; één papier over meer dingen: leg het op het plaatsblad en druk elk op zijn plek</translation>
    </message>
    <message>
        <source>; from %1</source>
        <translation>; vanaf %1</translation>
    </message>
    <message>
        <source>; give or take %1</source>
        <translation>; tot op %1 zeker</translation>
    </message>
    <message>
        <source>; hold the stencil down, spread it thinly with a palette knife, always toward the tape</source>
        <translation>; houd de sjabloon vast, strijk dun met een paletmes, steeds naar het plakband toe</translation>
    </message>
    <message>
        <source>; it dries for %1 before it is covered</source>
        <translation>; het droogt %1 voor het wordt afgedekt</translation>
    </message>
    <message>
        <source>; it dries slowly, keep the hand off for %1</source>
        <translation>; het droogt langzaam, houd je hand er %1 vanaf</translation>
    </message>
    <message>
        <source>; let one part dry before its neighbour</source>
        <translation>; laat een deel drogen voor zijn buur komt</translation>
    </message>
    <message>
        <source>; line it up at the fold first</source>
        <translation>; lijn het eerst uit op de vouw</translation>
    </message>
    <message>
        <source>; little glue, so that none comes out at the rim, then a book on it while it sets</source>
        <translation>; weinig lijm, zodat er aan de rand niets uitkomt, dan een boek erop tot het houdt</translation>
    </message>
    <message>
        <source>; on the average they are %1 off</source>
        <translation>; gemiddeld zitten ze %1 ernaast</translation>
    </message>
    <message>
        <source>; one at hand is used first</source>
        <translation>; één aanwezige gaat voor</translation>
    </message>
    <message>
        <source>; open for %1 mm</source>
        <translation>; %1 mm open</translation>
    </message>
    <message>
        <source>; pulled again from the plate without new ink, so it is paler, the other way round than on the plate</source>
        <translation>; zonder nieuwe inkt nog eens van de plaat getrokken, dus bleker, in spiegelbeeld van de plaat</translation>
    </message>
    <message>
        <source>; roll the ink out thinly on the plate, press it on and lift it straight up; the picture comes out the other way round than on the plate</source>
        <translation>; rol de inkt dun op de plaat, druk hem aan en til hem recht op; het beeld komt in spiegelbeeld van de plaat</translation>
    </message>
    <message>
        <source>; spray from a forearm away, with the table covered</source>
        <translation>; spuit van een onderarm afstand, de tafel afgedekt</translation>
    </message>
    <message>
        <source>; stamp it first, empty, with a sheet of scrap inside so that nothing comes through, and the flap open</source>
        <translation>; stempel hem eerst, leeg, met kladpapier erin zodat niets doordrukt, en de klep open</translation>
    </message>
    <message>
        <source>; start on the mask, not on the card; blot the tool first</source>
        <translation>; begin op het masker, niet op de kaart; dep het gereedschap eerst</translation>
    </message>
    <message>
        <source>; tape for %1 more</source>
        <translation>; plakband voor nog %1</translation>
    </message>
    <message>
        <source>; tape over %1 of the inked rubber, lift the tape, then press; join by pen the lines that end there</source>
        <translation>; plak %1 van het geïnkte rubber af, haal het plakband eraf, druk dan; sluit de lijnen die daar eindigen met de pen aan</translation>
    </message>
    <message>
        <source>; tape over the inked rubber where %1 will be, lift the tape, then press</source>
        <translation>; plak het geïnkte rubber af waar %1 komt, haal het plakband eraf, druk dan</translation>
    </message>
    <message>
        <source>; the drawer has paper with room for more, but its fibres run across the fold, where it would crack</source>
        <translation>; de la heeft papier met ruimte voor meer, maar de vezel loopt dwars op de vouw, waar het zou breken</translation>
    </message>
    <message>
        <source>; then the border tape may come off</source>
        <translation>; dan mag het randplakband eraf</translation>
    </message>
    <message>
        <source>; two share one cut in two</source>
        <translation>; twee delen één snede</translation>
    </message>
    <message>
        <source>; what is planned on it is stamped before it is glued in</source>
        <translation>; wat erop gepland is wordt gestempeld voor het ingelijmd wordt</translation>
    </message>
    <message>
        <source>; wipe the ink off where %1 will be</source>
        <translation>; veeg de inkt af waar %1 komt</translation>
    </message>
    <message>
        <source>; with a damp brush, up to its border; let it dry flat</source>
        <translation>; met een vochtige kwast, tot aan de rand; laat het vlak drogen</translation>
    </message>
    <message>
        <source>; with the marker, led up to the line by hand</source>
        <translation>; met de marker, met de hand tot aan de lijn</translation>
    </message>
    <message>
        <source>A &amp;row of it…</source>
        <translation>Een &amp;rij ervan…</translation>
    </message>
    <message>
        <source>A background</source>
        <translation>Een achtergrond</translation>
    </message>
    <message>
        <source>A background is blended round what is masked, before, between or after the stampings: a sky, a ground, a glow. Add one; then drag its borders on the card.</source>
        <translation>Een achtergrond wordt om het gemaskeerde geveegd, voor, tussen of na het stempelen: een lucht, een grond, een gloed. Voeg er een toe; sleep dan zijn randen op de kaart.</translation>
    </message>
    <message>
        <source>A better order is being looked for.</source>
        <translation>Er wordt een betere volgorde gezocht.</translation>
    </message>
    <message>
        <source>A branch must come from the edge of the card or from behind something.</source>
        <translation>Een tak moet van de rand van de kaart of van achter iets komen.</translation>
    </message>
    <message>
        <source>A card</source>
        <translation>Een kaart</translation>
    </message>
    <message>
        <source>A card in the making cannot be read and is left as it is: %1</source>
        <translation>Een kaart in de maak is niet leesbaar en blijft zoals hij is: %1</translation>
    </message>
    <message>
        <source>A card is being looked for.</source>
        <translation>Er wordt een kaart gezocht.</translation>
    </message>
    <message>
        <source>A card that is proposed</source>
        <translation>Een voorgestelde kaart</translation>
    </message>
    <message>
        <source>A card to make one day …</source>
        <translation>Een kaart voor later …</translation>
    </message>
    <message>
        <source>A class makes it</source>
        <translation>Een les maakt hem</translation>
    </message>
    <message>
        <source>A clean join</source>
        <translation>Een schone naad</translation>
    </message>
    <message>
        <source>A colour from a scan</source>
        <translation>Een kleur uit een scan</translation>
    </message>
    <message>
        <source>A coloured part of %1 is open</source>
        <translation>Een gekleurd deel van %1 is open</translation>
    </message>
    <message>
        <source>A cro&amp;wd…</source>
        <translation>Een &amp;menigte…</translation>
    </message>
    <message>
        <source>A crowd</source>
        <translation>Een menigte</translation>
    </message>
    <message>
        <source>A crowd needs stamps whose real height is known: people, animals, trees. Take some from the drawer.</source>
        <translation>Een menigte heeft stempels nodig waarvan de echte hoogte bekend is: mensen, dieren, bomen. Neem er wat uit de la.</translation>
    </message>
    <message>
        <source>A crowd of %1</source>
        <translation>Een menigte van %1</translation>
    </message>
    <message>
        <source>A crowd takes many masks, each laid often. Under What if you see what it costs with fewer of them, and under Schools what printing straight over would save.</source>
        <translation>Een menigte vraagt veel maskers, en elk wordt vaak gelegd. Onder Wat als zie je wat ze met minder kost, en onder Manieren wat gewoon overdrukken zou sparen.</translation>
    </message>
    <message>
        <source>A cut is wide</source>
        <translation>Breedte van de snede</translation>
    </message>
    <message>
        <source>A cut loses</source>
        <translation>Een snede kost</translation>
    </message>
    <message>
        <source>A file's name</source>
        <translation>Een bestandsnaam</translation>
    </message>
    <message>
        <source>A folder for the plans</source>
        <translation>Een map voor de plannen</translation>
    </message>
    <message>
        <source>A folder of scans</source>
        <translation>Een map met scans</translation>
    </message>
    <message>
        <source>A frame with an opening</source>
        <translation>Een lijst met een opening</translation>
    </message>
    <message>
        <source>A fresh mask is kept with it</source>
        <translation>Er wordt een vers masker bij bewaard</translation>
    </message>
    <message>
        <source>A gap is noticed from %1 on. Numbers mark the three to be careful with.</source>
        <translation>Een opening valt op vanaf %1. Cijfers wijzen de drie aan om op te letten.</translation>
    </message>
    <message>
        <source>A greeting that is cut short cannot be read.</source>
        <translation>Een afgesneden groet is niet te lezen.</translation>
    </message>
    <message>
        <source>A greeting wants room on every side, and nothing over it.</source>
        <translation>Een groet wil rondom ruimte, en niets eroverheen.</translation>
    </message>
    <message>
        <source>A hero each from your drawer, in one hour, on one paper, in one set of inks.</source>
        <translation>Elk een held uit je la, op één uur, op één papier, in één set inkten.</translation>
    </message>
    <message>
        <source>A hill of paper</source>
        <translation>Een heuvel van papier</translation>
    </message>
    <message>
        <source>A hill over the lower edge</source>
        <translation>Een heuvel over de onderkant</translation>
    </message>
    <message>
        <source>A join showed lately.</source>
        <translation>Een naad was laatst te zien.</translation>
    </message>
    <message>
        <source>A join shows: %1</source>
        <translation>Een naad is te zien: %1</translation>
    </message>
    <message>
        <source>A later pressing came out otherwise than wanted lately.</source>
        <translation>Een latere druk viel laatst anders uit dan gewenst.</translation>
    </message>
    <message>
        <source>A line behind a head seems to cut it or pin it down. Let a hill or a hedge stand there, or fade the line.</source>
        <translation>Een lijn achter een hoofd lijkt het door te snijden of vast te prikken. Laat daar een heuvel of haag staan, of laat de lijn vervagen.</translation>
    </message>
    <message>
        <source>A line ran into it</source>
        <translation>Een lijn liep erin</translation>
    </message>
    <message>
        <source>A line ran into something lately.</source>
        <translation>Een lijn liep laatst ergens in.</translation>
    </message>
    <message>
        <source>A mask of %1 leaves most of it bare</source>
        <translation>Een masker van %1 laat het meeste ervan vrij</translation>
    </message>
    <message>
        <source>A masking sheet has sides from 20 to 2000 mm.</source>
        <translation>Een maskeervel heeft zijden van 20 tot 2000 mm.</translation>
    </message>
    <message>
        <source>A mat of %1 paper</source>
        <translation>Een mat van %1-papier</translation>
    </message>
    <message>
        <source>A misty row</source>
        <translation>Een rij in de mist</translation>
    </message>
    <message>
        <source>A new card</source>
        <translation>Een nieuwe kaart</translation>
    </message>
    <message>
        <source>A new idea</source>
        <translation>Een nieuw idee</translation>
    </message>
    <message>
        <source>A note on this step</source>
        <translation>Een notitie bij deze stap</translation>
    </message>
    <message>
        <source>A pale veil between near and far. On the walk it stands as a line that can be dragged.</source>
        <translation>Een bleke sluier tussen dichtbij en ver. Op de wandeling is hij een lijn die je kunt slepen.</translation>
    </message>
    <message>
        <source>A palette wants three inks or more.</source>
        <translation>Een palet wil drie inkten of meer.</translation>
    </message>
    <message>
        <source>A panel for the inside</source>
        <translation>Een blad voor binnen</translation>
    </message>
    <message>
        <source>A panel without a base has no inside. A base is given on the page Sizes.</source>
        <translation>Een beeldkaart zonder dubbele kaart heeft geen binnenkant. Een dubbele kaart geef je op de bladzijde Maten.</translation>
    </message>
    <message>
        <source>A picture of the paper</source>
        <translation>Een beeld van het papier</translation>
    </message>
    <message>
        <source>A plain shape</source>
        <translation>Een eenvoudige vorm</translation>
    </message>
    <message>
        <source>A plan, a packed drawer or a scan to open.</source>
        <translation>Een plan, een ingepakte lade of een scan om te openen.</translation>
    </message>
    <message>
        <source>A rack of %1 makes hands wait %2 in all.</source>
        <translation>Een rek voor %1 laat de handen in totaal %2 wachten.</translation>
    </message>
    <message>
        <source>A room</source>
        <translation>Een kamer</translation>
    </message>
    <message>
        <source>A row</source>
        <translation>Een rij</translation>
    </message>
    <message>
        <source>A row of %1</source>
        <translation>Een rij van %1</translation>
    </message>
    <message>
        <source>A row runs away from you: equal steps on the ground become shorter and shorter on paper.</source>
        <translation>Een rij loopt van je weg: gelijke stappen op de grond worden op papier steeds korter.</translation>
    </message>
    <message>
        <source>A scan or photo of stamps</source>
        <translation>Een scan of foto van stempels</translation>
    </message>
    <message>
        <source>A scan or photo of the card</source>
        <translation>Een scan of foto van de kaart</translation>
    </message>
    <message>
        <source>A scan or photo of the finished card</source>
        <translation>Een scan of foto van de klare kaart</translation>
    </message>
    <message>
        <source>A scanned strip of your colours</source>
        <translation>Een gescande strook van je kleuren</translation>
    </message>
    <message>
        <source>A scanned test strip</source>
        <translation>Een gescande proefstrook</translation>
    </message>
    <message>
        <source>A scene for a hero</source>
        <translation>Een scène voor een held</translation>
    </message>
    <message>
        <source>A shadow runs away from the light: from the foot, in line with the ground below the light.</source>
        <translation>Een schaduw loopt van het licht weg: vanaf de voet, in één lijn met de grond onder het licht.</translation>
    </message>
    <message>
        <source>A sheet laid in askew is found by its marks: cuts lie within %1 mm of the print.</source>
        <translation>Een scheef ingelegd vel wordt aan zijn merken gevonden: de sneden liggen binnen %1 mm van de afdruk.</translation>
    </message>
    <message>
        <source>A sky</source>
        <translation>Een lucht</translation>
    </message>
    <message>
        <source>A sky in steps</source>
        <translation>Een lucht in stappen</translation>
    </message>
    <message>
        <source>A sky is blended round masks, before or after what is stamped. Its borders can be dragged on the card.</source>
        <translation>Een lucht wordt rond maskers uitgewreven, voor of na het stempelen. Zijn randen kun je op de kaart slepen.</translation>
    </message>
    <message>
        <source>A sliver at the edge looks like a slip; bring more of it in, or leave it out.</source>
        <translation>Een reepje aan de rand lijkt een vergissing; haal er meer van naar binnen, of laat het weg.</translation>
    </message>
    <message>
        <source>A smudge</source>
        <translation>Een veeg</translation>
    </message>
    <message>
        <source>A spot did not print</source>
        <translation>Een plek drukte niet</translation>
    </message>
    <message>
        <source>A spot of it did not print.</source>
        <translation>Een plek ervan drukte niet.</translation>
    </message>
    <message>
        <source>A stamp or two for others of yours, light from the other side, other colours.</source>
        <translation>Een stempel of twee voor andere van jou, licht van de andere kant, andere kleuren.</translation>
    </message>
    <message>
        <source>A stamp prints across a low step only. Glue the piece on flat, or let it hide what is under it.</source>
        <translation>Een stempel drukt alleen over een lage trede. Lijm het stuk vlak op, of laat het verbergen wat eronder is.</translation>
    </message>
    <message>
        <source>A stamp was written with commas for decimal points by an older Havlo. It was mended.</source>
        <translation>Een stempel was door een oudere Havlo met decimale komma's geschreven. Hij is hersteld.</translation>
    </message>
    <message>
        <source>A step of your own</source>
        <translation>Een eigen stap</translation>
    </message>
    <message>
        <source>A strip</source>
        <translation>Een strook</translation>
    </message>
    <message>
        <source>A strip of tape does for a straight edge.</source>
        <translation>Voor een rechte rand volstaat een strook plakband.</translation>
    </message>
    <message>
        <source>A strip under</source>
        <translation>Een strook eronder</translation>
    </message>
    <message>
        <source>A strip under %1</source>
        <translation>Een strook onder %1</translation>
    </message>
    <message>
        <source>A sun of paper</source>
        <translation>Een zon van papier</translation>
    </message>
    <message>
        <source>A sun or moon, without ink</source>
        <translation>Een zon of maan, zonder inkt</translation>
    </message>
    <message>
        <source>A tool fades out where no mask, edge or frame lies. Bound it by one, or let it end softly.</source>
        <translation>Gereedschap loopt uit waar geen masker, rand of lijst ligt. Begrens het daarmee, of laat het zacht eindigen.</translation>
    </message>
    <message>
        <source>A tool fades out. A sharp line across the card wants tape or an edge laid there; or let it fade.</source>
        <translation>Gereedschap loopt uit. Een scherpe lijn over de kaart wil plakband of een rand; of laat hem uitlopen.</translation>
    </message>
    <message>
        <source>A white gap</source>
        <translation>Een witte opening</translation>
    </message>
    <message>
        <source>A whole drawer lies ready: a hare, a kite, poplars, a boat. Put them on a card and see what comes of it.</source>
        <translation>Een hele la ligt klaar: een haas, een vlieger, populieren, een boot. Zet ze op een kaart en kijk wat ervan komt.</translation>
    </message>
    <message>
        <source>A whole folder of scans…</source>
        <translation>Een hele map met scans…</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>About %1 of %2 papers may leave a join that shows</source>
        <translation>Ongeveer %1 van %2 papieren laten misschien een zichtbare naad</translation>
    </message>
    <message>
        <source>About %1 of line ends to join by pen.</source>
        <translation>Ongeveer %1 lijneinden met de pen aan te sluiten.</translation>
    </message>
    <message>
        <source>About %1 of work by hand.</source>
        <translation>Ongeveer %1 werk met de hand.</translation>
    </message>
    <message>
        <source>About Havlo</source>
        <translation>Over Havlo</translation>
    </message>
    <message>
        <source>Above the horizon there is no ground to stand on.</source>
        <translation>Boven de horizon is geen grond om op te staan.</translation>
    </message>
    <message>
        <source>Acts that are meant</source>
        <translation>Bedoelde handelingen</translation>
    </message>
    <message>
        <source>Add %1</source>
        <translation>%1 toevoegen</translation>
    </message>
    <message>
        <source>Add a bend</source>
        <translation>Bocht toevoegen</translation>
    </message>
    <message>
        <source>Add a mat</source>
        <translation>Mat toevoegen</translation>
    </message>
    <message>
        <source>Add a paper</source>
        <translation>Papier toevoegen</translation>
    </message>
    <message>
        <source>Add a part</source>
        <translation>Deel toevoegen</translation>
    </message>
    <message>
        <source>Add a piece</source>
        <translation>Stuk toevoegen</translation>
    </message>
    <message>
        <source>Add a stamp</source>
        <translation>Stempel toevoegen</translation>
    </message>
    <message>
        <source>Add a variation</source>
        <translation>Variant toevoegen</translation>
    </message>
    <message>
        <source>Add a wash</source>
        <translation>Verloop toevoegen</translation>
    </message>
    <message>
        <source>Add an ink</source>
        <translation>Inkt toevoegen</translation>
    </message>
    <message>
        <source>Add another mat</source>
        <translation>Nog een mat toevoegen</translation>
    </message>
    <message>
        <source>Add stamps</source>
        <translation>Stempels toevoegen</translation>
    </message>
    <message>
        <source>Add stamps from a &amp;scan</source>
        <translation>Stempels uit een &amp;scan toevoegen</translation>
    </message>
    <message>
        <source>Add stamps from a scan</source>
        <translation>Stempels uit een scan toevoegen</translation>
    </message>
    <message>
        <source>Add to the stock</source>
        <translation>Bij de voorraad leggen</translation>
    </message>
    <message>
        <source>Adds the stamps, inks and papers of a drawer that was packed into a file</source>
        <translation>Voegt stempels, inkten en papieren toe van een la die in een bestand is ingepakt</translation>
    </message>
    <message>
        <source>Adhesive</source>
        <translation>Lijm</translation>
    </message>
    <message>
        <source>After</source>
        <translation>Na</translation>
    </message>
    <message>
        <source>Alcohol markers dissolve %1. Use an ink that holds under them.</source>
        <translation>Alcoholmarkers lossen %1 op. Neem een inkt die eronder houdt.</translation>
    </message>
    <message>
        <source>All %1 are in the drawer.</source>
        <translation>Alle %1 zijn in de la.</translation>
    </message>
    <message>
        <source>All %1 in one go</source>
        <translation>Alle %1 in één keer</translation>
    </message>
    <message>
        <source>All %1 pieces come free.</source>
        <translation>Alle %1 stukken komen los.</translation>
    </message>
    <message>
        <source>All %1 things agree.</source>
        <translation>Alle %1 dingen kloppen met elkaar.</translation>
    </message>
    <message>
        <source>All %1 things have their right size.</source>
        <translation>Alle %1 dingen hebben hun juiste maat.</translation>
    </message>
    <message>
        <source>All &amp;measures as a table…</source>
        <translation>Alle &amp;maten als tabel…</translation>
    </message>
    <message>
        <source>All as &amp;near as the nearest</source>
        <translation>Alle zo di&amp;chtbij als het dichtste</translation>
    </message>
    <message>
        <source>All as far as the far&amp;thest</source>
        <translation>Alle zo v&amp;er als het verste</translation>
    </message>
    <message>
        <source>All files</source>
        <translation>Alle bestanden</translation>
    </message>
    <message>
        <source>All of them, in the drawer</source>
        <translation>Alle, in de la</translation>
    </message>
    <message>
        <source>All pieces of the card, or of all cards, out of the sheets and offcuts in the drawer.</source>
        <translation>Alle stukken van de kaart, of van alle kaarten, uit de vellen en reststukken in de la.</translation>
    </message>
    <message>
        <source>Allowance</source>
        <translation>Toegift</translation>
    </message>
    <message>
        <source>An empty card</source>
        <translation>Een lege kaart</translation>
    </message>
    <message>
        <source>An envelope</source>
        <translation>Een envelop</translation>
    </message>
    <message>
        <source>And by</source>
        <translation>En door</translation>
    </message>
    <message>
        <source>Another base</source>
        <translation>Een andere dubbele kaart</translation>
    </message>
    <message>
        <source>Another colour</source>
        <translation>Andere kleur</translation>
    </message>
    <message>
        <source>Another crowd of the same stamps: who stands where is drawn by lot</source>
        <translation>Een andere menigte van dezelfde stempels: wie waar staat wordt geloot</translation>
    </message>
    <message>
        <source>Another floor</source>
        <translation>Een andere vloer</translation>
    </message>
    <message>
        <source>Another height</source>
        <translation>Andere hoogte</translation>
    </message>
    <message>
        <source>Another part of %1</source>
        <translation>Een ander deel van %1</translation>
    </message>
    <message>
        <source>Another program is using the drawer: you can look and take, but nothing can be changed in it now.</source>
        <translation>Een ander programma gebruikt de la: je kunt kijken en nemen, maar er nu niets in veranderen.</translation>
    </message>
    <message>
        <source>Another school for %1</source>
        <translation>Een andere manier voor %1</translation>
    </message>
    <message>
        <source>Another stamp on some cards</source>
        <translation>Een ander stempel op sommige kaarten</translation>
    </message>
    <message>
        <source>Another thing on them too</source>
        <translation>Nog iets erop</translation>
    </message>
    <message>
        <source>Another width</source>
        <translation>Andere breedte</translation>
    </message>
    <message>
        <source>Are sizes and rows by eye, as in a storybook?</source>
        <translation>Zijn maten en rijen op het oog, als in een prentenboek?</translation>
    </message>
    <message>
        <source>Arrow keys go from part to part, Return cuts a part or leaves it off.</source>
        <translation>Pijltoetsen gaan van deel naar deel, Return knipt een deel of laat het weg.</translation>
    </message>
    <message>
        <source>As a line of work it spares %1.</source>
        <translation>Als werkreeks spaart het %1.</translation>
    </message>
    <message>
        <source>As advised</source>
        <translation>Zoals aangeraden</translation>
    </message>
    <message>
        <source>As far</source>
        <translation>Zo ver</translation>
    </message>
    <message>
        <source>As is usual for it</source>
        <translation>Zoals er gewoon voor is</translation>
    </message>
    <message>
        <source>As it came out</source>
        <translation>Zoals het werd</translation>
    </message>
    <message>
        <source>As it came out: no picture yet</source>
        <translation>Zoals het werd: nog geen beeld</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Zoals het is</translation>
    </message>
    <message>
        <source>As it was found</source>
        <translation>Zoals het gevonden werd</translation>
    </message>
    <message>
        <source>As it was planned</source>
        <translation>Zoals het gepland was</translation>
    </message>
    <message>
        <source>As it would be</source>
        <translation>Zoals het zou worden</translation>
    </message>
    <message>
        <source>As near</source>
        <translation>Zo dichtbij</translation>
    </message>
    <message>
        <source>As planned</source>
        <translation>Zoals gepland</translation>
    </message>
    <message>
        <source>As stamped</source>
        <translation>Zoals gestempeld</translation>
    </message>
    <message>
        <source>Ask for three or more, tick Paler with distance, and put the row on the card.</source>
        <translation>Vraag er drie of meer, kies Bleker met de afstand en zet de rij op de kaart.</translation>
    </message>
    <message>
        <source>Ask me again</source>
        <translation>Vraag het me nog eens</translation>
    </message>
    <message>
        <source>At %1 away it reads as %2 tall; it should be %3. %4</source>
        <translation>Op %1 afstand lijkt het %2 hoog; het zou %3 moeten zijn. %4</translation>
    </message>
    <message>
        <source>At home</source>
        <translation>Thuis</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Hoogstens</translation>
    </message>
    <message>
        <source>At most %1 lie and dry at a time.</source>
        <translation>Hoogstens %1 liggen en drogen tegelijk.</translation>
    </message>
    <message>
        <source>At the table</source>
        <translation>Aan tafel</translation>
    </message>
    <message>
        <source>At the table one step is shown at a time. The space bar goes on, Back goes back, nothing is lost.</source>
        <translation>Aan tafel zie je één stap tegelijk. De spatiebalk gaat verder, Terug gaat terug, niets gaat verloren.</translation>
    </message>
    <message>
        <source>At the table:</source>
        <translation>Aan tafel:</translation>
    </message>
    <message>
        <source>Attach %1</source>
        <translation>%1 bevestigen</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Terug</translation>
    </message>
    <message>
        <source>Back to the card</source>
        <translation>Terug naar de kaart</translation>
    </message>
    <message>
        <source>Back to the drawer</source>
        <translation>Terug naar de la</translation>
    </message>
    <message>
        <source>Back to the table</source>
        <translation>Terug naar de tafel</translation>
    </message>
    <message>
        <source>Background</source>
        <translation>Achtergrond</translation>
    </message>
    <message>
        <source>Background, middle and front from your drawer, where every size fits one viewpoint; coloured and lit.</source>
        <translation>Achtergrond, midden en voorgrond uit je la, waar elke maat bij één kijkpunt past; gekleurd en verlicht.</translation>
    </message>
    <message>
        <source>Background: %1</source>
        <translation>Achtergrond: %1</translation>
    </message>
    <message>
        <source>Balance</source>
        <translation>Evenwicht</translation>
    </message>
    <message>
        <source>Base shows</source>
        <translation>Dubbele kaart zichtbaar</translation>
    </message>
    <message>
        <source>Base shows %1</source>
        <translation>Dubbele kaart %1 zichtbaar</translation>
    </message>
    <message>
        <source>Base, folded</source>
        <translation>Dubbele kaart, gevouwen</translation>
    </message>
    <message>
        <source>Because</source>
        <translation>Omdat</translation>
    </message>
    <message>
        <source>Before</source>
        <translation>Voor</translation>
    </message>
    <message>
        <source>Before and after</source>
        <translation>Ervoor, erna</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Begin</translation>
    </message>
    <message>
        <source>Begin %1 at %2</source>
        <translation>%1 om %2 beginnen</translation>
    </message>
    <message>
        <source>Begin a &amp;new card</source>
        <translation>Een &amp;nieuwe kaart beginnen</translation>
    </message>
    <message>
        <source>Begin a card</source>
        <translation>Een kaart beginnen</translation>
    </message>
    <message>
        <source>Begin a new card</source>
        <translation>Nieuwe kaart beginnen</translation>
    </message>
    <message>
        <source>Begin this card</source>
        <translation>Deze kaart beginnen</translation>
    </message>
    <message>
        <source>Begins at</source>
        <translation>Begint bij</translation>
    </message>
    <message>
        <source>Begun earlier</source>
        <translation>Eerder begonnen</translation>
    </message>
    <message>
        <source>Behind</source>
        <translation>Achter</translation>
    </message>
    <message>
        <source>Being pressed</source>
        <translation>Wordt gedrukt</translation>
    </message>
    <message>
        <source>Being simulated</source>
        <translation>Wordt gesimuleerd</translation>
    </message>
    <message>
        <source>Belongs to</source>
        <translation>Hoort bij</translation>
    </message>
    <message>
        <source>Bend %1</source>
        <translation>%1 buigen</translation>
    </message>
    <message>
        <source>Black</source>
        <translation>Zwart</translation>
    </message>
    <message>
        <source>Blades cut: keep fingers clear of them, and follow the machine's own directions.</source>
        <translation>Messen snijden: houd je vingers weg en volg de aanwijzingen van de machine.</translation>
    </message>
    <message>
        <source>Blend %1</source>
        <translation>%1 vegen</translation>
    </message>
    <message>
        <source>Blend %1 %2</source>
        <translation>%1 %2 vegen</translation>
    </message>
    <message>
        <source>Blend %1 at %2 %</source>
        <translation>%1 met %2 % vegen</translation>
    </message>
    <message>
        <source>Blend %1 in %2</source>
        <translation>%1 in %2 vegen</translation>
    </message>
    <message>
        <source>Blend over fine parts</source>
        <translation>Verloop over fijne delen</translation>
    </message>
    <message>
        <source>Blended in this order.</source>
        <translation>In deze volgorde geveegd.</translation>
    </message>
    <message>
        <source>Blended next: %1. Which of these must lie covered?</source>
        <translation>Hierna geveegd: %1. Wat hiervan moet afgedekt liggen?</translation>
    </message>
    <message>
        <source>Border</source>
        <translation>Rand</translation>
    </message>
    <message>
        <source>Border of %1</source>
        <translation>Rand van %1</translation>
    </message>
    <message>
        <source>Both can be changed later, under Card.</source>
        <translation>Beide zijn later te wijzigen, onder Kaart.</translation>
    </message>
    <message>
        <source>Both plans are read …</source>
        <translation>Beide plannen worden gelezen …</translation>
    </message>
    <message>
        <source>Bottom</source>
        <translation>Onder</translation>
    </message>
    <message>
        <source>Bought, or cut from film; it is washed at once and used again.</source>
        <translation>Gekocht, of uit folie gesneden; hij wordt meteen gewassen en weer gebruikt.</translation>
    </message>
    <message>
        <source>Bound %1 by %2</source>
        <translation>%1 begrenzen met %2</translation>
    </message>
    <message>
        <source>Bound %1 by a new %2</source>
        <translation>%1 begrenzen met een nieuwe %2</translation>
    </message>
    <message>
        <source>Bound %1 by more</source>
        <translation>%1 met meer begrenzen</translation>
    </message>
    <message>
        <source>Bounded by</source>
        <translation>Begrensd door</translation>
    </message>
    <message>
        <source>Breathe on the rubber</source>
        <translation>Adem op het rubber</translation>
    </message>
    <message>
        <source>Bring %1 up to date</source>
        <translation>%1 bijwerken</translation>
    </message>
    <message>
        <source>Bring its end %1</source>
        <translation>Zijn einde %1 brengen</translation>
    </message>
    <message>
        <source>Bring the open plan up to date</source>
        <translation>Het open plan bijwerken</translation>
    </message>
    <message>
        <source>By %1.</source>
        <translation>Met %1.</translation>
    </message>
    <message>
        <source>By number</source>
        <translation>Als getal</translation>
    </message>
    <message>
        <source>Calibration square</source>
        <translation>IJkvierkant</translation>
    </message>
    <message>
        <source>Call it %1</source>
        <translation>Het %1 noemen</translation>
    </message>
    <message>
        <source>Call it so</source>
        <translation>Zo noemen</translation>
    </message>
    <message>
        <source>Card</source>
        <translation>Kaart</translation>
    </message>
    <message>
        <source>Card %1</source>
        <translation>Kaart %1</translation>
    </message>
    <message>
        <source>Card face</source>
        <translation>Kaartbeeld</translation>
    </message>
    <message>
        <source>Card lying</source>
        <translation>Kaart liggend</translation>
    </message>
    <message>
        <source>Card of %1</source>
        <translation>Kaart van %1</translation>
    </message>
    <message>
        <source>Card upright</source>
        <translation>Kaart staand</translation>
    </message>
    <message>
        <source>Card, folded</source>
        <translation>Kaart, gevouwen</translation>
    </message>
    <message>
        <source>Cards</source>
        <translation>Kaarten</translation>
    </message>
    <message>
        <source>Cards of a variation</source>
        <translation>Kaarten van een variant</translation>
    </message>
    <message>
        <source>Cards of this variation</source>
        <translation>Kaarten van deze variant</translation>
    </message>
    <message>
        <source>Cards to be made: %1 instead of %2.</source>
        <translation>Te maken kaarten: %1 in plaats van %2.</translation>
    </message>
    <message>
        <source>Cards you made</source>
        <translation>Kaarten die je maakte</translation>
    </message>
    <message>
        <source>Cards, newest first</source>
        <translation>Kaarten, de nieuwste eerst</translation>
    </message>
    <message>
        <source>Ceiling</source>
        <translation>Plafond</translation>
    </message>
    <message>
        <source>Centre every layer</source>
        <translation>Elke laag midden</translation>
    </message>
    <message>
        <source>Centre everything again</source>
        <translation>Alles weer midden</translation>
    </message>
    <message>
        <source>Change</source>
        <translation>Wijzigen</translation>
    </message>
    <message>
        <source>Change a variation</source>
        <translation>Een variant wijzigen</translation>
    </message>
    <message>
        <source>Change the letters</source>
        <translation>De letters wijzigen</translation>
    </message>
    <message>
        <source>Chapters</source>
        <translation>Hoofdstukken</translation>
    </message>
    <message>
        <source>Choose &amp;all</source>
        <translation>&amp;Alles kiezen</translation>
    </message>
    <message>
        <source>Choose a hero in the scene; then this tells what competes with it.</source>
        <translation>Kies een held in de scène; dan zegt dit wat met hem wedijvert.</translation>
    </message>
    <message>
        <source>Choose a picture…</source>
        <translation>Beeld kiezen…</translation>
    </message>
    <message>
        <source>Choose a stamp</source>
        <translation>Stempel kiezen</translation>
    </message>
    <message>
        <source>Choose all of its &amp;kind</source>
        <translation>Alle van zijn &amp;soort kiezen</translation>
    </message>
    <message>
        <source>Choose it</source>
        <translation>Het kiezen</translation>
    </message>
    <message>
        <source>Choose on the right what goes wrong.</source>
        <translation>Kies rechts wat er misgaat.</translation>
    </message>
    <message>
        <source>Choose one thing by a click on the card, and make it the hero.</source>
        <translation>Kies één ding met een klik op de kaart en maak het tot held.</translation>
    </message>
    <message>
        <source>Choose one, then drag it on the card.</source>
        <translation>Kies er een, sleep het dan op de kaart.</translation>
    </message>
    <message>
        <source>Choose the stamps, eight or more of them, and put the crowd on the card.</source>
        <translation>Kies de stempels, acht of meer stuks, en zet de menigte op de kaart.</translation>
    </message>
    <message>
        <source>Clear</source>
        <translation>Helder</translation>
    </message>
    <message>
        <source>Clear air: distance does not pale.</source>
        <translation>Heldere lucht: afstand maakt niet bleker.</translation>
    </message>
    <message>
        <source>Clear. %1</source>
        <translation>Helder. %1</translation>
    </message>
    <message>
        <source>Click a part of anything on the card; keep the button down to sweep over several.</source>
        <translation>Klik een deel van iets op de kaart aan; houd de knop ingedrukt om over meer te strijken.</translation>
    </message>
    <message>
        <source>Click a thing on the card or on the walk to work on it.</source>
        <translation>Klik een ding op de kaart of op de wandeling aan om eraan te werken.</translation>
    </message>
    <message>
        <source>Click beside all things, then drag Mist until the far trees stand in it.</source>
        <translation>Klik naast alle dingen en sleep dan Mist tot de verre bomen erin staan.</translation>
    </message>
    <message>
        <source>Click inside it to make a hole or to fill one. Drag the foot to where it stands.</source>
        <translation>Klik erin om een gat te maken of te vullen. Sleep de voet naar waar het staat.</translation>
    </message>
    <message>
        <source>Click one: it goes on the card where its size is right.</source>
        <translation>Klik er een aan: hij komt waar zijn maat klopt.</translation>
    </message>
    <message>
        <source>Click the hare on the card and make it the hero.</source>
        <translation>Klik de haas op de kaart aan en maak hem tot held.</translation>
    </message>
    <message>
        <source>Click the poplar on the card and press Make a row.</source>
        <translation>Klik de populier op de kaart aan en druk op Een rij maken.</translation>
    </message>
    <message>
        <source>Close gaps</source>
        <translation>Openingen sluiten</translation>
    </message>
    <message>
        <source>Close it</source>
        <translation>Sluiten</translation>
    </message>
    <message>
        <source>Close its outline</source>
        <translation>De omtrek sluiten</translation>
    </message>
    <message>
        <source>Close the outline</source>
        <translation>De omtrek sluiten</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Kleur</translation>
    </message>
    <message>
        <source>Colour %1</source>
        <translation>%1 kleuren</translation>
    </message>
    <message>
        <source>Colour %1 by itself</source>
        <translation>%1 apart kleuren</translation>
    </message>
    <message>
        <source>Colour %1 like %2</source>
        <translation>%1 kleuren als %2</translation>
    </message>
    <message>
        <source>Colour draws the eye: what is left white falls back, unless all else is grey. Colour it, or leave it bare on purpose.</source>
        <translation>Kleur trekt het oog: wat wit blijft valt terug, tenzij al het andere grijs is. Kleur het, of laat het met opzet vrij.</translation>
    </message>
    <message>
        <source>Colour it paler</source>
        <translation>Bleker kleuren</translation>
    </message>
    <message>
        <source>Colour no. %1</source>
        <translation>Kleur nr. %1</translation>
    </message>
    <message>
        <source>Colour of %1</source>
        <translation>Kleur: %1</translation>
    </message>
    <message>
        <source>Colour of a mat</source>
        <translation>Kleur van een mat</translation>
    </message>
    <message>
        <source>Colour of a piece</source>
        <translation>Kleur van een stuk</translation>
    </message>
    <message>
        <source>Colour of mat %1: %2</source>
        <translation>Kleur van mat %1: %2</translation>
    </message>
    <message>
        <source>Colour parts by hand</source>
        <translation>Delen met de hand inkleuren</translation>
    </message>
    <message>
        <source>Colour taken out again</source>
        <translation>Weer weggehaalde kleur</translation>
    </message>
    <message>
        <source>Colour the card</source>
        <translation>De kaart kleuren</translation>
    </message>
    <message>
        <source>Colour: %1</source>
        <translation>Kleur: %1</translation>
    </message>
    <message>
        <source>Coloured by itself</source>
        <translation>Apart gekleurd</translation>
    </message>
    <message>
        <source>Coloured like</source>
        <translation>Gekleurd als</translation>
    </message>
    <message>
        <source>Colouring…</source>
        <translation>Kleuren…</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Kleuren</translation>
    </message>
    <message>
        <source>Colours beside each other</source>
        <translation>Kleuren naast elkaar</translation>
    </message>
    <message>
        <source>Colours paler with distance</source>
        <translation>Kleuren bleker met de afstand</translation>
    </message>
    <message>
        <source>Colours that are suggested</source>
        <translation>Voorgestelde kleuren</translation>
    </message>
    <message>
        <source>Comes from</source>
        <translation>Komt van</translation>
    </message>
    <message>
        <source>Comparing the schools</source>
        <translation>Manieren worden vergeleken</translation>
    </message>
    <message>
        <source>Contrast of its ink on the ground that is really there, where it is worst. Letters of this size want %1 : 1 (WCAG 2).</source>
        <translation>Contrast van zijn inkt op de grond die er echt is, waar het het slechtst is. Letters van deze maat willen %1 : 1 (WCAG 2).</translation>
    </message>
    <message>
        <source>Costs about %1</source>
        <translation>Kost ongeveer %1</translation>
    </message>
    <message>
        <source>Cover %1</source>
        <translation>%1 afdekken</translation>
    </message>
    <message>
        <source>Cover %1 with %2</source>
        <translation>%1 met %2 afdekken</translation>
    </message>
    <message>
        <source>Cover all round the spot with scrap tape and do it once more there, lightly.</source>
        <translation>Dek rondom de plek af met restjes plakband en doe het daar nog eens, licht.</translation>
    </message>
    <message>
        <source>Cover that part with it</source>
        <translation>Dat deel ermee afdekken</translation>
    </message>
    <message>
        <source>Cover what of %1 ran into %2 with white pen or its colour.</source>
        <translation>Dek wat van %1 in %2 liep met witte pen of zijn kleur.</translation>
    </message>
    <message>
        <source>Covered</source>
        <translation>Afgedekt</translation>
    </message>
    <message>
        <source>Covered while you %1:</source>
        <translation>Afgedekt bij het %1:</translation>
    </message>
    <message>
        <source>Covers</source>
        <translation>Dekt</translation>
    </message>
    <message>
        <source>Cu&amp;t</source>
        <translation>K&amp;nippen</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Snijden</translation>
    </message>
    <message>
        <source>Cut %1</source>
        <translation>%1 snijden</translation>
    </message>
    <message>
        <source>Cut %1 masks</source>
        <translation>%1 maskers knippen</translation>
    </message>
    <message>
        <source>Cut %1 of the %2</source>
        <translation>%1 van de %2 snijden</translation>
    </message>
    <message>
        <source>Cut %1 through a sheet</source>
        <translation>%1 door een vel snijden</translation>
    </message>
    <message>
        <source>Cut 1 mask</source>
        <translation>1 masker knippen</translation>
    </message>
    <message>
        <source>Cut a part of %1</source>
        <translation>Een deel van %1 knippen</translation>
    </message>
    <message>
        <source>Cut away from your fingers; keep blades away from children.</source>
        <translation>Snijd van je vingers weg; houd messen bij kinderen vandaan.</translation>
    </message>
    <message>
        <source>Cut away from your fingers; keep blades away from children. Page %1 of %2.</source>
        <translation>Snijd van je vingers weg; houd messen bij kinderen vandaan. Bladzijde %1 van %2.</translation>
    </message>
    <message>
        <source>Cut files</source>
        <translation>Snijbestanden</translation>
    </message>
    <message>
        <source>Cut fine parts</source>
        <translation>Fijne delen knippen</translation>
    </message>
    <message>
        <source>Cut it all the same</source>
        <translation>Toch knippen</translation>
    </message>
    <message>
        <source>Cut it flush</source>
        <translation>Gelijk snijden</translation>
    </message>
    <message>
        <source>Cut it otherwise</source>
        <translation>Anders snijden</translation>
    </message>
    <message>
        <source>Cut list</source>
        <translation>Snijlijst</translation>
    </message>
    <message>
        <source>Cut list for %1</source>
        <translation>Snijlijst voor %1</translation>
    </message>
    <message>
        <source>Cut masks %1 mm inside</source>
        <translation>Maskers %1 mm erbinnen knippen</translation>
    </message>
    <message>
        <source>Cut once; turned round it serves the other side. It is on the mask sheet.</source>
        <translation>Eén keer geknipt; omgedraaid dient het de andere kant. Het staat op het maskervel.</translation>
    </message>
    <message>
        <source>Cut once; what comes out covers the inside. It is on the mask sheet.</source>
        <translation>Eén keer geknipt; wat eruit komt dekt de binnenkant. Het staat op het maskervel.</translation>
    </message>
    <message>
        <source>Cut one of my own</source>
        <translation>Een eigen snijden</translation>
    </message>
    <message>
        <source>Cut out %1</source>
        <translation>%1 uitknippen</translation>
    </message>
    <message>
        <source>Cut out, on foam</source>
        <translation>Uitgeknipt, op schuim</translation>
    </message>
    <message>
        <source>Cut the base %1 and score it %2 from the bottom.</source>
        <translation>Snijd de dubbele kaart %1 en ril hem %2 van onderen.</translation>
    </message>
    <message>
        <source>Cut the base %1 and score it %2 from the left.</source>
        <translation>Snijd de dubbele kaart %1 en ril hem %2 van links.</translation>
    </message>
    <message>
        <source>Cut the base %1; it is not folded.</source>
        <translation>Snijd de kaart %1; hij wordt niet gevouwen.</translation>
    </message>
    <message>
        <source>Cut the mask, then cover %1</source>
        <translation>Het masker snijden, dan afdekken: %1</translation>
    </message>
    <message>
        <source>Cut the masks, then cover %1</source>
        <translation>De maskers snijden, dan afdekken: %1</translation>
    </message>
    <message>
        <source>Cut the papers from sheets</source>
        <translation>Papier uit vellen snijden</translation>
    </message>
    <message>
        <source>Cut through a sheet</source>
        <translation>Door een vel snijden</translation>
    </message>
    <message>
        <source>Cut to what shows</source>
        <translation>Geknipt op wat te zien is</translation>
    </message>
    <message>
        <source>Cutting</source>
        <translation>Snijden</translation>
    </message>
    <message>
        <source>Darker to lighter</source>
        <translation>Van donker naar licht</translation>
    </message>
    <message>
        <source>Dashed: construction, rub it out.</source>
        <translation>Gestreept: constructie, uitgummen.</translation>
    </message>
    <message>
        <source>Deep</source>
        <translation>Diep</translation>
    </message>
    <message>
        <source>Demo: a misty &amp;fen</source>
        <translation>Demo: een mistig &amp;moeras</translation>
    </message>
    <message>
        <source>Demo: a potting &amp;shed</source>
        <translation>Demo: een tuin&amp;schuur</translation>
    </message>
    <message>
        <source>Demo: the towpath as a &amp;finished card</source>
        <translation>Demo: het jaagpad als &amp;klare kaart</translation>
    </message>
    <message>
        <source>Depth needs near and far. What is far stands higher on the card, nearer to the horizon.</source>
        <translation>Diepte vraagt om dichtbij en ver. Wat ver is, staat hoger op de kaart, dichter bij de horizon.</translation>
    </message>
    <message>
        <source>Details</source>
        <translation>Details</translation>
    </message>
    <message>
        <source>Details by hand: lines, dots, highlights</source>
        <translation>Details met de hand: lijnen, stippen, hooglichten</translation>
    </message>
    <message>
        <source>Die</source>
        <translation>Stans</translation>
    </message>
    <message>
        <source>Direction</source>
        <translation>Richting</translation>
    </message>
    <message>
        <source>Do as advised</source>
        <translation>Doen zoals aangeraden</translation>
    </message>
    <message>
        <source>Do it</source>
        <translation>Doe het</translation>
    </message>
    <message>
        <source>Do it by %1</source>
        <translation>Doe het met %1</translation>
    </message>
    <message>
        <source>Do not breathe the dust in; wipe it away, do not blow.</source>
        <translation>Adem het stof niet in; veeg het weg, blaas niet.</translation>
    </message>
    <message>
        <source>Do not suit it</source>
        <translation>Passen er niet bij</translation>
    </message>
    <message>
        <source>Do they fit?</source>
        <translation>Passen ze?</translation>
    </message>
    <message>
        <source>Done  (space)</source>
        <translation>Gedaan  (spatie)</translation>
    </message>
    <message>
        <source>Done with it</source>
        <translation>Klaar ermee</translation>
    </message>
    <message>
        <source>Dot</source>
        <translation>Stip</translation>
    </message>
    <message>
        <source>Dotted: reflections.</source>
        <translation>Gestippeld: spiegelbeelden.</translation>
    </message>
    <message>
        <source>Dotted: shadows and reflections.</source>
        <translation>Gestippeld: schaduwen en spiegelbeelden.</translation>
    </message>
    <message>
        <source>Dotted: shadows.</source>
        <translation>Gestippeld: schaduwen.</translation>
    </message>
    <message>
        <source>Drag a mat's or the base's rim to say how much of it shows; with Shift what lies on it goes off-centre.</source>
        <translation>Sleep aan de rand van een mat of van de dubbele kaart om te zeggen hoeveel ervan te zien is; met Shift gaat wat erop ligt uit het midden.</translation>
    </message>
    <message>
        <source>Drag its points on the card; the vanishing point catches the far end.</source>
        <translation>Sleep zijn punten op de kaart; het verdwijnpunt vangt het verre einde.</translation>
    </message>
    <message>
        <source>Drag on the card. Near a guide, the horizon or another line's end it snaps.</source>
        <translation>Sleep op de kaart. Bij een hulplijn, de horizon of een lijneinde klikt het vast.</translation>
    </message>
    <message>
        <source>Drag the border of %1</source>
        <translation>Sleep de rand van %1</translation>
    </message>
    <message>
        <source>Drag the two rings: the first and the last of the row. On the horizon it has no end.</source>
        <translation>Sleep de twee ringen: de eerste en de laatste van de rij. Op de horizon heeft hij geen einde.</translation>
    </message>
    <message>
        <source>Drag them into order, or use the buttons.</source>
        <translation>Sleep ze in volgorde, of gebruik de knoppen.</translation>
    </message>
    <message>
        <source>Drag, nudge or turn one of them: all go along.</source>
        <translation>Sleep, schuif of draai er een: alle gaan mee.</translation>
    </message>
    <message>
        <source>Draw</source>
        <translation>Tekenen</translation>
    </message>
    <message>
        <source>Draw a line</source>
        <translation>Lijn tekenen</translation>
    </message>
    <message>
        <source>Draw a line along a ruler or anything whose length you know, then type its length</source>
        <translation>Teken een lijn langs een liniaal of iets waarvan je de lengte weet, en typ dan de lengte</translation>
    </message>
    <message>
        <source>Draw by pen</source>
        <translation>Met de pen tekenen</translation>
    </message>
    <message>
        <source>Draw by pen at %1</source>
        <translation>Met de pen tekenen bij %1</translation>
    </message>
    <message>
        <source>Draw lots again</source>
        <translation>Opnieuw loten</translation>
    </message>
    <message>
        <source>Draw the missing line in with a fine pen.</source>
        <translation>Trek de ontbrekende lijn met een fijne pen.</translation>
    </message>
    <message>
        <source>Drawer</source>
        <translation>La</translation>
    </message>
    <message>
        <source>Drawers</source>
        <translation>Lades</translation>
    </message>
    <message>
        <source>Drawing at true size</source>
        <translation>Tekening op ware grootte</translation>
    </message>
    <message>
        <source>Drawing in layers</source>
        <translation>Tekening in lagen</translation>
    </message>
    <message>
        <source>Dries</source>
        <translation>Droogt</translation>
    </message>
    <message>
        <source>Dries on card</source>
        <translation>Droogt op de kaart</translation>
    </message>
    <message>
        <source>Dries on masks</source>
        <translation>Droogt op maskers</translation>
    </message>
    <message>
        <source>Drop it</source>
        <translation>Laten vallen</translation>
    </message>
    <message>
        <source>Drop specks</source>
        <translation>Spikkels weglaten</translation>
    </message>
    <message>
        <source>Dry in %1</source>
        <translation>Droog over %1</translation>
    </message>
    <message>
        <source>Dry now</source>
        <translation>Nu droog</translation>
    </message>
    <message>
        <source>Drying rack</source>
        <translation>Droogrek</translation>
    </message>
    <message>
        <source>Dust the card with a powder bag</source>
        <translation>Poeder de kaart met een poederzakje</translation>
    </message>
    <message>
        <source>Each from the inks of the plan and the drawer. Parts left bare stay bare; everything else is coloured anew, and undo takes it back.</source>
        <translation>Elk uit de inkten van plan en la. Vrijgelaten delen blijven vrij; al het andere wordt opnieuw gekleurd, en ongedaan maken haalt het terug.</translation>
    </message>
    <message>
        <source>Each is pressed on simulated paper. Wrong is where the card would visibly differ from things cleanly in front of one another.</source>
        <translation>Elk wordt op gesimuleerd papier gedrukt. Fout is waar de kaart zichtbaar zou verschillen van dingen netjes voor elkaar.</translation>
    </message>
    <message>
        <source>Each of a crowd stands where its size is right, and none is like its neighbour.</source>
        <translation>In een menigte staat ieder waar zijn maat klopt, en niemand lijkt op zijn buur.</translation>
    </message>
    <message>
        <source>Each step is done on all cards before the next is set up; masks go from card to card.</source>
        <translation>Elke stap wordt op alle kaarten gedaan voor de volgende wordt opgezet; maskers gaan van kaart naar kaart.</translation>
    </message>
    <message>
        <source>Each takes the size that fits its place. Pressed again without fresh ink a stamp prints paler.</source>
        <translation>Elk krijgt de maat die bij zijn plek past. Nog eens gedrukt zonder verse inkt geeft een stempel bleker af.</translation>
    </message>
    <message>
        <source>Each thing against what really lies around it. Below 10 it sinks in at a glance.</source>
        <translation>Elk ding tegen wat er echt omheen ligt. Onder 10 verzinkt het in één oogopslag.</translation>
    </message>
    <message>
        <source>Each thing its own way</source>
        <translation>Elk ding op zijn manier</translation>
    </message>
    <message>
        <source>Each waits about %1 for stamps and pads.</source>
        <translation>Ieder wacht ongeveer %1 op stempels en kussens.</translation>
    </message>
    <message>
        <source>Each where its size is right, none like its neighbour.</source>
        <translation>Elk waar zijn maat klopt, geen als zijn buur.</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Eerder</translation>
    </message>
    <message>
        <source>Edge on; heights %1 times as large as widths.</source>
        <translation>Van opzij; hoogten %1 keer zo groot als breedten.</translation>
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
        <translation>Embossen in plaats van maskeren</translation>
    </message>
    <message>
        <source>Embossing %1 waits until %2 is dry</source>
        <translation>Het embossen van %1 wacht tot %2 droog is</translation>
    </message>
    <message>
        <source>Envelopes</source>
        <translation>Enveloppen</translation>
    </message>
    <message>
        <source>Even gaps</source>
        <translation>Gelijke ruimte</translation>
    </message>
    <message>
        <source>Even gaps between %1</source>
        <translation>Gelijke tussenruimten tussen %1</translation>
    </message>
    <message>
        <source>Even gaps on the &amp;ground, in metres</source>
        <translation>Gelijke tussenruimten op de &amp;grond, in meters</translation>
    </message>
    <message>
        <source>Even gaps on the ground between %1</source>
        <translation>Gelijke tussenruimten op de grond tussen %1</translation>
    </message>
    <message>
        <source>Even metres</source>
        <translation>Gelijke meters</translation>
    </message>
    <message>
        <source>Evenings: %1 instead of %2.</source>
        <translation>Avonden: %1 in plaats van %2.</translation>
    </message>
    <message>
        <source>Evenly spaced things crowd together toward the horizon. Here the real gaps differ; the widest is %1 times the narrowest.</source>
        <translation>Dingen op gelijke afstand dringen naar de horizon samen. Hier verschillen de echte tussenruimten; de wijdste is %1 keer de nauwste.</translation>
    </message>
    <message>
        <source>Every cut goes right across what is in hand; do them in their order.</source>
        <translation>Elke snede gaat dwars door wat je in de hand hebt; doe ze op volgorde.</translation>
    </message>
    <message>
        <source>Every layer fits the next.</source>
        <translation>Elke laag past op de volgende.</translation>
    </message>
    <message>
        <source>Every one stands at its right size.</source>
        <translation>Elk staat op zijn juiste maat.</translation>
    </message>
    <message>
        <source>Every step is carried out on simulated paper and compared with what you planned.</source>
        <translation>Elke stap wordt op gesimuleerd papier gedaan en vergeleken met je plan.</translation>
    </message>
    <message>
        <source>Every step is stamped on simulated paper. What comes first is in front; what lies behind is stamped later, over masks.</source>
        <translation>Elke stap wordt op nagebootst papier gestempeld. Wat eerst komt, is vooraan; wat erachter ligt, komt later, over maskers.</translation>
    </message>
    <message>
        <source>Everybody makes one; stamps and pads go round.</source>
        <translation>Iedereen maakt er een; stempels en kussens gaan rond.</translation>
    </message>
    <message>
        <source>Everything by %1</source>
        <translation>Alles met %1</translation>
    </message>
    <message>
        <source>Everything in one open file: a zip with plain text and SVG pictures</source>
        <translation>Alles in één open bestand: een zip met gewone tekst en SVG-beelden</translation>
    </message>
    <message>
        <source>Everything is of one colour</source>
        <translation>Alles heeft één kleur</translation>
    </message>
    <message>
        <source>Everything stands at about the same distance, %1.</source>
        <translation>Alles staat ongeveer even ver, %1.</translation>
    </message>
    <message>
        <source>Exactly these: %1.</source>
        <translation>Precies deze: %1.</translation>
    </message>
    <message>
        <source>Exercises</source>
        <translation>Oefeningen</translation>
    </message>
    <message>
        <source>Extra card on every side while you work, to be trimmed or die-cut away at the end</source>
        <translation>Extra karton aan elke kant tijdens het werk, dat aan het eind wordt afgesneden of gestanst</translation>
    </message>
    <message>
        <source>Eye at the middle</source>
        <translation>Oog in het midden</translation>
    </message>
    <message>
        <source>Eye height</source>
        <translation>Ooghoogte</translation>
    </message>
    <message>
        <source>Eye level</source>
        <translation>Ooghoogte</translation>
    </message>
    <message>
        <source>Eye opposite the wall's middle</source>
        <translation>Oog tegenover het midden van de wand</translation>
    </message>
    <message>
        <source>Eyes at %1 m</source>
        <translation>Ogen op %1 m</translation>
    </message>
    <message>
        <source>Eyes at %1: small things fill the card</source>
        <translation>Ogen op %1: kleine dingen vullen de kaart</translation>
    </message>
    <message>
        <source>Eyes half closed</source>
        <translation>Ogen half dicht</translation>
    </message>
    <message>
        <source>Facing</source>
        <translation>Kijkt</translation>
    </message>
    <message>
        <source>Fades over</source>
        <translation>Loopt uit over</translation>
    </message>
    <message>
        <source>Fibres run</source>
        <translation>Vezel loopt</translation>
    </message>
    <message>
        <source>File</source>
        <translation>Bestand</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Bestanden</translation>
    </message>
    <message>
        <source>Fill it with the sample stamps</source>
        <translation>Vullen met de voorbeeldstempels</translation>
    </message>
    <message>
        <source>Fill the bare spots of %1 with a pen of its ink.</source>
        <translation>Vul de lege plekken van %1 met een pen van zijn inkt.</translation>
    </message>
    <message>
        <source>Fill the rest</source>
        <translation>De rest vullen</translation>
    </message>
    <message>
        <source>Fill the rest of %1</source>
        <translation>De rest van %1 vullen</translation>
    </message>
    <message>
        <source>Filled part</source>
        <translation>Gevuld deel</translation>
    </message>
    <message>
        <source>Find an act</source>
        <translation>Handeling zoeken</translation>
    </message>
    <message>
        <source>Find cards by what they show, for whom, occasion or month</source>
        <translation>Zoek kaarten op wat ze tonen, voor wie, gelegenheid of maand</translation>
    </message>
    <message>
        <source>Find horizon</source>
        <translation>Horizon zoeken</translation>
    </message>
    <message>
        <source>Find in the handbook</source>
        <translation>Zoek in het handboek</translation>
    </message>
    <message>
        <source>Find its place</source>
        <translation>Zijn plek zoeken</translation>
    </message>
    <message>
        <source>Find the best order</source>
        <translation>De beste volgorde zoeken</translation>
    </message>
    <message>
        <source>Find the horizon</source>
        <translation>De horizon zoeken</translation>
    </message>
    <message>
        <source>Find: mask, horizon, pale …</source>
        <translation>Zoek: masker, horizon, bleek …</translation>
    </message>
    <message>
        <source>Finding the best order … begin now</source>
        <translation>De beste volgorde wordt gezocht … begin gerust</translation>
    </message>
    <message>
        <source>Finds the calibration square that Havlo prints, and straightens the picture by it</source>
        <translation>Vindt het ijkvierkant dat Havlo drukt en trekt het beeld ermee recht</translation>
    </message>
    <message>
        <source>Finished: &amp;overprinting</source>
        <translation>Klaar: &amp;overdrukken</translation>
    </message>
    <message>
        <source>Finished: a &amp;crowd</source>
        <translation>Klaar: een &amp;menigte</translation>
    </message>
    <message>
        <source>Finished: a &amp;dull card to make clear</source>
        <translation>Klaar: een &amp;doffe kaart om helder te maken</translation>
    </message>
    <message>
        <source>Finished: a card of &amp;papers</source>
        <translation>Klaar: een kaart van &amp;papier</translation>
    </message>
    <message>
        <source>Finished: an &amp;avenue</source>
        <translation>Klaar: een &amp;laan</translation>
    </message>
    <message>
        <source>First looks</source>
        <translation>Eerste blikken</translation>
    </message>
    <message>
        <source>Fit it</source>
        <translation>Passend maken</translation>
    </message>
    <message>
        <source>Fit it again</source>
        <translation>Opnieuw passend maken</translation>
    </message>
    <message>
        <source>Fit it round the hero</source>
        <translation>Om de held passen</translation>
    </message>
    <message>
        <source>Fit the opening</source>
        <translation>De opening passend maken</translation>
    </message>
    <message>
        <source>Floor</source>
        <translation>Vloer</translation>
    </message>
    <message>
        <source>Foam</source>
        <translation>Schuim</translation>
    </message>
    <message>
        <source>Foam dots</source>
        <translation>Schuimstippen</translation>
    </message>
    <message>
        <source>Foam under the whole panel</source>
        <translation>Schuim onder de hele beeldkaart</translation>
    </message>
    <message>
        <source>Fold</source>
        <translation>Vouwen</translation>
    </message>
    <message>
        <source>Fold %1</source>
        <translation>%1 vouwen</translation>
    </message>
    <message>
        <source>Fold or unfold the wal&amp;k</source>
        <translation>De &amp;wandeling vouwen of ontvouwen</translation>
    </message>
    <message>
        <source>Fold the walk away: the card grows</source>
        <translation>De wandeling wegvouwen: de kaart groeit</translation>
    </message>
    <message>
        <source>Foot</source>
        <translation>Voet</translation>
    </message>
    <message>
        <source>Foot of masks: %1</source>
        <translation>Voet van maskers: %1</translation>
    </message>
    <message>
        <source>For a class of %1</source>
        <translation>Voor een les van %1</translation>
    </message>
    <message>
        <source>For a photo: click the corners of a sheet or card of known size, upper left first, then clockwise</source>
        <translation>Voor een foto: klik de hoeken aan van een vel of kaart van bekende maat, linksboven eerst, dan met de klok mee</translation>
    </message>
    <message>
        <source>For each of %1: %2</source>
        <translation>Voor elk van de %1: %2</translation>
    </message>
    <message>
        <source>For this word alone</source>
        <translation>Alleen voor dit woord</translation>
    </message>
    <message>
        <source>For whom</source>
        <translation>Voor wie</translation>
    </message>
    <message>
        <source>For whom it is</source>
        <translation>Voor wie hij is</translation>
    </message>
    <message>
        <source>For whom it is, if you want to remember</source>
        <translation>Voor wie hij is, als je het wilt onthouden</translation>
    </message>
    <message>
        <source>Forget the wish</source>
        <translation>De wens vergeten</translation>
    </message>
    <message>
        <source>Forget them</source>
        <translation>Vergeet ze</translation>
    </message>
    <message>
        <source>Format of the cut file</source>
        <translation>Soort snijbestand</translation>
    </message>
    <message>
        <source>Four that belong together</source>
        <translation>Vier die bij elkaar horen</translation>
    </message>
    <message>
        <source>Free %1</source>
        <translation>%1 losmaken</translation>
    </message>
    <message>
        <source>Free software under the GNU General Public License, version 3 or later. The type family Inter is under the SIL Open Font License.</source>
        <translation>Vrije software onder de GNU General Public License, versie 3 of later. De letterfamilie Inter valt onder de SIL Open Font License.</translation>
    </message>
    <message>
        <source>Fresh %1</source>
        <translation>Vers %1</translation>
    </message>
    <message>
        <source>From %1 at %2 to %3 at %4.</source>
        <translation>Van %1 op %2 tot %3 op %4.</translation>
    </message>
    <message>
        <source>From %1 cards. Plans are reckoned with this.</source>
        <translation>Uit %1 kaarten. Plannen worden ermee gerekend.</translation>
    </message>
    <message>
        <source>From 1 card. Plans are reckoned with this.</source>
        <translation>Uit 1 kaart. Plannen worden ermee gerekend.</translation>
    </message>
    <message>
        <source>From a test strip</source>
        <translation>Uit een proefstrook</translation>
    </message>
    <message>
        <source>From an angle</source>
        <translation>Schuin gezien</translation>
    </message>
    <message>
        <source>From near by</source>
        <translation>Van dichtbij</translation>
    </message>
    <message>
        <source>From the back</source>
        <translation>Van achteren</translation>
    </message>
    <message>
        <source>From the beginning</source>
        <translation>Vanaf het begin</translation>
    </message>
    <message>
        <source>From the drawer:</source>
        <translation>Uit de la:</translation>
    </message>
    <message>
        <source>From the front</source>
        <translation>Van voren</translation>
    </message>
    <message>
        <source>From the left</source>
        <translation>Van links</translation>
    </message>
    <message>
        <source>From the next start on the window speaks %1.</source>
        <translation>Vanaf de volgende start spreekt het venster %1.</translation>
    </message>
    <message>
        <source>From the panel's left edge</source>
        <translation>Vanaf de linkerkant van de beeldkaart</translation>
    </message>
    <message>
        <source>From the panel's lower edge</source>
        <translation>Vanaf de onderkant van de beeldkaart</translation>
    </message>
    <message>
        <source>From the side</source>
        <translation>Van opzij</translation>
    </message>
    <message>
        <source>From this plan's inks and the drawer's: sky, ground, and a hero that stands off most from both.</source>
        <translation>Uit de inkten van dit plan en de la: lucht, grond en een held die het meest van beide afsteekt.</translation>
    </message>
    <message>
        <source>Full: to ink.</source>
        <translation>Vol: inkten.</translation>
    </message>
    <message>
        <source>Fullest at</source>
        <translation>Het volst bij</translation>
    </message>
    <message>
        <source>Give it company farther away: press Add a stamp and take the lock cottage or a poplar.</source>
        <translation>Geef hem gezelschap verder weg: druk op Stempel toevoegen en neem het sluishuis (Lock cottage) of een populier (poplar).</translation>
    </message>
    <message>
        <source>Give the hero an ink that nothing else has.</source>
        <translation>Geef de held een inkt die verder niets heeft.</translation>
    </message>
    <message>
        <source>Glue %1 inside</source>
        <translation>%1 binnenin lijmen</translation>
    </message>
    <message>
        <source>Glue %1 on</source>
        <translation>%1 erop lijmen</translation>
    </message>
    <message>
        <source>Glue %1 on %2</source>
        <translation>%1 op %2 lijmen</translation>
    </message>
    <message>
        <source>Glue it elsewhere</source>
        <translation>Elders lijmen</translation>
    </message>
    <message>
        <source>Glued on</source>
        <translation>Opgelijmd</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Verder</translation>
    </message>
    <message>
        <source>Go over %1 with a pen of its ink, or leave it paler: then it looks farther off.</source>
        <translation>Ga over %1 met een pen van zijn inkt, of laat het bleker: dan lijkt het verder weg.</translation>
    </message>
    <message>
        <source>Go to Make and press Begin this card.</source>
        <translation>Ga naar Maken en druk op Deze kaart beginnen.</translation>
    </message>
    <message>
        <source>Go to the drawer</source>
        <translation>Naar de la</translation>
    </message>
    <message>
        <source>Greatest printed height</source>
        <translation>Grootste gedrukte hoogte</translation>
    </message>
    <message>
        <source>Greatest real height, metres</source>
        <translation>Grootste echte hoogte, meter</translation>
    </message>
    <message>
        <source>Greatest thickness that your post takes</source>
        <translation>Grootste dikte die je post aanneemt</translation>
    </message>
    <message>
        <source>Greatest weight that your post takes</source>
        <translation>Grootste gewicht dat je post aanneemt</translation>
    </message>
    <message>
        <source>Green is covered. Ochre stays uncovered, madder is covered too much. Click a dotted part to cut it or to leave it.</source>
        <translation>Groen is bedekt. Oker blijft onbedekt, meekraprood is te veel bedekt. Klik een gestippeld deel aan om het te knippen of te laten.</translation>
    </message>
    <message>
        <source>Greeting</source>
        <translation>Groet</translation>
    </message>
    <message>
        <source>Greyer to stronger</source>
        <translation>Van grauw naar fel</translation>
    </message>
    <message>
        <source>H&amp;ide it while I work</source>
        <translation>&amp;Verbergen terwijl ik werk</translation>
    </message>
    <message>
        <source>Handbook</source>
        <translation>Handboek</translation>
    </message>
    <message>
        <source>Hardly a join will show</source>
        <translation>Nauwelijks een naad zal te zien zijn</translation>
    </message>
    <message>
        <source>Hardly to be seen</source>
        <translation>Nauwelijks te zien</translation>
    </message>
    <message>
        <source>Has no ground under it here. It is %1 tall.</source>
        <translation>Heeft hier geen grond onder zich. Het is %1 hoog.</translation>
    </message>
    <message>
        <source>Have %1 ready</source>
        <translation>Houd %1 klaar</translation>
    </message>
    <message>
        <source>Have a card proposed</source>
        <translation>Een kaart laten voorstellen</translation>
    </message>
    <message>
        <source>Have ready

Stamps: %1.

Inks: %2.

And %3.</source>
        <translation>Houd klaar

Stempels: %1.

Inkten: %2.

En %3.</translation>
    </message>
    <message>
        <source>Havlo plans</source>
        <translation>Havlo-plannen</translation>
    </message>
    <message>
        <source>Havlo plans a scene from rubber stamps, shows what overlaps what, which masks to cut and in what order to stamp, and leads you through the work.</source>
        <translation>Havlo plant een scène van rubberstempels, toont wat wat bedekt, welke maskers te knippen zijn en in welke volgorde te stempelen, en leidt je door het werk.</translation>
    </message>
    <message>
        <source>Heat tools burn and warp, powder should not be breathed in: follow the makers' labels.</source>
        <translation>Heteluchtpistolen verbranden en trekken krom, poeder moet je niet inademen: volg de etiketten van de makers.</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Hoogte</translation>
    </message>
    <message>
        <source>Height of %1</source>
        <translation>Hoogte van %1</translation>
    </message>
    <message>
        <source>Height of a capital letter</source>
        <translation>Hoogte van een hoofdletter</translation>
    </message>
    <message>
        <source>Height of a sheet</source>
        <translation>Hoogte van een vel</translation>
    </message>
    <message>
        <source>Height of the foam</source>
        <translation>Hoogte van het schuim</translation>
    </message>
    <message>
        <source>Height of the folded base</source>
        <translation>Hoogte van de gevouwen dubbele kaart</translation>
    </message>
    <message>
        <source>Height of the masking sheet</source>
        <translation>Hoogte van het maskeervel</translation>
    </message>
    <message>
        <source>Height of the panel</source>
        <translation>Hoogte van de beeldkaart</translation>
    </message>
    <message>
        <source>Height of the piece</source>
        <translation>Hoogte van het stuk</translation>
    </message>
    <message>
        <source>Height of the sticky band</source>
        <translation>Hoogte van de kleefstrook</translation>
    </message>
    <message>
        <source>Height of the waves</source>
        <translation>Hoogte van de golven</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Help</translation>
    </message>
    <message>
        <source>Hero first, %1</source>
        <translation>Held eerst, %1</translation>
    </message>
    <message>
        <source>Hero in %1, sky in %2, ground in %3. The hero stands out %4, the two grounds %5. Hero and sky: %6; sky and ground: %7.</source>
        <translation>Held in %1, lucht in %2, grond in %3. De held valt op: %4, de twee gronden: %5. Held en lucht: %6; lucht en grond: %7.</translation>
    </message>
    <message>
        <source>Hero in place %1, %2</source>
        <translation>Held op plaats %1, %2</translation>
    </message>
    <message>
        <source>Hide</source>
        <translation>Verbergen</translation>
    </message>
    <message>
        <source>Hide its foot behind %1, %2 to the %3</source>
        <translation>Verberg zijn voet achter %1, %2 naar %3</translation>
    </message>
    <message>
        <source>High</source>
        <translation>Hoog</translation>
    </message>
    <message>
        <source>Higher feet, smaller things, paler prints and what is hidden by others lie farther away.</source>
        <translation>Hogere voeten, kleinere dingen, blekere afdrukken en wat verborgen is liggen verder weg.</translation>
    </message>
    <message>
        <source>Hills, water, rows and what holds on to something stay or go along.</source>
        <translation>Heuvels, water, rijen en wat zich aan iets houdt blijven of gaan mee.</translation>
    </message>
    <message>
        <source>Hol&amp;d it in place, or let it go</source>
        <translation>Vast&amp;houden, of loslaten</translation>
    </message>
    <message>
        <source>Hold</source>
        <translation>Vasthouden</translation>
    </message>
    <message>
        <source>Hold a picture against it…</source>
        <translation>Houd er een beeld tegen…</translation>
    </message>
    <message>
        <source>Hold the panel to the light and centre the frame</source>
        <translation>Houd de beeldkaart tegen het licht en zet de lijst in het midden</translation>
    </message>
    <message>
        <source>Holds a scan or photo of the card against the plan and says how everything sits.</source>
        <translation>Houdt een scan of foto van de kaart tegen het plan en zegt hoe alles zit.</translation>
    </message>
    <message>
        <source>Hole</source>
        <translation>Gat</translation>
    </message>
    <message>
        <source>Hole or no hole</source>
        <translation>Gat of geen gat</translation>
    </message>
    <message>
        <source>Home</source>
        <translation>Thuis</translation>
    </message>
    <message>
        <source>Horizon to %1</source>
        <translation>Horizon naar %1</translation>
    </message>
    <message>
        <source>How dark counts as ink</source>
        <translation>Hoe donker als inkt telt</translation>
    </message>
    <message>
        <source>How does it sit?</source>
        <translation>Hoe zit het?</translation>
    </message>
    <message>
        <source>How exactly masks are cut</source>
        <translation>Hoe nauwkeurig maskers geknipt worden</translation>
    </message>
    <message>
        <source>How exactly masks are laid</source>
        <translation>Hoe nauwkeurig maskers gelegd worden</translation>
    </message>
    <message>
        <source>How exactly prints are placed</source>
        <translation>Hoe nauwkeurig afdrukken zitten</translation>
    </message>
    <message>
        <source>How far</source>
        <translation>Hoe ver</translation>
    </message>
    <message>
        <source>How far %1 reaches</source>
        <translation>Hoe ver %1 reikt</translation>
    </message>
    <message>
        <source>How full an ink is</source>
        <translation>Hoe vol een inkt is</translation>
    </message>
    <message>
        <source>How long it dries</source>
        <translation>Hoe lang het droogt</translation>
    </message>
    <message>
        <source>How long it takes</source>
        <translation>Hoe lang het duurt</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Hoeveel</translation>
    </message>
    <message>
        <source>How many dots an inch the pictures were scanned with</source>
        <translation>Met hoeveel punten per inch de afbeeldingen zijn gescand</translation>
    </message>
    <message>
        <source>How much of mat %1 shows</source>
        <translation>Hoeveel van mat %1 te zien is</translation>
    </message>
    <message>
        <source>How much of the base shows all round</source>
        <translation>Hoeveel van de dubbele kaart rondom te zien is</translation>
    </message>
    <message>
        <source>How much, and where</source>
        <translation>Hoeveel, en waar</translation>
    </message>
    <message>
        <source>How often a mask can be laid</source>
        <translation>Hoe vaak een masker gelegd kan worden</translation>
    </message>
    <message>
        <source>How pale a print is</source>
        <translation>Hoe bleek een afdruk is</translation>
    </message>
    <message>
        <source>How straight masks are laid</source>
        <translation>Hoe recht maskers liggen</translation>
    </message>
    <message>
        <source>How straight prints stand</source>
        <translation>Hoe recht afdrukken staan</translation>
    </message>
    <message>
        <source>How tall is it really?</source>
        <translation>Hoe hoog is het echt?</translation>
    </message>
    <message>
        <source>How tall it is really</source>
        <translation>Hoe hoog het echt is</translation>
    </message>
    <message>
        <source>How tall really?</source>
        <translation>Hoe hoog echt?</translation>
    </message>
    <message>
        <source>How tall the thing is really</source>
        <translation>Hoe hoog het ding echt is</translation>
    </message>
    <message>
        <source>How wide the whole drawing is</source>
        <translation>Hoe breed de hele tekening is</translation>
    </message>
    <message>
        <source>I know</source>
        <translation>Weet ik</translation>
    </message>
    <message>
        <source>I know: %1</source>
        <translation>Ik weet het: %1</translation>
    </message>
    <message>
        <source>I stamp with a hinged positioner</source>
        <translation>Ik stempel met een scharnierende stempelhulp</translation>
    </message>
    <message>
        <source>I work with the left hand</source>
        <translation>Ik werk met de linkerhand</translation>
    </message>
    <message>
        <source>Ideas</source>
        <translation>Ideeën</translation>
    </message>
    <message>
        <source>If nothing else is said</source>
        <translation>Als er niets anders gezegd is</translation>
    </message>
    <message>
        <source>Impression %1</source>
        <translation>Afdruk %1</translation>
    </message>
    <message>
        <source>In %1 ink came through the worn mask on %2, %3.</source>
        <translation>In %1 drukte inkt door het versleten masker op %2, %3.</translation>
    </message>
    <message>
        <source>In &amp;front of what it meets</source>
        <translation>&amp;Voor wat het raakt</translation>
    </message>
    <message>
        <source>In a crowd of equals nothing is seen first. Somebody must be different.</source>
        <translation>In een menigte van gelijken zie je niemand het eerst. Eén moet anders zijn.</translation>
    </message>
    <message>
        <source>In air that lets you see %1, a thing %2 away keeps about %3 % of its contrast with the paper. Freshly inked it prints as the one on the left. Which print is it?</source>
        <translation>In lucht waarin je %1 ver ziet, houdt een ding op %2 afstand ongeveer %3 % van zijn contrast met het papier. Vers geïnkt drukt het zoals links. Welke afdruk is het?</translation>
    </message>
    <message>
        <source>In front</source>
        <translation>Ervoor</translation>
    </message>
    <message>
        <source>In greys</source>
        <translation>In grijzen</translation>
    </message>
    <message>
        <source>In hand</source>
        <translation>In de hand</translation>
    </message>
    <message>
        <source>In how many rows</source>
        <translation>In hoeveel rijen</translation>
    </message>
    <message>
        <source>In it</source>
        <translation>Erin</translation>
    </message>
    <message>
        <source>In one evening</source>
        <translation>Op één avond</translation>
    </message>
    <message>
        <source>In or out</source>
        <translation>Naar binnen of buiten</translation>
    </message>
    <message>
        <source>In this mist %1 of the ink is left at %2; darker things come forward.</source>
        <translation>In deze mist blijft op %2 %1 van de inkt; donkerder dingen komen naar voren.</translation>
    </message>
    <message>
        <source>In which order</source>
        <translation>In welke volgorde</translation>
    </message>
    <message>
        <source>In your own words, if you like</source>
        <translation>In je eigen woorden, als je wilt</translation>
    </message>
    <message>
        <source>Ink</source>
        <translation>Inkt</translation>
    </message>
    <message>
        <source>Ink %1</source>
        <translation>%1 inkten</translation>
    </message>
    <message>
        <source>Ink %1 for this plan</source>
        <translation>Inkt %1 voor dit plan</translation>
    </message>
    <message>
        <source>Ink &amp; light</source>
        <translation>Inkt &amp; licht</translation>
    </message>
    <message>
        <source>Ink came through a worn mask</source>
        <translation>Inkt drukte door een versleten masker</translation>
    </message>
    <message>
        <source>Ink of %1</source>
        <translation>Inkt van %1</translation>
    </message>
    <message>
        <source>Ink of %1 lies on the embossing of %2 and was never wiped off.</source>
        <translation>Inkt van %1 ligt op de embossing van %2 en is nooit afgeveegd.</translation>
    </message>
    <message>
        <source>Ink or pen</source>
        <translation>Inkt of pen</translation>
    </message>
    <message>
        <source>Ink pads</source>
        <translation>Stempelkussens</translation>
    </message>
    <message>
        <source>Ink the guides</source>
        <translation>De hulplijnen inkten</translation>
    </message>
    <message>
        <source>Ink the pencilled lines</source>
        <translation>De potloodlijnen inkten</translation>
    </message>
    <message>
        <source>Ink: %1</source>
        <translation>Inkt: %1</translation>
    </message>
    <message>
        <source>Inks</source>
        <translation>Inkten</translation>
    </message>
    <message>
        <source>Inks &amp;&amp; papers</source>
        <translation>Inkten &amp;&amp; papieren</translation>
    </message>
    <message>
        <source>Inks and palettes</source>
        <translation>Inkten en paletten</translation>
    </message>
    <message>
        <source>Inks are counted from now on. Call one low in the drawer when it is, and Havlo knows what it bears.</source>
        <translation>Inkten worden vanaf nu geteld. Noem er een in de la op als dat zo is, en Havlo weet hoeveel hij draagt.</translation>
    </message>
    <message>
        <source>Inks from a scan</source>
        <translation>Inkten uit een scan</translation>
    </message>
    <message>
        <source>Inks from a scanned strip</source>
        <translation>Inkten uit een gescande strook</translation>
    </message>
    <message>
        <source>Inks in the drawer</source>
        <translation>Inkten in de la</translation>
    </message>
    <message>
        <source>Inks, %1 pads of each: %2</source>
        <translation>Inkten, van elk %1 kussens: %2</translation>
    </message>
    <message>
        <source>Inks, one pad of each: %1</source>
        <translation>Inkten, van elk één kussen: %1</translation>
    </message>
    <message>
        <source>Instead of</source>
        <translation>In plaats van</translation>
    </message>
    <message>
        <source>Into the drawer</source>
        <translation>In de la</translation>
    </message>
    <message>
        <source>Into the drawer and onto the card</source>
        <translation>In de la en op de kaart</translation>
    </message>
    <message>
        <source>Is this a crowd, or leaves in layers?</source>
        <translation>Is dit een menigte, of zijn het bladeren in lagen?</translation>
    </message>
    <message>
        <source>Is this a pattern all over the card?</source>
        <translation>Is dit een patroon over de hele kaart?</translation>
    </message>
    <message>
        <source>It can only darken what is there. Dark paper wants covering ink or embossing.</source>
        <translation>Het kan alleen donkerder maken wat er is. Donker papier wil dekkende inkt of embossing.</translation>
    </message>
    <message>
        <source>It cannot be done with fewer covers than %1.</source>
        <translation>Met minder afdekkingen dan %1 gaat het niet.</translation>
    </message>
    <message>
        <source>It comes to where its size is right: a stamp has one size, so its place says how far away it is.</source>
        <translation>Hij komt waar zijn maat klopt: een stempel heeft één maat, dus zegt zijn plek hoe ver weg hij is.</translation>
    </message>
    <message>
        <source>It fits nowhere with room round it. Take something away, or a smaller greeting.</source>
        <translation>Het past nergens met ruimte eromheen. Haal iets weg, of neem een kleinere groet.</translation>
    </message>
    <message>
        <source>It fits the other size; nothing is left to mend.</source>
        <translation>Het past op de andere maat; niets blijft te verbeteren.</translation>
    </message>
    <message>
        <source>It flies</source>
        <translation>Het vliegt</translation>
    </message>
    <message>
        <source>It floats or wades</source>
        <translation>Het drijft of waadt</translation>
    </message>
    <message>
        <source>It goes by</source>
        <translation>Hij gaat af op</translation>
    </message>
    <message>
        <source>It grows from something here</source>
        <translation>Hier groeit het uit iets</translation>
    </message>
    <message>
        <source>It has %1. One thing should be seen first.</source>
        <translation>Hij heeft %1. Eén ding moet het eerst opvallen.</translation>
    </message>
    <message>
        <source>It is all in one ink: the hero has no colour of its own to be seen by.</source>
        <translation>Alles is in één inkt: de held heeft geen eigen kleur om aan gezien te worden.</translation>
    </message>
    <message>
        <source>It is blended without any strength.</source>
        <translation>Het wordt zonder enige sterkte geveegd.</translation>
    </message>
    <message>
        <source>It is carried over as well as it goes; %1 things are left to mend.</source>
        <translation>Het is zo goed mogelijk overgebracht; %1 dingen blijven te verbeteren.</translation>
    </message>
    <message>
        <source>It is carried over as well as it goes; one thing is left to mend.</source>
        <translation>Het is zo goed mogelijk overgebracht; één ding blijft te verbeteren.</translation>
    </message>
    <message>
        <source>It is cut: offcuts into the drawer</source>
        <translation>Het is gesneden: reststukken in de la</translation>
    </message>
    <message>
        <source>It is fine after all</source>
        <translation>Het is toch goed</translation>
    </message>
    <message>
        <source>It is in the open plan.</source>
        <translation>Het is in het open plan.</translation>
    </message>
    <message>
        <source>It is left out</source>
        <translation>Hij blijft weg</translation>
    </message>
    <message>
        <source>It is really</source>
        <translation>Het is echt</translation>
    </message>
    <message>
        <source>It is to be stamped across the rim of a piece; move it there, or stamp it on the panel like the others.</source>
        <translation>Het moet over de rand van een stuk gestempeld worden; schuif het daarheen, of stempel het op de beeldkaart zoals de andere.</translation>
    </message>
    <message>
        <source>It landed beside its place</source>
        <translation>Het kwam ernaast terecht</translation>
    </message>
    <message>
        <source>It lies behind %1; stamping it is work that nobody sees.</source>
        <translation>Het ligt achter %1; het stempelen is werk dat niemand ziet.</translation>
    </message>
    <message>
        <source>It lies: stamp across it</source>
        <translation>Het ligt: eroverheen stempelen</translation>
    </message>
    <message>
        <source>It looks like %1 once more.</source>
        <translation>Hij lijkt nog eens op %1.</translation>
    </message>
    <message>
        <source>It looks like %1, which is in the drawer.</source>
        <translation>Hij lijkt op %1, die in de la ligt.</translation>
    </message>
    <message>
        <source>It reaches nowhere.</source>
        <translation>Het reikt nergens heen.</translation>
    </message>
    <message>
        <source>It rests on things here</source>
        <translation>Hier rust het op dingen</translation>
    </message>
    <message>
        <source>It runs at the height of the eye, and cuts all things of one height at one share of them.</source>
        <translation>Hij loopt op ooghoogte en snijdt alle dingen van één hoogte op dezelfde plaats.</translation>
    </message>
    <message>
        <source>It runs to the edge of the picture: part of it may be missing.</source>
        <translation>Het loopt tot de rand van het beeld: een deel ontbreekt misschien.</translation>
    </message>
    <message>
        <source>It shows</source>
        <translation>Het is te zien</translation>
    </message>
    <message>
        <source>It shows clearly</source>
        <translation>Het is duidelijk te zien</translation>
    </message>
    <message>
        <source>It stands far behind %1 and is more colourful. With distance colours turn paler and greyer.</source>
        <translation>Het staat ver achter %1 en is kleuriger. Met de afstand worden kleuren bleker en grijzer.</translation>
    </message>
    <message>
        <source>It stands in the run sheet and in Make where you want it, with its time.</source>
        <translation>Het staat in het werkblad en bij Maken waar je het wilt, met zijn tijd.</translation>
    </message>
    <message>
        <source>It stands on land</source>
        <translation>Het staat op land</translation>
    </message>
    <message>
        <source>It takes the blend's colour and is not white any more.</source>
        <translation>Het neemt de kleur van het verloop aan en is niet wit meer.</translation>
    </message>
    <message>
        <source>It took %1.</source>
        <translation>Het duurde %1.</translation>
    </message>
    <message>
        <source>It took %1; about %2 were foreseen.</source>
        <translation>Het duurde %1; ongeveer %2 was voorzien.</translation>
    </message>
    <message>
        <source>It was print %1.</source>
        <translation>Het was afdruk %1.</translation>
    </message>
    <message>
        <source>It went badly lately.</source>
        <translation>Het ging laatst slecht.</translation>
    </message>
    <message>
        <source>It went wrong</source>
        <translation>Het ging mis</translation>
    </message>
    <message>
        <source>Its area lies off the panel.</source>
        <translation>Zijn vlak ligt naast de beeldkaart.</translation>
    </message>
    <message>
        <source>Its corner</source>
        <translation>Zijn hoek</translation>
    </message>
    <message>
        <source>Its foot</source>
        <translation>Zijn voet</translation>
    </message>
    <message>
        <source>Its foot belongs higher, nearer to the horizon.</source>
        <translation>Zijn voet hoort hoger, dichter bij de horizon.</translation>
    </message>
    <message>
        <source>Its foot belongs lower, nearer to the viewer.</source>
        <translation>Zijn voet hoort lager, dichter bij de kijker.</translation>
    </message>
    <message>
        <source>Its foot is not on the floor between the walls.</source>
        <translation>Zijn voet is niet op de vloer tussen de wanden.</translation>
    </message>
    <message>
        <source>Its foot lies on %1; it needs land under it.</source>
        <translation>Zijn voet ligt op %1; hij wil land onder zich.</translation>
    </message>
    <message>
        <source>Its outline is closed</source>
        <translation>De omtrek is gesloten</translation>
    </message>
    <message>
        <source>Its outline is open at %1 places.</source>
        <translation>De omtrek is op %1 plaatsen open.</translation>
    </message>
    <message>
        <source>Its outline is open at one place.</source>
        <translation>De omtrek is op één plaats open.</translation>
    </message>
    <message>
        <source>Its outline stops, so nothing tells the hand where to end. A line by pen closes it.</source>
        <translation>Zijn omtrek houdt op, dus niets zegt de hand waar te eindigen. Een lijn met de pen sluit hem.</translation>
    </message>
    <message>
        <source>Its parts are thinner than scissors can follow; what is behind runs across it.</source>
        <translation>Zijn delen zijn dunner dan een schaar kan volgen; wat erachter is loopt eroverheen.</translation>
    </message>
    <message>
        <source>Join %1 to %2 by pen: %3 mm of its lines stop short.</source>
        <translation>Sluit %1 met de pen aan op %2: %3 mm van zijn lijnen houden te vroeg op.</translation>
    </message>
    <message>
        <source>Join lines by pen</source>
        <translation>Lijnen met de pen aansluiten</translation>
    </message>
    <message>
        <source>Joins showing</source>
        <translation>Zichtbare naden</translation>
    </message>
    <message>
        <source>Joins to be careful with</source>
        <translation>Naden om op te letten</translation>
    </message>
    <message>
        <source>Keep %1 clean</source>
        <translation>%1 schoon houden</translation>
    </message>
    <message>
        <source>Keep all as plans</source>
        <translation>Alle als plannen bewaren</translation>
    </message>
    <message>
        <source>Keep all clean</source>
        <translation>Alles schoon houden</translation>
    </message>
    <message>
        <source>Keep glitter from eyes and mouth, and off the floor.</source>
        <translation>Houd glitter weg van ogen en mond, en van de vloer.</translation>
    </message>
    <message>
        <source>Keep glue off skin and eyes; air the room where it smells, and follow its label.</source>
        <translation>Houd lijm weg van huid en ogen; lucht de kamer als ze ruikt, en volg het etiket.</translation>
    </message>
    <message>
        <source>Keep it clean of %1</source>
        <translation>Houd het vrij van %1</translation>
    </message>
    <message>
        <source>Keep the masks in the drawer</source>
        <translation>De maskers in de la bewaren</translation>
    </message>
    <message>
        <source>Keep these sizes</source>
        <translation>Deze maten bewaren</translation>
    </message>
    <message>
        <source>Kept in</source>
        <translation>Ligt in</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Toetsen</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Soort</translation>
    </message>
    <message>
        <source>Kind of file</source>
        <translation>Soort bestand</translation>
    </message>
    <message>
        <source>L&amp;essons</source>
        <translation>L&amp;essen</translation>
    </message>
    <message>
        <source>Laid</source>
        <translation>Gelegd</translation>
    </message>
    <message>
        <source>Larger by</source>
        <translation>Groter met</translation>
    </message>
    <message>
        <source>Larger than what it holds by</source>
        <translation>Groter dan waar het aan vastzit, met</translation>
    </message>
    <message>
        <source>Lately</source>
        <translation>Laatst</translation>
    </message>
    <message>
        <source>Lately minutes were missed by %1, before by %2.</source>
        <translation>Laatst zaten de minuten er %1 naast, daarvoor %2.</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Later</translation>
    </message>
    <message>
        <source>Lay %1</source>
        <translation>%1 leggen</translation>
    </message>
    <message>
        <source>Lay %1 %2</source>
        <translation>%1 %2 leggen</translation>
    </message>
    <message>
        <source>Lay %1, turned round</source>
        <translation>%1 omgedraaid leggen</translation>
    </message>
    <message>
        <source>Lay a %1</source>
        <translation>Leg een %1</translation>
    </message>
    <message>
        <source>Lay a strip of tape along %1</source>
        <translation>Leg een strook plakband langs %1</translation>
    </message>
    <message>
        <source>Lay a strip of tape there</source>
        <translation>Leg daar een strook plakband</translation>
    </message>
    <message>
        <source>Lay scrap paper over the finished parts</source>
        <translation>Leg kladpapier over de klare delen</translation>
    </message>
    <message>
        <source>Lay scrap paper over what must stay clean, and cover the table.</source>
        <translation>Leg kladpapier over wat schoon moet blijven en dek de tafel af.</translation>
    </message>
    <message>
        <source>Lay tape along %1</source>
        <translation>Leg plakband langs %1</translation>
    </message>
    <message>
        <source>Lay the empty envelope down closed, its flap up</source>
        <translation>Leg de lege envelop dicht neer, klep naar boven</translation>
    </message>
    <message>
        <source>Lay the other piece of %1</source>
        <translation>Leg het andere stuk van %1</translation>
    </message>
    <message>
        <source>Lay the paper on %1. Blended across it next: %2.</source>
        <translation>Leg het papier op %1. Hierna eroverheen geveegd: %2.</translation>
    </message>
    <message>
        <source>Lay the paper on %1. Stamped across it next: %2.</source>
        <translation>Leg het papier op %1. Hierna eroverheen gestempeld: %2.</translation>
    </message>
    <message>
        <source>Lay the paper on its print, or draw and cut it yourself, and see the join it gives.</source>
        <translation>Leg het papier op zijn afdruk, of teken en knip het zelf, en zie de naad die het geeft.</translation>
    </message>
    <message>
        <source>Lay the sheet with %1</source>
        <translation>Leg het vel met %1</translation>
    </message>
    <message>
        <source>Lay two strips of tape over %1, one along either side</source>
        <translation>Leg twee stroken plakband over %1, één langs elke kant</translation>
    </message>
    <message>
        <source>Lay your stamped sheet beside it, or stamp on this page, and scan or photograph both together.</source>
        <translation>Leg je gestempelde vel ernaast, of stempel op deze bladzijde, en scan of fotografeer beide samen.</translation>
    </message>
    <message>
        <source>Laying a mask</source>
        <translation>Een masker leggen</translation>
    </message>
    <message>
        <source>Learn from all cards again</source>
        <translation>Weer van alle kaarten leren</translation>
    </message>
    <message>
        <source>Learn from now on only</source>
        <translation>Alleen vanaf nu leren</translation>
    </message>
    <message>
        <source>Least printed height</source>
        <translation>Kleinste gedrukte hoogte</translation>
    </message>
    <message>
        <source>Least real height, metres</source>
        <translation>Kleinste echte hoogte, meter</translation>
    </message>
    <message>
        <source>Leave %1 out</source>
        <translation>%1 weglaten</translation>
    </message>
    <message>
        <source>Leave a part of %1</source>
        <translation>Een deel van %1 weglaten</translation>
    </message>
    <message>
        <source>Leave a part of %1 bare</source>
        <translation>Een deel van %1 vrij laten</translation>
    </message>
    <message>
        <source>Leave bare</source>
        <translation>Vrij laten</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Laten</translation>
    </message>
    <message>
        <source>Leave it as it is</source>
        <translation>Laten zoals het is</translation>
    </message>
    <message>
        <source>Leave it as planned</source>
        <translation>Laten zoals gepland</translation>
    </message>
    <message>
        <source>Leave it for now</source>
        <translation>Voorlopig laten</translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>Weglaten</translation>
    </message>
    <message>
        <source>Leave masks out</source>
        <translation>Maskers weglaten</translation>
    </message>
    <message>
        <source>Leave out</source>
        <translation>Weglaten</translation>
    </message>
    <message>
        <source>Leave that mask out</source>
        <translation>Dat masker weglaten</translation>
    </message>
    <message>
        <source>Leave the card in the hinged positioner, ink the stamp again and press once more in the same place.</source>
        <translation>Laat de kaart in de stempelhulp, ink het stempel opnieuw en druk nog eens op dezelfde plek.</translation>
    </message>
    <message>
        <source>Leave the lesson</source>
        <translation>De les verlaten</translation>
    </message>
    <message>
        <source>Leave these %1 out</source>
        <translation>Deze %1 weglaten</translation>
    </message>
    <message>
        <source>Leave this one as planned</source>
        <translation>Deze laten zoals gepland</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Links</translation>
    </message>
    <message>
        <source>Left and right arrows go from step to step; with Ctrl they take a stamping earlier or later.</source>
        <translation>Pijl links en rechts gaan van stap naar stap; met Ctrl gaat een stempeling eerder of later.</translation>
    </message>
    <message>
        <source>Left and right go from part to part, up and down from thing to thing, Return works on the part.</source>
        <translation>Links en rechts gaan van deel naar deel, op en neer van ding naar ding, Return bewerkt het deel.</translation>
    </message>
    <message>
        <source>Left uncovered, too thin to cut: fine parts of %1. Let the background run over them.</source>
        <translation>Onbedekt, te dun om te knippen: fijne delen van %1. Laat de achtergrond eroverheen lopen.</translation>
    </message>
    <message>
        <source>Left, up</source>
        <translation>Links, boven</translation>
    </message>
    <message>
        <source>Left-&amp;handed at the table</source>
        <translation>&amp;Linkshandig aan tafel</translation>
    </message>
    <message>
        <source>Length of a wave</source>
        <translation>Lengte van een golf</translation>
    </message>
    <message>
        <source>Length of the waves</source>
        <translation>Lengte van de golven</translation>
    </message>
    <message>
        <source>Less about it</source>
        <translation>Minder erover</translation>
    </message>
    <message>
        <source>Lesson</source>
        <translation>Les</translation>
    </message>
    <message>
        <source>Lesson: %1</source>
        <translation>Les: %1</translation>
    </message>
    <message>
        <source>Lessons</source>
        <translation>Lessen</translation>
    </message>
    <message>
        <source>Let %1 dry</source>
        <translation>%1 laten drogen</translation>
    </message>
    <message>
        <source>Let %1 dry before you touch it again; a sand eraser takes off what is too much.</source>
        <translation>Laat %1 drogen voor je het weer aanraakt; een zandgum haalt af wat te veel is.</translation>
    </message>
    <message>
        <source>Let %1 end softly, over %2</source>
        <translation>Laat %1 zacht eindigen, over %2</translation>
    </message>
    <message>
        <source>Let %1 fade</source>
        <translation>Laat %1 uitlopen</translation>
    </message>
    <message>
        <source>Let %1 go behind %2</source>
        <translation>Laat %1 achter %2 gaan</translation>
    </message>
    <message>
        <source>Let %1 hide its foot</source>
        <translation>Laat %1 zijn voet verbergen</translation>
    </message>
    <message>
        <source>Let %1 reach over %2 % only</source>
        <translation>Laat %1 maar over %2 % reiken</translation>
    </message>
    <message>
        <source>Let everything dry</source>
        <translation>Alles laten drogen</translation>
    </message>
    <message>
        <source>Let it colour %1</source>
        <translation>Laat het %1 kleuren</translation>
    </message>
    <message>
        <source>Let it colour all</source>
        <translation>Laat het alles kleuren</translation>
    </message>
    <message>
        <source>Let it colour all but the hero</source>
        <translation>Laat het alles kleuren behalve de held</translation>
    </message>
    <message>
        <source>Let it run off the bottom edge, %1 lower</source>
        <translation>Laat het onder uitlopen, %1 lager</translation>
    </message>
    <message>
        <source>Let the blends run over it</source>
        <translation>Het verloop eroverheen laten lopen</translation>
    </message>
    <message>
        <source>Letter</source>
        <translation>Letter</translation>
    </message>
    <message>
        <source>Letter %1 by hand</source>
        <translation>%1 met de hand schrijven</translation>
    </message>
    <message>
        <source>Letter by hand</source>
        <translation>Met de hand schrijven</translation>
    </message>
    <message>
        <source>Letter it %1 high</source>
        <translation>Schrijf het %1 hoog</translation>
    </message>
    <message>
        <source>Letters of this size want a contrast of %1 to their ground.</source>
        <translation>Letters van deze grootte vragen een contrast van %1 met hun grond.</translation>
    </message>
    <message>
        <source>Letters that have to be squeezed in at the end spoil a card late.</source>
        <translation>Letters die er aan het eind in gepropt worden bederven een kaart laat.</translation>
    </message>
    <message>
        <source>Letters that lean a little look like a slip.</source>
        <translation>Letters die een beetje scheef staan lijken een vergissing.</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Waterpas</translation>
    </message>
    <message>
        <source>Lies</source>
        <translation>Ligt</translation>
    </message>
    <message>
        <source>Lift %1</source>
        <translation>%1 optillen</translation>
    </message>
    <message>
        <source>Light from the other side.</source>
        <translation>Licht van de andere kant.</translation>
    </message>
    <message>
        <source>Light: %1</source>
        <translation>Licht: %1</translation>
    </message>
    <message>
        <source>Line the panel up on %1, then trim %2. Or let it show uneven: that is no fault.</source>
        <translation>Lijn de beeldkaart uit op %1 en snijd dan %2 af. Of laat het ongelijk: dat is geen fout.</translation>
    </message>
    <message>
        <source>Lines along the guides, %1 in all</source>
        <translation>Lijnen langs de hulplijnen, samen %1</translation>
    </message>
    <message>
        <source>Lines by pen</source>
        <translation>Lijnen met de pen</translation>
    </message>
    <message>
        <source>Lines ran into something %1 times lately.</source>
        <translation>Lijnen liepen laatst %1 keer ergens in.</translation>
    </message>
    <message>
        <source>Log</source>
        <translation>Logboek</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Blik</translation>
    </message>
    <message>
        <source>Look at a finished plan</source>
        <translation>Een klaar plan bekijken</translation>
    </message>
    <message>
        <source>Look at it</source>
        <translation>Bekijk het</translation>
    </message>
    <message>
        <source>Look from a height of %1</source>
        <translation>Kijk van een hoogte van %1</translation>
    </message>
    <message>
        <source>Look once more</source>
        <translation>Nog eens kijken</translation>
    </message>
    <message>
        <source>Look with a snail's eyes</source>
        <translation>Kijk met de ogen van een slak</translation>
    </message>
    <message>
        <source>Look with the eyes of %1</source>
        <translation>Kijk met de ogen van %1</translation>
    </message>
    <message>
        <source>Look: a picture of it…</source>
        <translation>Blik: een beeld ervan…</translation>
    </message>
    <message>
        <source>Looking for arrangements</source>
        <translation>Schikkingen worden gezocht</translation>
    </message>
    <message>
        <source>Looking for arrangements …</source>
        <translation>Schikkingen worden gezocht …</translation>
    </message>
    <message>
        <source>Looking for impressions</source>
        <translation>Afdrukken worden gezocht</translation>
    </message>
    <message>
        <source>Looking for patches of colour …</source>
        <translation>Kleurvlekken worden gezocht …</translation>
    </message>
    <message>
        <source>Looking through %1 pictures</source>
        <translation>%1 afbeeldingen worden bekeken</translation>
    </message>
    <message>
        <source>Looking through it</source>
        <translation>Wordt bekeken</translation>
    </message>
    <message>
        <source>Looking …</source>
        <translation>Zoekt …</translation>
    </message>
    <message>
        <source>Looking…</source>
        <translation>Zoekt…</translation>
    </message>
    <message>
        <source>Looks through all pictures of a folder; what is found comes on one page to be named</source>
        <translation>Bekijkt alle afbeeldingen van een map; wat gevonden wordt, komt op één pagina om een naam te krijgen</translation>
    </message>
    <message>
        <source>Lou&amp;pe</source>
        <translation>L&amp;oep</translation>
    </message>
    <message>
        <source>Loupe</source>
        <translation>Loep</translation>
    </message>
    <message>
        <source>Lower the horizon by %1</source>
        <translation>De horizon %1 verlagen</translation>
    </message>
    <message>
        <source>Make</source>
        <translation>Maken</translation>
    </message>
    <message>
        <source>Make %1 the hero</source>
        <translation>%1 tot held maken</translation>
    </message>
    <message>
        <source>Make a row</source>
        <translation>Een rij maken</translation>
    </message>
    <message>
        <source>Make it a room</source>
        <translation>Er een kamer van maken</translation>
    </message>
    <message>
        <source>Make it again</source>
        <translation>Nog eens maken</translation>
    </message>
    <message>
        <source>Make it the &amp;hero</source>
        <translation>Tot &amp;held maken</translation>
    </message>
    <message>
        <source>Make it the hero</source>
        <translation>Tot held maken</translation>
    </message>
    <message>
        <source>Makers</source>
        <translation>Makers</translation>
    </message>
    <message>
        <source>Making cards …</source>
        <translation>Kaarten worden gemaakt …</translation>
    </message>
    <message>
        <source>Many</source>
        <translation>Veel</translation>
    </message>
    <message>
        <source>Many cards, a class, what to buy</source>
        <translation>Veel kaarten, een les, wat te kopen</translation>
    </message>
    <message>
        <source>Many things are larger or smaller than their distance asks.</source>
        <translation>Veel dingen zijn groter of kleiner dan hun afstand vraagt.</translation>
    </message>
    <message>
        <source>Many things touch and cover each other.</source>
        <translation>Veel dingen raken en bedekken elkaar.</translation>
    </message>
    <message>
        <source>Mark a length</source>
        <translation>Een lengte merken</translation>
    </message>
    <message>
        <source>Mark four corners</source>
        <translation>Vier hoeken merken</translation>
    </message>
    <message>
        <source>Markers give off solvents: air the room, put the caps back on, mind their labels.</source>
        <translation>Markers geven oplosmiddelen af: lucht de kamer, doe de doppen erop, let op hun etiketten.</translation>
    </message>
    <message>
        <source>Masking paper</source>
        <translation>Maskeerpapier</translation>
    </message>
    <message>
        <source>Masking sheet: %1</source>
        <translation>Maskeervel: %1</translation>
    </message>
    <message>
        <source>Masks</source>
        <translation>Maskers</translation>
    </message>
    <message>
        <source>Masks for %1</source>
        <translation>Maskers voor %1</translation>
    </message>
    <message>
        <source>Masks kept in the drawer are used before new ones are cut.</source>
        <translation>Maskers uit de la worden gebruikt voor er nieuwe geknipt worden.</translation>
    </message>
    <message>
        <source>Masks kept with it: %1.</source>
        <translation>Erbij bewaarde maskers: %1.</translation>
    </message>
    <message>
        <source>Masks to cut</source>
        <translation>Te knippen maskers</translation>
    </message>
    <message>
        <source>Masks to cut: %1</source>
        <translation>Te knippen maskers: %1</translation>
    </message>
    <message>
        <source>Masks to cut: %1 instead of %2.</source>
        <translation>Te snijden maskers: %1 in plaats van %2.</translation>
    </message>
    <message>
        <source>Masks: how they are cut</source>
        <translation>Maskers: hoe ze gesneden worden</translation>
    </message>
    <message>
        <source>Mastered: no cover too many</source>
        <translation>Beheerst: geen afdekking te veel</translation>
    </message>
    <message>
        <source>Mat %1</source>
        <translation>Mat %1</translation>
    </message>
    <message>
        <source>Mat shows %1</source>
        <translation>Mat toont %1</translation>
    </message>
    <message>
        <source>Mats, from the panel outward</source>
        <translation>Matten, van de beeldkaart naar buiten</translation>
    </message>
    <message>
        <source>May colour</source>
        <translation>Mag kleuren</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Meten</translation>
    </message>
    <message>
        <source>Measure in &amp;inches</source>
        <translation>In &amp;inches meten</translation>
    </message>
    <message>
        <source>Measure in &amp;millimetres</source>
        <translation>In &amp;millimeters meten</translation>
    </message>
    <message>
        <source>Measure the start: leave once the card is painted, saying how much memory is in use.</source>
        <translation>Meet de start: stopt zodra de kaart getekend is en zegt hoeveel geheugen in gebruik is.</translation>
    </message>
    <message>
        <source>Measure these with a ruler. If they are off, print at 100 %, not “fit to page”.</source>
        <translation>Meet dit na met een liniaal. Klopt het niet, druk dan af op 100 %, niet “passend op pagina”.</translation>
    </message>
    <message>
        <source>Measure where its foot is now and type that in the plan: everything that follows is worked out anew.</source>
        <translation>Meet waar zijn voet nu is en typ dat in het plan: al het volgende wordt opnieuw uitgerekend.</translation>
    </message>
    <message>
        <source>Measures</source>
        <translation>Maten</translation>
    </message>
    <message>
        <source>Mend it in the drawer</source>
        <translation>In de la verbeteren</translation>
    </message>
    <message>
        <source>Mended: %1</source>
        <translation>Verholpen: %1</translation>
    </message>
    <message>
        <source>Message</source>
        <translation>Bericht</translation>
    </message>
    <message>
        <source>Metres from the viewer: only stamps that would have the right size there in the open scene, best first</source>
        <translation>Meter van de kijker: alleen stempels die daar in de open scène de juiste maat hebben, de beste eerst</translation>
    </message>
    <message>
        <source>Mirror in %1</source>
        <translation>In %1 spiegelen</translation>
    </message>
    <message>
        <source>Mirrors what stands in it</source>
        <translation>Spiegelt wat erin staat</translation>
    </message>
    <message>
        <source>Mist</source>
        <translation>Mist</translation>
    </message>
    <message>
        <source>Mist takes contrast away. Tell by eye how much of it a later pressing has kept.</source>
        <translation>Mist neemt contrast weg. Zeg op het oog hoeveel ervan een latere druk heeft gehouden.</translation>
    </message>
    <message>
        <source>More about it</source>
        <translation>Meer erover</translation>
    </message>
    <message>
        <source>More in the drawer</source>
        <translation>Meer in de la</translation>
    </message>
    <message>
        <source>More ink</source>
        <translation>Meer inkt</translation>
    </message>
    <message>
        <source>More stamps make fewer twins. Draw lots again makes another crowd of them.</source>
        <translation>Meer stempels geven minder tweelingen. Opnieuw loten maakt er een andere menigte van.</translation>
    </message>
    <message>
        <source>Mounting</source>
        <translation>Opzetten</translation>
    </message>
    <message>
        <source>Move %1</source>
        <translation>%1 verplaatsen</translation>
    </message>
    <message>
        <source>Move %1 %2</source>
        <translation>%1 %2 verplaatsen</translation>
    </message>
    <message>
        <source>Move %1 nearer or farther</source>
        <translation>%1 dichterbij of verder zetten</translation>
    </message>
    <message>
        <source>Move %1 to %2</source>
        <translation>%1 naar %2 zetten</translation>
    </message>
    <message>
        <source>Move %1 to plain space</source>
        <translation>%1 naar een rustige plek zetten</translation>
    </message>
    <message>
        <source>Move a piece</source>
        <translation>Een stuk verplaatsen</translation>
    </message>
    <message>
        <source>Move a slider</source>
        <translation>Een schuif bewegen</translation>
    </message>
    <message>
        <source>Move it %1</source>
        <translation>Verplaats het %1</translation>
    </message>
    <message>
        <source>Move it there</source>
        <translation>Daarheen zetten</translation>
    </message>
    <message>
        <source>Move it to plain space</source>
        <translation>Naar een rustige plek zetten</translation>
    </message>
    <message>
        <source>Move its foot %1 down</source>
        <translation>De voet %1 omlaag zetten</translation>
    </message>
    <message>
        <source>Move its foot %1 up</source>
        <translation>De voet %1 omhoog zetten</translation>
    </message>
    <message>
        <source>Move the back wall</source>
        <translation>De achterwand verplaatsen</translation>
    </message>
    <message>
        <source>Move the edge</source>
        <translation>De rand verplaatsen</translation>
    </message>
    <message>
        <source>Move the edge at the left</source>
        <translation>De rand links verplaatsen</translation>
    </message>
    <message>
        <source>Move the edge at the right</source>
        <translation>De rand rechts verplaatsen</translation>
    </message>
    <message>
        <source>Move the foot</source>
        <translation>De voet verplaatsen</translation>
    </message>
    <message>
        <source>Move the light</source>
        <translation>Het licht verplaatsen</translation>
    </message>
    <message>
        <source>Move the opening</source>
        <translation>De opening verplaatsen</translation>
    </message>
    <message>
        <source>Move the vanishing point</source>
        <translation>Het verdwijnpunt verplaatsen</translation>
    </message>
    <message>
        <source>Move where the rays come from</source>
        <translation>Verplaatsen waar de stralen vandaan komen</translation>
    </message>
    <message>
        <source>My first card</source>
        <translation>Mijn eerste kaart</translation>
    </message>
    <message>
        <source>My own stamps</source>
        <translation>Mijn eigen stempels</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Naam</translation>
    </message>
    <message>
        <source>Name a part</source>
        <translation>Een deel een naam geven</translation>
    </message>
    <message>
        <source>Name a piece</source>
        <translation>Een stuk een naam geven</translation>
    </message>
    <message>
        <source>Name a variation</source>
        <translation>Een variant een naam geven</translation>
    </message>
    <message>
        <source>Name of colour %1</source>
        <translation>Naam van kleur %1</translation>
    </message>
    <message>
        <source>Name of the file</source>
        <translation>Naam van het bestand</translation>
    </message>
    <message>
        <source>Name of the part</source>
        <translation>Naam van het deel</translation>
    </message>
    <message>
        <source>Name of the variation</source>
        <translation>Naam van de variant</translation>
    </message>
    <message>
        <source>Near and far</source>
        <translation>Dichtbij en ver</translation>
    </message>
    <message>
        <source>Nearer warmer and deeper</source>
        <translation>Dichtbij warmer en dieper</translation>
    </message>
    <message>
        <source>Nearly</source>
        <translation>Bijna</translation>
    </message>
    <message>
        <source>Nearly all its weight lies on one side.</source>
        <translation>Bijna al het gewicht ligt aan één kant.</translation>
    </message>
    <message>
        <source>Neither the drawer nor this plan has a %1 that differs from it.</source>
        <translation>Noch de la noch dit plan heeft een %1 die ervan verschilt.</translation>
    </message>
    <message>
        <source>New</source>
        <translation>Nieuw</translation>
    </message>
    <message>
        <source>New ink</source>
        <translation>Nieuwe inkt</translation>
    </message>
    <message>
        <source>New paper</source>
        <translation>Nieuw papier</translation>
    </message>
    <message>
        <source>New to look at: %1</source>
        <translation>Nieuw om te bekijken: %1</translation>
    </message>
    <message>
        <source>Next impression</source>
        <translation>Volgende afdruk</translation>
    </message>
    <message>
        <source>Next page</source>
        <translation>Volgende pagina</translation>
    </message>
    <message>
        <source>Next sheet</source>
        <translation>Volgend vel</translation>
    </message>
    <message>
        <source>Next: %1</source>
        <translation>Hierna: %1</translation>
    </message>
    <message>
        <source>Next: blend a sky or some ground behind them.</source>
        <translation>Hierna: veeg er een lucht of wat grond achter.</translation>
    </message>
    <message>
        <source>Next: give it company, nearer and farther away.</source>
        <translation>Hierna: geef het gezelschap, dichterbij en verder weg.</translation>
    </message>
    <message>
        <source>Next: make it. You are led step by step.</source>
        <translation>Hierna: maak hem. Je wordt stap voor stap geleid.</translation>
    </message>
    <message>
        <source>Next: put a first thing on the card.</source>
        <translation>Hierna: zet een eerste ding op de kaart.</translation>
    </message>
    <message>
        <source>Next: say how tall %1 is really. Then its size can be right.</source>
        <translation>Hierna: zeg hoe hoog %1 echt is. Dan kan de maat kloppen.</translation>
    </message>
    <message>
        <source>Next: say which of them the card is about. Click it and make it the hero.</source>
        <translation>Hierna: zeg om welk ding het op de kaart gaat. Klik het aan en maak het tot held.</translation>
    </message>
    <message>
        <source>Next: see to %1: %2.</source>
        <translation>Hierna: kijk naar %1: %2.</translation>
    </message>
    <message>
        <source>Next: see what is stamped when, and which masks to cut.</source>
        <translation>Hierna: zie wat wanneer gestempeld wordt en welke maskers te knippen zijn.</translation>
    </message>
    <message>
        <source>Next: stamp on plain paper what you have, and open a scan or photo of it.</source>
        <translation>Hierna: stempel op effen papier wat je hebt en open er een scan of foto van.</translation>
    </message>
    <message>
        <source>No card has a paper to be laid.</source>
        <translation>Geen kaart heeft een papier om te leggen.</translation>
    </message>
    <message>
        <source>No card has anything of the kind to ask.</source>
        <translation>Geen kaart heeft iets van dien aard om te vragen.</translation>
    </message>
    <message>
        <source>No card is in the log yet: everything is reckoned as is usual.</source>
        <translation>Er staat nog geen kaart in het logboek: alles wordt gerekend zoals gewoonlijk.</translation>
    </message>
    <message>
        <source>No card says all of that.</source>
        <translation>Geen kaart zegt dat allemaal.</translation>
    </message>
    <message>
        <source>No card yet. A card comes here when Make is through with it.</source>
        <translation>Nog geen kaart. Een kaart komt hier als Maken ermee klaar is.</translation>
    </message>
    <message>
        <source>No chapter has all of these words.</source>
        <translation>Geen hoofdstuk heeft al deze woorden.</translation>
    </message>
    <message>
        <source>No harm done</source>
        <translation>Niets aan de hand</translation>
    </message>
    <message>
        <source>No hero is chosen</source>
        <translation>Er is geen held gekozen</translation>
    </message>
    <message>
        <source>No hero is chosen.</source>
        <translation>Er is geen held gekozen.</translation>
    </message>
    <message>
        <source>No light</source>
        <translation>Geen licht</translation>
    </message>
    <message>
        <source>No light is set: the Scene sets one.</source>
        <translation>Er is geen licht gezet: de scène zet er een.</translation>
    </message>
    <message>
        <source>No line's end should want the pen.</source>
        <translation>Geen lijneinde mag de pen nodig hebben.</translation>
    </message>
    <message>
        <source>No look, row or path leads anywhere.</source>
        <translation>Geen blik, rij of pad leidt ergens heen.</translation>
    </message>
    <message>
        <source>No mask can be cut for %1</source>
        <translation>Voor %1 kan geen masker geknipt worden</translation>
    </message>
    <message>
        <source>No mask fits on this sheet.</source>
        <translation>Op dit vel past geen masker.</translation>
    </message>
    <message>
        <source>No mask is kept with it.</source>
        <translation>Er is geen masker bij bewaard.</translation>
    </message>
    <message>
        <source>No mask is laid on this card, so no edge has to meet another.</source>
        <translation>Op deze kaart ligt geen masker, dus geen rand hoeft een andere te treffen.</translation>
    </message>
    <message>
        <source>No mask is needed for this plan.</source>
        <translation>Voor dit plan is geen masker nodig.</translation>
    </message>
    <message>
        <source>No mask was worth keeping: they are worn, or their stamps are not in the drawer.</source>
        <translation>Geen masker was het bewaren waard: ze zijn versleten, of hun stempels zijn niet in de la.</translation>
    </message>
    <message>
        <source>No order can save more than %1.</source>
        <translation>Geen volgorde spaart meer dan %1.</translation>
    </message>
    <message>
        <source>No order of stamping alone gives a ring like that, so one mask is laid where its thing will be.</source>
        <translation>Geen stempelvolgorde alleen geeft zo'n kring, dus één masker ligt waar zijn ding komt.</translation>
    </message>
    <message>
        <source>No order of stamping can give a ring like that: one of them must go behind.</source>
        <translation>Geen stempelvolgorde kan zo'n kring geven: één ervan moet erachter.</translation>
    </message>
    <message>
        <source>No order takes less.</source>
        <translation>Geen volgorde kost minder.</translation>
    </message>
    <message>
        <source>No plan was saved yet.</source>
        <translation>Er is nog geen plan opgeslagen.</translation>
    </message>
    <message>
        <source>No printer is set up on this computer, so the %1 cannot be printed here.</source>
        <translation>Op deze computer is geen printer ingesteld, dus %1 kan hier niet afgedrukt worden.</translation>
    </message>
    <message>
        <source>No room</source>
        <translation>Geen ruimte</translation>
    </message>
    <message>
        <source>No room: outdoors</source>
        <translation>Geen kamer: buiten</translation>
    </message>
    <message>
        <source>No scene came out that is worth making. Ask again, or choose another hero.</source>
        <translation>Er kwam geen scène uit die het maken waard is. Vraag het nog eens, of kies een andere held.</translation>
    </message>
    <message>
        <source>No sheet is large enough for %1. A larger sheet in the drawer, or a base that is folded the other way or joined of two leaves, helps.</source>
        <translation>Geen vel is groot genoeg voor %1. Een groter vel in de la helpt, of een dubbele kaart die andersom gevouwen of uit twee bladen gemaakt is.</translation>
    </message>
    <message>
        <source>No single stamp or pad more would help much; most in use is %1, %2.</source>
        <translation>Geen enkele stempel of kussen meer zou veel helpen; het langst in gebruik is %1, %2.</translation>
    </message>
    <message>
        <source>No stamp in your drawer can be a hero yet: it needs a real height.</source>
        <translation>Nog geen stempel in je la kan held zijn: hij wil een echte hoogte.</translation>
    </message>
    <message>
        <source>No stamp of this card is taped before it is pressed.</source>
        <translation>Geen stempel van deze kaart wordt voor het drukken afgeplakt.</translation>
    </message>
    <message>
        <source>No stamp was found.</source>
        <translation>Er is geen stempel gevonden.</translation>
    </message>
    <message>
        <source>No steps yet</source>
        <translation>Nog geen stappen</translation>
    </message>
    <message>
        <source>No strip of tape makes it. The sheet of stamps to tape shows it; a line drawn across the stamp is told in words.</source>
        <translation>Geen strook plakband maakt het. Het blad van af te plakken stempels toont het; een lijn over het stempel wordt in woorden gezegd.</translation>
    </message>
    <message>
        <source>No usual envelope takes this card: one has to be folded for it.</source>
        <translation>Geen gewone envelop past om deze kaart: er moet er een voor gevouwen worden.</translation>
    </message>
    <message>
        <source>No, a scene</source>
        <translation>Nee, een scène</translation>
    </message>
    <message>
        <source>No, from one viewpoint</source>
        <translation>Nee, vanuit één kijkpunt</translation>
    </message>
    <message>
        <source>No, tell me where they touch</source>
        <translation>Nee, zeg me waar ze elkaar raken</translation>
    </message>
    <message>
        <source>Nobody waits for a stamp or pad.</source>
        <translation>Niemand wacht op een stempel of kussen.</translation>
    </message>
    <message>
        <source>None of it will be on the card.</source>
        <translation>Niets ervan komt op de kaart.</translation>
    </message>
    <message>
        <source>Not as planned</source>
        <translation>Niet zoals gepland</translation>
    </message>
    <message>
        <source>Not at their right size: %1; the worst is %2 times too small.</source>
        <translation>Niet op de juiste maat: %1; de ergste is %2 keer te klein.</translation>
    </message>
    <message>
        <source>Not at their right size: %1; the worst is %2 times too tall.</source>
        <translation>Niet op de juiste maat: %1; de ergste is %2 keer te hoog.</translation>
    </message>
    <message>
        <source>Not clear yet. %1</source>
        <translation>Nog niet helder. %1</translation>
    </message>
    <message>
        <source>Not on the card yet; tick to use them</source>
        <translation>Nog niet op de kaart; vink aan om te gebruiken</translation>
    </message>
    <message>
        <source>Not quite</source>
        <translation>Niet helemaal</translation>
    </message>
    <message>
        <source>Not saved. %1</source>
        <translation>Niet opgeslagen. %1</translation>
    </message>
    <message>
        <source>Not simulated</source>
        <translation>Niet gesimuleerd</translation>
    </message>
    <message>
        <source>Not so</source>
        <translation>Niet zo</translation>
    </message>
    <message>
        <source>Not so?</source>
        <translation>Klopt het niet?</translation>
    </message>
    <message>
        <source>Not the card that was wanted</source>
        <translation>Niet de gewenste kaart</translation>
    </message>
    <message>
        <source>Not tried yet.</source>
        <translation>Nog niet geprobeerd.</translation>
    </message>
    <message>
        <source>Not yet: one step back</source>
        <translation>Nog niet: een stap terug</translation>
    </message>
    <message>
        <source>Notch the masks at the foot</source>
        <translation>De maskers bij de voet inkepen</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notitie</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notities</translation>
    </message>
    <message>
        <source>Nothing better was found: each other way costs the hero, or brings something to mend. Let more things move.</source>
        <translation>Er is niets beters gevonden: elke andere manier kost de held iets, of brengt iets te verbeteren. Laat meer dingen verschuiven.</translation>
    </message>
    <message>
        <source>Nothing can be cut from what is there.</source>
        <translation>Uit wat er is kan niets gesneden worden.</translation>
    </message>
    <message>
        <source>Nothing comes near the hero.</source>
        <translation>Niets komt bij de held in de buurt.</translation>
    </message>
    <message>
        <source>Nothing draws the eye, and no hero is chosen.</source>
        <translation>Niets trekt het oog, en er is geen held gekozen.</translation>
    </message>
    <message>
        <source>Nothing has to be bought.</source>
        <translation>Er hoeft niets gekocht te worden.</translation>
    </message>
    <message>
        <source>Nothing in the drawer freshens this card without making it worse.</source>
        <translation>Niets in de la frist deze kaart op zonder hem slechter te maken.</translation>
    </message>
    <message>
        <source>Nothing is clearly first: %1 and %2 pull about alike (%3 and %4).</source>
        <translation>Niets is duidelijk het eerst: %1 en %2 trekken ongeveer gelijk (%3 en %4).</translation>
    </message>
    <message>
        <source>Nothing is cut from this paper yet.</source>
        <translation>Uit dit papier is nog niets gesneden.</translation>
    </message>
    <message>
        <source>Nothing is drawn in pencil on this card: it has no ground, no room, no light and no row.</source>
        <translation>Op deze kaart is niets met potlood te tekenen: ze heeft geen grond, geen kamer, geen licht en geen rij.</translation>
    </message>
    <message>
        <source>Nothing is glued on under %1</source>
        <translation>Onder %1 is niets gelijmd</translation>
    </message>
    <message>
        <source>Nothing is on the card yet.</source>
        <translation>Er staat nog niets op de kaart.</translation>
    </message>
    <message>
        <source>Nothing is on the card yet. Put stamps on it in the scene, then come back.</source>
        <translation>Er staat nog niets op de kaart. Zet er in de scène stempels op en kom dan terug.</translation>
    </message>
    <message>
        <source>Nothing is open</source>
        <translation>Niets is open</translation>
    </message>
    <message>
        <source>Nothing is plain.</source>
        <translation>Niets is rustig.</translation>
    </message>
    <message>
        <source>Nothing is seen of %1</source>
        <translation>Van %1 is niets te zien</translation>
    </message>
    <message>
        <source>Nothing is under its foot at that distance, so the eye takes it for flying.</source>
        <translation>Op die afstand is niets onder zijn voet, dus het oog houdt het voor vliegend.</translation>
    </message>
    <message>
        <source>Nothing makes the sharp border of %1</source>
        <translation>Niets maakt de scherpe rand van %1</translation>
    </message>
    <message>
        <source>Nothing mo&amp;ves by itself</source>
        <translation>Niets be&amp;weegt vanzelf</translation>
    </message>
    <message>
        <source>Nothing of it is wide enough to cut: let what is behind run over it, or stamp it last.</source>
        <translation>Niets ervan is breed genoeg om te knippen: laat wat erachter is eroverheen lopen, of stempel het als laatste.</translation>
    </message>
    <message>
        <source>Nothing of the plan is changed here. Spoil simulated paper instead of real paper.</source>
        <translation>Aan het plan verandert hier niets. Bederf gesimuleerd papier in plaats van echt.</translation>
    </message>
    <message>
        <source>Nothing of this kind is in here.</source>
        <translation>Hier is niets van deze soort.</translation>
    </message>
    <message>
        <source>Nothing on this card stands at a distance.</source>
        <translation>Niets op deze kaart staat op een afstand.</translation>
    </message>
    <message>
        <source>Nothing overlaps, so only size and place tell what is nearer.</source>
        <translation>Niets overlapt, dus alleen maat en plaats zeggen wat dichterbij is.</translation>
    </message>
    <message>
        <source>Nothing shows along %1 of join.</source>
        <translation>Langs %1 naad is niets te zien.</translation>
    </message>
    <message>
        <source>Nothing stands out from anything, so nothing is seen first.</source>
        <translation>Niets steekt af, dus niets valt het eerst op.</translation>
    </message>
    <message>
        <source>Nothing stands wrong: sizes, feet and edges agree.</source>
        <translation>Niets staat verkeerd: maten, voeten en randen kloppen.</translation>
    </message>
    <message>
        <source>Nothing that is stamped by now can be told in this picture.</source>
        <translation>Niets van wat nu gestempeld is, is in dit beeld te herkennen.</translation>
    </message>
    <message>
        <source>Nothing to join</source>
        <translation>Niets aan te sluiten</translation>
    </message>
    <message>
        <source>Nothing to lay out.</source>
        <translation>Niets uit te leggen.</translation>
    </message>
    <message>
        <source>Nothing was learnt from that picture: %1.</source>
        <translation>Uit dat beeld is niets geleerd: %1.</translation>
    </message>
    <message>
        <source>Nothing yet.</source>
        <translation>Nog niets.</translation>
    </message>
    <message>
        <source>Nothing: it is as it was saved.</source>
        <translation>Niets: het is zoals het bewaard is.</translation>
    </message>
    <message>
        <source>Now try it without looking.</source>
        <translation>Probeer het nu zonder te kijken.</translation>
    </message>
    <message>
        <source>Nudge %1</source>
        <translation>%1 schuiven</translation>
    </message>
    <message>
        <source>Number %1 of %2; %3. On the whole sheet, drag a frame round marks that belong together.</source>
        <translation>Nummer %1 van %2; %3. Sleep op het hele vel een kader om tekens die bij elkaar horen.</translation>
    </message>
    <message>
        <source>Occasion</source>
        <translation>Gelegenheid</translation>
    </message>
    <message>
        <source>Of</source>
        <translation>Van</translation>
    </message>
    <message>
        <source>Of %1 keep the darker print: cover the other with white pen, or let colouring take it in.</source>
        <translation>Houd van %1 de donkerste afdruk: dek de andere met witte pen, of laat het kleuren hem opnemen.</translation>
    </message>
    <message>
        <source>Of each stamp</source>
        <translation>Van elke stempel</translation>
    </message>
    <message>
        <source>Of sticky notes %1 times, of masking sheets %2 times.</source>
        <translation>Plakbriefjes %1 keer, maskeervellen %2 keer.</translation>
    </message>
    <message>
        <source>Of them %1.</source>
        <translation>Daarvan %1.</translation>
    </message>
    <message>
        <source>Of two things on the ground the lower foot is the nearer one; you said the other way round.</source>
        <translation>Van twee dingen op de grond is dat met de laagste voet dichterbij; je zei het andersom.</translation>
    </message>
    <message>
        <source>Of which stamps?</source>
        <translation>Van welke stempels?</translation>
    </message>
    <message>
        <source>Off the floor</source>
        <translation>Van de vloer</translation>
    </message>
    <message>
        <source>Older ones</source>
        <translation>Oudere</translation>
    </message>
    <message>
        <source>On %1 it is dry after %2 s.</source>
        <translation>Op %1 is het na %2 s droog.</translation>
    </message>
    <message>
        <source>On %1 paper</source>
        <translation>Op %1-papier</translation>
    </message>
    <message>
        <source>On %1, %2 away.</source>
        <translation>Op %1, %2 ver.</translation>
    </message>
    <message>
        <source>On foam</source>
        <translation>Op schuim</translation>
    </message>
    <message>
        <source>On masking sheets</source>
        <translation>Op maskeervellen</translation>
    </message>
    <message>
        <source>On the card</source>
        <translation>Op de kaart</translation>
    </message>
    <message>
        <source>On the ground</source>
        <translation>Op de grond</translation>
    </message>
    <message>
        <source>On the hero's ground line</source>
        <translation>Op de grondlijn van de held</translation>
    </message>
    <message>
        <source>On the line.</source>
        <translation>Op de lijn.</translation>
    </message>
    <message>
        <source>On the other size</source>
        <translation>Op de andere maat</translation>
    </message>
    <message>
        <source>On the side</source>
        <translation>Op de zijkant</translation>
    </message>
    <message>
        <source>On this card</source>
        <translation>Op deze kaart</translation>
    </message>
    <message>
        <source>On this card I know all of this kind</source>
        <translation>Op deze kaart weet ik van alle van deze soort</translation>
    </message>
    <message>
        <source>On what base</source>
        <translation>Op welke dubbele kaart</translation>
    </message>
    <message>
        <source>On what paper</source>
        <translation>Op welk papier</translation>
    </message>
    <message>
        <source>Once more</source>
        <translation>Nog eens</translation>
    </message>
    <message>
        <source>One %1 stays uncovered: let the background run over it.</source>
        <translation>Eén %1 blijft onbedekt: laat de achtergrond eroverheen lopen.</translation>
    </message>
    <message>
        <source>One &amp;more of it</source>
        <translation>&amp;Nog een ervan</translation>
    </message>
    <message>
        <source>One arrangement that is better. Let more things move for others.</source>
        <translation>Eén schikking is beter. Laat meer dingen verschuiven voor andere.</translation>
    </message>
    <message>
        <source>One card</source>
        <translation>Eén kaart</translation>
    </message>
    <message>
        <source>One card takes about %1.</source>
        <translation>Eén kaart kost ongeveer %1.</translation>
    </message>
    <message>
        <source>One colour among greys</source>
        <translation>Eén kleur tussen grijzen</translation>
    </message>
    <message>
        <source>One coloured among greys</source>
        <translation>Eén gekleurd tussen grijzen</translation>
    </message>
    <message>
        <source>One did not come out well.</source>
        <translation>Eén lukte niet goed.</translation>
    </message>
    <message>
        <source>One heat tool</source>
        <translation>Eén heteluchtapparaat</translation>
    </message>
    <message>
        <source>One impression was found.</source>
        <translation>Er is één afdruk gevonden.</translation>
    </message>
    <message>
        <source>One is missing.</source>
        <translation>Er ontbreekt er een.</translation>
    </message>
    <message>
        <source>One maker, %1.</source>
        <translation>Eén maker, %1.</translation>
    </message>
    <message>
        <source>One mask is in %1.</source>
        <translation>Eén masker zit in %1.</translation>
    </message>
    <message>
        <source>One more of %1</source>
        <translation>Nog een van %1</translation>
    </message>
    <message>
        <source>One more of less weight</source>
        <translation>Nog één van minder gewicht</translation>
    </message>
    <message>
        <source>One more that you know of</source>
        <translation>Nog een waar je van weet</translation>
    </message>
    <message>
        <source>One overlap tells which of two is nearer.</source>
        <translation>Eén overlapping zegt welk van twee dichterbij is.</translation>
    </message>
    <message>
        <source>One paper</source>
        <translation>Eén papier</translation>
    </message>
    <message>
        <source>One paper over several things where that is less work</source>
        <translation>Eén papier over meer dingen waar dat minder werk is</translation>
    </message>
    <message>
        <source>One picture does not say how large it is: with how many dots an inch was it scanned?</source>
        <translation>Eén afbeelding zegt niet hoe groot ze is: met hoeveel punten per inch is ze gescand?</translation>
    </message>
    <message>
        <source>One plan was put into %1.</source>
        <translation>Eén plan kwam in %1.</translation>
    </message>
    <message>
        <source>One print on your card is a later pressing.</source>
        <translation>Eén afdruk op je kaart is een latere druk.</translation>
    </message>
    <message>
        <source>One sees %1 far; half of the ink is left at %2.</source>
        <translation>Men ziet %1 ver; de helft van de inkt blijft op %2.</translation>
    </message>
    <message>
        <source>One small hole %1 is covered too: colour it by hand afterwards.</source>
        <translation>Eén klein gat %1 wordt mee afgedekt: kleur het later met de hand.</translation>
    </message>
    <message>
        <source>One speck was dropped.</source>
        <translation>Eén spikkel is weggelaten.</translation>
    </message>
    <message>
        <source>One stamp a group: %1 of them. They are as large as the drawing says.</source>
        <translation>Eén stempel per groep: %1 stuks. Ze zijn zo groot als de tekening zegt.</translation>
    </message>
    <message>
        <source>One stamp is in the drawer.</source>
        <translation>Eén stempel ligt in de la.</translation>
    </message>
    <message>
        <source>One standing thing has its right size.</source>
        <translation>Eén staand ding heeft zijn juiste maat.</translation>
    </message>
    <message>
        <source>One stands where it is too tall or too small.</source>
        <translation>Eén staat waar het te groot of te klein is.</translation>
    </message>
    <message>
        <source>One step, about %1.</source>
        <translation>Eén stap, ongeveer %1.</translation>
    </message>
    <message>
        <source>One thing is meant to be seen first. Havlo then watches that nothing draws the eye away from it.</source>
        <translation>Eén ding hoort het eerst gezien te worden. Havlo let er dan op dat niets de blik ervan wegtrekt.</translation>
    </message>
    <message>
        <source>One thing is wrong</source>
        <translation>Eén ding klopt niet</translation>
    </message>
    <message>
        <source>One thing on your card does not fit its horizon.</source>
        <translation>Eén ding op je kaart past niet bij de horizon.</translation>
    </message>
    <message>
        <source>One thing on your card is covered.</source>
        <translation>Eén ding op je kaart wordt afgedekt.</translation>
    </message>
    <message>
        <source>One thing should be seen first.</source>
        <translation>Eén ding moet het eerst opvallen.</translation>
    </message>
    <message>
        <source>One thing to look at.</source>
        <translation>Eén ding te bekijken.</translation>
    </message>
    <message>
        <source>Only one thing can be seen first.</source>
        <translation>Maar één ding kan het eerst opvallen.</translation>
    </message>
    <message>
        <source>Only stamps that face</source>
        <translation>Alleen stempels die kijken naar</translation>
    </message>
    <message>
        <source>Only stamps that show a</source>
        <translation>Alleen stempels die tonen</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Openen</translation>
    </message>
    <message>
        <source>Open &amp;recent</source>
        <translation>Laatst &amp;geopend</translation>
    </message>
    <message>
        <source>Open A crowd: in the menu Thing, or Ctrl+Shift+C.</source>
        <translation>Open Een menigte: in het menu Ding, of met Ctrl+Shift+C.</translation>
    </message>
    <message>
        <source>Open Order &amp; masks and wait until the card is proven.</source>
        <translation>Open Volgorde &amp; maskers en wacht tot de kaart bewezen is.</translation>
    </message>
    <message>
        <source>Open a plan</source>
        <translation>Plan openen</translation>
    </message>
    <message>
        <source>Open a plan of mine…</source>
        <translation>Een plan van mij openen…</translation>
    </message>
    <message>
        <source>Open this plan</source>
        <translation>Dit plan openen</translation>
    </message>
    <message>
        <source>Opened</source>
        <translation>Geopend</translation>
    </message>
    <message>
        <source>Opened, the sheet turned over sideways</source>
        <translation>Geopend, het blad opzij omgeslagen</translation>
    </message>
    <message>
        <source>Opened, the sheet turned over upwards</source>
        <translation>Geopend, het blad omhoog omgeslagen</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>%1 wordt geopend</translation>
    </message>
    <message>
        <source>Opening of the outline</source>
        <translation>Opening van de omtrek</translation>
    </message>
    <message>
        <source>Order &amp; masks</source>
        <translation>Volgorde &amp; maskers</translation>
    </message>
    <message>
        <source>Other colours.</source>
        <translation>Andere kleuren.</translation>
    </message>
    <message>
        <source>Other ink</source>
        <translation>Andere inkt</translation>
    </message>
    <message>
        <source>Other words</source>
        <translation>Andere woorden</translation>
    </message>
    <message>
        <source>Out of the drawer</source>
        <translation>Uit de la</translation>
    </message>
    <message>
        <source>Outline inward or outward</source>
        <translation>Omtrek naar binnen of buiten</translation>
    </message>
    <message>
        <source>Outlines that meet without overlapping hold the eye, and it cannot tell which is nearer.</source>
        <translation>Omtrekken die elkaar zonder overlappen raken houden het oog vast, en het kan niet zeggen wat dichterbij is.</translation>
    </message>
    <message>
        <source>Over</source>
        <translation>Over</translation>
    </message>
    <message>
        <source>Over %1 evenings</source>
        <translation>Over %1 avonden</translation>
    </message>
    <message>
        <source>Over how much it fades outside its area</source>
        <translation>Over hoeveel het buiten zijn vlak uitloopt</translation>
    </message>
    <message>
        <source>Own steps</source>
        <translation>Eigen</translation>
    </message>
    <message>
        <source>PDF files</source>
        <translation>PDF-bestanden</translation>
    </message>
    <message>
        <source>Pack the drawer</source>
        <translation>De la inpakken</translation>
    </message>
    <message>
        <source>Pads of each ink</source>
        <translation>Kussens per inkt</translation>
    </message>
    <message>
        <source>Page at true size</source>
        <translation>Pagina op ware grootte</translation>
    </message>
    <message>
        <source>Page before</source>
        <translation>Vorige pagina</translation>
    </message>
    <message>
        <source>Page up and down go from blend to blend, H through what can be pulled of it, arrow keys pull.</source>
        <translation>Page up en down gaan van verloop naar verloop, H door wat eraan te trekken is, pijltoetsen trekken.</translation>
    </message>
    <message>
        <source>Page up and down go from one found thing to the next, Return takes it. F moves the foot. With a tool in hand, or after C, arrow keys move a cross, Space marks, Return ends.</source>
        <translation>Page up en down gaan van vondst naar vondst, Return neemt hem. F verplaatst de voet. Met gereedschap in de hand of na C bewegen pijltoetsen een kruis, spatie merkt, Return eindigt.</translation>
    </message>
    <message>
        <source>Paler far off</source>
        <translation>Ver weg bleker</translation>
    </message>
    <message>
        <source>Paler with distance</source>
        <translation>Bleker met de afstand</translation>
    </message>
    <message>
        <source>Palettes</source>
        <translation>Paletten</translation>
    </message>
    <message>
        <source>Panel</source>
        <translation>Beeldkaart</translation>
    </message>
    <message>
        <source>Panel %1</source>
        <translation>Beeldkaart %1</translation>
    </message>
    <message>
        <source>Panel %1 high</source>
        <translation>Beeldkaart %1 hoog</translation>
    </message>
    <message>
        <source>Panel %1 wide</source>
        <translation>Beeldkaart %1 breed</translation>
    </message>
    <message>
        <source>Panel on foam of %1</source>
        <translation>Beeldkaart op schuim van %1</translation>
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
        <translation>Papier %1 dik</translation>
    </message>
    <message>
        <source>Paper in the printer</source>
        <translation>Papier in de printer</translation>
    </message>
    <message>
        <source>Papers</source>
        <translation>Papieren</translation>
    </message>
    <message>
        <source>Papers in the drawer</source>
        <translation>Papieren in de la</translation>
    </message>
    <message>
        <source>Part of a stamp in a corner</source>
        <translation>Deel van een stempel in een hoek</translation>
    </message>
    <message>
        <source>Part of the hero in a corner</source>
        <translation>Deel van de held in een hoek</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Plakken</translation>
    </message>
    <message>
        <source>Paste %1</source>
        <translation>%1 plakken</translation>
    </message>
    <message>
        <source>Paste %1 things</source>
        <translation>%1 dingen plakken</translation>
    </message>
    <message>
        <source>Paste dries for hours: follow its maker's label, and let nothing touch it before.</source>
        <translation>Pasta droogt uren: volg het etiket van de maker en laat er eerder niets aan komen.</translation>
    </message>
    <message>
        <source>Patterned paper</source>
        <translation>Papier met patroon</translation>
    </message>
    <message>
        <source>Patterned …</source>
        <translation>Met patroon …</translation>
    </message>
    <message>
        <source>Pen</source>
        <translation>Pen</translation>
    </message>
    <message>
        <source>Pencil sheet</source>
        <translation>Potloodblad</translation>
    </message>
    <message>
        <source>Pencil sheet at true size.</source>
        <translation>Potloodblad op ware grootte.</translation>
    </message>
    <message>
        <source>Pencil the guides</source>
        <translation>De hulplijnen met potlood trekken</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>Beeld</translation>
    </message>
    <message>
        <source>Picture for printers</source>
        <translation>Beeld voor drukkers</translation>
    </message>
    <message>
        <source>Pictures</source>
        <translation>Afbeeldingen</translation>
    </message>
    <message>
        <source>Pieces</source>
        <translation>Stukken</translation>
    </message>
    <message>
        <source>Pieces of paper on the card</source>
        <translation>Stukken papier op de kaart</translation>
    </message>
    <message>
        <source>Placement sheet</source>
        <translation>Plaatsblad</translation>
    </message>
    <message>
        <source>Placement sheet at true size. Crosses are feet, numbers are the order of stamping.</source>
        <translation>Plaatsblad op ware grootte. Kruisen zijn voeten, getallen de stempelvolgorde.</translation>
    </message>
    <message>
        <source>Places</source>
        <translation>Plaatsen</translation>
    </message>
    <message>
        <source>Plain again</source>
        <translation>Weer rustig</translation>
    </message>
    <message>
        <source>Plain on every side by %1, level, centred by its ink and a little above the middle.</source>
        <translation>Rondom %1 rustig, waterpas, op zijn inkt in het midden en iets boven het midden.</translation>
    </message>
    <message>
        <source>Plain paper</source>
        <translation>Effen papier</translation>
    </message>
    <message>
        <source>Plain space</source>
        <translation>Rustige plek</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>Plan and pictures in one &amp;zip…</source>
        <translation>Plan en beelden in één &amp;zip…</translation>
    </message>
    <message>
        <source>Plan its picture</source>
        <translation>Zijn beeld plannen</translation>
    </message>
    <message>
        <source>Plans and drafts</source>
        <translation>Plannen en schetsen</translation>
    </message>
    <message>
        <source>Plans scene cards from rubber stamps, proves the plan by simulating it, and leads you through the work.</source>
        <translation>Plant scènekaarten van rubberstempels, bewijst het plan door het te simuleren en leidt je door het werk.</translation>
    </message>
    <message>
        <source>Plans scene cards from rubber stamps.</source>
        <translation>Plant scènekaarten van rubberstempels.</translation>
    </message>
    <message>
        <source>Plans that you open or save are found here.</source>
        <translation>Plannen die je opent of bewaart, vind je hier.</translation>
    </message>
    <message>
        <source>Plate</source>
        <translation>Plaat</translation>
    </message>
    <message>
        <source>Pop up %1</source>
        <translation>%1 opzetten</translation>
    </message>
    <message>
        <source>Powder clings to every damp ink near by. Stamped and embossed first it need not wait.</source>
        <translation>Poeder plakt aan elke vochtige inkt in de buurt. Eerst gestempeld en geëmbosst hoeft het niet te wachten.</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Oefenen</translation>
    </message>
    <message>
        <source>Preparing the %1</source>
        <translation>%1 wordt voorbereid</translation>
    </message>
    <message>
        <source>Press %1 again</source>
        <translation>%1 nog eens drukken</translation>
    </message>
    <message>
        <source>Press %1 into the paper</source>
        <translation>%1 in het papier persen</translation>
    </message>
    <message>
        <source>Press along the rim as well: the rubber bridges the step and leaves a thin bare line beside it.</source>
        <translation>Druk ook langs de rand: het rubber overbrugt de trede en laat ernaast een dunne lege lijn.</translation>
    </message>
    <message>
        <source>Press as hands do: unevenly, pop-ups with their shadow</source>
        <translation>Drukken zoals handen: ongelijk, opgezette stukken met hun schaduw</translation>
    </message>
    <message>
        <source>Press firmly beside the masks: their thickness lifts the rubber and leaves a thin white line.</source>
        <translation>Druk stevig naast de maskers: hun dikte tilt het rubber en laat een dunne witte lijn.</translation>
    </message>
    <message>
        <source>Press it</source>
        <translation>Drukken</translation>
    </message>
    <message>
        <source>Press the one of the two that is nearer to you.</source>
        <translation>Druk die van de twee die het dichtst bij je is.</translation>
    </message>
    <message>
        <source>Press them from the nearest to the farthest.</source>
        <translation>Druk ze van het dichtste naar het verste.</translation>
    </message>
    <message>
        <source>Pressi&amp;ng</source>
        <translation>D&amp;ruk</translation>
    </message>
    <message>
        <source>Pressing</source>
        <translation>Druk</translation>
    </message>
    <message>
        <source>Pressings</source>
        <translation>Drukken</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Afdrukken</translation>
    </message>
    <message>
        <source>Print %1</source>
        <translation>%1 drukken</translation>
    </message>
    <message>
        <source>Print %1 masks</source>
        <translation>%1 maskers drukken</translation>
    </message>
    <message>
        <source>Print %1 masks in %2</source>
        <translation>%1 maskers in %2 drukken</translation>
    </message>
    <message>
        <source>Print %1: this one</source>
        <translation>%1 drukken: deze</translation>
    </message>
    <message>
        <source>Print 1 mask in %1</source>
        <translation>1 masker in %1 drukken</translation>
    </message>
    <message>
        <source>Print on &amp;Letter</source>
        <translation>Op &amp;Letter afdrukken</translation>
    </message>
    <message>
        <source>Print on A&amp;4</source>
        <translation>Op A&amp;4 afdrukken</translation>
    </message>
    <message>
        <source>Print the %1</source>
        <translation>%1 afdrukken</translation>
    </message>
    <message>
        <source>Print the %1…</source>
        <translation>%1 afdrukken…</translation>
    </message>
    <message>
        <source>Print the cut list…</source>
        <translation>Snijlijst afdrukken…</translation>
    </message>
    <message>
        <source>Print the mask of the %1</source>
        <translation>Het masker van %1 drukken</translation>
    </message>
    <message>
        <source>Print the masks</source>
        <translation>De maskers afdrukken</translation>
    </message>
    <message>
        <source>Print the stamps to tape</source>
        <translation>De af te plakken stempels afdrukken</translation>
    </message>
    <message>
        <source>Prints %1, %2.</source>
        <translation>Drukt %1, %2.</translation>
    </message>
    <message>
        <source>Prints %1, %2; from %3.</source>
        <translation>Drukt %1, %2; uit %3.</translation>
    </message>
    <message>
        <source>Prints are taken to lie three times as exactly; cards are logged as made with it</source>
        <translation>Afdrukken zouden drie keer zo nauwkeurig zitten; kaarten komen zo in het logboek</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Afdrukken…</translation>
    </message>
    <message>
        <source>Proven</source>
        <translation>Bewezen</translation>
    </message>
    <message>
        <source>Pull a print of %1</source>
        <translation>Een afdruk van %1 trekken</translation>
    </message>
    <message>
        <source>Push the paper with the mouse or the arrow keys; with Shift it goes farther. Pull beside it, roll the wheel, or press comma and full stop to turn it.</source>
        <translation>Schuif het papier met muis of pijltoetsen; met Shift verder. Trek ernaast, draai het wiel, of druk komma en punt om te draaien.</translation>
    </message>
    <message>
        <source>Put %1 on foam</source>
        <translation>%1 op schuim zetten</translation>
    </message>
    <message>
        <source>Put %1 on foam, on %2</source>
        <translation>%1 op schuim zetten, op %2</translation>
    </message>
    <message>
        <source>Put %1 on with %2</source>
        <translation>%1 met %2 aanbrengen</translation>
    </message>
    <message>
        <source>Put away</source>
        <translation>Opbergen</translation>
    </message>
    <message>
        <source>Put in</source>
        <translation>Inleggen</translation>
    </message>
    <message>
        <source>Put in a %1</source>
        <translation>Een %1 inleggen</translation>
    </message>
    <message>
        <source>Put it back</source>
        <translation>Terugleggen</translation>
    </message>
    <message>
        <source>Put it in</source>
        <translation>Inleggen</translation>
    </message>
    <message>
        <source>Put it in front of %1</source>
        <translation>Voor %1 zetten</translation>
    </message>
    <message>
        <source>Put it on a strip of its own</source>
        <translation>Op een eigen strook zetten</translation>
    </message>
    <message>
        <source>Put it on the card</source>
        <translation>Op de kaart zetten</translation>
    </message>
    <message>
        <source>Put on %1</source>
        <translation>%1 aanbrengen</translation>
    </message>
    <message>
        <source>Put on a dot</source>
        <translation>Een stip zetten</translation>
    </message>
    <message>
        <source>Put on one by one</source>
        <translation>Eén voor één aanbrengen</translation>
    </message>
    <message>
        <source>Put on with</source>
        <translation>Aanbrengen met</translation>
    </message>
    <message>
        <source>Put the card into its envelope</source>
        <translation>De kaart in zijn envelop doen</translation>
    </message>
    <message>
        <source>Put the crowd on the card</source>
        <translation>De menigte op de kaart zetten</translation>
    </message>
    <message>
        <source>Put the hare on the card: click it among the stamps at the left.</source>
        <translation>Zet de haas op de kaart: klik hem links bij de stempels aan (Hare).</translation>
    </message>
    <message>
        <source>Put the machine away</source>
        <translation>De machine opruimen</translation>
    </message>
    <message>
        <source>Put the mask back on and fill the pale gap with a marker or a small brush.</source>
        <translation>Leg het masker terug en vul de bleke opening met een marker of kleine kwast.</translation>
    </message>
    <message>
        <source>Put the mends away</source>
        <translation>De verbeteringen opbergen</translation>
    </message>
    <message>
        <source>Put the row on the card</source>
        <translation>De rij op de kaart zetten</translation>
    </message>
    <message>
        <source>Put the steps of a card in order and lay the covers; the press shows what comes of it.</source>
        <translation>Zet de stappen van een kaart op volgorde en leg de afdekkingen; de pers toont wat ervan komt.</translation>
    </message>
    <message>
        <source>Put them back</source>
        <translation>Terugleggen</translation>
    </message>
    <message>
        <source>Raise a piece</source>
        <translation>Een stuk optillen</translation>
    </message>
    <message>
        <source>Raise the horizon by %1</source>
        <translation>De horizon %1 verhogen</translation>
    </message>
    <message>
        <source>Reach of %1</source>
        <translation>Reikwijdte van %1</translation>
    </message>
    <message>
        <source>Reaches</source>
        <translation>Reikt</translation>
    </message>
    <message>
        <source>Reading %1</source>
        <translation>%1 wordt gelezen</translation>
    </message>
    <message>
        <source>Reading the strip …</source>
        <translation>De strook wordt gelezen …</translation>
    </message>
    <message>
        <source>Reads %1 tall here: too small, it is %2.</source>
        <translation>Lijkt hier %1 hoog: te klein, het is %2.</translation>
    </message>
    <message>
        <source>Reads %1 tall here: too tall, it is %2.</source>
        <translation>Lijkt hier %1 hoog: te groot, het is %2.</translation>
    </message>
    <message>
        <source>Reads %1 tall, as it should: %2.</source>
        <translation>Lijkt %1 hoog, zoals het hoort: %2.</translation>
    </message>
    <message>
        <source>Ready on the tables:</source>
        <translation>Klaar op de tafels:</translation>
    </message>
    <message>
        <source>Ready ones</source>
        <translation>Klare</translation>
    </message>
    <message>
        <source>Real height</source>
        <translation>Echte hoogte</translation>
    </message>
    <message>
        <source>Reckon with this</source>
        <translation>Hiermee rekenen</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Opnieuw</translation>
    </message>
    <message>
        <source>Redo: %1</source>
        <translation>Opnieuw: %1</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>Vervangen</translation>
    </message>
    <message>
        <source>Return goes from the name to the height, and on to the next.</source>
        <translation>Enter gaat van de naam naar de hoogte en door naar de volgende.</translation>
    </message>
    <message>
        <source>Return keeps it</source>
        <translation>Return bewaart hem</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Rechts</translation>
    </message>
    <message>
        <source>Right and neat</source>
        <translation>Goed en zuinig</translation>
    </message>
    <message>
        <source>Risky joins</source>
        <translation>Hachelijke naden</translation>
    </message>
    <message>
        <source>Room for a second word</source>
        <translation>Ruimte voor een tweede woord</translation>
    </message>
    <message>
        <source>Round the wheel</source>
        <translation>Rond de kleurcirkel</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Rijen</translation>
    </message>
    <message>
        <source>Rub the new stamp with an eraser, then wipe it</source>
        <translation>Wrijf het nieuwe stempel met een gum en veeg het dan af</translation>
    </message>
    <message>
        <source>Rub the pencil out</source>
        <translation>Het potlood uitgummen</translation>
    </message>
    <message>
        <source>Rubber does not reach into pressed paper. Stamp it first, press the relief last, or keep the relief off it.</source>
        <translation>Rubber komt niet in geperst papier. Stempel eerst, pers het reliëf als laatste, of houd het reliëf eraf.</translation>
    </message>
    <message>
        <source>Rubber rests on the ridges and leaves gaps. Stamp it first, let the paste be the last, or keep the paste off it.</source>
        <translation>Rubber rust op de ribbels en laat gaten. Stempel eerst, laat de pasta het laatste zijn, of houd de pasta eraf.</translation>
    </message>
    <message>
        <source>Run sheet</source>
        <translation>Werkblad</translation>
    </message>
    <message>
        <source>Run sheet for %1</source>
        <translation>Werkblad voor %1</translation>
    </message>
    <message>
        <source>Runs the cut file through a simulated cutting machine that ships with Havlo</source>
        <translation>Stuurt het snijbestand door een gesimuleerde snijmachine die bij Havlo hoort</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Bewaren</translation>
    </message>
    <message>
        <source>Save &amp;as…</source>
        <translation>Opslaan &amp;als…</translation>
    </message>
    <message>
        <source>Save all measures as a table</source>
        <translation>Alle maten als tabel opslaan</translation>
    </message>
    <message>
        <source>Save as PDF…</source>
        <translation>Als PDF bewaren…</translation>
    </message>
    <message>
        <source>Save it</source>
        <translation>Bewaren</translation>
    </message>
    <message>
        <source>Save it as a PDF</source>
        <translation>Als PDF opslaan</translation>
    </message>
    <message>
        <source>Save plan and pictures in one file</source>
        <translation>Plan en beelden in één bestand opslaan</translation>
    </message>
    <message>
        <source>Save the cut file</source>
        <translation>Het snijbestand opslaan</translation>
    </message>
    <message>
        <source>Save the finished card as a drawing in layers</source>
        <translation>De klare kaart als tekening in lagen bewaren</translation>
    </message>
    <message>
        <source>Save the finished card as a picture</source>
        <translation>De klare kaart als beeld opslaan</translation>
    </message>
    <message>
        <source>Save the plan</source>
        <translation>Het plan opslaan</translation>
    </message>
    <message>
        <source>Save under another name</source>
        <translation>Onder een andere naam opslaan</translation>
    </message>
    <message>
        <source>Say how tall %1 is</source>
        <translation>Zeggen hoe hoog %1 is</translation>
    </message>
    <message>
        <source>Say it</source>
        <translation>Zeg het</translation>
    </message>
    <message>
        <source>Say that it is %1 tall in this story</source>
        <translation>Zeg dat het in dit verhaal %1 hoog is</translation>
    </message>
    <message>
        <source>Say what it is about. Three cards are composed from the stamps in the drawer; take one and change it.</source>
        <translation>Zeg waar het over gaat. Drie kaarten worden uit de stempels in de la gemaakt; neem er een en verander hem.</translation>
    </message>
    <message>
        <source>Scan or photograph the card as it is now, on something darker or lighter than its paper. Take masks off it first.</source>
        <translation>Scan of fotografeer de kaart zoals hij nu is, op iets donkerders of lichters dan zijn papier. Haal er eerst de maskers af.</translation>
    </message>
    <message>
        <source>Scan or photograph the card on something darker or lighter than its paper, and hold the picture against the plan.</source>
        <translation>Scan of fotografeer de kaart op iets donkerders of lichters dan zijn papier en houd het beeld tegen het plan.</translation>
    </message>
    <message>
        <source>Scans have from 50 to 4800 dots an inch.</source>
        <translation>Scans hebben 50 tot 4800 punten per inch.</translation>
    </message>
    <message>
        <source>Scatter</source>
        <translation>Strooien</translation>
    </message>
    <message>
        <source>Scatter %1</source>
        <translation>%1 strooien</translation>
    </message>
    <message>
        <source>Scene</source>
        <translation>Scène</translation>
    </message>
    <message>
        <source>Scene %1</source>
        <translation>Scène %1</translation>
    </message>
    <message>
        <source>Scenes from what you own; every size fits one viewpoint. Each was pressed on simulated paper.</source>
        <translation>Scènes uit wat je hebt; elke maat past bij één kijkpunt. Elk is op gesimuleerd papier gedrukt.</translation>
    </message>
    <message>
        <source>Schoo&amp;l</source>
        <translation>&amp;Manier</translation>
    </message>
    <message>
        <source>School</source>
        <translation>Manier</translation>
    </message>
    <message>
        <source>School of %1</source>
        <translation>Manier van %1</translation>
    </message>
    <message>
        <source>School of the whole plan</source>
        <translation>Manier van het hele plan</translation>
    </message>
    <message>
        <source>Schools</source>
        <translation>Manieren</translation>
    </message>
    <message>
        <source>Schools: mask, leave out, emboss, print over</source>
        <translation>Werkwijzen: maskeren, uitsparen, embossen, overdrukken</translation>
    </message>
    <message>
        <source>Score and fold the base</source>
        <translation>De dubbele kaart rillen en vouwen</translation>
    </message>
    <message>
        <source>Search the drawer</source>
        <translation>Zoek in de la</translation>
    </message>
    <message>
        <source>Seen as it prints; on the rubber everything is the other way round. Tape or wipe the hatched part.</source>
        <translation>Gezien zoals het drukt; op het rubber is alles andersom. Plak of veeg het gearceerde deel.</translation>
    </message>
    <message>
        <source>Sent to</source>
        <translation>Gestuurd aan</translation>
    </message>
    <message>
        <source>Set</source>
        <translation>Set</translation>
    </message>
    <message>
        <source>Set %1 down</source>
        <translation>%1 neerzetten</translation>
    </message>
    <message>
        <source>Set %1 level</source>
        <translation>%1 waterpas zetten</translation>
    </message>
    <message>
        <source>Set %1 upright</source>
        <translation>%1 rechtop zetten</translation>
    </message>
    <message>
        <source>Set back</source>
        <translation>Terugzetten</translation>
    </message>
    <message>
        <source>Set it &amp;upright</source>
        <translation>&amp;Rechtop zetten</translation>
    </message>
    <message>
        <source>Set it level</source>
        <translation>Waterpas zetten</translation>
    </message>
    <message>
        <source>Set up: %1</source>
        <translation>Klaarzetten: %1</translation>
    </message>
    <message>
        <source>Set…</source>
        <translation>Instellen…</translation>
    </message>
    <message>
        <source>Shade %1</source>
        <translation>%1 beschaduwen</translation>
    </message>
    <message>
        <source>Shade it as the light falls</source>
        <translation>Beschaduwen zoals het licht valt</translation>
    </message>
    <message>
        <source>Shade it away from the light</source>
        <translation>Van het licht weg beschaduwen</translation>
    </message>
    <message>
        <source>Shaded</source>
        <translation>Beschaduwd</translation>
    </message>
    <message>
        <source>Shadows run away from the light, each from its own foot.</source>
        <translation>Schaduwen lopen van het licht weg, elk vanaf zijn eigen voet.</translation>
    </message>
    <message>
        <source>Shape and cut them</source>
        <translation>Vorm en snijden</translation>
    </message>
    <message>
        <source>Share the error</source>
        <translation>De fout delen</translation>
    </message>
    <message>
        <source>Shares of the pull</source>
        <translation>Aandeel in de aandacht</translation>
    </message>
    <message>
        <source>Shares the colours of %1</source>
        <translation>Deelt de kleuren van %1</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Vel</translation>
    </message>
    <message>
        <source>Show construction lines</source>
        <translation>Constructielijnen tonen</translation>
    </message>
    <message>
        <source>Show me</source>
        <translation>Laat zien</translation>
    </message>
    <message>
        <source>Show me how</source>
        <translation>Laat zien hoe</translation>
    </message>
    <message>
        <source>Show the whole sheet</source>
        <translation>Het hele vel tonen</translation>
    </message>
    <message>
        <source>Shows a</source>
        <translation>Toont</translation>
    </message>
    <message>
        <source>Simulating</source>
        <translation>Simuleert</translation>
    </message>
    <message>
        <source>Six digits 0 to F, two each for red, green and blue, where you have them</source>
        <translation>Zes cijfers 0 tot F, twee voor rood, groen en blauw, als je ze hebt</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Maat</translation>
    </message>
    <message>
        <source>Size of a place</source>
        <translation>Maat van een plek</translation>
    </message>
    <message>
        <source>Size of one</source>
        <translation>Maat van één</translation>
    </message>
    <message>
        <source>Size of specks that are dropped</source>
        <translation>Maat van spikkels die wegvallen</translation>
    </message>
    <message>
        <source>Size of the folded card</source>
        <translation>Maat van de gevouwen kaart</translation>
    </message>
    <message>
        <source>Size of the masking sheet</source>
        <translation>Maat van het maskeervel</translation>
    </message>
    <message>
        <source>Size the opening</source>
        <translation>Maat van de opening</translation>
    </message>
    <message>
        <source>Sizes</source>
        <translation>Maten</translation>
    </message>
    <message>
        <source>Sizes and rows are by eye here</source>
        <translation>Maten en rijen zijn hier op het oog</translation>
    </message>
    <message>
        <source>Sizes “%1”</source>
        <translation>Maten “%1”</translation>
    </message>
    <message>
        <source>Sizes, fold, mats and base</source>
        <translation>Maten, vouw, passe-partouts en basiskaart</translation>
    </message>
    <message>
        <source>Sky in three steps: 3/4, 1/2, 1/4</source>
        <translation>Lucht in drie stappen: 3/4, 1/2, 1/4</translation>
    </message>
    <message>
        <source>Small parts are swallowed: keep them, and the finished card, from the very young.</source>
        <translation>Kleine onderdelen worden ingeslikt: houd ze, en de kaart zelf, weg bij de allerkleinsten.</translation>
    </message>
    <message>
        <source>Small things</source>
        <translation>Kleine dingen</translation>
    </message>
    <message>
        <source>Smaller, higher, closer together, paler: four ways to say far away, and they agree.</source>
        <translation>Kleiner, hoger, dichter bijeen, bleker: vier manieren om ver weg te zeggen, en ze kloppen met elkaar.</translation>
    </message>
    <message>
        <source>Smallest envelope that takes it: %1, %2.</source>
        <translation>Kleinste passende envelop: %1, %2.</translation>
    </message>
    <message>
        <source>So far the blade's tip trails behind its holder</source>
        <translation>Zo ver sleept de punt van het mes achter de houder</translation>
    </message>
    <message>
        <source>So much paper is lost along a cut</source>
        <translation>Zoveel papier gaat langs een snede verloren</translation>
    </message>
    <message>
        <source>Some ground</source>
        <translation>Wat grond</translation>
    </message>
    <message>
        <source>Some of them otherwise</source>
        <translation>Sommige ervan anders</translation>
    </message>
    <message>
        <source>Someone else at the table</source>
        <translation>Iemand anders aan tafel</translation>
    </message>
    <message>
        <source>Something can sit here</source>
        <translation>Hier kan iets zitten</translation>
    </message>
    <message>
        <source>Something else</source>
        <translation>Iets anders</translation>
    </message>
    <message>
        <source>Something hangs from here</source>
        <translation>Hier hangt iets</translation>
    </message>
    <message>
        <source>Space them evenly</source>
        <translation>Gelijk verdelen</translation>
    </message>
    <message>
        <source>Spacing</source>
        <translation>Afstand</translation>
    </message>
    <message>
        <source>Spacing of %1</source>
        <translation>Afstand van %1</translation>
    </message>
    <message>
        <source>Spray into a box and away from faces; do not breathe the mist in, air the room, mind the label.</source>
        <translation>Spuit in een doos en weg van gezichten; adem de nevel niet in, lucht de kamer, volg het etiket.</translation>
    </message>
    <message>
        <source>Spread %1</source>
        <translation>%1 uitstrijken</translation>
    </message>
    <message>
        <source>Stamp</source>
        <translation>Stempelen</translation>
    </message>
    <message>
        <source>Stamp %1</source>
        <translation>%1 stempelen</translation>
    </message>
    <message>
        <source>Stamp %1 across the rim</source>
        <translation>%1 over de rand stempelen</translation>
    </message>
    <message>
        <source>Stamp %1 at another time</source>
        <translation>%1 op een ander moment stempelen</translation>
    </message>
    <message>
        <source>Stamp %1 first</source>
        <translation>%1 eerst stempelen</translation>
    </message>
    <message>
        <source>Stamp %1 in %2</source>
        <translation>%1 in %2 stempelen</translation>
    </message>
    <message>
        <source>Stamp %1 now, before anything covers its place.</source>
        <translation>Stempel %1 nu, voor iets zijn plek bedekt.</translation>
    </message>
    <message>
        <source>Stamp %1 on a piece of its own</source>
        <translation>%1 op een eigen stuk stempelen</translation>
    </message>
    <message>
        <source>Stamp %1 on the paper for %2</source>
        <translation>%1 op het papier voor %2 stempelen</translation>
    </message>
    <message>
        <source>Stamp a part of %1</source>
        <translation>Een deel van %1 stempelen</translation>
    </message>
    <message>
        <source>Stamp a small filler over it: a tuft, a leaf, a bird.</source>
        <translation>Stempel er iets kleins over: een pol, een blad, een vogel.</translation>
    </message>
    <message>
        <source>Stamp all %1 in %2</source>
        <translation>Alle %1 in %2 stempelen</translation>
    </message>
    <message>
        <source>Stamp all of %1</source>
        <translation>%1 helemaal stempelen</translation>
    </message>
    <message>
        <source>Stamp in %1: %2</source>
        <translation>In %1 stempelen: %2</translation>
    </message>
    <message>
        <source>Stamp in this order</source>
        <translation>In deze volgorde stempelen</translation>
    </message>
    <message>
        <source>Stamp instead</source>
        <translation>In plaats daarvan stempelen</translation>
    </message>
    <message>
        <source>Stamp it a pressing later</source>
        <translation>Een druk later stempelen</translation>
    </message>
    <message>
        <source>Stamp it again on a piece of its own, cut it out and put it over.</source>
        <translation>Stempel het nog eens op een eigen stuk, knip het uit en zet het eroverheen.</translation>
    </message>
    <message>
        <source>Stamp it as %1</source>
        <translation>Als %1 stempelen</translation>
    </message>
    <message>
        <source>Stamp it before the others</source>
        <translation>Voor de andere stempelen</translation>
    </message>
    <message>
        <source>Stamp it in %1</source>
        <translation>In %1 stempelen</translation>
    </message>
    <message>
        <source>Stamp it in %1, %2</source>
        <translation>In %1 stempelen, %2</translation>
    </message>
    <message>
        <source>Stamp on plain paper, scan or photograph it, and drop the picture here.</source>
        <translation>Stempel op effen papier, scan of fotografeer het, en laat het beeld hier vallen.</translation>
    </message>
    <message>
        <source>Stamp the words on a strip of their own and put that over it.</source>
        <translation>Stempel de woorden op een eigen strook en zet die eroverheen.</translation>
    </message>
    <message>
        <source>Stamp them a pressing later</source>
        <translation>Ze een druk later stempelen</translation>
    </message>
    <message>
        <source>Stamp them on plain paper and scan or photograph the sheet. Each is cut out at its true size.</source>
        <translation>Stempel ze op effen papier en scan of fotografeer het vel. Elk wordt op ware grootte uitgeknipt.</translation>
    </message>
    <message>
        <source>Stamp your stamps on plain paper, scan the sheet, and they are here at their true size within a minute each.</source>
        <translation>Stempel je stempels op effen papier, scan het vel, en ze staan hier op ware grootte, elk binnen een minuut.</translation>
    </message>
    <message>
        <source>Stamped as number %1 of %2</source>
        <translation>Gestempeld als nummer %1 van %2</translation>
    </message>
    <message>
        <source>Stamped as number %1 of %2, then covered</source>
        <translation>Gestempeld als nummer %1 van %2, dan afgedekt</translation>
    </message>
    <message>
        <source>Stamped next: %1. Which of these must lie covered?</source>
        <translation>Hierna gestempeld: %1. Wat hiervan moet afgedekt liggen?</translation>
    </message>
    <message>
        <source>Stamps</source>
        <translation>Stempels</translation>
    </message>
    <message>
        <source>Stamps cannot shrink: the ground keeps its depth, the sky takes what is left.</source>
        <translation>Stempels kunnen niet krimpen: de grond houdt zijn diepte, de lucht neemt wat overblijft.</translation>
    </message>
    <message>
        <source>Stamps in the drawer</source>
        <translation>Stempels in de la</translation>
    </message>
    <message>
        <source>Stamps of %1 and more lie off by %2, smaller ones by %3.</source>
        <translation>Stempels van %1 en meer zitten er %2 naast, kleinere %3.</translation>
    </message>
    <message>
        <source>Stamps of this plan, then others of the drawer</source>
        <translation>Stempels van dit plan, dan andere van de la</translation>
    </message>
    <message>
        <source>Stamps that need masks</source>
        <translation>Stempels die maskers nodig hebben</translation>
    </message>
    <message>
        <source>Stamps that were found</source>
        <translation>Gevonden stempels</translation>
    </message>
    <message>
        <source>Stamps to tape before pressing</source>
        <translation>Stempels om voor het drukken af te plakken</translation>
    </message>
    <message>
        <source>Stamps, %1 of each: %2</source>
        <translation>Stempels, van elk %1: %2</translation>
    </message>
    <message>
        <source>Stamps, one of each: %1</source>
        <translation>Stempels, van elk één: %1</translation>
    </message>
    <message>
        <source>Stands %1 away.</source>
        <translation>Staat %1 ver.</translation>
    </message>
    <message>
        <source>Stands right here, %1 away:</source>
        <translation>Staat hier goed, %1 weg:</translation>
    </message>
    <message>
        <source>Start again now</source>
        <translation>Nu opnieuw starten</translation>
    </message>
    <message>
        <source>Start from the &amp;demo</source>
        <translation>Begin met de &amp;demo</translation>
    </message>
    <message>
        <source>Start from the demo</source>
        <translation>Begin met de demo</translation>
    </message>
    <message>
        <source>Start with the demo plan.</source>
        <translation>Begin met het demoplan.</translation>
    </message>
    <message>
        <source>Stencil</source>
        <translation>Sjabloon</translation>
    </message>
    <message>
        <source>Stencil: %1</source>
        <translation>Sjabloon: %1</translation>
    </message>
    <message>
        <source>Step %1</source>
        <translation>Stap %1</translation>
    </message>
    <message>
        <source>Step %1 of %2</source>
        <translation>Stap %1 van %2</translation>
    </message>
    <message>
        <source>Step %1: %2</source>
        <translation>Stap %1: %2</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Stappen</translation>
    </message>
    <message>
        <source>Steps of your own</source>
        <translation>Eigen stappen</translation>
    </message>
    <message>
        <source>Steps: %1 instead of %2.</source>
        <translation>Stappen: %1 in plaats van %2.</translation>
    </message>
    <message>
        <source>Sticky</source>
        <translation>Klevend</translation>
    </message>
    <message>
        <source>Sticky %1</source>
        <translation>Klevend %1</translation>
    </message>
    <message>
        <source>Sticky band</source>
        <translation>Kleefstrook</translation>
    </message>
    <message>
        <source>Still drying: %1. The timers run on while you work.</source>
        <translation>Droogt nog: %1. De klokken lopen door terwijl je werkt.</translation>
    </message>
    <message>
        <source>Stock</source>
        <translation>Voorraad</translation>
    </message>
    <message>
        <source>Stock in the drawer</source>
        <translation>Voorraad in de la</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Stop</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Gestopt.</translation>
    </message>
    <message>
        <source>Stopped. It begins again with the next change, or when you come back to this place.</source>
        <translation>Gestopt. Het begint weer bij de volgende wijziging, of als je hier terugkomt.</translation>
    </message>
    <message>
        <source>Stopped. Nothing was changed.</source>
        <translation>Gestopt. Er is niets veranderd.</translation>
    </message>
    <message>
        <source>Straight on top only the darker, covering ink shows. Otherwise stamp it first and mask it.</source>
        <translation>Direct eroverheen is alleen de donkerdere, dekkende inkt te zien. Stempel het anders eerst en maskeer het.</translation>
    </message>
    <message>
        <source>Straightening the picture</source>
        <translation>Het beeld wordt rechtgetrokken</translation>
    </message>
    <message>
        <source>Strength</source>
        <translation>Sterkte</translation>
    </message>
    <message>
        <source>Strength of %1</source>
        <translation>Sterkte van %1</translation>
    </message>
    <message>
        <source>Strips, plain shapes and things on paper of their own, what lies inside, the envelope.</source>
        <translation>Stroken, eenvoudige vormen en dingen op eigen papier, wat binnenin ligt, de envelop.</translation>
    </message>
    <message>
        <source>Suggest arrangements</source>
        <translation>Schikkingen voorstellen</translation>
    </message>
    <message>
        <source>Suggest four</source>
        <translation>Vier voorstellen</translation>
    </message>
    <message>
        <source>Suggest others</source>
        <translation>Andere voorstellen</translation>
    </message>
    <message>
        <source>Suggest three</source>
        <translation>Drie voorstellen</translation>
    </message>
    <message>
        <source>Suggested</source>
        <translation>Voorstel</translation>
    </message>
    <message>
        <source>Suggestions</source>
        <translation>Voorstellen</translation>
    </message>
    <message>
        <source>Supposed are careful hands: masks laid to %1, cut to %2.</source>
        <translation>Aangenomen zijn zorgvuldige handen: maskers tot op %1 gelegd, tot op %2 geknipt.</translation>
    </message>
    <message>
        <source>Table</source>
        <translation>Tabel</translation>
    </message>
    <message>
        <source>Tags</source>
        <translation>Trefwoorden</translation>
    </message>
    <message>
        <source>Take</source>
        <translation>Nemen</translation>
    </message>
    <message>
        <source>Take %1 away</source>
        <translation>%1 wegnemen</translation>
    </message>
    <message>
        <source>Take %1 instead</source>
        <translation>In plaats daarvan %1 nemen</translation>
    </message>
    <message>
        <source>Take %1 off</source>
        <translation>%1 eraf nemen</translation>
    </message>
    <message>
        <source>Take %1 stamps into the drawer</source>
        <translation>%1 stempels in de la leggen</translation>
    </message>
    <message>
        <source>Take a mat off</source>
        <translation>Een mat eraf nemen</translation>
    </message>
    <message>
        <source>Take a palette</source>
        <translation>Een palet nemen</translation>
    </message>
    <message>
        <source>Take a part away</source>
        <translation>Een deel wegnemen</translation>
    </message>
    <message>
        <source>Take a piece off</source>
        <translation>Een stuk eraf nemen</translation>
    </message>
    <message>
        <source>Take a seat</source>
        <translation>Plaatsnemen</translation>
    </message>
    <message>
        <source>Take a stamp with words from the drawer and put it on the card; then its place is found here.</source>
        <translation>Neem een stempel met woorden uit de la en zet het op de kaart; dan wordt hier zijn plek gevonden.</translation>
    </message>
    <message>
        <source>Take a variation off</source>
        <translation>Een variant eraf nemen</translation>
    </message>
    <message>
        <source>Take all colour off %1</source>
        <translation>Alle kleur van %1 nemen</translation>
    </message>
    <message>
        <source>Take colour off %1</source>
        <translation>Kleur van %1 nemen</translation>
    </message>
    <message>
        <source>Take colour out</source>
        <translation>Kleur weghalen</translation>
    </message>
    <message>
        <source>Take colour out of %1</source>
        <translation>Kleur uit %1 halen</translation>
    </message>
    <message>
        <source>Take in a drawer file</source>
        <translation>Labestand opnemen</translation>
    </message>
    <message>
        <source>Take it</source>
        <translation>Nemen</translation>
    </message>
    <message>
        <source>Take it &amp;off the card</source>
        <translation>Van de kaart n&amp;emen</translation>
    </message>
    <message>
        <source>Take it away</source>
        <translation>Wegnemen</translation>
    </message>
    <message>
        <source>Take it off the card</source>
        <translation>Van de kaart nemen</translation>
    </message>
    <message>
        <source>Take it off the plan</source>
        <translation>Van het plan nemen</translation>
    </message>
    <message>
        <source>Take it off the stock</source>
        <translation>Van de voorraad afboeken</translation>
    </message>
    <message>
        <source>Take it out of the log</source>
        <translation>Uit het logboek nemen</translation>
    </message>
    <message>
        <source>Take it up again</source>
        <translation>Weer opnemen</translation>
    </message>
    <message>
        <source>Take marks as one</source>
        <translation>Tekens als één nemen</translation>
    </message>
    <message>
        <source>Take mat %1 off</source>
        <translation>Mat %1 eraf nemen</translation>
    </message>
    <message>
        <source>Take me there</source>
        <translation>Breng me erheen</translation>
    </message>
    <message>
        <source>Take off</source>
        <translation>Eraf nemen</translation>
    </message>
    <message>
        <source>Take one stamp into the drawer</source>
        <translation>Eén stempel in de la leggen</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Eruit nemen</translation>
    </message>
    <message>
        <source>Take out %1</source>
        <translation>%1 eruit nemen</translation>
    </message>
    <message>
        <source>Take out a step</source>
        <translation>Een stap eruit nemen</translation>
    </message>
    <message>
        <source>Take the sample stamps</source>
        <translation>De voorbeeldstempels nemen</translation>
    </message>
    <message>
        <source>Take them into the drawer</source>
        <translation>In de la nemen</translation>
    </message>
    <message>
        <source>Take them off the card</source>
        <translation>Van de kaart nemen</translation>
    </message>
    <message>
        <source>Take this one</source>
        <translation>Deze nemen</translation>
    </message>
    <message>
        <source>Take up</source>
        <translation>Opnemen</translation>
    </message>
    <message>
        <source>Take “%1”</source>
        <translation>“%1” nemen</translation>
    </message>
    <message>
        <source>Takes</source>
        <translation>Neemt</translation>
    </message>
    <message>
        <source>Takes the colours of %1</source>
        <translation>Neemt de kleuren van %1</translation>
    </message>
    <message>
        <source>Taking up %1</source>
        <translation>%1 wordt weer opgepakt</translation>
    </message>
    <message>
        <source>Tape over</source>
        <translation>Afplakken</translation>
    </message>
    <message>
        <source>Tape the border</source>
        <translation>De rand afplakken</translation>
    </message>
    <message>
        <source>Tear %1</source>
        <translation>%1 scheuren</translation>
    </message>
    <message>
        <source>Tear it anew</source>
        <translation>Opnieuw scheuren</translation>
    </message>
    <message>
        <source>Tear the edge anew</source>
        <translation>De rand opnieuw scheuren</translation>
    </message>
    <message>
        <source>Tell me again</source>
        <translation>Zeg het me nog eens</translation>
    </message>
    <message>
        <source>Tell the scale another way, or straighten a photo</source>
        <translation>Zeg de schaal anders, of trek een foto recht</translation>
    </message>
    <message>
        <source>Text at %1 %</source>
        <translation>Tekst op %1 %</translation>
    </message>
    <message>
        <source>That cannot be tried</source>
        <translation>Dat kan niet geprobeerd worden</translation>
    </message>
    <message>
        <source>That card cannot be taken up: %1</source>
        <translation>Die kaart kan niet opgenomen worden: %1</translation>
    </message>
    <message>
        <source>That card is at the table in another window. Leave it there first.</source>
        <translation>Die kaart ligt in een ander venster op tafel. Ga daar eerst weg.</translation>
    </message>
    <message>
        <source>That is a whole card: near and far, one hero, a sky, and the order to stamp it in. Make it on paper, or leave it for now; it is kept.</source>
        <translation>Dat is een hele kaart: dichtbij en ver, één held, een lucht en de volgorde om te stempelen. Maak haar op papier of laat haar nog even; ze blijft bewaard.</translation>
    </message>
    <message>
        <source>That is it</source>
        <translation>Dat is het</translation>
    </message>
    <message>
        <source>That tall</source>
        <translation>Zo hoog</translation>
    </message>
    <message>
        <source>The %1 is in %2, %3 pages at true size.</source>
        <translation>%1 is in %2, %3 bladzijden op ware grootte.</translation>
    </message>
    <message>
        <source>The %1 is in %2, one page at true size.</source>
        <translation>In %2: %1, één pagina op ware grootte.</translation>
    </message>
    <message>
        <source>The %1 mat</source>
        <translation>De %1 mat</translation>
    </message>
    <message>
        <source>The %1, before it is printed</source>
        <translation>Voor het afdrukken: %1</translation>
    </message>
    <message>
        <source>The &amp;whole card</source>
        <translation>De &amp;hele kaart</translation>
    </message>
    <message>
        <source>The background</source>
        <translation>De achtergrond</translation>
    </message>
    <message>
        <source>The base</source>
        <translation>De dubbele kaart</translation>
    </message>
    <message>
        <source>The base is smaller than what lies on it: take a larger one, or narrower mats.</source>
        <translation>De dubbele kaart is kleiner dan wat erop ligt: neem een grotere, of smallere matten.</translation>
    </message>
    <message>
        <source>The base shows %1 more on one pair of sides than on the other.</source>
        <translation>Van de dubbele kaart is op één paar zijden %1 meer te zien dan op het andere.</translation>
    </message>
    <message>
        <source>The base, opened: cut on the line, score on the dots</source>
        <translation>De dubbele kaart, geopend: snijd op de lijn, ril op de stippen</translation>
    </message>
    <message>
        <source>The base: cut on the line</source>
        <translation>De dubbele kaart: snijd op de lijn</translation>
    </message>
    <message>
        <source>The blade trails</source>
        <translation>Het mes sleept na</translation>
    </message>
    <message>
        <source>The card</source>
        <translation>De kaart</translation>
    </message>
    <message>
        <source>The card and what is seen of it</source>
        <translation>De kaart en wat ervan gezien wordt</translation>
    </message>
    <message>
        <source>The card as it is before a light, a toned and a dark base or mat.</source>
        <translation>De kaart zoals hij is voor een lichte, een getinte en een donkere dubbele kaart of mat.</translation>
    </message>
    <message>
        <source>The card as it is now</source>
        <translation>De kaart zoals hij nu is</translation>
    </message>
    <message>
        <source>The card as it will look. Page Down goes from thing to thing, arrow keys move the chosen one, K keeps it chosen while Page Down goes on.</source>
        <translation>De kaart zoals hij eruit zal zien. Page Down gaat van ding naar ding, pijltoetsen verplaatsen het gekozene, K houdt het gekozen terwijl Page Down verdergaat.</translation>
    </message>
    <message>
        <source>The card at this step</source>
        <translation>De kaart bij deze stap</translation>
    </message>
    <message>
        <source>The card coloured</source>
        <translation>De kaart gekleurd</translation>
    </message>
    <message>
        <source>The card comes out as planned.</source>
        <translation>De kaart wordt zoals gepland.</translation>
    </message>
    <message>
        <source>The card differs here from what was planned.</source>
        <translation>De kaart is hier anders dan gepland.</translation>
    </message>
    <message>
        <source>The card drawn to scale</source>
        <translation>De kaart op schaal getekend</translation>
    </message>
    <message>
        <source>The card from an angle</source>
        <translation>De kaart schuin gezien</translation>
    </message>
    <message>
        <source>The card from the side</source>
        <translation>De kaart van opzij</translation>
    </message>
    <message>
        <source>The card has changed; ask again.</source>
        <translation>De kaart is veranderd; vraag het nog eens.</translation>
    </message>
    <message>
        <source>The card in the making could not be kept: %1</source>
        <translation>De kaart in de maak kon niet bewaard worden: %1</translation>
    </message>
    <message>
        <source>The card is %1 g heavier than your post takes. A lighter base or one mat less helps.</source>
        <translation>De kaart is %1 g zwaarder dan je post aanneemt. Een lichtere dubbele kaart of een mat minder helpt.</translation>
    </message>
    <message>
        <source>The card is %1 thicker than your post takes. Thinner foam, or something flat, helps.</source>
        <translation>De kaart is %1 dikker dan je post aanneemt. Dunner schuim, of iets vlaks, helpt.</translation>
    </message>
    <message>
        <source>The card is called “%1” instead of “%2”.</source>
        <translation>De kaart heet “%1” in plaats van “%2”.</translation>
    </message>
    <message>
        <source>The card is done</source>
        <translation>De kaart is klaar</translation>
    </message>
    <message>
        <source>The card is empty. Put a first stamp on it: it comes to where its size is right.</source>
        <translation>De kaart is leeg. Zet er een eerste stempel op: hij komt waar zijn maat klopt.</translation>
    </message>
    <message>
        <source>The card opened</source>
        <translation>De kaart geopend</translation>
    </message>
    <message>
        <source>The card that was begun is dropped.</source>
        <translation>De begonnen kaart is weggedaan.</translation>
    </message>
    <message>
        <source>The card tips to the left</source>
        <translation>De kaart kantelt naar links</translation>
    </message>
    <message>
        <source>The card tips to the right</source>
        <translation>De kaart kantelt naar rechts</translation>
    </message>
    <message>
        <source>The card to make</source>
        <translation>De te maken kaart</translation>
    </message>
    <message>
        <source>The card's plan cannot be read: %1</source>
        <translation>Het plan van de kaart is niet leesbaar: %1</translation>
    </message>
    <message>
        <source>The card, to be coloured by hand</source>
        <translation>De kaart, om met de hand te kleuren</translation>
    </message>
    <message>
        <source>The chapter</source>
        <translation>Het hoofdstuk</translation>
    </message>
    <message>
        <source>The chosen thing</source>
        <translation>Het gekozen ding</translation>
    </message>
    <message>
        <source>The chosen thing fills the view. The wheel, + and - look from nearer and farther; dragging with Shift held or the middle button moves the card.</source>
        <translation>Het gekozen ding vult het beeld. Het wiel, + en - kijken dichterbij en verder; slepen met Shift of de middelste knop verplaatst de kaart.</translation>
    </message>
    <message>
        <source>The colour of %1 jumps out</source>
        <translation>De kleur van %1 springt eruit</translation>
    </message>
    <message>
        <source>The curve on the walk shows how much ink the mist leaves at every distance.</source>
        <translation>De kromme op de wandeling toont hoeveel inkt de mist op elke afstand overlaat.</translation>
    </message>
    <message>
        <source>The cutting machine…</source>
        <translation>De snijmachine…</translation>
    </message>
    <message>
        <source>The darker side is the one away from the light.</source>
        <translation>De donkerdere kant is die van het licht af.</translation>
    </message>
    <message>
        <source>The drawer cannot be opened.</source>
        <translation>De la kan niet geopend worden.</translation>
    </message>
    <message>
        <source>The drawer is empty</source>
        <translation>De la is leeg</translation>
    </message>
    <message>
        <source>The drawer is packed in %1.</source>
        <translation>De la is ingepakt in %1.</translation>
    </message>
    <message>
        <source>The drawer is read-only: you can look and take, but nothing can be changed in it.</source>
        <translation>De la is alleen-lezen: je kunt kijken en nemen, maar er niets in veranderen.</translation>
    </message>
    <message>
        <source>The drawer keeps no mask of these stamps. After a card is made, its masks can be kept.</source>
        <translation>In de la ligt geen masker van deze stempels. Na het maken van een kaart kunnen zijn maskers bewaard worden.</translation>
    </message>
    <message>
        <source>The drawer was damaged and there is no backup. It was set aside as %1; this one begins empty.</source>
        <translation>De la was beschadigd en er is geen reservekopie. Hij is apart gelegd als %1; deze begint leeg.</translation>
    </message>
    <message>
        <source>The drawer was damaged. It was set aside as %1, and the backup from %2 took its place.</source>
        <translation>De la was beschadigd. Hij is apart gelegd als %1, en de reservekopie van %2 kwam ervoor in de plaats.</translation>
    </message>
    <message>
        <source>The drawing does not say its size in millimetres: how wide is all of it?</source>
        <translation>De tekening zegt haar maat niet in millimeters: hoe breed is ze in haar geheel?</translation>
    </message>
    <message>
        <source>The drawing says how large it is.</source>
        <translation>De tekening zegt hoe groot het is.</translation>
    </message>
    <message>
        <source>The envelope's flap, to be stamped</source>
        <translation>De te stempelen klep van de envelop</translation>
    </message>
    <message>
        <source>The eye begins at %1 instead of %2.</source>
        <translation>Het oog begint bij %1 in plaats van %2.</translation>
    </message>
    <message>
        <source>The eye goes where it looks; it needs more room before it than behind it.</source>
        <translation>Het oog gaat waarheen het kijkt; ervoor wil het meer ruimte dan erachter.</translation>
    </message>
    <message>
        <source>The eye still begins at %1.</source>
        <translation>Het oog begint nog steeds bij %1.</translation>
    </message>
    <message>
        <source>The eyes are at %1 instead of %2.</source>
        <translation>De ogen zijn op %1 in plaats van %2.</translation>
    </message>
    <message>
        <source>The file does not say how large it is. Mark something whose size you know.</source>
        <translation>Het bestand zegt niet hoe groot het is. Merk iets waarvan je de maat weet.</translation>
    </message>
    <message>
        <source>The finished card as a &amp;picture…</source>
        <translation>De klare kaart als &amp;beeld…</translation>
    </message>
    <message>
        <source>The finished card as a drawing in la&amp;yers…</source>
        <translation>De klare kaart als tekening in la&amp;gen…</translation>
    </message>
    <message>
        <source>The first %1 are shown. What is not can be typed.</source>
        <translation>De eerste %1 worden getoond. De rest kun je typen.</translation>
    </message>
    <message>
        <source>The first thing sets the view: seen from %1 it stands right. Under “The one viewpoint” it can be changed.</source>
        <translation>Het eerste ding bepaalt de blik: vanaf %1 gezien staat het goed. Onder “Het ene kijkpunt” is het te wijzigen.</translation>
    </message>
    <message>
        <source>The foot: arrow keys move it</source>
        <translation>De voet: pijltoetsen verplaatsen hem</translation>
    </message>
    <message>
        <source>The front</source>
        <translation>De voorkant</translation>
    </message>
    <message>
        <source>The greeting</source>
        <translation>De groet</translation>
    </message>
    <message>
        <source>The hero</source>
        <translation>De held</translation>
    </message>
    <message>
        <source>The hero against its surroundings</source>
        <translation>De held tegen zijn omgeving</translation>
    </message>
    <message>
        <source>The hero has %1 % of the pull; %2.</source>
        <translation>De held heeft %1 % van de aandacht; %2.</translation>
    </message>
    <message>
        <source>The hero has %1 of the pull; %2, %3.</source>
        <translation>De held heeft %1 van de aandacht; %2, %3.</translation>
    </message>
    <message>
        <source>The hero keeps its colour; everything else is stamped and blended in greys.</source>
        <translation>De held houdt zijn kleur; al het andere wordt in grijzen gestempeld en geveegd.</translation>
    </message>
    <message>
        <source>The hero should be seen whole, or nearly so.</source>
        <translation>De held moet helemaal te zien zijn, of bijna.</translation>
    </message>
    <message>
        <source>The horizon belongs at %1.</source>
        <translation>De horizon hoort op %1.</translation>
    </message>
    <message>
        <source>The horizon crosses %1 %2, and everything else of its height there too.</source>
        <translation>De horizon kruist %1 %2, en al het andere van zijn hoogte ook daar.</translation>
    </message>
    <message>
        <source>The horizon is %1 higher.</source>
        <translation>De horizon ligt %1 hoger.</translation>
    </message>
    <message>
        <source>The horizon is %1 lower.</source>
        <translation>De horizon ligt %1 lager.</translation>
    </message>
    <message>
        <source>The horizon runs through the head of %1</source>
        <translation>De horizon loopt door het hoofd van %1</translation>
    </message>
    <message>
        <source>The horizon would have to lie off the card, at %1.</source>
        <translation>De horizon zou naast de kaart moeten liggen, op %1.</translation>
    </message>
    <message>
        <source>The letters “%1” are longer than their line</source>
        <translation>De letters “%1” zijn langer dan hun lijn</translation>
    </message>
    <message>
        <source>The letters “%1” run into %2</source>
        <translation>De letters “%1” lopen in %2</translation>
    </message>
    <message>
        <source>The light</source>
        <translation>Het licht</translation>
    </message>
    <message>
        <source>The light comes from outside the picture, the same for everything.</source>
        <translation>Het licht komt van buiten het beeld, voor alles gelijk.</translation>
    </message>
    <message>
        <source>The light stands in the sky: every light side is the one toward it.</source>
        <translation>Het licht staat aan de hemel: elke lichte kant is die ernaartoe.</translation>
    </message>
    <message>
        <source>The line is</source>
        <translation>De lijn is</translation>
    </message>
    <message>
        <source>The line of work</source>
        <translation>De werkreeks</translation>
    </message>
    <message>
        <source>The lines of the picture lead past %1</source>
        <translation>De lijnen van het beeld leiden langs %1</translation>
    </message>
    <message>
        <source>The log cannot be opened: %1</source>
        <translation>Het logboek kan niet geopend worden: %1</translation>
    </message>
    <message>
        <source>The log's database was damaged. It was set aside as %1 and made anew from the journal.</source>
        <translation>De database van het logboek was beschadigd. Hij is apart gelegd als %1 en opnieuw gemaakt uit het journaal.</translation>
    </message>
    <message>
        <source>The machine: %1…</source>
        <translation>De machine: %1…</translation>
    </message>
    <message>
        <source>The maker of the blade tells it; 0 for a blade that is turned by the machine</source>
        <translation>De fabrikant van het mes zegt het; 0 voor een mes dat de machine draait</translation>
    </message>
    <message>
        <source>The mask of the stamp %1</source>
        <translation>Het masker van de stempel %1</translation>
    </message>
    <message>
        <source>The mask of what shows of %1</source>
        <translation>Het masker van wat er te zien is van %1</translation>
    </message>
    <message>
        <source>The mask that goes on %1 is still wet</source>
        <translation>Het masker dat op %1 gaat is nog nat</translation>
    </message>
    <message>
        <source>The masks</source>
        <translation>De maskers</translation>
    </message>
    <message>
        <source>The masks are still being laid out; try again in a moment.</source>
        <translation>De maskers worden nog uitgelegd; probeer het zo weer.</translation>
    </message>
    <message>
        <source>The mat</source>
        <translation>De mat</translation>
    </message>
    <message>
        <source>The mist leaves %1 % of its ink; pressed like this it has %2 %.</source>
        <translation>De mist laat %1 % van zijn inkt over; zo gedrukt heeft het %2 %.</translation>
    </message>
    <message>
        <source>The name; what is learnt is kept for each by itself.</source>
        <translation>De naam; wat er geleerd wordt, wordt voor ieder apart bewaard.</translation>
    </message>
    <message>
        <source>The next lesson</source>
        <translation>De volgende les</translation>
    </message>
    <message>
        <source>The next one</source>
        <translation>De volgende</translation>
    </message>
    <message>
        <source>The older drafts are in the wastebasket now, in case you miss one.</source>
        <translation>De oudere ontwerpen liggen nu in de prullenbak, voor het geval er een gemist wordt.</translation>
    </message>
    <message>
        <source>The one paper over %1</source>
        <translation>Het ene papier over %1</translation>
    </message>
    <message>
        <source>The one should lie over the other, yet in between %1 must be stamped. Printed over everything at the end, it is free of that.</source>
        <translation>Het ene moet over het andere liggen, maar daartussen moet %1 gestempeld worden. Aan het eind over alles gedrukt is het daar vrij van.</translation>
    </message>
    <message>
        <source>The one should lie over the other, yet what it covers is stamped in between. Printed over everything at the end, it is free of that.</source>
        <translation>Het ene moet over het andere liggen, maar wat het bedekt wordt daartussen gestempeld. Aan het eind over alles gedrukt is het daar vrij van.</translation>
    </message>
    <message>
        <source>The one thing that is measured has its right size.</source>
        <translation>Het ene gemeten ding heeft zijn juiste maat.</translation>
    </message>
    <message>
        <source>The one viewpoint</source>
        <translation>Het ene kijkpunt</translation>
    </message>
    <message>
        <source>The open plan has it as it was before you changed it here.</source>
        <translation>Het open plan heeft het zoals het was voor je het hier veranderde.</translation>
    </message>
    <message>
        <source>The other size</source>
        <translation>De andere maat</translation>
    </message>
    <message>
        <source>The outline is open at %1 places: close it?</source>
        <translation>De omtrek is op %1 plekken open: sluiten?</translation>
    </message>
    <message>
        <source>The outline is open at one place: close it?</source>
        <translation>De omtrek is op één plek open: sluiten?</translation>
    </message>
    <message>
        <source>The panel</source>
        <translation>De beeldkaart</translation>
    </message>
    <message>
        <source>The part of %1 is no straight one</source>
        <translation>Het deel van %1 is geen recht deel</translation>
    </message>
    <message>
        <source>The picture</source>
        <translation>De afbeelding</translation>
    </message>
    <message>
        <source>The print and its paper</source>
        <translation>De afdruk en zijn papier</translation>
    </message>
    <message>
        <source>The printed square was not found in this picture. It must be whole and not in shadow.</source>
        <translation>Het gedrukte vierkant is in dit beeld niet gevonden. Het moet heel zijn en niet in de schaduw.</translation>
    </message>
    <message>
        <source>The printer did not take the %1.</source>
        <translation>De printer nam %1 niet aan.</translation>
    </message>
    <message>
        <source>The proof</source>
        <translation>Het bewijs</translation>
    </message>
    <message>
        <source>The reading</source>
        <translation>De bevinding</translation>
    </message>
    <message>
        <source>The room</source>
        <translation>De kamer</translation>
    </message>
    <message>
        <source>The row from %1</source>
        <translation>De rij van %1</translation>
    </message>
    <message>
        <source>The row of %1 does not recede</source>
        <translation>De rij van %1 wijkt niet</translation>
    </message>
    <message>
        <source>The same card on each, and how much of the pull the hero has there.</source>
        <translation>Dezelfde kaart op elk, en hoeveel van de aandacht de held daar heeft.</translation>
    </message>
    <message>
        <source>The same once more</source>
        <translation>Hetzelfde nog eens</translation>
    </message>
    <message>
        <source>The same scene with other stamps, light or colours.</source>
        <translation>Dezelfde scène met andere stempels, ander licht of andere kleuren.</translation>
    </message>
    <message>
        <source>The sample stamps</source>
        <translation>De voorbeeldstempels</translation>
    </message>
    <message>
        <source>The saved plan cannot be read.</source>
        <translation>Het bewaarde plan kan niet gelezen worden.</translation>
    </message>
    <message>
        <source>The scanned sheet</source>
        <translation>Het gescande vel</translation>
    </message>
    <message>
        <source>The scene</source>
        <translation>De scène</translation>
    </message>
    <message>
        <source>The scene begins at %1 m</source>
        <translation>De scène begint op %1 m</translation>
    </message>
    <message>
        <source>The scene from the side. Up and down arrows go from thing to thing, left and right ones move the chosen thing nearer and farther; V takes hold of mist and other blends.</source>
        <translation>De scène van opzij. Pijl op en neer gaan van ding naar ding, links en rechts zetten het gekozene dichterbij en verder; V pakt mist en andere verlopen.</translation>
    </message>
    <message>
        <source>The shadow of %1 falls the wrong way</source>
        <translation>De schaduw van %1 valt verkeerd</translation>
    </message>
    <message>
        <source>The sheet for the class</source>
        <translation>Het blad voor de les</translation>
    </message>
    <message>
        <source>The sheets are out of the drawer, %1 offcuts are in it.</source>
        <translation>De vellen zijn uit de la, %1 reststukken zitten erin.</translation>
    </message>
    <message>
        <source>The sheets are out of the drawer, one offcut is in it.</source>
        <translation>De vellen zijn uit de la, één reststuk zit erin.</translation>
    </message>
    <message>
        <source>The sheets are out of the drawer.</source>
        <translation>De vellen zijn uit de la.</translation>
    </message>
    <message>
        <source>The sheets as they are cut</source>
        <translation>De vellen zoals ze gesneden worden</translation>
    </message>
    <message>
        <source>The shelf</source>
        <translation>De plank</translation>
    </message>
    <message>
        <source>The simulated card equals what you planned, but for the hair a hand leaves along masks.</source>
        <translation>De nagebootste kaart is wat je plande, op het haartje na dat een hand langs maskers laat.</translation>
    </message>
    <message>
        <source>The simulated card equals what you planned.</source>
        <translation>De gesimuleerde kaart is gelijk aan je plan.</translation>
    </message>
    <message>
        <source>The stamp</source>
        <translation>De stempel</translation>
    </message>
    <message>
        <source>The stamp and its mask</source>
        <translation>Het stempel en zijn masker</translation>
    </message>
    <message>
        <source>The stand-in makes this card with hands that err a little, and takes its picture.</source>
        <translation>De invaller maakt deze kaart met handen die een beetje missen en neemt er een beeld van.</translation>
    </message>
    <message>
        <source>The stand-in scanner is at work</source>
        <translation>De invalscanner is aan het werk</translation>
    </message>
    <message>
        <source>The step</source>
        <translation>De stap</translation>
    </message>
    <message>
        <source>The steps</source>
        <translation>De stappen</translation>
    </message>
    <message>
        <source>The steps in their order</source>
        <translation>De stappen op volgorde</translation>
    </message>
    <message>
        <source>The teacher has the masks cut</source>
        <translation>De maskers zijn al gesneden</translation>
    </message>
    <message>
        <source>The thing</source>
        <translation>Het ding</translation>
    </message>
    <message>
        <source>The thing, not the stamp: without it Havlo cannot say where it may stand</source>
        <translation>Het ding, niet het stempel: zonder dit kan Havlo niet zeggen waar het mag staan</translation>
    </message>
    <message>
        <source>The walk</source>
        <translation>De wandeling</translation>
    </message>
    <message>
        <source>The walk: the same scene from the side</source>
        <translation>De wandeling: dezelfde scène van opzij</translation>
    </message>
    <message>
        <source>The washes, in the order they are blended</source>
        <translation>De verlopen, in de volgorde waarin ze geveegd worden</translation>
    </message>
    <message>
        <source>The weight lies %1left of the middle (%2).</source>
        <translation>Het gewicht ligt %1links van het midden (%2).</translation>
    </message>
    <message>
        <source>The weight lies %1right of the middle (%2).</source>
        <translation>Het gewicht ligt %1rechts van het midden (%2).</translation>
    </message>
    <message>
        <source>The weight lies in the middle.</source>
        <translation>Het gewicht ligt in het midden.</translation>
    </message>
    <message>
        <source>The white of %1 lies under %2</source>
        <translation>Het wit van %1 ligt onder %2</translation>
    </message>
    <message>
        <source>The white of %1 stands on bare paper</source>
        <translation>Het wit van %1 staat op kaal papier</translation>
    </message>
    <message>
        <source>The whole card</source>
        <translation>De hele kaart</translation>
    </message>
    <message>
        <source>Their colours hardly differ. From about 10 on they are told apart at a glance.</source>
        <translation>Hun kleuren verschillen nauwelijks. Vanaf ongeveer 10 zijn ze in één oogopslag te onderscheiden.</translation>
    </message>
    <message>
        <source>Then the hero has %1 % of the pull instead of %2 %.</source>
        <translation>Dan heeft de held %1 % van de aandacht in plaats van %2 %.</translation>
    </message>
    <message>
        <source>There are</source>
        <translation>Er zijn</translation>
    </message>
    <message>
        <source>There are no stamps in this plan. Take some from your drawer, begin with the demo, or open a plan of yours.</source>
        <translation>In dit plan zijn geen stempels. Neem er wat uit je la, begin met de demo, of open een plan van jou.</translation>
    </message>
    <message>
        <source>There is</source>
        <translation>Er is</translation>
    </message>
    <message>
        <source>There is %1, of %2 of join in all.</source>
        <translation>Er is %1, van samen %2 naad.</translation>
    </message>
    <message>
        <source>There is no %1.</source>
        <translation>%1 bestaat niet.</translation>
    </message>
    <message>
        <source>There is no folder %1.</source>
        <translation>Een map %1 bestaat niet.</translation>
    </message>
    <message>
        <source>There is no greeting on the card.</source>
        <translation>Er is geen groet op de kaart.</translation>
    </message>
    <message>
        <source>There is no picture in this folder.</source>
        <translation>In deze map staat geen afbeelding.</translation>
    </message>
    <message>
        <source>There is no plain space</source>
        <translation>Er is geen rustige plek</translation>
    </message>
    <message>
        <source>There is no wastebasket where these drafts are. They stay here: %1.</source>
        <translation>Waar deze ontwerpen liggen is geen prullenbak. Ze blijven hier: %1.</translation>
    </message>
    <message>
        <source>There is not enough memory for this. Nothing was changed.</source>
        <translation>Hier is niet genoeg geheugen voor. Er is niets veranderd.</translation>
    </message>
    <message>
        <source>There is nothing on the card yet.</source>
        <translation>Er staat nog niets op de kaart.</translation>
    </message>
    <message>
        <source>There is nothing to explain here. F1 opens the handbook.</source>
        <translation>Hier valt niets uit te leggen. F1 opent het handboek.</translation>
    </message>
    <message>
        <source>There is nothing to make yet.</source>
        <translation>Er is nog niets te maken.</translation>
    </message>
    <message>
        <source>There is one size only: paler pressings and the spacing must do the rest.</source>
        <translation>Er is maar één maat: blekere drukken en de afstand moeten de rest doen.</translation>
    </message>
    <message>
        <source>These %1 to the wastebasket</source>
        <translation>Deze %1 naar de prullenbak</translation>
    </message>
    <message>
        <source>They are</source>
        <translation>Ze zijn</translation>
    </message>
    <message>
        <source>They need a base line of about %1: drag one.</source>
        <translation>Ze willen een basislijn van ongeveer %1: sleep er een.</translation>
    </message>
    <message>
        <source>They need about %1.</source>
        <translation>Ze willen ongeveer %1.</translation>
    </message>
    <message>
        <source>They touch and are covered together: one piece of paper does for all of them.</source>
        <translation>Ze raken elkaar en worden samen afgedekt: één stuk papier volstaat voor alle.</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>Dikte</translation>
    </message>
    <message>
        <source>Thickness of the paper</source>
        <translation>Dikte van het papier</translation>
    </message>
    <message>
        <source>Thing</source>
        <translation>Ding</translation>
    </message>
    <message>
        <source>Things are everywhere, above the ground too, and touch as they come.</source>
        <translation>Dingen zijn overal, ook boven de grond, en raken elkaar zoals het komt.</translation>
    </message>
    <message>
        <source>Things stand in layers here</source>
        <translation>Dingen staan hier in lagen</translation>
    </message>
    <message>
        <source>This &amp;point is for</source>
        <translation>Dit &amp;punt is voor</translation>
    </message>
    <message>
        <source>This card came from an older log, without its plan.</source>
        <translation>Deze kaart kwam uit een ouder logboek, zonder zijn plan.</translation>
    </message>
    <message>
        <source>This card has no viewpoint.</source>
        <translation>Deze kaart heeft geen kijkpunt.</translation>
    </message>
    <message>
        <source>This card is in no file yet. What you do is kept beside, and offered again after a fall.</source>
        <translation>Deze kaart zit nog in geen bestand. Wat je doet wordt ernaast bewaard en na een val weer aangeboden.</translation>
    </message>
    <message>
        <source>This card needs no mask.</source>
        <translation>Deze kaart heeft geen masker nodig.</translation>
    </message>
    <message>
        <source>This card on another size</source>
        <translation>Deze kaart op een andere maat</translation>
    </message>
    <message>
        <source>This card, arranged better</source>
        <translation>Deze kaart, beter geschikt</translation>
    </message>
    <message>
        <source>This card, done wholly one way</source>
        <translation>Deze kaart, helemaal op één manier</translation>
    </message>
    <message>
        <source>This card, freshened</source>
        <translation>Deze kaart, opgefrist</translation>
    </message>
    <message>
        <source>This computer</source>
        <translation>Deze computer</translation>
    </message>
    <message>
        <source>This could not be done (%1). Nothing was changed.</source>
        <translation>Dit kon niet gedaan worden (%1). Er is niets veranderd.</translation>
    </message>
    <message>
        <source>This could not be done. Nothing was changed.</source>
        <translation>Dit kon niet gedaan worden. Er is niets veranderd.</translation>
    </message>
    <message>
        <source>This folder</source>
        <translation>Deze map</translation>
    </message>
    <message>
        <source>This is a pattern all over the card</source>
        <translation>Dit is een patroon over de hele kaart</translation>
    </message>
    <message>
        <source>This is your own order, as good as the best.</source>
        <translation>Dit is je eigen volgorde, zo goed als de beste.</translation>
    </message>
    <message>
        <source>This is your own order.</source>
        <translation>Dit is je eigen volgorde.</translation>
    </message>
    <message>
        <source>This is your own order; the best takes %1 less.</source>
        <translation>Dit is je eigen volgorde; de beste kost %1 minder.</translation>
    </message>
    <message>
        <source>This one I know</source>
        <translation>Van deze weet ik</translation>
    </message>
    <message>
        <source>This part of the card is done</source>
        <translation>Dit deel van de kaart is klaar</translation>
    </message>
    <message>
        <source>This point is for nothing</source>
        <translation>Dit punt is nergens voor</translation>
    </message>
    <message>
        <source>This step before</source>
        <translation>Deze stap voor</translation>
    </message>
    <message>
        <source>This wants a hero and inks of colour, in the plan or in the drawer.</source>
        <translation>Dit wil een held en kleurige inkten, in het plan of in de la.</translation>
    </message>
    <message>
        <source>Tile or board</source>
        <translation>Tegel of plank</translation>
    </message>
    <message>
        <source>Tiles of %1 m</source>
        <translation>Tegels van %1 m</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Tijd</translation>
    </message>
    <message>
        <source>Time at the table: %1 min instead of %2.</source>
        <translation>Tijd aan tafel: %1 min in plaats van %2.</translation>
    </message>
    <message>
        <source>Time for blending</source>
        <translation>Tijd voor vegen</translation>
    </message>
    <message>
        <source>Time for colouring and lines by hand</source>
        <translation>Tijd voor kleuren en lijnen met de hand</translation>
    </message>
    <message>
        <source>Time for cutting masks</source>
        <translation>Tijd voor maskers knippen</translation>
    </message>
    <message>
        <source>Time for cutting, scoring and gluing</source>
        <translation>Tijd voor snijden, rillen en lijmen</translation>
    </message>
    <message>
        <source>Time for embossing</source>
        <translation>Tijd voor embossen</translation>
    </message>
    <message>
        <source>Time for laying and lifting masks</source>
        <translation>Tijd voor maskers leggen en optillen</translation>
    </message>
    <message>
        <source>Time for stamping</source>
        <translation>Tijd voor stempelen</translation>
    </message>
    <message>
        <source>Title of the card</source>
        <translation>Titel van de kaart</translation>
    </message>
    <message>
        <source>To get</source>
        <translation>Te halen</translation>
    </message>
    <message>
        <source>To stay in practice.</source>
        <translation>Om in oefening te blijven.</translation>
    </message>
    <message>
        <source>Too large for it: %1.</source>
        <translation>Te groot ervoor: %1.</translation>
    </message>
    <message>
        <source>Torn once; its two pieces serve the two sides.</source>
        <translation>Eén keer gescheurd; zijn twee stukken dienen de twee kanten.</translation>
    </message>
    <message>
        <source>Tracing</source>
        <translation>Wordt nagetrokken</translation>
    </message>
    <message>
        <source>Transparent ink vanishes on this paper: %1</source>
        <translation>Doorzichtige inkt verdwijnt op dit papier: %1</translation>
    </message>
    <message>
        <source>Tried ten thousand times with masks laid 0.4 mm and 0.7° off and cut 0.15 mm off (usual figures). A join shows when a gap or ink run in is wider than 0.3 mm.</source>
        <translation>Tienduizend keer geprobeerd met maskers die 0,4 mm en 0,7° ernaast liggen en 0,15 mm ernaast geknipt zijn (gewone waarden). Een naad is te zien als een opening of ingelopen inkt breder is dan 0,3 mm.</translation>
    </message>
    <message>
        <source>Trim the panel</source>
        <translation>De beeldkaart afsnijden</translation>
    </message>
    <message>
        <source>Trimming, tape and the mat take their share there.</source>
        <translation>Afsnijden, plakband en mat nemen daar hun deel.</translation>
    </message>
    <message>
        <source>True height of the marked rectangle</source>
        <translation>Ware hoogte van de gemerkte rechthoek</translation>
    </message>
    <message>
        <source>True length of the marked line</source>
        <translation>Ware lengte van de gemerkte lijn</translation>
    </message>
    <message>
        <source>True size, printed side up: turn them as you like, never flip them. Cut on the line.</source>
        <translation>Ware grootte, gedrukte kant boven: draai ze zoals je wilt, keer ze nooit om. Knip op de lijn.</translation>
    </message>
    <message>
        <source>True width of the marked rectangle</source>
        <translation>Ware breedte van de gemerkte rechthoek</translation>
    </message>
    <message>
        <source>Try a sample</source>
        <translation>Een voorbeeld proberen</translation>
    </message>
    <message>
        <source>Try a slip</source>
        <translation>Een vergissing proberen</translation>
    </message>
    <message>
        <source>Try the cutter</source>
        <translation>De snijder proberen</translation>
    </message>
    <message>
        <source>Try with a made-up picture</source>
        <translation>Met een gemaakt beeld proberen</translation>
    </message>
    <message>
        <source>Trying the joins</source>
        <translation>De naden worden beproefd</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Draai</translation>
    </message>
    <message>
        <source>Turn %1</source>
        <translation>%1 draaien</translation>
    </message>
    <message>
        <source>Turn %1 by %2°</source>
        <translation>%1 %2° draaien</translation>
    </message>
    <message>
        <source>Turn %1 to %2°</source>
        <translation>%1 op %2° draaien</translation>
    </message>
    <message>
        <source>Turn a piece</source>
        <translation>Een stuk draaien</translation>
    </message>
    <message>
        <source>Turn it</source>
        <translation>Draaien</translation>
    </message>
    <message>
        <source>Turn it round</source>
        <translation>Omdraaien</translation>
    </message>
    <message>
        <source>Turn it to %1°</source>
        <translation>Op %1° draaien</translation>
    </message>
    <message>
        <source>Turn the light</source>
        <translation>Het licht draaien</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Gedraaid</translation>
    </message>
    <message>
        <source>Type it as 2 3/8, 2.375in, 60mm or 6cm</source>
        <translation>Typ het als 2 3/8, 2,375in, 60mm of 6cm</translation>
    </message>
    <message>
        <source>Type the measure from the &amp;left</source>
        <translation>De maat van &amp;links typen</translation>
    </message>
    <message>
        <source>Type the measure from the botto&amp;m</source>
        <translation>De maat van &amp;onderen typen</translation>
    </message>
    <message>
        <source>Typical real height, metres</source>
        <translation>Gewone echte hoogte, meter</translation>
    </message>
    <message>
        <source>Uncolour</source>
        <translation>Ontkleuren</translation>
    </message>
    <message>
        <source>Uncover %1</source>
        <translation>%1 vrijmaken</translation>
    </message>
    <message>
        <source>Under Ink &amp; light, Background, add a wash: mist.</source>
        <translation>Voeg onder Inkt &amp; licht, Achtergrond een wassing toe: mist.</translation>
    </message>
    <message>
        <source>Under Ink &amp; light, Background, press A sky.</source>
        <translation>Druk onder Inkt &amp; licht, Achtergrond op Een lucht.</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Ongedaan</translation>
    </message>
    <message>
        <source>Undo: %1</source>
        <translation>Ongedaan: %1</translation>
    </message>
    <message>
        <source>Unfold</source>
        <translation>Ontvouwen</translation>
    </message>
    <message>
        <source>Unfold the walk</source>
        <translation>De wandeling ontvouwen</translation>
    </message>
    <message>
        <source>Unsaved work is not safe: %1</source>
        <translation>Niet opgeslagen werk is niet veilig: %1</translation>
    </message>
    <message>
        <source>Upright</source>
        <translation>Rechtop</translation>
    </message>
    <message>
        <source>Upright becomes lying, lying upright</source>
        <translation>Staand wordt liggend, liggend staand</translation>
    </message>
    <message>
        <source>Use it in this plan</source>
        <translation>In dit plan gebruiken</translation>
    </message>
    <message>
        <source>Use kept masks</source>
        <translation>Bewaarde maskers gebruiken</translation>
    </message>
    <message>
        <source>Use masks from the drawer</source>
        <translation>Maskers uit de la gebruiken</translation>
    </message>
    <message>
        <source>Use the printed square</source>
        <translation>Het gedrukte vierkant gebruiken</translation>
    </message>
    <message>
        <source>Usual heights</source>
        <translation>Gewone hoogten</translation>
    </message>
    <message>
        <source>Usual size</source>
        <translation>Gewone maat</translation>
    </message>
    <message>
        <source>Vary</source>
        <translation>Variëren</translation>
    </message>
    <message>
        <source>Vary the colours of %1</source>
        <translation>De kleuren van %1 variëren</translation>
    </message>
    <message>
        <source>Vary the footing, the turn, the crop or the ink of one.</source>
        <translation>Varieer de stand, de draai, de uitsnede of de inkt van één.</translation>
    </message>
    <message>
        <source>Very far away.</source>
        <translation>Heel ver weg.</translation>
    </message>
    <message>
        <source>Water</source>
        <translation>Water</translation>
    </message>
    <message>
        <source>Waves of the edge</source>
        <translation>Golven van de rand</translation>
    </message>
    <message>
        <source>Waves, high</source>
        <translation>Golven, hoog</translation>
    </message>
    <message>
        <source>Waves, long</source>
        <translation>Golven, lang</translation>
    </message>
    <message>
        <source>Ways out</source>
        <translation>Uitwegen</translation>
    </message>
    <message>
        <source>We said %1, it took %2.</source>
        <translation>We zeiden %1, het duurde %2.</translation>
    </message>
    <message>
        <source>What</source>
        <translation>Wat</translation>
    </message>
    <message>
        <source>What &amp;changed since it was saved</source>
        <translation>Wat er &amp;veranderd is sinds het bewaren</translation>
    </message>
    <message>
        <source>What Havlo has learnt</source>
        <translation>Wat Havlo geleerd heeft</translation>
    </message>
    <message>
        <source>What changed since it was saved</source>
        <translation>Wat er veranderd is sinds het bewaren</translation>
    </message>
    <message>
        <source>What do you &amp;begin with…</source>
        <translation>Waar &amp;begin je mee…</translation>
    </message>
    <message>
        <source>What do you begin with?</source>
        <translation>Waar begin je mee?</translation>
    </message>
    <message>
        <source>What do you want to do?</source>
        <translation>Wat wil je doen?</translation>
    </message>
    <message>
        <source>What do you want to do? Type a word of it: mask, gaps, print …</source>
        <translation>Wat wil je doen? Typ er een woord van: masker, ruimte, afdrukken …</translation>
    </message>
    <message>
        <source>What goes across a rim is stamped when all else is there, so it lies over it. Stamp it on the panel, or move it.</source>
        <translation>Wat over een rand gaat wordt gestempeld als al het andere er is, dus het ligt eroverheen. Stempel het op de beeldkaart, of verplaats het.</translation>
    </message>
    <message>
        <source>What happened</source>
        <translation>Wat er gebeurde</translation>
    </message>
    <message>
        <source>What if</source>
        <translation>Wat als</translation>
    </message>
    <message>
        <source>What if …</source>
        <translation>Wat als …</translation>
    </message>
    <message>
        <source>What is alone of its colour is found at once, however many there are.</source>
        <translation>Wat als enige zijn kleur heeft, vind je meteen, met hoeveel ze ook zijn.</translation>
    </message>
    <message>
        <source>What is done at each</source>
        <translation>Wat er bij elk gebeurt</translation>
    </message>
    <message>
        <source>What is it?</source>
        <translation>Wat is het?</translation>
    </message>
    <message>
        <source>What is it? “coat”, “left ear”</source>
        <translation>Wat is het? “jas”, “linkeroor”</translation>
    </message>
    <message>
        <source>What is left out is too large or too small for the others' ground.</source>
        <translation>Wat ontbreekt is te groot of te klein voor de grond van de andere.</translation>
    </message>
    <message>
        <source>What is lettered by hand wants its room kept plain.</source>
        <translation>Wat met de hand geschreven wordt wil zijn ruimte vrij.</translation>
    </message>
    <message>
        <source>What is listed</source>
        <translation>Wat er opgesomd is</translation>
    </message>
    <message>
        <source>What is seen first</source>
        <translation>Wat het eerst gezien wordt</translation>
    </message>
    <message>
        <source>What is stamped already and would be run over must be covered. Nothing else need be.</source>
        <translation>Wat al gestempeld is en overgelopen zou worden moet afgedekt zijn. Verder niets.</translation>
    </message>
    <message>
        <source>What is wanted</source>
        <translation>Wat er gewenst is</translation>
    </message>
    <message>
        <source>What is worth it now comes first; ten cards to put in order follow.</source>
        <translation>Wat het nu waard is komt eerst; tien kaarten om te ordenen volgen.</translation>
    </message>
    <message>
        <source>What it names is not there: %1. It is kept, and done again when that is back.</source>
        <translation>Wat het noemt is er niet: %1. Het blijft bewaard en wordt weer gedaan als dat terug is.</translation>
    </message>
    <message>
        <source>What it says</source>
        <translation>Wat het zegt</translation>
    </message>
    <message>
        <source>What it shows, its set, a tag</source>
        <translation>Wat het toont, zijn set, een trefwoord</translation>
    </message>
    <message>
        <source>What it takes</source>
        <translation>Wat het kost</translation>
    </message>
    <message>
        <source>What it took is off the stock.</source>
        <translation>Wat het kostte is van de voorraad af.</translation>
    </message>
    <message>
        <source>What it took of the stock</source>
        <translation>Wat het van de voorraad kostte</translation>
    </message>
    <message>
        <source>What leads</source>
        <translation>Wat leidt</translation>
    </message>
    <message>
        <source>What leads the eye</source>
        <translation>Wat het oog leidt</translation>
    </message>
    <message>
        <source>What lies under %1 stands on foam</source>
        <translation>Wat onder %1 ligt staat op schuim</translation>
    </message>
    <message>
        <source>What pulls</source>
        <translation>Wat trekt</translation>
    </message>
    <message>
        <source>What rises straight behind a head is taken for a part of it.</source>
        <translation>Wat recht achter een hoofd oprijst wordt voor een deel ervan gehouden.</translation>
    </message>
    <message>
        <source>What runs straight away from the viewer meets at one point of the horizon; nearly there looks bent.</source>
        <translation>Wat recht van de kijker wegloopt komt samen in één punt van de horizon; net ernaast lijkt verbogen.</translation>
    </message>
    <message>
        <source>What sits on or hangs from a thing must meet it, or it seems to fall.</source>
        <translation>Wat op een ding zit of eraan hangt moet het raken, anders lijkt het te vallen.</translation>
    </message>
    <message>
        <source>What stands against it: first %1. All else of the order is as it was.</source>
        <translation>Wat er tegen staat: eerst %1. Al het andere van de volgorde is zoals het was.</translation>
    </message>
    <message>
        <source>What stands out</source>
        <translation>Wat eruit springt</translation>
    </message>
    <message>
        <source>What the card took is off the stock.</source>
        <translation>Wat de kaart kostte is van de voorraad af.</translation>
    </message>
    <message>
        <source>What the post takes</source>
        <translation>Wat de post aanneemt</translation>
    </message>
    <message>
        <source>What the scene says</source>
        <translation>Wat de scène zegt</translation>
    </message>
    <message>
        <source>What was copied cannot be put on this card. %1</source>
        <translation>Wat gekopieerd is kan niet op deze kaart gezet worden. %1</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Wat er gevonden is</translation>
    </message>
    <message>
        <source>What was learnt</source>
        <translation>Wat geleerd is</translation>
    </message>
    <message>
        <source>What was not saved of a card without a title is kept.</source>
        <translation>Wat van een kaart zonder titel niet opgeslagen was is bewaard.</translation>
    </message>
    <message>
        <source>What was not saved of “%1” is kept.</source>
        <translation>Wat van “%1” niet opgeslagen was is bewaard.</translation>
    </message>
    <message>
        <source>What was shaded by hand agrees with it.</source>
        <translation>Wat met de hand beschaduwd is klopt ermee.</translation>
    </message>
    <message>
        <source>What went wrong?</source>
        <translation>Wat ging er mis?</translation>
    </message>
    <message>
        <source>Whatever reaches the line is as high as the eyes, %1.</source>
        <translation>Wat de lijn bereikt is zo hoog als de ogen, %1.</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Wanneer</translation>
    </message>
    <message>
        <source>When a card is made it stands here with its plan: how long it took, what went wrong, and, once you hold a scan or a photo of it against the plan, how it came out. What your hands tell is used for the next one.</source>
        <translation>Als een kaart gemaakt is staat hij hier met zijn plan: hoe lang het duurde, wat misging en, zodra je er een scan of foto tegen houdt, hoe hij werd. Wat je handen zeggen dient de volgende.</translation>
    </message>
    <message>
        <source>When each begins, by maker</source>
        <translation>Wanneer ieder begint</translation>
    </message>
    <message>
        <source>When it is dry, go over the line with a marker that nearly matches the ground.</source>
        <translation>Als het droog is, ga met een marker die bijna bij de grond past over de lijn.</translation>
    </message>
    <message>
        <source>When it is dry, take it off with a sand eraser, a little at a time. Do not breathe the dust in.</source>
        <translation>Als het droog is, haal het met een zandgum weg, beetje bij beetje. Adem het stof niet in.</translation>
    </message>
    <message>
        <source>Where</source>
        <translation>Waar</translation>
    </message>
    <message>
        <source>Where both lie, each takes away what the other lets through.</source>
        <translation>Waar beide liggen neemt elk weg wat de andere doorlaat.</translation>
    </message>
    <message>
        <source>Where does the horizon run? Drag the line there, or move it with the arrow keys.</source>
        <translation>Waar loopt de horizon? Sleep de lijn daarheen, of verplaats hem met de pijltoetsen.</translation>
    </message>
    <message>
        <source>Where it could stand</source>
        <translation>Waar hij zou kunnen staan</translation>
    </message>
    <message>
        <source>Where the horizon is</source>
        <translation>Waar de horizon is</translation>
    </message>
    <message>
        <source>Where these things could go so that the hero is seen more and less is left to mend. Tick what must stay where it is.</source>
        <translation>Waar deze dingen heen kunnen zodat de held meer opvalt en er minder te verbeteren blijft. Vink aan wat moet blijven waar het is.</translation>
    </message>
    <message>
        <source>Where to put the %1</source>
        <translation>Waar %1 moet komen</translation>
    </message>
    <message>
        <source>Which greeting</source>
        <translation>Welke groet</translation>
    </message>
    <message>
        <source>Which papers must lie</source>
        <translation>Welke papieren moeten liggen</translation>
    </message>
    <message>
        <source>Which surface is worked on</source>
        <translation>Aan welk vlak gewerkt wordt</translation>
    </message>
    <message>
        <source>Which way the fibres run</source>
        <translation>Welke kant de vezel op loopt</translation>
    </message>
    <message>
        <source>While it was made: %1</source>
        <translation>Tijdens het maken: %1</translation>
    </message>
    <message>
        <source>Who competes, and why</source>
        <translation>Wie wedijvert, en waarom</translation>
    </message>
    <message>
        <source>Who does what when, in hours and minutes; the numbers are those of the table, white needs no tool</source>
        <translation>Wie wat wanneer doet, in uren en minuten; de nummers zijn die van de tabel, wit heeft geen gereedschap nodig</translation>
    </message>
    <message>
        <source>Whole card</source>
        <translation>Hele kaart</translation>
    </message>
    <message>
        <source>Whose eyes</source>
        <translation>Wiens ogen</translation>
    </message>
    <message>
        <source>Whose hands are at work</source>
        <translation>Wiens handen aan het werk zijn</translation>
    </message>
    <message>
        <source>Wide</source>
        <translation>Breed</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Breedte</translation>
    </message>
    <message>
        <source>Width of %1</source>
        <translation>Breedte van %1</translation>
    </message>
    <message>
        <source>Width of a sheet</source>
        <translation>Breedte van een vel</translation>
    </message>
    <message>
        <source>Width of openings that are closed</source>
        <translation>Breedte van openingen die gesloten worden</translation>
    </message>
    <message>
        <source>Width of the border</source>
        <translation>Breedte van de rand</translation>
    </message>
    <message>
        <source>Width of the folded base</source>
        <translation>Breedte van de gevouwen dubbele kaart</translation>
    </message>
    <message>
        <source>Width of the line</source>
        <translation>Breedte van de lijn</translation>
    </message>
    <message>
        <source>Width of the masking sheet</source>
        <translation>Breedte van het maskeervel</translation>
    </message>
    <message>
        <source>Width of the panel</source>
        <translation>Breedte van de beeldkaart</translation>
    </message>
    <message>
        <source>Width of the piece</source>
        <translation>Breedte van het stuk</translation>
    </message>
    <message>
        <source>Wipe %1 clean</source>
        <translation>%1 schoon vegen</translation>
    </message>
    <message>
        <source>Wipe the pad nearly dry</source>
        <translation>Het kussen bijna droog vegen</translation>
    </message>
    <message>
        <source>Wishes</source>
        <translation>Wensen</translation>
    </message>
    <message>
        <source>With</source>
        <translation>Met</translation>
    </message>
    <message>
        <source>With %1 once more they are done %2 earlier.</source>
        <translation>Met %1 nog eens zijn ze %2 eerder klaar.</translation>
    </message>
    <message>
        <source>With a</source>
        <translation>Met een</translation>
    </message>
    <message>
        <source>With children, blades, the heat tool and solvents stay with the teacher; small parts are kept from the very young. The makers' labels and the rules of the place go before this sheet.</source>
        <translation>Met kinderen blijven messen, heteluchtapparaat en oplosmiddelen bij de leerkracht; kleine onderdelen houdt men bij de allerkleinsten weg. De etiketten van de fabrikanten en de regels ter plaatse gaan voor dit blad.</translation>
    </message>
    <message>
        <source>With marks, print the PDF at its true size, lay the sheet in, and cut the other file: the machine's eye finds where the sheet lies</source>
        <translation>Met merken: druk de PDF op ware grootte af, leg het vel in en snijd het andere bestand; het oog van de machine vindt waar het vel ligt</translation>
    </message>
    <message>
        <source>With room for a second word above it</source>
        <translation>Met ruimte voor een tweede woord erboven</translation>
    </message>
    <message>
        <source>With room for a second word below it</source>
        <translation>Met ruimte voor een tweede woord eronder</translation>
    </message>
    <message>
        <source>With these stamps and pads it cannot be less than %1.</source>
        <translation>Met deze stempels en kussens kan het niet minder zijn dan %1.</translation>
    </message>
    <message>
        <source>Without a place where nothing is, the hero has nothing to stand out from.</source>
        <translation>Zonder een plek waar niets is kan de held nergens van afsteken.</translation>
    </message>
    <message>
        <source>Without masks on %1 about %2 of what is behind would show through; %3 saved.</source>
        <translation>Zonder maskers op %1 zou ongeveer %2 van wat erachter is doorschijnen; %3 gespaard.</translation>
    </message>
    <message>
        <source>Without one thing that is meant to be seen first, all of them compete.</source>
        <translation>Zonder één ding dat het eerst moet opvallen wedijveren ze allemaal.</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Woorden</translation>
    </message>
    <message>
        <source>Work on a card without a title from %1 was not saved. It is still here.</source>
        <translation>Werk aan een kaart zonder titel van %1 was niet opgeslagen. Het is er nog.</translation>
    </message>
    <message>
        <source>Work on a piece of %1 and trim it to %2 at the end.</source>
        <translation>Werk op een stuk van %1 en snijd het aan het eind tot %2.</translation>
    </message>
    <message>
        <source>Work on “%1” from %2 was not saved. It is still here.</source>
        <translation>Werk aan “%1” van %2 was niet opgeslagen. Het is er nog.</translation>
    </message>
    <message>
        <source>Work that was &amp;not saved</source>
        <translation>&amp;Niet opgeslagen werk</translation>
    </message>
    <message>
        <source>Work with the left hand</source>
        <translation>Met de linkerhand werken</translation>
    </message>
    <message>
        <source>Work with the right hand</source>
        <translation>Met de rechterhand werken</translation>
    </message>
    <message>
        <source>Working allowance of %1</source>
        <translation>Werktoegift van %1</translation>
    </message>
    <message>
        <source>Working allowance on every side</source>
        <translation>Werktoegift aan elke kant</translation>
    </message>
    <message>
        <source>Working it out …</source>
        <translation>Wordt uitgerekend …</translation>
    </message>
    <message>
        <source>Would stand right at this many metres in the open scene</source>
        <translation>Zou in de open scène op zoveel meter goed staan</translation>
    </message>
    <message>
        <source>Write down what happened; it is kept with this card.</source>
        <translation>Schrijf op wat er gebeurde; het blijft bij deze kaart.</translation>
    </message>
    <message>
        <source>Write instead</source>
        <translation>In plaats daarvan schrijven</translation>
    </message>
    <message>
        <source>Write it down and go on</source>
        <translation>Schrijf het op en ga verder</translation>
    </message>
    <message>
        <source>Write it in the log</source>
        <translation>In het logboek schrijven</translation>
    </message>
    <message>
        <source>Write it into %1</source>
        <translation>In %1 schrijven</translation>
    </message>
    <message>
        <source>Write it into my ink</source>
        <translation>In mijn inkt schrijven</translation>
    </message>
    <message>
        <source>Write the words, then drag a base line for them. The letters are yours; here they keep the room.</source>
        <translation>Schrijf de woorden en sleep er dan een basislijn voor. De letters zijn van jou; hier houden ze de ruimte vrij.</translation>
    </message>
    <message>
        <source>Write them as percentages from 0 to 100, the first pressing first.</source>
        <translation>Schrijf ze als procenten van 0 tot 100, de eerste druk eerst.</translation>
    </message>
    <message>
        <source>Writing %1</source>
        <translation>%1 wordt geschreven</translation>
    </message>
    <message>
        <source>Writing the %1</source>
        <translation>%1 wordt geschreven</translation>
    </message>
    <message>
        <source>Wrong</source>
        <translation>Fout</translation>
    </message>
    <message>
        <source>Yes, a pattern</source>
        <translation>Ja, een patroon</translation>
    </message>
    <message>
        <source>Yes, by eye</source>
        <translation>Ja, op het oog</translation>
    </message>
    <message>
        <source>Yes, on purpose</source>
        <translation>Ja, met opzet</translation>
    </message>
    <message>
        <source>You buy</source>
        <translation>Je koopt</translation>
    </message>
    <message>
        <source>You laid %1 covers; %2 are enough in another order.</source>
        <translation>Je legde %1 afdekkingen; in een andere volgorde zijn er %2 genoeg.</translation>
    </message>
    <message>
        <source>You left %1 slender parts off the mask, %2.</source>
        <translation>Je liet %1 smalle delen van het masker, %2.</translation>
    </message>
    <message>
        <source>You left a %1 off the mask.</source>
        <translation>Je liet een %1 van het masker.</translation>
    </message>
    <message>
        <source>You shaded it from where the scene's light does not come. All shading must agree with one light.</source>
        <translation>Je beschaduwde het alsof het licht van elders komt. Alle schaduw moet bij één licht kloppen.</translation>
    </message>
    <message>
        <source>Your card has up to %1 papers lying at once.</source>
        <translation>Op je kaart liggen tot %1 papieren tegelijk.</translation>
    </message>
    <message>
        <source>Your card mixes covering and stamping over.</source>
        <translation>Je kaart mengt afdekken en eroverheen stempelen.</translation>
    </message>
    <message>
        <source>Your card needs a paper to lie.</source>
        <translation>Je kaart wil een papier dat ligt.</translation>
    </message>
    <message>
        <source>Your hand</source>
        <translation>Je hand</translation>
    </message>
    <message>
        <source>Your hands, from %1 cards: masks laid to %2, cut to %3.</source>
        <translation>Je handen, uit %1 kaarten: maskers tot op %2 gelegd, tot op %3 geknipt.</translation>
    </message>
    <message>
        <source>Your hands, from 1 card: masks laid to %1, cut to %2.</source>
        <translation>Je handen, uit 1 kaart: maskers tot op %1 gelegd, tot op %2 geknipt.</translation>
    </message>
    <message>
        <source>Your own card</source>
        <translation>Je eigen kaart</translation>
    </message>
    <message>
        <source>Your own step</source>
        <translation>Je eigen stap</translation>
    </message>
    <message>
        <source>Your papers lie farther off than papers usually do.</source>
        <translation>Je papieren liggen verder ernaast dan papieren gewoonlijk doen.</translation>
    </message>
    <message>
        <source>Your post takes</source>
        <translation>Je post neemt</translation>
    </message>
    <message>
        <source>Your stamps</source>
        <translation>Je stempels</translation>
    </message>
    <message>
        <source>Your stamps: Return puts one on the card</source>
        <translation>Je stempels: Return zet er een op de kaart</translation>
    </message>
    <message>
        <source>Your steps</source>
        <translation>Je stappen</translation>
    </message>
    <message>
        <source>Yours is not pressed yet</source>
        <translation>Die van jou is nog niet gedrukt</translation>
    </message>
    <message>
        <source>Yours kept %1 % of its contrast: too dark.</source>
        <translation>De jouwe hield %1 % van zijn contrast: te donker.</translation>
    </message>
    <message>
        <source>Yours kept %1 % of its contrast: too pale.</source>
        <translation>De jouwe hield %1 % van zijn contrast: te bleek.</translation>
    </message>
    <message>
        <source>Zip</source>
        <translation>Zip</translation>
    </message>
    <message>
        <source>a blend</source>
        <translation>een verloop</translation>
    </message>
    <message>
        <source>a blending tool</source>
        <translation>een veegwerktuig</translation>
    </message>
    <message>
        <source>a blending tool for each wash</source>
        <translation>een veegwerktuig voor elk verloop</translation>
    </message>
    <message>
        <source>a brush, water and %1</source>
        <translation>een kwast, water en %1</translation>
    </message>
    <message>
        <source>a card is larger than 20 mm each way</source>
        <translation>een kaart is in elke richting groter dan 20 mm</translation>
    </message>
    <message>
        <source>a card without a title</source>
        <translation>een kaart zonder titel</translation>
    </message>
    <message>
        <source>a crowd needs stamps</source>
        <translation>een menigte heeft stempels nodig</translation>
    </message>
    <message>
        <source>a cut is %1 wide</source>
        <translation>een snede is %1 breed</translation>
    </message>
    <message>
        <source>a damp cloth</source>
        <translation>een vochtige doek</translation>
    </message>
    <message>
        <source>a die cuts its outline</source>
        <translation>een stans snijdt zijn omtrek</translation>
    </message>
    <message>
        <source>a disc of %1 out of masking paper; keep the sheet too</source>
        <translation>een schijf van %1 uit maskeerpapier; bewaar ook het vel</translation>
    </message>
    <message>
        <source>a distance is more than nothing</source>
        <translation>een afstand is meer dan niets</translation>
    </message>
    <message>
        <source>a distance must be more than nothing</source>
        <translation>een afstand moet meer dan niets zijn</translation>
    </message>
    <message>
        <source>a fine pen</source>
        <translation>een fijne pen</translation>
    </message>
    <message>
        <source>a hair</source>
        <translation>een haar</translation>
    </message>
    <message>
        <source>a lantern near by</source>
        <translation>een lantaarn dichtbij</translation>
    </message>
    <message>
        <source>a lifted spot</source>
        <translation>een opgelichte plek</translation>
    </message>
    <message>
        <source>a light near by, %1 above the ground</source>
        <translation>een licht dichtbij, %1 boven de grond</translation>
    </message>
    <message>
        <source>a line</source>
        <translation>een lijn</translation>
    </message>
    <message>
        <source>a line across the stamp wants two ends</source>
        <translation>een lijn door de stempel heeft twee einden nodig</translation>
    </message>
    <message>
        <source>a line by hand</source>
        <translation>een lijn met de hand</translation>
    </message>
    <message>
        <source>a line joined</source>
        <translation>een aangesloten lijn</translation>
    </message>
    <message>
        <source>a line runs to %1, %2 mm: farther than any sheet</source>
        <translation>een lijn loopt tot %1, %2 mm: verder dan elk vel</translation>
    </message>
    <message>
        <source>a little</source>
        <translation>een beetje</translation>
    </message>
    <message>
        <source>a little </source>
        <translation>een beetje </translation>
    </message>
    <message>
        <source>a long soft edge</source>
        <translation>een lange zachte rand</translation>
    </message>
    <message>
        <source>a marker</source>
        <translation>een marker</translation>
    </message>
    <message>
        <source>a mask at hand has at least one use left</source>
        <translation>een masker dat er is kan nog minstens één keer dienen</translation>
    </message>
    <message>
        <source>a mask of a stamp that is not there</source>
        <translation>een masker van een stempel dat er niet is</translation>
    </message>
    <message>
        <source>a mask of what shows of %1</source>
        <translation>een masker van wat van %1 te zien is</translation>
    </message>
    <message>
        <source>a mask that goes from card to card</source>
        <translation>een masker dat van kaart naar kaart gaat</translation>
    </message>
    <message>
        <source>a mask would keep out next to nothing here</source>
        <translation>een masker zou hier bijna niets tegenhouden</translation>
    </message>
    <message>
        <source>a measure beyond 5 m</source>
        <translation>een maat van meer dan 5 m</translation>
    </message>
    <message>
        <source>a name, or a whole path</source>
        <translation>een naam, of een heel pad</translation>
    </message>
    <message>
        <source>a new %1</source>
        <translation>een nieuwe %1</translation>
    </message>
    <message>
        <source>a new one</source>
        <translation>een nieuwe</translation>
    </message>
    <message>
        <source>a notch to feel</source>
        <translation>een keep om te voelen</translation>
    </message>
    <message>
        <source>a page of the PDF has no size</source>
        <translation>een bladzijde van de PDF heeft geen maat</translation>
    </message>
    <message>
        <source>a panel's sides are from 5 to 2000 mm</source>
        <translation>de zijden van een paneel zijn 5 tot 2000 mm</translation>
    </message>
    <message>
        <source>a part</source>
        <translation>een deel</translation>
    </message>
    <message>
        <source>a part of its own shape</source>
        <translation>een deel van eigen vorm</translation>
    </message>
    <message>
        <source>a picture of patterned or prepared paper, scanned or photographed</source>
        <translation>een beeld van papier met patroon of bewerkt papier, gescand of gefotografeerd</translation>
    </message>
    <message>
        <source>a piece needs a width and a height above 0</source>
        <translation>een stuk heeft een breedte en hoogte boven 0 nodig</translation>
    </message>
    <message>
        <source>a place at the edge of the card</source>
        <translation>een plek aan de rand van de kaart</translation>
    </message>
    <message>
        <source>a plate, not a stamp</source>
        <translation>een plaat, geen stempel</translation>
    </message>
    <message>
        <source>a point has only one coordinate</source>
        <translation>een punt heeft maar één coördinaat</translation>
    </message>
    <message>
        <source>a quarter of the way up</source>
        <translation>een kwart van de hoogte</translation>
    </message>
    <message>
        <source>a real height must be more than 0, least before typical before most</source>
        <translation>een werkelijke hoogte is meer dan 0, de kleinste voor de gewone voor de grootste</translation>
    </message>
    <message>
        <source>a ring</source>
        <translation>een ring</translation>
    </message>
    <message>
        <source>a ring needs at least three points</source>
        <translation>een ring heeft minstens drie punten nodig</translation>
    </message>
    <message>
        <source>a ring that covers no area</source>
        <translation>een ring zonder oppervlak</translation>
    </message>
    <message>
        <source>a room cannot be fitted to another size: its walls are where they are</source>
        <translation>een kamer past niet in een andere maat: zijn muren zijn waar ze zijn</translation>
    </message>
    <message>
        <source>a row must begin on the ground, below the horizon</source>
        <translation>een rij moet op de grond beginnen, onder de horizon</translation>
    </message>
    <message>
        <source>a row needs a stamp</source>
        <translation>een rij heeft een stempel nodig</translation>
    </message>
    <message>
        <source>a sand eraser</source>
        <translation>een zandgum</translation>
    </message>
    <message>
        <source>a scan of one stamp pressed again and again without inking, in reading order</source>
        <translation>een scan van één stempel dat zonder inkt steeds weer gedrukt is, in leesvolgorde</translation>
    </message>
    <message>
        <source>a scan of patches of your inks and markers side by side on white paper</source>
        <translation>een scan van vlekken van je inkten en markers naast elkaar op wit papier</translation>
    </message>
    <message>
        <source>a school is needed for every impression</source>
        <translation>elke afdruk heeft een manier nodig</translation>
    </message>
    <message>
        <source>a scoring tool</source>
        <translation>rilgereedschap</translation>
    </message>
    <message>
        <source>a size of your own</source>
        <translation>een eigen maat</translation>
    </message>
    <message>
        <source>a small thing by hand</source>
        <translation>iets kleins met de hand</translation>
    </message>
    <message>
        <source>a soft dry cloth</source>
        <translation>een zachte droge doek</translation>
    </message>
    <message>
        <source>a soft edge is from 0 to 200 mm wide</source>
        <translation>een zachte rand is 0 tot 200 mm breed</translation>
    </message>
    <message>
        <source>a soft pencil, a ruler and an eraser</source>
        <translation>een zacht potlood, een liniaal en een gum</translation>
    </message>
    <message>
        <source>a sponge, dabbed</source>
        <translation>een spons, gedept</translation>
    </message>
    <message>
        <source>a spray</source>
        <translation>een spuit</translation>
    </message>
    <message>
        <source>a stencil of %1 slits that meet at one point</source>
        <translation>een sjabloon van %1 sleuven die in één punt samenkomen</translation>
    </message>
    <message>
        <source>a step is missing</source>
        <translation>er ontbreekt een stap</translation>
    </message>
    <message>
        <source>a step is there twice or belongs to another plan</source>
        <translation>een stap staat er twee keer of hoort bij een ander plan</translation>
    </message>
    <message>
        <source>a test strip needs at least two pressings</source>
        <translation>een proefstrook heeft minstens twee drukken nodig</translation>
    </message>
    <message>
        <source>a test strip needs at least two pressings side by side, with room between them</source>
        <translation>een proefstrook heeft minstens twee drukken naast elkaar nodig, met ruimte ertussen</translation>
    </message>
    <message>
        <source>a thing cannot stand on itself</source>
        <translation>een ding kan niet op zichzelf staan</translation>
    </message>
    <message>
        <source>a third of the way up</source>
        <translation>een derde van de hoogte</translation>
    </message>
    <message>
        <source>a tick to see</source>
        <translation>een streepje om te zien</translation>
    </message>
    <message>
        <source>a trimmer loses nothing; scissors want a little</source>
        <translation>een snijapparaat verliest niets; een schaar wil een beetje</translation>
    </message>
    <message>
        <source>a wash reaches from nothing to all of its area</source>
        <translation>een overgang reikt van niets tot zijn hele vlak</translation>
    </message>
    <message>
        <source>a wet brush</source>
        <translation>een natte kwast</translation>
    </message>
    <message>
        <source>a white gap of %1 over %2</source>
        <translation>een witte opening van %1 over %2</translation>
    </message>
    <message>
        <source>a white gap of up to %1 beside %2, along %3</source>
        <translation>een witte opening tot %1 naast %2, langs %3</translation>
    </message>
    <message>
        <source>a wish</source>
        <translation>een wens</translation>
    </message>
    <message>
        <source>about %1</source>
        <translation>ongeveer %1</translation>
    </message>
    <message>
        <source>about a third of what it bears is used</source>
        <translation>ongeveer een derde van wat hij draagt is gebruikt</translation>
    </message>
    <message>
        <source>about as much is used as it bears</source>
        <translation>er is ongeveer zoveel gebruikt als hij draagt</translation>
    </message>
    <message>
        <source>about half of what it bears is used</source>
        <translation>ongeveer de helft van wat hij draagt is gebruikt</translation>
    </message>
    <message>
        <source>about three quarters of what it bears are used</source>
        <translation>ongeveer drie kwart van wat hij draagt is gebruikt</translation>
    </message>
    <message>
        <source>above a line</source>
        <translation>boven een lijn</translation>
    </message>
    <message>
        <source>above it</source>
        <translation>erboven</translation>
    </message>
    <message>
        <source>across the rim</source>
        <translation>over de rand</translation>
    </message>
    <message>
        <source>add wash blend</source>
        <translation>toevoegen verloop blenden</translation>
    </message>
    <message>
        <source>adhesive strip or slow glue, about %1</source>
        <translation>kleefstroken of langzame lijm, ongeveer %1</translation>
    </message>
    <message>
        <source>adhesive: strips that hold at once, or glue that leaves time to push</source>
        <translation>lijm: stroken die meteen houden, of lijm die tijd laat om te schuiven</translation>
    </message>
    <message>
        <source>ahead to the left</source>
        <translation>vooruit naar links</translation>
    </message>
    <message>
        <source>ahead to the right</source>
        <translation>vooruit naar rechts</translation>
    </message>
    <message>
        <source>akin</source>
        <translation>verwant</translation>
    </message>
    <message>
        <source>align ground line</source>
        <translation>uitlijnen grondlijn</translation>
    </message>
    <message>
        <source>all %1, the best at each place</source>
        <translation>alle %1, de beste op elke plek</translation>
    </message>
    <message>
        <source>all alike</source>
        <translation>alle gelijk</translation>
    </message>
    <message>
        <source>all in one go: </source>
        <translation>alle in één keer: </translation>
    </message>
    <message>
        <source>all ink is dry; with a soft eraser, before any colour goes on</source>
        <translation>alle inkt is droog; met een zachte gum, voor er kleur op komt</translation>
    </message>
    <message>
        <source>all of it</source>
        <translation>alles ervan</translation>
    </message>
    <message>
        <source>all of it has had its time; touch it to be sure</source>
        <translation>alles heeft zijn tijd gehad; voel even om zeker te zijn</translation>
    </message>
    <message>
        <source>all over</source>
        <translation>overal</translation>
    </message>
    <message>
        <source>along the bottom</source>
        <translation>langs de onderkant</translation>
    </message>
    <message>
        <source>along the top</source>
        <translation>langs de bovenkant</translation>
    </message>
    <message>
        <source>along the top only</source>
        <translation>alleen langs de bovenkant</translation>
    </message>
    <message>
        <source>along what shows of it</source>
        <translation>langs wat ervan te zien is</translation>
    </message>
    <message>
        <source>amber</source>
        <translation>barnsteen</translation>
    </message>
    <message>
        <source>an act cannot come before itself</source>
        <translation>een handeling kan niet voor zichzelf komen</translation>
    </message>
    <message>
        <source>an opening of %1 by %2 in a sheet of masking paper</source>
        <translation>een opening van %1 bij %2 in een vel maskeerpapier</translation>
    </message>
    <message>
        <source>an opening wants a width and a height</source>
        <translation>een opening heeft een breedte en een hoogte nodig</translation>
    </message>
    <message>
        <source>an outline</source>
        <translation>een omtrek</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>en nog %1</translation>
    </message>
    <message>
        <source>and for colouring %1</source>
        <translation>en voor het kleuren %1</translation>
    </message>
    <message>
        <source>and more: see the list of what the cards need</source>
        <translation>en meer: zie de lijst van wat de kaarten nodig hebben</translation>
    </message>
    <message>
        <source>animal</source>
        <translation>dier</translation>
    </message>
    <message>
        <source>another colour</source>
        <translation>een andere kleur</translation>
    </message>
    <message>
        <source>another hero or other words on some of the cards</source>
        <translation>een andere held of andere woorden op sommige van de kaarten</translation>
    </message>
    <message>
        <source>another program is using the drawer</source>
        <translation>een ander programma gebruikt de la</translation>
    </message>
    <message>
        <source>another program is using the drawer. Nothing was changed</source>
        <translation>een ander programma gebruikt de la. Er is niets veranderd</translation>
    </message>
    <message>
        <source>another program is using the log</source>
        <translation>een ander programma gebruikt het logboek</translation>
    </message>
    <message>
        <source>another program is using the log. Nothing was changed</source>
        <translation>een ander programma gebruikt het logboek. Er is niets veranderd</translation>
    </message>
    <message>
        <source>another stamp or ink …</source>
        <translation>een ander stempel of andere inkt …</translation>
    </message>
    <message>
        <source>any facing</source>
        <translation>kijkrichting om het even</translation>
    </message>
    <message>
        <source>arch</source>
        <translation>boog</translation>
    </message>
    <message>
        <source>archival</source>
        <translation>archiefvast</translation>
    </message>
    <message>
        <source>arrow keys move it</source>
        <translation>pijltoetsen verplaatsen het</translation>
    </message>
    <message>
        <source>as far away as %1</source>
        <translation>zo ver weg als %1</translation>
    </message>
    <message>
        <source>as is usual for it</source>
        <translation>zoals er gewoon voor is</translation>
    </message>
    <message>
        <source>as is usual; no card says more yet</source>
        <translation>zoals gewoonlijk; nog geen kaart zegt meer</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>zoals het is</translation>
    </message>
    <message>
        <source>as it is: %1</source>
        <translation>zoals het is: %1</translation>
    </message>
    <message>
        <source>as its kind usually does</source>
        <translation>zoals zijn soort het gewoonlijk doet</translation>
    </message>
    <message>
        <source>as measured</source>
        <translation>zoals gemeten</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>zoals gepland</translation>
    </message>
    <message>
        <source>as planned is least work in the end</source>
        <translation>zoals gepland is uiteindelijk het minste werk</translation>
    </message>
    <message>
        <source>as the light falls</source>
        <translation>zoals het licht valt</translation>
    </message>
    <message>
        <source>as the plan says</source>
        <translation>zoals het plan zegt</translation>
    </message>
    <message>
        <source>as usual: %1</source>
        <translation>zoals gewoonlijk: %1</translation>
    </message>
    <message>
        <source>at %1, about %2 in all; a fine pen in the ink's colour, carried on to the edge, not over it</source>
        <translation>bij %1, samen ongeveer %2; een fijne pen in de kleur van de inkt, tot aan de rand, niet eroverheen</translation>
    </message>
    <message>
        <source>at its foot</source>
        <translation>bij zijn voet</translation>
    </message>
    <message>
        <source>at its left side</source>
        <translation>aan zijn linkerkant</translation>
    </message>
    <message>
        <source>at its lower left</source>
        <translation>linksonder eraan</translation>
    </message>
    <message>
        <source>at its lower right</source>
        <translation>rechtsonder eraan</translation>
    </message>
    <message>
        <source>at its right side</source>
        <translation>aan zijn rechterkant</translation>
    </message>
    <message>
        <source>at its top</source>
        <translation>bovenaan</translation>
    </message>
    <message>
        <source>at its upper left</source>
        <translation>linksboven eraan</translation>
    </message>
    <message>
        <source>at its upper right</source>
        <translation>rechtsboven eraan</translation>
    </message>
    <message>
        <source>at noon</source>
        <translation>om twaalf uur</translation>
    </message>
    <message>
        <source>at the border</source>
        <translation>aan de rand</translation>
    </message>
    <message>
        <source>at the bottom</source>
        <translation>onder</translation>
    </message>
    <message>
        <source>at the card's edge</source>
        <translation>aan de rand van de kaart</translation>
    </message>
    <message>
        <source>at the left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>at the lower left</source>
        <translation>linksonder</translation>
    </message>
    <message>
        <source>at the lower right</source>
        <translation>rechtsonder</translation>
    </message>
    <message>
        <source>at the right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>at the top</source>
        <translation>boven</translation>
    </message>
    <message>
        <source>at the upper left</source>
        <translation>linksboven</translation>
    </message>
    <message>
        <source>at the upper right</source>
        <translation>rechtsboven</translation>
    </message>
    <message>
        <source>autumn</source>
        <translation>herfst</translation>
    </message>
    <message>
        <source>avenue fence posts</source>
        <translation>laan hek palen</translation>
    </message>
    <message>
        <source>bare edge, by care</source>
        <translation>kale rand, door zorg</translation>
    </message>
    <message>
        <source>base</source>
        <translation>dubbele kaart</translation>
    </message>
    <message>
        <source>base, mats, panel and papers, for other cards; they are kept in the drawer</source>
        <translation>dubbele kaart, matten, beeldkaart en papieren, voor andere kaarten; ze worden in de la bewaard</translation>
    </message>
    <message>
        <source>before everything</source>
        <translation>voor alles</translation>
    </message>
    <message>
        <source>behind everything</source>
        <translation>achter alles</translation>
    </message>
    <message>
        <source>behind the viewer</source>
        <translation>achter de kijker</translation>
    </message>
    <message>
        <source>behind whatever stands</source>
        <translation>achter alles wat staat</translation>
    </message>
    <message>
        <source>behind you, to the left</source>
        <translation>achter je, naar links</translation>
    </message>
    <message>
        <source>behind you, to the right</source>
        <translation>achter je, naar rechts</translation>
    </message>
    <message>
        <source>beige</source>
        <translation>beige</translation>
    </message>
    <message>
        <source>being made …</source>
        <translation>wordt gemaakt …</translation>
    </message>
    <message>
        <source>below a line</source>
        <translation>onder een lijn</translation>
    </message>
    <message>
        <source>below it</source>
        <translation>eronder</translation>
    </message>
    <message>
        <source>below its foot</source>
        <translation>onder zijn voet</translation>
    </message>
    <message>
        <source>bench</source>
        <translation>bank</translation>
    </message>
    <message>
        <source>bend the sheet gently both ways: it gives more easily round its fibres, and folds without cracking along them</source>
        <translation>buig het vel zachtjes beide kanten op: rond zijn vezel geeft het makkelijker mee, en langs de vezel vouwt het zonder te breken</translation>
    </message>
    <message>
        <source>better: %1, %2</source>
        <translation>beter: %1, %2</translation>
    </message>
    <message>
        <source>between two things there is nothing to space: choose three or more</source>
        <translation>tussen twee dingen valt niets te verdelen: kies er drie of meer</translation>
    </message>
    <message>
        <source>black</source>
        <translation>zwart</translation>
    </message>
    <message>
        <source>blending %1</source>
        <translation>vegen van %1</translation>
    </message>
    <message>
        <source>blue</source>
        <translation>blauw</translation>
    </message>
    <message>
        <source>boards</source>
        <translation>planken</translation>
    </message>
    <message>
        <source>bought, or cut from stencil film: %1 openings, %2 by %3 in all</source>
        <translation>gekocht, of uit sjabloonfolie gesneden: %1 openingen, samen %2 bij %3</translation>
    </message>
    <message>
        <source>bricks of 12 mm</source>
        <translation>stenen van 12 mm</translation>
    </message>
    <message>
        <source>brown</source>
        <translation>bruin</translation>
    </message>
    <message>
        <source>brush</source>
        <translation>kwast</translation>
    </message>
    <message>
        <source>building</source>
        <translation>gebouw</translation>
    </message>
    <message>
        <source>by %1</source>
        <translation>met %1</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>met de hand</translation>
    </message>
    <message>
        <source>by hand along its outline</source>
        <translation>met de hand langs zijn omtrek</translation>
    </message>
    <message>
        <source>by the length you marked</source>
        <translation>naar de lengte die je merkte</translation>
    </message>
    <message>
        <source>by what it shows</source>
        <translation>naar wat het toont</translation>
    </message>
    <message>
        <source>byte %1</source>
        <translation>byte %1</translation>
    </message>
    <message>
        <source>calibration square</source>
        <translation>het ijkvierkant</translation>
    </message>
    <message>
        <source>canal</source>
        <translation>kanaal</translation>
    </message>
    <message>
        <source>cannot open %1: %2</source>
        <translation>kan %1 niet openen: %2</translation>
    </message>
    <message>
        <source>cannot read %1: %2</source>
        <translation>kan %1 niet lezen: %2</translation>
    </message>
    <message>
        <source>cannot write %1: %2</source>
        <translation>kan %1 niet schrijven: %2</translation>
    </message>
    <message>
        <source>card for the base</source>
        <translation>karton voor de dubbele kaart</translation>
    </message>
    <message>
        <source>changed since it was saved</source>
        <translation>veranderd sinds het opslaan</translation>
    </message>
    <message>
        <source>chest</source>
        <translation>kist</translation>
    </message>
    <message>
        <source>choose the hero first: a palette is built around it</source>
        <translation>kies eerst de held: een palet wordt om hem heen gemaakt</translation>
    </message>
    <message>
        <source>choose the hero first: an arrangement is built around it</source>
        <translation>kies eerst de held: een schikking wordt om hem heen gemaakt</translation>
    </message>
    <message>
        <source>choose the hero first: it is the one that keeps its colour</source>
        <translation>kies eerst de held: hij houdt zijn kleur</translation>
    </message>
    <message>
        <source>choose the hero first: the card is freshened around it</source>
        <translation>kies eerst de held: de kaart wordt om hem heen opgefrist</translation>
    </message>
    <message>
        <source>clean the stamp</source>
        <translation>maak het stempel schoon</translation>
    </message>
    <message>
        <source>clean the stamp first</source>
        <translation>maak eerst het stempel schoon</translation>
    </message>
    <message>
        <source>clear</source>
        <translation>helder</translation>
    </message>
    <message>
        <source>clear powder</source>
        <translation>helder poeder</translation>
    </message>
    <message>
        <source>clear powder and the heat tool (it burns: mind its label)</source>
        <translation>helder poeder en het heteluchtpistool (het brandt: let op zijn etiket)</translation>
    </message>
    <message>
        <source>click a part, sweep over several</source>
        <translation>klik een deel aan, strijk over meer</translation>
    </message>
    <message>
        <source>clouds blue</source>
        <translation>wolken blauw</translation>
    </message>
    <message>
        <source>colour pad harmony</source>
        <translation>kleur stempelkussen harmonie</translation>
    </message>
    <message>
        <source>colour tint</source>
        <translation>kleur tint</translation>
    </message>
    <message>
        <source>colouring %1 in %2</source>
        <translation>kleuren van %1 in %2</translation>
    </message>
    <message>
        <source>copies batch shopping workshop</source>
        <translation>exemplaren serie inkopen workshop</translation>
    </message>
    <message>
        <source>costs nothing else</source>
        <translation>kost verder niets</translation>
    </message>
    <message>
        <source>covered %1 times, a mask lasts %2</source>
        <translation>%1 keer afgedekt, een masker gaat %2 mee</translation>
    </message>
    <message>
        <source>covered once</source>
        <translation>één keer afgedekt</translation>
    </message>
    <message>
        <source>covered: %1</source>
        <translation>afgedekt: %1</translation>
    </message>
    <message>
        <source>cut list</source>
        <translation>de snijlijst</translation>
    </message>
    <message>
        <source>cut off what hangs over the panel</source>
        <translation>snijd af wat over de beeldkaart hangt</translation>
    </message>
    <message>
        <source>cut off?</source>
        <translation>afgesneden?</translation>
    </message>
    <message>
        <source>cut the masks %1 mm inside the line: %2</source>
        <translation>knip de maskers %1 mm binnen de lijn: %2</translation>
    </message>
    <message>
        <source>cut-out</source>
        <translation>uitgeknipt ding</translation>
    </message>
    <message>
        <source>damp it, strew grains of salt %1, and brush them off when all is dry</source>
        <translation>maak het vochtig, strooi zoutkorrels %1 en borstel ze af als alles droog is</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>donker</translation>
    </message>
    <message>
        <source>dark blue</source>
        <translation>donkerblauw</translation>
    </message>
    <message>
        <source>dark brown</source>
        <translation>donkerbruin</translation>
    </message>
    <message>
        <source>dark edges</source>
        <translation>donkere randen</translation>
    </message>
    <message>
        <source>dark green</source>
        <translation>donkergroen</translation>
    </message>
    <message>
        <source>dark grey</source>
        <translation>donkergrijs</translation>
    </message>
    <message>
        <source>dark red</source>
        <translation>donkerrood</translation>
    </message>
    <message>
        <source>dark turquoise</source>
        <translation>donkerturquoise</translation>
    </message>
    <message>
        <source>dark violet</source>
        <translation>donkerpaars</translation>
    </message>
    <message>
        <source>darker along its edge</source>
        <translation>donkerder langs zijn rand</translation>
    </message>
    <message>
        <source>darker away from the light</source>
        <translation>donkerder van het licht af</translation>
    </message>
    <message>
        <source>darker towards the light</source>
        <translation>donkerder naar het licht toe</translation>
    </message>
    <message>
        <source>deep</source>
        <translation>diep</translation>
    </message>
    <message>
        <source>degrees, to the left</source>
        <translation>graden, naar links</translation>
    </message>
    <message>
        <source>delete away</source>
        <translation>verwijderen weg</translation>
    </message>
    <message>
        <source>difference compare</source>
        <translation>verschil vergelijken</translation>
    </message>
    <message>
        <source>differs by %1</source>
        <translation>verschilt %1</translation>
    </message>
    <message>
        <source>disc</source>
        <translation>schijf</translation>
    </message>
    <message>
        <source>dissolves</source>
        <translation>lost op</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>afstand</translation>
    </message>
    <message>
        <source>done</source>
        <translation>klaar</translation>
    </message>
    <message>
        <source>door</source>
        <translation>deur</translation>
    </message>
    <message>
        <source>door in the left wall</source>
        <translation>deur in de linkerwand</translation>
    </message>
    <message>
        <source>dots</source>
        <translation>stippen</translation>
    </message>
    <message>
        <source>dots of 4 mm</source>
        <translation>stippen van 4 mm</translation>
    </message>
    <message>
        <source>dots of 8 mm</source>
        <translation>stippen van 8 mm</translation>
    </message>
    <message>
        <source>down</source>
        <translation>omlaag</translation>
    </message>
    <message>
        <source>dpi</source>
        <translation>dpi</translation>
    </message>
    <message>
        <source>draw a line</source>
        <translation>een lijn tekenen</translation>
    </message>
    <message>
        <source>draw it on masking paper, cut along the line; keep both pieces</source>
        <translation>teken hem op maskeerpapier, knip langs de lijn; bewaar beide stukken</translation>
    </message>
    <message>
        <source>draw the outline round the print in one go; it is cut out where you drew</source>
        <translation>trek de omtrek in één keer om de afdruk; er wordt geknipt waar je tekende</translation>
    </message>
    <message>
        <source>drawing %1</source>
        <translation>tekenen van %1</translation>
    </message>
    <message>
        <source>dries %1</source>
        <translation>droogt %1</translation>
    </message>
    <message>
        <source>drops of water</source>
        <translation>waterdruppels</translation>
    </message>
    <message>
        <source>drops of water %1; count to ten, then dab them up</source>
        <translation>waterdruppels %1; tel tot tien en dep ze dan op</translation>
    </message>
    <message>
        <source>dry in %1</source>
        <translation>droog over %1</translation>
    </message>
    <message>
        <source>duplicate double again</source>
        <translation>verdubbelen dubbel opnieuw</translation>
    </message>
    <message>
        <source>dye</source>
        <translation>kleurstof</translation>
    </message>
    <message>
        <source>dye sinks into the dark ground</source>
        <translation>kleurstof verzinkt in de donkere grond</translation>
    </message>
    <message>
        <source>each part a little stronger or paler, so that copies are no clones</source>
        <translation>elk deel iets sterker of bleker, zodat kopieën geen klonen zijn</translation>
    </message>
    <message>
        <source>emboss %1: ink wipes off it</source>
        <translation>%1 embossen: inkt is eraf te vegen</translation>
    </message>
    <message>
        <source>emboss the front clear; ink wipes off it</source>
        <translation>het voorste helder embossen; inkt is eraf te vegen</translation>
    </message>
    <message>
        <source>embossing</source>
        <translation>embossing</translation>
    </message>
    <message>
        <source>embossing powder</source>
        <translation>embossingpoeder</translation>
    </message>
    <message>
        <source>embossing powder for %1 things</source>
        <translation>embossingpoeder voor %1 dingen</translation>
    </message>
    <message>
        <source>embossing powder for one thing</source>
        <translation>embossingpoeder voor één ding</translation>
    </message>
    <message>
        <source>empty</source>
        <translation>leeg</translation>
    </message>
    <message>
        <source>end of the line: only one side of it is stamped</source>
        <translation>einde van de lijn: maar één kant ervan wordt gestempeld</translation>
    </message>
    <message>
        <source>enough</source>
        <translation>genoeg</translation>
    </message>
    <message>
        <source>envelope</source>
        <translation>envelop</translation>
    </message>
    <message>
        <source>even</source>
        <translation>gelijkmatig</translation>
    </message>
    <message>
        <source>evening %1 begins</source>
        <translation>avond %1 begint</translation>
    </message>
    <message>
        <source>evenly, clear of faces and of words; press again for another throw</source>
        <translation>gelijkmatig, vrij van gezichten en woorden; nog eens drukken werpt opnieuw</translation>
    </message>
    <message>
        <source>every colour of the card paler with the distance of its thing</source>
        <translation>elke kleur van de kaart bleker met de afstand van zijn ding</translation>
    </message>
    <message>
        <source>every part that has no colour yet, in the colour in hand</source>
        <translation>elk deel dat nog geen kleur heeft, in de kleur in de hand</translation>
    </message>
    <message>
        <source>every step of a wash wants one ink and one reach</source>
        <translation>elke stap van een overgang wil één inkt en één bereik</translation>
    </message>
    <message>
        <source>everything in the colour of its distance</source>
        <translation>alles in de kleur van zijn afstand</translation>
    </message>
    <message>
        <source>everything is held in place: let something move</source>
        <translation>alles wordt vastgehouden: laat iets bewegen</translation>
    </message>
    <message>
        <source>eye level %1</source>
        <translation>ooghoogte %1</translation>
    </message>
    <message>
        <source>eye level, %1 up</source>
        <translation>ooghoogte, %1 hoog</translation>
    </message>
    <message>
        <source>eyes must be above the ground</source>
        <translation>ogen moeten boven de grond zijn</translation>
    </message>
    <message>
        <source>far </source>
        <translation>ver </translation>
    </message>
    <message>
        <source>farther under order</source>
        <translation>verder onder volgorde</translation>
    </message>
    <message>
        <source>fewer than three marks are seen on the sheet</source>
        <translation>op het vel zijn minder dan drie merken te zien</translation>
    </message>
    <message>
        <source>figure</source>
        <translation>figuur</translation>
    </message>
    <message>
        <source>finds printed marks</source>
        <translation>vindt gedrukte merken</translation>
    </message>
    <message>
        <source>fine</source>
        <translation>goed</translation>
    </message>
    <message>
        <source>first</source>
        <translation>eerst</translation>
    </message>
    <message>
        <source>flap of the envelope</source>
        <translation>klep van de envelop</translation>
    </message>
    <message>
        <source>flat; glue that sets slowly leaves time to push it straight</source>
        <translation>vlak; lijm die langzaam houdt laat tijd om het recht te schuiven</translation>
    </message>
    <message>
        <source>flicked drops</source>
        <translation>gespatte druppels</translation>
    </message>
    <message>
        <source>foam and paper are no thinner than nothing</source>
        <translation>schuim en papier zijn niet dunner dan niets</translation>
    </message>
    <message>
        <source>foam of %1</source>
        <translation>schuim van %1</translation>
    </message>
    <message>
        <source>focus hero eye attention contrast looks</source>
        <translation>blikvanger held oog aandacht contrast blikken</translation>
    </message>
    <message>
        <source>fog haze</source>
        <translation>nevel waas</translation>
    </message>
    <message>
        <source>foot</source>
        <translation>voet</translation>
    </message>
    <message>
        <source>foot %1</source>
        <translation>voet %1</translation>
    </message>
    <message>
        <source>foot %1 from its left edge, %2 from its lower edge</source>
        <translation>voet %1 van zijn linkerkant, %2 van zijn onderkant</translation>
    </message>
    <message>
        <source>for %1</source>
        <translation>voor %1</translation>
    </message>
    <message>
        <source>fourth</source>
        <translation>vierde</translation>
    </message>
    <message>
        <source>fresh</source>
        <translation>vers</translation>
    </message>
    <message>
        <source>from</source>
        <translation>uit</translation>
    </message>
    <message>
        <source>from %1 outward over %2 %</source>
        <translation>van %1 naar buiten over %2 %</translation>
    </message>
    <message>
        <source>from a direction</source>
        <translation>uit één richting</translation>
    </message>
    <message>
        <source>from behind</source>
        <translation>van achteren</translation>
    </message>
    <message>
        <source>from its dry print on masking paper, just inside the line</source>
        <translation>van zijn droge afdruk op maskeerpapier, net binnen de lijn</translation>
    </message>
    <message>
        <source>from its dry print, %1</source>
        <translation>van zijn droge afdruk, %1</translation>
    </message>
    <message>
        <source>from its dry print, just inside the line; cut away where %1 lies over it</source>
        <translation>van zijn droge afdruk, net binnen de lijn; weggeknipt waar %1 eroverheen ligt</translation>
    </message>
    <message>
        <source>from its edges inward over %1 %</source>
        <translation>van zijn randen naar binnen over %1 %</translation>
    </message>
    <message>
        <source>from its middle line up and down over %1 %</source>
        <translation>van zijn middenlijn op en neer over %1 %</translation>
    </message>
    <message>
        <source>from its middle outward over %1 %</source>
        <translation>van zijn midden naar buiten over %1 %</translation>
    </message>
    <message>
        <source>from the bottom up over %1</source>
        <translation>van onderen naar boven over %1</translation>
    </message>
    <message>
        <source>from the drawer</source>
        <translation>uit de la</translation>
    </message>
    <message>
        <source>from the front</source>
        <translation>van voren</translation>
    </message>
    <message>
        <source>from the left</source>
        <translation>van links</translation>
    </message>
    <message>
        <source>from the left over %1</source>
        <translation>van links over %1</translation>
    </message>
    <message>
        <source>from the left, so that the hand stays off</source>
        <translation>van links, zodat de hand eraf blijft</translation>
    </message>
    <message>
        <source>from the real heights of what stands on the ground</source>
        <translation>uit de echte hoogten van wat op de grond staat</translation>
    </message>
    <message>
        <source>from the right</source>
        <translation>van rechts</translation>
    </message>
    <message>
        <source>from the right over %1</source>
        <translation>van rechts over %1</translation>
    </message>
    <message>
        <source>from the right, so that the hand stays off</source>
        <translation>van rechts, zodat de hand eraf blijft</translation>
    </message>
    <message>
        <source>from the top down over %1</source>
        <translation>van boven naar beneden over %1</translation>
    </message>
    <message>
        <source>from their dry prints, %1</source>
        <translation>van hun droge afdrukken, %1</translation>
    </message>
    <message>
        <source>from their dry prints, in one piece, just inside the line round all of them</source>
        <translation>van hun droge afdrukken, in één stuk, net binnen de lijn om alle</translation>
    </message>
    <message>
        <source>from where you shade it by hand</source>
        <translation>van waar je het met de hand beschaduwt</translation>
    </message>
    <message>
        <source>front first, cover it, then what is behind</source>
        <translation>het voorste eerst, afdekken, dan wat erachter is</translation>
    </message>
    <message>
        <source>gap overlap halo shift chance</source>
        <translation>kier overlap halo verschuiving kans</translation>
    </message>
    <message>
        <source>give this part a name; it is kept with the stamp</source>
        <translation>geef dit deel een naam; hij blijft bij het stempel</translation>
    </message>
    <message>
        <source>glitter</source>
        <translation>glitter</translation>
    </message>
    <message>
        <source>gloss</source>
        <translation>glans</translation>
    </message>
    <message>
        <source>gloss or glitter over a whole part of the chosen thing</source>
        <translation>glans of glitter over een heel deel van het gekozen ding</translation>
    </message>
    <message>
        <source>glow</source>
        <translation>gloed</translation>
    </message>
    <message>
        <source>glued flat</source>
        <translation>vlak gelijmd</translation>
    </message>
    <message>
        <source>green</source>
        <translation>groen</translation>
    </message>
    <message>
        <source>greeting “%1”</source>
        <translation>groet “%1”</translation>
    </message>
    <message>
        <source>grey</source>
        <translation>grijs</translation>
    </message>
    <message>
        <source>grey, lightness %1</source>
        <translation>grijs, lichtheid %1</translation>
    </message>
    <message>
        <source>ground</source>
        <translation>grond</translation>
    </message>
    <message>
        <source>half of %1</source>
        <translation>de helft van %1</translation>
    </message>
    <message>
        <source>half way up</source>
        <translation>halverwege de hoogte</translation>
    </message>
    <message>
        <source>halo</source>
        <translation>halo</translation>
    </message>
    <message>
        <source>hardly any</source>
        <translation>bijna geen</translation>
    </message>
    <message>
        <source>hardly used</source>
        <translation>nauwelijks gebruikt</translation>
    </message>
    <message>
        <source>hare, birthday, Ada, November …</source>
        <translation>haas, verjaardag, Ada, november …</translation>
    </message>
    <message>
        <source>hare, tall poplar …</source>
        <translation>haas, hoge populier …</translation>
    </message>
    <message>
        <source>has %1 points; %2 are the most</source>
        <translation>heeft %1 punten; hoogstens %2</translation>
    </message>
    <message>
        <source>has no rings</source>
        <translation>heeft geen ringen</translation>
    </message>
    <message>
        <source>held in place</source>
        <translation>vastgehouden</translation>
    </message>
    <message>
        <source>hero %1 %</source>
        <translation>held %1 %</translation>
    </message>
    <message>
        <source>hero first, %1 %</source>
        <translation>held eerst, %1 %</translation>
    </message>
    <message>
        <source>hero in place %1</source>
        <translation>held op plaats %1</translation>
    </message>
    <message>
        <source>highlights</source>
        <translation>glimlichten</translation>
    </message>
    <message>
        <source>hill</source>
        <translation>heuvel</translation>
    </message>
    <message>
        <source>hole %1, %2 across</source>
        <translation>gat %1, %2 breed</translation>
    </message>
    <message>
        <source>horizon</source>
        <translation>horizon</translation>
    </message>
    <message>
        <source>horizon, eyes at %1</source>
        <translation>horizon, ogen op %1</translation>
    </message>
    <message>
        <source>horizon: drag it up or down</source>
        <translation>horizon: sleep hem op en neer</translation>
    </message>
    <message>
        <source>how far the ground at the card's lower edge is from the viewer</source>
        <translation>hoe ver de grond aan de onderkant van de kaart van de kijker is</translation>
    </message>
    <message>
        <source>how it and what is behind it get along</source>
        <translation>hoe het en wat erachter is met elkaar omgaan</translation>
    </message>
    <message>
        <source>how it is made</source>
        <translation>hoe hij gemaakt wordt</translation>
    </message>
    <message>
        <source>how it is meant to be read</source>
        <translation>hoe hij gelezen moet worden</translation>
    </message>
    <message>
        <source>how strong each pressing is, in % of the first: 100, 70, 49</source>
        <translation>hoe sterk elke druk is, in % van de eerste: 100, 70, 49</translation>
    </message>
    <message>
        <source>how tall really?</source>
        <translation>hoe groot in het echt?</translation>
    </message>
    <message>
        <source>hybrid</source>
        <translation>hybride</translation>
    </message>
    <message>
        <source>idea scheme propose</source>
        <translation>idee schema voorstellen</translation>
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
        <translation>op %1 plekken</translation>
    </message>
    <message>
        <source>in %1, a %2 pen</source>
        <translation>in %1, een pen van %2</translation>
    </message>
    <message>
        <source>in %1: %2</source>
        <translation>in %1: %2</translation>
    </message>
    <message>
        <source>in its middle</source>
        <translation>in zijn midden</translation>
    </message>
    <message>
        <source>in one place</source>
        <translation>op één plek</translation>
    </message>
    <message>
        <source>in several places</source>
        <translation>op verschillende plekken</translation>
    </message>
    <message>
        <source>in the air</source>
        <translation>in de lucht</translation>
    </message>
    <message>
        <source>in the drawer</source>
        <translation>in de la</translation>
    </message>
    <message>
        <source>in the evening</source>
        <translation>in de avond</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>in het midden</translation>
    </message>
    <message>
        <source>in the middle of a piece of about %1 by %2; it is cut out afterwards</source>
        <translation>in het midden van een stuk van ongeveer %1 bij %2; het wordt later uitgeknipt</translation>
    </message>
    <message>
        <source>in the morning</source>
        <translation>in de ochtend</translation>
    </message>
    <message>
        <source>in the scene</source>
        <translation>in de scène</translation>
    </message>
    <message>
        <source>in this plan</source>
        <translation>in dit plan</translation>
    </message>
    <message>
        <source>in your own words</source>
        <translation>in je eigen woorden</translation>
    </message>
    <message>
        <source>inches</source>
        <translation>inches</translation>
    </message>
    <message>
        <source>ink it, press %1 times on scrap paper</source>
        <translation>ink het, druk %1 keer op kladpapier</translation>
    </message>
    <message>
        <source>ink it, press once on scrap paper</source>
        <translation>ink het, druk één keer op kladpapier</translation>
    </message>
    <message>
        <source>ink the mist leaves</source>
        <translation>inkt die de mist laat</translation>
    </message>
    <message>
        <source>ink up to %1 inside %2, along %3</source>
        <translation>inkt tot %1 in %2, langs %3</translation>
    </message>
    <message>
        <source>inside it</source>
        <translation>erin</translation>
    </message>
    <message>
        <source>invisible</source>
        <translation>onzichtbaar</translation>
    </message>
    <message>
        <source>is not a mask</source>
        <translation>is geen masker</translation>
    </message>
    <message>
        <source>is not a paper</source>
        <translation>is geen papier</translation>
    </message>
    <message>
        <source>is not a set of sizes</source>
        <translation>is geen set maten</translation>
    </message>
    <message>
        <source>is not a stamp</source>
        <translation>is geen stempel</translation>
    </message>
    <message>
        <source>is not a thing of the stock</source>
        <translation>is niets uit de voorraad</translation>
    </message>
    <message>
        <source>it asks for a style sheet or another program (&lt;?%1?&gt;)</source>
        <translation>het vraagt om een stijlblad of een ander programma (&lt;?%1?&gt;)</translation>
    </message>
    <message>
        <source>it bore more than before</source>
        <translation>hij droeg meer dan eerst</translation>
    </message>
    <message>
        <source>it defines entities</source>
        <translation>het definieert entiteiten</translation>
    </message>
    <message>
        <source>it goes over the rim of what is glued on</source>
        <translation>het gaat over de rand van wat opgelijmd is</translation>
    </message>
    <message>
        <source>it has had its time; touch it to be sure</source>
        <translation>het heeft zijn tijd gehad; voel even om zeker te zijn</translation>
    </message>
    <message>
        <source>it has more than %1 numbers</source>
        <translation>het heeft meer dan %1 getallen</translation>
    </message>
    <message>
        <source>it has more than %1 parts</source>
        <translation>het heeft meer dan %1 delen</translation>
    </message>
    <message>
        <source>it has no %1</source>
        <translation>het heeft geen %1</translation>
    </message>
    <message>
        <source>it has numbers that no drawing has</source>
        <translation>het heeft getallen die geen tekening heeft</translation>
    </message>
    <message>
        <source>it holds &lt;%1&gt;: scripts, style sheets, pictures, movement and links to elsewhere are not taken. Save it as a plain SVG</source>
        <translation>het bevat &lt;%1&gt;: scripts, stijlbladen, beelden, beweging en verwijzingen naar elders worden niet genomen. Sla het op als eenvoudige SVG</translation>
    </message>
    <message>
        <source>it holds entities</source>
        <translation>het bevat entiteiten</translation>
    </message>
    <message>
        <source>it holds links to elsewhere</source>
        <translation>het bevat verwijzingen naar elders</translation>
    </message>
    <message>
        <source>it holds more files than a drawer may have</source>
        <translation>het bevat meer bestanden dan een la mag hebben</translation>
    </message>
    <message>
        <source>it is a folder</source>
        <translation>het is een map</translation>
    </message>
    <message>
        <source>it is a pipe with nobody at its other end</source>
        <translation>het is een pijp met niemand aan het andere eind</translation>
    </message>
    <message>
        <source>it is damaged</source>
        <translation>het is beschadigd</translation>
    </message>
    <message>
        <source>it is damaged: %1, line %2</source>
        <translation>het is beschadigd: %1, regel %2</translation>
    </message>
    <message>
        <source>it is empty</source>
        <translation>het is leeg</translation>
    </message>
    <message>
        <source>it is nested too deeply</source>
        <translation>het is te diep genest</translation>
    </message>
    <message>
        <source>it is no SVG</source>
        <translation>het is geen SVG</translation>
    </message>
    <message>
        <source>it is on a piece of paper of its own</source>
        <translation>het is op een eigen stuk papier</translation>
    </message>
    <message>
        <source>it may not be opened or changed</source>
        <translation>het mag niet geopend of veranderd worden</translation>
    </message>
    <message>
        <source>it needs a beginning and an end</source>
        <translation>het heeft een begin en een einde nodig</translation>
    </message>
    <message>
        <source>it runs low</source>
        <translation>hij raakt op</translation>
    </message>
    <message>
        <source>it stays in the reading, below the others</source>
        <translation>het blijft in de bevinding, onder de andere</translation>
    </message>
    <message>
        <source>it unpacks to more than a drawer may have</source>
        <translation>het pakt uit tot meer dan een la mag hebben</translation>
    </message>
    <message>
        <source>its blade trails %1</source>
        <translation>het mes sleept %1 na</translation>
    </message>
    <message>
        <source>its borders</source>
        <translation>zijn randen</translation>
    </message>
    <message>
        <source>its centre</source>
        <translation>zijn middelpunt</translation>
    </message>
    <message>
        <source>its dashes are too many and too small</source>
        <translation>zijn streepjes zijn te veel en te klein</translation>
    </message>
    <message>
        <source>its edge</source>
        <translation>zijn rand</translation>
    </message>
    <message>
        <source>its edge is straight here, so no mask is needed</source>
        <translation>zijn rand is hier recht, dus er is geen masker nodig</translation>
    </message>
    <message>
        <source>its edge or opening</source>
        <translation>zijn rand of opening</translation>
    </message>
    <message>
        <source>its foot must stay hidden</source>
        <translation>zijn voet moet verborgen blijven</translation>
    </message>
    <message>
        <source>its left edge %1 from the left, its lower edge %2 from the bottom</source>
        <translation>zijn linkerkant %1 van links, zijn onderkant %2 van onderen</translation>
    </message>
    <message>
        <source>its lines cross each other more than %1 times</source>
        <translation>zijn lijnen kruisen elkaar meer dan %1 keer</translation>
    </message>
    <message>
        <source>its lines cross each other too often to be cut</source>
        <translation>zijn lijnen kruisen elkaar te vaak om te snijden</translation>
    </message>
    <message>
        <source>its measures must be more than 0</source>
        <translation>zijn maten moeten meer dan 0 zijn</translation>
    </message>
    <message>
        <source>its middle %1</source>
        <translation>zijn midden %1</translation>
    </message>
    <message>
        <source>its middle line</source>
        <translation>zijn middenlijn</translation>
    </message>
    <message>
        <source>its print comes out the other way round; here it is shown as it prints</source>
        <translation>zijn afdruk komt in spiegelbeeld; hier is hij getoond zoals hij drukt</translation>
    </message>
    <message>
        <source>its rings cancel out and cover nothing</source>
        <translation>zijn ringen heffen elkaar op en bedekken niets</translation>
    </message>
    <message>
        <source>its sides are straight here, so no mask is needed</source>
        <translation>zijn zijden zijn hier recht, dus er is geen masker nodig</translation>
    </message>
    <message>
        <source>its weight is balanced</source>
        <translation>zijn gewicht is in evenwicht</translation>
    </message>
    <message>
        <source>its width</source>
        <translation>haar breedte</translation>
    </message>
    <message>
        <source>jarring</source>
        <translation>vloekend</translation>
    </message>
    <message>
        <source>just above its foot</source>
        <translation>net boven zijn voet</translation>
    </message>
    <message>
        <source>just before %1</source>
        <translation>net voor %1</translation>
    </message>
    <message>
        <source>just behind %1</source>
        <translation>net achter %1</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>bewaren</translation>
    </message>
    <message>
        <source>kept clean by tape</source>
        <translation>schoon gehouden met plakband</translation>
    </message>
    <message>
        <source>lake river sea canal</source>
        <translation>meer rivier zee kanaal</translation>
    </message>
    <message>
        <source>landscape piece</source>
        <translation>landschapsstuk</translation>
    </message>
    <message>
        <source>large type</source>
        <translation>grote letters</translation>
    </message>
    <message>
        <source>largest %1</source>
        <translation>grootste %1</translation>
    </message>
    <message>
        <source>last</source>
        <translation>laatst</translation>
    </message>
    <message>
        <source>last of all, over the rim of a piece that is glued flat on the panel</source>
        <translation>als allerlaatste, over de rand van een stuk dat vlak op de beeldkaart gelijmd is</translation>
    </message>
    <message>
        <source>layout paper tape joint cover</source>
        <translation>indeling papier tape gezamenlijk afdekken</translation>
    </message>
    <message>
        <source>leaf green</source>
        <translation>bladgroen</translation>
    </message>
    <message>
        <source>leave out</source>
        <translation>uitsparen</translation>
    </message>
    <message>
        <source>leaves room for %1</source>
        <translation>laat ruimte voor %1</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>left bare</source>
        <translation>vrij gelaten</translation>
    </message>
    <message>
        <source>left of a line</source>
        <translation>links van een lijn</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>weggelaten</translation>
    </message>
    <message>
        <source>lettering “%1”</source>
        <translation>letters “%1”</translation>
    </message>
    <message>
        <source>letters</source>
        <translation>letters</translation>
    </message>
    <message>
        <source>level %1 of %2, %3 answers</source>
        <translation>niveau %1 van %2, %3 antwoorden</translation>
    </message>
    <message>
        <source>level %1 of %2, 1 answer</source>
        <translation>niveau %1 van %2, 1 antwoord</translation>
    </message>
    <message>
        <source>level 1 of %1</source>
        <translation>niveau 1 van %1</translation>
    </message>
    <message>
        <source>level with %1</source>
        <translation>op de hoogte van %1</translation>
    </message>
    <message>
        <source>level, along the width</source>
        <translation>waterpas, langs de breedte</translation>
    </message>
    <message>
        <source>lift slowly from one corner; keep the masks for next time</source>
        <translation>til langzaam vanaf één hoek op; bewaar de maskers voor de volgende keer</translation>
    </message>
    <message>
        <source>light</source>
        <translation>licht</translation>
    </message>
    <message>
        <source>light and dark alone, in four steps</source>
        <translation>alleen licht en donker, in vier stappen</translation>
    </message>
    <message>
        <source>light blue</source>
        <translation>lichtblauw</translation>
    </message>
    <message>
        <source>light green</source>
        <translation>lichtgroen</translation>
    </message>
    <message>
        <source>light grey</source>
        <translation>lichtgrijs</translation>
    </message>
    <message>
        <source>light lamp sun moon</source>
        <translation>licht lamp zon maan</translation>
    </message>
    <message>
        <source>light orange</source>
        <translation>lichtoranje</translation>
    </message>
    <message>
        <source>light turquoise</source>
        <translation>lichtturquoise</translation>
    </message>
    <message>
        <source>light yellow</source>
        <translation>lichtgeel</translation>
    </message>
    <message>
        <source>lightly, with a soft pencil, as the pencil sheet shows them; the visible lines are inked later</source>
        <translation>licht, met een zacht potlood, zoals het potloodblad ze toont; de zichtbare lijnen worden later geïnkt</translation>
    </message>
    <message>
        <source>line %1</source>
        <translation>lijn %1</translation>
    </message>
    <message>
        <source>line art</source>
        <translation>lijntekening</translation>
    </message>
    <message>
        <source>line art that will be coloured, or a wash goes round it</source>
        <translation>lijntekening die gekleurd wordt, of waar een verloop omheen gaat</translation>
    </message>
    <message>
        <source>liner</source>
        <translation>fineliner</translation>
    </message>
    <message>
        <source>lines of the ground</source>
        <translation>lijnen van de grond</translation>
    </message>
    <message>
        <source>lines of the room</source>
        <translation>lijnen van de kamer</translation>
    </message>
    <message>
        <source>lines that run %1 into it, over %2</source>
        <translation>lijnen die er %1 in lopen, over %2</translation>
    </message>
    <message>
        <source>lively together</source>
        <translation>levendig samen</translation>
    </message>
    <message>
        <source>lock fix free</source>
        <translation>vergrendelen vast vrij</translation>
    </message>
    <message>
        <source>looks left</source>
        <translation>kijkt naar links</translation>
    </message>
    <message>
        <source>looks nowhere</source>
        <translation>kijkt nergens heen</translation>
    </message>
    <message>
        <source>looks right</source>
        <translation>kijkt naar rechts</translation>
    </message>
    <message>
        <source>looks, rows and paths; the thirds; a wedge where the weight lies</source>
        <translation>blikken, rijen en paden; de derden; een wig waar het gewicht ligt</translation>
    </message>
    <message>
        <source>low-tack tape</source>
        <translation>licht klevend plakband</translation>
    </message>
    <message>
        <source>lower corner of the back wall</source>
        <translation>onderste hoek van de achterwand</translation>
    </message>
    <message>
        <source>lower left corner of the stamp %1</source>
        <translation>hoek linksonder van het stempel %1</translation>
    </message>
    <message>
        <source>lower right corner of the stamp %1</source>
        <translation>hoek rechtsonder van het stempel %1</translation>
    </message>
    <message>
        <source>lying</source>
        <translation>liggend</translation>
    </message>
    <message>
        <source>m</source>
        <translation>m</translation>
    </message>
    <message>
        <source>m in this scene</source>
        <translation>m in deze scène</translation>
    </message>
    <message>
        <source>many lines to join again by pen</source>
        <translation>veel lijnen met de pen weer aan te sluiten</translation>
    </message>
    <message>
        <source>many people</source>
        <translation>veel mensen</translation>
    </message>
    <message>
        <source>mark the foot on the mask and lay it by the mark: %1</source>
        <translation>merk de voet op het masker en leg het naar het merk: %1</translation>
    </message>
    <message>
        <source>marker</source>
        <translation>marker</translation>
    </message>
    <message>
        <source>marker pencil brush shade fill</source>
        <translation>marker potlood penseel schaduw vullen</translation>
    </message>
    <message>
        <source>markers: %1</source>
        <translation>markers: %1</translation>
    </message>
    <message>
        <source>marks printed on the sheet</source>
        <translation>gedrukte merken op het vel</translation>
    </message>
    <message>
        <source>mask</source>
        <translation>masker</translation>
    </message>
    <message>
        <source>mask %1</source>
        <translation>masker %1</translation>
    </message>
    <message>
        <source>masking paper for %1 masks</source>
        <translation>maskeerpapier voor %1 maskers</translation>
    </message>
    <message>
        <source>masking paper for %1 masks, scissors or a blade</source>
        <translation>maskeerpapier voor %1 maskers, schaar of mes</translation>
    </message>
    <message>
        <source>masking paper for one mask</source>
        <translation>maskeerpapier voor één masker</translation>
    </message>
    <message>
        <source>masking paper for one mask, scissors or a blade</source>
        <translation>maskeerpapier voor één masker, een schaar of een mesje</translation>
    </message>
    <message>
        <source>masks</source>
        <translation>de maskers</translation>
    </message>
    <message>
        <source>mastered</source>
        <translation>beheerst</translation>
    </message>
    <message>
        <source>mat</source>
        <translation>mat</translation>
    </message>
    <message>
        <source>me</source>
        <translation>ik</translation>
    </message>
    <message>
        <source>meadow grass field earth</source>
        <translation>weide gras veld aarde</translation>
    </message>
    <message>
        <source>mends %1 things at once</source>
        <translation>verbetert %1 dingen tegelijk</translation>
    </message>
    <message>
        <source>millimetres</source>
        <translation>millimeter</translation>
    </message>
    <message>
        <source>mist</source>
        <translation>mist</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>moon sun disc</source>
        <translation>maan zon schijf</translation>
    </message>
    <message>
        <source>more of it is plain</source>
        <translation>er is meer van rustig</translation>
    </message>
    <message>
        <source>more overlaps tell what is near</source>
        <translation>meer overlappingen zeggen wat dichtbij is</translation>
    </message>
    <message>
        <source>more room around it</source>
        <translation>meer ruimte eromheen</translation>
    </message>
    <message>
        <source>most of the other stamp would be taped off</source>
        <translation>het meeste van het andere stempel zou afgeplakt worden</translation>
    </message>
    <message>
        <source>moves the row so that the nearest is as much too small as the farthest is too tall</source>
        <translation>verschuift de rij zodat het dichtste even veel te klein is als het verste te groot</translation>
    </message>
    <message>
        <source>my drawer</source>
        <translation>mijn lade</translation>
    </message>
    <message>
        <source>name</source>
        <translation>naam</translation>
    </message>
    <message>
        <source>nearer over order</source>
        <translation>dichterbij over volgorde</translation>
    </message>
    <message>
        <source>needs %1</source>
        <translation>vraagt %1</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nooit</translation>
    </message>
    <message>
        <source>no blend runs over what is too fine to cut</source>
        <translation>geen verloop loopt over wat te fijn is om te knippen</translation>
    </message>
    <message>
        <source>no card yet</source>
        <translation>nog geen kaart</translation>
    </message>
    <message>
        <source>no colour at all</source>
        <translation>helemaal geen kleur</translation>
    </message>
    <message>
        <source>no file yet</source>
        <translation>nog geen bestand</translation>
    </message>
    <message>
        <source>no hero</source>
        <translation>geen held</translation>
    </message>
    <message>
        <source>no ink</source>
        <translation>geen inkt</translation>
    </message>
    <message>
        <source>no light paper is seen round the patches to compare them with</source>
        <translation>er is geen licht papier rond de vlekken te zien om ze mee te vergelijken</translation>
    </message>
    <message>
        <source>no light said</source>
        <translation>geen licht gezegd</translation>
    </message>
    <message>
        <source>no patch of even colour is seen on it</source>
        <translation>er is geen vlek van egale kleur op te zien</translation>
    </message>
    <message>
        <source>no rim under it</source>
        <translation>geen rand eronder</translation>
    </message>
    <message>
        <source>none</source>
        <translation>geen</translation>
    </message>
    <message>
        <source>none is in the drawer yet</source>
        <translation>nog geen is in de la</translation>
    </message>
    <message>
        <source>none of the plan's stamps</source>
        <translation>geen van de stempels van het plan</translation>
    </message>
    <message>
        <source>none of the row would be seen on the panel</source>
        <translation>van de rij zou niets op het paneel te zien zijn</translation>
    </message>
    <message>
        <source>none said</source>
        <translation>niets gezegd</translation>
    </message>
    <message>
        <source>none to cut</source>
        <translation>geen te knippen</translation>
    </message>
    <message>
        <source>none yet</source>
        <translation>nog geen</translation>
    </message>
    <message>
        <source>not as planned when pressed</source>
        <translation>gedrukt niet zoals gepland</translation>
    </message>
    <message>
        <source>not at all</source>
        <translation>helemaal niet</translation>
    </message>
    <message>
        <source>not begun</source>
        <translation>niet begonnen</translation>
    </message>
    <message>
        <source>not counted</source>
        <translation>niet geteld</translation>
    </message>
    <message>
        <source>not folded</source>
        <translation>niet gevouwen</translation>
    </message>
    <message>
        <source>not in the drawer yet</source>
        <translation>nog niet in de la</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>niet bekend</translation>
    </message>
    <message>
        <source>not marked</source>
        <translation>niet gemerkt</translation>
    </message>
    <message>
        <source>not on the mask</source>
        <translation>niet op het masker</translation>
    </message>
    <message>
        <source>not readable as JSON: %1</source>
        <translation>niet leesbaar als JSON: %1</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>niet gezegd</translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation>nog niet opgeslagen</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>nog niet</translation>
    </message>
    <message>
        <source>note remember extra</source>
        <translation>notitie onthouden extra</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>niets</translation>
    </message>
    <message>
        <source>nothing can be cut from what is there</source>
        <translation>uit wat er is kan niets gesneden worden</translation>
    </message>
    <message>
        <source>nothing comes near behind it</source>
        <translation>erachter komt niets in de buurt</translation>
    </message>
    <message>
        <source>nothing comes near behind it, so any way will do</source>
        <translation>erachter komt niets in de buurt, dus elke manier gaat</translation>
    </message>
    <message>
        <source>nothing covered</source>
        <translation>niets afgedekt</translation>
    </message>
    <message>
        <source>nothing covered yet</source>
        <translation>nog niets afgedekt</translation>
    </message>
    <message>
        <source>nothing else</source>
        <translation>niets anders</translation>
    </message>
    <message>
        <source>nothing in the drawer fits behind this hero: trees, buildings or hills with a height that is known</source>
        <translation>niets in de lade past achter deze held: bomen, huizen of heuvels met een bekende hoogte</translation>
    </message>
    <message>
        <source>nothing is left to mend</source>
        <translation>niets blijft te verbeteren</translation>
    </message>
    <message>
        <source>nothing is too fine to cut that could be cut</source>
        <translation>niets dat te fijn is, zou geknipt kunnen worden</translation>
    </message>
    <message>
        <source>nothing lies before it</source>
        <translation>er ligt niets voor</translation>
    </message>
    <message>
        <source>nothing more</source>
        <translation>niets meer</translation>
    </message>
    <message>
        <source>nothing of the stamp would be stamped</source>
        <translation>van de stempel zou niets gestempeld worden</translation>
    </message>
    <message>
        <source>nothing that is not on the card's shelf</source>
        <translation>niets dat niet al op de plank van de kaart staat</translation>
    </message>
    <message>
        <source>nothing that stands on the ground has a real height</source>
        <translation>niets wat op de grond staat heeft een werkelijke hoogte</translation>
    </message>
    <message>
        <source>nothing to look at</source>
        <translation>niets te bekijken</translation>
    </message>
    <message>
        <source>offcut, %1 × %2</source>
        <translation>reststuk, %1 × %2</translation>
    </message>
    <message>
        <source>olive green</source>
        <translation>olijfgroen</translation>
    </message>
    <message>
        <source>on %1</source>
        <translation>op %1</translation>
    </message>
    <message>
        <source>on %1, %2 each, %3 in all</source>
        <translation>op %1, elk %2, samen %3</translation>
    </message>
    <message>
        <source>on a piece of its own, cut out and raised on foam</source>
        <translation>op een eigen stuk, uitgeknipt en op schuim getild</translation>
    </message>
    <message>
        <source>on land</source>
        <translation>op land</translation>
    </message>
    <message>
        <source>on masking paper, %1; lay them aside to dry</source>
        <translation>op maskeerpapier, %1; leg ze opzij om te drogen</translation>
    </message>
    <message>
        <source>on masking paper, %1; they dry meanwhile</source>
        <translation>op maskeerpapier, %1; ze drogen intussen</translation>
    </message>
    <message>
        <source>on masking paper, in %1: %2; lay them aside to dry</source>
        <translation>op maskeerpapier, in %1: %2; leg ze apart om te drogen</translation>
    </message>
    <message>
        <source>on masking paper, in %1; lay it aside to dry</source>
        <translation>op maskeerpapier, in %1; leg het apart om te drogen</translation>
    </message>
    <message>
        <source>on the horizon</source>
        <translation>op de horizon</translation>
    </message>
    <message>
        <source>on the left third</source>
        <translation>op het linker derde</translation>
    </message>
    <message>
        <source>on the lower third</source>
        <translation>op het onderste derde</translation>
    </message>
    <message>
        <source>on the mask</source>
        <translation>op het masker</translation>
    </message>
    <message>
        <source>on the right third</source>
        <translation>op het rechter derde</translation>
    </message>
    <message>
        <source>on the upper third</source>
        <translation>op het bovenste derde</translation>
    </message>
    <message>
        <source>on water</source>
        <translation>op water</translation>
    </message>
    <message>
        <source>on wood</source>
        <translation>op hout</translation>
    </message>
    <message>
        <source>once</source>
        <translation>één keer</translation>
    </message>
    <message>
        <source>one after the other, %1 times</source>
        <translation>de een na de ander, %1 keer</translation>
    </message>
    <message>
        <source>one ink</source>
        <translation>één inkt</translation>
    </message>
    <message>
        <source>one mask lies meanwhile; the run sheet says which</source>
        <translation>één masker ligt ondertussen; het werkblad zegt welk</translation>
    </message>
    <message>
        <source>one of many small ones, tedious to mask</source>
        <translation>een van vele kleine, vervelend om te maskeren</translation>
    </message>
    <message>
        <source>one of them would stand behind the viewer</source>
        <translation>een ervan zou achter de kijker staan</translation>
    </message>
    <message>
        <source>one other thing no longer fits</source>
        <translation>één ander ding past niet meer</translation>
    </message>
    <message>
        <source>one page, at true size</source>
        <translation>één pagina, op ware grootte</translation>
    </message>
    <message>
        <source>one paper over %1</source>
        <translation>één papier over %1</translation>
    </message>
    <message>
        <source>one paper over all of them</source>
        <translation>één papier over alle</translation>
    </message>
    <message>
        <source>one paper with %1</source>
        <translation>één papier met %1</translation>
    </message>
    <message>
        <source>one use left</source>
        <translation>nog één keer te gebruiken</translation>
    </message>
    <message>
        <source>only %1</source>
        <translation>alleen %1</translation>
    </message>
    <message>
        <source>only a part is stamped</source>
        <translation>maar een deel wordt gestempeld</translation>
    </message>
    <message>
        <source>only a small gap in one big stamp</source>
        <translation>maar een kleine opening in één groot stempel</translation>
    </message>
    <message>
        <source>only another impression of the same stamp can be coloured alike</source>
        <translation>alleen een andere afdruk van dezelfde stempel kan gelijk ingekleurd worden</translation>
    </message>
    <message>
        <source>only what stands on the ground can be spaced in metres</source>
        <translation>alleen wat op de grond staat kan in meters verdeeld worden</translation>
    </message>
    <message>
        <source>open the card and lay it down with the front turned %1; the right way up as it is read, clear of the fold itself</source>
        <translation>open de kaart en leg hem neer met de voorkant naar %1; zoals hij gelezen wordt, vrij van de vouw zelf</translation>
    </message>
    <message>
        <source>opposite the middle of the back wall, where its diagonals cross</source>
        <translation>tegenover het midden van de achterwand, waar zijn diagonalen kruisen</translation>
    </message>
    <message>
        <source>opposites</source>
        <translation>tegengestelden</translation>
    </message>
    <message>
        <source>orange</source>
        <translation>oranje</translation>
    </message>
    <message>
        <source>orange red</source>
        <translation>oranjerood</translation>
    </message>
    <message>
        <source>other eyes</source>
        <translation>andere ogen</translation>
    </message>
    <message>
        <source>outside it</source>
        <translation>erbuiten</translation>
    </message>
    <message>
        <source>oval</source>
        <translation>ovaal</translation>
    </message>
    <message>
        <source>over</source>
        <translation>over</translation>
    </message>
    <message>
        <source>over %1, which touch and are covered together</source>
        <translation>over %1, die elkaar raken en samen afgedekt worden</translation>
    </message>
    <message>
        <source>over 99 %</source>
        <translation>meer dan 99 %</translation>
    </message>
    <message>
        <source>overprint</source>
        <translation>overdrukken</translation>
    </message>
    <message>
        <source>page %1 of %2, at true size</source>
        <translation>pagina %1 van %2, op ware grootte</translation>
    </message>
    <message>
        <source>paint</source>
        <translation>verf</translation>
    </message>
    <message>
        <source>pale</source>
        <translation>bleek</translation>
    </message>
    <message>
        <source>panel</source>
        <translation>beeldkaart</translation>
    </message>
    <message>
        <source>panel for the inside</source>
        <translation>blad voor binnen</translation>
    </message>
    <message>
        <source>panel rim strip border inside envelope orientation</source>
        <translation>paneel rand strook bies binnenkant envelop stand</translation>
    </message>
    <message>
        <source>paper above, the wash goes below</source>
        <translation>papier boven, het verloop komt eronder</translation>
    </message>
    <message>
        <source>paper below, the wash goes above</source>
        <translation>papier onder, het verloop komt erboven</translation>
    </message>
    <message>
        <source>paper for %1 mats</source>
        <translation>papier voor %1 matten</translation>
    </message>
    <message>
        <source>paper for the mat</source>
        <translation>papier voor de mat</translation>
    </message>
    <message>
        <source>paper of %1 mm</source>
        <translation>papier van %1 mm</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>deel %1</translation>
    </message>
    <message>
        <source>part %1 of %2</source>
        <translation>deel %1 van %2</translation>
    </message>
    <message>
        <source>parts of it use each other in a ring, or draw more than %1 parts</source>
        <translation>delen ervan gebruiken elkaar in een kring, of tekenen meer dan %1 delen</translation>
    </message>
    <message>
        <source>paste, through a stencil</source>
        <translation>pasta, door een sjabloon</translation>
    </message>
    <message>
        <source>path</source>
        <translation>pad</translation>
    </message>
    <message>
        <source>pen gel glitter accent lift grass</source>
        <translation>pen gelpen glitter accent ophelderen gras</translation>
    </message>
    <message>
        <source>pencil</source>
        <translation>kleurpotlood</translation>
    </message>
    <message>
        <source>pencil %1; then %2; rub the pencil out when it is dry</source>
        <translation>%1 met potlood; dan %2; gum het potlood uit als het droog is</translation>
    </message>
    <message>
        <source>pencil sheet</source>
        <translation>het potloodblad</translation>
    </message>
    <message>
        <source>pencils: %1</source>
        <translation>kleurpotloden: %1</translation>
    </message>
    <message>
        <source>pigment</source>
        <translation>pigment</translation>
    </message>
    <message>
        <source>pink</source>
        <translation>roze</translation>
    </message>
    <message>
        <source>placement sheet</source>
        <translation>het plaatsblad</translation>
    </message>
    <message>
        <source>plain floor</source>
        <translation>effen vloer</translation>
    </message>
    <message>
        <source>plain piece</source>
        <translation>effen stuk</translation>
    </message>
    <message>
        <source>plain wash</source>
        <translation>effen verloop</translation>
    </message>
    <message>
        <source>plant</source>
        <translation>plant</translation>
    </message>
    <message>
        <source>pop up</source>
        <translation>opzetten</translation>
    </message>
    <message>
        <source>posts differ, and so do their prices: look it up at yours</source>
        <translation>posterijen verschillen, en hun prijzen ook: zoek het bij de jouwe op</translation>
    </message>
    <message>
        <source>press %1 times on scrap</source>
        <translation>druk %1 keer op kladpapier</translation>
    </message>
    <message>
        <source>press once on scrap</source>
        <translation>druk één keer op kladpapier</translation>
    </message>
    <message>
        <source>pressed into the paper, without ink</source>
        <translation>in het papier geperst, zonder inkt</translation>
    </message>
    <message>
        <source>pressing %1</source>
        <translation>druk %1</translation>
    </message>
    <message>
        <source>pressing %1 differs in size from the first: press one stamp only, all of it each time</source>
        <translation>druk %1 heeft een andere maat dan de eerste: druk maar één stempel, elke keer helemaal</translation>
    </message>
    <message>
        <source>pressings go from 1 to 99</source>
        <translation>drukken gaan van 1 tot 99</translation>
    </message>
    <message>
        <source>prints</source>
        <translation>drukt</translation>
    </message>
    <message>
        <source>prints %1 × %2 %3%4</source>
        <translation>drukt %1 × %2 %3%4</translation>
    </message>
    <message>
        <source>prints %1, %2</source>
        <translation>drukt %1, %2</translation>
    </message>
    <message>
        <source>proven</source>
        <translation>bewezen</translation>
    </message>
    <message>
        <source>put on one small thing after another</source>
        <translation>het ene kleine ding na het andere aanbrengen</translation>
    </message>
    <message>
        <source>putting %1 on %2</source>
        <translation>aanbrengen van %1 op %2</translation>
    </message>
    <message>
        <source>putting on %1</source>
        <translation>aanbrengen van %1</translation>
    </message>
    <message>
        <source>quiet together</source>
        <translation>rustig samen</translation>
    </message>
    <message>
        <source>rails</source>
        <translation>rails</translation>
    </message>
    <message>
        <source>raised by %1</source>
        <translation>%1 verhoogd</translation>
    </message>
    <message>
        <source>raised on foam</source>
        <translation>op schuim getild</translation>
    </message>
    <message>
        <source>ray stencil</source>
        <translation>stralensjabloon</translation>
    </message>
    <message>
        <source>rays</source>
        <translation>stralen</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>rechthoek</translation>
    </message>
    <message>
        <source>red</source>
        <translation>rood</translation>
    </message>
    <message>
        <source>red rubber</source>
        <translation>rood rubber</translation>
    </message>
    <message>
        <source>resist</source>
        <translation>reserve</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>right and neat</source>
        <translation>goed en zuinig</translation>
    </message>
    <message>
        <source>right of a line</source>
        <translation>rechts van een lijn</translation>
    </message>
    <message>
        <source>ripples</source>
        <translation>rimpels</translation>
    </message>
    <message>
        <source>room enough</source>
        <translation>genoeg ruimte</translation>
    </message>
    <message>
        <source>room for %1 cards to dry</source>
        <translation>ruimte voor %1 kaarten om te drogen</translation>
    </message>
    <message>
        <source>rose</source>
        <translation>rozerood</translation>
    </message>
    <message>
        <source>run sheet</source>
        <translation>het werkblad</translation>
    </message>
    <message>
        <source>runs low</source>
        <translation>raakt op</translation>
    </message>
    <message>
        <source>runs off the lower left corner, in a later pressing, so that an address stays legible</source>
        <translation>loopt linksonder uit, in een latere druk, zodat een adres leesbaar blijft</translation>
    </message>
    <message>
        <source>runs to the edge</source>
        <translation>loopt tot de rand</translation>
    </message>
    <message>
        <source>salt</source>
        <translation>zout</translation>
    </message>
    <message>
        <source>saved in %1</source>
        <translation>opgeslagen in %1</translation>
    </message>
    <message>
        <source>score it level, %1 from the bottom edge</source>
        <translation>ril het waterpas, %1 van de onderkant</translation>
    </message>
    <message>
        <source>score it upright, %1 from the left edge</source>
        <translation>ril het rechtop, %1 van de linkerkant</translation>
    </message>
    <message>
        <source>scrap paper</source>
        <translation>kladpapier</translation>
    </message>
    <message>
        <source>sea green</source>
        <translation>zeegroen</translation>
    </message>
    <message>
        <source>second</source>
        <translation>tweede</translation>
    </message>
    <message>
        <source>second pressing</source>
        <translation>tweede druk</translation>
    </message>
    <message>
        <source>seen from above: 0 from the right, 90 from ahead, 180 from the left, 270 from behind you</source>
        <translation>van boven gezien: 0 van rechts, 90 van voren, 180 van links, 270 van achter je</translation>
    </message>
    <message>
        <source>sentiment</source>
        <translation>groet</translation>
    </message>
    <message>
        <source>sequence wish run sheet stamping</source>
        <translation>volgorde wens werkblad stempelen</translation>
    </message>
    <message>
        <source>sequins</source>
        <translation>pailletten</translation>
    </message>
    <message>
        <source>several</source>
        <translation>verscheidene</translation>
    </message>
    <message>
        <source>several inks</source>
        <translation>verscheidene inkten</translation>
    </message>
    <message>
        <source>several presses that make one figure are seen, moved and counted as one</source>
        <translation>verscheidene drukken die één figuur maken worden als één gezien, verplaatst en geteld</translation>
    </message>
    <message>
        <source>several schools</source>
        <translation>verscheidene manieren</translation>
    </message>
    <message>
        <source>shadow</source>
        <translation>schaduw</translation>
    </message>
    <message>
        <source>sheet for a class</source>
        <translation>blad voor een les</translation>
    </message>
    <message>
        <source>shelf</source>
        <translation>plank</translation>
    </message>
    <message>
        <source>shows</source>
        <translation>toont</translation>
    </message>
    <message>
        <source>shows anything</source>
        <translation>toont om het even wat</translation>
    </message>
    <message>
        <source>shows in %1 of tries: a white gap %2, ink run in %3; %4 mm to join%5</source>
        <translation>te zien in %1 van de pogingen: witte opening %2, ingelopen inkt %3; %4 mm aan te sluiten%5</translation>
    </message>
    <message>
        <source>sky</source>
        <translation>lucht</translation>
    </message>
    <message>
        <source>sky blue</source>
        <translation>hemelsblauw</translation>
    </message>
    <message>
        <source>slender part %1, %2 long</source>
        <translation>smal deel %1, %2 lang</translation>
    </message>
    <message>
        <source>slowly, from one corner; wipe it, it is used again</source>
        <translation>langzaam, vanaf één hoek; veeg hem af, hij wordt weer gebruikt</translation>
    </message>
    <message>
        <source>small blending tool</source>
        <translation>klein veegwerktuig</translation>
    </message>
    <message>
        <source>small blending tools: %1</source>
        <translation>kleine veegwerktuigen: %1</translation>
    </message>
    <message>
        <source>small wet things are put on from the side away from the hand</source>
        <translation>kleine natte dingen worden aangebracht vanaf de kant van de hand af</translation>
    </message>
    <message>
        <source>so many cards can lie and dry at a time</source>
        <translation>zoveel kaarten kunnen tegelijk liggen en drogen</translation>
    </message>
    <message>
        <source>solid</source>
        <translation>vol</translation>
    </message>
    <message>
        <source>solid, and darker than all behind it: no mask is needed</source>
        <translation>vol, en donkerder dan alles erachter: er is geen masker nodig</translation>
    </message>
    <message>
        <source>someone else…</source>
        <translation>iemand anders…</translation>
    </message>
    <message>
        <source>something from a newer version</source>
        <translation>iets uit een nieuwere versie</translation>
    </message>
    <message>
        <source>something lies on the card %1</source>
        <translation>er ligt iets op de kaart %1</translation>
    </message>
    <message>
        <source>something stands in front of it</source>
        <translation>er staat iets voor</translation>
    </message>
    <message>
        <source>space distribute</source>
        <translation>verdelen ruimte</translation>
    </message>
    <message>
        <source>space distribute distance</source>
        <translation>verdelen ruimte afstand</translation>
    </message>
    <message>
        <source>spring</source>
        <translation>lente</translation>
    </message>
    <message>
        <source>square tiles</source>
        <translation>vierkante tegels</translation>
    </message>
    <message>
        <source>stamp the front first, cover it, stamp behind it</source>
        <translation>stempel het voorste eerst, dek het af, stempel erachter</translation>
    </message>
    <message>
        <source>stamp what is behind first, the front straight on top</source>
        <translation>stempel eerst wat erachter is, het voorste er direct overheen</translation>
    </message>
    <message>
        <source>stamped and embossed, later inks wipe off it</source>
        <translation>gestempeld en geëmbosst, latere inkten zijn eraf te vegen</translation>
    </message>
    <message>
        <source>stamped last, over the rim of what is glued flat on the panel</source>
        <translation>als laatste gestempeld, over de rand van wat vlak op de beeldkaart gelijmd is</translation>
    </message>
    <message>
        <source>stamping %1</source>
        <translation>stempelen van %1</translation>
    </message>
    <message>
        <source>stamps to tape</source>
        <translation>de af te plakken stempels</translation>
    </message>
    <message>
        <source>stencil</source>
        <translation>sjabloon</translation>
    </message>
    <message>
        <source>step %1 of %2</source>
        <translation>stap %1 van %2</translation>
    </message>
    <message>
        <source>stock offcut knife trim blade</source>
        <translation>voorraad restje mes snijden blad</translation>
    </message>
    <message>
        <source>stopped</source>
        <translation>gestopt</translation>
    </message>
    <message>
        <source>straight ahead</source>
        <translation>recht vooruit</translation>
    </message>
    <message>
        <source>straight behind you</source>
        <translation>recht achter je</translation>
    </message>
    <message>
        <source>straight edge</source>
        <translation>rechte rand</translation>
    </message>
    <message>
        <source>straight edges: strips of tape do</source>
        <translation>rechte randen: stroken plakband volstaan</translation>
    </message>
    <message>
        <source>straight over or under %1</source>
        <translation>recht boven of onder %1</translation>
    </message>
    <message>
        <source>straight turn</source>
        <translation>recht draaien</translation>
    </message>
    <message>
        <source>straight up, and wash it at once; it is used again</source>
        <translation>recht omhoog, en was hem meteen; hij wordt weer gebruikt</translation>
    </message>
    <message>
        <source>strength goes from nothing to full</source>
        <translation>sterkte gaat van niets tot vol</translation>
    </message>
    <message>
        <source>strip</source>
        <translation>strook</translation>
    </message>
    <message>
        <source>strip oval window frame panel foam glue pop layer</source>
        <translation>strook ovaal venster kader paneel foam lijmen laag</translation>
    </message>
    <message>
        <source>stripes of 5 mm</source>
        <translation>strepen van 5 mm</translation>
    </message>
    <message>
        <source>strongly</source>
        <translation>sterk</translation>
    </message>
    <message>
        <source>summer</source>
        <translation>zomer</translation>
    </message>
    <message>
        <source>sun</source>
        <translation>zon</translation>
    </message>
    <message>
        <source>sun or moon %1, %2° high</source>
        <translation>zon of maan %1, %2° hoog</translation>
    </message>
    <message>
        <source>sun or moon in the picture</source>
        <translation>zon of maan in het beeld</translation>
    </message>
    <message>
        <source>sunbeams light</source>
        <translation>zonnestralen licht</translation>
    </message>
    <message>
        <source>take colour out of a blend again</source>
        <translation>kleur weer uit een verloop halen</translation>
    </message>
    <message>
        <source>takes the sheets that were cut out of the drawer and puts what is left of them in</source>
        <translation>neemt de gesneden vellen uit de la en legt erin wat ervan over is</translation>
    </message>
    <message>
        <source>taking colour out with %1</source>
        <translation>kleur weghalen met %1</translation>
    </message>
    <message>
        <source>tall; right at</source>
        <translation>hoog; goed op</translation>
    </message>
    <message>
        <source>tape or wipe where %1 will be</source>
        <translation>plak of veeg af waar %1 komt</translation>
    </message>
    <message>
        <source>tape over part of the inked rubber, so a gap is left for the front</source>
        <translation>plak een deel van het geïnkte rubber af, zodat er een opening voor het voorste blijft</translation>
    </message>
    <message>
        <source>tear a strip of masking paper along the pencilled line, slowly, toward you; keep both pieces</source>
        <translation>scheur een strook maskeerpapier langs de potloodlijn, langzaam, naar je toe; bewaar beide stukken</translation>
    </message>
    <message>
        <source>technique resist powder wipe pop-up</source>
        <translation>techniek resist poeder vegen pop-up</translation>
    </message>
    <message>
        <source>texture</source>
        <translation>structuur</translation>
    </message>
    <message>
        <source>that is a drawing; a scan or photo is wanted</source>
        <translation>dat is een tekening; er wordt een scan of foto gevraagd</translation>
    </message>
    <message>
        <source>that is longer than any card</source>
        <translation>dat is langer dan welke kaart ook</translation>
    </message>
    <message>
        <source>that is not a number</source>
        <translation>dat is geen getal</translation>
    </message>
    <message>
        <source>that is not a number of degrees</source>
        <translation>dat is geen aantal graden</translation>
    </message>
    <message>
        <source>that is the whole stamp</source>
        <translation>dat is de hele stempel</translation>
    </message>
    <message>
        <source>that is too far from the panel</source>
        <translation>dat is te ver van het paneel</translation>
    </message>
    <message>
        <source>the %1</source>
        <translation>“%1”</translation>
    </message>
    <message>
        <source>the %2 %1 times</source>
        <translation>het %2 %1 keer</translation>
    </message>
    <message>
        <source>the DXF file cannot be read</source>
        <translation>het DXF-bestand is niet leesbaar</translation>
    </message>
    <message>
        <source>the DXF file holds curves that are not read (%1)</source>
        <translation>het DXF-bestand bevat krommen die niet gelezen worden (%1)</translation>
    </message>
    <message>
        <source>the DXF file is cut short or damaged</source>
        <translation>het DXF-bestand is afgebroken of beschadigd</translation>
    </message>
    <message>
        <source>the HPGL command %1 is not read</source>
        <translation>de HPGL-opdracht %1 wordt niet gelezen</translation>
    </message>
    <message>
        <source>the HPGL file is cut short</source>
        <translation>het HPGL-bestand is afgebroken</translation>
    </message>
    <message>
        <source>the PDF cannot be read: it is damaged, locked or no PDF</source>
        <translation>de PDF is niet leesbaar: hij is beschadigd, vergrendeld of geen PDF</translation>
    </message>
    <message>
        <source>the PDF has more than 500 pages</source>
        <translation>de PDF heeft meer dan 500 bladzijden</translation>
    </message>
    <message>
        <source>the PDF is packed in ways that are not read; save it as a plain PDF</source>
        <translation>de PDF is ingepakt op een manier die niet gelezen wordt; sla hem op als gewone PDF</translation>
    </message>
    <message>
        <source>the PDF unpacks to more than %1 MB</source>
        <translation>de PDF pakt uit tot meer dan %1 MB</translation>
    </message>
    <message>
        <source>the SVG cannot be read</source>
        <translation>de SVG is niet leesbaar</translation>
    </message>
    <message>
        <source>the SVG says it is %1 × %2 mm large</source>
        <translation>de SVG zegt dat hij %1 × %2 mm groot is</translation>
    </message>
    <message>
        <source>the SVG was not taken: %1</source>
        <translation>de SVG is niet genomen: %1</translation>
    </message>
    <message>
        <source>the back wall has no size</source>
        <translation>de achterwand heeft geen maat</translation>
    </message>
    <message>
        <source>the back wall must begin below the horizon, or there is no floor</source>
        <translation>de achterwand moet onder de horizon beginnen, anders is er geen vloer</translation>
    </message>
    <message>
        <source>the background</source>
        <translation>de achtergrond</translation>
    </message>
    <message>
        <source>the backup %1 cannot be written</source>
        <translation>de reservekopie %1 kan niet geschreven worden</translation>
    </message>
    <message>
        <source>the bottom</source>
        <translation>de onderste</translation>
    </message>
    <message>
        <source>the card</source>
        <translation>de kaart</translation>
    </message>
    <message>
        <source>the card as it will look</source>
        <translation>de kaart zoals hij eruit zal zien</translation>
    </message>
    <message>
        <source>the card is too small in the picture: at least 70 dots an inch are needed</source>
        <translation>de kaart is te klein in het beeld: minstens 70 punten per inch zijn nodig</translation>
    </message>
    <message>
        <source>the card lies on its side in the picture: turn the picture by a quarter</source>
        <translation>de kaart ligt op haar zij in het beeld: draai het beeld een kwart</translation>
    </message>
    <message>
        <source>the card lies upside down in the picture: turn the picture by half a circle</source>
        <translation>de kaart ligt ondersteboven in het beeld: draai het beeld een halve slag</translation>
    </message>
    <message>
        <source>the colouring</source>
        <translation>de inkleuring</translation>
    </message>
    <message>
        <source>the colouring of %1</source>
        <translation>de inkleuring van %1</translation>
    </message>
    <message>
        <source>the disk is full</source>
        <translation>de schijf is vol</translation>
    </message>
    <message>
        <source>the disk is full or cannot be written (%1). The drawer is as it was</source>
        <translation>de schijf is vol of niet te beschrijven (%1). De la is zoals hij was</translation>
    </message>
    <message>
        <source>the disk is full or cannot be written (%1). The log is as it was</source>
        <translation>de schijf is vol of kan niet beschreven worden (%1). Het logboek is zoals het was</translation>
    </message>
    <message>
        <source>the disk is read-only</source>
        <translation>de schijf is alleen-lezen</translation>
    </message>
    <message>
        <source>the drawer cannot be opened</source>
        <translation>de la kan niet geopend worden</translation>
    </message>
    <message>
        <source>the drawer cannot be opened: %1</source>
        <translation>de la kan niet geopend worden: %1</translation>
    </message>
    <message>
        <source>the drawer cannot be written: it is read-only</source>
        <translation>de la kan niet geschreven worden: hij is alleen-lezen</translation>
    </message>
    <message>
        <source>the drawer could not be changed: %1</source>
        <translation>de la kon niet veranderd worden: %1</translation>
    </message>
    <message>
        <source>the drawer could not be packed</source>
        <translation>de la kon niet ingepakt worden</translation>
    </message>
    <message>
        <source>the drawer does not know it</source>
        <translation>de la kent het niet</translation>
    </message>
    <message>
        <source>the drawer does not say how full they are</source>
        <translation>de la zegt niet hoe vol ze zijn</translation>
    </message>
    <message>
        <source>the drawer is damaged (%1) and cannot be set aside</source>
        <translation>de la is beschadigd (%1) en kan niet apart gelegd worden</translation>
    </message>
    <message>
        <source>the drawer is of an older version and cannot be brought up to date now, because it cannot be written</source>
        <translation>de la is van een oudere versie en kan nu niet bijgewerkt worden, omdat hij niet te schrijven is</translation>
    </message>
    <message>
        <source>the drawer is open for reading only</source>
        <translation>de la is alleen om te lezen geopend</translation>
    </message>
    <message>
        <source>the drawing has more than %1 groups</source>
        <translation>de tekening heeft meer dan %1 groepen</translation>
    </message>
    <message>
        <source>the drawing has no usable size</source>
        <translation>de tekening heeft geen bruikbare maat</translation>
    </message>
    <message>
        <source>the drawing is larger than %1 MB</source>
        <translation>de tekening is groter dan %1 MB</translation>
    </message>
    <message>
        <source>the drawing is packed twice</source>
        <translation>de tekening is twee keer ingepakt</translation>
    </message>
    <message>
        <source>the drawing says it is %1 × %2 mm large; a stamp is not</source>
        <translation>de tekening zegt dat hij %1 × %2 mm groot is; een stempel is dat niet</translation>
    </message>
    <message>
        <source>the edges and openings</source>
        <translation>de randen en openingen</translation>
    </message>
    <message>
        <source>the edges of the sheet</source>
        <translation>de randen van het vel</translation>
    </message>
    <message>
        <source>the envelope</source>
        <translation>de envelop</translation>
    </message>
    <message>
        <source>the fewest that will do, and why</source>
        <translation>zo weinig als kan, en waarom</translation>
    </message>
    <message>
        <source>the file is empty</source>
        <translation>het bestand is leeg</translation>
    </message>
    <message>
        <source>the file is larger than 1 GB</source>
        <translation>het bestand is groter dan 1 GB</translation>
    </message>
    <message>
        <source>the file is larger than 512 MB</source>
        <translation>het bestand is groter dan 512 MB</translation>
    </message>
    <message>
        <source>the file is larger than 64 MB</source>
        <translation>het bestand is groter dan 64 MB</translation>
    </message>
    <message>
        <source>the file is larger than the 64 MB a plan may have</source>
        <translation>het bestand is groter dan de 64 MB die een plan mag hebben</translation>
    </message>
    <message>
        <source>the file is not a drawing that can be read</source>
        <translation>het bestand is geen leesbare tekening</translation>
    </message>
    <message>
        <source>the file is not a picture that can be read (PNG, JPEG, TIFF or SVG)</source>
        <translation>het bestand is geen leesbaar beeld (PNG, JPEG, TIFF of SVG)</translation>
    </message>
    <message>
        <source>the file would be larger than is allowed</source>
        <translation>het bestand zou groter zijn dan toegestaan</translation>
    </message>
    <message>
        <source>the first and the last of the row stand at one place</source>
        <translation>de eerste en de laatste van de rij staan op één plek</translation>
    </message>
    <message>
        <source>the first of the row</source>
        <translation>de eerste van de rij</translation>
    </message>
    <message>
        <source>the first pressing cannot be told from paper</source>
        <translation>de eerste druk is niet van papier te onderscheiden</translation>
    </message>
    <message>
        <source>the folder of the log, %1, cannot be made</source>
        <translation>de map van het logboek, %1, kan niet gemaakt worden</translation>
    </message>
    <message>
        <source>the four corners do not go round a rectangle: upper left, upper right, lower right, lower left</source>
        <translation>de vier hoeken gaan niet om een rechthoek: linksboven, rechtsboven, rechtsonder, linksonder</translation>
    </message>
    <message>
        <source>the four corners lie too close together</source>
        <translation>de vier hoeken liggen te dicht bij elkaar</translation>
    </message>
    <message>
        <source>the front on its own piece, cut out and raised on foam</source>
        <translation>het voorste op een eigen stuk, uitgeknipt en op schuim getild</translation>
    </message>
    <message>
        <source>the greater size</source>
        <translation>de grotere maat</translation>
    </message>
    <message>
        <source>the greeting has room</source>
        <translation>de groet heeft ruimte</translation>
    </message>
    <message>
        <source>the greeting “%1”</source>
        <translation>de groet “%1”</translation>
    </message>
    <message>
        <source>the ground</source>
        <translation>de grond</translation>
    </message>
    <message>
        <source>the ground under the light</source>
        <translation>de grond onder het licht</translation>
    </message>
    <message>
        <source>the hatched part</source>
        <translation>het gearceerde deel</translation>
    </message>
    <message>
        <source>the heat tool</source>
        <translation>het heteluchtapparaat</translation>
    </message>
    <message>
        <source>the hero</source>
        <translation>de held</translation>
    </message>
    <message>
        <source>the hero first</source>
        <translation>de held eerst</translation>
    </message>
    <message>
        <source>the hero has %1 of the pull instead of %2</source>
        <translation>de held heeft %1 van de aandacht in plaats van %2</translation>
    </message>
    <message>
        <source>the hero has no size</source>
        <translation>de held heeft geen maat</translation>
    </message>
    <message>
        <source>the hero in place %1</source>
        <translation>de held op plaats %1</translation>
    </message>
    <message>
        <source>the hero is seen first</source>
        <translation>de held valt het eerst op</translation>
    </message>
    <message>
        <source>the hero is too large for this card</source>
        <translation>de held is te groot voor deze kaart</translation>
    </message>
    <message>
        <source>the hero stands on a third</source>
        <translation>de held staat op een derde</translation>
    </message>
    <message>
        <source>the hero, with much behind it: one piece saves many masks</source>
        <translation>de held, met veel erachter: één stuk spaart veel maskers</translation>
    </message>
    <message>
        <source>the horizon</source>
        <translation>de horizon</translation>
    </message>
    <message>
        <source>the horizon, and how sizes shrink toward it</source>
        <translation>de horizon, en hoe maten ernaartoe krimpen</translation>
    </message>
    <message>
        <source>the ink %1</source>
        <translation>de inkt %1</translation>
    </message>
    <message>
        <source>the ink runs as soon as it is damp</source>
        <translation>de inkt loopt uit zodra hij vochtig wordt</translation>
    </message>
    <message>
        <source>the inks</source>
        <translation>de inkten</translation>
    </message>
    <message>
        <source>the large shapes make a triangle</source>
        <translation>de grote vormen maken een driehoek</translation>
    </message>
    <message>
        <source>the last of the row; on the horizon it has no end</source>
        <translation>de laatste van de rij; op de horizon heeft hij geen einde</translation>
    </message>
    <message>
        <source>the left</source>
        <translation>de linker</translation>
    </message>
    <message>
        <source>the left and the bottom</source>
        <translation>de linker en de onderste</translation>
    </message>
    <message>
        <source>the left and the bottom, where the fold is</source>
        <translation>de linker en de onderste, waar de vouw is</translation>
    </message>
    <message>
        <source>the left and the top, where the fold is</source>
        <translation>de linker en de bovenste, waar de vouw is</translation>
    </message>
    <message>
        <source>the left part</source>
        <translation>het linkerdeel</translation>
    </message>
    <message>
        <source>the left, where the fold is, and the bottom</source>
        <translation>de linker, waar de vouw is, en de onderste</translation>
    </message>
    <message>
        <source>the light</source>
        <translation>het licht</translation>
    </message>
    <message>
        <source>the light is too far from the panel</source>
        <translation>het licht is te ver van het paneel</translation>
    </message>
    <message>
        <source>the light: %1</source>
        <translation>het licht: %1</translation>
    </message>
    <message>
        <source>the log cannot be opened</source>
        <translation>het logboek kan niet geopend worden</translation>
    </message>
    <message>
        <source>the log cannot be opened: %1</source>
        <translation>het logboek kan niet worden geopend: %1</translation>
    </message>
    <message>
        <source>the log cannot be written: it is read-only</source>
        <translation>het logboek kan niet worden beschreven: het is alleen-lezen</translation>
    </message>
    <message>
        <source>the log could not be changed: %1</source>
        <translation>het logboek kon niet worden veranderd: %1</translation>
    </message>
    <message>
        <source>the log is damaged (%1) and cannot be set aside</source>
        <translation>het logboek is beschadigd (%1) en kan niet apart gelegd worden</translation>
    </message>
    <message>
        <source>the lower part</source>
        <translation>het onderste deel</translation>
    </message>
    <message>
        <source>the marks seen on the sheet are not those of the file</source>
        <translation>de merken op het vel zijn niet die van het bestand</translation>
    </message>
    <message>
        <source>the name is too long</source>
        <translation>de naam is te lang</translation>
    </message>
    <message>
        <source>the notes</source>
        <translation>de notities</translation>
    </message>
    <message>
        <source>the one at hand</source>
        <translation>die er is</translation>
    </message>
    <message>
        <source>the packed drawing is damaged, or unpacks to more than %1 MB</source>
        <translation>de ingepakte tekening is beschadigd, of pakt uit tot meer dan %1 MB</translation>
    </message>
    <message>
        <source>the pad of %1</source>
        <translation>het kussen %1</translation>
    </message>
    <message>
        <source>the panel</source>
        <translation>de beeldkaart</translation>
    </message>
    <message>
        <source>the picture cannot be read: %1</source>
        <translation>het beeld is niet leesbaar: %1</translation>
    </message>
    <message>
        <source>the picture has %1 × %2 pixels: too few for a stamp</source>
        <translation>het beeld heeft %1 × %2 pixels: te weinig voor een stempel</translation>
    </message>
    <message>
        <source>the picture has %1 × %2 pixels; 160 million is the most (a whole A4 sheet at 1200 dpi), and 30 000 on a side. Scan a smaller area or with fewer dpi</source>
        <translation>het beeld heeft %1 × %2 pixels; 160 miljoen is het meeste (een heel A4-vel op 1200 dpi), en 30 000 op een zijde. Scan een kleiner vlak of met minder dpi</translation>
    </message>
    <message>
        <source>the picture has no scale yet</source>
        <translation>het beeld heeft nog geen schaal</translation>
    </message>
    <message>
        <source>the picture is cut short</source>
        <translation>het beeld is afgebroken</translation>
    </message>
    <message>
        <source>the picture is empty</source>
        <translation>het beeld is leeg</translation>
    </message>
    <message>
        <source>the picture is nearly black: there is no paper to tell ink from</source>
        <translation>het beeld is bijna zwart: er is geen papier waartegen inkt afsteekt</translation>
    </message>
    <message>
        <source>the picture is too coarse to cut from; scan at 150 dpi or more</source>
        <translation>het beeld is te grof om uit te snijden; scan met 150 dpi of meer</translation>
    </message>
    <message>
        <source>the picture is too small</source>
        <translation>het beeld is te klein</translation>
    </message>
    <message>
        <source>the picture on %1</source>
        <translation>het beeld op %1</translation>
    </message>
    <message>
        <source>the pictures inside</source>
        <translation>de beelden binnenin</translation>
    </message>
    <message>
        <source>the pieces</source>
        <translation>de stukken</translation>
    </message>
    <message>
        <source>the plan has no ink to stamp with</source>
        <translation>het plan heeft geen inkt om mee te stempelen</translation>
    </message>
    <message>
        <source>the plan has no room</source>
        <translation>het plan heeft geen kamer</translation>
    </message>
    <message>
        <source>the plan has no view</source>
        <translation>het plan heeft geen blik</translation>
    </message>
    <message>
        <source>the plan has no view, so nothing can stand on its ground</source>
        <translation>het plan heeft geen blik, dus niets kan op zijn grond staan</translation>
    </message>
    <message>
        <source>the plan has no view, so there is no ground</source>
        <translation>het plan heeft geen blik, dus er is geen grond</translation>
    </message>
    <message>
        <source>the powder for %1</source>
        <translation>het poeder voor %1</translation>
    </message>
    <message>
        <source>the printer's paper</source>
        <translation>het papier van de printer</translation>
    </message>
    <message>
        <source>the rack is full: hands wait %1</source>
        <translation>het rek is vol: handen wachten %1</translation>
    </message>
    <message>
        <source>the rectangle needs a width and a height</source>
        <translation>de rechthoek heeft een breedte en een hoogte nodig</translation>
    </message>
    <message>
        <source>the rest</source>
        <translation>de rest</translation>
    </message>
    <message>
        <source>the right</source>
        <translation>de rechter</translation>
    </message>
    <message>
        <source>the right part</source>
        <translation>het rechterdeel</translation>
    </message>
    <message>
        <source>the right, where the fold is, and the bottom</source>
        <translation>de rechter, waar de vouw is, en de onderste</translation>
    </message>
    <message>
        <source>the room</source>
        <translation>de kamer</translation>
    </message>
    <message>
        <source>the row lies behind the viewer</source>
        <translation>de rij ligt achter de kijker</translation>
    </message>
    <message>
        <source>the same scene from the side: drag a thing, or mist, nearer or farther</source>
        <translation>dezelfde scène van opzij: sleep een ding, of mist, dichterbij of verder</translation>
    </message>
    <message>
        <source>the sheet that is bought when the drawer's do not reach</source>
        <translation>het vel dat gekocht wordt als die van de la niet reiken</translation>
    </message>
    <message>
        <source>the stamp %1</source>
        <translation>de stempel %1</translation>
    </message>
    <message>
        <source>the stamp %1 is damaged: %2</source>
        <translation>het stempel %1 is beschadigd: %2</translation>
    </message>
    <message>
        <source>the stamp is on &quot;%1&quot;</source>
        <translation>de stempel staat op “%1”</translation>
    </message>
    <message>
        <source>the stamp is on the card</source>
        <translation>de stempel staat op de kaart</translation>
    </message>
    <message>
        <source>the stamps</source>
        <translation>de stempels</translation>
    </message>
    <message>
        <source>the step “%1”</source>
        <translation>de stap “%1”</translation>
    </message>
    <message>
        <source>the stronger colour</source>
        <translation>de sterkere kleur</translation>
    </message>
    <message>
        <source>the stronger contrast of light and dark</source>
        <translation>het sterkere contrast van licht en donker</translation>
    </message>
    <message>
        <source>the tape above the line</source>
        <translation>het plakband boven de lijn</translation>
    </message>
    <message>
        <source>the tape below the line</source>
        <translation>het plakband onder de lijn</translation>
    </message>
    <message>
        <source>the things</source>
        <translation>de dingen</translation>
    </message>
    <message>
        <source>the top</source>
        <translation>de bovenste</translation>
    </message>
    <message>
        <source>the upper part</source>
        <translation>het bovenste deel</translation>
    </message>
    <message>
        <source>the viewpoint</source>
        <translation>het oogpunt</translation>
    </message>
    <message>
        <source>the visible lines of the room and the ground, pencilled first and inked by pen</source>
        <translation>de zichtbare lijnen van de kamer en de grond, eerst met potlood en dan met de pen getrokken</translation>
    </message>
    <message>
        <source>the washes</source>
        <translation>de overgangen</translation>
    </message>
    <message>
        <source>the whole of it, or what lies on one side of a line; drag the line's ends on the card</source>
        <translation>het geheel, of wat aan één kant van een lijn ligt; sleep de einden van de lijn op de kaart</translation>
    </message>
    <message>
        <source>the words “%1”</source>
        <translation>de woorden “%1”</translation>
    </message>
    <message>
        <source>their point %1</source>
        <translation>hun punt %1</translation>
    </message>
    <message>
        <source>then</source>
        <translation>dan</translation>
    </message>
    <message>
        <source>then %1 : 1</source>
        <translation>dan %1 : 1</translation>
    </message>
    <message>
        <source>then let it dry for %1</source>
        <translation>laat het dan %1 drogen</translation>
    </message>
    <message>
        <source>then let them be for %1</source>
        <translation>laat ze dan %1 met rust</translation>
    </message>
    <message>
        <source>then wait %1</source>
        <translation>wacht dan %1</translation>
    </message>
    <message>
        <source>there are %1 pictures; %2 is the most in one go</source>
        <translation>er zijn %1 afbeeldingen; %2 is het meeste in één keer</translation>
    </message>
    <message>
        <source>there are more than 300 000 points to cut</source>
        <translation>er zijn meer dan 300 000 punten te snijden</translation>
    </message>
    <message>
        <source>there as %1</source>
        <translation>er al als %1</translation>
    </message>
    <message>
        <source>there is enough</source>
        <translation>er is genoeg</translation>
    </message>
    <message>
        <source>there is no act &quot;%1&quot;</source>
        <translation>er is geen handeling “%1”</translation>
    </message>
    <message>
        <source>there is no edge or frame &quot;%1&quot;</source>
        <translation>er is geen rand of kader “%1”</translation>
    </message>
    <message>
        <source>there is no ground below the horizon to stand on</source>
        <translation>er is geen grond onder de horizon om op te staan</translation>
    </message>
    <message>
        <source>there is no impression &quot;%1&quot;</source>
        <translation>er is geen afdruk “%1”</translation>
    </message>
    <message>
        <source>there is no impression on this sheet, only specks or its edge</source>
        <translation>er is geen afdruk op dit vel, alleen spatten of zijn rand</translation>
    </message>
    <message>
        <source>there is no ink &quot;%1&quot;</source>
        <translation>er is geen inkt “%1”</translation>
    </message>
    <message>
        <source>there is no ink to stamp with</source>
        <translation>er is geen inkt om mee te stempelen</translation>
    </message>
    <message>
        <source>there is no log %1</source>
        <translation>er is geen logboek %1</translation>
    </message>
    <message>
        <source>there is no other &quot;%1&quot;</source>
        <translation>er is geen andere “%1”</translation>
    </message>
    <message>
        <source>there is no other impression &quot;%1&quot;</source>
        <translation>er is geen andere afdruk “%1”</translation>
    </message>
    <message>
        <source>there is no picture</source>
        <translation>er is geen beeld</translation>
    </message>
    <message>
        <source>there is no picture to paste</source>
        <translation>er is geen beeld om te plakken</translation>
    </message>
    <message>
        <source>there is no stamp &quot;%1&quot;</source>
        <translation>er is geen stempel “%1”</translation>
    </message>
    <message>
        <source>there is no such card in the log</source>
        <translation>zo'n kaart staat niet in het logboek</translation>
    </message>
    <message>
        <source>there is no such file or folder</source>
        <translation>zo'n bestand of map is er niet</translation>
    </message>
    <message>
        <source>there is no such impression</source>
        <translation>die afdruk is er niet</translation>
    </message>
    <message>
        <source>there is no such part of the stamp</source>
        <translation>dat deel van de stempel is er niet</translation>
    </message>
    <message>
        <source>there is no such stamp in the drawer</source>
        <translation>zo'n stempel is niet in de la</translation>
    </message>
    <message>
        <source>there is no such thing on the ground</source>
        <translation>zoiets is er niet op de grond</translation>
    </message>
    <message>
        <source>there is no such wash</source>
        <translation>die overgang is er niet</translation>
    </message>
    <message>
        <source>there is no such wish</source>
        <translation>die wens is er niet</translation>
    </message>
    <message>
        <source>there is no wash &quot;%1&quot;</source>
        <translation>er is geen overgang “%1”</translation>
    </message>
    <message>
        <source>there is none left</source>
        <translation>er is er geen over</translation>
    </message>
    <message>
        <source>there is nothing &quot;%1&quot; on the ground</source>
        <translation>er is geen “%1” op de grond</translation>
    </message>
    <message>
        <source>there is nothing on this paper: is it the right side?</source>
        <translation>er staat niets op dit papier: is het de goede kant?</translation>
    </message>
    <message>
        <source>there is nothing on this sheet that stands out from its paper</source>
        <translation>er is niets op dit vel dat tegen het papier afsteekt</translation>
    </message>
    <message>
        <source>there is nothing to cut in this file</source>
        <translation>er is niets te snijden in dit bestand</translation>
    </message>
    <message>
        <source>they all stand at one place</source>
        <translation>ze staan allemaal op één plek</translation>
    </message>
    <message>
        <source>thin part %1, %2 long</source>
        <translation>dun deel %1, %2 lang</translation>
    </message>
    <message>
        <source>thing</source>
        <translation>ding</translation>
    </message>
    <message>
        <source>third</source>
        <translation>derde</translation>
    </message>
    <message>
        <source>third pressing</source>
        <translation>derde druk</translation>
    </message>
    <message>
        <source>this drawer was made by a newer Havlo</source>
        <translation>deze la is door een nieuwere Havlo gemaakt</translation>
    </message>
    <message>
        <source>this drawer was made by a newer Havlo (version %1)</source>
        <translation>deze la is door een nieuwere Havlo gemaakt (versie %1)</translation>
    </message>
    <message>
        <source>this ink is dry before powder clings to it; a clear embossing pen would be needed</source>
        <translation>deze inkt is droog voor er poeder aan plakt; een heldere embossingpen zou nodig zijn</translation>
    </message>
    <message>
        <source>this is no cut file: neither SVG, DXF, HPGL nor PDF</source>
        <translation>dit is geen snijbestand: noch SVG, DXF, HPGL noch PDF</translation>
    </message>
    <message>
        <source>this is no drawer file</source>
        <translation>dit is geen labestand</translation>
    </message>
    <message>
        <source>this is no drawer file, or it is damaged</source>
        <translation>dit is geen labestand, of het is beschadigd</translation>
    </message>
    <message>
        <source>this is not the plan's card: hardly anything of it lies where it should</source>
        <translation>dit is niet de kaart van het plan: bijna niets ligt waar het hoort</translation>
    </message>
    <message>
        <source>this log was made by a newer Havlo (version %1)</source>
        <translation>dit logboek is door een nieuwere Havlo gemaakt (versie %1)</translation>
    </message>
    <message>
        <source>this paper</source>
        <translation>dit papier</translation>
    </message>
    <message>
        <source>this part stays the paper's, on purpose</source>
        <translation>dit deel blijft met opzet papier</translation>
    </message>
    <message>
        <source>this part without colour again</source>
        <translation>dit deel weer zonder kleur</translation>
    </message>
    <message>
        <source>this plan has no grey or black ink</source>
        <translation>dit plan heeft geen grijze of zwarte inkt</translation>
    </message>
    <message>
        <source>this plan has no ink with a colour for the hero</source>
        <translation>dit plan heeft geen gekleurde inkt voor de held</translation>
    </message>
    <message>
        <source>this sheet has other sides than the plan's card: is it another card, or half of it?</source>
        <translation>dit vel heeft andere zijden dan de kaart van het plan: is het een andere kaart, of de helft?</translation>
    </message>
    <message>
        <source>three quarters of the way up</source>
        <translation>drie kwart van de hoogte</translation>
    </message>
    <message>
        <source>tiles and boards must have a size</source>
        <translation>tegels en planken moeten een maat hebben</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>naar links</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>naar rechts</translation>
    </message>
    <message>
        <source>to the right: thicker mist</source>
        <translation>naar rechts: dichtere mist</translation>
    </message>
    <message>
        <source>too fine to cut a mask for</source>
        <translation>te fijn om een masker voor te knippen</translation>
    </message>
    <message>
        <source>too small to cut out and hold foam</source>
        <translation>te klein om uit te knippen en schuim te houden</translation>
    </message>
    <message>
        <source>too thick for the post</source>
        <translation>te dik voor de post</translation>
    </message>
    <message>
        <source>too thin to cut a mask for</source>
        <translation>te dun om een masker voor te knippen</translation>
    </message>
    <message>
        <source>torn edge</source>
        <translation>gescheurde rand</translation>
    </message>
    <message>
        <source>towards the light</source>
        <translation>naar het licht toe</translation>
    </message>
    <message>
        <source>tree</source>
        <translation>boom</translation>
    </message>
    <message>
        <source>try it on scrap paper</source>
        <translation>probeer het op kladpapier</translation>
    </message>
    <message>
        <source>try it on scrap paper first</source>
        <translation>probeer het eerst op kladpapier</translation>
    </message>
    <message>
        <source>turned %1° to the left</source>
        <translation>%1° naar links gedraaid</translation>
    </message>
    <message>
        <source>turned %1° to the right</source>
        <translation>%1° naar rechts gedraaid</translation>
    </message>
    <message>
        <source>turquoise</source>
        <translation>turkoois</translation>
    </message>
    <message>
        <source>two thirds of the way up</source>
        <translation>twee derde van de hoogte</translation>
    </message>
    <message>
        <source>under 1 %</source>
        <translation>minder dan 1 %</translation>
    </message>
    <message>
        <source>up</source>
        <translation>omhoog</translation>
    </message>
    <message>
        <source>up to</source>
        <translation>tot</translation>
    </message>
    <message>
        <source>upper corner of the back wall</source>
        <translation>bovenste hoek van de achterwand</translation>
    </message>
    <message>
        <source>upper left corner of the stamp %1</source>
        <translation>hoek linksboven van het stempel %1</translation>
    </message>
    <message>
        <source>upper right corner of the stamp %1</source>
        <translation>hoek rechtsboven van het stempel %1</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>rechtop</translation>
    </message>
    <message>
        <source>upright, along the height</source>
        <translation>rechtop, langs de hoogte</translation>
    </message>
    <message>
        <source>used up</source>
        <translation>opgebruikt</translation>
    </message>
    <message>
        <source>vanishing point: drag it along the horizon</source>
        <translation>verdwijnpunt: sleep het langs de horizon</translation>
    </message>
    <message>
        <source>variation %1</source>
        <translation>variant %1</translation>
    </message>
    <message>
        <source>very far</source>
        <translation>heel ver</translation>
    </message>
    <message>
        <source>vignette corners</source>
        <translation>vignet hoeken</translation>
    </message>
    <message>
        <source>violet</source>
        <translation>violet</translation>
    </message>
    <message>
        <source>wait %1</source>
        <translation>wacht %1</translation>
    </message>
    <message>
        <source>wall</source>
        <translation>muur</translation>
    </message>
    <message>
        <source>wash blend sky ground</source>
        <translation>verloop blenden lucht grond</translation>
    </message>
    <message>
        <source>water</source>
        <translation>water</translation>
    </message>
    <message>
        <source>water lines</source>
        <translation>waterlijnen</translation>
    </message>
    <message>
        <source>water-reactive</source>
        <translation>gevoelig voor water</translation>
    </message>
    <message>
        <source>waves of 6 mm</source>
        <translation>golven van 6 mm</translation>
    </message>
    <message>
        <source>wavy edge</source>
        <translation>golvende rand</translation>
    </message>
    <message>
        <source>well</source>
        <translation>goed</translation>
    </message>
    <message>
        <source>what a part is coloured with comes into the hand</source>
        <translation>waarmee een deel gekleurd is komt in de hand</translation>
    </message>
    <message>
        <source>what does not draw the eye fades away</source>
        <translation>wat het oog niet trekt vervaagt</translation>
    </message>
    <message>
        <source>what is behind first, then this straight on top: dark opaque ink</source>
        <translation>eerst wat erachter is, dan dit er direct overheen: donkere dekkende inkt</translation>
    </message>
    <message>
        <source>what is behind is pressed with this place taped over on the rubber</source>
        <translation>wat erachter is wordt gedrukt met deze plek op het rubber afgeplakt</translation>
    </message>
    <message>
        <source>what is behind is pressed with this place wiped off the rubber</source>
        <translation>wat erachter is wordt gedrukt met deze plek op het rubber afgeveegd</translation>
    </message>
    <message>
        <source>what is behind would show through</source>
        <translation>wat erachter is zou doorschijnen</translation>
    </message>
    <message>
        <source>what is left when the details go</source>
        <translation>wat blijft als de bijzonderheden gaan</translation>
    </message>
    <message>
        <source>what is needed for %1</source>
        <translation>wat nodig is voor %1</translation>
    </message>
    <message>
        <source>what masks are cut from</source>
        <translation>waar maskers uit gesneden worden</translation>
    </message>
    <message>
        <source>what the log says of that card is damaged</source>
        <translation>wat het logboek van die kaart zegt is beschadigd</translation>
    </message>
    <message>
        <source>what was copied lacks a stamp or an ink</source>
        <translation>het gekopieerde mist een stempel of een inkt</translation>
    </message>
    <message>
        <source>what you said you mean</source>
        <translation>wat je zo bedoelt</translation>
    </message>
    <message>
        <source>where it comes from, dark sides and shadows</source>
        <translation>waar het vandaan komt, donkere kanten en schaduwen</translation>
    </message>
    <message>
        <source>where the eye goes, in this order; green on the hero</source>
        <translation>waar het oog heen gaat, in deze volgorde; groen op de held</translation>
    </message>
    <message>
        <source>white</source>
        <translation>wit</translation>
    </message>
    <message>
        <source>wider than it is high, as landscapes mostly are</source>
        <translation>breder dan hoog, zoals landschappen meestal zijn</translation>
    </message>
    <message>
        <source>window</source>
        <translation>raam</translation>
    </message>
    <message>
        <source>window in the back wall</source>
        <translation>raam in de achterwand</translation>
    </message>
    <message>
        <source>window in the right wall</source>
        <translation>raam in de rechterwand</translation>
    </message>
    <message>
        <source>winter</source>
        <translation>winter</translation>
    </message>
    <message>
        <source>wipe ink off part of the rubber before pressing</source>
        <translation>veeg voor het drukken inkt van een deel van het rubber</translation>
    </message>
    <message>
        <source>wipe off</source>
        <translation>afvegen</translation>
    </message>
    <message>
        <source>with a damp cloth %1, a little at a time</source>
        <translation>met een vochtige doek %1, beetje bij beetje</translation>
    </message>
    <message>
        <source>with a sand eraser %1, lightly, a little at a time</source>
        <translation>met een zandgum %1, licht, beetje bij beetje</translation>
    </message>
    <message>
        <source>with a sheet of scrap inside, clear of the gum, so that nothing comes through; what is planned on the flap is stamped now and dries before it is opened</source>
        <translation>met een vel kladpapier erin, vrij van de gom, zodat niets doordrukt; wat op de klep gepland is wordt nu gestempeld en droogt voor hij geopend wordt</translation>
    </message>
    <message>
        <source>with a soft dry cloth, a clean spot of it for every stroke: the ink comes off what is embossed and stays beside it</source>
        <translation>met een zachte droge doek, voor elke streek een schone plek: de inkt gaat van wat geëmbosst is en blijft ernaast</translation>
    </message>
    <message>
        <source>with its die</source>
        <translation>met zijn stans</translation>
    </message>
    <message>
        <source>with the card turned round</source>
        <translation>met de kaart omgedraaid</translation>
    </message>
    <message>
        <source>with the piece that came out</source>
        <translation>met het stuk dat eruit kwam</translation>
    </message>
    <message>
        <source>with the sheet it came out of</source>
        <translation>met het vel waar het uit kwam</translation>
    </message>
    <message>
        <source>with the tools of the scene: greetings and small stamps, at the right way up</source>
        <translation>met het gereedschap van de scène: groeten en kleine stempels, op de goede manier</translation>
    </message>
    <message>
        <source>with the trimmer</source>
        <translation>met het snijapparaat</translation>
    </message>
    <message>
        <source>without colour</source>
        <translation>zonder kleur</translation>
    </message>
    <message>
        <source>words sentiment text letters birthday</source>
        <translation>woorden spreuk tekst letters verjaardag</translation>
    </message>
    <message>
        <source>written here</source>
        <translation>hier geschreven</translation>
    </message>
    <message>
        <source>yellow</source>
        <translation>geel</translation>
    </message>
    <message>
        <source>your own steps</source>
        <translation>je eigen stappen</translation>
    </message>
    <message>
        <source>your stamps</source>
        <translation>je stempels</translation>
    </message>
    <message>
        <source>yours</source>
        <translation>van jou</translation>
    </message>
    <message>
        <source>yours: %1</source>
        <translation>van jou: %1</translation>
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
        <translation>“%1”</translation>
    </message>
    <message>
        <source>“%1” is not a number of degrees</source>
        <translation>“%1” is geen aantal graden</translation>
    </message>
    <message>
        <source>“%1” is not on this card any more.</source>
        <translation>“%1” is niet meer op deze kaart.</translation>
    </message>
    <message>
        <source>“%1”, %2 high</source>
        <translation>“%1”, %2 hoog</translation>
    </message>
    <message>
        <source>… and eyes</source>
        <translation>… en ogen</translation>
    </message>
    <message>
        <source>… it is stamped in</source>
        <translation>… hij erin gestempeld wordt</translation>
    </message>
    <message>
        <source>… it lands 1 mm off?</source>
        <translation>… het 1 mm ernaast komt?</translation>
    </message>
    <message>
        <source>… its mask is forgotten?</source>
        <translation>… zijn masker vergeten wordt?</translation>
    </message>
    <message>
        <source>… its mask is never remade?</source>
        <translation>… zijn masker nooit opnieuw gemaakt wordt?</translation>
    </message>
    <message>
        <source>… the steps are shuffled?</source>
        <translation>… de stappen geschud worden?</translation>
    </message>
</context>
</TS>
