<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>cards</name>
    <message>
        <source>a hold while it is worked, no more</source>
        <translation>ein Halt bei der Arbeit, nicht mehr</translation>
    </message>
    <message>
        <source>air-dry clay, white</source>
        <translation>lufttrocknender Ton, weiß</translation>
    </message>
    <message>
        <source>annealed brass</source>
        <translation>weichgeglühtes Messing</translation>
    </message>
    <message>
        <source>annealed bronze</source>
        <translation>weichgeglühte Bronze</translation>
    </message>
    <message>
        <source>annealed copper</source>
        <translation>weichgeglühtes Kupfer</translation>
    </message>
    <message>
        <source>annealed stainless</source>
        <translation>weichgeglühter Edelstahl</translation>
    </message>
    <message>
        <source>annealed steel</source>
        <translation>weichgeglühter Stahl</translation>
    </message>
    <message>
        <source>beaten with a mallet</source>
        <translation>mit dem Hammer geschlagen</translation>
    </message>
    <message>
        <source>bends when thin</source>
        <translation>biegt sich, wenn dünn</translation>
    </message>
    <message>
        <source>bill amber</source>
        <translation>Schnabelbernstein</translation>
    </message>
    <message>
        <source>black primer</source>
        <translation>schwarze Grundierung</translation>
    </message>
    <message>
        <source>boot brown</source>
        <translation>Stiefelbraun</translation>
    </message>
    <message>
        <source>brindled fleece 3 mm</source>
        <translation>gestromtes Fell 3 mm</translation>
    </message>
    <message>
        <source>browns slowly; keep it off the heater</source>
        <translation>bräunt langsam; vom Heizstab fernhalten</translation>
    </message>
    <message>
        <source>burns fingers; lets go of cold faces</source>
        <translation>verbrennt Finger; löst sich von kalten Flächen</translation>
    </message>
    <message>
        <source>burnt umber oil</source>
        <translation>Umbra gebrannt, Öl</translation>
    </message>
    <message>
        <source>butter yellow</source>
        <translation>Buttergelb</translation>
    </message>
    <message>
        <source>cable with a plastic sheath</source>
        <translation>Kabel mit Kunststoffmantel</translation>
    </message>
    <message>
        <source>ceramic tile</source>
        <translation>Keramikfliese</translation>
    </message>
    <message>
        <source>clay grips it well; dry it all through before the oven</source>
        <translation>Ton haftet gut daran; vor dem Ofen ganz durchtrocknen</translation>
    </message>
    <message>
        <source>crumpled once; traps air</source>
        <translation>einmal geknüllt; schließt Luft ein</translation>
    </message>
    <message>
        <source>cures in the next bake: raw on cured</source>
        <translation>härtet beim nächsten Backen: roh auf gehärtet</translation>
    </message>
    <message>
        <source>cut from the back</source>
        <translation>von hinten geschnitten</translation>
    </message>
    <message>
        <source>dark ochre wash</source>
        <translation>dunkle Ockerlasur</translation>
    </message>
    <message>
        <source>drawn steel</source>
        <translation>gezogener Stahl</translation>
    </message>
    <message>
        <source>dry wooden block</source>
        <translation>trockener Holzklotz</translation>
    </message>
    <message>
        <source>dry; drill before it is covered</source>
        <translation>trocken; bohren, ehe es bedeckt ist</translation>
    </message>
    <message>
        <source>epoxy putty over the bones</source>
        <translation>Epoxidkitt über den Knochen</translation>
    </message>
    <message>
        <source>feathered cloth 2 mm</source>
        <translation>Federstoff 2 mm</translation>
    </message>
    <message>
        <source>felt or cloth</source>
        <translation>Filz oder Stoff</translation>
    </message>
    <message>
        <source>fine fingers</source>
        <translation>feine Finger</translation>
    </message>
    <message>
        <source>fine fingers, binding</source>
        <translation>feine Finger, Binden</translation>
    </message>
    <message>
        <source>firm oven-bake clay, ochre</source>
        <translation>fester Ofenton, ocker</translation>
    </message>
    <message>
        <source>firm oven-bake clay, slate grey</source>
        <translation>fester Ofenton, schiefergrau</translation>
    </message>
    <message>
        <source>firm oven-bake clay, warm flesh</source>
        <translation>fester Ofenton, warme Haut</translation>
    </message>
    <message>
        <source>firm oven-bake clay, white</source>
        <translation>fester Ofenton, weiß</translation>
    </message>
    <message>
        <source>flexible oven-bake clay, warm flesh</source>
        <translation>biegsamer Ofenton, warme Haut</translation>
    </message>
    <message>
        <source>foam block</source>
        <translation>Schaumblock</translation>
    </message>
    <message>
        <source>foil under paper and white glue</source>
        <translation>Folie unter Papier und Weißleim</translation>
    </message>
    <message>
        <source>foil, beaten</source>
        <translation>Folie, geschlagen</translation>
    </message>
    <message>
        <source>foil, firm</source>
        <translation>Folie, fest</translation>
    </message>
    <message>
        <source>foil, firm, taped</source>
        <translation>Folie, fest, umklebt</translation>
    </message>
    <message>
        <source>foil, loose</source>
        <translation>Folie, locker</translation>
    </message>
    <message>
        <source>gives off damp the first time</source>
        <translation>gibt beim ersten Mal Feuchte ab</translation>
    </message>
    <message>
        <source>glass eyes</source>
        <translation>Glasaugen</translation>
    </message>
    <message>
        <source>gloss varnish</source>
        <translation>Glanzlack</translation>
    </message>
    <message>
        <source>gloves; roughen both faces</source>
        <translation>Handschuhe; beide Flächen anrauen</translation>
    </message>
    <message>
        <source>goes on after the last bake</source>
        <translation>kommt nach dem letzten Backen darauf</translation>
    </message>
    <message>
        <source>half-hard aluminium</source>
        <translation>halbhartes Aluminium</translation>
    </message>
    <message>
        <source>hanger wire, fixed bones</source>
        <translation>Kleiderbügeldraht, starre Knochen</translation>
    </message>
    <message>
        <source>heavy legs</source>
        <translation>schwere Beine</translation>
    </message>
    <message>
        <source>hot glue</source>
        <translation>Heißkleber</translation>
    </message>
    <message>
        <source>hot-melt glue</source>
        <translation>Schmelzkleber</translation>
    </message>
    <message>
        <source>instant glue</source>
        <translation>Sekundenkleber</translation>
    </message>
    <message>
        <source>its glue runs</source>
        <translation>sein Kleber läuft</translation>
    </message>
    <message>
        <source>leaves marks in raw clay: paper in between</source>
        <translation>hinterlässt Spuren in rohem Ton: Papier dazwischen</translation>
    </message>
    <message>
        <source>let them cool with the clay</source>
        <translation>mit dem Ton abkühlen lassen</translation>
    </message>
    <message>
        <source>lime wood</source>
        <translation>Lindenholz</translation>
    </message>
    <message>
        <source>liquid oven-bake clay</source>
        <translation>flüssiger Ofenton</translation>
    </message>
    <message>
        <source>lose their strength for good</source>
        <translation>verlieren ihre Kraft für immer</translation>
    </message>
    <message>
        <source>magnets</source>
        <translation>Magnete</translation>
    </message>
    <message>
        <source>masking tape</source>
        <translation>Kreppband</translation>
    </message>
    <message>
        <source>matte varnish</source>
        <translation>Mattlack</translation>
    </message>
    <message>
        <source>melt</source>
        <translation>schmelzen</translation>
    </message>
    <message>
        <source>mist white</source>
        <translation>Nebelweiß</translation>
    </message>
    <message>
        <source>must be dry all through</source>
        <translation>muss ganz durchgetrocknet sein</translation>
    </message>
    <message>
        <source>nest of crumpled foil</source>
        <translation>Nest aus geknüllter Folie</translation>
    </message>
    <message>
        <source>not for the oven</source>
        <translation>nicht für den Ofen</translation>
    </message>
    <message>
        <source>oil clay that never dries</source>
        <translation>Ölton, der nie trocknet</translation>
    </message>
    <message>
        <source>oilskin yellow</source>
        <translation>Ölzeuggelb</translation>
    </message>
    <message>
        <source>on cured clay; bonds skin, fumes when warm</source>
        <translation>auf gehärtetem Ton; klebt Haut, dampft bei Wärme</translation>
    </message>
    <message>
        <source>pale skin</source>
        <translation>helle Haut</translation>
    </message>
    <message>
        <source>paper tape holds it; its glue runs in the oven</source>
        <translation>Papierband hält es; sein Kleber läuft im Ofen</translation>
    </message>
    <message>
        <source>parts painted with acrylics</source>
        <translation>mit Acryl bemalte Teile</translation>
    </message>
    <message>
        <source>pile runs from the body outwards</source>
        <translation>der Flor läuft vom Körper nach außen</translation>
    </message>
    <message>
        <source>pins; does not rust in water-based clay</source>
        <translation>Stifte; rostet in wasserbasiertem Ton nicht</translation>
    </message>
    <message>
        <source>plastic beads</source>
        <translation>Kunststoffperlen</translation>
    </message>
    <message>
        <source>press over night</source>
        <translation>über Nacht pressen</translation>
    </message>
    <message>
        <source>pressed hard by hand</source>
        <translation>von Hand fest gedrückt</translation>
    </message>
    <message>
        <source>pull it through after the last bake</source>
        <translation>nach dem letzten Backen durchziehen</translation>
    </message>
    <message>
        <source>red-brown wash</source>
        <translation>rotbraune Lasur</translation>
    </message>
    <message>
        <source>reed grey</source>
        <translation>Schilfgrau</translation>
    </message>
    <message>
        <source>rigid after baking: never across a posing joint</source>
        <translation>nach dem Backen starr: nie über ein gestelltes Gelenk</translation>
    </message>
    <message>
        <source>roll of plain paper</source>
        <translation>Rolle aus schlichtem Papier</translation>
    </message>
    <message>
        <source>rows lie towards the tail</source>
        <translation>Reihen liegen zum Schwanz hin</translation>
    </message>
    <message>
        <source>runs</source>
        <translation>läuft</translation>
    </message>
    <message>
        <source>satin varnish</source>
        <translation>Seidenglanzlack</translation>
    </message>
    <message>
        <source>set before anything goes on it</source>
        <translation>hart, ehe etwas darauf kommt</translation>
    </message>
    <message>
        <source>shrinks 3 to 10 % as it dries</source>
        <translation>schwindet beim Trocknen um 3 bis 10 %</translation>
    </message>
    <message>
        <source>shrinks and smokes</source>
        <translation>schrumpft und raucht</translation>
    </message>
    <message>
        <source>slate wash</source>
        <translation>Schieferlasur</translation>
    </message>
    <message>
        <source>soft aluminium</source>
        <translation>weiches Aluminium</translation>
    </message>
    <message>
        <source>soft aluminium alloy</source>
        <translation>weiche Aluminiumlegierung</translation>
    </message>
    <message>
        <source>soft foam</source>
        <translation>weicher Schaum</translation>
    </message>
    <message>
        <source>stay hot long after the clay</source>
        <translation>bleiben lange nach dem Ton heiß</translation>
    </message>
    <message>
        <source>stays soft: dents, and needs the armature to carry it all</source>
        <translation>bleibt weich: bekommt Dellen, und das Gerüst muss alles tragen</translation>
    </message>
    <message>
        <source>steel pins and rods</source>
        <translation>Stahlstifte und -stäbe</translation>
    </message>
    <message>
        <source>stiffer spines</source>
        <translation>steifere Rückgrate</translation>
    </message>
    <message>
        <source>tails, feelers</source>
        <translation>Schwänze, Fühler</translation>
    </message>
    <message>
        <source>tan</source>
        <translation>Hellbraun</translation>
    </message>
    <message>
        <source>the usual wire: easy by hand, little springback</source>
        <translation>der übliche Draht: leicht von Hand, wenig Rückfederung</translation>
    </message>
    <message>
        <source>tie wire and cheap frames; hard on the fingers</source>
        <translation>Bindedraht und billige Gerüste; hart für die Finger</translation>
    </message>
    <message>
        <source>two-part epoxy</source>
        <translation>Zweikomponenten-Epoxid</translation>
    </message>
    <message>
        <source>two-part epoxy putty</source>
        <translation>Zweikomponenten-Epoxidkitt</translation>
    </message>
    <message>
        <source>umber wash</source>
        <translation>Umbralasur</translation>
    </message>
    <message>
        <source>warm skin</source>
        <translation>warme Haut</translation>
    </message>
    <message>
        <source>warms slowly: lay it in while the oven warms up</source>
        <translation>wird langsam warm: beim Aufheizen hineinlegen</translation>
    </message>
    <message>
        <source>white glue on clay</source>
        <translation>Weißleim auf Ton</translation>
    </message>
    <message>
        <source>white glue on wood</source>
        <translation>Weißleim auf Holz</translation>
    </message>
    <message>
        <source>white primer</source>
        <translation>weiße Grundierung</translation>
    </message>
    <message>
        <source>wool felt 1 mm</source>
        <translation>Wollfilz 1 mm</translation>
    </message>
    <message>
        <source>wool felt 1 mm, brown</source>
        <translation>Wollfilz 1 mm, braun</translation>
    </message>
    <message>
        <source>wool felt 1 mm, navy</source>
        <translation>Wollfilz 1 mm, marineblau</translation>
    </message>
    <message>
        <source>working time 1.5 h, set in 4 h at 20 °C</source>
        <translation>Verarbeitungszeit 1,5 h, hart nach 4 h bei 20 °C</translation>
    </message>
</context>
<context>
    <name>core</name>
    <message>
        <source> C</source>
        <translation> C</translation>
    </message>
    <message>
        <source> GPa</source>
        <translation> GPa</translation>
    </message>
    <message>
        <source> J/kgK</source>
        <translation> J/kgK</translation>
    </message>
    <message>
        <source> MPa</source>
        <translation> MPa</translation>
    </message>
    <message>
        <source> N</source>
        <translation> N</translation>
    </message>
    <message>
        <source> N·mm</source>
        <translation> N·mm</translation>
    </message>
    <message>
        <source> W/m2K</source>
        <translation> W/m2K</translation>
    </message>
    <message>
        <source> W/mK</source>
        <translation> W/mK</translation>
    </message>
    <message>
        <source> cycles</source>
        <translation> Wechsel</translation>
    </message>
    <message>
        <source> degrees</source>
        <translation> Grad</translation>
    </message>
    <message>
        <source> g</source>
        <translation> g</translation>
    </message>
    <message>
        <source> g/cm3</source>
        <translation> g/cm3</translation>
    </message>
    <message>
        <source> g/m2</source>
        <translation> g/m2</translation>
    </message>
    <message>
        <source> h</source>
        <translation> h</translation>
    </message>
    <message>
        <source> m2/l</source>
        <translation> m2/l</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source> ml</source>
        <translation> ml</translation>
    </message>
    <message>
        <source> mm a pixel</source>
        <translation> mm je Bildpunkt</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>%1 MB of text</source>
        <translation>%1 MB Text</translation>
    </message>
    <message>
        <source>%1 MB</source>
        <translation>%1 MB</translation>
    </message>
    <message>
        <source>%1 days off</source>
        <translation>%1 freie Tage</translation>
    </message>
    <message>
        <source>%1 entries</source>
        <translation>%1 Einträge</translation>
    </message>
    <message>
        <source>%1 frames</source>
        <translation>%1 Bilder</translation>
    </message>
    <message>
        <source>%1 joints</source>
        <translation>%1 Gelenke</translation>
    </message>
    <message>
        <source>%1 limbs that hang on nothing</source>
        <translation>%1 Glieder, die an nichts hängen</translation>
    </message>
    <message>
        <source>%1 numbers</source>
        <translation>%1 Zahlen</translation>
    </message>
    <message>
        <source>%1 people</source>
        <translation>%1 Personen</translation>
    </message>
    <message>
        <source>%1 pictures</source>
        <translation>%1 Bilder</translation>
    </message>
    <message>
        <source>%1 pieces</source>
        <translation>%1 Stücke</translation>
    </message>
    <message>
        <source>%1 readings</source>
        <translation>%1 Ablesungen</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 segments</source>
        <translation>%1 Abschnitte</translation>
    </message>
    <message>
        <source>%1 strands</source>
        <translation>%1 Stränge</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>%1 together</source>
        <translation>%1 zusammen</translation>
    </message>
    <message>
        <source>%1 with %2 entries</source>
        <translation>%1 mit %2 Einträgen</translation>
    </message>
    <message>
        <source>%1, %2 %3</source>
        <translation>%1, %2 %3</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, bake %2</source>
        <translation>%1, Backgang %2</translation>
    </message>
    <message>
        <source>%1, joint %2</source>
        <translation>%1, Gelenk %2</translation>
    </message>
    <message>
        <source>%1, limb %2</source>
        <translation>%1, Glied %2</translation>
    </message>
    <message>
        <source>%1, pose %2</source>
        <translation>%1, Pose %2</translation>
    </message>
    <message>
        <source>%1, pose on the board</source>
        <translation>%1, Pose auf dem Brett</translation>
    </message>
    <message>
        <source>%1, pose</source>
        <translation>%1, Pose</translation>
    </message>
    <message>
        <source>%1, ring %2</source>
        <translation>%1, Ring %2</translation>
    </message>
    <message>
        <source>%1, segment %2</source>
        <translation>%1, Abschnitt %2</translation>
    </message>
    <message>
        <source>%1, section %2</source>
        <translation>%1, Messstelle %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>1 section</source>
        <translation>1 Messstelle</translation>
    </message>
    <message>
        <source>CHANNELS</source>
        <translation>CHANNELS</translation>
    </message>
    <message>
        <source>End Site</source>
        <translation>End Site</translation>
    </message>
    <message>
        <source>Frame Time:</source>
        <translation>Frame Time:</translation>
    </message>
    <message>
        <source>Frames:</source>
        <translation>Frames:</translation>
    </message>
    <message>
        <source>HIERARCHY at its beginning</source>
        <translation>HIERARCHY am Anfang</translation>
    </message>
    <message>
        <source>OFFSET</source>
        <translation>OFFSET</translation>
    </message>
    <message>
        <source>Poisson&apos;s ratio</source>
        <translation>Querkontraktionszahl</translation>
    </message>
    <message>
        <source>Young&apos;s modulus</source>
        <translation>Elastizitätsmodul</translation>
    </message>
    <message>
        <source>a break in frame %1</source>
        <translation>ein Bruch in Bild %1</translation>
    </message>
    <message>
        <source>a day of %1 stretches</source>
        <translation>ein Tag mit %1 Zeiten</translation>
    </message>
    <message>
        <source>a design aside</source>
        <translation>ein beiseitegelegter Entwurf</translation>
    </message>
    <message>
        <source>a frame&apos;s value</source>
        <translation>der Wert eines Bildes</translation>
    </message>
    <message>
        <source>a list</source>
        <translation>eine Liste</translation>
    </message>
    <message>
        <source>a number</source>
        <translation>eine Zahl</translation>
    </message>
    <message>
        <source>a quote</source>
        <translation>ein Anführungszeichen</translation>
    </message>
    <message>
        <source>a split at %1</source>
        <translation>eine Teilung bei %1</translation>
    </message>
    <message>
        <source>a varnish</source>
        <translation>ein Lack</translation>
    </message>
    <message>
        <source>adding a picture</source>
        <translation>Bild hinzufügen</translation>
    </message>
    <message>
        <source>adding production.json</source>
        <translation>production.json hinzufügen</translation>
    </message>
    <message>
        <source>adhesive card</source>
        <translation>Klebstoffkarte</translation>
    </message>
    <message>
        <source>all readings at %1 min</source>
        <translation>alle Ablesungen bei %1 min</translation>
    </message>
    <message>
        <source>an acrylic paint</source>
        <translation>eine Acrylfarbe</translation>
    </message>
    <message>
        <source>an object</source>
        <translation>ein Objekt</translation>
    </message>
    <message>
        <source>an offset</source>
        <translation>ein Versatz</translation>
    </message>
    <message>
        <source>an oil paint darker than the base</source>
        <translation>eine Ölfarbe dunkler als der Grund</translation>
    </message>
    <message>
        <source>angles</source>
        <translation>Winkel</translation>
    </message>
    <message>
        <source>are all that it can hold</source>
        <translation>sind alles, was hineingeht</translation>
    </message>
    <message>
        <source>are in it</source>
        <translation>sind darin</translation>
    </message>
    <message>
        <source>are more than %1 MB</source>
        <translation>sind mehr als %1 MB</translation>
    </message>
    <message>
        <source>are more than %1</source>
        <translation>sind mehr als %1</translation>
    </message>
    <message>
        <source>are more than 1000</source>
        <translation>sind mehr als 1000</translation>
    </message>
    <message>
        <source>are more than 16 MB</source>
        <translation>sind mehr als 16 MB</translation>
    </message>
    <message>
        <source>are more than 256 MB together</source>
        <translation>sind zusammen mehr als 256 MB</translation>
    </message>
    <message>
        <source>are more than a file may hold</source>
        <translation>sind mehr, als eine Datei halten darf</translation>
    </message>
    <message>
        <source>are more than a file may hold, 16 MB</source>
        <translation>sind mehr, als eine Datei halten darf, 16 MB</translation>
    </message>
    <message>
        <source>are more than the %1 that a file may hold: take one off first</source>
        <translation>sind mehr als die %1, die eine Datei halten darf: zuerst eines wegnehmen</translation>
    </message>
    <message>
        <source>are more than the file goes on to hold</source>
        <translation>sind mehr, als die Datei dann enthält</translation>
    </message>
    <message>
        <source>are too few: at least ten are needed</source>
        <translation>sind zu wenige: mindestens zehn sind nötig</translation>
    </message>
    <message>
        <source>are too many</source>
        <translation>sind zu viele</translation>
    </message>
    <message>
        <source>bare stretch</source>
        <translation>blankes Stück</translation>
    </message>
    <message>
        <source>bend test</source>
        <translation>Biegeversuch</translation>
    </message>
    <message>
        <source>bond</source>
        <translation>Verbindung</translation>
    </message>
    <message>
        <source>bonds</source>
        <translation>Verbindungen</translation>
    </message>
    <message>
        <source>both ends</source>
        <translation>beide Enden</translation>
    </message>
    <message>
        <source>break test</source>
        <translation>Bruchversuch</translation>
    </message>
    <message>
        <source>break</source>
        <translation>Bruch</translation>
    </message>
    <message>
        <source>breaks</source>
        <translation>Brüche</translation>
    </message>
    <message>
        <source>calendar</source>
        <translation>Kalender</translation>
    </message>
    <message>
        <source>camera</source>
        <translation>Kamera</translation>
    </message>
    <message>
        <source>can carry it: mark a limb first</source>
        <translation>kann es tragen: zuerst ein Glied zeichnen</translation>
    </message>
    <message>
        <source>can hold any work: open one day a week</source>
        <translation>lässt keine Arbeit zu: einen Tag der Woche öffnen</translation>
    </message>
    <message>
        <source>cannot be before itself</source>
        <translation>kann nicht vor sich selbst stehen</translation>
    </message>
    <message>
        <source>cannot be cut from what there is</source>
        <translation>kann aus dem Vorhandenen nicht geschnitten werden</translation>
    </message>
    <message>
        <source>cannot be read</source>
        <translation>kann nicht gelesen werden</translation>
    </message>
    <message>
        <source>cannot be the root of the limb that hangs on nothing</source>
        <translation>kann nicht der Fuß des Gliedes sein, das an nichts hängt</translation>
    </message>
    <message>
        <source>cannot be the tip of a limb</source>
        <translation>kann nicht die Spitze eines Gliedes sein</translation>
    </message>
    <message>
        <source>cannot carry it</source>
        <translation>kann es nicht tragen</translation>
    </message>
    <message>
        <source>carries limb %1</source>
        <translation>trägt Glied %1</translation>
    </message>
    <message>
        <source>clay</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>clearance</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>closing</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>coat</source>
        <translation>Schicht</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>Farbton</translation>
    </message>
    <message>
        <source>comes off: mark it as a piece first</source>
        <translation>lässt sich abnehmen: zuerst als Stück kennzeichnen</translation>
    </message>
    <message>
        <source>conductivity</source>
        <translation>Wärmeleitfähigkeit</translation>
    </message>
    <message>
        <source>container</source>
        <translation>Behälterdatei</translation>
    </message>
    <message>
        <source>container, %1</source>
        <translation>Behälterdatei, %1</translation>
    </message>
    <message>
        <source>copies</source>
        <translation>Exemplare</translation>
    </message>
    <message>
        <source>core density</source>
        <translation>Kerndichte</translation>
    </message>
    <message>
        <source>core</source>
        <translation>Kern</translation>
    </message>
    <message>
        <source>count</source>
        <translation>Anzahl</translation>
    </message>
    <message>
        <source>cover from %1 to %2</source>
        <translation>Überzug von %1 bis %2</translation>
    </message>
    <message>
        <source>cover from</source>
        <translation>Überzug von</translation>
    </message>
    <message>
        <source>cover to</source>
        <translation>Überzug bis</translation>
    </message>
    <message>
        <source>cover</source>
        <translation>Überzug</translation>
    </message>
    <message>
        <source>coverage</source>
        <translation>Ergiebigkeit</translation>
    </message>
    <message>
        <source>crop</source>
        <translation>Ausschnitt</translation>
    </message>
    <message>
        <source>curing time</source>
        <translation>Härtezeit</translation>
    </message>
    <message>
        <source>cut length</source>
        <translation>Schnittlänge</translation>
    </message>
    <message>
        <source>depth</source>
        <translation>Tiefe</translation>
    </message>
    <message>
        <source>designs kept aside</source>
        <translation>beiseitegelegte Entwürfe</translation>
    </message>
    <message>
        <source>diameter</source>
        <translation>Durchmesser</translation>
    </message>
    <message>
        <source>disliked gauge</source>
        <translation>ungeliebte Drahtstärke</translation>
    </message>
    <message>
        <source>does not bend</source>
        <translation>biegt sich nicht</translation>
    </message>
    <message>
        <source>drop</source>
        <translation>Strangende</translation>
    </message>
    <message>
        <source>drying time of 6 mm</source>
        <translation>Trockenzeit von 6 mm</translation>
    </message>
    <message>
        <source>drying time</source>
        <translation>Trockenzeit</translation>
    </message>
    <message>
        <source>drying</source>
        <translation>Trocknung</translation>
    </message>
    <message>
        <source>edge factor</source>
        <translation>Kantenbeiwert</translation>
    </message>
    <message>
        <source>entry</source>
        <translation>Eintrag</translation>
    </message>
    <message>
        <source>exposure sheet</source>
        <translation>Belichtungsblatt</translation>
    </message>
    <message>
        <source>exposure sheet, line %1</source>
        <translation>Belichtungsblatt, Zeile %1</translation>
    </message>
    <message>
        <source>exposure sheet, line 1</source>
        <translation>Belichtungsblatt, Zeile 1</translation>
    </message>
    <message>
        <source>failed: %1</source>
        <translation>fehlgeschlagen: %1</translation>
    </message>
    <message>
        <source>feature</source>
        <translation>Anbauteil</translation>
    </message>
    <message>
        <source>features</source>
        <translation>Anbauteile</translation>
    </message>
    <message>
        <source>feet down</source>
        <translation>Füße am Boden</translation>
    </message>
    <message>
        <source>file</source>
        <translation>Datei</translation>
    </message>
    <message>
        <source>film</source>
        <translation>Film</translation>
    </message>
    <message>
        <source>force</source>
        <translation>Kraft</translation>
    </message>
    <message>
        <source>format</source>
        <translation>Format</translation>
    </message>
    <message>
        <source>forming bends</source>
        <translation>Formbiegungen</translation>
    </message>
    <message>
        <source>frame %1</source>
        <translation>Bild %1</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>Spalt</translation>
    </message>
    <message>
        <source>gloss</source>
        <translation>Glanz</translation>
    </message>
    <message>
        <source>goes round in a circle</source>
        <translation>läuft im Kreis</translation>
    </message>
    <message>
        <source>grey card</source>
        <translation>Graukarte</translation>
    </message>
    <message>
        <source>grip</source>
        <translation>Griff</translation>
    </message>
    <message>
        <source>half axis x</source>
        <translation>Halbachse x</translation>
    </message>
    <message>
        <source>half axis y</source>
        <translation>Halbachse y</translation>
    </message>
    <message>
        <source>half axis z</source>
        <translation>Halbachse z</translation>
    </message>
    <message>
        <source>half-width a</source>
        <translation>halbe Breite a</translation>
    </message>
    <message>
        <source>half-width b</source>
        <translation>halbe Breite b</translation>
    </message>
    <message>
        <source>hang test</source>
        <translation>Hängeversuch</translation>
    </message>
    <message>
        <source>hangs on %1</source>
        <translation>hängt an %1</translation>
    </message>
    <message>
        <source>hangs on joint %1</source>
        <translation>hängt an Gelenk %1</translation>
    </message>
    <message>
        <source>has no segment on both sides</source>
        <translation>hat nicht auf beiden Seiten einen Abschnitt</translation>
    </message>
    <message>
        <source>has no size to set</source>
        <translation>hat keine Größe, die man setzen könnte</translation>
    </message>
    <message>
        <source>has no size</source>
        <translation>hat keine Größe</translation>
    </message>
    <message>
        <source>has no such segments</source>
        <translation>hat keine solchen Abschnitte</translation>
    </message>
    <message>
        <source>has no wire that is cut</source>
        <translation>hat keinen Draht, der geschnitten wird</translation>
    </message>
    <message>
        <source>has tests that would be lost: set its metres to 0 instead</source>
        <translation>hat Versuche, die verloren gingen: stattdessen die Meter auf 0 setzen</translation>
    </message>
    <message>
        <source>heat capacity</source>
        <translation>Wärmekapazität</translation>
    </message>
    <message>
        <source>heat in all bakes</source>
        <translation>Hitze in allen Backgängen</translation>
    </message>
    <message>
        <source>heat limit</source>
        <translation>Hitzegrenze</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>hold factor</source>
        <translation>Haltebeiwert</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>how many channels</source>
        <translation>wie viele Kanäle</translation>
    </message>
    <message>
        <source>how many frames</source>
        <translation>wie viele Bilder</translation>
    </message>
    <message>
        <source>is a folder, not a file</source>
        <translation>ist ein Ordner, keine Datei</translation>
    </message>
    <message>
        <source>is a gauge of which system: awg or swg?</source>
        <translation>ist eine Stärke welches Systems: awg oder swg?</translation>
    </message>
    <message>
        <source>is beyond the row</source>
        <translation>liegt jenseits der Reihe</translation>
    </message>
    <message>
        <source>is black there: take it lighter</source>
        <translation>ist dort schwarz: heller aufnehmen</translation>
    </message>
    <message>
        <source>is burnt out there: take it darker</source>
        <translation>ist dort ausgefressen: dunkler aufnehmen</translation>
    </message>
    <message>
        <source>is damaged</source>
        <translation>ist beschädigt</translation>
    </message>
    <message>
        <source>is for limbs only</source>
        <translation>gilt nur für Glieder</translation>
    </message>
    <message>
        <source>is missing</source>
        <translation>fehlt</translation>
    </message>
    <message>
        <source>is more than %1 C off: is this the log of that set point, in degrees C?</source>
        <translation>weicht mehr als %1 C ab: ist dies das Protokoll dieser Einstellung, in Grad C?</translation>
    </message>
    <message>
        <source>is more than 64 MB</source>
        <translation>ist mehr als 64 MB</translation>
    </message>
    <message>
        <source>is more than the %1 that one may have</source>
        <translation>ist mehr als die %1, die eines haben darf</translation>
    </message>
    <message>
        <source>is never closed</source>
        <translation>wird nie geschlossen</translation>
    </message>
    <message>
        <source>is no plain file</source>
        <translation>ist keine gewöhnliche Datei</translation>
    </message>
    <message>
        <source>is no posed joint of this puppet</source>
        <translation>ist kein gestelltes Gelenk dieser Puppe</translation>
    </message>
    <message>
        <source>is not a weighed one</source>
        <translation>ist kein gewogenes</translation>
    </message>
    <message>
        <source>is not counted</source>
        <translation>wird nicht gezählt</translation>
    </message>
    <message>
        <source>is not in it</source>
        <translation>ist nicht darin</translation>
    </message>
    <message>
        <source>is not in stock</source>
        <translation>ist nicht vorrätig</translation>
    </message>
    <message>
        <source>is not in the published table of that system</source>
        <translation>steht nicht in der veröffentlichten Tafel dieses Systems</translation>
    </message>
    <message>
        <source>is not kept</source>
        <translation>wird nicht gehalten</translation>
    </message>
    <message>
        <source>is not known</source>
        <translation>ist nicht bekannt</translation>
    </message>
    <message>
        <source>is not mirrored</source>
        <translation>ist nicht gespiegelt</translation>
    </message>
    <message>
        <source>is not on it</source>
        <translation>liegt nicht darauf</translation>
    </message>
    <message>
        <source>is not on the shelf</source>
        <translation>steht nicht im Regal</translation>
    </message>
    <message>
        <source>is not one of %1</source>
        <translation>ist keines von %1</translation>
    </message>
    <message>
        <source>is not there</source>
        <translation>ist nicht da</translation>
    </message>
    <message>
        <source>is of no known kind</source>
        <translation>ist von keiner bekannten Art</translation>
    </message>
    <message>
        <source>is on no part</source>
        <translation>liegt auf keinem Teil</translation>
    </message>
    <message>
        <source>it</source>
        <translation>es</translation>
    </message>
    <message>
        <source>joint %1.%2</source>
        <translation>Gelenk %1.%2</translation>
    </message>
    <message>
        <source>joint</source>
        <translation>Gelenk</translation>
    </message>
    <message>
        <source>joints inside joints</source>
        <translation>Gelenke in Gelenken</translation>
    </message>
    <message>
        <source>joints</source>
        <translation>Gelenke</translation>
    </message>
    <message>
        <source>last bend</source>
        <translation>letzte Biegung</translation>
    </message>
    <message>
        <source>last size</source>
        <translation>letzte Größe</translation>
    </message>
    <message>
        <source>lay</source>
        <translation>Schlaglänge</translation>
    </message>
    <message>
        <source>lean</source>
        <translation>Neigung</translation>
    </message>
    <message>
        <source>least bend</source>
        <translation>kleinste Biegung</translation>
    </message>
    <message>
        <source>leaves the container</source>
        <translation>verlässt die Behälterdatei</translation>
    </message>
    <message>
        <source>left %1</source>
        <translation>%1 links</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>lever</source>
        <translation>Hebel</translation>
    </message>
    <message>
        <source>lies beyond what can be stored</source>
        <translation>liegt jenseits dessen, was gespeichert werden kann</translation>
    </message>
    <message>
        <source>limb %1</source>
        <translation>Glied %1</translation>
    </message>
    <message>
        <source>limb %1, segment %2</source>
        <translation>Glied %1, Abschnitt %2</translation>
    </message>
    <message>
        <source>limit of strain</source>
        <translation>Dehnungsgrenze</translation>
    </message>
    <message>
        <source>limit</source>
        <translation>Grenze</translation>
    </message>
    <message>
        <source>line %1</source>
        <translation>Zeile %1</translation>
    </message>
    <message>
        <source>line 1</source>
        <translation>Zeile 1</translation>
    </message>
    <message>
        <source>links to a motion file</source>
        <translation>Verweise auf eine Bewegungsdatei</translation>
    </message>
    <message>
        <source>log</source>
        <translation>Werkbuch</translation>
    </message>
    <message>
        <source>loop</source>
        <translation>Schlaufe</translation>
    </message>
    <message>
        <source>mass %1</source>
        <translation>Gewicht %1</translation>
    </message>
    <message>
        <source>mass</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>measure</source>
        <translation>Maß</translation>
    </message>
    <message>
        <source>measured K&apos;</source>
        <translation>gemessenes K&apos;</translation>
    </message>
    <message>
        <source>measured b</source>
        <translation>gemessenes b</translation>
    </message>
    <message>
        <source>measured c</source>
        <translation>gemessenes c</translation>
    </message>
    <message>
        <source>measured ef&apos;</source>
        <translation>gemessenes ef&apos;</translation>
    </message>
    <message>
        <source>measured n&apos;</source>
        <translation>gemessenes n&apos;</translation>
    </message>
    <message>
        <source>measured sf&apos;</source>
        <translation>gemessenes sf&apos;</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>moment</source>
        <translation>Moment</translation>
    </message>
    <message>
        <source>more than %1 lines</source>
        <translation>mehr als %1 Zeilen</translation>
    </message>
    <message>
        <source>more than 100000 readings</source>
        <translation>mehr als 100000 Ablesungen</translation>
    </message>
    <message>
        <source>more than 512 MB</source>
        <translation>mehr als 512 MB</translation>
    </message>
    <message>
        <source>more than 64 cells</source>
        <translation>mehr als 64 Zellen</translation>
    </message>
    <message>
        <source>motion file</source>
        <translation>Bewegungsdatei</translation>
    </message>
    <message>
        <source>motion file, line %1</source>
        <translation>Bewegungsdatei, Zeile %1</translation>
    </message>
    <message>
        <source>move %1</source>
        <translation>Verschiebung %1</translation>
    </message>
    <message>
        <source>move</source>
        <translation>Verschiebung</translation>
    </message>
    <message>
        <source>moves per second</source>
        <translation>Bewegungen je Sekunde</translation>
    </message>
    <message>
        <source>moves: there must be a ROOT</source>
        <translation>Bewegung: ein ROOT muss da sein</translation>
    </message>
    <message>
        <source>must be 0 or more</source>
        <translation>muss 0 oder mehr sein</translation>
    </message>
    <message>
        <source>must be 0 to %1</source>
        <translation>muss 0 bis %1 sein</translation>
    </message>
    <message>
        <source>must be 0 to 6</source>
        <translation>muss 0 bis 6 sein</translation>
    </message>
    <message>
        <source>must be 1 or more</source>
        <translation>muss 1 oder mehr sein</translation>
    </message>
    <message>
        <source>must be 1, 2, 3, 4 or 7</source>
        <translation>muss 1, 2, 3, 4 oder 7 sein</translation>
    </message>
    <message>
        <source>must be OFFSET, CHANNELS, JOINT, End Site or }</source>
        <translation>muss OFFSET, CHANNELS, JOINT, End Site oder } sein</translation>
    </message>
    <message>
        <source>must be ROOT or MOTION</source>
        <translation>muss ROOT oder MOTION sein</translation>
    </message>
    <message>
        <source>must be a day such as 2026-12-21</source>
        <translation>muss ein Tag wie 2026-12-21 sein</translation>
    </message>
    <message>
        <source>must be a file of at most 256 MB</source>
        <translation>muss eine Datei von höchstens 256 MB sein</translation>
    </message>
    <message>
        <source>must be a list of at most %1 numbers</source>
        <translation>muss eine Liste von höchstens %1 Zahlen sein</translation>
    </message>
    <message>
        <source>must be a list of at most %1 texts</source>
        <translation>muss eine Liste von höchstens %1 Texten sein</translation>
    </message>
    <message>
        <source>must be a list</source>
        <translation>muss eine Liste sein</translation>
    </message>
    <message>
        <source>must be a number of degrees</source>
        <translation>muss eine Gradzahl sein</translation>
    </message>
    <message>
        <source>must be a number</source>
        <translation>muss eine Zahl sein</translation>
    </message>
    <message>
        <source>must be a number: %1</source>
        <translation>muss eine Zahl sein: %1</translation>
    </message>
    <message>
        <source>must be a time such as 2026-11-30T10:00</source>
        <translation>muss eine Zeit wie 2026-11-30T10:00 sein</translation>
    </message>
    <message>
        <source>must be a time such as 2026-11-30T10:00:00</source>
        <translation>muss eine Zeit wie 2026-11-30T10:00:00 sein</translation>
    </message>
    <message>
        <source>must be a whole number of the shot&apos;s frames</source>
        <translation>muss eine ganze Zahl von Bildern der Einstellung sein</translation>
    </message>
    <message>
        <source>must be a whole number up to 1000</source>
        <translation>muss eine ganze Zahl bis 1000 sein</translation>
    </message>
    <message>
        <source>must be a whole number up to 1000000</source>
        <translation>muss eine ganze Zahl bis 1000000 sein</translation>
    </message>
    <message>
        <source>must be above 0 and at most 60 s a frame</source>
        <translation>muss über 0 und höchstens 60 s je Bild sein</translation>
    </message>
    <message>
        <source>must be above 0 at a posed joint</source>
        <translation>muss an einem gestellten Gelenk über 0 sein</translation>
    </message>
    <message>
        <source>must be above 0 where a clay is named</source>
        <translation>muss über 0 sein, wo ein Ton genannt ist</translation>
    </message>
    <message>
        <source>must be above 0 where its direction is given</source>
        <translation>muss über 0 sein, wo seine Richtung angegeben ist</translation>
    </message>
    <message>
        <source>must be above 0 where sizes grow by a factor</source>
        <translation>muss über 0 sein, wo Größen um einen Faktor wachsen</translation>
    </message>
    <message>
        <source>must be above 0</source>
        <translation>muss über 0 sein</translation>
    </message>
    <message>
        <source>must be an object</source>
        <translation>muss ein Objekt sein</translation>
    </message>
    <message>
        <source>must be at most %1</source>
        <translation>muss höchstens %1 sein</translation>
    </message>
    <message>
        <source>must be at most 12</source>
        <translation>muss höchstens 12 sein</translation>
    </message>
    <message>
        <source>must be at most 200 deep</source>
        <translation>muss höchstens 200 tief sein</translation>
    </message>
    <message>
        <source>must be at most 2000</source>
        <translation>muss höchstens 2000 sein</translation>
    </message>
    <message>
        <source>must be at most 256 MB</source>
        <translation>muss höchstens 256 MB sein</translation>
    </message>
    <message>
        <source>must be bend or hang</source>
        <translation>muss bend oder hang sein</translation>
    </message>
    <message>
        <source>must be exactly one</source>
        <translation>muss genau eines sein</translation>
    </message>
    <message>
        <source>must be fewer than before the drop</source>
        <translation>müssen weniger sein als vor dem Strangende</translation>
    </message>
    <message>
        <source>must be fixed points from root to tip</source>
        <translation>müssen feste Punkte vom Fuß zur Spitze sein</translation>
    </message>
    <message>
        <source>must be forth or aside</source>
        <translation>muss forth oder aside sein</translation>
    </message>
    <message>
        <source>must be left or right</source>
        <translation>muss left oder right sein</translation>
    </message>
    <message>
        <source>must be letters, digits, dot or dash</source>
        <translation>muss aus Buchstaben, Ziffern, Strich oder Punkt bestehen</translation>
    </message>
    <message>
        <source>must be millimetres, inches, or a gauge with awg or swg</source>
        <translation>muss Millimeter, Zoll oder eine Stärke mit awg oder swg sein</translation>
    </message>
    <message>
        <source>must be minutes and degrees C</source>
        <translation>müssen Minuten und Grad C sein</translation>
    </message>
    <message>
        <source>must be named once</source>
        <translation>muss einmal genannt sein</translation>
    </message>
    <message>
        <source>must be named</source>
        <translation>muss einen Namen haben</translation>
    </message>
    <message>
        <source>must be none, or two and more</source>
        <translation>muss keines sein, oder zwei und mehr</translation>
    </message>
    <message>
        <source>must be of the same puppet and have none itself</source>
        <translation>muss von derselben Puppe sein und selbst keines haben</translation>
    </message>
    <message>
        <source>must be one fewer than the joints</source>
        <translation>muss eines weniger als die Gelenke sein</translation>
    </message>
    <message>
        <source>must be one of %1</source>
        <translation>muss eines von %1 sein</translation>
    </message>
    <message>
        <source>must be one of Xposition to Zrotation</source>
        <translation>muss eines von Xposition bis Zrotation sein</translation>
    </message>
    <message>
        <source>must be posed joints from root to tip</source>
        <translation>müssen gestellte Gelenke vom Fuß zur Spitze sein</translation>
    </message>
    <message>
        <source>must be text</source>
        <translation>muss Text sein</translation>
    </message>
    <message>
        <source>must be true or false</source>
        <translation>muss true oder false sein</translation>
    </message>
    <message>
        <source>must be two numbers, minutes and degrees C</source>
        <translation>müssen zwei Zahlen sein, Minuten und Grad C</translation>
    </message>
    <message>
        <source>must be two or more</source>
        <translation>müssen zwei oder mehr sein</translation>
    </message>
    <message>
        <source>must be written #rrggbb</source>
        <translation>muss als #rrggbb geschrieben sein</translation>
    </message>
    <message>
        <source>must begin after the one before it has ended</source>
        <translation>muss beginnen, nachdem das vorige geendet hat</translation>
    </message>
    <message>
        <source>must begin at 0 and end at 1</source>
        <translation>muss bei 0 beginnen und bei 1 enden</translation>
    </message>
    <message>
        <source>must close with }</source>
        <translation>muss mit } schließen</translation>
    </message>
    <message>
        <source>must come after the one before it</source>
        <translation>muss nach dem vorigen kommen</translation>
    </message>
    <message>
        <source>must end after it begins, within a day</source>
        <translation>muss nach seinem Beginn enden, innerhalb eines Tages</translation>
    </message>
    <message>
        <source>must end beyond where it begins</source>
        <translation>muss jenseits seines Beginns enden</translation>
    </message>
    <message>
        <source>must end where it begins or beyond</source>
        <translation>muss bei seinem Beginn oder jenseits davon enden</translation>
    </message>
    <message>
        <source>must follow MOTION, with a number</source>
        <translation>muss auf MOTION folgen, mit einer Zahl</translation>
    </message>
    <message>
        <source>must follow, with a number</source>
        <translation>muss folgen, mit einer Zahl</translation>
    </message>
    <message>
        <source>must have 1 to 200 letters</source>
        <translation>muss 1 bis 200 Zeichen haben</translation>
    </message>
    <message>
        <source>must have a name of at most 200 letters</source>
        <translation>muss einen Namen von höchstens 200 Zeichen haben</translation>
    </message>
    <message>
        <source>must have a name of at most 80 letters</source>
        <translation>muss einen Namen von höchstens 80 Zeichen haben</translation>
    </message>
    <message>
        <source>must have a name of its own</source>
        <translation>muss einen eigenen Namen haben</translation>
    </message>
    <message>
        <source>must have an OFFSET</source>
        <translation>muss ein OFFSET haben</translation>
    </message>
    <message>
        <source>must have as many angles forth as aside</source>
        <translation>muss ebenso viele Winkel forth wie aside haben</translation>
    </message>
    <message>
        <source>must have at most %1</source>
        <translation>darf höchstens %1 haben</translation>
    </message>
    <message>
        <source>must have at most 12</source>
        <translation>darf höchstens 12 haben</translation>
    </message>
    <message>
        <source>must have at most 20000 letters</source>
        <translation>darf höchstens 20000 Zeichen haben</translation>
    </message>
    <message>
        <source>must have exactly one posed joint, from which it bends to its tip</source>
        <translation>muss genau ein gestelltes Gelenk haben, von dem es sich bis zur Spitze biegt</translation>
    </message>
    <message>
        <source>must hold one object</source>
        <translation>muss ein Objekt enthalten</translation>
    </message>
    <message>
        <source>must lie between 0 and 1000000</source>
        <translation>muss zwischen 0 und 1000000 liegen</translation>
    </message>
    <message>
        <source>must lie between 0 and 45 C; %1 F is %2 C</source>
        <translation>muss zwischen 0 und 45 C liegen; %1 F sind %2 C</translation>
    </message>
    <message>
        <source>must lie between 0.05 and 13 mm; a gauge wants its system: awg or swg</source>
        <translation>muss zwischen 0,05 und 13 mm liegen; eine Stärke braucht ihr System: awg oder swg</translation>
    </message>
    <message>
        <source>must lie between 1970 and 2400</source>
        <translation>muss zwischen 1970 und 2400 liegen</translation>
    </message>
    <message>
        <source>must lie beyond the section before it</source>
        <translation>muss jenseits der vorigen Messstelle liegen</translation>
    </message>
    <message>
        <source>must lie inside the segment</source>
        <translation>muss innerhalb des Abschnitts liegen</translation>
    </message>
    <message>
        <source>must lie within the shot</source>
        <translation>muss innerhalb der Einstellung liegen</translation>
    </message>
    <message>
        <source>must name a gauge such as 14 or 2/0</source>
        <translation>muss eine Stärke wie 14 oder 2/0 nennen</translation>
    </message>
    <message>
        <source>must name the column %1</source>
        <translation>muss die Spalte %1 nennen</translation>
    </message>
    <message>
        <source>must name the columns</source>
        <translation>muss die Spalten nennen</translation>
    </message>
    <message>
        <source>must open with {</source>
        <translation>muss mit { öffnen</translation>
    </message>
    <message>
        <source>must reflect 0.02 to 0.98 of the light</source>
        <translation>muss 0,02 bis 0,98 des Lichts zurückwerfen</translation>
    </message>
    <message>
        <source>must run on in time</source>
        <translation>muss in der Zeit fortlaufen</translation>
    </message>
    <message>
        <source>must say when, or before what</source>
        <translation>muss sagen, wann oder vor was</translation>
    </message>
    <message>
        <source>must sit on different things</source>
        <translation>müssen auf verschiedenen Dingen sitzen</translation>
    </message>
    <message>
        <source>must stand in order, each once</source>
        <translation>müssen der Reihe nach stehen, jedes einmal</translation>
    </message>
    <message>
        <source>must stand once in a joint</source>
        <translation>muss in einem Gelenk einmal stehen</translation>
    </message>
    <message>
        <source>must stand there: this is no motion file</source>
        <translation>muss dort stehen: dies ist keine Bewegungsdatei</translation>
    </message>
    <message>
        <source>need</source>
        <translation>Bedarf</translation>
    </message>
    <message>
        <source>nests more than 24 levels deep</source>
        <translation>schachtelt mehr als 24 Ebenen tief</translation>
    </message>
    <message>
        <source>no head or hand of its own</source>
        <translation>kein eigener Kopf, keine eigene Hand</translation>
    </message>
    <message>
        <source>no hours at all</source>
        <translation>gar keine Stunden</translation>
    </message>
    <message>
        <source>no joint</source>
        <translation>kein Gelenk</translation>
    </message>
    <message>
        <source>no lines</source>
        <translation>keine Zeilen</translation>
    </message>
    <message>
        <source>not JSON</source>
        <translation>kein JSON</translation>
    </message>
    <message>
        <source>not a whole container</source>
        <translation>keine vollständige Behälterdatei</translation>
    </message>
    <message>
        <source>nothing drawn yet</source>
        <translation>noch nichts gezeichnet</translation>
    </message>
    <message>
        <source>number</source>
        <translation>Zahl</translation>
    </message>
    <message>
        <source>offcut</source>
        <translation>Reststück</translation>
    </message>
    <message>
        <source>opacity</source>
        <translation>Deckkraft</translation>
    </message>
    <message>
        <source>opening</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>order of steps</source>
        <translation>Reihenfolge der Schritte</translation>
    </message>
    <message>
        <source>orders of steps</source>
        <translation>Reihenfolgen der Schritte</translation>
    </message>
    <message>
        <source>oven limit</source>
        <translation>Ofengrenze</translation>
    </message>
    <message>
        <source>oven log</source>
        <translation>Ofenprotokoll</translation>
    </message>
    <message>
        <source>oven</source>
        <translation>Ofen</translation>
    </message>
    <message>
        <source>pack price</source>
        <translation>Packungspreis</translation>
    </message>
    <message>
        <source>pack</source>
        <translation>Packung</translation>
    </message>
    <message>
        <source>paint %1</source>
        <translation>Farbe %1</translation>
    </message>
    <message>
        <source>paint scheme %1</source>
        <translation>Farbschema %1</translation>
    </message>
    <message>
        <source>paint</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>Teil %1</translation>
    </message>
    <message>
        <source>photograph</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>pictures</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>pitch of rows</source>
        <translation>Reihenabstand</translation>
    </message>
    <message>
        <source>pitch</source>
        <translation>Teilung</translation>
    </message>
    <message>
        <source>place %1</source>
        <translation>Stelle %1</translation>
    </message>
    <message>
        <source>place</source>
        <translation>Stelle</translation>
    </message>
    <message>
        <source>plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>point left as it is</source>
        <translation>belassener Punkt</translation>
    </message>
    <message>
        <source>point</source>
        <translation>Punkt</translation>
    </message>
    <message>
        <source>points left as they are</source>
        <translation>belassene Punkte</translation>
    </message>
    <message>
        <source>pose %1</source>
        <translation>Pose %1</translation>
    </message>
    <message>
        <source>posed</source>
        <translation>gestellt</translation>
    </message>
    <message>
        <source>pot price</source>
        <translation>Topfpreis</translation>
    </message>
    <message>
        <source>pot</source>
        <translation>Topf</translation>
    </message>
    <message>
        <source>price</source>
        <translation>Preis</translation>
    </message>
    <message>
        <source>production</source>
        <translation>Produktion</translation>
    </message>
    <message>
        <source>production.json</source>
        <translation>production.json</translation>
    </message>
    <message>
        <source>prop</source>
        <translation>Requisit</translation>
    </message>
    <message>
        <source>props</source>
        <translation>Requisiten</translation>
    </message>
    <message>
        <source>puppet %1</source>
        <translation>Puppe %1</translation>
    </message>
    <message>
        <source>radius</source>
        <translation>Radius</translation>
    </message>
    <message>
        <source>range</source>
        <translation>Spielraum</translation>
    </message>
    <message>
        <source>raw strength</source>
        <translation>Rohfestigkeit</translation>
    </message>
    <message>
        <source>reading</source>
        <translation>Ablesung</translation>
    </message>
    <message>
        <source>reduction of area</source>
        <translation>Brucheinschnürung</translation>
    </message>
    <message>
        <source>refine</source>
        <translation>verfeinern</translation>
    </message>
    <message>
        <source>relief</source>
        <translation>Relief</translation>
    </message>
    <message>
        <source>remedy</source>
        <translation>Ausweg</translation>
    </message>
    <message>
        <source>reserve</source>
        <translation>Reserve</translation>
    </message>
    <message>
        <source>retakes</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>right %1</source>
        <translation>%1 rechts</translation>
    </message>
    <message>
        <source>run</source>
        <translation>Kanal</translation>
    </message>
    <message>
        <source>runs back in time</source>
        <translation>läuft in der Zeit zurück</translation>
    </message>
    <message>
        <source>runs</source>
        <translation>Kanäle</translation>
    </message>
    <message>
        <source>saving</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>scale</source>
        <translation>Waage</translation>
    </message>
    <message>
        <source>scheme %1</source>
        <translation>Schema %1</translation>
    </message>
    <message>
        <source>scorch</source>
        <translation>Versengen</translation>
    </message>
    <message>
        <source>seconds a frame</source>
        <translation>Sekunden je Bild</translation>
    </message>
    <message>
        <source>seconds a pose</source>
        <translation>Sekunden je Pose</translation>
    </message>
    <message>
        <source>segment %1</source>
        <translation>Abschnitt %1</translation>
    </message>
    <message>
        <source>segment of limb %1</source>
        <translation>Abschnitt von Glied %1</translation>
    </message>
    <message>
        <source>segment</source>
        <translation>Abschnitt</translation>
    </message>
    <message>
        <source>set point</source>
        <translation>Einstellung</translation>
    </message>
    <message>
        <source>set</source>
        <translation>bleibender Winkel</translation>
    </message>
    <message>
        <source>settles %1 C from %2 C</source>
        <translation>stellt sich auf %1 C ein, von %2 C</translation>
    </message>
    <message>
        <source>share</source>
        <translation>Anteil</translation>
    </message>
    <message>
        <source>shear strength</source>
        <translation>Scherfestigkeit</translation>
    </message>
    <message>
        <source>sheet</source>
        <translation>Tuch</translation>
    </message>
    <message>
        <source>sheets</source>
        <translation>Tücher</translation>
    </message>
    <message>
        <source>shelf of paints</source>
        <translation>Farbenregal</translation>
    </message>
    <message>
        <source>shelf</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>shop</source>
        <translation>Einkauf</translation>
    </message>
    <message>
        <source>shot</source>
        <translation>Einstellung</translation>
    </message>
    <message>
        <source>shots</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>shrinkage</source>
        <translation>Schwund</translation>
    </message>
    <message>
        <source>size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>skin</source>
        <translation>Haut</translation>
    </message>
    <message>
        <source>sleeve</source>
        <translation>Hülse</translation>
    </message>
    <message>
        <source>slot</source>
        <translation>Platz</translation>
    </message>
    <message>
        <source>soak</source>
        <translation>Halten</translation>
    </message>
    <message>
        <source>source</source>
        <translation>Quelle</translation>
    </message>
    <message>
        <source>spares</source>
        <translation>Ersatzstücke</translation>
    </message>
    <message>
        <source>spool %1</source>
        <translation>Rolle %1</translation>
    </message>
    <message>
        <source>stands twice</source>
        <translation>steht zweimal</translation>
    </message>
    <message>
        <source>start</source>
        <translation>Beginn</translation>
    </message>
    <message>
        <source>section of limb %1</source>
        <translation>Messstelle von Glied %1</translation>
    </message>
    <message>
        <source>section</source>
        <translation>Messstelle</translation>
    </message>
    <message>
        <source>sections</source>
        <translation>Messstellen</translation>
    </message>
    <message>
        <source>step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>still carries this scheme</source>
        <translation>trägt dieses Schema noch</translation>
    </message>
    <message>
        <source>stock</source>
        <translation>Vorrat</translation>
    </message>
    <message>
        <source>strands %1</source>
        <translation>Stränge %1</translation>
    </message>
    <message>
        <source>strands at most</source>
        <translation>Stränge höchstens</translation>
    </message>
    <message>
        <source>strands drop after joint %1</source>
        <translation>nach Gelenk %1 enden Stränge</translation>
    </message>
    <message>
        <source>strands</source>
        <translation>Stränge</translation>
    </message>
    <message>
        <source>strength</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>stretch from %1 to %2</source>
        <translation>Stück von %1 bis %2</translation>
    </message>
    <message>
        <source>stretch</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>strip</source>
        <translation>Streifen</translation>
    </message>
    <message>
        <source>sunk</source>
        <translation>versenkt</translation>
    </message>
    <message>
        <source>surface</source>
        <translation>Oberfläche</translation>
    </message>
    <message>
        <source>target</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>tests</source>
        <translation>Versuche</translation>
    </message>
    <message>
        <source>text</source>
        <translation>Text</translation>
    </message>
    <message>
        <source>the %1</source>
        <translation>das %1</translation>
    </message>
    <message>
        <source>the base</source>
        <translation>die Grundplatte</translation>
    </message>
    <message>
        <source>the card</source>
        <translation>die Karte</translation>
    </message>
    <message>
        <source>the design kept aside</source>
        <translation>der beiseitegelegte Entwurf</translation>
    </message>
    <message>
        <source>the end of the file</source>
        <translation>das Ende der Datei</translation>
    </message>
    <message>
        <source>the paint</source>
        <translation>die Farbe</translation>
    </message>
    <message>
        <source>thickest skin</source>
        <translation>dickste Haut</translation>
    </message>
    <message>
        <source>thickness</source>
        <translation>Dicke</translation>
    </message>
    <message>
        <source>thinnest skin</source>
        <translation>dünnste Haut</translation>
    </message>
    <message>
        <source>tie-down depth</source>
        <translation>Tiefe der Verankerung</translation>
    </message>
    <message>
        <source>tie-down wires</source>
        <translation>Ankerdrähte</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>timed sample</source>
        <translation>gestoppte Probe</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>tool</source>
        <translation>Werkzeug</translation>
    </message>
    <message>
        <source>ultimate strength</source>
        <translation>Zugfestigkeit</translation>
    </message>
    <message>
        <source>variant</source>
        <translation>Variante</translation>
    </message>
    <message>
        <source>variants</source>
        <translation>Varianten</translation>
    </message>
    <message>
        <source>version %1</source>
        <translation>Version %1</translation>
    </message>
    <message>
        <source>wear test</source>
        <translation>Abriebversuch</translation>
    </message>
    <message>
        <source>wear tests</source>
        <translation>Abriebversuche</translation>
    </message>
    <message>
        <source>weight</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>which is mirrored, so it must be too</source>
        <translation>das gespiegelt ist, also muss es dies auch sein</translation>
    </message>
    <message>
        <source>which is no limb of this puppet</source>
        <translation>das kein Glied dieser Puppe ist</translation>
    </message>
    <message>
        <source>which limb %1 does not have</source>
        <translation>das Glied %1 nicht hat</translation>
    </message>
    <message>
        <source>whip</source>
        <translation>freies Ende</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>wire</source>
        <translation>Draht</translation>
    </message>
    <message>
        <source>with the tool</source>
        <translation>mit dem Werkzeug</translation>
    </message>
    <message>
        <source>working time</source>
        <translation>Verarbeitungszeit</translation>
    </message>
    <message>
        <source>would scorch %1; %2 F is %3 C</source>
        <translation>würde %1 versengen; %2 F sind %3 C</translation>
    </message>
    <message>
        <source>wraps</source>
        <translation>Wicklungen</translation>
    </message>
    <message>
        <source>x</source>
        <translation>x</translation>
    </message>
    <message>
        <source>y</source>
        <translation>y</translation>
    </message>
    <message>
        <source>yield strength</source>
        <translation>Streckgrenze</translation>
    </message>
    <message>
        <source>z</source>
        <translation>z</translation>
    </message>
    <message>
        <source>reason why a point is left</source>
        <translation>Grund, aus dem ein Punkt bleibt</translation>
    </message>
    <message>
        <source>%1, coat %2</source>
        <translation>%1, Lage %2</translation>
    </message>
    <message>
        <source>coats of clay</source>
        <translation>Lagen Ton</translation>
    </message>
    <message>
        <source>figure&apos;s bottom</source>
        <translation>Unterkante der Figur</translation>
    </message>
    <message>
        <source>figure&apos;s top</source>
        <translation>Oberkante der Figur</translation>
    </message>
    <message>
        <source>key</source>
        <translation>Schlüssel</translation>
    </message>
    <message>
        <source>load %1</source>
        <translation>Ladung %1</translation>
    </message>
    <message>
        <source>load</source>
        <translation>Ladung</translation>
    </message>
    <message>
        <source>must hang between two different segments</source>
        <translation>muss zwischen zwei verschiedenen Abschnitten hängen</translation>
    </message>
    <message>
        <source>must not come before that of the coat beneath it, %1</source>
        <translation>darf nicht vor der Ladung der Lage darunter kommen, %1</translation>
    </message>
    <message>
        <source>need a skin over them</source>
        <translation>brauchen eine Haut darüber</translation>
    </message>
    <message>
        <source>needs its reason</source>
        <translation>braucht einen Grund</translation>
    </message>
    <message>
        <source>no wire</source>
        <translation>kein Draht</translation>
    </message>
    <message>
        <source>pixels</source>
        <translation>Bildpunkte</translation>
    </message>
    <message>
        <source>proportion</source>
        <translation>Verhältnis</translation>
    </message>
    <message>
        <source>reason for no wire</source>
        <translation>Grund für keinen Draht</translation>
    </message>
    <message>
        <source>tolerance</source>
        <translation>Toleranz</translation>
    </message>
    <message>
        <source>web</source>
        <translation>Haut zwischen Gliedern</translation>
    </message>
    <message>
        <source>after the last frame make no whole row</source>
        <translation>nach dem letzten Bild ergeben keine ganze Zeile</translation>
    </message>
    <message>
        <source>base</source>
        <translation>Sockel</translation>
    </message>
    <message>
        <source>bulk</source>
        <translation>Füllung</translation>
    </message>
    <message>
        <source>is a production, which nothing else is written over: give another name</source>
        <translation>ist eine Produktion, über die nichts anderes geschrieben wird: einen anderen Namen angeben</translation>
    </message>
    <message>
        <source>is the file that this is made from: give another name to write to</source>
        <translation>ist die Datei, aus der dies entsteht: einen anderen Namen zum Schreiben angeben</translation>
    </message>
    <message>
        <source>printed sheets</source>
        <translation>gedruckte Bögen</translation>
    </message>
    <message>
        <source>putty</source>
        <translation>Kitt</translation>
    </message>
    <message>
        <source>writing</source>
        <translation>Schreiben</translation>
    </message>
    <message>
        <source> days</source>
        <translation> Tage</translation>
    </message>
    <message>
        <source> g an hour</source>
        <translation> g in der Stunde</translation>
    </message>
    <message>
        <source> m</source>
        <translation> m</translation>
    </message>
    <message>
        <source>acrylic</source>
        <translation>Acryl</translation>
    </message>
    <message>
        <source>acting</source>
        <translation>Spiel</translation>
    </message>
    <message>
        <source>adhesive cards</source>
        <translation>Kleberkarten</translation>
    </message>
    <message>
        <source>adhesive</source>
        <translation>Kleber</translation>
    </message>
    <message>
        <source>against the load</source>
        <translation>gegen die Last</translation>
    </message>
    <message>
        <source>aim</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>air-dry</source>
        <translation>lufttrocknend</translation>
    </message>
    <message>
        <source>along</source>
        <translation>entlang</translation>
    </message>
    <message>
        <source>amount</source>
        <translation>Menge</translation>
    </message>
    <message>
        <source>arm</source>
        <translation>Arm</translation>
    </message>
    <message>
        <source>as it falls</source>
        <translation>wie es sich ergibt</translation>
    </message>
    <message>
        <source>as usual</source>
        <translation>wie üblich</translation>
    </message>
    <message>
        <source>at byte %1</source>
        <translation>bei Byte %1</translation>
    </message>
    <message>
        <source>bake</source>
        <translation>Backen</translation>
    </message>
    <message>
        <source>bakes</source>
        <translation>Backgänge</translation>
    </message>
    <message>
        <source>ball</source>
        <translation>Kugel</translation>
    </message>
    <message>
        <source>balsa</source>
        <translation>Balsa</translation>
    </message>
    <message>
        <source>base coat</source>
        <translation>Grundfarbe</translation>
    </message>
    <message>
        <source>bases</source>
        <translation>Sockel</translation>
    </message>
    <message>
        <source>batch</source>
        <translation>Charge</translation>
    </message>
    <message>
        <source>before</source>
        <translation>vor</translation>
    </message>
    <message>
        <source>begin with</source>
        <translation>beginnen mit</translation>
    </message>
    <message>
        <source>below</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>bend tests</source>
        <translation>Biegeversuche</translation>
    </message>
    <message>
        <source>bent raw</source>
        <translation>roh gebogen</translation>
    </message>
    <message>
        <source>binding a joint</source>
        <translation>ein Gelenk binden</translation>
    </message>
    <message>
        <source>body mass</source>
        <translation>Rumpfmasse</translation>
    </message>
    <message>
        <source>body</source>
        <translation>Körper</translation>
    </message>
    <message>
        <source>both</source>
        <translation>beide</translation>
    </message>
    <message>
        <source>bound</source>
        <translation>gebunden</translation>
    </message>
    <message>
        <source>box</source>
        <translation>Quader</translation>
    </message>
    <message>
        <source>break tests</source>
        <translation>Bruchversuche</translation>
    </message>
    <message>
        <source>broad</source>
        <translation>ausladend</translation>
    </message>
    <message>
        <source>broke</source>
        <translation>gebrochen</translation>
    </message>
    <message>
        <source>bulk card</source>
        <translation>Füllkarte</translation>
    </message>
    <message>
        <source>bulk cards</source>
        <translation>Füllkarten</translation>
    </message>
    <message>
        <source>by its tip</source>
        <translation>an der Spitze</translation>
    </message>
    <message>
        <source>calendars</source>
        <translation>Kalender</translation>
    </message>
    <message>
        <source>cards</source>
        <translation>Karten</translation>
    </message>
    <message>
        <source>clay cards</source>
        <translation>Tonkarten</translation>
    </message>
    <message>
        <source>clays</source>
        <translation>Tone</translation>
    </message>
    <message>
        <source>cloth</source>
        <translation>Stoff</translation>
    </message>
    <message>
        <source>coats beneath the skin</source>
        <translation>Schichten unter der Haut</translation>
    </message>
    <message>
        <source>coats</source>
        <translation>Schichten</translation>
    </message>
    <message>
        <source>comes off</source>
        <translation>abnehmbar</translation>
    </message>
    <message>
        <source>cone</source>
        <translation>Kegel</translation>
    </message>
    <message>
        <source>copy</source>
        <translation>Exemplar</translation>
    </message>
    <message>
        <source>cover card</source>
        <translation>Bezugkarte</translation>
    </message>
    <message>
        <source>cover cards</source>
        <translation>Bezugkarten</translation>
    </message>
    <message>
        <source>cured clay</source>
        <translation>gehärteter Ton</translation>
    </message>
    <message>
        <source>currency</source>
        <translation>Währung</translation>
    </message>
    <message>
        <source>cutting a piece</source>
        <translation>ein Stück schneiden</translation>
    </message>
    <message>
        <source>date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>days off</source>
        <translation>freie Tage</translation>
    </message>
    <message>
        <source>days to come</source>
        <translation>Liefertage</translation>
    </message>
    <message>
        <source>deadline</source>
        <translation>Termin</translation>
    </message>
    <message>
        <source>density</source>
        <translation>Dichte</translation>
    </message>
    <message>
        <source>depth of the relief</source>
        <translation>Tiefe des Reliefs</translation>
    </message>
    <message>
        <source>disc</source>
        <translation>Scheibe</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>dowel</source>
        <translation>Dübel</translation>
    </message>
    <message>
        <source>dry brush</source>
        <translation>Trockenpinsel</translation>
    </message>
    <message>
        <source>ear</source>
        <translation>Ohr</translation>
    </message>
    <message>
        <source>easiest</source>
        <translation>am leichtesten zu stellen</translation>
    </message>
    <message>
        <source>ellipsoid</source>
        <translation>Ellipsoid</translation>
    </message>
    <message>
        <source>entries in the log</source>
        <translation>Einträge im Tagebuch</translation>
    </message>
    <message>
        <source>everywhere</source>
        <translation>überall</translation>
    </message>
    <message>
        <source>face</source>
        <translation>Fläche</translation>
    </message>
    <message>
        <source>faces</source>
        <translation>Flächen</translation>
    </message>
    <message>
        <source>family</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>feet</source>
        <translation>Füße</translation>
    </message>
    <message>
        <source>fewest spools</source>
        <translation>wenigste Rollen</translation>
    </message>
    <message>
        <source>fibreboard</source>
        <translation>Faserplatte</translation>
    </message>
    <message>
        <source>finger</source>
        <translation>Finger</translation>
    </message>
    <message>
        <source>fingers that give %1 to %2</source>
        <translation>Finger, die %1 bis %2 geben</translation>
    </message>
    <message>
        <source>first segment</source>
        <translation>erster Abschnitt</translation>
    </message>
    <message>
        <source>first size %1</source>
        <translation>erste Größe %1</translation>
    </message>
    <message>
        <source>first step</source>
        <translation>erster Schritt</translation>
    </message>
    <message>
        <source>first</source>
        <translation>zuerst</translation>
    </message>
    <message>
        <source>floor</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>foam</source>
        <translation>Schaum</translation>
    </message>
    <message>
        <source>foil</source>
        <translation>Folie</translation>
    </message>
    <message>
        <source>foils</source>
        <translation>Folien</translation>
    </message>
    <message>
        <source>folds</source>
        <translation>Falten</translation>
    </message>
    <message>
        <source>frames a second</source>
        <translation>Bilder in der Sekunde</translation>
    </message>
    <message>
        <source>frames</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>free length</source>
        <translation>freie Länge</translation>
    </message>
    <message>
        <source>front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>glass</source>
        <translation>Glas</translation>
    </message>
    <message>
        <source>glue</source>
        <translation>Kleber</translation>
    </message>
    <message>
        <source>glues</source>
        <translation>Kleber</translation>
    </message>
    <message>
        <source>grasp</source>
        <translation>Griff</translation>
    </message>
    <message>
        <source>grasped half-width</source>
        <translation>halbe Breite im Griff</translation>
    </message>
    <message>
        <source>growing by a factor</source>
        <translation>wächst um einen Faktor</translation>
    </message>
    <message>
        <source>hair</source>
        <translation>Haar</translation>
    </message>
    <message>
        <source>half ball</source>
        <translation>Halbkugel</translation>
    </message>
    <message>
        <source>half-widths of %1 and %2</source>
        <translation>halbe Breiten von %1 und %2</translation>
    </message>
    <message>
        <source>hand</source>
        <translation>Hand</translation>
    </message>
    <message>
        <source>hands</source>
        <translation>Hände</translation>
    </message>
    <message>
        <source>hang tests</source>
        <translation>Hängeversuche</translation>
    </message>
    <message>
        <source>hangs on</source>
        <translation>hängt an</translation>
    </message>
    <message>
        <source>hard</source>
        <translation>hart</translation>
    </message>
    <message>
        <source>head</source>
        <translation>Kopf</translation>
    </message>
    <message>
        <source>hours</source>
        <translation>Stunden</translation>
    </message>
    <message>
        <source>is not said</source>
        <translation>ist nicht genannt</translation>
    </message>
    <message>
        <source>item</source>
        <translation>Punkt</translation>
    </message>
    <message>
        <source>jaw</source>
        <translation>Kiefer</translation>
    </message>
    <message>
        <source>judgement</source>
        <translation>Urteil</translation>
    </message>
    <message>
        <source>judgements</source>
        <translation>Urteile</translation>
    </message>
    <message>
        <source>last bend %1</source>
        <translation>letzte Biegung %1</translation>
    </message>
    <message>
        <source>last segment</source>
        <translation>letzter Abschnitt</translation>
    </message>
    <message>
        <source>last</source>
        <translation>zuletzt</translation>
    </message>
    <message>
        <source>layers</source>
        <translation>Schichten</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>leg</source>
        <translation>Bein</translation>
    </message>
    <message>
        <source>lightest</source>
        <translation>am leichtesten</translation>
    </message>
    <message>
        <source>limb</source>
        <translation>Glied</translation>
    </message>
    <message>
        <source>limbs</source>
        <translation>Glieder</translation>
    </message>
    <message>
        <source>longest life</source>
        <translation>längste Lebensdauer</translation>
    </message>
    <message>
        <source>made apart</source>
        <translation>für sich gemacht</translation>
    </message>
    <message>
        <source>magnet</source>
        <translation>Magnet</translation>
    </message>
    <message>
        <source>masses</source>
        <translation>Massen</translation>
    </message>
    <message>
        <source>material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>measured constants</source>
        <translation>gemessene Konstanten</translation>
    </message>
    <message>
        <source>measures</source>
        <translation>Maße</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>Malmittel</translation>
    </message>
    <message>
        <source>mesh</source>
        <translation>Netz</translation>
    </message>
    <message>
        <source>metal</source>
        <translation>Metall</translation>
    </message>
    <message>
        <source>mirrored</source>
        <translation>gespiegelt</translation>
    </message>
    <message>
        <source>modulus of rupture</source>
        <translation>Biegefestigkeit</translation>
    </message>
    <message>
        <source>moves</source>
        <translation>Verschiebungen</translation>
    </message>
    <message>
        <source>must be %1 or more</source>
        <translation>muss %1 oder mehr sein</translation>
    </message>
    <message>
        <source>must be %1 or more, or a rod that thick breaks by shear</source>
        <translation>muss %1 oder mehr sein, sonst bricht ein so dicker Stab durch Schub</translation>
    </message>
    <message>
        <source>must be days such as 2026-12-24</source>
        <translation>müssen Tage sein wie 2026-12-24</translation>
    </message>
    <message>
        <source>must be times of day in pairs, from and to, such as 10:00 and 18:00</source>
        <translation>müssen Uhrzeiten in Paaren sein, von und bis, wie 10:00 und 18:00</translation>
    </message>
    <message>
        <source>must be wider in a grasp than in a pinch</source>
        <translation>muss im Griff breiter sein als zwischen zwei Fingern</translation>
    </message>
    <message>
        <source>must give in a grasp no less than in a pinch</source>
        <translation>müssen im Griff nicht weniger geben als zwischen zwei Fingern</translation>
    </message>
    <message>
        <source>must have %1 to %2 letters</source>
        <translation>muss %1 bis %2 Zeichen haben</translation>
    </message>
    <message>
        <source>must have at most %1 letters</source>
        <translation>darf höchstens %1 Zeichen haben</translation>
    </message>
    <message>
        <source>must lie between %1 and %2</source>
        <translation>muss zwischen %1 und %2 liegen</translation>
    </message>
    <message>
        <source>neck</source>
        <translation>Hals</translation>
    </message>
    <message>
        <source>never-dry</source>
        <translation>nie trocknend</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>offcuts</source>
        <translation>Reststücke</translation>
    </message>
    <message>
        <source>offset from UTC</source>
        <translation>Abstand von UTC</translation>
    </message>
    <message>
        <source>offset</source>
        <translation>Abweichung</translation>
    </message>
    <message>
        <source>oil</source>
        <translation>Öl</translation>
    </message>
    <message>
        <source>on</source>
        <translation>auf</translation>
    </message>
    <message>
        <source>once</source>
        <translation>einmal</translation>
    </message>
    <message>
        <source>other side</source>
        <translation>andere Seite</translation>
    </message>
    <message>
        <source>other</source>
        <translation>anderes</translation>
    </message>
    <message>
        <source>oven card</source>
        <translation>Ofenkarte</translation>
    </message>
    <message>
        <source>oven cards</source>
        <translation>Ofenkarten</translation>
    </message>
    <message>
        <source>oven logs</source>
        <translation>Ofenprotokolle</translation>
    </message>
    <message>
        <source>oven&apos;s fan</source>
        <translation>Gebläse des Ofens</translation>
    </message>
    <message>
        <source>oven-bake firm</source>
        <translation>ofenhärtend fest</translation>
    </message>
    <message>
        <source>oven-bake flexible</source>
        <translation>ofenhärtend biegsam</translation>
    </message>
    <message>
        <source>own list</source>
        <translation>eigene Liste</translation>
    </message>
    <message>
        <source>paint card</source>
        <translation>Farbkarte</translation>
    </message>
    <message>
        <source>paint cards</source>
        <translation>Farbkarten</translation>
    </message>
    <message>
        <source>paint kept off</source>
        <translation>von Farbe frei</translation>
    </message>
    <message>
        <source>paint scheme</source>
        <translation>Farbschema</translation>
    </message>
    <message>
        <source>paint schemes</source>
        <translation>Farbschemata</translation>
    </message>
    <message>
        <source>paints</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>paused</source>
        <translation>angehalten</translation>
    </message>
    <message>
        <source>people</source>
        <translation>Leute</translation>
    </message>
    <message>
        <source>piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>pin</source>
        <translation>Stift</translation>
    </message>
    <message>
        <source>pinch</source>
        <translation>Fingerdruck</translation>
    </message>
    <message>
        <source>pinched half-width</source>
        <translation>halbe Breite zwischen zwei Fingern</translation>
    </message>
    <message>
        <source>pitch of the relief</source>
        <translation>Teilung des Reliefs</translation>
    </message>
    <message>
        <source>places</source>
        <translation>Orte</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>schlicht</translation>
    </message>
    <message>
        <source>planned</source>
        <translation>geplant</translation>
    </message>
    <message>
        <source>plaster</source>
        <translation>Gips</translation>
    </message>
    <message>
        <source>pores</source>
        <translation>Poren</translation>
    </message>
    <message>
        <source>pose on the board</source>
        <translation>Pose auf dem Brett</translation>
    </message>
    <message>
        <source>pose</source>
        <translation>Pose</translation>
    </message>
    <message>
        <source>poses</source>
        <translation>Posen</translation>
    </message>
    <message>
        <source>price of a metre</source>
        <translation>Preis eines Meters</translation>
    </message>
    <message>
        <source>primer</source>
        <translation>Grundierung</translation>
    </message>
    <message>
        <source>productions</source>
        <translation>Produktionen</translation>
    </message>
    <message>
        <source>proof stress</source>
        <translation>Dehngrenze</translation>
    </message>
    <message>
        <source>proportions</source>
        <translation>Proportionen</translation>
    </message>
    <message>
        <source>puppets</source>
        <translation>Puppen</translation>
    </message>
    <message>
        <source>quiet</source>
        <translation>ruhig</translation>
    </message>
    <message>
        <source>range %1</source>
        <translation>Bereich %1</translation>
    </message>
    <message>
        <source>raw clay</source>
        <translation>roher Ton</translation>
    </message>
    <message>
        <source>readings</source>
        <translation>Messungen</translation>
    </message>
    <message>
        <source>recesses</source>
        <translation>Vertiefungen</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>Rechteck</translation>
    </message>
    <message>
        <source>regret</source>
        <translation>bereut</translation>
    </message>
    <message>
        <source>reliefs</source>
        <translation>Reliefs</translation>
    </message>
    <message>
        <source>ridges</source>
        <translation>Grate</translation>
    </message>
    <message>
        <source>rig</source>
        <translation>Haltepunkt</translation>
    </message>
    <message>
        <source>right foot planted</source>
        <translation>rechter Fuß steht</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>rigs</source>
        <translation>Haltepunkte</translation>
    </message>
    <message>
        <source>rod</source>
        <translation>Stab</translation>
    </message>
    <message>
        <source>role</source>
        <translation>Rolle</translation>
    </message>
    <message>
        <source>rolled sheet</source>
        <translation>gewalzte Platte</translation>
    </message>
    <message>
        <source>roller reading</source>
        <translation>Walzenmessung</translation>
    </message>
    <message>
        <source>roller setting</source>
        <translation>Walzenstellung</translation>
    </message>
    <message>
        <source>room %1</source>
        <translation>Raum %1</translation>
    </message>
    <message>
        <source>room</source>
        <translation>Raum</translation>
    </message>
    <message>
        <source>rules</source>
        <translation>Regeln</translation>
    </message>
    <message>
        <source>rusts</source>
        <translation>rostet</translation>
    </message>
    <message>
        <source>scales</source>
        <translation>Schuppen</translation>
    </message>
    <message>
        <source>seen from</source>
        <translation>gesehen von</translation>
    </message>
    <message>
        <source>segments</source>
        <translation>Abschnitte</translation>
    </message>
    <message>
        <source>settled</source>
        <translation>eingeschwungen</translation>
    </message>
    <message>
        <source>shape</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>shoot</source>
        <translation>Dreh</translation>
    </message>
    <message>
        <source>shops</source>
        <translation>Werkstätten</translation>
    </message>
    <message>
        <source>side</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>signed off</source>
        <translation>abgenommen</translation>
    </message>
    <message>
        <source>simplest to make</source>
        <translation>am einfachsten zu machen</translation>
    </message>
    <message>
        <source>skin %1</source>
        <translation>Haut %1</translation>
    </message>
    <message>
        <source>skin across gaps</source>
        <translation>Haut über Lücken</translation>
    </message>
    <message>
        <source>skipped</source>
        <translation>ausgelassen</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>glatt</translation>
    </message>
    <message>
        <source>socket</source>
        <translation>Hülse</translation>
    </message>
    <message>
        <source>softwood</source>
        <translation>Weichholz</translation>
    </message>
    <message>
        <source>span %1</source>
        <translation>Stützweite %1</translation>
    </message>
    <message>
        <source>span</source>
        <translation>Stützweite</translation>
    </message>
    <message>
        <source>spine</source>
        <translation>Rückgrat</translation>
    </message>
    <message>
        <source>spinning a bundle</source>
        <translation>ein Bündel drehen</translation>
    </message>
    <message>
        <source>spools</source>
        <translation>Rollen</translation>
    </message>
    <message>
        <source>started</source>
        <translation>begonnen</translation>
    </message>
    <message>
        <source>static</source>
        <translation>unbewegt</translation>
    </message>
    <message>
        <source>steadied</source>
        <translation>gestützt</translation>
    </message>
    <message>
        <source>steel may pose</source>
        <translation>Stahl darf sich biegen</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>stiffening</source>
        <translation>Versteifung</translation>
    </message>
    <message>
        <source>stitched</source>
        <translation>genäht</translation>
    </message>
    <message>
        <source>stocks</source>
        <translation>Bestände</translation>
    </message>
    <message>
        <source>strand drops</source>
        <translation>Drahtenden</translation>
    </message>
    <message>
        <source>strands may drop</source>
        <translation>Drähte dürfen enden</translation>
    </message>
    <message>
        <source>stuck raw</source>
        <translation>roh geklebt</translation>
    </message>
    <message>
        <source>support</source>
        <translation>Stütze</translation>
    </message>
    <message>
        <source>swing</source>
        <translation>Schwankung</translation>
    </message>
    <message>
        <source>tail</source>
        <translation>Schwanz</translation>
    </message>
    <message>
        <source>tested</source>
        <translation>geprüft</translation>
    </message>
    <message>
        <source>texture</source>
        <translation>Textur</translation>
    </message>
    <message>
        <source>thing in the oven</source>
        <translation>Ding im Ofen</translation>
    </message>
    <message>
        <source>things</source>
        <translation>Dinge</translation>
    </message>
    <message>
        <source>this pose only</source>
        <translation>nur diese Pose</translation>
    </message>
    <message>
        <source>ticked</source>
        <translation>abgehakt</translation>
    </message>
    <message>
        <source>tie-down</source>
        <translation>Verankerung</translation>
    </message>
    <message>
        <source>tie-downs</source>
        <translation>Verankerungen</translation>
    </message>
    <message>
        <source>to buy</source>
        <translation>zu kaufen</translation>
    </message>
    <message>
        <source>trial</source>
        <translation>Versuch</translation>
    </message>
    <message>
        <source>tried</source>
        <translation>probiert</translation>
    </message>
    <message>
        <source>trouble</source>
        <translation>Ärger</translation>
    </message>
    <message>
        <source>tube</source>
        <translation>Röhrchen</translation>
    </message>
    <message>
        <source>typical</source>
        <translation>typisch</translation>
    </message>
    <message>
        <source>undone</source>
        <translation>zurückgenommen</translation>
    </message>
    <message>
        <source>unit</source>
        <translation>Einheit</translation>
    </message>
    <message>
        <source>unknown</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>use</source>
        <translation>Verwendung</translation>
    </message>
    <message>
        <source>varnish</source>
        <translation>Lack</translation>
    </message>
    <message>
        <source>volume</source>
        <translation>Volumen</translation>
    </message>
    <message>
        <source>wash</source>
        <translation>Lasur</translation>
    </message>
    <message>
        <source>week</source>
        <translation>Woche</translation>
    </message>
    <message>
        <source>weeks</source>
        <translation>Wochen</translation>
    </message>
    <message>
        <source>weighed</source>
        <translation>gewogen</translation>
    </message>
    <message>
        <source>what sits on it</source>
        <translation>was darauf sitzt</translation>
    </message>
    <message>
        <source>whip posed</source>
        <translation>Peitsche gestellt</translation>
    </message>
    <message>
        <source>wing</source>
        <translation>Flügel</translation>
    </message>
    <message>
        <source>wire card</source>
        <translation>Drahtkarte</translation>
    </message>
    <message>
        <source>wire cards</source>
        <translation>Drahtkarten</translation>
    </message>
    <message>
        <source>wire work</source>
        <translation>Drahtarbeit</translation>
    </message>
    <message>
        <source>wires</source>
        <translation>Drähte</translation>
    </message>
    <message>
        <source>wish</source>
        <translation>Wunsch</translation>
    </message>
    <message>
        <source>wishes</source>
        <translation>Wünsche</translation>
    </message>
    <message>
        <source>with earlier</source>
        <translation>mit Früherem</translation>
    </message>
    <message>
        <source>with the load</source>
        <translation>mit der Last</translation>
    </message>
    <message>
        <source>wood</source>
        <translation>Holz</translation>
    </message>
    <message>
        <source>word</source>
        <translation>Wort</translation>
    </message>
    <message>
        <source>work</source>
        <translation>Arbeit</translation>
    </message>
    <message>
        <source>wrap</source>
        <translation>Wicklung</translation>
    </message>
    <message>
        <source>zone</source>
        <translation>Zone</translation>
    </message>
    <message>
        <source>a whip of %1</source>
        <translation>eine Peitsche von %1</translation>
    </message>
    <message>
        <source>dial %1</source>
        <translation>Regler %1</translation>
    </message>
    <message>
        <source>diameter %1</source>
        <translation>Durchmesser %1</translation>
    </message>
    <message>
        <source>gaps of %1</source>
        <translation>Lücken von %1</translation>
    </message>
    <message>
        <source>height %1</source>
        <translation>Höhe %1</translation>
    </message>
    <message>
        <source>is above the %1 at which %2 scorches: an oven so far off is not to be trusted with it</source>
        <translation>liegt über den %1, bei denen %2 verbrennt: einem Ofen, der so weit abweicht, vertraut man es nicht an</translation>
    </message>
    <message>
        <source>is above the %1 at which the card says %2 scorches</source>
        <translation>liegt über den %1, bei denen %2 nach der Karte verbrennt</translation>
    </message>
    <message>
        <source>is longer than %1</source>
        <translation>ist länger als %1</translation>
    </message>
    <message>
        <source>lay %1</source>
        <translation>Schlag %1</translation>
    </message>
    <message>
        <source>leave nothing of its %1</source>
        <translation>lassen nichts von seinen %1 übrig</translation>
    </message>
    <message>
        <source>length %1</source>
        <translation>Länge %1</translation>
    </message>
    <message>
        <source>must be above %1</source>
        <translation>muss über %1 liegen</translation>
    </message>
    <message>
        <source>must be at least %1 (strands at %2)</source>
        <translation>muss mindestens %1 sein (Drähte unter %2)</translation>
    </message>
    <message>
        <source>must be at least the %1 seen in the front picture</source>
        <translation>muss mindestens so lang sein wie die %1 im Bild von vorn</translation>
    </message>
    <message>
        <source>must lie between 0 (parallel) and %1</source>
        <translation>muss zwischen 0 (parallel) und %1 liegen</translation>
    </message>
    <message>
        <source>peaks of %1</source>
        <translation>Spitzen von %1</translation>
    </message>
    <message>
        <source>set point %1</source>
        <translation>Sollwert %1</translation>
    </message>
    <message>
        <source>true length %1</source>
        <translation>wahre Länge %1</translation>
    </message>
    <message>
        <source>would scorch %1 at %2: bake under a hood of foil, or lower</source>
        <translation>würden %1 bei %2 verbrennen: unter einer Haube aus Folie backen, oder kühler</translation>
    </message>
    <message>
        <source> by %1 together</source>
        <translation> um %1 zusammen</translation>
    </message>
    <message>
        <source>%1 against the trunk&apos;s length: %2.</source>
        <translation>%1 gegen die Länge des Rumpfs: %2.</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 und %2</translation>
    </message>
    <message>
        <source>%1 bends before the %2, which is farther out: %3 against %4 N·mm, each at its own full bend.</source>
        <translation>%1 biegt sich vor %2, weiter außen: %3 gegen %4 N·mm, jedes bei seiner eigenen vollen Biegung.</translation>
    </message>
    <message>
        <source>%1 breaks under %2 N at its end once cured, a knock or a hand is %3: %4wire drawn on into it, flexible clay, or spares.</source>
        <translation>%1 bricht gehärtet unter %2 N am Ende, ein Stoß oder eine Hand ist %3: %4Draht bis hinein ziehen, biegsamer Ton, oder Ersatzstücke.</translation>
    </message>
    <message>
        <source>%1 came out without a body: its clay lies inside its neighbour. Move it out, or take its clay off.</source>
        <translation>%1 bekam keinen Körper: sein Ton liegt im Nachbarn. Herausrücken, oder seinen Ton wegnehmen.</translation>
    </message>
    <message>
        <source>%1 cannot come off: %2 of the %3’s wire run into it. End the wire at the joint, or let it stay on.</source>
        <translation>%1 kann nicht abgehen: %2 Draht von %3 laufen hinein. Den Draht am Gelenk enden lassen, oder es bleibt dran.</translation>
    </message>
    <message>
        <source>%1 channels</source>
        <translation>%1 Kanäle</translation>
    </message>
    <message>
        <source>%1 differ by %2.</source>
        <translation>%1 unterscheiden sich um %2.</translation>
    </message>
    <message>
        <source>%1 does not get hot inside within a day.</source>
        <translation>%1 wird innen binnen eines Tages nicht heiß.</translation>
    </message>
    <message>
        <source>%1 flexes: rigid varnish cracks on it. A flexible sealer, or none.</source>
        <translation>%1 biegt sich: starrer Lack reißt darauf. Eine biegsame Versiegelung, oder keine.</translation>
    </message>
    <message>
        <source>%1 from its first joint to the sole, against the height: %2.</source>
        <translation>%1 vom ersten Gelenk bis zur Sohle, gegen die Höhe: %2.</translation>
    </message>
    <message>
        <source>%1 goes into the oven %2 before it has dried or set.</source>
        <translation>%1 kommt %2 zu früh in den Ofen, bevor es trocken oder hart ist.</translation>
    </message>
    <message>
        <source>%1 goes into the oven before it has dried or set.</source>
        <translation>%1 kommt in den Ofen, bevor es trocken oder hart ist.</translation>
    </message>
    <message>
        <source>%1 has no wire and would sag before it is cured: %2 of %3 MPa. Prop it %4 above the base, or give it a wire.</source>
        <translation>%1 hat keinen Draht und würde vor dem Härten durchsacken: %2 von %3 MPa. %4 über der Grundplatte stützen, oder einen Draht geben.</translation>
    </message>
    <message>
        <source>%1 holds %2 % of what it must: %3.</source>
        <translation>%1 hält %2 % dessen, was nötig ist: %3.</translation>
    </message>
    <message>
        <source>%1 holds with %2 % to spare, %3 % are wanted: no wire of the stock has more.</source>
        <translation>%1 hält mit %2 % Reserve, %3 % sind gewünscht: kein vorrätiger Draht hat mehr.</translation>
    </message>
    <message>
        <source>%1 is %2 across where it is held, the hand only %3 long: a thinner handle, a pin, or glue.</source>
        <translation>%1 ist am Griff %2 dick, die Hand nur %3 lang: ein dünnerer Griff, ein Stift oder Kleber.</translation>
    </message>
    <message>
        <source>%1 is %2, which never hardens: what goes over it slides and cracks. Use a clay that sets, or make the soft one the skin.</source>
        <translation>%1 ist %2, der nie hart wird: was darüber kommt, rutscht und reißt. Einen Ton nehmen, der hart wird, oder den weichen zur Haut machen.</translation>
    </message>
    <message>
        <source>%1 is bent to %2 and cracks below %3 once cured: bend it raw, or thinner, or of flexible clay.</source>
        <translation>%1 wird auf %2 gebogen und reißt gehärtet unter %3: roh biegen, oder dünner, oder aus biegsamem Ton.</translation>
    </message>
    <message>
        <source>%1 is bent to %2 at the %3, %4 at least.</source>
        <translation>%1 wird bei „%3“ auf %2 gebogen, mindestens %4.</translation>
    </message>
    <message>
        <source>%1 is bent to a strain of %2 when its limbs close, where it stands %3: no thicker than %4, or of cloth.</source>
        <translation>%1 wird beim Schließen der Glieder bis zu einer Dehnung von %2 gebogen und hält %3 aus: nicht dicker als %4, oder aus Stoff.</translation>
    </message>
    <message>
        <source>%1 is crowded: room for %2 across.</source>
        <translation>%1 ist eng: Platz für %2 quer.</translation>
    </message>
    <message>
        <source>%1 is cut to %2, and now wants %3.</source>
        <translation>%1 ist auf %2 geschnitten und braucht jetzt %3.</translation>
    </message>
    <message>
        <source>%1 is hollow, %2 across under %3 of clay: give it bulk, or a skin as thick as it is.</source>
        <translation>%1 ist hohl, %2 quer unter %3 Ton: einen Kern geben, oder eine Haut so dick wie das Teil.</translation>
    </message>
    <message>
        <source>%1 is in the oven at %2 and stands %3, and no last look says so.</source>
        <translation>%1 ist bei %2 im Ofen und verträgt %3, und keine letzte Durchsicht sagt es.</translation>
    </message>
    <message>
        <source>%1 is not checked: nothing is posed in it, and all of it is stiffened.</source>
        <translation>%1 ist ungeprüft: nichts wird darin gestellt, und alles daran ist versteift.</translation>
    </message>
    <message>
        <source>%1 is not dry, set or cured when “%2” goes over it.</source>
        <translation>%1 ist nicht trocken, hart oder gebacken, wenn „%2“ darüber kommt.</translation>
    </message>
    <message>
        <source>%1 is not there yet when “%2” wants it.</source>
        <translation>%1 ist noch nicht da, wenn „%2“ es braucht.</translation>
    </message>
    <message>
        <source>%1 is of clay that never dries, and a load of the oven names it: take it out of that load; it goes on after the last.</source>
        <translation>%1 ist aus Ton, der nie trocknet, und eine Ofenladung nennt es: herausnehmen; es kommt nach der letzten.</translation>
    </message>
    <message>
        <source>%1 is of clay that never dries: paint does not hold on it, dry pigment does.</source>
        <translation>%1 ist aus Ton, der nie trocknet: Farbe haftet darauf nicht, trockenes Pigment schon.</translation>
    </message>
    <message>
        <source>%1 is slack: holds %2 of %3 N·mm.</source>
        <translation>%1 ist schlaff: hält %2 von %3 N·mm.</translation>
    </message>
    <message>
        <source>%1 is springy: %2 back, %3 allowed.</source>
        <translation>%1 ist federnd: %2 zurück, %3 erlaubt.</translation>
    </message>
    <message>
        <source>%1 is stiff: %2 N to bend, %3 N at most.</source>
        <translation>%1 ist steif: %2 N zum Biegen, höchstens %3 N.</translation>
    </message>
    <message>
        <source>%1 is stretched by %2 when its limbs open, where it stands %3: cut it %4 wide, or of cloth.</source>
        <translation>%1 wird beim Öffnen der Glieder um %2 gedehnt und hält %3 aus: %4 breit schneiden, oder aus Stoff.</translation>
    </message>
    <message>
        <source>%1 is tired: %2 of %3 s of film.</source>
        <translation>%1 ist müde: %2 von %3 s Film.</translation>
    </message>
    <message>
        <source>%1 is to have no wire (&quot;%2&quot;), but it must %3. Take the choice back at its wires, or fix its joints and hang on elsewhere what hangs on it.</source>
        <translation>%1 soll keinen Draht haben („%2“), muss aber %3. Die Wahl bei den Drähten zurücknehmen, oder die Gelenke festlegen und anderswo anhängen, was daran hängt.</translation>
    </message>
    <message>
        <source>%1 is under its cover when “%2” wants it.</source>
        <translation>%1 ist unter seiner Hülle, wenn „%2“ es braucht.</translation>
    </message>
    <message>
        <source>%1 leaves %2 of wall in the %3, %4 at least.</source>
        <translation>%1 lässt %2 Wand in „%3“, mindestens %4.</translation>
    </message>
    <message>
        <source>%1 lies inside what it hangs on: no clay, no grams and no bake are counted for it. Move it out, or make its parent thinner there.</source>
        <translation>%1 liegt in dem, woran es hängt: kein Ton, kein Gewicht und kein Backen werden dafür gezählt. Herausrücken, oder den Träger dort dünner machen.</translation>
    </message>
    <message>
        <source>%1 more of skin, </source>
        <translation>%1 mehr Haut, </translation>
    </message>
    <message>
        <source>%1 must not go into the oven: it stands %2, the load peaks at %3.</source>
        <translation>%1 darf nicht in den Ofen: es hält %2 aus, die Ladung erreicht %3.</translation>
    </message>
    <message>
        <source>%1 sags raw: it carries %2 % of its own weight. Mesh or wire inside, thicker, or propped.</source>
        <translation>%1 sackt roh durch: es trägt %2 % seines Gewichts. Netz oder Draht hinein, dicker, oder gestützt.</translation>
    </message>
    <message>
        <source>%1 spends %2 min at heat in %3 of the loads, its clay stands %4: fewer loads, or bake it later.</source>
        <translation>%1 ist %2 min heiß in %3 der Ladungen, der Ton hält %4 aus: weniger Ladungen, oder später backen.</translation>
    </message>
    <message>
        <source>%1 stands %2, and a load at %3 is still to come: fit it after that.</source>
        <translation>%1 hält %2 aus, und eine Ladung bei %3 kommt noch: danach anbringen.</translation>
    </message>
    <message>
        <source>%1 stays raw: no load cures it.</source>
        <translation>%1 bleibt roh: keine Ladung härtet es.</translation>
    </message>
    <message>
        <source>%1 stretched out reaches %2 times the way to the ground.</source>
        <translation>%1 reicht ausgestreckt über das %2-Fache des Wegs zum Boden.</translation>
    </message>
    <message>
        <source>%1 stretched out reaches %2 times the way to the mouth.</source>
        <translation>%1 reicht ausgestreckt über das %2-Fache des Wegs zum Mund.</translation>
    </message>
    <message>
        <source>%1 tips when it leans: its weight stands %2 inside the base&apos;s edge, %3 are wanted.</source>
        <translation>%1 kippt beim Neigen: das Gewicht steht %2 innerhalb der Kante der Grundplatte, %3 sind gewünscht.</translation>
    </message>
    <message>
        <source>%1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>%1, at least %2 is wanted</source>
        <translation>%1, mindestens %2 ist gewünscht</translation>
    </message>
    <message>
        <source>%1, usual is %2 to %3</source>
        <translation>%1, üblich ist %2 bis %3</translation>
    </message>
    <message>
        <source>%1, you want %2 to %3</source>
        <translation>%1, gewünscht sind %2 bis %3</translation>
    </message>
    <message>
        <source>%1: %2 % of it is out of a brush&apos;s reach by the time that it is painted (%3). Make what covers it apart, and put it on after.</source>
        <translation>%1: %2 % davon erreicht kein Pinsel mehr, wenn es bemalt wird (%3). Was es verdeckt, getrennt machen und danach ansetzen.</translation>
    </message>
    <message>
        <source>%1: %2 does not hold on %3. What does is said at the bond.</source>
        <translation>%1: %2 hält nicht auf %3. Was hält, steht bei der Verbindung.</translation>
    </message>
    <message>
        <source>%1: %2 is wet with water and swells air-dry clay that is not sealed. A primer first.</source>
        <translation>%1: %2 ist wassernass und lässt unversiegelten lufttrocknenden Ton quellen. Zuerst grundieren.</translation>
    </message>
    <message>
        <source>%1: %2 of clay, %3 at most.</source>
        <translation>%1: %2 Ton, höchstens %3.</translation>
    </message>
    <message>
        <source>%1: %2 of wall beside the hole, %3 at least.</source>
        <translation>%1: %2 Wand neben dem Loch, mindestens %3.</translation>
    </message>
    <message>
        <source>%1: %2 on one side, %3 on the other, left minus right %4.</source>
        <translation>%1: %2 auf einer Seite, %3 auf der anderen, links minus rechts %4.</translation>
    </message>
    <message>
        <source>%1: %2 rusts in clay that is wet with water and stains it. Aluminium, brass, stainless, or a coat of varnish on the wire first.</source>
        <translation>%1: %2 rostet in wassernassem Ton und verfärbt ihn. Aluminium, Messing, rostfrei, oder zuerst Lack auf den Draht.</translation>
    </message>
    <message>
        <source>%1: bare wire bends down %2 under raw clay, %3 at most.</source>
        <translation>%1: blanker Draht biegt sich unter rohem Ton %2 durch, höchstens %3.</translation>
    </message>
    <message>
        <source>%1: bare wire folds up under %2 N, %3 N stand on it with a half to spare.</source>
        <translation>%1: blanker Draht knickt unter %2 N ein, darauf stehen %3 N mit der Hälfte Reserve.</translation>
    </message>
    <message>
        <source>%1: bare wire of the %2 keeps its shape up to %3 N·mm, raw clay and a tool ask %4.</source>
        <translation>%1: blanker Draht in „%2“ hält seine Form bis %3 N·mm, roher Ton und ein Werkzeug verlangen %4.</translation>
    </message>
    <message>
        <source>%1: bending it by hand leaves fingerprints in its soft clay (%2 N·mm, marks show from %3). Bend it by a rod, or a wire that takes less.</source>
        <translation>%1: von Hand gebogen, bleiben Fingerabdrücke im weichen Ton (%2 N·mm, Spuren ab %3). Mit einem Stab biegen, oder ein Draht, der weniger braucht.</translation>
    </message>
    <message>
        <source>%1: clay that is stiff once cured runs across a gap of %2. What would work: the gap left bare under cloth, fur or feathers, a clay that never dries, or a flexible one on a long gap.</source>
        <translation>%1: Ton, der gehärtet steif ist, läuft über einen Spalt von %2. Was ginge: den Spalt unter Stoff, Fell oder Federn blank lassen, ein Ton, der nie trocknet, oder ein biegsamer auf langem Spalt.</translation>
    </message>
    <message>
        <source>%1: coat %2 does not hold on the one below it.</source>
        <translation>%1: Schicht %2 haftet nicht auf der darunter.</translation>
    </message>
    <message>
        <source>%1: flexible clay round the joint is stretched by %2 where it cracks at %3. What would work: a gap of %4, the gap left bare under cloth, fur or feathers, or a clay that never dries.</source>
        <translation>%1: biegsamer Ton um das Gelenk wird um %2 gedehnt und reißt bei %3. Was ginge: ein Spalt von %4, den Spalt unter Stoff, Fell oder Federn blank lassen, oder ein Ton, der nie trocknet.</translation>
    </message>
    <message>
        <source>%1: hands are on it until %2 after it was begun, in “%4”; it is open for %3. Work a smaller part at a time, keep it under a damp cloth, or take a clay that stays open longer.</source>
        <translation>%1: Hände sind noch %2 nach dem Beginn daran, in „%4“; offen ist es %3. Kleinere Teile auf einmal arbeiten, unter ein feuchtes Tuch legen oder eine Masse nehmen, die länger offen bleibt.</translation>
    </message>
    <message>
        <source>%1: its first joint above the base, against the height: %2.</source>
        <translation>%1: erstes Gelenk über dem Grund, gegen die Höhe: %2.</translation>
    </message>
    <message>
        <source>%1: its glue stands %2, and a load at %3 is still to come.</source>
        <translation>%1: der Kleber hält %2 aus, und eine Ladung bei %3 kommt noch.</translation>
    </message>
    <message>
        <source>%1: its hole is %2 deep, the base %3 thick: a thicker base, or a shorter wire.</source>
        <translation>%1: das Loch ist %2 tief, der Sockel %3 dick: ein dickerer Sockel oder ein kürzerer Draht.</translation>
    </message>
    <message>
        <source>%1: its hole is not on the base.</source>
        <translation>%1: das Loch liegt nicht auf der Grundplatte.</translation>
    </message>
    <message>
        <source>%1: its wire is %2 across, and the %3 has room for %4 inside its skin: thinner wire, or a thinner skin.</source>
        <translation>%1: der Draht ist %2 dick, und %3 hat unter der Haut Platz für %4: dünnerer Draht oder dünnere Haut.</translation>
    </message>
    <message>
        <source>%1: its wire tips in the base at %2 N·mm, leaning it needs %3: deeper, more wires, or harder wood.</source>
        <translation>%1: der Draht kippt im Sockel bei %2 N·mm, geneigt braucht es %3: tiefer, mehr Drähte oder härteres Holz.</translation>
    </message>
    <message>
        <source>%1: no room for bulk in its thinnest part, %2 under %3 of skin.</source>
        <translation>%1: kein Platz für einen Kern an der dünnsten Stelle, %2 unter %3 Haut.</translation>
    </message>
    <message>
        <source>%1: one straight wire carries %2 N·mm of twist; give it a flat, a fold or putty.</source>
        <translation>%1: ein gerader Draht trägt %2 N·mm Verdrehung; ihm eine Fläche, eine Faltung oder Kitt geben.</translation>
    </message>
    <message>
        <source>%1: skin of %2 beside %3 on the %4: more than two to one cracks and bakes unevenly.</source>
        <translation>%1: Haut von %2 neben %3 auf %4: mehr als zwei zu eins reißt und bäckt ungleich.</translation>
    </message>
    <message>
        <source>%1: skin of %2, the clay wants %3 at least.</source>
        <translation>%1: Haut von %2, der Ton verlangt mindestens %3.</translation>
    </message>
    <message>
        <source>%1: test it before it is closed.</source>
        <translation>%1: prüfen, ehe es geschlossen wird.</translation>
    </message>
    <message>
        <source>%1: try it in the hand before that is hard.</source>
        <translation>%1: in der Hand probieren, ehe sie hart ist.</translation>
    </message>
    <message>
        <source>A double is cut before the sheet that it is cut by is printed: %1.</source>
        <translation>Ein Double wird geschnitten, bevor der Bogen dafür gedruckt ist: %1.</translation>
    </message>
    <message>
        <source>A test of %1 contradicts its card: take it away, test again, or leave it as it is.</source>
        <translation>Ein Versuch mit %1 widerspricht der Karte: wegnehmen, noch einmal prüfen, oder belassen.</translation>
    </message>
    <message>
        <source>Armature nearest the surface at %1: %2 under it, %3 wanted.</source>
        <translation>Das Gerüst kommt der Oberfläche am nächsten bei %1: %2 darunter, %3 gewünscht.</translation>
    </message>
    <message>
        <source>Buy %1: %2 g needed%4, %3 g there.</source>
        <translation>%1 kaufen: %2 g nötig%4, %3 g da.</translation>
    </message>
    <message>
        <source>Buy %1: %2 ml needed%4, %3 ml there.</source>
        <translation>%1 kaufen: %2 ml nötig%4, %3 ml da.</translation>
    </message>
    <message>
        <source>Buy foil: %1 m needed%3, %2 m there.</source>
        <translation>Folie kaufen: %1 m nötig%3, %2 m da.</translation>
    </message>
    <message>
        <source>Buy wire %1: %2 m needed%4, %3 m there.</source>
        <translation>Draht %1 kaufen: %2 m nötig%4, %3 m da.</translation>
    </message>
    <message>
        <source>Hand of the %1 against its forearm: %2.</source>
        <translation>Hand von %1 gegen den Unterarm: %2.</translation>
    </message>
    <message>
        <source>Hand of the %1 against the head&apos;s height: %2.</source>
        <translation>Hand von %1 gegen die Kopfhöhe: %2.</translation>
    </message>
    <message>
        <source>Heads high: %1.</source>
        <translation>Höhe in Köpfen: %1.</translation>
    </message>
    <message>
        <source>No picture shows %1 of %2 parts from %3.</source>
        <translation>Kein Bild zeigt %1 von %2 Teilen von %3.</translation>
    </message>
    <message>
        <source>No spool in stock can be tried for %1.</source>
        <translation>Keine vorrätige Rolle lässt sich für %1 probieren.</translation>
    </message>
    <message>
        <source>Nothing holds %1 to a base: give a foot a tie-down.</source>
        <translation>Nichts hält %1 auf einer Grundplatte: einem Fuß eine Verankerung geben.</translation>
    </message>
    <message>
        <source>Nothing is drawn yet: start from the demo puppets or open a file.</source>
        <translation>Noch nichts gezeichnet: mit den Demo-Puppen beginnen oder eine Datei öffnen.</translation>
    </message>
    <message>
        <source>Nothing shows the side yet: every depth is a guess.</source>
        <translation>Noch zeigt nichts die Seite: jede Tiefe ist geraten.</translation>
    </message>
    <message>
        <source>Order %1 of your own contradicts the rest of the plan and is not kept: take it back, or change what stands against it.</source>
        <translation>Ihre Reihenfolge %1 widerspricht dem übrigen Plan und gilt nicht: zurücknehmen, oder ändern, was dagegensteht.</translation>
    </message>
    <message>
        <source>Posing the %1 pushes it over with its base, where nothing holds the near side: clamp the base, or keep the other hand there, as the joint&apos;s own limit takes for granted.</source>
        <translation>%1 zu stellen wirft sie mit ihrem Sockel um, wenn nichts die nahe Seite hält: den Sockel klemmen oder die andere Hand dort lassen, wovon die Grenze des Gelenks selbst ausgeht.</translation>
    </message>
    <message>
        <source>Stiff parts come nearest at the %1: its gap is %2 times what full bend needs.</source>
        <translation>Steife Teile kommen sich am nächsten bei %1: der Spalt ist das %2-Fache dessen, was volle Biegung braucht.</translation>
    </message>
    <message>
        <source>The drawing is %1 high, the puppet is said to be %2.</source>
        <translation>Die Zeichnung ist %1 hoch, die Puppe soll %2 hoch sein.</translation>
    </message>
    <message>
        <source>The lowest foot stands %1 above the base.</source>
        <translation>Der unterste Fuß steht %1 über der Grundplatte.</translation>
    </message>
    <message>
        <source>The side is known.</source>
        <translation>Die Seite ist bekannt.</translation>
    </message>
    <message>
        <source>The wire&apos;s own weight keeps changing the choice: pin one limb.</source>
        <translation>Das Eigengewicht des Drahts ändert die Wahl immer wieder: ein Glied festlegen.</translation>
    </message>
    <message>
        <source>Twisting spends %1 % of the wire of %2 before its first pose.</source>
        <translation>Verdrillen verbraucht %1 % des Drahts von %2 vor seiner ersten Pose.</translation>
    </message>
    <message>
        <source>Two people are at %1 at once.</source>
        <translation>Zwei Leute sind zugleich an %1.</translation>
    </message>
    <message>
        <source>Two pictures disagree: the figure is %1 high in %2 and %3 in %4.</source>
        <translation>Zwei Bilder widersprechen sich: die Figur ist %1 hoch in %2 und %3 in %4.</translation>
    </message>
    <message>
        <source>Two steps go by one name, %1: a tick would finish both.</source>
        <translation>Zwei Schritte tragen einen Namen, %1: ein Haken würde beide abschließen.</translation>
    </message>
    <message>
        <source>a butt joint peels; give it a pin</source>
        <translation>eine stumpfe Fuge schält sich ab; einen Stift geben</translation>
    </message>
    <message>
        <source>anchor what stands or hangs on it</source>
        <translation>verankern, was darauf steht oder daran hängt</translation>
    </message>
    <message>
        <source>behind</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>either side</source>
        <translation>der Seite</translation>
    </message>
    <message>
        <source>it pulls out; deeper, wider, or a stronger glue</source>
        <translation>er zieht sich heraus; tiefer, breiter oder ein stärkerer Kleber</translation>
    </message>
    <message>
        <source>it turns in its hole; deeper, or a flat on it</source>
        <translation>er dreht sich im Loch; tiefer, oder eine Fläche daran</translation>
    </message>
    <message>
        <source>its glue lets go in the oven</source>
        <translation>sein Kleber löst sich im Ofen</translation>
    </message>
    <message>
        <source>no number</source>
        <translation>keine Zahl</translation>
    </message>
    <message>
        <source>the front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>the hole gives; deeper, or a tube in it</source>
        <translation>das Loch gibt nach; tiefer, oder ein Rohr darin</translation>
    </message>
    <message>
        <source>the magnet tips off; wider, or two of them</source>
        <translation>der Magnet kippt ab; breiter, oder zwei</translation>
    </message>
    <message>
        <source>the pin bends; thicker, harder or shorter in between</source>
        <translation>der Stift biegt sich; dicker, härter oder kürzer dazwischen</translation>
    </message>
    <message>
        <source>the rod gives; thicker, or shorter</source>
        <translation>der Stab gibt nach; dicker oder kürzer</translation>
    </message>
    <message>
        <source>the wall beside the hole is thin</source>
        <translation>die Wand neben dem Loch ist dünn</translation>
    </message>
    <message numerus="yes">
        <source>%n part(s) show bare foil: neither clay, paint nor cover, first: %1.</source>
        <translation>
            <numerusform>%n Teil zeigt blanke Folie, weder Ton noch Farbe noch Überzug, zuerst: %1.</numerusform>
            <numerusform>%n Teile zeigen blanke Folie, weder Ton noch Farbe noch Überzug, zuerst: %1.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n part(s) stay in the colour of their clay: %1.</source>
        <translation>
            <numerusform>%n Teil bleibt in der Farbe seines Tons: %1.</numerusform>
            <numerusform>%n Teile bleiben in der Farbe ihres Tons: %1.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n step(s) have nothing to hold it by but what is wet, first: %1. A rod, tie-downs or baking in stages would help.</source>
        <translation>
            <numerusform>%n Schritt hat nichts zu halten als Nasses, zuerst: %1. Ein Stab, Verankerungen oder Backen in Stufen würde helfen.</numerusform>
            <numerusform>%n Schritte haben nichts zu halten als Nasses, zuerst: %1. Ein Stab, Verankerungen oder Backen in Stufen würde helfen.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Buy %n thing(s) of which nothing is there: “What the whole production takes” lists them.</source>
        <translation>
            <numerusform>%n Ding kaufen, von dem nichts da ist: „Was die ganze Produktion braucht“ nennt es.</numerusform>
            <numerusform>%n Dinge kaufen, von denen nichts da ist: „Was die ganze Produktion braucht“ nennt sie.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The wire picked for %1 (%n strand(s), a turn every %2) cannot be made: strands of a bundle may stand at most 25° to it, of two 45°. The best that can be made stands in for it: pick another or let it choose.</source>
        <translation>
            <numerusform>Der für %1 gewählte Draht (%n Strang, eine Windung alle %2) lässt sich nicht machen: Stränge eines Bündels dürfen höchstens 25° dazu stehen, bei zweien 45°. Der beste machbare steht dafür ein: einen anderen wählen oder wählen lassen.</numerusform>
            <numerusform>Der für %1 gewählte Draht (%n Stränge, eine Windung alle %2) lässt sich nicht machen: Stränge eines Bündels dürfen höchstens 25° dazu stehen, bei zweien 45°. Der beste machbare steht dafür ein: einen anderen wählen oder wählen lassen.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>hold %n posed joint(s)</source>
        <translation>
            <numerusform>%n gestelltes Gelenk halten</numerusform>
            <numerusform>%n gestellte Gelenke halten</numerusform>
        </translation>
    </message>
    <message>
        <source>must be one: a segment, a piece, a feature or the base</source>
        <translation>muss eine sein: ein Segment, ein Stück, ein Anbauteil oder der Sockel</translation>
    </message>
</context>
<context>
    <name>enkinet::app::BakePlot</name>
    <message>
        <source>Bake curves: oven, surface and innermost clay over minutes</source>
        <translation>Backkurven: Ofen, Oberfläche und innerster Ton über den Minuten</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>%1, surface dashed; hot after %2</source>
        <translation>%1, Oberfläche gestrichelt; heiß nach %2</translation>
    </message>
    <message>
        <source>Inside the %1</source>
        <translation>Im Inneren von %1</translation>
    </message>
    <message>
        <source>. %1: after %2</source>
        <translation>. %1: nach %2</translation>
    </message>
    <message>
        <source>. Then %1 of soak.</source>
        <translation>. Dann %1 halten.</translation>
    </message>
    <message>
        <source>oven %1</source>
        <translation>Ofen %1</translation>
    </message>
    <message>
        <source>curing from %1</source>
        <translation>härtet ab %1</translation>
    </message>
</context>
<context>
    <name>enkinet::app::BenchKnown</name>
    <message>
        <source>Tests of what is in hand</source>
        <translation>Versuche zu dem, was in der Hand liegt</translation>
    </message>
    <message>
        <source>Remove the marked test</source>
        <translation>Markierten Versuch entfernen</translation>
    </message>
    <message>
        <source>Tests so far</source>
        <translation>Bisherige Versuche</translation>
    </message>
    <message>
        <source>%1: contradicts the card</source>
        <translation>%1: widerspricht der Karte</translation>
    </message>
    <message>
        <source>Nothing to test</source>
        <translation>Nichts zu prüfen</translation>
    </message>
    <message>
        <source>No spool in stock yet: put one in at Wire, under spools.</source>
        <translation>Noch keine Rolle vorrätig: am Draht unter Rollen eine anlegen.</translation>
    </message>
    <message>
        <source>The probe&apos;s readings make one log.</source>
        <translation>Die Ablesungen des Fühlers ergeben ein Protokoll.</translation>
    </message>
    <message>
        <source>None yet.</source>
        <translation>Noch keine.</translation>
    </message>
    <message numerus="yes">
        <source>No test yet: every number of this wire rests on table values, and lives scatter by a factor of %1. What is not known of them halves with %n bend test(s).</source>
        <translation>
            <numerusform>Noch kein Versuch: jede Zahl dieses Drahtes beruht auf Tafelwerten, und Lebensdauern streuen um den Faktor %1. Was man von ihnen nicht weiß, halbiert sich mit %n Biegeversuch.</numerusform>
            <numerusform>Noch kein Versuch: jede Zahl dieses Drahtes beruht auf Tafelwerten, und Lebensdauern streuen um den Faktor %1. Was man von ihnen nicht weiß, halbiert sich mit %n Biegeversuchen.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1: lives are %2 times the card&apos;s, and nine in ten reach %3 of the middle (without tests %4).</source>
        <translation>%1: Lebensdauern sind das %2-Fache der Karte, und neun von zehn erreichen %3 der Mitte (ohne Versuche %4).</translation>
    </message>
    <message numerus="yes">
        <source>%n hang test(s): it holds %1 times what the card says, give or take %2 %.</source>
        <translation>
            <numerusform>%n Hängeversuch: er hält das %1-Fache der Karte, auf %2 % genau.</numerusform>
            <numerusform>%n Hängeversuche: er hält das %1-Fache der Karte, auf %2 % genau.</numerusform>
        </translation>
    </message>
    <message>
        <source>look again</source>
        <translation>noch einmal ansehen</translation>
    </message>
    <message numerus="yes">
        <source>%n test(s)</source>
        <translation>
            <numerusform>%n Versuch</numerusform>
            <numerusform>%n Versuche</numerusform>
        </translation>
    </message>
    <message>
        <source>card only</source>
        <translation>nur Karte</translation>
    </message>
    <message>
        <source>%1: bent %2 each side over %3, parted after %4 (card %5)</source>
        <translation>%1: je Seite %2 über %3 gebogen, gerissen nach %4 (Karte %5)</translation>
    </message>
    <message>
        <source>%1: crept at %2 N·mm over %3 (card %4)</source>
        <translation>%1: kroch bei %2 N·mm über %3 (Karte %4)</translation>
    </message>
    <message>
        <source>a joint that the design no longer has</source>
        <translation>ein Gelenk, das der Entwurf nicht mehr hat</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <comment>joint, puppet</comment>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>%1, on the set: %2 broke at %3 % of the card&apos;s life</source>
        <translation>%1, im Dreh: %2 brach bei %3 % der Lebensdauer der Karte</translation>
    </message>
    <message>
        <source>%1, on the set: %2 lasted %3 % of the card&apos;s life</source>
        <translation>%1, im Dreh: %2 hielt %3 % der Lebensdauer der Karte</translation>
    </message>
    <message>
        <source>cured</source>
        <translation>gehärtet</translation>
    </message>
    <message>
        <source>The card gives no strength: how brittle it is stays not checked.</source>
        <translation>Die Karte nennt keine Festigkeit: wie spröde er ist, bleibt ungeprüft.</translation>
    </message>
    <message>
        <source>No test yet: nine in ten such rods stand %1 MPa by the card.</source>
        <translation>Noch kein Versuch: laut Karte halten neun von zehn solcher Stäbe %1 MPa.</translation>
    </message>
    <message numerus="yes">
        <source>%n break test(s): nine in ten stand %1 MPa (without tests %2).</source>
        <translation>
            <numerusform>%n Bruchversuch: neun von zehn halten %1 MPa (ohne Versuche %2).</numerusform>
            <numerusform>%n Bruchversuche: neun von zehn halten %1 MPa (ohne Versuche %2).</numerusform>
        </translation>
    </message>
    <message>
        <source>%1: %2 thick over %3, broke at %4 N: %5 MPa (card %6)</source>
        <translation>%1: %2 dick über %3, brach bei %4 N: %5 MPa (Karte %6)</translation>
    </message>
    <message>
        <source>The oven</source>
        <translation>Der Ofen</translation>
    </message>
    <message>
        <source>No probe has been in it: its dial is taken at its word. A log of another probe is read in at Skin, under oven.</source>
        <translation>Noch kein Fühler war darin: seinem Regler wird geglaubt. Das Protokoll eines anderen Fühlers wird unter Haut, Ofen eingelesen.</translation>
    </message>
    <message>
        <source>probed</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>dial only</source>
        <translation>nur Regler</translation>
    </message>
    <message>
        <source>Remove a test</source>
        <translation>Versuch entfernen</translation>
    </message>
    <message>
        <source>Tests</source>
        <translation>Versuche</translation>
    </message>
    <message>
        <source>CSV (*.csv)</source>
        <translation>CSV (*.csv)</translation>
    </message>
    <message>
        <source>Tests from %1</source>
        <translation>Versuche aus %1</translation>
    </message>
    <message numerus="yes">
        <source>It stands %1 off its dial and swings by %2 to each side (%n reading(s)).</source>
        <translation>
            <numerusform>Er weicht um %1 vom Regler ab und schwankt um %2 nach jeder Seite (%n Ablesung).</numerusform>
            <numerusform>Er weicht um %1 vom Regler ab und schwankt um %2 nach jeder Seite (%n Ablesungen).</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::BenchPage</name>
    <message>
        <source>Kind of test</source>
        <translation>Art des Versuchs</translation>
    </message>
    <message>
        <source>bend wire until it parts</source>
        <translation>Draht biegen, bis er reißt</translation>
    </message>
    <message>
        <source>hang weight on wire until it creeps</source>
        <translation>Gewicht an Draht hängen, bis er kriecht</translation>
    </message>
    <message>
        <source>break a rod of cured clay</source>
        <translation>einen Stab aus gehärtetem Ton brechen</translation>
    </message>
    <message>
        <source>the oven against its dial</source>
        <translation>den Ofen gegen seinen Regler</translation>
    </message>
    <message>
        <source>What is tested</source>
        <translation>Was geprüft wird</translation>
    </message>
    <message>
        <source>One more bend</source>
        <translation>Eine Biegung mehr</translation>
    </message>
    <message>
        <source>Tests to CSV…</source>
        <translation>Versuche in CSV…</translation>
    </message>
    <message>
        <source>Tests from CSV…</source>
        <translation>Versuche aus CSV…</translation>
    </message>
    <message>
        <source>Strands of the sample</source>
        <translation>Stränge der Probe</translation>
    </message>
    <message>
        <source>Edge of the jaws</source>
        <translation>Kante der Backen</translation>
    </message>
    <message>
        <source>hard</source>
        <translation>hart</translation>
    </message>
    <message>
        <source>eased</source>
        <translation>gebrochen</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>How it was last bent</source>
        <translation>Wie sie zuletzt gebogen wurde</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>the way the weight pulls</source>
        <translation>in Richtung des Gewichts</translation>
    </message>
    <message>
        <source>against the weight</source>
        <translation>gegen das Gewicht</translation>
    </message>
    <message>
        <source>A turn of the twist, 0 for parallel strands</source>
        <translation>Eine Windung der Verdrillung, 0 für parallele Stränge</translation>
    </message>
    <message>
        <source>Free length between the jaws</source>
        <translation>Freie Länge zwischen den Backen</translation>
    </message>
    <message>
        <source>Bent to each side, or last bent to</source>
        <translation>Nach jeder Seite gebogen, oder zuletzt gebogen bis</translation>
    </message>
    <message>
        <source>Bends to and fro until it parted</source>
        <translation>Hin und her gebogen, bis sie riss</translation>
    </message>
    <message>
        <source>From the jaws to where the weight hangs</source>
        <translation>Von den Backen bis zum Gewicht</translation>
    </message>
    <message>
        <source>Weight at which it crept</source>
        <translation>Gewicht, bei dem sie kroch</translation>
    </message>
    <message>
        <source>Thickness of the rod</source>
        <translation>Dicke des Stabs</translation>
    </message>
    <message>
        <source>Between the supports</source>
        <translation>Zwischen den Auflagern</translation>
    </message>
    <message>
        <source>Force at which it broke, N</source>
        <translation>Kraft, bei der er brach, N</translation>
    </message>
    <message>
        <source>strands</source>
        <translation>Stränge</translation>
    </message>
    <message>
        <source>a turn</source>
        <translation>je Windung</translation>
    </message>
    <message>
        <source>free</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>to each side</source>
        <translation>nach jeder Seite</translation>
    </message>
    <message>
        <source>edge</source>
        <translation>Kante</translation>
    </message>
    <message>
        <source>parted after</source>
        <translation>gerissen nach</translation>
    </message>
    <message>
        <source>lever</source>
        <translation>Hebel</translation>
    </message>
    <message>
        <source>weight</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>last bent</source>
        <translation>zuletzt gebogen</translation>
    </message>
    <message>
        <source>rod</source>
        <translation>Stab</translation>
    </message>
    <message>
        <source>supports</source>
        <translation>Auflager</translation>
    </message>
    <message>
        <source>broke at, N</source>
        <translation>brach bei, N</translation>
    </message>
    <message>
        <source>bends to and fro</source>
        <translation>mal hin und her</translation>
    </message>
    <message>
        <source>N·mm</source>
        <translation>N·mm</translation>
    </message>
    <message>
        <source>MPa</source>
        <translation>MPa</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Clamp a sample with %1 free between the jaws. Bend it %2 to each side, always as far, without haste; count until it parts.</source>
        <translation>Eine Probe mit %1 frei zwischen den Backen einspannen. Je Seite um %2 biegen, immer gleich weit, ohne Hast; zählen, bis sie reißt.</translation>
    </message>
    <message>
        <source>The tester counts: %1 so far. What it counts is kept when the wire parts.</source>
        <translation>Das Prüfgerät zählt: bisher %1. Was es zählt, wird behalten, wenn der Draht reißt.</translation>
    </message>
    <message>
        <source>Space counts one bend to and fro: %1 so far. Enter when it has parted.</source>
        <translation>Die Leertaste zählt einmal hin und her: bisher %1. Eingabe, wenn er gerissen ist.</translation>
    </message>
    <message>
        <source>A strand that parts flies: cover your eyes.</source>
        <translation>Ein reißender Strang fliegt: Augen schützen.</translation>
    </message>
    <message>
        <source>It parted: keep %1</source>
        <translation>Gerissen: %1 behalten</translation>
    </message>
    <message>
        <source>Keep %1 as typed</source>
        <translation>%1 wie getippt behalten</translation>
    </message>
    <message>
        <source>Keep what is typed</source>
        <translation>Getipptes behalten</translation>
    </message>
    <message>
        <source>Clamp it, hang weight on a lever of %1 and add a little at a time, each left for ten breaths, until the joint has crept by half a degree and stays there. A scale&apos;s steady weight stands here by itself.</source>
        <translation>Einspannen, ein Gewicht an einen Hebel von %1 hängen und nach und nach mehr, jedes zehn Atemzüge lang, bis das Gelenk um ein halbes Grad gekrochen ist und dort bleibt. Das ruhige Gewicht der Waage stellt sich hier von selbst ein.</translation>
    </message>
    <message>
        <source>Hang it low over the bench: what falls must not fall on a foot.</source>
        <translation>Niedrig über der Bank hängen: was fällt, darf nicht auf einen Fuß fallen.</translation>
    </message>
    <message>
        <source>Roll a rod, bake it as the parts are baked, let it cool. Lay it on two supports at least %1 apart, press in the middle until it breaks.</source>
        <translation>Einen Stab rollen, backen wie die Teile, abkühlen lassen. Auf zwei Auflager mit mindestens %1 Abstand legen und in der Mitte drücken, bis er bricht.</translation>
    </message>
    <message>
        <source>Cured clay breaks into sharp pieces: cover your eyes.</source>
        <translation>Gehärteter Ton bricht in scharfe Stücke: Augen schützen.</translation>
    </message>
    <message numerus="yes">
        <source>%n reading(s), one each half minute. Half an hour is enough: then keep it.</source>
        <translation>
            <numerusform>%n Ablesung, jede halbe Minute eine. Eine halbe Stunde genügt: dann behalten.</numerusform>
            <numerusform>%n Ablesungen, jede halbe Minute eine. Eine halbe Stunde genügt: dann behalten.</numerusform>
        </translation>
    </message>
    <message>
        <source>Set the dial, put the probe in, and start. Its readings are noted each half minute.</source>
        <translation>Regler stellen, Fühler hineinlegen, starten. Seine Ablesungen werden jede halbe Minute notiert.</translation>
    </message>
    <message>
        <source>Never leave an oven alone; what you bake food in is not for clay.</source>
        <translation>Einen Ofen nie allein lassen; worin man Essen backt, gehört kein Ton.</translation>
    </message>
    <message>
        <source>Stop, keep nothing</source>
        <translation>Anhalten, nichts behalten</translation>
    </message>
    <message>
        <source>Start</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>The oven against its dial</source>
        <translation>Der Ofen gegen seinen Regler</translation>
    </message>
    <message>
        <source>Break test of %1</source>
        <translation>Bruchversuch von %1</translation>
    </message>
    <message>
        <source>Hang test of %1</source>
        <translation>Hängeversuch von %1</translation>
    </message>
    <message>
        <source>Bend test of %1</source>
        <translation>Biegeversuch von %1</translation>
    </message>
    <message>
        <source>What the dial says</source>
        <translation>Was der Regler sagt</translation>
    </message>
    <message>
        <source>dial</source>
        <translation>Regler</translation>
    </message>
    <message>
        <source>The tester is in the middle of a sample, which was bent before: it counts from the next one on, when its lever has stood straight.</source>
        <translation>Der Prüfer ist mitten in einer Probe, die schon gebogen wurde: Gezählt wird ab der nächsten, sobald der Hebel gerade gestanden hat.</translation>
    </message>
    <message>
        <source>Keep it all the same</source>
        <translation>Trotzdem behalten</translation>
    </message>
    <message>
        <source>That is %1 times what is expected, %2.</source>
        <translation>Das ist das %1-Fache des Erwarteten, %2.</translation>
    </message>
    <message>
        <source>That is %1 times less than is expected, %2.</source>
        <translation>Das ist %1-mal weniger als erwartet, %2.</translation>
    </message>
    <message>
        <source>Was the sample fresh, and held as the fields say? Once kept, it counts wherever this is used.</source>
        <translation>War die Probe frisch und so gehalten, wie die Felder sagen? Einmal behalten, zählt es überall, wo dies verwendet wird.</translation>
    </message>
</context>
<context>
    <name>enkinet::app::BenchTable</name>
    <message>
        <source>scale</source>
        <translation>Waage</translation>
    </message>
    <message>
        <source>caliper</source>
        <translation>Messschieber</translation>
    </message>
    <message>
        <source>oven probe</source>
        <translation>Ofenfühler</translation>
    </message>
    <message>
        <source>bend tester</source>
        <translation>Biegeprüfer</translation>
    </message>
    <message>
        <source>hang weight</source>
        <translation>Hängegewicht</translation>
    </message>
    <message>
        <source>break tester</source>
        <translation>Bruchprüfer</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>%1 N</source>
        <translation>%1 N</translation>
    </message>
    <message>
        <source>The bench: devices, the sample and what is known of it</source>
        <translation>Die Werkbank: Geräte, die Probe und was man von ihr weiß</translation>
    </message>
    <message>
        <source>While a test runs Space counts one bend, Enter keeps what was counted, Escape stops.</source>
        <translation>Während ein Versuch läuft, zählt die Leertaste eine Biegung, Eingabe behält das Gezählte, Escape hält an.</translation>
    </message>
    <message>
        <source>a device that has not spoken yet</source>
        <translation>ein Gerät, das noch nichts gesagt hat</translation>
    </message>
    <message>
        <source>%1: %2, steady</source>
        <translation>%1: %2, ruhig</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>by the card: half reach %1 %4, nine in ten %2, one in ten %3</source>
        <translation>laut Karte: die Hälfte erreicht %1 %4, neun von zehn %2, eine von zehn %3</translation>
    </message>
    <message>
        <source>by your tests: half reach %1 %4, nine in ten %2, one in ten %3</source>
        <translation>laut Ihren Versuchen: die Hälfte erreicht %1 %4, neun von zehn %2, eine von zehn %3</translation>
    </message>
    <message>
        <source>a test: %1 %2</source>
        <translation>ein Versuch: %1 %2</translation>
    </message>
    <message>
        <source>%1 bends so far</source>
        <translation>bisher %1 Biegungen</translation>
    </message>
    <message>
        <source>Plugged in</source>
        <translation>Angesteckt</translation>
    </message>
    <message>
        <source>Nothing. A device that is plugged in stands here with what it reads; without one everything can be counted with Space and typed. Simulated devices to try it with: More, Desk.</source>
        <translation>Nichts. Ein angestecktes Gerät steht hier mit dem, was es anzeigt; ohne Gerät lässt sich alles mit der Leertaste zählen und tippen. Simulierte Geräte zum Ausprobieren: Mehr, Tisch.</translation>
    </message>
    <message>
        <source>…</source>
        <translation>…</translation>
    </message>
    <message numerus="yes">
        <source>%n spoilt line(s)</source>
        <translation>
            <numerusform>%n verdorbene Zeile</numerusform>
            <numerusform>%n verdorbene Zeilen</numerusform>
        </translation>
    </message>
    <message>
        <source>steady</source>
        <translation>ruhig</translation>
    </message>
    <message>
        <source>moving</source>
        <translation>in Bewegung</translation>
    </message>
    <message>
        <source>%1 free between the jaws</source>
        <translation>%1 frei zwischen den Backen</translation>
    </message>
    <message>
        <source>Bends to and fro until it parts</source>
        <translation>Hin und her gebogen, bis sie reißt</translation>
    </message>
    <message>
        <source>Moment at which it creeps</source>
        <translation>Moment, bei dem sie kriecht</translation>
    </message>
    <message>
        <source>Strength of the cured clay</source>
        <translation>Festigkeit des gehärteten Tons</translation>
    </message>
    <message>
        <source>Nothing is known of it yet: the card gives no value, and there is no test.</source>
        <translation>Noch weiß man nichts davon: die Karte nennt keinen Wert, und es gibt keinen Versuch.</translation>
    </message>
    <message>
        <source>the card</source>
        <translation>die Karte</translation>
    </message>
    <message numerus="yes">
        <source>with %n test(s)</source>
        <translation>
            <numerusform>mit %n Versuch</numerusform>
            <numerusform>mit %n Versuchen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n reading(s) of the probe so far</source>
        <translation>
            <numerusform>bisher %n Ablesung des Fühlers</numerusform>
            <numerusform>bisher %n Ablesungen des Fühlers</numerusform>
        </translation>
    </message>
    <message>
        <source>Put the probe where the parts will stand, heat the oven, and start when its own light says that it is hot.</source>
        <translation>Den Fühler dorthin legen, wo die Teile stehen werden, den Ofen heizen und starten, wenn seine Lampe sagt, dass er heiß ist.</translation>
    </message>
</context>
<context>
    <name>enkinet::app::BendPicture</name>
    <message>
        <source>Drag an end: as far as that the joint is bent.</source>
        <translation>Ein Ende ziehen: so weit wird das Gelenk gebogen.</translation>
    </message>
    <message>
        <source>The joint from the side, bent to %1 and to %2</source>
        <translation>Das Gelenk von der Seite, gebogen bis %1 und bis %2</translation>
    </message>
    <message>
        <source>I</source>
        <translation>I</translation>
    </message>
    <message>
        <source>II</source>
        <translation>II</translation>
    </message>
</context>
<context>
    <name>enkinet::app::BentGap</name>
    <message>
        <source>The bent gap, drawn to scale</source>
        <translation>Der gebogene Spalt, maßstäblich</translation>
    </message>
    <message>
        <source>gap %1, bent %2</source>
        <translation>Spalt %1, gebogen %2</translation>
    </message>
    <message>
        <source>breaks here first, at the stiff end</source>
        <translation>bricht zuerst hier, am steifen Ende</translation>
    </message>
    <message>
        <source>no edge: breaks anywhere along it</source>
        <translation>keine Kante: bricht irgendwo entlang</translation>
    </message>
</context>
<context>
    <name>enkinet::app::BuildSheets</name>
    <message>
        <source>the days</source>
        <translation>die Tage</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>weekday and day</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1: steps %2</source>
        <translation>%1: Schritte %2</translation>
    </message>
    <message>
        <source>also on this day: %1</source>
        <translation>auch an diesem Tag: %1</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>then until %1</source>
        <translation>dann bis %1</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>puppet, step</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Noted here before: %1</source>
        <translation>Früher hier notiert: %1</translation>
    </message>
    <message>
        <source>the film</source>
        <translation>der Film</translation>
    </message>
    <message>
        <source>The film</source>
        <translation>Der Film</translation>
    </message>
    <message>
        <source>No shot stops in %1 of 100 such films with these copies. Per cent are of what nine in ten such wires stand.</source>
        <translation>In %1 von 100 solchen Filmen hält mit diesen Exemplaren keine Einstellung auf. Prozente gelten von dem, was neun von zehn solchen Drähten aushalten.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>puppet, copy</comment>
        <translation>%1 %2</translation>
    </message>
    <message numerus="yes">
        <source>%1: have %n ready, used one after the other.</source>
        <translation>
            <numerusform>%1: %n bereithalten, nacheinander benutzt.</numerusform>
            <numerusform>%1: %n bereithalten, nacheinander benutzt.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1: a dozen do not suffice. Another wire, or less of it.</source>
        <translation>%1: ein Dutzend genügt nicht. Ein anderer Draht, oder weniger davon.</translation>
    </message>
    <message>
        <source>Before it, swap the %1 of %2: its %3 is due.</source>
        <translation>Davor von %2 tauschen: %1; das Gelenk %3 ist fällig.</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <comment>number, shot</comment>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>%1 s, on %2</source>
        <translation>%1 s, am %2</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>weekday, day</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1 %2 %</source>
        <translation>%1 %2 %</translation>
    </message>
    <message>
        <source>After it: %1</source>
        <translation>Danach: %1</translation>
    </message>
    <message>
        <source>Broke in frame %1: %2.</source>
        <translation>Gebrochen in Bild %1: %2.</translation>
    </message>
    <message>
        <source>a joint that is no longer there</source>
        <translation>ein Gelenk, das nicht mehr da ist</translation>
    </message>
    <message>
        <source>oven and last looks</source>
        <translation>Ofen und letzte Blicke</translation>
    </message>
    <message>
        <source>Loads of the oven</source>
        <translation>Ofenladungen</translation>
    </message>
    <message>
        <source>everything</source>
        <translation>alles</translation>
    </message>
    <message>
        <source>Most heat: %1, %2 of %3 min; loads that it is in: %4.</source>
        <translation>Am meisten Hitze: %1, %2 von %3 min; Ladungen, in denen es ist: %4.</translation>
    </message>
    <message>
        <source>%1 · page %2</source>
        <translation>%1 · Seite %2</translation>
    </message>
    <message>
        <source>paint</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Paint, to match between shots</source>
        <translation>Farbe, zum Abgleich zwischen Einstellungen</translation>
    </message>
    <message>
        <source>Paint the real chip into the empty box, from the same pot and over the same ground, and keep this page with the puppet. Printed colours only resemble: match to the real chip.</source>
        <translation>Das echte Muster in das leere Feld streichen, aus demselben Topf und auf denselben Grund, und dieses Blatt bei der Puppe lassen. Gedruckte Farben ähneln nur: mit dem echten Muster abgleichen.</translation>
    </message>
    <message>
        <source>On: %1.</source>
        <translation>Auf: %1.</translation>
    </message>
    <message>
        <source>clear</source>
        <translation>klar</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 %2: %3</source>
        <translation>%1 %2: %3</translation>
    </message>
    <message numerus="yes">
        <source>%n coat(s), %1 ml in all, dry in %2</source>
        <translation>
            <numerusform>%n Schicht, zusammen %1 ml, trocken in %2</numerusform>
            <numerusform>%n Schichten, zusammen %1 ml, trocken in %2</numerusform>
        </translation>
    </message>
    <message>
        <source>batch %1</source>
        <translation>Ansatz %1</translation>
    </message>
    <message>
        <source>The same on every copy</source>
        <translation>Gleich auf jedem Exemplar</translation>
    </message>
    <message>
        <source>Hold each copy beside the chip, under the lamp that it is shot under; tick what matches, note the batch where another pot was opened.</source>
        <translation>Jedes Exemplar neben das Muster halten, unter der Lampe, unter der gedreht wird; abhaken, was passt, den Ansatz notieren, wo ein anderer Topf geöffnet wurde.</translation>
    </message>
    <message>
        <source>copy %1</source>
        <translation>Exemplar %1</translation>
    </message>
    <message>
        <source>Look at after each shot</source>
        <translation>Nach jeder Einstellung ansehen</translation>
    </message>
    <message>
        <source>Where a hand takes it most often, paint goes first; bends are counted in brackets.</source>
        <translation>Wo eine Hand es am häufigsten fasst, geht Farbe zuerst; Biegungen stehen in Klammern.</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>%1. %2: %3</source>
        <comment>number, shot, places</comment>
        <translation>%1. %2: %3</translation>
    </message>
    <message>
        <source>this bar is 100 mm: measure it before you trust the page</source>
        <translation>dieser Balken ist 100 mm lang: nachmessen, ehe Sie dem Blatt trauen</translation>
    </message>
    <message>
        <source>%1. %2: %3 for %4, then cool. Cures %5.</source>
        <translation>%1. %2: %3 für %4, dann abkühlen. Härtet %5.</translation>
    </message>
    <message>
        <source>the %1 under its skin</source>
        <translation>%1 unter der Haut</translation>
    </message>
    <message>
        <source>%1 could not be written</source>
        <translation>%1 konnte nicht geschrieben werden</translation>
    </message>
    <message>
        <source>%1, %2 · measures in mm · as of %3, by rules %4</source>
        <translation>%1, %2 · Maße in mm · Stand %3, nach Regeln %4</translation>
    </message>
</context>
<context>
    <name>enkinet::app::BulkPage</name>
    <message>
        <source>Bulk of this part</source>
        <translation>Kern dieses Teils</translation>
    </message>
    <message>
        <source>Foil to tear, part by part</source>
        <translation>Zu reißende Folie, Teil für Teil</translation>
    </message>
    <message>
        <source>bulk</source>
        <translation>Kern</translation>
    </message>
    <message>
        <source>The whole puppet</source>
        <translation>Die ganze Puppe</translation>
    </message>
    <message>
        <source>What would solid clay do?</source>
        <translation>Was würde Ton bis innen bewirken?</translation>
    </message>
    <message>
        <source>Bulk of %1</source>
        <translation>Kern von %1</translation>
    </message>
    <message>
        <source>%1 m² of foil, %2 m off the roll</source>
        <translation>%1 m² Folie, %2 m von der Rolle</translation>
    </message>
    <message>
        <source>none: solid or hollow</source>
        <translation>keiner: massiv oder hohl</translation>
    </message>
    <message>
        <source>%1, %2 g/cm³</source>
        <translation>%1, %2 g/cm³</translation>
    </message>
    <message>
        <source>%1 cm³ weigh %2%3. It stops short of the gaps and stays under the skin everywhere.</source>
        <translation>%1 cm³ wiegen %2%3. Er endet vor den Spalten und bleibt überall unter der Haut.</translation>
    </message>
    <message>
        <source>No bulk here.</source>
        <translation>Hier kein Kern.</translation>
    </message>
    <message>
        <source>There is no room for bulk here: the skin is as thick as the part.</source>
        <translation>Hier ist kein Platz für einen Kern: die Haut ist so dick wie das Teil.</translation>
    </message>
    <message>
        <source>%1: %2, a scrap of foil</source>
        <translation>%1: %2, ein Fetzen Folie</translation>
    </message>
    <message>
        <source>%1: %2, tear %3 × %4 cm</source>
        <translation>%1: %2, %3 × %4 cm reißen</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 of foil: %2.</source>
        <translation>%1 Folie: %2.</translation>
    </message>
    <message>
        <source>%1 of other bulk.</source>
        <translation>%1 anderer Kern.</translation>
    </message>
    <message>
        <source>No foil in this puppet.</source>
        <translation>Keine Folie in dieser Puppe.</translation>
    </message>
    <message>
        <source>%1, bent %2: stiff meets stiff, %3 of gap would do, %4 are there. End the bulk earlier or make the part slimmer there.</source>
        <translation>%1, gebogen %2: Steifes trifft Steifes, %3 Spalt würden genügen, %4 sind da. Den Kern früher enden lassen oder das Teil dort schlanker machen.</translation>
    </message>
    <message>
        <source>Working it out…</source>
        <translation>Wird berechnet …</translation>
    </message>
    <message>
        <source>Solid clay weighs %1 more and costs %2 more.</source>
        <translation>Ton bis innen wiegt %1 mehr und kostet %2 mehr.</translation>
    </message>
    <message>
        <source>It does not get hot inside within a day.</source>
        <translation>Er wird innen binnen eines Tages nicht heiß.</translation>
    </message>
    <message>
        <source>It bakes %1 longer.</source>
        <translation>Er bäckt %1 länger.</translation>
    </message>
    <message>
        <source>The %1 suffers most: it must hold %2 instead of %3 N·mm.</source>
        <translation>Am meisten leidet %1: es muss %2 statt %3 N·mm halten.</translation>
    </message>
    <message>
        <source>Joints that fail, each design with its best wire: %1 instead of %2.</source>
        <translation>Gelenke, die versagen, jeder Entwurf mit seinem besten Draht: %1 statt %2.</translation>
    </message>
</context>
<context>
    <name>enkinet::app::ChecksTab</name>
    <message>
        <source>What a builder checks by eye</source>
        <translation>Was ein Puppenbauer mit dem Auge prüft</translation>
    </message>
    <message>
        <source>Another puppet beside this one, at the same scale</source>
        <translation>Eine andere Puppe daneben, im gleichen Maßstab</translation>
    </message>
    <message>
        <source>stand beside</source>
        <translation>danebenstellen</translation>
    </message>
    <message>
        <source>Caliper</source>
        <translation>Messschieber</translation>
    </message>
    <message>
        <source>Measure on the sheet</source>
        <translation>Auf dem Blatt messen</translation>
    </message>
    <message>
        <source>Measures: plan against the real piece</source>
        <translation>Maße: Plan gegen das echte Stück</translation>
    </message>
    <message>
        <source>What the real piece measures</source>
        <translation>Was das echte Stück misst</translation>
    </message>
    <message>
        <source>Forget the marked one</source>
        <translation>Markiertes vergessen</translation>
    </message>
    <message>
        <source>on the piece</source>
        <translation>am Stück</translation>
    </message>
    <message>
        <source>Measured %1</source>
        <translation>Gemessen: %1</translation>
    </message>
    <message>
        <source>Forget a measure</source>
        <translation>Ein Maß vergessen</translation>
    </message>
    <message>
        <source>fine: %1</source>
        <translation>gut: %1</translation>
    </message>
    <message>
        <source>look: %1</source>
        <translation>ansehen: %1</translation>
    </message>
    <message>
        <source>Nothing to check yet: mark a limb first.</source>
        <translation>Noch nichts zu prüfen: zuerst ein Glied zeichnen.</translation>
    </message>
    <message>
        <source>nobody</source>
        <translation>niemand</translation>
    </message>
    <message>
        <source>%1: plan %2</source>
        <translation>%1: Plan %2</translation>
    </message>
    <message>
        <source>, piece %1, %2%3</source>
        <translation>, Stück %1, %2%3</translation>
    </message>
    <message>
        <source>%1 measures are off by more than a millimetre.</source>
        <translation>%1 Maße weichen um mehr als einen Millimeter ab.</translation>
    </message>
    <message>
        <source>What this proportion is to be</source>
        <translation>Was dieses Verhältnis sein soll</translation>
    </message>
    <message>
        <source>How far off it may be, in per cent</source>
        <translation>Wie weit es abweichen darf, in Prozent</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>wanted, within</source>
        <translation>gewünscht, auf</translation>
    </message>
    <message>
        <source>As it is drawn now</source>
        <translation>Wie jetzt gezeichnet</translation>
    </message>
    <message>
        <source>As is usual</source>
        <translation>Wie üblich</translation>
    </message>
    <message>
        <source>A proportion as is usual</source>
        <translation>Ein Verhältnis wie üblich</translation>
    </message>
    <message>
        <source>What its twin on the other side measures</source>
        <translation>Was das Gegenstück auf der anderen Seite misst</translation>
    </message>
    <message>
        <source>on the other side</source>
        <translation>auf der anderen Seite</translation>
    </message>
    <message>
        <source>Its twin measured %1</source>
        <translation>Das Gegenstück misst %1</translation>
    </message>
    <message>
        <source>Wanted: %1</source>
        <translation>Gewünscht: %1</translation>
    </message>
    <message>
        <source>, left minus right %1%2</source>
        <translation>, links minus rechts %1%2</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>nicht gemessen</translation>
    </message>
</context>
<context>
    <name>enkinet::app::ClockDial</name>
    <message>
        <source>%1 of %2 that were reckoned</source>
        <translation>%1 von %2, die geplant waren</translation>
    </message>
</context>
<context>
    <name>enkinet::app::CoatStack</name>
    <message>
        <source>Coats in order</source>
        <translation>Schichten der Reihe nach</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 %2: %3</source>
        <translation>%1 %2: %3</translation>
    </message>
    <message>
        <source>%1, %2 ml, dry in %3</source>
        <translation>%1, %2 ml, trocken in %3</translation>
    </message>
    <message>
        <source>1 coat</source>
        <translation>1 Schicht</translation>
    </message>
    <message>
        <source>%1 coats</source>
        <translation>%1 Schichten</translation>
    </message>
    <message>
        <source>, ΔE %1 to below</source>
        <translation>, ΔE %1 zur unteren</translation>
    </message>
    <message>
        <source>%1; %2</source>
        <comment>coat; coats, ml, drying</comment>
        <translation>%1; %2</translation>
    </message>
    <message>
        <source>what the first coat goes on</source>
        <translation>worauf die erste Schicht kommt</translation>
    </message>
</context>
<context>
    <name>enkinet::app::CoverPage</name>
    <message>
        <source>cover</source>
        <translation>Überzug</translation>
    </message>
    <message>
        <source>%1 · %2 · %3</source>
        <translation>%1 · %2 · %3</translation>
    </message>
    <message>
        <source>Centre of mass %1 above the base.</source>
        <translation>Schwerpunkt %1 über der Grundplatte.</translation>
    </message>
    <message>
        <source>Work %1; from first cut to last %2.</source>
        <translation>Arbeit %1; vom ersten Schnitt bis zum letzten %2.</translation>
    </message>
    <message>
        <source>Material used %1; to buy for the whole production %2.</source>
        <translation>Verbrauchtes Material %1; für die ganze Produktion zu kaufen %2.</translation>
    </message>
    <message>
        <source>Figures</source>
        <translation>Zahlen</translation>
    </message>
    <message>
        <source>Open points</source>
        <translation>Offene Punkte</translation>
    </message>
    <message>
        <source>None.</source>
        <translation>Keine.</translation>
    </message>
    <message>
        <source>and %1 more on screen</source>
        <translation>und %1 weitere am Bildschirm</translation>
    </message>
    <message>
        <source>Take care</source>
        <translation>Vorsicht</translation>
    </message>
    <message>
        <source>The product&apos;s own sheet, local rules and trained people come before anything printed here.</source>
        <translation>Das Blatt des Herstellers, örtliche Regeln und geschulte Leute gehen allem vor, was hier gedruckt steht.</translation>
    </message>
    <message>
        <source>Lives are those that nine joints in ten reach. They rest on table values of the wire until one of yours has been tested.</source>
        <translation>Lebensdauern sind die, die neun von zehn Gelenken erreichen. Sie beruhen auf Tafelwerten des Drahtes, bis einer von Ihrem geprüft ist.</translation>
    </message>
    <message>
        <source>Bake at %1 for %2; the %3 is slowest.</source>
        <translation>Bei %1 für %2 backen; am langsamsten: %3.</translation>
    </message>
    <message>
        <source>Left as it is: %1</source>
        <translation>Belassen: %1</translation>
    </message>
    <message>
        <source>Left as it is, because %1: %2</source>
        <translation>Belassen, weil %1: %2</translation>
    </message>
    <message>
        <source>Bake at %1 for %2.</source>
        <translation>Backen bei %1 für %2.</translation>
    </message>
</context>
<context>
    <name>enkinet::app::CoverTab</name>
    <message>
        <source>in front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>at the back</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>on its left</source>
        <translation>auf seiner linken Seite</translation>
    </message>
    <message>
        <source>on its right</source>
        <translation>auf seiner rechten Seite</translation>
    </message>
    <message>
        <source>on top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>underneath</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>Cover of this part</source>
        <translation>Überzug dieses Teils</translation>
    </message>
    <message>
        <source>Thickness of the cover, pressed</source>
        <translation>Dicke des Überzugs, gedrückt</translation>
    </message>
    <message>
        <source>Covered from, in per cent from its root</source>
        <translation>Überzogen ab, in Prozent vom Ansatz</translation>
    </message>
    <message>
        <source>Covered to, in per cent from its root</source>
        <translation>Überzogen bis, in Prozent vom Ansatz</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>Where the camera mostly stands</source>
        <translation>Wo die Kamera meistens steht</translation>
    </message>
    <message>
        <source>cover</source>
        <translation>Überzug</translation>
    </message>
    <message>
        <source>pressed</source>
        <translation>gedrückt</translation>
    </message>
    <message>
        <source>from, to</source>
        <translation>von, bis</translation>
    </message>
    <message>
        <source>camera</source>
        <translation>Kamera</translation>
    </message>
    <message>
        <source>Cloth for the whole puppet</source>
        <translation>Stoff für die ganze Puppe</translation>
    </message>
    <message>
        <source>Width of the cloth</source>
        <translation>Breite des Stoffs</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>This cloth as SVG…</source>
        <translation>Diesen Schnitt als SVG…</translation>
    </message>
    <message>
        <source>As DXF…</source>
        <translation>Als DXF…</translation>
    </message>
    <message>
        <source>Hard parts that grow out of the fur go on first, eyes under its edge, bare ends in their own colour. Cut from the back with a blade, away from the hand, so that the pile stays whole.</source>
        <translation>Harte Teile, die aus dem Fell wachsen, kommen zuerst darauf, Augen unter seinen Rand, blanke Enden in ihrer eigenen Farbe. Von hinten mit der Klinge von der Hand weg schneiden, damit der Flor ganz bleibt.</translation>
    </message>
    <message>
        <source>No cover</source>
        <translation>Kein Überzug</translation>
    </message>
    <message>
        <source>Cover: %1</source>
        <translation>Überzug: %1</translation>
    </message>
    <message>
        <source>Cover %1</source>
        <translation>Überzug %1</translation>
    </message>
    <message>
        <source>Covered from %1 to %2 %</source>
        <translation>Überzogen von %1 bis %2 %</translation>
    </message>
    <message>
        <source>Camera: %1</source>
        <translation>Kamera: %1</translation>
    </message>
    <message>
        <source>no cover</source>
        <translation>kein Überzug</translation>
    </message>
    <message>
        <source>in front of it</source>
        <translation>davor</translation>
    </message>
    <message>
        <source>half left</source>
        <translation>halb links</translation>
    </message>
    <message>
        <source>behind it</source>
        <translation>dahinter</translation>
    </message>
    <message>
        <source>half right</source>
        <translation>halb rechts</translation>
    </message>
    <message>
        <source>at %1°</source>
        <translation>bei %1°</translation>
    </message>
    <message>
        <source>%1 cm² of %2, %3 g; the clay under it stays %4 under size all round.</source>
        <translation>%1 cm² %2, %3 g; der Ton darunter bleibt rundum %4 unter Maß.</translation>
    </message>
    <message>
        <source>%1 cm² stay bare, in their own colour.</source>
        <translation>%1 cm² bleiben blank, in ihrer eigenen Farbe.</translation>
    </message>
    <message>
        <source>No cloth on the %1.</source>
        <translation>Kein Stoff auf: %1.</translation>
    </message>
    <message>
        <source>%1 gores alike; girth %2, each seam %3; area within %4 %.</source>
        <translation>%1 gleiche Bahnen; Umfang %2, jede Naht %3; Fläche auf %4 % genau.</translation>
    </message>
    <message>
        <source>Girth %1 at the root, %2 at the tip; seam %3 long, %4%5.</source>
        <translation>Umfang %1 am Ansatz, %2 an der Spitze; Naht %3 lang, %4%5.</translation>
    </message>
    <message>
        <source>; exact</source>
        <translation>; genau</translation>
    </message>
    <message>
        <source>; girth within %1 %, seam eased by %2 %</source>
        <translation>; Umfang auf %1 % genau, Naht um %2 % eingehalten</translation>
    </message>
    <message>
        <source>Pattern of the %1</source>
        <translation>Schnitt von %1</translation>
    </message>
    <message>
        <source>Patterns</source>
        <translation>Schnitte</translation>
    </message>
    <message>
        <source>%1: %2 on %3 of cloth%4</source>
        <translation>%1: %2 auf %3 Stoff%4</translation>
    </message>
    <message>
        <source>1 piece</source>
        <translation>1 Stück</translation>
    </message>
    <message>
        <source>%1 pieces</source>
        <translation>%1 Stücke</translation>
    </message>
    <message>
        <source>; one is wider than the cloth</source>
        <translation>; eines ist breiter als der Stoff</translation>
    </message>
    <message>
        <source>Nothing here is covered.</source>
        <translation>Hier ist nichts überzogen.</translation>
    </message>
    <message>
        <source>Patterns at 1:1</source>
        <translation>Schnitte 1:1</translation>
    </message>
    <message>
        <source>patterns.dxf</source>
        <translation>schnitte.dxf</translation>
    </message>
    <message>
        <source>patterns.svg</source>
        <translation>schnitte.svg</translation>
    </message>
    <message>
        <source>DXF (*.dxf)</source>
        <translation>DXF (*.dxf)</translation>
    </message>
    <message>
        <source>SVG (*.svg)</source>
        <translation>SVG (*.svg)</translation>
    </message>
    <message>
        <source>A box: two faces each of %1 by %2, %1 by %3 and %2 by %3, and seams.</source>
        <translation>Ein Kasten: je zwei Flächen von %1 mal %2, %1 mal %3 und %2 mal %3, dazu Nähte.</translation>
    </message>
</context>
<context>
    <name>enkinet::app::CuttingTab</name>
    <message>
        <source>It is cut: take it out of the stock</source>
        <translation>Ist geschnitten: aus dem Vorrat nehmen</translation>
    </message>
    <message>
        <source>Cover your eyes when you snip: short ends fly. Tie the label on before the next cut.</source>
        <translation>Beim Abzwicken Augen schützen: kurze Enden fliegen. Das Schildchen anbinden, ehe weiter geschnitten wird.</translation>
    </message>
    <message>
        <source>Cut already</source>
        <translation>Schon geschnitten</translation>
    </message>
    <message>
        <source>Limbs whose wire is cut</source>
        <translation>Glieder, deren Draht geschnitten ist</translation>
    </message>
    <message>
        <source>The marked one is not cut</source>
        <translation>Das markierte ist nicht geschnitten</translation>
    </message>
    <message>
        <source>Offcuts in the drawer</source>
        <translation>Reststücke in der Schublade</translation>
    </message>
    <message>
        <source>Spool of the offcut</source>
        <translation>Rolle des Reststücks</translation>
    </message>
    <message>
        <source>Length of the offcut</source>
        <translation>Länge des Reststücks</translation>
    </message>
    <message>
        <source>Add offcut</source>
        <translation>Reststück dazu</translation>
    </message>
    <message>
        <source>Remove marked</source>
        <translation>Markiertes entfernen</translation>
    </message>
    <message>
        <source>Nothing is left to cut.</source>
        <translation>Nichts mehr zu schneiden.</translation>
    </message>
    <message>
        <source>%1 pieces, offcuts first, with the least wire used up; a rest of %2 or more goes back to the drawer.</source>
        <translation>%1 Stücke, Reststücke zuerst, mit dem geringsten Drahtverbrauch; ein Rest ab %2 kommt zurück in die Schublade.</translation>
    </message>
    <message>
        <source>%1 pieces cannot be cut from what there is.</source>
        <translation>%1 Stücke lassen sich aus dem Vorhandenen nicht schneiden.</translation>
    </message>
    <message>
        <source>The search was ended early: a better plan may exist.</source>
        <translation>Die Suche wurde vorzeitig beendet: es kann einen besseren Plan geben.</translation>
    </message>
    <message>
        <source>%1: finished length %2</source>
        <translation>%1: fertige Länge %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>the cuts are still being worked out; try again in a moment</source>
        <translation>der Zuschnitt wird noch berechnet; gleich noch einmal versuchen</translation>
    </message>
    <message>
        <source>Wire is cut</source>
        <translation>Draht ist geschnitten</translation>
    </message>
    <message>
        <source>Wire is not cut</source>
        <translation>Draht ist nicht geschnitten</translation>
    </message>
    <message>
        <source>Add an offcut</source>
        <translation>Reststück hinzufügen</translation>
    </message>
    <message>
        <source>Remove an offcut</source>
        <translation>Reststück entfernen</translation>
    </message>
    <message>
        <source>The sheets of %1, printed on %2, are older than: %3. Print them anew before cutting.</source>
        <translation>Die Blätter von %1, gedruckt %2, sind älter als: %3. Vor dem Zuschneiden neu drucken.</translation>
    </message>
</context>
<context>
    <name>enkinet::app::Diary</name>
    <message>
        <source>The diary</source>
        <translation>Das Werkbuch</translation>
    </message>
    <message>
        <source>Show only lines with this word</source>
        <translation>Nur Zeilen mit diesem Wort</translation>
    </message>
    <message>
        <source>a part, a step, a word</source>
        <translation>ein Teil, ein Schritt, ein Wort</translation>
    </message>
    <message>
        <source>What was written down, the newest day first</source>
        <translation>Was aufgeschrieben wurde, der neueste Tag zuerst</translation>
    </message>
    <message>
        <source>What kind of line</source>
        <translation>Welche Art Zeile</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>trouble</source>
        <translation>Ärger</translation>
    </message>
    <message>
        <source>trial</source>
        <translation>Versuch</translation>
    </message>
    <message>
        <source>measured, mm</source>
        <translation>gemessen, mm</translation>
    </message>
    <message>
        <source>for next time</source>
        <translation>fürs nächste Mal</translation>
    </message>
    <message>
        <source>The line; a number first where something was measured</source>
        <translation>Die Zeile; zuerst eine Zahl, wo etwas gemessen wurde</translation>
    </message>
    <message>
        <source>Write it down</source>
        <translation>Aufschreiben</translation>
    </message>
    <message>
        <source>Picture…</source>
        <translation>Bild…</translation>
    </message>
    <message>
        <source>Picture for the diary</source>
        <translation>Bild fürs Werkbuch</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg)</source>
        <translation>Bilder (*.png *.jpg *.jpeg)</translation>
    </message>
    <message>
        <source>As PDF…</source>
        <translation>Als PDF…</translation>
    </message>
    <message>
        <source>As CSV…</source>
        <translation>Als CSV…</translation>
    </message>
    <message>
        <source>Back to the days</source>
        <translation>Zurück zu den Tagen</translation>
    </message>
    <message>
        <source>A line about the whole production:</source>
        <translation>Eine Zeile zur ganzen Produktion:</translation>
    </message>
    <message>
        <source>A line about %1:</source>
        <translation>Eine Zeile zu %1:</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>puppet, copy</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>begun</source>
        <translation>begonnen</translation>
    </message>
    <message>
        <source>laid aside</source>
        <translation>beiseitegelegt</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>done in %1, reckoned %2</source>
        <translation>fertig in %1, geplant %2</translation>
    </message>
    <message>
        <source>done in %1</source>
        <translation>fertig in %1</translation>
    </message>
    <message>
        <source>not done after all</source>
        <translation>doch nicht fertig</translation>
    </message>
    <message>
        <source>skipped</source>
        <translation>ausgelassen</translation>
    </message>
    <message>
        <source>weighs %1, reckoned %2</source>
        <translation>wiegt %1, berechnet %2</translation>
    </message>
    <message>
        <source>weighs %1</source>
        <translation>wiegt %1</translation>
    </message>
    <message>
        <source>measures %1</source>
        <translation>misst %1</translation>
    </message>
    <message>
        <source>oven at %1</source>
        <translation>Ofen bei %1</translation>
    </message>
    <message>
        <source>tried</source>
        <translation>probiert</translation>
    </message>
    <message>
        <source>last look, item %1</source>
        <translation>letzter Blick, Punkt %1</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Nothing was written down yet: Start and Done at a step, or a line below.</source>
        <translation>Noch nichts aufgeschrieben: Start und Fertig an einem Schritt, oder unten eine Zeile.</translation>
    </message>
    <message>
        <source>No line has this word.</source>
        <translation>Keine Zeile enthält dieses Wort.</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>A measured line begins with its number, such as 12.5</source>
        <translation>Eine Messzeile beginnt mit ihrer Zahl, etwa 12,5</translation>
    </message>
    <message>
        <source>Write what there is to say first</source>
        <translation>Zuerst schreiben, was zu sagen ist</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message>
        <source>%1 could not be written: choose another place</source>
        <translation>%1 konnte nicht geschrieben werden: einen anderen Ort wählen</translation>
    </message>
    <message>
        <source>CSV (*.csv)</source>
        <translation>CSV (*.csv)</translation>
    </message>
    <message>
        <source>oven, %1</source>
        <comment>degrees of heat</comment>
        <translation>Ofen, %1</translation>
    </message>
    <message>
        <source>%1 cannot be kept: this system writes no JPEG</source>
        <translation>%1 lässt sich nicht aufheben: dieses System schreibt kein JPEG</translation>
    </message>
    <message>
        <source>last look</source>
        <translation>letzter Blick</translation>
    </message>
</context>
<context>
    <name>enkinet::app::Division</name>
    <message>
        <source>%1, open points: %2</source>
        <translation>%1, offene Punkte: %2</translation>
    </message>
    <message>
        <source>No open points.</source>
        <translation>Keine offenen Punkte.</translation>
    </message>
    <message numerus="yes">
        <source>%n open</source>
        <translation>
            <numerusform>%n offen</numerusform>
            <numerusform>%n offen</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::Document</name>
    <message>
        <source>%1 of the %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>Without a name</source>
        <translation>Ohne Namen</translation>
    </message>
    <message>
        <source>%1 was changed from outside since it was opened here.</source>
        <translation>%1 wurde außerhalb geändert, seit es hier geöffnet wurde.</translation>
    </message>
    <message>
        <source>This file was written by a later version: save it under another name.</source>
        <translation>Diese Datei schrieb eine neuere Version: unter anderem Namen speichern.</translation>
    </message>
    <message>
        <source>A bare .json cannot hold the pictures on the sheet: save as .enkinet.</source>
        <translation>Eine bloße .json kann die Bilder auf dem Blatt nicht halten: als .enkinet speichern.</translation>
    </message>
    <message>
        <source>%1 could not be kept beside the file, so nothing was written.</source>
        <translation>%1 konnte neben der Datei nicht aufbewahrt werden, also wurde nichts geschrieben.</translation>
    </message>
    <message>
        <source>%1 is only here</source>
        <translation>%1 ist nur hier</translation>
    </message>
    <message>
        <source>%1 differs</source>
        <translation>%1 ist anders</translation>
    </message>
    <message>
        <source>%1 is only in the file</source>
        <translation>%1 ist nur in der Datei</translation>
    </message>
    <message>
        <source>the stock differs</source>
        <translation>der Vorrat ist anders</translation>
    </message>
    <message>
        <source>the cards differ</source>
        <translation>die Karten sind anders</translation>
    </message>
    <message>
        <source>the paint schemes differ</source>
        <translation>die Farbschemata sind anders</translation>
    </message>
    <message>
        <source>nothing differs that is drawn or counted</source>
        <translation>nichts ist anders, was gezeichnet oder gezählt wird</translation>
    </message>
    <message>
        <source>This file was written by a later version: it is open to look at, and can be saved under another name only.</source>
        <translation>Diese Datei schrieb eine neuere Version: sie ist zum Ansehen offen und kann nur unter anderem Namen gespeichert werden.</translation>
    </message>
    <message>
        <source>This file is open in another window too: what is saved last will stand.</source>
        <translation>Diese Datei ist noch in einem anderen Fenster offen: was zuletzt gespeichert wird, gilt.</translation>
    </message>
    <message>
        <source>work cannot be kept for recovery in %1: save often</source>
        <translation>in %1 kann keine Arbeit zur Wiederherstellung aufbewahrt werden: oft speichern</translation>
    </message>
    <message>
        <source>Cards from %1</source>
        <translation>Karten aus %1</translation>
    </message>
    <message>
        <source>this step can no longer be read from the disk, so the work stays as it is: save it</source>
        <translation>dieser Schritt lässt sich nicht mehr von der Platte lesen, die Arbeit bleibt, wie sie ist: sichern</translation>
    </message>
    <message>
        <source>no wire</source>
        <translation>kein Draht</translation>
    </message>
    <message>
        <source>%1 × %2 mm %3</source>
        <translation>%1 × %2 mm %3</translation>
    </message>
    <message>
        <source>%1: %2, was %3</source>
        <translation>%1: %2, war %3</translation>
    </message>
    <message>
        <source>%1 is no longer there.</source>
        <translation>%1 ist nicht mehr da.</translation>
    </message>
    <message>
        <source>%1 is only for reading: save it under another name.</source>
        <translation>%1 ist nur zum Lesen: unter einem anderen Namen sichern.</translation>
    </message>
</context>
<context>
    <name>enkinet::app::FigureRail</name>
    <message>
        <source>The puppet: what is in hand</source>
        <translation>Die Puppe: was in der Hand liegt</translation>
    </message>
    <message>
        <source>Arrow keys walk from joint to joint, with Ctrl from part to part; V turns the puppet.</source>
        <translation>Pfeiltasten gehen von Gelenk zu Gelenk, mit Strg von Teil zu Teil; V dreht die Puppe.</translation>
    </message>
    <message>
        <source>%1 of bulk of %2</source>
        <translation>%1 Kern von %2</translation>
    </message>
    <message numerus="yes">
        <source>%1 of clay in %n part(s)</source>
        <translation>
            <numerusform>%1 Ton in %n Teil</numerusform>
            <numerusform>%1 Ton in %n Teilen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n step(s), %1 of hands</source>
        <translation>
            <numerusform>%n Schritt, %1 Handarbeit</numerusform>
            <numerusform>%n Schritte, %1 Handarbeit</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, %2, leans up to %3</source>
        <translation>%1, %2, neigt sich bis %3</translation>
    </message>
    <message>
        <source>front: V turns it</source>
        <translation>von vorn: V dreht sie</translation>
    </message>
    <message>
        <source>from its right: V turns it</source>
        <translation>von ihrer rechten Seite: V dreht sie</translation>
    </message>
</context>
<context>
    <name>enkinet::app::Groups</name>
    <message>
        <source>Print</source>
        <translation>Drucken</translation>
    </message>
    <message>
        <source>Cut and twist</source>
        <translation>Schneiden und verdrillen</translation>
    </message>
    <message>
        <source>Bind</source>
        <translation>Binden</translation>
    </message>
    <message>
        <source>Putty</source>
        <translation>Kitt</translation>
    </message>
    <message>
        <source>Bulk</source>
        <translation>Kern</translation>
    </message>
    <message>
        <source>Last look</source>
        <translation>Letzter Blick</translation>
    </message>
    <message>
        <source>Skin</source>
        <translation>Haut</translation>
    </message>
    <message>
        <source>Bake</source>
        <translation>Backen</translation>
    </message>
    <message>
        <source>Set</source>
        <translation>Härten</translation>
    </message>
    <message>
        <source>Paint</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Cover</source>
        <translation>Überzug</translation>
    </message>
    <message>
        <source>Base</source>
        <translation>Grundplatte</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>Anpassen</translation>
    </message>
    <message>
        <source>Sign off</source>
        <translation>Abnahme</translation>
    </message>
</context>
<context>
    <name>enkinet::app::GuideWindow</name>
    <message>
        <source>Guide</source>
        <translation>Anleitung</translation>
    </message>
    <message>
        <source>Look for a word in the guide</source>
        <translation>Ein Wort in der Anleitung suchen</translation>
    </message>
    <message>
        <source>look for …</source>
        <translation>suchen nach …</translation>
    </message>
    <message>
        <source>Pages of the guide</source>
        <translation>Seiten der Anleitung</translation>
    </message>
    <message>
        <source>No guide</source>
        <translation>Keine Anleitung</translation>
    </message>
    <message>
        <source>The guide is not there: %1 is missing.</source>
        <translation>Die Anleitung ist nicht da: %1 fehlt.</translation>
    </message>
    <message>
        <source>No page holds all of these words.</source>
        <translation>Keine Seite enthält alle diese Wörter.</translation>
    </message>
</context>
<context>
    <name>enkinet::app::HandsTab</name>
    <message>
        <source>Clay that went on, by the scales</source>
        <translation>Aufgetragener Ton, nach der Waage</translation>
    </message>
    <message>
        <source>weighed</source>
        <translation>gewogen</translation>
    </message>
    <message>
        <source>Clay for the whole puppet, with a tenth of waste</source>
        <translation>Ton für die ganze Puppe, mit einem Zehntel Verlust</translation>
    </message>
    <message>
        <source>Other clays in stock for one that runs short</source>
        <translation>Andere vorrätige Tone für einen, der knapp wird</translation>
    </message>
    <message>
        <source>Take the marked clay instead</source>
        <translation>Stattdessen den markierten nehmen</translation>
    </message>
    <message>
        <source>Cards from file…</source>
        <translation>Karten aus Datei…</translation>
    </message>
    <message>
        <source>The shop</source>
        <translation>Die Werkstatt</translation>
    </message>
    <message>
        <source>Pairs of spacer strips, in millimetres</source>
        <translation>Paare von Abstandsleisten, in Millimetern</translation>
    </message>
    <message>
        <source>such as 1; 1.5; 3</source>
        <translation>etwa 1; 1,5; 3</translation>
    </message>
    <message>
        <source>Setting of the roller</source>
        <translation>Stufe der Walze</translation>
    </message>
    <message>
        <source>Thickness of the sheet that it rolled</source>
        <translation>Dicke der Platte, die sie walzte</translation>
    </message>
    <message>
        <source>Putty that two hands put on in an hour</source>
        <translation>Kitt, den zwei Hände in einer Stunde auftragen</translation>
    </message>
    <message>
        <source>room</source>
        <translation>Raum</translation>
    </message>
    <message>
        <source>putty an hour</source>
        <translation>Kitt je Stunde</translation>
    </message>
    <message>
        <source>strips, mm</source>
        <translation>Leisten, mm</translation>
    </message>
    <message>
        <source>roller, sheet</source>
        <translation>Walze, Platte</translation>
    </message>
    <message>
        <source>Sheets that the roller made</source>
        <translation>Platten, die die Walze machte</translation>
    </message>
    <message>
        <source>Add this sheet</source>
        <translation>Diese Platte dazu</translation>
    </message>
    <message>
        <source>A sheet of the roller</source>
        <translation>Eine Platte der Walze</translation>
    </message>
    <message>
        <source>Remove marked</source>
        <translation>Markiertes entfernen</translation>
    </message>
    <message>
        <source>Without a sheet of the roller</source>
        <translation>Ohne eine Platte der Walze</translation>
    </message>
    <message>
        <source>%1 of putty an hour</source>
        <translation>%1 Kitt je Stunde</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no thickness: millimetres, parted by semicolons.</source>
        <translation>„%1“ ist keine Dicke: Millimeter, durch Strichpunkte getrennt.</translation>
    </message>
    <message>
        <source>Spacer strips</source>
        <translation>Abstandsleisten</translation>
    </message>
    <message>
        <source>setting %1: %2</source>
        <translation>Stufe %1: %2</translation>
    </message>
    <message>
        <source>By %1 sheets, one step of the roller is %2, each within %3.</source>
        <translation>Nach %1 Platten ist eine Stufe der Walze %2, jede auf %3 genau.</translation>
    </message>
    <message>
        <source>Roll a sheet at two settings or more, measure it, and the roller&apos;s settings are told here.</source>
        <translation>Eine Platte auf zwei oder mehr Stufen walzen und messen, dann stehen hier die Stufen der Walze.</translation>
    </message>
    <message>
        <source>No clay on this part.</source>
        <translation>Kein Ton auf diesem Teil.</translation>
    </message>
    <message>
        <source>Take a ball of %1 across, %2, or %3 cm² rolled to %4; left and right the same.</source>
        <translation>Eine Kugel von %1 nehmen, %2, oder %3 cm² auf %4 gewalzt; links und rechts gleich viel.</translation>
    </message>
    <message>
        <source>Between strips of %1: %2.</source>
        <translation>Zwischen Leisten von %1: %2.</translation>
    </message>
    <message>
        <source> on </source>
        <translation> auf </translation>
    </message>
    <message>
        <source>Roller at %1: %2, give or take %3.</source>
        <translation>Walze auf %1: %2, auf %3 genau.</translation>
    </message>
    <message>
        <source>Roller at %1, %4 sheets on each other: %2, give or take %3.</source>
        <translation>Walze auf %1, %4 Platten aufeinander: %2, auf %3 genau.</translation>
    </message>
    <message>
        <source>It shrinks by %1 %: make every length, extensions and patterns too, %2 times as long.</source>
        <translation>Er schwindet um %1 %: jede Länge, auch Verlängerungen und Schnitte, %2-mal so lang machen.</translation>
    </message>
    <message>
        <source>A free web of it as thick as this bends down to a radius of %1 before it cracks.</source>
        <translation>Eine freie Bahn so dick wie dies biegt sich bis zum Radius %1, ehe sie reißt.</translation>
    </message>
    <message>
        <source>Work it soft in %1 portions of %2 at most.</source>
        <translation>In %1 Portionen von höchstens %2 weich kneten.</translation>
    </message>
    <message>
        <source>Its core saves %1 and %2</source>
        <translation>Sein Kern spart %1 und %2</translation>
    </message>
    <message>
        <source> and %1 in the oven</source>
        <translation> und %1 im Ofen</translation>
    </message>
    <message>
        <source>, against solid clay.</source>
        <translation>, gegen Ton bis innen.</translation>
    </message>
    <message>
        <source>%1: %2 of %3 g there%4</source>
        <translation>%1: %2 von %3 g da%4</translation>
    </message>
    <message>
        <source>; packs to buy: %1</source>
        <translation>; Packungen zu kaufen: %1</translation>
    </message>
    <message>
        <source>No clay in this production.</source>
        <translation>Kein Ton in dieser Produktion.</translation>
    </message>
    <message>
        <source>Instead of %1: %2, %3 of %4 there</source>
        <translation>Statt %1: %2, %3 von %4 da</translation>
    </message>
    <message>
        <source>; another set point: never in one load, never kneaded in</source>
        <translation>; andere Einstellung: nie in einer Ladung, nie untergeknetet</translation>
    </message>
    <message>
        <source>; shrinks differently</source>
        <translation>; schwindet anders</translation>
    </message>
    <message>
        <source>%1 instead of %2</source>
        <translation>%1 statt %2</translation>
    </message>
    <message>
        <source>that is a skin of %1, planned %2; %3 to go</source>
        <translation>das ist eine Haut von %1, geplant %2; noch %3</translation>
    </message>
    <message>
        <source>more than the whole part holds</source>
        <translation>mehr, als das ganze Teil fasst</translation>
    </message>
    <message>
        <source>Cards of clays, bulks, covers, wires</source>
        <translation>Karten von Tonen, Kernen, Überzügen, Drähten</translation>
    </message>
    <message>
        <source>Cards (*.json)</source>
        <translation>Karten (*.json)</translation>
    </message>
    <message>
        <source>Temperature of the shop</source>
        <translation>Temperatur der Werkstatt</translation>
    </message>
    <message>
        <source>The shop at %1</source>
        <translation>Die Werkstatt bei %1</translation>
    </message>
    <message>
        <source>Dries in %1 h at %2 and half damp.</source>
        <translation>Trocknet in %1 h bei %2 und halber Feuchte.</translation>
    </message>
    <message>
        <source>Mix %1 batches of %2 at most, each used up before it sets; hard after %3 h at %4.</source>
        <translation>%1 Ansätze von höchstens %2 mischen, jeder verbraucht, ehe er anzieht; hart nach %3 h bei %4.</translation>
    </message>
    <message>
        <source>Coat %1, %2: a ball of %3 across, %4, or %5 cm² rolled to %6.</source>
        <translation>Lage %1, %2: eine Kugel von %3 Durchmesser, %4, oder %5 cm² auf %6 gerollt.</translation>
    </message>
</context>
<context>
    <name>enkinet::app::HeatView</name>
    <message>
        <source>Minutes at heat of each part, against what its clay stands</source>
        <translation>Heiße Minuten jedes Teils, gegen das, was sein Ton aushält</translation>
    </message>
    <message>
        <source>%1 of %2 min, %3 ×</source>
        <translation>%1 von %2 min, %3 ×</translation>
    </message>
    <message>
        <source>%1, coat %2</source>
        <translation>%1, Lage %2</translation>
    </message>
</context>
<context>
    <name>enkinet::app::LaidLimb</name>
    <message>
        <source>The limb laid out straight, and the joint in hand under a lens</source>
        <translation>Das Glied gerade ausgelegt, das Gelenk in der Hand unter der Lupe</translation>
    </message>
    <message>
        <source>as it is, edge eased</source>
        <translation>wie es ist, Kante gebrochen</translation>
    </message>
    <message>
        <source>as it is, edge hard</source>
        <translation>wie es ist, Kante hart</translation>
    </message>
    <message>
        <source>as it is, no edge</source>
        <translation>wie es ist, keine Kante</translation>
    </message>
    <message>
        <source>hard edge</source>
        <translation>harte Kante</translation>
    </message>
    <message>
        <source>edge eased</source>
        <translation>gebrochene Kante</translation>
    </message>
    <message>
        <source>strands not twisted</source>
        <translation>Stränge nicht verdrillt</translation>
    </message>
    <message>
        <source>%1, left and right</source>
        <translation>%1, links und rechts</translation>
    </message>
    <message>
        <source>no wire</source>
        <translation>kein Draht</translation>
    </message>
    <message>
        <source>%1 wind round what it hangs on</source>
        <translation>%1 um das gewickelt, woran es hängt</translation>
    </message>
    <message>
        <source>0 mm</source>
        <translation>0 mm</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>film that each lasts:</source>
        <translation>Film, den jedes hält:</translation>
    </message>
    <message>
        <source>bent %1</source>
        <translation>gebogen %1</translation>
    </message>
    <message>
        <source>gap %1</source>
        <translation>Spalt %1</translation>
    </message>
    <message>
        <source>Inside the bent %1</source>
        <translation>Im Inneren von %1, gebogen</translation>
    </message>
    <message>
        <source>The wire is stretched %1 % to and fro.</source>
        <translation>Der Draht wird hin und her um %1 % gedehnt.</translation>
    </message>
    <message>
        <source>Each strand is stretched %1 % to and fro.</source>
        <translation>Jeder Strang wird hin und her um %1 % gedehnt.</translation>
    </message>
    <message>
        <source>It breaks first where the stiff end begins.</source>
        <translation>Er bricht zuerst, wo das steife Ende beginnt.</translation>
    </message>
    <message>
        <source>seconds of film that 9 of 10 last; %1 wanted</source>
        <translation>Sekunden Film, die 9 von 10 halten; %1 gewünscht</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>0 in</source>
        <translation>0 in</translation>
    </message>
</context>
<context>
    <name>enkinet::app::LayerStrip</name>
    <message>
        <source>Peel: which layers are drawn</source>
        <translation>Abschälen: welche Schichten gezeichnet sind</translation>
    </message>
    <message>
        <source>Take layers off, outside in (P)</source>
        <translation>Schichten abnehmen, von außen nach innen (P)</translation>
    </message>
    <message>
        <source>paint</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>clay</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>bulk</source>
        <translation>Kern</translation>
    </message>
    <message>
        <source>wire</source>
        <translation>Draht</translation>
    </message>
    <message>
        <source>paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>layers shown, down to</source>
        <translation>Schichten gezeigt, hinab bis</translation>
    </message>
</context>
<context>
    <name>enkinet::app::LayersBench</name>
    <message>
        <source>Cut lengthwise, from the surface down to the wire. Drag a mark to make the skin thinner or thicker there.</source>
        <translation>Längs geschnitten, von der Oberfläche bis zum Draht. Eine Marke ziehen macht die Haut dort dünner oder dicker.</translation>
    </message>
    <message>
        <source>Cut lengthwise, from the surface down to the wire. Bulk ends short of every gap.</source>
        <translation>Längs geschnitten, von der Oberfläche bis zum Draht. Der Kern endet vor jedem Spalt.</translation>
    </message>
    <message>
        <source>Nothing in hand</source>
        <translation>Nichts in der Hand</translation>
    </message>
    <message>
        <source>%1, left and right</source>
        <translation>%1, links und rechts</translation>
    </message>
</context>
<context>
    <name>enkinet::app::LensTab</name>
    <message>
        <source>Spool, and with it the diameter</source>
        <translation>Rolle, und damit der Durchmesser</translation>
    </message>
    <message>
        <source>Edge of the stiff end</source>
        <translation>Kante des steifen Endes</translation>
    </message>
    <message>
        <source>wire</source>
        <translation>Draht</translation>
    </message>
    <message>
        <source>strands</source>
        <translation>Stränge</translation>
    </message>
    <message>
        <source>Number of strands</source>
        <translation>Zahl der Stränge</translation>
    </message>
    <message>
        <source>lay</source>
        <translation>Schlaglänge</translation>
    </message>
    <message>
        <source>Lay: length of one full turn</source>
        <translation>Schlaglänge: Länge einer vollen Windung</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>Spalt</translation>
    </message>
    <message>
        <source>Free gap of wire</source>
        <translation>Freier Spalt des Drahtes</translation>
    </message>
    <message>
        <source>angle</source>
        <translation>Winkel</translation>
    </message>
    <message>
        <source>Bend angle</source>
        <translation>Biegewinkel</translation>
    </message>
    <message>
        <source>edge</source>
        <translation>Kante</translation>
    </message>
    <message>
        <source>Use this wire and gap</source>
        <translation>Diesen Draht und Spalt nehmen</translation>
    </message>
    <message>
        <source>Back to what is</source>
        <translation>Zurück zu dem, was ist</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>hard: bare putty or a crimp</source>
        <translation>hart: blanker Kitt oder Quetschung</translation>
    </message>
    <message>
        <source>eased: taped, wrapped, feathered</source>
        <translation>gebrochen: umklebt, umwickelt, auslaufend</translation>
    </message>
    <message>
        <source>none: bends along its length</source>
        <translation>keine: biegt sich der Länge nach</translation>
    </message>
    <message>
        <source>1</source>
        <translation>1</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source>parallel</source>
        <translation>parallel</translation>
    </message>
    <message>
        <source>tried</source>
        <translation>probiert</translation>
    </message>
    <message>
        <source>is</source>
        <translation>ist</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>gewünscht</translation>
    </message>
    <message>
        <source>holds, N·mm</source>
        <translation>hält, N·mm</translation>
    </message>
    <message>
        <source>≥ %1</source>
        <translation>≥ %1</translation>
    </message>
    <message>
        <source>takes to bend, N</source>
        <translation>braucht zum Biegen, N</translation>
    </message>
    <message>
        <source>≤ %1</source>
        <translation>≤ %1</translation>
    </message>
    <message>
        <source>springs back</source>
        <translation>federt zurück</translation>
    </message>
    <message>
        <source>lasts, s of film</source>
        <translation>hält, s Film</translation>
    </message>
    <message>
        <source>spent by twisting</source>
        <translation>beim Verdrillen verbraucht</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>≤ 50 %</source>
        <translation>≤ 50 %</translation>
    </message>
    <message>
        <source>&lt;b&gt;Too tight:&lt;/b&gt; the outer fibre would stretch by %1 %; no number here is good beyond 20 %. A longer gap, a thinner strand or a smaller angle.</source>
        <translation>&lt;b&gt;Zu eng:&lt;/b&gt; die äußere Faser würde um %1 % gedehnt; über 20 % gilt hier keine Zahl mehr. Ein längerer Spalt, ein dünnerer Strang oder ein kleinerer Winkel.</translation>
    </message>
    <message>
        <source>A hard edge gives %1 s of film here, an eased one %2 s.</source>
        <translation>Eine harte Kante gibt hier %1 s Film, eine gebrochene %2 s.</translation>
    </message>
    <message>
        <source>Last touch (an estimate%1): settled in the direction of its load it holds about %2 N·mm, left the other way about %3. Finish a move by settling the joint along its load.</source>
        <translation>Letzter Griff (eine Schätzung%1): in Richtung seiner Last gesetzt hält es etwa %2 N·mm, andersherum gelassen etwa %3. Eine Bewegung beenden, indem das Gelenk in Lastrichtung gesetzt wird.</translation>
    </message>
    <message>
        <source>, %1 hang tests</source>
        <translation>, %1 Hängeversuche</translation>
    </message>
    <message>
        <source>From the lens: %1, gap %2</source>
        <translation>Aus der Lupe: %1, Spalt %2</translation>
    </message>
    <message>
        <source>Nothing bends in this limb, so there is no joint to look into. Every wire that it could be made of stands under All wires.</source>
        <translation>In diesem Glied biegt sich nichts, also gibt es kein Gelenk anzusehen. Jeder Draht, aus dem es sein könnte, steht unter „Alle Drähte“.</translation>
    </message>
</context>
<context>
    <name>enkinet::app::LifeSizePages</name>
    <message>
        <source>cover patterns</source>
        <translation>Schnitte des Überzugs</translation>
    </message>
    <message>
        <source>Cover, 1:1, back of the cloth up: cut the full line from the back with a blade away from the hand, sew the dashed one; the arrow is the pile</source>
        <translation>Überzug 1:1, Stoffrückseite oben: volle Linie von hinten schneiden, Klinge von der Hand weg; gestrichelte nähen; Pfeil: Flor</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>Larger than this paper, in the SVG and DXF: %1.</source>
        <translation>Größer als dieses Papier, in SVG und DXF: %1.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>front, 1:1</source>
        <translation>von vorn, 1:1</translation>
    </message>
    <message>
        <source>side, 1:1</source>
        <translation>von der Seite, 1:1</translation>
    </message>
    <message>
        <source>%1, tile %2 of %3</source>
        <translation>%1, Blatt %2 von %3</translation>
    </message>
    <message>
        <source>marking strips, 1:1</source>
        <translation>Markierstreifen, 1:1</translation>
    </message>
    <message>
        <source>Marking strips: lay the straight, twisted wire on the line and mark it</source>
        <translation>Markierstreifen: den geraden, verdrillten Draht auf die Linie legen und anzeichnen</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>, twice</source>
        <translation>, zweimal</translation>
    </message>
    <message>
        <source> (part %1 of %2)</source>
        <translation> (Teil %1 von %2)</translation>
    </message>
    <message>
        <source>goes on</source>
        <translation>geht weiter</translation>
    </message>
    <message>
        <source>root end 0</source>
        <translation>Fußende 0</translation>
    </message>
    <message>
        <source>wrap to here %1</source>
        <translation>bis hier wickeln %1</translation>
    </message>
    <message>
        <source>%1 %2, gap %3</source>
        <translation>%1 %2, Spalt %3</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>loop to %1</source>
        <translation>Schlaufe bis %1</translation>
    </message>
    <message>
        <source>into the base to %1</source>
        <translation>in die Grundplatte bis %1</translation>
    </message>
    <message>
        <source>fold %1</source>
        <translation>Faltung %1</translation>
    </message>
    <message>
        <source>strands end %1</source>
        <translation>Stränge enden %1</translation>
    </message>
    <message>
        <source>end %1, of %2 cut</source>
        <translation>Ende %1, von %2 geschnitten</translation>
    </message>
</context>
<context>
    <name>enkinet::app::LimbsTab</name>
    <message>
        <source>Kind of the new limb</source>
        <translation>Art des neuen Gliedes</translation>
    </message>
    <message>
        <source>New limb on one side or both</source>
        <translation>Neues Glied auf einer oder beiden Seiten</translation>
    </message>
    <message>
        <source>once</source>
        <translation>einmal</translation>
    </message>
    <message>
        <source>left and right</source>
        <translation>links und rechts</translation>
    </message>
    <message>
        <source>Mark a limb</source>
        <translation>Ein Glied zeichnen</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Einfügen</translation>
    </message>
    <message>
        <source>Name of the limb</source>
        <translation>Name des Gliedes</translation>
    </message>
    <message>
        <source>Kind of the limb</source>
        <translation>Art des Gliedes</translation>
    </message>
    <message>
        <source>One side or both</source>
        <translation>Eine Seite oder beide</translation>
    </message>
    <message>
        <source>Stiff stretches or a whip</source>
        <translation>Steife Stücke oder frei biegsam</translation>
    </message>
    <message>
        <source>What the limb hangs on</source>
        <translation>Woran das Glied hängt</translation>
    </message>
    <message>
        <source>Length of the segment</source>
        <translation>Länge des Abschnitts</translation>
    </message>
    <message>
        <source>True length of a segment that leans out of the front picture</source>
        <translation>Wahre Länge eines Abschnitts, der aus dem Vorderbild herausragt</translation>
    </message>
    <message>
        <source>Does the point bend</source>
        <translation>Biegt sich der Punkt</translation>
    </message>
    <message>
        <source>Free gap of wire at the joint</source>
        <translation>Freier Spalt des Drahtes am Gelenk</translation>
    </message>
    <message>
        <source>How the tip is held</source>
        <translation>Wie die Spitze gehalten ist</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>sides</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>hangs on</source>
        <translation>hängt an</translation>
    </message>
    <message>
        <source>bends</source>
        <translation>biegt sich</translation>
    </message>
    <message>
        <source>tip</source>
        <translation>Spitze</translation>
    </message>
    <message>
        <source>segment length</source>
        <translation>Abschnittslänge</translation>
    </message>
    <message>
        <source>true length, leaning</source>
        <translation>wahre Länge, geneigt</translation>
    </message>
    <message>
        <source>this point</source>
        <translation>dieser Punkt</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>Spalt</translation>
    </message>
    <message>
        <source>Split the segment</source>
        <translation>Abschnitt teilen</translation>
    </message>
    <message>
        <source>Split a segment</source>
        <translation>Abschnitt teilen</translation>
    </message>
    <message>
        <source>Take the point out</source>
        <translation>Punkt herausnehmen</translation>
    </message>
    <message>
        <source>Join two segments</source>
        <translation>Zwei Abschnitte verbinden</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Rig point here</source>
        <translation>Haltepunkt hier</translation>
    </message>
    <message>
        <source>No rig point</source>
        <translation>Kein Haltepunkt</translation>
    </message>
    <message>
        <source>Rig point</source>
        <translation>Haltepunkt</translation>
    </message>
    <message>
        <source>Add a round mass</source>
        <translation>Rundes Gewicht dazu</translation>
    </message>
    <message>
        <source>a box</source>
        <translation>eine Schachtel</translation>
    </message>
    <message>
        <source>a weighed piece</source>
        <translation>ein gewogenes Stück</translation>
    </message>
    <message>
        <source>Name: %1</source>
        <translation>Name: %1</translation>
    </message>
    <message>
        <source>Kind of a limb</source>
        <translation>Art eines Gliedes</translation>
    </message>
    <message>
        <source>Mirror a limb</source>
        <translation>Ein Glied spiegeln</translation>
    </message>
    <message>
        <source>One side only</source>
        <translation>Nur eine Seite</translation>
    </message>
    <message>
        <source>How a limb bends</source>
        <translation>Wie ein Glied sich biegt</translation>
    </message>
    <message>
        <source>Hang a limb</source>
        <translation>Ein Glied anhängen</translation>
    </message>
    <message>
        <source>Tie-down</source>
        <translation>Verankerung</translation>
    </message>
    <message>
        <source>Length %1</source>
        <translation>Länge %1</translation>
    </message>
    <message>
        <source>True length %1</source>
        <translation>Wahre Länge %1</translation>
    </message>
    <message>
        <source>Let a point bend</source>
        <translation>Einen Punkt biegen lassen</translation>
    </message>
    <message>
        <source>Fix a point</source>
        <translation>Einen Punkt festsetzen</translation>
    </message>
    <message>
        <source>Gap %1</source>
        <translation>Spalt %1</translation>
    </message>
    <message>
        <source>Begin with the spine: mark it from its root to its tip</source>
        <translation>Mit dem Rückgrat beginnen: vom Fuß bis zur Spitze zeichnen</translation>
    </message>
    <message>
        <source>Click a point or a part to change it</source>
        <translation>Einen Punkt oder ein Teil anklicken, um es zu ändern</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>at its joints</source>
        <translation>an seinen Gelenken</translation>
    </message>
    <message>
        <source>as a whip, by its tip</source>
        <translation>frei, von der Spitze her</translation>
    </message>
    <message>
        <source>as a whip, shaped along</source>
        <translation>frei, der Länge nach geformt</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>is free</source>
        <translation>ist frei</translation>
    </message>
    <message>
        <source>12 mm into the base</source>
        <translation>12 mm in die Grundplatte</translation>
    </message>
    <message>
        <source>15 mm into the base</source>
        <translation>15 mm in die Grundplatte</translation>
    </message>
    <message>
        <source>20 mm into the base</source>
        <translation>20 mm in die Grundplatte</translation>
    </message>
    <message>
        <source>select a point</source>
        <translation>einen Punkt auswählen</translation>
    </message>
    <message>
        <source>is fixed</source>
        <translation>ist fest</translation>
    </message>
    <message>
        <source>there is no limb on the clipboard: copy one first</source>
        <translation>noch kein Glied in der Zwischenablage: zuerst eines kopieren</translation>
    </message>
    <message>
        <source>Paste a limb: %1</source>
        <translation>Ein Glied einfügen: %1</translation>
    </message>
    <message>
        <source>Remove a mass</source>
        <translation>Ein Gewicht entfernen</translation>
    </message>
    <message>
        <source>Remove a limb: %1</source>
        <translation>Ein Glied entfernen: %1</translation>
    </message>
    <message>
        <source>Add a mass</source>
        <translation>Ein Gewicht hinzufügen</translation>
    </message>
    <message>
        <source>Hang a limb: its root moves by %1</source>
        <translation>Ein Glied anhängen: sein Fuß rückt um %1</translation>
    </message>
</context>
<context>
    <name>enkinet::app::LimitTable</name>
    <message>
        <source>What is, against what is wanted</source>
        <translation>Was ist, gegen das Gewünschte</translation>
    </message>
    <message>
        <source>Why? A click or Enter tells where a number comes from.</source>
        <translation>Warum? Ein Klick oder die Eingabetaste sagt, woher eine Zahl kommt.</translation>
    </message>
    <message>
        <source>%1 %2, wanted %3%4</source>
        <translation>%1 %2, gewünscht %3%4</translation>
    </message>
    <message>
        <source>: missed</source>
        <translation>: verfehlt</translation>
    </message>
    <message>
        <source>is</source>
        <translation>ist</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>gewünscht</translation>
    </message>
</context>
<context>
    <name>enkinet::app::LongSection</name>
    <message>
        <source>Cut along the limb, from its surface to its wire</source>
        <translation>Längs durch das Glied geschnitten, von der Oberfläche bis zum Draht</translation>
    </message>
    <message>
        <source>mm under the surface; dashed: what its clay wants</source>
        <translation>mm unter der Oberfläche; gestrichelt: was der Ton verlangt</translation>
    </message>
    <message>
        <source>Skin of the %1: %2 at one end</source>
        <translation>Haut von %1: %2 an einem Ende</translation>
    </message>
</context>
<context>
    <name>enkinet::app::MixPlate</name>
    <message>
        <source>the same to the eye</source>
        <translation>für das Auge gleich</translation>
    </message>
    <message>
        <source>hardly to be told apart</source>
        <translation>kaum zu unterscheiden</translation>
    </message>
    <message>
        <source>near</source>
        <translation>nahe</translation>
    </message>
    <message>
        <source>another colour</source>
        <translation>eine andere Farbe</translation>
    </message>
    <message>
        <source>The wanted colour beside the mixture</source>
        <translation>Die gewünschte Farbe neben der Mischung</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>gewünscht</translation>
    </message>
    <message>
        <source>mixed</source>
        <translation>gemischt</translation>
    </message>
</context>
<context>
    <name>enkinet::app::NumberField</name>
    <message>
        <source> in</source>
        <translation> in</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source> g</source>
        <translation> g</translation>
    </message>
    <message>
        <source> %1</source>
        <comment>unit</comment>
        <translation> %1</translation>
    </message>
    <message>
        <source>%1: %2 lies beyond %3 to %4, so %5 was taken</source>
        <translation>%1: %2 liegt außerhalb von %3 bis %4, darum wurde %5 genommen</translation>
    </message>
    <message>
        <source>%1: “%2” is no %3, so %4 stays</source>
        <translation>%1: „%2“ ist keine Angabe wie verlangt (%3), darum bleibt %4</translation>
    </message>
    <message>
        <source>length such as 18 mm, 1.8 cm, 5 1/2 in</source>
        <translation>Länge wie 18 mm, 1,8 cm, 5 1/2 in</translation>
    </message>
    <message>
        <source>temperature such as 130 °C or 265 °F</source>
        <translation>Temperatur wie 130 °C oder 265 °F</translation>
    </message>
    <message>
        <source>angle such as 30°</source>
        <translation>Winkel wie 30°</translation>
    </message>
    <message>
        <source>time such as 20 s or 2 min</source>
        <translation>Zeit wie 20 s oder 2 min</translation>
    </message>
    <message>
        <source>weight such as 12 g or 0.4 oz</source>
        <translation>Gewicht wie 12 g oder 0.4 oz</translation>
    </message>
    <message>
        <source>number</source>
        <translation>Zahl</translation>
    </message>
    <message>
        <source>%1: %2 is no whole number, so %3 was taken</source>
        <translation>%1: %2 ist keine ganze Zahl, also gilt %3</translation>
    </message>
</context>
<context>
    <name>enkinet::app::OvenTab</name>
    <message>
        <source>Nothing here goes into the oven.</source>
        <translation>Hier kommt nichts in den Ofen.</translation>
    </message>
    <message>
        <source>How it is baked</source>
        <translation>Wie gebacken wird</translation>
    </message>
    <message>
        <source>Loads of the oven, in order</source>
        <translation>Ofenladungen, der Reihe nach</translation>
    </message>
    <message>
        <source>New load</source>
        <translation>Neue Ladung</translation>
    </message>
    <message>
        <source>A new load</source>
        <translation>Eine neue Ladung</translation>
    </message>
    <message>
        <source>load %1</source>
        <translation>Ladung %1</translation>
    </message>
    <message>
        <source>Remove load</source>
        <translation>Ladung entfernen</translation>
    </message>
    <message>
        <source>Remove a load</source>
        <translation>Eine Ladung entfernen</translation>
    </message>
    <message>
        <source>Name of the load</source>
        <translation>Name der Ladung</translation>
    </message>
    <message>
        <source>the clay&apos;s own</source>
        <translation>die des Tons</translation>
    </message>
    <message>
        <source>Minutes, 0 for as long as it takes</source>
        <translation>Minuten, 0 für so lange wie nötig</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>as long as it takes</source>
        <translation>so lange wie nötig</translation>
    </message>
    <message>
        <source>What was baked before</source>
        <translation>Was schon gebacken wurde</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>set point</source>
        <translation>Einstellung</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>baked before</source>
        <translation>schon gebacken</translation>
    </message>
    <message>
        <source>What this load cures</source>
        <translation>Was diese Ladung härtet</translation>
    </message>
    <message>
        <source>The oven</source>
        <translation>Der Ofen</translation>
    </message>
    <message>
        <source>Heat spent: minutes at heat, load by load, against what the clay stands</source>
        <translation>Verbrauchte Hitze: heiße Minuten, Ladung für Ladung, gegen das, was der Ton aushält</translation>
    </message>
    <message>
        <source>Last look before the door is shut</source>
        <translation>Letzter Blick, ehe die Tür zugeht</translation>
    </message>
    <message>
        <source>What else goes in</source>
        <translation>Was sonst hineinkommt</translation>
    </message>
    <message>
        <source>Other things in the oven</source>
        <translation>Anderes im Ofen</translation>
    </message>
    <message>
        <source>This oven</source>
        <translation>Dieser Ofen</translation>
    </message>
    <message>
        <source>Does the oven blow</source>
        <translation>Bläst der Ofen</translation>
    </message>
    <message>
        <source>A probe&apos;s log…</source>
        <translation>Protokoll eines Fühlers…</translation>
    </message>
    <message>
        <source>Forget the log</source>
        <translation>Protokoll vergessen</translation>
    </message>
    <message>
        <source>Forget the oven&apos;s log</source>
        <translation>Das Ofenprotokoll vergessen</translation>
    </message>
    <message>
        <source>Name of a load</source>
        <translation>Name einer Ladung</translation>
    </message>
    <message>
        <source>A load of %1 min</source>
        <translation>Eine Ladung von %1 min</translation>
    </message>
    <message>
        <source>What goes in again</source>
        <translation>Was noch einmal hineinkommt</translation>
    </message>
    <message>
        <source>Into the oven: %1</source>
        <translation>In den Ofen: %1</translation>
    </message>
    <message>
        <source>Not into the oven: %1</source>
        <translation>Nicht in den Ofen: %1</translation>
    </message>
    <message>
        <source>The oven blows</source>
        <translation>Der Ofen bläst</translation>
    </message>
    <message>
        <source>The oven&apos;s air is still</source>
        <translation>Die Ofenluft steht</translation>
    </message>
    <message>
        <source>one bake at the end</source>
        <translation>ein Backgang am Ende</translation>
    </message>
    <message>
        <source>a bake for each limb, as it is done</source>
        <translation>ein Backgang je Glied, sobald es fertig ist</translation>
    </message>
    <message>
        <source>my own loads</source>
        <translation>eigene Ladungen</translation>
    </message>
    <message>
        <source>%1: %2 in the oven in all; the %3 spends %4 of %5 min at heat%6.</source>
        <translation>%1: insgesamt %2 im Ofen; %3 verbraucht %4 von %5 heißen min%6.</translation>
    </message>
    <message>
        <source>: too much</source>
        <translation>: zu viel</translation>
    </message>
    <message>
        <source>Once at the end</source>
        <translation>Einmal am Ende</translation>
    </message>
    <message>
        <source>Limb by limb</source>
        <translation>Glied für Glied</translation>
    </message>
    <message>
        <source>Counted from a hot oven: heat it up before anything goes in. The clays&apos; heat is typical, not measured.</source>
        <translation>Ab heißem Ofen gezählt: erst aufheizen, dann hineinlegen. Die Hitze der Tone ist typisch, nicht gemessen.</translation>
    </message>
    <message>
        <source>still air in the oven</source>
        <translation>stehende Luft im Ofen</translation>
    </message>
    <message>
        <source>the oven blows (fan)</source>
        <translation>der Ofen bläst (Umluft)</translation>
    </message>
    <message>
        <source>above</source>
        <translation>über</translation>
    </message>
    <message>
        <source>below</source>
        <translation>unter</translation>
    </message>
    <message>
        <source>No probe has been in it: the dial is taken at its word. Log it once empty, minutes and degrees, and read the log here.</source>
        <translation>Kein Fühler war darin: dem Regler wird geglaubt. Einmal leer aufzeichnen, Minuten und Grad, und das Protokoll hier einlesen.</translation>
    </message>
    <message>
        <source>; they need %1</source>
        <translation>; sie brauchen %1</translation>
    </message>
    <message>
        <source>%1. %2: %3</source>
        <translation>%1. %2: %3</translation>
    </message>
    <message>
        <source>cures nothing yet</source>
        <translation>härtet noch nichts</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>goes in again: it is one piece</source>
        <translation>kommt wieder hinein: es ist ein Stück</translation>
    </message>
    <message>
        <source>stays out: this is a piece by itself</source>
        <translation>bleibt draußen: dies ist ein Stück für sich</translation>
    </message>
    <message>
        <source>, a prop</source>
        <translation>, ein Requisit</translation>
    </message>
    <message>
        <source>everything</source>
        <translation>alles</translation>
    </message>
    <message>
        <source>%1 into this load</source>
        <translation>%1 in diese Ladung</translation>
    </message>
    <message>
        <source>%1 out of this load</source>
        <translation>%1 aus dieser Ladung</translation>
    </message>
    <message>
        <source>Log of a probe in the oven</source>
        <translation>Protokoll eines Fühlers im Ofen</translation>
    </message>
    <message>
        <source>CSV (*.csv)</source>
        <translation>CSV (*.csv)</translation>
    </message>
    <message>
        <source>Oven&apos;s log from %1</source>
        <translation>Ofenprotokoll aus %1</translation>
    </message>
    <message>
        <source>Set point; the lowest stands for the clay&apos;s own</source>
        <translation>Einstellung; die niedrigste steht für die des Tons</translation>
    </message>
    <message>
        <source>A load at %1</source>
        <translation>Eine Ladung bei %1</translation>
    </message>
    <message>
        <source>By %1 readings of a probe this oven runs %2 %3 its dial and swings by %4; it has settled after %5.</source>
        <translation>Nach %1 Ablesungen eines Fühlers läuft dieser Ofen %2 %3 seinem Regler und schwankt um %4; er ruht nach %5.</translation>
    </message>
    <message>
        <source>For %1 dial %2.</source>
        <translation>Für %1 den Regler auf %2.</translation>
    </message>
    <message>
        <source>%1 for %2, cures %3 parts</source>
        <translation>%1 für %2, härtet %3 Teile</translation>
    </message>
    <message>
        <source>%1, stands %2%3; %4</source>
        <translation>%1, hält %2 aus%3; %4</translation>
    </message>
    <message>
        <source>; they are not hot inside within a day</source>
        <translation>; innen werden sie binnen eines Tages nicht heiß</translation>
    </message>
</context>
<context>
    <name>enkinet::app::Page</name>
    <message>
        <source>Open here</source>
        <translation>Hier offen</translation>
    </message>
    <message>
        <source>Open points of this station</source>
        <translation>Offene Punkte dieser Station</translation>
    </message>
    <message>
        <source>Leave as it is: %1</source>
        <translation>Belassen: %1</translation>
    </message>
    <message>
        <source>Take up: %1</source>
        <translation>Aufnehmen: %1</translation>
    </message>
    <message>
        <source>Take it up again</source>
        <translation>Wieder aufnehmen</translation>
    </message>
    <message>
        <source>Leave as it is</source>
        <translation>Belassen</translation>
    </message>
    <message>
        <source>Left as it is: %1</source>
        <translation>Belassen: %1</translation>
    </message>
    <message>
        <source>Open points: %1</source>
        <translation>Offene Punkte: %1</translation>
    </message>
    <message>
        <source>No open points</source>
        <translation>Keine offenen Punkte</translation>
    </message>
    <message>
        <source>Why this point may stay as it is</source>
        <translation>Warum dieser Punkt bleiben darf</translation>
    </message>
    <message>
        <source>because …</source>
        <translation>weil …</translation>
    </message>
    <message>
        <source>Say in a few words why it may stay as it is</source>
        <translation>In ein paar Worten sagen, warum er bleiben darf</translation>
    </message>
    <message>
        <source>Left as it is, because %1: %2</source>
        <translation>Belassen, weil %1: %2</translation>
    </message>
    <message>
        <source>Open points: %1, notes: %2</source>
        <translation>Offene Punkte: %1, Hinweise: %2</translation>
    </message>
    <message>
        <source>No open points, notes: %1</source>
        <translation>Keine offenen Punkte, Hinweise: %1</translation>
    </message>
</context>
<context>
    <name>enkinet::app::PaintPage</name>
    <message>
        <source>Mix a colour from the shelf</source>
        <translation>Eine Farbe aus dem Regal mischen</translation>
    </message>
    <message>
        <source>The wanted colour</source>
        <translation>Die gewünschte Farbe</translation>
    </message>
    <message>
        <source>How much is wanted, in millilitres; of clays in grams</source>
        <translation>Wie viel gewünscht ist, in Millilitern; bei Tonen in Gramm</translation>
    </message>
    <message>
        <source>Recipes, the nearest first</source>
        <translation>Rezepte, das nächste zuerst</translation>
    </message>
    <message>
        <source>Keep it as a paint</source>
        <translation>Als Farbe behalten</translation>
    </message>
    <message>
        <source>only with what is left in the pots</source>
        <translation>nur mit dem, was in den Töpfen ist</translation>
    </message>
    <message>
        <source>of clays, by weight</source>
        <translation>aus Tonen, nach Gewicht</translation>
    </message>
    <message>
        <source>Colour of the real chip once it is dry</source>
        <translation>Farbton des echten Musters, sobald es trocken ist</translation>
    </message>
    <message>
        <source>Paint whose strength the chip tells</source>
        <translation>Farbe, deren Stärke das Muster verrät</translation>
    </message>
    <message>
        <source>Learn from it</source>
        <translation>Daraus lernen</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>gewünscht</translation>
    </message>
    <message>
        <source>ml</source>
        <translation>ml</translation>
    </message>
    <message>
        <source>dried chip</source>
        <translation>getrocknetes Muster</translation>
    </message>
    <message>
        <source>strength of</source>
        <translation>Stärke von</translation>
    </message>
    <message>
        <source>g</source>
        <translation>g</translation>
    </message>
    <message>
        <source>“%1” is no amount: type a number above 0</source>
        <translation>„%1“ ist keine Menge: eine Zahl über 0 tippen</translation>
    </message>
    <message>
        <source>“%1” is no colour: write it as #c98b6a</source>
        <translation>„%1“ ist kein Farbton: als #c98b6a schreiben</translation>
    </message>
    <message>
        <source>No two clays of this part&apos;s kind have a colour on their cards</source>
        <translation>Keine zwei Tone von der Art dieses Teils haben einen Farbton auf ihren Karten</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>parts, paint</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>%1; ΔE %2</source>
        <translation>%1; ΔE %2</translation>
    </message>
    <message>
        <source>The pots do not hold enough for %1 ml of any mixture</source>
        <translation>In den Töpfen ist nicht genug für %1 ml irgendeiner Mischung</translation>
    </message>
    <message>
        <source>%1, %2 g</source>
        <translation>%1, %2 g</translation>
    </message>
    <message>
        <source>%1, %2 ml</source>
        <translation>%1, %2 ml</translation>
    </message>
    <message>
        <source>; one part more of %1 brings it to %2</source>
        <translation>; ein Teil mehr %1 bringt sie auf %2</translation>
    </message>
    <message>
        <source>; of equal strength until a baked chip says otherwise</source>
        <translation>; gleich stark, bis ein gebackenes Muster anderes sagt</translation>
    </message>
    <message>
        <source>No strength of %1 gives that colour (ΔE %2 is left): lay the chip thick over white and look again, or take another paint</source>
        <translation>Keine Stärke von %1 ergibt diesen Farbton (ΔE %2 bleibt): das Muster dick über Weiß legen und noch einmal ansehen, oder eine andere Farbe nehmen</translation>
    </message>
    <message>
        <source>Strength of %1: %2</source>
        <translation>Stärke von %1: %2</translation>
    </message>
    <message>
        <source>%1 colours %2 times as strongly as its share says, not %3 times. Recipes are looked for anew.</source>
        <translation>%1 färbt %2-mal so stark, wie sein Anteil sagt, nicht %3-mal. Rezepte werden neu gesucht.</translation>
    </message>
    <message>
        <source>mixed %1</source>
        <translation>%1, gemischt</translation>
    </message>
    <message>
        <source>Keep a mixture: %1</source>
        <translation>Eine Mischung behalten: %1</translation>
    </message>
    <message>
        <source>Paint scheme of this part</source>
        <translation>Farbschema dieses Teils</translation>
    </message>
    <message>
        <source>scheme</source>
        <translation>Schema</translation>
    </message>
    <message>
        <source>Coat by coat on what lies below: each leaves a step of it bare, as on a chip.</source>
        <translation>Schicht für Schicht auf dem, was darunterliegt: jede lässt eine Stufe davon frei, wie auf einem Muster.</translation>
    </message>
    <message>
        <source>Paint for the whole puppet</source>
        <translation>Farbe für die ganze Puppe</translation>
    </message>
    <message>
        <source>Paint of %1</source>
        <translation>Farbe von %1</translation>
    </message>
    <message>
        <source>Coats of this scheme, the first at the top</source>
        <translation>Schichten dieses Schemas, die erste oben</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Früher</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Später</translation>
    </message>
    <message>
        <source>Leave out</source>
        <translation>Weglassen</translation>
    </message>
    <message>
        <source>New scheme</source>
        <translation>Neues Schema</translation>
    </message>
    <message>
        <source>Throw away</source>
        <translation>Wegwerfen</translation>
    </message>
    <message>
        <source>Name of the scheme</source>
        <translation>Name des Schemas</translation>
    </message>
    <message>
        <source>What the coat is for</source>
        <translation>Wofür die Schicht ist</translation>
    </message>
    <message>
        <source>Paint of the coat</source>
        <translation>Farbe der Schicht</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Coats after a school, in this part&apos;s colour</source>
        <translation>Schichten nach einer Schule, im Farbton dieses Teils</translation>
    </message>
    <message>
        <source>coats after …</source>
        <translation>Schichten nach …</translation>
    </message>
    <message>
        <source>wash and dry brush</source>
        <translation>Lasur und Trockenbürste</translation>
    </message>
    <message>
        <source>out of the dark</source>
        <translation>aus dem Dunkeln</translation>
    </message>
    <message>
        <source>oil over acrylic</source>
        <translation>Öl über Acryl</translation>
    </message>
    <message>
        <source>sheen on coloured clay</source>
        <translation>Schimmer auf farbigem Ton</translation>
    </message>
    <message>
        <source>Throw away: %1</source>
        <translation>Wegwerfen: %1</translation>
    </message>
    <message>
        <source>Name of the scheme: %1</source>
        <translation>Name des Schemas: %1</translation>
    </message>
    <message>
        <source>Leave out a coat</source>
        <translation>Eine Schicht weglassen</translation>
    </message>
    <message>
        <source>Add a coat</source>
        <translation>Eine Schicht hinzufügen</translation>
    </message>
    <message>
        <source>A coat earlier</source>
        <translation>Eine Schicht früher</translation>
    </message>
    <message>
        <source>A coat later</source>
        <translation>Eine Schicht später</translation>
    </message>
    <message>
        <source>paint of the %1</source>
        <translation>Farbe von %1</translation>
    </message>
    <message>
        <source>New scheme: %1</source>
        <translation>Neues Schema: %1</translation>
    </message>
    <message>
        <source>Coats after a school</source>
        <translation>Schichten nach einer Schule</translation>
    </message>
    <message>
        <source>New scheme like it</source>
        <translation>Neues Schema wie dieses</translation>
    </message>
    <message>
        <source>%1 %2: %3</source>
        <translation>%1 %2: %3</translation>
    </message>
    <message>
        <source>%1 does not hold on %2.</source>
        <translation>%1 haftet nicht auf %2.</translation>
    </message>
    <message>
        <source>Paint of the %1</source>
        <translation>Farbe von %1</translation>
    </message>
    <message>
        <source>Paints for the shelf</source>
        <translation>Farben fürs Regal</translation>
    </message>
    <message>
        <source>not painted</source>
        <translation>nicht bemalt</translation>
    </message>
    <message>
        <source>the bare part</source>
        <translation>das blanke Teil</translation>
    </message>
    <message>
        <source>%1 cm² with its folds. %2 until the clay no longer shows. %3</source>
        <translation>%1 cm² mit den Falten. %2, bis der Ton nicht mehr durchscheint. %3</translation>
    </message>
    <message>
        <source>One coat</source>
        <translation>Eine Schicht</translation>
    </message>
    <message>
        <source>%1 coats</source>
        <translation>%1 Schichten</translation>
    </message>
    <message>
        <source>No paint on this part.</source>
        <translation>Keine Farbe auf diesem Teil.</translation>
    </message>
    <message>
        <source>Not painted: %1 covers it.</source>
        <translation>Nicht bemalt: %1 bedeckt es.</translation>
    </message>
    <message>
        <source>%1: %2 of %3 ml there%4</source>
        <translation>%1: %2 von %3 ml da%4</translation>
    </message>
    <message>
        <source>; pots to buy: %1</source>
        <translation>; Töpfe zu kaufen: %1</translation>
    </message>
    <message>
        <source>No paint in this production.</source>
        <translation>Keine Farbe in dieser Produktion.</translation>
    </message>
    <message>
        <source>Paints from a photograph</source>
        <translation>Farben aus einem Foto</translation>
    </message>
    <message>
        <source>Open a photograph…</source>
        <translation>Ein Foto öffnen…</translation>
    </message>
    <message>
        <source>Another card</source>
        <translation>Eine andere Karte</translation>
    </message>
    <message>
        <source>Put it away</source>
        <translation>Weglegen</translation>
    </message>
    <message>
        <source>Put it on the shelf</source>
        <translation>Ins Regal stellen</translation>
    </message>
    <message>
        <source>Name of the paint</source>
        <translation>Name der Farbe</translation>
    </message>
    <message>
        <source>as on its pot</source>
        <translation>wie auf dem Topf</translation>
    </message>
    <message>
        <source>How much of what lies below one coat hides, per cent</source>
        <translation>Wie viel eine Schicht vom Darunterliegenden verdeckt, Prozent</translation>
    </message>
    <message>
        <source>Millilitres that there are</source>
        <translation>Vorhandene Milliliter</translation>
    </message>
    <message>
        <source>Dabs of your paints, dried, beside an 18 % grey card in daylight without glare: the card tells what the light did. A colour from a photograph is an estimate until a chip is tried.</source>
        <translation>Kleckse Ihrer Farben, getrocknet, neben einer Graukarte von 18 % in blendfreiem Tageslicht: die Karte sagt, was das Licht tat. Ein Farbton aus einem Foto ist eine Schätzung, bis ein Muster probiert ist.</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>hides, %</source>
        <translation>verdeckt, %</translation>
    </message>
    <message>
        <source>Photograph of paints with a grey card</source>
        <translation>Foto von Farben mit einer Graukarte</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg)</source>
        <translation>Bilder (*.png *.jpg *.jpeg)</translation>
    </message>
    <message>
        <source>Picked: %1</source>
        <translation>Aufgenommen: %1</translation>
    </message>
    <message>
        <source>The card is known. Point at a paint.</source>
        <translation>Die Karte ist bekannt. Auf eine Farbe zeigen.</translation>
    </message>
    <message>
        <source>Point at the card.</source>
        <translation>Auf die Karte zeigen.</translation>
    </message>
    <message>
        <source>A paint wants a name, how much it hides (1 to 99 %) and its millilitres</source>
        <translation>Eine Farbe braucht einen Namen, wie viel sie verdeckt (1 bis 99 %) und ihre Milliliter</translation>
    </message>
    <message>
        <source>picked from a photograph</source>
        <translation>aus einem Foto aufgenommen</translation>
    </message>
    <message>
        <source>Paint from a photograph: %1</source>
        <translation>Farbe aus einem Foto: %1</translation>
    </message>
    <message>
        <source>How much of this wash or dry brush</source>
        <translation>Wie viel von dieser Lasur oder Trockenbürste</translation>
    </message>
    <message>
        <source>Where the coat in hand goes</source>
        <translation>Wohin die Schicht in der Hand kommt</translation>
    </message>
    <message>
        <source>The stretch begins, in per cent from the root</source>
        <translation>Das Stück beginnt, in Prozent vom Ansatz</translation>
    </message>
    <message>
        <source>The stretch ends, in per cent from the root</source>
        <translation>Das Stück endet, in Prozent vom Ansatz</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>this coat goes</source>
        <translation>diese Schicht kommt</translation>
    </message>
    <message>
        <source>What the surface is like</source>
        <translation>Wie die Oberfläche ist</translation>
    </message>
    <message>
        <source>Texture</source>
        <translation>Textur</translation>
    </message>
    <message>
        <source>How deep the texture is</source>
        <translation>Wie tief die Textur ist</translation>
    </message>
    <message>
        <source>How far apart it repeats</source>
        <translation>In welchem Abstand sie sich wiederholt</translation>
    </message>
    <message>
        <source>texture</source>
        <translation>Textur</translation>
    </message>
    <message>
        <source>deep</source>
        <translation>tief</translation>
    </message>
    <message>
        <source>every</source>
        <translation>alle</translation>
    </message>
    <message>
        <source>How much: %1</source>
        <translation>Wie viel: %1</translation>
    </message>
    <message>
        <source>Where a coat goes</source>
        <translation>Wohin eine Schicht kommt</translation>
    </message>
    <message>
        <source>Texture of the surface</source>
        <translation>Textur der Oberfläche</translation>
    </message>
    <message>
        <source>Depth of the texture</source>
        <translation>Tiefe der Textur</translation>
    </message>
    <message>
        <source>Pitch of the texture</source>
        <translation>Abstand der Textur</translation>
    </message>
    <message>
        <source>No clay at hand takes fewer.</source>
        <translation>Kein vorhandener Ton braucht weniger.</translation>
    </message>
    <message numerus="yes">
        <source>%n coat(s) on %1, %2 less to dry.</source>
        <translation>
            <numerusform>%n Schicht auf %1, %2 weniger zu trocknen.</numerusform>
            <numerusform>%n Schichten auf %1, %2 weniger zu trocknen.</numerusform>
        </translation>
    </message>
    <message>
        <source>everywhere</source>
        <translation>überall</translation>
    </message>
    <message>
        <source>in front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>at the back</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>on a stretch</source>
        <translation>auf ein Stück</translation>
    </message>
    <message>
        <source>in the recesses</source>
        <translation>in die Vertiefungen</translation>
    </message>
    <message>
        <source>on the ridges</source>
        <translation>auf die Grate</translation>
    </message>
    <message>
        <source>on what sits there</source>
        <translation>auf das, was dort sitzt</translation>
    </message>
    <message>
        <source>%1: %2 times the usual</source>
        <translation>%1: %2-mal so viel wie üblich</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>glatt</translation>
    </message>
    <message>
        <source>folds</source>
        <translation>Falten</translation>
    </message>
    <message>
        <source>scales</source>
        <translation>Schuppen</translation>
    </message>
    <message>
        <source>hair</source>
        <translation>Haar</translation>
    </message>
    <message>
        <source>pores</source>
        <translation>Poren</translation>
    </message>
    <message>
        <source>%1 (ΔE %2 by the table, until a chip is dry)</source>
        <translation>%1 (ΔE %2 nach der Tabelle, bis eine Probe trocken ist)</translation>
    </message>
</context>
<context>
    <name>enkinet::app::PatternView</name>
    <message>
        <source>Flat pattern on the back of the cloth</source>
        <translation>Flacher Schnitt auf der Rückseite des Stoffs</translation>
    </message>
    <message>
        <source>%1; line: seam, dashed: cut, arrow: pile</source>
        <translation>%1; Linie: Naht, gestrichelt: Schnitt, Pfeil: Flor</translation>
    </message>
</context>
<context>
    <name>enkinet::app::PhotoPick</name>
    <message>
        <source>Photograph to pick colours from</source>
        <translation>Foto, aus dem Farben aufgenommen werden</translation>
    </message>
    <message>
        <source>Arrow keys move the cross, with Shift further; Enter picks.</source>
        <translation>Pfeiltasten bewegen das Kreuz, mit Umschalt weiter; Eingabe nimmt auf.</translation>
    </message>
    <message>
        <source>Point at a paint, dried, in the same light as the card.</source>
        <translation>Auf eine Farbe zeigen, getrocknet, im selben Licht wie die Karte.</translation>
    </message>
    <message>
        <source>Point at the grey card first (18 % grey).</source>
        <translation>Zuerst auf die Graukarte zeigen (18 % Grau).</translation>
    </message>
    <message>
        <source>card</source>
        <translation>Karte</translation>
    </message>
    <message>
        <source>paint</source>
        <translation>Farbe</translation>
    </message>
</context>
<context>
    <name>enkinet::app::PicturesTab</name>
    <message>
        <source>Lay a front and a side picture on the sheet: by file, drop or paste. Front alone will do; then every depth is a guess.</source>
        <translation>Ein Vorder- und ein Seitenbild aufs Blatt legen: als Datei, durch Ablegen oder Einfügen. Das Vorderbild allein genügt; dann ist jede Tiefe geraten.</translation>
    </message>
    <message>
        <source>Front…</source>
        <translation>Von vorn…</translation>
    </message>
    <message>
        <source>Side…</source>
        <translation>Von der Seite…</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Einfügen</translation>
    </message>
    <message>
        <source>Pictures on the sheet</source>
        <translation>Bilder auf dem Blatt</translation>
    </message>
    <message>
        <source>Move</source>
        <translation>Bewegen</translation>
    </message>
    <message>
        <source>Fit the height</source>
        <translation>Höhe anpassen</translation>
    </message>
    <message>
        <source>Take away</source>
        <translation>Wegnehmen</translation>
    </message>
    <message>
        <source>Take a picture away</source>
        <translation>Ein Bild wegnehmen</translation>
    </message>
    <message>
        <source>True distance between two points</source>
        <translation>Wahrer Abstand zweier Punkte</translation>
    </message>
    <message>
        <source>Scale by two points</source>
        <translation>Maßstab durch zwei Punkte</translation>
    </message>
    <message>
        <source>true distance</source>
        <translation>wahrer Abstand</translation>
    </message>
    <message>
        <source>Turn of the picture</source>
        <translation>Drehung des Bildes</translation>
    </message>
    <message>
        <source>turned by</source>
        <translation>gedreht um</translation>
    </message>
    <message>
        <source>Strength of the picture</source>
        <translation>Stärke des Bildes</translation>
    </message>
    <message>
        <source>strength</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>Cut away on the left, per cent</source>
        <translation>Links weggeschnitten, Prozent</translation>
    </message>
    <message>
        <source>Cut away on the right, per cent</source>
        <translation>Rechts weggeschnitten, Prozent</translation>
    </message>
    <message>
        <source>Cut away above, per cent</source>
        <translation>Oben weggeschnitten, Prozent</translation>
    </message>
    <message>
        <source>Cut away below, per cent</source>
        <translation>Unten weggeschnitten, Prozent</translation>
    </message>
    <message>
        <source>cut away, %: left, top, right, bottom</source>
        <translation>weggeschnitten, %: links, oben, rechts, unten</translation>
    </message>
    <message>
        <source>Widths from the picture</source>
        <translation>Breiten aus dem Bild</translation>
    </message>
    <message>
        <source>Darker than this is figure</source>
        <translation>Dunkler als dies ist Figur</translation>
    </message>
    <message>
        <source>figure is darker than</source>
        <translation>Figur ist dunkler als</translation>
    </message>
    <message>
        <source>The figure as it is read</source>
        <translation>Die Figur, wie sie gelesen wird</translation>
    </message>
    <message>
        <source>Read widths of the selected part, or of all</source>
        <translation>Breiten des gewählten Teils lesen, oder aller</translation>
    </message>
    <message>
        <source>Smooth the widths</source>
        <translation>Breiten glätten</translation>
    </message>
    <message>
        <source>Turn the picture</source>
        <translation>Bild drehen</translation>
    </message>
    <message>
        <source>Dim the picture</source>
        <translation>Bild abdunkeln</translation>
    </message>
    <message>
        <source>Crop the picture</source>
        <translation>Bild zuschneiden</translation>
    </message>
    <message>
        <source>side</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Picture %1</source>
        <translation>Bild %1</translation>
    </message>
    <message>
        <source>Side picture</source>
        <translation>Seitenbild</translation>
    </message>
    <message>
        <source>Front picture</source>
        <translation>Vorderbild</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.svg)</source>
        <translation>Bilder (*.png *.jpg *.jpeg *.svg)</translation>
    </message>
    <message>
        <source>there is no picture on the clipboard</source>
        <translation>kein Bild in der Zwischenablage</translation>
    </message>
    <message>
        <source>no figure can be told from its ground in this picture</source>
        <translation>in diesem Bild ist keine Figur von ihrem Grund zu unterscheiden</translation>
    </message>
    <message>
        <source>Fit the picture to %1</source>
        <translation>Bild an %1 anpassen</translation>
    </message>
    <message>
        <source>there is no picture on the sheet to read widths from</source>
        <translation>auf dem Blatt liegt kein Bild, aus dem Breiten zu lesen sind</translation>
    </message>
    <message>
        <source>no part&apos;s bone lies on the figure of a picture</source>
        <translation>der Knochen keines Teils liegt auf der Figur eines Bildes</translation>
    </message>
    <message>
        <source>Places whose width wants an eye</source>
        <translation>Stellen, deren Breite ein Auge braucht</translation>
    </message>
    <message>
        <source>%1, %2 % along, from the side</source>
        <translation>%1, %2 % entlang, von der Seite</translation>
    </message>
    <message>
        <source>%1, %2 % along, from the front</source>
        <translation>%1, %2 % entlang, von vorn</translation>
    </message>
    <message>
        <source>its bone lies beside the figure</source>
        <translation>der Knochen liegt neben der Figur</translation>
    </message>
    <message>
        <source>no edge within a third of the height</source>
        <translation>keine Kante innerhalb eines Drittels der Höhe</translation>
    </message>
    <message>
        <source>something else lies close by</source>
        <translation>dicht daneben liegt etwas anderes</translation>
    </message>
    <message>
        <source>cut off where %1 begins</source>
        <translation>abgeschnitten, wo %1 beginnt</translation>
    </message>
    <message numerus="yes">
        <source>Widths of %n part(s) read, none of them in doubt.</source>
        <translation>
            <numerusform>Breiten von %n Teil gelesen, keine zweifelhaft.</numerusform>
            <numerusform>Breiten von %n Teilen gelesen, keine zweifelhaft.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Widths of %n part(s) read. Look at these places and drag their edges:</source>
        <translation>
            <numerusform>Breiten von %n Teil gelesen. Diese Stellen ansehen und ihre Kanten ziehen:</numerusform>
            <numerusform>Breiten von %n Teilen gelesen. Diese Stellen ansehen und ihre Kanten ziehen:</numerusform>
        </translation>
    </message>
    <message>
        <source>From where this picture was drawn or taken</source>
        <translation>Von wo dieses Bild gezeichnet oder aufgenommen ist</translation>
    </message>
    <message>
        <source>seen from</source>
        <translation>gesehen von</translation>
    </message>
    <message>
        <source>Seen from</source>
        <translation>Gesehen von</translation>
    </message>
    <message>
        <source>Which picture shows what</source>
        <translation>Welches Bild was zeigt</translation>
    </message>
    <message>
        <source>Parts by side, with the picture that shows each</source>
        <translation>Teile nach Seiten, mit dem Bild, das jedes zeigt</translation>
    </message>
    <message>
        <source>behind</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>below</source>
        <translation>unter</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nie</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source>%1. %2: %3, %4 mm a pixel</source>
        <translation>%1. %2: %3, %4 mm je Bildpunkt</translation>
    </message>
</context>
<context>
    <name>enkinet::app::PlanDays</name>
    <message>
        <source>The days: what is done when</source>
        <translation>Die Tage: was wann getan wird</translation>
    </message>
    <message>
        <source>%1 for “%2”</source>
        <translation>%1 für „%2“</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>%1 waits for %2 (%3)</source>
        <translation>%1 wartet auf %2 (%3)</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>; and so on</source>
        <translation>; und so weiter</translation>
    </message>
    <message>
        <source>What has begun stays where it is</source>
        <translation>Was begonnen ist, bleibt, wo es ist</translation>
    </message>
    <message>
        <source>Nothing stands before it</source>
        <translation>Nichts steht davor</translation>
    </message>
    <message>
        <source>before %1</source>
        <translation>vor %1</translation>
    </message>
    <message>
        <source>from %1 on</source>
        <translation>ab %1</translation>
    </message>
    <message>
        <source>%1: %2
%3 to %4
Drag it, or Alt with the arrows, to move it.</source>
        <translation>%1: %2
%3 bis %4
Zum Verschieben ziehen, oder Alt mit den Pfeilen.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message numerus="yes">
        <source>, %n more</source>
        <translation>
            <numerusform>, noch %n</numerusform>
            <numerusform>, noch %n</numerusform>
        </translation>
    </message>
    <message>
        <source>oven %1</source>
        <translation>Ofen %1</translation>
    </message>
    <message>
        <source>%1 dries</source>
        <translation>%1 trocknet</translation>
    </message>
    <message>
        <source>%1 sets</source>
        <translation>%1 härtet</translation>
    </message>
    <message>
        <source>today</source>
        <translation>heute</translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>und noch %n</numerusform>
            <numerusform>und noch %n</numerusform>
        </translation>
    </message>
    <message>
        <source>The days</source>
        <translation>Die Tage</translation>
    </message>
    <message>
        <source>Working the days out …</source>
        <translation>Die Tage werden berechnet …</translation>
    </message>
    <message>
        <source>The open hours do not suffice: open more days, or longer ones, in the settings.</source>
        <translation>Die offenen Stunden genügen nicht: in den Einstellungen mehr oder längere Tage öffnen.</translation>
    </message>
    <message numerus="yes">
        <source>%1 of work for %n puppets. Work stands on the line, what dries or bakes hangs from it.</source>
        <translation>
            <numerusform>%1 Arbeit für %n Puppe. Arbeit steht auf der Linie, was trocknet oder bäckt, hängt daran.</numerusform>
            <numerusform>%1 Arbeit für %n Puppen. Arbeit steht auf der Linie, was trocknet oder bäckt, hängt daran.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::PlanJob</name>
    <message>
        <source>%1 %2</source>
        <comment>puppet, copy</comment>
        <translation>%1 %2</translation>
    </message>
</context>
<context>
    <name>enkinet::app::PlanPage</name>
    <message>
        <source>Your own order</source>
        <translation>Ihre eigene Reihenfolge</translation>
    </message>
    <message>
        <source>The step that it is to come before</source>
        <translation>Der Schritt, vor den er kommen soll</translation>
    </message>
    <message>
        <source>Keep this order</source>
        <translation>Diese Reihenfolge behalten</translation>
    </message>
    <message>
        <source>Orders of your own</source>
        <translation>Eigene Reihenfolgen</translation>
    </message>
    <message>
        <source>Take it back</source>
        <translation>Zurücknehmen</translation>
    </message>
    <message>
        <source>Whose clay goes on first</source>
        <translation>Wessen Ton zuerst aufgetragen wird</translation>
    </message>
    <message>
        <source>as it falls</source>
        <translation>wie es sich ergibt</translation>
    </message>
    <message>
        <source>the head</source>
        <translation>Kopf</translation>
    </message>
    <message>
        <source>the feet</source>
        <translation>Füße</translation>
    </message>
    <message>
        <source>the body</source>
        <translation>Körper</translation>
    </message>
    <message>
        <source>When the base is drilled</source>
        <translation>Wann die Grundplatte gebohrt wird</translation>
    </message>
    <message>
        <source>first</source>
        <translation>zuerst</translation>
    </message>
    <message>
        <source>last</source>
        <translation>zuletzt</translation>
    </message>
    <message>
        <source>clay begins with</source>
        <translation>Ton beginnt mit</translation>
    </message>
    <message>
        <source>the base</source>
        <translation>die Grundplatte</translation>
    </message>
    <message>
        <source>Order of the work</source>
        <translation>Reihenfolge der Arbeit</translation>
    </message>
    <message>
        <source>Take back a move</source>
        <translation>Eine Verschiebung zurücknehmen</translation>
    </message>
    <message>
        <source>Take back an order of steps</source>
        <translation>Eine Reihenfolge zurücknehmen</translation>
    </message>
    <message>
        <source>%1, before:</source>
        <translation>%1, vor:</translation>
    </message>
    <message>
        <source>Take a step of %1 in hand, or the puppet of the step that is in hand.</source>
        <translation>Einen Schritt von %1 in die Hand nehmen, oder die Puppe des Schritts, der in der Hand liegt.</translation>
    </message>
    <message>
        <source>a step that this design no longer has</source>
        <translation>ein Schritt, den dieser Entwurf nicht mehr hat</translation>
    </message>
    <message>
        <source>%1 before %2: contradicts the rest now, so it is not kept</source>
        <translation>%1 vor %2: widerspricht jetzt dem Übrigen und gilt deshalb nicht</translation>
    </message>
    <message>
        <source>%1 before %2</source>
        <translation>%1 vor %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 not before %2</source>
        <translation>%1 nicht vor %2</translation>
    </message>
    <message>
        <source>%1: contradicts the rest now, so it is not kept</source>
        <translation>%1: widerspricht jetzt dem Übrigen und gilt deshalb nicht</translation>
    </message>
    <message>
        <source>%1 waits for %2 (%3)</source>
        <translation>%1 wartet auf %2 (%3)</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>This step was not moved</source>
        <translation>Dieser Schritt war nicht verschoben</translation>
    </message>
    <message>
        <source>The days, to be scrolled</source>
        <translation>Die Tage, zum Rollen</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>Skip</source>
        <translation>Auslassen</translation>
    </message>
    <message>
        <source>Large</source>
        <translation>Groß</translation>
    </message>
    <message>
        <source>The step in hand, to be read from two metres</source>
        <translation>Der Schritt in der Hand, aus zwei Metern zu lesen</translation>
    </message>
    <message>
        <source>Diary</source>
        <translation>Werkbuch</translation>
    </message>
    <message>
        <source>Weight of the piece in grams</source>
        <translation>Gewicht des Stücks in Gramm</translation>
    </message>
    <message>
        <source>What should be done otherwise next time; it is shown at this step again</source>
        <translation>Was nächstes Mal anders werden soll; es steht dann wieder bei diesem Schritt</translation>
    </message>
    <message>
        <source>for next time …</source>
        <translation>fürs nächste Mal …</translation>
    </message>
    <message>
        <source>The last look, to be ticked</source>
        <translation>Der letzte Blick, zum Abhaken</translation>
    </message>
    <message>
        <source>Steps in order</source>
        <translation>Schritte der Reihe nach</translation>
    </message>
    <message>
        <source>What would make the deadlines hold</source>
        <translation>Womit die Termine zu halten wären</translation>
    </message>
    <message>
        <source>Apply</source>
        <translation>Anwenden</translation>
    </message>
    <message>
        <source>weighed, g</source>
        <translation>gewogen, g</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>All steps</source>
        <translation>Alle Schritte</translation>
    </message>
    <message>
        <source>What the whole production takes</source>
        <translation>Was die ganze Produktion braucht</translation>
    </message>
    <message>
        <source>The scale says %1</source>
        <translation>Die Waage sagt %1</translation>
    </message>
    <message>
        <source>Written down: %1</source>
        <translation>Aufgeschrieben: %1</translation>
    </message>
    <message>
        <source>Written down with a picture: %1</source>
        <translation>Mit Bild aufgeschrieben: %1</translation>
    </message>
    <message>
        <source>%1  %2: %3</source>
        <translation>%1  %2: %3</translation>
    </message>
    <message>
        <source>on the scale: %1</source>
        <translation>auf der Waage: %1</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>No steps yet</source>
        <translation>Noch keine Schritte</translation>
    </message>
    <message>
        <source>The open hours do not suffice.</source>
        <translation>Die offenen Stunden genügen nicht.</translation>
    </message>
    <message>
        <source>Mark a limb at Sheet, and its steps stand here.</source>
        <translation>Auf dem Blatt ein Glied zeichnen, dann stehen hier seine Schritte.</translation>
    </message>
    <message>
        <source>%1 is late by %2: done %3.</source>
        <translation>%1 ist um %2 zu spät: fertig %3.</translation>
    </message>
    <message>
        <source>%1 is late for “%2” by %3: done %4.</source>
        <translation>%1 ist für „%2“ um %3 zu spät: fertig %4.</translation>
    </message>
    <message>
        <source>All deadlines hold in %1 of 100 such builds.</source>
        <translation>In %1 von 100 solchen Bauten halten alle Termine.</translation>
    </message>
    <message>
        <source>All done %1; no order is better.</source>
        <translation>Alles fertig %1; keine Reihenfolge ist besser.</translation>
    </message>
    <message>
        <source>All done %1, within %2 % of the best possible%3.</source>
        <translation>Alles fertig %1, auf %2 % am Bestmöglichen%3.</translation>
    </message>
    <message>
        <source>; looking on</source>
        <translation>; sucht weiter</translation>
    </message>
    <message>
        <source>%1, step %2 of %3</source>
        <translation>%1, Schritt %2 von %3</translation>
    </message>
    <message>
        <source>late</source>
        <translation>zu spät</translation>
    </message>
    <message>
        <source>planned %1</source>
        <translation>geplant %1</translation>
    </message>
    <message>
        <source>Start</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>Due now: %1</source>
        <translation>Jetzt fällig: %1</translation>
    </message>
    <message>
        <source>Pause: %1</source>
        <translation>Pause: %1</translation>
    </message>
    <message>
        <source>Start: %1</source>
        <translation>Start: %1</translation>
    </message>
    <message>
        <source>Not done: %1</source>
        <translation>Nicht getan: %1</translation>
    </message>
    <message>
        <source>Done: %1</source>
        <translation>Fertig: %1</translation>
    </message>
    <message>
        <source>Skip: %1</source>
        <translation>Auslassen: %1</translation>
    </message>
    <message>
        <source>Tick: %1</source>
        <translation>Abhaken: %1</translation>
    </message>
    <message>
        <source>“%1” is no weight: a number of grams above 0</source>
        <translation>„%1“ ist kein Gewicht: eine Zahl von Gramm über 0</translation>
    </message>
    <message>
        <source>Weighed: %1, planned %2</source>
        <translation>Gewogen: %1, geplant %2</translation>
    </message>
    <message>
        <source>Note: %1</source>
        <translation>Notiz: %1</translation>
    </message>
    <message>
        <source>another pair of hands</source>
        <translation>noch ein Paar Hände</translation>
    </message>
    <message>
        <source>days longer by %1</source>
        <translation>Tage um %1 länger</translation>
    </message>
    <message>
        <source>Saturdays as Fridays</source>
        <translation>samstags wie freitags</translation>
    </message>
    <message>
        <source>one %1 less</source>
        <translation>%1 einmal weniger</translation>
    </message>
    <message>
        <source>half of %1 on %2</source>
        <translation>die Hälfte von %1 auf %2</translation>
    </message>
    <message>
        <source>still late by %1</source>
        <translation>noch um %1 zu spät</translation>
    </message>
    <message>
        <source>all deadlines hold</source>
        <translation>alle Termine halten</translation>
    </message>
    <message>
        <source>%1: %2, for %3 of hands</source>
        <comment>way, what it gives, its price</comment>
        <translation>%1: %2, für %3 Handarbeit</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>way, what it gives</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>person %1</source>
        <translation>Person %1</translation>
    </message>
    <message>
        <source>Hours, people and deadlines</source>
        <translation>Stunden, Leute und Termine</translation>
    </message>
    <message>
        <source>on set</source>
        <translation>am Set</translation>
    </message>
    <message>
        <source>first step</source>
        <translation>erster Schritt</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>off</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>days off</source>
        <translation>freie Tage</translation>
    </message>
    <message>
        <source>people</source>
        <translation>Leute</translation>
    </message>
    <message>
        <source>one pair of hands</source>
        <translation>ein Paar Hände</translation>
    </message>
    <message>
        <source>“%1” is no time such as 2026-12-04T10:00</source>
        <translation>„%1“ ist keine Zeit wie 2026-12-04T10:00</translation>
    </message>
    <message>
        <source>On set: %1</source>
        <translation>Am Set: %1</translation>
    </message>
    <message>
        <source>no day</source>
        <translation>kein Tag</translation>
    </message>
    <message>
        <source>“%1” cannot be read: hours as 10:00-18:00, days as 2026-12-24</source>
        <translation>„%1“ kann nicht gelesen werden: Stunden als 10:00-18:00, Tage als 2026-12-24</translation>
    </message>
    <message>
        <source>Hours of the shop</source>
        <translation>Stunden der Werkstatt</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message numerus="yes">
        <source>%1 h a week, %n people</source>
        <translation>
            <numerusform>%1 h die Woche, %n Person</numerusform>
            <numerusform>%1 h die Woche, %n Leute</numerusform>
        </translation>
    </message>
    <message>
        <source>Why %1</source>
        <translation>Warum %1</translation>
    </message>
    <message>
        <source>%1 of hands at it, in the order on the days</source>
        <translation>%1 Handarbeit daran, in der Reihenfolge der Tage</translation>
    </message>
    <message>
        <source>%1 of drying, setting and baking in between, much of it beside other work</source>
        <translation>%1 Trocknen, Härten und Backen dazwischen, vieles davon neben anderer Arbeit</translation>
    </message>
    <message>
        <source>%1 open hours a week, %2 of hands at once, typed</source>
        <translation>%1 offene Stunden die Woche, %2 Paar Hände zugleich, getippt</translation>
    </message>
    <message>
        <source>%1 of open hours are left until then</source>
        <translation>%1 offene Stunden bleiben bis dahin</translation>
    </message>
    <message>
        <source>Minutes by your own log: %1 steps.</source>
        <translation>Minuten nach Ihrem eigenen Werkbuch: %1 Schritte.</translation>
    </message>
    <message>
        <source>Typical minutes: nothing of yours was timed yet.</source>
        <translation>Typische Minuten: von Ihnen ist noch nichts gestoppt.</translation>
    </message>
    <message>
        <source>What would narrow it most: Start and Done at each step.</source>
        <translation>Was es am meisten eingrenzen würde: Start und Fertig bei jedem Schritt.</translation>
    </message>
    <message>
        <source>by %1</source>
        <translation>bis %1</translation>
    </message>
    <message>
        <source>How surely deadlines hold is being worked out.</source>
        <translation>Wie sicher Termine halten, wird gerade gerechnet.</translation>
    </message>
    <message>
        <source>%1 Mend it, or tick it to go on all the same.</source>
        <translation>%1 Beheben, oder abhaken und trotzdem weitermachen.</translation>
    </message>
    <message>
        <source>taken back: %1</source>
        <translation>zurückgenommen: %1</translation>
    </message>
    <message>
        <source>Take back the tick: %1</source>
        <translation>Haken zurücknehmen: %1</translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) will not be so when the step comes, first: </source>
        <translation>
            <numerusform>%n Sache wird nicht so sein, wenn der Schritt kommt: </numerusform>
            <numerusform>%n Sachen werden nicht so sein, wenn der Schritt kommt, zuerst: </numerusform>
        </translation>
    </message>
    <message>
        <source>not so</source>
        <translation>nicht so</translation>
    </message>
    <message>
        <source>Half of such builds are done %1, nine in ten %2.</source>
        <translation>Die Hälfte solcher Bauten ist %1 fertig, neun von zehn %2.</translation>
    </message>
    <message>
        <source>the clock showed %1</source>
        <translation>die Uhr zeigte %1</translation>
    </message>
    <message>
        <source>The clock shows %1 for what usually takes %2: that was not the work, so it counts as usual and teaches nothing.</source>
        <translation>Die Uhr zeigt %1 für etwas, das sonst %2 dauert: das war nicht die Arbeit, also zählt es wie üblich und lehrt nichts.</translation>
    </message>
    <message>
        <source>on the scale: %1; of a step that has not begun nothing is weighed</source>
        <translation>auf der Waage: %1; für einen nicht begonnenen Schritt wird nichts gewogen</translation>
    </message>
    <message>
        <source>The computer&apos;s clock was set by %1 min. What runs here goes on by the time that passed; the new time counts when Enkinet is started again.</source>
        <translation>Die Uhr des Rechners wurde um %1 min verstellt. Was hier läuft, zählt die vergangene Zeit weiter; die neue Zeit gilt, wenn Enkinet neu gestartet wird.</translation>
    </message>
    <message>
        <source>It dries by itself since %1. Take back what it came after, where that was not done.</source>
        <translation>Es trocknet von selbst seit %1. Nimm zurück, worauf es folgte, wenn das nicht getan war.</translation>
    </message>
</context>
<context>
    <name>enkinet::app::PoseTab</name>
    <message>
        <source>Take a limb beyond a joint, on an elevation or on the turntable, and bend it there. Loads follow the pose; the piece is built at rest.</source>
        <translation>Ein Glied jenseits eines Gelenks fassen, auf einer Ansicht oder der Drehscheibe, und dort biegen. Lasten folgen der Pose; gebaut wird in Ruhe.</translation>
    </message>
    <message>
        <source>Rest</source>
        <translation>Ruhe</translation>
    </message>
    <message>
        <source>Back to rest</source>
        <translation>Zurück zur Ruhe</translation>
    </message>
    <message>
        <source>Left for right</source>
        <translation>Links und rechts tauschen</translation>
    </message>
    <message>
        <source>Mirror the pose</source>
        <translation>Pose spiegeln</translation>
    </message>
    <message>
        <source>Which foot stays where it is</source>
        <translation>Welcher Fuß stehen bleibt</translation>
    </message>
    <message>
        <source>planted foot</source>
        <translation>Standfuß</translation>
    </message>
    <message>
        <source>Kept poses</source>
        <translation>Behaltene Posen</translation>
    </message>
    <message>
        <source>Name to keep this pose under</source>
        <translation>Name, unter dem diese Pose behalten wird</translation>
    </message>
    <message>
        <source>name of this pose</source>
        <translation>Name dieser Pose</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Keep the pose %1</source>
        <translation>Pose %1 behalten</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>Show the pose %1</source>
        <translation>Pose %1 zeigen</translation>
    </message>
    <message>
        <source>Forget</source>
        <translation>Vergessen</translation>
    </message>
    <message>
        <source>Forget a pose</source>
        <translation>Eine Pose vergessen</translation>
    </message>
    <message>
        <source>Planted foot</source>
        <translation>Standfuß</translation>
    </message>
    <message>
        <source>No joint selected</source>
        <translation>Kein Gelenk gewählt</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>%1, %2 joints bent</source>
        <translation>%1, %2 Gelenke gebogen</translation>
    </message>
    <message>
        <source>None yet: bend the figure, name it, keep it.</source>
        <translation>Noch keine: die Figur biegen, benennen, behalten.</translation>
    </message>
    <message>
        <source>Bends as seen from the side</source>
        <translation>Biegung von der Seite gesehen</translation>
    </message>
    <message>
        <source>Bends as seen from the front</source>
        <translation>Biegung von vorn gesehen</translation>
    </message>
    <message>
        <source>from the side</source>
        <translation>von der Seite</translation>
    </message>
    <message>
        <source>from the front</source>
        <translation>von vorn</translation>
    </message>
</context>
<context>
    <name>enkinet::app::PosesTab</name>
    <message>
        <source>Run it</source>
        <translation>Durchlaufen</translation>
    </message>
    <message>
        <source>Pointed out</source>
        <translation>Hinweise</translation>
    </message>
    <message>
        <source>What is pointed out in this shot; choosing a line goes to its pose</source>
        <translation>Was in dieser Einstellung auffällt; eine Zeile wählen führt zu ihrer Pose</translation>
    </message>
    <message>
        <source>What moves what</source>
        <translation>Was was bewegt</translation>
    </message>
    <message>
        <source>Joint of the puppet</source>
        <translation>Gelenk der Puppe</translation>
    </message>
    <message>
        <source>Joint of the motion file that moves it</source>
        <translation>Gelenk der Bewegungsdatei, das es bewegt</translation>
    </message>
    <message>
        <source>joint</source>
        <translation>Gelenk</translation>
    </message>
    <message>
        <source>follows</source>
        <translation>folgt</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>Looking through the poses …</source>
        <translation>Die Posen werden durchgesehen …</translation>
    </message>
    <message>
        <source>Nothing: all in range, no jump, no slide.</source>
        <translation>Nichts: alles im Spielraum, kein Sprung, kein Rutschen.</translation>
    </message>
    <message>
        <source>Not checked: there are no poses to look at.</source>
        <translation>Ungeprüft: es sind keine Posen da.</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>Only a motion file has joints of its own to follow.</source>
        <translation>Nur eine Bewegungsdatei hat eigene Gelenke, denen man folgen kann.</translation>
    </message>
    <message>
        <source>Take %1 in again to change what follows what: the file itself is not kept here.</source>
        <translation>%1 neu einlesen, um zu ändern, was wem folgt: die Datei selbst wird hier nicht aufbewahrt.</translation>
    </message>
    <message>
        <source>%1 follows nothing</source>
        <translation>%1 folgt nichts</translation>
    </message>
    <message>
        <source>%1 follows %2</source>
        <translation>%1 folgt %2</translation>
    </message>
</context>
<context>
    <name>enkinet::app::PuppetBar</name>
    <message>
        <source>Puppets of the production</source>
        <translation>Puppen der Produktion</translation>
    </message>
    <message>
        <source>working it out: numbers are those of before</source>
        <translation>wird berechnet: Zahlen sind die von vorher</translation>
    </message>
    <message>
        <source>%1, puppet %2 of %3</source>
        <translation>%1, Puppe %2 von %3</translation>
    </message>
</context>
<context>
    <name>enkinet::app::PuppetTable</name>
    <message>
        <source>Every limb&apos;s wire</source>
        <translation>Der Draht jedes Gliedes</translation>
    </message>
    <message>
        <source>Where the design aside differs, joint by joint</source>
        <translation>Worin der beiseitegelegte Entwurf abweicht, Gelenk für Gelenk</translation>
    </message>
    <message>
        <source>Keep this design aside</source>
        <translation>Diesen Entwurf beiseitelegen</translation>
    </message>
    <message>
        <source>Change places</source>
        <translation>Tauschen</translation>
    </message>
    <message>
        <source>Let the one aside go</source>
        <translation>Den beiseitegelegten fallen lassen</translation>
    </message>
    <message>
        <source>%1 for the wall</source>
        <translation>%1 für die Wand</translation>
    </message>
    <message>
        <source>%1 Holds: N·mm of those needed. Lives are those that nine joints in ten reach. Hand: grams at the grip of the joint that takes most.</source>
        <translation>%1 Hält: N·mm von den nötigen. Lebensdauern sind die, die neun von zehn Gelenken erreichen. Hand: Gramm am Griff des Gelenks, das am meisten braucht.</translation>
    </message>
    <message>
        <source>Keep the design aside</source>
        <translation>Den Entwurf beiseitelegen</translation>
    </message>
    <message>
        <source>Take the design aside</source>
        <translation>Den beiseitegelegten Entwurf nehmen</translation>
    </message>
    <message>
        <source>Let the design aside go</source>
        <translation>Den beiseitegelegten Entwurf fallen lassen</translation>
    </message>
    <message>
        <source>To try something without losing this: keep the design aside, change what you like, and the two are compared here joint by joint.</source>
        <translation>Etwas ausprobieren, ohne dies zu verlieren: den Entwurf beiseitelegen, ändern, was man will, und beide werden hier Gelenk für Gelenk verglichen.</translation>
    </message>
    <message>
        <source>Working out the design aside…</source>
        <translation>Der beiseitegelegte Entwurf wird berechnet …</translation>
    </message>
    <message>
        <source>%1 joints differ from the design aside, which weighs %2 (now %3) and costs %4 (now %5). Now: %6 Aside: %7</source>
        <translation>%1 Gelenke weichen vom beiseitegelegten Entwurf ab, der %2 wiegt (jetzt %3) und %4 kostet (jetzt %5). Jetzt: %6 Beiseite: %7</translation>
    </message>
    <message>
        <source>joint</source>
        <translation>Gelenk</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>aside</source>
        <translation>seitwärts</translation>
    </message>
    <message>
        <source>holds, N·mm, now</source>
        <translation>hält, N·mm, jetzt</translation>
    </message>
    <message>
        <source>film now, s</source>
        <translation>Film jetzt, s</translation>
    </message>
    <message>
        <source>film aside, s</source>
        <translation>Film beiseite, s</translation>
    </message>
    <message>
        <source>hand now, g</source>
        <translation>Hand jetzt, g</translation>
    </message>
    <message>
        <source>hand aside, g</source>
        <translation>Hand beiseite, g</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
</context>
<context>
    <name>enkinet::app::PuppetTableModel</name>
    <message>
        <source>→%1</source>
        <translation>→%1</translation>
    </message>
    <message>
        <source>%1 × %2%3</source>
        <translation>%1 × %2%3</translation>
    </message>
    <message>
        <source> folded</source>
        <translation> gefaltet</translation>
    </message>
    <message>
        <source> + </source>
        <translation> + </translation>
    </message>
    <message>
        <source>%1 ×2</source>
        <translation>%1 ×2</translation>
    </message>
    <message>
        <source>%1 × %2 %3</source>
        <translation>%1 × %2 %3</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source>parallel</source>
        <translation>parallel</translation>
    </message>
    <message>
        <source>nothing moves</source>
        <translation>nichts bewegt sich</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>limb</source>
        <translation>Glied</translation>
    </message>
    <message>
        <source>wire</source>
        <translation>Draht</translation>
    </message>
    <message>
        <source>lay, mm</source>
        <translation>Schlaglänge, mm</translation>
    </message>
    <message>
        <source>holds, N·mm</source>
        <translation>hält, N·mm</translation>
    </message>
    <message>
        <source>hand, g</source>
        <translation>Hand, g</translation>
    </message>
    <message>
        <source>film, s</source>
        <translation>Film, s</translation>
    </message>
    <message>
        <source>first to break</source>
        <translation>bricht zuerst</translation>
    </message>
    <message>
        <source>state</source>
        <translation>Zustand</translation>
    </message>
    <message>
        <source>cut, mm</source>
        <translation>Schnitt, mm</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>Windungen</translation>
    </message>
</context>
<context>
    <name>enkinet::app::RemediesList</name>
    <message>
        <source>Ways out</source>
        <translation>Auswege</translation>
    </message>
    <message>
        <source>Each is just enough, with the reserve you want, solved on the whole model; the smallest first.</source>
        <translation>Jeder ist gerade genug, mit der gewünschten Reserve, am ganzen Modell gelöst; der kleinste zuerst.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>Looking for the smallest change of each kind…</source>
        <translation>Die kleinste Änderung jeder Art wird gesucht …</translation>
    </message>
    <message>
        <source>Looking… %1 of %2 kinds of change tried</source>
        <translation>Wird gesucht … %1 von %2 Arten der Änderung probiert</translation>
    </message>
    <message>
        <source>Neither one change nor two make a wire of this stock fit: change the design.</source>
        <translation>Weder eine noch zwei Änderungen lassen einen Draht dieses Vorrats passen: den Entwurf ändern.</translation>
    </message>
    <message>
        <source>Put back</source>
        <translation>Zurücklegen</translation>
    </message>
    <message>
        <source>Try</source>
        <translation>Probieren</translation>
    </message>
    <message>
        <source>Try: %1</source>
        <translation>Probieren: %1</translation>
    </message>
    <message>
        <source>Apply</source>
        <translation>Anwenden</translation>
    </message>
    <message>
        <source>Apply: %1</source>
        <translation>Anwenden: %1</translation>
    </message>
    <message numerus="yes">
        <source>%n more way(s) out</source>
        <translation>
            <numerusform>%n weiterer Ausweg</numerusform>
            <numerusform>%n weitere Auswege</numerusform>
        </translation>
    </message>
    <message>
        <source>Remedy: %1</source>
        <translation>Ausweg: %1</translation>
    </message>
</context>
<context>
    <name>enkinet::app::SawingView</name>
    <message>
        <source>Which piece is cut from which length of wire</source>
        <translation>Welches Stück aus welcher Länge Draht geschnitten wird</translation>
    </message>
    <message>
        <source>%1: %2 off the roll, scrap %3</source>
        <translation>%1: %2 von der Rolle, Verschnitt %3</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>scrap %1</source>
        <translation>Verschnitt %1</translation>
    </message>
    <message>
        <source>kept %1</source>
        <translation>behalten %1</translation>
    </message>
</context>
<context>
    <name>enkinet::app::SectionView</name>
    <message>
        <source>Section through the part</source>
        <translation>Schnitt durch das Teil</translation>
    </message>
    <message>
        <source>%1, level through its middle</source>
        <translation>%1, waagerecht durch die Mitte</translation>
    </message>
    <message>
        <source>%1, %2 from the %3</source>
        <translation>%1, %2 von %3</translation>
    </message>
    <message>
        <source>Nothing but wire here.</source>
        <translation>Hier ist nichts als Draht.</translation>
    </message>
    <message>
        <source>cover %1</source>
        <translation>Überzug %1</translation>
    </message>
    <message>
        <source>solid clay</source>
        <translation>Ton bis innen</translation>
    </message>
    <message>
        <source>clay %1</source>
        <translation>Ton %1</translation>
    </message>
    <message>
        <source>free gap</source>
        <translation>freier Spalt</translation>
    </message>
    <message>
        <source>hollow</source>
        <translation>hohl</translation>
    </message>
    <message>
        <source>foil</source>
        <translation>Folie</translation>
    </message>
    <message>
        <source>bulk</source>
        <translation>Kern</translation>
    </message>
    <message>
        <source>sleeve %1</source>
        <translation>Hülse %1</translation>
    </message>
    <message>
        <source>wire %1 across</source>
        <translation>Draht %1 quer</translation>
    </message>
    <message>
        <source>skin %1</source>
        <translation>Haut %1</translation>
    </message>
    <message>
        <source>coat %1, %2</source>
        <translation>Schicht %1, %2</translation>
    </message>
</context>
<context>
    <name>enkinet::app::SheetPage</name>
    <message>
        <source>Height of the puppet</source>
        <translation>Höhe der Puppe</translation>
    </message>
    <message>
        <source>Lean allowance</source>
        <translation>Neigungsreserve</translation>
    </message>
    <message>
        <source>Seconds of film it must last</source>
        <translation>Sekunden Film, die sie halten muss</translation>
    </message>
    <message>
        <source>Hold factor</source>
        <translation>Haltebeiwert</translation>
    </message>
    <message>
        <source>What the wire is chosen for</source>
        <translation>Wonach der Draht gewählt wird</translation>
    </message>
    <message>
        <source>May steel be posed</source>
        <translation>Darf Stahl gestellt werden</translation>
    </message>
    <message>
        <source>How widely it acts</source>
        <translation>Wie weit sie spielt</translation>
    </message>
    <message>
        <source>Feet on the ground at least</source>
        <translation>Füße mindestens am Boden</translation>
    </message>
    <message>
        <source>What the joints&apos; need is counted from</source>
        <translation>Woraus der Bedarf der Gelenke gezählt wird</translation>
    </message>
    <message>
        <source>Seconds from one pose to the next</source>
        <translation>Sekunden von einer Pose zur nächsten</translation>
    </message>
    <message>
        <source>Bends for each one in the film</source>
        <translation>Biegungen für jede im Film</translation>
    </message>
    <message>
        <source>Reserve inside every limit, per cent</source>
        <translation>Reserve in jeder Grenze, Prozent</translation>
    </message>
    <message>
        <source>Strands at most</source>
        <translation>Stränge höchstens</translation>
    </message>
    <message>
        <source>May strands end on the way</source>
        <translation>Dürfen Stränge unterwegs enden</translation>
    </message>
    <message>
        <source>Gauges that you do not want, in millimetres</source>
        <translation>Unerwünschte Drahtstärken, in Millimetern</translation>
    </message>
    <message>
        <source>none; or 0.5 0.9</source>
        <translation>keine; oder 0,5 0,9</translation>
    </message>
    <message>
        <source>What joints must hold</source>
        <translation>Was Gelenke halten müssen</translation>
    </message>
    <message>
        <source>What holds against a bend</source>
        <translation>Was gegen eine Biegung hält</translation>
    </message>
    <message>
        <source>Newtons your fingers give on thin parts</source>
        <translation>Newton, die Ihre Finger an dünnen Teilen geben</translation>
    </message>
    <message>
        <source>Newtons your hand gives on thick parts</source>
        <translation>Newton, die Ihre Hand an dicken Teilen gibt</translation>
    </message>
    <message>
        <source>puppet</source>
        <translation>Puppe</translation>
    </message>
    <message>
        <source>The whole puppet and the selected part</source>
        <translation>Die ganze Puppe und das gewählte Teil</translation>
    </message>
    <message>
        <source>pictures</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>Pictures on the sheet</source>
        <translation>Bilder auf dem Blatt</translation>
    </message>
    <message>
        <source>limbs</source>
        <translation>Glieder</translation>
    </message>
    <message>
        <source>Mark and shape limbs</source>
        <translation>Glieder zeichnen und formen</translation>
    </message>
    <message>
        <source>pose</source>
        <translation>Pose</translation>
    </message>
    <message>
        <source>Bend the figure</source>
        <translation>Die Figur biegen</translation>
    </message>
    <message>
        <source>checks</source>
        <translation>Prüfen</translation>
    </message>
    <message>
        <source>What a builder checks by eye, and the caliper</source>
        <translation>Was ein Puppenbauer mit dem Auge prüft, und der Messschieber</translation>
    </message>
    <message>
        <source>things</source>
        <translation>Dinge</translation>
    </message>
    <message>
        <source>Eyes, teeth, base, props: what sits on the body</source>
        <translation>Augen, Zähne, Grundplatte, Requisiten: was am Körper sitzt</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>wire is chosen for</source>
        <translation>Draht gewählt nach</translation>
    </message>
    <message>
        <source>What it is judged by: lean, film, acting, feet</source>
        <translation>Wonach geurteilt wird: Neigung, Film, Spiel, Füße</translation>
    </message>
    <message>
        <source>may lean by</source>
        <translation>darf sich neigen um</translation>
    </message>
    <message>
        <source>lasts for</source>
        <translation>hält für</translation>
    </message>
    <message>
        <source>safety over the load</source>
        <translation>Sicherheit über der Last</translation>
    </message>
    <message>
        <source>joints hold</source>
        <translation>Gelenke halten</translation>
    </message>
    <message>
        <source>feet down</source>
        <translation>Füße am Boden</translation>
    </message>
    <message>
        <source>acting</source>
        <translation>Spiel</translation>
    </message>
    <message>
        <source>bends for one in film</source>
        <translation>Biegungen je eine im Film</translation>
    </message>
    <message>
        <source>wear counted from</source>
        <translation>Verschleiß gezählt aus</translation>
    </message>
    <message>
        <source>a pose every</source>
        <translation>eine Pose alle</translation>
    </message>
    <message>
        <source>Which wire may be used, and with what reserve</source>
        <translation>Welcher Draht benutzt werden darf, und mit welcher Reserve</translation>
    </message>
    <message>
        <source>reserve, per cent</source>
        <translation>Reserve, Prozent</translation>
    </message>
    <message>
        <source>strands at most</source>
        <translation>Stränge höchstens</translation>
    </message>
    <message>
        <source>strands</source>
        <translation>Stränge</translation>
    </message>
    <message>
        <source>gauges not wanted</source>
        <translation>unerwünschte Stärken</translation>
    </message>
    <message>
        <source>steel where joints move</source>
        <translation>Stahl an Gelenken</translation>
    </message>
    <message>
        <source>What the hands give</source>
        <translation>Was die Hände geben</translation>
    </message>
    <message>
        <source>near side of a joint</source>
        <translation>nahe Seite eines Gelenks</translation>
    </message>
    <message>
        <source>fingers give, N, thin</source>
        <translation>Finger geben, N, dünn</translation>
    </message>
    <message>
        <source>hand gives, N, thick</source>
        <translation>Hand gibt, N, dick</translation>
    </message>
    <message>
        <source>Where along the part</source>
        <translation>Wo entlang des Teils</translation>
    </message>
    <message>
        <source>Half-width in the front picture</source>
        <translation>Halbe Breite im Vorderbild</translation>
    </message>
    <message>
        <source>Half-width in the side picture</source>
        <translation>Halbe Breite im Seitenbild</translation>
    </message>
    <message>
        <source>Half height</source>
        <translation>Halbe Höhe</translation>
    </message>
    <message>
        <source>Weight</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>at</source>
        <translation>bei</translation>
    </message>
    <message>
        <source>half-width, front</source>
        <translation>halbe Breite, vorn</translation>
    </message>
    <message>
        <source>half-width, side</source>
        <translation>halbe Breite, Seite</translation>
    </message>
    <message>
        <source>half height</source>
        <translation>halbe Höhe</translation>
    </message>
    <message>
        <source>weighs</source>
        <translation>wiegt</translation>
    </message>
    <message>
        <source>On one side or both</source>
        <translation>Auf einer Seite oder beiden</translation>
    </message>
    <message>
        <source>it is there</source>
        <translation>es ist da</translation>
    </message>
    <message>
        <source>It is there %1</source>
        <translation>Es ist da: %1</translation>
    </message>
    <message>
        <source>Height %1</source>
        <translation>Höhe %1</translation>
    </message>
    <message>
        <source>Lean %1</source>
        <translation>Neigung %1</translation>
    </message>
    <message>
        <source>Film %1 s</source>
        <translation>Film %1 s</translation>
    </message>
    <message>
        <source>Hold factor %1</source>
        <translation>Haltebeiwert %1</translation>
    </message>
    <message>
        <source>Choose for %1</source>
        <translation>Wählen nach: %1</translation>
    </message>
    <message>
        <source>%1 bends for each in the film</source>
        <translation>%1 Biegungen für jede im Film</translation>
    </message>
    <message>
        <source>Reserve %1 %</source>
        <translation>Reserve %1 %</translation>
    </message>
    <message>
        <source>Strands at most: %1</source>
        <translation>Stränge höchstens: %1</translation>
    </message>
    <message>
        <source>Strands: %1</source>
        <translation>Stränge: %1</translation>
    </message>
    <message>
        <source>Gauges not wanted</source>
        <translation>Unerwünschte Drahtstärken</translation>
    </message>
    <message>
        <source>Joints hold %1</source>
        <translation>Gelenke halten: %1</translation>
    </message>
    <message>
        <source>Near side: %1</source>
        <translation>Nahe Seite: %1</translation>
    </message>
    <message>
        <source>Fingers give %1 to %2 N</source>
        <translation>Finger geben %1 bis %2 N</translation>
    </message>
    <message>
        <source>Steel may be posed</source>
        <translation>Stahl darf gestellt werden</translation>
    </message>
    <message>
        <source>Steel stays static</source>
        <translation>Stahl bleibt starr</translation>
    </message>
    <message>
        <source>Acting: %1</source>
        <translation>Spiel: %1</translation>
    </message>
    <message>
        <source>Feet down: %1</source>
        <translation>Füße am Boden: %1</translation>
    </message>
    <message>
        <source>Need from the kept poses</source>
        <translation>Bedarf aus den behaltenen Posen</translation>
    </message>
    <message>
        <source>Need from the acting level</source>
        <translation>Bedarf aus dem Grad des Spiels</translation>
    </message>
    <message>
        <source>A pose every %1 s</source>
        <translation>Eine Pose alle %1 s</translation>
    </message>
    <message>
        <source>Size of %1</source>
        <translation>Größe von %1</translation>
    </message>
    <message>
        <source>Half-widths of %1</source>
        <translation>Halbe Breiten von %1</translation>
    </message>
    <message>
        <source>Weight of %1</source>
        <translation>Gewicht von %1</translation>
    </message>
    <message>
        <source>Its weight sits %1 above the base.</source>
        <translation>Ihr Gewicht sitzt %1 über der Grundplatte.</translation>
    </message>
    <message>
        <source>%1 heads high, the head %2 of it.</source>
        <translation>%1 Köpfe hoch, der Kopf %2 davon.</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nie</translation>
    </message>
    <message>
        <source>may be posed</source>
        <translation>darf gestellt werden</translation>
    </message>
    <message>
        <source>quiet: half the range</source>
        <translation>still: halber Spielraum</translation>
    </message>
    <message>
        <source>plain: the ranges as set</source>
        <translation>normal: der Spielraum wie gesetzt</translation>
    </message>
    <message>
        <source>broad: half as far again</source>
        <translation>weit: anderthalbfach</translation>
    </message>
    <message>
        <source>all but one (%1 of %2)</source>
        <translation>alle bis auf einen (%1 von %2)</translation>
    </message>
    <message>
        <source>one at a time</source>
        <translation>einer auf einmal</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>acting level and seconds of film</source>
        <translation>Grad des Spiels und Sekunden Film</translation>
    </message>
    <message>
        <source>the kept poses, over and again (%1)</source>
        <translation>die behaltenen Posen, immer wieder (%1)</translation>
    </message>
    <message>
        <source>as many as it takes</source>
        <translation>so viele wie nötig</translation>
    </message>
    <message>
        <source>may end on the way</source>
        <translation>dürfen unterwegs enden</translation>
    </message>
    <message>
        <source>all run to the tip</source>
        <translation>alle laufen bis zur Spitze</translation>
    </message>
    <message>
        <source>the hardest pose in their ranges</source>
        <translation>die schwerste Pose im Spielraum</translation>
    </message>
    <message>
        <source>the pose on the board only</source>
        <translation>nur die Pose auf dem Brett</translation>
    </message>
    <message>
        <source>the other hand holds against</source>
        <translation>die andere Hand hält dagegen</translation>
    </message>
    <message>
        <source>two hands or a stand hold it</source>
        <translation>zwei Hände oder ein Ständer halten es</translation>
    </message>
    <message>
        <source>Measures</source>
        <translation>Maße</translation>
    </message>
    <message>
        <source>Click a part of the drawing to see and change its half-widths.</source>
        <translation>Ein Teil der Zeichnung anklicken, um seine halben Breiten zu sehen und zu ändern.</translation>
    </message>
    <message>
        <source>A piece that was weighed.</source>
        <translation>Ein Stück, das gewogen wurde.</translation>
    </message>
    <message>
        <source>%1 cm³, %2%3</source>
        <translation>%1 cm³, %2%3</translation>
    </message>
    <message>
        <source>; the other side follows</source>
        <translation>; die andere Seite folgt</translation>
    </message>
    <message>
        <source>Nothing but wire: it runs inside its parent.</source>
        <translation>Nichts als Draht: er läuft in seinem Träger.</translation>
    </message>
    <message>
        <source>on both sides</source>
        <translation>auf beiden Seiten</translation>
    </message>
    <message>
        <source>on the left only</source>
        <translation>nur links</translation>
    </message>
    <message>
        <source>on the right only</source>
        <translation>nur rechts</translation>
    </message>
    <message>
        <source>its root</source>
        <translation>am Ansatz</translation>
    </message>
    <message>
        <source>its tip</source>
        <translation>an der Spitze</translation>
    </message>
    <message>
        <source>%1 along</source>
        <translation>%1 entlang</translation>
    </message>
    <message>
        <source>Name of the piece</source>
        <translation>Name des Stücks</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Name: %1</source>
        <translation>Name: %1</translation>
    </message>
    <message>
        <source>Give it a body</source>
        <translation>Einen Körper geben</translation>
    </message>
    <message>
        <source>A body for %1</source>
        <translation>Ein Körper für %1</translation>
    </message>
    <message>
        <source>all along</source>
        <translation>überall entlang</translation>
    </message>
</context>
<context>
    <name>enkinet::app::SheetView</name>
    <message>
        <source>in</source>
        <translation>in</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>An empty bench</source>
        <translation>Eine leere Bank</translation>
    </message>
    <message>
        <source>Open the demo production, start a puppet from its height and kind, or open a file: all three stand at the right.</source>
        <translation>Die Demo-Produktion öffnen, eine Puppe nach Höhe und Art beginnen oder eine Datei öffnen: alles drei steht rechts.</translation>
    </message>
    <message>
        <source>front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>side, from its right</source>
        <translation>Seite, von ihrer rechten</translation>
    </message>
    <message>
        <source>life size on this screen</source>
        <translation>Lebensgröße auf diesem Bildschirm</translation>
    </message>
    <message>
        <source>%1 · %2 · %3, leaning %4</source>
        <translation>%1 · %2 · %3, geneigt um %4</translation>
    </message>
    <message>
        <source>carried by its rig</source>
        <translation>von ihrer Halterung getragen</translation>
    </message>
    <message>
        <source>standing on nothing</source>
        <translation>steht auf nichts</translation>
    </message>
    <message>
        <source>one foot down</source>
        <translation>ein Fuß am Boden</translation>
    </message>
    <message>
        <source>%1 of %2 feet down</source>
        <translation>%1 von %2 Füßen am Boden</translation>
    </message>
    <message>
        <source>Sheet with the front and side elevation</source>
        <translation>Blatt mit Vorder- und Seitenansicht</translation>
    </message>
    <message>
        <source>Arrow keys walk from joint to joint, plus and minus zoom, F fits, P peels.</source>
        <translation>Pfeiltasten gehen von Gelenk zu Gelenk, Plus und Minus zoomen, F passt ein, P schält.</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
</context>
<context>
    <name>enkinet::app::ShootPage</name>
    <message>
        <source>shots</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>The shots as cards, and what each wears</source>
        <translation>Die Einstellungen als Karten, und was jede abnutzt</translation>
    </message>
    <message>
        <source>poses</source>
        <translation>Posen</translation>
    </message>
    <message>
        <source>The shot in hand, pose by pose</source>
        <translation>Die Einstellung in der Hand, Pose für Pose</translation>
    </message>
    <message>
        <source>Add a shot</source>
        <translation>Einstellung dazu</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Früher</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Später</translation>
    </message>
    <message>
        <source>Motion or sheet…</source>
        <translation>Bewegung oder Blatt…</translation>
    </message>
    <message>
        <source>It broke</source>
        <translation>Gebrochen</translation>
    </message>
    <message>
        <source>Design for these shots</source>
        <translation>Für diese Einstellungen entwerfen</translation>
    </message>
    <message>
        <source>Each joint is asked to last what these shots ask of it, no more and no less</source>
        <translation>Von jedem Gelenk wird verlangt, was diese Einstellungen von ihm verlangen, nicht mehr und nicht weniger</translation>
    </message>
    <message>
        <source>Name of the shot</source>
        <translation>Name der Einstellung</translation>
    </message>
    <message>
        <source>Day on which it is shot</source>
        <translation>Tag, an dem sie gedreht wird</translation>
    </message>
    <message>
        <source>Frames in the film</source>
        <translation>Bilder im Film</translation>
    </message>
    <message>
        <source>Frames a second</source>
        <translation>Bilder je Sekunde</translation>
    </message>
    <message>
        <source>Frames that each pose is held for</source>
        <translation>Bilder, die jede Pose gehalten wird</translation>
    </message>
    <message>
        <source>Poses that are posed again, per cent</source>
        <translation>Posen, die noch einmal gestellt werden, Prozent</translation>
    </message>
    <message>
        <source>Which copy of this puppet acts in it</source>
        <translation>Welches Exemplar dieser Puppe darin spielt</translation>
    </message>
    <message>
        <source>How widely it acts, where no motion says so</source>
        <translation>Wie weit sie spielt, wo keine Bewegung es sagt</translation>
    </message>
    <message>
        <source>Joint that broke</source>
        <translation>Gelenk, das brach</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>frames</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>a second</source>
        <translation>je Sekunde</translation>
    </message>
    <message>
        <source>each held</source>
        <translation>je gehalten</translation>
    </message>
    <message>
        <source>again, %</source>
        <translation>noch einmal, %</translation>
    </message>
    <message>
        <source>day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>who</source>
        <translation>wer</translation>
    </message>
    <message>
        <source>acting</source>
        <translation>Spiel</translation>
    </message>
    <message>
        <source>Remove shot: %1</source>
        <translation>Einstellung entfernen: %1</translation>
    </message>
    <message>
        <source>Shoot it earlier</source>
        <translation>Früher drehen</translation>
    </message>
    <message>
        <source>Shoot it later</source>
        <translation>Später drehen</translation>
    </message>
    <message>
        <source>Name of the shot: %1</source>
        <translation>Name der Einstellung: %1</translation>
    </message>
    <message>
        <source>“%1” is no day such as 2026-12-21</source>
        <translation>„%1“ ist kein Tag wie 2026-12-21</translation>
    </message>
    <message>
        <source>Day of the shot</source>
        <translation>Tag der Einstellung</translation>
    </message>
    <message>
        <source>Frames of the shot</source>
        <translation>Bilder der Einstellung</translation>
    </message>
    <message>
        <source>Frames a pose</source>
        <translation>Bilder je Pose</translation>
    </message>
    <message>
        <source>Retakes</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>Who acts in it</source>
        <translation>Wer darin spielt</translation>
    </message>
    <message>
        <source>Not in this shot</source>
        <translation>Nicht in dieser Einstellung</translation>
    </message>
    <message>
        <source>Acting in the shot</source>
        <translation>Spiel in der Einstellung</translation>
    </message>
    <message>
        <source>Not shot after all</source>
        <translation>Doch nicht gedreht</translation>
    </message>
    <message>
        <source>Shot: %1</source>
        <translation>Gedreht: %1</translation>
    </message>
    <message>
        <source>Motion of %1</source>
        <translation>Bewegung von %1</translation>
    </message>
    <message>
        <source>Motion and exposure sheets (*.bvh *.csv)</source>
        <translation>Bewegungen und Belichtungsblätter (*.bvh *.csv)</translation>
    </message>
    <message>
        <source>No shot moves %1: there is nothing to design for</source>
        <translation>Keine Einstellung bewegt %1: es gibt nichts, wofür zu entwerfen wäre</translation>
    </message>
    <message numerus="yes">
        <source>Design for these shots: %n joint(s) asked anew</source>
        <translation>
            <numerusform>Für diese Einstellungen entwerfen: von %n Gelenk Neues verlangt</numerusform>
            <numerusform>Für diese Einstellungen entwerfen: von %n Gelenken Neues verlangt</numerusform>
        </translation>
    </message>
    <message>
        <source>shot %1</source>
        <translation>Einstellung %1</translation>
    </message>
    <message>
        <source>Broke: %1</source>
        <translation>Gebrochen: %1</translation>
    </message>
    <message>
        <source>not in it</source>
        <translation>nicht darin</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>puppet, copy</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>quietly</source>
        <translation>still</translation>
    </message>
    <message>
        <source>plainly</source>
        <translation>normal</translation>
    </message>
    <message>
        <source>broadly</source>
        <translation>weit</translation>
    </message>
    <message>
        <source>through its kept poses</source>
        <translation>durch ihre behaltenen Posen</translation>
    </message>
    <message>
        <source>as its motion says</source>
        <translation>wie ihre Bewegung sagt</translation>
    </message>
    <message>
        <source>motion from %1</source>
        <translation>Bewegung aus %1</translation>
    </message>
    <message>
        <source>It is shot</source>
        <translation>Sie ist gedreht</translation>
    </message>
    <message>
        <source>No shot yet</source>
        <translation>Noch keine Einstellung</translation>
    </message>
    <message>
        <source>Add the first shot: its frames, who is in it and how widely they act; then what it wears is known.</source>
        <translation>Die erste Einstellung anlegen: ihre Bilder, wer darin ist und wie weit gespielt wird; dann weiß man, was sie abnutzt.</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>at most 100 %</source>
        <translation>höchstens 100 %</translation>
    </message>
    <message>
        <source>No shot stops in %1 of 100 such films.</source>
        <translation>In %1 von 100 solchen Filmen hält keine Einstellung auf.</translation>
    </message>
    <message>
        <source>%1 is not in this shot.</source>
        <translation>%1 ist nicht in dieser Einstellung.</translation>
    </message>
    <message>
        <source>After this one the %1 has spent more than nine in ten stand.</source>
        <translation>Nach dieser hat %1 mehr verbraucht, als neun von zehn aushalten.</translation>
    </message>
    <message>
        <source>shot %1 of %2, %3 s</source>
        <translation>Einstellung %1 von %2, %3 s</translation>
    </message>
    <message>
        <source>swap</source>
        <translation>tauschen</translation>
    </message>
    <message>
        <source>%1 on both sides</source>
        <translation>%1 auf beiden Seiten</translation>
    </message>
    <message>
        <source>Swap the %1 of %2 before “%3”: its %4 is due.</source>
        <translation>Von %2 vor „%3“ tauschen: %1; das Gelenk %4 ist fällig.</translation>
    </message>
    <message>
        <source>Why %1 % of what nine in ten such wires stand</source>
        <translation>Warum %1 % dessen, was neun von zehn solchen Drähten aushalten</translation>
    </message>
    <message>
        <source>%1 % was spent in shots before this one</source>
        <translation>%1 % waren in Einstellungen davor verbraucht</translation>
    </message>
    <message>
        <source>its bends, counted to and fro in the motion of this shot</source>
        <translation>seine Biegungen, hin und her in der Bewegung dieser Einstellung gezählt</translation>
    </message>
    <message>
        <source>each bend is made a little farther, for the wire springs back</source>
        <translation>jede Biegung geht etwas weiter, denn der Draht federt zurück</translation>
    </message>
    <message>
        <source>%1 % of the poses are posed again, typed</source>
        <translation>%1 % der Posen werden noch einmal gestellt, getippt</translation>
    </message>
    <message>
        <source>Calibrated by your tests of this spool: %1.</source>
        <translation>Abgeglichen mit Ihren Versuchen an dieser Rolle: %1.</translation>
    </message>
    <message>
        <source>From table values: this wire has not been tested.</source>
        <translation>Aus Tafelwerten: dieser Draht ist ungeprüft.</translation>
    </message>
    <message>
        <source>What would narrow it most: bend a piece of this spool to and fro until it breaks, and count.</source>
        <translation>Was es am meisten eingrenzen würde: ein Stück dieser Rolle hin und her biegen, bis es bricht, und zählen.</translation>
    </message>
    <message numerus="yes">
        <source>its bends, from how widely it acts: %1 frames, each pose held for %n frame(s)</source>
        <translation>
            <numerusform>ihre Biegungen, danach, wie weit sie spielt: %1 Bilder, jede Pose für %n Bild</numerusform>
            <numerusform>ihre Biegungen, danach, wie weit sie spielt: %1 Bilder, jede Pose für %n Bilder</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 acts here, and no wire of it bends: nothing wears.</source>
        <translation>%1 spielt hier, und kein Draht darin biegt sich: nichts nutzt sich ab.</translation>
    </message>
</context>
<context>
    <name>enkinet::app::ShopShelf</name>
    <message>
        <source>%1 m</source>
        <translation>%1 m</translation>
    </message>
    <message>
        <source>%1 cm²</source>
        <translation>%1 cm²</translation>
    </message>
    <message>
        <source>%1 ml</source>
        <translation>%1 ml</translation>
    </message>
    <message>
        <source>What the production takes, what there is of it and what to buy</source>
        <translation>Was die Produktion braucht, was davon da ist und was zu kaufen ist</translation>
    </message>
    <message>
        <source>How much of it there is</source>
        <translation>Wie viel davon da ist</translation>
    </message>
    <message>
        <source>Days from ordering to having</source>
        <translation>Tage vom Bestellen bis zum Haben</translation>
    </message>
    <message>
        <source>there is</source>
        <translation>da ist</translation>
    </message>
    <message>
        <source>days till it comes</source>
        <translation>Tage, bis es kommt</translation>
    </message>
    <message>
        <source>to buy: %1</source>
        <translation>zu kaufen: %1</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <comment>ware, amount</comment>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source> of %1</source>
        <comment>amount there is</comment>
        <translation> von %1</translation>
    </message>
    <message numerus="yes">
        <source>; buy %n pack(s)</source>
        <translation>
            <numerusform>; %n Packung kaufen</numerusform>
            <numerusform>; %n Packungen kaufen</numerusform>
        </translation>
    </message>
    <message>
        <source>; buy %1</source>
        <translation>; %1 kaufen</translation>
    </message>
    <message>
        <source> today: it was due on %1</source>
        <translation> heute: fällig war es am %1</translation>
    </message>
    <message>
        <source> by %1</source>
        <translation> bis %1</translation>
    </message>
    <message>
        <source>%1; %2 for what is used</source>
        <translation>%1; %2 für das Verbrauchte</translation>
    </message>
    <message>
        <source>Used up: %1. To buy now: %2.</source>
        <translation>Verbraucht: %1. Jetzt zu kaufen: %2.</translation>
    </message>
    <message>
        <source>g</source>
        <translation>g</translation>
    </message>
    <message>
        <source>ml</source>
        <translation>ml</translation>
    </message>
    <message>
        <source>m</source>
        <translation>m</translation>
    </message>
    <message>
        <source>not counted</source>
        <translation>nicht gezählt</translation>
    </message>
    <message>
        <source>“%1” is no amount: type a number from 0 on</source>
        <translation>„%1“ ist keine Menge: eine Zahl ab 0 tippen</translation>
    </message>
    <message>
        <source>On the shelf: %1, %2</source>
        <translation>Im Regal: %1, %2</translation>
    </message>
    <message>
        <source>“%1” is no number of days from 0 to 90</source>
        <translation>„%1“ ist keine Zahl von Tagen zwischen 0 und 90</translation>
    </message>
    <message numerus="yes">
        <source>Ordered things come in %n day(s)</source>
        <translation>
            <numerusform>Bestelltes kommt in %n Tag</numerusform>
            <numerusform>Bestelltes kommt in %n Tagen</numerusform>
        </translation>
    </message>
    <message>
        <source>All of it is here now</source>
        <translation>Alles ist jetzt da</translation>
    </message>
    <message>
        <source>Counts what is to be bought as bought: whole packs, whole metres</source>
        <translation>Zählt, was zu kaufen ist, als gekauft: ganze Packungen, ganze Meter</translation>
    </message>
    <message>
        <source>All that was to be bought is here</source>
        <translation>Alles, was zu kaufen war, ist da</translation>
    </message>
</context>
<context>
    <name>enkinet::app::ShotFrames</name>
    <message>
        <source>The shot, pose by pose: arrows step, Space runs it</source>
        <translation>Die Einstellung Pose für Pose: Pfeile gehen weiter, die Leertaste lässt sie laufen</translation>
    </message>
    <message>
        <source>%1 bends to %2 in pose %3; its range ends at %4</source>
        <translation>%1 biegt sich in Pose %3 auf %2; der Spielraum endet bei %4</translation>
    </message>
    <message>
        <source>%1 jumps by %2 into pose %3; more than %4 at once reads as a jump</source>
        <translation>%1 springt in Pose %3 um %2; mehr als %4 auf einmal liest sich als Sprung</translation>
    </message>
    <message>
        <source>%1 stands and slides by %2 into pose %3; more than %4 is seen</source>
        <translation>%1 steht und rutscht in Pose %3 um %2; mehr als %4 sieht man</translation>
    </message>
    <message>
        <source>pose %1 of %2</source>
        <translation>Pose %1 von %2</translation>
    </message>
    <message>
        <source>: %1</source>
        <translation>: %1</translation>
    </message>
    <message>
        <source>Pose %1 of %2</source>
        <translation>Pose %1 von %2</translation>
    </message>
    <message>
        <source>Pose by pose</source>
        <translation>Pose für Pose</translation>
    </message>
    <message>
        <source>Working it out …</source>
        <translation>Wird berechnet …</translation>
    </message>
    <message>
        <source>%1 is not in this shot.</source>
        <translation>%1 ist nicht in dieser Einstellung.</translation>
    </message>
    <message>
        <source>This shot is acted by an estimate: there are no poses to see. Take a motion file or an exposure sheet, or let it go through kept poses.</source>
        <translation>Diese Einstellung ist geschätzt: es gibt keine Posen zu sehen. Eine Bewegungsdatei oder ein Belichtungsblatt nehmen, oder sie durch behaltene Posen gehen lassen.</translation>
    </message>
    <message>
        <source>frame %1, %2 s. Shadow: the pose before. Dashed: how far the hand goes so that the wire stays.</source>
        <translation>Bild %1, %2 s. Schatten: die Pose davor. Gestrichelt: wie weit die Hand geht, damit der Draht bleibt.</translation>
    </message>
    <message>
        <source>from the side</source>
        <translation>von der Seite</translation>
    </message>
    <message>
        <source>from the front</source>
        <translation>von vorn</translation>
    </message>
</context>
<context>
    <name>enkinet::app::ShotMotions</name>
    <message>
        <source>Motion from %1</source>
        <translation>Bewegung aus %1</translation>
    </message>
    <message>
        <source>%1 cannot be read, or is too large</source>
        <translation>%1 kann nicht gelesen werden oder ist zu groß</translation>
    </message>
    <message>
        <source>no joint of %1 is called like one of %2: give the joints such names as knee or elbow, or take an exposure sheet</source>
        <translation>kein Gelenk von %1 heißt wie eines von %2: den Gelenken Namen wie Knie oder Ellbogen geben, oder ein Belichtungsblatt nehmen</translation>
    </message>
    <message numerus="yes">
        <source>%1 says that it has %n frame(s)</source>
        <translation>
            <numerusform>%1 nennt %n Bild</numerusform>
            <numerusform>%1 nennt %n Bilder</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source> and holds %n more: left out</source>
        <translation>
            <numerusform> und enthält %n mehr: ausgelassen</numerusform>
            <numerusform> und enthält %n mehr: ausgelassen</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>enkinet::app::ShotTable</name>
    <message>
        <source>The shots and what each wears</source>
        <translation>Die Einstellungen und was jede abnutzt</translation>
    </message>
    <message>
        <source>shot %1, %2, %3 s</source>
        <translation>Einstellung %1, %2, %3 s</translation>
    </message>
    <message>
        <source>, %1 %2 % spent after it</source>
        <translation>, %1 danach %2 % verbraucht</translation>
    </message>
    <message>
        <source>%1 s, on %2</source>
        <translation>%1 s, am %2</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>weekday, day</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>puppet, copy</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>swap</source>
        <translation>tauschen</translation>
    </message>
    <message>
        <source>not in it</source>
        <translation>nicht darin</translation>
    </message>
    <message>
        <source>The shots</source>
        <translation>Die Einstellungen</translation>
    </message>
    <message>
        <source>Working it out …</source>
        <translation>Wird berechnet …</translation>
    </message>
    <message>
        <source>No shot yet: add the first one on the card, and what it wears stands here.</source>
        <translation>Noch keine Einstellung: die erste auf der Karte anlegen, dann steht hier, was sie abnutzt.</translation>
    </message>
    <message>
        <source>%1 s of film. A card is a shot, a tube one of the three joints that wear most.</source>
        <translation>%1 s Film. Eine Karte ist eine Einstellung, ein Röhrchen eines der drei Gelenke, die sich am meisten abnutzen.</translation>
    </message>
    <message>
        <source>Pale: worn before. Full: by the shot, hatched while it is still to be shot.</source>
        <translation>Blass: vorher abgenutzt. Voll: durch die Einstellung, schraffiert, solange sie noch zu drehen ist.</translation>
    </message>
    <message>
        <source>Red ring: nine in ten such joints last to here. Numbers are per cent of it.</source>
        <translation>Roter Ring: bis hier halten neun von zehn solchen Gelenken. Zahlen sind Prozente davon.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>number, joint</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>What the film wants on the shelf</source>
        <translation>Was der Film im Regal verlangt</translation>
    </message>
    <message>
        <source>%1, %2: %3 of each side</source>
        <translation>%1, %2: %3 von jeder Seite</translation>
    </message>
    <message>
        <source>%1, %2: a dozen do not suffice</source>
        <translation>%1, %2: ein Dutzend genügt nicht</translation>
    </message>
    <message>
        <source>no double: every limb lasts by itself in 95 of 100 such films</source>
        <translation>kein Double: jedes Glied hält von selbst in 95 von 100 solchen Filmen</translation>
    </message>
    <message>
        <source>each limb by itself for 95 of 100 such films; all together, with these, for at least %1</source>
        <translation>jedes Glied für sich in 95 von 100 solchen Filmen; alle zusammen, mit diesen, in mindestens %1</translation>
    </message>
</context>
<context>
    <name>enkinet::app::SidePanel</name>
    <message>
        <source>Card</source>
        <translation>Karte</translation>
    </message>
    <message>
        <source>Where to begin</source>
        <translation>Womit beginnen</translation>
    </message>
    <message>
        <source>Open the demo production</source>
        <translation>Die Demo-Produktion öffnen</translation>
    </message>
    <message>
        <source>Post for the Tide House: Tansy, Brindle and Old Reed. It opens as a copy, so nothing of it can be spoiled.</source>
        <translation>Post for the Tide House: Tansy, Brindle und Old Reed. Sie öffnet sich als Kopie, es kann also nichts daran verdorben werden.</translation>
    </message>
    <message>
        <source>Open a file</source>
        <translation>Eine Datei öffnen</translation>
    </message>
    <message>
        <source>A new puppet</source>
        <translation>Eine neue Puppe</translation>
    </message>
    <message>
        <source>Kind of puppet</source>
        <translation>Art der Puppe</translation>
    </message>
    <message>
        <source>biped</source>
        <translation>Zweibeiner</translation>
    </message>
    <message>
        <source>quadruped</source>
        <translation>Vierbeiner</translation>
    </message>
    <message>
        <source>bird</source>
        <translation>Vogel</translation>
    </message>
    <message>
        <source>serpent</source>
        <translation>Schlange</translation>
    </message>
    <message>
        <source>winged beast</source>
        <translation>geflügeltes Tier</translation>
    </message>
    <message>
        <source>own shape, from a drawing</source>
        <translation>eigene Form, nach Zeichnung</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Draw it</source>
        <translation>Zeichnen</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>span</source>
        <translation>Spannweite</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>height at the shoulder</source>
        <translation>Höhe an der Schulter</translation>
    </message>
    <message>
        <source>Sound proportions, ranges and layers to begin with; change any of them afterwards.</source>
        <translation>Stimmige Proportionen, Spielräume und Schichten für den Anfang; alles lässt sich später ändern.</translation>
    </message>
    <message>
        <source>The first hour, step by step</source>
        <translation>Die erste Stunde, Schritt für Schritt</translation>
    </message>
</context>
<context>
    <name>enkinet::app::SimulatorProcess</name>
    <message>
        <source>enkinet-bench, the simulated devices, is not installed beside the program.</source>
        <translation>enkinet-bench, die simulierten Geräte, ist nicht neben dem Programm installiert.</translation>
    </message>
    <message>
        <source>The simulated devices could not be started.</source>
        <translation>Die simulierten Geräte konnten nicht gestartet werden.</translation>
    </message>
</context>
<context>
    <name>enkinet::app::SkinPage</name>
    <message>
        <source>clay</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>Clay of this part: which and how thick</source>
        <translation>Ton dieses Teils: welcher und wie dick</translation>
    </message>
    <message>
        <source>Lumps, sheets, scales, packs and the shop stand on the bench.</source>
        <translation>Klumpen, Platten, Waagen, Packungen und die Werkstatt stehen auf der Bank.</translation>
    </message>
    <message>
        <source>amounts</source>
        <translation>Mengen</translation>
    </message>
    <message>
        <source>Lumps, sheets, scales, packs and the shop</source>
        <translation>Klumpen, Platten, Waagen, Packungen und die Werkstatt</translation>
    </message>
    <message>
        <source>oven</source>
        <translation>Ofen</translation>
    </message>
    <message>
        <source>Loads of the oven, heat spent, last look</source>
        <translation>Ofenladungen, verbrauchte Hitze, letzter Blick</translation>
    </message>
    <message>
        <source>cover</source>
        <translation>Überzug</translation>
    </message>
    <message>
        <source>Cloth, fur and feathers, and their patterns</source>
        <translation>Stoff, Fell und Federn, und ihre Schnitte</translation>
    </message>
    <message>
        <source>Nothing in hand</source>
        <translation>Nichts in der Hand</translation>
    </message>
    <message>
        <source>Amounts for the %1</source>
        <translation>Mengen für %1</translation>
    </message>
    <message>
        <source>Amounts</source>
        <translation>Mengen</translation>
    </message>
</context>
<context>
    <name>enkinet::app::SkinTab</name>
    <message>
        <source>Clay of this part</source>
        <translation>Ton dieses Teils</translation>
    </message>
    <message>
        <source>Where the thickness holds</source>
        <translation>Wo die Dicke gilt</translation>
    </message>
    <message>
        <source>Thickness of the skin</source>
        <translation>Dicke der Haut</translation>
    </message>
    <message>
        <source>Relief, muscles and folds, in per cent</source>
        <translation>Relief, Muskeln und Falten, in Prozent</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>Does the skin run across the joints</source>
        <translation>Läuft die Haut über die Gelenke</translation>
    </message>
    <message>
        <source>clay</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>thickness</source>
        <translation>Dicke</translation>
    </message>
    <message>
        <source>relief</source>
        <translation>Relief</translation>
    </message>
    <message>
        <source>at the joints</source>
        <translation>an den Gelenken</translation>
    </message>
    <message>
        <source>Same thickness all along</source>
        <translation>Überall gleich dick</translation>
    </message>
    <message>
        <source>Clay of %1</source>
        <translation>Ton von %1</translation>
    </message>
    <message>
        <source>Relief %1 %</source>
        <translation>Relief %1 %</translation>
    </message>
    <message>
        <source>Skin across the joints</source>
        <translation>Haut über die Gelenke</translation>
    </message>
    <message>
        <source>Skin stops at the joints</source>
        <translation>Haut endet an den Gelenken</translation>
    </message>
    <message>
        <source>no clay</source>
        <translation>kein Ton</translation>
    </message>
    <message>
        <source>whole part</source>
        <translation>ganzes Teil</translation>
    </message>
    <message>
        <source>at its root</source>
        <translation>am Ansatz</translation>
    </message>
    <message>
        <source>at its tip</source>
        <translation>an der Spitze</translation>
    </message>
    <message>
        <source>at %1 %</source>
        <translation>bei %1 %</translation>
    </message>
    <message>
        <source>the skin stops short of the gap</source>
        <translation>die Haut endet vor dem Spalt</translation>
    </message>
    <message>
        <source>the skin runs across</source>
        <translation>die Haut läuft darüber</translation>
    </message>
    <message>
        <source>Bare wire or bulk.</source>
        <translation>Blanker Draht oder Kern.</translation>
    </message>
    <message>
        <source>No clay: covered with %1.</source>
        <translation>Kein Ton: überzogen mit %1.</translation>
    </message>
    <message>
        <source>Skin of the %1: %2</source>
        <translation>Haut von %1: %2</translation>
    </message>
    <message>
        <source>Skin of the %1 even</source>
        <translation>Haut von %1 gleichmäßig</translation>
    </message>
    <message>
        <source>%1 cm³ of clay; %2.</source>
        <translation>%1 cm³ Ton; %2.</translation>
    </message>
    <message>
        <source>Which coat of clay, from the outside in</source>
        <translation>Welche Lage Ton, von außen nach innen</translation>
    </message>
    <message>
        <source>When this coat is cured</source>
        <translation>Wann diese Lage gehärtet wird</translation>
    </message>
    <message>
        <source>coat</source>
        <translation>Schicht</translation>
    </message>
    <message>
        <source>A coat beneath</source>
        <translation>Eine Lage darunter</translation>
    </message>
    <message>
        <source>Take this coat out</source>
        <translation>Diese Lage herausnehmen</translation>
    </message>
    <message>
        <source>Coat %1 is cured</source>
        <translation>Lage %1 wird gehärtet</translation>
    </message>
    <message>
        <source>the skin</source>
        <translation>die Haut</translation>
    </message>
    <message>
        <source>coat 1, innermost</source>
        <translation>Lage 1, innerste</translation>
    </message>
    <message>
        <source>coat %1</source>
        <translation>Lage %1</translation>
    </message>
    <message>
        <source>cured with what goes over it</source>
        <translation>gehärtet mit dem, was darüber kommt</translation>
    </message>
    <message>
        <source>cured before, load %1</source>
        <translation>vorher gehärtet, Ladung %1</translation>
    </message>
    <message>
        <source>Coat %1: %2</source>
        <translation>Lage %1: %2</translation>
    </message>
    <message>
        <source>A coat beneath the skin</source>
        <translation>Eine Lage unter der Haut</translation>
    </message>
    <message>
        <source>Coat %1 taken out</source>
        <translation>Lage %1 herausgenommen</translation>
    </message>
</context>
<context>
    <name>enkinet::app::SpoolsTab</name>
    <message>
        <source>Spools in stock, and what their numbers rest on</source>
        <translation>Vorrätige Rollen, und worauf ihre Zahlen beruhen</translation>
    </message>
    <message>
        <source>Take out of stock</source>
        <translation>Aus dem Vorrat nehmen</translation>
    </message>
    <message>
        <source>Put a spool into stock, or change one of the same name</source>
        <translation>Eine Rolle in den Vorrat legen, oder eine gleichen Namens ändern</translation>
    </message>
    <message>
        <source>Name of the spool</source>
        <translation>Name der Rolle</translation>
    </message>
    <message>
        <source>such as soft aluminium 1.6</source>
        <translation>etwa weiches Aluminium 1,6</translation>
    </message>
    <message>
        <source>Wire card</source>
        <translation>Drahtkarte</translation>
    </message>
    <message>
        <source>Diameter of the strand</source>
        <translation>Durchmesser des Strangs</translation>
    </message>
    <message>
        <source>1.6, 0.06 in, 14 awg, 16 swg</source>
        <translation>1,6, 0,06 in, 14 awg, 16 swg</translation>
    </message>
    <message>
        <source>Metres on the spool</source>
        <translation>Meter auf der Rolle</translation>
    </message>
    <message>
        <source>Price a metre</source>
        <translation>Preis je Meter</translation>
    </message>
    <message>
        <source>name, diameter</source>
        <translation>Name, Durchmesser</translation>
    </message>
    <message>
        <source>wire</source>
        <translation>Draht</translation>
    </message>
    <message>
        <source>metres, price</source>
        <translation>Meter, Preis</translation>
    </message>
    <message>
        <source>Put into stock</source>
        <translation>In den Vorrat legen</translation>
    </message>
    <message>
        <source>Take out of stock: %1</source>
        <translation>Aus dem Vorrat nehmen: %1</translation>
    </message>
    <message>
        <source>Spool %1</source>
        <translation>Rolle %1</translation>
    </message>
    <message>
        <source>%1, %2: %3 at %4 a metre; %5</source>
        <translation>%1, %2: %3 zu %4 je Meter; %5</translation>
    </message>
    <message>
        <source>to buy</source>
        <translation>zu kaufen</translation>
    </message>
    <message>
        <source>%1 m</source>
        <translation>%1 m</translation>
    </message>
    <message>
        <source>Spools in stock, and those to buy</source>
        <translation>Spulen im Lager und solche, die zu kaufen sind</translation>
    </message>
</context>
<context>
    <name>enkinet::app::SpotField</name>
    <message>
        <source>: </source>
        <translation>: </translation>
    </message>
</context>
<context>
    <name>enkinet::app::StationBar</name>
    <message>
        <source>Stations in the order of work</source>
        <translation>Stationen in der Reihenfolge der Arbeit</translation>
    </message>
</context>
<context>
    <name>enkinet::app::Text</name>
    <message>
        <source>%1 could not be written</source>
        <translation>%1 konnte nicht geschrieben werden</translation>
    </message>
    <message>
        <source>the ending must be obj, stl, gltf, svg or dxf</source>
        <translation>die Endung muss obj, stl, gltf, svg oder dxf sein</translation>
    </message>
    <message>
        <source>Bend the %1 to %2</source>
        <translation>%1 biegen auf %2</translation>
    </message>
    <message>
        <source>%1: %2 forth, %3 aside, range %4 to %5; springs back %6; carries %7 N·mm in this pose</source>
        <translation>%1: %2 vor, %3 seitwärts, Spielraum %4 bis %5; federt %6 zurück; trägt in dieser Pose %7 N·mm</translation>
    </message>
    <message>
        <source>Width of the %1</source>
        <translation>Breite von %1</translation>
    </message>
    <message>
        <source>Move the %1</source>
        <translation>%1 bewegen</translation>
    </message>
    <message>
        <source>Nudge the %1</source>
        <translation>%1 rücken</translation>
    </message>
    <message>
        <source>Drag a point, or the edge of a selected part. Arrows nudge by 0.1 mm, with Shift by 1 mm, with Ctrl in depth; Alt lets go of snapping.</source>
        <translation>Einen Punkt ziehen oder die Kante eines gewählten Teils. Pfeile rücken um 0,1 mm, mit Umschalt um 1 mm, mit Strg in die Tiefe; Alt löst das Einrasten.</translation>
    </message>
    <message>
        <source>a limb hangs on another one: begin on one of its points</source>
        <translation>ein Glied hängt an einem anderen: auf einem von dessen Punkten beginnen</translation>
    </message>
    <message>
        <source>Mark a limb: %1</source>
        <translation>Ein Glied zeichnen: %1</translation>
    </message>
    <message>
        <source>Click where the limb begins: on a point that it hangs on, or anywhere for the first limb.</source>
        <translation>Klicken, wo das Glied beginnt: auf einen Punkt, an dem es hängt, oder für das erste Glied irgendwo.</translation>
    </message>
    <message>
        <source>Take a limb beyond a joint and bend it there; the dashed line is where it springs back to.</source>
        <translation>Ein Glied jenseits eines Gelenks fassen und dort biegen; die gestrichelte Linie zeigt, wohin es zurückfedert.</translation>
    </message>
    <message>
        <source>measure %1</source>
        <translation>Maß %1</translation>
    </message>
    <message>
        <source>Measure %1</source>
        <translation>%1 messen</translation>
    </message>
    <message>
        <source>Drag from one point to another: the distance is kept, and beside it what you measured on the real piece.</source>
        <translation>Von einem Punkt zum anderen ziehen: der Abstand wird behalten, daneben das, was am echten Stück gemessen wurde.</translation>
    </message>
    <message>
        <source>Move the picture</source>
        <translation>Das Bild bewegen</translation>
    </message>
    <message>
        <source>Scale the picture: these two points are %1 apart</source>
        <translation>Das Bild skalieren: diese zwei Punkte liegen %1 auseinander</translation>
    </message>
    <message>
        <source>Drag between two points of the picture that are really %1 apart.</source>
        <translation>Zwischen zwei Punkten des Bildes ziehen, die in Wahrheit %1 auseinanderliegen.</translation>
    </message>
    <message>
        <source>Drag the picture to where it belongs.</source>
        <translation>Das Bild dorthin ziehen, wo es hingehört.</translation>
    </message>
    <message>
        <source>it is no PNG, JPEG or SVG picture</source>
        <translation>es ist kein PNG-, JPEG- oder SVG-Bild</translation>
    </message>
    <message>
        <source>fingers, %1 alike</source>
        <translation>Finger, %1 gleiche</translation>
    </message>
    <message>
        <source>%1, left and right</source>
        <translation>%1, links und rechts</translation>
    </message>
    <message>
        <source>no wire in stock</source>
        <translation>kein Draht vorrätig</translation>
    </message>
    <message>
        <source>needs no wire</source>
        <translation>braucht keinen Draht</translation>
    </message>
    <message>
        <source>%1 s of film</source>
        <translation>%1 s Film</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1 of %2 s</source>
        <translation>%1 von %2 s</translation>
    </message>
    <message>
        <source>nothing moves here</source>
        <translation>hier bewegt sich nichts</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
    <message>
        <source>is for places where nothing moves</source>
        <translation>ist für Stellen, an denen sich nichts bewegt</translation>
    </message>
    <message>
        <source>twisting alone would spend half the wire</source>
        <translation>allein das Verdrillen würde den halben Draht verbrauchen</translation>
    </message>
    <message>
        <source>not enough of it on the spool</source>
        <translation>nicht genug davon auf der Rolle</translation>
    </message>
    <message>
        <source>you do not wish for it: strands or gauge</source>
        <translation>Sie wünschen es nicht: Stränge oder Drahtstärke</translation>
    </message>
    <message>
        <source>ruled out: %1 at the %2</source>
        <translation>ausgeschlossen: %1 (%2)</translation>
    </message>
    <message>
        <source>fits: least %1 s of film, at the %2</source>
        <translation>passt: mindestens %1 s Film (%2)</translation>
    </message>
    <message>
        <source>picked by you</source>
        <translation>von Ihnen gewählt</translation>
    </message>
    <message>
        <source>chosen by Enkinet</source>
        <translation>von Enkinet gewählt</translation>
    </message>
    <message>
        <source>a free gap of %1, drawn</source>
        <translation>ein freier Spalt von %1, gezeichnet</translation>
    </message>
    <message>
        <source>Why %1 N·mm of %2</source>
        <translation>Warum %1 N·mm von %2</translation>
    </message>
    <message>
        <source>holds: the largest moment that leaves no more than %1 behind, which you set</source>
        <translation>hält: das größte Moment, das nicht mehr als %1 zurücklässt, was Sie eingestellt haben</translation>
    </message>
    <message>
        <source>wanted: %1 times the load, your safety</source>
        <translation>gewünscht: das %1-Fache der Last, Ihre Sicherheit</translation>
    </message>
    <message>
        <source>Why %1 of %2 N·mm</source>
        <translation>Warum %1 von %2 N·mm</translation>
    </message>
    <message>
        <source>Why %1 of %2 N</source>
        <translation>Warum %1 von %2 N</translation>
    </message>
    <message>
        <source>bending: the moment at %1, the strands lying as they resist most</source>
        <translation>Biegen: das Moment bei %1, die Stränge so liegend, wie sie am meisten widerstehen</translation>
    </message>
    <message>
        <source>soft clay round the joint adds %1 N·mm</source>
        <translation>weicher Ton um das Gelenk kommt mit %1 N·mm hinzu</translation>
    </message>
    <message>
        <source>allowed: the other hand gives %1 N on a lever of %2, and steadies the near side</source>
        <translation>erlaubt: die andere Hand gibt %1 N an einem Hebel von %2 und hält die nahe Seite</translation>
    </message>
    <message>
        <source>allowed: the clay dents at %1 N, on a lever of %2</source>
        <translation>erlaubt: der Ton bekommt Dellen ab %1 N, an einem Hebel von %2</translation>
    </message>
    <message>
        <source>allowed: fingers give %1 N here, your limit, on a lever of %2</source>
        <translation>erlaubt: Finger geben hier %1 N, Ihre Grenze, an einem Hebel von %2</translation>
    </message>
    <message>
        <source>Why %1 of %2</source>
        <translation>Warum %1 von %2</translation>
    </message>
    <message>
        <source>springs back: what the wire stores at %1, given back when the hand lets go</source>
        <translation>federt zurück: was der Draht bei %1 speichert und zurückgibt, wenn die Hand loslässt</translation>
    </message>
    <message>
        <source>stiffness: %1 GPa, from the card %2</source>
        <translation>Steifigkeit: %1 GPa, von der Karte %2</translation>
    </message>
    <message>
        <source>Why %1 of %2 s of film</source>
        <translation>Warum %1 von %2 s Film</translation>
    </message>
    <message>
        <source>lasts: %1 bends that nine in ten such joints reach, half of them %2</source>
        <translation>hält: %1 Biegungen, die neun von zehn solchen Gelenken erreichen, die Hälfte %2</translation>
    </message>
    <message>
        <source>each pass through the shot&apos;s poses</source>
        <translation>jeder Durchgang durch die Posen der Einstellung</translation>
    </message>
    <message>
        <source>each bend over %1, its springback over-bent</source>
        <translation>jede Biegung über %1, um die Rückfederung überbogen</translation>
    </message>
    <message>
        <source>strained %1 % at the outside, %2</source>
        <translation>außen um %1 % gedehnt, %2</translation>
    </message>
    <message>
        <source>%1 bends a second of film, your acting and retakes</source>
        <translation>%1 Biegungen je Sekunde Film, Ihr Spiel und Ihre Wiederholungen</translation>
    </message>
    <message>
        <source>twisting has spent %1 % before</source>
        <translation>Verdrillen hat vorher %1 % verbraucht</translation>
    </message>
    <message>
        <source>building has spent %1 % before</source>
        <translation>Bauen hat vorher %1 % verbraucht</translation>
    </message>
    <message>
        <source>across: %1 lying together</source>
        <translation>quer: %1 beieinanderliegend</translation>
    </message>
    <message>
        <source>room: the part&apos;s half-widths as drawn, less skin, cover and a millimetre of cover for the wire</source>
        <translation>Platz: die gezeichneten halben Breiten des Teils, weniger Haut, Überzug und ein Millimeter über dem Draht</translation>
    </message>
    <message>
        <source>stiff ends need %1 of gap at full bend</source>
        <translation>steife Enden brauchen bei voller Biegung %1 Spalt</translation>
    </message>
    <message>
        <source>Geometry: as sure as the drawing.</source>
        <translation>Geometrie: so sicher wie die Zeichnung.</translation>
    </message>
    <message>
        <source>gap 1 % longer</source>
        <translation>Spalt 1 % länger</translation>
    </message>
    <message>
        <source>1 % more bend</source>
        <translation>1 % mehr Biegung</translation>
    </message>
    <message>
        <source>edge 1 % harder</source>
        <translation>Kante 1 % härter</translation>
    </message>
    <message>
        <source>1 % more bends a second</source>
        <translation>1 % mehr Biegungen je Sekunde</translation>
    </message>
    <message>
        <source>wire 1 % thicker</source>
        <translation>Draht 1 % dicker</translation>
    </message>
    <message>
        <source>%1: %2 % more</source>
        <translation>%1: %2 % mehr</translation>
    </message>
    <message>
        <source>%1: %2 % less</source>
        <translation>%1: %2 % weniger</translation>
    </message>
    <message>
        <source>From the card&apos;s table values: two in three such wires lie within a factor of %1.</source>
        <translation>Aus den Tafelwerten der Karte: zwei von drei solchen Drähten liegen innerhalb des Faktors %1.</translation>
    </message>
    <message>
        <source>From your tests of this spool (%1): two in three lie within a factor of %2.</source>
        <translation>Aus Ihren Versuchen mit dieser Rolle (%1): zwei von drei liegen innerhalb des Faktors %2.</translation>
    </message>
    <message>
        <source>What would narrow it most: bend a piece of this spool over %1 to and fro until it breaks, and count.</source>
        <translation>Was es am meisten eingrenzen würde: ein Stück dieser Rolle um %1 hin und her biegen, bis es bricht, und zählen.</translation>
    </message>
    <message>
        <source>What would narrow it most: hang weights on a piece of this spool until it creeps.</source>
        <translation>Was es am meisten eingrenzen würde: Gewichte an ein Stück dieser Rolle hängen, bis es kriecht.</translation>
    </message>
    <message>
        <source>Turntable</source>
        <translation>Drehscheibe</translation>
    </message>
    <message>
        <source>Left and right turn it, up and down tilt it.</source>
        <translation>Links und rechts drehen sie, auf und ab neigen sie.</translation>
    </message>
    <message>
        <source>Drag the paper to turn and tilt the stand; take a limb beyond a joint to bend it there. The copper dot on the rim marks the front.</source>
        <translation>Das Papier ziehen, um die Scheibe zu drehen und zu neigen; ein Glied jenseits eines Gelenks fassen, um es dort zu biegen. Der Kupferpunkt am Rand zeigt, wo vorn ist.</translation>
    </message>
    <message>
        <source>There is no turntable here: this display offers no OpenGL. Everything else works without it.</source>
        <translation>Hier gibt es keine Drehscheibe: diese Anzeige bietet kein OpenGL. Alles andere geht auch ohne sie.</translation>
    </message>
    <message>
        <source>no number</source>
        <translation>keine Zahl</translation>
    </message>
    <message>
        <source>%1 in</source>
        <translation>%1 in</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>under 0.01 g</source>
        <translation>unter 0,01 g</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>%1 (near AWG %2, SWG %3)</source>
        <translation>%1 (nahe AWG %2, SWG %3)</translation>
    </message>
    <message>
        <source>skin %1</source>
        <translation>Haut %1</translation>
    </message>
    <message>
        <source>bulk %1</source>
        <translation>Kern %1</translation>
    </message>
    <message>
        <source>cover %1</source>
        <translation>Überzug %1</translation>
    </message>
    <message>
        <source>weighed pieces %1</source>
        <translation>gewogene Stücke %1</translation>
    </message>
    <message>
        <source>wire %1</source>
        <translation>Draht %1</translation>
    </message>
    <message>
        <source>Weighs %1: %2.</source>
        <translation>Wiegt %1: %2.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>%1 h %2 min</source>
        <translation>%1 h %2 min</translation>
    </message>
    <message>
        <source>%1 h</source>
        <translation>%1 h</translation>
    </message>
    <message>
        <source>%1 days</source>
        <translation>%1 Tage</translation>
    </message>
    <message>
        <source>d MMM</source>
        <comment>QDate&apos;s format of a day</comment>
        <translation>d. MMM</translation>
    </message>
    <message>
        <source>%1 %2, %3</source>
        <comment>weekday, day, hour</comment>
        <translation>%1 %2, %3</translation>
    </message>
    <message>
        <source>crowded</source>
        <translation>eng</translation>
    </message>
    <message>
        <source>slack</source>
        <translation>schlaff</translation>
    </message>
    <message>
        <source>stiff</source>
        <translation>steif</translation>
    </message>
    <message>
        <source>springy</source>
        <translation>federnd</translation>
    </message>
    <message>
        <source>tired</source>
        <translation>müde</translation>
    </message>
    <message>
        <source>holds</source>
        <translation>hält</translation>
    </message>
    <message>
        <source>not checked</source>
        <translation>ungeprüft</translation>
    </message>
    <message>
        <source>does not fit inside, or bulk meets bulk</source>
        <translation>passt nicht hinein, oder Kern trifft Kern</translation>
    </message>
    <message>
        <source>would sag</source>
        <translation>würde durchsacken</translation>
    </message>
    <message>
        <source>a hand or the clay cannot take it</source>
        <translation>Hand oder Ton schaffen es nicht</translation>
    </message>
    <message>
        <source>comes back too far</source>
        <translation>kommt zu weit zurück</translation>
    </message>
    <message>
        <source>breaks too early</source>
        <translation>bricht zu früh</translation>
    </message>
    <message>
        <source>keeps its pose and lasts</source>
        <translation>hält seine Pose und lange genug</translation>
    </message>
    <message>
        <source>nothing is posed here, and what it carries is not worked out</source>
        <translation>hier wird nichts gestellt, und was es trägt, ist nicht berechnet</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Blatt</translation>
    </message>
    <message>
        <source>Wire</source>
        <translation>Draht</translation>
    </message>
    <message>
        <source>Bulk</source>
        <translation>Kern</translation>
    </message>
    <message>
        <source>Skin</source>
        <translation>Haut</translation>
    </message>
    <message>
        <source>Paint</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>Shoot</source>
        <translation>Dreh</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Werkbank</translation>
    </message>
    <message>
        <source>in front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>at the back</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>from %1 to %2 %</source>
        <translation>von %1 bis %2 %</translation>
    </message>
    <message>
        <source>in the recesses</source>
        <translation>in die Vertiefungen</translation>
    </message>
    <message>
        <source>on the ridges</source>
        <translation>auf die Grate</translation>
    </message>
    <message>
        <source>on what sits there</source>
        <translation>auf das, was dort sitzt</translation>
    </message>
    <message>
        <source>Mask along the sides first, low-tack tape pressed down; off while the coat is still soft.</source>
        <translation>Zuerst die Seiten abkleben, schwach klebendes Band, fest angedrückt; abziehen, solange die Schicht noch weich ist.</translation>
    </message>
    <message>
        <source>Mask both ends of the stretch first, low-tack tape pressed down; off while the coat is still soft.</source>
        <translation>Zuerst beide Enden des Stücks abkleben, schwach klebendes Band, fest angedrückt; abziehen, solange die Schicht noch weich ist.</translation>
    </message>
    <message>
        <source>Cover what is round it with a cut card, or paint it before it goes on.</source>
        <translation>Die Umgebung mit einer ausgeschnittenen Karte abdecken, oder vor dem Anbringen bemalen.</translation>
    </message>
    <message>
        <source>Run it in with a thin brush and wipe what stands high.</source>
        <translation>Mit dünnem Pinsel einlaufen lassen und abwischen, was hoch steht.</translation>
    </message>
    <message>
        <source>With a nearly dry brush, flat across the ridges.</source>
        <translation>Mit fast trockenem Pinsel, flach über die Grate.</translation>
    </message>
    <message>
        <source>primer</source>
        <translation>Grundierung</translation>
    </message>
    <message>
        <source>base</source>
        <translation>Grund</translation>
    </message>
    <message>
        <source>wash</source>
        <translation>Lasur</translation>
    </message>
    <message>
        <source>dry-brush</source>
        <translation>Trockenbürste</translation>
    </message>
    <message>
        <source>varnish</source>
        <translation>Lack</translation>
    </message>
    <message>
        <source>simplest to make</source>
        <translation>am einfachsten zu machen</translation>
    </message>
    <message>
        <source>longest life</source>
        <translation>längste Lebensdauer</translation>
    </message>
    <message>
        <source>lightest</source>
        <translation>am leichtesten</translation>
    </message>
    <message>
        <source>easiest to pose</source>
        <translation>am leichtesten zu stellen</translation>
    </message>
    <message>
        <source>fewest spools</source>
        <translation>wenigste Rollen</translation>
    </message>
    <message>
        <source>cheapest</source>
        <translation>am billigsten</translation>
    </message>
    <message>
        <source>spine</source>
        <translation>Rückgrat</translation>
    </message>
    <message>
        <source>arm</source>
        <translation>Arm</translation>
    </message>
    <message>
        <source>leg</source>
        <translation>Bein</translation>
    </message>
    <message>
        <source>finger</source>
        <translation>Finger</translation>
    </message>
    <message>
        <source>tail</source>
        <translation>Schwanz</translation>
    </message>
    <message>
        <source>neck</source>
        <translation>Hals</translation>
    </message>
    <message>
        <source>wing</source>
        <translation>Flügel</translation>
    </message>
    <message>
        <source>ear</source>
        <translation>Ohr</translation>
    </message>
    <message>
        <source>jaw</source>
        <translation>Kiefer</translation>
    </message>
    <message>
        <source>limb</source>
        <translation>Glied</translation>
    </message>
    <message>
        <source>right %1</source>
        <translation>%1 rechts</translation>
    </message>
    <message>
        <source>left %1</source>
        <translation>%1 links</translation>
    </message>
    <message>
        <source>one of %1</source>
        <translation>eines von %1</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>Holds %1 of %2 N·mm needed, and 9 of 10 last %3 of %4 s of film.</source>
        <translation>Hält %1 von nötigen %2 N·mm, und 9 von 10 halten %3 von %4 s Film.</translation>
    </message>
    <message>
        <source>It holds %1 N·mm; %2 are needed.</source>
        <translation>Es hält %1 N·mm; nötig sind %2.</translation>
    </message>
    <message>
        <source>Bending it takes %1 N·mm; the other hand can give %2 against it.</source>
        <translation>Biegen braucht %1 N·mm; die andere Hand kann %2 dagegenhalten.</translation>
    </message>
    <message>
        <source>Bending it takes %1 N; the clay dents at %2 N.</source>
        <translation>Biegen braucht %1 N; der Ton bekommt Dellen ab %2 N.</translation>
    </message>
    <message>
        <source>Bending it takes %1 N; fingers give %2 N.</source>
        <translation>Biegen braucht %1 N; Finger geben %2 N.</translation>
    </message>
    <message>
        <source>It springs back %1; %2 are allowed.</source>
        <translation>Es federt um %1 zurück; %2 sind erlaubt.</translation>
    </message>
    <message>
        <source>9 of 10 such joints last %1 s of film; %2 are wanted.</source>
        <translation>9 von 10 solchen Gelenken halten %1 s Film; gewünscht sind %2.</translation>
    </message>
    <message>
        <source>.</source>
        <translation>.</translation>
    </message>
    <message>
        <source>one wire of %1 %2</source>
        <translation>ein Draht von %1 %2</translation>
    </message>
    <message>
        <source>%1 strands of %2 %3, %4 a turn</source>
        <translation>%1 Stränge von %2 %3, %4 je Windung</translation>
    </message>
    <message>
        <source>%1 strands of %2 %3, side by side</source>
        <translation>%1 Stränge von %2 %3, nebeneinander</translation>
    </message>
    <message>
        <source>, %1 from the %2 on</source>
        <translation>, ab %2 %1</translation>
    </message>
    <message>
        <source>→%1</source>
        <translation>→%1</translation>
    </message>
    <message>
        <source>one of %1 %2</source>
        <translation>einer von %1 %2</translation>
    </message>
    <message>
        <source>%1 of %2 %3</source>
        <translation>%1 von %2 %3</translation>
    </message>
    <message>
        <source>Not every joint has wire yet, so the feet&apos;s shares are not known.</source>
        <translation>Noch hat nicht jedes Gelenk Draht, also sind die Anteile der Füße nicht bekannt.</translation>
    </message>
    <message>
        <source>the tie-down of the %1 pulls %2</source>
        <translation>an der Verankerung von %1 ziehen %2</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>On %1 feet at worst: %2. </source>
        <translation>Auf %1 Füßen im schlimmsten Fall: %2. </translation>
    </message>
    <message>
        <source>The tip of the %1 droops most, %2, as the wire gives.</source>
        <translation>Die Spitze von %1 hängt am meisten durch, %2, weil der Draht nachgibt.</translation>
    </message>
    <message>
        <source>to hold a pose</source>
        <translation>um eine Pose zu halten</translation>
    </message>
    <message>
        <source>to anchor</source>
        <translation>um zu verankern</translation>
    </message>
    <message>
        <source>to hold the raw clay in shape until it is cured</source>
        <translation>um den rohen Ton in Form zu halten, bis er gehärtet ist</translation>
    </message>
    <message>
        <source>Wire is here %1.</source>
        <translation>Draht ist hier, %1.</translation>
    </message>
    <message>
        <source>Needs no wire: nothing moves, nothing hangs on it, and its raw clay carries itself (%1 of %2 MPa at its root, held level).</source>
        <translation>Braucht keinen Draht: nichts bewegt sich, nichts hängt daran, und sein roher Ton trägt sich selbst (%1 von %2 MPa am Ansatz, waagerecht gehalten).</translation>
    </message>
    <message>
        <source>the load of %1 N·mm: %2 lean on it, %3 off its line, in the worst lean of up to %4</source>
        <translation>die Last von %1 N·mm: %2 lehnen sich darauf, %3 neben seiner Linie, in der schlimmsten Neigung bis %4</translation>
    </message>
    <message>
        <source>the load of %1 N·mm: %2 stretched out level, %3 away</source>
        <translation>die Last von %1 N·mm: %2 waagerecht ausgestreckt, %3 entfernt</translation>
    </message>
    <message>
        <source>the load of %1 N·mm: the frame&apos;s share of the whole weight, in the worst lean of up to %2</source>
        <translation>die Last von %1 N·mm: der Anteil des Gerüsts am ganzen Gewicht, in der schlimmsten Neigung bis %2</translation>
    </message>
    <message>
        <source>the load of %1 N·mm: a hand&apos;s touch, for next to nothing hangs on it</source>
        <translation>die Last von %1 N·mm: die Berührung einer Hand, denn es hängt so gut wie nichts daran</translation>
    </message>
    <message>
        <source>its gap lies inside the %1, which is hard once cured: %2 of %3 are free</source>
        <translation>sein Spalt liegt in „%1“, das gehärtet steif ist: %2 von %3 sind frei</translation>
    </message>
    <message>
        <source>gap %1 of %2 needed at full bend</source>
        <translation>Spalt %1 von %2, bei voller Biegung nötig</translation>
    </message>
    <message>
        <source>bundle %1 across, room for %2</source>
        <translation>Bündel %1 quer, Platz für %2</translation>
    </message>
    <message>
        <source>holds %1 of %2 N·mm needed</source>
        <translation>hält %1 von nötigen %2 N·mm</translation>
    </message>
    <message>
        <source>takes %1 N·mm to bend, the other hand can hold %2 against it (%3 N, %4 away)</source>
        <translation>braucht %1 N·mm zum Biegen, die andere Hand kann %2 dagegenhalten (%3 N, %4 entfernt)</translation>
    </message>
    <message>
        <source>takes %1 N to bend, the clay dents at %2 N</source>
        <translation>braucht %1 N zum Biegen, der Ton bekommt Dellen ab %2 N</translation>
    </message>
    <message>
        <source>takes %1 N to bend, fingers can give %2 N here (your limit)</source>
        <translation>braucht %1 N zum Biegen, Finger können hier %2 N geben (Ihre Grenze)</translation>
    </message>
    <message>
        <source>springs back %1 of %2 allowed</source>
        <translation>federt %1 von erlaubten %2 zurück</translation>
    </message>
    <message>
        <source>bent tighter than any number here is good for</source>
        <translation>enger gebogen, als hier irgendeine Zahl gilt</translation>
    </message>
    <message>
        <source>a turn is more than three times as long as the gap: no life is predicted</source>
        <translation>eine Windung ist mehr als dreimal so lang wie der Spalt: keine Lebensdauer wird vorhergesagt</translation>
    </message>
    <message>
        <source>lasts %1 of %2 s of film</source>
        <translation>hält %1 von %2 s Film</translation>
    </message>
    <message>
        <source>One strand needs no lay. It has nothing to share the stretch with, so thickness alone decides its life.</source>
        <translation>Ein Strang braucht keine Schlaglänge. Er hat nichts, womit er die Dehnung teilt, also entscheidet die Dicke allein über sein Leben.</translation>
    </message>
    <message>
        <source>Parallel strands cannot slide between two stiff ends: the outer one is stretched at every bend. A lay equal to the gap or a little shorter would free them.</source>
        <translation>Parallele Stränge können zwischen zwei steifen Enden nicht gleiten: der äußere wird bei jeder Biegung gedehnt. Eine Schlaglänge gleich dem Spalt oder etwas kürzer würde sie befreien.</translation>
    </message>
    <message>
        <source>The strain is %1 times that of one such wire, known to 15 %.</source>
        <translation>Die Dehnung ist das %1-Fache der eines einzelnen solchen Drahts, auf 15 % bekannt.</translation>
    </message>
    <message>
        <source>A turn is %1, more than three times the gap: the strands gather their bend at the stiff ends, and nobody knows how soon they break. A lay equal to the gap or a little shorter, never longer.</source>
        <translation>Eine Windung ist %1, mehr als das Dreifache des Spalts: die Stränge sammeln ihre Biegung an den steifen Enden, und niemand weiß, wie bald sie brechen. Eine Schlaglänge gleich dem Spalt oder etwas kürzer, nie länger.</translation>
    </message>
    <message>
        <source>A turn is longer than the gap, which holds only %1 of it: free strands gather their bend at the stiff ends. %2 A lay equal to the gap or a little shorter, never longer.</source>
        <translation>Eine Windung ist länger als der Spalt, in dem nur %1 davon liegen: freie Stränge sammeln ihre Biegung an den steifen Enden. %2 Eine Schlaglänge gleich dem Spalt oder etwas kürzer, nie länger.</translation>
    </message>
    <message numerus="yes">
        <source>%n whole turn(s) of the lay lie in the gap, so every strand passes from the outside of the bend to the inside and its length evens out: nothing is stretched. %1</source>
        <translation>
            <numerusform>%n ganze Windung liegt im Spalt, also läuft jeder Strang von der Außenseite der Biegung zur Innenseite und seine Länge gleicht sich aus: nichts wird gedehnt. %1</numerusform>
            <numerusform>%n ganze Windungen liegen im Spalt, also läuft jeder Strang von der Außenseite der Biegung zur Innenseite und seine Länge gleicht sich aus: nichts wird gedehnt. %1</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 turns of the lay lie in the gap: what is more than whole turns stays stretched at every bend. %2</source>
        <translation>%1 Windungen liegen im Spalt: was über ganze Windungen hinausgeht, bleibt bei jeder Biegung gedehnt. %2</translation>
    </message>
    <message>
        <source>Chance that no wire breaks before the film&apos;s end: %1 %.</source>
        <translation>Aussicht, dass bis zum Ende des Films kein Draht bricht: %1 %.</translation>
    </message>
    <message>
        <source>Chance that no wire breaks: not while the %1 is %2.</source>
        <translation>Aussicht, dass kein Draht bricht: keine, solange %1 %2 ist.</translation>
    </message>
    <message>
        <source>Chance that no wire breaks: not checked.</source>
        <translation>Aussicht, dass kein Draht bricht: ungeprüft.</translation>
    </message>
    <message numerus="yes">
        <source>%n bend test(s)</source>
        <translation>
            <numerusform>%n Biegeversuch</numerusform>
            <numerusform>%n Biegeversuche</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n hang test(s)</source>
        <translation>
            <numerusform>%n Hängeversuch</numerusform>
            <numerusform>%n Hängeversuche</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n wire(s) broken on the set</source>
        <translation>
            <numerusform>%n Draht am Set gebrochen</numerusform>
            <numerusform>%n Drähte am Set gebrochen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n wire(s) that lasted there</source>
        <translation>
            <numerusform>%n Draht, der dort hielt</numerusform>
            <numerusform>%n Drähte, die dort hielten</numerusform>
        </translation>
    </message>
    <message>
        <source>by its card alone</source>
        <translation>allein nach seiner Karte</translation>
    </message>
    <message>
        <source>hard edge</source>
        <translation>harte Kante</translation>
    </message>
    <message>
        <source>eased edge</source>
        <translation>gebrochene Kante</translation>
    </message>
    <message>
        <source>no edge</source>
        <translation>keine Kante</translation>
    </message>
    <message>
        <source>Print the sheets of %1</source>
        <translation>Die Blätter von %1 drucken</translation>
    </message>
    <message>
        <source>Cut wire: %1, 1 piece</source>
        <translation>Draht schneiden: %1, 1 Stück</translation>
    </message>
    <message>
        <source>Cut wire: %1, %2 pieces</source>
        <translation>Draht schneiden: %1, %2 Stücke</translation>
    </message>
    <message>
        <source>Twist: %1, %2 turns</source>
        <translation>Verdrillen: %1, %2 Windungen</translation>
    </message>
    <message>
        <source>Drill the base: 1 hole</source>
        <translation>Grundplatte bohren: 1 Loch</translation>
    </message>
    <message>
        <source>Drill the base: %1 holes</source>
        <translation>Grundplatte bohren: %1 Löcher</translation>
    </message>
    <message>
        <source>Bind on: %1</source>
        <translation>Anbinden: %1</translation>
    </message>
    <message>
        <source>Putty on the stiff stretches, mix %1 of %2</source>
        <translation>Kitt auf die steifen Stücke, Ansatz %1 von %2</translation>
    </message>
    <message>
        <source>Putty on the stiff stretches</source>
        <translation>Kitt auf die steifen Stücke</translation>
    </message>
    <message>
        <source>Bulk %1: %2, %3</source>
        <translation>Kern %1: %2, %3</translation>
    </message>
    <message>
        <source>Skin %1: %2, mix %3 of %4</source>
        <translation>Haut %1: %2, Ansatz %3 von %4</translation>
    </message>
    <message>
        <source>Skin %1: %2</source>
        <translation>Haut %1: %2</translation>
    </message>
    <message>
        <source>Last look before the oven: %1</source>
        <translation>Letzter Blick vor dem Ofen: %1</translation>
    </message>
    <message>
        <source>Last look at %1</source>
        <translation>Letzter Blick auf %1</translation>
    </message>
    <message>
        <source>Last look before cloth closes over it</source>
        <translation>Letzter Blick, ehe Stoff sich darüber schließt</translation>
    </message>
    <message>
        <source>Last look before it is sealed</source>
        <translation>Letzter Blick, ehe es versiegelt wird</translation>
    </message>
    <message>
        <source>Last look at the bare frame</source>
        <translation>Letzter Blick auf das blanke Gerüst</translation>
    </message>
    <message>
        <source>Last look before it sets</source>
        <translation>Letzter Blick, ehe es härtet</translation>
    </message>
    <message>
        <source>Let %1 set</source>
        <translation>%1 härten lassen</translation>
    </message>
    <message>
        <source>Paint %1: %2 %3, %4</source>
        <translation>%1 bemalen: %2 %3, %4</translation>
    </message>
    <message>
        <source>Paint %1: %2, %3</source>
        <translation>%1 bemalen: %2, %3</translation>
    </message>
    <message>
        <source>Cover %1</source>
        <translation>Überzug %1</translation>
    </message>
    <message>
        <source>Plant the feet in the base</source>
        <translation>Die Füße in die Grundplatte setzen</translation>
    </message>
    <message numerus="yes">
        <source>%1: make and fit %n</source>
        <translation>
            <numerusform>%1: %n machen und anpassen</numerusform>
            <numerusform>%1: %n machen und anpassen</numerusform>
        </translation>
    </message>
    <message>
        <source>Make %1, which goes on instead</source>
        <translation>%1 machen, kommt stattdessen darauf</translation>
    </message>
    <message>
        <source>Roll, cut and fit %1</source>
        <translation>%1 walzen, zuschneiden und anpassen</translation>
    </message>
    <message>
        <source>Lay %1 and light it</source>
        <translation>%1 verlegen und Licht prüfen</translation>
    </message>
    <message>
        <source>Drill for %1</source>
        <translation>Bohren für %1</translation>
    </message>
    <message>
        <source>Try %1 in the hand</source>
        <translation>%1 in der Hand probieren</translation>
    </message>
    <message>
        <source>Glue %1</source>
        <translation>%1 kleben</translation>
    </message>
    <message>
        <source>Last look at %1 from five sides</source>
        <translation>Letzter Blick auf %1 von fünf Seiten</translation>
    </message>
    <message>
        <source>joints are marked from the printed strip</source>
        <translation>Gelenke werden nach dem gedruckten Streifen angezeichnet</translation>
    </message>
    <message>
        <source>strands are cut before they are twisted</source>
        <translation>Stränge werden vor dem Verdrillen geschnitten</translation>
    </message>
    <message>
        <source>its wire is ready first</source>
        <translation>sein Draht ist zuerst bereit</translation>
    </message>
    <message>
        <source>it is wrapped on the limb that carries it</source>
        <translation>es wird um das Glied gewickelt, das es trägt</translation>
    </message>
    <message>
        <source>foil presses on putty that has set</source>
        <translation>Folie drückt auf Kitt, der hart ist</translation>
    </message>
    <message>
        <source>clay needs something firm under it</source>
        <translation>Ton braucht etwas Festes darunter</translation>
    </message>
    <message>
        <source>after it nothing can be changed</source>
        <translation>danach lässt sich nichts mehr ändern</translation>
    </message>
    <message>
        <source>paint holds on cured clay only</source>
        <translation>Farbe haftet nur auf gehärtetem Ton</translation>
    </message>
    <message>
        <source>cloth and glue do not go into the oven</source>
        <translation>Stoff und Kleber kommen nicht in den Ofen</translation>
    </message>
    <message>
        <source>the coat below must be dry</source>
        <translation>die untere Schicht muss trocken sein</translation>
    </message>
    <message>
        <source>wet paint would stain the cloth</source>
        <translation>nasse Farbe würde den Stoff beflecken</translation>
    </message>
    <message>
        <source>out of reach once it is covered</source>
        <translation>nicht mehr erreichbar, wenn es bedeckt ist</translation>
    </message>
    <message>
        <source>handling would rub or crush it</source>
        <translation>Anfassen würde es abreiben oder drücken</translation>
    </message>
    <message>
        <source>what is hard by then is held while it is worked</source>
        <translation>gehalten wird beim Arbeiten, was dann hart ist</translation>
    </message>
    <message>
        <source>what is wrong can still be mended there</source>
        <translation>was falsch ist, lässt sich da noch richten</translation>
    </message>
    <message>
        <source>wet clay boils in the oven, and putty that has not set runs</source>
        <translation>nasser Ton kocht im Ofen, und Kitt, der nicht hart ist, läuft</translation>
    </message>
    <message>
        <source>clay that never dries never sees the oven</source>
        <translation>Ton, der nie trocknet, kommt nie in den Ofen</translation>
    </message>
    <message>
        <source>the holes must be there</source>
        <translation>die Löcher müssen da sein</translation>
    </message>
    <message>
        <source>what it sits on is there first</source>
        <translation>worauf es sitzt, ist zuerst da</translation>
    </message>
    <message>
        <source>it must be there by then</source>
        <translation>es muss bis dahin da sein</translation>
    </message>
    <message>
        <source>one mix is used up before the next</source>
        <translation>ein Ansatz wird vor dem nächsten verbraucht</translation>
    </message>
    <message>
        <source>you want it so</source>
        <translation>Sie wollen es so</translation>
    </message>
    <message>
        <source>Cover your eyes: wire whips when it is spun by a drill, and chips fly from a bit.</source>
        <translation>Augen schützen: Draht peitscht, wenn ein Bohrer ihn dreht, und vom Bohrer fliegen Späne.</translation>
    </message>
    <message>
        <source>Cover your eyes: snipped ends fly.</source>
        <translation>Augen schützen: abgezwickte Enden fliegen.</translation>
    </message>
    <message>
        <source>Gloves for epoxy putty, fresh air for instant glue; its product sheet comes first.</source>
        <translation>Handschuhe bei Epoxidkitt, frische Luft bei Sekundenkleber; das Blatt des Herstellers geht vor.</translation>
    </message>
    <message>
        <source>Fresh air, never above the set point (burning fumes), no oven that is used for food; let it cool before you move it.</source>
        <translation>Frische Luft, nie über die Einstellung (Brenndämpfe), kein Ofen für Essen; vor dem Bewegen abkühlen lassen.</translation>
    </message>
    <message>
        <source>Fresh air, and a mask where it is sprayed; the product&apos;s own sheet comes first.</source>
        <translation>Frische Luft, und eine Maske, wo gesprüht wird; das Blatt des Herstellers geht vor.</translation>
    </message>
    <message>
        <source>Gloves for epoxy putty wherever it is worked, as skin too; its product sheet comes first.</source>
        <translation>Handschuhe bei Epoxidkitt, wo immer er verarbeitet wird, auch als Haut; das Blatt des Herstellers geht vor.</translation>
    </message>
    <message>
        <source>Where it is sprayed: extraction or a mask; the product&apos;s own sheet comes first.</source>
        <translation>Wo gesprüht wird: Absaugung oder Maske; das Blatt des Herstellers geht vor.</translation>
    </message>
    <message>
        <source>Cut from the back, blade away from the hand.</source>
        <translation>Von hinten schneiden, Klinge von der Hand weg.</translation>
    </message>
    <message>
        <source>Hold it by what is hard already: %1.</source>
        <translation>An dem halten, was schon hart ist: %1.</translation>
    </message>
    <message>
        <source>Hold it by the bare wire under its feet, in a block.</source>
        <translation>Am blanken Draht unter den Füßen halten, in einem Klotz.</translation>
    </message>
    <message>
        <source>Hold it by the %1, still bare.</source>
        <translation>An %1 halten, noch blank.</translation>
    </message>
    <message>
        <source>Hold it by the %1, which stays dry.</source>
        <translation>An %1 halten, das trocken bleibt.</translation>
    </message>
    <message>
        <source>Nothing to hold but what is wet: give it a rod or bake it in stages.</source>
        <translation>Nichts zu halten als Nasses: einen Stab geben oder in Stufen backen.</translation>
    </message>
    <message>
        <source>The %1 is bent on the board. Is that how it is to harden?</source>
        <translation>%1 ist auf dem Brett gebogen. Soll es so härten?</translation>
    </message>
    <message>
        <source>%1 joints are bent on the board, the %2 among them. Is that how it is to harden?</source>
        <translation>%1 Gelenke sind auf dem Brett gebogen, darunter %2. Sollen sie so härten?</translation>
    </message>
    <message>
        <source>One gap is to be free of clay and foil: it is, and %1 long.</source>
        <translation>Ein Spalt soll frei von Ton und Folie sein: er ist es, und %1 lang.</translation>
    </message>
    <message>
        <source>%1 gaps are to be free of clay and foil: they are; the shortest is %2.</source>
        <translation>%1 Spalte sollen frei von Ton und Folie sein: sie sind es; der kürzeste ist %2.</translation>
    </message>
    <message>
        <source>The gap of the %1 is crossed by clay that hardens: the joint will not bend.</source>
        <translation>Über den Spalt von %1 läuft Ton, der hart wird: das Gelenk wird sich nicht biegen.</translation>
    </message>
    <message>
        <source>%1 gaps are crossed by clay that hardens, the %2 among them: they will not bend.</source>
        <translation>Über %1 Spalte läuft Ton, der hart wird, darunter %2: sie werden sich nicht biegen.</translation>
    </message>
    <message>
        <source>Soft clay runs across one gap, as the skin is set to.</source>
        <translation>Weicher Ton läuft über einen Spalt, wie es für die Haut eingestellt ist.</translation>
    </message>
    <message>
        <source>Soft clay runs across %1 gaps, as the skin is set to.</source>
        <translation>Weicher Ton läuft über %1 Spalte, wie es für die Haut eingestellt ist.</translation>
    </message>
    <message>
        <source>The %1 is dry or set: two weighings 12 h apart agree within half a per cent. Wet clay boils and bursts.</source>
        <translation>%1 ist trocken oder hart: zwei Wägungen im Abstand von 12 h stimmen auf ein halbes Prozent überein. Nasser Ton kocht und platzt.</translation>
    </message>
    <message>
        <source>The %1 is not on yet: its clay never dries and goes on after the last load.</source>
        <translation>%1 ist noch nicht darauf: sein Ton trocknet nie und kommt nach der letzten Ladung.</translation>
    </message>
    <message>
        <source>%1 is named in this load, and its clay never sees the oven: take it out.</source>
        <translation>%1 ist in dieser Ladung genannt, und sein Ton kommt nie in den Ofen: herausnehmen.</translation>
    </message>
    <message>
        <source>The wire under the foot is free for %1 of base.</source>
        <translation>Der Draht unter dem Fuß ist frei für %1 Grundplatte.</translation>
    </message>
    <message>
        <source>%1 wires under the feet are free for %2 of base, and their holes are drilled.</source>
        <translation>%1 Drähte unter den Füßen sind frei für %2 Grundplatte, und ihre Löcher sind gebohrt.</translation>
    </message>
    <message>
        <source>Prop the %1, %2 above the base: its raw clay carries %3 times what it can.</source>
        <translation>%1 stützen, %2 über der Grundplatte: sein roher Ton trägt das %3-Fache dessen, was er kann.</translation>
    </message>
    <message>
        <source>Prop what the %1 carries: it holds %2 of %3 N·mm.</source>
        <translation>Stützen, was %1 trägt: es hält %2 von nötigen %3 N·mm.</translation>
    </message>
    <message>
        <source>Thinnest skin: %1, %2; its clay wants %3 at least.</source>
        <translation>Dünnste Haut: %1, %2; der Ton verlangt mindestens %3.</translation>
    </message>
    <message>
        <source>Thickest skin: %1, %2; its clay wants %3 at most.</source>
        <translation>Dickste Haut: %1, %2; der Ton erlaubt höchstens %3.</translation>
    </message>
    <message>
        <source>The %1 and its twin carry the same clay by the scales: %2 each.</source>
        <translation>%1 und der Zwilling tragen nach der Waage gleich viel Ton: je %2.</translation>
    </message>
    <message>
        <source>The %1 stays %2 under size all round for its cover.</source>
        <translation>%1 bleibt für den Überzug rundum %2 unter Maß.</translation>
    </message>
    <message>
        <source>%1: every length is still %2 times its final size.</source>
        <translation>%1: jede Länge ist noch das %2-Fache ihrer Endgröße.</translation>
    </message>
    <message>
        <source>Cool it in the shut oven: the thinnest part is fit to move after %1, the slowest (%2) after %3.</source>
        <translation>Im geschlossenen Ofen abkühlen: das dünnste Teil darf nach %1 bewegt werden, das langsamste (%2) nach %3.</translation>
    </message>
    <message>
        <source>Fit to move after %1 of cooling; slowest: %2.</source>
        <translation>Nach %1 Abkühlen zu bewegen; am langsamsten: %2.</translation>
    </message>
    <message>
        <source>%1: one joint is out of reach under %2 of cloth.</source>
        <translation>%1: ein Gelenk ist unter %2 Stoff nicht erreichbar.</translation>
    </message>
    <message>
        <source>%1: %2 joints are out of reach under %3 of cloth.</source>
        <translation>%1: %2 Gelenke sind unter %3 Stoff nicht erreichbar.</translation>
    </message>
    <message>
        <source>%1: %2 coats are dry, the last takes %3 h; every touch-up is done.</source>
        <translation>%1: %2 Schichten sind trocken, die letzte braucht %3 h; alles ist ausgebessert.</translation>
    </message>
    <message>
        <source>%1, and %2</source>
        <translation>%1, und %2</translation>
    </message>
    <message>
        <source>%1, %2 s of film</source>
        <translation>%1, %2 s Film</translation>
    </message>
    <message numerus="yes">
        <source>; %n failing joint(s) fewer in all</source>
        <translation>
            <numerusform>; insgesamt versagt %n Gelenk weniger</numerusform>
            <numerusform>; insgesamt versagen %n Gelenke weniger</numerusform>
        </translation>
    </message>
    <message>
        <source>; but %1 no longer holds</source>
        <translation>; aber %1 hält nicht mehr</translation>
    </message>
    <message>
        <source>a gap of %2 at the %1, not %3</source>
        <translation>ein Spalt von %2 bei %1, nicht %3</translation>
    </message>
    <message>
        <source>%1 bends only %2 to %3</source>
        <translation>%1 biegt sich nur %2 bis %3</translation>
    </message>
    <message>
        <source>it need last only %1 s of film, not %2</source>
        <translation>es muss nur %1 s Film halten, nicht %2</translation>
    </message>
    <message>
        <source>lean no more than %1, not %2</source>
        <translation>höchstens %1 neigen, nicht %2</translation>
    </message>
    <message>
        <source>skin of the %1 %2 instead of %3, the rest foil</source>
        <translation>Haut von %1 %2 statt %3, der Rest Folie</translation>
    </message>
    <message>
        <source>%1 %2 instead of %3</source>
        <translation>%1 %2 statt %3</translation>
    </message>
    <message>
        <source>the %1 %2 % thicker</source>
        <translation>%1 um %2 % dicker</translation>
    </message>
    <message>
        <source>%1 at the %2</source>
        <translation>%1 bei %2</translation>
    </message>
    <message>
        <source>an eased edge</source>
        <translation>eine gebrochene Kante</translation>
    </message>
    <message>
        <source>a spool of %1 %2</source>
        <translation>eine Rolle %1 %2</translation>
    </message>
    <message>
        <source>a rig carries it at the %1, above its weight</source>
        <translation>eine Halterung trägt es bei %1, über seinem Gewicht</translation>
    </message>
    <message>
        <source>°F</source>
        <translation>°F</translation>
    </message>
    <message>
        <source>°C</source>
        <translation>°C</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>degrees, their unit</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Bake %1 at %2, let it cool</source>
        <translation>%1 bei %2 backen, abkühlen lassen</translation>
    </message>
    <message>
        <source>%1 scorches at %2, this load peaks at %3: a lower set point, or a hood of foil.</source>
        <translation>%1 versengt bei %2, diese Ladung erreicht %3: niedriger einstellen, oder eine Folienhaube.</translation>
    </message>
    <message>
        <source>%1 must not go in: it stands %2, this load peaks at %3.</source>
        <translation>%1 darf nicht hinein: es hält %2 aus, diese Ladung erreicht %3.</translation>
    </message>
    <message>
        <source>Instant glue in the wraps (%1) softens at %2, this load peaks at %3: turns of wire and putty must carry them.</source>
        <translation>Sekundenkleber in den Wicklungen (%1) wird bei %2 weich, diese Ladung erreicht %3: Drahtwindungen und Kitt müssen sie tragen.</translation>
    </message>
    <message>
        <source>Sleeves (%1) go on shrinking from %2, this load peaks at %3.</source>
        <translation>Hülsen (%1) schrumpfen ab %2 weiter, diese Ladung erreicht %3.</translation>
    </message>
    <message>
        <source>%1 goes in with it: stands %2.</source>
        <translation>%1 geht mit hinein: hält %2 aus.</translation>
    </message>
    <message>
        <source>No probe has been in this oven: its %1 may be anything near. Log it once.</source>
        <translation>Kein Fühler war in diesem Ofen: seine %1 können alles in der Nähe sein. Einmal aufzeichnen.</translation>
    </message>
    <message>
        <source>Dial %1: by the probe that makes %2.</source>
        <translation>Regler %1: laut Fühler sind das %2.</translation>
    </message>
    <message>
        <source>The pen is on the front elevation.</source>
        <translation>Der Stift ist auf der Vorderansicht.</translation>
    </message>
    <message>
        <source>The pen is on the side elevation.</source>
        <translation>Der Stift ist auf der Seitenansicht.</translation>
    </message>
    <message>
        <source>%1 cm³</source>
        <translation>%1 cm³</translation>
    </message>
    <message>
        <source>at least %1</source>
        <translation>mindestens %1</translation>
    </message>
    <message>
        <source>at most %1</source>
        <translation>höchstens %1</translation>
    </message>
    <message>
        <source>skin 1 % thicker</source>
        <translation>Haut 1 % dicker</translation>
    </message>
    <message>
        <source>half-widths 1 % more</source>
        <translation>halbe Breiten 1 % mehr</translation>
    </message>
    <message>
        <source>the half-widths, as drawn or typed at Sheet</source>
        <translation>die halben Breiten, wie am Blatt gezeichnet oder getippt</translation>
    </message>
    <message>
        <source>from the card %1</source>
        <translation>von der Karte %1</translation>
    </message>
    <message>
        <source>Why %1 of %2 joints</source>
        <translation>Warum %1 von %2 Gelenken</translation>
    </message>
    <message>
        <source>a joint holds when its wire keeps the pose, can be bent by hand, springs back little enough, lasts and fits inside</source>
        <translation>ein Gelenk hält, wenn sein Draht die Pose hält, von Hand zu biegen ist, wenig genug zurückfedert, lange genug lebt und hineinpasst</translation>
    </message>
    <message>
        <source>each joint&apos;s own table stands at Wire</source>
        <translation>die Tafel jedes Gelenks steht am Draht</translation>
    </message>
    <message>
        <source>joints hold</source>
        <translation>Gelenke halten</translation>
    </message>
    <message>
        <source>Why %1 inside the edge</source>
        <translation>Warum %1 innerhalb der Kante</translation>
    </message>
    <message>
        <source>upright its weight stands %1 inside the base&apos;s nearest edge</source>
        <translation>aufrecht steht ihr Gewicht %1 innerhalb der nächsten Kante der Grundplatte</translation>
    </message>
    <message>
        <source>it leans by %1, which you set, with its middle %2 above the base</source>
        <translation>sie neigt sich um %1, was Sie eingestellt haben, mit ihrer Mitte %2 über der Grundplatte</translation>
    </message>
    <message>
        <source>wanted: a tenth of the base&apos;s least width</source>
        <translation>gewünscht: ein Zehntel der kleinsten Breite der Grundplatte</translation>
    </message>
    <message>
        <source>1 % taller</source>
        <translation>1 % größer</translation>
    </message>
    <message>
        <source>1 % less lean</source>
        <translation>1 % weniger Neigung</translation>
    </message>
    <message>
        <source>Why %1</source>
        <translation>Warum %1</translation>
    </message>
    <message>
        <source>%1 of clay, by volume and the cards&apos; densities</source>
        <translation>%1 Ton, nach Volumen und den Dichten der Karten</translation>
    </message>
    <message>
        <source>%1 of bulk under it</source>
        <translation>%1 Kern darunter</translation>
    </message>
    <message>
        <source>%1 of cloth, fur and feathers, by area</source>
        <translation>%1 Stoff, Fell und Federn, nach Fläche</translation>
    </message>
    <message>
        <source>%1 of pieces that you weighed</source>
        <translation>%1 Stücke, die Sie gewogen haben</translation>
    </message>
    <message>
        <source>%1 of wire, by length and gauge</source>
        <translation>%1 Draht, nach Länge und Stärke</translation>
    </message>
    <message>
        <source>Clay differs from its card by some per cent: weigh a lump of known size.</source>
        <translation>Ton weicht um einige Prozent von seiner Karte ab: einen Klumpen bekannter Größe wiegen.</translation>
    </message>
    <message>
        <source>weighs</source>
        <translation>wiegt</translation>
    </message>
    <message>
        <source>gap: as drawn or typed at Wire</source>
        <translation>Spalt: wie gezeichnet oder am Draht getippt</translation>
    </message>
    <message>
        <source>wanted: what stiff layers beside it need when it is bent by %1: their half-width times the angle</source>
        <translation>gewünscht: was steife Schichten daneben bei einer Biegung von %1 brauchen: ihre halbe Breite mal den Winkel</translation>
    </message>
    <message>
        <source>gap, %1</source>
        <translation>Spalt, %1</translation>
    </message>
    <message>
        <source>%1 between the wire and the skin, ending short of the gaps</source>
        <translation>%1 zwischen Draht und Haut, vor den Spalten endend</translation>
    </message>
    <message>
        <source>%1 g/cm³, %2</source>
        <translation>%1 g/cm³, %2</translation>
    </message>
    <message>
        <source>skin of %1, typed</source>
        <translation>Haut von %1, getippt</translation>
    </message>
    <message>
        <source>How hard you press it decides: weigh one part and compare.</source>
        <translation>Es kommt darauf an, wie fest Sie drücken: ein Teil wiegen und vergleichen.</translation>
    </message>
    <message>
        <source>never more than what is there: %1 to %2 from the middle to the surface</source>
        <translation>nie mehr, als da ist: %1 bis %2 von der Mitte zur Oberfläche</translation>
    </message>
    <message>
        <source>wanted: %1</source>
        <translation>gewünscht: %1</translation>
    </message>
    <message>
        <source>Typical of such clays; the product&apos;s own sheet goes before it.</source>
        <translation>Typisch für solche Tone; das Blatt des Herstellers geht vor.</translation>
    </message>
    <message>
        <source>thinnest</source>
        <translation>am dünnsten</translation>
    </message>
    <message>
        <source>Why %1 at its thinnest</source>
        <translation>Warum %1 an der dünnsten Stelle</translation>
    </message>
    <message>
        <source>thickest</source>
        <translation>am dicksten</translation>
    </message>
    <message>
        <source>Why %1 at its thickest</source>
        <translation>Warum %1 an der dicksten Stelle</translation>
    </message>
    <message>
        <source>breaks: %1 N·mm at %2 % along, over its length</source>
        <translation>bricht: %1 N·mm bei %2 % entlang, über seine Länge</translation>
    </message>
    <message>
        <source>the section of cured clay with its wire there, %1</source>
        <translation>der Querschnitt des gehärteten Tons mit seinem Draht dort, %1</translation>
    </message>
    <message>
        <source>%1 MPa, %2</source>
        <translation>%1 MPa, %2</translation>
    </message>
    <message>
        <source>asked: a knock by its own weight, %1 N·mm, or a hand, %2 N·mm, with half to spare</source>
        <translation>verlangt: ein Stoß mit dem eigenen Gewicht, %1 N·mm, oder eine Hand, %2 N·mm, mit der Hälfte Reserve</translation>
    </message>
    <message>
        <source>What would narrow it most: break a rod of this clay at the bench.</source>
        <translation>Was es am meisten eingrenzen würde: auf der Werkbank einen Stab aus diesem Ton brechen.</translation>
    </message>
    <message>
        <source>once cured</source>
        <translation>gehärtet</translation>
    </message>
    <message>
        <source>%1 N</source>
        <translation>%1 N</translation>
    </message>
    <message>
        <source>%1 between the surface and what lies under it</source>
        <translation>%1 zwischen der Oberfläche und dem, was darunterliegt</translation>
    </message>
    <message>
        <source>folds and muscles add %1 %, typed</source>
        <translation>Falten und Muskeln geben %1 % dazu, getippt</translation>
    </message>
    <message>
        <source>%1 of clay on a core of %2 where it is thickest</source>
        <translation>%1 Ton auf einem Kern von %2, wo es am dicksten ist</translation>
    </message>
    <message>
        <source>the oven at %1</source>
        <translation>der Ofen bei %1</translation>
    </message>
    <message>
        <source>the oven blows (fan), as you said</source>
        <translation>der Ofen bläst (Umluft), wie Sie sagten</translation>
    </message>
    <message>
        <source>still air in the oven, as you said</source>
        <translation>stehende Luft im Ofen, wie Sie sagten</translation>
    </message>
    <message>
        <source>how clay takes up heat: typical, from measured clays</source>
        <translation>wie Ton Hitze aufnimmt: typisch, nach gemessenen Tonen</translation>
    </message>
    <message>
        <source>This oven was logged: %1 readings of a probe.</source>
        <translation>Dieser Ofen ist aufgezeichnet: %1 Ablesungen eines Fühlers.</translation>
    </message>
    <message>
        <source>No probe has been in this oven.</source>
        <translation>Kein Fühler war in diesem Ofen.</translation>
    </message>
    <message>
        <source>What would narrow it most: a probe in the thickest part, once.</source>
        <translation>Was es am meisten eingrenzen würde: einmal ein Fühler im dicksten Teil.</translation>
    </message>
    <message>
        <source>in the oven</source>
        <translation>im Ofen</translation>
    </message>
    <message>
        <source>Why %1 of %2 min</source>
        <translation>Warum %1 von %2 min</translation>
    </message>
    <message>
        <source>allowed: %1</source>
        <translation>erlaubt: %1</translation>
    </message>
    <message>
        <source>heat spent</source>
        <translation>heiße Zeit</translation>
    </message>
    <message>
        <source>it swings by %1, by its probe</source>
        <translation>er schwankt um %1, laut Fühler</translation>
    </message>
    <message>
        <source>allowed: %1 scorches at %2, by its card</source>
        <translation>erlaubt: %1 versengt bei %2, laut Karte</translation>
    </message>
    <message>
        <source>hottest</source>
        <translation>am heißesten</translation>
    </message>
    <message>
        <source>takes</source>
        <translation>braucht</translation>
    </message>
    <message>
        <source>%1 cm²</source>
        <translation>%1 cm²</translation>
    </message>
    <message>
        <source>%1 g/m², %2</source>
        <translation>%1 g/m², %2</translation>
    </message>
    <message>
        <source>Why ΔE %1</source>
        <translation>Warum ΔE %1</translation>
    </message>
    <message>
        <source>how much of it a coat hides, %1</source>
        <translation>wie viel davon eine Schicht verdeckt, %1</translation>
    </message>
    <message>
        <source>it stands out from what it goes on by ΔE %1</source>
        <translation>sie hebt sich um ΔE %1 von dem ab, worauf sie kommt</translation>
    </message>
    <message>
        <source>By a layer model of pigment and film; your own chip goes before it.</source>
        <translation>Nach einem Schichtmodell von Pigment und Film; Ihr eigenes Muster geht vor.</translation>
    </message>
    <message>
        <source>What would narrow it most: a chip of it over white and black, dried.</source>
        <translation>Was es am meisten eingrenzen würde: ein Muster davon über Weiß und Schwarz, getrocknet.</translation>
    </message>
    <message>
        <source>ΔE %1</source>
        <translation>ΔE %1</translation>
    </message>
    <message>
        <source>Why %1 ml</source>
        <translation>Warum %1 ml</translation>
    </message>
    <message>
        <source>what a litre covers, from the cards</source>
        <translation>was ein Liter bedeckt, von den Karten</translation>
    </message>
    <message>
        <source>A brush takes its share too: take a tenth more.</source>
        <translation>Auch ein Pinsel nimmt seinen Teil: ein Zehntel mehr nehmen.</translation>
    </message>
    <message>
        <source>%1 ml</source>
        <translation>%1 ml</translation>
    </message>
    <message>
        <source>dry in</source>
        <translation>trocken in</translation>
    </message>
    <message>
        <source>What moves it most: %1.</source>
        <translation>Was es am meisten bewegt: %1.</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>1 % larger</source>
        <translation>1 % größer</translation>
    </message>
    <message>
        <source>stands in by</source>
        <translation>steht innen um</translation>
    </message>
    <message>
        <source>off its colour</source>
        <translation>Farbabstand</translation>
    </message>
    <message>
        <source>%1; some places have their own thickness</source>
        <translation>%1; einige Stellen haben ihre eigene Dicke</translation>
    </message>
    <message>
        <source>left and right are made alike and count once</source>
        <translation>links und rechts werden gleich gebaut und zählen einmal</translation>
    </message>
    <message>
        <source>more than a day</source>
        <translation>mehr als ein Tag</translation>
    </message>
    <message numerus="yes">
        <source>the tightest of %n load(s)</source>
        <translation>
            <numerusform>die knappste von %n Ladung</numerusform>
            <numerusform>die knappste von %n Ladungen</numerusform>
        </translation>
    </message>
    <message>
        <source>the innermost clay of the %1 within %2 of the %3 that its card asks, then %4 of soak</source>
        <translation>innerste Masse von „%1“ bis auf %2 an den %3, die ihre Karte verlangt, dann %4 halten</translation>
    </message>
    <message numerus="yes">
        <source>the %1 is in %n load(s); minutes with its surface within %2 of the set point are added up</source>
        <translation>
            <numerusform>„%1“ ist in %n Ladung; gezählt werden die Minuten, in denen die Oberfläche bis auf %2 am Sollwert ist</numerusform>
            <numerusform>„%1“ ist in %n Ladungen; gezählt werden die Minuten, in denen die Oberfläche bis auf %2 am Sollwert ist</numerusform>
        </translation>
    </message>
    <message>
        <source>how far it swings is not known: no probe has been in it</source>
        <translation>wie weit er schwankt, ist nicht bekannt: kein Fühler war darin</translation>
    </message>
    <message>
        <source>the whole finished surface</source>
        <translation>die ganze fertige Oberfläche</translation>
    </message>
    <message>
        <source>the finished surface from %1 to %2 %, typed</source>
        <translation>die fertige Oberfläche von %1 bis %2 %, eingegeben</translation>
    </message>
    <message numerus="yes">
        <source>its pattern, cut half way through the thickness: %n piece(s), %1 cm² without seams, within %2 %</source>
        <translation>
            <numerusform>sein Schnitt, auf halber Dicke genommen: %n Teil, %1 cm² ohne Nähte, auf %2 % genau</numerusform>
            <numerusform>sein Schnitt, auf halber Dicke genommen: %n Teile, %1 cm² ohne Nähte, auf %2 % genau</numerusform>
        </translation>
    </message>
    <message>
        <source>no pattern: a box&apos;s six faces are cut as they measure</source>
        <translation>kein Schnitt: die sechs Flächen eines Kastens werden nach Maß geschnitten</translation>
    </message>
    <message>
        <source>%1 of it</source>
        <translation>%1 davon</translation>
    </message>
    <message numerus="yes">
        <source>%1 in %n coat(s) over what lies below</source>
        <translation>
            <numerusform>%1 in %n Schicht auf dem, was darunter liegt</numerusform>
            <numerusform>%1 in %n Schichten auf dem, was darunter liegt</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: %2 ml in %n coat(s) on %3 % of it</source>
        <translation>
            <numerusform>%1: %2 ml in %n Schicht auf %3 % davon</numerusform>
            <numerusform>%1: %2 ml in %n Schichten auf %3 % davon</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 cm² that no cloth covers, with its folds</source>
        <translation>%1 cm², die kein Stoff bedeckt, mit den Falten</translation>
    </message>
    <message numerus="yes">
        <source>%1: %n coat(s), %2 to dry, %3</source>
        <translation>
            <numerusform>%1: %n Schicht, %2 Trockenzeit, %3</numerusform>
            <numerusform>%1: %n Schichten, %2 Trockenzeit, %3</numerusform>
        </translation>
    </message>
    <message>
        <source>The pen is %1 to the left, %2 up, %3 to the front: arrows move it by 1 mm, with Shift by 10, with Ctrl in depth; Page Down goes to the next point; Space puts one down; Enter ends the limb.</source>
        <translation>Der Stift steht %1 links, %2 hoch, %3 vorn: Pfeile bewegen ihn um 1 mm, mit Umschalt um 10, mit Strg in die Tiefe; Bild ab geht zum nächsten Punkt; Leertaste setzt einen; Eingabe beendet das Glied.</translation>
    </message>
    <message>
        <source>Click its joints one after the other on either elevation; Enter or a click on the last point ends it, Backspace takes one back. Arrows move a pen instead, Space puts a point down.</source>
        <translation>Die Gelenke nacheinander auf einem der Risse anklicken; Eingabe oder ein Klick auf den letzten Punkt beendet es, Rücktaste nimmt einen zurück. Pfeile bewegen stattdessen einen Stift, Leertaste setzt einen Punkt.</translation>
    </message>
    <message>
        <source>%1 between what lies over it and what lies under it</source>
        <translation>%1 zwischen dem, was darüber, und dem, was darunter liegt</translation>
    </message>
    <message>
        <source>%1 thick, typed</source>
        <translation>%1 dick, getippt</translation>
    </message>
    <message>
        <source>coat %1 weighs</source>
        <translation>Lage %1 wiegt</translation>
    </message>
    <message>
        <source>no wire, as chosen</source>
        <translation>kein Draht, wie gewählt</translation>
    </message>
    <message>
        <source>No wire, as you chose.</source>
        <translation>Kein Draht, wie gewählt.</translation>
    </message>
    <message>
        <source>No wire, as you chose, though it would be here %1.</source>
        <translation>Kein Draht, wie gewählt, obwohl er hier wäre, %1.</translation>
    </message>
    <message>
        <source>Coat of clay under the skin, %1: %2, %3</source>
        <translation>Lage Ton unter der Haut, %1: %2, %3</translation>
    </message>
    <message>
        <source>%1 has not been tried in the hand: once the clay is hard the grip is %2 across for good.</source>
        <translation>%1 wurde nicht in der Hand probiert: ist der Ton hart, bleibt der Griff %2 weit.</translation>
    </message>
    <message>
        <source>%1 has been tried in the hand, grip %2 across.</source>
        <translation>%1 wurde in der Hand probiert, Griff %2 weit.</translation>
    </message>
    <message>
        <source>The hole for the %1 is made: %2 across, %3 deep.</source>
        <translation>Das Loch für %1 ist da: %2 Durchmesser, %3 tief.</translation>
    </message>
    <message>
        <source>The %1 has not been tested: lit once before it is closed for good.</source>
        <translation>%1 wurde nicht geprüft: einmal leuchten lassen, bevor es für immer zu ist.</translation>
    </message>
    <message>
        <source>The %1 has been lit.</source>
        <translation>%1 hat geleuchtet.</translation>
    </message>
    <message>
        <source>%1 is in its seat of %2, or the seat is there.</source>
        <translation>%1 sitzt im Sitz von %2, oder der Sitz ist da.</translation>
    </message>
    <message>
        <source>%1: all %2 are in their seats of %3, or the seats are there.</source>
        <translation>%1: alle %2 sitzen in ihren Sitzen von %3, oder die Sitze sind da.</translation>
    </message>
    <message>
        <source>A spare of %1 is made.</source>
        <translation>Ein Ersatz für %1 ist gemacht.</translation>
    </message>
    <message>
        <source>%1 spares of %2 are made.</source>
        <translation>%1 Ersatzstücke für %2 sind gemacht.</translation>
    </message>
    <message>
        <source>The glue of the %1 lets go at %2, this load peaks at %3: stick it afterwards, or let it have done its work by then.</source>
        <translation>Der Kleber von %1 löst sich bei %2, diese Ladung erreicht %3: danach kleben, oder er hat bis dahin seine Arbeit getan.</translation>
    </message>
    <message>
        <source>The %1 comes off and goes on, its hole %2 wider than what sits in it.</source>
        <translation>%1 geht ab und wieder auf, das Loch %2 weiter als das, was darin sitzt.</translation>
    </message>
    <message>
        <source>the front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>behind</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>the left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>the right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>below</source>
        <translation>unter</translation>
    </message>
    <message>
        <source>the skin weighs</source>
        <translation>die Haut wiegt</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>it is %1 × %2 pixels, and a side may have %3 at most: make it smaller</source>
        <translation>es misst %1 × %2 Bildpunkte, und eine Seite darf höchstens %3 haben: verkleinern</translation>
    </message>
    <message>
        <source>the picture is larger than %1 MB: make it smaller</source>
        <translation>das Bild ist größer als %1 MB: verkleinern</translation>
    </message>
    <message>
        <source>the drawing refers to something outside itself: save it with all that is in it, or as a PNG picture</source>
        <translation>die Zeichnung verweist auf etwas außerhalb: mit allem darin sichern, oder als PNG-Bild</translation>
    </message>
    <message>
        <source>the drawing has too many parts: save it as a PNG picture</source>
        <translation>die Zeichnung hat zu viele Teile: als PNG-Bild sichern</translation>
    </message>
    <message>
        <source>the pictures in the drawing are too large: make them smaller</source>
        <translation>die Bilder in der Zeichnung sind zu groß: verkleinern</translation>
    </message>
    <message>
        <source>the drawing cannot be read: save it anew, or as a PNG picture</source>
        <translation>die Zeichnung lässt sich nicht lesen: neu sichern, oder als PNG-Bild</translation>
    </message>
    <message>
        <source>the drawing copies itself too often: save it as a PNG picture</source>
        <translation>die Zeichnung wiederholt sich zu oft: als PNG-Bild sichern</translation>
    </message>
    <message>
        <source>the drawing has no size: give it a width and a height, or save it as a PNG picture</source>
        <translation>die Zeichnung hat keine Größe: Breite und Höhe geben, oder als PNG-Bild sichern</translation>
    </message>
    <message>
        <source>the picture is damaged: save it anew</source>
        <translation>das Bild ist beschädigt: neu sichern</translation>
    </message>
    <message>
        <source>it cannot be opened: is it still there, and may it be read?</source>
        <translation>es lässt sich nicht öffnen: ist es noch da, und darf es gelesen werden?</translation>
    </message>
    <message>
        <source>The %1 closes air in: %2 ml more in this heat, %3 times what its raw skin holds. Prick it down to the core where it is not seen, and fill the hole afterwards.</source>
        <translation>%1 schließt Luft ein: in dieser Hitze %2 ml mehr, das %3-Fache dessen, was die rohe Haut hält. An verdeckter Stelle bis auf den Kern einstechen und das Loch danach füllen.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <comment>a metal, its diameter</comment>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <comment>a spool, its diameter</comment>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Stop. %1</source>
        <translation>Halt. %1</translation>
    </message>
    <message>
        <source>, in the pose on the board</source>
        <translation>, in der Pose auf dem Brett</translation>
    </message>
    <message>
        <source>, in the pose “%1”</source>
        <translation>, in der Pose „%1“</translation>
    </message>
    <message>
        <source>the load of %1 N·mm: a pose that is kept, and no other</source>
        <translation>die Last von %1 N·mm: eine behaltene Pose und keine andere</translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation>„%1“</translation>
    </message>
    <message>
        <source>the pose on the board</source>
        <translation>die Pose auf dem Brett</translation>
    </message>
    <message>
        <source>The wire is chosen for standing as it is built; no pose is kept.</source>
        <translation>Der Draht ist für das Stehen gewählt, wie gebaut; keine Pose ist behalten.</translation>
    </message>
    <message>
        <source>The wire is chosen for standing as it is built, and for %1.</source>
        <translation>Der Draht ist für das Stehen gewählt, wie gebaut, und für %1.</translation>
    </message>
    <message>
        <source>; with %1 % to spare, less than is wanted</source>
        <translation>; mit %1 % Reserve, weniger als gewünscht</translation>
    </message>
    <message>
        <source>all gaps of the %1 %2 % longer</source>
        <translation>alle Lücken von %1 um %2 % länger</translation>
    </message>
    <message>
        <source>all joints of the %1 bend only %2 % as far</source>
        <translation>alle Gelenke von %1 biegen sich nur %2 % so weit</translation>
    </message>
    <message>
        <source>%1 at every joint of the %2</source>
        <translation>%1 an jedem Gelenk von %2</translation>
    </message>
    <message>
        <source>skins of the %1 %2 % thinner</source>
        <translation>Häute von %1 um %2 % dünner</translation>
    </message>
    <message>
        <source>the %1 acts %2 % as much</source>
        <translation>%1 spielt nur %2 % so viel</translation>
    </message>
    <message>
        <source>the %1 %2 further out, clear of what is hard</source>
        <translation>%1 um %2 weiter außen, frei von dem, was hart ist</translation>
    </message>
    <message>
        <source>the %1 is fixed and bends no more</source>
        <translation>%1 ist fest und biegt sich nicht mehr</translation>
    </message>
    <message>
        <source>%1 feet always on the ground, not %2</source>
        <translation>immer %1 Füße am Boden, nicht %2</translation>
    </message>
    <message numerus="yes">
        <source>; opens %n other point(s)</source>
        <translation>
            <numerusform>; öffnet %n anderen Punkt</numerusform>
            <numerusform>; öffnet %n andere Punkte</numerusform>
        </translation>
    </message>
    <message>
        <source> Only just: known to %1 %.</source>
        <translation> Nur knapp: auf %1 % bekannt.</translation>
    </message>
    <message>
        <source>fits: it carries what lies on it</source>
        <translation>passt: er trägt, was auf ihm liegt</translation>
    </message>
    <message>
        <source>ruled out: it does not carry what lies on it, or is too thick for its part</source>
        <translation>ausgeschieden: er trägt nicht, was auf ihm liegt, oder ist zu dick für sein Teil</translation>
    </message>
    <message>
        <source>in</source>
        <translation>in</translation>
    </message>
</context>
<context>
    <name>enkinet::app::ThingForm</name>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>on the %1</source>
        <translation>auf %1</translation>
    </message>
    <message>
        <source>the base</source>
        <translation>die Grundplatte</translation>
    </message>
    <message>
        <source>sits on</source>
        <translation>sitzt auf</translation>
    </message>
    <message>
        <source>side</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>both</source>
        <translation>beide</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>shape</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>ball</source>
        <translation>Kugel</translation>
    </message>
    <message>
        <source>half a ball</source>
        <translation>halbe Kugel</translation>
    </message>
    <message>
        <source>disc</source>
        <translation>Scheibe</translation>
    </message>
    <message>
        <source>cone</source>
        <translation>Kegel</translation>
    </message>
    <message>
        <source>a piece as weighed</source>
        <translation>ein Stück wie gewogen</translation>
    </message>
    <message>
        <source>across</source>
        <translation>quer</translation>
    </message>
    <message>
        <source>the last one</source>
        <translation>das letzte</translation>
    </message>
    <message>
        <source>long or thick</source>
        <translation>lang oder dick</translation>
    </message>
    <message>
        <source>sunk, share</source>
        <translation>versenkt, Anteil</translation>
    </message>
    <message>
        <source>clay</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>weighed instead</source>
        <translation>stattdessen gewogen</translation>
    </message>
    <message>
        <source>one weighs</source>
        <translation>eines wiegt</translation>
    </message>
    <message>
        <source>how many</source>
        <translation>wie viele</translation>
    </message>
    <message>
        <source>from, share along</source>
        <translation>von, Anteil entlang</translation>
    </message>
    <message>
        <source>to, share along</source>
        <translation>bis, Anteil entlang</translation>
    </message>
    <message>
        <source>round, degrees</source>
        <translation>herum, Grad</translation>
    </message>
    <message>
        <source>one every</source>
        <translation>eines alle</translation>
    </message>
    <message>
        <source>a row every</source>
        <translation>eine Reihe alle</translation>
    </message>
    <message>
        <source>fitted before</source>
        <translation>angebracht vor</translation>
    </message>
    <message>
        <source>bulk</source>
        <translation>Kern</translation>
    </message>
    <message>
        <source>skin</source>
        <translation>Haut</translation>
    </message>
    <message>
        <source>bake</source>
        <translation>Backen</translation>
    </message>
    <message>
        <source>paint</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>cover</source>
        <translation>Überzug</translation>
    </message>
    <message>
        <source>shooting</source>
        <translation>Dreh</translation>
    </message>
    <message>
        <source>spares</source>
        <translation>Ersatzstücke</translation>
    </message>
    <message>
        <source>made</source>
        <translation>gemacht</translation>
    </message>
    <message>
        <source>on the body</source>
        <translation>am Körper</translation>
    </message>
    <message>
        <source>apart, then put on</source>
        <translation>für sich, dann aufgesetzt</translation>
    </message>
    <message>
        <source>goes on</source>
        <translation>geht weiter</translation>
    </message>
    <message>
        <source>raw</source>
        <translation>roh</translation>
    </message>
    <message>
        <source>hard</source>
        <translation>hart</translation>
    </message>
    <message>
        <source>stamp or mould, min</source>
        <translation>Stempel oder Form, min</translation>
    </message>
    <message>
        <source>one with it, s</source>
        <translation>eines damit, s</translation>
    </message>
    <message>
        <source>Seconds that one took, as often as it was timed</source>
        <translation>Sekunden für eines, sooft es gestoppt wurde</translation>
    </message>
    <message>
        <source>time one: 42 55 48</source>
        <translation>eines stoppen: 42 55 48</translation>
    </message>
    <message>
        <source>one takes, s</source>
        <translation>eines braucht, s</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no number of seconds: such as 42 55 48</source>
        <translation>„%1“ sind keine Sekunden: etwa 42 55 48</translation>
    </message>
    <message>
        <source>Timed</source>
        <translation>Gestoppt</translation>
    </message>
    <message>
        <source>front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>back</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>below</source>
        <translation>unter</translation>
    </message>
    <message>
        <source>Signed off from: %1</source>
        <translation>Abgenommen von: %1</translation>
    </message>
    <message>
        <source>Signed off: %1</source>
        <translation>Abgenommen: %1</translation>
    </message>
    <message>
        <source>by</source>
        <translation>mit</translation>
    </message>
    <message>
        <source>wrap</source>
        <translation>Wicklung</translation>
    </message>
    <message>
        <source>pin</source>
        <translation>Stift</translation>
    </message>
    <message>
        <source>dowel in a tube</source>
        <translation>Dübel in einem Rohr</translation>
    </message>
    <message>
        <source>rod or screw</source>
        <translation>Stab oder Schraube</translation>
    </message>
    <message>
        <source>magnet</source>
        <translation>Magnet</translation>
    </message>
    <message>
        <source>glue</source>
        <translation>Kleber</translation>
    </message>
    <message>
        <source>putty</source>
        <translation>Kitt</translation>
    </message>
    <message>
        <source>stitches</source>
        <translation>Stiche</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>deep in the first</source>
        <translation>tief im ersten</translation>
    </message>
    <message>
        <source>deep in the second</source>
        <translation>tief im zweiten</translation>
    </message>
    <message>
        <source>free between</source>
        <translation>frei dazwischen</translation>
    </message>
    <message>
        <source>hole wider by</source>
        <translation>Loch weiter um</translation>
    </message>
    <message>
        <source>magnet holds, N</source>
        <translation>Magnet hält, N</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>not checked</source>
        <translation>ungeprüft</translation>
    </message>
    <message>
        <source>pin of</source>
        <translation>Stift von</translation>
    </message>
    <message>
        <source>hole made before</source>
        <translation>Loch gemacht vor</translation>
    </message>
    <message>
        <source>wire</source>
        <translation>Draht</translation>
    </message>
    <message>
        <source>in the body</source>
        <translation>im Körper</translation>
    </message>
    <message>
        <source>a bare hole</source>
        <translation>ein blankes Loch</translation>
    </message>
    <message>
        <source>tube or putty on the wire</source>
        <translation>Rohr oder Kitt auf dem Draht</translation>
    </message>
    <message>
        <source>comes off</source>
        <translation>abnehmbar</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>Rechteck</translation>
    </message>
    <message>
        <source>the set&apos;s floor</source>
        <translation>der Setboden</translation>
    </message>
    <message>
        <source>of</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>softwood</source>
        <translation>Weichholz</translation>
    </message>
    <message>
        <source>balsa</source>
        <translation>Balsa</translation>
    </message>
    <message>
        <source>fibreboard</source>
        <translation>Faserplatte</translation>
    </message>
    <message>
        <source>foam</source>
        <translation>Schaum</translation>
    </message>
    <message>
        <source>plaster</source>
        <translation>Gips</translation>
    </message>
    <message>
        <source>metal</source>
        <translation>Metall</translation>
    </message>
    <message>
        <source>wide</source>
        <translation>breit</translation>
    </message>
    <message>
        <source>deep</source>
        <translation>tief</translation>
    </message>
    <message>
        <source>thick</source>
        <translation>dick</translation>
    </message>
    <message>
        <source>middle to the left</source>
        <translation>Mitte nach links</translation>
    </message>
    <message>
        <source>middle to the front</source>
        <translation>Mitte nach vorn</translation>
    </message>
    <message>
        <source>weighs, if weighed</source>
        <translation>wiegt, falls gewogen</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>noch nicht</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>hangs on</source>
        <translation>hängt an</translation>
    </message>
    <message>
        <source>long</source>
        <translation>lang</translation>
    </message>
    <message>
        <source>bent to a radius of</source>
        <translation>gebogen auf Radius</translation>
    </message>
    <message>
        <source>inside</source>
        <translation>darin</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>mesh</source>
        <translation>Netz</translation>
    </message>
    <message>
        <source>may be bent to</source>
        <translation>biegsam bis</translation>
    </message>
    <message>
        <source>tested before it is closed</source>
        <translation>geprüft, ehe es schließt</translation>
    </message>
    <message>
        <source>held by</source>
        <translation>gehalten von</translation>
    </message>
    <message>
        <source>weighs</source>
        <translation>wiegt</translation>
    </message>
    <message>
        <source>grip across</source>
        <translation>Griff quer</translation>
    </message>
    <message>
        <source>always</source>
        <translation>immer</translation>
    </message>
    <message>
        <source>in the pose</source>
        <translation>in der Pose</translation>
    </message>
    <message>
        <source>tried in the hand</source>
        <translation>in der Hand probiert</translation>
    </message>
    <message>
        <source>instead of</source>
        <translation>anstelle von</translation>
    </message>
    <message>
        <source>minutes to make</source>
        <translation>Minuten zum Machen</translation>
    </message>
    <message>
        <source>stands</source>
        <translation>hält aus</translation>
    </message>
    <message>
        <source>the first is stuck on</source>
        <translation>das erste wird geklebt</translation>
    </message>
    <message>
        <source>paint on its faces</source>
        <translation>Farbe auf den Flächen</translation>
    </message>
    <message>
        <source>as it falls</source>
        <translation>wie es sich ergibt</translation>
    </message>
    <message>
        <source>kept off</source>
        <translation>ferngehalten</translation>
    </message>
    <message>
        <source>Glues that are on the shelf</source>
        <translation>Kleber, die im Regal stehen</translation>
    </message>
    <message>
        <source>on the shelf</source>
        <translation>im Regal</translation>
    </message>
    <message>
        <source>%1 is on the shelf</source>
        <translation>%1 steht im Regal</translation>
    </message>
    <message>
        <source>No %1 on the shelf</source>
        <translation>Kein %1 im Regal</translation>
    </message>
    <message>
        <source>and on</source>
        <translation>und an</translation>
    </message>
    <message>
        <source>nothing else</source>
        <translation>nichts weiter</translation>
    </message>
    <message>
        <source>cloth</source>
        <translation>Stoff</translation>
    </message>
    <message>
        <source>bent</source>
        <translation>gebogen</translation>
    </message>
    <message>
        <source>raw, and cured so</source>
        <translation>roh, und so gehärtet</translation>
    </message>
    <message>
        <source>once it is cured</source>
        <translation>wenn es gehärtet ist</translation>
    </message>
    <message>
        <source>runs in</source>
        <translation>läuft in</translation>
    </message>
</context>
<context>
    <name>enkinet::app::ThingPicture</name>
    <message>
        <source>Ball to roll %1, seat %2 across and %3 deep</source>
        <translation>Zu rollende Kugel %1, Sitz %2 quer und %3 tief</translation>
    </message>
    <message>
        <source>The base from above with its holes</source>
        <translation>Die Grundplatte von oben mit ihren Löchern</translation>
    </message>
    <message>
        <source>The joint in section</source>
        <translation>Die Fuge im Schnitt</translation>
    </message>
    <message>
        <source>roll %1 to %2</source>
        <translation>%1 bis %2 rollen</translation>
    </message>
    <message>
        <source>roll %1</source>
        <translation>%1 rollen</translation>
    </message>
    <message>
        <source>as weighed</source>
        <translation>wie gewogen</translation>
    </message>
    <message>
        <source>seat %1 across, %2 deep</source>
        <translation>Sitz %1 quer, %2 tief</translation>
    </message>
    <message>
        <source>one of %1</source>
        <translation>eines von %1</translation>
    </message>
    <message>
        <source>%1 of them, %2</source>
        <translation>%1 davon, %2</translation>
    </message>
    <message>
        <source>from above; the ring: its weight as it leans</source>
        <translation>von oben; der Ring: ihr Gewicht beim Neigen</translation>
    </message>
    <message>
        <source>%1 across, %2 and %3 deep</source>
        <translation>%1 quer, %2 und %3 tief</translation>
    </message>
</context>
<context>
    <name>enkinet::app::ThingsPages</name>
    <message>
        <source>things on the body</source>
        <translation>Dinge am Körper</translation>
    </message>
    <message>
        <source>thing</source>
        <translation>Ding</translation>
    </message>
    <message>
        <source>pieces</source>
        <translation>Stücke</translation>
    </message>
    <message>
        <source>roll a ball of</source>
        <translation>Kugel rollen von</translation>
    </message>
    <message>
        <source>seat, depth</source>
        <translation>Sitz, Tiefe</translation>
    </message>
    <message>
        <source>weighs, takes</source>
        <translation>wiegt, dauert</translation>
    </message>
    <message>
        <source>front back left right below</source>
        <translation>vorn hinten links rechts unten</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 und %2</translation>
    </message>
    <message>
        <source>as weighed</source>
        <translation>wie gewogen</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Made apart, goes on hard.</source>
        <translation>Für sich gemacht, hart aufgesetzt.</translation>
    </message>
    <message>
        <source>Made apart, goes on raw.</source>
        <translation>Für sich gemacht, roh aufgesetzt.</translation>
    </message>
    <message>
        <source>Hard when it goes on.</source>
        <translation>Hart, wenn es aufgesetzt wird.</translation>
    </message>
    <message>
        <source>Stands %1: it goes on after the last load above that.</source>
        <translation>Hält %1 aus: es kommt nach der letzten Ladung darüber darauf.</translation>
    </message>
    <message>
        <source>%1 across, %2 and %3 deep</source>
        <translation>%1 quer, %2 und %3 tief</translation>
    </message>
    <message>
        <source>not checked</source>
        <translation>ungeprüft</translation>
    </message>
    <message>
        <source>holds %1 % of what it must</source>
        <translation>hält %1 % dessen, was nötig ist</translation>
    </message>
    <message>
        <source>holds %1 times what is asked</source>
        <translation>hält das %1-Fache des Verlangten</translation>
    </message>
    <message>
        <source>comes off</source>
        <translation>abnehmbar</translation>
    </message>
    <message>
        <source>glue: gloves and fresh air; instant glue bonds skin and fumes in the oven; its own sheet counts</source>
        <translation>Kleber: Handschuhe und frische Luft; Sekundenkleber klebt Haut und dampft im Ofen; sein eigenes Blatt gilt</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>%1: cut %2 by %3, %4 thick, %5</source>
        <translation>%1: %2 mal %3 schneiden, %4 dick, %5</translation>
    </message>
    <message>
        <source>%1, tried in the hand before that is hard: %2, grip %3 across, %4</source>
        <translation>%1, in der Hand probiert, ehe sie hart ist: %2, Griff %3 quer, %4</translation>
    </message>
    <message>
        <source>always held</source>
        <translation>immer gehalten</translation>
    </message>
    <message>
        <source>held in “%1”</source>
        <translation>gehalten in „%1“</translation>
    </message>
    <message>
        <source>%1, lit before it is closed: low voltage, %2 across, bent no tighter than %3</source>
        <translation>%1, zum Leuchten gebracht, ehe es schließt: Kleinspannung, %2 quer, nicht enger gebogen als %3</translation>
    </message>
    <message>
        <source>base at 1:1, sheet %1 of %2</source>
        <translation>Grundplatte 1:1, Blatt %1 von %2</translation>
    </message>
    <message>
        <source>base at 1:1</source>
        <translation>Grundplatte 1:1</translation>
    </message>
    <message>
        <source>base: holes</source>
        <translation>Grundplatte: Löcher</translation>
    </message>
    <message>
        <source>From the middle of the base; plus is to the puppet&apos;s left and to its front. Drill upright, the piece clamped, on scrap; eye protection; a mask for wood dust. The machine&apos;s own rules count.</source>
        <translation>Ab der Mitte der Grundplatte; plus ist links und vorn von der Puppe. Senkrecht bohren, das Stück geklemmt, auf Abfallholz; Augenschutz; Maske bei Holzstaub. Die Regeln der Maschine gelten.</translation>
    </message>
    <message>
        <source>hole for</source>
        <translation>Loch für</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>across</source>
        <translation>quer</translation>
    </message>
    <message>
        <source>deep</source>
        <translation>tief</translation>
    </message>
    <message>
        <source>drilled</source>
        <translation>gebohrt</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>through</source>
        <translation>durchgehend</translation>
    </message>
    <message>
        <source>With its base it weighs %1. Leaning, the weight stands %2 inside the edge, %3 are wanted.</source>
        <translation>Mit ihrer Grundplatte wiegt sie %1. Geneigt steht das Gewicht %2 innerhalb der Kante, %3 sind gewünscht.</translation>
    </message>
    <message>
        <source>Larger than this paper: drawn out from its measures.</source>
        <translation>Größer als dieses Papier: nach den Maßen aufreißen.</translation>
    </message>
    <message>
        <source>cut here, 1:1</source>
        <translation>hier schneiden, 1:1</translation>
    </message>
</context>
<context>
    <name>enkinet::app::ThingsTab</name>
    <message>
        <source>Nothing sits on the body yet. Take a part of the figure in hand and put on what it carries: an eye, teeth, a strap, a base under its feet, a letter in its hand.</source>
        <translation>Noch sitzt nichts am Körper. Ein Teil der Figur in die Hand nehmen und daraufsetzen, was es trägt: ein Auge, Zähne, einen Riemen, eine Grundplatte unter die Füße, einen Brief in die Hand.</translation>
    </message>
    <message>
        <source>One weighs %1, all %2.</source>
        <translation>Eines wiegt %1, alle %2.</translation>
    </message>
    <message>
        <source>The first weighs %1, the last %2, all %3.</source>
        <translation>Das erste wiegt %1, das letzte %2, alle %3.</translation>
    </message>
    <message>
        <source>%1 along, %2 rows round.</source>
        <translation>%1 entlang, %2 Reihen herum.</translation>
    </message>
    <message>
        <source>Time one, and it says how long all take.</source>
        <translation>Eines stoppen, dann steht hier, wie lange alle dauern.</translation>
    </message>
    <message>
        <source>%1 for all, %2 to %3.</source>
        <translation>%1 für alle, %2 bis %3.</translation>
    </message>
    <message>
        <source>A stamp or mould pays from %1.</source>
        <translation>Stempel oder Form lohnt ab %1.</translation>
    </message>
    <message>
        <source>The set&apos;s floor neither tips nor is pushed over.</source>
        <translation>Der Setboden kippt nicht und wird nicht umgestoßen.</translation>
    </message>
    <message>
        <source>Leaning, the weight stands %1 inside the edge; %2 are wanted.</source>
        <translation>Geneigt steht das Gewicht %1 innerhalb der Kante; %2 sind gewünscht.</translation>
    </message>
    <message>
        <source>No hand pushes it over: posing the %1 takes %2 N at %3, and it stands %4 times that.</source>
        <translation>Keine Hand stößt sie um: %1 zu stellen braucht %2 N in %3 Höhe, und sie steht beim %4-Fachen.</translation>
    </message>
    <message>
        <source>Posing the %1 takes %2 N at %3 and pushes any base of a sensible size over: clamp it, or keep the other hand on its near side.</source>
        <translation>%1 zu stellen braucht %2 N in %3 Höhe und stößt jede vernünftige Grundplatte um: klemmen, oder die andere Hand an die nahe Seite.</translation>
    </message>
    <message>
        <source>Posing the %1 takes %2 N at %3 and pushes it over. %4 wide or %5 heavy would stand; or clamp it.</source>
        <translation>%1 zu stellen braucht %2 N in %3 Höhe und stößt sie um. %4 breit oder %5 schwer stünde sie; oder klemmen.</translation>
    </message>
    <message>
        <source>%1 %2, %3 deep</source>
        <translation>%1 %2, %3 tief</translation>
    </message>
    <message>
        <source>Holes: %1. Their places are printed at 1:1.</source>
        <translation>Löcher: %1. Ihre Stellen werden 1:1 gedruckt.</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>Not checked: give it a size, a depth, and a glue or a wire.</source>
        <translation>Ungeprüft: eine Größe, eine Tiefe und einen Kleber oder Draht angeben.</translation>
    </message>
    <message>
        <source>Does not hold: %1 % of what %2 N and %3 N·mm ask; %4.</source>
        <translation>Hält nicht: %1 % dessen, was %2 N und %3 N·mm verlangen; %4.</translation>
    </message>
    <message>
        <source>Holds, %1 times what %2 N and %3 N·mm ask.</source>
        <translation>Hält, das %1-Fache dessen, was %2 N und %3 N·mm verlangen.</translation>
    </message>
    <message>
        <source>%1 of wall beside the hole, %2 at least.</source>
        <translation>%1 Wand neben dem Loch, mindestens %2.</translation>
    </message>
    <message numerus="yes">
        <source>%n of them, %1 each; cut them %2 long.</source>
        <translation>
            <numerusform>%n davon, je %1; auf %2 Länge schneiden.</numerusform>
            <numerusform>%n davon, je %1; auf %2 Länge schneiden.</numerusform>
        </translation>
    </message>
    <message>
        <source>Carries itself raw.</source>
        <translation>Trägt sich roh selbst.</translation>
    </message>
    <message>
        <source>Sags raw: mesh or wire inside, thicker, or propped until it is cured.</source>
        <translation>Sackt roh durch: Netz oder Draht hinein, dicker, oder bis zum Härten gestützt.</translation>
    </message>
    <message>
        <source>Cured it stands a bend to %1.</source>
        <translation>Gehärtet hält es eine Biegung bis %1 aus.</translation>
    </message>
    <message>
        <source>%1 of wall beside the wire at the narrowest, in the %2; %3 at least.</source>
        <translation>%1 Wand neben dem Draht an der engsten Stelle, in „%2“; mindestens %3.</translation>
    </message>
    <message>
        <source>Bent to %1 at the %2.</source>
        <translation>Bei „%2“ auf %1 gebogen.</translation>
    </message>
    <message>
        <source>Low voltage only, and lit once before it is closed.</source>
        <translation>Nur Kleinspannung, und einmal zum Leuchten gebracht, ehe es schließt.</translation>
    </message>
    <message>
        <source>base</source>
        <translation>Grundplatte</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
    <message>
        <source>base: %1</source>
        <translation>Grundplatte: %1</translation>
    </message>
    <message>
        <source>%1: not checked</source>
        <translation>%1: ungeprüft</translation>
    </message>
    <message>
        <source>%1: holds %2 % of what it must</source>
        <translation>%1: hält %2 % dessen, was nötig ist</translation>
    </message>
    <message>
        <source>%1: holds</source>
        <translation>%1: hält</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Things on the body</source>
        <translation>Dinge am Körper</translation>
    </message>
    <message>
        <source>Put on</source>
        <translation>Anbringen</translation>
    </message>
    <message>
        <source>It goes where the figure&apos;s part in hand is.</source>
        <translation>Es kommt dorthin, wo das Teil der Figur in der Hand ist.</translation>
    </message>
    <message>
        <source>Eye, tooth, horn, scales, tufts</source>
        <translation>Auge, Zahn, Horn, Schuppen, Büschel</translation>
    </message>
    <message>
        <source>What holds it: pin, dowel, glue, magnet</source>
        <translation>Was es hält: Stift, Dübel, Kleber, Magnet</translation>
    </message>
    <message>
        <source>Base to stand on</source>
        <translation>Grundplatte zum Stehen</translation>
    </message>
    <message>
        <source>Cape, web, ear, brim</source>
        <translation>Umhang, Schwimmhaut, Ohr, Krempe</translation>
    </message>
    <message>
        <source>Cable through a limb</source>
        <translation>Kabel durch ein Glied</translation>
    </message>
    <message>
        <source>Prop in a hand</source>
        <translation>Requisit in einer Hand</translation>
    </message>
    <message>
        <source>Another head or hand for a slot</source>
        <translation>Noch ein Kopf oder eine Hand für einen Platz</translation>
    </message>
    <message>
        <source>Take off</source>
        <translation>Abnehmen</translation>
    </message>
    <message>
        <source>Name of this thing</source>
        <translation>Name dieses Dings</translation>
    </message>
    <message>
        <source>Name: %1</source>
        <translation>Name: %1</translation>
    </message>
    <message>
        <source>eye</source>
        <translation>Auge</translation>
    </message>
    <message>
        <source>pin</source>
        <translation>Stift</translation>
    </message>
    <message>
        <source>cape</source>
        <translation>Umhang</translation>
    </message>
    <message>
        <source>cable</source>
        <translation>Kabel</translation>
    </message>
    <message>
        <source>prop</source>
        <translation>Requisit</translation>
    </message>
    <message>
        <source>second head</source>
        <translation>zweiter Kopf</translation>
    </message>
    <message>
        <source>Put on: %1</source>
        <translation>Anbringen: %1</translation>
    </message>
    <message>
        <source>Take off: %1</source>
        <translation>Abnehmen: %1</translation>
    </message>
    <message>
        <source>%1 (%2 MPa, on your shelf)</source>
        <translation>%1 (%2 MPa, im Regal)</translation>
    </message>
    <message>
        <source>%1 (%2 MPa)</source>
        <translation>%1 (%2 MPa)</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>No glue on the cards holds %1: a pin, a wrap or a screw.</source>
        <translation>Kein Kleber der Karten hält %1: ein Stift, eine Wicklung oder eine Schraube.</translation>
    </message>
    <message>
        <source>What holds %1: %2.</source>
        <translation>Was %1 hält: %2.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>Between its limbs: %1 as built, %2 to %3 in what they do.</source>
        <translation>Zwischen den Gliedern: %1 wie gebaut, %2 bis %3 in dem, was sie tun.</translation>
    </message>
    <message>
        <source>What it stands is not checked: cloth, or clay that never hardens.</source>
        <translation>Was sie aushält, ist nicht geprüft: Stoff, oder Ton, der nie hart wird.</translation>
    </message>
    <message>
        <source>Stretched by %1 and folded to %2, it stands %3.</source>
        <translation>Um %1 gedehnt und bis %2 gefaltet, hält sie %3 aus.</translation>
    </message>
    <message>
        <source>%1: its glue lets go in the oven</source>
        <translation>%1: der Kleber löst sich im Ofen</translation>
    </message>
    <message>
        <source>%1: its hole leaves too thin a wall</source>
        <translation>%1: das Loch lässt eine zu dünne Wand</translation>
    </message>
    <message>
        <source>%1: droops more than it may</source>
        <translation>%1: hängt mehr durch als erlaubt</translation>
    </message>
    <message>
        <source>Its glue stands %1, and a load at %2 is still to come.</source>
        <translation>Der Kleber hält %1 aus, und eine Ladung bei %2 kommt noch.</translation>
    </message>
</context>
<context>
    <name>enkinet::app::TonePatch</name>
    <message>
        <source>The three tones on the relief</source>
        <translation>Die drei Töne auf dem Relief</translation>
    </message>
    <message>
        <source>recess against body: %1 (ΔE %2); ridge against body: %3 (ΔE %4)</source>
        <translation>Vertiefung gegen Körper: %1 (ΔE %2); Grat gegen Körper: %3 (ΔE %4)</translation>
    </message>
    <message>
        <source>ΔE %1 from the body</source>
        <translation>ΔE %1 vom Körper</translation>
    </message>
    <message>
        <source>ridge</source>
        <translation>Grat</translation>
    </message>
    <message>
        <source>body</source>
        <translation>Körper</translation>
    </message>
    <message>
        <source>what most of it shows</source>
        <translation>was das meiste davon zeigt</translation>
    </message>
    <message>
        <source>recess</source>
        <translation>Vertiefung</translation>
    </message>
</context>
<context>
    <name>enkinet::app::Tutorial</name>
    <message>
        <source>Skip this</source>
        <translation>Überspringen</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Beenden</translation>
    </message>
    <message>
        <source>Open the demo: three puppets of a small film. It opens as a copy; nothing of it can be spoiled.</source>
        <translation>Die Demo öffnen: drei Puppen eines kleinen Films. Sie öffnet sich als Kopie; nichts daran kann verdorben werden.</translation>
    </message>
    <message>
        <source>On the figure one joint is named: it fails. Go to Wire, on the steel rule.</source>
        <translation>Auf der Figur ist ein Gelenk genannt: es versagt. Auf dem Stahllineal zu Draht gehen.</translation>
    </message>
    <message>
        <source>The table says what is and what is wanted. Ask why: click the row in red.</source>
        <translation>Die Tafel sagt, was ist und was gewünscht ist. Warum? Die rote Zeile anklicken.</translation>
    </message>
    <message>
        <source>Under it stand ways out. Try one: the whole desk shows what it would do, and nothing is changed yet.</source>
        <translation>Darunter stehen Auswege. Einen probieren: der ganze Tisch zeigt, was er täte, und noch ist nichts geändert.</translation>
    </message>
    <message>
        <source>Use it: Apply.</source>
        <translation>Ihn nehmen: Anwenden.</translation>
    </message>
    <message>
        <source>Now the clay: go to Skin.</source>
        <translation>Nun der Ton: zu Haut gehen.</translation>
    </message>
    <message>
        <source>Type another thickness and press Enter, or drag a dot of the cut: grams, bakes and joints follow.</source>
        <translation>Eine andere Dicke tippen und Eingabe drücken, oder einen Punkt des Schnitts ziehen: Gramm, Backen und Gelenke folgen.</translation>
    </message>
    <message>
        <source>What you did is taken back by name, as often as you like: Undo.</source>
        <translation>Was Sie taten, lässt sich beim Namen zurücknehmen, sooft Sie wollen: Rückgängig.</translation>
    </message>
    <message>
        <source>When will it be done? Go to Plan.</source>
        <translation>Wann ist es fertig? Zu Plan gehen.</translation>
    </message>
    <message>
        <source>Take the step in hand: Start. Its minutes teach the next plan.</source>
        <translation>Den Schritt beginnen: Start. Seine Minuten lehren den nächsten Plan.</translation>
    </message>
    <message>
        <source>Paper for the bench: Print shows the sheets before they are printed.</source>
        <translation>Papier für die Werkbank: Drucken zeigt die Blätter, ehe sie gedruckt werden.</translation>
    </message>
    <message>
        <source>The first hour, %1 of %2</source>
        <translation>Die erste Stunde, %1 von %2</translation>
    </message>
    <message>
        <source>The first hour</source>
        <translation>Die erste Stunde</translation>
    </message>
    <message>
        <source>That was it. F1 says more at every station; Shift and F1 list the keys.</source>
        <translation>Das war es. F1 sagt an jeder Station mehr; Umschalt und F1 listen die Tasten.</translation>
    </message>
    <message>
        <source>All of her holds. Ask for a taller one: type 260 as her height and press Enter.</source>
        <translation>Alles an ihr hält. Eine größere verlangen: 260 als Höhe eingeben und Eingabetaste drücken.</translation>
    </message>
</context>
<context>
    <name>enkinet::app::Window</name>
    <message>
        <source>%1[*] · Enkinet</source>
        <translation>%1[*] · Enkinet</translation>
    </message>
    <message>
        <source>Not saved: %1</source>
        <translation>Nicht gespeichert: %1</translation>
    </message>
    <message>
        <source>Not done: %1</source>
        <translation>Nicht getan: %1</translation>
    </message>
    <message>
        <source>Only tried: %1</source>
        <translation>Nur probiert: %1</translation>
    </message>
    <message numerus="yes">
        <source>%n joint(s) hold now</source>
        <translation>
            <numerusform>%n Gelenk hält jetzt</numerusform>
            <numerusform>%n Gelenke halten jetzt</numerusform>
        </translation>
    </message>
    <message>
        <source>the %1 held before and fails now</source>
        <translation>%1 hielt vorher und versagt jetzt</translation>
    </message>
    <message numerus="yes">
        <source>%n joint(s) that held before fail now</source>
        <translation>
            <numerusform>%n Gelenk, das vorher hielt, versagt jetzt</numerusform>
            <numerusform>%n Gelenke, die vorher hielten, versagen jetzt</numerusform>
        </translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>Productions (*.enkinet *.json)</source>
        <translation>Produktionen (*.enkinet *.json)</translation>
    </message>
    <message>
        <source>Changed from outside</source>
        <translation>Außerhalb geändert</translation>
    </message>
    <message>
        <source>%1 was written by another window or program since it was opened here.</source>
        <translation>%1 wurde von einem anderen Fenster oder Programm geschrieben, seit es hier geöffnet wurde.</translation>
    </message>
    <message>
        <source>Keep both</source>
        <translation>Beide behalten</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Vergleichen</translation>
    </message>
    <message>
        <source>Write over it</source>
        <translation>Überschreiben</translation>
    </message>
    <message>
        <source>Go back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>What differs</source>
        <translation>Was anders ist</translation>
    </message>
    <message>
        <source>Save the production</source>
        <translation>Produktion speichern</translation>
    </message>
    <message>
        <source>Keep this production?</source>
        <translation>Diese Produktion behalten?</translation>
    </message>
    <message>
        <source>%1 could not be saved: %2</source>
        <translation>%1 konnte nicht gespeichert werden: %2</translation>
    </message>
    <message>
        <source>%1 has changes that are not saved.</source>
        <translation>%1 hat ungespeicherte Änderungen.</translation>
    </message>
    <message>
        <source>%1 has no file yet.</source>
        <translation>%1 hat noch keine Datei.</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Noch einmal versuchen</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Speichern als…</translation>
    </message>
    <message>
        <source>Throw away</source>
        <translation>Wegwerfen</translation>
    </message>
    <message>
        <source>Go on where you were?</source>
        <translation>Weitermachen, wo Sie waren?</translation>
    </message>
    <message numerus="yes">
        <source>%n session(s) ended without closing. The work up to the last second is still here.</source>
        <translation>
            <numerusform>%n Sitzung endete ohne Schließen. Die Arbeit bis zur letzten Sekunde ist noch hier.</numerusform>
            <numerusform>%n Sitzungen endeten ohne Schließen. Die Arbeit bis zur letzten Sekunde ist noch hier.</numerusform>
        </translation>
    </message>
    <message>
        <source>Work that was left behind</source>
        <translation>Zurückgelassene Arbeit</translation>
    </message>
    <message>
        <source>%1, %2%3</source>
        <translation>%1, %2%3</translation>
    </message>
    <message>
        <source>Without a name</source>
        <translation>Ohne Namen</translation>
    </message>
    <message>
        <source> (no file yet)</source>
        <translation> (noch keine Datei)</translation>
    </message>
    <message>
        <source> (%1)</source>
        <translation> (%1)</translation>
    </message>
    <message>
        <source>Go on with it</source>
        <translation>Damit weitermachen</translation>
    </message>
    <message>
        <source>Throw it away</source>
        <translation>Wegwerfen</translation>
    </message>
    <message>
        <source>Not now</source>
        <translation>Nicht jetzt</translation>
    </message>
    <message>
        <source>Open a production</source>
        <translation>Eine Produktion öffnen</translation>
    </message>
    <message>
        <source>none yet</source>
        <translation>noch keine</translation>
    </message>
    <message>
        <source>More: files, edits, puppets, the desk</source>
        <translation>Mehr: Dateien, Bearbeiten, Puppen, der Tisch</translation>
    </message>
    <message>
        <source>&amp;Production</source>
        <translation>&amp;Produktion</translation>
    </message>
    <message>
        <source>&amp;New</source>
        <translation>&amp;Neu</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>Ö&amp;ffnen…</translation>
    </message>
    <message>
        <source>Open &amp;recent</source>
        <translation>&amp;Zuletzt geöffnet</translation>
    </message>
    <message>
        <source>Open the &amp;demo</source>
        <translation>&amp;Demo öffnen</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>&amp;Speichern</translation>
    </message>
    <message>
        <source>Save &amp;as…</source>
        <translation>Speichern &amp;als…</translation>
    </message>
    <message>
        <source>&amp;Print build sheets…</source>
        <translation>Baublätter d&amp;rucken…</translation>
    </message>
    <message>
        <source>Build sheets as P&amp;DF…</source>
        <translation>Baublätter als PD&amp;F…</translation>
    </message>
    <message>
        <source>&amp;Cut list as CSV…</source>
        <translation>&amp;Zuschnitt als CSV…</translation>
    </message>
    <message>
        <source>Puppet &amp;table as CSV…</source>
        <translation>Puppen&amp;tabelle als CSV…</translation>
    </message>
    <message>
        <source>&amp;Export body or elevations…</source>
        <translation>Körper oder Ansichten e&amp;xportieren…</translation>
    </message>
    <message>
        <source>&amp;Import puppets…</source>
        <translation>Puppen &amp;importieren…</translation>
    </message>
    <message>
        <source>Take puppets over from</source>
        <translation>Puppen übernehmen aus</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>&amp;Beenden</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>&amp;Copy the answer as text</source>
        <translation>Antwort als Text &amp;kopieren</translation>
    </message>
    <message>
        <source>Copy the &amp;picture on the bench</source>
        <translation>&amp;Bild auf der Bank kopieren</translation>
    </message>
    <message>
        <source>&amp;In hand</source>
        <translation>&amp;In der Hand</translation>
    </message>
    <message>
        <source>The &amp;whole limb</source>
        <translation>Das &amp;ganze Glied</translation>
    </message>
    <message>
        <source>The like on &amp;all limbs of its kind</source>
        <translation>Das Gleiche an &amp;allen Gliedern seiner Art</translation>
    </message>
    <message>
        <source>&amp;Both sides</source>
        <translation>&amp;Beide Seiten</translation>
    </message>
    <message>
        <source>All parts of this &amp;clay</source>
        <translation>Alle Teile aus diesem &amp;Ton</translation>
    </message>
    <message>
        <source>nothing else belongs to it: take a joint or a part in hand first</source>
        <translation>sonst gehört nichts dazu: zuerst ein Gelenk oder Teil in die Hand nehmen</translation>
    </message>
    <message>
        <source>P&amp;uppet</source>
        <translation>P&amp;uppe</translation>
    </message>
    <message>
        <source>Add a &amp;biped</source>
        <translation>&amp;Zweibeiner dazu</translation>
    </message>
    <message>
        <source>Add a &amp;quadruped</source>
        <translation>&amp;Vierbeiner dazu</translation>
    </message>
    <message>
        <source>Add a b&amp;ird</source>
        <translation>V&amp;ogel dazu</translation>
    </message>
    <message>
        <source>Add a &amp;serpent</source>
        <translation>&amp;Schlange dazu</translation>
    </message>
    <message>
        <source>Add a &amp;winged beast</source>
        <translation>&amp;Geflügeltes Tier dazu</translation>
    </message>
    <message>
        <source>Add an &amp;own shape</source>
        <translation>&amp;Eigene Form dazu</translation>
    </message>
    <message>
        <source>&amp;Rename…</source>
        <translation>&amp;Umbenennen…</translation>
    </message>
    <message>
        <source>&amp;Duplicate</source>
        <translation>Ver&amp;doppeln</translation>
    </message>
    <message>
        <source>Move to the &amp;left</source>
        <translation>Nach &amp;links</translation>
    </message>
    <message>
        <source>Move to the ri&amp;ght</source>
        <translation>Nach &amp;rechts</translation>
    </message>
    <message>
        <source>Re&amp;move</source>
        <translation>&amp;Entfernen</translation>
    </message>
    <message>
        <source>&amp;Next puppet</source>
        <translation>&amp;Nächste Puppe</translation>
    </message>
    <message>
        <source>&amp;Previous puppet</source>
        <translation>Vorige Pupp&amp;e</translation>
    </message>
    <message>
        <source>&amp;Desk</source>
        <translation>&amp;Tisch</translation>
    </message>
    <message>
        <source>&amp;Turntable</source>
        <translation>&amp;Drehscheibe</translation>
    </message>
    <message>
        <source>&amp;Puppet table</source>
        <translation>Puppen&amp;tabelle</translation>
    </message>
    <message>
        <source>&amp;Life size</source>
        <translation>&amp;Lebensgröße</translation>
    </message>
    <message>
        <source>&amp;Calibrate life size…</source>
        <translation>Lebensgröße &amp;abgleichen…</translation>
    </message>
    <message>
        <source>&amp;Measure on the sheet</source>
        <translation>Auf dem Blatt &amp;messen</translation>
    </message>
    <message>
        <source>&amp;Put it down</source>
        <translation>&amp;Hinlegen</translation>
    </message>
    <message>
        <source>Turn the &amp;figure</source>
        <translation>&amp;Figur drehen</translation>
    </message>
    <message>
        <source>the sheet shows front and side already</source>
        <translation>das Blatt zeigt schon Vorder- und Seitenansicht</translation>
    </message>
    <message>
        <source>G&amp;uide to this station</source>
        <translation>&amp;Anleitung zu dieser Station</translation>
    </message>
    <message>
        <source>&amp;Keys</source>
        <translation>Tas&amp;ten</translation>
    </message>
    <message>
        <source>&amp;Fit the paper</source>
        <translation>Papier &amp;einpassen</translation>
    </message>
    <message>
        <source>Night &amp;bench</source>
        <translation>&amp;Nachtbank</translation>
    </message>
    <message>
        <source>M&amp;otion</source>
        <translation>&amp;Bewegung</translation>
    </message>
    <message>
        <source>&amp;Inches</source>
        <translation>&amp;Zoll</translation>
    </message>
    <message>
        <source>Simulated &amp;devices</source>
        <translation>&amp;Simulierte Geräte</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Drucken</translation>
    </message>
    <message>
        <source>Print build sheets</source>
        <translation>Baublätter drucken</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Mehr</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>Keys and what they do</source>
        <translation>Tasten und was sie tun</translation>
    </message>
    <message>
        <source>arrows</source>
        <translation>Pfeile</translation>
    </message>
    <message>
        <source>on the figure: from joint to joint, or part to part; with Ctrl the other way round</source>
        <translation>auf der Figur: von Gelenk zu Gelenk oder von Teil zu Teil; mit Strg umgekehrt</translation>
    </message>
    <message>
        <source>on the rule: from station to station; Home and End</source>
        <translation>auf dem Lineal: von Station zu Station; Pos1 und Ende</translation>
    </message>
    <message>
        <source>on the laid limb, the window of wires, the plan: from one to the next; Enter uses it</source>
        <translation>auf dem ausgelegten Glied, dem Drahtfenster, dem Plan: von einem zum nächsten; Eingabe nimmt es</translation>
    </message>
    <message>
        <source>Alt with left, right</source>
        <translation>Alt mit links, rechts</translation>
    </message>
    <message>
        <source>on the days of the plan: the step in hand earlier or later; Delete gives its place back</source>
        <translation>auf den Tagen des Plans: den Schritt in der Hand früher oder später; Entf gibt seinen Platz zurück</translation>
    </message>
    <message>
        <source>P, + − F</source>
        <translation>P, + − F</translation>
    </message>
    <message>
        <source>on the sheet: layers, nearer, farther, all of it</source>
        <translation>auf dem Blatt: Schichten, näher, ferner, alles</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Life size</source>
        <translation>Lebensgröße</translation>
    </message>
    <message>
        <source>Hold a bank card against the screen and make the bar as long as its long side (85.6 mm).</source>
        <translation>Eine Bankkarte an den Bildschirm halten und den Balken so lang machen wie ihre lange Seite (85,6 mm).</translation>
    </message>
    <message>
        <source>Length of the bar</source>
        <translation>Länge des Balkens</translation>
    </message>
    <message>
        <source>They are equal</source>
        <translation>Sie sind gleich</translation>
    </message>
    <message>
        <source>the numbers are still being worked out; try again when the note at the top has gone</source>
        <translation>die Zahlen werden noch berechnet; noch einmal versuchen, wenn die Notiz oben verschwunden ist</translation>
    </message>
    <message>
        <source>there is no puppet to print</source>
        <translation>keine Puppe zum Drucken da</translation>
    </message>
    <message>
        <source>Build sheets</source>
        <translation>Baublätter</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message>
        <source>Build sheets of %1</source>
        <translation>Baublätter von %1</translation>
    </message>
    <message>
        <source>there is no puppet to cut wire for</source>
        <translation>keine Puppe da, für die Draht zu schneiden wäre</translation>
    </message>
    <message>
        <source>Cut list</source>
        <translation>Zuschnitt</translation>
    </message>
    <message>
        <source>CSV (*.csv)</source>
        <translation>CSV (*.csv)</translation>
    </message>
    <message>
        <source>there is no puppet to make a table of</source>
        <translation>keine Puppe da, von der eine Tabelle zu machen wäre</translation>
    </message>
    <message>
        <source>Puppet table</source>
        <translation>Puppentabelle</translation>
    </message>
    <message>
        <source>there is no puppet to export</source>
        <translation>keine Puppe zum Exportieren da</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exportieren</translation>
    </message>
    <message>
        <source>Body: OBJ (*.obj);;Body: STL (*.stl);;Body: glTF (*.gltf);;Elevations 1:1: SVG (*.svg);;Elevations 1:1: DXF (*.dxf)</source>
        <translation>Körper: OBJ (*.obj);;Körper: STL (*.stl);;Körper: glTF (*.gltf);;Ansichten 1:1: SVG (*.svg);;Ansichten 1:1: DXF (*.dxf)</translation>
    </message>
    <message>
        <source>there is nothing to copy yet</source>
        <translation>noch nichts zu kopieren</translation>
    </message>
    <message>
        <source>there is no puppet to rename</source>
        <translation>keine Puppe zum Umbenennen da</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Umbenennen</translation>
    </message>
    <message>
        <source>Name of the puppet</source>
        <translation>Name der Puppe</translation>
    </message>
    <message>
        <source>Rename to %1</source>
        <translation>Umbenennen in %1</translation>
    </message>
    <message>
        <source>there is no puppet to duplicate</source>
        <translation>keine Puppe zum Verdoppeln da</translation>
    </message>
    <message>
        <source>Duplicate %1</source>
        <translation>%1 verdoppeln</translation>
    </message>
    <message>
        <source>there is no puppet to remove</source>
        <translation>keine Puppe zum Entfernen da</translation>
    </message>
    <message>
        <source>Remove %1</source>
        <translation>%1 entfernen</translation>
    </message>
    <message>
        <source>Move %1</source>
        <translation>%1 verschieben</translation>
    </message>
    <message>
        <source>Height %1</source>
        <translation>Höhe %1</translation>
    </message>
    <message>
        <source>Add a puppet</source>
        <translation>Eine Puppe hinzufügen</translation>
    </message>
    <message>
        <source>Import puppets of %1</source>
        <translation>Puppen aus %1 importieren</translation>
    </message>
    <message>
        <source>&amp;Language</source>
        <translation>S&amp;prache</translation>
    </message>
    <message>
        <source>As the &amp;system</source>
        <translation>Wie das &amp;System</translation>
    </message>
    <message>
        <source>Degrees &amp;Fahrenheit</source>
        <translation>Grad &amp;Fahrenheit</translation>
    </message>
    <message numerus="yes">
        <source>%n session(s) ended without closing: the work is under More, Production.</source>
        <translation>
            <numerusform>%n Sitzung endete ohne Schließen: die Arbeit ist unter Mehr, Produktion.</numerusform>
            <numerusform>%n Sitzungen endeten ohne Schließen: die Arbeit ist unter Mehr, Produktion.</numerusform>
        </translation>
    </message>
    <message>
        <source>nothing was left behind</source>
        <translation>nichts wurde zurückgelassen</translation>
    </message>
    <message>
        <source>Work left be&amp;hind…</source>
        <translation>Z&amp;urückgelassene Arbeit…</translation>
    </message>
    <message>
        <source>The first &amp;hour</source>
        <translation>Die erste &amp;Stunde</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keiner</translation>
    </message>
    <message>
        <source>%1: wire %2, was %3</source>
        <translation>%1: Draht %2, war %3</translation>
    </message>
    <message>
        <source>%1: %2, was %3</source>
        <translation>%1: %2, war %3</translation>
    </message>
    <message>
        <source>%1: weighs %2, was %3</source>
        <translation>%1: wiegt %2, war %3</translation>
    </message>
    <message>
        <source>%1: work %2, was %3</source>
        <translation>%1: Arbeit %2, war %3</translation>
    </message>
    <message>
        <source>Judged anew by newer rules: nothing is said otherwise</source>
        <translation>Nach neueren Regeln neu beurteilt: nichts wird anders gesagt</translation>
    </message>
    <message numerus="yes">
        <source>Judged anew by newer rules: %n thing(s) said otherwise</source>
        <translation>
            <numerusform>Nach neueren Regeln neu beurteilt: %n Sache wird anders gesagt</numerusform>
            <numerusform>Nach neueren Regeln neu beurteilt: %n Sachen werden anders gesagt</numerusform>
        </translation>
    </message>
    <message>
        <source>What newer rules say</source>
        <translation>Was neuere Regeln sagen</translation>
    </message>
    <message>
        <source>This file was last judged by older rules. Nothing in it was changed; what is said of it differs here. Wire that is cut stays cut.</source>
        <translation>Diese Datei wurde zuletzt nach älteren Regeln beurteilt. Nichts darin wurde geändert; was über sie gesagt wird, ist hier anders. Geschnittener Draht bleibt geschnitten.</translation>
    </message>
    <message>
        <source>What is said otherwise</source>
        <translation>Was anders gesagt wird</translation>
    </message>
    <message>
        <source>other wire in the %1</source>
        <translation>anderer Draht in %1</translation>
    </message>
    <message numerus="yes">
        <source>other wire in %n limb(s)</source>
        <translation>
            <numerusform>anderer Draht in %n Glied</numerusform>
            <numerusform>anderer Draht in %n Gliedern</numerusform>
        </translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>No longer there</source>
        <translation>Nicht mehr da</translation>
    </message>
    <message>
        <source>%1 was deleted, moved or renamed since it was opened here.</source>
        <translation>%1 wurde gelöscht, verschoben oder umbenannt, seit es hier geöffnet wurde.</translation>
    </message>
    <message>
        <source>The folder of %1 is no longer there.</source>
        <translation>Der Ordner von %1 ist nicht mehr da.</translation>
    </message>
    <message>
        <source>Save it there again</source>
        <translation>Dort wieder sichern</translation>
    </message>
    <message>
        <source>There already</source>
        <translation>Schon da</translation>
    </message>
    <message>
        <source>%1 is there already. Writing over it takes its place.</source>
        <translation>%1 ist schon da. Überschreiben ersetzt es.</translation>
    </message>
    <message>
        <source>Another name</source>
        <translation>Anderer Name</translation>
    </message>
    <message>
        <source>%1 is no longer there.</source>
        <translation>%1 ist nicht mehr da.</translation>
    </message>
    <message>
        <source>Print anew</source>
        <translation>Neu drucken</translation>
    </message>
    <message>
        <source>The printed sheets of %1 are older than: %2</source>
        <translation>Die gedruckten Blätter von %1 sind älter als: %2</translation>
    </message>
    <message>
        <source>lengths stand in inches now; paper stays in millimetres</source>
        <translation>Längen stehen jetzt in Zoll; Papier bleibt in Millimetern</translation>
    </message>
    <message>
        <source>A fault of the program&apos;s own was caught (%1). Your work is kept; save it, and begin anew if anything looks wrong.</source>
        <translation>Ein Fehler des Programms selbst wurde abgefangen (%1). Ihre Arbeit ist erhalten; speichern Sie sie, und beginnen Sie neu, wenn etwas falsch aussieht.</translation>
    </message>
    <message>
        <source>The program ended by a fault</source>
        <translation>Das Programm endete durch einen Fehler</translation>
    </message>
    <message>
        <source>The last time the program ended by a fault of its own. A report of it lies beside the recovered work: its version, where it was, and the last ten steps by their names. It is sent nowhere; who mends the program can use it.</source>
        <translation>Beim letzten Mal endete das Programm durch einen eigenen Fehler. Ein Bericht davon liegt neben der geretteten Arbeit: die Version, wo es war und die letzten zehn Schritte mit ihren Namen. Er wird nirgendwohin geschickt; wer das Programm verbessert, kann ihn brauchen.</translation>
    </message>
    <message>
        <source>Keep the report</source>
        <translation>Bericht behalten</translation>
    </message>
</context>
<context>
    <name>enkinet::app::WirePage</name>
    <message>
        <source>%1 %2 at the %3</source>
        <translation>%1 %2 (%3)</translation>
    </message>
    <message>
        <source>%1 static, spun too hard or too short on the spool</source>
        <translation>%1 starr, zu hart versponnen oder zu kurz auf der Rolle</translation>
    </message>
    <message>
        <source>Ruled out: %1.</source>
        <translation>Ausgeschlossen: %1.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>%1 wires of the stock were tried, %2 fit every joint of the limb. %3</source>
        <translation>%1 Drähte des Vorrats wurden probiert, %2 passen zu jedem Gelenk des Gliedes. %3</translation>
    </message>
    <message>
        <source>now: %1
%2</source>
        <translation>jetzt: %1
%2</translation>
    </message>
    <message>
        <source>%1
%2</source>
        <translation>%1
%2</translation>
    </message>
    <message>
        <source>What stiffens the limb until its clay is cured</source>
        <translation>Was das Glied versteift, bis sein Ton gehärtet ist</translation>
    </message>
    <message>
        <source>stiffened by</source>
        <translation>versteift mit</translation>
    </message>
    <message>
        <source>%1: stiffened by %2</source>
        <translation>%1: versteift mit %2</translation>
    </message>
    <message>
        <source>The joint: gap, range, edge, wear</source>
        <translation>Das Gelenk: Spalt, Spielraum, Kante, Verschleiß</translation>
    </message>
    <message>
        <source>Free gap of wire</source>
        <translation>Freier Spalt des Drahtes</translation>
    </message>
    <message>
        <source>How the wire leaves the stiff end</source>
        <translation>Wie der Draht das steife Ende verlässt</translation>
    </message>
    <message>
        <source>Seconds of film it must last</source>
        <translation>Sekunden Film, die sie halten muss</translation>
    </message>
    <message>
        <source>Full moves a second of film</source>
        <translation>Volle Bewegungen je Sekunde Film</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>Spalt</translation>
    </message>
    <message>
        <source>edge</source>
        <translation>Kante</translation>
    </message>
    <message>
        <source>must last</source>
        <translation>muss halten</translation>
    </message>
    <message>
        <source>moves a second</source>
        <translation>Bewegungen je s</translation>
    </message>
    <message>
        <source>Full bends spent while it is built</source>
        <translation>Volle Biegungen, die das Bauen verbraucht</translation>
    </message>
    <message>
        <source>bends while building</source>
        <translation>Biegungen beim Bauen</translation>
    </message>
    <message>
        <source>The wire, and why it is this one</source>
        <translation>Der Draht, und warum gerade dieser</translation>
    </message>
    <message>
        <source>Let the tool choose the wire of %1</source>
        <translation>Das Programm den Draht von %1 wählen lassen</translation>
    </message>
    <message>
        <source>Gap %1</source>
        <translation>Spalt %1</translation>
    </message>
    <message>
        <source>Range %1 to %2</source>
        <translation>Spielraum %1 bis %2</translation>
    </message>
    <message>
        <source>Edge: %1</source>
        <translation>Kante: %1</translation>
    </message>
    <message>
        <source>Must last %1 s</source>
        <translation>Muss %1 s halten</translation>
    </message>
    <message>
        <source>%1 bends while building</source>
        <translation>%1 Biegungen beim Bauen</translation>
    </message>
    <message>
        <source>%1 moves a second</source>
        <translation>%1 Bewegungen je Sekunde</translation>
    </message>
    <message>
        <source>Wires for this limb, best first</source>
        <translation>Drähte für dieses Glied, der beste zuerst</translation>
    </message>
    <message>
        <source>Use the marked wire</source>
        <translation>Markierten Draht nehmen</translation>
    </message>
    <message>
        <source>Let Enkinet choose</source>
        <translation>Enkinet wählen lassen</translation>
    </message>
    <message>
        <source>The limb</source>
        <translation>Das Glied</translation>
    </message>
    <message>
        <source>The limb laid out, and the window of wires</source>
        <translation>Das Glied ausgelegt, und das Drahtfenster</translation>
    </message>
    <message>
        <source>Try another</source>
        <translation>Anderen probieren</translation>
    </message>
    <message>
        <source>Lens: try another wire and gap</source>
        <translation>Lupe: einen anderen Draht und Spalt probieren</translation>
    </message>
    <message>
        <source>All wires</source>
        <translation>Alle Drähte</translation>
    </message>
    <message>
        <source>All wires that were tried for the limb</source>
        <translation>Alle Drähte, die für das Glied probiert wurden</translation>
    </message>
    <message>
        <source>Cut list</source>
        <translation>Zuschnitt</translation>
    </message>
    <message>
        <source>Which piece is cut from which length of wire</source>
        <translation>Welches Stück aus welcher Länge Draht geschnitten wird</translation>
    </message>
    <message>
        <source>Spools</source>
        <translation>Rollen</translation>
    </message>
    <message>
        <source>Spools in stock</source>
        <translation>Vorrätige Rollen</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message numerus="yes">
        <source>%1, and %n more</source>
        <translation>
            <numerusform>%1, und noch %n</numerusform>
            <numerusform>%1, und noch %n</numerusform>
        </translation>
    </message>
    <message>
        <source>Wire of %1: %2</source>
        <translation>Draht von %1: %2</translation>
    </message>
    <message>
        <source>No limbs</source>
        <translation>Keine Glieder</translation>
    </message>
    <message>
        <source>no wire</source>
        <translation>kein Draht</translation>
    </message>
    <message>
        <source>not checked</source>
        <translation>ungeprüft</translation>
    </message>
    <message>
        <source>No spool in stock can be tried here: steel and drawn wire are static unless this puppet may pose them, and a spool must be long enough.</source>
        <translation>Keine vorrätige Rolle lässt sich hier probieren: Stahl und harter Draht bleiben starr, außer diese Puppe darf sie stellen, und eine Rolle muss lang genug sein.</translation>
    </message>
    <message>
        <source>Not checked: nothing is posed in this limb, and all of it is stiffened. %1</source>
        <translation>Ungeprüft: in diesem Glied wird nichts gestellt, und alles daran ist versteift. %1</translation>
    </message>
    <message>
        <source>left and right alike</source>
        <translation>links und rechts gleich</translation>
    </message>
    <message numerus="yes">
        <source>and %n more in hand</source>
        <translation>
            <numerusform>und noch %n in der Hand</numerusform>
            <numerusform>und noch %n in der Hand</numerusform>
        </translation>
    </message>
    <message>
        <source>holds</source>
        <translation>hält</translation>
    </message>
    <message>
        <source>%1 N·mm</source>
        <translation>%1 N·mm</translation>
    </message>
    <message>
        <source>no figure</source>
        <translation>keine Zahl</translation>
    </message>
    <message>
        <source>at least %1</source>
        <translation>mindestens %1</translation>
    </message>
    <message>
        <source>bends at</source>
        <translation>biegt sich bei</translation>
    </message>
    <message>
        <source>at most %1</source>
        <translation>höchstens %1</translation>
    </message>
    <message>
        <source>%1 N</source>
        <translation>%1 N</translation>
    </message>
    <message>
        <source>springs back</source>
        <translation>federt zurück</translation>
    </message>
    <message>
        <source>lasts</source>
        <translation>hält (Film)</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>has a gap of</source>
        <translation>hat einen Spalt von</translation>
    </message>
    <message>
        <source>is across</source>
        <translation>misst quer</translation>
    </message>
    <message>
        <source>as it likes</source>
        <translation>wie es ihm gefällt</translation>
    </message>
    <message>
        <source>The joint: %1 gap, %2 to %3, %4</source>
        <translation>Das Gelenk: %1 Spalt, %2 bis %3, %4</translation>
    </message>
    <message>
        <source>It carries %1. Grams are held where the fingers push, %2 away.</source>
        <translation>Es trägt %1. Gramm gelten dort, wo die Finger drücken, %2 entfernt.</translation>
    </message>
    <message>
        <source>The %1&apos;s window. %2 of %3 wires fit the whole limb.</source>
        <translation>Fenster von %1. %2 von %3 Drähten passen zum ganzen Glied.</translation>
    </message>
    <message>
        <source>The %1&apos;s window. None of %2 wires fits the whole limb; nearest is yours.</source>
        <translation>Fenster von %1. Keiner von %2 Drähten passt zum ganzen Glied; am nächsten ist Ihrer.</translation>
    </message>
    <message>
        <source> It holds with %1 % to spare, less than the %2 % that are wanted: no wire has more.</source>
        <translation> Es hält mit %1 % Reserve, weniger als die gewünschten %2 %: kein Draht hat mehr.</translation>
    </message>
    <message>
        <source>%1, %2. %3 of %4 wires tried fit every joint of the limb; chosen for %5.</source>
        <translation>%1, %2. %3 von %4 probierten Drähten passen zu jedem Gelenk des Gliedes; gewählt nach: %5.</translation>
    </message>
    <message>
        <source>picked by you</source>
        <translation>von Ihnen gewählt</translation>
    </message>
    <message>
        <source>chosen by Enkinet</source>
        <translation>von Enkinet gewählt</translation>
    </message>
    <message>
        <source>From table values: this wire has not been tested.</source>
        <translation>Aus Tafelwerten: dieser Draht ist ungeprüft.</translation>
    </message>
    <message>
        <source>Calibrated by your tests of this spool: %1.</source>
        <translation>Abgeglichen mit Ihren Versuchen an dieser Rolle: %1.</translation>
    </message>
    <message>
        <source>Nine of ten such joints last %1 s of film, half of them %2 s.</source>
        <translation>Neun von zehn solchen Gelenken halten %1 s Film, die Hälfte %2 s.</translation>
    </message>
    <message>
        <source>hard: bare putty or a crimp</source>
        <translation>hart: blanker Kitt oder Quetschung</translation>
    </message>
    <message>
        <source>eased: taped, wrapped, feathered</source>
        <translation>gebrochen: umklebt, umwickelt, auslaufend</translation>
    </message>
    <message>
        <source>none: bends along its length</source>
        <translation>keine: biegt sich der Länge nach</translation>
    </message>
    <message>
        <source>nothing is posed: its wire carries raw clay</source>
        <translation>nichts wird gestellt: sein Draht trägt rohen Ton</translation>
    </message>
    <message>
        <source>The bare wire keeps its shape under raw clay and a tool, with %1 % to spare.</source>
        <translation>Der blanke Draht hält unter rohem Ton und Werkzeug seine Form, mit %1 % Reserve.</translation>
    </message>
    <message>
        <source>The bare wire does not keep its shape in the %1 until the clay is cured.</source>
        <translation>Der blanke Draht hält in „%1“ seine Form nicht, bis der Ton gehärtet ist.</translation>
    </message>
    <message>
        <source>carries</source>
        <translation>trägt</translation>
    </message>
    <message>
        <source>weight asks %1</source>
        <translation>Gewicht verlangt %1</translation>
    </message>
    <message>
        <source>pressed</source>
        <translation>gedrückt</translation>
    </message>
    <message>
        <source>it asks %1</source>
        <translation>verlangt sind %1</translation>
    </message>
    <message>
        <source>bends down</source>
        <translation>biegt durch</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>aufrecht</translation>
    </message>
    <message>
        <source>%1 stand on it</source>
        <translation>%1 stehen darauf</translation>
    </message>
    <message>
        <source>What would work: the same wire from %1; stiffened by putty, a tube or a tight binding; or propped until it is cured, %2 above the base, %3 to the front.</source>
        <translation>Was ginge: der gleiche Draht ab %1; versteift mit Kitt, einem Rohr oder enger Bindung; oder gestützt, bis es gehärtet ist, %2 über der Grundplatte, %3 nach vorn.</translation>
    </message>
    <message>
        <source>Spun in the drill it is several times as firm as straight.</source>
        <translation>In der Bohrmaschine verdrillt ist er mehrmals so fest wie gerade.</translation>
    </message>
    <message>
        <source>A tool presses with %1 N at its far end, weight counts one and a half times. Typical figures; hang what it will carry on a piece of this wire, and look.</source>
        <translation>Ein Werkzeug drückt mit %1 N am fernen Ende, Gewicht zählt anderthalbfach. Typische Zahlen; an ein Stück dieses Drahts hängen, was er tragen wird, und ansehen.</translation>
    </message>
    <message>
        <source>nothing: bare wire</source>
        <translation>nichts: blanker Draht</translation>
    </message>
    <message>
        <source>putty</source>
        <translation>Kitt</translation>
    </message>
    <message>
        <source>a tube</source>
        <translation>ein Rohr</translation>
    </message>
    <message>
        <source>a tight binding</source>
        <translation>eine enge Bindung</translation>
    </message>
    <message>
        <source>Why this limb is to have no wire</source>
        <translation>Warum dieses Glied keinen Draht haben soll</translation>
    </message>
    <message>
        <source>No wire here</source>
        <translation>Hier kein Draht</translation>
    </message>
    <message>
        <source>Say in a few words why it is to have no wire</source>
        <translation>In wenigen Worten sagen, warum es keinen Draht haben soll</translation>
    </message>
    <message>
        <source>No wire in %1</source>
        <translation>Kein Draht in %1</translation>
    </message>
    <message>
        <source>%1 You wrote: %2.</source>
        <translation>%1 Notiert: %2.</translation>
    </message>
    <message>
        <source>because …</source>
        <translation>weil …</translation>
    </message>
    <message>
        <source>Bends to the end marked I in the picture</source>
        <translation>Biegt bis zum Ende, das im Bild I heißt</translation>
    </message>
    <message>
        <source>Bends to the end marked II in the picture</source>
        <translation>Biegt bis zum Ende, das im Bild II heißt</translation>
    </message>
    <message>
        <source>bends to end I</source>
        <translation>biegt bis Ende I</translation>
    </message>
    <message>
        <source>bends to end II</source>
        <translation>biegt bis Ende II</translation>
    </message>
    <message>
        <source>%1 wires of the stock were tried, %2 carry what lies on them. %3</source>
        <translation>%1 Drähte des Lagers wurden versucht, %2 tragen, was auf ihnen liegt. %3</translation>
    </message>
</context>
<context>
    <name>enkinet::app::WirePages</name>
    <message>
        <source>wire</source>
        <translation>Draht</translation>
    </message>
    <message>
        <source>Wire to cut and twist</source>
        <translation>Draht zum Schneiden und Verdrillen</translation>
    </message>
    <message>
        <source>, left and right</source>
        <translation>, links und rechts</translation>
    </message>
    <message>
        <source> · spool %1</source>
        <translation> · Rolle %1</translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation>%1 × %2 mm</translation>
    </message>
    <message>
        <source> doubled back</source>
        <translation> doppelt gelegt</translation>
    </message>
    <message>
        <source> (ends %1 mm from the root)</source>
        <translation> (endet %1 mm vom Fuß)</translation>
    </message>
    <message>
        <source>cut %1</source>
        <translation>Schnitt %1</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>both ends gripped, count %1 turns (8 % give back), all the same hand; finished length %2 mm</source>
        <translation>beide Enden gefasst, %1 Windungen zählen (8 % gehen zurück), alle gleich herum; fertige Länge %2 mm</translation>
    </message>
    <message>
        <source>straight; finished length %1 mm</source>
        <translation>gerade; fertige Länge %1 mm</translation>
    </message>
    <message>
        <source>%1 %2: %3; lasts %4 of %5 s</source>
        <translation>%1 %2: %3; hält %4 von %5 s</translation>
    </message>
    <message>
        <source>table for the wall</source>
        <translation>Tafel für die Wand</translation>
    </message>
    <message>
        <source>%1 for the wall</source>
        <translation>%1 für die Wand</translation>
    </message>
    <message>
        <source>limb</source>
        <translation>Glied</translation>
    </message>
    <message>
        <source>lay</source>
        <translation>Schlag</translation>
    </message>
    <message>
        <source>holds of needed, N·mm</source>
        <translation>hält von nötigen, N·mm</translation>
    </message>
    <message>
        <source>hand</source>
        <translation>Hand</translation>
    </message>
    <message>
        <source>film, s</source>
        <translation>Film, s</translation>
    </message>
    <message>
        <source>first to break</source>
        <translation>bricht zuerst</translation>
    </message>
    <message>
        <source>%1 ×2</source>
        <translation>%1 ×2</translation>
    </message>
    <message>
        <source>→%1</source>
        <translation>→%1</translation>
    </message>
    <message>
        <source>%1 of %2 mm %3</source>
        <translation>%1 von %2 mm %3</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>%1 Film: seconds that nine joints in ten reach. Hand: at the grip of the joint that takes most. %2</source>
        <translation>%1 Film: Sekunden, die neun von zehn Gelenken erreichen. Hand: am Griff des Gelenks, das am meisten braucht. %2</translation>
    </message>
    <message>
        <source>cutting</source>
        <translation>Zuschnitt</translation>
    </message>
    <message>
        <source>What is cut from what</source>
        <translation>Was woraus geschnitten wird</translation>
    </message>
    <message>
        <source>%1: %2 mm off the roll, %3 mm scrap</source>
        <translation>%1: %2 mm von der Rolle, %3 mm Verschnitt</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>off the roll</source>
        <translation>von der Rolle</translation>
    </message>
    <message>
        <source>from an offcut, rest %1 mm</source>
        <translation>aus einem Reststück, Rest %1 mm</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>Labels to tie on</source>
        <translation>Schildchen zum Anbinden</translation>
    </message>
    <message>
        <source>labels</source>
        <translation>Schildchen</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>%1 of %2, %3</source>
        <translation>%1 von %2, %3</translation>
    </message>
</context>
<context>
    <name>enkinet::app::WiresWindow</name>
    <message>
        <source>Window of wires: what each holds, takes and lasts</source>
        <translation>Drahtfenster: was jeder hält, braucht und aushält</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>N·mm</source>
        <translation>N·mm</translation>
    </message>
    <message>
        <source>at fingers</source>
        <translation>am Finger</translation>
    </message>
    <message>
        <source>holds too little</source>
        <translation>hält zu wenig</translation>
    </message>
    <message>
        <source>%1 beyond what a hand gives</source>
        <translation>%1 mehr, als eine Hand gibt</translation>
    </message>
    <message>
        <source>wears out below the line</source>
        <translation>verschleißt unter der Linie</translation>
    </message>
    <message>
        <source>yours: %1</source>
        <translation>Ihrer: %1</translation>
    </message>
    <message>
        <source>yours, %1: %2</source>
        <translation>Ihrer, %1: %2</translation>
    </message>
    <message>
        <source>%1 would do here; %2</source>
        <translation>%1 ginge hier; %2</translation>
    </message>
    <message>
        <source>Each wire stands as its section; its bar reaches to what bending takes.</source>
        <translation>Jeder Draht steht als sein Querschnitt; sein Balken reicht bis zu dem, was Biegen braucht.</translation>
    </message>
    <message>
        <source> · </source>
        <translation> · </translation>
    </message>
    <message>
        <source>must hold %1</source>
        <translation>muss %1 halten</translation>
    </message>
    <message>
        <source>a hand can give %1</source>
        <translation>eine Hand kann %1 geben</translation>
    </message>
    <message>
        <source>No light: the joint must hold more than a hand can bend.</source>
        <translation>Kein Licht: das Gelenk muss mehr halten, als eine Hand biegen kann.</translation>
    </message>
</context>
<context>
    <name>enkinet::app::WorkBench</name>
    <message>
        <source>After %1: %2.</source>
        <translation>Nach %1: %2.</translation>
    </message>
    <message>
        <source>Then: %1.</source>
        <translation>Dann: %1.</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>Noted here before: %1</source>
        <translation>Früher hier notiert: %1</translation>
    </message>
    <message>
        <source>%1: %2 left, until %3</source>
        <translation>%1: noch %2, bis %3</translation>
    </message>
    <message>
        <source>Due now: %1</source>
        <translation>Jetzt fällig: %1</translation>
    </message>
    <message>
        <source>The step in hand, large</source>
        <translation>Der Schritt in der Hand, groß</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>Space starts and pauses, Enter is done, arrows go on and back, digits tick.</source>
        <translation>Die Leertaste startet und pausiert, Eingabe ist fertig, Pfeile gehen weiter und zurück, Ziffern haken ab.</translation>
    </message>
    <message>
        <source>Nothing in hand</source>
        <translation>Nichts in der Hand</translation>
    </message>
    <message>
        <source>%1, step %2 of %3, %4</source>
        <translation>%1, Schritt %2 von %3, %4</translation>
    </message>
    <message>
        <source>done in %1</source>
        <translation>fertig in %1</translation>
    </message>
    <message>
        <source>skipped</source>
        <translation>ausgelassen</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Start</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>Not done after all</source>
        <translation>Doch nicht fertig</translation>
    </message>
    <message>
        <source>by itself</source>
        <translation>von selbst</translation>
    </message>
</context>
<context>
    <name>kinds</name>
    <message>
        <source>New biped</source>
        <translation>Neuer Zweibeiner</translation>
    </message>
    <message>
        <source>New bird</source>
        <translation>Neuer Vogel</translation>
    </message>
    <message>
        <source>New puppet</source>
        <translation>Neue Puppe</translation>
    </message>
    <message>
        <source>New quadruped</source>
        <translation>Neuer Vierbeiner</translation>
    </message>
    <message>
        <source>Own shape</source>
        <translation>Eigene Form</translation>
    </message>
    <message>
        <source>Serpent</source>
        <translation>Schlange</translation>
    </message>
    <message>
        <source>Winged beast</source>
        <translation>Geflügeltes Tier</translation>
    </message>
    <message>
        <source>ankle</source>
        <translation>Knöchel</translation>
    </message>
    <message>
        <source>arm</source>
        <translation>Arm</translation>
    </message>
    <message>
        <source>barrel</source>
        <translation>Rumpf</translation>
    </message>
    <message>
        <source>bill and legs</source>
        <translation>Schnabel und Beine</translation>
    </message>
    <message>
        <source>bill tip</source>
        <translation>Schnabelspitze</translation>
    </message>
    <message>
        <source>body</source>
        <translation>Körper</translation>
    </message>
    <message>
        <source>body, neck and head</source>
        <translation>Körper, Hals und Kopf</translation>
    </message>
    <message>
        <source>boot</source>
        <translation>Stiefel</translation>
    </message>
    <message>
        <source>boots and hooves</source>
        <translation>Stiefel und Hufe</translation>
    </message>
    <message>
        <source>breast</source>
        <translation>Brust</translation>
    </message>
    <message>
        <source>chest</source>
        <translation>Brustkorb</translation>
    </message>
    <message>
        <source>coil</source>
        <translation>Windung</translation>
    </message>
    <message>
        <source>crop</source>
        <translation>Kropf</translation>
    </message>
    <message>
        <source>crown</source>
        <translation>Scheitel</translation>
    </message>
    <message>
        <source>dock</source>
        <translation>Schweifansatz</translation>
    </message>
    <message>
        <source>ear</source>
        <translation>Ohr</translation>
    </message>
    <message>
        <source>ear root</source>
        <translation>Ohransatz</translation>
    </message>
    <message>
        <source>ear tip</source>
        <translation>Ohrspitze</translation>
    </message>
    <message>
        <source>ear wrap</source>
        <translation>Ohrwicklung</translation>
    </message>
    <message>
        <source>elbow</source>
        <translation>Ellbogen</translation>
    </message>
    <message>
        <source>face</source>
        <translation>Gesicht</translation>
    </message>
    <message>
        <source>first finger</source>
        <translation>Zeigefinger</translation>
    </message>
    <message>
        <source>first finger end</source>
        <translation>Zeigefinger, Ende</translation>
    </message>
    <message>
        <source>first finger knuckle</source>
        <translation>Zeigefinger, Knöchel</translation>
    </message>
    <message>
        <source>first finger middle</source>
        <translation>Zeigefinger, Mitte</translation>
    </message>
    <message>
        <source>first finger root</source>
        <translation>Zeigefinger, Ansatz</translation>
    </message>
    <message>
        <source>first finger tip</source>
        <translation>Zeigefingerspitze</translation>
    </message>
    <message>
        <source>foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>fore fetlock</source>
        <translation>vordere Fessel</translation>
    </message>
    <message>
        <source>fore knee</source>
        <translation>Vorderfußwurzel</translation>
    </message>
    <message>
        <source>forearm</source>
        <translation>Unterarm</translation>
    </message>
    <message>
        <source>foreleg</source>
        <translation>Vorderbein</translation>
    </message>
    <message>
        <source>foreleg hoof</source>
        <translation>Vorderhuf</translation>
    </message>
    <message>
        <source>foreleg wrap</source>
        <translation>Vorderbeinwicklung</translation>
    </message>
    <message>
        <source>ground</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>hand</source>
        <translation>Hand</translation>
    </message>
    <message>
        <source>hands</source>
        <translation>Hände</translation>
    </message>
    <message>
        <source>head</source>
        <translation>Kopf</translation>
    </message>
    <message>
        <source>head and bill</source>
        <translation>Kopf und Schnabel</translation>
    </message>
    <message>
        <source>head end</source>
        <translation>Kopfende</translation>
    </message>
    <message>
        <source>heel</source>
        <translation>Ferse</translation>
    </message>
    <message>
        <source>hind fetlock</source>
        <translation>hintere Fessel</translation>
    </message>
    <message>
        <source>hind hock</source>
        <translation>Sprunggelenk</translation>
    </message>
    <message>
        <source>hind leg</source>
        <translation>Hinterbein</translation>
    </message>
    <message>
        <source>hind leg hoof</source>
        <translation>Hinterhuf</translation>
    </message>
    <message>
        <source>hind leg wrap</source>
        <translation>Hinterbeinwicklung</translation>
    </message>
    <message>
        <source>hip</source>
        <translation>Hüfte</translation>
    </message>
    <message>
        <source>hip wrap</source>
        <translation>Hüftwicklung</translation>
    </message>
    <message>
        <source>hips</source>
        <translation>Becken</translation>
    </message>
    <message>
        <source>hoof</source>
        <translation>Huf</translation>
    </message>
    <message>
        <source>inner wing</source>
        <translation>innerer Flügel</translation>
    </message>
    <message>
        <source>keel</source>
        <translation>Kiel</translation>
    </message>
    <message>
        <source>knee</source>
        <translation>Knie</translation>
    </message>
    <message>
        <source>leg</source>
        <translation>Bein</translation>
    </message>
    <message>
        <source>loin</source>
        <translation>Lende</translation>
    </message>
    <message>
        <source>lower bend</source>
        <translation>untere Biegung</translation>
    </message>
    <message>
        <source>lower foreleg</source>
        <translation>unteres Vorderbein</translation>
    </message>
    <message>
        <source>lower hind leg</source>
        <translation>unteres Hinterbein</translation>
    </message>
    <message>
        <source>lower neck</source>
        <translation>unterer Hals</translation>
    </message>
    <message>
        <source>middle bend</source>
        <translation>mittlere Biegung</translation>
    </message>
    <message>
        <source>middle neck</source>
        <translation>mittlerer Hals</translation>
    </message>
    <message>
        <source>muzzle</source>
        <translation>Maul</translation>
    </message>
    <message>
        <source>nape</source>
        <translation>Nacken</translation>
    </message>
    <message>
        <source>neck</source>
        <translation>Hals</translation>
    </message>
    <message>
        <source>neck and body</source>
        <translation>Hals und Körper</translation>
    </message>
    <message>
        <source>neck root</source>
        <translation>Halsansatz</translation>
    </message>
    <message>
        <source>oilskin coat</source>
        <translation>Ölmantel</translation>
    </message>
    <message>
        <source>outer wing</source>
        <translation>äußerer Flügel</translation>
    </message>
    <message>
        <source>palm</source>
        <translation>Handfläche</translation>
    </message>
    <message>
        <source>palm end</source>
        <translation>Handende</translation>
    </message>
    <message>
        <source>pelvis</source>
        <translation>Becken</translation>
    </message>
    <message>
        <source>poll</source>
        <translation>Genick</translation>
    </message>
    <message>
        <source>rump</source>
        <translation>Kruppe</translation>
    </message>
    <message>
        <source>seat</source>
        <translation>Sitz</translation>
    </message>
    <message>
        <source>second finger</source>
        <translation>Mittelfinger</translation>
    </message>
    <message>
        <source>second finger end</source>
        <translation>Mittelfinger, Ende</translation>
    </message>
    <message>
        <source>second finger knuckle</source>
        <translation>Mittelfinger, Knöchel</translation>
    </message>
    <message>
        <source>second finger middle</source>
        <translation>Mittelfinger, Mitte</translation>
    </message>
    <message>
        <source>second finger root</source>
        <translation>Mittelfinger, Ansatz</translation>
    </message>
    <message>
        <source>second finger tip</source>
        <translation>Mittelfingerspitze</translation>
    </message>
    <message>
        <source>shank</source>
        <translation>Röhre</translation>
    </message>
    <message>
        <source>shin</source>
        <translation>Schienbein</translation>
    </message>
    <message>
        <source>shoulder</source>
        <translation>Schulter</translation>
    </message>
    <message>
        <source>shoulder wrap</source>
        <translation>Schulterwicklung</translation>
    </message>
    <message>
        <source>shoulders</source>
        <translation>Schultern</translation>
    </message>
    <message>
        <source>sole</source>
        <translation>Sohle</translation>
    </message>
    <message>
        <source>spine and head</source>
        <translation>Rückgrat und Kopf</translation>
    </message>
    <message>
        <source>spine, neck and head</source>
        <translation>Rückgrat, Hals und Kopf</translation>
    </message>
    <message>
        <source>tail</source>
        <translation>Schwanz</translation>
    </message>
    <message>
        <source>tail curl</source>
        <translation>Schwanzbogen</translation>
    </message>
    <message>
        <source>tail end</source>
        <translation>Schwanzende</translation>
    </message>
    <message>
        <source>tail root</source>
        <translation>Schwanzansatz</translation>
    </message>
    <message>
        <source>tail tip</source>
        <translation>Schwanzspitze</translation>
    </message>
    <message>
        <source>thigh</source>
        <translation>Oberschenkel</translation>
    </message>
    <message>
        <source>third finger</source>
        <translation>Ringfinger</translation>
    </message>
    <message>
        <source>third finger end</source>
        <translation>Ringfinger, Ende</translation>
    </message>
    <message>
        <source>third finger knuckle</source>
        <translation>Ringfinger, Knöchel</translation>
    </message>
    <message>
        <source>third finger middle</source>
        <translation>Ringfinger, Mitte</translation>
    </message>
    <message>
        <source>third finger root</source>
        <translation>Ringfinger, Ansatz</translation>
    </message>
    <message>
        <source>third finger tip</source>
        <translation>Ringfingerspitze</translation>
    </message>
    <message>
        <source>thumb</source>
        <translation>Daumen</translation>
    </message>
    <message>
        <source>thumb end</source>
        <translation>Daumen, Ende</translation>
    </message>
    <message>
        <source>thumb knuckle</source>
        <translation>Daumen, Knöchel</translation>
    </message>
    <message>
        <source>thumb middle</source>
        <translation>Daumen, Mitte</translation>
    </message>
    <message>
        <source>thumb root</source>
        <translation>Daumen, Ansatz</translation>
    </message>
    <message>
        <source>thumb tip</source>
        <translation>Daumenspitze</translation>
    </message>
    <message>
        <source>toe joint</source>
        <translation>Zehengelenk</translation>
    </message>
    <message>
        <source>upper arm</source>
        <translation>Oberarm</translation>
    </message>
    <message>
        <source>upper bend</source>
        <translation>obere Biegung</translation>
    </message>
    <message>
        <source>upper foreleg</source>
        <translation>oberes Vorderbein</translation>
    </message>
    <message>
        <source>upper hind leg</source>
        <translation>oberes Hinterbein</translation>
    </message>
    <message>
        <source>upper neck</source>
        <translation>oberer Hals</translation>
    </message>
    <message>
        <source>waist</source>
        <translation>Taille</translation>
    </message>
    <message>
        <source>wing</source>
        <translation>Flügel</translation>
    </message>
    <message>
        <source>wing elbow</source>
        <translation>Flügelellbogen</translation>
    </message>
    <message>
        <source>wing shoulder</source>
        <translation>Flügelschulter</translation>
    </message>
    <message>
        <source>wing tip</source>
        <translation>Flügelspitze</translation>
    </message>
    <message>
        <source>wing wrap</source>
        <translation>Flügelwicklung</translation>
    </message>
    <message>
        <source>withers</source>
        <translation>Widerrist</translation>
    </message>
    <message>
        <source>wrist</source>
        <translation>Handgelenk</translation>
    </message>
</context>
</TS>
