<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
 <context>
  <name>assembly</name>
  <message>
   <location filename="assembly/after_scaling.py" />
   <source>Made for %1</source>
   <translation>Gemacht für %1</translation>
  </message>
  <message>
   <location filename="assembly/after_scaling.py" />
   <source>Scale them along</source>
   <translation>Mitskalieren</translation>
  </message>
  <message>
   <location filename="assembly/after_scaling.py" />
   <source>%1 mm as it came</source>
   <translation>%1 mm, wie es kam</translation>
  </message>
  <message>
   <location filename="assembly/after_scaling.py" />
   <source>Its thinnest wall is %1 mm</source>
   <translation>Seine dünnste Wand misst %1 mm</translation>
  </message>
  <message>
   <location filename="assembly/after_scaling.py" />
   <source>Look at its walls</source>
   <translation>Seine Wände ansehen</translation>
  </message>
  <message>
   <location filename="assembly/after_scaling.py" />
   <source>Peg with %1: %2 mm of play</source>
   <translation>Zapfen mit %1: %2 mm Spiel</translation>
  </message>
  <message>
   <location filename="assembly/after_scaling.py" />
   <source>%1 as they came; the machine wants %2</source>
   <translation>%1, wie sie kamen; die Maschine will %2</translation>
  </message>
  <message>
   <location filename="assembly/after_scaling.py" />
   <source>Shave it to fit</source>
   <translation>Abnehmen, bis es passt</translation>
  </message>
  <message>
   <location filename="assembly/after_scaling.py" />
   <source>%1: thick glue fills it</source>
   <translation>%1: dicker Kleber füllt ihn</translation>
  </message>
  <message>
   <location filename="assembly/after_scaling.py" />
   <source>A hole for %1 mm is %2 mm wide</source>
   <translation>Ein Loch für %1 mm ist %2 mm weit</translation>
  </message>
  <message>
   <location filename="assembly/after_scaling.py" />
   <source>%1 as it came</source>
   <translation>%1, wie es kam</translation>
  </message>
  <message>
   <location filename="assembly/after_scaling.py" />
   <source>Bore it as it was</source>
   <translation>Bohren, wie es war</translation>
  </message>
  <message>
   <location filename="assembly/balance.py" />
   <source>falls over by itself</source>
   <translation>fällt von selbst um</translation>
  </message>
  <message>
   <location filename="assembly/balance.py" />
   <source>stands well</source>
   <translation>steht gut</translation>
  </message>
  <message>
   <location filename="assembly/balance.py" />
   <source>tips easily: pin it, or weight the base</source>
   <translation>kippt leicht: verstifte sie oder beschwere die Base</translation>
  </message>
  <message>
   <location filename="assembly/balance.py" />
   <source>%1, %2° to tip</source>
   <translation>%1, %2° bis zum Kippen</translation>
  </message>
  <message>
   <location filename="assembly/balance.py" />
   <source>Weakest to the %1.</source>
   <translation>Am schwächsten nach %1.</translation>
  </message>
  <message>
   <location filename="assembly/balance.py" />
   <source>, or %1 g of weight in it</source>
   <translation>, oder %1 g Gewicht darin</translation>
  </message>
  <message>
   <location filename="assembly/balance.py" />
   <source>Weakest to the %1: a base %2 mm wider%3 would make it stand.</source>
   <translation>Am schwächsten nach %1: eine Base, die %2 mm breiter ist%3, ließe sie stehen.</translation>
  </message>
  <message>
   <location filename="assembly/balance.py" />
   <source>back right</source>
   <translation>hinten rechts</translation>
  </message>
  <message>
   <location filename="assembly/balance.py" />
   <source>back left</source>
   <translation>hinten links</translation>
  </message>
  <message>
   <location filename="assembly/balance.py" />
   <source>front left</source>
   <translation>vorn links</translation>
  </message>
  <message>
   <location filename="assembly/balance.py" />
   <source>front right</source>
   <translation>vorn rechts</translation>
  </message>
  <message>
   <location filename="assembly/drill_template.py" />
   <source>Drill %1 mm, %2 mm deep in each: %3 mm of wall round it.</source>
   <translation>Bohre %1 mm, %2 mm tief in jedes: ringsum bleiben %3 mm Wand.</translation>
  </message>
  <message>
   <location filename="assembly/drill_template.py" />
   <source>No room for any pin, %1 mm neither: glue, and keep it from knocks.</source>
   <translation>Kein Platz für einen Stift, auch nicht %1 mm: klebe, und halte Stöße fern.</translation>
  </message>
  <message>
   <location filename="assembly/drill_template.py" />
   <source>%1 It bears %2 of what the %3 mm would that a knock asks for and that has no room here.</source>
   <translation>%1 Er trägt %2 dessen, was die %3 mm trügen, die ein Stoß verlangt und die hier keinen Platz haben.</translation>
  </message>
  <message>
   <location filename="assembly/drill_template.py" />
   <source>No room for a magnet %1: glue.</source>
   <translation>Kein Platz für einen Magneten %1: klebe.</translation>
  </message>
  <message>
   <location filename="assembly/drill_template.py" />
   <source>+ up in the %1, − up in the %2, the same on every figure, so that parts can change places</source>
   <translation>+ oben in %1, − oben in %2, an jeder Figur gleich, sodass Teile die Plätze tauschen können</translation>
  </message>
  <message>
   <location filename="assembly/drill_template.py" />
   <source>Magnet %1, two. %2 Mark them before they are glued: %3.</source>
   <translation>Magnet %1, zwei. %2 Markiere sie, bevor sie geklebt werden: %3.</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <location filename="desk/stages/paint/value/state.py" />
   <source>layer lines</source>
   <translation>Schichtlinien</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>out of reach</source>
   <translation>außer Reichweite</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>little margin</source>
   <translation>wenig Reserve</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>pinned by hand</source>
   <translation>von Hand markiert</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>leave it</source>
   <translation>lassen</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>hardly in sight</source>
   <translation>kaum zu sehen</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>%1 in sight round the table</source>
   <translation>rings um den Tisch zu %1 zu sehen</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>told apart from %1 m</source>
   <translation>zu erkennen aus %1 m</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>%1, so across the table</source>
   <translation>%1, also über den Tisch</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>%1, not across the table</source>
   <translation>%1, nicht über den Tisch</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>fill or scrape, then sand</source>
   <translation>füllen oder schaben, dann schleifen</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <location filename="assembly/flaws.py" />
   <source>wet, with a mask</source>
   <translation>nass, mit Maske</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>hide it: a strap, rubble, mud</source>
   <translation>verstecken: ein Riemen, Schutt, Schlamm</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <location filename="assembly/flaws.py" />
   <source>only where that belongs there</source>
   <translation>nur, wo so etwas hingehört</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>nobody else will look there</source>
   <translation>niemand sonst sieht dort hin</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>on a curve of %1 mm</source>
   <translation>auf einer Rundung von %1 mm</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>on flat skin</source>
   <translation>auf flacher Haut</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>%1 to %2: %3 mm open, %4 at most, %5 mm², %6</source>
   <translation>%1 an %2: %3 mm offen, höchstens %4, %5 mm², %6</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>thick glue run in</source>
   <translation>dicken Kleber einlaufen lassen</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>sand flush; cyanoacrylate bonds skin</source>
   <translation>eben schleifen; Sekundenkleber verklebt Haut</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>resin brushed in, cured by a torch</source>
   <translation>Harz einpinseln, mit einer Lampe härten</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>gloves, eyes off the light</source>
   <translation>Handschuhe, Augen weg vom Licht</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <location filename="assembly/flaws.py" />
   <source>filler primer, sanded between two coats</source>
   <translation>Füllgrundierung, zwischen zwei Lagen geschliffen</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <location filename="assembly/flaws.py" />
   <source>a mask; detail fills, too</source>
   <translation>eine Maske; füllt auch Einzelheiten</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>wiped with a wet finger, not sanded</source>
   <translation>mit nassem Finger gewischt, nicht geschliffen</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>shrinks: the second pass closes it</source>
   <translation>schrumpft: der zweite Gang schließt es</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>soft filler, two passes</source>
   <translation>weicher Füller, zwei Gänge</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>two-part putty, tooled wet</source>
   <translation>Zwei-Komponenten-Spachtel, nass geformt</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>gloves; shaped while soft</source>
   <translation>Handschuhe; weich geformt</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>gloves; sand wet when hard</source>
   <translation>Handschuhe; hart nass schleifen</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>hide it: strap, fur or rubble over it</source>
   <translation>verstecken: Riemen, Fell oder Schutt darüber</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>shade it dark and it reads as a fold</source>
   <translation>dunkel abgetönt wirkt es wie eine Falte</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>snip flush and sand</source>
   <translation>bündig abknipsen und schleifen</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>scrape with a blade</source>
   <translation>mit einer Klinge schaben</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>away from fingers</source>
   <translation>weg von den Fingern</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>primer shows it</source>
   <translation>Grundierung zeigt es</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>a tip of %1</source>
   <translation>eine Spitze von %1</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>sand here, wet, 400 then 800</source>
   <translation>hier schleifen, nass, 400 dann 800</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>a mask; keep off edges</source>
   <translation>eine Maske; weg von Kanten</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>thin washes and dry-brushing bring it out</source>
   <translation>dünne Lasuren und Trockenbürsten holen sie hervor</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>%1: stairs of %2 µm in layers of %3 mm, %4 mm² of such skin</source>
   <translation>%1: Stufen von %2 µm in Schichten von %3 mm, %4 mm² solcher Haut</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>look along it for cracks and bends</source>
   <translation>sieh entlang, ob es gerissen oder verbogen ist</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>warm water straightens what is bent</source>
   <translation>warmes Wasser richtet Verbogenes</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>stiffen with thin glue</source>
   <translation>mit dünnem Kleber festigen</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>vapour: air, gloves</source>
   <translation>Dampf: Luft, Handschuhe</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>touch it last, hold elsewhere</source>
   <translation>zuletzt anfassen, anderswo halten</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>%1: held with a margin of %2; look for missing layers</source>
   <translation>%1: mit einer Reserve von %2 gehalten; sieh nach fehlenden Schichten</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>look, and fill what is missing</source>
   <translation>ansehen und füllen, was fehlt</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>or print it again</source>
   <translation>oder noch einmal drucken</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>paint it before gluing</source>
   <translation>vor dem Kleben bemalen</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>keep the part in its way apart</source>
   <translation>das Teil im Weg getrennt halten</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>prime it dark, leave it</source>
   <translation>dunkel grundieren und lassen</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <location filename="progress/figure_records/last_look.py" />
   <source>reads as shade</source>
   <translation>wirkt als Schatten</translation>
  </message>
  <message>
   <location filename="assembly/flaws.py" />
   <source>%1: %2 mm² in sight where no brush comes</source>
   <translation>%1: %2 mm² zu sehen, wohin kein Pinsel kommt</translation>
  </message>
  <message>
   <location filename="assembly/fragility.py" />
   <source>%1 mm thin, %2 mm from its end: %3 N there snap it</source>
   <translation>%1 mm dünn, %2 mm vor dem Ende: %3 N dort brechen es</translation>
  </message>
  <message>
   <location filename="assembly/fragility.py" />
   <source>broke here %1 on %2 built</source>
   <translation>brach hier %1 an %2 gebauten</translation>
  </message>
  <message>
   <location filename="assembly/fragility.py" />
   <location filename="desk/dialogs/broke.py" />
   <location filename="packing/pockets.py" />
   <source>%1 times</source>
   <translation>%1-mal</translation>
  </message>
  <message>
   <location filename="assembly/gluing.py" />
   <source>glue-on:</source>
   <translation>glue-on:</translation>
  </message>
  <message>
   <location filename="assembly/gluing.py" />
   <source>File the tips</source>
   <translation>Die Spitzen feilen</translation>
  </message>
  <message>
   <location filename="assembly/gluing.py" />
   <source>One piece: nothing to glue</source>
   <translation>Ein Stück: nichts zu kleben</translation>
  </message>
  <message>
   <location filename="assembly/gluing.py" />
   <source>Sand wet</source>
   <translation>Nass schleifen</translation>
  </message>
  <message>
   <location filename="assembly/gluing.py" />
   <source>Scars, and lines that show</source>
   <translation>Male und Linien, die zu sehen sind</translation>
  </message>
  <message>
   <location filename="assembly/gluing.py" />
   <source>Dry fit, file the tips</source>
   <translation>Trocken anpassen, Spitzen feilen</translation>
  </message>
  <message>
   <location filename="assembly/gluing.py" />
   <source>Every joint closed before any glue</source>
   <translation>Jede Verbindung geschlossen, bevor Kleber kommt</translation>
  </message>
  <message>
   <location filename="assembly/gluing.py" />
   <source>Keep the %1 apart</source>
   <translation>%1 getrennt halten</translation>
  </message>
  <message>
   <location filename="assembly/gluing.py" />
   <source>On a stick: painted before it is glued on</source>
   <translation>Auf einem Stab: bemalt, bevor es angeklebt wird</translation>
  </message>
  <message>
   <location filename="assembly/gluing.py" />
   <source>Glue the %1</source>
   <translation>%1 kleben</translation>
  </message>
  <message>
   <location filename="assembly/gluing.py" />
   <source>A drop in the socket; pin what bends</source>
   <translation>Ein Tropfen in die Fassung; verstifte, was sich biegt</translation>
  </message>
  <message>
   <location filename="assembly/gluing.py" />
   <source>Fill gaps, sand wet</source>
   <translation>Spalte füllen, nass schleifen</translation>
  </message>
  <message>
   <location filename="assembly/gluing.py" />
   <source>Two-part putty cures overnight</source>
   <translation>Zwei-Komponenten-Spachtel härtet über Nacht</translation>
  </message>
  <message>
   <location filename="assembly/gluing.py" />
   <source>Glue on the %1</source>
   <translation>%1 ankleben</translation>
  </message>
  <message>
   <location filename="assembly/joints.py" />
   <location filename="desk/stages/print/watch_bill.py" />
   <location filename="post/washing/wash_ways.py" />
   <location filename="printing/checks/print_findings.py" />
   <source>%1 × %2 mm</source>
   <translation>%1 × %2 mm</translation>
  </message>
  <message>
   <location filename="assembly/joints.py" />
   <source>%1 mm open, %2 at most</source>
   <translation>%1 mm offen, höchstens %2</translation>
  </message>
  <message>
   <location filename="assembly/joints.py" />
   <source>%1: thick glue closes it, or soft filler brushed in</source>
   <translation>%1: dicker Kleber schließt ihn, oder weicher Füller eingepinselt</translation>
  </message>
  <message>
   <location filename="assembly/joints.py" />
   <location filename="desk/choosing/choosing_state.py" />
   <location filename="desk/stages/paint/looks/state.py" />
   <location filename="desk/stages/paint/mix/pictures.py" />
   <location filename="desk/stages/paint/mix/pictures.py" />
   <location filename="desk/stages/paint/rack/state.py" />
   <location filename="desk/stages/paint/rack/state.py" />
   <location filename="desk/stages/paint/rack/state.py" />
   <location filename="desk/stages/paint/recipe/rescue_state.py" />
   <location filename="desk/stages/paint/schools/state.py" />
   <location filename="desk/stages/prime/first_colour.py" />
   <location filename="desk/stages/print/machine_picture.py" />
   <location filename="paint/scheme.py" />
   <location filename="progress/shopping.py" />
   <source>%1 ml</source>
   <translation>%1 ml</translation>
  </message>
  <message>
   <location filename="assembly/joints.py" />
   <source>a crumb</source>
   <translation>ein Krümel</translation>
  </message>
  <message>
   <location filename="assembly/joints.py" />
   <source>%1: %2 of soft filler or two-part putty, sanded wet</source>
   <translation>%1: %2 weicher Füller oder Zwei-Komponenten-Spachtel, nass geschliffen</translation>
  </message>
  <message>
   <location filename="assembly/joints.py" />
   <source>%1: fit it again first, then %2 of two-part putty</source>
   <translation>%1: zuerst neu anpassen, dann %2 Zwei-Komponenten-Spachtel</translation>
  </message>
  <message>
   <location filename="assembly/joints.py" />
   <source>pin %1 mm, %2 deep</source>
   <translation>Stift %1 mm, %2 tief</translation>
  </message>
  <message>
   <location filename="assembly/joints.py" />
   <source>%1: a knock asks %2 N·mm of every mm², glue bears about %3</source>
   <translation>%1: ein Stoß verlangt %2 N·mm von jedem mm², Kleber trägt etwa %3</translation>
  </message>
  <message>
   <location filename="assembly/joints.py" />
   <source>glue; a magnet %1 would do</source>
   <translation>Kleber; ein Magnet %1 täte es auch</translation>
  </message>
  <message>
   <location filename="assembly/joints.py" />
   <source>Built before the lamp, %1 mm² in %2 joints see no light, most between %3 and %4 (%5 mm²): resin as glue, each lit by a torch as it is set (%6 min, a default); glue holds cured skin alone.</source>
   <translation>Vor der Lampe gebaut, sehen %1 mm² in %2 Verbindungen kein Licht, am meisten zwischen %3 und %4 (%5 mm²): Harz als Kleber, jede beim Setzen mit einer Lampe belichtet (%6 min, eine Vorgabe); Kleber hält nur gehärtete Haut.</translation>
  </message>
  <message>
   <location filename="assembly/saved_look.py" />
   <source>%1 seen</source>
   <translation>%1 zu sehen</translation>
  </message>
  <message>
   <location filename="assembly/saved_look.py" />
   <source>Across the table nothing tells it from a new one.</source>
   <translation>Über den Tisch unterscheidet es nichts von einem neuen.</translation>
  </message>
  <message>
   <location filename="assembly/saved_look.py" />
   <source>in front</source>
   <translation>vorn</translation>
  </message>
  <message>
   <location filename="assembly/saved_look.py" />
   <source>its left</source>
   <translation>seine Linke</translation>
  </message>
  <message>
   <location filename="assembly/saved_look.py" />
   <source>its right</source>
   <translation>seine Rechte</translation>
  </message>
  <message>
   <location filename="assembly/saved_look.py" />
   <source>hardly anything</source>
   <translation>kaum etwas</translation>
  </message>
  <message>
   <location filename="assembly/saved_look.py" />
   <source>%1 of the figure</source>
   <translation>%1 der Figur</translation>
  </message>
  <message>
   <location filename="assembly/saved_look.py" />
   <source>Across the table %1 looks otherwise, seen from %2.</source>
   <translation>Über den Tisch sieht %1 anders aus, gesehen von %2.</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>an end</source>
   <translation>ein Ende</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>a band in the middle</source>
   <translation>ein Band in der Mitte</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>a corner</source>
   <translation>eine Ecke</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>with some detail</source>
   <translation>mit etwas Einzelheit</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>%1 mm³ are lost, %2 of it; %3 mm² of its skin, %4.</source>
   <translation>%1 mm³ sind verloren, %2 davon; %3 mm² der Haut, %4.</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>Nothing of the part is lost there, or nothing is left.</source>
   <translation>Dort ist nichts vom Teil verloren, oder nichts bleibt.</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>Mark it elsewhere.</source>
   <translation>Markiere es anderswo.</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>There is nothing left to put a saw guide on.</source>
   <translation>Es bleibt nichts, worauf eine Sägehilfe säße.</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>Saw by eye.</source>
   <translation>Säge nach Augenmaß.</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>shaped in putty</source>
   <translation>in Spachtel geformt</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>putty in a former</source>
   <translation>Spachtel in einer Form</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>with a new piece</source>
   <translation>mit einem neuen Stück</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>printed again</source>
   <translation>noch einmal gedruckt</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <location filename="assembly/saving.py" />
   <source>%1 ml, %2 min of machine</source>
   <translation>%1 ml, %2 min Maschine</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>Build it up in two-part putty, shape it, sand it wet</source>
   <translation>In Zwei-Komponenten-Spachtel aufbauen, formen, nass schleifen</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <location filename="assembly/saving.py" />
   <source>%1 g of putty</source>
   <translation>%1 g Spachtel</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>Saw it level, print just that piece, pin and glue it</source>
   <translation>Glatt sägen, nur dieses Stück drucken, verstiften und kleben</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>Hide it: base, mud, battle damage, stowage</source>
   <translation>Verstecken: Base, Schlamm, Kampfschaden, Gepäck</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>Print all of it again</source>
   <translation>Alles noch einmal drucken</translation>
  </message>
  <message>
   <location filename="assembly/saving.py" />
   <source>Press putty against the %1, wrapped in film</source>
   <translation>Spachtel gegen %1 drücken, in Folie gewickelt</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <source>steel washer</source>
   <translation>Stahlscheibe</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <source>Piece, from below</source>
   <translation>Stück, von unten</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <source>Material</source>
   <translation>Material</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <location filename="paint/finishing/basing.py" />
   <source>High, mm</source>
   <translation>Hoch, mm</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <location filename="paint/finishing/basing.py" />
   <source>Wide, mm</source>
   <translation>Breit, mm</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <source>Grams (empty: by size)</source>
   <translation>Gramm (leer: nach Größe)</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <location filename="desk/choosing/choosing_state.py" />
   <location filename="desk/money/money_dialog.py" />
   <location filename="desk/money/money_dialog.py" />
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Price</source>
   <translation>Preis</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <location filename="desk/express/express_dialog.py" />
   <location filename="desk/machines/sheet.py" />
   <location filename="desk/money/money_dialog.py" />
   <location filename="desk/stages/steps/plate_bench.py" />
   <source>Plate</source>
   <translation>Platte</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <source>Riser</source>
   <translation>Sockel</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <source>Cobbles</source>
   <translation>Kopfsteine</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <source>On its stack %1 mm higher, %2 g in all: %3° to tip</source>
   <translation>Auf ihrem Stapel %1 mm höher, insgesamt %2 g: %3° bis zum Kippen</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <source>; a washer of %1 g under it makes it %2°</source>
   <translation>; eine Scheibe von %1 g darunter macht %2° daraus</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <source>; a wider plate is wanted</source>
   <translation>; eine breitere Platte wäre nötig</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <source> The unit's bases are %1 mm, its lowest piece is %2.</source>
   <translation> Die Bases der Einheit messen %1 mm, ihr unterstes Stück %2.</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <source>Row %1: %2 is no material.</source>
   <translation>Zeile %1: %2 ist kein Material.</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <source>There are %1.</source>
   <translation>Es gibt %1.</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <source>Row %1: a piece is wider than nothing.</source>
   <translation>Zeile %1: ein Stück ist breiter als nichts.</translation>
  </message>
  <message>
   <location filename="assembly/stacked_base.py" />
   <source>Type how wide it is.</source>
   <translation>Gib ein, wie breit es ist.</translation>
  </message>
  <message>
   <location filename="assembly/warp.py" />
   <source>hold it straight while the glue sets</source>
   <translation>gerade halten, während der Kleber anzieht</translation>
  </message>
  <message>
   <location filename="assembly/warp.py" />
   <source>hot water of 60 to 70 °C for a minute, held straight until it is cold; gloves, it scalds</source>
   <translation>eine Minute heißes Wasser von 60 bis 70 °C, gerade gehalten, bis es kalt ist; Handschuhe, es verbrüht</translation>
  </message>
  <message>
   <location filename="assembly/warp.py" />
   <source>too thick to bend back: print it again, or cut it, pin it and fill</source>
   <translation>zu dick zum Zurückbiegen: noch einmal drucken, oder schneiden, verstiften und füllen</translation>
  </message>
  <message>
   <location filename="assembly/warp.py" />
   <source>bent %1 mm over %2 mm, %3 to straighten: %4</source>
   <translation>%1 mm auf %2 mm verbogen, %3 zum Richten: %4</translation>
  </message>
  <message>
   <location filename="assembly/warp.py" />
   <source>%1 %2 than planned: measure another part of that machine before the next plate</source>
   <translation>%1 %2 als geplant: miss vor der nächsten Platte ein anderes Teil dieser Maschine</translation>
  </message>
  <message>
   <location filename="assembly/warp.py" />
   <source>straight, and as long as planned</source>
   <translation>gerade, und so lang wie geplant</translation>
  </message>
 </context>
 <context>
  <name>book</name>
  <message>
   <location filename="book/blob_reader.py" />
   <source>%1?mode=ro</source>
   <translation>%1?mode=ro</translation>
  </message>
  <message>
   <location filename="book/blob_reader.py" />
   <location filename="book/book.py" />
   <location filename="book/opening.py" />
   <location filename="desk/stages/cure/lamp_choice.py" />
   <location filename="desk/stages/prime/weather_dialog.py" />
   <source>%1 cannot be read: %2.</source>
   <translation>%1 ist nicht zu lesen: %2.</translation>
  </message>
  <message>
   <location filename="book/blob_reader.py" />
   <source>Try again.</source>
   <translation>Versuch es noch einmal.</translation>
  </message>
  <message>
   <location filename="book/blob_reader.py" />
   <location filename="book/book.py" />
   <source>A mesh of this book is missing.</source>
   <translation>Ein Netz dieses Buchs fehlt.</translation>
  </message>
  <message>
   <location filename="book/blob_reader.py" />
   <location filename="book/book.py" />
   <source>Import its file again.</source>
   <translation>Lies seine Datei noch einmal ein.</translation>
  </message>
  <message>
   <location filename="book/book.py" />
   <source>Left out of the journal: %1.</source>
   <translation>Aus dem Journal ausgelassen: %1.</translation>
  </message>
  <message numerus="yes">
   <location filename="book/book.py" />
   <source>%n damaged row(s)</source>
   <translation>
    <numerusform>%n beschädigte Zeile</numerusform>
    <numerusform>%n beschädigte Zeilen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="book/book.py" />
   <location filename="book/opening.py" />
   <location filename="book/opening.py" />
   <source>It was left as it is.</source>
   <translation>Es blieb, wie es war.</translation>
  </message>
  <message>
   <location filename="book/book.py" />
   <source>A damaged %1 was left out.</source>
   <translation>Beschädigt und ausgelassen: %1.</translation>
  </message>
  <message>
   <location filename="book/book.py" />
   <source>Another program changed %1 meanwhile.</source>
   <translation>Ein anderes Programm hat inzwischen %1 geändert.</translation>
  </message>
  <message>
   <location filename="book/book.py" />
   <source>It was read again and nothing was overwritten: look, and do it once more.</source>
   <translation>Es wurde neu gelesen und nichts überschrieben: sieh nach und mach es noch einmal.</translation>
  </message>
  <message>
   <location filename="book/book.py" />
   <location filename="desk/stages/build/template_sheet.py" />
   <location filename="desk/stages/paint/rack/page.py" />
   <location filename="desk/stages/paint/recipe/page.py" />
   <location filename="packing/cutting.py" />
   <source>%1 could not be written: %2.</source>
   <translation>%1 konnte nicht geschrieben werden: %2.</translation>
  </message>
  <message>
   <location filename="book/book.py" />
   <source>The last change was not made; all before it is kept.</source>
   <translation>Die letzte Änderung wurde nicht gemacht; alles davor ist erhalten.</translation>
  </message>
  <message>
   <location filename="book/documents.py" />
   <source>A %1 in the book cannot be read.</source>
   <translation>%1 im Buch ist nicht zu lesen.</translation>
  </message>
  <message>
   <location filename="book/documents.py" />
   <source>It is left out; the rest is kept.</source>
   <translation>Es ist ausgelassen; der Rest ist erhalten.</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <location filename="desk/stages/print/state.py" />
   <source>No machine is in service.</source>
   <translation>Keine Maschine ist in Betrieb.</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>Add one under Machines and stores.</source>
   <translation>Füge unter Maschinen und Vorräte eine hinzu.</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>None of these files holds a mesh that can be used.</source>
   <translation>Keine dieser Dateien enthält ein brauchbares Netz.</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>%1 was taken %2 times as large: its numbers look like another unit.</source>
   <translation>%1 wurde %2-mal so groß genommen: seine Zahlen sehen nach einer anderen Einheit aus.</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>Not sure what these are: %1.</source>
   <translation>Nicht sicher, was diese sind: %1.</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <location filename="desk/stages/paint/looks/state.py" />
   <source>%1 in %2</source>
   <translation>%1 in %2</translation>
  </message>
  <message numerus="yes">
   <location filename="book/express.py" />
   <location filename="book/express.py" />
   <location filename="book/express.py" />
   <location filename="desk/dialogs/army_and_unit.py" />
   <location filename="desk/express/express_dialog.py" />
   <location filename="desk/express/express_dialog.py" />
   <location filename="desk/money/commission_panel.py" />
   <location filename="desk/money/money_state.py" />
   <location filename="desk/money/quote.py" />
   <location filename="desk/stages/build/apart_page.py" />
   <location filename="desk/stages/cure/state.py" />
   <location filename="desk/stages/cure/state.py" />
   <location filename="desk/stages/paint/zones/page.py" />
   <location filename="desk/stages/plate/state.py" />
   <location filename="desk/stages/plate/state.py" />
   <location filename="desk/stages/pose/keep.py" />
   <location filename="desk/stages/pose/keep.py" />
   <location filename="desk/stages/print/trade_dialog.py" />
   <location filename="desk/stages/sort/bench.py" />
   <location filename="desk/stages/sort/bench.py" />
   <location filename="desk/stages/sort/bench.py" />
   <location filename="desk/stages/sort/bench.py" />
   <location filename="desk/stages/sort/layout.py" />
   <location filename="desk/stages/sort/state.py" />
   <location filename="kit/statements.py" />
   <location filename="progress/figure_records/lessons.py" />
   <location filename="progress/planning/task_kinds.py" />
   <location filename="progress/planning/task_kinds.py" />
   <location filename="progress/planning/task_kinds.py" />
   <location filename="progress/planning/task_kinds.py" />
   <source>%n part(s)</source>
   <translation>
    <numerusform>%n Teil</numerusform>
    <numerusform>%n Teile</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <location filename="book/express.py" />
   <location filename="desk/stages/sort/state.py" />
   <source>%n slot(s)</source>
   <translation>
    <numerusform>%n Platz</numerusform>
    <numerusform>%n Plätze</numerusform>
   </translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>, %1 set aside as copies</source>
   <translation>, %1 als Kopien beiseitegelegt</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>Sorted by shape</source>
   <translation>Nach Form sortiert</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>Holes closed; the files' own meshes are kept.</source>
   <translation>Löcher geschlossen; die Netze der Dateien sind behalten.</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>Mending was tried.</source>
   <translation>Flicken wurde versucht.</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>Mended</source>
   <translation>Geflickt</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>%1 with holes. %2</source>
   <translation>%1 mit Löchern. %2</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>still not whole: cut there, or take another file</source>
   <translation>noch nicht ganz: schneide dort oder nimm eine andere Datei</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>%1 mended</source>
   <translation>%1 geflickt</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>%1 built like another: the kit has no more combinations.</source>
   <translation>%1 gebaut wie eine andere: der Bausatz hat keine Kombinationen mehr.</translation>
  </message>
  <message numerus="yes">
   <location filename="book/express.py" />
   <location filename="book/express.py" />
   <location filename="desk/money/commission_state.py" />
   <location filename="desk/money/papers.py" />
   <location filename="desk/money/papers.py" />
   <location filename="desk/money/quote.py" />
   <location filename="desk/panels/band.py" />
   <location filename="desk/panels/roll.py" />
   <location filename="desk/panels/roll.py" />
   <location filename="desk/stages/finish/base_state.py" />
   <location filename="desk/stages/finish/bench.py" />
   <location filename="desk/stages/finish/bench.py" />
   <location filename="desk/stages/finish/photo_state.py" />
   <location filename="desk/stages/finish/state.py" />
   <location filename="desk/stages/muster/evenings_state.py" />
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <location filename="desk/stages/paint/figure/page.py" />
   <location filename="desk/stages/paint/line/state.py" />
   <location filename="desk/stages/paint/line/state.py" />
   <location filename="desk/stages/paint/looks/page.py" />
   <location filename="desk/stages/paint/looks/state.py" />
   <location filename="desk/stages/paint/mix/page.py" />
   <location filename="desk/stages/paint/schools/page.py" />
   <location filename="desk/stages/plate/state.py" />
   <location filename="desk/stages/prime/first_colour.py" />
   <location filename="desk/stages/prime/first_colour.py" />
   <location filename="desk/stages/prime/state.py" />
   <location filename="desk/stages/prime/state.py" />
   <location filename="desk/stages/ready/packing_picture.py" />
   <location filename="desk/stages/ready/state.py" />
   <location filename="desk/stages/sort/builds.py" />
   <location filename="desk/stages/sort/builds.py" />
   <location filename="kit/statements.py" />
   <location filename="packing/packing_list.py" />
   <location filename="packing/packing_list.py" />
   <location filename="paint/priming/primer.py" />
   <location filename="progress/army_page.py" />
   <location filename="progress/figure_records/primer_hold.py" />
   <location filename="progress/painting/mixes.py" />
   <location filename="progress/planning/evening_pieces.py" />
   <location filename="progress/planning/evening_pieces.py" />
   <location filename="progress/planning/evening_pieces.py" />
   <location filename="progress/planning/evening_pieces.py" />
   <location filename="progress/planning/task_kinds.py" />
   <location filename="progress/planning/task_kinds.py" />
   <location filename="progress/planning/task_kinds.py" />
   <location filename="progress/planning/task_kinds.py" />
   <location filename="progress/planning/task_kinds.py" />
   <source>%n figure(s)</source>
   <translation>
    <numerusform>%n Figur</numerusform>
    <numerusform>%n Figuren</numerusform>
   </translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>No part for %1.</source>
   <translation>Kein Teil für %1.</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>%1 mm high: is that millimetres, and your scale? Set it under Size at Sort.</source>
   <translation>%1 mm hoch: sind das Millimeter und dein Maßstab? Stell ihn unter Größe bei Sortieren ein.</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <location filename="desk/stages/build/bench.py" />
   <source>Built</source>
   <translation>Gebaut</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>%1, all different where the kit allows; %2.</source>
   <translation>%1, alle verschieden, wo der Bausatz es erlaubt; %2.</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>%1, each in its pose of least cost, %2</source>
   <translation>%1, jedes in seiner Lage mit den geringsten Kosten, %2</translation>
  </message>
  <message numerus="yes">
   <location filename="book/express.py" />
   <location filename="desk/stages/cure/state.py" />
   <location filename="post/curing/cure.py" />
   <location filename="post/snipping.py" />
   <location filename="post/snipping.py" />
   <location filename="progress/planning/task_kinds.py" />
   <source>%n tip(s)</source>
   <translation>
    <numerusform>%n Spitze</numerusform>
    <numerusform>%n Spitzen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>; %1 on the supports they came with</source>
   <translation>; %1 auf den Stützen, mit denen sie kamen</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>; %1 were posed before</source>
   <translation>; %1 waren schon ausgerichtet</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>Posed and supported</source>
   <translation>Ausgerichtet und gestützt</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>wants a brim of %1 mm, told beside its plate</source>
   <translation>will einen Rand von %1 mm, neben seiner Platte gesagt</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <location filename="book/express.py" />
   <location filename="desk/stages/plate/bench.py" />
   <source>Plates</source>
   <translation>Platten</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>None.</source>
   <translation>Keine.</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>%1 on %2, %3 of machine</source>
   <translation>%1 auf %2, %3 Maschine</translation>
  </message>
  <message numerus="yes">
   <location filename="book/express.py" />
   <location filename="desk/express/express_dialog.py" />
   <location filename="desk/stages/plate/bench.py" />
   <location filename="progress/printing/batching.py" />
   <location filename="schedule/improving.py" />
   <source>%n plate(s)</source>
   <translation>
    <numerusform>%n Platte</numerusform>
    <numerusform>%n Platten</numerusform>
   </translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <location filename="progress/printing/batching.py" />
   <source>, the last off %1</source>
   <translation>, die letzte ab %1</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <source>The last plate comes off after the army is to be ready (%1).</source>
   <translation>Die letzte Platte ist fertig, nachdem die Armee bereit sein soll (%1).</translation>
  </message>
  <message>
   <location filename="book/express.py" />
   <location filename="desk/stages/paint/figure/page.py" />
   <location filename="desk/stages/paint/rack/replace_dialog.py" />
   <location filename="kit/base_sizes.py" />
   <location filename="kit/joined_parts.py" />
   <location filename="post/supports_off.py" />
   <source> and %1 more</source>
   <translation> und %1 weitere</translation>
  </message>
  <message>
   <location filename="book/intake.py" />
   <source>It is left out; the others are not touched. The log has the details.</source>
   <translation>Es ist ausgelassen; die anderen bleiben unberührt. Näheres steht im Protokoll.</translation>
  </message>
  <message>
   <location filename="book/intake.py" />
   <source>%1 could not be judged: %2.</source>
   <translation>%1 ließ sich nicht beurteilen: %2.</translation>
  </message>
  <message>
   <location filename="book/intake.py" />
   <source>add %1 parts to %2</source>
   <translation>%1 Teile zu %2 hinzufügen</translation>
  </message>
  <message>
   <location filename="book/opening.py" />
   <source>There is no book at %1.</source>
   <translation>Unter %1 liegt kein Buch.</translation>
  </message>
  <message>
   <location filename="book/opening.py" />
   <source>Start a new army, or choose another file.</source>
   <translation>Beginne eine neue Armee oder wähle eine andere Datei.</translation>
  </message>
  <message>
   <location filename="book/opening.py" />
   <source>%1 was written by a newer Numerus.</source>
   <translation>%1 wurde von einem neueren Numerus geschrieben.</translation>
  </message>
  <message>
   <location filename="book/opening.py" />
   <source>It was left as it is; open it with that version.</source>
   <translation>Es blieb, wie es war; öffne es mit jener Version.</translation>
  </message>
  <message>
   <location filename="book/opening.py" />
   <source>%1 is not a Numerus book.</source>
   <translation>%1 ist kein Numerus-Buch.</translation>
  </message>
  <message>
   <location filename="book/opening.py" />
   <source>%1 is a database, but no Numerus book.</source>
   <translation>%1 ist eine Datenbank, aber kein Numerus-Buch.</translation>
  </message>
  <message>
   <location filename="book/opening.py" />
   <location filename="desk/stages/cure/lamp_choice.py" />
   <location filename="desk/stages/print/bench.py" />
   <location filename="desk/stages/print/likelihoods.py" />
   <location filename="desk/system/report.py" />
   <location filename="printing/machines/profile_files.py" />
   <source>%1 cannot be written: %2.</source>
   <translation>%1 ist nicht zu beschreiben: %2.</translation>
  </message>
  <message>
   <location filename="book/opening.py" />
   <location filename="desk/dialogs/bench_card.py" />
   <location filename="desk/dialogs/bench_card.py" />
   <location filename="desk/stages/build/template_sheet.py" />
   <location filename="desk/stages/cure/lamp_choice.py" />
   <location filename="desk/stages/plate/export.py" />
   <location filename="desk/stages/ready/sheets.py" />
   <location filename="desk/stages/ready/sheets.py" />
   <location filename="desk/system/report.py" />
   <location filename="packing/cutting.py" />
   <location filename="printing/machines/profile_files.py" />
   <source>Choose another folder.</source>
   <translation>Wähle einen anderen Ordner.</translation>
  </message>
  <message>
   <location filename="book/opening.py" />
   <source>The book was damaged. %1 entries were saved, %2 places could not be read. The damaged file is kept as %3.</source>
   <translation>Das Buch war beschädigt. %1 Einträge wurden gerettet, %2 Stellen waren nicht zu lesen. Die beschädigte Datei liegt als %3.</translation>
  </message>
  <message>
   <location filename="book/pruning.py" />
   <source>fields:</source>
   <translation>fields:</translation>
  </message>
  <message>
   <location filename="book/tidy.py" />
   <source>%1, lower</source>
   <translation>%1, unten</translation>
  </message>
  <message>
   <location filename="book/tidy.py" />
   <source>%1 (lower)</source>
   <translation>%1 (unten)</translation>
  </message>
 </context>
 <context>
  <name>colour</name>
  <message>
   <location filename="colour/neutral_card.py" />
   <source>The card is too dark or burnt out there.</source>
   <translation>Die Karte ist dort zu dunkel oder ausgebrannt.</translation>
  </message>
  <message>
   <location filename="colour/neutral_card.py" />
   <source>Move the ring onto its middle.</source>
   <translation>Beweg den Ring auf ihre Mitte.</translation>
  </message>
  <message>
   <location filename="colour/neutral_card.py" />
   <source>That is no grey card in any light.</source>
   <translation>Das ist in keinem Licht eine Graukarte.</translation>
  </message>
  <message>
   <location filename="colour/neutral_card.py" />
   <source>Move the ring onto the card.</source>
   <translation>Beweg den Ring auf die Karte.</translation>
  </message>
  <message>
   <location filename="colour/palettes.py" />
   <source>There is nothing in that picture.</source>
   <translation>In diesem Bild ist nichts.</translation>
  </message>
  <message>
   <location filename="colour/palettes.py" />
   <location filename="paint/rack/rack_edits.py" />
   <source>Choose another.</source>
   <translation>Wähle ein anderes.</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>%1 are no greys.</source>
   <translation>%1 sind keine Grautöne.</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>Type at least three different ones in percent, from 1 to 99: 5, 85, 18.</source>
   <translation>Gib wenigstens drei verschiedene in Prozent ein, von 1 bis 99: 5, 85, 18.</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>The four corners span no card.</source>
   <translation>Die vier Ecken spannen keine Karte auf.</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>Drag each to its own corner of the card.</source>
   <translation>Zieh jede auf ihre eigene Ecke der Karte.</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>The card reaches out of the picture.</source>
   <translation>Die Karte ragt aus dem Bild.</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>Drag the corners onto the card.</source>
   <translation>Zieh die Ecken auf die Karte.</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>The card's patches are only a few pixels large.</source>
   <translation>Die Felder der Karte sind nur ein paar Pixel groß.</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>Go nearer, or take a larger picture.</source>
   <translation>Geh näher heran oder nimm ein größeres Bild.</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>A patch is blown out: too light for the camera.</source>
   <translation>Ein Feld ist ausgebrannt: zu hell für die Kamera.</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>Take the picture darker, without glare.</source>
   <translation>Nimm das Bild dunkler auf, ohne Glanz.</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>A patch is too dark to tell its colour.</source>
   <translation>Ein Feld ist zu dunkel, um seine Farbe zu erkennen.</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>Take the picture lighter.</source>
   <translation>Nimm das Bild heller auf.</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>No grey patches are found where the card has them.</source>
   <translation>Wo die Karte graue Felder hat, sind keine zu finden.</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>Drag the corners onto the card's own; is it the right way round?</source>
   <translation>Zieh die Ecken auf die der Karte; liegt sie richtig herum?</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>The greys lie %1 about any even light.</source>
   <translation>Die Grautöne liegen %1 um jedes gleichmäßige Licht.</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>Glare, a shadow or a bent card: take it again in soft light.</source>
   <translation>Glanz, ein Schatten oder eine gebogene Karte: nimm es in weichem Licht noch einmal auf.</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>That place is outside the picture.</source>
   <translation>Diese Stelle liegt außerhalb des Bildes.</translation>
  </message>
  <message>
   <location filename="colour/swatch_card.py" />
   <source>Choose one inside.</source>
   <translation>Wähle eine innerhalb.</translation>
  </message>
  <message>
   <location filename="colour/words.py" />
   <source>%1 is no colour that is understood.</source>
   <translation>%1 ist keine Farbe, die verstanden wird.</translation>
  </message>
  <message>
   <location filename="colour/words.py" />
   <source>Write #RRGGBB, or words like dark red.</source>
   <translation>Schreib #RRGGBB oder Worte wie dark red.</translation>
  </message>
 </context>
 <context>
  <name>desk</name>
  <message>
   <location filename="desk/__main__.py" />
   <source>run app</source>
   <translation>run app</translation>
  </message>
  <message>
   <location filename="desk/__main__.py" />
   <location filename="desk/window.py" />
   <location filename="desk/window.py" />
   <location filename="desk/window.py" />
   <source>Numerus</source>
   <translation>Numerus</translation>
  </message>
  <message>
   <location filename="desk/__main__.py" />
   <source>a book to open; it is made if it is not there</source>
   <translation>ein Buch, das geöffnet wird; es wird angelegt, wenn es nicht da ist</translation>
  </message>
  <message>
   <location filename="desk/__main__.py" />
   <source>open the demo army</source>
   <translation>die Demo-Armee öffnen</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>Meshes and archives (%1)</source>
   <translation>Netze und Archive (%1)</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>Numerus books (*.numerus)</source>
   <translation>Numerus-Bücher (*.numerus)</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>Page with costs</source>
   <translation>Seite mit Kosten</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>Lampwatch demo.numerus</source>
   <translation>Lampwatch demo.numerus</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <location filename="desk/dialogs/welcome.py" />
   <source>Open a book</source>
   <translation>Ein Buch öffnen</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>Where to keep the book</source>
   <translation>Wo das Buch liegen soll</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>That book already holds an army; it was opened as it is.</source>
   <translation>Dieses Buch enthält schon eine Armee; es wurde geöffnet, wie es ist.</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>My resin</source>
   <translation>Mein Harz</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>start the army</source>
   <translation>die Armee beginnen</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>add a unit</source>
   <translation>eine Einheit hinzufügen</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>change %1</source>
   <translation>%1 ändern</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>%1: its %2 broke</source>
   <translation>%1: %2 gebrochen</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>Choose a figure in the roll first.</source>
   <translation>Wähle zuerst eine Figur in der Rolle.</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>primer rubbed off %1</source>
   <translation>Grundierung abgerieben: %1</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>There is no figure to show yet.</source>
   <translation>Es gibt noch keine Figur zu zeigen.</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>Page (*.html)</source>
   <translation>Seite (*.html)</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <location filename="desk/dialogs/bench_card.py" />
   <location filename="desk/money/commission_panel.py" />
   <location filename="desk/money/commission_panel.py" />
   <location filename="desk/money/quote.py" />
   <location filename="desk/stages/build/bench.py" />
   <source>PDF (*.pdf)</source>
   <translation>PDF (*.pdf)</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>%1 (*.html)</source>
   <translation>%1 (*.html)</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>The army as a page</source>
   <translation>Die Armee als Seite</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>army page</source>
   <translation>Seite der Armee</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>Drawing the army</source>
   <translation>Die Armee wird gezeichnet</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>Written to %1.</source>
   <translation>Geschrieben nach %1.</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>army meshes</source>
   <translation>Netze der Armee</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <location filename="desk/dialogs/broke.py" />
   <location filename="desk/dialogs/papers.py" />
   <location filename="desk/widgets/bench.py" />
   <source>Reading meshes</source>
   <translation>Netze werden gelesen</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>A report</source>
   <translation>Ein Bericht</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>Report (*.zip)</source>
   <translation>Bericht (*.zip)</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>%1 is written: numbers and the log, no mesh, no name, no path. Read it before you send it.</source>
   <translation>%1 ist geschrieben: Zahlen und das Protokoll, kein Netz, kein Name, kein Pfad. Lies ihn, bevor du ihn verschickst.</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>Choose a unit in the roll first.</source>
   <translation>Wähle zuerst eine Einheit in der Rolle.</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>a lesson of %1</source>
   <translation>eine Lehre aus %1</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>This unit has no kit.</source>
   <translation>Diese Einheit hat keinen Bausatz.</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>slot %1</source>
   <translation>Platz %1</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <location filename="desk/machines/profiles.py" />
   <source>remove %1</source>
   <translation>%1 entfernen</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>%1 is gone. Ctrl+Z brings it back.</source>
   <translation>%1 ist weg. Strg+Z bringt es zurück.</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>Add mesh files or archives to the kit</source>
   <translation>Netzdateien oder Archive zum Bausatz hinzufügen</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>Add a folder of mesh files to the kit</source>
   <translation>Einen Ordner mit Netzdateien zum Bausatz hinzufügen</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>Start an army and add a unit first: parts belong to a unit's kit.</source>
   <translation>Beginne zuerst eine Armee und füge eine Einheit hinzu: Teile gehören zum Bausatz einer Einheit.</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>Reading mesh files</source>
   <translation>Netzdateien werden gelesen</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>%1 is built from %2</source>
   <translation>%1 wird aus %2 gebaut</translation>
  </message>
  <message>
   <location filename="desk/actions.py" />
   <source>%1 read. Not read: %2%3</source>
   <translation>%1 gelesen. Nicht gelesen: %2%3</translation>
  </message>
  <message>
   <location filename="desk/app.py" />
   <source>Something went wrong: %1.</source>
   <translation>Etwas ist schiefgegangen: %1.</translation>
  </message>
  <message>
   <location filename="desk/app.py" />
   <source>What was saved is kept. Details: %1</source>
   <translation>Was gespeichert war, ist erhalten. Näheres: %1</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Start an army …</source>
   <translation>Eine Armee beginnen …</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <location filename="desk/commands.py" />
   <location filename="desk/commands.py" />
   <location filename="desk/commands.py" />
   <location filename="desk/commands.py" />
   <location filename="desk/commands.py" />
   <location filename="desk/commands.py" />
   <location filename="desk/commands.py" />
   <location filename="desk/dialogs/command_list.py" />
   <location filename="desk/stages/ready/bench.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <source>Army</source>
   <translation>Armee</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Ctrl+N</source>
   <translation>Ctrl+N</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <location filename="desk/panels/roll.py" />
   <source>Add a unit …</source>
   <translation>Eine Einheit hinzufügen …</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Ctrl+U</source>
   <translation>Ctrl+U</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Change the selected unit …</source>
   <translation>Die gewählte Einheit ändern …</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Ctrl+E</source>
   <translation>Ctrl+E</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>How the selected unit went …</source>
   <translation>Wie die gewählte Einheit lief …</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>The army as a page …</source>
   <translation>Die Armee als Seite …</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Remove the selected figure</source>
   <translation>Die gewählte Figur entfernen</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Remove the selected unit</source>
   <translation>Die gewählte Einheit entfernen</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Remove the kit of the selected unit</source>
   <translation>Den Bausatz der gewählten Einheit entfernen</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Undo</source>
   <translation>Rückgängig</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <location filename="desk/commands.py" />
   <location filename="desk/dialogs/command_list.py" />
   <location filename="desk/window_commands.py" />
   <source>Edit</source>
   <translation>Bearbeiten</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <location filename="desk/stages/paint/recipe/draw_dialog.py" />
   <source>Ctrl+Z</source>
   <translation>Ctrl+Z</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Redo</source>
   <translation>Wiederholen</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Ctrl+Shift+Z</source>
   <translation>Ctrl+Shift+Z</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Add mesh files or an archive …</source>
   <translation>Netzdateien oder ein Archiv hinzufügen …</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <location filename="desk/commands.py" />
   <location filename="desk/commands.py" />
   <location filename="desk/commands.py" />
   <location filename="desk/commands.py" />
   <location filename="desk/dialogs/broke.py" />
   <location filename="desk/dialogs/broke.py" />
   <location filename="desk/dialogs/command_list.py" />
   <location filename="desk/stages/build/bench.py" />
   <location filename="desk/stages/paint/bench.py" />
   <source>Figure</source>
   <translation>Figur</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Ctrl+I</source>
   <translation>Ctrl+I</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Add a folder of mesh files …</source>
   <translation>Einen Ordner mit Netzdateien hinzufügen …</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Ctrl+Shift+I</source>
   <translation>Ctrl+Shift+I</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Bits box …</source>
   <translation>Restekiste …</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>It broke …</source>
   <translation>Etwas ist gebrochen …</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Ctrl+B</source>
   <translation>Ctrl+B</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Its primer rubbed off</source>
   <translation>Die Grundierung ist abgerieben</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <location filename="desk/dialogs/command_list.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <source>Bench</source>
   <translation>Werkbank</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Alt+%1</source>
   <translation>Alt+%1</translation>
  </message>
  <message>
   <location filename="desk/commands.py" />
   <source>Alt+Shift+%1</source>
   <translation>Alt+Shift+%1</translation>
  </message>
  <message>
   <location filename="desk/jobs.py" />
   <source>%1 went wrong: %2.</source>
   <translation>%1 ist schiefgegangen: %2.</translation>
  </message>
  <message>
   <location filename="desk/jobs.py" />
   <source>Nothing was changed. The log has the details.</source>
   <translation>Nichts wurde geändert. Näheres steht im Protokoll.</translation>
  </message>
  <message>
   <location filename="desk/jobs.py" />
   <source>refused (%1: %2)</source>
   <translation>abgelehnt (%1: %2)</translation>
  </message>
  <message>
   <location filename="desk/session.py" />
   <source>how far all work is when each unit is done</source>
   <translation>wie weit alle Arbeit ist, wenn jede Einheit fertig ist</translation>
  </message>
  <message>
   <location filename="desk/session.py" />
   <location filename="desk/stages/pose/keep.py" />
   <source>No book is open.</source>
   <translation>Kein Buch ist geöffnet.</translation>
  </message>
  <message>
   <location filename="desk/session.py" />
   <location filename="desk/stages/pose/keep.py" />
   <source>Start an army or open a book first.</source>
   <translation>Beginne eine Armee oder öffne zuerst ein Buch.</translation>
  </message>
  <message>
   <location filename="desk/session.py" />
   <source>Took back</source>
   <translation>Zurückgenommen</translation>
  </message>
  <message>
   <location filename="desk/session.py" />
   <source>Did again</source>
   <translation>Wiederholt</translation>
  </message>
  <message>
   <location filename="desk/wet_asked.py" />
   <source>By the clock %1 is wet until %2.</source>
   <translation>Nach der Uhr ist %1 nass bis %2.</translation>
  </message>
  <message>
   <location filename="desk/wet_asked.py" />
   <source>Once more, if it is dry.</source>
   <translation>Noch einmal, wenn es trocken ist.</translation>
  </message>
  <message>
   <location filename="desk/window.py" />
   <source>Find a command or figure   Ctrl+J</source>
   <translation>Befehl oder Figur finden   Strg+J</translation>
  </message>
  <message>
   <location filename="desk/window.py" />
   <source>Nothing waits for its main action on this bench.</source>
   <translation>Nichts wartet an dieser Werkbank auf ihre Hauptaktion.</translation>
  </message>
  <message>
   <location filename="desk/window.py" />
   <source>%1 – Numerus</source>
   <translation>%1 – Numerus</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Find a command or figure …</source>
   <translation>Befehl oder Figur finden …</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Ctrl+F</source>
   <translation>Ctrl+F</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Choose what to print …</source>
   <translation>Auswählen, was gedruckt wird …</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>The express way …</source>
   <translation>Der Eilweg …</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Ctrl+Shift+E</source>
   <translation>Ctrl+Shift+E</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Command list</source>
   <translation>Befehlsliste</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Ctrl+J</source>
   <translation>Ctrl+J</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>A report to send …</source>
   <translation>Ein Bericht zum Verschicken …</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Main action of the bench</source>
   <translation>Hauptaktion der Werkbank</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Ctrl+Return</source>
   <translation>Ctrl+Return</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Print the bench card …</source>
   <translation>Die Werkbankkarte drucken …</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Ctrl+P</source>
   <translation>Ctrl+P</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Bench mode</source>
   <translation>Werkbankmodus</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Practise …</source>
   <translation>Üben …</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Paint rack</source>
   <translation>Farbregal</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Ctrl+R</source>
   <translation>Ctrl+R</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Mix a colour</source>
   <translation>Eine Farbe mischen</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Ctrl+Shift+R</source>
   <translation>Ctrl+Shift+R</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Ctrl+D</source>
   <translation>Ctrl+D</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Open a book …</source>
   <translation>Ein Buch öffnen …</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Ctrl+O</source>
   <translation>Ctrl+O</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Close the book</source>
   <translation>Das Buch schließen</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Ctrl+W</source>
   <translation>Ctrl+W</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Leave</source>
   <translation>Beenden</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Ctrl+Q</source>
   <translation>Ctrl+Q</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Ctrl+M</source>
   <translation>Ctrl+M</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Scheme …</source>
   <translation>Farbschema …</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Ctrl+K</source>
   <translation>Ctrl+K</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Lamplight</source>
   <translation>Lampenlicht</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Ctrl+L</source>
   <translation>Ctrl+L</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Silent</source>
   <translation>Still</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Less motion</source>
   <translation>Weniger Bewegung</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Larger text</source>
   <translation>Größerer Text</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Ctrl++</source>
   <translation>Ctrl++</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Smaller text</source>
   <translation>Kleinerer Text</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Ctrl+-</source>
   <translation>Ctrl+-</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>Pictures as tables …</source>
   <translation>Bilder als Tabellen …</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>on this bench</source>
   <translation>an dieser Werkbank</translation>
  </message>
  <message>
   <location filename="desk/window_commands.py" />
   <source>part, %1</source>
   <translation>Teil, %1</translation>
  </message>
 </context>
 <context>
  <name>desk/choosing</name>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Choose what to print</source>
   <translation>Auswählen, was gedruckt wird</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <location filename="desk/express/express_dialog.py" />
   <source>Meshes and archives (*.stl *.obj *.ply *.3mf *.glb *.zip)</source>
   <translation>Netze und Archive (*.stl *.obj *.ply *.3mf *.glb *.zip)</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Nothing is weighed yet. Add the files of sculpts you may print, each archive or folder one of them, or drop them here: they are stood beside your army, measured, and kept until you choose or shelve them.</source>
   <translation>Noch wird nichts abgewogen. Füge die Dateien von Entwürfen hinzu, die du vielleicht druckst, jedes Archiv und jeder Ordner einer davon, oder lass sie hier fallen: Sie werden neben deine Armee gestellt, vermessen und behalten, bis du sie wählst oder zurückstellst.</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source> to print</source>
   <translation> zu drucken</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Part looked at close</source>
   <translation>Teil aus der Nähe</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Shelved</source>
   <translation>Zurückgestellt</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <location filename="desk/machines/sheet.py" />
   <source>How many</source>
   <translation>Wie viele</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>More ›</source>
   <translation>Mehr ›</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>The next candidates</source>
   <translation>Die nächsten Kandidaten</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Add candidates …</source>
   <translation>Kandidaten hinzufügen …</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Files or archives; a folder with the button beside it</source>
   <translation>Dateien oder Archive; ein Ordner mit dem Knopf daneben</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Print this one</source>
   <translation>Diesen drucken</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>A unit of it is mustered, its kit ready at Sort</source>
   <translation>Eine Einheit daraus wird aufgestellt, ihr Bausatz liegt bei Sortieren bereit</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Shelve it …</source>
   <translation>Zurückstellen …</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>With the reason; it stays in the book</source>
   <translation>Mit dem Grund; er bleibt im Buch</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Take it up again</source>
   <translation>Wieder aufnehmen</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <location filename="desk/express/express_dialog.py" />
   <source>Folder …</source>
   <translation>Ordner …</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Outlines …</source>
   <translation>Umrisse …</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Bought figures by their height and base</source>
   <translation>Gekaufte Figuren nach Höhe und Base</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <location filename="desk/choosing/pictures.py" />
   <source>As your machines would leave it</source>
   <translation>Wie deine Maschinen es ließen</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <location filename="desk/dialogs/as_table.py" />
   <location filename="desk/dialogs/as_table.py" />
   <location filename="desk/dialogs/bits.py" />
   <location filename="desk/dialogs/papers.py" />
   <location filename="desk/express/express_dialog.py" />
   <location filename="desk/money/money_dialog.py" />
   <location filename="desk/money/quote.py" />
   <location filename="desk/stages/print/saving_dialog.py" />
   <location filename="desk/stages/print/trade_dialog.py" />
   <location filename="desk/stages/sort/guest_dialog.py" />
   <location filename="desk/trainer/trainer_dialog.py" />
   <source>Close</source>
   <translation>Schließen</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>choosing read</source>
   <translation>Auswahl gelesen</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Reading sculpts</source>
   <translation>Entwürfe werden gelesen</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Looking at %1</source>
   <translation>%1 wird angesehen</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Printing it in thought …</source>
   <translation>Es wird in Gedanken gedruckt …</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>as printed</source>
   <translation>wie gedruckt</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Printing it in thought</source>
   <translation>Es wird in Gedanken gedruckt</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Candidates</source>
   <translation>Kandidaten</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>A folder with one sculpt's files</source>
   <translation>Ein Ordner mit den Dateien eines Entwurfs</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Reading candidates</source>
   <translation>Kandidaten werden gelesen</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Bought figures, by their boxes</source>
   <translation>Gekaufte Figuren, nach ihren Maßen</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>outlines of bought figures</source>
   <translation>Umrisse gekaufter Figuren</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>%1 chosen to be printed</source>
   <translation>%1 zum Drucken gewählt</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>Why not: too dear, snaps, too like another</source>
   <translation>Warum nicht: zu teuer, bricht, zu ähnlich</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>%1 shelved</source>
   <translation>%1 zurückgestellt</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_dialog.py" />
   <source>%1 weighed again</source>
   <translation>%1 wieder abgewogen</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <location filename="desk/machines/sheet.py" />
   <location filename="desk/stages/sort/part_tools/tool.py" />
   <source>a usual machine</source>
   <translation>eine übliche Maschine</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>What the kit was bought for, and resin for one figure</source>
   <translation>Was der Bausatz gekostet hat und das Harz für eine Figur</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <location filename="desk/machines/cycle.py" />
   <location filename="desk/stages/ready/bench.py" />
   <location filename="domain/plans.py" />
   <location filename="domain/purchases.py" />
   <location filename="trainer/failed_plate.py" />
   <source>Resin</source>
   <translation>Harz</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>One figure with its supports, leaning back</source>
   <translation>Eine Figur mit ihren Stützen, zurückgelehnt</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <location filename="desk/machines/calibrate.py" />
   <location filename="desk/machines/cycle.py" />
   <location filename="desk/machines/cycle.py" />
   <location filename="desk/machines/sheet.py" />
   <location filename="desk/stages/plate/bench.py" />
   <location filename="desk/stages/print/saving_state.py" />
   <location filename="desk/stages/ready/bench.py" />
   <location filename="progress/printing/repair_options.py" />
   <source>Machine</source>
   <translation>Maschine</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>One figure by itself on %1</source>
   <translation>Eine Figur allein auf %1</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <location filename="paint/advice/effects.py" />
   <source>Tips</source>
   <translation>Spitzen</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>Marks of supports to be filed, leaning back</source>
   <translation>Stützmale zum Feilen, zurückgelehnt</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>Snaps</source>
   <translation>Bricht</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>%1 places</source>
   <translation>%1 Stellen</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>Limbs thin and long enough to snap in use</source>
   <translation>Glieder, dünn und lang genug, um im Gebrauch zu brechen</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>To paint</source>
   <translation>Zu bemalen</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>%1 patches</source>
   <translation>%1 Flächen</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>Pieces its skin falls into along creases</source>
   <translation>Stücke, in die ihre Haut an Falten zerfällt</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>Hard to reach</source>
   <translation>Schwer erreichbar</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>Of the skin that is seen, glued whole</source>
   <translation>Von der sichtbaren Haut, ganz geklebt</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>Skin</source>
   <translation>Haut</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <location filename="desk/stages/paint/zones/page.py" />
   <location filename="desk/stages/paint/zones/page.py" />
   <source>%1 cm²</source>
   <translation>%1 cm²</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>Of one figure</source>
   <translation>Einer Figur</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <location filename="desk/express/express_dialog.py" />
   <location filename="desk/stages/ready/bench.py" />
   <location filename="paint/advice/rescue.py" />
   <location filename="paint/figure/schools.py" />
   <location filename="starter/schemes.py" />
   <location filename="starter/schemes.py" />
   <location filename="starter/schemes.py" />
   <source>Base</source>
   <translation>Base</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <location filename="desk/express/express_dialog.py" />
   <location filename="desk/stages/plate/graph.py" />
   <location filename="desk/stages/plate/graph.py" />
   <location filename="desk/stages/pose/compared.py" />
   <location filename="desk/stages/pose/pictures/layers.py" />
   <location filename="desk/stages/pose/supports.py" />
   <location filename="desk/stages/print/machine_picture.py" />
   <location filename="desk/stages/sort/part_tools/size.py" />
   <location filename="printing/machines/settings_note.py" />
   <location filename="printing/machines/settings_note.py" />
   <location filename="printing/machines/settings_note.py" />
   <location filename="printing/machines/settings_note.py" />
   <source>%1 mm</source>
   <translation>%1 mm</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>Its own, else the least usual one that holds its feet</source>
   <translation>Die eigene, sonst die kleinste übliche, auf der die Füße Platz haben</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <location filename="printing/orientation/pose_measures.py" />
   <location filename="printing/orientation/pose_measures.py" />
   <location filename="printing/orientation/pose_measures.py" />
   <location filename="printing/preparation/headless.py" />
   <location filename="progress/choosing.py" />
   <location filename="progress/choosing.py" />
   <source>leans back</source>
   <translation>lehnt zurück</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>%1: letters under %2 mm</source>
   <translation>%1: Schrift unter %2 mm</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>Not to be read, by test pieces: %1. </source>
   <translation>Nach Teststücken nicht zu lesen: %1. </translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>No test piece told %1 its least pin: two pixels or a thread's width (default).</source>
   <translation>Kein Teststück hat den dünnsten Stift von %1 gezeigt: zwei Pixel oder eine Fadenbreite (Vorgabe).</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>Nothing is shelved without a reason.</source>
   <translation>Nichts wird ohne Grund zurückgestellt.</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>Too dear, breaks, too like another: say it in a word.</source>
   <translation>Zu teuer, bricht, zu ähnlich: sag es mit einem Wort.</translation>
  </message>
  <message>
   <location filename="desk/choosing/choosing_state.py" />
   <source>%1 not read: %2</source>
   <translation>%1 nicht gelesen: %2</translation>
  </message>
  <message>
   <location filename="desk/choosing/pictures.py" />
   <source>In line with the army</source>
   <translation>In einer Reihe mit der Armee</translation>
  </message>
  <message>
   <location filename="desk/choosing/pictures.py" />
   <source>In line with the army, at one scale (mm)</source>
   <translation>In einer Reihe mit der Armee, in einem Maßstab (mm)</translation>
  </message>
  <message>
   <location filename="desk/choosing/pictures.py" />
   <source>no mesh</source>
   <translation>kein Netz</translation>
  </message>
  <message>
   <location filename="desk/choosing/pictures.py" />
   <source>Candidates side by side</source>
   <translation>Kandidaten nebeneinander</translation>
  </message>
  <message>
   <location filename="desk/choosing/pictures.py" />
   <source>being looked at …</source>
   <translation>wird angesehen …</translation>
  </message>
  <message>
   <location filename="desk/choosing/pictures.py" />
   <source>%1 left out</source>
   <translation>%1 weggelassen</translation>
  </message>
  <message>
   <location filename="desk/choosing/pictures.py" />
   <source>%1, %2 mm across</source>
   <translation>%1, %2 mm breit</translation>
  </message>
  <message>
   <location filename="desk/choosing/pictures.py" />
   <source>lost %1, grown together %2</source>
   <translation>%1 verloren, %2 zusammengewachsen</translation>
  </message>
 </context>
 <context>
  <name>desk/dialogs</name>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>hat and coat, solid</source>
   <translation>Hut und Mantel, gefüllt</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>hat and coat, outline</source>
   <translation>Hut und Mantel, Umriss</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>pointed hat, half filled</source>
   <translation>Spitzhut, halb gefüllt</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>choose …</source>
   <translation>wählen …</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>another: its figures typed here</source>
   <translation>andere: ihre Werte hier eingegeben</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <location filename="desk/dialogs/welcome.py" />
   <location filename="desk/stages/muster/bench.py" />
   <source>Start an army</source>
   <translation>Eine Armee beginnen</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <location filename="desk/dialogs/army_and_unit.py" />
   <location filename="desk/stages/muster/bench.py" />
   <location filename="desk/stages/muster/bench.py" />
   <source>Ready by</source>
   <translation>Fertig bis</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>My printer</source>
   <translation>Mein Drucker</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <location filename="desk/dialogs/army_and_unit.py" />
   <location filename="desk/machines/profiles.py" />
   <location filename="desk/stages/paint/recipe/page.py" />
   <location filename="desk/stages/sort/questions.py" />
   <source>Name</source>
   <translation>Name</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <location filename="desk/stages/pose/trials.py" />
   <source>Printer</source>
   <translation>Drucker</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>Hours of hobby time and of being at home are set under Week; both start with common ones. The printer's other figures are the example's, or common ones; change them under Machines and stores, or calibrate.</source>
   <translation>Hobbystunden und Zeiten zu Hause stehen unter Woche; beide beginnen mit üblichen. Die übrigen Werte des Druckers sind die des Beispiels oder übliche; ändere sie unter Maschinen und Vorräte oder kalibriere.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>type it</source>
   <translation>eingeben</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>The army needs a name.</source>
   <translation>Die Armee braucht einen Namen.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <location filename="desk/stages/muster/bench.py" />
   <source>The date cannot be read: write it like 28 Apr 2026.</source>
   <translation>Das Datum ist nicht zu lesen: schreib es wie 28 Apr 2026.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>That date is past: choose one that is still to come.</source>
   <translation>Dieses Datum ist vorbei: wähle eines, das noch kommt.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>Which printer? Choose one of the examples, or type its plate, height and pixel.</source>
   <translation>Welcher Drucker? Wähle ein Beispiel oder gib Platte, Höhe und Pixel ein.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>Type the printer's plate, the tallest it prints, and its pixel.</source>
   <translation>Gib die Platte des Druckers ein, wie hoch er druckt und seinen Pixel.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>Plate, across</source>
   <translation>Platte, quer</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>Plate, front to back</source>
   <translation>Platte, vorn bis hinten</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <location filename="desk/machines/sheet.py" />
   <source>Tallest part</source>
   <translation>Höchstes Teil</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>Pixel of its screen</source>
   <translation>Pixel des Bildschirms</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>%1 (example): %2 × %3 × %4 mm</source>
   <translation>%1 (Beispiel): %2 × %3 × %4 mm</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>Change the unit</source>
   <translation>Die Einheit ändern</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <location filename="desk/stages/muster/bench.py" />
   <location filename="desk/stages/plate/bench.py" />
   <location filename="desk/stages/sort/bench.py" />
   <source>Add a unit</source>
   <translation>Eine Einheit hinzufügen</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>slots, like: back, left arm</source>
   <translation>Plätze, etwa: Rücken, linker Arm</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>a new kit, from the files added next</source>
   <translation>ein neuer Bausatz aus den Dateien, die als nächste kommen</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <location filename="desk/express/express_dialog.py" />
   <location filename="desk/stages/muster/bench.py" />
   <source>Figures</source>
   <translation>Figuren</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <location filename="progress/choosing.py" />
   <source>Base, mm</source>
   <translation>Base, mm</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <location filename="desk/stages/muster/bench.py" />
   <location filename="desk/stages/ready/bench.py" />
   <location filename="desk/stages/sort/guest_dialog.py" />
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>Kit</source>
   <translation>Bausatz</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>Sign</source>
   <translation>Zeichen</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <location filename="desk/stages/muster/bench.py" />
   <source>Painted to</source>
   <translation>Bemalt bis</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>Bought price a figure</source>
   <translation>Kaufpreis je Figur</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>Painted before gluing</source>
   <translation>Vor dem Kleben bemalt</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>The unit needs a name.</source>
   <translation>Die Einheit braucht einen Namen.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>%1 figures in one unit are more than is planned; %2 is the most.</source>
   <translation>%1 Figuren in einer Einheit sind mehr, als geplant wird; höchstens %2.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>A unit without figures cannot march: give it at least one.</source>
   <translation>Eine Einheit ohne Figuren kann nicht marschieren: gib ihr wenigstens eine.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>The base is between 10 and 300 mm.</source>
   <translation>Die Base misst zwischen 10 und 300 mm.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>Where do these files belong?</source>
   <translation>Wohin gehören diese Dateien?</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>to %1, which has %2</source>
   <translation>zu %1 mit %2</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>into a new kit, %1, for this unit</source>
   <translation>in einen neuen Bausatz, %1, für diese Einheit</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>They go</source>
   <translation>Sie gehen</translation>
  </message>
  <message>
   <location filename="desk/dialogs/army_and_unit.py" />
   <source>In a new kit the unit's builds begin anew; the old kit stays in the book for other units.</source>
   <translation>In einem neuen Bausatz beginnen die Figuren der Einheit von vorn; der alte bleibt für andere Einheiten im Buch.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/as_table.py" />
   <source>%1 (Enter chooses)</source>
   <translation>%1 (Eingabe wählt)</translation>
  </message>
  <message>
   <location filename="desk/dialogs/as_table.py" />
   <source>Nothing of this picture is told in words.</source>
   <translation>Zu diesem Bild ist nichts in Worten gesagt.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/as_table.py" />
   <source>Pictures as tables</source>
   <translation>Bilder als Tabellen</translation>
  </message>
  <message>
   <location filename="desk/dialogs/as_table.py" />
   <source>Pictures in view</source>
   <translation>Sichtbare Bilder</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bench_air.py" />
   <location filename="desk/stages/paint/line/page.py" />
   <source>Air at the bench</source>
   <translation>Luft an der Werkbank</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bench_air.py" />
   <source>Temperature at the bench</source>
   <translation>Temperatur an der Werkbank</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bench_air.py" />
   <source>Humidity at the bench</source>
   <translation>Feuchte an der Werkbank</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bench_air.py" />
   <location filename="desk/money/quote.py" />
   <source>Keep</source>
   <translation>Behalten</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bench_air.py" />
   <location filename="desk/stages/print/machine_picture.py" />
   <source>Temperature</source>
   <translation>Temperatur</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bench_air.py" />
   <source>Humidity</source>
   <translation>Feuchte</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bench_air.py" />
   <source>the air at the bench</source>
   <translation>die Luft an der Werkbank</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bench_card.py" />
   <location filename="desk/dialogs/bench_card.py" />
   <location filename="desk/stages/ready/sheets.py" />
   <location filename="desk/stages/ready/sheets.py" />
   <location filename="desk/theme/palette.py" />
   <source>Source Sans 3</source>
   <translation>Source Sans 3</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bench_card.py" />
   <location filename="desk/dialogs/bench_card.py" />
   <location filename="desk/stages/plate/export.py" />
   <location filename="desk/stages/ready/sheets.py" />
   <location filename="desk/stages/ready/sheets.py" />
   <source>%1 could not be written.</source>
   <translation>%1 konnte nicht geschrieben werden.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bench_card.py" />
   <location filename="desk/panels/orders.py" />
   <source>Print the bench card</source>
   <translation>Die Werkbankkarte drucken</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bench_card.py" />
   <source>bench card.pdf</source>
   <translation>Werkbankkarte.pdf</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bits.py" />
   <location filename="desk/dialogs/broke.py" />
   <location filename="desk/stages/build/warp_dialog.py" />
   <location filename="desk/stages/build/warp_dialog.py" />
   <location filename="desk/stages/pose/bench.py" />
   <location filename="desk/stages/sort/bench.py" />
   <location filename="desk/stages/sort/guest_dialog.py" />
   <location filename="desk/stages/sort/guest_dialog.py" />
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <location filename="desk/stages/sort/questions.py" />
   <source>Part</source>
   <translation>Teil</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bits.py" />
   <source>Slot</source>
   <translation>Platz</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bits.py" />
   <source>Good</source>
   <translation>Gut</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bits.py" />
   <source>Failed</source>
   <translation>Misslungen</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bits.py" />
   <source>What for</source>
   <translation>Wofür</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bits.py" />
   <source>Bits box</source>
   <translation>Restekiste</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bits.py" />
   <source>What lies in the bits box</source>
   <translation>Was in der Restekiste liegt</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bits.py" />
   <source>Who takes it</source>
   <translation>Wer es nimmt</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bits.py" />
   <source>Give it</source>
   <translation>Geben</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bits.py" />
   <source>Its slot is filled from the box; nothing is printed for it</source>
   <translation>Der Platz wird aus der Kiste gefüllt; dafür wird nichts gedruckt</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bits.py" />
   <source>To</source>
   <translation>An</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bits.py" />
   <source>%1. A build that asks for a part that lies here takes it by itself before it is plated.</source>
   <translation>%1. Eine Figur, die ein hier liegendes Teil will, nimmt es von selbst, bevor es auf eine Platte kommt.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/bits.py" />
   <source>%1 from the box for %2</source>
   <translation>%1 aus der Kiste für %2</translation>
  </message>
  <message>
   <location filename="desk/dialogs/broke.py" />
   <source>Point at the place where it broke: it is looked at on every figure with this part, and packed with care.</source>
   <translation>Zeig auf die Bruchstelle: Sie wird an jeder Figur mit diesem Teil angesehen und mit Sorgfalt verpackt.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/broke.py" />
   <source>It broke</source>
   <translation>Etwas ist gebrochen</translation>
  </message>
  <message>
   <location filename="desk/dialogs/broke.py" />
   <source>How it is mended</source>
   <translation>Wie es geflickt wird</translation>
  </message>
  <message>
   <location filename="desk/dialogs/broke.py" />
   <source>The figure: click where it broke</source>
   <translation>Die Figur: klick auf die Bruchstelle</translation>
  </message>
  <message>
   <location filename="desk/dialogs/broke.py" />
   <location filename="desk/dialogs/review.py" />
   <source>Write it down</source>
   <translation>Aufschreiben</translation>
  </message>
  <message>
   <location filename="desk/dialogs/broke.py" />
   <source>What broke</source>
   <translation>Was gebrochen ist</translation>
  </message>
  <message>
   <location filename="desk/dialogs/broke.py" />
   <location filename="desk/machines/care_page.py" />
   <source>So</source>
   <translation>So</translation>
  </message>
  <message>
   <location filename="desk/dialogs/broke.py" />
   <source>No figure is built yet: what breaks on a plate is told at Print.</source>
   <translation>Noch ist keine Figur gebaut: was auf einer Platte bricht, wird bei Drucken gesagt.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/broke.py" />
   <source> It broke %1 on %2 built before.</source>
   <translation> An früher gebauten %2 brach es schon %1.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/broke.py" />
   <source>The place is pinned on %1.</source>
   <translation>Die Stelle ist an %1 markiert.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/command_list.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <source>Book</source>
   <translation>Buch</translation>
  </message>
  <message>
   <location filename="desk/dialogs/command_list.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <source>View</source>
   <translation>Ansicht</translation>
  </message>
  <message>
   <location filename="desk/dialogs/command_list.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <location filename="desk/window_commands.py" />
   <source>Help</source>
   <translation>Hilfe</translation>
  </message>
  <message>
   <location filename="desk/dialogs/command_list.py" />
   <location filename="desk/dialogs/command_list.py" />
   <location filename="desk/window.py" />
   <source>Find a command or figure</source>
   <translation>Befehl oder Figur finden</translation>
  </message>
  <message>
   <location filename="desk/dialogs/command_list.py" />
   <source>Command, unit, figure or part</source>
   <translation>Befehl, Einheit, Figur oder Teil</translation>
  </message>
  <message>
   <location filename="desk/dialogs/handbook.py" />
   <location filename="desk/dialogs/handbook.py" />
   <location filename="desk/window_commands.py" />
   <source>Handbook</source>
   <translation>Handbuch</translation>
  </message>
  <message>
   <location filename="desk/dialogs/papers.py" />
   <source>Beside it the figure as it is built: what the picture has and the figure has not is missing.</source>
   <translation>Daneben die Figur, wie sie gebaut ist: was das Bild hat und die Figur nicht, fehlt.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/papers.py" />
   <source>From the designer</source>
   <translation>Vom Entwerfer</translation>
  </message>
  <message>
   <location filename="desk/dialogs/papers.py" />
   <source>Words, pages and pictures that lay beside the meshes</source>
   <translation>Worte, Seiten und Bilder, die bei den Netzen lagen</translation>
  </message>
  <message>
   <location filename="desk/dialogs/papers.py" />
   <source>From the designer of %1</source>
   <translation>Vom Entwerfer von %1</translation>
  </message>
  <message>
   <location filename="desk/dialogs/papers.py" />
   <source>Which paper</source>
   <translation>Welches Papier</translation>
  </message>
  <message>
   <location filename="desk/dialogs/papers.py" />
   <source>The figure as it is built</source>
   <translation>Die Figur, wie sie gebaut ist</translation>
  </message>
  <message>
   <location filename="desk/dialogs/papers.py" />
   <source>The picture</source>
   <translation>Das Bild</translation>
  </message>
  <message>
   <location filename="desk/dialogs/papers.py" />
   <location filename="desk/stages/print/take_off.py" />
   <source>Save it …</source>
   <translation>Speichern …</translation>
  </message>
  <message>
   <location filename="desk/dialogs/papers.py" />
   <source>Reading a paper</source>
   <translation>Ein Papier wird gelesen</translation>
  </message>
  <message>
   <location filename="desk/dialogs/papers.py" />
   <source>Pages are not shown on this system: save them, and open them in another program.</source>
   <translation>Auf diesem System werden keine Seiten gezeigt: speichere sie und öffne sie in einem anderen Programm.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/papers.py" />
   <source>These pages cannot be read.</source>
   <translation>Diese Seiten sind nicht zu lesen.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/papers.py" />
   <source>Save it</source>
   <translation>Speichern</translation>
  </message>
  <message>
   <location filename="desk/dialogs/papers.py" />
   <source>This picture cannot be read.</source>
   <translation>Dieses Bild ist nicht zu lesen.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/papers.py" />
   <source>paper figure</source>
   <translation>Papierfigur</translation>
  </message>
  <message>
   <location filename="desk/dialogs/review.py" />
   <source>How %1 went</source>
   <translation>Wie %1 lief</translation>
  </message>
  <message>
   <location filename="desk/dialogs/review.py" />
   <source>No stroke of yours was measured yet.</source>
   <translation>Noch keiner deiner Aufträge wurde gemessen.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/review.py" />
   <source>At which bench it is shown again</source>
   <translation>An welcher Werkbank es wieder gezeigt wird</translation>
  </message>
  <message>
   <location filename="desk/dialogs/review.py" />
   <source>What to do otherwise next time</source>
   <translation>Was nächstes Mal anders zu machen ist</translation>
  </message>
  <message>
   <location filename="desk/dialogs/review.py" />
   <source>One line: what to do otherwise</source>
   <translation>Eine Zeile: was anders zu machen ist</translation>
  </message>
  <message>
   <location filename="desk/dialogs/review.py" />
   <source>So far: not all of it is ready yet.</source>
   <translation>Bisher: noch ist nicht alles fertig.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/review.py" />
   <source>How you paint, whatever the unit</source>
   <translation>Wie du malst, gleich welche Einheit</translation>
  </message>
  <message>
   <location filename="desk/dialogs/review.py" />
   <source>Next time</source>
   <translation>Nächstes Mal</translation>
  </message>
  <message>
   <location filename="desk/dialogs/review.py" />
   <source>At</source>
   <translation>Bei</translation>
  </message>
  <message>
   <location filename="desk/dialogs/review.py" />
   <source>It is shown at that bench when the next unit comes there.</source>
   <translation>Es wird an dieser Werkbank gezeigt, wenn die nächste Einheit dorthin kommt.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/scheme_card.py" />
   <location filename="paint/scheme.py" />
   <location filename="progress/planning/task_kinds.py" />
   <source>, thinned %1</source>
   <translation>, verdünnt %1</translation>
  </message>
  <message>
   <location filename="desk/dialogs/scheme_card.py" />
   <source>%1, %2 × , %3, dries %4 min, %5</source>
   <translation>%1, %2 × , %3, trocknet %4 min, %5</translation>
  </message>
  <message>
   <location filename="desk/dialogs/tables.py" />
   <source>Add a row</source>
   <translation>Eine Zeile hinzufügen</translation>
  </message>
  <message>
   <location filename="desk/dialogs/tables.py" />
   <source>A copy of the chosen row</source>
   <translation>Eine Kopie der gewählten Zeile</translation>
  </message>
  <message>
   <location filename="desk/dialogs/tables.py" />
   <source>Remove the row</source>
   <translation>Die Zeile entfernen</translation>
  </message>
  <message>
   <location filename="desk/dialogs/tables.py" />
   <source>Up</source>
   <translation>Hinauf</translation>
  </message>
  <message>
   <location filename="desk/dialogs/tables.py" />
   <source>The chosen row before the one above it</source>
   <translation>Die gewählte Zeile vor die darüber</translation>
  </message>
  <message>
   <location filename="desk/dialogs/tables.py" />
   <source>Down</source>
   <translation>Hinunter</translation>
  </message>
  <message>
   <location filename="desk/dialogs/tables.py" />
   <source>The chosen row behind the one below it</source>
   <translation>Die gewählte Zeile hinter die darunter</translation>
  </message>
  <message>
   <location filename="desk/dialogs/tables.py" />
   <source>change the scheme</source>
   <translation>das Farbschema ändern</translation>
  </message>
  <message>
   <location filename="desk/dialogs/tables.py" />
   <source>Scheme: %1</source>
   <translation>Farbschema: %1</translation>
  </message>
  <message>
   <location filename="desk/dialogs/tables.py" />
   <source>change the finishing steps</source>
   <translation>die Schritte des Vollendens ändern</translation>
  </message>
  <message>
   <location filename="desk/dialogs/tables.py" />
   <source>Finishing: %1</source>
   <translation>Vollenden: %1</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <source>Will it be ready by the date?</source>
   <translation>Ist alles zum Termin fertig?</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <source>What came in these files?</source>
   <translation>Was kam in diesen Dateien?</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <source>Which way up, and held by what?</source>
   <translation>Welche Seite nach oben, und was hält es?</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <source>What is printed together?</source>
   <translation>Was wird zusammen gedruckt?</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <source>How does it run, and why did it fail?</source>
   <translation>Wie läuft es, und warum misslang es?</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <source>How long, in which bath?</source>
   <translation>Wie lange, in welchem Bad?</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <source>Where does the light reach?</source>
   <translation>Wohin reicht das Licht?</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <source>What is glued on when?</source>
   <translation>Was wird wann angeklebt?</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <source>Is the air fit for it?</source>
   <translation>Taugt die Luft dafür?</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <source>Which stroke is next, and what dries?</source>
   <translation>Welcher Strich ist dran, und was trocknet?</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <source>Does the varnish hold on what is under it?</source>
   <translation>Hält der Lack auf dem, was darunter liegt?</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <location filename="desk/panels/walk.py" />
   <source>What did it cost, and how does it travel?</source>
   <translation>Was hat es gekostet, und wie reist es?</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <source>From muster to table</source>
   <translation>Von der Musterung auf den Tisch</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <source>Plan, print and paint an army, and know whether it will be ready.</source>
   <translation>Eine Armee planen, drucken und bemalen und wissen, ob sie fertig wird.</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <location filename="desk/window_commands.py" />
   <source>Open the demo army</source>
   <translation>Die Demo-Armee öffnen</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <source>The Lampwatch of Sedge Hythe, half-way through its march</source>
   <translation>Die Lampwatch of Sedge Hythe, auf halbem Marsch</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <location filename="desk/panels/walk.py" />
   <location filename="desk/window_commands.py" />
   <source>A short walk</source>
   <translation>Ein kurzer Rundgang</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <source>Six places of the demo, each with what to look at</source>
   <translation>Sechs Orte der Demo, jeder mit dem, was dort zu sehen ist</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <source>Recent books</source>
   <translation>Zuletzt geöffnete Bücher</translation>
  </message>
  <message>
   <location filename="desk/dialogs/welcome.py" />
   <source>The march, stage by stage</source>
   <translation>Der Marsch, Station für Station</translation>
  </message>
 </context>
 <context>
  <name>desk/express</name>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Express way</source>
   <translation>Eilweg</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Choose the files of a kit, or drop them here; or take the unit in hand as it stands. Nothing else has to be set: all of it can be changed afterwards, at its bench.</source>
   <translation>Wähle die Dateien eines Bausatzes oder lass sie hier fallen; oder nimm die Einheit, wie sie ist. Sonst ist nichts einzustellen: alles lässt sich danach an seiner Werkbank ändern.</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Sort</source>
   <translation>Sortieren</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Pose</source>
   <translation>Ausrichten</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>The express way</source>
   <translation>Der Eilweg</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>no files yet</source>
   <translation>noch keine Dateien</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>name of the unit</source>
   <translation>Name der Einheit</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>28.5 mm</source>
   <translation>28,5 mm</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Name of the unit</source>
   <translation>Name der Einheit</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Go</source>
   <translation>Los</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Sorted, mended, built, posed, supported and laid on plates</source>
   <translation>Sortiert, geflickt, gebaut, ausgerichtet, gestützt und auf Platten gelegt</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Stop</source>
   <translation>Halt</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>As it is built: what is open is filled, posed, and laid on plates</source>
   <translation>Wie gebaut: Offenes wird gefüllt, ausgerichtet und auf Platten gelegt</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Files …</source>
   <translation>Dateien …</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Next plate ›</source>
   <translation>Nächste Platte ›</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Take it all back</source>
   <translation>Alles zurücknehmen</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>The unit, its kit and its plates, as one step</source>
   <translation>Die Einheit, ihr Bausatz und ihre Platten, als ein Schritt</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Write the plates …</source>
   <translation>Die Platten schreiben …</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Each plate as a 3MF file</source>
   <translation>Jede Platte als 3MF-Datei</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>%1 and %2 more</source>
   <translation>%1 und %2 weitere</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Files of a kit</source>
   <translation>Dateien eines Bausatzes</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>A folder of a kit</source>
   <translation>Ein Ordner mit einem Bausatz</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>the express way: %1</source>
   <translation>der Eilweg: %1</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Reading …</source>
   <translation>Es wird gelesen …</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Reading and comparing</source>
   <translation>Lesen und Vergleichen</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Posing and supporting</source>
   <translation>Ausrichten und Stützen</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <location filename="desk/stages/plate/bench.py" />
   <source>Packing plates</source>
   <translation>Platten packen</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>It is in the book as one step, and can be taken back as one.</source>
   <translation>Es steht als ein Schritt im Buch und lässt sich als einer zurücknehmen.</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>%1 to look at before you print. %2</source>
   <translation>%1 ist vor dem Druck anzusehen. %2</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/express/express_dialog.py" />
   <source>%n thing(s)</source>
   <translation>
    <numerusform>%n Sache</numerusform>
    <numerusform>%n Sachen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Nothing to look at. %1</source>
   <translation>Nichts anzusehen. %1</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>%1 as it stands</source>
   <translation>%1, wie es ist</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Change it at %1 ›</source>
   <translation>Ändern bei %1 ›</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <location filename="desk/panels/walk.py" />
   <source>%1 of %2: %3</source>
   <translation>%1 von %2: %3</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>%1, %2, %3, %4 ml</source>
   <translation>%1, %2, %3, %4 ml</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>A folder for the plates</source>
   <translation>Ein Ordner für die Platten</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>%1-%2.3mf</source>
   <translation>%1-%2.3mf</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>%1 with %2 written to %3.</source>
   <translation>%1 mit %2 nach %3 geschrieben.</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>express plates</source>
   <translation>Platten des Eilwegs</translation>
  </message>
  <message>
   <location filename="desk/express/express_dialog.py" />
   <source>Writing plates</source>
   <translation>Platten werden geschrieben</translation>
  </message>
 </context>
 <context>
  <name>desk/machines</name>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Print the frame of %1 and %2 mm at that exposure; measure both widths in x and y and enter the means.</source>
   <translation>Drucke den Rahmen von %1 und %2 mm mit dieser Belichtung; miss beide Breiten in x und y und gib die Mittel ein.</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Print the rows of letters; the least that can be read in a raking light tells what of a sculpt's lettering comes through.</source>
   <translation>Drucke die Zeilen mit Buchstaben; die kleinsten, die im Streiflicht zu lesen sind, sagen, was von der Schrift eines Entwurfs durchkommt.</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Exposure</source>
   <translation>Belichtung</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Finest pin that stands</source>
   <translation>Dünnster Stift, der steht</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Finest slot that is open</source>
   <translation>Feinster Schlitz, der offen ist</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Piece %1: %2</source>
   <translation>Stück %1: %2</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Outer width</source>
   <translation>Äußere Breite</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Inner width</source>
   <translation>Innere Breite</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>mm high</source>
   <translation>mm hoch</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Least letters that can be read</source>
   <translation>Kleinste lesbare Buchstaben</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <location filename="desk/machines/calibrate.py" />
   <location filename="desk/machines/calibrate.py" />
   <source>Take it over</source>
   <translation>Übernehmen</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>1  Exposure</source>
   <translation>1  Belichtung</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Print the piece at each of these exposures, wash and cure it, and look at it against the light.</source>
   <translation>Drucke das Stück mit jeder dieser Belichtungen, wasche und härte es und sieh es gegen das Licht an.</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Write the piece …</source>
   <translation>Das Stück schreiben …</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>2  Dimensions</source>
   <translation>2  Maße</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Write the frame …</source>
   <translation>Den Rahmen schreiben …</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Outer</source>
   <translation>Außen</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Inner</source>
   <translation>Innen</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>3  Lettering</source>
   <translation>3  Schrift</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Write the letters …</source>
   <translation>Die Buchstaben schreiben …</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Least that can be read</source>
   <translation>Kleinste lesbare</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>where pins and slots come out alike, at %1 mm: finer detail is lost.</source>
   <translation>wo Stifte und Schlitze gleich herauskommen, bei %1 mm: feinere Einzelheiten gehen verloren.</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Right: %1 s, %2</source>
   <translation>Richtig: %1 s, %2</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>Enter both widths.</source>
   <translation>Gib beide Breiten ein.</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <source>The test piece</source>
   <translation>Das Teststück</translation>
  </message>
  <message>
   <location filename="desk/machines/calibrate.py" />
   <location filename="desk/stages/plate/export.py" />
   <location filename="desk/stages/pose/bench.py" />
   <source>STL (*.stl)</source>
   <translation>STL (*.stl)</translation>
  </message>
  <message>
   <location filename="desk/machines/care_page.py" />
   <source>screws tightened</source>
   <translation>Schrauben nachgezogen</translation>
  </message>
  <message>
   <location filename="desk/machines/care_page.py" />
   <source>vat cleaned</source>
   <translation>Wanne gereinigt</translation>
  </message>
  <message>
   <location filename="desk/machines/care_page.py" />
   <source>rods greased</source>
   <translation>Stangen gefettet</translation>
  </message>
  <message>
   <location filename="desk/machines/care_page.py" />
   <location filename="desk/money/money_dialog.py" />
   <source>Day</source>
   <translation>Tag</translation>
  </message>
  <message>
   <location filename="desk/machines/care_page.py" />
   <location filename="desk/money/money_dialog.py" />
   <location filename="desk/money/money_dialog.py" />
   <source>What</source>
   <translation>Was</translation>
  </message>
  <message>
   <location filename="desk/machines/care_page.py" />
   <location filename="desk/stages/steps/bench_mode.py" />
   <source>Before</source>
   <translation>Vorher</translation>
  </message>
  <message>
   <location filename="desk/machines/care_page.py" />
   <source>Since</source>
   <translation>Seither</translation>
  </message>
  <message>
   <location filename="desk/machines/care_page.py" />
   <source>What was done to the machine, and how parts fared</source>
   <translation>Was an der Maschine getan wurde und wie es den Teilen erging</translation>
  </message>
  <message>
   <location filename="desk/machines/care_page.py" />
   <source>Something else that was done</source>
   <translation>Etwas anderes, das getan wurde</translation>
  </message>
  <message>
   <location filename="desk/machines/care_page.py" />
   <source>something else, in your words</source>
   <translation>etwas anderes, in deinen Worten</translation>
  </message>
  <message>
   <location filename="desk/machines/care_page.py" />
   <source>Tell it</source>
   <translation>Melden</translation>
  </message>
  <message>
   <location filename="desk/machines/care_page.py" />
   <source>Your routine</source>
   <translation>Dein Handgriff</translation>
  </message>
  <message>
   <location filename="desk/machines/care_page.py" />
   <source>Done to it</source>
   <translation>An ihr getan</translation>
  </message>
  <message>
   <location filename="desk/machines/care_page.py" />
   <source>%1: %2 min %3 (%4)</source>
   <translation>%1: %2 min %3 (%4)</translation>
  </message>
  <message>
   <location filename="desk/machines/care_page.py" />
   <source>%1. Together %2 min a run (defaults); choose otherwise under Profile, Routine.</source>
   <translation>%1. Zusammen %2 min je Lauf (Vorgaben); ändere sie unter Profil, Handgriffe.</translation>
  </message>
  <message>
   <location filename="desk/machines/care_page.py" />
   <source>every run</source>
   <translation>bei jedem Lauf</translation>
  </message>
  <message>
   <location filename="desk/machines/care_page.py" />
   <source>every %1 runs</source>
   <translation>alle %1 Läufe</translation>
  </message>
  <message>
   <location filename="desk/machines/cycle.py" />
   <location filename="printing/machines/timing.py" />
   <source>rest before</source>
   <translation>Ruhe davor</translation>
  </message>
  <message>
   <location filename="desk/machines/cycle.py" />
   <location filename="printing/machines/timing.py" />
   <source>back down</source>
   <translation>wieder hinab</translation>
  </message>
  <message>
   <location filename="desk/machines/cycle.py" />
   <location filename="printing/machines/timing.py" />
   <source>rest after</source>
   <translation>Ruhe danach</translation>
  </message>
  <message>
   <location filename="desk/machines/cycle.py" />
   <source>Where the seconds of a layer go</source>
   <translation>Wohin die Sekunden einer Schicht gehen</translation>
  </message>
  <message>
   <location filename="desk/machines/cycle.py" />
   <location filename="desk/machines/sheet.py" />
   <source>30 mm</source>
   <translation>30 mm</translation>
  </message>
  <message>
   <location filename="desk/machines/cycle.py" />
   <source>Every layer %1 s</source>
   <translation>Jede Schicht %1 s</translation>
  </message>
  <message>
   <location filename="desk/machines/cycle.py" />
   <source>each of %1 at the bottom %2 s</source>
   <translation>jede der %1 am Boden %2 s</translation>
  </message>
  <message>
   <location filename="desk/machines/cycle.py" />
   <source>%1 takes %2</source>
   <translation>%1 braucht %2</translation>
  </message>
  <message>
   <location filename="desk/machines/cycle.py" />
   <source>, %1 %2 than as saved</source>
   <translation>, %1 %2 als gespeichert</translation>
  </message>
  <message>
   <location filename="desk/machines/cycle.py" />
   <source>layers of %1 mm</source>
   <translation>Schichten von %1 mm</translation>
  </message>
  <message>
   <location filename="desk/machines/cycle.py" />
   <source>How large a layer a tip holds</source>
   <translation>Wie große Schicht eine Spitze hält</translation>
  </message>
  <message>
   <location filename="desk/machines/cycle.py" />
   <source>How large a layer one tip holds</source>
   <translation>Wie große Schicht eine Spitze hält</translation>
  </message>
  <message>
   <location filename="desk/machines/cycle.py" />
   <source>on %1, lifted at %2 mm/min; outlined: as saved</source>
   <translation>auf %1, gehoben mit %2 mm/min; umrissen: wie gespeichert</translation>
  </message>
  <message>
   <location filename="desk/machines/cycle.py" />
   <location filename="desk/stages/pose/bench.py" />
   <source>%1, %2 mm</source>
   <translation>%1, %2 mm</translation>
  </message>
  <message>
   <location filename="desk/machines/cycle.py" />
   <source>%1 mm², %2 N</source>
   <translation>%1 mm², %2 N</translation>
  </message>
  <message>
   <location filename="desk/machines/cycle.py" />
   <source>A %1 tip holds %2</source>
   <translation>Eine %1 Spitze hält %2</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>Machines and stores</source>
   <translation>Maschinen und Vorräte</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>Machines and resins</source>
   <translation>Maschinen und Harze</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>Examples that come with the program</source>
   <translation>Beispiele, die das Programm mitbringt</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>Profile</source>
   <translation>Profil</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>Calibrate</source>
   <translation>Kalibrieren</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>Care</source>
   <translation>Pflege</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <location filename="desk/panels/errors.py" />
   <location filename="desk/stages/paint/rack/page.py" />
   <source>Copy</source>
   <translation>Kopieren</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>Remove</source>
   <translation>Entfernen</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>Add</source>
   <translation>Hinzufügen</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>Import …</source>
   <translation>Einlesen …</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>Film changed</source>
   <translation>Folie gewechselt</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>Its layers are counted anew from today</source>
   <translation>Ihre Schichten zählen ab heute neu</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>Screen changed</source>
   <translation>Bildschirm gewechselt</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>A litre bought</source>
   <translation>Ein Liter gekauft</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>A bottle on the shelf</source>
   <translation>Eine Flasche im Regal</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <location filename="desk/money/money_dialog.py" />
   <location filename="desk/money/money_dialog.py" />
   <source>Export …</source>
   <translation>Ausgeben …</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <location filename="desk/stages/print/likelihoods.py" />
   <source>Save</source>
   <translation>Speichern</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>profile of %1</source>
   <translation>Profil von %1</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>Saved. Plates that wait take what they take on it now; the watch bill is planned anew.</source>
   <translation>Gespeichert. Wartende Platten brauchen jetzt, was sie darauf brauchen; der Wachplan ist neu geplant.</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <location filename="desk/stages/finish/bench.py" />
   <location filename="desk/stages/paint/recipe/questions.py" />
   <location filename="desk/stages/paint/recipe/questions.py" />
   <location filename="desk/stages/paint/value/state.py" />
   <location filename="desk/stages/paint/zones/page.py" />
   <location filename="schedule/calendar_file.py" />
   <source>%1 on %2</source>
   <translation>%1 auf %2</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>add %1</source>
   <translation>%1 hinzufügen</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>%1, another</source>
   <translation>%1, noch einer</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>A profile</source>
   <translation>Ein Profil</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <location filename="desk/machines/profiles.py" />
   <source>Profiles (*.json)</source>
   <translation>Profile (*.json)</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>The profile as a file</source>
   <translation>Das Profil als Datei</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>a litre of %1</source>
   <translation>ein Liter %1</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>%1 calibrated</source>
   <translation>%1 kalibriert</translation>
  </message>
  <message>
   <location filename="desk/machines/profiles.py" />
   <source>Taken over. The next test piece shows whether it is right.</source>
   <translation>Übernommen. Das nächste Teststück zeigt, ob es stimmt.</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>Across</source>
   <translation>Quer</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>Front to back</source>
   <translation>Vorn bis hinten</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Lifts by</source>
   <translation>Hebt um</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Prints with</source>
   <translation>Druckt mit</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <location filename="desk/machines/sheet.py" />
   <source>Lift speed</source>
   <translation>Hubtempo</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Speed down</source>
   <translation>Tempo abwärts</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <location filename="desk/machines/sheet.py" />
   <location filename="paint/advice/rescue.py" />
   <location filename="paint/advice/rescue.py" />
   <location filename="paint/advice/rescue.py" />
   <location filename="paint/figure/schools.py" />
   <location filename="paint/figure/schools.py" />
   <source>Light</source>
   <translation>Licht</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Start and end</source>
   <translation>Anfang und Ende</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Least in it</source>
   <translation>Wenigstens darin</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Full</source>
   <translation>Voll</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Film lasts</source>
   <translation>Folie hält</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Film holds, × usual</source>
   <translation>Folie haftet, × üblich</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Screen lasts, lit</source>
   <translation>Bildschirm hält, beleuchtet</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Play around pegs</source>
   <translation>Spiel um Zapfen</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Least pin, measured</source>
   <translation>Dünnster Stift, gemessen</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Least slot, measured</source>
   <translation>Feinster Schlitz, gemessen</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Least letters read</source>
   <translation>Kleinste gelesene Buchstaben</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Outlines drawn in by</source>
   <translation>Umrisse eingezogen um</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Scale in x, y</source>
   <translation>Maßstab in x, y</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Plate to plate</source>
   <translation>Platte zu Platte</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Cold at night</source>
   <translation>Nachts kalt</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Room, 0: not told</source>
   <translation>Raum, 0: nicht gesagt</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Levelled by</source>
   <translation>Nivelliert durch</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Parts come off by</source>
   <translation>Teile lösen sich durch</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Looked at with</source>
   <translation>Angesehen mit</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <location filename="desk/machines/sheet.py" />
   <location filename="desk/machines/sheet.py" />
   <source>Nozzle</source>
   <translation>Düse</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Walls, lines</source>
   <translation>Wände, Linien</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Filled inside, share</source>
   <translation>Innen gefüllt, Anteil</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Outlines</source>
   <translation>Umrisse</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Filling</source>
   <translation>Füllen</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Travel</source>
   <translation>Fahren</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Retraction</source>
   <translation>Rückzug</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>First layer wider by</source>
   <translation>Erste Schicht breiter um</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <location filename="desk/stages/print/machine_picture.py" />
   <location filename="domain/purchases.py" />
   <source>Filament</source>
   <translation>Filament</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Plastic weighs</source>
   <translation>Kunststoff wiegt</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Price, pence/kg</source>
   <translation>Preis, Pence/kg</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Head clears</source>
   <translation>Kopf braucht frei</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Gantry clears</source>
   <translation>Brücke braucht frei</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>State in folder</source>
   <translation>Stand im Ordner</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Draws</source>
   <translation>Zieht</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Reaches out</source>
   <translation>Reicht hinaus</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Clings, share</source>
   <translation>Haftet, Anteil</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Pulls</source>
   <translation>Zieht</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Peels at outline</source>
   <translation>Schält am Umriss</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>A tip holds</source>
   <translation>Eine Spitze hält</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Not colder than</source>
   <translation>Nicht kälter als</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Stir after</source>
   <translation>Rühren nach</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Film that clings</source>
   <translation>Film, der haftet</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Out: mended on (2026-03-14)</source>
   <translation>Ausgefallen: behoben am (2026-03-14)</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Cured by, J/cm²</source>
   <translation>Gehärtet durch, J/cm²</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Brittle from, J/cm²</source>
   <translation>Spröde ab, J/cm²</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Density</source>
   <translation>Dichte</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <location filename="desk/machines/sheet.py" />
   <source>Every layer</source>
   <translation>Jede Schicht</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <location filename="desk/machines/sheet.py" />
   <source>Screen and film</source>
   <translation>Bildschirm und Folie</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <location filename="desk/machines/sheet.py" />
   <source>Bottom layers</source>
   <translation>Bodenschichten</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Where it stands</source>
   <translation>Wo sie steht</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <location filename="desk/machines/sheet.py" />
   <source>Vat</source>
   <translation>Wanne</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Routine</source>
   <translation>Handgriffe</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>What it prints</source>
   <translation>Was sie druckt</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <location filename="desk/machines/sheet.py" />
   <source>Reel and head</source>
   <translation>Rolle und Kopf</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Bottle</source>
   <translation>Flasche</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <location filename="desk/stages/print/machine_picture.py" />
   <location filename="desk/stages/print/machine_picture.py" />
   <location filename="desk/stages/print/planned.py" />
   <source>In the vat</source>
   <translation>In der Wanne</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>Wash and cure</source>
   <translation>Waschen und Härten</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source>%1, %2 mm,</source>
   <translation>%1, %2 mm,</translation>
  </message>
  <message>
   <location filename="desk/machines/sheet.py" />
   <source> per %1</source>
   <translation> je %1</translation>
  </message>
 </context>
 <context>
  <name>desk/money</name>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>Paid</source>
   <translation>Bezahlt</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>Parcel sent, postage</source>
   <translation>Paket geschickt, Porto</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>Given back for damage on the way</source>
   <translation>Zurückgegeben für Schaden unterwegs</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>Hours so far against the quote</source>
   <translation>Stunden bisher gegen das Angebot</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>Stop the invoice is for</source>
   <translation>Stufe, für die die Rechnung ist</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>What to book</source>
   <translation>Was zu buchen ist</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>Sum to book</source>
   <translation>Betrag der Buchung</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>Words to the booking</source>
   <translation>Worte zur Buchung</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>words, weight</source>
   <translation>Worte, Gewicht</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>Up to</source>
   <translation>Bis zu</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>Invoice …</source>
   <translation>Rechnung …</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>Delivery note …</source>
   <translation>Lieferschein …</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>Book it</source>
   <translation>Buchen</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>While it is worked on</source>
   <translation>Während daran gearbeitet wird</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>Save the invoice</source>
   <translation>Die Rechnung speichern</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>invoice %1</source>
   <translation>Rechnung %1</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>Save the delivery note</source>
   <translation>Den Lieferschein speichern</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>delivery note.pdf</source>
   <translation>Lieferschein.pdf</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>%1 of %2: %3.</source>
   <translation>%1 von %2: %3.</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>delivery note</source>
   <translation>Lieferschein</translation>
  </message>
  <message>
   <location filename="desk/money/commission_panel.py" />
   <source>Drawing the delivery note</source>
   <translation>Der Lieferschein wird gezeichnet</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>%1 h at %2 (%3 to %4)</source>
   <translation>%1 h bei %2 (%3 bis %4)</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>%1 an hour then, materials taken out</source>
   <translation>dann %1 je Stunde, Material abgezogen</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>Nothing of it is done yet: %1; %2.</source>
   <translation>Noch ist nichts davon getan: %1; %2.</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>%1 h so far, %2 h quoted for that: %3 %4. %5; %6.</source>
   <translation>Bisher %1 h, dafür angeboten %2 h: %3 %4. %5; %6.</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>Reached: stop %1, %2.</source>
   <translation>Erreicht: Stufe %1, %2.</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>No stop is reached yet.</source>
   <translation>Noch ist keine Stufe erreicht.</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>What was agreed is done: it may be packed and sent.</source>
   <translation>Das Vereinbarte ist getan: es darf verpackt und geschickt werden.</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>No date can be foretold.</source>
   <translation>Kein Datum ist vorherzusagen.</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>Ready beside all other work about %1 (%2 to %3)</source>
   <translation>Neben aller anderen Arbeit fertig um den %1 (%2 bis %3)</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>in time</source>
   <translation>rechtzeitig</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>likely late</source>
   <translation>wohl zu spät</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>it may be late</source>
   <translation>es könnte zu spät werden</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>%1, wanted by %2: %3.</source>
   <translation>%1, gewünscht bis %2: %3.</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>Nothing was invoiced or paid yet.</source>
   <translation>Noch wurde nichts berechnet oder bezahlt.</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>invoiced %1 (%2)</source>
   <translation>berechnet %1 (%2)</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>paid %1</source>
   <translation>bezahlt %1</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>open %1</source>
   <translation>offen %1</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>given back %1</source>
   <translation>zurückgegeben %1</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>sent %1</source>
   <translation>geschickt %1</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>each standing on a magnet in its tray</source>
   <translation>jede auf einem Magneten in ihrer Lade</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>each in foam cut to its outline</source>
   <translation>jede in Schaumstoff, nach ihrem Umriss geschnitten</translation>
  </message>
  <message>
   <location filename="desk/money/commission_state.py" />
   <source>%1, %2; one box in another with %3 mm of soft filling around it.</source>
   <translation>%1, %2; ein Karton im anderen mit %3 mm weicher Füllung ringsum.</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <location filename="desk/money/money_dialog.py" />
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <location filename="paint/finishing/basing.py" />
   <location filename="paint/finishing/finish_steps.py" />
   <source>Kind</source>
   <translation>Art</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>In the shop's words</source>
   <translation>In den Worten des Ladens</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <location filename="desk/money/money_dialog.py" />
   <source>How much</source>
   <translation>Wie viel</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <location filename="desk/money/money_dialog.py" />
   <location filename="desk/stages/steps/bench.py" />
   <source>For</source>
   <translation>Für</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Order by</source>
   <translation>Bestellen bis</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Buy</source>
   <translation>Kaufen</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Needed</source>
   <translation>Gebraucht</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>There is</source>
   <translation>Vorhanden</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Runs out</source>
   <translation>Reicht bis</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Why</source>
   <translation>Warum</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Tables (*.csv *.ods)</source>
   <translation>Tabellen (*.csv *.ods)</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Where the money goes</source>
   <translation>Wohin das Geld geht</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Nothing is entered yet.</source>
   <translation>Noch ist nichts eingetragen.</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Money</source>
   <translation>Geld</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Bought</source>
   <translation>Gekauft</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>To buy, by date</source>
   <translation>Zu kaufen, nach Datum</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>What pays</source>
   <translation>Was sich lohnt</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>all of the army</source>
   <translation>für die ganze Armee</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>in the shop's words</source>
   <translation>in den Worten des Ladens</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Words</source>
   <translation>Worte</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>how much</source>
   <translation>wie viel</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Enter it</source>
   <translation>Eintragen</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Take the row out</source>
   <translation>Die Zeile herausnehmen</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>As a correction: it stays in the journal, and undo brings it back</source>
   <translation>Als Berichtigung: sie bleibt im Journal, und Rückgängig bringt sie wieder</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Opened today</source>
   <translation>Heute geöffnet</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>How long it keeps is told from then on, see To buy, by date</source>
   <translation>Wie lange es hält, wird von da an gesagt, siehe Zu kaufen, nach Datum</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Price of a machine</source>
   <translation>Preis einer Maschine</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>From when on</source>
   <translation>Ab wann</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Cost</source>
   <translation>Kosten</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>A machine would cost</source>
   <translation>Eine Maschine würde kosten</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Price of a file</source>
   <translation>Preis einer Datei</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Percent off</source>
   <translation>Prozent Nachlass</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Day of the sale</source>
   <translation>Tag des Angebots</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <location filename="desk/money/quote.py" />
   <source>d MMM yyyy</source>
   <translation>d. MMM yyyy</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>A file of</source>
   <translation>Eine Datei für</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>with % off</source>
   <translation>mit % Nachlass</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Against what the same figures cost bought; hands are not counted</source>
   <translation>Gegen das, was dieselben Figuren gekauft kosten; Hände zählen nicht</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>What failed parts cost, in material and their share of the run</source>
   <translation>Was misslungene Teile kosten, an Material und ihrem Anteil am Lauf</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>By kind</source>
   <translation>Nach Art</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>By month</source>
   <translation>Nach Monat</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Being worked out from the plan of the evenings …</source>
   <translation>Wird aus dem Plan der Abende errechnet …</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Counting what the plan uses up</source>
   <translation>Gezählt wird, was der Plan aufbraucht</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>What the coming evenings use up, by the day it is first missing; five days from order to there (default).</source>
   <translation>Was die kommenden Abende aufbrauchen, nach dem Tag, an dem es zuerst fehlt; fünf Tage von der Bestellung bis dort (Vorgabe).</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>bought: %1</source>
   <translation>gekauft: %1</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>a purchase taken out</source>
   <translation>ein Kauf herausgenommen</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>a pack opened</source>
   <translation>eine Packung geöffnet</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Ledger</source>
   <translation>Kassenbuch</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <source>Shopping</source>
   <translation>Einkauf</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <location filename="desk/stages/pose/bench.py" />
   <source>Export</source>
   <translation>Ausgeben</translation>
  </message>
  <message>
   <location filename="desk/money/money_dialog.py" />
   <location filename="desk/stages/print/machine_picture.py" />
   <location filename="paint/rack/pot_fields.py" />
   <source>not told</source>
   <translation>nicht gesagt</translation>
  </message>
  <message>
   <location filename="desk/money/money_state.py" />
   <source>%1, opened %2</source>
   <translation>%1, geöffnet %2</translation>
  </message>
  <message>
   <location filename="desk/money/money_state.py" />
   <source>%1 Days are not known.</source>
   <translation>%1 Die Tage sind nicht bekannt.</translation>
  </message>
  <message>
   <location filename="desk/money/money_state.py" />
   <source>May have gone off (defaults): %1.</source>
   <translation>Vielleicht verdorben (Vorgaben): %1.</translation>
  </message>
  <message>
   <location filename="desk/money/money_state.py" />
   <source>%1, good until %2</source>
   <translation>%1, gut bis %2</translation>
  </message>
  <message>
   <location filename="desk/money/money_state.py" />
   <source>A machine of %1</source>
   <translation>Eine Maschine für %1</translation>
  </message>
  <message>
   <location filename="desk/money/money_state.py" />
   <source>Wait: it saves %1, and plates that wait keep the machines until %2 anyway.</source>
   <translation>Warte: es spart %1, und wartende Platten brauchen die Maschinen ohnehin bis %2.</translation>
  </message>
  <message>
   <location filename="desk/money/money_state.py" />
   <source>Waiting saves %1 and costs %2: machines are free from %3.</source>
   <translation>Warten spart %1 und kostet %2: die Maschinen sind ab %3 frei.</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/money/money_state.py" />
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>%n day(s)</source>
   <translation>
    <numerusform>%n Tag</numerusform>
    <numerusform>%n Tage</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/money/money_state.py" />
   <source>%1: %2 failed</source>
   <translation>%1: %2 misslungen</translation>
  </message>
  <message>
   <location filename="desk/money/money_state.py" />
   <source>not against what is bought</source>
   <translation>nicht gegen Gekauftes</translation>
  </message>
  <message>
   <location filename="desk/money/money_state.py" />
   <source>pays from figure %1</source>
   <translation>lohnt sich ab Figur %1</translation>
  </message>
  <message>
   <location filename="desk/money/papers.py" />
   <source>References: %1</source>
   <translation>Vorlagen: %1</translation>
  </message>
  <message>
   <location filename="desk/money/papers.py" />
   <source>Yours: %1</source>
   <translation>Ihre: %1</translation>
  </message>
  <message>
   <location filename="desk/money/papers.py" />
   <source> for %1</source>
   <translation> für %1</translation>
  </message>
  <message>
   <location filename="desk/money/papers.py" />
   <source>Postage and insurance</source>
   <translation>Porto und Versicherung</translation>
  </message>
  <message>
   <location filename="desk/money/papers.py" />
   <source>Paid already</source>
   <translation>Schon bezahlt</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>Stops and their prices</source>
   <translation>Stufen und ihre Preise</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <location filename="desk/money/quote.py" />
   <location filename="desk/stages/build/template_sheet.py" />
   <location filename="desk/stages/print/run_list.py" />
   <location filename="desk/stages/print/watch_bill.py" />
   <source>%1 to %2</source>
   <translation>%1 bis %2</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>+ %1 from stop %2</source>
   <translation>+ %1 ab Stufe %2</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>the least that is paid for</source>
   <translation>Mindestpreis</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>Stop %1, %2: %3</source>
   <translation>Stufe %1, %2: %3</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>Quote: %1</source>
   <translation>Angebot: %1</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <location filename="desk/money/quote.py" />
   <source>Client</source>
   <translation>Auftraggeber</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <location filename="desk/money/quote.py" />
   <source>Brief</source>
   <translation>Wunsch</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <location filename="desk/money/quote.py" />
   <source>References</source>
   <translation>Vorlagen</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>What is theirs</source>
   <translation>Was ihnen gehört</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>an hour</source>
   <translation>je Stunde</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>margin, %</source>
   <translation>Spanne, %</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>deposit, %</source>
   <translation>Anzahlung, %</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>Wanted by</source>
   <translation>Gewünscht bis</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>no date</source>
   <translation>kein Datum</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>I print it, too</source>
   <translation>Ich drucke es auch</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>Forget the client</source>
   <translation>Den Auftraggeber vergessen</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>The commission and all personal data of it leave the book</source>
   <translation>Der Auftrag und alle persönlichen Daten darin verlassen das Buch</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>wanted by</source>
   <translation>gewünscht bis</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>Save as PDF …</source>
   <translation>Als PDF speichern …</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>Theirs</source>
   <translation>Ihres</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>Agreed: stop at %1, %2 for %3; deposit %4, postage %5.</source>
   <translation>Vereinbart: Ende bei %1, %2 für %3; Anzahlung %4, Porto %5.</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>Materials %1. Hours are those of all the work, at your pace.</source>
   <translation>Material %1. Die Stunden sind die der ganzen Arbeit, in deinem Tempo.</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>%1 than the %2 that were agreed: by %3.</source>
   <translation>%1 als die vereinbarten %2: um %3.</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>Dearer</source>
   <translation>Teurer</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>Cheaper</source>
   <translation>Billiger</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>Only %1 of yours were measured: the range is doubled.</source>
   <translation>Nur %1 wurden bei dir gemessen: die Spanne ist verdoppelt.</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/money/quote.py" />
   <location filename="progress/figure_records/lessons.py" />
   <source>%n step(s)</source>
   <translation>
    <numerusform>%n Schritt</numerusform>
    <numerusform>%n Schritte</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>%1 of %2: %3. Ask before prints are sold.</source>
   <translation>%1 von %2: %3. Frag, bevor Drucke verkauft werden.</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>a commission: %1</source>
   <translation>ein Auftrag: %1</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>no commission: %1</source>
   <translation>kein Auftrag: %1</translation>
  </message>
  <message>
   <location filename="desk/money/quote.py" />
   <source>Save the quote</source>
   <translation>Das Angebot speichern</translation>
  </message>
 </context>
 <context>
  <name>desk/panels</name>
  <message>
   <location filename="desk/panels/band.py" />
   <source>The march: where every figure stands</source>
   <translation>Der Marsch: wo jede Figur steht</translation>
  </message>
  <message>
   <location filename="desk/panels/band.py" />
   <source>%1 figures</source>
   <translation>%1 Figuren</translation>
  </message>
  <message>
   <location filename="desk/panels/band.py" />
   <source>all mustered</source>
   <translation>alle aufgestellt</translation>
  </message>
  <message>
   <location filename="desk/panels/band.py" />
   <location filename="desk/stages/finish/base_page.py" />
   <location filename="desk/stages/sort/builds.py" />
   <source>none yet</source>
   <translation>noch keine</translation>
  </message>
  <message>
   <location filename="desk/panels/band.py" />
   <source>Waiting, by stage</source>
   <translation>Wartend hier</translation>
  </message>
  <message>
   <location filename="desk/panels/band.py" />
   <source>to come</source>
   <translation>kommt</translation>
  </message>
  <message>
   <location filename="desk/panels/band.py" />
   <source>no one</source>
   <translation>niemand</translation>
  </message>
  <message>
   <location filename="desk/panels/band.py" />
   <source>%1 to come</source>
   <translation>%1 kommen noch</translation>
  </message>
  <message>
   <location filename="desk/panels/band.py" />
   <source>all there</source>
   <translation>alle da</translation>
  </message>
  <message>
   <location filename="desk/panels/band.py" />
   <source>narrowest gate:</source>
   <translation>engstes Tor:</translation>
  </message>
  <message>
   <location filename="desk/panels/band.py" />
   <source>%1 a week at most</source>
   <translation>höchstens %1 die Woche</translation>
  </message>
  <message>
   <location filename="desk/panels/band.py" />
   <source>%1: no one</source>
   <translation>%1: niemand</translation>
  </message>
  <message>
   <location filename="desk/panels/band.py" />
   <source>Hands %1, machine %2 still to do here</source>
   <translation>Hände %1, Maschine %2 hier noch zu tun</translation>
  </message>
  <message>
   <location filename="desk/panels/band.py" />
   <source>With all hands here %1 figures a week would pass: the week's hours, or the machine's, over the work left</source>
   <translation>Mit allen Händen hier kämen %1 Figuren die Woche durch: die Stunden der Woche, oder der Maschine, durch die Arbeit, die bleibt</translation>
  </message>
  <message>
   <location filename="desk/panels/errors.py" />
   <source>Warning</source>
   <translation>Warnung</translation>
  </message>
  <message>
   <location filename="desk/panels/errors.py" />
   <location filename="desk/panels/errors.py" />
   <location filename="desk/stages/paint/recipe/rescue_dialog.py" />
   <source>What went wrong</source>
   <translation>Was schiefgegangen ist</translation>
  </message>
  <message>
   <location filename="desk/panels/errors.py" />
   <source>What happened, with the program's version, for a letter or a search</source>
   <translation>Was geschah, mit der Version des Programms, für einen Brief oder eine Suche</translation>
  </message>
  <message>
   <location filename="desk/panels/errors.py" />
   <source>Dismiss</source>
   <translation>Ausblenden</translation>
  </message>
  <message>
   <location filename="desk/panels/errors.py" />
   <source>What happened</source>
   <translation>Was geschah</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>Orders, folded</source>
   <translation>Tagesbefehl, eingeklappt</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>Unfold the orders (F8)</source>
   <translation>Den Tagesbefehl ausklappen (F8)</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <location filename="desk/panels/orders.py" />
   <location filename="desk/panels/orders.py" />
   <source>Orders</source>
   <translation>Tagesbefehl</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>One page with tick boxes and cautions (Ctrl+P)</source>
   <translation>Eine Seite mit Kästchen und Warnungen (Strg+P)</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>Fold the orders (F8)</source>
   <translation>Den Tagesbefehl einklappen (F8)</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <location filename="desk/window_commands.py" />
   <source>Fold the orders</source>
   <translation>Den Tagesbefehl einklappen</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>hobby time as planned</source>
   <translation>Hobbyzeit wie geplant</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>I have </source>
   <translation>Ich habe </translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source> min now</source>
   <translation> min jetzt</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>Minutes you have now</source>
   <translation>Minuten, die du jetzt hast</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>The orders for these minutes, whatever the week says; nothing is kept of it</source>
   <translation>Die Aufgaben für diese Minuten, was immer die Woche sagt; nichts davon wird behalten</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>%1 in the next %2 min</source>
   <translation>%1 in den nächsten %2 min</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>nothing waits</source>
   <translation>nichts wartet</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>Hands free %1 min from %2</source>
   <translation>Hände frei: %1 min ab %2</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>No hobby time in the next two weeks</source>
   <translation>Keine Hobbyzeit in den nächsten zwei Wochen</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>Nothing waits. Muster an army, or add a unit.</source>
   <translation>Nichts wartet. Stelle eine Armee auf oder füge eine Einheit hinzu.</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>%1 min of work in %2 min%3</source>
   <translation>%1 min Arbeit in %2 min%3</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>: %1 min to spare</source>
   <translation>: %1 min übrig</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>While one thing dries the next is done.</source>
   <translation>Während eines trocknet, kommt das nächste dran.</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>At hand: %1</source>
   <translation>Zur Hand: %1</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>Done, %1</source>
   <translation>Getan, %1</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>Open the bench</source>
   <translation>Die Werkbank öffnen</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>Done: %1</source>
   <translation>Getan: %1</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>Tick when done: it is written into the journal</source>
   <translation>Abhaken, wenn es getan ist: es wird ins Journal geschrieben</translation>
  </message>
  <message>
   <location filename="desk/panels/orders.py" />
   <source>Opens the bench where this is done</source>
   <translation>Öffnet die Werkbank, an der das getan wird</translation>
  </message>
  <message>
   <location filename="desk/panels/roll.py" />
   <location filename="desk/stages/finish/base_page.py" />
   <location filename="desk/stages/paint/figure/page.py" />
   <location filename="desk/stages/paint/line/state.py" />
   <location filename="desk/stages/paint/mix/pictures.py" />
   <location filename="desk/stages/paint/rack/page.py" />
   <location filename="desk/stages/print/machine_picture.py" />
   <location filename="desk/stages/sort/builds.py" />
   <location filename="desk/wet_asked.py" />
   <location filename="progress/figure_records/lessons.py" />
   <location filename="progress/shopping.py" />
   <source>%1 of %2</source>
   <translation>%1 von %2</translation>
  </message>
  <message>
   <location filename="desk/panels/roll.py" />
   <source>no figures</source>
   <translation>keine Figuren</translation>
  </message>
  <message>
   <location filename="desk/panels/roll.py" />
   <source>Roll of units and figures</source>
   <translation>Rolle der Einheiten und Figuren</translation>
  </message>
  <message>
   <location filename="desk/panels/roll.py" />
   <source>Roll</source>
   <translation>Rolle</translation>
  </message>
  <message>
   <location filename="desk/panels/roll.py" />
   <source>, by %1</source>
   <translation>, bis %1</translation>
  </message>
  <message>
   <location filename="desk/panels/roll.py" />
   <source>%1 in %2%3</source>
   <translation>%1 in %2%3</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/panels/roll.py" />
   <location filename="progress/shopping.py" />
   <source>%n unit(s)</source>
   <translation>
    <numerusform>%n Einheit</numerusform>
    <numerusform>%n Einheiten</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/panels/roll.py" />
   <source>Change %1 …</source>
   <translation>%1 ändern …</translation>
  </message>
  <message>
   <location filename="desk/panels/roll.py" />
   <location filename="desk/panels/roll.py" />
   <source>Remove %1</source>
   <translation>%1 entfernen</translation>
  </message>
  <message>
   <location filename="desk/panels/roll.py" />
   <source>Remove the kit %1 with its parts</source>
   <translation>Den Bausatz %1 mit seinen Teilen entfernen</translation>
  </message>
  <message>
   <location filename="desk/panels/statusline.py" />
   <source>How far the work is</source>
   <translation>Wie weit die Arbeit ist</translation>
  </message>
  <message>
   <location filename="desk/panels/statusline.py" />
   <source>Nothing to save</source>
   <translation>Nichts zu speichern</translation>
  </message>
  <message>
   <location filename="desk/panels/statusline.py" />
   <source>Cancel</source>
   <translation>Abbrechen</translation>
  </message>
  <message>
   <location filename="desk/panels/statusline.py" />
   <source>Saved %1. %2%3</source>
   <translation>Gespeichert: %1. %2%3</translation>
  </message>
  <message>
   <location filename="desk/panels/statusline.py" />
   <source>Last: %1</source>
   <translation>Zuletzt: %1</translation>
  </message>
  <message>
   <location filename="desk/panels/statusline.py" />
   <source>plate waits</source>
   <translation>Platte wartet</translation>
  </message>
  <message>
   <location filename="desk/panels/statusline.py" />
   <source>bath %1 left</source>
   <translation>Bad %1 übrig</translation>
  </message>
  <message>
   <location filename="desk/panels/walk.py" />
   <location filename="desk/stages/muster/bench.py" />
   <source>Will it be ready?</source>
   <translation>Wird sie fertig?</translation>
  </message>
  <message>
   <location filename="desk/panels/walk.py" />
   <source>Every dot is an equally likely end of the army, the line is its date. Below stands what moves it most, and what would help; Evenings shows hour by hour what your hands do when.</source>
   <translation>Jeder Punkt ist ein gleich wahrscheinliches Ende der Armee, die Linie ist ihr Datum. Darunter steht, was es am meisten bewegt und was helfen würde; Abende zeigt Stunde für Stunde, was deine Hände wann tun.</translation>
  </message>
  <message>
   <location filename="desk/panels/walk.py" />
   <source>How shall it lie?</source>
   <translation>Wie soll es liegen?</translation>
  </message>
  <message>
   <location filename="desk/panels/walk.py" />
   <source>The disc holds every direction a part can look in, by what it costs in marks, steps and hours. Press one, or take a school; supports are tried before you keep it.</source>
   <translation>Die Scheibe zeigt jede Richtung, in die ein Teil blicken kann, nach dem, was sie an Malen, Stufen und Stunden kostet. Drück eine oder nimm eine Schule; Stützen werden erprobt, bevor du sie behältst.</translation>
  </message>
  <message>
   <location filename="desk/panels/walk.py" />
   <source>Who is there when it ends?</source>
   <translation>Wer ist da, wenn es endet?</translation>
  </message>
  <message>
   <location filename="desk/panels/walk.py" />
   <source>Runs start when somebody is at home as they end. Drag one and the others make room. A plate that came off is looked at here; what failed is traced to its cause.</source>
   <translation>Läufe beginnen so, dass jemand zu Hause ist, wenn sie enden. Zieh einen, und die anderen machen Platz. Eine abgenommene Platte wird hier angesehen; was misslang, wird bis zur Ursache verfolgt.</translation>
  </message>
  <message>
   <location filename="desk/panels/walk.py" />
   <source>What next, on whom, while what dries?</source>
   <translation>Was als Nächstes, an wem, während was trocknet?</translation>
  </message>
  <message>
   <location filename="desk/panels/walk.py" />
   <source>The Line orders strokes so that one pot serves all that want it and nothing is painted wet. F11 shows one step over the whole screen, for gloves and wet brushes: the space bar is enough.</source>
   <translation>Die Linie ordnet Aufträge so, dass ein Topf allen dient, die ihn wollen, und nichts nass bemalt wird. F11 zeigt einen Schritt über den ganzen Bildschirm, für Handschuhe und nasse Pinsel: die Leertaste genügt.</translation>
  </message>
  <message>
   <location filename="desk/panels/walk.py" />
   <source>In what order, and will it stand?</source>
   <translation>In welcher Reihenfolge, und wird es stehen?</translation>
  </message>
  <message>
   <location filename="desk/panels/walk.py" />
   <source>Joints are read from the meshes: glue, pin or magnet, what stays apart for the brush, where the weight lies over the foot.</source>
   <translation>Verbindungen werden aus den Netzen gelesen: Kleber, Stift oder Magnet, was für den Pinsel getrennt bleibt, wo das Gewicht über dem Fuß liegt.</translation>
  </message>
  <message>
   <location filename="desk/panels/walk.py" />
   <source>Money by what it went to, foam at true size, quotes for others. F9 practises, F1 opens the page of the stage you are at, Ctrl+J finds everything. Orders at the right say what to do now.</source>
   <translation>Geld nach dem, wofür es ging, Schaumstoff in wahrer Größe, Angebote für andere. F9 übt, F1 öffnet die Seite der Station, an der du bist, Strg+J findet alles. Rechts sagt der Tagesbefehl, was jetzt zu tun ist.</translation>
  </message>
  <message>
   <location filename="desk/panels/walk.py" />
   <location filename="desk/stages/paint/value/page.py" />
   <source>‹ Back</source>
   <translation>‹ Zurück</translation>
  </message>
  <message>
   <location filename="desk/panels/walk.py" />
   <location filename="desk/panels/walk.py" />
   <source>Next ›</source>
   <translation>Weiter ›</translation>
  </message>
  <message>
   <location filename="desk/panels/walk.py" />
   <source>Leave the walk</source>
   <translation>Den Rundgang verlassen</translation>
  </message>
  <message>
   <location filename="desk/panels/walk.py" />
   <location filename="desk/stages/steps/bench.py" />
   <source>Done</source>
   <translation>Fertig</translation>
  </message>
 </context>
 <context>
  <name>desk/stages</name>
  <message>
   <location filename="desk/stages/benches.py" />
   <source>%1Bench</source>
   <translation>%1Bench</translation>
  </message>
  <message>
   <location filename="desk/stages/benches.py" />
   <source>numerus.desk.stages.%1.bench</source>
   <translation>numerus.desk.stages.%1.bench</translation>
  </message>
  <message>
   <location filename="desk/stages/warm_up.py" />
   <source>warm up</source>
   <translation>vorbereiten</translation>
  </message>
  <message>
   <location filename="desk/stages/warm_up.py" />
   <source>Getting the benches ready</source>
   <translation>Die Werkbänke werden vorbereitet</translation>
  </message>
  <message>
   <location filename="desk/stages/warm_up.py" />
   <source>numerus.desk.%1</source>
   <translation>numerus.desk.%1</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/build</name>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>A brush of 8° either side over 20 mm, then a hand (defaults); reached: one way in seven is free. Minutes are defaults.</source>
   <translation>Ein Pinsel mit 8° nach jeder Seite über 20 mm, dann eine Hand (Vorgaben); erreicht: eine von sieben Richtungen ist frei. Minuten sind Vorgaben.</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>Paint in a cone of 5° either side over 50 mm, then the airbrush (defaults); reached: one way in seven is free.</source>
   <translation>Farbe in einem Kegel mit 5° nach jeder Seite über 50 mm, dann die Spritzpistole (Vorgaben); erreicht: eine von sieben Richtungen ist frei.</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>The figure with all glued</source>
   <translation>Die Figur, ganz geklebt</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>The figure with parts kept apart</source>
   <translation>Die Figur mit getrennten Teilen</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>What it is painted with</source>
   <translation>Womit sie bemalt wird</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>with %1</source>
   <translation>mit %1</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <location filename="desk/stages/build/pictures.py" />
   <source>What each part kept apart is worth</source>
   <translation>Was jedes getrennte Teil wert ist</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <location filename="desk/stages/build/pictures.py" />
   <source>Where it counts</source>
   <translation>Wo es zählt</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>In what order</source>
   <translation>In welcher Reihenfolge</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>Drill template …</source>
   <translation>Bohrschablone …</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>Both faces, at true size, of joints that ask for a pin and of parts apart that a magnet holds</source>
   <translation>Beide Flächen, in wahrer Größe, von Verbindungen, die einen Stift wollen, und von getrennten Teilen, die ein Magnet hält</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <location filename="desk/stages/build/pictures.py" />
   <source>Joints</source>
   <translation>Verbindungen</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <location filename="desk/stages/build/apart_page.py" />
   <source>All glued</source>
   <translation>Ganz geklebt</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>looking where a brush comes to …</source>
   <translation>es wird gesucht, wohin ein Pinsel kommt …</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>%1 of what is seen is reached</source>
   <translation>%1 des Sichtbaren ist erreicht</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>%1 apart</source>
   <translation>%1 getrennt</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>Nothing apart</source>
   <translation>Nichts getrennt</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>%1 reached, %2 more, %3 mm of seam to touch up</source>
   <translation>%1 erreicht, %2 mehr, %3 mm Naht nachzubessern</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>press a part below, or a point of the chart</source>
   <translation>drück ein Teil unten oder einen Punkt der Karte</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>Worth it over %1 mm² a minute (the dashed slope: drag it, or + and −): %2. Beside the points: mm² a minute.</source>
   <translation>Lohnt sich über %1 mm² je Minute (die gestrichelte Steigung: zieh sie, oder + und −): %2. Neben den Punkten: mm² je Minute.</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>%1 cm² no %2 gets to</source>
   <translation>%1 cm², zu denen kein %2 kommt</translation>
  </message>
  <message>
   <location filename="desk/stages/build/apart_page.py" />
   <source>%1 cm² given back</source>
   <translation>%1 cm² zurückgegeben</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>What stays apart</source>
   <translation>Was getrennt bleibt</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <location filename="desk/stages/finish/bench.py" />
   <location filename="desk/stages/prime/bench.py" />
   <location filename="desk/stages/steps/bench.py" />
   <source>Steps</source>
   <translation>Schritte</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>Before primer</source>
   <translation>Vor der Grundierung</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>Keep B</source>
   <translation>B behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>The unit's figures are built so, glued on later as a finishing step; undo brings back what was</source>
   <translation>Die Figuren der Einheit werden so gebaut und später als Schritt des Vollendens geklebt; Rückgängig bringt zurück, was war</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <location filename="desk/stages/build/pictures.py" />
   <source>all glued first</source>
   <translation>zuerst alles geklebt</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>The figure, its parts drawn apart</source>
   <translation>Die Figur, ihre Teile auseinandergezogen</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>Build</source>
   <translation>Bauen</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>Build: what stays apart?</source>
   <translation>Bauen: was bleibt getrennt?</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>Build: what before the primer?</source>
   <translation>Bauen: was vor der Grundierung?</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/build/bench.py" />
   <location filename="desk/stages/finish/bench.py" />
   <source>%n figure(s) wait(s)</source>
   <translation>
    <numerusform>%n Figur wartet</numerusform>
    <numerusform>%n Figuren warten</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>No figure has all its parts cured. They come here when the last one is.</source>
   <translation>Von keiner Figur sind alle Teile gehärtet. Sie kommen hierher, wenn das letzte es ist.</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>See Cure</source>
   <translation>Zu Härten</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>Angle from the centre of mass to the edge of what touches the table, in its weakest direction; %1° and more stands well. %2</source>
   <translation>Winkel vom Schwerpunkt zum Rand dessen, was den Tisch berührt, in der schwächsten Richtung; %1° und mehr steht gut. %2</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>parts drawn apart</source>
   <translation>Teile auseinandergezogen</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>build look</source>
   <translation>Bauansicht</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>Looking where a brush comes to</source>
   <translation>Es wird gesucht, wohin ein Pinsel kommt</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>a minute is worth %1 mm²</source>
   <translation>eine Minute ist %1 mm² wert</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>Drill template</source>
   <translation>Bohrschablone</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>Where to drill: %1</source>
   <translation>Wo zu bohren ist: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>Looking where to drill</source>
   <translation>Es wird gesucht, wo zu bohren ist</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <location filename="desk/stages/finish/bench.py" />
   <source>Looking round the figure</source>
   <translation>Die Figur wird ringsum angesehen</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>a flaw pinned on %1</source>
   <translation>ein Makel an %1 markiert</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>Looking at the place</source>
   <translation>Die Stelle wird angesehen</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>what stays apart, %1</source>
   <translation>was getrennt bleibt, %1</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>%1: being weighed …</source>
   <translation>%1: wird gewogen …</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <location filename="desk/stages/sort/layout.py" />
   <source>Weighing the figure</source>
   <translation>Die Figur wird gewogen</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <location filename="desk/stages/build/bench.py" />
   <source>centre of mass</source>
   <translation>Schwerpunkt</translation>
  </message>
  <message>
   <location filename="desk/stages/build/bench.py" />
   <source>built %1</source>
   <translation>gebaut: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_page.py" />
   <source>Of each kind the worst six, as printed and built here; minutes, limits and a tip's size are defaults. Told apart: one minute of arc. Press a place or use up and down; keys 1 to 4 take a way; the bench writes it down, undo takes it back.</source>
   <translation>Von jeder Art die schlimmsten sechs, wie hier gedruckt und gebaut; Minuten, Grenzen und die Größe einer Spitze sind Vorgaben. Unterscheidbar: eine Bogenminute. Drück eine Stelle oder geh auf und ab; die Tasten 1 bis 4 nehmen einen Weg; die Werkbank schreibt es auf, Rückgängig nimmt es zurück.</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_page.py" />
   <source>Places to look at</source>
   <translation>Stellen zum Ansehen</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_page.py" />
   <source>Dealt with: %1.</source>
   <translation>Erledigt: %1.</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_page.py" />
   <source>Not dealt with yet.</source>
   <translation>Noch nicht erledigt.</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_page.py" />
   <source>Pin a flaw</source>
   <translation>Einen Makel markieren</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_page.py" />
   <source>Then click on the figure where it is; Escape gives up</source>
   <translation>Klick dann auf die Figur, wo er ist; Esc gibt auf</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_page.py" />
   <source> mm across</source>
   <translation> mm breit</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_page.py" />
   <source>How large the flaw is</source>
   <translation>Wie groß der Makel ist</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_page.py" />
   <source>what it is</source>
   <translation>was es ist</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_page.py" />
   <source>What the flaw is</source>
   <translation>Was der Makel ist</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_page.py" />
   <source>It is bent …</source>
   <translation>Es ist verbogen …</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_page.py" />
   <source>A part measured against its plan, and what straightens it</source>
   <translation>Ein Teil gegen seinen Plan gemessen, und was es gerade richtet</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_page.py" />
   <source>The figure with numbered places to look at</source>
   <translation>Die Figur mit nummerierten Stellen zum Ansehen</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_page.py" />
   <source>looking for places …</source>
   <translation>Stellen werden gesucht …</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_page.py" />
   <location filename="progress/planning/evening_pieces.py" />
   <source>before the primer</source>
   <translation>vor der Grundierung</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_page.py" />
   <location filename="desk/stages/finish/last_look_page.py" />
   <source>Looking round the figure …</source>
   <translation>Die Figur wird ringsum angesehen …</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_state.py" />
   <source>a flaw</source>
   <translation>ein Makel</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_state.py" />
   <source>Nothing to look at was found.</source>
   <translation>Nichts anzusehen gefunden.</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_state.py" />
   <source>All %1 dealt with: ready for primer.</source>
   <translation>Alle %1 erledigt: bereit zum Grundieren.</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/build/flaw_state.py" />
   <location filename="desk/stages/build/flaw_state.py" />
   <location filename="desk/stages/paint/zones/page.py" />
   <location filename="printing/checks/print_check.py" />
   <source>%n place(s)</source>
   <translation>
    <numerusform>%n Stelle</numerusform>
    <numerusform>%n Stellen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_state.py" />
   <source>, the longest wait %1</source>
   <translation>, am längsten wartet %1</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_state.py" />
   <source>%1 of %2 to look at, %3 if all are mended as advised%4.</source>
   <translation>%1 von %2 anzusehen, %3, wenn alle wie geraten geflickt werden%4.</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_state.py" />
   <source>, %1 to cure</source>
   <translation>, %1 zum Aushärten</translation>
  </message>
  <message>
   <location filename="desk/stages/build/flaw_state.py" />
   <source>no minutes</source>
   <translation>keine Minuten</translation>
  </message>
  <message>
   <location filename="desk/stages/build/pictures.py" />
   <source>% of the skin in sight reached</source>
   <translation>% der sichtbaren Haut erreicht</translation>
  </message>
  <message>
   <location filename="desk/stages/build/pictures.py" />
   <source>%1 min more</source>
   <translation>%1 min mehr</translation>
  </message>
  <message>
   <location filename="desk/stages/build/pictures.py" />
   <source>%1 apart: %2 reached, %3 more</source>
   <translation>%1 getrennt: %2 erreicht, %3 mehr</translation>
  </message>
  <message>
   <location filename="desk/stages/build/pictures.py" />
   <source>cm² given back</source>
   <translation>cm² zurückgegeben</translation>
  </message>
  <message>
   <location filename="desk/stages/build/pictures.py" />
   <source>%1: %2 reached with all glued, %3 so; %4 cm² given back</source>
   <translation>%1: %2 erreicht, wenn alles geklebt ist, %3 so; %4 cm² zurückgegeben</translation>
  </message>
  <message>
   <location filename="desk/stages/build/pictures.py" />
   <source>In what order it is glued</source>
   <translation>In welcher Reihenfolge geklebt wird</translation>
  </message>
  <message>
   <location filename="desk/stages/build/pictures.py" />
   <source>prime, paint</source>
   <translation>grundieren, bemalen</translation>
  </message>
  <message>
   <location filename="desk/stages/build/pictures.py" />
   <source>glue it before painting</source>
   <translation>vor dem Bemalen kleben</translation>
  </message>
  <message>
   <location filename="desk/stages/build/pictures.py" />
   <source>keep it apart until it is painted</source>
   <translation>getrennt lassen, bis es bemalt ist</translation>
  </message>
  <message>
   <location filename="desk/stages/build/pictures.py" />
   <source>%1: press to %2</source>
   <translation>%1: drücken für %2</translation>
  </message>
  <message>
   <location filename="desk/stages/build/pictures.py" />
   <source>mm²</source>
   <translation>mm²</translation>
  </message>
  <message>
   <location filename="desk/stages/build/pictures.py" />
   <source>a knock of 5 g asks</source>
   <translation>ein Stoß von 5 g verlangt</translation>
  </message>
  <message>
   <location filename="desk/stages/build/pictures.py" />
   <source>pin %1 mm</source>
   <translation>Stift %1 mm</translation>
  </message>
  <message>
   <location filename="desk/stages/build/pictures.py" />
   <source>No gap to fill</source>
   <translation>Kein Spalt zu füllen</translation>
  </message>
  <message>
   <location filename="desk/stages/build/state.py" />
   <source>%1 apart would give the brush %2 cm² back</source>
   <translation>%1 getrennt gäbe dem Pinsel %2 cm² zurück</translation>
  </message>
  <message>
   <location filename="desk/stages/build/state.py" />
   <source>not named</source>
   <translation>nicht genannt</translation>
  </message>
  <message>
   <location filename="desk/stages/build/state.py" />
   <source>nothing printed</source>
   <translation>nichts gedruckt</translation>
  </message>
  <message>
   <location filename="desk/stages/build/state.py" />
   <source>%1 on its base %2.</source>
   <translation>%1 auf der Base %2.</translation>
  </message>
  <message>
   <location filename="desk/stages/build/state.py" />
   <source>%1 without its base %2. On %3 mm: %4° to tip.</source>
   <translation>%1 ohne Base %2. Auf %3 mm: %4° bis zum Kippen.</translation>
  </message>
  <message>
   <location filename="desk/stages/build/state.py" />
   <source>%1 mm² touch%2%3</source>
   <translation>%1 mm² berühren sich%2%3</translation>
  </message>
  <message>
   <location filename="desk/stages/build/state.py" />
   <source>; it closes</source>
   <translation>; es schließt</translation>
  </message>
  <message>
   <location filename="desk/stages/build/template_sheet.py" />
   <source>Wear goggles; hold the part in a clamp, not in the hand; a sharp bit, slowly, and let the dust fall on a damp cloth. Keep magnets from children: swallowed ones injure. Local rules and the makers' sheets come before this one.</source>
   <translation>Trag eine Schutzbrille; halte das Teil in einer Klemme, nicht in der Hand; ein scharfer Bohrer, langsam, und lass den Staub auf ein feuchtes Tuch fallen. Halte Magnete von Kindern fern: verschluckt verletzen sie. Örtliche Regeln und die Blätter der Hersteller gehen diesem hier vor.</translation>
  </message>
  <message>
   <location filename="desk/stages/build/template_sheet.py" />
   <source>Print at 100 %: this bar is %1 mm long.</source>
   <translation>Drucke mit 100 %: dieser Balken ist %1 mm lang.</translation>
  </message>
  <message>
   <location filename="desk/stages/build/template_sheet.py" />
   <source>face of the %1</source>
   <translation>Fläche: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/build/warp_dialog.py" />
   <source>It is bent, or not as long as planned</source>
   <translation>Es ist verbogen oder nicht so lang wie geplant</translation>
  </message>
  <message>
   <location filename="desk/stages/build/warp_dialog.py" />
   <source>Longest side as measured</source>
   <translation>Längste Seite, gemessen</translation>
  </message>
  <message>
   <location filename="desk/stages/build/warp_dialog.py" />
   <source> mm long</source>
   <translation> mm lang</translation>
  </message>
  <message>
   <location filename="desk/stages/build/warp_dialog.py" />
   <source>How far its middle stands off a straight edge</source>
   <translation>Wie weit die Mitte von einer geraden Kante absteht</translation>
  </message>
  <message>
   <location filename="desk/stages/build/warp_dialog.py" />
   <source> mm off a straight edge</source>
   <translation> mm von einer geraden Kante</translation>
  </message>
  <message>
   <location filename="desk/stages/build/warp_dialog.py" />
   <source>Pin it</source>
   <translation>Markieren</translation>
  </message>
  <message>
   <location filename="desk/stages/build/warp_dialog.py" />
   <source>Its longest side</source>
   <translation>Seine längste Seite</translation>
  </message>
  <message>
   <location filename="desk/stages/build/warp_dialog.py" />
   <source>Its bow</source>
   <translation>Seine Wölbung</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/cure</name>
  <message>
   <location filename="desk/stages/cure/bench.py" />
   <source>Cured by side</source>
   <translation>Gehärtet nach Seite</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/bench.py" />
   <source>Nothing waits for the lamp. Washed and dried plates come here.</source>
   <translation>Nichts wartet auf die Lampe. Gewaschene und getrocknete Platten kommen hierher.</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/bench.py" />
   <source>cured parts: %1</source>
   <translation>gehärtete Teile: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/bench.py" />
   <source>The load on the table, as the light reaches it</source>
   <translation>Die Ladung auf dem Tisch, wie das Licht sie erreicht</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/bench.py" />
   <source>turned over, too</source>
   <translation>auch umgedreht</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/bench.py" />
   <location filename="desk/stages/cure/lamp_choice.py" />
   <location filename="desk/stages/print/watch_bill.py" />
   <source>Lamp</source>
   <translation>Lampe</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/bench.py" />
   <source>supports of %1 off %2 the lamp</source>
   <translation>Stützen von %1 ab %2 der Lampe</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/bench.py" />
   <source>After a day, how did %1 come out of the light?</source>
   <translation>Wie kam %1 nach einem Tag aus dem Licht?</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/bench.py" />
   <source>Following the light</source>
   <translation>Dem Licht wird gefolgt</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/bench.py" />
   <source>Looking where tips hold thin skin</source>
   <translation>Es wird gesucht, wo Spitzen dünne Haut halten</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/bench.py" />
   <source>, of %1</source>
   <translation>, von %1</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/bench.py" />
   <source>Load 1%1: %2 parts</source>
   <translation>Ladung 1%1: %2 Teile</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/bench.py" />
   <source>pale has its dose, dark has not, red is too much</source>
   <translation>hell hat seine Dosis, dunkel nicht, rot ist zu viel</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/bench.py" />
   <source>cured %1</source>
   <translation>gehärtet: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/lamp_choice.py" />
   <location filename="desk/stages/prime/weather_dialog.py" />
   <location filename="desk/stages/print/likelihoods.py" />
   <source>From a file …</source>
   <translation>Aus einer Datei …</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/lamp_choice.py" />
   <source>Write as a file …</source>
   <translation>Als Datei schreiben …</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/lamp_choice.py" />
   <source>Lamps (*.json)</source>
   <translation>Lampen (*.json)</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/lamp_choice.py" />
   <source>A lamp</source>
   <translation>Eine Lampe</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/lamp_choice.py" />
   <source>The lamp as a file</source>
   <translation>Die Lampe als Datei</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/lamp_choice.py" />
   <source>another lamp</source>
   <translation>eine andere Lampe</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/lamp_choice.py" />
   <source>Choose another file.</source>
   <translation>Wähle eine andere Datei.</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/pictures.py" />
   <source>Dose of every part</source>
   <translation>Dosis jedes Teils</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/pictures.py" />
   <source>supports off</source>
   <translation>Stützen ab</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/pictures.py" />
   <source>Parts, worst first</source>
   <translation>Teile, das schlimmste zuerst</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/pictures.py" />
   <source>one side</source>
   <translation>eine Seite</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/pictures.py" />
   <source>%1 J/cm²</source>
   <translation>%1 J/cm²</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/pictures.py" />
   <source>%1 to %2 of %3, the next …</source>
   <translation>%1 bis %2 von %3, die nächsten …</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/pictures.py" />
   <source>Parts %1</source>
   <translation>Teile %1</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/pictures.py" />
   <source>%1: %2 to %3 J/cm², median %4; %5 of its skin under %6</source>
   <translation>%1: %2 bis %3 J/cm², Median %4; %5 der Haut unter %6</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/pictures.py" />
   <source>%1: supports off %2 the lamp; click for the other</source>
   <translation>%1: Stützen ab %2 der Lampe; klick für das andere</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source>Half as long again does for</source>
   <translation>Halb so lang noch dazu genügt</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source>Twice as long does for</source>
   <translation>Doppelt so lang genügt</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source>seconds a tip are a default; what you time or type counts instead</source>
   <translation>Sekunden je Spitze sind eine Vorgabe; was du misst oder eintippst, zählt stattdessen</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source>%1 to take off %2; %3.</source>
   <translation>%1 zum Abnehmen %2; %3.</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source>Laying the parts on the table and following the light …</source>
   <translation>Teile werden auf den Tisch gelegt, dem Licht wird gefolgt …</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source>%1, %2 min a side: after the first %3 of the skin has less than %4 J/cm², turned over %5. %6</source>
   <translation>%1, %2 min je Seite: nach der ersten haben %3 der Haut weniger als %4 J/cm², umgedreht über %5. %6</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/cure/state.py" />
   <location filename="post/curing/cure.py" />
   <source>%n load(s)</source>
   <translation>
    <numerusform>%n Ladung</numerusform>
    <numerusform>%n Ladungen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source>%1 The resin's data sheet comes first.</source>
   <translation>%1 Das Datenblatt des Harzes geht vor.</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source>The doses are as you told them</source>
   <translation>Die Dosen sind, wie du sie gesagt hast</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source>The doses are defaults, to be told under Machines and stores</source>
   <translation>Die Dosen sind Vorgaben, zu sagen unter Maschinen und Vorräte</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source>The lamp's light is as its file says. %1; the resin's data sheet comes first.</source>
   <translation>Das Licht der Lampe ist, wie ihre Datei sagt. %1; das Datenblatt des Harzes geht vor.</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source>Two sides reach all of it.</source>
   <translation>Zwei Seiten erreichen alles.</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source>On their side as well, or under a torch from within: %1.</source>
   <translation>Auch auf die Seite gelegt oder unter eine Lampe von innen: %1.</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <location filename="desk/stages/cure/state.py" />
   <location filename="progress/printing/batching.py" />
   <source> and %1</source>
   <translation> und %1</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/cure/state.py" />
   <location filename="desk/stages/cure/state.py" />
   <source>%n other(s)</source>
   <translation>
    <numerusform>%n weiteres</numerusform>
    <numerusform>%n weitere</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source>Brittle and yellow on %1 of %2%3: over %4 J/cm² where it is thinnest; cover it for the second side.</source>
   <translation>Spröde und gelb an %1 von %2%3: über %4 J/cm², wo es am dünnsten ist; deck es für die zweite Seite ab.</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source>No light comes to %1 of %2%3: a torch through the drain.</source>
   <translation>Kein Licht kommt zu %1 von %2%3: eine Lampe durch den Abfluss.</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source>Looking where tips hold thin skin …</source>
   <translation>Es wird gesucht, wo Spitzen dünne Haut halten …</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source>Snip: no tip holds thin skin.</source>
   <translation>Abknipsen: keine Spitze hält dünne Haut.</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source> And %1 more.</source>
   <translation> Und %1 mehr.</translation>
  </message>
  <message>
   <location filename="desk/stages/cure/state.py" />
   <source>Snip: %1.%2</source>
   <translation>Abknipsen: %1.%2</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/finish</name>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>What bases and decals take</source>
   <translation>Was Bases und Abziehbilder brauchen</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Layers, from below</source>
   <translation>Schichten, von unten</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <location filename="desk/stages/finish/base_page.py" />
   <source>Decals to cut</source>
   <translation>Abziehbilder zum Schneiden</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>, %1 of the top</source>
   <translation>, %1 der Oberseite</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>%1 × %2 mm %3</source>
   <translation>%1 × %2 mm %3</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Where something strewn would lie</source>
   <translation>Wo etwas Gestreutes läge</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Recipe …</source>
   <translation>Rezept …</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Layers under a name that several units go by: changed once, changed for all</source>
   <translation>Schichten unter einem Namen, nach dem mehrere Einheiten gehen: einmal geändert, für alle geändert</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Layers …</source>
   <translation>Schichten …</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Decals …</source>
   <translation>Abziehbilder …</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Stacked of …</source>
   <translation>Gestapelt aus …</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Plate, riser, cork, bark: their height and weight count where it stands and travels</source>
   <translation>Platte, Sockel, Kork, Rinde: ihre Höhe und ihr Gewicht zählen, wo es steht und reist</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Cut list …</source>
   <translation>Schnittliste …</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Every decal at its size: a sheet to cut, or a table</source>
   <translation>Jedes Abziehbild in seiner Größe: ein Bogen zum Schneiden oder eine Tabelle</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>%1 %2 %3 Feet take a quarter of a base's top (default).</source>
   <translation>%1 %2 %3 Füße brauchen ein Viertel der Oberseite einer Base (Vorgabe).</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>pale: where something strewn would lie</source>
   <translation>hell: wo etwas Gestreutes läge</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Looking where it would lie</source>
   <translation>Es wird gesucht, wo es läge</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>%1: bases of all that go by it</source>
   <translation>%1: Bases aller, die danach gehen</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Bases of %1</source>
   <translation>Bases von %1</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Decals of %1</source>
   <translation>Abziehbilder von %1</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>What bases of %1 are stacked of</source>
   <translation>Woraus Bases von %1 gestapelt sind</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>stacked bases</source>
   <translation>gestapelte Bases</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Its own layers</source>
   <translation>Eigene Schichten</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Keep these layers as a recipe …</source>
   <translation>Diese Schichten als Rezept behalten …</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>All units by %1</source>
   <translation>Alle Einheiten nach %1</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Forget %1</source>
   <translation>%1 vergessen</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>A recipe for bases</source>
   <translation>Ein Rezept für Bases</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Its name: fen mud, quay stones, snow</source>
   <translation>Sein Name: Sumpfschlamm, Kaisteine, Schnee</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>recipe %1</source>
   <translation>Rezept %1</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Sheet at 1:1 (*.svg)</source>
   <translation>Bogen 1:1 (*.svg)</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_page.py" />
   <source>Table (*.csv)</source>
   <translation>Tabelle (*.csv)</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_state.py" />
   <source> and on %1 mm² of the figure itself</source>
   <translation> und auf %1 mm² der Figur selbst</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_state.py" />
   <source>Strewn from above it lies on %1 mm² of %2's base%3.</source>
   <translation>Von oben gestreut liegt es auf %1 mm² der Base von %2%3.</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_state.py" />
   <source>Bases of %1: %2 to go, %3 mm</source>
   <translation>Bases von %1: noch %2, %3 mm</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_state.py" />
   <source>By the army's %1%2</source>
   <translation>Nach %1 der Armee%2</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_state.py" />
   <source>, as %1.</source>
   <translation>, wie %1.</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_state.py" />
   <source>A recipe has a name and layers.</source>
   <translation>Ein Rezept hat einen Namen und Schichten.</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_state.py" />
   <source>Lay the layers down first, then name them.</source>
   <translation>Leg zuerst die Schichten, dann gib ihnen einen Namen.</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_state.py" />
   <source>There is a recipe %1 already.</source>
   <translation>Ein Rezept %1 gibt es schon.</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_state.py" />
   <source>Take another name, or go by that one.</source>
   <translation>Nimm einen anderen Namen oder geh nach jenem.</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_state.py" />
   <source> What is laid wet dries %1 (default) before the next.</source>
   <translation> Was nass gelegt wird, trocknet %1 (Vorgabe) vor dem nächsten.</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_state.py" />
   <source>Stacked of %1: %2 mm high, %3 g.%4</source>
   <translation>Gestapelt aus %1: %2 mm hoch, %3 g.%4</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/finish/base_state.py" />
   <location filename="desk/stages/muster/evenings_page.py" />
   <source>%n piece(s)</source>
   <translation>
    <numerusform>%n Stück</numerusform>
    <numerusform>%n Stück</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_state.py" />
   <source>Earth</source>
   <translation>Erde</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_state.py" />
   <location filename="domain/purchases.py" />
   <source>Tufts</source>
   <translation>Büschel</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/base_state.py" />
   <source>Rim</source>
   <translation>Rand</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>Acrylic, then gloss varnish, decals and oil or enamel wash, spirit, overnight, matt varnish; pigments and tufts last.</source>
   <translation>Acryl, dann Glanzlack, Abziehbilder und Öl- oder Emaille-Wash, Terpentin, über Nacht, Mattlack; Pigmente und Büschel zuletzt.</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>Last look</source>
   <translation>Letzter Blick</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <location filename="domain/purchases.py" />
   <source>Bases</source>
   <translation>Bases</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>Photographs</source>
   <translation>Fotos</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>Finishing steps by figure</source>
   <translation>Schritte des Vollendens je Figur</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <location filename="desk/stages/muster/evenings_page.py" />
   <location filename="desk/stages/print/run_list.py" />
   <location filename="desk/widgets/places.py" />
   <source>and %1 more</source>
   <translation>und %1 weitere</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>not asked</source>
   <translation>nicht verlangt</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>to do</source>
   <translation>zu tun</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <location filename="paint/finishing/finish_steps.py" />
   <source>Step</source>
   <translation>Schritt</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>Done for all</source>
   <translation>Für alle getan</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>Finishing steps …</source>
   <translation>Schritte des Vollendens …</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>What is done after painting, in which order; checked by its solvents</source>
   <translation>Was nach dem Bemalen in welcher Reihenfolge getan wird; nach seinen Lösemitteln geprüft</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>A figure that waits for this step, painted</source>
   <translation>Eine Figur, die auf diesen Schritt wartet, bemalt</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>Finish</source>
   <translation>Vollenden</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>Nothing waits for varnish or basing. Painted figures come here.</source>
   <translation>Nichts wartet auf Lack oder Base. Bemalte Figuren kommen hierher.</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>See Paint</source>
   <translation>Zu Bemalen</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>waits for %1</source>
   <translation>wartet auf %1</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>last look</source>
   <translation>letzter Blick</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>looked at from the %1</source>
   <translation>angesehen von %1</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>%1, before varnish</source>
   <translation>%1, vor dem Lack</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/bench.py" />
   <source>%1 now; dries %2 min</source>
   <translation>%1 jetzt; trocknet %2 min</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/last_look_page.py" />
   <source>The figure from its four sides</source>
   <translation>Die Figur von ihren vier Seiten</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/last_look_page.py" />
   <source>%1: looked at</source>
   <translation>%1: angesehen</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/last_look_page.py" />
   <source>%1: tick once you looked at it</source>
   <translation>%1: haken, wenn du sie angesehen hast</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/last_look_state.py" />
   <source>Looked at from all sides: ready for varnish once the places are dealt with.</source>
   <translation>Von allen Seiten angesehen: bereit für Lack, sobald die Stellen erledigt sind.</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/last_look_state.py" />
   <source>%1 to look at still: %2. Tick a side once you looked at it.</source>
   <translation>Noch %1 anzusehen: %2. Hak eine Seite ab, wenn du sie angesehen hast.</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/finish/last_look_state.py" />
   <source>%n side(s)</source>
   <translation>
    <numerusform>%n Seite</numerusform>
    <numerusform>%n Seiten</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/finish/photo_page.py" />
   <source>Who was photographed from which side</source>
   <translation>Wer von welcher Seite fotografiert ist</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/photo_page.py" />
   <source>Set it up</source>
   <translation>Aufbauen</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/photo_page.py" />
   <source>to be taken</source>
   <translation>noch aufzunehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/photo_page.py" />
   <source>As the scheme has it</source>
   <translation>Wie das Farbschema es hat</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/photo_page.py" />
   <source>Photograph of the side in hand</source>
   <translation>Foto der gewählten Seite</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/photo_page.py" />
   <source>Grey card …</source>
   <translation>Graukarte …</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/photo_page.py" />
   <source>Where the card stands in the picture: the ring can be dragged</source>
   <translation>Wo die Karte im Bild steht: der Ring lässt sich ziehen</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/photo_page.py" />
   <source>Attach …</source>
   <translation>Anhängen …</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/photo_page.py" />
   <source>No photograph yet: %1, %2.</source>
   <translation>Noch kein Foto: %1, %2.</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/photo_page.py" />
   <location filename="desk/stages/finish/photo_page.py" />
   <source>grey card</source>
   <translation>Graukarte</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/photo_page.py" />
   <source>In white light, by the grey card.</source>
   <translation>In weißem Licht, nach der Graukarte.</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/photo_page.py" />
   <source>As the camera saw it: point at the grey card.</source>
   <translation>Wie die Kamera es sah: zeig auf die Graukarte.</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/photo_page.py" />
   <source>A photograph</source>
   <translation>Ein Foto</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/photo_page.py" />
   <source>photograph, %1</source>
   <translation>Foto, %1</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/photo_page.py" />
   <source>a grey card</source>
   <translation>eine Graukarte</translation>
  </message>
  <message>
   <location filename="desk/stages/finish/photo_state.py" />
   <source>%1 of %2 photographed from all sides</source>
   <translation>%1 von %2 von allen Seiten fotografiert</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/muster</name>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>Forecast</source>
   <translation>Vorhersage</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>Evenings</source>
   <translation>Abende</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>Units</source>
   <translation>Einheiten</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>Week</source>
   <translation>Woche</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <location filename="desk/stages/prime/bench.py" />
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>Unit</source>
   <translation>Einheit</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>Base mm</source>
   <translation>Base, mm</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>Bought price</source>
   <translation>Kaufpreis</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>Units of the army</source>
   <translation>Einheiten der Armee</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>A unit: figures that fight together (Ctrl+U)</source>
   <translation>Eine Einheit: Figuren, die zusammen kämpfen (Strg+U)</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>Change this unit</source>
   <translation>Diese Einheit ändern</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>Who is in the army: units with their count, base and kit.</source>
   <translation>Wer in der Armee ist: Einheiten mit Anzahl, Base und Bausatz.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>Hobby minutes</source>
   <translation>Hobbyminuten</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>At home and awake (24 h clock)</source>
   <translation>Zu Hause und wach (24 Stunden)</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>hobby minutes</source>
   <translation>Hobbyminuten</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>hobby time from</source>
   <translation>Hobbyzeit ab</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>hours at home and awake</source>
   <translation>Stunden zu Hause und wach</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source> % of evenings kept</source>
   <translation> % Abende</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>Share of evenings kept</source>
   <translation>Anteil gehaltener Abende</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>Parts washed at once</source>
   <translation>Teile auf einmal gewaschen</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>Parts cured at once</source>
   <translation>Teile auf einmal gehärtet</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>Time zone</source>
   <translation>Zeitzone</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>this computer's time zone; else like Europe/London</source>
   <translation>die Zeitzone dieses Rechners; sonst etwa Europe/London</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>The tub takes</source>
   <translation>Kübel</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>parts, the lamp</source>
   <translation>Teile, Lampe</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>Clocks of</source>
   <translation>Zeit in</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source> at the bench</source>
   <translation> Leute</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>People at the bench in hobby time</source>
   <translation>Leute an der Werkbank in der Hobbyzeit</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>Keep this week</source>
   <translation>Woche behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>The forecast and the watch bill follow at once</source>
   <translation>Vorhersage und Wachplan folgen sofort</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>Machines are started and met only while someone is at home and awake; hands work in hobby time.</source>
   <translation>Maschinen werden nur gestartet und abgewartet, wenn jemand zu Hause und wach ist; Hände arbeiten in der Hobbyzeit.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>change the week</source>
   <translation>die Woche ändern</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/bench.py" />
   <source>No army is mustered in this book. An army has a name, a date and the hours there are; its units have figures.</source>
   <translation>In diesem Buch ist keine Armee aufgestellt. Eine Armee hat einen Namen, ein Datum und die Stunden, die es gibt; ihre Einheiten haben Figuren.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_page.py" />
   <location filename="desk/stages/paint/line/page.py" />
   <source>‹ Earlier</source>
   <translation>‹ Früher</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_page.py" />
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Later ›</source>
   <translation>Später ›</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_page.py" />
   <source>Planning the evenings</source>
   <translation>Die Abende werden geplant</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_page.py" />
   <source>Planning the evenings …</source>
   <translation>Die Abende werden geplant …</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_page.py" />
   <source>The evenings to come</source>
   <translation>Die kommenden Abende</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_page.py" />
   <location filename="desk/stages/muster/evenings_page.py" />
   <source>%1 to %2: %3; %4</source>
   <translation>%1 bis %2: %3; %4</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_page.py" />
   <source>in the baths and drying</source>
   <translation>in den Bädern und am Trocknen</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_page.py" />
   <source>supports off, under the lamp</source>
   <translation>Stützen ab, unter der Lampe</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_page.py" />
   <source>%1 until %2</source>
   <translation>%1 bis %2</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_page.py" />
   <source>The evening chosen, piece by piece</source>
   <translation>Der gewählte Abend, Stück für Stück</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_page.py" />
   <source>%1, piece by piece</source>
   <translation>%1, Stück für Stück</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_page.py" />
   <location filename="desk/stages/prime/first_colour.py" />
   <location filename="words.py" />
   <source>%1 min</source>
   <translation>%1 min</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_state.py" />
   <source>Nothing is left to do.</source>
   <translation>Nichts bleibt zu tun.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_state.py" />
   <source>More than all evenings to come hold; the first of them, to %1</source>
   <translation>Mehr, als alle kommenden Abende fassen; die ersten davon, bis %1</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_state.py" />
   <source>Every evening kept, the last is %1, %2</source>
   <translation>Wird jeder Abend gehalten, ist der letzte %1, %2</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_state.py" />
   <source>%1, nothing failing.</source>
   <translation>%1, wenn nichts misslingt.</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/muster/evenings_state.py" />
   <source>%n evening(s)</source>
   <translation>
    <numerusform>%n Abend</numerusform>
    <numerusform>%n Abende</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_state.py" />
   <source>With evenings lost and parts that fail the forecast's middle is %1.</source>
   <translation>Mit ausgefallenen Abenden und misslungenen Teilen ist die Mitte der Vorhersage %1.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_state.py" />
   <source>%1 on no plate yet: when they come is a default.</source>
   <translation>%1 noch auf keiner Platte: wann sie kommen, ist eine Vorgabe.</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/muster/evenings_state.py" />
   <location filename="desk/stages/paint/line/page.py" />
   <location filename="desk/stages/paint/line/pictures.py" />
   <location filename="desk/stages/paint/line/state.py" />
   <location filename="desk/stages/paint/looks/state.py" />
   <location filename="desk/stages/paint/rack/page.py" />
   <location filename="desk/stages/paint/rack/page.py" />
   <location filename="desk/stages/paint/rack/page.py" />
   <location filename="desk/stages/paint/rack/page.py" />
   <location filename="desk/stages/paint/rack/page.py" />
   <location filename="desk/stages/paint/rack/replace_dialog.py" />
   <source>%n pot(s)</source>
   <translation>
    <numerusform>%n Topf</numerusform>
    <numerusform>%n Töpfe</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/muster/evenings_state.py" />
   <source>%1 of %2 min</source>
   <translation>%1 von %2 min</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source> %1 without parts: not counted yet.</source>
   <translation> %1 ohne Teile: noch nicht gezählt.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>From %1.</source>
   <translation>Aus %1.</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>%n measured step(s)</source>
   <translation>
    <numerusform>%n gemessenen Schritt</numerusform>
    <numerusform>%n gemessenen Schritten</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>From %1 of ticked work; no step was timed.</source>
   <translation>Aus %1 abgehakter Arbeit; kein Schritt wurde gestoppt.</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>%n week(s)</source>
   <translation>
    <numerusform>%n Woche</numerusform>
    <numerusform>%n Wochen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>Minutes are defaults: no step was timed yet.</source>
   <translation>Minuten sind Vorgaben: noch wurde kein Schritt gestoppt.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>Forecast: twenty equally likely ends</source>
   <translation>Vorhersage: zwanzig gleich wahrscheinliche Enden</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>All of it is ready</source>
   <translation>Alles ist fertig</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>Nothing is left to do for hands or machines.</source>
   <translation>Für Hände und Maschinen bleibt nichts zu tun.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <location filename="desk/stages/muster/tried_pictures.py" />
   <location filename="desk/stages/paint/line/chances.py" />
   <source>%1 in 20</source>
   <translation>%1 von 20</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>%n chance(s)</source>
   <translation>
    <numerusform>%n Chance</numerusform>
    <numerusform>%n Chancen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>Very likely all of it.</source>
   <translation>Sehr wahrscheinlich alles.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>Probably all of it.</source>
   <translation>Wahrscheinlich alles.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>Probably not all of it.</source>
   <translation>Wahrscheinlich nicht alles.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>%1 late</source>
   <translation>%1 zu spät</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>%1 before the date</source>
   <translation>%1 vor dem Datum</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>on the day</source>
   <translation>am Tag selbst</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>%1 The middle outcome is %2, %3. Half of the outcomes fall between %4 and %5, nine in ten between %6 and %7.</source>
   <translation>%1 Das mittlere Ende ist %2, %3. Die Hälfte der Enden liegt zwischen %4 und %5, neun von zehn zwischen %6 und %7.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>%1 of hands still to do; %2 there are by the date.</source>
   <translation>Noch %1 Handarbeit; %2 gibt es bis zum Datum.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source> Earlier forecasts ran %1 days %2.</source>
   <translation> Frühere Vorhersagen lagen %1 Tage %2.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>Twenty evenly spaced quantiles of 600 drawn futures: your minutes against the plan, evenings kept, failed parts and how busy the machines are, each within what your journal knows.</source>
   <translation>Zwanzig gleichmäßige Quantile von 600 gewürfelten Zukünften: deine Minuten gegen den Plan, gehaltene Abende, misslungene Teile und wie beschäftigt die Maschinen sind, jedes in dem, was dein Journal weiß.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>One dot is one outcome in twenty</source>
   <translation>Ein Punkt ist ein Ende von zwanzig</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>%1: %2 min of hobby time set aside</source>
   <translation>%1: %2 min Hobbyzeit zurückgelegt</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>Hours of hands set aside</source>
   <translation>Zurückgelegte Handstunden</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>by %1</source>
   <translation>bis %1</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>Muster</source>
   <translation>Musterung</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>Print</source>
   <translation>Drucken</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <location filename="desk/stages/paint/bench.py" />
   <location filename="desk/stages/paint/schools/state.py" />
   <location filename="desk/stages/ready/bench.py" />
   <source>Paint</source>
   <translation>Bemalen</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>likely ready</source>
   <translation>fertig etwa</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>%1: nine in ten after %2 and before %3</source>
   <translation>%1: neun von zehn nach %2 und vor %3</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/forecast_pictures.py" />
   <source>. It %1</source>
   <translation>. Es %1</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/state.py" />
   <source>Monday</source>
   <translation>Montag</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/state.py" />
   <source>Tuesday</source>
   <translation>Dienstag</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/state.py" />
   <source>Wednesday</source>
   <translation>Mittwoch</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/state.py" />
   <source>Thursday</source>
   <translation>Donnerstag</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/state.py" />
   <source>Friday</source>
   <translation>Freitag</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/state.py" />
   <source>Saturday</source>
   <translation>Samstag</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/state.py" />
   <source>Sunday</source>
   <translation>Sonntag</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/state.py" />
   <source>The date, %1, is past. Set another under Week.</source>
   <translation>Das Datum, %1, ist vorbei. Setze ein anderes unter Woche.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/state.py" />
   <source>No machine is in service, nor told by when one is mended: printing is counted as if one were.</source>
   <translation>Keine Maschine ist in Betrieb, und keine hat gesagt, wann sie repariert ist: gedruckt wird gerechnet, als wäre eine da.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/state.py" />
   <source>%1 has no figures: nothing of it is counted.</source>
   <translation>%1 hat keine Figuren: nichts davon wird gezählt.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/state.py" />
   <source>No units yet: add one under Units.</source>
   <translation>Noch keine Einheiten: füge unter Einheiten eine hinzu.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/state.py" />
   <source>Sort scales a base at a click.</source>
   <translation>Sortieren skaliert eine Base mit einem Klick.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/state.py" />
   <source>There is no army yet to give a week.</source>
   <translation>Noch ist keine Armee da, der eine Woche zu geben wäre.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/state.py" />
   <source>Start one first.</source>
   <translation>Beginne zuerst eine.</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/tried_pictures.py" />
   <source>What moves the date most</source>
   <translation>Was das Datum am meisten bewegt</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/tried_pictures.py" />
   <source>What moves it most</source>
   <translation>Was es am meisten bewegt</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/tried_pictures.py" />
   <source>days earlier or later than %1</source>
   <translation>Tage früher oder später als %1</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/tried_pictures.py" />
   <source>%1, one in ten either way (%2), everything else in the middle</source>
   <translation>%1, eines von zehn nach jeder Seite (%2), alles andere in der Mitte</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/tried_pictures.py" />
   <location filename="desk/stages/muster/tried_pictures.py" />
   <location filename="desk/stages/print/planned.py" />
   <source>What would help</source>
   <translation>Was helfen würde</translation>
  </message>
  <message>
   <location filename="desk/stages/muster/tried_pictures.py" />
   <source>each tried with the same dice; nothing is changed by looking</source>
   <translation>je mit denselben Würfeln; Hinsehen ändert nichts</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/paint</name>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <location filename="desk/window_commands.py" />
   <source>Line</source>
   <translation>Linie</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>Zones</source>
   <translation>Zonen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>Scheme</source>
   <translation>Schema</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>Schools</source>
   <translation>Schulen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>Recipe</source>
   <translation>Rezept</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>Value</source>
   <translation>Tonwert</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <location filename="desk/stages/paint/rack/page.py" />
   <location filename="desk/window_commands.py" />
   <source>Rack</source>
   <translation>Regal</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <location filename="desk/stages/paint/recipe/page.py" />
   <location filename="desk/window_commands.py" />
   <location filename="paint/rows.py" />
   <source>Mix</source>
   <translation>Mischen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>Next stroke done</source>
   <translation>Getan</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>The next stroke of this zone, on every figure of the batch that is ready for it</source>
   <translation>Der nächste Auftrag dieser Zone, an jeder Figur der Gruppe, die dafür bereit ist</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>Bench mode   F11</source>
   <translation>F11</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>One stroke at a time in large letters; space or a foot pedal goes on</source>
   <translation>Ein Auftrag nach dem anderen in großen Buchstaben; Leertaste oder Fußschalter geht weiter</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>Add a pot …</source>
   <translation>Einen Topf hinzufügen …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>A pot with its name; what is not told is a default, and called one</source>
   <translation>Ein Topf mit seinem Namen; was nicht gesagt wird, ist eine Vorgabe und heißt so</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>Use in a stroke …</source>
   <translation>In einem Auftrag nutzen …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>A stroke of the scheme is mixed so from now on</source>
   <translation>Ein Auftrag des Farbschemas wird von nun an so gemischt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>Paint it so</source>
   <translation>So bemalen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>The chosen school's strokes become the zone's recipe; undo brings the old one back</source>
   <translation>Die Aufträge der gewählten Schule werden das Rezept der Zone; Rückgängig bringt das alte zurück</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>Take this one</source>
   <translation>Dieses nehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>What is chosen is what the army is painted by; undo brings the old back</source>
   <translation>Nach dem Gewählten wird die Armee bemalt; Rückgängig bringt das alte zurück</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>Keep this mix …</source>
   <translation>Diese Mischung behalten …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>It gets a name and stands on the rack, for any recipe</source>
   <translation>Sie bekommt einen Namen und steht im Regal, für jedes Rezept</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>Nobody waits for paint. Primed figures come here and are painted as one batch.</source>
   <translation>Niemand wartet auf Farbe. Grundierte Figuren kommen hierher und werden als eine Gruppe bemalt.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>See Prime</source>
   <translation>Zu Grundieren</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>Open the rack</source>
   <translation>Das Regal öffnen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>Paint: %1</source>
   <translation>Bemalen: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/bench.py" />
   <source>all units</source>
   <translation>alle Einheiten</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/paint/colours</name>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>The card: a row of greys, the swatches over black with bare black at both ends, greys, the same over white, greys. Greys repeat from left to right; each row begins one further for each row down.</source>
   <translation>Die Karte: eine Reihe Grautöne, die Farbfelder über Schwarz mit nacktem Schwarz an beiden Enden, Grautöne, dasselbe über Weiß, Grautöne. Grautöne wiederholen sich von links nach rechts; jede Reihe beginnt einen weiter für jede Reihe hinab.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>Measure from a photographed card</source>
   <translation>Von einer fotografierten Karte messen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>Photograph of the card</source>
   <translation>Foto der Karte</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>Open a photograph of the card, then drag the four corners onto its own.</source>
   <translation>Öffne ein Foto der Karte und zieh dann die vier Ecken auf ihre eigenen.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>swatches on it: </source>
   <translation>Farbfelder darauf: </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>dry film: </source>
   <translation>trockener Film: </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>What the card's greys reflect, in percent</source>
   <translation>Was die Grautöne der Karte zurückwerfen, in Prozent</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>What your card's greys reflect, in percent, in the order of its first row</source>
   <translation>Was die Grautöne deiner Karte zurückwerfen, in Prozent, in der Reihenfolge ihrer ersten Reihe</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>Which swatch this pot is</source>
   <translation>Welches Farbfeld dieser Topf ist</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>Open a photograph …</source>
   <translation>Ein Foto öffnen …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>greys, %</source>
   <translation>Grautöne, %</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>Open a photograph</source>
   <translation>Ein Foto öffnen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>top left</source>
   <translation>oben links</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>top right</source>
   <translation>oben rechts</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>bottom right</source>
   <translation>unten rechts</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>bottom left</source>
   <translation>unten links</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>swatch %1: %2</source>
   <translation>Farbfeld %1: %2</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/card_dialog.py" />
   <source>Read. The light was uneven by %1, taken out; grounds reflect %2 and %3; error bars up to %4 ΔE.</source>
   <translation>Gelesen. Das Licht war um %1 ungleich, herausgerechnet; die Gründe werfen %2 und %3 zurück; Fehlerbalken bis %4 ΔE.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/colour_dialog.py" />
   <source>18 % grey</source>
   <translation>18 % Grau</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/colour_dialog.py" />
   <source>kept swatch</source>
   <translation>behaltenes Farbfeld</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/colour_dialog.py" />
   <source>read here</source>
   <translation>hier gelesen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/colour_dialog.py" />
   <source>What colour is it?</source>
   <translation>Welche Farbe hat es?</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/colour_dialog.py" />
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <location filename="paint/figure/schools.py" />
   <location filename="paint/figure/schools.py" />
   <location filename="paint/figure/schools.py" />
   <source>Colour</source>
   <translation>Farbe</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/colour_dialog.py" />
   <location filename="desk/stages/paint/mix/page.py" />
   <source>Picture to read the colour from</source>
   <translation>Bild, aus dem die Farbe gelesen wird</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/colour_dialog.py" />
   <source>Or open a picture and put the ring on the place.</source>
   <translation>Oder öffne ein Bild und setz den Ring auf die Stelle.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/colour_dialog.py" />
   <source>What lies beside it in the picture, lit alike</source>
   <translation>Was im Bild daneben liegt, gleich beleuchtet</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/colour_dialog.py" />
   <source>Nothing known lies beside it</source>
   <translation>Nichts Bekanntes liegt daneben</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/colour_dialog.py" />
   <source>An 18 % grey card lies beside it, lit alike</source>
   <translation>Eine Graukarte mit 18 % liegt daneben, gleich beleuchtet</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/colour_dialog.py" />
   <source>The kept swatch of %1 lies beside it, lit alike</source>
   <translation>Das behaltene Farbfeld von %1 liegt daneben, gleich beleuchtet</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/colour_dialog.py" />
   <location filename="desk/stages/paint/value/photo_dialog.py" />
   <source>Open a picture …</source>
   <translation>Ein Bild öffnen …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/colour_dialog.py" />
   <location filename="desk/stages/paint/mix/page.py" />
   <location filename="desk/stages/paint/value/photo_dialog.py" />
   <source>Open a picture</source>
   <translation>Ein Bild öffnen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/colours/colour_dialog.py" />
   <source>%1 ± %2 ΔE; its pixels spread over %3</source>
   <translation>%1 ± %2 ΔE; seine Pixel streuen über %3</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/paint/figure</name>
  <message>
   <location filename="desk/stages/paint/figure/laying.py" />
   <location filename="desk/stages/paint/figure/laying.py" />
   <source>Sketching the paint</source>
   <translation>Die Farbe wird skizziert</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/laying.py" />
   <source>Laying paint on the figure</source>
   <translation>Farbe wird auf die Figur gelegt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/page.py" />
   <source>A figure of the batch in its colours</source>
   <translation>Eine Figur der Gruppe in ihren Farben</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/page.py" />
   <source>Zone of the skin that has none</source>
   <translation>Zone der Haut, die keine hat</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/page.py" />
   <source>Name it</source>
   <translation>Benennen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/page.py" />
   <source>All skin of the batch that has no zone is of this one</source>
   <translation>Alle Haut der Gruppe, die keine Zone hat, gehört zu dieser</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/page.py" />
   <source>%1, %2 together</source>
   <translation>%1 (%2)</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/page.py" />
   <source>level: %1</source>
   <translation>Stufe %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/page.py" />
   <source>Of no zone yet: %1%2. What are they painted as?</source>
   <translation>Noch in keiner Zone: %1%2. Als was werden sie bemalt?</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/page.py" />
   <source>Colouring the figure</source>
   <translation>Die Figur wird gefärbt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/page.py" />
   <source>%1, %2 of %3</source>
   <translation>%1, %2 von %3</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/page.py" />
   <location filename="desk/stages/paint/line/page.py" />
   <source>Looking where zones touch</source>
   <translation>Es wird gesucht, wo Zonen sich berühren</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/page.py" />
   <source>No zone to paint</source>
   <translation>Keine Zone zu bemalen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/page.py" />
   <source>%1 strokes, %2 a figure, dries %3</source>
   <translation>%1 Aufträge, %2 je Figur, trocknet %3</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/page.py" />
   <location filename="progress/planning/task_kinds.py" />
   <source>%1 on %2, %3</source>
   <translation>%1 auf %2, %3</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/page.py" />
   <source>Naming zones</source>
   <translation>Zonen werden benannt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/page.py" />
   <source>named %1</source>
   <translation>%1 benannt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/pictures.py" />
   <source>Strokes of the zone</source>
   <translation>Aufträge der Zone</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/pictures.py" />
   <source>over what lies below</source>
   <translation>über dem, was darunter liegt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/pictures.py" />
   <source>a paint is gone</source>
   <translation>eine Farbe fehlt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/pictures.py" />
   <source>%1, dries %2, from %3</source>
   <translation>%1, trocknet %2, aus %3</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/pictures.py" />
   <source>%1: %2; %3 of %4 figures have it</source>
   <translation>%1: %2; %3 von %4 Figuren haben es</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/pictures.py" />
   <location filename="desk/stages/paint/figure/pictures.py" />
   <source>At table distance</source>
   <translation>Auf Tischabstand</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/pictures.py" />
   <source>As painted</source>
   <translation>Wie bemalt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/pictures.py" />
   <source>Value only</source>
   <translation>Nur Tonwert</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/pictures.py" />
   <source>%1 melts into %2: %3 apart.</source>
   <translation>%1 gleicht %2: nur %3.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/pictures.py" />
   <source>Shade one down or light the other.</source>
   <translation>Dunkle eine ab oder helle die andere auf.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/pictures.py" />
   <source>Neighbouring zones stand apart in value.</source>
   <translation>Benachbarte Zonen stehen im Tonwert auseinander.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/state.py" />
   <source>Still needed here: %1. </source>
   <translation>Hier noch gebraucht: %1. </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/figure/state.py" />
   <source>This zone is done. </source>
   <translation>Diese Zone ist fertig. </translation>
  </message>
 </context>
 <context>
  <name>desk/stages/paint/line</name>
  <message>
   <location filename="desk/stages/paint/line/bench_mode.py" />
   <location filename="desk/stages/steps/bench_mode.py" />
   <source>The step in hand, large</source>
   <translation>Der Schritt zur Hand, groß</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/bench_mode.py" />
   <source>All painted. Nothing of this batch waits for a brush.</source>
   <translation>Alles bemalt. Nichts aus dieser Gruppe wartet auf einen Pinsel.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/bench_mode.py" />
   <location filename="desk/stages/paint/line/pictures.py" />
   <location filename="paint/priming/primer.py" />
   <source>Set up</source>
   <translation>Aufbauen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/bench_mode.py" />
   <location filename="desk/stages/paint/line/pictures.py" />
   <location filename="desk/stages/steps/bench_mode.py" />
   <source>Now</source>
   <translation>Jetzt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/bench_mode.py" />
   <location filename="desk/stages/paint/line/pictures.py" />
   <location filename="desk/stages/steps/bench_mode.py" />
   <source>Next</source>
   <translation>Als Nächstes</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/bench_mode.py" />
   <location filename="desk/stages/steps/bench_mode.py" />
   <source>Later</source>
   <translation>Später</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/bench_mode.py" />
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>of %1</source>
   <translation>von %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/bench_mode.py" />
   <source>Wet until %1. Space: it is dry</source>
   <translation>Nass bis %1. Leertaste: es ist trocken</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/bench_mode.py" />
   <location filename="desk/stages/steps/bench_mode.py" />
   <source>Space: %1</source>
   <translation>Leertaste: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/bench_mode.py" />
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>Drying</source>
   <translation>Trocknet</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/bench_mode.py" />
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>Nothing is wet</source>
   <translation>Nichts ist nass</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/bench_mode.py" />
   <location filename="desk/stages/steps/bench_mode.py" />
   <source>Then</source>
   <translation>Dann</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/bench_mode.py" />
   <location filename="desk/stages/steps/bench_mode.py" />
   <source>Mind: %1. %2</source>
   <translation>Achtung: %1. %2</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/bench_mode.py" />
   <source>ventilate; no brush in the mouth</source>
   <translation>lüften; kein Pinsel in den Mund</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/bench_mode.py" />
   <source>P pause    </source>
   <translation>P Pause    </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/bench_mode.py" />
   <source>The figure with the zone in hand lit</source>
   <translation>Die Figur mit der Zone zur Hand im Licht</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/bench_mode.py" />
   <source>%1 of %2 is dry</source>
   <translation>%1 von %2 ist trocken</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/chances.py" />
   <source>Will the date hold</source>
   <translation>Wird das Datum halten</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/chances.py" />
   <source>%1: %2 in 20%3</source>
   <translation>%1: %2 von 20%3</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/chances.py" />
   <source>, click to see what it looks like</source>
   <translation>, klick, um zu sehen, wie es aussieht</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/chances.py" />
   <source>What a lighter way to paint loses</source>
   <translation>Was eine leichtere Art zu malen verliert</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/chances.py" />
   <source>Painting both …</source>
   <translation>Beides wird gemalt …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/chances.py" />
   <source>loses %1</source>
   <translation>verliert %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/chances.py" />
   <source>gains %1</source>
   <translation>gewinnt %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/chances.py" />
   <source>keeps all</source>
   <translation>behält alles</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/chances.py" />
   <source>%1: across a table it %2 of the light and dark, and takes %3 less a figure.</source>
   <translation>%1: über einen Tisch %2 es von Hell und Dunkel und braucht %3 weniger je Figur.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/page.py" />
   <source>stroke in hand</source>
   <translation>Auftrag zur Hand</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/page.py" />
   <source>All units</source>
   <translation>Alle Einheiten</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/page.py" />
   <source>Paint across units, as the plan of the evenings has it</source>
   <translation>Über Einheiten hinweg malen, wie der Plan der Abende es hat</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/page.py" />
   <source>How long paint dries goes by the air at the bench</source>
   <translation>Wie lange Farbe trocknet, geht nach der Luft an der Werkbank</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/page.py" />
   <source>Next evening ›</source>
   <translation>Nächster Abend ›</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/page.py" />
   <source>%1 this evening, %2 to come</source>
   <translation>%1 heute Abend, %2 kommen noch</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/paint/line/page.py" />
   <location filename="desk/stages/paint/looks/state.py" />
   <location filename="desk/stages/paint/mix/state.py" />
   <location filename="desk/stages/paint/rack/page.py" />
   <location filename="desk/stages/paint/recipe/page.py" />
   <location filename="progress/figure_records/breakage.py" />
   <location filename="progress/pace/rates.py" />
   <source>%n stroke(s)</source>
   <translation>
    <numerusform>%n Auftrag</numerusform>
    <numerusform>%n Aufträge</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/page.py" />
   <source>Planning the evening</source>
   <translation>Der Abend wird geplant</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/page.py" />
   <source>hands %1 min, %2 opened; %3</source>
   <translation>Hände %1 min, %2 geöffnet; %3</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/page.py" />
   <source>Will %1 hold?</source>
   <translation>Wird %1 halten?</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/page.py" />
   <source>Painting both</source>
   <translation>Beides wird gemalt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/page.py" />
   <source>a stroke on %1</source>
   <translation>ein Auftrag auf %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>the pot is ready</source>
   <translation>der Topf ist bereit</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>The stroke in hand</source>
   <translation>Der Auftrag zur Hand</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>Nothing is left to paint on these figures.</source>
   <translation>An diesen Figuren bleibt nichts zu malen.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>It is dry</source>
   <translation>Es ist trocken</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>wet until %1</source>
   <translation>nass bis %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>Space</source>
   <translation>Leertaste</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>The evening: hands, drying, palette</source>
   <translation>Der Abend: Hände, Trocknen, Palette</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/pictures.py" />
   <location filename="desk/stages/print/watch_bill.py" />
   <source>Hands</source>
   <translation>Hände</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>Palette</source>
   <translation>Palette</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>%1 on %2, %3 to %4: %5</source>
   <translation>%1 auf %2, %3 bis %4: %5</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>%1; good until %2</source>
   <translation>%1; gut bis %2</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>The next evening, pot by pot</source>
   <translation>Der nächste Abend, Topf für Topf</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>No evening after this</source>
   <translation>Kein Abend nach diesem</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>and %1 more; </source>
   <translation>und %1 weitere; </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>What is wet</source>
   <translation>Was nass ist</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>Wet now</source>
   <translation>Jetzt nass</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/pictures.py" />
   <source>until %1</source>
   <translation>bis %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/state.py" />
   <source>setting up</source>
   <translation>Aufbauen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/state.py" />
   <source>%1 min of evenings for all of it; one set-up a mix would be the least, %2. </source>
   <translation>%1 min der Abende für alles; eine Vorbereitung je Mischung wäre das Mindeste, %2. </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/state.py" />
   <source>Hands work through %1 of %2 min of drying. %3 %4</source>
   <translation>Hände arbeiten durch %1 von %2 min Trocknen. %3 %4</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/state.py" />
   <source>%1 of all units, painted by %2 between all other work; </source>
   <translation>%1 aller Einheiten, bemalt bis %2 zwischen aller anderen Arbeit; </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/state.py" />
   <source>%1%2 opened for %3 mixes of single units. %4</source>
   <translation>%1%2 geöffnet für %3 Mischungen einzelner Einheiten. %4</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/state.py" />
   <source>One %1 serves %2 and %3.</source>
   <translation>Ein %1 dient %2 und %3.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/state.py" />
   <source>%1 from one pot</source>
   <translation>%1 aus einem Topf</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/state.py" />
   <source>the pot is in hand</source>
   <translation>der Topf ist zur Hand</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/line/state.py" />
   <source>dries while you do %1</source>
   <translation>trocknet, während du %1 malst</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/paint/looks</name>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>Colours of the zones</source>
   <translation>Farben der Zonen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>%1: %2, %3. Press to say another colour.</source>
   <translation>%1: %2, %3. Drück, um eine andere Farbe zu sagen.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>Ways to paint the army</source>
   <translation>Wege, die Armee zu bemalen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <location filename="desk/stages/paint/looks/state.py" />
   <location filename="desk/stages/paint/schools/page.py" />
   <source>Goes wrong</source>
   <translation>Geht schief</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <location filename="desk/stages/paint/looks/page.py" />
   <location filename="desk/stages/paint/value/page.py" />
   <location filename="desk/stages/paint/value/page.py" />
   <source>Painting the figure …</source>
   <translation>Die Figur wird bemalt …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>Minutes are the strokes' own; those of starters are defaults by technique and area.</source>
   <translation>Minuten sind die der Aufträge selbst; bei Anfangsschemata Vorgaben nach Technik und Fläche.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>What is compared</source>
   <translation>Was verglichen wird</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>Zone shown in other colours</source>
   <translation>Zone, in anderen Farben gezeigt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>Colours, the main one first</source>
   <translation>Farben, die wichtigste zuerst</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>Which scheme the unit is painted by</source>
   <translation>Nach welchem Farbschema die Einheit bemalt wird</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>Figures wear the zone as it is and in each colour shown, in turn</source>
   <translation>Figuren tragen die Zone, wie sie ist, und in jeder gezeigten Farbe, reihum</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>In turns</source>
   <translation>Reihum</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>All alike again</source>
   <translation>Wieder alle gleich</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>Every figure wears the zone as it is</source>
   <translation>Jede Figur trägt die Zone, wie sie ist</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>Leave it open</source>
   <translation>Offen lassen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>Which colour is asked again once figures are primed</source>
   <translation>Welche Farbe, wird wieder gefragt, wenn Figuren grundiert sind</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>From a picture …</source>
   <translation>Aus einem Bild …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>The colours a reference picture is made of</source>
   <translation>Die Farben, aus denen ein Vorlagenbild besteht</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>%1, shown on %2</source>
   <translation>%1, gezeigt an %2</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>Painting the figure side by side</source>
   <translation>Die Figur wird nebeneinander bemalt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <location filename="desk/stages/sort/state.py" />
   <location filename="kit/completeness.py" />
   <source>%1 for %2</source>
   <translation>%1 für %2</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>Colour of the %1, empty for the rule's</source>
   <translation>Farbe: %1, leer für die der Regel</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/page.py" />
   <source>A reference picture</source>
   <translation>Ein Vorlagenbild</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/squad.py" />
   <source>The whole unit painted</source>
   <translation>Die ganze Einheit, bemalt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/squad.py" />
   <source>Painting %1, %2 of %3</source>
   <translation>%1 wird bemalt, %2 von %3</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>starter schemes</source>
   <translation>Anfangsschemata</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>the whole unit</source>
   <translation>die ganze Einheit</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <location filename="desk/stages/paint/schools/state.py" />
   <source>Hands, all</source>
   <translation>Hände, alle</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>Paint, all</source>
   <translation>Farbe, alle</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>Zones melt</source>
   <translation>Zonen verschwimmen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>Focus draws</source>
   <translation>Blickfang zieht</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>a scheme of its own …</source>
   <translation>ein eigenes Farbschema …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>another of its own …</source>
   <translation>noch ein eigenes …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>the army's scheme</source>
   <translation>das Farbschema der Armee</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>%1's scheme</source>
   <translation>Farbschema von %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>One to %1 colours, with commas between them.</source>
   <translation>Eine bis %1 Farben, mit Kommas dazwischen.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>Like dark red, bone, #2E5590.</source>
   <translation>Wie dark red, bone, #2E5590.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>Name a zone on the Zones page first: a scheme paints zones.</source>
   <translation>Benenne zuerst eine Zone auf der Seite Zonen: ein Farbschema bemalt Zonen.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>There is no scheme yet: take a starter first.</source>
   <translation>Noch gibt es kein Farbschema: nimm zuerst ein Anfangsschema.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>%1 has no recipe yet.</source>
   <translation>%1 hat noch kein Rezept.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>none marked</source>
   <translation>keine markiert</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>zones stand apart</source>
   <translation>Zonen stehen auseinander</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>%1 into %2</source>
   <translation>%1 in %2</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>%1: %2, %3, %4 for %5</source>
   <translation>%1: %2, %3, %4 für %5</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>Melts</source>
   <translation>Verschwimmt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>Seen share</source>
   <translation>Gesehener Anteil</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>Left open until figures are primed: as it is, or %1.</source>
   <translation>Offen, bis Figuren grundiert sind: wie es ist, oder %1.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>The rack does not reach %1: %2 to buy.</source>
   <translation>Das Regal erreicht %1 nicht: %2 zu kaufen.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>The rack has it all.</source>
   <translation>Das Regal hat alles.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>%1: %2 than %3 for %4.</source>
   <translation>%1: %2 als %3 für %4.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>Nothing is painted yet.</source>
   <translation>Noch ist nichts bemalt.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <location filename="desk/stages/paint/looks/state.py" />
   <source>Wait until the figures are there.</source>
   <translation>Warte, bis die Figuren da sind.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>level %1</source>
   <translation>Stufe %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>scheme by %1</source>
   <translation>Farbschema nach %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>No colourway is painted yet.</source>
   <translation>Noch ist keine Farbvariante bemalt.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>%1 in turns</source>
   <translation>%1 reihum</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>%1: colour left open</source>
   <translation>%1: Farbe offen gelassen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>%1 alike</source>
   <translation>%1 gleich</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/looks/state.py" />
   <source>strokes up to %1</source>
   <translation>Aufträge bis %1</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/paint/mix</name>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>Parts: Tallow coat 2 : Candle cream 1</source>
   <translation>Teile: Tallow coat 2 : Candle cream 1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>Parts of the mix in hand</source>
   <translation>Teile der Mischung zur Hand</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>Colour wanted</source>
   <translation>Gewünschte Farbe</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>Change it</source>
   <translation>Ändern</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>A zone to match, and to mix for</source>
   <translation>Eine Zone, der sie gleichen soll und für die gemischt wird</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>Over which ground it should match</source>
   <translation>Über welchem Grund sie gleichen soll</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>Picture …</source>
   <translation>Bild …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>In whole drops</source>
   <translation>In ganzen Tropfen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>What the rack can reach</source>
   <translation>Was das Regal erreicht</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>Figures to mix for; 0 for all that want it</source>
   <translation>Figuren, für die gemischt wird; 0 für alle, die es wollen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>all that want it</source>
   <translation>alle, die es wollen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>coats: </source>
   <translation>Lagen: </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>Coats on the whole zone</source>
   <translation>Lagen auf der ganzen Zone</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>sessions: </source>
   <translation>Sitzungen: </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>Sessions it is mixed in, each with the same drops</source>
   <translation>Sitzungen, in denen gemischt wird, jede mit denselben Tropfen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>as their units</source>
   <translation>wie ihre Einheiten</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>Painting level</source>
   <translation>Malstufe</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <location filename="desk/stages/paint/recipe/page.py" />
   <location filename="paint/rows.py" />
   <source>Tool</source>
   <translation>Werkzeug</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>for any zone</source>
   <translation>für jede Zone</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>%1 pots, 12 drops at most</source>
   <translation>%1 Töpfe, höchstens 12 Tropfen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>Looking for mixes</source>
   <translation>Mischungen werden gesucht</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>For %1</source>
   <translation>Für %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>typed as %1</source>
   <translation>eingegeben als %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>read from the picture beside its grey</source>
   <translation>aus dem Bild gelesen, neben seinem Grau</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>Keep this mix</source>
   <translation>Diese Mischung behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <location filename="desk/stages/sort/layout.py" />
   <source>Its name</source>
   <translation>Ihr Name</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>kept the mix %1</source>
   <translation>die Mischung %1 behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>There is no stroke to put it into.</source>
   <translation>Es gibt keinen Auftrag, in den sie ginge.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <location filename="desk/stages/paint/mix/state.py" />
   <source>There is nothing mixed yet.</source>
   <translation>Noch ist nichts gemischt.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>Use in a stroke</source>
   <translation>In einem Auftrag nutzen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>Which stroke is mixed so?</source>
   <translation>Welcher Auftrag wird so gemischt?</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/page.py" />
   <source>%1 is mixed otherwise</source>
   <translation>%1 wird anders gemischt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>Mixes in whole drops</source>
   <translation>Mischungen in ganzen Tropfen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>Add three pots to the rack first.</source>
   <translation>Stell zuerst drei Töpfe ins Regal.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>Looking through the rack …</source>
   <translation>Das Regal wird durchgesehen …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>wanted | mix</source>
   <translation>gewünscht | Mischung</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>over dark, over pale; ΔE</source>
   <translation>über Dunkel, über Hell; ΔE</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>not written down</source>
   <translation>nicht aufgeschrieben</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>%1 ml left</source>
   <translation>%1 ml übrig</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>%1, %2. Press to do without it.</source>
   <translation>%1, %2. Drück, um ohne ihn auszukommen.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>Value wanted: %1</source>
   <translation>Gewünschter Tonwert: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>The batch</source>
   <translation>Die Gruppe</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>No figure waits for it: say for how many.</source>
   <translation>Keine Figur wartet darauf: sag, für wie viele.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>Choose a mix to see how much of it the batch takes.</source>
   <translation>Wähle eine Mischung, um zu sehen, wie viel die Gruppe davon braucht.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>%1 drops</source>
   <translation>%1 Tropfen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>? ml</source>
   <translation>? ml</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>weigh the pot</source>
   <translation>wieg den Topf</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>not enough</source>
   <translation>nicht genug</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/pictures.py" />
   <source>%1 ml stay</source>
   <translation>%1 ml bleiben</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>when it hides</source>
   <translation>wenn sie deckt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>one coat over dark</source>
   <translation>eine Lage über Dunkel</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>one coat over pale</source>
   <translation>eine Lage über Hell</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>a default to start from</source>
   <translation>eine Vorgabe für den Anfang</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>%1 as its recipe makes it</source>
   <translation>%1, wie das Rezept es macht</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>%1, to do without it</source>
   <translation>%1, ohne auszukommen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>%1: ml not known</source>
   <translation>%1: ml nicht bekannt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>%1: %2 ml</source>
   <translation>%1: %2 ml</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>at hand</source>
   <translation>zur Hand</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>, over this army's primer %1</source>
   <translation>, über der Grundierung dieser Armee, %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>Coats of %1 µm to cover: over dark %2, over pale %3%4.</source>
   <translation>Lagen von %1 µm, bis es deckt: über Dunkel %2, über Hell %3%4.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>every zone it is used on</source>
   <translation>jede Zone, auf der sie genutzt wird</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>%1 cm² each, a default</source>
   <translation>je %1 cm², eine Vorgabe</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>as its %1 lay it</source>
   <translation>wie %1 sie legt</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/paint/mix/state.py" />
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>%n coat(s)</source>
   <translation>
    <numerusform>%n Lage</numerusform>
    <numerusform>%n Lagen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>%1: %2 cm², %3</source>
   <translation>%1: %2 cm², %3</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>the cup</source>
   <translation>der Becher</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>the palette</source>
   <translation>die Palette</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>%1 ml on them, %2 ml stay in %3; %4 × the drops.</source>
   <translation>%1 ml darauf, %2 ml bleiben in %3; %4 × die Tropfen.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>Not for the airbrush.</source>
   <translation>Nicht für die Spritzpistole.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>Airbrush: 1 part to %1 of %2 (default). %3</source>
   <translation>Spritzpistole: 1 Teil auf %1 %2 (Vorgabe). %3</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>Choose one of the mixes, or type parts.</source>
   <translation>Wähle eine der Mischungen oder gib Teile ein.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>for %1</source>
   <translation>für %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>%1: a metal takes the neighbour's colour</source>
   <translation>%1: ein Metall nimmt die Farbe des Nachbarn an</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>off-white for teeth and eyes: pure white stares</source>
   <translation>gebrochenes Weiß für Zähne und Augen: reines Weiß starrt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/state.py" />
   <source>darker without greying: a deep pot of its own hue, not black</source>
   <translation>dunkler ohne Vergrauen: ein tiefer Topf des eigenen Farbtons, nicht Schwarz</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/target_swatch.py" />
   <source>The colour wanted, and the mix over dark and pale</source>
   <translation>Die gewünschte Farbe und die Mischung über Dunkel und Hell</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/target_swatch.py" />
   <source>a coat over dark</source>
   <translation>eine Lage über Dunkel</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/target_swatch.py" />
   <source>a coat over pale</source>
   <translation>eine Lage über Hell</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/mix/target_swatch.py" />
   <source>mixed, hiding</source>
   <translation>gemischt, deckend</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/paint/rack</name>
  <message>
   <location filename="desk/stages/paint/rack/cup_dialog.py" />
   <source>The mix before and after</source>
   <translation>Die Mischung vorher und nachher</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/cup_dialog.py" />
   <source>as it was</source>
   <translation>wie sie war</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/cup_dialog.py" />
   <source>in the cup now</source>
   <translation>jetzt im Becher</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/cup_dialog.py" />
   <source>Then add</source>
   <translation>Dann dazu</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/cup_dialog.py" />
   <source>ml left in the cup</source>
   <translation>ml noch im Becher</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/cup_dialog.py" />
   <source>Dropped in, like Ember 2 drops</source>
   <translation>Dazugetropft, etwa Ember 2 drops</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/cup_dialog.py" />
   <source>computed from what was poured and painted</source>
   <translation>errechnet aus dem Eingegossenen und Vermalten</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/cup_dialog.py" />
   <source>not known: nobody wrote down what was poured</source>
   <translation>nicht bekannt: niemand hat aufgeschrieben, was eingegossen wurde</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/cup_dialog.py" />
   <source>%1 goes on</source>
   <translation>%1 geht weiter</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/cup_dialog.py" />
   <source>ml left in the cup (%1)</source>
   <translation>ml noch im Becher (%1)</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/cup_dialog.py" />
   <source>What was dropped into it</source>
   <translation>Was dazugetropft wurde</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/cup_dialog.py" />
   <source>%1 in drops: %2 ml, made again as %3.</source>
   <translation>%1 in Tropfen: %2 ml, neu gemacht als %3.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>Lists of paints (*.csv *.json *.gpl)</source>
   <translation>Farblisten (*.csv *.json *.gpl)</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <location filename="desk/stages/paint/rack/page.py" />
   <source>To buy for the whole army</source>
   <translation>Zu kaufen für die ganze Armee</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>What is on the rack does for the whole army.</source>
   <translation>Was im Regal steht, reicht für die ganze Armee.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>No stroke waits: nothing is asked of the rack.</source>
   <translation>Kein Auftrag wartet: vom Regal wird nichts verlangt.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>weigh it</source>
   <translation>wieg ihn</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>Order of the shelf</source>
   <translation>Ordnung im Regal</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>Find: name, kind, maker, family</source>
   <translation>Suchen: Name, Art, Hersteller, Familie</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>Find a pot</source>
   <translation>Einen Topf suchen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>Bring in …</source>
   <translation>Einlesen …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <location filename="desk/stages/paint/rack/page.py" />
   <source>CSV, JSON or a GIMP palette</source>
   <translation>CSV, JSON oder eine GIMP-Palette</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>Give out …</source>
   <translation>Ausgeben …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>The chosen pots, or all, as text</source>
   <translation>Die gewählten Töpfe, oder alle, als Text</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>Save the list …</source>
   <translation>Die Liste speichern …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>As CSV</source>
   <translation>Als CSV</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>To buy for the whole army%1%2</source>
   <translation>Zu kaufen für die ganze Armee%1%2</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source> and %1 without a price</source>
   <translation> und %1 ohne Preis</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>%1, %2 will not last</source>
   <translation>%1, %2 reichen nicht</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/paint/rack/page.py" />
   <source>%n mix(s)</source>
   <translation>
    <numerusform>%n Mischung</numerusform>
    <numerusform>%n Mischungen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>Add a pot</source>
   <translation>Einen Topf hinzufügen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>What stands on it</source>
   <translation>Was darauf steht</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>added %1</source>
   <translation>%1 hinzugefügt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>renamed %1</source>
   <translation>%1 umbenannt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>poured %1 otherwise: %2 with it</source>
   <translation>%1 anders gegossen: %2 damit</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>measured %1</source>
   <translation>%1 gemessen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>picked a colour</source>
   <translation>eine Farbe gewählt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>kept how it came out</source>
   <translation>behalten, wie es herauskam</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <location filename="paint/rack/batches.py" />
   <source>went on from %1</source>
   <translation>weiter mit %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>ml of %1</source>
   <translation>ml von %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>Bring pots in</source>
   <translation>Töpfe einlesen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>brought in %1</source>
   <translation>%1 eingelesen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>Give pots out</source>
   <translation>Töpfe ausgeben</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>Save the shopping list</source>
   <translation>Die Einkaufsliste speichern</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>CSV (*.csv)</source>
   <translation>CSV (*.csv)</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/page.py" />
   <source>Nothing was lost.</source>
   <translation>Nichts ging verloren.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Maker</source>
   <translation>Hersteller</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Hides, µm</source>
   <translation>Deckt, µm</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Left, ml</source>
   <translation>Übrig, ml</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Pot, ml</source>
   <translation>Topf, ml</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Empty, g</source>
   <translation>Leer, g</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>g a ml</source>
   <translation>g je ml</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Opened</source>
   <translation>Geöffnet</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <location filename="progress/printing/batching.py" />
   <source>Batch</source>
   <translation>Charge</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <location filename="desk/stages/paint/recipe/page.py" />
   <location filename="paint/finishing/basing.py" />
   <source>Where</source>
   <translation>Wo</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>The pot over dark and over pale</source>
   <translation>Der Topf über Dunkel und über Hell</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>over black %1</source>
   <translation>über Schwarz %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>over white %1</source>
   <translation>über Weiß %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Name of the pot</source>
   <translation>Name des Topfs</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Measure …</source>
   <translation>Messen …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>From a photograph of a card with swatches over black and over white</source>
   <translation>Vom Foto einer Karte mit Farbfeldern über Schwarz und über Weiß</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Pick a colour …</source>
   <translation>Eine Farbe wählen …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>From the screen's colours, or from a picture</source>
   <translation>Aus den Farben des Bildschirms oder aus einem Bild</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Into the mix</source>
   <translation>In die Mischung</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>One part more of it in what is in hand on the mixing page</source>
   <translation>Ein Teil mehr davon in das, was auf der Mischseite zur Hand ist</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Mixes like it</source>
   <translation>Ähnliche Mischungen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Which mixes of the other pots come near, and replace it</source>
   <translation>Welche Mischungen der anderen Töpfe ihm nahekommen und ihn ersetzen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Take away …</source>
   <translation>Wegnehmen …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Says where it is used, and what may take its place</source>
   <translation>Sagt, wo er gebraucht wird und was an seine Stelle treten kann</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Kind of paint</source>
   <translation>Art der Farbe</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Parts of the mix</source>
   <translation>Teile der Mischung</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <location filename="desk/stages/paint/rack/state.py" />
   <source>ml in the cup</source>
   <translation>ml im Becher</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>only a recipe</source>
   <translation>nur ein Rezept</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>It came out …</source>
   <translation>Es kam heraus …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>How today's batch looks: compared with the first, and learned from</source>
   <translation>Wie die heutige Charge aussieht: mit der ersten verglichen, und daraus gelernt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Then add …</source>
   <translation>Dann dazu …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>What is left in the cup goes on as another mix, its true parts kept</source>
   <translation>Was im Becher bleibt, geht als andere Mischung weiter, mit ihren wahren Teilen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>ml poured</source>
   <translation>ml eingegossen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Poured from</source>
   <translation>Gegossen aus</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>%1 pots: what you write holds for all</source>
   <translation>%1 Töpfe: was du schreibst, gilt für alle</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Choose a pot</source>
   <translation>Wähle einen Topf</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Used by %1%2.</source>
   <translation>Gebraucht von %1%2.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source> and more</source>
   <translation> und mehr</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>No stroke uses it yet.</source>
   <translation>Noch kein Auftrag braucht ihn.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>as they are</source>
   <translation>wie sie sind</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Made %1. </source>
   <translation>Gemacht %1. </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>%1 kept. </source>
   <translation>%1 behalten. </translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>%n swatch(s)</source>
   <translation>
    <numerusform>%n Farbfeld</numerusform>
    <numerusform>%n Farbfelder</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>The newest is ΔE %1 ± %2 from the first: %3. </source>
   <translation>Das neueste liegt ΔE %1 ± %2 vom ersten: %3. </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <source>Into 40 drops: %1 of %2 bring it to </source>
   <translation>Auf 40 Tropfen: %1 %2 bringen es auf </translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/paint/rack/pot_card.py" />
   <location filename="progress/planning/task_kinds.py" />
   <source>%n drop(s)</source>
   <translation>
    <numerusform>%n Tropfen</numerusform>
    <numerusform>%n Tropfen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/replace_dialog.py" />
   <source>nobody will see it</source>
   <translation>niemand sieht es</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/replace_dialog.py" />
   <source>seen side by side only</source>
   <translation>nur nebeneinander zu sehen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/replace_dialog.py" />
   <source>seen if one looks</source>
   <translation>zu sehen, wenn man hinsieht</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/replace_dialog.py" />
   <source>seen across the table</source>
   <translation>über den Tisch zu sehen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/replace_dialog.py" />
   <location filename="desk/stages/pose/supports.py" />
   <source>Take away</source>
   <translation>Wegnehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/replace_dialog.py" />
   <source>%1: used in %2.</source>
   <translation>%1: gebraucht in %2.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/replace_dialog.py" />
   <source>%1: nothing uses it.</source>
   <translation>%1: nichts braucht ihn.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/replace_dialog.py" />
   <source>Leave it in the recipes, marked gone</source>
   <translation>In den Rezepten lassen, als fehlend markiert</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/replace_dialog.py" />
   <source>Take it off the rack</source>
   <translation>Aus dem Regal nehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/replace_dialog.py" />
   <source>Everything can be taken back with Undo.</source>
   <translation>Alles lässt sich mit Rückgängig zurücknehmen.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/replace_dialog.py" />
   <source>%1 instead: ΔE %2, %3</source>
   <translation>%1 stattdessen: ΔE %2, %3</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/replace_dialog.py" />
   <source>%1 marked gone</source>
   <translation>%1 als fehlend markiert</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/replace_dialog.py" />
   <source>took %1 away</source>
   <translation>%1 weggenommen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/shelf.py" />
   <source>The rack: pots by family</source>
   <translation>Das Regal: Töpfe nach Familie</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/shelf.py" />
   <source>No pot like that.</source>
   <translation>Kein solcher Topf.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/shelf.py" />
   <source>hides at %1 µm</source>
   <translation>deckt mit %1 µm</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/shelf.py" />
   <source>; %1 ml more are needed than are left</source>
   <translation>; es werden %1 ml mehr gebraucht, als übrig sind</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/shelf.py" />
   <source>%1: %2, %3%4. Left half over dark ground, right half over pale: one brushed coat.</source>
   <translation>%1: %2, %3%4. Linke Hälfte über dunklem Grund, rechte über hellem: eine gepinselte Lage.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <source>mixed by you</source>
   <translation>von dir gemischt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <source>by family and value</source>
   <translation>nach Familie und Tonwert</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <source>what runs out first</source>
   <translation>was zuerst ausgeht</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <source>by name</source>
   <translation>nach Namen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <source>%1: %2 needed; nobody wrote down what is left</source>
   <translation>%1: %2 gebraucht; niemand hat aufgeschrieben, was übrig ist</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <location filename="desk/stages/wash/baths_picture.py" />
   <location filename="printing/preparation/as_supplied.py" />
   <location filename="progress/standing.py" />
   <source>%1 left</source>
   <translation>%1 übrig</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <source>none on the rack</source>
   <translation>keiner im Regal</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <source>%1: %2 needed, %3</source>
   <translation>%1: %2 gebraucht, %3</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <location filename="desk/stages/wash/ways_picture.py" />
   <source>out %1</source>
   <translation>aus: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <source>No stroke still to be painted needs it.</source>
   <translation>Kein Auftrag, der noch zu malen ist, braucht ihn.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <source> Runs out about %1.</source>
   <translation> Geht um den %1 aus.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <source>%1; by %2.%3</source>
   <translation>%1; bis %2.%3</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <source>%1 still in the cup by what strokes took. %2</source>
   <translation>%1 noch im Becher nach dem, was Aufträge nahmen. %2</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <source>No mix is chosen.</source>
   <translation>Keine Mischung ist gewählt.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <source>Choose one on the shelf.</source>
   <translation>Wähle eine im Regal.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <location filename="paint/rack/pot_fields.py" />
   <source>ml left</source>
   <translation>ml übrig</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <source>%1, then %2</source>
   <translation>%1, dann %2</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <source>needed ml</source>
   <translation>gebraucht, ml</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <source>left ml</source>
   <translation>übrig, ml</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/rack/state.py" />
   <source>runs out</source>
   <translation>geht aus</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/paint/recipe</name>
  <message>
   <location filename="desk/stages/paint/recipe/draw_dialog.py" />
   <source>Draw on the figure with the mouse; drag beside it to turn it. By keyboard: arrows turn it under the cross, Space puts the line's next point there, Return ends the line.</source>
   <translation>Zeichne mit der Maus auf die Figur; zieh daneben, um sie zu drehen. Mit der Tastatur: Pfeile drehen sie unter dem Kreuz, die Leertaste setzt dort den nächsten Punkt der Linie, Eingabe beendet sie.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/draw_dialog.py" />
   <source>The figure to draw on</source>
   <translation>Die Figur, auf die gezeichnet wird</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/draw_dialog.py" />
   <source>%1, drawn on %2</source>
   <translation>%1, gezeichnet auf %2</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/draw_dialog.py" />
   <source> mm wide</source>
   <translation> mm breit</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/draw_dialog.py" />
   <source>Width of the line</source>
   <translation>Breite der Linie</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/draw_dialog.py" />
   <source>Only what lies on %1 takes it: the rest is grey.</source>
   <translation>Nur was auf %1 liegt, nimmt es an: der Rest ist grau.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/draw_dialog.py" />
   <source>Take the last back</source>
   <translation>Das letzte zurücknehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/draw_dialog.py" />
   <source>Start over</source>
   <translation>Von vorn</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/draw_dialog.py" />
   <source>All lines away; Cancel keeps what was there before</source>
   <translation>Alle Linien weg; Abbrechen behält, was vorher da war</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/draw_dialog.py" />
   <source>Laying the line onto the skin</source>
   <translation>Die Linie wird auf die Haut gelegt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/effects_dialog.py" />
   <source>Add an effect</source>
   <translation>Einen Effekt hinzufügen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/effects_dialog.py" />
   <source>Effects</source>
   <translation>Effekte</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/effects_dialog.py" />
   <source>Zone the light comes from</source>
   <translation>Zone, aus der das Licht kommt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/effects_dialog.py" />
   <source>Its light comes from</source>
   <translation>Sein Licht kommt aus</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/effects_dialog.py" />
   <source>On %1</source>
   <translation>Auf %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/effects_dialog.py" />
   <source>Mind: %1</source>
   <translation>Achtung: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/order_dialog.py" />
   <source>Order of zones</source>
   <translation>Reihenfolge der Zonen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/order_dialog.py" />
   <location filename="paint/advice/colourways.py" />
   <source>As it is</source>
   <translation>Wie es ist</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/order_dialog.py" />
   <source>Proposed</source>
   <translation>Vorgeschlagen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/order_dialog.py" />
   <source>%1 and %2 could share one base, ΔE %3 apart.</source>
   <translation>%1 und %2 könnten eine Grundfarbe teilen, ΔE %3 auseinander.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/order_dialog.py" />
   <source>Take the proposed order</source>
   <translation>Die vorgeschlagene Reihenfolge nehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/order_dialog.py" />
   <source>Your own order stays unless you take this one; the evening's line heeds what is wet either way.</source>
   <translation>Deine eigene Reihenfolge bleibt, wenn du diese nicht nimmst; die Linie des Abends achtet so oder so auf das, was nass ist.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <location filename="paint/rows.py" />
   <source>Thinner</source>
   <translation>Verdünner</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <location filename="paint/rows.py" />
   <source>Coats</source>
   <translation>Lagen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <location filename="paint/finishing/finish_steps.py" />
   <location filename="paint/rows.py" />
   <source>Minutes</source>
   <translation>Minuten</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <location filename="paint/finishing/finish_steps.py" />
   <source>Dries, min</source>
   <translation>Trocknet, min</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Size, mm</source>
   <translation>Größe, mm</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <location filename="paint/finishing/basing.py" />
   <source>Amount</source>
   <translation>Menge</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Seed</source>
   <translation>Keim</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <location filename="paint/rows.py" />
   <source>Technique</source>
   <translation>Technik</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <location filename="paint/rows.py" />
   <source>From level</source>
   <translation>Ab Stufe</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>From</source>
   <translation>Von</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <location filename="paint/rows.py" />
   <source>Zone</source>
   <translation>Zone</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Add a stroke</source>
   <translation>Einen Auftrag hinzufügen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>After the chosen one (Ins)</source>
   <translation>Nach dem gewählten (Einfg)</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Add an effect …</source>
   <translation>Einen Effekt hinzufügen …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Rust, glow, mud, fur and their like, in the colours of the rack</source>
   <translation>Rost, Leuchten, Schlamm, Fell und Verwandtes, in den Farben des Regals</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Draw it …</source>
   <translation>Zeichnen …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>On the figure: a freehand stroke, or where the chosen one goes (by hand)</source>
   <translation>Auf die Figur: ein freier Auftrag, oder wohin der gewählte geht (von Hand)</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Take it away</source>
   <translation>Wegnehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>The chosen stroke (Del)</source>
   <translation>Der gewählte Auftrag (Entf)</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>‹ Sooner</source>
   <translation>‹ Früher</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>It went wrong …</source>
   <translation>Es ging schief …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Ways back from a wash that pooled, lights overdone, a wrong colour</source>
   <translation>Wege zurück von einer Lasur in Pfützen, übertriebenen Lichtern, einer falschen Farbe</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Order of zones …</source>
   <translation>Reihenfolge der Zonen …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Messy first, then from the inside out; zones that could share a pot</source>
   <translation>Schmutziges zuerst, dann von innen nach außen; Zonen, die einen Topf teilen könnten</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Bring a scheme in …</source>
   <translation>Ein Farbschema einlesen …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>From another army, as JSON: zones and pots it lacks come with it</source>
   <translation>Aus einer anderen Armee, als JSON: Zonen und Töpfe, die fehlen, kommen mit</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Give it out …</source>
   <translation>Ausgeben …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>As JSON for another army, or as a card to print (PDF)</source>
   <translation>Als JSON für eine andere Armee oder als Karte zum Drucken (PDF)</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>by its technique</source>
   <translation>nach seiner Technik</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>%1, %2 a figure, dries %3</source>
   <translation>%1, %2 je Figur, trocknet %3</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>no stroke yet</source>
   <translation>noch kein Auftrag</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Painting stroke by stroke</source>
   <translation>Auftrag für Auftrag wird gemalt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Coats to cover: %1</source>
   <translation>Lagen, bis es deckt: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>%1 on what lies below it, its own film a coat; over a pale undercoat %2. As it is: ΔE %3 from hiding.</source>
   <translation>%1 auf dem, was darunter liegt, je Lage sein eigener Film; über einer hellen Untermalung %2. Wie es ist: ΔE %3 vom Decken.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>%1 of a stroke</source>
   <translation>%1 eines Auftrags</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>%1 into a stroke</source>
   <translation>%1 in einen Auftrag</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>a stroke more</source>
   <translation>ein Auftrag mehr</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>a stroke less</source>
   <translation>ein Auftrag weniger</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>another order</source>
   <translation>eine andere Reihenfolge</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Bring a scheme in</source>
   <translation>Ein Farbschema einlesen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Schemes (*.json)</source>
   <translation>Farbschemata (*.json)</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>brought in the scheme %1</source>
   <translation>das Farbschema %1 eingelesen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Give the scheme out</source>
   <translation>Das Farbschema ausgeben</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Scheme (*.json)</source>
   <translation>Farbschema (*.json)</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>Card (*.pdf)</source>
   <translation>Karte (*.pdf)</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/page.py" />
   <source>There is no scheme yet.</source>
   <translation>Noch gibt es kein Farbschema.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/pictures.py" />
   <source>The zone after each stroke</source>
   <translation>Die Zone nach jedem Auftrag</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/pictures.py" />
   <source>No stroke yet: take a school's, or add one here.</source>
   <translation>Noch kein Auftrag: nimm den einer Schule oder füge hier einen hinzu.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/pictures.py" />
   <source>Coats to cover</source>
   <translation>Lagen, bis es deckt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/pictures.py" />
   <source>over black</source>
   <translation>über Schwarz</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/pictures.py" />
   <source>over the primer</source>
   <translation>über der Grundierung</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/pictures.py" />
   <source>under 2: covered</source>
   <translation>unter 2: gedeckt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/pictures.py" />
   <source>What to mind in this recipe</source>
   <translation>Was in diesem Rezept zu beachten ist</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/pictures.py" />
   <source>Every stroke that should cover does.</source>
   <translation>Jeder Auftrag, der decken soll, deckt.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/questions.py" />
   <source>There is no stroke to draw, or no figure to draw it on.</source>
   <translation>Es gibt keinen Auftrag zu zeichnen oder keine Figur, auf die er käme.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/questions.py" />
   <source>%1: %2 drawn</source>
   <translation>%1: %2 gezeichnet</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/questions.py" />
   <source>Making the figure ready to draw on</source>
   <translation>Die Figur wird zum Zeichnen bereit gemacht</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/questions.py" />
   <source>There is nothing painted that could have gone wrong.</source>
   <translation>Es ist nichts bemalt, was schiefgegangen sein könnte.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/questions.py" />
   <source>There is no scheme to put in order yet.</source>
   <translation>Noch gibt es kein Farbschema zu ordnen.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/questions.py" />
   <source>Looking how deep zones lie</source>
   <translation>Es wird gesucht, wie tief Zonen liegen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/questions.py" />
   <source>zones in another order</source>
   <translation>Zonen in anderer Reihenfolge</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_dialog.py" />
   <source>this figure</source>
   <translation>diese Figur</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_dialog.py" />
   <source>all of its unit that have paint on</source>
   <translation>alle ihrer Einheit, auf denen Farbe ist</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_dialog.py" />
   <source>What lies there is computed from the recipe's films gone wrong, not measured; minutes are defaults.</source>
   <translation>Was dort liegt, ist aus den misslungenen Filmen des Rezepts errechnet, nicht gemessen; Minuten sind Vorgaben.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_dialog.py" />
   <source>It went wrong</source>
   <translation>Es ging schief</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_dialog.py" />
   <source>For which figures</source>
   <translation>Für welche Figuren</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_dialog.py" />
   <source>Ways back</source>
   <translation>Wege zurück</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_dialog.py" />
   <source>Risk</source>
   <translation>Gefahr</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_dialog.py" />
   <location filename="desk/stages/paint/recipe/rescue_dialog.py" />
   <source>Painting the ways back …</source>
   <translation>Die Wege zurück werden gemalt …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_dialog.py" />
   <source>Take this way</source>
   <translation>Diesen Weg nehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_dialog.py" />
   <source>what colour it is now</source>
   <translation>welche Farbe es jetzt hat</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_dialog.py" />
   <source>The colour it has now</source>
   <translation>Die Farbe, die es jetzt hat</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_dialog.py" />
   <source>From a photograph …</source>
   <translation>Aus einem Foto …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_dialog.py" />
   <source>What colour it is now, read beside a grey card</source>
   <translation>Welche Farbe es jetzt hat, neben einer Graukarte gelesen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_dialog.py" />
   <source>Looking for ways back</source>
   <translation>Wege zurück werden gesucht</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_state.py" />
   <source>ΔE to the goal</source>
   <translation>ΔE zum Ziel</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_state.py" />
   <source>Hands, each</source>
   <translation>Hände, je</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_state.py" />
   <source>Paint, each</source>
   <translation>Farbe, je</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_state.py" />
   <source>, then </source>
   <translation>, dann </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/rescue_state.py" />
   <source>nothing to do</source>
   <translation>nichts zu tun</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/state.py" />
   <source>%1: a paint of it is gone from the rack.</source>
   <translation>%1: eine Farbe davon fehlt im Regal.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/state.py" />
   <source>%1: nothing is drawn yet. Draw it … puts it on the figure.</source>
   <translation>%1: noch ist nichts gezeichnet. Zeichnen … bringt es auf die Figur.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/state.py" />
   <source>There is no pot on the rack.</source>
   <translation>Im Regal steht kein Topf.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/state.py" />
   <source>Add one there first.</source>
   <translation>Füge dort zuerst einen hinzu.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/state.py" />
   <location filename="paint/figure/schools.py" />
   <location filename="starter/schemes.py" />
   <location filename="starter/schemes.py" />
   <location filename="starter/schemes.py" />
   <source>round 2</source>
   <translation>rund 2</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/state.py" />
   <source>An effect goes over paint.</source>
   <translation>Ein Effekt geht über Farbe.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/state.py" />
   <source>Give the zone its base coat first.</source>
   <translation>Gib der Zone zuerst ihre Grundfarbe.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/state.py" />
   <source>This figure has nothing of that zone.</source>
   <translation>Diese Figur hat nichts von dieser Zone.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/state.py" />
   <source>Choose another figure in the roll.</source>
   <translation>Wähle eine andere Figur in der Rolle.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/state.py" />
   <location filename="desk/stages/paint/schools/state.py" />
   <source>Own scheme</source>
   <translation>Eigenes Farbschema</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/stroke_fields.py" />
   <location filename="desk/stages/paint/recipe/stroke_fields.py" />
   <source>from above</source>
   <translation>von oben</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/stroke_fields.py" />
   <source>from the front</source>
   <translation>von vorn</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/stroke_fields.py" />
   <source>from the left</source>
   <translation>von links</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/stroke_fields.py" />
   <source>from the right</source>
   <translation>von rechts</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/stroke_fields.py" />
   <source>from below</source>
   <translation>von unten</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/stroke_fields.py" />
   <source>from behind</source>
   <translation>von hinten</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/stroke_fields.py" />
   <location filename="desk/stages/paint/recipe/stroke_fields.py" />
   <source>%1 is not one of %2.</source>
   <translation>%1 gehört nicht zu %2.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/stroke_fields.py" />
   <source>A stroke needs a name.</source>
   <translation>Ein Auftrag braucht einen Namen.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/recipe/stroke_fields.py" />
   <source>Base, shade, edges …</source>
   <translation>Grundfarbe, Schatten, Kanten …</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/paint/schools</name>
  <message>
   <location filename="desk/stages/paint/schools/page.py" />
   <source>Values of the zone by school</source>
   <translation>Tonwerte der Zone nach Schule</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/page.py" />
   <source>Value, L*</source>
   <translation>Tonwert, L*</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/page.py" />
   <source>5th to 95th in 100</source>
   <translation>5. bis 95. von 100</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/page.py" />
   <source>%1 to %2, middle %3</source>
   <translation>%1 bis %2, Mitte %3</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/page.py" />
   <source>Colour of the zone, as a mix</source>
   <translation>Farbe der Zone, als Mischung</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/page.py" />
   <source>Zone to compare</source>
   <translation>Zu vergleichende Zone</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/page.py" />
   <source>Four schools on the same figure</source>
   <translation>Vier Schulen an derselben Figur</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/page.py" />
   <source>Painting the figure four times …</source>
   <translation>Die Figur wird viermal bemalt …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/page.py" />
   <source>Minutes are defaults by technique and area; an airbrush wants extraction and a mask.</source>
   <translation>Minuten sind Vorgaben nach Technik und Fläche; eine Spritzpistole verlangt Absaugung und Maske.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/page.py" />
   <source>Name a zone first.</source>
   <translation>Benenne zuerst eine Zone.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/page.py" />
   <source>%1 on %2, shown on %3</source>
   <translation>%1 auf %2, gezeigt an %3</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/page.py" />
   <source>Name a zone and add a pot first.</source>
   <translation>Benenne zuerst eine Zone und füge einen Topf hinzu.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/page.py" />
   <source>Painting by four schools</source>
   <translation>Nach vier Schulen wird gemalt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/page.py" />
   <source>It is painted so already.</source>
   <translation>So ist es schon bemalt.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/state.py" />
   <source>over the army's primer</source>
   <translation>über der Grundierung der Armee</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/state.py" />
   <source>Your recipe</source>
   <translation>Dein Rezept</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/state.py" />
   <source>as the Recipe page warns</source>
   <translation>wie die Seite Rezept warnt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/state.py" />
   <source>The airbrush pays from %1 figures.</source>
   <translation>Die Spritzpistole lohnt sich ab %1 Figuren.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/state.py" />
   <source>The airbrush never pays here.</source>
   <translation>Die Spritzpistole lohnt sich hier nie.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/state.py" />
   <source>Lines show</source>
   <translation>Schichten zu sehen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/state.py" />
   <source>Blotches on flats</source>
   <translation>Flecken auf Flächen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/schools/state.py" />
   <source>Fold to edge</source>
   <translation>Falte bis Kante</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/paint/value</name>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>The figure as it reads</source>
   <translation>Die Figur, wie sie wirkt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>Drag, or use the arrow keys, to move the lamp</source>
   <translation>Zieh, oder nimm die Pfeiltasten, um die Lampe zu bewegen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>its size at 900 mm,</source>
   <translation>so groß wie aus 900 mm,</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>screen at arm's length</source>
   <translation>Bildschirm auf Armlänge</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>Work against attention, by zone</source>
   <translation>Arbeit gegen Aufmerksamkeit, nach Zone</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>minutes planned</source>
   <translation>Minuten geplant</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>draws the eye</source>
   <translation>zieht das Auge</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>%1: %2 of the minutes, %3 of what is seen, %4 of the contrast. %5</source>
   <translation>%1: %2 der Minuten, %3 des Gesehenen, %4 des Kontrasts. %5</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>How it is looked at</source>
   <translation>Wie es angesehen wird</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>From where it is seen</source>
   <translation>Von wo es gesehen wird</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>Nothing stands in its way across the table.</source>
   <translation>Über den Tisch steht ihm nichts im Weg.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>Against a photograph …</source>
   <translation>Gegen ein Foto …</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>A painted figure zone by zone, or a reference to take colours from</source>
   <translation>Eine bemalte Figur Zone für Zone, oder eine Vorlage, um Farben daraus zu nehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>Work against attention</source>
   <translation>Arbeit gegen Aufmerksamkeit</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <location filename="desk/stages/paint/value/page.py" />
   <source>Try</source>
   <translation>Probieren</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>Take</source>
   <translation>Nehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>%1, lamp from %2</source>
   <translation>%1, Lampe von %2</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>Reading the figure across the table</source>
   <translation>Die Figur wird über den Tisch angesehen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>%1. Would help: %2.</source>
   <translation>%1. Würde helfen: %2.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>need not go</source>
   <translation>muss nicht weg</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>should go</source>
   <translation>sollte weg</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>eyes %1 to %2</source>
   <translation>Augen %1 bis %2</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>colours of a reference</source>
   <translation>Farben einer Vorlage</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>the front</source>
   <translation>vorn</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>the front right</source>
   <translation>vorn rechts</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>the right</source>
   <translation>rechts</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>behind right</source>
   <translation>hinten rechts</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>behind left</source>
   <translation>hinten links</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>the left</source>
   <translation>links</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/page.py" />
   <source>the front left</source>
   <translation>vorn links</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/photo_dialog.py" />
   <source>Against a photograph</source>
   <translation>Gegen ein Foto</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/photo_dialog.py" />
   <source>Photograph with a ring for each zone and one for the grey card</source>
   <translation>Foto mit einem Ring für jede Zone und einem für die Graukarte</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/photo_dialog.py" />
   <source>A painted figure, or a reference, with an 18 % grey card beside it in the same light.</source>
   <translation>Eine bemalte Figur oder eine Vorlage, mit einer Graukarte (18 %) daneben im selben Licht.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/photo_dialog.py" />
   <source>Take these colours</source>
   <translation>Diese Farben nehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/photo_dialog.py" />
   <source>Every ringed zone's recipe is moved to the colour read there, mixed from the rack</source>
   <translation>Das Rezept jeder beringten Zone wird zu der dort gelesenen Farbe bewegt, aus dem Regal gemischt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/photo_dialog.py" />
   <source>Put each ring on a middle tone: shade and lights are part of the paint, and of the difference.</source>
   <translation>Setz jeden Ring auf einen mittleren Ton: Schatten und Lichter gehören zur Bemalung und zum Unterschied.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/photo_dialog.py" />
   <source>Zone by zone</source>
   <translation>Zone für Zone</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>close up</source>
   <translation>aus der Nähe</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>across the table</source>
   <translation>über den Tisch</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>value only</source>
   <translation>nur Tonwert</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>where eyes go</source>
   <translation>wohin Augen gehen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>red-blind sight</source>
   <translation>rotblinde Augen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>green-blind sight</source>
   <translation>grünblinde Augen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>blue-blind sight</source>
   <translation>blaublinde Augen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>from round the table</source>
   <translation>von rings um den Tisch</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>in a photograph</source>
   <translation>auf einem Foto</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>Name a zone on the Zones page first.</source>
   <translation>Benenne zuerst eine Zone auf der Seite Zonen.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>There is no scheme yet: the Scheme page has starters.</source>
   <translation>Noch gibt es kein Farbschema: die Seite Schema hat welche für den Anfang.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>Stairs of the layers, deepest: %1. What fills them: the Schools page says.</source>
   <translation>Stufen der Schichten, am tiefsten: %1. Was sie füllt, sagt die Seite Schulen.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>No stairs.</source>
   <translation>Keine Stufen.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>%1 draws the eye first, %2 of all contrast. </source>
   <translation>%1 zieht das Auge zuerst an, %2 allen Kontrasts. </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>Of what should: %1. </source>
   <translation>Von dem, was soll: %1. </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>Nobody said where eyes should go: press a zone to mark it. </source>
   <translation>Niemand hat gesagt, wohin Augen gehen sollen: drück eine Zone, um sie zu markieren. </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <location filename="desk/stages/sort/builds.py" />
   <location filename="desk/stages/sort/layout.py" />
   <source>%1 and %2</source>
   <translation>%1 und %2</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>Melting: %1. </source>
   <translation>Verschwimmt: %1. </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>No two zones that touch melt. </source>
   <translation>Keine zwei Zonen, die sich berühren, verschwimmen. </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/value/state.py" />
   <source>Least seen for its minutes: %1, %2 for the unit. </source>
   <translation>Am wenigsten gesehen für seine Minuten: %1, %2 für die Einheit. </translation>
  </message>
 </context>
 <context>
  <name>desk/stages/paint/zones</name>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>zone votes</source>
   <translation>Zonenstimmen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>Click a patch and it gets the chosen name; drag over the figure and all you touch do; Shift takes names back. Alt and a line across a patch cuts it in two. Drag beside it, or arrow keys, turn it. Keys 1 to 9 choose names.</source>
   <translation>Klick eine Fläche, und sie bekommt den gewählten Namen; zieh über die Figur, und alle berührten bekommen ihn; Umschalt nimmt Namen zurück. Alt und eine Linie über eine Fläche schneidet sie in zwei. Zieh daneben, oder Pfeiltasten, um zu drehen. Die Tasten 1 bis 9 wählen Namen.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>Zones by name</source>
   <translation>Zonen nach Namen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>still unnamed</source>
   <translation>noch ohne Namen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>%1, %2 cm² on this figure</source>
   <translation>%1, %2 cm² an dieser Figur</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>The figure by its zones</source>
   <translation>Die Figur nach ihren Zonen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>Names</source>
   <translation>Namen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>A new name: sash, horn, moth wing</source>
   <translation>Ein neuer Name: Schärpe, Horn, Mottenflügel</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>Name of a new zone</source>
   <translation>Name einer neuen Zone</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <location filename="desk/stages/sort/layout.py" />
   <source>Rename</source>
   <translation>Umbenennen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>The chosen zone gets the name that is typed</source>
   <translation>Die gewählte Zone bekommt den eingegebenen Namen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>Seeds</source>
   <translation>Keime</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>Clicks set seeds instead of naming patches</source>
   <translation>Klicks setzen Keime, statt Flächen zu benennen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>All skin of the figure goes to the seed it is met first from, creases being dear</source>
   <translation>Alle Haut der Figur geht an den Keim, von dem sie zuerst erreicht wird; Falten sind teuer</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>Grow from seeds</source>
   <translation>Aus Keimen wachsen lassen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>Parts without zones get those of what stands in the same place, each shown first</source>
   <translation>Teile ohne Zonen bekommen die dessen, was an derselben Stelle steht, jede zuerst gezeigt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>Carry over to the squad</source>
   <translation>Auf den Trupp übertragen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>Accept</source>
   <translation>Annehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <location filename="paint/advice/rescue.py" />
   <location filename="paint/advice/rescue.py" />
   <source>Leave it</source>
   <translation>Lassen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>Accept all</source>
   <translation>Alle annehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>Every proposal that waits, in one edit</source>
   <translation>Jeden wartenden Vorschlag, in einem Schritt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>Looking for creases</source>
   <translation>Falten werden gesucht</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>%1 of the squad without zones.</source>
   <translation>%1 des Trupps ohne Zonen.</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/paint/zones/page.py" />
   <source>%n other part(s)</source>
   <translation>
    <numerusform>%n anderes Teil</numerusform>
    <numerusform>%n andere Teile</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <location filename="desk/stages/paint/zones/page.py" />
   <source>zone %1</source>
   <translation>Zone %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>zones from %1</source>
   <translation>Zonen von %1</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/paint/zones/page.py" />
   <source>%n seed(s)</source>
   <translation>
    <numerusform>%n Keim</numerusform>
    <numerusform>%n Keime</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>Growing zones</source>
   <translation>Zonen wachsen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>Keeping zones</source>
   <translation>Zonen werden behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>Carrying zones over</source>
   <translation>Zonen werden übertragen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>%1: %2? %3 %4 to ask.</source>
   <translation>%1: %2? %3 Noch zu fragen: %4.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>Accept %1</source>
   <translation>%1 annehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>zones carried over</source>
   <translation>Zonen übertragen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/page.py" />
   <source>zones carried over to %1</source>
   <translation>Zonen übertragen auf %1</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/state.py" />
   <source>There is a zone called %1 already.</source>
   <translation>Eine Zone namens %1 gibt es schon.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/state.py" />
   <source>Name those patches with it instead.</source>
   <translation>Gib stattdessen jenen Flächen diesen Namen.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/state.py" />
   <source>The same shape, mirrored or scaled perhaps: taken over exactly.</source>
   <translation>Dieselbe Form, vielleicht gespiegelt oder skaliert: genau übernommen.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/state.py" />
   <source>of %1 such %2 were right</source>
   <translation>%1 solcher %2 stimmten</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/state.py" />
   <source>how often such are right nobody measured</source>
   <translation>wie oft solche stimmen, hat niemand gemessen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/state.py" />
   <source>%1 of the votes agree; %2.</source>
   <translation>%1 der Stimmen sind einig; %2.</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/state.py" />
   <source>%1 cm² still unnamed</source>
   <translation>%1 cm² noch ohne Namen</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/state.py" />
   <source>all of it named</source>
   <translation>alles benannt</translation>
  </message>
  <message>
   <location filename="desk/stages/paint/zones/state.py" />
   <source>%1 patches; %2 named, %3</source>
   <translation>%1 Flächen; %2 benannt, %3</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/plate</name>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>Make plates for this unit</source>
   <translation>Platten für diese Einheit machen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>Packs everything the unit is owed</source>
   <translation>Packt alles, was der Einheit fehlt</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>Batch all units</source>
   <translation>Alle Einheiten packen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>What all units are owed, tall with tall whoever they belong to</source>
   <translation>Was allen Einheiten fehlt, Hohes zu Hohem, wem auch immer es gehört</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>and spares by what fails</source>
   <translation>und Ersatz nach dem, was misslingt</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>As many spares of each part as failures are to be expected; a good spare takes a failed one's place</source>
   <translation>So viel Ersatz von jedem Teil, wie Fehler zu erwarten sind; ein guter nimmt den Platz eines misslungenen ein</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <location filename="desk/stages/plate/bench.py" />
   <source>Tap a part to see whose it is.</source>
   <translation>Tipp ein Teil an, um zu sehen, wem es gehört.</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>Take apart</source>
   <translation>Auflösen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>The plate's parts are owed again; undo brings it back</source>
   <translation>Die Teile der Platte fehlen wieder; Rückgängig bringt sie zurück</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <location filename="desk/stages/plate/bench.py" />
   <source>Export the plate</source>
   <translation>Die Platte ausgeben</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>STL or 3MF, parts with supports where they stand</source>
   <translation>STL oder 3MF, Teile mit Stützen, wo sie stehen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>To the watch bill</source>
   <translation>Zum Wachplan</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <location filename="desk/stages/plate/bench.py" />
   <source>Turn it left</source>
   <translation>Links drehen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <location filename="desk/stages/plate/bench.py" />
   <source>Turn it right</source>
   <translation>Rechts drehen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <location filename="desk/stages/plate/bench.py" />
   <source>Keep here</source>
   <translation>Hier behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>It stays when the others are packed anew</source>
   <translation>Es bleibt, wenn die anderen neu gepackt werden</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>Swap</source>
   <translation>Tauschen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>Then tap the part it changes places with</source>
   <translation>Tipp dann das Teil an, mit dem es den Platz tauscht</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>Take off</source>
   <translation>Abnehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>It is owed again</source>
   <translation>Es fehlt wieder</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>Pack anew</source>
   <translation>Neu packen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>All that is not kept where it lies</source>
   <translation>Alles, was nicht an seinem Ort behalten wird</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>Plates are made for a unit. Muster one first.</source>
   <translation>Platten werden für eine Einheit gemacht. Stelle zuerst eine auf.</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>Plate: %1</source>
   <translation>Platte: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>Tap a part to see whose it is; drag it to lie elsewhere.</source>
   <translation>Tipp ein Teil an, um zu sehen, wem es gehört; zieh es, um es anderswo hinzulegen.</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>plate layers</source>
   <translation>Schichten der Platte</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>Measuring the plate</source>
   <translation>Die Platte wird vermessen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>Layers at the machine's pixels</source>
   <translation>Schichten mit den Pixeln der Maschine</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>Tap the part it changes places with.</source>
   <translation>Tipp das Teil an, mit dem es den Platz tauscht.</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>, kept here</source>
   <translation>, hier behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>Let it go</source>
   <translation>Loslassen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>There is no machine in service in this book: plates need one.</source>
   <translation>In diesem Buch ist keine Maschine in Betrieb: Platten brauchen eine.</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>So far: %1</source>
   <translation>Bisher: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/bench.py" />
   <source>take apart %1</source>
   <translation>%1 auflösen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/export.py" />
   <location filename="desk/stages/pose/bench.py" />
   <source>3MF (*.3mf)</source>
   <translation>3MF (*.3mf)</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/export.py" />
   <source>3MF with slices (*.slices.3mf)</source>
   <translation>3MF mit Schnitten (*.slices.3mf)</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/export.py" />
   <source>Layers for the machine (*.layers)</source>
   <translation>Schichten für die Maschine (*.layers)</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/export.py" />
   <source>Bench card (*.pdf)</source>
   <translation>Werkbankkarte (*.pdf)</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/export.py" />
   <source>Bench card (*.svg)</source>
   <translation>Werkbankkarte (*.svg)</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/export.py" />
   <source>%1 lays filament and shows no layers.</source>
   <translation>%1 legt Filament und zeigt keine Schichten.</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/export.py" />
   <source>Choose STL or 3MF.</source>
   <translation>Wähle STL oder 3MF.</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/export.py" />
   <source>%1: %2 parts, numbered as on the plate.</source>
   <translation>%1: %2 Teile, nummeriert wie auf der Platte.</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/export.py" />
   <source>%1: %2 parts%3.</source>
   <translation>%1: %2 Teile%3.</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/export.py" />
   <source>, settings beside it</source>
   <translation>, Einstellungen daneben</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/export.py" />
   <source>%1: %2 layers, %3 ml, read back as meant.</source>
   <translation>%1: %2 Schichten, %3 ml, zurückgelesen wie gemeint.</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/export.py" />
   <source>Writing layers</source>
   <translation>Schichten werden geschrieben</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/export.py" />
   <source>%1: %2 parts with their slices, %3 placed.</source>
   <translation>%1: %2 Teile mit ihren Schnitten, %3 gelegt.</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/export.py" />
   <source>Slicing</source>
   <translation>Es wird geschnitten</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/export.py" />
   <source>%1 parts, %2 mm high, %3 h, %4 ml</source>
   <translation>%1 Teile, %2 mm hoch, %3 h, %4 ml</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/graph.py" />
   <source>The plate's layers: drag along it to see one</source>
   <translation>Die Schichten der Platte: zieh darüber, um eine zu sehen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/graph.py" />
   <source>Area and pull against height</source>
   <translation>Fläche und Zug gegen Höhe</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/graph.py" />
   <source>pull to %1 N at %2 mm; area to %3 mm²</source>
   <translation>Zug bis %1 N bei %2 mm; Fläche bis %3 mm²</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/graph.py" />
   <source>0 mm</source>
   <translation>0 mm</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/graph.py" />
   <source>fill the vat</source>
   <translation>die Wanne füllen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/hand.py" />
   <source>a part moved</source>
   <translation>ein Teil bewegt</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/hand.py" />
   <source>a part turned</source>
   <translation>ein Teil gedreht</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/hand.py" />
   <source>two parts swapped</source>
   <translation>zwei Teile getauscht</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/hand.py" />
   <source>a part let go</source>
   <translation>ein Teil losgelassen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/hand.py" />
   <source>a part kept where it lies</source>
   <translation>ein Teil behalten, wo es liegt</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/hand.py" />
   <source>a part taken off</source>
   <translation>ein Teil abgenommen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/hand.py" />
   <source>packed anew</source>
   <translation>neu gepackt</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/state.py" />
   <source>to wash</source>
   <translation>zu waschen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/state.py" />
   <source>to cure</source>
   <translation>zu härten</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/state.py" />
   <source>%1 of this unit owed</source>
   <translation>%1 dieser Einheit fehlen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/state.py" />
   <source>nothing posed is owed</source>
   <translation>nichts Ausgerichtetes fehlt</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/state.py" />
   <source>%1, and %2</source>
   <translation>%1 und %2</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/plate/state.py" />
   <location filename="desk/stages/sort/builds.py" />
   <source>%n spare(s)</source>
   <translation>
    <numerusform>%n Ersatzteil</numerusform>
    <numerusform>%n Ersatzteile</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/plate/state.py" />
   <source>%1, %2 × %3 mm</source>
   <translation>%1, %2 × %3 mm</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/state.py" />
   <source>all machines</source>
   <translation>alle Maschinen</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/state.py" />
   <source>Figures on %1 miss nothing else.</source>
   <translation>Figuren auf %1 fehlt sonst nichts.</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/state.py" />
   <source>Close %1 now, and %2 still miss parts: %3.</source>
   <translation>Schließ %1 jetzt, und %2 fehlen noch Teile: %3.</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/state.py" />
   <source>No plate yet. Make plates for this unit: tall parts go with tall ones, weak spots are kept clear.</source>
   <translation>Noch keine Platte. Mach Platten für diese Einheit: Hohes liegt bei Hohem, schwache Stellen bleiben frei.</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/state.py" />
   <source>a full vat of %1 ml falls to %2</source>
   <translation>eine volle Wanne von %1 ml fällt auf %2</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/state.py" />
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>at %1 mm</source>
   <translation>bei %1 mm</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/state.py" />
   <source>on the way</source>
   <translation>unterwegs</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/state.py" />
   <source>, below its %1: fill it up %2</source>
   <translation>, unter ihre %1: füll sie %2 auf</translation>
  </message>
  <message>
   <location filename="desk/stages/plate/state.py" />
   <source>%1 on %2: the tallest, %3 mm, decides it alone. %4 ml with supports and what clings%5; %6.</source>
   <translation>%1 auf %2: das höchste, %3 mm, entscheidet allein. %4 ml mit Stützen und was haften bleibt%5; %6.</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/pose</name>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>Poses</source>
   <translation>Lagen im Raum</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>Supports</source>
   <translation>Stützen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <location filename="desk/stages/pose/bench.py" />
   <source>Keep this pose</source>
   <translation>Diese Lage behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>Written into the part with its supports; twins of the part use it too</source>
   <translation>In das Teil geschrieben, mit seinen Stützen; Zwillinge des Teils nutzen sie auch</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>A second pose: batching takes it where a lower part makes a plate shorter</source>
   <translation>Eine zweite Lage: gepackt wird sie, wo ein niedrigeres Teil eine Platte kürzer macht</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>Also like this</source>
   <translation>Auch so</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>Each in its best pose in which every island is caught; one step to undo</source>
   <translation>Jedes in seiner besten Lage, in der jede Insel gefangen ist; ein Schritt zum Rückgängigmachen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>Pose all that wait</source>
   <translation>Alle wartenden ausrichten</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>In every unit</source>
   <translation>In jeder Einheit</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>Poses all parts of all units that wait; one step to undo</source>
   <translation>Richtet alle wartenden Teile aller Einheiten aus; ein Schritt zum Rückgängigmachen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>The posed and supported part as STL or 3MF</source>
   <translation>Das ausgerichtete und gestützte Teil als STL oder 3MF</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>The part as it hangs, with its supports</source>
   <translation>Das Teil, wie es hängt, mit seinen Stützen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>Part to pose</source>
   <translation>Auszurichtendes Teil</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>Colours</source>
   <translation>Farben</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>What the colours show</source>
   <translation>Was die Farben zeigen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>Nothing to pose: this unit's kit has no parts yet.</source>
   <translation>Nichts auszurichten: der Bausatz dieser Einheit hat noch keine Teile.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>Go to Sort</source>
   <translation>Zu Sortieren</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>Print as supplied</source>
   <translation>Drucken, wie geliefert</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>Printed as supplied</source>
   <translation>Gedruckt, wie geliefert</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>It came with supports</source>
   <translation>Es kam mit Stützen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>As supplied</source>
   <translation>Wie geliefert</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>%1 mm high; drag to turn</source>
   <translation>%1 mm hoch; zieh, um zu drehen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>As supplied: nothing wrong was found</source>
   <translation>Wie geliefert: nichts Falsches gefunden</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>Pose: %1</source>
   <translation>Ausrichten: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>In every unit: %1</source>
   <translation>In jeder Einheit: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>about %1 mm² to support; let go to support it</source>
   <translation>etwa %1 mm² zu stützen; lass los, um es zu stützen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <location filename="desk/stages/ready/packing_picture.py" />
   <source>%1 mm high</source>
   <translation>%1 mm hoch</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>drag to turn; the graph below cuts it</source>
   <translation>zieh, um zu drehen; der Graph unten schneidet es</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/bench.py" />
   <source>Export the supported part</source>
   <translation>Das gestützte Teil ausgeben</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>Time</source>
   <translation>Zeit</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>Minutes of a run as tall as this pose</source>
   <translation>Minuten eines Laufs, so hoch wie diese Lage</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>Scars on show</source>
   <translation>Sichtbare Male</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <location filename="desk/stages/pose/compared.py" />
   <location filename="desk/stages/pose/compared.py" />
   <location filename="desk/stages/pose/compared.py" />
   <source>%1 mm²</source>
   <translation>%1 mm²</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>about %1</source>
   <translation>etwa %1</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>Marks of tips on what the table sees: measured on the supports of the pose; until they are placed foretold from how its skin leans ('about')</source>
   <translation>Male von Spitzen auf dem, was der Tisch sieht: an den Stützen der Lage gemessen; bis sie gesetzt sind, aus der Neigung der Haut vorhergesagt („etwa“)</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>Steps on show</source>
   <translation>Sichtbare Stufen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>Seen skin whose slope shows the layers</source>
   <translation>Gesehene Haut, deren Neigung die Schichten zeigt</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>Islands</source>
   <translation>Inseln</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>Places that begin in mid-air and must be caught</source>
   <translation>Stellen, die mitten in der Luft beginnen und gefangen werden müssen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>Cups</source>
   <translation>Saugkelche</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>Spaces that suck on the film when the plate lifts: vent or tilt</source>
   <translation>Räume, die beim Heben der Platte an der Folie saugen: entlüften oder kippen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>To support</source>
   <translation>Zu stützen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>Skin that looks down, counted less the steeper it is</source>
   <translation>Haut, die nach unten blickt, desto weniger gezählt, je steiler sie ist</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>Peak layer</source>
   <translation>Größte Schicht</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>Largest layer: the strongest pull on the film</source>
   <translation>Größte Schicht: der stärkste Zug an der Folie</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>Height</source>
   <translation>Höhe</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>With 4 mm under it for the tips, unless it stands flat</source>
   <translation>Mit 4 mm darunter für die Spitzen, wenn es nicht flach steht</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>Candidates compared</source>
   <translation>Kandidaten verglichen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>Compared</source>
   <translation>Verglichen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>same part, same</source>
   <translation>gleiches Teil, gleicher</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>scale in each row</source>
   <translation>Maßstab je Zeile</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>Your own turn of the part.</source>
   <translation>Deine eigene Drehung des Teils.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>%1, least cost</source>
   <translation>%1, geringste Kosten</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/compared.py" />
   <source>%1 against %2: </source>
   <translation>%1 gegen %2: </translation>
  </message>
  <message>
   <location filename="desk/stages/pose/edit.py" />
   <source>a tip added</source>
   <translation>eine Spitze gesetzt</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/edit.py" />
   <source>a tip moved</source>
   <translation>eine Spitze bewegt</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/edit.py" />
   <source>brush %1: %2</source>
   <translation>pinseln, %1: %2</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/edit.py" />
   <source>supports mended</source>
   <translation>Stützen geflickt</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/edit.py" />
   <source>a thicker tip</source>
   <translation>eine dickere Spitze</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/edit.py" />
   <source>a finer tip</source>
   <translation>eine feinere Spitze</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/edit.py" />
   <source>a tip split</source>
   <translation>eine Spitze geteilt</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/edit.py" />
   <source>a tip taken away</source>
   <translation>eine Spitze weggenommen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/edit.py" />
   <source>No thin wall leads out of these cups.</source>
   <translation>Keine dünne Wand führt aus diesen Saugkelchen.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/edit.py" />
   <source>Tilt the part.</source>
   <translation>Kipp das Teil.</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/pose/edit.py" />
   <source>%n vent(s)</source>
   <translation>
    <numerusform>%n Lüftung</numerusform>
    <numerusform>%n Lüftungen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/pose/edit.py" />
   <source>Venting cups</source>
   <translation>Saugkelche werden entlüftet</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/edit.py" />
   <source>supports of %1 placed again</source>
   <translation>Stützen von %1 neu gesetzt</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/edit.py" />
   <source>Proving the change</source>
   <translation>Die Änderung wird geprüft</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/edit.py" />
   <source>%1 supports %2</source>
   <translation>%1 Stützen %2</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/keep.py" />
   <source>pose of %1: %2</source>
   <translation>Lage von %1: %2</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/keep.py" />
   <source>second pose of %1: %2</source>
   <translation>zweite Lage von %1: %2</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/keep.py" />
   <source>twins take the pose over</source>
   <translation>Zwillinge übernehmen die Lage</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/keep.py" />
   <source>Posing its twins</source>
   <translation>Seine Zwillinge werden ausgerichtet</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/keep.py" />
   <source>Posing %1</source>
   <translation>%1 wird ausgerichtet</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/keep.py" />
   <source>pose all that waits</source>
   <translation>alle wartenden ausrichten</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/keep.py" />
   <source>pose all</source>
   <translation>alle ausrichten</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/keep.py" />
   <source>%1 printed as supplied</source>
   <translation>%1 gedruckt, wie geliefert</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/keep.py" />
   <source>%1 posed%2</source>
   <translation>%1 ausgerichtet%2</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/keep.py" />
   <source>, %1 of them as supplied</source>
   <translation>, %1 davon wie geliefert</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/keep.py" />
   <source>%1; every island caught, nothing sealed, all held.</source>
   <translation>%1; jede Insel gefangen, nichts verschlossen, alles gehalten.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/keep.py" />
   <source>; and %1 more</source>
   <translation>; und %1 weitere</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/keep.py" />
   <source>%1. Look again at %2%3.</source>
   <translation>%1. Sieh noch einmal nach %2%3.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/made_of.py" />
   <source>What the part is printed of</source>
   <translation>Woraus das Teil gedruckt wird</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/made_of.py" />
   <source>It is posed, supported and laid for machines that print with it; its pose is worked out anew</source>
   <translation>Es wird für Maschinen ausgerichtet, gestützt und gelegt, die damit drucken; seine Lage wird neu errechnet</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/poses.py" />
   <source>School of posing</source>
   <translation>Schule des Ausrichtens</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/poses.py" />
   <source>What counts</source>
   <translation>Was zählt</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/poses.py" />
   <source> Your %1 choices count %2.</source>
   <translation> Deine %1 Wahlen zählen %2.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/state.py" />
   <source>  (not posed)</source>
   <translation>  (nicht ausgerichtet)</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/state.py" />
   <source>%1: mend it in Sort; </source>
   <translation>%1: flick es bei Sortieren; </translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/pose/state.py" />
   <location filename="geometry/repair/health.py" />
   <source>%n hole(s)</source>
   <translation>
    <numerusform>%n Loch</numerusform>
    <numerusform>%n Löcher</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/pose/state.py" />
   <source>%1 of %2 parts wait</source>
   <translation>%1 von %2 Teilen warten</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/state.py" />
   <source>%1%2 faces; %3; %4, %5 mm; %6</source>
   <translation>%1%2 Flächen; %3; %4, %5 mm; %6</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/state.py" />
   <source>no pose kept yet</source>
   <translation>noch keine Lage behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/state.py" />
   <source>, also %1</source>
   <translation>, auch %1</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/state.py" />
   <source>kept: %1, %2 tips%3</source>
   <translation>behalten: %1, %2 Spitzen%3</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supplied.py" />
   <source>This mesh came on supports: it is not posed and supported a second time unless you ask for it. It was looked at as a print, layer by layer, like any other.</source>
   <translation>Dieses Netz kam mit Stützen: es wird kein zweites Mal ausgerichtet und gestützt, wenn du nicht darum bittest. Es wurde wie jedes andere Schicht für Schicht als Druck angesehen.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supplied.py" />
   <source>What was found of it as a print</source>
   <translation>Was daran als Druck gefunden wurde</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supplied.py" />
   <source>Nothing wrong was found.</source>
   <translation>Nichts Falsches wurde gefunden.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supplied.py" />
   <source>Pose it anew</source>
   <translation>Neu ausrichten</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supplied.py" />
   <source>As if its supports were part of it</source>
   <translation>Als gehörten seine Stützen dazu</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supplied.py" />
   <source>Ready-supported</source>
   <translation>Fertig gestützt</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supplied.py" />
   <source>Looking at its supports</source>
   <translation>Seine Stützen werden angesehen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supplied.py" />
   <source>%1 × %2 × %3 mm as it stands, %4 pillars counted. Its supports are weighed with it; how they bear leverage is not judged.</source>
   <translation>%1 × %2 × %3 mm, wie es steht, %4 Pfeiler gezählt. Seine Stützen werden mitgewogen; wie sie Hebel tragen, wird nicht beurteilt.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supplied.py" />
   <source>as it stands</source>
   <translation>wie es steht</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Look</source>
   <translation>Ansehen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Add a tip</source>
   <translation>Eine Spitze setzen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Move it</source>
   <translation>Bewegen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Brush</source>
   <translation>Pinsel</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Click near a tip to choose it, or a line above to see its place.</source>
   <translation>Klick nahe einer Spitze, um sie zu wählen, oder eine Zeile oben, um ihre Stelle zu sehen.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Click an underside: a tip is brought there.</source>
   <translation>Klick eine Unterseite: eine Spitze wird dorthin geführt.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Click where the chosen tip should hold instead.</source>
   <translation>Klick, wo die gewählte Spitze stattdessen halten soll.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Drag over the part, or click it: what is brushed counts for poses and tips.</source>
   <translation>Zieh über das Teil oder klick es: was gepinselt ist, zählt für Lagen und Spitzen.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <location filename="domain/printing/poses.py" />
   <location filename="surface/fields/part_fields.py" />
   <location filename="surface/fields/part_fields.py" />
   <source>keep off</source>
   <translation>fernbleiben</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>seen: dear</source>
   <translation>gesehen: teuer</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>unseen: cheap</source>
   <translation>ungesehen: billig</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>no tip here</source>
   <translation>hier keine Spitze</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>tips here</source>
   <translation>Spitzen hierher</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Tips where something is left, heavier where too light, finer where too heavy</source>
   <translation>Spitzen, wo etwas bleibt, schwerer, wo zu leicht, feiner, wo zu schwer</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Style of supports</source>
   <translation>Art der Stützen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>What the brush says</source>
   <translation>Was der Pinsel sagt</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Size of the brush</source>
   <translation>Größe des Pinsels</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>What the proof found</source>
   <translation>Was die Prüfung fand</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Nothing begins in mid-air, every tip holds what it must.</source>
   <translation>Nichts beginnt mitten in der Luft, jede Spitze hält, was sie muss.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Mend all</source>
   <translation>Alles flicken</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Place again</source>
   <translation>Neu setzen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>All tips anew, by the style</source>
   <translation>Alle Spitzen neu, nach der Art</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Vent cups</source>
   <translation>Saugkelche entlüften</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>A small hole from each cup through its thinnest wall out of sight</source>
   <translation>Ein kleines Loch aus jedem Saugkelch durch die dünnste Wand, die man nicht sieht</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Thicker</source>
   <translation>Dicker</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>The next size up</source>
   <translation>Die nächstgrößere</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Finer</source>
   <translation>Feiner</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>The next size down: a smaller mark</source>
   <translation>Die nächstkleinere: ein kleineres Mal</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Split</source>
   <translation>Teilen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Two tips to either side, to share its load</source>
   <translation>Zwei Spitzen nach beiden Seiten, um die Last zu teilen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>The tip and its pillar</source>
   <translation>Die Spitze und ihr Pfeiler</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Placed</source>
   <translation>Gesetzt</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>By hand</source>
   <translation>Von Hand</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/supports.py" />
   <source>Brush says</source>
   <translation>Pinsel sagt</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/trials.py" />
   <location filename="printing/orientation/pose_measures.py" />
   <location filename="printing/orientation/pose_measures.py" />
   <location filename="printing/preparation/headless.py" />
   <source>best found</source>
   <translation>beste gefundene</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/trials.py" />
   <source>your own turn</source>
   <translation>deine eigene Drehung</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/trials.py" />
   <source>Searching poses</source>
   <translation>Lagen werden gesucht</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/trials.py" />
   <source>Looking at the designer's supports</source>
   <translation>Die Stützen des Entwerfers werden angesehen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/trials.py" />
   <source>Proving supports</source>
   <translation>Stützen werden geprüft</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/trials.py" />
   <source>Placing supports</source>
   <translation>Stützen werden gesetzt</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/trials.py" />
   <source>Measuring the others with their supports</source>
   <translation>Die anderen werden mit ihren Stützen vermessen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/trials.py" />
   <source>Measuring this pose</source>
   <translation>Diese Lage wird vermessen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/trials.py" />
   <source>Measuring the best</source>
   <translation>Die beste wird vermessen</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/pose/pictures</name>
  <message>
   <location filename="desk/stages/pose/pictures/chart.py" />
   <source>Pose chart</source>
   <translation>Karte der Lagen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/chart.py" />
   <source>Centre stands, rings lean 45°, 90° and 135°, the rim is on its head; toward you leans back. Dark is little regret, the line holds the best tenth. Drag to turn the part, let go to support it.</source>
   <translation>Die Mitte steht, Ringe lehnen 45°, 90° und 135°, der Rand steht Kopf; zu dir hin lehnt zurück. Dunkel ist wenig Reue, die Linie fasst das beste Zehntel. Zieh, um das Teil zu drehen, lass los, um es zu stützen.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/chart.py" />
   <source>What counts here</source>
   <translation>Was hier zählt</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/chart.py" />
   <source>%1: %2 of 5</source>
   <translation>%1: %2 von 5</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/layers.py" />
   <source>Layer graph: drag to scrub through the height</source>
   <translation>Schichtgraph: zieh, um durch die Höhe zu gehen</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/layers.py" />
   <source>The layers are measured when a pose is chosen.</source>
   <translation>Die Schichten werden vermessen, wenn eine Lage gewählt ist.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/layers.py" />
   <source>A line may show at %1 mm: %2 mm² more or less than the layer below.</source>
   <translation>Bei %1 mm kann eine Linie zu sehen sein: %2 mm² mehr oder weniger als die Schicht darunter.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/layers.py" />
   <source>Cup from %1 to %2 mm: %3 mm² sealed, %4 ml.</source>
   <translation>Saugkelch von %1 bis %2 mm: %3 mm² verschlossen, %4 ml.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/layers.py" />
   <source>%1 Vent it near its bottom, or tilt the part.</source>
   <translation>%1 Entlüfte ihn nahe dem Boden oder kipp das Teil.</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/layers.py" />
   <source>This layer, %1 × %2 mm</source>
   <translation>Diese Schicht, %1 × %2 mm</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/layers.py" />
   <source>peak %1 mm²</source>
   <translation>höchstens %1 mm²</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/layers.py" />
   <source>tips hold</source>
   <translation>Spitzen halten</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/layers.py" />
   <source>may line</source>
   <translation>sichtbar?</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/layers.py" />
   <source>least margin: tips hold %1 times the pull, %2 mm</source>
   <translation>geringste Reserve: Spitzen halten das %1-Fache des Zugs, %2 mm</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/layers.py" />
   <source>%1 mm: area %2 mm²</source>
   <translation>%1 mm: Fläche %2 mm²</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/layers.py" />
   <location filename="printing/checks/layer_graph.py" />
   <source>, pull %1 N</source>
   <translation>, Zug %1 N</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/view.py" />
   <source>The part</source>
   <translation>Das Teil</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/view.py" />
   <source>Marks that will be left, where tips hold</source>
   <translation>Male, die bleiben, wo Spitzen halten</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/view.py" />
   <source>Pale is seen at the table, dark is not; green is glued, red keeps tips off, blue asks for them</source>
   <translation>Hell ist am Tisch zu sehen, Dunkel nicht; Grün ist verklebt, Rot hält Spitzen fern, Blau bittet um sie</translation>
  </message>
  <message>
   <location filename="desk/stages/pose/pictures/view.py" />
   <source>Numbered pins: islands, each caught by a tip</source>
   <translation>Nummerierte Nadeln: Inseln, jede von einer Spitze gefangen</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/prime</name>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>First colour</source>
   <translation>Erste Farbe</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>Weather for spray cans</source>
   <translation>Wetter für Sprühdosen</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>fit for a spray can</source>
   <translation>gut für eine Sprühdose</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>%1: %2 °C, %3 %, wind %4 m/s: %5</source>
   <translation>%1: %2 °C, %3 %, Wind %4 m/s: %5</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>%1, now %2 °C, %3 %, dew point %4 °C</source>
   <translation>%1, jetzt %2 °C, %3 %, Taupunkt %4 °C</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>as you told it</source>
   <translation>wie du es gesagt hast</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>simulated air</source>
   <translation>simulierte Luft</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>Primed, drying</source>
   <translation>Grundiert, am Trocknen</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>The figure, primed from above</source>
   <translation>Die Figur, von oben grundiert</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <location filename="desk/stages/prime/bench.py" />
   <location filename="paint/priming/primer.py" />
   <source>Tack together for the light</source>
   <translation>Fürs Licht zusammenheften</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>Before the second coat; taken apart again after it</source>
   <translation>Vor der zweiten Lage; danach wieder auseinandergenommen</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>Weather …</source>
   <translation>Wetter …</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>Typed, or from a file; simulated where nobody tells it</source>
   <translation>Eingegeben oder aus einer Datei; simuliert, wo es niemand sagt</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>filler coats: </source>
   <translation>Lagen Füller: </translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>Coats of filler, sanded, before the primer</source>
   <translation>Lagen Füller, geschliffen, vor der Grundierung</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>Bars damp, line warmth</source>
   <translation>Balken Feuchte, Linie Wärme</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>Prime</source>
   <translation>Grundieren</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>Nothing waits for primer. Built figures come here.</source>
   <translation>Nichts wartet auf Grundierung. Gebaute Figuren kommen hierher.</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>See Build</source>
   <translation>Zu Bauen</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>%1 Black suits metal and dry-brushing up; pale suits translucent paint.</source>
   <translation>%1 Schwarz passt zu Metall und Trockenbürsten; Hell passt zu durchscheinender Farbe.</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>light from above, dark below</source>
   <translation>Licht von oben, dunkel unten</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>Looking at the layers' stairs</source>
   <translation>Die Stufen der Schichten werden angesehen</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>how the primer goes on</source>
   <translation>wie grundiert wird</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>Looking at the light on the holders</source>
   <translation>Das Licht auf den Haltern wird angesehen</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>Leave them apart</source>
   <translation>Getrennt lassen</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>the weather as told</source>
   <translation>das Wetter, wie gesagt</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>simulated air again</source>
   <translation>wieder simulierte Luft</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/bench.py" />
   <source>primed %1</source>
   <translation>grundiert: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/first_colour.py" />
   <source>pays from</source>
   <translation>lohnt sich ab</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/first_colour.py" />
   <source>Ways to lay the first colour</source>
   <translation>Wege für die erste Farbe</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/first_colour.py" />
   <source>Nothing waits whose first colour is known: name zones and write a recipe.</source>
   <translation>Nichts wartet, dessen erste Farbe bekannt ist: benenne Zonen und schreib ein Rezept.</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/first_colour.py" />
   <source>%1 wait</source>
   <translation>%1 warten</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/state.py" />
   <source>The brush by the recipe's minutes; rates and losses of sprays and a can's price are defaults. What else a spray hits is painted over.</source>
   <translation>Der Pinsel nach den Minuten des Rezepts; Mengen und Verluste beim Sprühen und der Preis einer Dose sind Vorgaben. Was ein Sprühen sonst trifft, wird übermalt.</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/state.py" />
   <source>Stairs of %1 µm on a twentieth of %2's skin: </source>
   <translation>Stufen von %1 µm auf einem Zwanzigstel der Haut von %2: </translation>
  </message>
  <message>
   <location filename="desk/stages/prime/state.py" />
   <source>%1two coats of primer hide them.</source>
   <translation>%1zwei Lagen Grundierung verbergen sie.</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/state.py" />
   <source>%1%2 of filler would hide them, %3 min and %4 min of drying (defaults).</source>
   <translation>%1%2 Füller würden sie verbergen, %3 min und %4 min Trocknen (Vorgaben).</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/prime/state.py" />
   <source>%n sanded coat(s)</source>
   <translation>
    <numerusform>%n geschliffene Lage</numerusform>
    <numerusform>%n geschliffene Lagen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/prime/state.py" />
   <source> Without it %1 would gather in the lines: layers and thicker base coats hide them.</source>
   <translation> Ohne sie würde %1 sich in den Linien sammeln: Schichten und dickere Grundfarbe verbergen sie.</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/prime/state.py" />
   <source>%n wash(s)</source>
   <translation>
    <numerusform>%n Lasur</numerusform>
    <numerusform>%n Lasuren</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/prime/state.py" />
   <source>First colour on %1, %2 of the skin: %3 is quickest</source>
   <translation>Erste Farbe auf %1, %2 der Haut: %3 ist am schnellsten</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/state.py" />
   <source> Airbrush beats brush from %1 on.</source>
   <translation> Pistole ab %1.</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/state.py" />
   <source>%1 (losses: defaults).%2%3</source>
   <translation>%1 (Vorgaben).%2%3</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/state.py" />
   <source> So far %1.</source>
   <translation> Bisher %1.</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/state.py" />
   <source> Now %1.</source>
   <translation> Jetzt %1.</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/state.py" />
   <source>by the air you told</source>
   <translation>nach der Luft, die du gesagt hast</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/state.py" />
   <source>by simulated air, not yours</source>
   <translation>nach simulierter Luft</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/state.py" />
   <source>Spray can outdoors, %1: %2.%3 Look outside first.</source>
   <translation>Dose im Freien, %1: %2.%3 Sieh hinaus.</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/state.py" />
   <source>only %1, when nobody is there</source>
   <translation>nur %1, ohne jemanden</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/state.py" />
   <source>not in the next days</source>
   <translation>nicht in den nächsten Tagen</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/weather_dialog.py" />
   <source>Weather (*.csv *.json)</source>
   <translation>Wetter (*.csv *.json)</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/weather_dialog.py" />
   <source>The weather</source>
   <translation>Das Wetter</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/weather_dialog.py" />
   <source>Warmth, °C</source>
   <translation>Wärme, °C</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/weather_dialog.py" />
   <source>Damp, %</source>
   <translation>Feuchte, %</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/weather_dialog.py" />
   <source>Wind, m/s</source>
   <translation>Wind, m/s</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/weather_dialog.py" />
   <source>What it is like outside now; taken to hold for %1 hours.</source>
   <translation>Wie es jetzt draußen ist; gilt für %1 Stunden.</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/weather_dialog.py" />
   <source>Simulated again</source>
   <translation>Wieder simuliert</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/weather_dialog.py" />
   <source>A file has rows of %1: CSV under a header, or a JSON list.</source>
   <translation>Eine Datei hat Zeilen von %1: CSV unter einer Kopfzeile oder eine JSON-Liste.</translation>
  </message>
  <message>
   <location filename="desk/stages/prime/weather_dialog.py" />
   <source>Weather</source>
   <translation>Wetter</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/print</name>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <location filename="desk/window_commands.py" />
   <source>Machines and stores …</source>
   <translation>Maschinen und Vorräte …</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>Profiles, calibration, film, screen, bottles</source>
   <translation>Profile, Kalibrierung, Folie, Bildschirm, Flaschen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>Start this run</source>
   <translation>Diesen Lauf starten</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>Loads the plate now and writes it into the journal</source>
   <translation>Lädt jetzt die Platte und schreibt es ins Journal</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>Faster or surer …</source>
   <translation>Schneller oder sicherer …</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>This plate by other lift speeds, layers and light</source>
   <translation>Diese Platte mit anderen Hubtempi, Schichten und anderem Licht</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <location filename="desk/stages/print/bench.py" />
   <source>Take it off</source>
   <translation>Abnehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>Say of each part what became of it</source>
   <translation>Von jedem Teil sagen, was daraus wurde</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <location filename="desk/stages/print/bench.py" />
   <location filename="desk/stages/print/take_off.py" />
   <source>Watch bill</source>
   <translation>Wachplan</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>No plates yet. Runs are planned here so that a finished plate is met by someone.</source>
   <translation>Noch keine Platten. Läufe werden hier so geplant, dass jemand da ist, wenn eine Platte fertig ist.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>Go to Plate</source>
   <translation>Zu Platten</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>Looking for what would help</source>
   <translation>Es wird gesucht, was helfen würde</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>plates in a better order</source>
   <translation>Platten in besserer Reihenfolge</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>Taken off: %1</source>
   <translation>Abgenommen: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>Look at it again</source>
   <translation>Noch einmal ansehen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>%1 is not planned</source>
   <translation>%1 ist nicht geplant</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <location filename="desk/stages/print/machine_picture.py" />
   <source>will hang</source>
   <translation>wird hängen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>Refill or look at it first: gloves, lid closed. Going on leaves a line where it stood; what stood long may let go.</source>
   <translation>Nachfüllen oder zuerst ansehen: Handschuhe, Deckel zu. Weiterfahren lässt eine Linie, wo es stand; was lange stand, löst sich vielleicht.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <location filename="desk/stages/print/live.py" />
   <source>%1 stands still</source>
   <translation>%1 steht still</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>Started %1, %2 parts. It ends %3.%4</source>
   <translation>%1 gestartet, %2 Teile. Ende %3.%4</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>Keep the lid down: daylight cures resin. The simulated machine may let a part go, lose power or run dry.</source>
   <translation>Lass den Deckel zu: Tageslicht härtet Harz. Die simulierte Maschine kann ein Teil verlieren, den Strom verlieren oder leerlaufen.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>%1 is printing</source>
   <translation>%1 druckt</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>has ended and waits to be taken off</source>
   <translation>ist zu Ende und wartet auf das Abnehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>was taken off; %1</source>
   <translation>wurde abgenommen; %1</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>start %1</source>
   <translation>%1 starten</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>%1 put at %2</source>
   <translation>%1 auf %2 gelegt</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>%1 laid anew on %2</source>
   <translation>%1 neu gelegt auf %2</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>%1 planned again</source>
   <translation>%1 wieder geplant</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>The watch bill as a calendar</source>
   <translation>Der Wachplan als Kalender</translation>
  </message>
  <message>
   <location filename="desk/stages/print/bench.py" />
   <source>Calendar (*.ics)</source>
   <translation>Kalender (*.ics)</translation>
  </message>
  <message>
   <location filename="desk/stages/print/causes.py" />
   <source>Likely causes</source>
   <translation>Wahrscheinliche Ursachen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/causes.py" />
   <source>nothing speaks for it but its usual share</source>
   <translation>nichts spricht dafür außer ihrem üblichen Anteil</translation>
  </message>
  <message>
   <location filename="desk/stages/print/causes.py" />
   <location filename="desk/trainer/plate_page.py" />
   <source>Yes</source>
   <translation>Ja</translation>
  </message>
  <message>
   <location filename="desk/stages/print/causes.py" />
   <source>What the test was asked for showed</source>
   <translation>Was die Probe fragen sollte, zeigte sich</translation>
  </message>
  <message>
   <location filename="desk/stages/print/causes.py" />
   <location filename="desk/trainer/plate_page.py" />
   <source>No</source>
   <translation>Nein</translation>
  </message>
  <message>
   <location filename="desk/stages/print/causes.py" />
   <source>Why …</source>
   <translation>Warum …</translation>
  </message>
  <message>
   <location filename="desk/stages/print/causes.py" />
   <source>How often each cause shows what is seen; to be changed</source>
   <translation>Wie oft jede Ursache zeigt, was zu sehen ist; zu ändern</translation>
  </message>
  <message>
   <location filename="desk/stages/print/causes.py" />
   <source>It was …</source>
   <translation>Es war …</translation>
  </message>
  <message>
   <location filename="desk/stages/print/causes.py" />
   <source>What you are sure of teaches the shares</source>
   <translation>Wessen du sicher bist, lehrt die Anteile</translation>
  </message>
  <message>
   <location filename="desk/stages/print/causes.py" />
   <source>Would tell most, %1: %2 %3?</source>
   <translation>Würde am meisten sagen, %1: %2 %3?</translation>
  </message>
  <message>
   <location filename="desk/stages/print/causes.py" />
   <source>No cheap test would tell more.</source>
   <translation>Keine billige Probe würde mehr sagen.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/causes.py" />
   <location filename="post/washing/bath_book.py" />
   <source>learned from %1</source>
   <translation>gelernt aus %1</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/print/causes.py" />
   <source>%n confirmed case(s)</source>
   <translation>
    <numerusform>%n bestätigter Fall</numerusform>
    <numerusform>%n bestätigten Fällen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/print/causes.py" />
   <source>a judgement, not measured</source>
   <translation>eine Einschätzung, nicht gemessen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/causes.py" />
   <source>It was: %1.</source>
   <translation>Es war: %1.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/causes.py" />
   <source>Shares: %1.</source>
   <translation>Anteile: %1.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/likelihoods.py" />
   <source>usual share of failures</source>
   <translation>üblicher Anteil der Fehler</translation>
  </message>
  <message>
   <location filename="desk/stages/print/likelihoods.py" />
   <source>How causes show themselves</source>
   <translation>Wie Ursachen sich zeigen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/likelihoods.py" />
   <source>How often each cause shows what is seen, in per cent</source>
   <translation>Wie oft jede Ursache zeigt, was zu sehen ist, in Prozent</translation>
  </message>
  <message>
   <location filename="desk/stages/print/likelihoods.py" />
   <source>Of a hundred failures by a cause, in how many is this seen? The inquest multiplies these shares; what is not known takes no part.</source>
   <translation>Von hundert Fehlern durch eine Ursache, bei wie vielen ist das zu sehen? Die Untersuchung multipliziert diese Anteile; was nicht bekannt ist, zählt nicht mit.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/likelihoods.py" />
   <source>As shipped</source>
   <translation>Wie mitgeliefert</translation>
  </message>
  <message>
   <location filename="desk/stages/print/likelihoods.py" />
   <source>To a file …</source>
   <translation>In eine Datei …</translation>
  </message>
  <message>
   <location filename="desk/stages/print/likelihoods.py" />
   <source>test: %1</source>
   <translation>Probe: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/print/likelihoods.py" />
   <source>how causes show themselves</source>
   <translation>wie Ursachen sich zeigen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/likelihoods.py" />
   <source>A table of likelihoods</source>
   <translation>Eine Tabelle der Wahrscheinlichkeiten</translation>
  </message>
  <message>
   <location filename="desk/stages/print/likelihoods.py" />
   <location filename="desk/stages/print/likelihoods.py" />
   <source>Tables (*.json)</source>
   <translation>Tabellen (*.json)</translation>
  </message>
  <message>
   <location filename="desk/stages/print/likelihoods.py" />
   <source>%1 cannot be read.</source>
   <translation>%1 ist nicht zu lesen.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/likelihoods.py" />
   <source>The table as a file</source>
   <translation>Die Tabelle als Datei</translation>
  </message>
  <message>
   <location filename="desk/stages/print/live.py" />
   <source>Run it fast</source>
   <translation>Schnell laufen lassen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/live.py" />
   <source>The simulated machine: twenty minutes a second, with its seeded faults</source>
   <translation>Die simulierte Maschine: zwanzig Minuten je Sekunde, mit ihren eingesäten Fehlern</translation>
  </message>
  <message>
   <location filename="desk/stages/print/live.py" />
   <source>It has ended</source>
   <translation>Sie ist zu Ende</translation>
  </message>
  <message>
   <location filename="desk/stages/print/live.py" />
   <location filename="desk/stages/print/live.py" />
   <source>Pause</source>
   <translation>Pause</translation>
  </message>
  <message>
   <location filename="desk/stages/print/live.py" />
   <source>Stop the run, or let it go on from where it stands</source>
   <translation>Den Lauf anhalten oder weiterlaufen lassen, wo er steht</translation>
  </message>
  <message>
   <location filename="desk/stages/print/live.py" />
   <source>Go on</source>
   <translation>Weiter</translation>
  </message>
  <message>
   <location filename="desk/stages/print/live.py" />
   <source>run goes on</source>
   <translation>Lauf geht weiter</translation>
  </message>
  <message>
   <location filename="desk/stages/print/live.py" />
   <source>paused by hand</source>
   <translation>von Hand angehalten</translation>
  </message>
  <message>
   <location filename="desk/stages/print/live.py" />
   <source>%1 ended</source>
   <translation>%1 zu Ende</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <source>The machine</source>
   <translation>Die Maschine</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <source>Looking at the plate</source>
   <translation>Die Platte wird angesehen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <source>not known</source>
   <translation>nicht bekannt</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <location filename="desk/stages/print/machine_picture.py" />
   <source>State</source>
   <translation>Stand</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <source>its plate hangs</source>
   <translation>ihre Platte hängt</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <source>at rest</source>
   <translation>in Ruhe</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <location filename="desk/stages/print/machine_picture.py" />
   <source>what %1 there</source>
   <translation>was %1 dort</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <source>%1 of %2 mm</source>
   <translation>%1 von %2 mm</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <source>Layers, nozzle</source>
   <translation>Schichten, Düse</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <source>Layers, pixels</source>
   <translation>Schichten, Pixel</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <source>%1 mm, %2</source>
   <translation>%1 mm, %2</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <location filename="paint/figure/schools.py" />
   <location filename="paint/finishing/basing.py" />
   <location filename="starter/schemes.py" />
   <source>Layer</source>
   <translation>Schicht</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <source>Time left</source>
   <translation>Restzeit</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <source>Temperature, simulated</source>
   <translation>Temperatur, simuliert</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <source>One by one: %1</source>
   <translation>Eines nach dem anderen: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <source>not looked at</source>
   <translation>nicht angesehen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>saves %1</source>
   <translation>spart %1</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <source>no: see why here</source>
   <translation>nein: siehe hier, warum</translation>
  </message>
  <message>
   <location filename="desk/stages/print/machine_picture.py" />
   <source>One by one</source>
   <translation>Eines nach dem anderen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <location filename="desk/stages/print/run_list.py" />
   <source>Runs to come</source>
   <translation>Kommende Läufe</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>Conflicts</source>
   <translation>Konflikte</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>Stores</source>
   <translation>Vorräte</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>Let the planner choose</source>
   <translation>Den Planer wählen lassen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>It was put at this time by hand</source>
   <translation>Es wurde von Hand auf diese Zeit gelegt</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>Lay it anew</source>
   <translation>Neu legen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>On the first machine in service it fits</source>
   <translation>Auf die erste Maschine in Betrieb, auf die es passt</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>Resin in the vat when the run starts or goes on</source>
   <translation>Harz in der Wanne, wenn der Lauf beginnt oder weitergeht</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>What stands in the vat when the run starts; the journal follows it from there</source>
   <translation>Was in der Wanne steht, wenn der Lauf beginnt; das Journal folgt ihm von da an</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>As a calendar …</source>
   <translation>Als Kalender …</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>Starts and plates to take off, with reminders (iCalendar)</source>
   <translation>Starts und abzunehmende Platten, mit Erinnerungen (iCalendar)</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>Nothing that was tried ends the printing half an hour earlier.</source>
   <translation>Nichts, was erprobt wurde, beendet das Drucken eine halbe Stunde früher.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>None: every run is started and met by someone.</source>
   <translation>Keine: jeder Lauf wird von jemandem gestartet und abgewartet.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>Nothing is written down yet: see Machines and stores.</source>
   <translation>Noch ist nichts aufgeschrieben: siehe Maschinen und Vorräte.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <location filename="desk/stages/print/planned.py" />
   <source>%1: %2 earlier</source>
   <translation>%1: %2 früher</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>press to take it</source>
   <translation>drücken, um es zu nehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>what is planned goes by it</source>
   <translation>was geplant ist, geht danach</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>: change it soon, under Machines and stores</source>
   <translation>: bald wechseln, unter Maschinen und Vorräte</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>Why %1 starts %2</source>
   <translation>Warum %1 %2 beginnt</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>, by what %1 took</source>
   <translation>, nach dem, was %1 brauchten</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/print/planned.py" />
   <location filename="desk/stages/print/run_list.py" />
   <location filename="desk/stages/print/state.py" />
   <location filename="progress/stores.py" />
   <source>%n run(s)</source>
   <translation>
    <numerusform>%n Lauf</numerusform>
    <numerusform>%n Läufe</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>%1 ml; the tallest, %2 mm, sets the %3 h%4</source>
   <translation>%1 ml; das höchste, %2 mm, bestimmt die %3 h%4</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source> First %1.</source>
   <translation> Erstes: %1.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>%1It %2. %3.%4</source>
   <translation>%1Es %2. %3.%4</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>%1 hangs %2</source>
   <translation>%1 hängt %2</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>Other starts: %1.</source>
   <translation>Andere Starts: %1.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/planned.py" />
   <source>%1 to %2: idle %3 min, hangs %4 min</source>
   <translation>%1 bis %2: ruht %3 min, hängt %4 min</translation>
  </message>
  <message>
   <location filename="desk/stages/print/run_list.py" />
   <location filename="schedule/what_if.py" />
   <source>No plate waits for a machine.</source>
   <translation>Keine Platte wartet auf eine Maschine.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/run_list.py" />
   <source>%1 on %2: %3</source>
   <translation>%1 auf %2: %3</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>Click the part where it is broken, or set where the loss begins.</source>
   <translation>Klick das Teil an, wo es gebrochen ist, oder stell ein, wo der Verlust beginnt.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>Across the table</source>
   <translation>Über den Tisch</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>with a new part</source>
   <translation>mit einem neuen Teil</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>Across the table: choose a way.</source>
   <translation>Über den Tisch: wähle einen Weg.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>Save it: %1</source>
   <translation>Retten: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>The part: what is left, and in red what is lost</source>
   <translation>Das Teil: was bleibt, und in Rot, was verloren ist</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>Where the loss begins</source>
   <translation>Wo der Verlust beginnt</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>How wide it is</source>
   <translation>Wie breit es ist</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>What is lost</source>
   <translation>Was verloren ist</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>Which way</source>
   <translation>Welche Richtung</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>Ways to save it</source>
   <translation>Wege, es zu retten</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>Mark what is lost first.</source>
   <translation>Markiere zuerst, was verloren ist.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>Do it so</source>
   <translation>So machen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>Lost is</source>
   <translation>Verloren ist</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>Ways, the most promising first</source>
   <translation>Wege, der aussichtsreichste zuerst</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>Reading the part</source>
   <translation>Das Teil wird gelesen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>saving look</source>
   <translation>Rettung ansehen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>Cutting out what is lost</source>
   <translation>Das Verlorene wird ausgeschnitten</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>saving table</source>
   <translation>Rettung, Tisch</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>Looking at it across the table</source>
   <translation>Es wird über den Tisch angesehen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>Make the piece</source>
   <translation>Das Stück machen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>saving make</source>
   <translation>Rettung machen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>Making the piece and its saw guide</source>
   <translation>Das Stück und seine Sägehilfe werden gemacht</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_dialog.py" />
   <source>missing piece of %1</source>
   <translation>fehlendes Stück von %1</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_state.py" />
   <source>upward, as it was printed</source>
   <translation>aufwärts, wie es gedruckt wurde</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_state.py" />
   <source>missing piece</source>
   <translation>fehlendes Stück</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_state.py" />
   <source>saw guide</source>
   <translation>Sägehilfe</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_state.py" />
   <source>, %1 day%2</source>
   <translation>, %1 Tage</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_state.py" />
   <source>right %1 (default)</source>
   <translation>stimmt zu %1 (Vorgabe)</translation>
  </message>
  <message>
   <location filename="desk/stages/print/saving_state.py" />
   <source>%1 min, %2%3; %4%5</source>
   <translation>%1 min, %2%3; %4%5</translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <source>up until one</source>
   <translation>wach bis eins</translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <source>as usual</source>
   <translation>wie üblich</translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <location filename="schedule/run_queue.py" />
   <source>choose it here, then lay it anew</source>
   <translation>wähle sie hier, dann lege sie neu</translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <source>%1, %2 h of machine. </source>
   <translation>%1, %2 h Maschine. </translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <source>Nobody is ever at home.</source>
   <translation>Nie ist jemand zu Hause.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <source> The vat runs low %1: pause it and fill it up before.</source>
   <translation> Die Wanne geht %1 zur Neige: halte vorher an und füll sie auf.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <source>%1 worn</source>
   <translation>%1 verschlissen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <source>It is not started as it lies.</source>
   <translation>Wie sie liegt, wird sie nicht gestartet.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <source>That machine still holds a plate.</source>
   <translation>Diese Maschine hält noch eine Platte.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <source>Take it off first, or choose a plate for another machine.</source>
   <translation>Nimm sie zuerst ab oder wähle eine Platte für eine andere Maschine.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <source>it is too tall</source>
   <translation>sie ist zu hoch</translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <source>that is out of service</source>
   <translation>sie ist außer Betrieb</translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <source>%1 does not fit %2: %3.</source>
   <translation>%1 passt nicht auf %2: %3.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <location filename="printing/plates/hand_layout.py" />
   <source>It stays where it was.</source>
   <translation>Sie blieb, wo sie war.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <source>It stays as it lies.</source>
   <translation>Sie bleibt, wie sie liegt.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <source>%1 does not fit %2: %3</source>
   <translation>%1 passt nicht auf %2: %3</translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <source>Take it apart in Plate and make it for that machine.</source>
   <translation>Löse sie bei Platten auf und mach sie für jene Maschine.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/state.py" />
   <source>See Machines and stores.</source>
   <translation>Siehe Maschinen und Vorräte.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>Earlier failures on this machine</source>
   <translation>Frühere Fehler auf dieser Maschine</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <location filename="desk/stages/print/take_off.py" />
   <source>Attach a photograph …</source>
   <translation>Ein Foto anhängen …</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>Kept in the book with this run</source>
   <translation>Mit diesem Lauf im Buch behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>failed at </source>
   <translation>misslang bei </translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>height not told</source>
   <translation>Höhe nicht gesagt</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>Height it failed at</source>
   <translation>Höhe, bei der es misslang</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>What can be done</source>
   <translation>Was zu tun ist</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>Good parts need nothing.</source>
   <translation>Gute Teile brauchen nichts.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>Mark what is lost of it: putty, a former, just the missing piece</source>
   <translation>Markiere, was verloren ist: Spachtel, eine Form, nur das fehlende Stück</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>It held</source>
   <translation>Es hielt</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>The repair of this part</source>
   <translation>Die Reparatur dieses Teils</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>It did not hold</source>
   <translation>Es hielt nicht</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>Plate is off: keep this</source>
   <translation>Platte ist ab: behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>Check the vat for cured flakes before the next run.</source>
   <translation>Sieh die Wanne vor dem nächsten Lauf nach gehärteten Flocken durch.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>%1 good, %2 flawed, %3 failed</source>
   <translation>%1 gut, %2 fehlerhaft, %3 misslungen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>%1 Tap it again to change that.</source>
   <translation>%1 Tipp es noch einmal an, um das zu ändern.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>inquest: %1</source>
   <translation>Untersuchung: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>the cause is sure</source>
   <translation>die Ursache ist sicher</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>the cause is open again</source>
   <translation>die Ursache ist wieder offen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>repair %1</source>
   <translation>Reparatur %1</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>took off %1, %2 failed</source>
   <translation>%1 abgenommen, %2 misslungen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>A photograph of the plate</source>
   <translation>Ein Foto der Platte</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>Pictures (*.jpg *.jpeg *.png *.webp)</source>
   <translation>Bilder (*.jpg *.jpeg *.png *.webp)</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>photograph of a plate</source>
   <translation>Foto einer Platte</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>%1; another …</source>
   <translation>%1; noch eines …</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/print/take_off.py" />
   <source>%n photograph(s)</source>
   <translation>
    <numerusform>%n Foto</numerusform>
    <numerusform>%n Fotos</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>machine %1, </source>
   <translation>Maschine %1, </translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>, there in %1 days</source>
   <translation>, in %1 Tagen da</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>Advised. </source>
   <translation>Geraten. </translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>%1%2hands %3, %4%5; %6</source>
   <translation>%1%2Hände %3, %4%5; %6</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>, a guess until tried</source>
   <translation>, eine Vermutung, bis es versucht ist</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>, %1 of %2 held</source>
   <translation>, %1 von %2 hielten</translation>
  </message>
  <message>
   <location filename="desk/stages/print/take_off.py" />
   <source>holds %1%2</source>
   <translation>hält %1%2</translation>
  </message>
  <message>
   <location filename="desk/stages/print/trade_dialog.py" />
   <source>Solid: the run. Hatched: what is printed again on the mean. Failures of usual settings are learned from your plates by height; of others foretold from them (defaults) until %1 parts and more came off runs with them. One thing is changed at a time; that more light swells details and thick layers show is not weighed here.</source>
   <translation>Voll: der Lauf. Schraffiert: was im Mittel noch einmal gedruckt wird. Fehler üblicher Einstellungen sind nach Höhe aus deinen Platten gelernt; die anderer daraus vorhergesagt (Vorgaben), bis %1 Teile und mehr von Läufen damit kamen. Eines wird auf einmal geändert; dass mehr Licht Einzelheiten quellen lässt und dicke Schichten zu sehen sind, wird hier nicht gewogen.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/trade_dialog.py" />
   <source>Hours against failures</source>
   <translation>Stunden gegen Fehler</translation>
  </message>
  <message>
   <location filename="desk/stages/print/trade_dialog.py" />
   <source>hours, with what is printed again</source>
   <translation>Stunden, mit dem, was noch einmal gedruckt wird</translation>
  </message>
  <message>
   <location filename="desk/stages/print/trade_dialog.py" />
   <source>parts that fail, in 8 of 10 runs</source>
   <translation>misslingende Teile, in 8 von 10 Läufen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/trade_dialog.py" />
   <source>, %1 seen</source>
   <translation>, %1 gesehen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/trade_dialog.py" />
   <source>%1 (%2 to %3)%4</source>
   <translation>%1 (%2 bis %3)%4</translation>
  </message>
  <message>
   <location filename="desk/stages/print/trade_dialog.py" />
   <source>Faster or surer: %1 on %2</source>
   <translation>Schneller oder sicherer: %1 auf %2</translation>
  </message>
  <message>
   <location filename="desk/stages/print/trade_dialog.py" />
   <source>Set the machine so</source>
   <translation>Die Maschine so einstellen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/trade_dialog.py" />
   <source>From the next run on; plates that wait take their minutes by it</source>
   <translation>Ab dem nächsten Lauf; wartende Platten nehmen ihre Minuten danach</translation>
  </message>
  <message>
   <location filename="desk/stages/print/trade_dialog.py" />
   <source>As it is set</source>
   <translation>Wie sie eingestellt ist</translation>
  </message>
  <message>
   <location filename="desk/stages/print/trade_dialog.py" />
   <source>lift %1 mm/min</source>
   <translation>heben %1 mm/min</translation>
  </message>
  <message>
   <location filename="desk/stages/print/trade_dialog.py" />
   <source>layers %1 mm</source>
   <translation>Schichten %1 mm</translation>
  </message>
  <message>
   <location filename="desk/stages/print/trade_dialog.py" />
   <source>light %1 s</source>
   <translation>Licht %1 s</translation>
  </message>
  <message>
   <location filename="desk/stages/print/trade_dialog.py" />
   <source>%1 parts fail on the mean, %2 to %3 in eight of ten runs</source>
   <translation>im Mittel misslingen %1 Teile, %2 bis %3 in acht von zehn Läufen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/trade_dialog.py" />
   <source>; %1 came off such runs</source>
   <translation>; %1 kamen von solchen Läufen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/trade_dialog.py" />
   <source>%1 of run, %2 with what is printed again; %3%4.</source>
   <translation>%1 Lauf, %2 mit dem, was noch einmal gedruckt wird; %3%4.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/watch_bill.py" />
   <source>Watch bill: runs over the coming days; drag one to another time or machine</source>
   <translation>Wachplan: Läufe der kommenden Tage; zieh einen auf eine andere Zeit oder Maschine</translation>
  </message>
  <message>
   <location filename="desk/stages/print/watch_bill.py" />
   <source>now, %1</source>
   <translation>jetzt, %1</translation>
  </message>
  <message>
   <location filename="desk/stages/print/watch_bill.py" />
   <source>Nobody there %1 to %2: asleep or away</source>
   <translation>Niemand da %1 bis %2: schläft oder fort</translation>
  </message>
  <message>
   <location filename="desk/stages/print/watch_bill.py" />
   <source>You</source>
   <translation>Du</translation>
  </message>
  <message>
   <location filename="desk/stages/print/watch_bill.py" />
   <source>%1: %2choose it to be away, or up late</source>
   <translation>%1: %2wählen, um fort oder länger wach zu sein</translation>
  </message>
  <message>
   <location filename="desk/stages/print/watch_bill.py" />
   <source>unlike its weekday; </source>
   <translation>anders als sein Wochentag; </translation>
  </message>
  <message>
   <location filename="desk/stages/print/watch_bill.py" />
   <source>%1: started %2, %3</source>
   <translation>%1: gestartet %2, %3</translation>
  </message>
  <message>
   <location filename="desk/stages/print/watch_bill.py" />
   <source>%1: %2. Drag it to another time.</source>
   <translation>%1: %2. Zieh es auf eine andere Zeit.</translation>
  </message>
  <message>
   <location filename="desk/stages/print/watch_bill.py" />
   <source>hangs %1</source>
   <translation>hängt %1</translation>
  </message>
  <message>
   <location filename="desk/stages/print/watch_bill.py" />
   <source>Tub</source>
   <translation>Kübel</translation>
  </message>
  <message>
   <location filename="desk/stages/print/watch_bill.py" />
   <source>wash, then dry %1 min</source>
   <translation>waschen, dann %1 min trocknen</translation>
  </message>
  <message>
   <location filename="desk/stages/print/watch_bill.py" />
   <source>cure by side</source>
   <translation>nach Seiten härten</translation>
  </message>
  <message>
   <location filename="desk/stages/print/watch_bill.py" />
   <source>; waited %1</source>
   <translation>; wartete %1</translation>
  </message>
  <message>
   <location filename="desk/stages/print/watch_bill.py" />
   <source>%1: %2 %3 to %4, %5%6</source>
   <translation>%1: %2 %3 bis %4, %5%6</translation>
  </message>
  <message>
   <location filename="desk/stages/print/watch_bill.py" />
   <source>%1 planned</source>
   <translation>%1 geplant</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/ready</name>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Washing</source>
   <translation>Waschen</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Primer, varnish</source>
   <translation>Grundierung, Lack</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Failures</source>
   <translation>Fehler</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Cost by unit beside the bought price</source>
   <translation>Kosten je Einheit neben dem Kaufpreis</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>What it costs, when all of it is ready</source>
   <translation>Was es kostet, wenn alles fertig ist</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>All: %1 against %2 bought.</source>
   <translation>Alles: %1 gegen %2 gekauft.</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>%1 of hands logged, kept beside the money and not in it.</source>
   <translation>%1 Handarbeit aufgeschrieben, neben dem Geld gehalten und nicht darin.</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>bought %1</source>
   <translation>gekauft %1</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>%1 a figure%2, bought %3</source>
   <translation>%1 je Figur%2, gekauft %3</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source> (%1 to %2)</source>
   <translation> (%1 bis %2)</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Copy the packing list</source>
   <translation>Die Packliste kopieren</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>As text, one line a figure</source>
   <translation>Als Text, eine Zeile je Figur</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Quote …</source>
   <translation>Angebot …</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>What to ask for this unit, stop by stop, if it is painted for someone</source>
   <translation>Was für diese Einheit zu verlangen ist, Stufe für Stufe, wenn sie für jemanden bemalt wird</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Money …</source>
   <translation>Geld …</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>What was bought, what to buy and by when, what pays</source>
   <translation>Was gekauft wurde, was bis wann zu kaufen ist, was sich lohnt</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Cut files …</source>
   <translation>Schnittdateien …</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>SVG and DXF at true size, one each a tray</source>
   <translation>SVG und DXF in wahrer Größe, je Lade eine</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>A figure as it will stand on the table</source>
   <translation>Eine Figur, wie sie auf dem Tisch stehen wird</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>lying in foam</source>
   <translation>in Schaumstoff liegend</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>standing on magnets</source>
   <translation>auf Magneten stehend</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>How the army travels</source>
   <translation>Wie die Armee reist</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Packed to travel</source>
   <translation>Für die Reise gepackt</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Box inside, mm</source>
   <translation>Kiste innen, mm</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>How %1 the box is inside, mm</source>
   <translation>Wie %1 die Kiste innen ist, mm</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>another way to travel</source>
   <translation>ein anderer Weg zu reisen</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>another box to travel in</source>
   <translation>eine andere Kiste für die Reise</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Ready</source>
   <translation>Bereit</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Nothing to count yet: muster an army first.</source>
   <translation>Noch nichts zu zählen: stelle zuerst eine Armee auf.</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Go to Muster</source>
   <translation>Zur Musterung</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Packing the army</source>
   <translation>Die Armee wird gepackt</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Packing was stopped: it begins anew when this bench is opened again.</source>
   <translation>Das Packen wurde abgebrochen: Es beginnt neu, wenn diese Werkbank wieder geöffnet wird.</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Where to put the cut files</source>
   <translation>Wohin die Schnittdateien sollen</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>cut files</source>
   <translation>Schnittdateien</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Writing what to cut and to pack by</source>
   <translation>Es wird geschrieben, wonach zu schneiden und zu packen ist</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/bench.py" />
   <source>Written: %1 in %2.</source>
   <translation>Geschrieben: %1 in %2.</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/ready/bench.py" />
   <source>%n file(s)</source>
   <translation>
    <numerusform>%n Datei</numerusform>
    <numerusform>%n Dateien</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/ready/packing_picture.py" />
   <source>Trays of foam</source>
   <translation>Laden aus Schaumstoff</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/packing_picture.py" />
   <source>Laying every figure down and cutting its pocket …</source>
   <translation>Jede Figur wird hingelegt, ihre Tasche geschnitten …</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/packing_picture.py" />
   <source>No figure has parts yet.</source>
   <translation>Noch hat keine Figur Teile.</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/packing_picture.py" />
   <source>foam %1 mm deep</source>
   <translation>Schaumstoff %1 mm tief</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/packing_picture.py" />
   <source>Mind</source>
   <translation>Achtung</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/packing_picture.py" />
   <source>Nothing fragile</source>
   <translation>Nichts Zerbrechliches</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/packing_picture.py" />
   <location filename="packing/packing_list.py" />
   <location filename="packing/packing_list.py" />
   <source>%1 × %2 × %3 mm</source>
   <translation>%1 × %2 × %3 mm</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/sheets.py" />
   <source>tray %1, %2 mm deep; this line is %3 mm</source>
   <translation>Lade %1, %2 mm tief; diese Linie ist %3 mm lang</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/state.py" />
   <source>%1 of %2 figures stand on the table</source>
   <translation>%1 von %2 Figuren stehen auf dem Tisch</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/ready/state.py" />
   <source>%n tray(s)</source>
   <translation>
    <numerusform>%n Lade</numerusform>
    <numerusform>%n Laden</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/ready/state.py" />
   <source>fewer cannot hold them</source>
   <translation>weniger fassen sie nicht</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/state.py" />
   <source>by area at least %1</source>
   <translation>nach Fläche wenigstens %1</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/state.py" />
   <source>%1, %2; foam %3 mm deep, walls %4 mm at least; %5 g of resin.</source>
   <translation>%1, %2; Schaumstoff %3 mm tief, Wände wenigstens %4 mm; %5 g Harz.</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/state.py" />
   <source>%1 of steel, %2 mm high at most</source>
   <translation>%1 aus Stahl, höchstens %2 mm hoch</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/ready/state.py" />
   <source>%n sheet(s)</source>
   <translation>
    <numerusform>%n Blatt</numerusform>
    <numerusform>%n Blätter</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/ready/state.py" />
   <source>; %1 no magnet holds: foam for them.</source>
   <translation>; %1 hält kein Magnet: Schaumstoff für sie.</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/state.py" />
   <source>; pulls are defaults.</source>
   <translation>; Haftkräfte sind Vorgaben.</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/state.py" />
   <source>To ship: %1.</source>
   <translation>Zu verschicken: %1.</translation>
  </message>
  <message>
   <location filename="desk/stages/ready/state.py" />
   <source>tray %1	%2	%3	%4 × %5 × %6 mm	%7	%8</source>
   <translation>Lade %1	%2	%3	%4 × %5 × %6 mm	%7	%8</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/sort</name>
  <message>
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>a picture …</source>
   <translation>ein Bild …</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>Make bases</source>
   <translation>Bases machen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>The base as it is made</source>
   <translation>Die Base, wie sie gemacht wird</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>Outline</source>
   <translation>Umriss</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>Sides lean in</source>
   <translation>Seiten lehnen nach innen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>Lip above the top</source>
   <translation>Lippe über der Oberseite</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>Magnet, across</source>
   <translation>Magnet, Durchmesser</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>Magnet, deep</source>
   <translation>Magnet, tief</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>Top</source>
   <translation>Oberseite</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>It rises by</source>
   <translation>Sie steigt um</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>The first of its kind</source>
   <translation>Die erste ihrer Art</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>How many, all different</source>
   <translation>Wie viele, alle verschieden</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>Make and add to the kit</source>
   <translation>Machen und zum Bausatz hinzufügen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>A picture, light where it is high</source>
   <translation>Ein Bild, hell, wo es hoch ist</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>%1 ml each, %2 mm high with its top.</source>
   <translation>je %1 ml, %2 mm hoch mit der Oberseite.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/base_dialog.py" />
   <source>base_%1_%2_%3</source>
   <translation>base_%1_%2_%3</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>Lay out</source>
   <translation>Auslegen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>Builds</source>
   <translation>Aufbau</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>Parts being read</source>
   <translation>Teile werden gelesen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>%1
not read</source>
   <translation>%1
nicht gelesen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>Kit …</source>
   <translation>Bausatz …</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>Where it came from, its licence, what was paid, how its prints did</source>
   <translation>Woher er kam, seine Lizenz, was bezahlt wurde, wie seine Drucke ausfielen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <location filename="desk/stages/sort/bench.py" />
   <source>Make bases …</source>
   <translation>Bases machen …</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>Round, oval or square, with lip, magnet pocket and texture</source>
   <translation>Rund, oval oder eckig, mit Lippe, Magnettasche und Textur</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <location filename="desk/stages/sort/bench.py" />
   <source>Add files</source>
   <translation>Dateien hinzufügen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>STL, OBJ, PLY, 3MF, GLB, zip (Ctrl+I), or drop them on the window</source>
   <translation>STL, OBJ, PLY, 3MF, GLB, zip (Strg+I), oder lass sie auf das Fenster fallen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>Agree with all</source>
   <translation>Allem zustimmen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>Sets units to mm, mends what is torn, keeps the proposed slots</source>
   <translation>Setzt Einheiten auf mm, flickt, was gerissen ist, behält die vorgeschlagenen Plätze</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>Fill the gaps, all different</source>
   <translation>Lücken füllen, alle verschieden</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>Sort works on a unit's kit. Muster a unit first.</source>
   <translation>Sortieren arbeitet am Bausatz einer Einheit. Stelle zuerst eine Einheit auf.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>No parts yet. Here downloaded files become parts in slots, and parts become figures. Drop STL, OBJ, PLY, 3MF or GLB files, a folder or a zip on the window.</source>
   <translation>Noch keine Teile. Hier werden geladene Dateien zu Teilen in Plätzen und Teile zu Figuren. Lass STL-, OBJ-, PLY-, 3MF- oder GLB-Dateien, einen Ordner oder ein zip auf das Fenster fallen.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>Add a folder</source>
   <translation>Einen Ordner hinzufügen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>Sort: reading</source>
   <translation>Sortieren: es wird gelesen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>%1 of %2; then they are compared with each other</source>
   <translation>%1 von %2; dann werden sie miteinander verglichen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>Agree with all %1</source>
   <translation>Allen %1 zustimmen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>Agree</source>
   <translation>Zustimmen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>%1: scaled to %2 mm</source>
   <translation>%1: auf %2 mm skaliert</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>%1 scaled along with %2</source>
   <translation>%1 mit %2 skaliert</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>Scaling</source>
   <translation>Es wird skaliert</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>Proposing slots again</source>
   <translation>Plätze werden neu vorgeschlagen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>agree with what the shapes say</source>
   <translation>dem zustimmen, was die Formen sagen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>Mending and measuring</source>
   <translation>Es wird geflickt und vermessen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>%1 to slot %2</source>
   <translation>%1 auf Platz %2</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>rename %1</source>
   <translation>%1 umbenennen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <location filename="desk/stages/sort/layout.py" />
   <location filename="kit/statements.py" />
   <source>set aside</source>
   <translation>beiseitelegen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/bench.py" />
   <source>where %1 came from</source>
   <translation>woher %1 kam</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <location filename="desk/stages/sort/builds.py" />
   <source>Still to be printed</source>
   <translation>Noch zu drucken</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>Nothing: all of it lies on plates or is printed.</source>
   <translation>Nichts: alles liegt auf Platten oder ist gedruckt.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>, not posed</source>
   <translation>, nicht ausgerichtet</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>walls under 0.4 mm: %1 mm², under 0.8 mm: %2 mm²</source>
   <translation>Wände unter 0,4 mm: %1 mm², unter 0,8 mm: %2 mm²</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>and %1 of %2 kinds more</source>
   <translation>und %1 von %2 Arten mehr</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>Put it on the list</source>
   <translation>Auf die Liste setzen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>Spares are printed with the plates that are made from now on</source>
   <translation>Ersatz wird mit den Platten gedruckt, die von jetzt an gemacht werden</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>Fill what is empty</source>
   <translation>Leeres füllen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>All different</source>
   <translation>Alle verschieden</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>No two alike while there are combinations left</source>
   <translation>Keine zwei gleich, solange es Kombinationen gibt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>All alike</source>
   <translation>Alle gleich</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>As the chosen figure, or the first</source>
   <translation>Wie die gewählte Figur, oder die erste</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>A part in so many figures …</source>
   <translation>Ein Teil an so vielen Figuren …</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>Two sergeants with the bell</source>
   <translation>Zwei Unteroffiziere mit der Glocke</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>Rules</source>
   <translation>Regeln</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>A rule …</source>
   <translation>Eine Regel …</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>Parts that must, or must not, go together</source>
   <translation>Teile, die zusammengehören müssen oder nicht dürfen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>Put %1 and %2 on the list</source>
   <translation>%1 und %2 auf die Liste setzen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>%1 owed; no spares needed</source>
   <translation>%1 fehlen; kein Ersatz nötig</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>%1 has no %2, most others have one.</source>
   <translation>%1 hat kein %2, die meisten anderen haben eines.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>Built alike: %1%2.</source>
   <translation>Gleich gebaut: %1%2.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>A line under a part: open, on no plate; half, on a plate; full, printed.</source>
   <translation>Ein Strich unter einem Teil: offen, auf keiner Platte; halb, auf einer Platte; voll, gedruckt.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>a part that is gone</source>
   <translation>ein Teil, das weg ist</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>never with</source>
   <translation>nie mit</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>%1 in %2 of %3</source>
   <translation>%1 an %2 von %3</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>%1 kept apart: they clash or do not meet</source>
   <translation>%1 getrennt gehalten: sie kollidieren oder treffen sich nicht</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/sort/builds.py" />
   <source>%n pair(s)</source>
   <translation>
    <numerusform>%n Paar</numerusform>
    <numerusform>%n Paare</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>drop a rule</source>
   <translation>eine Regel streichen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>%1 in %2 figures</source>
   <translation>%1 an %2 Figuren</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>Bought, not printed</source>
   <translation>Gekauft, nicht gedruckt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>Deliberately empty</source>
   <translation>Absichtlich leer</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>Of another kit …</source>
   <translation>Aus einem anderen Bausatz …</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>Deliberately empty where nothing is chosen</source>
   <translation>Absichtlich leer, wo nichts gewählt ist</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>Bought where nothing is chosen</source>
   <translation>Gekauft, wo nichts gewählt ist</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>Open again where it is empty or bought</source>
   <translation>Wieder offen, wo leer oder gekauft</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>No %1 in this unit: remove the slot</source>
   <translation>Kein %1 in dieser Einheit: den Platz entfernen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <location filename="desk/stages/sort/builds_grid.py" />
   <source>left empty</source>
   <translation>leer gelassen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>%1 %2 for %3</source>
   <translation>%1 %2 für %3</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>%1 open for %2</source>
   <translation>%1 offen für %2</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>fill the builds of %1</source>
   <translation>den Aufbau von %1 füllen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>fill the builds of %1 alike</source>
   <translation>den Aufbau von %1 gleich füllen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds.py" />
   <source>to-print list of %1</source>
   <translation>Druckliste von %1</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds_grid.py" />
   <source>no part chosen</source>
   <translation>kein Teil gewählt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds_grid.py" />
   <source>on no plate yet</source>
   <translation>noch auf keiner Platte</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds_grid.py" />
   <source>on a plate</source>
   <translation>auf einer Platte</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds_grid.py" />
   <source>Builds: figures and slots</source>
   <translation>Aufbau: Figuren und Plätze</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds_grid.py" />
   <source>All of %1: left empty, bought, or no such slot</source>
   <translation>Alle %1: leer gelassen, gekauft, oder kein solcher Platz</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds_grid.py" />
   <source>Show %1</source>
   <translation>%1 zeigen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/builds_grid.py" />
   <source>
Most figures of this unit have one.</source>
   <translation>
Die meisten Figuren dieser Einheit haben eines.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/cards.py" />
   <source>What the shapes say</source>
   <translation>Was die Formen sagen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/cards.py" />
   <source>%1-%2 of %3</source>
   <translation>%1-%2 von %3</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/cards.py" />
   <source>Nothing to say yet: shapes are compared when files are added.</source>
   <translation>Noch nichts zu sagen: Formen werden verglichen, wenn Dateien dazukommen.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/cards.py" />
   <source>; %1 sure</source>
   <translation>; %1 sicher</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/cards.py" />
   <source>%1: now %2</source>
   <translation>%1: jetzt %2</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>nods, about left to right</source>
   <translation>nickt, um links nach rechts</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>leans, about front to back</source>
   <translation>lehnt, um vorn nach hinten</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>swings, about upright</source>
   <translation>schwingt, um die Senkrechte</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>How far it may be turned</source>
   <translation>Wie weit es gedreht werden darf</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <location filename="desk/stages/sort/guest_dialog.py" />
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>How far it %1</source>
   <translation>Wie weit es %1</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>cut, to %1 mm³</source>
   <translation>Schnitt, bis %1 mm³</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>gap, to %1 mm</source>
   <translation>Spalt, bis %1 mm</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>A part of another kit: %1 of %2</source>
   <translation>Ein Teil eines anderen Bausatzes: %1 von %2</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>The figure: click where the part belongs</source>
   <translation>Die Figur: klick, wohin das Teil gehört</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>Moved %1</source>
   <translation>Bewegt: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <location filename="desk/stages/sort/guest_dialog.py" />
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>Size</source>
   <translation>Größe</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>Mirrored</source>
   <translation>Gespiegelt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>Its other joint</source>
   <translation>Seine andere Verbindung</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>As its kit tells, then by the flat faces it was cut at</source>
   <translation>Wie sein Bausatz sagt, dann nach den flachen Flächen, an denen es geschnitten wurde</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>Another place</source>
   <translation>Eine andere Stelle</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>Where parts of this slot are joined on; or click the figure</source>
   <translation>Wo Teile dieses Platzes angefügt werden; oder klick die Figur</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>Snap to it</source>
   <translation>Anlegen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>Pushed along its joint until it touches without cutting</source>
   <translation>An seiner Verbindung entlanggeschoben, bis es berührt, ohne zu schneiden</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>Joined by</source>
   <translation>Verbunden durch</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>A socket is cut into a copy of what it meets, so that other figures keep theirs</source>
   <translation>Eine Fassung wird in eine Kopie dessen geschnitten, was es trifft, sodass andere Figuren ihres behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>also on figures with nothing chosen there</source>
   <translation>auch an Figuren, wo dort nichts gewählt ist</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>On others, too</source>
   <translation>Auch an anderen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>Keep it</source>
   <translation>Behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>As a part of the unit's choices; the kit's own stays as it is</source>
   <translation>Als ein Teil unter denen der Einheit; das des Bausatzes bleibt, wie es ist</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>Joint at</source>
   <translation>Verbindung an</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>This figure wears nothing yet: fill its other slots first.</source>
   <translation>Diese Figur trägt noch nichts: fülle zuerst ihre anderen Plätze.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>guest snap</source>
   <translation>Gastteil anlegen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>Snapping it</source>
   <translation>Es wird angelegt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>It cuts where it is.</source>
   <translation>Es schneidet, wo es ist.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>Clears everything from %1° to %2°.</source>
   <translation>Ist von %1° bis %2° frei von allem.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>guest swing</source>
   <translation>Gastteil schwingen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>Turning it</source>
   <translation>Es wird gedreht</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>guest keep</source>
   <translation>Gastteil behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>Joining it on</source>
   <translation>Es wird angefügt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_dialog.py" />
   <source>%1 of another kit on %2</source>
   <translation>%1 eines anderen Bausatzes an %2</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_state.py" />
   <source>glue alone</source>
   <translation>nur Kleber</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_state.py" />
   <source>as one piece</source>
   <translation>als ein Stück</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_state.py" />
   <source>%1 peg and socket</source>
   <translation>%1 Zapfen und Fassung</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_state.py" />
   <source>magnets %1</source>
   <translation>Magnete %1</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_state.py" />
   <source>cuts %1 mm³ of the figure</source>
   <translation>schneidet %1 mm³ der Figur</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_state.py" />
   <source>cuts nothing that matters</source>
   <translation>schneidet nichts von Belang</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_state.py" />
   <source>gap %1 mm</source>
   <translation>Spalt %1 mm</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_state.py" />
   <source>its joint hangs free</source>
   <translation>seine Verbindung hängt frei</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/guest_state.py" />
   <source>: thick glue or putty fills it</source>
   <translation>: dicker Kleber oder Spachtel füllt ihn</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/kit_pictures.py" />
   <source>sort pictures</source>
   <translation>Bilder für Sortieren</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/kit_pictures.py" />
   <source>Reading the kit</source>
   <translation>Der Bausatz wird gelesen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>in doubt</source>
   <translation>zweifelhaft</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>The figure its parts make</source>
   <translation>Die Figur, die ihre Teile ergeben</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>Take the figure apart</source>
   <translation>Die Figur auseinandernehmen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>See through</source>
   <translation>Durchsehen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>Compare …</source>
   <translation>Vergleichen …</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>Two alternatives side by side, to one scale</source>
   <translation>Zwei Alternativen nebeneinander, in einem Maßstab</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>Apart</source>
   <translation>Auseinander</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>more ›</source>
   <translation>mehr ›</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>The next statements</source>
   <translation>Die nächsten Aussagen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>What the shapes say, whatever the names say</source>
   <translation>Was die Formen sagen, was immer die Namen sagen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>no file yet</source>
   <translation>noch keine Datei</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>%1, no build needs them</source>
   <translation>%1, keine Figur braucht sie</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>%1 to choose from</source>
   <translation>%1 zur Wahl</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>Put into slot</source>
   <translation>In den Platz legen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>Rename %1 …</source>
   <translation>%1 umbenennen …</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>Needed after all</source>
   <translation>Doch gebraucht</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>Not needed: set aside</source>
   <translation>Nicht gebraucht: beiseitelegen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <location filename="schedule/calendar_file.py" />
   <source>Print %1</source>
   <translation>%1 drucken</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>Look at it closely</source>
   <translation>Aus der Nähe ansehen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>Their name; several are numbered</source>
   <translation>Ihr Name; mehrere werden nummeriert</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>As assembled</source>
   <translation>Wie zusammengebaut</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>The whole figure again</source>
   <translation>Wieder die ganze Figur</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>%1 (without a base)</source>
   <translation>%1 (ohne Base)</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>the second %1 mm %2</source>
   <translation>das zweite %1 mm %2</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <location filename="paint/figure/schools.py" />
   <source>%1 ml %2</source>
   <translation>%1 ml %2</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/layout.py" />
   <source>walls under 0.8 mm: %1 and %2 mm²</source>
   <translation>Wände unter 0,8 mm: %1 und %2 mm²</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/questions.py" />
   <source>A rule for builds</source>
   <translation>Eine Regel für den Aufbau</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/questions.py" />
   <source>never goes with</source>
   <translation>geht nie mit</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/questions.py" />
   <source>This part</source>
   <translation>Dieses Teil</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/questions.py" />
   <source>Rule</source>
   <translation>Regel</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/questions.py" />
   <source>That part</source>
   <translation>Jenes Teil</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/questions.py" />
   <source>A part needs another than itself.</source>
   <translation>Ein Teil braucht ein anderes als sich selbst.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/questions.py" />
   <source>A part in so many figures</source>
   <translation>Ein Teil an so vielen Figuren</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/questions.py" />
   <source>Figures (0: free)</source>
   <translation>Figuren (0: frei)</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/questions.py" />
   <source>Where %1 came from</source>
   <translation>Woher %1 kam</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/questions.py" />
   <location filename="desk/stages/sort/questions.py" />
   <source>Got on</source>
   <translation>Erhalten am</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/questions.py" />
   <source>Source</source>
   <translation>Quelle</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/questions.py" />
   <source>Licence</source>
   <translation>Lizenz</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/questions.py" />
   <source>Price paid</source>
   <translation>Bezahlter Preis</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/questions.py" />
   <source>Remarks</source>
   <translation>Bemerkungen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/questions.py" />
   <source>The day it was got cannot be read: write it like 28 Apr 2026.</source>
   <translation>Der Tag des Erhalts ist nicht zu lesen: schreib ihn wie 28 Apr 2026.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/questions.py" />
   <source>The kit needs a name.</source>
   <translation>Der Bausatz braucht einen Namen.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/shelves.py" />
   <source>%1 holes</source>
   <translation>%1 Löcher</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/shelves.py" />
   <source>one solid</source>
   <translation>ein Körper</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/shelves.py" />
   <source>%1 shells</source>
   <translation>%1 Hüllen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/shelves.py" />
   <source>, thinnest %1 mm</source>
   <translation>, am dünnsten %1 mm</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/shelves.py" />
   <source>%1 mm, %2 ml, %3 faces, %4, %5%6</source>
   <translation>%1 mm, %2 ml, %3 Flächen, %4, %5%6</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/shelves.py" />
   <source>Parts for %1</source>
   <translation>Teile für %1</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/shelves.py" />
   <source>Drag to another slot; Enter or a double click opens the part; the menu key changes several</source>
   <translation>Zieh in einen anderen Platz; Eingabe oder ein Doppelklick öffnet das Teil; die Menütaste ändert mehrere</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/shelves.py" />
   <source>; on top of %1 more</source>
   <translation>; über %1 weiteren</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/state.py" />
   <source>Sort: %1</source>
   <translation>Sortieren: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/state.py" />
   <source>, %1 set aside</source>
   <translation>, %1 beiseitegelegt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/state.py" />
   <source>; the roster %1</source>
   <translation>; der Plan: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/state.py" />
   <source>%1; %2 guessed: look at what is in doubt</source>
   <translation>%1; %2 geraten: sieh an, was zweifelhaft ist</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/state.py" />
   <source>%1 parts</source>
   <translation>%1 Teile</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/sort/part_tools</name>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>Click the limb where it bends: an elbow, a knee, a wrist. What is beyond turns green.</source>
   <translation>Klick das Glied, wo es sich biegt: ein Ellbogen, ein Knie, ein Handgelenk. Was darüber hinaus liegt, wird grün.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>Bend</source>
   <translation>Biegen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>The other side moves</source>
   <translation>Die andere Seite bewegt sich</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>The longer piece, instead of the shorter</source>
   <translation>Das längere Stück statt des kürzeren</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>As it was</source>
   <translation>Wie es war</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>Keep it so</source>
   <translation>So behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>Measured anew; its pose is asked for again, its zones stay</source>
   <translation>Neu vermessen; seine Lage wird wieder gefragt, seine Zonen bleiben</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>It %1</source>
   <translation>Es %1</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>Bend a limb</source>
   <translation>Ein Glied biegen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>Looking for the joint</source>
   <translation>Das Gelenk wird gesucht</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>Bending it</source>
   <translation>Es wird gebogen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>bent by %1°, %2°, %3°</source>
   <translation>gebogen um %1°, %2°, %3°</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>click where it bends</source>
   <translation>klick, wo es sich biegt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>what moves is green</source>
   <translation>was sich bewegt, ist grün</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>The limb is %1 mm through there; </source>
   <translation>Das Glied ist dort %1 mm dick; </translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>%1 of the part moves</source>
   <translation>%1 des Teils bewegt sich</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>%1%2. It runs into the rest, %3 mm³ of it: turn it less, or cut it there and glue it.</source>
   <translation>%1%2. Es läuft in den Rest, %3 mm³ davon: dreh es weniger, oder schneid es dort und kleb es.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>, skin inside the bend shrinks to %1</source>
   <translation>, Haut in der Beuge schrumpft auf %1</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/bend.py" />
   <source>%1%2%3; it runs into nothing.</source>
   <translation>%1%2%3; es läuft in nichts.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>left to right</source>
   <translation>links nach rechts</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>front to back</source>
   <translation>vorn nach hinten</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>Cut</source>
   <translation>Schneiden</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>Planes to cut at</source>
   <translation>Ebenen zum Schneiden</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>No waist was found: place the plane by hand.</source>
   <translation>Keine Taille wurde gefunden: leg die Ebene von Hand.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>The plane lies</source>
   <translation>Die Ebene liegt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>%1 peg</source>
   <translation>%1 Zapfen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>magnet or pin</source>
   <translation>Magnet oder Stift</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>no key</source>
   <translation>keine Passung</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>Key</source>
   <translation>Passung</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>Where the plane lies</source>
   <translation>Wo die Ebene liegt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>Clearance</source>
   <translation>Spiel</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>Magnet's diameter</source>
   <translation>Durchmesser des Magneten</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>Show both halves</source>
   <translation>Beide Hälften zeigen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>Cut in two</source>
   <translation>In zwei schneiden</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>Both halves become parts of the kit, the lower in a slot of its own</source>
   <translation>Beide Hälften werden Teile des Bausatzes, die untere in einem eigenen Platz</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>Leave off what is below</source>
   <translation>Weglassen, was darunter ist</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>Cut level at the plane, the lower piece goes: a base that costs too much resin</source>
   <translation>An der Ebene glatt geschnitten, das untere Stück fällt weg: eine Base, die zu viel Harz kostet</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>Fill a hollow</source>
   <translation>Eine Höhlung füllen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>Then click into a socket that is not wanted: it is filled level</source>
   <translation>Klick dann in eine Fassung, die nicht gewollt ist: sie wird eben gefüllt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>magnet or pin of</source>
   <translation>Magnet oder Stift von</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>Looking for waists</source>
   <translation>Taillen werden gesucht</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>%1 above, section %2 mm²</source>
   <translation>%1 darüber, Querschnitt %2 mm²</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>Cutting</source>
   <translation>Es wird geschnitten</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>%1 mm wide, %2 deep</source>
   <translation>%1 mm breit, %2 tief</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>%1 + %2 ml, play %3 ml; seam %4 mm; keys: %5. %6</source>
   <translation>%1 + %2 ml, Spiel %3 ml; Naht %4 mm; Passungen: %5. %6</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>cut %1 in two</source>
   <translation>%1 in zwei schneiden</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>Measuring both halves</source>
   <translation>Beide Hälften werden vermessen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>cut off below</source>
   <translation>darunter abgeschnitten</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>Click into the hollow that is to be filled.</source>
   <translation>Klick in die Höhlung, die gefüllt werden soll.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>a hollow filled</source>
   <translation>eine Höhlung gefüllt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>both halves, with their keys</source>
   <translation>beide Hälften, mit ihren Passungen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/cut.py" />
   <source>where the plane passes</source>
   <translation>wo die Ebene durchgeht</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>Health</source>
   <translation>Gesundheit</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>Faults of the part</source>
   <translation>Fehler des Teils</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>No fault was found: closed, right side out, in one piece.</source>
   <translation>Kein Fehler gefunden: geschlossen, richtig herum, in einem Stück.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>Show it mended</source>
   <translation>Geflickt zeigen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>Keep the mended one</source>
   <translation>Das geflickte behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>Leave it as it was</source>
   <translation>Lassen, wie es war</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>Judge as a ready print</source>
   <translation>Als fertigen Druck beurteilen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>Printed as it stands, layer by layer: what begins in mid-air, what holds too little</source>
   <translation>Gedruckt, wie es steht, Schicht für Schicht: was mitten in der Luft beginnt, was zu wenig hält</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>Looking for faults</source>
   <translation>Fehler werden gesucht</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>Shells that run into each other are usual in sculpts and count as one solid.</source>
   <translation>Hüllen, die ineinanderlaufen, sind bei Entwürfen üblich und zählen als ein Körper.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>%1 ml before, %2 ml after</source>
   <translation>%1 ml vorher, %2 ml nachher</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>%1. %2. %3 The file's own mesh is kept.</source>
   <translation>%1. %2. %3 Das Netz der Datei wird behalten.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>nothing had to be done</source>
   <translation>nichts war zu tun</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>Looked at again: no fault is left.</source>
   <translation>Noch einmal angesehen: kein Fehler bleibt.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>Not whole yet, %1 left: %2. Cut there, or take another file.</source>
   <translation>Noch nicht ganz, %1 bleiben: %2. Schneide dort oder nimm eine andere Datei.</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>%n fault(s)</source>
   <translation>
    <numerusform>%n Fehler</numerusform>
    <numerusform>%n Fehler</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>Printing it layer by layer</source>
   <translation>Es wird Schicht für Schicht gedruckt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>Mending and looking again</source>
   <translation>Es wird geflickt und wieder angesehen</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>%n finding(s)</source>
   <translation>
    <numerusform>%n Befund</numerusform>
    <numerusform>%n Befunde</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/faults.py" />
   <source>as it is, and mended</source>
   <translation>wie es ist, und geflickt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>Hollow</source>
   <translation>Aushöhlen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>Wall</source>
   <translation>Wand</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>Drain's diameter</source>
   <translation>Durchmesser des Abflusses</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>Struts</source>
   <translation>Streben</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>Plugs for the drains, as a part of the kit</source>
   <translation>Stopfen für die Abflüsse, als ein Teil des Bausatzes</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <location filename="desk/stages/wash/habits.py" />
   <source>Drains</source>
   <translation>Abflüsse</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>Worth it over about 25 mm of thickness; thin limbs stay solid.</source>
   <translation>Lohnt sich ab etwa 25 mm Dicke; dünne Glieder bleiben massiv.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>Resin left inside weeps and cracks the part weeks later: rinse and cure the inside, too. Gloves; cure what drips.</source>
   <translation>Harz, das innen bleibt, tritt Wochen später aus und sprengt das Teil: spüle und härte auch das Innere. Handschuhe; härte, was tropft.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>Show it hollow</source>
   <translation>Hohl zeigen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>Keep it hollow</source>
   <translation>Hohl behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>Leave it solid</source>
   <translation>Massiv lassen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>drains of</source>
   <translation>Abflüsse von</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>struts of</source>
   <translation>Streben von</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>%1 ml can never drain</source>
   <translation>%1 ml können nie abfließen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>nothing is shut in</source>
   <translation>nichts ist eingeschlossen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>Saves %1 ml (%2) and no minutes on %3: its height stays</source>
   <translation>Spart %1 ml (%2) und keine Minuten auf %3: die Höhe bleibt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>adds %1 drains to rinse, cure and plug</source>
   <translation>%1 Abflüsse kommen dazu, zu spülen, zu härten und zu stopfen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>Thinnest wall %1 mm; %2. %3</source>
   <translation>Dünnste Wand %1 mm; %2. %3</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>%1; %2. %3 Click the part to move the chosen drain.</source>
   <translation>%1; %2. %3 Klick das Teil, um den gewählten Abfluss zu versetzen.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>Hollowing</source>
   <translation>Es wird ausgehöhlt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>%1 drain, %2 mm through %3 mm</source>
   <translation>%1 Abfluss, %2 mm durch %3 mm</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>High</source>
   <translation>Hoch</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>Low</source>
   <translation>Tief</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>%1 ml pool here</source>
   <translation>%1 ml sammeln sich hier</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>when it is tipped as told below: suck or blow it out, or drain it here</source>
   <translation>wenn es wie unten gesagt gekippt wird: absaugen, ausblasen oder hier abfließen lassen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>hollow, wall %1 mm</source>
   <translation>hohl, Wand %1 mm</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>cut open at half its height; hatched where walls are under %1 mm</source>
   <translation>auf halber Höhe aufgeschnitten; schraffiert, wo Wände unter %1 mm sind</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>glued over when it is built: wash and cure it before</source>
   <translation>beim Bauen überklebt: wasche und härte es vorher</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>on a face nobody sees</source>
   <translation>auf einer Fläche, die niemand sieht</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/hollow.py" />
   <source>seen %1 from the table</source>
   <translation>vom Tisch zu %1 gesehen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>a new slot …</source>
   <translation>ein neuer Platz …</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>The part on the bench</source>
   <translation>Das Teil auf der Werkbank</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>Part's name</source>
   <translation>Name des Teils</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>Part's slot</source>
   <translation>Platz des Teils</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>As it came</source>
   <translation>Wie es kam</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>The mesh the file held, before anything was changed</source>
   <translation>Das Netz der Datei, bevor etwas geändert wurde</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>Set aside</source>
   <translation>Beiseitelegen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>No build needs it; it stays in the kit</source>
   <translation>Keine Figur braucht es; es bleibt im Bausatz</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>The part before</source>
   <translation>Das Teil davor</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>The next part</source>
   <translation>Das nächste Teil</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>in slot</source>
   <translation>in Platz</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>Choose a part.</source>
   <translation>Wähle ein Teil.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>A new slot</source>
   <translation>Ein neuer Platz</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>What such parts are: bell, left wing, lantern</source>
   <translation>Was solche Teile sind: Glocke, linker Flügel, Laterne</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>as it came</source>
   <translation>wie es kam</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>Measuring the part</source>
   <translation>Das Teil wird vermessen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/part_page.py" />
   <source>read as %1</source>
   <translation>gelesen als %1</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>Ways to make it fit</source>
   <translation>Wege, damit es passt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>does not fit this machine</source>
   <translation>passt nicht auf diese Maschine</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <location filename="progress/planning/task_kinds.py" />
   <source>as it is</source>
   <translation>wie es ist</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>Read in another unit</source>
   <translation>In einer anderen Einheit lesen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>110 %   ·   1:48 to 1:56   ·   28 mm to 32 mm</source>
   <translation>110 %   ·   1:48 zu 1:56   ·   28 mm zu 32 mm</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>New scale</source>
   <translation>Neuer Maßstab</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>What no longer fits</source>
   <translation>Was nicht mehr passt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>Everything it was made for still fits.</source>
   <translation>Alles, wofür es gemacht war, passt noch.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>Mend it</source>
   <translation>Flicken</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>Scale</source>
   <translation>Maßstab</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>Scale it</source>
   <translation>Skalieren</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>Make this fit</source>
   <translation>Passend machen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>Read as %1: × %2</source>
   <translation>Als %1 lesen: × %2</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>%1 mm now. Scales like 28 mm are to the eyes of an adult, who is 1:%2 then.</source>
   <translation>Jetzt %1 mm. Maßstäbe wie 28 mm gehen bis zu den Augen eines Erwachsenen, der dann 1:%2 ist.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>On %1, %2; red does not fit.</source>
   <translation>Auf %1, %2; Rotes passt nicht.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>as posed</source>
   <translation>wie ausgerichtet</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>standing as it is</source>
   <translation>stehend, wie es ist</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>Trying sizes</source>
   <translation>Größen werden erprobt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>Looking what no longer fits</source>
   <translation>Es wird gesucht, was nicht mehr passt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>Walls</source>
   <translation>Wände</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>shaved to fit %1</source>
   <translation>abgenommen, bis %1 passt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>a hole bored to %1 mm</source>
   <translation>ein Loch auf %1 mm gebohrt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>mend fit</source>
   <translation>Passung flicken</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/size.py" />
   <source>Mending it</source>
   <translation>Es wird geflickt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>Walls under</source>
   <translation>Wände unter</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>Thin places</source>
   <translation>Dünne Stellen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>No wall is thinner than that.</source>
   <translation>Keine Wand ist dünner.</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>Thin walls grow to this thickness, half on either face; the rest stays to the bit</source>
   <translation>Dünne Wände wachsen auf diese Dicke, je die Hälfte auf beiden Seiten; der Rest bleibt aufs Bit</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>Show it thickened</source>
   <translation>Verdickt zeigen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>Keep it thickened</source>
   <translation>Verdickt behalten</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>Measuring walls</source>
   <translation>Wände werden vermessen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>%1 mm at least, %2 mm² of surface</source>
   <translation>wenigstens %1 mm, %2 mm² Oberfläche</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>%1 mm long: a metal rod in its place, or thicken it</source>
   <translation>%1 mm lang: ein Metallstab an seiner Stelle, oder verdicken</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>hardly prints: thicken it, or choose an alternative</source>
   <translation>druckt kaum: verdicken oder eine Alternative wählen</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>does not survive a game: thicken it, tougher resin, or spares</source>
   <translation>übersteht kein Spiel: verdicken, zäheres Harz oder Ersatz</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>under %1 mm: %2 mm²</source>
   <translation>unter %1 mm: %2 mm²</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>two pixels across or two layers up on %1 (%2)</source>
   <translation>zwei Pixel quer oder zwei Schichten hoch auf %1 (%2)</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>Walls %1. Ridges and grooves finer than %2, likely lost: %3 mm².</source>
   <translation>Wände %1. Grate und Rillen feiner als %2, wohl verloren: %3 mm².</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>Thickening</source>
   <translation>Es wird verdickt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>walls thickened to %1 mm</source>
   <translation>Wände auf %1 mm verdickt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>as it is, and thickened</source>
   <translation>wie es ist, und verdickt</translation>
  </message>
  <message>
   <location filename="desk/stages/sort/part_tools/walls.py" />
   <source>hatched: %1 mm² of wall under %2 mm, lighter under %3 mm</source>
   <translation>schraffiert: %1 mm² Wand unter %2 mm, heller unter %3 mm</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/steps</name>
  <message>
   <location filename="desk/stages/steps/asked_verdict.py" />
   <source>the last plate</source>
   <translation>die letzte Platte</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/bench.py" />
   <source>. Click when it begins: its time runs</source>
   <translation>. Klick, wenn es beginnt: seine Zeit läuft</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/bench.py" />
   <source>School</source>
   <translation>Schule</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/bench.py" />
   <source>Written into the journal; minutes timed or typed teach the forecast</source>
   <translation>Ins Journal geschrieben; gestoppte oder eingetippte Minuten lehren die Vorhersage</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/bench.py" />
   <location filename="desk/stages/steps/bench_mode.py" />
   <source>steps %1</source>
   <translation>Schritte, %1</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/bench.py" />
   <source>%1 is over</source>
   <translation>%1 ist vorbei</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/bench_mode.py" />
   <source>%1: nothing waits here.</source>
   <translation>%1: hier wartet nichts.</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/bench_mode.py" />
   <source>%1, %2: step %3 of %4</source>
   <translation>%1, %2: Schritt %3 von %4</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/bench_mode.py" />
   <source>done, on to %1</source>
   <translation>getan, weiter zu %1</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/bench_mode.py" />
   <source>%1, into the journal</source>
   <translation>%1, ins Journal</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/bench_mode.py" />
   <source>Running</source>
   <translation>Läuft</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/bench_mode.py" />
   <source>Nothing runs</source>
   <translation>Nichts läuft</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/bench_mode.py" />
   <source>%1, %2 min</source>
   <translation>%1, %2 min</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/bench_mode.py" />
   <source>↑ ↓ another that waits    </source>
   <translation>↑ ↓ anderes, das wartet    </translation>
  </message>
  <message>
   <location filename="desk/stages/steps/minutes_taken.py" />
   <source> min it took</source>
   <translation> min gebraucht</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/minutes_taken.py" />
   <source>Minutes it took</source>
   <translation>Gebrauchte Minuten</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/minutes_taken.py" />
   <source>Only minutes that were timed or typed teach the forecast; left as planned they do not</source>
   <translation>Nur gestoppte oder eingetippte Minuten lehren die Vorhersage; wie geplant belassene nicht</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/minutes_taken.py" />
   <location filename="desk/stages/steps/minutes_taken.py" />
   <source>Start the clock</source>
   <translation>Die Uhr starten</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/minutes_taken.py" />
   <source>Runs while you work; stop it for a pause</source>
   <translation>Läuft, während du arbeitest; halte sie für eine Pause an</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/minutes_taken.py" />
   <source>%1 min by the clock</source>
   <translation>%1 min nach der Uhr</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/minutes_taken.py" />
   <source>as planned, %1 min</source>
   <translation>wie geplant, %1 min</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/minutes_taken.py" />
   <source>Stop the clock</source>
   <translation>Die Uhr anhalten</translation>
  </message>
  <message numerus="yes">
   <location filename="desk/stages/steps/plate_bench.py" />
   <source>%n plate(s) wait(s)</source>
   <translation>
    <numerusform>%n Platte wartet</numerusform>
    <numerusform>%n Platten warten</numerusform>
   </translation>
  </message>
  <message>
   <location filename="desk/stages/steps/plate_bench.py" />
   <source>See the watch bill</source>
   <translation>Zum Wachplan</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/step_timers.py" />
   <source>%1 min left, %2</source>
   <translation>noch %1 min, %2</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/step_timers.py" />
   <source>over by %1 min</source>
   <translation>um %1 min überschritten</translation>
  </message>
  <message>
   <location filename="desk/stages/steps/step_timers.py" />
   <source>time is up</source>
   <translation>die Zeit ist um</translation>
  </message>
 </context>
 <context>
  <name>desk/stages/wash</name>
  <message>
   <location filename="desk/stages/wash/bath_dialog.py" />
   <location filename="desk/stages/wash/baths_picture.py" />
   <location filename="desk/stages/wash/bench.py" />
   <source>filled anew</source>
   <translation>neu gefüllt</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bath_dialog.py" />
   <location filename="desk/stages/wash/bench.py" />
   <source>settled and filtered</source>
   <translation>abgesetzt und gefiltert</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bath_dialog.py" />
   <source>the clean bath becomes the dirty one</source>
   <translation>das saubere Bad wird das schmutzige</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bath_dialog.py" />
   <source>The old liquid goes into a closed vessel, hardens in the light, and is disposed of by local rules.</source>
   <translation>Die alte Flüssigkeit kommt in ein geschlossenes Gefäß, härtet im Licht und wird nach örtlichen Regeln entsorgt.</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bath_dialog.py" />
   <source>It stood in the light until what was in it sank, and was filtered; how much went out is a guess unless weighed.</source>
   <translation>Es stand im Licht, bis sich absetzte, was darin war, und wurde gefiltert; wie viel hinausging, ist eine Schätzung, wenn nicht gewogen.</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bath_dialog.py" />
   <source>The dirty bath is disposed of; the clean one goes on as dirty, and a fresh one is filled.</source>
   <translation>Das schmutzige Bad wird entsorgt; das saubere geht als schmutziges weiter, und ein frisches wird gefüllt.</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bath_dialog.py" />
   <source>What was done to a bath</source>
   <translation>Was mit einem Bad getan wurde</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bath_dialog.py" />
   <location filename="desk/stages/wash/bath_dialog.py" />
   <source>What was done</source>
   <translation>Was getan wurde</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bath_dialog.py" />
   <source>Which bath</source>
   <translation>Welches Bad</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bath_dialog.py" />
   <location filename="desk/stages/wash/bath_dialog.py" />
   <source>Liquid</source>
   <translation>Flüssigkeit</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bath_dialog.py" />
   <location filename="desk/stages/wash/bath_dialog.py" />
   <source>Litres</source>
   <translation>Liter</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bath_dialog.py" />
   <source>Share taken out</source>
   <translation>Herausgenommener Anteil</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bath_dialog.py" />
   <source>Bath</source>
   <translation>Bad</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bath_dialog.py" />
   <source>Resin taken out</source>
   <translation>Harz herausgenommen</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/baths_picture.py" />
   <source>settled, filtered</source>
   <translation>abgesetzt, gefiltert</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/baths_picture.py" />
   <source>clean became dirty</source>
   <translation>sauberes wurde schmutziges</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/baths_picture.py" />
   <location filename="desk/stages/wash/baths_picture.py" />
   <source>Bath book</source>
   <translation>Badbuch</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/baths_picture.py" />
   <source>resin in each bath, % by weight</source>
   <translation>Harz in jedem Bad, % nach Gewicht</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/baths_picture.py" />
   <source>%1 bath %2, %3: %4</source>
   <translation>Bad (%1) %2, %3: %4</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/baths_picture.py" />
   <source>%1, %2: %3, planned</source>
   <translation>%1, %2: %3, geplant</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/baths_picture.py" />
   <source>%1 at %2, %3</source>
   <translation>%1 bei %2, %3</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/baths_picture.py" />
   <source>, since %1</source>
   <translation>, seit %1</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/baths_picture.py" />
   <source>%1 l %2, %3 ml resin%4</source>
   <translation>%1 l %2, %3 ml Harz%4</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/baths_picture.py" />
   <source>%1 bath: %2; %3 by weight</source>
   <translation>Bad (%1): %2; %3 nach Gewicht</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bench.py" />
   <source>the clean one made the dirty one</source>
   <translation>das saubere zum schmutzigen gemacht</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bench.py" />
   <source>Washed and drying</source>
   <translation>Gewaschen und am Trocknen</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bench.py" />
   <source>Nothing is wet. Plates come here from Print; two baths, then air.</source>
   <translation>Nichts ist nass. Platten kommen von Drucken hierher; zwei Bäder, dann Luft.</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bench.py" />
   <source>Filled anew, settled and filtered, or the clean one made the dirty one; never down a drain</source>
   <translation>Neu gefüllt, abgesetzt und gefiltert oder das saubere zum schmutzigen gemacht; nie in den Ausguss</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bench.py" />
   <source>A bath was …</source>
   <translation>Ein Bad wurde …</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bench.py" />
   <source>washed otherwise</source>
   <translation>anders gewaschen</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bench.py" />
   <source>%1 bath: %2</source>
   <translation>Bad (%1): %2</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bench.py" />
   <source>washed parts: %1</source>
   <translation>gewaschene Teile: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bench.py" />
   <source>Looking into the parts</source>
   <translation>Es wird in die Teile gesehen</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bench.py" />
   <source>Once dry and lit, how did %1 come out?</source>
   <translation>Trocken und im Licht, wie kam %1 heraus?</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/bench.py" />
   <source>washed %1</source>
   <translation>gewaschen: %1</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/habits.py" />
   <source>Inner width and depth of the tub: whether a whole plate goes in, and how high the liquid stands</source>
   <translation>Innere Breite und Tiefe des Kübels: ob eine ganze Platte hineingeht und wie hoch die Flüssigkeit steht</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/habits.py" />
   <source>Minutes a plate drains</source>
   <translation>Minuten, die eine Platte abtropft</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/habits.py" />
   <source>Over the vat, before it is washed: what drips back is kept</source>
   <translation>Über der Wanne, bevor sie gewaschen wird: was zurücktropft, bleibt erhalten</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/habits.py" />
   <source>Width of the tub</source>
   <translation>Breite des Kübels</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/habits.py" />
   <source>Depth of the tub</source>
   <translation>Tiefe des Kübels</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/habits.py" />
   <source>Tub inside</source>
   <translation>Kübel innen</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/state.py" />
   <source>%1 washes in water: %2 turns it white and soft.</source>
   <translation>%1 wäscht sich in Wasser: %2 macht es weiß und weich.</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/state.py" />
   <source>Water does not clean %1: fill the baths with what its data sheet asks for.</source>
   <translation>Wasser reinigt %1 nicht: füll die Bäder mit dem, was sein Datenblatt verlangt.</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/state.py" />
   <source>The dirty bath is spent: settle and filter it, or let the clean one become the dirty one.</source>
   <translation>Das schmutzige Bad ist verbraucht: lass es absetzen und filtere es, oder mach das saubere zum schmutzigen.</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/state.py" />
   <source>No plate that is planned spends either bath.</source>
   <translation>Keine geplante Platte verbraucht eines der Bäder.</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/state.py" />
   <source> The clean one is spent %1 by %2.</source>
   <translation> Das saubere ist %1 durch %2 verbraucht.</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/state.py" />
   <source>Spent %1 by %2 (%3 to %4). Before it: the clean one becomes the dirty one.%5</source>
   <translation>Verbraucht %1 durch %2 (%3 bis %4). Vorher: das saubere wird das schmutzige.%5</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/state.py" />
   <source>%1; %2: %3 mm</source>
   <translation>%1; %2: %3 mm</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/state.py" />
   <source>Looking for what stays in the parts …</source>
   <translation>Es wird gesucht, was in den Teilen bleibt …</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/state.py" />
   <source>under %1 (a default; see the resin's data sheet)</source>
   <translation>unter %1 (eine Vorgabe; siehe das Datenblatt des Harzes)</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/state.py" />
   <source>%1 min of soaking in all: %2, or thin parts soften%3.</source>
   <translation>Insgesamt %1 min Einweichen: %2, sonst werden dünne Teile weich%3.</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/ways_picture.py" />
   <source>Ways into the baths</source>
   <translation>Wege in die Bäder</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/ways_picture.py" />
   <source>%1 min of hands, %2 ml into the baths</source>
   <translation>%1 min Handarbeit, %2 ml in die Bäder</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/ways_picture.py" />
   <source>advised for this plate</source>
   <translation>geraten für diese Platte</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/ways_picture.py" />
   <source>all made ready first, then one behind the other</source>
   <translation>alle zuerst vorbereitet, dann eine nach der anderen</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/ways_picture.py" />
   <source>one behind the other</source>
   <translation>eine nach der anderen</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/ways_picture.py" />
   <source>All %1 plates, %2: %3 (%4 one by one)</source>
   <translation>Alle %1 Platten, %2: %3 (%4 einzeln)</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/ways_picture.py" />
   <source>%1: got ready from %2, dirty bath %3 to %4</source>
   <translation>%1: vorbereitet ab %2, schmutziges Bad %3 bis %4</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/ways_picture.py" />
   <source>clean %1 to %2, out after %3 min</source>
   <translation>sauberes %1 bis %2, heraus nach %3 min</translation>
  </message>
  <message>
   <location filename="desk/stages/wash/ways_picture.py" />
   <source>%1, %2, if begun now</source>
   <translation>%1, %2, wenn jetzt begonnen</translation>
  </message>
 </context>
 <context>
  <name>desk/system</name>
  <message>
   <location filename="desk/system/language.py" />
   <source>English</source>
   <translation>English</translation>
  </message>
  <message>
   <location filename="desk/system/motion.py" />
   <source>Read</source>
   <translation>Lesen</translation>
  </message>
  <message>
   <location filename="desk/system/report.py" />
   <source>%1 %2, Python %3</source>
   <translation>%1 %2, Python %3</translation>
  </message>
  <message>
   <location filename="desk/system/report.py" />
   <source>Numerus %1, %2
%3, Qt %4, PyQt %5
</source>
   <translation>Numerus %1, %2
%3, Qt %4, PyQt %5
</translation>
  </message>
  <message>
   <location filename="desk/system/report.py" />
   <source>journal entries at hand: %1</source>
   <translation>Journaleinträge zur Hand: %1</translation>
  </message>
  <message>
   <location filename="desk/system/report.py" />
   <source>The log cannot be read: %1.
</source>
   <translation>Das Protokoll ist nicht zu lesen: %1.
</translation>
  </message>
  <message>
   <location filename="desk/system/report.py" />
   <source>%1
%2
Said last: %3
</source>
   <translation>%1
%2
Zuletzt gesagt: %3
</translation>
  </message>
  <message>
   <location filename="desk/system/report.py" />
   <source>There is no log.
</source>
   <translation>Es gibt kein Protokoll.
</translation>
  </message>
  <message>
   <location filename="desk/system/watch.py" />
   <source>%1 on %2 is done: take it off.</source>
   <translation>%1 auf %2 ist fertig: nimm sie ab.</translation>
  </message>
  <message>
   <location filename="desk/system/watch.py" />
   <source>it stopped</source>
   <translation>sie hielt an</translation>
  </message>
  <message>
   <location filename="desk/system/watch.py" />
   <source>%1 on %2 stands still: %3.</source>
   <translation>%1 auf %2 steht still: %3.</translation>
  </message>
 </context>
 <context>
  <name>desk/trainer</name>
  <message>
   <location filename="desk/trainer/cards.py" />
   <source>Cards to choose from</source>
   <translation>Karten zur Wahl</translation>
  </message>
  <message>
   <location filename="desk/trainer/materials.py" />
   <source>It needs posed parts: open a book that has some, the demo say.</source>
   <translation>Es braucht ausgerichtete Teile: öffne ein Buch mit welchen, etwa die Demo.</translation>
  </message>
  <message>
   <location filename="desk/trainer/materials.py" />
   <source>It needs %1 opaque pots on the rack.</source>
   <translation>Es braucht %1 deckende Töpfe im Regal.</translation>
  </message>
  <message>
   <location filename="desk/trainer/materials.py" />
   <source>A usual machine</source>
   <translation>Eine übliche Maschine</translation>
  </message>
  <message>
   <location filename="desk/trainer/plate_page.py" />
   <source>What is seen</source>
   <translation>Was zu sehen ist</translation>
  </message>
  <message>
   <location filename="desk/trainer/plate_page.py" />
   <source>Tests</source>
   <translation>Proben</translation>
  </message>
  <message>
   <location filename="desk/trainer/plate_page.py" />
   <location filename="desk/trainer/plate_page.py" />
   <source>Causes</source>
   <translation>Ursachen</translation>
  </message>
  <message>
   <location filename="desk/trainer/plate_page.py" />
   <source>Make the test</source>
   <translation>Die Probe machen</translation>
  </message>
  <message>
   <location filename="desk/trainer/plate_page.py" />
   <source>It was this</source>
   <translation>Es war dies</translation>
  </message>
  <message>
   <location filename="desk/trainer/plate_page.py" />
   <source>What is seen, and what tests said</source>
   <translation>Was zu sehen ist, und was Proben sagten</translation>
  </message>
  <message>
   <location filename="desk/trainer/plate_page.py" />
   <source>Tests and their minutes</source>
   <translation>Proben und ihre Minuten</translation>
  </message>
  <message>
   <location filename="desk/trainer/plate_page.py" />
   <source>%1 min: %2</source>
   <translation>%1 min: %2</translation>
  </message>
  <message>
   <location filename="desk/trainer/plate_page.py" />
   <source>%1 min spent</source>
   <translation>%1 min verbraucht</translation>
  </message>
  <message>
   <location filename="desk/trainer/trainer_dialog.py" />
   <source>Practise</source>
   <translation>Üben</translation>
  </message>
  <message>
   <location filename="desk/trainer/trainer_dialog.py" />
   <source>Exercises</source>
   <translation>Übungen</translation>
  </message>
  <message>
   <location filename="desk/trainer/trainer_dialog.py" />
   <source>Mark it</source>
   <translation>Auswerten</translation>
  </message>
  <message>
   <location filename="desk/trainer/trainer_dialog.py" />
   <source>Another</source>
   <translation>Noch eine</translation>
  </message>
  <message>
   <location filename="desk/trainer/trainer_dialog.py" />
   <source>Being made ready …</source>
   <translation>Wird vorbereitet …</translation>
  </message>
  <message>
   <location filename="desk/trainer/trainer_dialog.py" />
   <source>Printing a plate that fails</source>
   <translation>Eine Platte, die misslingt, wird gedruckt</translation>
  </message>
  <message>
   <location filename="desk/trainer/trainer_dialog.py" />
   <source>Making an exercise</source>
   <translation>Eine Übung wird gemacht</translation>
  </message>
  <message>
   <location filename="desk/trainer/trainer_dialog.py" />
   <source>This was your own</source>
   <translation>Das war deine eigene</translation>
  </message>
  <message>
   <location filename="desk/trainer/trainer_dialog.py" />
   <source>A plate comes off hurt</source>
   <translation>Eine Platte kommt beschädigt herunter</translation>
  </message>
  <message>
   <location filename="desk/trainer/trainer_dialog.py" />
   <source>%1. What was the cause? Tests cost minutes, and one in ten says what is not so.</source>
   <translation>%1. Was war die Ursache? Proben kosten Minuten, und eine von zehn sagt, was nicht stimmt.</translation>
  </message>
  <message>
   <location filename="desk/trainer/trainer_dialog.py" />
   <source>Right</source>
   <translation>Richtig</translation>
  </message>
  <message>
   <location filename="desk/trainer/trainer_dialog.py" />
   <source>Partly</source>
   <translation>Teils</translation>
  </message>
  <message>
   <location filename="desk/trainer/trainer_dialog.py" />
   <source>Not so</source>
   <translation>Nicht so</translation>
  </message>
 </context>
 <context>
  <name>desk/view3d</name>
  <message>
   <location filename="desk/view3d/widget.py" />
   <source>BenchView</source>
   <translation>BenchView</translation>
  </message>
  <message>
   <location filename="desk/view3d/widget.py" />
   <source>Figure on the bench</source>
   <translation>Figur auf der Werkbank</translation>
  </message>
  <message>
   <location filename="desk/view3d/widget.py" />
   <source>Drag to turn, right-drag to shift, wheel to zoom, Ctrl-drag to move the lamp; arrows, + and - do the same; Home fits</source>
   <translation>Zieh zum Drehen, rechts zum Verschieben, Rad zum Vergrößern, Strg-Ziehen bewegt die Lampe; Pfeile, + und - tun dasselbe; Pos1 passt ein</translation>
  </message>
 </context>
 <context>
  <name>desk/widgets</name>
  <message>
   <location filename="desk/widgets/bench.py" />
   <source>Nothing stands here.</source>
   <translation>Hier steht nichts.</translation>
  </message>
  <message>
   <location filename="desk/widgets/bench.py" />
   <source>%1 bench</source>
   <translation>Werkbank %1</translation>
  </message>
  <message>
   <location filename="desk/widgets/bench.py" />
   <source>meshes %1</source>
   <translation>Netze, %1</translation>
  </message>
  <message>
   <location filename="desk/widgets/date_line.py" />
   <source>28 Apr 2026, 28/4/26, 2026-04-28</source>
   <translation>28 Apr 2026, 28/4/26, 2026-04-28</translation>
  </message>
  <message>
   <location filename="desk/widgets/date_line.py" />
   <source>Calendar</source>
   <translation>Kalender</translation>
  </message>
  <message>
   <location filename="desk/widgets/date_line.py" />
   <source>Choose the day</source>
   <translation>Den Tag wählen</translation>
  </message>
  <message>
   <location filename="desk/widgets/date_line.py" />
   <source>%1: calendar</source>
   <translation>%1: Kalender</translation>
  </message>
  <message>
   <location filename="desk/widgets/date_line.py" />
   <source>no date yet</source>
   <translation>noch kein Datum</translation>
  </message>
  <message>
   <location filename="desk/widgets/full_screen.py" />
   <source>Space goes on    ← → look along    %1Ctrl+Z take back    M sound %2    Esc leave</source>
   <translation>Leertaste weiter    ← → entlang    %1Strg+Z zurück    M Ton %2    Esc verlassen</translation>
  </message>
  <message>
   <location filename="desk/widgets/full_screen.py" />
   <source>Numerus: bench mode</source>
   <translation>Numerus: Werkbankmodus</translation>
  </message>
  <message>
   <location filename="desk/widgets/layout.py" />
   <source>Mind: %1%2 %3</source>
   <translation>Achtung: %1%2 %3</translation>
  </message>
  <message>
   <location filename="desk/widgets/looks.py" />
   <source>What it looked like</source>
   <translation>Wie es aussah</translation>
  </message>
  <message>
   <location filename="desk/widgets/platepicture.py" />
   <source>The plate from above</source>
   <translation>Die Platte von oben</translation>
  </message>
  <message>
   <location filename="desk/widgets/platepicture.py" />
   <source>outlines %1</source>
   <translation>Umrisse, %1</translation>
  </message>
  <message>
   <location filename="desk/widgets/platepicture.py" />
   <source>Drawing outlines</source>
   <translation>Umrisse werden gezeichnet</translation>
  </message>
  <message>
   <location filename="desk/widgets/platepicture.py" />
   <source>20 mm; the front is below</source>
   <translation>20 mm; vorn ist unten</translation>
  </message>
  <message>
   <location filename="desk/widgets/platepicture.py" />
   <source>hatched: weak spot, kept clear</source>
   <translation>schraffiert: schwache Stelle, freigehalten</translation>
  </message>
  <message>
   <location filename="desk/widgets/platepicture.py" />
   <source>its own pixels</source>
   <translation>die eigenen Pixel</translation>
  </message>
 </context>
 <context>
  <name>devices</name>
  <message>
   <location filename="devices/failing_weeks.py" />
   <location filename="devices/printer.py" />
   <location filename="diagnosis/likelihoods.py" />
   <location filename="diagnosis/likelihoods.py" />
   <source>stops level all round</source>
   <translation>hört ringsum auf gleicher Höhe auf</translation>
  </message>
  <message>
   <location filename="devices/failing_weeks.py" />
   <location filename="devices/printer.py" />
   <location filename="devices/printer.py" />
   <location filename="diagnosis/likelihoods.py" />
   <source>torn off its supports</source>
   <translation>von den Stützen gerissen</translation>
  </message>
  <message>
   <location filename="devices/failing_weeks.py" />
   <location filename="devices/printer.py" />
   <location filename="diagnosis/likelihoods.py" />
   <source>soft and half made</source>
   <translation>weich und halb fertig</translation>
  </message>
  <message>
   <location filename="devices/failing_weeks.py" />
   <location filename="diagnosis/likelihoods.py" />
   <source>nothing there</source>
   <translation>nichts da</translation>
  </message>
  <message>
   <location filename="devices/failing_weeks.py" />
   <location filename="diagnosis/likelihoods.py" />
   <location filename="diagnosis/likelihoods.py" />
   <source>a step all round</source>
   <translation>eine Stufe ringsum</translation>
  </message>
  <message>
   <location filename="devices/failing_weeks.py" />
   <location filename="diagnosis/likelihoods.py" />
   <source>swollen, detail filled</source>
   <translation>gequollen, Einzelheiten zugelaufen</translation>
  </message>
  <message>
   <location filename="devices/failing_weeks.py" />
   <location filename="diagnosis/likelihoods.py" />
   <source>fine bits missing</source>
   <translation>feine Stücke fehlen</translation>
  </message>
  <message>
   <location filename="devices/failing_weeks.py" />
   <location filename="diagnosis/likelihoods.py" />
   <source>bent, edges lifted</source>
   <translation>verbogen, Kanten abgehoben</translation>
  </message>
  <message>
   <location filename="devices/failing_weeks.py" />
   <location filename="diagnosis/likelihoods.py" />
   <source>a hole or tear in it</source>
   <translation>ein Loch oder Riss darin</translation>
  </message>
  <message>
   <location filename="devices/failing_weeks.py" />
   <source>Stand-in</source>
   <translation>Attrappe</translation>
  </message>
  <message>
   <location filename="devices/failing_weeks.py" />
   <source>Plate %1</source>
   <translation>Platte %1</translation>
  </message>
  <message>
   <location filename="devices/link.py" />
   <source>no %1 in %2 yet</source>
   <translation>noch kein %1 in %2</translation>
  </message>
  <message>
   <location filename="devices/link.py" />
   <source>%1 cannot be read</source>
   <translation>%1 ist nicht zu lesen</translation>
  </message>
  <message>
   <location filename="devices/link.py" />
   <location filename="devices/printer.py" />
   <location filename="devices/printer.py" />
   <source>resin out</source>
   <translation>Harz aus</translation>
  </message>
  <message>
   <location filename="devices/printer.py" />
   <source>one part lets go</source>
   <translation>ein Teil löst sich</translation>
  </message>
  <message>
   <location filename="devices/printer.py" />
   <source>power cut</source>
   <translation>Stromausfall</translation>
  </message>
  <message>
   <location filename="devices/printer.py" />
   <source>weak corner</source>
   <translation>schwache Ecke</translation>
  </message>
  <message>
   <location filename="devices/printer.py" />
   <source>a line where it stood still</source>
   <translation>eine Linie, wo sie stillstand</translation>
  </message>
  <message>
   <location filename="devices/printer.py" />
   <source>%1 at %2 mm</source>
   <translation>%1 bei %2 mm</translation>
  </message>
 </context>
 <context>
  <name>diagnosis</name>
  <message>
   <location filename="diagnosis/care.py" />
   <source>%1 of %2 failed</source>
   <translation>%1 von %2 misslungen</translation>
  </message>
  <message>
   <location filename="diagnosis/care.py" />
   <source>no part</source>
   <translation>kein Teil</translation>
  </message>
  <message>
   <location filename="diagnosis/care.py" />
   <source>nothing to compare yet</source>
   <translation>noch nichts zu vergleichen</translation>
  </message>
  <message>
   <location filename="diagnosis/care.py" />
   <source>fewer fail since</source>
   <translation>seither misslingen weniger</translation>
  </message>
  <message>
   <location filename="diagnosis/care.py" />
   <source>more fail since</source>
   <translation>seither misslingen mehr</translation>
  </message>
  <message>
   <location filename="diagnosis/care.py" />
   <source>no difference can be told yet</source>
   <translation>noch kein Unterschied zu erkennen</translation>
  </message>
  <message>
   <location filename="diagnosis/care.py" />
   <source>film changed</source>
   <translation>Folie gewechselt</translation>
  </message>
  <message>
   <location filename="diagnosis/care.py" />
   <source>screen changed</source>
   <translation>Bildschirm gewechselt</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Power cut or machine stopped</source>
   <translation>Stromausfall, oder die Maschine hielt an</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>The vat ran out of resin</source>
   <translation>Die Wanne lief leer</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Nothing stuck to the plate: level, bottom exposure</source>
   <translation>Nichts haftete an der Platte: Nivellierung, Bodenbelichtung</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Cold or unstirred resin</source>
   <translation>Kaltes oder ungerührtes Harz</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Film dented or clouded at that place</source>
   <translation>Folie dort verbeult oder trüb</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Screen or light weak at that place</source>
   <translation>Bildschirm oder Licht dort schwach</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Tips too light for the pull</source>
   <translation>Spitzen zu leicht für den Zug</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>A cup sucked it off</source>
   <translation>Ein Saugkelch zog es ab</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Layers too little exposed</source>
   <translation>Schichten zu kurz belichtet</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Layers too much exposed</source>
   <translation>Schichten zu lang belichtet</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Plate loose or shifted</source>
   <translation>Platte locker oder verschoben</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Layer area leaps: a line, or torn there</source>
   <translation>Schichtfläche springt: eine Linie, oder dort gerissen</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>File or slicing: it is so in the layers</source>
   <translation>Datei oder Schnitt: es ist so in den Schichten</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>A cured flake in the vat</source>
   <translation>Eine gehärtete Flocke in der Wanne</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Long flat span warped</source>
   <translation>Lange flache Spanne verzogen</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Thinner than the screen can make</source>
   <translation>Dünner, als der Bildschirm machen kann</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>nearly all of the plate is hurt</source>
   <translation>fast die ganze Platte ist beschädigt</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>at one height</source>
   <translation>auf einer Höhe</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>in the first 2 mm</source>
   <translation>in den ersten 2 mm</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>in the upper half</source>
   <translation>in der oberen Hälfte</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <source>where another part was hurt before</source>
   <translation>wo schon ein anderes Teil beschädigt war</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>scattered over the plate</source>
   <translation>über die Platte verstreut</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>most runs before it were hurt</source>
   <translation>die meisten Läufe davor waren beschädigt</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>mostly copies of one part</source>
   <translation>meist Kopien eines Teils</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>other copies of it came out well</source>
   <translation>andere Kopien davon kamen gut heraus</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>hurt ones stand together, others do not</source>
   <translation>beschädigte stehen beisammen, andere nicht</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>one part alone</source>
   <translation>ein Teil allein</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>the same part was hurt before</source>
   <translation>dasselbe Teil war schon beschädigt</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>at the same height as then</source>
   <translation>auf derselben Höhe wie damals</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <source>its supports hold less than 1.5 times the pull</source>
   <translation>seine Stützen halten weniger als das 1,5-Fache des Zugs</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <source>it seals a cup</source>
   <translation>es schließt einen Saugkelch</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <source>its layers leap in area near that height</source>
   <translation>seine Schichten springen nahe dieser Höhe in der Fläche</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <source>it has walls that hardly print</source>
   <translation>es hat Wände, die kaum drucken</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>it is long and lies flat</source>
   <translation>es ist lang und liegt flach</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <source>the film is near its end</source>
   <translation>die Folie ist nahe ihrem Ende</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <source>it was colder than the resin wants</source>
   <translation>es war kälter, als das Harz will</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <source>the plate took nearly all the vat held</source>
   <translation>die Platte nahm fast alles, was die Wanne hielt</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>it ended before its time</source>
   <translation>er endete vor seiner Zeit</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/observations.py" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>parts failed in the run before it</source>
   <translation>im Lauf davor misslangen Teile</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>looked: stops level all round</source>
   <translation>angesehen: hört ringsum auf gleicher Höhe auf</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>looked: torn off its supports</source>
   <translation>angesehen: von den Stützen gerissen</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>looked: soft and half made</source>
   <translation>angesehen: weich und halb fertig</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>looked: nothing there</source>
   <translation>angesehen: nichts da</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>looked: a step all round</source>
   <translation>angesehen: eine Stufe ringsum</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>looked: swollen, detail filled</source>
   <translation>angesehen: gequollen, Einzelheiten zugelaufen</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>looked: fine bits missing</source>
   <translation>angesehen: feine Stücke fehlen</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>looked: bent, edges lifted</source>
   <translation>angesehen: verbogen, Kanten abgehoben</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>looked: a hole or tear in it</source>
   <translation>angesehen: ein Loch oder Riss darin</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Look at the machine's log and ask whether the power went.</source>
   <translation>Sieh ins Protokoll der Maschine und frag, ob der Strom ausfiel.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>It stopped by itself or by a cut</source>
   <translation>Sie hielt von selbst oder durch einen Ausfall</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Look at the vat's level.</source>
   <translation>Sieh nach dem Stand in der Wanne.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>It is at its least or below</source>
   <translation>Er liegt am Mindeststand oder darunter</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Take hold of the plate and try to move it; try its screws.</source>
   <translation>Fass die Platte an und versuch, sie zu bewegen; prüf ihre Schrauben.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>It moves</source>
   <translation>Sie bewegt sich</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Look at the sliced layers around that height.</source>
   <translation>Sieh die geschnittenen Schichten um diese Höhe an.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>They are wrong there</source>
   <translation>Sie sind dort falsch</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Hold the film against the light: dents, clouds, holes.</source>
   <translation>Halt die Folie gegen das Licht: Beulen, Trübungen, Löcher.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>A fault shows at that place</source>
   <translation>An dieser Stelle zeigt sich ein Fehler</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Light the whole screen with the vat off and lay white paper over it. Do not look into the light.</source>
   <translation>Beleuchte den ganzen Bildschirm ohne Wanne und leg weißes Papier darüber. Sieh nicht ins Licht.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>A dim or dead place shows</source>
   <translation>Eine matte oder tote Stelle zeigt sich</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Filter the vat for cured flakes.</source>
   <translation>Filtere die Wanne nach gehärteten Flocken.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>There were flakes</source>
   <translation>Es waren Flocken darin</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Lay a straight edge along it.</source>
   <translation>Leg eine gerade Kante daran.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>It is bent</source>
   <translation>Es ist verbogen</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Level the plate again and print one bottom square.</source>
   <translation>Nivelliere die Platte neu und drucke ein Bodenquadrat.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>It held only after levelling</source>
   <translation>Es hielt erst nach dem Nivellieren</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Warm the resin to what its maker wants, stir it, print one small part.</source>
   <translation>Wärm das Harz, wie sein Hersteller es will, rühr es, drucke ein kleines Teil.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Warm it prints well</source>
   <translation>Warm druckt es gut</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Print the exposure square.</source>
   <translation>Drucke das Belichtungsquadrat.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>It is soft or under size</source>
   <translation>Es ist weich oder zu klein</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Print the pins and slots of the exposure test.</source>
   <translation>Drucke die Stifte und Schlitze der Belichtungsprobe.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Slots are closed, pins too thick</source>
   <translation>Schlitze sind zu, Stifte zu dick</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Measure the bit that is missing on the mesh.</source>
   <translation>Miss das fehlende Stück am Netz.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>It is thinner than two pixels or 0.4 mm</source>
   <translation>Es ist dünner als zwei Pixel oder 0,4 mm</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Print the same part at another place of the plate.</source>
   <translation>Drucke dasselbe Teil an einer anderen Stelle der Platte.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>There it prints well</source>
   <translation>Dort druckt es gut</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Print the part with tips one size heavier beside the old ones.</source>
   <translation>Drucke das Teil mit Spitzen, eine Größe schwerer, neben den alten.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Only the heavier one holds</source>
   <translation>Nur die schwerere hält</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Drill or add a vent near the cup's bottom and print it again.</source>
   <translation>Bohr oder setz eine Lüftung nahe dem Boden des Kelchs und drucke es noch einmal.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Vented it holds</source>
   <translation>Entlüftet hält es</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Print it again with the lift half as fast.</source>
   <translation>Drucke es noch einmal, mit halbem Hubtempo.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.json" />
   <source>Slow it holds, or the line is gone</source>
   <translation>Langsam hält es, oder die Linie ist weg</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.py" />
   <source>looked: </source>
   <translation>angesehen: </translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.py" />
   <source>off the bed</source>
   <translation>vom Bett gelöst</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.py" />
   <source>a nest of threads</source>
   <translation>ein Nest aus Fäden</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.py" />
   <source>strings and hairs</source>
   <translation>Fäden und Haare</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.py" />
   <source>lines with gaps</source>
   <translation>Linien mit Lücken</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.py" />
   <source>a drooping underside</source>
   <translation>eine hängende Unterseite</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.py" />
   <source>corners lifted</source>
   <translation>Ecken abgehoben</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.py" />
   <source>wrong in its shape</source>
   <translation>in der Form falsch</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.py" />
   <source>That is no table of likelihoods: %1.</source>
   <translation>Das ist keine Tabelle der Wahrscheinlichkeiten: %1.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.py" />
   <source>The usual one is used.</source>
   <translation>Die übliche wird genommen.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.py" />
   <source>Shares must lie between 0 and 1.</source>
   <translation>Anteile müssen zwischen 0 und 1 liegen.</translation>
  </message>
  <message>
   <location filename="diagnosis/likelihoods.py" />
   <source>The usual table is used.</source>
   <translation>Die übliche Tabelle wird genommen.</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>The reel ran out or tangled</source>
   <translation>Die Rolle war leer oder verheddert</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>It lost its hold on the bed</source>
   <translation>Es verlor den Halt am Bett</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>The nozzle clogged, or the feed slips</source>
   <translation>Die Düse ist verstopft, oder der Vorschub rutscht</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Damp filament</source>
   <translation>Feuchtes Filament</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Too hot, or drawn back too little</source>
   <translation>Zu heiß, oder zu wenig zurückgezogen</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>An overhang without support under it</source>
   <translation>Ein Überhang ohne Stütze darunter</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>A support broke off or was too thin</source>
   <translation>Eine Stütze brach ab oder war zu dünn</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Corners curled: draught or cold bed</source>
   <translation>Ecken gewellt: Luftzug oder kaltes Bett</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>The nozzle knocked it over</source>
   <translation>Die Düse stieß es um</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>A belt slipped or the head struck something</source>
   <translation>Ein Riemen rutschte, oder der Kopf stieß an</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>looked: off the bed</source>
   <translation>angesehen: vom Bett gelöst</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>looked: a nest of threads</source>
   <translation>angesehen: ein Nest aus Fäden</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>looked: strings and hairs</source>
   <translation>angesehen: Fäden und Haare</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>looked: lines with gaps</source>
   <translation>angesehen: Linien mit Lücken</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>looked: a drooping underside</source>
   <translation>angesehen: eine hängende Unterseite</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>looked: corners lifted</source>
   <translation>angesehen: Ecken abgehoben</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>looked: wrong in its shape</source>
   <translation>angesehen: in der Form falsch</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Look at the reel: empty, or a loop caught under another.</source>
   <translation>Sieh die Rolle an: leer, oder eine Schlinge unter einer anderen.</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>It is empty or caught</source>
   <translation>Sie ist leer oder hängt fest</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Wipe the bed, lay one square of the first layer and watch it.</source>
   <translation>Wisch das Bett, leg ein Quadrat der ersten Schicht und sieh zu.</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>It held only after that</source>
   <translation>Es hielt erst danach</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Heat the nozzle and push filament through by hand. It burns: mind your fingers.</source>
   <translation>Heiz die Düse und schieb Filament von Hand durch. Sie verbrennt: achte auf die Finger.</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>It comes out thin, curled or not at all</source>
   <translation>Es kommt dünn, gekringelt oder gar nicht</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Listen while it is laid: it hisses and bubbles; or dry it and try again.</source>
   <translation>Hör zu, während es gelegt wird: es zischt und blubbert; oder trockne es und versuch es wieder.</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>It hisses, or is better dried</source>
   <translation>Es zischt, oder ist getrocknet besser</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Lay two thin towers, once 10 °C cooler.</source>
   <translation>Leg zwei dünne Türme, einmal 10 °C kühler.</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Cooler they are clean</source>
   <translation>Kühler sind sie sauber</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Look at the sliced layers around that place.</source>
   <translation>Sieh die geschnittenen Schichten um diese Stelle an.</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Look at the part as it lies: is the underside steeper than half upright, with nothing below?</source>
   <translation>Sieh das Teil an, wie es liegt: hängt die Unterseite flacher als halb aufrecht, mit nichts darunter?</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Nothing stands under it</source>
   <translation>Nichts steht darunter</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Move the head by hand, cold and off: does a belt slip, does it strike?</source>
   <translation>Beweg den Kopf von Hand, kalt und aus: rutscht ein Riemen, stößt er an?</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>It slips or strikes</source>
   <translation>Er rutscht oder stößt an</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Lay it again with a brim round its foot.</source>
   <translation>Leg es noch einmal, mit einem Rand um den Fuß.</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>With a brim it holds</source>
   <translation>Mit Rand hält es</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Lay it again with posts one size thicker.</source>
   <translation>Leg es noch einmal, mit Pfosten eine Größe dicker.</translation>
  </message>
  <message>
   <location filename="diagnosis/plastic_likelihoods.json" />
   <source>Thicker ones hold</source>
   <translation>Dickere halten</translation>
  </message>
  <message>
   <location filename="diagnosis/repair.py" />
   <source>Print it again</source>
   <translation>Noch einmal drucken</translation>
  </message>
  <message>
   <location filename="diagnosis/repair.py" />
   <source>Print it again with %1 spare%2</source>
   <translation>Noch einmal drucken, mit %1 Ersatz</translation>
  </message>
  <message>
   <location filename="diagnosis/repair.py" />
   <source>, riding along</source>
   <translation>, fährt mit</translation>
  </message>
  <message>
   <location filename="diagnosis/repair.py" />
   <source>Cut it level, print the missing end, pin and glue it</source>
   <translation>Glatt schneiden, das fehlende Ende drucken, verstiften und kleben</translation>
  </message>
  <message>
   <location filename="diagnosis/repair.py" />
   <source>Fill with two-part putty, sand, wash the dust off</source>
   <translation>Mit Zwei-Komponenten-Spachtel füllen, schleifen, den Staub abwaschen</translation>
  </message>
  <message>
   <location filename="diagnosis/repair.py" />
   <source>Hide it: base, mud, battle damage, or turn it to the back</source>
   <translation>Verstecken: Base, Schlamm, Kampfschaden, oder nach hinten drehen</translation>
  </message>
  <message>
   <location filename="diagnosis/repair.py" />
   <source>Take it as it is</source>
   <translation>Nehmen, wie es ist</translation>
  </message>
  <message>
   <location filename="diagnosis/wear.py" />
   <source>%1 %2 worn</source>
   <translation>%1 %2 verschlissen</translation>
  </message>
  <message>
   <location filename="diagnosis/wear.py" />
   <source>h of light</source>
   <translation>h Licht</translation>
  </message>
  <message>
   <location filename="diagnosis/wear.py" />
   <source>; worn by %1 at this pace</source>
   <translation>; in diesem Tempo verschlissen um den %1</translation>
  </message>
  <message>
   <location filename="diagnosis/wear.py" />
   <source>%1 of %2 %3%4</source>
   <translation>%1 von %2 %3%4</translation>
  </message>
  <message>
   <location filename="diagnosis/wear.py" />
   <source>; of %1 parts printed with it %2 failed</source>
   <translation>; von %1 damit gedruckten Teilen misslangen %2</translation>
  </message>
  <message>
   <location filename="diagnosis/wear.py" />
   <source>%1 ml a week lately%2</source>
   <translation>zuletzt %1 ml die Woche%2</translation>
  </message>
  <message>
   <location filename="diagnosis/wear.py" />
   <source>%1: no bottle is written down; %2 ml are planned.</source>
   <translation>%1: keine Flasche ist aufgeschrieben; geplant sind %2 ml.</translation>
  </message>
  <message>
   <location filename="diagnosis/wear.py" />
   <source>%1: a bottle is past its date; do not print with it, cure and bin it by local rules.</source>
   <translation>%1: eine Flasche ist über ihr Datum; drucke nicht damit, härte und entsorge sie nach örtlichen Regeln.</translation>
  </message>
  <message>
   <location filename="diagnosis/wear.py" />
   <source>%1: %2 ml are planned and %3 left: order now.</source>
   <translation>%1: %2 ml sind geplant und %3 übrig: bestell jetzt.</translation>
  </message>
  <message>
   <location filename="diagnosis/wear.py" />
   <source>; order by %1</source>
   <translation>; bestellen bis %1</translation>
  </message>
  <message>
   <location filename="diagnosis/wear.py" />
   <source>%1: %2 ml left, %3 of them planned%4.</source>
   <translation>%1: %2 ml übrig, %3 davon geplant%4.</translation>
  </message>
  <message>
   <location filename="diagnosis/wear.py" />
   <source>stir the vat and shake the bottle</source>
   <translation>rühr die Wanne um und schüttle die Flasche</translation>
  </message>
  <message>
   <location filename="diagnosis/wear.py" />
   <source>warm it to %1 °C or more: the room has %2</source>
   <translation>wärm es auf %1 °C oder mehr: der Raum hat %2</translation>
  </message>
  <message>
   <location filename="diagnosis/wear.py" />
   <source>see that it has %1 °C or more: nobody has told how warm the room is</source>
   <translation>sieh, dass es %1 °C oder mehr hat: niemand hat gesagt, wie warm der Raum ist</translation>
  </message>
  <message>
   <location filename="diagnosis/wear.py" />
   <source>a bottle is past its date</source>
   <translation>eine Flasche ist über ihr Datum</translation>
  </message>
 </context>
 <context>
  <name>domain</name>
  <message>
   <location filename="domain/army.py" />
   <location filename="domain/army.py" />
   <location filename="kit/assembly.py" />
   <location filename="kit/assembly.py" />
   <location filename="kit/assembly.py" />
   <location filename="kit/sorting.py" />
   <location filename="progress/choosing.py" />
   <source>left arm</source>
   <translation>linker Arm</translation>
  </message>
  <message>
   <location filename="domain/army.py" />
   <location filename="domain/army.py" />
   <location filename="kit/assembly.py" />
   <location filename="kit/assembly.py" />
   <location filename="kit/assembly.py" />
   <location filename="kit/sorting.py" />
   <location filename="kit/sorting.py" />
   <location filename="progress/choosing.py" />
   <source>right arm</source>
   <translation>rechter Arm</translation>
  </message>
  <message>
   <location filename="domain/army.py" />
   <source>A week has seven days.</source>
   <translation>Eine Woche hat sieben Tage.</translation>
  </message>
  <message>
   <location filename="domain/army.py" />
   <source>The share of evenings kept lies between 0 and 1.</source>
   <translation>Der Anteil gehaltener Abende liegt zwischen 0 und 1.</translation>
  </message>
  <message>
   <location filename="domain/army.py" />
   <source>A box for figures is 60 to 2000 mm wide and deep inside.</source>
   <translation>Eine Kiste für Figuren ist innen 60 bis 2000 mm breit und tief.</translation>
  </message>
  <message>
   <location filename="domain/army.py" />
   <source>A tub is 40 to 2000 mm wide and deep inside; a plate drains for up to 600 min.</source>
   <translation>Ein Kübel ist innen 40 bis 2000 mm breit und tief; eine Platte tropft bis zu 600 min ab.</translation>
  </message>
  <message>
   <location filename="domain/army.py" />
   <source>One to six people work at a bench.</source>
   <translation>An einer Werkbank arbeiten ein bis sechs Leute.</translation>
  </message>
  <message>
   <location filename="domain/army.py" />
   <source>A bench stands at 0 to 45 °C and 5 to 98 % humidity.</source>
   <translation>Eine Werkbank steht bei 0 bis 45 °C und 5 bis 98 % Feuchte.</translation>
  </message>
  <message>
   <location filename="domain/army.py" />
   <source>At least one part is washed or cured at once.</source>
   <translation>Wenigstens ein Teil wird auf einmal gewaschen oder gehärtet.</translation>
  </message>
  <message>
   <location filename="domain/clock.py" />
   <source>%1 is no time zone.</source>
   <translation>%1 ist keine Zeitzone.</translation>
  </message>
  <message>
   <location filename="domain/clock.py" />
   <source>Write it like Europe/London.</source>
   <translation>Schreib sie wie Europe/London.</translation>
  </message>
  <message>
   <location filename="domain/clock.py" />
   <source>%1 is no date.</source>
   <translation>%1 ist kein Datum.</translation>
  </message>
  <message>
   <location filename="domain/clock.py" />
   <source>Write it like 28 Apr 2026.</source>
   <translation>Schreib es wie 28 Apr 2026.</translation>
  </message>
  <message>
   <location filename="domain/clock.py" />
   <source>%1: %2 is no time of day.</source>
   <translation>%1: %2 ist keine Uhrzeit.</translation>
  </message>
  <message>
   <location filename="domain/clock.py" />
   <source>Write it like 20:00.</source>
   <translation>Schreib sie wie 20:00.</translation>
  </message>
  <message>
   <location filename="domain/clock.py" />
   <source>%1: %2 does not end after it begins.</source>
   <translation>%1: %2 endet nicht, nachdem es beginnt.</translation>
  </message>
  <message>
   <location filename="domain/clock.py" />
   <source>Write it like 18:00-23:00.</source>
   <translation>Schreib es wie 18:00-23:00.</translation>
  </message>
  <message>
   <location filename="domain/commissions.py" />
   <source>A sum of a commission lies between nothing and a hundred thousand.</source>
   <translation>Ein Betrag eines Auftrags liegt zwischen nichts und hunderttausend.</translation>
  </message>
  <message>
   <location filename="domain/commissions.py" />
   <source>The margin lies between 0 and 5, the deposit between 0 and 1.</source>
   <translation>Die Spanne liegt zwischen 0 und 5, die Anzahlung zwischen 0 und 1.</translation>
  </message>
  <message>
   <location filename="domain/parts.py" />
   <source>personal use only</source>
   <translation>nur zum eigenen Gebrauch</translation>
  </message>
  <message>
   <location filename="domain/parts.py" />
   <source>prints may be sold</source>
   <translation>Drucke dürfen verkauft werden</translation>
  </message>
  <message>
   <location filename="domain/parts.py" />
   <source>terms unknown</source>
   <translation>Bedingungen unbekannt</translation>
  </message>
  <message>
   <location filename="domain/purchases.py" />
   <source>Kits and files</source>
   <translation>Bausätze und Dateien</translation>
  </message>
  <message>
   <location filename="domain/purchases.py" />
   <source>Solvent</source>
   <translation>Lösemittel</translation>
  </message>
  <message>
   <location filename="domain/purchases.py" />
   <source>Gloves</source>
   <translation>Handschuhe</translation>
  </message>
  <message>
   <location filename="domain/purchases.py" />
   <source>Films</source>
   <translation>Folien</translation>
  </message>
  <message>
   <location filename="domain/purchases.py" />
   <source>Screens</source>
   <translation>Bildschirme</translation>
  </message>
  <message>
   <location filename="domain/purchases.py" />
   <source>Paint, primer, varnish</source>
   <translation>Farbe, Grundierung, Lack</translation>
  </message>
  <message>
   <location filename="domain/purchases.py" />
   <source>Glue</source>
   <translation>Kleber</translation>
  </message>
  <message>
   <location filename="domain/purchases.py" />
   <source>Putty</source>
   <translation>Spachtel</translation>
  </message>
  <message>
   <location filename="domain/purchases.py" />
   <source>Basing paste</source>
   <translation>Paste für Bases</translation>
  </message>
  <message>
   <location filename="domain/purchases.py" />
   <source>Sand, snow, leaves</source>
   <translation>Sand, Schnee, Blätter</translation>
  </message>
  <message>
   <location filename="domain/purchases.py" />
   <source>Basing, other</source>
   <translation>Bases, anderes</translation>
  </message>
  <message>
   <location filename="domain/purchases.py" />
   <source>Blades</source>
   <translation>Klingen</translation>
  </message>
  <message>
   <location filename="domain/purchases.py" />
   <source>Tools and machines</source>
   <translation>Werkzeuge und Maschinen</translation>
  </message>
  <message>
   <location filename="domain/purchases.py" />
   <source>Postage</source>
   <translation>Porto</translation>
  </message>
  <message>
   <location filename="domain/purchases.py" />
   <source>Other</source>
   <translation>Anderes</translation>
  </message>
  <message>
   <location filename="domain/purchases.py" />
   <source>A purchase has a kind, a price and an amount that are not less than nothing.</source>
   <translation>Ein Kauf hat eine Art, einen Preis und eine Menge, die nicht unter nichts liegen.</translation>
  </message>
  <message>
   <location filename="domain/typed_rows.py" />
   <source>a number, such as 1.5</source>
   <translation>eine Zahl, etwa 1.5</translation>
  </message>
  <message>
   <location filename="domain/typed_rows.py" />
   <source>Row %1: %2 is not from 0 to %3%4.</source>
   <translation>Zeile %1: %2 liegt nicht zwischen 0 und %3%4.</translation>
  </message>
  <message>
   <location filename="domain/typed_rows.py" />
   <source>Type %1.</source>
   <translation>Gib %1 ein.</translation>
  </message>
 </context>
 <context>
  <name>domain/painting</name>
  <message>
   <location filename="domain/painting/recipes.py" />
   <source>by hand</source>
   <translation>von Hand</translation>
  </message>
  <message>
   <location filename="domain/painting/recipes.py" />
   <source>Matt varnish</source>
   <translation>Mattlack</translation>
  </message>
  <message>
   <location filename="domain/painting/recipes.py" />
   <source>Base rim</source>
   <translation>Rand der Base</translation>
  </message>
  <message>
   <location filename="domain/painting/recipes.py" />
   <source>Tufts and mud</source>
   <translation>Büschel</translation>
  </message>
  <message>
   <location filename="domain/painting/recipes.py" />
   <location filename="starter/schemes.py" />
   <source>pale grey</source>
   <translation>hellgrau</translation>
  </message>
 </context>
 <context>
  <name>domain/printing</name>
  <message>
   <location filename="domain/printing/machines.py" />
   <source>of resin</source>
   <translation>Harz</translation>
  </message>
  <message>
   <location filename="domain/printing/machines.py" />
   <source>of plastic</source>
   <translation>Kunststoff</translation>
  </message>
  <message>
   <location filename="domain/printing/machines.py" />
   <source>out of service</source>
   <translation>außer Betrieb</translation>
  </message>
  <message>
   <location filename="domain/printing/machines.py" />
   <source>out until %1</source>
   <translation>ausgefallen bis %1</translation>
  </message>
 </context>
 <context>
  <name>geometry</name>
  <message>
   <location filename="geometry/base_shapes.py" />
   <source>%1 is no outline of a base.</source>
   <translation>%1 ist kein Umriss einer Base.</translation>
  </message>
  <message>
   <location filename="geometry/base_shapes.py" />
   <location filename="geometry/base_shapes.py" />
   <source>Try %1.</source>
   <translation>Versuch %1.</translation>
  </message>
  <message>
   <location filename="geometry/base_shapes.py" />
   <source>A base is 10 to 200 mm across and 1 to 40 mm high.</source>
   <translation>Eine Base ist 10 bis 200 mm breit und 1 bis 40 mm hoch.</translation>
  </message>
  <message>
   <location filename="geometry/base_shapes.py" />
   <source>Its sides lean in so far that nothing is left on top.</source>
   <translation>Ihre Seiten lehnen so weit nach innen, dass oben nichts bleibt.</translation>
  </message>
  <message>
   <location filename="geometry/base_shapes.py" />
   <source>Lower the taper or the height.</source>
   <translation>Mach sie weniger schräg oder niedriger.</translation>
  </message>
  <message>
   <location filename="geometry/base_shapes.py" />
   <source>A pocket %1 mm deep leaves less than %2 mm over it.</source>
   <translation>Eine Tasche von %1 mm Tiefe lässt weniger als %2 mm darüber.</translation>
  </message>
  <message>
   <location filename="geometry/base_shapes.py" />
   <source>Make the base higher or the pocket shallower.</source>
   <translation>Mach die Base höher oder die Tasche flacher.</translation>
  </message>
  <message>
   <location filename="geometry/base_shapes.py" />
   <source>The pocket is as wide as the base.</source>
   <translation>Die Tasche ist so breit wie die Base.</translation>
  </message>
  <message>
   <location filename="geometry/base_shapes.py" />
   <source>Take a smaller magnet.</source>
   <translation>Nimm einen kleineren Magneten.</translation>
  </message>
  <message>
   <location filename="geometry/base_shapes.py" />
   <source>%1 is no texture.</source>
   <translation>%1 ist keine Textur.</translation>
  </message>
  <message>
   <location filename="geometry/bending.py" />
   <source>No limb was found there.</source>
   <translation>Dort wurde kein Glied gefunden.</translation>
  </message>
  <message>
   <location filename="geometry/bending.py" />
   <source>Click where it bends.</source>
   <translation>Klick, wo es sich biegt.</translation>
  </message>
  <message>
   <location filename="geometry/bending.py" />
   <source>More than %1° folds a limb.</source>
   <translation>Mehr als %1° knickt ein Glied.</translation>
  </message>
  <message>
   <location filename="geometry/bending.py" />
   <source>Cut it there, turn the piece, and peg it.</source>
   <translation>Schneid es dort, dreh das Stück und setz einen Zapfen.</translation>
  </message>
  <message>
   <location filename="geometry/bending.py" />
   <source>Bent by %1° the part folds: it is too wide there.</source>
   <translation>Um %1° gebogen knickt das Teil: es ist dort zu breit.</translation>
  </message>
  <message>
   <location filename="geometry/bending.py" />
   <source>Bend it less, or nearer the thin of the limb.</source>
   <translation>Bieg es weniger, oder näher an der dünnen Stelle des Glieds.</translation>
  </message>
  <message>
   <location filename="geometry/cutting.py" />
   <source>The part is torn or tangled; a cut needs a closed solid.</source>
   <translation>Das Teil ist gerissen oder verworren; ein Schnitt braucht einen geschlossenen Körper.</translation>
  </message>
  <message>
   <location filename="geometry/cutting.py" />
   <source>Mend it first.</source>
   <translation>Flick es zuerst.</translation>
  </message>
  <message>
   <location filename="geometry/cutting.py" />
   <source>The plane does not pass through the part.</source>
   <translation>Die Ebene geht nicht durch das Teil.</translation>
  </message>
  <message>
   <location filename="geometry/cutting.py" />
   <location filename="geometry/cutting.py" />
   <source>Nothing was cut.</source>
   <translation>Nichts wurde geschnitten.</translation>
  </message>
  <message>
   <location filename="geometry/cutting.py" />
   <source>One piece of the section is too slight for a key: glue it, or pin it by hand.</source>
   <translation>Ein Stück des Querschnitts ist zu schmal für eine Passung: kleb es oder verstifte es von Hand.</translation>
  </message>
  <message>
   <location filename="geometry/cutting.py" />
   <source>The plane leaves nothing, or nothing goes.</source>
   <translation>Die Ebene lässt nichts übrig, oder nichts fällt weg.</translation>
  </message>
  <message>
   <location filename="geometry/cutting.py" />
   <source>There is nothing at that place.</source>
   <translation>An dieser Stelle ist nichts.</translation>
  </message>
  <message>
   <location filename="geometry/cutting.py" />
   <source>Nothing was filled.</source>
   <translation>Nichts wurde gefüllt.</translation>
  </message>
  <message>
   <location filename="geometry/cutting.py" />
   <source>a waist: the seam is %1 mm%2</source>
   <translation>eine Taille: die Naht ist %1 mm lang%2</translation>
  </message>
  <message>
   <location filename="geometry/cutting.py" />
   <source> in %1 rings</source>
   <translation> in %1 Ringen</translation>
  </message>
  <message>
   <location filename="geometry/cutting.py" />
   <source> in one ring</source>
   <translation> in einem Ring</translation>
  </message>
  <message>
   <location filename="geometry/likeness.py" />
   <source>%1 mm apart, %2 at most</source>
   <translation>%1 mm auseinander, höchstens %2</translation>
  </message>
  <message>
   <location filename="geometry/pegs.py" />
   <location filename="geometry/pegs.py" />
   <source>There is no room for a peg where they meet.</source>
   <translation>Wo sie sich treffen, ist kein Platz für einen Zapfen.</translation>
  </message>
  <message>
   <location filename="geometry/pegs.py" />
   <location filename="geometry/pegs.py" />
   <source>Put the joint deeper into the part, or glue and pin it by hand.</source>
   <translation>Setz die Verbindung tiefer in das Teil, oder klebe und verstifte von Hand.</translation>
  </message>
  <message>
   <location filename="geometry/pegs.py" />
   <source>They do not touch: as one piece they would fall apart.</source>
   <translation>Sie berühren sich nicht: als ein Stück fielen sie auseinander.</translation>
  </message>
  <message>
   <location filename="geometry/pegs.py" />
   <source>Snap the part to its joint first.</source>
   <translation>Leg das Teil zuerst an seine Verbindung.</translation>
  </message>
  <message>
   <location filename="geometry/round_holes.py" />
   <source>%1 mm is no width of a hole.</source>
   <translation>%1 mm ist keine Weite eines Lochs.</translation>
  </message>
  <message>
   <location filename="geometry/round_holes.py" />
   <source>Take 0.2 to 12 mm.</source>
   <translation>Nimm 0,2 bis 12 mm.</translation>
  </message>
 </context>
 <context>
  <name>geometry/repair</name>
  <message>
   <location filename="geometry/repair/findings.py" />
   <source>Hole, %1 mm across</source>
   <translation>Loch, %1 mm weit</translation>
  </message>
  <message>
   <location filename="geometry/repair/findings.py" />
   <source>Faces turned against their neighbours, %1 mm</source>
   <translation>Flächen gegen ihre Nachbarn gedreht, %1 mm</translation>
  </message>
  <message>
   <location filename="geometry/repair/findings.py" />
   <source>Edges with more than two faces, %1 mm</source>
   <translation>Kanten mit mehr als zwei Flächen, %1 mm</translation>
  </message>
  <message>
   <location filename="geometry/repair/findings.py" />
   <location filename="geometry/repair/health.py" />
   <source>%1 without area</source>
   <translation>%1 ohne Fläche</translation>
  </message>
  <message numerus="yes">
   <location filename="geometry/repair/findings.py" />
   <location filename="geometry/repair/health.py" />
   <source>%n face(s)</source>
   <translation>
    <numerusform>%n Fläche</numerusform>
    <numerusform>%n Flächen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="geometry/repair/findings.py" />
   <source>Loose speck, %1 mm</source>
   <translation>Loser Krümel, %1 mm</translation>
  </message>
  <message>
   <location filename="geometry/repair/findings.py" />
   <source>a void</source>
   <translation>ein Hohlraum</translation>
  </message>
  <message>
   <location filename="geometry/repair/findings.py" />
   <source>swallowed by the body round it</source>
   <translation>vom Körper ringsum verschluckt</translation>
  </message>
  <message>
   <location filename="geometry/repair/findings.py" />
   <source>Shell inside, %1 mm: %2</source>
   <translation>Hülle innen, %1 mm: %2</translation>
  </message>
  <message>
   <location filename="geometry/repair/findings.py" />
   <source>Shell inside out, %1 mm</source>
   <translation>Hülle verkehrt herum, %1 mm</translation>
  </message>
  <message>
   <location filename="geometry/repair/findings.py" />
   <source>Two shells run into each other: counted as one solid</source>
   <translation>Zwei Hüllen laufen ineinander: als ein Körper gezählt</translation>
  </message>
  <message>
   <location filename="geometry/repair/health.py" />
   <source>declared as %1, yet %2 mm long</source>
   <translation>als %1 angegeben, aber %2 mm lang</translation>
  </message>
  <message>
   <location filename="geometry/repair/health.py" />
   <source>%1 mm long</source>
   <translation>%1 mm lang</translation>
  </message>
  <message>
   <location filename="geometry/repair/health.py" />
   <source>%1 units long: %2 mm if they are %3</source>
   <translation>%1 Einheiten lang: %2 mm, wenn sie %3 sind</translation>
  </message>
  <message>
   <location filename="geometry/repair/health.py" />
   <source>only %1 units long</source>
   <translation>nur %1 Einheiten lang</translation>
  </message>
  <message>
   <location filename="geometry/repair/health.py" />
   <source>%1 in the surface</source>
   <translation>%1 in der Oberfläche</translation>
  </message>
  <message>
   <location filename="geometry/repair/health.py" />
   <source>%1 inside out: turned when used</source>
   <translation>%1 verkehrt herum: beim Gebrauch gedreht</translation>
  </message>
  <message numerus="yes">
   <location filename="geometry/repair/health.py" />
   <source>%n shell(s)</source>
   <translation>
    <numerusform>%n Hülle</numerusform>
    <numerusform>%n Hüllen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="geometry/repair/health.py" />
   <source>%1 where neighbouring faces look opposite ways</source>
   <translation>%1, wo benachbarte Flächen entgegengesetzt blicken</translation>
  </message>
  <message numerus="yes">
   <location filename="geometry/repair/health.py" />
   <location filename="geometry/repair/health.py" />
   <source>%n edge(s)</source>
   <translation>
    <numerusform>%n Kante</numerusform>
    <numerusform>%n Kanten</numerusform>
   </translation>
  </message>
  <message>
   <location filename="geometry/repair/health.py" />
   <source>%1 shared by more than two faces</source>
   <translation>%1 von mehr als zwei Flächen geteilt</translation>
  </message>
  <message numerus="yes">
   <location filename="geometry/repair/health.py" />
   <source>%n loose speck(s)</source>
   <translation>
    <numerusform>%n loser Krümel</numerusform>
    <numerusform>%n lose Krümel</numerusform>
   </translation>
  </message>
  <message>
   <location filename="geometry/repair/health.py" />
   <source>Unit in doubt: %1</source>
   <translation>Einheit zweifelhaft: %1</translation>
  </message>
  <message>
   <location filename="geometry/repair/mending.py" />
   <source>turned right way out</source>
   <translation>richtig herum gedreht</translation>
  </message>
  <message>
   <location filename="geometry/repair/mending.py" />
   <source>doubled corner</source>
   <translation>doppelte Ecke</translation>
  </message>
  <message>
   <location filename="geometry/repair/mending.py" />
   <source>without area dropped</source>
   <translation>ohne Fläche, weggelassen</translation>
  </message>
  <message>
   <location filename="geometry/repair/mending.py" />
   <source>doubled face</source>
   <translation>doppelte Fläche</translation>
  </message>
  <message>
   <location filename="geometry/repair/mending.py" />
   <source>turned with its neighbours</source>
   <translation>mit ihren Nachbarn gedreht</translation>
  </message>
  <message>
   <location filename="geometry/repair/mending.py" />
   <source>inner shell</source>
   <translation>innere Hülle</translation>
  </message>
  <message>
   <location filename="geometry/repair/mending.py" />
   <source>removed: what it enclosed is solid now</source>
   <translation>entfernt: was sie umschloss, ist jetzt massiv</translation>
  </message>
 </context>
 <context>
  <name>geometry/solids</name>
  <message>
   <location filename="geometry/solids/columns.py" />
   <source>Pixel and layer must be above zero and the part's size finite.</source>
   <translation>Pixel und Schicht müssen über null liegen und die Größe des Teils endlich sein.</translation>
  </message>
  <message>
   <location filename="geometry/solids/columns.py" />
   <source>%1 x %2 pixels and so many layers are more than can be measured.</source>
   <translation>%1 × %2 Pixel und so viele Schichten sind mehr, als vermessen werden kann.</translation>
  </message>
  <message>
   <location filename="geometry/solids/columns.py" />
   <source>Check the unit.</source>
   <translation>Prüf die Einheit.</translation>
  </message>
  <message>
   <location filename="geometry/solids/united_columns.py" />
   <source>Columns of different pixels or layers have no common grid.</source>
   <translation>Säulen mit verschiedenen Pixeln oder Schichten haben kein gemeinsames Raster.</translation>
  </message>
 </context>
 <context>
  <name>kit</name>
  <message>
   <location filename="kit/assembly.py" />
   <source>it meets no other part: a model in one piece</source>
   <translation>es trifft kein anderes Teil: ein Modell in einem Stück</translation>
  </message>
  <message>
   <location filename="kit/assembly.py" />
   <source>its place in the figure and %1</source>
   <translation>sein Platz in der Figur und %1</translation>
  </message>
  <message>
   <location filename="kit/assembly.py" />
   <source>its place in the figure</source>
   <translation>sein Platz in der Figur</translation>
  </message>
  <message>
   <location filename="kit/assembly.py" />
   <source>name says %1, place says %2</source>
   <translation>der Name sagt %1, der Platz sagt %2</translation>
  </message>
  <message>
   <location filename="kit/assembly.py" />
   <source>its name</source>
   <translation>sein Name</translation>
  </message>
  <message>
   <location filename="kit/assembly.py" />
   <source>the names of its alternatives</source>
   <translation>die Namen seiner Alternativen</translation>
  </message>
  <message>
   <location filename="kit/assembly.py" />
   <source>its name alone</source>
   <translation>sein Name allein</translation>
  </message>
  <message>
   <location filename="kit/assembly.py" />
   <source>same shape as</source>
   <translation>gleiche Form wie</translation>
  </message>
  <message>
   <location filename="kit/assembly.py" />
   <source>supported copy of</source>
   <translation>gestützte Kopie von</translation>
  </message>
  <message>
   <location filename="kit/assembly.py" />
   <source>mirror twin of</source>
   <translation>Spiegelzwilling von</translation>
  </message>
  <message>
   <location filename="kit/assembly.py" />
   <source>%1 another in %2</source>
   <translation>%1 ein anderes in %2</translation>
  </message>
  <message>
   <location filename="kit/base_sizes.py" />
   <source>%1 is %2</source>
   <translation>%1 ist %2</translation>
  </message>
  <message>
   <location filename="kit/base_sizes.py" />
   <source> (on %1)</source>
   <translation> (an %1)</translation>
  </message>
  <message>
   <location filename="kit/base_sizes.py" />
   <source>asks for bases of %1 mm: %2%3</source>
   <translation>verlangt Bases von %1 mm: %2%3</translation>
  </message>
  <message>
   <location filename="kit/completeness.py" />
   <source>Nothing is known to be missing yet: no figure of this unit has a part.</source>
   <translation>Noch ist nichts Fehlendes bekannt: keine Figur dieser Einheit hat ein Teil.</translation>
  </message>
  <message>
   <location filename="kit/completeness.py" />
   <source>Nothing is missing: all %1 parts lie on plates or are printed.</source>
   <translation>Nichts fehlt: alle %1 Teile liegen auf Platten oder sind gedruckt.</translation>
  </message>
  <message>
   <location filename="kit/completeness.py" />
   <location filename="progress/standing.py" />
   <source>no %1</source>
   <translation>kein %1</translation>
  </message>
  <message>
   <location filename="kit/completeness.py" />
   <source> and %1 kinds more</source>
   <translation> und %1 weitere Arten</translation>
  </message>
  <message>
   <location filename="kit/completeness.py" />
   <source>on no plate yet: %1%2</source>
   <translation>noch auf keiner Platte: %1%2</translation>
  </message>
  <message>
   <location filename="kit/joined_parts.py" />
   <source>they are as they came</source>
   <translation>sie sind, wie sie kamen</translation>
  </message>
  <message>
   <location filename="kit/joined_parts.py" />
   <source>they are %1 ×</source>
   <translation>sie sind %1 ×</translation>
  </message>
  <message>
   <location filename="kit/joined_parts.py" />
   <source>%1 × as large as it came, %2</source>
   <translation>%1 × so groß, wie es kam, %2</translation>
  </message>
  <message>
   <location filename="kit/recognise.py" />
   <source>, with a slot of %1 × %2 mm</source>
   <translation>, mit einem Schlitz von %1 × %2 mm</translation>
  </message>
  <message>
   <location filename="kit/recognise.py" />
   <source>A disc</source>
   <translation>Eine Scheibe</translation>
  </message>
  <message>
   <location filename="kit/recognise.py" />
   <source>An oval</source>
   <translation>Ein Oval</translation>
  </message>
  <message>
   <location filename="kit/recognise.py" />
   <source>%1 of %2 mm, %3 mm high, flat below%4</source>
   <translation>%1 von %2 mm, %3 mm hoch, unten flach%4</translation>
  </message>
  <message>
   <location filename="kit/relations.py" />
   <source>, turned</source>
   <translation>, gedreht</translation>
  </message>
  <message>
   <location filename="kit/relations.py" />
   <source>, remeshed</source>
   <translation>, neu vernetzt</translation>
  </message>
  <message numerus="yes">
   <location filename="kit/relations.py" />
   <source>%n pillar(s)</source>
   <translation>
    <numerusform>%n Pfeiler</numerusform>
    <numerusform>%n Pfeiler</numerusform>
   </translation>
  </message>
  <message>
   <location filename="kit/relations.py" />
   <source>Stands on %1; no plain part of it is in the kit</source>
   <translation>Steht auf %1; kein blankes Teil davon ist im Bausatz</translation>
  </message>
  <message>
   <location filename="kit/relations.py" />
   <source>%1; %2 of the plain part is found again</source>
   <translation>%1; %2 des blanken Teils findet sich wieder</translation>
  </message>
  <message>
   <location filename="kit/relations.py" />
   <source>%1 of their space is shared</source>
   <translation>%1 ihres Raums ist gemeinsam</translation>
  </message>
  <message>
   <location filename="kit/relations.py" />
   <source>Fills the place of %1 other parts at once: an assembled copy</source>
   <translation>Füllt den Platz von %1 anderen Teilen zugleich: eine zusammengebaute Kopie</translation>
  </message>
  <message>
   <location filename="kit/relations.py" />
   <source>%1 of the smaller one is shared</source>
   <translation>%1 des kleineren ist gemeinsam</translation>
  </message>
  <message>
   <location filename="kit/relations.py" />
   <source>Touch over %1 mm² at (%2, %3, %4)</source>
   <translation>Berühren sich über %1 mm² bei (%2, %3, %4)</translation>
  </message>
  <message>
   <location filename="kit/scale.py" />
   <source>%1: %2 is no scale.</source>
   <translation>%1: %2 ist kein Maßstab.</translation>
  </message>
  <message>
   <location filename="kit/scale.py" />
   <source>Write it like 1:56, or like 28 mm to the eyes.</source>
   <translation>Schreib ihn wie 1:56, oder wie 28 mm to the eyes.</translation>
  </message>
  <message>
   <location filename="kit/scale.py" />
   <source>%1 is no enlargement.</source>
   <translation>%1 ist keine Vergrößerung.</translation>
  </message>
  <message>
   <location filename="kit/scale.py" />
   <source>Write 110 %, 1.1, or 1:48 to 1:56.</source>
   <translation>Schreib 110 %, 1.1 oder 1:48 to 1:56.</translation>
  </message>
  <message>
   <location filename="kit/scale.py" />
   <source>%1 mm to the eyes, </source>
   <translation>%1 mm bis zu den Augen, </translation>
  </message>
  <message>
   <location filename="kit/scale.py" />
   <source>; of the 28-32 mm family</source>
   <translation>; aus der Familie 28-32 mm</translation>
  </message>
  <message>
   <location filename="kit/scale.py" />
   <source>; 1:%1 of an adult</source>
   <translation>; 1:%1 eines Erwachsenen</translation>
  </message>
  <message>
   <location filename="kit/scale.py" />
   <source>%1%2 mm to the top%3</source>
   <translation>%1%2 mm bis oben%3</translation>
  </message>
  <message>
   <location filename="kit/scale.py" />
   <source>%1 long: millimetres, as a part of a figure should be</source>
   <translation>%1 lang: Millimeter, wie es für ein Teil einer Figur sein sollte</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>inside out</source>
   <translation>verkehrt herum</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>faces turned</source>
   <translation>Flächen gedreht</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>other base</source>
   <translation>andere Base</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>other scale</source>
   <translation>anderer Maßstab</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>%1 is still %2</source>
   <translation>%1 ist noch %2</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source> and %1 parts more</source>
   <translation> und %1 weitere Teile</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>Not all could be mended: %1%2. Look at each under Part, Health: cut the torn end off, take another file, or print it as it is where the tear is small.</source>
   <translation>Nicht alle ließen sich flicken: %1%2. Sieh jedes unter Teil, Gesundheit an: schneid das gerissene Ende ab, nimm eine andere Datei, oder drucke es, wie es ist, wenn der Riss klein ist.</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>its numbers are %1</source>
   <translation>seine Zahlen sind %1</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>× %1 makes it %2 mm</source>
   <translation>× %1 macht es %2 mm</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <location filename="kit/statements.py" />
   <location filename="kit/statements.py" />
   <source>left as it is</source>
   <translation>gelassen, wie es ist</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>set to mm</source>
   <translation>auf mm gesetzt</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>not mended yet</source>
   <translation>noch nicht geflickt</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>put into %1, in doubt</source>
   <translation>in %1 gelegt, zweifelhaft</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>only %1 sure</source>
   <translation>nur zu %1 sicher</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>a guess</source>
   <translation>eine Vermutung</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>worn by %1</source>
   <translation>getragen von %1</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>no figure wears it yet</source>
   <translation>noch trägt es keine Figur</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>%1 mm wide, %2 are asked for</source>
   <translation>%1 mm breit, verlangt sind %2</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>%1; × %2 makes it so, its height with it</source>
   <translation>%1; × %2 macht es so, die Höhe mit</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>scale to %1 mm</source>
   <translation>auf %1 mm skalieren</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>made for %1</source>
   <translation>gemacht für %1</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>scale %1 along</source>
   <translation>%1 mitskalieren</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>a supported copy of %1</source>
   <translation>eine gestützte Kopie von %1</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>stands on supports, its plain part is not here</source>
   <translation>steht auf Stützen, sein blankes Teil ist nicht da</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>kept beside it</source>
   <translation>daneben behalten</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <location filename="kit/statements.py" />
   <source>a part of its own</source>
   <translation>ein eigenes Teil</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>, %1 more</source>
   <translation>, %1 mehr</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>in place of %1%2</source>
   <translation>anstelle von %1%2</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>read as alternatives</source>
   <translation>als Alternativen gelesen</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>not alternatives</source>
   <translation>keine Alternativen</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>the same as %1</source>
   <translation>dasselbe wie %1</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>kept once</source>
   <translation>einmal behalten</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>both kept</source>
   <translation>beide behalten</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>%1, mirrored</source>
   <translation>%1, gespiegelt</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>twin noted</source>
   <translation>Zwilling vermerkt</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>no twin</source>
   <translation>kein Zwilling</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>%1 at %2 times</source>
   <translation>%1 in %2-facher Größe</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>size noted</source>
   <translation>Größe vermerkt</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>%1 other parts assembled</source>
   <translation>%1 andere Teile zusammengebaut</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>runs into %1</source>
   <translation>läuft in %1</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>never built together</source>
   <translation>nie zusammen gebaut</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>may be built together</source>
   <translation>dürfen zusammen gebaut werden</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>a base of %1 mm</source>
   <translation>eine Base von %1 mm</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>put into base</source>
   <translation>in Base gelegt</translation>
  </message>
  <message>
   <location filename="kit/statements.py" />
   <source>no base</source>
   <translation>keine Base</translation>
  </message>
 </context>
 <context>
  <name>money</name>
  <message>
   <location filename="money/ledger.py" />
   <source>Commission</source>
   <translation>Auftragsarbeit</translation>
  </message>
  <message>
   <location filename="money/quotes.py" />
   <source>Primed</source>
   <translation>Grundiert</translation>
  </message>
  <message>
   <location filename="money/quotes.py" />
   <source>Base colours</source>
   <translation>Grundfarben</translation>
  </message>
  <message>
   <location filename="money/quotes.py" />
   <source>%1 has no figures or no scheme yet.</source>
   <translation>%1 hat keine Figuren oder noch kein Farbschema.</translation>
  </message>
  <message>
   <location filename="money/quotes.py" />
   <source>Muster it first.</source>
   <translation>Stell sie zuerst auf.</translation>
  </message>
  <message>
   <location filename="money/quotes.py" />
   <source>built, filled, primed</source>
   <translation>gebaut, gefüllt, grundiert</translation>
  </message>
  <message>
   <location filename="money/quotes.py" />
   <source>%1 strokes a figure%2</source>
   <translation>%1 Aufträge je Figur%2</translation>
  </message>
  <message>
   <location filename="money/quotes.py" />
   <source>, finished and based</source>
   <translation>, vollendet und mit Base</translation>
  </message>
  <message>
   <location filename="money/quotes.py" />
   <location filename="progress/pace/rates.py" />
   <location filename="progress/pace/rates.py" />
   <location filename="progress/unit_done.py" />
   <location filename="progress/work.py" />
   <location filename="progress/work.py" />
   <source>wash and cure</source>
   <translation>waschen und härten</translation>
  </message>
 </context>
 <context>
  <name>numerus</name>
  <message>
   <location filename="errors.py" />
   <source>Cancelled. The last result was kept.</source>
   <translation>Abgebrochen. Das letzte Ergebnis ist erhalten.</translation>
  </message>
  <message>
   <location filename="words.py" />
   <source>one %1</source>
   <translation>ein %1</translation>
  </message>
  <message>
   <location filename="words.py" />
   <source>%1 wait%2</source>
   <translation>%1 warten</translation>
  </message>
  <message>
   <location filename="words.py" />
   <source>½ min</source>
   <translation>½ min</translation>
  </message>
  <message>
   <location filename="words.py" />
   <source>%1 h %2 min</source>
   <translation>%1 h %2 min</translation>
  </message>
 </context>
 <context>
  <name>packing</name>
  <message>
   <location filename="packing/cutting.py" />
   <source>%1, %2 mm deep</source>
   <translation>%1, %2 mm tief</translation>
  </message>
  <message>
   <location filename="packing/packing_list.py" />
   <source>%1: this side up</source>
   <translation>%1: diese Seite oben</translation>
  </message>
  <message numerus="yes">
   <location filename="packing/packing_list.py" />
   <source>%n fragile figure(s)</source>
   <translation>
    <numerusform>%n zerbrechliche Figur</numerusform>
    <numerusform>%n zerbrechliche Figuren</numerusform>
   </translation>
  </message>
  <message>
   <location filename="packing/packing_list.py" />
   <source>this side up</source>
   <translation>diese Seite oben</translation>
  </message>
  <message>
   <location filename="packing/packing_list.py" />
   <source>Tray %1 of %2</source>
   <translation>Lade %1 von %2</translation>
  </message>
  <message>
   <location filename="packing/parcel.py" />
   <source>inner box %1, outer box %2 mm, %3 mm of filling all round; about %4 g (defaults)</source>
   <translation>innere Kiste %1, äußere Kiste %2 mm, ringsum %3 mm Füllung; etwa %4 g (Vorgaben)</translation>
  </message>
  <message>
   <location filename="packing/pockets.py" />
   <location filename="packing/pockets.py" />
   <source>on its back</source>
   <translation>auf dem Rücken</translation>
  </message>
  <message>
   <location filename="packing/pockets.py" />
   <source>on its left side</source>
   <translation>auf der linken Seite</translation>
  </message>
  <message>
   <location filename="packing/pockets.py" />
   <source>on its right side</source>
   <translation>auf der rechten Seite</translation>
  </message>
  <message>
   <location filename="packing/pockets.py" />
   <source>, broke %1</source>
   <translation>, brach %1</translation>
  </message>
  <message>
   <location filename="packing/pockets.py" />
   <source>fragile: %1%2</source>
   <translation>zerbrechlich: %1%2</translation>
  </message>
  <message>
   <location filename="packing/standing.py" />
   <source>no magnet under its base holds %1 N: foam</source>
   <translation>kein Magnet unter seiner Base hält %1 N: Schaumstoff</translation>
  </message>
  <message>
   <location filename="packing/standing.py" />
   <source>one magnet</source>
   <translation>ein Magnet</translation>
  </message>
  <message>
   <location filename="packing/standing.py" />
   <source>%1 magnets</source>
   <translation>%1 Magnete</translation>
  </message>
  <message>
   <location filename="packing/standing.py" />
   <source>%1 %2, %3 N wanted</source>
   <translation>%1 %2, %3 N nötig</translation>
  </message>
  <message>
   <location filename="packing/trays.py" />
   <source>The box leaves no room between its walls.</source>
   <translation>Die Kiste lässt keinen Raum zwischen ihren Wänden.</translation>
  </message>
  <message>
   <location filename="packing/trays.py" />
   <source>Type its inner size in mm.</source>
   <translation>Gib ihr Innenmaß in mm ein.</translation>
  </message>
 </context>
 <context>
  <name>paint</name>
  <message>
   <location filename="paint/covering.py" />
   <source>one coat does</source>
   <translation>eine Lage genügt</translation>
  </message>
  <message>
   <location filename="paint/covering.py" />
   <source>%1 coats do</source>
   <translation>%1 Lagen genügen</translation>
  </message>
  <message>
   <location filename="paint/covering.py" />
   <source>%1 not cover here, and no number of them will.</source>
   <translation>%1 hier nicht, und keine Zahl davon wird es.</translation>
  </message>
  <message>
   <location filename="paint/covering.py" />
   <source>%1 not cover here: %2 would%3.</source>
   <translation>%1 hier nicht: %2 würden es%3.</translation>
  </message>
  <message>
   <location filename="paint/covering.py" />
   <source>saves %1 min a figure</source>
   <translation>spart %1 min je Figur</translation>
  </message>
  <message>
   <location filename="paint/covering.py" />
   <source>is not worth its minutes</source>
   <translation>ist ihre Minuten nicht wert</translation>
  </message>
  <message>
   <location filename="paint/covering.py" />
   <source>; over a pale undercoat %1, which %2</source>
   <translation>; über einer hellen Untermalung %1, die %2</translation>
  </message>
  <message>
   <location filename="paint/drying.py" />
   <source>%1 °C, %2 % (default)</source>
   <translation>%1 °C, %2 % (Vorgabe)</translation>
  </message>
  <message>
   <location filename="paint/drying.py" />
   <source>%1 °C, %2 %: dries %3 × as long</source>
   <translation>%1 °C, %2 %: trocknet %3 × so lang</translation>
  </message>
  <message>
   <location filename="paint/drying.py" />
   <source> So damp, a skin of paint hardly dries: heat the room, or dry its air.</source>
   <translation> So feucht trocknet eine Haut Farbe kaum: heize den Raum oder trockne seine Luft.</translation>
  </message>
  <message>
   <location filename="paint/drying.py" />
   <source>One coat, as the kinds of paint tell it (defaults): %1. The plan of the evenings goes by this.%2</source>
   <translation>Eine Lage, wie die Arten der Farbe es sagen (Vorgaben): %1. Der Plan der Abende geht danach.%2</translation>
  </message>
  <message>
   <location filename="paint/lighter.py" />
   <source>lowest level</source>
   <translation>niedrigste Stufe</translation>
  </message>
  <message>
   <location filename="paint/lighter.py" />
   <source>small zones</source>
   <translation>kleine Zonen</translation>
  </message>
  <message>
   <location filename="paint/lighter.py" />
   <source>one coat</source>
   <translation>eine Lage</translation>
  </message>
  <message>
   <location filename="paint/lighter.py" />
   <source>to %1</source>
   <translation>bis %1</translation>
  </message>
  <message>
   <location filename="paint/lighter.py" />
   <source>with plain small zones</source>
   <translation>mit schlichten kleinen Zonen</translation>
  </message>
  <message>
   <location filename="paint/lighter.py" />
   <source>in one coat</source>
   <translation>in einer Lage</translation>
  </message>
  <message>
   <location filename="paint/lighter.py" />
   <source>One coat</source>
   <translation>Eine Lage</translation>
  </message>
  <message>
   <location filename="paint/lighter.py" />
   <source>%1/one-coat</source>
   <translation>%1/one-coat</translation>
  </message>
  <message>
   <location filename="paint/rows.py" />
   <source>Stroke</source>
   <translation>Auftrag</translation>
  </message>
  <message>
   <location filename="paint/rows.py" />
   <source>Dries min</source>
   <translation>Trocknet, min</translation>
  </message>
  <message>
   <location filename="paint/rows.py" />
   <source>Row %1: the technique is one of %2, the level one of %3.</source>
   <translation>Zeile %1: die Technik ist eine von %2, die Stufe eine von %3.</translation>
  </message>
  <message>
   <location filename="paint/rows.py" />
   <source>Row %1: thinner, minutes, drying and coats are numbers.</source>
   <translation>Zeile %1: Verdünner, Minuten, Trocknen und Lagen sind Zahlen.</translation>
  </message>
  <message>
   <location filename="paint/rows.py" />
   <source>Row %1: a stroke takes some minutes, and nothing is below zero.</source>
   <translation>Zeile %1: ein Auftrag braucht einige Minuten, und nichts liegt unter null.</translation>
  </message>
  <message>
   <location filename="paint/rows.py" />
   <source>Row %1: %2</source>
   <translation>Zeile %1: %2</translation>
  </message>
  <message>
   <location filename="paint/scheme.py" />
   <source>%1 asks for a paint that is not on the rack.</source>
   <translation>%1 verlangt eine Farbe, die nicht im Regal steht.</translation>
  </message>
  <message>
   <location filename="paint/scheme.py" />
   <source>less than 0.1 ml</source>
   <translation>weniger als 0,1 ml</translation>
  </message>
  <message>
   <location filename="paint/scheme.py" />
   <source>, or use %1, ΔE %2</source>
   <translation>, oder nimm %1, ΔE %2</translation>
  </message>
  <message>
   <location filename="paint/scheme.py" />
   <source>%1: %2 needed; nobody wrote down what is left. Weigh or guess the pot.</source>
   <translation>%1: %2 gebraucht; niemand hat aufgeschrieben, was übrig ist. Wieg oder schätz den Topf.</translation>
  </message>
  <message>
   <location filename="paint/scheme.py" />
   <source>%1: %2 needed, %3 ml left: buy %4%5.</source>
   <translation>%1: %2 gebraucht, %3 ml übrig: kauf %4%5.</translation>
  </message>
  <message>
   <location filename="paint/scheme_exchange.py" />
   <source>numerus scheme 1</source>
   <translation>numerus scheme 1</translation>
  </message>
  <message>
   <location filename="paint/scheme_exchange.py" />
   <source>the file</source>
   <translation>die Datei</translation>
  </message>
  <message>
   <location filename="paint/scheme_exchange.py" />
   <source>That is no scheme: %1: %2.</source>
   <translation>Das ist kein Farbschema: %1: %2.</translation>
  </message>
  <message>
   <location filename="paint/scheme_exchange.py" />
   <source>%1, %2: %3 is no technique.</source>
   <translation>%1, %2: %3 ist keine Technik.</translation>
  </message>
  <message>
   <location filename="paint/scheme_exchange.py" />
   <source>%1, %2: %3 is neither in the file nor on the rack.</source>
   <translation>%1, %2: %3 steht weder in der Datei noch im Regal.</translation>
  </message>
  <message>
   <location filename="paint/scheme_exchange.py" />
   <source>%1 is larger than any scheme.</source>
   <translation>%1 ist größer als jedes Farbschema.</translation>
  </message>
  <message>
   <location filename="paint/scheme_exchange.py" />
   <source>%1 cannot be read as a scheme.</source>
   <translation>%1 ist nicht als Farbschema zu lesen.</translation>
  </message>
 </context>
 <context>
  <name>paint/advice</name>
  <message>
   <location filename="paint/advice/colourways.py" />
   <source>The zone has no stroke that can be mixed.</source>
   <translation>Die Zone hat keinen Auftrag, der sich mischen ließe.</translation>
  </message>
  <message>
   <location filename="paint/advice/colourways.py" />
   <location filename="paint/advice/colourways.py" />
   <source>Give it one on the Recipe page.</source>
   <translation>Gib ihr einen auf der Seite Rezept.</translation>
  </message>
  <message>
   <location filename="paint/advice/colourways.py" />
   <source>The zone has no recipe yet.</source>
   <translation>Die Zone hat noch kein Rezept.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>resist fluid</source>
   <translation>Maskierflüssigkeit</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>after the base</source>
   <translation>nach der Grundfarbe</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Paint knocked off the ridges down to metal, with a bright lower rim.</source>
   <translation>Farbe, von den Graten bis aufs Metall abgestoßen, mit hellem unterem Rand.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Chips</source>
   <translation>Abplatzer</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Bright rims</source>
   <translation>Helle Ränder</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Sponge most of it onto paper first; too many look like spots.</source>
   <translation>Tupf das meiste zuerst auf Papier; zu viele sehen wie Punkte aus.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>resist chipping</source>
   <translation>Abplatzer mit Maskierung</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>The undercoat shows through where a resist kept the paint off.</source>
   <translation>Die Untermalung scheint durch, wo eine Maskierung die Farbe fernhielt.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Undercoat</source>
   <translation>Untermalung</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Resist</source>
   <translation>Maskierung</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Rub back</source>
   <translation>Zurückreiben</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Let the undercoat dry through, or seal it. Rub with a wet brush within an hour or two of the base coat; later it holds.</source>
   <translation>Lass die Untermalung durchtrocknen oder versiegle sie. Reib mit nassem Pinsel binnen ein, zwei Stunden nach der Grundfarbe; später hält sie.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Old iron: brown all over, orange where water stands, streaks below.</source>
   <translation>Altes Eisen: überall braun, orange, wo Wasser steht, Streifen darunter.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Brown</source>
   <translation>Braun</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Orange in the folds</source>
   <translation>Orange in den Falten</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Light spots</source>
   <translation>Helle Flecken</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Streaks</source>
   <translation>Streifen</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Before varnish if pigments follow; pigment dust wants a mask.</source>
   <translation>Vor dem Lack, wenn Pigmente folgen; Pigmentstaub verlangt eine Maske.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Copper gone green in its folds.</source>
   <translation>Kupfer, in den Falten grün geworden.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Green in the folds</source>
   <translation>Grün in den Falten</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Dry bloom</source>
   <translation>Trockener Belag</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Thin enough to run into the folds and no further.</source>
   <translation>Dünn genug, um in die Falten zu laufen und nicht weiter.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>What rain drew down the steep sides.</source>
   <translation>Was Regen die steilen Seiten hinabzog.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Dark streaks</source>
   <translation>Dunkle Streifen</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Pale streaks</source>
   <translation>Helle Streifen</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>With oils or enamels: over varnish, wiped back downward with spirit; gloves, air, no flame.</source>
   <translation>Mit Ölen oder Emaille: über Lack, mit Terpentin nach unten zurückgewischt; Handschuhe, Luft, keine Flamme.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Earth thrown up from the ground.</source>
   <translation>Erde, vom Boden hochgeworfen.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Wet earth</source>
   <translation>Nasse Erde</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Dry earth</source>
   <translation>Trockene Erde</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>After matt varnish; pigments want a mask and a fixer.</source>
   <translation>Nach dem Mattlack; Pigmente verlangen Maske und Fixierer.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Pale dust where the foot drags.</source>
   <translation>Heller Staub, wo der Fuß schleift.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Dust</source>
   <translation>Staub</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Last of all; varnish over it makes it vanish.</source>
   <translation>Ganz zuletzt; Lack darüber lässt ihn verschwinden.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Snow where it would lie.</source>
   <translation>Schnee, wo er läge.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Frost</source>
   <translation>Reif</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Snow</source>
   <translation>Schnee</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Snow paste after varnish; it yellows without.</source>
   <translation>Schneepaste nach dem Lack; ohne ihn vergilbt sie.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Light from a point: wide and deep, then narrow and pale, on what faces it.</source>
   <translation>Licht von einem Punkt: breit und tief, dann schmal und hell, auf dem, was ihm zugewandt ist.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <location filename="paint/advice/effects.py" />
   <source>Wide glow</source>
   <translation>Weites Leuchten</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <location filename="paint/advice/effects.py" />
   <source>Glow</source>
   <translation>Leuchten</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <location filename="paint/advice/effects.py" />
   <source>Heart of it</source>
   <translation>Sein Kern</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Nothing that glows is lighter than its light: keep the source the palest. An airbrush wants extraction.</source>
   <translation>Nichts, was leuchtet, ist heller als sein Licht: halte die Quelle am hellsten. Eine Spritzpistole verlangt Absaugung.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>cold glow</source>
   <translation>kaltes Leuchten</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>The same, of a blue light.</source>
   <translation>Dasselbe, von blauem Licht.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Nothing that glows is lighter than its light: keep the source the palest.</source>
   <translation>Nichts, was leuchtet, ist heller als sein Licht: halte die Quelle am hellsten.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Stripes across, as wide as their gaps.</source>
   <translation>Querstreifen, so breit wie ihre Lücken.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Stripes</source>
   <translation>Streifen</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Mark the ends lightly first; mask only when the base is dry.</source>
   <translation>Markiere zuerst leicht die Enden; klebe erst ab, wenn die Grundfarbe trocken ist.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Blotches of two tones over the base.</source>
   <translation>Flecken in zwei Tönen über der Grundfarbe.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Dark blotches</source>
   <translation>Dunkle Flecken</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Pale blotches</source>
   <translation>Helle Flecken</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Putty masks lift paint that is not through-dry.</source>
   <translation>Masken aus Knetmasse heben Farbe ab, die nicht durchgetrocknet ist.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>fur by dry-brush</source>
   <translation>Fell durch Trockenbürsten</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Dark between, brushed across the hair, palest at the tips.</source>
   <translation>Dunkel dazwischen, quer zum Haar gebürstet, an den Spitzen am hellsten.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Dark between</source>
   <translation>Dunkel dazwischen</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Across the hair</source>
   <translation>Quer zum Haar</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Quick and sure on deep fur; chalky on shallow.</source>
   <translation>Schnell und sicher auf tiefem Fell; kreidig auf flachem.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>fur by painted light</source>
   <translation>Fell durch gemaltes Licht</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Light laid where it falls, hair by hair only on its edge.</source>
   <translation>Licht, wohin es fällt, Haar für Haar nur an seinem Rand.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Shade under</source>
   <translation>Schatten darunter</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Light above</source>
   <translation>Licht darüber</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Hairs</source>
   <translation>Haare</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Slow; smooth on shallow fur, where the dry brush is chalky.</source>
   <translation>Langsam; glatt auf flachem Fell, wo der trockene Pinsel kreidig ist.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Each vane edged, its root shaded.</source>
   <translation>Jede Fahne mit Kante, die Wurzel abgetönt.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Roots</source>
   <translation>Wurzeln</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Vanes</source>
   <translation>Fahnen</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <location filename="paint/advice/value_help.py" />
   <location filename="paint/figure/schools.py" />
   <location filename="paint/figure/schools.py" />
   <source>Edges</source>
   <translation>Kanten</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>With the run of the feather, never across.</source>
   <translation>Mit dem Lauf der Feder, nie quer.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>tinted metal</source>
   <translation>getöntes Metall</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>A clear colour over metal: it stays metal.</source>
   <translation>Eine klare Farbe über Metall: es bleibt Metall.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Tint</source>
   <translation>Tönung</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Heat, bluish</source>
   <translation>Hitze, bläulich</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Over varnished metal; opaque paint would kill the shine.</source>
   <translation>Über lackiertem Metall; deckende Farbe nähme den Glanz.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Molten wax that ran and set.</source>
   <translation>Geschmolzenes Wachs, das lief und erstarrte.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Warm depth</source>
   <translation>Warme Tiefe</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Pale rim</source>
   <translation>Heller Rand</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Gloss varnish at the very end, on it alone.</source>
   <translation>Glanzlack ganz am Ende, nur darauf.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>A dark line wherever one thing ends on another, and in its own creases.</source>
   <translation>Eine dunkle Linie, wo eines auf dem anderen endet, und in den eigenen Falten.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Lining</source>
   <translation>Linien</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Pin wash in the creases</source>
   <translation>Gezielte Lasur in den Falten</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>A pin wash with oils: over gloss varnish, spirit, air, no flame.</source>
   <translation>Eine gezielte Lasur mit Ölen: über Glanzlack, Terpentin, Luft, keine Flamme.</translation>
  </message>
  <message>
   <location filename="paint/advice/effects.py" />
   <source>Resist fluid, to buy</source>
   <translation>Maskierflüssigkeit, zu kaufen</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>a wash pooled</source>
   <translation>eine Lasur stand in Pfützen</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>lights overdone</source>
   <translation>Lichter übertrieben</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>it looks flat</source>
   <translation>es wirkt flach</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>the colour is wrong</source>
   <translation>die Farbe ist falsch</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>its mix is forgotten</source>
   <translation>ihre Mischung ist vergessen</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>What colour is it now?</source>
   <translation>Welche Farbe hat es jetzt?</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <location filename="paint/advice/starters.py" />
   <source>Type it, or read it from a picture.</source>
   <translation>Gib sie ein oder lies sie aus einem Bild.</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>This recipe has no %1 that could have gone wrong.</source>
   <translation>Dieses Rezept hat kein %1, das schiefgegangen sein könnte.</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>Say what it looks like instead.</source>
   <translation>Sag stattdessen, wie es aussieht.</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <location filename="paint/advice/rescue.py" />
   <source>only you know</source>
   <translation>nur du weißt es</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>Glaze it together</source>
   <translation>Mit einer Lasur zusammenziehen</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>Glaze</source>
   <translation>Lasur</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>tints all of it</source>
   <translation>tönt alles davon</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>Dust back the mid-tone</source>
   <translation>Den Mittelton zurückbürsten</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>Mid-tone</source>
   <translation>Mittelton</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>chalky if the brush is wet</source>
   <translation>kreidig, wenn der Pinsel nass ist</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>Shade it again</source>
   <translation>Noch einmal abtönen</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <location filename="paint/figure/schools.py" />
   <location filename="paint/figure/schools.py" />
   <location filename="paint/figure/schools.py" />
   <location filename="starter/schemes.py" />
   <source>Shade</source>
   <translation>Schatten</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>may pool again on flats</source>
   <translation>kann auf Flächen wieder Pfützen bilden</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>Layer over the flats</source>
   <translation>Die Flächen überschichten</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>Flats</source>
   <translation>Flächen</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>brush marks</source>
   <translation>Pinselspuren</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>Paint the zone anew</source>
   <translation>Die Zone neu malen</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>films grow, detail fills</source>
   <translation>Filme wachsen, Einzelheiten laufen zu</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>Mix %1</source>
   <translation>%1 mischen</translation>
  </message>
  <message>
   <location filename="paint/advice/rescue.py" />
   <source>as near as the rack comes</source>
   <translation>so nah, wie das Regal kommt</translation>
  </message>
  <message>
   <location filename="paint/advice/starters.py" />
   <source>pale grey over dark grey</source>
   <translation>hellgrau über dunkelgrau</translation>
  </message>
  <message>
   <location filename="paint/advice/starters.py" />
   <source>by its name</source>
   <translation>nach ihrem Namen</translation>
  </message>
  <message>
   <location filename="paint/advice/starters.py" />
   <source>by its share of the figure</source>
   <translation>nach ihrem Anteil an der Figur</translation>
  </message>
  <message>
   <location filename="paint/advice/starters.py" />
   <source>as ground, lowest</source>
   <translation>als Grund, am niedrigsten</translation>
  </message>
  <message>
   <location filename="paint/advice/starters.py" />
   <source>as you said</source>
   <translation>wie du gesagt hast</translation>
  </message>
  <message>
   <location filename="paint/advice/starters.py" />
   <source>Choose at least one colour.</source>
   <translation>Wähle wenigstens eine Farbe.</translation>
  </message>
  <message>
   <location filename="paint/advice/starters.py" />
   <source>%1, to buy</source>
   <translation>%1, zu kaufen</translation>
  </message>
  <message>
   <location filename="paint/advice/starters.py" />
   <source>%1 scheme</source>
   <translation>Farbschema %1</translation>
  </message>
  <message>
   <location filename="paint/advice/starters.py" />
   <source>on %1</source>
   <translation>an %1</translation>
  </message>
  <message>
   <location filename="paint/advice/value_help.py" />
   <source>%1 melts into %2, %3 L* apart</source>
   <translation>%1 verschwimmt mit %2, %3 L* auseinander</translation>
  </message>
  <message>
   <location filename="paint/advice/value_help.py" />
   <source>%1 %2, to %3 L*</source>
   <translation>%1 %2, auf %3 L*</translation>
  </message>
  <message>
   <location filename="paint/advice/value_help.py" />
   <source>%1 is flat across the table, %2 to %3 L*</source>
   <translation>%1 ist über den Tisch flach, %2 bis %3 L*</translation>
  </message>
  <message>
   <location filename="paint/advice/value_help.py" />
   <source>edges on %1, a light lighter</source>
   <translation>Kanten an %1, ein Licht heller</translation>
  </message>
  <message>
   <location filename="paint/advice/value_help.py" />
   <source>%1 shouts inside itself, %2 to %3 L*</source>
   <translation>%1 schreit in sich, %2 bis %3 L*</translation>
  </message>
  <message>
   <location filename="paint/advice/value_help.py" />
   <location filename="paint/advice/value_help.py" />
   <source>%1 without %2</source>
   <translation>%1 ohne %2</translation>
  </message>
  <message>
   <location filename="paint/advice/value_help.py" />
   <source>Eyes go to %1 (%2) before %3</source>
   <translation>Augen gehen zu %1 (%2) vor %3</translation>
  </message>
  <message>
   <location filename="paint/advice/value_help.py" />
   <source>%1 of the contrast lies on layer lines, %2 shows them most</source>
   <translation>%1 des Kontrasts liegt auf Schichtlinien, %2 zeigt sie am meisten</translation>
  </message>
  <message>
   <location filename="paint/advice/value_help.py" />
   <source>%1 of %2 half as strong, or filled and sanded first</source>
   <translation>%1 von %2 halb so stark, oder zuerst gefüllt und geschliffen</translation>
  </message>
  <message>
   <location filename="paint/advice/value_help.py" />
   <source>The back is as loud as the front (%1 of its contrast), %2 most</source>
   <translation>Der Rücken ist so laut wie die Front (%1 ihres Kontrasts), %2 am meisten</translation>
  </message>
  <message>
   <location filename="paint/advice/value_help.py" />
   <source>%1 of %2 on the front half only, %3 min less a figure</source>
   <translation>%1 von %2 nur auf der vorderen Hälfte, %3 min weniger je Figur</translation>
  </message>
  <message>
   <location filename="paint/advice/zone_order.py" />
   <source>sprayed: before all it could hit</source>
   <translation>gesprüht: vor allem, was es treffen könnte</translation>
  </message>
  <message>
   <location filename="paint/advice/zone_order.py" />
   <source>messy: before its neighbours</source>
   <translation>schmutzig: vor seinen Nachbarn</translation>
  </message>
  <message>
   <location filename="paint/advice/zone_order.py" />
   <source>lies %1, %2 free</source>
   <translation>liegt %1, %2 frei</translation>
  </message>
 </context>
 <context>
  <name>paint/figure</name>
  <message>
   <location filename="paint/figure/built.py" />
   <source>painting %1 %2</source>
   <translation>%1 %2 wird bemalt</translation>
  </message>
  <message>
   <location filename="paint/figure/by_hand.py" />
   <source>Nothing drawn yet.</source>
   <translation>Noch nichts gezeichnet.</translation>
  </message>
  <message>
   <location filename="paint/figure/by_hand.py" />
   <source>%1, %2 mm, %3 mm² of this zone (%4)</source>
   <translation>%1, %2 mm, %3 mm² dieser Zone (%4)</translation>
  </message>
  <message numerus="yes">
   <location filename="paint/figure/by_hand.py" />
   <source>%n line(s)</source>
   <translation>
    <numerusform>%n Linie</numerusform>
    <numerusform>%n Linien</numerusform>
   </translation>
  </message>
  <message>
   <location filename="paint/figure/lost_light.py" />
   <source>the rest</source>
   <translation>der Rest</translation>
  </message>
  <message>
   <location filename="paint/figure/lost_light.py" />
   <source>%1 cm² of %2 (%3)</source>
   <translation>%1 cm² von %2 (%3)</translation>
  </message>
  <message>
   <location filename="paint/figure/lost_light.py" />
   <source>Sprayed apart, %1 is lit that is in shade as built. Tack together for the light and take apart again.</source>
   <translation>Einzeln gesprüht ist %1 beleuchtet, was gebaut im Schatten liegt. Hefte es fürs Licht zusammen und nimm es wieder auseinander.</translation>
  </message>
  <message>
   <location filename="paint/figure/overspray.py" />
   <source>%1 %2 cm²</source>
   <translation>%1 %2 cm²</translation>
  </message>
  <message>
   <location filename="paint/figure/overspray.py" />
   <source>Overspray on %1: spray it before them, or mask (tape %2 min, lifts what is not dry; putty %3 min), or touch up, %4 min a figure (defaults).</source>
   <translation>Sprühnebel auf %1: sprüh es vor ihnen, oder klebe ab (Band %2 min, hebt ab, was nicht trocken ist; Knetmasse %3 min), oder bessere nach, %4 min je Figur (Vorgaben).</translation>
  </message>
  <message>
   <location filename="paint/figure/reading.py" />
   <source>more work than is seen</source>
   <translation>mehr Arbeit, als gesehen wird</translation>
  </message>
  <message>
   <location filename="paint/figure/reading.py" />
   <source>seen more than worked on</source>
   <translation>mehr gesehen als bearbeitet</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>One thin coat</source>
   <translation>Eine dünne Lage</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>over grey from above</source>
   <translation>über Grau von oben</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>pools; no second try</source>
   <translation>Pfützen; kein zweiter Versuch</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>Dry-brushed up</source>
   <translation>Trocken hochgebürstet</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <location filename="paint/figure/schools.py" />
   <source>from black</source>
   <translation>von Schwarz</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>chalky; hard to repeat</source>
   <translation>kreidig; schwer zu wiederholen</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>Base, wash, layer, edge</source>
   <translation>Grund, Lasur, Schicht, Kante</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>over grey</source>
   <translation>über Grau</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>longest; brush marks</source>
   <translation>am längsten; Pinselspuren</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>Airbrushed fades</source>
   <translation>Verläufe mit der Spritzpistole</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>three colours loaded; masks</source>
   <translation>drei geladene Farben; Masken</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <location filename="printing/orientation/pose_measures.py" />
   <source>%1 min %2</source>
   <translation>%1 min %2</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>; lines show %1 %2</source>
   <translation>; Linien zu sehen %1 %2</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>%1 against %2: %3, %4%5.</source>
   <translation>%1 gegen %2: %3, %4%5.</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>%1 of it is flat: washes and thin coats pool there.</source>
   <translation>%1 davon ist flach: Lasuren und dünne Lagen bilden dort Pfützen.</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>Only %1 of it is flat: a busy surface forgives.</source>
   <translation>Nur %1 davon ist flach: eine bewegte Oberfläche verzeiht.</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>as it was printed</source>
   <translation>wie es gedruckt wurde</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>if it is printed upright</source>
   <translation>wenn es aufrecht gedruckt wird</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>filler primer and sanding, a thicker base</source>
   <translation>Füllgrundierung und Schleifen, eine dickere Grundfarbe</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>filler primer twice, sanding between</source>
   <translation>zweimal Füllgrundierung, dazwischen schleifen</translation>
  </message>
  <message>
   <location filename="paint/figure/schools.py" />
   <source>Stairs up to %1 µm %2 in layers of %3 mm: %4, or another pose next time.</source>
   <translation>Stufen bis %1 µm %2 in Schichten von %3 mm: %4, oder nächstes Mal eine andere Lage.</translation>
  </message>
  <message>
   <location filename="paint/figure/touching.py" />
   <source>touching %1 %2</source>
   <translation>Berührung %1 %2</translation>
  </message>
 </context>
 <context>
  <name>paint/finishing</name>
  <message>
   <location filename="paint/finishing/basing.py" />
   <location filename="paint/finishing/basing.py" />
   <source>mm thick</source>
   <translation>mm dick</translation>
  </message>
  <message>
   <location filename="paint/finishing/basing.py" />
   <source>a figure</source>
   <translation>eine Figur</translation>
  </message>
  <message>
   <location filename="paint/finishing/basing.py" />
   <source>Share of the free top</source>
   <translation>Anteil der freien Oberseite</translation>
  </message>
  <message>
   <location filename="paint/finishing/basing.py" />
   <source>Decal</source>
   <translation>Abziehbild</translation>
  </message>
  <message>
   <location filename="paint/finishing/basing.py" />
   <source>On each figure</source>
   <translation>Auf jeder Figur</translation>
  </message>
  <message>
   <location filename="paint/finishing/basing.py" />
   <source>Row %1: %2 is no kind of layer.</source>
   <translation>Zeile %1: %2 ist keine Art Schicht.</translation>
  </message>
  <message>
   <location filename="paint/finishing/basing.py" />
   <location filename="paint/finishing/finish_steps.py" />
   <source>Kinds are %1.</source>
   <translation>Arten sind %1.</translation>
  </message>
  <message>
   <location filename="paint/finishing/basing.py" />
   <source>Row %1: a decal has a name, a size and a number.</source>
   <translation>Zeile %1: ein Abziehbild hat einen Namen, eine Größe und eine Anzahl.</translation>
  </message>
  <message>
   <location filename="paint/finishing/basing.py" />
   <location filename="progress/choosing.py" />
   <source>Fill them in.</source>
   <translation>Füll sie aus.</translation>
  </message>
  <message>
   <location filename="paint/finishing/basing.py" />
   <source>width="%1mm" height="%2mm" viewBox="0 0 %3 %4"</source>
   <translation>width="%1mm" height="%2mm" viewBox="0 0 %3 %4"</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <source>in daylight</source>
   <translation>bei Tageslicht</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <location filename="paint/finishing/finish_steps.py" />
   <location filename="paint/finishing/finish_steps.py" />
   <source>gloss varnish</source>
   <translation>Glanzlack</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <location filename="paint/finishing/finish_steps.py" />
   <source>enamel or oil</source>
   <translation>Emaille oder Öl</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <source>mud paste</source>
   <translation>Schlammpaste</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <source>colour check</source>
   <translation>Farbprüfung</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <source>%1: its spirit lifts bare acrylic; varnish first, and overnight.</source>
   <translation>%1: sein Terpentin löst bloßes Acryl; zuerst Lack, und über Nacht.</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <source>%1: its solvent eats foam; put the foam on later, or seal it.</source>
   <translation>%1: sein Lösemittel frisst Schaum; setz den Schaum später darauf oder versiegle ihn.</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <source>%1 wants %2 h before %3, or that frosts and cracks.</source>
   <translation>%1 will %2 h vor %3, sonst reift oder reißt es.</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <source>%1: on a matt ground air stays under the film and shines; gloss varnish first.</source>
   <translation>%1: auf mattem Grund bleibt Luft unter dem Film und glänzt; zuerst Glanzlack.</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <source>%1 are rubbed off in use: a varnish over them.</source>
   <translation>%1 reiben sich im Gebrauch ab: Lack darüber.</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <source>wets and darkens them, and blows them off</source>
   <translation>nässt und dunkelt sie und bläst sie fort</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <source>dulls and glues them</source>
   <translation>macht sie stumpf und klebt sie fest</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <source>%1 before %2: varnish %3; last.</source>
   <translation>%1 vor %2: Lack %3; zuletzt.</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <source>Row %1 has no name.</source>
   <translation>Zeile %1 hat keinen Namen.</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <source>Name the step, or remove the row.</source>
   <translation>Benenne den Schritt oder entferne die Zeile.</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <location filename="paint/finishing/finish_steps.py" />
   <source>minutes, such as 20</source>
   <translation>Minuten, etwa 20</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <source>Two steps have the same name.</source>
   <translation>Zwei Schritte haben denselben Namen.</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <source>Rename one: they are told apart by it.</source>
   <translation>Benenne einen um: daran werden sie unterschieden.</translation>
  </message>
  <message>
   <location filename="paint/finishing/finish_steps.py" />
   <source>Row %1: %2 is no kind of step.</source>
   <translation>Zeile %1: %2 ist keine Art Schritt.</translation>
  </message>
 </context>
 <context>
  <name>paint/priming</name>
  <message>
   <location filename="paint/priming/base_coats.py" />
   <source>small airbrush</source>
   <translation>kleine Spritzpistole</translation>
  </message>
  <message>
   <location filename="paint/priming/base_coats.py" />
   <source>wide nozzle</source>
   <translation>breite Düse</translation>
  </message>
  <message>
   <location filename="paint/priming/base_coats.py" />
   <source>coloured can</source>
   <translation>farbige Dose</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Spray can outdoors: quickest for many; needs the weather.</source>
   <translation>Sprühdose im Freien: für viele am schnellsten; braucht das Wetter.</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Airbrush with extraction: any weather; 10 min of setting up and cleaning.</source>
   <translation>Spritzpistole mit Absaugung: jedes Wetter; 10 min Aufbauen und Reinigen.</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Brush-on: no fumes, nothing to set up; slowest and shows strokes.</source>
   <translation>Aufpinseln: keine Dämpfe, nichts aufzubauen; am langsamsten, zeigt Striche.</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source> of %1</source>
   <translation> (%1)</translation>
  </message>
  <message numerus="yes">
   <location filename="paint/priming/primer.py" />
   <source>%n can(s)</source>
   <translation>
    <numerusform>%n Dose</numerusform>
    <numerusform>%n Dosen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>%1 %2 min, %3 ml%4</source>
   <translation>%1 %2 min, %3 ml%4</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>On sticks of their own: %1</source>
   <translation>Auf eigenen Stäben: %1</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Soap and water first if fingers touched it</source>
   <translation>Zuerst Seife und Wasser, wenn Finger daran waren</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Putty on the joints: %1</source>
   <translation>Knetmasse auf die Verbindungen: %1</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Take apart again</source>
   <translation>Wieder auseinandernehmen</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Onto their sticks, putty off the joints</source>
   <translation>Auf ihre Stäbe, Knetmasse von den Verbindungen</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Clean, dry, on holders</source>
   <translation>Sauber, trocken, auf Haltern</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>First thin coat, from below and round</source>
   <translation>Erste dünne Lage, von unten und ringsum</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Between coats</source>
   <translation>Zwischen den Lagen</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>15 to 30 minutes; two thin coats beat one</source>
   <translation>15 bis 30 Minuten; zwei dünne Lagen schlagen eine</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Second coat, from above</source>
   <translation>Zweite Lage, von oben</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Dry</source>
   <translation>Trocknen</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Before any paint</source>
   <translation>Vor jeder Farbe</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Filler, %1 of %2</source>
   <translation>Füller, %1 von %2</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Filler</source>
   <translation>Füller</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Sprayed over the stairs of layers; detail fills, too</source>
   <translation>Über die Stufen der Schichten gesprüht; Einzelheiten laufen mit zu</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Filler dries</source>
   <translation>Füller trocknet</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Soft filler clogs the paper</source>
   <translation>Weicher Füller setzt das Papier zu</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>Sand it, wet</source>
   <translation>Nass schleifen</translation>
  </message>
  <message>
   <location filename="paint/priming/primer.py" />
   <source>400 then 800 along the stairs, keep off edges; a mask</source>
   <translation>400, dann 800 entlang der Stufen, weg von Kanten; eine Maske</translation>
  </message>
  <message>
   <location filename="paint/priming/weather.py" />
   <source>too cold, %1 °C</source>
   <translation>zu kalt, %1 °C</translation>
  </message>
  <message>
   <location filename="paint/priming/weather.py" />
   <source>too hot, %1 °C</source>
   <translation>zu heiß, %1 °C</translation>
  </message>
  <message>
   <location filename="paint/priming/weather.py" />
   <source>too damp, %1 %</source>
   <translation>zu feucht, %1 %</translation>
  </message>
  <message>
   <location filename="paint/priming/weather.py" />
   <source>too near the dew point, %1 °C</source>
   <translation>zu nah am Taupunkt, %1 °C</translation>
  </message>
  <message>
   <location filename="paint/priming/weather.py" />
   <source>too windy, %1 m/s</source>
   <translation>zu windig, %1 m/s</translation>
  </message>
  <message>
   <location filename="paint/priming/weather_file.py" />
   <source>There is no hour in it.</source>
   <translation>Keine Stunde steht darin.</translation>
  </message>
  <message>
   <location filename="paint/priming/weather_file.py" />
   <source>Give rows of %1, as CSV or JSON.</source>
   <translation>Gib Zeilen von %1, als CSV oder JSON.</translation>
  </message>
  <message>
   <location filename="paint/priming/weather_file.py" />
   <source>It is no JSON: %1.</source>
   <translation>Das ist kein JSON: %1.</translation>
  </message>
  <message>
   <location filename="paint/priming/weather_file.py" />
   <source>It has no list of hours.</source>
   <translation>Es hat keine Liste von Stunden.</translation>
  </message>
  <message>
   <location filename="paint/priming/weather_file.py" />
   <source>Hour %1 cannot be read: %2.</source>
   <translation>Stunde %1 ist nicht zu lesen: %2.</translation>
  </message>
  <message>
   <location filename="paint/priming/weather_file.py" />
   <source>Hour %1: %2 is %3, which no air has.</source>
   <translation>Stunde %1: %2 ist %3, was keine Luft hat.</translation>
  </message>
 </context>
 <context>
  <name>paint/rack</name>
  <message>
   <location filename="paint/rack/batches.py" />
   <source>So thin it runs into the folds: that is a wash.</source>
   <translation>So dünn läuft sie in die Falten: das ist eine Lasur.</translation>
  </message>
  <message>
   <location filename="paint/rack/batches.py" />
   <source>So thin for the airbrush it spatters and runs in spiders: lower the pressure, or thin less.</source>
   <translation>So dünn spritzt sie in der Pistole und läuft in Spinnen: senk den Druck oder verdünne weniger.</translation>
  </message>
  <message>
   <location filename="paint/rack/batches.py" />
   <source>Too thick for the airbrush: it spatters and dries on the needle.</source>
   <translation>Zu dick für die Spritzpistole: sie spritzt und trocknet auf der Nadel.</translation>
  </message>
  <message>
   <location filename="paint/rack/batches.py" />
   <source>Nothing was added to the cup.</source>
   <translation>Nichts kam in den Becher dazu.</translation>
  </message>
  <message>
   <location filename="paint/rack/batches.py" />
   <source>Say what was dropped in, and how much was left.</source>
   <translation>Sag, was dazugetropft wurde und wie viel übrig war.</translation>
  </message>
  <message>
   <location filename="paint/rack/batches.py" />
   <source>will show</source>
   <translation>wird zu sehen sein</translation>
  </message>
  <message>
   <location filename="paint/rack/batches.py" />
   <source>too near to call</source>
   <translation>zu nah, um es zu sagen</translation>
  </message>
  <message>
   <location filename="paint/rack/batches.py" />
   <source>%1 ± %2 times as strong as its kind</source>
   <translation>%1 ± %2-mal so stark wie seine Art</translation>
  </message>
  <message>
   <location filename="paint/rack/exchange.py" />
   <source>%1: %2 is there twice.</source>
   <translation>%1: %2 ist zweimal da.</translation>
  </message>
  <message>
   <location filename="paint/rack/exchange.py" />
   <location filename="paint/rack/exchange.py" />
   <location filename="paint/scheme_exchange.py" />
   <location filename="paint/scheme_exchange.py" />
   <location filename="paint/scheme_exchange.py" />
   <location filename="paint/scheme_exchange.py" />
   <location filename="printing/machines/profile_files.py" />
   <location filename="printing/machines/profile_files.py" />
   <source>Nothing was taken over.</source>
   <translation>Nichts wurde übernommen.</translation>
  </message>
  <message>
   <location filename="paint/rack/exchange.py" />
   <source>%1: %2 is no kind of paint.</source>
   <translation>%1: %2 ist keine Art Farbe.</translation>
  </message>
  <message>
   <location filename="paint/rack/exchange.py" />
   <location filename="paint/rack/pot_fields.py" />
   <location filename="paint/scheme_exchange.py" />
   <source>It is one of %1.</source>
   <translation>Es gibt %1.</translation>
  </message>
  <message>
   <location filename="paint/rack/families.py" />
   <location filename="paint/rack/families.py" />
   <source>whites and bones</source>
   <translation>Weiß und Knochen</translation>
  </message>
  <message>
   <location filename="paint/rack/families.py" />
   <location filename="paint/rack/families.py" />
   <source>skins and browns</source>
   <translation>Haut und Braun</translation>
  </message>
  <message>
   <location filename="paint/rack/families.py" />
   <location filename="paint/rack/families.py" />
   <source>greys and blacks</source>
   <translation>Grau und Schwarz</translation>
  </message>
  <message>
   <location filename="paint/rack/families.py" />
   <location filename="paint/rack/families.py" />
   <location filename="paint/rack/families.py" />
   <location filename="paint/rack/families.py" />
   <location filename="paint/rack/families.py" />
   <source>washes and inks</source>
   <translation>Lasuren und Tuschen</translation>
  </message>
  <message>
   <location filename="paint/rack/families.py" />
   <location filename="paint/rack/families.py" />
   <location filename="paint/rack/families.py" />
   <location filename="paint/rack/families.py" />
   <source>grounds and powders</source>
   <translation>Gründe und Pulver</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>any dry primer or acrylic</source>
   <translation>jede trockene Grundierung oder Acryl</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>Outdoors or with extraction; no flame; rags with spirit dry flat outdoors. Follow the maker's data sheet.</source>
   <translation>Im Freien oder mit Absaugung; keine Flamme; Lappen mit Terpentin trocknen flach im Freien. Halte dich an das Datenblatt des Herstellers.</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>Its flakes settle: shake well, and clean the brush and the water after it.</source>
   <translation>Seine Flocken setzen sich: gut schütteln, danach Pinsel und Wasser reinigen.</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>Powder: a mask, no draught, and nothing wet over it but fixer.</source>
   <translation>Pulver: eine Maske, kein Luftzug, und nichts Nasses darüber außer Fixierer.</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>Its solvent lifts acrylic: lacquer first, acrylic over it. A mask for organic vapour and extraction; no flame. Follow the maker's data sheet.</source>
   <translation>Sein Lösemittel löst Acryl: zuerst Lack, Acryl darüber. Maske gegen organische Dämpfe und Absaugung; keine Flamme. Halte dich an das Datenblatt des Herstellers.</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>Wakes up when wetted: varnish it before anything wet goes over it.</source>
   <translation>Wird nass wieder wach: lackiere es, bevor Nasses darüber geht.</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>Its glow is not foretold: colours shown are without it.</source>
   <translation>Sein Leuchten wird nicht vorhergesagt: gezeigte Farben sind ohne es.</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>Sinks into wood: what is shown holds on a sealed ground.</source>
   <translation>Sinkt in Holz ein: was gezeigt wird, gilt auf versiegeltem Grund.</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>Rub back with a wet brush within an hour or two of the paint over it: later it holds.</source>
   <translation>Reib mit nassem Pinsel binnen ein, zwei Stunden nach der Farbe darüber: später hält sie.</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>a dry base coat</source>
   <translation>eine trockene Grundfarbe</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>water, then airbrush cleaner</source>
   <translation>Wasser, dann Airbrush-Reiniger</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <location filename="paint/rack/kinds.py" />
   <location filename="paint/rack/kinds.py" />
   <source>its own medium</source>
   <translation>sein eigenes Medium</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>a pale or two-tone primer</source>
   <translation>eine helle oder zweifarbige Grundierung</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>its own thinner</source>
   <translation>sein eigener Verdünner</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>clean, cured resin</source>
   <translation>sauberes, gehärtetes Harz</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>paint that is dry through</source>
   <translation>durchgetrocknete Farbe</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <location filename="paint/rack/kinds.py" />
   <location filename="paint/rack/kinds.py" />
   <location filename="paint/rack/kinds.py" />
   <source>mineral spirit</source>
   <translation>Terpentinersatz</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <location filename="paint/rack/kinds.py" />
   <source>acrylic under a varnish</source>
   <translation>Acryl unter einem Lack</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>a dry brush</source>
   <translation>ein trockener Pinsel</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>matt varnish</source>
   <translation>Mattlack</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>a primed base</source>
   <translation>eine grundierte Base</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <location filename="paint/rack/kinds.py" />
   <source>lacquer thinner</source>
   <translation>Lackverdünner</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>resin or lacquer, never acrylic</source>
   <translation>Harz oder Lack, nie Acryl</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>warm water</source>
   <translation>warmes Wasser</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>a dry, varnished undercoat</source>
   <translation>eine trockene, lackierte Untermalung</translation>
  </message>
  <message>
   <location filename="paint/rack/kinds.py" />
   <source>pale wood or a dry base coat</source>
   <translation>helles Holz oder eine trockene Grundfarbe</translation>
  </message>
  <message>
   <location filename="paint/rack/parts_text.py" />
   <source>a touch of</source>
   <translation>ein Hauch</translation>
  </message>
  <message>
   <location filename="paint/rack/parts_text.py" />
   <source>a little</source>
   <translation>ein wenig</translation>
  </message>
  <message>
   <location filename="paint/rack/parts_text.py" />
   <source>half a part</source>
   <translation>ein halber Teil</translation>
  </message>
  <message>
   <location filename="paint/rack/parts_text.py" />
   <source>one part</source>
   <translation>ein Teil</translation>
  </message>
  <message>
   <location filename="paint/rack/parts_text.py" />
   <source>two parts</source>
   <translation>zwei Teile</translation>
  </message>
  <message>
   <location filename="paint/rack/parts_text.py" />
   <source>three parts</source>
   <translation>drei Teile</translation>
  </message>
  <message>
   <location filename="paint/rack/parts_text.py" />
   <source>Write it like Tallow coat 2 : Candle cream 1.</source>
   <translation>Schreib es wie Tallow coat 2 : Candle cream 1.</translation>
  </message>
  <message>
   <location filename="paint/rack/parts_text.py" />
   <source>%1 is no amount of paint.</source>
   <translation>%1 ist keine Menge Farbe.</translation>
  </message>
  <message>
   <location filename="paint/rack/parts_text.py" />
   <source>Parts are numbers above zero.</source>
   <translation>Teile sind Zahlen über null.</translation>
  </message>
  <message>
   <location filename="paint/rack/parts_text.py" />
   <source>%1 numbers for %2 paints in %3.</source>
   <translation>%1 Zahlen für %2 Farben in %3.</translation>
  </message>
  <message>
   <location filename="paint/rack/parts_text.py" />
   <source>A mix needs at least one paint.</source>
   <translation>Eine Mischung braucht wenigstens eine Farbe.</translation>
  </message>
  <message>
   <location filename="paint/rack/parts_text.py" />
   <source>%1 is no paint on the rack.</source>
   <translation>%1 ist keine Farbe im Regal.</translation>
  </message>
  <message>
   <location filename="paint/rack/pot_fields.py" />
   <source>%1: %2 is no number from %3 to %4.</source>
   <translation>%1: %2 ist keine Zahl von %3 bis %4.</translation>
  </message>
  <message>
   <location filename="paint/rack/pot_fields.py" />
   <source>%1 would weigh less than empty, %2 g.</source>
   <translation>%1 wöge weniger als leer, %2 g.</translation>
  </message>
  <message>
   <location filename="paint/rack/pot_fields.py" />
   <source>Weigh an empty pot and write its tare.</source>
   <translation>Wieg einen leeren Topf und schreib sein Leergewicht auf.</translation>
  </message>
  <message>
   <location filename="paint/rack/pot_fields.py" />
   <source>%1 would hold %2 ml of %3.</source>
   <translation>%1 enthielte %2 ml von %3.</translation>
  </message>
  <message>
   <location filename="paint/rack/pot_fields.py" />
   <source>Check grams, tare and the pot's size.</source>
   <translation>Prüf Gramm, Leergewicht und Größe des Topfs.</translation>
  </message>
  <message>
   <location filename="paint/rack/pot_fields.py" />
   <source>%1 is no kind of paint.</source>
   <translation>%1 ist keine Art Farbe.</translation>
  </message>
  <message>
   <location filename="paint/rack/pot_fields.py" />
   <source>Opened: %1 is no date.</source>
   <translation>Geöffnet: %1 ist kein Datum.</translation>
  </message>
  <message>
   <location filename="paint/rack/pot_fields.py" />
   <source>Write it like 2026-03-05.</source>
   <translation>Schreib es wie 2026-03-05.</translation>
  </message>
  <message>
   <location filename="paint/rack/pot_fields.py" />
   <location filename="paint/rack/pot_fields.py" />
   <source>%1 by its kind</source>
   <translation>%1 nach seiner Art</translation>
  </message>
  <message>
   <location filename="paint/rack/pot_fields.py" />
   <source>not known; 31 g weighs it</source>
   <translation>nicht bekannt; 31 g wiegt ihn</translation>
  </message>
  <message>
   <location filename="paint/rack/pot_fields.py" />
   <source>%1 guessed</source>
   <translation>%1 geschätzt</translation>
  </message>
  <message>
   <location filename="paint/rack/pot_fields.py" />
   <source>Measured over black and white%1.</source>
   <translation>Über Schwarz und Weiß gemessen%1.</translation>
  </message>
  <message>
   <location filename="paint/rack/pot_fields.py" />
   <source>Colour guessed</source>
   <translation>Farbe geschätzt</translation>
  </message>
  <message>
   <location filename="paint/rack/pot_fields.py" />
   <source>Colour typed</source>
   <translation>Farbe eingetippt</translation>
  </message>
  <message>
   <location filename="paint/rack/pot_fields.py" />
   <source>Colour from a %1</source>
   <translation>Farbe aus: %1</translation>
  </message>
  <message>
   <location filename="paint/rack/pot_fields.py" />
   <source>hiding typed</source>
   <translation>Deckkraft eingetippt</translation>
  </message>
  <message>
   <location filename="paint/rack/pot_fields.py" />
   <source>hiding guessed: %1, %2 µm</source>
   <translation>Deckkraft geschätzt: %1, %2 µm</translation>
  </message>
  <message>
   <location filename="paint/rack/pots.py" />
   <source>A mix is poured from itself.</source>
   <translation>Eine Mischung wird aus sich selbst gegossen.</translation>
  </message>
  <message>
   <location filename="paint/rack/pots.py" />
   <source>Take it out of its own parts.</source>
   <translation>Nimm sie aus ihren eigenen Teilen.</translation>
  </message>
  <message>
   <location filename="paint/rack/pots.py" />
   <source>A mix has some parts, none below zero.</source>
   <translation>Eine Mischung hat Teile, keines unter null.</translation>
  </message>
  <message>
   <location filename="paint/rack/pots.py" />
   <source>Give at least one paint some parts.</source>
   <translation>Gib wenigstens einer Farbe Teile.</translation>
  </message>
  <message>
   <location filename="paint/rack/pots.py" />
   <source>%1 is not on the rack.</source>
   <translation>%1 steht nicht im Regal.</translation>
  </message>
  <message>
   <location filename="paint/rack/pots.py" />
   <location filename="paint/scheme.py" />
   <source>Choose another, or add it.</source>
   <translation>Wähle einen anderen oder füge ihn hinzu.</translation>
  </message>
  <message>
   <location filename="paint/rack/rack_edits.py" />
   <source>mix %1</source>
   <translation>%1 mischen</translation>
  </message>
  <message>
   <location filename="paint/rack/rack_edits.py" />
   <source>That stroke is not in any scheme.</source>
   <translation>Dieser Auftrag gehört zu keinem Farbschema.</translation>
  </message>
  <message>
   <location filename="paint/rack/rack_edits.py" />
   <source>A pot needs a name.</source>
   <translation>Ein Topf braucht einen Namen.</translation>
  </message>
  <message>
   <location filename="paint/rack/rack_edits.py" />
   <source>Write what stands on it.</source>
   <translation>Schreib, was darauf steht.</translation>
  </message>
  <message>
   <location filename="paint/rack/rack_edits.py" />
   <source>%1 is on the rack already.</source>
   <translation>%1 steht schon im Regal.</translation>
  </message>
  <message>
   <location filename="paint/rack/rack_edits.py" />
   <source>Give it a name of its own.</source>
   <translation>Gib ihm einen eigenen Namen.</translation>
  </message>
 </context>
 <context>
  <name>post</name>
  <message>
   <location filename="post/cautions.py" />
   <source>The maker's data sheet, local rules and professionals come before this list.</source>
   <translation>Das Datenblatt des Herstellers, örtliche Regeln und Fachleute gehen dieser Liste vor.</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Pouring and wet resin: nitrile gloves, eye protection, window open</source>
   <translation>Gießen und nasses Harz: Nitrilhandschuhe, Augenschutz, Fenster offen</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>No bare skin, no food; children and pets away</source>
   <translation>Keine bloße Haut, kein Essen; Kinder und Tiere fort</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>A rash, or trouble breathing: stop, and see a doctor</source>
   <translation>Ausschlag oder Atemnot: aufhören und zum Arzt</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Hot nozzle, bed and fresh parts burn: let them cool</source>
   <translation>Heiße Düse, Bett und frische Teile verbrennen: abkühlen lassen</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Molten plastic fumes: ventilate, not beside a bed</source>
   <translation>Dämpfe von geschmolzenem Kunststoff: lüften, nicht neben einem Bett</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Two-part putty: nitrile gloves, it can make skin sensitive for good</source>
   <translation>Zwei-Komponenten-Spachtel: Nitrilhandschuhe, er kann die Haut auf Dauer empfindlich machen</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Sanding cured resin: wet, with a mask; no dust in the room</source>
   <translation>Gehärtetes Harz schleifen: nass, mit Maske; kein Staub im Raum</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Patching with wet resin: gloves and eye protection, and the lamp's light kept from the eyes</source>
   <translation>Flicken mit nassem Harz: Handschuhe und Augenschutz, und das Licht der Lampe weg von den Augen</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Nitrile gloves and eye protection; ventilate</source>
   <translation>Nitrilhandschuhe und Augenschutz; lüften</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Open baths: children and pets away, lids on when you leave</source>
   <translation>Offene Bäder: Kinder und Tiere fort, Deckel drauf, wenn du gehst</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Resin on skin: soap and water, never solvent; for a rash or breathing trouble stop and see a doctor</source>
   <translation>Harz auf der Haut: Seife und Wasser, nie Lösemittel; bei Ausschlag oder Atemnot aufhören und zum Arzt</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Wash water and alcohol are hazardous waste: never down a drain</source>
   <translation>Waschwasser und Alkohol sind gefährlicher Abfall: nie in den Ausguss</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Alcohol dried off fully before light and warmth</source>
   <translation>Alkohol ganz abgetrocknet, bevor Licht und Wärme kommen</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Do not look into the lamp</source>
   <translation>Nicht in die Lampe sehen</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Supports off: gloves and goggles, bits fly; hot water that held uncured parts is resin waste</source>
   <translation>Stützen ab: Handschuhe und Schutzbrille, Stücke fliegen; heißes Wasser, in dem Ungehärtetes lag, ist Harzabfall</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Closed hollow parts: resin in them can burst out when warmed; drain holes first, no heat on sealed ones</source>
   <translation>Geschlossene hohle Teile: Harz darin kann beim Erwärmen herausplatzen; zuerst Abflüsse, keine Hitze an verschlossenen</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Cure wet towels, supports and sludge solid before disposal</source>
   <translation>Nasse Tücher, Stützen und Schlamm vor dem Entsorgen durchhärten</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Blades cut away from fingers</source>
   <translation>Klingen weg von den Fingern</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Resin dust: sand wet, wear a mask; goggles with rotary tools</source>
   <translation>Harzstaub: nass schleifen, Maske tragen; Schutzbrille bei drehenden Werkzeugen</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Instant glue: ventilate, keep off skin and eyes</source>
   <translation>Sekundenkleber: lüften, weg von Haut und Augen</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Spray cans and enamels outdoors or extracted, with a mask</source>
   <translation>Sprühdosen und Emaille im Freien oder abgesaugt, mit Maske</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>No flame or heater near a spray</source>
   <translation>Keine Flamme und kein Heizgerät nahe einem Spray</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Filler is sanded wet, with a mask</source>
   <translation>Füller wird nass geschliffen, mit Maske</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Airbrush: extraction and a mask, also for water-based paint</source>
   <translation>Spritzpistole: Absaugung und Maske, auch bei Farbe auf Wasserbasis</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Sprays and solvents: outdoors or extracted, no flame or heater near</source>
   <translation>Sprays und Lösemittel: im Freien oder abgesaugt, keine Flamme und kein Heizgerät in der Nähe</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Do not point brushes with the lips</source>
   <translation>Pinsel nicht mit den Lippen spitzen</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Spirit and enamel wash: ventilate, no flame; spirit rags dried flat outdoors</source>
   <translation>Terpentin und Emaille-Wash: lüften, keine Flamme; Lappen mit Terpentin flach im Freien trocknen</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Varnish and other sprays: outdoors or extracted, with a mask, no flame or heater near</source>
   <translation>Lack und andere Sprays: im Freien oder abgesaugt, mit Maske, keine Flamme und kein Heizgerät in der Nähe</translation>
  </message>
  <message>
   <location filename="post/cautions.py" />
   <source>Pigment dust: wear a mask</source>
   <translation>Pigmentstaub: Maske tragen</translation>
  </message>
  <message>
   <location filename="post/snipping.py" />
   <location filename="post/washing/emptying.py" />
   <source>, %1 of them</source>
   <translation>, %1 davon</translation>
  </message>
  <message>
   <location filename="post/snipping.py" />
   <source>%1%2: %3, none under thin skin; from the outside in</source>
   <translation>%1%2: %3, keine unter dünner Haut; von außen nach innen</translation>
  </message>
  <message>
   <location filename="post/snipping.py" />
   <source>; last the %1 on %2 mm and more</source>
   <translation>; zuletzt die %1 auf %2 mm und mehr</translation>
  </message>
  <message>
   <location filename="post/snipping.py" />
   <source>first %1 on skin of %2 to %3 mm, cut close and never pulled</source>
   <translation>zuerst %1 auf Haut von %2 bis %3 mm, dicht geschnitten und nie gezogen</translation>
  </message>
  <message>
   <location filename="post/supports_off.py" />
   <source>by part</source>
   <translation>nach Teil</translation>
  </message>
  <message>
   <location filename="post/supports_off.py" />
   <source>supports off before the lamp</source>
   <translation>Stützen ab vor der Lampe</translation>
  </message>
  <message>
   <location filename="post/supports_off.py" />
   <source>supports off after it</source>
   <translation>Stützen ab nach ihr</translation>
  </message>
  <message>
   <location filename="post/supports_off.py" />
   <source>supports off part by part</source>
   <translation>Stützen ab, Teil für Teil</translation>
  </message>
  <message>
   <location filename="post/supports_off.py" />
   <source> (%1 on show)</source>
   <translation> (%1 zu sehen)</translation>
  </message>
  <message>
   <location filename="post/supports_off.py" />
   <source>%1 mm² of marks%2, %3 mm deep, %4 to sand</source>
   <translation>%1 mm² Male%2, %3 mm tief, %4 zu schleifen</translation>
  </message>
  <message>
   <location filename="post/supports_off.py" />
   <source>raw resin touched %1 times</source>
   <translation>rohes Harz %1-mal berührt</translation>
  </message>
  <message>
   <location filename="post/supports_off.py" />
   <source>Before the lamp: %1; %2.</source>
   <translation>Vor der Lampe: %1; %2.</translation>
  </message>
  <message>
   <location filename="post/supports_off.py" />
   <source>may chip: %1</source>
   <translation>könnte abplatzen: %1</translation>
  </message>
  <message>
   <location filename="post/supports_off.py" />
   <source>nothing on it is thin</source>
   <translation>nichts daran ist dünn</translation>
  </message>
  <message>
   <location filename="post/supports_off.py" />
   <source>After it: %1; %2.</source>
   <translation>Nach ihr: %1; %2.</translation>
  </message>
  <message>
   <location filename="post/supports_off.py" />
   <source>before it %1 (%2)</source>
   <translation>vor ihr %1 (%2)</translation>
  </message>
  <message>
   <location filename="post/supports_off.py" />
   <source>none before the lamp</source>
   <translation>keine vor der Lampe</translation>
  </message>
  <message>
   <location filename="post/supports_off.py" />
   <source>Part by part: %1; %2, the others after it%3</source>
   <translation>Teil für Teil: %1; %2, die anderen nach ihr%3</translation>
  </message>
 </context>
 <context>
  <name>post/curing</name>
  <message>
   <location filename="post/curing/cure.py" />
   <source>Bench lamp</source>
   <translation>Werkbanklampe</translation>
  </message>
  <message>
   <location filename="post/curing/cure.py" />
   <source>Lamp, side %1</source>
   <translation>Lampe, Seite %1</translation>
  </message>
  <message>
   <location filename="post/curing/cure.py" />
   <source>%1; then turn every part over</source>
   <translation>%1; dann jedes Teil umdrehen</translation>
  </message>
  <message>
   <location filename="post/curing/cure.py" />
   <source>Supports off</source>
   <translation>Stützen ab</translation>
  </message>
  <message>
   <location filename="post/curing/cure.py" />
   <source>%1, %2 the lamp</source>
   <translation>%1, %2 der Lampe</translation>
  </message>
  <message numerus="yes">
   <location filename="post/curing/cure_book.py" />
   <location filename="post/washing/bath_book.py" />
   <location filename="post/washing/bath_book.py" />
   <source>%n verdict(s)</source>
   <translation>
    <numerusform>%n Urteil</numerusform>
    <numerusform>%n Urteilen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="post/curing/cure_book.py" />
   <source>Learned from %1: hard from %2 J/cm² (%3 to %4), brittle from %5 (%6 to %7).</source>
   <translation>Gelernt aus %1: hart ab %2 J/cm² (%3 bis %4), spröde ab %5 (%6 bis %7).</translation>
  </message>
  <message>
   <location filename="post/curing/lamp_load.py" />
   <source>mm2</source>
   <translation>mm2</translation>
  </message>
  <message>
   <location filename="post/curing/lamps.py" />
   <source>The sun stands 0 to 90 degrees high, and cloud is a share from 0 to 1.</source>
   <translation>Die Sonne steht 0 bis 90 Grad hoch, und Bewölkung ist ein Anteil von 0 bis 1.</translation>
  </message>
  <message>
   <location filename="post/curing/lamps.py" />
   <source>Box of twelve lights</source>
   <translation>Kasten mit zwölf Lichtern</translation>
  </message>
  <message>
   <location filename="post/curing/lamps.py" />
   <source>Ring above the table</source>
   <translation>Ring über dem Tisch</translation>
  </message>
  <message>
   <location filename="post/curing/lamps.py" />
   <source>One bar</source>
   <translation>Ein Balken</translation>
  </message>
  <message>
   <location filename="post/curing/lamps.py" />
   <source>Torch, not turned</source>
   <translation>Handlampe, nicht gedreht</translation>
  </message>
  <message>
   <location filename="post/curing/lamps.py" />
   <source>Sun, high and clear</source>
   <translation>Sonne, hoch und klar</translation>
  </message>
  <message>
   <location filename="post/curing/lamps.py" />
   <source>Sun under cloud</source>
   <translation>Sonne unter Wolken</translation>
  </message>
  <message>
   <location filename="post/curing/lamps.py" />
   <source>This file</source>
   <translation>Diese Datei</translation>
  </message>
  <message>
   <location filename="post/curing/lamps.py" />
   <source>%1 tells of no lamps.</source>
   <translation>%1 nennt keine Lampen.</translation>
  </message>
  <message>
   <location filename="post/curing/lamps.py" />
   <source>See the handbook's page on curing for its form.</source>
   <translation>Ihre Form steht auf der Seite Härten im Handbuch.</translation>
  </message>
 </context>
 <context>
  <name>post/washing</name>
  <message>
   <location filename="post/washing/bath_book.py" />
   <source>came clean</source>
   <translation>kam sauber heraus</translation>
  </message>
  <message>
   <location filename="post/washing/bath_book.py" />
   <source>Alcohol burns: no flame, sparks or hot plates near; window open</source>
   <translation>Alkohol brennt: keine Flamme, Funken oder heißen Platten in der Nähe; Fenster offen</translation>
  </message>
  <message>
   <location filename="post/washing/bath_book.py" />
   <source>Glycol solvents go through skin and gloves in time: change gloves, ventilate</source>
   <translation>Glykol-Lösemittel gehen mit der Zeit durch Haut und Handschuhe: Handschuhe wechseln, lüften</translation>
  </message>
  <message>
   <location filename="post/washing/bath_book.py" />
   <source>Water that washed resin is hazardous waste like any bath: never down a drain, no plants</source>
   <translation>Wasser, das Harz gewaschen hat, ist gefährlicher Abfall wie jedes Bad: nie in den Ausguss, nicht an Pflanzen</translation>
  </message>
  <message>
   <location filename="post/washing/bath_book.py" />
   <source>a default</source>
   <translation>eine Vorgabe</translation>
  </message>
  <message>
   <location filename="post/washing/bath_book.py" />
   <source>spent at %1, %2: %3 to %4</source>
   <translation>verbraucht bei %1, %2: %3 bis %4</translation>
  </message>
  <message>
   <location filename="post/washing/bath_book.py" />
   <source>by %1 %2 × as thick (%3 to %4)</source>
   <translation>durch %1 %2 × so dick (%3 bis %4)</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>%1 bath: %2 of its life left</source>
   <translation>Bad (%1): noch %2 seines Lebens</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>%1 bath: spent, change it</source>
   <translation>Bad (%1): verbraucht, wechsle es</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>; %1 longer for recesses</source>
   <translation>; %1 länger für Vertiefungen</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>Drain over the vat</source>
   <translation>Über der Wanne abtropfen</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>Tilt the plate; what drips back is not wasted</source>
   <translation>Kipp die Platte; was zurücktropft, ist nicht verloren</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>Dirty bath</source>
   <translation>Schmutziges Bad</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>Clean bath</source>
   <translation>Sauberes Bad</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>Dry fully</source>
   <translation>Ganz trocknen</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>Air or fan; a wet part stays white and tacky under light</source>
   <translation>Luft oder Gebläse; ein nasses Teil bleibt unter Licht weiß und klebrig</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>about %1 ml of resin comes along (%2 mm of film)</source>
   <translation>etwa %1 ml Harz kommen mit (%2 mm Film)</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>Hang the plate into the tub</source>
   <translation>Häng die Platte in den Kübel</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>Lift the plate off, scrape into the basket</source>
   <translation>Heb die Platte ab, schab in den Korb</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>, %1 baskets one after the other</source>
   <translation>, %1 Körbe nacheinander</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>From bath to bath, then out to dry</source>
   <translation>Von Bad zu Bad, dann heraus zum Trocknen</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>Let it drip between; gloves on%1</source>
   <translation>Dazwischen abtropfen lassen; Handschuhe an%1</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>Fill, swirl, pour out</source>
   <translation>Füllen, schwenken, ausgießen</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>Parts off the plate</source>
   <translation>Teile von der Platte</translation>
  </message>
  <message>
   <location filename="post/washing/wash.py" />
   <source>It is clean by now; before hollow ones are swirled</source>
   <translation>Sie ist jetzt sauber; bevor hohle geschwenkt werden</translation>
  </message>
  <message>
   <location filename="post/washing/wash_queue.py" />
   <source>%1, basket %2</source>
   <translation>%1, Korb %2</translation>
  </message>
  <message>
   <location filename="post/washing/wash_ways.py" />
   <source>Whole plate into the tub</source>
   <translation>Ganze Platte in den Kübel</translation>
  </message>
  <message>
   <location filename="post/washing/wash_ways.py" />
   <source>Off the plate, in a basket</source>
   <translation>Von der Platte, in einem Korb</translation>
  </message>
  <message>
   <location filename="post/washing/wash_ways.py" />
   <source>the plate (%1) does not go into the tub (%2)</source>
   <translation>die Platte (%1) geht nicht in den Kübel (%2)</translation>
  </message>
  <message>
   <location filename="post/washing/wash_ways.py" />
   <source>the liquid stands %1 mm high and the tallest part is %2: %3 l short</source>
   <translation>die Flüssigkeit steht %1 mm hoch, und das höchste Teil misst %2: %3 l zu wenig</translation>
  </message>
  <message>
   <location filename="post/washing/wash_ways.py" />
   <source>hollow parts must be turned by hand (%1)</source>
   <translation>hohle Teile sind von Hand zu wenden (%1)</translation>
  </message>
  <message>
   <location filename="post/washing/wash_ways.py" />
   <source>nothing is touched while it is soft, and the plate is cleaned with it</source>
   <translation>nichts wird weich angefasst, und die Platte wird mit gereinigt</translation>
  </message>
  <message>
   <location filename="post/washing/wash_ways.py" />
   <source>%1 baskets one after the other</source>
   <translation>%1 Körbe nacheinander</translation>
  </message>
  <message>
   <location filename="post/washing/wash_ways.py" />
   <source>parts can be turned; the plate is wiped apart</source>
   <translation>Teile lassen sich wenden; die Platte wird eigens gewischt</translation>
  </message>
  <message>
   <location filename="post/washing/wet_film.py" />
   <source>at %1 °C by the machine</source>
   <translation>bei %1 °C nach der Maschine</translation>
  </message>
  <message>
   <location filename="post/washing/wet_film.py" />
   <source>at %1 °C, a default: nobody has told the room's</source>
   <translation>bei %1 °C, eine Vorgabe: niemand hat die des Raums gesagt</translation>
  </message>
  <message>
   <location filename="post/washing/wet_film.py" />
   <source>%1 mm of film %2; %3 mm after %4 min by its profile</source>
   <translation>%1 mm Film %2; %3 mm nach %4 min nach seinem Profil</translation>
  </message>
 </context>
 <context>
  <name>printing/checks</name>
  <message>
   <location filename="printing/checks/layer_graph.py" />
   <source>joins nothing</source>
   <translation>trifft nichts</translation>
  </message>
  <message>
   <location filename="printing/checks/layer_graph.py" />
   <source>grows %1 mm before it joins</source>
   <translation>wächst %1 mm, bevor sie anschließt</translation>
  </message>
  <message>
   <location filename="printing/checks/layer_graph.py" />
   <source>joins at once</source>
   <translation>schließt sofort an</translation>
  </message>
  <message>
   <location filename="printing/checks/layer_graph.py" />
   <source>at %1 mm, (%2, %3)</source>
   <translation>bei %1 mm, (%2, %3)</translation>
  </message>
  <message>
   <location filename="printing/checks/layer_graph.py" />
   <source>Island %1: %2 mm² %3; %4.</source>
   <translation>Insel %1: %2 mm² %3; %4.</translation>
  </message>
  <message>
   <location filename="printing/checks/layer_graph.py" />
   <source>, its weakest group held %1 times</source>
   <translation>, ihre schwächste Gruppe zu %1 gehalten</translation>
  </message>
  <message>
   <location filename="printing/checks/layer_graph.py" />
   <source>; %1 mm² more or less than the layer below: a line may show</source>
   <translation>; %1 mm² mehr oder weniger als die Schicht darunter: eine Linie kann zu sehen sein</translation>
  </message>
  <message>
   <location filename="printing/checks/layer_graph.py" />
   <source>%1 mm: area %2 mm²%3%4%5.</source>
   <translation>%1 mm: Fläche %2 mm²%3%4%5.</translation>
  </message>
  <message>
   <location filename="printing/checks/print_check.py" />
   <source>%1 in mid-air%2</source>
   <translation>%1 mitten in der Luft%2</translation>
  </message>
  <message>
   <location filename="printing/checks/print_check.py" />
   <source>, the first at %1 mm</source>
   <translation>, die erste bei %1 mm</translation>
  </message>
  <message>
   <location filename="printing/checks/print_check.py" />
   <source>As a print: %1; %2; %3 mm² beyond reach; %4.</source>
   <translation>Als Druck: %1; %2; %3 mm² außer Reichweite; %4.</translation>
  </message>
  <message numerus="yes">
   <location filename="printing/checks/print_check.py" />
   <source>%n cup(s)</source>
   <translation>
    <numerusform>%n Saugkelch</numerusform>
    <numerusform>%n Saugkelche</numerusform>
   </translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>Its first layers come out a little wider: sand or shave the foot.</source>
   <translation>Seine ersten Schichten kommen etwas breiter heraus: schleif oder schab den Fuß.</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>begins in mid-air at %1 mm</source>
   <translation>beginnt mitten in der Luft bei %1 mm</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>a tip there, or another pose</source>
   <translation>dort eine Spitze, oder eine andere Lage</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>carries %1 of what it holds</source>
   <translation>trägt %1 dessen, was sie hält</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>heavier, or split in two</source>
   <translation>schwerer, oder in zwei geteilt</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>its pillar runs into the part</source>
   <translation>ihr Pfeiler läuft in das Teil</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>move it, or take it away</source>
   <translation>bewege sie oder nimm sie weg</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>tall, thin and alone: it swings</source>
   <translation>hoch, dünn und allein: sie schwingt</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>thicker, or a neighbour to brace it</source>
   <translation>dicker, oder ein Nachbar, der sie stützt</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>overhang with no tip near, %1 mm up</source>
   <translation>Überhang ohne Spitze in der Nähe, %1 mm hoch</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>a tip there</source>
   <translation>dort eine Spitze</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>a cup seals %1 mm² from %2 mm</source>
   <translation>ein Saugkelch verschließt %1 mm² ab %2 mm</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>vent it near its bottom, or tilt</source>
   <translation>nahe seinem Boden entlüften, oder kippen</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>pour it out tipped, see Hollow in Sort; or another pose, or a drain</source>
   <translation>gekippt ausgießen, siehe Aushöhlen bei Sortieren; oder eine andere Lage, oder ein Abfluss</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>keeps %1 ml of resin as it hangs</source>
   <translation>behält %1 ml Harz, wie es hängt</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>carries only %1 of what it holds</source>
   <translation>trägt nur %1 dessen, was sie hält</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>finer: a smaller mark</source>
   <translation>feiner: ein kleineres Mal</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>a brim of %1 mm</source>
   <translation>ein Rand von %1 mm</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>another pose, or posts beside it</source>
   <translation>eine andere Lage, oder Pfosten daneben</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>little of it stands on the plate: the nozzle may knock it over (defaults)</source>
   <translation>wenig davon steht auf der Platte: die Düse kann es umstoßen (Vorgaben)</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>%1; it is in the settings beside the plate</source>
   <translation>%1; es steht in den Einstellungen neben der Platte</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>%1 tip %2</source>
   <translation>%1 Spitze %2</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source> too light</source>
   <translation> zu leicht</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>bare overhang</source>
   <translation>bloßer Überhang</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source> too slender</source>
   <translation> zu schlank</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>Every island and overhang carried; wants a brim of %1 mm.</source>
   <translation>Jede Insel und jeder Überhang getragen; will einen Rand von %1 mm.</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>Every island caught, %1.</source>
   <translation>Jede Insel gefangen, %1.</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>every overhang carried</source>
   <translation>jeder Überhang getragen</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>every tip holds what it must</source>
   <translation>jede Spitze hält, was sie muss</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>%1: see Supports.</source>
   <translation>%1: siehe Stützen.</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>%1 mm high: %2 prints %3. Lay it down, scale it or cut it in Sort.</source>
   <translation>%1 mm hoch: %2 druckt %3. Leg es hin, skaliere oder schneide es bei Sortieren.</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>%1 × %2 mm wide: the plate of %3 has %4. Turn it, scale it or cut it in Sort.</source>
   <translation>%1 × %2 mm breit: die Platte von %3 hat %4. Dreh es, skaliere oder schneide es bei Sortieren.</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>stands on the plate</source>
   <translation>steht auf der Platte</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>stands on the part</source>
   <translation>steht auf dem Teil</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>leans on a neighbour</source>
   <translation>lehnt an einem Nachbarn</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>catches an island</source>
   <translation>fängt eine Insel</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>under an overhang</source>
   <translation>unter einem Überhang</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>under a slope</source>
   <translation>unter einer Schräge</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>where you asked</source>
   <translation>wo du es wolltest</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>against leverage</source>
   <translation>gegen Hebel</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>set by hand</source>
   <translation>von Hand gesetzt</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>shares a load</source>
   <translation>teilt eine Last</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>%1 tip, %2 mm</source>
   <translation>%1 Spitze, %2 mm</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>%1; %2, %3; nothing pulls at it.</source>
   <translation>%1; %2, %3; nichts zieht daran.</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>%1; %2, %3; carries %4 of what it holds.</source>
   <translation>%1; %2, %3; trägt %4 dessen, was sie hält.</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>Stands %1on the plate: no tips.%2</source>
   <translation>Steht %1auf der Platte: keine Spitzen.%2</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>hold at least %1 times the pull and its leverage, by the resin's defaults</source>
   <translation>halten wenigstens das %1-Fache von Zug und Hebel, nach den Vorgaben des Harzes</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>nothing pulls on them</source>
   <translation>nichts zieht an ihnen</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>about %1 min to clean (default pace), %2 mm² of marks in sight</source>
   <translation>etwa %1 min zu säubern (Vorgabetempo), %2 mm² Male zu sehen</translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>under what leans more than 50° or spans more than %1 mm (defaults)</source>
   <translation>unter dem, was mehr als 50° lehnt oder mehr als %1 mm überspannt (Vorgaben)</translation>
  </message>
  <message numerus="yes">
   <location filename="printing/checks/print_findings.py" />
   <source>%n post(s)</source>
   <translation>
    <numerusform>%n Pfosten</numerusform>
    <numerusform>%n Pfosten</numerusform>
   </translation>
  </message>
  <message>
   <location filename="printing/checks/print_findings.py" />
   <source>%1 tips (%2) %3; %4.</source>
   <translation>%1 Spitzen (%2) %3; %4.</translation>
  </message>
  <message>
   <location filename="printing/checks/weakest_section.py" />
   <source>nothing of it pulls</source>
   <translation>nichts daran zieht</translation>
  </message>
  <message>
   <location filename="printing/checks/weakest_section.py" />
   <source>the plate holds it %1 times against pull and leverage</source>
   <translation>die Platte hält es zum %1-Fachen von Zug und Hebel</translation>
  </message>
  <message>
   <location filename="printing/checks/weakest_section.py" />
   <source>its weakest section, %1 mm up, bears %2 times the pull and its leverage</source>
   <translation>sein schwächster Querschnitt, %1 mm hoch, trägt das %2-Fache von Zug und Hebel</translation>
  </message>
 </context>
 <context>
  <name>printing/hollow</name>
  <message>
   <location filename="printing/hollow/hollowing.py" />
   <source>A wall of %1 mm is not sensible.</source>
   <translation>Eine Wand von %1 mm ist nicht sinnvoll.</translation>
  </message>
  <message>
   <location filename="printing/hollow/hollowing.py" />
   <source>Choose 0.4 to 20 mm; 2 is usual.</source>
   <translation>Wähle 0,4 bis 20 mm; 2 ist üblich.</translation>
  </message>
  <message>
   <location filename="printing/hollow/hollowing.py" />
   <source>The part has no inside to be hollowed.</source>
   <translation>Das Teil hat kein Inneres zum Aushöhlen.</translation>
  </message>
  <message>
   <location filename="printing/hollow/hollowing.py" />
   <source>Check the file.</source>
   <translation>Prüf die Datei.</translation>
  </message>
  <message>
   <location filename="printing/hollow/hollowing.py" />
   <source>Nowhere is it thick enough for a room within walls of %1 mm.</source>
   <translation>Nirgends ist es dick genug für einen Raum in Wänden von %1 mm.</translation>
  </message>
  <message>
   <location filename="printing/hollow/hollowing.py" />
   <source>Left solid.</source>
   <translation>Massiv gelassen.</translation>
  </message>
  <message>
   <location filename="printing/hollow/tip.py" />
   <source>As it hangs it runs empty by itself.</source>
   <translation>Wie es hängt, läuft es von selbst leer.</translation>
  </message>
  <message>
   <location filename="printing/hollow/tip.py" />
   <source>%1 ml stay in it whichever way it is tipped: suck or blow it out, or add a drain.</source>
   <translation>%1 ml bleiben darin, wie man es auch kippt: absaugen, ausblasen oder einen Abfluss hinzufügen.</translation>
  </message>
  <message>
   <location filename="printing/hollow/tip.py" />
   <source>%1 ml still pool</source>
   <translation>%1 ml sammeln sich noch</translation>
  </message>
  <message>
   <location filename="printing/hollow/tip.py" />
   <source>it runs empty</source>
   <translation>es läuft leer</translation>
  </message>
  <message>
   <location filename="printing/hollow/tip.py" />
   <source>As it hangs it keeps %1 ml; tip it %2 and %3.</source>
   <translation>Wie es hängt, behält es %1 ml; kipp es %2, und %3.</translation>
  </message>
  <message>
   <location filename="printing/hollow/tip.py" />
   <source>%1 down</source>
   <translation>%1 nach unten</translation>
  </message>
  <message>
   <location filename="printing/hollow/venting.py" />
   <source>No thin wall leads out of that hollow.</source>
   <translation>Keine dünne Wand führt aus dieser Höhlung.</translation>
  </message>
  <message>
   <location filename="printing/hollow/venting.py" />
   <source>Tilt the part, or cut it there.</source>
   <translation>Kipp das Teil oder schneid es dort.</translation>
  </message>
 </context>
 <context>
  <name>printing/machines</name>
  <message>
   <location filename="printing/machines/calibration.py" />
   <source>Two test pieces of different exposure are needed.</source>
   <translation>Es braucht zwei Teststücke mit verschiedener Belichtung.</translation>
  </message>
  <message>
   <location filename="printing/machines/calibration.py" />
   <source>Print one more, a fifth longer.</source>
   <translation>Drucke noch eines, ein Fünftel länger.</translation>
  </message>
  <message>
   <location filename="printing/machines/calibration.py" />
   <source>More light did not close slots or strengthen pins.</source>
   <translation>Mehr Licht schloss keine Schlitze und stärkte keine Stifte.</translation>
  </message>
  <message>
   <location filename="printing/machines/calibration.py" />
   <source>Measure again, or vary it more.</source>
   <translation>Miss noch einmal oder ändere mehr.</translation>
  </message>
  <message>
   <location filename="printing/machines/calibration.py" />
   <source>Draw outlines %1 by %2 mm on each side; sizes are %3 %.</source>
   <translation>Zieh Umrisse um %1 %2 mm auf jeder Seite; Größen sind %3 %.</translation>
  </message>
  <message>
   <location filename="printing/machines/calibration.py" />
   <source>A frame of %1 and %2 mm does not measure that.</source>
   <translation>Ein Rahmen von %1 und %2 mm misst das nicht.</translation>
  </message>
  <message>
   <location filename="printing/machines/calibration.py" />
   <source>Measure again.</source>
   <translation>Miss noch einmal.</translation>
  </message>
  <message>
   <location filename="printing/machines/fitting.py" />
   <source>at %1 %</source>
   <translation>zu %1 %</translation>
  </message>
  <message>
   <location filename="printing/machines/fitting.py" />
   <source>as large as it fits</source>
   <translation>so groß, wie es passt</translation>
  </message>
  <message>
   <location filename="printing/machines/fitting.py" />
   <source>cut once, halves side by side</source>
   <translation>einmal geschnitten, Hälften nebeneinander</translation>
  </message>
  <message>
   <location filename="printing/machines/fitting.py" />
   <source>cut %1: it fits whole</source>
   <translation>%1 geschnitten: es passt ganz</translation>
  </message>
  <message numerus="yes">
   <location filename="printing/machines/fitting.py" />
   <source>%n time(s)</source>
   <translation>
    <numerusform>%n-mal</numerusform>
    <numerusform>%n-mal</numerusform>
   </translation>
  </message>
  <message>
   <location filename="printing/machines/profile_files.py" />
   <source>%1 is no profile of this form.</source>
   <translation>%1 ist kein Profil dieser Form.</translation>
  </message>
  <message>
   <location filename="printing/machines/profile_files.py" />
   <source>%1 is no profile: %2.</source>
   <translation>%1 ist kein Profil: %2.</translation>
  </message>
  <message>
   <location filename="printing/machines/profile_files.py" />
   <source>it cannot be read</source>
   <translation>es ist nicht zu lesen</translation>
  </message>
  <message>
   <location filename="printing/machines/profile_files.py" />
   <source>%1: %2 is no day.</source>
   <translation>%1: %2 ist kein Tag.</translation>
  </message>
  <message>
   <location filename="printing/machines/profile_files.py" />
   <source>Write it like 2026-03-14, or leave it empty.</source>
   <translation>Schreib ihn wie 2026-03-14 oder lass ihn leer.</translation>
  </message>
  <message>
   <location filename="printing/machines/profile_files.py" />
   <source>%1: %2 must be more than nothing.</source>
   <translation>%1: %2 muss mehr als nichts sein.</translation>
  </message>
  <message>
   <location filename="printing/machines/profile_files.py" />
   <source>Nothing was changed.</source>
   <translation>Nichts wurde geändert.</translation>
  </message>
  <message>
   <location filename="printing/machines/profile_files.py" />
   <source>%1: a pixel of %2 mm is too coarse for its plate.</source>
   <translation>%1: ein Pixel von %2 mm ist zu grob für seine Platte.</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>on the film</source>
   <translation>auf der Folie</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>level on paper over the bare screen</source>
   <translation>auf Papier über dem nackten Bildschirm nivellieren</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>the screen must be bare: vat out, gloves on</source>
   <translation>der Bildschirm muss frei sein: Wanne heraus, Handschuhe an</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>level on the film, vat in</source>
   <translation>auf der Folie nivellieren, Wanne eingesetzt</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>a film that is worn passes its wear on</source>
   <translation>eine verschlissene Folie gibt ihren Verschleiß weiter</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>leave it as it came</source>
   <translation>lassen, wie sie kam</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>nothing to do until a first layer fails on one side</source>
   <translation>nichts zu tun, bis eine erste Schicht auf einer Seite misslingt</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>flexible sheet</source>
   <translation>biegsames Blech</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>a metal scraper</source>
   <translation>ein Metallschaber</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>it cuts plates and fingers: away from the hand</source>
   <translation>er schneidet Platten und Finger: weg von der Hand</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>a plastic scraper</source>
   <translation>ein Kunststoffschaber</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>spares the plate; large rafts want patience</source>
   <translation>schont die Platte; große Flöße wollen Geduld</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>bend a flexible sheet</source>
   <translation>ein biegsames Blech biegen</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>a sheet to buy, its height to level in; parts jump off</source>
   <translation>ein Blech zu kaufen, seine Höhe einzunivellieren; Teile springen ab</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>cured sheet</source>
   <translation>gehärtetes Blatt</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>after failures</source>
   <translation>nach Fehlern</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>feel the vat's floor with a plastic scraper</source>
   <translation>den Boden der Wanne mit einem Kunststoffschaber abtasten</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>gently: the film scratches; never with bare fingers</source>
   <translation>sanft: die Folie verkratzt; nie mit bloßen Fingern</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>cure a thin sheet over the whole floor and peel it off</source>
   <translation>ein dünnes Blatt über den ganzen Boden härten und abziehen</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>takes every flake along, and a little resin</source>
   <translation>nimmt jede Flocke mit, und etwas Harz</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>only when something failed</source>
   <translation>nur, wenn etwas misslang</translation>
  </message>
  <message>
   <location filename="printing/machines/routine.py" />
   <source>a flake nobody saw dents the film in the next run</source>
   <translation>eine Flocke, die niemand sah, beult im nächsten Lauf die Folie</translation>
  </message>
  <message>
   <location filename="printing/machines/settings_note.py" />
   <location filename="printing/machines/settings_note.py" />
   <location filename="printing/machines/settings_note.py" />
   <source>%1 mm/s</source>
   <translation>%1 mm/s</translation>
  </message>
  <message>
   <location filename="printing/machines/settings_note.py" />
   <source>%1 s a hop</source>
   <translation>%1 s je Sprung</translation>
  </message>
  <message>
   <location filename="printing/machines/settings_note.py" />
   <source>first layer drawn in</source>
   <translation>erste Schicht eingezogen</translation>
  </message>
  <message>
   <location filename="printing/machines/settings_note.py" />
   <source>%1 mm, or feet come out wider by that (default until measured on a test square)</source>
   <translation>%1 mm, sonst kommen Füße um so viel breiter heraus (Vorgabe, bis an einem Testquadrat gemessen)</translation>
  </message>
  <message>
   <location filename="printing/machines/settings_note.py" />
   <source>brim of %1</source>
   <translation>Rand von %1</translation>
  </message>
  <message>
   <location filename="printing/machines/settings_note.py" />
   <source>%1 min, %2 g, %3 m</source>
   <translation>%1 min, %2 g, %3 m</translation>
  </message>
 </context>
 <context>
  <name>printing/orientation</name>
  <message>
   <location filename="printing/orientation/orientation_search.py" />
   <source>marks of tips on what is seen</source>
   <translation>Male von Spitzen auf dem Gesehenen</translation>
  </message>
  <message>
   <location filename="printing/orientation/orientation_search.py" />
   <source>skin that must be held from below</source>
   <translation>Haut, die von unten zu halten ist</translation>
  </message>
  <message>
   <location filename="printing/orientation/orientation_search.py" />
   <source>layer steps on what is seen</source>
   <translation>Schichtstufen auf dem Gesehenen</translation>
  </message>
  <message>
   <location filename="printing/orientation/orientation_search.py" />
   <source>height, which is time</source>
   <translation>Höhe, die Zeit ist</translation>
  </message>
  <message>
   <location filename="printing/orientation/orientation_search.py" />
   <source>room on the plate</source>
   <translation>Platz auf der Platte</translation>
  </message>
  <message>
   <location filename="printing/orientation/orientation_search.py" />
   <source>the largest layer, which pulls most</source>
   <translation>die größte Schicht, die am meisten zieht</translation>
  </message>
  <message>
   <location filename="printing/orientation/orientation_search.py" />
   <source>sudden changes of layer, which leave lines</source>
   <translation>plötzliche Wechsel der Schicht, die Linien lassen</translation>
  </message>
  <message>
   <location filename="printing/orientation/orientation_search.py" />
   <source>places that begin in mid-air</source>
   <translation>Stellen, die mitten in der Luft beginnen</translation>
  </message>
  <message>
   <location filename="printing/orientation/orientation_search.py" />
   <source>hollows that suck on the film</source>
   <translation>Höhlungen, die an der Folie saugen</translation>
  </message>
  <message>
   <location filename="printing/orientation/orientation_search.py" />
   <source>thin sheets that lie level and curl</source>
   <translation>dünne Blätter, die waagrecht liegen und sich wellen</translation>
  </message>
  <message>
   <location filename="printing/orientation/orientation_search.py" />
   <source>hollows that keep resin as it hangs</source>
   <translation>Höhlungen, die Harz behalten, wie es hängt</translation>
  </message>
  <message>
   <location filename="printing/orientation/pose_measures.py" />
   <location filename="printing/orientation/pose_measures.py" />
   <location filename="printing/orientation/pose_measures.py" />
   <location filename="printing/preparation/headless.py" />
   <source>lies on its back</source>
   <translation>auf dem Rücken</translation>
  </message>
  <message>
   <location filename="printing/orientation/pose_measures.py" />
   <location filename="printing/preparation/as_supplied.py" />
   <source>as supplied</source>
   <translation>wie geliefert</translation>
  </message>
  <message>
   <location filename="printing/orientation/pose_measures.py" />
   <source>Uprights: best vertical detail, marks hide underneath, but tall and slow.</source>
   <translation>Die Aufrechten: beste senkrechte Einzelheiten, Male verborgen unten, aber hoch und langsam.</translation>
  </message>
  <message>
   <location filename="printing/orientation/pose_measures.py" />
   <source>Tilters: layer areas change slowly and lines break up; more to hold up.</source>
   <translation>Die Kipper: Schichtflächen ändern sich langsam, Linien brechen sich; mehr zu stützen.</translation>
  </message>
  <message>
   <location filename="printing/orientation/pose_measures.py" />
   <source>Back-layers: safest and shortest; costs detail on the side nobody sees.</source>
   <translation>Die Rückenleger: am sichersten und kürzesten; kostet Einzelheiten auf der Seite, die niemand sieht.</translation>
  </message>
  <message>
   <location filename="printing/orientation/pose_measures.py" />
   <source>As its designer supported it: measured on that copy, its marks where its supports touch the part.</source>
   <translation>Wie sein Entwerfer es stützte: an jener Kopie gemessen, seine Male, wo seine Stützen das Teil berühren.</translation>
  </message>
  <message>
   <location filename="printing/orientation/pose_measures.py" />
   <source>Measured: the least regret of all directions by the weights set here.</source>
   <translation>Gemessen: die geringste Reue aller Richtungen nach den hier gesetzten Gewichten.</translation>
  </message>
  <message>
   <location filename="printing/orientation/pose_measures.py" />
   <source>%1 mm² %2 scar on show</source>
   <translation>%1 mm² %2 sichtbare Male</translation>
  </message>
  <message>
   <location filename="printing/orientation/pose_measures.py" />
   <source>%1 mm² %2 of layer steps in sight</source>
   <translation>%1 mm² %2 sichtbare Schichtstufen</translation>
  </message>
  <message>
   <location filename="printing/orientation/pose_measures.py" />
   <source>no difference that matters</source>
   <translation>kein Unterschied von Belang</translation>
  </message>
  <message>
   <location filename="printing/orientation/preference_learning.py" />
   <source>Upright</source>
   <translation>Aufrecht</translation>
  </message>
  <message>
   <location filename="printing/orientation/preference_learning.py" />
   <source>Measure it</source>
   <translation>Messen</translation>
  </message>
  <message>
   <location filename="printing/orientation/preference_learning.py" />
   <source>Everything counts by what it costs you: marks in sight first, then work, steps and time.</source>
   <translation>Alles zählt nach dem, was es dich kostet: zuerst sichtbare Male, dann Arbeit, Stufen und Zeit.</translation>
  </message>
  <message>
   <location filename="printing/orientation/preference_learning.py" />
   <source>Best vertical detail: no steps on what is seen, marks hidden underneath. Costs height, which is time, and pillars.</source>
   <translation>Beste senkrechte Einzelheiten: keine Stufen auf dem Gesehenen, Male unten verborgen. Kostet Höhe, die Zeit ist, und Pfeiler.</translation>
  </message>
  <message>
   <location filename="printing/orientation/preference_learning.py" />
   <source>Tilt</source>
   <translation>Kippen</translation>
  </message>
  <message>
   <location filename="printing/orientation/preference_learning.py" />
   <source>Layers change slowly, pull stays low, nothing flat curls, cups drain. Costs more to hold up, steps on slopes.</source>
   <translation>Schichten ändern sich langsam, der Zug bleibt gering, nichts Flaches wellt sich, Saugkelche laufen leer. Kostet mehr zu stützen, Stufen auf Schrägen.</translation>
  </message>
  <message>
   <location filename="printing/orientation/preference_learning.py" />
   <source>On its back</source>
   <translation>Auf dem Rücken</translation>
  </message>
  <message>
   <location filename="printing/orientation/preference_learning.py" />
   <source>Shortest run, fewest beginnings in mid-air, marks on the side nobody sees. Costs that side, and room on the plate.</source>
   <translation>Kürzester Lauf, wenigste Anfänge in der Luft, Male auf der Seite, die niemand sieht. Kostet diese Seite und Platz auf der Platte.</translation>
  </message>
 </context>
 <context>
  <name>printing/plates</name>
  <message>
   <location filename="printing/plates/hand_layout.py" />
   <source>Round what is kept, %1 finds no room.</source>
   <translation>Um das Behaltene findet %1 keinen Platz.</translation>
  </message>
  <message>
   <location filename="printing/plates/hand_layout.py" />
   <source>Let something go first.</source>
   <translation>Lass zuerst etwas los.</translation>
  </message>
  <message>
   <location filename="printing/plates/hand_layout.py" />
   <source>lies over the edge</source>
   <translation>liegt über dem Rand</translation>
  </message>
  <message>
   <location filename="printing/plates/hand_layout.py" />
   <source>lies on a weak spot</source>
   <translation>liegt auf einer schwachen Stelle</translation>
  </message>
  <message>
   <location filename="printing/plates/hand_layout.py" />
   <source>lies over another part</source>
   <translation>liegt über einem anderen Teil</translation>
  </message>
  <message>
   <location filename="printing/plates/hand_layout.py" />
   <source>There %1 %2.</source>
   <translation>Dort %2 %1.</translation>
  </message>
  <message>
   <location filename="printing/plates/one_by_one.py" />
   <source>one part stands alone</source>
   <translation>ein Teil steht allein</translation>
  </message>
  <message>
   <location filename="printing/plates/one_by_one.py" />
   <source>a part %1 mm tall would stand in the way of a gantry that clears %2</source>
   <translation>ein Teil von %1 mm Höhe stünde einer Brücke im Weg, die %2 frei braucht</translation>
  </message>
  <message>
   <location filename="printing/plates/one_by_one.py" />
   <source>parts stand %1 mm apart, the head needs %2</source>
   <translation>Teile stehen %1 mm auseinander, der Kopf braucht %2</translation>
  </message>
  <message>
   <location filename="printing/plates/one_by_one.py" />
   <source>the head clears all that is finished, the lowest first</source>
   <translation>der Kopf kommt an allem Fertigen vorbei, das niedrigste zuerst</translation>
  </message>
  <message>
   <location filename="printing/plates/packing.py" />
   <source>Part %1</source>
   <translation>Teil %1</translation>
  </message>
  <message>
   <location filename="printing/plates/packing.py" />
   <source>%1 stands %2 mm; %3 has %4.</source>
   <translation>%1 ist %2 mm hoch; %3 hat %4.</translation>
  </message>
  <message>
   <location filename="printing/plates/packing.py" />
   <source>Tilt it, or cut it.</source>
   <translation>Kipp es oder schneid es.</translation>
  </message>
  <message>
   <location filename="printing/plates/packing.py" />
   <source>%1 is larger than the plate of %2.</source>
   <translation>%1 ist größer als die Platte von %2.</translation>
  </message>
  <message>
   <location filename="printing/plates/packing.py" />
   <source>Choose a lower pose, another machine, or cut the part.</source>
   <translation>Wähle eine niedrigere Lage, eine andere Maschine oder schneide das Teil.</translation>
  </message>
 </context>
 <context>
  <name>printing/preparation</name>
  <message numerus="yes">
   <location filename="printing/preparation/as_supplied.py" />
   <source>%n island(s)</source>
   <translation>
    <numerusform>%n Insel</numerusform>
    <numerusform>%n Inseln</numerusform>
   </translation>
  </message>
  <message>
   <location filename="printing/preparation/as_supplied.py" />
   <source>a cup seals %1 mm²</source>
   <translation>ein Saugkelch verschließt %1 mm²</translation>
  </message>
  <message>
   <location filename="printing/preparation/as_supplied.py" />
   <source>its supports hold %1 times the pull</source>
   <translation>seine Stützen halten das %1-Fache des Zugs</translation>
  </message>
  <message>
   <location filename="printing/preparation/posed_and_supported.py" />
   <source>%1 islands left</source>
   <translation>%1 Inseln bleiben</translation>
  </message>
  <message>
   <location filename="printing/preparation/support_editing.py" />
   <source>A tip holds from below; the skin looks up there.</source>
   <translation>Eine Spitze hält von unten; die Haut blickt dort nach oben.</translation>
  </message>
  <message>
   <location filename="printing/preparation/support_editing.py" />
   <source>Click an underside.</source>
   <translation>Klick eine Unterseite.</translation>
  </message>
  <message>
   <location filename="printing/preparation/support_editing.py" />
   <source>No pillar can be brought to that place.</source>
   <translation>Zu dieser Stelle lässt sich kein Pfeiler führen.</translation>
  </message>
  <message>
   <location filename="printing/preparation/support_editing.py" />
   <source>Try a place nearer the edge, or another pose.</source>
   <translation>Versuch eine Stelle näher am Rand oder eine andere Lage.</translation>
  </message>
 </context>
 <context>
  <name>printing/runs</name>
  <message>
   <location filename="printing/runs/vat.py" />
   <source>runs low after %1: someone must fill it up</source>
   <translation>geht nach %1 zur Neige: jemand muss sie auffüllen</translation>
  </message>
  <message>
   <location filename="printing/runs/vat.py" />
   <source>nothing is known of it; %1</source>
   <translation>nichts ist von ihr bekannt; %1</translation>
  </message>
  <message>
   <location filename="printing/runs/vat.py" />
   <source>%1 stand in it%2; %3</source>
   <translation>%1 stehen darin%2; %3</translation>
  </message>
  <message>
   <location filename="printing/runs/vat.py" />
   <source>, pour in %1</source>
   <translation>, gieß %1 nach</translation>
  </message>
 </context>
 <context>
  <name>printing/supports</name>
  <message>
   <location filename="printing/supports/style.py" />
   <source>Fewest and finest tips, small feet: little to file, little to spare if the resin is cold or the film tired.</source>
   <translation>Wenigste und feinste Spitzen, kleine Füße: wenig zu feilen, wenig Reserve, wenn das Harz kalt oder die Folie müde ist.</translation>
  </message>
  <message>
   <location filename="printing/supports/style.py" />
   <source>Tips hold a fifth more than the film pulls; a raft with an edge for the scraper.</source>
   <translation>Spitzen halten ein Fünftel mehr, als die Folie zieht; ein Floß mit Kante für den Schaber.</translation>
  </message>
  <message>
   <location filename="printing/supports/style.py" />
   <source>For plastic: thick posts far apart, snapped off cold. Nothing pulls at the part; they carry what would droop.</source>
   <translation>Für Kunststoff: dicke Pfosten weit auseinander, kalt abgebrochen. Nichts zieht am Teil; sie tragen, was durchhinge.</translation>
  </message>
  <message>
   <location filename="printing/supports/style.py" />
   <source>Tips hold more than half again as much, closer together: for costly parts, a worn film, a cold room.</source>
   <translation>Spitzen halten mehr als das Anderthalbfache, dichter beieinander: für teure Teile, eine verschlissene Folie, einen kalten Raum.</translation>
  </message>
 </context>
 <context>
  <name>progress</name>
  <message>
   <location filename="progress/army_page.py" />
   <source>An army</source>
   <translation>Eine Armee</translation>
  </message>
  <message>
   <location filename="progress/army_page.py" />
   <source>, to be ready by %1</source>
   <translation>, fertig bis %1</translation>
  </message>
  <message>
   <location filename="progress/army_page.py" />
   <source>%1, %2 of %3 ready, %4 of hands so far%5</source>
   <translation>%1, %2 von %3 fertig, bisher %4 Handarbeit%5</translation>
  </message>
  <message>
   <location filename="progress/bits.py" />
   <source>%1%2 could take it before anything is printed</source>
   <translation>%1%2 könnte es nehmen, bevor etwas gedruckt wird</translation>
  </message>
  <message>
   <location filename="progress/bits.py" />
   <source>good for another army, or as base dressing</source>
   <translation>gut für eine andere Armee oder als Schmuck einer Base</translation>
  </message>
  <message>
   <location filename="progress/bits.py" />
   <source>test piece, scatter, base dressing</source>
   <translation>Teststück, Streu, Schmuck einer Base</translation>
  </message>
  <message>
   <location filename="progress/bits.py" />
   <source>%1 good, %2 failed</source>
   <translation>%1 gut, %2 misslungen</translation>
  </message>
  <message>
   <location filename="progress/bits.py" />
   <source>The box is empty: spares that are printed and not needed come here by themselves.</source>
   <translation>Die Kiste ist leer: Ersatz, der gedruckt und nicht gebraucht ist, kommt von selbst hierher.</translation>
  </message>
  <message>
   <location filename="progress/choosing.py" />
   <source>Bought figure</source>
   <translation>Gekaufte Figur</translation>
  </message>
  <message>
   <location filename="progress/choosing.py" />
   <source>Height, mm</source>
   <translation>Höhe, mm</translation>
  </message>
  <message>
   <location filename="progress/choosing.py" />
   <source>%1 has no parts.</source>
   <translation>%1 hat keine Teile.</translation>
  </message>
  <message>
   <location filename="progress/choosing.py" />
   <source>Add its files first.</source>
   <translation>Füge zuerst seine Dateien hinzu.</translation>
  </message>
  <message>
   <location filename="progress/choosing.py" />
   <source>Row %1: an outline has a name, a height and a base.</source>
   <translation>Zeile %1: ein Umriss hat einen Namen, eine Höhe und eine Base.</translation>
  </message>
  <message>
   <location filename="progress/shopping.py" />
   <source>first used %1, %2 times by %3</source>
   <translation>zuerst gebraucht %1, %2-mal bis %3</translation>
  </message>
  <message>
   <location filename="progress/shopping.py" />
   <source>count what there is</source>
   <translation>zähl, was da ist</translation>
  </message>
  <message>
   <location filename="progress/shopping.py" />
   <source>%1 of %2 ml</source>
   <translation>%1 von %2 ml</translation>
  </message>
  <message>
   <location filename="progress/shopping.py" />
   <source>weigh it first</source>
   <translation>wieg ihn zuerst</translation>
  </message>
  <message>
   <location filename="progress/shopping.py" />
   <source>%1 paint with it</source>
   <translation>%1 malen damit</translation>
  </message>
  <message>
   <location filename="progress/standing.py" />
   <source>%1 not posed</source>
   <translation>%1 nicht ausgerichtet</translation>
  </message>
  <message>
   <location filename="progress/standing.py" />
   <source>nothing to print</source>
   <translation>nichts zu drucken</translation>
  </message>
  <message>
   <location filename="progress/standing.py" />
   <source>%1 failed, owed again</source>
   <translation>%1 misslungen, fehlen wieder</translation>
  </message>
  <message>
   <location filename="progress/standing.py" />
   <source>%1 on no plate</source>
   <translation>%1 auf keiner Platte</translation>
  </message>
  <message>
   <location filename="progress/standing.py" />
   <source>waits for a run</source>
   <translation>wartet auf einen Lauf</translation>
  </message>
  <message>
   <location filename="progress/standing.py" />
   <source>is printing</source>
   <translation>wird gedruckt</translation>
  </message>
  <message>
   <location filename="progress/standing.py" />
   <source>all parts cured</source>
   <translation>alle Teile gehärtet</translation>
  </message>
  <message>
   <location filename="progress/standing.py" />
   <source>%1 of %2 strokes</source>
   <translation>%1 von %2 Aufträgen</translation>
  </message>
  <message>
   <location filename="progress/standing.py" />
   <source>%1: zones not named</source>
   <translation>%1: Zonen nicht benannt</translation>
  </message>
  <message>
   <location filename="progress/standing.py" />
   <source>Nothing of this kit was printed yet.</source>
   <translation>Von diesem Bausatz wurde noch nichts gedruckt.</translation>
  </message>
  <message>
   <location filename="progress/standing.py" />
   <source>Of %1 parts printed so far %2 were good, %3 flawed, %4 failed.</source>
   <translation>Von bisher %1 gedruckten Teilen waren %2 gut, %3 fehlerhaft, %4 misslungen.</translation>
  </message>
  <message>
   <location filename="progress/stores.py" />
   <source>look into the vat for cured flakes, run a clean scraper of plastic through it</source>
   <translation>sieh die Wanne nach gehärteten Flocken durch, fahr mit einem sauberen Kunststoffschaber durch</translation>
  </message>
  <message>
   <location filename="progress/stores.py" />
   <source>No run has ended by itself yet to hold its estimate against.</source>
   <translation>Noch ist kein Lauf von selbst zu Ende gegangen, an dem seine Schätzung zu messen wäre.</translation>
  </message>
  <message>
   <location filename="progress/stores.py" />
   <source>; resin %1</source>
   <translation>; Harz %1</translation>
  </message>
  <message>
   <location filename="progress/stores.py" />
   <source>Runs take %1 what is estimated%2.</source>
   <translation>Läufe dauern %1 des Geschätzten%2.</translation>
  </message>
 </context>
 <context>
  <name>progress/figure_records</name>
  <message>
   <location filename="progress/figure_records/breakage.py" />
   <source>glue it again</source>
   <translation>wieder kleben</translation>
  </message>
  <message>
   <location filename="progress/figure_records/breakage.py" />
   <source>pin and glue it</source>
   <translation>verstiften und kleben</translation>
  </message>
  <message>
   <location filename="progress/figure_records/breakage.py" />
   <source>print it again</source>
   <translation>noch einmal drucken</translation>
  </message>
  <message>
   <location filename="progress/figure_records/breakage.py" />
   <source>, %1 of resin</source>
   <translation>, %1 Harz</translation>
  </message>
  <message>
   <location filename="progress/figure_records/breakage.py" />
   <source>; %1 on it again, no other</source>
   <translation>; noch einmal %1, kein anderer</translation>
  </message>
  <message>
   <location filename="progress/figure_records/breakage.py" />
   <source>; no stroke is lost</source>
   <translation>; kein Auftrag geht verloren</translation>
  </message>
  <message>
   <location filename="progress/figure_records/breakage.py" />
   <source>%1: %2%3. About %4 of hands%5.</source>
   <translation>%1: %2%3. Etwa %4 Handarbeit%5.</translation>
  </message>
  <message>
   <location filename="progress/figure_records/breakage.py" />
   <source>its %1 is owed again, from a spare if one lies ready</source>
   <translation>%1 fehlt wieder, aus Ersatz, wenn einer bereitliegt</translation>
  </message>
  <message>
   <location filename="progress/figure_records/breakage.py" />
   <source>its %1 is glued on again %2</source>
   <translation>%1 wird wieder angeklebt, %2</translation>
  </message>
  <message>
   <location filename="progress/figure_records/breakage.py" />
   <source>before it is ready</source>
   <translation>bevor sie bereit ist</translation>
  </message>
  <message>
   <location filename="progress/figure_records/breakage.py" />
   <source>at Build, before painting goes on</source>
   <translation>bei Bauen, bevor das Bemalen weitergeht</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>not painted</source>
   <translation>nicht bemalt</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>reach in with a long thin brush</source>
   <translation>mit einem langen dünnen Pinsel hinein</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>steady both hands</source>
   <translation>beide Hände abstützen</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>scrape, prime and paint the spot</source>
   <translation>die Stelle schaben, grundieren und bemalen</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>a blade, away from fingers</source>
   <translation>eine Klinge, weg von den Fingern</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>varnish makes it shine</source>
   <translation>Lack lässt es glänzen</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>run thin glue in, paint the spot</source>
   <translation>dünnen Kleber einlaufen lassen, die Stelle bemalen</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>glue fogs varnish: before it</source>
   <translation>Kleber trübt Lack: davor</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>shaded dark it reads as a fold</source>
   <translation>dunkel abgetönt wirkt es wie eine Falte</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>glaze the mid-tone over it</source>
   <translation>den Mittelton darüberlasieren</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>thin, or it fills detail</source>
   <translation>dünn, sonst füllt es Einzelheiten</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>matt varnish quiets it</source>
   <translation>Mattlack beruhigt es</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>skin of no zone: it is still primer</source>
   <translation>Haut ohne Zone: sie ist noch Grundierung</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>%1: no recipe paints it</source>
   <translation>%1: kein Rezept bemalt es</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>%1: %2 missing</source>
   <translation>%1: %2 fehlt</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>paint it now</source>
   <translation>jetzt bemalen</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>before varnish</source>
   <translation>vor dem Lack</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>it stays as it is</source>
   <translation>es bleibt, wie es ist</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>%1, %2 cm²</source>
   <translation>%1, %2 cm²</translation>
  </message>
  <message>
   <location filename="progress/figure_records/last_look.py" />
   <source>%1, %2 mm²</source>
   <translation>%1, %2 mm²</translation>
  </message>
  <message>
   <location filename="progress/figure_records/lessons.py" />
   <source>Building</source>
   <translation>Bauen</translation>
  </message>
  <message>
   <location filename="progress/figure_records/lessons.py" />
   <source>Priming</source>
   <translation>Grundieren</translation>
  </message>
  <message>
   <location filename="progress/figure_records/lessons.py" />
   <source>Painting</source>
   <translation>Bemalen</translation>
  </message>
  <message>
   <location filename="progress/figure_records/lessons.py" />
   <source>Finishing</source>
   <translation>Vollenden</translation>
  </message>
  <message>
   <location filename="progress/figure_records/lessons.py" />
   <source>as planned</source>
   <translation>wie geplant</translation>
  </message>
  <message>
   <location filename="progress/figure_records/lessons.py" />
   <source>%1 times as long as planned</source>
   <translation>%1-mal so lang wie geplant</translation>
  </message>
  <message>
   <location filename="progress/figure_records/lessons.py" />
   <source>%1 for %2, %3 measured</source>
   <translation>%1 für %2, %3 gemessen</translation>
  </message>
  <message>
   <location filename="progress/figure_records/lessons.py" />
   <source>%1 took %2: %3.</source>
   <translation>%1 dauerte %2: %3.</translation>
  </message>
  <message>
   <location filename="progress/figure_records/lessons.py" />
   <source>No minutes were measured: nothing is known of how estimates held.</source>
   <translation>Keine Minuten wurden gemessen: wie Schätzungen hielten, ist nicht bekannt.</translation>
  </message>
  <message>
   <location filename="progress/figure_records/lessons.py" />
   <source>%1 of %2 failed.</source>
   <translation>%1 von %2 misslungen.</translation>
  </message>
  <message>
   <location filename="progress/figure_records/lessons.py" />
   <source>Broke later: %1.</source>
   <translation>Später gebrochen: %1.</translation>
  </message>
  <message>
   <location filename="progress/figure_records/lessons.py" />
   <source>Next time: %1 (%2, %3)</source>
   <translation>Nächstes Mal: %1 (%2, %3)</translation>
  </message>
  <message>
   <location filename="progress/figure_records/lessons.py" />
   <source>a unit that is gone</source>
   <translation>eine Einheit, die weg ist</translation>
  </message>
  <message>
   <location filename="progress/figure_records/lessons.py" />
   <source>  And %1 more.</source>
   <translation>  Und %1 mehr.</translation>
  </message>
  <message>
   <location filename="progress/figure_records/photographs.py" />
   <source>A plain ground, two lamps of the same light or a window, none of it mixed</source>
   <translation>Ein schlichter Grund, zwei gleiche Lampen oder ein Fenster, nichts davon gemischt</translation>
  </message>
  <message>
   <location filename="progress/figure_records/photographs.py" />
   <source>A grey card beside the figure, in the same light</source>
   <translation>Eine Graukarte neben der Figur, im selben Licht</translation>
  </message>
  <message>
   <location filename="progress/figure_records/photographs.py" />
   <source>The lens at the height of the chest, an arm's length away</source>
   <translation>Das Objektiv auf Brusthöhe, eine Armlänge entfernt</translation>
  </message>
  <message>
   <location filename="progress/figure_records/photographs.py" />
   <source>Front, side and back, the figure turned and not the lamps</source>
   <translation>Vorn, Seite und Rücken; die Figur wird gedreht, nicht die Lampen</translation>
  </message>
  <message>
   <location filename="progress/figure_records/photographs.py" />
   <source>A kept photograph cannot be read.</source>
   <translation>Ein behaltenes Foto ist nicht zu lesen.</translation>
  </message>
  <message>
   <location filename="progress/figure_records/photographs.py" />
   <source>Attach it again.</source>
   <translation>Häng es noch einmal an.</translation>
  </message>
  <message>
   <location filename="progress/figure_records/primer_hold.py" />
   <source>%1 held on %2 of %3 (rubs off %4 to %5)</source>
   <translation>%1 hielt an %2 von %3 (reibt sich ab %4 bis %5)</translation>
  </message>
  <message>
   <location filename="progress/figure_records/primer_hold.py" />
   <source>This figure was not primed yet.</source>
   <translation>Diese Figur wurde noch nicht grundiert.</translation>
  </message>
  <message>
   <location filename="progress/figure_records/primer_hold.py" />
   <source>Choose one that was in the roll.</source>
   <translation>Wähle eine, die in der Rolle war.</translation>
  </message>
 </context>
 <context>
  <name>progress/forecasting</name>
  <message>
   <location filename="progress/forecasting/campaigns.py" />
   <source>again%1</source>
   <translation>wieder%1</translation>
  </message>
  <message>
   <location filename="progress/forecasting/campaigns.py" />
   <source>Trial</source>
   <translation>Versuch</translation>
  </message>
  <message>
   <location filename="progress/forecasting/capacity.py" />
   <location filename="progress/planning/bench_tasks.py" />
   <source>No hobby time is set aside on any day.</source>
   <translation>An keinem Tag ist Hobbyzeit zurückgelegt.</translation>
  </message>
  <message>
   <location filename="progress/forecasting/capacity.py" />
   <location filename="progress/planning/bench_tasks.py" />
   <source>Set hours in the army's week.</source>
   <translation>Setze Stunden in der Woche der Armee.</translation>
  </message>
  <message>
   <location filename="progress/forecasting/forecast.py" />
   <location filename="progress/planning/bench_tasks.py" />
   <source>There is no army in this book yet.</source>
   <translation>In diesem Buch ist noch keine Armee.</translation>
  </message>
  <message>
   <location filename="progress/forecasting/forecast.py" />
   <location filename="progress/planning/bench_tasks.py" />
   <source>Start one with Army, New army.</source>
   <translation>Beginne eine mit Armee, Neue Armee.</translation>
  </message>
  <message>
   <location filename="progress/forecasting/forecast.py" />
   <source>No chances yet: the army has no figure.</source>
   <translation>Noch keine Chancen: die Armee hat keine Figur.</translation>
  </message>
  <message>
   <location filename="progress/forecasting/forecast.py" />
   <source>Add a unit with figures.</source>
   <translation>Füge eine Einheit mit Figuren hinzu.</translation>
  </message>
  <message>
   <location filename="progress/forecasting/forecast.py" />
   <source>No chances yet: no figure has parts, so nothing of their work is counted.</source>
   <translation>Noch keine Chancen: keine Figur hat Teile, also ist nichts von ihrer Arbeit gezählt.</translation>
  </message>
  <message>
   <location filename="progress/forecasting/forecast.py" />
   <source>Bring their files in at Sort and fill the builds.</source>
   <translation>Lies ihre Dateien bei Sortieren ein und fülle den Aufbau.</translation>
  </message>
  <message>
   <location filename="progress/forecasting/levers.py" />
   <source>, learned</source>
   <translation>, gelernt</translation>
  </message>
  <message>
   <location filename="progress/forecasting/levers.py" />
   <source>Minutes a stroke takes</source>
   <translation>Minuten je Auftrag</translation>
  </message>
  <message>
   <location filename="progress/forecasting/levers.py" />
   <source>Minutes building takes</source>
   <translation>Minuten beim Bauen</translation>
  </message>
  <message>
   <location filename="progress/forecasting/levers.py" />
   <source>Evenings kept%1</source>
   <translation>Gehaltene Abende%1</translation>
  </message>
  <message>
   <location filename="progress/forecasting/levers.py" />
   <source>%1–%2 a week</source>
   <translation>%1–%2 die Woche</translation>
  </message>
  <message>
   <location filename="progress/forecasting/levers.py" />
   <source>Failed parts</source>
   <translation>Misslungene Teile</translation>
  </message>
  <message>
   <location filename="progress/forecasting/levers.py" />
   <source>Machine kept busy</source>
   <translation>Maschine beschäftigt</translation>
  </message>
  <message>
   <location filename="progress/forecasting/levers.py" />
   <source>%1–%2 h a day</source>
   <translation>%1–%2 h am Tag</translation>
  </message>
  <message>
   <location filename="progress/forecasting/levers.py" />
   <source>%1 of evenings fit</source>
   <translation>%1 der Abende gut</translation>
  </message>
  <message>
   <location filename="progress/forecasting/levers.py" />
   <source>Weather for the can</source>
   <translation>Wetter für die Dose</translation>
  </message>
  <message>
   <location filename="progress/forecasting/levers.py" />
   <source>%1–%2 × plan</source>
   <translation>%1–%2 × Plan</translation>
  </message>
  <message>
   <location filename="progress/forecasting/levers.py" />
   <source>As planned</source>
   <translation>Wie geplant</translation>
  </message>
  <message>
   <location filename="progress/forecasting/levers.py" />
   <source>%1 + an evening</source>
   <translation>%1 + ein Abend</translation>
  </message>
  <message>
   <location filename="progress/forecasting/levers.py" />
   <source>One more evening a week</source>
   <translation>Ein Abend mehr die Woche</translation>
  </message>
  <message>
   <location filename="progress/forecasting/levers.py" />
   <source>%1 later</source>
   <translation>%1 später</translation>
  </message>
  <message>
   <location filename="progress/forecasting/levers.py" />
   <source>Ranks %1</source>
   <translation>Reihen %1</translation>
  </message>
 </context>
 <context>
  <name>progress/pace</name>
  <message>
   <location filename="progress/pace/day_pace.py" />
   <source>The first figure of a stroke takes</source>
   <translation>Die erste Figur eines Auftrags dauert</translation>
  </message>
  <message>
   <location filename="progress/pace/day_pace.py" />
   <source>Two hours into an evening a stroke takes</source>
   <translation>Zwei Stunden in den Abend dauert ein Auftrag</translation>
  </message>
  <message>
   <location filename="progress/pace/day_pace.py" />
   <source>%1 %2 times as long (%3 to %4).</source>
   <translation>%1 %2-mal so lang (%3 bis %4).</translation>
  </message>
  <message>
   <location filename="progress/pace/rates.py" />
   <source>%1 %2 times as told (%3 to %4), %5 measured</source>
   <translation>%1 %2-mal so viel wie gesagt (%3 bis %4), %5 gemessen</translation>
  </message>
 </context>
 <context>
  <name>progress/painting</name>
  <message>
   <location filename="progress/painting/mixes.py" />
   <source> since %1</source>
   <translation> seit %1</translation>
  </message>
  <message>
   <location filename="progress/painting/mixes.py" />
   <source>%1 %2 it as it was</source>
   <translation>%1 %2 ihn, wie er war</translation>
  </message>
  <message>
   <location filename="progress/painting/mixes.py" />
   <source>%1 is poured otherwise%2%3: %4, %5 to come.</source>
   <translation>%1 wird anders gegossen%2%3: %4, %5 kommen noch.</translation>
  </message>
  <message>
   <location filename="progress/painting/mixes.py" />
   <source>%1 ml are left over: a coat for %2.</source>
   <translation>%1 ml bleiben übrig: eine Lage für %2.</translation>
  </message>
  <message numerus="yes">
   <location filename="progress/painting/mixes.py" />
   <source>%n base(s)</source>
   <translation>
    <numerusform>%n Base</numerusform>
    <numerusform>%n Bases</numerusform>
   </translation>
  </message>
  <message>
   <location filename="progress/painting/paint_stock.py" />
   <source>Any %1</source>
   <translation>Beliebig: %1</translation>
  </message>
  <message>
   <location filename="progress/painting/painting_line.py" />
   <source>part %1 of %2, more than one evening holds</source>
   <translation>Teil %1 von %2, mehr als ein Abend fasst</translation>
  </message>
 </context>
 <context>
  <name>progress/planning</name>
  <message>
   <location filename="progress/planning/bench_plan.py" />
   <location filename="schedule/hand_walk.py" />
   <source>The evenings planned do not hold all of this.</source>
   <translation>Die geplanten Abende fassen nicht alles davon.</translation>
  </message>
  <message>
   <location filename="progress/planning/bench_plan.py" />
   <location filename="schedule/hand_plan.py" />
   <source>Set more hobby time aside.</source>
   <translation>Leg mehr Hobbyzeit zurück.</translation>
  </message>
  <message>
   <location filename="progress/planning/bench_tasks.py" />
   <source>plate %1</source>
   <translation>Platte %1</translation>
  </message>
  <message>
   <location filename="progress/planning/bench_tasks.py" />
   <source>screen %1</source>
   <translation>Bildschirm %1</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <source>Lift</source>
   <translation>Abheben</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <source>Start</source>
   <translation>Starten</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <location filename="schedule/run_queue.py" />
   <source>someone is there when it ends</source>
   <translation>jemand ist da, wenn es endet</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <source>as the watch bill has it</source>
   <translation>wie der Wachplan es hat</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <source>from the pot in hand</source>
   <translation>aus dem Topf zur Hand</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <source>from one pot</source>
   <translation>aus einem Topf</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <source>%1 %2, dries %3</source>
   <translation>%1 %2, trocknet %3</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <source>%1: stop where a colour ends</source>
   <translation>%1: hör auf, wo eine Farbe endet</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <source>Fill builds</source>
   <translation>Aufbau füllen</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <location filename="progress/planning/task_kinds.py" />
   <source>Choose poses</source>
   <translation>Lagen wählen</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <source>Fill plates</source>
   <translation>Platten füllen</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <source>a machine waits for what is not on a plate</source>
   <translation>eine Maschine wartet auf das, was auf keiner Platte ist</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <location filename="progress/planning/task_kinds.py" />
   <source>Wash</source>
   <translation>Waschen</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <source>Supports off, cure</source>
   <translation>Stützen ab, härten</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <location filename="progress/planning/task_kinds.py" />
   <source>Supports and strings off</source>
   <translation>Stützen und Fäden ab</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <source>before they are built</source>
   <translation>bevor sie gebaut werden</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <source>wet parts cannot wait</source>
   <translation>nasse Teile können nicht warten</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <source>its glue dries overnight</source>
   <translation>sein Kleber trocknet über Nacht</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <location filename="progress/planning/task_kinds.py" />
   <source>Build %1</source>
   <translation>%1 bauen</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <source>Prime %1, %2</source>
   <translation>%1 grundieren, %2</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <source>set up once for all of them</source>
   <translation>einmal für alle aufgebaut</translation>
  </message>
  <message>
   <location filename="progress/planning/evening_pieces.py" />
   <source>dries %1</source>
   <translation>trocknet %1</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>%1, ended %2</source>
   <translation>%1, zu Ende %2</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <location filename="progress/planning/task_kinds.py" />
   <source>Lift the plate, %1</source>
   <translation>Die Platte abheben, %1</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>Cooled down, a flexible sheet bent or a spatula</source>
   <translation>Abgekühlt, ein biegsames Blech gebogen oder ein Spachtel</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>Scraper, tray, gloves</source>
   <translation>Schaber, Schale, Handschuhe</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>%1 g, %2 m of dry filament</source>
   <translation>%1 g, %2 m trockenes Filament</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>bed wiped, first layer watched</source>
   <translation>Bett gewischt, erste Schicht beobachtet</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>%1 ml of resin</source>
   <translation>%1 ml Harz</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>vat checked for flakes</source>
   <translation>Wanne auf Flocken geprüft</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>the machine</source>
   <translation>die Maschine</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>, %1 swirled</source>
   <translation>, %1 geschwenkt</translation>
  </message>
  <message numerus="yes">
   <location filename="progress/planning/task_kinds.py" />
   <source>%n hollow one(s)</source>
   <translation>
    <numerusform>%n hohles</numerusform>
    <numerusform>%n hohle</numerusform>
   </translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>%1%2: dirty bath, clean bath, dry</source>
   <translation>%1%2: schmutziges Bad, sauberes Bad, trocknen</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>Two baths, towel</source>
   <translation>Zwei Bäder, Tuch</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>Two baths, basket, towel</source>
   <translation>Zwei Bäder, Korb, Tuch</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>Wash %1</source>
   <translation>%1 waschen</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>, %1 of them after it</source>
   <translation>, %1 davon nach ihr</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>%1, %2%3, two sides under the lamp</source>
   <translation>%1, %2%3, zwei Seiten unter der Lampe</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>Supports off and cure %1</source>
   <translation>Stützen ab, %1 härten</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>Warm water, cutters, lamp</source>
   <translation>Warmes Wasser, Seitenschneider, Lampe</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>Supports off and cure</source>
   <translation>Stützen ab und härten</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>when it is there</source>
   <translation>wenn es da ist</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>%1, likely ended by then</source>
   <translation>%1, bis dahin wohl zu Ende</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>Start %1</source>
   <translation>%1 starten</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>Fill the builds</source>
   <translation>Den Aufbau füllen</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>Put owed parts on plates</source>
   <translation>Fehlende Teile auf Platten legen</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>%1: %2, dry fit first</source>
   <translation>%1: %2, zuerst trocken anpassen</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>Glue, files, putty</source>
   <translation>Kleber, Feilen, Spachtel</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>; on sticks: %1</source>
   <translation>; auf Stäben: %1</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>%1, %2 by %3, two thin coats%4</source>
   <translation>%1, %2 mit %3, zwei dünne Lagen%4</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>Prime %1</source>
   <translation>%1 grundieren</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>Holder, mask</source>
   <translation>Halter, Maske</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>%1, dries %2 min</source>
   <translation>%1, trocknet %2 min</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>left open: %1; nothing of it is painted before</source>
   <translation>offen gelassen: %1; vorher wird nichts davon bemalt</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>Decide the colour of %1</source>
   <translation>Die Farbe von %1 entscheiden</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>%1: stop where a colour ends, tick it after the last; %2</source>
   <translation>%1: hör auf, wo eine Farbe endet, hake es nach der letzten ab; %2</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <location filename="trainer/bench_time.py" />
   <source>dries %1 min</source>
   <translation>trocknet %1 min</translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>; the same for %1 to come, %2</source>
   <translation>; dasselbe für %1, die noch kommen, %2</translation>
  </message>
  <message numerus="yes">
   <location filename="progress/planning/task_kinds.py" />
   <source>%n more session(s)</source>
   <translation>
    <numerusform>%n weitere Sitzung</numerusform>
    <numerusform>%n weitere Sitzungen</numerusform>
   </translation>
  </message>
  <message>
   <location filename="progress/planning/task_kinds.py" />
   <source>a paint of it is gone</source>
   <translation>eine Farbe davon fehlt</translation>
  </message>
 </context>
 <context>
  <name>progress/printing</name>
  <message>
   <location filename="progress/printing/batching.py" />
   <source>%1, %2 of machine</source>
   <translation>%1, %2 Maschine</translation>
  </message>
  <message numerus="yes">
   <location filename="progress/printing/batching.py" />
   <source>%n change(s)</source>
   <translation>
    <numerusform>%n Wechsel</numerusform>
    <numerusform>%n Wechsel</numerusform>
   </translation>
  </message>
  <message>
   <location filename="progress/printing/batching.py" />
   <source>%1%2: %3%4 less than unit after unit.</source>
   <translation>%1%2: %3%4 weniger als Einheit nach Einheit.</translation>
  </message>
  <message>
   <location filename="progress/printing/batching.py" />
   <source>Every posed part of this unit lies on a plate or is printed, or is of what these machines do not print with.</source>
   <translation>Jedes ausgerichtete Teil dieser Einheit liegt auf einer Platte, ist gedruckt oder aus etwas, womit diese Maschinen nicht drucken.</translation>
  </message>
  <message>
   <location filename="progress/printing/batching.py" />
   <source>Unposed parts wait at Pose.</source>
   <translation>Nicht ausgerichtete Teile warten bei Ausrichten.</translation>
  </message>
  <message>
   <location filename="progress/printing/looking.py" />
   <source>No look before it ends is worth its minutes, by what failed so far.</source>
   <translation>Kein Blick vor dem Ende ist seine Minuten wert, nach dem, was bisher misslang.</translation>
  </message>
  <message>
   <location filename="progress/printing/looking.py" />
   <source>Look at %1: by then one such plate in %2 has lost a part; stopping it there saves %3, on the mean %4.</source>
   <translation>Sieh um %1 nach: bis dahin hat eine solche Platte von %2 ein Teil verloren; sie dort anzuhalten spart %3, im Mittel %4.</translation>
  </message>
  <message>
   <location filename="progress/printing/plating.py" />
   <source>%1 on it was changed and has no pose now: pose it at Pose, then lay the plate anew</source>
   <translation>%1 darauf wurde geändert und hat jetzt keine Lage: richte es bei Ausrichten aus, dann leg die Platte neu</translation>
  </message>
  <message>
   <location filename="progress/printing/plating.py" />
   <source>%1 on it is to be %2: lay the plate anew</source>
   <translation>%1 darauf soll %2 sein: leg die Platte neu</translation>
  </message>
  <message>
   <location filename="progress/printing/plating.py" />
   <source>%1 mm, %2 ml</source>
   <translation>%1 mm, %2 ml</translation>
  </message>
  <message>
   <location filename="progress/printing/plating.py" />
   <source>parts on it were posed anew since it was laid (%1; now %2): lay it anew</source>
   <translation>Teile darauf wurden neu ausgerichtet, seit sie gelegt wurde (%1; jetzt %2): leg sie neu</translation>
  </message>
 </context>
 <context>
  <name>schedule</name>
  <message>
   <location filename="schedule/attendance.py" />
   <source>Nobody is ever at home and awake in this week.</source>
   <translation>In dieser Woche ist nie jemand zu Hause und wach.</translation>
  </message>
  <message>
   <location filename="schedule/attendance.py" />
   <source>Set the hours in the army's week.</source>
   <translation>Setze die Stunden in der Woche der Armee.</translation>
  </message>
  <message>
   <location filename="schedule/calendar_file.py" />
   <source>%1-run</source>
   <translation>%1-run</translation>
  </message>
  <message>
   <location filename="schedule/calendar_file.py" />
   <source>Take off %1</source>
   <translation>%1 abnehmen</translation>
  </message>
  <message>
   <location filename="schedule/calendar_file.py" />
   <source>Gloves; mind the drips; check the vat for cured flakes before the next run.</source>
   <translation>Handschuhe; achte auf Tropfen; sieh die Wanne vor dem nächsten Lauf nach gehärteten Flocken durch.</translation>
  </message>
  <message>
   <location filename="schedule/calendar_file.py" />
   <source>%1-off</source>
   <translation>%1-off</translation>
  </message>
  <message>
   <location filename="schedule/calendar_file.py" />
   <source>%1@numerus</source>
   <translation>%1@numerus</translation>
  </message>
  <message>
   <location filename="schedule/hand_plan.py" />
   <source>One step of %1 min is longer than any evening, the longest has %2.</source>
   <translation>Ein Schritt von %1 min ist länger als jeder Abend, der längste hat %2.</translation>
  </message>
  <message>
   <location filename="schedule/hand_walk.py" />
   <source>Set more hobby time aside, or paint fewer together.</source>
   <translation>Leg mehr Hobbyzeit zurück oder bemale weniger zusammen.</translation>
  </message>
  <message>
   <location filename="schedule/improving.py" />
   <source>, %1 on another machine</source>
   <translation>, %1 auf einer anderen Maschine</translation>
  </message>
  <message>
   <location filename="schedule/improving.py" />
   <source>Another order of these plates%1</source>
   <translation>Eine andere Reihenfolge dieser Platten%1</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>starts %1, as soon as it can, and ends %2</source>
   <translation>beginnt %1, so früh es geht, und endet %2</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>was put at %1 by hand and ends %2</source>
   <translation>wurde von Hand auf %1 gelegt und endet %2</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>starts %1 so that it ends %2</source>
   <translation>beginnt %1, sodass es %2 endet</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>; %1 of it too cold for resin by the simulated air</source>
   <translation>; %1 davon zu kalt für Harz nach der simulierten Luft</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>the plate hangs %1</source>
   <translation>die Platte hängt %1</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>drag the run on the bill, or change the day above it</source>
   <translation>zieh den Lauf im Plan oder ändere den Tag darüber</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>%1 fits no machine in service as it lies: lay it anew.</source>
   <translation>%1 passt, wie sie liegt, auf keine Maschine in Betrieb: leg sie neu.</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>%1 starts %2, when nobody is there.</source>
   <translation>%1 beginnt %2, wenn niemand da ist.</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>the machine is not free before %1</source>
   <translation>die Maschine ist nicht vor %1 frei</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>%1 cannot start %2: %3.</source>
   <translation>%1 kann %2 nicht beginnen: %3.</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>%1 ends %2 and hangs %3: it dries on.</source>
   <translation>%1 endet %2 und hängt %3: es trocknet fest.</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>%1 comes off %2, after the date.</source>
   <translation>%1 kommt %2 herunter, nach dem Datum.</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>see what would help</source>
   <translation>sieh, was helfen würde</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>%1 and %2 both come off at %3</source>
   <translation>%1 und %2 kommen beide um %3 herunter</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>%1, and there is one pair of hands.</source>
   <translation>%1, und es gibt ein Paar Hände.</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>put one of them at another time</source>
   <translation>leg eine davon auf eine andere Zeit</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>fill it up %1</source>
   <translation>füll sie auf: %1</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>start it at another time</source>
   <translation>beginne sie zu anderer Zeit</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>%1 takes %2 ml: a full vat runs low %3, when nobody is there; %4.</source>
   <translation>%1 braucht %2 ml: eine volle Wanne geht %3 zur Neige, wenn niemand da ist; %4.</translation>
  </message>
  <message>
   <location filename="schedule/run_queue.py" />
   <source>be there then, start it at another time, or make the plate smaller</source>
   <translation>sei dann da, beginne sie zu anderer Zeit oder mach die Platte kleiner</translation>
  </message>
  <message>
   <location filename="schedule/what_if.py" />
   <source>A second plate for each machine</source>
   <translation>Eine zweite Platte für jede Maschine</translation>
  </message>
  <message>
   <location filename="schedule/what_if.py" />
   <source>bought once, then swapped in minutes</source>
   <translation>einmal gekauft, dann in Minuten getauscht</translation>
  </message>
  <message>
   <location filename="schedule/what_if.py" />
   <source>Lift %1 faster</source>
   <translation>%1 schneller heben</translation>
  </message>
  <message>
   <location filename="schedule/what_if.py" />
   <source>pulls harder: look at the least margins first</source>
   <translation>zieht stärker: sieh zuerst nach den geringsten Reserven</translation>
  </message>
  <message>
   <location filename="schedule/what_if.py" />
   <source>%1 mm layers instead of finer ones</source>
   <translation>Schichten von %1 mm statt feinerer</translation>
  </message>
  <message>
   <location filename="schedule/what_if.py" />
   <source>stair-steps show sooner on shallow slopes</source>
   <translation>Stufen zeigen sich an flachen Schrägen früher</translation>
  </message>
  <message>
   <location filename="schedule/what_if.py" />
   <source>Up until %1:00 tonight</source>
   <translation>Heute wach bis %1:00</translation>
  </message>
  <message>
   <location filename="schedule/what_if.py" />
   <source>one late night</source>
   <translation>eine lange Nacht</translation>
  </message>
  <message>
   <location filename="schedule/what_if.py" />
   <source>Up late every night this week</source>
   <translation>Diese Woche jede Nacht länger wach</translation>
  </message>
  <message>
   <location filename="schedule/what_if.py" />
   <source>seven late nights</source>
   <translation>sieben lange Nächte</translation>
  </message>
  <message>
   <location filename="schedule/what_if.py" />
   <source>Home at midday tomorrow</source>
   <translation>Morgen mittags zu Hause</translation>
  </message>
  <message>
   <location filename="schedule/what_if.py" />
   <source>half an hour there</source>
   <translation>eine halbe Stunde dort</translation>
  </message>
  <message>
   <location filename="schedule/what_if.py" />
   <source>The last plate comes off %1</source>
   <translation>Die letzte Platte kommt %1 herunter</translation>
  </message>
  <message>
   <location filename="schedule/what_if.py" />
   <source>%1, %2 days before the date.</source>
   <translation>%1, %2 Tage vor dem Datum.</translation>
  </message>
  <message>
   <location filename="schedule/what_if.py" />
   <source>%1, %2 days after the date.</source>
   <translation>%1, %2 Tage nach dem Datum.</translation>
  </message>
 </context>
 <context>
  <name>starter</name>
  <message>
   <location filename="starter/schemes.py" />
   <source>Sedge &amp; Daughters</source>
   <translation>Sedge &amp; Daughters</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Quayside Colour</source>
   <translation>Quayside Colour</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Lantern Row</source>
   <translation>Lantern Row</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Tallow coat</source>
   <translation>Tallow coat</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Candle cream</source>
   <translation>Candle cream</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Peat wash</source>
   <translation>Peat wash</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Wharf black</source>
   <translation>Wharf black</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Slate grey</source>
   <translation>Slate grey</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Old pewter</source>
   <translation>Old pewter</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Verdigris</source>
   <translation>Verdigris</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Deep copper green</source>
   <translation>Deep copper green</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Ruddy skin</source>
   <translation>Ruddy skin</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Pale skin</source>
   <translation>Pale skin</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Saddle brown</source>
   <translation>Saddle brown</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Eel blue</source>
   <translation>Eel blue</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Ember</source>
   <translation>Ember</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Flame yellow</source>
   <translation>Flame yellow</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Canal oak</source>
   <translation>Canal oak</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Cobble grey</source>
   <translation>Cobble grey</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Heron grey</source>
   <translation>Heron grey</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Lock medium</source>
   <translation>Lock medium</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>peat 1</source>
   <translation>Torf 1</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>round 1</source>
   <translation>rund 1</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>First scheme</source>
   <translation>Erstes Farbschema</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>wharf 1</source>
   <translation>wharf 1</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Worn edges</source>
   <translation>Abgenutzte Kanten</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>pewter 1</source>
   <translation>pewter 1</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <location filename="starter/schemes.py" />
   <source>flat brush</source>
   <translation>flacher Pinsel</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>cobble 1</source>
   <translation>cobble 1</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>wide flat</source>
   <translation>breit flach</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>Stones</source>
   <translation>Steine</translation>
  </message>
  <message>
   <location filename="starter/schemes.py" />
   <source>candle 1 cobble 1</source>
   <translation>candle 1 cobble 1</translation>
  </message>
 </context>
 <context>
  <name>surface/fields</name>
  <message>
   <location filename="surface/fields/part_fields.py" />
   <source>%1 mm is more than can be posed; %2 mm is the most.</source>
   <translation>%1 mm sind mehr, als sich ausrichten lässt; höchstens %2 mm.</translation>
  </message>
  <message>
   <location filename="surface/fields/part_fields.py" />
   <source>Scale it, or cut it in Sort.</source>
   <translation>Skaliere es oder schneide es bei Sortieren.</translation>
  </message>
 </context>
 <context>
  <name>surface/patching</name>
  <message>
   <location filename="surface/patching/file_zones.py" />
   <source>unnamed material</source>
   <translation>Material ohne Namen</translation>
  </message>
  <message>
   <location filename="surface/patching/patch_splitting.py" />
   <source>Draw a line across the patch.</source>
   <translation>Zieh eine Linie über die Fläche.</translation>
  </message>
  <message>
   <location filename="surface/patching/patch_splitting.py" />
   <source>Hold Alt and drag from border to border.</source>
   <translation>Halt Alt und zieh von Rand zu Rand.</translation>
  </message>
  <message>
   <location filename="surface/patching/patch_splitting.py" />
   <source>That line does not part the patch.</source>
   <translation>Diese Linie teilt die Fläche nicht.</translation>
  </message>
  <message>
   <location filename="surface/patching/patch_splitting.py" />
   <source>Draw it across, from border to border.</source>
   <translation>Zieh sie quer, von Rand zu Rand.</translation>
  </message>
 </context>
 <context>
  <name>trainer</name>
  <message>
   <location filename="trainer/bench_time.py" />
   <source>base colour</source>
   <translation>Grundfarbe</translation>
  </message>
  <message>
   <location filename="trainer/bench_time.py" />
   <source>put on %1 min ago</source>
   <translation>vor %1 min aufgetragen</translation>
  </message>
  <message>
   <location filename="trainer/bench_time.py" />
   <source>%1 is dry in %2 min; yours in %3.</source>
   <translation>%1 ist in %2 min trocken; deine in %3.</translation>
  </message>
  <message>
   <location filename="trainer/bench_time.py" />
   <source>All are wet. Which can you paint on first?</source>
   <translation>Alle sind nass. Auf welcher kannst du zuerst malen?</translation>
  </message>
  <message>
   <location filename="trainer/bench_time.py" />
   <source>%1 min of work</source>
   <translation>%1 min Arbeit</translation>
  </message>
  <message>
   <location filename="trainer/bench_time.py" />
   <source>pot: %1</source>
   <translation>Topf: %1</translation>
  </message>
  <message>
   <location filename="trainer/bench_time.py" />
   <source>dry now</source>
   <translation>jetzt trocken</translation>
  </message>
  <message>
   <location filename="trainer/bench_time.py" />
   <source>wet for %1 min</source>
   <translation>noch %1 min nass</translation>
  </message>
  <message>
   <location filename="trainer/bench_time.py" />
   <source>25 minutes left, the %1 pot is open; another takes %2 min. With which do you begin?</source>
   <translation>Noch 25 Minuten, der Topf %1 ist offen; ein anderer kostet %2 min. Womit beginnst du?</translation>
  </message>
  <message>
   <location filename="trainer/bench_time.py" />
   <source>Best: %1: %2 min of work. Beginning with %3: %4.</source>
   <translation>Am besten: %1: %2 min Arbeit. Beginnst du mit %3: %4.</translation>
  </message>
  <message>
   <location filename="trainer/estimating.py" />
   <source>ml of resin, supports left out</source>
   <translation>ml Harz, ohne Stützen</translation>
  </message>
  <message>
   <location filename="trainer/estimating.py" />
   <source>mm, how tall it is as it lies kept</source>
   <translation>mm, wie hoch es in seiner Lage ist</translation>
  </message>
  <message>
   <location filename="trainer/estimating.py" />
   <source>minutes of a run of it alone</source>
   <translation>Minuten eines Laufs nur damit</translation>
  </message>
  <message>
   <location filename="trainer/estimating.py" />
   <source>%1: how many %2?</source>
   <translation>%1: wie viele %2?</translation>
  </message>
  <message>
   <location filename="trainer/estimating.py" />
   <source>the picture is %1 mm wide</source>
   <translation>das Bild ist %1 mm breit</translation>
  </message>
  <message>
   <location filename="trainer/estimating.py" />
   <source>It is %1.</source>
   <translation>Es sind %1.</translation>
  </message>
  <message>
   <location filename="trainer/estimating.py" />
   <source>It is %1; you guessed %2 times that.</source>
   <translation>Es sind %1; du hast das %2-Fache geschätzt.</translation>
  </message>
  <message>
   <location filename="trainer/estimating.py" />
   <source>right on the middle</source>
   <translation>im Mittel genau richtig</translation>
  </message>
  <message>
   <location filename="trainer/estimating.py" />
   <source>%1: you guess %2, off by %3 from time to time (%4 guesses)</source>
   <translation>%1: du schätzt %2, mal um %3 daneben (%4 Schätzungen)</translation>
  </message>
  <message>
   <location filename="trainer/exercise.py" />
   <source>Failed plate</source>
   <translation>Misslungene Platte</translation>
  </message>
  <message>
   <location filename="trainer/exercise.py" />
   <source>Which way up</source>
   <translation>Wie herum</translation>
  </message>
  <message>
   <location filename="trainer/exercise.py" />
   <source>Mix to match</source>
   <translation>Nachmischen</translation>
  </message>
  <message>
   <location filename="trainer/exercise.py" />
   <source>Read the value</source>
   <translation>Den Tonwert lesen</translation>
  </message>
  <message>
   <location filename="trainer/exercise.py" />
   <source>Find the melting pair</source>
   <translation>Das verschwimmende Paar finden</translation>
  </message>
  <message>
   <location filename="trainer/exercise.py" />
   <source>What dries first</source>
   <translation>Was zuerst trocknet</translation>
  </message>
  <message>
   <location filename="trainer/exercise.py" />
   <source>What next</source>
   <translation>Was als Nächstes</translation>
  </message>
  <message>
   <location filename="trainer/exercise.py" />
   <source>Estimate</source>
   <translation>Schätzen</translation>
  </message>
  <message>
   <location filename="trainer/failed_plate.py" />
   <source> Tests took %1 min.</source>
   <translation> Proben kosteten %1 min.</translation>
  </message>
  <message>
   <location filename="trainer/failed_plate.py" />
   <source>It was: %1.%2 %3</source>
   <translation>Es war: %1.%2 %3</translation>
  </message>
  <message>
   <location filename="trainer/failed_plate.py" />
   <source>Yes: %1.%2</source>
   <translation>Ja: %1.%2</translation>
  </message>
  <message>
   <location filename="trainer/failed_plate.py" />
   <source>Quickest to find it: %1, %2 min.</source>
   <translation>Am schnellsten gefunden: %1, %2 min.</translation>
  </message>
  <message>
   <location filename="trainer/failed_plate.py" />
   <source>not: %1</source>
   <translation>nicht: %1</translation>
  </message>
  <message>
   <location filename="trainer/matching.py" />
   <source>Mix the target: so many drops of each.</source>
   <translation>Misch das Ziel: so viele Tropfen von jedem.</translation>
  </message>
  <message>
   <location filename="trainer/matching.py" />
   <source>No drop of anything is no mix.</source>
   <translation>Kein Tropfen von nichts ist keine Mischung.</translation>
  </message>
  <message>
   <location filename="trainer/matching.py" />
   <source>as light</source>
   <translation>so hell</translation>
  </message>
  <message>
   <location filename="trainer/matching.py" />
   <source>ΔE %1, %2. The target is %3.</source>
   <translation>ΔE %1, %2. Das Ziel ist %3.</translation>
  </message>
  <message>
   <location filename="trainer/matching.py" />
   <source> Three pots come within ΔE %1.</source>
   <translation> Drei Töpfe kommen auf ΔE %1 heran.</translation>
  </message>
  <message>
   <location filename="trainer/posing_practice.py" />
   <source>Which is done first?</source>
   <translation>Welche ist zuerst fertig?</translation>
  </message>
  <message>
   <location filename="trainer/posing_practice.py" />
   <source>Which leaves the least marks where they show?</source>
   <translation>Welche lässt die wenigsten Male, wo man sie sieht?</translation>
  </message>
  <message>
   <location filename="trainer/posing_practice.py" />
   <source>%1 mm² of marks</source>
   <translation>%1 mm² Male</translation>
  </message>
  <message>
   <location filename="trainer/posing_practice.py" />
   <source>Which shows the least steps of layers?</source>
   <translation>Welche zeigt die wenigsten Schichtstufen?</translation>
  </message>
  <message>
   <location filename="trainer/posing_practice.py" />
   <source>%1 mm² of steps</source>
   <translation>%1 mm² Stufen</translation>
  </message>
  <message>
   <location filename="trainer/posing_practice.py" />
   <source>Which pulls least at its worst layer?</source>
   <translation>Welche zieht in ihrer schlimmsten Schicht am wenigsten?</translation>
  </message>
  <message>
   <location filename="trainer/posing_practice.py" />
   <source>%1: %2. Measured: %3.</source>
   <translation>%1: %2. Gemessen: %3.</translation>
  </message>
  <message>
   <location filename="trainer/reading.py" />
   <source>Press them from the darkest to the lightest.</source>
   <translation>Drück sie von der dunkelsten zur hellsten.</translation>
  </message>
  <message>
   <location filename="trainer/reading.py" />
   <source>L* from dark to light: %1.</source>
   <translation>L* von dunkel nach hell: %1.</translation>
  </message>
  <message>
   <location filename="trainer/reading.py" />
   <source> You had %1 before %2: strong colours look lighter than they are.</source>
   <translation> Du hattest %1 vor %2: kräftige Farben wirken heller, als sie sind.</translation>
  </message>
  <message>
   <location filename="trainer/reading.py" />
   <source>Which two melt into each other across the table?</source>
   <translation>Welche zwei verschwimmen über den Tisch miteinander?</translation>
  </message>
  <message>
   <location filename="trainer/reading.py" />
   <source>L* %1 and %2 are %3 apart; yours are %4. Hue does not part them at arm's length.</source>
   <translation>L* %1 und %2 liegen %3 auseinander; deine %4. Der Farbton trennt sie auf Armlänge nicht.</translation>
  </message>
  <message>
   <location filename="trainer/record.py" />
   <source>%1, lately %2 of %3 right, level %4</source>
   <translation>%1, zuletzt %2 von %3 richtig, Stufe %4</translation>
  </message>
  <message>
   <location filename="trainer/record.py" />
   <source>not yet</source>
   <translation>noch nicht</translation>
  </message>
  <message>
   <location filename="trainer/record.py" />
   <source>%1 again</source>
   <translation>%1 wieder</translation>
  </message>
 </context>
 <context>
  <name>words</name>
  <message>
   <source>%1 hollow one(s)</source>
   <translation>%1 hohle</translation>
  </message>
  <message>
   <source>%1: base</source>
   <translation>%1: Grundfarbe</translation>
  </message>
  <message>
   <source>Airbrush with extraction</source>
   <translation>Spritzpistole mit Absaugung</translation>
  </message>
  <message>
   <source>Back</source>
   <translation>Rücken</translation>
  </message>
  <message>
   <source>Base: %1</source>
   <translation>Grundfarbe: %1</translation>
  </message>
  <message>
   <source>Boots</source>
   <translation>Stiefel</translation>
  </message>
  <message>
   <source>Click when it begins: its time runs</source>
   <translation>Klick, wenn es beginnt: seine Zeit läuft</translation>
  </message>
  <message>
   <source>Eyes</source>
   <translation>Augen</translation>
  </message>
  <message>
   <source>Glass</source>
   <translation>Glas</translation>
  </message>
  <message>
   <source>In service</source>
   <translation>In Betrieb</translation>
  </message>
  <message>
   <source>Ladder</source>
   <translation>Leiter</translation>
  </message>
  <message>
   <source>Leans</source>
   <translation>Lehnt</translation>
  </message>
  <message>
   <source>Pixel</source>
   <translation>Pixel</translation>
  </message>
  <message>
   <source>Scarf</source>
   <translation>Schal</translation>
  </message>
  <message>
   <source>Sergeant</source>
   <translation>Unteroffizier</translation>
  </message>
  <message>
   <source>Support style</source>
   <translation>Art der Stützen</translation>
  </message>
  <message>
   <source>Table-ready</source>
   <translation>Tischfertig</translation>
  </message>
  <message>
   <source>a third less lift</source>
   <translation>ein Drittel weniger Hub</translation>
  </message>
  <message>
   <source>accept</source>
   <translation>annehmen</translation>
  </message>
  <message>
   <source>add</source>
   <translation>hinzufügen</translation>
  </message>
  <message>
   <source>adhesion</source>
   <translation>Haftung</translation>
  </message>
  <message>
   <source>after</source>
   <translation>nach</translation>
  </message>
  <message>
   <source>again</source>
   <translation>wieder</translation>
  </message>
  <message>
   <source>airbrush</source>
   <translation>Spritzpistole</translation>
  </message>
  <message>
   <source>alcohol</source>
   <translation>Alkohol</translation>
  </message>
  <message>
   <source>all</source>
   <translation>alle</translation>
  </message>
  <message>
   <source>alternative</source>
   <translation>Alternative</translation>
  </message>
  <message>
   <source>amount</source>
   <translation>Menge</translation>
  </message>
  <message>
   <source>apart</source>
   <translation>getrennt</translation>
  </message>
  <message>
   <source>area</source>
   <translation>Fläche</translation>
  </message>
  <message>
   <source>armour</source>
   <translation>Rüstung</translation>
  </message>
  <message>
   <source>army</source>
   <translation>Armee</translation>
  </message>
  <message>
   <source>as it hangs it keeps %1 ml; tip it %2 and %3.</source>
   <translation>wie es hängt, behält es %1 ml; kipp es %2, und %3.</translation>
  </message>
  <message>
   <source>average</source>
   <translation>Mittel</translation>
  </message>
  <message>
   <source>away</source>
   <translation>fort</translation>
  </message>
  <message>
   <source>back</source>
   <translation>Rücken</translation>
  </message>
  <message>
   <source>balance</source>
   <translation>Gleichgewicht</translation>
  </message>
  <message>
   <source>balanced</source>
   <translation>ausgewogen</translation>
  </message>
  <message>
   <source>bark</source>
   <translation>Rinde</translation>
  </message>
  <message>
   <source>base</source>
   <translation>Base</translation>
  </message>
  <message>
   <source>bases</source>
   <translation>Bases</translation>
  </message>
  <message>
   <source>basket</source>
   <translation>Korb</translation>
  </message>
  <message>
   <source>batch</source>
   <translation>Charge</translation>
  </message>
  <message>
   <source>before</source>
   <translation>vorher</translation>
  </message>
  <message>
   <source>begin</source>
   <translation>beginnen</translation>
  </message>
  <message>
   <source>behind</source>
   <translation>hinten</translation>
  </message>
  <message>
   <source>believed</source>
   <translation>geglaubt</translation>
  </message>
  <message>
   <source>bell</source>
   <translation>Glocke</translation>
  </message>
  <message>
   <source>belt</source>
   <translation>Gürtel</translation>
  </message>
  <message>
   <source>bend</source>
   <translation>Biegung</translation>
  </message>
  <message>
   <source>beside</source>
   <translation>daneben</translation>
  </message>
  <message>
   <source>black</source>
   <translation>Schwarz</translation>
  </message>
  <message>
   <source>blades</source>
   <translation>Klingen</translation>
  </message>
  <message>
   <source>blotch</source>
   <translation>Fleck</translation>
  </message>
  <message>
   <source>blue</source>
   <translation>Blau</translation>
  </message>
  <message>
   <source>bluer</source>
   <translation>blauer</translation>
  </message>
  <message>
   <source>blues</source>
   <translation>Blau</translation>
  </message>
  <message>
   <source>board</source>
   <translation>Platte</translation>
  </message>
  <message>
   <source>bodies</source>
   <translation>Körper</translation>
  </message>
  <message>
   <source>body</source>
   <translation>Körper</translation>
  </message>
  <message>
   <source>bone</source>
   <translation>Knochen</translation>
  </message>
  <message>
   <source>boot</source>
   <translation>Stiefel</translation>
  </message>
  <message>
   <source>boots</source>
   <translation>Stiefel</translation>
  </message>
  <message>
   <source>border</source>
   <translation>Rand</translation>
  </message>
  <message>
   <source>bottle</source>
   <translation>Flasche</translation>
  </message>
  <message>
   <source>bought</source>
   <translation>gekauft</translation>
  </message>
  <message>
   <source>brass</source>
   <translation>Messing</translation>
  </message>
  <message>
   <source>bright</source>
   <translation>leuchtend</translation>
  </message>
  <message>
   <source>brim</source>
   <translation>Rand</translation>
  </message>
  <message>
   <source>brittle</source>
   <translation>spröde</translation>
  </message>
  <message>
   <source>broke</source>
   <translation>gebrochen</translation>
  </message>
  <message>
   <source>bronze</source>
   <translation>Bronze</translation>
  </message>
  <message>
   <source>brown</source>
   <translation>Braun</translation>
  </message>
  <message>
   <source>brush</source>
   <translation>Pinsel</translation>
  </message>
  <message>
   <source>brushed</source>
   <translation>gepinselt</translation>
  </message>
  <message>
   <source>build</source>
   <translation>Bauen</translation>
  </message>
  <message>
   <source>built</source>
   <translation>gebaut</translation>
  </message>
  <message>
   <source>buy</source>
   <translation>kaufen</translation>
  </message>
  <message>
   <source>by its share</source>
   <translation>nach ihrem Anteil</translation>
  </message>
  <message>
   <source>camouflage</source>
   <translation>Tarnmuster</translation>
  </message>
  <message>
   <source>can</source>
   <translation>Dose</translation>
  </message>
  <message>
   <source>cancelled</source>
   <translation>abgebrochen</translation>
  </message>
  <message>
   <source>candidates</source>
   <translation>Kandidaten</translation>
  </message>
  <message>
   <source>carry</source>
   <translation>übertragen</translation>
  </message>
  <message>
   <source>causes</source>
   <translation>Ursachen</translation>
  </message>
  <message>
   <source>celsius</source>
   <translation>Grad Celsius</translation>
  </message>
  <message>
   <source>centimeter</source>
   <translation>Zentimeter</translation>
  </message>
  <message>
   <source>centimetres</source>
   <translation>Zentimeter</translation>
  </message>
  <message>
   <source>centre</source>
   <translation>Mitte</translation>
  </message>
  <message>
   <source>change</source>
   <translation>ändern</translation>
  </message>
  <message>
   <source>changes</source>
   <translation>Änderungen</translation>
  </message>
  <message>
   <source>chip</source>
   <translation>Abplatzer</translation>
  </message>
  <message>
   <source>chipping</source>
   <translation>Abplatzer</translation>
  </message>
  <message>
   <source>choosing</source>
   <translation>Auswahl</translation>
  </message>
  <message>
   <source>clash</source>
   <translation>Kollision</translation>
  </message>
  <message>
   <source>clay</source>
   <translation>Ton</translation>
  </message>
  <message>
   <source>clean</source>
   <translation>sauber</translation>
  </message>
  <message>
   <source>clear</source>
   <translation>klar</translation>
  </message>
  <message>
   <source>clock</source>
   <translation>Uhr</translation>
  </message>
  <message>
   <source>closed</source>
   <translation>geschlossen</translation>
  </message>
  <message>
   <source>cloth</source>
   <translation>Tuch</translation>
  </message>
  <message>
   <source>coat</source>
   <translation>Mantel</translation>
  </message>
  <message>
   <source>coats</source>
   <translation>Lagen</translation>
  </message>
  <message>
   <source>cobbles</source>
   <translation>Kopfsteine</translation>
  </message>
  <message>
   <source>cold</source>
   <translation>Kälte</translation>
  </message>
  <message>
   <source>colour</source>
   <translation>Farbe</translation>
  </message>
  <message>
   <source>colours</source>
   <translation>Farben</translation>
  </message>
  <message>
   <source>colourways</source>
   <translation>Farbvarianten</translation>
  </message>
  <message>
   <source>commission</source>
   <translation>Auftrag</translation>
  </message>
  <message>
   <source>cool</source>
   <translation>kühl</translation>
  </message>
  <message>
   <source>cooler</source>
   <translation>kühler</translation>
  </message>
  <message>
   <source>copper</source>
   <translation>Kupfer</translation>
  </message>
  <message>
   <source>cork</source>
   <translation>Kork</translation>
  </message>
  <message>
   <source>cost</source>
   <translation>Kosten</translation>
  </message>
  <message>
   <source>costs</source>
   <translation>kostet</translation>
  </message>
  <message>
   <source>cream</source>
   <translation>Creme</translation>
  </message>
  <message>
   <source>crimson</source>
   <translation>Karmin</translation>
  </message>
  <message>
   <source>crust</source>
   <translation>Kruste</translation>
  </message>
  <message>
   <source>cup</source>
   <translation>Saugkelch</translation>
  </message>
  <message>
   <source>cups</source>
   <translation>Saugkelche</translation>
  </message>
  <message>
   <source>cure</source>
   <translation>Härten</translation>
  </message>
  <message>
   <source>cured</source>
   <translation>gehärtet</translation>
  </message>
  <message>
   <source>cut</source>
   <translation>Schnitt</translation>
  </message>
  <message>
   <source>cuts</source>
   <translation>Schnitte</translation>
  </message>
  <message>
   <source>damaged</source>
   <translation>beschädigt</translation>
  </message>
  <message>
   <source>dark</source>
   <translation>dunkel</translation>
  </message>
  <message>
   <source>darker</source>
   <translation>dunkler</translation>
  </message>
  <message>
   <source>darker without greying</source>
   <translation>dunkler ohne Vergrauen</translation>
  </message>
  <message>
   <source>date</source>
   <translation>Datum</translation>
  </message>
  <message>
   <source>daylight</source>
   <translation>Tageslicht</translation>
  </message>
  <message>
   <source>days</source>
   <translation>Tage</translation>
  </message>
  <message>
   <source>decal</source>
   <translation>Abziehbild</translation>
  </message>
  <message>
   <source>decals</source>
   <translation>Abziehbilder</translation>
  </message>
  <message>
   <source>deep</source>
   <translation>tief</translation>
  </message>
  <message>
   <source>default</source>
   <translation>Vorgabe</translation>
  </message>
  <message>
   <source>density</source>
   <translation>Dichte</translation>
  </message>
  <message>
   <source>desk</source>
   <translation>Schreibtisch</translation>
  </message>
  <message>
   <source>detail</source>
   <translation>Einzelheit</translation>
  </message>
  <message>
   <source>detailed</source>
   <translation>detailreich</translation>
  </message>
  <message>
   <source>dirty</source>
   <translation>schmutzig</translation>
  </message>
  <message>
   <source>distance</source>
   <translation>Abstand</translation>
  </message>
  <message>
   <source>done</source>
   <translation>getan</translation>
  </message>
  <message>
   <source>downward</source>
   <translation>abwärts</translation>
  </message>
  <message>
   <source>drain</source>
   <translation>Abfluss</translation>
  </message>
  <message>
   <source>drawn</source>
   <translation>gezeichnet</translation>
  </message>
  <message>
   <source>dries</source>
   <translation>trocknet</translation>
  </message>
  <message>
   <source>drop</source>
   <translation>Tropfen</translation>
  </message>
  <message>
   <source>dropped</source>
   <translation>weggelassen</translation>
  </message>
  <message>
   <source>drops</source>
   <translation>Tropfen</translation>
  </message>
  <message>
   <source>dry-brush</source>
   <translation>Trockenbürsten</translation>
  </message>
  <message>
   <source>drying</source>
   <translation>Trocknen</translation>
  </message>
  <message>
   <source>dull</source>
   <translation>stumpf</translation>
  </message>
  <message>
   <source>duplicate</source>
   <translation>Kopie</translation>
  </message>
  <message>
   <source>dust</source>
   <translation>Staub</translation>
  </message>
  <message>
   <source>earlier</source>
   <translation>früher</translation>
  </message>
  <message>
   <source>early</source>
   <translation>zu früh</translation>
  </message>
  <message>
   <source>edge</source>
   <translation>Kante</translation>
  </message>
  <message>
   <source>edges</source>
   <translation>Kanten</translation>
  </message>
  <message>
   <source>edit</source>
   <translation>Schritt</translation>
  </message>
  <message>
   <source>elsewhere</source>
   <translation>anderswo</translation>
  </message>
  <message>
   <source>empty</source>
   <translation>leer</translation>
  </message>
  <message>
   <source>enamel</source>
   <translation>Emaille</translation>
  </message>
  <message>
   <source>end</source>
   <translation>Ende</translation>
  </message>
  <message>
   <source>ended</source>
   <translation>zu Ende</translation>
  </message>
  <message>
   <source>english</source>
   <translation>englisch</translation>
  </message>
  <message>
   <source>enough</source>
   <translation>genug</translation>
  </message>
  <message>
   <source>entries</source>
   <translation>Einträge</translation>
  </message>
  <message>
   <source>estimate</source>
   <translation>Schätzung</translation>
  </message>
  <message>
   <source>estimated</source>
   <translation>geschätzt</translation>
  </message>
  <message>
   <source>evenings</source>
   <translation>Abende</translation>
  </message>
  <message>
   <source>everywhere</source>
   <translation>überall</translation>
  </message>
  <message>
   <source>exposure</source>
   <translation>Belichtung</translation>
  </message>
  <message>
   <source>express</source>
   <translation>Eilweg</translation>
  </message>
  <message>
   <source>extra</source>
   <translation>zusätzlich</translation>
  </message>
  <message>
   <source>eyes</source>
   <translation>Augen</translation>
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
   <source>factory</source>
   <translation>Werkseinstellung</translation>
  </message>
  <message>
   <source>failed</source>
   <translation>misslungen</translation>
  </message>
  <message>
   <source>failures</source>
   <translation>Fehler</translation>
  </message>
  <message>
   <source>far</source>
   <translation>fern</translation>
  </message>
  <message>
   <source>fault</source>
   <translation>Fehler</translation>
  </message>
  <message>
   <source>feather</source>
   <translation>Feder</translation>
  </message>
  <message>
   <source>feathers</source>
   <translation>Federn</translation>
  </message>
  <message>
   <source>feet</source>
   <translation>Füße</translation>
  </message>
  <message>
   <source>fewer</source>
   <translation>weniger</translation>
  </message>
  <message>
   <source>figure</source>
   <translation>Figur</translation>
  </message>
  <message>
   <source>figures</source>
   <translation>Figuren</translation>
  </message>
  <message>
   <source>filament</source>
   <translation>Filament</translation>
  </message>
  <message>
   <source>file</source>
   <translation>Datei</translation>
  </message>
  <message>
   <source>filled</source>
   <translation>gefüllt</translation>
  </message>
  <message>
   <source>filling</source>
   <translation>Füllung</translation>
  </message>
  <message>
   <source>film</source>
   <translation>Folie</translation>
  </message>
  <message>
   <source>films</source>
   <translation>Filme</translation>
  </message>
  <message>
   <source>filter</source>
   <translation>Filter</translation>
  </message>
  <message>
   <source>findings</source>
   <translation>Befunde</translation>
  </message>
  <message>
   <source>fine</source>
   <translation>fein</translation>
  </message>
  <message>
   <source>finer</source>
   <translation>feiner</translation>
  </message>
  <message>
   <source>finish</source>
   <translation>Vollenden</translation>
  </message>
  <message>
   <source>finished</source>
   <translation>fertig</translation>
  </message>
  <message>
   <source>fit</source>
   <translation>passt</translation>
  </message>
  <message>
   <source>fixer</source>
   <translation>Fixierer</translation>
  </message>
  <message>
   <source>flake</source>
   <translation>Flocke</translation>
  </message>
  <message>
   <source>flaw</source>
   <translation>Makel</translation>
  </message>
  <message>
   <source>flawed</source>
   <translation>fehlerhaft</translation>
  </message>
  <message>
   <source>flaws</source>
   <translation>Makel</translation>
  </message>
  <message>
   <source>flesh</source>
   <translation>Fleisch</translation>
  </message>
  <message>
   <source>flock</source>
   <translation>Flock</translation>
  </message>
  <message>
   <source>fluorescent</source>
   <translation>fluoreszierend</translation>
  </message>
  <message>
   <source>foam</source>
   <translation>Schaumstoff</translation>
  </message>
  <message>
   <source>foot</source>
   <translation>Fuß</translation>
  </message>
  <message>
   <source>footprint</source>
   <translation>Grundfläche</translation>
  </message>
  <message>
   <source>for</source>
   <translation>für</translation>
  </message>
  <message>
   <source>forecast</source>
   <translation>Vorhersage</translation>
  </message>
  <message>
   <source>form</source>
   <translation>Form</translation>
  </message>
  <message>
   <source>former</source>
   <translation>Form</translation>
  </message>
  <message>
   <source>frame</source>
   <translation>Rahmen</translation>
  </message>
  <message>
   <source>from</source>
   <translation>ab</translation>
  </message>
  <message>
   <source>front</source>
   <translation>vorn</translation>
  </message>
  <message>
   <source>full</source>
   <translation>voll</translation>
  </message>
  <message>
   <source>further</source>
   <translation>weiter</translation>
  </message>
  <message>
   <source>gauge</source>
   <translation>Lehre</translation>
  </message>
  <message>
   <source>glass</source>
   <translation>Glas</translation>
  </message>
  <message>
   <source>glaze</source>
   <translation>Lasur</translation>
  </message>
  <message>
   <source>gloss</source>
   <translation>Glanz</translation>
  </message>
  <message>
   <source>gloves</source>
   <translation>Handschuhe</translation>
  </message>
  <message>
   <source>glow</source>
   <translation>Leuchten</translation>
  </message>
  <message>
   <source>glue</source>
   <translation>Kleber</translation>
  </message>
  <message>
   <source>glycol</source>
   <translation>Glykol</translation>
  </message>
  <message>
   <source>going</source>
   <translation>läuft</translation>
  </message>
  <message>
   <source>gold</source>
   <translation>Gold</translation>
  </message>
  <message>
   <source>gone</source>
   <translation>weg</translation>
  </message>
  <message>
   <source>good</source>
   <translation>gut</translation>
  </message>
  <message>
   <source>gouache</source>
   <translation>Gouache</translation>
  </message>
  <message>
   <source>grass</source>
   <translation>Gras</translation>
  </message>
  <message>
   <source>green</source>
   <translation>Grün</translation>
  </message>
  <message>
   <source>greener</source>
   <translation>grüner</translation>
  </message>
  <message>
   <source>greens</source>
   <translation>Grün</translation>
  </message>
  <message>
   <source>grey</source>
   <translation>Grau</translation>
  </message>
  <message>
   <source>grow</source>
   <translation>wachsen</translation>
  </message>
  <message>
   <source>guessed</source>
   <translation>geschätzt</translation>
  </message>
  <message>
   <source>guest</source>
   <translation>Gastteil</translation>
  </message>
  <message>
   <source>half</source>
   <translation>halb</translation>
  </message>
  <message>
   <source>halves</source>
   <translation>Hälften</translation>
  </message>
  <message>
   <source>hand</source>
   <translation>Hand</translation>
  </message>
  <message>
   <source>handbook</source>
   <translation>Handbuch</translation>
  </message>
  <message>
   <source>hands</source>
   <translation>Hände</translation>
  </message>
  <message>
   <source>hanging</source>
   <translation>hängt</translation>
  </message>
  <message>
   <source>hangs</source>
   <translation>hängt</translation>
  </message>
  <message>
   <source>hard</source>
   <translation>hart</translation>
  </message>
  <message>
   <source>hat</source>
   <translation>Hut</translation>
  </message>
  <message>
   <source>have</source>
   <translation>haben</translation>
  </message>
  <message>
   <source>head</source>
   <translation>Kopf</translation>
  </message>
  <message>
   <source>heavier</source>
   <translation>schwerer</translation>
  </message>
  <message>
   <source>heavy</source>
   <translation>schwer</translation>
  </message>
  <message>
   <source>height</source>
   <translation>Höhe</translation>
  </message>
  <message>
   <source>held</source>
   <translation>hielt</translation>
  </message>
  <message>
   <source>helps</source>
   <translation>hilft</translation>
  </message>
  <message>
   <source>here</source>
   <translation>hier</translation>
  </message>
  <message>
   <source>heron</source>
   <translation>Reiher</translation>
  </message>
  <message>
   <source>hidden</source>
   <translation>verdeckt</translation>
  </message>
  <message>
   <source>hide</source>
   <translation>verstecken</translation>
  </message>
  <message>
   <source>hides</source>
   <translation>deckt</translation>
  </message>
  <message>
   <source>high</source>
   <translation>hoch</translation>
  </message>
  <message>
   <source>hinge</source>
   <translation>Gelenk</translation>
  </message>
  <message>
   <source>hold</source>
   <translation>halten</translation>
  </message>
  <message>
   <source>hole</source>
   <translation>Loch</translation>
  </message>
  <message>
   <source>holes</source>
   <translation>Löcher</translation>
  </message>
  <message>
   <source>hollow</source>
   <translation>hohl</translation>
  </message>
  <message>
   <source>hours</source>
   <translation>Stunden</translation>
  </message>
  <message>
   <source>humidity</source>
   <translation>Feuchte</translation>
  </message>
  <message>
   <source>hung</source>
   <translation>hing</translation>
  </message>
  <message>
   <source>idle</source>
   <translation>ruht</translation>
  </message>
  <message>
   <source>import</source>
   <translation>Einlesen</translation>
  </message>
  <message>
   <source>in</source>
   <translation>in</translation>
  </message>
  <message>
   <source>inch</source>
   <translation>Zoll</translation>
  </message>
  <message>
   <source>inches</source>
   <translation>Zoll</translation>
  </message>
  <message>
   <source>ink</source>
   <translation>Tusche</translation>
  </message>
  <message>
   <source>invoice</source>
   <translation>Rechnung</translation>
  </message>
  <message>
   <source>iron</source>
   <translation>Eisen</translation>
  </message>
  <message>
   <source>island</source>
   <translation>Insel</translation>
  </message>
  <message>
   <source>islands</source>
   <translation>Inseln</translation>
  </message>
  <message>
   <source>ivory</source>
   <translation>Elfenbein</translation>
  </message>
  <message>
   <source>joined</source>
   <translation>verbunden</translation>
  </message>
  <message>
   <source>joint</source>
   <translation>Verbindung</translation>
  </message>
  <message>
   <source>journal</source>
   <translation>Journal</translation>
  </message>
  <message>
   <source>jump</source>
   <translation>Sprung</translation>
  </message>
  <message>
   <source>jumps</source>
   <translation>Sprünge</translation>
  </message>
  <message>
   <source>khaki</source>
   <translation>Khaki</translation>
  </message>
  <message>
   <source>kind</source>
   <translation>Art</translation>
  </message>
  <message>
   <source>kit</source>
   <translation>Bausatz</translation>
  </message>
  <message>
   <source>lacquer</source>
   <translation>Lack</translation>
  </message>
  <message>
   <source>lamp</source>
   <translation>Lampe</translation>
  </message>
  <message>
   <source>lamps</source>
   <translation>Lampen</translation>
  </message>
  <message>
   <source>lantern</source>
   <translation>Laterne</translation>
  </message>
  <message>
   <source>last</source>
   <translation>zuletzt</translation>
  </message>
  <message>
   <source>lasts</source>
   <translation>hält</translation>
  </message>
  <message>
   <source>late</source>
   <translation>zu spät</translation>
  </message>
  <message>
   <source>later</source>
   <translation>später</translation>
  </message>
  <message>
   <source>layer</source>
   <translation>Schicht</translation>
  </message>
  <message>
   <source>layers</source>
   <translation>Schichten</translation>
  </message>
  <message>
   <source>least</source>
   <translation>geringste</translation>
  </message>
  <message>
   <source>leather</source>
   <translation>Leder</translation>
  </message>
  <message>
   <source>leaves</source>
   <translation>Blätter</translation>
  </message>
  <message>
   <source>left</source>
   <translation>links</translation>
  </message>
  <message>
   <source>left wing</source>
   <translation>linker Flügel</translation>
  </message>
  <message>
   <source>legs</source>
   <translation>Beine</translation>
  </message>
  <message>
   <source>less</source>
   <translation>weniger</translation>
  </message>
  <message>
   <source>letters</source>
   <translation>Buchstaben</translation>
  </message>
  <message>
   <source>level</source>
   <translation>Stufe</translation>
  </message>
  <message>
   <source>levelled</source>
   <translation>nivelliert</translation>
  </message>
  <message>
   <source>levels</source>
   <translation>Stufen</translation>
  </message>
  <message>
   <source>leverage</source>
   <translation>Hebel</translation>
  </message>
  <message>
   <source>levers</source>
   <translation>Hebel</translation>
  </message>
  <message>
   <source>lift</source>
   <translation>Hub</translation>
  </message>
  <message>
   <source>light</source>
   <translation>Licht</translation>
  </message>
  <message>
   <source>lighter</source>
   <translation>heller</translation>
  </message>
  <message>
   <source>lilac</source>
   <translation>Flieder</translation>
  </message>
  <message>
   <source>line</source>
   <translation>Linie</translation>
  </message>
  <message>
   <source>linen</source>
   <translation>Leinen</translation>
  </message>
  <message>
   <source>lining</source>
   <translation>Linien</translation>
  </message>
  <message>
   <source>link</source>
   <translation>Verbindung</translation>
  </message>
  <message>
   <source>liquid</source>
   <translation>Flüssigkeit</translation>
  </message>
  <message>
   <source>lit</source>
   <translation>beleuchtet</translation>
  </message>
  <message>
   <source>litres</source>
   <translation>Liter</translation>
  </message>
  <message>
   <source>little</source>
   <translation>wenig</translation>
  </message>
  <message>
   <source>longer</source>
   <translation>länger</translation>
  </message>
  <message>
   <source>look</source>
   <translation>Blick</translation>
  </message>
  <message>
   <source>looks</source>
   <translation>Ansichten</translation>
  </message>
  <message>
   <source>lost</source>
   <translation>verloren</translation>
  </message>
  <message>
   <source>low</source>
   <translation>tief</translation>
  </message>
  <message>
   <source>lower</source>
   <translation>niedriger</translation>
  </message>
  <message>
   <source>lying</source>
   <translation>liegend</translation>
  </message>
  <message>
   <source>machine</source>
   <translation>Maschine</translation>
  </message>
  <message>
   <source>magnets</source>
   <translation>Magnete</translation>
  </message>
  <message>
   <source>main</source>
   <translation>Haupt-</translation>
  </message>
  <message>
   <source>maker</source>
   <translation>Hersteller</translation>
  </message>
  <message>
   <source>marks</source>
   <translation>Male</translation>
  </message>
  <message>
   <source>maroon</source>
   <translation>Kastanie</translation>
  </message>
  <message>
   <source>mask</source>
   <translation>Maske</translation>
  </message>
  <message>
   <source>matt</source>
   <translation>matt</translation>
  </message>
  <message>
   <source>measure</source>
   <translation>messen</translation>
  </message>
  <message>
   <source>measured</source>
   <translation>gemessen</translation>
  </message>
  <message>
   <source>medium</source>
   <translation>Medium</translation>
  </message>
  <message>
   <source>melt</source>
   <translation>verschwimmen</translation>
  </message>
  <message>
   <source>mend</source>
   <translation>flicken</translation>
  </message>
  <message>
   <source>mended</source>
   <translation>geflickt</translation>
  </message>
  <message>
   <source>metal</source>
   <translation>Metall</translation>
  </message>
  <message>
   <source>metallic</source>
   <translation>metallisch</translation>
  </message>
  <message>
   <source>metals</source>
   <translation>Metalle</translation>
  </message>
  <message>
   <source>meter</source>
   <translation>Meter</translation>
  </message>
  <message>
   <source>metres</source>
   <translation>Meter</translation>
  </message>
  <message>
   <source>millimeter</source>
   <translation>Millimeter</translation>
  </message>
  <message>
   <source>mint</source>
   <translation>Minze</translation>
  </message>
  <message>
   <source>minutes</source>
   <translation>Minuten</translation>
  </message>
  <message>
   <source>mirror</source>
   <translation>Spiegelbild</translation>
  </message>
  <message>
   <source>mirrored</source>
   <translation>gespiegelt</translation>
  </message>
  <message>
   <source>missing</source>
   <translation>fehlt</translation>
  </message>
  <message>
   <source>mix</source>
   <translation>Mischung</translation>
  </message>
  <message>
   <source>more</source>
   <translation>mehr</translation>
  </message>
  <message>
   <source>most</source>
   <translation>meiste</translation>
  </message>
  <message>
   <source>mud</source>
   <translation>Schlamm</translation>
  </message>
  <message>
   <source>mustard</source>
   <translation>Senf</translation>
  </message>
  <message>
   <source>muster</source>
   <translation>Musterung</translation>
  </message>
  <message>
   <source>muster the Lampwatch</source>
   <translation>die Lampwatch aufstellen</translation>
  </message>
  <message>
   <source>muted</source>
   <translation>gedämpft</translation>
  </message>
  <message>
   <source>name</source>
   <translation>Name</translation>
  </message>
  <message>
   <source>navy</source>
   <translation>Marineblau</translation>
  </message>
  <message>
   <source>need</source>
   <translation>brauchen</translation>
  </message>
  <message>
   <source>needed</source>
   <translation>gebraucht</translation>
  </message>
  <message>
   <source>needs</source>
   <translation>braucht</translation>
  </message>
  <message>
   <source>never</source>
   <translation>nie</translation>
  </message>
  <message>
   <source>next</source>
   <translation>nächste</translation>
  </message>
  <message>
   <source>nobody</source>
   <translation>niemand</translation>
  </message>
  <message>
   <source>nods</source>
   <translation>nickt</translation>
  </message>
  <message>
   <source>none</source>
   <translation>keine</translation>
  </message>
  <message>
   <source>normal</source>
   <translation>üblich</translation>
  </message>
  <message>
   <source>nothing</source>
   <translation>nichts</translation>
  </message>
  <message>
   <source>now</source>
   <translation>jetzt</translation>
  </message>
  <message>
   <source>nozzle</source>
   <translation>Düse</translation>
  </message>
  <message>
   <source>ochre</source>
   <translation>Ocker</translation>
  </message>
  <message>
   <source>off</source>
   <translation>gebrochen</translation>
  </message>
  <message>
   <source>oil</source>
   <translation>Öl</translation>
  </message>
  <message>
   <source>olive</source>
   <translation>Oliv</translation>
  </message>
  <message>
   <source>once</source>
   <translation>einmal</translation>
  </message>
  <message>
   <source>one-coat</source>
   <translation>eine Lage</translation>
  </message>
  <message>
   <source>opaque</source>
   <translation>deckend</translation>
  </message>
  <message>
   <source>open</source>
   <translation>offen</translation>
  </message>
  <message>
   <source>opened</source>
   <translation>geöffnet</translation>
  </message>
  <message>
   <source>openness</source>
   <translation>Offenheit</translation>
  </message>
  <message>
   <source>orange</source>
   <translation>Orange</translation>
  </message>
  <message>
   <source>oranges</source>
   <translation>Orange</translation>
  </message>
  <message>
   <source>order</source>
   <translation>Reihenfolge</translation>
  </message>
  <message>
   <source>orders</source>
   <translation>Tagesbefehl</translation>
  </message>
  <message>
   <source>other</source>
   <translation>anderes</translation>
  </message>
  <message>
   <source>other triangles</source>
   <translation>andere Dreiecke</translation>
  </message>
  <message>
   <source>out</source>
   <translation>aus</translation>
  </message>
  <message>
   <source>outdoors</source>
   <translation>im Freien</translation>
  </message>
  <message>
   <source>outlines</source>
   <translation>Umrisse</translation>
  </message>
  <message>
   <source>oval</source>
   <translation>oval</translation>
  </message>
  <message>
   <source>over</source>
   <translation>über</translation>
  </message>
  <message>
   <source>overexposure</source>
   <translation>Überbelichtung</translation>
  </message>
  <message>
   <source>overhang</source>
   <translation>Überhang</translation>
  </message>
  <message>
   <source>overrule</source>
   <translation>überstimmen</translation>
  </message>
  <message>
   <source>overruled</source>
   <translation>überstimmt</translation>
  </message>
  <message>
   <source>owed</source>
   <translation>fehlt</translation>
  </message>
  <message>
   <source>own</source>
   <translation>eigene</translation>
  </message>
  <message>
   <source>packing</source>
   <translation>Packen</translation>
  </message>
  <message>
   <source>paid</source>
   <translation>bezahlt</translation>
  </message>
  <message>
   <source>paint</source>
   <translation>Farbe</translation>
  </message>
  <message>
   <source>painting</source>
   <translation>malen</translation>
  </message>
  <message>
   <source>pairs</source>
   <translation>Paare</translation>
  </message>
  <message>
   <source>pale</source>
   <translation>hell</translation>
  </message>
  <message>
   <source>paper</source>
   <translation>Papier</translation>
  </message>
  <message>
   <source>parade</source>
   <translation>Parade</translation>
  </message>
  <message>
   <source>part</source>
   <translation>Teil</translation>
  </message>
  <message>
   <source>pass</source>
   <translation>Gang</translation>
  </message>
  <message>
   <source>passes</source>
   <translation>Gänge</translation>
  </message>
  <message>
   <source>patches</source>
   <translation>Flächen</translation>
  </message>
  <message>
   <source>pattern</source>
   <translation>Muster</translation>
  </message>
  <message>
   <source>pence</source>
   <translation>Pence</translation>
  </message>
  <message>
   <source>picked</source>
   <translation>gewählt</translation>
  </message>
  <message>
   <source>picture</source>
   <translation>Bild</translation>
  </message>
  <message>
   <source>pieces</source>
   <translation>Stücke</translation>
  </message>
  <message>
   <source>pigment</source>
   <translation>Pigment</translation>
  </message>
  <message>
   <source>pillar</source>
   <translation>Pfeiler</translation>
  </message>
  <message>
   <source>pin</source>
   <translation>Stift</translation>
  </message>
  <message>
   <source>pink</source>
   <translation>Rosa</translation>
  </message>
  <message>
   <source>place</source>
   <translation>Ort</translation>
  </message>
  <message>
   <source>plain</source>
   <translation>blank</translation>
  </message>
  <message>
   <source>plan</source>
   <translation>Plan</translation>
  </message>
  <message>
   <source>planks</source>
   <translation>Planken</translation>
  </message>
  <message>
   <source>planned</source>
   <translation>geplant</translation>
  </message>
  <message>
   <source>plastic</source>
   <translation>Kunststoff</translation>
  </message>
  <message>
   <source>plate</source>
   <translation>Platte</translation>
  </message>
  <message>
   <source>plated</source>
   <translation>auf Platte</translation>
  </message>
  <message>
   <source>plates</source>
   <translation>Platten</translation>
  </message>
  <message>
   <source>platform</source>
   <translation>Plattform</translation>
  </message>
  <message>
   <source>play</source>
   <translation>Spiel</translation>
  </message>
  <message>
   <source>plugs</source>
   <translation>Stopfen</translation>
  </message>
  <message>
   <source>plum</source>
   <translation>Pflaume</translation>
  </message>
  <message>
   <source>pockets</source>
   <translation>Taschen</translation>
  </message>
  <message>
   <source>points</source>
   <translation>Punkte</translation>
  </message>
  <message>
   <source>pool</source>
   <translation>Pfütze</translation>
  </message>
  <message>
   <source>pooled</source>
   <translation>gesammelt</translation>
  </message>
  <message>
   <source>pose</source>
   <translation>Lage</translation>
  </message>
  <message>
   <source>postage</source>
   <translation>Porto</translation>
  </message>
  <message>
   <source>posts</source>
   <translation>Pfosten</translation>
  </message>
  <message>
   <source>pot</source>
   <translation>Topf</translation>
  </message>
  <message>
   <source>pots</source>
   <translation>Töpfe</translation>
  </message>
  <message>
   <source>powder</source>
   <translation>Pulver</translation>
  </message>
  <message>
   <source>power</source>
   <translation>Strom</translation>
  </message>
  <message>
   <source>price</source>
   <translation>Preis</translation>
  </message>
  <message>
   <source>primer</source>
   <translation>Grundierung</translation>
  </message>
  <message>
   <source>print</source>
   <translation>Drucken</translation>
  </message>
  <message>
   <source>printed</source>
   <translation>gedruckt</translation>
  </message>
  <message>
   <source>printing</source>
   <translation>druckt</translation>
  </message>
  <message>
   <source>prints</source>
   <translation>druckt</translation>
  </message>
  <message>
   <source>profile</source>
   <translation>Profil</translation>
  </message>
  <message>
   <source>pull</source>
   <translation>Zug</translation>
  </message>
  <message>
   <source>purple</source>
   <translation>Purpur</translation>
  </message>
  <message>
   <source>purples</source>
   <translation>Purpur</translation>
  </message>
  <message>
   <source>putty</source>
   <translation>Spachtel</translation>
  </message>
  <message>
   <source>raft</source>
   <translation>Floß</translation>
  </message>
  <message>
   <source>ready</source>
   <translation>bereit</translation>
  </message>
  <message>
   <source>recess</source>
   <translation>Vertiefung</translation>
  </message>
  <message>
   <source>recipe</source>
   <translation>Rezept</translation>
  </message>
  <message>
   <source>recipes</source>
   <translation>Rezepte</translation>
  </message>
  <message>
   <source>red</source>
   <translation>Rot</translation>
  </message>
  <message>
   <source>redder</source>
   <translation>röter</translation>
  </message>
  <message>
   <source>redo</source>
   <translation>Wiederholen</translation>
  </message>
  <message>
   <source>reds</source>
   <translation>Rot</translation>
  </message>
  <message>
   <source>refund</source>
   <translation>Rückgabe</translation>
  </message>
  <message>
   <source>removed</source>
   <translation>entfernt</translation>
  </message>
  <message>
   <source>repair</source>
   <translation>Reparatur</translation>
  </message>
  <message>
   <source>reprint</source>
   <translation>neu drucken</translation>
  </message>
  <message>
   <source>rescue</source>
   <translation>Rettung</translation>
  </message>
  <message>
   <source>resin</source>
   <translation>Harz</translation>
  </message>
  <message>
   <source>resist</source>
   <translation>Maskierung</translation>
  </message>
  <message>
   <source>rests</source>
   <translation>Ruhezeiten</translation>
  </message>
  <message>
   <source>retraction</source>
   <translation>Rückzug</translation>
  </message>
  <message>
   <source>ridge</source>
   <translation>Grat</translation>
  </message>
  <message>
   <source>right</source>
   <translation>rechts</translation>
  </message>
  <message>
   <source>right wing</source>
   <translation>rechter Flügel</translation>
  </message>
  <message>
   <source>rim</source>
   <translation>Rand</translation>
  </message>
  <message>
   <source>rope</source>
   <translation>Seil</translation>
  </message>
  <message>
   <source>rose</source>
   <translation>Rosenrot</translation>
  </message>
  <message>
   <source>round</source>
   <translation>rund</translation>
  </message>
  <message>
   <source>rub-back</source>
   <translation>Zurückreiben</translation>
  </message>
  <message>
   <source>rubbed</source>
   <translation>gerieben</translation>
  </message>
  <message>
   <source>run</source>
   <translation>Lauf</translation>
  </message>
  <message>
   <source>rust</source>
   <translation>Rost</translation>
  </message>
  <message>
   <source>safe</source>
   <translation>sicher</translation>
  </message>
  <message>
   <source>same</source>
   <translation>gleich</translation>
  </message>
  <message>
   <source>sand</source>
   <translation>Sand</translation>
  </message>
  <message>
   <source>satin</source>
   <translation>seidenmatt</translation>
  </message>
  <message>
   <source>saving</source>
   <translation>Rettung</translation>
  </message>
  <message>
   <source>says</source>
   <translation>sagt</translation>
  </message>
  <message>
   <source>scale</source>
   <translation>Maßstab</translation>
  </message>
  <message>
   <source>scaled</source>
   <translation>skaliert</translation>
  </message>
  <message>
   <source>scar</source>
   <translation>Mal</translation>
  </message>
  <message>
   <source>scarlet</source>
   <translation>Scharlach</translation>
  </message>
  <message>
   <source>scars</source>
   <translation>Male</translation>
  </message>
  <message>
   <source>scatter</source>
   <translation>Streu</translation>
  </message>
  <message>
   <source>scheme</source>
   <translation>Farbschema</translation>
  </message>
  <message>
   <source>schools</source>
   <translation>Schulen</translation>
  </message>
  <message>
   <source>scraper</source>
   <translation>Schaber</translation>
  </message>
  <message>
   <source>screen</source>
   <translation>Bildschirm</translation>
  </message>
  <message>
   <source>screws</source>
   <translation>Schrauben</translation>
  </message>
  <message>
   <source>seal</source>
   <translation>Siegel</translation>
  </message>
  <message>
   <source>seam</source>
   <translation>Naht</translation>
  </message>
  <message>
   <source>searching</source>
   <translation>sucht</translation>
  </message>
  <message>
   <source>seed</source>
   <translation>Keim</translation>
  </message>
  <message>
   <source>seen</source>
   <translation>gesehen</translation>
  </message>
  <message>
   <source>semi-opaque</source>
   <translation>halbdeckend</translation>
  </message>
  <message>
   <source>sent</source>
   <translation>geschickt</translation>
  </message>
  <message>
   <source>seqs</source>
   <translation>Nummern</translation>
  </message>
  <message>
   <source>settle</source>
   <translation>entscheiden</translation>
  </message>
  <message>
   <source>settled</source>
   <translation>abgesetzt</translation>
  </message>
  <message>
   <source>sheet</source>
   <translation>Blatt</translation>
  </message>
  <message>
   <source>shell</source>
   <translation>Hülle</translation>
  </message>
  <message>
   <source>shift</source>
   <translation>Versatz</translation>
  </message>
  <message>
   <source>shopping</source>
   <translation>Einkauf</translation>
  </message>
  <message>
   <source>shorter</source>
   <translation>kürzer</translation>
  </message>
  <message>
   <source>show</source>
   <translation>zeigen</translation>
  </message>
  <message>
   <source>shows</source>
   <translation>zeigt</translation>
  </message>
  <message>
   <source>side</source>
   <translation>Seite</translation>
  </message>
  <message>
   <source>silver</source>
   <translation>Silber</translation>
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
   <source>slabs</source>
   <translation>Steinplatten</translation>
  </message>
  <message>
   <source>sleeve</source>
   <translation>Ärmel</translation>
  </message>
  <message>
   <source>slot</source>
   <translation>Platz</translation>
  </message>
  <message>
   <source>slower</source>
   <translation>langsamer</translation>
  </message>
  <message>
   <source>smooth</source>
   <translation>glatt</translation>
  </message>
  <message>
   <source>snipping</source>
   <translation>Abknipsen</translation>
  </message>
  <message>
   <source>snow</source>
   <translation>Schnee</translation>
  </message>
  <message>
   <source>solvent</source>
   <translation>Lösemittel</translation>
  </message>
  <message>
   <source>soot</source>
   <translation>Ruß</translation>
  </message>
  <message>
   <source>sort</source>
   <translation>Sortieren</translation>
  </message>
  <message>
   <source>span</source>
   <translation>Spannweite</translation>
  </message>
  <message>
   <source>spare</source>
   <translation>Ersatz</translation>
  </message>
  <message>
   <source>spares</source>
   <translation>Ersatz</translation>
  </message>
  <message>
   <source>sparse</source>
   <translation>sparsam</translation>
  </message>
  <message>
   <source>speck</source>
   <translation>Krümel</translation>
  </message>
  <message>
   <source>spent</source>
   <translation>verbraucht</translation>
  </message>
  <message>
   <source>spirit</source>
   <translation>Terpentin</translation>
  </message>
  <message>
   <source>split</source>
   <translation>geteilt</translation>
  </message>
  <message>
   <source>sponge</source>
   <translation>Schwamm</translation>
  </message>
  <message>
   <source>spray</source>
   <translation>Spray</translation>
  </message>
  <message>
   <source>sprayed</source>
   <translation>gesprüht</translation>
  </message>
  <message>
   <source>squad</source>
   <translation>Trupp</translation>
  </message>
  <message>
   <source>square</source>
   <translation>eckig</translation>
  </message>
  <message>
   <source>stage</source>
   <translation>Station</translation>
  </message>
  <message>
   <source>stain</source>
   <translation>Beize</translation>
  </message>
  <message>
   <source>stairs</source>
   <translation>Stufen</translation>
  </message>
  <message>
   <source>standard</source>
   <translation>Standard</translation>
  </message>
  <message>
   <source>standing</source>
   <translation>stehend</translation>
  </message>
  <message>
   <source>stands</source>
   <translation>steht</translation>
  </message>
  <message>
   <source>state</source>
   <translation>Stand</translation>
  </message>
  <message>
   <source>steel</source>
   <translation>Stahl</translation>
  </message>
  <message>
   <source>steps</source>
   <translation>Schritte</translation>
  </message>
  <message>
   <source>stipple</source>
   <translation>Tupfen</translation>
  </message>
  <message>
   <source>stock</source>
   <translation>Vorrat</translation>
  </message>
  <message>
   <source>stone</source>
   <translation>Stein</translation>
  </message>
  <message>
   <source>stop</source>
   <translation>Ende</translation>
  </message>
  <message>
   <source>stopped</source>
   <translation>angehalten</translation>
  </message>
  <message>
   <source>streak</source>
   <translation>Streifen</translation>
  </message>
  <message>
   <source>streaks</source>
   <translation>Streifen</translation>
  </message>
  <message>
   <source>strewn</source>
   <translation>gestreut</translation>
  </message>
  <message>
   <source>strings</source>
   <translation>Fäden</translation>
  </message>
  <message>
   <source>stripes</source>
   <translation>Streifen</translation>
  </message>
  <message>
   <source>stroke</source>
   <translation>Auftrag</translation>
  </message>
  <message>
   <source>strokes</source>
   <translation>Aufträge</translation>
  </message>
  <message>
   <source>sub-assemblies</source>
   <translation>Baugruppen</translation>
  </message>
  <message>
   <source>subject</source>
   <translation>Gegenstand</translation>
  </message>
  <message>
   <source>supplied</source>
   <translation>geliefert</translation>
  </message>
  <message>
   <source>support</source>
   <translation>Stütze</translation>
  </message>
  <message>
   <source>supported</source>
   <translation>gestützt</translation>
  </message>
  <message>
   <source>supports</source>
   <translation>Stützen</translation>
  </message>
  <message>
   <source>swapped</source>
   <translation>getauscht</translation>
  </message>
  <message>
   <source>sways</source>
   <translation>lehnt</translation>
  </message>
  <message>
   <source>swings</source>
   <translation>schwingt</translation>
  </message>
  <message>
   <source>table</source>
   <translation>Tisch</translation>
  </message>
  <message>
   <source>table-ready</source>
   <translation>tischfertig</translation>
  </message>
  <message>
   <source>tacky</source>
   <translation>klebrig</translation>
  </message>
  <message>
   <source>taken</source>
   <translation>aufgenommen</translation>
  </message>
  <message>
   <source>taller</source>
   <translation>höher</translation>
  </message>
  <message>
   <source>tan</source>
   <translation>Hellbraun</translation>
  </message>
  <message>
   <source>tare</source>
   <translation>Leergewicht</translation>
  </message>
  <message>
   <source>target</source>
   <translation>Ziel</translation>
  </message>
  <message>
   <source>teal</source>
   <translation>Blaugrün</translation>
  </message>
  <message>
   <source>technique</source>
   <translation>Technik</translation>
  </message>
  <message>
   <source>templates</source>
   <translation>Schablonen</translation>
  </message>
  <message>
   <source>tests</source>
   <translation>Proben</translation>
  </message>
  <message>
   <source>text</source>
   <translation>Text</translation>
  </message>
  <message>
   <source>texture</source>
   <translation>Textur</translation>
  </message>
  <message>
   <source>then</source>
   <translation>dann</translation>
  </message>
  <message>
   <source>there</source>
   <translation>dort</translation>
  </message>
  <message>
   <source>thicken</source>
   <translation>verdicken</translation>
  </message>
  <message>
   <source>thicker</source>
   <translation>dicker</translation>
  </message>
  <message>
   <source>thin</source>
   <translation>dünn</translation>
  </message>
  <message>
   <source>thinner</source>
   <translation>Verdünner</translation>
  </message>
  <message>
   <source>tilted</source>
   <translation>gekippt</translation>
  </message>
  <message>
   <source>time</source>
   <translation>Zeit</translation>
  </message>
  <message>
   <source>timer</source>
   <translation>Uhr</translation>
  </message>
  <message>
   <source>tip</source>
   <translation>Spitze</translation>
  </message>
  <message>
   <source>tips</source>
   <translation>Spitzen</translation>
  </message>
  <message>
   <source>tool</source>
   <translation>Werkzeug</translation>
  </message>
  <message>
   <source>tools</source>
   <translation>Werkzeuge</translation>
  </message>
  <message>
   <source>torn</source>
   <translation>gerissen</translation>
  </message>
  <message>
   <source>torso</source>
   <translation>Rumpf</translation>
  </message>
  <message>
   <source>touches</source>
   <translation>berührt</translation>
  </message>
  <message>
   <source>touching</source>
   <translation>Berührung</translation>
  </message>
  <message>
   <source>tough</source>
   <translation>zäh</translation>
  </message>
  <message>
   <source>toward</source>
   <translation>Richtung</translation>
  </message>
  <message>
   <source>transfer</source>
   <translation>Abziehbild</translation>
  </message>
  <message>
   <source>translucent</source>
   <translation>durchscheinend</translation>
  </message>
  <message>
   <source>travel</source>
   <translation>Fahrt</translation>
  </message>
  <message>
   <source>tray</source>
   <translation>Lade</translation>
  </message>
  <message>
   <source>tub</source>
   <translation>Kübel</translation>
  </message>
  <message>
   <source>tuft</source>
   <translation>Büschel</translation>
  </message>
  <message>
   <source>tufts</source>
   <translation>Büschel</translation>
  </message>
  <message>
   <source>turned</source>
   <translation>gedreht</translation>
  </message>
  <message>
   <source>turntable</source>
   <translation>Drehteller</translation>
  </message>
  <message>
   <source>turquoise</source>
   <translation>Türkis</translation>
  </message>
  <message>
   <source>twins</source>
   <translation>Zwillinge</translation>
  </message>
  <message>
   <source>twists</source>
   <translation>dreht sich</translation>
  </message>
  <message>
   <source>typed</source>
   <translation>eingegeben</translation>
  </message>
  <message>
   <source>uncured</source>
   <translation>ungehärtet</translation>
  </message>
  <message>
   <source>under</source>
   <translation>unter</translation>
  </message>
  <message>
   <source>under-light</source>
   <translation>Licht von unten</translation>
  </message>
  <message>
   <source>undo</source>
   <translation>Rückgängig</translation>
  </message>
  <message>
   <source>undone</source>
   <translation>zurückgenommen</translation>
  </message>
  <message>
   <source>unheated</source>
   <translation>ungeheizt</translation>
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
   <source>unrelated</source>
   <translation>ohne Bezug</translation>
  </message>
  <message>
   <source>unseen</source>
   <translation>ungesehen</translation>
  </message>
  <message>
   <source>unwashed</source>
   <translation>ungewaschen</translation>
  </message>
  <message>
   <source>valid</source>
   <translation>gültig</translation>
  </message>
  <message>
   <source>value</source>
   <translation>Tonwert</translation>
  </message>
  <message>
   <source>varnish</source>
   <translation>Lack</translation>
  </message>
  <message>
   <source>vent</source>
   <translation>Lüftung</translation>
  </message>
  <message>
   <source>verdigris</source>
   <translation>Grünspan</translation>
  </message>
  <message>
   <source>very</source>
   <translation>sehr</translation>
  </message>
  <message>
   <source>violet</source>
   <translation>Violett</translation>
  </message>
  <message>
   <source>waiting</source>
   <translation>wartet</translation>
  </message>
  <message>
   <source>waits</source>
   <translation>wartet</translation>
  </message>
  <message>
   <source>wall</source>
   <translation>Wand</translation>
  </message>
  <message>
   <source>walls</source>
   <translation>Wände</translation>
  </message>
  <message>
   <source>wanted</source>
   <translation>gewünscht</translation>
  </message>
  <message>
   <source>warm</source>
   <translation>warm</translation>
  </message>
  <message>
   <source>warmer</source>
   <translation>wärmer</translation>
  </message>
  <message>
   <source>warp</source>
   <translation>Verzug</translation>
  </message>
  <message>
   <source>wash</source>
   <translation>Lasur</translation>
  </message>
  <message>
   <source>washed</source>
   <translation>gewaschen</translation>
  </message>
  <message>
   <source>washing</source>
   <translation>Waschen</translation>
  </message>
  <message>
   <source>water</source>
   <translation>Wasser</translation>
  </message>
  <message>
   <source>water-washable</source>
   <translation>wasserwaschbar</translation>
  </message>
  <message>
   <source>wax</source>
   <translation>Wachs</translation>
  </message>
  <message>
   <source>weapon</source>
   <translation>Waffe</translation>
  </message>
  <message>
   <source>wear</source>
   <translation>tragen</translation>
  </message>
  <message>
   <source>wears</source>
   <translation>trägt</translation>
  </message>
  <message>
   <source>weather</source>
   <translation>Wetter</translation>
  </message>
  <message>
   <source>wet</source>
   <translation>nass</translation>
  </message>
  <message>
   <source>where</source>
   <translation>wo</translation>
  </message>
  <message>
   <source>which</source>
   <translation>welche</translation>
  </message>
  <message>
   <source>white</source>
   <translation>Weiß</translation>
  </message>
  <message>
   <source>whole</source>
   <translation>Ganzes</translation>
  </message>
  <message>
   <source>wide</source>
   <translation>breit</translation>
  </message>
  <message>
   <source>wire</source>
   <translation>Draht</translation>
  </message>
  <message>
   <source>wood</source>
   <translation>Holz</translation>
  </message>
  <message>
   <source>words</source>
   <translation>Worte</translation>
  </message>
  <message>
   <source>yellow</source>
   <translation>Gelb</translation>
  </message>
  <message>
   <source>yellowed</source>
   <translation>vergilbt</translation>
  </message>
  <message>
   <source>yellower</source>
   <translation>gelber</translation>
  </message>
  <message>
   <source>yellows</source>
   <translation>Gelb</translation>
  </message>
  <message>
   <source>yes</source>
   <translation>ja</translation>
  </message>
  <message>
   <source>yours</source>
   <translation>deine</translation>
  </message>
  <message>
   <source>zone</source>
   <translation>Zone</translation>
  </message>
  <message>
   <source>zones</source>
   <translation>Zonen</translation>
  </message>
 </context>
</TS>
