/** Why a tool wants another one beside it, in German. */
export const companions: Readonly<Record<string, string>> = {
  'It is held with clamps when a saw runs along it.': 'Läuft eine Säge daran entlang, wird es mit Zwingen gehalten.',
  'A bare body takes the packs of a set on the same platform.':
    'Ein Gerät ohne Akku nimmt die Akkus eines Sets desselben Systems.',
  'An edge tool is only as good as its edge, and it dulls within an evening.':
    'Eine Schneide ist nur so gut, wie sie scharf ist, und an einem Abend wird sie stumpf.',
  'A scraper cuts with a burr that has to be turned.':
    'Eine Ziehklinge schneidet mit einem Grat, der angezogen sein will.',
  'A wooden body is adjusted with wood or brass, not a steel hammer.':
    'Ein Holzkasten wird mit Holz oder Messing gestellt, nicht mit einem Stahlhammer.',
  'Chisels are struck with wood or plastic, not a steel hammer.':
    'Stechbeitel schlägt man mit Holz oder Kunststoff, nicht mit einem Stahlhammer.',
  'Their hoops are struck with a hammer of their own or a mallet.':
    'Mit ihrem Ring schlägt man sie mit einem eigenen Hammer oder dem Klüpfel.',
  'Struck with wood or plastic, not a steel hammer.':
    'Mit Holz oder Kunststoff geschlagen, nicht mit einem Stahlhammer.',
  'Stropped every quarter of an hour a good edge lasts for months; a stone serves too.':
    'Alle Viertelstunde abgezogen, hält eine gute Schneide Monate; ein Stein tut es auch.',
  'The other hand holds the piece.': 'Die andere Hand hält das Stück.',
  'Its inside curve is honed on a strop.': 'Seine Innenrundung wird am Leder abgezogen.',
  'Turning tools blunt within minutes and are ground.': 'Drechseleisen werden in Minuten stumpf und geschliffen.',
  'Sinks a nail without bruising the wood.': 'Versenkt einen Nagel, ohne das Holz zu drücken.',
  'Steel loses its temper when it turns blue: dip it often, and dress the wheel.':
    'Blau angelaufener Stahl ist weich: oft eintauchen, und die Scheibe abziehen.',
  'A drill turns nothing by itself.': 'Ein Bohrschrauber allein dreht nichts.',
  'A stop keeps the bit from coming through.': 'Ein Anschlag hält den Bohrer davon ab, durchzukommen.',
  'One drill bores and drives without a change of chuck.': 'Eine Maschine bohrt und schraubt ohne Futterwechsel.',
  'A tool on a cord needs reach to an outlet.': 'Eine Maschine am Kabel muss bis zur Steckdose reichen.',
  'Plain bits shatter under impact.': 'Gewöhnliche Bits zersplittern unter Schlag.',
  'Holes in masonry ask for their own bits.': 'Löcher im Mauerwerk wollen eigene Bohrer.',
  'Sheets sag and pinch the blade unless both halves are carried.':
    'Platten hängen durch und klemmen das Blatt, wenn nicht beide Hälften aufliegen.',
  'The blade supplied is usually poor.': 'Das mitgelieferte Blatt ist meist schlecht.',
  'A hose needs something to sit on.': 'Ein Schlauch braucht etwas, woran er sitzt.',
  'Blades bend and burn; the one supplied is a start.':
    'Blätter biegen sich und brennen; das mitgelieferte ist ein Anfang.',
  'The rail must not shift in the plunge.': 'Die Schiene darf beim Eintauchen nicht rutschen.',
  'Discs in three grits, 60, 120 and 220, do nearly everything.':
    'Scheiben in drei Körnungen, 60, 120 und 220, tun fast alles.',
  'Dust goes where the hose is not.': 'Staub geht dahin, wo der Schlauch nicht ist.',
  'The hose has to fit its port.': 'Der Schlauch muss auf den Stutzen passen.',
  'Takes cut sheets of paper.': 'Nimmt geschnittenes Papier.',
  'Bits of the collet’s size.': 'Fräser in der Größe der Spannzange.',
  'Belts in two grits.': 'Bänder in zwei Körnungen.',
  'Blades are used up within hours.': 'Blätter sind in Stunden verbraucht.',
  'It cuts with burrs and sands with drums; they wear.':
    'Es fräst mit Stiften und schleift mit Walzen; die verschleißen.',
  'Takes sheets of its own shape.': 'Nimmt Blätter seiner eigenen Form.',
  'A shield over the whole face, over glasses.': 'Ein Schild über das ganze Gesicht, über der Brille.',
  'Long stock needs support, repeats need a stop.': 'Lange Stücke wollen eine Auflage, Wiederholungen einen Stopp.',
  'Hands stay away from the blade.': 'Die Hände bleiben weg vom Blatt.',
  'Dust collection that can follow it.': 'Eine Absaugung, die ihm folgen kann.',
  'A flat place for the stock to go.': 'Eine ebene Stelle, wo das Holz hinkann.',
  'Holds the stock to the fence.': 'Hält das Holz am Anschlag.',
  'Height set by a block repeats exactly.': 'Mit einem Klotz gestellt, kehrt die Höhe genau wieder.',
  'Tall stock on edge wants a tall fence.': 'Hochkant stehendes Holz will einen hohen Anschlag.',
  'Thin strips drop beside the blade through the wide slot.':
    'Dünne Streifen fallen durch den breiten Schlitz neben das Blatt.',
  'Narrow blades for curves, wide ones for straight cuts; they wear.':
    'Schmale Blätter für Kurven, breite für gerade Schnitte; sie verschleißen.',
  'A featherboard holds stock to the fence.': 'Ein Druckkamm hält das Holz am Anschlag.',
  'Its fine blades break.': 'Seine feinen Blätter brechen.',
  'Chips fill a household vacuum at once.': 'Späne füllen einen Haushaltssauger sofort.',
  'Knives are ground or changed.': 'Messer werden geschliffen oder gewechselt.',
  'Hands never pass over the cutter.': 'Hände gehen nie über die Welle.',
  'Its chips fill a vacuum and a cyclone’s bin at once.': 'Seine Späne füllen Sauger und Zyklontonne sofort.',
  'Sleeves for each spindle.': 'Hülsen für jede Spindel.',
  'Strips in two grits.': 'Streifen in zwei Körnungen.',
  'Holds what centres cannot.': 'Hält, was Spitzen nicht können.',
  'A holdfast needs a hole in a thick bench top.': 'Ein Niederhalter braucht ein Loch in einer dicken Bankplatte.',
  'Set and freed with a blow.': 'Mit einem Schlag gesetzt und gelöst.',
  'Dogs sit in holes of a bench.': 'Bankhaken sitzen in Löchern der Bank.',
  'It hangs on a bench.': 'Sie hängt an einer Bank.',
  'It runs when the tool runs.': 'Er läuft, wenn die Maschine läuft.',
  'One machine at a time draws best.': 'Eine Maschine auf einmal saugt am besten.',
  'It needs a vacuum behind it.': 'Er braucht einen Sauger dahinter.',
  'Fine dust harms lungs, by hand as well.': 'Feiner Staub schadet der Lunge, auch von Hand.',
  'Paper is used up.': 'Papier wird verbraucht.',
  'Only an arbor long enough takes it.': 'Nur eine genügend lange Welle nimmt ihn.',
  'Squeezed-out glue is scraped off when it is leathery.': 'Ausgetretener Leim wird abgekratzt, wenn er zäh ist.',
  'It lengthens the rail of a plunge saw.': 'Sie verlängert die Schiene einer Tauchsäge.',
  'A dust filter lets vapour through.': 'Ein Staubfilter lässt Dämpfe durch.',
  'Gates steer what an extractor draws.': 'Schieber lenken, was eine Absaugung zieht.',
  'Bent while it is hot, over a form.': 'Heiß gebogen, über eine Form.'
}
