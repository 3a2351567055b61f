<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr" sourcelanguage="en">
<context>
    <name>Havlo</name>
    <message>
        <source>
kept in: %1</source>
        <translation>
rangé dans : %1</translation>
    </message>
    <message>
        <source>
of the untrimmed sheet</source>
        <translation>
de la feuille non coupée</translation>
    </message>
    <message>
        <source>
set: %1</source>
        <translation>
jeu : %1</translation>
    </message>
    <message>
        <source>    (not now)</source>
        <translation>    (pas maintenant)</translation>
    </message>
    <message>
        <source> % of the usual time</source>
        <extracomment>stands behind a number: how often a mask can be laid</extracomment>
        <translation> % du temps habituel</translation>
    </message>
    <message>
        <source> %1 cards at once: each step is done on all of them.</source>
        <translation> %1 cartes à la fois : chaque étape est faite sur toutes.</translation>
    </message>
    <message>
        <source> %1 comes nearest.</source>
        <translation> %1 s'en approche le plus.</translation>
    </message>
    <message>
        <source> %1 evenings.</source>
        <translation> %1 soirées.</translation>
    </message>
    <message>
        <source> %1 masks were cut.</source>
        <translation> %1 masques ont été coupés.</translation>
    </message>
    <message>
        <source> %1 things went wrong.</source>
        <translation> %1 choses ont mal tourné.</translation>
    </message>
    <message>
        <source> (after %1)</source>
        <translation> (après %1)</translation>
    </message>
    <message>
        <source> (before %1)</source>
        <translation> (avant %1)</translation>
    </message>
    <message>
        <source> (its place is told to %1 only)</source>
        <translation> (sa place n'est connue qu'à %1 près)</translation>
    </message>
    <message>
        <source> (raised off the ground)</source>
        <translation> (levé du sol)</translation>
    </message>
    <message>
        <source> (runs low)</source>
        <translation> (s'épuise)</translation>
    </message>
    <message>
        <source> (taken a degree above the horizon)</source>
        <translation> (pris un degré au-dessus de l'horizon)</translation>
    </message>
    <message>
        <source> 1 mask was cut.</source>
        <translation> 1 masque a été coupé.</translation>
    </message>
    <message>
        <source> Evenings of %1.</source>
        <translation> Soirées de %1.</translation>
    </message>
    <message>
        <source> For %1 cards.</source>
        <translation> Pour %1 cartes.</translation>
    </message>
    <message>
        <source> Larger than the sheet and left out: %1.</source>
        <translation> Plus grands que la feuille et laissés de côté : %1.</translation>
    </message>
    <message>
        <source> Nothing went wrong.</source>
        <translation> Rien n'a mal tourné.</translation>
    </message>
    <message>
        <source> One thing went wrong.</source>
        <translation> Une chose a mal tourné.</translation>
    </message>
    <message>
        <source> Page %1 of %2.</source>
        <translation> Page %1 sur %2.</translation>
    </message>
    <message>
        <source> Score the base level, %1 from its bottom edge, with the grain along the fold.</source>
        <translation> Rainez la carte double de niveau, à %1 du bord inférieur, le sens des fibres le long du pli.</translation>
    </message>
    <message>
        <source> Score the base upright, %1 from its left edge, with the grain along the fold.</source>
        <translation> Rainez la carte double debout, à %1 du bord gauche, le sens des fibres le long du pli.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> et </translation>
    </message>
    <message>
        <source> cards</source>
        <translation> cartes</translation>
    </message>
    <message>
        <source> g</source>
        <translation> g</translation>
    </message>
    <message>
        <source> in</source>
        <translation> po</translation>
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
        <translation> du caoutchouc encré</translation>
    </message>
    <message>
        <source> on %1</source>
        <translation> sur %1</translation>
    </message>
    <message>
        <source> over </source>
        <translation> sur </translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source> sheets</source>
        <translation> feuilles</translation>
    </message>
    <message>
        <source> times</source>
        <translation> fois</translation>
    </message>
    <message>
        <source> · the hero</source>
        <translation> · le héros</translation>
    </message>
    <message>
        <source>&quot;%1&quot; does not lie on the card's face</source>
        <translation>« %1 » n’est pas sur la face de la carte</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no real height, so its size cannot be judged</source>
        <translation>« %1 » n’a pas de hauteur réelle : sa taille ne peut être jugée</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no size</source>
        <translation>« %1 » n’a pas de taille</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is missing</source>
        <translation>« %1 » manque</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is named twice</source>
        <translation>« %1 » est nommé deux fois</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a measure; write it as 2 3/8, 2.375in, 60mm or 6cm</source>
        <translation>« %1 » n’est pas une mesure ; écrivez 2 3/8, 2,375in, 60mm ou 6cm</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a number</source>
        <translation>« %1 » n'est pas un nombre</translation>
    </message>
    <message>
        <source>&quot;%1&quot; would lie on itself</source>
        <translation>« %1 » reposerait sur lui-même</translation>
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
        <translation>## Sur la carte

- **Flèches** : pousser ce qui est choisi ; avec Maj plus finement
- **Virgule, point** : tourner
- **Page suivante**, **Page précédente** : la chose suivante ; **K** garde l'actuelle choisie
- **Maj et clic** : une de plus ou de moins choisie
- **Ctrl et glisser** : une copie, ailleurs ou dans une autre fenêtre
- **Alt et clic** : la chose derrière ; **Alt et glisser** : aucune ligne ne l'attrape
- **L, B** : taper la mesure depuis la gauche, depuis le bas
- **Z** : la loupe
- **Ctrl et molette** : plus près et plus loin ; **espace et glisser**, **Ctrl et flèches** : le long de la carte
- **Échap** : rien n'est choisi

## À la table

- **Espace** : l'étape est faite
- **Retour arrière** : une étape en arrière
- **W** : ça a mal tourné
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
écrit %3</translation>
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
     note %3, %4</translation>
    </message>
    <message>
        <source>%1  Your own card
     %2</source>
        <translation>%1  Votre propre carte
     %2</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1 % bare</source>
        <translation>%1 % nu</translation>
    </message>
    <message>
        <source>%1 % of it</source>
        <translation>%1 % de cela</translation>
    </message>
    <message>
        <source>%1 % of it is lost</source>
        <translation>%1 % est perdu</translation>
    </message>
    <message>
        <source>%1 % of the card is plain. The largest plain place is %2 by %3, %4 from the left, %5 from the bottom.</source>
        <translation>%1 % de la carte est calme. La plus grande place calme fait %2 sur %3, à %4 de la gauche, %5 du bas.</translation>
    </message>
    <message>
        <source>%1 % on</source>
        <translation>%1 % dessus</translation>
    </message>
    <message>
        <source>%1 % shows</source>
        <translation>%1 % visible</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1 %2 things stand in the way; first: %3.</source>
        <translation>%1 %2 choses font obstacle ; d'abord : %3.</translation>
    </message>
    <message>
        <source>%1 %2, about %3 in all</source>
        <translation>%1 %2, environ %3 en tout</translation>
    </message>
    <message>
        <source>%1 %2, pressing %3, comes nearer.</source>
        <translation>%1 %2, pression %3, en approche davantage.</translation>
    </message>
    <message>
        <source>%1 (%2 % of its typical height)</source>
        <translation>%1 (%2 % de sa hauteur habituelle)</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>%1 (metric)</source>
        <translation>%1 (métrique)</translation>
    </message>
    <message>
        <source>%1 : 1</source>
        <translation>%1 : 1</translation>
    </message>
    <message>
        <source>%1 Joins, minutes and masks of your next plans are reckoned with it.</source>
        <translation>%1 Les raccords, minutes et masques de vos prochains plans sont calculés avec.</translation>
    </message>
    <message>
        <source>%1 One thing stands in the way: %2.</source>
        <translation>%1 Une chose fait obstacle : %2.</translation>
    </message>
    <message>
        <source>%1 Pressing %2 comes nearer.</source>
        <translation>%1 La pression %2 en approche davantage.</translation>
    </message>
    <message>
        <source>%1 above the top edge</source>
        <translation>%1 au-dessus du bord supérieur</translation>
    </message>
    <message>
        <source>%1 against %2</source>
        <translation>%1 contre %2</translation>
    </message>
    <message>
        <source>%1 ahead</source>
        <translation>%1 devant</translation>
    </message>
    <message>
        <source>%1 along what covers %2</source>
        <translation>%1 le long de ce qui couvre %2</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 et %2</translation>
    </message>
    <message>
        <source>%1 and %2 blend to mud</source>
        <translation>%1 et %2 se fondent en boue</translation>
    </message>
    <message>
        <source>%1 and %2 cannot both be had as they lie</source>
        <translation>%1 et %2 ne peuvent être obtenus ensemble tels quels</translation>
    </message>
    <message>
        <source>%1 and %2 look like copies</source>
        <translation>%1 et %2 ont l'air de copies</translation>
    </message>
    <message>
        <source>%1 and %2 more</source>
        <translation>%1 et %2 de plus</translation>
    </message>
    <message>
        <source>%1 and %2 touch at the edge</source>
        <translation>%1 et %2 se touchent au bord</translation>
    </message>
    <message>
        <source>%1 apart</source>
        <translation>%1 d'écart</translation>
    </message>
    <message>
        <source>%1 are all heroes</source>
        <translation>%1 sont tous des héros</translation>
    </message>
    <message>
        <source>%1 are coloured</source>
        <translation>%1 sont colorés</translation>
    </message>
    <message>
        <source>%1 are in the drawer</source>
        <translation>%1 sont dans le tiroir</translation>
    </message>
    <message>
        <source>%1 are missing</source>
        <translation>%1 manquent</translation>
    </message>
    <message>
        <source>%1 are missing.</source>
        <translation>%1 manquent.</translation>
    </message>
    <message>
        <source>%1 arrangements that are better, the clearest first. Each was pressed on simulated paper.</source>
        <translation>%1 arrangements meilleurs, le plus clair d'abord. Chacun a été imprimé sur du papier simulé.</translation>
    </message>
    <message>
        <source>%1 as PDF…</source>
        <translation>%1 en PDF…</translation>
    </message>
    <message>
        <source>%1 as it is with me</source>
        <translation>%1 telle que chez moi</translation>
    </message>
    <message>
        <source>%1 away</source>
        <translation>à %1</translation>
    </message>
    <message>
        <source>%1 before</source>
        <translation>%1 avant</translation>
    </message>
    <message>
        <source>%1 begins in mid-air</source>
        <translation>%1 commence dans le vide</translation>
    </message>
    <message>
        <source>%1 belongs to another</source>
        <translation>%1 appartient à un autre</translation>
    </message>
    <message>
        <source>%1 below the bottom edge</source>
        <translation>%1 sous le bord inférieur</translation>
    </message>
    <message>
        <source>%1 between the parts of %2 stay covered, the gap is too small to cut out: choose it to be cut all the same, or another way for it.</source>
        <translation>%1 entre les parties de %2 restent couverts, le vide est trop petit pour être découpé : faites-le couper quand même, ou choisissez une autre façon.</translation>
    </message>
    <message>
        <source>%1 blended %2 over %3, %4: %3 was not covered.</source>
        <translation>%1 a estompé %2 sur %3, %4 : %3 n'était pas couvert.</translation>
    </message>
    <message>
        <source>%1 cannot be done</source>
        <translation>%1 est impossible</translation>
    </message>
    <message>
        <source>%1 cannot be first: something must be stamped before it.</source>
        <translation>%1 ne peut être le premier : il faut d'abord tamponner autre chose.</translation>
    </message>
    <message>
        <source>%1 cannot be used in one go.</source>
        <translation>%1 ne peut se faire en une fois.</translation>
    </message>
    <message>
        <source>%1 cannot come before %2</source>
        <translation>%1 ne peut venir avant %2</translation>
    </message>
    <message>
        <source>%1 cards</source>
        <translation>%1 cartes</translation>
    </message>
    <message>
        <source>%1 cards at once</source>
        <translation>%1 cartes à la fois</translation>
    </message>
    <message>
        <source>%1 cards that belong together: one hour, one paper, one set of inks.</source>
        <translation>%1 cartes qui vont ensemble : une heure, un papier, un jeu d'encres.</translation>
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
        <translation>%1 vient avant %2, mais doit venir après.</translation>
    </message>
    <message>
        <source>%1 comes into its room (%2 mm²).</source>
        <translation>%1 entre dans sa place (%2 mm²).</translation>
    </message>
    <message>
        <source>%1 comes too near the edge</source>
        <translation>%1 vient trop près du bord</translation>
    </message>
    <message>
        <source>%1 competes with %2</source>
        <translation>%1 rivalise avec %2</translation>
    </message>
    <message>
        <source>%1 corners</source>
        <translation>%1 coins</translation>
    </message>
    <message>
        <source>%1 covers were laid that nothing came near.</source>
        <translation>%1 caches ont été posés dont rien n'approchait.</translation>
    </message>
    <message>
        <source>%1 crowds %2</source>
        <translation>%1 gêne %2</translation>
    </message>
    <message>
        <source>%1 cut, %2 of travel, about %3.</source>
        <translation>%1 coupés, %2 de parcours, environ %3.</translation>
    </message>
    <message>
        <source>%1 damp</source>
        <translation>%1 humide</translation>
    </message>
    <message>
        <source>%1 did not come out well.</source>
        <translation>%1 ne sont pas bien venus.</translation>
    </message>
    <message>
        <source>%1 disagrees with all the others.</source>
        <translation>%1 contredit tous les autres.</translation>
    </message>
    <message>
        <source>%1 does not lie on what it is glued on. Move it onto it.</source>
        <translation>%1 ne repose pas sur ce à quoi il est collé. Amenez-le dessus.</translation>
    </message>
    <message>
        <source>%1 does not touch %2</source>
        <translation>%1 ne touche pas %2</translation>
    </message>
    <message>
        <source>%1 done, about %2 to go</source>
        <translation>%1 fait, encore environ %2</translation>
    </message>
    <message>
        <source>%1 dots of foam</source>
        <translation>%1 points de mousse</translation>
    </message>
    <message>
        <source>%1 dots of foam, %2 high</source>
        <translation>%1 points de mousse, hauts de %2</translation>
    </message>
    <message>
        <source>%1 down</source>
        <translation>%1 vers le bas</translation>
    </message>
    <message>
        <source>%1 dpi, %2.</source>
        <translation>%1 ppp, %2.</translation>
    </message>
    <message>
        <source>%1 dpi, as the file says.</source>
        <translation>%1 ppp, dit le fichier.</translation>
    </message>
    <message>
        <source>%1 dpi, straightened.</source>
        <translation>%1 ppp, redressé.</translation>
    </message>
    <message>
        <source>%1 dries slowly. Stamped early it dries while the rest is done.</source>
        <translation>%1 sèche lentement. Tamponné tôt, il sèche pendant que le reste se fait.</translation>
    </message>
    <message>
        <source>%1 dries slowly: covered too soon it smears and sticks to the mask.</source>
        <translation>%1 sèche lentement : couvert trop tôt, il bave et colle au masque.</translation>
    </message>
    <message>
        <source>%1 elsewhere at such edges</source>
        <translation>%1 ailleurs à de tels bords</translation>
    </message>
    <message>
        <source>%1 envelopes</source>
        <translation>%1 enveloppes</translation>
    </message>
    <message>
        <source>%1 envelopes of %2</source>
        <translation>%1 enveloppes de %2</translation>
    </message>
    <message>
        <source>%1 first</source>
        <translation>%1 d'abord</translation>
    </message>
    <message>
        <source>%1 floats</source>
        <translation>%1 flotte</translation>
    </message>
    <message>
        <source>%1 for %2</source>
        <translation>%1 pour %2</translation>
    </message>
    <message>
        <source>%1 from a sheet of %2 × %3.</source>
        <translation>%1 dans une feuille de %2 × %3.</translation>
    </message>
    <message>
        <source>%1 from the bottom</source>
        <translation>%1 depuis le bas</translation>
    </message>
    <message>
        <source>%1 from the bottom at the left, %2 at the right</source>
        <translation>%1 depuis le bas à gauche, %2 à droite</translation>
    </message>
    <message>
        <source>%1 from the left</source>
        <translation>%1 depuis la gauche</translation>
    </message>
    <message>
        <source>%1 from the left, %2 from the bottom</source>
        <translation>%1 depuis la gauche, %2 depuis le bas</translation>
    </message>
    <message>
        <source>%1 ft</source>
        <translation>%1 pi</translation>
    </message>
    <message>
        <source>%1 goes where the thing it is on goes; move that.</source>
        <translation>%1 va où va la chose sur laquelle il est ; déplacez celle-ci.</translation>
    </message>
    <message>
        <source>%1 grows out of the head of %2</source>
        <translation>%1 pousse de la tête de %2</translation>
    </message>
    <message>
        <source>%1 h %2 min</source>
        <translation>%1 h %2 min</translation>
    </message>
    <message>
        <source>%1 hangs %2 over the card's rim. Cut it flush, or see that the envelope takes it.</source>
        <translation>%1 dépasse de %2 du bord de la carte. Coupez-le à ras, ou veillez à ce que l'enveloppe le prenne.</translation>
    </message>
    <message>
        <source>%1 has had this card already, on %2.</source>
        <translation>%1 a déjà eu cette carte, le %2.</translation>
    </message>
    <message>
        <source>%1 has its foot %2 outside the panel.</source>
        <translation>%1 a son pied à %2 hors du panneau.</translation>
    </message>
    <message>
        <source>%1 has no cards in it</source>
        <translation>%1 ne contient aucune carte</translation>
    </message>
    <message>
        <source>%1 has your numbers now, in the drawer and in this plan where they have it.</source>
        <translation>%1 a maintenant vos chiffres, dans le tiroir et dans ce plan là où ils l'ont.</translation>
    </message>
    <message>
        <source>%1 heat tools</source>
        <translation>%1 appareils à air chaud</translation>
    </message>
    <message>
        <source>%1 heroes</source>
        <translation>%1 héros</translation>
    </message>
    <message>
        <source>%1 high</source>
        <translation>haut de %1</translation>
    </message>
    <message>
        <source>%1 in</source>
        <translation>%1 po</translation>
    </message>
    <message>
        <source>%1 in %2 rows, all of one stamp</source>
        <translation>%1 en %2 rangs, tous d'un seul tampon</translation>
    </message>
    <message>
        <source>%1 in %2 rows, of %3 stamps</source>
        <translation>%1 en %2 rangs, de %3 tampons</translation>
    </message>
    <message>
        <source>%1 in a ring</source>
        <translation>%1 en rond</translation>
    </message>
    <message>
        <source>%1 in about %2, %3 a card; one by itself takes %4.</source>
        <translation>%1 en environ %2, %3 par carte ; une seule prend %4.</translation>
    </message>
    <message>
        <source>%1 in one row</source>
        <translation>%1 en un rang</translation>
    </message>
    <message>
        <source>%1 in the row, %2 apart.</source>
        <translation>%1 dans le rang, à %2 d'écart.</translation>
    </message>
    <message>
        <source>%1 inked since it was full</source>
        <translation>%1 encré depuis qu'elle était pleine</translation>
    </message>
    <message>
        <source>%1 instead of %2</source>
        <translation>%1 au lieu de %2</translation>
    </message>
    <message>
        <source>%1 is %2 away.</source>
        <translation>%1 est à %2.</translation>
    </message>
    <message>
        <source>%1 is %2 for what it lies on (%3).</source>
        <translation>%1 est %2 pour ce sur quoi il repose (%3).</translation>
    </message>
    <message>
        <source>%1 is %2 larger than the envelope has room for. Give it the envelope's size, or take it off.</source>
        <translation>%1 est plus grand de %2 que la place de l'enveloppe. Donnez-lui la taille de l'enveloppe, ou enlevez-le.</translation>
    </message>
    <message>
        <source>%1 is %2 too small for the card as thick as it is.</source>
        <translation>%1 est trop petit de %2 pour la carte, épaisse comme elle est.</translation>
    </message>
    <message>
        <source>%1 is almost off the panel</source>
        <translation>%1 est presque hors du panneau</translation>
    </message>
    <message>
        <source>%1 is as far as the sky.</source>
        <translation>%1 est aussi loin que le ciel.</translation>
    </message>
    <message>
        <source>%1 is cut off by the edge</source>
        <translation>%1 est coupé par le bord</translation>
    </message>
    <message>
        <source>%1 is damp yet when all is done</source>
        <translation>%1 est encore humide quand tout est fait</translation>
    </message>
    <message>
        <source>%1 is dry after %2 s with you; its table says %3 s.</source>
        <translation>%1 est sec après %2 s chez vous ; sa table dit %3 s.</translation>
    </message>
    <message>
        <source>%1 is hard to read</source>
        <translation>%1 est difficile à lire</translation>
    </message>
    <message>
        <source>%1 is hard to read: %2</source>
        <translation>%1 est difficile à lire : %2</translation>
    </message>
    <message>
        <source>%1 is held in place. Let it go first: Ctrl+H, or its menu.</source>
        <translation>%1 est tenu en place. Lâchez-le d'abord : Ctrl+H, ou son menu.</translation>
    </message>
    <message>
        <source>%1 is hidden by %2</source>
        <translation>%1 est caché par %2</translation>
    </message>
    <message>
        <source>%1 is in the drawer.</source>
        <translation>%1 est dans le tiroir.</translation>
    </message>
    <message>
        <source>%1 is in the log, with its times, masks and mishaps.</source>
        <translation>%1 est au journal, avec ses temps, masques et incidents.</translation>
    </message>
    <message>
        <source>%1 is kept off it, so that white lies on white. Printed over the blend it shows.</source>
        <translation>%1 en est tenu à l'écart, donc le blanc est sur du blanc. Imprimé par-dessus l'estompe, il se voit.</translation>
    </message>
    <message>
        <source>%1 is larger than %2 MB</source>
        <translation>%1 dépasse %2 Mo</translation>
    </message>
    <message>
        <source>%1 is larger than a picture of paper can be</source>
        <translation>%1 est plus grand qu'une image de papier ne peut l'être</translation>
    </message>
    <message>
        <source>%1 is lit from another side</source>
        <translation>%1 est éclairé d'un autre côté</translation>
    </message>
    <message>
        <source>%1 is missing.</source>
        <translation>%1 manque.</translation>
    </message>
    <message>
        <source>%1 is nearer than %2.</source>
        <translation>%1 est plus près que %2.</translation>
    </message>
    <message>
        <source>%1 is needed now.</source>
        <translation>%1 : à découper maintenant.</translation>
    </message>
    <message>
        <source>%1 is no longer needed.</source>
        <translation>%1 : il n’en faut plus.</translation>
    </message>
    <message>
        <source>%1 is no picture that can be read</source>
        <translation>%1 n'est pas une image lisible</translation>
    </message>
    <message>
        <source>%1 is not seen at all.</source>
        <translation>%1 ne se voit pas du tout.</translation>
    </message>
    <message>
        <source>%1 is off level</source>
        <translation>%1 n'est pas de niveau</translation>
    </message>
    <message>
        <source>%1 is off the panel</source>
        <translation>%1 est hors du panneau</translation>
    </message>
    <message>
        <source>%1 is out of the drawer.</source>
        <translation>%1 est sorti du tiroir.</translation>
    </message>
    <message>
        <source>%1 is out of the log.</source>
        <translation>%1 est sorti du journal.</translation>
    </message>
    <message>
        <source>%1 is pale: %2 of the ink that was wanted.</source>
        <translation>%1 est pâle : %2 de l'encre voulue.</translation>
    </message>
    <message>
        <source>%1 is printed over the darker %2 and does not show</source>
        <translation>%1 est imprimé sur %2, plus sombre, et ne se voit pas</translation>
    </message>
    <message>
        <source>%1 is seen before %2</source>
        <translation>%1 se voit avant %2</translation>
    </message>
    <message>
        <source>%1 is seen before %2: %3 of the pull to %4.</source>
        <translation>%1 se voit avant %2 : %3 de l'attrait contre %4.</translation>
    </message>
    <message>
        <source>%1 is seen first (%2 of the pull).</source>
        <translation>%1 se voit en premier (%2 de l'attrait).</translation>
    </message>
    <message>
        <source>%1 is seen first (%2 of the pull). No hero is chosen.</source>
        <translation>%1 se voit en premier (%2 de l'attrait). Aucun héros n'est choisi.</translation>
    </message>
    <message>
        <source>%1 is seen first (%2 of the pull); %3 competes (%4).</source>
        <translation>%1 se voit en premier (%2 de l'attrait) ; %3 rivalise (%4).</translation>
    </message>
    <message>
        <source>%1 is shaded on the side of the light</source>
        <translation>%1 est ombré du côté de la lumière</translation>
    </message>
    <message>
        <source>%1 is smeared over %2.</source>
        <translation>%1 a bavé sur %2.</translation>
    </message>
    <message>
        <source>%1 is so far off-centre that it reaches %2 over the edge below. Bring it back by that much.</source>
        <translation>%1 est si décentré qu'il dépasse de %2 le bord dessous. Ramenez-le d'autant.</translation>
    </message>
    <message>
        <source>%1 is stamped</source>
        <translation>%1 est tamponné</translation>
    </message>
    <message>
        <source>%1 is stamped over %2, which is raised</source>
        <translation>%1 est tamponné sur %2, qui est en relief</translation>
    </message>
    <message>
        <source>%1 is there already. Replace it?</source>
        <translation>%1 existe déjà. Le remplacer ?</translation>
    </message>
    <message>
        <source>%1 is too dark for its distance</source>
        <translation>%1 est trop sombre pour sa distance</translation>
    </message>
    <message>
        <source>%1 is too small where it stands</source>
        <translation>%1 est trop petit là où il se tient</translation>
    </message>
    <message>
        <source>%1 is too tall where it stands</source>
        <translation>%1 est trop grand là où il se tient</translation>
    </message>
    <message>
        <source>%1 is too thin to cut a mask for: let what is behind run over it.</source>
        <translation>%1 est trop fin pour un masque : laissez ce qui est derrière passer dessus.</translation>
    </message>
    <message>
        <source>%1 is white among coloured things</source>
        <translation>%1 est blanc parmi des choses colorées</translation>
    </message>
    <message>
        <source>%1 is wholly hidden</source>
        <translation>%1 est entièrement caché</translation>
    </message>
    <message>
        <source>%1 is written.</source>
        <translation>%1 est écrit.</translation>
    </message>
    <message>
        <source>%1 joins showed lately.</source>
        <translation>%1 raccords se sont vus dernièrement.</translation>
    </message>
    <message>
        <source>%1 kept masks are used first: %2 to cut instead of %3.</source>
        <translation>%1 masques gardés servent d'abord : %2 à couper au lieu de %3.</translation>
    </message>
    <message>
        <source>%1 km</source>
        <translation>%1 km</translation>
    </message>
    <message>
        <source>%1 later pressings came out otherwise than wanted lately.</source>
        <translation>%1 pressions tardives sont venues autrement que voulu dernièrement.</translation>
    </message>
    <message>
        <source>%1 left</source>
        <translation>%1 à gauche</translation>
    </message>
    <message>
        <source>%1 left a gap in %2, %4: a mask on %3 kept the ink out.</source>
        <translation>%1 a laissé un vide dans %2, %4 : un masque sur %3 a retenu l'encre.</translation>
    </message>
    <message>
        <source>%1 left a plain patch in %2: a mask on %3 kept it out.</source>
        <translation>%1 a laissé une tache nue dans %2 : un masque sur %3 l'a retenu.</translation>
    </message>
    <message>
        <source>%1 lies on something that is not there. Put it on the panel.</source>
        <translation>%1 repose sur quelque chose qui n'est pas là. Posez-le sur le panneau.</translation>
    </message>
    <message>
        <source>%1 lies over it and is to take the colour.</source>
        <translation>%1 est par-dessus et doit prendre la couleur.</translation>
    </message>
    <message>
        <source>%1 looks out of the picture</source>
        <translation>%1 regarde hors de l'image</translation>
    </message>
    <message>
        <source>%1 looks that way</source>
        <translation>%1 regarde par là</translation>
    </message>
    <message>
        <source>%1 looks, rows and paths lead the eye elsewhere.</source>
        <translation>%1 regards, rangs et chemins mènent l'œil ailleurs.</translation>
    </message>
    <message>
        <source>%1 low</source>
        <translation>bas de %1</translation>
    </message>
    <message>
        <source>%1 m</source>
        <translation>%1 m</translation>
    </message>
    <message>
        <source>%1 m (%2 to %3)</source>
        <translation>%1 m (%2 à %3)</translation>
    </message>
    <message>
        <source>%1 m wide and %2 m high; the back wall is %3 away. Drag its corners on the card.</source>
        <translation>large de %1 m et haut de %2 m ; le mur du fond est à %3. Tirez ses coins sur la carte.</translation>
    </message>
    <message>
        <source>%1 makers are done after %2; one with everything at hand takes %3.</source>
        <translation>%1 personnes ont fini après %2 ; une seule qui a tout sous la main met %3.</translation>
    </message>
    <message>
        <source>%1 masks</source>
        <translation>%1 masques</translation>
    </message>
    <message>
        <source>%1 masks are in %2.</source>
        <translation>%1 masques sont dans %2.</translation>
    </message>
    <message>
        <source>%1 masks are kept in the drawer.</source>
        <translation>%1 masques sont gardés dans le tiroir.</translation>
    </message>
    <message>
        <source>%1 masks cut.</source>
        <translation>%1 masques coupés.</translation>
    </message>
    <message>
        <source>%1 masks instead of %2</source>
        <translation>%1 masques au lieu de %2</translation>
    </message>
    <message>
        <source>%1 masks lie meanwhile; the run sheet says which</source>
        <translation>%1 masques sont posés pendant ce temps ; la feuille de route dit lesquels</translation>
    </message>
    <message>
        <source>%1 masks on %2 sheets; this is sheet %3.</source>
        <translation>%1 masques sur %2 feuilles ; voici la feuille %3.</translation>
    </message>
    <message>
        <source>%1 masks on one sheet.</source>
        <translation>%1 masques sur une feuille.</translation>
    </message>
    <message>
        <source>%1 masks that go from card to card</source>
        <translation>%1 masques qui passent de carte en carte</translation>
    </message>
    <message>
        <source>%1 may stand in this band</source>
        <translation>%1 peut se tenir dans cette bande</translation>
    </message>
    <message>
        <source>%1 meets %2 with %3.</source>
        <translation>%1 touche %2 avec %3.</translation>
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
        <translation>%1 manque le point de fuite</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>%1 mm open</source>
        <translation>%1 mm ouverts</translation>
    </message>
    <message>
        <source>%1 mm too long</source>
        <translation>%1 mm de trop</translation>
    </message>
    <message>
        <source>%1 mm wide</source>
        <translation>large de %1 mm</translation>
    </message>
    <message>
        <source>%1 mm²</source>
        <translation>%1 mm²</translation>
    </message>
    <message>
        <source>%1 mm² come out otherwise</source>
        <translation>%1 mm² viennent autrement</translation>
    </message>
    <message>
        <source>%1 mm² come out otherwise. </source>
        <translation>%1 mm² viennent autrement. </translation>
    </message>
    <message>
        <source>%1 mm² of it in the way</source>
        <translation>%1 mm² de cela gênent</translation>
    </message>
    <message>
        <source>%1 mm² stay uncovered in all, %2 mm² of it the rim of %3 inside the line</source>
        <translation>%1 mm² restent découverts en tout, dont %2 mm² le bord de %3 à l'intérieur de la ligne</translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation>%1 de plus</translation>
    </message>
    <message>
        <source>%1 more of less weight</source>
        <translation>%1 autres de moindre poids</translation>
    </message>
    <message>
        <source>%1 more that you know of</source>
        <translation>%1 de plus que vous connaissez</translation>
    </message>
    <message>
        <source>%1 more.</source>
        <translation>%1 de plus.</translation>
    </message>
    <message>
        <source>%1 moves with water; a damp tool over it smears the lines.</source>
        <translation>%1 bouge avec l'eau ; un outil humide dessus brouille les lignes.</translation>
    </message>
    <message>
        <source>%1 must be covered at once</source>
        <translation>%1 doivent être couverts en même temps</translation>
    </message>
    <message>
        <source>%1 must be dry before masks go on</source>
        <translation>%1 doit être sec avant que des masques s'y posent</translation>
    </message>
    <message>
        <source>%1 need not be covered: nothing comes near it.</source>
        <translation>%1 n'a pas à être couvert : rien n'en approche.</translation>
    </message>
    <message>
        <source>%1 need not be covered: nothing comes near them.</source>
        <translation>%1 n'ont pas à être couverts : rien n'en approche.</translation>
    </message>
    <message>
        <source>%1 no longer lies on the panel.</source>
        <translation>%1 n'est plus sur le panneau.</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 sur %2</translation>
    </message>
    <message>
        <source>%1 of %2 across</source>
        <translation>%1 sur %2 de large</translation>
    </message>
    <message>
        <source>%1 of %2 before it</source>
        <translation>%1 sur %2 devant lui</translation>
    </message>
    <message>
        <source>%1 of %2 cannot be covered, it is too fine to cut: choose the part to be cut all the same, or another way for it.</source>
        <translation>%1 de %2 ne peut être couvert, c'est trop fin à couper : faites couper cette partie quand même, ou choisissez une autre façon.</translation>
    </message>
    <message>
        <source>%1 of %2 from the drawer</source>
        <translation>%1 sur %2 du tiroir</translation>
    </message>
    <message>
        <source>%1 of %2 prints sit where they should</source>
        <translation>%1 empreintes sur %2 sont à leur place</translation>
    </message>
    <message>
        <source>%1 of %2 stamps</source>
        <translation>%1 tampons sur %2</translation>
    </message>
    <message>
        <source>%1 of %2 steps done</source>
        <translation>%1 étapes sur %2 faites</translation>
    </message>
    <message>
        <source>%1 of %2 things have their right size.</source>
        <translation>%1 choses sur %2 ont leur bonne taille.</translation>
    </message>
    <message>
        <source>%1 of %2 things shaded by hand do not agree with it.</source>
        <translation>%1 choses sur %2 ombrées à la main ne s'y accordent pas.</translation>
    </message>
    <message>
        <source>%1 of %2 things would not be at their right size.</source>
        <translation>%1 choses sur %2 n'auraient pas leur bonne taille.</translation>
    </message>
    <message>
        <source>%1 of %2 to get</source>
        <translation>%1 sur %2 à se procurer</translation>
    </message>
    <message>
        <source>%1 of %2 would stand right at %3 m, best first</source>
        <translation>%1 sur %2 seraient justes à %3 m, les meilleures d'abord</translation>
    </message>
    <message>
        <source>%1 of %2: %3</source>
        <translation>%1 sur %2 : %3</translation>
    </message>
    <message>
        <source>%1 of a kind</source>
        <translation>%1 d'une sorte</translation>
    </message>
    <message>
        <source>%1 of adhesive</source>
        <translation>%1 de colle</translation>
    </message>
    <message>
        <source>%1 of colour lost</source>
        <translation>%1 de couleur perdue</translation>
    </message>
    <message>
        <source>%1 of masking paper</source>
        <translation>%1 de papier à masquer</translation>
    </message>
    <message>
        <source>%1 of the untrimmed sheet</source>
        <translation>%1 de la feuille non coupée</translation>
    </message>
    <message>
        <source>%1 of what is usual</source>
        <translation>%1 de l'habituel</translation>
    </message>
    <message>
        <source>%1 off every side</source>
        <translation>%1 de chaque côté</translation>
    </message>
    <message>
        <source>%1 off the bottom</source>
        <translation>%1 en bas</translation>
    </message>
    <message>
        <source>%1 off the card</source>
        <translation>%1 hors de la carte</translation>
    </message>
    <message>
        <source>%1 off the left side</source>
        <translation>%1 à gauche</translation>
    </message>
    <message>
        <source>%1 off the middle</source>
        <translation>%1 hors du milieu</translation>
    </message>
    <message>
        <source>%1 off the right side</source>
        <translation>%1 à droite</translation>
    </message>
    <message>
        <source>%1 off the top</source>
        <translation>%1 en haut</translation>
    </message>
    <message>
        <source>%1 on %2</source>
        <translation>%1 sur %2</translation>
    </message>
    <message>
        <source>%1 on a base line %2 long that begins %3 from the left and %4 from the bottom, capitals %5 high</source>
        <translation>%1 sur une ligne de base de %2 qui commence à %3 de la gauche et %4 du bas, capitales de %5</translation>
    </message>
    <message>
        <source>%1 on a piece of its own: nothing to join</source>
        <translation>%1 sur sa propre pièce : rien à raccorder</translation>
    </message>
    <message>
        <source>%1 on one ground line</source>
        <translation>%1 sur une seule ligne du sol</translation>
    </message>
    <message>
        <source>%1 on, tap it off, brush strays away, then melt it from behind with a hot tool</source>
        <translation>poser %1, tapoter, brosser les égarés, puis fondre par derrière avec un outil chauffant</translation>
    </message>
    <message>
        <source>%1 other things no longer fit</source>
        <translation>%1 autres choses ne vont plus</translation>
    </message>
    <message>
        <source>%1 overlaps tell which of two is nearer.</source>
        <translation>%1 recouvrements disent lequel de deux est plus près.</translation>
    </message>
    <message>
        <source>%1 paper of %2</source>
        <translation>papier %1 de %2</translation>
    </message>
    <message>
        <source>%1 past the left edge</source>
        <translation>%1 au-delà du bord gauche</translation>
    </message>
    <message>
        <source>%1 past the right edge</source>
        <translation>%1 au-delà du bord droit</translation>
    </message>
    <message>
        <source>%1 patches, their colours as on white paper. Name those that are yours; a click leaves one out.</source>
        <translation>%1 taches, leurs couleurs comme sur papier blanc. Nommez les vôtres ; un clic en laisse une de côté.</translation>
    </message>
    <message>
        <source>%1 pictures</source>
        <translation>%1 images</translation>
    </message>
    <message>
        <source>%1 pictures do not say how large they are: with how many dots an inch were they scanned?</source>
        <translation>%1 images ne disent pas leur taille : avec combien de points par pouce ont-elles été numérisées ?</translation>
    </message>
    <message>
        <source>%1 pieces come free, %2 cuts free nothing (ringed).</source>
        <translation>%1 pièces se libèrent, %2 coupes ne libèrent rien (entourées).</translation>
    </message>
    <message>
        <source>%1 plans</source>
        <translation>%1 plans</translation>
    </message>
    <message>
        <source>%1 plans were put into %2.</source>
        <translation>%1 plans ont été mis dans %2.</translation>
    </message>
    <message>
        <source>%1 points</source>
        <translation>%1 points</translation>
    </message>
    <message>
        <source>%1 pressings read.</source>
        <translation>%1 pressions lues.</translation>
    </message>
    <message>
        <source>%1 printed %2 across %3, %4: %3 was not covered.</source>
        <translation>%1 a imprimé %2 à travers %3, %4 : %3 n'était pas couvert.</translation>
    </message>
    <message>
        <source>%1 printed %2 beside where it was planned.</source>
        <translation>%1 a imprimé %2 à côté de sa place.</translation>
    </message>
    <message>
        <source>%1 printed %2 in another ink than planned.</source>
        <translation>%1 a imprimé %2 d'une autre encre que prévu.</translation>
    </message>
    <message>
        <source>%1 printed %2 on top of %3, %4: it belongs below.</source>
        <translation>%1 a imprimé %2 par-dessus %3, %4 : il va dessous.</translation>
    </message>
    <message>
        <source>%1 printed %2 where %3 belongs, %4: %3 was not there yet.</source>
        <translation>%1 a imprimé %2 là où va %3, %4 : %3 n'y était pas encore.</translation>
    </message>
    <message>
        <source>%1 prints on your card are later pressings.</source>
        <translation>%1 empreintes de votre carte sont des pressions tardives.</translation>
    </message>
    <message>
        <source>%1 reaches %2 into the border that is to stay bare.</source>
        <translation>%1 entre de %2 dans le bord qui doit rester nu.</translation>
    </message>
    <message>
        <source>%1 reads well: %2</source>
        <translation>%1 se lit bien : %2</translation>
    </message>
    <message>
        <source>%1 right</source>
        <translation>%1 à droite</translation>
    </message>
    <message>
        <source>%1 runs off the edge</source>
        <translation>%1 sort du bord</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 says so.</source>
        <translation>%1 le dit.</translation>
    </message>
    <message>
        <source>%1 sheets</source>
        <translation>%1 feuilles</translation>
    </message>
    <message>
        <source>%1 sheets are missing</source>
        <translation>%1 feuilles manquent</translation>
    </message>
    <message>
        <source>%1 sheets of %2</source>
        <translation>%1 feuilles de %2</translation>
    </message>
    <message>
        <source>%1 sheets of masking paper</source>
        <translation>%1 feuilles de papier à masquer</translation>
    </message>
    <message>
        <source>%1 should lie behind %2, but is stamped after it</source>
        <translation>%1 doit être derrière %2, mais est tamponné après</translation>
    </message>
    <message>
        <source>%1 showing all round</source>
        <translation>%1 visible tout autour</translation>
    </message>
    <message>
        <source>%1 showing at the sides, %2 above and below</source>
        <translation>%1 visible sur les côtés, %2 en haut et en bas</translation>
    </message>
    <message>
        <source>%1 shows</source>
        <translation>%1 visible</translation>
    </message>
    <message>
        <source>%1 shows %2</source>
        <translation>%1 montre %2</translation>
    </message>
    <message>
        <source>%1 shows too little to be told.</source>
        <translation>%1 se voit trop peu pour en dire quelque chose.</translation>
    </message>
    <message>
        <source>%1 sinks into what lies around it</source>
        <translation>%1 se perd dans ce qui l'entoure</translation>
    </message>
    <message>
        <source>%1 sits %2</source>
        <translation>%1 est %2</translation>
    </message>
    <message>
        <source>%1 sits %2. Lay its mask on the print, not on its measures.</source>
        <translation>%1 est %2. Posez son masque sur l'empreinte, non sur ses mesures.</translation>
    </message>
    <message>
        <source>%1 sits %2: stamp %3 as much off, then all fit.</source>
        <translation>%1 est %2 : tamponnez %3 avec autant d'écart, alors tout va.</translation>
    </message>
    <message>
        <source>%1 sits %2: stamp %3 as much off, then they fit.</source>
        <translation>%1 est %2 : tamponnez %3 avec autant d'écart, alors ils vont.</translation>
    </message>
    <message>
        <source>%1 sits where it should</source>
        <translation>%1 est à sa place</translation>
    </message>
    <message>
        <source>%1 small holes are covered too, %2: colour them by hand afterwards.</source>
        <translation>%1 petits trous sont couverts aussi, %2 : colorez-les à la main ensuite.</translation>
    </message>
    <message>
        <source>%1 specks were dropped.</source>
        <translation>%1 poussières ont été laissées.</translation>
    </message>
    <message>
        <source>%1 spots of it did not print.</source>
        <translation>%1 endroits n'ont pas imprimé.</translation>
    </message>
    <message>
        <source>%1 square inches</source>
        <translation>%1 pouces carrés</translation>
    </message>
    <message>
        <source>%1 stamps</source>
        <translation>%1 tampons</translation>
    </message>
    <message>
        <source>%1 stamps are in the drawer.</source>
        <translation>%1 tampons sont dans le tiroir.</translation>
    </message>
    <message>
        <source>%1 stamps in %2 pictures.</source>
        <translation>%1 tampons dans %2 images.</translation>
    </message>
    <message>
        <source>%1 stamps in one picture.</source>
        <translation>%1 tampons dans une image.</translation>
    </message>
    <message>
        <source>%1 stamps were written with commas for decimal points by an older Havlo. They were mended.</source>
        <translation>%1 tampons avaient été écrits par un ancien Havlo avec des virgules décimales. Ils sont réparés.</translation>
    </message>
    <message>
        <source>%1 stamps, %2 inks and %3 papers were taken in.</source>
        <translation>%1 tampons, %2 encres et %3 papiers ont été pris.</translation>
    </message>
    <message>
        <source>%1 stamps, all at one scale</source>
        <translation>%1 tampons, tous à une échelle</translation>
    </message>
    <message>
        <source>%1 stand where they are too tall or too small.</source>
        <translation>%1 se tiennent là où ils sont trop grands ou trop petits.</translation>
    </message>
    <message>
        <source>%1 standing things have their right size.</source>
        <translation>%1 choses debout ont leur bonne taille.</translation>
    </message>
    <message>
        <source>%1 stands for itself</source>
        <translation>%1 compte pour lui-même</translation>
    </message>
    <message>
        <source>%1 stands in the water</source>
        <translation>%1 se tient dans l'eau</translation>
    </message>
    <message>
        <source>%1 stands nearer than %2, yet is behind it</source>
        <translation>%1 est plus près que %2, et pourtant derrière</translation>
    </message>
    <message>
        <source>%1 stands outside the room</source>
        <translation>%1 se tient hors de la pièce</translation>
    </message>
    <message>
        <source>%1 stays wet on masking paper. Blot the mask, or let it dry before it moves.</source>
        <translation>%1 reste humide sur le papier à masquer. Épongez le masque, ou laissez-le sécher avant de le déplacer.</translation>
    </message>
    <message>
        <source>%1 steps</source>
        <translation>%1 étapes</translation>
    </message>
    <message>
        <source>%1 steps, about %2, of which %3 waiting. </source>
        <translation>%1 étapes, environ %2, dont %3 d'attente. </translation>
    </message>
    <message>
        <source>%1 steps, about %2, without waiting. </source>
        <translation>%1 étapes, environ %2, sans attente. </translation>
    </message>
    <message>
        <source>%1 steps, about %2.</source>
        <translation>%1 étapes, environ %2.</translation>
    </message>
    <message>
        <source>%1 there</source>
        <translation>%1 là</translation>
    </message>
    <message>
        <source>%1 thick with its foam, about %2 g.</source>
        <translation>épaisse de %1 avec sa mousse, environ %2 g.</translation>
    </message>
    <message>
        <source>%1 thick, about %2 g.</source>
        <translation>épaisse de %1, environ %2 g.</translation>
    </message>
    <message>
        <source>%1 thin parts stay uncovered, %2: let the background run over them.</source>
        <translation>%1 parties fines restent découvertes, %2 : laissez le fond passer dessus.</translation>
    </message>
    <message>
        <source>%1 things</source>
        <translation>%1 choses</translation>
    </message>
    <message>
        <source>%1 things are chosen.</source>
        <translation>%1 choses sont choisies.</translation>
    </message>
    <message>
        <source>%1 things are hidden: show them</source>
        <translation>%1 choses sont cachées : les montrer</translation>
    </message>
    <message>
        <source>%1 things are wrong</source>
        <translation>%1 choses ne vont pas</translation>
    </message>
    <message>
        <source>%1 things coloured</source>
        <translation>%1 choses colorées</translation>
    </message>
    <message>
        <source>%1 things do not fit</source>
        <translation>%1 choses ne conviennent pas</translation>
    </message>
    <message>
        <source>%1 things on your card are covered.</source>
        <translation>%1 choses de votre carte sont couvertes.</translation>
    </message>
    <message>
        <source>%1 things on your card do not fit its horizon.</source>
        <translation>%1 choses de votre carte ne vont pas avec son horizon.</translation>
    </message>
    <message>
        <source>%1 things stand near and far on your card.</source>
        <translation>%1 choses se tiennent près et loin sur votre carte.</translation>
    </message>
    <message>
        <source>%1 things to look at</source>
        <translation>%1 choses à regarder</translation>
    </message>
    <message>
        <source>%1 things to look at.</source>
        <translation>%1 choses à regarder.</translation>
    </message>
    <message>
        <source>%1 times</source>
        <translation>%1 fois</translation>
    </message>
    <message>
        <source>%1 times its height above its foot</source>
        <translation>à %1 fois sa hauteur au-dessus du pied</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 à %2</translation>
    </message>
    <message>
        <source>%1 to mend instead of %2</source>
        <translation>%1 à réparer au lieu de %2</translation>
    </message>
    <message>
        <source>%1 to the back</source>
        <translation>%1 vers l'arrière</translation>
    </message>
    <message>
        <source>%1 to the front</source>
        <translation>%1 vers l'avant</translation>
    </message>
    <message>
        <source>%1 to the left</source>
        <translation>%1 vers la gauche</translation>
    </message>
    <message>
        <source>%1 to the right</source>
        <translation>%1 vers la droite</translation>
    </message>
    <message>
        <source>%1 too high</source>
        <translation>%1 trop haut</translation>
    </message>
    <message>
        <source>%1 too high.</source>
        <translation>%1 trop haut.</translation>
    </message>
    <message>
        <source>%1 too low.</source>
        <translation>%1 trop bas.</translation>
    </message>
    <message>
        <source>%1 too wide</source>
        <translation>%1 trop large</translation>
    </message>
    <message>
        <source>%1 too wide and %2 too high</source>
        <translation>%1 trop large et %2 trop haut</translation>
    </message>
    <message>
        <source>%1 up</source>
        <translation>%1 vers le haut</translation>
    </message>
    <message>
        <source>%1 used since it was full</source>
        <translation>%1 utilisé depuis qu'il était plein</translation>
    </message>
    <message>
        <source>%1 uses left</source>
        <translation>encore %1 poses</translation>
    </message>
    <message>
        <source>%1 was %2 across %3: %3 was not there yet to end at.</source>
        <translation>%1 était %2 sur %3 : %3 n'était pas encore là pour s'y arrêter.</translation>
    </message>
    <message>
        <source>%1 was changed by someone else since you opened it. Nothing was saved.</source>
        <translation>%1 a été modifié par quelqu'un d'autre depuis que vous l'avez ouvert. Rien n'a été enregistré.</translation>
    </message>
    <message>
        <source>%1 was left out.</source>
        <translation>%1 a été omis.</translation>
    </message>
    <message>
        <source>%1 was never blended.</source>
        <translation>%1 n'a jamais été estompé.</translation>
    </message>
    <message>
        <source>%1 was never stamped.</source>
        <translation>%1 n'a jamais été tamponné.</translation>
    </message>
    <message>
        <source>%1 was not opened. %2</source>
        <translation>%1 n'a pas été ouvert. %2</translation>
    </message>
    <message>
        <source>%1 was printed twice, %2 apart.</source>
        <translation>%1 a été imprimé deux fois, à %2 d'écart.</translation>
    </message>
    <message>
        <source>%1 was taken out of the drawer in another window; it was not changed</source>
        <translation>%1 a été sorti du tiroir dans une autre fenêtre ; il n'a pas été modifié</translation>
    </message>
    <message>
        <source>%1 where %2 is too fine to cover</source>
        <translation>%1 là où %2 est trop fin à couvrir</translation>
    </message>
    <message>
        <source>%1 where %2 will be</source>
        <translation>%1 là où sera %2</translation>
    </message>
    <message>
        <source>%1 wide on every side, with low-tack tape</source>
        <translation>large de %1 de chaque côté, avec du ruban peu collant</translation>
    </message>
    <message>
        <source>%1 wide, %2 high</source>
        <translation>large de %1, haut de %2</translation>
    </message>
    <message>
        <source>%1 would bleed under %2</source>
        <translation>%1 baverait sous %2</translation>
    </message>
    <message>
        <source>%1 would lie off the card and are left out.</source>
        <translation>%1 seraient hors de la carte et sont laissés de côté.</translation>
    </message>
    <message>
        <source>%1 would run into %2.</source>
        <translation>%1 passerait dans %2.</translation>
    </message>
    <message>
        <source>%1 would run under %2</source>
        <translation>%1 passerait sous %2</translation>
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
        <translation>%1 « %2 »</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, %2 %: it has %3.</source>
        <translation>%1, %2 % : il a %3.</translation>
    </message>
    <message>
        <source>%1, %2 away</source>
        <translation>%1, à %2</translation>
    </message>
    <message>
        <source>%1, %2 mats</source>
        <translation>%1, %2 passe-partout</translation>
    </message>
    <message>
        <source>%1, %2 mm</source>
        <translation>%1, %2 mm</translation>
    </message>
    <message>
        <source>%1, %2 more to look at.</source>
        <translation>%1, encore %2 à regarder.</translation>
    </message>
    <message>
        <source>%1, %2 of %3</source>
        <translation>%1, %2 de %3</translation>
    </message>
    <message>
        <source>%1, %2 parts</source>
        <translation>%1, %2 parties</translation>
    </message>
    <message>
        <source>%1, %2 times.</source>
        <translation>%1, %2 fois.</translation>
    </message>
    <message>
        <source>%1, %2%3</source>
        <translation>%1, %2%3</translation>
    </message>
    <message>
        <source>%1, %2: %3 mm²</source>
        <translation>%1, %2 : %3 mm²</translation>
    </message>
    <message>
        <source>%1, %2: %3 of the first, from %4 prints.</source>
        <translation>%1, %2 : %3 de la première, sur %4 empreintes.</translation>
    </message>
    <message>
        <source>%1, a mat</source>
        <translation>%1, un passe-partout</translation>
    </message>
    <message>
        <source>%1, all of it</source>
        <translation>%1, tout entier</translation>
    </message>
    <message>
        <source>%1, along where %2 lies over it.</source>
        <translation>%1, le long de là où %2 passe dessus.</translation>
    </message>
    <message>
        <source>%1, and %2 more alike</source>
        <translation>%1, et %2 autres pareils</translation>
    </message>
    <message>
        <source>%1, and %2 more to put together</source>
        <translation>%1, et %2 autres à composer</translation>
    </message>
    <message>
        <source>%1, as is usual</source>
        <translation>%1, comme d'habitude</translation>
    </message>
    <message>
        <source>%1, as is usual; no card says more yet</source>
        <translation>%1, comme d'habitude ; aucune carte n'en dit plus encore</translation>
    </message>
    <message>
        <source>%1, as you set it</source>
        <translation>%1, comme vous l'avez réglé</translation>
    </message>
    <message>
        <source>%1, begun %2, %3 steps done</source>
        <translation>%1, commencé %2, %3 étapes faites</translation>
    </message>
    <message>
        <source>%1, drawn smaller</source>
        <translation>%1, dessiné plus petit</translation>
    </message>
    <message>
        <source>%1, from %2</source>
        <translation>%1, de %2</translation>
    </message>
    <message>
        <source>%1, in %2 parts</source>
        <translation>%1, en %2 parties</translation>
    </message>
    <message>
        <source>%1, in the drawer</source>
        <translation>%1, dans le tiroir</translation>
    </message>
    <message>
        <source>%1, mask %2</source>
        <translation>%1, masque %2</translation>
    </message>
    <message>
        <source>%1, not as planned</source>
        <translation>%1, pas comme prévu</translation>
    </message>
    <message>
        <source>%1, on %2 mm of foam</source>
        <translation>%1, sur %2 mm de mousse</translation>
    </message>
    <message>
        <source>%1, proven</source>
        <translation>%1, prouvé</translation>
    </message>
    <message>
        <source>%1, where colour is to come on %2</source>
        <translation>%1, là où la couleur doit venir sur %2</translation>
    </message>
    <message>
        <source>%1, with %2; eyes at %3.</source>
        <translation>%1, avec %2 ; les yeux à %3.</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>%1. %2: %3</source>
        <translation>%1. %2 : %3</translation>
    </message>
    <message>
        <source>%1. Print them in their places over the placement sheet, and cut round all of them.</source>
        <translation>%1. Imprimez-les à leur place par-dessus la feuille de placement, et coupez autour de tous.</translation>
    </message>
    <message>
        <source>%1. level, %2 from the bottom of what is in hand</source>
        <translation>%1. de niveau, à %2 du bas de ce que vous tenez</translation>
    </message>
    <message>
        <source>%1. upright, %2 from the left of what is in hand</source>
        <translation>%1. debout, à %2 de la gauche de ce que vous tenez</translation>
    </message>
    <message>
        <source>%1/%2</source>
        <translation>%1/%2</translation>
    </message>
    <message>
        <source>%1/%2 in</source>
        <translation>%1/%2 po</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1 : %2</translation>
    </message>
    <message>
        <source>%1: %2 could not be traced.</source>
        <translation>%1 : %2 n’ont pas pu être tracés.</translation>
    </message>
    <message>
        <source>%1: %2 from the left, %3 from the bottom</source>
        <translation>%1 : %2 depuis la gauche, %3 depuis le bas</translation>
    </message>
    <message>
        <source>%1: %2 instead of %3.</source>
        <translation>%1 : %2 au lieu de %3.</translation>
    </message>
    <message>
        <source>%1: %2 of %3</source>
        <translation>%1 : %2 sur %3</translation>
    </message>
    <message>
        <source>%1: %2 shapes lie in no group and were left out.</source>
        <translation>%1 : %2 formes ne sont dans aucun groupe et ont été laissées de côté.</translation>
    </message>
    <message>
        <source>%1: %2 steps, about %3. One step at a time; the space bar goes on. You can leave at any step and come back.</source>
        <translation>%1 : %2 étapes, environ %3. Une étape à la fois ; la barre d'espace avance. Vous pouvez partir à toute étape et revenir.</translation>
    </message>
    <message>
        <source>%1: %2 things move</source>
        <translation>%1 : %2 choses bougent</translation>
    </message>
    <message>
        <source>%1: %2, with %3 % of the pull</source>
        <translation>%1 : %2, avec %3 % de l'attrait</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1 : %2.</translation>
    </message>
    <message>
        <source>%1: a sheet of %2, %3</source>
        <translation>%1 : une feuille de %2, %3</translation>
    </message>
    <message>
        <source>%1: another part of the stamp prints.</source>
        <translation>%1 : une autre partie du tampon imprime.</translation>
    </message>
    <message>
        <source>%1: another shape or place.</source>
        <translation>%1 : autre forme ou autre place.</translation>
    </message>
    <message>
        <source>%1: another stamp.</source>
        <translation>%1 : un autre tampon.</translation>
    </message>
    <message>
        <source>%1: at %3 instead of %2.</source>
        <translation>%1 : à %3 au lieu de %2.</translation>
    </message>
    <message>
        <source>%1: bounded by other papers.</source>
        <translation>%1 : borné par d’autres papiers.</translation>
    </message>
    <message>
        <source>%1: by %2 instead of %3.</source>
        <translation>%1 : par %2 au lieu de %3.</translation>
    </message>
    <message>
        <source>%1: changed.</source>
        <translation>%1 : changé.</translation>
    </message>
    <message>
        <source>%1: cut %2.</source>
        <translation>%1 : coupez %2.</translation>
    </message>
    <message>
        <source>%1: done</source>
        <translation>%1 : terminé</translation>
    </message>
    <message>
        <source>%1: done in another way.</source>
        <translation>%1 : fait d’une autre façon.</translation>
    </message>
    <message>
        <source>%1: fades out over %3 instead of %2.</source>
        <translation>%1 : s’efface sur %3 au lieu de %2.</translation>
    </message>
    <message>
        <source>%1: foot %2, %3.</source>
        <translation>%1 : pied %2, %3.</translation>
    </message>
    <message>
        <source>%1: for a class of %2</source>
        <translation>%1 : pour un atelier de %2</translation>
    </message>
    <message>
        <source>%1: held in place.</source>
        <translation>%1 : tenu en place.</translation>
    </message>
    <message>
        <source>%1: here is a line, or too little room for a point</source>
        <translation>%1 : il y a ici une ligne, ou trop peu de place pour un point</translation>
    </message>
    <message>
        <source>%1: hidden while you work. Plan, order and printouts keep it.</source>
        <translation>%1 : caché pendant que vous travaillez. Plan, ordre et imprimés le gardent.</translation>
    </message>
    <message>
        <source>%1: in %2 instead of %3.</source>
        <translation>%1 : en %2 au lieu de %3.</translation>
    </message>
    <message>
        <source>%1: in another sequence.</source>
        <translation>%1 : dans un autre ordre.</translation>
    </message>
    <message>
        <source>%1: leads to the hero</source>
        <translation>%1 : mène au héros</translation>
    </message>
    <message>
        <source>%1: lies otherwise between the others, before and behind.</source>
        <translation>%1 : placé autrement entre les autres, devant et derrière.</translation>
    </message>
    <message>
        <source>%1: may be moved again.</source>
        <translation>%1 : peut de nouveau bouger.</translation>
    </message>
    <message>
        <source>%1: moved %2.</source>
        <translation>%1 : déplacé, %2.</translation>
    </message>
    <message>
        <source>%1: new.</source>
        <translation>%1 : nouveau.</translation>
    </message>
    <message>
        <source>%1: no longer the hero.</source>
        <translation>%1 : n’est plus le héros.</translation>
    </message>
    <message>
        <source>%1: no longer there.</source>
        <translation>%1 : n’y est plus.</translation>
    </message>
    <message>
        <source>%1: not on the mask. Click to cut it.</source>
        <translation>%1 : pas sur le masque. Cliquez pour le couper.</translation>
    </message>
    <message>
        <source>%1: on the mask. Click to leave it off.</source>
        <translation>%1 : sur le masque. Cliquez pour le laisser.</translation>
    </message>
    <message>
        <source>%1: one shape lies in no group and was left out.</source>
        <translation>%1 : une forme n’est dans aucun groupe et a été laissée de côté.</translation>
    </message>
    <message>
        <source>%1: one thing moves</source>
        <translation>%1 : une chose bouge</translation>
    </message>
    <message>
        <source>%1: passes the hero by %2</source>
        <translation>%1 : passe à %2 du héros</translation>
    </message>
    <message>
        <source>%1: raised by %3 instead of %2.</source>
        <translation>%1 : relevé de %3 au lieu de %2.</translation>
    </message>
    <message>
        <source>%1: reaches over %3 instead of %2.</source>
        <translation>%1 : s’étend sur %3 au lieu de %2.</translation>
    </message>
    <message>
        <source>%1: runs low</source>
        <translation>%1 : s'épuise</translation>
    </message>
    <message>
        <source>%1: stands out %2</source>
        <translation>%1 : se détache : %2</translation>
    </message>
    <message>
        <source>%1: taken %2</source>
        <translation>%1 : pris %2</translation>
    </message>
    <message>
        <source>%1: taken %2, about %3 of card</source>
        <translation>%1 : pris %2, environ %3 de carton</translation>
    </message>
    <message>
        <source>%1: the hero now.</source>
        <translation>%1 : le héros désormais.</translation>
    </message>
    <message>
        <source>%1: the stamp %2 instead of %3.</source>
        <translation>%1 : le tampon %2 au lieu de %3.</translation>
    </message>
    <message>
        <source>%1: to be cut %2 times instead of %3.</source>
        <translation>%1 : à découper %2 fois au lieu de %3.</translation>
    </message>
    <message>
        <source>%1: turned %2° to the left.</source>
        <translation>%1 : tourné de %2° vers la gauche.</translation>
    </message>
    <message>
        <source>%1: turned %2° to the right.</source>
        <translation>%1 : tourné de %2° vers la droite.</translation>
    </message>
    <message>
        <source>%1: used up</source>
        <translation>%1 : épuisé</translation>
    </message>
    <message>
        <source>%1: was called “%2”.</source>
        <translation>%1 : s’appelait « %2 ».</translation>
    </message>
    <message>
        <source>%1; in front of %2 things.</source>
        <translation>%1 ; devant %2 choses.</translation>
    </message>
    <message>
        <source>%1; in front of %2.</source>
        <translation>%1 ; devant : %2.</translation>
    </message>
    <message>
        <source>%1; offcuts go into the drawer</source>
        <translation>%1 ; les chutes vont au tiroir</translation>
    </message>
    <message>
        <source>%1; sheets were cut and taken off already, on the page of the papers</source>
        <translation>%1 ; des feuilles ont déjà été coupées et décomptées, à la page des papiers</translation>
    </message>
    <message>
        <source>%1[*] – Havlo</source>
        <translation>%1[*] – Havlo</translation>
    </message>
    <message>
        <source>%1th pressing</source>
        <translation>%1e pression</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>&amp;About Havlo</source>
        <translation>À &amp;propos de Havlo</translation>
    </message>
    <message>
        <source>&amp;Add a stamp</source>
        <translation>&amp;Ajouter un tampon</translation>
    </message>
    <message>
        <source>&amp;Behind what it meets</source>
        <translation>&amp;Derrière ce qu'il touche</translation>
    </message>
    <message>
        <source>&amp;Change</source>
        <translation>&amp;Modifier</translation>
    </message>
    <message>
        <source>&amp;Closer</source>
        <translation>Plus p&amp;rès</translation>
    </message>
    <message>
        <source>&amp;Copy</source>
        <translation>&amp;Copier</translation>
    </message>
    <message>
        <source>&amp;Dark ground</source>
        <translation>Fond &amp;sombre</translation>
    </message>
    <message>
        <source>&amp;Even gaps in the picture</source>
        <translation>Écarts é&amp;gaux dans l'image</translation>
    </message>
    <message>
        <source>&amp;Explain what has the keys</source>
        <translation>&amp;Expliquer ce qui a le clavier</translation>
    </message>
    <message>
        <source>&amp;Farther</source>
        <translation>P&amp;lus loin</translation>
    </message>
    <message>
        <source>&amp;Find an act…</source>
        <translation>&amp;Trouver une action…</translation>
    </message>
    <message>
        <source>&amp;Handbook</source>
        <translation>&amp;Manuel</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Aide</translation>
    </message>
    <message>
        <source>&amp;Ink</source>
        <translation>&amp;Encre</translation>
    </message>
    <message>
        <source>&amp;Large targets, for inky fingers</source>
        <translation>&amp;Grandes cibles, pour les doigts pleins d’encre</translation>
    </message>
    <message>
        <source>&amp;Leave</source>
        <translation>&amp;Quitter</translation>
    </message>
    <message>
        <source>&amp;Look</source>
        <translation>A&amp;ffichage</translation>
    </message>
    <message>
        <source>&amp;Name this card</source>
        <translation>&amp;Nommer cette carte</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>&amp;Ouvrir…</translation>
    </message>
    <message>
        <source>&amp;Paste</source>
        <translation>C&amp;oller</translation>
    </message>
    <message>
        <source>&amp;Paste here</source>
        <translation>C&amp;oller ici</translation>
    </message>
    <message>
        <source>&amp;Plan</source>
        <translation>&amp;Plan</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>&amp;Enregistrer</translation>
    </message>
    <message>
        <source>&amp;Show what is hidden</source>
        <translation>Montrer ce qui est ca&amp;ché</translation>
    </message>
    <message>
        <source>&amp;Thing</source>
        <translation>&amp;Chose</translation>
    </message>
    <message>
        <source>+%1 %</source>
        <translation>+%1 %</translation>
    </message>
    <message>
        <source>, %1</source>
        <translation>, %1</translation>
    </message>
    <message>
        <source>, %1 across</source>
        <translation>, large de %1</translation>
    </message>
    <message>
        <source>, %1 mm to join by pen</source>
        <translation>, %1 mm à raccorder au stylo</translation>
    </message>
    <message>
        <source>, %1 offcuts are kept</source>
        <translation>, %1 chutes sont gardées</translation>
    </message>
    <message>
        <source>, %1 sink in</source>
        <translation>, %1 se perdent</translation>
    </message>
    <message>
        <source>, %1 tall</source>
        <translation>, haut de %1</translation>
    </message>
    <message>
        <source>, a mask</source>
        <translation>, un masque</translation>
    </message>
    <message>
        <source>, and </source>
        <translation>, et </translation>
    </message>
    <message>
        <source>, by tape</source>
        <translation>, au ruban</translation>
    </message>
    <message>
        <source>, evening %1</source>
        <translation>, soirée %1</translation>
    </message>
    <message>
        <source>, fibres level</source>
        <translation>, fibres de niveau</translation>
    </message>
    <message>
        <source>, fibres upright</source>
        <translation>, fibres debout</translation>
    </message>
    <message>
        <source>, from %1 cards</source>
        <translation>, sur %1 cartes</translation>
    </message>
    <message>
        <source>, from 1 card</source>
        <translation>, sur 1 carte</translation>
    </message>
    <message>
        <source>, greeting hard to read</source>
        <translation>, vœu difficile à lire</translation>
    </message>
    <message>
        <source>, its fibres level</source>
        <translation>, ses fibres de niveau</translation>
    </message>
    <message>
        <source>, its fibres upright</source>
        <translation>, ses fibres debout</translation>
    </message>
    <message>
        <source>, its half</source>
        <translation>, sa moitié</translation>
    </message>
    <message>
        <source>, its size is right</source>
        <translation>, sa taille est juste</translation>
    </message>
    <message>
        <source>, just inside the line</source>
        <translation>, juste à l'intérieur de la ligne</translation>
    </message>
    <message>
        <source>, kept in %1</source>
        <translation>, rangé dans %1</translation>
    </message>
    <message>
        <source>, laid where it will be</source>
        <translation>, posé là où il sera</translation>
    </message>
    <message>
        <source>, on all %1 cards</source>
        <translation>, sur les %1 cartes</translation>
    </message>
    <message>
        <source>, one offcut is kept</source>
        <translation>, une chute est gardée</translation>
    </message>
    <message>
        <source>, pale</source>
        <translation>, pâle</translation>
    </message>
    <message>
        <source>, then </source>
        <translation>, puis </translation>
    </message>
    <message>
        <source>, too small there</source>
        <translation>, trop petit là</translation>
    </message>
    <message>
        <source>, too tall there</source>
        <translation>, trop grand là</translation>
    </message>
    <message>
        <source>, turned %1° to the left</source>
        <translation>, tourné de %1° vers la gauche</translation>
    </message>
    <message>
        <source>, turned %1° to the right</source>
        <translation>, tourné de %1° vers la droite</translation>
    </message>
    <message>
        <source>, without ground</source>
        <translation>, sans sol</translation>
    </message>
    <message>
        <source>. %1 times two alike are side by side; another stamp would help.</source>
        <translation>. %1 fois deux pareils sont côte à côte ; un autre tampon aiderait.</translation>
    </message>
    <message>
        <source>. %1 to %2 away.</source>
        <translation>. De %1 à %2.</translation>
    </message>
    <message>
        <source>. All about %1 away.</source>
        <translation>. Tous à environ %1.</translation>
    </message>
    <message>
        <source>. None is like its neighbour.</source>
        <translation>. Aucun n'est comme son voisin.</translation>
    </message>
    <message>
        <source>. Once two alike are side by side; another stamp would help.</source>
        <translation>. Une fois deux pareils sont côte à côte ; un autre tampon aiderait.</translation>
    </message>
    <message>
        <source>0 %: what is below shows through wholly; 100 %: it covers what is below</source>
        <translation>0 % : ce qui est dessous transparaît tout à fait ; 100 % : cela couvre ce qui est dessous</translation>
    </message>
    <message>
        <source>0: the panel is glued flat</source>
        <translation>0 : le panneau est collé à plat</translation>
    </message>
    <message>
        <source>1  The picture</source>
        <translation>1  L'image</translation>
    </message>
    <message>
        <source>1 card</source>
        <translation>1 carte</translation>
    </message>
    <message>
        <source>1 dot of foam</source>
        <translation>1 point de mousse</translation>
    </message>
    <message>
        <source>1 envelope</source>
        <translation>1 enveloppe</translation>
    </message>
    <message>
        <source>1 envelope of %1</source>
        <translation>1 enveloppe de %1</translation>
    </message>
    <message>
        <source>1 is freshly inked; 2 is pressed again without inking, paler</source>
        <translation>1 est fraîchement encré ; 2 est pressé de nouveau sans encre, plus pâle</translation>
    </message>
    <message>
        <source>1 is in the drawer</source>
        <translation>1 est dans le tiroir</translation>
    </message>
    <message>
        <source>1 is missing</source>
        <translation>1 manque</translation>
    </message>
    <message>
        <source>1 mask</source>
        <translation>1 masque</translation>
    </message>
    <message>
        <source>1 mask cut.</source>
        <translation>1 masque coupé.</translation>
    </message>
    <message>
        <source>1 mask is kept in the drawer.</source>
        <translation>1 masque est gardé dans le tiroir.</translation>
    </message>
    <message>
        <source>1 plan</source>
        <translation>1 plan</translation>
    </message>
    <message>
        <source>1 sheet</source>
        <translation>1 feuille</translation>
    </message>
    <message>
        <source>1 sheet is missing</source>
        <translation>1 feuille manque</translation>
    </message>
    <message>
        <source>1 sheet of masking paper</source>
        <translation>1 feuille de papier à masquer</translation>
    </message>
    <message>
        <source>1 stamp</source>
        <translation>1 tampon</translation>
    </message>
    <message>
        <source>1 step</source>
        <translation>1 étape</translation>
    </message>
    <message>
        <source>1 thing</source>
        <translation>1 chose</translation>
    </message>
    <message>
        <source>1 thing coloured</source>
        <translation>1 chose colorée</translation>
    </message>
    <message>
        <source>1 thing does not fit</source>
        <translation>1 chose ne convient pas</translation>
    </message>
    <message>
        <source>1 thing is hidden: show it</source>
        <translation>1 chose est cachée : la montrer</translation>
    </message>
    <message>
        <source>1 thing to look at</source>
        <translation>1 chose à regarder</translation>
    </message>
    <message>
        <source>1 to 99 evenings</source>
        <translation>1 à 99 soirées</translation>
    </message>
    <message>
        <source>1 to 9999 cards</source>
        <translation>1 à 9999 cartes</translation>
    </message>
    <message>
        <source>1.6 in</source>
        <translation>1,6 po</translation>
    </message>
    <message>
        <source>1.7 m, 5 cm, 6 ft …</source>
        <translation>1,7 m, 5 cm, 6 ft …</translation>
    </message>
    <message>
        <source>2  How large is it?</source>
        <translation>2  Quelle est sa taille ?</translation>
    </message>
    <message>
        <source>3  Mend what was traced</source>
        <translation>3  Réparez le tracé</translation>
    </message>
    <message>
        <source>3  Mend what was traced…</source>
        <translation>3  Réparer le tracé…</translation>
    </message>
    <message>
        <source>4  What is it?</source>
        <translation>4  Qu'est-ce que c'est ?</translation>
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
        <translation> : il en reste %1</translation>
    </message>
    <message>
        <source>: %1 more than the drawer says</source>
        <translation> : %1 de plus que ne dit le tiroir</translation>
    </message>
    <message>
        <source>: %1 whole sheets are left</source>
        <translation> : il reste %1 feuilles entières</translation>
    </message>
    <message>
        <source>: 1 whole sheet is left</source>
        <translation> : il reste 1 feuille entière</translation>
    </message>
    <message>
        <source>: from the sheet at hand</source>
        <translation> : de la feuille à portée</translation>
    </message>
    <message>
        <source>: nearest</source>
        <translation> : le plus proche</translation>
    </message>
    <message>
        <source>: none is left</source>
        <translation> : il n'en reste aucune</translation>
    </message>
    <message>
        <source>: one more than the drawer says</source>
        <translation> : une de plus que ne dit le tiroir</translation>
    </message>
    <message>
        <source>: then, as number %1</source>
        <translation> : puis, comme numéro %1</translation>
    </message>
    <message>
        <source>; %1 % of it is waste</source>
        <translation> ; %1 % en est perdu</translation>
    </message>
    <message>
        <source>; %1 at hand are used first</source>
        <translation> ; %1 à portée servent d'abord</translation>
    </message>
    <message>
        <source>; %1 mm² are covered too much</source>
        <translation> ; %1 mm² sont couverts de trop</translation>
    </message>
    <message>
        <source>; %1 pairs share one cut in two</source>
        <translation> ; %1 paires partagent une coupe</translation>
    </message>
    <message>
        <source>; along a ruler, and only where the line is to be seen</source>
        <translation> ; le long d'une règle, et seulement là où la ligne doit se voir</translation>
    </message>
    <message>
        <source>; blot the tool first and start lightly, so that it fades at its border</source>
        <translation> ; épongez d'abord l'outil et commencez léger, pour que cela s'éteigne au bord</translation>
    </message>
    <message>
        <source>; cut off what hangs over the rim</source>
        <translation> ; coupez ce qui dépasse du bord</translation>
    </message>
    <message>
        <source>; dab it on, turning the sponge</source>
        <translation> ; tapotez en tournant l'éponge</translation>
    </message>
    <message>
        <source>; face down over the stencil, press every edge with a round tool</source>
        <translation> ; face en bas sur le pochoir, pressez chaque bord avec un outil rond</translation>
    </message>
    <message>
        <source>; foam of %1 near every edge and in the middle</source>
        <translation> ; mousse de %1 près de chaque bord et au milieu</translation>
    </message>
    <message>
        <source>; fold it with the ridge of the score inside, and press the fold down</source>
        <translation> ; pliez avec l'arête de la rainure à l'intérieur, et pressez le pli</translation>
    </message>
    <message>
        <source>; for one paper over several lay it on the placement sheet, and print each in its place</source>
        <translation> ; pour un papier sur plusieurs, posez-le sur la feuille de placement et imprimez chacun à sa place</translation>
    </message>
    <message>
        <source>; from %1</source>
        <translation> ; dès %1</translation>
    </message>
    <message>
        <source>; give or take %1</source>
        <translation> ; sûr à %1 près</translation>
    </message>
    <message>
        <source>; hold the stencil down, spread it thinly with a palette knife, always toward the tape</source>
        <translation> ; tenez le pochoir, étalez finement au couteau, toujours vers le ruban</translation>
    </message>
    <message>
        <source>; it dries for %1 before it is covered</source>
        <translation> ; cela sèche %1 avant d’être couvert</translation>
    </message>
    <message>
        <source>; it dries slowly, keep the hand off for %1</source>
        <translation> ; cela sèche lentement, gardez la main éloignée pendant %1</translation>
    </message>
    <message>
        <source>; let one part dry before its neighbour</source>
        <translation> ; laissez sécher une partie avant sa voisine</translation>
    </message>
    <message>
        <source>; line it up at the fold first</source>
        <translation> ; alignez-le d'abord sur le pli</translation>
    </message>
    <message>
        <source>; little glue, so that none comes out at the rim, then a book on it while it sets</source>
        <translation> ; peu de colle, pour que rien ne sorte au bord, puis un livre dessus le temps qu'elle prenne</translation>
    </message>
    <message>
        <source>; on the average they are %1 off</source>
        <translation> ; en moyenne ils sont à %1</translation>
    </message>
    <message>
        <source>; one at hand is used first</source>
        <translation> ; une à portée sert d'abord</translation>
    </message>
    <message>
        <source>; open for %1 mm</source>
        <translation> ; ouvert sur %1 mm</translation>
    </message>
    <message>
        <source>; pulled again from the plate without new ink, so it is paler, the other way round than on the plate</source>
        <translation> ; tirée de nouveau de la plaque sans encre, donc plus pâle, à l'envers de la plaque</translation>
    </message>
    <message>
        <source>; roll the ink out thinly on the plate, press it on and lift it straight up; the picture comes out the other way round than on the plate</source>
        <translation> ; roulez l'encre finement sur la plaque, pressez et levez tout droit ; l'image vient à l'envers de la plaque</translation>
    </message>
    <message>
        <source>; spray from a forearm away, with the table covered</source>
        <translation> ; pulvérisez à un avant-bras, la table couverte</translation>
    </message>
    <message>
        <source>; stamp it first, empty, with a sheet of scrap inside so that nothing comes through, and the flap open</source>
        <translation> ; tamponnez-la d'abord, vide, avec du brouillon dedans pour que rien ne traverse, le rabat ouvert</translation>
    </message>
    <message>
        <source>; start on the mask, not on the card; blot the tool first</source>
        <translation> ; commencez sur le masque, pas sur la carte ; épongez d'abord l'outil</translation>
    </message>
    <message>
        <source>; tape for %1 more</source>
        <translation> ; du ruban pour %1 de plus</translation>
    </message>
    <message>
        <source>; tape over %1 of the inked rubber, lift the tape, then press; join by pen the lines that end there</source>
        <translation> ; collez du ruban sur %1 du caoutchouc encré, ôtez le ruban, puis pressez ; raccordez au stylo les lignes qui y finissent</translation>
    </message>
    <message>
        <source>; tape over the inked rubber where %1 will be, lift the tape, then press</source>
        <translation> ; collez du ruban sur le caoutchouc encré là où sera %1, ôtez le ruban, puis pressez</translation>
    </message>
    <message>
        <source>; the drawer has paper with room for more, but its fibres run across the fold, where it would crack</source>
        <translation> ; le tiroir a du papier avec de la place pour plus, mais ses fibres vont en travers du pli, où il casserait</translation>
    </message>
    <message>
        <source>; then the border tape may come off</source>
        <translation> ; alors le ruban du bord peut partir</translation>
    </message>
    <message>
        <source>; two share one cut in two</source>
        <translation> ; deux partagent une coupe</translation>
    </message>
    <message>
        <source>; what is planned on it is stamped before it is glued in</source>
        <translation> ; ce qui y est prévu est tamponné avant le collage</translation>
    </message>
    <message>
        <source>; wipe the ink off where %1 will be</source>
        <translation> ; essuyez l'encre là où sera %1</translation>
    </message>
    <message>
        <source>; with a damp brush, up to its border; let it dry flat</source>
        <translation> ; au pinceau humide, jusqu'au bord ; laissez sécher à plat</translation>
    </message>
    <message>
        <source>; with the marker, led up to the line by hand</source>
        <translation> ; au feutre, mené à la main jusqu'à la ligne</translation>
    </message>
    <message>
        <source>A &amp;row of it…</source>
        <translation>Un &amp;rang de cela…</translation>
    </message>
    <message>
        <source>A background</source>
        <translation>Un fond</translation>
    </message>
    <message>
        <source>A background is blended round what is masked, before, between or after the stampings: a sky, a ground, a glow. Add one; then drag its borders on the card.</source>
        <translation>Un fond s'estompe autour de ce qui est masqué, avant, entre ou après les tamponnages : un ciel, un sol, une lueur. Ajoutez-en un, puis tirez ses bords sur la carte.</translation>
    </message>
    <message>
        <source>A better order is being looked for.</source>
        <translation>Un meilleur ordre est cherché.</translation>
    </message>
    <message>
        <source>A branch must come from the edge of the card or from behind something.</source>
        <translation>Une branche doit venir du bord de la carte ou de derrière quelque chose.</translation>
    </message>
    <message>
        <source>A card</source>
        <translation>Une carte</translation>
    </message>
    <message>
        <source>A card in the making cannot be read and is left as it is: %1</source>
        <translation>Une carte en cours ne peut être lue et reste comme elle est : %1</translation>
    </message>
    <message>
        <source>A card is being looked for.</source>
        <translation>Une carte est cherchée.</translation>
    </message>
    <message>
        <source>A card that is proposed</source>
        <translation>Une carte proposée</translation>
    </message>
    <message>
        <source>A card to make one day …</source>
        <translation>Une carte à faire un jour …</translation>
    </message>
    <message>
        <source>A class makes it</source>
        <translation>Un atelier la fait</translation>
    </message>
    <message>
        <source>A clean join</source>
        <translation>Un raccord net</translation>
    </message>
    <message>
        <source>A colour from a scan</source>
        <translation>Une couleur d'un scan</translation>
    </message>
    <message>
        <source>A coloured part of %1 is open</source>
        <translation>Une partie colorée de %1 est ouverte</translation>
    </message>
    <message>
        <source>A cro&amp;wd…</source>
        <translation>Une f&amp;oule…</translation>
    </message>
    <message>
        <source>A crowd</source>
        <translation>Une foule</translation>
    </message>
    <message>
        <source>A crowd needs stamps whose real height is known: people, animals, trees. Take some from the drawer.</source>
        <translation>Une foule veut des tampons dont la hauteur réelle est connue : gens, animaux, arbres. Prenez-en dans le tiroir.</translation>
    </message>
    <message>
        <source>A crowd of %1</source>
        <translation>Une foule de %1</translation>
    </message>
    <message>
        <source>A crowd takes many masks, each laid often. Under What if you see what it costs with fewer of them, and under Schools what printing straight over would save.</source>
        <translation>Une foule demande beaucoup de masques, chacun posé souvent. Sous Et si vous voyez ce qu’elle coûte avec moins de monde, et sous Façons ce qu’imprimer par-dessus épargnerait.</translation>
    </message>
    <message>
        <source>A cut is wide</source>
        <translation>Largeur de coupe</translation>
    </message>
    <message>
        <source>A cut loses</source>
        <translation>Une coupe perd</translation>
    </message>
    <message>
        <source>A file's name</source>
        <translation>Un nom de fichier</translation>
    </message>
    <message>
        <source>A folder for the plans</source>
        <translation>Un dossier pour les plans</translation>
    </message>
    <message>
        <source>A folder of scans</source>
        <translation>Un dossier de numérisations</translation>
    </message>
    <message>
        <source>A frame with an opening</source>
        <translation>Un cadre avec une ouverture</translation>
    </message>
    <message>
        <source>A fresh mask is kept with it</source>
        <translation>Un masque frais y est gardé</translation>
    </message>
    <message>
        <source>A gap is noticed from %1 on. Numbers mark the three to be careful with.</source>
        <translation>Un vide se remarque dès %1. Des chiffres marquent les trois à soigner.</translation>
    </message>
    <message>
        <source>A greeting that is cut short cannot be read.</source>
        <translation>Un vœu coupé ne peut se lire.</translation>
    </message>
    <message>
        <source>A greeting wants room on every side, and nothing over it.</source>
        <translation>Un vœu veut de la place de tous côtés, et rien dessus.</translation>
    </message>
    <message>
        <source>A hero each from your drawer, in one hour, on one paper, in one set of inks.</source>
        <translation>Un héros chacun de votre tiroir, à une heure, sur un papier, dans un jeu d'encres.</translation>
    </message>
    <message>
        <source>A hill of paper</source>
        <translation>Une colline de papier</translation>
    </message>
    <message>
        <source>A hill over the lower edge</source>
        <translation>Une colline sur le bord inférieur</translation>
    </message>
    <message>
        <source>A join showed lately.</source>
        <translation>Un raccord s'est vu dernièrement.</translation>
    </message>
    <message>
        <source>A join shows: %1</source>
        <translation>Un raccord se voit : %1</translation>
    </message>
    <message>
        <source>A later pressing came out otherwise than wanted lately.</source>
        <translation>Une pression tardive est venue autrement que voulu dernièrement.</translation>
    </message>
    <message>
        <source>A line behind a head seems to cut it or pin it down. Let a hill or a hedge stand there, or fade the line.</source>
        <translation>Une ligne derrière une tête semble la couper ou la clouer. Mettez-y une colline ou une haie, ou estompez la ligne.</translation>
    </message>
    <message>
        <source>A line ran into it</source>
        <translation>Une ligne y est entrée</translation>
    </message>
    <message>
        <source>A line ran into something lately.</source>
        <translation>Une ligne est entrée dans quelque chose dernièrement.</translation>
    </message>
    <message>
        <source>A mask of %1 leaves most of it bare</source>
        <translation>Un masque de %1 en laisse la plus grande part nue</translation>
    </message>
    <message>
        <source>A masking sheet has sides from 20 to 2000 mm.</source>
        <translation>Une feuille à masquer a des côtés de 20 à 2000 mm.</translation>
    </message>
    <message>
        <source>A mat of %1 paper</source>
        <translation>Un passe-partout de papier %1</translation>
    </message>
    <message>
        <source>A misty row</source>
        <translation>Un rang dans la brume</translation>
    </message>
    <message>
        <source>A new card</source>
        <translation>Une nouvelle carte</translation>
    </message>
    <message>
        <source>A new idea</source>
        <translation>Une nouvelle idée</translation>
    </message>
    <message>
        <source>A note on this step</source>
        <translation>Une note sur cette étape</translation>
    </message>
    <message>
        <source>A pale veil between near and far. On the walk it stands as a line that can be dragged.</source>
        <translation>Un voile pâle entre le proche et le lointain. Sur la promenade c’est une ligne que l’on tire.</translation>
    </message>
    <message>
        <source>A palette wants three inks or more.</source>
        <translation>Une palette veut trois encres ou plus.</translation>
    </message>
    <message>
        <source>A panel for the inside</source>
        <translation>Un feuillet pour l'intérieur</translation>
    </message>
    <message>
        <source>A panel without a base has no inside. A base is given on the page Sizes.</source>
        <translation>Un panneau sans carte double n'a pas d'intérieur. Une carte double se donne à la page Tailles.</translation>
    </message>
    <message>
        <source>A picture of the paper</source>
        <translation>Une image du papier</translation>
    </message>
    <message>
        <source>A plain shape</source>
        <translation>Une forme simple</translation>
    </message>
    <message>
        <source>A plan, a packed drawer or a scan to open.</source>
        <translation>Un plan, un tiroir empaqueté ou une numérisation à ouvrir.</translation>
    </message>
    <message>
        <source>A rack of %1 makes hands wait %2 in all.</source>
        <translation>Un séchoir de %1 fait attendre les mains %2 en tout.</translation>
    </message>
    <message>
        <source>A room</source>
        <translation>Une pièce</translation>
    </message>
    <message>
        <source>A row</source>
        <translation>Une rangée</translation>
    </message>
    <message>
        <source>A row of %1</source>
        <translation>Un rang de %1</translation>
    </message>
    <message>
        <source>A row runs away from you: equal steps on the ground become shorter and shorter on paper.</source>
        <translation>Un rang s’éloigne de vous : des pas égaux au sol deviennent de plus en plus courts sur le papier.</translation>
    </message>
    <message>
        <source>A scan or photo of stamps</source>
        <translation>Un scan ou une photo de tampons</translation>
    </message>
    <message>
        <source>A scan or photo of the card</source>
        <translation>Un scan ou une photo de la carte</translation>
    </message>
    <message>
        <source>A scan or photo of the finished card</source>
        <translation>Un scan ou une photo de la carte finie</translation>
    </message>
    <message>
        <source>A scanned strip of your colours</source>
        <translation>Une bande scannée de vos couleurs</translation>
    </message>
    <message>
        <source>A scanned test strip</source>
        <translation>Une bande d'essai scannée</translation>
    </message>
    <message>
        <source>A scene for a hero</source>
        <translation>Une scène pour un héros</translation>
    </message>
    <message>
        <source>A shadow runs away from the light: from the foot, in line with the ground below the light.</source>
        <translation>Une ombre fuit la lumière : depuis le pied, dans l'alignement du sol sous la lumière.</translation>
    </message>
    <message>
        <source>A sheet laid in askew is found by its marks: cuts lie within %1 mm of the print.</source>
        <translation>Une feuille posée de travers est trouvée par ses repères : les coupes sont à moins de %1 mm de l’impression.</translation>
    </message>
    <message>
        <source>A sky</source>
        <translation>Un ciel</translation>
    </message>
    <message>
        <source>A sky in steps</source>
        <translation>Un ciel par degrés</translation>
    </message>
    <message>
        <source>A sky is blended round masks, before or after what is stamped. Its borders can be dragged on the card.</source>
        <translation>Un ciel se fond autour des masques, avant ou après ce qui est tamponné. Ses bords se tirent sur la carte.</translation>
    </message>
    <message>
        <source>A sliver at the edge looks like a slip; bring more of it in, or leave it out.</source>
        <translation>Une lamelle au bord a l'air d'une erreur ; faites-en entrer plus, ou laissez-la.</translation>
    </message>
    <message>
        <source>A smudge</source>
        <translation>Une bavure</translation>
    </message>
    <message>
        <source>A spot did not print</source>
        <translation>Un endroit n'a pas imprimé</translation>
    </message>
    <message>
        <source>A spot of it did not print.</source>
        <translation>Un endroit n'a pas imprimé.</translation>
    </message>
    <message>
        <source>A stamp or two for others of yours, light from the other side, other colours.</source>
        <translation>Un ou deux tampons contre d'autres à vous, la lumière de l'autre côté, d'autres couleurs.</translation>
    </message>
    <message>
        <source>A stamp prints across a low step only. Glue the piece on flat, or let it hide what is under it.</source>
        <translation>Un tampon n'imprime que par-dessus une marche basse. Collez la pièce à plat, ou laissez-la cacher ce qui est dessous.</translation>
    </message>
    <message>
        <source>A stamp was written with commas for decimal points by an older Havlo. It was mended.</source>
        <translation>Un tampon avait été écrit par un ancien Havlo avec des virgules décimales. Il est réparé.</translation>
    </message>
    <message>
        <source>A step of your own</source>
        <translation>Une étape à vous</translation>
    </message>
    <message>
        <source>A strip</source>
        <translation>Une bande</translation>
    </message>
    <message>
        <source>A strip of tape does for a straight edge.</source>
        <translation>Une bande de ruban suffit pour un bord droit.</translation>
    </message>
    <message>
        <source>A strip under</source>
        <translation>Une bande dessous</translation>
    </message>
    <message>
        <source>A strip under %1</source>
        <translation>Une bande sous %1</translation>
    </message>
    <message>
        <source>A sun of paper</source>
        <translation>Un soleil de papier</translation>
    </message>
    <message>
        <source>A sun or moon, without ink</source>
        <translation>Un soleil ou une lune, sans encre</translation>
    </message>
    <message>
        <source>A tool fades out where no mask, edge or frame lies. Bound it by one, or let it end softly.</source>
        <translation>Un outil s'éteint là où ne se trouve ni masque, ni bord, ni cadre. Bornez-le par l'un d'eux, ou laissez-le finir doucement.</translation>
    </message>
    <message>
        <source>A tool fades out. A sharp line across the card wants tape or an edge laid there; or let it fade.</source>
        <translation>Un outil s'éteint. Une ligne nette en travers de la carte veut du ruban ou un bord posé là ; ou laissez-la s'éteindre.</translation>
    </message>
    <message>
        <source>A white gap</source>
        <translation>Un vide blanc</translation>
    </message>
    <message>
        <source>A whole drawer lies ready: a hare, a kite, poplars, a boat. Put them on a card and see what comes of it.</source>
        <translation>Tout un tiroir est prêt : un lièvre, un cerf-volant, des peupliers, un bateau. Mettez-les sur une carte et voyez ce qu'il en vient.</translation>
    </message>
    <message>
        <source>A whole folder of scans…</source>
        <translation>Tout un dossier de numérisations…</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>About %1 of %2 papers may leave a join that shows</source>
        <translation>Environ %1 papiers sur %2 laisseront peut-être un raccord visible</translation>
    </message>
    <message>
        <source>About %1 of line ends to join by pen.</source>
        <translation>Environ %1 de bouts de ligne à raccorder au stylo.</translation>
    </message>
    <message>
        <source>About %1 of work by hand.</source>
        <translation>Environ %1 de travail à la main.</translation>
    </message>
    <message>
        <source>About Havlo</source>
        <translation>À propos de Havlo</translation>
    </message>
    <message>
        <source>Above the horizon there is no ground to stand on.</source>
        <translation>Au-dessus de l'horizon il n'y a pas de sol où se tenir.</translation>
    </message>
    <message>
        <source>Acts that are meant</source>
        <translation>Actions visées</translation>
    </message>
    <message>
        <source>Add %1</source>
        <translation>Ajouter %1</translation>
    </message>
    <message>
        <source>Add a bend</source>
        <translation>Ajouter une courbe</translation>
    </message>
    <message>
        <source>Add a mat</source>
        <translation>Ajouter un passe-partout</translation>
    </message>
    <message>
        <source>Add a paper</source>
        <translation>Ajouter un papier</translation>
    </message>
    <message>
        <source>Add a part</source>
        <translation>Ajouter une partie</translation>
    </message>
    <message>
        <source>Add a piece</source>
        <translation>Ajouter une pièce</translation>
    </message>
    <message>
        <source>Add a stamp</source>
        <translation>Ajouter un tampon</translation>
    </message>
    <message>
        <source>Add a variation</source>
        <translation>Ajouter une variante</translation>
    </message>
    <message>
        <source>Add a wash</source>
        <translation>Ajouter une estompe</translation>
    </message>
    <message>
        <source>Add an ink</source>
        <translation>Ajouter une encre</translation>
    </message>
    <message>
        <source>Add another mat</source>
        <translation>Encore un passe-partout</translation>
    </message>
    <message>
        <source>Add stamps</source>
        <translation>Ajouter des tampons</translation>
    </message>
    <message>
        <source>Add stamps from a &amp;scan</source>
        <translation>Ajouter des tampons d'un &amp;scan</translation>
    </message>
    <message>
        <source>Add stamps from a scan</source>
        <translation>Ajouter des tampons d'un scan</translation>
    </message>
    <message>
        <source>Add to the stock</source>
        <translation>Mettre au stock</translation>
    </message>
    <message>
        <source>Adds the stamps, inks and papers of a drawer that was packed into a file</source>
        <translation>Ajoute les tampons, encres et papiers d'un tiroir emballé dans un fichier</translation>
    </message>
    <message>
        <source>Adhesive</source>
        <translation>Colle</translation>
    </message>
    <message>
        <source>After</source>
        <translation>Après</translation>
    </message>
    <message>
        <source>Alcohol markers dissolve %1. Use an ink that holds under them.</source>
        <translation>Les feutres à alcool dissolvent %1. Prenez une encre qui tient dessous.</translation>
    </message>
    <message>
        <source>All %1 are in the drawer.</source>
        <translation>Les %1 sont dans le tiroir.</translation>
    </message>
    <message>
        <source>All %1 in one go</source>
        <translation>Les %1 en une fois</translation>
    </message>
    <message>
        <source>All %1 pieces come free.</source>
        <translation>Les %1 pièces se libèrent.</translation>
    </message>
    <message>
        <source>All %1 things agree.</source>
        <translation>Les %1 choses s'accordent.</translation>
    </message>
    <message>
        <source>All %1 things have their right size.</source>
        <translation>Les %1 choses ont leur bonne taille.</translation>
    </message>
    <message>
        <source>All &amp;measures as a table…</source>
        <translation>Toutes les &amp;mesures en tableau…</translation>
    </message>
    <message>
        <source>All as &amp;near as the nearest</source>
        <translation>Tous aussi p&amp;rès que le plus proche</translation>
    </message>
    <message>
        <source>All as far as the far&amp;thest</source>
        <translation>Tous aussi &amp;loin que le plus lointain</translation>
    </message>
    <message>
        <source>All files</source>
        <translation>Tous les fichiers</translation>
    </message>
    <message>
        <source>All of them, in the drawer</source>
        <translation>Tous, dans le tiroir</translation>
    </message>
    <message>
        <source>All pieces of the card, or of all cards, out of the sheets and offcuts in the drawer.</source>
        <translation>Toutes les pièces de la carte, ou de toutes les cartes, dans les feuilles et chutes du tiroir.</translation>
    </message>
    <message>
        <source>Allowance</source>
        <translation>Marge de travail</translation>
    </message>
    <message>
        <source>An empty card</source>
        <translation>Une carte vide</translation>
    </message>
    <message>
        <source>An envelope</source>
        <translation>Une enveloppe</translation>
    </message>
    <message>
        <source>And by</source>
        <translation>Et par</translation>
    </message>
    <message>
        <source>Another base</source>
        <translation>Une autre carte double</translation>
    </message>
    <message>
        <source>Another colour</source>
        <translation>Autre couleur</translation>
    </message>
    <message>
        <source>Another crowd of the same stamps: who stands where is drawn by lot</source>
        <translation>Une autre foule des mêmes tampons : qui se tient où est tiré au sort</translation>
    </message>
    <message>
        <source>Another floor</source>
        <translation>Un autre sol</translation>
    </message>
    <message>
        <source>Another height</source>
        <translation>Autre hauteur</translation>
    </message>
    <message>
        <source>Another part of %1</source>
        <translation>Une autre partie de %1</translation>
    </message>
    <message>
        <source>Another program is using the drawer: you can look and take, but nothing can be changed in it now.</source>
        <translation>Un autre programme utilise le tiroir : vous pouvez regarder et prendre, mais rien n'y peut être changé maintenant.</translation>
    </message>
    <message>
        <source>Another school for %1</source>
        <translation>Une autre façon pour %1</translation>
    </message>
    <message>
        <source>Another stamp on some cards</source>
        <translation>Un autre tampon sur certaines cartes</translation>
    </message>
    <message>
        <source>Another thing on them too</source>
        <translation>Encore une chose dessus</translation>
    </message>
    <message>
        <source>Another width</source>
        <translation>Autre largeur</translation>
    </message>
    <message>
        <source>Are sizes and rows by eye, as in a storybook?</source>
        <translation>Tailles et rangs sont-ils à l'œil, comme dans un livre d'images ?</translation>
    </message>
    <message>
        <source>Arrow keys go from part to part, Return cuts a part or leaves it off.</source>
        <translation>Les flèches vont de partie en partie, Entrée coupe une partie ou la laisse.</translation>
    </message>
    <message>
        <source>As a line of work it spares %1.</source>
        <translation>En chaîne cela épargne %1.</translation>
    </message>
    <message>
        <source>As advised</source>
        <translation>Comme conseillé</translation>
    </message>
    <message>
        <source>As far</source>
        <translation>Aussi loin</translation>
    </message>
    <message>
        <source>As is usual for it</source>
        <translation>Comme il est d'usage</translation>
    </message>
    <message>
        <source>As it came out</source>
        <translation>Comme c'est venu</translation>
    </message>
    <message>
        <source>As it came out: no picture yet</source>
        <translation>Comme c'est venu : pas encore d'image</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Tel quel</translation>
    </message>
    <message>
        <source>As it was found</source>
        <translation>Comme trouvé</translation>
    </message>
    <message>
        <source>As it was planned</source>
        <translation>Comme c'était prévu</translation>
    </message>
    <message>
        <source>As it would be</source>
        <translation>Comme ce serait</translation>
    </message>
    <message>
        <source>As near</source>
        <translation>Aussi près</translation>
    </message>
    <message>
        <source>As planned</source>
        <translation>Comme prévu</translation>
    </message>
    <message>
        <source>As stamped</source>
        <translation>Comme tamponné</translation>
    </message>
    <message>
        <source>Ask for three or more, tick Paler with distance, and put the row on the card.</source>
        <translation>Demandez-en trois ou plus, cochez Plus pâle avec la distance, et mettez le rang sur la carte.</translation>
    </message>
    <message>
        <source>Ask me again</source>
        <translation>Redemandez-moi</translation>
    </message>
    <message>
        <source>At %1 away it reads as %2 tall; it should be %3. %4</source>
        <translation>À %1 il paraît haut de %2 ; il devrait être de %3. %4</translation>
    </message>
    <message>
        <source>At home</source>
        <translation>À la maison</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Au plus</translation>
    </message>
    <message>
        <source>At most %1 lie and dry at a time.</source>
        <translation>Au plus %1 reposent et sèchent à la fois.</translation>
    </message>
    <message>
        <source>At the table</source>
        <translation>À la table</translation>
    </message>
    <message>
        <source>At the table one step is shown at a time. The space bar goes on, Back goes back, nothing is lost.</source>
        <translation>À la table on ne montre qu’une étape à la fois. La barre d’espace avance, Retour revient, rien ne se perd.</translation>
    </message>
    <message>
        <source>At the table:</source>
        <translation>À la table :</translation>
    </message>
    <message>
        <source>Attach %1</source>
        <translation>Fixer %1</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Retour</translation>
    </message>
    <message>
        <source>Back to the card</source>
        <translation>Retour à la carte</translation>
    </message>
    <message>
        <source>Back to the drawer</source>
        <translation>Retour au tiroir</translation>
    </message>
    <message>
        <source>Back to the table</source>
        <translation>Retour à la table</translation>
    </message>
    <message>
        <source>Background</source>
        <translation>Fond</translation>
    </message>
    <message>
        <source>Background, middle and front from your drawer, where every size fits one viewpoint; coloured and lit.</source>
        <translation>Fond, milieu et avant de votre tiroir, où chaque taille va à un seul point de vue ; colorés et éclairés.</translation>
    </message>
    <message>
        <source>Background: %1</source>
        <translation>Fond : %1</translation>
    </message>
    <message>
        <source>Balance</source>
        <translation>Équilibre</translation>
    </message>
    <message>
        <source>Base shows</source>
        <translation>Carte double visible</translation>
    </message>
    <message>
        <source>Base shows %1</source>
        <translation>Carte double visible de %1</translation>
    </message>
    <message>
        <source>Base, folded</source>
        <translation>Carte double, pliée</translation>
    </message>
    <message>
        <source>Because</source>
        <translation>Parce que</translation>
    </message>
    <message>
        <source>Before</source>
        <translation>Avant</translation>
    </message>
    <message>
        <source>Before and after</source>
        <translation>Avant, après</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Début</translation>
    </message>
    <message>
        <source>Begin %1 at %2</source>
        <translation>Commencer %1 à %2</translation>
    </message>
    <message>
        <source>Begin a &amp;new card</source>
        <translation>Commencer une &amp;nouvelle carte</translation>
    </message>
    <message>
        <source>Begin a card</source>
        <translation>Commencer une carte</translation>
    </message>
    <message>
        <source>Begin a new card</source>
        <translation>Nouvelle carte</translation>
    </message>
    <message>
        <source>Begin this card</source>
        <translation>Commencer cette carte</translation>
    </message>
    <message>
        <source>Begins at</source>
        <translation>Commence à</translation>
    </message>
    <message>
        <source>Begun earlier</source>
        <translation>Commencé plus tôt</translation>
    </message>
    <message>
        <source>Behind</source>
        <translation>Derrière</translation>
    </message>
    <message>
        <source>Being pressed</source>
        <translation>En cours d'impression</translation>
    </message>
    <message>
        <source>Being simulated</source>
        <translation>En cours de simulation</translation>
    </message>
    <message>
        <source>Belongs to</source>
        <translation>Appartient à</translation>
    </message>
    <message>
        <source>Bend %1</source>
        <translation>Courber %1</translation>
    </message>
    <message>
        <source>Black</source>
        <translation>Noir</translation>
    </message>
    <message>
        <source>Blades cut: keep fingers clear of them, and follow the machine's own directions.</source>
        <translation>Les lames coupent : gardez-en les doigts loin, et suivez la notice de la machine.</translation>
    </message>
    <message>
        <source>Blend %1</source>
        <translation>Estomper %1</translation>
    </message>
    <message>
        <source>Blend %1 %2</source>
        <translation>Estomper %1 %2</translation>
    </message>
    <message>
        <source>Blend %1 at %2 %</source>
        <translation>Estomper %1 à %2 %</translation>
    </message>
    <message>
        <source>Blend %1 in %2</source>
        <translation>Estomper %1 en %2</translation>
    </message>
    <message>
        <source>Blend over fine parts</source>
        <translation>Estompe sur les parties fines</translation>
    </message>
    <message>
        <source>Blended in this order.</source>
        <translation>Estompés dans cet ordre.</translation>
    </message>
    <message>
        <source>Blended next: %1. Which of these must lie covered?</source>
        <translation>Ensuite estompé : %1. Lesquels doivent être couverts ?</translation>
    </message>
    <message>
        <source>Border</source>
        <translation>Bord</translation>
    </message>
    <message>
        <source>Border of %1</source>
        <translation>Bord de %1</translation>
    </message>
    <message>
        <source>Both can be changed later, under Card.</source>
        <translation>Les deux se changent plus tard, sous Carte.</translation>
    </message>
    <message>
        <source>Both plans are read …</source>
        <translation>Les deux plans sont lus…</translation>
    </message>
    <message>
        <source>Bottom</source>
        <translation>Bas</translation>
    </message>
    <message>
        <source>Bought, or cut from film; it is washed at once and used again.</source>
        <translation>Acheté, ou coupé dans du film ; il est lavé aussitôt et resservi.</translation>
    </message>
    <message>
        <source>Bound %1 by %2</source>
        <translation>Borner %1 par %2</translation>
    </message>
    <message>
        <source>Bound %1 by a new %2</source>
        <translation>Borner %1 par un nouveau %2</translation>
    </message>
    <message>
        <source>Bound %1 by more</source>
        <translation>Borner %1 par d'autres</translation>
    </message>
    <message>
        <source>Bounded by</source>
        <translation>Borné par</translation>
    </message>
    <message>
        <source>Breathe on the rubber</source>
        <translation>Soufflez sur le caoutchouc</translation>
    </message>
    <message>
        <source>Bring %1 up to date</source>
        <translation>Mettre %1 à jour</translation>
    </message>
    <message>
        <source>Bring its end %1</source>
        <translation>Amener sa fin %1</translation>
    </message>
    <message>
        <source>Bring the open plan up to date</source>
        <translation>Mettre le plan ouvert à jour</translation>
    </message>
    <message>
        <source>By %1.</source>
        <translation>Par %1.</translation>
    </message>
    <message>
        <source>By number</source>
        <translation>Par son numéro</translation>
    </message>
    <message>
        <source>Calibration square</source>
        <translation>Carré d'étalonnage</translation>
    </message>
    <message>
        <source>Call it %1</source>
        <translation>L'appeler %1</translation>
    </message>
    <message>
        <source>Call it so</source>
        <translation>L'appeler ainsi</translation>
    </message>
    <message>
        <source>Card</source>
        <translation>Carte</translation>
    </message>
    <message>
        <source>Card %1</source>
        <translation>Carte %1</translation>
    </message>
    <message>
        <source>Card face</source>
        <translation>Face de la carte</translation>
    </message>
    <message>
        <source>Card lying</source>
        <translation>Carte couchée</translation>
    </message>
    <message>
        <source>Card of %1</source>
        <translation>Carte de %1</translation>
    </message>
    <message>
        <source>Card upright</source>
        <translation>Carte debout</translation>
    </message>
    <message>
        <source>Card, folded</source>
        <translation>Carte, pliée</translation>
    </message>
    <message>
        <source>Cards</source>
        <translation>Cartes</translation>
    </message>
    <message>
        <source>Cards of a variation</source>
        <translation>Cartes d'une variante</translation>
    </message>
    <message>
        <source>Cards of this variation</source>
        <translation>Cartes de cette variante</translation>
    </message>
    <message>
        <source>Cards to be made: %1 instead of %2.</source>
        <translation>Cartes à faire : %1 au lieu de %2.</translation>
    </message>
    <message>
        <source>Cards you made</source>
        <translation>Cartes que vous avez faites</translation>
    </message>
    <message>
        <source>Cards, newest first</source>
        <translation>Cartes, les plus récentes d'abord</translation>
    </message>
    <message>
        <source>Ceiling</source>
        <translation>Plafond</translation>
    </message>
    <message>
        <source>Centre every layer</source>
        <translation>Centrer chaque couche</translation>
    </message>
    <message>
        <source>Centre everything again</source>
        <translation>Tout recentrer</translation>
    </message>
    <message>
        <source>Change</source>
        <translation>Modifier</translation>
    </message>
    <message>
        <source>Change a variation</source>
        <translation>Modifier une variante</translation>
    </message>
    <message>
        <source>Change the letters</source>
        <translation>Modifier les lettres</translation>
    </message>
    <message>
        <source>Chapters</source>
        <translation>Chapitres</translation>
    </message>
    <message>
        <source>Choose &amp;all</source>
        <translation>Tout &amp;choisir</translation>
    </message>
    <message>
        <source>Choose a hero in the scene; then this tells what competes with it.</source>
        <translation>Choisissez un héros dans la scène ; ceci dira alors ce qui rivalise avec lui.</translation>
    </message>
    <message>
        <source>Choose a picture…</source>
        <translation>Choisir une image…</translation>
    </message>
    <message>
        <source>Choose a stamp</source>
        <translation>Choisir un tampon</translation>
    </message>
    <message>
        <source>Choose all of its &amp;kind</source>
        <translation>Choisir tous ceux de son &amp;genre</translation>
    </message>
    <message>
        <source>Choose it</source>
        <translation>Le choisir</translation>
    </message>
    <message>
        <source>Choose on the right what goes wrong.</source>
        <translation>Choisissez à droite ce qui tourne mal.</translation>
    </message>
    <message>
        <source>Choose one thing by a click on the card, and make it the hero.</source>
        <translation>Choisissez une chose d’un clic sur la carte, et faites-en le héros.</translation>
    </message>
    <message>
        <source>Choose one, then drag it on the card.</source>
        <translation>Choisissez-en un, puis tirez-le sur la carte.</translation>
    </message>
    <message>
        <source>Choose the stamps, eight or more of them, and put the crowd on the card.</source>
        <translation>Choisissez les tampons, huit ou plus, et mettez la foule sur la carte.</translation>
    </message>
    <message>
        <source>Clear</source>
        <translation>Clair</translation>
    </message>
    <message>
        <source>Clear air: distance does not pale.</source>
        <translation>Air clair : la distance ne pâlit pas.</translation>
    </message>
    <message>
        <source>Clear. %1</source>
        <translation>Clair. %1</translation>
    </message>
    <message>
        <source>Click a part of anything on the card; keep the button down to sweep over several.</source>
        <translation>Cliquez une partie de n'importe quoi sur la carte ; gardez le bouton pressé pour en balayer plusieurs.</translation>
    </message>
    <message>
        <source>Click a thing on the card or on the walk to work on it.</source>
        <translation>Cliquez une chose sur la carte ou sur la promenade pour y travailler.</translation>
    </message>
    <message>
        <source>Click beside all things, then drag Mist until the far trees stand in it.</source>
        <translation>Cliquez à côté de toutes les choses, puis tirez Brume jusqu’à ce que les arbres lointains y soient.</translation>
    </message>
    <message>
        <source>Click inside it to make a hole or to fill one. Drag the foot to where it stands.</source>
        <translation>Cliquez dedans pour faire un trou ou le remplir. Tirez le pied là où il se tient.</translation>
    </message>
    <message>
        <source>Click one: it goes on the card where its size is right.</source>
        <translation>Cliquez-en un : il vient là où sa taille est juste.</translation>
    </message>
    <message>
        <source>Click the hare on the card and make it the hero.</source>
        <translation>Cliquez le lièvre sur la carte et faites-en le héros.</translation>
    </message>
    <message>
        <source>Click the poplar on the card and press Make a row.</source>
        <translation>Cliquez le peuplier sur la carte et pressez Faire un rang.</translation>
    </message>
    <message>
        <source>Close gaps</source>
        <translation>Fermer les vides</translation>
    </message>
    <message>
        <source>Close it</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>Close its outline</source>
        <translation>Fermer le contour</translation>
    </message>
    <message>
        <source>Close the outline</source>
        <translation>Fermer le contour</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Couleur</translation>
    </message>
    <message>
        <source>Colour %1</source>
        <translation>Colorer %1</translation>
    </message>
    <message>
        <source>Colour %1 by itself</source>
        <translation>Colorer %1 à part</translation>
    </message>
    <message>
        <source>Colour %1 like %2</source>
        <translation>Colorer %1 comme %2</translation>
    </message>
    <message>
        <source>Colour draws the eye: what is left white falls back, unless all else is grey. Colour it, or leave it bare on purpose.</source>
        <translation>La couleur attire l'œil : ce qui reste blanc recule, à moins que tout le reste soit gris. Colorez-le, ou laissez-le nu exprès.</translation>
    </message>
    <message>
        <source>Colour it paler</source>
        <translation>Le colorer plus pâle</translation>
    </message>
    <message>
        <source>Colour no. %1</source>
        <translation>Couleur nº %1</translation>
    </message>
    <message>
        <source>Colour of %1</source>
        <translation>Couleur : %1</translation>
    </message>
    <message>
        <source>Colour of a mat</source>
        <translation>Couleur d'un passe-partout</translation>
    </message>
    <message>
        <source>Colour of a piece</source>
        <translation>Couleur d'une pièce</translation>
    </message>
    <message>
        <source>Colour of mat %1: %2</source>
        <translation>Couleur du passe-partout %1 : %2</translation>
    </message>
    <message>
        <source>Colour parts by hand</source>
        <translation>Colorier des parties à la main</translation>
    </message>
    <message>
        <source>Colour taken out again</source>
        <translation>Couleur ôtée de nouveau</translation>
    </message>
    <message>
        <source>Colour the card</source>
        <translation>Colorer la carte</translation>
    </message>
    <message>
        <source>Colour: %1</source>
        <translation>Couleur : %1</translation>
    </message>
    <message>
        <source>Coloured by itself</source>
        <translation>Coloré à part</translation>
    </message>
    <message>
        <source>Coloured like</source>
        <translation>Coloré comme</translation>
    </message>
    <message>
        <source>Colouring…</source>
        <translation>Colorer…</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Couleurs</translation>
    </message>
    <message>
        <source>Colours beside each other</source>
        <translation>Couleurs côte à côte</translation>
    </message>
    <message>
        <source>Colours paler with distance</source>
        <translation>Couleurs plus pâles avec la distance</translation>
    </message>
    <message>
        <source>Colours that are suggested</source>
        <translation>Couleurs proposées</translation>
    </message>
    <message>
        <source>Comes from</source>
        <translation>Vient de</translation>
    </message>
    <message>
        <source>Comparing the schools</source>
        <translation>Comparaison des façons</translation>
    </message>
    <message>
        <source>Contrast of its ink on the ground that is really there, where it is worst. Letters of this size want %1 : 1 (WCAG 2).</source>
        <translation>Contraste de son encre sur le fond qui est vraiment là, au pire endroit. Des lettres de cette taille veulent %1 : 1 (WCAG 2).</translation>
    </message>
    <message>
        <source>Costs about %1</source>
        <translation>Coûte environ %1</translation>
    </message>
    <message>
        <source>Cover %1</source>
        <translation>Couvrir %1</translation>
    </message>
    <message>
        <source>Cover %1 with %2</source>
        <translation>Couvrir %1 avec %2</translation>
    </message>
    <message>
        <source>Cover all round the spot with scrap tape and do it once more there, lightly.</source>
        <translation>Couvrez tout autour de l'endroit avec des restes de ruban et recommencez là, légèrement.</translation>
    </message>
    <message>
        <source>Cover that part with it</source>
        <translation>Couvrir cette partie avec</translation>
    </message>
    <message>
        <source>Cover what of %1 ran into %2 with white pen or its colour.</source>
        <translation>Couvrez ce qui de %1 est entré dans %2 au stylo blanc ou de sa couleur.</translation>
    </message>
    <message>
        <source>Covered</source>
        <translation>Couvert</translation>
    </message>
    <message>
        <source>Covered while you %1:</source>
        <translation>Couvert pendant que vous %1 :</translation>
    </message>
    <message>
        <source>Covers</source>
        <translation>Couvre</translation>
    </message>
    <message>
        <source>Cu&amp;t</source>
        <translation>Co&amp;uper</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Couper</translation>
    </message>
    <message>
        <source>Cut %1</source>
        <translation>Couper %1</translation>
    </message>
    <message>
        <source>Cut %1 masks</source>
        <translation>Couper %1 masques</translation>
    </message>
    <message>
        <source>Cut %1 of the %2</source>
        <translation>Couper %1 des %2</translation>
    </message>
    <message>
        <source>Cut %1 through a sheet</source>
        <translation>Découper %1 dans une feuille</translation>
    </message>
    <message>
        <source>Cut 1 mask</source>
        <translation>Couper 1 masque</translation>
    </message>
    <message>
        <source>Cut a part of %1</source>
        <translation>Couper une partie de %1</translation>
    </message>
    <message>
        <source>Cut away from your fingers; keep blades away from children.</source>
        <translation>Coupez loin de vos doigts ; gardez les lames loin des enfants.</translation>
    </message>
    <message>
        <source>Cut away from your fingers; keep blades away from children. Page %1 of %2.</source>
        <translation>Coupez loin de vos doigts ; gardez les lames loin des enfants. Page %1 sur %2.</translation>
    </message>
    <message>
        <source>Cut files</source>
        <translation>Fichiers de découpe</translation>
    </message>
    <message>
        <source>Cut fine parts</source>
        <translation>Couper les parties fines</translation>
    </message>
    <message>
        <source>Cut it all the same</source>
        <translation>Le couper quand même</translation>
    </message>
    <message>
        <source>Cut it flush</source>
        <translation>Couper à ras</translation>
    </message>
    <message>
        <source>Cut it otherwise</source>
        <translation>Couper autrement</translation>
    </message>
    <message>
        <source>Cut list</source>
        <translation>Liste de coupe</translation>
    </message>
    <message>
        <source>Cut list for %1</source>
        <translation>Liste de coupe pour %1</translation>
    </message>
    <message>
        <source>Cut masks %1 mm inside</source>
        <translation>Couper les masques à %1 mm à l'intérieur</translation>
    </message>
    <message>
        <source>Cut once; turned round it serves the other side. It is on the mask sheet.</source>
        <translation>Coupé une fois ; retourné, il sert l'autre côté. Il est sur la feuille des masques.</translation>
    </message>
    <message>
        <source>Cut once; what comes out covers the inside. It is on the mask sheet.</source>
        <translation>Coupé une fois ; ce qui en sort couvre l'intérieur. C'est sur la feuille des masques.</translation>
    </message>
    <message>
        <source>Cut one of my own</source>
        <translation>En couper un à moi</translation>
    </message>
    <message>
        <source>Cut out %1</source>
        <translation>Découper %1</translation>
    </message>
    <message>
        <source>Cut out, on foam</source>
        <translation>Découpé, sur mousse</translation>
    </message>
    <message>
        <source>Cut the base %1 and score it %2 from the bottom.</source>
        <translation>Coupez la carte double %1 et rainez-la à %2 du bas.</translation>
    </message>
    <message>
        <source>Cut the base %1 and score it %2 from the left.</source>
        <translation>Coupez la carte double %1 et rainez-la à %2 de la gauche.</translation>
    </message>
    <message>
        <source>Cut the base %1; it is not folded.</source>
        <translation>Coupez la carte %1 ; elle n'est pas pliée.</translation>
    </message>
    <message>
        <source>Cut the mask, then cover %1</source>
        <translation>Couper le masque, puis couvrir %1</translation>
    </message>
    <message>
        <source>Cut the masks, then cover %1</source>
        <translation>Couper les masques, puis couvrir %1</translation>
    </message>
    <message>
        <source>Cut the papers from sheets</source>
        <translation>Couper les papiers dans les feuilles</translation>
    </message>
    <message>
        <source>Cut through a sheet</source>
        <translation>Découper dans une feuille</translation>
    </message>
    <message>
        <source>Cut to what shows</source>
        <translation>Coupé à ce qui se voit</translation>
    </message>
    <message>
        <source>Cutting</source>
        <translation>Coupe</translation>
    </message>
    <message>
        <source>Darker to lighter</source>
        <translation>De foncé à clair</translation>
    </message>
    <message>
        <source>Dashed: construction, rub it out.</source>
        <translation>Tirets : construction, à gommer.</translation>
    </message>
    <message>
        <source>Deep</source>
        <translation>Profond</translation>
    </message>
    <message>
        <source>Demo: a misty &amp;fen</source>
        <translation>Démo : un &amp;marais brumeux</translation>
    </message>
    <message>
        <source>Demo: a potting &amp;shed</source>
        <translation>Démo : un &amp;abri de jardin</translation>
    </message>
    <message>
        <source>Demo: the towpath as a &amp;finished card</source>
        <translation>Démo : le chemin de halage en carte &amp;finie</translation>
    </message>
    <message>
        <source>Depth needs near and far. What is far stands higher on the card, nearer to the horizon.</source>
        <translation>La profondeur demande du proche et du lointain. Ce qui est loin est plus haut sur la carte, plus près de l’horizon.</translation>
    </message>
    <message>
        <source>Details</source>
        <translation>Détails</translation>
    </message>
    <message>
        <source>Details by hand: lines, dots, highlights</source>
        <translation>Détails à la main : traits, points, rehauts</translation>
    </message>
    <message>
        <source>Die</source>
        <translation>Emporte-pièce</translation>
    </message>
    <message>
        <source>Direction</source>
        <translation>Direction</translation>
    </message>
    <message>
        <source>Do as advised</source>
        <translation>Faire comme conseillé</translation>
    </message>
    <message>
        <source>Do it</source>
        <translation>Le faire</translation>
    </message>
    <message>
        <source>Do it by %1</source>
        <translation>Le faire par %1</translation>
    </message>
    <message>
        <source>Do not breathe the dust in; wipe it away, do not blow.</source>
        <translation>N'inhalez pas la poussière ; essuyez-la, ne soufflez pas.</translation>
    </message>
    <message>
        <source>Do not suit it</source>
        <translation>N’y conviennent pas</translation>
    </message>
    <message>
        <source>Do they fit?</source>
        <translation>Vont-ils ?</translation>
    </message>
    <message>
        <source>Done  (space)</source>
        <translation>Fait  (espace)</translation>
    </message>
    <message>
        <source>Done with it</source>
        <translation>J'en ai fini</translation>
    </message>
    <message>
        <source>Dot</source>
        <translation>Point</translation>
    </message>
    <message>
        <source>Dotted: reflections.</source>
        <translation>Points : reflets.</translation>
    </message>
    <message>
        <source>Dotted: shadows and reflections.</source>
        <translation>Points : ombres et reflets.</translation>
    </message>
    <message>
        <source>Dotted: shadows.</source>
        <translation>Points : ombres.</translation>
    </message>
    <message>
        <source>Drag a mat's or the base's rim to say how much of it shows; with Shift what lies on it goes off-centre.</source>
        <translation>Tirez le bord d'un passe-partout ou de la carte double pour dire combien s'en voit ; avec Maj ce qui est dessus se décentre.</translation>
    </message>
    <message>
        <source>Drag its points on the card; the vanishing point catches the far end.</source>
        <translation>Tirez ses points sur la carte ; le point de fuite attrape le bout lointain.</translation>
    </message>
    <message>
        <source>Drag on the card. Near a guide, the horizon or another line's end it snaps.</source>
        <translation>Tirez sur la carte. Près d'un guide, de l'horizon ou du bout d'une ligne, cela s'accroche.</translation>
    </message>
    <message>
        <source>Drag the border of %1</source>
        <translation>Tirez le bord de %1</translation>
    </message>
    <message>
        <source>Drag the two rings: the first and the last of the row. On the horizon it has no end.</source>
        <translation>Tirez les deux anneaux : le premier et le dernier du rang. Sur l'horizon il n'a pas de fin.</translation>
    </message>
    <message>
        <source>Drag them into order, or use the buttons.</source>
        <translation>Tirez-les dans l'ordre, ou prenez les boutons.</translation>
    </message>
    <message>
        <source>Drag, nudge or turn one of them: all go along.</source>
        <translation>Tirez, poussez ou tournez l'un d'eux : tous suivent.</translation>
    </message>
    <message>
        <source>Draw</source>
        <translation>Dessiner</translation>
    </message>
    <message>
        <source>Draw a line</source>
        <translation>Dessiner une ligne</translation>
    </message>
    <message>
        <source>Draw a line along a ruler or anything whose length you know, then type its length</source>
        <translation>Tracez une ligne le long d'une règle ou de quelque chose dont vous savez la longueur, puis tapez-la</translation>
    </message>
    <message>
        <source>Draw by pen</source>
        <translation>Dessiner au stylo</translation>
    </message>
    <message>
        <source>Draw by pen at %1</source>
        <translation>Dessiner au stylo à %1</translation>
    </message>
    <message>
        <source>Draw lots again</source>
        <translation>Retirer au sort</translation>
    </message>
    <message>
        <source>Draw the missing line in with a fine pen.</source>
        <translation>Tracez la ligne manquante avec un stylo fin.</translation>
    </message>
    <message>
        <source>Drawer</source>
        <translation>Tiroir</translation>
    </message>
    <message>
        <source>Drawers</source>
        <translation>Tiroirs</translation>
    </message>
    <message>
        <source>Drawing at true size</source>
        <translation>Dessin en vraie grandeur</translation>
    </message>
    <message>
        <source>Drawing in layers</source>
        <translation>Dessin en calques</translation>
    </message>
    <message>
        <source>Dries</source>
        <translation>Sèche</translation>
    </message>
    <message>
        <source>Dries on card</source>
        <translation>Sèche sur carte</translation>
    </message>
    <message>
        <source>Dries on masks</source>
        <translation>Sèche sur masques</translation>
    </message>
    <message>
        <source>Drop it</source>
        <translation>Abandonner</translation>
    </message>
    <message>
        <source>Drop specks</source>
        <translation>Laisser les poussières</translation>
    </message>
    <message>
        <source>Dry in %1</source>
        <translation>Sec dans %1</translation>
    </message>
    <message>
        <source>Dry now</source>
        <translation>Sec maintenant</translation>
    </message>
    <message>
        <source>Drying rack</source>
        <translation>Séchoir</translation>
    </message>
    <message>
        <source>Dust the card with a powder bag</source>
        <translation>Poudrez la carte avec un sachet de talc</translation>
    </message>
    <message>
        <source>Each from the inks of the plan and the drawer. Parts left bare stay bare; everything else is coloured anew, and undo takes it back.</source>
        <translation>Chacune avec les encres du plan et du tiroir. Les parties laissées nues le restent ; tout le reste est recoloré, et annuler le reprend.</translation>
    </message>
    <message>
        <source>Each is pressed on simulated paper. Wrong is where the card would visibly differ from things cleanly in front of one another.</source>
        <translation>Chacune est imprimée sur du papier simulé. Faux est ce qui différerait visiblement de choses nettement l'une devant l'autre.</translation>
    </message>
    <message>
        <source>Each of a crowd stands where its size is right, and none is like its neighbour.</source>
        <translation>Dans une foule chacun se tient où sa taille est juste, et aucun n’est pareil à son voisin.</translation>
    </message>
    <message>
        <source>Each step is done on all cards before the next is set up; masks go from card to card.</source>
        <translation>Chaque étape est faite sur toutes les cartes avant qu'on installe la suivante ; les masques passent de carte en carte.</translation>
    </message>
    <message>
        <source>Each takes the size that fits its place. Pressed again without fresh ink a stamp prints paler.</source>
        <translation>Chacun prend la taille qui convient à sa place. Pressé encore sans encre fraîche, un tampon imprime plus pâle.</translation>
    </message>
    <message>
        <source>Each thing against what really lies around it. Below 10 it sinks in at a glance.</source>
        <translation>Chaque chose contre ce qui l'entoure vraiment. Sous 10 elle se perd au premier regard.</translation>
    </message>
    <message>
        <source>Each thing its own way</source>
        <translation>Chaque chose à sa façon</translation>
    </message>
    <message>
        <source>Each waits about %1 for stamps and pads.</source>
        <translation>Chacun attend environ %1 des tampons et des encreurs.</translation>
    </message>
    <message>
        <source>Each where its size is right, none like its neighbour.</source>
        <translation>Chacun là où sa taille est juste, aucun comme son voisin.</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Plus tôt</translation>
    </message>
    <message>
        <source>Edge on; heights %1 times as large as widths.</source>
        <translation>Vu de chant ; hauteurs %1 fois plus grandes que les largeurs.</translation>
    </message>
    <message>
        <source>Emboss %1</source>
        <translation>Embosser %1</translation>
    </message>
    <message>
        <source>Emboss it in %1</source>
        <translation>L'embosser en %1</translation>
    </message>
    <message>
        <source>Emboss it instead of masking</source>
        <translation>L'embosser au lieu de masquer</translation>
    </message>
    <message>
        <source>Embossing %1 waits until %2 is dry</source>
        <translation>L'embossage de %1 attend que %2 soit sec</translation>
    </message>
    <message>
        <source>Envelopes</source>
        <translation>Enveloppes</translation>
    </message>
    <message>
        <source>Even gaps</source>
        <translation>Écarts égaux</translation>
    </message>
    <message>
        <source>Even gaps between %1</source>
        <translation>Écarts égaux entre %1</translation>
    </message>
    <message>
        <source>Even gaps on the &amp;ground, in metres</source>
        <translation>Écarts égaux au &amp;sol, en mètres</translation>
    </message>
    <message>
        <source>Even gaps on the ground between %1</source>
        <translation>Écarts égaux au sol entre %1</translation>
    </message>
    <message>
        <source>Even metres</source>
        <translation>Mètres égaux</translation>
    </message>
    <message>
        <source>Evenings: %1 instead of %2.</source>
        <translation>Soirées : %1 au lieu de %2.</translation>
    </message>
    <message>
        <source>Evenly spaced things crowd together toward the horizon. Here the real gaps differ; the widest is %1 times the narrowest.</source>
        <translation>Des choses à écarts égaux se serrent vers l'horizon. Ici les vrais écarts diffèrent ; le plus large est %1 fois le plus étroit.</translation>
    </message>
    <message>
        <source>Every cut goes right across what is in hand; do them in their order.</source>
        <translation>Chaque coupe traverse ce que vous tenez ; faites-les dans leur ordre.</translation>
    </message>
    <message>
        <source>Every layer fits the next.</source>
        <translation>Chaque couche va à la suivante.</translation>
    </message>
    <message>
        <source>Every one stands at its right size.</source>
        <translation>Chacun se tient à sa bonne taille.</translation>
    </message>
    <message>
        <source>Every step is carried out on simulated paper and compared with what you planned.</source>
        <translation>Chaque étape est faite sur du papier simulé et comparée à votre plan.</translation>
    </message>
    <message>
        <source>Every step is stamped on simulated paper. What comes first is in front; what lies behind is stamped later, over masks.</source>
        <translation>Chaque étape est tamponnée sur un papier simulé. Ce qui vient d’abord est devant ; ce qui est derrière vient plus tard, par-dessus des masques.</translation>
    </message>
    <message>
        <source>Everybody makes one; stamps and pads go round.</source>
        <translation>Chacun en fait une ; tampons et encreurs circulent.</translation>
    </message>
    <message>
        <source>Everything by %1</source>
        <translation>Tout par %1</translation>
    </message>
    <message>
        <source>Everything in one open file: a zip with plain text and SVG pictures</source>
        <translation>Tout en un fichier ouvert : un zip de texte simple et d'images SVG</translation>
    </message>
    <message>
        <source>Everything is of one colour</source>
        <translation>Tout est d'une couleur</translation>
    </message>
    <message>
        <source>Everything stands at about the same distance, %1.</source>
        <translation>Tout se tient à peu près à la même distance, %1.</translation>
    </message>
    <message>
        <source>Exactly these: %1.</source>
        <translation>Exactement ceux-ci : %1.</translation>
    </message>
    <message>
        <source>Exercises</source>
        <translation>Exercices</translation>
    </message>
    <message>
        <source>Extra card on every side while you work, to be trimmed or die-cut away at the end</source>
        <translation>Carton en plus de chaque côté pendant le travail, à rogner ou à estamper à la fin</translation>
    </message>
    <message>
        <source>Eye at the middle</source>
        <translation>Œil au milieu</translation>
    </message>
    <message>
        <source>Eye height</source>
        <translation>Leur hauteur</translation>
    </message>
    <message>
        <source>Eye level</source>
        <translation>Niveau des yeux</translation>
    </message>
    <message>
        <source>Eye opposite the wall's middle</source>
        <translation>Œil face au milieu du mur</translation>
    </message>
    <message>
        <source>Eyes at %1 m</source>
        <translation>Yeux à %1 m</translation>
    </message>
    <message>
        <source>Eyes at %1: small things fill the card</source>
        <translation>Les yeux à %1 : les petites choses remplissent la carte</translation>
    </message>
    <message>
        <source>Eyes half closed</source>
        <translation>Yeux mi-clos</translation>
    </message>
    <message>
        <source>Facing</source>
        <translation>Regarde</translation>
    </message>
    <message>
        <source>Fades over</source>
        <translation>S'éteint sur</translation>
    </message>
    <message>
        <source>Fibres run</source>
        <translation>Sens des fibres</translation>
    </message>
    <message>
        <source>File</source>
        <translation>Fichier</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Fichiers</translation>
    </message>
    <message>
        <source>Fill it with the sample stamps</source>
        <translation>Le remplir des tampons d'exemple</translation>
    </message>
    <message>
        <source>Fill the bare spots of %1 with a pen of its ink.</source>
        <translation>Remplissez les endroits nus de %1 avec un stylo de son encre.</translation>
    </message>
    <message>
        <source>Fill the rest</source>
        <translation>Remplir le reste</translation>
    </message>
    <message>
        <source>Fill the rest of %1</source>
        <translation>Remplir le reste de %1</translation>
    </message>
    <message>
        <source>Filled part</source>
        <translation>Partie pleine</translation>
    </message>
    <message>
        <source>Find an act</source>
        <translation>Trouver une action</translation>
    </message>
    <message>
        <source>Find cards by what they show, for whom, occasion or month</source>
        <translation>Trouver des cartes par ce qu'elles montrent, pour qui, l'occasion ou le mois</translation>
    </message>
    <message>
        <source>Find horizon</source>
        <translation>Trouver l'horizon</translation>
    </message>
    <message>
        <source>Find in the handbook</source>
        <translation>Chercher dans le manuel</translation>
    </message>
    <message>
        <source>Find its place</source>
        <translation>Trouver sa place</translation>
    </message>
    <message>
        <source>Find the best order</source>
        <translation>Trouver le meilleur ordre</translation>
    </message>
    <message>
        <source>Find the horizon</source>
        <translation>Trouver l'horizon</translation>
    </message>
    <message>
        <source>Find: mask, horizon, pale …</source>
        <translation>Chercher : masque, horizon, pâle …</translation>
    </message>
    <message>
        <source>Finding the best order … begin now</source>
        <translation>Le meilleur ordre est cherché … commencez déjà</translation>
    </message>
    <message>
        <source>Finds the calibration square that Havlo prints, and straightens the picture by it</source>
        <translation>Trouve le carré d'étalonnage que Havlo imprime, et redresse l'image par lui</translation>
    </message>
    <message>
        <source>Finished: &amp;overprinting</source>
        <translation>Fini : &amp;surimpression</translation>
    </message>
    <message>
        <source>Finished: a &amp;crowd</source>
        <translation>Fini : une &amp;foule</translation>
    </message>
    <message>
        <source>Finished: a &amp;dull card to make clear</source>
        <translation>Fini : une carte &amp;terne à rendre claire</translation>
    </message>
    <message>
        <source>Finished: a card of &amp;papers</source>
        <translation>Fini : une carte de &amp;papiers</translation>
    </message>
    <message>
        <source>Finished: an &amp;avenue</source>
        <translation>Fini : une &amp;allée</translation>
    </message>
    <message>
        <source>First looks</source>
        <translation>Premiers regards</translation>
    </message>
    <message>
        <source>Fit it</source>
        <translation>L'ajuster</translation>
    </message>
    <message>
        <source>Fit it again</source>
        <translation>L'ajuster de nouveau</translation>
    </message>
    <message>
        <source>Fit it round the hero</source>
        <translation>L'ajuster autour du héros</translation>
    </message>
    <message>
        <source>Fit the opening</source>
        <translation>Ajuster l'ouverture</translation>
    </message>
    <message>
        <source>Floor</source>
        <translation>Sol</translation>
    </message>
    <message>
        <source>Foam</source>
        <translation>Mousse</translation>
    </message>
    <message>
        <source>Foam dots</source>
        <translation>Points de mousse</translation>
    </message>
    <message>
        <source>Foam under the whole panel</source>
        <translation>Mousse sous tout le panneau</translation>
    </message>
    <message>
        <source>Fold</source>
        <translation>Plier</translation>
    </message>
    <message>
        <source>Fold %1</source>
        <translation>Plier %1</translation>
    </message>
    <message>
        <source>Fold or unfold the wal&amp;k</source>
        <translation>Plier ou déplier la &amp;promenade</translation>
    </message>
    <message>
        <source>Fold the walk away: the card grows</source>
        <translation>Replier la promenade : la carte grandit</translation>
    </message>
    <message>
        <source>Foot</source>
        <translation>Pied</translation>
    </message>
    <message>
        <source>Foot of masks: %1</source>
        <translation>Pied des masques : %1</translation>
    </message>
    <message>
        <source>For a class of %1</source>
        <translation>Pour un atelier de %1</translation>
    </message>
    <message>
        <source>For a photo: click the corners of a sheet or card of known size, upper left first, then clockwise</source>
        <translation>Pour une photo : cliquez les coins d'une feuille ou carte de taille connue, en haut à gauche d'abord, puis dans le sens horaire</translation>
    </message>
    <message>
        <source>For each of %1: %2</source>
        <translation>Pour chacun des %1 : %2</translation>
    </message>
    <message>
        <source>For this word alone</source>
        <translation>Pour ce mot seul</translation>
    </message>
    <message>
        <source>For whom</source>
        <translation>Pour qui</translation>
    </message>
    <message>
        <source>For whom it is</source>
        <translation>Pour qui elle est</translation>
    </message>
    <message>
        <source>For whom it is, if you want to remember</source>
        <translation>Pour qui elle est, si vous voulez vous en souvenir</translation>
    </message>
    <message>
        <source>Forget the wish</source>
        <translation>Oublier le souhait</translation>
    </message>
    <message>
        <source>Forget them</source>
        <translation>Les oublier</translation>
    </message>
    <message>
        <source>Format of the cut file</source>
        <translation>Format du fichier de coupe</translation>
    </message>
    <message>
        <source>Four that belong together</source>
        <translation>Quatre qui vont ensemble</translation>
    </message>
    <message>
        <source>Free %1</source>
        <translation>Libérer %1</translation>
    </message>
    <message>
        <source>Free software under the GNU General Public License, version 3 or later. The type family Inter is under the SIL Open Font License.</source>
        <translation>Logiciel libre sous la GNU General Public License, version 3 ou ultérieure. La famille de caractères Inter est sous la SIL Open Font License.</translation>
    </message>
    <message>
        <source>Fresh %1</source>
        <translation>Frais %1</translation>
    </message>
    <message>
        <source>From %1 at %2 to %3 at %4.</source>
        <translation>De %1 à %2 jusqu'à %3 à %4.</translation>
    </message>
    <message>
        <source>From %1 cards. Plans are reckoned with this.</source>
        <translation>Sur %1 cartes. Les plans sont calculés avec.</translation>
    </message>
    <message>
        <source>From 1 card. Plans are reckoned with this.</source>
        <translation>Sur 1 carte. Les plans sont calculés avec.</translation>
    </message>
    <message>
        <source>From a test strip</source>
        <translation>D'une bande d'essai</translation>
    </message>
    <message>
        <source>From an angle</source>
        <translation>De biais</translation>
    </message>
    <message>
        <source>From near by</source>
        <translation>De près</translation>
    </message>
    <message>
        <source>From the back</source>
        <translation>De derrière</translation>
    </message>
    <message>
        <source>From the beginning</source>
        <translation>Depuis le début</translation>
    </message>
    <message>
        <source>From the drawer:</source>
        <translation>Du tiroir :</translation>
    </message>
    <message>
        <source>From the front</source>
        <translation>De devant</translation>
    </message>
    <message>
        <source>From the left</source>
        <translation>De gauche</translation>
    </message>
    <message>
        <source>From the next start on the window speaks %1.</source>
        <translation>Dès le prochain départ la fenêtre parle %1.</translation>
    </message>
    <message>
        <source>From the panel's left edge</source>
        <translation>Depuis le bord gauche du panneau</translation>
    </message>
    <message>
        <source>From the panel's lower edge</source>
        <translation>Depuis le bord inférieur du panneau</translation>
    </message>
    <message>
        <source>From the side</source>
        <translation>De côté</translation>
    </message>
    <message>
        <source>From this plan's inks and the drawer's: sky, ground, and a hero that stands off most from both.</source>
        <translation>Des encres de ce plan et du tiroir : ciel, sol, et un héros qui ressort le plus des deux.</translation>
    </message>
    <message>
        <source>Full: to ink.</source>
        <translation>Plein : à encrer.</translation>
    </message>
    <message>
        <source>Fullest at</source>
        <translation>Plus fort à</translation>
    </message>
    <message>
        <source>Give it company farther away: press Add a stamp and take the lock cottage or a poplar.</source>
        <translation>Donnez-lui de la compagnie plus loin : pressez Ajouter un tampon et prenez la maison d’écluse (Lock cottage) ou un peuplier (poplar).</translation>
    </message>
    <message>
        <source>Give the hero an ink that nothing else has.</source>
        <translation>Donnez au héros une encre que rien d’autre n’a.</translation>
    </message>
    <message>
        <source>Glue %1 inside</source>
        <translation>Coller %1 à l'intérieur</translation>
    </message>
    <message>
        <source>Glue %1 on</source>
        <translation>Coller %1</translation>
    </message>
    <message>
        <source>Glue %1 on %2</source>
        <translation>Coller %1 sur %2</translation>
    </message>
    <message>
        <source>Glue it elsewhere</source>
        <translation>Le coller ailleurs</translation>
    </message>
    <message>
        <source>Glued on</source>
        <translation>Collé</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Continuer</translation>
    </message>
    <message>
        <source>Go over %1 with a pen of its ink, or leave it paler: then it looks farther off.</source>
        <translation>Repassez sur %1 avec un stylo de son encre, ou laissez-le plus pâle : il paraît alors plus loin.</translation>
    </message>
    <message>
        <source>Go to Make and press Begin this card.</source>
        <translation>Allez à Faire et pressez Commencer cette carte.</translation>
    </message>
    <message>
        <source>Go to the drawer</source>
        <translation>Aller au tiroir</translation>
    </message>
    <message>
        <source>Greatest printed height</source>
        <translation>Plus grande hauteur imprimée</translation>
    </message>
    <message>
        <source>Greatest real height, metres</source>
        <translation>Plus grande hauteur réelle, mètres</translation>
    </message>
    <message>
        <source>Greatest thickness that your post takes</source>
        <translation>Plus grande épaisseur que prend votre poste</translation>
    </message>
    <message>
        <source>Greatest weight that your post takes</source>
        <translation>Plus grand poids que prend votre poste</translation>
    </message>
    <message>
        <source>Green is covered. Ochre stays uncovered, madder is covered too much. Click a dotted part to cut it or to leave it.</source>
        <translation>Le vert est couvert. L'ocre reste découvert, le garance est couvert de trop. Cliquez une partie pointillée pour la couper ou la laisser.</translation>
    </message>
    <message>
        <source>Greeting</source>
        <translation>Vœu</translation>
    </message>
    <message>
        <source>Greyer to stronger</source>
        <translation>De terne à vif</translation>
    </message>
    <message>
        <source>H&amp;ide it while I work</source>
        <translation>Le &amp;cacher pendant que je travaille</translation>
    </message>
    <message>
        <source>Handbook</source>
        <translation>Manuel</translation>
    </message>
    <message>
        <source>Hardly a join will show</source>
        <translation>À peine un raccord se verra</translation>
    </message>
    <message>
        <source>Hardly to be seen</source>
        <translation>À peine visible</translation>
    </message>
    <message>
        <source>Has no ground under it here. It is %1 tall.</source>
        <translation>N’a pas de sol sous lui ici. Sa hauteur : %1.</translation>
    </message>
    <message>
        <source>Have %1 ready</source>
        <translation>Tenez %1 prêt</translation>
    </message>
    <message>
        <source>Have a card proposed</source>
        <translation>Faire proposer une carte</translation>
    </message>
    <message>
        <source>Have ready

Stamps: %1.

Inks: %2.

And %3.</source>
        <translation>Tenez prêts

Tampons : %1.

Encres : %2.

Et %3.</translation>
    </message>
    <message>
        <source>Havlo plans</source>
        <translation>Plans Havlo</translation>
    </message>
    <message>
        <source>Havlo plans a scene from rubber stamps, shows what overlaps what, which masks to cut and in what order to stamp, and leads you through the work.</source>
        <translation>Havlo planifie une scène de tampons, montre ce qui couvre quoi, quels masques couper et dans quel ordre tamponner, et vous mène à travers le travail.</translation>
    </message>
    <message>
        <source>Heat tools burn and warp, powder should not be breathed in: follow the makers' labels.</source>
        <translation>Les outils chauffants brûlent et gondolent, la poudre ne doit pas s'inhaler : suivez les étiquettes des fabricants.</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Hauteur</translation>
    </message>
    <message>
        <source>Height of %1</source>
        <translation>Hauteur de %1</translation>
    </message>
    <message>
        <source>Height of a capital letter</source>
        <translation>Hauteur d'une capitale</translation>
    </message>
    <message>
        <source>Height of a sheet</source>
        <translation>Hauteur d'une feuille</translation>
    </message>
    <message>
        <source>Height of the foam</source>
        <translation>Hauteur de la mousse</translation>
    </message>
    <message>
        <source>Height of the folded base</source>
        <translation>Hauteur de la carte double pliée</translation>
    </message>
    <message>
        <source>Height of the masking sheet</source>
        <translation>Hauteur de la feuille à masquer</translation>
    </message>
    <message>
        <source>Height of the panel</source>
        <translation>Hauteur du panneau</translation>
    </message>
    <message>
        <source>Height of the piece</source>
        <translation>Hauteur de la pièce</translation>
    </message>
    <message>
        <source>Height of the sticky band</source>
        <translation>Hauteur de la bande collante</translation>
    </message>
    <message>
        <source>Height of the waves</source>
        <translation>Hauteur des ondes</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Aide</translation>
    </message>
    <message>
        <source>Hero first, %1</source>
        <translation>Héros d'abord, %1</translation>
    </message>
    <message>
        <source>Hero in %1, sky in %2, ground in %3. The hero stands out %4, the two grounds %5. Hero and sky: %6; sky and ground: %7.</source>
        <translation>Héros en %1, ciel en %2, sol en %3. Le héros se détache : %4, les deux fonds : %5. Héros et ciel : %6 ; ciel et sol : %7.</translation>
    </message>
    <message>
        <source>Hero in place %1, %2</source>
        <translation>Héros à la place %1, %2</translation>
    </message>
    <message>
        <source>Hide</source>
        <translation>Cacher</translation>
    </message>
    <message>
        <source>Hide its foot behind %1, %2 to the %3</source>
        <translation>Cacher son pied derrière %1, %2 vers %3</translation>
    </message>
    <message>
        <source>High</source>
        <translation>Haut</translation>
    </message>
    <message>
        <source>Higher feet, smaller things, paler prints and what is hidden by others lie farther away.</source>
        <translation>Pieds plus hauts, choses plus petites, empreintes plus pâles et ce qui est caché sont plus loin.</translation>
    </message>
    <message>
        <source>Hills, water, rows and what holds on to something stay or go along.</source>
        <translation>Collines, eau, rangs et ce qui tient à quelque chose restent ou suivent.</translation>
    </message>
    <message>
        <source>Hol&amp;d it in place, or let it go</source>
        <translation>&amp;Tenir en place, ou lâcher</translation>
    </message>
    <message>
        <source>Hold</source>
        <translation>Tenir</translation>
    </message>
    <message>
        <source>Hold a picture against it…</source>
        <translation>Tenir une image contre…</translation>
    </message>
    <message>
        <source>Hold the panel to the light and centre the frame</source>
        <translation>Tenez le panneau à la lumière et centrez le cadre</translation>
    </message>
    <message>
        <source>Holds a scan or photo of the card against the plan and says how everything sits.</source>
        <translation>Tient un scan ou une photo de la carte contre le plan et dit comment tout est placé.</translation>
    </message>
    <message>
        <source>Hole</source>
        <translation>Trou</translation>
    </message>
    <message>
        <source>Hole or no hole</source>
        <translation>Trou ou pas</translation>
    </message>
    <message>
        <source>Home</source>
        <translation>Chez soi</translation>
    </message>
    <message>
        <source>Horizon to %1</source>
        <translation>Horizon à %1</translation>
    </message>
    <message>
        <source>How dark counts as ink</source>
        <translation>À quel point sombre compte pour encre</translation>
    </message>
    <message>
        <source>How does it sit?</source>
        <translation>Comment est-il placé ?</translation>
    </message>
    <message>
        <source>How exactly masks are cut</source>
        <translation>Avec quelle précision les masques sont coupés</translation>
    </message>
    <message>
        <source>How exactly masks are laid</source>
        <translation>Avec quelle précision les masques sont posés</translation>
    </message>
    <message>
        <source>How exactly prints are placed</source>
        <translation>Avec quelle précision les empreintes sont placées</translation>
    </message>
    <message>
        <source>How far</source>
        <translation>Jusqu'où</translation>
    </message>
    <message>
        <source>How far %1 reaches</source>
        <translation>Jusqu'où va %1</translation>
    </message>
    <message>
        <source>How full an ink is</source>
        <translation>À quel point une encre est pleine</translation>
    </message>
    <message>
        <source>How long it dries</source>
        <translation>Combien de temps cela sèche</translation>
    </message>
    <message>
        <source>How long it takes</source>
        <translation>Combien de temps cela prend</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Combien</translation>
    </message>
    <message>
        <source>How many dots an inch the pictures were scanned with</source>
        <translation>Avec combien de points par pouce les images ont été numérisées</translation>
    </message>
    <message>
        <source>How much of mat %1 shows</source>
        <translation>Combien du passe-partout %1 se voit</translation>
    </message>
    <message>
        <source>How much of the base shows all round</source>
        <translation>Combien de la carte double se voit tout autour</translation>
    </message>
    <message>
        <source>How much, and where</source>
        <translation>Combien, et où</translation>
    </message>
    <message>
        <source>How often a mask can be laid</source>
        <translation>Combien de fois un masque peut être posé</translation>
    </message>
    <message>
        <source>How pale a print is</source>
        <translation>À quel point une empreinte est pâle</translation>
    </message>
    <message>
        <source>How straight masks are laid</source>
        <translation>À quel point les masques sont droits</translation>
    </message>
    <message>
        <source>How straight prints stand</source>
        <translation>À quel point les empreintes sont droites</translation>
    </message>
    <message>
        <source>How tall is it really?</source>
        <translation>Quelle est sa vraie hauteur ?</translation>
    </message>
    <message>
        <source>How tall it is really</source>
        <translation>Sa vraie hauteur</translation>
    </message>
    <message>
        <source>How tall really?</source>
        <translation>Vraie hauteur ?</translation>
    </message>
    <message>
        <source>How tall the thing is really</source>
        <translation>La vraie hauteur de la chose</translation>
    </message>
    <message>
        <source>How wide the whole drawing is</source>
        <translation>Largeur du dessin entier</translation>
    </message>
    <message>
        <source>I know</source>
        <translation>Je sais</translation>
    </message>
    <message>
        <source>I know: %1</source>
        <translation>Je sais : %1</translation>
    </message>
    <message>
        <source>I stamp with a hinged positioner</source>
        <translation>Je tamponne avec un positionneur à charnière</translation>
    </message>
    <message>
        <source>I work with the left hand</source>
        <translation>Je travaille de la main gauche</translation>
    </message>
    <message>
        <source>Ideas</source>
        <translation>Idées</translation>
    </message>
    <message>
        <source>If nothing else is said</source>
        <translation>Si rien d'autre n'est dit</translation>
    </message>
    <message>
        <source>Impression %1</source>
        <translation>Empreinte %1</translation>
    </message>
    <message>
        <source>In %1 ink came through the worn mask on %2, %3.</source>
        <translation>Dans %1 l'encre a traversé le masque usé sur %2, %3.</translation>
    </message>
    <message>
        <source>In &amp;front of what it meets</source>
        <translation>De&amp;vant ce qu'il touche</translation>
    </message>
    <message>
        <source>In a crowd of equals nothing is seen first. Somebody must be different.</source>
        <translation>Dans une foule d’égaux rien n’est vu d’abord. Quelqu’un doit être différent.</translation>
    </message>
    <message>
        <source>In air that lets you see %1, a thing %2 away keeps about %3 % of its contrast with the paper. Freshly inked it prints as the one on the left. Which print is it?</source>
        <translation>Dans un air qui laisse voir à %1, une chose à %2 garde environ %3 % de son contraste avec le papier. Fraîchement encrée elle imprime comme celle de gauche. Quelle empreinte est-ce ?</translation>
    </message>
    <message>
        <source>In front</source>
        <translation>Devant</translation>
    </message>
    <message>
        <source>In greys</source>
        <translation>En gris</translation>
    </message>
    <message>
        <source>In hand</source>
        <translation>En main</translation>
    </message>
    <message>
        <source>In how many rows</source>
        <translation>En combien de rangs</translation>
    </message>
    <message>
        <source>In it</source>
        <translation>Dedans</translation>
    </message>
    <message>
        <source>In one evening</source>
        <translation>En une soirée</translation>
    </message>
    <message>
        <source>In or out</source>
        <translation>Rentrer ou sortir</translation>
    </message>
    <message>
        <source>In this mist %1 of the ink is left at %2; darker things come forward.</source>
        <translation>Dans cette brume %1 de l'encre reste à %2 ; les choses plus sombres avancent.</translation>
    </message>
    <message>
        <source>In which order</source>
        <translation>Dans quel ordre</translation>
    </message>
    <message>
        <source>In your own words, if you like</source>
        <translation>Avec vos mots, si vous voulez</translation>
    </message>
    <message>
        <source>Ink</source>
        <translation>Encre</translation>
    </message>
    <message>
        <source>Ink %1</source>
        <translation>Encrer %1</translation>
    </message>
    <message>
        <source>Ink %1 for this plan</source>
        <translation>Encre %1 pour ce plan</translation>
    </message>
    <message>
        <source>Ink &amp; light</source>
        <translation>Encre &amp; lumière</translation>
    </message>
    <message>
        <source>Ink came through a worn mask</source>
        <translation>L'encre a traversé un masque usé</translation>
    </message>
    <message>
        <source>Ink of %1</source>
        <translation>Encre de %1</translation>
    </message>
    <message>
        <source>Ink of %1 lies on the embossing of %2 and was never wiped off.</source>
        <translation>De l'encre de %1 est sur l'embossage de %2 et n'a jamais été essuyée.</translation>
    </message>
    <message>
        <source>Ink or pen</source>
        <translation>Encre ou stylo</translation>
    </message>
    <message>
        <source>Ink pads</source>
        <translation>Encreurs</translation>
    </message>
    <message>
        <source>Ink the guides</source>
        <translation>Encrer les guides</translation>
    </message>
    <message>
        <source>Ink the pencilled lines</source>
        <translation>Encrer les lignes au crayon</translation>
    </message>
    <message>
        <source>Ink: %1</source>
        <translation>Encre : %1</translation>
    </message>
    <message>
        <source>Inks</source>
        <translation>Encres</translation>
    </message>
    <message>
        <source>Inks &amp;&amp; papers</source>
        <translation>Encres &amp;&amp; papiers</translation>
    </message>
    <message>
        <source>Inks and palettes</source>
        <translation>Encres et palettes</translation>
    </message>
    <message>
        <source>Inks are counted from now on. Call one low in the drawer when it is, and Havlo knows what it bears.</source>
        <translation>Les encres sont comptées dès maintenant. Dites-en une basse dans le tiroir quand elle l'est, et Havlo sait ce qu'elle porte.</translation>
    </message>
    <message>
        <source>Inks from a scan</source>
        <translation>Encres d'un scan</translation>
    </message>
    <message>
        <source>Inks from a scanned strip</source>
        <translation>Encres d'une bande scannée</translation>
    </message>
    <message>
        <source>Inks in the drawer</source>
        <translation>Encres du tiroir</translation>
    </message>
    <message>
        <source>Inks, %1 pads of each: %2</source>
        <translation>Encres, %1 encreurs de chaque : %2</translation>
    </message>
    <message>
        <source>Inks, one pad of each: %1</source>
        <translation>Encres, un encreur de chaque : %1</translation>
    </message>
    <message>
        <source>Instead of</source>
        <translation>Au lieu de</translation>
    </message>
    <message>
        <source>Into the drawer</source>
        <translation>Au tiroir</translation>
    </message>
    <message>
        <source>Into the drawer and onto the card</source>
        <translation>Au tiroir et sur la carte</translation>
    </message>
    <message>
        <source>Is this a crowd, or leaves in layers?</source>
        <translation>Est-ce une foule, ou des feuilles en couches ?</translation>
    </message>
    <message>
        <source>Is this a pattern all over the card?</source>
        <translation>Est-ce un motif sur toute la carte ?</translation>
    </message>
    <message>
        <source>It can only darken what is there. Dark paper wants covering ink or embossing.</source>
        <translation>Elle ne peut qu'assombrir ce qui est là. Un papier sombre veut une encre couvrante ou l'embossage.</translation>
    </message>
    <message>
        <source>It cannot be done with fewer covers than %1.</source>
        <translation>Cela ne peut se faire avec moins de caches que %1.</translation>
    </message>
    <message>
        <source>It comes to where its size is right: a stamp has one size, so its place says how far away it is.</source>
        <translation>Il vient là où sa taille est juste : un tampon n’a qu’une taille, sa place dit donc à quelle distance il est.</translation>
    </message>
    <message>
        <source>It fits nowhere with room round it. Take something away, or a smaller greeting.</source>
        <translation>Il ne va nulle part avec de la place autour. Enlevez quelque chose, ou prenez un vœu plus petit.</translation>
    </message>
    <message>
        <source>It fits the other size; nothing is left to mend.</source>
        <translation>Elle va à l'autre taille ; rien ne reste à réparer.</translation>
    </message>
    <message>
        <source>It flies</source>
        <translation>Il vole</translation>
    </message>
    <message>
        <source>It floats or wades</source>
        <translation>Il flotte ou patauge</translation>
    </message>
    <message>
        <source>It goes by</source>
        <translation>Elle se règle sur</translation>
    </message>
    <message>
        <source>It grows from something here</source>
        <translation>Ici il pousse de quelque chose</translation>
    </message>
    <message>
        <source>It has %1. One thing should be seen first.</source>
        <translation>Il a %1. Une chose doit se voir d'abord.</translation>
    </message>
    <message>
        <source>It is all in one ink: the hero has no colour of its own to be seen by.</source>
        <translation>Tout est d'une encre : le héros n'a pas de couleur à lui pour être vu.</translation>
    </message>
    <message>
        <source>It is blended without any strength.</source>
        <translation>Il est estompé sans aucune force.</translation>
    </message>
    <message>
        <source>It is carried over as well as it goes; %1 things are left to mend.</source>
        <translation>C'est reporté aussi bien que possible ; %1 choses restent à réparer.</translation>
    </message>
    <message>
        <source>It is carried over as well as it goes; one thing is left to mend.</source>
        <translation>C'est reporté aussi bien que possible ; une chose reste à réparer.</translation>
    </message>
    <message>
        <source>It is cut: offcuts into the drawer</source>
        <translation>C'est coupé : les chutes au tiroir</translation>
    </message>
    <message>
        <source>It is fine after all</source>
        <translation>C'est bien quand même</translation>
    </message>
    <message>
        <source>It is in the open plan.</source>
        <translation>Il est dans le plan ouvert.</translation>
    </message>
    <message>
        <source>It is left out</source>
        <translation>Il est laissé de côté</translation>
    </message>
    <message>
        <source>It is really</source>
        <translation>C'est vraiment</translation>
    </message>
    <message>
        <source>It is to be stamped across the rim of a piece; move it there, or stamp it on the panel like the others.</source>
        <translation>Il doit être tamponné en travers du bord d'une pièce ; amenez-le là, ou tamponnez-le sur le panneau comme les autres.</translation>
    </message>
    <message>
        <source>It landed beside its place</source>
        <translation>Il a atterri à côté</translation>
    </message>
    <message>
        <source>It lies behind %1; stamping it is work that nobody sees.</source>
        <translation>Il est derrière %1 ; le tamponner est un travail que personne ne voit.</translation>
    </message>
    <message>
        <source>It lies: stamp across it</source>
        <translation>Elle est couchée : tamponner en travers</translation>
    </message>
    <message>
        <source>It looks like %1 once more.</source>
        <translation>Il ressemble encore à %1.</translation>
    </message>
    <message>
        <source>It looks like %1, which is in the drawer.</source>
        <translation>Il ressemble à %1, qui est dans le tiroir.</translation>
    </message>
    <message>
        <source>It reaches nowhere.</source>
        <translation>Il n'atteint rien.</translation>
    </message>
    <message>
        <source>It rests on things here</source>
        <translation>Il repose ici sur des choses</translation>
    </message>
    <message>
        <source>It runs at the height of the eye, and cuts all things of one height at one share of them.</source>
        <translation>Il court à hauteur des yeux, et coupe toutes les choses d'une hauteur au même endroit.</translation>
    </message>
    <message>
        <source>It runs to the edge of the picture: part of it may be missing.</source>
        <translation>Il va jusqu'au bord de l'image : une partie manque peut-être.</translation>
    </message>
    <message>
        <source>It shows</source>
        <translation>Cela se voit</translation>
    </message>
    <message>
        <source>It shows clearly</source>
        <translation>Cela se voit nettement</translation>
    </message>
    <message>
        <source>It stands far behind %1 and is more colourful. With distance colours turn paler and greyer.</source>
        <translation>Il est loin derrière %1 et plus coloré. Avec la distance les couleurs pâlissent et grisent.</translation>
    </message>
    <message>
        <source>It stands in the run sheet and in Make where you want it, with its time.</source>
        <translation>Elle est dans la feuille de route et dans Faire où vous la voulez, avec son temps.</translation>
    </message>
    <message>
        <source>It stands on land</source>
        <translation>Il se tient sur terre</translation>
    </message>
    <message>
        <source>It takes the blend's colour and is not white any more.</source>
        <translation>Il prend la couleur de l'estompe et n'est plus blanc.</translation>
    </message>
    <message>
        <source>It took %1.</source>
        <translation>Il a fallu %1.</translation>
    </message>
    <message>
        <source>It took %1; about %2 were foreseen.</source>
        <translation>Il a fallu %1 ; environ %2 étaient prévus.</translation>
    </message>
    <message>
        <source>It was print %1.</source>
        <translation>C'était l'empreinte %1.</translation>
    </message>
    <message>
        <source>It went badly lately.</source>
        <translation>Cela a mal tourné dernièrement.</translation>
    </message>
    <message>
        <source>It went wrong</source>
        <translation>Cela a mal tourné</translation>
    </message>
    <message>
        <source>Its area lies off the panel.</source>
        <translation>Sa surface est hors du panneau.</translation>
    </message>
    <message>
        <source>Its corner</source>
        <translation>Son coin</translation>
    </message>
    <message>
        <source>Its foot</source>
        <translation>Son pied</translation>
    </message>
    <message>
        <source>Its foot belongs higher, nearer to the horizon.</source>
        <translation>Son pied va plus haut, plus près de l'horizon.</translation>
    </message>
    <message>
        <source>Its foot belongs lower, nearer to the viewer.</source>
        <translation>Son pied va plus bas, plus près du spectateur.</translation>
    </message>
    <message>
        <source>Its foot is not on the floor between the walls.</source>
        <translation>Son pied n'est pas sur le sol entre les murs.</translation>
    </message>
    <message>
        <source>Its foot lies on %1; it needs land under it.</source>
        <translation>Son pied est sur %1 ; il lui faut de la terre dessous.</translation>
    </message>
    <message>
        <source>Its outline is closed</source>
        <translation>Son contour est fermé</translation>
    </message>
    <message>
        <source>Its outline is open at %1 places.</source>
        <translation>Son contour est ouvert à %1 endroits.</translation>
    </message>
    <message>
        <source>Its outline is open at one place.</source>
        <translation>Son contour est ouvert à un endroit.</translation>
    </message>
    <message>
        <source>Its outline stops, so nothing tells the hand where to end. A line by pen closes it.</source>
        <translation>Son contour s'arrête, rien ne dit donc à la main où finir. Une ligne au stylo le ferme.</translation>
    </message>
    <message>
        <source>Its parts are thinner than scissors can follow; what is behind runs across it.</source>
        <translation>Ses parties sont plus fines que des ciseaux ne peuvent suivre ; ce qui est derrière passe dessus.</translation>
    </message>
    <message>
        <source>Join %1 to %2 by pen: %3 mm of its lines stop short.</source>
        <translation>Raccordez %1 à %2 au stylo : %3 mm de ses lignes s'arrêtent trop tôt.</translation>
    </message>
    <message>
        <source>Join lines by pen</source>
        <translation>Raccorder des lignes au stylo</translation>
    </message>
    <message>
        <source>Joins showing</source>
        <translation>Raccords visibles</translation>
    </message>
    <message>
        <source>Joins to be careful with</source>
        <translation>Raccords à soigner</translation>
    </message>
    <message>
        <source>Keep %1 clean</source>
        <translation>Garder %1 propre</translation>
    </message>
    <message>
        <source>Keep all as plans</source>
        <translation>Les garder tous comme plans</translation>
    </message>
    <message>
        <source>Keep all clean</source>
        <translation>Tout garder propre</translation>
    </message>
    <message>
        <source>Keep glitter from eyes and mouth, and off the floor.</source>
        <translation>Gardez les paillettes loin des yeux et de la bouche, et du sol.</translation>
    </message>
    <message>
        <source>Keep glue off skin and eyes; air the room where it smells, and follow its label.</source>
        <translation>Tenez la colle loin de la peau et des yeux ; aérez si elle sent, et suivez son étiquette.</translation>
    </message>
    <message>
        <source>Keep it clean of %1</source>
        <translation>Tenez-le libre de %1</translation>
    </message>
    <message>
        <source>Keep the masks in the drawer</source>
        <translation>Garder les masques dans le tiroir</translation>
    </message>
    <message>
        <source>Keep these sizes</source>
        <translation>Garder ces tailles</translation>
    </message>
    <message>
        <source>Kept in</source>
        <translation>Rangé dans</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Touches</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Genre</translation>
    </message>
    <message>
        <source>Kind of file</source>
        <translation>Sorte de fichier</translation>
    </message>
    <message>
        <source>L&amp;essons</source>
        <translation>&amp;Leçons</translation>
    </message>
    <message>
        <source>Laid</source>
        <translation>Posé</translation>
    </message>
    <message>
        <source>Larger by</source>
        <translation>Plus grand de</translation>
    </message>
    <message>
        <source>Larger than what it holds by</source>
        <translation>Plus grand que ce qui le tient, de</translation>
    </message>
    <message>
        <source>Lately</source>
        <translation>Dernièrement</translation>
    </message>
    <message>
        <source>Lately minutes were missed by %1, before by %2.</source>
        <translation>Dernièrement les minutes se trompaient de %1, avant de %2.</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Plus tard</translation>
    </message>
    <message>
        <source>Lay %1</source>
        <translation>Poser %1</translation>
    </message>
    <message>
        <source>Lay %1 %2</source>
        <translation>Poser %1 %2</translation>
    </message>
    <message>
        <source>Lay %1, turned round</source>
        <translation>Poser %1, retourné</translation>
    </message>
    <message>
        <source>Lay a %1</source>
        <translation>Posez un %1</translation>
    </message>
    <message>
        <source>Lay a strip of tape along %1</source>
        <translation>Posez une bande de ruban le long de %1</translation>
    </message>
    <message>
        <source>Lay a strip of tape there</source>
        <translation>Posez-y une bande de ruban</translation>
    </message>
    <message>
        <source>Lay scrap paper over the finished parts</source>
        <translation>Posez du brouillon sur les parties finies</translation>
    </message>
    <message>
        <source>Lay scrap paper over what must stay clean, and cover the table.</source>
        <translation>Posez du brouillon sur ce qui doit rester propre, et couvrez la table.</translation>
    </message>
    <message>
        <source>Lay tape along %1</source>
        <translation>Posez du ruban le long de %1</translation>
    </message>
    <message>
        <source>Lay the empty envelope down closed, its flap up</source>
        <translation>Posez l'enveloppe vide fermée, le rabat en haut</translation>
    </message>
    <message>
        <source>Lay the other piece of %1</source>
        <translation>Posez l'autre morceau de %1</translation>
    </message>
    <message>
        <source>Lay the paper on %1. Blended across it next: %2.</source>
        <translation>Posez le papier sur %1. Ensuite estompé en travers : %2.</translation>
    </message>
    <message>
        <source>Lay the paper on %1. Stamped across it next: %2.</source>
        <translation>Posez le papier sur %1. Ensuite tamponné en travers : %2.</translation>
    </message>
    <message>
        <source>Lay the paper on its print, or draw and cut it yourself, and see the join it gives.</source>
        <translation>Posez le papier sur son empreinte, ou dessinez et coupez-le vous-même, et voyez le raccord qu'il donne.</translation>
    </message>
    <message>
        <source>Lay the sheet with %1</source>
        <translation>Posez la feuille avec %1</translation>
    </message>
    <message>
        <source>Lay two strips of tape over %1, one along either side</source>
        <translation>Posez deux bandes de ruban sur %1, une le long de chaque côté</translation>
    </message>
    <message>
        <source>Lay your stamped sheet beside it, or stamp on this page, and scan or photograph both together.</source>
        <translation>Posez votre feuille tamponnée à côté, ou tamponnez sur cette page, et scannez ou photographiez les deux ensemble.</translation>
    </message>
    <message>
        <source>Laying a mask</source>
        <translation>Poser un masque</translation>
    </message>
    <message>
        <source>Learn from all cards again</source>
        <translation>Apprendre de nouveau de toutes les cartes</translation>
    </message>
    <message>
        <source>Learn from now on only</source>
        <translation>N'apprendre que dès maintenant</translation>
    </message>
    <message>
        <source>Least printed height</source>
        <translation>Plus petite hauteur imprimée</translation>
    </message>
    <message>
        <source>Least real height, metres</source>
        <translation>Plus petite hauteur réelle, mètres</translation>
    </message>
    <message>
        <source>Leave %1 out</source>
        <translation>Laisser %1</translation>
    </message>
    <message>
        <source>Leave a part of %1</source>
        <translation>Laisser une partie de %1</translation>
    </message>
    <message>
        <source>Leave a part of %1 bare</source>
        <translation>Laisser nue une partie de %1</translation>
    </message>
    <message>
        <source>Leave bare</source>
        <translation>Laisser nu</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Le laisser</translation>
    </message>
    <message>
        <source>Leave it as it is</source>
        <translation>Le laisser tel quel</translation>
    </message>
    <message>
        <source>Leave it as planned</source>
        <translation>Le laisser comme prévu</translation>
    </message>
    <message>
        <source>Leave it for now</source>
        <translation>Le laisser pour l'instant</translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>L'omettre</translation>
    </message>
    <message>
        <source>Leave masks out</source>
        <translation>Omettre des masques</translation>
    </message>
    <message>
        <source>Leave out</source>
        <translation>Omettre</translation>
    </message>
    <message>
        <source>Leave that mask out</source>
        <translation>Omettre ce masque</translation>
    </message>
    <message>
        <source>Leave the card in the hinged positioner, ink the stamp again and press once more in the same place.</source>
        <translation>Laissez la carte dans le positionneur, réencrez le tampon et pressez encore au même endroit.</translation>
    </message>
    <message>
        <source>Leave the lesson</source>
        <translation>Quitter la leçon</translation>
    </message>
    <message>
        <source>Leave these %1 out</source>
        <translation>Omettre ces %1</translation>
    </message>
    <message>
        <source>Leave this one as planned</source>
        <translation>Laisser celui-ci comme prévu</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Gauche</translation>
    </message>
    <message>
        <source>Left and right arrows go from step to step; with Ctrl they take a stamping earlier or later.</source>
        <translation>Les flèches gauche et droite vont d'étape en étape ; avec Ctrl elles mènent un tamponnage plus tôt ou plus tard.</translation>
    </message>
    <message>
        <source>Left and right go from part to part, up and down from thing to thing, Return works on the part.</source>
        <translation>Gauche et droite vont de partie en partie, haut et bas de chose en chose, Entrée travaille la partie.</translation>
    </message>
    <message>
        <source>Left uncovered, too thin to cut: fine parts of %1. Let the background run over them.</source>
        <translation>Laissées découvertes, trop fines à couper : parties fines de %1. Laissez le fond passer dessus.</translation>
    </message>
    <message>
        <source>Left, up</source>
        <translation>Gauche, haut</translation>
    </message>
    <message>
        <source>Left-&amp;handed at the table</source>
        <translation>&amp;Gaucher à la table</translation>
    </message>
    <message>
        <source>Length of a wave</source>
        <translation>Longueur d'une onde</translation>
    </message>
    <message>
        <source>Length of the waves</source>
        <translation>Longueur des ondes</translation>
    </message>
    <message>
        <source>Less about it</source>
        <translation>Moins de détails</translation>
    </message>
    <message>
        <source>Lesson</source>
        <translation>Leçon</translation>
    </message>
    <message>
        <source>Lesson: %1</source>
        <translation>Leçon : %1</translation>
    </message>
    <message>
        <source>Lessons</source>
        <translation>Leçons</translation>
    </message>
    <message>
        <source>Let %1 dry</source>
        <translation>Laisser sécher %1</translation>
    </message>
    <message>
        <source>Let %1 dry before you touch it again; a sand eraser takes off what is too much.</source>
        <translation>Laissez sécher %1 avant d'y retoucher ; une gomme à sable ôte ce qui est de trop.</translation>
    </message>
    <message>
        <source>Let %1 end softly, over %2</source>
        <translation>Laissez %1 finir doucement, sur %2</translation>
    </message>
    <message>
        <source>Let %1 fade</source>
        <translation>Laissez %1 s'éteindre</translation>
    </message>
    <message>
        <source>Let %1 go behind %2</source>
        <translation>Laissez %1 passer derrière %2</translation>
    </message>
    <message>
        <source>Let %1 hide its foot</source>
        <translation>Laissez %1 cacher son pied</translation>
    </message>
    <message>
        <source>Let %1 reach over %2 % only</source>
        <translation>Ne laissez %1 aller que sur %2 %</translation>
    </message>
    <message>
        <source>Let everything dry</source>
        <translation>Laisser tout sécher</translation>
    </message>
    <message>
        <source>Let it colour %1</source>
        <translation>Laissez-le colorer %1</translation>
    </message>
    <message>
        <source>Let it colour all</source>
        <translation>Laissez-le tout colorer</translation>
    </message>
    <message>
        <source>Let it colour all but the hero</source>
        <translation>Laissez-le tout colorer sauf le héros</translation>
    </message>
    <message>
        <source>Let it run off the bottom edge, %1 lower</source>
        <translation>Laissez-le sortir par le bas, %1 plus bas</translation>
    </message>
    <message>
        <source>Let the blends run over it</source>
        <translation>Laisser l’estompe passer dessus</translation>
    </message>
    <message>
        <source>Letter</source>
        <translation>Letter</translation>
    </message>
    <message>
        <source>Letter %1 by hand</source>
        <translation>Écrire %1 à la main</translation>
    </message>
    <message>
        <source>Letter by hand</source>
        <translation>Écrire à la main</translation>
    </message>
    <message>
        <source>Letter it %1 high</source>
        <translation>Écrivez-le haut de %1</translation>
    </message>
    <message>
        <source>Letters of this size want a contrast of %1 to their ground.</source>
        <translation>Des lettres de cette taille veulent un contraste de %1 avec leur fond.</translation>
    </message>
    <message>
        <source>Letters that have to be squeezed in at the end spoil a card late.</source>
        <translation>Des lettres à serrer au bout gâchent une carte tard.</translation>
    </message>
    <message>
        <source>Letters that lean a little look like a slip.</source>
        <translation>Des lettres un peu penchées ont l'air d'une erreur.</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>De niveau</translation>
    </message>
    <message>
        <source>Lies</source>
        <translation>Est</translation>
    </message>
    <message>
        <source>Lift %1</source>
        <translation>Lever %1</translation>
    </message>
    <message>
        <source>Light from the other side.</source>
        <translation>Lumière de l'autre côté.</translation>
    </message>
    <message>
        <source>Light: %1</source>
        <translation>Lumière : %1</translation>
    </message>
    <message>
        <source>Line the panel up on %1, then trim %2. Or let it show uneven: that is no fault.</source>
        <translation>Alignez le panneau sur %1, puis rognez %2. Ou laissez-le inégal : ce n'est pas une faute.</translation>
    </message>
    <message>
        <source>Lines along the guides, %1 in all</source>
        <translation>Lignes le long des guides, %1 en tout</translation>
    </message>
    <message>
        <source>Lines by pen</source>
        <translation>Lignes au stylo</translation>
    </message>
    <message>
        <source>Lines ran into something %1 times lately.</source>
        <translation>Des lignes sont entrées dans quelque chose %1 fois dernièrement.</translation>
    </message>
    <message>
        <source>Log</source>
        <translation>Journal</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Aspect</translation>
    </message>
    <message>
        <source>Look at a finished plan</source>
        <translation>Regarder un plan fini</translation>
    </message>
    <message>
        <source>Look at it</source>
        <translation>Le regarder</translation>
    </message>
    <message>
        <source>Look from a height of %1</source>
        <translation>Regarder d'une hauteur de %1</translation>
    </message>
    <message>
        <source>Look once more</source>
        <translation>Regarder encore</translation>
    </message>
    <message>
        <source>Look with a snail's eyes</source>
        <translation>Regarder avec des yeux d'escargot</translation>
    </message>
    <message>
        <source>Look with the eyes of %1</source>
        <translation>Regarder avec les yeux de %1</translation>
    </message>
    <message>
        <source>Look: a picture of it…</source>
        <translation>Aspect : une image…</translation>
    </message>
    <message>
        <source>Looking for arrangements</source>
        <translation>Recherche d'arrangements</translation>
    </message>
    <message>
        <source>Looking for arrangements …</source>
        <translation>Recherche d'arrangements …</translation>
    </message>
    <message>
        <source>Looking for impressions</source>
        <translation>Recherche d'empreintes</translation>
    </message>
    <message>
        <source>Looking for patches of colour …</source>
        <translation>Recherche de taches de couleur …</translation>
    </message>
    <message>
        <source>Looking through %1 pictures</source>
        <translation>%1 images sont examinées</translation>
    </message>
    <message>
        <source>Looking through it</source>
        <translation>Examen en cours</translation>
    </message>
    <message>
        <source>Looking …</source>
        <translation>Recherche …</translation>
    </message>
    <message>
        <source>Looking…</source>
        <translation>Recherche…</translation>
    </message>
    <message>
        <source>Looks through all pictures of a folder; what is found comes on one page to be named</source>
        <translation>Examine toutes les images d’un dossier ; ce qui est trouvé vient sur une page pour être nommé</translation>
    </message>
    <message>
        <source>Lou&amp;pe</source>
        <translation>Lou&amp;pe</translation>
    </message>
    <message>
        <source>Loupe</source>
        <translation>Loupe</translation>
    </message>
    <message>
        <source>Lower the horizon by %1</source>
        <translation>Baisser l'horizon de %1</translation>
    </message>
    <message>
        <source>Make</source>
        <translation>Faire</translation>
    </message>
    <message>
        <source>Make %1 the hero</source>
        <translation>Faire de %1 le héros</translation>
    </message>
    <message>
        <source>Make a row</source>
        <translation>Faire un rang</translation>
    </message>
    <message>
        <source>Make it a room</source>
        <translation>En faire une pièce</translation>
    </message>
    <message>
        <source>Make it again</source>
        <translation>La refaire</translation>
    </message>
    <message>
        <source>Make it the &amp;hero</source>
        <translation>En faire le &amp;héros</translation>
    </message>
    <message>
        <source>Make it the hero</source>
        <translation>En faire le héros</translation>
    </message>
    <message>
        <source>Makers</source>
        <translation>Personnes</translation>
    </message>
    <message>
        <source>Making cards …</source>
        <translation>Les cartes se font …</translation>
    </message>
    <message>
        <source>Many</source>
        <translation>Plusieurs</translation>
    </message>
    <message>
        <source>Many cards, a class, what to buy</source>
        <translation>Plusieurs cartes, un atelier, quoi acheter</translation>
    </message>
    <message>
        <source>Many things are larger or smaller than their distance asks.</source>
        <translation>Beaucoup de choses sont plus grandes ou plus petites que leur distance ne demande.</translation>
    </message>
    <message>
        <source>Many things touch and cover each other.</source>
        <translation>Beaucoup de choses se touchent et se couvrent.</translation>
    </message>
    <message>
        <source>Mark a length</source>
        <translation>Marquer une longueur</translation>
    </message>
    <message>
        <source>Mark four corners</source>
        <translation>Marquer quatre coins</translation>
    </message>
    <message>
        <source>Markers give off solvents: air the room, put the caps back on, mind their labels.</source>
        <translation>Les feutres dégagent des solvants : aérez, remettez les capuchons, suivez leurs étiquettes.</translation>
    </message>
    <message>
        <source>Masking paper</source>
        <translation>Papier à masquer</translation>
    </message>
    <message>
        <source>Masking sheet: %1</source>
        <translation>Feuille à masquer : %1</translation>
    </message>
    <message>
        <source>Masks</source>
        <translation>Masques</translation>
    </message>
    <message>
        <source>Masks for %1</source>
        <translation>Masques pour %1</translation>
    </message>
    <message>
        <source>Masks kept in the drawer are used before new ones are cut.</source>
        <translation>Les masques du tiroir servent avant qu'on en coupe de nouveaux.</translation>
    </message>
    <message>
        <source>Masks kept with it: %1.</source>
        <translation>Masques gardés avec : %1.</translation>
    </message>
    <message>
        <source>Masks to cut</source>
        <translation>Masques à couper</translation>
    </message>
    <message>
        <source>Masks to cut: %1</source>
        <translation>Masques à couper : %1</translation>
    </message>
    <message>
        <source>Masks to cut: %1 instead of %2.</source>
        <translation>Masques à découper : %1 au lieu de %2.</translation>
    </message>
    <message>
        <source>Masks: how they are cut</source>
        <translation>Masques : comment les couper</translation>
    </message>
    <message>
        <source>Mastered: no cover too many</source>
        <translation>Maîtrisé : aucun cache de trop</translation>
    </message>
    <message>
        <source>Mat %1</source>
        <translation>Passe-partout %1</translation>
    </message>
    <message>
        <source>Mat shows %1</source>
        <translation>Passe-partout visible de %1</translation>
    </message>
    <message>
        <source>Mats, from the panel outward</source>
        <translation>Passe-partout, du panneau vers l'extérieur</translation>
    </message>
    <message>
        <source>May colour</source>
        <translation>Peut colorer</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Mesurer</translation>
    </message>
    <message>
        <source>Measure in &amp;inches</source>
        <translation>Mesurer en &amp;pouces</translation>
    </message>
    <message>
        <source>Measure in &amp;millimetres</source>
        <translation>Mesurer en &amp;millimètres</translation>
    </message>
    <message>
        <source>Measure the start: leave once the card is painted, saying how much memory is in use.</source>
        <translation>Mesure le départ : quitte dès que la carte est peinte, disant combien de mémoire sert.</translation>
    </message>
    <message>
        <source>Measure these with a ruler. If they are off, print at 100 %, not “fit to page”.</source>
        <translation>Mesurez ceci à la règle. Si c'est faux, imprimez à 100 %, non « ajuster à la page ».</translation>
    </message>
    <message>
        <source>Measure where its foot is now and type that in the plan: everything that follows is worked out anew.</source>
        <translation>Mesurez où est son pied maintenant et tapez-le dans le plan : tout ce qui suit est recalculé.</translation>
    </message>
    <message>
        <source>Measures</source>
        <translation>Mesures</translation>
    </message>
    <message>
        <source>Mend it in the drawer</source>
        <translation>Le corriger au tiroir</translation>
    </message>
    <message>
        <source>Mended: %1</source>
        <translation>Réglé : %1</translation>
    </message>
    <message>
        <source>Message</source>
        <translation>Message</translation>
    </message>
    <message>
        <source>Metres from the viewer: only stamps that would have the right size there in the open scene, best first</source>
        <translation>Mètres depuis le spectateur : seulement les tampons qui y auraient la bonne taille en scène ouverte, les meilleurs d'abord</translation>
    </message>
    <message>
        <source>Mirror in %1</source>
        <translation>Refléter dans %1</translation>
    </message>
    <message>
        <source>Mirrors what stands in it</source>
        <translation>Reflète ce qui s'y tient</translation>
    </message>
    <message>
        <source>Mist</source>
        <translation>Brume</translation>
    </message>
    <message>
        <source>Mist takes contrast away. Tell by eye how much of it a later pressing has kept.</source>
        <translation>La brume ôte du contraste. Dites à l'œil combien une pression tardive en a gardé.</translation>
    </message>
    <message>
        <source>More about it</source>
        <translation>Plus de détails</translation>
    </message>
    <message>
        <source>More in the drawer</source>
        <translation>Plus dans le tiroir</translation>
    </message>
    <message>
        <source>More ink</source>
        <translation>Plus d'encre</translation>
    </message>
    <message>
        <source>More stamps make fewer twins. Draw lots again makes another crowd of them.</source>
        <translation>Plus de tampons font moins de jumeaux. Retirer au sort en fait une autre foule.</translation>
    </message>
    <message>
        <source>Mounting</source>
        <translation>Montage</translation>
    </message>
    <message>
        <source>Move %1</source>
        <translation>Déplacer %1</translation>
    </message>
    <message>
        <source>Move %1 %2</source>
        <translation>Déplacer %1 %2</translation>
    </message>
    <message>
        <source>Move %1 nearer or farther</source>
        <translation>Rapprocher ou éloigner %1</translation>
    </message>
    <message>
        <source>Move %1 to %2</source>
        <translation>Amener %1 à %2</translation>
    </message>
    <message>
        <source>Move %1 to plain space</source>
        <translation>Amener %1 à une place calme</translation>
    </message>
    <message>
        <source>Move a piece</source>
        <translation>Déplacer une pièce</translation>
    </message>
    <message>
        <source>Move a slider</source>
        <translation>Bouger un réglage</translation>
    </message>
    <message>
        <source>Move it %1</source>
        <translation>Le déplacer %1</translation>
    </message>
    <message>
        <source>Move it there</source>
        <translation>L'amener là</translation>
    </message>
    <message>
        <source>Move it to plain space</source>
        <translation>L'amener à une place calme</translation>
    </message>
    <message>
        <source>Move its foot %1 down</source>
        <translation>Descendre son pied de %1</translation>
    </message>
    <message>
        <source>Move its foot %1 up</source>
        <translation>Monter son pied de %1</translation>
    </message>
    <message>
        <source>Move the back wall</source>
        <translation>Déplacer le mur du fond</translation>
    </message>
    <message>
        <source>Move the edge</source>
        <translation>Déplacer le bord</translation>
    </message>
    <message>
        <source>Move the edge at the left</source>
        <translation>Déplacer le bord à gauche</translation>
    </message>
    <message>
        <source>Move the edge at the right</source>
        <translation>Déplacer le bord à droite</translation>
    </message>
    <message>
        <source>Move the foot</source>
        <translation>Déplacer le pied</translation>
    </message>
    <message>
        <source>Move the light</source>
        <translation>Déplacer la lumière</translation>
    </message>
    <message>
        <source>Move the opening</source>
        <translation>Déplacer l'ouverture</translation>
    </message>
    <message>
        <source>Move the vanishing point</source>
        <translation>Déplacer le point de fuite</translation>
    </message>
    <message>
        <source>Move where the rays come from</source>
        <translation>Déplacer d'où viennent les rayons</translation>
    </message>
    <message>
        <source>My first card</source>
        <translation>Ma première carte</translation>
    </message>
    <message>
        <source>My own stamps</source>
        <translation>Mes propres tampons</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nom</translation>
    </message>
    <message>
        <source>Name a part</source>
        <translation>Nommer une partie</translation>
    </message>
    <message>
        <source>Name a piece</source>
        <translation>Nommer une pièce</translation>
    </message>
    <message>
        <source>Name a variation</source>
        <translation>Nommer une variante</translation>
    </message>
    <message>
        <source>Name of colour %1</source>
        <translation>Nom de la couleur %1</translation>
    </message>
    <message>
        <source>Name of the file</source>
        <translation>Nom du fichier</translation>
    </message>
    <message>
        <source>Name of the part</source>
        <translation>Nom de la partie</translation>
    </message>
    <message>
        <source>Name of the variation</source>
        <translation>Nom de la variante</translation>
    </message>
    <message>
        <source>Near and far</source>
        <translation>Près et loin</translation>
    </message>
    <message>
        <source>Nearer warmer and deeper</source>
        <translation>Le proche plus chaud et plus profond</translation>
    </message>
    <message>
        <source>Nearly</source>
        <translation>Presque</translation>
    </message>
    <message>
        <source>Nearly all its weight lies on one side.</source>
        <translation>Presque tout son poids est d'un côté.</translation>
    </message>
    <message>
        <source>Neither the drawer nor this plan has a %1 that differs from it.</source>
        <translation>Ni le tiroir ni ce plan n'ont de %1 qui en diffère.</translation>
    </message>
    <message>
        <source>New</source>
        <translation>Nouveau</translation>
    </message>
    <message>
        <source>New ink</source>
        <translation>Nouvelle encre</translation>
    </message>
    <message>
        <source>New paper</source>
        <translation>Nouveau papier</translation>
    </message>
    <message>
        <source>New to look at: %1</source>
        <translation>Nouveau à regarder : %1</translation>
    </message>
    <message>
        <source>Next impression</source>
        <translation>Empreinte suivante</translation>
    </message>
    <message>
        <source>Next page</source>
        <translation>Page suivante</translation>
    </message>
    <message>
        <source>Next sheet</source>
        <translation>Feuille suivante</translation>
    </message>
    <message>
        <source>Next: %1</source>
        <translation>Ensuite : %1</translation>
    </message>
    <message>
        <source>Next: blend a sky or some ground behind them.</source>
        <translation>Ensuite : estompez un ciel ou un sol derrière.</translation>
    </message>
    <message>
        <source>Next: give it company, nearer and farther away.</source>
        <translation>Ensuite : donnez-lui de la compagnie, plus près et plus loin.</translation>
    </message>
    <message>
        <source>Next: make it. You are led step by step.</source>
        <translation>Ensuite : faites-la. Vous êtes mené pas à pas.</translation>
    </message>
    <message>
        <source>Next: put a first thing on the card.</source>
        <translation>Ensuite : mettez une première chose sur la carte.</translation>
    </message>
    <message>
        <source>Next: say how tall %1 is really. Then its size can be right.</source>
        <translation>Ensuite : dites la vraie hauteur de %1. Alors sa taille peut être juste.</translation>
    </message>
    <message>
        <source>Next: say which of them the card is about. Click it and make it the hero.</source>
        <translation>Ensuite : dites de laquelle parle la carte. Cliquez-la et faites-en le héros.</translation>
    </message>
    <message>
        <source>Next: see to %1: %2.</source>
        <translation>Ensuite, voyez « %1 » : %2.</translation>
    </message>
    <message>
        <source>Next: see what is stamped when, and which masks to cut.</source>
        <translation>Ensuite : voyez ce qui est tamponné quand, et quels masques couper.</translation>
    </message>
    <message>
        <source>Next: stamp on plain paper what you have, and open a scan or photo of it.</source>
        <translation>Ensuite : tamponnez sur du papier uni ce que vous avez, et ouvrez-en un scan ou une photo.</translation>
    </message>
    <message>
        <source>No card has a paper to be laid.</source>
        <translation>Aucune carte n'a de papier à poser.</translation>
    </message>
    <message>
        <source>No card has anything of the kind to ask.</source>
        <translation>Aucune carte n'a rien du genre à demander.</translation>
    </message>
    <message>
        <source>No card is in the log yet: everything is reckoned as is usual.</source>
        <translation>Aucune carte n'est encore au journal : tout est calculé comme d'habitude.</translation>
    </message>
    <message>
        <source>No card says all of that.</source>
        <translation>Aucune carte ne dit tout cela.</translation>
    </message>
    <message>
        <source>No card yet. A card comes here when Make is through with it.</source>
        <translation>Pas encore de carte. Une carte vient ici quand Faire en a fini avec elle.</translation>
    </message>
    <message>
        <source>No chapter has all of these words.</source>
        <translation>Aucun chapitre n'a tous ces mots.</translation>
    </message>
    <message>
        <source>No harm done</source>
        <translation>Sans dommage</translation>
    </message>
    <message>
        <source>No hero is chosen</source>
        <translation>Aucun héros n'est choisi</translation>
    </message>
    <message>
        <source>No hero is chosen.</source>
        <translation>Aucun héros n'est choisi.</translation>
    </message>
    <message>
        <source>No light</source>
        <translation>Pas de lumière</translation>
    </message>
    <message>
        <source>No light is set: the Scene sets one.</source>
        <translation>Aucune lumière n'est mise : la Scène en met une.</translation>
    </message>
    <message>
        <source>No line's end should want the pen.</source>
        <translation>Aucun bout de ligne ne doit vouloir le stylo.</translation>
    </message>
    <message>
        <source>No look, row or path leads anywhere.</source>
        <translation>Aucun regard, rang ou chemin ne mène nulle part.</translation>
    </message>
    <message>
        <source>No mask can be cut for %1</source>
        <translation>Aucun masque ne peut être coupé pour %1</translation>
    </message>
    <message>
        <source>No mask fits on this sheet.</source>
        <translation>Aucun masque ne va sur cette feuille.</translation>
    </message>
    <message>
        <source>No mask is kept with it.</source>
        <translation>Aucun masque n'est gardé avec.</translation>
    </message>
    <message>
        <source>No mask is laid on this card, so no edge has to meet another.</source>
        <translation>Aucun masque n'est posé sur cette carte, donc aucun bord n'a à en rencontrer un autre.</translation>
    </message>
    <message>
        <source>No mask is needed for this plan.</source>
        <translation>Ce plan ne demande aucun masque.</translation>
    </message>
    <message>
        <source>No mask was worth keeping: they are worn, or their stamps are not in the drawer.</source>
        <translation>Aucun masque ne valait d'être gardé : ils sont usés, ou leurs tampons ne sont pas au tiroir.</translation>
    </message>
    <message>
        <source>No order can save more than %1.</source>
        <translation>Aucun ordre n'épargne plus de %1.</translation>
    </message>
    <message>
        <source>No order of stamping alone gives a ring like that, so one mask is laid where its thing will be.</source>
        <translation>Aucun ordre de tamponnage seul ne donne un tel anneau, donc un masque est posé où sera sa chose.</translation>
    </message>
    <message>
        <source>No order of stamping can give a ring like that: one of them must go behind.</source>
        <translation>Aucun ordre de tamponnage ne peut donner un tel anneau : l'un doit aller derrière.</translation>
    </message>
    <message>
        <source>No order takes less.</source>
        <translation>Aucun ordre ne prend moins.</translation>
    </message>
    <message>
        <source>No plan was saved yet.</source>
        <translation>Aucun plan n'a encore été enregistré.</translation>
    </message>
    <message>
        <source>No printer is set up on this computer, so the %1 cannot be printed here.</source>
        <translation>Aucune imprimante n'est installée sur cet ordinateur, donc %1 ne peut s'imprimer ici.</translation>
    </message>
    <message>
        <source>No room</source>
        <translation>Pas de place</translation>
    </message>
    <message>
        <source>No room: outdoors</source>
        <translation>Pas de pièce : dehors</translation>
    </message>
    <message>
        <source>No scene came out that is worth making. Ask again, or choose another hero.</source>
        <translation>Aucune scène valant d'être faite n'en est sortie. Redemandez, ou choisissez un autre héros.</translation>
    </message>
    <message>
        <source>No sheet is large enough for %1. A larger sheet in the drawer, or a base that is folded the other way or joined of two leaves, helps.</source>
        <translation>Aucune feuille n'est assez grande pour %1. Une feuille plus grande au tiroir aide, ou une carte double pliée dans l'autre sens ou faite de deux feuillets.</translation>
    </message>
    <message>
        <source>No single stamp or pad more would help much; most in use is %1, %2.</source>
        <translation>Aucun tampon ou encreur de plus n’aiderait beaucoup ; le plus utilisé est %1, %2.</translation>
    </message>
    <message>
        <source>No stamp in your drawer can be a hero yet: it needs a real height.</source>
        <translation>Aucun tampon de votre tiroir ne peut encore être un héros : il lui faut une vraie hauteur.</translation>
    </message>
    <message>
        <source>No stamp of this card is taped before it is pressed.</source>
        <translation>Aucun tampon de cette carte n'est à couvrir de ruban avant d'être pressé.</translation>
    </message>
    <message>
        <source>No stamp was found.</source>
        <translation>Aucun tampon n’a été trouvé.</translation>
    </message>
    <message>
        <source>No steps yet</source>
        <translation>Pas encore d'étapes</translation>
    </message>
    <message>
        <source>No strip of tape makes it. The sheet of stamps to tape shows it; a line drawn across the stamp is told in words.</source>
        <translation>Aucune bande de ruban ne le fait. La feuille des tampons à masquer le montre ; une ligne en travers du tampon se dit en mots.</translation>
    </message>
    <message>
        <source>No usual envelope takes this card: one has to be folded for it.</source>
        <translation>Aucune enveloppe usuelle ne prend cette carte : il faut en plier une.</translation>
    </message>
    <message>
        <source>No, a scene</source>
        <translation>Non, une scène</translation>
    </message>
    <message>
        <source>No, from one viewpoint</source>
        <translation>Non, d'un seul point de vue</translation>
    </message>
    <message>
        <source>No, tell me where they touch</source>
        <translation>Non, dites-moi où ils se touchent</translation>
    </message>
    <message>
        <source>Nobody waits for a stamp or pad.</source>
        <translation>Personne n’attend de tampon ni d’encreur.</translation>
    </message>
    <message>
        <source>None of it will be on the card.</source>
        <translation>Rien n'en sera sur la carte.</translation>
    </message>
    <message>
        <source>Not as planned</source>
        <translation>Pas comme prévu</translation>
    </message>
    <message>
        <source>Not at their right size: %1; the worst is %2 times too small.</source>
        <translation>Pas à la bonne taille : %1 ; le pire est %2 fois trop petit.</translation>
    </message>
    <message>
        <source>Not at their right size: %1; the worst is %2 times too tall.</source>
        <translation>Pas à la bonne taille : %1 ; le pire est %2 fois trop grand.</translation>
    </message>
    <message>
        <source>Not clear yet. %1</source>
        <translation>Pas encore clair. %1</translation>
    </message>
    <message>
        <source>Not on the card yet; tick to use them</source>
        <translation>Pas encore sur la carte ; cochez pour les utiliser</translation>
    </message>
    <message>
        <source>Not quite</source>
        <translation>Pas tout à fait</translation>
    </message>
    <message>
        <source>Not saved. %1</source>
        <translation>Pas enregistré. %1</translation>
    </message>
    <message>
        <source>Not simulated</source>
        <translation>Pas simulé</translation>
    </message>
    <message>
        <source>Not so</source>
        <translation>Pas ainsi</translation>
    </message>
    <message>
        <source>Not so?</source>
        <translation>Pas juste ?</translation>
    </message>
    <message>
        <source>Not the card that was wanted</source>
        <translation>Pas la carte voulue</translation>
    </message>
    <message>
        <source>Not tried yet.</source>
        <translation>Pas encore essayé.</translation>
    </message>
    <message>
        <source>Not yet: one step back</source>
        <translation>Pas encore : une étape en arrière</translation>
    </message>
    <message>
        <source>Notch the masks at the foot</source>
        <translation>Entailler les masques au pied</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Note</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notes</translation>
    </message>
    <message>
        <source>Nothing better was found: each other way costs the hero, or brings something to mend. Let more things move.</source>
        <translation>Rien de mieux n'a été trouvé : toute autre façon coûte au héros, ou amène quelque chose à réparer. Laissez bouger plus de choses.</translation>
    </message>
    <message>
        <source>Nothing can be cut from what is there.</source>
        <translation>Rien ne peut être coupé dans ce qui est là.</translation>
    </message>
    <message>
        <source>Nothing comes near the hero.</source>
        <translation>Rien n'approche du héros.</translation>
    </message>
    <message>
        <source>Nothing draws the eye, and no hero is chosen.</source>
        <translation>Rien n'attire l'œil, et aucun héros n'est choisi.</translation>
    </message>
    <message>
        <source>Nothing has to be bought.</source>
        <translation>Rien n'est à acheter.</translation>
    </message>
    <message>
        <source>Nothing in the drawer freshens this card without making it worse.</source>
        <translation>Rien au tiroir ne rafraîchit cette carte sans l'empirer.</translation>
    </message>
    <message>
        <source>Nothing is clearly first: %1 and %2 pull about alike (%3 and %4).</source>
        <translation>Rien n'est nettement premier : %1 et %2 attirent à peu près autant (%3 et %4).</translation>
    </message>
    <message>
        <source>Nothing is cut from this paper yet.</source>
        <translation>Rien n'est encore coupé dans ce papier.</translation>
    </message>
    <message>
        <source>Nothing is drawn in pencil on this card: it has no ground, no room, no light and no row.</source>
        <translation>Rien n'est à tracer au crayon sur cette carte : elle n'a ni sol, ni pièce, ni lumière, ni rangée.</translation>
    </message>
    <message>
        <source>Nothing is glued on under %1</source>
        <translation>Rien n'est collé sous %1</translation>
    </message>
    <message>
        <source>Nothing is on the card yet.</source>
        <translation>Rien n'est encore sur la carte.</translation>
    </message>
    <message>
        <source>Nothing is on the card yet. Put stamps on it in the scene, then come back.</source>
        <translation>Rien n'est encore sur la carte. Mettez-y des tampons dans la scène, puis revenez.</translation>
    </message>
    <message>
        <source>Nothing is open</source>
        <translation>Rien n'est ouvert</translation>
    </message>
    <message>
        <source>Nothing is plain.</source>
        <translation>Rien n'est calme.</translation>
    </message>
    <message>
        <source>Nothing is seen of %1</source>
        <translation>Rien ne se voit de %1</translation>
    </message>
    <message>
        <source>Nothing is under its foot at that distance, so the eye takes it for flying.</source>
        <translation>Rien n'est sous son pied à cette distance, l'œil le croit donc en vol.</translation>
    </message>
    <message>
        <source>Nothing makes the sharp border of %1</source>
        <translation>Rien ne fait le bord net de %1</translation>
    </message>
    <message>
        <source>Nothing mo&amp;ves by itself</source>
        <translation>Rien ne &amp;bouge tout seul</translation>
    </message>
    <message>
        <source>Nothing of it is wide enough to cut: let what is behind run over it, or stamp it last.</source>
        <translation>Rien n'en est assez large à couper : laissez ce qui est derrière passer dessus, ou tamponnez-le en dernier.</translation>
    </message>
    <message>
        <source>Nothing of the plan is changed here. Spoil simulated paper instead of real paper.</source>
        <translation>Rien du plan ne change ici. Gâchez du papier simulé au lieu du vrai.</translation>
    </message>
    <message>
        <source>Nothing of this kind is in here.</source>
        <translation>Il n’y a rien de cette sorte ici.</translation>
    </message>
    <message>
        <source>Nothing on this card stands at a distance.</source>
        <translation>Rien sur cette carte n'est à une distance.</translation>
    </message>
    <message>
        <source>Nothing overlaps, so only size and place tell what is nearer.</source>
        <translation>Rien ne se recouvre, donc seules la taille et la place disent ce qui est plus près.</translation>
    </message>
    <message>
        <source>Nothing shows along %1 of join.</source>
        <translation>Rien ne se voit le long de %1 de raccord.</translation>
    </message>
    <message>
        <source>Nothing stands out from anything, so nothing is seen first.</source>
        <translation>Rien ne ressort de rien, donc rien ne se voit d'abord.</translation>
    </message>
    <message>
        <source>Nothing stands wrong: sizes, feet and edges agree.</source>
        <translation>Rien n'est faux : tailles, pieds et bords s'accordent.</translation>
    </message>
    <message>
        <source>Nothing that is stamped by now can be told in this picture.</source>
        <translation>Rien de ce qui est tamponné à présent ne se reconnaît dans cette image.</translation>
    </message>
    <message>
        <source>Nothing to join</source>
        <translation>Rien à raccorder</translation>
    </message>
    <message>
        <source>Nothing to lay out.</source>
        <translation>Rien à disposer.</translation>
    </message>
    <message>
        <source>Nothing was learnt from that picture: %1.</source>
        <translation>Rien n'a été appris de cette image : %1.</translation>
    </message>
    <message>
        <source>Nothing yet.</source>
        <translation>Rien encore.</translation>
    </message>
    <message>
        <source>Nothing: it is as it was saved.</source>
        <translation>Rien : il est tel qu’enregistré.</translation>
    </message>
    <message>
        <source>Now try it without looking.</source>
        <translation>Essayez maintenant sans regarder.</translation>
    </message>
    <message>
        <source>Nudge %1</source>
        <translation>Pousser %1</translation>
    </message>
    <message>
        <source>Number %1 of %2; %3. On the whole sheet, drag a frame round marks that belong together.</source>
        <translation>Numéro %1 sur %2 ; %3. Sur la feuille entière, tirez un cadre autour des marques qui vont ensemble.</translation>
    </message>
    <message>
        <source>Occasion</source>
        <translation>Occasion</translation>
    </message>
    <message>
        <source>Of</source>
        <translation>De</translation>
    </message>
    <message>
        <source>Of %1 keep the darker print: cover the other with white pen, or let colouring take it in.</source>
        <translation>De %1 gardez l'empreinte plus sombre : couvrez l'autre au stylo blanc, ou laissez la couleur l'absorber.</translation>
    </message>
    <message>
        <source>Of each stamp</source>
        <translation>De chaque tampon</translation>
    </message>
    <message>
        <source>Of sticky notes %1 times, of masking sheets %2 times.</source>
        <translation>Les notes collantes %1 fois, les feuilles à masquer %2 fois.</translation>
    </message>
    <message>
        <source>Of them %1.</source>
        <translation>Parmi elles %1.</translation>
    </message>
    <message>
        <source>Of two things on the ground the lower foot is the nearer one; you said the other way round.</source>
        <translation>De deux choses au sol, celle au pied plus bas est plus près ; vous avez dit l'inverse.</translation>
    </message>
    <message>
        <source>Of which stamps?</source>
        <translation>De quels tampons ?</translation>
    </message>
    <message>
        <source>Off the floor</source>
        <translation>Du sol</translation>
    </message>
    <message>
        <source>Older ones</source>
        <translation>Plus anciens</translation>
    </message>
    <message>
        <source>On %1 it is dry after %2 s.</source>
        <translation>Sur %1 elle est sèche après %2 s.</translation>
    </message>
    <message>
        <source>On %1 paper</source>
        <translation>Sur papier %1</translation>
    </message>
    <message>
        <source>On %1, %2 away.</source>
        <translation>Sur %1, à %2.</translation>
    </message>
    <message>
        <source>On foam</source>
        <translation>Sur mousse</translation>
    </message>
    <message>
        <source>On masking sheets</source>
        <translation>Sur feuilles à masquer</translation>
    </message>
    <message>
        <source>On the card</source>
        <translation>Sur la carte</translation>
    </message>
    <message>
        <source>On the ground</source>
        <translation>Au sol</translation>
    </message>
    <message>
        <source>On the hero's ground line</source>
        <translation>Sur la ligne de sol du héros</translation>
    </message>
    <message>
        <source>On the line.</source>
        <translation>Sur la ligne.</translation>
    </message>
    <message>
        <source>On the other size</source>
        <translation>Sur l'autre taille</translation>
    </message>
    <message>
        <source>On the side</source>
        <translation>Sur le côté</translation>
    </message>
    <message>
        <source>On this card</source>
        <translation>Sur cette carte</translation>
    </message>
    <message>
        <source>On this card I know all of this kind</source>
        <translation>Sur cette carte je connais tous ceux de ce genre</translation>
    </message>
    <message>
        <source>On what base</source>
        <translation>Sur quelle carte double</translation>
    </message>
    <message>
        <source>On what paper</source>
        <translation>Sur quel papier</translation>
    </message>
    <message>
        <source>Once more</source>
        <translation>Encore une fois</translation>
    </message>
    <message>
        <source>One %1 stays uncovered: let the background run over it.</source>
        <translation>Un %1 reste découvert : laissez le fond passer dessus.</translation>
    </message>
    <message>
        <source>One &amp;more of it</source>
        <translation>Encore &amp;un</translation>
    </message>
    <message>
        <source>One arrangement that is better. Let more things move for others.</source>
        <translation>Un arrangement meilleur. Laissez bouger plus de choses pour d'autres.</translation>
    </message>
    <message>
        <source>One card</source>
        <translation>Une carte</translation>
    </message>
    <message>
        <source>One card takes about %1.</source>
        <translation>Une carte prend environ %1.</translation>
    </message>
    <message>
        <source>One colour among greys</source>
        <translation>Une couleur parmi des gris</translation>
    </message>
    <message>
        <source>One coloured among greys</source>
        <translation>Un coloré parmi des gris</translation>
    </message>
    <message>
        <source>One did not come out well.</source>
        <translation>Un n'est pas bien venu.</translation>
    </message>
    <message>
        <source>One heat tool</source>
        <translation>Un appareil à air chaud</translation>
    </message>
    <message>
        <source>One impression was found.</source>
        <translation>Une empreinte a été trouvée.</translation>
    </message>
    <message>
        <source>One is missing.</source>
        <translation>Il en manque un.</translation>
    </message>
    <message>
        <source>One maker, %1.</source>
        <translation>Une personne, %1.</translation>
    </message>
    <message>
        <source>One mask is in %1.</source>
        <translation>Un masque est dans %1.</translation>
    </message>
    <message>
        <source>One more of %1</source>
        <translation>Encore un de %1</translation>
    </message>
    <message>
        <source>One more of less weight</source>
        <translation>Encore un de moindre poids</translation>
    </message>
    <message>
        <source>One more that you know of</source>
        <translation>Encore un que vous connaissez</translation>
    </message>
    <message>
        <source>One overlap tells which of two is nearer.</source>
        <translation>Un recouvrement dit lequel de deux est plus près.</translation>
    </message>
    <message>
        <source>One paper</source>
        <translation>Un papier</translation>
    </message>
    <message>
        <source>One paper over several things where that is less work</source>
        <translation>Un papier sur plusieurs choses là où c'est moins de travail</translation>
    </message>
    <message>
        <source>One picture does not say how large it is: with how many dots an inch was it scanned?</source>
        <translation>Une image ne dit pas sa taille : avec combien de points par pouce a-t-elle été numérisée ?</translation>
    </message>
    <message>
        <source>One plan was put into %1.</source>
        <translation>Un plan fut mis dans %1.</translation>
    </message>
    <message>
        <source>One print on your card is a later pressing.</source>
        <translation>Une empreinte de votre carte est une pression tardive.</translation>
    </message>
    <message>
        <source>One sees %1 far; half of the ink is left at %2.</source>
        <translation>On voit à %1 ; la moitié de l'encre reste à %2.</translation>
    </message>
    <message>
        <source>One small hole %1 is covered too: colour it by hand afterwards.</source>
        <translation>Un petit trou %1 est couvert aussi : colorez-le à la main ensuite.</translation>
    </message>
    <message>
        <source>One speck was dropped.</source>
        <translation>Une poussière a été laissée.</translation>
    </message>
    <message>
        <source>One stamp a group: %1 of them. They are as large as the drawing says.</source>
        <translation>Un tampon par groupe : %1 en tout. Ils ont la taille que dit le dessin.</translation>
    </message>
    <message>
        <source>One stamp is in the drawer.</source>
        <translation>Un tampon est dans le tiroir.</translation>
    </message>
    <message>
        <source>One standing thing has its right size.</source>
        <translation>Une chose debout a sa bonne taille.</translation>
    </message>
    <message>
        <source>One stands where it is too tall or too small.</source>
        <translation>Un se tient là où il est trop grand ou trop petit.</translation>
    </message>
    <message>
        <source>One step, about %1.</source>
        <translation>Une étape, environ %1.</translation>
    </message>
    <message>
        <source>One thing is meant to be seen first. Havlo then watches that nothing draws the eye away from it.</source>
        <translation>Une chose est faite pour être vue d’abord. Havlo veille ensuite à ce que rien n’en détourne l’œil.</translation>
    </message>
    <message>
        <source>One thing is wrong</source>
        <translation>Une chose ne va pas</translation>
    </message>
    <message>
        <source>One thing on your card does not fit its horizon.</source>
        <translation>Une chose de votre carte ne va pas avec son horizon.</translation>
    </message>
    <message>
        <source>One thing on your card is covered.</source>
        <translation>Une chose de votre carte est couverte.</translation>
    </message>
    <message>
        <source>One thing should be seen first.</source>
        <translation>Une chose doit se voir d'abord.</translation>
    </message>
    <message>
        <source>One thing to look at.</source>
        <translation>Une chose à regarder.</translation>
    </message>
    <message>
        <source>Only one thing can be seen first.</source>
        <translation>Une seule chose peut se voir d'abord.</translation>
    </message>
    <message>
        <source>Only stamps that face</source>
        <translation>Seulement les tampons qui regardent</translation>
    </message>
    <message>
        <source>Only stamps that show a</source>
        <translation>Seulement les tampons qui montrent</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Ouvrir</translation>
    </message>
    <message>
        <source>Open &amp;recent</source>
        <translation>&amp;Récents</translation>
    </message>
    <message>
        <source>Open A crowd: in the menu Thing, or Ctrl+Shift+C.</source>
        <translation>Ouvrez Une foule : dans le menu Chose, ou par Ctrl+Maj+C.</translation>
    </message>
    <message>
        <source>Open Order &amp; masks and wait until the card is proven.</source>
        <translation>Ouvrez Ordre &amp; masques et attendez que la carte soit prouvée.</translation>
    </message>
    <message>
        <source>Open a plan</source>
        <translation>Ouvrir un plan</translation>
    </message>
    <message>
        <source>Open a plan of mine…</source>
        <translation>Ouvrir un plan à moi…</translation>
    </message>
    <message>
        <source>Open this plan</source>
        <translation>Ouvrir ce plan</translation>
    </message>
    <message>
        <source>Opened</source>
        <translation>Ouverte</translation>
    </message>
    <message>
        <source>Opened, the sheet turned over sideways</source>
        <translation>Ouverte, la feuille retournée de côté</translation>
    </message>
    <message>
        <source>Opened, the sheet turned over upwards</source>
        <translation>Ouverte, la feuille retournée vers le haut</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>Ouverture de %1</translation>
    </message>
    <message>
        <source>Opening of the outline</source>
        <translation>Ouverture du contour</translation>
    </message>
    <message>
        <source>Order &amp; masks</source>
        <translation>Ordre &amp; masques</translation>
    </message>
    <message>
        <source>Other colours.</source>
        <translation>Autres couleurs.</translation>
    </message>
    <message>
        <source>Other ink</source>
        <translation>Autre encre</translation>
    </message>
    <message>
        <source>Other words</source>
        <translation>Autres mots</translation>
    </message>
    <message>
        <source>Out of the drawer</source>
        <translation>Hors du tiroir</translation>
    </message>
    <message>
        <source>Outline inward or outward</source>
        <translation>Contour vers l'intérieur ou l'extérieur</translation>
    </message>
    <message>
        <source>Outlines that meet without overlapping hold the eye, and it cannot tell which is nearer.</source>
        <translation>Des contours qui se rencontrent sans se recouvrir retiennent l'œil, et il ne peut dire lequel est plus près.</translation>
    </message>
    <message>
        <source>Over</source>
        <translation>Sur</translation>
    </message>
    <message>
        <source>Over %1 evenings</source>
        <translation>Sur %1 soirées</translation>
    </message>
    <message>
        <source>Over how much it fades outside its area</source>
        <translation>Sur combien il s'éteint hors de sa surface</translation>
    </message>
    <message>
        <source>Own steps</source>
        <translation>Étapes à moi</translation>
    </message>
    <message>
        <source>PDF files</source>
        <translation>Fichiers PDF</translation>
    </message>
    <message>
        <source>Pack the drawer</source>
        <translation>Emballer le tiroir</translation>
    </message>
    <message>
        <source>Pads of each ink</source>
        <translation>Encreurs par encre</translation>
    </message>
    <message>
        <source>Page at true size</source>
        <translation>Page en vraie grandeur</translation>
    </message>
    <message>
        <source>Page before</source>
        <translation>Page précédente</translation>
    </message>
    <message>
        <source>Page up and down go from blend to blend, H through what can be pulled of it, arrow keys pull.</source>
        <translation>Page haut et bas vont d'estompe en estompe, H par ce qui s'en tire, les flèches tirent.</translation>
    </message>
    <message>
        <source>Page up and down go from one found thing to the next, Return takes it. F moves the foot. With a tool in hand, or after C, arrow keys move a cross, Space marks, Return ends.</source>
        <translation>Page haut et bas vont de trouvaille en trouvaille, Entrée la prend. F déplace le pied. Avec un outil en main, ou après C, les flèches déplacent une croix, Espace marque, Entrée finit.</translation>
    </message>
    <message>
        <source>Paler far off</source>
        <translation>Plus pâle au loin</translation>
    </message>
    <message>
        <source>Paler with distance</source>
        <translation>Plus pâle avec la distance</translation>
    </message>
    <message>
        <source>Palettes</source>
        <translation>Palettes</translation>
    </message>
    <message>
        <source>Panel</source>
        <translation>Panneau</translation>
    </message>
    <message>
        <source>Panel %1</source>
        <translation>Panneau %1</translation>
    </message>
    <message>
        <source>Panel %1 high</source>
        <translation>Panneau haut de %1</translation>
    </message>
    <message>
        <source>Panel %1 wide</source>
        <translation>Panneau large de %1</translation>
    </message>
    <message>
        <source>Panel on foam of %1</source>
        <translation>Panneau sur mousse de %1</translation>
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
        <translation>Papier épais de %1</translation>
    </message>
    <message>
        <source>Paper in the printer</source>
        <translation>Papier dans l’imprimante</translation>
    </message>
    <message>
        <source>Papers</source>
        <translation>Papiers</translation>
    </message>
    <message>
        <source>Papers in the drawer</source>
        <translation>Papiers du tiroir</translation>
    </message>
    <message>
        <source>Part of a stamp in a corner</source>
        <translation>Partie d'un tampon dans un coin</translation>
    </message>
    <message>
        <source>Part of the hero in a corner</source>
        <translation>Partie du héros dans un coin</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Coller</translation>
    </message>
    <message>
        <source>Paste %1</source>
        <translation>Coller %1</translation>
    </message>
    <message>
        <source>Paste %1 things</source>
        <translation>Coller %1 choses</translation>
    </message>
    <message>
        <source>Paste dries for hours: follow its maker's label, and let nothing touch it before.</source>
        <translation>La pâte sèche des heures : suivez l'étiquette du fabricant, et que rien n'y touche avant.</translation>
    </message>
    <message>
        <source>Patterned paper</source>
        <translation>Papier à motif</translation>
    </message>
    <message>
        <source>Patterned …</source>
        <translation>À motif …</translation>
    </message>
    <message>
        <source>Pen</source>
        <translation>Stylo</translation>
    </message>
    <message>
        <source>Pencil sheet</source>
        <translation>Feuille au crayon</translation>
    </message>
    <message>
        <source>Pencil sheet at true size.</source>
        <translation>Feuille au crayon en vraie grandeur.</translation>
    </message>
    <message>
        <source>Pencil the guides</source>
        <translation>Tracer les guides au crayon</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>Image</translation>
    </message>
    <message>
        <source>Picture for printers</source>
        <translation>Image pour imprimeurs</translation>
    </message>
    <message>
        <source>Pictures</source>
        <translation>Images</translation>
    </message>
    <message>
        <source>Pieces</source>
        <translation>Pièces</translation>
    </message>
    <message>
        <source>Pieces of paper on the card</source>
        <translation>Morceaux de papier sur la carte</translation>
    </message>
    <message>
        <source>Placement sheet</source>
        <translation>Feuille de placement</translation>
    </message>
    <message>
        <source>Placement sheet at true size. Crosses are feet, numbers are the order of stamping.</source>
        <translation>Feuille de placement en vraie grandeur. Les croix sont les pieds, les nombres l'ordre de tamponnage.</translation>
    </message>
    <message>
        <source>Places</source>
        <translation>Lieux</translation>
    </message>
    <message>
        <source>Plain again</source>
        <translation>De nouveau calme</translation>
    </message>
    <message>
        <source>Plain on every side by %1, level, centred by its ink and a little above the middle.</source>
        <translation>Calme de tous côtés sur %1, de niveau, centré par son encre et un peu au-dessus du milieu.</translation>
    </message>
    <message>
        <source>Plain paper</source>
        <translation>Papier uni</translation>
    </message>
    <message>
        <source>Plain space</source>
        <translation>Place calme</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>Plan and pictures in one &amp;zip…</source>
        <translation>Plan et images en un &amp;zip…</translation>
    </message>
    <message>
        <source>Plan its picture</source>
        <translation>Planifier son image</translation>
    </message>
    <message>
        <source>Plans and drafts</source>
        <translation>Plans et ébauches</translation>
    </message>
    <message>
        <source>Plans scene cards from rubber stamps, proves the plan by simulating it, and leads you through the work.</source>
        <translation>Planifie des cartes-scènes de tampons, prouve le plan en le simulant et vous mène à travers le travail.</translation>
    </message>
    <message>
        <source>Plans scene cards from rubber stamps.</source>
        <translation>Planifie des cartes-scènes de tampons.</translation>
    </message>
    <message>
        <source>Plans that you open or save are found here.</source>
        <translation>Les plans que vous ouvrez ou enregistrez se retrouvent ici.</translation>
    </message>
    <message>
        <source>Plate</source>
        <translation>Plaque</translation>
    </message>
    <message>
        <source>Pop up %1</source>
        <translation>Relever %1</translation>
    </message>
    <message>
        <source>Powder clings to every damp ink near by. Stamped and embossed first it need not wait.</source>
        <translation>La poudre s'accroche à toute encre humide voisine. Tamponné et embossé d'abord, il n'a pas à attendre.</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>S'exercer</translation>
    </message>
    <message>
        <source>Preparing the %1</source>
        <translation>Préparation : %1</translation>
    </message>
    <message>
        <source>Press %1 again</source>
        <translation>Presser %1 de nouveau</translation>
    </message>
    <message>
        <source>Press %1 into the paper</source>
        <translation>Gaufrer %1 dans le papier</translation>
    </message>
    <message>
        <source>Press along the rim as well: the rubber bridges the step and leaves a thin bare line beside it.</source>
        <translation>Pressez aussi le long du bord : le caoutchouc enjambe la marche et laisse une fine ligne nue à côté.</translation>
    </message>
    <message>
        <source>Press as hands do: unevenly, pop-ups with their shadow</source>
        <translation>Presser comme des mains : inégalement, les reliefs avec leur ombre</translation>
    </message>
    <message>
        <source>Press firmly beside the masks: their thickness lifts the rubber and leaves a thin white line.</source>
        <translation>Pressez ferme à côté des masques : leur épaisseur lève le caoutchouc et laisse une fine ligne blanche.</translation>
    </message>
    <message>
        <source>Press it</source>
        <translation>Le presser</translation>
    </message>
    <message>
        <source>Press the one of the two that is nearer to you.</source>
        <translation>Pressez celui des deux qui est plus près de vous.</translation>
    </message>
    <message>
        <source>Press them from the nearest to the farthest.</source>
        <translation>Pressez-les du plus proche au plus lointain.</translation>
    </message>
    <message>
        <source>Pressi&amp;ng</source>
        <translation>Pressio&amp;n</translation>
    </message>
    <message>
        <source>Pressing</source>
        <translation>Pression</translation>
    </message>
    <message>
        <source>Pressings</source>
        <translation>Pressions</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Imprimer</translation>
    </message>
    <message>
        <source>Print %1</source>
        <translation>Imprimer %1</translation>
    </message>
    <message>
        <source>Print %1 masks</source>
        <translation>Imprimer %1 masques</translation>
    </message>
    <message>
        <source>Print %1 masks in %2</source>
        <translation>Imprimer %1 masques en %2</translation>
    </message>
    <message>
        <source>Print %1: this one</source>
        <translation>Imprimer %1 : celui-ci</translation>
    </message>
    <message>
        <source>Print 1 mask in %1</source>
        <translation>Imprimer 1 masque en %1</translation>
    </message>
    <message>
        <source>Print on &amp;Letter</source>
        <translation>Imprimer sur &amp;Letter</translation>
    </message>
    <message>
        <source>Print on A&amp;4</source>
        <translation>Imprimer sur A&amp;4</translation>
    </message>
    <message>
        <source>Print the %1</source>
        <translation>Imprimer %1</translation>
    </message>
    <message>
        <source>Print the %1…</source>
        <translation>Imprimer %1…</translation>
    </message>
    <message>
        <source>Print the cut list…</source>
        <translation>Imprimer la liste de coupe…</translation>
    </message>
    <message>
        <source>Print the mask of the %1</source>
        <translation>Imprimer le masque de %1</translation>
    </message>
    <message>
        <source>Print the masks</source>
        <translation>Imprimer les masques</translation>
    </message>
    <message>
        <source>Print the stamps to tape</source>
        <translation>Imprimer les tampons à masquer</translation>
    </message>
    <message>
        <source>Prints %1, %2.</source>
        <translation>Imprime %1, %2.</translation>
    </message>
    <message>
        <source>Prints %1, %2; from %3.</source>
        <translation>Imprime %1, %2 ; de %3.</translation>
    </message>
    <message>
        <source>Prints are taken to lie three times as exactly; cards are logged as made with it</source>
        <translation>Les empreintes sont supposées trois fois plus précises ; les cartes vont ainsi au journal</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Imprimer…</translation>
    </message>
    <message>
        <source>Proven</source>
        <translation>Prouvé</translation>
    </message>
    <message>
        <source>Pull a print of %1</source>
        <translation>Tirer une épreuve de %1</translation>
    </message>
    <message>
        <source>Push the paper with the mouse or the arrow keys; with Shift it goes farther. Pull beside it, roll the wheel, or press comma and full stop to turn it.</source>
        <translation>Poussez le papier à la souris ou aux flèches ; avec Maj il va plus loin. Tirez à côté, roulez la molette, ou pressez virgule et point pour le tourner.</translation>
    </message>
    <message>
        <source>Put %1 on foam</source>
        <translation>Mettre %1 sur mousse</translation>
    </message>
    <message>
        <source>Put %1 on foam, on %2</source>
        <translation>Mettre %1 sur mousse, sur %2</translation>
    </message>
    <message>
        <source>Put %1 on with %2</source>
        <translation>Mettre %1 avec %2</translation>
    </message>
    <message>
        <source>Put away</source>
        <translation>Ranger</translation>
    </message>
    <message>
        <source>Put in</source>
        <translation>Insérer</translation>
    </message>
    <message>
        <source>Put in a %1</source>
        <translation>Insérer un %1</translation>
    </message>
    <message>
        <source>Put it back</source>
        <translation>Le remettre</translation>
    </message>
    <message>
        <source>Put it in</source>
        <translation>L'insérer</translation>
    </message>
    <message>
        <source>Put it in front of %1</source>
        <translation>Le mettre devant %1</translation>
    </message>
    <message>
        <source>Put it on a strip of its own</source>
        <translation>Le mettre sur une bande à lui</translation>
    </message>
    <message>
        <source>Put it on the card</source>
        <translation>Le mettre sur la carte</translation>
    </message>
    <message>
        <source>Put on %1</source>
        <translation>Mettre %1</translation>
    </message>
    <message>
        <source>Put on a dot</source>
        <translation>Mettre un point</translation>
    </message>
    <message>
        <source>Put on one by one</source>
        <translation>Mettre un par un</translation>
    </message>
    <message>
        <source>Put on with</source>
        <translation>Mettre avec</translation>
    </message>
    <message>
        <source>Put the card into its envelope</source>
        <translation>Mettre la carte dans son enveloppe</translation>
    </message>
    <message>
        <source>Put the crowd on the card</source>
        <translation>Mettre la foule sur la carte</translation>
    </message>
    <message>
        <source>Put the hare on the card: click it among the stamps at the left.</source>
        <translation>Mettez le lièvre sur la carte : cliquez-le parmi les tampons à gauche (Hare).</translation>
    </message>
    <message>
        <source>Put the machine away</source>
        <translation>Ranger la machine</translation>
    </message>
    <message>
        <source>Put the mask back on and fill the pale gap with a marker or a small brush.</source>
        <translation>Remettez le masque et remplissez le vide pâle au feutre ou au petit pinceau.</translation>
    </message>
    <message>
        <source>Put the mends away</source>
        <translation>Ranger les réparations</translation>
    </message>
    <message>
        <source>Put the row on the card</source>
        <translation>Mettre le rang sur la carte</translation>
    </message>
    <message>
        <source>Put the steps of a card in order and lay the covers; the press shows what comes of it.</source>
        <translation>Mettez les étapes d'une carte en ordre et posez les caches ; la presse montre ce qu'il en vient.</translation>
    </message>
    <message>
        <source>Put them back</source>
        <translation>Les remettre</translation>
    </message>
    <message>
        <source>Raise a piece</source>
        <translation>Lever une pièce</translation>
    </message>
    <message>
        <source>Raise the horizon by %1</source>
        <translation>Lever l'horizon de %1</translation>
    </message>
    <message>
        <source>Reach of %1</source>
        <translation>Portée de %1</translation>
    </message>
    <message>
        <source>Reaches</source>
        <translation>Va jusqu'à</translation>
    </message>
    <message>
        <source>Reading %1</source>
        <translation>Lecture de %1</translation>
    </message>
    <message>
        <source>Reading the strip …</source>
        <translation>Lecture de la bande …</translation>
    </message>
    <message>
        <source>Reads %1 tall here: too small, it is %2.</source>
        <translation>Paraît haut de %1 ici : trop petit, ce devrait être %2.</translation>
    </message>
    <message>
        <source>Reads %1 tall here: too tall, it is %2.</source>
        <translation>Paraît haut de %1 ici : trop grand, ce devrait être %2.</translation>
    </message>
    <message>
        <source>Reads %1 tall, as it should: %2.</source>
        <translation>Paraît haut de %1, comme il faut : %2.</translation>
    </message>
    <message>
        <source>Ready on the tables:</source>
        <translation>Prêt sur les tables :</translation>
    </message>
    <message>
        <source>Ready ones</source>
        <translation>Tout prêts</translation>
    </message>
    <message>
        <source>Real height</source>
        <translation>Hauteur réelle</translation>
    </message>
    <message>
        <source>Reckon with this</source>
        <translation>Compter avec cela</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rétablir</translation>
    </message>
    <message>
        <source>Redo: %1</source>
        <translation>Rétablir : %1</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>Le remplacer</translation>
    </message>
    <message>
        <source>Return goes from the name to the height, and on to the next.</source>
        <translation>Entrée mène du nom à la hauteur, puis au suivant.</translation>
    </message>
    <message>
        <source>Return keeps it</source>
        <translation>Entrée la garde</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Droite</translation>
    </message>
    <message>
        <source>Right and neat</source>
        <translation>Juste et net</translation>
    </message>
    <message>
        <source>Risky joins</source>
        <translation>Raccords risqués</translation>
    </message>
    <message>
        <source>Room for a second word</source>
        <translation>Place pour un second mot</translation>
    </message>
    <message>
        <source>Round the wheel</source>
        <translation>Autour du cercle</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Rangs</translation>
    </message>
    <message>
        <source>Rub the new stamp with an eraser, then wipe it</source>
        <translation>Frottez le tampon neuf avec une gomme, puis essuyez-le</translation>
    </message>
    <message>
        <source>Rub the pencil out</source>
        <translation>Gommer le crayon</translation>
    </message>
    <message>
        <source>Rubber does not reach into pressed paper. Stamp it first, press the relief last, or keep the relief off it.</source>
        <translation>Le caoutchouc n'atteint pas le papier gaufré. Tamponnez d'abord, gaufrez en dernier, ou tenez le relief à l'écart.</translation>
    </message>
    <message>
        <source>Rubber rests on the ridges and leaves gaps. Stamp it first, let the paste be the last, or keep the paste off it.</source>
        <translation>Le caoutchouc repose sur les crêtes et laisse des vides. Tamponnez d'abord, que la pâte soit la dernière, ou tenez-la à l'écart.</translation>
    </message>
    <message>
        <source>Run sheet</source>
        <translation>Feuille de route</translation>
    </message>
    <message>
        <source>Run sheet for %1</source>
        <translation>Feuille de route pour %1</translation>
    </message>
    <message>
        <source>Runs the cut file through a simulated cutting machine that ships with Havlo</source>
        <translation>Fait passer le fichier de coupe par une machine simulée livrée avec Havlo</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Enregistrer</translation>
    </message>
    <message>
        <source>Save &amp;as…</source>
        <translation>Enregistrer &amp;sous…</translation>
    </message>
    <message>
        <source>Save all measures as a table</source>
        <translation>Enregistrer toutes les mesures en tableau</translation>
    </message>
    <message>
        <source>Save as PDF…</source>
        <translation>Enregistrer en PDF…</translation>
    </message>
    <message>
        <source>Save it</source>
        <translation>L’enregistrer</translation>
    </message>
    <message>
        <source>Save it as a PDF</source>
        <translation>L'enregistrer en PDF</translation>
    </message>
    <message>
        <source>Save plan and pictures in one file</source>
        <translation>Enregistrer plan et images en un fichier</translation>
    </message>
    <message>
        <source>Save the cut file</source>
        <translation>Enregistrer le fichier de coupe</translation>
    </message>
    <message>
        <source>Save the finished card as a drawing in layers</source>
        <translation>Enregistrer la carte finie comme dessin en calques</translation>
    </message>
    <message>
        <source>Save the finished card as a picture</source>
        <translation>Enregistrer la carte finie en image</translation>
    </message>
    <message>
        <source>Save the plan</source>
        <translation>Enregistrer le plan</translation>
    </message>
    <message>
        <source>Save under another name</source>
        <translation>Enregistrer sous un autre nom</translation>
    </message>
    <message>
        <source>Say how tall %1 is</source>
        <translation>Dire la hauteur de %1</translation>
    </message>
    <message>
        <source>Say it</source>
        <translation>Dites-le</translation>
    </message>
    <message>
        <source>Say that it is %1 tall in this story</source>
        <translation>Dire qu'il est haut de %1 dans cette histoire</translation>
    </message>
    <message>
        <source>Say what it is about. Three cards are composed from the stamps in the drawer; take one and change it.</source>
        <translation>Dites de quoi il s'agit. Trois cartes sont composées des tampons du tiroir ; prenez-en une et changez-la.</translation>
    </message>
    <message>
        <source>Scan or photograph the card as it is now, on something darker or lighter than its paper. Take masks off it first.</source>
        <translation>Scannez ou photographiez la carte telle qu'elle est, sur plus sombre ou plus clair que son papier. Ôtez d'abord les masques.</translation>
    </message>
    <message>
        <source>Scan or photograph the card on something darker or lighter than its paper, and hold the picture against the plan.</source>
        <translation>Scannez ou photographiez la carte sur plus sombre ou plus clair que son papier, et tenez l'image contre le plan.</translation>
    </message>
    <message>
        <source>Scans have from 50 to 4800 dots an inch.</source>
        <translation>Les numérisations ont de 50 à 4800 points par pouce.</translation>
    </message>
    <message>
        <source>Scatter</source>
        <translation>Semer</translation>
    </message>
    <message>
        <source>Scatter %1</source>
        <translation>Semer %1</translation>
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
        <translation>Des scènes de ce que vous avez ; chaque taille va à un point de vue. Chacune a été imprimée sur du papier simulé.</translation>
    </message>
    <message>
        <source>Schoo&amp;l</source>
        <translation>Faço&amp;n</translation>
    </message>
    <message>
        <source>School</source>
        <translation>Façon</translation>
    </message>
    <message>
        <source>School of %1</source>
        <translation>Façon de %1</translation>
    </message>
    <message>
        <source>School of the whole plan</source>
        <translation>Façon de tout le plan</translation>
    </message>
    <message>
        <source>Schools</source>
        <translation>Façons</translation>
    </message>
    <message>
        <source>Schools: mask, leave out, emboss, print over</source>
        <translation>Méthodes : masquer, réserver, embosser, surimprimer</translation>
    </message>
    <message>
        <source>Score and fold the base</source>
        <translation>Rainer et plier la carte double</translation>
    </message>
    <message>
        <source>Search the drawer</source>
        <translation>Chercher dans le tiroir</translation>
    </message>
    <message>
        <source>Seen as it prints; on the rubber everything is the other way round. Tape or wipe the hatched part.</source>
        <translation>Vu comme il imprime ; sur le caoutchouc tout est à l'envers. Masquez ou essuyez la partie hachurée.</translation>
    </message>
    <message>
        <source>Sent to</source>
        <translation>Envoyée à</translation>
    </message>
    <message>
        <source>Set</source>
        <translation>Jeu</translation>
    </message>
    <message>
        <source>Set %1 down</source>
        <translation>Poser %1</translation>
    </message>
    <message>
        <source>Set %1 level</source>
        <translation>Mettre %1 de niveau</translation>
    </message>
    <message>
        <source>Set %1 upright</source>
        <translation>Mettre %1 debout</translation>
    </message>
    <message>
        <source>Set back</source>
        <translation>Ramener</translation>
    </message>
    <message>
        <source>Set it &amp;upright</source>
        <translation>Le mettre &amp;debout</translation>
    </message>
    <message>
        <source>Set it level</source>
        <translation>Le mettre de niveau</translation>
    </message>
    <message>
        <source>Set up: %1</source>
        <translation>Installer : %1</translation>
    </message>
    <message>
        <source>Set…</source>
        <translation>Régler…</translation>
    </message>
    <message>
        <source>Shade %1</source>
        <translation>Ombrer %1</translation>
    </message>
    <message>
        <source>Shade it as the light falls</source>
        <translation>L'ombrer comme tombe la lumière</translation>
    </message>
    <message>
        <source>Shade it away from the light</source>
        <translation>L'ombrer loin de la lumière</translation>
    </message>
    <message>
        <source>Shaded</source>
        <translation>Ombré</translation>
    </message>
    <message>
        <source>Shadows run away from the light, each from its own foot.</source>
        <translation>Les ombres fuient la lumière, chacune depuis son pied.</translation>
    </message>
    <message>
        <source>Shape and cut them</source>
        <translation>Les former et couper</translation>
    </message>
    <message>
        <source>Share the error</source>
        <translation>Partager l'erreur</translation>
    </message>
    <message>
        <source>Shares of the pull</source>
        <translation>Parts de l'attrait</translation>
    </message>
    <message>
        <source>Shares the colours of %1</source>
        <translation>Partage les couleurs de %1</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Feuille</translation>
    </message>
    <message>
        <source>Show construction lines</source>
        <translation>Lignes de construction</translation>
    </message>
    <message>
        <source>Show me</source>
        <translation>Montrer</translation>
    </message>
    <message>
        <source>Show me how</source>
        <translation>Montrez-moi comment</translation>
    </message>
    <message>
        <source>Show the whole sheet</source>
        <translation>Montrer toute la feuille</translation>
    </message>
    <message>
        <source>Shows a</source>
        <translation>Montre</translation>
    </message>
    <message>
        <source>Simulating</source>
        <translation>Simulation</translation>
    </message>
    <message>
        <source>Six digits 0 to F, two each for red, green and blue, where you have them</source>
        <translation>Six chiffres de 0 à F, deux pour le rouge, le vert et le bleu, si vous les avez</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Taille</translation>
    </message>
    <message>
        <source>Size of a place</source>
        <translation>Taille d'une place</translation>
    </message>
    <message>
        <source>Size of one</source>
        <translation>Taille d'un</translation>
    </message>
    <message>
        <source>Size of specks that are dropped</source>
        <translation>Taille des poussières laissées</translation>
    </message>
    <message>
        <source>Size of the folded card</source>
        <translation>Taille de la carte pliée</translation>
    </message>
    <message>
        <source>Size of the masking sheet</source>
        <translation>Taille de la feuille à masquer</translation>
    </message>
    <message>
        <source>Size the opening</source>
        <translation>Taille de l'ouverture</translation>
    </message>
    <message>
        <source>Sizes</source>
        <translation>Tailles</translation>
    </message>
    <message>
        <source>Sizes and rows are by eye here</source>
        <translation>Tailles et rangs sont à l'œil ici</translation>
    </message>
    <message>
        <source>Sizes “%1”</source>
        <translation>Tailles « %1 »</translation>
    </message>
    <message>
        <source>Sizes, fold, mats and base</source>
        <translation>Dimensions, pli, passe-partout et carte de base</translation>
    </message>
    <message>
        <source>Sky in three steps: 3/4, 1/2, 1/4</source>
        <translation>Ciel en trois degrés : 3/4, 1/2, 1/4</translation>
    </message>
    <message>
        <source>Small parts are swallowed: keep them, and the finished card, from the very young.</source>
        <translation>Les petites pièces s’avalent : tenez-les, et la carte finie, loin des tout-petits.</translation>
    </message>
    <message>
        <source>Small things</source>
        <translation>Petites choses</translation>
    </message>
    <message>
        <source>Smaller, higher, closer together, paler: four ways to say far away, and they agree.</source>
        <translation>Plus petit, plus haut, plus serré, plus pâle : quatre façons de dire loin, et elles s’accordent.</translation>
    </message>
    <message>
        <source>Smallest envelope that takes it: %1, %2.</source>
        <translation>Plus petite enveloppe qui la prend : %1, %2.</translation>
    </message>
    <message>
        <source>So far the blade's tip trails behind its holder</source>
        <translation>Retard de la pointe de la lame sur son porte-lame</translation>
    </message>
    <message>
        <source>So much paper is lost along a cut</source>
        <translation>Papier perdu le long d’une coupe</translation>
    </message>
    <message>
        <source>Some ground</source>
        <translation>Un sol</translation>
    </message>
    <message>
        <source>Some of them otherwise</source>
        <translation>Certains autrement</translation>
    </message>
    <message>
        <source>Someone else at the table</source>
        <translation>Quelqu'un d'autre à la table</translation>
    </message>
    <message>
        <source>Something can sit here</source>
        <translation>Quelque chose peut s'asseoir ici</translation>
    </message>
    <message>
        <source>Something else</source>
        <translation>Autre chose</translation>
    </message>
    <message>
        <source>Something hangs from here</source>
        <translation>Quelque chose pend d'ici</translation>
    </message>
    <message>
        <source>Space them evenly</source>
        <translation>Les espacer également</translation>
    </message>
    <message>
        <source>Spacing</source>
        <translation>Écart</translation>
    </message>
    <message>
        <source>Spacing of %1</source>
        <translation>Écart de %1</translation>
    </message>
    <message>
        <source>Spray into a box and away from faces; do not breathe the mist in, air the room, mind the label.</source>
        <translation>Vaporisez dans une boîte, loin des visages ; ne respirez pas la brume, aérez, suivez l’étiquette.</translation>
    </message>
    <message>
        <source>Spread %1</source>
        <translation>Étaler %1</translation>
    </message>
    <message>
        <source>Stamp</source>
        <translation>Tampon</translation>
    </message>
    <message>
        <source>Stamp %1</source>
        <translation>Tamponner %1</translation>
    </message>
    <message>
        <source>Stamp %1 across the rim</source>
        <translation>Tamponner %1 par-dessus le rebord</translation>
    </message>
    <message>
        <source>Stamp %1 at another time</source>
        <translation>Tamponner %1 à un autre moment</translation>
    </message>
    <message>
        <source>Stamp %1 first</source>
        <translation>Tamponner %1 d'abord</translation>
    </message>
    <message>
        <source>Stamp %1 in %2</source>
        <translation>Tamponner %1 en %2</translation>
    </message>
    <message>
        <source>Stamp %1 now, before anything covers its place.</source>
        <translation>Tamponnez %1 maintenant, avant que rien ne couvre sa place.</translation>
    </message>
    <message>
        <source>Stamp %1 on a piece of its own</source>
        <translation>Tamponner %1 sur sa propre pièce</translation>
    </message>
    <message>
        <source>Stamp %1 on the paper for %2</source>
        <translation>Tamponner %1 sur le papier pour %2</translation>
    </message>
    <message>
        <source>Stamp a part of %1</source>
        <translation>Tamponner une partie de %1</translation>
    </message>
    <message>
        <source>Stamp a small filler over it: a tuft, a leaf, a bird.</source>
        <translation>Tamponnez un petit motif par-dessus : une touffe, une feuille, un oiseau.</translation>
    </message>
    <message>
        <source>Stamp all %1 in %2</source>
        <translation>Tamponner tout %1 en %2</translation>
    </message>
    <message>
        <source>Stamp all of %1</source>
        <translation>Tamponner tout %1</translation>
    </message>
    <message>
        <source>Stamp in %1: %2</source>
        <translation>Tamponner en %1 : %2</translation>
    </message>
    <message>
        <source>Stamp in this order</source>
        <translation>Tamponner dans cet ordre</translation>
    </message>
    <message>
        <source>Stamp instead</source>
        <translation>Tamponner plutôt</translation>
    </message>
    <message>
        <source>Stamp it a pressing later</source>
        <translation>Le tamponner une pression plus tard</translation>
    </message>
    <message>
        <source>Stamp it again on a piece of its own, cut it out and put it over.</source>
        <translation>Tamponnez-le encore sur sa propre pièce, découpez et posez par-dessus.</translation>
    </message>
    <message>
        <source>Stamp it as %1</source>
        <translation>Le tamponner comme %1</translation>
    </message>
    <message>
        <source>Stamp it before the others</source>
        <translation>Le tamponner avant les autres</translation>
    </message>
    <message>
        <source>Stamp it in %1</source>
        <translation>Le tamponner en %1</translation>
    </message>
    <message>
        <source>Stamp it in %1, %2</source>
        <translation>Le tamponner en %1, %2</translation>
    </message>
    <message>
        <source>Stamp on plain paper, scan or photograph it, and drop the picture here.</source>
        <translation>Tamponnez sur papier uni, scannez ou photographiez, et déposez l'image ici.</translation>
    </message>
    <message>
        <source>Stamp the words on a strip of their own and put that over it.</source>
        <translation>Tamponnez les mots sur une bande à part et posez-la dessus.</translation>
    </message>
    <message>
        <source>Stamp them a pressing later</source>
        <translation>Les tamponner une pression plus tard</translation>
    </message>
    <message>
        <source>Stamp them on plain paper and scan or photograph the sheet. Each is cut out at its true size.</source>
        <translation>Tamponnez-les sur papier uni, scannez ou photographiez la feuille. Chacun est découpé à sa vraie taille.</translation>
    </message>
    <message>
        <source>Stamp your stamps on plain paper, scan the sheet, and they are here at their true size within a minute each.</source>
        <translation>Tamponnez vos tampons sur papier uni, scannez la feuille, et ils sont ici à leur vraie taille, en une minute chacun.</translation>
    </message>
    <message>
        <source>Stamped as number %1 of %2</source>
        <translation>Tamponné en numéro %1 sur %2</translation>
    </message>
    <message>
        <source>Stamped as number %1 of %2, then covered</source>
        <translation>Tamponné en numéro %1 sur %2, puis couvert</translation>
    </message>
    <message>
        <source>Stamped next: %1. Which of these must lie covered?</source>
        <translation>Tamponné ensuite : %1. Lesquels doivent être couverts ?</translation>
    </message>
    <message>
        <source>Stamps</source>
        <translation>Tampons</translation>
    </message>
    <message>
        <source>Stamps cannot shrink: the ground keeps its depth, the sky takes what is left.</source>
        <translation>Les tampons ne rétrécissent pas : le sol garde sa profondeur, le ciel prend le reste.</translation>
    </message>
    <message>
        <source>Stamps in the drawer</source>
        <translation>Tampons dans le tiroir</translation>
    </message>
    <message>
        <source>Stamps of %1 and more lie off by %2, smaller ones by %3.</source>
        <translation>Les tampons de %1 et plus sont décalés de %2, les plus petits de %3.</translation>
    </message>
    <message>
        <source>Stamps of this plan, then others of the drawer</source>
        <translation>Tampons de ce plan, puis d'autres du tiroir</translation>
    </message>
    <message>
        <source>Stamps that need masks</source>
        <translation>Tampons qui demandent des masques</translation>
    </message>
    <message>
        <source>Stamps that were found</source>
        <translation>Tampons trouvés</translation>
    </message>
    <message>
        <source>Stamps to tape before pressing</source>
        <translation>Tampons à couvrir de ruban avant de presser</translation>
    </message>
    <message>
        <source>Stamps, %1 of each: %2</source>
        <translation>Tampons, %1 de chaque : %2</translation>
    </message>
    <message>
        <source>Stamps, one of each: %1</source>
        <translation>Tampons, un de chaque : %1</translation>
    </message>
    <message>
        <source>Stands %1 away.</source>
        <translation>Se tient à %1.</translation>
    </message>
    <message>
        <source>Stands right here, %1 away:</source>
        <translation>Est juste ici, à %1 :</translation>
    </message>
    <message>
        <source>Start again now</source>
        <translation>Recommencer maintenant</translation>
    </message>
    <message>
        <source>Start from the &amp;demo</source>
        <translation>Commencer par la &amp;démo</translation>
    </message>
    <message>
        <source>Start from the demo</source>
        <translation>Commencer par la démo</translation>
    </message>
    <message>
        <source>Start with the demo plan.</source>
        <translation>Commencez par le plan de démonstration.</translation>
    </message>
    <message>
        <source>Stencil</source>
        <translation>Pochoir</translation>
    </message>
    <message>
        <source>Stencil: %1</source>
        <translation>Pochoir : %1</translation>
    </message>
    <message>
        <source>Step %1</source>
        <translation>Étape %1</translation>
    </message>
    <message>
        <source>Step %1 of %2</source>
        <translation>Étape %1 sur %2</translation>
    </message>
    <message>
        <source>Step %1: %2</source>
        <translation>Étape %1 : %2</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Étapes</translation>
    </message>
    <message>
        <source>Steps of your own</source>
        <translation>Vos propres étapes</translation>
    </message>
    <message>
        <source>Steps: %1 instead of %2.</source>
        <translation>Étapes : %1 au lieu de %2.</translation>
    </message>
    <message>
        <source>Sticky</source>
        <translation>Collant</translation>
    </message>
    <message>
        <source>Sticky %1</source>
        <translation>%1 collant</translation>
    </message>
    <message>
        <source>Sticky band</source>
        <translation>Bande collante</translation>
    </message>
    <message>
        <source>Still drying: %1. The timers run on while you work.</source>
        <translation>Sèche encore : %1. Les minuteries tournent pendant que vous travaillez.</translation>
    </message>
    <message>
        <source>Stock</source>
        <translation>Stock</translation>
    </message>
    <message>
        <source>Stock in the drawer</source>
        <translation>Stock dans le tiroir</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Arrêter</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Arrêté.</translation>
    </message>
    <message>
        <source>Stopped. It begins again with the next change, or when you come back to this place.</source>
        <translation>Arrêté. Cela reprend au prochain changement, ou quand vous revenez ici.</translation>
    </message>
    <message>
        <source>Stopped. Nothing was changed.</source>
        <translation>Arrêté. Rien n'a été changé.</translation>
    </message>
    <message>
        <source>Straight on top only the darker, covering ink shows. Otherwise stamp it first and mask it.</source>
        <translation>Droit par-dessus, seule l'encre plus foncée et couvrante se voit. Sinon tamponnez-le d'abord et masquez-le.</translation>
    </message>
    <message>
        <source>Straightening the picture</source>
        <translation>Redressement de l'image</translation>
    </message>
    <message>
        <source>Strength</source>
        <translation>Force</translation>
    </message>
    <message>
        <source>Strength of %1</source>
        <translation>Force de %1</translation>
    </message>
    <message>
        <source>Strips, plain shapes and things on paper of their own, what lies inside, the envelope.</source>
        <translation>Bandes, formes simples et choses sur leur propre papier, ce qui va à l'intérieur, l'enveloppe.</translation>
    </message>
    <message>
        <source>Suggest arrangements</source>
        <translation>Proposer des arrangements</translation>
    </message>
    <message>
        <source>Suggest four</source>
        <translation>En proposer quatre</translation>
    </message>
    <message>
        <source>Suggest others</source>
        <translation>En proposer d'autres</translation>
    </message>
    <message>
        <source>Suggest three</source>
        <translation>En proposer trois</translation>
    </message>
    <message>
        <source>Suggested</source>
        <translation>Proposé</translation>
    </message>
    <message>
        <source>Suggestions</source>
        <translation>Propositions</translation>
    </message>
    <message>
        <source>Supposed are careful hands: masks laid to %1, cut to %2.</source>
        <translation>On suppose des mains soigneuses : masques posés à %1, coupés à %2.</translation>
    </message>
    <message>
        <source>Table</source>
        <translation>Tableau</translation>
    </message>
    <message>
        <source>Tags</source>
        <translation>Mots-clés</translation>
    </message>
    <message>
        <source>Take</source>
        <translation>Prendre</translation>
    </message>
    <message>
        <source>Take %1 away</source>
        <translation>Ôter %1</translation>
    </message>
    <message>
        <source>Take %1 instead</source>
        <translation>Prendre plutôt %1</translation>
    </message>
    <message>
        <source>Take %1 off</source>
        <translation>Enlever %1</translation>
    </message>
    <message>
        <source>Take %1 stamps into the drawer</source>
        <translation>Mettre %1 tampons dans le tiroir</translation>
    </message>
    <message>
        <source>Take a mat off</source>
        <translation>Enlever un passe-partout</translation>
    </message>
    <message>
        <source>Take a palette</source>
        <translation>Prendre une palette</translation>
    </message>
    <message>
        <source>Take a part away</source>
        <translation>Ôter une partie</translation>
    </message>
    <message>
        <source>Take a piece off</source>
        <translation>Enlever une pièce</translation>
    </message>
    <message>
        <source>Take a seat</source>
        <translation>Prendre place</translation>
    </message>
    <message>
        <source>Take a stamp with words from the drawer and put it on the card; then its place is found here.</source>
        <translation>Prenez dans le tiroir un tampon avec des mots et mettez-le sur la carte ; sa place est alors trouvée ici.</translation>
    </message>
    <message>
        <source>Take a variation off</source>
        <translation>Enlever une variante</translation>
    </message>
    <message>
        <source>Take all colour off %1</source>
        <translation>Ôter toute couleur de %1</translation>
    </message>
    <message>
        <source>Take colour off %1</source>
        <translation>Ôter la couleur de %1</translation>
    </message>
    <message>
        <source>Take colour out</source>
        <translation>Enlever de la couleur</translation>
    </message>
    <message>
        <source>Take colour out of %1</source>
        <translation>Enlever de la couleur de %1</translation>
    </message>
    <message>
        <source>Take in a drawer file</source>
        <translation>Reprendre un fichier de tiroir</translation>
    </message>
    <message>
        <source>Take it</source>
        <translation>La prendre</translation>
    </message>
    <message>
        <source>Take it &amp;off the card</source>
        <translation>L'ôter &amp;de la carte</translation>
    </message>
    <message>
        <source>Take it away</source>
        <translation>L'ôter</translation>
    </message>
    <message>
        <source>Take it off the card</source>
        <translation>L'ôter de la carte</translation>
    </message>
    <message>
        <source>Take it off the plan</source>
        <translation>L'ôter du plan</translation>
    </message>
    <message>
        <source>Take it off the stock</source>
        <translation>L'ôter du stock</translation>
    </message>
    <message>
        <source>Take it out of the log</source>
        <translation>L'ôter du journal</translation>
    </message>
    <message>
        <source>Take it up again</source>
        <translation>La reprendre</translation>
    </message>
    <message>
        <source>Take marks as one</source>
        <translation>Prendre les marques ensemble</translation>
    </message>
    <message>
        <source>Take mat %1 off</source>
        <translation>Enlever le passe-partout %1</translation>
    </message>
    <message>
        <source>Take me there</source>
        <translation>M’y conduire</translation>
    </message>
    <message>
        <source>Take off</source>
        <translation>Enlever</translation>
    </message>
    <message>
        <source>Take one stamp into the drawer</source>
        <translation>Mettre un tampon dans le tiroir</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Retirer</translation>
    </message>
    <message>
        <source>Take out %1</source>
        <translation>Retirer %1</translation>
    </message>
    <message>
        <source>Take out a step</source>
        <translation>Retirer une étape</translation>
    </message>
    <message>
        <source>Take the sample stamps</source>
        <translation>Prendre les tampons d'exemple</translation>
    </message>
    <message>
        <source>Take them into the drawer</source>
        <translation>Les prendre dans le tiroir</translation>
    </message>
    <message>
        <source>Take them off the card</source>
        <translation>Les ôter de la carte</translation>
    </message>
    <message>
        <source>Take this one</source>
        <translation>Prendre celui-ci</translation>
    </message>
    <message>
        <source>Take up</source>
        <translation>Reprendre</translation>
    </message>
    <message>
        <source>Take “%1”</source>
        <translation>Prendre « %1 »</translation>
    </message>
    <message>
        <source>Takes</source>
        <translation>Prend</translation>
    </message>
    <message>
        <source>Takes the colours of %1</source>
        <translation>Prend les couleurs de %1</translation>
    </message>
    <message>
        <source>Taking up %1</source>
        <translation>Reprise : %1</translation>
    </message>
    <message>
        <source>Tape over</source>
        <translation>Couvrir de ruban</translation>
    </message>
    <message>
        <source>Tape the border</source>
        <translation>Couvrir le bord de ruban</translation>
    </message>
    <message>
        <source>Tear %1</source>
        <translation>Déchirer %1</translation>
    </message>
    <message>
        <source>Tear it anew</source>
        <translation>Le déchirer à nouveau</translation>
    </message>
    <message>
        <source>Tear the edge anew</source>
        <translation>Déchirer le bord à nouveau</translation>
    </message>
    <message>
        <source>Tell me again</source>
        <translation>Me le redire</translation>
    </message>
    <message>
        <source>Tell the scale another way, or straighten a photo</source>
        <translation>Dire l'échelle autrement, ou redresser une photo</translation>
    </message>
    <message>
        <source>Text at %1 %</source>
        <translation>Texte à %1 %</translation>
    </message>
    <message>
        <source>That cannot be tried</source>
        <translation>Cela ne peut s'essayer</translation>
    </message>
    <message>
        <source>That card cannot be taken up: %1</source>
        <translation>Cette carte ne peut être reprise : %1</translation>
    </message>
    <message>
        <source>That card is at the table in another window. Leave it there first.</source>
        <translation>Cette carte est sur la table dans une autre fenêtre. Quittez-la d'abord là-bas.</translation>
    </message>
    <message>
        <source>That is a whole card: near and far, one hero, a sky, and the order to stamp it in. Make it on paper, or leave it for now; it is kept.</source>
        <translation>C’est une carte entière : du proche et du lointain, un héros, un ciel, et l’ordre pour la tamponner. Faites-la sur papier, ou laissez-la pour l’instant ; elle est gardée.</translation>
    </message>
    <message>
        <source>That is it</source>
        <translation>C'est cela</translation>
    </message>
    <message>
        <source>That tall</source>
        <translation>Haut comme cela</translation>
    </message>
    <message>
        <source>The %1 is in %2, %3 pages at true size.</source>
        <translation>La %1 est dans %2, %3 pages en vraie grandeur.</translation>
    </message>
    <message>
        <source>The %1 is in %2, one page at true size.</source>
        <translation>%1 : dans %2, une page en vraie grandeur.</translation>
    </message>
    <message>
        <source>The %1 mat</source>
        <translation>Le passe-partout %1</translation>
    </message>
    <message>
        <source>The %1, before it is printed</source>
        <translation>Avant d’imprimer : %1</translation>
    </message>
    <message>
        <source>The &amp;whole card</source>
        <translation>La carte &amp;entière</translation>
    </message>
    <message>
        <source>The background</source>
        <translation>Le fond</translation>
    </message>
    <message>
        <source>The base</source>
        <translation>La carte double</translation>
    </message>
    <message>
        <source>The base is smaller than what lies on it: take a larger one, or narrower mats.</source>
        <translation>La carte double est plus petite que ce qu'elle porte : prenez-en une plus grande, ou des passe-partout plus étroits.</translation>
    </message>
    <message>
        <source>The base shows %1 more on one pair of sides than on the other.</source>
        <translation>La carte double se voit de %1 de plus sur une paire de côtés que sur l'autre.</translation>
    </message>
    <message>
        <source>The base, opened: cut on the line, score on the dots</source>
        <translation>La carte double, ouverte : couper sur le trait, rainer sur les points</translation>
    </message>
    <message>
        <source>The base: cut on the line</source>
        <translation>La carte double : couper sur le trait</translation>
    </message>
    <message>
        <source>The blade trails</source>
        <translation>Retard de la lame</translation>
    </message>
    <message>
        <source>The card</source>
        <translation>La carte</translation>
    </message>
    <message>
        <source>The card and what is seen of it</source>
        <translation>La carte et ce qu'on en voit</translation>
    </message>
    <message>
        <source>The card as it is before a light, a toned and a dark base or mat.</source>
        <translation>La carte telle qu'elle est devant une carte double ou un passe-partout clair, teinté et sombre.</translation>
    </message>
    <message>
        <source>The card as it is now</source>
        <translation>La carte telle qu'elle est</translation>
    </message>
    <message>
        <source>The card as it will look. Page Down goes from thing to thing, arrow keys move the chosen one, K keeps it chosen while Page Down goes on.</source>
        <translation>La carte telle qu’elle sera. « Page suivante » va de chose en chose, les flèches déplacent la choisie, K la garde choisie pendant que l’on continue.</translation>
    </message>
    <message>
        <source>The card at this step</source>
        <translation>La carte à cette étape</translation>
    </message>
    <message>
        <source>The card coloured</source>
        <translation>La carte colorée</translation>
    </message>
    <message>
        <source>The card comes out as planned.</source>
        <translation>La carte sort comme prévu.</translation>
    </message>
    <message>
        <source>The card differs here from what was planned.</source>
        <translation>Ici la carte diffère de ce qui était prévu.</translation>
    </message>
    <message>
        <source>The card drawn to scale</source>
        <translation>La carte dessinée à l'échelle</translation>
    </message>
    <message>
        <source>The card from an angle</source>
        <translation>La carte en biais</translation>
    </message>
    <message>
        <source>The card from the side</source>
        <translation>La carte de côté</translation>
    </message>
    <message>
        <source>The card has changed; ask again.</source>
        <translation>La carte a changé ; demandez à nouveau.</translation>
    </message>
    <message>
        <source>The card in the making could not be kept: %1</source>
        <translation>La carte en cours n'a pu être gardée : %1</translation>
    </message>
    <message>
        <source>The card is %1 g heavier than your post takes. A lighter base or one mat less helps.</source>
        <translation>La carte pèse %1 g de plus que ne prend votre poste. Une carte double plus légère ou un passe-partout de moins aide.</translation>
    </message>
    <message>
        <source>The card is %1 thicker than your post takes. Thinner foam, or something flat, helps.</source>
        <translation>La carte est plus épaisse de %1 que ne prend votre poste. Une mousse plus mince, ou du plat, aide.</translation>
    </message>
    <message>
        <source>The card is called “%1” instead of “%2”.</source>
        <translation>La carte s’appelle « %1 » au lieu de « %2 ».</translation>
    </message>
    <message>
        <source>The card is done</source>
        <translation>La carte est faite</translation>
    </message>
    <message>
        <source>The card is empty. Put a first stamp on it: it comes to where its size is right.</source>
        <translation>La carte est vide. Mettez un premier tampon : il vient là où sa taille est juste.</translation>
    </message>
    <message>
        <source>The card opened</source>
        <translation>La carte ouverte</translation>
    </message>
    <message>
        <source>The card that was begun is dropped.</source>
        <translation>La carte commencée est abandonnée.</translation>
    </message>
    <message>
        <source>The card tips to the left</source>
        <translation>La carte penche à gauche</translation>
    </message>
    <message>
        <source>The card tips to the right</source>
        <translation>La carte penche à droite</translation>
    </message>
    <message>
        <source>The card to make</source>
        <translation>La carte à faire</translation>
    </message>
    <message>
        <source>The card's plan cannot be read: %1</source>
        <translation>Le plan de la carte ne peut être lu : %1</translation>
    </message>
    <message>
        <source>The card, to be coloured by hand</source>
        <translation>La carte, à colorer à la main</translation>
    </message>
    <message>
        <source>The chapter</source>
        <translation>Le chapitre</translation>
    </message>
    <message>
        <source>The chosen thing</source>
        <translation>La chose choisie</translation>
    </message>
    <message>
        <source>The chosen thing fills the view. The wheel, + and - look from nearer and farther; dragging with Shift held or the middle button moves the card.</source>
        <translation>La chose choisie remplit la vue. La molette, + et - regardent de plus près et de plus loin ; glisser avec Maj ou le bouton du milieu déplace la carte.</translation>
    </message>
    <message>
        <source>The colour of %1 jumps out</source>
        <translation>La couleur de %1 saute aux yeux</translation>
    </message>
    <message>
        <source>The curve on the walk shows how much ink the mist leaves at every distance.</source>
        <translation>La courbe sur la promenade montre combien d’encre la brume laisse à chaque distance.</translation>
    </message>
    <message>
        <source>The cutting machine…</source>
        <translation>La machine à découper…</translation>
    </message>
    <message>
        <source>The darker side is the one away from the light.</source>
        <translation>Le côté sombre est celui qui tourne le dos à la lumière.</translation>
    </message>
    <message>
        <source>The drawer cannot be opened.</source>
        <translation>Le tiroir ne peut être ouvert.</translation>
    </message>
    <message>
        <source>The drawer is empty</source>
        <translation>Le tiroir est vide</translation>
    </message>
    <message>
        <source>The drawer is packed in %1.</source>
        <translation>Le tiroir est emballé dans %1.</translation>
    </message>
    <message>
        <source>The drawer is read-only: you can look and take, but nothing can be changed in it.</source>
        <translation>Le tiroir est en lecture seule : vous pouvez regarder et prendre, mais rien n'y peut changer.</translation>
    </message>
    <message>
        <source>The drawer keeps no mask of these stamps. After a card is made, its masks can be kept.</source>
        <translation>Le tiroir ne garde aucun masque de ces tampons. Une carte faite, ses masques peuvent être gardés.</translation>
    </message>
    <message>
        <source>The drawer was damaged and there is no backup. It was set aside as %1; this one begins empty.</source>
        <translation>Le tiroir était abîmé et il n'y a pas de copie. Il a été mis de côté comme %1 ; celui-ci commence vide.</translation>
    </message>
    <message>
        <source>The drawer was damaged. It was set aside as %1, and the backup from %2 took its place.</source>
        <translation>Le tiroir était abîmé. Il a été mis de côté comme %1, et la copie du %2 l'a remplacé.</translation>
    </message>
    <message>
        <source>The drawing does not say its size in millimetres: how wide is all of it?</source>
        <translation>Le dessin ne dit pas sa taille en millimètres : quelle est sa largeur totale ?</translation>
    </message>
    <message>
        <source>The drawing says how large it is.</source>
        <translation>Le dessin dit sa taille.</translation>
    </message>
    <message>
        <source>The envelope's flap, to be stamped</source>
        <translation>Le rabat de l'enveloppe, à tamponner</translation>
    </message>
    <message>
        <source>The eye begins at %1 instead of %2.</source>
        <translation>L'œil commence à %1 au lieu de %2.</translation>
    </message>
    <message>
        <source>The eye goes where it looks; it needs more room before it than behind it.</source>
        <translation>L'œil va où elle regarde ; il lui faut plus de place devant que derrière.</translation>
    </message>
    <message>
        <source>The eye still begins at %1.</source>
        <translation>L'œil commence encore à %1.</translation>
    </message>
    <message>
        <source>The eyes are at %1 instead of %2.</source>
        <translation>Les yeux sont à %1 au lieu de %2.</translation>
    </message>
    <message>
        <source>The file does not say how large it is. Mark something whose size you know.</source>
        <translation>Le fichier ne dit pas sa taille. Marquez quelque chose dont vous connaissez la mesure.</translation>
    </message>
    <message>
        <source>The finished card as a &amp;picture…</source>
        <translation>La carte finie en &amp;image…</translation>
    </message>
    <message>
        <source>The finished card as a drawing in la&amp;yers…</source>
        <translation>La carte finie comme dessin en cal&amp;ques…</translation>
    </message>
    <message>
        <source>The first %1 are shown. What is not can be typed.</source>
        <translation>Les %1 premiers sont montrés. Le reste peut se taper.</translation>
    </message>
    <message>
        <source>The first thing sets the view: seen from %1 it stands right. Under “The one viewpoint” it can be changed.</source>
        <translation>La première chose règle la vue : vue de %1 elle est juste. Sous « L'unique point de vue » cela peut changer.</translation>
    </message>
    <message>
        <source>The foot: arrow keys move it</source>
        <translation>Le pied : les flèches le déplacent</translation>
    </message>
    <message>
        <source>The front</source>
        <translation>L'avant</translation>
    </message>
    <message>
        <source>The greeting</source>
        <translation>Le vœu</translation>
    </message>
    <message>
        <source>The hero</source>
        <translation>Le héros</translation>
    </message>
    <message>
        <source>The hero against its surroundings</source>
        <translation>Le héros et ce qui l'entoure</translation>
    </message>
    <message>
        <source>The hero has %1 % of the pull; %2.</source>
        <translation>Le héros a %1 % de l'attrait ; %2.</translation>
    </message>
    <message>
        <source>The hero has %1 of the pull; %2, %3.</source>
        <translation>Le héros a %1 de l'attrait ; %2, %3.</translation>
    </message>
    <message>
        <source>The hero keeps its colour; everything else is stamped and blended in greys.</source>
        <translation>Le héros garde sa couleur ; tout le reste est tamponné et estompé en gris.</translation>
    </message>
    <message>
        <source>The hero should be seen whole, or nearly so.</source>
        <translation>Le héros doit se voir entier, ou presque.</translation>
    </message>
    <message>
        <source>The horizon belongs at %1.</source>
        <translation>L'horizon est à sa place à %1.</translation>
    </message>
    <message>
        <source>The horizon crosses %1 %2, and everything else of its height there too.</source>
        <translation>L'horizon croise %1 à %2, et tout ce qui a sa hauteur y est aussi.</translation>
    </message>
    <message>
        <source>The horizon is %1 higher.</source>
        <translation>L’horizon est %1 plus haut.</translation>
    </message>
    <message>
        <source>The horizon is %1 lower.</source>
        <translation>L’horizon est %1 plus bas.</translation>
    </message>
    <message>
        <source>The horizon runs through the head of %1</source>
        <translation>L'horizon traverse la tête de %1</translation>
    </message>
    <message>
        <source>The horizon would have to lie off the card, at %1.</source>
        <translation>L'horizon devrait être hors de la carte, à %1.</translation>
    </message>
    <message>
        <source>The letters “%1” are longer than their line</source>
        <translation>Les lettres « %1 » sont plus longues que leur ligne</translation>
    </message>
    <message>
        <source>The letters “%1” run into %2</source>
        <translation>Les lettres « %1 » entrent dans %2</translation>
    </message>
    <message>
        <source>The light</source>
        <translation>La lumière</translation>
    </message>
    <message>
        <source>The light comes from outside the picture, the same for everything.</source>
        <translation>La lumière vient de hors de l'image, la même pour tout.</translation>
    </message>
    <message>
        <source>The light stands in the sky: every light side is the one toward it.</source>
        <translation>La lumière est dans le ciel : chaque côté clair est tourné vers elle.</translation>
    </message>
    <message>
        <source>The line is</source>
        <translation>Le trait fait</translation>
    </message>
    <message>
        <source>The line of work</source>
        <translation>Le fil du travail</translation>
    </message>
    <message>
        <source>The lines of the picture lead past %1</source>
        <translation>Les lignes de l'image mènent à côté de %1</translation>
    </message>
    <message>
        <source>The log cannot be opened: %1</source>
        <translation>Le journal ne peut être ouvert : %1</translation>
    </message>
    <message>
        <source>The log's database was damaged. It was set aside as %1 and made anew from the journal.</source>
        <translation>La base du journal était abîmée. Elle a été mise de côté comme %1 et refaite d'après le carnet.</translation>
    </message>
    <message>
        <source>The machine: %1…</source>
        <translation>La machine : %1…</translation>
    </message>
    <message>
        <source>The maker of the blade tells it; 0 for a blade that is turned by the machine</source>
        <translation>Le fabricant de la lame l’indique ; 0 pour une lame que la machine oriente</translation>
    </message>
    <message>
        <source>The mask of the stamp %1</source>
        <translation>Le masque du tampon %1</translation>
    </message>
    <message>
        <source>The mask of what shows of %1</source>
        <translation>Le masque de ce qu’on voit de %1</translation>
    </message>
    <message>
        <source>The mask that goes on %1 is still wet</source>
        <translation>Le masque qui va sur %1 est encore humide</translation>
    </message>
    <message>
        <source>The masks</source>
        <translation>Les masques</translation>
    </message>
    <message>
        <source>The masks are still being laid out; try again in a moment.</source>
        <translation>La disposition des masques se fait encore ; réessayez dans un instant.</translation>
    </message>
    <message>
        <source>The mat</source>
        <translation>Le passe-partout</translation>
    </message>
    <message>
        <source>The mist leaves %1 % of its ink; pressed like this it has %2 %.</source>
        <translation>La brume lui laisse %1 % de son encre ; pressé ainsi il en a %2 %.</translation>
    </message>
    <message>
        <source>The name; what is learnt is kept for each by itself.</source>
        <translation>Le nom ; ce qui est appris est gardé pour chacun séparément.</translation>
    </message>
    <message>
        <source>The next lesson</source>
        <translation>La leçon suivante</translation>
    </message>
    <message>
        <source>The next one</source>
        <translation>Le suivant</translation>
    </message>
    <message>
        <source>The older drafts are in the wastebasket now, in case you miss one.</source>
        <translation>Les brouillons plus anciens sont dans la corbeille, au cas où l’un vous manquerait.</translation>
    </message>
    <message>
        <source>The one paper over %1</source>
        <translation>Le papier unique sur %1</translation>
    </message>
    <message>
        <source>The one should lie over the other, yet in between %1 must be stamped. Printed over everything at the end, it is free of that.</source>
        <translation>L'un doit être par-dessus l'autre, mais entre les deux il faut tamponner %1. Imprimé à la fin par-dessus tout, il en est libre.</translation>
    </message>
    <message>
        <source>The one should lie over the other, yet what it covers is stamped in between. Printed over everything at the end, it is free of that.</source>
        <translation>L'un doit être par-dessus l'autre, mais ce qu'il couvre est tamponné entre-temps. Imprimé à la fin par-dessus tout, il en est libre.</translation>
    </message>
    <message>
        <source>The one thing that is measured has its right size.</source>
        <translation>La seule chose mesurée a sa juste taille.</translation>
    </message>
    <message>
        <source>The one viewpoint</source>
        <translation>L'unique point de vue</translation>
    </message>
    <message>
        <source>The open plan has it as it was before you changed it here.</source>
        <translation>Le plan ouvert l'a comme avant votre changement ici.</translation>
    </message>
    <message>
        <source>The other size</source>
        <translation>L'autre format</translation>
    </message>
    <message>
        <source>The outline is open at %1 places: close it?</source>
        <translation>Le contour est ouvert à %1 endroits : le fermer ?</translation>
    </message>
    <message>
        <source>The outline is open at one place: close it?</source>
        <translation>Le contour est ouvert à un endroit : le fermer ?</translation>
    </message>
    <message>
        <source>The panel</source>
        <translation>Le panneau</translation>
    </message>
    <message>
        <source>The part of %1 is no straight one</source>
        <translation>La partie de %1 n'est pas un trait droit</translation>
    </message>
    <message>
        <source>The picture</source>
        <translation>L’image</translation>
    </message>
    <message>
        <source>The print and its paper</source>
        <translation>L'empreinte et son papier</translation>
    </message>
    <message>
        <source>The printed square was not found in this picture. It must be whole and not in shadow.</source>
        <translation>Le carré imprimé n'a pas été trouvé dans cette image. Il doit être entier et hors de l'ombre.</translation>
    </message>
    <message>
        <source>The printer did not take the %1.</source>
        <translation>L'imprimante n'a pas pris la %1.</translation>
    </message>
    <message>
        <source>The proof</source>
        <translation>La preuve</translation>
    </message>
    <message>
        <source>The reading</source>
        <translation>La lecture</translation>
    </message>
    <message>
        <source>The room</source>
        <translation>La pièce</translation>
    </message>
    <message>
        <source>The row from %1</source>
        <translation>Le rang depuis %1</translation>
    </message>
    <message>
        <source>The row of %1 does not recede</source>
        <translation>Le rang de %1 ne s'éloigne pas</translation>
    </message>
    <message>
        <source>The same card on each, and how much of the pull the hero has there.</source>
        <translation>La même carte sur chacun, et quelle part de l'attrait y a le héros.</translation>
    </message>
    <message>
        <source>The same once more</source>
        <translation>La même encore une fois</translation>
    </message>
    <message>
        <source>The same scene with other stamps, light or colours.</source>
        <translation>La même scène avec d'autres tampons, lumière ou couleurs.</translation>
    </message>
    <message>
        <source>The sample stamps</source>
        <translation>Les tampons d'exemple</translation>
    </message>
    <message>
        <source>The saved plan cannot be read.</source>
        <translation>Le plan enregistré ne peut pas être lu.</translation>
    </message>
    <message>
        <source>The scanned sheet</source>
        <translation>La feuille scannée</translation>
    </message>
    <message>
        <source>The scene</source>
        <translation>La scène</translation>
    </message>
    <message>
        <source>The scene begins at %1 m</source>
        <translation>La scène commence à %1 m</translation>
    </message>
    <message>
        <source>The scene from the side. Up and down arrows go from thing to thing, left and right ones move the chosen thing nearer and farther; V takes hold of mist and other blends.</source>
        <translation>La scène de côté. Flèches haut et bas vont de chose en chose, gauche et droite l'approchent et l'éloignent ; V prend la brume et les autres estompes.</translation>
    </message>
    <message>
        <source>The shadow of %1 falls the wrong way</source>
        <translation>L'ombre de %1 tombe du mauvais côté</translation>
    </message>
    <message>
        <source>The sheet for the class</source>
        <translation>La feuille de l’atelier</translation>
    </message>
    <message>
        <source>The sheets are out of the drawer, %1 offcuts are in it.</source>
        <translation>Les feuilles sont sorties du tiroir, %1 chutes y sont.</translation>
    </message>
    <message>
        <source>The sheets are out of the drawer, one offcut is in it.</source>
        <translation>Les feuilles sont sorties du tiroir, une chute y est.</translation>
    </message>
    <message>
        <source>The sheets are out of the drawer.</source>
        <translation>Les feuilles sont sorties du tiroir.</translation>
    </message>
    <message>
        <source>The sheets as they are cut</source>
        <translation>Les feuilles à couper</translation>
    </message>
    <message>
        <source>The shelf</source>
        <translation>L’étagère</translation>
    </message>
    <message>
        <source>The simulated card equals what you planned, but for the hair a hand leaves along masks.</source>
        <translation>La carte simulée est celle que vous avez prévue, au cheveu près qu’une main laisse le long des masques.</translation>
    </message>
    <message>
        <source>The simulated card equals what you planned.</source>
        <translation>La carte simulée est ce que vous avez prévu.</translation>
    </message>
    <message>
        <source>The stamp</source>
        <translation>Le tampon</translation>
    </message>
    <message>
        <source>The stamp and its mask</source>
        <translation>Le tampon et son masque</translation>
    </message>
    <message>
        <source>The stand-in makes this card with hands that err a little, and takes its picture.</source>
        <translation>La doublure fait cette carte avec des mains qui se trompent un peu, et en prend l'image.</translation>
    </message>
    <message>
        <source>The stand-in scanner is at work</source>
        <translation>Le scanner de remplacement travaille</translation>
    </message>
    <message>
        <source>The step</source>
        <translation>L’étape</translation>
    </message>
    <message>
        <source>The steps</source>
        <translation>Les étapes</translation>
    </message>
    <message>
        <source>The steps in their order</source>
        <translation>Les étapes dans l’ordre</translation>
    </message>
    <message>
        <source>The teacher has the masks cut</source>
        <translation>Les masques sont déjà découpés</translation>
    </message>
    <message>
        <source>The thing</source>
        <translation>La chose</translation>
    </message>
    <message>
        <source>The thing, not the stamp: without it Havlo cannot say where it may stand</source>
        <translation>La chose, pas le tampon : sans cela Havlo ne peut dire où elle peut être</translation>
    </message>
    <message>
        <source>The walk</source>
        <translation>La promenade</translation>
    </message>
    <message>
        <source>The walk: the same scene from the side</source>
        <translation>La promenade : la même scène de côté</translation>
    </message>
    <message>
        <source>The washes, in the order they are blended</source>
        <translation>Les estompes, dans l'ordre où on les pose</translation>
    </message>
    <message>
        <source>The weight lies %1left of the middle (%2).</source>
        <translation>Le poids est à %1gauche du milieu (%2).</translation>
    </message>
    <message>
        <source>The weight lies %1right of the middle (%2).</source>
        <translation>Le poids est à %1droite du milieu (%2).</translation>
    </message>
    <message>
        <source>The weight lies in the middle.</source>
        <translation>Le poids est au milieu.</translation>
    </message>
    <message>
        <source>The white of %1 lies under %2</source>
        <translation>Le blanc de %1 est sous %2</translation>
    </message>
    <message>
        <source>The white of %1 stands on bare paper</source>
        <translation>Le blanc de %1 est sur du papier nu</translation>
    </message>
    <message>
        <source>The whole card</source>
        <translation>La carte entière</translation>
    </message>
    <message>
        <source>Their colours hardly differ. From about 10 on they are told apart at a glance.</source>
        <translation>Leurs couleurs diffèrent à peine. À partir de 10 environ on les distingue d'un coup d'œil.</translation>
    </message>
    <message>
        <source>Then the hero has %1 % of the pull instead of %2 %.</source>
        <translation>Alors le héros a %1 % de l'attrait au lieu de %2 %.</translation>
    </message>
    <message>
        <source>There are</source>
        <translation>Il y a</translation>
    </message>
    <message>
        <source>There are no stamps in this plan. Take some from your drawer, begin with the demo, or open a plan of yours.</source>
        <translation>Il n'y a pas de tampon dans ce plan. Prenez-en dans votre tiroir, commencez par la démo, ou ouvrez un de vos plans.</translation>
    </message>
    <message>
        <source>There is</source>
        <translation>Il y a</translation>
    </message>
    <message>
        <source>There is %1, of %2 of join in all.</source>
        <translation>Il y a %1, sur %2 de raccord en tout.</translation>
    </message>
    <message>
        <source>There is no %1.</source>
        <translation>%1 n’existe pas.</translation>
    </message>
    <message>
        <source>There is no folder %1.</source>
        <translation>Le dossier %1 n’existe pas.</translation>
    </message>
    <message>
        <source>There is no greeting on the card.</source>
        <translation>Il n'y a pas de vœu sur la carte.</translation>
    </message>
    <message>
        <source>There is no picture in this folder.</source>
        <translation>Il n’y a pas d’image dans ce dossier.</translation>
    </message>
    <message>
        <source>There is no plain space</source>
        <translation>Il n'y a pas de place libre</translation>
    </message>
    <message>
        <source>There is no wastebasket where these drafts are. They stay here: %1.</source>
        <translation>Il n’y a pas de corbeille là où sont ces brouillons. Ils restent ici : %1.</translation>
    </message>
    <message>
        <source>There is not enough memory for this. Nothing was changed.</source>
        <translation>La mémoire ne suffit pas pour cela. Rien n'a été changé.</translation>
    </message>
    <message>
        <source>There is nothing on the card yet.</source>
        <translation>Il n'y a encore rien sur la carte.</translation>
    </message>
    <message>
        <source>There is nothing to explain here. F1 opens the handbook.</source>
        <translation>Il n’y a rien à expliquer ici. F1 ouvre le manuel.</translation>
    </message>
    <message>
        <source>There is nothing to make yet.</source>
        <translation>Il n’y a encore rien à faire.</translation>
    </message>
    <message>
        <source>There is one size only: paler pressings and the spacing must do the rest.</source>
        <translation>Il n'y a qu'une taille : des pressions plus pâles et l'espacement doivent faire le reste.</translation>
    </message>
    <message>
        <source>These %1 to the wastebasket</source>
        <translation>Ces %1 à la corbeille</translation>
    </message>
    <message>
        <source>They are</source>
        <translation>Ce sont</translation>
    </message>
    <message>
        <source>They need a base line of about %1: drag one.</source>
        <translation>Il leur faut une ligne de base d'environ %1 : tirez-en une.</translation>
    </message>
    <message>
        <source>They need about %1.</source>
        <translation>Il leur faut environ %1.</translation>
    </message>
    <message>
        <source>They touch and are covered together: one piece of paper does for all of them.</source>
        <translation>Ils se touchent et sont couverts ensemble : un seul papier suffit pour tous.</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>Épaisseur</translation>
    </message>
    <message>
        <source>Thickness of the paper</source>
        <translation>Épaisseur du papier</translation>
    </message>
    <message>
        <source>Thing</source>
        <translation>Chose</translation>
    </message>
    <message>
        <source>Things are everywhere, above the ground too, and touch as they come.</source>
        <translation>Les choses sont partout, même au-dessus du sol, et se touchent comme elles viennent.</translation>
    </message>
    <message>
        <source>Things stand in layers here</source>
        <translation>Les choses sont ici par couches</translation>
    </message>
    <message>
        <source>This &amp;point is for</source>
        <translation>Ce &amp;point est pour</translation>
    </message>
    <message>
        <source>This card came from an older log, without its plan.</source>
        <translation>Cette carte vient d'un journal plus ancien, sans son plan.</translation>
    </message>
    <message>
        <source>This card has no viewpoint.</source>
        <translation>Cette carte n'a pas de point de vue.</translation>
    </message>
    <message>
        <source>This card is in no file yet. What you do is kept beside, and offered again after a fall.</source>
        <translation>Cette carte n’est encore dans aucun fichier. Ce que vous faites est gardé à côté, et proposé de nouveau après une chute.</translation>
    </message>
    <message>
        <source>This card needs no mask.</source>
        <translation>Cette carte n'a besoin d'aucun masque.</translation>
    </message>
    <message>
        <source>This card on another size</source>
        <translation>Cette carte dans un autre format</translation>
    </message>
    <message>
        <source>This card, arranged better</source>
        <translation>Cette carte, mieux arrangée</translation>
    </message>
    <message>
        <source>This card, done wholly one way</source>
        <translation>Cette carte, faite d'une seule façon</translation>
    </message>
    <message>
        <source>This card, freshened</source>
        <translation>Cette carte, rafraîchie</translation>
    </message>
    <message>
        <source>This computer</source>
        <translation>Cet ordinateur</translation>
    </message>
    <message>
        <source>This could not be done (%1). Nothing was changed.</source>
        <translation>Cela n'a pu se faire (%1). Rien n'a été changé.</translation>
    </message>
    <message>
        <source>This could not be done. Nothing was changed.</source>
        <translation>Cela n'a pu se faire. Rien n'a été changé.</translation>
    </message>
    <message>
        <source>This folder</source>
        <translation>Ce dossier</translation>
    </message>
    <message>
        <source>This is a pattern all over the card</source>
        <translation>C'est un motif sur toute la carte</translation>
    </message>
    <message>
        <source>This is your own order, as good as the best.</source>
        <translation>C'est votre propre ordre, aussi bon que le meilleur.</translation>
    </message>
    <message>
        <source>This is your own order.</source>
        <translation>C'est votre propre ordre.</translation>
    </message>
    <message>
        <source>This is your own order; the best takes %1 less.</source>
        <translation>C'est votre propre ordre ; le meilleur prend %1 de moins.</translation>
    </message>
    <message>
        <source>This one I know</source>
        <translation>Celui-ci, je le connais</translation>
    </message>
    <message>
        <source>This part of the card is done</source>
        <translation>Cette partie de la carte est faite</translation>
    </message>
    <message>
        <source>This point is for nothing</source>
        <translation>Ce point n'est pour rien</translation>
    </message>
    <message>
        <source>This step before</source>
        <translation>Cette étape avant</translation>
    </message>
    <message>
        <source>This wants a hero and inks of colour, in the plan or in the drawer.</source>
        <translation>Il faut pour cela un héros et des encres de couleur, dans le plan ou le tiroir.</translation>
    </message>
    <message>
        <source>Tile or board</source>
        <translation>Carreau ou planche</translation>
    </message>
    <message>
        <source>Tiles of %1 m</source>
        <translation>Carreaux de %1 m</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Temps</translation>
    </message>
    <message>
        <source>Time at the table: %1 min instead of %2.</source>
        <translation>Temps à la table : %1 min au lieu de %2.</translation>
    </message>
    <message>
        <source>Time for blending</source>
        <translation>Temps pour estomper</translation>
    </message>
    <message>
        <source>Time for colouring and lines by hand</source>
        <translation>Temps pour les couleurs et les traits à la main</translation>
    </message>
    <message>
        <source>Time for cutting masks</source>
        <translation>Temps pour couper les masques</translation>
    </message>
    <message>
        <source>Time for cutting, scoring and gluing</source>
        <translation>Temps pour couper, rainer et coller</translation>
    </message>
    <message>
        <source>Time for embossing</source>
        <translation>Temps pour l'embossage</translation>
    </message>
    <message>
        <source>Time for laying and lifting masks</source>
        <translation>Temps pour poser et lever les masques</translation>
    </message>
    <message>
        <source>Time for stamping</source>
        <translation>Temps pour tamponner</translation>
    </message>
    <message>
        <source>Title of the card</source>
        <translation>Titre de la carte</translation>
    </message>
    <message>
        <source>To get</source>
        <translation>Pour obtenir</translation>
    </message>
    <message>
        <source>To stay in practice.</source>
        <translation>Pour garder la main.</translation>
    </message>
    <message>
        <source>Too large for it: %1.</source>
        <translation>Trop grand pour cela : %1.</translation>
    </message>
    <message>
        <source>Torn once; its two pieces serve the two sides.</source>
        <translation>Déchiré une fois ; ses deux morceaux servent aux deux côtés.</translation>
    </message>
    <message>
        <source>Tracing</source>
        <translation>Tracé</translation>
    </message>
    <message>
        <source>Transparent ink vanishes on this paper: %1</source>
        <translation>L'encre transparente disparaît sur ce papier : %1</translation>
    </message>
    <message>
        <source>Tried ten thousand times with masks laid 0.4 mm and 0.7° off and cut 0.15 mm off (usual figures). A join shows when a gap or ink run in is wider than 0.3 mm.</source>
        <translation>Essayé dix mille fois avec des masques posés à 0,4 mm et 0,7° près et coupés à 0,15 mm près (chiffres usuels). Un raccord se voit quand un vide ou une encre entrée dépasse 0,3 mm.</translation>
    </message>
    <message>
        <source>Trim the panel</source>
        <translation>Rogner le panneau</translation>
    </message>
    <message>
        <source>Trimming, tape and the mat take their share there.</source>
        <translation>La coupe, le ruban et le passe-partout y prennent leur part.</translation>
    </message>
    <message>
        <source>True height of the marked rectangle</source>
        <translation>Hauteur réelle du rectangle marqué</translation>
    </message>
    <message>
        <source>True length of the marked line</source>
        <translation>Longueur réelle de la ligne marquée</translation>
    </message>
    <message>
        <source>True size, printed side up: turn them as you like, never flip them. Cut on the line.</source>
        <translation>Vraie grandeur, côté imprimé dessus : tournez-les à votre gré, ne les retournez jamais. Coupez sur le trait.</translation>
    </message>
    <message>
        <source>True width of the marked rectangle</source>
        <translation>Largeur réelle du rectangle marqué</translation>
    </message>
    <message>
        <source>Try a sample</source>
        <translation>Essayer un exemple</translation>
    </message>
    <message>
        <source>Try a slip</source>
        <translation>Essayer un faux pas</translation>
    </message>
    <message>
        <source>Try the cutter</source>
        <translation>Essayer la machine à couper</translation>
    </message>
    <message>
        <source>Try with a made-up picture</source>
        <translation>Essayer avec une image inventée</translation>
    </message>
    <message>
        <source>Trying the joins</source>
        <translation>Essai des raccords</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Tourner</translation>
    </message>
    <message>
        <source>Turn %1</source>
        <translation>Tourner %1</translation>
    </message>
    <message>
        <source>Turn %1 by %2°</source>
        <translation>Tourner %1 de %2°</translation>
    </message>
    <message>
        <source>Turn %1 to %2°</source>
        <translation>Tourner %1 à %2°</translation>
    </message>
    <message>
        <source>Turn a piece</source>
        <translation>Tourner une pièce</translation>
    </message>
    <message>
        <source>Turn it</source>
        <translation>Le tourner</translation>
    </message>
    <message>
        <source>Turn it round</source>
        <translation>Le retourner</translation>
    </message>
    <message>
        <source>Turn it to %1°</source>
        <translation>Le tourner à %1°</translation>
    </message>
    <message>
        <source>Turn the light</source>
        <translation>Tourner la lumière</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Tourné</translation>
    </message>
    <message>
        <source>Type it as 2 3/8, 2.375in, 60mm or 6cm</source>
        <translation>Écrivez 2 3/8, 2,375in, 60mm ou 6cm</translation>
    </message>
    <message>
        <source>Type the measure from the &amp;left</source>
        <translation>Écrire la mesure depuis la &amp;gauche</translation>
    </message>
    <message>
        <source>Type the measure from the botto&amp;m</source>
        <translation>Écrire la mesure depuis le &amp;bas</translation>
    </message>
    <message>
        <source>Typical real height, metres</source>
        <translation>Hauteur réelle usuelle, mètres</translation>
    </message>
    <message>
        <source>Uncolour</source>
        <translation>Décolorer</translation>
    </message>
    <message>
        <source>Uncover %1</source>
        <translation>Découvrir %1</translation>
    </message>
    <message>
        <source>Under Ink &amp; light, Background, add a wash: mist.</source>
        <translation>Sous Encre &amp; lumière, Fond, ajoutez une estompe : brume.</translation>
    </message>
    <message>
        <source>Under Ink &amp; light, Background, press A sky.</source>
        <translation>Sous Encre &amp; lumière, Fond, pressez Un ciel.</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Annuler</translation>
    </message>
    <message>
        <source>Undo: %1</source>
        <translation>Annuler : %1</translation>
    </message>
    <message>
        <source>Unfold</source>
        <translation>Déplier</translation>
    </message>
    <message>
        <source>Unfold the walk</source>
        <translation>Déplier la promenade</translation>
    </message>
    <message>
        <source>Unsaved work is not safe: %1</source>
        <translation>Le travail non enregistré n'est pas en sûreté : %1</translation>
    </message>
    <message>
        <source>Upright</source>
        <translation>Debout</translation>
    </message>
    <message>
        <source>Upright becomes lying, lying upright</source>
        <translation>Debout devient couché, couché debout</translation>
    </message>
    <message>
        <source>Use it in this plan</source>
        <translation>S'en servir dans ce plan</translation>
    </message>
    <message>
        <source>Use kept masks</source>
        <translation>Prendre des masques gardés</translation>
    </message>
    <message>
        <source>Use masks from the drawer</source>
        <translation>Prendre des masques du tiroir</translation>
    </message>
    <message>
        <source>Use the printed square</source>
        <translation>Prendre le carré imprimé</translation>
    </message>
    <message>
        <source>Usual heights</source>
        <translation>Hauteurs usuelles</translation>
    </message>
    <message>
        <source>Usual size</source>
        <translation>Format usuel</translation>
    </message>
    <message>
        <source>Vary</source>
        <translation>Varier</translation>
    </message>
    <message>
        <source>Vary the colours of %1</source>
        <translation>Varier les couleurs de %1</translation>
    </message>
    <message>
        <source>Vary the footing, the turn, the crop or the ink of one.</source>
        <translation>Variez le pied, le tour, la coupe ou l'encre de l'un.</translation>
    </message>
    <message>
        <source>Very far away.</source>
        <translation>Très loin.</translation>
    </message>
    <message>
        <source>Water</source>
        <translation>De l’eau</translation>
    </message>
    <message>
        <source>Waves of the edge</source>
        <translation>Ondes du bord</translation>
    </message>
    <message>
        <source>Waves, high</source>
        <translation>Ondes, hauteur</translation>
    </message>
    <message>
        <source>Waves, long</source>
        <translation>Ondes, longueur</translation>
    </message>
    <message>
        <source>Ways out</source>
        <translation>Issues</translation>
    </message>
    <message>
        <source>We said %1, it took %2.</source>
        <translation>Nous disions %1, cela a pris %2.</translation>
    </message>
    <message>
        <source>What</source>
        <translation>Quoi</translation>
    </message>
    <message>
        <source>What &amp;changed since it was saved</source>
        <translation>Ce qui a &amp;changé depuis l’enregistrement</translation>
    </message>
    <message>
        <source>What Havlo has learnt</source>
        <translation>Ce que Havlo a appris</translation>
    </message>
    <message>
        <source>What changed since it was saved</source>
        <translation>Ce qui a changé depuis l’enregistrement</translation>
    </message>
    <message>
        <source>What do you &amp;begin with…</source>
        <translation>Par quoi &amp;commencez-vous…</translation>
    </message>
    <message>
        <source>What do you begin with?</source>
        <translation>Par quoi commencez-vous ?</translation>
    </message>
    <message>
        <source>What do you want to do?</source>
        <translation>Que voulez-vous faire ?</translation>
    </message>
    <message>
        <source>What do you want to do? Type a word of it: mask, gaps, print …</source>
        <translation>Que voulez-vous faire ? Écrivez-en un mot : masque, vides, imprimer …</translation>
    </message>
    <message>
        <source>What goes across a rim is stamped when all else is there, so it lies over it. Stamp it on the panel, or move it.</source>
        <translation>Ce qui passe un rebord se tamponne quand tout le reste est là, donc c'est par-dessus. Tamponnez-le sur le panneau, ou déplacez-le.</translation>
    </message>
    <message>
        <source>What happened</source>
        <translation>Ce qui s'est passé</translation>
    </message>
    <message>
        <source>What if</source>
        <translation>Et si</translation>
    </message>
    <message>
        <source>What if …</source>
        <translation>Et si …</translation>
    </message>
    <message>
        <source>What is alone of its colour is found at once, however many there are.</source>
        <translation>Ce qui est seul de sa couleur se trouve aussitôt, si nombreux qu’ils soient.</translation>
    </message>
    <message>
        <source>What is done at each</source>
        <translation>Ce qui se fait à chacune</translation>
    </message>
    <message>
        <source>What is it?</source>
        <translation>Qu’est-ce ?</translation>
    </message>
    <message>
        <source>What is it? “coat”, “left ear”</source>
        <translation>Qu'est-ce ? « manteau », « oreille gauche »</translation>
    </message>
    <message>
        <source>What is left out is too large or too small for the others' ground.</source>
        <translation>Ce qui est laissé est trop grand ou trop petit pour le sol des autres.</translation>
    </message>
    <message>
        <source>What is lettered by hand wants its room kept plain.</source>
        <translation>Des lettres à la main veulent leur place libre.</translation>
    </message>
    <message>
        <source>What is listed</source>
        <translation>Ce qui est listé</translation>
    </message>
    <message>
        <source>What is seen first</source>
        <translation>Ce que l’on voit d’abord</translation>
    </message>
    <message>
        <source>What is stamped already and would be run over must be covered. Nothing else need be.</source>
        <translation>Ce qui est déjà tamponné et serait recouvert doit être protégé. Rien d'autre.</translation>
    </message>
    <message>
        <source>What is wanted</source>
        <translation>Ce qu'on veut</translation>
    </message>
    <message>
        <source>What is worth it now comes first; ten cards to put in order follow.</source>
        <translation>Ce qui en vaut la peine vient d'abord ; dix cartes à mettre en ordre suivent.</translation>
    </message>
    <message>
        <source>What it names is not there: %1. It is kept, and done again when that is back.</source>
        <translation>Ce qu'elle nomme n'est pas là : %1. Elle est gardée, et refaite quand cela revient.</translation>
    </message>
    <message>
        <source>What it says</source>
        <translation>Ce qu’elle dit</translation>
    </message>
    <message>
        <source>What it shows, its set, a tag</source>
        <translation>Ce qu'il montre, son jeu, un mot-clé</translation>
    </message>
    <message>
        <source>What it takes</source>
        <translation>Ce que cela prend</translation>
    </message>
    <message>
        <source>What it took is off the stock.</source>
        <translation>Ce que cela a pris est sorti du stock.</translation>
    </message>
    <message>
        <source>What it took of the stock</source>
        <translation>Ce que cela a pris du stock</translation>
    </message>
    <message>
        <source>What leads</source>
        <translation>Ce qui mène</translation>
    </message>
    <message>
        <source>What leads the eye</source>
        <translation>Ce qui mène l'œil</translation>
    </message>
    <message>
        <source>What lies under %1 stands on foam</source>
        <translation>Ce qui est sous %1 est sur mousse</translation>
    </message>
    <message>
        <source>What pulls</source>
        <translation>Ce qui attire</translation>
    </message>
    <message>
        <source>What rises straight behind a head is taken for a part of it.</source>
        <translation>Ce qui monte droit derrière une tête passe pour en faire partie.</translation>
    </message>
    <message>
        <source>What runs straight away from the viewer meets at one point of the horizon; nearly there looks bent.</source>
        <translation>Ce qui s'éloigne tout droit se rejoint en un point de l'horizon ; presque là paraît tordu.</translation>
    </message>
    <message>
        <source>What sits on or hangs from a thing must meet it, or it seems to fall.</source>
        <translation>Ce qui est assis ou suspendu à une chose doit la toucher, ou semble tomber.</translation>
    </message>
    <message>
        <source>What stands against it: first %1. All else of the order is as it was.</source>
        <translation>Ce qui s'y oppose : d'abord %1. Le reste de l'ordre est comme avant.</translation>
    </message>
    <message>
        <source>What stands out</source>
        <translation>Ce qui ressort</translation>
    </message>
    <message>
        <source>What the card took is off the stock.</source>
        <translation>Ce que la carte a pris est sorti du stock.</translation>
    </message>
    <message>
        <source>What the post takes</source>
        <translation>Ce que prend la poste</translation>
    </message>
    <message>
        <source>What the scene says</source>
        <translation>Ce que dit la scène</translation>
    </message>
    <message>
        <source>What was copied cannot be put on this card. %1</source>
        <translation>Ce qui a été copié ne peut être mis sur cette carte. %1</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Ce qui a été trouvé</translation>
    </message>
    <message>
        <source>What was learnt</source>
        <translation>Ce qui fut appris</translation>
    </message>
    <message>
        <source>What was not saved of a card without a title is kept.</source>
        <translation>Ce qui n'était pas enregistré d'une carte sans titre est gardé.</translation>
    </message>
    <message>
        <source>What was not saved of “%1” is kept.</source>
        <translation>Ce qui n'était pas enregistré de « %1 » est gardé.</translation>
    </message>
    <message>
        <source>What was shaded by hand agrees with it.</source>
        <translation>Ce qui a été ombré à la main s'y accorde.</translation>
    </message>
    <message>
        <source>What went wrong?</source>
        <translation>Qu'est-ce qui a mal tourné ?</translation>
    </message>
    <message>
        <source>Whatever reaches the line is as high as the eyes, %1.</source>
        <translation>Ce qui atteint la ligne est haut comme les yeux, %1.</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Quand</translation>
    </message>
    <message>
        <source>When a card is made it stands here with its plan: how long it took, what went wrong, and, once you hold a scan or a photo of it against the plan, how it came out. What your hands tell is used for the next one.</source>
        <translation>Une carte faite est ici avec son plan : le temps pris, ce qui a mal tourné et, une fois un scan ou une photo comparés au plan, comment elle est venue. Ce que disent vos mains sert pour la suivante.</translation>
    </message>
    <message>
        <source>When each begins, by maker</source>
        <translation>Quand chacun commence</translation>
    </message>
    <message>
        <source>When it is dry, go over the line with a marker that nearly matches the ground.</source>
        <translation>Quand c'est sec, repassez le trait avec un marqueur presque de la couleur du sol.</translation>
    </message>
    <message>
        <source>When it is dry, take it off with a sand eraser, a little at a time. Do not breathe the dust in.</source>
        <translation>Quand c'est sec, enlevez avec une gomme à sable, un peu à la fois. Ne respirez pas la poussière.</translation>
    </message>
    <message>
        <source>Where</source>
        <translation>Où</translation>
    </message>
    <message>
        <source>Where both lie, each takes away what the other lets through.</source>
        <translation>Où les deux se trouvent, chacune ôte ce que l'autre laisse passer.</translation>
    </message>
    <message>
        <source>Where does the horizon run? Drag the line there, or move it with the arrow keys.</source>
        <translation>Où passe l'horizon ? Tirez-y la ligne, ou déplacez-la avec les flèches.</translation>
    </message>
    <message>
        <source>Where it could stand</source>
        <translation>Où il pourrait être</translation>
    </message>
    <message>
        <source>Where the horizon is</source>
        <translation>Où est l'horizon</translation>
    </message>
    <message>
        <source>Where these things could go so that the hero is seen more and less is left to mend. Tick what must stay where it is.</source>
        <translation>Où ces choses pourraient aller pour que le héros se voie mieux et qu'il reste moins à corriger. Cochez ce qui doit rester en place.</translation>
    </message>
    <message>
        <source>Where to put the %1</source>
        <translation>Où mettre la %1</translation>
    </message>
    <message>
        <source>Which greeting</source>
        <translation>Quel vœu</translation>
    </message>
    <message>
        <source>Which papers must lie</source>
        <translation>Quels papiers doivent être posés</translation>
    </message>
    <message>
        <source>Which surface is worked on</source>
        <translation>Quelle surface est travaillée</translation>
    </message>
    <message>
        <source>Which way the fibres run</source>
        <translation>Dans quel sens vont les fibres</translation>
    </message>
    <message>
        <source>While it was made: %1</source>
        <translation>Pendant qu'on la faisait : %1</translation>
    </message>
    <message>
        <source>Who competes, and why</source>
        <translation>Qui rivalise, et pourquoi</translation>
    </message>
    <message>
        <source>Who does what when, in hours and minutes; the numbers are those of the table, white needs no tool</source>
        <translation>Qui fait quoi et quand, en heures et minutes ; les numéros sont ceux du tableau, le blanc se passe d’outil</translation>
    </message>
    <message>
        <source>Whole card</source>
        <translation>Carte entière</translation>
    </message>
    <message>
        <source>Whose eyes</source>
        <translation>Yeux de</translation>
    </message>
    <message>
        <source>Whose hands are at work</source>
        <translation>Les mains de qui travaillent</translation>
    </message>
    <message>
        <source>Wide</source>
        <translation>Large</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Largeur</translation>
    </message>
    <message>
        <source>Width of %1</source>
        <translation>Largeur de %1</translation>
    </message>
    <message>
        <source>Width of a sheet</source>
        <translation>Largeur d'une feuille</translation>
    </message>
    <message>
        <source>Width of openings that are closed</source>
        <translation>Largeur des ouvertures qui sont fermées</translation>
    </message>
    <message>
        <source>Width of the border</source>
        <translation>Largeur du bord</translation>
    </message>
    <message>
        <source>Width of the folded base</source>
        <translation>Largeur de la carte double pliée</translation>
    </message>
    <message>
        <source>Width of the line</source>
        <translation>Largeur du trait</translation>
    </message>
    <message>
        <source>Width of the masking sheet</source>
        <translation>Largeur de la feuille à masquer</translation>
    </message>
    <message>
        <source>Width of the panel</source>
        <translation>Largeur du panneau</translation>
    </message>
    <message>
        <source>Width of the piece</source>
        <translation>Largeur de la pièce</translation>
    </message>
    <message>
        <source>Wipe %1 clean</source>
        <translation>Essuyer %1</translation>
    </message>
    <message>
        <source>Wipe the pad nearly dry</source>
        <translation>Essuyez le coussin presque à sec</translation>
    </message>
    <message>
        <source>Wishes</source>
        <translation>Souhaits</translation>
    </message>
    <message>
        <source>With</source>
        <translation>Avec</translation>
    </message>
    <message>
        <source>With %1 once more they are done %2 earlier.</source>
        <translation>Avec %1 une fois de plus, ils ont fini %2 plus tôt.</translation>
    </message>
    <message>
        <source>With a</source>
        <translation>Avec un</translation>
    </message>
    <message>
        <source>With children, blades, the heat tool and solvents stay with the teacher; small parts are kept from the very young. The makers' labels and the rules of the place go before this sheet.</source>
        <translation>Avec des enfants, lames, air chaud et solvants restent chez l’animateur ; les petites pièces sont tenues loin des tout-petits. Les étiquettes des fabricants et les règles du lieu passent avant cette feuille.</translation>
    </message>
    <message>
        <source>With marks, print the PDF at its true size, lay the sheet in, and cut the other file: the machine's eye finds where the sheet lies</source>
        <translation>Avec des repères : imprimez le PDF en vraie grandeur, posez la feuille et découpez l’autre fichier ; l’œil de la machine trouve où est la feuille</translation>
    </message>
    <message>
        <source>With room for a second word above it</source>
        <translation>Avec la place d'un second mot au-dessus</translation>
    </message>
    <message>
        <source>With room for a second word below it</source>
        <translation>Avec la place d'un second mot dessous</translation>
    </message>
    <message>
        <source>With these stamps and pads it cannot be less than %1.</source>
        <translation>Avec ces tampons et encreurs, ce ne peut être moins de %1.</translation>
    </message>
    <message>
        <source>Without a place where nothing is, the hero has nothing to stand out from.</source>
        <translation>Sans un endroit où rien n'est, le héros n'a rien d'où ressortir.</translation>
    </message>
    <message>
        <source>Without masks on %1 about %2 of what is behind would show through; %3 saved.</source>
        <translation>Sans masques sur %1, environ %2 de ce qui est derrière se verrait ; %3 de gagné.</translation>
    </message>
    <message>
        <source>Without one thing that is meant to be seen first, all of them compete.</source>
        <translation>Sans une chose destinée à être vue la première, toutes rivalisent.</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Mots</translation>
    </message>
    <message>
        <source>Work on a card without a title from %1 was not saved. It is still here.</source>
        <translation>Le travail sur une carte sans titre du %1 n'était pas enregistré. Il est encore ici.</translation>
    </message>
    <message>
        <source>Work on a piece of %1 and trim it to %2 at the end.</source>
        <translation>Travaillez sur un morceau de %1 et rognez-le à %2 à la fin.</translation>
    </message>
    <message>
        <source>Work on “%1” from %2 was not saved. It is still here.</source>
        <translation>Le travail sur « %1 » du %2 n'était pas enregistré. Il est encore ici.</translation>
    </message>
    <message>
        <source>Work that was &amp;not saved</source>
        <translation>Travail &amp;non enregistré</translation>
    </message>
    <message>
        <source>Work with the left hand</source>
        <translation>Travailler de la main gauche</translation>
    </message>
    <message>
        <source>Work with the right hand</source>
        <translation>Travailler de la main droite</translation>
    </message>
    <message>
        <source>Working allowance of %1</source>
        <translation>Marge de travail de %1</translation>
    </message>
    <message>
        <source>Working allowance on every side</source>
        <translation>Marge de travail de chaque côté</translation>
    </message>
    <message>
        <source>Working it out …</source>
        <translation>Calcul en cours …</translation>
    </message>
    <message>
        <source>Would stand right at this many metres in the open scene</source>
        <translation>Serait juste à ce nombre de mètres dans la scène ouverte</translation>
    </message>
    <message>
        <source>Write down what happened; it is kept with this card.</source>
        <translation>Écrivez ce qui s'est passé ; c'est gardé avec cette carte.</translation>
    </message>
    <message>
        <source>Write instead</source>
        <translation>Écrire plutôt</translation>
    </message>
    <message>
        <source>Write it down and go on</source>
        <translation>L'écrire et continuer</translation>
    </message>
    <message>
        <source>Write it in the log</source>
        <translation>L'écrire au journal</translation>
    </message>
    <message>
        <source>Write it into %1</source>
        <translation>L'écrire dans %1</translation>
    </message>
    <message>
        <source>Write it into my ink</source>
        <translation>L'écrire dans mon encre</translation>
    </message>
    <message>
        <source>Write the words, then drag a base line for them. The letters are yours; here they keep the room.</source>
        <translation>Écrivez les mots, puis tirez-leur une ligne de base. Les lettres sont à vous ; ici elles gardent la place.</translation>
    </message>
    <message>
        <source>Write them as percentages from 0 to 100, the first pressing first.</source>
        <translation>Écrivez-les en pour cent de 0 à 100, la première pression d'abord.</translation>
    </message>
    <message>
        <source>Writing %1</source>
        <translation>Écriture de %1</translation>
    </message>
    <message>
        <source>Writing the %1</source>
        <translation>Écriture de la %1</translation>
    </message>
    <message>
        <source>Wrong</source>
        <translation>Faux</translation>
    </message>
    <message>
        <source>Yes, a pattern</source>
        <translation>Oui, un motif</translation>
    </message>
    <message>
        <source>Yes, by eye</source>
        <translation>Oui, à l'œil</translation>
    </message>
    <message>
        <source>Yes, on purpose</source>
        <translation>Oui, exprès</translation>
    </message>
    <message>
        <source>You buy</source>
        <translation>Vous achetez</translation>
    </message>
    <message>
        <source>You laid %1 covers; %2 are enough in another order.</source>
        <translation>Vous avez mis %1 couvertures ; %2 suffisent dans un autre ordre.</translation>
    </message>
    <message>
        <source>You left %1 slender parts off the mask, %2.</source>
        <translation>Vous avez laissé %1 parties minces hors du masque, %2.</translation>
    </message>
    <message>
        <source>You left a %1 off the mask.</source>
        <translation>Vous avez laissé %1 hors du masque.</translation>
    </message>
    <message>
        <source>You shaded it from where the scene's light does not come. All shading must agree with one light.</source>
        <translation>Vous l'avez ombré d'où la lumière de la scène ne vient pas. Toutes les ombres doivent s'accorder à une seule lumière.</translation>
    </message>
    <message>
        <source>Your card has up to %1 papers lying at once.</source>
        <translation>Votre carte a jusqu'à %1 papiers posés à la fois.</translation>
    </message>
    <message>
        <source>Your card mixes covering and stamping over.</source>
        <translation>Votre carte mêle couvrir et tamponner par-dessus.</translation>
    </message>
    <message>
        <source>Your card needs a paper to lie.</source>
        <translation>Votre carte demande un papier posé.</translation>
    </message>
    <message>
        <source>Your hand</source>
        <translation>Votre main</translation>
    </message>
    <message>
        <source>Your hands, from %1 cards: masks laid to %2, cut to %3.</source>
        <translation>Vos mains, d'après %1 cartes : masques posés à %2, coupés à %3.</translation>
    </message>
    <message>
        <source>Your hands, from 1 card: masks laid to %1, cut to %2.</source>
        <translation>Vos mains, d'après 1 carte : masques posés à %1, coupés à %2.</translation>
    </message>
    <message>
        <source>Your own card</source>
        <translation>Votre propre carte</translation>
    </message>
    <message>
        <source>Your own step</source>
        <translation>Votre propre étape</translation>
    </message>
    <message>
        <source>Your papers lie farther off than papers usually do.</source>
        <translation>Vos papiers sont plus décalés que les papiers d'ordinaire.</translation>
    </message>
    <message>
        <source>Your post takes</source>
        <translation>Votre poste prend</translation>
    </message>
    <message>
        <source>Your stamps</source>
        <translation>Vos tampons</translation>
    </message>
    <message>
        <source>Your stamps: Return puts one on the card</source>
        <translation>Vos tampons : Entrée en met un sur la carte</translation>
    </message>
    <message>
        <source>Your steps</source>
        <translation>Vos étapes</translation>
    </message>
    <message>
        <source>Yours is not pressed yet</source>
        <translation>La vôtre n'est pas encore pressée</translation>
    </message>
    <message>
        <source>Yours kept %1 % of its contrast: too dark.</source>
        <translation>La vôtre a gardé %1 % de son contraste : trop sombre.</translation>
    </message>
    <message>
        <source>Yours kept %1 % of its contrast: too pale.</source>
        <translation>La vôtre a gardé %1 % de son contraste : trop pâle.</translation>
    </message>
    <message>
        <source>Zip</source>
        <translation>Zip</translation>
    </message>
    <message>
        <source>a blend</source>
        <translation>une estompe</translation>
    </message>
    <message>
        <source>a blending tool</source>
        <translation>un outil à estomper</translation>
    </message>
    <message>
        <source>a blending tool for each wash</source>
        <translation>un outil à estomper par estompe</translation>
    </message>
    <message>
        <source>a brush, water and %1</source>
        <translation>un pinceau, de l'eau et %1</translation>
    </message>
    <message>
        <source>a card is larger than 20 mm each way</source>
        <translation>une carte fait plus de 20 mm dans chaque sens</translation>
    </message>
    <message>
        <source>a card without a title</source>
        <translation>une carte sans titre</translation>
    </message>
    <message>
        <source>a crowd needs stamps</source>
        <translation>une foule demande des tampons</translation>
    </message>
    <message>
        <source>a cut is %1 wide</source>
        <translation>une coupe a %1 de large</translation>
    </message>
    <message>
        <source>a damp cloth</source>
        <translation>un chiffon humide</translation>
    </message>
    <message>
        <source>a die cuts its outline</source>
        <translation>un emporte-pièce coupe son contour</translation>
    </message>
    <message>
        <source>a disc of %1 out of masking paper; keep the sheet too</source>
        <translation>un disque de %1 en papier à masquer ; gardez aussi la feuille</translation>
    </message>
    <message>
        <source>a distance is more than nothing</source>
        <translation>une distance est plus que rien</translation>
    </message>
    <message>
        <source>a distance must be more than nothing</source>
        <translation>une distance doit être plus que rien</translation>
    </message>
    <message>
        <source>a fine pen</source>
        <translation>un stylo fin</translation>
    </message>
    <message>
        <source>a hair</source>
        <translation>d'un cheveu</translation>
    </message>
    <message>
        <source>a lantern near by</source>
        <translation>une lanterne proche</translation>
    </message>
    <message>
        <source>a lifted spot</source>
        <translation>un endroit éclairci</translation>
    </message>
    <message>
        <source>a light near by, %1 above the ground</source>
        <translation>une lumière proche, à %1 au-dessus du sol</translation>
    </message>
    <message>
        <source>a line</source>
        <translation>une ligne</translation>
    </message>
    <message>
        <source>a line across the stamp wants two ends</source>
        <translation>un trait à travers le tampon demande deux bouts</translation>
    </message>
    <message>
        <source>a line by hand</source>
        <translation>une ligne à la main</translation>
    </message>
    <message>
        <source>a line joined</source>
        <translation>un trait raccordé</translation>
    </message>
    <message>
        <source>a line runs to %1, %2 mm: farther than any sheet</source>
        <translation>une ligne va jusqu'à %1, %2 mm : plus loin qu'aucune feuille</translation>
    </message>
    <message>
        <source>a little</source>
        <translation>un peu</translation>
    </message>
    <message>
        <source>a little </source>
        <translation>un peu </translation>
    </message>
    <message>
        <source>a long soft edge</source>
        <translation>un long bord doux</translation>
    </message>
    <message>
        <source>a marker</source>
        <translation>un marqueur</translation>
    </message>
    <message>
        <source>a mask at hand has at least one use left</source>
        <translation>un masque en réserve sert encore au moins une fois</translation>
    </message>
    <message>
        <source>a mask of a stamp that is not there</source>
        <translation>un masque d'un tampon qui n'est pas là</translation>
    </message>
    <message>
        <source>a mask of what shows of %1</source>
        <translation>un masque de ce qui se voit de %1</translation>
    </message>
    <message>
        <source>a mask that goes from card to card</source>
        <translation>un masque qui passe de carte en carte</translation>
    </message>
    <message>
        <source>a mask would keep out next to nothing here</source>
        <translation>un masque n'arrêterait ici presque rien</translation>
    </message>
    <message>
        <source>a measure beyond 5 m</source>
        <translation>une mesure au-delà de 5 m</translation>
    </message>
    <message>
        <source>a name, or a whole path</source>
        <translation>un nom, ou un chemin entier</translation>
    </message>
    <message>
        <source>a new %1</source>
        <translation>une nouvelle %1</translation>
    </message>
    <message>
        <source>a new one</source>
        <translation>un nouveau</translation>
    </message>
    <message>
        <source>a notch to feel</source>
        <translation>un cran à sentir</translation>
    </message>
    <message>
        <source>a page of the PDF has no size</source>
        <translation>une page du PDF n'a pas de taille</translation>
    </message>
    <message>
        <source>a panel's sides are from 5 to 2000 mm</source>
        <translation>les côtés d’un panneau font de 5 à 2000 mm</translation>
    </message>
    <message>
        <source>a part</source>
        <translation>une partie</translation>
    </message>
    <message>
        <source>a part of its own shape</source>
        <translation>une partie de sa propre forme</translation>
    </message>
    <message>
        <source>a picture of patterned or prepared paper, scanned or photographed</source>
        <translation>une image de papier à motif ou préparé, scannée ou photographiée</translation>
    </message>
    <message>
        <source>a piece needs a width and a height above 0</source>
        <translation>une pièce demande une largeur et une hauteur au-dessus de 0</translation>
    </message>
    <message>
        <source>a place at the edge of the card</source>
        <translation>une place au bord de la carte</translation>
    </message>
    <message>
        <source>a plate, not a stamp</source>
        <translation>une plaque, pas un tampon</translation>
    </message>
    <message>
        <source>a point has only one coordinate</source>
        <translation>un point n'a qu'une coordonnée</translation>
    </message>
    <message>
        <source>a quarter of the way up</source>
        <translation>à un quart de la hauteur</translation>
    </message>
    <message>
        <source>a real height must be more than 0, least before typical before most</source>
        <translation>une hauteur réelle est plus que 0, la moindre avant l’usuelle avant la plus grande</translation>
    </message>
    <message>
        <source>a ring</source>
        <translation>un anneau</translation>
    </message>
    <message>
        <source>a ring needs at least three points</source>
        <translation>un anneau demande au moins trois points</translation>
    </message>
    <message>
        <source>a ring that covers no area</source>
        <translation>un anneau qui ne couvre rien</translation>
    </message>
    <message>
        <source>a room cannot be fitted to another size: its walls are where they are</source>
        <translation>une pièce ne s’adapte pas à une autre taille : ses murs sont où ils sont</translation>
    </message>
    <message>
        <source>a row must begin on the ground, below the horizon</source>
        <translation>un rang doit commencer au sol, sous l’horizon</translation>
    </message>
    <message>
        <source>a row needs a stamp</source>
        <translation>un rang demande un tampon</translation>
    </message>
    <message>
        <source>a sand eraser</source>
        <translation>une gomme à sable</translation>
    </message>
    <message>
        <source>a scan of one stamp pressed again and again without inking, in reading order</source>
        <translation>un scan d'un tampon pressé encore et encore sans réencrer, dans l'ordre de lecture</translation>
    </message>
    <message>
        <source>a scan of patches of your inks and markers side by side on white paper</source>
        <translation>un scan de plages de vos encres et marqueurs côte à côte sur papier blanc</translation>
    </message>
    <message>
        <source>a school is needed for every impression</source>
        <translation>chaque impression demande une façon</translation>
    </message>
    <message>
        <source>a scoring tool</source>
        <translation>un outil à rainer</translation>
    </message>
    <message>
        <source>a size of your own</source>
        <translation>une taille à vous</translation>
    </message>
    <message>
        <source>a small thing by hand</source>
        <translation>un détail à la main</translation>
    </message>
    <message>
        <source>a soft dry cloth</source>
        <translation>un chiffon doux et sec</translation>
    </message>
    <message>
        <source>a soft edge is from 0 to 200 mm wide</source>
        <translation>un bord doux fait de 0 à 200 mm</translation>
    </message>
    <message>
        <source>a soft pencil, a ruler and an eraser</source>
        <translation>un crayon tendre, une règle et une gomme</translation>
    </message>
    <message>
        <source>a sponge, dabbed</source>
        <translation>une éponge, tamponnée</translation>
    </message>
    <message>
        <source>a spray</source>
        <translation>un spray</translation>
    </message>
    <message>
        <source>a stencil of %1 slits that meet at one point</source>
        <translation>un pochoir de %1 fentes qui se rejoignent en un point</translation>
    </message>
    <message>
        <source>a step is missing</source>
        <translation>une étape manque</translation>
    </message>
    <message>
        <source>a step is there twice or belongs to another plan</source>
        <translation>une étape est là deux fois ou vient d’un autre plan</translation>
    </message>
    <message>
        <source>a test strip needs at least two pressings</source>
        <translation>une bande d’essai demande au moins deux pressions</translation>
    </message>
    <message>
        <source>a test strip needs at least two pressings side by side, with room between them</source>
        <translation>une bande d’essai demande au moins deux pressions côte à côte, avec de la place entre elles</translation>
    </message>
    <message>
        <source>a thing cannot stand on itself</source>
        <translation>une chose ne peut se tenir sur elle-même</translation>
    </message>
    <message>
        <source>a third of the way up</source>
        <translation>à un tiers de la hauteur</translation>
    </message>
    <message>
        <source>a tick to see</source>
        <translation>un trait à voir</translation>
    </message>
    <message>
        <source>a trimmer loses nothing; scissors want a little</source>
        <translation>un massicot ne perd rien ; les ciseaux veulent un peu</translation>
    </message>
    <message>
        <source>a wash reaches from nothing to all of its area</source>
        <translation>un fondu s’étend de rien à toute sa surface</translation>
    </message>
    <message>
        <source>a wet brush</source>
        <translation>un pinceau mouillé</translation>
    </message>
    <message>
        <source>a white gap of %1 over %2</source>
        <translation>un vide blanc de %1 sur %2</translation>
    </message>
    <message>
        <source>a white gap of up to %1 beside %2, along %3</source>
        <translation>un vide blanc jusqu'à %1 à côté de %2, le long de %3</translation>
    </message>
    <message>
        <source>a wish</source>
        <translation>un souhait</translation>
    </message>
    <message>
        <source>about %1</source>
        <translation>environ %1</translation>
    </message>
    <message>
        <source>about a third of what it bears is used</source>
        <translation>environ un tiers de ce qu'il supporte est pris</translation>
    </message>
    <message>
        <source>about as much is used as it bears</source>
        <translation>à peu près tout ce qu'il supporte est pris</translation>
    </message>
    <message>
        <source>about half of what it bears is used</source>
        <translation>environ la moitié de ce qu'il supporte est prise</translation>
    </message>
    <message>
        <source>about three quarters of what it bears are used</source>
        <translation>environ les trois quarts de ce qu'il supporte sont pris</translation>
    </message>
    <message>
        <source>above a line</source>
        <translation>au-dessus d'une ligne</translation>
    </message>
    <message>
        <source>above it</source>
        <translation>au-dessus</translation>
    </message>
    <message>
        <source>across the rim</source>
        <translation>par-dessus le rebord</translation>
    </message>
    <message>
        <source>add wash blend</source>
        <translation>ajouter lavis fondu</translation>
    </message>
    <message>
        <source>adhesive strip or slow glue, about %1</source>
        <translation>bande adhésive ou colle lente, environ %1</translation>
    </message>
    <message>
        <source>adhesive: strips that hold at once, or glue that leaves time to push</source>
        <translation>adhésif : bandes qui tiennent tout de suite, ou colle qui laisse le temps de pousser</translation>
    </message>
    <message>
        <source>ahead to the left</source>
        <translation>devant à gauche</translation>
    </message>
    <message>
        <source>ahead to the right</source>
        <translation>devant à droite</translation>
    </message>
    <message>
        <source>akin</source>
        <translation>voisines</translation>
    </message>
    <message>
        <source>align ground line</source>
        <translation>aligner ligne de sol</translation>
    </message>
    <message>
        <source>all %1, the best at each place</source>
        <translation>tous %1, le meilleur à chaque place</translation>
    </message>
    <message>
        <source>all alike</source>
        <translation>tous pareils</translation>
    </message>
    <message>
        <source>all in one go: </source>
        <translation>d'un seul coup : </translation>
    </message>
    <message>
        <source>all ink is dry; with a soft eraser, before any colour goes on</source>
        <translation>toute l'encre est sèche ; à la gomme tendre, avant toute couleur</translation>
    </message>
    <message>
        <source>all of it</source>
        <translation>tout</translation>
    </message>
    <message>
        <source>all of it has had its time; touch it to be sure</source>
        <translation>tout a eu son temps ; touchez pour être sûr</translation>
    </message>
    <message>
        <source>all over</source>
        <translation>partout</translation>
    </message>
    <message>
        <source>along the bottom</source>
        <translation>le long du bas</translation>
    </message>
    <message>
        <source>along the top</source>
        <translation>le long du haut</translation>
    </message>
    <message>
        <source>along the top only</source>
        <translation>le long du haut seulement</translation>
    </message>
    <message>
        <source>along what shows of it</source>
        <translation>le long de ce qui s'en voit</translation>
    </message>
    <message>
        <source>amber</source>
        <translation>ambre</translation>
    </message>
    <message>
        <source>an act cannot come before itself</source>
        <translation>un geste ne peut venir avant lui-même</translation>
    </message>
    <message>
        <source>an opening of %1 by %2 in a sheet of masking paper</source>
        <translation>une ouverture de %1 sur %2 dans une feuille de papier à masquer</translation>
    </message>
    <message>
        <source>an opening wants a width and a height</source>
        <translation>une ouverture demande une largeur et une hauteur</translation>
    </message>
    <message>
        <source>an outline</source>
        <translation>un contour</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>et %1 de plus</translation>
    </message>
    <message>
        <source>and for colouring %1</source>
        <translation>et pour colorer %1</translation>
    </message>
    <message>
        <source>and more: see the list of what the cards need</source>
        <translation>et plus : voyez la liste de ce que demandent les cartes</translation>
    </message>
    <message>
        <source>animal</source>
        <translation>animal</translation>
    </message>
    <message>
        <source>another colour</source>
        <translation>une autre couleur</translation>
    </message>
    <message>
        <source>another hero or other words on some of the cards</source>
        <translation>un autre héros ou d'autres mots sur certaines cartes</translation>
    </message>
    <message>
        <source>another program is using the drawer</source>
        <translation>un autre programme utilise le tiroir</translation>
    </message>
    <message>
        <source>another program is using the drawer. Nothing was changed</source>
        <translation>un autre programme se sert du tiroir. Rien n'a été changé</translation>
    </message>
    <message>
        <source>another program is using the log</source>
        <translation>un autre programme utilise le journal</translation>
    </message>
    <message>
        <source>another program is using the log. Nothing was changed</source>
        <translation>un autre programme utilise le journal. Rien n’a été changé</translation>
    </message>
    <message>
        <source>another stamp or ink …</source>
        <translation>un autre tampon ou encre …</translation>
    </message>
    <message>
        <source>any facing</source>
        <translation>tout regard</translation>
    </message>
    <message>
        <source>arch</source>
        <translation>arche</translation>
    </message>
    <message>
        <source>archival</source>
        <translation>archive</translation>
    </message>
    <message>
        <source>arrow keys move it</source>
        <translation>les flèches le déplacent</translation>
    </message>
    <message>
        <source>as far away as %1</source>
        <translation>aussi loin que %1</translation>
    </message>
    <message>
        <source>as is usual for it</source>
        <translation>comme il est d'usage</translation>
    </message>
    <message>
        <source>as is usual; no card says more yet</source>
        <translation>comme d'usage ; aucune carte n'en dit plus</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>tel quel</translation>
    </message>
    <message>
        <source>as it is: %1</source>
        <translation>comme c’est : %1</translation>
    </message>
    <message>
        <source>as its kind usually does</source>
        <translation>comme le fait d'ordinaire son espèce</translation>
    </message>
    <message>
        <source>as measured</source>
        <translation>comme mesuré</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>comme prévu</translation>
    </message>
    <message>
        <source>as planned is least work in the end</source>
        <translation>comme prévu est au bout le moins de travail</translation>
    </message>
    <message>
        <source>as the light falls</source>
        <translation>comme tombe la lumière</translation>
    </message>
    <message>
        <source>as the plan says</source>
        <translation>comme dit le plan</translation>
    </message>
    <message>
        <source>as usual: %1</source>
        <translation>comme d'usage : %1</translation>
    </message>
    <message>
        <source>at %1, about %2 in all; a fine pen in the ink's colour, carried on to the edge, not over it</source>
        <translation>à %1, environ %2 en tout ; un stylo fin de la couleur de l'encre, mené jusqu'au bord, pas au-delà</translation>
    </message>
    <message>
        <source>at its foot</source>
        <translation>à son pied</translation>
    </message>
    <message>
        <source>at its left side</source>
        <translation>à son côté gauche</translation>
    </message>
    <message>
        <source>at its lower left</source>
        <translation>en bas à gauche</translation>
    </message>
    <message>
        <source>at its lower right</source>
        <translation>en bas à droite</translation>
    </message>
    <message>
        <source>at its right side</source>
        <translation>à son côté droit</translation>
    </message>
    <message>
        <source>at its top</source>
        <translation>à son sommet</translation>
    </message>
    <message>
        <source>at its upper left</source>
        <translation>en haut à gauche</translation>
    </message>
    <message>
        <source>at its upper right</source>
        <translation>en haut à droite</translation>
    </message>
    <message>
        <source>at noon</source>
        <translation>à midi</translation>
    </message>
    <message>
        <source>at the border</source>
        <translation>au bord</translation>
    </message>
    <message>
        <source>at the bottom</source>
        <translation>en bas</translation>
    </message>
    <message>
        <source>at the card's edge</source>
        <translation>au bord de la carte</translation>
    </message>
    <message>
        <source>at the left</source>
        <translation>à gauche</translation>
    </message>
    <message>
        <source>at the lower left</source>
        <translation>en bas à gauche</translation>
    </message>
    <message>
        <source>at the lower right</source>
        <translation>en bas à droite</translation>
    </message>
    <message>
        <source>at the right</source>
        <translation>à droite</translation>
    </message>
    <message>
        <source>at the top</source>
        <translation>en haut</translation>
    </message>
    <message>
        <source>at the upper left</source>
        <translation>en haut à gauche</translation>
    </message>
    <message>
        <source>at the upper right</source>
        <translation>en haut à droite</translation>
    </message>
    <message>
        <source>autumn</source>
        <translation>automne</translation>
    </message>
    <message>
        <source>avenue fence posts</source>
        <translation>allée clôture poteaux</translation>
    </message>
    <message>
        <source>bare edge, by care</source>
        <translation>bord nu, avec soin</translation>
    </message>
    <message>
        <source>base</source>
        <translation>carte double</translation>
    </message>
    <message>
        <source>base, mats, panel and papers, for other cards; they are kept in the drawer</source>
        <translation>carte double, passe-partout, panneau et papiers, pour d'autres cartes ; ils sont gardés dans le tiroir</translation>
    </message>
    <message>
        <source>before everything</source>
        <translation>avant tout</translation>
    </message>
    <message>
        <source>behind everything</source>
        <translation>derrière tout</translation>
    </message>
    <message>
        <source>behind the viewer</source>
        <translation>derrière le spectateur</translation>
    </message>
    <message>
        <source>behind whatever stands</source>
        <translation>derrière ce qui s'y trouve</translation>
    </message>
    <message>
        <source>behind you, to the left</source>
        <translation>derrière vous, à gauche</translation>
    </message>
    <message>
        <source>behind you, to the right</source>
        <translation>derrière vous, à droite</translation>
    </message>
    <message>
        <source>beige</source>
        <translation>beige</translation>
    </message>
    <message>
        <source>being made …</source>
        <translation>en préparation …</translation>
    </message>
    <message>
        <source>below a line</source>
        <translation>sous une ligne</translation>
    </message>
    <message>
        <source>below it</source>
        <translation>dessous</translation>
    </message>
    <message>
        <source>below its foot</source>
        <translation>sous son pied</translation>
    </message>
    <message>
        <source>bench</source>
        <translation>banc</translation>
    </message>
    <message>
        <source>bend the sheet gently both ways: it gives more easily round its fibres, and folds without cracking along them</source>
        <translation>pliez doucement la feuille dans les deux sens : elle cède mieux autour de ses fibres, et se plie le long d'elles sans craquer</translation>
    </message>
    <message>
        <source>better: %1, %2</source>
        <translation>mieux : %1, %2</translation>
    </message>
    <message>
        <source>between two things there is nothing to space: choose three or more</source>
        <translation>entre deux choses il n’y a rien à espacer : choisissez-en trois ou plus</translation>
    </message>
    <message>
        <source>black</source>
        <translation>noir</translation>
    </message>
    <message>
        <source>blending %1</source>
        <translation>estomper %1</translation>
    </message>
    <message>
        <source>blue</source>
        <translation>bleu</translation>
    </message>
    <message>
        <source>boards</source>
        <translation>planches</translation>
    </message>
    <message>
        <source>bought, or cut from stencil film: %1 openings, %2 by %3 in all</source>
        <translation>acheté, ou coupé dans du film à pochoir : %1 ouvertures, %2 sur %3 en tout</translation>
    </message>
    <message>
        <source>bricks of 12 mm</source>
        <translation>briques de 12 mm</translation>
    </message>
    <message>
        <source>brown</source>
        <translation>brun</translation>
    </message>
    <message>
        <source>brush</source>
        <translation>pinceau</translation>
    </message>
    <message>
        <source>building</source>
        <translation>bâtiment</translation>
    </message>
    <message>
        <source>by %1</source>
        <translation>par %1</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>à la main</translation>
    </message>
    <message>
        <source>by hand along its outline</source>
        <translation>à la main le long de son contour</translation>
    </message>
    <message>
        <source>by the length you marked</source>
        <translation>par la longueur marquée</translation>
    </message>
    <message>
        <source>by what it shows</source>
        <translation>selon ce qu’il montre</translation>
    </message>
    <message>
        <source>byte %1</source>
        <translation>octet %1</translation>
    </message>
    <message>
        <source>calibration square</source>
        <translation>carré d'étalonnage</translation>
    </message>
    <message>
        <source>canal</source>
        <translation>canal</translation>
    </message>
    <message>
        <source>cannot open %1: %2</source>
        <translation>ne peut ouvrir %1 : %2</translation>
    </message>
    <message>
        <source>cannot read %1: %2</source>
        <translation>ne peut lire %1 : %2</translation>
    </message>
    <message>
        <source>cannot write %1: %2</source>
        <translation>ne peut écrire %1 : %2</translation>
    </message>
    <message>
        <source>card for the base</source>
        <translation>carton pour la carte double</translation>
    </message>
    <message>
        <source>changed since it was saved</source>
        <translation>changé depuis l'enregistrement</translation>
    </message>
    <message>
        <source>chest</source>
        <translation>poitrine</translation>
    </message>
    <message>
        <source>choose the hero first: a palette is built around it</source>
        <translation>choisissez d’abord le héros : une palette se compose autour de lui</translation>
    </message>
    <message>
        <source>choose the hero first: an arrangement is built around it</source>
        <translation>choisissez d’abord le héros : un arrangement se compose autour de lui</translation>
    </message>
    <message>
        <source>choose the hero first: it is the one that keeps its colour</source>
        <translation>choisissez d’abord le héros : c’est lui qui garde sa couleur</translation>
    </message>
    <message>
        <source>choose the hero first: the card is freshened around it</source>
        <translation>choisissez d’abord le héros : la carte se rafraîchit autour de lui</translation>
    </message>
    <message>
        <source>clean the stamp</source>
        <translation>nettoyer le tampon</translation>
    </message>
    <message>
        <source>clean the stamp first</source>
        <translation>nettoyez d'abord le tampon</translation>
    </message>
    <message>
        <source>clear</source>
        <translation>transparent</translation>
    </message>
    <message>
        <source>clear powder</source>
        <translation>poudre transparente</translation>
    </message>
    <message>
        <source>clear powder and the heat tool (it burns: mind its label)</source>
        <translation>poudre transparente et outil chauffant (il brûle : suivez son étiquette)</translation>
    </message>
    <message>
        <source>click a part, sweep over several</source>
        <translation>cliquez une partie, balayez-en plusieurs</translation>
    </message>
    <message>
        <source>clouds blue</source>
        <translation>nuages bleu</translation>
    </message>
    <message>
        <source>colour pad harmony</source>
        <translation>couleur tampon encreur harmonie</translation>
    </message>
    <message>
        <source>colour tint</source>
        <translation>couleur teinte</translation>
    </message>
    <message>
        <source>colouring %1 in %2</source>
        <translation>colorer %1 en %2</translation>
    </message>
    <message>
        <source>copies batch shopping workshop</source>
        <translation>exemplaires série achats atelier</translation>
    </message>
    <message>
        <source>costs nothing else</source>
        <translation>ne coûte rien d'autre</translation>
    </message>
    <message>
        <source>covered %1 times, a mask lasts %2</source>
        <translation>couvert %1 fois, un masque dure %2</translation>
    </message>
    <message>
        <source>covered once</source>
        <translation>couvert une fois</translation>
    </message>
    <message>
        <source>covered: %1</source>
        <translation>couvert : %1</translation>
    </message>
    <message>
        <source>cut list</source>
        <translation>liste de coupe</translation>
    </message>
    <message>
        <source>cut off what hangs over the panel</source>
        <translation>coupez ce qui dépasse du panneau</translation>
    </message>
    <message>
        <source>cut off?</source>
        <translation>coupé ?</translation>
    </message>
    <message>
        <source>cut the masks %1 mm inside the line: %2</source>
        <translation>coupez les masques à %1 mm à l'intérieur du trait : %2</translation>
    </message>
    <message>
        <source>cut-out</source>
        <translation>découpe</translation>
    </message>
    <message>
        <source>damp it, strew grains of salt %1, and brush them off when all is dry</source>
        <translation>mouillez, semez des grains de sel %1, et balayez-les quand tout est sec</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>sombre</translation>
    </message>
    <message>
        <source>dark blue</source>
        <translation>bleu foncé</translation>
    </message>
    <message>
        <source>dark brown</source>
        <translation>brun foncé</translation>
    </message>
    <message>
        <source>dark edges</source>
        <translation>bords sombres</translation>
    </message>
    <message>
        <source>dark green</source>
        <translation>vert foncé</translation>
    </message>
    <message>
        <source>dark grey</source>
        <translation>gris foncé</translation>
    </message>
    <message>
        <source>dark red</source>
        <translation>rouge foncé</translation>
    </message>
    <message>
        <source>dark turquoise</source>
        <translation>turquoise foncé</translation>
    </message>
    <message>
        <source>dark violet</source>
        <translation>violet foncé</translation>
    </message>
    <message>
        <source>darker along its edge</source>
        <translation>plus sombre le long de son bord</translation>
    </message>
    <message>
        <source>darker away from the light</source>
        <translation>plus sombre loin de la lumière</translation>
    </message>
    <message>
        <source>darker towards the light</source>
        <translation>plus sombre vers la lumière</translation>
    </message>
    <message>
        <source>deep</source>
        <translation>profond</translation>
    </message>
    <message>
        <source>degrees, to the left</source>
        <translation>degrés, vers la gauche</translation>
    </message>
    <message>
        <source>delete away</source>
        <translation>supprimer ôter</translation>
    </message>
    <message>
        <source>difference compare</source>
        <translation>différence comparer</translation>
    </message>
    <message>
        <source>differs by %1</source>
        <translation>diffère de %1</translation>
    </message>
    <message>
        <source>disc</source>
        <translation>disque</translation>
    </message>
    <message>
        <source>dissolves</source>
        <translation>se dissout</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>distance</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fait</translation>
    </message>
    <message>
        <source>door</source>
        <translation>porte</translation>
    </message>
    <message>
        <source>door in the left wall</source>
        <translation>porte dans le mur de gauche</translation>
    </message>
    <message>
        <source>dots</source>
        <translation>points</translation>
    </message>
    <message>
        <source>dots of 4 mm</source>
        <translation>points de 4 mm</translation>
    </message>
    <message>
        <source>dots of 8 mm</source>
        <translation>points de 8 mm</translation>
    </message>
    <message>
        <source>down</source>
        <translation>vers le bas</translation>
    </message>
    <message>
        <source>dpi</source>
        <translation>ppp</translation>
    </message>
    <message>
        <source>draw a line</source>
        <translation>tracer une ligne</translation>
    </message>
    <message>
        <source>draw it on masking paper, cut along the line; keep both pieces</source>
        <translation>tracez-la sur du papier à masquer, coupez le long du trait ; gardez les deux morceaux</translation>
    </message>
    <message>
        <source>draw the outline round the print in one go; it is cut out where you drew</source>
        <translation>suivez le contour de l'empreinte d'un seul trait ; c'est découpé où vous avez tracé</translation>
    </message>
    <message>
        <source>drawing %1</source>
        <translation>dessiner %1</translation>
    </message>
    <message>
        <source>dries %1</source>
        <translation>sèche %1</translation>
    </message>
    <message>
        <source>drops of water</source>
        <translation>gouttes d'eau</translation>
    </message>
    <message>
        <source>drops of water %1; count to ten, then dab them up</source>
        <translation>gouttes d'eau %1 ; comptez jusqu'à dix, puis épongez-les</translation>
    </message>
    <message>
        <source>dry in %1</source>
        <translation>secs en %1</translation>
    </message>
    <message>
        <source>duplicate double again</source>
        <translation>dupliquer doubler encore</translation>
    </message>
    <message>
        <source>dye</source>
        <translation>colorant</translation>
    </message>
    <message>
        <source>dye sinks into the dark ground</source>
        <translation>le colorant s'enfonce dans le fond sombre</translation>
    </message>
    <message>
        <source>each part a little stronger or paler, so that copies are no clones</source>
        <translation>chaque partie un peu plus forte ou pâle, pour que les copies ne soient pas des clones</translation>
    </message>
    <message>
        <source>emboss %1: ink wipes off it</source>
        <translation>embosser %1 : l'encre s'en essuie</translation>
    </message>
    <message>
        <source>emboss the front clear; ink wipes off it</source>
        <translation>embossez l'avant en transparent ; l'encre s'en essuie</translation>
    </message>
    <message>
        <source>embossing</source>
        <translation>embossage</translation>
    </message>
    <message>
        <source>embossing powder</source>
        <translation>poudre à embosser</translation>
    </message>
    <message>
        <source>embossing powder for %1 things</source>
        <translation>poudre à embosser pour %1 choses</translation>
    </message>
    <message>
        <source>embossing powder for one thing</source>
        <translation>poudre à embosser pour une chose</translation>
    </message>
    <message>
        <source>empty</source>
        <translation>vide</translation>
    </message>
    <message>
        <source>end of the line: only one side of it is stamped</source>
        <translation>bout de la ligne : un seul côté en est tamponné</translation>
    </message>
    <message>
        <source>enough</source>
        <translation>assez</translation>
    </message>
    <message>
        <source>envelope</source>
        <translation>enveloppe</translation>
    </message>
    <message>
        <source>even</source>
        <translation>uni</translation>
    </message>
    <message>
        <source>evening %1 begins</source>
        <translation>égaliser %1 commence</translation>
    </message>
    <message>
        <source>evenly, clear of faces and of words; press again for another throw</source>
        <translation>également, loin des visages et des mots ; pressez encore pour un autre jet</translation>
    </message>
    <message>
        <source>every colour of the card paler with the distance of its thing</source>
        <translation>chaque couleur de la carte plus pâle avec la distance de sa chose</translation>
    </message>
    <message>
        <source>every part that has no colour yet, in the colour in hand</source>
        <translation>chaque partie encore sans couleur, dans la couleur en main</translation>
    </message>
    <message>
        <source>every step of a wash wants one ink and one reach</source>
        <translation>chaque étape d’un fondu demande une encre et une étendue</translation>
    </message>
    <message>
        <source>everything in the colour of its distance</source>
        <translation>tout dans la couleur de sa distance</translation>
    </message>
    <message>
        <source>everything is held in place: let something move</source>
        <translation>tout est tenu en place : laissez bouger quelque chose</translation>
    </message>
    <message>
        <source>eye level %1</source>
        <translation>hauteur des yeux %1</translation>
    </message>
    <message>
        <source>eye level, %1 up</source>
        <translation>hauteur des yeux, à %1</translation>
    </message>
    <message>
        <source>eyes must be above the ground</source>
        <translation>les yeux doivent être au-dessus du sol</translation>
    </message>
    <message>
        <source>far </source>
        <translation>loin </translation>
    </message>
    <message>
        <source>farther under order</source>
        <translation>plus loin sous ordre</translation>
    </message>
    <message>
        <source>fewer than three marks are seen on the sheet</source>
        <translation>moins de trois repères sont visibles sur la feuille</translation>
    </message>
    <message>
        <source>figure</source>
        <translation>figure</translation>
    </message>
    <message>
        <source>finds printed marks</source>
        <translation>trouve des repères imprimés</translation>
    </message>
    <message>
        <source>fine</source>
        <translation>fin</translation>
    </message>
    <message>
        <source>first</source>
        <translation>premier</translation>
    </message>
    <message>
        <source>flap of the envelope</source>
        <translation>rabat de l'enveloppe</translation>
    </message>
    <message>
        <source>flat; glue that sets slowly leaves time to push it straight</source>
        <translation>à plat ; une colle lente laisse le temps de le pousser droit</translation>
    </message>
    <message>
        <source>flicked drops</source>
        <translation>gouttelettes projetées</translation>
    </message>
    <message>
        <source>foam and paper are no thinner than nothing</source>
        <translation>mousse et papier ne sont pas plus minces que rien</translation>
    </message>
    <message>
        <source>foam of %1</source>
        <translation>mousse de %1</translation>
    </message>
    <message>
        <source>focus hero eye attention contrast looks</source>
        <translation>point focal héros œil attention contraste regards</translation>
    </message>
    <message>
        <source>fog haze</source>
        <translation>brume brouillard</translation>
    </message>
    <message>
        <source>foot</source>
        <translation>pied</translation>
    </message>
    <message>
        <source>foot %1</source>
        <translation>pied %1</translation>
    </message>
    <message>
        <source>foot %1 from its left edge, %2 from its lower edge</source>
        <translation>pied à %1 de son bord gauche, à %2 de son bord inférieur</translation>
    </message>
    <message>
        <source>for %1</source>
        <translation>pour %1</translation>
    </message>
    <message>
        <source>fourth</source>
        <translation>quatrième</translation>
    </message>
    <message>
        <source>fresh</source>
        <translation>frais</translation>
    </message>
    <message>
        <source>from</source>
        <translation>de</translation>
    </message>
    <message>
        <source>from %1 outward over %2 %</source>
        <translation>de %1 vers l'extérieur sur %2 %</translation>
    </message>
    <message>
        <source>from a direction</source>
        <translation>d'une direction</translation>
    </message>
    <message>
        <source>from behind</source>
        <translation>de derrière</translation>
    </message>
    <message>
        <source>from its dry print on masking paper, just inside the line</source>
        <translation>de son empreinte sèche sur papier à masquer, juste à l'intérieur du trait</translation>
    </message>
    <message>
        <source>from its dry print, %1</source>
        <translation>de son empreinte sèche, %1</translation>
    </message>
    <message>
        <source>from its dry print, just inside the line; cut away where %1 lies over it</source>
        <translation>de son empreinte sèche, juste à l'intérieur du trait ; évidez où %1 est par-dessus</translation>
    </message>
    <message>
        <source>from its edges inward over %1 %</source>
        <translation>de ses bords vers l'intérieur sur %1 %</translation>
    </message>
    <message>
        <source>from its middle line up and down over %1 %</source>
        <translation>de sa ligne du milieu vers le haut et le bas sur %1 %</translation>
    </message>
    <message>
        <source>from its middle outward over %1 %</source>
        <translation>de son milieu vers l'extérieur sur %1 %</translation>
    </message>
    <message>
        <source>from the bottom up over %1</source>
        <translation>du bas vers le haut sur %1</translation>
    </message>
    <message>
        <source>from the drawer</source>
        <translation>du tiroir</translation>
    </message>
    <message>
        <source>from the front</source>
        <translation>de devant</translation>
    </message>
    <message>
        <source>from the left</source>
        <translation>de gauche</translation>
    </message>
    <message>
        <source>from the left over %1</source>
        <translation>de gauche sur %1</translation>
    </message>
    <message>
        <source>from the left, so that the hand stays off</source>
        <translation>de gauche, pour que la main n'y touche pas</translation>
    </message>
    <message>
        <source>from the real heights of what stands on the ground</source>
        <translation>des hauteurs réelles de ce qui est sur le sol</translation>
    </message>
    <message>
        <source>from the right</source>
        <translation>de droite</translation>
    </message>
    <message>
        <source>from the right over %1</source>
        <translation>de droite sur %1</translation>
    </message>
    <message>
        <source>from the right, so that the hand stays off</source>
        <translation>de droite, pour que la main n'y touche pas</translation>
    </message>
    <message>
        <source>from the top down over %1</source>
        <translation>du haut vers le bas sur %1</translation>
    </message>
    <message>
        <source>from their dry prints, %1</source>
        <translation>de leurs empreintes sèches, %1</translation>
    </message>
    <message>
        <source>from their dry prints, in one piece, just inside the line round all of them</source>
        <translation>de leurs empreintes sèches, d'un seul morceau, juste à l'intérieur du trait autour de toutes</translation>
    </message>
    <message>
        <source>from where you shade it by hand</source>
        <translation>d'où vous ombrez à la main</translation>
    </message>
    <message>
        <source>front first, cover it, then what is behind</source>
        <translation>l'avant d'abord, le couvrir, puis ce qui est derrière</translation>
    </message>
    <message>
        <source>gap overlap halo shift chance</source>
        <translation>vide recouvrement halo décalage risque</translation>
    </message>
    <message>
        <source>give this part a name; it is kept with the stamp</source>
        <translation>donnez un nom à cette partie ; il est gardé avec le tampon</translation>
    </message>
    <message>
        <source>glitter</source>
        <translation>paillettes</translation>
    </message>
    <message>
        <source>gloss</source>
        <translation>brillant</translation>
    </message>
    <message>
        <source>gloss or glitter over a whole part of the chosen thing</source>
        <translation>brillant ou paillettes sur une partie entière de la chose choisie</translation>
    </message>
    <message>
        <source>glow</source>
        <translation>lueur</translation>
    </message>
    <message>
        <source>glued flat</source>
        <translation>collé à plat</translation>
    </message>
    <message>
        <source>green</source>
        <translation>vert</translation>
    </message>
    <message>
        <source>greeting “%1”</source>
        <translation>vœu « %1 »</translation>
    </message>
    <message>
        <source>grey</source>
        <translation>gris</translation>
    </message>
    <message>
        <source>grey, lightness %1</source>
        <translation>gris, clarté %1</translation>
    </message>
    <message>
        <source>ground</source>
        <translation>sol</translation>
    </message>
    <message>
        <source>half of %1</source>
        <translation>la moitié de %1</translation>
    </message>
    <message>
        <source>half way up</source>
        <translation>à mi-hauteur</translation>
    </message>
    <message>
        <source>halo</source>
        <translation>halo</translation>
    </message>
    <message>
        <source>hardly any</source>
        <translation>presque aucun</translation>
    </message>
    <message>
        <source>hardly used</source>
        <translation>à peine employé</translation>
    </message>
    <message>
        <source>hare, birthday, Ada, November …</source>
        <translation>lièvre, anniversaire, Ada, novembre …</translation>
    </message>
    <message>
        <source>hare, tall poplar …</source>
        <translation>lièvre, grand peuplier …</translation>
    </message>
    <message>
        <source>has %1 points; %2 are the most</source>
        <translation>a %1 points ; %2 au plus</translation>
    </message>
    <message>
        <source>has no rings</source>
        <translation>n’a pas d’anneau</translation>
    </message>
    <message>
        <source>held in place</source>
        <translation>tenu en place</translation>
    </message>
    <message>
        <source>hero %1 %</source>
        <translation>héros %1 %</translation>
    </message>
    <message>
        <source>hero first, %1 %</source>
        <translation>héros vu 1er, %1 %</translation>
    </message>
    <message>
        <source>hero in place %1</source>
        <translation>héros en place %1</translation>
    </message>
    <message>
        <source>highlights</source>
        <translation>rehauts</translation>
    </message>
    <message>
        <source>hill</source>
        <translation>colline</translation>
    </message>
    <message>
        <source>hole %1, %2 across</source>
        <translation>trou %1, large de %2</translation>
    </message>
    <message>
        <source>horizon</source>
        <translation>horizon</translation>
    </message>
    <message>
        <source>horizon, eyes at %1</source>
        <translation>horizon, yeux à %1</translation>
    </message>
    <message>
        <source>horizon: drag it up or down</source>
        <translation>horizon : tirez-le vers le haut ou le bas</translation>
    </message>
    <message>
        <source>how far the ground at the card's lower edge is from the viewer</source>
        <translation>à quelle distance du spectateur est le sol au bord inférieur de la carte</translation>
    </message>
    <message>
        <source>how it and what is behind it get along</source>
        <translation>comment il s'entend avec ce qui est derrière</translation>
    </message>
    <message>
        <source>how it is made</source>
        <translation>la façon de la faire</translation>
    </message>
    <message>
        <source>how it is meant to be read</source>
        <translation>la façon dont elle se lit</translation>
    </message>
    <message>
        <source>how strong each pressing is, in % of the first: 100, 70, 49</source>
        <translation>force de chaque pression, en % de la première : 100, 70, 49</translation>
    </message>
    <message>
        <source>how tall really?</source>
        <translation>quelle hauteur réelle ?</translation>
    </message>
    <message>
        <source>hybrid</source>
        <translation>hybride</translation>
    </message>
    <message>
        <source>idea scheme propose</source>
        <translation>idée schéma proposer</translation>
    </message>
    <message>
        <source>in</source>
        <translation>dans</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>en %1</translation>
    </message>
    <message>
        <source>in %1 places</source>
        <translation>en %1 endroits</translation>
    </message>
    <message>
        <source>in %1, a %2 pen</source>
        <translation>en %1, un stylo de %2</translation>
    </message>
    <message>
        <source>in %1: %2</source>
        <translation>en %1 : %2</translation>
    </message>
    <message>
        <source>in its middle</source>
        <translation>en son milieu</translation>
    </message>
    <message>
        <source>in one place</source>
        <translation>en un endroit</translation>
    </message>
    <message>
        <source>in several places</source>
        <translation>en plusieurs endroits</translation>
    </message>
    <message>
        <source>in the air</source>
        <translation>en l'air</translation>
    </message>
    <message>
        <source>in the drawer</source>
        <translation>dans le tiroir</translation>
    </message>
    <message>
        <source>in the evening</source>
        <translation>le soir</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>au milieu</translation>
    </message>
    <message>
        <source>in the middle of a piece of about %1 by %2; it is cut out afterwards</source>
        <translation>au milieu d'un morceau d'environ %1 sur %2 ; il est découpé ensuite</translation>
    </message>
    <message>
        <source>in the morning</source>
        <translation>le matin</translation>
    </message>
    <message>
        <source>in the scene</source>
        <translation>dans la scène</translation>
    </message>
    <message>
        <source>in this plan</source>
        <translation>dans ce plan</translation>
    </message>
    <message>
        <source>in your own words</source>
        <translation>dans vos propres mots</translation>
    </message>
    <message>
        <source>inches</source>
        <translation>pouces</translation>
    </message>
    <message>
        <source>ink it, press %1 times on scrap paper</source>
        <translation>encrez-le, pressez %1 fois sur du brouillon</translation>
    </message>
    <message>
        <source>ink it, press once on scrap paper</source>
        <translation>encrez-le, pressez une fois sur du brouillon</translation>
    </message>
    <message>
        <source>ink the mist leaves</source>
        <translation>l'encre que laisse la brume</translation>
    </message>
    <message>
        <source>ink up to %1 inside %2, along %3</source>
        <translation>encre jusqu'à %1 dans %2, le long de %3</translation>
    </message>
    <message>
        <source>inside it</source>
        <translation>à l'intérieur</translation>
    </message>
    <message>
        <source>invisible</source>
        <translation>invisible</translation>
    </message>
    <message>
        <source>is not a mask</source>
        <translation>n'est pas un masque</translation>
    </message>
    <message>
        <source>is not a paper</source>
        <translation>n'est pas un papier</translation>
    </message>
    <message>
        <source>is not a set of sizes</source>
        <translation>n'est pas un jeu de formats</translation>
    </message>
    <message>
        <source>is not a stamp</source>
        <translation>n'est pas un tampon</translation>
    </message>
    <message>
        <source>is not a thing of the stock</source>
        <translation>n'est pas une chose du stock</translation>
    </message>
    <message>
        <source>it asks for a style sheet or another program (&lt;?%1?&gt;)</source>
        <translation>il demande une feuille de style ou un autre programme (&lt;?%1?&gt;)</translation>
    </message>
    <message>
        <source>it bore more than before</source>
        <translation>il supportait plus qu'avant</translation>
    </message>
    <message>
        <source>it defines entities</source>
        <translation>il définit des entités</translation>
    </message>
    <message>
        <source>it goes over the rim of what is glued on</source>
        <translation>il passe le rebord de ce qui est collé dessus</translation>
    </message>
    <message>
        <source>it has had its time; touch it to be sure</source>
        <translation>cela a eu son temps ; touchez pour être sûr</translation>
    </message>
    <message>
        <source>it has more than %1 numbers</source>
        <translation>il a plus de %1 nombres</translation>
    </message>
    <message>
        <source>it has more than %1 parts</source>
        <translation>il a plus de %1 parties</translation>
    </message>
    <message>
        <source>it has no %1</source>
        <translation>il n'a pas de %1</translation>
    </message>
    <message>
        <source>it has numbers that no drawing has</source>
        <translation>il a des nombres qu'aucun dessin n'a</translation>
    </message>
    <message>
        <source>it holds &lt;%1&gt;: scripts, style sheets, pictures, movement and links to elsewhere are not taken. Save it as a plain SVG</source>
        <translation>il contient &lt;%1&gt; : scripts, feuilles de style, images, mouvement et liens vers ailleurs ne sont pas pris. Enregistrez-le en SVG simple</translation>
    </message>
    <message>
        <source>it holds entities</source>
        <translation>il contient des entités</translation>
    </message>
    <message>
        <source>it holds links to elsewhere</source>
        <translation>il contient des liens vers ailleurs</translation>
    </message>
    <message>
        <source>it holds more files than a drawer may have</source>
        <translation>il contient plus de fichiers qu'un tiroir ne peut en avoir</translation>
    </message>
    <message>
        <source>it is a folder</source>
        <translation>c'est un dossier</translation>
    </message>
    <message>
        <source>it is a pipe with nobody at its other end</source>
        <translation>c'est un tube sans personne à l'autre bout</translation>
    </message>
    <message>
        <source>it is damaged</source>
        <translation>il est abîmé</translation>
    </message>
    <message>
        <source>it is damaged: %1, line %2</source>
        <translation>il est abîmé : %1, ligne %2</translation>
    </message>
    <message>
        <source>it is empty</source>
        <translation>il est vide</translation>
    </message>
    <message>
        <source>it is nested too deeply</source>
        <translation>il est imbriqué trop profondément</translation>
    </message>
    <message>
        <source>it is no SVG</source>
        <translation>ce n'est pas un SVG</translation>
    </message>
    <message>
        <source>it is on a piece of paper of its own</source>
        <translation>il est sur son propre morceau de papier</translation>
    </message>
    <message>
        <source>it may not be opened or changed</source>
        <translation>il ne peut être ouvert ou changé</translation>
    </message>
    <message>
        <source>it needs a beginning and an end</source>
        <translation>il faut un début et une fin</translation>
    </message>
    <message>
        <source>it runs low</source>
        <translation>il s'épuise</translation>
    </message>
    <message>
        <source>it stays in the reading, below the others</source>
        <translation>il reste dans la lecture, sous les autres</translation>
    </message>
    <message>
        <source>it unpacks to more than a drawer may have</source>
        <translation>il se déballe en plus qu'un tiroir ne peut avoir</translation>
    </message>
    <message>
        <source>its blade trails %1</source>
        <translation>sa lame traîne de %1</translation>
    </message>
    <message>
        <source>its borders</source>
        <translation>ses bords</translation>
    </message>
    <message>
        <source>its centre</source>
        <translation>son centre</translation>
    </message>
    <message>
        <source>its dashes are too many and too small</source>
        <translation>ses tirets sont trop nombreux et trop petits</translation>
    </message>
    <message>
        <source>its edge</source>
        <translation>son bord</translation>
    </message>
    <message>
        <source>its edge is straight here, so no mask is needed</source>
        <translation>son bord est droit ici, donc pas de masque</translation>
    </message>
    <message>
        <source>its edge or opening</source>
        <translation>son bord ou son ouverture</translation>
    </message>
    <message>
        <source>its foot must stay hidden</source>
        <translation>son pied doit rester caché</translation>
    </message>
    <message>
        <source>its left edge %1 from the left, its lower edge %2 from the bottom</source>
        <translation>son bord gauche à %1 de la gauche, son bord inférieur à %2 du bas</translation>
    </message>
    <message>
        <source>its lines cross each other more than %1 times</source>
        <translation>ses lignes se croisent plus de %1 fois</translation>
    </message>
    <message>
        <source>its lines cross each other too often to be cut</source>
        <translation>ses lignes se croisent trop souvent pour être découpées</translation>
    </message>
    <message>
        <source>its measures must be more than 0</source>
        <translation>ses mesures doivent être plus que 0</translation>
    </message>
    <message>
        <source>its middle %1</source>
        <translation>son milieu %1</translation>
    </message>
    <message>
        <source>its middle line</source>
        <translation>sa ligne du milieu</translation>
    </message>
    <message>
        <source>its print comes out the other way round; here it is shown as it prints</source>
        <translation>son empreinte sort à l'envers ; ici on la voit comme elle imprime</translation>
    </message>
    <message>
        <source>its rings cancel out and cover nothing</source>
        <translation>ses anneaux s’annulent et ne couvrent rien</translation>
    </message>
    <message>
        <source>its sides are straight here, so no mask is needed</source>
        <translation>ses côtés sont droits ici, donc pas de masque</translation>
    </message>
    <message>
        <source>its weight is balanced</source>
        <translation>son poids est équilibré</translation>
    </message>
    <message>
        <source>its width</source>
        <translation>sa largeur</translation>
    </message>
    <message>
        <source>jarring</source>
        <translation>criard</translation>
    </message>
    <message>
        <source>just above its foot</source>
        <translation>juste au-dessus de son pied</translation>
    </message>
    <message>
        <source>just before %1</source>
        <translation>juste devant %1</translation>
    </message>
    <message>
        <source>just behind %1</source>
        <translation>juste derrière %1</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>garder</translation>
    </message>
    <message>
        <source>kept clean by tape</source>
        <translation>gardé propre par du ruban</translation>
    </message>
    <message>
        <source>lake river sea canal</source>
        <translation>lac rivière mer canal</translation>
    </message>
    <message>
        <source>landscape piece</source>
        <translation>morceau de paysage</translation>
    </message>
    <message>
        <source>large type</source>
        <translation>gros caractères</translation>
    </message>
    <message>
        <source>largest %1</source>
        <translation>le plus grand %1</translation>
    </message>
    <message>
        <source>last</source>
        <translation>dernier</translation>
    </message>
    <message>
        <source>last of all, over the rim of a piece that is glued flat on the panel</source>
        <translation>tout à la fin, par-dessus le rebord d'une pièce collée à plat sur le panneau</translation>
    </message>
    <message>
        <source>layout paper tape joint cover</source>
        <translation>disposition papier ruban commun couvrir</translation>
    </message>
    <message>
        <source>leaf green</source>
        <translation>vert feuille</translation>
    </message>
    <message>
        <source>leave out</source>
        <translation>laisser de côté</translation>
    </message>
    <message>
        <source>leaves room for %1</source>
        <translation>laisse de la place pour %1</translation>
    </message>
    <message>
        <source>left</source>
        <translation>gauche</translation>
    </message>
    <message>
        <source>left bare</source>
        <translation>laissé nu</translation>
    </message>
    <message>
        <source>left of a line</source>
        <translation>à gauche d'une ligne</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>laissé de côté</translation>
    </message>
    <message>
        <source>lettering “%1”</source>
        <translation>lettrage « %1 »</translation>
    </message>
    <message>
        <source>letters</source>
        <translation>lettres</translation>
    </message>
    <message>
        <source>level %1 of %2, %3 answers</source>
        <translation>niveau %1 sur %2, %3 réponses</translation>
    </message>
    <message>
        <source>level %1 of %2, 1 answer</source>
        <translation>niveau %1 sur %2, 1 réponse</translation>
    </message>
    <message>
        <source>level 1 of %1</source>
        <translation>niveau 1 sur %1</translation>
    </message>
    <message>
        <source>level with %1</source>
        <translation>au niveau de %1</translation>
    </message>
    <message>
        <source>level, along the width</source>
        <translation>de niveau, le long de la largeur</translation>
    </message>
    <message>
        <source>lift slowly from one corner; keep the masks for next time</source>
        <translation>levez doucement par un coin ; gardez les masques pour la prochaine fois</translation>
    </message>
    <message>
        <source>light</source>
        <translation>clair</translation>
    </message>
    <message>
        <source>light and dark alone, in four steps</source>
        <translation>le clair et le sombre seuls, en quatre degrés</translation>
    </message>
    <message>
        <source>light blue</source>
        <translation>bleu clair</translation>
    </message>
    <message>
        <source>light green</source>
        <translation>vert clair</translation>
    </message>
    <message>
        <source>light grey</source>
        <translation>gris clair</translation>
    </message>
    <message>
        <source>light lamp sun moon</source>
        <translation>lumière lampe soleil lune</translation>
    </message>
    <message>
        <source>light orange</source>
        <translation>orange clair</translation>
    </message>
    <message>
        <source>light turquoise</source>
        <translation>turquoise clair</translation>
    </message>
    <message>
        <source>light yellow</source>
        <translation>jaune clair</translation>
    </message>
    <message>
        <source>lightly, with a soft pencil, as the pencil sheet shows them; the visible lines are inked later</source>
        <translation>légèrement, au crayon tendre, comme la feuille au crayon les montre ; les traits visibles sont encrés plus tard</translation>
    </message>
    <message>
        <source>line %1</source>
        <translation>ligne %1</translation>
    </message>
    <message>
        <source>line art</source>
        <translation>dessin au trait</translation>
    </message>
    <message>
        <source>line art that will be coloured, or a wash goes round it</source>
        <translation>dessin au trait à colorer, ou qu'une estompe entoure</translation>
    </message>
    <message>
        <source>liner</source>
        <translation>traceur</translation>
    </message>
    <message>
        <source>lines of the ground</source>
        <translation>lignes du sol</translation>
    </message>
    <message>
        <source>lines of the room</source>
        <translation>lignes de la pièce</translation>
    </message>
    <message>
        <source>lines that run %1 into it, over %2</source>
        <translation>lignes qui y entrent de %1, sur %2</translation>
    </message>
    <message>
        <source>lively together</source>
        <translation>vives ensemble</translation>
    </message>
    <message>
        <source>lock fix free</source>
        <translation>verrouiller fixer libérer</translation>
    </message>
    <message>
        <source>looks left</source>
        <translation>regarde à gauche</translation>
    </message>
    <message>
        <source>looks nowhere</source>
        <translation>ne regarde nulle part</translation>
    </message>
    <message>
        <source>looks right</source>
        <translation>regarde à droite</translation>
    </message>
    <message>
        <source>looks, rows and paths; the thirds; a wedge where the weight lies</source>
        <translation>regards, rangs et chemins ; les tiers ; un coin où est le poids</translation>
    </message>
    <message>
        <source>low-tack tape</source>
        <translation>ruban peu collant</translation>
    </message>
    <message>
        <source>lower corner of the back wall</source>
        <translation>coin inférieur du mur du fond</translation>
    </message>
    <message>
        <source>lower left corner of the stamp %1</source>
        <translation>coin inférieur gauche du tampon %1</translation>
    </message>
    <message>
        <source>lower right corner of the stamp %1</source>
        <translation>coin inférieur droit du tampon %1</translation>
    </message>
    <message>
        <source>lying</source>
        <translation>couché</translation>
    </message>
    <message>
        <source>m</source>
        <translation>m</translation>
    </message>
    <message>
        <source>m in this scene</source>
        <translation>m dans cette scène</translation>
    </message>
    <message>
        <source>many lines to join again by pen</source>
        <translation>beaucoup de traits à raccorder au stylo</translation>
    </message>
    <message>
        <source>many people</source>
        <translation>beaucoup de gens</translation>
    </message>
    <message>
        <source>mark the foot on the mask and lay it by the mark: %1</source>
        <translation>marquez le pied sur le masque et posez-le par la marque : %1</translation>
    </message>
    <message>
        <source>marker</source>
        <translation>marqueur</translation>
    </message>
    <message>
        <source>marker pencil brush shade fill</source>
        <translation>feutre crayon pinceau ombre remplir</translation>
    </message>
    <message>
        <source>markers: %1</source>
        <translation>marqueurs : %1</translation>
    </message>
    <message>
        <source>marks printed on the sheet</source>
        <translation>des repères imprimés</translation>
    </message>
    <message>
        <source>mask</source>
        <translation>masque</translation>
    </message>
    <message>
        <source>mask %1</source>
        <translation>masque %1</translation>
    </message>
    <message>
        <source>masking paper for %1 masks</source>
        <translation>papier à masquer pour %1 masques</translation>
    </message>
    <message>
        <source>masking paper for %1 masks, scissors or a blade</source>
        <translation>papier à masquer pour %1 masques, ciseaux ou lame</translation>
    </message>
    <message>
        <source>masking paper for one mask</source>
        <translation>papier à masquer pour un masque</translation>
    </message>
    <message>
        <source>masking paper for one mask, scissors or a blade</source>
        <translation>du papier à masquer pour un masque, des ciseaux ou une lame</translation>
    </message>
    <message>
        <source>masks</source>
        <translation>masques</translation>
    </message>
    <message>
        <source>mastered</source>
        <translation>maîtrisé</translation>
    </message>
    <message>
        <source>mat</source>
        <translation>passe-partout</translation>
    </message>
    <message>
        <source>me</source>
        <translation>moi</translation>
    </message>
    <message>
        <source>meadow grass field earth</source>
        <translation>pré herbe champ terre</translation>
    </message>
    <message>
        <source>mends %1 things at once</source>
        <translation>arrange %1 choses d'un coup</translation>
    </message>
    <message>
        <source>millimetres</source>
        <translation>millimètres</translation>
    </message>
    <message>
        <source>mist</source>
        <translation>brume</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>moon sun disc</source>
        <translation>lune soleil disque</translation>
    </message>
    <message>
        <source>more of it is plain</source>
        <translation>il en reste plus de libre</translation>
    </message>
    <message>
        <source>more overlaps tell what is near</source>
        <translation>plus de recouvrements disent ce qui est proche</translation>
    </message>
    <message>
        <source>more room around it</source>
        <translation>plus de place autour</translation>
    </message>
    <message>
        <source>most of the other stamp would be taped off</source>
        <translation>presque tout l'autre tampon serait couvert de ruban</translation>
    </message>
    <message>
        <source>moves the row so that the nearest is as much too small as the farthest is too tall</source>
        <translation>déplace le rang pour que le plus proche soit trop petit autant que le plus loin est trop grand</translation>
    </message>
    <message>
        <source>my drawer</source>
        <translation>mon tiroir</translation>
    </message>
    <message>
        <source>name</source>
        <translation>nom</translation>
    </message>
    <message>
        <source>nearer over order</source>
        <translation>plus près par-dessus ordre</translation>
    </message>
    <message>
        <source>needs %1</source>
        <translation>demande %1</translation>
    </message>
    <message>
        <source>never</source>
        <translation>jamais</translation>
    </message>
    <message>
        <source>no blend runs over what is too fine to cut</source>
        <translation>aucune estompe ne passe sur ce qui est trop fin à couper</translation>
    </message>
    <message>
        <source>no card yet</source>
        <translation>aucune carte</translation>
    </message>
    <message>
        <source>no colour at all</source>
        <translation>aucune couleur</translation>
    </message>
    <message>
        <source>no file yet</source>
        <translation>encore aucun fichier</translation>
    </message>
    <message>
        <source>no hero</source>
        <translation>pas de héros</translation>
    </message>
    <message>
        <source>no ink</source>
        <translation>aucune encre</translation>
    </message>
    <message>
        <source>no light paper is seen round the patches to compare them with</source>
        <translation>on ne voit pas de papier clair autour des taches pour les comparer</translation>
    </message>
    <message>
        <source>no light said</source>
        <translation>lumière non dite</translation>
    </message>
    <message>
        <source>no patch of even colour is seen on it</source>
        <translation>on n’y voit aucune tache de couleur égale</translation>
    </message>
    <message>
        <source>no rim under it</source>
        <translation>pas de rebord dessous</translation>
    </message>
    <message>
        <source>none</source>
        <translation>aucun</translation>
    </message>
    <message>
        <source>none is in the drawer yet</source>
        <translation>aucun n'est encore dans le tiroir</translation>
    </message>
    <message>
        <source>none of the plan's stamps</source>
        <translation>aucun des tampons du plan</translation>
    </message>
    <message>
        <source>none of the row would be seen on the panel</source>
        <translation>rien du rang ne se verrait sur le panneau</translation>
    </message>
    <message>
        <source>none said</source>
        <translation>rien de dit</translation>
    </message>
    <message>
        <source>none to cut</source>
        <translation>rien à couper</translation>
    </message>
    <message>
        <source>none yet</source>
        <translation>encore aucun</translation>
    </message>
    <message>
        <source>not as planned when pressed</source>
        <translation>pas comme prévu à la pression</translation>
    </message>
    <message>
        <source>not at all</source>
        <translation>pas du tout</translation>
    </message>
    <message>
        <source>not begun</source>
        <translation>pas commencée</translation>
    </message>
    <message>
        <source>not counted</source>
        <translation>non compté</translation>
    </message>
    <message>
        <source>not folded</source>
        <translation>non pliée</translation>
    </message>
    <message>
        <source>not in the drawer yet</source>
        <translation>pas encore dans le tiroir</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>inconnu</translation>
    </message>
    <message>
        <source>not marked</source>
        <translation>non marqué</translation>
    </message>
    <message>
        <source>not on the mask</source>
        <translation>pas sur le masque</translation>
    </message>
    <message>
        <source>not readable as JSON: %1</source>
        <translation>illisible comme JSON : %1</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>non dit</translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation>pas encore enregistré</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>pas encore</translation>
    </message>
    <message>
        <source>note remember extra</source>
        <translation>note rappel supplément</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>rien</translation>
    </message>
    <message>
        <source>nothing can be cut from what is there</source>
        <translation>rien ne peut être coupé de ce qui est là</translation>
    </message>
    <message>
        <source>nothing comes near behind it</source>
        <translation>rien ne s'en approche derrière</translation>
    </message>
    <message>
        <source>nothing comes near behind it, so any way will do</source>
        <translation>rien ne s'en approche derrière, donc toute façon convient</translation>
    </message>
    <message>
        <source>nothing covered</source>
        <translation>rien de couvert</translation>
    </message>
    <message>
        <source>nothing covered yet</source>
        <translation>encore rien de couvert</translation>
    </message>
    <message>
        <source>nothing else</source>
        <translation>rien d'autre</translation>
    </message>
    <message>
        <source>nothing in the drawer fits behind this hero: trees, buildings or hills with a height that is known</source>
        <translation>rien dans le tiroir ne va derrière ce héros : arbres, maisons ou collines de hauteur connue</translation>
    </message>
    <message>
        <source>nothing is left to mend</source>
        <translation>rien ne reste à corriger</translation>
    </message>
    <message>
        <source>nothing is too fine to cut that could be cut</source>
        <translation>rien de trop fin ne pourrait être coupé</translation>
    </message>
    <message>
        <source>nothing lies before it</source>
        <translation>rien devant lui</translation>
    </message>
    <message>
        <source>nothing more</source>
        <translation>rien de plus</translation>
    </message>
    <message>
        <source>nothing of the stamp would be stamped</source>
        <translation>rien du tampon ne serait tamponné</translation>
    </message>
    <message>
        <source>nothing that is not on the card's shelf</source>
        <translation>rien qui ne soit sur l'étagère de la carte</translation>
    </message>
    <message>
        <source>nothing that stands on the ground has a real height</source>
        <translation>rien de ce qui est au sol n’a de hauteur réelle</translation>
    </message>
    <message>
        <source>nothing to look at</source>
        <translation>rien à regarder</translation>
    </message>
    <message>
        <source>offcut, %1 × %2</source>
        <translation>chute, %1 × %2</translation>
    </message>
    <message>
        <source>olive green</source>
        <translation>vert olive</translation>
    </message>
    <message>
        <source>on %1</source>
        <translation>sur %1</translation>
    </message>
    <message>
        <source>on %1, %2 each, %3 in all</source>
        <translation>sur %1, %2 chacun, %3 en tout</translation>
    </message>
    <message>
        <source>on a piece of its own, cut out and raised on foam</source>
        <translation>sur sa propre pièce, découpé et surélevé sur mousse</translation>
    </message>
    <message>
        <source>on land</source>
        <translation>à terre</translation>
    </message>
    <message>
        <source>on masking paper, %1; lay them aside to dry</source>
        <translation>sur du papier à masquer, %1 ; mettre de côté pour sécher</translation>
    </message>
    <message>
        <source>on masking paper, %1; they dry meanwhile</source>
        <translation>sur papier à masquer, %1 ; elles sèchent pendant ce temps</translation>
    </message>
    <message>
        <source>on masking paper, in %1: %2; lay them aside to dry</source>
        <translation>sur papier à masquer, en %1 : %2 ; mettez-les de côté à sécher</translation>
    </message>
    <message>
        <source>on masking paper, in %1; lay it aside to dry</source>
        <translation>sur papier à masquer, en %1 ; mettez-la de côté à sécher</translation>
    </message>
    <message>
        <source>on the horizon</source>
        <translation>sur l'horizon</translation>
    </message>
    <message>
        <source>on the left third</source>
        <translation>sur le tiers gauche</translation>
    </message>
    <message>
        <source>on the lower third</source>
        <translation>sur le tiers inférieur</translation>
    </message>
    <message>
        <source>on the mask</source>
        <translation>sur le masque</translation>
    </message>
    <message>
        <source>on the right third</source>
        <translation>sur le tiers droit</translation>
    </message>
    <message>
        <source>on the upper third</source>
        <translation>sur le tiers supérieur</translation>
    </message>
    <message>
        <source>on water</source>
        <translation>sur l'eau</translation>
    </message>
    <message>
        <source>on wood</source>
        <translation>sur bois</translation>
    </message>
    <message>
        <source>once</source>
        <translation>une fois</translation>
    </message>
    <message>
        <source>one after the other, %1 times</source>
        <translation>l'une après l'autre, %1 fois</translation>
    </message>
    <message>
        <source>one ink</source>
        <translation>une encre</translation>
    </message>
    <message>
        <source>one mask lies meanwhile; the run sheet says which</source>
        <translation>un masque est posé pendant ce temps ; la feuille de route dit lequel</translation>
    </message>
    <message>
        <source>one of many small ones, tedious to mask</source>
        <translation>l'un de beaucoup de petits, fastidieux à masquer</translation>
    </message>
    <message>
        <source>one of them would stand behind the viewer</source>
        <translation>l’une d’elles serait derrière celui qui regarde</translation>
    </message>
    <message>
        <source>one other thing no longer fits</source>
        <translation>une autre chose ne va plus</translation>
    </message>
    <message>
        <source>one page, at true size</source>
        <translation>une page, en vraie grandeur</translation>
    </message>
    <message>
        <source>one paper over %1</source>
        <translation>un papier sur %1</translation>
    </message>
    <message>
        <source>one paper over all of them</source>
        <translation>un papier sur tous</translation>
    </message>
    <message>
        <source>one paper with %1</source>
        <translation>un papier avec %1</translation>
    </message>
    <message>
        <source>one use left</source>
        <translation>un usage reste</translation>
    </message>
    <message>
        <source>only %1</source>
        <translation>seulement %1</translation>
    </message>
    <message>
        <source>only a part is stamped</source>
        <translation>une partie seulement est tamponnée</translation>
    </message>
    <message>
        <source>only a small gap in one big stamp</source>
        <translation>seulement un petit vide dans un grand tampon</translation>
    </message>
    <message>
        <source>only another impression of the same stamp can be coloured alike</source>
        <translation>seule une autre impression du même tampon peut être colorée pareil</translation>
    </message>
    <message>
        <source>only what stands on the ground can be spaced in metres</source>
        <translation>seul ce qui est au sol s’espace en mètres</translation>
    </message>
    <message>
        <source>open the card and lay it down with the front turned %1; the right way up as it is read, clear of the fold itself</source>
        <translation>ouvrez la carte et posez-la, le devant tourné %1 ; dans le sens de la lecture, loin du pli même</translation>
    </message>
    <message>
        <source>opposite the middle of the back wall, where its diagonals cross</source>
        <translation>en face du milieu du mur du fond, où ses diagonales se croisent</translation>
    </message>
    <message>
        <source>opposites</source>
        <translation>opposées</translation>
    </message>
    <message>
        <source>orange</source>
        <translation>orange</translation>
    </message>
    <message>
        <source>orange red</source>
        <translation>rouge orangé</translation>
    </message>
    <message>
        <source>other eyes</source>
        <translation>d'autres yeux</translation>
    </message>
    <message>
        <source>outside it</source>
        <translation>à l'extérieur</translation>
    </message>
    <message>
        <source>oval</source>
        <translation>ovale</translation>
    </message>
    <message>
        <source>over</source>
        <translation>sur</translation>
    </message>
    <message>
        <source>over %1, which touch and are covered together</source>
        <translation>sur %1, qui se touchent et sont couverts ensemble</translation>
    </message>
    <message>
        <source>over 99 %</source>
        <translation>plus de 99 %</translation>
    </message>
    <message>
        <source>overprint</source>
        <translation>imprimer par-dessus</translation>
    </message>
    <message>
        <source>page %1 of %2, at true size</source>
        <translation>page %1 sur %2, en vraie grandeur</translation>
    </message>
    <message>
        <source>paint</source>
        <translation>peinture</translation>
    </message>
    <message>
        <source>pale</source>
        <translation>pâle</translation>
    </message>
    <message>
        <source>panel</source>
        <translation>panneau</translation>
    </message>
    <message>
        <source>panel for the inside</source>
        <translation>panneau pour l'intérieur</translation>
    </message>
    <message>
        <source>panel rim strip border inside envelope orientation</source>
        <translation>panneau bord bande bordure intérieur enveloppe orientation</translation>
    </message>
    <message>
        <source>paper above, the wash goes below</source>
        <translation>papier au-dessus, l'estompe va dessous</translation>
    </message>
    <message>
        <source>paper below, the wash goes above</source>
        <translation>papier dessous, l'estompe va au-dessus</translation>
    </message>
    <message>
        <source>paper for %1 mats</source>
        <translation>papier pour %1 passe-partout</translation>
    </message>
    <message>
        <source>paper for the mat</source>
        <translation>papier pour le passe-partout</translation>
    </message>
    <message>
        <source>paper of %1 mm</source>
        <translation>papier de %1 mm</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>partie %1</translation>
    </message>
    <message>
        <source>part %1 of %2</source>
        <translation>partie %1 sur %2</translation>
    </message>
    <message>
        <source>parts of it use each other in a ring, or draw more than %1 parts</source>
        <translation>des parties s'emploient en cercle, ou dessinent plus de %1 parties</translation>
    </message>
    <message>
        <source>paste, through a stencil</source>
        <translation>pâte, à travers un pochoir</translation>
    </message>
    <message>
        <source>path</source>
        <translation>chemin</translation>
    </message>
    <message>
        <source>pen gel glitter accent lift grass</source>
        <translation>stylo gel paillettes accent éclaircir herbe</translation>
    </message>
    <message>
        <source>pencil</source>
        <translation>crayon</translation>
    </message>
    <message>
        <source>pencil %1; then %2; rub the pencil out when it is dry</source>
        <translation>crayonnez %1 ; puis %2 ; gommez le crayon quand c'est sec</translation>
    </message>
    <message>
        <source>pencil sheet</source>
        <translation>feuille au crayon</translation>
    </message>
    <message>
        <source>pencils: %1</source>
        <translation>crayons : %1</translation>
    </message>
    <message>
        <source>pigment</source>
        <translation>pigment</translation>
    </message>
    <message>
        <source>pink</source>
        <translation>rose vif</translation>
    </message>
    <message>
        <source>placement sheet</source>
        <translation>feuille de placement</translation>
    </message>
    <message>
        <source>plain floor</source>
        <translation>sol uni</translation>
    </message>
    <message>
        <source>plain piece</source>
        <translation>pièce unie</translation>
    </message>
    <message>
        <source>plain wash</source>
        <translation>estompe unie</translation>
    </message>
    <message>
        <source>plant</source>
        <translation>plante</translation>
    </message>
    <message>
        <source>pop up</source>
        <translation>surgit</translation>
    </message>
    <message>
        <source>posts differ, and so do their prices: look it up at yours</source>
        <translation>les postes diffèrent, leurs prix aussi : voyez chez la vôtre</translation>
    </message>
    <message>
        <source>press %1 times on scrap</source>
        <translation>pressez %1 fois sur du brouillon</translation>
    </message>
    <message>
        <source>press once on scrap</source>
        <translation>pressez une fois sur du brouillon</translation>
    </message>
    <message>
        <source>pressed into the paper, without ink</source>
        <translation>pressé dans le papier, sans encre</translation>
    </message>
    <message>
        <source>pressing %1</source>
        <translation>pression %1</translation>
    </message>
    <message>
        <source>pressing %1 differs in size from the first: press one stamp only, all of it each time</source>
        <translation>la pression %1 n’a pas la taille de la première : pressez un seul tampon, entier à chaque fois</translation>
    </message>
    <message>
        <source>pressings go from 1 to 99</source>
        <translation>les pressions vont de 1 à 99</translation>
    </message>
    <message>
        <source>prints</source>
        <translation>imprime</translation>
    </message>
    <message>
        <source>prints %1 × %2 %3%4</source>
        <translation>imprime %1 × %2 %3%4</translation>
    </message>
    <message>
        <source>prints %1, %2</source>
        <translation>imprime %1, %2</translation>
    </message>
    <message>
        <source>proven</source>
        <translation>prouvé</translation>
    </message>
    <message>
        <source>put on one small thing after another</source>
        <translation>posez les petites choses l'une après l'autre</translation>
    </message>
    <message>
        <source>putting %1 on %2</source>
        <translation>poser %1 sur %2</translation>
    </message>
    <message>
        <source>putting on %1</source>
        <translation>poser %1</translation>
    </message>
    <message>
        <source>quiet together</source>
        <translation>calmes ensemble</translation>
    </message>
    <message>
        <source>rails</source>
        <translation>rails</translation>
    </message>
    <message>
        <source>raised by %1</source>
        <translation>surélevé de %1</translation>
    </message>
    <message>
        <source>raised on foam</source>
        <translation>surélevé sur mousse</translation>
    </message>
    <message>
        <source>ray stencil</source>
        <translation>pochoir à rayons</translation>
    </message>
    <message>
        <source>rays</source>
        <translation>rayons</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>rectangle</translation>
    </message>
    <message>
        <source>red</source>
        <translation>rouge</translation>
    </message>
    <message>
        <source>red rubber</source>
        <translation>caoutchouc rouge</translation>
    </message>
    <message>
        <source>resist</source>
        <translation>réserve</translation>
    </message>
    <message>
        <source>right</source>
        <translation>droite</translation>
    </message>
    <message>
        <source>right and neat</source>
        <translation>juste et net</translation>
    </message>
    <message>
        <source>right of a line</source>
        <translation>à droite d'une ligne</translation>
    </message>
    <message>
        <source>ripples</source>
        <translation>rides</translation>
    </message>
    <message>
        <source>room enough</source>
        <translation>assez de place</translation>
    </message>
    <message>
        <source>room for %1 cards to dry</source>
        <translation>place pour faire sécher %1 cartes</translation>
    </message>
    <message>
        <source>rose</source>
        <translation>rose</translation>
    </message>
    <message>
        <source>run sheet</source>
        <translation>feuille de route</translation>
    </message>
    <message>
        <source>runs low</source>
        <translation>s'épuise</translation>
    </message>
    <message>
        <source>runs off the lower left corner, in a later pressing, so that an address stays legible</source>
        <translation>sort du coin inférieur gauche, en une pression plus tardive, pour qu'une adresse reste lisible</translation>
    </message>
    <message>
        <source>runs to the edge</source>
        <translation>va jusqu'au bord</translation>
    </message>
    <message>
        <source>salt</source>
        <translation>sel</translation>
    </message>
    <message>
        <source>saved in %1</source>
        <translation>enregistré dans %1</translation>
    </message>
    <message>
        <source>score it level, %1 from the bottom edge</source>
        <translation>rainez de niveau, à %1 du bord inférieur</translation>
    </message>
    <message>
        <source>score it upright, %1 from the left edge</source>
        <translation>rainez debout, à %1 du bord gauche</translation>
    </message>
    <message>
        <source>scrap paper</source>
        <translation>papier brouillon</translation>
    </message>
    <message>
        <source>sea green</source>
        <translation>vert de mer</translation>
    </message>
    <message>
        <source>second</source>
        <translation>deuxième</translation>
    </message>
    <message>
        <source>second pressing</source>
        <translation>deuxième pression</translation>
    </message>
    <message>
        <source>seen from above: 0 from the right, 90 from ahead, 180 from the left, 270 from behind you</source>
        <translation>vu de dessus : 0 de droite, 90 de devant, 180 de gauche, 270 de derrière vous</translation>
    </message>
    <message>
        <source>sentiment</source>
        <translation>message</translation>
    </message>
    <message>
        <source>sequence wish run sheet stamping</source>
        <translation>ordre souhait feuille de route tamponner</translation>
    </message>
    <message>
        <source>sequins</source>
        <translation>sequins</translation>
    </message>
    <message>
        <source>several</source>
        <translation>plusieurs</translation>
    </message>
    <message>
        <source>several inks</source>
        <translation>plusieurs encres</translation>
    </message>
    <message>
        <source>several presses that make one figure are seen, moved and counted as one</source>
        <translation>plusieurs pressions qui font une figure se voient, se déplacent et se comptent comme une seule</translation>
    </message>
    <message>
        <source>several schools</source>
        <translation>plusieurs façons</translation>
    </message>
    <message>
        <source>shadow</source>
        <translation>ombre</translation>
    </message>
    <message>
        <source>sheet for a class</source>
        <translation>feuille pour un atelier</translation>
    </message>
    <message>
        <source>shelf</source>
        <translation>étagère</translation>
    </message>
    <message>
        <source>shows</source>
        <translation>se voit</translation>
    </message>
    <message>
        <source>shows anything</source>
        <translation>montre quelque chose</translation>
    </message>
    <message>
        <source>shows in %1 of tries: a white gap %2, ink run in %3; %4 mm to join%5</source>
        <translation>se voit dans %1 des essais : un vide blanc %2, de l'encre entrée %3 ; %4 mm à raccorder%5</translation>
    </message>
    <message>
        <source>sky</source>
        <translation>ciel</translation>
    </message>
    <message>
        <source>sky blue</source>
        <translation>bleu ciel</translation>
    </message>
    <message>
        <source>slender part %1, %2 long</source>
        <translation>partie mince %1, longue de %2</translation>
    </message>
    <message>
        <source>slowly, from one corner; wipe it, it is used again</source>
        <translation>doucement, par un coin ; essuyez-le, il sert encore</translation>
    </message>
    <message>
        <source>small blending tool</source>
        <translation>petit outil à estomper</translation>
    </message>
    <message>
        <source>small blending tools: %1</source>
        <translation>petits outils à estomper : %1</translation>
    </message>
    <message>
        <source>small wet things are put on from the side away from the hand</source>
        <translation>les petites choses humides se posent du côté opposé à la main</translation>
    </message>
    <message>
        <source>so many cards can lie and dry at a time</source>
        <translation>tant de cartes peuvent être à plat et sécher à la fois</translation>
    </message>
    <message>
        <source>solid</source>
        <translation>plein</translation>
    </message>
    <message>
        <source>solid, and darker than all behind it: no mask is needed</source>
        <translation>plein, et plus foncé que tout ce qui est derrière : pas de masque</translation>
    </message>
    <message>
        <source>someone else…</source>
        <translation>quelqu'un d'autre…</translation>
    </message>
    <message>
        <source>something from a newer version</source>
        <translation>quelque chose d’une version plus récente</translation>
    </message>
    <message>
        <source>something lies on the card %1</source>
        <translation>quelque chose est posé sur la carte %1</translation>
    </message>
    <message>
        <source>something stands in front of it</source>
        <translation>quelque chose est devant</translation>
    </message>
    <message>
        <source>space distribute</source>
        <translation>espace répartir</translation>
    </message>
    <message>
        <source>space distribute distance</source>
        <translation>espace répartir distance</translation>
    </message>
    <message>
        <source>spring</source>
        <translation>printemps</translation>
    </message>
    <message>
        <source>square tiles</source>
        <translation>carreaux</translation>
    </message>
    <message>
        <source>stamp the front first, cover it, stamp behind it</source>
        <translation>tamponner l'avant d'abord, le couvrir, tamponner derrière</translation>
    </message>
    <message>
        <source>stamp what is behind first, the front straight on top</source>
        <translation>tamponner d'abord ce qui est derrière, l'avant droit par-dessus</translation>
    </message>
    <message>
        <source>stamped and embossed, later inks wipe off it</source>
        <translation>tamponné et embossé, les encres suivantes s'en essuient</translation>
    </message>
    <message>
        <source>stamped last, over the rim of what is glued flat on the panel</source>
        <translation>tamponné à la fin, par-dessus le rebord de ce qui est collé à plat sur le panneau</translation>
    </message>
    <message>
        <source>stamping %1</source>
        <translation>tamponner %1</translation>
    </message>
    <message>
        <source>stamps to tape</source>
        <translation>tampons à couvrir de ruban</translation>
    </message>
    <message>
        <source>stencil</source>
        <translation>pochoir</translation>
    </message>
    <message>
        <source>step %1 of %2</source>
        <translation>étape %1 sur %2</translation>
    </message>
    <message>
        <source>stock offcut knife trim blade</source>
        <translation>stock chute couteau couper lame</translation>
    </message>
    <message>
        <source>stopped</source>
        <translation>arrêté</translation>
    </message>
    <message>
        <source>straight ahead</source>
        <translation>droit devant</translation>
    </message>
    <message>
        <source>straight behind you</source>
        <translation>droit derrière vous</translation>
    </message>
    <message>
        <source>straight edge</source>
        <translation>bord droit</translation>
    </message>
    <message>
        <source>straight edges: strips of tape do</source>
        <translation>bords droits : des bandes de ruban suffisent</translation>
    </message>
    <message>
        <source>straight over or under %1</source>
        <translation>droit par-dessus ou sous %1</translation>
    </message>
    <message>
        <source>straight turn</source>
        <translation>redresser tourner</translation>
    </message>
    <message>
        <source>straight up, and wash it at once; it is used again</source>
        <translation>tout droit vers le haut, et lavez-le tout de suite ; il sert encore</translation>
    </message>
    <message>
        <source>strength goes from nothing to full</source>
        <translation>la force va de rien à pleine</translation>
    </message>
    <message>
        <source>strip</source>
        <translation>bande</translation>
    </message>
    <message>
        <source>strip oval window frame panel foam glue pop layer</source>
        <translation>bande ovale fenêtre cadre panneau mousse coller couche</translation>
    </message>
    <message>
        <source>stripes of 5 mm</source>
        <translation>rayures de 5 mm</translation>
    </message>
    <message>
        <source>strongly</source>
        <translation>fortement</translation>
    </message>
    <message>
        <source>summer</source>
        <translation>été</translation>
    </message>
    <message>
        <source>sun</source>
        <translation>soleil</translation>
    </message>
    <message>
        <source>sun or moon %1, %2° high</source>
        <translation>soleil ou lune %1, à %2° de haut</translation>
    </message>
    <message>
        <source>sun or moon in the picture</source>
        <translation>soleil ou lune dans l'image</translation>
    </message>
    <message>
        <source>sunbeams light</source>
        <translation>rayons de soleil lumière</translation>
    </message>
    <message>
        <source>take colour out of a blend again</source>
        <translation>enlever de nouveau de la couleur d'une estompe</translation>
    </message>
    <message>
        <source>takes the sheets that were cut out of the drawer and puts what is left of them in</source>
        <translation>sort du tiroir les feuilles coupées et y met ce qu'il en reste</translation>
    </message>
    <message>
        <source>taking colour out with %1</source>
        <translation>enlever de la couleur avec %1</translation>
    </message>
    <message>
        <source>tall; right at</source>
        <translation>haut ; juste à</translation>
    </message>
    <message>
        <source>tape or wipe where %1 will be</source>
        <translation>couvrez de ruban ou essuyez où sera %1</translation>
    </message>
    <message>
        <source>tape over part of the inked rubber, so a gap is left for the front</source>
        <translation>couvrez de ruban une partie du caoutchouc encré, pour laisser un vide à l'avant</translation>
    </message>
    <message>
        <source>tear a strip of masking paper along the pencilled line, slowly, toward you; keep both pieces</source>
        <translation>déchirez une bande de papier à masquer le long du trait au crayon, lentement, vers vous ; gardez les deux morceaux</translation>
    </message>
    <message>
        <source>technique resist powder wipe pop-up</source>
        <translation>technique réserve poudre essuyer pop-up</translation>
    </message>
    <message>
        <source>texture</source>
        <translation>texture</translation>
    </message>
    <message>
        <source>that is a drawing; a scan or photo is wanted</source>
        <translation>c'est un dessin ; il faut un scan ou une photo</translation>
    </message>
    <message>
        <source>that is longer than any card</source>
        <translation>c’est plus long que toute carte</translation>
    </message>
    <message>
        <source>that is not a number</source>
        <translation>ce n’est pas un nombre</translation>
    </message>
    <message>
        <source>that is not a number of degrees</source>
        <translation>ce n’est pas un nombre de degrés</translation>
    </message>
    <message>
        <source>that is the whole stamp</source>
        <translation>c’est le tampon entier</translation>
    </message>
    <message>
        <source>that is too far from the panel</source>
        <translation>c’est trop loin du panneau</translation>
    </message>
    <message>
        <source>the %1</source>
        <translation>« %1 »</translation>
    </message>
    <message>
        <source>the %2 %1 times</source>
        <translation>« %2 » %1 fois</translation>
    </message>
    <message>
        <source>the DXF file cannot be read</source>
        <translation>le fichier DXF ne peut être lu</translation>
    </message>
    <message>
        <source>the DXF file holds curves that are not read (%1)</source>
        <translation>le fichier DXF a des courbes qui ne sont pas lues (%1)</translation>
    </message>
    <message>
        <source>the DXF file is cut short or damaged</source>
        <translation>le fichier DXF est coupé ou abîmé</translation>
    </message>
    <message>
        <source>the HPGL command %1 is not read</source>
        <translation>la commande HPGL %1 n'est pas lue</translation>
    </message>
    <message>
        <source>the HPGL file is cut short</source>
        <translation>le fichier HPGL est coupé</translation>
    </message>
    <message>
        <source>the PDF cannot be read: it is damaged, locked or no PDF</source>
        <translation>le PDF ne peut être lu : il est abîmé, verrouillé ou n'est pas un PDF</translation>
    </message>
    <message>
        <source>the PDF has more than 500 pages</source>
        <translation>le PDF a plus de 500 pages</translation>
    </message>
    <message>
        <source>the PDF is packed in ways that are not read; save it as a plain PDF</source>
        <translation>le PDF est emballé d'une façon qui n'est pas lue ; enregistrez-le en PDF simple</translation>
    </message>
    <message>
        <source>the PDF unpacks to more than %1 MB</source>
        <translation>le PDF se déballe en plus de %1 Mo</translation>
    </message>
    <message>
        <source>the SVG cannot be read</source>
        <translation>le SVG ne peut être lu</translation>
    </message>
    <message>
        <source>the SVG says it is %1 × %2 mm large</source>
        <translation>le SVG dit mesurer %1 × %2 mm</translation>
    </message>
    <message>
        <source>the SVG was not taken: %1</source>
        <translation>le SVG n'a pas été pris : %1</translation>
    </message>
    <message>
        <source>the back wall has no size</source>
        <translation>le mur du fond n’a pas de taille</translation>
    </message>
    <message>
        <source>the back wall must begin below the horizon, or there is no floor</source>
        <translation>le mur du fond doit commencer sous l’horizon, sinon il n’y a pas de sol</translation>
    </message>
    <message>
        <source>the background</source>
        <translation>le fond</translation>
    </message>
    <message>
        <source>the backup %1 cannot be written</source>
        <translation>la copie %1 ne peut être écrite</translation>
    </message>
    <message>
        <source>the bottom</source>
        <translation>le bas</translation>
    </message>
    <message>
        <source>the card</source>
        <translation>la carte</translation>
    </message>
    <message>
        <source>the card as it will look</source>
        <translation>la carte telle qu'elle sera</translation>
    </message>
    <message>
        <source>the card is too small in the picture: at least 70 dots an inch are needed</source>
        <translation>la carte est trop petite dans l’image : il faut au moins 70 points par pouce</translation>
    </message>
    <message>
        <source>the card lies on its side in the picture: turn the picture by a quarter</source>
        <translation>la carte est couchée dans l’image : tournez l’image d’un quart</translation>
    </message>
    <message>
        <source>the card lies upside down in the picture: turn the picture by half a circle</source>
        <translation>la carte est à l’envers dans l’image : tournez l’image d’un demi-tour</translation>
    </message>
    <message>
        <source>the colouring</source>
        <translation>la mise en couleur</translation>
    </message>
    <message>
        <source>the colouring of %1</source>
        <translation>la mise en couleur de %1</translation>
    </message>
    <message>
        <source>the disk is full</source>
        <translation>le disque est plein</translation>
    </message>
    <message>
        <source>the disk is full or cannot be written (%1). The drawer is as it was</source>
        <translation>le disque est plein ou ne peut être écrit (%1). Le tiroir est comme avant</translation>
    </message>
    <message>
        <source>the disk is full or cannot be written (%1). The log is as it was</source>
        <translation>le disque est plein ou ne peut être écrit (%1). Le journal est resté tel quel</translation>
    </message>
    <message>
        <source>the disk is read-only</source>
        <translation>le disque est en lecture seule</translation>
    </message>
    <message>
        <source>the drawer cannot be opened</source>
        <translation>le tiroir ne peut être ouvert</translation>
    </message>
    <message>
        <source>the drawer cannot be opened: %1</source>
        <translation>le tiroir ne peut être ouvert : %1</translation>
    </message>
    <message>
        <source>the drawer cannot be written: it is read-only</source>
        <translation>le tiroir ne peut être écrit : il est en lecture seule</translation>
    </message>
    <message>
        <source>the drawer could not be changed: %1</source>
        <translation>le tiroir n'a pu être changé : %1</translation>
    </message>
    <message>
        <source>the drawer could not be packed</source>
        <translation>le tiroir n'a pu être emballé</translation>
    </message>
    <message>
        <source>the drawer does not know it</source>
        <translation>le tiroir ne le connaît pas</translation>
    </message>
    <message>
        <source>the drawer does not say how full they are</source>
        <translation>le tiroir ne dit pas combien il en reste</translation>
    </message>
    <message>
        <source>the drawer is damaged (%1) and cannot be set aside</source>
        <translation>le tiroir est abîmé (%1) et ne peut être mis de côté</translation>
    </message>
    <message>
        <source>the drawer is of an older version and cannot be brought up to date now, because it cannot be written</source>
        <translation>le tiroir est d'une version plus ancienne et ne peut être mis à jour maintenant, car il ne peut être écrit</translation>
    </message>
    <message>
        <source>the drawer is open for reading only</source>
        <translation>le tiroir n'est ouvert qu'en lecture</translation>
    </message>
    <message>
        <source>the drawing has more than %1 groups</source>
        <translation>le dessin a plus de %1 groupes</translation>
    </message>
    <message>
        <source>the drawing has no usable size</source>
        <translation>le dessin n'a pas de taille utilisable</translation>
    </message>
    <message>
        <source>the drawing is larger than %1 MB</source>
        <translation>le dessin dépasse %1 Mo</translation>
    </message>
    <message>
        <source>the drawing is packed twice</source>
        <translation>le dessin est emballé deux fois</translation>
    </message>
    <message>
        <source>the drawing says it is %1 × %2 mm large; a stamp is not</source>
        <translation>le dessin dit mesurer %1 × %2 mm ; aucun tampon n'est ainsi</translation>
    </message>
    <message>
        <source>the edges and openings</source>
        <translation>les bords et ouvertures</translation>
    </message>
    <message>
        <source>the edges of the sheet</source>
        <translation>les bords de la feuille</translation>
    </message>
    <message>
        <source>the envelope</source>
        <translation>l'enveloppe</translation>
    </message>
    <message>
        <source>the fewest that will do, and why</source>
        <translation>le moins qui suffise, et pourquoi</translation>
    </message>
    <message>
        <source>the file is empty</source>
        <translation>le fichier est vide</translation>
    </message>
    <message>
        <source>the file is larger than 1 GB</source>
        <translation>le fichier dépasse 1 Go</translation>
    </message>
    <message>
        <source>the file is larger than 512 MB</source>
        <translation>le fichier dépasse 512 Mo</translation>
    </message>
    <message>
        <source>the file is larger than 64 MB</source>
        <translation>le fichier dépasse 64 Mo</translation>
    </message>
    <message>
        <source>the file is larger than the 64 MB a plan may have</source>
        <translation>le fichier dépasse les 64 Mo qu’un plan peut avoir</translation>
    </message>
    <message>
        <source>the file is not a drawing that can be read</source>
        <translation>le fichier n'est pas un dessin lisible</translation>
    </message>
    <message>
        <source>the file is not a picture that can be read (PNG, JPEG, TIFF or SVG)</source>
        <translation>le fichier n'est pas une image lisible (PNG, JPEG, TIFF ou SVG)</translation>
    </message>
    <message>
        <source>the file would be larger than is allowed</source>
        <translation>le fichier serait plus grand que permis</translation>
    </message>
    <message>
        <source>the first and the last of the row stand at one place</source>
        <translation>le premier et le dernier du rang sont au même endroit</translation>
    </message>
    <message>
        <source>the first of the row</source>
        <translation>le premier du rang</translation>
    </message>
    <message>
        <source>the first pressing cannot be told from paper</source>
        <translation>la première pression ne se distingue pas du papier</translation>
    </message>
    <message>
        <source>the folder of the log, %1, cannot be made</source>
        <translation>le dossier du journal, %1, ne peut être créé</translation>
    </message>
    <message>
        <source>the four corners do not go round a rectangle: upper left, upper right, lower right, lower left</source>
        <translation>les quatre coins ne font pas le tour d’un rectangle : haut gauche, haut droite, bas droite, bas gauche</translation>
    </message>
    <message>
        <source>the four corners lie too close together</source>
        <translation>les quatre coins sont trop proches</translation>
    </message>
    <message>
        <source>the front on its own piece, cut out and raised on foam</source>
        <translation>l'avant sur sa propre pièce, découpé et surélevé sur mousse</translation>
    </message>
    <message>
        <source>the greater size</source>
        <translation>la plus grande taille</translation>
    </message>
    <message>
        <source>the greeting has room</source>
        <translation>le vœu a de la place</translation>
    </message>
    <message>
        <source>the greeting “%1”</source>
        <translation>vœu « %1 »</translation>
    </message>
    <message>
        <source>the ground</source>
        <translation>le sol</translation>
    </message>
    <message>
        <source>the ground under the light</source>
        <translation>le sol sous la lumière</translation>
    </message>
    <message>
        <source>the hatched part</source>
        <translation>la partie hachurée</translation>
    </message>
    <message>
        <source>the heat tool</source>
        <translation>l’appareil à air chaud</translation>
    </message>
    <message>
        <source>the hero</source>
        <translation>le héros</translation>
    </message>
    <message>
        <source>the hero first</source>
        <translation>le héros d'abord</translation>
    </message>
    <message>
        <source>the hero has %1 of the pull instead of %2</source>
        <translation>le héros a %1 de l'attrait au lieu de %2</translation>
    </message>
    <message>
        <source>the hero has no size</source>
        <translation>le héros n’a pas de taille</translation>
    </message>
    <message>
        <source>the hero in place %1</source>
        <translation>le héros en place %1</translation>
    </message>
    <message>
        <source>the hero is seen first</source>
        <translation>le héros se voit en premier</translation>
    </message>
    <message>
        <source>the hero is too large for this card</source>
        <translation>le héros est trop grand pour cette carte</translation>
    </message>
    <message>
        <source>the hero stands on a third</source>
        <translation>le héros est sur un tiers</translation>
    </message>
    <message>
        <source>the hero, with much behind it: one piece saves many masks</source>
        <translation>le héros, avec beaucoup derrière : une pièce épargne bien des masques</translation>
    </message>
    <message>
        <source>the horizon</source>
        <translation>l'horizon</translation>
    </message>
    <message>
        <source>the horizon, and how sizes shrink toward it</source>
        <translation>l'horizon, et comment les tailles diminuent vers lui</translation>
    </message>
    <message>
        <source>the ink %1</source>
        <translation>l’encre %1</translation>
    </message>
    <message>
        <source>the ink runs as soon as it is damp</source>
        <translation>l'encre coule dès qu'elle est humide</translation>
    </message>
    <message>
        <source>the inks</source>
        <translation>les encres</translation>
    </message>
    <message>
        <source>the large shapes make a triangle</source>
        <translation>les grandes formes font un triangle</translation>
    </message>
    <message>
        <source>the last of the row; on the horizon it has no end</source>
        <translation>le dernier du rang ; à l'horizon il n'a pas de fin</translation>
    </message>
    <message>
        <source>the left</source>
        <translation>la gauche</translation>
    </message>
    <message>
        <source>the left and the bottom</source>
        <translation>la gauche et le bas</translation>
    </message>
    <message>
        <source>the left and the bottom, where the fold is</source>
        <translation>la gauche et le bas, où est le pli</translation>
    </message>
    <message>
        <source>the left and the top, where the fold is</source>
        <translation>la gauche et le haut, où est le pli</translation>
    </message>
    <message>
        <source>the left part</source>
        <translation>la partie gauche</translation>
    </message>
    <message>
        <source>the left, where the fold is, and the bottom</source>
        <translation>la gauche, où est le pli, et le bas</translation>
    </message>
    <message>
        <source>the light</source>
        <translation>la lumière</translation>
    </message>
    <message>
        <source>the light is too far from the panel</source>
        <translation>la lumière est trop loin du panneau</translation>
    </message>
    <message>
        <source>the light: %1</source>
        <translation>la lumière : %1</translation>
    </message>
    <message>
        <source>the log cannot be opened</source>
        <translation>le journal ne peut être ouvert</translation>
    </message>
    <message>
        <source>the log cannot be opened: %1</source>
        <translation>le journal ne peut être ouvert : %1</translation>
    </message>
    <message>
        <source>the log cannot be written: it is read-only</source>
        <translation>le journal ne peut être écrit : il est en lecture seule</translation>
    </message>
    <message>
        <source>the log could not be changed: %1</source>
        <translation>le journal n’a pas pu être changé : %1</translation>
    </message>
    <message>
        <source>the log is damaged (%1) and cannot be set aside</source>
        <translation>le journal est abîmé (%1) et ne peut être mis de côté</translation>
    </message>
    <message>
        <source>the lower part</source>
        <translation>la partie inférieure</translation>
    </message>
    <message>
        <source>the marks seen on the sheet are not those of the file</source>
        <translation>les repères vus sur la feuille ne sont pas ceux du fichier</translation>
    </message>
    <message>
        <source>the name is too long</source>
        <translation>le nom est trop long</translation>
    </message>
    <message>
        <source>the notes</source>
        <translation>les notes</translation>
    </message>
    <message>
        <source>the one at hand</source>
        <translation>celui en main</translation>
    </message>
    <message>
        <source>the packed drawing is damaged, or unpacks to more than %1 MB</source>
        <translation>le dessin emballé est abîmé, ou se déballe en plus de %1 Mo</translation>
    </message>
    <message>
        <source>the pad of %1</source>
        <translation>l’encreur %1</translation>
    </message>
    <message>
        <source>the panel</source>
        <translation>le panneau</translation>
    </message>
    <message>
        <source>the picture cannot be read: %1</source>
        <translation>l'image ne peut être lue : %1</translation>
    </message>
    <message>
        <source>the picture has %1 × %2 pixels: too few for a stamp</source>
        <translation>l'image a %1 × %2 pixels : trop peu pour un tampon</translation>
    </message>
    <message>
        <source>the picture has %1 × %2 pixels; 160 million is the most (a whole A4 sheet at 1200 dpi), and 30 000 on a side. Scan a smaller area or with fewer dpi</source>
        <translation>l'image a %1 × %2 pixels ; 160 millions sont le plus (une feuille A4 entière à 1200 dpi), et 30 000 par côté. Scannez une surface plus petite ou à moins de dpi</translation>
    </message>
    <message>
        <source>the picture has no scale yet</source>
        <translation>l’image n’a pas encore d’échelle</translation>
    </message>
    <message>
        <source>the picture is cut short</source>
        <translation>l'image est coupée</translation>
    </message>
    <message>
        <source>the picture is empty</source>
        <translation>l’image est vide</translation>
    </message>
    <message>
        <source>the picture is nearly black: there is no paper to tell ink from</source>
        <translation>l’image est presque noire : il n’y a pas de papier d’où l’encre se détache</translation>
    </message>
    <message>
        <source>the picture is too coarse to cut from; scan at 150 dpi or more</source>
        <translation>l’image est trop grossière pour y découper ; numérisez à 150 dpi ou plus</translation>
    </message>
    <message>
        <source>the picture is too small</source>
        <translation>l’image est trop petite</translation>
    </message>
    <message>
        <source>the picture on %1</source>
        <translation>l’image sur %1</translation>
    </message>
    <message>
        <source>the pictures inside</source>
        <translation>les images intérieures</translation>
    </message>
    <message>
        <source>the pieces</source>
        <translation>les pièces</translation>
    </message>
    <message>
        <source>the plan has no ink to stamp with</source>
        <translation>le plan n’a pas d’encre pour tamponner</translation>
    </message>
    <message>
        <source>the plan has no room</source>
        <translation>le plan n’a pas de pièce</translation>
    </message>
    <message>
        <source>the plan has no view</source>
        <translation>le plan n’a pas de point de vue</translation>
    </message>
    <message>
        <source>the plan has no view, so nothing can stand on its ground</source>
        <translation>le plan n’a pas de point de vue : rien ne peut se tenir sur son sol</translation>
    </message>
    <message>
        <source>the plan has no view, so there is no ground</source>
        <translation>le plan n’a pas de point de vue : il n’y a pas de sol</translation>
    </message>
    <message>
        <source>the powder for %1</source>
        <translation>la poudre pour %1</translation>
    </message>
    <message>
        <source>the printer's paper</source>
        <translation>le papier de l'imprimante</translation>
    </message>
    <message>
        <source>the rack is full: hands wait %1</source>
        <translation>le séchoir est plein : les mains attendent %1</translation>
    </message>
    <message>
        <source>the rectangle needs a width and a height</source>
        <translation>le rectangle demande une largeur et une hauteur</translation>
    </message>
    <message>
        <source>the rest</source>
        <translation>le reste</translation>
    </message>
    <message>
        <source>the right</source>
        <translation>la droite</translation>
    </message>
    <message>
        <source>the right part</source>
        <translation>la partie droite</translation>
    </message>
    <message>
        <source>the right, where the fold is, and the bottom</source>
        <translation>la droite, où est le pli, et le bas</translation>
    </message>
    <message>
        <source>the room</source>
        <translation>la pièce</translation>
    </message>
    <message>
        <source>the row lies behind the viewer</source>
        <translation>le rang est derrière celui qui regarde</translation>
    </message>
    <message>
        <source>the same scene from the side: drag a thing, or mist, nearer or farther</source>
        <translation>la même scène de côté : approchez ou éloignez une chose, ou la brume</translation>
    </message>
    <message>
        <source>the sheet that is bought when the drawer's do not reach</source>
        <translation>la feuille achetée quand celles du tiroir ne suffisent pas</translation>
    </message>
    <message>
        <source>the stamp %1</source>
        <translation>le tampon %1</translation>
    </message>
    <message>
        <source>the stamp %1 is damaged: %2</source>
        <translation>le tampon %1 est abîmé : %2</translation>
    </message>
    <message>
        <source>the stamp is on &quot;%1&quot;</source>
        <translation>le tampon est sur « %1 »</translation>
    </message>
    <message>
        <source>the stamp is on the card</source>
        <translation>le tampon est sur la carte</translation>
    </message>
    <message>
        <source>the stamps</source>
        <translation>les tampons</translation>
    </message>
    <message>
        <source>the step “%1”</source>
        <translation>l’étape « %1 »</translation>
    </message>
    <message>
        <source>the stronger colour</source>
        <translation>la couleur la plus forte</translation>
    </message>
    <message>
        <source>the stronger contrast of light and dark</source>
        <translation>le plus fort contraste de clair et de sombre</translation>
    </message>
    <message>
        <source>the tape above the line</source>
        <translation>le ruban au-dessus de la ligne</translation>
    </message>
    <message>
        <source>the tape below the line</source>
        <translation>le ruban sous la ligne</translation>
    </message>
    <message>
        <source>the things</source>
        <translation>les choses</translation>
    </message>
    <message>
        <source>the top</source>
        <translation>le haut</translation>
    </message>
    <message>
        <source>the upper part</source>
        <translation>la partie supérieure</translation>
    </message>
    <message>
        <source>the viewpoint</source>
        <translation>le point de vue</translation>
    </message>
    <message>
        <source>the visible lines of the room and the ground, pencilled first and inked by pen</source>
        <translation>les traits visibles de la pièce et du sol, d'abord au crayon puis encrés au stylo</translation>
    </message>
    <message>
        <source>the washes</source>
        <translation>les fondus</translation>
    </message>
    <message>
        <source>the whole of it, or what lies on one side of a line; drag the line's ends on the card</source>
        <translation>tout, ou ce qui est d'un côté d'une ligne ; tirez les bouts de la ligne sur la carte</translation>
    </message>
    <message>
        <source>the words “%1”</source>
        <translation>les mots « %1 »</translation>
    </message>
    <message>
        <source>their point %1</source>
        <translation>leur point %1</translation>
    </message>
    <message>
        <source>then</source>
        <translation>puis</translation>
    </message>
    <message>
        <source>then %1 : 1</source>
        <translation>alors %1 : 1</translation>
    </message>
    <message>
        <source>then let it dry for %1</source>
        <translation>puis laissez sécher %1</translation>
    </message>
    <message>
        <source>then let them be for %1</source>
        <translation>puis laissez-les %1</translation>
    </message>
    <message>
        <source>then wait %1</source>
        <translation>puis attendez %1</translation>
    </message>
    <message>
        <source>there are %1 pictures; %2 is the most in one go</source>
        <translation>il y a %1 images ; %2 au plus en une fois</translation>
    </message>
    <message>
        <source>there are more than 300 000 points to cut</source>
        <translation>il y a plus de 300 000 points à couper</translation>
    </message>
    <message>
        <source>there as %1</source>
        <translation>déjà là : %1</translation>
    </message>
    <message>
        <source>there is enough</source>
        <translation>il y en a assez</translation>
    </message>
    <message>
        <source>there is no act &quot;%1&quot;</source>
        <translation>il n’y a pas de geste « %1 »</translation>
    </message>
    <message>
        <source>there is no edge or frame &quot;%1&quot;</source>
        <translation>il n’y a ni bord ni cadre « %1 »</translation>
    </message>
    <message>
        <source>there is no ground below the horizon to stand on</source>
        <translation>il n’y a pas de sol sous l’horizon où se tenir</translation>
    </message>
    <message>
        <source>there is no impression &quot;%1&quot;</source>
        <translation>il n’y a pas d’impression « %1 »</translation>
    </message>
    <message>
        <source>there is no impression on this sheet, only specks or its edge</source>
        <translation>il n’y a pas d’impression sur cette feuille, seulement des points ou son bord</translation>
    </message>
    <message>
        <source>there is no ink &quot;%1&quot;</source>
        <translation>il n’y a pas d’encre « %1 »</translation>
    </message>
    <message>
        <source>there is no ink to stamp with</source>
        <translation>il n’y a pas d’encre pour tamponner</translation>
    </message>
    <message>
        <source>there is no log %1</source>
        <translation>il n'y a pas de journal %1</translation>
    </message>
    <message>
        <source>there is no other &quot;%1&quot;</source>
        <translation>il n’y a pas d’autre « %1 »</translation>
    </message>
    <message>
        <source>there is no other impression &quot;%1&quot;</source>
        <translation>il n’y a pas d’autre impression « %1 »</translation>
    </message>
    <message>
        <source>there is no picture</source>
        <translation>il n'y a pas d'image</translation>
    </message>
    <message>
        <source>there is no picture to paste</source>
        <translation>il n'y a pas d'image à coller</translation>
    </message>
    <message>
        <source>there is no stamp &quot;%1&quot;</source>
        <translation>il n’y a pas de tampon « %1 »</translation>
    </message>
    <message>
        <source>there is no such card in the log</source>
        <translation>il n'y a pas de telle carte au journal</translation>
    </message>
    <message>
        <source>there is no such file or folder</source>
        <translation>ce fichier ou dossier n'existe pas</translation>
    </message>
    <message>
        <source>there is no such impression</source>
        <translation>cette impression n’existe pas</translation>
    </message>
    <message>
        <source>there is no such part of the stamp</source>
        <translation>cette partie du tampon n’existe pas</translation>
    </message>
    <message>
        <source>there is no such stamp in the drawer</source>
        <translation>ce tampon n'est pas dans le tiroir</translation>
    </message>
    <message>
        <source>there is no such thing on the ground</source>
        <translation>il n’y a rien de tel au sol</translation>
    </message>
    <message>
        <source>there is no such wash</source>
        <translation>ce fondu n’existe pas</translation>
    </message>
    <message>
        <source>there is no such wish</source>
        <translation>ce souhait n’existe pas</translation>
    </message>
    <message>
        <source>there is no wash &quot;%1&quot;</source>
        <translation>il n’y a pas de fondu « %1 »</translation>
    </message>
    <message>
        <source>there is none left</source>
        <translation>il n'en reste pas</translation>
    </message>
    <message>
        <source>there is nothing &quot;%1&quot; on the ground</source>
        <translation>il n’y a pas de « %1 » au sol</translation>
    </message>
    <message>
        <source>there is nothing on this paper: is it the right side?</source>
        <translation>il n’y a rien sur ce papier : est-ce le bon côté ?</translation>
    </message>
    <message>
        <source>there is nothing on this sheet that stands out from its paper</source>
        <translation>rien sur cette feuille ne se détache du papier</translation>
    </message>
    <message>
        <source>there is nothing to cut in this file</source>
        <translation>il n'y a rien à couper dans ce fichier</translation>
    </message>
    <message>
        <source>they all stand at one place</source>
        <translation>elles sont toutes au même endroit</translation>
    </message>
    <message>
        <source>thin part %1, %2 long</source>
        <translation>partie mince %1, longue de %2</translation>
    </message>
    <message>
        <source>thing</source>
        <translation>chose</translation>
    </message>
    <message>
        <source>third</source>
        <translation>troisième</translation>
    </message>
    <message>
        <source>third pressing</source>
        <translation>troisième pression</translation>
    </message>
    <message>
        <source>this drawer was made by a newer Havlo</source>
        <translation>ce tiroir vient d'un Havlo plus récent</translation>
    </message>
    <message>
        <source>this drawer was made by a newer Havlo (version %1)</source>
        <translation>ce tiroir vient d'un Havlo plus récent (version %1)</translation>
    </message>
    <message>
        <source>this ink is dry before powder clings to it; a clear embossing pen would be needed</source>
        <translation>cette encre est sèche avant que la poudre y tienne ; il faudrait un stylo à embosser transparent</translation>
    </message>
    <message>
        <source>this is no cut file: neither SVG, DXF, HPGL nor PDF</source>
        <translation>ce n'est pas un fichier de coupe : ni SVG, ni DXF, ni HPGL, ni PDF</translation>
    </message>
    <message>
        <source>this is no drawer file</source>
        <translation>ce n'est pas un fichier de tiroir</translation>
    </message>
    <message>
        <source>this is no drawer file, or it is damaged</source>
        <translation>ce n'est pas un fichier de tiroir, ou il est abîmé</translation>
    </message>
    <message>
        <source>this is not the plan's card: hardly anything of it lies where it should</source>
        <translation>ce n’est pas la carte du plan : presque rien n’y est à sa place</translation>
    </message>
    <message>
        <source>this log was made by a newer Havlo (version %1)</source>
        <translation>ce journal vient d'un Havlo plus récent (version %1)</translation>
    </message>
    <message>
        <source>this paper</source>
        <translation>ce papier</translation>
    </message>
    <message>
        <source>this part stays the paper's, on purpose</source>
        <translation>cette partie reste du papier, exprès</translation>
    </message>
    <message>
        <source>this part without colour again</source>
        <translation>cette partie de nouveau sans couleur</translation>
    </message>
    <message>
        <source>this plan has no grey or black ink</source>
        <translation>ce plan n’a ni encre grise ni noire</translation>
    </message>
    <message>
        <source>this plan has no ink with a colour for the hero</source>
        <translation>ce plan n’a pas d’encre de couleur pour le héros</translation>
    </message>
    <message>
        <source>this sheet has other sides than the plan's card: is it another card, or half of it?</source>
        <translation>cette feuille n’a pas les côtés de la carte du plan : est-ce une autre carte, ou la moitié ?</translation>
    </message>
    <message>
        <source>three quarters of the way up</source>
        <translation>aux trois quarts de la hauteur</translation>
    </message>
    <message>
        <source>tiles and boards must have a size</source>
        <translation>carreaux et planches doivent avoir une taille</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>vers la gauche</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>vers la droite</translation>
    </message>
    <message>
        <source>to the right: thicker mist</source>
        <translation>vers la droite : brume plus épaisse</translation>
    </message>
    <message>
        <source>too fine to cut a mask for</source>
        <translation>trop fin pour y couper un masque</translation>
    </message>
    <message>
        <source>too small to cut out and hold foam</source>
        <translation>trop petit pour être découpé et porter la mousse</translation>
    </message>
    <message>
        <source>too thick for the post</source>
        <translation>trop épais pour la poste</translation>
    </message>
    <message>
        <source>too thin to cut a mask for</source>
        <translation>trop mince pour y couper un masque</translation>
    </message>
    <message>
        <source>torn edge</source>
        <translation>bord déchiré</translation>
    </message>
    <message>
        <source>towards the light</source>
        <translation>vers la lumière</translation>
    </message>
    <message>
        <source>tree</source>
        <translation>arbre</translation>
    </message>
    <message>
        <source>try it on scrap paper</source>
        <translation>essayez sur du papier brouillon</translation>
    </message>
    <message>
        <source>try it on scrap paper first</source>
        <translation>essayez d'abord sur du papier brouillon</translation>
    </message>
    <message>
        <source>turned %1° to the left</source>
        <translation>tourné de %1° vers la gauche</translation>
    </message>
    <message>
        <source>turned %1° to the right</source>
        <translation>tourné de %1° vers la droite</translation>
    </message>
    <message>
        <source>turquoise</source>
        <translation>turquoise</translation>
    </message>
    <message>
        <source>two thirds of the way up</source>
        <translation>aux deux tiers de la hauteur</translation>
    </message>
    <message>
        <source>under 1 %</source>
        <translation>moins de 1 %</translation>
    </message>
    <message>
        <source>up</source>
        <translation>vers le haut</translation>
    </message>
    <message>
        <source>up to</source>
        <translation>jusqu'à</translation>
    </message>
    <message>
        <source>upper corner of the back wall</source>
        <translation>coin supérieur du mur du fond</translation>
    </message>
    <message>
        <source>upper left corner of the stamp %1</source>
        <translation>coin supérieur gauche du tampon %1</translation>
    </message>
    <message>
        <source>upper right corner of the stamp %1</source>
        <translation>coin supérieur droit du tampon %1</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>debout</translation>
    </message>
    <message>
        <source>upright, along the height</source>
        <translation>debout, le long de la hauteur</translation>
    </message>
    <message>
        <source>used up</source>
        <translation>épuisé</translation>
    </message>
    <message>
        <source>vanishing point: drag it along the horizon</source>
        <translation>point de fuite : tirez-le le long de l'horizon</translation>
    </message>
    <message>
        <source>variation %1</source>
        <translation>variante %1</translation>
    </message>
    <message>
        <source>very far</source>
        <translation>très loin</translation>
    </message>
    <message>
        <source>vignette corners</source>
        <translation>vignette coins</translation>
    </message>
    <message>
        <source>violet</source>
        <translation>violet</translation>
    </message>
    <message>
        <source>wait %1</source>
        <translation>attendez %1</translation>
    </message>
    <message>
        <source>wall</source>
        <translation>mur</translation>
    </message>
    <message>
        <source>wash blend sky ground</source>
        <translation>lavis fondu ciel sol</translation>
    </message>
    <message>
        <source>water</source>
        <translation>eau</translation>
    </message>
    <message>
        <source>water lines</source>
        <translation>lignes d'eau</translation>
    </message>
    <message>
        <source>water-reactive</source>
        <translation>réagit à l'eau</translation>
    </message>
    <message>
        <source>waves of 6 mm</source>
        <translation>vagues de 6 mm</translation>
    </message>
    <message>
        <source>wavy edge</source>
        <translation>bord ondulé</translation>
    </message>
    <message>
        <source>well</source>
        <translation>bien</translation>
    </message>
    <message>
        <source>what a part is coloured with comes into the hand</source>
        <translation>ce dont une partie est colorée vient en main</translation>
    </message>
    <message>
        <source>what does not draw the eye fades away</source>
        <translation>ce qui n'attire pas l'œil s'efface</translation>
    </message>
    <message>
        <source>what is behind first, then this straight on top: dark opaque ink</source>
        <translation>ce qui est derrière d'abord, puis ceci droit par-dessus : encre sombre opaque</translation>
    </message>
    <message>
        <source>what is behind is pressed with this place taped over on the rubber</source>
        <translation>ce qui est derrière est pressé avec cette place couverte de ruban sur le caoutchouc</translation>
    </message>
    <message>
        <source>what is behind is pressed with this place wiped off the rubber</source>
        <translation>ce qui est derrière est pressé avec cette place essuyée du caoutchouc</translation>
    </message>
    <message>
        <source>what is behind would show through</source>
        <translation>ce qui est derrière se verrait à travers</translation>
    </message>
    <message>
        <source>what is left when the details go</source>
        <translation>ce qui reste quand les détails s'en vont</translation>
    </message>
    <message>
        <source>what is needed for %1</source>
        <translation>ce qu'il faut pour %1</translation>
    </message>
    <message>
        <source>what masks are cut from</source>
        <translation>ce dont on découpe les masques</translation>
    </message>
    <message>
        <source>what the log says of that card is damaged</source>
        <translation>ce que le journal dit de cette carte est abîmé</translation>
    </message>
    <message>
        <source>what was copied lacks a stamp or an ink</source>
        <translation>il manque un tampon ou une encre à ce qui fut copié</translation>
    </message>
    <message>
        <source>what you said you mean</source>
        <translation>ce que vous avez dit vouloir</translation>
    </message>
    <message>
        <source>where it comes from, dark sides and shadows</source>
        <translation>d'où elle vient, côtés sombres et ombres</translation>
    </message>
    <message>
        <source>where the eye goes, in this order; green on the hero</source>
        <translation>où va l'œil, dans cet ordre ; vert sur le héros</translation>
    </message>
    <message>
        <source>white</source>
        <translation>blanc</translation>
    </message>
    <message>
        <source>wider than it is high, as landscapes mostly are</source>
        <translation>plus large que haut, comme le sont souvent les paysages</translation>
    </message>
    <message>
        <source>window</source>
        <translation>fenêtre</translation>
    </message>
    <message>
        <source>window in the back wall</source>
        <translation>fenêtre dans le mur du fond</translation>
    </message>
    <message>
        <source>window in the right wall</source>
        <translation>fenêtre dans le mur de droite</translation>
    </message>
    <message>
        <source>winter</source>
        <translation>hiver</translation>
    </message>
    <message>
        <source>wipe ink off part of the rubber before pressing</source>
        <translation>essuyez l'encre d'une partie du caoutchouc avant de presser</translation>
    </message>
    <message>
        <source>wipe off</source>
        <translation>essuyer</translation>
    </message>
    <message>
        <source>with a damp cloth %1, a little at a time</source>
        <translation>avec un chiffon humide %1, un peu à la fois</translation>
    </message>
    <message>
        <source>with a sand eraser %1, lightly, a little at a time</source>
        <translation>avec une gomme à sable %1, légèrement, un peu à la fois</translation>
    </message>
    <message>
        <source>with a sheet of scrap inside, clear of the gum, so that nothing comes through; what is planned on the flap is stamped now and dries before it is opened</source>
        <translation>avec une feuille de brouillon à l'intérieur, loin de la gomme, pour que rien ne traverse ; ce qui est prévu sur le rabat est tamponné maintenant et sèche avant qu'on l'ouvre</translation>
    </message>
    <message>
        <source>with a soft dry cloth, a clean spot of it for every stroke: the ink comes off what is embossed and stays beside it</source>
        <translation>d'un chiffon doux et sec, une place propre à chaque passage : l'encre part de ce qui est embossé et reste à côté</translation>
    </message>
    <message>
        <source>with its die</source>
        <translation>avec son emporte-pièce</translation>
    </message>
    <message>
        <source>with the card turned round</source>
        <translation>la carte retournée</translation>
    </message>
    <message>
        <source>with the piece that came out</source>
        <translation>avec le morceau qui en est sorti</translation>
    </message>
    <message>
        <source>with the sheet it came out of</source>
        <translation>avec la feuille dont il est sorti</translation>
    </message>
    <message>
        <source>with the tools of the scene: greetings and small stamps, at the right way up</source>
        <translation>avec les outils de la scène : vœux et petits tampons, dans le bon sens</translation>
    </message>
    <message>
        <source>with the trimmer</source>
        <translation>au massicot</translation>
    </message>
    <message>
        <source>without colour</source>
        <translation>sans couleur</translation>
    </message>
    <message>
        <source>words sentiment text letters birthday</source>
        <translation>mots message texte lettres anniversaire</translation>
    </message>
    <message>
        <source>written here</source>
        <translation>écrit ici</translation>
    </message>
    <message>
        <source>yellow</source>
        <translation>jaune</translation>
    </message>
    <message>
        <source>your own steps</source>
        <translation>vos propres étapes</translation>
    </message>
    <message>
        <source>your stamps</source>
        <translation>vos tampons</translation>
    </message>
    <message>
        <source>yours</source>
        <translation>les vôtres</translation>
    </message>
    <message>
        <source>yours: %1</source>
        <translation>les vôtres : %1</translation>
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
        <translation>« %1 »</translation>
    </message>
    <message>
        <source>“%1” is not a number of degrees</source>
        <translation>« %1 » n'est pas un nombre de degrés</translation>
    </message>
    <message>
        <source>“%1” is not on this card any more.</source>
        <translation>« %1 » n'est plus sur cette carte.</translation>
    </message>
    <message>
        <source>“%1”, %2 high</source>
        <translation>« %1 », haut de %2</translation>
    </message>
    <message>
        <source>… and eyes</source>
        <translation>… et yeux</translation>
    </message>
    <message>
        <source>… it is stamped in</source>
        <translation>… il est tamponné en</translation>
    </message>
    <message>
        <source>… it lands 1 mm off?</source>
        <translation>… il atterrit 1 mm à côté ?</translation>
    </message>
    <message>
        <source>… its mask is forgotten?</source>
        <translation>… son masque est oublié ?</translation>
    </message>
    <message>
        <source>… its mask is never remade?</source>
        <translation>… son masque n'est jamais refait ?</translation>
    </message>
    <message>
        <source>… the steps are shuffled?</source>
        <translation>… les étapes sont mélangées ?</translation>
    </message>
</context>
</TS>
