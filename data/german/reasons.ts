/** What stands beside tools, ways of working and pieces as a reason or a hint, in German. */
export const reasons: Readonly<Record<string, string>> = {
  'Accuracy starts here: check it by flipping it over and drawing the line again.':
    'Hier beginnt die Genauigkeit: prüf ihn, indem du ihn umdrehst und die Linie noch einmal ziehst.',
  'Has no screw that works loose; test it by flipping it over.':
    'Hat keine Schraube, die sich lockert; prüf ihn durch Umdrehen.',
  'Reads thickness and the width of a groove where a rule cannot.':
    'Misst Dicken und Nutbreiten, wo ein Lineal nicht kann.',
  'Sets a blade or a bit to height without reading a scale.':
    'Stellt Blatt oder Fräser auf Höhe, ohne eine Skala zu lesen.',
  'A knife line guides the chisel; a pencil line only shows where.':
    'Ein Messerriss führt den Beitel; ein Bleistiftriss zeigt nur, wo.',
  'A cheap one compares boards rather than measures them; dry timber from a yard you trust may replace it.':
    'Ein billiger vergleicht Bretter eher, als er misst; trockenes Holz von einem Händler, dem du traust, kann ihn ersetzen.',
  'Weigh a piece each week: it is dry when it no longer loses.':
    'Wieg ein Stück jede Woche: es ist trocken, wenn es nichts mehr verliert.',
  'Its teeth have no set, so it does not scratch what it rests on.':
    'Ihre Zähne sind nicht geschränkt, also zerkratzt sie nicht, worauf sie liegt.',
  'Bolts, rods and aluminium strips; no saw for wood likes them.':
    'Bolzen, Stangen und Aluleisten; keine Holzsäge mag sie.',
  '50 to 70 mm to begin with; wider ones are harder to tune.':
    '50 bis 70 mm für den Anfang; breitere sind schwerer einzustellen.',
  'Long enough to ride over the hollows of an edge.': 'Lang genug, um über die Mulden einer Kante zu gleiten.',
  'Brings the floor of a recess to one depth.': 'Bringt den Grund einer Vertiefung auf eine Tiefe.',
  'Three do most work: one narrow, one of about 20, one of about 35 mm.':
    'Drei tun die meiste Arbeit: ein schmales, eines um 20, eines um 35 mm.',
  'Stay flat by themselves; they need no flattener.': 'Bleiben von selbst eben; sie brauchen keinen Abrichtstein.',
  'A glazed wheel burns edges; steel that turns blue has lost its temper.':
    'Eine zugesetzte Scheibe verbrennt Schneiden; blau angelaufener Stahl ist weich.',
  'Cuts a clean flat-bottomed hole; wants a slow, steady drill.':
    'Schneidet ein sauberes Loch mit flachem Grund; will eine langsame, ruhige Maschine.',
  'Bores, sinks and stops in one go.': 'Bohrt, senkt und stoppt in einem.',
  'One drill changes between boring and driving in a second.':
    'Eine Maschine wechselt in einer Sekunde zwischen Bohren und Schrauben.',
  'The cordless form comes with two packs and a charger.': 'Mit Akku kommt er mit zwei Akkus und Ladegerät.',
  'The hammer is for masonry only; switched off it is a drill driver. The cordless form comes with packs.':
    'Das Schlagwerk ist nur für Mauerwerk; ausgeschaltet ist er ein Bohrschrauber. Mit Akku kommt er mit Akkus.',
  'Takes off fast and digs in as fast: keep it flat and moving.':
    'Trägt schnell ab und gräbt sich ebenso schnell ein: flach halten und bewegen.',
  'One machine for both faces; beds of about 1.5 m together stay useful for years.':
    'Eine Maschine für beide Flächen; Tische von zusammen etwa 1,5 m taugen für Jahre.',
  'The pipe counts: heads alone hold nothing.': 'Das Rohr zählt mit: Köpfe allein halten nichts.',
  'Holds small and tapered work, and small pieces at a machine.':
    'Hält Kleines und Konisches, und kleine Stücke an einer Maschine.',
  'For jigs: hands stay away from the cutter.': 'Für Vorrichtungen: die Hände bleiben weg vom Werkzeug.',
  'Sweeping raises fine dust again: open the door, wear the mask.':
    'Kehren wirbelt feinen Staub wieder auf: Tür öffnen, Maske tragen.',
  'Impact marked. Comfortable ones get worn.': 'Als stoßfest gezeichnet. Bequeme werden getragen.',
  'Hours are those of the filters.': 'Die Stunden sind die der Filter.',
  'Rolled thin and held in until they swell; field tests find most people get half of what the box says.':
    'Dünn gerollt und gehalten, bis sie aufgehen; in der Praxis erreichen die meisten die Hälfte dessen, was draufsteht.',
  'Over glasses where bowls or splinters fly.': 'Über der Brille, wo Schalen oder Splitter fliegen.',
  'For beards, glasses and long days at the lathe.': 'Für Bärte, Brillen und lange Tage an der Drechselbank.',
  'For outlets that have none; anything beyond plugging in is for a licensed electrician.':
    'Für Steckdosen ohne; alles über das Einstecken hinaus ist für eine Elektrofachkraft.',
  'Holds a template without a screw hole.': 'Hält eine Schablone ohne Schraubenloch.',
  'Screw length by stock: 32 mm for 19 mm, 64 mm for 38 mm.':
    'Schraubenlänge nach Holz: 32 mm für 19 mm, 64 mm für 38 mm.',
  'Solid wood or ply, no metal; two, since one gets nicked.':
    'Massivholz oder Sperrholz, kein Metall; zwei, da einer angeschnitten wird.',
  'Cleaned at once it lasts for years.': 'Gleich gereinigt, hält er Jahre.',
  'For solvents and sprayed finish; hours are those of the filters.':
    'Für Lösemittel und Gespritztes; die Stunden sind die der Filter.',
  'Oily cloths in a heap can catch fire by themselves.': 'Ölige Lappen auf einem Haufen können sich selbst entzünden.',
  'A heat alarm where dust would set off the other kind.': 'Ein Hitzemelder, wo Staub den anderen auslösen würde.',
  'A machine does not start again by itself when the current comes back.':
    'Eine Maschine läuft nicht von selbst wieder an, wenn der Strom zurückkommt.',
  'The vacuum runs when the tool runs. Both together must stay within the circuit.':
    'Der Sauger läuft, wenn die Maschine läuft. Beide zusammen müssen in den Stromkreis passen.',
  'Reads finer than a tape, but only as far as it is long.':
    'Liest feiner als ein Maßband, aber nur so weit, wie es lang ist.',
  'Compare with the room’s own timber; the figure alone means little.':
    'Vergleich mit dem Holz des Raums; die Zahl allein sagt wenig.',
  'Weigh a sample every week; equal weights mean it has settled.':
    'Wieg jede Woche eine Probe; gleiche Gewichte heißen, dass sie ruht.',
  'Every length stands on one stick; nothing is read twice.':
    'Jede Länge steht auf einem Stab; nichts wird zweimal gelesen.',
  'Sighting over both shows twist that a square does not.':
    'Über beide gepeilt, zeigt sich eine Verwindung, die ein Winkel nicht zeigt.',
  'For panels wider than any square: equal diagonals show that it is square.':
    'Für Platten, breiter als jeder Winkel: gleiche Diagonalen zeigen den rechten Winkel.',
  'A knife line leads chisel and saw.': 'Ein Messerriss führt Beitel und Säge.',
  'Copies what is there, such as a skirting or a chair leg.':
    'Bildet ab, was da ist, etwa eine Sockelleiste oder ein Stuhlbein.',
  'Good enough where a curve only has to please.': 'Gut genug, wo eine Kurve nur gefallen muss.',
  'The foam carries both halves to the end of the cut.': 'Der Schaum trägt beide Hälften bis zum Ende des Schnitts.',
  'Straight cuts only, whole sheets bought there; the trip counts once.':
    'Nur gerade Schnitte, ganze dort gekaufte Platten; der Weg zählt einmal.',
  'Half sheets and smaller; a whole sheet is for a saw that moves.':
    'Halbe Platten und kleiner; eine ganze ist für eine Säge, die sich bewegt.',
  'Straight cuts of boards bought there; shorter pieces the saw at the counter cannot hold.':
    'Gerade Schnitte dort gekaufter Bretter; kürzere Stücke kann die Säge am Tresen nicht halten.',
  'Stock pinches the blade when it sags towards the cut: support both sides and let the offcut fall free.':
    'Holz klemmt das Blatt, wenn es zum Schnitt hin durchhängt: beide Seiten auflegen und den Abschnitt frei fallen lassen.',
  'A stop set once makes every piece of a batch alike.': 'Ein einmal gesetzter Stopp macht alle Stücke gleich.',
  'Short boards only: long ones are for a saw that moves.':
    'Nur kurze Bretter: lange sind für eine Säge, die sich bewegt.',
  'For trimming in place, where no saw gets in.': 'Zum Kürzen an Ort und Stelle, wo keine Säge hinkommt.',
  'Set once, every piece of a batch is alike. Nothing shorter than the fence’s zone without a clamp.':
    'Einmal gestellt, sind alle Stücke gleich. Nichts Kürzeres als die Zone des Anschlags ohne Zwinge.',
  'At 45° the cut is 1.42 times the board’s width.': 'Bei 45° ist der Schnitt das 1,42-Fache der Brettbreite.',
  'The blade wanders in thick stock.': 'In dickem Holz verläuft das Blatt.',
  'The fence set once makes repeat widths. Riving knife, guard and push stick stay in use.':
    'Der einmal gestellte Anschlag macht gleiche Breiten. Spaltkeil, Haube und Schiebestock bleiben in Gebrauch.',
  'The widest blade has to go on, be tensioned and tracked: ten minutes of the set-up.':
    'Das breiteste Blatt muss aufgelegt, gespannt und ausgerichtet werden: zehn Minuten vom Einrichten.',
  'The narrow blade has to go on, be tensioned and tracked: nine minutes of the set-up.':
    'Das schmale Blatt muss aufgelegt, gespannt und ausgerichtet werden: neun Minuten vom Einrichten.',
  'Every copy is the template’s twin.': 'Jede Kopie ist der Zwilling der Schablone.',
  'Straight-sided openings in panels; no starting hole is needed.':
    'Gerade Ausschnitte in Platten; ein Startloch braucht es nicht.',
  'Makes one face flat; it does not make two faces parallel.':
    'Macht eine Fläche eben; zwei Flächen parallel macht er nicht.',
  'Makes faces parallel; a cupped face stays cupped unless the other side is flat first.':
    'Macht Flächen parallel; eine hohle bleibt hohl, wenn nicht zuerst die andere eben ist.',
  'Wider boards come out in steps: its cutter must span the face.':
    'Breitere Bretter kommen stufig heraus: seine Welle muss die Fläche überspannen.',
  'Boards, not sheets.': 'Bretter, keine Platten.',
  'Fast and rough: finish from the other side once the point shows.':
    'Schnell und grob: von der anderen Seite fertig bohren, sobald die Spitze zu sehen ist.',
  'Where the saw’s manual allows a stack. The crown guard comes off: featherboards and push block, blade low, guard back on after.':
    'Wo die Anleitung der Säge einen Satz erlaubt. Die Haube muss ab: Druckkämme und Schiebeholz, Blatt tief, danach die Haube wieder dran.',
  'Most of what a drill press does, wherever the work is.':
    'Das meiste, was eine Tischbohrmaschine tut, wo immer das Werkstück ist.',
  'Glue and four screws hold a case of boards or sheet; the heads show.':
    'Leim und vier Schrauben halten einen Korpus aus Brettern oder Platten; die Köpfe sieht man.',
  'What pocket joints are for: cases of sheet, the holes out of sight.':
    'Wofür Taschenschrauben da sind: Korpusse aus Platten, die Löcher außer Sicht.',
  'The shelf sits in the side and cannot slip, however much stands on it.':
    'Der Boden sitzt in der Seite und kann nicht rutschen, wie viel auch darauf steht.',
  'Holds a small table that is not dragged about; real joinery outlives it.':
    'Hält einen kleinen Tisch, den man nicht umherzerrt; echte Verbindungen überleben ihn.',
  'Rails screwed through the leg, and a block cut to the corner screwed both ways.':
    'Zargen durch das Bein geschraubt, und ein Eckklotz, nach beiden Seiten geschraubt.',
  'Two bolts and a washer each carry people, and can be drawn up again.':
    'Zwei Bolzen mit Scheiben tragen Menschen und lassen sich nachziehen.',
  'What planed boards cost over rough ones, waste counted.':
    'Was gehobelte Bretter mehr kosten als raue, Verschnitt eingerechnet.',
  'One face flat, the other parallel, an edge straight.': 'Eine Fläche eben, die andere parallel, eine Kante gerade.',
  'Right for cases of sheet goods; not across the grain of wide solid panels, not for frames that carry load.':
    'Recht für Korpusse aus Platten; nicht quer zur Faser breiter Massivplatten, nicht für Rahmen, die tragen.',
  'Long clamps for the width, two more on the cauls keep it flat.':
    'Lange Zwingen für die Breite, zwei weitere auf den Zulagen halten sie eben.',
  'For small mitred boxes: fold it up round the tape.': 'Für kleine Kästen auf Gehrung: um das Klebeband falten.',
  'Brads only where there is no stress, with glue.': 'Stifte nur, wo nichts zieht, mit Leim.',
  'Thin backs and cloth.': 'Dünne Rückwände und Stoff.',
  'Into timber behind the board; find cables first.': 'In Holz hinter der Platte; zuerst Kabel suchen.',
  'A thin nail where the skirting will hide it finds the stud; find cables first.':
    'Ein dünner Nagel, wo die Sockelleiste ihn deckt, findet den Ständer; zuerst Kabel suchen.',
  'Cables first, then a hole as deep as the plug; a drill without hammer polishes the hole.':
    'Zuerst Kabel, dann ein Loch so tief wie der Dübel; eine Maschine ohne Schlag poliert das Loch nur.',
  'More turn than any screwdriver, and it does not slip.':
    'Mehr Drehkraft als jeder Schraubendreher, und sie rutscht nicht ab.',
  'Studs are found by knocking and a thin pin; look for cables and pipes first.':
    'Ständer findet man durch Klopfen und einen dünnen Stift; zuerst nach Kabeln und Rohren suchen.',
  'Start with the bit clear of the work and feed against its rotation.':
    'Anlaufen lassen, ohne dass der Fräser das Holz berührt, und gegen seine Drehung führen.',
  'Burrs take hardwood away little by little: for detail and for hollows a knife does not reach; a bowl is quicker with a hook knife.':
    'Fräser nehmen hartes Holz nach und nach weg: für Feines und Mulden, die ein Messer nicht erreicht; eine Schale geht mit dem Löffelmesser schneller.',
  'As wide as the machine and no wider; end grain never.': 'So breit wie die Maschine und nicht breiter; Hirnholz nie.',
  'For end grain and tops wider than any machine.': 'Für Hirnholz und Platten, breiter als jede Maschine.',
  'A strop between honings keeps an edge going.': 'Ein Leder zwischen dem Schärfen hält eine Schneide am Leben.',
  'The filter stays clear; the bin takes the chips.': 'Der Filter bleibt frei; die Tonne nimmt die Späne.',
  'Choosing boards, fetching tools, thinking, sweeping up: about a sixth of the hours, however one works.':
    'Bretter aussuchen, Werkzeug holen, nachdenken, kehren: etwa ein Sechstel der Stunden, wie man auch arbeitet.',
  'What does not go together dry will not go together with glue on it.':
    'Was trocken nicht zusammengeht, geht mit Leim erst recht nicht.',
  'Quick on shelves and slats; cleaning the gun takes as long as the coat.':
    'Schnell bei Regalen und Latten; die Pistole zu reinigen dauert so lange wie der Anstrich.',
  'An hour of steam for each 25 mm of thickness is waiting; the bend takes a minute. Some spring back.':
    'Eine Stunde Dampf je 25 mm Dicke ist Warten; das Biegen dauert eine Minute. Manches federt zurück.',
  'Its machines, after its introduction; by the hour.': 'Ihre Maschinen, nach ihrer Einweisung; stundenweise.',
  'A panel saw cuts true; the sheet has to get there.': 'Eine Plattensäge schneidet genau; die Platte muss hin.',
  'For saws, knives of machines and chipped irons; edges in daily use are one’s own work.':
    'Für Sägen, Maschinenmesser und schartige Eisen; Schneiden im täglichen Gebrauch sind eigene Arbeit.',
  'What is sold is put up by whoever buys it.': 'Verkauftes hängt auf, wer es kauft.',
  'A mitre shows every tenth of a millimetre: true the ends rather than trust the saw.':
    'Eine Gehrung zeigt jeden Zehntelmillimeter: lieber die Enden nacharbeiten, als der Säge trauen.',
  'Buy the flex and holder made up; wiring is for a licensed electrician.':
    'Kabel und Fassung fertig kaufen; Verdrahten ist für eine Elektrofachkraft.',
  'The two short pieces of the middle layer leave a gap for the handle: its mortise needs no chisel.':
    'Die zwei kurzen Stücke der Mittellage lassen eine Lücke für den Stiel: der Schlitz braucht keinen Beitel.',
  'Fix it to the wall: shelves get climbed.': 'An der Wand befestigen: auf Regale wird geklettert.',
  'Its rods carry the load: into studs or sound masonry only.':
    'Seine Stangen tragen die Last: nur in Ständer oder festes Mauerwerk.',
  'Tall and narrow: fix it to the wall.': 'Hoch und schmal: an der Wand befestigen.',
  'Shelves run with their grain along, sides with theirs up: both move in depth together.':
    'Böden laufen mit der Faser längs, Seiten nach oben: beide arbeiten gemeinsam in der Tiefe.',
  'Carries people: mortise and tenon, not pocket screws.':
    'Trägt Menschen: Schlitz und Zapfen, keine Taschenschrauben.',
  'The top moves: hold it with buttons or slotted screws, not rigidly.':
    'Die Platte arbeitet: mit Nutklötzen oder Langlöchern halten, nicht starr.',
  'The piece for a first sale: short cuts, four legs, no drawer.':
    'Das Stück für einen ersten Verkauf: kurze Schnitte, vier Beine, keine Schublade.',
  'The top moves some millimetres a year across its width: fix it so that it can.':
    'Die Platte arbeitet im Jahr einige Millimeter in der Breite: so befestigen, dass sie kann.',
  'A top this wide moves by several millimetres: buttons or slots, never rigid battens. Tables carry load: real joints.':
    'Eine so breite Platte arbeitet mehrere Millimeter: Nutklötze oder Langlöcher, nie starre Leisten. Tische tragen Last: echte Verbindungen.',
  'Carries people: mortise and tenon or loose tenons, not screws into end grain.':
    'Trägt Menschen: Schlitz und Zapfen oder lose Zapfen, keine Schrauben ins Hirnholz.',
  'Its legs must let it move across the grain.': 'Die Beine müssen sie quer zur Faser arbeiten lassen.',
  'Carries people, and stands in the rain: outdoor glue, no end grain on the ground.':
    'Trägt Menschen und steht im Regen: Leim für außen, kein Hirnholz am Boden.',
  'Wet earth is heavy: brackets into masonry, and nobody sits under it.':
    'Nasse Erde ist schwer: Konsolen ins Mauerwerk, und niemand sitzt darunter.',
  'Solid panels move: let the bottom float in its groove and hinge the lid with room.':
    'Massivholz arbeitet: den Boden in der Nut schwimmen lassen und den Deckel mit Luft anschlagen.',
  'The panel of a door floats in its groove; glue the frame alone.':
    'Die Füllung einer Tür schwimmt in ihrer Nut; nur den Rahmen leimen.',
  'Cases of sheet goods are what pocket joints are for.': 'Korpusse aus Platten sind, wofür Taschenschrauben da sind.',
  'Fingers and heads: a lid stay that cannot slam, and air holes.':
    'Finger und Köpfe: ein Deckelhalter, der nicht zuschlagen kann, und Luftlöcher.',
  'Carries people, and has to come apart for the stairs: bolts at the corners.':
    'Trägt Menschen und muss für die Treppe zerlegbar sein: Bolzen an den Ecken.',
  'Tops move across the grain: buttons or slotted holes, not rigid battens.':
    'Platten arbeiten quer zur Faser: Nutklötze oder Langlöcher, keine starren Leisten.',
  'The hardest thing to stand up to a person leaning back: real joints, grain along the legs.':
    'Am schwersten hält, was einem Menschen beim Zurücklehnen standhält: echte Verbindungen, Faser längs der Beine.',
  'Corners rounded; a finish that is safe for toys when dry.':
    'Ecken gerundet; eine Oberfläche, die trocken für Spielzeug taugt.',
  'Cables run in walls: find them before a nail does.': 'In Wänden laufen Kabel: finde sie, bevor es ein Nagel tut.',
  'Two sides slotted over one another; it packs flat.': 'Zwei Seiten ineinandergesteckt; flach zu verstauen.',
  'No part a small child could swallow, axles that cannot be pulled out, a finish safe for toys.':
    'Kein Teil, das ein kleines Kind verschlucken könnte, Achsen, die nicht herausgehen, eine Oberfläche für Spielzeug.',
  'Wide in the foot: a wet coat pulls it over.': 'Breit im Fuß: ein nasser Mantel zieht ihn um.',
  'Lined inside, so that wet earth does not lie on the wood; what treated timber gives off is not for food.':
    'Innen ausgekleidet, damit nasse Erde nicht am Holz liegt; was behandeltes Holz abgibt, ist nichts für Essbares.',
  'Boards laid with a gap: nothing is glued across the grain, so nothing can crack.':
    'Bretter mit Fuge gelegt: nichts ist quer zur Faser geleimt, also kann nichts reißen.',
  'Carries people: bolted through at the seat, and no end grain left standing in water.':
    'Trägt Menschen: am Sitz durchgebolzt, und kein Hirnholz, das im Wasser steht.',
  'The brace runs up from the lower hinge, so that it is pressed and not pulled.':
    'Die Strebe läuft vom unteren Band aufwärts, damit sie gedrückt und nicht gezogen wird.',
  'Carries people: bolts where legs and bearers cross.': 'Trägt Menschen: Bolzen, wo Beine und Träger sich kreuzen.',
  'Its edge is only as straight as the factory edge it starts from: have that strip cut at the yard.':
    'Ihre Kante ist nur so gerade wie die Werkskante, von der sie ausgeht: lass den Streifen beim Händler schneiden.',
  'Square is all it is for: set the stop with the best square you have.':
    'Der rechte Winkel ist ihr ganzer Zweck: stell den Anschlag mit deinem besten Winkel.',
  'Lies across the sawhorses; a straight board is its fence.':
    'Liegt quer über den Böcken; ein gerades Brett ist sein Anschlag.',
  'Build it from what is owned; it teaches the next tool.': 'Aus Vorhandenem gebaut; es lehrt das nächste Werkzeug.',
  'Planed hollow by a millimetre or two at the ends, so that the middle presses as well.':
    'Zu den Enden um ein, zwei Millimeter gewölbt gehobelt, damit auch die Mitte drückt.',
  'Two machines on one footprint.': 'Zwei Maschinen auf einer Stellfläche.',
  'Tall and loaded: fixed to the wall.': 'Hoch und beladen: an der Wand befestigt.',
  'Carries people: an upright in the middle under the seat.':
    'Trägt Menschen: eine Stütze in der Mitte unter dem Sitz.',
  'Raised through slowly, the insert held down; the slot for the riving knife is cut on.':
    'Langsam hindurchgehoben, die Einlage niedergehalten; der Schlitz für den Spaltkeil wird verlängert.',
  'Strips sawn at 45°: what hangs on them can be moved without a tool.':
    'Leisten unter 45° gesägt: was daran hängt, lässt sich ohne Werkzeug umhängen.',
  'As flat as what is put together on it is to be.': 'So eben, wie werden soll, was darauf zusammengesetzt wird.'
}
